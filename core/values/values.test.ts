import fc from 'fast-check';
import { readClock, readDate, readDayCount, readUnixTime, spanBetween, writeDate } from './date';
import { changeCase } from './letters';
import { readAmount, readPlainNumber, roundTo, writeNumber } from './number';
import { convertUnit, readDuration, readMeasure, unitName } from './units';

describe('numbers', () => {
  test.each([['42', 42], ['-3.5', -3.5], ['1,234.50', 1234.5], ['.5', 0.5]])('a plain number %s', (text, value) => expect(readPlainNumber(text)!.value).toBe(value));
  test.each(['007', '12,34', '1234567890123456', '12 kg', '', 'n/a', '1.2.3'])('%s is no plain number', (text) => expect(readPlainNumber(text)).toBeNull());
  test.each([
    ['€9.40', 9.4], ['8.60 EUR', 8.6], ['10,20', 10.2], ['(45.00)', -45], ['1.234,56', 1234.56], ['1,234', 1234], ['£1,120.00', 1120], ['17.2 %', 17.2], ['29.6kg', 29.6], ['45-', -45], ['−12', -12], ["1'200", 1200], ['€ 40.00', 40],
  ])('an amount %s', (text, value) => expect(readAmount(text)!.value).toBe(value));
  test.each(['waived', 'about 20', '10-15', '3 lb 4 oz', '-', ''])('%s is no amount', (text) => expect(readAmount(text)).toBeNull());
  test('halves go away from zero, and dust does not decide', () => {
    expect([1.005, 2.675, -2.5, 0.125].map((n) => roundTo(n, 2))).toEqual([1.01, 2.68, -2.5, 0.13]);
    expect([roundTo(2.5, 0), roundTo(-2.5, 0), roundTo(23.0000000001, 0, 'up'), roundTo(23.3, 0, 'up'), roundTo(-1.2, 0, 'down')]).toEqual([3, -3, 24, 24, -2]);
  });
  test('what is written is read back', () => {
    fc.assert(fc.property(fc.integer({ min: -1e12, max: 1e12 }), fc.integer({ min: 0, max: 4 }), (n, places) => {
      const value = n / 10 ** places;
      expect(readAmount(writeNumber(value))!.value).toBeCloseTo(value, 6);
    }));
  });
});

describe('dates', () => {
  test.each([
    ['2025-05-03', '2025-05-03'], ['5 May 2025', '2025-05-05'], ['14/05/2025', '2025-05-14'], ['13.6.2025', '2025-06-13'], ['May 5th, 2025', '2025-05-05'], ['Mon, 5 May 2025', '2025-05-05'], ['3 Sept 25', '2025-09-03'],
  ])('%s', (text, iso) => expect(writeDate(readDate(text)!.time, false)).toBe(iso));
  test('day and month are told apart where they can be, else by the setting', () => {
    expect(writeDate(readDate('03/04/2025', true)!.time, false)).toBe('2025-04-03');
    expect(writeDate(readDate('03/04/2025', false)!.time, false)).toBe('2025-03-04');
    expect(readDate('03/04/2025')!.ambiguous).toBe(true);
    expect(writeDate(readDate('25/04/2025', false)!.time, false)).toBe('2025-04-25');
  });
  test.each(['31/04/2025', '2025-02-30', 'soon', '12', '2025-13-01'])('%s is no date', (text) => expect(readDate(text)).toBeNull());
  test('every day is read back as it was written', () => {
    fc.assert(fc.property(fc.integer({ min: -20_000, max: 40_000 }), (day) => expect(readDate(writeDate(day * 86_400_000, false))!.time).toBe(day * 86_400_000)));
  });
  test('full years and months count only when they are complete', () => {
    const at = (iso: string): number => readDate(iso)!.time;
    expect(spanBetween(at('2009-03-12'), at('2025-06-30'), 'years')).toBe(16);
    expect(spanBetween(at('2011-07-01'), at('2025-06-30'), 'years')).toBe(13);
    expect(spanBetween(at('2025-01-31'), at('2025-02-28'), 'months')).toBe(0);
    expect(spanBetween(at('2025-03-05'), at('2025-03-03'), 'days')).toBe(-2);
  });
  test('clocks', () => expect([readClock('18:00'), readClock('6.30 pm'), readClock('25:00')]).toEqual([1080, 1110, null]));
});

test('letters', () => {
  expect(changeCase('ODILE MARSH', 'title')).toBe('Odile Marsh');
  expect(changeCase("o'neil mcallister", 'title')).toBe("O'Neil Mcallister");
  expect(changeCase('BETTER LATE. never', 'sentence')).toBe('Better late. never');
  expect(changeCase('élan vital', 'title')).toBe('Élan Vital');
});

test('units', () => {
  expect(convertUnit(0.12, 'kg', 'g')).toBe(120);
  expect(convertUnit(93.2, 'F', 'C')).toBeCloseTo(34, 9);
  expect(convertUnit(3600, 'W', 'kW')).toBe(3.6);
  expect(convertUnit(1, 'kg', 'm')).toBeNull();
  expect(unitName('grams')).toBe('g');
  expect([readDuration('14:20'), readDuration('9 min 30 s'), readDuration('12 min'), readDuration('a while')]).toEqual([860, 570, 720, null]);
});

test.each([
  ['1.2k', 1200], ['€3.5m', 3_500_000], ['3.5m', 3.5], ['2 doz', 24], ['2 dozen', 24], ['4 million', 4_000_000], ['12 k', 12], ['-1.5K', -1500], ['(2k)', -2000],
])('what stands behind a number may multiply it: %s', (text, value) => expect(readAmount(text)!.value).toBe(value));

test.each([['13 - Garden', null], ['45.00-', -45], ['45.00- EUR', -45], ['9 -', -9]])('a dash behind a number: %s', (text, value) => expect(readAmount(text)?.value ?? null).toBe(value));

test.each([['3 lb 4 oz', 'kg', 1.474175], ['1 kg 500 g', 'g', 1500], ['5 ft, 6 in', 'm', 1.6764], ['3 lb and 4 oz', 'lb', 3.25], ['3 lb 4 cm', 'kg', null]])('amounts in several units: %s', (text, unit, value) => {
  const read = readMeasure(text, unit)?.value ?? null;
  if (value === null) expect(read).toBeNull();
  else expect(read).toBeCloseTo(value, 6);
});

test('counts of days and of seconds are dates', () => {
  const iso = (time: number | null): string | null => time === null ? null : new Date(time).toISOString().slice(0, 16);
  expect(['45123', '45123.5', '1700000000', '1700000000000', '451', '99999'].map((t) => iso(readDayCount(t) ?? readUnixTime(t)))).toEqual(['2023-07-16T00:00', '2023-07-16T12:00', '2023-11-14T22:13', '2023-11-14T22:13', null, null]);
});
