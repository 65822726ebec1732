import * as record from './record';
import * as review from './review';
import * as tryouts from './tryouts';
import * as workspaces from './workspaces';
import { ownDatabase } from './testing/database';
import * as server from './testing/kit';
import { column, exact, type Ids } from './testing/kit';

ownDatabase('kulfi_tryouts');

const LOTS = 'Lot,Site,Kg\nL-1,Teal,10\nL-2,Teal,5.5\nL-3,Heath,7\n';

const now = (lots: Ids): ReturnType<typeof workspaces.viewWorkspace> => workspaces.viewWorkspace(lots.workspaceId);
const change = async (lots: Ids): Promise<workspaces.Change> => ({ workspaceId: lots.workspaceId, version: (await now(lots)).version });
const sentences = async (lots: Ids): Promise<string[]> => (await now(lots)).brief.map((s) => s.sentence);

/** Two sentences, and a try-out begun after the first. */
async function begun(name = 'per box'): Promise<Ids> {
  const lots = await server.bring(LOTS, 'lots');
  await server.keep(lots, 'Set ‹Kg› to ‹Kg› times 2.', [{ kind: null, position: 2 }]);
  await server.keep(lots, 'Set aside rows where ‹Site› is "Heath".');
  await tryouts.beginTryout({ ...(await change(lots)), key: (await now(lots)).brief[0]!.key, name });
  return lots;
}

test('a try-out begins after a sentence, goes its own way, and the brief is as it was', async () => {
  const lots = await begun();
  expect(await sentences(lots)).toEqual(['Set ‹Kg› to ‹Kg› times 2.']);
  expect(await column(lots, 'Kg')).toEqual([20, 11, 7]);
  await server.keep(lots, 'Add ‹Boxes› as ‹Kg› divided by 4.');
  await workspaces.moveRevision(await change(lots), 'undo');
  await workspaces.moveRevision(await change(lots), 'redo');
  expect(await column(lots, 'Boxes')).toEqual([5, 2.75, 1.75]);

  const { tryout } = await now(lots);
  expect(tryout!.name).toBe('per box');
  await tryouts.leaveTryout(await change(lots));
  const home = await now(lots);
  expect([home.tryout, home.tryouts.map((t) => t.name), home.brief.length]).toEqual([null, ['per box'], 2]);
  expect(tryout!.home).toEqual([{ tableId: lots.tableId, stateId: home.tables[0]!.stateId }]);
  expect(await column(lots, 'Kg')).toEqual([20, 11]);

  await tryouts.openTryout({ ...(await change(lots)), id: home.tryouts[0]!.id });
  expect(await column(lots, 'Boxes')).toEqual([5, 2.75, 1.75]);
});

test('what is held or looked at in a try-out is not so in the brief', async () => {
  const lots = await begun();
  const { brief, holds, version } = await now(lots);
  expect(holds.map((h) => h.position)).toEqual([2]);
  await workspaces.changeHolds({ workspaceId: lots.workspaceId, version, key: brief[0]!.key, hold: [{ kind: null, position: 0, note: 'again' }], settle: [] });
  await review.saveLooks(lots.workspaceId, 'Ada', [{ key: brief[0]!.key, kind: 'done', position: 1, sampleId: null, verdict: 'wrong', note: '' }]);
  expect(await column(lots, 'Kg')).toEqual([10, 11, 7]);
  await tryouts.leaveTryout(await change(lots));
  expect((await now(lots)).holds.map((h) => h.position)).toEqual([2]);
  expect(await column(lots, 'Kg')).toEqual([20, 11]);
  expect((await review.viewReview(lots.workspaceId)).items.every((i) => i.wrong === 0)).toBe(true);
});

test('a try-out taken over is the brief; undo brings the earlier one back', async () => {
  const lots = await begun();
  await server.keep(lots, 'Add ‹Boxes› as ‹Kg› divided by 4.');
  await expect(record.signOff({ ...(await change(lots)), tableId: lots.tableId, author: 'Ada', remark: 'x' })).rejects.toThrow('This is a try-out');
  await tryouts.takeOver(await change(lots));
  const taken = await now(lots);
  expect([taken.tryout, taken.tryouts, taken.undo]).toEqual([null, [], 'take over: per box']);
  expect(await sentences(lots)).toEqual(['Set ‹Kg› to ‹Kg› times 2.', 'Add ‹Boxes› as ‹Kg› divided by 4.']);
  await workspaces.moveRevision(await change(lots), 'undo');
  expect(await sentences(lots)).toEqual(['Set ‹Kg› to ‹Kg› times 2.', 'Set aside rows where ‹Site› is "Heath".']);
});

test('one of two try-outs is let go while it is open; names are not given twice; another workspace’s is not found', async () => {
  const lots = await begun();
  const key = (await now(lots)).brief[0]!.key;
  await expect(tryouts.beginTryout({ ...(await change(lots)), key, name: 'Per Box' })).rejects.toThrow('already');
  await tryouts.beginTryout({ ...(await change(lots)), key, name: 'per jar' });
  expect((await now(lots)).tryouts.map((t) => t.name)).toEqual(['per box']);
  await tryouts.dropTryout({ ...(await change(lots)), id: (await now(lots)).tryout!.id });
  expect((await sentences(lots)).length).toBe(2);
  const others = await server.bring(LOTS, 'others');
  await expect(tryouts.openTryout({ ...(await change(others)), id: (await now(lots)).tryouts[0]!.id })).rejects.toMatchObject({ code: 'gone' });
  await expect(tryouts.leaveTryout({ workspaceId: lots.workspaceId, version: 1 })).rejects.toMatchObject({ code: 'changed' });
});

test('the brief is returned to an earlier point without running anything again, and undo goes forth', async () => {
  const lots = await server.bring(LOTS, 'lots');
  for (const s of ['Set ‹Kg› to ‹Kg› times 2.', 'Set aside rows where ‹Site› is "Heath".', 'Drop ‹Site›.']) await server.keep(lots, s);
  const before = await now(lots);
  await workspaces.returnTo({ ...(await change(lots)), key: before.brief[0]!.key });
  const after = await now(lots);
  expect([after.brief.length, after.tables[0]!.stateId]).toEqual([1, before.brief[0]!.afterState]);
  await expect(workspaces.returnTo({ ...(await change(lots)), key: after.brief[0]!.key })).rejects.toThrow('stands there already');
  await workspaces.moveRevision(await change(lots), 'undo');
  expect((await now(lots)).tables[0]!.stateId).toBe(before.tables[0]!.stateId);
  await workspaces.editSentence({ ...(await change(lots)), key: before.brief[0]!.key, request: 'x', plans: [exact('Set ‹Kg› to ‹Kg› times 3.')] });
  expect(await column(lots, 'Kg')).toEqual([30, 16.5]);
});
