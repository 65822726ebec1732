import { readExact } from '../steps/registry';
import { mismatches, unitInName } from './dimensions';

const of = (sentence: string): number => { const p = readExact(sentence); return p?.step === 'calculate' ? mismatches(p.as) : NaN; };

test('a unit is read off the end of a name', () => expect(['Gross kg', 'Juice (l)', 'Hours', 'Label', 'Price per kg', 'Total'].map(unitInName)).toEqual(['kg', 'l', 'hours', null, 'kg', null]));

test.each<[string, number]>([
  ['Add ‹X› as ‹Gross kg› minus ‹Crate kg›.', 0],
  ['Add ‹X› as ‹Gross kg› minus ‹Juice l›.', 1],
  ['Add ‹X› as ‹Juice l› divided by (‹Apples kg› minus ‹Rejected kg›).', 0],
  ['Add ‹X› as (‹Juice l› divided by ‹Apples kg›) minus ‹Rejected kg›.', 1],
  ['Add ‹X› as (‹Juice l› divided by ‹Target l›) minus 1.', 0],
  ['Add ‹X› as ‹Price per l› plus ‹Cost›.', 0],
  ['Add ‹X› as ‹Cost› plus (‹Hours› times 38).', 0],
  ['Add ‹X› as (‹Cost› times 1.2) plus ‹Hours›.', 1],
  ['Add ‹X› as ‹Net kg› minus (the mean of ‹Net kg› over the rows).', 0],
])('%s has %d sums of things that cannot be put together', (sentence, n) => expect(of(sentence)).toBe(n));
