import { readFileSync } from 'node:fs';
import path from 'node:path';
import { judge, type Case } from '../testing/cases';

const folder = path.join(__dirname, '../testing/cases');
const lines = <T>(file: string): T[] => readFileSync(path.join(folder, file), 'utf8').split('\n').filter(Boolean).map((line) => JSON.parse(line) as T);

/** A case said in other words; what is not understood today is asked about. */
interface Spoken {
  readonly case: string;
  readonly say: readonly string[];
  readonly understood: boolean;
}

const cases = new Map(lines<Case>('cases.jsonl').map((c) => [c.id, c]));
const files = new Map<string, Uint8Array>();
const bytesOf = (file: string): Uint8Array => files.get(file) ?? files.set(file, readFileSync(path.join(folder, file))).get(file)!;

describe.each(['clean', 'split', 'columns', 'rows', 'metric', 'question', 'dialogue', 'refuse'])('%s in other words', (category) => {
  const own = lines<Spoken>('spoken.jsonl').filter((s) => cases.get(s.case)!.category === category).map((s) => [s.say.join(' / '), s] as const);

  test.each(own)('%s', async (_, { case: id, say, understood }) => {
    const one = cases.get(id)!;
    const { verdict } = await judge(one, bytesOf(one.tables[0]!.file), say);
    // Asked about today is no promise; carried out wrongly is a defect.
    expect(understood ? verdict : verdict === 'wrong').toBe(understood ? 'right' : false);
  });
});
