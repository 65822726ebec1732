// npm run bench:language -- [cases.jsonl ...]: right, asked and wrong by category, and how long reading takes.
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { openSession } from '../core/brief/session';
import { tableFromBytes } from '../core/formats/import';
import { readRequest } from '../core/language/read';
import { vocabularyOf } from '../core/language/mentions';
import { judge, type Case, type Verdict } from '../core/testing/cases';

const files = process.argv.slice(2).length ? process.argv.slice(2) : [path.resolve('core/testing/cases/cases.jsonl')];
const counts = new Map<string, Record<Verdict, number>>();
const times: { id: string; ms: number }[] = [];
for (const file of files) {
  for (const line of readFileSync(file, 'utf8').split('\n').filter(Boolean)) {
    const one = JSON.parse(line) as Case;
    const bytes = readFileSync(path.resolve(path.dirname(file), one.tables[0]!.file));
    const { head } = await openSession(await tableFromBytes(one.tables[0]!.name, bytes));
    const vocabulary = vocabularyOf(head);
    readRequest(one.say[0]!, head, undefined, vocabulary);
    const from = performance.now();
    readRequest(one.say[0]!, head, undefined, vocabulary);
    times.push({ id: one.id, ms: performance.now() - from });
    const { verdict } = await judge(one, bytes);
    for (const key of [one.category, 'all']) {
      const row = counts.get(key) ?? { right: 0, asked: 0, wrong: 0 };
      row[verdict]++;
      counts.set(key, row);
    }
  }
}
const percent = (n: number, of: number): string => `${((100 * n) / of).toFixed(1)}%`.padStart(7);
console.log('category      cases   right   asked   wrong');
for (const [category, c] of [...counts].sort(([a], [b]) => Number(a === 'all') - Number(b === 'all') || a.localeCompare(b))) {
  const n = c.right + c.asked + c.wrong;
  console.log(`${category.padEnd(13)}${String(n).padStart(6)} ${percent(c.right, n)} ${percent(c.asked, n)} ${percent(c.wrong, n)}`);
}
times.sort((a, b) => a.ms - b.ms);
const at = (share: number): string => `${times[Math.min(times.length - 1, Math.floor(times.length * share))]!.ms.toFixed(1)} ms`;
console.log(`\nreading a request (second time): median ${at(0.5)}, 95th percentile ${at(0.95)}, longest ${at(1)} (${times.at(-1)!.id})`);
