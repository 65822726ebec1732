import { isDate } from '../../table/column';
import { columnOf } from '../../table/table';
import { mixedUnit, readsAsDate, readsAsNumber, readsDayFirst, type CheckedHead } from '../../formula/check';
import { isPlainMeasure, isRate } from '../../formula/dimensions';
import { column, number, op, type Expression } from '../../formula/expression';
import type { Glance } from '../../profile/glance';
import { folded } from '../../values/fold';
import { convertUnit, unitName, unitSort } from '../../values/units';
import { converted, unitInName } from '../../formula/dimensions';
import { isClockUnit, readClock, readDate, type SpanUnit } from '../../values/date';
import type { Metric } from '../../metrics/glossary';
import { tie, type Tied } from '../../metrics/metrics';
import type { Context } from '../acts';
import { keptForHead } from '../kept';
import { stem } from '../words';
import { sampleOf } from './samples';

/* Which columns play which part: when a row begins and ends, when it was due, what it came to, how much of something there is. */

/** A percentage already: it is not divided once more. */
export const isHundredfold = (e: Expression): boolean => e.kind === 'op' && e.op === '*' && e.left.kind === 'op' && e.left.op === '/' && e.right.kind === 'number' && e.right.value === 100;
/** A quotient as a percentage. */
export const percent = (of: Expression): Expression => op('*', of, number(100));
/** A figure over all rows, or over the rows of each group. */
export const total = (fn: 'sum' | 'mean' | 'lowest' | 'highest' | 'count', of: Expression, by: readonly string[] = []): Expression => ({ kind: 'total', fn, of, by });

/** A column that can be calculated with, or null. */
export const quantity = (name: string, { head }: Context): Expression | null => (mixedUnit(head, name) !== null ? { kind: 'measure', unit: mixedUnit(head, name)!, of: column(name) } : readsAsNumber(head, name) && !isDate(columnOf(head, name).type) ? column(name) : clocked(name, head) ? { kind: 'measure', unit: 'min', of: column(name) } : null);

/** Does a column hold spans of time written with colons: hours, minutes and seconds? */
function clocked(name: string, head: CheckedHead): boolean {
  if (columnOf(head, name).type !== 'text') return false;
  const all = sampleOf(name, { head }).slice(0, 200);
  if (all.length > 0 && all.filter((v) => /^\s*\d{1,3}:[0-5]\d:[0-5]\d\s*$/.test(v)).length >= all.length * 0.6) return true;
  // Minutes and seconds: no time of day begins with more than 23.
  return all.length > 0 && all.filter((v) => /^\s*\d{1,3}:[0-5]\d\s*$/.test(v)).length >= all.length * 0.8 && all.some((v) => Number(v.split(':')[0]) >= 24);
}

/** Does a column hold times of day: '08:15', '6.30 pm', or dates with a time? */
export function timed(name: string, { head }: Context): boolean {
  const { type } = columnOf(head, name);
  if (type === 'datetime') return true;
  const all = type === 'text' ? sampleOf(name, { head }).filter((v) => v.trim() !== '').slice(0, 200) : [];
  return all.length > 0 && all.filter((v) => /^\s*\d{1,2}[:.]\d{2}(?::\d{2})?\s*(?:[ap]m)?\s*$/i.test(v) && readClock(v) !== null).length >= all.length * 0.8;
}

/** The only column of spans of time written with colons, as what it measures. */
export function clockedColumn({ head }: Context): Expression | null {
  const found = head.columns.filter((c) => clocked(c.name, head));
  return found.length === 1 ? { kind: 'measure', unit: 'min', of: column(found[0]!.name) } : null;
}

/** A column of dates, or null. */
export const dated = (name: string, { head }: Context): Expression | null => (readsAsDate(head, name) ? column(name) : null);
/** Something made of two, where both are there. */
export const both = (a: Expression | null, b: Expression | null, make: (a: Expression, b: Expression) => Expression): Expression | null => (a && b ? make(a, b) : null);


/** The only column of numbers that is written in a unit, by its cells or its name. */
export const columnIn = (unit: string, x: Context): string | null => columnNamed(unit, x) ?? columnOfSort(unit, x, (own) => own.length > 1 && unitName(own) === unit);

/** The only column that says what was spent. */
export const spentColumn = (x: Context): string | null => onlyCalled(/\b(?:costs?|spent|spending|expenses?)\b/i, x);

/** The only column of numbers whose name ends in a unit: ‹Depth m› of metres. */
function columnNamed(unit: string, { head }: Context): string | null {
  const found = head.columns.filter((c) => readsAsNumber(head, c.name) && !isDate(c.type) && !isRate(c.name) && unitInName(c.name) === unitName(unit));
  return found.length === 1 ? found[0]!.name : null;
}

/** The same, or failing that the only one in a unit of its sort: what is over 500 g is a matter of ‹Weight kg›. */
export const columnLike = (unit: string, x: Context): string | null => columnIn(unit, x) ?? columnOfSort(unit, x, (own) => own.length > 1 || unitName(own) === unit);

function columnOfSort(unit: string, { head }: Context, fits: (own: string) => boolean): string | null {
  const sort = unitSort(unit);
  const found = head.columns.filter((c) => readsAsNumber(head, c.name) && !isDate(c.type) && !(/\bper\b|\//i.test(c.name) || (sort === 'time' && isRate(c.name))) && (unitSort(head.glances?.get(c.name)?.unit ?? '') === sort || c.name.toLowerCase().split(/[\s_()]+/).some((w) => unitSort(w) === sort && fits(w))));
  const plain = found.length > 1 ? found.filter((c) => isPlainMeasure(c.name)) : found;
  return sort !== null && plain.length === 1 ? plain[0]!.name : null;
}

const STARTS = /\b(?:made|produced|manufactured|printed|published|sown|laid|brewed|baked|hatched|since|installed|built|bought|purchased|founded|commissioned|acquired|joined|started?|begin|began|opened|from|member since|planted|hired|registered|registration)\b/i;
const BORN = /\b(?:born|birth|birthday|birthdate|dob)\b/i;

/** The column of dates of birth. */
export const bornColumn = (x: Context): string | null => { const found = x.head.columns.filter((c) => BORN.test(c.name) && readsAsDate(x.head, c.name)); return found.length === 1 ? found[0]!.name : null; };

/** Whole years from birth to another date of the row: the one named, or the only other. */
export function ageThen(x: Context, named?: string): Expression | null {
  const born = bornColumn(x);
  const at = named ?? onlyDate(x);
  return born && at !== null && at !== born ? both(dated(born, x), dated(at, x), (from, to) => ({ kind: 'span', unit: 'years', from, to })) : null;
}

/** The column of a family whose name holds a number. */
export const yearOf = (family: readonly string[], n: number): string | null => { const found = family.filter((name) => new RegExp(`(?<!\\d)${n}(?!\\d)`).test(name)); return found.length === 1 ? found[0]! : null; };

/** From the date of the row before, of the same group, to the row's own. */
export function sincePrevious(unit: SpanUnit | 'minutes', by: readonly string[], x: Context): Expression | null {
  const date = rowDate(x);
  return date === null || ((unit === 'minutes' || unit === 'hours') && !timed(date, x)) || by.includes(date) ? null : { kind: 'span', unit, from: { kind: 'over', fn: 'previous', of: column(date), by }, to: column(date) };
}

/** How much later than planned something was, in hours or minutes; null where the table does not say so. */
export const late = (unit: 'hours' | 'minutes', word: string | null, x: Context): Expression | null => { const e = lateness(word, x); return e && (unit === 'hours' ? op('/', e, number(60)) : e); };

/** The hour of a column of times; null where it holds none. */
export const hourOf = (name: string, x: Context): Expression | null =>
  columnOf(x.head, name).type === 'datetime' ? { kind: 'part', part: 'hour', of: column(name) } : columnOf(x.head, name).type === 'text' && timed(name, x) ? { kind: 'round', of: op('/', { kind: 'clock', of: column(name) }, number(60)), places: 0, mode: 'down' } : null;

/** The column of dates on which something began: by its name, or the only one. */
export function startColumn(x: Context): string | null {
  return begun(x) ?? onlyDate(x);
}

/** The only column of dates that is called after how things begin. */
export function begun(x: Context): string | null {
  const found = x.head.columns.filter((c) => STARTS.test(c.name) && readsAsDate(x.head, c.name));
  return found.length === 1 ? found[0]!.name : null;
}

/** Is a column one of words that come again and again, and not what the rows are called? 'The best films' of screenings are groups of them. */
export function groupsRows(name: string, { head, vocabulary }: Pick<Context, 'head' | 'vocabulary'>): boolean {
  const g = head.glances?.get(name);
  return /^\p{L}+$/u.test(name) && columnOf(head, name).type === 'text' && !readsAsNumber(head, name) && !!g?.values && g.values.length <= (g.rows - g.blanks) * 0.7 && !vocabulary.ownNouns.has(stem(name.toLowerCase()));
}

const inTime = keptForHead<readonly string[] | null>();

/** What was arranged before a row happened is not its own date. */
const ARRANGED = /\b(?:booked|reserved|requested|created|entered|quoted|invited|applied|registered|planned|submitted|enquired|enquiry)\b/i;

/** Three dates or more that stand in the order in which they happen, each column's first and last day before those of the next; null where they do not. */
export function chronology(x: Context): readonly string[] | null {
  return inTime(x.head, 'dates', () => {
    const columns = dateColumns(x).filter((name) => !NOT_REAL.test(name) && !ARRANGED.test(name));
    if (columns.length < 3) return null;
    const spread = columns.map((name) => {
      const dayFirst = readsDayFirst(x.head, name);
      const times = sampleOf(name, x).slice(0, 500).flatMap((text) => readDate(text, dayFirst)?.time ?? []).sort((a, b) => a - b);
      return times.length < 2 ? null : [times[0]!, times.at(-1)!];
    });
    return spread.every((s, i) => s !== null && (i === 0 || (s[0]! >= spread[i - 1]![0]! && s[1]! >= spread[i - 1]![1]!))) ? columns : null;
  });
}

/** The date of a row itself: the only one, or the one that is called after what the rows are. */
export function rowDate(x: Context): string | null {
  const own = dateColumns(x).filter((name) => !NOT_REAL.test(name) && !LATER.test(name) && name.toLowerCase().split(/[\s_]+/).some((w) => x.vocabulary.ownNouns.has(stem(w))));
  const plain = dateColumns(x).filter((name) => /^(?:day|date|when)$/i.test(name));
  if (plain.length === 1) return plain[0]!;
  const real = dateColumns(x).filter((name) => !NOT_REAL.test(name));
  const first = real.filter((name) => !LATER.test(name)), begins = first.filter((name) => !ENDS.test(name) && !/\b(?:booked|reserved)\b/i.test(name));
  // What begins is never blank where what ends is not: of a ride, somebody is picked up before being dropped off.
  const blanks = (name: string): number => x.head.glances?.get(name)?.blanks ?? 0, other = first.length === 2 && begins.length === 1 ? first.find((n) => n !== begins[0])! : null;
  const begun = begins.length !== 1 ? null : other !== null && blanks(other) < blanks(begins[0]!) ? other : begins[0]!;
  return onlyDate(x) ?? (own.length === 1 ? own[0]! : real.length === 1 ? real[0]! : first.length === 1 ? first[0]! : chronology(x)?.[0] ?? begun);
}

/** The same figure for each group; null where it is no figure, or the column makes no groups. */
export function grouped(f: Expression, by: string, x: Context): Expression | null {
  return f.kind === 'total' && groupable(by, x) ? { ...f, by: [by] } : null;
}

const differents = new WeakMap<Glance, number>();

/** Can rows be grouped by a column? Measures such as weights are not groups. */
export const groupable = (name: string, { head }: Context): boolean => {
  if (columnOf(head, name).type === 'decimal') return false;
  // Where every value is another one, there is nothing to group: 'each lot' is each row.
  const g = head.glances?.get(name);
  if (!g?.values || g.values.length < g.rows - g.blanks || g.rows < 3) return true;
  // Values that differ only in capitals and outer spaces are one.
  let different = differents.get(g);
  if (different === undefined) differents.set(g, (different = new Set(g.values.map(([v]) => folded(v))).size));
  return different < g.rows - g.blanks;
};

/** From one time of day to another. */
export const lapse = (unit: 'hours' | 'minutes', a: string, b: string, x: Context): Expression | null => (a !== b && timed(a, x) && timed(b, x) && !(readsAsDate(x.head, a) && readsAsDate(x.head, b)) ? { kind: 'lapse', unit, from: column(a), to: column(b) } : null);

/** Names of amounts of money: what is taken off them is money too, and so a product. */
export const MONEY = /charg|bill|cost|paid|fee|price|taking|revenue|sales|amount|due|income|budget|worth|value/i;

/** The two columns of times of day, in their order, where there are just two; or when a row begins and ends, by the clock. */
export function twoTimes(x: Context): readonly [string, string] | null {
  const all = x.head.columns.filter((c) => c.type === 'text' && timed(c.name, x)).map((c) => c.name), ends = all.length === 0 ? endsOf(x) : null;
  return all.length === 2 ? [all[0]!, all[1]!] : ends && timed(ends[0], x) && timed(ends[1], x) ? ends : null;
}

/** Names of what begins a row. */
export const BEGINS = /\b(?:start(?:ed|s)?|begins?|began|from|in|since|opened|open|borrowed|arrival|arrived|check-?in|brought|dropped|loaded|dep|depart(?:ed|ure)?|left|shipped|sent|received|rented|taken|out|pick-?up)\b/i;
/** Names of what ends it. */
export const ENDS = /\b(?:un[a-z]{3,}ed|end(?:ed|s)?|finish(?:ed|es)?|return(?:ed)?|back|closed|departure|check-?out|picked|collected|unloaded|arr|arrived|delivered|done|completed|until|out|to|return)\b/i;
/** What happens to a row some time after it came to be. */
const LATER = /\b(?:settled|returned|refund|closed|sold|dispatched|shipped|sent|delivered|despatched|turned|checked|tested|refunded|reviewed|resolved|answered|ended|finished|cancelled|last|follow|follow-?up|renewal|expir(?:y|es)|valid)\b/i;
/** Names of days that are planned, or of something else than the row itself. */
export const NOT_REAL = /\b(?:due|deadline|planned|plan|sched(?:uled)?|expected|promised|target|next|reminder|paid|invoiced?|inspected|updated|entry|birth|born|joined|sprayed)\b/i;

/** What begins a row and what ends it: the only two dates or times that are no plans, or those whose names say so. */
export function endsOf(x: Context): readonly [string, string] | null {
  const of = (all: readonly string[]): readonly [string, string] | null => {
    const own = all.filter((n) => !NOT_REAL.test(n));
    // What is picked up may be dropped later, or what was dropped off be picked up: the columns stand in the order of what happens.
    if (own.length === 2) return ENDS.test(own[0]!) && BEGINS.test(own[1]!) && !BEGINS.test(own[0]!) && !(/picked|collected/i.test(own[0]!) && /dropped/i.test(own[1]!)) ? [own[1]!, own[0]!] : [own[0]!, own[1]!];
    const [begins, ends] = [own.filter((n) => BEGINS.test(n) && !ENDS.test(n)), own.filter((n) => ENDS.test(n) && !BEGINS.test(n))];
    // Of an alarm, an arrival and a return, who knows from when it is meant?
    const first = chronology(x)?.[0];
    return begins.length === 1 && ends.length === 1 && (first === undefined || first === begins[0] || !own.includes(first)) ? [begins[0]!, ends[0]!] : null;
  };
  const times = x.head.columns.filter((c) => c.type === 'text' && timed(c.name, x)).map((c) => c.name);
  return of(times.length >= 2 ? times : dateColumns(x));
}

/** The time from when a row begins to when it ends, where it ends with that column. */
export function untilEnd(unit: SpanUnit | 'minutes', end: string, x: Context): Expression | null {
  const ends = unit === 'minutes' ? null : endsOf(x);
  return ends && unit !== 'minutes' && ends[1] === end ? span(unit, ends[0], end, x) : null;
}

/** The one of what begins and what ends a row that is called so. */
export const endCalled = (called: RegExp, x: Context): string | null => { const found = (endsOf(x) ?? []).filter((n) => called.test(n)); return found.length === 1 ? found[0]! : null; };

/** The date that ends a row, where it is told from what begins it. */
export const endingColumn = (x: Context): string | null => endsOf(x)?.[1] ?? null;

/** What a column called just as a unit says: hours, of ‹Hours›. */
export const ownSpan = (unit: string, x: Context): Expression | null => { const own = x.head.columns.find((c) => stem(c.name) === stem(unit)); return own ? quantity(own.name, x) : null; };

/** How long each row lasted; without a unit in hours where there are times of day, else in days. */
export function rowSpan(unit: SpanUnit | 'minutes' | undefined, x: Context, ends = endsOf(x)): Expression | null {
  if (!ends) return null;
  const as = unit ?? (timed(ends[0], x) && timed(ends[1], x) ? 'hours' : 'days');
  // Two days say nothing of hours.
  if ((as === 'hours' || as === 'minutes') && ends.every((n) => columnOf(x.head, n).type === 'date')) return null;
  return span(as, ends[0], ends[1], x);
}

/** Names of days on which something was to be done. */
export const DUE = /\b(?:due|deadline|promised|planned|expected|agreed|scheduled|target|wanted|needed|required)\b/i;
const DONE = /\b(?:pick(?:ed)? ?up|finish(?:ed)?|deliver(?:ed|y)|completed?|completion|closed|returned|arriv(?:ed|al)|actual|received|done|shipped|sent|settled|fixed|repaired|ready|collected|handed|paid)\b/i;

/** The day on which something was due, and the only one that can say when it was done; null where that is not clear. */
export function deadlineOf(x: Context): { readonly due: string; readonly done: string } | null {
  const dates = dateColumns(x);
  // Where something is dropped or delivered later, it is not done when it is picked up.
  const later = dates.some((n) => /\b(?:dropped|delivered|delivery|arriv\w*)\b/i.test(n));
  const due = dates.filter((n) => DUE.test(n)), called = dates.filter((n) => DONE.test(n) && !DUE.test(n) && !(later && /\bpick/i.test(n)));
  // What was picked up and paid on other days was done when it was picked up.
  const settled = /\b(?:paid|settled|invoiced|billed)\b/i;
  if (called.length > 1 && called.some((n) => !settled.test(n))) called.splice(0, called.length, ...called.filter((n) => !settled.test(n)));
  const last = called.length === 0 ? endsOf(x)?.[1] : undefined;
  const done = last !== undefined && !DUE.test(last) && dates.includes(last) ? [last] : called;
  return due.length === 1 && done.length === 1 ? { due: due[0]!, done: done[0]! } : null;
}

/** How many units after the day it was due something was done; early is below nought. */
export const overdue = (unit: SpanUnit, x: Context): Expression | null => { const found = deadlineOf(x); return found && span(unit, found.due, found.done, x); };
/** How many units before the day it was due something was done. */
export const aheadOfTime = (unit: SpanUnit, x: Context): Expression | null => { const found = deadlineOf(x); return found && span(unit, found.done, found.due, x); };

/** Names of what was to happen. */
export const PLANNED = /\b(?:sched(?:uled)?|plan(?:ned)?|due|expected|promised|booked|target)\b/i;

/** How much later than planned something was: what really happened, less what was to happen, of what words of a request name. */
export function lateness(word: string | null, x: Context): Expression | null {
  const times = x.head.columns.map((c) => c.name).filter((n) => timed(n, x));
  const planned = (n: string): boolean => PLANNED.test(n);
  const real = (n: string): boolean => /\b(?:actual|real|done|true)\b/i.test(n);
  const stems = (n: string): string[] => (n.toLowerCase().match(/\p{L}+/gu) ?? []).filter((w) => !planned(w) && !real(w));
  const pairs = times.filter(planned).flatMap((p) => times.filter((r) => real(r) && stems(r).join() === stems(p).join()).map((r) => [p, r] as const));
  const meant = word === null ? pairs : pairs.filter(([p]) => stems(p).some((s) => s.startsWith(word.slice(0, 3)) || word.startsWith(s.slice(0, 3))));
  // ‹Scheduled› and ‹Departed›: the only plan is that of the beginning.
  const plans = times.filter(planned), begun = times.filter((n) => !planned(n) && BEGINS.test(n) && !ENDS.test(n));
  if (pairs.length === 0 && plans.length === 1 && stems(plans[0]!).length === 0 && begun.length === 1 && (word === null || /^(?:depart|left|leav|start|beg|open|sail)/.test(word))) pairs.push([plans[0]!, begun[0]!]);
  const [pair] = pairs.length === 1 ? pairs : meant;
  return pair && (pairs.length === 1 || meant.length === 1) ? op('-', { kind: 'clock', of: column(pair[1]) }, { kind: 'clock', of: column(pair[0]) }) : null;
}

/** From one column to another, in a unit; null where they hold no days or times. */
export const span = (unit: SpanUnit, a: string, b: string, x: Context): Expression | null => (isClockUnit(unit) ? lapse(unit, a, b, x) : null) ?? both(dated(a, x), dated(b, x), (from, to) => ({ kind: 'span', unit, from, to }));

/** Whole years from a column of dates to a date. */
export const untilDate = (name: string, date: string, x: Context): Expression | null => {
  const from = dated(name, x);
  return from && { kind: 'span', unit: 'years', from, to: { kind: 'date', value: date } };
};

/** The only column of times of day. */
export function onlyTime(x: Context): string | null {
  const found = x.head.columns.filter((c) => timed(c.name, x));
  return found.length === 1 ? found[0]!.name : null;
}

/** The time of day of a row: the only one, or else that at which it begins. */
export function rowTime(x: Context): string | null {
  const date = rowDate(x), first = onlyTime(x) ?? (date !== null && timed(date, x) ? date : endsOf(x)?.[0]);
  return first !== undefined && timed(first, x) ? first : null;
}

/** What two readings of a meter, of kilometres or of a tank are told apart by. */
const FIRST_READ = /\b(?:start|begin|beginning|opening|open|from|before|first|initial|old|previous)\b/i, LAST_READ = /\b(?:end|ending|finish|closing|close|to|after|last|final|new|current)\b/i;

/** The end of a reading less its start: of the only two columns that are called alike but for that, or of those that are called so. */
export function readOff(word: string | null, x: Context): Expression | null {
  const numbers = x.head.columns.map((c) => c.name).filter((n) => quantity(n, x) !== null && !readsAsDate(x.head, n));
  const base = (n: string, words: RegExp): string => n.toLowerCase().replace(new RegExp(words.source, 'gi'), '').replace(/[^\p{L}\p{N}]+/gu, ' ').trim();
  const pairs = numbers.filter((a) => FIRST_READ.test(a) && !LAST_READ.test(a)).flatMap((a) => numbers.filter((b) => LAST_READ.test(b) && !FIRST_READ.test(b) && base(a, FIRST_READ) === base(b, LAST_READ)).map((b) => [a, b] as const));
  const called = word === null ? pairs : pairs.filter(([a]) => base(a, FIRST_READ).split(' ').some((w) => w !== '' && (stem(w) === stem(word.toLowerCase()) || (unitName(w) !== null && unitName(w) === unitName(word.toLowerCase())))));
  if (called.length !== 1 || x.head.columns.some((c) => word !== null && c.name.toLowerCase() === word.toLowerCase())) return null;
  const [start, end] = called[0]!, [a, b] = [quantity(start, x), quantity(end, x)];
  return a && b && op('-', b, a);
}

/** The only column of dates, where there is just one besides a date of birth: 'the February readings'. */
export function onlyDate(x: Context): string | null {
  const found = dateColumns(x);
  const [only] = found.length > 0 ? found : x.head.columns.filter((c) => BORN.test(c.name) && readsAsDate(x.head, c.name)).map((c) => c.name);
  return found.length > 1 ? null : only ?? null;
}

/** Is a date called after a word for the rows: ‹Ordered› of an order? */
export const namesDate = (word: string, x: Context): boolean => dateColumns(x).some((n) => n !== rowDate(x) && n.toLowerCase().split(/[\s_]+/).some((w) => stem(w) === stem(word.toLowerCase())));

/** How long before the date of the row itself something was. */
export function ahead(unit: SpanUnit | 'minutes', name: string, x: Context): Expression | null {
  const own = rowDate(x) ?? spanFrom(name, x);
  return own === null || own === name || unit === 'minutes' ? null : span(unit, name, own, x);
}

/** From the date of the row itself to another. */
export function ahead2(unit: SpanUnit | 'minutes', name: string, x: Context): Expression | null {
  const own = rowDate(x);
  return own === null || own === name || unit === 'minutes' || !readsAsDate(x.head, name) ? null : span(unit, own, name, x);
}

/** The only other column of dates. */
export function spanFrom(name: string, x: Context): string | null {
  const others = dateColumns(x).filter((n) => n !== name);
  return others.length === 1 ? others[0]! : null;
}

/** A column whose cells say per cent is a part of what it is multiplied with. */
export const asPart = (e: Expression, x: Context): Expression => {
  const glance = e.kind === 'column' ? x.head.glances?.get(e.name) : undefined;
  return glance?.unit === '%' || (isPercentColumn(e, x) && Math.abs(Number(glance?.highest ?? 0)) > 1) ? op('/', e, number(100)) : e;
};

/** Does a column hold percentages, by its name or by what its cells say? */
export const isPercentColumn = (e: Expression, { head }: Context): boolean => e.kind === 'column' && (/%|\bpct\b|\bper ?cent\b/i.test(e.name) || head.glances?.get(e.name)?.unit === '%');

/** 'The amount less the discount %' takes a part of the amount off, not a number: a column of percentages beside what is none, as a part. */
export const percentOf = (e: Expression, of: Expression, x: Context): Expression | null => (isPercentColumn(e, x) && of.kind !== 'number' && !isPercentColumn(of, x) ? op('/', e, number(100)) : null);

/** What a discount leaves, where there is one: so many per cent less, or so much. */
export function allowedFor(price: Expression, discount: Expression, x: Context): Expression {
  const given: Expression = { kind: 'orElse', of: discount, otherwise: number(0) };
  return isPercentColumn(discount, x) ? op('*', price, op('-', number(1), op('/', given, number(100)))) : op('-', price, given);
}

/** Less as many per cent as a column says. */
export function lessPercent(e: Expression, name: string, x: Context): Expression | null {
  const p = quantity(name, x);
  return p && e.kind !== 'number' ? op('*', e, op('-', number(1), op('/', p, number(100)))) : null;
}

/** Does a column's name say what it is measured in? Then it is no amount of money. */
export const hasUnit = (name: string): boolean => unitSort(unitInName(name) ?? '') !== null;

/** Is a column measured in something else, by its name? */
export function unlikeUnit(e: Expression, unit: string): boolean {
  const own = e.kind === 'column' ? unitInName(e.name) : null;
  return own !== null && unitSort(own) !== unitSort(unit);
}

/** The only column that counts persons: what is 'per head' is through it. */
export const heads = (x: Context): string | null => onlyCalled(/\b(?:players|people|persons|guests|pax|heads|headcount|participants|attendees|occupants|visitors|passengers|pupils|students|adults|diners|covers|party size|group size)\b/i, x);

/** Do the values of a column tell the rows apart? */
export const namesRow = (name: string, x: Context): boolean => { const g = x.head.glances?.get(name); return !!g?.values && g.blanks === 0 && g.values.length === g.rows && columnOf(x.head, name).type === 'text'; };

/** The only column of numbers that an expression names, or null. */
const onlyCalled = (pattern: RegExp, x: Context): string | null => {
  const found = x.head.columns.filter((c) => pattern.test(c.name) && quantity(c.name, x) !== null);
  return found.length === 1 ? found[0]!.name : null;
};
/** The columns that play two parts of a metric in this table, likeliest first, as what can be calculated with; null where one of them is not there. */
export function tiedRoles(metric: Metric, a: string, b: string, x: Context): { readonly names: readonly [string, string]; readonly values: readonly [Expression, Expression]; readonly tied: Tied } | null {
  const [tied] = tie(metric, x.head);
  const [first, second] = [tied?.roles.get(a), tied?.roles.get(b)];
  const [m, n] = [first === undefined ? null : quantity(first, x), second === undefined ? null : quantity(second, x)];
  return tied && m && n ? { names: [first!, second!], values: [m, n], tied } : null;
}

/** The only column of prices. */
export const pricedBy = (x: Context): string | null => onlyCalled(/\b(?:price|ticket|fare|fee|rate)\b/i, x);
/** The only column of what is in stock. */
export const onHand = (x: Context): string | null => onlyCalled(/\b(?:stock|on hand|in hand|inventory|available|level|quantity|qty)\b/i, x);

/** The columns of dates, where there are several and it must be asked which one is meant. */
export function dateColumns(x: Context): string[] {
  return x.head.columns.filter((c) => (isDate(c.type) || (c.type === 'text' && (x.head.glances?.get(c.name)?.dateShare ?? 0) >= 0.5)) && !BORN.test(c.name)).map((c) => c.name);
}

/** Is a column of texts something that several rows have in common? How long that was there is not told by one of them. */
export const ofOthers = (name: unknown, x: Context): boolean => typeof name === 'string' && columnOf(x.head, name).type === 'text' && groupable(name, x) && (x.head.glances?.get(name)?.values ?? []).some(([v, n]) => v !== '' && n > 1);

/** Is a column called after what a unit of time costs? */
export const isRateName = (name: string): boolean => /\b(?:hourly|daily|weekly|monthly|yearly|annual|nightly)\b/i.test(name);

/** Names of times that are no part of what a row took. */
export const IDLE = /\b(?:break|pause|late|delay|overtime|wait(?:ing)?|rest)\b/i;

/** How long a row took, in a unit: from a column that says so, or from where it begins to where it ends. */
export function lasted(unit: SpanUnit | 'minutes', x: Context): Expression | null {
  const name = unitName(unit), told = name === null ? null : columnIn(name, x);
  const idle = (c: string): boolean => IDLE.test(c);
  if (told !== null) return idle(told) ? null : quantity(told, x);
  const other = unit === 'hours' ? columnIn('min', x) : null, minutes = other === null || idle(other) ? null : quantity(other, x);
  if (minutes) return minutes.kind === 'measure' ? { ...minutes, unit: 'h' } : op('/', minutes, number(60));
  return rowSpan(unit, x);
}

/** The unit that a measured value is in. */
const measuredIn = (e: Expression): string | null => (e.kind === 'measure' ? e.unit : e.kind === 'lapse' ? (e.unit === 'hours' ? 'h' : 'min') : null);

/** A measured value in the unit of what it is put together with: minutes taken off hours are parts of an hour. */
export function inUnitOf(e: Expression, other: Expression): Expression {
  const [own, wanted] = [measuredIn(e) ?? (e.kind === 'column' ? unitInName(e.name) : null), measuredIn(other)];
  if (e.kind === 'column' && own !== null && wanted !== null) return converted(e, own, wanted) ?? e;
  return own === null || wanted === null || own === wanted || convertUnit(1, own, wanted) === null ? e : e.kind === 'measure' ? { ...e, unit: wanted } : e.kind === 'lapse' && (wanted === 'h' || wanted === 'min') ? { ...e, unit: wanted === 'h' ? 'hours' : 'minutes' } : e;
}

/** What something was thought to bring, or is to bring. */
export const ESTIMATED = /\b(?:estimated?|reserve|guide|budget(?:ed)?|expected|planned|target|quoted?|asking|list|valued|valuation)\b/i;

/** What one piece costs is not what a row comes to. */
export const UNIT_PRICE = /\b(?:unit|per|each|piece|pc)\b|\//i;

/** The only amount of money that a row brought: no estimate, and no part of it. */
export function soldFor(x: Context, except?: string): string | null {
  const money = x.head.columns.filter((c) => c.name !== except && quantity(c.name, x) !== null && !ESTIMATED.test(c.name) && !UNIT_PRICE.test(c.name) && !/\b(?:tax|commission|discount|tip|deposit|bids?|cost)\b/i.test(c.name) && (/^[£€$¥]|^(?:eur|gbp|usd|chf)$/i.test(x.head.glances?.get(c.name)?.unit ?? '') || /\b(?:price|amount|paid|total|takings|hammer|charged|revenue)\b/i.test(c.name)));
  return money.length === 1 ? money[0]!.name : null;
}

/** The one column of money: called so, or the only column of numbers. */
export function moneyColumn(x: Context): string | null {
  const numbers = x.head.columns.filter((c) => quantity(c.name, x) !== null && !isDate(c.type));
  const money = numbers.filter((c) => /\b(?:amount|total|revenue|takings|income|sum|paid|due|sales|turnover)\b/i.test(c.name) && !/\b(?:cost|expense|fee|tax|deposit|advance|refund|discount)s?\b/i.test(c.name));
  return money.length === 1 ? money[0]!.name : money.length === 0 && numbers.length === 1 ? numbers[0]!.name : null;
}

/** The one column of what was earned or spent: of money, or else of what was charged. */
export function takingsColumn(x: Context): string | null {
  const money = moneyColumn(x);
  if (money !== null) return money;
  // 'Gross kg' is no money.
  const numbers = x.head.columns.filter((c) => quantity(c.name, x) !== null && !isDate(c.type) && !hasUnit(c.name) && !/\b(?:per|pp|pn|ph|unit|each|list|deposit|tip|tax|late|cost|discount|refund|delivery|shipping|postage)\b|\/| (?:kg|g|t|l|m|m2|m3|h)$/i.test(c.name));
  for (const called of [/\b(?:amount|total|revenue|takings|income|sum|due|sales|turnover)\b|\bpaid\b(?! by)|\bsold for\b/i, /\b(?:charge[ds]?|bill(?:ed)?|invoiced?|prices?|fees?|fares?|spent|donations?|payments?|gross|quoted?|quotes?|rent)\b/i]) {
    const found = numbers.filter((c) => called.test(c.name));
    // What was paid of a total is not what the row came to.
    const whole = found.length > 1 ? found.filter((c) => /^(?:grand |order |invoice )?total$/i.test(c.name)) : found;
    if (found.length > 0) return whole.length === 1 ? whole[0]!.name : null;
  }
  return null;
}
