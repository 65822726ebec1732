import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import * as uploads from './uploads';
import * as workspaces from './workspaces';
import * as rows from './rows';
import * as proofs from './proofs';
import * as readings from './readings';
import * as profiles from './profiles';
import { ownDatabase } from './testing/database';
import { blocks, column, exact, keep, type Ids } from './testing/kit';
import * as server from './testing/kit';

ownDatabase('kulfi_workspaces');

const LOTS = `Lot,Keeper,Kg,Status\n${Array.from({ length: 40 }, (_, i) => `L-${i + 1},${i % 2 ? 'ada fern' : ' Bram  Hollow'},${i === 3 ? '' : i + 1},${i % 5 ? 'accepted' : 'rejected'}`).join('\n')}\n`;

const bring = (text = LOTS): Promise<Ids> => server.bring(text, 'test');
const view = (id: number): ReturnType<typeof workspaces.viewWorkspace> => workspaces.viewWorkspace(id);

test('a file is kept byte for byte, its rows typed, its sums known', async () => {
  const ids = await bring();
  const { tables } = await view(ids.workspaceId);
  expect(tables[0]).toMatchObject({ name: 'lots', rows: 40, sourceRows: 40, columns: [{ type: 'text' }, { type: 'text' }, { type: 'whole', glance: { blanks: 1 } }, { type: 'text' }] });
  expect(tables[0]!.totals).toEqual([{ column: 'Kg', sum: 816, cells: 39 }]);
  const { file } = await uploads.sourceOf(ids.tableId);
  expect(readFileSync(uploads.sourcePath(file), 'utf8')).toBe(LOTS);
});

test('an upload that breaks off leaves nothing', async () => {
  const broken = (async function* () {
    yield new TextEncoder().encode('a,b\n1,2\n');
    throw new Error('the line went dead');
  })();
  const folder = path.join(process.env.KULFI_DATA!, 'uploads');
  const before = readdirSync(folder);
  await expect(uploads.receiveUpload(broken, 'x.csv', null)).rejects.toThrow('dead');
  await expect(uploads.receiveUpload(blocks('a,b\n1,2\n'), 'x.csv', 9_999)).rejects.toThrow('Only 8 of 9999 bytes');
  expect(readdirSync(folder)).toEqual(before);
});

test('rows that a sentence adds are stored with what they come from, and have a card of their own', async () => {
  const ids = await bring('Lot,Honeys,Kg\nL-1,acacia; linden,10\nL-2,heather,5\nL-3,acacia;linden;meadow,2\n');
  await keep(ids, 'Make a row for each piece of ‹Honeys› cut at ";".');
  await keep(ids, 'Set aside rows where ‹Honeys› is "acacia".');
  await keep(ids, 'In ‹Lot›, write in lower case.');
  // As another server would read it: nothing of what was made is in memory.
  (globalThis as { kulfiStates?: Map<number, unknown> }).kulfiStates!.clear();
  expect([await column(ids, 'Lot'), await column(ids, 'Honeys'), await column(ids, 'Kg')]).toEqual([['l-1', 'l-2', 'l-3', 'l-3'], ['linden', 'heather', 'linden', 'meadow'], [10, 5, 2, 2]]);
  const { tables, brief } = await view(ids.workspaceId);
  expect(tables[0]).toMatchObject({ rows: 4, sourceRows: 3, addedRows: 3, totals: [{ column: 'Kg', sum: 19 }] });
  expect(brief[0]!.report).toMatchObject({ rowsIn: 3, rowsOut: 6 });
  const { states, firsts, entries } = await workspaces.currentStates(ids.workspaceId);
  const seen = await rows.rowsOf(await rows.viewTable(states.get(ids.tableId)!, { sort: null, filter: null }), 0, 10);
  const card = await rows.rowCard(entries, firsts.get(ids.tableId)!, seen.positions[3]!);
  expect(card.source).toContainEqual({ column: 'Honeys', value: 'acacia;linden;meadow' });
  expect(card.steps.map((s) => s.changes)).toEqual([[{ column: 'Honeys', before: 'acacia;linden;meadow', after: 'meadow' }], [], [{ column: 'Lot', before: 'L-3', after: 'l-3' }]]);
});

test('a proof shows the rows that would be added with the row they come from', async () => {
  const ids = await bring('Lot,Honeys\nL-1,acacia; linden\n');
  const { states } = await workspaces.currentStates(ids.workspaceId);
  const [proof] = await proofs.prove(states.get(ids.tableId)!, [{ step: 'spread', column: 'Honeys', at: ';' }], 'all');
  expect(proof!.kinds[0]!.examples[0]).toMatchObject({ before: ['L-1', 'acacia; linden'], after: ['L-1', 'acacia'], added: [['L-1', 'linden']] });
});

test('undo and redo reach every sentence and change nothing else', async () => {
  const ids = await bring();
  const original = await column(ids, 'Keeper');
  await keep(ids, 'In ‹Keeper›, trim outer spaces and write in title case.');
  await keep(ids, 'Set aside rows where ‹Status› is "rejected".');
  const kept = await column(ids, 'Keeper');
  expect(kept).toHaveLength(32);
  const move = async (way: 'undo' | 'redo'): Promise<void> => void (await workspaces.moveRevision({ workspaceId: ids.workspaceId, version: (await view(ids.workspaceId)).version }, way));
  await move('undo');
  await move('undo');
  expect(await column(ids, 'Keeper')).toEqual(original);
  await move('redo');
  await move('redo');
  expect(await column(ids, 'Keeper')).toEqual(kept);
  await expect(move('redo')).rejects.toThrow('nothing to redo');
});

test('a change against an older version is refused, never applied blindly', async () => {
  const ids = await bring();
  const { version } = await view(ids.workspaceId);
  await keep(ids, 'Drop ‹Status›.');
  const late = workspaces.keepRequest({ ...ids, version, request: 'x', plans: [exact('Drop ‹Kg›.')], corrects: false, holds: [] });
  await expect(late).rejects.toMatchObject({ code: 'changed', status: 409 });
  expect((await view(ids.workspaceId)).brief).toHaveLength(1);
});

test('editing a sentence runs what follows again; dropping one that is needed says by whom', async () => {
  const ids = await bring();
  await keep(ids, 'Add ‹Double› as ‹Kg› times 2.');
  await keep(ids, 'Add ‹More› as ‹Double› plus 1.');
  const { brief, version } = await view(ids.workspaceId);
  await workspaces.editSentence({ workspaceId: ids.workspaceId, version, key: brief[0]!.key, request: 'times 3', plans: [exact('Add ‹Double› as ‹Kg› times 3.')] });
  expect((await column(ids, 'More')).slice(0, 4)).toEqual([4, 7, 10, null]);
  const after = await view(ids.workspaceId);
  const order = { workspaceId: ids.workspaceId, version: after.version, key: after.brief[0]!.key };
  await expect(workspaces.dropSentence({ ...order, alsoDependent: false })).rejects.toThrow(/Sentence 1 cannot run then \(Add ‹More›.*no column “Double”/);
  expect((await view(ids.workspaceId)).brief).toHaveLength(2);
  await workspaces.dropSentence({ ...order, alsoDependent: true });
  expect((await view(ids.workspaceId)).brief).toHaveLength(0);
});

test('a held row survives undo of later steps, edits of earlier sentences and settling of others', async () => {
  const ids = await bring();
  await keep(ids, 'Add ‹Double› as ‹Kg› times 2.');
  await keep(ids, 'Set ‹Kg› to ‹Kg› plus 100.', [{ kind: null, position: 1 }]);
  expect((await column(ids, 'Kg')).slice(0, 3)).toEqual([101, 2, 103]);
  const first = await view(ids.workspaceId);
  expect(first.holds).toMatchObject([{ position: 1, rows: 1 }]);
  await keep(ids, 'Drop ‹Status›.');
  await workspaces.moveRevision({ workspaceId: ids.workspaceId, version: (await view(ids.workspaceId)).version }, 'undo');
  expect((await column(ids, 'Kg')).slice(0, 3)).toEqual([101, 2, 103]);
  const { version, brief } = await view(ids.workspaceId);
  await workspaces.editSentence({ workspaceId: ids.workspaceId, version, key: brief[0]!.key, request: 'x', plans: [exact('Add ‹Double› as ‹Kg› times 4.')] });
  expect((await column(ids, 'Kg')).slice(0, 3)).toEqual([101, 2, 103]);
  const now = await view(ids.workspaceId);
  await workspaces.changeHolds({ workspaceId: ids.workspaceId, version: now.version, key: now.holds[0]!.key, hold: [], settle: [now.holds[0]!.id] });
  expect((await column(ids, 'Kg')).slice(0, 3)).toEqual([101, 102, 103]);
});

test('a hold put on after later sentences is still in force when those are undone', async () => {
  const ids = await bring();
  await keep(ids, 'Set ‹Kg› to ‹Kg› plus 100.');
  await keep(ids, 'Drop ‹Status›.');
  const { version, brief } = await view(ids.workspaceId);
  await workspaces.changeHolds({ workspaceId: ids.workspaceId, version, key: brief[0]!.key, hold: [{ kind: null, position: 0, note: 'look' }], settle: [] });
  await workspaces.moveRevision({ workspaceId: ids.workspaceId, version: version + 1 }, 'undo');
  expect((await column(ids, 'Kg')).slice(0, 2)).toEqual([1, 102]);
  expect((await view(ids.workspaceId)).brief).toHaveLength(1);
});

test('the proof shows kinds, old and new values, and writes nothing', async () => {
  const ids = await bring();
  const { tables } = await view(ids.workspaceId);
  const plan = exact('Add ‹Third› as ‹Kg› divided by 3 rounded to 1 decimal.');
  const [proof] = await proofs.prove(tables[0]!.stateId, [plan], 'all');
  expect(proof!.kinds.map((k) => [k.key, k.rows, k.odd])).toEqual([['blank', 1, true], ['done', 39, false]]);
  expect(proof!.kinds[1]!.examples[0]).toMatchObject({ position: 0, before: ['L-1', 1, null], after: ['L-1', 1, 0.3] });
  expect((await view(ids.workspaceId)).brief).toHaveLength(0);
  expect(await proofs.kindRows(tables[0]!.stateId, [plan], 0, proof!.kinds[1]!.code, 5, 2)).toMatchObject([{ position: 6 }, { position: 7 }]);
});

test('a row card tells a row from source to now', async () => {
  const ids = await bring();
  await keep(ids, 'In ‹Keeper›, write in capitals.');
  await keep(ids, 'Set aside rows where ‹Status› is "rejected".');
  const { entries } = await workspaces.currentStates(ids.workspaceId);
  const card = await rows.rowCard(entries, entries[0]!.before, 5);
  expect(card.now).toBeNull();
  expect(card.steps.map((s) => [s.kind, s.changes, s.gone])).toEqual([['changed', [{ column: 'Keeper', before: 'ada fern', after: 'ADA FERN' }], false], ['fits: set aside', [], true]]);
});

test('a view is sorted, filtered and searched without changing the table', async () => {
  const ids = await bring();
  const { stateId } = (await view(ids.workspaceId)).tables[0]!;
  const seen = await rows.viewTable(stateId, { sort: { column: 'Kg', down: true }, filter: { column: 'Status', text: 'reject' } });
  expect((await rows.rowsOf(seen, 0, 2)).cells.map((c) => c[2])).toEqual([36, 31]);
  expect(await rows.findText(await rows.viewTable(stateId, { sort: null, filter: null }), 'l-17', -1)).toEqual({ place: 16, column: 'Lot' });
  expect(await column(ids, 'Kg')).toHaveLength(40);
});

test('requests are read against the table as it stands, with what was said before', async () => {
  const ids = await bring();
  await keep(ids, 'Add ‹Third› as ‹Kg› divided by 3.');
  const { answer } = await readings.readInWorkspace(ids.workspaceId, ids.tableId, 'round that to 2 decimals');
  expect(answer.outcome === 'done' && [answer.corrects, answer.reading.sentences]).toEqual([true, ['Add ‹Third› as ‹Kg› divided by 3 rounded to 2 decimals.']]);
  const { brief } = await view(ids.workspaceId);
  const edited = await readings.readInWorkspace(ids.workspaceId, ids.tableId, 'Add ‹Third› as ‹Kg› times 3.', brief[0]!.key);
  expect(edited.answer.outcome).toBe('done');
});

test('the record has every sentence with its figures, what is on hold, and totals that add up', async () => {
  const ids = await bring();
  await keep(ids, 'Set aside rows where ‹Status› is "rejected".', [{ kind: null, position: 0 }]);
  const { recordOf } = await import('./record');
  const { recordMarkdown } = await import('../core/brief/record');
  const record = recordMarkdown(await recordOf(ids.workspaceId, ids.tableId));
  expect(record).toContain('rows in 40, out 33, set aside 7, on hold 1');
  expect(record).toContain('on hold, sentence 1: row 1, 1 row');
  expect(record).toContain('| in the source | 40 |\n| sentence 1: fits: set aside | -7 |\n| now | 33 |');
  expect(record).toContain('It balances');
});

test('the demo loads whole, with rows on hold and a request open', async () => {
  const db = await import('./db/client');
  await db.pool().query('delete from workspaces');
  const { loadDemo } = await import('./demo');
  expect(await loadDemo()).toBe(true);
  expect(await loadDemo()).toBe(false);
  const [summary] = await workspaces.listWorkspaces();
  expect(summary).toMatchObject({ sentences: 7, tables: [{ rows: 1_200 }, { rows: 6 }, {}] });
  expect(summary!.onHold).toBeGreaterThan(10);
  expect(summary!.draft).not.toBeNull();
}, 60_000);

test('a workspace learns wordings, lists them and forgets them; a question is answered over the whole table and never kept', async () => {
  const ids = await bring();
  const reply = await readings.readInWorkspace(ids.workspaceId, ids.tableId, 'declutter status');
  expect(reply.answer.outcome).not.toBe('done');
  await readings.teach(ids.workspaceId, reply.stateId, 'declutter status', [exact('Drop ‹Status›.')]);
  const again = await readings.readInWorkspace(ids.workspaceId, ids.tableId, 'declutter keeper');
  expect(again.answer.outcome === 'done' && again.answer.reading).toMatchObject({ sentences: ['Drop ‹Keeper›.'], learnt: 'declutter status' });
  const [lesson] = await readings.lessonsOf(ids.workspaceId);
  await readings.forget(ids.workspaceId, lesson!.id);
  expect((await readings.readInWorkspace(ids.workspaceId, ids.tableId, 'declutter keeper')).answer.outcome).not.toBe('done');

  const asked = exact('Answer ‹Rows› as the number of rows; for each ‹Status›.');
  const [proof] = await proofs.prove(reply.stateId, [asked], 'first');
  expect(proof!.answer).toEqual({ columns: ['Status', 'Rows'], rows: [['rejected', 8], ['accepted', 32]], members: [8, 32], groups: 2 });
  const { version } = await view(ids.workspaceId);
  await expect(workspaces.keepRequest({ ...ids, version, request: 'how many', plans: [asked], corrects: false, holds: [] })).rejects.toThrow('kept as a table of its own');
});

test('proposals fit the table as it is now, and one that was turned away does not come back', async () => {
  const ids = await bring();
  const { proposals } = await readings.proposalsFor(ids.workspaceId, ids.tableId);
  const tidy = proposals.find((p) => p.sentence.includes('‹Keeper›'))!;
  await readings.turnAway(ids.workspaceId, tidy.sentence);
  await readings.turnAway(ids.workspaceId, tidy.sentence);
  expect((await readings.proposalsFor(ids.workspaceId, ids.tableId)).proposals.map((p) => p.sentence)).not.toContain(tidy.sentence);
  await keep(ids, 'Drop ‹Keeper›.');
  expect((await readings.proposalsFor(ids.workspaceId, ids.tableId)).proposals.filter((p) => p.sentence.includes('Keeper'))).toEqual([]);
});

test('what is typed is completed from the table, and a request can be explained', async () => {
  const ids = await bring();
  const { completions } = await readings.readInWorkspace(ids.workspaceId, ids.tableId, 'sort by k');
  expect(completions.map((c) => c.shown)).toEqual(expect.arrayContaining(['Kg', 'Keeper']));
  expect(await readings.accountInWorkspace(ids.workspaceId, ids.tableId, 'please drop keper')).toMatchObject({
    parts: [{ text: 'please', role: 'passed over' }, { text: 'drop keper', role: 'asks' }],
    columns: [{ text: 'keper', column: 'Keeper', reason: 'typing mistake' }],
  });
});

test('masks are made under a key of the workspace: the same in all its tables, other ones elsewhere', async () => {
  const one = await bring();
  const two = await bring();
  const upload = await uploads.receiveUpload(blocks(LOTS), 'more.csv', null);
  const { settings } = await uploads.previewUpload(upload.id, {});
  const more = await uploads.importUpload({ uploadId: upload.id, settings, tableName: 'more', workspaceId: one.workspaceId, workspaceName: '' }, () => undefined);
  for (const ids of [one, two, more]) await keep(ids, 'Mask ‹Keeper› with tokens.');
  const [a, b, c] = await Promise.all([column(one, 'Keeper'), column(two, 'Keeper'), column(more, 'Keeper')]);
  expect(new Set(a).size).toBe(2);
  expect(c).toEqual(a);
  expect(b).not.toEqual(a);
  expect((await view(one.workspaceId)).brief[0]!.report.kinds[0]!.words).toBe('masked: 2 different values before, 2 after');
});

test('a profile is of the table as it is now', async () => {
  const ids = await bring();
  await keep(ids, 'Keep rows where ‹Status› is "rejected".');
  const { columns } = await profiles.profileFor(ids.workspaceId, ids.tableId);
  expect(columns.map((c) => [c.name, c.rows, c.distinct])).toEqual([['Lot', 8, 8], ['Keeper', 8, 2], ['Kg', 8, 8], ['Status', 8, 1]]);
  expect(columns.find((c) => c.name === 'Status')!.advice).toEqual([{ words: 'the same value in every row', sentence: 'Drop ‹Status›.' }]);
});

test('what was taken back may be said to have meant something else', async () => {
  const ids = await bring();
  const read = async (request: string): Promise<readonly string[] | string> => {
    const { answer } = await readings.readInWorkspace(ids.workspaceId, ids.tableId, request);
    return answer.outcome === 'done' ? answer.reading.sentences : answer.outcome;
  };
  await keep(ids, 'Drop ‹Status›.');
  await keep(ids, 'Drop ‹Kg›.');
  expect(await read('I meant the lot')).toEqual(['Drop ‹Lot›.']);
  await workspaces.moveRevision({ workspaceId: ids.workspaceId, version: (await view(ids.workspaceId)).version }, 'undo');
  expect(await read('I meant the keeper')).toEqual(['Drop ‹Keeper›.']);
  // A new sentence is a new one, and what was taken back is forgotten with it.
  await keep(ids, 'Rename ‹Keeper› to ‹Beekeeper›.');
  expect(await read('I meant the kg')).not.toEqual(['Drop ‹Kg›.']);
});

test('rows, proofs and kinds are given out by the workspace they belong to, and by none when it is gone', async () => {
  const [ids, other] = [await bring(), await bring()];
  const stateId = (await workspaces.currentStates(ids.workspaceId)).states.get(ids.tableId)!;
  await expect(workspaces.stateIn(ids.workspaceId, stateId)).resolves.toMatchObject({ workspaceId: ids.workspaceId });
  await expect(workspaces.stateIn(other.workspaceId, stateId)).rejects.toMatchObject({ status: 404, code: 'gone' });
  await expect(workspaces.stateIn(ids.workspaceId, 987_654)).rejects.toMatchObject({ status: 404 });
  await workspaces.removeWorkspace(ids.workspaceId);
  await expect(workspaces.stateIn(ids.workspaceId, stateId)).rejects.toMatchObject({ status: 404 });
});
