import fc from 'fast-check';
import { CHUNK_ROWS } from '../../table/column';
import { rowCount, textTable, type Table } from '../../table/table';
import { tableTexts } from '../../testing/tables';
import { headWithGlances, runPlan, tryPlan } from '../run';
import type { Plan } from '../registry';
import { balance } from '../../review/balance';
import { reasonsOf } from '../../review/statement';

const plan: Plan = { step: 'spread', column: 'Honeys', at: ';' };
const run = async (table: Table, p: Plan = plan, holds?: { rows?: number[]; kinds?: string[] }) =>
  runPlan(p, table, await headWithGlances(table), holds ? { holds: { rows: new Set(holds.rows), kinds: new Set(holds.kinds) } } : {});

const lots = textTable('lots', ['Lot', 'Honeys', 'Kg'], [['L-1', 'acacia; linden', '10'], ['L-2', '', '5'], ['L-3', ' heather ', '7'], ['L-4', 'acacia;linden;;meadow', '2']]);

test('a row for each piece, right behind the one it comes from; all other cells are the same', async () => {
  const { table, report } = await run(lots);
  expect(await tableTexts(table)).toEqual([
    ['L-1', 'acacia', '10'], ['L-1', 'linden', '10'], ['L-2', '', '5'], ['L-3', 'heather', '7'], ['L-4', 'acacia', '2'], ['L-4', 'linden', '2'], ['L-4', 'meadow', '2'],
  ]);
  expect([report.rowsIn, report.rowsOut]).toEqual([4, 7]);
  expect(report.kinds.map((k) => [k.key, k.rows, k.added ?? 0])).toEqual(expect.arrayContaining([['two', 1, 1], ['three', 1, 2], ['one', 1, 0], ['blank', 1, 0]]));
});

test('rows that were there keep their positions; the statement says how many were added', async () => {
  const { table, report } = await run(lots);
  expect([...table.rows!]).toEqual([0, 4, 1, 2, 3, 5, 6]);
  expect([...table.origins!]).toEqual([0, 3, 3]);
  expect(reasonsOf(report).reduce((n, r) => n + r.rows, 0)).toBe(4 - 7);
});

test('a row on hold, and one that was set aside, stays one row', async () => {
  const held = await run(lots, plan, { rows: [3], kinds: ['two'] });
  expect(rowCount(held.table)).toBe(4);
  expect((await tableTexts(held.table))[3]).toEqual(['L-4', 'acacia;linden;;meadow', '2']);
  const left = { ...lots, rows: Uint32Array.from([2, 0]) };
  expect(await tableTexts((await run(left)).table)).toEqual([['L-3', 'heather', '7'], ['L-1', 'acacia', '10'], ['L-1', 'linden', '10']]);
});

test('later steps work on added rows as on others, and rows can be added again', async () => {
  const first = (await run(lots)).table;
  const upper = (await run(first, { step: 'tidy', columns: ['Lot'], ways: ['lower'] })).table;
  const twice = (await run(upper, { step: 'stack', columns: ['Honeys', 'Kg'], names: 'What', values: 'Cell' })).table;
  expect(rowCount(twice)).toBe(14);
  expect((await tableTexts(twice)).slice(0, 5)).toEqual([['l-1', 'Honeys', 'acacia'], ['l-1', 'Kg', '10'], ['l-1', 'Honeys', 'linden'], ['l-1', 'Kg', '10'], ['l-2', 'Honeys', '']]);
});

test('a proof is tried over the same rows as are kept', async () => {
  const head = await headWithGlances(lots);
  expect(await tableTexts(await tryPlan(plan, lots, head))).toEqual(await tableTexts((await run(lots)).table));
});

test('over several chunks every row gives as many rows as it has pieces, in order', async () => {
  await fc.assert(fc.asyncProperty(fc.array(fc.integer({ min: 0, max: 4 }), { minLength: 1, maxLength: 40 }), async (counts) => {
    const n = CHUNK_ROWS + 100;
    const rows = Array.from({ length: n }, (_, i) => [`r${i}`, Array.from({ length: counts[i % counts.length]! }, (_, k) => `p${k}`).join(';'), '1']);
    const { table } = await run(textTable('lots', ['Lot', 'Honeys', 'Kg'], rows));
    const wanted = rows.flatMap(([lot, list]) => (list === '' ? [[lot, '', '1']] : list!.split(';').map((p) => [lot, p, '1'])));
    expect(await tableTexts(table)).toEqual(wanted);
  }), { numRuns: 4 });
});

test('columns of numbers become one column of numbers', async () => {
  const table = (await run(textTable('t', ['Site', 'May', 'June'], [['Teal', '1.5', '2'], ['Orin', '', '4']]), { step: 'convert', columns: ['May', 'June'], to: 'decimal' })).table;
  const { table: long, report } = await run(table, { step: 'stack', columns: ['May', 'June'], names: 'Month', values: 'Kg' });
  expect(await tableTexts(long)).toEqual([['Teal', 'May', '1.5'], ['Teal', 'June', '2'], ['Orin', 'May', ''], ['Orin', 'June', '4']]);
  expect((await balance(long)).find((t) => t.column === 'Kg')!.sum).toBe(7.5);
  expect(report.kinds.map((k) => k.key).sort()).toEqual(['all', 'gaps']);
});
