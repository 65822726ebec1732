import type { Expression } from '../../formula/expression';
import type { Plan } from '../registry';

/** The calculations that kept sentences have named, each as it was named last. */
export const termsOf = (plans: readonly Plan[]): ReadonlyMap<string, Expression> => new Map(plans.flatMap((p) => (p.step === 'define' ? [[p.name, p.as] as const] : [])));

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/** Does a plan use a calculation anywhere in its formulas? */
export function usesTerm(plan: Plan, as: Expression): boolean {
  const visit = (node: unknown): boolean => typeof node === 'object' && node !== null && (same(node, as) || Object.values(node).some(visit));
  return plan.step !== 'define' && visit(plan);
}

/** The plan with another calculation wherever it uses `from`: what a changed definition does to the sentences after it. */
export function recast<P extends Plan>(plan: P, from: Expression, to: Expression): P {
  const visit = (node: unknown): unknown => {
    if (typeof node !== 'object' || node === null) return node;
    if (same(node, from)) return to;
    return Array.isArray(node) ? node.map(visit) : Object.fromEntries(Object.entries(node).map(([k, v]) => [k, visit(v)]));
  };
  return visit(plan) as P;
}

/** What kept sentences have settled for those after them. */
export interface Settled {
  readonly terms: ReadonlyMap<string, Expression>;
  readonly yearStart?: number;
}

/** Calculations named in a table's own sentences, and the start of the financial year as it was said last in any of the workspace. */
export function settledBy(own: readonly Plan[], all: readonly Plan[]): Settled {
  let yearStart: number | undefined;
  const visit = (node: unknown): void => {
    if (typeof node !== 'object' || node === null) return;
    if ('kind' in node && node.kind === 'fiscal' && 'start' in node) yearStart = node.start as number;
    Object.values(node).forEach(visit);
  };
  all.forEach(visit);
  return { terms: termsOf(own), ...(yearStart === undefined ? {} : { yearStart }) };
}
