import * as workspaces from './workspaces';
import * as rows from './rows';
import * as proofs from './proofs';
import * as compare from './compare';
import * as covering from './covering';
import * as handoff from './handoff';
import { ownDatabase } from './testing/database';
import { exact, stateOf } from './testing/kit';
import * as server from './testing/kit';

ownDatabase('kulfi_seen');

const LOTS = 'Lot,Weight kg,Paid,Delivered\nL-1,12.5,1204.5,2025-03-01\nL-2,6,-5,2025-03-04\nL-3,8,40,\nL-4,,,2025-04-02\n';

test('marks are stored with the column and told for the rows that are seen, in the order they are seen in', async () => {
  const ids = await server.bring(LOTS, 'lots');
  await server.keep(ids, 'Mark ‹Lot› in the kept accent where ‹Weight kg› is more than 7.');
  await server.keep(ids, 'Mark ‹Lot› in the held accent where ‹Paid› is less than 0.');
  await server.keep(ids, 'Rename ‹Weight kg› to ‹Kilos›.');
  const stateId = await stateOf(ids);
  const down = await rows.viewTable(stateId, { sort: { column: 'Lot', down: true }, filter: null });
  const window = await rows.rowsOf(down, 0, 10);
  expect(window.positions).toEqual([3, 2, 1, 0]);
  expect(await rows.marksAt(stateId, window.positions)).toEqual({ Lot: [0, 1, 2, 1] });
  const [table] = (await workspaces.viewWorkspace(ids.workspaceId)).tables;
  expect(table!.columns[0]!.marks).toEqual([{ accent: 'kept', where: '‹Kilos› is more than 7', stands: true }, { accent: 'held', where: '‹Paid› is less than 0', stands: true }]);
});

test('a mark that looks at a covered column says nothing of it', async () => {
  const ids = await server.bring(LOTS, 'lots');
  await server.keep(ids, 'Mark ‹Lot› in the kept accent where ‹Paid› is more than 100.');
  const stateId = await stateOf(ids);
  expect(await rows.marksAt(stateId, [0, 1])).toEqual({ Lot: [1, 0] });
  await covering.setCovering(ids.workspaceId, { on: true, columns: ['Paid'] });
  expect(await rows.marksAt(stateId, [0, 1])).toEqual({});
});

test('a proof shows how values were written and how they will be; a workbook has the same formats', async () => {
  const ids = await server.bring(LOTS, 'lots');
  const [proof] = await proofs.prove(await stateOf(ids), [exact('Show ‹Paid› with 2 decimals with thousands apart with "€" in front with negative numbers in brackets.')], 'all');
  expect(proof!.columns.find((c) => c.name === 'Paid')?.looks).toEqual([null, { decimals: 2, thousands: true, sign: { text: '€', side: 'front' }, brackets: true }]);
  expect(proof!.kinds.map((k) => [k.key, k.rows])).toEqual([['none', 1], ['shown', 3]]);
  await server.keep(ids, 'Show ‹Paid› with 2 decimals with thousands apart with "€" in front with negative numbers in brackets.');
  await server.keep(ids, 'Show ‹Delivered› with dates like "3 May 2025".');
  const { default: ExcelJS } = await import('exceljs');
  const book = new ExcelJS.Workbook();
  await book.xlsx.load(await new Response(await handoff.workbook(ids.workspaceId, ids.tableId)).arrayBuffer());
  const sheet = book.worksheets[0]!;
  expect([sheet.getCell('C2').value, sheet.getCell('C2').numFmt]).toEqual([1204.5, '"€"#,##0.00;("€"#,##0.00)']);
  expect([(sheet.getCell('D2').value as Date).toISOString().slice(0, 10), sheet.getCell('D2').numFmt]).toEqual(['2025-03-01', 'd mmmm yyyy']);
});

test('versions of a table are compared and looked at; what is covered stays so, and other workspaces are not told of', async () => {
  const ids = await server.bring(LOTS, 'lots');
  const first = await stateOf(ids);
  await server.keep(ids, 'Set ‹Paid› to ‹Paid› times 2.');
  await server.keep(ids, 'Drop ‹Delivered›.');
  const now = await stateOf(ids);
  const change = await compare.compareStates(ids.workspaceId, first, now);
  expect([change.cells, change.columnsGone]).toEqual([3, ['Delivered']]);
  expect(change.columns[0]!.ways[0]).toEqual({ words: 'another number', cells: 3, examples: [{ position: 0, before: 1204.5, after: 2409 }, { position: 1, before: -5, after: -10 }, { position: 2, before: 40, after: 80 }] });
  const was = await workspaces.tableAt(ids.workspaceId, first);
  expect([was.stateId, was.columns.map((c) => c.name)]).toEqual([first, ['Lot', 'Weight kg', 'Paid', 'Delivered']]);
  await covering.setCovering(ids.workspaceId, { on: true, columns: ['Paid'] });
  expect(JSON.stringify(await compare.compareStates(ids.workspaceId, first, now))).not.toContain('1204.5');
  const other = await server.bring(LOTS, 'others');
  await expect(compare.compareStates(other.workspaceId, first, now)).rejects.toThrow('no such version');
  await expect(workspaces.tableAt(other.workspaceId, first)).rejects.toThrow('no such version');
});
