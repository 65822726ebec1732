import { EXAMPLE_TABLE } from '../language/examples';
import { vocabularyOf } from '../language/mentions';
import { readRequest } from '../language/read';
import { headWithGlances } from '../steps/run';
import { randomFrom } from '../values/random';
import { csvTable } from './tables';
import { writeRequests } from './generate';
import { withNoise } from './noise';

test('what the grammar writes it reads back, and what it cannot read it asks about', async () => {
  const head = await headWithGlances(await csvTable(EXAMPLE_TABLE, 'deliveries'));
  const vocabulary = vocabularyOf(head);
  const written = writeRequests(head, 5, 800);
  expect(written).toHaveLength(800);
  const said = (request: string): string | null => {
    const answer = readRequest(request, head, undefined, vocabulary);
    return answer.outcome === 'done' ? answer.reading.sentences.join(' ') : null;
  };
  const outcomes = written.map(({ request, sentences }) => [said(request), sentences.join(' ')] as const);
  // What is read but doubted (names turned into dates) is understood as well: it is asked whether that is meant.
  const doubted = (request: string, meant: string): boolean => { const answer = readRequest(request, head, undefined, vocabulary); return answer.outcome === 'question' && answer.choices.length === 1 && answer.choices[0]!.sentences.join(' ') === meant; };
  expect(outcomes.filter(([got, meant], i) => got === meant || (got === null && doubted(written[i]!.request, meant))).length).toBeGreaterThanOrEqual(760);
  // Two in a hundred: most are words that make no sense together, drawn anew with every new rule.
  expect(outcomes.filter(([got, meant]) => got !== null && got !== meant).length).toBeLessThanOrEqual(16);

  // With slips of the hand, something else comes out at most rarely; names are taken as they were typed.
  const random = randomFrom(3);
  const plain = (text: string): string => text.toLowerCase();
  const noisy = written.map(({ request, sentences }) => [said(withNoise(request, random)), sentences.join(' ')] as const);
  expect(noisy.filter(([got, meant]) => got !== null && plain(got) !== plain(meant)).length).toBeLessThanOrEqual(40);
}, 60_000);
