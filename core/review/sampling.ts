import { groupsOf } from '../profile/groups';
import { positionAt, rowCount, type Table } from '../table/table';
import { randomFrom } from '../values/random';

/** Shares of `total` that add up to it exactly, in proportion to `sizes`: what is left after rounding down goes to the largest remainders (Hamilton's method). O(n log n). */
export function largestRemainder(sizes: readonly number[], total: number): number[] {
  const all = sizes.reduce((a, b) => a + b, 0);
  if (all === 0) return sizes.map(() => 0);
  const exact = sizes.map((n) => (n * total) / all);
  const out = exact.map(Math.floor);
  const left = total - out.reduce((a, b) => a + b, 0);
  const order = exact.map((x, i) => [x - Math.floor(x), i] as const).sort((a, b) => b[0] - a[0] || a[1] - b[1]);
  for (const [, i] of order.slice(0, left)) out[i]!++;
  return out;
}

/**
 * Positions of exactly `count` rows (all of them where there are fewer), drawn at random with a seed, in the order of the
 * table; with `by`, in the shares its values have. The same table and seed draw the same rows. O(rows log rows).
 */
export async function drawRows(table: Table, count: number, seed: number, by: readonly string[] = []): Promise<Uint32Array> {
  const rows = rowCount(table);
  const groups = by.length ? await groupsOf(table, by) : { codes: new Int32Array(table.size), count: 1 };
  const sizes = new Array<number>(groups.count).fill(0);
  for (let at = 0; at < rows; at++) sizes[groups.codes[positionAt(table, at)]!]!++;
  const quota = largestRemainder(sizes, Math.min(count, rows));
  const score = Float64Array.from({ length: rows }, randomFrom(seed));
  const chosen = new Uint8Array(rows);
  for (const at of Uint32Array.from({ length: rows }, (_, i) => i).sort((a, b) => score[a]! - score[b]!)) {
    const g = groups.codes[positionAt(table, at)]!;
    if (quota[g]! <= 0) continue;
    quota[g]!--;
    chosen[at] = 1;
  }
  const out: number[] = [];
  for (let at = 0; at < rows; at++) if (chosen[at]) out.push(positionAt(table, at));
  return Uint32Array.from(out);
}

/** The natural logarithm of n! (exact sums up to 255, Stirling's series with three terms above: error below 1e-12). */
const LOG_FACTORIALS = Float64Array.from({ length: 256 }, () => 0);
for (let n = 2; n < 256; n++) LOG_FACTORIALS[n] = LOG_FACTORIALS[n - 1]! + Math.log(n);
function logFactorial(n: number): number {
  if (n < 256) return LOG_FACTORIALS[n]!;
  const x = n + 1;
  return (x - 0.5) * Math.log(x) - x + 0.5 * Math.log(2 * Math.PI) + 1 / (12 * x) - 1 / (360 * x ** 3) + 1 / (1260 * x ** 5);
}
const logChoose = (n: number, k: number): number => logFactorial(n) - logFactorial(k) - logFactorial(n - k);

/**
 * The chance of finding at most `wrong` wrong rows among `drawn`, when `bad` of all `rows` are wrong: the hypergeometric
 * distribution function. O(wrong).
 */
export function chanceOfAtMost(wrong: number, drawn: number, bad: number, rows: number): number {
  const least = Math.max(0, drawn - (rows - bad));
  if (wrong < least) return 0;
  if (wrong >= Math.min(drawn, bad)) return 1;
  const whole = logChoose(rows, drawn);
  let chance = 0;
  for (let k = least; k <= wrong; k++) chance += Math.exp(logChoose(bad, k) + logChoose(rows - bad, drawn - k) - whole);
  return Math.min(1, chance);
}

/** The least whole number from `low` to `high` that passes a test which, once passed, stays passed; `high` when none does. */
function least(low: number, high: number, passes: (n: number) => boolean): number {
  while (low < high) {
    const middle = Math.floor((low + high) / 2);
    if (passes(middle)) high = middle;
    else low = middle + 1;
  }
  return low;
}

/**
 * How many rows must be drawn from `rows` so that, when none of them is wrong, fewer than `share` (0 to 1) of all are
 * wrong with this certainty (0 to 1). Exact for the finite table; 299 for 1 in 100 and 0.95 in a large one. O(log rows).
 */
export function rowsToDraw(rows: number, share: number, certainty: number): number {
  const bad = Math.max(1, Math.ceil(rows * share - 1e-9));
  return least(0, rows, (drawn) => chanceOfAtMost(0, drawn, bad, rows) <= 1 - certainty + 1e-12);
}

/** What a sample proves: at most so many of all rows are wrong, and at least so many, with the certainty. */
export interface Finding {
  readonly fewest: number;
  readonly most: number;
}

/**
 * The bounds of how many of `rows` are wrong after `wrong` were found among `drawn`. With none found the upper bound takes all the
 * doubt; otherwise each side takes half (the exact interval of Clopper and Pearson, for a finite table). O(wrong log rows).
 */
export function findingOf(rows: number, drawn: number, wrong: number, certainty: number): Finding {
  const doubt = wrong === 0 ? 1 - certainty : (1 - certainty) / 2;
  // The first number of wrong rows under which so few would hardly be found; one less may still be so.
  const most = drawn === 0 ? rows : least(wrong, rows - drawn + wrong + 1, (bad) => bad > rows - drawn + wrong || chanceOfAtMost(wrong, drawn, bad, rows) <= doubt + 1e-12) - 1;
  const fewest = wrong === 0 ? 0 : least(wrong, rows - drawn + wrong, (bad) => 1 - chanceOfAtMost(wrong - 1, drawn, bad, rows) > doubt);
  return { fewest, most };
}

/** The statement of a sample in words: what was drawn, what was found, and what that proves. */
export function statementOf(rows: number, drawn: number, wrong: number, certainty: number): string {
  const sure = `${Number((certainty * 100).toFixed(2))}% sure`;
  const per = (n: number): string => { const p = rows ? (n / rows) * 100 : 0; return p === 0 || p >= 10 ? p.toFixed(0) : p.toPrecision(2).replace(/\.0$/, ''); };
  if (drawn === 0) return 'No row was looked at.';
  if (drawn >= rows) return `All ${rows} rows were looked at: ${wrong === 0 ? 'none is' : wrong === 1 ? '1 is' : `${wrong} are`} wrong.`;
  const { fewest, most } = findingOf(rows, drawn, wrong, certainty);
  if (wrong === 0) return `Of ${drawn} drawn from ${rows}, none is wrong: fewer than ${per(most + 1)} in 100 are wrong (at most ${most} rows), ${sure}.`;
  return `Of ${drawn} drawn from ${rows}, ${wrong} ${wrong === 1 ? 'is' : 'are'} wrong: between ${per(fewest)} and ${per(most)} in 100 are wrong (${fewest} to ${most} rows), ${sure}.`;
}
