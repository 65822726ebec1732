import type { Report } from '../steps/run';
import { roundTo } from '../values/number';
import type { ColumnTotal } from './balance';

/** What the statement needs to know of one kept sentence: how it ran, and the sums before and after it. */
export interface Stage {
  readonly sentence: string;
  readonly rowsIn: number;
  readonly rowsOut: number;
  /** Kinds of rows that the sentence set aside, with how many rows went for that reason. */
  readonly reasons: readonly { readonly words: string; readonly rows: number }[];
  /** Columns that the sentence makes, changes or renames. */
  readonly writes: readonly string[];
  readonly after: readonly ColumnTotal[];
}

/** Why rows left with a sentence, or came to the table: its kinds that leave, without what is on hold of them; added rows count below zero. */
export const reasonsOf = (report: Pick<Report, 'kinds' | 'rowsIn' | 'rowsOut'>): Stage['reasons'] =>
  report.rowsIn === report.rowsOut ? [] : report.rowsOut > report.rowsIn ? report.kinds.filter((k) => k.added).map((k) => ({ words: k.words, rows: -k.added! })) : report.kinds.filter((k) => !k.same && k.rows > k.held).map((k) => ({ words: k.words, rows: k.rows - k.held }));

/** One line of the statement for rows: what a sentence took out, or added (below zero), and why. */
export interface RowLine {
  /** The place of the sentence, counted from 1. */
  readonly n: number;
  readonly words: string;
  readonly rows: number;
}

/** One number column from the source to now: the sum before, what each sentence did to it, the sum now. */
export interface ColumnLine {
  readonly column: string;
  /** Null where a sentence made the column. */
  readonly from: number | null;
  readonly changes: readonly { readonly n: number; readonly by: number; readonly meant: boolean }[];
  /** Null where a sentence took the column away, or turned it into something that has no sum. */
  readonly to: number | null;
}

/** The control totals of a brief in one statement that adds up. */
export interface Statement {
  readonly rowsIn: number;
  readonly aside: readonly RowLine[];
  readonly rowsOut: number;
  readonly columns: readonly ColumnLine[];
  /** Does everything add up, and was every difference meant? */
  readonly balances: boolean;
}

/** Sums are compared to this many decimals. */
const PLACES = 6;
const differs = (a: number, b: number): boolean => roundTo(a - b, PLACES) !== 0;

/**
 * The statement of a brief: rows in, set aside sentence by sentence with the reason, and out; for each number column the sum in
 * the source, what each sentence changed, and the sum now. A difference is meant where the sentence writes the column or takes rows out. O(sentences * columns).
 */
export function statementFor(source: { readonly rows: number; readonly totals: readonly ColumnTotal[] }, stages: readonly Stage[]): Statement {
  const lines = new Map<string, { column: string; from: number | null; changes: { n: number; by: number; meant: boolean }[]; to: number | null }>();
  const done: { column: string; from: number | null; changes: { n: number; by: number; meant: boolean }[]; to: number | null }[] = [];
  for (const t of source.totals) lines.set(t.column, { column: t.column, from: t.sum, changes: [], to: t.sum });
  const aside: RowLine[] = [];
  let rows = source.rows;
  let adds = true;
  stages.forEach((stage, i) => {
    const n = i + 1;
    if (stage.rowsIn !== rows) adds = false;
    const gone = stage.rowsIn - stage.rowsOut;
    if (gone !== 0) {
      aside.push(...stage.reasons.map((r) => ({ n, words: r.words, rows: r.rows })));
      if (stage.reasons.reduce((sum, r) => sum + r.rows, 0) !== gone) adds = false;
    }
    rows = stage.rowsOut;
    const now = new Map(stage.after.map((t) => [t.column, t.sum]));
    for (const [name, line] of lines) {
      if (now.has(name)) continue;
      done.push({ ...line, changes: line.to === null ? line.changes : [...line.changes, { n, by: -line.to, meant: true }], to: null });
      lines.delete(name);
    }
    for (const [name, sum] of now) {
      const line = lines.get(name);
      if (!line) lines.set(name, { column: name, from: null, changes: sum === 0 ? [] : [{ n, by: sum, meant: true }], to: sum });
      else if (differs(sum, line.to!)) {
        line.changes.push({ n, by: roundTo(sum - line.to!, PLACES), meant: gone !== 0 || stage.writes.includes(name) });
        line.to = sum;
      }
    }
  });
  const columns = [...lines.values(), ...done];
  return { rowsIn: source.rows, aside, rowsOut: rows, columns, balances: adds && columns.every((c) => c.changes.every((d) => d.meant)) };
}
