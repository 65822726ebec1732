// npm run fit: fits core/language/weights.ts by coordinate search, and prints what would be better. Nothing is written.
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { tableFromBytes } from '../core/formats/import';
import { EXAMPLES, EXAMPLE_TABLE } from '../core/language/examples';
import { vocabularyOf, type Vocabulary } from '../core/language/mentions';
import { readRequest } from '../core/language/read';
import { WEIGHTS, type WeightName } from '../core/language/weights';
import { sayAll, type Case } from '../core/testing/cases';
import { writeRequests } from '../core/testing/generate';
import { withNoise } from '../core/testing/noise';
import { headOfRound, ROUNDS } from '../core/testing/rounds';
import { headWithGlances } from '../core/steps/run';
import { randomFrom } from '../core/values/random';
import type { CheckedHead } from '../core/formula/check';

interface Sample {
  readonly request: string;
  readonly sentence: string | null;
  readonly head: CheckedHead;
  readonly vocabulary: Vocabulary;
}

const samples: Sample[] = [];
const random = randomFrom(7);
const put = (request: string, sentence: string | null, head: CheckedHead, vocabulary: Vocabulary): void => {
  samples.push({ request, sentence, head, vocabulary });
  samples.push({ request: withNoise(request, random), sentence, head, vocabulary });
};
const table = async (name: string, text: string): Promise<[CheckedHead, Vocabulary]> => {
  const head = await headWithGlances(await tableFromBytes(name, new TextEncoder().encode(text)));
  return [head, vocabularyOf(head)];
};
{
  const [head, vocabulary] = await table('deliveries', EXAMPLE_TABLE);
  for (const [request, sentence] of EXAMPLES) put(request, sentence, head, vocabulary);
  for (const { request, sentences } of writeRequests(head, 3, 250)) put(request, sentences.join(' '), head, vocabulary);
}
for (const round of ROUNDS) {
  const head = await headOfRound(round), vocabulary = vocabularyOf(head);
  for (const [request, sentence] of round.cases) put(request, sentence, head, vocabulary);
}
const folder = path.resolve('core/testing/cases');
for (const line of readFileSync(path.join(folder, 'cases.jsonl'), 'utf8').split('\n').filter(Boolean)) {
  const one = JSON.parse(line) as Case;
  if (one.say.length > 1) continue;
  const text = readFileSync(path.join(folder, one.tables[0]!.file), 'utf8');
  const [head, vocabulary] = await table(one.tables[0]!.name, text);
  const { answers } = await sayAll(new TextEncoder().encode(text), one.tables[0]!.name, one.say);
  const [answer] = answers;
  put(one.say[0]!, answer?.outcome === 'done' ? answer.reading.sentences.join(' ') : null, head, vocabulary);
}

/** Right readings count one, wrong ones cost four; asking costs nothing. */
function score(): { right: number; wrong: number; score: number } {
  let right = 0, wrong = 0;
  for (const { request, sentence, head, vocabulary } of samples) {
    const answer = readRequest(request, head, undefined, vocabulary);
    if (answer.outcome !== 'done') continue;
    // What somebody calls a column is taken as it was typed.
    if (answer.reading.sentences.join(' ').toLowerCase() === sentence?.toLowerCase()) right++;
    else wrong++;
  }
  return { right, wrong, score: right - 4 * wrong };
}

let best = score();
console.log(`${samples.length} requests, half of them with noise: ${best.right} right, ${best.wrong} wrong`);
for (const name of Object.keys(WEIGHTS) as WeightName[]) {
  const before = WEIGHTS[name];
  let kept = before;
  for (const factor of [0.7, 1.4]) {
    WEIGHTS[name] = Number((before * factor).toFixed(3));
    const now = score();
    if (now.score > best.score) [best, kept] = [now, WEIGHTS[name]];
  }
  WEIGHTS[name] = kept;
  if (kept !== before) console.log(`${name}: ${before} -> ${kept} (${best.right} right, ${best.wrong} wrong)`);
}
console.log(`at the end: ${best.right} right, ${best.wrong} wrong`);
