import { told } from '../../testing/told';

const LOTS = `Lot,Buyer,Sold on,Method,Remarks,Paid on
1,Ferrow,2026-10-03,card,ask for INV-4471,2026-10-05
2,,2026-10-03,cash,,
3,,,,INV-4480 is late,
4,Abbot,2026-10-17,cash,,
`;

/* Into blanks where something else holds as well: no other blank is filled. */
test.each<[string, string, readonly (string | null)[]]>([
  ['put house where buyer is missing but it was sold', 'Buyer', ['Ferrow', 'house', null, 'Abbot']],
  ['put house as buyer where it was sold without a buyer', 'Buyer', ['Ferrow', 'house', null, 'Abbot']],
  ['if paid on has nothing in it but the method is cash then fill in the sold on', 'Paid on', ['2026-10-05', '2026-10-03', null, '2026-10-17']],
  ['write house where there is no buyer', 'Buyer', ['Ferrow', 'house', 'house', 'Abbot']],
])('%s', async (request, name, values) => {
  const { cells, text } = await told(LOTS, request);
  expect([text, await cells(name)]).toEqual(['', values]);
});

test('another column that is spoken of is not passed over', async () => {
  expect((await told(LOTS, 'where there is no buyer but a method, write house')).sentences.join(' ')).not.toBe('Fill blanks in ‹Buyer› with "house".');
});

test('a number behind a code with a dash is none below zero', async () => {
  const { cells, sentences } = await told(LOTS, 'pull the INV number from remarks into a column Invoice');
  expect([sentences.length, await cells('Invoice')]).toEqual([1, [4471, null, 4480, null]]);
});
