import { type Case, columnsOf, type Expression, isCondition, number, op, parts, walk } from '../../formula/expression';
import { percent } from '../../language/grammar/roles';

/* What a formula is, and formulas made of others. */

/** A formula that says more than a column or a number by itself. */
export const real = (e: Expression): boolean => e.kind === 'over' || e.kind === 'moving' || e.kind === 'ago' || (e.kind !== 'column' && e.kind !== 'number' && columnsOf(e).length > 0);

/** Does the formula look at the row itself, not only at figures over many rows? A bare figure is a question, not a column. */
export const rowLevel = (e: Expression): boolean => e.kind !== 'total' && (e.kind === 'column' || e.kind === 'over' || e.kind === 'moving' || e.kind === 'ago' || parts(e).some((p) => isCondition(p) || rowLevel(p)));

/** Is the expression a hundredfold, a percentage already? */
export const isPercent = (e: Expression): boolean => (e.kind === 'round' ? isPercent(e.of) : e.kind === 'op' && e.op === '*' && e.right.kind === 'number' && e.right.value === 100);

/** Weeks with decimals are sevenths of days. */
export const inParts = (e: Expression): Expression => (e.kind === 'span' && e.unit === 'weeks' ? op('/', { ...e, unit: 'days' }, number(7)) : e.kind === 'choose' ? { ...e, cases: e.cases.map((c) => ({ ...c, then: inParts(c.then) })), otherwise: inParts(e.otherwise) } : e);

/** Does a formula give texts? */
export const textual = (e: Expression): boolean => ['text', 'join', 'cased', 'piece'].includes(e.kind) || (e.kind === 'choose' && e.cases.every((c) => textual(c.then)));

/** A bare quotient as a percentage; inside a rounding, what is rounded. */
export const percented = (e: Expression): Expression => (e.kind === 'round' ? { ...e, of: percented(e.of) } : e.kind === 'choose' ? { ...e, cases: e.cases.map((c) => (isRatio(c.then) ? { ...c, then: percented(c.then) } : c)), otherwise: isRatio(e.otherwise) ? percented(e.otherwise) : e.otherwise } : percent(e));

/** Does a blank in the column make the whole blank? */
export function needs(e: Expression, name: string): boolean {
  if (e.kind === 'column') return e.name === name;
  if (e.kind === 'op') return needs(e.left, name) || needs(e.right, name);
  if (e.kind === 'round' || e.kind === 'part') return needs(e.of, name);
  // Where it is blank no comparison with it holds, and the rest is blank as well.
  if (e.kind === 'choose') return needs(e.otherwise, name) && e.cases.every((c) => c.when.kind === 'compare' && columnsOf(c.when).includes(name));
  if (e.kind === 'span' || e.kind === 'lapse') return needs(e.from, name) || needs(e.to, name);
  return e.kind === 'over' && e.fn.startsWith('rank') && needs(e.of, name);
}

/** A choice. */
export const cases = (list: readonly Case[], otherwise: Expression): Expression => ({ kind: 'choose', cases: list, otherwise });

/** A figure over rows in their order. */
export const over = (fn: 'running' | 'previous' | 'rank' | 'rank up', of: Expression | null, by: readonly string[] = []): Expression | null => of && { kind: 'over', fn, of, by };

/** A figure over several columns of a row. */
export const isAcross = (e: Expression): boolean => (e.kind === 'round' ? isAcross(e.of) : e.kind === 'across');

/** Is there a figure over several rows in the formula? */
export function hasTotal(e: Expression): boolean {
  let found = false;
  walk(e, (n) => { found ||= n.kind === 'total'; });
  return found;
}

/** Minutes later than planned: blank where one of the times is. */
export const isLate = (e: Expression): boolean => (e.kind === 'round' ? isLate(e.of) : e.kind === 'op' && (e.left.kind === 'clock' || isLate(e.left)));

/** Is a formula a span of time? */
export const isSpan = (e: Expression): boolean => (e.kind === 'round' ? isSpan(e.of) : e.kind === 'span' || e.kind === 'lapse');

/** The quotient inside a formula's rounding and percentage. */
export const ratioOf = (e: Expression): Extract<Expression, { kind: 'op' }> | null =>
  e.kind === 'round' ? ratioOf(e.of) : e.kind !== 'op' ? null : e.op === '/' ? e : isPercent(e) ? ratioOf(e.left) : null;

/** Is a formula a quotient? */
export const isRatio = (e: Expression): boolean => (e.kind === 'round' ? isRatio(e.of) : e.kind === 'op' && e.op === '/');

/** The same with blanks of some columns counted as zero: without names, of all. */
export function zeroForBlank(e: Expression, names?: readonly string[]): Expression {
  if (e.kind === 'lookup') return { kind: 'orElse', of: e, otherwise: number(0) };
  if (e.kind === 'column') return names === undefined || names.includes(e.name) ? { kind: 'orElse', of: e, otherwise: number(0) } : e;
  if (e.kind === 'op') return { ...e, left: zeroForBlank(e.left, names), right: zeroForBlank(e.right, names) };
  return e.kind === 'round' ? { ...e, of: zeroForBlank(e.of, names) } : e;
}
