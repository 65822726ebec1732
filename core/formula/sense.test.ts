import { told } from '../testing/told';

/** What a sentence did, in the order of its proof. */
const kinds = async (table: string, request: string): Promise<string[]> => ((await told(table, request)).session.entries.at(-1)?.report.kinds ?? []).filter((k) => k.rows > 0).map((k) => `${k.key} ${k.rows}`);

const LOTS = 'Lot,Gross kg,Crate kg,Hives,Sold,Places\nL-1,20,2,4,8,10\nL-2,3,4,2,12,10\nL-3,15,1.5,3,,10\nL-4,11,1,2,10,0\n';

test.each([
  // 3 kg with a crate of 4 kg
  ['add Net kg: gross kg minus crate kg', ['below 1', 'done 3']],
  ['add Occupancy, sold divided by places, in percent', ['whole 1', 'zero 1', 'blank 1', 'done 1']],
  ['Add ‹Growth› as (‹Sold› divided by ‹Places›) times 100.', ['zero 1', 'blank 1', 'done 2']],
  ['Add ‹Above the mean› as ‹Gross kg› minus (the mean of ‹Gross kg› over the rows).', ['done 4']],
  ['Add ‹Weight change› as ‹Gross kg› minus ‹Crate kg›.', ['done 4']],
])('%s', async (request, expected) => expect(await kinds(LOTS, request)).toEqual(expected));

test('a share of a total that goes over it, because others are below nought, comes first', async () => {
  const rows = await kinds('Lot,Paid\nL-1,100\nL-2,-60\n', 'Add ‹Part› as ‹Paid› divided by (the sum of ‹Paid› over the rows).');
  expect(rows[0]).toBe('whole 1');
});

test('a rate a thousand times its neighbours is looked at, and so is one a thousandth of them; a few rows have no usual size', async () => {
  const table = (prices: readonly number[]): string => `Lot,Price,Kg\n${prices.map((p, i) => `L-${i},${p},10`).join('\n')}\n`;
  const usual = [90, 85, 110, 95, 100, 105, 92, 88, 97];
  expect(await kinds(table([...usual, 95_000_0]), 'Add ‹Price per kg› as ‹Price› divided by ‹Kg›.')).toEqual(['far 1', 'done 9']);
  expect(await kinds(table([...usual, 0.05]), 'Add ‹Price per kg› as ‹Price› divided by ‹Kg›.')).toEqual(['far 1', 'done 9']);
  expect(await kinds(table([1, 950_000]), 'Add ‹Price per kg› as ‹Price› divided by ‹Kg›.')).toEqual(['done 2']);
});

test('an unlikely value stands all the same', async () => expect(await (await told(LOTS, 'add Net kg: gross kg minus crate kg')).cells('Net kg')).toEqual([18, -1, 13.5, 10]));
