import fc from 'fast-check';
import { textTable } from '../table/table';
import { told } from '../testing/told';
import { compareTables } from './compare';

const LOTS = 'Lot,Site,Kg,Note\nL-1,Teal,10,ok\nL-2,heath,7,\nL-3,Quarry,3,late\n';

test('cells that changed are told by column and by the way in which they changed; rows and columns that came or went are counted', async () => {
  const { session } = await told(LOTS, 'In ‹Site›, write in title case.', 'Set ‹Kg› to ‹Kg› times 2.', 'Replace cells that are "late" in ‹Note› with "early".', 'Fill blanks in ‹Note› with "none".', 'Remove cells that are "ok" from ‹Note›.', 'Add ‹Double› as ‹Kg› times 2.', 'Drop ‹Lot›.');
  const { session: first } = await told(LOTS);
  const change = await compareTables(first.table, session.table);
  expect(change.columns.map((c) => [c.name, c.cells, c.ways.map((w) => [w.way, w.cells, w.positions])])).toEqual([
    ['Site', 1, [['form', 1, [1]]]],
    ['Kg', 3, [['number', 3, [0, 1, 2]]]],
    ['Note', 3, [['emptied', 1, [0]], ['filled', 1, [1]], ['text', 1, [2]]]],
  ]);
  expect([change.columnsGone, change.columnsNew, change.rowsGone, change.rowsNew]).toEqual([['Lot'], ['Double'], 0, 0]);
});

test('rows that were set aside are not compared, but counted', async () => {
  const { session } = await told(LOTS, 'Set ‹Kg› to ‹Kg› plus 1.', 'Set aside rows where ‹Kg› is less than 5.');
  const { session: first } = await told(LOTS);
  expect(await compareTables(first.table, session.table)).toMatchObject({ columns: [{ name: 'Kg', cells: 2 }], rowsGone: 1, rowsNew: 0 });
  expect(await compareTables(session.table, first.table)).toMatchObject({ rowsGone: 0, rowsNew: 1 });
});

test('a table is no different from itself, and as many cells differ one way as the other', async () => {
  const rows = fc.array(fc.tuple(fc.constantFrom('', 'a', 'A', 'b '), fc.constantFrom('1', '2', '')), { minLength: 1, maxLength: 20 });
  await fc.assert(fc.asyncProperty(rows, rows, async (a, b) => {
    const n = Math.min(a.length, b.length);
    const [x, y] = [a, b].map((r) => textTable('t', ['T', 'N'], r.slice(0, n)));
    expect((await compareTables(x!, x!)).columns).toEqual([]);
    const cells = async (p: typeof x, q: typeof x): Promise<number> => (await compareTables(p!, q!)).columns.reduce((sum, c) => sum + c.cells, 0);
    const differ = a.slice(0, n).flatMap((row, i) => row.filter((v, c) => v !== b[i]![c])).length;
    expect([await cells(x, y), await cells(y, x)]).toEqual([differ, differ]);
  }));
});
