import { headWithGlances } from '../steps/run';
import type { CheckedHead } from '../formula/check';
import { ROUNDS } from '../testing/rounds';
import { csvTable } from '../testing/tables';
import { readRequest } from './read';

describe.each(ROUNDS.map((r) => [r.table, r] as const))('%s', (table, { csv, cases }) => {
  let head: CheckedHead;
  beforeAll(async () => {
    head = await headWithGlances(await csvTable(csv, table));
  });

  test.each(cases)('%s', (request, sentence) => {
    const answer = readRequest(request, head);
    const said = answer.outcome === 'done' ? answer.reading.sentences.join(' ') : null;
    expect(said).toBe(sentence);
  });
});
