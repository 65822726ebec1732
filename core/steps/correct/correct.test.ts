import fc from 'fast-check';
import { cellsOf } from '../../formats/write';
import { tableFromBytes } from '../../formats/import';
import { checkPlan, readExact } from '../registry';
import { headWithGlances, runPlan } from '../run';
import { textTable } from '../../table/table';
import { sweepingPlan, withCorrection } from '../../review/corrections';
import type { CorrectPlan } from './step';

const lots = tableFromBytes('lots', new TextEncoder().encode('Lot,Site,Kg,Day\nL-1,Tael,42.5,2025-05-01\nL-2,Garden,,2025-05-02\nL-3,Tael,30,2025-05-03\n'));
const run = async (sentence: string): Promise<{ cells: unknown[][]; kinds: string[] }> => {
  const table = await lots;
  const { table: after, report } = await runPlan(readExact(sentence)!, table, await headWithGlances(table));
  return { cells: await cellsOf(after), kinds: [...report.codes!].map((c) => report.kinds.find((k) => k.code === c)!.key) };
};

test('cells are put right by a column that tells the rows apart, or by their line; the others stay', async () => {
  expect(await run('Put right ‹Site› by ‹Lot›: "L-1" from "Tael" to "Teal", "L-2" from "Garden" to blank.')).toEqual({ cells: [['L-1', 'Teal', 42.5, '2025-05-01'], ['L-2', null, null, '2025-05-02'], ['L-3', 'Tael', 30, '2025-05-03']], kinds: ['right', 'right', 'others'] });
  expect((await run('Put right ‹Kg› by row: 2 from blank to "18.25", 3 from "30" to "31".')).cells.map((r) => r[2])).toEqual([42.5, 18.25, 31]);
  expect((await run('Put right ‹Day› by row: 2 from "2025-05-02" to "2025-06-02".')).cells.map((r) => r[3])).toEqual(['2025-05-01', '2025-06-02', '2025-05-03']);
});

test('a cell that holds something else than what was decided on is left, and comes first', async () => {
  const { cells, kinds } = await run('Put right ‹Site› by ‹Lot›: "L-1" from "Teel" to "Teal", "L-3" from "X" to "Tael".');
  expect(cells.map((r) => r[1])).toEqual(['Tael', 'Garden', 'Tael']);
  expect(kinds).toEqual(['moved', 'others', 'others']);
});

test('a value that does not fit the column is refused with what to do', async () => {
  const [problem] = checkPlan(readExact('Put right ‹Kg› by row: 1 from "42.5" to "heavy".')!, await headWithGlances(await lots));
  expect(problem!.text).toBe('“Kg” holds numbers, and “heavy” is not one. Write it as one, or turn the column into text first.');
});

test('putting cells right and back again is as if nothing was done', async () => {
  await fc.assert(fc.asyncProperty(fc.array(fc.string({ maxLength: 4 }), { minLength: 1, maxLength: 30 }), fc.array(fc.tuple(fc.nat(29), fc.string({ maxLength: 4 })), { minLength: 1, maxLength: 10 }), async (values, changes) => {
    const table = textTable('t', ['V'], values.map((v) => [v]));
    const fixes = new Map(changes.filter(([i]) => i < values.length).map(([i, now]) => [i, now]));
    if (!fixes.size) return;
    const plan = (back: boolean): CorrectPlan => ({ step: 'correct', column: 'V', cells: [...fixes].map(([i, now]) => ({ at: String(i + 1), was: back ? now : values[i]!, now: back ? values[i]! : now })) });
    const head = await headWithGlances(table);
    const there = (await runPlan(plan(false), table, head)).table;
    expect((await cellsOf(there)).map(([v]) => v ?? '')).toEqual(values.map((v, i) => fixes.get(i) ?? v));
    expect(await cellsOf((await runPlan(plan(true), there, head)).table)).toEqual(await cellsOf(table));
  }));
});

const corrections = (...pairs: readonly [string, string][]): CorrectPlan => ({ step: 'correct', column: 'Site', cells: pairs.map(([was, now], i) => ({ at: String(i + 1), was, now })) });

test('a second correction of a cell keeps what the first was decided on; taken back, nothing is left', () => {
  const once = withCorrection(corrections(['a', 'b']), { at: '1', was: 'b', now: 'c' })!;
  expect(once.cells).toEqual([{ at: '1', was: 'a', now: 'c' }]);
  expect(withCorrection(once, { at: '1', was: 'c', now: 'a' })).toBeNull();
});

test('three corrections of the same sort bring the sentence that does them all, and others bring none', () => {
  expect(sweepingPlan(corrections(['Tael', 'Teal'], ['Tael', 'Teal'], ['Tael', 'Teal']), [])).toEqual({ step: 'replace', columns: ['Site'], find: { kind: 'texts', place: 'whole', texts: ['Tael'] }, with: 'Teal' });
  const upper = sweepingPlan(corrections(['12 - Teal', 'Teal'], ['3 - Garden', 'Garden'], ['40 - Mill', 'Mill']), ['7 - Heath']);
  expect(upper?.step).toBe('calculate');
  expect(sweepingPlan(corrections(['Tael', 'Teal'], ['Tael', 'Teal']), [])).toBeNull();
  expect(sweepingPlan(corrections(['a', 'x'], ['b', 'q'], ['c', 'm']), [])).toBeNull();
});
