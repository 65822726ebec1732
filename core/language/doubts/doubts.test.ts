import { csvTable } from '../../testing/tables';
import { headWithGlances } from '../../steps/run';
import type { CheckedHead } from '../../formula/check';
import type { Plan } from '../../steps/registry';
import { readExact } from '../../steps/registry';
import { contradicts, isMixed } from './doubt';
import { doubtsOf } from './doubts';
import { preferNamed } from './named';
import { tokens } from '../words';

let head: CheckedHead;
beforeAll(async () => {
  head = await headWithGlances(await csvTable('Lot,Kg,Litres,Status,Received\nL1,12,8,accepted,2026-01-04\nL2,9,7,rejected,2026-01-09\n', 'lots'));
});

/** The plans of exact sentences. */
const plans = (...sentences: string[]): Plan[] =>
  sentences.map((sentence) => {
    const plan = readExact(sentence);
    if (!plan) throw new Error(`not an exact sentence: ${sentence}`);
    return plan;
  });
const price = (request: string, ...sentences: string[]): number => doubtsOf(tokens(request), head).price(plans(...sentences));
const asked = (request: string, ...sentences: string[]): string | null => doubtsOf(tokens(request), head).asked(plans(...sentences));

test('a plain reading raises no doubt', () => {
  expect(price('drop the status', 'Drop ‹Status›.')).toBe(0);
  expect(asked('drop the status', 'Drop ‹Status›.')).toBeNull();
});

test('a question that would change the table is asked about', () => {
  expect(asked('which lots were rejected', 'Drop ‹Status›.')).toMatch(/asked like a question/);
  expect(asked('which lots were rejected', 'Keep rows where ‹Status› is "rejected".')).toBeNull();
});

test('what is made something keeps no rows, and a yes or no takes none out', () => {
  expect(asked('make the status "rejected"', 'Keep rows where ‹Status› is "rejected".')).toMatch(/keeps only some/);
  expect(asked('keep those with status rejected', 'Keep rows where ‹Status› is "rejected".')).toBeNull();
  expect(asked('are any lots twice in here', 'Keep the first row of each ‹Status›.')).toMatch(/asked like a question/);
});

test('a second order, an exception read as a limit, and the same made twice are asked about', () => {
  expect(asked('sort by kg and by status', 'Sort by ‹Kg›.', 'Sort by ‹Status›.')).toMatch(/limit of the first/);
  expect(asked('set aside the light ones but keep those without a weight', 'Set aside rows where ‹Kg› is less than 5.', 'Keep rows where ‹Kg› is blank.')).toMatch(/limit of the first/);
  expect(asked('kg as numbers', 'Turn ‹Kg› into numbers.', 'Turn ‹Kg› into whole numbers.')).toMatch(/limit of the first/);
  expect(asked('trim lot and status', 'In ‹Lot›, trim outer spaces.', 'In ‹Status›, trim outer spaces.')).toBeNull();
});

test('two keepings that no row could pass are asked about', () => {
  const both = ['Keep rows where ‹Status› is "accepted".', 'Keep rows where ‹Status› is "rejected".'];
  expect(contradicts(plans(...both))).toBe(true);
  expect(asked('accepted and rejected ones', ...both)).toMatch(/No row could be both/);
  expect(contradicts(plans('Keep rows where ‹Status› is "accepted".', 'Keep rows where ‹Kg› is more than 3.'))).toBe(false);
});

test('what stands on each row is a column, and what is about columns sets no rows aside', () => {
  const answer = 'Answer ‹Total Kg› as the sum of ‹Kg› over the rows.';
  expect(price('the total kg on each row', answer)).toBeGreaterThan(price('the total kg', answer));
  const filter = 'Keep rows where ‹Kg› is more than 3.';
  expect(price('keep the columns with kg over 3', filter)).toBeGreaterThan(price('keep the rows with kg over 3', filter));
});

test('a question and a change are not asked for in one', () => {
  expect(isMixed(plans('Drop ‹Status›.', 'Answer ‹Rows› as the number of rows.'))).toBe(true);
  expect(isMixed(plans('Drop ‹Status›.', 'Drop ‹Kg›.'))).toBe(false);
});

describe('of readings that differ in names', () => {
  const named = (...names: string[]): { plans: Plan[]; cost: number }[] => names.map((name, i) => ({ plans: plans(`Add ‹${name}› as ‹Kg› divided by ‹Litres›.`), cost: 1 + i / 10 }));
  const first = (request: string, ...names: string[]): string[] => preferNamed(named(...names), request).flatMap((r) => r.plans.map((p) => (p.step === 'calculate' ? p.name : '')));

  test('the one that was given wins over one that was made up', () => expect(first('kg over litres as Weight', 'Kg per Litres', 'Weight')).toEqual(['Weight']));
  test('capitals as they were given make a name sure', () => expect(first('Days Taken: kg per litres', 'Kg per Litres', 'Days Taken')).toEqual(['Days Taken']));
  test('the whole name wins over its beginning and its end', () => {
    expect(first('kg over litres, called Honey Weight', 'Honey', 'Honey Weight')).toEqual(['Honey Weight']);
    expect(first('Honey Weight: kg over litres', 'Weight', 'Honey Weight')).toEqual(['Honey Weight']);
  });
  test('different formulas are never merged', () => {
    const other = { plans: plans('Add ‹Weight› as ‹Kg› times ‹Litres›.'), cost: 1 };
    expect(preferNamed([...named('Weight'), other], 'kg and litres as Weight')).toHaveLength(2);
  });
});

test('a number in one unit is not compared with a column in another', () => {
  expect(asked('keep lots over 5 litres', 'Keep rows where ‹Litres› is more than 5.')).toBeNull();
  expect(price('keep lots over 5 litres', 'Keep rows where ‹Weight kg› is more than 5.')).toBeGreaterThan(1);
});

test('a new name that goes on with another column is more than one name', () => {
  expect(price('call kg weight and status state', 'Rename ‹Kg› to ‹Weight and Status state›.')).toBeGreaterThan(1);
  expect(price('call kg weight', 'Rename ‹Kg› to ‹Weight›.')).toBe(0);
});

test('a label where marks are asked for is no amount', () => {
  const mixed = 'Add ‹Size› as if ‹Kg› is more than 10 then "large", otherwise ‹Litres›.';
  expect(price('large if kg is over 10, otherwise litres', mixed)).toBeGreaterThan(0.5);
  expect(price('mark lots as large', 'Add ‹Size› as if ‹Kg› is more than 10 then ‹Kg›, otherwise ‹Litres›.')).toBeGreaterThan(0.5);
});

test('a rule for the table is hardly asked for beside a change of its rows', () => {
  expect(asked('kg must be positive, drop the rest', 'Check that ‹Kg› is more than 0.', 'Keep rows where ‹Kg› is more than 0.')).toMatch(/adds a rule/);
});

describe('what is hardly meant is asked about', () => {
  test.each([
    ['drop lots never received', 'Keep rows where ‹Lot› is blank.', /No cell of this column is blank/],
    ['add a running total of kg, lightest first', 'Add ‹Total› as the running total of ‹Kg›. Sort by ‹Kg›.', /follows the rows as they lie now/],
    ['kg per litre and status', 'Add ‹Kg per Litres› as ‹Kg› divided by ‹Litres›. Add ‹State› as ‹Status› in capitals.', /divides by the first only/],
    ['how many lots have no sign of receiving', 'Answer ‹Rows› as the number of rows; for each ‹Received›.', /for each day/],
    ['days from then to now, as "5 days"', 'Add ‹5 days› as ‹Kg› times 2.', /name of the column/],
    ['were there more accepted or rejected lots', 'Keep rows where ‹Status› is "accepted" or "rejected".', /asked like a question/],
  ])('%s', (request, sentences, question) => expect(asked(request, ...sentences.split(/(?<=\.) (?=[A-Z])/))).toMatch(question));

  test('and not where it is said', () => {
    expect(asked('drop lots without a number', 'Set aside rows where ‹Lot› is blank.')).toBeNull();
    expect(asked('add a running total of kg, then sort by kg', 'Add ‹Total› as the running total of ‹Kg›.', 'Sort by ‹Kg›.')).toBeNull();
    expect(asked('number of lots by received', 'Answer ‹Rows› as the number of rows; for each ‹Received›.')).toBeNull();
  });

  test('a correction keeps what it names', () => {
    expect(price('no, just the accepted', 'Keep rows where not (‹Status› is "accepted").')).toBeGreaterThan(2);
    expect(price('no, all but the accepted', 'Keep rows where not (‹Status› is "accepted").')).toBe(0);
  });
});

describe('beside another table', () => {
  const BREEDS = 'Status,Grower,Area\naccepted,Fern,north\nrejected,Brook,south\nopen,Hazel,south\n';
  const doubts = async (request: string, ...sentences: string[]) => {
    const others = new Map([['growers', await headWithGlances(await csvTable(BREEDS, 'growers'))]]);
    return doubtsOf(tokens(request), { ...head, others }).asked(plans(...sentences));
  };

  test('its rows are not counted by those of this one', async () => {
    expect(await doubts('number of growers', 'Answer ‹Rows› as the number of rows.')).toMatch(/not those of the other/);
    expect(await doubts('number of lots', 'Answer ‹Rows› as the number of rows.')).toBeNull();
  });

  test('a value that only it has is not left out', async () => {
    expect(await doubts('how many lots of hazel', 'Answer ‹Rows› as the number of rows; only where ‹Kg› is filled.')).toMatch(/stands only in another table/);
    expect(await doubts('how many accepted lots', 'Answer ‹Rows› as the number of rows; only where ‹Status› is "accepted".')).toBeNull();
  });
});

test('nothing is blank and filled', () => {
  expect(asked('which kg are missing, blanks aside', 'Answer ‹Rows› as the number of rows; only where ‹Kg› is blank and ‹Kg› is filled.')).toMatch(/No row could be both/);
});
