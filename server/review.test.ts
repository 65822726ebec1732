import ExcelJS from 'exceljs';
import * as uploads from './uploads';
import * as workspaces from './workspaces';
import * as review from './review';
import * as proofs from './proofs';
import * as records from './record';
import * as handoff from './handoff';
import * as again from './again';
import * as client from './db/client';
import { ownDatabase } from './testing/database';
import { column, exact, upload, type Ids } from './testing/kit';
import * as server from './testing/kit';

ownDatabase('kulfi_review');

const lots = (site: (i: number) => string = (i) => ['Teal', 'Tael', 'Garden'][i % 3]!, heading = 'Lot,Site,Kg,Price,Status'): string =>
  `${heading}\n${Array.from({ length: 60 }, (_, i) => `L-${i + 1},${site(i)},${i === 4 ? '' : i + 10},${i % 10 === 7 ? 'n/a' : `€${(i % 5) + 1}.50`},${i % 6 ? 'accepted' : 'rejected'}`).join('\n')}\n`;

const bring = (text = lots()): Promise<Ids> => server.bring(text, 'May');
const view = (id: number): ReturnType<typeof workspaces.viewWorkspace> => workspaces.viewWorkspace(id);
async function keep(ids: Ids, ...sentences: string[]): Promise<void> {
  for (const sentence of sentences) await server.keep(ids, sentence);
}
const right = async (ids: Ids, position: number, name: string, now: string): Promise<string | null> => (await review.putRight({ ...ids, version: (await view(ids.workspaceId)).version, position, column: name, now })).offer;
const page = { sampleId: null, narrow: '', from: 0, count: 50 } as const;

test('the queue holds the odd kinds, failing checks and holds of all sentences; a look settles a kind until its rows change', async () => {
  const ids = await bring();
  await keep(ids, 'Turn ‹Price› into numbers.', 'Check that ‹Kg› is at least 12.', 'Add ‹Value› as ‹Kg› times ‹Price›.');
  const first = await review.viewReview(ids.workspaceId);
  expect(first.items.map((i) => [i.n, i.reason, i.kind, i.rows])).toEqual([[2, 'check', 'fails', 2], [2, 'odd', 'untold', 1], [3, 'odd', expect.any(String), 1], [1, 'odd', expect.any(String), 6], [3, 'odd', expect.any(String), 6]]);
  const odd = first.items[3]!;
  const { total, rows: list, columns } = await review.reviewRows({ workspaceId: ids.workspaceId, key: odd.key, kind: odd.kind, what: 'kind', ...page });
  expect([total, columns, list[0]!.position, list[0]!.before]).toEqual([6, ['Lot', 'Price'], 7, ['L-8', 'n/a']]);
  // One row is wrong: the kind comes first. All of it right: it is settled.
  await review.saveLooks(ids.workspaceId, 'Ines Vale', [{ key: odd.key, kind: odd.kind, position: 7, sampleId: null, verdict: 'wrong', note: 'ask the site' }]);
  expect((await review.viewReview(ids.workspaceId)).items[0]).toMatchObject({ id: odd.id, reason: 'wrong', looked: 1, wrong: 1 });
  await review.saveLooks(ids.workspaceId, 'Ines Vale', [{ key: odd.key, kind: odd.kind, position: null, sampleId: null, verdict: 'right', note: '' }]);
  expect((await review.viewReview(ids.workspaceId)).items.find((i) => i.id === odd.id)).toMatchObject({ settled: true, by: expect.stringMatching(/^Ines Vale, \d{4}-/) });
  // The sentence runs over other rows than those that were looked at.
  const { version } = await view(ids.workspaceId);
  await workspaces.changeHolds({ workspaceId: ids.workspaceId, version, key: odd.key, hold: [{ kind: null, position: 7, note: 'wait' }], settle: [] });
  expect((await review.viewReview(ids.workspaceId)).items.find((i) => i.id === odd.id)).toMatchObject({ reason: 'held', settled: false, rows: 1, note: 'wait' });
});

test('a check is looked at again after every sentence, and says so when its column has gone', async () => {
  const ids = await bring();
  await keep(ids, 'Check that ‹Site› is not "Tael".', 'Replace "Tael" in ‹Site› with "Teal".');
  const fails = async (): Promise<unknown[]> => (await review.viewReview(ids.workspaceId)).items.filter((i) => i.reason === 'check').map((i) => [i.rows, i.words]);
  expect(await fails()).toEqual([]);
  await keep(ids, 'Put right ‹Site› by ‹Lot›: "L-1" from "Teal" to "Tael".');
  expect(await fails()).toEqual([[1, 'breaks the rule']]);
  await keep(ids, 'Drop ‹Site›.');
  expect(await fails()).toEqual([[0, 'a column of this check is not there any more']]);
});

test('a cell put right by hand is a sentence of its own, known by the lot; it survives edits before it and comes back where its basis changed', async () => {
  const ids = await bring();
  await keep(ids, 'In ‹Site›, write in capitals.');
  expect(await right(ids, 1, 'Site', 'TEAL')).toBeNull();
  expect(await right(ids, 4, 'Site', 'TEAL')).toBeNull();
  // The third of the same sort: one sentence does them all.
  expect(await right(ids, 7, 'Site', 'TEAL')).toBe('Replace cells that are "TAEL" in ‹Site› with "TEAL".');
  let { brief } = await view(ids.workspaceId);
  expect(brief.map((s) => s.sentence)).toEqual(['In ‹Site›, write in capitals.', 'Put right ‹Site› by ‹Lot›: "L-2" from "TAEL" to "TEAL", "L-5" from "TAEL" to "TEAL", "L-8" from "TAEL" to "TEAL".']);
  expect((await column(ids, 'Site')).filter((v) => v === 'TAEL')).toHaveLength(17);
  // Typed over again and back, it is no correction any more.
  await right(ids, 4, 'Site', 'TAEL');
  brief = (await view(ids.workspaceId)).brief;
  expect(brief[1]!.sentence).toBe('Put right ‹Site› by ‹Lot›: "L-2" from "TAEL" to "TEAL", "L-8" from "TAEL" to "TEAL".');
  // The sentence before changes what the cells hold: the decision is asked about, not applied.
  const { version } = await view(ids.workspaceId);
  await workspaces.editSentence({ workspaceId: ids.workspaceId, version, key: brief[0]!.key, request: '', plans: [exact('In ‹Site›, write in lower case.')] });
  expect((await column(ids, 'Site')).slice(0, 3)).toEqual(['teal', 'tael', 'garden']);
  expect((await review.viewReview(ids.workspaceId)).items[0]).toMatchObject({ kind: 'moved', rows: 2 });
  await expect(right(ids, 0, 'Kg', 'heavy')).rejects.toThrow('is not one');
  await expect(right(ids, 0, 'Site', 'teal')).rejects.toThrow('holds that already');
});

test('a row that was set aside is put back by a hold, and the statement follows', async () => {
  const ids = await bring();
  await keep(ids, 'Set aside rows where ‹Status› is "rejected".', 'Add ‹Double› as ‹Kg› times 2.');
  const [sentence] = (await view(ids.workspaceId)).brief;
  const aside = await review.reviewRows({ workspaceId: ids.workspaceId, key: sentence!.key, kind: 'aside', what: 'aside', ...page });
  expect([aside.total, aside.rows.every((r) => r.gone)]).toEqual([10, true]);
  const statement = async () => (await review.viewReview(ids.workspaceId)).statements[0]!.statement;
  expect(await statement()).toMatchObject({ rowsIn: 60, aside: [{ n: 1, rows: 10 }], rowsOut: 50, balances: true });
  const { version } = await view(ids.workspaceId);
  await workspaces.changeHolds({ workspaceId: ids.workspaceId, version, key: sentence!.key, hold: [{ kind: null, position: 6, note: 'put back' }], settle: [] });
  expect(await statement()).toMatchObject({ aside: [{ rows: 9 }], rowsOut: 51, balances: true });
  const { columns } = await statement();
  for (const c of columns) expect((c.from ?? 0) + c.changes.reduce((n, d) => n + d.by, 0)).toBeCloseTo(c.to ?? 0, 6);
});

test('a kind is narrowed down in words, and what is meant is said back', async () => {
  const ids = await bring();
  await keep(ids, 'Turn ‹Price› into numbers.');
  const item = (await review.viewReview(ids.workspaceId)).items[0]!;
  const rowsOnly = (narrow: string) => review.reviewRows({ workspaceId: ids.workspaceId, key: item.key, kind: item.kind, what: 'kind', ...page, narrow });
  const all = await rowsOnly('');
  const few = await rowsOnly('only those with more than 30 kg');
  expect(few.narrowed!.sentence).toBe('Keep rows where ‹Kg› is more than 30.');
  expect(few.total).toBeLessThan(all.total);
  expect(few.total).toBeGreaterThan(0);
  expect(few.narrowed!.positions).toEqual(few.rows.map((r) => r.position));
  await expect(rowsOnly('the pretty ones')).rejects.toThrow('Which rows are meant');
});

test('a check that guards the hand-off keeps the table in until every row satisfies it', async () => {
  const ids = await bring();
  await keep(ids, 'Check before any hand-off that ‹Kg› is at least 12.');
  expect((await review.viewReview(ids.workspaceId)).items[0]).toMatchObject({ reason: 'check', guards: true });
  await expect(review.letOut(await workspaces.tableNow(ids.workspaceId, ids.tableId))).rejects.toThrow(/waits for a check that \d+ rows break: Check before any hand-off/);
  await keep(ids, 'Keep rows where ‹Kg› is at least 12.');
  await expect(review.letOut(await workspaces.tableNow(ids.workspaceId, ids.tableId))).resolves.toBeUndefined();
});

test('a sample is drawn with its seed, looked at row by row, and says what that proves', async () => {
  const ids = await bring();
  const id = await review.drawSample({ ...ids, share: 0.05, certainty: 0.95, count: null, seed: 11, by: ['Status'] });
  const [drawn] = (await review.viewReview(ids.workspaceId)).samples;
  expect(drawn).toMatchObject({ id, rows: 60, drawn: 38, looked: 0, seed: 11, by: ['Status'] });
  const { rows: list, total } = await review.reviewRows({ workspaceId: ids.workspaceId, key: null, kind: null, what: 'sample', sampleId: id, narrow: '', from: 0, count: 100 });
  expect(total).toBe(38);
  await review.saveLooks(ids.workspaceId, 'Ines Vale', list.map((r) => ({ key: null, kind: null, position: r.position, sampleId: id, verdict: 'right' as const, note: '' })));
  expect((await review.viewReview(ids.workspaceId)).samples[0]).toMatchObject({ done: true, wrong: 0, statement: 'Of 38 drawn from 60, none is wrong: fewer than 5 in 100 are wrong (at most 2 rows), 95% sure.' });
  const exactly = await review.drawSample({ ...ids, share: 0.01, certainty: 0.95, count: 7, seed: null, by: [] });
  expect((await review.viewReview(ids.workspaceId)).samples.find((s) => s.id === exactly)!.drawn).toBe(7);
  await expect(review.drawSample({ ...ids, share: 0.01, certainty: 0.95, count: 7, seed: null, by: ['Nowhere'] })).rejects.toThrow('There is no column “Nowhere”');
  await review.dropSample(ids.workspaceId, exactly);
  expect((await review.viewReview(ids.workspaceId)).samples).toHaveLength(1);
});

test('the record says what was said of single rows, by whom, and of which kind or sample', async () => {
  const { recordMarkdown } = await import('../core/brief/record');
  const ids = await bring();
  await keep(ids, 'Turn ‹Price› into numbers.');
  const [odd] = (await review.viewReview(ids.workspaceId)).items;
  await review.saveLooks(ids.workspaceId, 'Ines Vale', [{ key: odd!.key, kind: odd!.kind, position: 7, sampleId: null, verdict: 'wrong', note: 'ask the site' }]);
  const id = await review.drawSample({ ...ids, share: 0.01, certainty: 0.95, count: 2, seed: 3, by: [] });
  const { rows: drawn } = await review.reviewRows({ workspaceId: ids.workspaceId, key: null, kind: null, what: 'sample', sampleId: id, narrow: '', from: 0, count: 10 });
  await review.saveLooks(ids.workspaceId, 'Tobias Brook', [{ key: null, kind: null, position: drawn[0]!.position, sampleId: id, verdict: 'right', note: '' }]);
  const record = await records.recordOf(ids.workspaceId, ids.tableId);
  expect(record.looks).toEqual([
    { row: 8, of: { n: 1, words: odd!.words }, verdict: 'wrong', by: 'Ines Vale', at: expect.stringMatching(/^\d{4}-/), note: 'ask the site' },
    { row: drawn[0]!.position + 1, of: null, verdict: 'right', by: 'Tobias Brook', at: expect.stringMatching(/^\d{4}-/), note: '' },
  ]);
  expect(recordMarkdown(record)).toMatch(/row 8, sentence 1 \(.*\): wrong, said Ines Vale on \d{4}-\d\d-\d\d: ask the site/);
});

test('sign-off wants a reason for what is open, seals the record, and knows when the table was changed since', async () => {
  const ids = await bring();
  await keep(ids, 'Turn ‹Price› into numbers.', 'Set aside rows where ‹Status› is "rejected".');
  const { version } = await view(ids.workspaceId);
  const order = { ...ids, version, author: 'Ines Vale' };
  await expect(records.signOff({ ...order, remark: ' ' })).rejects.toThrow('One thing is still open');
  await expect(records.signOff({ ...order, version: version - 1, remark: 'x' })).rejects.toMatchObject({ code: 'changed' });
  const id = await records.signOff({ ...order, remark: 'prices come on Friday' });
  const sealed = await records.sealedRecord(ids.workspaceId, id);
  expect(sealed).toMatchObject({ signedOff: { by: 'Ines Vale', remark: 'prices come on Friday' }, result: { rows: 50 }, open: [expect.stringContaining('sentence 1: 6 rows')], balance: { balances: true } });
  expect((await review.viewReview(ids.workspaceId)).signoffs).toMatchObject([{ id, author: 'Ines Vale', current: true }]);
  await keep(ids, 'Drop ‹Status›.');
  expect((await review.viewReview(ids.workspaceId)).signoffs).toMatchObject([{ current: false }]);
  expect((await records.sealedRecord(ids.workspaceId, id)).brief).toHaveLength(2);
});

test('a workbook has typed cells and the record beside them', async () => {
  const ids = await bring();
  await keep(ids, 'Turn ‹Price› into numbers.');
  const book = new ExcelJS.Workbook();
  await book.xlsx.load(await new Response(await handoff.workbook(ids.workspaceId, ids.tableId)).arrayBuffer());
  const sheet = book.getWorksheet('lots')!;
  expect([1, 2, 6].map((r) => (sheet.getRow(r).values as unknown[]).slice(1))).toEqual([['Lot', 'Site', 'Kg', 'Price', 'Status'], ['L-1', 'Teal', 10, 1.5, 'rejected'], ['L-5', 'Tael', undefined, 5.5, 'accepted']]);
  expect(sheet.rowCount).toBe(61);
  expect(book.getWorksheet('Record')!.getRow(1).getCell(1).value).toBe('# Record of the work on lots');
});

test('a table in PostgreSQL has types, all rows or none, and says of each column where it comes from', async () => {
  const ids = await bring(lots((i) => (i === 0 ? '"a ""b"", c\nd"' : i === 1 ? '\\.' : 'Teal')));
  await keep(ids, 'Turn ‹Price› into numbers.', 'Add ‹Value› as ‹Kg› times 2.');
  const order = { ...ids, connection: null, schema: 'handoff', name: 'May lots' };
  const { rows: n, columns } = await handoff.handOff({ ...order, way: 'replace' });
  expect([n, columns.map((c) => c.type)]).toEqual([60, ['text', 'text', 'bigint', 'text', 'text', 'bigint']]);
  const db = client.pool();
  const stored = await db.query('select "Lot", "Site", "Kg" from handoff."May lots" order by length("Lot"), "Lot" limit 5');
  expect(stored.rows).toEqual([{ Lot: 'L-1', Site: 'a "b", c\nd', Kg: '10' }, { Lot: 'L-2', Site: '\\.', Kg: '11' }, { Lot: 'L-3', Site: 'Teal', Kg: '12' }, { Lot: 'L-4', Site: 'Teal', Kg: '13' }, { Lot: 'L-5', Site: 'Teal', Kg: null }]);
  const comments = await db.query<{ c: string }>(`select col_description('handoff."May lots"'::regclass, n) as c from generate_series(1, 6) n`);
  expect(comments.rows.map((r) => r.c)).toEqual(['as it came in lots.csv', 'as it came in lots.csv', 'as it came in lots.csv', expect.stringMatching(/^sentence 1: /), 'as it came in lots.csv', 'sentence 2: Add ‹Value› as ‹Kg› times 2.']);
  await handoff.handOff({ ...order, way: 'append' });
  expect((await db.query<{ n: string }>('select count(*) as n from handoff."May lots"')).rows[0]!.n).toBe('120');
  // Columns that are not there any more are refused as a whole.
  await keep(ids, 'Rename ‹Lot› to ‹Lot number›.');
  await expect(handoff.handOff({ ...order, way: 'append' })).rejects.toThrow('nothing was changed there');
  expect((await db.query<{ n: string }>('select count(*) as n from handoff."May lots"')).rows[0]!.n).toBe('120');
  await expect(handoff.handOff({ ...order, schema: 'public', name: 'workspaces', way: 'replace' })).rejects.toThrow('is taken');
  await expect(handoff.handOff({ ...order, connection: 'postgres://nobody@127.0.0.1:1/none', way: 'replace' })).rejects.toThrow('could not be reached');
});

test('the brief runs on next month’s file: columns are tied, decisions apply where their basis is the same, and only what is different is told', async () => {
  const ids = await bring();
  await keep(ids, 'Turn ‹Price› into numbers.', 'Put right ‹Site› by ‹Lot›: "L-2" from "Tael" to "Teal", "L-3" from "Garden" to "Mill".', 'Set aside rows where ‹Status› is "rejected".', 'Check that ‹Kg› is at least 10.');
  const { version, brief } = await view(ids.workspaceId);
  await workspaces.changeHolds({ workspaceId: ids.workspaceId, version, key: brief[0]!.key, hold: [{ kind: brief[0]!.report.kinds.find((k) => k.odd)!.key, position: null, note: 'wait' }], settle: [] });
  const june = lots((i) => ['Teal', i === 1 ? 'Tael' : 'Heath', 'Heath'][i % 3]!, 'Lot,Place,Weight kg,Price,Status').replace('L-9,Heath,18', 'L-9,Heath,3');
  const uploadId = await upload(june, 'june.csv');
  const plan = await again.previewAgain(uploadId, ids.workspaceId);
  expect(plan).toMatchObject({ workspace: 'May', table: 'lots', sentences: 4, needed: ['Price', 'Site', 'Lot', 'Status', 'Kg'] });
  expect(plan.ties.filter((t) => !t.sure).map((t) => [t.column, t.to])).toEqual([['Site', 'Place'], ['Kg', 'Weight kg']]);
  const { settings } = await uploads.previewUpload(uploadId, {});
  const order = { uploadId, workspaceId: ids.workspaceId, settings, workspaceName: 'June' };
  await expect(again.runAgain({ ...order, ties: [] }, () => undefined)).rejects.toThrow('needs the column “Site”, which the new file does not have');
  const made = await again.runAgain({ ...order, ties: plan.ties.map((t) => ({ column: t.column, to: t.to! })) }, () => undefined);
  const now = await view(made.workspaceId);
  expect(now.from).toEqual({ id: ids.workspaceId, name: 'May' });
  expect(now.brief.map((s) => s.sentence)).toEqual(['Rename ‹Place› to ‹Site› and ‹Weight kg› to ‹Kg›.', ...brief.map((s) => s.sentence)]);
  expect((await column(made, 'Site')).slice(0, 2)).toEqual(['Teal', 'Heath']);
  expect(now.brief[1]!.report.held).toBe(6);
  const found = await again.differenceOf(made.workspaceId);
  expect(found!.differences.filter((d) => !d.plain).map((d) => `${d.of}: ${d.words}`)).toEqual([
    'Check that ‹Kg› is at least 10.: 1 row breaks it; none did last time',
    expect.stringMatching(/^Put right .*: 1 row is of a kind never seen: holds something else than when it was put right/),
    expect.stringMatching(/^Site: a value never seen: “Heath”/),
    'Kg: the lowest value is 3; it was never below 10',
  ]);
  // The names of the new file are known from now on.
  const next = await again.previewAgain(await upload(june, 'july.csv'), made.workspaceId);
  expect(next.ties.every((t) => t.sure)).toBe(true);
  expect(next.sentences).toBe(4);
  expect(await again.differenceOf(ids.workspaceId)).toBeNull();
}, 30_000);

test('a calculation that was named is worked out anew in every later sentence when its meaning changes', async () => {
  const ids = await bring();
  await keep(ids, 'Let ‹double› mean ‹Kg› times 2.', 'Add ‹Double kg› as ‹Kg› times 2.', 'Add ‹More› as (‹Kg› times 2) plus 1.', 'Add ‹Other› as ‹Kg› times 3.');
  const { version, brief } = await view(ids.workspaceId);
  await workspaces.editSentence({ workspaceId: ids.workspaceId, version, key: brief[0]!.key, request: '', plans: [exact('Let ‹double› mean ‹Kg› times 20.')] });
  expect((await view(ids.workspaceId)).brief.map((s) => s.sentence)).toEqual(['Let ‹double› mean ‹Kg› times 20.', 'Add ‹Double kg› as ‹Kg› times 20.', 'Add ‹More› as (‹Kg› times 20) plus 1.', 'Add ‹Other› as ‹Kg› times 3.']);
  expect((await column(ids, 'More'))[0]).toBe(201);
});

test('the forms of a kind are told in the proof and in the review, and the rows of one are looked at alone', async () => {
  const ids = await server.bring(`Lot,Hive site\n${Array.from({ length: 60 }, (_, i) => `L-${i + 1},${i === 7 ? '12 - Old (shade) Quarry' : `${i} - Garden`}`).join('\n')}\n`, 'hives');
  const plan = exact('Split ‹Hive site› at "-" into ‹Hive› and ‹Site›.');
  const stateId = await server.stateOf(ids);
  const [proof] = await proofs.prove(stateId, [plan], 'all');
  const { code, key: kind } = proof!.kinds.find((k) => k.key === 'cut')!;
  const forms = await proofs.kindForms(stateId, [plan], 0, code);
  expect(forms.map((f) => [f.rows, f.rare, f.before, f.after])).toEqual([[1, true, ['12 - Old (shade) Quarry'], ['12', 'Old (shade) Quarry']], [59, false, ['0 - Garden'], ['0', 'Garden']]]);
  const rare = forms[0]!.positions;
  expect((await proofs.kindRows(stateId, [plan], 0, code, 0, 50, rare)).map((r) => r.position)).toEqual([7]);

  await keep(ids, 'Split ‹Hive site› at "-" into ‹Hive› and ‹Site›.');
  const { key } = (await view(ids.workspaceId)).brief[0]!;
  expect(await review.reviewForms({ workspaceId: ids.workspaceId, key, kind })).toEqual(forms);
  expect((await review.reviewRows({ workspaceId: ids.workspaceId, key, kind, what: 'kind', ...page, only: rare })).rows.map((r) => r.position)).toEqual([7]);
});
