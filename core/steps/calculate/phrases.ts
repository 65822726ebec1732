import { readsAsDate, readsAsNumber } from '../../formula/check';
import { fit } from '../../metrics/metrics';
import { columnOf, findColumn } from '../../table/table';
import { isDate } from '../../table/column';
import { converted, unitInName } from '../../formula/dimensions';
import { unitSort } from '../../values/units';
import { uniqueName } from '../../values/names';
import { sampleOf } from '../../language/grammar/samples';
import { add, rounded } from './adding';
import { casePhrases } from './case-phrases';
import { setPhrases } from './set-phrases';
import { shiftPhrases } from './shift-phrases';
import { windowPhrases } from './window-phrases';
import { datePhrases } from './date-phrases';
import { metricPhrases } from './metric-phrases';
import { outlierPhrases } from './outlier-phrases';
import { addressPhrases } from './address-phrases';
import { zonePhrases } from './zone-phrases';
import { personPhrases } from './person-phrases';
import { textPhrases } from './text-phrases';
import type { Metric } from '../../metrics/glossary';
import type { Rounding } from '../../values/number';
import { amend, headAfter, nothing, plans, withPlan, type Act, type Context, type State } from '../../language/acts';
import { keyOf, rule } from '../../language/chart';
import { dated, groupable, percent, quantity, rowDate, total } from '../../language/grammar/expressions';
import { orNoNumber, orZero } from '../../language/grammar/conditions';
import { blank, column, columnsOf, isCondition, number, op, parts, walk, type Case, type Condition, type Expression } from '../../formula/expression';
import type { CalculatePlan } from './step';

/** A formula that says more than a column or a number by itself. */
const real = (e: Expression): boolean => e.kind === 'over' || e.kind === 'moving' || e.kind === 'ago' || (e.kind !== 'column' && e.kind !== 'number' && columnsOf(e).length > 0);

/** Does the formula look at the row itself, not only at figures over many rows? A bare figure is a question, not a column. */
export const rowLevel = (e: Expression): boolean => e.kind !== 'total' && (e.kind === 'column' || e.kind === 'over' || e.kind === 'moving' || e.kind === 'ago' || parts(e).some((p) => isCondition(p) || rowLevel(p)));

/** Is the expression a hundredfold, a percentage already? */
export const isPercent = (e: Expression): boolean => (e.kind === 'round' ? isPercent(e.of) : e.kind === 'op' && e.op === '*' && e.right.kind === 'number' && e.right.value === 100);

/** A change to the calculation said just before. Of several made in one go, the last is meant. */
const onLast = (key: string, change: (plan: CalculatePlan, head: Context['head']) => CalculatePlan | null): Act => amend(`calculate ${key}`, (plan, head) => (plan.step === 'calculate' ? change(plan, head) : null));

const round = (places: number, mode: Rounding = 'nearest'): Act =>
  onLast(`round ${places} ${mode}`, (plan) => (Number.isInteger(places) && places >= 0 && places <= 12 && !textual(plan.as) ? named(plan, rounded(places > 0 ? inParts(plan.as) : plan.as, places, mode)) : null));

/** Weeks with decimals are sevenths of days. */
export const inParts = (e: Expression): Expression => (e.kind === 'span' && e.unit === 'weeks' ? op('/', { ...e, unit: 'days' }, number(7)) : e.kind === 'choose' ? { ...e, cases: e.cases.map((c) => ({ ...c, then: inParts(c.then) })), otherwise: inParts(e.otherwise) } : e);

const textual = (e: Expression): boolean => ['text', 'join', 'cased', 'piece'].includes(e.kind) || (e.kind === 'choose' && e.cases.every((c) => textual(c.then)));

/** The plan with another formula; a name that was made from the old one stays. */
const named = (plan: CalculatePlan, as: Expression): CalculatePlan => ({ ...plan, as });

/** Blank where a condition holds. What is blank there anyway (a missing part, a zero below the line) is only confirmed. */
function blankWhere(condition: Condition): Act {
  return onLast(`blank ${keyOf(condition)}`, (plan, head) => blankedWhere(plan, condition, head));
}

/** A calculation that is blank where a condition holds, before anything else is looked at. */
const withBlank = (plan: CalculatePlan, given: Condition, head: Context['head']): CalculatePlan => {
  const where = orNoNumber(given, head);
  return {
  ...plan,
  as: plan.as.kind === 'choose' ? { ...plan.as, cases: [{ when: where, then: blank }, ...plan.as.cases] } : { kind: 'choose', cases: [{ when: where, then: blank }], otherwise: plan.as },
};
};

/** A calculation that is blank where a condition holds, unless that is so anyway. */
export function blankedWhere(plan: CalculatePlan, condition: Condition, head: Context['head']): CalculatePlan {
  // What is blank anyway is only confirmed; of 'no hives' a zero is meant as well, but not of a stock that is not known.
  if (impliedBlank(condition, plan.as)) return plan;
  const where = orZero(condition, { head });
  return impliedBlank(where, plan.as) ? plan : withBlank(plan, where, head);
}

/** A bare quotient as a percentage; inside a rounding, what is rounded. */
export const percented = (e: Expression): Expression => (e.kind === 'round' ? { ...e, of: percented(e.of) } : e.kind === 'choose' ? { ...e, cases: e.cases.map((c) => (isRatio(c.then) ? { ...c, then: percented(c.then) } : c)), otherwise: isRatio(e.otherwise) ? percented(e.otherwise) : e.otherwise } : percent(e));

function impliedBlank(condition: Condition, e: Expression): boolean {
  if (condition.kind === 'any') return condition.of.every((c) => impliedBlank(c, e));
  const outer = e.kind === 'round' ? e.of : e;
  if (condition.kind === 'empty') return condition.of.kind === 'column' && needs(outer, condition.of.name);
  if (condition.kind !== 'compare' || condition.op !== '=' || condition.right.kind !== 'number' || condition.right.value !== 0) return false;
  let divisor = false;
  walk(outer, (n) => {
    if (n.kind === 'op' && n.op === '/' && keyOf(n.right) === keyOf(condition.left)) divisor = true;
  });
  return divisor;
}

/** Does a blank in the column make the whole blank? */
function needs(e: Expression, name: string): boolean {
  if (e.kind === 'column') return e.name === name;
  if (e.kind === 'op') return needs(e.left, name) || needs(e.right, name);
  if (e.kind === 'round' || e.kind === 'part') return needs(e.of, name);
  // Where it is blank no comparison with it holds, and the rest is blank as well.
  if (e.kind === 'choose') return needs(e.otherwise, name) && e.cases.every((c) => c.when.kind === 'compare' && columnsOf(c.when).includes(name));
  if (e.kind === 'span' || e.kind === 'lapse') return needs(e.from, name) || needs(e.to, name);
  return e.kind === 'over' && e.fn.startsWith('rank') && needs(e.of, name);
}

/** The same with blanks of some columns counted as zero. */
function zeroForBlank(e: Expression, names: readonly string[]): Expression {
  if (e.kind === 'column') return names.includes(e.name) ? { kind: 'orElse', of: e, otherwise: number(0) } : e;
  if (e.kind === 'op') return { ...e, left: zeroForBlank(e.left, names), right: zeroForBlank(e.right, names) };
  return e.kind === 'round' ? { ...e, of: zeroForBlank(e.of, names) } : e;
}

/** A new column of a bare quotient as a percentage; any other plan as it is. */
export const asPercentage = <P extends { readonly step: string }>(plan: P): P => {
  const own = plan as unknown as CalculatePlan;
  // Blank here and there, it is no less a quotient.
  const inner = own.step === 'calculate' && own.as.kind === 'choose' && own.as.cases.every((c) => c.then.kind === 'blank') ? own.as.otherwise : own.as;
  return own.step === 'calculate' && !own.replace && isRatio(inner) && !isPercent(inner) ? ({ ...own, as: percented(own.as) } as unknown as P) : plan;
};

const cases = (list: readonly Case[], otherwise: Expression): Expression => ({ kind: 'choose', cases: list, otherwise });
/** The column itself, calculated anew. */
function setTo(name: string, x: Context, make: (e: Expression) => Expression): Act | null {
  const e = q(name, x);
  return e && plans({ step: 'calculate', name, as: make(e), replace: true });
}

/** Cells emptied where a condition holds. */
const cleared = (names: readonly string[], where: Condition, x: Context): Act | null =>
  names.some((name) => isDate(columnOf(x.head, name).type) && columnsOf(where).includes(name)) ? null : plans(...names.map((name): CalculatePlan => ({ step: 'calculate', name, as: cases([{ when: where, then: blank }], column(name)), replace: true })));

/** A value over the total of its group. */
function shareIn(name: string, by: string, x: Context): Expression | null {
  const e = q(name, x);
  return e && groupable(by, x) ? op('/', e, total('sum', e, [by])) : null;
}
const over = (fn: 'running' | 'previous' | 'rank' | 'rank up', of: Expression | null, by: readonly string[] = []): Expression | null => of && { kind: 'over', fn, of, by };
const q = (name: string, x: Context): Expression | null => quantity(name, x);
/** A rank: the highest is first, of times the shortest. */
const ranked = (name: string, x: Context, by: readonly string[] = []): Expression | null => { const e = q(name, x); return over(e?.kind === 'measure' ? 'rank up' : 'rank', e, by); };

export const phrases = [
  textPhrases,
  datePhrases,
  outlierPhrases,
  personPhrases,
  addressPhrases,
  zonePhrases,
  metricPhrases,
  casePhrases,
  windowPhrases,
  setPhrases,
  shiftPhrases,
  // Over the rows
  rule('ex0', '~running of? $ex0:e', ({ e }) => over('running', e), 0),
  rule('ex0', '~running of? $ex0:e ~each $col:by', ({ e, by }, x: Context) => (readsAsDate(x.head, by) ? null : over('running', e, [by])), 0),
  // Rows numbered within a group
  rule('ranking', 'number|enumerate the|all? $rows|$guess|$noun of|within|for|in|by ~each? $col:by', ({ by }) => ({ kind: 'over', fn: 'number', of: number(1), by: [by] }), 0),
  rule('ranking', 'number|enumerate the|all? $rows|$guess|$noun from|starting|beginning? at|with|from? one|1? up|on|to? (the? end|bottom)?', () => ({ kind: 'over', fn: 'number', of: number(1), by: [] }), 0.1),
  rule('ranking', 'number|count|enumerate the|all? $rows|$guess|$noun of|within|for|in|by ~each? $col:by from|starting|beginning at|with|from? one|1 up|on?', ({ by }) => ({ kind: 'over', fn: 'number', of: number(1), by: [by] }), 0),
  rule('clause', 'number|count|enumerate the|all? $rows|$guess|$noun of|within|for|in|by ~each? $col:by ,? by|in|along|after order? of? the|their|its? $col:d', ({ by, d }, x: Context) => (by !== d && readsAsDate(x.head, d) ? plans({ step: 'sort', by: [{ column: d, down: false }] }, { step: 'calculate', name: uniqueName(`Number within ${by}`, x.head.columns.map((c) => c.name)), as: { kind: 'over', fn: 'number', of: number(1), by: [by] }, replace: false }) : null), -0.4),
  rule('clause', 'number|count|enumerate the|all? $rows|$guess|$noun of|within|for|in|by ~each? $col:by ,? by|in|along (order of)? the? date|dates|time|day', ({ by }, x: Context) => { const d = rowDate(x); return d !== null && by !== d ? plans({ step: 'sort', by: [{ column: d, down: false }] }, { step: 'calculate', name: uniqueName(`Number within ${by}`, x.head.columns.map((c) => c.name)), as: { kind: 'over', fn: 'number', of: number(1), by: [by] }, replace: false }) : null; }, -0.4),
  rule('ranking', 'number|enumerate ~each $col:by $rows|$guess|$noun', ({ by }) => ({ kind: 'over', fn: 'number', of: number(1), by: [by] }), 0),
  rule('ranking', 'sequence|serial|running|consecutive|row number|numbers for|of|within|in|per ~each? $col:by', ({ by }) => ({ kind: 'over', fn: 'number', of: number(1), by: [by] }), 0),
  rule('ranking', 'give|assign|add|put the|all|each|every|to? $rows|$noun a|an|with? running|consecutive|sequential|serial|row? number|numbers ~each $col:by', ({ by }) => ({ kind: 'over', fn: 'number', of: number(1), by: [by] }), 0),
  rule('ranking', 'give|assign ~each? the? $col:by $rows|$guess|$noun a|their|its? numbers|number', ({ by }) => ({ kind: 'over', fn: 'number', of: number(1), by: [by] }), 0),
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
  rule('ex0', '~change $col:c compared|relative|against|versus|vs to|with? $prev', ({ c }, x: Context) => { const e = q(c, x); return e && op('-', e, over('previous', e)!); }, 0),
  rule('ex0', '~change|~diff in|of|between|to|from|with? the? $col:c and|to|from|with the|that|its? ^$col:d? of|in|on|from? $prev', ({ c, d }, x: Context) => { const e = q(c, x); return e && (d === undefined || d === c) ? op('-', e, over('previous', e)!) : null; }, -0.1),
  rule('ex0', '~change $col:c from|over|since|to $prev', ({ c }, x: Context) => { const e = q(c, x); return e && op('-', e, over('previous', e)!); }, 0),
  rule('ex0', '~change $col:c change|changed? compared|relative with|to? $prev for|of|in the? same $col:by', ({ c, by }, x: Context) => { const e = q(c, x); return e && op('-', e, over('previous', e, [by])!); }, 0),
  rule('ex0', '~change $col:c compared|relative|against to|with? $prev ~each $col:by', ({ c, by }, x: Context) => { const e = q(c, x); return e && op('-', e, over('previous', e, [by])!); }, 0),
  rule('ex2', 'by? how? many|much? $col:c is|are|was|were|lies ~each? $rows|$noun|$guess? $aboveBelow the? ~average of|in|for his|her|its|their|the or? her? same|own? $col:by', ({ c, by }, x: Context) => { const e = q(c, x); return e && groupable(by, x) ? op('-', e, total('mean', e, [by])) : null; }, 0),
  rule('ex2', 'by? how? many|much? $col:c $aboveBelow the? ~average $rows|$noun|$guess|$col? of|in|at|for his|her|its|their|the same|own? $col:by is|are|was|were|lies ~each $rows|$noun|$guess?', ({ c, by }, x: Context) => { const e = q(c, x); return e && groupable(by, x) ? op('-', e, total('mean', e, [by])) : null; }, -0.1),
  rule('ex2', 'by? how? many|much? $col:c is|are|was|were|lies ~each? $rows|$noun|$guess? $aboveBelow the? overall|total|whole? ~average of? all|everything|everybody|table?', ({ c }, x: Context) => { const e = q(c, x); return e && op('-', e, total('mean', e)); }, 0.05),
  rule('ex2', 'difference|deviation|distance|gap of|between|in? ~each $rows|$noun|$guess $col:c to|from|against|and the? ~average of|in|for his|her|its|their|the same|own? $col:by', ({ c, by }, x: Context) => { const e = q(c, x); return e && groupable(by, x) ? op('-', e, total('mean', e, [by])) : null; }, 0),
  rule('ex2', '~diff? $col:c difference|deviation|distance|gap to|from|against|and the? ~average of|in|for his|her|its|their|the same|own? $col:by', ({ c, by }, x: Context) => { const e = q(c, x); return e && groupable(by, x) ? op('-', e, total('mean', e, [by])) : null; }, 0.05),
  rule('ex2', 'difference|deviation|distance|gap of|between|in? ~each? $rows|$noun? $col:c to|from|against|and the? $col:by ~average', ({ c, by }, x: Context) => { const e = q(c, x); return e && groupable(by, x) ? op('-', e, total('mean', e, [by])) : null; }, 0),
  rule('ex2', 'difference|deviation|distance|gap of|between|in? $col:c to|from|against|and the? ~average of|in|for his|her|its|their|the same|own? $col:by', ({ c, by }, x: Context) => { const e = q(c, x); return e && groupable(by, x) ? op('-', e, total('mean', e, [by])) : null; }, 0.05),
  rule('ex2', 'how far|much ~be? ~each? $rows|$noun|$guess|one? ~be? below|under|behind|from|beneath|off the? ~highest|best|top|leading $col:c of|in|at|within|for his|her|its|their|the same|own? $col:by', ({ c, by }, x: Context) => { const e = q(c, x); return e && groupable(by, x) ? op('-', total('highest', e, [by]), e) : null; }, 0),
  rule('ex2', 'how far|much ~be? ~each? $rows|$noun|$guess|one? ~be? below|under|behind|from|beneath|off the? ~highest|best|top|leading $col:c (of all|everyone|everything)?', ({ c }, x: Context) => { const e = q(c, x); return e && op('-', total('highest', e), e); }, 0.1),
  rule('ex2', 'how far|much below|under|behind|from|beneath|off the? ~highest|best|top|leading $col:c of|in|at|within|for his|her|its|their|the same|own? $col:by ~be ~each $rows|$noun|$guess', ({ c, by }, x: Context) => { const e = q(c, x); return e && groupable(by, x) ? op('-', total('highest', e, [by]), e) : null; }, -0.1),
  rule('ex2', 'how far|much ~be? ~each? $rows|$noun|$guess|one? ~be? above|over|from the? ~lowest|worst $col:c of|in|at|within|for his|her|its|their|the same|own? $col:by', ({ c, by }, x: Context) => { const e = q(c, x); return e && groupable(by, x) ? op('-', e, total('lowest', e, [by])) : null; }, 0),
  rule('ex2', 'how? much|far? $comparative:k or $comparative than the? ~average of|in|for|within the|its|their? same|own? $col:by group|class|category|type|kind?', ({ k, by }, x: Context) => { const e = q(k.column, x); return e && groupable(by, x) && by !== k.column ? op('-', e, total('mean', e, [by])) : null; }, 0),
  rule('ex2', 'how? much|far? $comparative:k or $word than the? ~average of|in|for|within the|its|their? same|own? $col:by group|class|category|type|kind?', ({ k, by }, x: Context) => { const e = q(k.column, x); return e && groupable(by, x) && by !== k.column ? op('-', e, total('mean', e, [by])) : null; }, 0.2),
  rule('aboveBelow', 'above|over ~open? plus|+? ~close? or|and below|under ~open? minus|-? ~close?', () => true, 0),
  rule('ex2', 'how many|much ~be? missing|needed|short|lacking to? get|bring|lift|raise|fill? $col:a up? to|until $col:b', ({ a, b }, x: Context) => { const [m, n] = [q(a, x), q(b, x)]; return m && n ? op('-', n, m) : null; }, 0),
  rule('prev', 'the? $rows|$noun before|above', () => true, 0),
  rule('ex0', '~change $col:c from|to|since|against|compared with|to? $prev on|for|of|in|with the? same $col:by', ({ c, by }, x: Context) => { const e = q(c, x); return e && op('-', e, over('previous', e, [by])!); }, -0.05),
  rule('prev', '~previous', () => true, 0),
  rule('prev', '$rows in the? ~previous', () => true, 0),
  rule('prev', 'the? previous|preceding|prior|last $rows|$noun|$guess', () => true, 0),
  rule('rider', '$rows|$noun|$guess ~rel $undone $word|$col yet? stays|stay|is|are|left|remains|remain ~blankWord', () => onLast('undone', (plan) => (isSpan(plan.as) || isLate(plan.as) ? plan : null)), 0),
  rule('rider', '$blankIt ~if the? $rows|$noun|$guess ~rel $undone $word|$col yet?', () => onLast('undone', (plan) => (isSpan(plan.as) || isLate(plan.as) ? plan : null)), 0),
  rule('rider', 'not ~be? $col yet? ~be|means|mean|gives|=|: an? ~blankOut', () => onLast('undone', (plan) => (isSpan(plan.as) || isLate(plan.as) ? plan : null)), 0),
  rule('undone', "~be|do|does|did|has|have|had not", () => true, 0),
  rule('undone', "isn't|hasn't|didn't|don't|aren't|haven't|wasn't|weren't|never", () => true, 0),
  rule('figure', '~countWord $rows', (_s, x: Context) => total('count', column(x.head.columns[0]!.name)), 0),
  rule('ex0', '~countWord $rows the? same $col:c brought|made|has|have|had|took|delivered? in|up? altogether|overall|together?', ({ c }, x: Context) => total('count', column(x.head.columns[0]!.name), [c]), 0.02),

  rule('ex0', '~countWord $rows|$noun ~rel? that|this|the|his|her|its|their $col:c has|have|had? brought|made|got|taken|delivered|sent|done|had|given|booked|placed|sold|bought in|up? (in total|all)|altogether|overall|together?', ({ c }, x: Context) => (groupable(c, x) ? total('count', column(x.head.columns[0]!.name), [c]) : null), 0.05),

  // Shares
  rule('shareOf', '~share of? ~each? the? $rows|$guess|$noun in|of|at the? ~totalWord $col:c', ({ c }, x: Context) => { const e = q(c, x); return e && op('/', e, total('sum', e)); }, 0),
  rule('ex2', '~share of? the|each|every|its? ^$col:g in|of all|total|the|whole ~totalWord? $col:c', ({ g, c }, x: Context) => { const e = q(c, x); return e && g !== c && groupable(g, x) && q(g, x) === null ? percent(op('/', total('sum', e, [g]), total('sum', e))) : null; }, -0.3),
  rule('shareOf', '~each $rows|$noun|$guess ~share of|in the? ~totalWord? $col:c', ({ c }, x: Context) => { const e = q(c, x); return e && op('/', e, total('sum', e)); }, 0.05),
  rule('shareOf', '~each $col:g ~share of|in the? ~totalWord? $col:c', ({ g, c }, x: Context) => { const e = q(c, x); return e && !groupable(g, x) ? op('/', e, total('sum', e)) : null; }, 0.05),
  rule('shareOf', '~share of|in the? ~totalWord? $col:c ~each $rows|$noun|$guess', ({ c }, x: Context) => { const e = q(c, x); return e && op('/', e, total('sum', e)); }, 0.05),
  rule('shareOf', '$col:a as a|the? ~share of its|the|their? own? $col:by ~totalWord', ({ a, by }, x: Context) => shareIn(a, by, x), -0.1),
  rule('shareOf', '$col:a as a|the? ~share of all|total|every the? $col:b', ({ a, b }, x: Context) => { const e = q(a, x); return e && a === b ? op('/', e, total('sum', e)) : null; }, -0.2),
  rule('shareOf', '~each? $rows|$noun ~share in|of the? ~totalWord $col:c', ({ c }, x: Context) => { const e = q(c, x); return e && op('/', e, total('sum', e)); }, 0),
  rule('shareOf', '$col:a as a|the? ~share of that|the|its|their|his|her|each? $col:by the? $col:b', ({ a, b, by }, x: Context) => (a === b ? shareIn(a, by, x) : null), -0.2),
  rule('shareOf', '~share of? ~each? the? $rows|$guess|$noun in|of the|its|their|his|her $col:by $col:c', ({ c, by }, x: Context) => shareIn(c, by, x), -0.1),
  rule('shareOf', '~share of? ~totalWord $col:c', ({ c }, x: Context) => { const e = q(c, x); return e && op('/', e, total('sum', e)); }, 0),
  rule('shareOf', '~share of? ~totalWord $col:c ~each $col:by', ({ c, by }, x: Context) => shareIn(c, by, x), 0),
  rule('shareOf', '~share of? its|the|their? own? $col:by ~totalWord $col:c', ({ c, by }, x: Context) => shareIn(c, by, x), 0),
  rule('shareOf', '~share of? ~totalWord $col:c of|in|within its|the|their? own|same? $col:by', ({ c, by }, x: Context) => shareIn(c, by, x), 0.02),
  rule('percentShare', 'what? percentage|percent|perecnt|% $shareTail:e', ({ e }) => e, 0),
  rule('shareTail', 'of ~totalWord $col:c', ({ c }, x: Context) => { const e = q(c, x); return e && op('/', e, total('sum', e)); }, 0),
  rule('shareTail', 'of ~totalWord $col:c of its|the|their? own|same? $col:by', ({ c, by }, x: Context) => shareIn(c, by, x), 0),
  rule('shareTail', 'of its|the|their? own? $col:by ~totalWord $col:c', ({ c, by }, x: Context) => shareIn(c, by, x), 0),
  rule('ex1', 'what share $shareTail:e did|does|do|was|is|makes|make? ~each? $rows? bring|make|makes|take|earn|earned|contribute|contributed|have|has? in|up?', ({ e }) => e, 0),
  rule('ex1', '$percentShare:e did|does|do|was|is|makes|make? ~each? $rows? bring|make|makes|take|earn|earned|contribute|contributed? in|up?', ({ e }) => percent(e), 0),
  rule('ex1', '$shareOf:e', ({ e }) => e, 0.02),
  rule('ex1', '$rows $shareOf:e', ({ e }) => e, 0),
  rule('ex1', '~each $rows $shareOf:e', ({ e }) => e, 0),

  // 'The lot number without the A- in front'
  rule('text0', '$col:c without|minus the? $sought:t in|at the? front|start|beginning', ({ c, t }, x: Context) => bareOf(c, t, 'after', x), -0.1),
  rule('text0', '$col:c without|minus the? $sought:t at|behind|from|on|in the? end|back', ({ c, t }, x: Context) => bareOf(c, t, 'before', x), -0.1),
  rule('rider', 'as|into|to a? ~number', () => numbered, 0),

  // Texts
  rule('joined', '$col:a ~list $col:b', ({ a, b }) => [a, b], 0),
  rule('joined', '$col:a ~list $joined:b', ({ a, b }) => [a, ...b], 0),
  rule('text0', '~join both|the two? $family:f with|by|using $text:t ~betweenThem?', ({ f, t }) => ({ kind: 'join', of: f.map(column), separator: t }), 0.05),
  rule('text0', '$joined:c joined|combined|glued|merged|concatenated|together by|with|using a? $mark:t ~betweenThem?', ({ c, t }) => ({ kind: 'join', of: c.map(column), separator: t }), 0.05),
  rule('text0', '$joined:c joined|combined|glued|merged|concatenated|together by|with|using $text:t ~betweenThem?', ({ c, t }) => ({ kind: 'join', of: c.map(column), separator: t }), 0.05),
  rule('text0', '~join|~make? $joined:c with|by|using a? $mark:t ~betweenThem', ({ c, t }) => ({ kind: 'join', of: c.map(column), separator: / |^[,;]$/.test(t) ? (/^[,;]$/.test(t) ? `${t} ` : t) : ` ${t} ` }), 0.4),
  rule('clause', '~add a? ~column? $name:n out|from|made of|from? $joined:c with|by|using a? $mark:t ~betweenThem', ({ n, c, t }) => add({ kind: 'join', of: c.map(column), separator: /^[,;]$/.test(t) ? `${t} ` : /^[-–|/+&]$/.test(t) ? ` ${t} ` : t }, n), -0.2),
  rule('clause', '~add a? ~column? $name:n out|from|made of|from? $joined:c with|by|using $text:t ~betweenThem', ({ n, c, t }) => add({ kind: 'join', of: c.map(column), separator: t }, n), -0.3),
  rule('text0', '~join $joined:c with|by|using $text:t ~betweenThem?', ({ c, t }) => ({ kind: 'join', of: c.map(column), separator: t }), 0),
  rule('text0', '~join $joined:c with|by|using a? $mark:t ~betweenThem?', ({ c, t }) => ({ kind: 'join', of: c.map(column), separator: t }), 0.05),
  rule('pieceOf', 'part|text|bit|piece|letters|digits|characters|everything|what|whatever is|are|comes|stands|stand?', () => true, 0),
  rule('side', 'before|left', () => 'before', 0),
  rule('side', 'after|behind|following|right', () => 'after', 0),
  rule('text0', '$pieceOf of|from|in the? $col:c $side:s the? $which:w? $mark:m', ({ s, w, m, c }) => ({ kind: 'piece', side: s, mark: m, which: w ?? 'first', of: column(c) }), 0),
  rule('text0', '$pieceOf? $side:s the? $which:w? $mark:m in|of|from|within $col:c', ({ s, w, m, c }) => ({ kind: 'piece', side: s, mark: m, which: w ?? 'first', of: column(c) }), 0.05),
  rule('which', 'first', () => 'first', 0),
  rule('which', 'last', () => 'last', 0),
  rule('expr', '$text0:e', ({ e }) => e, 0),

  rule('clause', '$formula:e ,? shown|written|put|repeated|given|placed on|to|in|into|at every|each $rows', ({ e }) => (real(e) ? add(e) : null), -0.3),
  rule('clause', 'next|beside|against to? ~each $rows|$guess ,? ~add? the? $formula:e', ({ e }) => (real(e) ? add(e) : null), -0.2),
  rule('clause', '$formula:e next|beside to? each|every $rows|$guess', ({ e }) => (real(e) ? add(e) : null), -0.2),
  rule('clause', '~add $formula:e as $name:n', ({ n, e }) => (real(e) && rowLevel(e) ? add(e, n) : null), 0.1),
  rule('clause', '$formula:e ,? as ^$properName:n', ({ n, e }) => (real(e) && rowLevel(e) ? add(e, n) : null), -0.3),
  rule('clause', 'what did|do|does|have|has we|they|i|you earn|earned|make|made|spend|spent|lose|lost|get|gain on|with|for|from ~each $rows|$noun|$guess ,|:|;|-|–|? that|this|i.e|meaning|so? is|means? $formula:e', ({ e }) => (real(e) && rowLevel(e) ? add(e) : null), -0.2),
  rule('rider', '~blankOut|~blankWord ~without a|an|any? $col:c', ({ c }) => blankWhere({ kind: 'empty', of: column(c) }), 0.05),
  rule('clause', 'what should|would|could|must|ought to? have? be|been? $word :|,|-|–? $formula:e', ({ e }) => (real(e) && rowLevel(e) ? add(e) : null), 0.1),
  rule('clause', 'what should|would|could|must|ought to? have? be|been? $col :|,|-|–? $formula:e ,? as ^$properName:n', ({ e, n }) => (real(e) && rowLevel(e) ? add(e, n) : null), -0.3),
  rule('clause', '$formula:e as $name:n', ({ n, e }) => (real(e) && rowLevel(e) ? add(e, n) : null), 0.3),
  rule('clause', 'give|grant|add everyone|everybody|each|all|every|them $num:n extra|more|additional|bonus? points|marks|units|pieces? in|on|to|for|of $col:c', ({ n, c }, x: Context) => setTo(c, x, (e) => op('+', e, number(n))), 0),
  rule('clause', '~add $remark ~open $formula:e ~close', ({ e }) => (real(e) && rowLevel(e) ? add(e) : null), 0.05),
  rule('clause', '$name:n ~open $formula:e ~close', ({ n, e }) => (real(e) && rowLevel(e) ? add(e, n) : null), 0.2),
  rule('clause', 'add $num:n to $col:c', ({ n, c }, x: Context) => setTo(c, x, (e) => op('+', e, number(n))), 0),
  rule('rounding', 'to the? next|nearest half', () => 2, 0),
  rule('rounding', 'to the? next|nearest quarter', () => 4, 0),
  rule('clause', '$col:c ~round? rounded|round? up $rounding:n hour|hours|point|unit|kilo|day|mark?', ({ c, n }, x: Context) => setTo(c, x, (e) => op('/', { kind: 'round', of: op('*', e, number(n)), places: 0, mode: 'up' }, number(n))), 0),
  rule('clause', 'round $col:c up $rounding:n hour|hours|point|unit|kilo|day|mark?', ({ c, n }, x: Context) => setTo(c, x, (e) => op('/', { kind: 'round', of: op('*', e, number(n)), places: 0, mode: 'up' }, number(n))), 0),
  rule('clause', 'round $col:c $rounding:n hour|hours|point|unit|kilo|day|mark?', ({ c, n }, x: Context) => setTo(c, x, (e) => op('/', { kind: 'round', of: op('*', e, number(n)), places: 0, mode: 'nearest' }, number(n))), 0),
  rule('pennies', 'in|into pence|cents|pennies|cent|penny', () => true, 0),
  rule('clause', '~make? the? $col:c $pennies as? whole? numbers|number?', ({ c }, x: Context) => setTo(c, x, (e) => op('*', e, number(100))), -0.3),
  rule('clause', 'blank|empty|clear|wipe|erase out? the? $cols:c of|for|on|in|where|when|if|with it|they? the? $rset:r', ({ c, r }, x: Context) => cleared(c, r, x), -0.1),
  rule('clause', '$blankIt the? $cols:c ~be? of|for|on|in the? $rset:r', ({ c, r }, x: Context) => cleared(c, r, x), 0.3),
  rule('clause', 'double $col:c', ({ c }, x: Context) => setTo(c, x, (e) => op('*', e, number(2))), 0),
  rule('clause', 'halve $col:c', ({ c }, x: Context) => setTo(c, x, (e) => op('/', e, number(2))), 0),
  rule('clause', 'increase|raise|put every|each|all|the|up? $col:c up? by $pct:p', ({ c, p }, x: Context) => setTo(c, x, (e) => op('*', e, op('+', number(1), op('/', number(p), number(100))))), 0),
  rule('clause', 'reduce|lower|cut|decrease every|each|all|the? $col:c by $pct:p', ({ c, p }, x: Context) => setTo(c, x, (e) => op('*', e, op('-', number(1), op('/', number(p), number(100))))), 0),
  rule('clause', 'increase|raise $col:c by $num:n', ({ c, n }, x: Context) => setTo(c, x, (e) => op('+', e, number(n))), 0.05),
  rule('clause', 'reduce|lower|decrease $col:c by $num:n', ({ c, n }, x: Context) => setTo(c, x, (e) => op('-', e, number(n))), 0.05),
  rule('clause', '~add $pct:p tax|vat|interest|surcharge|commission|extra? to|on $col:c as|into|in|under|and ~named? $name:n', ({ p, c, n }, x: Context) => { const e = q(c, x); return e && add(op('*', e, op('+', number(1), op('/', number(p), number(100)))), n); }, -0.1),
  rule('clause', '~add $pct:p to $col:c', ({ p, c }, x: Context) => setTo(c, x, (e) => op('*', e, op('+', number(1), op('/', number(p), number(100))))), 0),

  // Rounding and percent, inside the sentence
  rule('formula', '$expr:e', ({ e }) => e, 0),
  // 'a minus b, all divided by c'
  rule('formula', '$ex2:a ; and? all|everything|the|that|this|it|whole (of (it|that|this)|result|sum|difference)? is? ~over $ex0:b', ({ a, b }) => (a.kind === 'op' && b.kind !== 'number' ? op('/', a, b) : null), -0.2),
  rule('formula', '$ex2:a , and? all|everything|the|that|this|it|whole? (of (it|that|this)|result|sum|difference)? is? ~over $ex0:b', ({ a, b }) => (a.kind === 'op' && b.kind !== 'number' ? op('/', a, b) : null), -0.2),
  rule('formula', '$ex2:a ,|; and? all|everything|the|that|this|it|whole? (of (it|that|this)|result|sum|difference)? is? ~times $ex0:b', ({ a, b }) => (a.kind === 'op' ? op('*', a, b) : null), -0.1),
  // 'charged minus cost divided by charged': what is meant is the part that is left of it
  rule('formula', '$col:a ~minus $col:b ~over $col:c', ({ a, b, c }, x: Context) => { const [m, n] = [q(a, x), q(b, x)]; return a === c && b !== a && m && n ? op('/', op('-', m, n), m) : null; }, -0.4),
  rule('formula', '$col:a ~minus $col:b ~over $col:c ~times $num:n', ({ a, b, c, n }, x: Context) => { const [m, k] = [q(a, x), q(b, x)]; return n === 100 && a === c && b !== a && m && k ? op('*', op('/', op('-', m, k), m), number(100)) : null; }, -0.5),
  // The larger of two values, as in 'max(minimum - stock, 0)'
  rule('formula', 'max|maximum|larger|greater|higher of? ~open? $ex2:a ,|and $num:n ~close?', ({ a, n }) => (rowLevel(a) ? cases([{ when: { kind: 'compare', op: '<', left: a, right: number(n) }, then: number(n) }], a) : null), -0.2),
  rule('formula', 'min|minimum|smaller|lesser|lower of? ~open? $ex2:a ,|and $num:n ~close?', ({ a, n }) => (rowLevel(a) ? cases([{ when: { kind: 'compare', op: '>', left: a, right: number(n) }, then: number(n) }], a) : null), -0.2),
  rule('formula', '$ranking:e', ({ e }) => e, 0),
  rule('clause', '$formula:e as|in|into an? new|extra|separate|further|additional own? column', ({ e }) => (hasTotal(e) && real(e) ? add(e) : null), -0.1),
  rule('clause', '$cols:c :|-|–|to|with|at $places:p', ({ c, p }, x: Context) => (c.every((n: string) => q(n, x) !== null && columnOf(x.head, n).type !== 'text') ? roundColumns(c, p, 'nearest') : null), 0.2),
  rule('formula', '$chosen:e', ({ e }) => e, 0),

  rule('clause', '~add $word $word? ~per $col:b from|by|on|of|using $col:a', ({ a, b }, x: Context) => { const [m, n] = [q(a, x), q(b, x)]; return m && n && a !== b ? add(op('/', m, n)) : null; }, 0.3),
  rule('clause', 'count $formula:e', ({ e }) => (e.kind === 'total' && e.by.length ? add(e) : null), 0.1),
  rule('clause', '~keepOnly|~add $text0:e', ({ e }) => add(e), 0.1),
  rule('clause', 'get|take|pull|fish|extract|fetch the? $name:n out|from of? $col:c ,|;|.? it|that|which is|are? $pieceOf? $side:s the? $which:w? $mark:m', ({ n, c, s, w, m }) => add({ kind: 'piece', side: s, mark: m, which: w ?? 'first', of: column(c) }, n), 0.2),

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
  // 'Label = honey - buyer': between texts a dash joins
  rule('clause', '~add? ~column? ~named? $name:n =|: $col:a -|–|— $col:b', ({ n, a, b }, x: Context) => ([a, b].every((c) => columnOf(x.head, c).type === 'text' && q(c, x) === null && !readsAsDate(x.head, c)) ? add({ kind: 'join', of: [column(a), column(b)], separator: ' - ' }, n) : null), 0),
  rule('rider', "~if|~wherever|when there is|are|be|was? no $col:b ,? then|just|only|use|take|write|put? then|just|only|use|take|write|put? the? $col:a on|by|alone|itself? its? own|itself?", ({ a, b }) => onLast(`joined ${a} ${b}`, (plan) => (plan.as.kind === 'join' && [a, b].every((c) => columnsOf(plan.as).includes(c)) ? plan : null)), -0.2),
  rule('rider', "~if|~wherever|when there's no $col:b ,? then|just|only|use|take|write|put? then|just|only|use|take|write|put? the? $col:a on|by|alone|itself? its? own|itself?", ({ a, b }) => onLast(`joined ${a} ${b}`, (plan) => (plan.as.kind === 'join' && [a, b].every((c) => columnsOf(plan.as).includes(c)) ? plan : null)), -0.2),
  rule('rider', 'or|and|but? just|only|simply the? $col:a alone|itself|only? ~if|~wherever|when the? $col:b ~be ~blankWord', ({ a, b }) => onLast(`joined ${a} ${b}`, (plan) => (plan.as.kind === 'join' && [a, b].every((c) => columnsOf(plan.as).includes(c)) ? plan : null)), -0.2),
  // Several formulas, each in brackets behind its name: 'add Off peak (used - peak) and Peak share (peak in % of used, one decimal)'
  rule('boxed', '$name:n ~open $formula:e ~close', ({ n, e }) => (real(e) && rowLevel(e) ? [add(e, n)] : null), 0),
  rule('boxed', '$name:n ~open $formula:e ,? (~round? $places:p ,)? ~blankOut|~blankWord ~without an? $col:c ~close', ({ n, e, p, c }) => (real(e) && rowLevel(e) ? [add(p === undefined ? e : rounded(e, p, 'nearest'), n), blankWhere({ kind: 'empty', of: column(c) })] : null), 0),
  rule('boxed', '$name:n ~open $formula:e ,? ~round? $places:p ~close', ({ n, e, p }) => (real(e) && rowLevel(e) ? [add(rounded(e, p, 'nearest'), n)] : null), 0),
  rule('boxed', '$name:n ~open $formula:e ,? (~round? $places:p ,)? ~blankOut|~blankWord ~if|~wherever $cond:w ~close', ({ n, e, p, w }) => (real(e) && rowLevel(e) ? [add(p === undefined ? e : rounded(e, p, 'nearest'), n), blankWhere(w)] : null), 0),
  rule('boxed', '$name:n ~open $formula:e ,? (~round? $places:p ,?)? ~blankOut|~blankWord ~if either|any|one (of them|these)? ~be ~blankWord ~close', ({ n, e, p }) => (real(e) && rowLevel(e) ? [add(p === undefined ? e : rounded(e, p, 'nearest'), n)] : null), 0),
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
  rule('clause', '$name:n from|of|out of? the? $col:c ,|:|.|;? that|which|it|i.e? is? the? $pieceOf $side:s the? $which:w? $mark:m', ({ n, c, s, w, m }) => add({ kind: 'piece', side: s, mark: m, which: w ?? 'first', of: column(c) }, n), 0.15),
  rule('clause', '$remark :|–|- the? $formula:e', ({ e }) => (real(e) && rowLevel(e) ? add(e) : null), 0.15),
  rule('clause', '~add? $name:n in|as a? percent|percentage|% ,? (~round? $places:p ,?)? :|=|–|- the? $formula:e', ({ n, p, e }) => { const r = isRatio(e) ? percented(e) : null; return r && add(p === undefined ? r : rounded(r, p, 'nearest'), n); }, 0),
  rule('clause', '~add? $name:n ,|:? ~round? $places:p :|=|–|- the? $formula:e', ({ n, p, e }) => (real(e) && rowLevel(e) ? add(rounded(e, p, 'nearest'), n) : null), 0.05),
  rule('clause', '~add? $metricName:m (of|for|per ~each? $rows|$noun|$guess|$col)? ~open $formula:e ~close', ({ m, e }) => (real(e) && rowLevel(e) && (m as Metric).formula.includes('/') === isRatio(e) ? add(e) : null), -0.1),
  rule('clause', '~add? $name:n of|for|per ~each $rows|$noun|$guess ~open $formula:e ~close', ({ n, e }) => (real(e) && rowLevel(e) ? add(e, n) : null), 0),
  rule('clause', '$name:n :|= $formula:e', ({ n, e }) => (real(e) && rowLevel(e) ? add(e, n) : null), 0.3),
  rule('clause', '$name:n ~be $formula:e', ({ n, e }) => (real(e) && rowLevel(e) ? add(e, n) : null), 0.3),
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
  rule('clause', '~add? $parts:p of|from|in $col:c in|into|as|to their|its? own|separate|two|three|different|individual columns|fields (of their own)?', ({ c, p }, x: Context) => (p.length > 1 ? addParts(c, p, x) : null), -0.6),
  rule('clause', '~add? $parts:p of|from|in $col:c into|as|to columns|fields of their own', ({ c, p }, x: Context) => (p.length > 1 ? addParts(c, p, x) : null), -0.6),
  rule('clause', '~add? $parts:p of|from|in $col:c', ({ c, p }, x: Context) => (p.length > 1 ? addParts(c, p, x) : null), 0),
  rule('clause', 'which|what $parts:p ~be|did|does it|they|~each? $rows|$noun|$guess? on|in|happen|held|take|begin|start? place?', ({ p }, x: Context) => { const c = rowDate(x); return c && p.length > 1 ? addParts(c, p, x) : null; }, 0),
  rule('parts', '$datepart:p and|, which|what $parts:r', ({ p, r }) => [p, ...r], 0),
  rule('parts', '$datepart:p', ({ p }) => [p], 0),
  rule('parts', '$datepart:p ~list the? $parts:r', ({ p, r }) => [p, ...r], 0),

  // Rounding what is there
  rule('clause', '~round $cols:c off? to ~whole $unit|$word', ({ c }) => roundColumns(c, 0, 'nearest'), 0),
  rule('clause', '~round $cols:c off? to? $places:p', ({ c, p }) => roundColumns(c, p, 'nearest'), 0),
  rule('clause', '~round $cols:c up to? $places:p', ({ c, p }) => roundColumns(c, p, 'up'), -0.2),
  rule('clause', '~round $cols:c down to? $places:p', ({ c, p }) => roundColumns(c, p, 'down'), -0.2),
  rule('clause', '$cols:c with? no|without ~decimals', ({ c }, x: Context) => (c.every((n: string) => q(n, x) !== null && columnOf(x.head, n).type !== 'text') ? roundColumns(c, 0, 'nearest') : null), 0.1),
  rule('clause', 'no|without ~decimals in|for $cols:c', ({ c }) => roundColumns(c, 0, 'nearest'), 0),
  rule('clause', '$places:p for|in|on|at $cols:c', ({ c, p }) => roundColumns(c, p, 'nearest'), 0.1),
  rule('clause', '~round $cols:c to the? nearest|next? $num:n', ({ c, n }) => toMultiple(c, n), 0),
  ...([['tens', 10], ['fives', 5], ['hundreds', 100], ['thousands', 1000], ['fifties', 50]] as const).flatMap(([word, n]) => [
    rule('clause', `~round $cols:c off? to|in the? nearest|next|full|whole|round? ${word}`, ({ c }) => toMultiple(c, n), -0.3),
    rule('clause', `~round $cols:c up to the? nearest|next|full|whole? ${word}`, ({ c }) => toMultiple(c, n, 'up'), -0.3),
    rule('clause', `~round $cols:c down to the? nearest|next|full|whole? ${word}`, ({ c }) => toMultiple(c, n, 'down'), -0.3),
    rule('rider', `~round off? to|in the? nearest|next|full|whole|round? ${word}`, () => onLast(`multiple ${n}`, (plan) => (textual(plan.as) ? null : named(plan, op('*', rounded(op('/', plan.as, number(n)), 0, 'nearest'), number(n))))), -0.3),
  ]).flat(),
  rule('clause', '$cols:c to the? nearest|next|full $num:n', ({ c, n }) => (n >= 5 ? toMultiple(c, n, 'nearest') : null), 0),
  rule('clause', '~round $cols:c down to? the? nearest|next|full? multiple? of? $num:n', ({ c, n }) => toMultiple(c, n, 'down'), -0.05),
  rule('clause', '~round $cols:c up to? the? nearest|next|full? multiple? of? $num:n', ({ c, n }) => toMultiple(c, n, 'up'), -0.05),
  rule('clause', '~round down $cols:c to? the? nearest|next|full? multiple? of? $num:n', ({ c, n }) => toMultiple(c, n, 'down'), -0.05),
  rule('clause', '~round up $cols:c to? the? nearest|next|full? multiple? of? $num:n', ({ c, n }) => toMultiple(c, n, 'up'), -0.05),
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
  rule('rider', '~round? $places:p', ({ p }) => round(p), 0),
  rule('rider', '~makeIt to|with|at? $places:p', ({ p }) => round(p), 0),
  rule('rider', 'rename|retitle|relabel|rechristen it|that|this|them|the? new? column? to|as|into? $name:n', ({ n }) => onLast(`renamed ${n}`, (plan, head) => (findColumn(head.columns, n) || plan.replace ? null : { ...plan, name: n })), -0.2),
  // What is calculated said once more, and how a percentage is to be read: '(40 for 40%)'
  rule('rider', '~open? $num:a for|means|mean|is|=|as|standing|stands for|=? $pct:p ~close?', ({ a, p }) => onLast(`${a} for ${p}%`, (plan) => (a === p && (isPercent(plan.as) || isRatio(plan.as)) ? (isPercent(plan.as) ? plan : named(plan, percented(plan.as))) : null)), 0),
  rule('rider', 'i.e|meaning|namely|so|that|:|,|–|- is|means? :|,? $ex2:e', ({ e }) => onLast(`that is, ${keyOf(e)}`, (plan) => (e.kind === 'op' && keyOf(ratioOf(plan.as) ?? plan.as) === keyOf(ratioOf(e) ?? e) ? plan : null)), 0.05),
  rule('rider', '$blankIt|~blankOut ~if|~wherever there ~be none|nothing|neither', () => onLast('none', (plan) => (ratioOf(plan.as) ? plan : null)), 0),
  rule('rider', '~blankOut ~if either|any|one (of them|these|the)? (two|three|both)? ~be ~blankWord', () => onLast('blank in', (plan) => plan), 0),
  rule('rider', 'open|unfinished|running|unclosed|pending $rows|$noun|$guess|ones? get|gets|have|show|stay|stays|remain|are|is left? ~blankWord|nothing', () => onLast('still open', (plan) => (isSpan(plan.as) ? plan : null)), 0),
  // 'Minus another 1.50 per comp as well': more of the same calculation, said afterwards
  rule('rider', '$nopes? and? ~minus another|also|further|again|additionally? $ex1:e as|too|also? well?', ({ e }) => onSaid(`less ${keyOf(e)}`, (plan) => op('-', plan.as, e)), -0.3),
  rule('rider', '$nopes? and? ~minus another|also|further? $pct:p (on top|of that|off)? as|too|also? well?', ({ p }) => onSaid(`less ${p}%`, (plan) => op('*', plan.as, op('-', number(1), op('/', number(p), number(100))))), -0.4),
  rule('rider', '$nopes? and? ~sum|add another|also|further? $pct:p (on top|to that|on that)? as|too|also? well?', ({ p }) => onSaid(`plus ${p}%`, (plan) => op('*', plan.as, op('+', number(1), op('/', number(p), number(100))))), -0.4),
  rule('rider', '$nopes? and|then? plus|add the? $ex1:e (to|on it|that|top)? (as|too|also well?)?', ({ e }) => onSaid(`plus ${keyOf(e)}`, (plan) => op('+', plan.as, e)), -0.3),
  rule('rider', '$nopes? and? ~sum another|also|further|again|additionally $ex1:e as|too|also? well?', ({ e }) => onSaid(`plus ${keyOf(e)}`, (plan) => op('+', plan.as, e)), -0.3),
  rule('rider', '$nopes? and|then|now? divide it|that|this|them|the result|sum|total|difference|whole? by the? $ex1:e', ({ e }) => onSaid(`divided by ${keyOf(e)}`, (plan) => op('/', plan.as, e)), -0.3),
  rule('rider', '$nopes? and|then|now? multiply|times it|that|this|them by|with? the? $ex1:e', ({ e }) => onSaid(`times ${keyOf(e)}`, (plan) => op('*', plan.as, e)), -0.3),
  rule('rider', '~round it|that|them|this|the? result? to? $num:n', ({ n }) => round(n), 0.1),
  rule('rider', 'rounded|round ^up to? ~whole $word?', () => round(0, 'up'), -0.4),
  rule('rider', 'rounded|round up', () => round(0, 'up'), 0.1),
  rule('rider', 'rounded|round ^down to? ~whole $word?', () => round(0, 'down'), -0.4),
  rule('rider', '~notRounded', () => onLast('raw', (plan) => plan), 0),
  rule('rider', 'as|in|rounded? to? a? whole|full percent|percents|percentage|percentages|% number|figure?', () => onLast('whole percent', (plan) => ({ ...plan, as: rounded(isPercent(plan.as) ? plan.as : percent(plan.as), 0, 'nearest') })), 0),
  rule('rider', 'in|as a|the? percent|percentage|% of what|the? we|it|they? $col:c', ({ c }) => onLast(`percent of ${c}`, (plan) => { const r = ratioOf(plan.as); return r && keyOf(r.right) === keyOf(column(c)) ? (isPercent(plan.as) ? plan : { ...plan, as: percent(plan.as) }) : null; }), 0),
  rule('rider', 'only? $col:a $rows|$guess? counts|count ,|and|but? not $cols:b', ({ a, b }) => onLast(`counts ${a}`, (plan) => { const used = columnsOf(plan.as); return used.includes(a) && !b.some((n: string) => used.includes(n)) ? plan : null; }), 0),
  rule('rider', 'in|as a|the? percent|percentage|per|% cent?', () => onLast('percent', (plan) => (isPercent(plan.as) ? plan : isRatio(plan.as) ? { ...plan, as: plan.as.kind === 'round' ? { ...plan.as, of: percent(plan.as.of) } : percent(plan.as) } : null)), 0),
  // 'where parts are blank count them as nothing': in what was calculated, not in the column
  rule('rider', '$gap:c ,? take|treat|count|read|consider|regard|see|use|assume it|that|them|this? as|is|for? $nought', ({ c }) => onLast(`zero for ${c.join()}`, (plan) => (c.every((n: string) => columnsOf(plan.as).includes(n)) ? { ...plan, as: zeroForBlank(plan.as, c) } : null)), -0.5),
  rule('clause', '$figure:f (shown|put|written)? next|beside|behind|with to? every|each|all? $rows|$noun of|with|by|for the? same $col:by', ({ f, by }, x: Context) => (f.kind === 'total' && groupable(by, x) ? add({ ...f, by: [by] }) : null), -0.4),
  // 'companies stay as they are': there the column itself
  rule('rider', 'but|and? the? $rset:c stay|stays|remain|remains|are|is left? as|unchanged they|it|are|is? are|is|before?', ({ c }) => onLast(`unless ${keyOf(c)}`, (plan) => { const [own, ...more] = [...new Set(columnsOf(plan.as))]; return own !== undefined && more.length === 0 && !isSpan(plan.as) && plan.as.kind !== 'choose' ? { ...plan, as: cases([{ when: c, then: column(own) }], plan.as) } : null; }), -0.3),
  rule('rider', 'in|as $unit:u', ({ u }) => onLast(`unit ${u}`, (plan) => inUnit(plan, u)), 0.05),

  // Blank where ...
  rule('blankIt', 'leave|leaving|keep|keeping it|that|them|the? value|result? ~blankWord', () => true, 0),
  rule('blankIt', '~be = ~blankWord', () => true, 0),
  rule('blankIt', "don't|dont|do not? write|put|say|show|fill|enter anything|something in?", () => true, 0),
  rule('blankIt', 'write|put|show|say|enter nothing', () => true, 0),
  rule('blankIt', '= leave? it? ~blankWord', () => true, 0),
  rule('blankIt', 'it|that stays|stay|is|remains ~blankWord', () => true, 0),
  rule('blankIt', 'gives|give|get|gets|with? a? ~blankWord', () => true, 0),
  rule('blankIt', 'and|but|or? ~blankOut', () => true, 0),
  rule('rider', '$blankIt ~if we|it|there|they? $cond:c', ({ c }) => blankWhere(c), 0),
  rule('rider', '~if we|it|there|they? $cond:c $blankIt', ({ c }) => blankWhere(c), 0),
  rule('rider', '~if we|it|there|they? $cond:c it|they|that stays|stay|is ~blankWord', ({ c }) => blankWhere(c), 0),
  rule('rider', '~if we|it|there|they? $cond:c , $blankIt', ({ c }) => blankWhere(c), 0),
  rule('blankIt', 'stays|stay|remains|is|gives|gets|give|get a? ~blankWord', () => true, 0.02),
  rule('rider', '~blankOut for|where|if|with|when zero|no|0 $col:c', ({ c }) => blankWhere({ kind: 'empty', of: column(c) }), 0),
  rule('rider', '~blankOut for|on|with the? $rset:c', ({ c }) => blankWhere(c), 0.1),
  rule('rider', 'and? $blankIt for|on|with the? $rset:c', ({ c }) => blankWhere(c), 0.05),
  rule('rider', 'and? $blankIt|~blankWord unless it|they|we|there? the? $rset:c', ({ c }) => blankWhere({ kind: 'not', of: c }), 0),
  rule('rider', 'but? only for|where|if|when the? $rset:c ,? ~otherwise|~forOthers ~blankWord', ({ c }) => onLast(`only ${keyOf(c)}`, (plan) => ({ ...plan, as: cases([{ when: c, then: plan.as }], blank) })), 0),
  rule('rider', "$blankIt ~if it|they|he|she|nothing|nobody|none|there didn't|doesn't|wasn't|weren't|isn't|don't|hasn't|haven't|never|not|did|was|were|does not? $word?", () => onLast('nothing', (plan) => (ratioOf(plan.as) ? plan : null)), 0.1),
  rule('rider', "~blankWord ~if it|they|he|she|nothing|nobody|none|there didn't|doesn't|wasn't|weren't|isn't|don't|hasn't|haven't|never|not|did|was|were|does not? $word?", () => onLast('nothing', (plan) => (ratioOf(plan.as) ? plan : null)), 0.15),
  rule('rider', '~blankOut ~if nobody|nothing|none|noone was|were|is|has|had? $word', () => onLast('nothing', (plan) => (ratioOf(plan.as) ? plan : null)), 0.1),
  rule('aside', 'down the? list|column|rows|sheet|table', () => nothing, 0.05),
  rule('aside', 'the? first $rows of a|each|every|the $col ~be? ~blankWord', () => nothing, 0.05),
  rule('rider', '~blankOut for|where|if the? $freeOnes:c', ({ c }) => blankWhere(c), 0),
  rule('rider', '$rows ~without a? $col:c count|figure|value|number|entry? $blankIt', ({ c }) => blankWhere({ kind: 'empty', of: column(c) }), 0),
  rule('rider', '$cond:c $blankIt', ({ c }) => blankWhere(c), 0.1),
  rule('rider', 'leave|leaving|keep the? open|unfinished|running|undelivered|unpaid|outstanding $rows|$guess|$noun? ~blankWord', () => onLast('still open', (plan) => (isSpan(plan.as) ? plan : null)), 0),
  rule('rider', '$blankIt while|until|as the? $rows|$noun|$col|it|they ~be? still|not $word', () => onLast('still open', (plan) => (isSpan(plan.as) ? plan : null)), 0.05),
  rule('rider', '~blankOut while|as|so|until long? as? it|they? is|are? not? $word', () => onLast('still open', (plan) => (isSpan(plan.as) ? plan : null)), 0.1),
  rule('rider', '$blankIt ~if it|they|that? ~be? still|yet? open|unfinished|running', () => onLast('still open', (plan) => (isSpan(plan.as) ? plan : null)), 0),
  rule('rider', 'open|unfinished ones? $blankIt', () => onLast('still open', (plan) => (isSpan(plan.as) ? plan : null)), 0),
  rule('rider', 'there is|are no $name ~if one|any|either of the? two|three|four|them? is|are ~blankWord', () => onLast('blank in', (plan) => plan), 0),
  rule('rider', '$blankIt ~if there is|are none|no $mark', () => onLast('no mark', (plan) => (plan.as.kind === 'piece' || plan.as.kind === 'cased' ? plan : null)), 0),
  rule('rider', '~if there is|are none|no $mark ,? $blankIt', () => onLast('no mark', (plan) => (plan.as.kind === 'piece' || plan.as.kind === 'cased' ? plan : null)), 0),
  rule('rider', "~if there's no $mark ,? $blankIt", () => onLast('no mark', (plan) => (plan.as.kind === 'piece' || plan.as.kind === 'cased' ? plan : null)), 0),
  rule('rider', '~if there is no $col:a ,? just the? $col:b on its own', ({ a, b }) => onLast('join', (plan) => (plan.as.kind === 'join' && [a, b].every((n) => columnsOf(plan.as).includes(n)) ? plan : null)), 0),
  rule('rider', 'all? ~into? ~lower', () => cased('lower'), 0),
  rule('rider', 'all? ~into? ~upper', () => cased('upper'), 0),
  rule('rider', 'all? ~into? ~title', () => cased('title'), 0),
  rule('rider', '$blankIt ~if anything|something|any|part|value of? it|them|these? ~be ~blankWord', () => onLast('blank in', (plan) => plan), 0),
  rule('rider', "$blankIt|~blankOut while|until|as long? as? it|they|that|$rows|$noun? hasn't|haven't|isn't|aren't|wasn't|didn't|has|have|is|are|was|did not? (yet)? been? $word? out|back|in|off|yet?", () => onLast('still open', (plan) => (isSpan(plan.as) ? plan : null)), 0.05),
  rule('rider', '$blankIt for|with|on|in those|the|any|all? $rows|$noun|ones|that? ~rel ~be? still here|there|in|out|with|open|waiting|away us|here?', () => onLast('still open', (plan) => (isSpan(plan.as) ? plan : null)), 0),
  rule('rider', '$blankIt ~if it|they ~be? still $word|there', () => onLast('still open', (plan) => (isSpan(plan.as) ? plan : null)), 0.05),
  rule('rider', '~descending', () => onLast('rank down', (plan) => rankWay(plan, 'rank')), 0.05),
  rule('rider', '~ascending', () => onLast('rank up', (plan) => rankWay(plan, 'rank up')), 0.05),
  rule('rider', '$blankIt ~if one|any|either of the? two|three|them? is|are ~blankWord', () => onLast('blank in', (plan) => plan), 0),
  rule('rider', '~if one|any|either of the? two|three|them? is|are ~blankWord ,? $blankIt', () => onLast('blank in', (plan) => plan), 0),
  rule('rider', '~open? no|blank|empty|missing ^$cols:c means|mean|counts|count|is|are as|for? zero|0|nothing|none ~close?', ({ c }) => onLast(`zero ${c.join()}`, (plan) => (c.some((n: string) => columnsOf(plan.as).includes(n)) ? { ...plan, as: zeroForBlank(plan.as, c) } : null)), 0),
  rule('rider', 'an? ~blankWord year|month|value|one|part|cell|figure|ones|cells|values? counts|count|is|are|means|stands as|for? zero|0|nothing|none', () => onLast('zero all', (plan) => ({ ...plan, as: zeroForBlank(plan.as, columnsOf(plan.as)) })), 0),
  rule('rider', 'treat|count|take|read|regard|consider|use|assume an? ~blankWord $cols:c as zero|0|nothing|nil', ({ c }) => onLast(`zero ${c.join()}`, (plan) => (c.some((n: string) => columnsOf(plan.as).includes(n)) ? { ...plan, as: zeroForBlank(plan.as, c) } : null)), -0.2),
  rule('rider', 'treat|count|take|read|regard|consider|use|assume an? ~blankWord $col:a or $col:b as zero|0|nothing|nil', ({ a, b }) => onLast(`zero ${a} ${b}`, (plan) => ([a, b].some((n) => columnsOf(plan.as).includes(n)) ? { ...plan, as: zeroForBlank(plan.as, [a, b]) } : null)), -0.2),
  rule('rider', 'treat|count|take|read|regard|consider the|any|all? ~blankWord (ones|cells|values)? as zero|0|nothing|nil|none|nought', () => onLast('zero all', (plan) => ({ ...plan, as: zeroForBlank(plan.as, columnsOf(plan.as)) })), 0),
  rule('rider', '$rset:c ~should? get|gets|have|has|receive|receives|stay|stays|remain|remains ~blankWord', ({ c }) => blankWhere(c), 0.5),
  rule('rider', 'no|without|~blankWord $col:c $arrow2 ~blankWord|nothing', ({ c }) => blankWhere({ kind: 'empty', of: column(c) }), -0.2),
  rule('rider', 'column|field name|title|heading|header :|=|is? $name:n', ({ n }) => onLast(`titled ${n}`, (plan, head) => (findColumn(head.columns, n) || plan.replace ? null : { ...plan, name: n })), -0.2),
  rule('rider', 'any|a|the? missing|blank|empty $word|$rows|$noun|$guess|values|ones ignored|skipped|omitted|excluded', () => onLast('ignoring', (plan) => (isAcross(plan.as) || hasTotal(plan.as) ? plan : null)), 0),
  rule('rider', 'blanks|gaps|empties ignored|skipped|omitted|excluded', () => onLast('ignoring', (plan) => (isAcross(plan.as) || hasTotal(plan.as) ? plan : null)), 0),
  rule('rider', 'and|also|then|,? also? subtract|deduct $ex2:e off|away|too|as? well?', ({ e }) => onLast(`less ${keyOf(e)}`, (plan) => (textual(plan.as) || plan.replace || e.kind === 'column' && columnsOf(plan.as).includes(e.name) ? null : named(plan, op('-', plan.as, e)))), 0.1),
  rule('rider', 'and|also|then|,? also? add $ex2:e on|to|it|too|as? well|it?', ({ e }) => onLast(`plus ${keyOf(e)}`, (plan) => (textual(plan.as) || plan.replace || e.kind === 'column' || e.kind === 'number' || plan.as.kind === 'across' ? null : named(plan, op('+', plan.as, e)))), 0.3),
  rule('rider', 'add|put|save|store|call|name|keep it|that|this|them as|in|into|under ~column? ~named? $name:n', ({ n }) => onLast(`added as ${n}`, (plan, head) => (findColumn(head.columns, n) || plan.replace ? null : { ...plan, name: n })), -0.1),
  rule('rider', 'the|its name|title|heading ~should|is|shall be? $name:n', ({ n }) => onLast(`its name ${n}`, (plan, head) => (findColumn(head.columns, n) || plan.replace ? null : { ...plan, name: n })), -0.2),
  rule('rider', 'write|give|use|spell|show out? the? whole|full|complete|entire name|word|weekday out?', () => onLast('whole name', (plan) => (plan.as.kind === 'part' && (plan.as.part === 'weekday' || plan.as.part === 'month name') ? plan : null)), 0),
  rule('rider', 'ignoring|skipping|omitting|leaving out? any|the? missing|blank|empty $word|$rows|$noun|$guess|values|ones|scores?', () => onLast('ignoring', (plan) => (isAcross(plan.as) || hasTotal(plan.as) ? plan : null)), 0),
  rule('clause', 'the? $name:n ~be|=|: $formula:e , add|put|save|store|call|name it|that|this as|in|under ~column? ~named? $name:m', ({ e, m }) => (real(e) && rowLevel(e) ? add(e, m) : null), 0),
  rule('clause', '~add|there ~column? a|an? column that|which adds|sums|accumulates|totals up the? $col:c', ({ c }, x: Context) => { const e = over('running', q(c, x)); return e && add(e); }, 0),
  rule('clause', 'i|we? want|like|need|would? to? see|know|follow how the? $col:c adds|add|accumulates|accumulate|builds|build|grows|grow up', ({ c }, x: Context) => { const e = over('running', q(c, x)); return e && add(e); }, 0),
  // 'Multiply stock by cost to get the stock value'
  rule('rider', 'to|and get|obtain|find|give|see|know the|their|its|a? $name:n', ({ n }) => onLast(`got ${n}`, (plan, head) => (findColumn(head.columns, n) || plan.replace ? null : { ...plan, name: n })), 0.1),
  // '40 rather than 0.4'
  rule('rider', '$num:a %? rather|and|, than|not|instead of? $num:b', ({ a, b }) => onLast('as percent', (plan) => (Math.abs(a - 100 * b) < 1e-9 && (isPercent(plan.as) || isRatio(plan.as)) ? (isPercent(plan.as) ? plan : named(plan, percented(plan.as))) : null)), -0.1),
  // Ranks
  rule('ranking', 'number|rank|place|order the|all? $rows|$noun|$guess|$col by|on|according|after to? the? $col:c', ({ c }, x: Context) => ranked(c, x), 0.3),
  rule('ranking', 'number|rank|place the|all? $rows|$noun|$guess|$col 1 ,? 2 ,? 3 ,|.|and|...? .? .? (so|and on|forth)? by|on|according|after to? the? $col:c', ({ c }, x: Context) => ranked(c, x), -0.1),
  rule('rider', 'the? ~highest|one gets|is|has|being|= a? rank|place|number|position 1|one', () => onLast('rank down', (plan) => rankWay(plan, 'rank')), -0.1),
  rule('rider', 'the? ~lowest gets|is|has|being|= a? rank|place|number|position 1|one', () => onLast('rank up', (plan) => rankWay(plan, 'rank up')), -0.1),
  rule('rider', 'ties|equals|equal|draws ones|values|numbers|rows|scores? get|gets|share|shares|have|has|receive the? same rank|place|number|position', () => onLast('ties share', (plan) => (plan.as.kind === 'over' && plan.as.fn.startsWith('rank') ? plan : null)), 0),
  rule('rider', 'ties|equals|draws share|tie', () => onLast('ties share', (plan) => (plan.as.kind === 'over' && plan.as.fn.startsWith('rank') ? plan : null)), 0),
  rule('rider', 'and? leave|leaves|leaving|with a? gap|gaps|hole|holes (behind|after them|it|ties?)?', () => onLast('ties leave gaps', (plan) => (plan.as.kind === 'over' && plan.as.fn.startsWith('rank') ? plan : null)), 0),
  rule('rider', "don't|dont|without|no|not =re-sort|sort|sorting|reorder|re-order|resort|reordering|move the|any? rows|table|list|order|it|them?", () => onLast('as they lie', (plan) => (plan.replace ? null : plan)), 0),
  rule('rider', '$values:v $rows|$guess|$noun? included|counted|too|also (in|as well)?', () => onLast('counted too', (plan) => (plan.where || !hasTotal(plan.as) ? null : plan)), 0.1),
  rule('rider', 'an? ~blankWord $cols:c counts|count as|for? zero|0|nothing', ({ c }) => onLast(`zero ${c.join()}`, (plan) => ({ ...plan, as: zeroForBlank(plan.as, c) })), 0),
  rule('rider', 'an? ~blankWord $col:a or $col:b counts|count as|for? zero|0|nothing', ({ a, b }) => onLast(`zero ${a} ${b}`, (plan) => ({ ...plan, as: zeroForBlank(plan.as, [a, b]) })), 0),
  rule('rider', '~if nothing|none was|were|is $word ,? no $name', () => onLast('nothing', (plan) => (ratioOf(plan.as) ? plan : null)), 0.1),
  rule('rider', 'and|then|also? call|label|mark|make|name|set the? others|rest|remaining|other ones|rows|$rows|$noun|$guess? as|to|with|into? $label:l', ({ l }) => onLast(`others ${l}`, (plan) => (plan.as.kind === 'choose' && plan.as.otherwise.kind === 'blank' && plan.as.cases.every((c) => c.then.kind === 'text') ? { ...plan, as: { ...plan.as, otherwise: { kind: 'text', value: l } } } : null)), -0.5),
  rule('rider', '~blankOut ~forOthers|~otherwise', () => onLast('blank else', (plan) => (plan.as.kind === 'choose' && plan.as.otherwise.kind === 'blank' ? plan : null)), 0),
  rule('rider', 'no $cols:c ,? no $name|$word', ({ c }) => onLast(`none ${c.join()}`, (plan) => (c.every((n: string) => needs(plan.as.kind === 'round' ? plan.as.of : plan.as, n)) ? plan : null)), 0.2),
  rule('rider', 'but? only for|where|if|when the? $rset:c ,? ~blankWord ~forOthers|~otherwise', ({ c }) => onLast(`only ${keyOf(c)}`, (plan) => ({ ...plan, as: cases([{ when: c, then: plan.as }], blank) })), 0),
  rule('rider', 'but? just|only for|where|if|when|on the? $rset:c ,? ~otherwise ~blankWord', ({ c }) => onLast(`only ${keyOf(c)}`, (plan) => (plan.replace ? null : { ...plan, as: cases([{ when: c, then: plan.as }], blank) })), 0),
  rule('rider', 'and|but? only for|where|if|when|on the? $rset:c ,|;|and|. the? others|rest|other ones|rows|$rows|$noun? stay|stays|remain|remains|be|are|is|get|gets left? ~blankWord', ({ c }) => onLast(`only ${keyOf(c)}`, (plan) => (plan.replace ? null : { ...plan, as: cases([{ when: c, then: plan.as }], blank) })), -0.3),
  rule('rider', 'but? only for|where|if|when|on the? $rset:c though|however? ,|and|with? ~leave? the? rest|others|remainder|remaining|other ones|rows|$rows? ~blankWord', ({ c }) => onLast(`only ${keyOf(c)}`, (plan) => (plan.replace ? null : { ...plan, as: cases([{ when: c, then: plan.as }], blank) })), 0),
  rule('rider', 'only? for|where|but only for|where $rset:c', ({ c }) => onLast(`only ${keyOf(c)}`, (plan) => ({ ...plan, as: cases([{ when: c, then: plan.as }], blank) })), 0.3),

  // '4% of the paid amount, 3% if it was grade C'
  rule('rider', ',|but|and|or|only|just? only|just? $pct:p ~if it|that|they? ~be? $cond:c', ({ p, c }) => exceptFor(c, { rate: p }), -0.1),
  rule('rider', ',|but|and|or|only|just? only|just? $pct:p on|for|with|at|in the? $rset:c', ({ p, c }) => exceptFor(c, { rate: p }), -0.05),
  rule('rider', ',|but|and only|just? $num:p on|for|with|at|in the? $rset:c', ({ p, c }) => exceptFor(c, { rate: p }), 0.1),
  // 'load factor in percent (passengers over capacity)': the same said once more
  rule('rider', '~open $ex2:e ~close', ({ e }) => onLast(`that is ${keyOf(e)}`, (plan) => (e.kind === 'op' && keyOf(ratioOf(plan.as) ?? plan.as) === keyOf(ratioOf(e) ?? e) ? plan : null)), -0.2),
  rule('rider', 'as|in a? percent|percentage|% between|from 0 and|to 100', () => onLast('percent', (plan) => (isPercent(plan.as) ? plan : isRatio(plan.as) ? { ...plan, as: plan.as.kind === 'round' ? { ...plan.as, of: percent(plan.as.of) } : percent(plan.as) } : null)), 0),
  rule('rider', ',? short|abbreviated|shortened form|names|name? ~open? ($word|~weekdays ,? $word|~weekdays?)? ~close?', () => onLast('short part', (plan) => (plan.as.kind === 'part' && (plan.as.part === 'weekday' || plan.as.part === 'month name') ? { ...plan, as: { kind: 'letters', side: 'first', count: 3, of: plan.as } } : null)), 0.05),
  rule('rider', 'in words|letters', () => onLast('part name', (plan) => (plan.as.kind !== 'part' ? null : plan.as.part === 'month' ? { ...plan, as: { ...plan.as, part: 'month name' } } : plan.as.part === 'weekday' || plan.as.part === 'month name' ? plan : null)), 0),
  rule('rider', 'spelled|spelt|written out (in|as (full|words|a word))?', () => onLast('part spelled out', (plan) => (plan.as.kind !== 'part' ? null : plan.as.part === 'month' ? { ...plan, as: { ...plan.as, part: 'month name' } } : plan.as.part === 'weekday' || plan.as.part === 'month name' ? plan : null)), -0.1),
  rule('rider', 'as|by? the? name|names of the? month|months|weekday|weekdays|day|days', () => onLast('part named', (plan) => (plan.as.kind !== 'part' ? null : plan.as.part === 'month' ? { ...plan, as: { ...plan.as, part: 'month name' } } : plan.as.part === 'weekday' || plan.as.part === 'month name' ? plan : null)), -0.2),
  rule('rider', 'as|by a|its|the? name|word|text', () => onLast('part name', (plan) => (plan.as.kind !== 'part' ? null : plan.as.part === 'month' ? { ...plan, as: { ...plan.as, part: 'month name' } } : plan.as.part === 'weekday' || plan.as.part === 'month name' ? plan : null)), 0),
  rule('rider', 'in|by the? order of|by the? $col:c', ({ c }) => orderedBy(c), -0.2),
  // 'A running total, most visitors first': the rows stand so before it runs
  rule('rider', 'in|by the? order|sequence in|that|as|which? which? they|it|we ~be|got? $col:c', ({ c }) => orderedBy(c), -0.3),
  rule('rider', '^$adj:a $rows|$noun|$guess|ones? first|at|on top?', ({ a }) => orderedBy(a.column, a.down), -0.2),
  rule('rider', '~highest|most|biggest|largest $col:c first|at|on top?', ({ c }, x: Context) => (q(c, x) ? orderedBy(c, true) : null), -0.3),
  rule('rider', '~lowest|least|fewest|smallest $col:c first|at|on top?', ({ c }, x: Context) => (q(c, x) ? orderedBy(c) : null), -0.3),
  rule('rider', 'starting|beginning with|from|at the? ~highest|most|biggest|largest $col:c', ({ c }, x: Context) => (q(c, x) ? orderedBy(c, true) : null), -0.3),
  rule('rider', 'in|by|along|following the? order of the? date|dates|time|days', (_s, x: Context) => { const c = rowDate(x); return c && orderedBy(c); }, -0.2),
  rule('rider', 'by|along|over the? date|dates|time|day|days', (_s, x: Context) => { const c = rowDate(x); return c && orderedBy(c); }, -0.1),
  rule('rider', 'in|by? date|time|chronological order|sequence', (_s, x: Context) => { const c = rowDate(x); return c && orderedBy(c); }, -0.2),
  rule('rider', 'chronologically', (_s, x: Context) => { const c = rowDate(x); return c && orderedBy(c); }, -0.1),
  rule('rider', 'by|over the? $col:c', ({ c }, x: Context) => (readsAsDate(x.head, c) ? orderedBy(c) : null), -0.1),
  rule('rider', 'ordered|sorted|going by|on|along the? $col:c', ({ c }) => orderedBy(c), -0.2),
  rule('rider', '~number', () => onLast('number', (plan) => (textual(plan.as) ? null : plan)), 0.1),
  rule('rider', '$nopes :|,? $formula:e', ({ e }) => onLast(`corrected ${keyOf(e)}`, (plan) => (e.kind === 'number' || e.kind === 'column' ? null : { ...plan, as: e })), 0),
  rule('rider', '~corrected $formula:e', ({ e }) => onLast(`corrected ${keyOf(e)}`, (plan) => (e.kind === 'number' ? null : { ...plan, as: e })), 0),
  rule('aside', '~open|like|as|e.g|eg|: ~weekdays (,|and|or ~weekdays)? (,|and|or ~weekdays)? (etc|...)? ~close?', () => nothing, 0.1),

  // 'the free one': where the price is nothing
  rule('freeOnes', 'free|gratis $rows|$guess?', (_s, x: Context) => { const prices = x.head.columns.filter((c) => fit('price', c.name) < 0.3 && readsAsNumber(x.head, c.name)); return prices.length === 1 ? { kind: 'compare', op: '=', left: column(prices[0]!.name), right: number(0) } : null; }, 0),

  rule('rider', "some|a|any|few|many? few? of? the? $col:c entries|values|cells|figures? ~be? ~not an? real|proper|valid? ~number|~date ,|;|.|:|-|–? so|and|please? leave|keep|make those|them|these|it ~blankWord", ({ c }) => onLast(`unless ${c}`, (plan) => (needs(plan.as.kind === 'round' ? plan.as.of : plan.as, c) ? plan : null)), -0.2),
  rule('rider', '~if the? $col:c ~be? ~not an? real|proper|valid? ~number|~date ,? $blankIt', ({ c }) => onLast(`unless ${c}`, (plan) => (needs(plan.as.kind === 'round' ? plan.as.of : plan.as, c) ? plan : null)), 0),
  rule('rider', '$blankIt ~if the? $col:c ~be? ~not an? real|proper|valid? ~number|~date', ({ c }) => onLast(`unless ${c}`, (plan) => (needs(plan.as.kind === 'round' ? plan.as.of : plan.as, c) ? plan : null)), 0),
  rule('rider', "$blankIt ~if we|i|nobody|they don't|dont|do not? know|knows|have the? $col:c", ({ c }) => onLast(`unknown ${c}`, (plan, head) => withBlank(plan, { kind: 'empty', of: column(c) }, head)), -0.2),
  rule('rider', '$blankIt ~if there? is|are? no|not any? $col:c $word? is|was|are? given|recorded|entered|known|noted|written', ({ c }) => onLast(`unknown ${c}`, (plan, head) => withBlank(plan, { kind: 'empty', of: column(c) }, head)), -0.2),
  rule('rider', "$blankIt ~if we|they|it|you|nobody don't|dont|not|doesn't know|have|tell|say|knows|said how many|much $col:c (there (are|were))?", ({ c }) => onLast(`unknown ${c}`, (plan, head) => (needs(plan.as.kind === 'round' ? plan.as.of : plan.as, c) ? plan : withBlank(plan, { kind: 'empty', of: column(c) }, head))), -0.3),
  rule('rider', "$blankIt ~if we|they|it|you don't|dont|not know|have|tell|say how many|much|which|it|that|them?", () => onLast('unknown', (plan, head) => { const [first] = columnsOf(plan.as); return first === undefined ? null : withBlank(plan, { kind: 'empty', of: column(first) }, head); }), 0),
  rule('rider', '$num:n ~if $col|it|they|$rows|$noun? ~be? $col|$word? in|on|ahead|early|earlier|before|punctual of? time|due|it?', ({ n }) => onLast('not negative', (plan) => (n === 0 && (isSpan(plan.as) || isLate(plan.as)) ? { ...plan, as: { kind: 'choose', cases: [{ when: { kind: 'compare', op: '<', left: plan.as, right: number(0) }, then: number(0) }], otherwise: plan.as } } : null)), 0),
  rule('rider', '$num:n ~if there|we|they|it is|are|have? enough|sufficient|plenty', ({ n }) => onLast('at least', (plan) => (n === 0 && !textual(plan.as) ? { ...plan, as: { kind: 'choose', cases: [{ when: { kind: 'compare', op: '<', left: plan.as, right: number(0) }, then: number(0) }], otherwise: plan.as } } : null)), 0),
  rule('rider', '$num:n ~if nobody|none|nothing|nil|blank|empty|noone|missing', ({ n }) => onLast(`none is ${n}`, (plan) => (n === 0 && plan.as.kind === 'pieces' ? { ...plan, as: { kind: 'orElse', of: plan.as, otherwise: number(0) } } : null)), 0),
  rule('rider', 'none|nobody|nothing|blank|empty is|are|means|counts|gives|= as? $num:n', ({ n }) => onLast(`none is ${n}`, (plan) => (n === 0 && plan.as.kind === 'pieces' ? { ...plan, as: { kind: 'orElse', of: plan.as, otherwise: number(0) } } : null)), 0),
  rule('rider', 'at least|minimum|lowest|worst zero|0', () => onLast('not negative', (plan) => (textual(plan.as) || plan.as.kind === 'choose' ? null : { ...plan, as: { kind: 'choose', cases: [{ when: { kind: 'compare', op: '<', left: plan.as, right: number(0) }, then: number(0) }], otherwise: plan.as } })), 0.05),
  ...([['<', 'never|not|no|nothing ~be? below|under|less|lower|smaller|fewer than?'], ['<', 'but|and|with a|an? at|minimum|floor|lower least|of|limit'], ['>', 'never|not|no|nothing ~be? above|over|more|higher|larger|greater than?'], ['>', 'but|and|with a|an? at|maximum|cap|upper most|of|limit'], ['>', 'capped|limited|cut at|to|off at?']] as const).flatMap(([operator, words]) => rule('rider', `${words} $num:n $unit|$word?`, ({ n }) => limitedTo(operator, n), 0.02)),
  rule('rider', 'never|not below|under|less|negative than? zero|0?', () => onLast('not negative', (plan) => (textual(plan.as) ? null : { ...plan, as: { kind: 'choose', cases: [{ when: { kind: 'compare', op: '<', left: plan.as, right: number(0) }, then: number(0) }], otherwise: plan.as } })), 0.3),
  rule('rider', '$values $rows|$guess? counts|count as? well|too|also ,? $withZero?', () => onLast('counts too', (plan) => (plan.where ? null : plan)), 0),
  rule('withZero', 'with their|its zero|0|value', () => true, 0),
  rule('rider', 'no|without $col:c means|mean|gives $name ~be ~blankWord too|also?', ({ c }) => blankWhere({ kind: 'empty', of: column(c) }), 0),
  rule('rider', 'if several fit|apply|match ,? the? first one counts|wins', () => onLast('first fits', (plan) => (plan.as.kind === 'choose' ? plan : null)), 0),

  // Names said afterwards
  rule('rider', '~round to|up|down? to? the? nearest|next|full? $num:n cents|cent|pence|p|pfennig', ({ n }) => onLast(`cents ${n}`, (plan) => (textual(plan.as) || n <= 0 ? null : named(plan, op('*', rounded(op('/', plan.as, number(n / 100)), 0, 'nearest'), number(n / 100))))), -0.2),
  rule('rider', '~named $name:n', ({ n }) => onLast(`named ${n}`, (plan, head) => (findColumn(head.columns, n) || plan.replace ? null : { ...plan, name: n })), 0),
  rule('rider', '~column ~named? $text:n', ({ n }) => onLast(`named ${n}`, (plan, head) => (findColumn(head.columns, n) || plan.replace ? null : { ...plan, name: n })), 0),
  rule('rider', '~column ~named? $name:n', ({ n }) => onLast(`named ${n}`, (plan, head) => (findColumn(head.columns, n) || plan.replace ? null : { ...plan, name: n })), 0.2),
  rule('rider', '~makeIt|in|as|count|counting? only? $workdays only|instead|rather?', () => onLast('working days', (plan) => { const as = plan.as.kind === 'span' && plan.as.unit === 'days' ? { ...plan.as, unit: 'working days' as const } : null; return as && { ...plan, as }; }), -0.1),
  rule('rider', '~years', () => onLast('years', (plan) => (isSpan(plan.as) ? plan : null)), 0.1),
  rule('rider', 'in|as euros|euro|dollars|pounds|money|eur|usd|gbp|francs', () => onLast('money', (plan) => (textual(plan.as) ? null : plan)), 0.05),
  rule('rider', 'column|field ~named? $name:n', ({ n }) => onLast(`named ${n}`, (plan, head) => (findColumn(head.columns, n) || plan.replace ? null : { ...plan, name: n })), 0.2),
  rule('rider', '~into ~column ~named? $name:n', ({ n }) => onLast(`named ${n}`, (plan, head) => (findColumn(head.columns, n) || plan.replace ? null : { ...plan, name: n })), 0.05),
  rule('rider', 'put|write it|that|this|them? ~into ~column', () => onLast('placed', (plan) => (plan.replace ? null : plan)), 0),
  rule('rider', '~into ~column', () => onLast('placed', (plan) => (plan.replace ? null : plan)), 0),
  rule('rider', '~add ~column', () => onLast('placed', (plan) => (plan.replace ? null : plan)), 0.1),
  rule('rider', '~column', () => onLast('placed', (plan) => (plan.replace ? null : plan)), 0.2),
  rule('rider', 'show|put|add|write that|this|the|it number|figure|count|value? on|to|next|beside|in ~each? of? their|the? $rows', () => onLast('placed', (plan) => (plan.replace ? null : plan)), 0),
  rule('rider', 'add|put|show that|it|this|them next|beside|to? each|every? $rows?', () => onLast('placed', (plan) => (plan.replace ? null : plan)), 0.1),
  rule('aside', '~add $num ~column', () => nothing, 0.1),
  rule('aside', '~add $num more|new|extra columns|column', () => nothing, 0.05),
  rule('aside', 'next|beside|for|on|to|with|from|in|of|per to? every|each|everybody|all $rows|$guess', () => nothing, 0.1),
  rule('aside', '~into ~each $rows', () => nothing, 0.2),
  rule('aside', 'next|beside to? each|every|it|them', () => nothing, 0.2),
  // A row by itself is no group.
  rule('aside', 'per|for each|every|one|single? ^$noun', () => nothing, 0.1),
  // What is asked for said in other words: 'it's what stands before the comma'
  rule('aside', "it's|that's|this|that|it is? what|whatever|everything|the? part|bit|text|word|name? stands|comes|is|stand|come before|after|behind|between|in the? $mark|$word", () => nothing, 0.3),
  rule('clause', 'take|get|extract|move|copy|lift $text0:e ~into ~column|$ownColumn ~named? ^$name:n', ({ e, n }) => (real(e) ? add(e, n) : null), -0.1),

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
  rule('rider', '~lowest first|gets', () => onLast('rank up', (plan) => rankWay(plan, 'rank up')), 0.1),
].flat();

/** Acts one after the other. */
const inTurn = (acts: readonly Act[]): Act => ({ key: `in turn ${acts.map((a) => a.key).join('\n')}`, apply: (state) => acts.reduce<State | null>((s, a) => s && a.apply(s), state) });

/** What is left of a column's texts beside one that all of them begin or end with. */
function bareOf(name: string, texts: readonly string[], side: 'before' | 'after', x: Context): Expression | null {
  const [text] = texts, all = sampleOf(name, x).map((v) => v.trim()).filter((v) => v !== '');
  return texts.length === 1 && all.length > 0 && all.every((v) => (side === 'after' ? v.startsWith(text!) : v.endsWith(text!))) ? { kind: 'piece', side, mark: text!, which: side === 'after' ? 'first' : 'last', of: column(name) } : null;
}

/** 'As a number', of a piece of a text that was just put into a column of its own. */
const numbered: Act = {
  key: 'calculate as number',
  apply(state) {
    const last = state.plans.at(-1);
    return last?.step === 'calculate' && !last.replace && last.as.kind === 'piece' ? withPlan(state, { step: 'convert', columns: [last.name], to: 'decimal' }, [last.name]) : null;
  },
};

/** A number that the request before calculated, calculated further. */
const onSaid = (key: string, further: (plan: CalculatePlan) => Expression): Act => ({ key: `further ${key}`, apply: (state) => (state.amends ? onLast(key, (plan) => (textual(plan.as) || plan.replace || isAcross(plan.as) ? null : named(plan, further(plan)))).apply(state) : null) });

/** A figure over several columns of a row. */
const isAcross = (e: Expression): boolean => (e.kind === 'round' ? isAcross(e.of) : e.kind === 'across');

/** Is there a figure over several rows in the formula? */
function hasTotal(e: Expression): boolean {
  let found = false;
  walk(e, (n) => { found ||= n.kind === 'total'; });
  return found;
}

/** A calculation that is never below, or never above, a number; blanks stay. */
const limitedTo = (operator: '<' | '>', n: number): Act =>
  onLast(`limit ${operator} ${n}`, (plan) => (textual(plan.as) || plan.as.kind === 'choose' || plan.as.kind === 'column' || plan.replace ? null : named(plan, cases([{ when: { kind: 'compare', op: operator, left: plan.as, right: number(n) }, then: number(n) }], plan.as))));

/** The same calculation with another percentage: '4% of the paid amount' with 3. */
function atRate(e: Expression, p: number): Expression | null {
  if (e.kind === 'round') { const of = atRate(e.of, p); return of && { ...e, of }; }
  if (e.kind !== 'op' || e.op !== '*' || e.right.kind !== 'op' || e.right.op !== '/' || e.right.right.kind !== 'number' || e.right.right.value !== 100 || e.right.left.kind !== 'number') return null;
  return { ...e, right: op('/', number(p), number(100)) };
}

/** Another percentage, or another value, for some of the rows. */
const exceptFor = (where: Condition, value: Expression | { readonly rate: number }): Act =>
  onLast(`except ${keyOf([where, value])}`, (plan) => {
    if (plan.replace || textual(plan.as)) return null;
    const general = plan.as.kind === 'choose' ? plan.as.otherwise : plan.as;
    const then = 'rate' in value ? atRate(general, value.rate) : value;
    if (then === null || ('rate' in value ? false : general.kind === 'column')) return null;
    return named(plan, cases([...(plan.as.kind === 'choose' ? plan.as.cases : []), { when: where, then }], general));
  });

/** What is measured in a unit measured in another of its sort; a formula without a measure is only confirmed. */
function inUnit(plan: CalculatePlan, unit: string): CalculatePlan | null {
  let measured = false, other = false;
  const change = <T>(node: T): T => {
    if (Array.isArray(node)) return node.map(change) as T;
    if (typeof node !== 'object' || node === null) return node;
    const all = Object.fromEntries(Object.entries(node).map(([k, v]) => [k, change(v)]));
    if (all['kind'] === 'lapse' && (unit === 'min' || unit === 'h')) { measured = true; return { ...all, unit: unit === 'min' ? 'minutes' : 'hours' } as T; }
    if (all['kind'] === 'span' && (all['unit'] === 'hours' || all['unit'] === 'minutes') && (unit === 'min' || unit === 'h')) { measured = true; return { ...all, unit: unit === 'min' ? 'minutes' : 'hours' } as T; }
    if (all['kind'] !== 'measure') return all as T;
    measured = true;
    if (unitSort(String(all['unit'])) !== unitSort(unit)) other = true;
    return { ...all, unit } as T;
  };
  const as = change(plan.as);
  // How many characters there are is in no unit.
  if (plan.as.kind === 'size') return null;
  return !measured ? (plan.as.kind === 'round' ? named(plan, { ...plan.as, of: columnsIn(plan.as.of, unit) ?? plan.as.of }) : named(plan, columnsIn(plan.as, unit) ?? plan.as)) : other ? null : { ...plan, as };
}

/** A formula over the one column whose name tells a unit of this sort, in another such unit: kilos per piece in grams. */
function columnsIn(e: Expression, unit: string): Expression | null {
  const own = [...new Set(columnsOf(e))].flatMap((name) => { const u = unitInName(name); return u && unitSort(u) === unitSort(unit) ? [u] : []; });
  const top = (n: Expression): readonly string[] => (n.kind === 'op' && n.op === '/' ? top(n.left) : n.kind === 'op' && n.op === '^' ? [] : columnsOf(n));
  return own.length === 1 && top(e).some((name) => unitInName(name) === own[0]) ? converted(e, own[0]!, unit) : null;
}

/** A running figure along another order: the rows are put in it first. */
const orderedBy = (name: string, down = false): Act => ({
  key: `calculate ordered by ${name} ${down}`,
  apply(state) {
    const last = state.plans.at(-1);
    if (last?.step !== 'calculate' || !walksRows(last.as)) return null;
    const before = state.plans.slice(0, -1);
    const base = before.reduce((head, plan) => headAfter(plan, head), state.start);
    const sorted = withPlan({ ...state, plans: before, head: base, problem: null }, { step: 'sort', by: [{ column: name, down }] }, state.topic);
    return withPlan(sorted, last, state.topic);
  },
});

const walksRows = (e: Expression): boolean => {
  let found = false;
  walk(e, (n) => { found ||= n.kind === 'over' && (n.fn === 'running' || n.fn === 'previous' || n.fn === 'number'); });
  return found;
};

/** Columns rounded to the nearest ten, five or half. */
const toMultiple = (names: readonly string[], n: number, mode: Rounding = 'nearest'): Act | null =>
  n > 0 ? plans(...names.map((name): CalculatePlan => ({ step: 'calculate', name, as: op('*', { kind: 'round', of: op('/', column(name), number(n)), places: 0, mode }, number(n)), replace: true }))) : null;

/** Minutes later than planned: blank where one of the times is. */
const isLate = (e: Expression): boolean => (e.kind === 'round' ? isLate(e.of) : e.kind === 'op' && (e.left.kind === 'clock' || isLate(e.left)));

const isSpan = (e: Expression): boolean => (e.kind === 'round' ? isSpan(e.of) : e.kind === 'span' || e.kind === 'lapse');

const cased = (letters: 'upper' | 'lower' | 'title'): Act => onLast(`cased ${letters}`, (plan) => (plan.as.kind === 'piece' || plan.as.kind === 'join' ? { ...plan, as: { kind: 'cased', letters, of: plan.as } } : null));

/** Bands by their lower ends, the highest tried first; below the lowest there is no band. */
function bandsOf(name: string, bands: readonly { from: number; label: string }[], x: Context): Expression | null {
  const value = q(name, x);
  return value && bands.length > 1 ? cases([...bands].reverse().map((b) => ({ when: { kind: 'compare', op: '>=', left: value, right: number(b.from) }, then: { kind: 'text', value: b.label } })), blank) : null;
}

/** The quotient inside a formula's rounding and percentage. */
const ratioOf = (e: Expression): Extract<Expression, { kind: 'op' }> | null =>
  e.kind === 'round' ? ratioOf(e.of) : e.kind !== 'op' ? null : e.op === '/' ? e : isPercent(e) ? ratioOf(e.left) : null;

export const isRatio = (e: Expression): boolean => (e.kind === 'round' ? isRatio(e.of) : e.kind === 'op' && e.op === '/');

function rankWay(plan: CalculatePlan, fn: 'rank' | 'rank up'): CalculatePlan | null {
  return plan.as.kind === 'over' && plan.as.fn.startsWith('rank') ? { ...plan, as: { ...plan.as, fn } } : null;
}

function addParts(name: string, list: readonly string[], x: Context): Act | null {
  const d = dated(name, x);
  if (!d) return null;
  const taken = x.head.columns.map((c) => c.name);
  return plans(...list.map((part) => ({ step: 'calculate' as const, name: uniqueName(`${name} ${part}`, taken), as: { kind: 'part', part, of: d } as Expression, replace: false })));
}

const roundColumns = (names: readonly string[], places: number, mode: Rounding): Act =>
  plans(...names.map((name): CalculatePlan => ({ step: 'calculate', name, as: { kind: 'round', of: column(name), places, mode }, replace: true })));
