// npm run rounds: which requests of the rounds are read otherwise than is kept.
import { headOfRound, ROUNDS } from '../core/testing/rounds';
import { readRequest } from '../core/language/read';

for (const round of ROUNDS) {
  const { table, cases } = round, head = await headOfRound(round);
  for (const [request, sentence] of cases) {
    const answer = readRequest(request, head);
    const said = answer.outcome === 'done' ? answer.reading.sentences.join(' ') : null;
    if (said !== sentence) console.log(`${sentence === null ? 'NEW' : said === null ? 'LOST' : 'OTHER'} ${table}: ${request}\n   was ${sentence}\n   now ${said ?? ('message' in answer ? `(${answer.message.slice(0, 60)}) ${'choices' in answer ? answer.choices.map((c) => c.sentences.join(' ')).join(' | ').slice(0, 200) : ''}` : '')}`);
  }
}
