import { FOUND, LIKE, NONE, NO_KEY, SEVERAL } from './sources';
import { BLANK, MISFIT, VALUE, isDate, isNumeric } from '../table/column';
import { columnOf, eachChunk, liveMask, type Table } from '../table/table';
import { cellText } from '../values/cell';
import { DAY } from '../values/date';
import { folded } from '../values/fold';
import { bareText } from '../match/likeness';
import { meantBy, UNDECIDED } from '../match/alike';
import { amountsOf, datesOf, type NumberVector, type TextVector, type Vector } from './vector';
import { isCondition, walk, type Condition, type Expression } from './expression';

/* Values and keys of other tables of the workspace. */

export type LookupExpression = Extract<Expression, { kind: 'lookup' }>;
export type ListedCondition = Extract<Condition, { kind: 'listed' }>;
/** A span or a moved date that leaves out the days of another table. */
export type Closed = Extract<Expression, { kind: 'span' | 'shifted' }>;

interface Values {
  /** Days counted from 1970, in order, each once: those that are no working days. */
  readonly days?: Int32Array;
  readonly numbers: ReadonlyMap<string, number> | null;
  readonly texts: ReadonlyMap<string, string> | null;
  readonly several: ReadonlySet<string>;
  /** Keys that were found in another spelling. */
  readonly spelled?: ReadonlySet<string>;
}

/** The other tables' values that a formula needs, by their node. */
export type Lookups = ReadonlyMap<LookupExpression | ListedCondition | Closed, Values>;

/** Works out what each lookup inside a node finds for every key. O(rows of the other tables). */
export async function lookupsOf(node: Expression | Condition, table: Table): Promise<Lookups> {
  const nodes: (LookupExpression | ListedCondition | Closed)[] = [];
  walk(node, (n) => { if (n.kind === 'lookup' || n.kind === 'listed' || ((n.kind === 'span' || n.kind === 'shifted') && n.holidays)) nodes.push(n); });
  const out = new Map<LookupExpression | ListedCondition | Closed, Values>();
  for (const n of nodes) {
    const name = 'holidays' in n && n.holidays ? n.holidays.table : (n as LookupExpression | ListedCondition).table;
    const other = table.others?.get(name)?.table;
    if (!other) throw new Error(`There is no table “${name}” beside this one.`);
    out.set(n, n.kind === 'span' || n.kind === 'shifted' ? await daysOf(other, n.holidays!.under) : n.loosely ? await spelledLike(n, table, other) : isCondition(n) ? await keysOf(other, n.under) : await valuesOf(other, n, folded));
  }
  return out;
}

/** The days of a column, in order. */
async function daysOf(table: Table, name: string): Promise<Values> {
  const days = new Set<number>();
  const live = liveMask(table);
  await eachChunk(table, [name], ([chunk], _ord, from, length) => {
    const read = datesOf(chunk!, { dayFirst: true });
    for (let i = 0; i < length; i++) if ((!live || live[from + i]) && read.state[i] === VALUE) days.add(Math.floor(read.values[i]! / DAY));
  });
  return { numbers: null, texts: null, several: new Set(), days: Int32Array.from(days).sort() };
}

/** The keys of a column, as they are compared and as they are written. */
async function keysOf(table: Table, key: string): Promise<Values & { readonly texts: ReadonlyMap<string, string> }> {
  const texts = new Map<string, string>();
  const { type } = columnOf(table, key);
  const live = liveMask(table);
  await eachChunk(table, [key], ([chunk], _ord, from, length) => {
    for (let i = 0; i < length; i++) if (!live || live[from + i]) { const text = cellText(chunk!, i, type), k = folded(text); if (k !== '') texts.set(k, text); }
  });
  return { numbers: null, texts, several: new Set() };
}

/** A key by its letters and figures; by its marks where it has none. */
const bareKey = (text: string): string => bareText(text) || folded(text);

/**
 * What the keys of a table find in another where they may be spelled otherwise: each is taken for the one key there that it
 * is meant to be; for a figure over rows each key there is taken for one here. A key that may be meant by several finds
 * nothing. O(rows of both) and the pairs of keys that are alike.
 */
async function spelledLike(n: LookupExpression | ListedCondition, table: Table, other: Table): Promise<Values> {
  const own = [...(await keysOf(table, (n.of as Extract<Expression, { kind: 'column' }>).name)).texts];
  const theirs = [...new Map([...(await keysOf(other, n.under)).texts.values()].map((text) => [bareKey(text), text]))];
  const [ownTexts, theirTexts] = [own.map(([, text]) => text), theirs.map(([, text]) => text)];
  const spelled = new Set<string>(), several = new Set<string>();
  if (!isCondition(n) && n.fn !== 'only') {
    const { found, rivals } = meantBy(theirTexts, ownTexts);
    const meant = new Map<string, string>();
    theirs.forEach(([bare, text], i) => {
      for (const at of rivals.get(i) ?? []) several.add(own[at]![0]);
      const key = own[found[i]!]?.[0];
      if (key === undefined) return;
      meant.set(bare, key);
      if (folded(text) !== key) spelled.add(key);
    });
    return { ...(await valuesOf(other, n, (text) => meant.get(bareKey(text)) ?? '')), several, spelled };
  }
  const values: Values = isCondition(n) ? { numbers: null, texts: new Map(theirs), several: new Set() } : await valuesOf(other, n, bareKey);
  const { found } = meantBy(ownTexts, theirTexts);
  const numbers = new Map<string, number>(), texts = new Map<string, string>();
  own.forEach(([key], i) => {
    if (found[i] === UNDECIDED) {
      several.add(key);
      // Whichever is meant, it stands there.
      if (isCondition(n)) texts.set(key, key);
    }
    const there = theirs[found[i]!];
    if (!there) return;
    const [bare, text] = there;
    if (folded(text) !== key) spelled.add(key);
    const [figure, value] = [values.numbers?.get(bare), values.texts?.get(bare)];
    if (figure !== undefined) numbers.set(key, figure);
    if (value !== undefined) texts.set(key, value);
    if (values.several.has(bare)) several.add(key);
  });
  return values.numbers ? { numbers, texts: null, several, spelled } : { numbers: null, texts, several, spelled };
}

async function valuesOf(table: Table, { under: key, value, fn }: LookupExpression, keyOf: (text: string) => string): Promise<Values> {
  const [keyType, valueHead] = [columnOf(table, key).type, columnOf(table, value)];
  const live = liveMask(table);
  const numeric = isNumeric(valueHead.type) || (fn !== 'only' && fn !== 'count');
  const numbers = new Map<string, number>(), texts = new Map<string, string>(), several = new Set<string>();
  const sums = new Map<string, { n: number; sum: number; low: number; high: number }>();
  await eachChunk(table, [key, value], ([keys, values], _ord, from, length) => {
    const read = isDate(valueHead.type) ? datesOf(values!, { dayFirst: true }) : numeric ? amountsOf(values!) : null;
    for (let i = 0; i < length; i++) {
      if (live && !live[from + i]) continue;
      const k = keyOf(cellText(keys!, i, keyType));
      if (k === '') continue;
      if (fn === 'only') {
        if (read) {
          if (read.state[i] !== VALUE) continue;
          if (numbers.has(k) && numbers.get(k) !== read.values[i]) several.add(k);
          numbers.set(k, read.values[i]!);
        } else {
          const text = cellText(values!, i, valueHead.type);
          if (text.trim() === '') continue;
          if (texts.has(k) && folded(texts.get(k)!) !== folded(text)) several.add(k);
          if (!texts.has(k)) texts.set(k, text);
        }
        continue;
      }
      const filled = read ? read.state[i] === VALUE : cellText(values!, i, valueHead.type).trim() !== '';
      if (!filled) continue;
      const x = read ? read.values[i]! : 0, s = sums.get(k);
      if (!s) sums.set(k, { n: 1, sum: x, low: x, high: x });
      else { s.n++; s.sum += x; s.low = Math.min(s.low, x); s.high = Math.max(s.high, x); }
    }
  });
  for (const [k, s] of sums) numbers.set(k, fn === 'count' ? s.n : fn === 'sum' ? Number(s.sum.toPrecision(15)) : fn === 'mean' ? Number(s.sum.toPrecision(15)) / s.n : fn === 'lowest' ? s.low : s.high);
  return numeric || fn === 'count' ? { numbers, texts: null, several } : { numbers: null, texts, several };
}

/** What the keys of some rows find. A key that several rows answer differently finds nothing. */
export function lookUp(keys: TextVector, found: Values): Vector {
  if (found.texts) return { kind: 'text', texts: keys.texts.map((t) => { const k = folded(t); return found.several.has(k) ? '' : (found.texts!.get(k) ?? ''); }) };
  const out: NumberVector = { kind: 'number', values: new Float64Array(keys.texts.length), state: new Uint8Array(keys.texts.length) };
  keys.texts.forEach((t, i) => {
    const k = folded(t), value = found.numbers!.get(k);
    out.state[i] = value === undefined ? BLANK : found.several.has(k) ? MISFIT : VALUE;
    out.values[i] = value ?? 0;
  });
  return out;
}

/** How each of some keys fares: FOUND, LIKE, NONE, SEVERAL or NO_KEY. */
export const matchOf = (keys: TextVector, { numbers, texts, several, spelled }: Values): Uint8Array =>
  Uint8Array.from(keys.texts, (t) => { const k = folded(t); return k === '' ? NO_KEY : several.has(k) ? SEVERAL : !(numbers ?? texts)!.has(k) ? NONE : spelled?.has(k) ? LIKE : FOUND; });
