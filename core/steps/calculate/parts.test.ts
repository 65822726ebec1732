import { told } from '../../testing/told';

const MEMBERS = `Member,Address,Notes,Sent UTC,Left,Day
Ada Fern,"12 Hill Lane, Upper Teal, UT4 2AB","Ms. Odile Marsh took 12 kg to Paris",2025-03-20 09:00,2025-07-01 23:30,2025-03-20
Ben Comb,"3 Wax Street, Lower Teal, LT1 1AA","500 g for Ines Vale",2025-07-01 23:30,2025-01-01 12:00,2025-03-20
Cleo Dune,Rose House,nothing to report,,,
`;

test.each([
  ['split the address into street, town and postcode', ['Street', 'Town', 'Postcode'], [['12 Hill Lane', '3 Wax Street', null], ['Upper Teal', 'Lower Teal', null], ['UT4 2AB', 'LT1 1AA', null]]],
  ['put the house number, street and city of the address in separate columns', ['House number', 'Street', 'Town'], [['12', '3', null], ['Hill Lane', 'Wax Street', null], ['Upper Teal', 'Lower Teal', null]]],
  ['split Address into parts', ['Street', 'Postcode'], [['12 Hill Lane', '3 Wax Street', null], ['UT4 2AB', 'LT1 1AA', null]]],
  ['add the postcode from Address', ['Postcode'], [['UT4 2AB', 'LT1 1AA', null]]],
  ['extract the weight from notes', ['Weight'], [['12 kg', '500 g', null]]],
  ['get the weight in kg from Notes', ['Weight in kg'], [[12, 0.5, null]]],
  ['show Sent UTC in New York time', ['Sent UTC in New York'], [['2025-03-20 05:00', '2025-07-01 19:30', null]]],
  ['convert Left from Berlin time to UTC', ['Left'], [['2025-07-01 21:30', '2025-01-01 11:00', null]]],
] as const)('%s', async (request, columns, cells) => {
  const { cells: of } = await told(MEMBERS, request);
  for (const [i, column] of columns.entries()) expect(await of(column)).toEqual(cells[i]);
});

test('what is found by how it looks only is a kind that wants a look', async () => {
  const { kinds, cells } = await told(MEMBERS, 'extract the people mentioned in Notes');
  expect(await cells('Person’s name')).toEqual(['Ms. Odile Marsh', 'Ines Vale', null]);
  expect(kinds).toEqual({ likely: 2, blank: 1 });
});

test('what is no address is left blank and comes first', async () => expect((await told(MEMBERS, 'add the town from Address')).kinds).toEqual({ blank: 1, done: 2 }));

test('days without a time are not put into another time zone', async () => {
  const { outcome, session } = await told(MEMBERS, 'convert Day from UTC to Berlin time');
  expect(outcome).not.toBe('done');
  expect(session.entries).toEqual([]);
});
