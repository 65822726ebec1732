import { readRequest } from '../../language/read';
import { headWithGlances } from '../run';
import { csvTable } from '../../testing/tables';
import type { CheckedHead } from '../../formula/check';
import { beside } from '../../testing/beside';

const LOTS = 'Lot,Site,Kg,Price,Due,Delivered,Status\nL-1,Teal,10,2,2025-03-01,2025-03-04,delivered\nL-2,Heath,5,3,2025-03-02,2025-03-02,delivered\nL-3,Teal,8,,2025-03-05,,open\nL-4,Garden,2,4,2025-03-06,2025-03-03,Delivered\n';
let head: CheckedHead;
beforeAll(async () => { head = await headWithGlances(await csvTable(LOTS)); });
const said = (request: string): string | null => { const a = readRequest(request, head); return a.outcome === 'done' ? a.reading.sentences.join(' ') : null; };

test.each([
  ['set status to closed where delivered is filled', 'Set ‹Status› to "closed", only where ‹Delivered› is filled.'],
  ['where site is Teal set price to 0', 'Set ‹Price› to 0, only where ‹Site› is "Teal".'],
  ['set the status of L-3 to delivered', 'Set ‹Status› to "delivered", only where ‹Lot› is "L-3".'],
  ['for all Teal lots, raise the price by 10%', 'Set ‹Price› to ‹Price› times (1 plus (10 divided by 100)), only where ‹Site› is "Teal".'],
  ['if the status is open, the kg should be 0', 'Set ‹Kg› to 0, only where ‹Status› is "open".'],
])('cells of some rows: %s', (request, sentence) => expect(said(request)).toBe(sentence));

test.each([
  ['set kg to kg times 2', 'Set ‹Kg› to ‹Kg› times 2.'],
  ['kg = kg * 2', 'Set ‹Kg› to ‹Kg› times 2.'],
  ['let kg be kg divided by 4', 'Set ‹Kg› to ‹Kg› divided by 4.'],
  ['update kg: kg - 1', 'Set ‹Kg› to ‹Kg› minus 1.'],
  ['make kg twice as much', 'Set ‹Kg› to ‹Kg› times 2.'],
  ['take 10% off the price', 'Set ‹Price› to ‹Price› times (1 minus (10 divided by 100)).'],
  ['lower the price by a tenth', 'Set ‹Price› to ‹Price› times (1 minus (10 divided by 100)).'],
])('a column over itself: %s', (request, sentence) => expect(said(request)).toBe(sentence));

test('what writes over a column without saying so is asked about', () => {
  expect(readRequest('price = kg divided by 2', head)).toMatchObject({ outcome: 'question' });
  expect(said('set price to kg divided by 2')).toBe('Set ‹Price› to ‹Kg› divided by 2.');
});

test.each([
  ['late lots', 'Keep rows where ‹Delivered› is more than ‹Due›.'],
  ['only lots that were on time', 'Keep rows where ‹Delivered› is at most ‹Due›.'],
  ['how many lots were late', 'Answer ‹Rows› as the number of rows; only where ‹Delivered› is more than ‹Due›.'],
  ['how many days late was each lot?', 'Add ‹Days from Due to Delivered› as the whole days from ‹Due› to ‹Delivered›.'],
])('what was due on one day and done on another: %s', (request, sentence) => expect(said(request)).toBe(sentence));

test.each([
  ['flag late lots with yes/no', 'Add ‹Delivered label› as if ‹Delivered› is more than ‹Due› then "yes", otherwise "no".'],
  ['mark the late ones in a column Late', 'Add ‹Late› as if ‹Delivered› is more than ‹Due› then "yes", otherwise "no".'],
  ['flag lots over 6 kg', 'Add ‹Flag› as if ‹Kg› is more than 6 then "yes", otherwise "no".'],
  ['over 6 kg? Y/N in column Big', 'Add ‹Big› as if ‹Kg› is more than 6 then "Y", otherwise "N".'],
])('flags: %s', (request, sentence) => expect(said(request)).toBe(sentence));

test('a running total runs in the order that is said behind it; minutes lie between two moments', async () => {
  expect(said('running total of kg, most kg first')).toBe('Add ‹Running total of Kg› as the running total of ‹Kg›, in the order of ‹Kg› from high to low.');
  const { cells } = await beside('Call,Started,Ended\nC1,2025-05-05 09:02,2025-05-05 09:14\nC2,2025-05-05 23:50,2025-05-06 00:05\nC3,2025-05-06 08:55,\n', {}, 'call length in minutes');
  expect(await cells('Minutes from Started to Ended')).toEqual([12, 15, null]);
});

test('rows set by a sentence change, the others stay', async () => {
  const { cells } = await beside(LOTS, {}, 'set the kg to 7 for L-2', 'double the kg where site is Teal');
  expect(await cells('Kg')).toEqual([20, 7, 16, 2]);
});
