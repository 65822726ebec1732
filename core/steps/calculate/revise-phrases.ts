import { readsAsNumber } from '../../formula/check';
import { quantity } from '../../language/grammar/roles';
import { rule, type Rule } from '../../language/chart';
import { type Act, type Context, plans } from '../../language/acts';
import { byPercent, blank, column, columnsOf, type Condition, type Expression, number, op } from '../../formula/expression';
import { columnOf } from '../../table/table';
import { isDate } from '../../table/column';
import type { Rounding } from '../../values/number';
import { toMultiple } from './amending';
import { cases } from './formulas';
import type { CalculatePlan } from './step';

/** The column itself, calculated anew. */
function setTo(name: string, x: Context, make: (e: Expression) => Expression): Act | null {
  const e = quantity(name, x);
  return e && plans({ step: 'calculate', name, as: make(e), replace: true });
}

/** Cells emptied where a condition holds. */
const cleared = (names: readonly string[], where: Condition, x: Context): Act | null =>
  names.some((name) => isDate(columnOf(x.head, name).type) && columnsOf(where).includes(name)) ? null : plans(...names.map((name): CalculatePlan => ({ step: 'calculate', name, as: cases([{ when: where, then: blank }], column(name)), replace: true })));

const roundColumns = (names: readonly string[], places: number, mode: Rounding): Act =>
  plans(...names.map((name): CalculatePlan => ({ step: 'calculate', name, as: { kind: 'round', of: column(name), places, mode }, replace: true })));

/** A column itself calculated anew: raised, rounded, emptied. */
export const revisePhrases: readonly Rule[] = [
  rule('clause', 'give|grant|add everyone|everybody|each|all|every|them $num:n extra|more|additional|bonus? points|marks|units|pieces? in|on|to|for|of $col:c', ({ n, c }, x: Context) => setTo(c, x, (e) => op('+', e, number(n))), 0),
  rule('clause', 'add $num:n to $col:c', ({ n, c }, x: Context) => setTo(c, x, (e) => op('+', e, number(n))), 0),
  rule('rounding', 'to the? next|nearest half', () => 2, 0),
  rule('rounding', 'to the? next|nearest quarter', () => 4, 0),
  rule('clause', '$col:c ~round? rounded|round? up $rounding:n hour|hours|point|unit|kilo|day|mark?', ({ c, n }, x: Context) => setTo(c, x, (e) => op('/', { kind: 'round', of: op('*', e, number(n)), places: 0, mode: 'up' }, number(n))), 0),
  rule('clause', 'round $col:c up $rounding:n hour|hours|point|unit|kilo|day|mark?', ({ c, n }, x: Context) => setTo(c, x, (e) => op('/', { kind: 'round', of: op('*', e, number(n)), places: 0, mode: 'up' }, number(n))), 0),
  rule('clause', 'round $col:c $rounding:n hour|hours|point|unit|kilo|day|mark?', ({ c, n }, x: Context) => setTo(c, x, (e) => op('/', { kind: 'round', of: op('*', e, number(n)), places: 0, mode: 'nearest' }, number(n))), 0),
  rule('pennies', 'in|into pence|cents|pennies|cent|penny', () => true, 0),
  rule('clause', '~make? the? $col:c $pennies as? whole? numbers|number?', ({ c }, x: Context) => setTo(c, x, (e) => op('*', e, number(100))), -0.3),
  rule('clause', 'blank|empty|clear|wipe|erase|cross|strike out? the? $cols:c of|for|on|in|where|when|if|with it|they? the? $rset:r', ({ c, r }, x: Context) => cleared(c, r, x), -0.1),
  rule('clause', '$blankIt the? $cols:c ~be? of|for|on|in the? $rset:r', ({ c, r }, x: Context) => cleared(c, r, x), 0.3),
  rule('clause', 'double $col:c', ({ c }, x: Context) => setTo(c, x, (e) => op('*', e, number(2))), 0),
  rule('clause', 'halve $col:c', ({ c }, x: Context) => setTo(c, x, (e) => op('/', e, number(2))), 0),
  rule('clause', 'increase|raise|put every|each|all|the|up? $col:c up? by $pct:p', ({ c, p }, x: Context) => setTo(c, x, (e) => byPercent('+', e, p)), 0),
  rule('clause', 'reduce|lower|cut|decrease every|each|all|the? $col:c by $pct:p', ({ c, p }, x: Context) => setTo(c, x, (e) => byPercent('-', e, p)), 0),
  rule('clause', 'increase|raise $col:c by $num:n', ({ c, n }, x: Context) => setTo(c, x, (e) => op('+', e, number(n))), 0.05),
  rule('clause', 'reduce|lower|decrease $col:c by $num:n', ({ c, n }, x: Context) => setTo(c, x, (e) => op('-', e, number(n))), 0.05),
  rule('clause', '~add $pct:p to $col:c', ({ p, c }, x: Context) => setTo(c, x, (e) => byPercent('+', e, p)), 0),
  rule('clause', '$cols:c :|-|–|to|with|at $places:p', ({ c, p }, x: Context) => (c.every((n: string) => quantity(n, x) !== null && columnOf(x.head, n).type !== 'text') ? roundColumns(c, p, 'nearest') : null), 0.2),
  // Rounding what is there
  rule('clause', 'round|rounding off the? $cols:c', ({ c }, x: Context) => (c.every((n: string) => readsAsNumber(x.head, n)) ? roundColumns(c, 0, 'nearest') : null), 0.2),
  rule('clause', '$cols:c without|no any|the? decimals|decimal|cents|pence places|part?', ({ c }, x: Context) => (c.every((n: string) => readsAsNumber(x.head, n)) ? roundColumns(c, 0, 'nearest') : null), 0.1),
  rule('clause', '~round $cols:c off? to ~whole $unit|$word', ({ c }) => roundColumns(c, 0, 'nearest'), 0),
  rule('clause', '~round $cols:c off? to? $places:p', ({ c, p }) => roundColumns(c, p, 'nearest'), 0),
  ...(['up', 'down'] as const).map((mode) => rule('clause', `$cols:c rounded|round ${mode} (to the? (next|nearest|full|whole)? (full|whole)? (number|numbers|hour|hours|euro|euros|pound|pounds|kilo|kilos|day|days|unit|units|one|ones)?)?`, ({ c }, x: Context) => (c.every((n: string) => quantity(n, x) !== null) ? roundColumns(c, 0, mode) : null), -0.3)).flat(),
  rule('clause', '~round $cols:c up to? $places:p', ({ c, p }) => roundColumns(c, p, 'up'), -0.2),
  rule('clause', '~round $cols:c down to? $places:p', ({ c, p }) => roundColumns(c, p, 'down'), -0.2),
  rule('clause', '$cols:c ~have|~be|show|shows|come|comes with|in|to? $num ~decimals now|currently|at|so? the? moment|present|far? ,|.|;|:|-|–? please? (i|we) would|want|need|prefer|like to? have|see? them|it|those|these|both no|without|with no? ~decimals', ({ c }) => roundColumns(c, 0, 'nearest'), -0.6),
  rule('clause', "$cols:c ~have|~be|show|shows|come|comes with|in|to? $num ~decimals now|currently|at|so? the? moment|present|far? ,|.|;|:|-|–? please? i'd|we'd|make|put|write|round|turn|change like|rather|prefer? to? have|see? them|it|those|these|both? no|without|with|to|into? no|whole|full? ~decimals|numbers|euros|figures", ({ c }) => roundColumns(c, 0, 'nearest'), -0.6),
  rule('clause', '$cols:c with? no|without ~decimals', ({ c }, x: Context) => (c.every((n: string) => quantity(n, x) !== null && columnOf(x.head, n).type !== 'text') ? roundColumns(c, 0, 'nearest') : null), 0.1),
  rule('clause', 'no|without ~decimals in|for $cols:c', ({ c }) => roundColumns(c, 0, 'nearest'), 0),
  rule('clause', '$places:p for|in|on|at $cols:c', ({ c, p }) => roundColumns(c, p, 'nearest'), 0.1),
  rule('clause', '~round $cols:c to the? nearest|next? $num:n', ({ c, n }) => toMultiple(c, n), 0),
  rule('clause', '$cols:c to the? nearest|next|full $num:n', ({ c, n }) => (n >= 5 ? toMultiple(c, n, 'nearest') : null), 0),
  rule('clause', '~round $cols:c down to? the? nearest|next|full? multiple? of? $num:n', ({ c, n }) => toMultiple(c, n, 'down'), -0.05),
  rule('clause', '~round $cols:c up to? the? nearest|next|full? multiple? of? $num:n', ({ c, n }) => toMultiple(c, n, 'up'), -0.05),
  rule('clause', '~round down $cols:c to? the? nearest|next|full? multiple? of? $num:n', ({ c, n }) => toMultiple(c, n, 'down'), -0.05),
  rule('clause', '~round up $cols:c to? the? nearest|next|full? multiple? of? $num:n', ({ c, n }) => toMultiple(c, n, 'up'), -0.05),
  ...(['up', 'down'] as const).flatMap((way) => [`~round $cols:c ${way} to? the? nearest|next|full? $num:n cents|cent|pence`, `round|rounded ${way} $cols:c to? the? nearest|next|full? $num:n cents|cent|pence`, `$cols:c round|rounded ${way} to? the? nearest|next|full? $num:n cents|cent|pence`].flatMap((words) => rule('clause', words, ({ c, n }) => toMultiple(c, n / 100, way), -0.3))),
  rule('clause', '~round $cols:c to the? nearest|next? $num:n cents|cent|pence', ({ c, n }) => toMultiple(c, n / 100), -0.1),
  rule('clause', '$cols:c ~round to? the? nearest|next? $num:n cents|cent|pence', ({ c, n }) => toMultiple(c, n / 100), 0),
  rule('clause', '$cols:c rounded to the? nearest|next $num:n', ({ c, n }) => toMultiple(c, n), 0),
  rule('clause', '~round $cols:c up to? ~whole $unit|$word|$guess?', ({ c }) => roundColumns(c, 0, 'up'), -0.05),
  rule('clause', '~round $cols:c down to? ~whole $unit|$word|$guess?', ({ c }) => roundColumns(c, 0, 'down'), -0.05),
  rule('clause', '$cols:c ~round $places:p', ({ c, p }) => roundColumns(c, p, 'nearest'), 0.05),
  rule('clause', '$cols:c to|at|with $places:p', ({ c, p }) => roundColumns(c, p, 'nearest'), 0.1),
  rule('clause', '~make $cols:c $places:p', ({ c, p }) => roundColumns(c, p, 'nearest'), 0.2),
  rule('places', '$num:n ^~decimals', ({ n }) => n, 0),
  rule('places', '~whole', () => 0, 0),
  rule('places', 'whole|full euros|euro|pounds|dollars|francs|crowns', () => 0, 0),
  rule('places', 'whole|full $unit', () => 0, 0.4),
  rule('places', 'the? nearest? cents|cent|penny|pence|pennies', () => 2, 0),
].flat();
