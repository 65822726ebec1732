import type { CheckedHead } from '../formula/check';
import { readRequest } from '../language/read';
import { headOfRound, type Round } from './rounds';

/** Tests that every request of some rounds is read as it was kept. In two files, so that they run beside each other. */
export function testRounds(rounds: readonly Round[]): void {
  describe.each(rounds.map((r) => [r.table, r] as const))('%s', (_table, round) => {
    let head: CheckedHead;
    beforeAll(async () => {
      head = await headOfRound(round);
    });

    test.each(round.cases)('%s', (request, sentence) => {
      const answer = readRequest(request, head);
      expect(answer.outcome === 'done' ? answer.reading.sentences.join(' ') : null).toBe(sentence);
    });
  });
}
