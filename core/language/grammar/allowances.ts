import { unitInName } from '../../formula/dimensions';
import { unitSort } from '../../values/units';
import { byPercent, type Condition, type Expression } from '../../formula/expression';
import type { Context } from '../acts';
import { rule, type Rule } from '../chart';
import { oneOf } from './conditions/make';
import { quantity, takingsColumn } from './roles';

/* Discounts and surcharges: some per cent off or on top, of a column that is named or of what a row came to, for all rows or for some. */

interface Allowance {
  readonly sign: '+' | '-';
  readonly percent: number;
  /** Called a discount or the like: that may be the discount itself, or what it leaves. */
  readonly noun?: true;
}

/** What an allowance leaves of a column that was said, or of the amount of the row; null where there is none. */
function granted({ sign, percent }: Allowance, named: string | undefined, x: Context): Expression | null {
  const e = baseOf(named, x);
  return e && byPercent(sign, e, percent);
}

function baseOf(named: string | undefined, x: Context): Expression | null {
  const name = named ?? takingsColumn(x);
  // Nothing is taken off how long something took, or what it weighs.
  return name === null || unitSort(unitInName(name) ?? '') !== null ? null : quantity(name, x);
}

/** The same for some rows; the others keep the amount as it is. Null where something else than that amount is said to stay. */
function grantedFor(a: Allowance, named: string | undefined, when: Condition | null, kept: string | undefined, x: Context): Expression | null {
  const of = named ?? kept, base = baseOf(of, x), less = granted(a, of, x);
  return base === null || less === null || when === null || (named !== undefined && kept !== undefined && named !== kept) ? null : { kind: 'choose', cases: [{ when, then: less }], otherwise: base };
}

const FOR = 'for|on|if|when|where|at|from|with|~wherever the|all|it|they?';
const OTHERWISE = ',|;|.|and|but? and? ~otherwise $keeping?';

/** A change for the better or the worse, of a price that is named. */
const CHANGES = [['more|higher|extra|dearer|up|on top', '+'], ['less|lower|off|cheaper|down', '-']] as const;

export const allowanceRules: readonly Rule[] = [
  rule('keeping', 'just|only|at|with|for|pay|pays|it|they the|its|their?', () => true, 0),
  rule('keeping', 'the|its|their', () => true, 0),
  rule('keeping', 'it|they|that is|stays|are|stay|be (just|only|at)? the?', () => true, 0),
  rule('asItIs', 'as it|they is|are|was|were', () => true, 0),
  rule('asItIs', 'stays|stay|is|be|as (as)? (it)? (is|stands|it|are|was)?', () => true, 0),
  rule('allowance', 'an? $pct:p off|less|cheaper|lower', ({ p }): Allowance => ({ sign: '-', percent: p }), 0),
  rule('allowance', 'an? $pct:p discount|reduction|rebate|deduction', ({ p }): Allowance => ({ sign: '-', percent: p, noun: true }), 0),
  rule('allowance', 'an? $pct:p extra|dearer', ({ p }): Allowance => ({ sign: '+', percent: p }), 0),
  rule('allowance', 'an? $pct:p surcharge|supplement|premium|markup|tax|vat', ({ p }): Allowance => ({ sign: '+', percent: p, noun: true }), 0),
  rule('allowanceOf', 'an? discount|reduction|rebate|deduction of $pct:p', ({ p }): Allowance => ({ sign: '-', percent: p }), 0),
  rule('allowanceOf', 'an? surcharge|supplement|premium|markup|tax|vat of $pct:p', ({ p }): Allowance => ({ sign: '+', percent: p }), 0),
  rule('allowanceOf', '$allowance:a', ({ a }) => a, 0),
  rule('allowed', '$allowance:a', ({ a }) => ({ a }), 0.05),
  rule('allowed', '$allowanceOf:a on|off|of|to the|their|its? $col:k', ({ a, k }) => ({ a, k }), 0),
  // 'VAT of 20% on the invoice sum'
  rule('ex2', '$allowanceOf:a on|off|of|to the|their|its? $col:k', ({ a, k }, x: Context) => granted(a, k, x), 0.1),
  rule('ex2', '$col:k with|including|incl|plus|less $allowanceOf:a', ({ a, k }, x: Context) => granted(a, k, x), 0.05),
  // 'New price: 10 percent more for nut bars, otherwise the same'
  ...CHANGES.map(([words, sign]) => rule('allowed', `$col:k :|=|,? by? $pct:p ${words}`, ({ k, p }) => ({ a: { sign, percent: p }, k }), 0)).flat(),
  ...['$rset:c', '^$cond:c', '^$values:v'].flatMap((which) => [
    rule('ex2', `$allowed:g ${FOR} ${which}`, ({ g, c, v }, x: Context) => (g.a.noun && g.k === undefined ? null : grantedFor(g.a, g.k, c ?? oneOf(v), undefined, x)), 0.1),
    rule('price', `~add? $allowed:g ${FOR} ${which}`, ({ g, c, v }, x: Context) => grantedFor(g.a, g.k, c ?? oneOf(v), undefined, x), 0.1),
    rule('ex2', `$allowed:g ${FOR} ${which} ${OTHERWISE} full|plain|usual|normal|whole|same|original? $col:d $asItIs?`, ({ g, c, v, d }, x: Context) => grantedFor(g.a, g.k, c ?? oneOf(v), d, x), -0.4),
    rule('ex2', `$allowed:g ${FOR} ${which} ${OTHERWISE} none|nothing|full|same|unchanged|discount|$asItIs (price|amount)?`, ({ g, c, v }, x: Context) => grantedFor(g.a, g.k, c ?? oneOf(v), undefined, x), -0.3),
  ]).flat(),
].flat();
