import { tableFromBytes } from '../../formats/import';
import { cellsOf } from '../../formats/write';
import { readRequest } from '../../language/read';
import { headWithGlances, runPlan } from '../run';

const lots = tableFromBytes('lots', new TextEncoder().encode(`Lot,Delivered,Member,Site,Flower,Gross kg,Crate kg,Moisture,Status,Paid
LT-1,2025-05-03,Ada Fern,Teal,Heather,42.5,3.1,17.2,accepted,399.50
LT-2,2025-05-05,Tobias Brook,Garden,Clover,61,3.1,21,accepted,
LT-2,2025-05-14,,Teal,Clover,28.4,2.9,,rejected,244.24
`));

test.each([
  ['every lot has a member', 'Check that ‹Member› is filled.'],
  ['moisture must be between 14 and 20', 'Check that ‹Moisture› is at least 14 and ‹Moisture› is at most 20.'],
  ['moisture between 14 and 20', 'Check that ‹Moisture› is at least 14 and ‹Moisture› is at most 20.'],
  ['lot number unique', 'Check that (the number of rows for each ‹Lot›) equals 1.'],
  ['no lot may be without a member', 'Check that ‹Member› is filled.'],
  ['check that crate kg is less than gross kg', 'Check that ‹Crate kg› is less than ‹Gross kg›.'],
  ['accepted lots must have a paid amount', 'Check that ‹Status› is not "accepted" or else ‹Paid› is filled.'],
  ['check paid is filled for the accepted ones', 'Check that ‹Status› is not "accepted" or else ‹Paid› is filled.'],
  ['there should be no lots over 100 kg gross', 'Check that not (‹Gross kg› is more than 100).'],
  ['ensure that the total of paid is 643.74', 'Check that (the sum of ‹Paid› over the rows) equals 643.74.'],
])('%s', async (request, sentence) => {
  const answer = readRequest(request, await headWithGlances(await lots));
  expect(answer.outcome === 'done' && answer.reading.sentences).toEqual([sentence]);
});

test.each([
  ['every lot has a member', ['holds', 'holds', 'fails']],
  ['moisture between 14 and 20', ['holds', 'fails', 'untold']],
  ['lot is unique', ['holds', 'fails', 'fails']],
  ['accepted lots must have a paid amount', ['holds', 'fails', 'holds']],
])('%s: rows are told apart, and none is changed', async (request, kinds) => {
  const table = await lots;
  const head = await headWithGlances(table);
  const answer = readRequest(request, head);
  if (answer.outcome !== 'done') throw new Error(answer.message);
  const { report, table: after } = await runPlan(answer.reading.plans[0]!, table, head);
  expect([...report.codes!].map((c) => report.kinds.find((k) => k.code === c)!.key)).toEqual(kinds);
  expect(await cellsOf(after)).toEqual(await cellsOf(table));
});

test('what is to be kept or spelt is no check', async () => {
  const head = await headWithGlances(await lots);
  const step = (request: string): string | null => { const a = readRequest(request, head); return a.outcome === 'done' ? a.reading.plans[0]!.step : null; };
  expect(['keep lots with moisture between 14 and 20', 'status should be in capitals', 'delivered should be a date'].map(step)).toEqual(['filter', 'tidy', 'convert']);
});
