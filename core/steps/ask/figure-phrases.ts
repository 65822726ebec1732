import { HEADS } from '../../language/lexicon/heads';
import { keyOf, rule, type Rule } from '../../language/chart';
import type { Context } from '../../language/acts';
import { theirNumber } from '../../language/grammar/theirs';
import { column, type Expression, number, op } from '../../formula/expression';
import { columnOf } from '../../table/table';
import { columnIn, columnLike, groupable, moneyColumn, takingsColumn, quantity, rowSpan } from '../../language/grammar/roles';
import { oneOf, saysYes } from '../../language/grammar/conditions/make';
import { readsAsDate } from '../../formula/check';
import { nearlyUnique } from '../../language/grammar/samples';
import { namesRows } from '../../language/mentions';
import { stem } from '../../language/words';
import { personColumn } from '../calculate/person-phrases';
import { allRows, over, type Question, repeats, sum, sumOverSum, weightedMean } from './question';

/** The column that is called as the rows are, where its values come in several rows. */
function severalRows(noun: string, x: Context): string | null {
  const own = x.head.columns.find((c) => c.type === 'text' && stem(c.name.toLowerCase()) === stem(noun.toLowerCase()));
  return own && groupable(own.name, x) && repeats(own.name, x) && !nearlyUnique(x.head.glances?.get(own.name)) ? own.name : null;
}

/** The one column that says how many of them came. */
function headcount(called: RegExp, x: Context): Expression | null {
  const found = x.head.columns.filter((c) => called.test(c.name) && quantity(c.name, x) !== null);
  return found.length === 1 ? sum(found[0]!.name, x) : null;
}

/** Is it what a column adds up to? */
const isSum = (e: Expression): boolean => e.kind === 'total' && e.fn === 'sum';

/** Figures over rows: counts, totals, averages, ends, quotients. */
export const figurePhrases: readonly Rule[] = [
  // Figures
  rule('qfig', '~countWord the? $rows|$guess', () => allRows, 0.05),
  // 'How many kids came' of ‹Pupils›
  ...HEADS.map(([words, called]) => rule('qfig', `~countWord (all|of)? the? ${words} ~did|~be|were|there? came|come|visited|attended|took|there|here? part? in|here|there|along?`, (_s, x: Context) => headcount(called, x), -0.1)).flat(),
  // 'How many people does Ada Corr teach'
  ...HEADS.map(([words, called]) => rule('question', `how many (of (the|our))? ${words} does|do|did|has|have|had the? ^$values:v $word ??`, ({ v }, x: Context): Question | null => { const e = headcount(called, x), where = oneOf(v); return e && where && { figures: [e], by: [], where }; }, -0.2)).flat(),
  // 'Average list price', of another table
  rule('qfig', 'the? $sameFigure:f of? the? ^$theirs:c', ({ f, c }, x: Context) => { const e = theirNumber(c, x); return e && over(f, e); }, 0),
  // 'How many machines', where a machine has several rows
  rule('qfig', '~countWord ~distinctWord? the? $noun:n', ({ n }, x: Context) => { const c = severalRows(n, x); return c === null ? null : over('distinct', column(c)); }, -0.05),
  rule('qfig', '~countWord ~distinctWord $col:c', ({ c }) => over('distinct', column(c)), 0),
  // Where every value is another one, counting them is counting rows.
  rule('qfig', '~countWord $col:c', ({ c }, x: Context) => (columnOf(x.head, c).type === 'text' && quantity(c, x) === null && !groupable(c, x) && x.head.glances?.get(c)?.values ? over('count', column(c)) : null), 0.25),
  rule('qfig', '$col:c how many ~distinctWord', ({ c }) => over('distinct', column(c)), 0.1),
  rule('qfig', 'how much|many ~inTotal? $col:c ~inTotal?', ({ c }, x: Context) => sum(c, x), 0.1),
  rule('qfig', '~figureTotal of? the? $col:c ~inTotal?', ({ c }, x: Context) => sum(c, x), 0.1),
  rule('qfig', 'sum|add|total up all? the? $col:c', ({ c }, x: Context) => sum(c, x), 0),
  rule('qfig', 'what|how much? we|they|it? $col:c for|with|on? them|it|these? ~inTotal', ({ c }, x: Context) => sum(c, x), 0.1),
  rule('qfig', '~inTotal $col:c', ({ c }, x: Context) => sum(c, x), 0.15),
  ...([['sum|total', 'sum'], ['average|mean', 'mean'], ['maximum|max|highest', 'highest'], ['minimum|min|lowest', 'lowest'], ['median', 'median']] as const).map(([words, fn]) => rule('qfig', `$col:c ${words}`, ({ c }, x: Context) => { const e = quantity(c, x); return e && over(fn, e); }, 0.2)).flat(),
  rule('qfig', '~average $noun|$rows value|amount|total|size|sum', (_s, x: Context) => { const c = moneyColumn(x), e = c === null ? null : quantity(c, x); return e && over('mean', e); }, -0.1),
  rule('qfig', '~countWord ~distinctWord people|persons|customers|clients|guests|visitors', (_s, x: Context) => { const c = personColumn(x); return c === null ? null : over('distinct', column(c)); }, -0.2),
  // 'Total metres per rock', 'average days per crew'
  rule('qfig', '~figureTotal ^$unit:u', ({ u }, x: Context) => { const c = columnIn(u, x); return c === null ? null : sum(c, x); }, 0.1),
  rule('qfig', '~average ^$spanUnit:u', ({ u }, x: Context) => { const told = x.head.columns.some((c) => c.name.toLowerCase().split(/[\s_]+/).some((w) => stem(w) === stem(u))), e = told || columnLike(u, x) !== null ? null : rowSpan(u, x); return e && over('mean', e); }, 0.1),
  rule('qfig', '~average of? the? $col:c', ({ c }, x: Context) => { const e = quantity(c, x); return e && over('mean', e); }, 0.1),
  rule('qfig', 'median of? the? $col:c', ({ c }, x: Context) => { const e = quantity(c, x); return e && over('median', e); }, 0),
  rule('qfig', '~countWord ~distinctWord? $col:c', ({ c }, x: Context) => (columnOf(x.head, c).type === 'text' && groupable(c, x) && !namesRows(c, x.vocabulary) && !saysYes(c, x) ? over('distinct', column(c)) : null), 0.3),
  rule('qfig', '~average $col:c weighted|weighed by|with|on the? $col:w', ({ c, w }, x: Context) => { const [a, b] = [quantity(c, x), quantity(w, x)]; return a && b && weightedMean(a, b); }, -0.1),
  rule('qfig', 'median and spread|deviation of? the? $col:c', ({ c }, x: Context) => { const e = quantity(c, x); return e && [over('median', e), over('spread', e)]; }, 0),
  rule('qfig', '~spreadWord of? the? $col:c', ({ c }, x: Context) => { const e = quantity(c, x); return e && over('spread', e); }, 0),
  rule('qfig', '~highest of? the? $col:c', ({ c }, x: Context) => { const e = quantity(c, x); return e && over('highest', e); }, 0.15),
  rule('qfig', '~lowest of? the? $col:c', ({ c }, x: Context) => { const e = quantity(c, x); return e && over('lowest', e); }, 0.15),
  rule('qfig', '~average $col:c ~each $noun', ({ c }, x: Context) => { const e = quantity(c, x); return e && over('mean', e); }, -0.2),
  rule('qfig', '~average $stay:e', ({ e }) => over('mean', e), 0),
  rule('qfig', 'median $stay:e', ({ e }) => over('median', e), 0),
  rule('qfig', '~highest $stay:e', ({ e }) => over('highest', e), 0),
  rule('qfig', '~lowest $stay:e', ({ e }) => over('lowest', e), 0),
  rule('qfig', '~average $ex2:e', ({ e }) => (e.kind === 'op' || e.kind === 'span' || e.kind === 'lapse' ? over('mean', e) : null), 0.2),
  ...([['median', 'median'], ['longest|maximum|highest', 'highest'], ['shortest|minimum|lowest', 'lowest']] as const).map(([words, fn]) => rule('qfig', `${words} $ex2:e`, ({ e }) => (e.kind === 'span' || e.kind === 'lapse' ? over(fn, e) : null), 0)).flat(),
  // Days: the first and the last of them
  ...([['~earliest', 'lowest'], ['~latest', 'highest']] as const).map(([words, fn]) => rule('qfig', `the? ${words} $col:c date|day?`, ({ c }, x: Context) => (readsAsDate(x.head, c) ? over(fn, column(c)) : null), 0.1)).flat(),
  rule('qfig', '~earliest and|or|to|, the? ~latest $col:c dates|date|day|days?', ({ c }, x: Context) => (readsAsDate(x.head, c) ? [over('lowest', column(c)), over('highest', column(c))] : null), 0),
  rule('qfig', '~latest and|or|to|, the? ~earliest $col:c dates|date|day|days?', ({ c }, x: Context) => (readsAsDate(x.head, c) ? [over('highest', column(c)), over('lowest', column(c))] : null), 0),
  rule('qfig', '~lowest and|or|to|, the? ~highest $col:c', ({ c }, x: Context) => { const e = quantity(c, x); return e && [over('lowest', e), over('highest', e)]; }, 0.1),
  // 'the whole amount due divided by the whole weight'
  rule('qex', '~whole1 $col:c', ({ c }, x: Context) => sum(c, x), 0.05),
  rule('qex', '$qfig:f', ({ f }) => (Array.isArray(f) ? null : f), 0.1),
  rule('qex', 'all of? the|our? ^$col:c', ({ c }, x: Context) => sum(c, x), 0.05),
  rule('qratio', '$qex:a ~over $qex:b', ({ a, b }) => op('/', a, b), 0),
  rule('allRatio', 'all of? the|our? ^$col:a ~over all of? the|our? ^$col:b', ({ a, b }, x: Context) => sumOverSum(a, b, x), 0),
  rule('qratio', '$qex:a by|per ^$qex:b', ({ a, b }) => (isSum(a) && isSum(b) ? op('/', a, b) : null), 0),
  rule('qratio', '$qex:a as|in a? share|percentage|percent|% of $qex:b', ({ a, b }) => op('*', op('/', a, b), number(100)), 0),
  // 'Total pots minus total lost': what two sums differ by
  rule('qratio', '$qex:a minus|less|- ^$qex:b', ({ a, b }) => (isSum(a) && isSum(b) ? op('-', a, b) : null), 0),
  rule('qfig', '$qratio:e', ({ e }) => e, 0),
  rule('qfig', '$word|$qfig|$metricName $remark? ,|:|( meaning|that|i.e|ie|so|namely|as is|means? $qratio:e', ({ e }) => e, -0.2),
  // 'Average invoice per hour, total by total'
  rule('qfig', "the? ~average $col:a ~per ^$col:b overall|altogether|over? everything|all|them? all? ,|:|~open? total|sum|totals by|over|per|through|divided|against by? total|sum|totals ~close?", ({ a, b }, x: Context) => (a === b ? null : sumOverSum(a, b, x)), -0.6),
  rule('qfig', "the? ~average $col:a ~per ^$unit:u overall|altogether|over? everything|all|them? all? ,|:|~open? total|sum|totals by|over|per|through|divided|against by? total|sum|totals ~close?", ({ a, u }, x: Context) => { const b = columnLike(u, x); return b === null || a === b ? null : sumOverSum(a, b, x); }, -0.8),
  rule('qfig', '~average $word|$col ~per $word|$unit|$col|$noun overall|altogether|over? everything|all? ,|: meaning|that|namely|i.e is? $qratio:e', ({ e }) => e, -0.4),
  // Several figures
  rule('qfigs', '$qfig:f', ({ f }) => (Array.isArray(f) ? f : [f]), 0),
  rule('qfigs', '$qfigs:a ~list $qfigs:b', ({ a, b }) => [...a, ...b], 0.05),
  rule('qfigs', '$qfigs:a there ~be and $qfigs:b', ({ a, b }) => [...a, ...b], 0),
  rule('qfigs', 'how many there ~be', () => [allRows], 0.05),
  // 'Total kg and rows per flower'
  rule('qfigs', '$qfigs:a and|plus the? ^$rows|$noun', ({ a }) => (a.some((f: Expression) => keyOf(f) === keyOf(allRows)) ? null : [...a, allRows]), -0.3),
  // 'tickets and total charged per month'
  // 'Orders, pots and paid': how many rows there are, and what is in them
  rule('qfigs', '$rows and|, the? $col:c', ({ c }, x: Context) => { const e = sum(c, x); return e && [allRows, e]; }, -0.2),
  rule('qfigs', '$noun|$guess and|, $qfigs:b', ({ b }) => (b.some((f: Expression) => keyOf(f) === keyOf(allRows)) ? null : [allRows, ...b]), -0.2),
  // 'number of firings and kilos of clay': a bare column beside a figure is added up
  rule('qfigs', '$qfigs:a and|, the? $col:c', ({ a, c }, x: Context) => { const e = sum(c, x); return e && !Array.isArray(e) && a.every((f: Expression) => f.kind === 'total') ? [...a, a.some((f: Expression) => f.kind === 'total' && f.fn === 'mean') ? over('mean', quantity(c, x)!) : e] : null; }, 0.25),
  rule('qfig', 'the? sum|total ^$col:c', ({ c }, x: Context) => sum(c, x), 0.05),
  rule('qfigs', '$qfigs:a and|, what|how much? did? they|it|these|those|we? did? brought|bring|made|make|earned|earn|took|take|yielded in? ~inTotal?', ({ a }, x: Context) => { const name = takingsColumn(x); const e = name === null ? null : sum(name, x); return e && [...a, e]; }, 0),
  rule('qfig', '$col:c on ~average', ({ c }, x: Context) => { const e = quantity(c, x); return e && over('mean', e); }, 0),
  rule('qfig', '~figureTotal|~inTotal of? $ex1:e', ({ e }) => (e.kind === 'span' || e.kind === 'lapse' ? over('sum', e) : null), 0),
  rule('qfig', '$spanUnit:u ~inTotal', ({ u }, x: Context) => { const e = rowSpan(u, x); return e && over('sum', e); }, 0),
  rule('qfig', '~average $ex1:e', ({ e }) => (e.kind === 'span' || e.kind === 'lapse' ? over('mean', e) : null), 0),
  rule('qfig', 'median $ex1:e', ({ e }) => (e.kind === 'span' || e.kind === 'lapse' ? over('median', e) : null), 0),
  rule('qfig', '$unit:u ~inTotal', ({ u }, x: Context) => { const c = columnLike(u, x), e = c === null ? null : quantity(c, x); return e && { kind: 'total', fn: 'sum', of: e, by: [] }; }, 0.1),
  rule('totalFig', '^$col:c', ({ c }, x: Context) => { const e = /^(?:grand )?(?:totals?|takings|revenue|turnover|sales|income)$/i.test(c) ? quantity(c, x) : null; return e && { kind: 'total', fn: 'sum', of: e, by: [] }; }, 0.35),
  rule('qfigs', '$totalFig:f and|,|plus|& the? $qfigs:g', ({ f, g }) => [f, ...g], 0),
  rule('qfigs', '$qfigs:g and|,|plus|& the? $totalFig:f', ({ f, g }) => [...g, f], 0),
  rule('col', 'money|income|earnings|proceeds', (_s, x: Context) => takingsColumn(x), 0.3),
  rule('perRow', 'of|for|in a|an|the|one|each $rows|$noun', () => true, 0),
  rule('perRow', '~each $rows|$noun|$guess', () => true, 0),
  // 'bacteria per village: lowest, average and highest'
  rule('sameFigures', '$sameFigure:f', ({ f }) => [f], 0),
  rule('sameFigures', '$sameFigure:f ~list $sameFigures:r', ({ f, r }) => (r.includes(f) ? null : [f, ...r]), 0),
  rule('sameFigure', '~spreadWord', () => 'spread', 0),
  rule('qfigs', '$sameFigure:f $col:m and|plus|, the|its? $sameFigure:g of? it|that|them?', ({ f, g, m }, x: Context) => { const e = quantity(m, x); return e && f !== g ? [over(f, e), over(g, e)] : null; }, 0),
  rule('sameFigure', '~average', () => 'mean', 0),
  rule('sameFigure', 'median', () => 'median', 0),
  rule('sameFigure', '~figureTotal', () => 'sum', 0),
  rule('sameFigure', '~highest|maximum|max one|value|figure?', () => 'highest', 0),
  rule('sameFigure', '~lowest|minimum|min one|value|figure?', () => 'lowest', 0),
].flat();
