import { readExact } from '../steps/registry';
import { headWithGlances } from '../steps/run';
import { csvTable } from '../testing/tables';
import { workedRow } from './worked';

const lots = csvTable('Lot,Gross,Crate,Hives,Site\nL-1,412.50,18,31,Teal\nL-2,60,,0,Mill\nL-3,100,4,0,Teal\n');
const worked = async (sentence: string, row: number): Promise<string[]> => {
  const plan = readExact(sentence);
  if (plan?.step !== 'calculate') throw new Error(sentence);
  const table = await lots;
  return workedRow(plan.as, table, await headWithGlances(table), row - 1);
};

test.each<[string, number, string[]]>([
  ['Add ‹Y› as (‹Gross› minus ‹Crate›) divided by ‹Hives› rounded to 3 decimals.', 1, ['(412.5 − 18) ÷ 31 = 12.725806…', 'rounded to 3 decimals = 12.726']],
  ['Add ‹Y› as ‹Gross› minus (‹Crate› minus ‹Hives›).', 1, ['412.5 − (18 − 31) = 425.5']],
  ['Add ‹Y› as (‹Gross› minus ‹Crate›) divided by ‹Hives›.', 2, ['(60 − blank) ÷ 0 = blank']],
  ['Add ‹Y› as ‹Gross› divided by ‹Hives›.', 3, ['100 ÷ 0 = blank (division by zero)']],
  ['Add ‹Y› as (‹Gross› divided by (the sum of ‹Gross› over the rows for each ‹Site›)) times 100 rounded to 1 decimal.', 1, ['the sum of Gross over the rows for each Site = 512.5', '412.5 ÷ 512.5 × 100 = 80.487804…', 'rounded to 1 decimal = 80.5']],
  ['Add ‹Y› as if ‹Gross› is at most 60 then "small", if ‹Gross› is at most 200 then "middle", otherwise "large".', 3, ['Gross is at most 60: does not hold (Gross is 100)', 'Gross is at most 200: holds (Gross is 100)', '"middle"']],
])('%s, row %d', async (sentence, row, lines) => expect(await worked(sentence, row)).toEqual(lines));

test('the working says which name was taken for which', async () => {
  const table = { ...(await csvTable('Film,Seats\nLast Post Box,20\n')), others: new Map([['entries', { table: await csvTable('Title,Fee\nThe Last Postbox,7\n', 'entries'), head: await headWithGlances(await csvTable('Title,Fee\nThe Last Postbox,7\n', 'entries')) }]]) };
  const plan = readExact('Add ‹F› as the ‹Fee› in the table "entries" where ‹Title› is spelled like ‹Film›.');
  expect(plan?.step === 'calculate' && (await workedRow(plan.as, table, await headWithGlances(table), 0))).toEqual(['"Last Post Box" is taken for "The Last Postbox"', '7']);
});

test('the working of what is told by words says by which', async () => {
  const table = await csvTable('Film,Note\nA,"Lovely pictures, but far too long"\n');
  const plan = readExact('Add ‹F› as if (the feeling in ‹Note›) is more than 0 then "good", otherwise "bad".');
  expect(plan?.step === 'calculate' && (await workedRow(plan.as, table, await headWithGlances(table), 0))).toEqual([
    'the feeling in Note = 1; for it: lovely; against it: far too long', '(the feeling in Note) is more than 0: holds', '"good"',
  ]);
});
