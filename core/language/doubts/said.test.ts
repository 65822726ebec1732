import { headWithGlances } from '../../steps/run';
import { csvTable } from '../../testing/tables';
import type { CheckedHead } from '../../formula/check';
import { tokens } from '../words';
import { saidOf, type Said } from './said';

/* What requests say of themselves, over one table; what follows from it stands with the doubts. */

let head: CheckedHead;
beforeAll(async () => {
  const rows = ['J-1,2026-03-02,Hill Farm,Nora Lind,3,4.50,13.50,2026-03-20,0555 42,"oak; ash",done,yes', 'J-2,2026-03-09,Low Fold,Rolf Ode,5,4.50,22.50,,0555 07,oak,cancelled,no', 'J-3,2026-04-01,Hill Farm,Nora Lind,2,6.00,12.00,2026-04-09,0555 11,"ash; elm",done,yes', 'J-4,2026-04-08,Birk,Nora Lind,,6.00,,,0555 44,elm,open,no'];
  head = await headWithGlances(await csvTable(`Job,Date,Farm,Worker,Guests,Price,Total,Paid on,Code,Woods,State,Insured\n${rows.join('\n')}\n`, 'jobs'));
});
const said = (request: string): Said => saidOf(tokens(request), head);

/** Facts that are true of the first requests and not of the others. */
test.each<[keyof Said, readonly string[], readonly string[]]>([
  ['question', ['which jobs are done', 'how many jobs are there', 'is the total paid?'], ['keep the done jobs', 'which have no date? drop them']],
  ['asksWhen', ['when was the last job', 'tell me when was the first one'], ['how long was it']],
  ['keepsThen', ['cut the code and keep only the digits'], ['keep only the done ones']],
  ['endsAsking', ['any jobs at Birk?'], ['jobs at Birk']],
  ['who', ['who worked most', 'whose jobs are open'], ['which worker']],
  ['drops', ['drop the code', 'jobs without a price', 'take the code away'], ['show the code']],
  ['everyOne', ['are all jobs done?', 'do any have no price'], ['all jobs']],
  ['shows', ['show the price', 'display total'], ['price shown']],
  ['sets', ['set price to 5', 'change the state'], ['price over 5']],
  ['labels', ['mark late jobs', 'please flag them'], ['jobs with a mark']],
  ['makes', ['make price 0', 'set total to 5'], ['make it bold', 'price is made']],
  ['yesOrNo', ['is it done', 'has it been paid'], ['done or not']],
  ['groups', ['rank within each farm', 'per worker'], ['rank them']],
  ['rules', ['guests must be filled', 'check the price'], ['jobs done']],
  ['newColumn', ['a new column with the price'], ['the price']],
  ['without', ['jobs not done', 'without a price'], ['jobs done']],
  ['owes', ['what they owe', 'unpaid jobs'], ['paid jobs']],
  ['then', ['sort and then keep five'], ['sort by price']],
  ['corrects', ['no, the price', 'sorry, by farm'], ['no jobs', 'the price']],
  ['only', ['only done jobs', 'show only done', 'please keep only those'], ['the only job']],
  ['sorts', ['sort by price', 'please order by date'], ['price order']],
  ['ofColumns', ['drop the empty columns'], ['drop the empty rows', 'rows and columns']],
  ['howMuch', ['how long did it take', 'and how many were there'], ['say how long it took']],
  ['onlyThose', ['only for the ones that came', 'only of those with a price', 'only those'], ['only the price', 'the only one']],
  ['saysAll', ['all columns in capitals', 'everywhere'], ['the farm in capitals']],
  ['restSmall', ['first letter big, the rest small'], ['with a capital letter']],
  ['onRows', ['add the average on each row', 'next to every job'], ['the average for each farm']],
  ['whereFirst', ['where price is over 5', 'if done'], ['rows where price is over 5']],
  ['like', ['states like Open', 'like "Done"'], ['I would like it']],
  ['ofEach', ['price of each farm'], ['each farm']],
  ['altogether', ['what did it cost altogether'], ['all together']],
  ['apart', ['the letters in one column and the digits in another'], ['two columns']],
  ['wasHere', ['who was here in May', 'jobs that were out'], ['who is here']],
  ['within', ['paid within a week', 'done inside 3 days'], ['per week', 'within each farm']],
  ['errand', ['order more oak', 'please send them some more'], ['order by price', 'more orders']],
  ['heads', ['how many guests came', 'number of people'], ['how many jobs', 'guests per job']],
  ['fails', ['jobs that were missed', 'skipped ones'], ['jobs done']],
  ['unknown', ['big over 5, unknown if blank'], ['unknown jobs']],
  ['numberOf', ['the number of jobs'], ['number the jobs']],
  ['daysOf', ['days of drying', 'how many days in May'], ['the day of the job']],
  ['several', ['total and average', 'price, total', 'price vs total'], ['average price for each farm']],
  ['first', ['at the first dash', 'after the comma'], ['at the dash']],
])('%s', (fact, yes, no) => {
  expect({ yes: yes.filter((r) => said(r)[fact] !== true), no: no.filter((r) => said(r)[fact] !== false) }).toEqual({ yes: [], no: [] });
});

test('what groups the rows where some of it are asked for', () => {
  expect(said('the two best workers').topGroup).toBe('Worker');
  expect(said('the two best jobs').topGroup).toBeNull();
  expect(said('the worker with two jobs').topGroup).toBeNull();
});

test('names, numbers and units that it gives', () => {
  expect(said('call it Net price please').nameGiven).toBe('net price');
  expect(said('call it as it is').nameGiven).toBeNull();
  expect(said('put the day in a new column Day').columnCalled).toBe('Day');
  expect(said('jobs in 2026, and for 2025').inYear).toEqual([2026, 2025]);
  expect(said('over 50 cents').cents).toEqual([50]);
  expect(said('price per guest by farm').perCounted).toEqual(['Guests']);
  expect(said('guests per farm').perCounted).toEqual([]);
  expect(said('heavier than 5 kg or 200 g').sizes).toEqual([{ n: 5, unit: 'kg' }, { n: 200, unit: 'g' }]);
});

test('what columns hold', () => {
  const { numbers, dated, texts, zeros, codes, lists, neverBlank, saysYes, tellsRows, stands, piecesAt, owners } = said("Worker's jobs");
  const of = (holds: (column: string) => boolean): string[] => head.columns.map((c) => c.name).filter(holds);
  expect(of(numbers)).toEqual(['Guests', 'Price', 'Total']);
  expect(of(dated)).toEqual(['Date', 'Paid on']);
  expect(of(texts)).toContain('Farm');
  expect(of(texts)).not.toContain('Price');
  expect(of(zeros)).toEqual(['Code']);
  expect(of(codes)).toEqual(['Job']);
  expect(of(lists)).toEqual(['Woods']);
  expect(of(neverBlank)).not.toContain('Guests');
  expect(of(saysYes)).toEqual(['Insured']);
  expect(of(tellsRows)).toContain('Job');
  expect([stands('Hill Farm'), stands('oak'), stands('pine')]).toEqual([true, true, false]);
  expect(piecesAt('Woods', ';')).toBe(2);
  expect(owners).toEqual(['Worker']);
});
