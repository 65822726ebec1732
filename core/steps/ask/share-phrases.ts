import { oneOf, says, saysYes } from '../../language/grammar/conditions/make';
import { rule, type Rule } from '../../language/chart';
import type { Context } from '../../language/acts';
import { column, type Condition, type Expression, number, op } from '../../formula/expression';
import { namesRows } from '../../language/mentions';
import { percent, quantity } from '../../language/grammar/roles';
import { nearlyUnique } from '../../language/grammar/samples';
import { allRows, over, partOfAll, type Question, shareOf, sum, sumOverSum } from './question';

/** What one column adds up to in percent of what another does. */
function partIn(part: string, whole: string, x: Context): Question | null {
  const e = part === whole ? null : sumOverSum(part, whole, x);
  return e && { figures: [percent(e)], by: [] };
}

/** What a column adds up to where a condition holds, in percent of what it adds up to. */
function partWhere(name: string, when: Condition | null, x: Context): Expression | null {
  const e = when && quantity(name, x);
  return e && percent(op('/', over('sum', { kind: 'choose', cases: [{ when, then: e }], otherwise: number(0) }), over('sum', e)));
}

/** Are the groups the rows themselves? Then each of them has its share beside it. */
const ofRows = (by: readonly Expression[], x: Context): boolean => by.some((k) => k.kind === 'column' && namesRows(k.name, x.vocabulary) && nearlyUnique(x.head.glances?.get(k.name)));

/** Questions for parts of a whole. */
export const sharePhrases: readonly Rule[] = [
  rule('question', 'what|which? ~shareWord of all? the? $rows|$noun|$guess used|use|uses|had|have|has|got|get|came|come with? a|an|any ^$col:c in|as? ~percentRider|%?', ({ c }, x: Context): Question | null => (saysYes(c, x) ? null : { figures: [shareOf({ kind: 'not', of: { kind: 'empty', of: column(c) } })], by: [] }), -0.2),
  // 'Rejected lots as % of all lots'
  rule('question', '$rset:c as|in an? ~percentRider|~shareWord of|from all? the? $rows|$noun|$guess|total|whole|$col', ({ c }): Question => ({ figures: [shareOf(c)], by: [] }), -0.1),
  rule('question', '$rset:c as|in an? %|percent|percentage|share|proportion of|from all? the? $rows|$noun|$guess|total|whole|$col', ({ c }): Question => ({ figures: [shareOf(c)], by: [] }), -0.1),
  rule('question', 'what|which? ~shareWord of all? the? $rows|$guess|$noun ~be|~have|get|got|were|came|come? $cond:c', ({ c }): Question => ({ figures: [shareOf(c)], by: [] }), 0),
  rule('question', 'what|which? ~shareWord of all? the? $rows|$guess|$noun ~be|~have|get|got|came from? $cond:c ~each $qbys:b', ({ c, b }): Question => ({ figures: [shareOf(c)], by: b }), 0),
  // 'What percentage of the seeds sprouted overall': of two numbers, one a part of the other
  rule('question', 'what|which? ~shareWord of|in all? the? $col:a ~be|~did|got|came|~have? ^$col:b ~inTotal|overall|altogether', ({ a, b }, x: Context) => partIn(b, a, x), 0.05),
  rule('question', 'what|which? ~shareWord of all|total the? $col:a ~be|~did|got|came|~have? ^$col:b', ({ a, b }, x: Context) => partIn(b, a, x), -0.4),
  rule('question', '$col:m ~each $qbys:b as|in a? percent|percentage|%|share of the? everything|total|whole|all', ({ m, b }, x: Context): Question | null => { const e = partOfAll(sum(m, x)); return e && { figures: [e], by: b }; }, 0),
  // Parts of the whole: 'each captain's share of the passengers'
  rule('qpart', '~shareWord of|in the? ~totalWord? $col:m', ({ m }, x: Context) => partOfAll(sum(m, x)), 0),
  rule('qpart', '~shareWord of all? the? $rows|$guess', () => partOfAll(allRows), 0.1),
  rule('question', '~tellMe? ~each $qbys:b $qpart:e', ({ b, e }, x: Context): Question | null => (ofRows(b, x) ? null : { figures: [e], by: b }), 0.05),
  rule('question', '~tellMe? $qbys:b $qpart:e', ({ b, e }, x: Context): Question | null => (ofRows(b, x) ? null : { figures: [e], by: b }), 0.25),
  rule('question', '~tellMe? ~shareWord of|for ~each $qbys:b in|of the? ~totalWord? $col:m', ({ b, m }, x: Context): Question | null => { const e = partOfAll(sum(m, x)); return e && !ofRows(b, x) ? { figures: [e], by: b } : null; }, 0.25),
  rule('question', '$qlead? ~tellMe? $qpart:e ~each $qbys:b', ({ b, e }, x: Context): Question | null => (ofRows(b, x) ? null : { figures: [e], by: b }), 0.05),
  rule('question', '$qlead? $qpart:e did|does|do|comes|come|came|is|are|goes|went|has|have from|to|by|in|with? ~each $qbys:b ~did|$word? in?', ({ b, e }): Question => ({ figures: [e], by: b }), 0.05),
  rule('question', '$qfig:f ~each $qbys:b as|in a? ~percentRider|~shareWord of the? total|whole|all', ({ f, b }): Question | null => { const e = partOfAll(f); return e && { figures: [e], by: b }; }, 0),
  rule('question', '~shareWord of each|every $qbys:b in|as? a? percent|percentage?', ({ b }): Question => ({ figures: [op('*', op('/', allRows, { kind: 'total', fn: 'count', of: number(1), by: [], whole: true }), number(100))], by: b }), 0),
  // 'Share of drops signed', 'share of parcels delivered'
  rule('question', 'what|which? ~shareWord of all? the? $rows|$noun|$guess ~be? ^$yesno:y', ({ y }): Question | null => { const c = says(y, true); return c && { figures: [shareOf(c)], by: [] }; }, 0.1),
  rule('question', 'what|which? ~shareWord of all? the? $rows|$noun|$guess ~be? ^$values:v', ({ v }): Question | null => { const c = oneOf(v); return c && { figures: [shareOf(c)], by: [] }; }, 0.1),
  rule('question', '~shareWord of the? $cond:c $rows|$noun|$guess', ({ c }): Question => ({ figures: [shareOf(c)], by: [] }), 0.15),
  rule('question', 'what|which? ~shareWord of all? the? $rows|$noun|$guess remained|remain|remains|stayed|stay|stays|ended|turned|got|became|went up|out|as? $cond:c', ({ c }): Question => ({ figures: [shareOf(c)], by: [] }), -0.1),
  rule('question', '~shareWord of all? the? $rows|$noun|$guess ~rel|~have|with|in|from? ~be? $cond:c', ({ c }): Question => ({ figures: [shareOf(c)], by: [] }), 0.15),
  rule('question', 'what|which? ~shareWord of all? the? $rows|$noun|$guess has|have|had|is|are|was|were been? $col:c', ({ c }): Question => ({ figures: [shareOf({ kind: 'not', of: { kind: 'empty', of: column(c) } })], by: [] }), 0.3),
  rule('shareSum', '~shareWord of? all? the? ~totalWord? $col:m $wentTo $cond:c', ({ m, c }, x: Context) => partWhere(m, c, x), 0),
  rule('question', 'what|which? $shareSum:e', ({ e }): Question => ({ figures: [e], by: [] }), -0.2),
  // 'How much of all the kilos is towels, in percent'
  rule('question', 'how much|many of all? the? ~totalWord? $col:m $wentTo|~be $cond:c|^$values:v ,|:? in|as percent|percentage|%', ({ m, c, v }, x: Context): Question | null => { const e = partWhere(m, c ?? oneOf(v), x); return e && { figures: [e], by: [] }; }, -0.3),
  rule('wentTo', 'went|goes|go|fell|falls|belongs|belong|is|was due? to', () => true, 0),
  rule('wentTo', 'came|comes|come|is|was|were|are from|in|at|with|by|for|on|made|spent by|from|on|in|at|for?', () => true, 0),
  rule('wentTo', 'did|does|do', () => true, 0.1),
  rule('wentTo', 'of|for|in|at|from', () => true, 0.2),
].flat();
