import { csvTable, columnCells } from '../../testing/tables';
import { readExact } from '../registry';
import { headWithGlances, runPlan } from '../run';

async function sorted(sentence: string, csv: string, column: string) {
  const table = await csvTable(csv);
  return columnCells((await runPlan(readExact(sentence)!, table, await headWithGlances(table))).table, column);
}

const parcels = 'No,Size,Kg\n1,M,2\n2, xl,9\n3,,1\n4,S,1\n5,odd,1\n6,XL,8\n7,m,3\n';

test('values in an order of their own: capitals and spaces aside, the others behind, blanks last', async () => {
  expect(await sorted('Sort by ‹Size› in the order "XL" then "M" then "S".', parcels, 'No')).toEqual([2, 6, 1, 7, 4, 5, 3]);
  expect(await sorted('Sort by ‹Size› in the order "XL" then "M" then "S" and ‹Kg›.', parcels, 'No')).toEqual([6, 2, 1, 7, 4, 5, 3]);
});

test('a column written in several units is ordered by what it measures', async () => {
  expect(await sorted('Sort by ‹Weight› from high to low.', 'No,Weight\n1,950 g\n2,1.2 kg\n3,3400 g\n4,8 kg\n5,\n', 'No')).toEqual([4, 3, 2, 1, 5]);
});
