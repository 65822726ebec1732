import fc from 'fast-check';
import { csvTable } from '../../testing/tables';
import { checkPlan, readExact } from '../registry';
import { headWithGlances, runPlan } from '../run';
import { largestRemainder } from '../../review/sampling';

const LOTS = `Lot,Delivered,Honey,Kg,Status
L-1,2025-05-03,Acacia,42.5,accepted
L-2,2025-05-05,Meadow,61,rejected
L-3,2025-06-14,acacia,28.4,accepted
L-4,2025-06-20,Linden,,accepted
L-5,2025-06-21,Meadow,10,accepted
`;

async function answer(sentence: string) {
  const table = await csvTable(LOTS);
  const head = await headWithGlances(table);
  const plan = readExact(sentence);
  if (!plan) throw new Error(`not exact: ${sentence}`);
  expect(checkPlan(plan, head)).toEqual([]);
  const result = await runPlan(plan, table, head);
  expect(result.table).toBe(table);
  return result.answer!;
}

test('figures for each group, blanks left out, with the rows behind each', async () => {
  expect(await answer('Answer ‹Total› as the sum of ‹Kg› over the rows; and ‹Rows› as the number of rows; for each ‹Honey›.')).toEqual({
    columns: ['Honey', 'Total', 'Rows'],
    rows: [['Acacia', 70.9, 2], ['Meadow', 71, 2], ['Linden', null, 1]],
    members: [2, 2, 1],
    groups: 3,
  });
});

test('a condition, an order and a limit; a month as the group', async () => {
  const top = await answer('Answer ‹Total› as the sum of ‹Kg› over the rows; for each ‹Month› as the month of ‹Delivered›; only where ‹Status› is "accepted"; sorted by ‹Total› from low to high; the first 1.');
  expect([top.rows, top.groups]).toEqual([[[6, 38.4]], 2]);
});

test('no row at all is a count of zero, and no other figure', async () => {
  expect((await answer('Answer ‹Rows› as the number of rows; ‹Mean› as the mean of ‹Kg› over the rows; only where ‹Kg› is more than 999.'.replace('; ‹Mean›', '; and ‹Mean›'))).rows).toEqual([[0, null]]);
});

test('medians, spreads, and different values', async () => {
  const { rows } = await answer('Answer ‹Median› as the median of ‹Kg› over the rows; ‹Spread› as the spread of ‹Kg› over the rows; and ‹Sorts› as the number of different values of ‹Honey› over the rows.');
  expect(rows[0]![0]).toBeCloseTo(35.45, 10);
  expect(rows[0]![1]).toBeCloseTo(21.6017553299, 6);
  expect(rows[0]![2]).toBe(3);
});

test('each group by itself is a list', async () => {
  expect((await answer('List each ‹Status›; sorted by ‹Status› from low to high.')).rows).toEqual([['accepted'], ['rejected']]);
});

test('a figure that looks at single rows is refused', async () => {
  const head = await headWithGlances(await csvTable(LOTS));
  expect(checkPlan(readExact('Answer ‹Kg each› as ‹Kg› times 2.')!, head)[0]!.text).toMatch(/not one figure over many rows/);
});

test('quotas by largest remainder add up to the total and keep within one of their share', () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 0, max: 1000 }), { minLength: 1, maxLength: 12 }).filter((s) => s.some((n) => n > 0)), fc.double({ min: 0, max: 1, noNaN: true }), (sizes, share) => {
      const all = sizes.reduce((a, b) => a + b, 0), total = Math.round(all * share);
      const quota = largestRemainder(sizes, total);
      expect(quota.reduce((a, b) => a + b, 0)).toBe(total);
      quota.forEach((n, i) => expect(Math.abs(n - (sizes[i]! * total) / all)).toBeLessThan(1));
    }),
  );
});

describe('one group across, and a line for all', () => {
  const lots = 'Site,Honey,Kg\nTeal,acacia,10\nTeal,linden,5\nOrin,acacia,2\nteal,Acacia,1\n,linden,4\n';
  const answered = async (sentence: string) => {
    const table = await csvTable(lots);
    return (await runPlan(readExact(sentence)!, table, await headWithGlances(table))).answer!;
  };

  test('the values of a group become columns; where no row is, a sum is blank and a count zero', async () => {
    expect(await answered('Answer ‹Total› as the sum of ‹Kg› over the rows; for each ‹Site›; across ‹Honey›.')).toMatchObject({ columns: ['Site', 'acacia', 'linden'], rows: [['Teal', 11, 5], ['Orin', 2, null], [null, null, 4]], members: [3, 1, 1] });
    expect((await answered('Answer ‹Rows› as the number of rows; for each ‹Honey›; across ‹Site›.')).rows).toEqual([['acacia', 2, 1, 0], ['linden', 1, 0, 1]]);
  });

  test('a line for all is worked out over all rows, not added up from the lines', async () => {
    expect((await answered('Answer ‹Mean› as the mean of ‹Kg› over the rows; for each ‹Site›; and in all.')).inAll).toEqual({ cells: ['in all', 4.4], members: 5 });
    expect((await answered('Answer ‹Mean› as the mean of ‹Kg› over the rows; for each ‹Site›; across ‹Honey›; and in all.')).inAll!.cells).toEqual(['in all', expect.closeTo(13 / 3), 4.5]);
  });

  test('a part of the whole is of all rows that were asked about', async () => {
    const share = 'Answer ‹Share› as ((the sum of ‹Kg› over the rows) divided by (the sum of ‹Kg› over all rows together)) times 100; for each ‹Honey›';
    expect((await answered(`${share}.`)).rows.map((r) => Math.round(Number(r[1])))).toEqual([59, 41]);
    expect((await answered(`${share}; only where ‹Site› is "Teal".`)).rows).toEqual([['acacia', 68.75], ['linden', 31.25]]);
  });
});
