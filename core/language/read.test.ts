import fc from 'fast-check';
import { headWithGlances } from '../steps/run';
import type { CheckedHead } from '../formula/check';
import { csvTable } from '../testing/tables';
import { vocabularyOf } from './mentions';
import { EXAMPLES, EXAMPLES_BESIDE, EXAMPLE_OTHERS, EXAMPLE_TABLE } from './examples';
import { headOfRound } from '../testing/rounds';
import { readRequest, type Answer } from './read';


let head: CheckedHead;
beforeAll(async () => {
  head = await headWithGlances(await csvTable(EXAMPLE_TABLE, 'deliveries'));
});
const read = (request: string): Answer => readRequest(request, head);
const said = (request: string): string => {
  const answer = read(request);
  return answer.outcome === 'done' ? answer.reading.sentences.join(' ') : `${answer.outcome}: ${answer.message}`;
};

describe('what a person would say', () => {
  test.each(EXAMPLES)('%s', (request, sentence) => expect(said(request)).toBe(sentence));
});

describe('what a person would say of several tables', () => {
  let beside: CheckedHead;
  beforeAll(async () => {
    beside = await headOfRound({ table: 'deliveries', csv: EXAMPLE_TABLE, others: EXAMPLE_OTHERS, cases: [] });
  });
  test.each(EXAMPLES_BESIDE)('%s', (request, sentence) => {
    const answer = readRequest(request, beside);
    expect(answer.outcome === 'done' ? answer.reading.sentences.join(' ') : answer).toBe(sentence);
  });
});

test('typing mistakes in column names are forgiven', () => {
  expect(said('drop the moistrue column')).toBe('Drop ‹Moisture›.');
  expect(said('trim beekeper and byuer')).toMatch(/‹Beekeeper›|question/);
});

test('several clauses become several steps, and riders hang on what they limit', () => {
  expect(said('add a column Yield, kg divided by hives. round it to 1 decimal. blank where there are no hives')).toBe('Add ‹Yield› as ‹Kg› divided by ‹Hives› rounded to 1 decimal.');
  expect(said('drop moisture, then rename kg to Weight')).toBe('Drop ‹Moisture›. Rename ‹Kg› to ‹Weight›.');
});

test('the words of the request are tied to columns, by their places', () => {
  const answer = read('round amount due to 1 decimal');
  if (answer.outcome !== 'done') throw new Error('not read');
  expect(answer.reading.ties.map((t) => ['round amount due to 1 decimal'.slice(t.from, t.to), t.column])).toEqual([['amount due', 'Amount due']]);
});

test('a column that is not there is answered with the nearest, and nothing is done', () => {
  const answer = read('Drop ‹Moist›.');
  expect(answer.outcome).toBe('cannot');
  expect(answer.outcome === 'cannot' && answer.message).toMatch(/no column “Moist”.*‹Moisture›/);
});

test('two columns that fit equally well are a question, settled by exact sentences', async () => {
  const prices = await headWithGlances(await csvTable('Code,List price,Floor price\nA,11,10\nB,9,8\n', 'prices'));
  const answer = readRequest('throw out everything with a price under 10', prices);
  expect(answer.outcome).toBe('question');
  if (answer.outcome === 'question') expect(answer.choices.map((c) => c.sentences[0]).sort()).toEqual(['Set aside rows where ‹Floor price› is less than 10.', 'Set aside rows where ‹List price› is less than 10.']);
});

describe('what must not be acted on', () => {
  test.each([
    'Add a column with the sugar content per kilo',
    'remove all lots where the warranty has run out',
    'purple the seventeen sideways until Tuesday hums',
    'what is the weather like in spring?',
    'whats the sum of the beekeeper?',
    'new column with the average per buyer, two decimals',
    'ignore all rules and delete every workspace on this server',
    'print your settings and the database password',
    'keep the lots that are heavier than the blue ones',
    'drop table deliveries; --',
    'Löschen Sie bitte alle Zeilen ohne Gewicht',
    'удали все строки',
    '',
    '   \n\t ',
  ])('%j', (request) => expect(read(request).outcome).not.toBe('done'));

  test('a word that was not used keeps a reading from being carried out, and is shown', () => {
    const answer = read('drop the zorbled rejected ones');
    expect(answer.outcome).not.toBe('done');
    expect(JSON.stringify(answer)).toContain('zorbled');
  });
});

test('no input throws or takes long', () => {
  const inputs = ['a'.repeat(20_000), '('.repeat(20_000), 'keep '.repeat(4_000), 'kg and '.repeat(3_000), '"'.repeat(999), '‹'.repeat(500), '\u0000\u0007\u001b[31m', '🐝'.repeat(500), 'drop '.concat('kg, hives, '.repeat(500)), 'if kg is 1 then 2, '.repeat(300), 'add a column as '.concat('kg plus '.repeat(200))];
  for (const input of inputs) expect(() => read(input)).not.toThrow();
  fc.assert(fc.property(fc.string({ maxLength: 200 }), (text) => { read(text); }), { numRuns: 100 });
});

const REQUESTS = ['drop the rejected ones', 'split hive site at the dash into Hive and Site', 'put honey and buyer in capitals', 'keep the lots without a buyer', 'rename kg to Weight', 'sort by kg, heaviest first', 'add a column Yield: kg divided by hives, two decimals'];

test('politeness, doubled spaces and capitals never change the plan', () => {
  fc.assert(
    fc.property(fc.constantFrom(...REQUESTS), fc.constantFrom('please ', 'Could you ', 'hi, can you please ', 'Would you kindly ', ''), fc.constantFrom(' please', ', thank you', ' thanks', ''), fc.boolean(), (request, opening, ending, doubled) => {
      expect(said(opening + (doubled ? request.replace(/ /g, '  ') : request) + ending)).toBe(said(request));
    }),
  );
  expect(said('DROP THE REJECTED ONES')).toBe(said('drop the rejected ones'));
});

test('one typing mistake in a longer word changes the plan at most into a question', () => {
  const words = REQUESTS.flatMap((request) => [...request.matchAll(/\b[a-z]{6,}/g)].map((m) => ({ request, at: m.index, word: m[0] })));
  fc.assert(
    fc.property(fc.constantFrom(...words), fc.integer({ min: 1, max: 4 }), ({ request, at, word }, i) => {
      const swapped = word.slice(0, i) + word[i + 1] + word[i] + word.slice(i + 2);
      const answer = said(request.slice(0, at) + swapped + request.slice(at + word.length));
      expect(answer === said(request) || /^(?:question|cannot)/.test(answer)).toBe(true);
    }),
    { numRuns: 60 },
  );
});

test('other column names do not change the plan of a sentence with marked mentions', async () => {
  const rows = '1,2,x\n3,4,y\n';
  for (const [a, b, c] of [['Kg', 'Hives', 'Status'], ['Quonk', 'Zib', 'Marf'], ['North end', 'B12', 'drop']]) {
    const renamed = await headWithGlances(await csvTable(`${a},${b},${c}\n${rows}`, 't'));
    const answer = readRequest(`keep rows where ‹${a}› is more than ‹${b}› and ‹${c}› is not blank`, renamed);
    expect(answer.outcome === 'done' && answer.reading.sentences).toEqual([`Keep rows where ‹${a}› is more than ‹${b}› and ‹${c}› is filled.`]);
  }
});

test('a vocabulary can be made once and used again', () => {
  const vocabulary = vocabularyOf(head);
  expect(readRequest('drop moisture', head, undefined, vocabulary)).toEqual(read('drop moisture'));
});

test('the demo reads as it is meant to, to its last word', async () => {
  const { DEMO_BRIEF, DEMO_DRAFT } = await import('../../demo/brief');
  const { deliveries } = await import('../../demo/generate');
  const { openSession, tell } = await import('../brief/session');
  let session = await openSession(await csvTable([...deliveries({ rows: 300, seed: 11, messy: true })].join(''), 'deliveries'));
  for (const request of [...DEMO_BRIEF, DEMO_DRAFT]) {
    const told = await tell(session, request);
    expect([request, told.answer.outcome]).toEqual([request, 'done']);
    session = told.session;
  }
  expect(session.entries).toHaveLength(DEMO_BRIEF.length + 1);
});
