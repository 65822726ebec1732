import * as norms from './norms';
import * as workspaces from './workspaces';
import { ownDatabase } from './testing/database';
import * as server from './testing/kit';
import { cells, column } from './testing/kit';

ownDatabase('kulfi_norms');

const LOTS = 'Lot,Moisture,Grade\nL-1,16.2,A\nL-2,17.5,B\nL-3,19,B\nL-4,21,B\nL-5,,A\n';
const TEXT = 'Norms of 2025\nMoisture: up to 17.5 % grade A, over 17.5 to 20 % grade B, over 20 % rejected';

test('pasted norms are shown before they count, kept as a table with their words, and rows are held against them', async () => {
  const lots = await server.bring(LOTS, 'lots');
  const order = { ...lots, text: TEXT };
  const seen = await norms.previewNorms(order);
  expect([seen.norms.length, seen.unread, seen.kept]).toEqual([3, ['Norms of 2025'], null]);
  expect((await workspaces.viewWorkspace(lots.workspaceId)).tables).toHaveLength(1);

  const { kept } = await norms.keepNorms({ ...order, name: 'norms' });
  expect(await cells({ workspaceId: lots.workspaceId, tableId: kept!.tableId })).toEqual([
    ['Moisture', null, 17.5, 'to', '%', 'A', 'up to 17.5 % grade A'],
    ['Moisture', 17.5, 20, 'to', '%', 'B', 'over 17.5 to 20 % grade B'],
    ['Moisture', 20, null, 'neither', '%', 'rejected', 'over 20 % rejected'],
    [null, null, null, null, null, null, 'Norms of 2025'],
  ]);
  for (const sentence of kept!.sentences[0]!.split(/(?<=\.) /)) await server.keep(lots, sentence);
  expect(await column(lots, 'Expected Grade')).toEqual(['A', 'A', 'B', 'rejected', null]);
  expect(await column(lots, 'Grade agrees')).toEqual(['yes', 'no', 'yes', 'no', null]);

  // A band put right changes what is expected.
  await server.keep({ workspaceId: lots.workspaceId, tableId: kept!.tableId }, 'Set ‹To› to 17, only where ‹Grade› is "A".');
  expect((await workspaces.viewWorkspace(lots.workspaceId)).brief).toHaveLength(3);
});

test('a text without a band is refused, and a name is not given twice', async () => {
  const lots = await server.bring(LOTS, 'lots');
  await expect(norms.keepNorms({ ...lots, text: 'See the office.', name: 'norms' })).rejects.toThrow('No band was found');
  await expect(norms.keepNorms({ ...lots, text: TEXT, name: 'Lots' })).rejects.toThrow('already');
});

test('norms without classes become a check', async () => {
  const lots = await server.bring(LOTS, 'lots');
  const { kept } = await norms.keepNorms({ ...lots, text: 'moisture must not exceed 20 %', name: 'limits' });
  expect(kept!.sentences).toHaveLength(1);
  await server.keep(lots, kept!.sentences[0]!);
  const { brief } = await workspaces.viewWorkspace(lots.workspaceId);
  expect(brief[0]!.report.kinds.map((k) => [k.key, k.rows])).toEqual([['fails', 1], ['holds', 4]]);
});
