import { all, any, columnsOf, type Condition, number, rowsCounted } from '../../../formula/expression';
import { columnOf } from '../../../table/table';
import { rule, type Rule } from '../../chart';
import type { Context } from '../../acts';
import { stem } from '../../words';
import { dated, groupable } from '../roles';
import { compare, numeric, SIZES } from './make';

/** The months that a condition allows of each column of dates, as numbers from 1; a range only where it lies within one month. */
function monthOf(c: Condition): ReadonlyMap<string, number> {
  const found = new Map<string, number>(), from = new Map<string, string>();
  for (const part of c.kind === 'all' ? c.of : [c]) {
    if (part.kind !== 'compare') continue;
    const { left, right, op } = part;
    if (op === '=' && left.kind === 'part' && left.part === 'month' && left.of.kind === 'column' && right.kind === 'number') found.set(left.of.name, right.value);
    if (left.kind !== 'column' || right.kind !== 'date') continue;
    const month = right.value.slice(0, 7), first = from.get(left.name);
    if (op === '=' || (op === '<=' && first === month)) found.set(left.name, Number(month.slice(5)));
    if (op === '>=') from.set(left.name, month);
  }
  return found;
}

/** 'February and March': no date is in both. */
function otherMonth(a: Condition, b: Condition): boolean {
  const months = monthOf(b);
  return [...monthOf(a)].some(([name, month]) => (months.get(name) ?? month) !== month);
}

/** 'Below 20 and blank': a value compared with another is there. Nor does anybody say the same twice. */
const neverBoth = (a: Condition, b: Condition): boolean => JSON.stringify(a) === JSON.stringify(b) || otherMonth(a, b) || [[a, b], [b, a]].some(([p, q]) => p!.kind === 'empty' && p!.of.kind === 'column' && q!.kind === 'compare' && q!.left.kind === 'column' && q!.left.name === p!.of.name);

/** 'Light and medium': two values of one column are one or the other. */
const otherValue = (a: Condition, b: Condition): boolean => a.kind === 'among' && b.kind === 'among' && JSON.stringify(a.of) === JSON.stringify(b.of) && !a.texts.some((t) => b.texts.includes(t));

/** 'Copper and steel': a cell that is one value mentions no other. */
const otherText = (a: Condition, b: Condition): boolean => [[a, b], [b, a]].some(([p, q]) => p!.kind === 'among' && p!.of.kind === 'column' && q!.kind === 'text' && q!.test === 'mentions' && q!.of.kind === 'column' && p!.of.name === q!.of.name && !p!.texts.some((t) => q!.texts.some((u) => t.toLowerCase().includes(u.toLowerCase()))));

/** 'Brake or brakes': two forms of one word are looked for in one place; null for anything else. */
const otherForm = (a: Condition, b: Condition): Condition | null =>
  a.kind === 'text' && b.kind === 'text' && columnsOf(a).join() !== columnsOf(b).join() && a.texts.some((t) => b.texts.some((u) => stem(t.toLowerCase()) === stem(u.toLowerCase()))) ? { ...a, texts: [...a.texts, ...b.texts] } : null;

/** 'Not violin or cello' is none of the two; null for anything else. */
const neither = (a: Condition, b: Condition): Condition | null =>
  a.kind === 'not' && (a.of.kind === 'among' || a.of.kind === 'text') && b.kind === a.of.kind && JSON.stringify(a.of.of) === JSON.stringify(b.of) ? { kind: 'not', of: { ...a.of, texts: [...a.of.texts, ...b.texts] } } : null;

/** Rows of which one thing more is told. */
const further = (a: Condition, c: Condition): Condition | null => (neverBoth(a, c) || otherText(a, c) || (a.kind === 'among' && c.kind === 'among' && JSON.stringify(a.of) === JSON.stringify(c.of)) ? null : all([a, c]));

/** Conditions joined, and the rows that they are of. */
export const setRules: readonly Rule[] = [
  rule('rset', '$col:g with|having more than one|1 $word:w', ({ g, w }, x: Context) => (columnOf(x.head, g).type === 'text' && !x.vocabulary.values.has(w.toLowerCase()) && !x.head.columns.some((c) => c.name.toLowerCase().includes(stem(w))) ? compare('>', rowsCounted([g]), number(1)) : null), 0.3),
  // 'Farms with more than one visit': the rows of those
  rule('rset', '$col:g with|having $severalTimes:n', ({ g, n }, x: Context) => (groupable(g, x) && !dated(g, x) && columnOf(x.head, g).type === 'text' ? compare('>', rowsCounted([g]), number(n)) : null), 0.1),
  // 'The two without a date'
  rule('rset', 'the? two|three|four|five|2|3|4|5|few|handful ^$cond:c', ({ c }) => (c.kind === 'empty' || (c.kind === 'any' && c.of.every((o: Condition) => o.kind === 'empty')) ? c : null), 0.1),
  // 'If there's another session in the same room on the same day'
  rule('sameIn', 'in|on|at|by|of|with|for the? same $col:c', ({ c }) => [c], 0),
  rule('sameIn', '$sameIn:a and|,? $sameIn:b', ({ a, b }) => (b.some((n: string) => a.includes(n)) ? null : [...a, ...b]), 0),
  rule('sameIn', 'in|on|at|by|of|with|for the? same $col:a and|, the? same? $col:b', ({ a, b }) => (a === b ? null : [a, b]), 0),
  rule('cond', 'there|we? ~be|~have? another|more|other|second|several|two $rows|$noun|$guess|one|ones ~be|~have? $sameIn:c', ({ c }) => compare('>', rowsCounted(c), number(1)), -0.2),
  rule('cond', "there's|theres another|more|other|a second? $rows|$noun|$guess|one|ones $sameIn:c", ({ c }) => compare('>', rowsCounted(c), number(1)), -0.2),
  rule('cond', 'the|it|they|he|she? $rows|$word? took|lasted|needed|take|lasts|takes $cond:c', ({ c }) => c, 0.15),
  rule('cond', '$cond:c live|lives|living|are|is|live there|here', ({ c }) => c, 0.05),
  rule('cond', '$cond:c or|and ~be? ~blankWord', ({ c }) => { const of = c.kind === 'compare' ? c.left : c.kind === 'among' ? c.of : null; return of?.kind === 'column' ? any([c, { kind: 'empty', of }]) : null; }, 0.05),
  rule('rset', '$word|$col|$guess? $guess|$rows|$noun ,|- i.e|ie|meaning|namely|so|hence|that|which is|means? ,|:? ~rel? $cond:c', ({ c }) => c, 0.15),
  rule('rset', '$word? $guess|$rows ~open $cond:c ~close', ({ c }) => c, 0.2),
  // 'Jobs that we lost money on (material plus labour is more than the invoice)'
  rule('rset', '$rows|$guess|$noun ~rel $remark ~open i.e|that|so|meaning|namely? is? ,|:? $cond:c ~close', ({ c }) => c, 0.05),
  rule('rset', '$rows|$guess|$noun ~rel $remark ,|:|-? that|which is|means ,|:? ~rel? $cond:c', ({ c }) => c, 0),
  rule('rset', '$rows|$guess|$noun $remark ,|:? so|meaning|namely|hence ~rel? $cond:c', ({ c }) => c, 0.1),
  rule('rset', '$rows ~rel run|ran|runs|last|lasts|lasted|take|takes|took|weigh|weighs|weighed|hold|holds|held|reach|reached|measure|measures|measured|cover|covers $cond:c', ({ c }) => (c.kind === 'compare' ? c : null), 0.05),
  rule('rset', '$cond:a ^$cond:b', ({ a, b }) => (a.kind === 'among' && b.kind === 'among' && JSON.stringify(a.of) !== JSON.stringify(b.of) ? all([a, b]) : null), 0.3),
  rule('rset', '$word|$col|$guess? $rows|$noun|$guess : ~rel? $cond:c', ({ c }) => c, 0.3),
  // 'The books that came back damaged'
  rule('rset', '$rows|$noun|$guess ~rel ~be? came|come|comes|went|returned|brought|arrived|left back|home|in|out? ^$cond:c', ({ c }) => (c.kind === 'among' ? c : null), 0.05),
  // 'By Ines on mould M1'
  rule('rset', '$cond:a ^on|in|at|with|for|from|by|of $cond:b', ({ a, b }) => (a.kind === 'among' && b.kind === 'among' && JSON.stringify(a.of) !== JSON.stringify(b.of) ? all([a, b]) : null), 0.3),
  rule('cond', '$cond:a ~and $cond:b', ({ a, b }) => (neverBoth(a, b) || otherValue(a, b) || otherText(a, b) ? null : all([a, b])), 0.1),
  rule('cond', '$cond:a ~or $cond:b', ({ a, b }) => otherForm(a, b) ?? neither(a, b) ?? any([a, b]), 0.1),
  // 'The log mentions gale or fog': of the same texts, whatever else holds such a value
  rule('cond', '$cond:a or|, or? ^$value:v', ({ a, v }, x: Context) => (a.kind === 'text' && a.test === 'mentions' && a.of.kind === 'column' && a.of.name !== v.column && !a.texts.includes(v.text) && x.vocabulary.inside.get(v.text.toLowerCase())?.has(a.of.name) ? { ...a, texts: [...a.texts, v.typed] } : null), -0.2),
  rule('rset', '$cond:a and|& $cond:b', ({ a, b }) => (otherText(a, b) ? any([a, b]) : null), 0.1),
  rule('cond', '~open $cond:c ~close', ({ c }) => c, 0),
  // Sets of rows
  rule('rset', '$cond:c', ({ c }) => c, 0.02),
  rule('rset', '$cond:c $rows', ({ c }) => c, 0),
  rule('rset', '$rows|$guess|$noun coming|going|being|getting|standing|lying|running|marked|listed|shown|flagged $cond:c', ({ c }) => c, 0.05),
  rule('rset', 'every|any|all? $rows ~rel? ~be? $cond:c', ({ c }) => c, 0),
  rule('rset', 'every|any|all? $guess ~rel ~be? $cond:c', ({ c }) => c, 0),
  rule('rset', 'every|each|any $guess ~be? $cond:c', ({ c }) => c, 0),
  rule('rset', '$cond:c ^$guess', ({ c }) => c, 0.1),
  rule('rset', '$rows $rows ~rel? ~be? $cond:c', ({ c }) => c, 0),
  rule('rset', '$cond:a where|when|whose|during|if in? which? $cond:c', ({ a, c }) => (a.kind !== 'among' || neverBoth(a, c) ? null : all([a, c])), 0.05),
  rule('rset', '$rset:a from|with|of|in|at|by|for $cond:c', ({ a, c }) => (neverBoth(a, c) ? null : all([a, c])), 0.1),
  // 'Claims by car that are still open', 'those over 100 which are not paid'
  rule('rset', '$rset:a that|which|who|whose|where|but|though it|they|we|he|she? ~be|~have? still|yet|already|all? been? $cond:c', ({ a, c }) => further(a, c), 0.1),
  rule('rset', '$cond:a ^$noun|$guess|ones $cond:c', ({ a, c }) => (a.kind === 'among' || (a.kind === 'not' && a.of.kind === 'among') ? further(a, c) : null), 0.15),
  // 'The good trees and those in poor health': no row is both, so either is meant
  // 'Rare ones worth over 90'
  rule('rset', '$rset:a ^$cond:c', ({ a, c }) => ((a.kind === 'among' || a.kind === 'text') && c.kind === 'compare' && c.left.kind === 'column' && c.right.kind === 'number' && !neverBoth(a, c) && !columnsOf(a).includes(c.left.name) ? all([a, c]) : null), 0.25),
  // 'Or a full deck (cars = berths)': what is meant by it
  rule('cond', 'a|an ^$word $word? ~open that|this|so|meaning|i.e? (is|means)? $cond:c ~close', ({ c }) => (c.kind === 'compare' ? c : null), 0.3),
  rule('rset', '$rset:a and|plus|& also? the|those|all|any? $rset:b', ({ a, b }) => (a.kind === 'among' && b.kind === 'among' && JSON.stringify(a.of) === JSON.stringify(b.of) && !a.texts.some((t: string) => b.texts.includes(t)) ? { ...a, texts: [...a.texts, ...b.texts] } : null), 0.1),
  rule('rset', 'what|whatever ~be $cond:c', ({ c }) => c, 0),
  rule('rset', '$rset:a as well as anything|everything|those|all? $rset:c', ({ a, c }) => any([a, c]), 0),
  ...SIZES.map(([words, op]) => rule('rset', `$rset:a ,? and|or also? those|anything|everything|any|all|ones ~be? ${words} $num:n as|too|also? well?`, ({ a, n }, x: Context) => { const of = a.kind === 'empty' || a.kind === 'among' ? a.of : a.kind === 'compare' ? a.left : null; return of?.kind === 'column' && numeric(of.name, x) ? any([a, compare(op, of, number(n))]) : null; }, -0.2)).flat(),
  // 'Whatever is under 10 hours and the open ones': either is meant
  rule('rset', '$rset:a ,? and|plus the|all|any ^$cond:c ^ones|$rows|$noun as|too? well?', ({ a, c }) => (c.kind === 'among' && !columnsOf(a).some((n) => columnsOf(c).includes(n)) ? any([a, c]) : null), -0.3),
  rule('rset', '$rset:a , and anything|everything $cond:c', ({ a, c }) => any([a, c]), 0),
  rule('rset', '$rset:a and anything|everything|those|ones|also $rset:c too?', ({ a, c }) => any([a, c]), 0.05),
].flat();
