import { columnOf } from '../../table/table';
import { rule, type Rule } from '../../language/chart';
import { amend, type Context } from '../../language/acts';
import { column, columnsOf, type Expression } from '../../formula/expression';
import { sampleOf } from '../../language/grammar/samples';
import { add } from './adding';
import { real } from './formulas';
import type { CalculatePlan } from './step';

/** What is left of a column's texts beside one that all of them begin or end with. */
function bareOf(name: string, texts: readonly string[], side: 'before' | 'after', x: Context): Expression | null {
  const [text] = texts, all = sampleOf(name, x).map((v) => v.trim()).filter((v) => v !== '');
  return texts.length === 1 && all.length > 0 && all.every((v) => (side === 'after' ? v.startsWith(text!) : v.endsWith(text!))) ? { kind: 'piece', side, mark: text!, which: side === 'after' ? 'first' : 'last', of: column(name) } : null;
}

const isPiece = (e: Expression): boolean => e.kind === 'slot' || e.kind === 'piece';

/** One of the pieces of texts that a mark cuts: the mark that stands in most of them; null where none does. */
function pieceAt(name: string, n: number, x: Context): Expression | null {
  const all = sampleOf(name, x).filter((v) => v.trim() !== '');
  const mark = columnOf(x.head, name).type === 'text' ? ['/', ';', '|', ' - ', ' – ', ',', '-', ':'].find((m) => all.filter((v) => v.includes(m)).length >= all.length * 0.6) : undefined;
  return all.length > 0 && mark !== undefined ? { kind: 'slot', n, mark, of: column(name) } : null;
}

/** A mark as people put it between texts: with spaces, and a comma with one behind it. */
export const spaced = (mark: string): string => (/^[,;]$/.test(mark) ? `${mark} ` : /^[-–|/+&]$/.test(mark) ? ` ${mark} ` : mark);

/** What is written of two columns, with the one alone where the other is blank. */
function besides(plan: CalculatePlan, other: string, alone: string): CalculatePlan | null {
  if (plan.as.kind === 'join') return [other, alone].every((name) => columnsOf(plan.as).includes(name)) ? plan : null;
  if (plan.as.kind !== 'written' || plan.as.of.length !== 3) return null;
  const [first, between, last] = plan.as.of as readonly [Expression, Expression, Expression];
  const named = (e: Expression): string | null => (e.kind === 'column' ? e.name : null);
  return between.kind === 'text' && [named(first), named(last)].sort().join('\n') === [other, alone].sort().join('\n') ? { ...plan, as: { kind: 'join', of: [first, last], separator: between.value } } : null;
}

/** Columns joined, and parts of texts beside marks. */
export const joinPhrases: readonly Rule[] = [
  // 'Route: zone from -> zone to'
  rule('clause', '~add? ~column? ~named? $name:n =|: ^$col:a ^$arrow2 ^$col:b', ({ n, a, b }, x: Context) => ([a, b].every((c) => columnOf(x.head, c).type === 'text') ? add({ kind: 'join', of: [column(a), column(b)], separator: ' -> ' }, n) : null), -0.3),
  // '..., like 3.2': an example of what was joined
  rule('rider', 'like|as|eg|e.g|say $num', () => amend('joined so', (plan) => (plan.step === 'calculate' && plan.as.kind === 'join' ? plan : null)), 0.1),
  // 'The lot number without the A- in front'
  rule('text0', '$col:c without|minus the? $sought:t in|at the? front|start|beginning', ({ c, t }, x: Context) => bareOf(c, t, 'after', x), -0.1),
  rule('text0', '$col:c without|minus the? $sought:t at|behind|from|on|in the? end|back', ({ c, t }, x: Context) => bareOf(c, t, 'before', x), -0.1),
  // 'When no buyer is known it's only the honey'
  rule('aloneThen', ",|: then? it's|use|write|show|take|put|have|leave|keep|make|should|will|would|it? is|be|it? only|just the? $col:b (on its own|alone|itself|by itself|there)?", ({ b }) => b, 0),
  rule('aloneThen', ",|:? then? it's|use|write|show|take|put|have|leave|keep|make|should|will|would|it? is|be|it? only|just the? $col:b (on its own|alone|itself|by itself|there)?", ({ b }) => b, 0),
  rule('aloneThen', ',|:? then? use|write|show|take|put|leave|keep the? $col:b on|by its|own|itself own?', ({ b }) => b, 0),
  ...['~if|~wherever no $col:a ~be known|given|there|recorded|named|noted|filled? in?', "~if|~wherever there|we|it|they ~be|~have no $col:a", "~if|~wherever there's no $col:a", '~if|~wherever the? $col:a ~be ~blankWord|unknown', '~without an? $col:a', 'no $col:a'].map((when) =>
    rule('rider', `${when} $aloneThen:b (,? without|no|minus the|a|any? $mark)?`, ({ a, b }) => amend(`${b} without ${a}`, (plan) => (plan.step === 'calculate' ? besides(plan, a, b) : null)), -0.4)).flat(),
  // Texts
  rule('joined', '$col:a ~list $col:b', ({ a, b }) => [a, b], 0),
  rule('joined', '$col:a ~list $joined:b', ({ a, b }) => [a, ...b], 0),
  rule('text0', '~join both|the two? $family:f with|by|using $text:t ~betweenThem?', ({ f, t }) => ({ kind: 'join', of: f.map(column), separator: t }), 0.05),
  rule('text0', '$joined:c joined|combined|glued|merged|concatenated|together by|with|using a? $mark:t ~betweenThem?', ({ c, t }) => ({ kind: 'join', of: c.map(column), separator: t }), 0.05),
  rule('text0', '$joined:c joined|combined|glued|merged|concatenated|together by|with|using $text:t ~betweenThem?', ({ c, t }) => ({ kind: 'join', of: c.map(column), separator: t }), 0.05),
  rule('text0', '~join|~make? $joined:c with|by|using a? $mark:t ~betweenThem', ({ c, t }) => ({ kind: 'join', of: c.map(column), separator: / |^[,;]$/.test(t) ? spaced(t) : ` ${t} ` }), 0.4),
  rule('clause', '~add a? ~column? $name:n out|from|made of|from? $joined:c with|by|using a? $mark:t ~betweenThem', ({ n, c, t }) => add({ kind: 'join', of: c.map(column), separator: spaced(t) }, n), -0.2),
  rule('clause', '~add a? ~column? $name:n out|from|made of|from? $joined:c with|by|using $text:t ~betweenThem', ({ n, c, t }) => add({ kind: 'join', of: c.map(column), separator: t }, n), -0.3),
  rule('text0', '~join $joined:c with|by|using $text:t ~betweenThem?', ({ c, t }) => ({ kind: 'join', of: c.map(column), separator: t }), 0),
  rule('text0', '~join $joined:c with|by|using a? $mark:t ~betweenThem?', ({ c, t }) => ({ kind: 'join', of: c.map(column), separator: t }), 0.05),
  rule('pieceOf', 'part|text|bit|piece|letters|digits|characters|everything|what|whatever is|are|comes|stands|stand?', () => true, 0),
  rule('side', 'before|left', () => 'before', 0),
  rule('side', 'after|behind|following|right', () => 'after', 0),
  rule('text0', '$pieceOf of|from|in the? $col:c $side:s the? $which:w? $mark:m', ({ s, w, m, c }) => ({ kind: 'piece', side: s, mark: m, which: w ?? 'first', of: column(c) }), 0),
  rule('text0', '$pieceOf? $side:s the? $which:w? $mark:m in|of|from|within $col:c', ({ s, w, m, c }) => ({ kind: 'piece', side: s, mark: m, which: w ?? 'first', of: column(c) }), 0.05),
  // 'The last part of the roof', of 'Slate / pitched / grey'
  ...([['first', 1], ['second', 2], ['third', 3], ['fourth', 4], ['last', -1]] as const).flatMap(([word, n]) => [
    rule('text0', `the? ${word} part|piece|bit|section|segment|component|item|entry|element of|in|from|under the? $col:c`, ({ c }, x: Context) => pieceAt(c, n, x), 0),
    rule('text0', `the? ${word} of the? two|three|four? parts|pieces|bits|sections|segments|items|entries|elements of|in|from|under the? $col:c`, ({ c }, x: Context) => pieceAt(c, n, x), 0),
    rule('text0', `$col:c ,|:? the? ${word} part|piece|bit|section|segment|component`, ({ c }, x: Context) => pieceAt(c, n, x), 0.05),
  ].flat()).flat(),
  rule('clause', 'the? ^$name:n ~open (that|this|which)? (is|being|i.e)? $text0:e ~close ~into|$ownColumn ~column?', ({ n, e }) => (real(e) && isPiece(e) ? add(e, n) : null), -0.2),
  rule('which', 'first', () => 'first', 0),
  rule('which', 'last', () => 'last', 0),
  rule('expr', '$text0:e', ({ e }) => e, 0),
  rule('clause', '~keepOnly|~add $text0:e', ({ e }) => add(e), 0.1),
  rule('clause', 'get|take|pull|fish|extract|fetch the? $name:n out|from of? $col:c ,|;|.? it|that|which is|are? $pieceOf? $side:s the? $which:w? $mark:m', ({ n, c, s, w, m }) => add({ kind: 'piece', side: s, mark: m, which: w ?? 'first', of: column(c) }, n), 0.2),
  rule('clause', '$name:n from|of|out of? the? $col:c ,|:|.|;? that|which|it|i.e? is? the? $pieceOf $side:s the? $which:w? $mark:m', ({ n, c, s, w, m }) => add({ kind: 'piece', side: s, mark: m, which: w ?? 'first', of: column(c) }, n), 0.15),
  rule('clause', 'take|get|extract|move|copy|lift $text0:e ~into ~column|$ownColumn ~named? ^$name:n', ({ e, n }) => (real(e) ? add(e, n) : null), -0.1),
].flat();
