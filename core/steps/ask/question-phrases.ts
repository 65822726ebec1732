import { keyOf, rule, type Rule } from '../../language/chart';
import { oneOf, says, saysYes, within } from '../../language/grammar/conditions/make';
import type { Context } from '../../language/acts';
import { columnIn, columnLike, dated, groupable, moneyColumn, takingsColumn, quantity, rowDate, rowSpan, soldFor, UNIT_PRICE } from '../../language/grammar/roles';
import { readsAsDate } from '../../formula/check';
import { converted, unitInName } from '../../formula/dimensions';
import { all, column, columnsOf, type Condition, type Expression, number, op, rowsCounted } from '../../formula/expression';
import { columnOf } from '../../table/table';
import { stem } from '../../language/words';
import { isValueForm, namesRows } from '../../language/mentions';
import { yesNoOf } from '../../language/grammar/seeds/yesno';
import { hasTotal } from '../calculate/formulas';
import { personColumn } from '../calculate/person-phrases';
import { firstUnique, allRows, asked, type Fn, grouped, over, partOfAll, period, type Question, repeats, shareOf, sum, usual } from './question';

/** The only column of spans of time written with colons, asked for in minutes. */
function spanColumn(unit: string, x: Context): string | null {
  const found = unit !== 'min' ? [] : x.head.columns.filter((c) => { const e = c.type === 'text' ? quantity(c.name, x) : null; return e?.kind === 'measure' && e.unit === 'min'; });
  return found.length === 1 ? found[0]!.name : null;
}

/** The money of the rows that a column of yes and no says are not paid. */
function owed(x: Context): Question | null {
  const paid = yesNoOf(x.head).filter((y) => /\b(?:paid|settled|received)\b/i.test(y.column)), money = x.head.columns.filter((c) => quantity(c.name, x) !== null && !UNIT_PRICE.test(c.name) && /\b(?:fee|price|amount|total|charged?|due|bill|cost|sum)\b/i.test(c.name));
  const dates = paid.length ? [] : x.head.columns.filter((c) => /\b(?:paid|settled|received|payment)\b/i.test(c.name) && readsAsDate(x.head, c.name) && (x.head.glances?.get(c.name)?.blanks ?? 0) > 0);
  const where: Condition | null = paid.length === 1 ? says(paid[0]!, false) : dates.length === 1 ? { kind: 'empty', of: column(dates[0]!.name) } : null, name = money.length === 1 ? money[0]!.name : takingsColumn(x), e = name === null ? null : quantity(name, x);
  return where && e && { figures: [over('sum', e)], by: [], where };
}

/** How many rows there are on a day. */
const rowsADay = (x: Context): Question | null => { const d = rowDate(x); return d === null ? null : { figures: [op('/', allRows, over('distinct', column(d)))], by: [] }; };

/** How many rows a condition holds for, and for how many it does not. */
const halves = (c: Condition, x: Context): Question | null => {
  const [name, ...others] = columnsOf(c), told = yesNoOf(x.head).find((y) => y.column === name), no = told ? says(told, false) : null;
  return name === undefined || others.length > 0 ? null : { figures: [allRows], by: [{ kind: 'choose', cases: [{ when: c, then: { kind: 'text', value: 'yes' } }, ...(no ? [{ when: no, then: { kind: 'text' as const, value: 'no' } }] : [])], otherwise: no ? { kind: 'blank' } : { kind: 'text', value: 'no' } }] };
};

/** The groups in which a column is filled in no row. */
const neverFilled = (group: string, name: string, x: Context): Question | null =>
  groupable(group, x) && group !== name ? { figures: [], by: [column(group)], where: { kind: 'compare', op: '=', left: { kind: 'total', fn: 'count', of: column(name), by: [group] }, right: number(0) } } : null;

/** The only column that says what something costs. */
const pricedColumn = (x: Context): string | null => {
  const priced = x.head.columns.filter((c) => quantity(c.name, x) !== null && /\b(?:price|rate|cost|fee|charge)s?\b/i.test(c.name) && !/\bper\b|\/|%/i.test(c.name));
  return priced.length === 1 ? priced[0]!.name : null;
};

/** What the rows of groups come to. */
const takenBy = (fn: Fn, by: readonly Expression[], x: Context): Question | null => { const name = takingsColumn(x), e = name === null ? null : quantity(name, x); return e && { figures: [over(fn, e)], by: [...by] }; };

/** What some rows come to. */
const takenWhere = (where: Condition, x: Context): Question | null => { const name = takingsColumn(x), e = name === null || columnsOf(where).includes(name) ? null : quantity(name, x); return e && { figures: [over('sum', e)], by: [], where }; };

/** Questions: figures of all rows, of some, or of each group. */
export const questionPhrases: readonly Rule[] = [
  // 'How often does each category occur', 'category counts', 'how are the claims spread over the categories'
  rule('question', 'how often do|does|did|is|are|was|were ~each? $qby:b occur|appear|come|happen|show|turn|there|used|named|chosen|seen up? (in|here|there)?', ({ b }): Question => ({ figures: [allRows], by: [b] }), 0),
  rule('question', '$qby:b counts', ({ b }): Question => ({ figures: [allRows], by: [b] }), 0.2),
  rule('question', '(show|give)? (me|us)? (a|the)? breakdown|split|distribution|spread|overview of the? $rows|$noun|$guess by|per|across|over|among|into the? ~each? $qbys:b', ({ b }): Question => ({ figures: [allRows], by: b }), -0.1),
  rule('question', 'how ~be|do|did the? $rows|$noun|$guess spread|distributed|split|divided|divide|distribute|spread out|up? over|across|by|among|between|into the? $qbys:b', ({ b }): Question => ({ figures: [allRows], by: b }), 0),
  rule('question', 'how often ~be $cond:c', ({ c }): Question => ({ figures: [allRows], by: [], where: c }), 0.05),
  // 'What do the amounts come to for each state', 'how much is it altogether per state'
  rule('question', 'what|how much do|does|did the|all? the? $col:m come|comes|add|adds|amount|amounts|sum|sums up? to? ~each $qbys:b ~inTotal?', ({ m, b }, x: Context): Question | null => { const e = sum(m, x); return e && { figures: [e], by: b }; }, -0.3),
  rule('question', 'how much|what ~be it|that|this|there ~inTotal? ~each $qbys:b ~inTotal?', ({ b }, x: Context): Question | null => takenBy('sum', b, x), 0.1),
  // 'How much does a claim cost on average, by category', 'average claim by category'
  rule('question', 'how much|what do|does|did|is|are|was|were a|an|one|the|each? $rows|$noun|$guess ~each? $qbys:b? cost|costs|come|bring|amount|earn|make|worth to|in? on ~average (,? ~each $qbys:d)?', ({ b, d }, x: Context): Question | null => ((b === undefined) === (d === undefined) ? null : takenBy('mean', b ?? d, x)), 0),
  rule('question', 'how much|what do|does|did|is|are|was|were a|an|one|the|each? $rows|$noun|$guess cost|costs|come|bring|amount|earn|make|worth to|in? on ~average', (_s, x: Context): Question | null => takenBy('mean', [], x), 0.1),
  rule('question', 'on ~average ,? how much|what ~be|~did|~have (we|they|people|it)? $word|$guess ~each $qbys:b', ({ b }, x: Context): Question | null => takenBy('mean', b, x), 0),
  rule('question', '~average $rows|$noun ~each $qbys:b', ({ b }, x: Context): Question | null => takenBy('mean', b, x), 0.3),
  // 'What did hotel claims cost in total', 'how much was claimed for hotel altogether', 'hotel total'
  rule('question', 'how much|what do|does|did the|all|our? $rset:c cost|costs|bring|make|earn|add|come|amount|sum|total up? to|in? ~inTotal?', ({ c }, x: Context): Question | null => takenWhere(c, x), -0.1),
  rule('question', 'how much|what ~be|~did|~have (we|they|people|it)? $word|$guess for|on|by|in|at|with|from the? $rset:c ~inTotal', ({ c }, x: Context): Question | null => takenWhere(c, x), 0.1),
  rule('question', '^$values:v total|totals|sum', ({ v }, x: Context): Question | null => { const c = oneOf(v); return c && takenWhere(c, x); }, 0.1),
  rule('question', 'what|how much ~did ~each $qby:b bring|take|earn|make|sell|charge|invoice|bill|get in? ~inTotal? ~inTotal?', ({ b }, x: Context): Question | null => takenBy('sum', [b], x), 0.1),
  // 'For the done jobs, what is the average invoice?'
  // 'Give me the member numbers of those members who never had an inspection'
  rule('question', '(~tellMe|list|give|show|send me|us?)? the|all? $cols:k of|for the|those|these|all|any? ^$rset:c please|??', ({ k, c }, x: Context): Question | null => (k.every((n: string) => (namesRows(n, x.vocabulary) || columnOf(x.head, n).type === 'text') && quantity(n, x) === null) && keyOf(c).includes('"kind":"listed"') ? { figures: [], by: k.map(column), where: c } : null), -0.6),
  // 'Readings whose household doesn't exist in households?' asks which
  ...['$rows:n', '$noun:n'].map((rows) => rule('question', `^${rows} ~rel ~be? $cond:c ?`, ({ n, c }, x: Context): Question | null => { const key = firstUnique(x), where = c.kind === 'not' ? c.of : c, own = stem(String(n)); return key !== undefined && where.kind === 'listed' && (x.vocabulary.ownNouns.has(own) || x.vocabulary.tableStems.has(own)) ? { figures: [], by: [column(key)], where: c } : null; }, 0.3)).flat(),
  rule('question', 'for|of|among|in the|all? $rset:c , $question:q', ({ c, q }): Question | null => (q.where === undefined ? { ...q, where: c } : null), -0.1),
  rule('question', '$question:q ~if|when|where the|a? $rows|$noun|$guess|it? ~be? $cond:c', ({ c, q }): Question | null => (q.where === undefined && c.kind === 'among' ? { ...q, where: c } : null), 0.1),
  rule('question', '$name|$word|$col ~per $unit|$col|$word|$noun overall|altogether|in|on all? the|whole? ~open $qratio:e ~close', ({ e }): Question => ({ figures: [e], by: [] }), -0.4),
  rule('question', '^$name (overall)? :|= $allRatio:e', ({ e }): Question => ({ figures: [e], by: [] }), -0.5),
  // 'Rejection rate', of those that were rejected
  rule('question', '$qlead? ^$values:v rate|quota|ratio|share|percentage (in|as percent|percentage|%)?', ({ v }): Question | null => { const c = oneOf(v); return c && { figures: [shareOf(c)], by: [] }; }, 0),
  // 'How many people made claims'
  rule('question', '~countWord ~distinctWord? people|persons|individuals ~be|~have|~did|made|sent|came|appear|there there|in|on|here|handed? (this|the|these|our)? $rows|$noun|$guess|list|table|sheet|here?', (_s, x: Context): Question | null => { const c = personColumn(x); return c === null ? null : { figures: [over('distinct', column(c))], by: [] }; }, 0.1),
  rule('question', '~countWord|$qlead $qfigs:f ~each ^$qperiod:p ,? by|going|judging|according|based|from by|to|on? the? $col:c', ({ f, p, c }, x: Context): Question | null => { const by = dated(c, x) ? period(p, c, x) : null; return by && { figures: f, by: [by] }; }, -0.4),
  rule('question', '~countWord $rows|$noun|$guess ~each ^$qperiod:p ,? by|going|judging|according|based|from by|to|on? the? $col:c', ({ p, c }, x: Context): Question | null => { const by = dated(c, x) ? period(p, c, x) : null; return by && { figures: [allRows], by: [by] }; }, -0.5),
  // 'Value of all lent specimens together'
  rule('question', 'the? $col:m of|for|in all the? $rset:r together|altogether|combined|summed|overall', ({ m, r }, x: Context): Question | null => { const e = sum(m, x); return e && { figures: [e], by: [], where: r }; }, -0.3),
  rule('question', 'the? $col:m of|for|in all the? $rows|$noun together|altogether|combined|summed|overall', ({ m }, x: Context): Question | null => { const e = sum(m, x); return e && { figures: [e], by: [] }; }, -0.3),
  // 'Did we show any film that nobody submitted?'
  ...['did|do|does|have|has|had we|they|you|i|someone|anyone|somebody|anybody|$word ~did|~have|show|make|list|use|add|$word any|some', '~be there any|some', 'do|did|have we|you|they have|had|got any|some'].flatMap((said) => ['$col:c that|which|who? $cond:w ??', '$col:c ~withA|~without $cond:w ??'].map((rest) => rule('question', `${said} ${rest}`, ({ c, w }, x: Context): Question | null => (columnOf(x.head, c).type === 'text' && (groupable(c, x) || c === firstUnique(x)) ? { figures: [], by: [column(c)], where: w } : null), -0.4))).flat(),
  rule('question', 'how many $rows|$noun|$guess? ~be there? left|remaining|over', (): Question => ({ figures: [allRows], by: [] }), 0),
  rule('question', '~figureTotal|~inTotal of? the? unpaid|outstanding|owed|owing|open (amount|amounts|money|sum|sums|bills|invoices)?', (_s, x: Context) => owed(x), 0.1),
  // 'How many dogs are coming?': where ‹Dog› says yes
  rule('question', '~countWord of? the? $yesno:y (~be|~did|~have $word? there|here|coming?)?', ({ y }): Question | null => { const where = /\s/.test(y.column) ? null : says(y, true); return where && { figures: [allRows], by: [], where }; }, 0.1),
  ...([['longest', 'highest'], ['shortest', 'lowest']] as const).map(([words, fn]) => rule('question', `how long ~be|did|does|has the? ${words} $rows|$noun ~lasted ,? (in $spanUnit:u)?`, ({ u }, x: Context): Question | null => { const e = rowSpan(u, x); return e && { figures: [over(fn, e)], by: [] }; }, -0.1)).flat(),
  ...([['longest', 'highest'], ['shortest|quickest', 'lowest']] as const).map(([words, fn]) => rule('question', `$qlead? the? ${words} $rows|$noun|$guess ,? in $spanUnit:u`, ({ u }, x: Context): Question | null => { const e = rowSpan(u, x); return e && { figures: [over(fn, e)], by: [] }; }, -0.1)).flat(),
  rule('question', '~countWord $rows|$noun|$guess? ~be|got|did|was? ^$col:c ~each ^$qperiod:p', ({ c, p }, x: Context): Question | null => { const by = dated(c, x) ? period(p, c, x) : null; return by && { figures: [allRows], by: [by] }; }, -0.4),
  rule('question', '$qlead? ~average $word|$guess? stay|wait|time|duration|length of the? $rset:c ,? in $spanUnit:u', ({ c, u }, x: Context): Question | null => { const e = rowSpan(u, x); return e && { figures: [over('mean', e)], by: [], where: c }; }, -0.1),
  rule('clause', '~tellMe? ,? in|on? which|what $qperiod:p ~have|~did|has|had|with|is|are|was|were the? most|highest (number of)? ^$col:c', ({ p, c }, x: Context) => { const by = dated(c, x) ? period(p, c, x) : null; return by && asked({ figures: [allRows], by: [by], order: { figure: 0, down: true }, most: 1 }); }, 0),
  rule('question', 'how long ~be|did|does|do we|it|they? take|takes|took|need|takes|wait|last? on? ~average? ,? from|between the? $col:a ~fromTo the? $col:b (on ~average)? ,? (in $spanUnit:u)?', ({ a, b, u }, x: Context): Question | null => { const e = a === b ? null : rowSpan(u, x, [a, b]); return e && { figures: [over('mean', e)], by: [] }; }, -0.1),
  // Whole questions
  rule('qlead', "what|what's|whats|how|which is|are|was|were|'s? the?", () => true, 0.02),
  rule('qlead', '~tellMe what|how? is|are|was|were? the?', () => true, 0.02),
  rule('qtail', 'look|looked|see|saw|been|visit|visited at? in|on|at|during these|those|all|the? $rows|$guess', () => true, 0.1),
  rule('qtail', 'did|do we|they look|see|visit at? in|on|at|during? these|those|all|the? $rows|$guess?', () => true, 0.05),
  rule('qtail', 'have|has|did? $word:w ~inTotal?', ({ w }, x: Context) => [...x.vocabulary.ownNouns].some((n) => n.length >= 5 && w.toLowerCase().startsWith(n.slice(0, 5))), 0.1),
  rule('qtail', 'did|do|does|have|has|had|is|are|was|were we|they|you|it? get|got|have|make|made|bring|brought|sell|sold|take|took|come|came|use|used|been|there|deliver|delivered|charge|charged|look|receive|received? in|at|up? ~inTotal?', () => true, 0.1),
  rule('question', '$qlead $qfigs:f', ({ f }): Question => ({ figures: f, by: [] }), 0.1),
  rule('question', 'show|list|tell|give me|us? the? $qfigs:f ~each $qbys:b', ({ f, b }): Question => ({ figures: f, by: b }), -0.15),
  rule('question', '~tellMe $qfigs:f', ({ f }): Question => ({ figures: f, by: [] }), 0.1),
  rule('question', '$qfigs:f', ({ f }): Question => ({ figures: f, by: [] }), 0.4),
  // 'How many landings per month and how many kilos in each'
  rule('question', '$qlead? $qfigs:f ~each $qbys:b and|plus|, $qfigs:g in|for|of? each|every|them|it of? (them|$qperiod|$col)?', ({ f, b, g }): Question => ({ figures: [...f, ...g], by: b }), 0),
  rule('question', '~figureTotal of|for the? $cond:c $col:m', ({ c, m }, x: Context): Question | null => { const e = sum(m, x); return e && !columnsOf(c).includes(m) ? { figures: [e], by: [], where: c } : null; }, 0.2),
  rule('question', '~figureTotal of|for? the? $col:m ^$rset:c', ({ m, c }, x: Context): Question | null => { const e = sum(m, x); return e && c.kind === 'empty' && !columnsOf(c).includes(m) ? { figures: [e], by: [], where: c } : null; }, 0.2),
  // 'How many have a shed and how many don't'
  rule('question', "~countWord $rows|$noun|$guess? ~rel? ~be|~have? $rset:c and|,|; and? ~countWord? $rows|$noun? ~be|~have|~did? don't|doesn't|dont|not|haven't|hasn't|isn't|aren't|without|none|no one|it|any|have|has|such?", ({ c }, x: Context): Question | null => halves(c, x), -0.2),
  rule('question', '$qlead? $qfigs:f ~each $qbys:b ,? and|, what|how much? did? they|it|these|those|we? did? brought|bring|made|make|earned|earn|took|take|yielded in? ~inTotal?', ({ f, b }, x: Context): Question | null => { const name = takingsColumn(x); const e = name === null ? null : sum(name, x); return e && { figures: [...f, e], by: b }; }, -0.1),
  rule('question', 'what|how|how much|many? ~be the? $col:c on ~average', ({ c }, x: Context): Question | null => { const e = quantity(c, x); return e && { figures: [over('mean', e)], by: [] }; }, 0),
  rule('question', '~countWord $rows|$guess|$noun ~be? $col:c ~each $qperiod:p', ({ c, p }, x: Context): Question | null => { const g = dated(c, x) ? period(p, c, x) : null; return g && { figures: [allRows], by: [g] }; }, -0.3),
  // 'Tickets opened per month, with their number and the sum of charged'
  rule('question', '$rows|$guess|$noun ~be? $col:c ~each $qperiod:p ,|:|;|-|– with|giving|showing|and? the? $qfigs:f', ({ c, p, f }, x: Context): Question | null => { const g = dated(c, x) ? period(p, c, x) : null; return g && { figures: f, by: [g] }; }, -0.3),
  rule('question', '$rows|$guess|$noun ~be? $col:c ~each $qperiod:p', ({ c, p }, x: Context): Question | null => { const g = dated(c, x) ? period(p, c, x) : null; return g && { figures: [allRows], by: [g] }; }, -0.1),
  rule('qtail', 'appear|appears|occur|occurs|show|turn up? here|there|in? (the|this list|table|sheet)?', () => true, 0.05),
  rule('qtail', 'among|amongst|in|within|of all? the|these|those? $noun|$rows', () => true, 0.1),
  rule('qtail', 'are|is there among|amongst|in|within|of all? the|these|those? $noun|$rows', () => true, 0.05),
  rule('qtail', 'was|were|is|are|got|get seen|met|found|recorded|counted|observed|noted|listed|registered ~inTotal?', () => true, 0.05),
  rule('qtail', 'are|is there in? ~inTotal?', () => true, 0.05),
  // 'Monthly overview by opening date: count of tickets and total charged'
  ...([['monthly', 'month'], ['yearly|annual', 'year'], ['quarterly', 'quarter'], ['weekly', 'week'], ['daily', 'date']] as const).flatMap(([words, part]) => [
    rule('question', `${words} overview|summary|figures|totals|breakdown|report|statistics|numbers? (by|of|from|on|for|along the? $col:c)? :|,|;|-|with|giving|showing the? $qfigs:f`, ({ c, f }, x: Context): Question | null => { const g = period(part, c ?? rowDate(x), x); return g && { figures: f, by: [g] }; }, -0.3),
    rule('question', `${words} $qfigs:f ,? by|going|judging|according|based by|to|on? the? $col:c`, ({ f, c }, x: Context): Question | null => { const g = dated(c, x) ? period(part, c, x) : null; return g && { figures: f, by: [g] }; }, -0.3),
    rule('question', `${words} $qfigs:f`, ({ f }, x: Context): Question | null => { const d = rowDate(x), g = d === null ? null : period(part, d, x); return g && { figures: f, by: [g] }; }, -0.2),
  ]).flat(),
  rule('question', 'what did|does|do a|an|one $word|$unit|$guess|$col cost|costs|bring|earn on? ~average? ,|:|; (that|which is|means)? $qratio:e', ({ e }): Question => ({ figures: [e], by: [] }), 0),
  rule('question', 'how much|many did|do|have|has we|they|you|it $col:m (in|at|on|for|from|with|to)? the? $rset:c ??', ({ m, c }, x: Context): Question | null => { const e = sum(m, x); return e && !columnsOf(c).includes(m) ? { figures: [e], by: [], where: c } : null; }, 0.1),
  rule('question', '~be|do|have there|we|they any? ~duplicates|repeats|repetitions in|here|there? (the|this|these (table|rows|list|data|file)?)? ??', (_s, x: Context): Question => ({ figures: [allRows], by: [], where: { kind: 'compare', op: '>', left: rowsCounted(x.head.columns.map((c) => c.name)), right: number(1) } }), 0),
  // A name set equal to figures over all rows is what is asked: 'average price overall = sum of due / sum of kg'
  rule('question', '$name :|= $qratio:e', ({ e }): Question => ({ figures: [e], by: [] }), 0),
  // 'What is the total for the web bookings': of the one column of money
  rule('question', '$qlead? the? ~figureTotal for|of|from|in|on the? $rset:c', ({ c }, x: Context): Question | null => { const name = moneyColumn(x); const e = name === null ? null : sum(name, x); return e && { figures: [e], by: [], where: c }; }, 0.2),
  rule('question', 'what|how much did|do|does|have|has we|they|you|i|it? spend|spent|pay|paid|take|took|make|made|earn|earned|get|got|receive|received|lay in|out? in|on|at|for|with|from|by|during the? $rset:c', ({ c }, x: Context): Question | null => { const name = takingsColumn(x); const e = name === null ? null : sum(name, x); return e && { figures: [e], by: [], where: c }; }, 0.1),
  rule('question', 'how many days|weeks lie|lies|are|were|passed|pass|is between|from the? first|earliest|oldest and|to|until the? last|latest|newest $rows|$noun|$guess|$col|one?', (_s, x: Context): Question | null => { const c = rowDate(x); return c ? { figures: [{ kind: 'span', unit: 'days', from: { kind: 'total', fn: 'lowest', of: column(c), by: [] }, to: { kind: 'total', fn: 'highest', of: column(c), by: [] } }], by: [] } : null; }, 0),
  rule('question', '$qlead? $qfigs:f $qtail', ({ f }): Question => ({ figures: f, by: [] }), 0.05),
  rule('question', '$qlead? $qfigs:f ~inTotal? ~each $qbys:b ~inTotal?', ({ f, b }): Question => ({ figures: f, by: b }), 0),
  rule('question', '$qlead? $qfigs:f did|do|does|has|have|had|is|are|was|were ~each $qbys:b sell|sold|bring|brought|make|made|have|had|get|got|take|took|earn|earned|deliver|delivered|charge|charged|use|used|produce|produced|pay|paid? in? ~inTotal?', ({ f, b }): Question => ({ figures: f, by: b }), 0),
  rule('question', '$qlead? $qfigs:f did|do|does|has|have ~each $qbys:b $word ~inTotal?', ({ f, b }): Question => ({ figures: f, by: b }), 0.2),
  rule('question', '$qlead? $qfigs:f did|do|does|have|has we|they|you|people $word:w (in|out|over|away)? ~inTotal? ~each $qbys:b', ({ f, w, b }, x: Context): Question | null => (isValueForm(w, x.vocabulary) ? null : { figures: f, by: b }), 0.1),
  rule('question', '$qlead? $qfigs:f $qtail? of|in|for|from? ~each $qbys:b ~inTotal?', ({ f, b }): Question => ({ figures: f, by: b }), 0.02),
  // 'for each boat per day': what it is split by, said in more than one place
  rule('question', '$question:q ~each $qbys:b', ({ q, b }): Question | null => (q.by.length > 0 && !q.order && b.every((k: Expression) => !q.by.some((o: Expression) => keyOf(o) === keyOf(k))) ? { ...q, by: [...q.by, ...b] } : null), 0.1),
  // 'parcels per day'
  rule('question', '$rows|$noun ~each $qbys:b', ({ b }): Question => ({ figures: [allRows], by: b }), 0.4),
  rule('question', '~each $qbys:b :|,? $qlead? $qfigs:f ~inTotal?', ({ f, b }): Question => ({ figures: f, by: b }), 0.05),
  rule('question', '~each $qbys:b :|,? i|we would|want|need like|to? to? know|see|have $qfigs:f and $qfigs:g', ({ f, g, b }): Question => ({ figures: [...f, ...g], by: b }), 0),
  // What a value says of some rows only is no mere tail.
  ...'sold made delivered produced shipped used brought collected paid earned received spent charged ordered taken booked'.split(' ').map((w) => rule('qtail', `was|were|is|are|got|been ${w} ~inTotal?`, (_s, x: Context) => (x.vocabulary.values.has(w) ? null : true), 0.05)).flat(),
  rule('question', '$question:q for|where|of|with|in|on|among|from|who|that|by|to|at only? the? $rset:c', ({ q, c }): Question | null => (q.where ? null : { ...q, where: c }), 0.05),
  rule('question', 'how many|much of? the? $col:m ~did|went|came|go|come|ended|left to|from|in|into|by|at|with|for? up? the? $cond:c', ({ m, c }, x: Context): Question | null => { const e = sum(m, x); return e && { figures: [e], by: [], where: c }; }, 0),
  rule('question', '~countWord ~distinctWord? $col:c ~be there in? ~inTotal?', ({ c }, x: Context): Question | null => (columnOf(x.head, c).type === 'text' && !saysYes(c, x) && quantity(c, x) === null && groupable(c, x) && x.head.glances?.get(c)?.blanks === 0 ? { figures: [over('distinct', column(c))], by: [] } : null), -0.4),
  rule('clause', '~rankWord|sort|order|list the? $col:g by|on ~figureTotal of? $col:m ~inTotal?', ({ g, m }, x: Context) => { const by = grouped(g, x), e = sum(m, x); return by && e && !namesRows(g, x.vocabulary) ? asked({ figures: [e], by: [by], order: { figure: 0, down: true } }) : null; }, -0.1),
  rule('question', '~countWord of? the? $col:c ~each day', ({ c }, x: Context): Question | null => (dated(c, x) ? { figures: [allRows], by: [column(c)] } : null), -0.4),
  // 'How many nights were booked through the agency?'
  rule('question', '~countWord ^$stay:e (did|do|does|were|was|are|is|have|has)? (we|they|people|guests|customers)? booked|sold|stayed|spent|rented|hired|used|worked|lent|let|there ~inTotal?', ({ e }): Question => ({ figures: [over('sum', e)], by: [] }), -0.1),
  rule('question', '~countWord ^$stay:e (did|do|does|were|was|are|is|have|has)? (we|they|people|guests|customers)? booked|sold|stayed|spent|rented|hired|used|worked|lent|let (in|at|on|by|for|through|via|from|over|with|of)? the? $rset:c', ({ e, c }): Question => ({ figures: [over('sum', e)], by: [], where: c }), -0.1),
  rule('question', '~countWord ^$stay:e (did|do|does|were|was|are|is|have|has)? (we|they|people)? booked|sold|stayed|spent|rented|hired|used|worked|lent|let? ~each $qbys:b', ({ e, b }): Question => ({ figures: [over('sum', e)], by: b }), -0.2),
  rule('question', '~average length|duration of (a|the|our)? stay|stays|visit|visits|rental|rentals|booking|bookings|trip|trips|hire|$rows|$noun (in (days|nights))?', (_s, x: Context): Question | null => { const e = rowSpan(undefined, x); return e && { figures: [over('mean', e)], by: [] }; }, -0.1),
  // 'How many hours did each car drive', of a column of minutes
  rule('question', '~countWord $unit|$spanUnit:u (did|do|does|was|were|has|have|is)? ~each $qbys:b ~did|$word (in|out|up)? ~inTotal?', ({ u, b }, x: Context): Question | null => { const own = u === 'hours' ? 'h' : u === 'minutes' ? 'min' : u === 'days' ? 'd' : null, c = own === null ? null : columnLike(own, x), at = c === null ? null : unitInName(c) ?? x.head.glances?.get(c)?.unit ?? null; const e = c !== null && at !== null && quantity(c, x) ? converted(quantity(c, x)!, at, own!) : null; return e && { figures: [over('sum', e)], by: b }; }, 0),
  rule('question', 'how many (are (there|left))? ??', (): Question => ({ figures: [allRows], by: [] }), 0.6),
  rule('question', '$qlead? $qfigs:f did|have we|they $word:w (out|in|over|away|up)? (in|during|at|to|for|from|on|with)? the? $rset:c ~inTotal?', ({ f, w, c }, x: Context): Question | null => (isValueForm(w, x.vocabulary) || x.head.columns.some((h) => stem(h.name.toLowerCase()) === stem(w.toLowerCase())) ? null : { figures: f, by: [], where: c }), 0.1),
  rule('question', '~share of|for the|all? $rows|$noun|$guess (that|which)? (are|is|were|was|got|have been)? $rset:c', ({ c }): Question => ({ figures: [shareOf(c)], by: [] }), 0.1),
  rule('question', 'what|how much did|do|does the? $col:m come|add|amount? up? to? ~inTotal', ({ m }, x: Context): Question | null => { const e = sum(m, x); return e && { figures: [e], by: [] }; }, -0.3),
  // 'How many customers paid cash', 'how many loads a day on average'
  rule('question', '~countWord ~distinctWord? $col:c ~did|~have|~be|$word? $cond:d', ({ c, d }, x: Context): Question | null => (columnOf(x.head, c).type === 'text' && groupable(c, x) && !namesRows(c, x.vocabulary) && !columnsOf(d).includes(c) && d.kind === 'among' ? { figures: [over('distinct', column(c))], by: [], where: d } : null), 0.3),
  rule('question', '~countWord $rows|$noun|$guess (did|do|does|are|were|have|has)? (there|we|they)? (come|came|get|got|have|in)? a|per|each|every day on ~average', (_s, x: Context) => rowsADay(x), -0.2),
  rule('question', '~average number|count of $rows|$noun|$guess a|per|each|every day', (_s, x: Context) => rowsADay(x), -0.2),
  // 'Which materials did Brill bring'
  rule('clause', '~tellMe? which|what $col:c did|do|does|has|have|had $cond:d $word:w (in|out|up|for us)? ??', ({ c, d, w }, x: Context) => (columnOf(x.head, c).type === 'text' && (d.kind === 'among' || d.kind === 'text') && !columnsOf(d).includes(c) && !x.vocabulary.values.has(w.toLowerCase()) ? asked({ figures: [], by: [column(c)], where: d }) : null), 0.1),
  rule('question', '~countWord $rset:c $qtail', ({ c }): Question => ({ figures: [allRows], by: [], where: c }), 0),
  rule('question', '~countWord $rset:c', ({ c }): Question => ({ figures: [allRows], by: [], where: c }), 0.02),
  rule('question', '~countWord $rows|$guess|$noun ~rel? ~be|~have|came|come? $cond:c', ({ c }): Question => ({ figures: [allRows], by: [], where: c }), 0),
  rule('question', '~countWord $rows|$guess|$noun ~be|~have|came|come there? $cond:c', ({ c }): Question => ({ figures: [allRows], by: [], where: c }), 0),
  rule('question', '~countWord $qwhat:f used|sold|made|delivered|brought|charged|needed|produced', ({ f }): Question => ({ figures: [f], by: [] }), 0.1),
  rule('question', '$question:q , $qclosing:e', ({ q, e }): Question | null => (q.by.length === 0 && q.figures.length <= 1 ? { ...q, figures: [e] } : null), 0),
  rule('qclosing', '~open $qclosing:e ,? summed|added|totalled|totaled|altogether|total|in? total? up? ~close', ({ e }) => e, 0),
  rule('qclosing', '~open $qclosing:e ~close', ({ e }) => e, 0),
  rule('question', '~figureTotal $word|$unit|$guess of|for|by|in|at the? $cond:c in|as? $unit? $qclosing:e', ({ c, e }): Question => ({ figures: [e], by: [], where: c }), 0),
  rule('qclosing', '$col:a less|minus|- $col:b', ({ a, b }, x: Context) => { const [m, n] = [quantity(a, x), quantity(b, x)]; return m && n ? over('sum', op('-', m, n)) : null; }, 0),
  rule('question', 'how many|much $unit|$word did $cond:c use|used|consume|need|make|deliver|sell|produce in|over the? $word|$num? $word|$qperiod? ~inTotal? ,|: $qclosing:e', ({ c, e }): Question => ({ figures: [e], by: [], where: c }), 0),
  rule('question', 'how many|much $col did $cond:c use|used|consume|need|make|deliver|sell|produce in|over the? $word|$num? $word|$qperiod? ~inTotal? ,|: $qclosing:e', ({ c, e }): Question => ({ figures: [e], by: [], where: c }), 0),
  rule('clause', '$question:q', ({ q }) => asked(q), 0.05),
  rule('clause', '$question:q ?', ({ q }) => asked(q), -0.05),
  rule('question', 'how is|are|was|were the? $col:m spread|split|divided|distributed|shared over|across|by|among|between|out? ~each? the? $qbys:b', ({ m, b }, x: Context): Question | null => { const e = sum(m, x); const p = partOfAll(e); return e && p && { figures: [e, p], by: b }; }, 0),
  ...(['most', 'least'] as const).flatMap((way) => [
    rule('clause', `~tellMe? ,? in|on|during? which|what $qperiod:p did|do|does|was|were|has|have we|they|it|i|you? ~did|$word the? ${way === 'most' ? 'most' : 'least|fewest'} $col:m ~inTotal?`, ({ p, m }, x: Context) => { const [e, by] = [sum(m, x), period(p, null, x)]; return e && by && asked({ figures: [e], by: [by], order: { figure: 0, down: way === 'most' }, most: 1 }); }, -0.1),
  ]).flat(),
  // Rankings: 'which mechanic charged the most', 'top 3 sites by kg'
  rule('question', '~tellMe $qbys:b with|and|plus the? ~countWord of? their|its|the|his|her? $rows|$noun|$guess|$table', ({ b }): Question => ({ figures: [allRows], by: b }), 0),
  rule('question', '$word|$metricName ~open $ex2:e ~close ~each $qbys:b', ({ b, e }): Question | null => (e.kind === 'op' ? { figures: [over('sum', e)], by: b } : null), 0.1),
  rule('question', '$word|$metricName ~each $qbys:b ~open $ex2:e ~close', ({ b, e }): Question | null => (e.kind === 'op' ? { figures: [over('sum', e)], by: b } : null), 0.15),
  rule('question', 'what|how much|which amount|sum|money? that|which? ~be|~have? still|yet? to|not? be|yet? paid|settled|outstanding|unpaid|owed|due|open|collected|received ,? ~inTotal|all?', (_s, x: Context): Question | null => owed(x), 0),
  rule('question', 'who|which|what ~did|brought|brings|made|makes|earned|earns|spent|spends|paid|pays|took|takes|gave|owes us|in|on? in? the? more|most money|income|revenue|takings? in? ,|:|-? $value:a or|, $value:b ??', ({ a, b }, x: Context): Question | null => { const c = takingsColumn(x), e = c === null ? null : sum(c, x); return e && a.column === b.column ? { figures: [e], by: [column(a.column)], where: { kind: 'among', of: column(a.column), texts: [a.text, b.text] }, order: { figure: 0, down: true } } : null; }, -0.2),
  ...([['longest', 'highest'], ['shortest|quickest', 'lowest']] as const).map(([words, fn]) => rule('question', `$qlead? the? ${words} $rows|$noun|$guess of|for|by|in|with|from the? $rset:c ,? in $spanUnit:u`, ({ c, u }, x: Context): Question | null => { const e = rowSpan(u, x); return e && { figures: [over(fn, e)], by: [], where: c }; }, -0.1)).flat(),
  rule('question', '^$col:m in|during|for|of|over $period:p', ({ m, p }, x: Context): Question | null => { const d = rowDate(x), e = usual(m, x), w = d === null ? null : within(d, p, x); return e && w && m !== d ? { figures: [e], by: [], where: w } : null; }, 0.3),
  rule('question', '$qlead? $qfigs:f of|for|in|on|by? the? $value:a $rows|$noun|ones? compared|versus|vs|against|and with|to? the|those|that? of? the? $value:b $rows|$noun|ones? ??', ({ f, a, b }): Question | null => (a.column === b.column && a.text !== b.text ? { figures: f, by: [column(a.column)], where: { kind: 'among', of: column(a.column), texts: [a.text, b.text] } } : null), -0.2),
  rule('question', 'how many|much $col:m ~be|got|have|has|were $cond:c (in|at|for|on|of|from the? $rset:d)? ??', ({ m, c, d }, x: Context): Question | null => { const e = sum(m, x); return e && !columnsOf(c).includes(m) ? { figures: [e], by: [], where: d ? all([c, d]) : c } : null; }, 0.1),
  rule('question', '$qlead? ~average delivery|turnaround|processing|handling|lead|transit|repair|waiting|throughput time|times ~each $qbys:b ,? in $spanUnit:u', ({ b, u }, x: Context): Question | null => { const e = rowSpan(u, x); return e && { figures: [over('mean', e)], by: b }; }, -0.3),
  rule('question', 'how much money? did|does|do|has|have ~each $qbys:b make|made|earn|earned|take|took|bring|brought|get|got|spend|spent|pay|paid in? ~inTotal?', ({ b }, x: Context): Question | null => { const c = takingsColumn(x), e = c === null ? null : sum(c, x); return e && { figures: [e], by: b }; }, 0),
  rule('question', 'how much (money|of it|is)? ~be|~have still? outstanding|unpaid|owed|owing|open|due|missing', (_s, x: Context): Question | null => owed(x), -0.2),
  rule('question', 'how many|much $unit:u did|does|do|has|have $cond:c $word in|up|out|over? ~inTotal?', ({ u, c }, x: Context): Question | null => { const name = columnIn(u, x) ?? spanColumn(u, x), e = name === null ? null : sum(name, x); return e && { figures: [e], by: [], where: c }; }, 0.05),
  rule('question', 'how much|many did|does|has|have $cond:c $col:m ~inTotal?', ({ m, c }, x: Context): Question | null => { const e = sum(m, x); return e && { figures: [e], by: [], where: c }; }, 0),
  rule('question', '~countWord of? them|those|these|$rows|$noun $cond:c', ({ c }): Question => ({ figures: [allRows], by: [], where: c }), 0.1),
  rule('question', '~countWord $yesno:y ~each $qbys:b', ({ y, b }): Question | null => (y.yes.length ? { figures: [allRows], by: b, where: { kind: 'among', of: column(y.column), texts: y.yes } } : null), 0),
  rule('question', '~countWord of? ~each $qbys:b', ({ b }): Question => ({ figures: [allRows], by: b }), 0.05),
  rule('question', 'list|what|which all? are? all? the? ~distinctWord? $col:c are? there?', ({ c }, x: Context): Question | null => { const g = grouped(c, x); return g && { figures: [], by: [g] }; }, 0.4),
  rule('question', 'the? $col:m per|by|for each|every? $qbys:b', ({ m, b }, x: Context): Question | null => { const e = usual(m, x); return e && b.every((k: Expression) => k.kind === 'column' && columnOf(x.head, k.name).type === 'text' && quantity(k.name, x) === null) ? { figures: [e], by: b } : null; }, 0.45),
  rule('question', '$col:m ~each $qbys:b ~inTotal', ({ m, b }, x: Context): Question | null => { const e = sum(m, x); return e && { figures: [e], by: b }; }, -0.1),
  rule('question', 'who $col:b how many $rows|$guess|$noun', ({ b }, x: Context) => { const g = grouped(b, x); return g && { figures: [allRows], by: [g] }; }, 0),
  rule('question', 'how many|much $col:m has|have|had|did|does|do $cond:c $word ~inTotal?', ({ m, c }, x: Context) => { const e = sum(m, x); return e && { figures: [e], by: [], where: c }; }, 0.1),
  rule('question', 'how many|much $guess|$rows did|do|does|has|have|had ~each $qbys:b $col:m ~inTotal?', ({ b, m }, x: Context) => { const e = sum(m, x); return e && { figures: [e], by: b }; }, -0.3),
  rule('question', 'how many|much $guess|$rows did|do|does|has|have|had|was|were we|they|you? $col:m ~inTotal? ~each $qbys:b', ({ b, m }, x: Context) => { const e = sum(m, x); return e && { figures: [e], by: b }; }, -0.2),
  rule('question', 'how many|much $guess|$rows did|do|does|was|were we|they|you? $col:m ~inTotal?', ({ m }, x: Context) => { const e = sum(m, x); return e && { figures: [e], by: [] }; }, -0.2),
  // 'which month has the highest turnover, going by guests times price'
  ...(['most', 'least'] as const).map((way) => rule('clause', `~tellMe? ,? in|on|at|by|for? which|what $qby:b ~did|~be the? ${way === 'most' ? '~highest' : '~lowest'} $word|$metricName|$col ,|:|– (going|judged|judging|measured|taken|counted|calculated by|as|from)? (that|which is|means)? $ex2:e`, ({ b, e }) => (e.kind === 'op' ? asked({ figures: [over('sum', e)], by: [b], order: { figure: 0, down: way === 'most' }, most: 1 }) : null), -0.1)).flat(),
  // 'which customer spent the most': money, where only one column is that
  ...(['most', 'least'] as const).map((way) => rule('clause', `~tellMe? ,? who|which|what of? the? $num:n? ^$qby:b spent|spends|earned|earns|paid|pays|made|makes|took|takes|brought|brings|cost|costs|bought|sold|owes|grossed|gave|donated in? the? ${way} money? in? with|for? us? ~inTotal?`, ({ b, n }, x: Context) => { const m = takingsColumn(x) ?? soldFor(x), e = m === null ? null : usual(m, x); return e && asked({ figures: [e], by: [b], order: { figure: 0, down: way === 'most' }, most: n ?? 1 }); }, 0)).flat(),
  // 'Does any bill number come twice?': the values that several rows have
  rule('clause', "does|do|did|has|have|are|is|can there? any|some|the? same? ^$col:c numbers|number|values|ones? that|which? occur|occurs|come|comes|appear|appears|stand|stands|exist|exists|turn|turns|repeat|given|used|been? up? used|given? twice|double|doubled|repeated|duplicated|several|more than? once|times?", ({ c }) => asked({ figures: [allRows], by: [column(c)], where: { kind: 'compare', op: '>', left: rowsCounted([c]), right: number(1) } }), 0),
  rule('clause', '~tellMe? which|what ^$col:c numbers|number|values|ones? occur|occurs|come|comes|appear|appears|stand|stands|exist|exists|is|are up? twice|double|doubled|repeated|duplicated|several|more than? once|times?', ({ c }) => asked({ figures: [allRows], by: [column(c)], where: { kind: 'compare', op: '>', left: rowsCounted([c]), right: number(1) } }), 0),
  // 'how much did we get per campaign': of the one column of money
  rule('question', 'how much did|do|does|have|has we|they|you|it|he|she? get|take|earn|receive|make|raise|collect|bring|got|taken|earned|received|made|raised|collected in|together? ~each $qbys:b ~inTotal?', ({ b }, x: Context): Question | null => { const name = takingsColumn(x); const e = name === null ? null : sum(name, x); return e && { figures: [e], by: b }; }, 0),
  rule('question', 'how much money? was|were|is|are taken|earned|made|received|charged|collected|paid|billed|raised in|together? ~each $qbys:b ~inTotal?', ({ b }, x: Context): Question | null => { const name = takingsColumn(x); const e = name === null ? null : quantity(name, x); return e && { figures: [over('sum', e)], by: b }; }, -0.2),
  rule('question', 'what did|do|does|have|has we|they|you|it|he|she? get|take|earn|receive|make|raise|collect|bring|got|taken|earned|received|made|raised|collected in|together? ~each $qbys:b ~inTotal?', ({ b }, x: Context): Question | null => { const name = takingsColumn(x); const e = name === null ? null : sum(name, x); return e && { figures: [e], by: b }; }, 0),
  rule('question', 'how much did|do|does|have|has we|they|you|it? get|take|earn|receive|make|raise|collect|bring|got|taken|earned|received|made|raised|collected in|together? ~inTotal?', (_s, x: Context): Question | null => { const name = takingsColumn(x); const e = name === null ? null : sum(name, x); return e && { figures: [e], by: [] }; }, 0.2),
  rule('question', 'what did|do|does|have|has we|they|you|it? get|take|earn|receive|make|raise|collect|bring|got|taken|earned|received|made|raised|collected in|together? ~inTotal?', (_s, x: Context): Question | null => { const name = takingsColumn(x); const e = name === null ? null : sum(name, x); return e && { figures: [e], by: [] }; }, 0.2),
  // 'which volunteers have no phone number'
  rule('question', '~tellMe? which|what|who of? the? ^$col:g ~rel? ~be|~have? $cond:c', ({ g, c }, x: Context): Question | null => (columnOf(x.head, g).type === 'text' && !(c.kind === 'not' && repeats(g, x)) && quantity(g, x) === null && !dated(g, x) && !columnsOf(c).includes(g) ? { figures: [], by: [column(g)], where: c } : null), 0.2),
  // 'Which client has not paid anything': in none of its rows
  rule('question', '~tellMe? which|what|who of? the? ^$col:g ~rel? ~have|did ~not|never ever? ^$col:c anything|ever|once yet?', ({ g, c }, x: Context): Question | null => neverFilled(g, c, x), -0.1),
  rule('question', '~tellMe? which|what|who of? the? ^$col:g ~rel? ~have|did never ever? ^$col:c', ({ g, c }, x: Context): Question | null => neverFilled(g, c, x), -0.1),
  rule('question', '~tellMe? which|what|who of? the? ^$col:g ~rel? ~have|did ^$col:c nothing yet|ever?', ({ g, c }, x: Context): Question | null => neverFilled(g, c, x), -0.1),
  // 'What did Harrow Bakery spend altogether?'
  rule('question', 'what|how much? money|of? did|does|do|has|have $values:v spend|spent|pay|paid|cost|bring|brought|earn|earned|owe|make|made us|in|out? in? ~inTotal?', ({ v }, x: Context): Question | null => {
    const m = moneyColumn(x) ?? pricedColumn(x), e = m && sum(m, x);
    return e ? { figures: [e], by: [], where: { kind: 'among', of: column(v[0].column), texts: v.map((o: { text: string }) => o.text) } } : null;
  }, 0.1),
  // 'What did we pay in tariffs altogether?'
  rule('question', 'what|how much? money|of? did|do|does|have|has we|they|you|i|it|he|she|everyone|everybody|anyone|people pay|paid|spend|spent|get|got|earn|earned|take|taken|collect|collected|raise|raised|receive|received|lose|lost in|for|on|from|as|out of? the? ^$col:m ~inTotal?', ({ m }, x: Context): Question | null => { const e = sum(m, x); return e ? { figures: [e], by: [] } : null; }, -0.1),
  // 'Average waiting time in days, from taken in to collected'
  rule('question', 'what|whats|what\'s? ~be? the? ~average $word? time|duration|period|delay|wait (in $spanUnit:u)? ,|:|~open? from|between the? $col:a ~fromTo the? $col:b ~close? ,? (in $spanUnit:v)?', ({ a, b, u, v }, x: Context): Question | null => { const e = a === b ? null : rowSpan(u ?? v, x, [a, b]); return e && { figures: [over('mean', e)], by: [] }; }, -0.4),
  // 'When was the last spot of each client'
  ...([['last|latest|newest', 'highest'], ['first|earliest|oldest', 'lowest']] as const).flatMap(([words, fn]) => [
    rule('question', `~tellMe? when was|were|is|did|are the? most? ${words}|recent $rows|$noun|$guess? (was|were|came|took place)? ~each $qbys:b`, ({ b }, x: Context): Question | null => { const d = rowDate(x); return d === null ? null : { figures: [over(fn, column(d))], by: b }; }, -0.1),
    rule('question', `~tellMe? when was|were|is|did|are the? most? ${words}|recent $rows|$noun|$guess? of|for|by|from|at|in ~each $col:b`, ({ b }, x: Context): Question | null => { const d = rowDate(x), g = grouped(b, x); return d === null || !g ? null : { figures: [over(fn, column(d))], by: [g] }; }, -0.1),
    // 'When was the last visit of North Gate', 'when did North Gate last come'
    ...[`~tellMe? when was|were|is|did|are the? most? ${words}|recent $rows|$noun|$guess? of|for|by|from|at|in|to the? $rset:c`, `~tellMe? when was|were|is|did|are the? most? ${words}|recent $rows|$noun|$guess? of|for|by|from|at|in|to the? $cond:c`, `~tellMe? when was|were|is|are the? ^$cond:c most? ${words}|recent $rows|$noun|$guess`, `~tellMe? when did|has the? ^$cond:c ${words} (been|come|came)? $word? here?`].map((said) => rule('question', said, ({ c }, x: Context): Question | null => { const d = rowDate(x); return d === null || (c.kind !== 'among' && c.kind !== 'text') ? null : { figures: [over(fn, column(d))], by: [], where: c }; }, -0.3)).flat(),
    rule('question', `~tellMe? when did|has ~each $col:b ${words} $word`, ({ b }, x: Context): Question | null => { const d = rowDate(x), g = grouped(b, x); return d === null || !g ? null : { figures: [over(fn, column(d))], by: [g] }; }, 0),
  ]).flat(),
  // 'What did we earn in total, sold kilos times price'
  rule('question', '~tellMe? what|how|whats much? did|do|does|have|has|is|was|were we|it|they|you|i|all|this|that|the? $word|~did? ~inTotal ,|:|;|-|–|= that|this|i.e|is|ie|namely|meaning? is? $ex2:e ??', ({ e }): Question | null => (e.kind === 'op' && !hasTotal(e) ? { figures: [over('sum', e)], by: [] } : null), -0.3),
  rule('question', "who $cond:c ?", ({ c }, x: Context): Question | null => { const g = personColumn(x); return g && !columnsOf(c).includes(g) ? { figures: [], by: [column(g)], where: c } : null; }, 0.1),
  rule('question', 'is|are there|we|they any|some|a|an|one $rows|$noun|$guess ~rel|~withA? ~be? $cond:c', ({ c }): Question => ({ figures: [allRows], by: [], where: c }), 0.1),
  // 'Lowest and highest tariff per pallet': of each row
  rule('question', '~tellMe? the? $sameFigures:f $col:m per|for|a each|every|single|one? ^$col:c', ({ m, f, c }, x: Context) => { const e = quantity(m, x), n = quantity(c, x); return e && n && m !== c && f.length > 1 ? { figures: f.map((fn: Fn) => over(fn, op('/', e, n))), by: [] } : null; }, -0.3),
  rule('question', '$sameFigures:f $col:m', ({ m, f }, x: Context) => { const e = quantity(m, x); return e && f.length > 1 ? { figures: f.map((fn: Fn) => over(fn, e)), by: [] } : null; }, 0.2),
  rule('question', '$qlead the? $sameFigures:f $col:m', ({ m, f }, x: Context) => { const e = quantity(m, x); return e && f.length > 1 ? { figures: f.map((fn: Fn) => over(fn, e)), by: [] } : null; }, -0.1),
  rule('question', '$qlead the? $sameFigures:f $col:m ~each $qbys:b', ({ m, b, f }, x: Context) => { const e = quantity(m, x); return e && f.length > 1 ? { figures: f.map((fn: Fn) => over(fn, e)), by: b } : null; }, -0.1),
  rule('question', '$col:m ~each $qbys:b :|,|–|- the|its? $sameFigures:f', ({ m, b, f }, x: Context) => { const e = quantity(m, x); return e && f.length > 1 ? { figures: f.map((fn: Fn) => over(fn, e)), by: b } : null; }, -0.1),
  rule('question', '~tellMe? the? $sameFigures:f of|for|in the? $col:m ~each $qbys:b', ({ m, b, f }, x: Context) => { const e = quantity(m, x); return e && f.length > 1 ? { figures: f.map((fn: Fn) => over(fn, e)), by: b } : null; }, 0),
  rule('question', '~tellMe? the? $sameFigures:f of|for|in the? $col:m', ({ m, f }, x: Context) => { const e = quantity(m, x); return e && f.length > 1 ? { figures: f.map((fn: Fn) => over(fn, e)), by: [] } : null; }, 0),
  // 'how long did results take on average per lab, in days'
  rule('question', 'how long did|does|do|was|were|is|are ~each|the|a? $rows|$noun|$guess|$col|$word|it|they ~lasted $whereabouts? on ~average ~each? $qbys:b? ,? (in $spanUnit:u)?', ({ b, u }, x: Context): Question | null => { const e = rowSpan(u, x); return e && { figures: [over('mean', e)], by: b ?? [] }; }, -0.1),
].flat();
