import { sayYesNo } from '../../values/yesno';
import { columnOf } from '../../table/table';
import { isDate, isQuantity } from '../../table/column';
import { finder, type Findable } from '../../values/find';
import { dateOf, readDate, writeDate, type SpanUnit } from '../../values/date';
import { convertUnit, readMeasure, unitSort } from '../../values/units';
import { unitInName } from '../../formula/dimensions';
import { isNumberColumn, readsAsDate, readsAsNumber } from '../../formula/check';
import { all, any, column, columnsOf, not, number, rowsCounted, type Comparison, type Condition, type Expression } from '../../formula/expression';
import { nothing, type Context } from '../acts';
import { rule } from '../chart';
import { stem } from '../words';
import { namesRows, SMALL_WORDS } from '../mentions';
import { fit } from '../../metrics/metrics';
import { DUE, ESTIMATED, endingColumn, groupable, soldFor, columnLike, dateColumns, deadlineOf, late, moneyColumn, onlyDate, onlyTime, overdue, rowDate, rowSpan, startColumn, timed, twoTimes } from './expressions';
import { sampleOf } from './samples';
import type { Period, YesNo } from './seeds';

/** Joints of a sentence: no words to look for. */
const NO_WORD = /^(?:the|a|an|and|or|is|are|in|on|it|if|else|otherwise|there|for|to|that|which|where|when|other|of|as|with|under|over|about|at|by|from|so)$/i;

interface Value {
  readonly column: string;
  readonly text: string;
  readonly loose: boolean;
}

const compare = (op: Comparison, left: Expression, right: Expression): Condition => ({ kind: 'compare', op, left, right });
export const empty = (name: string): Condition => ({ kind: 'empty', of: column(name) });
const among = (name: string, texts: readonly string[]): Condition => ({ kind: 'among', of: column(name), texts });

/** Only where a column holds numbers. */
export const numeric = (name: string, { head }: Context): boolean => isNumberColumn(head, name);
const isDated = (name: string, { head }: Context): boolean => readsAsDate(head, name);

/** 'More in 2025 than in 2024': ‹Sold 2025› is not compared with a number of two thousand and something. */
const isYearBeside = (a: Expression, b: Expression): boolean => a.kind === 'column' && /(?:19|20)\d\d/.test(a.name) && b.kind === 'number' && b.value >= 1900 && b.value <= 2100;

/** A column of numbers compared with one. */
const numbered = (op: Comparison, name: string, n: number): Condition | null => sized(op, column(name), number(n));

/** A number that was said in a unit, in the unit of what it is compared with as far as that is known; null where they measure different things. */
export function sizeIn(of: Expression, n: number, unit: string | undefined, x: Context): number | null {
  const own = unitOf(of, x);
  return unit === undefined || own === null ? n : convertUnit(n, unit, own);
}

function unitOf(of: Expression, x: Context): string | null {
  if (of.kind === 'measure') return of.unit;
  if (of.kind === 'lapse') return of.unit === 'hours' ? 'h' : 'min';
  if (of.kind === 'span') return of.unit === 'days' ? 'd' : of.unit === 'hours' ? 'h' : of.unit === 'minutes' ? 'min' : null;
  if (of.kind !== 'column') return null;
  const glance = x.head.glances?.get(of.name)?.unit ?? '';
  return unitSort(glance) === null ? unitInName(of.name) : glance;
}

/** Is a number of about the size of a column's values? Of a column in no known unit, one in another unit is not. */
function plausible(name: string, n: number, x: Context): boolean {
  const glance = x.head.glances?.get(name);
  const [low, high] = [Number(glance?.lowest ?? NaN), Number(glance?.highest ?? NaN)];
  return Number.isNaN(low) || Number.isNaN(high) || (n >= Math.min(low / 10, low) && n <= high * 10);
}

/** A column compared with a number in a unit. */
function inUnit(op: Comparison, name: string, n: number, unit: string | undefined, x: Context): Condition | null {
  const value = sizeIn(column(name), n, unit, x);
  return value === null || (unit !== undefined && unitOf(column(name), x) === null && !plausible(name, value, x)) ? null : numbered(op, name, value);
}

/** Spans that a column may hold as a size, and the unit it is in. */
const SPAN_UNITS = new Map<string, string>([['hours', 'h'], ['minutes', 'min'], ['days', 'd']]);

/** What a span is compared with: 'longer than a week' is more than seven days, 'longer than two years' at least two whole ones. */
function spanned(op: Comparison, unit: SpanUnit | 'minutes', n: number, x: Context, ends?: readonly [string, string]): Condition | null {
  const size = ends ? undefined : SPAN_UNITS.get(unit);
  const like = size === undefined ? null : columnLike(size, x);
  // A break is no shift: where a row begins and ends is told, a column that is not called after its length is another matter.
  const own = like !== null && !/hour|minute|\bmin\b|day|duration|length|\btime\b|long|lasted/i.test(like) && rowSpan(unit === 'weeks' ? 'days' : unit, x, ends) !== null ? null : like;
  if (own !== null) return inUnit(op, own, n, size, x);
  const e = rowSpan(unit === 'weeks' ? 'days' : unit, x, ends);
  const whole = (unit === 'months' || unit === 'years') && Number.isInteger(n);
  return e && compare(whole && op === '>' ? '>=' : whole && op === '<=' ? '<' : op, e, number(unit === 'weeks' ? n * 7 : n));
}

/** A comparison means something unless both sides are constants, or dates are compared with numbers. */
const sized = (op: Comparison, a: Expression, b: Expression): Condition | null => (a.kind === 'number' || isYearBeside(a, b) ? null : compare(op, a, b));

export const onDate = (op: Comparison, name: string, date: string, x: Context): Condition | null => (isDated(name, x) ? compare(op, column(name), { kind: 'date', value: date }) : null);

/** A day or month of no year, in the only year that a column's dates are of. */
function inOneYear(name: string, { from, to, month, day }: Period, x: Context): { readonly from: string; readonly to: string } | null {
  if (month === undefined) return { from, to };
  const years = new Set(sampleOf(name, x).map((v) => readDate(v)).flatMap((d) => (d ? [new Date(d.time).getUTCFullYear()] : [])));
  const glance = x.head.glances?.get(name);
  for (const end of [glance?.lowest, glance?.highest]) if (end && /^\d{4}-/.test(end)) years.add(Number(end.slice(0, 4)));
  if (years.size !== 1) return null;
  const [year] = years;
  const write = (d: number): string => writeDate(d, false);
  return day !== undefined ? { from: write(dateOf(year!, month, day)!), to: write(dateOf(year!, month, day)!) } : { from: write(dateOf(year!, month, 1)!), to: write(Date.UTC(year!, month, 0)) };
}

/** Before, after, since a period: with its first or last day. */
function relative(op: Comparison, name: string, period: Period, x: Context): Condition | null {
  // 'From 6 to 14 April' is between, and not merely since.
  if (period.range) return null;
  const p = isDated(name, x) ? inOneYear(name, period, x) : null;
  return p && onDate(op, name, op === '<' || op === '>=' ? p.from : p.to, x);
}

/** Lies a date in a period? */
export function within(name: string, period: Period, x: Context): Condition | null {
  if (!isDated(name, x)) return null;
  if (period.month !== undefined && period.day !== undefined) return all([compare('=', { kind: 'part', part: 'month', of: column(name) }, number(period.month)), compare('=', { kind: 'part', part: 'day', of: column(name) }, number(period.day))]);
  if (period.month !== undefined && period.days) return all([compare('=', { kind: 'part', part: 'month', of: column(name) }, number(period.month)), compare('>=', { kind: 'part', part: 'day', of: column(name) }, number(period.days[0])), compare('<=', { kind: 'part', part: 'day', of: column(name) }, number(period.days[1]))]);
  if (period.month !== undefined) return compare('=', { kind: 'part', part: 'month', of: column(name) }, number(period.month));
  return all([compare('>=', column(name), { kind: 'date', value: period.from }), compare('<=', column(name), { kind: 'date', value: period.to })]);
}

/** A time that some date lies in: between days, or before and after a period. */
type When = { readonly bounds: readonly (readonly [Comparison, string])[] } | { readonly op: Comparison; readonly period: Period };
const at = (w: When, name: string, x: Context): Condition | null => {
  if ('period' in w) return relative(w.op, name, w.period, x);
  const list = w.bounds.flatMap(([op, date]) => onDate(op, name, date, x) ?? []);
  return list.length === w.bounds.length ? all(list) : null;
};

export const says = ({ column: name, yes, no }: YesNo, wanted: boolean): Condition | null => { const texts = wanted ? yes : no; return texts.length ? among(name, texts) : null; };

/** Does a column of whole numbers begin at zero, so that zero is none? */
const countsFromZero = (name: string, x: Context): boolean => numeric(name, x) && columnOf(x.head, name).type === 'whole' && x.head.glances?.get(name)?.lowest === '0';
const hasBlanks = (name: string, x: Context): boolean => (x.head.glances?.get(name)?.blanks ?? 1) > 0;

/** A word that stands in some of a column's texts. */
function mentionsWord(word: string, name: string, x: Context): Condition | null {
  const find = finder({ kind: 'words', words: [word] });
  return word.length >= 3 && columnOf(x.head, name).type === 'text' && sampleOf(name, x).some((v) => find(v).length > 0) ? { kind: 'text', test: 'mentions', of: column(name), texts: [word] } : null;
}

/** Does a column of texts say yes or no? With it is then where it says yes. */
export const saysYes = (name: string, x: Context): boolean => { const all = columnOf(x.head, name).type === 'text' ? sampleOf(name, x).filter((v) => v.trim() !== '') : []; return all.length > 1 && sayYesNo(all); };

/** A time of day compared with one. */
const atClock = (op: Comparison, name: string, minutes: number, x: Context): Condition | null => (timed(name, x) ? compare(op, { kind: 'clock', of: column(name) }, number(minutes)) : null);

/** Does a column tell of something done to a row, and by whom, for what or when? */
const done = (name: string, x: Context): boolean => !x.vocabulary.values.has(name.toLowerCase().split(' ')[0]!) && /^\p{L}+(?:ed|ent|old|aid|ought|orn)\s+(?:by|for|on|at|to|with|from)$/iu.test(name) && hasBlanks(name, x);

/** The only column of numbers. */
function onlyNumber(x: Context): string | null {
  const found = x.head.columns.filter((c) => numeric(c.name, x));
  return found.length === 1 ? found[0]!.name : null;
}

/** A number that stands as a word in some of a column's texts. */
function mentionsNumber(n: string, name: string, x: Context): Condition | null {
  const find = finder({ kind: 'words', words: [n] });
  return sampleOf(name, x).some((v) => v.trim() !== n && find(v).length > 0) ? { kind: 'text', test: 'mentions', of: column(name), texts: [n] } : null;
}

/** Texts looked for as they were said; several words that never stand beside each other, each of them. */
function mentionsAll(name: string, texts: readonly string[], x: Context): Condition {
  const all = sampleOf(name, x), phrase = texts.length === 1 && texts[0]!.includes(' ') ? texts[0]! : null;
  const held = (word: string): boolean => { const find = finder({ kind: 'words', words: [word] }); return all.some((v) => find(v).length > 0); };
  const words = phrase?.split(' ') ?? [];
  if (phrase === null || held(phrase) || !words.every(held)) return { kind: 'text', test: 'mentions', of: column(name), texts };
  return { kind: 'all', of: words.map((w) => ({ kind: 'text', test: 'mentions', of: column(name), texts: [w] })) };
}

/** The column that says what something costs, where one is called so more than any other. */
function priceColumn({ head }: Context): string | null {
  const called = head.columns.find((c) => /^costs?$/i.test(c.name) && readsAsNumber(head, c.name));
  if (called) return called.name;
  const fits = head.columns.filter((c) => readsAsNumber(head, c.name) && !isDate(c.type)).map((c) => [c.name, Math.min(fit('price', c.name), fit('charge', c.name))] as const).filter(([, f]) => f < 1).sort((a, b) => a[1] - b[1]);
  return fits[0] && (!fits[1] || fits[1][1] > fits[0][1]) ? fits[0][0] : null;
}

/** What most of a column's texts are: e-mail addresses, web addresses, telephone numbers. */
function sortOf(name: string, x: Context): Findable | null {
  const all = sampleOf(name, x).slice(0, 100);
  const sort = (['email', 'web', 'phone'] as const).find((s) => { const find = finder({ kind: 'sort', sort: s }); return all.filter((v) => find(v).length > 0).length > all.length * 0.5; });
  return sort ? { kind: 'sort', sort } : null;
}

/** Days from the only other column of dates to one: 'it took more than ten days to close'. */
function spanTo(name: string, x: Context): Expression | null {
  const others = x.head.columns.filter((c) => c.name !== name && (isDate(c.type) || (c.type === 'text' && (x.head.glances?.get(c.name)?.dateShare ?? 0) >= 0.5)));
  return isDated(name, x) && others.length === 1 ? { kind: 'span', unit: 'days', from: column(others[0]!.name), to: column(name) } : null;
}

/** Later than the only date that says when it was due: of a date, or of the date that goes with what was done ('paid' and ‹Paid on›). */
function lateThan(name: string, x: Context): Condition | null {
  const dates = dateColumns(x);
  const due = dates.filter((n) => DUE.test(n));
  const first = name.toLowerCase().split(/\s+/)[0]!;
  const done = dates.includes(name) ? [name] : dates.filter((n) => n.toLowerCase().startsWith(first));
  return due.length === 1 && done.length === 1 && due[0] !== done[0] ? compare('>', column(done[0]!), column(due[0]!)) : null;
}

/** The only date that says when something comes to its end. */
function endsOn(x: Context): string | null {
  const found = dateColumns(x).filter((n) => /\b(?:ends?|until|till|expir\w*|valid (?:to|until)|end date|runs? out)\b/i.test(n));
  return found.length === 1 ? found[0]! : null;
}

/** Done after the day it was due, or by then. */
function timely(op: Comparison, x: Context): Condition | null {
  const found = deadlineOf(x);
  return found && compare(op, column(found.done), column(found.due));
}

/** What was to be paid, beside what was: the only other amount that is called so, or so many at the price of one. */
function dueFor(paid: string, x: Context): Expression | null {
  if (!numeric(paid, x)) return null;
  const found = x.head.columns.filter((c) => c.name !== paid && numeric(c.name, x) && /\b(?:agreed|due|owed|payable|charged|invoiced?|billed|total|gross|expected|ordered|price|fee)\b/i.test(c.name) && !A_PIECE.test(c.name));
  const words = new Set(paid.toLowerCase().split(/\s+/));
  const alike = found.length > 1 ? found.filter((c) => c.name.toLowerCase().split(/\s+/).some((w) => words.has(w))) : found;
  if (alike.length === 1) return column(alike[0]!.name);
  const of = (called: RegExp): readonly string[] => x.head.columns.filter((c) => numeric(c.name, x) && called.test(c.name)).map((c) => c.name);
  const [many, each] = [of(/^(?:qty|quantity|units|pieces|count|number)\b/i), of(A_PIECE)];
  return found.length === 0 && many.length === 1 && each.length === 1 ? { kind: 'op', op: '*', left: column(many[0]!), right: column(each[0]!) } : null;
}

/** Names of what one piece costs. */
const A_PIECE = /\bper\b|\/|\bunit\b|\beach\b/i;

/** Is a value a part of one, which says nothing of a hundred: a bare quotient, or a column that does not go above one? */
function asShare(e: Expression, { head }: Context): boolean {
  if (e.kind === 'op') return e.op === '/';
  const glance = e.kind === 'column' ? head.glances?.get(e.name) : undefined;
  return glance !== undefined && glance.unit !== '%' && glance.highest !== null && Number(glance.highest) <= 1;
}

/** A text column read in a unit, where its values are written with units of that sort. */
function measured(name: string, unit: string, { head }: Context): Expression | null {
  if (columnOf(head, name).type !== 'text' || unitSort(unit) === null) return null;
  const all = (head.glances?.get(name)?.values ?? []).slice(0, 200).filter(([t]) => t.trim() !== '');
  const fits = all.filter(([t]) => readMeasure(t, unit) !== null && /[\p{L}:]/u.test(t));
  return all.length > 0 && fits.length >= all.length * 0.5 ? { kind: 'measure', unit, of: column(name) } : null;
}

/** The only text column whose values are written with units of the sort of one. */
function holdsUnit(unit: string, x: Context): string | null {
  const found = x.head.columns.filter((c) => c.type === 'text' && measured(c.name, unit, x) !== null);
  return found.length === 1 ? found[0]!.name : null;
}

/** Words that have no number: 'late', 'wrong', 'creamy', 'moved'. */
const NO_NUMBER = /(?:[a-z]{2}ed|[^aeiou]y|ly|ing|ent|ant|ous|ful|able|ible|ic|al|ish|ive|less)$|^(?:late|early|wrong|right|good|bad|new|old|lost|sent|broken|open|free|high|low|hot|cold|wet|dry|fine|poor|great|nice|slow|fast|full|dirty|rude|sick|ill|here|yes|no|not|mould|under|left|again|back|out|off)$/;

/** A plain word that is looked for in texts, as one and as many: 'brake' and 'brakes'. */
function bothNumbers(word: string): string[] | null {
  const w = word.toLowerCase();
  if (w.length < 3 || /^(?:more|less|than|least|most|fewer|each|all|any|row|rows|column|columns|other|the|and|that|this|which|something|anything|nothing|word|words|about|only|those|these)$/.test(w)) return null;
  return NO_NUMBER.test(w) ? [w] : w.endsWith('s') && !w.endsWith('ss') ? [w.slice(0, -1), w] : [w, `${w}s`];
}

/** Words for comparing sizes. */
export const SIZES: readonly (readonly [string, Comparison])[] = [['~more', '>'], ['~less', '<'], ['~least', '>='], ['~most', '<=']];

/** Texts that a column is compared with: quoted, or values that stand in it. */
const valuesOf = (list: readonly Value[], name: string): string[] | null => {
  const own = list.filter((v) => v.column === name);
  return own.length === list.length ? own.map((v) => v.text) : null;
};

/** 'Below 20 and blank': a value compared with another is there. Nor does anybody say the same twice. */
const neverBoth = (a: Condition, b: Condition): boolean => JSON.stringify(a) === JSON.stringify(b) || [[a, b], [b, a]].some(([p, q]) => p!.kind === 'empty' && p!.of.kind === 'column' && q!.kind === 'compare' && q!.left.kind === 'column' && q!.left.name === p!.of.name);

/** 'Light and medium': two values of one column are one or the other. */
const otherValue = (a: Condition, b: Condition): boolean => a.kind === 'among' && b.kind === 'among' && JSON.stringify(a.of) === JSON.stringify(b.of) && !a.texts.some((t) => b.texts.includes(t));

/** Conditions in words. `cond` is a whole condition; `rset` a set of rows that fulfil one. */
export const conditionRules = [
  // 'After' is said of times, not of sizes.
  ...([['~moreThan', '>'], ['~lessThan', '<'], ['~least', '>='], ['~most', '<=']] as const).map(([words, op]) => rule('cond', `$ex2:a ~be? ${words} $ex2:b`, ({ a, b }) => sized(op, a, b), 0.05)).flat(),
  ...SIZES.flatMap(([words, op]) => [
    rule('cond', `$ex2:a ~be? ${words} $num:n`, ({ a, n }) => sized(op, a, number(n)), 0.05),
    rule('cond', `$ex2:a ~be? ${words} $pct:p`, ({ a, p }, x: Context) => (a.kind === 'number' ? null : compare(op, a, number(asShare(a, x) ? p / 100 : p))), 0),
    rule('cond', `$col:c ~be? ${words} $date:d`, ({ c, d }, x: Context) => onDate(op, c, d, x), 0),
    rule('cond', `$col:c ~be? ${words} $period:p`, ({ c, p }, x: Context) => relative(op, c, p, x), 0.02),
    rule('cond', `${words} $period:p`, ({ p }, x: Context) => { const c = onlyDate(x); return c && relative(op, c, p, x); }, 0.15),
    rule('cond', `${words} $date:d`, ({ d }, x: Context) => { const c = onlyDate(x); return c && onDate(op, c, d, x); }, 0.15),
    rule('cond', `$col:a ~be? ${words} $col:b`, ({ a, b }, x: Context) => (isDated(a, x) && isDated(b, x) && a !== b ? compare(op, column(a), column(b)) : null), 0.05),
    rule('cond', `~did ${words} $num:n $col:c`, ({ n, c }, x: Context) => (numeric(c, x) ? numbered(op, c, n) : null), 0.1),
    rule('cond', `~be? ${words} $num:n $unit:u`, ({ n, u }, x: Context) => { const c = columnLike(u, x); return c && inUnit(op, c, n, u, x); }, 0.15),
    rule('rset', `$guess ${words} $num:n $unit:u`, ({ n, u }, x: Context) => { const c = columnLike(u, x); return c && inUnit(op, c, n, u, x); }, 0.1),
    rule('when', `${words} $period:p`, ({ p }): When => ({ op, period: p }), 0),
    rule('when', `${words} $date:d`, ({ d }): When => ({ bounds: [[op, d]] }), 0),
    rule('rset', `$rows|$guess of|worth|for ${words} $num:n`, ({ n }, x: Context) => { const c = onlyNumber(x); return c && numbered(op, c, n); }, 0.2),
    rule('cond', `~be? ${words} $num:n $col:c`, ({ n, c }, x: Context) => (numeric(c, x) ? numbered(op, c, n) : null), 0.1),
    rule('cond', `$col:c ~be? ${words} $num:n $unit:u`, ({ n, c, u }, x: Context) => (numeric(c, x) ? inUnit(op, c, n, u, x) : null), 0.1),
    rule('cond', `$col:c ~be? ${words} $num:n $unit:u`, ({ n, u, c }, x: Context) => { const m = measured(c, u, x); return m && compare(op, m, number(n)); }, 0),
    rule('cond', `$rows|$guess? ~be? ${words} $num:n $unit:u`, ({ n, u }, x: Context) => { const c = holdsUnit(u, x); const m = c && measured(c, u, x); return m ? compare(op, m, number(n)) : null; }, 0.15),
    rule('cond', `$rows? ~be? $col:c ~be? ${words} $num:n`, ({ n, c }, x: Context) => (numeric(c, x) ? numbered(op, c, n) : null), 0.15),
  ]).flat(),
  ...SIZES.map(([words, op]) => rule('cond', `${words} half of? all? the? $col:a ~be $col:b`, ({ a, b }, x: Context) => (numeric(a, x) && numeric(b, x) && a !== b ? compare(op, column(b), { kind: 'op', op: '/', left: column(a), right: number(2) }) : null), 0)).flat(),
  ...SIZES.map(([words, op]) => rule('cond', `${words} $pct:p of all? the? $col:a ~be $col:b`, ({ p, a, b }, x: Context) => (numeric(a, x) && numeric(b, x) && a !== b ? compare(op, { kind: 'op', op: '*', left: { kind: 'op', op: '/', left: column(b), right: column(a) }, right: number(100) }, number(p)) : null), 0)).flat(),
  // 'Orders over 50': the one amount of money that such a row is about
  ...SIZES.map(([words, op]) => rule('rset', `orders|order|returns|refunds|claims|sales|invoices|bills|payments|bookings|purchases|donations|transactions|receipts|expenses ${words} $num:n`, ({ n }, x: Context) => { const c = moneyColumn(x); return c && numbered(op, c, n); }, 0.3)).flat(),
  ...([['above', '>'], ['below', '<']] as const).map(([word, op]) => rule('cond', `~withA|with|having|of? an? ${word} ~average amount|value|total|sum|price`, (_s, x: Context) => { const c = moneyColumn(x); return c && compare(op, column(c), { kind: 'total', fn: 'mean', of: column(c), by: [] }); }, 0.3)).flat(),
  // 'Shifts starting before ten': where there are two times, the first is when a row begins
  ...SIZES.flatMap(([words, op]) => ([['starting|start|starts|started|begin|begins|began|beginning', 0], ['ending|end|ends|ended|finishing|finish|finishes|finished', 1]] as const).map(([verbs, k]) => rule('cond', `~be? ${verbs} at|from? ${words} $clock:t`, ({ t }, x: Context) => { const two = twoTimes(x); return two && atClock(op, two[k], t, x); }, 0))).flat(),
  ...([['starting|start|starts|started|begin|begins|began|beginning', 0], ['ending|end|ends|ended|finishing|finish|finishes|finished', 1]] as const).map(([verbs, k]) => rule('cond', `~be? ${verbs} at $clock:t`, ({ t }, x: Context) => { const two = twoTimes(x); return two && atClock('=', two[k], t, x); }, 0)).flat(),
  rule('rset', '$rows|$guess of|worth|for $num:n ~orMore', ({ n }, x: Context) => { const c = onlyNumber(x); return c && numbered('>=', c, n); }, 0.2),
  rule('rset', '$rows|$guess of|worth|for $num:n ~orLess', ({ n }, x: Context) => { const c = onlyNumber(x); return c && numbered('<=', c, n); }, 0.2),
  rule('cond', '~between? $num:a ~fromTo $num:b $unit:u tall|high|long|wide|deep|heavy|thick|old|big?', ({ a, b, u }, x: Context) => { const c = columnLike(u, x); const [low, high] = c ? [inUnit('>=', c, a, u, x), inUnit('<=', c, b, u, x)] : [null, null]; return low && high && a < b ? all([low, high]) : null; }, 0.05),
  ...SIZES.map(([words, op]) => rule('cond', `~be? ${words} $num:n $unit:u tall|high|long|wide|deep|heavy|thick|old|big`, ({ n, u }, x: Context) => { const c = columnLike(u, x); return c && inUnit(op, c, n, u, x); }, 0.05)).flat(),
  ...SIZES.map(([words, op]) => rule('cond', `$col:c ~be? ${words} $num:n times|time|pieces|items|units|points`, ({ n, c }, x: Context) => (numeric(c, x) ? numbered(op, c, n) : null), 0.05)).flat(),
  rule('cond', '$num:a ~fromTo $num:b $col:c', ({ a, b, c }, x: Context) => (numeric(c, x) && a < b ? all([compare('>=', column(c), number(a)), compare('<=', column(c), number(b))]) : null), 0.1),
  rule('cond', '$num:n ~orMore $col:c', ({ n, c }, x: Context) => (numeric(c, x) ? numbered('>=', c, n) : null), 0.1),
  rule('cond', '$num:n ~orLess $col:c', ({ n, c }, x: Context) => (numeric(c, x) ? numbered('<=', c, n) : null), 0.1),
  rule('cond', '$num:n $col:c ~orMore', ({ n, c }, x: Context) => (numeric(c, x) ? numbered('>=', c, n) : null), 0.1),
  rule('cond', '$num:n $col:c ~orLess', ({ n, c }, x: Context) => (numeric(c, x) ? numbered('<=', c, n) : null), 0.1),
  rule('cond', '$ex2:a ~be? $ex1:b ~orMore', ({ a, b }) => sized('>=', a, b), 0.1),
  rule('cond', '$ex2:a ~be? $ex1:b ~orLess', ({ a, b }) => sized('<=', a, b), 0.1),
  rule('cond', '~be? $comparative:c than $num:n $unit:u?', ({ c, n, u }, x: Context) => inUnit(c.down ? '>' : '<', c.column, n, u, x), 0),
  rule('cond', '~be? $comparative:c than its|the|their|his|her? $col:b', ({ c, b }, x: Context) => (numeric(b, x) && b !== c.column ? compare(c.down ? '>' : '<', column(c.column), column(b)) : null), 0),
  // 'At least 20 visitors in all, adults and children together': what is counted, said behind it
  ...SIZES.map(([words, op]) => rule('cond', `${words} $num:n $word|$guess|$col in? all|total? ,|:? ~open? $ex2:e ~close?`, ({ n, e }) => (e.kind === 'op' ? compare(op, e, number(n)) : null), 0.1)).flat(),
  rule('cond', '~be? $uncol:c', ({ c }, x: Context) => orZero(empty(c), x), 0.2),
  ...([['weekend|weekends', ['Saturday', 'Sunday']], ['weekday|weekdays', ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday']]] as const).flatMap(([words, texts]) => [
    rule('rset', `${words} $rows|$noun|$guess`, (_s, x: Context) => { const c = rowDate(x); return c && { kind: 'among', of: { kind: 'part', part: 'weekday', of: column(c) }, texts }; }, 0.05),
    rule('cond', `~be? on|at|during|in a|the|any? ${words}`, (_s, x: Context) => { const c = rowDate(x); return c && { kind: 'among', of: { kind: 'part', part: 'weekday', of: column(c) }, texts }; }, 0.1),
    rule('cond', `$col:c ~be|falls|fall|lies|was? on|at|in? a|the|any? ${words}`, ({ c }, x: Context) => (isDated(c, x) ? { kind: 'among', of: { kind: 'part', part: 'weekday', of: column(c) }, texts } : null), 0.05),
  ]).flat(),
  // 'Paid late': after the day on which it was due
  rule('cond', '~be? $col:c too? late|overdue', ({ c }, x: Context) => lateThan(c, x), -0.2),
  rule('cond', '~be? $col:c after the? deadline|due ~date?', ({ c }, x: Context) => lateThan(c, x), -0.1),
  rule('cond', '~be? $col:c in|on time', ({ c }, x: Context) => { const k = lateThan(c, x); return k?.kind === 'compare' ? { ...k, op: '<=' } : null; }, -0.1),
  // Late by itself: where one date says when it was due, and one when it was done
  rule('cond', '~be|~have? been? too? late|delayed|tardy', (_s, x: Context) => timely('>', x), 0.1),
  rule('cond', '~be|~have? been? finished|delivered|done|completed|returned|closed|handed|sent|came|come|paid|arrived late|after in? the? deadline|time?', (_s, x: Context) => timely('>', x), 0.2),
  rule('cond', '~be|~have? been? in|on time', (_s, x: Context) => timely('<=', x), 0.1),
  rule('cond', '~be|~have? been? punctual|timely', (_s, x: Context) => timely('<=', x), 0.1),
  rule('cond', '~be|~have? been? early|ahead of? time|schedule?', (_s, x: Context) => timely('<', x), 0.2),
  rule('cond', 'missed|miss|misses|past|beyond|after|exceeded the|its|their? deadline|due ~date?', (_s, x: Context) => timely('>', x), 0.1),
  rule('cond', 'met|kept|made|within the|its|their? deadline', (_s, x: Context) => timely('<=', x), 0.1),
  // 'Contracts that run out before July': of the only date that says when something ends
  ...SIZES.flatMap(([words, op]) => [
    rule('cond', `run|runs|running out ${words} $period:p`, ({ p }, x: Context) => { const c = endsOn(x); return c && relative(op, c, p, x); }, 0),
    rule('cond', `expire|expires|expiring|end|ends|ending|lapse|lapses ${words} $period:p`, ({ p }, x: Context) => { const c = endsOn(x); return c && relative(op, c, p, x); }, 0.1),
    rule('cond', `run|runs|running out ${words} $date:d`, ({ d }, x: Context) => { const c = endsOn(x); return c && onDate(op, c, d, x); }, 0),
  ]).flat(),
  // 'Overdue on 1 February': due before that day, and not done
  rule('cond', '~be? overdue|outstanding on|by|at|as of? $date:d', ({ d }, x: Context) => { const k = deadlineOf(x); const late = k && onDate('<', k.due, d, x); return k && late && hasBlanks(k.done, x) ? all([late, empty(k.done)]) : null; }, -0.1),
  // 'Rows that don't have takings = sold x price'
  rule('cond', "don't|doesn't|dont|doesnt have|match|satisfy|show|fulfil|give|meet? $ex2:a =|equals|equal $ex2:b", ({ a, b }) => { const c = sized('=', a, b); return c && not(c); }, 0),
  // 'English to German'
  rule('rset', '$value:a to|into|-> $value:b', ({ a, b }) => (a.column !== b.column && /\b(?:from|source|origin|start|departure)\b/i.test(a.column) && /\b(?:to|into|target|destination|arrival)\b/i.test(b.column) ? all([among(a.column, [a.text]), among(b.column, [b.text])]) : null), 0),
  rule('rset', 'late|delayed|belated $rows|ones', (_s, x: Context) => timely('>', x), 0.1),
  rule('rset', 'punctual|timely $rows|ones', (_s, x: Context) => timely('<=', x), 0.1),
  rule('rset', 'early $rows|ones', (_s, x: Context) => timely('<', x), 0.2),
  // What nobody did, whose value nobody knows
  rule('cond', 'nobody|noone|none has|have|had|ever? $col:c yet?', ({ c }, x: Context) => orZero(empty(c), x), 0.05),
  rule('cond', 'no one has|have|had|ever? $col:c yet?', ({ c }, x: Context) => orZero(empty(c), x), 0.05),
  rule('rset', 'what|whatever|those|$rows|$guess ~rel? nobody|noone has|have|had|ever? $col:c yet?', ({ c }, x: Context) => orZero(empty(c), x), -0.2),
  rule('rset', 'what|whatever|those|$rows|$guess ~rel? no one has|have|had|ever? $col:c yet?', ({ c }, x: Context) => orZero(empty(c), x), -0.2),
  rule('cond', "$col:c we|i|nobody|they|you don't|dont|do|does|doesn't not? know|knows|have", ({ c }) => empty(c), 0),
  // 'Jobs that are finished': done on a day that is known
  rule('cond', '~be|~have already|all? been? $col:c already?', ({ c }, x: Context) => (/^\p{L}+(?:ed|aid|old|ent|one)$/iu.test(c) && isDated(c, x) && hasBlanks(c, x) ? not(empty(c)) : null), 0.5),
  rule('rset', '$col:c $rows|ones', ({ c }, x: Context) => (/^\p{L}+(?:ed|aid|old|ent|one)$/iu.test(c) && isDated(c, x) && hasBlanks(c, x) ? not(empty(c)) : null), 0.6),
  rule('rset', 'unfinished|unclosed|undelivered|unreturned|unsent|unsold|open $rows|ones', (_s, x: Context) => { const d = deadlineOf(x); return d && hasBlanks(d.done, x) ? empty(d.done) : null; }, 0.5),
  rule('cond', "~not|never been? $col:c yet?", ({ c }, x: Context) => (done(c, x) || /^\p{L}+(?:ed|aid|old)$/iu.test(c) && hasBlanks(c, x) ? orZero(empty(c), x) : null), 0.15),
  // A time without its column: of the only date, or which date is asked.
  // 'over the nitrate limit of 50'
  ...SIZES.map(([words, op]) => rule('cond', `~be? ${words} the? $col:c limit|threshold|maximum|minimum|norm|target|mark|value|guideline of $num:n $unit?`, ({ c, n }, x: Context) => (numeric(c, x) ? numbered(op, c, n) : null), 0)).flat(),
  ...SIZES.map(([words, op]) => rule('cond', `~be? at|from? ${words} $clock:t`, ({ t }, x: Context) => { const c = onlyTime(x); return c === null ? null : atClock(op, c, t, x); }, 0.1)).flat(),
  rule('cond', '~withA|with $inside:v in|inside|within|under|among|amongst the|their|its? $col:c', ({ v, c }) => (v.column === c ? { kind: 'text', test: 'mentions', of: column(c), texts: [v.text] } : null), 0),
  rule('rset', '$rset:a ~withA|with $yesno:y', ({ a, y }) => all([a, says(y, true)]), 0.1),
  rule('rset', '$rset:a ~without $yesno:y', ({ a, y }) => all([a, says(y, false)]), 0.1),
  rule('rset', '$rset:a ~withA|with $col:c', ({ a, c }, x: Context) => saysYes(c, x) ? null : all([a, countsFromZero(c, x) ? compare('>', column(c), number(0)) : not(empty(c))]), 0.15),
  rule('when', '~between $date:a ~fromTo $date:b ~bothIncluded?', ({ a, b }): When => ({ bounds: [['>=', a], ['<=', b]] }), 0),
  rule('when', 'in|during|within the? period|span|time|range|window|interval of|from|between|:? $date:a ~fromTo $date:b ,? ~bothIncluded?', ({ a, b }): When => ({ bounds: [['>=', a], ['<=', b]] }), -0.05),
  rule('when', '$date:a ~fromTo $date:b ,? ~bothIncluded', ({ a, b }): When => ({ bounds: [['>=', a], ['<=', b]] }), 0),
  rule('when', 'from|since $date:a ~fromTo $date:b ~bothIncluded?', ({ a, b }): When => ({ bounds: [['>=', a], ['<=', b]] }), 0),
  rule('when', 'from|since|as $date:a on|onwards|onward|forward', ({ a }): When => ({ bounds: [['>=', a]] }), 0),
  rule('when', '$date:a or later|after', ({ a }): When => ({ bounds: [['>=', a]] }), 0),
  rule('when', '$date:a or earlier|before', ({ a }): When => ({ bounds: [['<=', a]] }), 0),
  rule('cond', '$when:w', ({ w }, x: Context) => { const c = onlyDate(x); return c && at(w, c, x); }, 0.15),
  rule('cond', '$col:c ~be? $when:v and|but $when:w', ({ c, v, w }, x: Context) => { const [a, b] = [at(v, c, x), at(w, c, x)]; return a && b && all([a, b]); }, -0.25),
  rule('cond', '$col:c ~be? $when:w', ({ c, w }, x: Context) => at(w, c, x), 0.05),
  ...[0, 1, 2, 3].flatMap((k) => rule('cond', '$when:w', ({ w }, x: Context) => { const all = dateColumns(x); return all.length > 1 && all.length <= 4 && all[k] !== undefined ? at(w, all[k], x) : null; }, 0.3)),
  // 'above the average': of the same
  rule('cond', '$col:a ~be? at ~more the? ~average', ({ a }, x: Context) => (numeric(a, x) ? compare('>', column(a), { kind: 'total', fn: 'mean', of: column(a), by: [] }) : null), -0.1),
  rule('cond', '$ex2:a ~be? above|over|higher|more than? the|its? ~average', ({ a }) => (a.kind === 'number' || a.kind === 'total' ? null : compare('>', a, { kind: 'total', fn: 'mean', of: a, by: [] })), 0.02),
  rule('cond', '$ex2:a ~be? below|under|lower|less than? the|its? ~average', ({ a }) => (a.kind === 'number' || a.kind === 'total' ? null : compare('<', a, { kind: 'total', fn: 'mean', of: a, by: [] })), 0.02),
  rule('cond', '$col:c ~be? ~more $num:n cents|cent|pence|$unit? above|over|higher than? the? ~average (of all|the? $rows|$col)?', ({ c, n }, x: Context) => (numeric(c, x) ? compare('>', column(c), { kind: 'op', op: '+', left: { kind: 'total', fn: 'mean', of: column(c), by: [] }, right: number(n) }) : null), 0.3),
  rule('cond', '~withA|with|having|above|of? an? =above-average $col:c', ({ c }, x: Context) => (numeric(c, x) ? compare('>', column(c), { kind: 'total', fn: 'mean', of: column(c), by: [] }) : null), 0),
  rule('cond', '~withA|with|having|of? an? =below-average $col:c', ({ c }, x: Context) => (numeric(c, x) ? compare('<', column(c), { kind: 'total', fn: 'mean', of: column(c), by: [] }) : null), 0),
  rule('cond', '$col:c ~be? =above-average', ({ c }, x: Context) => (numeric(c, x) ? compare('>', column(c), { kind: 'total', fn: 'mean', of: column(c), by: [] }) : null), 0),
  rule('cond', '$col:c ~be? =below-average', ({ c }, x: Context) => (numeric(c, x) ? compare('<', column(c), { kind: 'total', fn: 'mean', of: column(c), by: [] }) : null), 0),
  // 'Readings from February' are those of that month, in whatever year
  rule('rset', '$rows|$noun|$guess from the? month? of? $period:p', ({ p }, x: Context) => { const c = p.month !== undefined && p.day === undefined ? onlyDate(x) : null; return c && within(c, p, x); }, -0.4),
  rule('cond', '~more ~average $col:c', ({ c }, x: Context) => (numeric(c, x) ? compare('>', column(c), { kind: 'total', fn: 'mean', of: column(c), by: [] }) : null), 0.05),
  rule('cond', '~less ~average $col:c', ({ c }, x: Context) => (numeric(c, x) ? compare('<', column(c), { kind: 'total', fn: 'mean', of: column(c), by: [] }) : null), 0.05),
  // 'cone 6', 'gate B4': a figure that stands as a word in the texts of a column
  rule('cond', '$col:c $num:n', ({ c, n }, x: Context) => (columnOf(x.head, c).type === 'text' && !numeric(c, x) && !isDated(c, x) ? mentionsNumber(String(n), c, x) : null), 0.15),
  ...SIZES.map(([words, op]) => rule('cond', `$col:c ~be? at|opened|open|is|are? ${words} $clock:t`, ({ c, t }, x: Context) => atClock(op, c, t, x), 0)).flat(),
  rule('cond', '$col:c ~be? at|from|opened|open|is|are? $clock:t or later|after|over|more', ({ c, t }, x: Context) => atClock('>=', c, t, x), 0),
  rule('cond', '~be? from $clock:t on|onwards', ({ t }, x: Context) => { const c = onlyTime(x); return c === null ? null : atClock('>=', c, t, x); }, 0.1),
  rule('cond', '$col:c ~be? from $clock:t on|onwards?', ({ c, t }, x: Context) => atClock('>=', c, t, x), 0.02),
  rule('cond', '$col:c ~be? at|until|opened|open|is|are? $clock:t or earlier|before|less', ({ c, t }, x: Context) => atClock('<=', c, t, x), 0),
  rule('cond', '~be? from|between? $clock:a to|until|till|and|-|– $clock:b', ({ a, b }, x: Context) => { const c = onlyTime(x); const [low, high] = c === null ? [null, null] : [atClock('>=', c, a, x), atClock('<=', c, b, x)]; return low && high && a < b ? all([low, high]) : null; }, 0.05),
  rule('cond', '$col:c ~be? at? $clock:t', ({ c, t }, x: Context) => atClock('=', c, t, x), 0.1),
  // A value that also stands among others in a text: 'gigs where Ola worked'
  rule('inside', 'mr|mrs|ms|miss|dr|prof|mister|doctor .? ^$inside:v', ({ v }) => v, -0.05),
  rule('inside', '$value:v', ({ v }) => (v.loose ? { column: v.column, text: v.typed } : null), 0.1),
  rule('insides', '$inside:a', ({ a }) => [a], 0),
  rule('insides', '$inside:a ~list $insides:b', ({ a, b }) => (b[0].column === a.column ? [a, ...b] : null), 0),
  rule('cond', '$insides:v', ({ v }) => (v.length > 1 ? { kind: 'text', test: 'mentions', of: column(v[0].column), texts: v.map((o: { text: string }) => o.text) } : null), 0),
  rule('cond', '$insides:v ^$col:c', ({ v, c }) => (v[0].column === c ? { kind: 'text', test: 'mentions', of: column(c), texts: v.map((o: { text: string }) => o.text) } : null), 0),
  rule('rset', '$rows|$noun|$guess ~rel $inside:v ^~did|worked|works|helped|helps|was|is|came|comes|sang|plays|played|did|does|signed|signs', ({ v }) => ({ kind: 'text', test: 'mentions', of: column(v.column), texts: [v.text] }), 0.35),
  // 'Called Farm something': the name begins so.
  rule('cond', 'called|named? $inside:v something|whatever', ({ v }) => ({ kind: 'text', test: 'starts', of: column(v.column), texts: [v.text] }), -0.1),
  ...["isn't|aren't|wasn't|weren't", 'is|are|was|were not'].flatMap((no) => [
    rule('cond', `${no} $inside:v`, ({ v }) => not({ kind: 'text', test: 'mentions', of: column(v.column), texts: [v.text] }), 0.1),
    rule('rset', `the? $col:c ~rel ${no} $inside:v`, ({ c, v }) => (c === v.column ? not({ kind: 'text', test: 'mentions', of: column(c), texts: [v.text] }) : null), 0),
  ]).flat(),
  rule('cond', '$inside:v', ({ v }) => ({ kind: 'text', test: 'mentions', of: column(v.column), texts: [v.text] }), 0.1),
  rule('cond', '~be|~did|~withA $inside:v', ({ v }) => ({ kind: 'text', test: 'mentions', of: column(v.column), texts: [v.text] }), 0.1),
  rule('cond', '$col:c $inside:v', ({ c, v }) => (v.column === c ? { kind: 'text', test: 'mentions', of: column(c), texts: [v.text] } : null), 0.05),
  rule('cond', '~more $num:n $clockUnit:u late|behind|delayed', ({ n, u }, x: Context) => { const e = late(u, null, x); return e && compare('>', e, number(n)); }, 0),
  rule('cond', '~least $num:n $clockUnit:u late|behind|delayed', ({ n, u }, x: Context) => { const e = late(u, null, x); return e && compare('>=', e, number(n)); }, 0),
  rule('cond', '$word:w ~more $num:n $clockUnit:u late', ({ w, n, u }, x: Context) => { const e = late(u, w, x); return e && compare('>', e, number(n)); }, 0),
  rule('cond', '$ex2:a ~equals $ex1:b', ({ a, b }) => (a.kind === 'number' || (a.kind === 'column' && b.kind === 'column') ? null : compare('=', a, b)), 0.1),
  rule('cond', '$col:a ~sameAs $col:b', ({ a, b }) => (a === b ? null : compare('=', column(a), column(b))), 0.05),
  rule('cond', '$ex2:a ~equals $ex1:b', ({ a, b }) => (a.kind === 'column' && b.kind === 'column' ? compare('=', a, b) : null), 0.5),
  rule('cond', '$ex2:a ~differs $ex1:b', ({ a, b }) => (a.kind === 'number' ? null : compare('<>', a, b)), 0.1),
  rule('cond', '$ex2:a ~between $ex1:b ~fromTo $ex1:c ~bothIncluded?', ({ a, b, c }) => (a.kind === 'number' ? null : all([compare('>=', a, b), compare('<=', a, c)])), 0.05),
  // Reached, met, missed.
  rule('cond', '$ex2:a has|have? reached|reaches|met|meets|hit|hits|made|achieved the|its? $ex1:b', ({ a, b }) => sized('>=', a, b), 0.1),
  rule('cond', '$ex2:a has|have? missed|misses|failed|undershot the|its? $ex1:b', ({ a, b }) => sized('<', a, b), 0.1),
  rule('cond', '$ex2:a fell|falls|stayed|stays short of|below the|its? $ex1:b', ({ a, b }) => sized('<', a, b), 0.1),
  rule('cond', '$ex2:a has|have? beat|beats|exceeded|exceeds|topped|passed|surpassed the|its? $ex1:b', ({ a, b }) => sized('>', a, b), 0.1),
  rule('cond', "$col:a ~be ~filledWord but|and|while|yet the? $col:b isn't|aren't|not", ({ a, b }) => all([not(empty(a)), empty(b)]), 0),
  rule('cond', "$col:a ~be ~blankWord but|and|while|yet the? $col:b isn't|aren't|not", ({ a, b }) => all([empty(a), not(empty(b))]), 0),
  rule('cond', '$ex2:a ~be? < $ex1:b', ({ a, b }) => sized('<', a, b), 0),
  rule('cond', '$ex2:a ~be? > $ex1:b', ({ a, b }) => sized('>', a, b), 0),
  rule('cond', '$ex2:a >=|≥ $ex1:b', ({ a, b }) => sized('>=', a, b), 0),
  rule('cond', '$ex2:a <=|≤ $ex1:b', ({ a, b }) => sized('<=', a, b), 0),
  rule('cond', "$ex2:a didn't|doesn't|don't cover $ex1:b", ({ a, b }) => sized('<', a, b), 0),

  // What costs more than so much, what is older than a year, what a part of a text says
  ...SIZES.flatMap(([words, op]) => [
    rule('cond', `cost|costs|costing|costed|priced ~at? ${words} $num:n $unit|euros|euro|dollars|pounds|francs?`, ({ n }, x: Context) => { const c = priceColumn(x); return c && numbered(op, c, n); }, 0.1),
    rule('rset', `$rows ~rel? cost|costs|costing|costed|priced ~at? ${words} $num:n`, ({ n }, x: Context) => { const c = priceColumn(x); return c && numbered(op, c, n); }, 0.1),
  ]).flat(),
  rule('cond', '~be? older than $period:p', ({ p }, x: Context) => { const c = startColumn(x) ?? rowDate(x); return c && p.month === undefined ? onDate('<', c, p.from, x) : null; }, -0.15),
  rule('cond', '~be? newer|younger than $period:p', ({ p }, x: Context) => { const c = startColumn(x) ?? rowDate(x); return c && p.month === undefined ? onDate('>', c, p.to, x) : null; }, -0.15),
  rule('cond', '~not been? $col:c since|after|from $date:d', ({ c, d }, x: Context) => onDate('<', c, d, x), 0.05),
  rule('cond', '~not been? $col:c since|after|from $period:p', ({ c, p }, x: Context) => { const w = relative('<', c, p, x); return w && (hasBlanks(c, x) ? any([w, empty(c)]) : w); }, 0.05),
  rule('cond', '~not been? $col:c in|during|for $period:p', ({ c, p }, x: Context) => { const w = within(c, p, x); return w && not(w); }, 0.05),
  rule('cond', '~withA|~contains|code $codeIn:v', ({ v }) => ({ kind: 'text', test: 'mentions', of: column(v.column), texts: [v.text] }), 0.05),
  rule('rset', '$rows|$guess ~withA|~contains|code? code|value|error|fault? $codeIn:v', ({ v }) => ({ kind: 'text', test: 'mentions', of: column(v.column), texts: [v.text] }), 0.05),

  rule('rset', '$rows|$guess with|containing|mentioning|having|that|which mention|mentions|say|says|contain|contains? the? word|text|term|phrase? $word:w in|inside|within|under the|their|its? $col:c', ({ w, c }, x: Context) => mentionsWord(w, c, x), 0.05),
  rule('cond', '$col:c mention|mentions|say|says|talks|talk about|of? an? $word:w', ({ w, c }, x: Context) => mentionsWord(w, c, x), 0.1),

  rule('rset', '$rows|$guess ~rel? $remark? ~open $values:v ~close', ({ v }) => (new Set(v.map((o: Value) => o.column)).size === 1 ? among(v[0].column, v.map((o: Value) => o.text)) : null), 0.1),

  // Whole rows
  rule('cond', 'everything|all columns|fields|cells|values? ^~be ~blankWord', (_s, x: Context) => all(x.head.columns.map((c) => empty(c.name))), 0),
  rule('cond', 'every|each column|field|cell|value ^~be ~blankWord', (_s, x: Context) => all(x.head.columns.map((c) => empty(c.name))), 0),
  rule('cond', 'nothing|none is|are|was|were|has|have been? ~filledWord|entered|given|in at? all?', (_s, x: Context) => all(x.head.columns.map((c) => empty(c.name))), 0),
  rule('rset', 'completely|entirely|totally|fully|all|wholly ~blankWord $rows', (_s, x: Context) => all(x.head.columns.map((c) => empty(c.name))), 0),
  rule('rset', '$rows that|which ~be completely|entirely|totally|fully|wholly ~blankWord', (_s, x: Context) => all(x.head.columns.map((c) => empty(c.name))), 0),
  rule('rset', '$rows ~withA any|some|at blank|missing|least cells|values|one|fields? blank|missing? value|cell|values|cells', (_s, x: Context) => any(x.head.columns.map((c) => empty(c.name))), 0.1),

  // What can be found in a text
  rule('cond', '~be? there? a|an|any|the|some? $inside:v ~be? mentioned|noted|written|found|named|quoted|listed? in|inside|on|under the|our|their|its? $col:c', ({ v, c }) => (v.column === c ? { kind: 'text', test: 'mentions', of: column(c), texts: [v.text] } : null), 0.05),
  rule('cond', '$col:c ~contains|~withA a|an|any|some|at? least? one? $what:w', ({ c, w }, x: Context) => (columnOf(x.head, c).type === 'text' && !(w.kind === 'sort' && w.sort === 'number' && numeric(c, x)) ? { kind: 'holds', what: w, of: column(c) } : null), 0.1),
  rule('cond', '~withA a|an|any|some? $what:w in|inside|within the|their|its? $col:c', ({ c, w }, x: Context) => (columnOf(x.head, c).type === 'text' ? { kind: 'holds', what: w, of: column(c) } : null), 0.1),
  rule('cond', "$col:c ~not a|an|any? valid|proper|real|correct|genuine|well-formed|right $what:w", ({ c, w }, x: Context) => (columnOf(x.head, c).type === 'text' ? not({ kind: 'holds', what: w, of: column(c) }) : null), 0),
  rule('cond', '$col:c ~be a|an|any? valid|proper|real|correct|genuine|well-formed|right $what:w', ({ c, w }, x: Context) => (columnOf(x.head, c).type === 'text' ? { kind: 'holds', what: w, of: column(c) } : null), 0),
  rule('cond', '$col:c ~be not|in-? valid|proper|real|correct|well-formed|right', ({ c }, x: Context) => { const w = sortOf(c, x); return w && not({ kind: 'holds', what: w, of: column(c) }); }, 0),
  rule('cond', '~withA an? invalid|wrong|malformed|broken $col:c', ({ c }, x: Context) => { const w = sortOf(c, x); return w && not({ kind: 'holds', what: w, of: column(c) }); }, 0),
  rule('cond', '$col:c ~be invalid|malformed', ({ c }, x: Context) => { const w = sortOf(c, x); return w && not({ kind: 'holds', what: w, of: column(c) }); }, 0),

  // Dates
  rule('cond', '$col:c ~be? ~between $date:a ~fromTo $date:b ~bothIncluded?', ({ c, a, b }, x: Context) => (isDated(c, x) ? all([compare('>=', column(c), { kind: 'date', value: a }), compare('<=', column(c), { kind: 'date', value: b })]) : null), 0),
  rule('cond', '$col:c ~be? in|during|from|between|of $period:p ~bothIncluded?', ({ c, p }, x: Context) => within(c, p, x), 0.02),
  rule('cond', '$rows? ~be? $col:c $period:p', ({ c, p }, x: Context) => within(c, p, x), 0.2),
  rule('cond', '$period:p', ({ p }, x: Context) => { const c = onlyDate(x); return c && within(c, p, x); }, 0.2),
  rule('cond', 'in|during|from|of $period:p', ({ p }, x: Context) => { const c = onlyDate(x); return c && within(c, p, x); }, 0.15),
  rule('cond', '$col:c ~be? on|equals|is $date:d', ({ c, d }, x: Context) => onDate('=', c, d, x), 0.05),

  // Values and texts
  rule('values', '$value:v', ({ v }) => [v], 0),
  rule('values', '$value:v ^/ ^$values:r', ({ v, r }) => (r[0].column === v.column && !r.some((o: Value) => o.text === v.text) ? [v, ...r] : null), 0.1),
  rule('cond', "~have|~be ~not been? ~given|assigned an? $col:c yet?", ({ c }) => empty(c), 0),
  rule('values', '$value:v ~list $values:r', ({ v, r }) => (r[0].column === v.column && !r.some((o: Value) => o.text === v.text) ? [v, ...r] : null), 0),
  rule('texts', '$text:t', ({ t }) => [t], 0),
  rule('texts', '$text:t ~list $texts:r', ({ t, r }) => [t, ...r], 0),
  rule('cond', '$values:v', ({ v }) => v.some((o: Value) => o.loose) ? null : among(v[0].column, v.map((o: Value) => o.text)), 0.05),
  rule('cond', '~be $values:v', ({ v }) => among(v[0].column, v.map((o: Value) => o.text)), 0.05),
  rule('cond', '~not $values:v', ({ v }) => not(among(v[0].column, v.map((o: Value) => o.text))), 0.1),
  rule('cond', '~be ~not $values:v', ({ v }) => not(among(v[0].column, v.map((o: Value) => o.text))), 0.05),
  rule('cond', '$col:c ~equals $values:v', ({ c, v }) => { const t = valuesOf(v, c); return t && among(c, t); }, 0),
  rule('cond', '$col:c $values:v', ({ c, v }) => { const t = valuesOf(v, c); return t && among(c, t); }, 0.05),
  rule('cond', '$values:v $col:c', ({ c, v }) => { const t = valuesOf(v, c); return t && among(c, t); }, 0.05),
  rule('cond', '$col:c ~equals either|one? of? $texts:t', ({ c, t }) => among(c, t), 0),
  rule('cond', '$col:c ~differs $values:v', ({ c, v }) => { const t = valuesOf(v, c); return t && not(among(c, t)); }, 0),
  rule('cond', '$col:c ~differs $texts:t', ({ c, t }) => not(among(c, t)), 0),
  ...([['~contains', 'contains'], ['~starts', 'starts'], ['~ends', 'ends']] as const).flatMap(([words, test]) => [
    rule('cond', `$col:c ${words} the? word|words|text|letters? $texts:t`, ({ c, t }) => ({ kind: 'text', test, of: column(c), texts: t }), 0),
    rule('cond', `$col:c ~not ${words} $texts:t`, ({ c, t }) => not({ kind: 'text', test, of: column(c), texts: t }), 0),
    rule('cond', `$col:c ${words} $code:t`, ({ c, t }) => ({ kind: 'text', test, of: column(c), texts: [t] }), test === 'contains' ? 0.55 : 0.2),
  ]).flat(),
  rule('cond', '$col:c|it has|have the? word|words? $plainWords:t', ({ c, t }, x: Context) => (c === undefined || columnOf(x.head, c).type !== 'text' || !t.some((w: string) => sampleOf(c, x).some((v) => finder({ kind: 'words', words: [w] })(v).length > 0)) ? null : mentionsAll(c, t, x)), 0.6),
  rule('cond', '$col:c ~contains the? word|words? $plainWords:t', ({ c, t }, x: Context) => mentionsAll(c, t, x), 0.3),
  rule('cond', '$col:c ~contains the? word|words? $plainWords:t', ({ c, t }, x: Context) => (t.length > 2 ? mentionsAll(c, t, x) : null), 0),
  rule('plainWords', '$word:w', ({ w }) => bothNumbers(w), 0),
  rule('plainWords', '$word:w ^$word:v', ({ w, v }) => (NO_WORD.test(w) || NO_WORD.test(v) ? null : [`${w} ${v}`.toLowerCase()]), 0.3),
  rule('plainWords', '$word:w ^$word:v or|, $plainWords:r', ({ w, v, r }) => (NO_WORD.test(w) || NO_WORD.test(v) ? null : [`${w} ${v}`.toLowerCase(), ...r]), 0.3),
  rule('plainWords', '$word:w or|, $plainWords:r', ({ w, r }) => { const own = bothNumbers(w); return own && [...new Set([...own, ...r])]; }, 0),
  rule('code', '$word:w', ({ w }) => (/^[A-Z]{1,5}$|\d/.test(w) ? w : null), 0),

  // Blanks
  // Of an amount, 'nothing' is none or zero.
  rule('cond', 'something|anything|an|a entry|value|date? in|under|entered the? $col:c', ({ c }) => not(empty(c)), 0.2),
  rule('cond', '$col:c ~be? ~more the? overall|general|total|whole? ~average (of all $rows?)?', ({ c }, x: Context) => (numeric(c, x) ? compare('>', column(c), { kind: 'total', fn: 'mean', of: column(c), by: [] }) : null), 0),
  rule('cond', '$col:c ~be? ~less the? overall|general|total|whole? ~average (of all $rows?)?', ({ c }, x: Context) => (numeric(c, x) ? compare('<', column(c), { kind: 'total', fn: 'mean', of: column(c), by: [] }) : null), 0),
  ...([['~more', '>'], ['~less', '<']] as const).map(([words, op]) => rule('cond', `$col:c ~be? ${words} the|its|their? ~average of|in|for|within|among the|its|their|that same|own? $col:g`, ({ c, g }, x: Context) => (numeric(c, x) && c !== g && columnOf(x.head, g).type === 'text' ? compare(op, column(c), { kind: 'total', fn: 'mean', of: column(c), by: [g] }) : null), 0)).flat(),
  rule('cond', 'in|during|from|of? $period:p ,? going? by|according|judging to|by? the? $col:c', ({ p, c }, x: Context) => within(c, p, x), 0),
  // 'Calls longer than 20 minutes': how long a row lasted, where it begins and ends
  ...([['longer', '>'], ['shorter', '<']] as const).map(([words, op]) => rule('rset', `$rows ~rel? ~be|lasted|lasting|took|taking? ${words} than? $num:n $spanUnit:u`, ({ n, u }, x: Context) => spanned(op, u, n, x), 0.15)).flat(),
  // 'Bookings of at least a week', 'bookings of seven nights or more'
  ...SIZES.map(([words, op]) => rule('rset', `$rows of|for|with ${words} $num:n $spanUnit:u`, ({ n, u }, x: Context) => spanned(op, u, n, x), 0.1)),
  ...([['~orMore', '>='], ['~orLess', '<=']] as const).map(([words, op]) => rule('rset', `$rows of|for|with $num:n $spanUnit:u ${words}`, ({ n, u }, x: Context) => spanned(op, u, n, x), 0.1)),
  rule('cond', '$col:c ~be? nothing', ({ c }, x: Context) => (numeric(c, x) ? any([empty(c), compare('=', column(c), number(0))]) : null), -0.1),
  rule('cond', '$col:c ~be? ~blankWord', ({ c }) => empty(c), 0.02),
  rule('cond', '$col:c ~be not ~blankWord', ({ c }) => not(empty(c)), 0),
  rule('cond', '$col:c ~differs ~blankWord', ({ c }) => not(empty(c)), 0),
  rule('cond', '$col:c ~be? ~filledWord', ({ c }) => not(empty(c)), 0.02),
  rule('cond', '~blankWord $col:c', ({ c }) => empty(c), 0.25),
  rule('cond', '~withA $col:a but|and|yet ~without $col:b', ({ a, b }, x: Context) => all([countsFromZero(a, x) ? compare('>', column(a), number(0)) : not(empty(a)), countsFromZero(b, x) && !hasBlanks(b, x) ? compare('=', column(b), number(0)) : orZero(empty(b), x)]), 0.1),
  // 'No visits' may be a blank or a zero: where the column has both, it is asked.
  rule('cond', '$rows? ~without $col:c yet?', ({ c }, x: Context) => (countsFromZero(c, x) && !hasBlanks(c, x) ? compare('=', column(c), number(0)) : empty(c)), 0.02),
  rule('cond', '$rows? ~without $col:c yet?', ({ c }, x: Context) => (countsFromZero(c, x) && hasBlanks(c, x) ? any([empty(c), compare('=', column(c), number(0))]) : null), 0.02),
  rule('cond', '~withA $col:c', ({ c }, x: Context) => (saysYes(c, x) ? null : countsFromZero(c, x) ? compare('>', column(c), number(0)) : not(empty(c))), 0.3),

  // 'that lay longer than two days'
  ...SIZES.flatMap(([words, op]) => rule('cond', `took|lasted|lay|stayed|waited|stood|sat|remained|needed|ran|spent|was|were|been $whereabouts? ${words} $num:n $spanUnit:u $whereabouts?`, ({ n, u }, x: Context) => spanned(op, u, n, x), 0.05)),
  ...SIZES.flatMap(([words, op]) => rule('cond', `took|lasted|lay|stayed|waited|stood|sat|remained|needed|ran|spent|was|were|been? ${words} $num:n $spanUnit:u from|between the? $col:a to|until|till|and|- the? $col:b`, ({ n, u, a, b }, x: Context) => (a === b ? null : spanned(op, u, n, x, [a, b])), -0.1)),
  ...SIZES.flatMap(([words, op]) => rule('cond', `from|between the? $col:a to|until|till|and|- the? $col:b took|lasted|is|was|are|were|lie|lies|passed|went ${words} $num:n $spanUnit:u by?`, ({ n, u, a, b }, x: Context) => (a === b ? null : spanned(op, u, n, x, [a, b])), -0.1)),
  // 'That took more than 14 days from booking'
  ...SIZES.flatMap(([words, op]) => rule('cond', `took|lasted|lay|stayed|waited|stood|were|was|been|needed|are|is|came? ${words} $num:n $spanUnit:u from|after|since|behind the? $col:a`, ({ n, u, a }, x: Context) => { const b = readsAsDate(x.head, a) ? otherDate(a, x) : null; return b === null ? null : spanned(op, u, n, x, [a, b]); }, -0.2)),
  // 'More than ten minutes late'
  ...SIZES.map(([words, op]) => rule('cond', `~be? ${words} $num:n $spanUnit:u too? late|overdue|behind|delayed`, ({ n, u }, x: Context) => { const e = overdue(u === 'weeks' ? 'days' : u, x); return e && compare(op, e, number(u === 'weeks' ? n * 7 : n)); }, 0)),
  // 'Leaves is more than five days after arrives'
  ...SIZES.flatMap(([words, op]) => [
    rule('cond', `$col:b ~be|lies|lie|falls|comes|came? ${words} $num:n $spanUnit:u after|behind the|its|their? $col:a`, ({ n, u, a, b }, x: Context) => (a === b ? null : spanned(op, u, n, x, [a, b])), -0.2),
    rule('cond', `$col:a ~be|lies|lie|falls|comes|came? ${words} $num:n $spanUnit:u before|ahead of? the|its|their? $col:b`, ({ n, u, a, b }, x: Context) => (a === b ? null : spanned(op, u, n, x, [a, b])), -0.2),
  ]),
  rule('cond', 'the|it|they|he|she? $rows|$word? took|lasted|needed|take|lasts|takes $cond:c', ({ c }) => c, 0.15),
  rule('cond', '$cond:c live|lives|living|are|is|live there|here', ({ c }) => c, 0.05),

  rule('cond', '$cond:c or|and ~be? ~blankWord', ({ c }) => { const of = c.kind === 'compare' ? c.left : c.kind === 'among' ? c.of : null; return of?.kind === 'column' ? any([c, { kind: 'empty', of }]) : null; }, 0.05),
  rule('cond', 'it|they? ~tookIt ~more $num:n days to|until|for $col:b the? $rows?', ({ n, b }, x: Context) => { const e = spanTo(b, x); return e && compare('>', e, number(n)); }, 0),
  rule('cond', 'it|they? ~tookIt ~less $num:n days to|until|for $col:b the? $rows?', ({ n, b }, x: Context) => { const e = spanTo(b, x); return e && compare('<', e, number(n)); }, 0),
  rule('cond', 'it|they? ~tookIt ~least $num:n days to|until|for $col:b the? $rows?', ({ n, b }, x: Context) => { const e = spanTo(b, x); return e && compare('>=', e, number(n)); }, 0),
  rule('cond', 'it|they? ~tookIt ~most $num:n days to|until|for $col:b the? $rows?', ({ n, b }, x: Context) => { const e = spanTo(b, x); return e && compare('<=', e, number(n)); }, 0),

  // 'not paid in full': less than what was to be paid
  rule('cond', '~be|~have? we|they|he|she? ~not been? $col:c in full', ({ c }, x: Context) => { const due = dueFor(c, x); return due && compare('<', { kind: 'orElse', of: column(c), otherwise: number(0) }, due); }, 0),
  rule('cond', '~be|~have? we|they|he|she? ~not been? fully|completely|entirely $col:c', ({ c }, x: Context) => { const due = dueFor(c, x); return due && compare('<', { kind: 'orElse', of: column(c), otherwise: number(0) }, due); }, 0),
  rule('cond', '~be|~have? we|they|he|she? been? fully|completely|entirely $col:c', ({ c }, x: Context) => { const due = dueFor(c, x); return due && compare('>=', column(c), due); }, 0),
  rule('cond', '~be|~have? we|they|he|she? been? $col:c in full', ({ c }, x: Context) => { const due = dueFor(c, x); return due && compare('>=', column(c), due); }, 0),
  rule('cond', 'there ~be some|any|a|an $col:c', ({ c }) => not(empty(c)), 0),
  rule('cond', '$col:c ~withA|~contains an? $mark:m', ({ c, m }, x: Context) => (columnOf(x.head, c).type === 'text' && /^[?!@#&*]$/.test(m) ? { kind: 'text', test: 'contains', of: column(c), texts: [m] } : null), 0),
  rule('cond', 'none|nothing|no ~be $col:c', ({ c }, x: Context) => (numeric(c, x) ? any([empty(c), compare('=', column(c), number(0))]) : empty(c)), 0),
  rule('cond', 'no|none of? $guess|$rows|$noun ~be $col:c', ({ c }, x: Context) => (numeric(c, x) ? any([empty(c), compare('=', column(c), number(0))]) : empty(c)), 0.02),
  rule('rset', '$word|$col|$guess? $guess|$rows|$noun ,|- i.e|ie|meaning|namely|so|hence|that|which is|means? ,|:? ~rel? $cond:c', ({ c }) => c, 0.15),
  rule('rset', '$word? $guess|$rows ~open $cond:c ~close', ({ c }) => c, 0.2),
  rule('rset', '$rows|$guess|$noun $remark ,|:? so|meaning|namely|hence ~rel? $cond:c', ({ c }) => c, 0.1),
  // Columns that say yes or no: 'the active ones', 'not active', 'unpaid'
  rule('cond', 'under|on|with|in $yesno:y', ({ y }) => says(y, true), 0.05),
  rule('cond', 'not|without under|on|with|in? $yesno:y', ({ y }) => says(y, false), 0.05),
  rule('cond', 'took|takes|take|had|has|have|includes|included|include|booked|ordered|wanted|wants|got|gets $yesno:y', ({ y }) => says(y, true), 0.1),
  rule('cond', '~be $yesno:y', ({ y }) => says(y, true), 0.02),
  rule('cond', '~be? ~not $yesno:y', ({ y }) => says(y, false), 0.02),
  rule('cond', '$noyes:y', ({ y }) => says(y, false), 0.05),
  rule('cond', '~be $noyes:y', ({ y }) => says(y, false), 0.02),
  rule('rset', '$yesno:y $rows|$guess|$noun', ({ y }) => says(y, true), 0.05),
  // 'the cancelled ones', 'those that were insured': what a column of 'Cancelled by', 'Insured for' says of a row
  rule('rset', '$col:c ^$rows', ({ c }, x: Context) => (done(c, x) ? not(empty(c)) : null), 0.15),
  rule('cond', '~be $col:c', ({ c }, x: Context) => (done(c, x) ? not(empty(c)) : null), 0.3),
  rule('cond', '$col:c ~be? not ~given', ({ c }) => empty(c), 0.1),
  rule('cond', 'not ~be? $col:c yet?', ({ c }, x: Context) => (isDated(c, x) ? empty(c) : null), 0.1),
  rule('cond', 'not|never ~be? $col:c yet', ({ c }, x: Context) => (isDated(c, x) ? empty(c) : null), -0.15),
  rule('cond', '~be not ~be? $col:c yet', ({ c }, x: Context) => (isDated(c, x) ? empty(c) : null), -0.15),
  rule('cond', '~be? not ~be? $col:c yet?', ({ c }, x: Context) => (isDated(c, x) ? empty(c) : null), 0.1),
  rule('cond', '$datedPeriod:d', ({ d }, x: Context) => within(d.column, d.period, x), 0),
  rule('cond', 'in|during|from|of|between $datedPeriod:d', ({ d }, x: Context) => within(d.column, d.period, x), -0.05),
  rule('cond', 'have|has|had|was|were? never been? $col:c', ({ c }) => empty(c), 0.05),
  rule('cond', '~be? neither $values:a nor|or $values:b', ({ a, b }) => (a[0].column === b[0].column ? not(among(a[0].column, [...a, ...b].map((o: Value) => o.text))) : null), -0.1),
  rule('cond', '$col:c ~be? neither $values:a nor|or $values:b', ({ c, a, b }) => { const t = valuesOf([...a, ...b], c); return t && not(among(c, t)); }, -0.1),
  rule('cond', 'with|have|has|having|of zero|0 $col:c', ({ c }, x: Context) => (numeric(c, x) ? compare('=', column(c), number(0)) : null), 0),
  rule('cond', '$col:c says|say|reads|read the? word|words? $plainWords:t', ({ c, t }) => ({ kind: 'text', test: 'mentions', of: column(c), texts: t }), 0.3),
  rule('cond', 'must|should|needs|need|has|have to? $yesno:y', ({ y }) => says(y, true), 0.05),
  rule('cond', '$col:c ~be? in|during|from|between? the? week|days|time|period|span|stretch from|of|between? $period:p ~bothIncluded?', ({ c, p }, x: Context) => within(c, p, x), 0.02),
  rule('cond', 'more|higher ~be? $col:a than the? $ex1:b', ({ a, b }, x: Context) => (numeric(a, x) ? sized('>', column(a), b) : null), 0.02),
  rule('cond', 'less|fewer|lower ~be? $col:a than the? $ex1:b', ({ a, b }, x: Context) => (numeric(a, x) ? sized('<', column(a), b) : null), 0.02),
  rule('cond', 'with|having|that|which|have|has|had? more $col:a than the? $ex1:b', ({ a, b }, x: Context) => (numeric(a, x) ? sized('>', column(a), b) : null), 0),
  rule('cond', 'with|having|that|which|have|has|had? less|fewer $col:a than the? $ex1:b', ({ a, b }, x: Context) => (numeric(a, x) ? sized('<', column(a), b) : null), 0),
  rule('numbers', '$num:n', ({ n }) => [n], 0),
  rule('numbers', '$num:n or|,|and $numbers:r', ({ n, r }) => [n, ...r], 0),
  rule('cond', '$col:c :|,? ^$numbers:n', ({ c, n }, x: Context) => (numeric(c, x) ? any(n.map((v: number) => compare('=', column(c), number(v)))) : null), 0.3),
  rule('cond', '$col:c ~be either? $numbers:n', ({ c, n }, x: Context) => (numeric(c, x) && n.length > 1 ? any(n.map((v: number) => compare('=', column(c), number(v)))) : null), 0.05),
  rule('cond', 'on|at $period:p', ({ p }, x: Context) => { const c = p.day === undefined ? null : onlyDate(x); return c && within(c, p, x); }, 0.1),
  rule('rset', '$rows|$noun ~rel ~did|drove|went $col:c nothing|none', ({ c }, x: Context) => orZero(empty(c), x), 0.1),
  rule('cond', 'there? ~be none|nothing|no in|for|at|on $col:c', ({ c }, x: Context) => (numeric(c, x) ? any([empty(c), compare('=', column(c), number(0))]) : empty(c)), 0.05),
  rule('rset', '$rows ~rel $word ~without $col:c', ({ c }, x: Context) => (countsFromZero(c, x) && !hasBlanks(c, x) ? compare('=', column(c), number(0)) : numeric(c, x) ? any([empty(c), compare('=', column(c), number(0))]) : empty(c)), 0.4),
  rule('rset', '$rows ~rel $yesno:y', ({ y }) => says(y, true), -0.1),
  rule('rset', '$rows ~rel ~not $yesno:y', ({ y }) => says(y, false), -0.1),
  rule('cond', 'have|has|had not $col:c anything|yet|nothing|at? all?', ({ c }, x: Context) => (numeric(c, x) ? any([empty(c), compare('=', column(c), number(0))]) : empty(c)), 0.3),
  rule('cond', "haven't|hasn't|hadn't $col:c anything|yet|nothing|at? all?", ({ c }, x: Context) => (numeric(c, x) ? any([empty(c), compare('=', column(c), number(0))]) : empty(c)), 0.3),
  rule('abbrs', '$abbr:a', ({ a }) => [a], 0),
  rule('abbrs', '$abbr:a or|,|and $abbrs:r', ({ a, r }) => [a, ...r], 0),
  rule('cond', '$col:c ~starts $abbrs:t', ({ c, t }) => ({ kind: 'text', test: 'starts', of: column(c), texts: t }), 0.1),
  rule('cond', '$col:c ~ends $abbrs:t', ({ c, t }) => ({ kind: 'text', test: 'ends', of: column(c), texts: t }), 0.1),
  rule('cond', '$rows with $col:c', ({ c }, x: Context) => (saysYes(c, x) ? null : not(empty(c))), 0.3),
  // 'power tools', 'good condition': a value with the noun it belongs to
  rule('cond', '$values:v ^$col:c', ({ v, c }, x: Context) => (columnOf(x.head, c).type === 'text' && v[0].column !== c && !v.some((o: Value) => o.loose) ? among(v[0].column, v.map((o: Value) => o.text)) : null), 0.3),
  rule('rset', '$rows $values:v $word out|up|in|off?', ({ v }) => among(v[0].column, v.map((o: Value) => o.text)), 0.4),
  // 'Under 86 or over 90'; joined by 'and' it is the same where no number could be both.
  ...([['~less', '<', '~more', '>'], ['~most', '<=', '~least', '>='], ['~less', '<', '~least', '>='], ['~most', '<=', '~more', '>']] as const).flatMap(([down, low, up, high]) => [
    rule('cond', `$ex2:e ~be? ${down} $num:a or|and ~be? ${up} $num:b`, ({ e, a, b }) => (e.kind === 'number' || a >= b ? null : any([compare(low, e, number(a)), compare(high, e, number(b))])), -0.05),
    rule('cond', `$ex2:e ~be? ${up} $num:b or|and ~be? ${down} $num:a`, ({ e, a, b }) => (e.kind === 'number' || a >= b ? null : any([compare(low, e, number(a)), compare(high, e, number(b))])), -0.05),
  ]).flat(),
  rule('rset', '$rows ~rel run|ran|runs|last|lasts|lasted|take|takes|took|weigh|weighs|weighed|hold|holds|held|reach|reached|measure|measures|measured|cover|covers $cond:c', ({ c }) => (c.kind === 'compare' ? c : null), 0.05),
  // Joined
  rule('cond', '$col:a ~or $col:b ~be? ~blankWord', ({ a, b }) => (a === b ? null : any([empty(a), empty(b)])), 0.05),
  rule('cond', 'either? $col:a or|and $col:b ~be ~not|~blankWord ~given|there', ({ a, b }) => (a === b ? null : any([empty(a), empty(b)])), 0.1),
  rule('cond', '$col:c ~be ~blankWord or|and zero|0|nothing|nil', ({ c }, x: Context) => (numeric(c, x) ? any([empty(c), compare('=', column(c), number(0))]) : null), -0.1),
  rule('cond', '$col:c ~be zero|0|nothing|nil or|and ~blankWord', ({ c }, x: Context) => (numeric(c, x) ? any([empty(c), compare('=', column(c), number(0))]) : null), -0.1),
  // 'An above-average charge'
  ...([['above-average', '>'], ['below-average', '<']] as const).flatMap(([words, op]) => [
    rule('cond', `with|having? an? ${words} $col:c`, ({ c }, x: Context) => (numeric(c, x) ? compare(op, column(c), { kind: 'total', fn: 'mean', of: column(c), by: [] }) : null), 0.1),
    rule('cond', `$col:c ~be? ${words} average`, ({ c }, x: Context) => (numeric(c, x) ? compare(op, column(c), { kind: 'total', fn: 'mean', of: column(c), by: [] }) : null), 0),
  ]).flat(),
  // 'What was paid in cash'
  rule('cond', '~be? paid|settled|sent|shipped|delivered|bought|ordered|booked|transferred|collected|taken in|by|with|via|through ^$values:v', ({ v }) => among(v[0].column, v.map((o: Value) => o.text)), -0.05),
  // 'The jobs done by Joost', 'everything handled by her'
  rule('cond', 'done|made|handled|carried|performed|led|run|booked|sold|given|held|worked|served|taken|written|brought|signed|finished|entered|cleaned|driven|taught out|in|off|up? by $values:v', ({ v }) => among(v[0].column, v.map((o: Value) => o.text)), 0.05),
  rule('rset', 'not $col:c yet? ones|$rows|$noun', ({ c }, x: Context) => (isDated(c, x) ? empty(c) : null), 0.05),
  // What was paid for a row, where one amount says what it was thought to be
  ...SIZES.flatMap(([words, op]) => [
    rule('cond', `went|sold|fetched|made|brought|cost|got|paid|raised|reached|is|are|was|were for|at|in? ${words} the|its|their|it|they|what? (was|were)? ^$col:b (at|to|for)?`, ({ b }, x: Context) => { const a = soldFor(x, b); return a !== null && ESTIMATED.test(b) ? compare(op, column(a), column(b)) : null; }, 0.1),
    rule('cond', `~be? sold|went|go|fetched|brought|made|bought|paid|raised for|in|at? ${words} $num:n pounds|pound|euros|euro|dollars|francs|£|€|\\$`, ({ n }, x: Context) => { const a = soldFor(x); return a === null ? null : compare(op, column(a), number(n)); }, -0.1),
  ]).flat(),
  // 'Groups that came more than once': rows of values that several rows have
  rule('rset', '$col:g ~rel $word|~did|~have|~be $word|here|there|in? up? $severalTimes:n', ({ g, n }, x: Context) => (groupable(g, x) && !namesRows(g, x.vocabulary) ? compare('>', rowsCounted([g]), number(n)) : null), 0),
  rule('cond', '~be? still|yet? waiting? to be ^$col:c', ({ c }, x: Context) => (isDated(c, x) && hasBlanks(c, x) ? empty(c) : null), -0.2),
  rule('cond', '~have|~say|~contains|~mention|says|say|saying|with the? word? ^$word:w in|inside|within|under the|its|their|his|her? $col:c', ({ w, c }, x: Context) => (w.length > 2 && !SMALL_WORDS.has(w.toLowerCase()) && finds2(w, c, x) ? { kind: 'text', test: 'mentions', of: column(c), texts: [w] } : null), 0.1),
  rule('rset', '$col:c ~rel say|says|mention|mentions|complain|complains|tell|tells|write|writes|report|reports that|of|about|how? something|somebody|anything|things|it|they? ~be|was|were|got|gets? too|very|so? ^$word:w', ({ c, w }, x: Context) => (columnOf(x.head, c).type === 'text' && w.length > 2 && !SMALL_WORDS.has(w.toLowerCase()) && finds2(w, c, x) ? { kind: 'text', test: 'mentions', of: column(c), texts: [w] } : null), 0.1),
  rule('cond', '$col:c ~be? from|between|since? $period:a ~fromTo $period:b ,? ~bothIncluded?', ({ c, a, b }, x: Context) => { if (a.day === undefined || b.day === undefined) return null; const [low, high] = [relative('>=', c, a, x), relative('<=', c, b, x)]; return low && high && all([low, high]); }, -0.1),
  // 'November and December 2025': the year stands once
  rule('periods', '$period:a and|or|& $period:b', ({ a, b }) => (a.day === undefined && b.day === undefined ? [inYearOf(a, b), b] : null), 0),
  rule('periods', '$period:a , $periods:b', ({ a, b }) => (a.day === undefined ? [inYearOf(a, b[0]), ...b] : null), 0),
  rule('cond', '$col:c ~be? in|during|from|of $periods:p', ({ c, p }, x: Context) => { const all = p.map((one: Period) => within(c, one, x)); return all.every((w: Condition | null) => w !== null) ? any(all) : null; }, -0.1),
  rule('cond', 'in|during|from|of $periods:p', ({ p }, x: Context) => { const c = onlyDate(x), all = c === null ? [null] : p.map((one: Period) => within(c, one, x)); return all.every((w: Condition | null) => w !== null) ? any(all as Condition[]) : null; }, -0.1),
  rule('rset', '$periods:p $rows|$noun|$guess', ({ p }, x: Context) => { const c = onlyDate(x), all = c === null ? [null] : p.map((one: Period) => within(c, one, x)); return all.every((w: Condition | null) => w !== null) ? any(all as Condition[]) : null; }, 0),
  // 'Sponsored episodes', 'anything damaged': the column that says by whom, or how
  rule('rset', '$filledBy:c ^$rows|$noun|$guess', ({ c }) => not(empty(c)), 0.1),
  rule('rset', 'anything|everything|whatever|something|all ~be? $filledBy:c', ({ c }) => not(empty(c)), 0.1),
  rule('cond', '~be $filledBy:c', ({ c }) => not(empty(c)), 0.1),
  rule('cond', '~be? ~not $filledBy:c', ({ c }) => empty(c), 0.1),
  rule('rset', 'what|whatever|everything|all|anything ^$values:v ^$word:w out|up|in|off|back|over?', ({ v, w }) => (/(?:ed|ent|ok|ave|old|ought|ade|ove|ote|an)$/.test(w) ? among(v[0].column, v.map((o: Value) => o.text)) : null), 0.3),
  rule('toldWords', '$word:w', ({ w }) => (SMALL_WORDS.has(w.toLowerCase()) || w.length < 3 ? null : [w]), 0),
  rule('toldWords', '$word:w or|, $toldWords:r', ({ w, r }) => (SMALL_WORDS.has(w.toLowerCase()) || w.length < 3 ? null : [w, ...r]), 0),
  // 'Whose behaviour says friendly or gentle', where one of them stands among other words
  rule('cond', '$col:c say|says|mention|mentions|speaks|talks|reads of|about? something|somebody? $toldWords:t', ({ c, t }, x: Context) => (columnOf(x.head, c).type === 'text' && t.some((w: string) => x.vocabulary.values.get(w.toLowerCase())?.some((v) => v.column === c)) && t.some((w: string) => finds2(w, c, x)) && t.every((w: string) => finds2(w, c, x) || x.vocabulary.values.get(w.toLowerCase())?.some((v) => v.column === c)) ? { kind: 'text', test: 'mentions', of: column(c), texts: t } : null), -0.5),
  rule('cond', '~withA? neither a|an|any? $col:a nor|or a|an|any? $col:b', ({ a, b }) => (a === b ? null : all([empty(a), empty(b)])), -0.1),
  // 'Still here': what ends a row has not come yet
  rule('cond', '~be? still here|there|out|in|away|waiting|around|unfinished|unsold|left with|for|at? a|an|us|the|its|their? $word?', (_s, x: Context) => { const end = dateColumns(x).length > 1 ? endingColumn(x) : null; return end !== null && hasBlanks(end, x) ? empty(end) : null; }, 0.2),
  rule('cond', '$valueSet:s', ({ s }) => among(s.column, s.texts), -0.25),
  rule('aside', "whatever|however they're|they|it|it's (are|is)? called|named|written|spelled|spelt", () => nothing, 0),
  rule('cond', '$col:c ~not ~given|there', ({ c }) => empty(c), 0.1),
  rule('cond', '$col:c made|built|woven|cut of|from|with|out of? ^$word:w', ({ c, w }, x: Context) => (columnOf(x.head, c).type === 'text' && w.length > 2 && !SMALL_WORDS.has(w.toLowerCase()) && finds2(w, c, x) ? { kind: 'text', test: 'mentions', of: column(c), texts: [w] } : null), 0.1),
  rule('rset', '$cond:a ^$cond:b', ({ a, b }) => (a.kind === 'among' && b.kind === 'among' && JSON.stringify(a.of) !== JSON.stringify(b.of) ? all([a, b]) : null), 0.3),
  rule('rset', '$word|$col|$guess? $rows|$noun|$guess : ~rel? $cond:c', ({ c }) => c, 0.3),
  // 'NE meters': the first part of a code, in capitals
  rule('cond', '$abbr:a ^$col:c', ({ a, c }, x: Context) => (beginsSome(a, c, x) ? { kind: 'text', test: 'starts', of: column(c), texts: [a] } : null), 0.1),
  rule('cond', '$col:c $date:a ~fromTo $date:b only? ,? ~bothIncluded?', ({ c, a, b }, x: Context) => (isDated(c, x) ? all([compare('>=', column(c), { kind: 'date', value: a }), compare('<=', column(c), { kind: 'date', value: b })]) : null), 0.1),
  // 'Delivered within five days of ordering'
  rule('cond', '~be? ^$col:a within|inside $num:n $spanUnit:u of|after|from|since? the? ^$col:b', ({ a, n, u, b }, x: Context) => (a !== b && isDated(a, x) && isDated(b, x) ? spanned('<=', u, n, x, [b, a]) : null), -0.2),
  // 'Delivered on the day it was collected'
  rule('cond', '~be? ^$col:a on|at? the? very? same|day|date day|date? as|that|when|on? which? it|they|he|she|this? ~be? ^$col:b', ({ a, b }, x: Context) => sameDay(a, b, x), -0.3),
  // 'When closing took more than ten days'
  ...SIZES.flatMap(([words, op]) => rule('cond', `$col:b the? $rows|$noun|$guess? ~be|took|takes|take|needed|lasted|came? ${words} $num:n $spanUnit:u`, ({ b, n, u }, x: Context) => { const from = readsAsDate(x.head, b) ? begunBefore(b, x) : null; return from === null ? null : spanned(op, u, n, x, [from, b]); }, 0)),
  rule('cond', '$cond:a ~and $cond:b', ({ a, b }) => (neverBoth(a, b) || otherValue(a, b) ? null : all([a, b])), 0.1),
  rule('cond', '$cond:a ~or $cond:b', ({ a, b }) => otherForm(a, b) ?? any([a, b]), 0.1),
  rule('cond', '~open $cond:c ~close', ({ c }) => c, 0),

  // Sets of rows
  rule('rset', '$cond:c', ({ c }) => c, 0.02),
  rule('rset', '$cond:c $rows', ({ c }) => c, 0),
  rule('rset', 'every|any|all? $rows ~rel? ~be? $cond:c', ({ c }) => c, 0),
  rule('rset', 'every|any|all? $guess ~rel ~be? $cond:c', ({ c }) => c, 0),
  rule('rset', 'every|each|any $guess ~be? $cond:c', ({ c }) => c, 0),
  rule('rset', '$cond:c ^$guess', ({ c }) => c, 0.1),
  rule('rset', '$rows $rows ~rel? ~be? $cond:c', ({ c }) => c, 0),
  rule('rset', '$rset:a from|with|of|in|at|by|for $cond:c', ({ a, c }) => (neverBoth(a, c) ? null : all([a, c])), 0.1),
  // 'The good trees and those in poor health': no row is both, so either is meant
  rule('rset', '$rset:a and|plus|& also? the|those|all|any? $rset:b', ({ a, b }) => (a.kind === 'among' && b.kind === 'among' && JSON.stringify(a.of) === JSON.stringify(b.of) && !a.texts.some((t: string) => b.texts.includes(t)) ? { ...a, texts: [...a.texts, ...b.texts] } : null), 0.1),
  rule('rset', 'what|whatever ~be $cond:c', ({ c }) => c, 0),
  rule('rset', '$rset:a as well as anything|everything|those|all? $rset:c', ({ a, c }) => any([a, c]), 0),
  ...SIZES.map(([words, op]) => rule('rset', `$rset:a ,? and|or also? those|anything|everything|any|all|ones ~be? ${words} $num:n as|too|also? well?`, ({ a, n }, x: Context) => { const of = a.kind === 'empty' || a.kind === 'among' ? a.of : a.kind === 'compare' ? a.left : null; return of?.kind === 'column' && numeric(of.name, x) ? any([a, compare(op, of, number(n))]) : null; }, -0.2)).flat(),
  rule('rset', '$rset:a , and anything|everything $cond:c', ({ a, c }) => any([a, c]), 0),
  rule('rset', '$rset:a and anything|everything|those|ones|also $rset:c too?', ({ a, c }) => any([a, c]), 0.05),
].flat();

/** Do codes of a column begin with these capitals, and go on with something else? */
const beginsSome = (text: string, name: string, x: Context): boolean => /^\p{Lu}+$/u.test(text) && sampleOf(name, x).filter((v) => v.startsWith(text) && /^[^\p{L}]/u.test(v.slice(text.length))).length > 1;

/** The only other date of a row that has one. */
const otherDate = (name: string, x: Context): string | null => { const others = dateColumns(x).filter((n) => n !== name); return others.length === 1 ? others[0]! : null; };

/** What began a row that ended on a date: the only other date, or the day that rows are dated by. */
const begunBefore = (end: string, x: Context): string | null => {
  const first = otherDate(end, x) ?? startColumn(x);
  return first === end ? null : first;
};

/** Two dates of a row that are one day. */
const sameDay = (a: string, b: string, x: Context): Condition | null =>
  a === b || !isDated(a, x) || !isDated(b, x) ? null
    : [a, b].some((n) => columnOf(x.head, n).type === 'datetime') ? compare('=', { kind: 'span', unit: 'days', from: column(b), to: column(a) }, number(0)) : compare('=', column(a), column(b));

/** Does a word stand in some of a column's texts, beside others? */
const finds2 = (word: string, name: string, x: Context): boolean => x.vocabulary.inside.get(word.toLowerCase())?.has(name) ?? false;

/** A month that takes its year from the one named after it. */
function inYearOf(p: Period, other: Period): Period {
  const month = p.month, later = Number(other.from.slice(5, 7)), year = Number(other.from.slice(0, 4));
  if (month === undefined || other.from === '' || Number.isNaN(year)) return p;
  const own = month > later ? year - 1 : year, days = new Date(Date.UTC(own, month, 0)).getUTCDate(), name = `${own}-${String(month).padStart(2, '0')}`;
  return { from: `${name}-01`, to: `${name}-${String(days).padStart(2, '0')}` };
}

/** 'Brake or brakes': two forms of one word are looked for in one place; null for anything else. */
const otherForm = (a: Condition, b: Condition): Condition | null =>
  a.kind === 'text' && b.kind === 'text' && columnsOf(a).join() !== columnsOf(b).join() && a.texts.some((t) => b.texts.some((u) => stem(t.toLowerCase()) === stem(u.toLowerCase()))) ? { ...a, texts: [...a.texts, ...b.texts] } : null;

/** Does a condition only look at whether a column of numbers is there? Then 'no hives' means none or zero. */
export function orZero(condition: Condition, x: { head: Context['head'] }): Condition {
  if (condition.kind === 'any') return any(condition.of.map((c) => orZero(c, x)));
  if (condition.kind !== 'empty' || condition.of.kind !== 'column' || !isQuantity(columnOf(x.head, condition.of.name).type)) return condition;
  return any([condition, compare('=', condition.of, number(0))]);
}

/** 'Where no figure is given': of a column in which texts stand among the numbers, also where there is none of those. */
export function orNoNumber(condition: Condition, head: Context['head']): Condition {
  if (condition.kind === 'any') return any(condition.of.map((c) => orNoNumber(c, head)));
  const glance = condition.kind === 'empty' && condition.of.kind === 'column' ? head.glances?.get(condition.of.name) : undefined;
  const mixed = condition.kind === 'empty' && condition.of.kind === 'column' && readsAsNumber(head, condition.of.name) && ((glance?.misfits ?? 0) > 0 || (columnOf(head, condition.of.name).type === 'text' && (glance?.numberShare ?? 1) < 1));
  return mixed && condition.kind === 'empty' ? any([condition, { kind: 'not', of: { kind: 'holds', what: { kind: 'sort', sort: 'number' }, of: condition.of } }]) : condition;
}
