import * as workspaces from './workspaces';
import * as rows from './rows';
import * as covering from './covering';
import * as review from './review';
import * as record from './record';
import { ownDatabase } from './testing/database';
import { cells, exact, type Ids } from './testing/kit';
import * as server from './testing/kit';

ownDatabase('kulfi_answers');

const LOTS = 'Lot,Site,Kg,Delivered\nL-1,Teal,10,2025-03-01\nL-2,Teal,5.5,2025-03-04\nL-3,Heath,7,2025-04-02\n';
const BY_SITE = 'Answer ‹Total Kg› as the sum of ‹Kg› over the rows; for each ‹Site›.';

const keep = async ({ workspaceId, tableId }: Ids, sentence: string, name: string): Promise<Ids> => {
  const { version } = await workspaces.viewWorkspace(workspaceId);
  const kept = await workspaces.keepAnswer({ workspaceId, tableId, version, request: sentence, plan: exact(sentence), name });
  return { workspaceId, tableId: kept.tableId };
};
const names = async ({ workspaceId }: Ids): Promise<string[]> => (await workspaces.viewWorkspace(workspaceId)).tables.map((t) => t.name);

test('a kept answer is a typed table, and is answered anew when a sentence before it changes', async () => {
  const lots = await server.bring(LOTS, 'lots');
  await server.keep(lots, 'Replace "Teal" in ‹Site› with "Upper Teal".');
  const kept = await keep(lots, BY_SITE, 'By site');
  expect(await cells(kept)).toEqual([['Upper Teal', 15.5], ['Heath', 7]]);
  const { brief, version, tables } = await workspaces.viewWorkspace(lots.workspaceId);
  expect(tables.map((t) => [t.name, t.answerOver, t.columns.map((c) => c.type)])).toEqual([['lots', null, ['text', 'text', 'decimal', 'date']], ['By site', 'lots', ['text', 'decimal']]]);
  await workspaces.editSentence({ workspaceId: lots.workspaceId, version, key: brief[0]!.key, request: 'x', plans: [exact('Set aside rows where ‹Site› is "Heath".')] });
  expect(await cells(kept)).toEqual([['Teal', 15.5]]);
});

test('sentences work on with it, and run again with the answer', async () => {
  const lots = await server.bring(LOTS, 'lots');
  const kept = await keep(lots, BY_SITE, 'By site');
  await server.keep(kept, 'Add ‹Double› as ‹Total Kg› times 2.');
  await server.keep(kept, 'Sort by ‹Total Kg›.');
  expect(await cells(kept)).toEqual([['Heath', 7, 14], ['Teal', 15.5, 31]]);
  // What is said of the table later changes the answer, and what was made of it.
  await server.keep(lots, 'Set ‹Kg› to ‹Kg› plus 1.');
  expect(await cells(kept)).toEqual([['Heath', 8, 16], ['Teal', 17.5, 35]]);
  const { brief, version } = await workspaces.viewWorkspace(lots.workspaceId);
  await review.putRight({ workspaceId: lots.workspaceId, version, tableId: lots.tableId, position: 2, column: 'Kg', now: '100' });
  expect(await cells(kept)).toEqual([['Teal', 17.5, 35], ['Heath', 100, 200]]);
  const answer = brief.find((s) => s.tableId === kept.tableId)!;
  await workspaces.editSentence({ workspaceId: lots.workspaceId, version: version + 1, key: answer.key, request: 'x', plans: [exact('Answer ‹Total Kg› as the highest of ‹Kg› over the rows; for each ‹Site›.')] });
  expect(await cells(kept)).toEqual([['Teal', 11, 22], ['Heath', 100, 200]]);
});

test('undo takes it back, redo brings it again; without it, what is said of it cannot run', async () => {
  const lots = await server.bring(LOTS, 'lots');
  const kept = await keep(lots, BY_SITE, 'By site');
  const version = async (): Promise<number> => (await workspaces.viewWorkspace(lots.workspaceId)).version;
  await workspaces.moveRevision({ workspaceId: lots.workspaceId, version: await version() }, 'undo');
  expect(await names(lots)).toEqual(['lots']);
  expect((await workspaces.listWorkspaces()).find((w) => w.id === lots.workspaceId)?.tables.map((t) => t.name)).toEqual(['lots']);
  await workspaces.moveRevision({ workspaceId: lots.workspaceId, version: await version() }, 'redo');
  expect(await names(lots)).toEqual(['lots', 'By site']);
  await server.keep(kept, 'Drop ‹Site›.');
  const key = (await workspaces.viewWorkspace(lots.workspaceId)).brief[0]!.key;
  await expect(workspaces.dropSentence({ workspaceId: lots.workspaceId, version: await version(), key, alsoDependent: false })).rejects.toThrow('is not kept any more');
  await workspaces.dropSentence({ workspaceId: lots.workspaceId, version: await version(), key, alsoDependent: true });
  expect(await names(lots)).toEqual(['lots']);
});

test('another table looks into it, its books balance, its rows have cards, and it goes out with a record', async () => {
  const lots = await server.bring(LOTS, 'lots');
  const kept = await keep(lots, BY_SITE, 'By site');
  await server.keep(lots, 'Add ‹Of its site› as ‹Kg› divided by (the ‹Total Kg› in the table "By site" where ‹Site› is ‹Site›).');
  expect((await server.column(lots, 'Of its site')).map((v) => Math.round(Number(v) * 1000))).toEqual([645, 355, 1000]);
  await server.keep(kept, 'Set aside rows where ‹Site› is "Heath".');
  const { statements } = await review.viewReview(lots.workspaceId);
  expect(statements.map((s) => [s.tableId, s.statement.balances])).toEqual([[lots.tableId, true], [kept.tableId, true]]);
  const { entries, firsts } = await workspaces.currentStates(lots.workspaceId);
  const card = await rows.rowCard(workspaces.changesOf(entries, kept.tableId), firsts.get(kept.tableId)!, 1);
  expect([card.source, card.now]).toEqual([[{ column: 'Site', value: 'Heath' }, { column: 'Total Kg', value: 7 }], null]);
  const made = await record.recordOf(lots.workspaceId, kept.tableId);
  const { version } = await workspaces.viewWorkspace(lots.workspaceId);
  await expect(record.signOff({ workspaceId: lots.workspaceId, version, tableId: kept.tableId, author: 'Ada', remark: '' })).rejects.toThrow('sign off the table it is about');
  expect([made.source.file, made.result.rows, made.brief.map((b) => b.sentence)]).toEqual(['an answer over lots', 1, ['Set aside rows where ‹Site› is "Heath".']]);
});

test('what it tells of a covered column is covered', async () => {
  const lots = await server.bring(LOTS, 'lots');
  const kept = await keep(lots, BY_SITE, 'By site');
  await covering.setCovering(lots.workspaceId, { on: true, columns: ['Site', 'Kg'] });
  const seen = JSON.stringify(await cells(kept));
  expect(['Teal', 'Heath', '15.5'].filter((s) => seen.includes(s))).toEqual([]);
});

test.each([
  ['lots', BY_SITE, 'already'],
  ['Other', 'Drop ‹Kg›.', 'Only the answer to a question'],
])('kept as “%s”: %s is refused', async (name, sentence, text) => {
  const lots = await server.bring(LOTS, 'lots');
  await expect(keep(lots, sentence, name)).rejects.toThrow(text);
  expect(await names(lots)).toEqual(['lots']);
});
