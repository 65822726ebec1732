import { rule, type Rule } from '../../language/chart';
import { type Act, amend, type Context, nothing, plans, type State, withPlan } from '../../language/acts';
import { byPercent, column, type Expression, number, op } from '../../formula/expression';
import { columnOf, findColumn } from '../../table/table';
import { readsAsDate } from '../../formula/check';
import type { Metric } from '../../metrics/glossary';
import { namesRows } from '../../language/mentions';
import { quantity, dated, groupable, rowDate } from '../../language/grammar/roles';
import { uniqueName } from '../../values/names';
import { blankWhere } from './amending';
import { cases, hasTotal, isRatio, over, percented, real, rowLevel, zeroForBlank } from './formulas';
import { add, rounded } from './adding';

/** Acts one after the other. */
const inTurn = (acts: readonly Act[]): Act => ({ key: `in turn ${acts.map((a) => a.key).join('\n')}`, apply: (state) => acts.reduce<State | null>((s, a) => s && a.apply(s), state) });

/** The column just made, moved behind another. */
const beside = (name: string): Act => ({
  key: `beside ${name}`,
  apply(state) {
    const last = state.plans.at(-1);
    return last?.step === 'calculate' && !last.replace && last.name !== name && findColumn(state.head.columns, name) ? withPlan(state, { step: 'move', columns: [last.name], place: { side: 'after', beside: name } }, state.topic) : null;
  },
});

function addParts(name: string, list: readonly string[], x: Context): Act | null {
  const d = dated(name, x);
  if (!d) return null;
  const taken = x.head.columns.map((c) => c.name);
  return plans(...list.map((part) => ({ step: 'calculate' as const, name: uniqueName(`${name} ${part}`, taken), as: { kind: 'part', part, of: d } as Expression, replace: false })));
}

/** New columns: a formula, with a name or without. */
export const columnPhrases: readonly Rule[] = [
  // 'A 10% discount for groups over 25, in a column New Rate': what it leaves
  rule('clause', '$price:e ,|:|;? ~into? ~column ~named? $name:n', ({ e, n }) => add(e, n), 0),
  rule('clause', '~column? ~named? $name:n :|=|, $price:e', ({ e, n }) => (/discount|surcharge|rebate|reduction|supplement|tax|vat/i.test(n) ? null : add(e, n)), 0),
  rule('clause', '$formula:e ,? shown|written|put|repeated|given|placed on|to|in|into|at every|each $rows', ({ e }) => (real(e) ? add(e) : null), -0.3),
  rule('clause', 'next|beside|against to? ~each $rows|$guess ,? ~add? the? $formula:e', ({ e }) => (real(e) ? add(e) : null), -0.2),
  rule('clause', '$formula:e next|beside to? each|every $rows|$guess', ({ e }) => (real(e) ? add(e) : null), -0.2),
  rule('clause', '~add $formula:e as $name:n', ({ n, e }) => (real(e) && rowLevel(e) ? add(e, n) : null), 0.1),
  rule('clause', '$formula:e ,? as ^$properName:n', ({ n, e }) => (real(e) && rowLevel(e) ? add(e, n) : null), -0.3),
  rule('clause', 'what did|do|does|have|has we|they|i|you earn|earned|make|made|spend|spent|lose|lost|get|gain on|with|for|from ~each $rows|$noun|$guess ,|:|;|-|–|? that|this|i.e|meaning|so? is|means? $formula:e', ({ e }) => (real(e) && rowLevel(e) ? add(e) : null), -0.2),
  rule('rider', 'and|,|; put|place|move|show|have? it? (directly|right|just)? next|beside|behind|after|following to? the? ^$col:c', ({ c }) => beside(c), 0),
  rule('rider', 'directly|right|just? next to the? ^$col:c', ({ c }) => beside(c), 0.05),
  // 'Mark refunds: yes if the fare is negative'
  rule('clause', 'mark|flag|tag|label|note|tick|show the? $name:n :|,|-|– $chosen:e', ({ n, e }, x: Context) => (namesRows(n.toLowerCase(), x.vocabulary) ? null : add(e, n[0]!.toUpperCase() + n.slice(1))), -0.3),
  rule('clause', '~add? what everybody|everyone|each|they|we|people|it|$rows|$noun|$guess|$col|$word (of them)? should|would|could|must|ought|had|has to? have? be|been? ^$word|$col ,|:|;|-|– (that|this|which)? (is|means)? $formula:e', ({ e }) => (real(e) && rowLevel(e) ? add(e) : null), -0.2),
  rule('clause', 'what should|would|could|must|ought to? have? be|been? $word :|,|-|–? $formula:e', ({ e }) => (real(e) && rowLevel(e) ? add(e) : null), 0.1),
  rule('clause', 'what should|would|could|must|ought to? have? be|been? $col :|,|-|–? $formula:e ,? as ^$properName:n', ({ e, n }) => (real(e) && rowLevel(e) ? add(e, n) : null), -0.3),
  rule('clause', '$formula:e as $name:n', ({ n, e }) => (real(e) && rowLevel(e) ? add(e, n) : null), 0.3),
  rule('clause', '~add $remark ~open $formula:e ~close', ({ e }) => (real(e) && rowLevel(e) ? add(e) : null), 0.05),
  rule('clause', '$name:n ~open $formula:e ~close', ({ n, e }) => (real(e) && rowLevel(e) ? add(e, n) : null), 0.2),
  rule('clause', '~add $pct:p tax|vat|interest|surcharge|commission|extra? to|on $col:c as|into|in|under|and ~named? $name:n', ({ p, c, n }, x: Context) => { const e = quantity(c, x); return e && add(byPercent('+', e, p), n); }, -0.1),
  // Rounding and percent, inside the sentence
  rule('formula', '$expr:e', ({ e }) => e, 0),
  // 'a minus b, all divided by c'
  rule('formula', '$ex2:a ; and? all|everything|the|that|this|it|whole (of (it|that|this)|result|sum|difference)? is? ~over $ex0:b', ({ a, b }) => (a.kind === 'op' && b.kind !== 'number' ? op('/', a, b) : null), -0.2),
  rule('formula', '$ex2:a , and? all|everything|the|that|this|it|whole? (of (it|that|this)|result|sum|difference)? is? ~over $ex0:b', ({ a, b }) => (a.kind === 'op' && b.kind !== 'number' ? op('/', a, b) : null), -0.2),
  rule('formula', '$ex2:a ,|; and? all|everything|the|that|this|it|whole? (of (it|that|this)|result|sum|difference)? is? ~times $ex0:b', ({ a, b }) => (a.kind === 'op' ? op('*', a, b) : null), -0.1),
  // 'charged minus cost divided by charged': what is meant is the part that is left of it
  rule('formula', '$col:a ~minus $col:b ~over $col:c', ({ a, b, c }, x: Context) => { const [m, n] = [quantity(a, x), quantity(b, x)]; return a === c && b !== a && m && n ? op('/', op('-', m, n), m) : null; }, -0.4),
  rule('formula', '$col:a ~minus $col:b ~over $col:c ~times $num:n', ({ a, b, c, n }, x: Context) => { const [m, k] = [quantity(a, x), quantity(b, x)]; return n === 100 && a === c && b !== a && m && k ? op('*', op('/', op('-', m, k), m), number(100)) : null; }, -0.5),
  // 'From the charge take off qty times price, then divide by the hours'
  rule('ofThat', '~open count|counting|taking|take|treat|treating blanks|blank|empties|empty|missing ones|cells|values? as|for 0|zero ~close', () => true, 0),
  rule('formula', '$ex2:a ,|;|. and? then? divide|divided (it|that|this|all (of (it|that))?|the result|the rest)? by the? $ex0:b', ({ a, b }) => (a.kind === 'op' ? op('/', a, b) : null), -0.2),
  rule('formula', '$ex2:a $ofThat ,|;|. and? then? divide|divided (it|that|this|all (of (it|that))?|the result|the rest)? by the? $ex0:b', ({ a, b }) => (a.kind === 'op' ? op('/', { ...a, right: zeroForBlank(a.right) }, b) : null), -0.3),
  rule('formula', '$ex2:a $ofThat', ({ a }) => (a.kind === 'op' ? { ...a, right: zeroForBlank(a.right) } : null), -0.1),
  // 'Billed divided by closing minus opening': by the difference, where those two are of one measure and the first is not
  rule('formula', '$col:a divided|split|over by? the? $col:b minus|less $col:c', ({ a, b, c }, x: Context) => { const [p, q, r] = [quantity(a, x), quantity(b, x), quantity(c, x)]; return p && q && r && sameMeasure(b, c) && !sameMeasure(a, b) ? op('/', p, op('-', q, r)) : null; }, -0.6),
  // The larger of two values, as in 'max(minimum - stock, 0)'
  rule('formula', 'max|maximum|larger|greater|higher of? ~open? $ex2:a ,|and $num:n ~close?', ({ a, n }) => (rowLevel(a) ? cases([{ when: { kind: 'compare', op: '<', left: a, right: number(n) }, then: number(n) }], a) : null), -0.2),
  rule('formula', 'min|minimum|smaller|lesser|lower of? ~open? $ex2:a ,|and $num:n ~close?', ({ a, n }) => (rowLevel(a) ? cases([{ when: { kind: 'compare', op: '>', left: a, right: number(n) }, then: number(n) }], a) : null), -0.2),
  rule('clause', '$formula:e as|in|into an? new|extra|separate|further|additional own? column', ({ e }) => (hasTotal(e) && real(e) ? add(e) : null), -0.1),
  rule('formula', '$chosen:e', ({ e }) => e, 0),
  rule('clause', '~add $word $word? ~per $col:b from|by|on|of|using $col:a', ({ a, b }, x: Context) => { const [m, n] = [quantity(a, x), quantity(b, x)]; return m && n && a !== b ? add(op('/', m, n)) : null; }, 0.3),
  rule('clause', 'count $formula:e', ({ e }) => (e.kind === 'total' && e.by.length ? add(e) : null), 0.1),
  // 'Label = honey - buyer': between texts a dash joins
  rule('clause', '~add? ~column? ~named? $name:n =|: $col:a -|–|— $col:b', ({ n, a, b }, x: Context) => ([a, b].every((c) => columnOf(x.head, c).type === 'text' && quantity(c, x) === null && !readsAsDate(x.head, c)) ? add({ kind: 'join', of: [column(a), column(b)], separator: ' - ' }, n) : null), 0),
  // Several formulas, each in brackets behind its name: 'add Off peak (used - peak) and Peak share (peak in % of used, one decimal)'
  rule('boxed', '$name:n ~open $formula:e ~close', ({ n, e }) => (real(e) && rowLevel(e) ? [add(e, n)] : null), 0),
  rule('boxed', '$name:n ~open $formula:e ,? (~round? $places:p ,)? ~blankOut|~blankWord ~without an? $col:c ~close', ({ n, e, p, c }) => (real(e) && rowLevel(e) ? [add(p === undefined ? e : rounded(e, p, 'nearest'), n), blankWhere({ kind: 'empty', of: column(c) })] : null), 0),
  rule('boxed', '$name:n ~open $formula:e ,? ~round? $places:p ~close', ({ n, e, p }) => (real(e) && rowLevel(e) ? [add(rounded(e, p, 'nearest'), n)] : null), 0),
  rule('boxed', '$name:n ~open $formula:e ,? (~round? $places:p ,)? ~blankOut|~blankWord ~if|~wherever $cond:w ~close', ({ n, e, p, w }) => (real(e) && rowLevel(e) ? [add(p === undefined ? e : rounded(e, p, 'nearest'), n), blankWhere(w)] : null), 0),
  rule('boxed', '$name:n ~open $formula:e ,? (~round? $places:p ,?)? ~blankOut|~blankWord ~if either|any|one (of them|these)? ~be ~blankWord ~close', ({ n, e, p }) => (real(e) && rowLevel(e) ? [add(p === undefined ? e : rounded(e, p, 'nearest'), n)] : null), 0),
  // '(takings / seats, unrounded, blank without seats)'
  rule('asIs', 'unrounded', () => true, 0), rule('asIs', 'not|without|no rounded|rounding (off)?', () => true, 0),
  rule('boxed', '$name:n ~open $formula:e ,? $asIs ~close', ({ n, e }) => (real(e) && rowLevel(e) ? [add(e, n)] : null), 0),
  rule('boxed', '$name:n ~open $formula:e ,? $asIs ,? ~blankOut|~blankWord ~if|~wherever $cond:w ~close', ({ n, e, w }) => (real(e) && rowLevel(e) ? [add(e, n), blankWhere(w)] : null), 0),
  rule('boxes', '$boxed:a', ({ a }) => a, 0),
  rule('boxes', '$boxed:a and|,|; $boxes:b', ({ a, b }) => [...a, ...b], 0),
  rule('clause', '~add? (two|three|four|these|the? columns|new|more?)? $boxes:b', ({ b }) => (b.length > 1 ? inTurn(b) : b[0]), 0.05),
  // Naming and adding
  rule('clause', '~add ~column? ~named? $name:n ,|:|;|=|-|– $formula:e', ({ n, e }) => (e.kind === 'number' ? null : add(e, n)), 0.1),
  rule('clause', '~add ~column? ~named $name:n $formula:e', ({ n, e }) => add(e, n), 0.1),
  rule('clause', '~add a? $name:n column|field :|,|;|-|– $formula:e', ({ n, e }) => (e.kind === 'number' ? null : add(e, n)), 0),
  rule('clause', '~add $name:n from|as|is $formula:e', ({ n, e }) => (real(e) ? add(e, n) : null), 0.3),
  rule('clause', '~add ~column ~named $name:n ,|:|;|=|-|–? with|from|as|for|of|containing|that|which|is? is? $formula:e', ({ n, e }) => (e.kind === 'column' ? null : add(e, n)), 0),
  rule('clause', '~add ~column $name:n with|from|as|for|of|containing|that|which|is is? $formula:e', ({ n, e }) => add(e, n), 0.1),
  rule('clause', '~column ~named? $name:n with|from|as|for|holding|containing $formula:e', ({ n, e }) => (e.kind === 'number' ? null : add(e, n)), 0.1),
  rule('clause', '~add the? $name:n ~open $formula:e ~close', ({ n, e }) => (real(e) && rowLevel(e) ? add(e, n) : null), 0.05),
  rule('clause', '~add ~column? ~named? the? $name:n ,|:|;? i.e|i.e.|ie|namely|meaning|viz ,|.? the? $formula:e', ({ n, e }) => (e.kind === 'number' ? null : add(e, n)), 0),
  rule('clause', '~column ~named? $name:n ,|:|;|=|-|– $formula:e', ({ n, e }) => (e.kind === 'number' ? null : add(e, n)), 0.1),
  rule('clause', '~add ~column ~named? $name:n ,|:? ~if $cond:c', ({ n, c }) => add(cases([{ when: c, then: { kind: 'text', value: 'yes' } }], { kind: 'text', value: 'no' }), n), 0.2),
  rule('clause', '~column ~named $name:n $formula:e', ({ n, e }) => add(e, n), 0.1),
  rule('clause', '$name:n , which|that ~be $formula:e', ({ n, e }) => add(e, n), 0),
  rule('clause', 'and $name:n the $formula:e', ({ n, e }) => (real(e) && rowLevel(e) ? add(e, n) : null), 0.2),
  rule('clause', '$name:n , $formula:e', ({ n, e }) => (real(e) ? add(e, n) : null), 0.4),
  rule('clause', 'what|how much ~be? still? open|left|due|owed|owing|outstanding|missing|payable :|,|- $formula:e', ({ e }) => (real(e) ? add(e) : null), 0),
  rule('clause', '$name:n :|,|- ~add ~column with|of|as|for|containing|from? $formula:e', ({ n, e }) => (e.kind === 'number' ? null : add(e, n)), 0),
  rule('clause', '$name:n ,|:? i.e|i.e.|ie|namely|meaning ,|.? the? $formula:e', ({ n, e }) => (real(e) && rowLevel(e) ? add(e, n) : null), 0.05),
  rule('clause', '$remark :|–|- the? $formula:e', ({ e }) => (real(e) && rowLevel(e) ? add(e) : null), 0.15),
  rule('clause', '~add? $name:n in|as a? percent|percentage|% ,? (~round? $places:p ,?)? :|=|–|- the? $formula:e', ({ n, p, e }) => { const r = isRatio(e) ? percented(e) : null; return r && add(p === undefined ? r : rounded(r, p, 'nearest'), n); }, 0),
  rule('clause', '~add? $name:n ,|:? ~round? $places:p :|=|–|- the? $formula:e', ({ n, p, e }) => (real(e) && rowLevel(e) ? add(rounded(e, p, 'nearest'), n) : null), 0.05),
  rule('clause', '~add? $metricName:m (of|for|per ~each? $rows|$noun|$guess|$col)? ~open $formula:e ~close', ({ m, e }) => (real(e) && rowLevel(e) && (m as Metric).formula.includes('/') === isRatio(e) ? add(e) : null), -0.1),
  rule('clause', '~add? $name:n of|for|per ~each $rows|$noun|$guess ~open $formula:e ~close', ({ n, e }) => (real(e) && rowLevel(e) ? add(e, n) : null), 0),
  rule('clause', '$name:n :|= $formula:e', ({ n, e }) => (real(e) && rowLevel(e) ? add(e, n) : null), 0.3),
  // 'Stock times cost = stock value'
  rule('clause', '$ex2:e =|gives|equals|makes the|our? ^$name:n', ({ e, n }) => (e.kind === 'op' && rowLevel(e) ? add(e, n) : null), -0.5),
  rule('clause', '$name:n ~be $formula:e', ({ n, e }) => (real(e) && rowLevel(e) ? add(e, n) : null), 0.3),
  rule('clause', '$col:c including|incl|includes|with|contains|containing $pct:p vat|tax ,|:|;|.|-? (how much)? what|show|add? the? vat|tax ~be|~have? contained|included|there|inside? in|of? it|that|there?', ({ c, p }, x: Context) => { const e = quantity(c, x); return e && add(op('-', e, op('/', e, op('+', number(1), op('/', number(p), number(100))))), 'VAT'); }, -0.3),
  rule('clause', '^$name:n ^$pct:p of|on the? $ex0:e', ({ n, p, e }) => (e.kind === 'number' || /\s/.test(n) || /^(?:over|above|under|below|than|beyond|with|for|by|at|to|of|is|was|are)$/i.test(n) ? null : add(op('*', e, op('/', number(p), number(100))), n)), 0.5),
  rule('clause', '~add? an? ~column? $name:n of|at $pct:p of the? $ex0:e', ({ n, p, e }) => (e.kind === 'number' ? null : add(op('*', e, op('/', number(p), number(100))), n)), 0.1),
  rule('clause', '~add an? ~column? $name:n with|of|at|for $pct:p of the? $ex0:e', ({ n, p, e }) => (e.kind === 'number' ? null : add(op('*', e, op('/', number(p), number(100))), n)), 0),
  rule('clause', '$name:n ~should be $formula:e', ({ n, e }) => (real(e) ? add(e, n) : null), 0.2),
  rule('clause', '~column with|from|for|of|as|containing|that|which is? $formula:e', ({ e }) => (real(e) && rowLevel(e) ? add(e) : null), 0.1),
  rule('clause', '~add ~column? saying|showing|telling|giving|stating|holding|listing us|me? $formula:e', ({ e }) => (real(e) ? add(e) : null), 0.1),
  rule('clause', '~add ~column? that|which says|shows|tells|gives|states|holds|lists us|me? $formula:e', ({ e }) => (real(e) ? add(e) : null), 0.1),
  rule('clause', '~add ~column with|for|of|holding|called? the? $datepart:p', ({ p }, x: Context) => { const c = rowDate(x); return c && add({ kind: 'part', part: p, of: column(c) }); }, 0.1),
  rule('clause', '~add ~column? with|from|for|of|as|containing|that is? $formula:e', ({ e }) => (real(e) ? add(e) : null), 0.1),
  rule('clause', '~add the? $formula:e', ({ e }) => (real(e) && e.kind !== 'measure' ? add(e) : null), 0.1),
  rule('clause', '$formula:e ~into ~column ~named? $name:n', ({ n, e }) => (real(e) ? add(e, n) : null), 0.1),
  rule('clause', '~add? $formula:e ,|and? ~named $name:n', ({ n, e }) => (real(e) ? add(e, n) : null), 0.05),
  rule('clause', '$formula:e', ({ e }) => (real(e) && rowLevel(e) ? add(e) : null), 0.5),
  rule('clause', 'say|write|put|show|mark $chosen:e', ({ e }) => add(e), 0.1),
  rule('clause', 'from|of|for $col:c ~add? $parts:p', ({ c, p }, x: Context) => addParts(c, p, x), 0),
  rule('clause', '~add? $parts:p of|from|in $col:c in|into|as|to their|its? own|separate|two|three|different|individual numeric|number|separate|new? columns|fields (of their own)?', ({ c, p }, x: Context) => (p.length > 1 ? addParts(c, p, x) : null), -0.6),
  rule('clause', '~add? $parts:p of|from|in $col:c into|as|to columns|fields of their own', ({ c, p }, x: Context) => (p.length > 1 ? addParts(c, p, x) : null), -0.6),
  rule('clause', '~add? $parts:p of|from|in $col:c', ({ c, p }, x: Context) => (p.length > 1 ? addParts(c, p, x) : null), 0),
  rule('clause', 'which|what $parts:p ~be|did|does it|they|~each? $rows|$noun|$guess? on|in|happen|held|take|begin|start? place?', ({ p }, x: Context) => { const c = rowDate(x); return c && p.length > 1 ? addParts(c, p, x) : null; }, 0),
  rule('clause', '~add? the? $parts:p of|for|from ~each? the? $rows|$noun (in|into|as two|three|separate|own|different|individual|new|their? own|new|separate? columns|fields)?', ({ p }, x: Context) => { const c = rowDate(x); return c && p.length > 1 ? addParts(c, p, x) : null; }, -0.3),
  rule('rider', 'the? month|months as|in an? number|figure|numbers|figures|digits', () => ({ key: 'months in figures', apply: (state: State) => (state.plans.length > 1 && state.plans.some((p) => p.step === 'calculate' && p.as.kind === 'part' && p.as.part === 'month') ? nothing.apply(state) : null) }), 0),
  rule('rider', 'the? month|months ~be? by|as|in|with|written|spelled|given a|its|the|their? name|names|word|words|letters|text', () => amend('month by name', (plan) => (plan.step === 'calculate' && plan.as.kind === 'part' && plan.as.part === 'month' ? { ...plan, as: { ...plan.as, part: 'month name' } } : null)), -0.1),
  rule('parts', '$datepart:p and|, which|what $parts:r', ({ p, r }) => [p, ...r], 0),
  rule('parts', '$datepart:p', ({ p }) => [p], 0),
  rule('parts', '$datepart:p ~list the? $parts:r', ({ p, r }) => [p, ...r], 0),
  rule('clause', '$figure:f (shown|put|written)? next|beside|behind|with to? every|each|all? $rows|$noun of|with|by|for the? same $col:by', ({ f, by }, x: Context) => (f.kind === 'total' && groupable(by, x) ? add({ ...f, by: [by] }) : null), -0.4),
  rule('clause', 'the? $name:n ~be|=|: $formula:e , add|put|save|store|call|name it|that|this as|in|under ~column? ~named? $name:m', ({ e, m }) => (real(e) && rowLevel(e) ? add(e, m) : null), 0),
  rule('clause', '~add|there ~column? a|an? column that|which adds|sums|accumulates|totals up the? $col:c', ({ c }, x: Context) => { const e = over('running', quantity(c, x)); return e && add(e); }, 0),
  rule('clause', 'i|we? want|like|need|would? to? see|know|follow how the? $col:c adds|add|accumulates|accumulate|builds|build|grows|grow up', ({ c }, x: Context) => { const e = over('running', quantity(c, x)); return e && add(e); }, 0),
].flat();

/** Do two names end alike: ‹Opening kWh› and ‹Closing kWh›? */
const sameMeasure = (a: string, b: string): boolean => { const [m, n] = [a, b].map((name) => name.toLowerCase().split(/[\s_]+/)); return m!.length > 1 && n!.length > 1 && m!.at(-1) === n!.at(-1); };
