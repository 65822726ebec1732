import { readsAsNumber, standsThere } from '../../formula/check';
import { any, column, number, op, walk, type Comparison, type Condition, type Expression } from '../../formula/expression';
import type { Context } from '../acts';
import { keyOf, rule, type Rule } from '../chart';
import { compare } from './conditions/make';
import { moneyColumn } from './roles';
import { moneyOf, orNothing } from './many';
import { lookupOf, type OtherColumn } from './others';
import { comesTo } from './their-amounts';
import { mostlySole, soleValue } from './theirs';

/* Two values of a row held against each other, at least one of them from another table, and what is said of them then. */

/** Two values that are compared. */
export interface Pair {
  readonly left: Expression;
  readonly right: Expression;
}

/** Is a value what another table says? */
export const isTheirs = (e: Expression): boolean => theirsIn(e).length > 0;
/** Does a value read as a number, a column's or one of another table? Null where that is not told. */
function isAmount(e: Expression, { head }: Context): boolean | null {
  if (e.kind === 'column') return readsAsNumber(head, e.name);
  const there = e.kind === 'lookup' ? standsThere(e, head) : null;
  return there && readsAsNumber(there.head, there.column);
}

/** Two values that can be held against each other, one of them from another table: no number against a text. */
export const pairOf = (left: Expression, right: Expression, x: Context): Pair | null => {
  const [a, b] = [isAmount(left, x), isAmount(right, x)];
  return keyOf(left) !== keyOf(right) && (isTheirs(left) || isTheirs(right)) && (a === null || b === null || a === b) ? { left, right } : null;
};

/** What holds between two values: as they stand, by so much apart, of the one that was paid, of the one said first; or one is not there. */
export type Test =
  | { readonly kind: 'stand' | 'paid' | 'first'; readonly op: Comparison }
  | { readonly kind: 'apart'; readonly op: Comparison; readonly n: number }
  | { readonly kind: 'absent' | 'nothing' };

const PAID = /paid|payment|receipt|received|remit|settle/i;
const saysPaid = (e: Expression): boolean => PAID.test(JSON.stringify(e));
const isNumber = (e: Expression, x: Context): boolean => e.kind !== 'column' || readsAsNumber(x.head, e.name);

/** A test as a condition on two values; null where it cannot be said of them. */
export function tested(test: Test, { left, right }: Pair, x: Context): Condition | null {
  switch (test.kind) {
    case 'stand':
      return compare(test.op, left, right);
    case 'apart':
      return isNumber(left, x) && isNumber(right, x) ? compare(test.op, { kind: 'maths', fn: 'absolute value', of: op('-', left, right) }, number(test.n)) : null;
    case 'paid':
    {
      // Where neither is called so, what came in is what the other table tells.
      const [of, to] = [left, right].map(saysPaid), ours = of === to ? [left, right].map((e) => !isTheirs(e)) : [!of, !to];
      return ours[0] === ours[1] ? null : ours[1] ? compare(test.op, left, right) : compare(test.op, right, left);
    }
    // Where the second is what was paid, 'under' may be said of either.
    case 'first':
      return saysPaid(right) && !saysPaid(left) ? null : compare(test.op, left, right);
    case 'nothing': {
      // 'Nothing was remitted', where the other table tells what was
      const paid = [right, left].find(saysPaid);
      if (paid !== undefined && isTheirs(paid)) return { kind: 'empty', of: paid.kind === 'orElse' ? paid.of : paid };
      const own = [left, right].find((e) => !isTheirs(e));
      return own ? any([{ kind: 'empty', of: own }, compare('=', own, number(0))]) : null;
    }
    case 'absent': {
      const e = [right, left].find(isTheirs);
      return e === undefined ? any([left, right].map((of): Condition => ({ kind: 'empty', of }))) : { kind: 'empty', of: e.kind === 'orElse' ? e.of : e };
    }
  }
}

const EQUAL: Test = { kind: 'stand', op: '=' }, OTHER: Test = { kind: 'stand', op: '<>' }, LESS: Test = { kind: 'first', op: '<' }, MORE: Test = { kind: 'first', op: '>' }, ABSENT: Test = { kind: 'absent' };
const apart = (operator: Comparison, n: number): Test => ({ kind: 'apart', op: operator, n });

/** What labels mean that are given without a condition. */
const MEANT: readonly (readonly [string, Test])[] = [
  ['ok|okay|equal|same|match|matches|matched|matching|right|correct|agrees|agreed|fine|full|settled|paid|identical', EQUAL],
  ['off|different|differs|wrong|mismatch|unequal|deviates|incorrect|bad', OTHER],
  ['under|less|short|below|lower|cheaper', { kind: 'first', op: '<' }],
  ['part|partly|partial|underpaid', { kind: 'paid', op: '<' }],
  ['over|more|above|higher|dearer', { kind: 'first', op: '>' }],
  ['overpaid', { kind: 'paid', op: '>' }],
  ['missing|none|unknown|unmatched|nothing|absent|unpaid', ABSENT],
];

/** Two values, and what holds between them. */
interface HeldSo { readonly pair: Pair; readonly test: Test }
const heldSo = (a: Expression, b: Expression, test: Test, x: Context): HeldSo | null => { const pair = pairOf(a, b, x); return pair && { pair, test }; };

/** A label, and what it stands for; null where it is for the rest. */
export interface Outcome { readonly label: string; readonly test: Test | null }

const THEY = "they|they're|it|it's|its|the|both|these|those|that|them? two|both|amounts|numbers|figures|values|dates? ~be|do|does?";
const MONEY = 'euros|euro|eur|pounds|pound|dollars|dollar|cents|cent|francs|€|£|\\$|$unit?';

export const pairRules: readonly Rule[] = [
  rule('held', '$col:c here? (in|of this|our table|list|sheet)?', ({ c }) => column(c), 0),
  rule('held', 'it|this|that', (_s, x: Context) => { const c = moneyColumn(x); return c === null ? null : column(c); }, 0.4),
  rule('held', '$theirs:c', ({ c }, x: Context) => soleValue(x, comesTo(c, x)) ?? mostlySole(x, comesTo(c, x)), 0),
  rule('held', '$tally:e', ({ e }) => orNothing(e), 0.05),
  // 'Rent and payment': what the rows of a table come to
  rule('held', 'the|its|their|all? $theTable:t', ({ t }, x: Context) => moneyOf(t, x), 0.5),
  // 'The amount in remittances, by lot ref', 'lot against lot ref'
  rule('held', '$theirs:c for|of that|this|the|each|every|its ^$tcol:k', ({ c, k }, x: Context) => (k.table === c.table && k.column !== c.column ? soleValue(x, comesTo(c, x)) ?? mostlySole(x, comesTo(c, x)) : null), -0.05),
  rule('held', '$theirs:c ,? ~open? by|via|on|under|matched|through by|on|through? the|its|their? ^$tcol:k ~close?', ({ c, k }, x: Context) => keyed(c, undefined, k, x), -0.05),
  rule('held', '$theirs:c ,? ~open? by|via|on|matched|through? the|its|our? ^$col:a ~be|=|equals|against|to|with|and|for|of the|its|their? ^$tcol:k (there|of it)? ~close?', ({ c, a, k }, x: Context) => keyed(c, a, k, x), -0.1),
  rule('held', '$remark|$word|$col ~open $held:e ~close', ({ e }) => (isTheirs(e) ? e : null), 0.1),
  rule('held', 'what $word? ~be|~have? been? $word ~open $held:e ~close', ({ e }) => (isTheirs(e) ? e : null), 0.1),
  rule('held', '$held:e (of|for|in)? ~each|that|the|its|their|a|an $rows|$noun|$col', ({ e }) => e, 0.05),
  rule('holding', 'compare|comparing|compares|check|checking|hold|holding|put|set|measure|match|matching|reconcile|reconciling|look the|our? $held:a (of ~each $rows|$noun)? with|against|to|and|beside|versus|vs the|its|their? $held:b', ({ a, b }, x: Context) => pairOf(a, b, x), 0),
  // 'For each household add up what was billed in readings and hold it against Q1 Paid'
  rule('holding', "(for ~each $rows|$noun|$col|$guess ,?)? (add|sum|total|count|work|take (up|out)?)? the|all? $tally:b (~each|by|of|for $rows|$noun|$col|$guess)? ,|;|.? and|then compare|check|hold|put|set|measure|match|reconcile it|that|this|them|these|those|the? (total|sum|result|figure)? with|against|to|beside the|our|its|their? $held:a", ({ a, b }, x: Context) => pairOf(a, orNothing(b), x), -0.2),
  // 'Check net against gross minus tare': two values of one row
  rule('ownHeld', '$col:c', ({ c }) => column(c), 0.02),
  rule('ownHeld', '$ex2:e', ({ e }) => (e.kind === 'number' || e.kind === 'column' ? null : e), 0.05),
  rule('holding', '$holding:p ~open|,? by|via|on|matching? the? $tcol:k =|to|with|and|against|is the|our? $col:a ~close?', ({ p, k, a }, x: Context) => (tiedBy(p, a, k) ? p : rekeyed(p, a, k, x)), -0.1),
  rule('holding', '$holding:p ~open|,? by|via|on|matching? the|our? $col:a =|to|with|and|against|is the? $tcol:k ~close?', ({ p, k, a }, x: Context) => (tiedBy(p, a, k) ? p : rekeyed(p, a, k, x)), -0.1),
  rule('ownHolding', 'compare|check|hold|set|measure|match|reconcile :|,? the|our? $ownHeld:a (of ~each $rows|$noun)? with|against|to|beside|versus|vs the|its|their? $ownHeld:b', ({ a, b }): Pair | null => (keyOf(a) === keyOf(b) || isTheirs(a) || isTheirs(b) ? null : { left: a, right: b }), 0),
  rule('holding', '~be|does|do|did|whether|if? the|our? $held:a ~be? equal|equals|matches|agrees|same|match|agree|identical|as|correspond|correct? as|to|with|like|and|from? the|its|their? $held:b', ({ a, b }, x: Context) => pairOf(a, b, x), 0.05),

  rule('pairTest', `${THEY} equal|same|match|matches|agree|agrees|identical|alike|right|correct|ok|fit|fits`, () => EQUAL, 0),
  rule('pairTest', `${THEY} the same`, () => EQUAL, 0),
  rule('pairTest', `${THEY} ~not the? equal|same|match|agree|identical|alike|right|correct`, () => OTHER, 0),
  rule('pairTest', `${THEY} differ|differs|different|disagree|disagrees|off|unequal|wrong|deviate|deviates at? all?`, () => OTHER, 0),
  rule('pairTest', '(paid|have|has|had|show|shows|got|get|give|gives|come|comes|to)? a|an? different|another|other|unequal|wrong total|amount|sum|figure|value|number|result', () => OTHER, 0),
  rule('pairTest', "differ|differs|deviate|deviates|disagree|disagrees", () => OTHER, 0.05),
  rule('pairTest', "(do|does|did)? not|don't|doesn't|didn't agree|match|fit|tally|add up?", () => OTHER, 0),
  rule('pairTest', "they don't|dont|do|did not? match|agree|fit", () => OTHER, 0),
  rule('pairTest', `${THEY} ~less|less|lower|short|below|smaller`, () => LESS, 0.1),
  rule('pairTest', `${THEY} too low|little`, () => LESS, 0.1),
  rule('pairTest', `${THEY} ~more|more|higher|above|larger`, () => MORE, 0.1),
  rule('pairTest', `${THEY} too high|much`, () => MORE, 0.1),
  rule('pairTest', `${THEY} less|smaller|lower|short ~be|~have? been? paid|received|settled|remitted|came|comes|come|arrived in?`, () => ({ kind: 'paid', op: '<' }), 0),
  rule('pairTest', `${THEY} more|larger|higher ~be|~have? been? paid|received|settled|remitted|came|comes|come|arrived in?`, () => ({ kind: 'paid', op: '>' }), 0),
  rule('pairTest', 'paid|received too little|less', () => ({ kind: 'paid', op: '<' }), 0),
  rule('pairTest', 'paid|received too much|more', () => ({ kind: 'paid', op: '>' }), 0),
  rule('pairTest', `up to|until ^$num:n ${MONEY} (of)? difference|apart|off|away|deviation`, ({ n }) => apart('<=', n), 0),
  rule('pairTest', 'above|over|beyond|more than? that|this|it', () => OTHER, -0.4),
  rule('pairTest', `${THEY} within|inside $num:n ${MONEY} (of each other|of one another|of it|apart|difference)?`, ({ n }) => apart('<=', n), 0),
  rule('pairTest', `${THEY} within|inside a|one ${MONEY} (of each other|of one another|of it|apart|difference)?`, () => apart('<=', 1), 0),
  rule('pairTest', 'nothing|none|no (money|payment|amount|sum)? came|arrived|comes|arrives|exists in?', () => ABSENT, -0.1),
  rule('pairTest', "there's|theres no|none|nothing such? ^$theTable|$tcol|$col|$noun|$rows|$word? (for|of|to|against|with|there it|that|the|this? $rows|$noun|$col|$word?)?", () => ABSENT, 0),
  rule('pairTest', `${THEY} (differ|differs|deviate|are off by)? ~most|under $num:n ${MONEY} apart|away|off|difference?`, ({ n }) => apart('<=', n), 0),
  rule('pairTest', `${THEY} equal|same or (differ by)? ~most|within $num:n ${MONEY} apart|away|off|difference?`, ({ n }) => apart('<=', n), -0.1),
  rule('pairTest', `${THEY} (differ|differs|deviate|are off by)? by? ~more $num:n ${MONEY} apart|away|off|difference?`, ({ n }) => apart('>', n), 0),
  rule('pairTest', 'nothing|none ~be|~have been? $word yet?', () => ({ kind: 'nothing' }), 0),
  rule('pairTest', `${THEY} ~be? further|farther|more apart|away|off (than that|than this)?`, () => OTHER, 0),
  // Of what was said before: the rest of it
  rule('pairTest', `${THEY} differ|differs|deviate|off|apart by? more|further (than that|than this)?`, () => OTHER, 0),
  rule('pairTest', "there|we|they ~be|have? no|none|nothing such? ^$theTable|$tcol|$col|$noun|$rows|$word? (for|of|to|against|with|there it|that|the|this? $rows|$noun|$col|$word?)?", () => ABSENT, 0),
  rule('pairTest', 'no|without a|an|any|such? ^$theTable|$tcol|$col|$noun', () => ABSENT, 0.1),
  rule('pairTest', "the|a|its|their? $theTable|$tcol|$rows|$noun|$word|it|one doesn't|isn't|can't|cannot exist|there|be|known|listed|found|in|here found|there|the? $theTable|table|list?", () => ABSENT, 0.1),
  rule('pairTest', 'the|a|its|their? $theTable|$tcol|$rows|$noun|$word|it|one does|is|can|could not exist|there|be|known|listed|found|in|here found|there|the? $theTable|table|list?', () => ABSENT, 0.1),
  rule('pairTest', '~be? missing|absent|unknown from|in? the? it|list|there|$theTable?', () => ABSENT, 0.1),
  rule('pairTest', '~be? not there|found|listed|known in? the? it|list|$theTable?', () => ABSENT, 0.1),

  // 'The payment is within a pound of the invoice'
  rule('heldSo', `the|our|its|their? $held:a ~be? within|inside $num:n ${MONEY} of|from the|its|their? $held:b`, ({ a, b, n }, x: Context): HeldSo | null => heldSo(a, b, apart('<=', n), x), 0),
  rule('heldSo', `the|our|its|their? $held:a ~be? within|inside a|one ${MONEY} of|from the|its|their? $held:b`, ({ a, b }, x: Context): HeldSo | null => heldSo(a, b, apart('<=', 1), x), 0),
  rule('heldSo', `the|our|its|their? $held:a and|, the|its|their? $held:b ~be? within|inside $num:n ${MONEY} (of each other|of one another|apart)?`, ({ a, b, n }, x: Context): HeldSo | null => heldSo(a, b, apart('<=', n), x), 0),
  rule('heldSo', `the|our|its|their? $held:a and|, the|its|their? $held:b (differ|differs|deviate|are|lie|is)? (by)? ~most $num:n ${MONEY} apart|away|off|difference?`, ({ a, b, n }, x: Context): HeldSo | null => heldSo(a, b, apart('<=', n), x), 0),
  rule('heldSo', `the|our|its|their? $held:a ~be? ~most $num:n ${MONEY} away|off|apart from the|its|their? $held:b`, ({ a, b, n }, x: Context): HeldSo | null => heldSo(a, b, apart('<=', n), x), 0),
  rule('heldSo', `the|our|its|their? $held:a ~be? ~less the|its|their? $held:b`, ({ a, b }, x: Context): HeldSo | null => heldSo(a, b, LESS, x), 0),
  rule('heldSo', `the|our|its|their? $held:a ~be? ~more the|its|their? $held:b`, ({ a, b }, x: Context): HeldSo | null => heldSo(a, b, MORE, x), 0),
  rule('outcomeLabel', '$text:t', ({ t }) => t, 0),
  rule('outcomeLabel', '$setPhrase:t', ({ t }) => t, 0.05),
  rule('outcomeLabel', '^$word:w', ({ w }) => w.toLowerCase(), 0),
  rule('outcome', '$outcomeLabel:l ~if|where|for|:|= $pairTest:t', ({ l, t }): Outcome => ({ label: l, test: t }), 0),
  rule('outcome', '$outcomeLabel:l ^$pairTest:t', ({ l, t }): Outcome => ({ label: l, test: t }), 0.4),
  rule('outcome', '~if $pairTest:t ,|then|: (say|write|put|mark|it|is|as)? $outcomeLabel:l', ({ l, t }): Outcome => ({ label: l, test: t }), 0.1),
  rule('outcome', '$outcomeLabel:l without a|an|any? ^$theTable|$tcol|$col|$noun at? all?', ({ l }): Outcome => ({ label: l, test: ABSENT }), 0.1),
  rule('outcome', '$outcomeLabel:l with no ^$theTable|$tcol|$col|$noun at? all?', ({ l }): Outcome => ({ label: l, test: ABSENT }), 0.1),
  rule('outcome', '$outcomeLabel:l ~otherwise|~forOthers', ({ l }): Outcome => ({ label: l, test: null }), 0.05),
  rule('outcome', '~otherwise $outcomeLabel:l', ({ l }): Outcome => ({ label: l, test: null }), 0.05),
  rule('outcome', '$outcomeLabel:l ~if not', ({ l }): Outcome => ({ label: l, test: null }), 0),
  rule('outcomes', '$outcome:a', ({ a }) => [a], 0),
  rule('outcomes', '$outcome:a ,|;|and|or|. and|or? $outcomes:r', ({ a, r }) => [a, ...r], -0.2),
  // 'Say ok, under or over': what they mean is in the words
  rule('meanings', '$outcomeLabel:a', ({ a }) => { const m = meaning(a); return m && [m]; }, 0),
  rule('meanings', '$outcomeLabel:a ,|or|and|/ or|and? $meanings:r', ({ a, r }) => { const m = meaning(a); return m && [m, ...r]; }, 0),
  // 'Within 5 euros of what was paid'
  rule('cond', `$held:a ~be? within|inside $num:n ${MONEY} of|from the|its|their? $held:b`, ({ a, b, n }, x: Context) => { const pair = pairOf(a, b, x); return pair && tested(apart('<=', n), pair, x); }, 0),
  rule('cond', `$held:a ~be? ~more $num:n ${MONEY} away|off|apart from the|its|their? $held:b`, ({ a, b, n }, x: Context) => { const pair = pairOf(a, b, x); return pair && tested(apart('>', n), pair, x); }, 0),
  rule('cond', `$held:a (differs|differ|deviates) from the|its|their? $held:b by ~more $num:n ${MONEY}`, ({ a, b, n }, x: Context) => { const pair = pairOf(a, b, x); return pair && tested(apart('>', n), pair, x); }, 0),
  rule('cond', 'does|do|did the|our|its|their? $held:a not|never equal|match|agree|fit|correspond|meet with|to? the|our|its|their? $held:b', ({ a, b }, x: Context) => { const pair = pairOf(a, b, x); return pair && compare('<>', pair.left, pair.right); }, 0),
  rule('cond', "$held:a ~be? isn't|aren't|wasn't|weren't|doesn't|don't|not|~differs the? match|same|equal|from|as|to? the|its|their? $held:b", ({ a, b }, x: Context) => { const pair = pairOf(a, b, x); return pair && compare('<>', pair.left, pair.right); }, 0.1),
  // 'Paid a different total than was billed'
  rule('cond', '$held:a a|an different|another|other total|amount|sum|figure|value|number than|from|to (what|all|everything)? (that)? (was|were|is)? $held:b', ({ a, b }, x: Context) => { const pair = pairOf(a, b, x); return pair && compare('<>', pair.left, pair.right); }, 0),
  rule('cond', '$held:a and|, the|its|their? $held:b $pairTest:t', ({ a, b, t }, x: Context) => { const pair = pairOf(a, b, x); return pair && t.kind !== 'absent' && t.kind !== 'nothing' ? tested(t, pair, x) : null; }, 0.1),
].flat();

/** Are all values of the other table looked up by this pair of columns? */
const tiedBy = ({ left, right }: Pair, own: string, k: OtherColumn): boolean => [left, right].flatMap(theirsIn).every((e) => e.kind === 'lookup' && e.table === k.table && e.under === k.column && keyOf(e.of) === keyOf(column(own)));

/** The pair with values of the other table looked up by other columns; null where they are of another table. */
function rekeyed({ left, right }: Pair, own: string, k: OtherColumn, x: Context): Pair | null {
  const anew = (e: Expression): Expression | null => (e.kind === 'lookup' ? (e.table === k.table ? { ...e, under: k.column, of: column(own) } : null) : e.kind === 'orElse' ? ((of) => of && { ...e, of })(anew(e.of)) : isTheirs(e) ? null : e);
  const [a, b] = [anew(left), anew(right)];
  return a && b && pairOf(a, b, x);
}

/** What a label means that is given without a condition. */
function meaning(label: string): Outcome | null {
  const found = MEANT.find(([words]) => words.split('|').includes(label.toLowerCase()));
  return found ? { label, test: found[1] } : null;
}

/** The value of another table by the columns that were named. */
const keyed = (c: OtherColumn, own: string | undefined, k: OtherColumn, x: Context): Expression | null => (k.table === c.table && k.column !== c.column ? lookupOf(x, c, 'only', own, k.column) : null);

/** What each row is labelled: by the first outcome that holds; those that say 'otherwise' come last. */
export function judged(pair: Pair, said: readonly Outcome[], x: Context): Expression | null {
  // 'Short when less was paid, over when more': of the same side.
  const ofPaid = said.some((o) => o.test?.kind === 'paid');
  const outcomes = said.map((o): Outcome => (ofPaid && o.test?.kind === 'first' ? { ...o, test: { ...o.test, kind: 'paid' } } : o));
  const known = outcomes.map(({ label, test }) => ({ label, test, when: test && tested(test, pair, x) }));
  const others = known.filter((o) => o.test === null);
  if (known.some((o) => o.when === null && o.test !== null)) return null;
  if (others.length > 1 || known.length < 2 || new Set(outcomes.map((o) => o.label)).size < outcomes.length) return null;
  // What is not there is neither equal nor another.
  const cases = known.flatMap((o) => (o.when === null ? [] : [{ when: o.when, then: { kind: 'text', value: o.label } as Expression }])).sort((a, b) => Number(isGap(b.when)) - Number(isGap(a.when)));
  const gap: Condition[] = cases.some((c) => c.when.kind === 'empty') || [pair.left, pair.right].some((e) => e.kind === 'orElse') ? [] : [tested(ABSENT, pair, x)!];
  return { kind: 'choose', cases: [...gap.map((when) => ({ when, then: { kind: 'blank' } as Expression })), ...cases], otherwise: others.length ? { kind: 'text', value: others[0]!.label } : { kind: 'blank' } };
}

const isGap = (c: Condition): boolean => c.kind === 'empty' || (c.kind === 'any' && c.of.some((o) => o.kind === 'empty'));

/** What other tables say in a condition or a value, each once: what is shown 'with both numbers'. */
export function theirsIn(node: Expression | Condition): readonly Expression[] {
  const found = new Map<string, Expression>();
  walk(node, (part) => { if (part.kind === 'lookup' || part.kind === 'band') found.set(keyOf(part), part); });
  return [...found.values()];
}
