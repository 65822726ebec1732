import { byPercent, type Condition, type Expression } from '../../formula/expression';
import type { Context } from '../acts';
import { rule, type Rule } from '../chart';
import { oneOf } from './conditions/make';
import { hasUnit, quantity, takingsColumn } from './roles';

/* Discounts and surcharges: some per cent off or on top, of a column that is named or of what a row came to, for all rows or for some. */

interface Allowance {
  readonly sign: '+' | '-';
  readonly percent: number;
  /** Called a discount or the like: that may be the discount itself, or what it leaves. */
  readonly noun?: true;
}

/** A column that was said, or the amount of the row; null where it is no amount of money. */
function baseOf(named: string | undefined, x: Context): Expression | null {
  const name = named ?? takingsColumn(x);
  return name === null || hasUnit(name) ? null : quantity(name, x);
}

/** What an allowance leaves of that. */
const granted = ({ sign, percent }: Allowance, base: Expression | null): Expression | null => base && byPercent(sign, base, percent);

/** The same for some rows; the others keep the amount as it is. Null where something else than that amount is said to stay. */
function grantedFor({ a, k }: { readonly a: Allowance; readonly k?: string }, when: Condition | null, kept: string | undefined, x: Context): Expression | null {
  const base = baseOf(k ?? kept, x), then = granted(a, base);
  return base && then && when && (k === undefined || kept === undefined || k === kept) ? { kind: 'choose', cases: [{ when, then }], otherwise: base } : null;
}

const SOME = 'for|on|if|when|where|at|from|with|~wherever the|all|it|they? $rset:c|^$cond:c|^$values:v';
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
  rule('ex2', '$allowanceOf:a on|off|of|to the|their|its? $col:k', ({ a, k }, x: Context) => granted(a, baseOf(k, x)), 0.1),
  rule('ex2', '$col:k with|including|incl|plus|less $allowanceOf:a', ({ a, k }, x: Context) => granted(a, baseOf(k, x)), 0.05),
  // 'New price: 10 percent more for nut bars, otherwise the same'
  ...CHANGES.map(([words, sign]) => rule('allowed', `$col:k :|=|,? by? $pct:p ${words}`, ({ k, p }) => ({ a: { sign, percent: p }, k }), 0)).flat(),
  rule('ex2', `$allowed:g ${SOME}`, ({ g, c, v }, x: Context) => (g.a.noun && g.k === undefined ? null : grantedFor(g, c ?? oneOf(v), undefined, x)), 0.1),
  rule('price', `~add? $allowed:g ${SOME}`, ({ g, c, v }, x: Context) => grantedFor(g, c ?? oneOf(v), undefined, x), 0.1),
  rule('ex2', `$allowed:g ${SOME} ${OTHERWISE} full|plain|usual|normal|whole|same|original? $col:d $asItIs?`, ({ g, c, v, d }, x: Context) => grantedFor(g, c ?? oneOf(v), d, x), -0.4),
  rule('ex2', `$allowed:g ${SOME} ${OTHERWISE} none|nothing|full|same|unchanged|discount|$asItIs (price|amount)?`, ({ g, c, v }, x: Context) => grantedFor(g, c ?? oneOf(v), undefined, x), -0.3),
].flat();
