import type { CheckedHead } from '../formula/check';
import { findColumn } from '../table/table';
import { folded } from '../values/fold';
import type { Context } from './acts';
import type { Item } from './chart';
import { nameWords } from './mentions';
import type { Token } from './words';

/* Columns that a request makes and goes on to speak of: 'Fee: 15 for members, 0 for others, and total = rent + fee'. */

/** How dear a name may be to be taken for one. */
const LIKELY = 0.7;
/** What a column that is made stands behind or before. */
const BEFORE = /^(?:called|named|call|name|column|add|new|into|it|and|,|;|\.)$/;
const AFTER = /^(?::|=|is|are|which|that|as|being|equals|column)$/;

/** The names of columns that a request makes and speaks of once more, as it writes them first. */
function madeNames(words: readonly Token[], items: readonly Item[], head: CheckedHead): string[] {
  const text = (from: number, to: number): string => words.slice(from, to).map((w) => folded(w.text)).join(' ');
  const found = items.filter((i) => i.cat === 'name' && i.cost <= LIKELY && (AFTER.test(words[i.to]?.lower ?? '') || BEFORE.test(words[i.from - 1]?.lower ?? '')) && !findColumn(head.columns, String(i.value))).sort((a, b) => b.to - b.from - (a.to - a.from));
  const names: string[] = [];
  for (const { from, to, value } of found) {
    const own = text(from, to);
    if (names.some((n) => folded(n) === own || ` ${folded(n)} `.includes(` ${own} `))) continue;
    for (let at = to + 1; at + (to - from) <= words.length; at++) if (text(at, at + to - from) === own && !AFTER.test(words[at + to - from]?.lower ?? '')) { names.push(String(value)); break; }
  }
  return names.slice(0, 2);
}

/** What is known of the table when those columns are made, as numbers; null where the request makes none that it speaks of again. */
export function withMade(words: readonly Token[], items: readonly Item[], { head, vocabulary, ...rest }: Context): Context | null {
  const names = madeNames(words, items, head);
  if (names.length === 0) return null;
  const made: CheckedHead = { ...head, columns: [...head.columns, ...names.map((name) => ({ name, type: 'decimal' as const, scale: null }))] };
  return { ...rest, head: made, vocabulary: { ...vocabulary, head: made, names: [...vocabulary.names, ...names.map(nameWords)] } };
}
