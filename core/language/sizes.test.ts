import { told } from '../testing/told';

const BATCHES = `Batch,Weight kg,Ice kg,Length cm,Minutes,Price,Discount %,Started,Ended,Grade
A,12.5,2,45,30,100,10,2025-03-01,2025-03-11,A
B,0.4,0.1,120,95,50,,2025-03-02,2025-03-05,C
C,3,1,80,61,20,25,2025-03-03,,B
`;

describe('a size in a condition is one in the unit it was said in', () => {
  test.each([
    ['keep batches over 500 g', ['A', 'C']],
    ['drop everything longer than 1 m', ['A', 'C']],
    ['keep those heavier than 1 lb', ['A', 'C']],
    ['keep batches between 40 and 90 cm', ['A', 'C']],
    ['keep batches of more than an hour', ['B', 'C']],
    ['keep those that took longer than a week from started to ended', ['A']],
    ['keep those that took under a week between started and ended', ['B']],
  ])('%s', async (request, batches) => {
    const { cells, sentences } = await told(BATCHES, request);
    expect([sentences.length, await cells('Batch')]).toEqual([1, batches]);
  });

  test('a unit of another sort is not passed over', async () => {
    const { outcome } = await told(BATCHES, 'keep batches with a weight over 5 litres');
    expect(outcome).not.toBe('done');
  });
});

describe('what is so many per cent', () => {
  test.each([
    ['add Net, price less the discount', 'Net', [90, null, 15]],
    ['add Fee, 4% of price, 3% if grade C', 'Fee', [4, 1.5, 0.8]],
    ['add Charge, 5% of price but never less than 2', 'Charge', [5, 2.5, 2]],
  ])('%s', async (request, name, values) => expect(await (await told(BATCHES, request)).cells(name)).toEqual(values));
});

test('what is added up for a kind of quantity is the column called after it alone', async () => {
  const { session } = await told(BATCHES, 'how many kilos in all');
  expect(session.answered?.rows).toEqual([[15.9]]);
});
