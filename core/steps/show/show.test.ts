import { csvPieces } from '../../formats/write';
import { told } from '../../testing/told';

const PAYMENTS = 'Lot,Paid,Fee,Share,Weight kg,Delivered on\nL-1,1204.5,3,0.25,12.5,2025-03-01\nL-2,88,2.5,0.1,6,2025-03-04\nL-3,-15.25,1,0.65,8,\n';

test.each([
  ['show paid and fee with two decimals', 'Show ‹Paid› and ‹Fee› with 2 decimals.'],
  ['show money columns with two decimals', 'Show ‹Paid› and ‹Fee› with 2 decimals.'],
  ['show paid with thousands separators and 2 decimals', 'Show ‹Paid› with 2 decimals with thousands apart.'],
  ['display share as a percentage', 'Show ‹Share› in per cent.'],
  ['show share as a percentage with no decimals', 'Show ‹Share› with 0 decimals in per cent.'],
  ['show paid with a euro sign in front', 'Show ‹Paid› with "€" in front.'],
  ['show fee with EUR behind', 'Show ‹Fee› with "EUR" behind.'],
  ['show the paid column with negative numbers in brackets', 'Show ‹Paid› with negative numbers in brackets.'],
  ['show delivered on as dd.mm.yyyy', 'Show ‹Delivered on› with dates like "03.05.2025".'],
  ['show the dates with the weekday', 'Show ‹Delivered on› with dates like "Saturday 3 May 2025".'],
])('%s', async (request, sentence) => expect((await told(PAYMENTS, request)).sentences).toEqual([sentence]));

test('rounding is another matter: it changes the values', async () => expect((await told(PAYMENTS, 'round paid to 1 decimal')).sentences).toEqual(['Set ‹Paid› to ‹Paid› rounded to 1 decimal.']));

test('what is written out is as it was', async () => {
  const csv = async (...requests: string[]): Promise<string> => { let out = ''; for await (const piece of csvPieces((await told(PAYMENTS, ...requests)).session.table)) out += piece; return out; };
  expect(await csv('Show ‹Paid› with 0 decimals.', 'show delivered on as month and year')).toBe(await csv());
});

test('looks add up, stay with a column that is made anew or renamed, and are taken off as a whole', async () => {
  const lookOf = async (name: string, ...requests: string[]) => (await told(PAYMENTS, ...requests)).session.table.columns.find((c) => c.name === name)?.look;
  const both = ['show paid with 2 decimals', 'show paid with a euro sign'];
  expect(await lookOf('Paid', ...both)).toEqual({ decimals: 2, sign: { text: '€', side: 'front' } });
  expect(await lookOf('Payout', ...both, 'round paid to 1 decimal', 'rename paid to Payout')).toEqual({ decimals: 2, sign: { text: '€', side: 'front' } });
  expect(await lookOf('Paid', ...both, 'show paid as it is kept')).toBeUndefined();
});

test('texts are shown as they stand', async () => {
  const { outcome, text } = await told(PAYMENTS, 'Show ‹Lot› with 2 decimals.');
  expect([outcome, text]).toEqual(['cannot', expect.stringContaining('not kept as numbers')]);
});
