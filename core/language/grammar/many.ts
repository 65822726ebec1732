import { readsAsDate, readsAsNumber } from '../../formula/check';
import { column, not, number, op, type Comparison, type Condition, type Expression, type LookupFn } from '../../formula/expression';
import { unitName } from '../../values/units';
import type { Context } from '../acts';
import { rule } from '../chart';
import { isDoer, stem, type Token } from '../words';
import { SIZES, compare } from './conditions/make';
import { vocabularyOf } from '../mentions';
import { endsOf, moneyColumn, rowDate, takingsColumn } from './roles';
import { clearest, listedBy, listedOf, lookupBy, notListed, tiesBySpelling, tiesOf, type OtherColumn, type Tie } from './others';
import { soleValue, uniqueThere } from './theirs';

/* Tables that have several rows for one of this table's: how many, how much in all, the first and the last. */

/** What is done, and what rows that tell of it are called, where the one is not made of the other. */
const DOINGS: readonly (readonly string[])[] = ['lend loan borrow', 'ask request', 'sell sale', 'buy purchase order', 'pay payment remittance receipt receive settle remit transfer', 'rent rental hire lease', 'see sighting spot', 'call phone', 'reserve reservation book', 'go trip tour', 'show screening'].map((list) => list.split(' ').map(stem));

/** What is said of anything that comes up in rows, where only one table has such. */
const TURNING_UP = new Set('used needed touched here there seen came come appeared appear appears occurs occur involved taken'.split(' '));

/** Endings that make a noun of what is done: deliver-y, pay-ment, inspect-ion. */
const ENDINGS = /^(?:|t|i|y|e|al|ing|ment|ion|s?sion|tion|ation|ition|er[iy]|ance|ence|age)$/;

const made = (verb: string, noun: string): boolean => (/([^aeiou])\1$/.test(verb) && made(verb.slice(0, -1), noun)) || (noun.startsWith(verb) && ENDINGS.test(noun.slice(verb.length))) || (verb.length > 4 && noun.startsWith(verb.slice(0, -1)) && /^(?:s?sion|tion|cation)$/.test(noun.slice(verb.length - 1)));

/** Do rows of a table tell of what a word says was done: payments of paying, loans (with a ‹Borrower›) of borrowing? */
function tellsOf(verb: string, table: string, columns: readonly { readonly name: string }[]): boolean {
  const noun = stem(table.split(/[\s_-]+/).at(-1)!);
  return made(verb, noun) || DOINGS.some((d) => d.includes(verb) && d.includes(noun)) || columns.some((c) => isDoer(verb, c.name.toLowerCase()));
}

/** Words that say what was done in rows of another table, wherever it has several rows for one of this table's. */
export function deedMentions(words: readonly Token[], x: Context, put: (cat: string, from: number, to: number, value: unknown, cost: number) => void): void {
  words.forEach((t, i) => { if (t.kind === 'word' && /(?:ed|en)$/.test(t.lower) && made(t.stem, stem(x.head.name.split(/[\s_-]+/).at(-1)!))) put('ownDeed', i, i + 1, true, 0); });
  const tied = [...(x.head.others ?? [])].filter(([table]) => some(table, x) !== null), several = tied.filter(([table]) => manyTie(x, table) !== null);
  for (const [table, other] of tied) {
    words.forEach((t, i) => { if (several.length === 1 && several[0]![0] === table && t.kind === 'word' && TURNING_UP.has(t.lower)) put('turnsUp', i, i + 1, table, 0.25); });
    words.forEach((t, i) => { if (t.kind === 'word' && t.stem.length > 2 && !t.lower.endsWith('s') && tellsOf(t.stem, table, other.columns)) put('deed', i, i + 1, table, 0); });
  }
}

/** The columns that tie each row of this table to several of another; null where there are none, or it is not clear which. */
function manyTie({ head }: Pick<Context, 'head'>, table: string): Tie | null {
  const other = head.others?.get(table);
  const own = (name: string): boolean => { const g = head.glances?.get(name); return g?.values != null && g.values.every(([v, n]) => n === 1 || v === ''); };
  const several = (t: Tie): boolean => own(t.own) && !uniqueThere(t.there, table, { head });
  return other ? clearest(tiesOf(head, other).filter(several)) ?? clearest(tiesBySpelling(head, other).filter(several)) : null;
}

/** A figure over the rows of another table that belong to each row of this one. */
export function tallyOf(fn: LookupFn, table: string, value: string | null, x: Pick<Context, 'head'>): Expression | null {
  const tie = manyTie(x, table);
  return tie && lookupBy(tie, table, fn, value);
}

const there = (table: string, x: Context): Context => { const head = x.head.others!.get(table)!; return { ...x, head, vocabulary: vocabularyOf(head) }; };
/** What the rows of another table come to. */
const moneyThere = (table: string, x: Context): Expression | null => tallyOf('sum', table, takingsColumn(there(table, x)), x);
/** The same, or the one amount that each row has there. */
export const moneyOf = (table: string, x: Context): Expression | null => { const m = moneyThere(table, x); if (m) return orNothing(m); const c = moneyColumn(there(table, x)); return c === null ? null : soleValue(x, { table, column: c }); };
/** The first or last day that rows of another table are dated by. */
const dayThere = (fn: 'lowest' | 'highest', table: string, x: Context): Expression | null => tallyOf(fn, table, rowDate(there(table, x)) ?? endsOf(there(table, x))?.[0] ?? null, x);
const figureOf = (fn: LookupFn, c: OtherColumn, x: Context): Expression | null => { const other = x.head.others!.get(c.table)!; return readsAsNumber(other, c.column) || ((fn === 'lowest' || fn === 'highest') && readsAsDate(other, c.column)) ? tallyOf(fn, c.table, c.column, x) : null; };

/** Where there are no such rows there is nothing. */
export const orNothing = (e: Expression): Expression => (e.kind === 'lookup' && (e.fn === 'count' || e.fn === 'sum') ? { kind: 'orElse', of: e, otherwise: number(0) } : e);

/** The table a figure is of. */
const tableOf = (e: Expression): string | null => (e.kind === 'lookup' ? e.table : e.kind === 'orElse' ? tableOf(e.of) : null);
const counted = (operator: Comparison, n: number, table: string, x: Context): Condition | null => { const e = tallyOf('count', table, null, x); return e && compare(operator, orNothing(e), number(n)); };
const some = (table: string, x: Context): Condition | null => { const tie = manyTie(x, table); return tie ? listedBy(tie, table) : listedOf(x, undefined, table); };
const none = (table: string, x: Context): Condition | null => { const c = some(table, x); return c && not(c); };

/** The only table of several rows for each of this one's that has a column of money. */
function earningTable(x: Context): string | null {
  const found = [...(x.head.others?.keys() ?? [])].filter((t) => moneyThere(t, x) !== null);
  return found.length === 1 ? found[0]! : null;
}

/** How many pieces the rows of the only such table count. */
function piecesThere(x: Context): Expression | null {
  const found = [...(x.head.others ?? [])].flatMap(([table, other]) => { const c = other.columns.filter((o) => /\b(?:qty|quantity|pieces|pcs|units|amount)\b/i.test(o.name) && readsAsNumber(other, o.name)); const e = c.length === 1 ? tallyOf('sum', table, c[0]!.name, x) : null; return e ? [e] : []; });
  return found.length === 1 ? found[0]! : null;
}

/** What a row comes to, less what was paid of it in another table. */
function stillOpen(x: Context): Expression | null {
  const paying = [...(x.head.others ?? [])].filter(([t, o]) => tellsOf('pay', t, o.columns) && moneyThere(t, x) !== null), own = moneyColumn(x);
  return paying.length === 1 && own !== null ? op('-', column(own), orNothing(moneyThere(paying[0]![0], x)!)) : null;
}

const LAST = [['last|latest|newest', 'highest'], ['most recent', 'highest'], ['first|earliest|oldest', 'lowest']] as const;
const ROW = '~each|the|a|an|it|they|this? $rows|$noun|$col|$guess?';

/** One of those that this table tells of. */
const SOMEBODY = 'each|every|the|a|an|one|everybody|everyone|they|it|it of|one? them|one|person|member|people|staff|$rows|$noun|$col|$guess? member|person?';

export const manyRules = [
  rule('many', '$theTable:t', ({ t }, x: Context) => (manyTie(x, t) ? t : null), 0.05),
  // 'Films that were screened without having been submitted', of screenings
  rule('cond', '~without having|ever|being been? ^$deed:t', ({ t }, x: Context) => notListed(t, x), 0),
  rule('cond', '~be? $ownDeed but|and|yet|although? ^$cond:c', ({ c }) => c, 0.05),
  rule('deeds', '$deed:t', ({ t }) => t, 0),
  rule('deeds', '$turnsUp:t', ({ t }) => t, 0),
  rule('tallies', '$tally:a', ({ a }) => [a], 0),
  rule('tallies', '$tally:a ~list ~add? the? $tallies:r', ({ a, r }) => [a, ...r], 0),
  rule('tallies', '$tally:a ~each $rows|$noun|$col|$guess ~list the? $tallies:r', ({ a, r }) => [a, ...r], 0),
  // How many
  rule('tally', '~countWord of? the|its|their? $many:t', ({ t }, x: Context) => tallyOf('count', t, null, x), 0.05),
  // '... in payments': the table it is taken from
  rule('tally', '$tally:e in|from|of|on|out|according of|to? ^$theTable:t', ({ e, t }) => (tableOf(e) === t ? e : null), 0),
  rule('tally', `how many ^$many:t did|do|does|has|have|had|was|were ${ROW} make|made|get|got|have|had|receive|received|cause|caused|need|needed|bring|brought|place|placed|send|sent|there ~inTotal?`, ({ t }, x: Context) => tallyOf('count', t, null, x), 0),
  rule('tally', `~countWord of? $tcol|$table|$word|$noun|$guess ${ROW} ~have|~did|~be? been? ^$deed:t`, ({ t }, x: Context) => tallyOf('count', t, null, x), 0.1),
  rule('tally', `how often ~did|~be|~have? ${ROW} ~be|~have|got? been? ^$deeds:t`, ({ t }, x: Context) => tallyOf('count', t, null, x), 0),
  rule('tally', `~countWord of? times ~did|~be|~have? ${ROW} ~be|~have|got? been? ^$deeds:t`, ({ t }, x: Context) => tallyOf('count', t, null, x), 0),
  rule('tally', 'how many ^$many:t ~did|~be|~have|ran|run|went|go|came|come|happened|belong|belongs|refer|are there? on|for|of|with|from|in|by|to? the? ~each $rows|$noun|$col|$guess', ({ t }, x: Context) => tallyOf('count', t, null, x), 0),
  rule('tally', `how often ~did|~be|~have? ${SOMEBODY} ~did|~be|~have|$word? up? in|on|among? ^$many:t`, ({ t }, x: Context) => tallyOf('count', t, null, x), 0.1),
  rule('tally', `~countWord of? the? ^$many:t $word|$tcol|$noun? ${SOMEBODY} made|make|has|have|had|placed|sent|booked|caused|got`, ({ t }, x: Context) => tallyOf('count', t, null, x), 0),
  rule('tally', `~countWord of? the? ^$many:t of|for|from|by ${SOMEBODY}`, ({ t }, x: Context) => tallyOf('count', t, null, x), 0),
  rule('tally', `~countWord of? $word|$tcol|$noun ~did|~have|~be? ${SOMEBODY} ~did|~have|~be|made|$word? in|from|according to? ^$many:t`, ({ t }, x: Context) => tallyOf('count', t, null, x), 0),
  // How much
  rule('tally', `how? much|what ~did|~have|~be? ${SOMEBODY} ~did|~have? $word in|from|on|according to|in? ^$many:t ~inTotal?`, ({ t }, x: Context) => moneyThere(t, x), 0),
  rule('tally', `~figureTotal $word|$tcol? ~each|of|for|by ${SOMEBODY}? in|from|according to? ^$many:t`, ({ t }, x: Context) => moneyThere(t, x), 0.1),
  rule('tally', `sum|add|total|count up? $theirWhose? $tcol:c in|from|on|of ^$many:t`, ({ c, t }, x: Context) => (c.table === t ? figureOf('sum', c, x) : null), 0),
  rule('tally', `sum|add|total|count up the|all? $tcol:c ~each|by the|its? $rows|$noun|$col|$guess in|from|on|of ^$many:t`, ({ c, t }, x: Context) => (c.table === t ? figureOf('sum', c, x) : null), 0.3),
  rule('tally', `sum|add the|all? $tcol:c ~each|by the|its? $rows|$noun|$col|$guess in|from|on|of ^$many:t`, ({ c, t }, x: Context) => (c.table === t ? figureOf('sum', c, x) : null), 0.3),
  rule('tally', `sum|add|total|count up the|all? ^$many:t ~each|by|of|for ~each? $rows|$noun|$col|$guess`, ({ t }, x: Context) => moneyThere(t, x), 0),
  rule('theirWhose', "everybody's|everyone's|their|each|every|all one's|$rows|$noun|$guess?", () => true, 0),
  rule('tally', '~figureTotal|~inTotal of? the|all? ^$many:t', ({ t }, x: Context) => moneyThere(t, x), 0.2),
  rule('tally', 'all|every|the ^$theirs:c $word on|for|of|from|in|with|by it|them|each', ({ c }, x: Context) => figureOf('sum', c, x), 0.2),
  rule('tally', '~figureTotal of? the|all? ^$theirs:c $word on|for|of|from|in|with|by the? ~each $rows|$noun|$col|$guess', ({ c }, x: Context) => figureOf('sum', c, x), 0),
  rule('tally', '^$theirs:c ~each $rows|$noun|$table|$col|$guess got|get|gets|had|has|made|earned|brought|took|used|received|sold|$deed', ({ c }, x: Context) => figureOf('sum', c, x), 0.2),
  rule('tally', '~average ^$tcol:c of|over|from|in|for ~each? the|its|their|all? $rows|$noun|$table|$col|$guess? ^$many:t', ({ c, t }, x: Context) => (c.table === t ? figureOf('mean', c, x) : null), 0),
  rule('tally', `how much money|of? ~did|~be|~have|we|they? been? ${ROW} ~be|~have? been? ^$deed:t on|for|by|to|in|from|against? it|them? so? far? ~inTotal?`, ({ t }, x: Context) => moneyThere(t, x), 0),
  rule('tally', `what ~be|~have|we|they? been? ${ROW} ~be|~have? been? ^$deed:t on|for|by|to|in|from|against? it|them? so? far? ~inTotal?`, ({ t }, x: Context) => moneyThere(t, x), 0.1),
  rule('tally', '~figureTotal|~inTotal amount? ^$deed:t', ({ t }, x: Context) => moneyThere(t, x), 0.1),
  rule('tally', 'the? ^$deed:t amount|sum|total|money', ({ t }, x: Context) => moneyThere(t, x), 0.1),
  rule('tally', 'amount|sum|total|money that? we|they|was|were|has|have? been? ^$deed:t so? far?', ({ t }, x: Context) => moneyThere(t, x), 0.1),
  rule('tally', `how? much|what money? ~did? ${ROW} ~did|~have? earn|earned|make|made|bring|brought|yield|yielded|take|took|fetch|fetched in? so? far? ~inTotal?`, (_s, x: Context) => { const t = earningTable(x); return t === null ? null : moneyThere(t, x); }, 0.2),
  rule('tally', '~figureTotal of? all? the|its|their? ^$theirs:c', ({ c }, x: Context) => figureOf('sum', c, x), 0),
  rule('tally', 'the|its|their? ^$theirs:c ~inTotal', ({ c }, x: Context) => figureOf('sum', c, x), 0),
  rule('tally', 'the? $tcol:c of|from|in all of? its|their|the? ^$many:t together|combined|summed|added|altogether? up?', ({ c, t }, x: Context) => (c.table === t ? figureOf('sum', c, x) : null), 0),
  rule('tally', 'all the|its|their ^$theirs:c together|combined|summed|added up?', ({ c }, x: Context) => figureOf('sum', c, x), 0),
  rule('tally', '~figureTotal of? the|all? ^$theirs:c ~each $rows|$noun|$col|$guess ^$word:w', ({ c, w }, x: Context) => (unitName(w) === null ? figureOf('sum', c, x) : null), 0),
  rule('tally', '~average of? the|its|their? ^$theirs:c', ({ c }, x: Context) => figureOf('mean', c, x), 0.05),
  rule('tally', 'everything|all|whatever|what that|which? ~be? ^$theirs:c', ({ c }, x: Context) => figureOf('sum', c, x), 0.1),
  rule('tally', '~highest of? the|its|their? ^$theirs:c', ({ c }, x: Context) => figureOf('highest', c, x), 0.1),
  rule('tally', '~lowest of? the|its|their? ^$theirs:c', ({ c }, x: Context) => figureOf('lowest', c, x), 0.1),
  // 'How many pieces of each were used': of the column that counts them
  rule('tally', `~countWord pieces|units|items|piece (of|in|from ~each|the $rows|$noun|$table|$col|$guess)? ~be|~have|~did? been? used|sold|needed|taken|bought|ordered|delivered|$deed so? far? ~inTotal?`, (_s, x: Context) => piecesThere(x), 0.05),
  rule('tally', 'the? pieces|units|items used|sold|needed|taken|bought|ordered|delivered|$deed', (_s, x: Context) => piecesThere(x), 0.05),
  // 'Pieces sold per article', 'stock less pieces sold'
  rule('tally', '^$theirs:c $deed:t ~each $rows|$noun|$table|$col|$guess', ({ c, t }, x: Context) => (c.table === t ? figureOf('sum', c, x) : null), 0),
  rule('tally', '^$theirs:c $deed:t', ({ c, t }, x: Context) => (c.table === t ? figureOf('sum', c, x) : null), 0.3),
  rule('tally', `how many|much ^$theirs:c ~did|~be|~have ~each|the $rows|$noun|$table|$col|$guess $word|$deed in? ~inTotal?`, ({ c }, x: Context) => figureOf('sum', c, x), 0),
  // The first and the last
  ...LAST.flatMap(([words, fn]) => [
    rule('tally', `date|day|time of the|its|their|each? ${words} $many:t`, ({ t }, x: Context) => dayThere(fn, t, x), 0),
    rule('tally', `the|its|their? ${words} $many:t ~each $rows|$noun|$col|$guess ,? as a? date`, ({ t }, x: Context) => dayThere(fn, t, x), 0),
    rule('tally', `when|=date|=day ~did|~be|~have? ${ROW} ~be|~have? ${words} been? ^$tcol:c`, ({ c }, x: Context) => figureOf(fn, c, x), 0.05),
    rule('tally', `the|its|their? ${words} $many:t date|day`, ({ t }, x: Context) => dayThere(fn, t, x), 0),
    rule('tally', `when|=date|=day ~did|~be|~have? ${ROW} ~did|~be|~have|had? the|its|their? ${words} been? ^$deed:t for|on|to|by|at?`, ({ t }, x: Context) => dayThere(fn, t, x), 0),
    rule('tally', `when ~did|~be|~have? ${ROW} ~did|~be|~have|had? the|its|their? ${words} $many:t (was|is|were|happened|came|took place)?`, ({ t }, x: Context) => dayThere(fn, t, x), 0),
    rule('tally', `when did|do|does|has|have|was|were|is|are ${ROW} ${words} ~be? $deeds:t in|up|out|off|there|here?`, ({ t }, x: Context) => dayThere(fn, t, x), 0),
    rule('tally', `when ~did|~be|~have? ${ROW} ~be|~have? been? ^$deed:t for the ${words} time`, ({ t }, x: Context) => dayThere(fn, t, x), 0),
    rule('tally', `the? ${words} time|=date|=day ${ROW} ~be|~did|~have|went|got? been? ^$deed:t`, ({ t }, x: Context) => dayThere(fn, t, x), 0),
    rule('tally', `the? ${words} time|=date|=day ${ROW} ~be|~did|~have|went|came|got? ^$tcol:c`, ({ c }, x: Context) => figureOf(fn, c, x), 0),
  ]).flat(),
  // 'How much of the allowance is left': less what the rows of the only such table come to
  rule('ex0', 'how much|many? of|from? the|its|their? ^$col:a ~be? left|remaining|unused|unspent|still|over (available|free)?', ({ a }, x: Context) => { const t = earningTable(x), m = t === null ? null : moneyThere(t, x); return m && readsAsNumber(x.head, a) ? op('-', column(a), orNothing(m)) : null; }, 0.1),
  rule('ex0', 'the? remaining|unused|unspent|open ^$col:a', ({ a }, x: Context) => { const t = earningTable(x), m = t === null ? null : moneyThere(t, x); return m && readsAsNumber(x.head, a) ? op('-', column(a), orNothing(m)) : null; }, 0.2),
  ...([['~more', '>'], ['~less', '<']] as const).map(([words, operator]) => rule('cond', `~be? ${words} the|its|their? ^$col:a`, ({ a }, x: Context) => { const t = /\b(?:allowance|limit|budget|target|quota|maximum|max|cap|credit)\b/i.test(a) ? earningTable(x) : null, m = t === null ? null : moneyThere(t, x); return m && readsAsNumber(x.head, a) ? compare(operator, orNothing(m), column(a)) : null; }, 0.1)).flat(),
  rule('ex0', '$tally:e', ({ e }) => orNothing(e), 0.75),
  // 'Seats minus enrolments': their number
  rule('ex2', '$ex2:a minus|less|without|- the|its|their|all? ^$many:t', ({ a, t }, x: Context) => { const e = tallyOf('count', t, null, x); return e && a.kind !== 'number' ? op('-', a, orNothing(e)) : null; }, 0.3),
  rule('cond', '~be? there|it|they? ~be|has|have? as|at many|least as? many? ^$many:t as|than the|its|their|free? $ex1:b', ({ t, b }, x: Context) => { const e = tallyOf('count', t, null, x); return e && b.kind !== 'number' ? compare('>=', orNothing(e), b) : null; }, 0.1),
  ...([['more', '>'], ['fewer', '<']] as const).map(([word, o]) => rule('cond', `~be? there|it|they? ~be|has|have? ${word} ^$many:t than the|its|their|free? $ex1:b`, ({ t, b }, x: Context) => { const e = tallyOf('count', t, null, x); return e && b.kind !== 'number' ? compare(o, orNothing(e), b) : null; }, 0.1)).flat(),
  rule('tally', `everything|all|whatever|what|money that|which? ~be|~have? been? $tcol:c ~each|of|for|by|on? ${SOMEBODY}? in|from|according|of to? ^$many:t`, ({ c, t }, x: Context) => (c.table === t ? figureOf('sum', c, x) : null), -0.2),
  rule('tally', 'what|how much|amount|sum|total? ~be|that|which? still|yet? open|left|due|owed|owing|outstanding|unpaid|missing|payable (to (be paid|come))?', (_s, x: Context) => stillOpen(x), 0),
  rule('tally', 'what|how much|amount|sum|total? ~be|that|which? still|yet? to come|follow', (_s, x: Context) => stillOpen(x), 0),

  // Rows that have none, or several
  rule('cond', 'has|have|had|did nobody|noone|none ever? ^$deeds:t for|on|to|by|at|in|into|up? for|in? yet|ever?', ({ t }, x: Context) => none(t, x), -0.1),
  rule('cond', '~be|~have? never ever? been? ^$deeds:t in|into|up|for|on? (by (anyone|anybody))?', ({ t }, x: Context) => none(t, x), -0.1),
  rule('cond', "nobody|noone|none (has|have|had)? ever? ^$deeds:t for|on|to|by|at|in|into|up? for|in? yet|ever? it|them?", ({ t }, x: Context) => none(t, x), -0.1),
  rule('cond', 'no one (has|have|had)? ever? ^$deeds:t for|on|to|by|at? yet|ever? it|them?', ({ t }, x: Context) => none(t, x), -0.1),
  rule('cond', "didn't|don't|doesn't ever? ^$deed:t at? all?", ({ t }, x: Context) => none(t, x), 0.1),
  rule('cond', "hasn't|haven't|hadn't|wasn't|weren't|isn't|aren't been? ^$deeds:t at|yet|so? all|far? yet?", ({ t }, x: Context) => none(t, x), 0.2),
  rule('cond', '~be|~have not been? ^$deeds:t at|yet|so? all|far? yet?', ({ t }, x: Context) => none(t, x), 0.2),
  rule('cond', '~be|~have been? ^$deeds:t at least once', ({ t }, x: Context) => some(t, x), 0),
  rule('cond', '~be|~have|got? been? ^$deeds:t $severalTimes:n', ({ t, n }, x: Context) => counted('>', n, t, x), 0),
  rule('cond', '~be|~have|got? been? ^$deeds:t ~least once|1', ({ t }, x: Context) => some(t, x), 0),
  rule('cond', '~be|~have|got? been? ^$deeds:t ~least twice|2', ({ t }, x: Context) => counted('>=', 2, t, x), 0),
  rule('cond', '~be|~have|got? been? ^$deeds:t once|1', ({ t }, x: Context) => counted('=', 1, t, x), 0.1),
  // 'Paid a different total than was billed'
  rule('cond', '$held:a a|an different|another|other|wrong total|amount|sum|figure than|from was|were|is ^$theirs:c', ({ a, c }, x: Context) => { const m = figureOf('sum', c, x); return m && compare('<>', a, orNothing(m)); }, 0),
  rule('cond', '$many:t adds|add|sums|sum|comes|come|amounts|amount up? to $held:e', ({ t, e }, x: Context) => { const m = moneyThere(t, x); return m && compare('=', orNothing(m), e); }, 0),
  rule('cond', '~be|~have|got? been? ^$deeds:t twice', ({ t }, x: Context) => counted('=', 2, t, x), 0.1),
  ...SIZES.map(([words, operator]) => rule('cond', `~withA|with|having|~have? ${words} $num:n ^$many:t`, ({ n, t }, x: Context) => counted(operator, n, t, x), 0)).flat(),
  rule('cond', '~withA|with|having|~have several|multiple|many ^$many:t', ({ t }, x: Context) => counted('>', 1, t, x), 0),
].flat();
