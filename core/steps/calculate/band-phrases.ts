import { quantity } from '../../language/grammar/roles';
import { rule, type Rule } from '../../language/chart';
import type { Context } from '../../language/acts';
import { all, blank, type Comparison, type Expression, number } from '../../formula/expression';
import { add } from './adding';
import { cases } from './formulas';

/** Bands by their lower ends, the highest tried first; below the lowest there is no band. */
function bandsOf(name: string, bands: readonly { from: number; label: string }[], x: Context): Expression | null {
  const value = quantity(name, x);
  return value && bands.length > 1 ? cases([...bands].reverse().map((b) => ({ when: { kind: 'compare', op: '>=', left: value, right: number(b.from) }, then: { kind: 'text', value: b.label } })), blank) : null;
}

/** A stretch of numbers by its ends, with what it is called. */
interface Stretch { readonly label: string; readonly ends: readonly (readonly [Comparison, number])[] }

/** Stretches in the order they are said; what lies in none is left blank. */
function stretched(name: string, list: readonly Stretch[], x: Context): Expression | null {
  const value = quantity(name, x);
  return value && list.length > 1 ? cases(list.map((s) => ({ when: all(s.ends.map(([op, n]) => ({ kind: 'compare', op, left: value, right: number(n) }))), then: { kind: 'text', value: s.label } })), blank) : null;
}

/** Bands by their lower ends, or by both. */
export const bandPhrases: readonly Rule[] = [
  // Bands
  rule('band', '$num:a - $num:b', ({ a, b }) => [{ from: a, label: `${a}-${b}` }], 0),
  rule('band', '$num:a to $num:b', ({ a, b }) => [{ from: a, label: `${a} to ${b}` }], 0),
  rule('band', '$num:a +', ({ a }) => [{ from: a, label: `${a}+` }], 0),
  rule('bands', '$band:b', ({ b }) => b, 0),
  rule('bands', '$band:b ~list $bands:r', ({ b, r }) => (r[0].from > b[0].from ? [...b, ...r] : null), 0),
  rule('banded', '~make? $col:c into|in ~band of? :|,? $bands:b', ({ c, b }, x: Context) => bandsOf(c, b, x), 0),
  // 'Under 20, 20 to 50, over 50 up to 100, more than 100': each called as it is said
  rule('stretch', '$num:a to|-|– $num:b', ({ a, b }): Stretch | null => (a < b ? { label: `${a} to ${b}`, ends: [['>=', a], ['<=', b]] } : null), 0),
  ...([['under', '<'], ['below', '<'], ['less than', '<'], ['up to', '<='], ['over', '>'], ['above', '>'], ['more than', '>']] as const).map(([said, op]) => rule('stretch', `${said} $num:n`, ({ n }): Stretch => ({ label: `${said} ${n}`, ends: [[op, n]] }), 0)).flat(),
  ...([['from', '>='], ['over', '>'], ['above', '>'], ['more than', '>']] as const).flatMap(([low, op]) => ([['to', '<='], ['up to', '<='], ['until', '<='], ['to under', '<']] as const).map(([high, until]) => rule('stretch', `${low} $num:a ${high} $num:b`, ({ a, b }): Stretch | null => (a < b ? { label: `${low} ${a} ${high} ${b}`, ends: [[op, a], [until, b]] } : null), -0.05))).flat(),
  rule('stretch', '$num:n and|or over|above|more|up', ({ n }): Stretch => ({ label: `${n} and over`, ends: [['>=', n]] }), 0),
  rule('stretch', '$num:n and|or under|below|less', ({ n }): Stretch => ({ label: `${n} and under`, ends: [['<=', n]] }), 0),
  rule('stretches', '$stretch:a', ({ a }) => [a], 0),
  rule('stretches', '$stretch:a ~list $stretches:r', ({ a, r }) => [a, ...r], 0),
  rule('banded', '~make? the? $col:c into|in ~band of? :|,? $stretches:s', ({ c, s }, x: Context) => stretched(c, s, x), 0.1),
  rule('banded', '~band|sort the? $col:c :|,|-|as|into|in|with? $stretches:s', ({ c, s }, x: Context) => stretched(c, s, x), 0.1),
  rule('clause', '$banded:e .|,|; ~into? ~column ~named? $name:n', ({ e, n }) => add(e, n), -0.1),
  rule('clause', '$banded:e ,? ~into ~column ~named? $name:n', ({ e, n }) => add(e, n), 0),
  rule('clause', '$banded:e', ({ e }) => add(e), 0.1),
  rule('clause', '~add? ~column? ~named? $name:n :|=|, $bands:b ,? by|on|of|from|for|according|based|depending|going|judging on|to|by? the? $col:c', ({ n, b, c }, x: Context) => { const e = bandsOf(c, b, x); return e && add(e, n); }, -0.2),
  // 'Sold Band from the sold tickets: 0-19, 20-39, 40+'
  rule('clause', '~add? ~column? ~named? ^$name:n ~from|of|by|after|for the? $col:c $rows|$noun|$guess? :|,|-|– $bands:b', ({ n, b, c }, x: Context) => { const e = bandsOf(c, b, x); return e && add(e, n); }, -0.4),
  rule('clause', '~band the? $col:c :|,|-|as|into|in|with? $bands:b', ({ c, b }, x: Context) => { const e = bandsOf(c, b, x); return e && add(e); }, 0),
].flat();
