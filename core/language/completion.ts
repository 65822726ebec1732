import { readsAsNumber, type CheckedHead } from '../formula/check';
import { isDate } from '../table/column';
import type { Context } from './acts';
import { written } from './exact';
import { expectedAfter, inSight } from './read';
import { CLASSES } from './lexicon/classes';
import { columnMentions, vocabularyOf } from './mentions';
import { tokens } from './words';

/** A way to go on: what stands from `from` to the end of the request is to be replaced by `text`. */
export interface Completion {
  readonly from: number;
  readonly text: string;
  readonly sort: 'column' | 'value' | 'words';
  /** What is shown: the name or words, without marks. */
  readonly shown: string;
}

/** How people begin; offered on an empty line. */
const OPENERS = ['add a column called', 'split', 'drop', 'keep only', 'replace', 'rename', 'sort by', 'trim', 'fill', 'turn', 'how many', 'total', 'average', 'move', 'spell'];
const MOST = 7;

/**
 * Ways to go on at the end of a request that make sense there: columns, values of the columns spoken of, and words that
 * some rule of the grammar waits for. Milliseconds.
 */
export function complete(request: string, whole: CheckedHead): Completion[] {
  const head = inSight(request, whole);
  const vocabulary = vocabularyOf(head);
  const tail = /[‹"“]?[\p{L}\p{N}_-]*$/u.exec(request)![0];
  const prefix = tail.replace(/^[‹"“]/, '').toLowerCase();
  const from = request.length - tail.length;
  const before = request.slice(0, from);
  const words = tokens(before);
  if (words.length === 0) return OPENERS.filter((o) => o.startsWith(prefix) && o !== prefix).slice(0, MOST).map((o) => ({ from, text: `${o} `, shown: o, sort: 'words' as const }));
  const context: Context = { head, vocabulary };
  const expected = expectedAfter(words, before, context);
  if (expected.size === 0) return [];
  const begins = (name: string): boolean => name.toLowerCase().startsWith(prefix) || name.toLowerCase().split(/[\s_./-]+/).some((w) => w.startsWith(prefix));
  const out: (Completion & { readonly cost: number })[] = [];
  const mentioned = new Set(columnMentions(words, vocabulary).filter((m) => m.cost < 0.3).map((m) => m.column));
  const [anyCost, numberCost] = [expected.get('$col') ?? Infinity, expected.get('$number') ?? Infinity];
  if (Math.min(anyCost, numberCost) < Infinity) {
    head.columns.forEach((c, i) => {
      const numeric = readsAsNumber(head, c.name) && !isDate(c.type);
      // Where a number is waited for, other columns make less sense.
      const columnCost = numeric ? Math.min(anyCost, numberCost) : anyCost + (numberCost < Infinity ? 1 : 0);
      if (begins(c.name) && columnCost < Infinity) out.push({ from, text: `${written(c.name)} `, shown: c.name, sort: 'column', cost: columnCost + i * 0.01 + (mentioned.has(c.name) ? 0.5 : 0) - (prefix ? 0.4 : 0) });
    });
  }
  const valueCost = expected.get('$value');
  if (valueCost !== undefined) {
    for (const name of mentioned) {
      const g = head.glances?.get(name);
      // Where every value is another one, none is likelier than the rest.
      if (head.columns.find((c) => c.name === name)?.type !== 'text' || !g?.values || g.values.length >= g.rows - g.blanks) continue;
      g.values.slice(0, 200).forEach(([value], i) => {
        if (value.trim() !== '' && value.length <= 40 && begins(value)) out.push({ from, text: `${JSON.stringify(value)} `, shown: value, sort: 'value', cost: valueCost - 0.3 + i * 0.02 });
      });
    }
  }
  for (const [cat, cost] of expected) {
    if (cat.startsWith('$')) continue;
    const phrases = cat.startsWith('~') ? CLASSES[cat.slice(1)]!.split('|') : cat.slice(1).split('|');
    const fitting = phrases.filter((p) => /^\p{L}/u.test(p) && p.startsWith(prefix) && p !== prefix && p.length > 1);
    for (const [i, phrase] of fitting.slice(0, prefix ? 2 : 1).entries()) out.push({ from, text: `${phrase} `, shown: phrase, sort: 'words', cost: cost + 0.3 + i * 0.2 + (prefix.length < 2 ? 0.3 : 0) });
  }
  const seen = new Set<string>();
  return out
    .sort((a, b) => a.cost - b.cost)
    .filter((c) => !seen.has(c.shown.toLowerCase()) && seen.add(c.shown.toLowerCase()))
    .slice(0, MOST)
    .map(({ cost: _cost, ...c }) => c);
}
