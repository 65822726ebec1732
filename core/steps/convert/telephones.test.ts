import { told } from '../../testing/told';

const table = (...numbers: string[]): string => `Member,Phone\n${numbers.map((n, i) => `M${i},${n}`).join('\n')}\n`;

test('telephone numbers get one form; what is none stays as it is written and comes first', async () => {
  const { sentences, kinds, cells } = await told(table('020 7946 0018', '+44 20 7946 0019', '0044 20 7946 0020', 'n/a'), 'put the phone numbers in international format, they are British');
  expect(sentences).toEqual(['Turn ‹Phone› into telephone numbers of "GB".']);
  expect(await cells('Phone')).toEqual(['+44 20 7946 0018', '+44 20 7946 0019', '+44 20 7946 0020', 'n/a']);
  expect(kinds).toEqual({ misfit: 1, read: 3 });
});

test('done again, nothing changes', async () => {
  const once = await told(table('020 7946 0018', '+49 30 123456'), 'Turn ‹Phone› into telephone numbers of "GB".');
  const twice = await told(once.session.table, 'Turn ‹Phone› into telephone numbers of "GB".');
  expect(await twice.cells('Phone')).toEqual(await once.cells('Phone'));
});

test('where most numbers do not say their country, it is asked for', async () => {
  const { outcome, session, text } = await told(table('020 7946 0018', '020 7946 0019', '+44 20 7946 0020'), 'standardise Phone to international format');
  expect(outcome).not.toBe('done');
  expect(text).toContain('country');
  expect(session.entries).toEqual([]);
});
