import { blank, type Case, column, type Condition, type Expression, number, op, walk } from '../../formula/expression';
import { type Act, amend, type Context, plans } from '../../language/acts';
import { keyOf } from '../../language/chart';
import { orNoNumber, orZero } from '../../language/grammar/conditions/make';
import { rounded } from './adding';
import type { Rounding } from '../../values/number';
import type { CalculatePlan } from './step';
import { cases, isPercent, percented, needs, isRatio, textual } from './formulas';

/** A change to the calculation said just before. Of several made in one go, the last is meant. */
export const onLast = (key: string, change: (plan: CalculatePlan, head: Context['head']) => CalculatePlan | null): Act => amend(`calculate ${key}`, (plan, head) => (plan.step === 'calculate' ? change(plan, head) : null));

/** The plan with another formula; a name that was made from the old one stays. */
export const named = (plan: CalculatePlan, as: Expression): CalculatePlan => ({ ...plan, as });

/** A calculation that is never below, or never above, a number; blanks stay. */
export const limitedTo = (operator: '<' | '>', n: number): Act =>
  onLast(`limit ${operator} ${n}`, (plan) => (textual(plan.as) || plan.as.kind === 'choose' || plan.as.kind === 'column' || plan.replace ? null : named(plan, cases([{ when: { kind: 'compare', op: operator, left: plan.as, right: number(n) }, then: number(n) }], plan.as))));

/** Blank where a condition holds. What is blank there anyway (a missing part, a zero below the line) is only confirmed. */
export function blankWhere(condition: Condition): Act {
  return onLast(`blank ${keyOf(condition)}`, (plan, head) => blankedWhere(plan, condition, head));
}

/** A calculation that is blank where a condition holds, before anything else is looked at. */
export const withBlank = (plan: CalculatePlan, given: Condition, head: Context['head']): CalculatePlan => {
  const first = { when: orNoNumber(given, head), then: blank };
  return { ...plan, as: plan.as.kind === 'choose' ? { ...plan.as, cases: [first, ...plan.as.cases] } : { kind: 'choose', cases: [first], otherwise: plan.as } };
};

/** Does one of the cases of a choice speak of zero itself? Then zero is no blank. */
export const saysZero = (e: Expression): boolean => e.kind === 'choose' && e.cases.some(({ when }) => when.kind === 'compare' && when.op === '=' && when.right.kind === 'number' && when.right.value === 0);

/** A calculation that is blank where a condition holds, unless that is so anyway. */
export function blankedWhere(plan: CalculatePlan, condition: Condition, head: Context['head']): CalculatePlan {
  // What is blank anyway is only confirmed; of 'no hives' a zero is meant as well, but not of a stock that is not known.
  if (impliedBlank(condition, plan.as)) return plan;
  const where = saysZero(plan.as) ? condition : orZero(condition, { head });
  return impliedBlank(where, plan.as) ? plan : withBlank(plan, where, head);
}

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

/** A new column of a bare quotient as a percentage; any other plan as it is. */
export const asPercentage = <P extends { readonly step: string }>(plan: P): P => {
  const own = plan as unknown as CalculatePlan;
  // Blank here and there, it is no less a quotient.
  const inner = own.step === 'calculate' && own.as.kind === 'choose' && own.as.cases.every((c) => c.then.kind === 'blank') ? own.as.otherwise : own.as;
  // Never below zero, it is one too: what is looked at is then the percentage as well.
  if (own.step === 'calculate' && !own.replace && own.as.kind === 'choose' && own.as.cases.length === 1 && isRatio(own.as.otherwise) && !isPercent(own.as.otherwise)) {
    const [{ when, then }] = own.as.cases as [Case];
    if (when.kind === 'compare' && then.kind === 'number' && then.value === 0 && keyOf(when.left) === keyOf(own.as.otherwise) && keyOf(when.right) === keyOf(then)) {
      const hundredfold = percented(own.as.otherwise);
      return { ...own, as: { ...own.as, cases: [{ when: { ...when, left: hundredfold }, then }], otherwise: hundredfold } } as unknown as P;
    }
  }
  return own.step === 'calculate' && !own.replace && isRatio(inner) && !isPercent(inner) ? ({ ...own, as: percented(own.as) } as unknown as P) : plan;
};

/** Rounded to a multiple of a number. */
export const nearMultiple = (e: Expression, n: number, mode: Rounding): Expression => op('*', rounded(op('/', e, number(n)), 0, mode), number(n));

/** Columns rounded to the nearest ten, five or half. */
export const toMultiple = (names: readonly string[], n: number, mode: Rounding = 'nearest'): Act | null =>
  n > 0 ? plans(...names.map((name): CalculatePlan => ({ step: 'calculate', name, as: nearMultiple(column(name), n, mode), replace: true }))) : null;
