import { BLANK, MISFIT, VALUE, allValues, isDate, type Chunk } from '../table/column';
import { groupsOf } from '../profile/groups';
import { eachChunk, type Table } from '../table/table';
import { cellText } from '../values/cell';
import { DAY, MONTHS, WEEKDAYS, fiscalYear, isoWeek, readClock, readDate, shiftDate, spanBetween, workingDaysBetween } from '../values/date';
import { caseless, finder, initialsOf, insideOf, piecesOf, slotOf } from '../values/find';
import { folded } from '../values/fold';
import { roundTo } from '../values/number';
import { changeCase } from '../values/letters';
import { cleaned } from '../values/clean';
import { writeFigure } from '../values/figure';
import { banded, bandsIn, type Bands } from './bands';
import { lookUp, lookupsOf, matchOf, type Lookups } from './lookups';
import { LIKE, sureOfFeeling, sureOfPlace } from './sources';
import { countryOfPlace } from '../values/places';
import { readFeeling } from '../values/feeling';
import { readAddress } from '../values/address';
import { rezoner } from '../values/zones';
import { personPart } from '../values/person';
import { comparesDates, isByDay, readsAsDate, holdsDates, holdsNumbers, readsDayFirst, standsThere, typeOf, type CheckedHead } from './check';
import { any, boundsOf, columnsOf, walk, type BandExpression, type Comparison, type Condition, type DatePart, type Expression, type MathsFn, type Operator } from './expression';
import { figureOver, type Figure } from './figures';
import { readMeasure } from '../values/units';
import { BY_ZERO, amountsOf, constant, datesOf, readTexts, textsOf, type NumberVector, type TextVector, type Vector } from './vector';

/** Outcome of a condition for a row. A comparison with a blank is UNKNOWN, which does not hold, and neither does its opposite. */
export const NO = 0;
export const YES = 1;
export const UNKNOWN = 2;

/** Evaluates one chunk: `chunks` are those of the columns the formula reads, in the order of `reads`. */
export interface Evaluator {
  readonly reads: readonly string[];
  evaluate(chunks: readonly Chunk[], from: number, length: number): Vector;
  /** How what does not follow from the row alone fares (see sources.ts), the gravest for each row; null where there is no such thing. */
  matches(chunks: readonly Chunk[], from: number, length: number): Uint8Array | null;
}

/** The same for a condition: NO, YES or UNKNOWN for each row. */
export interface ConditionEvaluator {
  readonly reads: readonly string[];
  test(chunks: readonly Chunk[], from: number, length: number): Uint8Array;
}

interface Frame {
  readonly columns: ReadonlyMap<string, Chunk>;
  readonly from: number;
  readonly length: number;
}

interface Context {
  readonly head: CheckedHead;
  /** Figures over all rows, worked out beforehand, by position. */
  readonly figures: ReadonlyMap<Expression, NumberVector>;
  /** What the other tables hold for every key. */
  readonly lookups: Lookups;
  /** The bands of other tables. */
  readonly bands: ReadonlyMap<BandExpression, Bands>;
}

/** What a formula needs of all rows, and of the other tables. */
const contextOf = async (node: Expression | Condition, table: Table, head: CheckedHead): Promise<Context> => ({ head, figures: await figuresOf(node, table, head), lookups: await lookupsOf(node, table), bands: await bandsIn(node, table) });

/**
 * Makes a formula ready to run over a table: figures over all rows (totals, ranks, running totals) are worked out first,
 * over the rows that are in the table now. O(rows) for each such figure (a rank: O(rows log rows)), else no work.
 */
export async function prepare(expression: Expression, table: Table, head: CheckedHead): Promise<Evaluator> {
  const context = await contextOf(expression, table, head);
  const reads = columnsOf(expression);
  const looked = [...context.lookups].flatMap(([n, values]) => (n.kind === 'lookup' ? [[n, values] as const] : []));
  const spelled = [...context.lookups].flatMap(([n, values]) => (n.kind === 'listed' && values.spelled ? [[n, values] as const] : []));
  const known: (readonly [Expression, (text: string) => number])[] = [];
  walk(expression, (n) => { if (n.kind === 'country') known.push([n.of, sureOfPlace]); else if (n.kind === 'feeling') known.push([n.of, sureOfFeeling]); });
  return {
    reads,
    evaluate: (chunks, from, length) => evaluate(expression, frame(reads, chunks, from, length), context),
    matches(chunks, from, length) {
      if (looked.length + spelled.length + known.length + context.bands.size === 0) return null;
      const f = frame(reads, chunks, from, length);
      const worst = new Uint8Array(length);
      for (const [n, values] of looked) matchOf(texts(n.of, f, context), values).forEach((m, i) => { worst[i] = Math.max(worst[i]!, m); });
      // What stands in no other table is no mishap where it is asked whether it does.
      for (const [n, values] of spelled) matchOf(texts(n.of, f, context), values).forEach((m, i) => { if (m === LIKE) worst[i] = Math.max(worst[i]!, m); });
      for (const [of, sure] of known) eachOnce(texts(of, f, context).texts, sure).forEach((m, i) => { worst[i] = Math.max(worst[i]!, m); });
      for (const n of context.bands.keys()) inBands(n, f, context).matches.forEach((m, i) => { worst[i] = Math.max(worst[i]!, m); });
      return worst;
    },
  };
}

/** The same for a condition. */
export async function prepareCondition(condition: Condition, table: Table, head: CheckedHead): Promise<ConditionEvaluator> {
  const context = await contextOf(condition, table, head);
  const reads = columnsOf(condition);
  return { reads, test: (chunks, from, length) => test(condition, frame(reads, chunks, from, length), context) };
}

const frame = (reads: readonly string[], chunks: readonly Chunk[], from: number, length: number): Frame => ({
  columns: new Map(reads.map((name, i) => [name, chunks[i]!])),
  from,
  length,
});

/** What the bands of another table say of each row. */
function inBands(e: BandExpression, f: Frame, c: Context): ReturnType<typeof banded> {
  const bands = c.bands.get(e)!;
  return banded(bands, bands.dated ? dates(e.of, f, c) : numbers(e.of, f, c), e.keys.map((k) => texts(k.of, f, c)));
}

function evaluate(e: Expression, f: Frame, c: Context): Vector {
  switch (e.kind) {
    case 'number':
      return constant(e.value, f.length);
    case 'date':
      return constant(readDate(e.value)?.time ?? NaN, f.length);
    case 'text':
      return { kind: 'text', texts: new Array<string>(f.length).fill(e.value) };
    case 'blank':
      return { kind: 'number', values: new Float64Array(f.length), state: new Uint8Array(f.length) };
    case 'column': {
      const chunk = f.columns.get(e.name)!;
      return chunk.kind === 'number' ? chunk : { kind: 'text', texts: textsOfChunk(chunk) };
    }
    case 'op':
      return e.right.kind === 'number' && e.op !== '^'
        ? withConstant(e.op, numbers(e.left, f, c), e.right.value, e.left.kind === 'op')
        : arithmetic(e.op, numbers(e.left, f, c), numbers(e.right, f, c), e.left.kind === 'op');
    case 'round': {
      const { values, state } = numbers(e.of, f, c);
      return { kind: 'number', values: roundAll(values, state, e.places, e.mode), state };
    }
    case 'choose':
      return choose(e, f, c);
    case 'maths': {
      const { values, state } = numbers(e.of, f, c);
      return settled(values.map(MATHS[e.fn]), state);
    }
    case 'fiscal':
      return datedTexts(dates(e.of, f, c), (d) => fiscalYear(d, e.start));
    case 'size':
      return countTexts(texts(e.of, f, c), (t) => (t === '' ? NaN : e.what === 'words' ? (t.match(/\S+/g) ?? []).length : Array.from(t).length));
    case 'pieces':
      return countTexts(texts(e.of, f, c), (t) => piecesOf(t, e.mark).length);
    case 'padded':
      return mapTexts(texts(e.of, f, c), (t) => (t.trim() === '' ? '' : t.trim().padStart(e.length, e.fill)));
    case 'person':
      return mapTexts(texts(e.of, f, c), (t) => personPart(t, e.part));
    case 'address':
      return mapTexts(texts(e.of, f, c), (t) => readAddress(t)?.[e.part] ?? '');
    case 'country':
      return mapTexts(texts(e.of, f, c), (t) => countryOfPlace(t)?.country ?? '');
    case 'feeling':
      return countTexts(texts(e.of, f, c), (t) => (t.trim() === '' ? NaN : readFeeling(t).score));
    case 'figure': {
      const { values, state } = numbers(e.of, f, c);
      return { kind: 'text', texts: Array.from(values, (v, i) => (state[i] === VALUE ? writeFigure(v, e) : '')) };
    }
    case 'band':
      return inBands(e, f, c).vector;
    case 'lookup':
      return lookUp(texts(e.of, f, c), c.lookups.get(e)!);
    case 'zoned': {
      const { values, state } = dates(e.of, f, c);
      return { kind: 'number', values: values.map(rezoner(e.from, e.to)), state };
    }
    case 'cleaned':
      return mapTexts(texts(e.of, f, c), (t) => cleaned(t, e.way));
    case 'span': {
      const [from, to] = [dates(e.from, f, c), dates(e.to, f, c)];
      const closed = e.holidays ? c.lookups.get(e)!.days! : null;
      return combine(from, to, closed && e.unit === 'working days' ? (a, b) => workingDaysBetween(a, b, closed) : (a, b) => spanBetween(a, b, e.unit));
    }
    case 'shifted': {
      const closed = new Set(e.holidays ? c.lookups.get(e)!.days : null), sign = e.side === 'after' ? 1 : -1;
      const moved = combine(dates(e.of, f, c), numbers(e.by, f, c), (time, n) => shiftDate(time, sign * n, e.unit, closed));
      return settled(moved.values, moved.state);
    }
    case 'part':
      return datePart(e.part, dates(e.of, f, c));
    case 'total':
    case 'over':
    case 'moving':
    case 'ago': {
      const whole = c.figures.get(e)!;
      return { kind: 'number', values: whole.values.subarray(f.from, f.from + f.length), state: whole.state.subarray(f.from, f.from + f.length) };
    }
    case 'across':
      return across(e.fn, e.of.map((part) => numbers(part, f, c)), f.length);
    case 'orElse': {
      const { type } = typeOf(e, c.head);
      const [a, b] = type === 'text' ? [texts(e.of, f, c), texts(e.otherwise, f, c)] : [numbers(e.of, f, c), numbers(e.otherwise, f, c)];
      if (a.kind === 'text' && b.kind === 'text') return { kind: 'text', texts: a.texts.map((t, i) => (t.trim() === '' ? b.texts[i]! : t)) };
      return pick(new Uint8Array((a as NumberVector).state.map((s) => (s === BLANK ? 1 : 0))), [a as NumberVector, b as NumberVector]);
    }
    case 'join': {
      const all = e.of.map((part) => texts(part, f, c).texts);
      return { kind: 'text', texts: Array.from({ length: f.length }, (_, i) => all.map((t) => t[i]!.trim()).filter((t) => t !== '').join(e.separator)) };
    }
    case 'cased':
      return mapTexts(texts(e.of, f, c), (t) => changeCase(t, e.letters));
    case 'piece':
      return mapTexts(texts(e.of, f, c), (t) => piece(t, [e.mark, ...(e.or ?? [])], e.side, e.which));
    case 'written': {
      const all = e.of.map((part) => texts(part, f, c).texts);
      return { kind: 'text', texts: Array.from({ length: f.length }, (_, i) => (all.some((t) => t[i] === '') ? '' : all.map((t) => t[i]!).join(''))) };
    }
    case 'slot':
      return mapTexts(texts(e.of, f, c), (t) => slotOf(t, e.mark, e.n));
    case 'letters':
      return mapTexts(texts(e.of, f, c), (t) => { const all = Array.from(t.trim()); return (e.side === 'first' ? all.slice(0, e.count) : all.slice(-e.count)).join(''); });
    case 'initials':
      return mapTexts(texts(e.of, f, c), initialsOf);
    case 'inside':
      return mapTexts(texts(e.of, f, c), (t) => insideOf(t, e.open, e.close));
    case 'found': {
      const find = finder(e.what);
      const source = texts(e.of, f, c);
      if (e.which === 'count') return countTexts(source, (t) => find(t).length);
      const found = mapTexts(source, (t) => { const all = find(t); return (e.which === 'all' ? all.join(', ') : e.which === 'first' ? all[0] : all.at(-1)) ?? ''; });
      const { type } = typeOf(e, c.head);
      return type === 'text' ? found : isDate(type) ? datesOf({ kind: 'text', length: f.length, ...encode(found.texts) }, { dayFirst: true }) : amountsOf({ kind: 'text', length: f.length, ...encode(found.texts) });
    }
    case 'measure': {
      const chunk = e.of.kind === 'column' ? f.columns.get(e.of.name)! : null;
      if (chunk?.kind === 'number') return amountsOf(chunk);
      return readTexts(chunk ?? encode(texts(e.of, f, c).texts), (t) => readMeasure(t, e.unit)?.value ?? NaN);
    }
    case 'clock':
      return minutes(e.of, f, c);
    case 'lapse':
      return combine(minutes(e.from, f, c), minutes(e.to, f, c), (a, b) => ((b - a + 1440) % 1440) / (e.unit === 'hours' ? 60 : 1));
    case 'moment': {
      const day = dates(e.day, f, c);
      return combine(day, clock(texts(e.time, f, c)), (a, b) => Math.floor(a / DAY) * DAY + b);
    }
  }
}

/** Minutes since midnight, of texts such as '18:00' and of dates with a time. */
function minutes(e: Expression, f: Frame, c: Context): NumberVector {
  const of = isDate(typeOf(e, c.head).type) ? dates(e, f, c) : clock(texts(e, f, c));
  return combine(of, of, (a) => Math.floor((((a % DAY) + DAY) % DAY) / 60_000));
}

/** Times of day as milliseconds: '18:00', '9.30', '6 pm'. */
function clock({ texts: all }: TextVector): NumberVector {
  const values = new Float64Array(all.length);
  const state = new Uint8Array(all.length);
  all.forEach((t, i) => {
    if (t.trim() === '') return;
    const time = readClock(t);
    state[i] = time === null ? MISFIT : VALUE;
    values[i] = (time ?? 0) * 60_000;
  });
  return { kind: 'number', values, state };
}

const textsOfChunk = (chunk: Extract<Chunk, { kind: 'text' }>): string[] => Array.from(chunk.codes, (code) => chunk.dictionary[code]!);

/** Applies a function to each distinct text once. */
function eachOnce<T>(texts: readonly string[], change: (text: string) => T): T[] {
  const done = new Map<string, T>();
  return texts.map((t) => {
    let out = done.get(t);
    if (out === undefined) done.set(t, (out = change(t)));
    return out;
  });
}
const mapTexts = (vector: TextVector, change: (text: string) => string): TextVector => ({ kind: 'text', texts: eachOnce(vector.texts, change) });

/** Texts counted or measured; NaN is a blank. */
function countTexts(vector: TextVector, count: (text: string) => number): NumberVector {
  const counts = eachOnce(vector.texts, count);
  return { kind: 'number', values: Float64Array.from(counts, (n) => n || 0), state: Uint8Array.from(counts, (n) => (Number.isNaN(n) ? BLANK : VALUE)) };
}

function piece(text: string, marks: readonly string[], side: 'before' | 'after', which: 'first' | 'last'): string {
  let at = -1, mark = '';
  for (const m of marks) {
    const own = which === 'first' ? text.indexOf(m) : text.lastIndexOf(m);
    if (own >= 0 && (at < 0 || (which === 'first' ? own < at : own > at))) [at, mark] = [own, m];
  }
  return at < 0 ? '' : (side === 'before' ? text.slice(0, at) : text.slice(at + mark.length)).trim();
}

/** Numbers of a part: number columns as they are, texts read as amounts. */
function numbers(e: Expression, f: Frame, c: Context): NumberVector {
  if (e.kind === 'column') return amountsOf(f.columns.get(e.name)!);
  const vector = evaluate(e, f, c);
  return vector.kind === 'number' ? vector : amountsOf({ kind: 'text', length: f.length, ...encode(vector.texts) });
}

function dates(e: Expression, f: Frame, c: Context): NumberVector {
  if (e.kind === 'column') return datesOf(f.columns.get(e.name)!, { dayFirst: readsDayFirst(c.head, e.name) });
  if (e.kind === 'text') return constant(readDate(e.value)?.time ?? NaN, f.length);
  const there = standsThere(e, c.head);
  if (there && holdsDates(e, c.head)) {
    const found = evaluate(e, f, c);
    return found.kind === 'number' ? found : datesOf({ kind: 'text', length: f.length, ...encode(found.texts) }, { dayFirst: readsDayFirst(there.head, there.column) });
  }
  return numbers(e, f, c);
}

function texts(e: Expression, f: Frame, c: Context): TextVector {
  const vector = evaluate(e, f, c);
  return vector.kind === 'text' ? vector : { kind: 'text', texts: textsOf(vector, typeOf(e, c.head).type) };
}

function encode(all: readonly string[]): { codes: Uint16Array; dictionary: string[] } {
  const codes = new Uint16Array(all.length);
  const dictionary = [''];
  const seen = new Map([['', 0]]);
  all.forEach((t, i) => {
    let code = seen.get(t);
    if (code === undefined) {
      seen.set(t, (code = dictionary.length));
      dictionary.push(t);
    }
    codes[i] = code;
  });
  return { codes, dictionary };
}

/** State of a result of two values: VALUE where both have one, else the graver of the two reasons. It may be one of the two given. */
function bothStates(a: Uint8Array, b: Uint8Array): Uint8Array {
  if (allValues(b)) return a;
  if (allValues(a)) return b;
  const out = new Uint8Array(a.length);
  for (let i = 0; i < out.length; i++) {
    const s = a[i]!, t = b[i]!;
    out[i] = s === VALUE ? t : t === VALUE || t < s ? s : t;
  }
  return out;
}

type Op = (x: Float64Array, y: Float64Array, out: Float64Array) => void;
// One small loop for each operation: each is compiled for itself.
const add: Op = (x, y, out) => { for (let i = 0; i < out.length; i++) out[i] = x[i]! + y[i]!; };
const subtract: Op = (x, y, out) => { for (let i = 0; i < out.length; i++) out[i] = x[i]! - y[i]!; };
const multiply: Op = (x, y, out) => { for (let i = 0; i < out.length; i++) out[i] = x[i]! * y[i]!; };
const divide: Op = (x, y, out) => { for (let i = 0; i < out.length; i++) out[i] = x[i]! / y[i]!; };
const power: Op = (x, y, out) => { for (let i = 0; i < out.length; i++) out[i] = x[i]! ** y[i]!; };
const OPS: Record<Operator, Op> = { '+': add, '-': subtract, '*': multiply, '/': divide, '^': power };

/** One operation on two vectors; a left one that is nobody else's is written over. */
function arithmetic(operator: Operator, a: NumberVector, b: NumberVector, own: boolean): NumberVector {
  const values = own ? a.values : new Float64Array(a.values.length);
  let state = bothStates(a.state, b.state);
  OPS[operator](a.values, b.values, values);
  if (operator === '/') {
    const divisor = b.values;
    let copied = false;
    for (let i = 0; i < divisor.length; i++) {
      if (divisor[i] !== 0 || state[i] !== VALUE) continue;
      if (!copied) [state, copied] = [state.slice(), true];
      state[i] = BY_ZERO;
    }
  }
  return operator === '^' ? settled(values, state) : { kind: 'number', values, state };
}

type ConstantOp = (x: Float64Array, y: number, out: Float64Array) => void;
const addTo: ConstantOp = (x, y, out) => { for (let i = 0; i < out.length; i++) out[i] = x[i]! + y; };
const multiplyBy: ConstantOp = (x, y, out) => { for (let i = 0; i < out.length; i++) out[i] = x[i]! * y; };
const divideBy: ConstantOp = (x, y, out) => { for (let i = 0; i < out.length; i++) out[i] = x[i]! / y; };

/** One operation with the same number in every row. */
function withConstant(operator: Exclude<Operator, '^'>, a: NumberVector, b: number, own: boolean): NumberVector {
  const values = own ? a.values : new Float64Array(a.values.length);
  if (operator === '+') addTo(a.values, b, values);
  else if (operator === '-') addTo(a.values, -b, values);
  else if (operator === '*') multiplyBy(a.values, b, values);
  else divideBy(a.values, b, values);
  return { kind: 'number', values, state: operator === '/' && b === 0 ? a.state.map((s) => (s === VALUE ? BY_ZERO : s)) : a.state };
}

const MATHS: Record<MathsFn, (x: number) => number> = { 'absolute value': Math.abs, 'square root': Math.sqrt, 'natural logarithm': Math.log, 'decimal logarithm': Math.log10 };

/** Where there is no such number (the root of a negative one, the logarithm of zero), there is no value. */
function settled(values: Float64Array, state: Uint8Array): NumberVector {
  return { kind: 'number', values, state: state.map((s, i) => (s === VALUE && !Number.isFinite(values[i]!) ? MISFIT : s)) };
}

function combine(a: NumberVector, b: NumberVector, fn: (x: number, y: number) => number): NumberVector {
  const state = bothStates(a.state, b.state);
  const values = new Float64Array(state.length);
  for (let i = 0; i < state.length; i++) if (state[i] === VALUE) values[i] = fn(a.values[i]!, b.values[i]!);
  return { kind: 'number', values, state };
}

function roundAll(values: Float64Array, state: Uint8Array, places: number, mode: 'nearest' | 'up' | 'down'): Float64Array {
  const out = new Float64Array(values.length);
  for (let i = 0; i < out.length; i++) if (state[i] === VALUE) out[i] = roundTo(values[i]!, places, mode);
  return out;
}

/** Texts made from dates. */
const datedTexts = ({ values, state }: NumberVector, write: (date: Date) => string): TextVector => ({ kind: 'text', texts: Array.from(values, (v, i) => (state[i] !== VALUE ? '' : write(new Date(v)))) });

const TEXT_PARTS: Partial<Record<DatePart, (date: Date) => string>> = {
  weekday: (d) => WEEKDAYS[d.getUTCDay()]!,
  'month name': (d) => MONTHS[d.getUTCMonth()]!,
  time: (d) => d.toISOString().slice(11, d.getUTCSeconds() === 0 ? 16 : 19),
  'month in its year': (d) => d.toISOString().slice(0, 7),
  'quarter in its year': (d) => `${d.getUTCFullYear()} Q${Math.floor(d.getUTCMonth() / 3) + 1}`,
};
const NUMBER_PARTS: Partial<Record<DatePart, (date: Date) => number>> = {
  year: (d) => d.getUTCFullYear(),
  quarter: (d) => Math.floor(d.getUTCMonth() / 3) + 1,
  month: (d) => d.getUTCMonth() + 1,
  week: isoWeek,
  day: (d) => d.getUTCDate(),
  hour: (d) => d.getUTCHours(),
  date: (d) => Math.floor(d.getTime() / DAY) * DAY,
};

function datePart(part: DatePart, dated: NumberVector): Vector {
  const write = TEXT_PARTS[part];
  if (write) return datedTexts(dated, write);
  const { values, state } = dated;
  const read = NUMBER_PARTS[part]!;
  const out = new Float64Array(values.length);
  for (let i = 0; i < out.length; i++) {
    if (state[i] !== VALUE) continue;
    out[i] = read(new Date(values[i]!));
  }
  return { kind: 'number', values: out, state };
}

function across(fn: 'sum' | 'mean' | 'lowest' | 'highest', all: readonly NumberVector[], length: number): NumberVector {
  const values = new Float64Array(length);
  const state = new Uint8Array(length);
  for (let i = 0; i < length; i++) {
    let n = 0, acc = 0;
    for (const v of all) {
      if (v.state[i] !== VALUE) continue;
      const x = v.values[i]!;
      acc = n === 0 ? x : fn === 'lowest' ? Math.min(acc, x) : fn === 'highest' ? Math.max(acc, x) : acc + x;
      n++;
    }
    if (n === 0) continue;
    values[i] = fn === 'mean' ? acc / n : acc;
    state[i] = VALUE;
  }
  return { kind: 'number', values, state };
}

function choose(e: Extract<Expression, { kind: 'choose' }>, f: Frame, c: Context): Vector {
  const way = new Uint8Array(f.length).fill(e.cases.length);
  e.cases.forEach((one, n) => {
    const holds = test(one.when, f, c);
    for (let i = 0; i < f.length; i++) if (way[i] === e.cases.length && holds[i] === YES) way[i] = n;
  });
  const branches = [...e.cases.map((one) => one.then), e.otherwise];
  const type = typeOf(e, c.head).type;
  if (type === 'text' && branches.some((b) => b.kind !== 'blank')) {
    const all = branches.map((b) => texts(b, f, c).texts);
    return { kind: 'text', texts: Array.from(way, (w, i) => all[w]![i]!) };
  }
  return pick(way, branches.map((b) => (isDate(type) ? dates(b, f, c) : numbers(b, f, c))));
}

function pick(way: Uint8Array, ways: readonly NumberVector[]): NumberVector {
  const values = new Float64Array(way.length);
  const state = new Uint8Array(way.length);
  for (let i = 0; i < way.length; i++) {
    values[i] = ways[way[i]!]!.values[i]!;
    state[i] = ways[way[i]!]!.state[i]!;
  }
  return { kind: 'number', values, state };
}

function test(condition: Condition, f: Frame, c: Context): Uint8Array {
  switch (condition.kind) {
    case 'all':
    case 'any': {
      const all = condition.of.map((one) => test(one, f, c));
      const [decisive, other] = condition.kind === 'all' ? [NO, YES] : [YES, NO];
      return Uint8Array.from({ length: f.length }, (_, i) => {
        let unknown = false;
        for (const one of all) {
          if (one[i] === decisive) return decisive;
          if (one[i] === UNKNOWN) unknown = true;
        }
        return unknown ? UNKNOWN : other;
      });
    }
    case 'not':
      return test(condition.of, f, c).map((v) => (v === UNKNOWN ? UNKNOWN : 1 - v));
    case 'listed': {
      const { texts: keys } = c.lookups.get(condition)!;
      return textTest(condition.of, f, c, (text) => keys!.has(folded(text)));
    }
    case 'holds': {
      const find = finder(condition.what);
      return textTest(condition.of, f, c, (text) => find(text).length > 0);
    }
    case 'outlying':
      return test(bounds(condition), f, c);
    case 'empty':
      return emptyTest(condition.of, f, c);
    case 'among': {
      const wanted = new Set(condition.texts.map(folded));
      return textTest(condition.of, f, c, (text) => wanted.has(folded(text)));
    }
    case 'text':
      return textTest(condition.of, f, c, textMatcher(condition.test, condition.texts));
    case 'compare':
      return compare(condition, f, c);
  }
}

function emptyTest(of: Expression, f: Frame, c: Context): Uint8Array {
  const chunk = of.kind === 'column' ? f.columns.get(of.name)! : null;
  if (chunk?.kind === 'text') {
    const empty = chunk.dictionary.map((t) => t.trim() === '');
    return Uint8Array.from(chunk.codes, (code) => (empty[code] ? YES : NO));
  }
  const vector = evaluate(of, f, c);
  return vector.kind === 'number' ? Uint8Array.from(vector.state, (s) => (s === BLANK || s === BY_ZERO ? YES : NO)) : Uint8Array.from(vector.texts, (t) => (t.trim() === '' ? YES : NO));
}

/** A test of texts; of a column, each distinct text is tested once. Blank is UNKNOWN. */
function textTest(of: Expression, f: Frame, c: Context, holds: (text: string) => boolean): Uint8Array {
  const chunk = of.kind === 'column' ? f.columns.get(of.name)! : null;
  const outcome = (text: string): number => (text.trim() === '' ? UNKNOWN : holds(text) ? YES : NO);
  if (chunk?.kind === 'text') {
    const entries = chunk.dictionary.map(outcome);
    return Uint8Array.from(chunk.codes, (code) => entries[code]!);
  }
  if (chunk && of.kind === 'column') {
    const type = typeOf(of, c.head).type;
    return Uint8Array.from({ length: f.length }, (_, i) => outcome(cellText(chunk, i, type)));
  }
  return Uint8Array.from(texts(of, f, c).texts, outcome);
}

function textMatcher(kind: 'contains' | 'mentions' | 'starts' | 'ends', wanted: readonly string[]): (text: string) => boolean {
  const lower = wanted.map((t) => t.toLowerCase());
  switch (kind) {
    case 'contains':
      return (text) => lower.some((t) => text.toLowerCase().includes(t));
    case 'starts':
      return (text) => lower.some((t) => text.trim().toLowerCase().startsWith(t));
    case 'ends':
      return (text) => lower.some((t) => text.trim().toLowerCase().endsWith(t));
    case 'mentions': {
      const words = new RegExp(`(?<![\\p{L}\\p{N}])(?:${lower.map(caseless).join('|')})(?![\\p{L}\\p{N}])`, 'u');
      return (text) => words.test(text);
    }
  }
}

function compare(n: Extract<Condition, { kind: 'compare' }>, f: Frame, c: Context): Uint8Array {
  const sides = [n.left, n.right] as const;
  const dated = comparesDates(n, c.head);
  const bySize = n.op !== '=' && n.op !== '<>';
  const numeric = dated || bySize || sides.every((side) => holdsNumbers(side, c.head));
  if (!numeric) {
    const [a, b] = sides.map((side) => texts(side, f, c).texts) as [readonly string[], readonly string[]];
    return Uint8Array.from({ length: f.length }, (_, i) => (a[i]!.trim() === '' || b[i]!.trim() === '' ? UNKNOWN : (folded(a[i]!) === folded(b[i]!)) === (n.op === '=') ? YES : NO));
  }
  const [a, b] = sides.map((side) => (dated ? dates(side, f, c) : numbers(side, f, c))) as [NumberVector, NumberVector];
  // A date compared with a date-time is compared by its day.
  const byDay = dated && sides.some((side) => isByDay(side, c.head));
  const out = new Uint8Array(f.length);
  for (let i = 0; i < f.length; i++) {
    if (a.state[i] !== VALUE || b.state[i] !== VALUE) out[i] = UNKNOWN;
    else {
      const x = byDay ? Math.floor(a.values[i]! / DAY) : a.values[i]!, y = byDay ? Math.floor(b.values[i]! / DAY) : b.values[i]!;
      out[i] = holds(n.op, x, y) ? YES : NO;
    }
  }
  return out;
}

function holds(operator: Comparison, x: number, y: number): boolean {
  // Binary dust must not decide: values that differ by less than a part in 10^12 are equal.
  const equal = x === y || Math.abs(x - y) <= 1e-12 * Math.max(Math.abs(x), Math.abs(y));
  switch (operator) {
    case '<':
      return x < y && !equal;
    case '<=':
      return x < y || equal;
    case '>':
      return x > y && !equal;
    case '>=':
      return x > y || equal;
    case '=':
      return equal;
    case '<>':
      return !equal;
  }
}

type Outlying = Extract<Condition, { kind: 'outlying' }>;
const plain = new WeakMap<Outlying, Condition>();

/** What lying outside means, in comparisons with figures over the rows; the same one for each condition, since its figures are known by identity. */
function bounds(condition: Outlying): Condition {
  let made = plain.get(condition);
  if (!made) {
    const { lowest, highest } = boundsOf(condition);
    made = any([{ kind: 'compare', op: '<', left: condition.of, right: lowest }, { kind: 'compare', op: '>', left: condition.of, right: highest }]);
    plain.set(condition, made);
  }
  return made;
}

/** An expression's numbers at every position, or its dates in ms where `asDates`; texts are read as amounts or dates. O(rows). */
export const numbersAt = async (of: Expression, table: Table, head: CheckedHead, asDates = false): Promise<NumberVector> => materialise(of, table, head, await figuresOf(of, table, head), false, asDates);

/** Works out every figure over all rows inside a node, innermost first. */
async function figuresOf(node: Expression | Condition, table: Table, head: CheckedHead): Promise<Map<Expression, NumberVector>> {
  const found: Figure[] = [];
  walk(node, (n) => {
    if (n.kind === 'total' || n.kind === 'over' || n.kind === 'moving' || n.kind === 'ago') found.unshift(n);
    // The figures behind the bounds come before those of the values themselves.
    if (n.kind === 'outlying') walk(bounds(n), (m) => { if (m.kind === 'total' && m.of === n.of && !found.includes(m)) found.unshift(m); });
  });
  const figures = new Map<Expression, NumberVector>();
  for (const figure of found) {
    const needsTexts = figure.kind === 'total' && (figure.fn === 'count' || figure.fn === 'distinct');
    const inner = await materialise(figure.of, table, head, figures, needsTexts);
    const groups = figure.by.length ? await groupsOf(table, figure.by) : null;
    const order = figure.kind === 'ago' ? figure.date : figure.kind === 'over' ? figure.along?.column : undefined;
    figures.set(figure, figureOver(figure, inner, groups, table, order === undefined ? null : await materialise({ kind: 'column', name: order }, table, head, figures, false, figure.kind === 'ago' || readsAsDate(head, order))));
  }
  return figures;
}

/** Numbers (and, where asked, the texts' codes) of an expression for every position. */
async function materialise(of: Expression, table: Table, head: CheckedHead, figures: ReadonlyMap<Expression, NumberVector>, asCodes: boolean, asDates = false): Promise<NumberVector> {
  const values = new Float64Array(table.size);
  const state = new Uint8Array(table.size);
  const reads = columnsOf(of);
  const context = { head, figures, lookups: await lookupsOf(of, table), bands: await bandsIn(of, table) };
  const codes = new Map<string, number>();
  const dated = asDates || (of.kind === 'column' && holdsDates(of, head));
  await eachChunk(table, reads, (chunks, _, from, length) => {
    const f = frame(reads, chunks, from, length);
    if (asCodes) {
      texts(of, f, context).texts.forEach((text, i) => {
        if (text.trim() === '') return;
        const key = folded(text);
        let code = codes.get(key);
        if (code === undefined) codes.set(key, (code = codes.size));
        values[from + i] = code;
        state[from + i] = VALUE;
      });
      return;
    }
    const vector = dated ? dates(of, f, context) : numbers(of, f, context);
    values.set(vector.values, from);
    state.set(vector.state, from);
  });
  return { kind: 'number', values, state };
}
