import { stem } from '../../language/words';
import { doerOf } from './doers';
import { rule, type Rule } from '../../language/chart';
import type { Context } from '../../language/acts';
import { soleValue } from '../../language/grammar/theirs';
import { columnsOf, column, type Expression, number, rowsCounted } from '../../formula/expression';
import { endsOf, dateColumns, dated, groupable, quantity, rowDate } from '../../language/grammar/roles';
import { columnOf } from '../../table/table';
import { namesRows } from '../../language/mentions';
import { owed } from '../../language/grammar/owing';
import { personColumn } from '../calculate/person-phrases';
import { allRows, grouped, over, period, type Question } from './question';

/** The groups of more than so many rows, with how many they have. */
const oftener = (name: string, n: number, x: Context): Question | null =>
  groupable(name, x) && !dated(name, x) && !namesRows(name, x.vocabulary) ? { figures: [allRows], by: [column(name)], where: { kind: 'compare', op: '>', left: rowsCounted([name]), right: number(n) } } : null;

/** What answers are grouped by, and how often something came. */
export const groupPhrases: readonly Rule[] = [
  rule('question', '~tellMe? which|what $col:g did|do|does|have|has|had we|they|you|it|people|customers $word|$col $severalTimes:n', ({ g, n }, x: Context): Question | null => oftener(g, n, x), -0.3),
  rule('question', '~tellMe? which|what|who $col:g ~did|~have|~be? $cond:c $severalTimes:n', ({ g, c, n }, x: Context): Question | null => { const q = oftener(g, n, x); return q && columnsOf(c).every((k) => k !== g) ? { ...q, figures: [{ kind: 'total', fn: 'sum', of: { kind: 'choose', cases: [{ when: c, then: number(1) }], otherwise: number(0) }, by: [] }], where: { kind: 'compare', op: '>', left: { kind: 'total', fn: 'sum', of: { kind: 'choose', cases: [{ when: c, then: number(1) }], otherwise: number(0) }, by: [g] }, right: number(n) } } : null; }, -0.5),
  rule('question', '~tellMe? which|what|who $col:g $word|~did|~have|~be? $word|here|there? only|just|exactly once|1', ({ g }, x: Context): Question | null => { const q = oftener(g, 1, x); return q && { figures: [], by: q.by, where: { kind: 'compare', op: '=', left: rowsCounted([g]), right: number(1) } }; }, -0.1),
  // 'How much does each student still owe'
  rule('question', 'how much ~did|does|do ~each|the $col:g still|yet? owe us|me? ~inTotal? ??', ({ g }, x: Context): Question | null => { const e = owed(x); return e && groupable(g, x) ? { figures: [over('sum', e)], by: [column(g)] } : null; }, -0.2),
  rule('question', 'who owes|owed us|me? the? most ??', (_s, x: Context): Question | null => { const e = owed(x), g = personColumn(x); return e && g !== null ? { figures: [over('sum', e)], by: [column(g)], order: { figure: 0, down: true }, most: 1 } : null; }, -0.2),
  // Groups
  rule('qby', '$col:c', ({ c }, x: Context) => grouped(c, x), 0),
  // 'Per course', of another table
  rule('qby', '$theirs:c', ({ c }, x: Context) => soleValue(x, c), 0.1),
  rule('qby', 'member|person|kind|type|sort|piece of $col:c', ({ c }, x: Context) => grouped(c, x), 0),
  rule('qby', '$col:c method|methods|mode|modes|name|names|code|codes|status|channel', ({ c }, x: Context) => grouped(c, x), 0.05),
  rule('qby', '$col:c group|groups|class|classes|category|categories|type|types|kind|kinds', ({ c }, x: Context) => grouped(c, x), 0),
  rule('qby', 'different|single? $col:c', ({ c }, x: Context) => grouped(c, x), 0.02),
  rule('qby', 'of? the? $col:c', ({ c }, x: Context) => grouped(c, x), 0.05),
  rule('qby', '$qperiod:p ^$col:c', ({ p, c }, x: Context) => period(p, c, x), -0.5),
  rule('qperiod', 'month|months', () => 'month', 0),
  rule('qperiod', 'day|days|date|dates', () => 'date', 0.2),
  rule('qperiod', 'iso|calendar? week|weeks', () => 'week', 0),
  rule('qperiod', 'year|years', () => 'year', 0),
  rule('qperiod', 'quarter|quarters', () => 'quarter', 0),
  rule('qperiod', 'weekday|weekdays', () => 'weekday', 0),
  rule('qperiod', 'day of the week', () => 'weekday', 0),
  rule('qby', '$qperiod:p', ({ p }, x: Context) => period(p, null, x), 0.05),
  // Of rows that begin and end, by when they began
  rule('qby', '$qperiod:p', ({ p }, x: Context) => { const ends = endsOf(x); return ends && dateColumns(x).length === 2 && /^(?:start|begin|from|out|open|arriv|check-?in|depart)/i.test(ends[0]) ? period(p, ends[0], x) : null; }, -0.3),
  // Where there are several dates it is most likely that of the row itself; where none is, it is asked.
  ...[0, 1, 2, 3].flatMap((k) => rule('qby', '$qperiod:p', ({ p }, x: Context) => { const all = dateColumns(x); const own = rowDate(x); return all.length > 1 && all.length <= 4 && all[k] !== undefined && (own === null || own === all[k]) ? period(p, all[k], x) : null; }, 0.3)),
  ...[0, 1, 2, 3].flatMap((k) => rule('qby', '$qperiod:p', ({ p }, x: Context) => { const all = dateColumns(x), own = rowDate(x); return all.length > 1 && all.length <= 4 && all[k] !== undefined && own !== null && own !== all[k] ? period(p, all[k], x) : null; }, 0.7)),
  rule('qby', '$qperiod:p of|when|in|where|that which|when? the? $rows|$guess|it|they? ~be? $col:c', ({ p, c }, x: Context) => period(p, c, x), 0),
  rule('qbys', '$qby:a', ({ a }) => [a], 0),
  rule('qbys', '$qby:a and|, ~each? $qbys:b', ({ a, b }, x: Context) => (b.some((k: Expression) => k.kind === 'column' && columnOf(x.head, k.name).type === 'text' && quantity(k.name, x) !== null) ? null : [a, ...b]), 0.1),
  rule('question', '~countWord of? the? $col:g ~have|~did|~be ^$word? ^only|just ^once|1', ({ g }, x: Context): Question | null => (groupable(g, x) && !dated(g, x) ? { figures: [over('distinct', column(g))], by: [], where: { kind: 'compare', op: '=', left: rowsCounted([g]), right: number(1) } } : null), -0.2),
  // 'How many customers had more than one callout'
  rule('question', '~countWord of? the? $col:g ~have|~did|~be|$word $word? here|there|in? $severalTimes:n', ({ g, n }, x: Context): Question | null => (groupable(g, x) && !dated(g, x) ? { figures: [over('distinct', column(g))], by: [], where: { kind: 'compare', op: '>', left: rowsCounted([g]), right: number(n) } } : null), -0.2),
  rule('rowsCounted', '$rows:r', ({ r }) => (r === 'people' || r === 'persons' ? null : true), 0),
  rule('rowsCounted', '$noun', () => true, 0),
  // 'People' may be what a column counts.
  rule('rowsCounted', '$guess:g', ({ g }, x: Context) => (x.head.columns.some((c) => stem(c.name.toLowerCase()) === stem(String(g)) && (x.head.glances?.get(c.name)?.blanks ?? 0) > 0) || /^(?:people|persons|passengers|guests|heads|kids|adults|children)$/.test(g) ? null : true), 0),
  // Where every value is another one, counting them is counting rows.
  rule('rowsCounted', '$col:c', ({ c }, x: Context) => (columnOf(x.head, c).type === 'text' && quantity(c, x) === null && !groupable(c, x) && (x.head.glances?.get(c)?.blanks ?? 0) === 0 ? true : null), 0.1),
  // 'who has been here more than once': groups of several rows
  rule('severalTimes', 'more than once|1', () => 1, 0),
  rule('severalTimes', 'in more than one go|part|piece|instalment|installment|payment|lot', () => 1, 0),
  rule('severalTimes', 'in several|many|multiple goes|parts|pieces|instalments|installments|payments|lots', () => 1, 0),
  rule('severalTimes', 'more than twice', () => 2, 0),
  rule('severalTimes', 'twice or more|oftener', () => 1, 0),
  rule('severalTimes', 'more than one time|$rowsCounted', () => 1, 0),
  rule('severalTimes', 'more than one|1 $rowsCounted', () => 1, 0),
  rule('severalTimes', 'several|multiple|repeated times|$rowsCounted', () => 1, 0),
  rule('severalTimes', '~more $num:n times|$rowsCounted', ({ n }) => n, 0),
  rule('severalTimes', '~least $num:n times|$rowsCounted', ({ n }) => n - 1, 0),
  rule('question', '~tellMe? which|what $col:g $word|~did|~have|~be $word|here|there? $severalTimes:n', ({ g, n }, x: Context): Question | null => oftener(g, n, x), 0),
  rule('question', '~tellMe? (people|persons|those|everyone|everybody|anyone|all)? who $word|~did|~have|~be $word? here|there|in? $severalTimes:n', ({ n }, x: Context): Question | null => { const g = personColumn(x); return g === null ? null : oftener(g, n, x); }, 0.1),
  // 'Who paid more than once', of the column of payers
  rule('question', '~tellMe? (people|persons|those|everyone|everybody|anyone|all)? who ~have? ^$word:w here|there|in? $severalTimes:n', ({ w, n }, x: Context): Question | null => { const g = doerOf(w, x); return g === null ? null : oftener(g, n, x); }, -0.1),
  rule('question', '~tellMe? all? the? $col:g ~rel $word|~did|~have|~be $word? here|there|in? $severalTimes:n', ({ g, n }, x: Context): Question | null => oftener(g, n, x), 0.1),
  rule('question', '$col:g ~be|~have? $word $severalTimes:n', ({ g, n }, x: Context): Question | null => oftener(g, n, x), 0.2),
  rule('question', 'who $col:g $severalTimes:n', ({ g, n }, x: Context): Question | null => oftener(g, n, x), 0),
  // 'how many are open, done and cancelled': each of them
  rule('eachOf', '$value:a and $value:b', ({ a, b }) => (a.column === b.column && a.text !== b.text ? [a, b] : null), 0),
  rule('eachOf', '$value:a ,|and $eachOf:r', ({ a, r }) => (r[0].column === a.column && !r.some((o: { text: string }) => o.text === a.text) ? [a, ...r] : null), 0),
  rule('question', '~countWord $rows|$guess|$noun ~be|~have|~did? $eachOf:v', ({ v }): Question => ({ figures: [allRows], by: [column(v[0].column)], where: { kind: 'among', of: column(v[0].column), texts: v.map((o: { text: string }) => o.text) } }), -0.15),
].flat();
