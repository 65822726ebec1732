import { columnOf } from '../../table/table';
import { readsAsDate } from '../../formula/check';
import { byPercent, column, columnsOf, number, op, type Expression } from '../../formula/expression';
import { convertUnit, unitSort } from '../../values/units';
import { unitInName } from '../../formula/dimensions';
import { type SpanUnit } from '../../values/date';
import type { Context } from '../acts';
import { rule } from '../chart';
import { stem } from '../words';
import { allowedFor, BEGINS, ENDS, ESTIMATED, MONEY, PLANNED, ageThen, ahead, ahead2, aheadOfTime, asPart, begun, bornColumn, both, columnIn, columnLike, dateColumns, dated, deadlineOf, endCalled, endsOf, groupable, grouped, hasUnit, heads, hourOf, inUnitOf, isHundredfold, isPercentColumn, isRateName, lapse, lasted, late, lessPercent, moneyColumn, namesDate, namesRow, ofOthers, onHand, onlyDate, onlyTime, overdue, percent, percentOf, pricedBy, quantity, readOff, rowDate, ownSpan, rowSpan, sincePrevious, soldFor, span, spanFrom, spentColumn, startColumn, takingsColumn, timed, total, twoTimes, unlikeUnit, untilDate, untilEnd, yearOf } from './roles';

/** What people say of rows, and the names of columns that tell it. */
const PHRASAL: readonly (readonly [string, RegExp])[] = [
  ['picked|pick|picking up', /\b(?:collected|fetched|collection|pick-?up)\b/i],
  ['fetched|taken|took home|away', /\b(?:collected|fetched|collection|picked up)\b/i],
  ['sent|shipped|posted|mailed off|out', /\b(?:sent|shipped|dispatched|despatched|posted)\b/i],
  ['handed|turned|dropped|given in|off', /\b(?:received|brought in|handed in|submitted|dropped off)\b/i],
  ['came|come|coming in', /\b(?:received|arrived|arrival|reported|opened)\b/i],
  ['handed|given|gave|lent|went|taken|took out', /\b(?:out|lent|issued|handed out|borrowed|checked out)\b/i],
  ['signed|sign|signing up', /\b(?:registered|joined|enrolled|signed up|member since)\b/i],
  ['paid|settled up', /\b(?:paid|settled)\b/i],
];

/** An amount without the tax of so many per cent that it holds. */
const untaxed = (p: number, of: Expression): Expression => op('/', of, op('+', number(1), op('/', number(p), number(100))));
/** That tax. */
const taxIn = (p: number, of: Expression): Expression | null => (of.kind === 'number' ? null : op('-', of, untaxed(p, of)));

/** So many per cent of something; a third by dividing, since no decimals say it. */
const partOf = (p: number, e: Expression): Expression => { const n = Math.round(100 / p); return !Number.isInteger(p) && n > 1 && Math.abs(100 / n - p) < 1e-9 ? op('/', e, number(n)) : op('*', e, op('/', number(p), number(100))); };

/**
 * Calculations in words. `ex0` is one value, `ex1` products and quotients, `ex2` sums and differences; `expr` is any
 * of them as a whole. Figures over all rows, or over the rows of a group, are values like others.
 */
/** The number of each row within its group, as they stand. */
export const numbered = (by: readonly string[]): Expression => ({ kind: 'over', fn: 'number', of: number(1), by });
/** Does a column tell how many nights? */
const tellsNights = ({ head }: Context): boolean => head.columns.some((c) => /\bnights\b/i.test(c.name));
/** How many working days each row lasted. */
const workdaysOf = (x: Context): Expression | null => { const e = rowSpan('days', x); return e?.kind === 'span' ? { ...e, unit: 'working days' } : null; };

export const expressionRules = [
  rule('cols', '$col:a', ({ a }) => [a], 0),
  rule('cols', '$col:a ~list $cols:b', ({ a, b }) => (b.includes(a) ? null : [a, ...b]), 0.05),
  rule('col', '$noun ^$col:c', ({ c }) => c, 0.05),
  // 'Lessons attended': of two columns of numbers the one that says what was done with the other
  rule('col', '$col:a ^$col:b', ({ a, b }, x: Context) => (a !== b && /^\p{L}+(?:ed|en|ld|id)$/iu.test(b) && quantity(a, x) !== null && quantity(b, x) !== null && !/^\p{L}+(?:ed|en)$/iu.test(a) ? b : null), 0.02),
  rule('col', '$guess ^$col:c', ({ c }) => c, 0.15),
  rule('col', 'when it|they|he|she|we? was|is|were|got|has been? $col:c', ({ c }) => c, 0.05),
  rule('col', 'when it|they|he|she|we $col:c', ({ c }) => c, 0.05),
  rule('col', 'when ^$col:c', ({ c }, x: Context) => (readsAsDate(x.head, c) ? c : null), 0.1),
  rule('col', 'how $col:c it|they|that? is|are|was|were?', ({ c }) => c, 0.05),
  rule('col', 'the? day|date|time|moment when|that|on|at? which? it|they|he|she|we|$rows was|is|were|got|has? been? $col:c', ({ c }) => c, 0.05),
  rule('col', '$col:c of the|each|every|a|our? $noun', ({ c }) => c, 0.02),
  rule('col', '$col:c ,? that|which|we|they? (are|is|were)? used|wrote|noted|written|found|recorded|entered|mentioned|given down? on|in|for the|our? ^$rows|$noun', ({ c }) => c, 0.05),
  rule('col', 'what|whatever we|they|it|he|she|you? is|was|were|have|has|had|got? $col:c', ({ c }) => c, 0.15),
  ...PHRASAL.map(([words, called]) => rule('col', words, (_s, x: Context) => { const found = x.head.columns.filter((c) => called.test(c.name)); return found.length === 1 ? found[0]!.name : null; }, 0.3)).flat(),
  // 'Tax, which is 20% of what was claimed'
  rule('col', 'what|whatever|everything we|they|he|she|it? ~be|~have? been? claimed|charged|billed|asked|spent|earned|invoiced', (_s, x: Context) => takingsColumn(x), 0.3),
  // 'Euros per kilometre', 'what did a km cost': of what a row comes to
  rule('ex1', '$ex0:a ~per euro|pound|dollar|franc', ({ a }, x: Context) => { const m = moneyColumn(x) ?? takingsColumn(x), e = m === null ? null : quantity(m, x); return e && a.kind === 'column' && a.name !== m ? op('/', a, e) : null; }, 0.2),
  rule('ex1', 'euros|euro|pounds|dollars|money|cost|price ~per $ex0:b', ({ b }, x: Context) => { const m = x.head.columns.some((c) => /\b(?:price|cost|rate|fee)s?\b/i.test(c.name)) ? null : takingsColumn(x), e = m === null ? null : quantity(m, x); return e && b.kind === 'column' && b.name !== m ? op('/', e, b) : null; }, 0.3),
  rule('ex1', 'how much|what do|does|did ~each|a|one|the $col:b cost|costs|come|bring|earn|yield to|in|us?', ({ b }, x: Context) => { const m = takingsColumn(x), [e, q] = [m === null ? null : quantity(m, x), quantity(b, x)]; return e && q && b !== m ? op('/', e, q) : null; }, 0.1),
  // 'What is left of the invoice after parts and labour', 'from the invoice subtract the parts and the labour'
  rule('ex2', 'what|how|whatever much? ~be left|over|remaining of|from the? $ex1:a after|without|less|minus taking|deducting|subtracting|paying|taking? off|away|out? the? $ex1:b', ({ a, b }) => (a.kind === 'number' ? null : op('-', a, b)), -0.2),
  rule('ex2', 'what|how|whatever much? ~be left|over|remaining of|from the? $ex1:a after|without|less|minus taking|deducting|subtracting|paying|taking? off|away|out? the? $ex1:b and the? $ex1:c', ({ a, b, c }) => (a.kind === 'number' ? null : op('-', op('-', a, b), c)), -0.5),
  rule('ex2', 'from the? $ex1:a subtract|deduct|take off|away|out? the? $ex1:b', ({ a, b }) => (a.kind === 'number' ? null : op('-', a, b)), -0.2),
  rule('ex2', 'from the? $ex1:a subtract|deduct|take off|away|out? the? $ex1:b and the? $ex1:c', ({ a, b, c }) => (a.kind === 'number' ? null : op('-', op('-', a, b), c)), -0.8),
  rule('ex2', '$ex1:a with|plus|and an? markup|mark-up|surcharge|margin|premium|supplement of $pct:p', ({ a, p }) => (a.kind === 'number' ? null : byPercent('+', a, p)), -0.2),
  // 'How many days after the promised date was it picked up', 'by how many days was the promised date missed'
  rule('ex1', '$spanUnit:u after|past|beyond|behind the? $col:a ~be|~did|~have ~each? it|they|$rows|$noun|$guess|one? ~be|been? ^$col:b', ({ u, a, b }, x: Context) => (a === b || u === 'minutes' ? null : span(u, a, b, x)), -0.2),
  rule('ex1', 'by? $spanUnit:u ~be|did|was|has the|it|they? ^$col:a missed|overrun|exceeded|overshot', ({ u, a }, x: Context) => { const due = u === 'minutes' ? null : deadlineOf(x); return due && due.due === a ? span(u, due.due, due.done, x) : null; }, -0.1),
  // 'Raised by a fifth', 'with ten percent off', 'ten per cent less'
  ...([['raised|increased|grown|marked up? by', '+'], ['reduced|lowered|cut|decreased|discounted|marked down? by', '-']] as const).map(([words, sign]) => rule('ex2', `$ex1:a ${words} $pct:p`, ({ a, p }) => (a.kind === 'number' ? null : byPercent(sign, a, p)), 0)).flat(),
  rule('ex2', '$ex1:a with|less|at|taking|: an? $pct:p off|less|discount|lower|cheaper|reduction', ({ a, p }) => (a.kind === 'number' ? null : byPercent('-', a, p)), 0),
  rule('ex2', '$ex1:a with|: an? $pct:p more|extra|higher|added', ({ a, p }) => (a.kind === 'number' ? null : byPercent('+', a, p)), 0),
  // 'How many days was each trip', 'days until it was collected'
  rule('stay', 'how many|much $spanUnit:u ~be ~each|the|a $rows|$noun|$guess|$word', ({ u }, x: Context) => rowSpan(u, x), 0.1),
  rule('ex1', '$spanUnit:u until|till|before|to the|it|they|he|she|our|a? $rows|$noun|$guess|$col? ~be|~have|got|get? been? ^$col:b it|them?', ({ u, b }, x: Context) => untilEnd(u, b, x), 0.2),
  rule('ex1', '$spanUnit:u ~did it? ~took until|till|before|to the|it|they|he|she|our|a? $rows|$noun|$guess|$col? ~be|~have|got|get? been? ^$col:b it|them?', ({ u, b }, x: Context) => untilEnd(u, b, x), 0.1),
  // Of what begins and ends, the one or the other
  rule('col', 'start|starts|started|starting|begin|begins|began|beginning', (_s, x: Context) => endsOf(x)?.[0] ?? null, 0.3),
  rule('col', 'leaving|depart|departs|departed|departing|departure|departures', (_s, x: Context) => endCalled(/\b(?:left|leav\w*|depart\w*|out|away|gone)\b/i, x), 0.3),
  rule('col', 'end|ends|ended|ending|finish|finished|finishing', (_s, x: Context) => endsOf(x)?.[1] ?? null, 0.3),
  rule('col', 'return|returning', (_s, x: Context) => endCalled(/\b(?:back|return\w*|in)\b/i, x), 0.3),
  rule('col', 'coming|comes|came|come back|home', (_s, x: Context) => endCalled(/\b(?:back|return\w*|home)\b/i, x), 0.3),
  rule('col', 'come|came|coming|brought|given|taken|sent|handed back', (_s, x: Context) => { const found = x.head.columns.filter((c) => /\b(?:returned|return|back)\b/i.test(c.name)); return found.length === 1 ? found[0]!.name : null; }, 0.15),
  rule('col', 'revenue|turnover|income|earnings|sales|money|=takings|=proceeds', (_s, x: Context) => (x.head.columns.some((c) => /\b(?:revenue|turnover|income|earning|sale|money|taking|proceed)s?\b/i.test(c.name)) ? null : takingsColumn(x)), 0.45),
  rule('col', '$col:c code|codes|entry|entries', ({ c }) => c, 0.15),
  rule('col', '^$col:c ^date', ({ c }, x: Context) => (readsAsDate(x.head, c) && !/\bdate\b/i.test(c) ? c : null), 0.1),
  rule('col', '=date|=day of? ^$col:c', ({ c }, x: Context) => (readsAsDate(x.head, c) && !/\b(?:date|day)\b/i.test(c) ? c : null), 0.1),
  // 'Takings per ticket', of what was sold
  rule('col', '^tickets|ticket|copies|copy|units|unit|items|item ^sold?', (_s, x: Context) => { const found = x.head.columns.filter((c) => /^(?:(?:tickets?|copies|units?|items?|seats) )?sold$/i.test(c.name) && quantity(c.name, x) !== null); return found.length === 1 && !x.head.columns.some((c) => /ticket|cop(?:y|ies)|unit|item/i.test(c.name) && c !== found[0]) ? found[0]!.name : null; }, 0.3),
  rule('col', '^$col:c ^money', ({ c }, x: Context) => (quantity(c, x) && !/\bmoney$/i.test(c) ? c : null), 0.1),
  rule('col', '^$col:c ^temperature|pressure|level|speed|state|condition|quality|quantity|reading', ({ c }) => (/\b(?:temperature|pressure|level|speed|state|condition|quality|quantity|reading)s?$/i.test(c) ? null : c), 0.15),
  rule('col', '$col:c count', ({ c }, x: Context) => (/s$/i.test(c) && quantity(c, x) ? c : null), 0.1),
  rule('col', 'member|members|head|person of $col:c', ({ c }) => c, 0.1),
  rule('col', 'number|amount of $col:c', ({ c }) => c, 0.05),
  rule('col', 'cost|costs|spending|expenses|expenditure|money spent', (_s, x: Context) => (x.head.columns.some((c) => /\b(?:cost|expense|spend)/i.test(c.name)) ? null : moneyColumn(x)), 0.45),
  rule('col', 'number|no|code|id of the|each|every $noun', (_s, x: Context) => x.head.columns[0]?.name ?? null, 0.1),
  rule('col', 'units|unit|pieces|items|number|quantity ^$col:c', ({ c }, x: Context) => (/(?:ed|old|ent|ut|ade)$/i.test(c) && quantity(c, x) ? c : null), 0.02),
  rule('col', 'number|quantity|amount ^$col:c', ({ c }, x: Context) => (quantity(c, x) ? c : null), 0.1),
  rule('col', 'price|prices', (_s, x: Context) => (x.head.columns.some((c) => /\b(?:price|rate|fee|ticket|fare)s?\b/i.test(c.name)) ? null : soldFor(x)), 0.4),
  rule('col', 'state|status|value|contents|content of the? $col:c', ({ c }) => c, 0.1),
  rule('cols', 'both|all|these|every $family:f', ({ f }) => f, -0.3),
  rule('cols', 'two|three|four|2|3|4 $family:f', ({ f }) => f, 0.3),
  rule('cols', 'two|three|four|2|3|4|all|both? ^$family:f columns|fields', ({ f }) => f, -0.3),

  rule('ex0', '$col:c', ({ c }, x: Context) => quantity(c, x), 0),
  // 'Weight in kg', where cells have units
  rule('ex0', '$col:c in|as ^$unit:u', ({ c, u }, x: Context) => { const e = quantity(c, x); return e?.kind === 'measure' && unitSort(e.unit) === unitSort(u) ? { ...e, unit: u } : null; }, 0.4),
  rule('ex0', '$num:n', ({ n }) => number(n), 0.05),
  rule('ex0', '~open $ex2:e ~close', ({ e }) => e, 0),
  rule('ex0', '$word ~open $ex2:e ~close', ({ e }) => (e.kind === 'op' ? e : null), 0.5),
  rule('ex0', '$unit|$col|$word|$noun $word|$noun ~open $ex2:e ~close', ({ e }) => (e.kind === 'op' ? e : null), 0.4),
  rule('ex0', '$col ~open $ex2:e ~close', ({ e }) => (e.kind === 'op' ? e : null), 0.2),
  // 'price per kilo (amount due / kg)': said once more
  rule('ex0', '$col|$word|$metricName ~per $unit|$col|$word|$noun ~open $ex2:e ~close', ({ e }) => (e.kind === 'op' && e.op === '/' ? e : null), 0),
  rule('ex0', '~twice $ex0:e', ({ e }) => op('*', number(2), e), 0.1),
  rule('ex0', '~half $ex0:e', ({ e }) => op('/', e, number(2)), 0.1),
  rule('ex0', '$pct:p of $ex0:e', ({ p, e }) => partOf(p, e), 0.05),
  rule('ex0', '~diff $ex1:a and|to $ex1:b', ({ a, b }) => op('-', a, b), 0.1),
  rule('ex2', '~diff $ex1:a and|to $ex1:b', ({ a, b }) => op('-', a, b), -0.1),
  rule('ex1', '$ex0:a ~per $num:n $col:b', ({ a, n, b }, x: Context) => { const q = quantity(b, x); return q && a.kind !== 'number' && n > 1 ? op('/', a, op('/', q, number(n))) : null; }, -0.1),
  rule('ex0', 'sum|total of $ex0:a and $ex0:b', ({ a, b }) => op('+', a, b), 0.15),
  rule('ex2', 'subtract|deduct $ex1:a from $ex1:b', ({ a, b }) => op('-', b, a), 0.05),
  rule('ex2', 'add $ex1:a to|and $ex1:b', ({ a, b }) => (a.kind === 'number' ? null : op('+', b, a)), 0.2),
  rule('ex2', 'multiply $ex1:a by|with|and $ex1:b', ({ a, b }, x: Context) => op('*', asPart(a, x), asPart(b, x)), 0.05),
  // Compared, with what is between them wanted
  rule('ex2', 'compare the? $ex1:a with|to|and|against the? $ex1:b ,|;|:|.? and? show|give|write|add|note|put|tell|want|enter me|us|down|in? the|a? difference|gap|deviation|variance', ({ a, b }) => op('-', a, b), 0),
  rule('ex2', 'divide $ex1:a by $ex1:b', ({ a, b }) => op('/', a, b), 0.05),
  rule('ex1', 'subtract|deduct $col:a from $col:b', ({ a, b }, x: Context) => span('days', a, b, x), 0.05),
  // 'The difference between takings and adults times ticket plus children times reduced': all of it, or less the first
  rule('ex2', '~diff $ex1:a and|to $ex2:b', ({ a, b }) => (b.kind === 'op' && (b.op === '+' || b.op === '-') ? op('-', a, b) : null), -0.12),
  rule('ex2', 'how far|much ~be? $ex1:a away|off? from $ex2:b', ({ a, b }) => (a.kind === 'number' ? null : op('-', a, b)), 0),
  // 'Adults and children together', 'adults at ticket and children at reduced'
  rule('ex0', '$cols:c together|combined|altogether|summed|added', ({ c }, x: Context) => (c.length > 1 && c.every((n: string) => quantity(n, x)) ? c.map(column).reduce((a: Expression, b: Expression) => op('+', a, b)) : null), 0.1),
  rule('ex0', '$cols:c in|taken|put|added|counted all|total|up|together', ({ c }, x: Context) => (c.length > 1 && c.every((n: string) => quantity(n, x)) ? c.map(column).reduce((a: Expression, b: Expression) => op('+', a, b)) : null), 0.1),
  rule('priced', '$col:a at|for the|a|full? $col:p', ({ a, p }, x: Context) => { const [m, n] = [quantity(a, x), quantity(p, x)]; return m && n && a !== p ? op('*', m, n) : null; }, 0.1),
  rule('ex2', '$priced:a and|plus $priced:b', ({ a, b }) => op('+', a, b), 0),
  // A part that is not the same for all: '3% on cod and 5% for everything else'
  rule('rate', '$pct:p (for $word)? on|for|with|at|if the? $rset:c and|,|but $pct:q (for $word)? on|for|with|at|if? everything|all|everybody|anything|the else|others|rest|other $rows?', ({ p, c, q: r }) => ({ kind: 'choose', cases: [{ when: c, then: number(p / 100) }], otherwise: number(r / 100) }), 0),
  rule('ex2', '$ex1:a ~minus $rate:r', ({ a, r }) => op('*', a, op('-', number(1), r)), 0),
  rule('ex2', '$ex1:a ~sum $rate:r', ({ a, r }) => op('*', a, op('+', number(1), r)), 0),
  rule('ex1', '$rate:r of $ex0:a', ({ a, r }) => op('*', a, r), 0),
  rule('ex0', 'ratio of $ex1:a to $ex1:b', ({ a, b }) => op('/', a, b), 0.1),
  rule('ex0', 'product of $ex1:a and $ex1:b', ({ a, b }) => op('*', a, b), 0.1),

  rule('ex1', '$ex0:e', ({ e }) => e, 0),
  rule('ex1', '$ex1:a ^~times $ex0:b', ({ a, b }, x: Context) => op('*', asPart(a, x), asPart(b, x)), 0.05),
  rule('ex1', '$ex1:a ^~over $ex0:b', ({ a, b }) => (a.kind === 'number' || a.kind === 'over' || isHundredfold(a) || JSON.stringify(a) === JSON.stringify(b) ? null : op('/', a, b)), 0.05),
  rule('ex1', '$num:a divided by $ex0:b', ({ a, b }) => op('/', number(a), b), 0.05),
  // '1.50 for every comp' is a price times how many there are.
  rule('ex1', '$ex0:a ~per head|person|capita|nose|body', ({ a }, x: Context) => { const c = heads(x); return c !== null && a.kind !== 'number' ? op('/', a, column(c)) : null; }, 0.05),
  // 'How full was the hall': what was taken of what there is room for
  rule('ex1', 'how full ~be|~did|~have it|they|~each|the $rows|$noun|$col|$word? get|been? (in|as percent|%)? $goingBy the? ^$col:a $word? and|of|to the? ^$col:b', ({ a, b }, x: Context) => { const [m, n] = [quantity(a, x), quantity(b, x)]; return m && n && a !== b ? percent(TAKEN.test(b) && !TAKEN.test(a) ? op('/', n, m) : op('/', m, n)) : null; }, -0.3),
  rule('ex1', 'how full ~be|~did|~have it|they|~each|the $rows|$noun|$col|$word? get|been? ,?', (_s, x: Context) => fullness(x), 0),
  // 'What was collected less the fee and the travel'
  rule('ex2', '$ex1:a less|minus the|its|their|our? $col:b and the|its|their|our? ^$col:c', ({ a, b, c }, x: Context) => { const [m, n] = [quantity(b, x), quantity(c, x)]; return m && n && b !== c && a.kind !== 'number' && !columnsOf(a).some((k) => k === b || k === c) ? op('-', op('-', a, m), n) : null; }, 0),
  rule('ex2', '$ex2:a ~minus the? ^$col:b ^percentage|percent|%|rate', ({ a, b }, x: Context) => lessPercent(a, b, x), -0.1),
  rule('ex2', '$ex2:a ~minus the? ^$col:b ^in ^percent|%', ({ a, b }, x: Context) => lessPercent(a, b, x), -0.1),
  rule('col', 'people|persons|guests|visitors|those|number|many who|that actually? ^$col:c', ({ c }, x: Context) => (quantity(c, x) ? c : null), 0.1),
  // 'Labour at 0.40 a minute'
  rule('ex1', '$col:c at $num:n (euros|euro|pounds|pound|dollars|cents|€|£)? a|an|per|each|the $unit|minute|hour|day|piece|kilo|km|unit|head|person', ({ c, n }, x: Context) => { const e = quantity(c, x); return e && op('*', e, number(n)); }, 0),
  rule('ex1', '$num:a ~per $ex0:b', ({ a, b }) => (b.kind === 'column' ? op('*', number(a), b) : null), 0.05),
  rule('ex2', '$ex1:e', ({ e }) => e, 0),
  rule('ex2', '$ex2:a ~sum $ex1:b', ({ a, b }, x: Context) => { const p = percentOf(b, a, x); return p ? op('*', a, op('+', number(1), p)) : op('+', a, inUnitOf(b, a)); }, 0.05),
  rule('ex2', '$ex2:a ~minus $ex1:b', ({ a, b }, x: Context) => { const p = percentOf(b, a, x); return p ? op('*', a, op('-', number(1), p)) : op('-', a, inUnitOf(b, a)); }, 0.05),
  rule('ex2', '$ex2:a , ~minus $ex1:b', ({ a, b }) => (a.kind === 'lapse' || a.kind === 'measure' ? op('-', a, inUnitOf(b, a)) : null), 0),
  // 'Gross less tare times the price' says in words what signs would say with brackets, or without: both are read.
  rule('ex2', '$col:a minus|less $col:b times|multiplied by? the? $col:c', ({ a, b, c }, x: Context) => { const [p, q, r] = [quantity(a, x), quantity(b, x), quantity(c, x)]; return p && q && r && a !== b && b !== c && !MONEY.test(a) ? op('*', op('-', p, q), r) : null; }, 0.1),
  // 'pieces in minus cracked, times the price': what comes behind the comma is for all of it
  rule('ex2', '$ex2:a , ^~over $ex0:b', ({ a, b }) => (a.kind === 'op' && (a.op === '+' || a.op === '-') && b.kind !== 'op' ? op('/', a, b) : null), -0.1),
  rule('ex2', '$ex2:a , ^~times $ex0:b', ({ a, b }) => (a.kind === 'op' && a.op !== '*' && a.op !== '^' ? op('*', a, b) : null), -0.2),
  rule('ex2', '$ex2:a ,? and|then that|this|it? is? divided by $ex0:b', ({ a, b }) => op('/', a, b), -0.1),
  rule('ex2', '$ex2:a without|excluding|except|leaving out? the? $ex0:b part|portion|share|bit?', ({ a, b }) => (b.kind === 'number' ? null : op('-', a, inUnitOf(b, a))), 0.05),
  rule('ex2', '$ex2:a ~sum $pct:p tax|vat|interest|surcharge|commission|extra? on? top?', ({ a, p }) => byPercent('+', a, p), 0.05),
  rule('ex2', '$ex2:a without|excluding|before|net the|of? $pct:p tax|vat (~open it|that|which? is|already? included in? the? $col|$word? ~close)?', ({ a, p }) => untaxed(p, a), -0.1),
  rule('ex2', '$ex2:a including|incl|with $pct:p tax|vat|interest|surcharge|commission on top',({ a, p }) => byPercent('+', a, p), -0.1),
  rule('ex1', 'what? our|the|their? $col:a of ~each? $rows|$noun|$guess|$col ~be worth at $col:b', ({ a, b }, x: Context) => both(quantity(a, x), quantity(b, x), (m, n) => op('*', m, n)), -0.2),
  rule('ex1', 'what|how much? ~be the|our|their? $col:a of|in|for ~each $rows|$noun|$guess|$col worth ,? at $col:b price|prices?', ({ a, b }, x: Context) => both(quantity(a, x), quantity(b, x), (m, n) => op('*', m, n)), -0.3),
  rule('ex1', 'what|how much? ~each $rows|$noun|$guess|$col ~be worth ,? $col:a at $col:b price|prices?', ({ a, b }, x: Context) => both(quantity(a, x), quantity(b, x), (m, n) => op('*', m, n)), -0.2),
  // 'What is left of the charge after the cost', as a part of it
  rule('ex2', 'what|which ~share of the|what? $col:a ~be|remains|remain|stays? left|over|remaining? after|once|without|less the|our? $col:b is? (taken|paid|gone|off)? off|out?', ({ a, b }, x: Context) => both(quantity(a, x), quantity(b, x), (m, n) => (a === b ? m : percent(op('/', op('-', m, n), m)))), -0.3),
  // 'What percentage of the seats were sold', 'how many kg did each hive give'
  rule('ex2', 'what|which? percentage|percent|per|% cent? of the|its|all? $col:a ~be|got|has|have|did been? $col:b at|in|for|on|by? ~each? $rows|$noun|$guess?', ({ a, b }, x: Context) => { const [m, n] = [quantity(a, x), quantity(b, x)]; return m && n && a !== b ? percent(op('/', n, m)) : null; }, -0.2),
  rule('ex2', 'how full ~be ~each|the $rows|$noun|$guess|$col ,? in? percent|percentage|%? ,|:|-|–? (going|judging|judged|measured)? by|from|as the? $col:b out? and|of|over|to|against|divided by? the? $col:a', ({ a, b }, x: Context) => { const [m, n] = [quantity(a, x), quantity(b, x)]; return m && n && a !== b ? percent(op('/', n, m)) : null; }, -0.2),
  rule('ex2', 'how many|much $col:a did|does|do|has|have|was|were|is|are ~each $col:b give|yield|bring|produce|make|carry|hold|have|get|earn|use|need|eat|cost|take|sell|given|yielded|brought|produced in|up?', ({ a, b }, x: Context) => { const [m, n] = [quantity(a, x), quantity(b, x)]; return m && n && a !== b && !namesRow(b, x) && /s$/i.test(b) ? op('/', m, n) : null; }, -0.4),
  rule('ex2', '$word|$metricName rate|percentage|percent|share|% ~open $ex1:a out of $ex0:b ~close', ({ a, b }) => (a.kind === 'number' ? null : percent(op('/', a, b))), -0.2),
  rule('ex1', '$col:a out of the|all? $col:b', ({ a, b }, x: Context) => { const [m, n] = [quantity(a, x), quantity(b, x)]; return m && n && a !== b ? op('/', m, n) : null; }, 0.1),
  rule('ex2', 'take|subtract|deduct $ex1:a off|from|away the? $ex0:b ,? and|then divide it|that|the? rest|result|remainder? by the? $ex0:c', ({ a, b, c }) => (b.kind === 'number' ? null : op('/', op('-', b, a), c)), -0.3),
  rule('ex2', 'take|subtract|deduct $ex1:a off|from|away the? $ex0:b', ({ a, b }) => (b.kind === 'number' ? null : op('-', b, a)), -0.1),
  // 'Price per person and night'
  rule('ex1', '$col:a per|a $col:b and|per|a night|day', ({ a, b }, x: Context) => { const [m, n, days] = [quantity(a, x), quantity(b, x), rowSpan('days', x)]; return m && n && days && a !== b ? op('/', op('/', m, n), days) : null; }, -0.1),
  rule('ex1', '$col:a for|over|times $num:n months|month|weeks|days|nights|quarters|years', ({ a, n }, x: Context) => { const m = quantity(a, x); return m && /month|week|day|daily|night|quarter|year|annual/i.test(a) ? op('*', m, number(n)) : null; }, 0),
  rule('ex1', '$num:n times|of? the? ^$col:c', ({ n, c }, x: Context) => { const m = quantity(c, x); return m && n > 1 && MONEY.test(c) && /month|week|day|daily|night|quarter/i.test(c) ? op('*', number(n), m) : null; }, 0.1),
  // How many must be sold until the price has brought in the cost
  rule('ex2', 'how many $rows|$noun|$guess|$col|$word (do|does|must|has|have|would|should|need|needs)? ~each? $rows|$noun|$guess|we|it|they? (have|has|need|needs|must)? to? sell|let|rent|place|sold|charge to|before? (it|we|they|is|are)? (to|has|have)? cover|covers|covered|recover|recoup|pay|pays|earn|earns|earned back|for|off? the|its|their? $col:a (at its|the|their $col:b)?', ({ a, b }, x: Context) => { const p = b ?? pricedBy(x); const [m, n] = [quantity(a, x), p === null ? null : quantity(p, x)]; return m && n && a !== p ? { kind: 'round', of: op('/', m, n), places: 0, mode: 'up' } : null; }, -0.3),
  // What is missing up to a minimum, where one column says what there is
  rule('ex2', 'what|how many|much? of? each|every? $rows|$noun|$guess|$word? (are|is|do|does|must|have)? we|it|they|i|there|you? are|is|have|need|must? missing|short|lacking|needed|to|order|buy|reorder|add? of? (each|every $rows|$noun|$guess|$word)? order|buy|reorder? to|until we|it|they|have? reach|reached|get|meet|be|hit|fill to|at|up? the? $col:b', ({ b }, x: Context) => { const a = onHand(x); const [m, n] = [a === null ? null : quantity(a, x), quantity(b, x)]; return m && n && a !== b ? op('-', n, m) : null; }, -0.1),
  rule('ex0', 'a|an|the? fixed|flat|fix? $word|$col of $num:n pounds|pound|euros|euro|dollars|francs|£|€|cents? (~per $rows|$noun|$guess)?', ({ n }) => number(n), 0),
  rule('ex2', '$ex2:a ~minus $pct:p commission|fee|fees|discount|tax|charge|charges|deduction ~minus $ex0:b', ({ a, p, b }) => op('-', byPercent('-', a, p), b), -0.1),
  // 'By how much did each lot beat its estimate'
  rule('ex2', 'by? how much|many|far did|does|has|have|was|were|is|are ~each|the|it|they? $rows|$noun|$guess? beat|exceed|top|beaten|exceeded|overshoot|outdo|above|over|beyond the|its|their? $col:b', ({ b }, x: Context) => { const a = soldFor(x, b), m = a === null ? null : quantity(a, x), n = quantity(b, x); return m && n && ESTIMATED.test(b) ? op('-', m, n) : null; }, -0.2),
  rule('ex2', 'by? how much|many|far did|does|has|have|was|were|is|are ~each|the|it|they? $rows|$noun|$guess? beat|exceed|top|beaten|exceeded|overshoot|outdo|above|over|beyond the|its|their? $col:b ,? in|as percent|percentage|%', ({ b }, x: Context) => { const a = soldFor(x, b), m = a === null ? null : quantity(a, x), n = quantity(b, x); return m && n && ESTIMATED.test(b) ? percent(op('/', op('-', m, n), n)) : null; }, -0.3),
  rule('part', 'on? what|which $datepart:p ~be ~each|the|every|it $rows|$noun|$guess? $col:c', ({ p, c }, x: Context) => { const d = dated(c, x); return d && { kind: 'part', part: p, of: d }; }, -0.1),
  rule('ex2', '$ex2:a including|incl|with $pct:p tax|vat|interest|surcharge|commission', ({ a, p }) => byPercent('+', a, p), 0.05),
  rule('ex0', 'what is|was still|left|being? $word ~open $ex2:e ~close', ({ e }) => (e.kind === 'op' ? e : null), 0.2),
  rule('ex2', '$ex2:a up|increased|raised|lifted|grown|higher by? $pct:p', ({ a, p }) => byPercent('+', a, p), 0),
  rule('ex2', '$ex2:a down|reduced|cut|lowered|decreased|lower by? $pct:p', ({ a, p }) => byPercent('-', a, p), 0),
  rule('ex2', '$pct:p more|higher|up than|on $ex1:a', ({ a, p }) => byPercent('+', a, p), 0.05),
  rule('ex2', '$pct:p less|lower than|on? $ex1:a', ({ a, p }) => byPercent('-', a, p), 0.1),
  // Nothing is taken off minutes or kilos.
  rule('ex2', '$pct:p off the|their|its? $ex1:a', ({ a, p }) => (a.kind === 'column' && hasUnit(a.name) ? null : byPercent('-', a, p)), 0.1),
  rule('ex2', '$ex2:a ~minus $pct:p discount|commission|tax|rebate|off?', ({ a, p }) => byPercent('-', a, p), 0.05),
  rule('ex2', '$ex2:a ~minus $pct:p agency|handling|booking|service|card|platform|sales|admin|shipping|payment|gallery|house? cut|share|fee|fees|charge|charges|margin|cost|costs', ({ a, p }) => byPercent('-', a, p), 0.02),
  rule('ex2', '$ex2:a ~percentOf $ex1:b', ({ a, b }) => (a.kind === 'op' && (a.op === '-' || a.op === '+') && JSON.stringify(a).includes(JSON.stringify(b)) ? percent(op('/', a, b)) : null), -0.3),
  // 'Oil plus lye divided by bars minus rejects': said in one breath, it may be a sum over a difference
  rule('ex2', '$ex2:a ^divided ^by $ex2:b', ({ a, b }) => (a.kind === 'op' && b.kind === 'op' && /^[+-]$/.test(a.op) && /^[+-]$/.test(b.op) ? op('/', a, b) : null), 0.05),
  // 'Grams per bar', of a weight in kilos
  rule('ex1', '^$unit:u per|a|for|each ^$col:b', ({ u, b }, x: Context) => { const c = columnLike(u, x), own = c === null ? null : unitInName(c), factor = own === null ? null : convertUnit(1, own, u), e = quantity(b, x); return c === null || c === b || factor === null || e === null ? null : op('/', factor === 1 ? column(c) : op('*', column(c), number(factor)), e); }, 0.1),
  // 'Peak in % of closing - opening': of the difference, where the other way puts unlike things together
  rule('ex2', '$ex1:a ~percentOf $ex1:b ^~minus $ex1:c', ({ a, b, c }) => (a.kind === 'number' || isHundredfold(a) ? null : percent(op('/', a, op('-', b, c)))), 0.4),
  rule('ex2', '$ex1:a divided by $ex1:b ^~minus $ex1:c', ({ a, b, c }) => (a.kind === 'number' || b.kind === 'number' || c.kind === 'number' ? null : op('/', a, op('-', b, c))), 0.6),
  rule('ex2', '$ex1:a ~percentOf $ex1:b', ({ a, b }) => (JSON.stringify(a) === JSON.stringify(b) || isHundredfold(a) ? null : percent(op('/', a, b))), 0.05),
  rule('ex1', '$ex0:a ~per $unit:u of the? $ex0:b', ({ a, u, b }) => (unlikeUnit(b, u) ? null : a.kind === 'number' || JSON.stringify(a) === JSON.stringify(b) ? null : op('/', a, b)), 0.02),
  rule('ex0', '$col:a to|and $col:b ratio', ({ a, b }, x: Context) => both(quantity(a, x), quantity(b, x), (m, n) => op('/', m, n)), 0.02),
  rule('ex1', '$unit:u ~per $ex0:b', ({ u, b }, x: Context) => { const c = columnIn(u, x), of = c === null ? null : quantity(c, x); return of && b.kind === 'column' && b.name !== c ? op('/', of, b) : null; }, 0.3),
  rule('ex1', '$ex0:a ~per $unit:u', ({ a, u }, x: Context) => { const c = columnIn(u, x), of = c === null ? null : quantity(c, x); return of && a.kind !== 'number' ? op('/', a, of) : null; }, 0.4),
  // 'What weekday was it'
  rule('part', 'on|in? what|which $datepart:p ~be it|that|this|they|these|the? $rows|$noun? on|in|held?', ({ p }, x: Context) => { const c = rowDate(x); return c && { kind: 'part', part: p, of: column(c) }; }, 0),
  // 'The start hour', 'closing hour of each visit': of a column of times
  ...([['=start|=starting|=begin|=beginning|=opening', true], ['=end|=ending|=finish|=finishing|=closing', false]] as const).map(([words, first]) => rule('part', `the? ${words} hour (of|for|from|in ~each|the? $rows|$noun|$guess)?`, (_s, x: Context) => { const own = x.head.columns.filter((c) => timed(c.name, x) && (first ? BEGINS : ENDS).test(c.name)); return own.length === 1 ? hourOf(own[0]!.name, x) : null; }, -0.5)).flat(),
  // 'One per ten pupils': one for so many
  rule('ex2', 'one|1|a (free|extra|more)? ~per|every $num:n ^$col:c', ({ n, c }, x: Context) => { const e = quantity(c, x); return e && n > 1 ? op('/', e, number(n)) : null; }, 0.1),
  rule('part', '$datepart:p of|for ~each? $rows|$noun', ({ p }, x: Context) => { const c = rowDate(x); return c && { kind: 'part', part: p, of: column(c) }; }, 0.1),
  rule('weighed', '$pct:p $col:c', ({ p, c }, x: Context) => { const q = quantity(c, x); return q && op('*', q, op('/', number(p), number(100))); }, 0.05),
  rule('weighted', '$weighed:a', ({ a }) => a, 0),
  rule('weighted', '$weighed:a ~list $weighted:b', ({ a, b }) => op('+', a, b), 0.02),
  rule('ex2', '$weighted:e', ({ e }) => (e.op === '+' ? e : null), -0.1),

  // Over several columns of one row.
  rule('ex0', 'row|line|horizontal ~average of|over|across? $cols:c', ({ c }, x: Context) => (c.length > 1 && c.every((n: string) => quantity(n, x)) ? { kind: 'across', fn: 'mean', of: c.map(column) } : null), -0.1),
  rule('ex0', '~average of? $cols:c', ({ c }, x: Context) => (c.length > 1 && c.every((n: string) => quantity(n, x)) ? { kind: 'across', fn: 'mean', of: c.map(column) } : null), 0.05),
  rule('ex0', '~totalWord of? $cols:c', ({ c }, x: Context) => (c.length > 1 && c.every((n: string) => quantity(n, x)) ? c.map(column).reduce((a: Expression, b: Expression) => op('+', a, b)) : null), 0.1),
  rule('ex0', '~highest of $cols:c', ({ c }, x: Context) => (c.length > 1 && c.every((n: string) => quantity(n, x)) ? { kind: 'across', fn: 'highest', of: c.map(column) } : null), 0.1),
  rule('ex0', '~lowest of $cols:c', ({ c }, x: Context) => (c.length > 1 && c.every((n: string) => quantity(n, x)) ? { kind: 'across', fn: 'lowest', of: c.map(column) } : null), 0.1),

  // Figures over all rows, and brought back from a group.
  rule('figure', '~average of? $col:c', ({ c }, x: Context) => { const q = quantity(c, x); return q && total('mean', q); }, 0.1),
  rule('ex0', '$col:by ~average of? $col:c', ({ c, by }, x: Context) => { const e = quantity(c, x); return e && by !== c ? grouped(total('mean', e), by, x) : null; }, 0.3),
  rule('figure', '~average number of $col:c', ({ c }, x: Context) => { const q = quantity(c, x); return q && total('mean', q); }, 0.05),
  rule('figure', '~figureTotal of? $col:c', ({ c }, x: Context) => { const q = quantity(c, x); return q && total('sum', q); }, 0.1),
  rule('figure', 'all the? $col:c', ({ c }, x: Context) => { const q = quantity(c, x); return q && total('sum', q); }, 0.3),
  rule('figure', '~highest $col:c', ({ c }, x: Context) => { const q = quantity(c, x); return q && total('highest', q); }, 0.15),
  rule('figure', '~lowest $col:c', ({ c }, x: Context) => { const q = quantity(c, x); return q && total('lowest', q); }, 0.15),
  rule('wide', '$figure:f of|over|across|for all $rows', ({ f }) => f, 0),
  rule('wide', '$figure:f of|over|across the? whole|entire|total table|list|sheet', ({ f }) => f, 0),
  rule('ex0', '$wide:f', ({ f }) => f, 0),
  rule('ex0', '$figure:f', ({ f }) => f, 0.25),
  rule('ex0', '$figure:f ~each $col:by', ({ f, by }, x: Context) => grouped(f, by, x), 0.05),
  rule('ex0', '$wide:f ~each $col:by', ({ f, by }, x: Context) => grouped(f, by, x), 0),
  rule('ex0', '$figure:f at|in|for|of that|the|this|its|their|his same? $col:by', ({ f, by }, x: Context) => grouped(f, by, x), 0.05),

  // Spans of time.
  rule('ex1', '~days ~each? $rows? ~took? ~took? from being? $col:a ~fromTo being? $col:b', ({ a, b }, x: Context) => span('days', a, b, x), 0.02),
  rule('ex1', '~days how? did|does ~each? $rows? ~took? from being? $col:a ~fromTo being? $col:b', ({ a, b }, x: Context) => span('days', a, b, x), 0.02),
  ...(['months', 'weeks', 'years'] as const).flatMap((unit) => [
    rule('ex1', `~${unit} between|from|since ~took? $col:a ~fromTo the? $col:b`, ({ a, b }, x: Context) => span(unit, a, b, x), 0),
    rule('ex1', `~${unit} ~each? $rows? ~took? from|between $col:a ~fromTo $col:b`, ({ a, b }, x: Context) => span(unit, a, b, x), 0.02),
    rule('ex1', `$col:a ~fromTo $col:b in ~${unit}`, ({ a, b }, x: Context) => span(unit, a, b, x), 0.05),
  ]).flat(),
  rule('ex1', '~days late|overdue|delayed|delay|behind ,|:|;|-|– from|between? the? $col:a ~fromTo the? $col:b', ({ a, b }, x: Context) => span('days', a, b, x), -0.2),
  rule('ex1', '~days between $col:a and $col:b', ({ a, b }, x: Context) => span('days', a, b, x), 0.02),
  rule('ex1', 'time|duration in days? from|between $col:a ~fromTo $col:b in? days?', ({ a, b }, x: Context) => span('days', a, b, x), 0.2),
  rule('workdays', 'working|work|business|week days', () => true, 0),
  rule('workdays', 'working|business time', () => true, 0.1),
  rule('workdays', 'workdays|weekdays|workday|weekday', () => true, 0),
  rule('ex1', '$workdays ~took? ~took? between|from|since|it? took? from|between? $col:a ~fromTo the? $col:b', ({ a, b }, x: Context) => span('working days', a, b, x), -0.2),
  rule('ex1', 'number of $workdays between|from|since $col:a ~fromTo the? $col:b', ({ a, b }, x: Context) => span('working days', a, b, x), -0.2),
  rule('clockUnit', '~hoursWord', () => 'hours', 0),
  rule('clockUnit', 'minutes|mins', () => 'minutes', 0.02),
  rule('clockUnit', 'number of minutes|mins', () => 'minutes', 0.02),
  rule('clockUnit', 'how many minutes', () => 'minutes', 0),
  rule('ex1', '$clockUnit:u ~took? between|from|since|it? ~took? $col:a ~fromTo the? $col:b', ({ u, a, b }, x: Context) => lapse(u, a, b, x), 0),
  rule('ex1', 'time|duration|length|difference from|between $col:a ~fromTo the? $col:b ,? in $clockUnit:u', ({ u, a, b }, x: Context) => lapse(u, a, b, x), 0),
  rule('ex1', '$col:a ~fromTo $col:b in $clockUnit:u', ({ u, a, b }, x: Context) => lapse(u, a, b, x), 0.05),
  rule('ex1', 'how long ~be|did|does|has|have ~each? $rows|$noun|$guess|it|they with|here|there|in|at|out|stay|wait? us|here|there? until|before|till|when it|they|he|she? ~be? $col:b ,? (in $spanUnit:u)?', ({ b, u }, x: Context) => { const a = readsAsDate(x.head, b) ? startColumn(x) ?? rowDate(x) : null; return a === null || a === b ? null : span(u ?? 'days', a, b, x); }, -0.2),
  rule('col', 'came|come|got|arrived|brought to|in|with|for? us|here', (_s, x: Context) => { const found = x.head.columns.filter((c) => /\b(?:arriv(?:ed|al)|intake|received|admitted|joined|entered)\b/i.test(c.name) && readsAsDate(x.head, c.name)); return found.length === 1 ? found[0]!.name : null; }, 0.1),
  rule('ex1', 'age in? whole|full? $spanUnit:u? when the? $rows|$noun|it|they|he|she ~be? ^$col:c', ({ u, c }, x: Context) => { const b = bornColumn(x) ?? begun(x); return b !== null && b !== c && u !== 'minutes' && u !== 'hours' && readsAsDate(x.head, c) ? span((u as SpanUnit | undefined) ?? 'years', b, c, x) : null; }, -0.2),
  rule('ex1', 'how long ~be|did|does|has|have ~each? $rows|$col|$noun|$guess|it|they $word? use? ,? (in $clockUnit:u)? ,? from|between? $col:a ~fromTo the? $col:b', ({ u, a, b }, x: Context) => lapse(u ?? 'hours', a, b, x), -0.1),
  rule('ex1', 'how long ~be|did|does|has|have ~each? $rows|$col|$noun|$guess|it|they $word? use? ,? from|between? $col:a ~fromTo the? $col:b ,? in $clockUnit:u', ({ u, a, b }, x: Context) => lapse(u, a, b, x), -0.1),
  rule('ex1', 'how long ~be|did|does|has|have ~each? $rows|$col|$noun|$guess|it|they $word? use? ,? in $clockUnit:u', ({ u }, x: Context) => { const t = twoTimes(x); return t && lapse(u, t[0], t[1], x); }, 0.2),
  // 'days each repair took', 'how long was each book out': from what begins a row to what ends it
  rule('spanUnit', '$clockUnit:u', ({ u }) => u, 0),
  ...(['days', 'weeks', 'months', 'years'] as const).flatMap((unit) => rule('spanUnit', `~${unit}`, () => unit, 0)),
  rule('whereabouts', 'in|at|on|with|for|to|out|away|here|there|underway|open the|a|our|us? $rows|$col|$noun|$guess|$word?', () => true, 0.1),
  rule('stay', '$spanUnit:u ~each|a|the $rows|$noun|$guess|$col:k|$word ~lasted $whereabouts?', ({ u, k }, x: Context) => (ofOthers(k, x) ? null : rowSpan(u, x)), 0.1),
  rule('stay', '$spanUnit:u did|does|was|were|is|has|have|had ~each|the|a? $rows|$noun|$guess|it|they ~lasted $whereabouts?', ({ u }, x: Context) => rowSpan(u, x), 0.05),
  rule('ex1', '$spanUnit:u did|does|do|has|have ~each|the $rows|$noun|$guess|$col|they take|takes|taken|need|needs|needed to|until|for|till the? $col:b ,? counted|from|since|starting|beginning|reckoned|measured from|since|with|at? the? $col:a', ({ u, a, b }, x: Context) => (a === b || u === 'minutes' ? null : span(u, a, b, x)), -0.1),
  rule('ex1', '$spanUnit:u until|till|to|before the? $col:b', ({ u, b }, x: Context) => ahead2(u, b, x), 0.3),
  rule('ex1', '$spanUnit:u $whereabouts|$word? $word? ,? counting|counted|reckoned|measured|starting from|between? the? $col:a ~fromTo the? $col:b', ({ u, a, b }, x: Context) => (a === b || u === 'minutes' ? null : span(u, a, b, x)), -0.1),
  // 'Days from the shoot to delivery': the row's own day
  rule('ex1', '$spanUnit:u from|since|after the? ^$rows:r to|until|till|and the|its? ^$col:b', ({ r, u, b }, x: Context) => (namesDate(r, x) ? null : ahead2(u, b, x)), -0.1),
  rule('ex1', 'how many $spanUnit:u did|does|do|has|have the|each|every? ^$col:b take|taken|need|needed|last|lasted (to (come|arrive|be made))?', ({ u, b }, x: Context) => ahead2(u, b, x), -0.2),
  rule('ex1', '$spanUnit:u between the? ^$rows:r and the|its? ^$col:b', ({ r, u, b }, x: Context) => (namesDate(r, x) ? null : ahead2(u, b, x)), -0.1),
  rule('ex1', '$spanUnit:u from|between|since the|its? ^$col:a to|until|till|and|before the? ^$rows:r', ({ r, u, a }, x: Context) => (namesDate(r, x) ? null : ahead(u, a, x)), -0.1),
  rule('ex1', '$spanUnit:u ~each|the $rows|$noun|$guess ~lasted before|until|till it|they|he|she? ~be? ^$col:b', ({ u, b }, x: Context) => { const a = readsAsDate(x.head, b) ? startColumn(x) ?? rowDate(x) : null; return a === null || a === b ? null : span(u, a, b, x); }, -0.2),
  rule('ex1', 'time|duration|interval|delay|period from|between the? $col:a ~fromTo the? $col:b ,? (in $spanUnit:u)?', ({ u, a, b }, x: Context) => (a === b || u === 'minutes' && !timed(a, x) ? null : span(u ?? 'days', a, b, x)), 0),
  rule('part', 'hour|hours of|from|out|in of? the? $col:c', ({ c }, x: Context) => hourOf(c, x), 0),
  // 'how many weeks ahead was each event booked'
  rule('ex1', '$spanUnit:u ahead|beforehand|before|early|earlier ~be ~each? $rows|$noun|$guess|it|they $col:c', ({ u, c }, x: Context) => ahead(u, c, x), 0),
  rule('ex1', '$spanUnit:u in advance ~be ~each? $rows|$noun|$guess|it|they $col:c', ({ u, c }, x: Context) => ahead(u, c, x), 0),
  rule('ex1', 'how long|far ahead|beforehand|before|early|in? advance? ~be ~each? $rows|$noun|$guess|it|they $col:c ,? in $spanUnit:u', ({ u, c }, x: Context) => ahead(u, c, x), 0),
  rule('stay', '$spanUnit:u did|does|do ~each|the|a? $rows|$noun|$guess|$word|$col|it|they take|need|require|use|cost', ({ u }, x: Context) => ownSpan(u, x), -0.15),
  rule('stay', '$spanUnit:u did|does|was|were|is|has|have|had ~each $col:k|$word ~lasted $whereabouts?', ({ u, k }, x: Context) => (ofOthers(k, x) ? null : rowSpan(u, x)), 0.05),
  rule('stay', '$spanUnit:u worked|spent|used|needed|taken|out|away|under ~each $rows|$noun|$guess|$word? way?', ({ u }, x: Context) => rowSpan(u, x), 0.15),
  rule('stay', '~lasted|time|duration|length|stay in|of|at|out? the|a? $rows|$noun|$guess|$col|$word? ,? in|as $spanUnit:u', ({ u }, x: Context) => rowSpan(u, x), 0.2),
  rule('stay', 'delivery|transit|repair|waiting time|times ,? (in|as $spanUnit:u)?', ({ u }, x: Context) => rowSpan(u, x), 0.1),
  rule('ex1', 'delivery|transit|repair|waiting time|times ,? in $workdays', (_s, x: Context) => workdaysOf(x), -0.1),
  rule('stay', 'waiting|processing|delivery|handling|repair|lead|turnaround|transit|cycle ^$spanUnit:u', ({ u }, x: Context) => rowSpan(u, x), 0.05),
  rule('stay', 'turnaround|throughput (time|times)? ,? (in|as $spanUnit:u)?', ({ u }, x: Context) => rowSpan(u, x), 0.05),
  rule('stay', 'lead|processing|cycle|handling time|times ,? (in|as $spanUnit:u)?', ({ u }, x: Context) => rowSpan(u, x), 0.05),
  rule('ex1', 'turnaround|throughput|lead|processing|cycle|handling (time|times)? ,? in $workdays', (_s, x: Context) => workdaysOf(x), -0.1),
  rule('ex1', '$col:c ~per $spanUnit:u between|from $col:a ~fromTo the? $col:b', ({ c, u, a, b }, x: Context) => both(quantity(c, x), span(u, a, b, x), (m, n) => op('/', m, n)), -0.1),
  rule('stay', '$rows|$noun|$guess|$col|$word time|duration|length|stay|period ,? in|as $spanUnit:u', ({ u }, x: Context) => rowSpan(u, x), 0.15),
  rule('stay', 'how long did|does|was|were|is|has|have|had ~each|the|a? $rows|$noun|$guess|$col|$word|it|they ~lasted? $whereabouts? ,? (in $spanUnit:u)?', ({ u }, x: Context) => rowSpan(u, x), 0.05),
  rule('stay', 'how long ~each|the|a $rows|$noun|$guess|$col|$word ~lasted|$word $whereabouts? ,? (in $spanUnit:u)?', ({ u }, x: Context) => rowSpan(u, x), 0.05),
  // 'Nights times rate', 'the number of days': where nothing else tells how long
  rule('stay', '(number of)? nights', (_s, x: Context) => (tellsNights(x) || endsOf(x) === null ? null : rowSpan('days', x)), 0.3),
  rule('stay', '(number of)? hours', (_s, x: Context) => (twoTimes(x) !== null && !x.head.columns.some((c) => /\bhours?\b/i.test(c.name)) ? rowSpan('hours', x) : null), 0.3),
  rule('stay', 'number of days', (_s, x: Context) => (dateColumns(x).length === 2 ? rowSpan('days', x) : null), 0.4),
  rule('ex1', 'nights ~per|of|for|in ~each? $rows|$noun|stay|visit|booking|trip|rental|hire', (_s, x: Context) => (tellsNights(x) ? null : rowSpan('days', x)), 0.3),
  rule('ex2', '$num:n ~per|a $col:c and|per|a|times $col:d', ({ n, c, d }, x: Context) => { const [a, b] = [quantity(c, x), quantity(d, x)]; return a && b && c !== d ? op('*', op('*', number(n), a), b) : null; }, 0),
  rule('ex2', '$num:n ~per|a $col:c and|per|a|times night|day', ({ n, c }, x: Context) => { const a = quantity(c, x), s = tellsNights(x) ? null : rowSpan('days', x); return a && s ? op('*', op('*', number(n), a), s) : null; }, 0),
  rule('ex2', '%|percent|percentage|share|proportion|fraction of the? total|all|overall $stay:e (that)? (~each|the|its $rows|$noun|$guess|$col $word)?', ({ e }) => percent(op('/', e, { kind: 'total', fn: 'sum', of: e, by: [] })), -0.2),
  // 'How many minutes longer than planned did it take'
  rule('ex2', 'how many|much? ^$spanUnit:u longer|later|more|over|behind|beyond than? the|its|what? (it|they|was|were|is)? (was|is)? $ex1:b (did|was|is|were|has|have|does) it|they|each|the|every $rows|$noun|$col|$guess? take|took|taken|last|lasted|land|landed|arrive|arrived|be|run|need|finish|end|come|came?', ({ u, b }, x: Context) => { const e = rowSpan(u, x); return e && b.kind !== 'number' ? op('-', e, b) : null; }, -0.4),
  // 'What did each kWh that was used cost, going by the billed amount', 'price per kWh used, by what was billed'
  rule('goingBy', ',? going|judging|measured|reckoned|counted|calculated by', () => true, 0),
  rule('goingBy', ',? by|from|using', () => true, 0.1),
  rule('goingBy', ',? according|with to', () => true, 0),
  rule('goingBy', ',? based|depending on', () => true, 0),
  rule('perPiece', 'what|how much? did|does|do|is|was each|every|one|a|an|a? single? $ex0:q cost|costs|bring|earn|come|amount to|at|out|in? us?', ({ q }) => q, 0),
  rule('perPiece', 'the? cost|price|rate|money|euros|euro|amount|takings|income (it|that)? (came)? ~per $ex0:q', ({ q }) => q, 0),
  rule('ex2', '$perPiece:q $goingBy the|what? was|is? ^$col:c amount|figure|price|column|total|sum?', ({ q, c }, x: Context) => { const m = quantity(c, x); return m && q.kind !== 'number' && !columnsOf(q).includes(c) ? op('/', m, q) : null; }, -0.5),
  // 'Km driven', 'water used': the end less the start of what is read off
  rule('ex0', 'the? $word:w (that (was|were|is))? driven|travelled|traveled|covered|used|consumed|run|burned|burnt|pumped|produced|use|usage|consumption', ({ w }, x: Context) => readOff(w, x), 0.1),
  rule('ex0', 'the? distance|mileage|usage|consumption (driven|travelled|covered|used)?', (_s, x: Context) => readOff(null, x), 0.3),
  rule('ex1', 'the? hour (at|in)? (which|that|when)? (it|they|the $rows|$noun)? ^$col:c', ({ c }, x: Context) => (timed(c, x) || columnOf(x.head, c).type === 'datetime' ? { kind: 'part', part: 'hour', of: column(c) } : null), 0.1),
  rule('ex1', 'hour|minute of|in|from the|each|every? ^$word:w', ({ w }, x: Context) => { const d = onlyDate(x); return d !== null && columnOf(x.head, d).type === 'datetime' && !x.head.columns.some((c) => c.name.toLowerCase() === w.toLowerCase()) && !/^(?:day|week|month|year)s?$/i.test(w) ? { kind: 'part', part: 'hour', of: column(d) } : null; }, 0.1),
  // 'Load (gross minus tare)': what is meant by it
  rule('ex2', '^$word:w ~open that|this|i.e|=|being|meaning|so|is? is? $ex2:e ~close', ({ w, e }, x: Context) => (e.kind === 'op' && !x.head.columns.some((c) => c.name.toLowerCase() === w.toLowerCase()) ? e : null), 0),
  rule('ex2', '$num:n $word? ~per|for (each|every)? ^$num:k ^$unit:u of? the? $col:c', ({ n, k, u, c }, x: Context) => { const q = quantity(c, x), own = unitInName(c), factor = own === null ? null : convertUnit(1, own, u); return q && k > 0 && factor !== null ? op('*', number(n), op('/', factor === 1 ? q : op('*', q, number(factor)), number(k))) : null; }, -0.1),
  // 'The catch in percent of everything caught'
  rule('ex2', '$col:c in|as a? %|percent|percentage|share of everything|all (that)? (was|is|were)? ^$word:w', ({ c, w }, x: Context) => { const e = quantity(c, x); return e && stem(w) !== 'row' && !x.head.columns.some((h) => h.name !== c && h.name.toLowerCase() === w.toLowerCase()) ? percent(op('/', e, { kind: 'total', fn: 'sum', of: e, by: [] })) : null; }, 0.1),
  // 'Days it took, first and last day counted'
  rule('ex1', '$spanUnit:u (that)? it|they|this|that took|takes|lasted|lasts|needed|needs|ran', ({ u }, x: Context) => rowSpan(u, x), 0.1),
  // 'How much of the budget is used'
  rule('ex2', 'how much|what share|part|percentage|percent? of the? $col:b is|was|are|has|have? been? used|spent|gone|consumed up? (in|as)? (%|percent|percentage)?', ({ b }, x: Context) => { const spent = spentColumn(x), [a, c] = [spent === null ? null : quantity(spent, x), quantity(b, x)]; return a && c && spent !== b && /\b(?:budget|allowance|quota|limit|estimate)\b/i.test(b) ? percent(op('/', a, c)) : null; }, -0.3),
  // '5% off for lots with a score under 3, otherwise the price as is'
  rule('ex2', '$ex1:e ~minus|less $num:n euros|euro|pounds|pound|dollars|€|£|$unit? ~if|for|when|where|~wherever the|it|they? $rset:c ,? (~otherwise (the same|unchanged|as it is))?', ({ e, n, c }) => (e.kind === 'number' ? null : { kind: 'choose', cases: [{ when: c, then: op('-', e, number(n)) }], otherwise: e }), 0),
  rule('ex2', '$ex1:e ~sum|plus $num:n euros|euro|pounds|pound|dollars|€|£|$unit? ~if|for|when|where|~wherever the|it|they? $rset:c ,? (~otherwise (the same|unchanged|as it is))?', ({ e, n, c }) => (e.kind === 'number' ? null : { kind: 'choose', cases: [{ when: c, then: op('+', e, number(n)) }], otherwise: e }), 0),
  rule('ex1', "$spanUnit:u since|after|from the|its|their? $col:g first|earliest $rows|$noun|$guess|one", ({ u, g }, x: Context) => { const d = rowDate(x); return d !== null && groupable(g, x) && u !== 'minutes' && u !== 'hours' ? { kind: 'span', unit: u, from: { kind: 'total', fn: 'lowest', of: column(d), by: [g] }, to: column(d) } : null; }, -0.1),
  rule('ex1', '$rows|$noun number|no of|for|within|in ~each|the $col:g ,? (counting|counted|numbered)? up? (by|in|along)? (the)? (order of)? $col?', ({ g }, x: Context) => (groupable(g, x) ? numbered([g]) : null), -0.1),
  rule('ex1', "$col:c compared|against|versus|vs with|to? the? same? $col:g previous|last|preceding|earlier $rows|$noun|$guess|visit|one", ({ c, g }, x: Context) => { const e = quantity(c, x); return e && c !== g && groupable(g, x) ? op('-', e, { kind: 'over', fn: 'previous', of: e, by: [g] }) : null; }, -0.1),
  // 'The student's previous lesson'
  rule('ex1', "difference|distance|gap|time|days in? $spanUnit:u? to|from|since the|its|their? $col:g previous|last|preceding $rows|$noun|$guess|one", ({ u, g }, x: Context) => sincePrevious(u ?? 'days', [g], x), -0.1),
  rule('ex1', "$spanUnit:u to|from|since the|its|their? $col:g previous|last|preceding $rows|$noun|$guess|one", ({ u, g }, x: Context) => sincePrevious(u, [g], x), -0.1),
  // 'How many lessons had the student had before this one?'
  rule('ex1', '~countWord $rows|$noun|$guess had|has|have|did the|this|each|that? $col:g had|have|taken|take|made|make|booked|done|placed? already? before|until|up|prior to? this|that|it|then one|$rows|$noun?', ({ g }, x: Context) => (groupable(g, x) ? op('-', numbered([g]), number(1)) : null), -0.2),
  rule('ex2', '~share of|in the|its|their? $col:g total spend|spending|income|revenue|turnover|takings|fees|cost|price (is|does|has|makes)? ~each? $rows|$noun|$guess? up?', ({ g }, x: Context) => { const c = takingsColumn(x), e = c === null || c === g ? null : quantity(c, x); return e && groupable(g, x) ? percent(op('/', e, { kind: 'total', fn: 'sum', of: e, by: [g] })) : null; }, -0.2),
  rule('ex1', 'number|position|place|sequence number? of the|each|this? $rows|$noun|$guess within|in|inside its|the|their same? ^$col:g', ({ g }, x: Context) => (groupable(g, x) ? numbered([g]) : null), -0.3),
  // 'How much more or less than the average value of its size'
  rule('ex2', 'how much|many? more|higher|above|over|bigger|heavier|longer or|and|/ less|fewer|lower|below|under|smaller|lighter|shorter $col:m? than|it|is? is|than? the? ~average $col:n? of|for|in|at|on|within the|its|that|their|all? same? ^$col:g', ({ m, n, g }, x: Context) => { const c = (m ?? n) as string | undefined, e = c === undefined || c === g ? null : quantity(c, x); return e && groupable(g, x) ? op('-', e, { kind: 'total', fn: 'mean', of: e, by: [g] }) : null; }, -0.3),
  rule('ex1', '$spanUnit:u until|till|to|before ^$col:b', ({ u, b }, x: Context) => { const a = readsAsDate(x.head, b) ? spanFrom(b, x) : null; return a === null ? null : span(u, a, b, x); }, 0.3),
  rule('ex1', '~countWord $rows|$noun|$guess had|has|have the|this|each|that? same? $col:g had? so|until|till|up far|now|then|today (to (now|then|date))? ,? (this (one|row)? included|including this (one|row)?|counting this (one)?)?', ({ g }, x: Context) => (groupable(g, x) ? numbered([g]) : null), -0.3),
  // 'How many days after the due date it came back'
  rule('ex1', '$spanUnit:u after|past|beyond the? $col:a ~each|the? it|they|$rows|$noun|$guess ~be|came|come|went|got|~have? been? $col:b|back|in|home', ({ u, a, b }, x: Context) => { const to = (b as string | undefined) ?? endCalled(/\b(?:back|return\w*|home)\b/i, x); return to === null || u === 'minutes' || u === 'hours' ? null : span(u, a, to, x); }, -0.2),
  // 'Fine per day late'
  rule('ex1', '$ex0:e ~per $spanUnit:u late|overdue|delayed|behind', ({ e, u }, x: Context) => { const late = e.kind === 'number' ? null : overdue(u, x); return late && op('/', e, late); }, -0.3),
  rule('ex1', '$stay:e', ({ e }) => e, 0),
  rule('ex1', '$ex0:e ~per $spanUnit:u of|on|in the? $rows|$noun|$guess', ({ e, u }, x: Context) => { const s = e.kind === 'number' || !/^(?:minutes|hours|days)$/.test(u) ? null : rowSpan(u, x); return s && op('/', e, s); }, 0),
  // 'how many days late was each job': where one date says when it was due, and one when it was done
  rule('ex1', '$spanUnit:u too? late|overdue|behind|delayed|delay|past (the? deadline|schedule|due)? date?', ({ u }, x: Context) => overdue(u, x), 0.05),
  rule('ex1', '$spanUnit:u too? late|overdue|behind|delayed did|was|were|does|is|has|have ~each? $rows|$col|$noun|$guess|it|they? finished|delivered|returned|been|done|completed|come|arrive|closed?', ({ u }, x: Context) => overdue(u, x), 0),
  ...([['late|overdue|over|behind', 'early|ahead|under|before', 1], ['early|ahead|under|before', 'late|overdue|over|behind', -1]] as const).map(([one, other, sign]) => rule('ex1', `$spanUnit:u too? ${one} $plusSign? or|and|/ too? ${other} $minusSign? did|was|were|does|is|has|have? ~each? $rows|$col|$noun|$guess|it|they? finished|delivered|returned|been|done|completed|come|arrive|closed|$col?`, ({ u }, x: Context) => { const e = overdue(u, x); return e?.kind === 'span' && sign < 0 ? { ...e, from: e.to, to: e.from } : e; }, -0.2)).flat(),
  rule('ex0', 'the|its|their? length|duration (of ~each $rows|$noun)? in|of? hours?', (_s, x: Context) => (x.head.columns.some((c) => /\b(?:length|duration)\b/i.test(c.name)) ? null : rowSpan('hours', x)), 0.2),
  rule('ex0', 'hours|time worked|spent|needed|used|played|driven', (_s, x: Context) => lasted('hours', x), 0.2),
  rule('col', '$col:c rate|price|amount|figure|value|fee', ({ c }, x: Context) => (quantity(c, x) && !/\b(?:rate|price|amount|figure|value|fee)s?$/i.test(c) && !/\b(?:total|sum|count|number|qty|quantity)\b/i.test(c) && isRateName(c) ? c : null), 0.1),
  rule('ex2', '$col:p after|net of? the|its|their|any? $col:d', ({ d, p }, x: Context) => { const [a, b] = [quantity(p, x), quantity(d, x)]; return a && b && p !== d && /\b(?:discount|rebate|reduction|allowance)\b/i.test(d) ? allowedFor(a, b, x) : null; }, -0.3),
  rule('ex2', 'apply|applying|deduct|take the|its|their? $col:d (off|from|to|on)? (the|its)? $col:p', ({ d, p }, x: Context) => { const [a, b] = [quantity(p, x), quantity(d, x)]; return a && b && p !== d && (isPercentColumn(b, x) || /discount|rebate|reduction/i.test(d) && isPercentColumn(b, x)) ? op('*', a, op('-', number(1), op('/', b, number(100)))) : null; }, -0.1),
  rule('ex1', '$spanUnit:u ~be? left|remaining|to go on|at|by|from|as|of of? $date:d', ({ u, d }, x: Context) => { const due = x.head.columns.filter((c) => /\b(?:due|deadline|ends?|expir(?:y|es)|valid|until|till)\b/i.test(c.name) && readsAsDate(x.head, c.name)); return due.length === 1 && u !== 'minutes' ? { kind: 'span', unit: u, from: { kind: 'date', value: d }, to: column(due[0]!.name) } : null; }, 0.1),
  rule('ex1', '$spanUnit:u between ~each|this|the|a|one? $rows|$noun and the|its? one|previous|last|$rows before|above|prior|earlier? it|that|this? from|of|by|for|with|in|at the? same ^$col:g', ({ u, g }, x: Context) => sincePrevious(u, [g], x), -0.2),
  rule('ex1', '$spanUnit:u since|from|after|to the|its? previous|last|preceding|prior $rows|$noun|$guess|one in|of|at|on|for|by|with the? same $col:g', ({ u, g }, x: Context) => sincePrevious(u, [g], x), -0.3),
  rule('ex1', 'difference|distance|gap|time in $spanUnit:u to|from|since the? previous|last|preceding $rows|$noun|$guess of|for|by|with|in the? same $col:g', ({ u, g }, x: Context) => sincePrevious(u, [g], x), -0.1),
  rule('ex1', '~years|~months|~weeks ~have|~be|~did ~each? $rows|$noun|$col|$guess? ~be|~have? been? a|an $noun|$col|$guess|$word on|at|by|until $date:d', ({ d }, x: Context) => { const c = startColumn(x); return c && untilDate(c, d, x); }, 0.2),
  rule('ex0', 'absolute|unsigned (value|values|amount|size)? of? the? $ex0:e', ({ e }) => (e.kind === 'number' ? null : { kind: 'maths', fn: 'absolute value', of: e }), 0),
  rule('ex0', 'absolute|unsigned $metric:e', ({ e }) => ({ kind: 'maths', fn: 'absolute value', of: e }), 0),
  rule('ex0', 'absolute|unsigned ~diff $ex1:a and|to|from $ex1:b', ({ a, b }) => ({ kind: 'maths', fn: 'absolute value', of: op('-', a, b) }), 0),
  rule('ex2', 'surcharge|supplement|extra|bonus|levy|premium of? $pct:p for|on|if|when|where the? $rset:c ,? ((and)? ~otherwise (nothing|none|zero|0))?', ({ p, c }, x: Context) => { const m = takingsColumn(x), e = m === null ? null : quantity(m, x); return e && { kind: 'choose', cases: [{ when: c, then: partOf(p, e) }], otherwise: number(0) }; }, 0),
  // 'Days until it was paid'
  rule('ex1', '$spanUnit:u until|till|before when? it|they|$rows|$noun|that|he|she? ~be|~have|got? been? ^$col:c', ({ u, c }, x: Context) => { const d = rowDate(x); return d === null || d === c || u === 'minutes' || !readsAsDate(x.head, c) ? null : { kind: 'span', unit: u, from: column(d), to: column(c) }; }, 0),
  rule('ex1', 'how long|far beforehand|ahead|before|in advance? advance? ~be|did|~have? ~each? $rows|$noun|$guess|it|they ~be? ^$col:c ,? (in $spanUnit:u)?', ({ c, u }, x: Context) => { const d = rowDate(x); return d === null || d === c || u === 'minutes' || !readsAsDate(x.head, c) ? null : { kind: 'span', unit: u ?? 'days', from: column(c), to: column(d) }; }, -0.2),
  rule('ex1', '$spanUnit:u beforehand|ahead|before|in advance? ~be|did|~have? ~each? $rows|$noun|$guess|it|they? ~be? ^$col:c', ({ c, u }, x: Context) => { const d = rowDate(x); return d === null || d === c || u === 'minutes' || !readsAsDate(x.head, c) ? null : { kind: 'span', unit: u, from: column(c), to: column(d) }; }, 0.1),
  // The date of the row before, of the same group
  rule('ex1', 'when ~be ~each? $col:g previous|last|preceding|earlier|prior $rows|$noun|$guess before? ,|?|;|:? (give|show|write|add the? date|day)?', ({ g }, x: Context) => { const d = rowDate(x); return d === null || g === d || !groupable(g, x) ? null : { kind: 'over', fn: 'previous', of: column(d), by: [g] }; }, 0),
  rule('ex1', 'date|day of ~each? $col:g previous|last|preceding|earlier|prior $rows|$noun|$guess', ({ g }, x: Context) => { const d = rowDate(x); return d === null || g === d || !groupable(g, x) ? null : { kind: 'over', fn: 'previous', of: column(d), by: [g] }; }, 0),
  // 'Each session's share in what its band spent altogether'
  rule('ex2', '~each? $rows|$noun|$guess|its|the? ~share in|of what|everything|all|the total|amount? its|the|that|their same? $col:g spent|spends|paid|pays|earned|made|brought|took|has|had|did? in? ~inTotal?', ({ g }, x: Context) => { const c = takingsColumn(x), e = c === null || c === g ? null : quantity(c, x); return e && groupable(g, x) ? percent(op('/', e, total('sum', e, [g]))) : null; }, -0.1),
  // '10 percent off for sessions of six hours and more'
  rule('ex2', '$ex0:e ,? with|without|less|minus|excluding|after? the? $pct:p tax|vat|gst|sales|duty tax? ~be? taken|removed|excluded|deducted|stripped|subtracted|backed out|off?', ({ e, p }) => (e.kind === 'number' ? null : untaxed(p, e)), -0.3),
  rule('plusSign', '~open +|plus|positive|without sign? ~close', () => true, 0),
  rule('minusSign', '~open -|–|minus|negative ~close', () => true, 0),
  // 'The charge per hour', where the row says how long it took
  rule('ex1', '$ex0:a ~per $spanUnit:u', ({ a, u }, x: Context) => { const e = u === 'hours' || u === 'minutes' ? lasted(u, x) : null; return e && a.kind === 'column' && !/\b(?:per|rate|hourly)\b|\//i.test(a.name) && unitSort(unitInName(a.name) ?? '') !== 'time' && JSON.stringify(a) !== JSON.stringify(e) ? op('/', a, e) : null; }, 0.25),
  // 'What remains to be paid after the deposit'
  rule('ex2', 'what|whatever|amount|sum|money|rest that|which? remains|remain|is|stays|are left|still|due|open|owed? to|for? be|paid? paid|pay|settle|settled|due|left|open after|less|minus|once|without the|our|their|its? $col:d is|was|has|been? paid|taken|off|deducted?', ({ d }, x: Context) => { const m = soldFor(x, d) ?? takingsColumn(x), [a, b] = [m === null || m === d ? null : quantity(m, x), quantity(d, x)]; return a && b ? op('-', a, b) : null; }, -0.2),
  // The tax that a price holds
  rule('ex2', '$pct:p vat|tax|gst ~be? included|contained|inside|in in? the? $ex0:a ,|:|;|- please? give|show|work|calculate|what|add out|is? (me|us)? the? vat|tax|gst amount|part|portion?', ({ p, a }) => taxIn(p, a), -0.2),
  rule('ex2', 'vat|tax|gst at|of? $pct:p ~be? included|contained|inside|in in? the? $ex0:a ,|:|;|- please? give|show|work|calculate|what|add out|is? (me|us)? the? vat|tax|gst amount|part|portion?', ({ p, a }) => taxIn(p, a), -0.2),
  rule('ex2', 'the? vat|tax|gst amount|part|portion? included|contained|inside|in in? the? $ex0:a ,? at|of|with|for? $pct:p', ({ p, a }) => taxIn(p, a), -0.1),
  rule('ex2', 'what|which|the? ~share the? $col:a ~be|makes|make|forms|form|takes|took|represents|accounts up|for? of the? $col:b', ({ a, b }, x: Context) => { const [m, n] = [quantity(a, x), quantity(b, x)]; return m && n && a !== b ? percent(op('/', m, n)) : null; }, -0.2),
  rule('ex1', 'how late did|was|were|does|is|has|have ~each? $rows|$col|$noun|$guess|it|they? finished|delivered|returned|been|done|completed|come|arrive|closed? ,? in $spanUnit:u', ({ u }, x: Context) => overdue(u, x), 0),
  rule('ex1', 'how late did|was|were|does|is|has|have ~each? $rows|$col|$noun|$guess|it|they? finished|delivered|returned|been|done|completed|come|arrive|closed?', (_s, x: Context) => overdue('days', x), 0.2),
  rule('ex1', 'delay|lateness ,? in $spanUnit:u', ({ u }, x: Context) => overdue(u, x), 0.05),
  rule('ex1', '$spanUnit:u of? delay|lateness', ({ u }, x: Context) => overdue(u, x), 0.05),
  rule('ex1', '$spanUnit:u too? early|ahead|before (of? schedule|deadline|time)?', ({ u }, x: Context) => aheadOfTime(u, x), 0.1),
  // 'how many minutes late did every crossing leave'
  rule('ex1', '$clockUnit:u late|behind|delayed|overdue did|was|were|does|is ~each? $rows|$col|$noun|$guess|it|they? $word:w', ({ u, w }, x: Context) => late(u, w, x), 0),
  rule('ex1', '$clockUnit:u late|behind|delayed|overdue (was|were|is ~each? $rows|$col|$noun|$guess|it|they)?', ({ u }, x: Context) => late(u, null, x), 0.05),
  rule('ex1', 'how late did|was|were|does|is ~each? $rows|$col|$noun|$guess|it|they? $word:w ,? in $clockUnit:u', ({ u, w }, x: Context) => late(u, w, x), 0),
  rule('ex1', 'how late did|was|were|does|is ~each? $rows|$col|$noun|$guess|it|they? $word:w ,?', ({ w }, x: Context) => late('minutes', w, x), 0.2),
  rule('ex1', 'delay|lateness of? ~each? $rows|$noun|$guess?', (_s, x: Context) => late('minutes', null, x), 0.2),
  // 'days since the boat's last landing'
  rule('before', 'the|its|their? previous|last|preceding|prior|latest $rows|$noun|$guess|one|time|visit of|by|for|at|in|with the|that|this|each|its? same? $col:c', ({ c }) => c, 0),
  rule('before', 'the|its|their|each|every|this? $col:c previous|last|preceding|prior|latest $rows|$noun|$guess|one|time|visit', ({ c }) => c, 0),
  rule('ex1', '$spanUnit:u since|from|after|between $before:by', ({ u, by }, x: Context) => sincePrevious(u, [by], x), -0.1),
  rule('ex1', '$spanUnit:u since|from|after|between the|its? previous|last|preceding|prior $rows|$noun|$guess|one', ({ u }, x: Context) => sincePrevious(u, [], x), 0),
  rule('ex1', '$spanUnit:u ~took? from|between $col:a ~fromTo|and $col:b', ({ u, a, b }, x: Context) => (a === b || u === 'working days' ? null : span(u, a, b, x)), 0.1),
  // How long a row lasted, as one thing among others
  rule('ex0', 'the|its|their|his duration|length of? the|each? $rows|$noun|$guess?', (_s, x: Context) => { const e = rowSpan(undefined, x); return e && !x.head.columns.some((c) => /duration|length/i.test(c.name)) ? e : null; }, 0.35),
  // 'how long was each boat out, in hours, from A to B'
  ...(['hours', 'minutes', 'days', 'weeks', 'months'] as const).flatMap((unit) => [
    rule('ex1', `how long ~be|did|does|has|have ~each? $rows|$col|$noun|$guess|it out|away|gone|there|open|in|last|take|stay|stand|underway? use? ,? in ${unit} ,? from|between? $col:a ~fromTo the? $col:b`, ({ a, b }, x: Context) => span(unit, a, b, x), -0.3),
    rule('ex1', `how long ~be|did|does|has|have ~each? $rows|$col|$noun|$guess|it out|away|gone|there|open|in|last|take|stay|stand|underway? use? ,? from|between? $col:a ~fromTo the? $col:b ,? in ${unit}`, ({ a, b }, x: Context) => span(unit, a, b, x), -0.3),
  ]).flat(),
  rule('ex1', '~days ~took? from|between|since|until|to? $date:d ~fromTo $col:c', ({ d, c }, x: Context) => { const to = dated(c, x); return to && { kind: 'span', unit: 'days', from: { kind: 'date', value: d }, to }; }, 0),
  rule('ex1', '~days since|from the? $col:c ,? on|at|by|as|counted|reckoned of|on|at|to? $date:d', ({ c, d }, x: Context) => { const from = dated(c, x); return from && { kind: 'span', unit: 'days', from, to: { kind: 'date', value: d } }; }, 0),
  rule('ex1', '~days ~took? from|between|since? $col:c ~fromTo $date:d', ({ d, c }, x: Context) => { const from = dated(c, x); return from && { kind: 'span', unit: 'days', from, to: { kind: 'date', value: d } }; }, 0),
  rule('ex1', '$col:a ~fromTo $col:b in days', ({ a, b }, x: Context) => span('days', a, b, x), 0.1),
  rule('ex1', '$col:b ~minus $col:a in? days?', ({ a, b }, x: Context) => span('days', a, b, x), 0.1),
  ...([['thousands', 1000], ['millions', 1e6], ['hundreds', 100]] as const).map(([word, n]) => rule('ex1', `$col:c in ${word} (of $unit|$word)?`, ({ c }, x: Context) => { const e = quantity(c, x); return e && op('/', e, number(n)); }, 0)).flat(),
  rule('ex1', '$spanUnit:u did|does|do it|they|this|that|we take|took|last until|till|before|to|for $word|something|it|they|$rows|$noun? ~be? ^$col:b', ({ u, b }, x: Context) => ahead2(u, b, x), 0),
  rule('ex1', '$spanUnit:u to|until|till|before $col:b', ({ u, b }, x: Context) => ahead2(u, b, x), 0.25),
  rule('ex1', '$col:b ~minus the? $col:a ,? (in $clockUnit:u)?', ({ a, b, u }, x: Context) => (timed(a, x) && timed(b, x) && !readsAsDate(x.head, a) && (BEGINS.test(a) || ENDS.test(b)) ? lapse(u ?? 'hours', a, b, x) : null), 0),
  // 'How many minutes after 8:00 did they come in?'
  ...([['after|past|since', 1], ['before|until|till|to', -1]] as const).flatMap(([words, sign]) => rule('ex1', `(how many|number of)? $clockUnit:u ${words} ^$clock:m (did|does|do|was|were|is|are)? (they|it|we|each|every|the|he|she)? $rows|$noun|$guess|$col:c|$word? (come|came|arrive|start|go|leave|began|in|open|$col|$word)? in|up|out?`, ({ u, m, c }, x: Context) => { const name = c !== undefined && timed(c, x) ? c : onlyTime(x), e: Expression | null = name === null ? null : { kind: 'clock', of: column(name) }; const d = e && (sign > 0 ? op('-', e, number(m)) : op('-', number(m), e)); return d && (u === 'hours' ? op('/', d, number(60)) : d); }, 0.2)).flat(),
  // 'Departed minus scheduled': minutes, fewer than none where it was early
  rule('ex1', '$col:b ~minus the? $col:a', ({ a, b }, x: Context) => (timed(a, x) && timed(b, x) && a !== b && !readsAsDate(x.head, a) && !readsAsDate(x.head, b) && [a, b].filter((n) => PLANNED.test(n)).length === 1 ? op('-', { kind: 'clock', of: column(b) }, { kind: 'clock', of: column(a) }) : null), -0.1),
  rule('ex1', '$col:b -|minus|less the? $col:a in days', ({ a, b }, x: Context) => span('days', a, b, x), -0.2),

  rule('ex1', '~days until|till|to the|its? $col:c ,? counted|reckoned|starting? from|as|on|since of? $date:d', ({ c, d }, x: Context) => { const to = dated(c, x); return to && { kind: 'span', unit: 'days', from: { kind: 'date', value: d }, to }; }, 0),
  rule('ex1', 'age of the|each|every? $rows|$noun|$guess|$col ,? in? ~whole|full? years? ,? on|at|by $date:d', ({ d }, x: Context) => { const c = bornColumn(x) ?? begun(x); return c && untilDate(c, d, x); }, 0.3),
  rule('ex1', 'how old is|was|were|are|will ~each|everyone|everybody|all|they? $rows|$noun|$guess? be? on|at|by $date:d (in ~years)?', ({ d }, x: Context) => { const c = bornColumn(x) ?? begun(x); return c && untilDate(c, d, x); }, 0),
  rule('ex1', 'how old is|was|were|are|will ~each|everyone|everybody|all|they? $rows|$noun|$guess? be? on|at|by $date:d ,? in $spanUnit:u', ({ d, u }, x: Context) => { const c = bornColumn(x) ?? begun(x); const from = c && dated(c, x); return from && u !== 'minutes' && u !== 'hours' ? { kind: 'span', unit: u, from, to: { kind: 'date', value: d } } : null; }, -0.1),
  rule('ex1', 'age of? ~each|everyone|everybody? $rows|$noun|$guess? on|at|by $date:d', ({ d }, x: Context) => { const c = bornColumn(x) ?? begun(x); return c && untilDate(c, d, x); }, 0),
  rule('ex1', '~years in|with|at|on the|our? $word until|to|on|by|up to? $date:d', ({ d }, x: Context) => { const c = startColumn(x); return c && untilDate(c, d, x); }, 0.1),
  ...(['days', 'weeks', 'months', 'years', 'hours', 'minutes'] as const).map((unit) => rule('ex1', `$word? in ${unit} from|between $col:a ~fromTo $col:b`, ({ a, b }, x: Context) => span(unit, a, b, x), 0.05)).flat(),
  rule('ex2', '~change of|in? $family:f from|between? $num:a ~fromTo $num:b', ({ f, a, b }) => { const [from, to] = [yearOf(f, a), yearOf(f, b)]; return from && to ? op('-', column(to), column(from)) : null; }, 0),
  rule('ex0', '~totalWord of? $family:f over|across|in|of|for both|all|the? two? years|months|quarters|weeks|days|of? them?', ({ f }, x: Context) => (f.every((n: string) => quantity(n, x)) ? f.map(column).reduce((a: Expression, b: Expression) => op('+', a, b)) : null), 0.05),
  rule('ex2', '$col:a out of $num:n as|in a? percentage|percent|%', ({ a, n }, x: Context) => { const m = quantity(a, x); return m && n > 0 ? percent(op('/', m, number(n))) : null; }, -0.2),
  rule('ex2', 'how full|busy|used|occupied ~be ~each? the? $rows|$noun|$guess|$col|$word $word? ,? (in|as a? percent|percentage|%)? :|,|- $ex1:a against|versus|vs|of|to|over|by|with|out of? the|its|their? $ex1:b', ({ a, b }) => (a.kind === 'number' || b.kind === 'number' ? null : percent(op('/', a, b))), -0.2),
  rule('ex2', 'what|which ~share of the? $col:a has|have|had|is|was|were|are already|been? been? $col:b', ({ a, b }, x: Context) => { const [m, n] = [quantity(a, x), quantity(b, x)]; return m && n && a !== b ? percent(op('/', n, m)) : null; }, -0.2),
  rule('ex1', '~share of the? $col:a that|which ~be|got? $col:b', ({ a, b }, x: Context) => { const [m, n] = [quantity(a, x), quantity(b, x)]; return m && n && a !== b ? op('/', n, m) : null; }, -0.2),
  rule('ex2', '~diff $ex1:a and|to what|the? $remark? ~open $ex2:b ~close', ({ a, b }) => op('-', a, b), -0.1),
  rule('ex1', '~years ~each? $rows|$col|$guess|$noun has|had|have|is|was|been? had|held|with|kept|been|owned|rented? (the|our|their? $rows|$noun|$col|$word)? on|at|by|until|up to? $date:d', ({ d }, x: Context) => { const c = startColumn(x); return c && untilDate(c, d, x); }, 0.1),
  rule('ex1', 'how long has|have|had|is|was|were ~each|everyone|everybody|all|they? $rows|$noun|$col|$guess|someone? been? a|an $noun|$col|$guess|$word on|at|by|until|up|to to? $date:d ,|?|;? ?? ,? (in full|whole|complete? months)', ({ d }, x: Context) => { const c = startColumn(x) ?? onlyDate(x), e = c === null ? null : untilDate(c, d, x); return e?.kind === 'span' ? { ...e, unit: 'months' } : null; }, -0.1),
  rule('ex1', 'how long has|have|had|is|was|were ~each|everyone|everybody|all|they? $rows|$noun|$col|$guess|someone? been? with us|here|there|it on|at|by|until|up? to? $date:d ,? in? ~years?', ({ d }, x: Context) => { const c = startColumn(x); return c && untilDate(c, d, x); }, 0.05),
  rule('ex1', 'how long has|have|had|is|was|were ~each|everyone|everybody|all|they|people|he|she? $rows|$noun|$col|$guess|someone? been? with|at us|here|there|it|members|customers ,? in? ~years on|at|by|until|as|up of|to? $date:d', ({ d }, x: Context) => { const c = startColumn(x); return c && untilDate(c, d, x); }, 0),
  rule('ex1', '~years had|has|have? ~each? $rows? had|has|have? been? a? $col:c on|at|by|until $date:d', ({ c, d }, x: Context) => untilDate(c, d, x), 0.02),
  rule('ex1', '~years ~each? $rows? had|has|have? been? with|at us|it on|at|by $date:d', ({ d }, x: Context) => { const c = onlyDate(x); return c && untilDate(c, d, x); }, 0.05),
  rule('ex1', '~years ~each $rows had been with us on $date:d', ({ d }, x: Context) => { const c = onlyDate(x); return c && untilDate(c, d, x); }, 0.02),
  rule('ex1', 'age in? $spanUnit:u? when|at|on|by it|they|the? ~be? $col:c', ({ u, c }, x: Context) => { const b = bornColumn(x) ?? begun(x) ?? rowDate(x) ?? spanFrom(c, x); return b !== null && b !== c && u !== 'minutes' ? span((u as SpanUnit | undefined) ?? 'years', b, c, x) : null; }, -0.2),
  rule('ex1', 'how old is|was|were|are|will ~each|everyone|everybody|all|they? $rows|$noun|$col|$guess? be? on|at|by the? day|date|time of the? $rows|$noun', (_s, x: Context) => ageThen(x), 0),
  rule('ex1', 'age of? the? ~each|everyone|everybody? $rows|$noun|$col|$guess? on|at|by the? day|date|time of the? $rows|$noun', (_s, x: Context) => ageThen(x), 0),
  rule('ex1', 'age of? the? ~each? $rows|$noun|$guess|$col? when it|they ~be? $col:c', ({ c }, x: Context) => { const b = bornColumn(x) ?? begun(x) ?? spanFrom(c, x); return b !== null && b !== c ? both(dated(b, x), dated(c, x), (from, to) => ({ kind: 'span', unit: 'years', from, to })) : null; }, 0),
  rule('ex1', 'age of? the? ~each|everyone|everybody? $rows|$noun|$guess|$col? on|at|by the? $col:c', ({ c }, x: Context) => ageThen(x, c), 0),
  rule('ex1', 'how old is|was|were|are ~each|everyone|everybody|all|they? $rows|$noun|$guess|$col? on|at|by|when the? $col:c', ({ c }, x: Context) => ageThen(x, c), 0),
  rule('ex1', '~days until|till|to|before $date:d from|since|after|counted the|its? $col:c', ({ c, d }, x: Context) => { const from = dated(c, x); return from && { kind: 'span', unit: 'days', from, to: { kind: 'date', value: d } }; }, -0.1),
  rule('ex1', '~years since|from $col:c up to $date:d', ({ c, d }, x: Context) => untilDate(c, d, x), 0.02),
  rule('ex1', '~years from|since|between $col:c to|until|and|on $date:d', ({ c, d }, x: Context) => untilDate(c, d, x), 0.02),

  // Parts of dates.
  rule('datepart', 'year|years', () => 'year', 0),
  rule('datepart', 'month number|figure', () => 'month', 0),
  rule('datepart', 'month|months as? a? number?', () => 'month', 0),
  rule('datepart', 'day|days of? the? month?', () => 'day', 0),
  rule('datepart', 'quarter', () => 'quarter', 0),
  rule('datepart', 'weekday', () => 'weekday', 0),
  rule('datepart', 'day of the? week', () => 'weekday', -0.2),
  rule('datepart', 'only|just the? day of the? week', () => 'weekday', -0.2),
  rule('datepart', 'iso|calendar? week number|of|in? the? year?', () => 'week', 0),
  rule('datepart', 'week|weeks', () => 'week', 0.05),
  rule('datepart', 'number of the week', () => 'week', 0),
  rule('datepart', 'hour|hours of? the? day?', () => 'hour', 0),
  rule('datepart', 'day of the week', () => 'weekday', 0),
  rule('datepart', 'name of the weekday', () => 'weekday', 0),
  rule('datepart', 'month name', () => 'month name', 0),
  rule('datepart', 'month spelled|spelt|written out|in|as a? word|words|letters|full?', () => 'month name', 0),
  rule('datepart', 'weekday spelled|spelt|written out|in|as a? word|words|letters|full?', () => 'weekday', 0),
  rule('datepart', 'month ~open? as|by|in a|its? word|name|words|letters ~close?', () => 'month name', -0.1),
  rule('datepart', 'weekday ~open? as|by|in a|its? word|name|words|letters ~close?', () => 'weekday', -0.1),
  rule('datepart', 'name of the month', () => 'month name', 0),
  rule('datepart', 'month ~open? 1 -|to 12 ~close?', () => 'month', -0.3),
  // One text of both: '2026-03'
  rule('yearMonth', 'year and|& month', () => true, 0.02),
  rule('yearMonth', 'month and|& year', () => true, 0.02),
  rule('together', 'together|combined', () => true, 0),
  rule('together', 'in|into|as a|one|the single|one|same column|field|text|value|cell', () => true, 0),
  rule('together', 'in|into|as one|single', () => true, 0.05),
  rule('part', '$yearMonth of|from|in the? ~each? $rows|$noun|$guess? ,? $together (,? like|as|e.g|eg|written $yearMonthShown)?', (_s, x: Context) => { const c = rowDate(x); return c && { kind: 'part', part: 'month in its year', of: column(c) }; }, -0.2),
  rule('part', '$yearMonth of|from|in the? $col:c ,? $together (,? like|as|e.g|eg|written $yearMonthShown)?', ({ c }, x: Context) => { const d = dated(c, x); return d && { kind: 'part', part: 'month in its year', of: d }; }, -0.2),
  rule('part', '$yearMonth ,? like|as|e.g|eg|written $yearMonthShown', (_s, x: Context) => { const c = rowDate(x); return c && { kind: 'part', part: 'month in its year', of: column(c) }; }, -0.2),
  rule('part', '$yearMonth of|from|in? the? $col:c ,? like|as|e.g|eg|written $yearMonthShown', ({ c }, x: Context) => { const d = dated(c, x); return d && { kind: 'part', part: 'month in its year', of: d }; }, -0.2),
  rule('part', '$datepart:p $rows|$noun|$guess? ~rel? ~each? $rows|$noun? ~be|came|comes|come|landed|took|began $col|$word|in? ,? like|as|e.g|eg|written $yearMonthShown', ({ p }, x: Context) => { const c = rowDate(x); return c && p === 'month' ? { kind: 'part', part: 'month in its year', of: column(c) } : null; }, 0),
  rule('yearMonthShown', '$num:y -|/ $num:m', ({ y, m }) => (y >= 1900 && y <= 2200 && m >= 1 && m <= 12 ? true : null), 0),
  rule('yearMonthShown', '$text:t', ({ t }) => (/^(?:19|20)\d\d-(?:0[1-9]|1[0-2])$|^yyyy-mm$/i.test(t) ? true : null), 0),
  rule('yearMonthShown', 'yyyy - mm', () => true, 0),
  rule('part', '$datepart:p of|from|in $col:c', ({ p, c }, x: Context) => { const d = dated(c, x); return d && { kind: 'part', part: p, of: d }; }, 0.05),
  rule('part', '$datepart:p was|is it? when? $rows? ~be? $col:c', ({ p, c }, x: Context) => { const d = dated(c, x); return d && { kind: 'part', part: p, of: d }; }, 0.1),
  rule('part', 'what $datepart:p was|is it when the? $rows ~be $col:c', ({ p, c }, x: Context) => { const d = dated(c, x); return d && { kind: 'part', part: p, of: d }; }, 0.0),
  rule('part', '$datepart:p in|on|of|that|when|which? which|when? ~each|it|they|every? $rows|$noun|$guess|one? ~be $col:c', ({ p, c }, x: Context) => { const d = dated(c, x); return d && { kind: 'part', part: p, of: d }; }, 0.05),
  rule('part', '$datepart:p ^$col:c', ({ p, c }, x: Context) => { const d = dated(c, x); return d && { kind: 'part', part: p, of: d }; }, 0.1),
  rule('part', '$datepart:p ~each|of|for every|each|all? $rows|$noun', ({ p }, x: Context) => { const c = onlyDate(x); return c && { kind: 'part', part: p, of: column(c) }; }, 0.15),
  rule('part', '$col:c :|, the? $datepart:p only|alone?', ({ p, c }, x: Context) => { const d = dated(c, x); return d && { kind: 'part', part: p, of: d }; }, 0.05),
  rule('part', '$col:c $datepart:p', ({ p, c }, x: Context) => { const d = dated(c, x); return d && { kind: 'part', part: p, of: d }; }, 0.2),

  ...Object.entries({ for: 'sale|rent|hire|now|free|later|collection|repair', in: 'stock|store|progress|transit|use|hand|house|time|person', on: 'hold|order|loan|sale|site|leave|request|time', to: 'do|order|come|follow|check|pay', not: 'given|known|sold|paid|yet|stated|applicable|available|assigned|set|sure|recorded|started|done', no: 'answer|data|value|name|reply|entry|show|idea|note|owner|price', out: 'of stock|of date|of use', self: 'service|employed' })
    .flatMap(([first, rest]) => rest.split('|').map((second) => rule('setPhrase', [first, ...second.split(' ')].join(' '), () => `${first} ${second}`, 0))).flat(),
  rule('expr', '$ex2:e', ({ e }) => e, 0),
  rule('expr', '$part:e', ({ e }) => e, 0),
].flat();

const ROOM = /\b(?:seats|capacity|places|berths|spaces|beds|max|maximum|room for|fits|limit)\b/i;
const TAKEN = /\b(?:came|sold|booked|taken|attended|attendance|visitors|guests|passengers|participants|occupied|enrolled|used|filled|present|signed up)\b/i;
/** How much of the room there is was taken, in per cent: where one column says the one and one the other. */
function fullness(x: Context): Expression | null {
  const numbers = x.head.columns.filter((c) => quantity(c.name, x) !== null), [room, taken] = [numbers.filter((c) => ROOM.test(c.name)), numbers.filter((c) => TAKEN.test(c.name))];
  return room.length === 1 && taken.length === 1 && room[0] !== taken[0] ? percent(op('/', quantity(taken[0]!.name, x)!, quantity(room[0]!.name, x)!)) : null;
}
