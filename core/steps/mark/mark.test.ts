import { ACCENT_NAMES } from '../../table/look';
import { told } from '../../testing/told';
import { markedCells } from './marked';

const LOTS = 'Lot,Member,Weight kg,Paid\nL-1,Ada,12.5,120\nL-2,Ben,6,-5\nL-3,Cy,8,40\nL-4,Di,,\n';

/** The accents of a column's cells after some requests, by name. */
async function accents(column: string, ...requests: string[]): Promise<(string | null)[] | null> {
  const { session } = await told(LOTS, ...requests);
  const found = (await markedCells(session.table, session.head)).find((m) => m.column === column);
  return found ? Array.from(found.accents, (code) => (code ? ACCENT_NAMES[code - 1]! : null)) : null;
}

test.each([
  ['mark weights above 10 in the kept colour, below 7 in the held one', 'Weight kg', ['kept', 'held', null, null]],
  ['highlight paid below 0 in red', 'Paid', [null, 'held', null, null]],
  ['mark the lots of Ada in blue', 'Member', ['pending', null, null, null]],
  ['mark member in green where paid is over 100', 'Member', ['kept', null, null, null]],
] as const)('%s', async (request, column, expected) => expect(await accents(column, request)).toEqual(expected));

test('a label is no mark', async () => expect((await told(LOTS, 'mark weights over 10 as heavy')).sentences[0]).toMatch(/^Add /));

test('how many cells are marked, and where it cannot be told, is counted', async () => {
  expect((await told(LOTS, 'mark weights over 7 in green')).kinds).toEqual({ unknown: 1, marked: 2, plain: 1 });
});

test('marks are of what the rows hold now, follow a renamed column, and fall away with one that is gone', async () => {
  const mark = 'Mark ‹Weight kg› in the kept accent where ‹Paid› is more than 100.';
  expect(await accents('Weight kg', mark, 'Set ‹Paid› to ‹Paid› times 3.')).toEqual(['kept', null, 'kept', null]);
  expect(await accents('Kilos', mark, 'Rename ‹Weight kg› to ‹Kilos› and ‹Paid› to ‹Payout›.')).toEqual(['kept', null, null, null]);
  expect(await accents('Weight kg', mark, 'Drop ‹Paid›.')).toBeNull();
  expect(await accents('Weight kg', mark, 'take the marks off the weight')).toBeNull();
});
