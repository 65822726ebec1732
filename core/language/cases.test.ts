import { readFileSync } from 'node:fs';
import path from 'node:path';
import { judge, type Case, type Verdict } from '../testing/cases';

const folder = path.join(__dirname, '../testing/cases');
const cases = readFileSync(path.join(folder, 'cases.jsonl'), 'utf8').split('\n').filter(Boolean).map((line) => JSON.parse(line) as Case);
const bytesOf = (one: Case): Uint8Array => readFileSync(path.join(folder, one.tables[0]!.file));

/** Categories all of whose abilities exist. */
const WHOLE = ['clean', 'columns', 'rows', 'split', 'metric', 'question', 'dialogue'] as const;
const verdicts = new Map<string, Verdict>();

beforeAll(async () => {
  for (const one of cases) verdicts.set(one.id, (await judge(one, bytesOf(one))).verdict);
}, 120_000);

const own = (category: string): Case[] => cases.filter((c) => c.category === category);
const share = (list: readonly Case[], verdict: Verdict): number => list.filter((c) => verdicts.get(c.id) === verdict).length / list.length;

test('nothing is carried out that was not asked for', () => {
  expect(cases.filter((c) => verdicts.get(c.id) === 'wrong').map((c) => c.id)).toEqual([]);
});

test.each([...WHOLE, 'refuse'])('%s: at least 95 in 100 come out right', (category) => {
  expect(share(own(category), 'right')).toBeGreaterThanOrEqual(0.95);
});

test('exact sentences can say what is asked for, in at least 98 of 100 cases', async () => {
  const sayable = cases.filter((c) => (WHOLE as readonly string[]).includes(c.category));
  expect(sayable.filter((c) => c.exact.length > 0).length / sayable.length).toBeGreaterThanOrEqual(0.98);
  for (const one of sayable.filter((c) => c.exact.length > 0)) {
    const { verdict, faults } = await judge(one, bytesOf(one), one.exact);
    expect([one.id, verdict, ...faults]).toEqual([one.id, 'right']);
  }
}, 60_000);
