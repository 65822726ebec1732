import { all, any, column, columnsOf, not, number } from '../../../formula/expression';
import { readsAsDate } from '../../../formula/check';
import { columnOf } from '../../../table/table';
import { rule, type Rule } from '../../chart';
import type { Context } from '../../acts';
import { stem } from '../../words';
import { compare, done, empty, hasBlanks, lacking, numeric, orZero, saysYes } from './make';

/** Does a column of whole numbers begin at zero, so that zero is none? */
const countsFromZero = (name: string, x: Context): boolean => numeric(name, x) && columnOf(x.head, name).type === 'whole' && x.head.glances?.get(name)?.lowest === '0';

/** The column that a participle tells to be filled: ‹Rating› of what was rated. One that has blanks, and of no other word. */
function namedAfter(word: string, x: Context): string | null {
  if (!/ed$/i.test(word) || word.length < 5 || x.vocabulary.values.has(word.toLowerCase()) || x.vocabulary.inside.has(word.toLowerCase())) return null;
  const root = stem(word.toLowerCase());
  const found = x.head.columns.filter((c) => /^\p{L}+(?:ing|ion|ment|al|ance|ence)$/iu.test(c.name) && stem(c.name.toLowerCase().replace(/(?:ment|ion|al|ance|ence)$/, '')) === root && hasBlanks(c.name, x));
  return found.length === 1 ? found[0]!.name : null;
}

/** What is there and what is not. */
export const blankRules: readonly Rule[] = [
  // 'Only those rated': where ‹Rating› is filled
  rule('cond', '~be? ^$word:w', ({ w }, x: Context) => { const c = namedAfter(w, x); return c === null ? null : not(empty(c)); }, 0.25),
  rule('cond', '~be ~not ^$word:w', ({ w }, x: Context) => { const c = namedAfter(w, x); return c === null ? null : empty(c); }, 0.1),
  rule('unsaid', '$uncol:c', ({ c }, x: Context) => orZero(empty(c), x), 0.2),
  rule('cond', '~be $uncol:c', ({ c }, x: Context) => orZero(empty(c), x), 0.2),
  // What nobody did, whose value nobody knows
  rule('cond', 'nobody|noone|none has|have|had|ever? $col:c yet?', ({ c }, x: Context) => orZero(empty(c), x), 0.05),
  rule('cond', 'no one has|have|had|ever? $col:c yet?', ({ c }, x: Context) => orZero(empty(c), x), 0.05),
  rule('rset', 'what|whatever|those|$rows|$guess ~rel? nobody|noone has|have|had|ever? $col:c yet?', ({ c }, x: Context) => orZero(empty(c), x), -0.2),
  rule('rset', 'what|whatever|those|$rows|$guess ~rel? no one has|have|had|ever? $col:c yet?', ({ c }, x: Context) => orZero(empty(c), x), -0.2),
  rule('cond', "$col:c we|i|nobody|they|you don't|dont|do|does|doesn't not? know|knows|have", ({ c }) => empty(c), 0),
  rule('cond', "~not|never been? $col:c yet?", ({ c }, x: Context) => (done(c, x) || /^\p{L}+(?:ed|aid|old)$/iu.test(c) && hasBlanks(c, x) ? orZero(empty(c), x) : null), 0.15),
  rule('rset', '$rset:a ~withA|with $col:c', ({ a, c }, x: Context) => saysYes(c, x) ? null : all([a, countsFromZero(c, x) ? compare('>', column(c), number(0)) : not(empty(c))]), 0.15),
  rule('cond', "$col:a ~be ~filledWord but|and|while|yet the? $col:b isn't|aren't|not", ({ a, b }) => all([not(empty(a)), empty(b)]), 0),
  rule('cond', "$col:a ~be ~blankWord but|and|while|yet the? $col:b isn't|aren't|not", ({ a, b }) => all([empty(a), not(empty(b))]), 0),
  // Whole rows
  rule('cond', 'everything|all columns|fields|cells|values? ^~be ~blankWord', (_s, x: Context) => all(x.head.columns.map((c) => empty(c.name))), 0),
  rule('cond', 'every|each column|field|cell|value ^~be ~blankWord', (_s, x: Context) => all(x.head.columns.map((c) => empty(c.name))), 0),
  rule('cond', 'nothing|none is|are|was|were|has|have been? ~filledWord|entered|given|in at? all?', (_s, x: Context) => all(x.head.columns.map((c) => empty(c.name))), 0),
  rule('rset', 'completely|entirely|totally|fully|all|wholly ~blankWord $rows', (_s, x: Context) => all(x.head.columns.map((c) => empty(c.name))), 0),
  rule('rset', '$rows that|which ~be completely|entirely|totally|fully|wholly ~blankWord', (_s, x: Context) => all(x.head.columns.map((c) => empty(c.name))), 0),
  rule('rset', '$rows ~withA any|some|at blank|missing|least cells|values|one|fields? blank|missing? value|cell|values|cells', (_s, x: Context) => any(x.head.columns.map((c) => empty(c.name))), 0.1),
  rule('cond', "~have|~be ~not been? ~given|assigned an? $col:c yet?", ({ c }) => empty(c), 0),
  // Blanks
  // Of an amount, 'nothing' is none or zero.
  // 'Part if something was paid': of an amount more than nothing
  rule('cond', '(at least)? something|anything|some ~be|~have been? already? ^$col:c already?', ({ c }, x: Context) => (readsAsDate(x.head, c) ? not(empty(c)) : numeric(c, x) ? compare('>', column(c), number(0)) : null), -0.1),
  rule('cond', 'something|anything|an|a entry|value|date? in|under|entered the? $col:c', ({ c }) => not(empty(c)), 0.2),
  rule('cond', '$col:c ~be? nothing', ({ c }, x: Context) => (numeric(c, x) ? any([empty(c), compare('=', column(c), number(0))]) : null), -0.1),
  // 'Where somebody was trapped', of how many were
  rule('cond', 'somebody|someone|anybody|anyone|people|persons ~be|got|had|~have been? a|an|any? ^$col:c', ({ c }, x: Context) => (numeric(c, x) ? compare('>', column(c), number(0)) : null), 0.1),
  rule('cond', 'somebody|someone|anybody|anyone|people|they|we|customers|customer ~be|got|~have? ^$col:c', ({ c }, x: Context) => (!numeric(c, x) && hasBlanks(c, x) && columnOf(x.head, c).type === 'text' ? not(empty(c)) : null), 0.15),
  rule('cond', 'nobody|noone|no-one ~be|got|~have? ^$col:c', ({ c }, x: Context) => (!numeric(c, x) && hasBlanks(c, x) && columnOf(x.head, c).type === 'text' ? empty(c) : null), 0.15),
  rule('cond', 'nobody|noone|no-one ~be|got|~have been? ^$col:c', ({ c }, x: Context) => (numeric(c, x) ? any([empty(c), compare('=', column(c), number(0))]) : null), 0.1),
  // 'Those who paid', of a column ‹Paid on›
  rule('rset', '$rows who|that|which ~have? already? been? ^$col:c already?', ({ c }, x: Context) => (done(c, x) || (/^\p{L}+(?:ed|aid|old|ent|ought)\b/iu.test(c) && hasBlanks(c, x) && !x.vocabulary.values.has(c.toLowerCase().split(' ')[0]!)) ? not(empty(c)) : null), -0.1),
  rule('cond', '$col:a ~be ~blankWord or the? ^$col:b', ({ a, b }) => (a === b ? null : any([empty(a), empty(b)])), -0.3),
  rule('rset', '$rows|$guess ~without an|any|a? $col:a or ~without? an|any|a? ^$col:b', ({ a, b }, x: Context) => (a === b ? null : any([lacking(a, x), lacking(b, x)])), -0.2),
  rule('cond', '~without an|any? $col:a or an|any? ^$col:b', ({ a, b }) => (a === b ? null : any([empty(a), empty(b)])), -0.1),
  rule('cond', '$col:c ~be? ~blankWord', ({ c }) => empty(c), 0.02),
  rule('cond', '$col:c ~be not ~blankWord', ({ c }) => not(empty(c)), 0),
  rule('cond', '$col:c ~differs ~blankWord', ({ c }) => not(empty(c)), 0),
  rule('cond', '$col:c ~be? ~filledWord', ({ c }) => not(empty(c)), 0.02),
  rule('cond', '~blankWord $col:c', ({ c }) => empty(c), 0.25),
  rule('cond', '~withA $col:a but|and|yet ~without $col:b', ({ a, b }, x: Context) => all([countsFromZero(a, x) ? compare('>', column(a), number(0)) : not(empty(a)), countsFromZero(b, x) && !hasBlanks(b, x) ? compare('=', column(b), number(0)) : orZero(empty(b), x)]), 0.1),
  // 'Sold without a buyer', 'no buyer but a price'
  rule('cond', '$cond:a ^~without an? ^$col:c', ({ a, c }, x: Context) => (a.kind === 'text' || columnsOf(a).includes(c) ? null : all([a, lacking(c, x)])), 0.2),
  rule('cond', '~without an|any|the? $col:a but|yet|though ~withA|with? an|the|some? ^$col:b', ({ a, b }, x: Context) => (a === b ? null : all([lacking(a, x), not(lacking(b, x))])), 0),
  // 'No visits' may be a blank or a zero: where the column has both, it is asked.
  // 'Where no car was aboard'
  rule('cond', 'no|not (a|an|any|one|single)? ^$col:c ~be|came|went|~have been? ^$word', ({ c }, x: Context) => lacking(c, x), 0.15),
  // 'Found before 2019 or without a date'
  rule('cond', '$cond:a or ~be|~have? ~without|no|not an|any? date|day|time|value|entry|number|figure|one (at all)?', ({ a }) => { const [name, ...more] = columnsOf(a); return name !== undefined && more.length === 0 && a.kind !== 'empty' ? any([a, empty(name)]) : null; }, -0.1),
  rule('cond', '$rows? ~without $col:c yet?', ({ c }, x: Context) => lacking(c, x), 0.02),
  rule('cond', '$rows? ~without $col:c yet?', ({ c }, x: Context) => (countsFromZero(c, x) && hasBlanks(c, x) ? any([empty(c), compare('=', column(c), number(0))]) : null), 0.02),
  rule('cond', '~withA $col:c', ({ c }, x: Context) => (saysYes(c, x) ? null : countsFromZero(c, x) ? compare('>', column(c), number(0)) : not(empty(c))), 0.3),
  rule('cond', 'there ~be some|any|a|an $col:c', ({ c }, x: Context) => (countsFromZero(c, x) ? compare('>', column(c), number(0)) : not(empty(c))), 0),
  rule('cond', 'there ~be ^$col:c', ({ c }, x: Context) => (countsFromZero(c, x) ? compare('>', column(c), number(0)) : null), 0.1),
  rule('cond', 'none|nothing|no ~be $col:c', ({ c }, x: Context) => (numeric(c, x) ? any([empty(c), compare('=', column(c), number(0))]) : empty(c)), 0),
  rule('cond', 'no|none of? $guess|$rows|$noun ~be $col:c', ({ c }, x: Context) => (numeric(c, x) ? any([empty(c), compare('=', column(c), number(0))]) : empty(c)), 0.02),
  // 'the cancelled ones', 'those that were insured': what a column of 'Cancelled by', 'Insured for' says of a row
  rule('rset', '$col:c ^$rows', ({ c }, x: Context) => (done(c, x) ? not(empty(c)) : null), 0.15),
  rule('cond', '~be $col:c', ({ c }, x: Context) => (done(c, x) ? not(empty(c)) : null), 0.3),
  rule('cond', 'there? no|none $col:c ~be|~have been? ~given|filled|entered|noted|recorded|said (in)?', ({ c }) => empty(c), 0.15),
  rule('cond', '$col:c ~be? not ~given', ({ c }) => empty(c), 0.1),
  rule('cond', 'have|has|had|was|were? never been? $col:c', ({ c }) => empty(c), 0.05),
  rule('rset', '$rows|$noun ~rel ~did|drove|went $col:c nothing|none', ({ c }, x: Context) => orZero(empty(c), x), 0.1),
  rule('cond', 'there? ~be none|nothing|no in|for|at|on $col:c', ({ c }, x: Context) => (numeric(c, x) ? any([empty(c), compare('=', column(c), number(0))]) : empty(c)), 0.05),
  rule('rset', '$rows ~rel $word ~without $col:c', ({ c }, x: Context) => (countsFromZero(c, x) && !hasBlanks(c, x) ? compare('=', column(c), number(0)) : numeric(c, x) ? any([empty(c), compare('=', column(c), number(0))]) : empty(c)), 0.4),
  rule('cond', 'have|has|had not $col:c anything|yet|nothing|at? all?', ({ c }, x: Context) => (numeric(c, x) ? any([empty(c), compare('=', column(c), number(0))]) : empty(c)), 0.3),
  rule('cond', "haven't|hasn't|hadn't $col:c anything|yet|nothing|at? all?", ({ c }, x: Context) => (numeric(c, x) ? any([empty(c), compare('=', column(c), number(0))]) : empty(c)), 0.3),
  rule('cond', '$rows with $col:c', ({ c }, x: Context) => (saysYes(c, x) ? null : countsFromZero(c, x) && !hasBlanks(c, x) ? compare('>', column(c), number(0)) : not(empty(c))), 0.3),
  rule('cond', '^$col:c ~be|~have been? driven|done|made|used|sold|taken|recorded|claimed|had|given|counted|delivered|worked', ({ c }, x: Context) => (countsFromZero(c, x) ? compare('>', column(c), number(0)) : null), 0.2),
  // 'Invoiced but not paid', 'with an invoice but no paid on date'
  rule('cond', '~be|~have? ^$col:a but|and|yet|though ~not been? ^$col:b yet?', ({ a, b }, x: Context) => (a === b || saysYes(a, x) || saysYes(b, x) ? null : all([not(empty(a)), empty(b)])), -0.2),
  rule('cond', '~withA|with|having an|any? $col:a but|and|yet|though ~without|no an|any? ^$col:b date|yet?', ({ a, b }, x: Context) => (a === b || saysYes(a, x) || saysYes(b, x) ? null : all([countsFromZero(a, x) ? compare('>', column(a), number(0)) : not(empty(a)), orZero(empty(b), x)])), -0.2),
  rule('cond', '~be? ~not been? ^$col:a for|yet? but|yet|though ~be|~have? been? ^$col:b', ({ a, b }, x: Context) => (a === b || saysYes(a, x) || saysYes(b, x) ? null : all([empty(a), not(empty(b))])), 0.1),
  // Joined
  rule('cond', '$col:a ~or $col:b ~be? ~blankWord', ({ a, b }) => (a === b ? null : any([empty(a), empty(b)])), 0.05),
  rule('cond', 'either? $col:a or|and $col:b ~be ~not|~blankWord ~given|there', ({ a, b }) => (a === b ? null : any([empty(a), empty(b)])), 0.1),
  rule('cond', '$col:c ~be ~blankWord or|and zero|0|nothing|nil', ({ c }, x: Context) => (numeric(c, x) ? any([empty(c), compare('=', column(c), number(0))]) : null), -0.1),
  rule('cond', '$col:c ~be zero|0|nothing|nil or|and ~blankWord', ({ c }, x: Context) => (numeric(c, x) ? any([empty(c), compare('=', column(c), number(0))]) : null), -0.1),
  // 'Sponsored episodes', 'anything damaged': the column that says by whom, or how
  rule('rset', '$filledBy:c ^$rows|$noun|$guess', ({ c }) => not(empty(c)), 0.1),
  rule('rset', 'anything|everything|whatever|something|all ~be? $filledBy:c', ({ c }) => not(empty(c)), 0.1),
  rule('cond', '~be|came|come|comes|arrived|got|went $filledBy:c', ({ c }) => not(empty(c)), 0.1),
  rule('cond', '~be? ~not $filledBy:c', ({ c }) => empty(c), 0.1),
  rule('cond', '~withA? neither a|an|any? $col:a nor|or a|an|any? $col:b', ({ a, b }) => (a === b ? null : all([empty(a), empty(b)])), -0.1),
  rule('cond', '$col:c ~not ~given|there', ({ c }) => empty(c), 0.1),
].flat();
