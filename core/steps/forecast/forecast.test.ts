import { csvTable } from '../../testing/tables';
import { checkPlan, readExact } from '../registry';
import { headWithGlances, runPlan } from '../run';
import type { CellValue } from '../../values/cell';

const answer = async (csv: string, sentence: string): Promise<readonly (readonly CellValue[])[]> => {
  const table = await csvTable(csv);
  return (await runPlan(readExact(sentence)!, table, await headWithGlances(table))).answer!.rows;
};

describe('the forecast', () => {
  const months = `Day,Kg\n${Array.from({ length: 8 }, (_, i) => `2025-0${i + 1}-15,${100 + 10 * i}\n2025-0${i + 1}-20,${i === 3 ? '' : 50}`).join('\n')}\n`;
  test('totals by period come first; what is carried on is marked as such, with what is likely at least and at most', async () => {
    const rows = await answer(months, 'Forecast the total of ‹Kg› by month of ‹Day›, 2 ahead.');
    expect(rows).toHaveLength(10);
    expect(rows[0]).toEqual(['2025-01', 150, null, null, null]);
    expect(rows[3]).toEqual(['2025-04', 130, null, null, null]);
    const [period, known, value, low, high] = rows[8]!;
    expect([period, known]).toEqual(['2025-09', null]);
    expect(Number(low)).toBeLessThan(Number(value));
    expect(Number(value)).toBeLessThan(Number(high));
    expect(Number(rows[9]![4]) - Number(rows[9]![3])).toBeGreaterThan(Number(high) - Number(low));
  });
  test('a straight series goes straight on, over the turn of a year too', async () => {
    const rows = await answer('Day,Kg\n2024-10-01,10\n2024-11-01,20\n2024-12-01,30\n', 'Forecast the total of ‹Kg› by month of ‹Day›, 2 ahead.');
    expect(rows.slice(3)).toEqual([['2025-01', null, 40, 40, 40], ['2025-02', null, 50, 50, 50]]);
    const weeks = await answer('Day,Kg\n2025-05-05,10\n2025-05-14,20\n2025-05-19,30\n', 'Forecast the total of ‹Kg› by week of ‹Day›, 1 ahead.');
    expect(weeks.map((r) => r[0])).toEqual(['2025-05-05', '2025-05-12', '2025-05-19', '2025-05-26']);
  });
  test('two periods are no line: nothing is carried on', async () => expect(await answer('Day,Kg\n2024-10-01,10\n2024-11-01,20\n', 'Forecast the total of ‹Kg› by month of ‹Day›, 2 ahead.')).toHaveLength(2));
  test('a column without dates is refused with what to do', async () => {
    const head = await headWithGlances(await csvTable(months));
    expect(checkPlan(readExact('Forecast the total of ‹Kg› by month of ‹Kg›, 2 ahead.')!, head).map((p) => p.text)).toEqual(['“Kg” holds no dates, so there are no periods. Say a column of dates.']);
  });
});

describe('what goes with a number', () => {
  const lots = `Lot,Site,Kg,Hives,Noise\n${Array.from({ length: 60 }, (_, i) => `L-${i},${i % 2 ? 'Teal' : 'Mill'},${(i % 2 ? 40 : 20) + (i % 5)},${100 - i},${(i * 7919) % 13}`).join('\n')}\n`;
  test('columns come by how strongly they go with it; identifiers are left out, and rows say how many were looked at', async () => {
    const rows = await answer(lots, 'Show what goes with ‹Kg›.');
    expect(rows.map((r) => r[0])).toEqual(['Site', expect.any(String), expect.any(String)]);
    expect(rows[0]).toEqual(['Site', expect.any(Number), 'differs between its 2 groups', 60]);
    expect(Number(rows[0]![1])).toBeGreaterThan(0.98);
    expect(Number(rows[2]![1])).toBeLessThan(0.3);
  });
  test('one pair by name, and which way it goes', async () => {
    const falling = `A,B\n${Array.from({ length: 10 }, (_, i) => `${i},${20 - 2 * i}`).join('\n')}\n`;
    expect(await answer(falling, 'Show what goes with ‹A›, among ‹B›.')).toEqual([['B', 1, 'the one falls as the other grows', 10]]);
  });
});
