import { rule, type Rule } from '../../language/chart';
import type { Context } from '../../language/acts';
import { readsAsDate } from '../../formula/check';
import { column, type Expression, op } from '../../formula/expression';
import { groupable, moneyColumn, percent, quantity, takingsColumn, total } from '../../language/grammar/roles';
import { over } from './formulas';

/** How far a column lies from its mean, over all rows or over those of each group. */
function fromMean(name: string, by: readonly string[], x: Context): Expression | null {
  const e = quantity(name, x);
  return e && op('-', e, total('mean', e, by));
}

/** A column in percent of its mean. */
function ofMean(name: string, by: readonly string[], x: Context): Expression | null {
  const e = by.includes(name) ? null : quantity(name, x);
  return e && percent(op('/', e, total('mean', e, by)));
}

/** What changed since the row before, and how far values lie from averages and ends. */
export const differencePhrases: readonly Rule[] = [
  // Over the rows
  rule('ex0', '~running of? $ex0:e', ({ e }) => over('running', e), 0),
  rule('ex0', '~running of? $ex0:e ~each $col:by', ({ e, by }, x: Context) => (readsAsDate(x.head, by) ? null : over('running', e, [by])), 0),
  rule('ex0', '~change $col:c compared|relative|against|versus|vs to|with? $prev', ({ c }, x: Context) => { const e = quantity(c, x); return e && op('-', e, over('previous', e)!); }, 0),
  rule('ex0', '~change|~diff in|of|between|to|from|with? the? $col:c and|to|from|with the|that|its? ^$col:d? of|in|on|from? $prev', ({ c, d }, x: Context) => { const e = quantity(c, x); return e && (d === undefined || d === c) ? op('-', e, over('previous', e)!) : null; }, -0.1),
  rule('ex0', 'how? much|many|by more|higher|greater or|/ less|fewer|lower ~be|~did|~have? it|we|they|the? $col:c ~be|~did? $word? than|compared|against|versus with|to|in|on|for? $prev', ({ c }, x: Context) => { const e = quantity(c, x); return e && op('-', e, over('previous', e)!); }, -0.2),
  rule('ex0', '~change $col:c from|over|since|to $prev', ({ c }, x: Context) => { const e = quantity(c, x); return e && op('-', e, over('previous', e)!); }, 0),
  rule('ex0', '~change $col:c change|changed? compared|relative with|to? $prev for|of|in the? same $col:by', ({ c, by }, x: Context) => { const e = quantity(c, x); return e && op('-', e, over('previous', e, [by])!); }, 0),
  rule('ex0', '~change $col:c compared|relative|against to|with? $prev ~each $col:by', ({ c, by }, x: Context) => { const e = quantity(c, x); return e && op('-', e, over('previous', e, [by])!); }, 0),
  rule('ex2', 'by? how? many|much? $col:c is|are|was|were|lies ~each? $rows|$noun|$guess? $aboveBelow the? ~average of|in|for his|her|its|their|the or? her? same|own? $col:by', ({ c, by }, x: Context) => groupable(by, x) ? fromMean(c, [by], x) : null, 0),
  rule('ex2', 'by? how? many|much? $col:c $aboveBelow the? ~average $rows|$noun|$guess|$col? of|in|at|for his|her|its|their|the same|own? $col:by is|are|was|were|lies ~each $rows|$noun|$guess?', ({ c, by }, x: Context) => groupable(by, x) ? fromMean(c, [by], x) : null, -0.1),
  rule('ex2', 'by? how? many|much? $col:c is|are|was|were|lies ~each? $rows|$noun|$guess? $aboveBelow the? overall|total|whole? ~average of? all|everything|everybody|table?', ({ c }, x: Context) => fromMean(c, [], x), 0.05),
  rule('ex2', 'difference|deviation|distance|gap of|between|in? ~each $rows|$noun|$guess $col:c to|from|against|and the? ~average of|in|for his|her|its|their|the same|own? $col:by', ({ c, by }, x: Context) => groupable(by, x) ? fromMean(c, [by], x) : null, 0),
  rule('ex2', '~diff? $col:c difference|deviation|distance|gap to|from|against|and the? ~average of|in|for his|her|its|their|the same|own? $col:by', ({ c, by }, x: Context) => groupable(by, x) ? fromMean(c, [by], x) : null, 0.05),
  rule('ex2', 'difference|deviation|distance|gap of|between|in? ~each? $rows|$noun? $col:c to|from|against|and the? $col:by ~average', ({ c, by }, x: Context) => groupable(by, x) ? fromMean(c, [by], x) : null, 0),
  rule('ex2', 'difference|deviation|distance|gap of|between|in? $col:c to|from|against|and the? ~average of|in|for his|her|its|their|the same|own? $col:by', ({ c, by }, x: Context) => groupable(by, x) ? fromMean(c, [by], x) : null, 0.05),
  rule('ex2', 'how far|much ~be? ~each? $rows|$noun|$guess|one? ~be? below|under|behind|from|beneath|off the? ~highest|best|top|leading $col:c of|in|at|within|for his|her|its|their|the same|own? $col:by', ({ c, by }, x: Context) => { const e = quantity(c, x); return e && groupable(by, x) ? op('-', total('highest', e, [by]), e) : null; }, 0),
  rule('ex2', 'how far|much ~be? ~each? $rows|$noun|$guess|one? ~be? below|under|behind|from|beneath|off the? ~highest|best|top|leading $col:c (of all|everyone|everything)?', ({ c }, x: Context) => { const e = quantity(c, x); return e && op('-', total('highest', e), e); }, 0.1),
  rule('ex2', 'how far|much below|under|behind|from|beneath|off the? ~highest|best|top|leading $col:c of|in|at|within|for his|her|its|their|the same|own? $col:by ~be ~each $rows|$noun|$guess', ({ c, by }, x: Context) => { const e = quantity(c, x); return e && groupable(by, x) ? op('-', total('highest', e, [by]), e) : null; }, -0.1),
  rule('ex2', 'how far|much ~be? ~each? $rows|$noun|$guess|one? ~be? above|over|from the? ~lowest|worst $col:c of|in|at|within|for his|her|its|their|the same|own? $col:by', ({ c, by }, x: Context) => { const e = quantity(c, x); return e && groupable(by, x) ? op('-', e, total('lowest', e, [by])) : null; }, 0),
  rule('ex2', 'by? how? much|many? $col:c more|higher|greater|above or|/ less|fewer|lower|below than|from? the|its|their|his|her? own? $col:by ~average', ({ c, by }, x: Context) => groupable(by, x) && by !== c ? fromMean(c, [by], x) : null, -0.2),
  rule('ex2', 'by? how? much|many? $col:c more|higher|greater|above or|/ less|fewer|lower|below than|from? the|its|their|his|her? own? $col:by ~average ~did|~have ~each|the|it $rows|$noun|$guess? ~have?', ({ c, by }, x: Context) => groupable(by, x) && by !== c ? fromMean(c, [by], x) : null, -0.2),
  rule('ex2', 'how? much|far? $comparative:k or $comparative than the? ~average of|in|for|within the|its|their? same|own? $col:by group|class|category|type|kind?', ({ k, by }, x: Context) => groupable(by, x) && by !== k.column ? fromMean(k.column, [by], x) : null, 0),
  rule('ex2', 'how? much|far? $comparative:k or $word than the? ~average of|in|for|within the|its|their? same|own? $col:by group|class|category|type|kind?', ({ k, by }, x: Context) => groupable(by, x) && by !== k.column ? fromMean(k.column, [by], x) : null, 0.2),
  // 'How does the price compare with the average of its kind, in percent'
  rule('ofAverage', 'the? ~average of|in|for|within|at his|her|its|their|the|that? same|own? $col:by group|class|category|type|kind?', ({ by }, x: Context) => (groupable(by, x) ? [by] : null), 0),
  rule('ofAverage', 'the? $col:by ~average', ({ by }, x: Context) => (groupable(by, x) && quantity(by, x) === null ? [by] : null), 0),
  rule('ofAverage', 'the? ~average for|of|in that|this|its|their ^$col:by', ({ by }, x: Context) => (groupable(by, x) ? [by] : null), 0),
  rule('ofAverage', 'the? ~average ^$col for|of|in that|this ^$col:by', ({ by }, x: Context) => (groupable(by, x) ? [by] : null), 0),
  rule('ofAverage', 'the? overall|general|total? ~average (of (all|everything))?', () => [], 0.1),
  rule('versus', 'compare|compares|compared|relative|set|held|measured|in? relation|comparison? to|with|against', () => true, 0),
  rule('ex2', 'how? does|do|did? (compare)? ~each? $rows|$noun|$guess? $col:c $versus? with|to|against? ^$ofAverage:by ,? in|as a? ~percentRider|%', ({ c, by }, x: Context) => ofMean(c, by, x), -0.3),
  rule('ex2', '~each? $rows|$noun|$guess? $col:c $versus with|to|against? ^$ofAverage:by', ({ c, by }, x: Context) => by.includes(c) ? null : fromMean(c, by, x), 0.1),
  rule('ex2', '$col:c in|as a? percent|percentage|% of the? $ofAverage:by', ({ c, by }, x: Context) => ofMean(c, by, x), -0.1),
  rule('ex2', 'by? how far|much? ~be? ~each $rows|$noun ~be? $aboveBelow $ofAverage:by', ({ by }, x: Context) => { const c = takingsColumn(x) ?? moneyColumn(x); return c === null ? null : fromMean(c, by, x); }, 0.1),
  rule('aboveBelow', 'above|over ~open? plus|+? ~close? or|and below|under ~open? minus|-? ~close?', () => true, 0),
  rule('ex2', 'how many|much ~be? missing|needed|short|lacking to? get|bring|lift|raise|fill? $col:a up? to|until $col:b', ({ a, b }, x: Context) => { const [m, n] = [quantity(a, x), quantity(b, x)]; return m && n ? op('-', n, m) : null; }, 0),
  // 'Difference between this invoice and the one before by the same technician'
  rule('ex0', 'difference|change between|of|in this|the $col:c and|to|from the? one|last|previous|preceding before|above|one? by|of|for|from|with|in the? same ^$col:by', ({ c, by }, x: Context) => { const e = quantity(c, x); return e && groupable(by, x) ? op('-', e, over('previous', e, [by])!) : null; }, -0.2),
  rule('ex0', 'difference|change between|of|in this|the $col:c and|to|from the one|last|previous|preceding before|above|one', ({ c }, x: Context) => { const e = quantity(c, x); return e && op('-', e, over('previous', e)!); }, 0),
  rule('prev', 'row|line|one to|after|by row|line|the? next|one?', () => true, 0.1),
  rule('prev', 'the? $rows|$noun before|above', () => true, 0),
  rule('ex0', '~change $col:c from|to|since|against|compared with|to? $prev on|for|of|in|with the? same $col:by', ({ c, by }, x: Context) => { const e = quantity(c, x); return e && op('-', e, over('previous', e, [by])!); }, -0.05),
  rule('prev', '~previous', () => true, 0),
  rule('prev', '$rows in the? ~previous', () => true, 0),
  rule('prev', 'the? previous|preceding|prior|last $rows|$noun|$guess', () => true, 0),
  rule('figure', '~countWord $rows', (_s, x: Context) => total('count', column(x.head.columns[0]!.name)), 0),
  rule('ex0', '~countWord $rows the? same $col:c brought|made|has|have|had|took|delivered? in|up? altogether|overall|together?', ({ c }, x: Context) => total('count', column(x.head.columns[0]!.name), [c]), 0.02),
  rule('ex0', '~countWord $rows|$noun ~rel? that|this|the|his|her|its|their $col:c has|have|had? brought|made|got|taken|delivered|sent|done|had|given|booked|placed|sold|bought in|up? (in total|all)|altogether|overall|together?', ({ c }, x: Context) => (groupable(c, x) ? total('count', column(x.head.columns[0]!.name), [c]) : null), 0.05),
].flat();
