import type { Glance } from '../profile/glance';
import { isQuantity, type ColumnHead } from '../table/column';
import { roundTo, writeNumber } from '../values/number';
import type { ColumnTotal } from './balance';

/** One run of a brief, as it is compared with another. */
export interface BriefRun {
  readonly columns: readonly ColumnHead[];
  readonly glances: ReadonlyMap<string, Glance>;
  /** Forms of the texts of each text column, where they are few: 'Aaaa 00'. */
  readonly shapes: ReadonlyMap<string, readonly (readonly [string, number])[]>;
  readonly rowsIn: number;
  readonly rowsOut: number;
  readonly sentences: readonly { readonly key: string; readonly sentence: string; readonly rows: number; readonly kinds: readonly { readonly key: string; readonly words: string; readonly rows: number; readonly odd: boolean }[] }[];
  readonly totals: readonly ColumnTotal[];
  readonly failing: readonly { readonly sentence: string; readonly rows: number }[];
}

/** Something that is different this time. */
export interface Difference {
  readonly sort: 'check' | 'kind' | 'share' | 'values' | 'range' | 'shape' | 'column' | 'total';
  /** The column, or the sentence, it is about. */
  readonly of: string;
  readonly words: string;
  /** The sentence's key and the kind's, where rows can be shown. */
  readonly at: { readonly key: string; readonly kind: string } | null;
  /** It only tells; nothing needs a look. */
  readonly plain: boolean;
}

/** Values that a category may have to be compared value by value. */
const MOST_CATEGORIES = 200;
/** A share has changed markedly: more than chance allows (in standard errors), and by so much. */
const ERRORS = 4;
const POINTS = 0.03;
const TIMES = 1.5;

/** Is a share of one size markedly different from another, given how many rows each was found in? (Two-proportion z-test.) */
export function sharesDiffer(a: number, of: number, b: number, ofOther: number): boolean {
  if (of === 0 || ofOther === 0) return false;
  const [p, q] = [a / of, b / ofOther];
  const pooled = (a + b) / (of + ofOther);
  const error = Math.sqrt(pooled * (1 - pooled) * (1 / of + 1 / ofOther));
  return error > 0 && Math.abs(p - q) / error > ERRORS && (Math.abs(p - q) > POINTS || Math.max(p, q) > TIMES * Math.min(p, q));
}

const percent = (a: number, of: number): string => `${roundTo(of ? (100 * a) / of : 0, 1)}%`;
const listed = (texts: readonly string[]): string => texts.slice(0, 5).map((t) => `“${t}”`).join(', ') + (texts.length > 5 ? ` and ${texts.length - 5} more` : '');

/**
 * What is different between the run of a brief last time and this time, and nothing else: checks that fail, kinds never
 * seen or seen markedly more or less often, values and shapes that are new, numbers outside the earlier range, columns that
 * appeared or vanished, and the control totals side by side. O(columns * values + sentences * kinds).
 */
export function differences(before: BriefRun, now: BriefRun): Difference[] {
  const out: Difference[] = [];
  const say = (sort: Difference['sort'], of: string, words: string, at: Difference['at'] = null, plain = false): void => void out.push({ sort, of, words, at, plain });

  for (const c of now.failing) {
    const was = before.failing.find((b) => b.sentence === c.sentence)?.rows ?? 0;
    if (c.rows > 0) say('check', c.sentence, `${c.rows} ${c.rows === 1 ? 'row breaks' : 'rows break'} it${was ? `, ${was} last time` : '; none did last time'}`);
  }
  const old = new Map(before.sentences.map((s) => [s.key, s]));
  for (const s of now.sentences) {
    const was = old.get(s.key);
    if (!was) continue;
    for (const kind of s.kinds) {
      const same = was.kinds.find((k) => k.key === kind.key);
      const at = { key: s.key, kind: kind.key };
      if (!same) say('kind', s.sentence, `${kind.rows} ${kind.rows === 1 ? 'row is' : 'rows are'} of a kind never seen: ${kind.words}`, at, !kind.odd);
      else if (sharesDiffer(kind.rows, s.rows, same.rows, was.rows)) say('share', s.sentence, `${kind.words}: ${percent(kind.rows, s.rows)} of the rows, ${percent(same.rows, was.rows)} last time`, at, !kind.odd);
    }
    for (const kind of was.kinds) if (kind.rows > 0 && sharesDiffer(0, s.rows, kind.rows, was.rows) && !s.kinds.some((k) => k.key === kind.key)) say('share', s.sentence, `no row is of the kind “${kind.words}” this time; ${kind.rows} were`, null, !kind.odd);
  }
  const names = new Set(before.columns.map((c) => c.name));
  for (const c of now.columns) if (!names.has(c.name)) say('column', c.name, 'a column that was not there last time');
  for (const c of before.columns) {
    const after = now.columns.find((o) => o.name === c.name);
    if (!after) {
      say('column', c.name, 'was there last time, and is not there now');
      continue;
    }
    const [was, is] = [before.glances.get(c.name), now.glances.get(c.name)];
    if (was && is) compareColumn(c, was, is, say);
    const shapes = before.shapes.get(c.name);
    const fresh = shapes && now.shapes.get(c.name)?.filter(([shape]) => !shapes.some(([s]) => s === shape));
    // Values that are new are told by their values already.
    if (fresh?.length && !out.some((d) => d.sort === 'values' && d.of === c.name)) say('shape', c.name, `texts of a form never seen: ${listed(fresh.map(([shape]) => shape))} (${fresh.reduce((n, [, k]) => n + k, 0)} cells)`);
  }
  if (before.rowsOut !== now.rowsOut) say('total', 'rows', `${now.rowsOut} of ${now.rowsIn} brought in; ${before.rowsOut} of ${before.rowsIn} last time`, null, true);
  for (const t of now.totals) {
    const was = before.totals.find((b) => b.column === t.column);
    if (was && was.sum !== t.sum) say('total', t.column, `the sum is ${writeNumber(t.sum)}, ${writeNumber(was.sum)} last time`, null, true);
  }
  return out.sort((a, b) => Number(a.plain) - Number(b.plain));
}

function compareColumn(column: ColumnHead, was: Glance, is: Glance, say: (sort: Difference['sort'], of: string, words: string) => void): void {
  const filled = (g: Glance): number => g.rows - g.blanks;
  if (sharesDiffer(is.blanks, is.rows, was.blanks, was.rows)) say('range', column.name, `${percent(is.blanks, is.rows)} of the cells are blank, ${percent(was.blanks, was.rows)} last time`);
  if (is.misfits > 0 && sharesDiffer(is.misfits, is.rows, was.misfits, was.rows)) say('range', column.name, `${is.misfits} cells do not fit the column’s type, ${was.misfits} last time`);
  if (isQuantity(column.type)) {
    const [low, high, oldLow, oldHigh] = [is.lowest, is.highest, was.lowest, was.highest].map((t) => (t === null ? NaN : Number(t)));
    // A hair outside the earlier range is no news.
    const hair = 0.05 * (oldHigh! - oldLow!);
    if (low! < oldLow! - hair) say('range', column.name, `the lowest value is ${is.lowest}; it was never below ${was.lowest}`);
    if (high! > oldHigh! + hair) say('range', column.name, `the highest value is ${is.highest}; it was never above ${was.highest}`);
    return;
  }
  if (column.type !== 'text' || !was.values || !is.values || was.values.length > MOST_CATEGORIES || filled(was) < was.values.length * 3) return;
  const seen = new Set(was.values.map(([t]) => t));
  const fresh = is.values.filter(([t]) => t !== '' && !seen.has(t));
  if (fresh.length) say('values', column.name, `${fresh.length === 1 ? 'a value' : `${fresh.length} values`} never seen: ${listed(fresh.map(([t]) => t))} (${fresh.reduce((n, [, k]) => n + k, 0)} cells)`);
}
