// npm run rounds [part of parts]: which requests of the rounds are read otherwise than is kept; fails where any is. The last line counts.
import { headOfRound, ROUNDS } from '../core/testing/rounds';
import { readRequest } from '../core/language/read';

const [part, parts] = (process.argv[2] ?? '1/1').split('/').map(Number) as [number, number];
let same = 0, other = 0;
for (const round of ROUNDS.filter((_, i) => i % parts === part - 1)) {
  const { table, cases } = round, head = await headOfRound(round);
  for (const [request, sentence] of cases) {
    const answer = readRequest(request, head);
    const said = answer.outcome === 'done' ? answer.reading.sentences.join(' ') : null;
    if (said === sentence) same++;
    else {
      other++;
      console.log(`${sentence === null ? 'NEW' : said === null ? 'LOST' : 'OTHER'} ${table}: ${request}\n   was ${sentence}\n   now ${said ?? ('message' in answer ? `(${answer.message.slice(0, 60)}) ${'choices' in answer ? answer.choices.map((c) => c.sentences.join(' ')).join(' | ').slice(0, 200) : ''}` : '')}`);
    }
  }
}
console.log(`${same} read as kept, ${other} otherwise`);
process.exitCode = other ? 1 : 0;
