import { VALUE } from '../table/column';
import { dimensionOf } from './dimensions';
import { walk, type Expression } from './expression';
import type { NumberVector } from './vector';

/** What of a result can be unlikely although it could be calculated, by what it measures and what it is called. */
export interface Sense {
  /** A share of a whole is not more than this. */
  readonly whole: number | null;
  /** A weight, a length, a time is not below nought. */
  readonly signed: boolean;
  /** A rate is hardly a thousand times as large, or as small, as those around it. */
  readonly rate: boolean;
}

/** The ways in which a value can be unlikely; 0 stands for none. */
export const [WHOLE, BELOW, FAR] = [1, 2, 3] as const;

/** Shares that are called so. Growth, markups and indexes may well be more than the whole. */
const SHARES = /\b(?:share|portion|proportion|occupancy|utili[sz]ation|fill rate|hit rate|loss|loss rate|waste|shrinkage|conversion|click-?through|attendance|on.?time|yes rate|pass rate|error rate|return rate|retention|churn)\b/i;

/** Quantities that are there or not. */
const AMOUNTS = new Set(['weight', 'length', 'area', 'volume', 'time', 'energy', 'power']);

/** How far a rate may be from those around it. */
const FAR_OFF = 1000;
/** Fewer values than this have no usual size. */
const FEW = 8;
const MOST_LOOKED_AT = 255;

/** An expression without the rounding, and the times hundred, around it. */
function bare(e: Expression): { readonly of: Expression; readonly hundred: boolean } {
  if (e.kind === 'round') return bare(e.of);
  if (e.kind === 'op' && e.op === '*' && e.right.kind === 'number' && e.right.value === 100) return { of: bare(e.left).of, hundred: true };
  return { of: e, hundred: false };
}

/** Is something compared with what is usual, or with before? Such differences go both ways. */
const RELATIVE: ReadonlySet<string> = new Set(['total', 'over', 'moving', 'ago', 'span', 'lapse', 'clock']);
function relative(e: Expression): boolean {
  let found = false;
  walk(e, (n) => { found ||= RELATIVE.has(n.kind); });
  return found;
}

/** A part of a sum of the same thing is a share of it. */
const ofTotal = (e: Expression): boolean => e.kind === 'op' && e.op === '/' && e.right.kind === 'total' && e.right.fn === 'sum' && JSON.stringify(e.right.of) === JSON.stringify(e.left);

/** What there is to watch of a column so called that holds a formula; null where nothing is. */
export function senseOf(name: string, formula: Expression): Sense | null {
  const { of, hundred } = bare(formula);
  const quotient = of.kind === 'op' && of.op === '/';
  const whole = quotient && (ofTotal(of) || SHARES.test(name)) ? (hundred ? 100 : 1) : null;
  const measure = dimensionOf(of);
  const amount = measure !== null && Object.entries(measure).filter(([, n]) => n !== 0).every(([sort, n]) => n === 1 && AMOUNTS.has(sort)) && Object.values(measure).some((n) => n === 1);
  const signed = amount && of.kind === 'op' && !relative(of) && !/\b(?:difference|change|growth|deviation|minus|gain|against|versus|vs)\b/i.test(name);
  const rate = quotient && !relative(of);
  return whole !== null || signed || rate ? { whole, signed, rate } : null;
}

/** The usual size of the values of a chunk: the median of some of them, 0 where there are too few. O(n / step). */
function usual({ values, state }: NumberVector, length: number): number {
  const some: number[] = [];
  const step = Math.max(1, Math.floor(length / MOST_LOOKED_AT));
  for (let i = 0; i < length; i += step) if (state[i] === VALUE && values[i] !== 0) some.push(Math.abs(values[i]!));
  if (some.length < FEW) return 0;
  return some.sort((a, b) => a - b)[some.length >> 1]!;
}

/** Calls `found` with each row whose value is unlikely, and why; those around a row are the rows of its chunk. O(n). */
export function eachUnlikely(sense: Sense, vector: NumberVector, length: number, found: (row: number, why: number) => void): void {
  const { values, state } = vector;
  const middle = sense.rate ? usual(vector, length) : 0;
  const [low, high] = middle > 0 ? [middle / FAR_OFF, middle * FAR_OFF] : [0, Infinity];
  // A little more than the whole is what is left of counting in binary.
  const most = sense.whole === null ? Infinity : sense.whole * (1 + 1e-9);
  const least = sense.signed ? 0 : -Infinity;
  for (let i = 0; i < length; i++) {
    if (state[i] !== VALUE) continue;
    const v = values[i]!, size = v < 0 ? -v : v;
    if (v > most) found(i, WHOLE);
    else if (v < least) found(i, BELOW);
    else if (size > high || (size < low && size !== 0)) found(i, FAR);
  }
}
