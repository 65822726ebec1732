import { csvPieces } from '../../formats/write';
import { proposals } from '../../language/proposals';
import { complete } from '../../language/completion';
import { told } from '../../testing/told';

const MEMBERS = 'Member,Mail,Phone,Kg,Spare\nAda Fern, ada@hive.example,555-0101 22, 12,\nBen Comb,ben@hive.example,555-0102 33,7,\n';

test.each([
  ['hide the phone column', ['Phone']],
  ['hide Mail and Phone', ['Mail', 'Phone']],
  ['hide the contact details', ['Mail', 'Phone']],
  ['hide the empty columns', ['Spare']],
  ['hide everything that is empty', ['Spare']],
  ['hide the names and e-mails', ['Member', 'Mail']],
])('%s', async (request, hidden) => {
  const { session } = await told(MEMBERS, request);
  expect(session.table.columns.filter((c) => c.hidden).map((c) => c.name).sort()).toEqual([...hidden].sort());
  expect(session.table.columns).toHaveLength(5);
});

test('a hidden column is not written out, and comes back as it was', async () => {
  const csv = async (table: Parameters<typeof csvPieces>[0]): Promise<string> => { let out = ''; for await (const piece of csvPieces(table)) out += piece; return out; };
  const before = await told(MEMBERS);
  const hidden = await told(MEMBERS, 'hide Mail and Phone');
  expect((await csv(hidden.session.table)).split('\r\n')[0]).toBe('Member,Kg,Spare');
  const back = await told(MEMBERS, 'hide Mail and Phone', 'show the hidden columns again');
  expect(await csv(back.session.table)).toBe(await csv(before.session.table));
});

test('a hidden column is spoken of by its whole name only', async () => {
  const all = await told(MEMBERS, 'hide Phone', 'trim all columns');
  expect(all.sentences).toEqual(['In ‹Member›, ‹Mail› and ‹Spare›, trim outer spaces and reduce runs of spaces to one.']);
  expect((await told(MEMBERS, 'hide Phone', 'drop the phone column')).sentences).toEqual(['Drop ‹Phone›.']);
  expect((await told(MEMBERS, 'hide Phone', 'extract the numbers from telephone')).outcome).not.toBe('done');
  const { head } = all.session;
  expect(complete('drop ', head).map((c) => c.shown)).not.toContain('Phone');
  expect(proposals(head).filter((p) => p.sentence.includes('‹Phone›'))).toEqual([]);
});

test('a step leaves a column out of sight that it changes', async () => {
  const { session } = await told(MEMBERS, 'hide Mail', 'In ‹Mail›, trim outer spaces.');
  expect(session.table.columns.find((c) => c.name === 'Mail')?.hidden).toBe(true);
});

test.each([
  ['no column would be left in sight', ['hide Member, Mail, Phone, Kg and Spare'], 'no column in sight'],
  ['what is hidden cannot be hidden', ['hide Mail', 'Hide ‹Mail›.'], 'hidden already'],
  ['what is in sight cannot be shown again', ['Show ‹Mail› again.'], 'not hidden'],
])('%s', async (_name, requests, text) => {
  const answer = await told(MEMBERS, ...requests);
  expect(answer.outcome).toBe('cannot');
  expect(answer.text).toContain(text);
});
