import fc from 'fast-check';
import { beside } from '../testing/beside';

/* Figures that follow the order of a column, whatever the order of the rows. */

const LOTS = 'Lot,Keeper,Day,Kg\nL-1,Ada,2026-03-09,10\nL-2,Ben,2026-03-02,7\nL-3,Ada,2026-03-02,3\nL-4,Ada,,2\nL-5,Ben,2026-03-20,\nL-6,Ada,2026-03-02,5\n';
const cells = async (sentence: string, name: string): Promise<readonly unknown[]> => (await beside(LOTS, {}, sentence)).cells(name);

test.each<[string, readonly unknown[]]>([
  ['Add ‹X› as the running total of ‹Kg›, in the order of ‹Day›.', [25, 7, 10, 27, 25, 15]],
  ['Add ‹X› as the running total of ‹Kg› for each ‹Keeper›, in the order of ‹Day›.', [18, 7, 3, 20, 7, 8]],
  ['Add ‹X› as the number of the row for each ‹Keeper›, in the order of ‹Day›.', [3, 1, 1, 4, 2, 2]],
  ['Add ‹X› as the number of the row, in the order of ‹Kg› from high to low.', [1, 2, 4, 5, 6, 3]],
  ['Add ‹X› as the row above of ‹Kg› for each ‹Keeper›, in the order of ‹Day›.', [5, null, null, 10, 7, 3]],
])('%s', async (sentence, expected) => expect(await cells(sentence, 'X')).toEqual(expected));

test('it asks for a column of dates or numbers', async () => expect((await beside(LOTS, {}, 'Add ‹X› as the number of the row, in the order of ‹Keeper›.')).session.entries).toEqual([]));

test('what follows a column is what would stand there if the rows were sorted by it first', () =>
  fc.assert(fc.asyncProperty(fc.array(fc.record({ day: fc.integer({ min: 1, max: 9 }), kg: fc.integer({ min: 0, max: 50 }) }), { minLength: 1, maxLength: 12 }), async (rows) => {
    const table = `Lot,Day,Kg\n${rows.map((r, i) => `L-${i},${r.day},${r.kg}`).join('\n')}\n`;
    const follows = await beside(table, {}, 'Add ‹X› as the running total of ‹Kg›, in the order of ‹Day›.', 'Sort by ‹Day›.');
    const sorted = await beside(table, {}, 'Sort by ‹Day›.', 'Add ‹X› as the running total of ‹Kg›.');
    expect(await follows.cells('X')).toEqual(await sorted.cells('X'));
  }), { numRuns: 15 }));
