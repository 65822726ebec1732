import type { ColumnHead } from '../table/column';
import type { CheckedHead } from '../formula/check';
import { folded } from '../values/fold';
import { columnMentions, vocabularyOf } from './mentions';
import { tokens } from './words';

/** A column of a new file, with some of its cells. */
export interface FreshColumn extends Pick<ColumnHead, 'name' | 'type'> {
  readonly cells: readonly string[];
}

/** Which column of a new file plays the part of one that a brief was written for. */
export interface ColumnTie {
  readonly column: string;
  /** Null where no column of the new file is like it. */
  readonly to: string | null;
  /** It has the same name, or was tied so before: nobody needs to be asked. */
  readonly sure: boolean;
  /** Columns of the new file that may be meant, the likeliest first. */
  readonly others: readonly string[];
}

/** Likeness from which a column is proposed. */
const LEAST = 0.35;

/**
 * Ties the columns of a table to those of a new file: by name, by ties remembered from an earlier file (`known`: fresh
 * name to column), then by likeness of names and of contents. Each fresh column is tied once. O(columns²).
 */
export function tieColumns(head: CheckedHead, fresh: readonly FreshColumn[], known: Readonly<Record<string, string>> = {}): ColumnTie[] {
  const taken = new Set<string>();
  const sure = new Map<string, string>();
  for (const same of [(f: FreshColumn, name: string): boolean => f.name === name, (f: FreshColumn, name: string): boolean => known[f.name] === name, (f: FreshColumn, name: string): boolean => folded(f.name) === folded(name)]) {
    for (const { name } of head.columns) {
      const found = sure.has(name) ? undefined : fresh.find((f) => !taken.has(f.name) && same(f, name));
      if (!found) continue;
      sure.set(name, found.name);
      taken.add(found.name);
    }
  }
  const left = head.columns.filter((c) => !sure.has(c.name));
  const free = fresh.filter((f) => !taken.has(f.name));
  // What each column may be called is made ready once, not for each pair.
  const [olds, news] = [left.map((c) => asked(c, head.name)), free.map((f) => asked({ ...f, scale: null }, head.name))];
  const scores = olds.flatMap((c) => news.map((f, i) => ({ column: c.name, to: f.name, score: likeness(c, f, free[i]!, head) }))).filter((s) => s.score >= LEAST).sort((a, b) => b.score - a.score);
  const proposed = new Map<string, string>();
  for (const s of scores) {
    if (proposed.has(s.column) || taken.has(s.to)) continue;
    proposed.set(s.column, s.to);
    taken.add(s.to);
  }
  return head.columns.map(({ name }) => {
    const tied = sure.get(name);
    if (tied !== undefined) return { column: name, to: tied, sure: true, others: [] };
    const ranked = scores.filter((s) => s.column === name).map((s) => s.to);
    return { column: name, to: proposed.get(name) ?? null, sure: false, others: [...ranked, ...free.map((f) => f.name).filter((n) => !ranked.includes(n))] };
  });
}

/** A column with its name as words, and ready to be found in other names. */
const asked = (column: ColumnHead, table: string) => ({ name: column.name, type: column.type, words: tokens(column.name), vocabulary: vocabularyOf({ name: table, columns: [column] }) });
type Asked = ReturnType<typeof asked>;

/** How far a name mentions a column, 0 to 1: all its words, each surely. */
const mentioned = ({ words }: Asked, { vocabulary }: Asked): number => Math.max(0, ...columnMentions(words, vocabulary).map((m) => (1 - Math.min(1, m.cost)) * ((m.to - m.from) / Math.max(1, words.length))));

/** How alike two columns are, 0 to 1: their names read as mentions of each other, and the values that stand in both. */
function likeness(column: Asked, fresh: Asked, { cells: all }: FreshColumn, head: CheckedHead): number {
  const named = Math.max(mentioned(fresh, column), mentioned(column, fresh));
  const old = head.glances?.get(column.name);
  const cells = [...new Set(all.map(folded).filter((t) => t !== ''))].slice(0, 500);
  const values = old?.values && old.values.length <= 500 ? new Set(old.values.map(([t]) => folded(t))) : null;
  const shared = values && values.size && cells.length ? cells.filter((t) => values.has(t)).length / cells.length : 0;
  const sameType = column.type === fresh.type ? 0.1 : 0;
  return Math.min(1, Math.max(named * 0.8, shared * 0.9) + sameType);
}
