import { quantity } from '../../language/grammar/expressions';
import { rule, type Rule } from '../../language/chart';
import type { Context } from '../../language/acts';
import { blank, type Expression, number } from '../../formula/expression';
import { add } from './adding';
import { cases } from './formulas';

/** Bands by their lower ends, the highest tried first; below the lowest there is no band. */
function bandsOf(name: string, bands: readonly { from: number; label: string }[], x: Context): Expression | null {
  const value = quantity(name, x);
  return value && bands.length > 1 ? cases([...bands].reverse().map((b) => ({ when: { kind: 'compare', op: '>=', left: value, right: number(b.from) }, then: { kind: 'text', value: b.label } })), blank) : null;
}

/** Bands by their lower ends. */
export const bandPhrases: readonly Rule[] = [
  // Bands
  rule('band', '$num:a - $num:b', ({ a, b }) => [{ from: a, label: `${a}-${b}` }], 0),
  rule('band', '$num:a to $num:b', ({ a, b }) => [{ from: a, label: `${a} to ${b}` }], 0),
  rule('band', '$num:a +', ({ a }) => [{ from: a, label: `${a}+` }], 0),
  rule('bands', '$band:b', ({ b }) => b, 0),
  rule('bands', '$band:b ~list $bands:r', ({ b, r }) => (r[0].from > b[0].from ? [...b, ...r] : null), 0),
  rule('banded', '~make? $col:c into|in ~band of? :|,? $bands:b', ({ c, b }, x: Context) => bandsOf(c, b, x), 0),
  rule('clause', '$banded:e ,? ~into ~column ~named? $name:n', ({ e, n }) => add(e, n), 0),
  rule('clause', '$banded:e', ({ e }) => add(e), 0.1),
  rule('clause', '~add? ~column? ~named? $name:n :|=|, $bands:b ,? by|on|of|from|for|according|based|depending|going|judging on|to|by? the? $col:c', ({ n, b, c }, x: Context) => { const e = bandsOf(c, b, x); return e && add(e, n); }, -0.2),
  rule('clause', '~band the? $col:c :|,|-|as|into|in|with? $bands:b', ({ c, b }, x: Context) => { const e = bandsOf(c, b, x); return e && add(e); }, 0),
].flat();
