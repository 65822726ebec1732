import fc from 'fast-check';
import { headWithGlances } from '../steps/run';
import type { CheckedHead } from '../formula/check';
import { csvTable } from '../testing/tables';
import { frame, frameRules, means, withFrames } from './frames';
import { readRequest } from './read';

const TABLE = `Lot,Received,Beekeeper,Kg,Price,Cost,Status,Note
L1,2026-01-05,"Fern, Ada",24.5,9.40,80,accepted,lid loose
L2,2026-01-07,"Brook, Tobias",18,7.80,75.5,rejected,
L3,2026-02-01,"Marsh, Odile",,8.60,,accepted,jars cracked
L4,2026-02-03,"Fern, Ada",31,9.40,99,waiting,
`;
let head: CheckedHead;
beforeAll(async () => {
  head = await headWithGlances(await csvTable(TABLE, 'lots'));
});
const said = (request: string): string => {
  const answer = readRequest(request, head);
  return answer.outcome === 'done' ? answer.reading.sentences.join(' ') : answer.outcome;
};

describe('the parts of a request stand in any order', () => {
  const REQUESTS: readonly (readonly [parts: readonly string[], sentence: string])[] = [
    [['kg times price', 'rounded to 2 decimals', 'in a new column called Worth'], 'Add ‹Worth› as ‹Kg› times ‹Price› rounded to 2 decimals.'],
    [['in a new column called Share', 'the share of the total kg', 'in percent', 'rounded to 1 decimal'], 'Add ‹Share› as (‹Kg› divided by (the sum of ‹Kg› over the rows)) times 100 rounded to 1 decimal.'],
    [['split the beekeeper', 'at the comma', 'into Surname and First name'], 'Split ‹Beekeeper› at "," into ‹Surname› and ‹First name›.'],
    [['running total of kg', 'in a new column called Total'], 'Add ‹Total› as the running total of ‹Kg›.'],
  ];

  test.each(REQUESTS)('%j', (parts, sentence) => {
    const orders = fc.sample(fc.shuffledSubarray([...parts], { minLength: parts.length }), 12);
    const answers = [...new Set(orders.map((order) => said(order.join(', '))))];
    // Each order is understood as the same, or asked about; most are understood.
    expect(answers.filter((a) => a !== 'question' && a !== 'cannot')).toEqual([sentence]);
    expect(orders.filter((order) => said(order.join(', ')) === sentence).length).toBeGreaterThan(orders.length / 2);
  });
});

describe('no word is passed over that may say something', () => {
  const FRAMED = [
    'in a new column called Worth I would like to see kg times price, rounded to 2 decimals',
    'for each row the share of the total kg in percent',
    'it would be good to have the received column as real dates, all of them',
    'please see to it that the notes have no spaces around them',
    'I would like to have the price rounded to 1 decimal in the whole column, please',
  ];
  const WORDS = ['zorbled', 'unless', 'except', 'rejected', 'Odile', '17', 'never', 'quarterly', 'cheapest'];

  test.each(FRAMED)('%s', (request) => {
    const sentence = said(request);
    expect(sentence).toMatch(/^[A-Z].*\.$/);
    const words = request.split(' ');
    fc.assert(
      fc.property(fc.integer({ min: 0, max: words.length }), fc.constantFrom(...WORDS), (at, word) => {
        const answer = said([...words.slice(0, at), word, ...words.slice(at)].join(' '));
        // With one word more, it is not carried out as if that had not been said.
        return answer !== sentence || /^\d+$/.test(word);
      }),
      { numRuns: 100 },
    );
  });
});

describe('what somebody does not want is not carried out', () => {
  test.each([
    'do not drop the note column',
    'the notes should not be changed',
    "don't turn kg into numbers",
    'the price column should not be rounded to whole numbers',
    'do not split the beekeeper at the comma',
    'there is no need to trim the notes',
    "please don't sort by kg",
    'received should not become real dates',
    "don't add kg times price as Worth",
    'kg times price as Worth is not what I want',
    'no new column with the average kg per beekeeper please',
    'the beekeeper names must not be in title case',
    'the share of each lot in the total kg should not be in percent',
    'for each Odile row the share of the total kg in percent',
    'for each zorbled lot the share of the total kg in percent',
  ])('%s', (request) => expect(said(request)).toMatch(/^(?:question|cannot)$/));
});

describe('a frame as it is declared', () => {
  const COLOURS = [means('red|blue', 'a colour'), 'green'];

  test('parts that share their ways are read once', () => {
    const a = frame('one', { need: { colour: COLOURS }, may: { size: 'large' } }, () => null);
    const b = frame('two', { may: { colour: COLOURS } }, () => null);
    expect(a.parts[0]!.cat).toBe(b.parts[0]!.cat);
    const cats = frameRules([a, b]).map((r) => r.cat);
    expect(cats.filter((c) => c === a.parts[0]!.cat)).toHaveLength(2);
    expect(cats).toContain('one/size');
  });

  test('what frames read is added beside what the chart holds, which stays as it is', () => {
    const chart = { at: (from: number, cat: string) => (from === 0 && cat === 'clause' ? [{ cat, from, to: 1, value: 'own', cost: 0 }] : []), skips: [] };
    const both = withFrames(chart as never, [{ cat: 'clause', from: 0, to: 2, value: 'framed', cost: 1 }]);
    expect(both.at(0, 'clause').map((i) => i.value)).toEqual(['own', 'framed']);
    expect(both.at(1, 'clause')).toEqual([]);
    expect(chart.at(0, 'clause')).toHaveLength(1);
  });
});
