import * as workspaces from './workspaces';
import * as rows from './rows';
import * as proofs from './proofs';
import * as readings from './readings';
import * as profiles from './profiles';
import * as covering from './covering';
import * as spellings from './spellings';
import * as review from './review';
import { ownDatabase } from './testing/database';
import { exact, stateOf, type Ids } from './testing/kit';
import * as server from './testing/kit';
import type { Proof } from '../contract/views';

ownDatabase('kulfi_protection');

const MEMBERS = 'Lot,Member,Born,Paid,Site\nL-1,Ada Fern,1980-04-12,1234.50,Upper Teal\nL-2,Tobias Brook,1975-11-30,87.20,Upper Teal\nL-3,Ada Fern,1980-04-12,12,Uper Teal\nL-4,Ines Vale,,3,Upper Teal\n';
const bring = (): Promise<Ids> => server.bring(MEMBERS, 'members');
const cover = (ids: Ids, ...columns: string[]): Promise<void> => covering.setCovering(ids.workspaceId, { on: true, columns });
const SECRETS = ['Ada', 'Fern', 'Tobias', 'Brook', 'Ines', '04-12', '1234.5', '87.2'];

/** Does anything of the covered cells show in what a page gets? */
const tells = (data: unknown): string[] => { const text = JSON.stringify(data); return SECRETS.filter((s) => text.includes(s)); };

test('what is covered shows nowhere: sheet, search, row card, proof, answer, review, profile, completions', async () => {
  const ids = await bring();
  await server.keep(ids, 'Add ‹Surname› as piece -1 of ‹Member› cut at " ".');
  await server.keep(ids, 'Rename ‹Born› to ‹Birthday›.');
  await cover(ids, 'Member', 'Born', 'Paid');
  const stateId = await stateOf(ids);
  const table = await rows.viewTable(stateId, { sort: null, filter: null });
  const window = await rows.rowsOf(table, 0, 10);
  expect(tells(window)).toEqual([]);
  // The same member looks the same in both rows; what is not covered is as it was.
  expect(window.cells[0]![1]).toBe(window.cells[2]![1]);
  expect(window.cells.map((c) => c[0])).toEqual(['L-1', 'L-2', 'L-3', 'L-4']);
  expect(window.cells.map((c) => c[2])).toEqual(['1980-01-01', '1975-01-01', '1980-01-01', null]);
  expect(window.cells.map((c) => c[3])).toEqual([1000, 90, 10, 3]);
  expect(await rows.findText(table, 'Fern', -1)).toBeNull();
  const { entries } = await workspaces.currentStates(ids.workspaceId);
  expect(tells(await rows.rowCard(entries, entries[0]!.before, 0))).toEqual([]);
  const prove = async (...sentences: string[]): Promise<Proof[]> => proofs.prove(stateId, sentences.map(exact), 'all');
  expect(tells(await prove('In ‹Member›, write in capitals.'))).toEqual([]);
  expect(tells(await prove('Rename ‹Member› to ‹Who›.', 'In ‹Who›, write in capitals.'))).toEqual([]);
  expect(tells(await proofs.kindRows(stateId, [exact('In ‹Member›, write in capitals.')], 0, 0, 0, 10))).toEqual([]);
  expect(tells(await review.reviewRows({ workspaceId: ids.workspaceId, key: entries[0]!.key, kind: 'done', what: 'kind', sampleId: null, narrow: '', from: 0, count: 10 }))).toEqual([]);
  expect(tells(await profiles.profileFor(ids.workspaceId, ids.tableId))).toEqual([]);
  expect(tells(await workspaces.viewWorkspace(ids.workspaceId))).toEqual([]);
  expect(tells((await readings.readInWorkspace(ids.workspaceId, ids.tableId, 'drop the rows where member is ')).completions)).toEqual([]);
  expect(tells(await readings.proposalsFor(ids.workspaceId, ids.tableId))).toEqual([]);
});

test('answers count and group by what is there, and name nobody', async () => {
  const ids = await bring();
  await cover(ids, 'Member', 'Paid');
  const { answer: read } = await readings.readInWorkspace(ids.workspaceId, ids.tableId, 'how many rows and the total paid per member');
  if (read.outcome !== 'done') throw new Error(JSON.stringify(read));
  const [{ answer }] = (await proofs.prove(await stateOf(ids), read.reading.plans, 'all')) as [Proof];
  expect(answer!.rows).toHaveLength(3);
  expect(tells(answer)).toEqual([]);
  expect(answer!.members.slice().sort()).toEqual([1, 1, 2]);
});

test('covering changes nothing in the table: uncovered again, every cell is as it was', async () => {
  const ids = await bring();
  const before = await server.column(ids, 'Member');
  await cover(ids, 'Member');
  await server.keep(ids, 'Set aside rows where ‹Member› is "Ines Vale".');
  expect((await server.column(ids, 'Member')).every((m) => !before.includes(m))).toBe(true);
  await covering.setCovering(ids.workspaceId, { on: false, columns: ['Member'] });
  expect(await server.column(ids, 'Member')).toEqual(before.slice(0, 3));
});

test('a key that was thrown away makes no mask again; a new one makes others', async () => {
  const ids = await bring();
  await server.keep(ids, 'Copy ‹Member› to ‹Who›.');
  await server.keep(ids, 'Mask ‹Who› with tokens.');
  const first = await server.column(ids, 'Who');
  await covering.throwKeyAway(ids.workspaceId);
  // What was made stays; what would have to be made again cannot be.
  expect(await server.column(ids, 'Who')).toEqual(first);
  await expect(server.keep(ids, 'Mask ‹Member› with tokens.')).rejects.toThrow('need a key');
  const { version, brief } = await workspaces.viewWorkspace(ids.workspaceId);
  const edit = (): Promise<number> => workspaces.editSentence({ workspaceId: ids.workspaceId, version, key: brief[0]!.key, request: 'copy', plans: [exact('Copy ‹Member› to ‹Who›.')] });
  expect((await workspaces.viewWorkspace(ids.workspaceId)).covering.key).toBe(false);
  await edit();
  await covering.makeKey(ids.workspaceId);
  await expect(covering.makeKey(ids.workspaceId)).rejects.toThrow('already');
  await server.keep(ids, 'Mask ‹Member› with tokens.');
  const masked = await server.column(ids, 'Member');
  expect(masked[0]).toBe(masked[2]);
  expect(masked[0]).not.toBe(first[0]);
});

test('what was decided about a spelling is applied the next time, also in another table, and can be taken back', async () => {
  const ids = await bring();
  await server.keep(ids, 'Standardise ‹Site›, taking "Uper Teal" for "Lower Teal".');
  expect(await spellings.spellingsOf(ids.workspaceId)).toEqual([{ column: 'Site', from: 'Uper Teal', to: 'Lower Teal' }]);
  const other = await server.bring(MEMBERS, 'elsewhere');
  const sentences = async ({ workspaceId, tableId }: Ids): Promise<readonly string[]> => { const { answer } = await readings.readInWorkspace(workspaceId, tableId, 'standardise the site'); return answer.outcome === 'done' ? answer.reading.sentences : [answer.outcome]; };
  expect(await sentences(other)).toEqual(['Standardise ‹Site›.']);
  const more = await server.bringInto(ids.workspaceId, MEMBERS);
  expect(await sentences(more)).toEqual(['Standardise ‹Site›, taking "Uper Teal" for "Lower Teal".']);
  // Where the text does not stand any more, nothing is said of it.
  expect(await sentences(ids)).toEqual(['Standardise ‹Site›.']);
  await spellings.forgetSpelling(ids.workspaceId, 'Site', 'Uper Teal');
  expect(await sentences(more)).toEqual(['Standardise ‹Site›.']);
});

test('a hidden column is not in the sheet, and comes back with the sentence that the page offers', async () => {
  const ids = await bring();
  await server.keep(ids, 'Hide ‹Member› and ‹Born›.');
  (globalThis as { kulfiStates?: Map<number, unknown> }).kulfiStates!.clear();
  const [table] = (await workspaces.viewWorkspace(ids.workspaceId)).tables;
  expect(table!.columns.map((c) => c.name)).toEqual(['Lot', 'Paid', 'Site']);
  expect(await server.column(ids, 'Paid')).toEqual([1234.5, 87.2, 12, 3]);
  await server.keep(ids, table!.hidden!.show);
  expect(await server.column(ids, 'Member')).toEqual(['Ada Fern', 'Tobias Brook', 'Ada Fern', 'Ines Vale']);
});

test('the card of a row that was set aside names the one that stays, and the other way round', async () => {
  const ids = await bring();
  await server.keep(ids, 'Keep the last row of each ‹Member›.');
  const { entries } = await workspaces.currentStates(ids.workspaceId);
  const [gone, stays] = await Promise.all([rows.rowCard(entries, entries[0]!.before, 0), rows.rowCard(entries, entries[0]!.before, 2)]);
  expect(gone.steps[0]).toMatchObject({ gone: true, staying: { position: 2, line: 2 } });
  expect(stays.steps[0]).toMatchObject({ gone: false, staying: null, replaced: [{ position: 0, line: 0 }] });
});
