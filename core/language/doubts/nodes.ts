import type { Condition, Expression } from '../../formula/expression';

/* What stands anywhere in plans. */

/** Every node of a sort anywhere in plans. */
export function nodesIn<T>(node: unknown, is: (n: object) => n is T & object): T[] {
  const out: T[] = [];
  const walk = (at: unknown): void => {
    if (typeof at !== 'object' || at === null) return;
    if (is(at)) out.push(at);
    for (const key in at) walk((at as Record<string, unknown>)[key]);
  };
  walk(node);
  return out;
}

/** Every calculation of a kind anywhere in plans. */
export const calculated = <K extends Expression['kind']>(node: unknown, kind: K): Extract<Expression, { kind: K }>[] => nodesIn(node, (n): n is Extract<Expression, { kind: K }> => 'kind' in n && n.kind === kind);

type Compared = Extract<Condition, { kind: 'compare' }>;
/** Every comparison anywhere in plans. */
export const compared = (node: unknown): Compared[] => nodesIn(node, (n): n is Compared => 'kind' in n && n.kind === 'compare');

type Sought = Extract<Condition, { kind: 'text' }>;
/** The words that are looked for anywhere in a plan. */
export const wordsSought = (node: unknown): (readonly string[])[] => nodesIn(node, (n): n is Sought => 'kind' in n && n.kind === 'text' && 'test' in n && n.test === 'mentions').map((n) => n.texts);
