import { sampleOf } from '../samples';
import { all, any, column, columnsOf, type Comparison, type Condition, not, number, op } from '../../../formula/expression';
import { readsAsDate } from '../../../formula/check';
import { readClock, WEEKDAYS, type SpanUnit } from '../../../values/date';
import { columnOf } from '../../../table/table';
import { keyOf, rule, type Rule } from '../../chart';
import type { Context } from '../../acts';
import { columnLike, dateColumns, deadlineOf, DUE, endingColumn, late, onlyDate, rowTime, overdue, rowDate, rowSpan, startColumn, timed, twoTimes } from '../roles';
import type { Period } from '../seeds/times';
import { compare, empty, hasBlanks, inUnit, isDated, onDate, relative, SIZES, type When, within } from './make';

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

/** How long from the row's own day to another of its dates, or from that date to the row's day. */
function fromRowDay(op: Comparison, unit: SpanUnit | 'minutes', n: number, name: string, x: Context, ahead = false): Condition | null {
  const day = rowDate(x);
  return day === null || day === name || !isDated(name, x) ? null : spanned(op, unit, n, x, ahead ? [name, day] : [day, name]);
}

const at = (w: When, name: string, x: Context): Condition | null => {
  if ('period' in w) return relative(w.op, name, w.period, x);
  const list = w.bounds.flatMap(([op, date]) => onDate(op, name, date, x) ?? []);
  return list.length === w.bounds.length ? all(list) : null;
};

/** In minutes of the day. */
const NOON = 720, EVENING = 1080;

/** A time of day compared with one. */
const atClock = (op: Comparison, name: string, minutes: number, x: Context): Condition | null => (timed(name, x) ? compare(op, { kind: 'clock', of: column(name) }, number(minutes)) : null);

/** The row's own time of day compared with one. */
const atRowTime = (op: Comparison, minutes: number, x: Context): Condition | null => { const c = rowTime(x); return c === null ? null : atClock(op, c, minutes, x); };

/** A column's time of day is before noon, or after it where none is in the evening. */
const inMorning = (name: string | null, x: Context): Condition | null => (name === null ? null : atClock('<', name, NOON, x));
const inAfternoon = (name: string | null, x: Context): Condition | null => (name !== null && endsByDay(name, x) ? atClock('>=', name, NOON, x) : null);

/** Does a condition hold times of day against each other? */
const byClock = (c: Condition): boolean => (c.kind === 'all' ? c.of.every(byClock) : c.kind === 'compare' && c.left.kind === 'clock');

/** Is none of a column's times in the evening? */
const endsByDay = (name: string, x: Context): boolean => sampleOf(name, x).every((v) => (readClock(v) ?? 0) < EVENING);

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

/** From one day of the year to another, where all rows are of one year. */
function between(name: string, a: Period, b: Period, x: Context): Condition | null {
  const [low, high] = a.day === undefined || b.day === undefined ? [null, null] : [relative('>=', name, a, x), relative('<=', name, b, x)];
  return low && high && all([low, high]);
}

/** In one of some periods. */
function inAny(name: string | null, periods: readonly Period[], x: Context): Condition | null {
  const each = name === null ? [] : periods.flatMap((p) => within(name, p, x) ?? []);
  return name !== null && each.length === periods.length ? any(each) : null;
}

/** A month that takes its year from the one named after it. */
function inYearOf(p: Period, other: Period): Period {
  const month = p.month, later = Number(other.from.slice(5, 7)), year = Number(other.from.slice(0, 4));
  if (month === undefined || other.from === '' || Number.isNaN(year)) return p;
  const own = month > later ? year - 1 : year, days = new Date(Date.UTC(own, month, 0)).getUTCDate(), name = `${own}-${String(month).padStart(2, '0')}`;
  return { from: `${name}-01`, to: `${name}-${String(days).padStart(2, '0')}` };
}

/** The days of a week that begins on Monday. */
const WEEK = [...WEEKDAYS.slice(1), WEEKDAYS[0]!];

/** The only column of texts in which weekdays stand beside other things: 'Mon 09:00'. */
function dayTexts(x: Context): string | null {
  const found = x.head.columns.filter((c) => { const all = c.type === 'text' ? sampleOf(c.name, x).filter((v) => v.trim() !== '') : []; return all.length > 1 && all.filter((v) => /\b(?:mon|tue|wed|thu|fri|sat|sun)(?:day|s|nesday|rs|rsday|urday)?\b/i.test(v)).length >= all.length * 0.8 && all.some((v) => /\d/.test(v)); });
  return found.length === 1 ? found[0]!.name : null;
}

/** Rows whose day is one of some weekdays. */
const onWeekdays = (days: readonly string[], x: Context): Condition | null => { const told = dayTexts(x); if (told !== null && days.length > 0) return { kind: 'text', test: 'mentions', of: column(told), texts: days.flatMap((d) => [d.slice(0, 3), d]) }; const c = rowDate(x) ?? startColumn(x); return c === null || days.length === 0 ? null : { kind: 'among', of: { kind: 'part', part: 'weekday', of: column(c) }, texts: days }; };

/** Words for when a row begins and ends, and which of its two times that is. */
const EDGES = [['starting|start|starts|started|begin|begins|began|beginning', 0], ['ending|end|ends|ended|finishing|finish|finishes|finished|lasted|lasting|running|ran', 1], ['going|went|goes|carried|continued on', 1]] as const;

/** When something was, or by when it should have been. */
/** What has not ended yet, where a row begins and ends. */
function unended(x: Context): Condition | null {
  const end = dateColumns(x).length > 1 ? endingColumn(x) : null;
  return end !== null && hasBlanks(end, x) ? empty(end) : null;
}

export const timeRules: readonly Rule[] = [
  // 'Shifts starting before ten': where there are two times, the first is when a row begins
  ...SIZES.flatMap(([words, op]) => EDGES.map(([verbs, k]) => rule('cond', `~be? ${verbs} at|from? ${words} $clock:t`, ({ t }, x: Context) => { const two = twoTimes(x); return two && atClock(op, two[k], t, x); }, 0))).flat(),
  ...EDGES.map(([verbs, k]) => rule('cond', `~be? ${verbs} at $clock:t`, ({ t }, x: Context) => { const two = twoTimes(x); return two && atClock('=', two[k], t, x); }, 0)).flat(),
  ...EDGES.flatMap(([verbs, k]) => [
    rule('cond', `~be? ${verbs} at|from? $clock:t or later|after`, ({ t }, x: Context) => { const two = twoTimes(x); return two && atClock('>=', two[k], t, x); }, -0.1),
    rule('cond', `~be? ${verbs} from|since $clock:t on|onwards?`, ({ t }, x: Context) => { const two = twoTimes(x); return two && atClock('>=', two[k], t, x); }, -0.1),
    rule('cond', `~be? ${verbs} at? $clock:t or earlier|before`, ({ t }, x: Context) => { const two = twoTimes(x); return two && atClock('<=', two[k], t, x); }, -0.1),
  ]).flat(),
  ...SIZES.flatMap(([words, op]) => EDGES.map(([verbs, k]) => rule('cond', `it|they|that? ~be? ${verbs} at|from? ${words} $num:n`, ({ n }, x: Context) => { const two = Number.isInteger(n) && n >= 1 && n <= 24 ? twoTimes(x) : null; return two && compare(op, { kind: 'clock', of: column(two[k]!) }, number(n * 60)); }, 0.1))).flat(),
  // 'Weren't paid the same day': as the row is dated
  rule('cond', '~be? ^$col:a on|at? the? very? same day|date', ({ a }, x: Context) => { const b = rowDate(x); return b === null || a === b ? null : sameDay(a, b, x); }, 0.1),
  ...["isn't|aren't|wasn't|weren't|hasn't|haven't been?", '~be|~have not been?'].map((no) => rule('cond', `${no} ^$col:a on|at? the? very? same day|date`, ({ a }, x: Context) => { const b = rowDate(x), same = b === null || a === b ? null : sameDay(a, b, x); return same && (hasBlanks(a, x) ? any([empty(a), not(same)]) : not(same)); }, 0.1)).flat(),
  // 'Booked less than three weeks ahead': before the row's own date
  ...SIZES.map(([words, op]) => rule('cond', `~be? ^$col:c ${words} $num:n $spanUnit:u ahead|before|beforehand|early|earlier|prior|in? of|advance?`, ({ c, n, u }, x: Context) => fromRowDay(op, u, n, c, x, true), 0)).flat(),
  ...SIZES.map(([words, op]) => rule('cond', `~be? ^$col:c ${words} $num:n $spanUnit:u after|from|behind the|its|their? ^$rows`, ({ c, n, u }, x: Context) => fromRowDay(op, u, n, c, x), 0)).flat(),
  rule('cond', '~be? ^$col:c within|inside $num:n $spanUnit:u (of|after|from (the|its|their)? ^$rows)?', ({ c, n, u }, x: Context) => fromRowDay('<=', u, n, c, x), 0),
  rule('cond', '~be? ^$col:c within|inside a|one $spanUnit:u (of|after|from (the|its|their)? ^$rows)?', ({ c, u }, x: Context) => fromRowDay('<=', u, 1, c, x), 0),
  // 'Parcels to zone 3 posted after 5 May'
  rule('rset', '$rows|$noun to|in|from|of|for|at the? ^$cond:a ^$cond:b', ({ a, b }) => (a.kind === 'compare' && a.op === '=' && b.kind === 'compare' && b.right.kind === 'date' ? all([a, b]) : null), 0),
  // 'April's unpaid ones'
  rule('rset', '$period:p ^$rset:c', ({ p, c }, x: Context) => { const d = rowDate(x), w = d === null ? null : within(d, p, x); return w && all([w, c]); }, 0.2),
  // 'On Fridays', 'Monday to Wednesday', 'starting at four or later on weekdays'
  rule('cond', '$onDays:c', ({ c }) => c, 0),
  rule('cond', '$cond:a ^$onDays:c', ({ a, c }) => (JSON.stringify(a).includes('weekday') ? null : all([a, c])), 0.1),
  rule('onDays', '~be? on|for? a|the|any? $weekdayName:d', ({ d }, x: Context) => onWeekdays([d], x), 0.3),
  rule('onDays', '~be? on|from|between $weekdayName:a to|until|through|- $weekdayName:b', ({ a, b }, x: Context) => onWeekdays(WEEK.slice(WEEK.indexOf(a), WEEK.indexOf(b) + 1), x), 0.2),
  rule('rset', 'from|between? $weekdayName:a to|until|through|- $weekdayName:b', ({ a, b }, x: Context) => onWeekdays(WEEK.slice(WEEK.indexOf(a), WEEK.indexOf(b) + 1), x), 0.2),
  rule('rset', '$weekdayName:d $rows|$noun|$guess', ({ d }, x: Context) => onWeekdays([d], x), 0.2),
  ...WEEK.map((d) => rule('weekdayName', `${d.toLowerCase()}|${d.toLowerCase()}s`, () => d, 0)).flat(),
  ...([['weekend|weekends', WEEK.slice(5)], ['weekday|weekdays', WEEK.slice(0, 5)]] as const).flatMap(([words, texts]) => [
    rule('rset', `${words} $rows|$noun|$guess`, (_s, x: Context) => onWeekdays(texts, x), 0.05),
    rule('rset', words.split('|')[1]!, (_s, x: Context) => onWeekdays(texts, x), 0.4),
    rule('onDays', `~be? on|at|during|in a|the|any? ${words}`, (_s, x: Context) => onWeekdays(texts, x), 0.1),
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
  rule('cond', 'missed|miss|misses|overran|overrun|exceeded the|its|their? ^$col:c date|day?', ({ c }, x: Context) => (deadlineOf(x)?.due === c ? timely('>', x) : null), -0.2),
  rule('cond', 'met|kept|made|within the|its|their? deadline', (_s, x: Context) => timely('<=', x), 0.1),
  // 'Contracts that run out before July': of the only date that says when something ends
  ...SIZES.flatMap(([words, op]) => [
    rule('cond', `run|runs|running out ${words} $period:p`, ({ p }, x: Context) => { const c = endsOn(x); return c && relative(op, c, p, x); }, 0),
    rule('cond', `expire|expires|expiring|end|ends|ending|lapse|lapses ${words} $period:p`, ({ p }, x: Context) => { const c = endsOn(x); return c && relative(op, c, p, x); }, 0.1),
    rule('cond', `run|runs|running out ${words} $date:d`, ({ d }, x: Context) => { const c = endsOn(x); return c && onDate(op, c, d, x); }, 0),
  ]).flat(),
  // 'Overdue on 1 February': due before that day, and not done
  rule('cond', '~be? overdue|outstanding on|by|at|as of? $date:d', ({ d }, x: Context) => { const k = deadlineOf(x); const late = k && onDate('<', k.due, d, x); return k && late && hasBlanks(k.done, x) ? all([late, empty(k.done)]) : null; }, -0.1),
  rule('rset', 'late|delayed|belated $rows|ones', (_s, x: Context) => timely('>', x), 0.1),
  rule('rset', 'punctual|timely $rows|ones', (_s, x: Context) => timely('<=', x), 0.1),
  rule('rset', 'early $rows|ones', (_s, x: Context) => timely('<', x), 0.2),
  // 'Jobs that are finished': done on a day that is known
  rule('cond', '~be|~have already|all? been? $col:c already?', ({ c }, x: Context) => (/^\p{L}+(?:ed|aid|old|ent|one)$/iu.test(c) && isDated(c, x) && hasBlanks(c, x) ? not(empty(c)) : null), 0.5),
  rule('rset', '$col:c $rows|ones', ({ c }, x: Context) => (/^\p{L}+(?:ed|aid|old|ent|one)$/iu.test(c) && isDated(c, x) && hasBlanks(c, x) ? not(empty(c)) : null), 0.6),
  rule('rset', 'unfinished|unclosed|undelivered|unreturned|unsent|unsold|open $rows|ones', (_s, x: Context) => { const d = deadlineOf(x); return d && hasBlanks(d.done, x) ? empty(d.done) : null; }, 0.5),
  ...SIZES.map(([words, op]) => rule('cond', `~be? at|from? ${words} $clock:t`, ({ t }, x: Context) => atRowTime(op, t, x), 0.1)).flat(),
  rule('when', '~between $date:a ~fromTo $date:b ~bothIncluded?', ({ a, b }): When => ({ bounds: [['>=', a], ['<=', b]] }), 0),
  rule('when', 'in|during|within the? period|span|time|range|window|interval of|from|between|:? $date:a ~fromTo $date:b ,? ~bothIncluded?', ({ a, b }): When => ({ bounds: [['>=', a], ['<=', b]] }), -0.05),
  // 'Washes that took place between 8 and 15 April'
  ...['took|take|takes|taking place', '~be? happened|occurred|held|happen|happens'].map((said) => rule('cond', `${said} $cond:c`, ({ c }, x: Context) => (columnsOf(c).length === 1 && isDated(columnsOf(c)[0]!, x) ? c : null), 0)).flat(),
  rule('when', '$date:a ~fromTo $date:b ,? ~bothIncluded', ({ a, b }): When => ({ bounds: [['>=', a], ['<=', b]] }), 0),
  rule('when', 'from|since $date:a ~fromTo $date:b ~bothIncluded?', ({ a, b }): When => ({ bounds: [['>=', a], ['<=', b]] }), 0),
  rule('when', 'from|since|as $date:a on|onwards|onward|forward', ({ a }): When => ({ bounds: [['>=', a]] }), 0),
  // 'It took more than 10 minutes longer than planned'
  rule('cond', 'it|they|$rows|$noun|$col? ~lasted|took|needed|ran|was|were|is|are|landed|arrived|came|left|finished|ended ~more $num:n ^$spanUnit:u longer|more|over|above|later|behind|beyond than? the|its|their|what? $ex1:b', ({ n, u, b }, x: Context) => { const e = rowSpan(u, x); return e && b.kind !== 'number' && keyOf(e) !== keyOf(b) ? compare('>', op('-', e, b), number(n)) : null; }, -0.5),
  rule('when', '$date:a and later|after|afterwards|thereafter|onwards|onward', ({ a }): When => ({ bounds: [['>=', a]] }), 0.05),
  rule('when', '$date:a and earlier|before', ({ a }): When => ({ bounds: [['<=', a]] }), 0.05),
  rule('when', '$date:a or later|after', ({ a }): When => ({ bounds: [['>=', a]] }), 0),
  rule('when', '$date:a or earlier|before', ({ a }): When => ({ bounds: [['<=', a]] }), 0),
  rule('cond', '$when:w', ({ w }, x: Context) => { const c = onlyDate(x); return c && at(w, c, x); }, 0.15),
  rule('cond', '$col:c ~be? $when:v and|but $when:w', ({ c, v, w }, x: Context) => { const [a, b] = [at(v, c, x), at(w, c, x)]; return a && b && all([a, b]); }, -0.25),
  rule('cond', '$col:c ~be? $when:v or $when:w', ({ c, v, w }, x: Context) => { const [a, b] = [at(v, c, x), at(w, c, x)]; return a && b && any([a, b]); }, -0.25),
  rule('cond', '$col:c ~be? $when:w', ({ c, w }, x: Context) => at(w, c, x), 0.05),
  ...[0, 1, 2, 3].flatMap((k) => rule('cond', '$when:w', ({ w }, x: Context) => { const all = dateColumns(x); return all.length > 1 && all.length <= 4 && all[k] !== undefined ? at(w, all[k], x) : null; }, 0.3)),
  // 'Readings from February' are those of that month, in whatever year
  rule('rset', '$rows|$noun|$guess from the? month? of? $period:p', ({ p }, x: Context) => { const c = p.month !== undefined && p.day === undefined ? onlyDate(x) : null; return c && within(c, p, x); }, -0.4),
  ...SIZES.map(([words, op]) => rule('cond', `$col:c ~be? at|opened|open|is|are? ${words} $clock:t`, ({ c, t }, x: Context) => atClock(op, c, t, x), 0)).flat(),
  rule('cond', '$col:c ~be? at|from|opened|open|is|are? $clock:t or later|after|over|more', ({ c, t }, x: Context) => atClock('>=', c, t, x), 0),
  rule('cond', '~be? from $clock:t on|onwards', ({ t }, x: Context) => atRowTime('>=', t, x), 0.1),
  rule('cond', '$col:c ~be? from $clock:t on|onwards?', ({ c, t }, x: Context) => atClock('>=', c, t, x), 0.02),
  rule('cond', '$col:c ~be? at|until|opened|open|is|are? $clock:t or earlier|before|less', ({ c, t }, x: Context) => atClock('<=', c, t, x), 0),
  rule('cond', '~be? from|between? $clock:a to|until|till|and|-|– $clock:b', ({ a, b }, x: Context) => { const [low, high] = [atRowTime('>=', a, x), atRowTime('<=', b, x)]; return low && high && a < b ? all([low, high]) : null; }, 0.05),
  ...([['>=', 'after|later'], ['<=', 'before|earlier']] as const).flatMap(([operator, words]) => rule('cond', `$col:c? ~be? at|by or ${words} $clock:t`, ({ c, t }, x: Context) => { const name = (c as string | undefined) ?? rowTime(x); return name === null ? null : atClock(operator, name, t, x); }, 0)),
  // 'In the morning (before 12)'
  ...SIZES.flatMap(([words, op]) => [
    rule('cond', `~be? ^$col:b after|within|in? ${words} $num:n $spanUnit:u`, ({ b, n, u }, x: Context) => { const from = readsAsDate(x.head, b) ? dateColumns(x).filter((c) => c !== b) : []; return from.length === 1 && u !== 'minutes' && u !== 'hours' ? compare(op, { kind: 'span', unit: u, from: column(from[0]!), to: column(b) }, number(n)) : null; }, 0),
  ]).flat(),
  // 'Anything in the evening, that is from 6 pm on'
  rule('rset', 'morning|evening|afternoon|night|late|early ones|$rows|$noun|$guess :|,|-|– (that is|means)? (i.e|meaning|so)? ^$cond:c', ({ c }) => (byClock(c) ? c : null), -0.2),
  rule('rset', 'anything|everything|all|those|ones|$rows|$noun in|of the? morning|evening|afternoon|night :|,|-|– (that is|means)? (i.e|meaning|so)? ^$cond:c', ({ c }) => (byClock(c) ? c : null), -0.2),
  // 'Fed in the afternoon', where nothing is as late as the evening
  rule('cond', '$col:c ~be? in the? morning|mornings', ({ c }, x: Context) => inMorning(c, x), 0.1),
  rule('cond', '$col:c ~be? in the? afternoon|afternoons', ({ c }, x: Context) => inAfternoon(c, x), 0.1),
  rule('cond', '~be? in the? afternoon|afternoons', (_s, x: Context) => inAfternoon(rowTime(x), x), 0.2),
  rule('cond', '~be? in the? morning (~open? before|until|till $clock|$num ~close?)?', (_s, x: Context) => inMorning(rowTime(x), x), 0.1),
  rule('cond', '$col:c ~be? at? $clock:t', ({ c, t }, x: Context) => atClock('=', c, t, x), 0.1),
  rule('cond', '~more $num:n $clockUnit:u late|behind|delayed', ({ n, u }, x: Context) => { const e = late(u, null, x); return e && compare('>', e, number(n)); }, 0),
  rule('cond', '~least $num:n $clockUnit:u late|behind|delayed', ({ n, u }, x: Context) => { const e = late(u, null, x); return e && compare('>=', e, number(n)); }, 0),
  rule('cond', '$word:w ~more $num:n $clockUnit:u late', ({ w, n, u }, x: Context) => { const e = late(u, w, x); return e && compare('>', e, number(n)); }, 0),
  rule('cond', '~be? older than $period:p', ({ p }, x: Context) => { const c = startColumn(x) ?? rowDate(x); return c && p.month === undefined ? onDate('<', c, p.from, x) : null; }, -0.15),
  rule('cond', '~be? newer|younger than $period:p', ({ p }, x: Context) => { const c = startColumn(x) ?? rowDate(x); return c && p.month === undefined ? onDate('>', c, p.to, x) : null; }, -0.15),
  rule('cond', '~not been? $col:c since|after|from $date:d', ({ c, d }, x: Context) => onDate('<', c, d, x), 0.05),
  rule('cond', '~not been? $col:c since|after|from $period:p', ({ c, p }, x: Context) => { const w = relative('<', c, p, x); return w && (hasBlanks(c, x) ? any([w, empty(c)]) : w); }, 0.05),
  rule('cond', '~not been? $col:c in|during|for $period:p', ({ c, p }, x: Context) => { const w = within(c, p, x); return w && not(w); }, 0.05),
  // Dates
  rule('cond', '$col:c ~be? ~between $date:a ~fromTo $date:b ~bothIncluded?', ({ c, a, b }, x: Context) => (isDated(c, x) ? all([compare('>=', column(c), { kind: 'date', value: a }), compare('<=', column(c), { kind: 'date', value: b })]) : null), 0),
  rule('cond', '$col:c ~be? in|during|from|between|of $period:p ~bothIncluded?', ({ c, p }, x: Context) => within(c, p, x), 0.02),
  rule('cond', '~be? from|since $period:p on|onwards|upwards|forward|onward', ({ p }, x: Context) => { const c = rowDate(x); return c && relative('>=', c, p, x); }, -0.1),
  rule('cond', '~be? in|on|at|from|for? $period:p or|and later|after|afterwards|onwards|onward|thereafter', ({ p }, x: Context) => { const c = rowDate(x); return c && relative('>=', c, p, x); }, -0.2),
  rule('cond', '~be? in|on|at|from|for? $period:p or|and earlier|before', ({ p }, x: Context) => { const c = rowDate(x); return c && relative('<=', c, p, x); }, -0.2),
  // 'Still valid on 1 September'
  rule('cond', '~be? still? ^$col:c on|at $date:d', ({ c, d }, x: Context) => (/\b(?:until|till|expir\w*|ends?)\b/i.test(c) ? onDate('>=', c, d, x) : null), -0.3),
  ...['first|1st', 'second|2nd', 'third|3rd', 'fourth|4th|last'].map((word, k) => rule('cond', `$col:c ~be? in|during|from? the? ${word} quarter (of the year)?`, ({ c }, x: Context) => (isDated(c, x) ? compare('=', { kind: 'part', part: 'quarter', of: column(c) }, number(k + 1)) : null), -0.1)).flat(),
  rule('cond', '$col:c ~be? in|on|at|from? $period:p or|and|, later|after|since|afterwards|onwards|beyond|newer|younger', ({ c, p }, x: Context) => relative('>=', c, p, x), -0.1),
  rule('cond', '$col:c ~be? in|on|at|from? $period:p or|and|, earlier|before|older', ({ c, p }, x: Context) => relative('<=', c, p, x), -0.1),
  rule('cond', '$rows? ~be? $col:c $period:p', ({ c, p }, x: Context) => within(c, p, x), 0.2),
  rule('cond', '$col:c ~be? in|during|from|of? $period:p and|or|&|, $period:q', ({ c, p, q }, x: Context) => { const [a, b] = [within(c, p, x), within(c, q, x)]; return a && b && JSON.stringify(a) !== JSON.stringify(b) ? any([a, b]) : null; }, -0.1),
  ...[0, 1, 2, 3].flatMap((k) => rule('cond', 'in|during|from|of|for? $period:p and|or|&|, in|during|for? $period:q', ({ p, q }, x: Context) => { const all = dateColumns(x), c = rowDate(x) ?? all[k]; const [a, b] = c === undefined || (k > 0 && rowDate(x) !== null) ? [null, null] : [within(c, p, x), within(c, q, x)]; return a && b && JSON.stringify(a) !== JSON.stringify(b) && p.month !== undefined && q.month !== undefined ? any([a, b]) : null; }, 0)).flat(),
  rule('cond', '$period:p', ({ p }, x: Context) => { const c = onlyDate(x); return c && within(c, p, x); }, 0.2),
  rule('cond', 'in|during|from|of|between $period:p', ({ p }, x: Context) => { const c = onlyDate(x); return c && within(c, p, x); }, 0.15),
  rule('cond', '$col:c ~be? on|equals|is $date:d', ({ c, d }, x: Context) => onDate('=', c, d, x), 0.05),
  rule('cond', 'in|during|from|of? $period:p ,? going? by|according|judging to|by? the? $col:c', ({ p, c }, x: Context) => within(c, p, x), 0),
  // 'Calls longer than 20 minutes': how long a row lasted, where it begins and ends
  ...([['longer', '>'], ['shorter', '<']] as const).map(([words, op]) => rule('rset', `$rows ~rel? ~be|lasted|lasting|took|taking? ${words} than? $num:n $spanUnit:u`, ({ n, u }, x: Context) => spanned(op, u, n, x), 0.15)).flat(),
  // 'Bookings of at least a week', 'bookings of seven nights or more'
  ...SIZES.map(([words, op]) => rule('rset', `$rows of|for|with ${words} $num:n $spanUnit:u`, ({ n, u }, x: Context) => spanned(op, u, n, x), 0.1)),
  ...([['~orMore', '>='], ['~orLess', '<=']] as const).map(([words, op]) => rule('rset', `$rows of|for|with $num:n $spanUnit:u ${words}`, ({ n, u }, x: Context) => spanned(op, u, n, x), 0.1)),
  ...([['~orMore', '>='], ['~orLess', '<=']] as const).flatMap(([words, op]) => [
    rule('rset', `$noun|$guess|stays|stay|visits of|for|with $num:n $spanUnit:u ${words}`, ({ n, u }, x: Context) => spanned(op, u, n, x), 0.2),
    rule('rset', `$rows|$noun|$guess|stays|stay of|for|with a|one $spanUnit:u ${words}`, ({ u }, x: Context) => spanned(op, u, 1, x), 0.1),
  ]).flat(),
  // 'that lay longer than two days'
  ...SIZES.flatMap(([words, op]) => rule('cond', `took|lasted|lay|stayed|waited|stood|sat|remained|needed|ran|spent|was|were|been $whereabouts? ${words} $num:n $spanUnit:u ^$whereabouts?`, ({ n, u }, x: Context) => spanned(op, u, n, x), 0.05)),
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
  rule('cond', 'not ~be? $col:c yet?', ({ c }, x: Context) => (isDated(c, x) ? empty(c) : null), 0.1),
  rule('cond', 'not|never ~be? $col:c yet', ({ c }, x: Context) => (isDated(c, x) ? empty(c) : null), -0.15),
  rule('cond', '~be not ~be? $col:c yet', ({ c }, x: Context) => (isDated(c, x) ? empty(c) : null), -0.15),
  rule('cond', '~be? not ~be? $col:c yet?', ({ c }, x: Context) => (isDated(c, x) ? empty(c) : null), 0.1),
  rule('cond', '$datedPeriod:d', ({ d }, x: Context) => within(d.column, d.period, x), 0),
  rule('cond', 'in|during|from|of|between $datedPeriod:d', ({ d }, x: Context) => within(d.column, d.period, x), -0.05),
  rule('cond', '$col:c ~be? in|during|from|between? the? week|days|time|period|span|stretch from|of|between? $period:p ~bothIncluded?', ({ c, p }, x: Context) => within(c, p, x), 0.02),
  rule('cond', 'on|at $period:p', ({ p }, x: Context) => { const c = p.day === undefined ? null : onlyDate(x); return c && within(c, p, x); }, 0.1),
  rule('rset', 'not $col:c yet? ones|$rows|$noun', ({ c }, x: Context) => (isDated(c, x) ? empty(c) : null), 0.05),
  rule('cond', '~be? still|yet? waiting? to be ^$col:c', ({ c }, x: Context) => (isDated(c, x) && hasBlanks(c, x) ? empty(c) : null), -0.2),
  rule('cond', '$col:c ~be? from|between|since? $period:a ~fromTo $period:b ,? ~bothIncluded?', ({ c, a, b }, x: Context) => between(c, a, b, x), -0.1),
  rule('cond', '~be? from|between $period:a ~fromTo $period:b ,? ~bothIncluded?', ({ a, b }, x: Context) => { const c = rowDate(x); return c && between(c, a, b, x); }, -0.1),
  // 'November and December 2025': the year stands once
  rule('periods', '$period:a and|or|& of|in|for|during? $period:b', ({ a, b }) => (a.day === undefined && b.day === undefined ? [inYearOf(a, b), b] : null), 0),
  rule('periods', '$period:a , $periods:b', ({ a, b }) => (a.day === undefined ? [inYearOf(a, b[0]), ...b] : null), 0),
  rule('cond', '$col:c ~be? in|during|from|of $periods:p', ({ c, p }, x: Context) => inAny(c, p, x), -0.1),
  rule('cond', 'in|during|from|of $periods:p', ({ p }, x: Context) => inAny(rowDate(x), p, x), -0.1),
  rule('rset', '$periods:p $rows|$noun|$guess', ({ p }, x: Context) => inAny(rowDate(x), p, x), 0),
  // 'Still here': what ends a row has not come yet
  rule('cond', '~be? still with|at us|ours|the|our (shop|workshop|house|place|depot|office)?', (_s, x: Context) => unended(x), 0),
  rule('cond', '~be? still here|there|out|in|away|waiting|around|unfinished|unsold|left with|for|at? a|an|us|the|its|their? $word?', (_s, x: Context) => unended(x), 0.2),
  rule('cond', '$col:c $date:a ~fromTo $date:b only? ,? ~bothIncluded?', ({ c, a, b }, x: Context) => (isDated(c, x) ? all([compare('>=', column(c), { kind: 'date', value: a }), compare('<=', column(c), { kind: 'date', value: b })]) : null), 0.1),
  rule('cond', '~be still|yet? going|carrying on', (_s, x: Context) => unended(x), 0.05),
  rule('cond', '~be still|yet? ongoing|underway|running|unfinished', (_s, x: Context) => unended(x), 0.1),
  rule('cond', '$col:c falls|fall|lies|lie|is|are within|inside|between the? $period:p ~bothIncluded?', ({ c, p }, x: Context) => within(c, p, x), 0),
  rule('cond', '$col:c falls|fall|lies|lie|is|are within|inside|between the? $date:a ~fromTo $date:b ,? ~bothIncluded?', ({ c, a, b }, x: Context) => (isDated(c, x) ? all([compare('>=', column(c), { kind: 'date', value: a }), compare('<=', column(c), { kind: 'date', value: b })]) : null), 0),
  // 'Only jobs from January please (brought in)'
  ...['from|in|of|during'].map((words) => rule('rset', `$rows|$noun|$guess ${words} $period:p please? ,? ~open (by|as|going by|according to|of|the)? ^$col:c ~close`, ({ p, c }, x: Context) => within(c, p, x), -0.6)).flat(),
  // 'Not over yet', 'isn't back'
  rule('cond', '~be|~have? ~not been? ^$word:w yet?', ({ w }, x: Context) => { if (!/^(?:over|back|finished|home|returned|done|ended|complete|completed)$/i.test(w) || x.vocabulary.values.has(w.toLowerCase())) return null; return unended(x); }, 0.1),
  // 'Delivered within five days of ordering'
  rule('cond', '~be? ^$col:a within|inside $num:n $spanUnit:u of|after|from|since? the? ^$col:b', ({ a, n, u, b }, x: Context) => (a !== b && isDated(a, x) && isDated(b, x) ? spanned('<=', u, n, x, [b, a]) : null), -0.2),
  // 'Delivered on the day it was collected'
  rule('cond', '~be? ^$col:a on|at? the? very? same|day|date day|date? as|that|when|on? which? it|they|he|she|this? ~be? ^$col:b', ({ a, b }, x: Context) => sameDay(a, b, x), -0.3),
  // 'When closing took more than ten days'
  ...SIZES.flatMap(([words, op]) => rule('cond', `$col:b the? $rows|$noun|$guess? ~be|took|takes|take|needed|lasted|came? ${words} $num:n $spanUnit:u`, ({ b, n, u }, x: Context) => { const from = readsAsDate(x.head, b) ? begunBefore(b, x) : null; return from === null ? null : spanned(op, u, n, x, [from, b]); }, 0)),
].flat();
