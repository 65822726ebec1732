import fc from 'fast-check';
import { shown } from './shown';

test.each([
  [1204.5, { decimals: 2, thousands: true }, '1\u202f204.50'],
  [1234567, { thousands: true }, '1\u202f234\u202f567'],
  [-15.25, { decimals: 1, brackets: true }, '(15.3)'],
  [-15.25, { decimals: 1 }, '\u221215.3'],
  [-0.001, { decimals: 2 }, '0.00'],
  [0.125, { percent: true }, '12.5\u202f%'],
  [0.125, { percent: true, decimals: 0 }, '13\u202f%'],
  [3, { sign: { text: '€', side: 'front' }, decimals: 2 }, '€3.00'],
  [3, { sign: { text: 'EUR', side: 'behind' } }, '3\u00a0EUR'],
  [-3, { sign: { text: 'EUR', side: 'front' }, brackets: true }, '(EUR\u00a03)'],
  ['waived', { decimals: 2 }, 'waived'],
  [null, { decimals: 2 }, ''],
  ['2025-05-03', { date: 'weekday day month year' }, 'Saturday 3 May 2025'],
  ['2025-05-03', { date: 'day.month.year' }, '03.05.2025'],
  ['2025-05-03T14:05:00', { date: 'day/month/year' }, '03/05/2025 14:05'],
  ['soon', { date: 'month year' }, 'soon'],
  [2.5, undefined, '2.5'],
] as const)('%s shown with %j', (value, look, text) => expect(shown(value, look as never)).toBe(text));

test('the digits are those of the value, rounded', () => {
  fc.assert(fc.property(fc.double({ min: -1e9, max: 1e9, noNaN: true }), fc.integer({ min: 0, max: 6 }), (value, decimals) => {
    const read = Number(shown(value, { decimals, thousands: true }).replace(/\u202f/g, '').replace('\u2212', '-'));
    return Math.abs(read - value) <= 0.5 * 10 ** -decimals + Math.abs(value) * 1e-14;
  }));
});
