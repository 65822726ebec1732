import type { CheckedHead } from '../formula/check';
import { headOfRound, ROUNDS } from '../testing/rounds';
import { readRequest } from './read';

describe.each(ROUNDS.map((r) => [r.table, r] as const))('%s', (_table, round) => {
  let head: CheckedHead;
  beforeAll(async () => {
    head = await headOfRound(round);
  });

  test.each(round.cases)('%s', (request, sentence) => {
    const answer = readRequest(request, head);
    const said = answer.outcome === 'done' ? answer.reading.sentences.join(' ') : null;
    expect(said).toBe(sentence);
  });
});
