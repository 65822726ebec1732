import { VALUE } from '../table/column';
import { liveMask, positionAt, rowCount, type Table } from '../table/table';
import type { Groups } from '../profile/groups';
import { DAY } from '../values/date';
import { roundTo } from '../values/number';
import { quantile } from '../values/quantile';
import { isListed, type Expression, type ListedFn } from './expression';
import type { NumberVector } from './vector';

/* Figures that need all rows at once: each is one number for every position. */

/** An expression over all rows. */
export type Figure = Extract<Expression, { kind: 'total' | 'over' | 'moving' | 'ago' }>;

/**
 * The value of a figure at every position, from the values inside it (and the dates it looks back by, or what it goes along). Rows that
 * are not in the table count for nothing; blanks are passed over. O(rows), and O(rows log rows) where values are ordered.
 */
export function figureOver(figure: Figure, inner: NumberVector, groups: Groups | null, table: Table, order: NumberVector | null): NumberVector {
  switch (figure.kind) {
    case 'total':
      return totals(figure, inner, groups, table);
    case 'over':
      return over(figure, inner, groups, table, order);
    case 'moving':
      return moving(figure, inner, groups, table);
    case 'ago':
      return ago(figure, inner, order!, groups, table);
  }
}

function totals(figure: Extract<Expression, { kind: 'total' }>, inner: NumberVector, groups: Groups | null, table: Table): NumberVector {
  const count = groups?.count ?? 1;
  if (isListed(figure.fn)) return ofLists(figure.fn, inner, groups, count, table);
  if (figure.fn === 'first' || figure.fn === 'last') return atEnd(figure.fn, inner, groups, count, table);
  const live = liveMask(table);
  const codes = groups?.codes ?? null;
  const { values: given, state: states } = inner;
  const figures = new Float64Array(count), dust = new Float64Array(count), counts = new Float64Array(count);
  const adds = figure.fn === 'sum' || figure.fn === 'mean';
  const seen = figure.fn === 'distinct' ? new Set<number>() : null;
  for (let p = 0; p < table.size; p++) {
    if (states[p] !== VALUE || (live !== null && live[p] === 0)) continue;
    const g = codes === null ? 0 : codes[p]!;
    const x = given[p]!;
    if (adds) {
      // Neumaier's compensated sum keeps the error below one unit in the last place of the total.
      const s = figures[g]!, t = s + x;
      dust[g]! += (s < 0 ? -s : s) >= (x < 0 ? -x : x) ? s - t + x : x - t + s;
      figures[g] = t;
    } else if (seen) {
      const key = g * 4_294_967_296 + x;
      if (seen.has(key)) continue;
      seen.add(key);
    } else if (figure.fn === 'lowest') figures[g] = counts[g] === 0 ? x : Math.min(figures[g]!, x);
    else if (figure.fn === 'highest') figures[g] = counts[g] === 0 ? x : Math.max(figures[g]!, x);
    counts[g]!++;
  }
  const counting = figure.fn === 'count' || figure.fn === 'distinct';
  for (let g = 0; g < count; g++) {
    if (counting) figures[g] = counts[g]!;
    else if (adds && counts[g]! > 0) figures[g] = (figures[g]! + dust[g]!) / (figure.fn === 'mean' ? counts[g]! : 1);
  }
  // Every row has the figure of its group; a group without any value has none.
  const values = new Float64Array(table.size);
  const state = new Uint8Array(table.size);
  for (let p = 0; p < table.size; p++) {
    const g = codes === null ? 0 : codes[p]!;
    if (counts[g] === 0 && !counting) continue;
    values[p] = figures[g]!;
    state[p] = VALUE;
  }
  return { kind: 'number', values, state };
}

/**
 * Figures that need all values of a group at once: the median, the quartiles (between the two nearest values in proportion,
 * as in PostgreSQL's percentile_cont), and the spread (standard deviation of a sample).
 */
function ofLists(fn: ListedFn, inner: NumberVector, groups: Groups | null, count: number, table: Table): NumberVector {
  const live = liveMask(table);
  const filled: number[] = [];
  for (let p = 0; p < table.size; p++) if ((!live || live[p]) && inner.state[p] === VALUE) filled.push(p);
  const group = (p: number): number => (groups ? groups.codes[p]! : 0);
  const order = Uint32Array.from(filled).sort((a, b) => group(a) - group(b) || inner.values[a]! - inner.values[b]!);
  const figures = new Float64Array(count).fill(NaN);
  for (let from = 0; from < order.length; ) {
    const g = group(order[from]!);
    let to = from;
    while (to < order.length && group(order[to]!) === g) to++;
    const n = to - from;
    if (fn !== 'spread') figures[g] = quantile((i) => inner.values[order[from + i]!]!, n, QUANTILES[fn]);
    else if (n > 1) {
      // Welford's method: one pass, no cancellation.
      let mean = 0, squares = 0;
      for (let i = from; i < to; i++) {
        const x = inner.values[order[i]!]!, d = x - mean;
        mean += d / (i - from + 1);
        squares += d * (x - mean);
      }
      figures[g] = Math.sqrt(squares / (n - 1));
    }
    from = to;
  }
  const values = new Float64Array(table.size);
  const state = new Uint8Array(table.size);
  for (let p = 0; p < table.size; p++) {
    const x = figures[group(p)]!;
    if (Number.isNaN(x)) continue;
    values[p] = x;
    state[p] = VALUE;
  }
  return { kind: 'number', values, state };
}

/** The first or the last value of each group, in the table's order. */
function atEnd(fn: 'first' | 'last', inner: NumberVector, groups: Groups | null, count: number, table: Table): NumberVector {
  const found = new Float64Array(count);
  const known = new Uint8Array(count);
  for (let at = 0; at < rowCount(table); at++) {
    const p = positionAt(table, at), g = groups ? groups.codes[p]! : 0;
    if (inner.state[p] !== VALUE || (fn === 'first' && known[g])) continue;
    found[g] = inner.values[p]!;
    known[g] = VALUE;
  }
  const values = new Float64Array(table.size);
  const state = new Uint8Array(table.size);
  for (let p = 0; p < table.size; p++) {
    const g = groups ? groups.codes[p]! : 0;
    values[p] = found[g]!;
    state[p] = known[g]!;
  }
  return { kind: 'number', values, state };
}

/** The share of the values below each of these figures. */
export const QUANTILES = { 'lower quartile': 0.25, median: 0.5, 'upper quartile': 0.75 } as const;

/** In place of ranks: the percentage of a group's values that are not above each one, ties together (cume_dist of SQL, times 100). `order` goes by group, then upwards. */
function percentiles(order: Uint32Array, inner: NumberVector, group: (p: number) => number, values: Float64Array): void {
  for (let from = 0; from < order.length; ) {
    const g = group(order[from]!);
    let to = from;
    while (to < order.length && group(order[to]!) === g) to++;
    for (let i = from; i < to; ) {
      let end = i;
      while (end < to && inner.values[order[end]!] === inner.values[order[i]!]) end++;
      const share = roundTo(((end - from) / (to - from)) * 100, 9);
      for (; i < end; i++) values[order[i]!] = share;
    }
    from = to;
  }
}

/** The positions of the rows in the order that a figure follows. */
function positionsAlong(figure: Extract<Expression, { kind: 'over' }>, along: NumberVector, table: Table): Uint32Array {
  const places = Uint32Array.from({ length: rowCount(table) }, (_, at) => at), down = figure.along?.down ?? false;
  const value = (at: number): number => { const p = positionAt(table, at); return along.state[p] !== VALUE ? Infinity : down ? -along.values[p]! : along.values[p]!; };
  const values = Float64Array.from(places, value);
  return places.sort((a, b) => (values[a] === values[b] ? a - b : values[a]! - values[b]!)).map((at) => positionAt(table, at));
}

function over(figure: Extract<Expression, { kind: 'over' }>, inner: NumberVector, groups: Groups | null, table: Table, along: NumberVector | null): NumberVector {
  const values = new Float64Array(table.size);
  const state = new Uint8Array(table.size);
  const rows = rowCount(table);
  const group = (p: number): number => (groups ? groups.codes[p]! : 0);
  if (figure.fn === 'rank' || figure.fn === 'rank up' || figure.fn === 'percentile') {
    const filled: number[] = [];
    for (let at = 0; at < rows; at++) {
      const p = positionAt(table, at);
      if (inner.state[p] === VALUE) filled.push(p);
    }
    const sign = figure.fn === 'rank' ? -1 : 1;
    const order = Uint32Array.from(filled).sort((a, b) => group(a) - group(b) || sign * (inner.values[a]! - inner.values[b]!));
    let place = 0, rank = 0;
    order.forEach((p, i) => {
      const before = i > 0 ? order[i - 1]! : -1;
      if (before < 0 || group(before) !== group(p)) place = rank = 1;
      else {
        place++;
        if (inner.values[before] !== inner.values[p]) rank = place;
      }
      values[p] = rank;
      state[p] = VALUE;
    });
    if (figure.fn === 'percentile') percentiles(order, inner, group, values);
    return { kind: 'number', values, state };
  }
  const carried = new Float64Array(groups?.count ?? 1);
  const known = new Uint8Array(groups?.count ?? 1);
  const ordered = along && positionsAlong(figure, along, table);
  for (let at = 0; at < rows; at++) {
    const p = ordered ? ordered[at]! : positionAt(table, at), g = group(p);
    if (figure.fn === 'number') {
      if (inner.state[p] !== VALUE) continue;
      values[p] = ++carried[g]!;
      state[p] = VALUE;
    } else if (figure.fn === 'previous') {
      values[p] = carried[g]!;
      state[p] = known[g]!;
      carried[g] = inner.values[p]!;
      known[g] = inner.state[p]!;
    } else {
      if (inner.state[p] === VALUE) carried[g] = roundTo(carried[g]! + inner.values[p]!, 9);
      values[p] = carried[g]!;
      state[p] = VALUE;
    }
  }
  return { kind: 'number', values, state };
}

/** A figure over the last rows of a group, this one among them, in the table's order. Blank until there are so many rows; blanks among them are passed over. O(rows * window). */
function moving(figure: Extract<Expression, { kind: 'moving' }>, inner: NumberVector, groups: Groups | null, table: Table): NumberVector {
  const values = new Float64Array(table.size);
  const state = new Uint8Array(table.size);
  const windows = new Map<number, number[]>();
  for (let at = 0; at < rowCount(table); at++) {
    const p = positionAt(table, at), g = groups ? groups.codes[p]! : 0;
    let window = windows.get(g);
    if (!window) windows.set(g, (window = []));
    window.push(p);
    if (window.length > figure.rows) window.shift();
    if (window.length < figure.rows) continue;
    let n = 0, sum = 0, low = Infinity, high = -Infinity;
    for (const q of window) {
      if (inner.state[q] !== VALUE) continue;
      const x = inner.values[q]!;
      n++;
      sum += x;
      if (x < low) low = x;
      if (x > high) high = x;
    }
    if (n === 0) continue;
    values[p] = figure.fn === 'mean' ? roundTo(sum, 9) / n : figure.fn === 'sum' ? roundTo(sum, 9) : figure.fn === 'lowest' ? low : high;
    state[p] = VALUE;
  }
  return { kind: 'number', values, state };
}

/** A day so many months earlier; the last day of a shorter month. */
function monthsBefore(time: number, months: number): number {
  const d = new Date(time);
  const last = new Date(Date.UTC(d.getUTCFullYear(), d.getUTCMonth() - months + 1, 0)).getUTCDate();
  return Date.UTC(d.getUTCFullYear(), d.getUTCMonth() - months, Math.min(d.getUTCDate(), last));
}

/** The value of the row of the same group whose date is so many months earlier; blank where there is no such row, or more than one. O(rows). */
function ago(figure: Extract<Expression, { kind: 'ago' }>, inner: NumberVector, dates: NumberVector, groups: Groups | null, table: Table): NumberVector {
  const values = new Float64Array(table.size);
  const state = new Uint8Array(table.size);
  const places = new Map<string, number>();
  const key = (p: number, time: number): string => `${groups ? groups.codes[p]! : 0} ${Math.floor(time / DAY)}`;
  for (let at = 0; at < rowCount(table); at++) {
    const p = positionAt(table, at);
    if (dates.state[p] !== VALUE) continue;
    const k = key(p, dates.values[p]!);
    places.set(k, places.has(k) ? -1 : p);
  }
  for (let at = 0; at < rowCount(table); at++) {
    const p = positionAt(table, at);
    if (dates.state[p] !== VALUE) continue;
    const q = places.get(key(p, monthsBefore(dates.values[p]!, figure.months)));
    if (q === undefined || q < 0 || inner.state[q] !== VALUE) continue;
    values[p] = inner.values[q]!;
    state[p] = VALUE;
  }
  return { kind: 'number', values, state };
}
