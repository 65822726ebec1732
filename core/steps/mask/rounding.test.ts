import { told } from '../../testing/told';

const MEMBERS = 'Member,Born,Balance\nAda,1980-04-12,1234.50\nBen,1975-11-30,-87.20\nCleo,unknown,15020\nDan,,\n';

test('dates and amounts are covered by rounding; what is neither is covered whole', async () => {
  const { sentences, cells, session } = await told(MEMBERS, 'mask Born by rounding to the month and Balance by rounding to the nearest 100');
  expect(sentences).toEqual(['Mask ‹Born› leaving only the month.', 'Mask ‹Balance› rounded to multiples of 100.']);
  expect(await cells('Born')).toEqual(['1980-04-01', '1975-11-01', '•••••••', null]);
  expect(await cells('Balance')).toEqual([1200, -100, 15000, null]);
  expect(session.entries[0]!.report.kinds.find((k) => k.key === 'masked')!.words).toBe('rounded: 2 different values before, 2 after');
});

test('names have no dates to round', async () => {
  const { outcome, text } = await told(MEMBERS, 'mask Member by year');
  expect(outcome).toBe('cannot');
  expect(text).toContain('“Member” holds no dates');
});
