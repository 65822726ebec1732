import { keyOf, rule, type Rule } from '../../language/chart';
import type { Context } from '../../language/acts';
import { moneyColumn, rowDate } from '../../language/grammar/roles';
import { column, columnsOf, type Condition, type Expression } from '../../formula/expression';
import { isTheirs, tested } from '../../language/grammar/pairs';
import type { Period } from '../../language/grammar/seeds/times';
import { within } from '../../language/grammar/conditions/make';
import { allRows, firstUnique, type Question, sum } from './question';

/** Figures of two groups side by side. */
function compared(pair: readonly { readonly column: string; readonly text: string }[], figures: readonly (Expression | null)[]): Question | null {
  const [a, b] = pair;
  const known = figures.filter((f) => f !== null);
  return a!.column === b!.column && a!.text !== b!.text && known.length === figures.length ? { figures: known, by: [column(a!.column)], where: { kind: 'among', of: column(a!.column), texts: [a!.text, b!.text] } } : null;
}

/** Figures of two periods side by side, by months where both are months, else by years. */
function comparedPeriods(a: Period, b: Period, figures: readonly (Expression | null)[], x: Context): Question | null {
  const date = rowDate(x), known = figures.filter((f) => f !== null);
  const [m, n] = date === null ? [null, null] : [within(date, a, x), within(date, b, x)];
  if (date === null || m === null || n === null || keyOf(m) === keyOf(n) || known.length < figures.length) return null;
  const whole = (p: Period): boolean => p.from.endsWith('-01-01') && p.to.endsWith('-12-31');
  const part = whole(a) && whole(b) ? 'year' : a.month === undefined ? 'month in its year' : 'month';
  return { figures: known, by: [a.day !== undefined || b.day !== undefined ? column(date) : { kind: 'part', part, of: column(date) }], where: { kind: 'any', of: [m, n] } };
}

/** Rows that differ from what another table says, by what tells them apart, with both values: first this table's. */
function besides(where: Condition, x: Context): Question | null {
  const key = firstUnique(x), sides = where.kind === 'compare' ? [where.left, where.right] : [];
  const theirs = sides.filter((e) => isTheirs(e)), own = sides.filter((e) => !isTheirs(e) && columnsOf(e).length > 0);
  return key !== undefined && theirs.length === 1 && own.length === 1 ? { figures: [], by: [column(key), own[0]!, theirs[0]!], where } : null;
}

/** Questions that put two groups or two periods side by side. */
export const comparingPhrases: readonly Rule[] = [
  // 'Show me the lots where what was paid is not what is due, with both amounts'
  rule('question', '~tellMe? the? $rset:c $bothTold', ({ c }, x: Context) => besides(c, x), -0.3),
  rule('question', 'where|when|for in|at|for|which? $rows|$noun|$guess? ~be|does|do|did|~have $cond:c .|,|;|?? and|please? ~tellMe|~keep me|us? the|those|these|them|all|only? $rows|$noun|ones|those|these|them|cases? $bothTold', ({ c }, x: Context) => besides(c, x), -0.6),
  rule('question', '$holding:p .|,|;|:|and and|then|please? ~tellMe all? the? $rows|$noun|$col|ones|those|cases ~rel? $pairTest:t $bothTold', ({ p, t }, x: Context) => { const where = tested(t, p, x); return where && besides(where, x); }, -0.5),
  // '... and hold it against Q1 Paid. Which households paid a different total, even by a cent?'
  rule('question', '$holding:p .|,|;|:|?? and? ~tellMe? which|what|who $rows|$noun|$col|$guess|ones|of? (them|those|these)? ~rel? $pairTest:t ??', ({ p, t }, x: Context): Question | null => { const where = tested(t, p, x), key = firstUnique(x); return where && key !== undefined ? { figures: [], by: [column(key)], where } : null; }, -0.5),
  rule('question', 'the? $cols:m in|of|for|from? the? $period:a versus|vs|against|compared with|to? $period:b', ({ m, a, b }, x: Context) => comparedPeriods(a, b, m.map((name: string) => sum(name, x)), x), 0.1),
  // 'Compare the takings of January and February', 'compare April with May'
  rule('question', 'compare the? $cols:m of|for|in|between? the? $period:a with|to|and|against|versus|vs $period:b', ({ m, a, b }, x: Context) => comparedPeriods(a, b, m.map((name: string) => sum(name, x)), x), 0),
  rule('question', 'compare the? $period:a with|to|and|against|versus|vs $period:b ,|:|in|by|on? $cols:m', ({ m, a, b }, x: Context) => comparedPeriods(a, b, m.map((name: string) => sum(name, x)), x), 0),
  rule('question', 'compare the? $qfigs:f of|for|in|between? the? $period:a with|to|and|against|versus|vs $period:b', ({ f, a, b }, x: Context) => comparedPeriods(a, b, f, x), -0.1),
  rule('question', 'compare the? $period:a with|to|and|against|versus|vs $period:b ,|:|in|by|on? $qfigs:f', ({ f, a, b }, x: Context) => comparedPeriods(a, b, f, x), 0),
  rule('question', 'compare the? $period:a with|to|and|against|versus|vs $period:b', ({ a, b }, x: Context) => { const money = moneyColumn(x); return comparedPeriods(a, b, [allRows, ...(money === null ? [] : [sum(money, x)])], x); }, 0.3),
  // 'compare north with south: juice and cost'
  rule('question', 'compare $value:a with|to|and|against|versus|vs $value:b ,|: $cols:m', ({ a, b, m }, x: Context) => compared([a, b], m.map((name: string) => sum(name, x))), 0),
  rule('question', 'compare $value:a with|to|and|against|versus|vs $value:b ,|: $qfigs:f', ({ a, b, f }) => compared([a, b], f), 0),
  rule('question', 'compare $qfigs:f of|for|between|in|at $value:a with|to|and|against|versus|vs $value:b', ({ a, b, f }) => compared([a, b], f), -0.2),
  rule('question', 'compare $value:a with|to|and|against|versus|vs $value:b by|on|in|for $qfigs:f', ({ a, b, f }) => compared([a, b], f), -0.1),
].flat();
