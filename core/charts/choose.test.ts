import type { AnswerTable } from '../steps/step';
import type { CellValue } from '../values/cell';
import { chartFor, chartWords, drawn } from './choose';

const answer = (columns: string[], rows: CellValue[][]): AnswerTable => ({ columns, rows, members: rows.map(() => 1), groups: rows.length });
const sites = answer(['Site', 'Total Kg'], [['Teal', 120], ['Mill', 80], ['Garden', null]]);
const months = answer(['Month', 'Kg', 'Paid'], [['2025-03', 10, 100], ['2025-04', 12, 120], ['2025-05', 9, 90]]);

test('groups make bars, periods make a line, and a word changes it', () => {
  expect(chartFor(sites)).toEqual({ kind: 'bars', label: 0, series: [1] });
  expect(chartFor(months)).toEqual({ kind: 'line', label: 0, series: [1, 2] });
  expect(chartFor(months, 'bars')).toMatchObject({ kind: 'bars' });
  expect(chartFor(sites, 'line')).toMatchObject({ kind: 'line' });
  expect(chartFor(months, 'points')).toEqual({ kind: 'points', x: 1, y: 2, label: 0 });
});

test('two groups make a series for each value of the second', () => {
  const both = answer(['Site', 'Status', 'Rows'], [['Teal', 'accepted', 5], ['Teal', 'rejected', 1], ['Mill', 'accepted', 4]]);
  const plan = chartFor(both)!;
  expect(plan).toEqual({ kind: 'grouped', label: 0, by: 1, value: 2 });
  expect(drawn(both, plan as never)).toEqual({ labels: ['Teal', 'Mill'], series: [{ name: 'accepted', values: [5, 4] }, { name: 'rejected', values: [1, null] }] });
});

test('a figure that would vanish beside another is left to the table', () => {
  expect(chartFor(answer(['Site', 'Value', 'Share'], [['Teal', 90_000, 0.4], ['Mill', 70_000, 0.6]]))).toMatchObject({ series: [1] });
});

test('there is no picture where the table says it better', () => {
  expect(chartFor(answer(['Rows'], [[12]]))).toBeNull();
  expect(chartFor(answer(['Site'], [['Teal'], ['Mill']]))).toBeNull();
  expect(chartFor(answer(['Lot', 'Kg'], Array.from({ length: 100 }, (_, i) => [`L-${i}`, i])))).toBeNull();
});

test('a picture says in words what it shows', () => expect(chartWords(sites, chartFor(sites)!)).toBe('Total Kg by Site: highest Teal with 120, lowest Mill with 80'));
