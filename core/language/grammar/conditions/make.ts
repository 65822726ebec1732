import { all, any, column, type Comparison, type Condition, type Expression, number } from '../../../formula/expression';
import { isNumberColumn, mixedUnit, readsAsDate, readsAsNumber } from '../../../formula/check';
import { convertUnit, unitSort } from '../../../values/units';
import { unitInName } from '../../../formula/dimensions';
import { dateOf, readDate, writeDate } from '../../../values/date';
import { columnOf } from '../../../table/table';
import { sayYesNo } from '../../../values/yesno';
import { isQuantity } from '../../../table/column';
import type { Context } from '../../acts';
import type { YesNo } from '../seeds/yesno';
import type { Period } from '../seeds/times';
import { sampleOf } from '../samples';

/** Two expressions compared. */
export const compare = (op: Comparison, left: Expression, right: Expression): Condition => ({ kind: 'compare', op, left, right });

/** A column is blank. */
export const empty = (name: string): Condition => ({ kind: 'empty', of: column(name) });

/** A column has one of some texts. */
export const among = (name: string, texts: readonly string[]): Condition => ({ kind: 'among', of: column(name), texts });

/** A value that was said. A loose one is said in other cells, too, among other things. */
interface Said { readonly column: string; readonly text: string; readonly loose?: boolean; readonly typed?: string }

/** The rows that hold one of some values of one column; of notes, where others say it among other things, those that mention it. */
export const saying = (list: readonly Said[]): Condition =>
  list.some((o) => o.loose) ? { kind: 'text', test: 'mentions', of: column(list[0]!.column), texts: list.map((o) => o.typed ?? o.text) } : among(list[0]!.column, list.map((o) => o.text));

/** The same; null where they stand in several columns. */
export const oneOf = (values: readonly Said[]): Condition | null => (values.every((v) => v.column === values[0]!.column) ? saying(values) : null);

/** Does a condition ask for what is not there? */
export const isEmptiness = (c: Condition): boolean => c.kind === 'empty' || (c.kind === 'any' && c.of.some((o) => o.kind === 'empty'));

/** Only where a column holds numbers. */
export const numeric = (name: string, { head }: Context): boolean => isNumberColumn(head, name);

/** Does a column read as dates? */
export const isDated = (name: string, { head }: Context): boolean => readsAsDate(head, name);

/** 'More in 2025 than in 2024': ‹Sold 2025› is not compared with a number of two thousand and something. */
const isYearBeside = (a: Expression, b: Expression): boolean => a.kind === 'column' && /(?:19|20)\d\d/.test(a.name) && b.kind === 'number' && b.value >= 1900 && b.value <= 2100;

/** A column of numbers compared with one. */
export const numbered = (op: Comparison, name: string, n: number): Condition | null => sized(op, column(name), number(n));

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
export function inUnit(op: Comparison, name: string, n: number, unit: string | undefined, x: Context): Condition | null {
  const mixed = mixedUnit(x.head, name);
  if (mixed !== null) { const of: Expression = { kind: 'measure', unit: mixed, of: column(name) }, size = sizeIn(of, n, unit, x); return size === null ? null : sized(op, of, number(size)); }
  const value = sizeIn(column(name), n, unit, x);
  return value === null || (unit !== undefined && unitOf(column(name), x) === null && !plausible(name, value, x)) ? null : numbered(op, name, value);
}

/** A comparison means something unless both sides are constants, or dates are compared with numbers. */
export const sized = (op: Comparison, a: Expression, b: Expression): Condition | null => (a.kind === 'number' || isYearBeside(a, b) ? null : compare(op, a, b));

/** A column of dates compared with one. */
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
export function relative(op: Comparison, name: string, period: Period, x: Context): Condition | null {
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
export type When = { readonly bounds: readonly (readonly [Comparison, string])[] } | { readonly op: Comparison; readonly period: Period };

/** A column of yes and no says one of them. */
export const says = ({ column: name, yes, no }: YesNo, wanted: boolean): Condition | null => { const texts = wanted ? yes : no; return texts.length ? among(name, texts) : null; };

/** Has a column blanks, as far as is known? */
export const hasBlanks = (name: string, x: Context): boolean => (x.head.glances?.get(name)?.blanks ?? 1) > 0;

/** Does a column of texts say yes or no? With it is then where it says yes. */
export const saysYes = (name: string, x: Context): boolean => { const all = columnOf(x.head, name).type === 'text' ? sampleOf(name, x).filter((v) => v.trim() !== '') : []; return all.length > 1 && sayYesNo(all); };

/** Does a column tell of something done to a row, and by whom, for what or when? */
export const done = (name: string, x: Context): boolean => !x.vocabulary.values.has(name.toLowerCase().split(' ')[0]!) && /^\p{L}+(?:ed|ent|old|aid|ought|orn)\s+(?:by|for|on|at|to|with|from)$/iu.test(name) && hasBlanks(name, x);

/** Words for comparing sizes. */
export const SIZES: readonly (readonly [string, Comparison])[] = [['~more', '>'], ['~less', '<'], ['~least', '>='], ['~most', '<=']];

/** Does a condition only look at whether a column of numbers is there? Then 'no hives' means none or zero. */
export function orZero(condition: Condition, x: { head: Context['head'] }): Condition {
  if (condition.kind === 'any') return any(condition.of.map((c) => orZero(c, x)));
  if (condition.kind !== 'empty' || condition.of.kind !== 'column' || !isQuantity(columnOf(x.head, condition.of.name).type)) return condition;
  return any([condition, compare('=', condition.of, number(0))]);
}

/** What 'no fee' says of a column: blank, or zero where it has zeros and no blanks. */
export const lacking = (name: string, x: Context): Condition => (numeric(name, x) && !hasBlanks(name, x) && Number(x.head.glances?.get(name)?.lowest ?? NaN) === 0 ? compare('=', column(name), number(0)) : empty(name));

/** 'Where no figure is given': of a column in which texts stand among the numbers, also where there is none of those. */
export function orNoNumber(condition: Condition, head: Context['head']): Condition {
  if (condition.kind === 'any') return any(condition.of.map((c) => orNoNumber(c, head)));
  const glance = condition.kind === 'empty' && condition.of.kind === 'column' ? head.glances?.get(condition.of.name) : undefined;
  const mixed = condition.kind === 'empty' && condition.of.kind === 'column' && readsAsNumber(head, condition.of.name) && ((glance?.misfits ?? 0) > 0 || (columnOf(head, condition.of.name).type === 'text' && (glance?.numberShare ?? 1) < 1));
  return mixed && condition.kind === 'empty' ? any([condition, { kind: 'not', of: { kind: 'holds', what: { kind: 'sort', sort: 'number' }, of: condition.of } }]) : condition;
}
