import { BLANK, MISFIT, VALUE, isDate, isNumeric } from '../table/column';
import { columnOf, eachChunk, liveMask, type Table } from '../table/table';
import { cellText } from '../values/cell';
import { folded } from '../values/fold';
import { ENDS, holds, readRange, type Ends, type Range } from '../values/range';
import { walk, type BandExpression, type Bounds, type Condition, type Expression } from './expression';
import { FOUND, NO_KEY, NONE, SEVERAL } from './sources';
import { amountsOf, datesOf, type NumberVector, type TextVector, type Vector } from './vector';

/* What the bands of another table (of a rate, a grade, a price while it is valid) say of a value. */

/** Bands under one key, in the order of where they begin. */
interface Group {
  readonly ranges: Range[];
  /** For each band its row's value: a place in `numbers` or `texts`. */
  readonly rows: number[];
  /** The highest end of all bands up to here: further back nothing can hold a value beyond it. */
  reach: Float64Array;
}

/** The bands of another table by their keys, with what each says. */
export interface Bands {
  readonly groups: ReadonlyMap<string, Group>;
  readonly numbers: readonly number[] | null;
  readonly texts: readonly string[] | null;
  /** The bounds are dates. */
  readonly dated: boolean;
}

/** Columns of the other table that hold the bounds. */
export const boundColumns = (b: Bounds): string[] => (b.kind === 'text' ? [b.column] : b.kind === 'steps' ? [b.from] : [b.from, b.to, ...(b.kind === 'told' ? [b.ends] : [])]);

const keyText = (parts: readonly string[]): string => parts.map(folded).join('\u0000');

/** The bands that are looked into inside a node. O(rows log rows of the other tables). */
export async function bandsIn(node: Expression | Condition, table: Table): Promise<ReadonlyMap<BandExpression, Bands>> {
  const out = new Map<BandExpression, Bands>();
  const nodes: BandExpression[] = [];
  walk(node, (n) => { if (n.kind === 'band') nodes.push(n); });
  for (const n of nodes) {
    const other = table.others?.get(n.table)?.table;
    if (!other) throw new Error(`There is no table “${n.table}” beside this one.`);
    out.set(n, await bandsOf(other, n));
  }
  return out;
}

/**
 * Reads the bands of a table. A blank lower or upper bound is an open end; a row without a value, or whose bounds cannot be
 * read, is no band. O(rows log rows).
 */
export async function bandsOf(table: Table, { value, bounds, keys }: BandExpression): Promise<Bands> {
  const head = columnOf(table, value);
  const numeric = isNumeric(head.type) || isDate(head.type);
  const names = [value, ...boundColumns(bounds), ...keys.map((k) => k.under)];
  const types = names.map((n) => columnOf(table, n).type);
  const dated = bounds.kind !== 'text' && isDate(columnOf(table, bounds.from).type);
  const groups = new Map<string, Group>();
  const numbers: number[] = [], texts: string[] = [];
  const live = liveMask(table);
  await eachChunk(table, names, (chunks, _ord, from, length) => {
    const values = isDate(head.type) ? datesOf(chunks[0]!, { dayFirst: true }) : numeric ? amountsOf(chunks[0]!) : null;
    const limits = bounds.kind === 'text' ? [] : boundColumns(bounds).slice(0, bounds.kind === 'steps' ? 1 : 2).map((_, k) => (dated ? datesOf(chunks[k + 1]!, { dayFirst: true }) : amountsOf(chunks[k + 1]!)));
    const text = (column: number, i: number): string => cellText(chunks[column]!, i, types[column]!).trim();
    for (let i = 0; i < length; i++) {
      if (live && !live[from + i]) continue;
      if (values ? values.state[i] !== VALUE : text(0, i) === '') continue;
      const range = bounds.kind === 'text' ? readRange(text(1, i)) : rangeOf(limits, i, bounds.kind === 'told' ? endsIn(text(3, i)) : bounds.kind === 'steps' ? 'from' : bounds.ends);
      if (!range) continue;
      const first = names.length - keys.length;
      const key = keyText(keys.map((_, k) => text(first + k, i)));
      const group = groups.get(key) ?? groups.set(key, { ranges: [], rows: [], reach: new Float64Array(0) }).get(key)!;
      group.ranges.push(range);
      group.rows.push(values ? numbers.push(values.values[i]!) - 1 : texts.push(text(0, i)) - 1);
    }
  });
  for (const group of groups.values()) inOrder(group, bounds.kind === 'steps');
  return { groups, numbers: numeric ? numbers : null, texts: numeric ? null : texts, dated };
}

const endsIn = (text: string): Ends => ENDS.find((e) => e === text.toLowerCase()) ?? 'both';

/** The band of a row; null where a bound is there and cannot be read, or where there is none at all. */
function rangeOf(limits: readonly NumberVector[], i: number, ends: Ends): Range | null {
  const [low, high] = limits.map(({ values, state }) => (state[i] === VALUE ? values[i]! : state[i] === BLANK ? null : NaN));
  if (Number.isNaN(low) || Number.isNaN(high) || (low === null && (high === null || high === undefined))) return null;
  return { from: low ?? -Infinity, to: high ?? Infinity, ends };
}

function inOrder(group: Group, steps: boolean): void {
  const order = group.ranges.map((_, k) => k).sort((a, b) => group.ranges[a]!.from - group.ranges[b]!.from);
  const [ranges, rows] = [order.map((k) => group.ranges[k]!), order.map((k) => group.rows[k]!)];
  group.ranges.splice(0, Infinity, ...ranges.map((r, k) => (steps ? { ...r, to: ranges.slice(k + 1).find((n) => n.from > r.from)?.from ?? Infinity } : r)));
  group.rows.splice(0, Infinity, ...rows);
  group.reach = new Float64Array(ranges.length);
  group.ranges.forEach((r, k) => { group.reach[k] = Math.max(r.to, k > 0 ? group.reach[k - 1]! : -Infinity); });
}

/** What each row finds: a place among the values, or why there is none. O(log bands), where bands do not overlap. */
function found(group: Group, value: number, same: (a: number, b: number) => boolean): { readonly row: number; readonly match: number } {
  let low = 0, high = group.ranges.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (group.ranges[middle]!.from <= value) low = middle + 1;
    else high = middle;
  }
  let row = -1;
  for (let k = low - 1; k >= 0 && group.reach[k]! >= value; k--) {
    if (!holds(group.ranges[k]!, value)) continue;
    if (row >= 0 && !same(row, group.rows[k]!)) return { row, match: SEVERAL };
    row = group.rows[k]!;
  }
  return { row, match: row < 0 ? NONE : FOUND };
}

/** What the bands say of some values under their keys, and how each fares. Where several bands hold a value and say different things, nothing is said. */
export function banded({ groups, numbers, texts }: Bands, of: NumberVector, keys: readonly TextVector[]): { readonly vector: Vector; readonly matches: Uint8Array } {
  const length = of.values.length;
  const matches = new Uint8Array(length);
  const out = new Array<string>(texts ? length : 0).fill('');
  const values = new Float64Array(texts ? 0 : length), state = new Uint8Array(texts ? 0 : length);
  const same = texts ? (a: number, b: number) => folded(texts[a]!) === folded(texts[b]!) : (a: number, b: number) => numbers![a] === numbers![b];
  const only = keys.length === 0 ? groups.get('') : undefined;
  for (let i = 0; i < length; i++) {
    const parts = keys.map((k) => k.texts[i]!);
    if (of.state[i] !== VALUE || parts.some((t) => t.trim() === '')) {
      matches[i] = NO_KEY;
      continue;
    }
    const group = only ?? groups.get(keyText(parts));
    const { row, match } = group ? found(group, of.values[i]!, same) : { row: -1, match: NONE };
    matches[i] = match;
    if (match === SEVERAL) { if (!texts) state[i] = MISFIT; }
    else if (match === FOUND) {
      if (texts) out[i] = texts[row]!;
      else {
        values[i] = numbers![row]!;
        state[i] = VALUE;
      }
    }
  }
  return { vector: texts ? { kind: 'text', texts: out } : { kind: 'number', values, state }, matches };
}
