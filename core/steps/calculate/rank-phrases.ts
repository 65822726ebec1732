import { rule, type Rule } from '../../language/chart';
import { type Along, column, columnsOf, type Expression, number, walk } from '../../formula/expression';
import { amend, type Act, type Context, headAfter, nothing, withPlan } from '../../language/acts';
import { rewrite } from '../../language/rewrite';
import { readsAsDate, readsAsNumber } from '../../formula/check';
import { numbered } from '../../language/grammar/expressions';
import { quantity, groupable, rowDate } from '../../language/grammar/roles';
import { nearMultiple, named, onLast, toMultiple } from './amending';
import { hasTotal, isAcross, over, textual } from './formulas';
import { add } from './adding';
import { unitSort } from '../../values/units';
import type { CalculatePlan } from './step';

/** A rank: the highest is first, of times the shortest. */
const ranked = (name: string, x: Context, by: readonly string[] = []): Expression | null => { const e = quantity(name, x) ?? (readsAsDate(x.head, name) ? column(name) : null); return over((e?.kind === 'measure' && unitSort(e.unit) === 'time') || readsAsDate(x.head, name) ? 'rank up' : 'rank', e, by); };

/** A running figure along the order of another column; of one that has no order of size, the rows are put in order first. */
const orderedBy = (name: string, down = false): Act => ({
  key: `calculate ordered by ${name} ${down}`,
  apply(state) {
    const last = state.plans.at(-1);
    if (last?.step !== 'calculate' || !walksRows(last.as)) return null;
    if (readsAsDate(state.start, name) || readsAsNumber(state.start, name)) return amend(`along ${name} ${down}`, (plan) => (plan.step === 'calculate' ? { ...plan, as: followed(plan.as, { column: name, down }) } : null)).apply(state);
    const before = state.plans.slice(0, -1);
    const base = before.reduce((head, plan) => headAfter(plan, head), state.start);
    const sorted = withPlan({ ...state, plans: before, head: base, problem: null }, { step: 'sort', by: [{ column: name, down }] }, state.topic);
    return withPlan(sorted, last, state.topic);
  },
});

/** A formula whose running figures follow the order of a column. */
const followed = (as: Expression, along: Along): Expression => rewrite(as, (n) => (isWalking(n) ? { ...n, along } : undefined));
/** The rows of each group numbered along a date. */
const numberedAlong = (by: string, date: string | null): Expression | null => (date === null || date === by ? null : followed(numbered([by]), { column: date, down: false }));

const isWalking = (n: unknown): n is Extract<Expression, { kind: 'over' }> => { const e = n as { kind?: string; fn?: string } | null; return typeof n === 'object' && n !== null && e!.kind === 'over' && (e!.fn === 'running' || e!.fn === 'previous' || e!.fn === 'number'); };

const walksRows = (e: Expression): boolean => { let found = false; walk(e, (n) => { found ||= isWalking(n); }); return found; };

function rankWay(plan: CalculatePlan, fn: 'rank' | 'rank up'): CalculatePlan | null {
  return plan.as.kind === 'over' && plan.as.fn.startsWith('rank') ? { ...plan, as: { ...plan.as, fn } } : null;
}

/** Ranks, numbers of rows, and the order that running figures follow. */
export const rankPhrases: readonly Rule[] = [
  // 'Total km so far per scooter'
  rule('ranking', '~figureTotal of? ^$col:c so ^far|up to ^now|then ~each $col:by', ({ c, by }, x: Context) => (readsAsDate(x.head, by) ? null : over('running', quantity(c, x), [by])), -1),
  rule('ranking', '~figureTotal of? ^$col:c so ^far', ({ c }, x: Context) => over('running', quantity(c, x)), -0.2),
  // 'Rank meals by rating within each day': what is ranked is no group
  rule('ranking', '~rankWord the? ^$rows|$col|$noun|$guess by|on|according to? $col:c within|inside|in|for|per each|every|the|its $col:by', ({ c, by }, x: Context) => (c === by ? null : ranked(c, x, [by])), -0.3),
  // Rows numbered within a group
  rule('ranking', 'number|enumerate the|all? $rows|$guess|$noun of|within|for|in|by ~each? $col:by', ({ by }) => numbered([by]), 0),
  rule('ranking', 'number|enumerate the|all? $rows|$guess|$noun from|starting|beginning? at|with|from? one|1? up|on|to? (the? end|bottom)?', () => numbered([]), 0.1),
  rule('ranking', 'number|count|enumerate the|all? $rows|$guess|$noun of|within|for|in|by ~each? $col:by from|starting|beginning at|with|from? one|1 up|on?', ({ by }) => numbered([by]), 0),
  rule('ranking', 'number|count|enumerate the|all? $rows|$guess|$noun of|within|for|in|by ~each? $col:by ,? by|in|along|after order? of? the|their|its? $col:d', ({ by, d }, x: Context) => (readsAsDate(x.head, d) ? numberedAlong(by, d) : null), -0.3),
  rule('ranking', 'number|count|enumerate the|all? $rows|$guess|$noun of|within|for|in|by ~each? $col:by ,? by|in|along (order of)? the? date|dates|time|day', ({ by }, x: Context) => numberedAlong(by, rowDate(x)), -0.3),
  // 'In each crew number the jobs from the earliest to the latest'
  rule('ranking', '~each $col:by ,? number|enumerate the|all? $rows|$guess|$noun (from|starting|beginning)? (with|at)? the? ~earliest (to the? ~latest)?', ({ by }, x: Context) => numberedAlong(by, rowDate(x)), -0.3),
  rule('ranking', 'number|enumerate the|all? $rows|$guess|$noun of|within|for|in|by ~each? $col:by (from|starting|beginning) (with|at)? the? ~earliest (to the? ~latest)?', ({ by }, x: Context) => numberedAlong(by, rowDate(x)), -0.3),
  rule('ranking', '~rankWord ~each $col:by $rows|$noun|$guess by|on|according to? $col:c', ({ c, by }, x: Context) => (c === by ? null : ranked(c, x, [by])), -0.1),
  ...([['~highest|~latest', 'rank'], ['~lowest|~earliest', 'rank up']] as const).flatMap(([words, fn]) => rule('rider', `the? ${words} ^1|one|first`, () => onLast(fn, (plan) => rankWay(plan, fn)), 0.05)),
  rule('aside', '~open 1 for|is|= the? first ,|and? 2 for|is|= the? second (,|and and? so on|...|3 for|is|= the? third)? ...|…|.? .? .? ~close', () => nothing, 0),
  rule('ranking', '=numbering|=numbers per|within|for|inside the|each|every? $col:by (, first $rows|$noun|$guess|one? 1 ,? (second|next 2)?)?', ({ by }) => numbered([by]), 0),
  rule('ranking', 'number|enumerate ~each $col:by $rows|$guess|$noun', ({ by }) => numbered([by]), 0),
  rule('ranking', 'sequence|serial|running|consecutive|row number|numbers for|of|within|in|per ~each? $col:by', ({ by }) => numbered([by]), 0),
  rule('ranking', 'give|assign|add|put the|all|each|every|to? $rows|$noun a|an|with? running|consecutive|sequential|serial|row? number|numbers ~each $col:by', ({ by }) => numbered([by]), 0),
  rule('ranking', 'give|assign ~each? the? $col:by $rows|$guess|$noun a|their|its? numbers|number', ({ by }) => numbered([by]), 0),
  rule('aside', '1 , 2 , 3 (, 4)? ...|…? .? .?', () => nothing, 0),
  rule('rider', 'in the? order', () => onLast('numbered in order', (plan) => (plan.as.kind === 'over' && plan.as.fn === 'number' ? plan : null)), 0),
  rule('aside', 'as they come|came', () => nothing, 0),
  rule('aside', 'in the? order they come|came|of', () => nothing, 0.1),
  rule('ranking', 'which|what place|rank|position does|do|did|has|have|is|was ~each? $rows|$noun|$guess take|takes|have|get|gets|reach|reaches|hold|come|comes|in? by|on|for|in|according to? $col:c', ({ c }, x: Context) => ranked(c, x), -0.2),
  rule('ranking', '~rankWord $rows|$col|$guess|$noun? by|on|according to? $ex2:e', ({ e }) => (e.kind === 'op' ? over('rank', e) : null), 0),
  rule('ranking', '~rankWord $rows? by|on|according|of? to? $col:c', ({ c }, x: Context) => ranked(c, x), 0),
  rule('ranking', '~rankWord $rows? by|on? how many $col:c they? have?', ({ c }, x: Context) => ranked(c, x), 0),
  rule('ranking', '~rankWord $rows|$col|$guess? within|in|inside|for|per the|their|each|its|every? own|same? $col:by by|on|according to? $col:c', ({ c, by }, x: Context) => (c === by ? null : ranked(c, x, [by])), 0.05),
  rule('ranking', '~rankWord (of ~each $rows|$noun|$guess)? by|on|according to? the? $col:c among|within|amongst|in|inside|of those|the|all|ones|rows? ones|rows|$rows|$noun? of|with|having|in the? same $col:by', ({ c, by }, x: Context) => ranked(c, x, [by]), -0.3),
  rule('ranking', '~rankWord $rows? ~each $col:by by|on|according to? $col:c', ({ c, by }, x: Context) => ranked(c, x, [by]), 0),
  rule('ranking', '~rankWord $rows? by|on? $col:c ~each $col:by', ({ c, by }, x: Context) => ranked(c, x, [by]), 0),
  rule('formula', '$ranking:e', ({ e }) => e, 0),
  ...([['tens', 10], ['fives', 5], ['hundreds', 100], ['thousands', 1000], ['fifties', 50]] as const).flatMap(([word, n]) => [
    rule('clause', `~round $cols:c off? to|in the? nearest|next|full|whole|round? ${word}`, ({ c }) => toMultiple(c, n), -0.3),
    rule('clause', `~round $cols:c up to the? nearest|next|full|whole? ${word}`, ({ c }) => toMultiple(c, n, 'up'), -0.3),
    rule('clause', `~round $cols:c down to the? nearest|next|full|whole? ${word}`, ({ c }) => toMultiple(c, n, 'down'), -0.3),
    rule('rider', `~round off? to|in the? nearest|next|full|whole|round? ${word}`, () => onLast(`multiple ${n}`, (plan) => (textual(plan.as) ? null : named(plan, nearMultiple(plan.as, n, 'nearest')))), -0.3),
  ]).flat(),
  rule('rider', '~descending', () => onLast('rank down', (plan) => rankWay(plan, 'rank')), 0.05),
  rule('rider', '~ascending', () => onLast('rank up', (plan) => rankWay(plan, 'rank up')), 0.05),
  rule('rider', 'blanks|gaps|empties ignored|skipped|omitted|excluded', () => onLast('ignoring', (plan) => (isAcross(plan.as) || hasTotal(plan.as) ? plan : null)), 0),
  // Ranks
  rule('ranking', 'number|rank|place|order the|all? $rows|$noun|$guess|$col by|on|according|after to? the? $col:c', ({ c }, x: Context) => ranked(c, x), 0.3),
  rule('ranking', 'number|rank|place the|all? $rows|$noun|$guess|$col 1 ,? 2 ,? 3 ,|.|and|...? .? .? (so|and on|forth)? by|on|according|after to? the? $col:c', ({ c }, x: Context) => ranked(c, x), -0.1),
  rule('rider', 'the? ~highest|one gets|is|has|being|= a? rank|place|number|position 1|one', () => onLast('rank down', (plan) => rankWay(plan, 'rank')), -0.1),
  rule('rider', 'the? ~lowest gets|is|has|being|= a? rank|place|number|position 1|one', () => onLast('rank up', (plan) => rankWay(plan, 'rank up')), -0.1),
  rule('rider', 'ties|equals|equal|draws ones|values|numbers|rows|scores? get|gets|share|shares|have|has|receive the? same rank|place|number|position', () => onLast('ties share', (plan) => (plan.as.kind === 'over' && plan.as.fn.startsWith('rank') ? plan : null)), 0),
  rule('rider', 'ties|equals|draws share|tie', () => onLast('ties share', (plan) => (plan.as.kind === 'over' && plan.as.fn.startsWith('rank') ? plan : null)), 0),
  rule('rider', 'and? leave|leaves|leaving|with a? gap|gaps|hole|holes (behind|after them|it|ties?)?', () => onLast('ties leave gaps', (plan) => (plan.as.kind === 'over' && plan.as.fn.startsWith('rank') ? plan : null)), 0),
  rule('rider', 'in|by the? order of|by the? $col:c', ({ c }) => orderedBy(c), -0.2),
  // 'A running total, most visitors first': the rows stand so before it runs
  rule('rider', 'in|by the? order|sequence in|that|as|which? which? they|it|we ~be|got? $col:c', ({ c }) => orderedBy(c), -0.3),
  rule('rider', '^$adj:a $rows|$noun|$guess|ones? first|at|on top?', ({ a }) => orderedBy(a.column, a.down), -0.2),
  rule('rider', '~highest|most|biggest|largest $col:c first|at|on top?', ({ c }, x: Context) => (quantity(c, x) ? orderedBy(c, true) : null), -0.3),
  rule('rider', '~lowest|least|fewest|smallest $col:c first|at|on top?', ({ c }, x: Context) => (quantity(c, x) ? orderedBy(c) : null), -0.3),
  rule('rider', 'starting|beginning with|from|at the? ~highest|most|biggest|largest $col:c', ({ c }, x: Context) => (quantity(c, x) ? orderedBy(c, true) : null), -0.3),
  rule('rider', 'in|by|along|following the? order of the? date|dates|time|days', (_s, x: Context) => { const c = rowDate(x); return c && orderedBy(c); }, -0.2),
  rule('rider', 'by|along|over the? date|dates|time|day|days', (_s, x: Context) => { const c = rowDate(x); return c && orderedBy(c); }, -0.1),
  rule('rider', 'in|by? date|time|chronological order|sequence', (_s, x: Context) => { const c = rowDate(x); return c && orderedBy(c); }, -0.2),
  rule('rider', 'chronologically', (_s, x: Context) => { const c = rowDate(x); return c && orderedBy(c); }, -0.1),
  rule('rider', 'by|over the? $col:c', ({ c }, x: Context) => (readsAsDate(x.head, c) ? orderedBy(c) : null), -0.1),
  rule('rider', 'ordered|sorted|going by|on|along the? $col:c', ({ c }) => orderedBy(c), -0.2),
  // Ranks
  rule('rider', 'within|inside|per|for the|each|every|its? same|own? $col:by', ({ by }, x: Context) => (groupable(by, x) ? onLast(`within ${by}`, (plan) => (plan.as.kind === 'over' && plan.as.by.length === 0 && !columnsOf(plan.as).includes(by) ? { ...plan, as: { ...plan.as, by: [by] } } : null)) : null), 0.1),
  rule('clause', 'which|what place|rank|position does|do|did|has|have|is|was ~each $rows|$noun|$guess take|takes|have|get|gets|reach|reaches|hold|come|comes|in? by|on|for|in|according to? $col:c', ({ c }, x: Context) => { const e = ranked(c, x); return e && add(e); }, -0.4),
  rule('rider', 'the? ~highest $col:c first', ({ c }) => onLast(`rank down ${c}`, (plan) => (columnsOf(plan.as).includes(c) ? rankWay(plan, 'rank') : null)), -0.4),
  rule('rider', 'the? ~lowest $col:c first', ({ c }) => onLast(`rank up ${c}`, (plan) => (columnsOf(plan.as).includes(c) ? rankWay(plan, 'rank up') : null)), -0.4),
  rule('rider', 'the? ~highest 1st|first', () => onLast('rank down', (plan) => rankWay(plan, 'rank')), 0.05),
  rule('rider', 'the? ~lowest 1st|first', () => onLast('rank up', (plan) => rankWay(plan, 'rank up')), 0.05),
  rule('rider', 'the? ~highest $col|$word|$guess gets|is|has|being|= 1|one|first', () => onLast('rank down', (plan) => rankWay(plan, 'rank')), 0),
  rule('rider', 'the? ~lowest $col|$word|$guess gets|is|has|being|= 1|one|first', () => onLast('rank up', (plan) => rankWay(plan, 'rank up')), 0),
  rule('rider', 'the? one with the? ~highest gets|is|has|being|= 1|one|first', () => onLast('rank down', (plan) => rankWay(plan, 'rank')), 0),
  rule('rider', '1|one|first being|is|= the? ~highest $word?', () => onLast('rank down', (plan) => rankWay(plan, 'rank')), 0),
  rule('rider', 'the? ~highest gets|is|has|being|= 1|one|first', () => onLast('rank down', (plan) => rankWay(plan, 'rank')), 0),
  rule('rider', 'the? ~lowest gets|is|has|being|= 1|one|first', () => onLast('rank up', (plan) => rankWay(plan, 'rank up')), 0),
  ...([['~highest|~latest', 'rank'], ['~lowest|~earliest', 'rank up']] as const).flatMap(([words, fn]) => [
    rule('rider', `1|one|first for|to|being|is|= the? ${words} $word?`, () => onLast(fn, (plan) => rankWay(plan, fn)), 0),
    rule('rider', `the? ${words} $word|$col|$rows? gets|get|is|has|being|= (a|the|number|no)? 1|one`, () => onLast(fn, (plan) => rankWay(plan, fn)), 0.05),
  ]).flat(),
  ...['in|by|along|following order|sequence of the? day|date|time? (of|when|it was|on which it was)? $col:d', 'in the? order the|they? $rows|$noun? were|was|got $col:d', 'in|by|along the? date|day|time order', 'by ^day|date', 'as they were|was|got $col:d'].map((words) => rule('rider', words, ({ d }, x: Context) => { const c = (d as string | undefined) ?? rowDate(x); return c !== null && readsAsDate(x.head, c) ? orderedBy(c) : null; }, -0.1)).flat(),
  rule('ranking', 'a? running|consecutive|serial|sequential number|numbers', () => numbered([]), 0.5),
  ...([['~earliest|~highest|~latest', 1]] as const).map(([words]) => rule('rider', `the? ${words} being|as|is number? 1|one|first`, () => onLast('rank first', (plan) => (plan.as.kind === 'over' && (plan.as.fn.startsWith('rank') || plan.as.fn === 'number') ? plan : null)), 0.1)).flat(),
  rule('ranking', 'a? running|rolling|cumulative count|tally|number of $rows|$noun|$guess ~each $col:by', ({ by }) => numbered([by]), -0.3),
  rule('ranking', 'which|what number? $rows|$noun|$guess of|on|in|for the|that|its|this? $col:by was|is it|this|that', ({ by }) => numbered([by]), -0.2),
  rule('ranking', 'which|what number? $rows|$noun|$guess of|on the|that|its? day was|is it|this|that', (_s, x: Context) => { const d = rowDate(x); return d === null ? null : numbered([d]); }, -0.3),
  rule('aside', '~open 1 , 2 ,? (3 ,)? ...|…|.? .? .? ~close', () => nothing, 0),
  rule('firstOf', '~be it|this|that|they the? first $rows|$noun|$guess of|on|in|for|at the|that|its|this|their? same? $col:by', ({ by }) => by, 0),
  rule('firstOf', '~be it|this|that the? first $rows|$noun|$guess of|on the|that|its|this? same? day', (_s, x: Context) => rowDate(x), -0.05),
  rule('clause', '$firstOf:by ?|: ~open? yes|y or|/|and? no|n ~close?', ({ by }) => add({ kind: 'choose', cases: [{ when: { kind: 'compare', op: '=', left: numbered([by]), right: number(1) }, then: { kind: 'text', value: 'yes' } }], otherwise: { kind: 'text', value: 'no' } }, 'First'), -0.3),
  rule('ranking', '~countWord $rows|$noun|$guess has|have|had|did this|the|that|each|every|its $col:by had|have|made|make|placed|place|got|get? so|up|until|till far|then|now', ({ by }) => numbered([by]), -0.5),
  rule('ranking', 'sum|add|total up|together? the? $col:c up? as we|you|i|it|they|the? $rows? go|goes|come|comes along|on|down|in|by?', ({ c }, x: Context) => over('running', quantity(c, x)), -0.3),
  rule('rider', 'by|in|along|following order? of? the? $col:c number|no|code|id', ({ c }, x: Context) => (x.head.columns[0]?.name === c ? orderedBy(c) : null), -0.1),
  // Rows that are numbered go from the first one on.
  rule('rider', '1|one|first|starting (with 1)? for|to|being|is|=|at|with|from the? ~earliest $word?', () => onLast('numbered from the first', (plan) => (plan.as.kind === 'over' && plan.as.fn === 'number' ? plan : null)), 0),
  rule('rider', 'the? ~earliest $word|$col|$rows? gets|get|is|has|being|= (a|the|number|no)? 1|one', () => onLast('numbered from the first', (plan) => (plan.as.kind === 'over' && plan.as.fn === 'number' ? plan : null)), 0),
  rule('rider', '~lowest first|gets', () => onLast('rank up', (plan) => rankWay(plan, 'rank up')), 0.1),
].flat();
