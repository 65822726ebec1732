import { readsAsDate } from '../../formula/check';
import { number, type Expression, type Holidays } from '../../formula/expression';
import { amend, plans, type Act, type Context } from '../../language/acts';
import { keyOf, rule } from '../../language/chart';
import { dated, quantity, rowDate } from '../../language/grammar/roles';
import type { SpanUnit } from '../../values/date';

/* Dates moved by a span, and working days that leave out the holidays of another table. */

type Side = 'after' | 'before';

function shifted(by: Expression | null, unit: SpanUnit, side: Side, name: string | null, x: Context): Expression | null {
  const of = name === null ? null : dated(name, x);
  return by && of ? { kind: 'shifted', by, unit, side, of } : null;
}

/** The column itself moved. */
const moved = (by: number, unit: SpanUnit, side: Side, names: readonly string[], x: Context): Act | null => {
  const made = names.map((name) => ({ name, as: shifted(number(by), unit, side, name, x) }));
  return made.every((m) => m.as !== null) ? plans(...made.map(({ name, as }) => ({ step: 'calculate' as const, name, as: as!, replace: true }))) : null;
};

/** The days of another table that are no working days: by its name or by that of its only column of dates. */
function holidaysIn(x: Context): Holidays | null {
  const found = [...(x.head.others ?? [])].flatMap(([table, head]) => {
    const days = head.columns.filter((c) => readsAsDate(head, c.name));
    const called = /holiday|closed|closing|feast|day.?off|free.?day|bank/i;
    const own = called.test(table) && days.length === 1 ? days : days.filter((c) => called.test(c.name));
    return own.length === 1 ? [{ table, under: own[0]!.name }] : [];
  });
  return found.length === 1 ? found[0]! : null;
}

/** Every span of working days in a formula without the holidays; null where there is none. */
function without(e: Expression, holidays: Holidays): Expression | null {
  let some = false;
  const change = <T>(node: T): T => {
    if (Array.isArray(node)) return node.map(change) as T;
    if (typeof node !== 'object' || node === null) return node;
    const all = Object.fromEntries(Object.entries(node).map(([k, v]) => [k, change(v)]));
    if (all['unit'] !== 'working days') return all as T;
    some = true;
    return { ...all, holidays } as T;
  };
  const out = change(e);
  return some ? out : null;
}

const leavingOut = (holidays: Holidays): Act =>
  amend(`without ${keyOf(holidays)}`, (plan) => {
    const as = plan.step === 'calculate' ? without(plan.as, holidays) : null;
    return plan.step === 'calculate' && as ? { ...plan, as } : null;
  });

export const shiftPhrases = [
  rule('shiftUnit', 'working|work|business days|day', () => 'working days', -0.1),
  rule('shiftUnit', 'workdays|workday', () => 'working days', -0.1),
  ...([['day|days', 'days'], ['week|weeks', 'weeks'], ['month|months', 'months'], ['year|years', 'years'], ['hour|hours', 'hours'], ['minute|minutes|mins', 'minutes']] as const).map(([words, unit]) => rule('shiftUnit', words, () => unit, 0)).flat(),
  rule('fortnight', 'a|one? fortnight', () => 14, 0),
  ...([['after|following|behind|past|from', 'after'], ['before|ahead', 'before']] as const).flatMap(([words, side]) => [
    rule('ex0', `$num:n $shiftUnit:u ${words} of? the? $col:c`, ({ n, u, c }, x: Context) => shifted(number(n), u, side, c, x), -0.1),
    rule('ex0', `$num:n $shiftUnit:u ${words} of? ~each|the|its? $rows|$noun`, ({ n, u }, x: Context) => shifted(number(n), u, side, rowDate(x), x), 0.1),
    rule('ex0', `$fortnight ${words} of? the? $col:c`, ({ c }, x: Context) => shifted(number(14), 'days', side, c, x), -0.1),
    // A number of days that stands in a column
    rule('ex0', `$col:b $shiftUnit:u? ${words} of? the? $col:c`, ({ b, u, c }, x: Context) => (b === c || (u === undefined && !/\b(?:days?|weeks?|months?|years?|hours?|nights?|term|period|notice|duration)\b/i.test(b)) ? null : shifted(quantity(b, x), (u as SpanUnit | undefined) ?? 'days', side, c, x)), 0.3),
  ]).flat(),
  ...([['plus|+|and another|and', 'after'], ['minus|less|-|−', 'before']] as const).flatMap(([words, side]) => [
    rule('ex0', `$col:c ${words.split('|').filter((w) => !w.includes(' ') && w !== 'and').join('|')} $num:n $shiftUnit:u`, ({ c, n, u }, x: Context) => shifted(number(n), u, side, c, x), -0.1),
    rule('ex0', `$col:c ${words.split('|').filter((w) => !w.includes(' ') && w !== 'and').join('|')} the? $col:b $shiftUnit?`, ({ c, b }, x: Context) => (readsAsDate(x.head, b) ? null : shifted(quantity(b, x), 'days', side, c, x)), 0.05),
  ]).flat(),
  rule('ex0', '$num:n $shiftUnit:u later|on|afterwards', ({ n, u }, x: Context) => shifted(number(n), u, 'after', rowDate(x), x), 0.1),
  rule('ex0', '$num:n $shiftUnit:u earlier|beforehand', ({ n, u }, x: Context) => shifted(number(n), u, 'before', rowDate(x), x), 0.1),
  rule('clause', 'add $num:n $shiftUnit:u to the|each|every|all? $cols:c', ({ n, u, c }, x: Context) => moved(n, u, 'after', c, x), -0.1),
  rule('clause', 'subtract|deduct|take $num:n $shiftUnit:u off|from the|each|every|all? $cols:c', ({ n, u, c }, x: Context) => moved(n, u, 'before', c, x), -0.1),
  // 'Back' and 'forward' are later to some and earlier to others: with these verbs both are offered.
  rule('clause', 'move|shift|push|put|postpone|delay the|each|every|all? $cols:c back|on|out|later|forward|forwards? by? $shiftBy:s later|on', ({ s, c }, x: Context) => moved(s.n, s.u, 'after', c, x), 0),
  rule('clause', 'move|shift|push|put|postpone|delay the|each|every|all? $cols:c back|on|out|later|forward|forwards? by? $shiftBy:s', ({ s, c }, x: Context) => moved(s.n, s.u, 'after', c, x), 0),
  rule('clause', 'move|shift the|each|every|all? $cols:c forward|back|backwards|earlier by? $shiftBy:s', ({ s, c }, x: Context) => moved(s.n, s.u, 'before', c, x), 0),
  rule('clause', 'bring|pull the|each|every|all? $cols:c forward|backwards|earlier by? $shiftBy:s', ({ s, c }, x: Context) => moved(s.n, s.u, 'before', c, x), 0),
  rule('clause', 'move|shift|bring|pull the|each|every|all? $cols:c by? $shiftBy:s earlier', ({ s, c }, x: Context) => moved(s.n, s.u, 'before', c, x), -0.1),
  rule('clause', '$cols:c moved|shifted|pushed|postponed|delayed|put by? $shiftBy:s later|on|out|forward|ahead', ({ s, c }, x: Context) => moved(s.n, s.u, 'after', c, x), -0.1),
  rule('clause', '$cols:c moved|shifted|brought|pulled|put by? $shiftBy:s earlier', ({ s, c }, x: Context) => moved(s.n, s.u, 'before', c, x), -0.1),
  rule('shiftBy', '$num:n $shiftUnit:u', ({ n, u }) => ({ n, u }), 0),
  rule('shiftBy', 'a|one $shiftUnit:u', ({ u }) => ({ n: 1, u }), 0.1),
  rule('shiftBy', '$fortnight', () => ({ n: 14, u: 'days' }), 0),
  // 'Working days from … to …, without the holidays'
  rule('rider', 'without|excluding|except|minus|omitting|skipping the|our|any|all|public|bank? public|bank? holidays|holiday', (_s, x: Context) => { const h = holidaysIn(x); return h && leavingOut(h); }, -0.1),
  rule('rider', 'leave|leaving|take|taking out the|our|any|all|public|bank? public|bank? holidays', (_s, x: Context) => { const h = holidaysIn(x); return h && leavingOut(h); }, -0.1),
  rule('rider', "holidays|holiday don't|do|are|does not? count|counted|left|included out?", (_s, x: Context) => { const h = holidaysIn(x); return h && leavingOut(h); }, 0),
  rule('rider', 'not counting|including the|our|any|all|public|bank? public|bank? holidays', (_s, x: Context) => { const h = holidaysIn(x); return h && leavingOut(h); }, -0.1),
].flat();
