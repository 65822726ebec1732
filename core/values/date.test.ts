import fc from 'fast-check';
import { DAY, readDate, shiftDate, spanBetween, workingDaysBetween } from './date';

const at = (text: string): number => readDate(text, true)!.time;
const day = (time: number): string => new Date(time).toISOString().slice(0, 10);
const time = fc.integer({ min: -20_000, max: 40_000 }).map((d) => d * DAY);
const count = fc.integer({ min: -400, max: 400 });

test.each([
  ['2025-01-31', 1, 'months', '2025-02-28'],
  ['2024-02-29', 1, 'years', '2025-02-28'],
  ['2025-03-31', -1, 'months', '2025-02-28'],
  ['2025-12-30', 2, 'weeks', '2026-01-13'],
  ['2025-05-02', 1, 'working days', '2025-05-05'],
  ['2025-05-05', -1, 'working days', '2025-05-02'],
] as const)('%s moved by %d %s is %s', (from, n, unit, to) => expect(day(shiftDate(at(from), n, unit))).toBe(to));

test('a date moved by days, weeks or working days is that far away', () => {
  fc.assert(fc.property(time, count, fc.constantFrom('days' as const, 'weeks' as const), (t, n, unit) => spanBetween(t, shiftDate(t, n, unit), unit) === n));
  fc.assert(fc.property(time, count.filter((n) => n > 0), (t, n) => spanBetween(t, shiftDate(t, n, 'working days'), 'working days') === n));
});

test('months keep the day where the month has it, and never leave the month', () => {
  fc.assert(fc.property(time, count, (t, n) => {
    const [a, b] = [new Date(t), new Date(shiftDate(t, n, 'months'))];
    const months = (b.getUTCFullYear() - a.getUTCFullYear()) * 12 + b.getUTCMonth() - a.getUTCMonth();
    return months === n && b.getUTCDate() <= a.getUTCDate() && (b.getUTCDate() === a.getUTCDate() || new Date(b.getTime() + DAY).getUTCDate() === 1);
  }));
});

test('a part of a day moves nothing but hours', () => {
  expect(shiftDate(0, 1.5, 'days')).toBeNaN();
  expect(shiftDate(0, 1.5, 'hours')).toBe(5_400_000);
});

test('holidays are no working days, and count once where they fall on a weekend', () => {
  const closed = [at('2025-05-01'), at('2025-05-03')].map((t) => t / DAY);
  expect(workingDaysBetween(at('2025-04-30'), at('2025-05-06'), Int32Array.from(closed))).toBe(3);
  expect(day(shiftDate(at('2025-04-30'), 1, 'working days', new Set(closed)))).toBe('2025-05-02');
  fc.assert(fc.property(time, count.filter((n) => n > 0), fc.uniqueArray(fc.integer({ min: -20_000, max: 41_000 }), { maxLength: 40 }), (t, n, days) => {
    days.sort((a, b) => a - b);
    return workingDaysBetween(t, shiftDate(t, n, 'working days', new Set(days)), Int32Array.from(days)) === n;
  }));
});
