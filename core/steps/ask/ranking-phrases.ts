import { rule, type Rule } from '../../language/chart';
import type { Act, Context } from '../../language/acts';
import { readsAsDate } from '../../formula/check';
import { columnIn, dated, groupsRows, UNIT_PRICE, onlyTime, moneyColumn, takingsColumn, quantity, rowDate, rowSpan, spentColumn, startColumn } from '../../language/grammar/roles';
import { stem } from '../../language/words';
import { column, type Condition, type Expression, number, op } from '../../formula/expression';
import { columnOf } from '../../table/table';
import { namesRows } from '../../language/mentions';
import { persons } from '../../language/grammar/kinds';
import { personColumn } from '../calculate/person-phrases';
import { allRows, asked, firstUnique, grouped, over, period, type Question, repeats, sum, usual } from './question';
import { doerOf, whoColumn, countsByVerb } from './doers';

/** Names of what was done to so many: ‹Lost›, ‹Sold›, ‹Delivered›. */
const DONE = /(?:ed|\blost|\bsold|ought|roken|orn)$/i;

/** The group with the most rows. */
const commonest = (name: string, x: Context): Question | null => (!repeats(name, x) ? null : { figures: [allRows], by: [column(name)], order: { figure: 0, down: true }, most: 1 });

/** The one column that rates the rows. */
function ratingColumn(x: Context): Expression | null {
  const found = x.head.columns.filter((c) => /\b(?:rating|score|grade|mark|stars|points)s?\b/i.test(c.name) && quantity(c.name, x) !== null);
  return found.length === 1 ? quantity(found[0]!.name, x) : null;
}

/** The rows with the largest or smallest value, by what tells them apart. */
function leadingRows(name: string, down: boolean, most: number, x: Context, where?: Condition): Act | null {
  const e = sum(name, x);
  return e && name !== firstUnique(x) ? leadingBy(e, down, most, x, where) : null;
}

function leadingBy(e: Expression, down: boolean, most: number, x: Context, where?: Condition): Act | null {
  const key = firstUnique(x);
  return key === undefined ? null : asked({ figures: [e], by: [column(key)], order: { figure: 0, down }, most, ...(where ? { where } : {}) });
}

/** The group a ranking is about: one column that holds it. */
const ranking = (by: string, figure: Expression | null, down: boolean, most: number | undefined, x: Context, where?: Condition): Act | null => {
  const g = grouped(by, x);
  if (!g || !figure || Array.isArray(figure) || dated(by, x)) return null;
  return asked({ figures: [figure], by: [g], order: { figure: 0, down }, most: most ?? 1, ...(where ? { where } : {}) });
};

/** The same where the group may be a date: 'on which day did we carry the most'. */
const rankingOf = (by: string, figure: Expression | null, down: boolean, x: Context): Act | null => {
  const g = grouped(by, x);
  return g && figure ? asked({ figures: [figure], by: [g], order: { figure: 0, down }, most: 1 }) : null;
};

/** Is a word a column's whole name? Then it is asked about that. */
const isName = (word: unknown, x: Context): boolean => typeof word === 'string' && x.head.columns.some((c) => c.name.toLowerCase() === word.toLowerCase() && !dated(c.name, x));

/** The groups with most of a column, where a column of that name groups the rows. */
const leadingGroups = (by: string, name: string, down: boolean, most: number, x: Context): Act | null => (groupsRows(by, x) && by !== name ? ranking(by, usual(name, x), down, most, x) : null);

/** Questions for the most, the least, the first and the last. */
export const rankingPhrases: readonly Rule[] = [
  // 'The three best-selling films', 'top three films by takings', of rows that are screenings
  rule('clause', '~tellMe|what|which? ~be? the? $num:n? ^$adj:a ^$col:g (by|in|on|going|measured by? total|overall|all? $col:m)?', ({ n, a, g, m }, x: Context) => (!UNIT_PRICE.test(a.column) && (m === undefined || m === a.column) ? leadingGroups(g, a.column, a.down, n ?? 1, x) : null), 0),
  rule('clause', '~tellMe|~keep? the? top|best|first|leading $num:n ^$col:g by|in|on|according to? total|overall? ^$col:m', ({ n, g, m }, x: Context) => leadingGroups(g, m, true, n, x), -0.3),
  rule('clause', '~rankWord the? ^$col:g by|on|after the? ~countWord $rows|$noun|$guess', ({ g }, x: Context) => (repeats(g, x) && !dated(g, x) ? asked({ figures: [allRows], by: [column(g)], order: { figure: 0, down: true } }) : null), 0),
  rule('clause', '~tellMe|~keep? the? $num:n top|best|leading ^$col:g by|in|on|according to? total|overall? ^$col:m', ({ n, g, m }, x: Context) => leadingGroups(g, m, true, n, x), -0.3),
  rule('clause', '~tellMe|~keep? the? $num:n ^$col:g with|having the? most|highest|biggest|largest total? ^$col:m', ({ n, g, m }, x: Context) => leadingGroups(g, m, true, n, x), -0.3),
  // 'Which scooter made the most money'
  ...(['most', 'least'] as const).map((way) => rule('clause', `~tellMe? which|what|who $col:g made|makes|brought|brings|earned|earns|took|takes|cost|costs in? the? ${way} money|revenue|income|takings ~inTotal?`, ({ g }, x: Context) => { const c = takingsColumn(x); return c === null ? null : ranking(g, sum(c, x), way === 'most', 1, x); }, -0.2)).flat(),
  ...(['most', 'least'] as const).map((way) => rule('clause', `~tellMe? which|what|who ~be? the? $col:g ~rel? ~have|~did? spent|spend|spends|paid|pay|pays|earned|earn|earns|cost|costs|made|make|makes|took|take|takes|brought|bring|brings|charged|billed|owes us|in|on|for? the? ${way} money|of? ~inTotal? ??`, ({ g }, x: Context) => { const c = takingsColumn(x); return c === null ? null : ranking(g, sum(c, x), way === 'most', 1, x); }, -0.3)).flat(),
  ...(['most', 'least'] as const).map((way) => rule('clause', `~tellMe? who ~did|~have? spent|spend|spends|paid|pay|pays|earned|earn|earns|owes us|in|on|for? the? ${way} money|of? ~inTotal? ??`, (_s, x: Context) => { const c = takingsColumn(x), g = whoColumn(x); return c === null || g === null ? null : ranking(g, sum(c, x), way === 'most', 1, x); }, -0.2)).flat(),
  ...(['most', 'least'] as const).map((way) => rule('clause', `~tellMe? which|what|who $col:g spent|spends|spend|cost|costs the? ${way} (money|of all|in total|altogether)?`, ({ g }, x: Context) => { const c = spentColumn(x); return c === null || c === g ? null : ranking(g, sum(c, x), way === 'most', 1, x); }, -0.1)).flat(),
  rule('clause', '~tellMe? who ~did|~have? ^$col:c the? most|oftenest often|frequently|times? ??', ({ c }, x: Context) => { const g = whoColumn(x); return g !== null && readsAsDate(x.head, c) ? ranking(g, allRows, true, 1, x) : null; }, 0),
  rule('clause', '~tellMe? which|what|who $col:g do|did|does|have|has we|they|you|people|customers $word the? most|oftenest often|frequently|times? ??', ({ g }, x: Context) => ranking(g, allRows, true, 1, x), 0.1),
  // 'Which article is returned most?', 'which shop has the most damaged returns'
  rule('clause', '~tellMe? which|what|who $col:g ~be|~have|gets|got $word:w the? most|oftenest ??', ({ g, w }, x: Context) => (countsByVerb(w, x) ? null : ranking(g, allRows, true, 1, x)), 0.3),
  rule('clause', '~tellMe? which|what|who $col:g ~be|~have|gets|got $word:w the? least|rarest ??', ({ g, w }, x: Context) => (countsByVerb(w, x) ? null : ranking(g, allRows, false, 1, x)), 0.3),
  rule('clause', '~tellMe? which|what|who $col:g ~have|~did|~be the? most $rset:c ??', ({ g, c }, x: Context) => (c.kind === 'among' || c.kind === 'text' ? ranking(g, allRows, true, 1, x, c) : null), 0.2),
  rule('clause', '~tellMe? which|what|who $col:g ~have|~did|~be the? fewest|least $rset:c ??', ({ g, c }, x: Context) => (c.kind === 'among' || c.kind === 'text' ? ranking(g, allRows, false, 1, x, c) : null), 0.2),
  rule('clause', '~tellMe? which|what|who $col:g ~did|~have|~be $cond:c the? most|oftenest often|frequently|times? ??', ({ g, c }, x: Context) => ranking(g, allRows, true, 1, x, c), -0.3),
  rule('clause', '~tellMe? which|what|who $col:g ~did|~have|~be? $word:w? in|up|out|here|there? most|least often|frequently|of the? time?', ({ g, w }, x: Context) => (typeof w === 'string' && /^(?:late|early|absent|missing|wrong|unpaid|overdue|sick|empty|full|broken|delayed|faulty|short|over|under)$/i.test(w) ? null : ranking(g, allRows, true, 1, x)), 0.05),
  // 'The best rated guide': by the mean of what rates
  ...([['best|highest|top', true], ['worst|lowest', false]] as const).map(([words, down]) => rule('clause', `~tellMe? which|what|who|the ~be|~have? the? ${words} rated|scored|graded|marked|rating|score|grade $col:g`, ({ g }, x: Context) => { const e = ratingColumn(x); return e && ranking(g, over('mean', e), down, 1, x); }, 0)).flat(),
  ...([['best|highest|top', true], ['worst|lowest', false]] as const).map(([words, down]) => rule('clause', `~tellMe? which|what ~be? the? $num:n? ${words} rated|scored|graded|marked $rows|$noun`, ({ n }, x: Context) => { const e = ratingColumn(x); return e && leadingBy(over('sum', e), down, n ?? 1, x); }, -0.4)).flat(),
  ...([['best|highest|top', true], ['worst|lowest', false]] as const).map(([words, down]) => rule('clause', `${words} rated|scored|graded|marked $col:g`, ({ g }, x: Context) => { const e = ratingColumn(x); return e && ranking(g, over('mean', e), down, 1, x); }, 0)).flat(),
  ...([['best|highest|top|most', true], ['worst|lowest|least', false]] as const).map(([words, down]) => rule('clause', `~tellMe? which|what|who of? the? $col:g ~be|gets|get|got|has|have been? rated|scored|graded|marked|reviewed the? ${words} (on average)?`, ({ g }, x: Context) => { const e = ratingColumn(x); return e && ranking(g, over('mean', e), down, 1, x); }, -0.6)),
  ...([['best|highest|top', true], ['worst|lowest', false]] as const).map(([words, down]) => rule('clause', `~tellMe? which|what $col:g ~be|~have the? ${words} rated|scored|graded|marked`, ({ g }, x: Context) => { const e = ratingColumn(x); return e && ranking(g, over('mean', e), down, 1, x); }, 0)).flat(),
  // 'Which three landings brought in the most money': the rows themselves, by what tells them apart
  ...(['most', 'least'] as const).map((way) => rule('clause', `~tellMe? which|what of? the? $num:n? $rows|$noun ~did|$word in|up|out? the? ${way === 'most' ? 'most|highest|largest' : 'least|fewest|lowest|smallest'} $col:m ~inTotal?`, ({ n, m }, x: Context) => leadingRows(m, way === 'most', n ?? 1, x), 0)).flat(),
  rule('clause', '~tellMe? which|what|the is|was|were|are? the? $num:n? $adj:a $rows|$noun in|of|from|during|among|at|for the? $rset:c', ({ n, a, c }, x: Context) => leadingRows(a.column, a.down, n ?? 1, x, c), 0.1),
  rule('clause', '$adj:a $rows|$noun in|of|from|during|among|at|for the? $rset:c', ({ a, c }, x: Context) => leadingRows(a.column, a.down, 1, x, c), 0.3),
  rule('clause', '~tellMe? which|what ~be the? $num:n? $adj:a $rows|$noun', ({ n, a }, x: Context) => leadingRows(a.column, a.down, n ?? 1, x), 0.05),
  rule('clause', '~tellMe? ,? (who is)? the? longest standing|serving $rows|$noun|$col|$guess|one', (_s, x: Context) => { const c = startColumn(x); return c === null ? null : leadingRows(c, false, 1, x); }, 0),
  rule('clause', '~tellMe? ,? who ~have|~be been? with|at|here us|it|longest? the? longest?', (_s, x: Context) => { const c = startColumn(x); return c === null ? null : leadingRows(c, false, 1, x); }, 0.3),
  rule('often', 'most often|frequently|commonly', () => true, 0),
  rule('often', 'the? most times', () => true, 0),
  rule('clause', '~tellMe? ,? which|what|who the? $num:n $col:c ~be|~have|~took|comes|came|come|appears|appear|appeared|occurs|occur|turns|turned|shows|showed|$word? $col|$word? up? $often', ({ n, c }, x: Context) => (dated(c, x) || !Number.isInteger(n) || n < 1 ? null : ranking(c, allRows, true, n, x)), -0.2),
  rule('question', 'which|what|who $col:c $word|$col? $often', ({ c }, x: Context) => commonest(c, x), 0),
  rule('question', 'which|what|who $col:c ~be|~have|~took|comes|came|come|appears|appear|appeared|occurs|occur|turns|turned|shows|showed $col|$word? up? $often', ({ c }, x: Context) => commonest(c, x), 0),
  ...([['longest', true], ['shortest', false]] as const).map(([word, down]) => rule('clause', `~tellMe? ,? which|what|the ~be? the? $num:n? ${word} $rows|$noun|stay|stays`, ({ n }, x: Context) => { const e = rowSpan(undefined, x); return e && leadingBy(over('sum', e), down, n ?? 1, x); }, 0.4)),
  ...([['most', true], ['least|fewest', false]] as const).map(([word, down]) => rule('clause', `~tellMe? ,? which|what|who of? the? $col:g ~did|~have|$word in|up? the? ${word} $spanUnit:u ~inTotal?`, ({ g, u }, x: Context) => { const e = rowSpan(u, x); return e && ranking(g, over('sum', e), down, 1, x); }, -0.2)),
  ...([['~highest', true], ['~lowest', false]] as const).map(([words, down]) => rule('clause', `(what|which)? (is|was)? the? ${words} $rows|$noun by|in|according to? the? $col:m ??`, ({ m }, x: Context) => leadingRows(m, down, 1, x), 0.2)).flat(),
  // 'Which driver had the most complaints', of a column that is blank where there was none
  ...([['most', true], ['fewest|least', false]] as const).map(([words, down]) => rule('clause', `~tellMe? ,? which|what|who $col:g ~have|~did|got|gets|caused|had the? ${words} ^$col:m ??`, ({ g, m }, x: Context) => (columnOf(x.head, m).type === 'text' && quantity(m, x) === null && (x.head.glances?.get(m)?.blanks ?? 0) > 0 && g !== m ? ranking(g, over('count', column(m)), down, 1, x) : null), -0.1)).flat(),
  ...([['longest', true], ['shortest', false]] as const).map(([word, down]) => rule('clause', `${word} stay|stays|visit|rental|hire|trip|booking|loan ??`, (_s, x: Context) => { const e = rowSpan(undefined, x); return e && leadingBy(over('sum', e), down, 1, x); }, 0.1)).flat(),
  rule('clause', 'which|what the? $num:n? $adj:a $rows|$noun ??', ({ n, a }, x: Context) => leadingRows(a.column, a.down, n ?? 1, x), 0.1),
  // 'Which bed lost the most pots': a number of what was done
  ...([['most', true], ['least|fewest', false]] as const).map(([words, down]) => rule('clause', `~tellMe? ,? which|what|who of? the? $num:n? $col:g ~did? ^$col:m the? ${words} ^$col ~inTotal?`, ({ n, g, m }, x: Context) => (DONE.test(m) && g !== m && quantity(m, x) !== null ? ranking(g, usual(m, x), down, n ?? 1, x) : null), -0.6)),
  rule('clause', '~tellMe? ,? which|what of? the? $num:n? $col:g $col:m the? most $guess|$rows ~inTotal?', ({ n, g, m }, x: Context) => ranking(g, usual(m, x), true, n ?? 1, x), -0.1),
  rule('clause', '~tellMe? ,? which|what of? the? $num:n? $col:g $col:m the? fewest|least $guess|$rows ~inTotal?', ({ n, g, m }, x: Context) => ranking(g, usual(m, x), false, n ?? 1, x), -0.1),
  rule('clause', '~tellMe? ,? which|what of? the? $col:g $word? the? most $col:m ~inTotal?', ({ g, m }, x: Context) => ranking(g, usual(m, x), true, 1, x), 0),
  rule('clause', '~tellMe? ,? which|what of? the? $col:g $col:m the? most money|of? ~inTotal?', ({ g, m }, x: Context) => ranking(g, usual(m, x), true, 1, x), 0),
  // 'which class has the most pupils', 'which weekday has the most parcels': rows are counted
  ...(['most', 'least'] as const).flatMap((way) => [
    rule('clause', `~tellMe? ,? in|on|at|by|for? which|what $qby:b ~did|~be|$word the? ${way === 'most' ? 'most|highest' : 'least|fewest|lowest'} $rowsCounted ~inTotal?`, ({ b }) => asked({ figures: [allRows], by: [b], order: { figure: 0, down: way === 'most' }, most: 1 }), 0.1),
    rule('clause', `who $col:g the? ${way === 'most' ? 'most' : 'least|fewest'} $rowsCounted ~inTotal?`, ({ g }, x: Context) => (!persons(g, x) ? null : ranking(g, allRows, way === 'most', 1, x)), 0),
    rule('clause', `~tellMe? ,? which|what|who $col:g? ~did|~be|$word:w the? ${way === 'most' ? 'most' : 'least|fewest'} ^$unit:u ~inTotal?`, ({ g, w, u }, x: Context) => { if (w !== undefined && x.head.columns.some((h) => h.name.toLowerCase().split(/\s+/).some((p) => stem(p) === stem(w)))) return null; const c = columnIn(u, x); const by = (g as string | undefined) ?? whoColumn(x); return c && by ? ranking(by, sum(c, x), way === 'most', 1, x) : null; }, 0.1),
  ]).flat(),
  rule('clause', '~tellMe? ,? in|on|at|by|during? which|what $qperiod:p do|did|does|are|were|is|was people|they|we|customers|clients|members|guests|most|someone|$word? ^$col:c the? most|oftenest often|frequently|of? them|$rows? ??', ({ p, c }, x: Context) => { const by = dated(c, x) ? period(p, c, x) : null; return by && asked({ figures: [allRows], by: [by], order: { figure: 0, down: true }, most: 1 }); }, 0),
  // 'the most common site', 'which site is the most common'
  rule('clause', '~tellMe? ,? which|what $qby:b ~did|~be|$word the? ~commonest one|of? (of? all|them)?', ({ b }) => asked({ figures: [allRows], by: [b], order: { figure: 0, down: true }, most: 1 }), 0),
  rule('question', 'who ~did|$word? ^$col:c the? most often|frequently|times?', ({ c }, x: Context) => (dated(c, x) || quantity(c, x) !== null ? null : commonest(c, x)), -0.1),
  rule('clause', '~tellMe? ,? what|which|whats? ~be? the? ~commonest $col:c', ({ c }, x: Context) => ranking(c, allRows, true, 1, x), 0.1),
  rule('clause', '~tellMe? ,? in|on|at|by|for? which|what $qby:b ~be the? busiest|fullest $rowsCounted?', ({ b }) => asked({ figures: [allRows], by: [b], order: { figure: 0, down: true }, most: 1 }), 0.1),
  rule('clause', '~tellMe? ,? in|on|at|by|for? which|what $qby:b ~be the? quietest|emptiest $rowsCounted?', ({ b }) => asked({ figures: [allRows], by: [b], order: { figure: 0, down: false }, most: 1 }), 0.1),
  rule('clause', '~tellMe? ,? which|what of? the? $num:n $col:g $word? the? most $col:m ~inTotal?', ({ n, g, m }, x: Context) => ranking(g, usual(m, x), true, n, x), 0),
  rule('clause', '~tellMe|~keep? the? $col:g with|having the? most|highest|largest|biggest $col:m ~inTotal ,? (only|just that|the|this one)?', ({ g, m }, x: Context) => (columnOf(x.head, g).type === 'text' && repeats(g, x) ? ranking(g, usual(m, x), true, 1, x) : null), -0.4),
  // 'The two owners who paid the most'
  ...(['most', 'least'] as const).map((way) => rule('clause', `~tellMe? the? $num:n $col:g who|that|which ~did|$word the? ${way} $col:m? ~inTotal?`, ({ n, g, m }, x: Context) => { const name = (m as string | undefined) ?? takingsColumn(x); return name !== null && repeats(g, x) && !namesRows(g, x.vocabulary) ? ranking(g, sum(name, x), way === 'most', n, x) : null; }, 0.1)).flat(),
  // 'the three donors with the highest total': groups, not rows
  rule('clause', '~tellMe|~keep? the? $num:n $col:g with|having the? ~highest|most total|sum|amount|overall|altogether? $col:m? ~inTotal?', ({ n, g, m }, x: Context) => { const name = (m as string | undefined) ?? moneyColumn(x); return name !== null && repeats(g, x) ? ranking(g, sum(name, x), true, n, x) : null; }, -0.4),
  ...(['most', 'least'] as const).flatMap((way) => [
    rule('clause', `~tellMe? ,? who ~did|$word|$col? the? ${way === 'most' ? 'most' : 'least|fewest'} $col:m ~inTotal?`, ({ m }, x: Context) => { const g = whoColumn(x); return g && ranking(g, usual(m, x), way === 'most', 1, x); }, 0),
    rule('clause', `~tellMe? ,? who has|have|had the? ${way === 'most' ? 'most' : 'least|fewest'} $rows|$noun|$guess ~inTotal?`, (_s, x: Context) => { const g = personColumn(x); return g && ranking(g, allRows, way === 'most', 1, x); }, 0.1),
    rule('clause', `~tellMe? ,? who $word:w the? ${way === 'most' ? 'most' : 'least|fewest'} $rows|$noun|$guess ~inTotal?`, ({ w }, x: Context) => { const g = doerOf(w, x); return g && ranking(g, allRows, way === 'most', 1, x); }, -0.4),
    rule('clause', `~tellMe? ,? who $word:w the? ${way === 'most' ? 'most' : 'least|fewest'} $col:m ~inTotal?`, ({ w, m }, x: Context) => { const g = doerOf(w, x); return g && ranking(g, usual(m, x), way === 'most', 1, x); }, -0.4),
    rule('clause', `~tellMe? ,? who ~did|$word:w the? ${way === 'most' ? 'most' : 'least|fewest'} $rows|$noun|$guess ~inTotal?`, ({ w }, x: Context) => { const g = isName(w, x) ? null : whoColumn(x); return g && ranking(g, allRows, way === 'most', 1, x); }, 0.2),
    rule('clause', `~tellMe? ,? which|what|who of? the? $col:g ~did|$word the? ${way === 'most' ? 'most|highest' : 'least|fewest|lowest'} $ex2:e`, ({ g, e }, x: Context) => (e.kind === 'op' && e.op === '/' ? ranking(g, op('/', over('sum', e.left), over('sum', e.right)), way === 'most', 1, x) : null), -0.2),
    rule('clause', `~tellMe? ,? which|what of? the? $num:n? $col:g ~did the? ${way === 'most' ? 'most|highest' : 'least|fewest|lowest'} $col:m ~inTotal?`, ({ n, g, m }, x: Context) => ranking(g, usual(m, x), way === 'most', n ?? 1, x), -0.05),
    rule('clause', `~tellMe? ,? on|at|in|by|for? which|what $col:g did|do|does|was|were|has|have we|they|it|i|you? ~did|$word the? ${way === 'most' ? 'most' : 'least|fewest'} $col:m ~inTotal?`, ({ g, m }, x: Context) => rankingOf(g, usual(m, x), way === 'most', x), -0.1),
  ]).flat(),
  ...([['highest|biggest|largest|greatest|top|longest', 'highest', true], ['lowest|smallest|shortest', 'lowest', false]] as const).map(([words, fn, down]) => rule('clause', `~tellMe? ,? who ~did|~have|$word the? ${words} $col:m ??`, ({ m }, x: Context) => { const g = whoColumn(x), e = quantity(m, x); return g && e && g !== m ? ranking(g, over(fn, e), down, 1, x) : null; }, 0.1)).flat(),
  rule('clause', '~tellMe? ,? which|what of? the? $col:g $word? the? least|fewest $col:m ~inTotal?', ({ g, m }, x: Context) => ranking(g, usual(m, x), false, 1, x), 0),
  rule('clause', '~tellMe? ,? which|what of? the? $col:g has|had|have|got|with|is|was the? ~highest|most $rows|$guess', ({ g }, x: Context) => ranking(g, allRows, true, 1, x), 0.05),
  rule('clause', '~tellMe? ,? which|what of? the? $col:g has|had|have|got|with|is|was the? ~highest $qfig:f $perRow?', ({ g, f }, x: Context) => ranking(g, f, true, 1, x), 0),
  rule('clause', '~tellMe? ,? which|what of? the? $col:g has|had|have|got|with|is|was the? ~lowest $qfig:f $perRow?', ({ g, f }, x: Context) => ranking(g, f, false, 1, x), 0),
  rule('clause', '~tellMe? ,? which|what of? the? $col:g has|had|have|got|with|is|was the? ~highest $col:m on|by|in|as|at an|the? ~average', ({ g, m }, x: Context) => { const e = quantity(m, x); return e && ranking(g, over('mean', e), true, 1, x); }, -0.3),
  rule('clause', '~tellMe? ,? which|what of? the? $col:g has|had|have|got|with|is|was the? ~lowest $col:m on|by|in|as|at an|the? ~average', ({ g, m }, x: Context) => { const e = quantity(m, x); return e && ranking(g, over('mean', e), false, 1, x); }, -0.3),
  rule('clause', '~tellMe? the? top|best|first $num:n $col:g by|on|according in|to? $qfig:f', ({ n, g, f }, x: Context) => (namesRows(g, x.vocabulary) ? null : ranking(g, f, true, n, x)), 0),
  rule('clause', '~tellMe? the? top|best $num:n $col:g by|on|according in|to? $col:m', ({ n, g, m }, x: Context) => (namesRows(g, x.vocabulary) ? null : ranking(g, usual(m, x), true, n, x)), 0.1),
  rule('clause', '~tellMe? the? bottom|worst|last $num:n $col:g by|on|according in|to? $col:m', ({ n, g, m }, x: Context) => ranking(g, usual(m, x), false, n, x), 0.1),
  ...([['busiest|fullest', true], ['quietest|emptiest', false]] as const).map(([words, down]) => rule('clause', `~tellMe? ,? (what|which)? (is|was)? the? ${words} hour (of the day)?`, (_s, x: Context) => { const c = onlyTime(x), moment = x.head.columns.find((h) => h.type === 'datetime')?.name;
    // Of two moments the one that begins it tells how busy an hour is.
    const by: Expression | null = c !== null ? { kind: 'round', of: op('/', { kind: 'clock', of: column(c) }, number(60)), places: 0, mode: 'down' } : moment === undefined ? null : { kind: 'part', part: 'hour', of: column(moment) };
    return by && asked({ figures: [allRows], by: [by], order: { figure: 0, down }, most: 1 });
  }, -0.2)).flat(),
  rule('clause', '~tellMe? the? busiest|fullest $qperiod:p', ({ p }, x: Context) => { const b = period(p, rowDate(x), x); return b && asked({ figures: [allRows], by: [b], order: { figure: 0, down: true }, most: 1 }); }, 0.1),
].flat();
