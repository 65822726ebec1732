import { openSession, tell, type Session } from '../brief/session';
import type { CheckedHead } from '../formula/check';
import { CORRECTIONS } from '../testing/corrections';
import { headOfRound, ROUNDS, type Round } from '../testing/rounds';
import { csvTable } from '../testing/tables';
import { WORDINGS } from '../testing/wordings';
import { readRequest } from './read';

/** The round of a table of that name that has the columns which sentences speak of; the last of those. */
function roundOf(table: string, sentences: readonly string[]): Round {
  const spokenOf = [...sentences.join().matchAll(/‹([^›]+)›/g)].map(([, name]) => name!);
  const known = (r: Round): number => { const head = r.csv.slice(0, r.csv.indexOf('\n')).split(','); return spokenOf.filter((name) => head.includes(name)).length; };
  return ROUNDS.filter((r) => r.table === table).reduce((best, r) => (known(r) >= known(best) ? r : best));
}

describe.each(WORDINGS.map((w) => [w.table, w.said] as const))('said in many ways: %s', (table, said) => {
  let head: CheckedHead;
  beforeAll(async () => {
    head = await headOfRound(roundOf(table, said.map(([sentence]) => sentence)));
  });

  test.each(said.flatMap(([sentence, wordings]) => wordings.map((w) => [w, sentence] as const)))('%s', (request, sentence) => {
    const answer = readRequest(request, head);
    expect(answer.outcome === 'done' ? answer.reading.sentences.join(' ') : null).toBe(sentence);
  });
});

describe.each(CORRECTIONS.map((c) => [c.before.join(' // '), c] as const))('after “%s”', (_before, { table, before, sentence, wordings }) => {
  let base: Session;
  beforeAll(async () => {
    const { csv, others = {} } = roundOf(table, [sentence]);
    base = await openSession(await csvTable(csv, table), await Promise.all(Object.entries(others).map(([name, text]) => csvTable(text, name))));
    for (const request of before) base = (await tell(base, request)).session;
  });

  test.each(wordings)('%s', async (request) => {
    const { answer } = await tell(base, request);
    expect(answer.outcome === 'done' ? answer.reading.sentences.join(' ') : answer.outcome).toBe(sentence);
  });
});
