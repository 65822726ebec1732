import fc from 'fast-check';
import { headWithGlances } from '../steps/run';
import type { CheckedHead } from '../formula/check';
import { csvTable } from '../testing/tables';
import { told } from '../testing/told';
import { readRequest } from './read';

/* What people say about a column beside what they want of it. */

const PARCELS = `Parcel,Sender,Depot,Sent,Weight,Fee,Return no,State
P-1,  ada fern,north ,2026-01-05,1.2 kg,€4.90,R-7,sent
P-2,Bo  Lund,North,06/01/2026,800 g,3.20 EUR,,lost
P-3,CY MARSH,south,2026-01-07,2 kg,"€5,10",R-9,sent
P-4,di Osei, South,2026-01-09,650 g,n/a,,returned
`;
let head: CheckedHead;
beforeAll(async () => {
  head = await headWithGlances(await csvTable(PARCELS, 'parcels'));
});
const said = (request: string): string | null => {
  const answer = readRequest(request, head);
  return answer.outcome === 'done' ? answer.reading.sentences.join(' ') : null;
};

/** Ways to say what a column looks like, which ask for nothing. */
const SAYINGS = ['has stray spaces', 'is a mess', 'has mixed capitals', 'was typed in by different people', 'is written in all sorts of ways', 'has spaces at the end and odd capitals', 'looks untidy', 'came in as text', 'has double spaces in places'] as const;
const WISHES = [['trim it', 'trim outer spaces and reduce runs of spaces to one'], ['make it lower case', 'write in lower case'], ['please write it in capitals', 'write in capitals'], ['I want it in title case', 'write in title case']] as const;

test('what is told of a column changes nothing in what is asked of it', () => {
  fc.assert(fc.property(fc.constantFrom('Sender', 'Depot'), fc.constantFrom(...SAYINGS), fc.constantFrom('; ', ', ', '. ', ', so '), fc.constantFrom(...WISHES), (column, saying, joint, [wish, does]) => {
    const request = `${column.toLowerCase()} ${saying}${joint}${joint === '. ' ? wish[0]!.toUpperCase() + wish.slice(1) : wish}`;
    const sentence = said(request);
    // A few of these are asked about, and spaces that are complained of may go too; none is taken for something else.
    const spaces = saying.includes('spaces') ? '(?:(?:trim outer spaces|reduce runs of spaces to one)(?:, | and ))*' : '';
    if (sentence !== null) expect(sentence).toMatch(new RegExp(`^In ‹${column}›, ${spaces}${does}\\.$`));
  }), { numRuns: 150 });
});

test.each([
  ['sender has mixed capitals and stray spaces; lowercase and trim it', 'In ‹Sender›, trim outer spaces, reduce runs of spaces to one and write in lower case.'],
  ['Depot is a mess, title case please', 'In ‹Depot›, write in title case.'],
  ['some of the weights are in kilos and some in grams, I want all of them in grams', 'Turn ‹Weight› into numbers in "g".'],
  ['Sent is a jumble of date formats, make them all dates. 06/01/2026 means 6 January.', 'Turn ‹Sent› into dates, the day before the month.'],
])('%s', (request, sentence) => expect(said(request)).toBe(sentence));

test('what was told of is what ‘those’ are', () => {
  expect(said('people left spaces all over the senders, take those out')).toBe('In ‹Sender›, trim outer spaces and reduce runs of spaces to one.');
  expect(said('fee has a euro sign in front. take it off')).toBe('Turn ‹Fee› into numbers.');
});

test('‘take it off’ drops no column, whatever was told of it', () => {
  fc.assert(fc.property(fc.constantFrom('sender', 'depot', 'fee', 'weight'), fc.constantFrom(...SAYINGS), fc.constantFrom('take it off', 'remove it', 'take those out', 'delete them'), (column, saying, wish) => {
    expect(said(`${column} ${saying}. ${wish}`) ?? '').not.toMatch(/Drop|Set aside/);
  }), { numRuns: 80 });
});

test('a column that is spoken of, and of which nothing comes, keeps a reading from being carried out', () => {
  expect(said('drop the fee, and the depot is in the north')).toBeNull();
  expect(said('add the average of the weight, fee of every parcel')).not.toBe('Add ‹Average Weight› as the mean of ‹Weight› over the rows.');
});

describe('what stands inside a column’s name says nothing else', () => {
  const NAMES = ['Return no', 'Not before', 'Keep until', 'Drop zone', 'Sort code', 'Less tare', 'Without lid', 'Each price'] as const;
  test.each(NAMES)('‹%s›', async (name) => {
    const own = await headWithGlances(await csvTable(`${name},Site,Kg\n1,Mill,3\n2,Teal,4\n3,Mill,5\n`, 'crates'));
    const answer = readRequest(`keep ${name.toLowerCase()}, kg and site in that order`, own);
    expect(answer.outcome === 'done' ? answer.reading.sentences : []).toEqual([`Keep only the columns ‹${name}›, ‹Kg› and ‹Site›.`]);
    const dropped = readRequest(`drop ${name.toLowerCase()}`, own);
    expect(dropped.outcome === 'done' ? dropped.reading.sentences : []).toEqual([`Drop ‹${name}›.`]);
  });
});

describe('what could look right and be wrong', () => {
  test.each([
    ['a year is no amount', 'what will the fee be in 2030?', /equals 2030/],
    ['an order that names rows keeps them all', 'sort by weight with 5 at the top', /^Keep 5/],
    ['rows asked for are not labelled', 'show only the parcels that were sent more than the average', /label/],
    ['a column asked for is no answer', 'I would like a column that adds up the fee', /^Answer/],
    ['a word that is to be written is no blank', 'replace n/a in fee by unknown', /^Remove/],
    ['columns are no rows', 'remove all columns that are empty', /^Set aside rows/],
    ['good ones and lost ones are either', 'keep the sent parcels and the lost ones', /^Keep rows where ‹State› is "(?:sent|lost)"\.$/],
    ['a word for grammar is no mistyped column', 'round to one decimal', /‹Sender›|‹Sent›/],
  ])('%s: %s', (_, request, wrong) => expect(said(request) ?? '').not.toMatch(wrong));
});

test('what is not chosen goes anyway, and is no second request', () => {
  expect(said('keep the sent parcels and delete the rest')).toBe('Keep rows where ‹State› is "sent".');
  expect(said('take 2 random parcels per depot, throw the others away')).toBe('Keep 2 rows at random with seed 1 for each ‹Depot›.');
  // With nothing chosen before, it says something that is not understood.
  expect(said('trim the senders and delete the rest')).toBeNull();
});

test('minutes taken off hours are parts of an hour', async () => {
  const { cells, sentences } = await told('Shift,Start,End,Break min\nA,08:00,12:30,30\nB,09:15,17:15,60\n', 'hours from start to end without the break');
  expect(sentences).toHaveLength(1);
  expect(await cells(/‹([^›]+)›/.exec(sentences[0]!)![1]!)).toEqual([4, 7]);
});

test('the number behind a word is found where the texts write it so', async () => {
  const table = 'Claim,Remark\n1,late; police 5521\n2,\n3,Police: 77 and 3 photos\n';
  const { sentences } = await told(table.replace('Police: 77', 'police 77'), 'extract the police number from the remark');
  expect(sentences).toEqual(['Add ‹Number› as the first number in (the text after the first "police" in ‹Remark›).']);
});

test('blanks filled by what is worked out from other columns', async () => {
  const { cells, sentences } = await told('Stay,Begin,End\n1,2026-02-01,2026-02-09\n2,2026-02-03,\n', 'fill missing ends with begin plus 2 weeks');
  expect(sentences).toEqual(['Set ‹End› to ‹End›, or (2 weeks after ‹Begin›) where it is blank.']);
  expect((await cells('End')).map(String)).toEqual(['2026-02-09', '2026-02-17']);
});
