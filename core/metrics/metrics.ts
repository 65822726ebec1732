import { isDate } from '../table/column';
import { readsAsNumber, type CheckedHead } from '../formula/check';
import { column, number, op, type Expression, type Operator } from '../formula/expression';
import { METRICS, ROLES, type Metric } from './glossary';

/** A metric tied to a table's columns. Lower cost is likelier. */
export interface Tied {
  readonly metric: Metric;
  readonly expression: Expression;
  readonly roles: ReadonlyMap<string, string>;
  readonly cost: number;
}

type Node = { readonly role: string } | { readonly value: number } | { readonly op: Operator; readonly left: Node; readonly right: Node };

/** A formula of the glossary as a tree: sums and products of roles and numbers, with brackets. */
function parse(formula: string): Node {
  const tokens = formula.match(/[A-Za-z]+|\d+|[-+*/()]/g) ?? [];
  let at = 0;
  const atom = (): Node => {
    const t = tokens[at++]!;
    if (t === '(') {
      const inner = sum();
      at++;
      return inner;
    }
    return /^\d/.test(t) ? { value: Number(t) } : { role: t };
  };
  const chain = (next: () => Node, ops: string): Node => {
    let left = next();
    while (ops.includes(tokens[at] ?? ' ')) left = { op: tokens[at++] as Operator, left, right: next() };
    return left;
  };
  const product = (): Node => chain(atom, '*/');
  const sum = (): Node => chain(product, '+-');
  return sum();
}

const trees = new Map<Metric, { readonly tree: Node; readonly roles: readonly string[] }>();

function treeOf(metric: Metric): { readonly tree: Node; readonly roles: readonly string[] } {
  let known = trees.get(metric);
  if (!known) {
    const roles: string[] = [];
    const visit = (n: Node): void => {
      if ('role' in n) {
        if (!roles.includes(n.role)) roles.push(n.role);
      } else if ('op' in n) {
        visit(n.left);
        visit(n.right);
      }
    };
    const tree = parse(metric.formula);
    visit(tree);
    trees.set(metric, (known = { tree, roles }));
  }
  return known;
}

/** The roles a metric needs, in the order of its formula. */
export const rolesOf = (metric: Metric): readonly string[] => treeOf(metric).roles;

/** The operator that a metric's formula ends with. */
export const topOf = (metric: Metric): Operator | null => { const { tree } = treeOf(metric); return 'op' in tree ? tree.op : null; };

function build(tree: Node, roles: ReadonlyMap<string, string>): Expression {
  if ('role' in tree) return column(roles.get(tree.role)!);
  if ('value' in tree) return number(tree.value);
  return op(tree.op, build(tree.left, roles), build(tree.right, roles));
}

const words = (name: string): string[] => name.replace(/(\p{Ll}{2})(\p{Lu})/gu, '$1 $2').toLowerCase().split(/[^\p{L}\p{N}]+/u).filter(Boolean);

const WEIGHTS = new Map<string, Map<string, number>>(Object.entries(ROLES).map(([role, text]) => {
  const [first, second = ''] = text.split(' / ');
  return [role, new Map([...first!.split(' ').map((w) => [w, 0] as const), ...second.split(' ').filter(Boolean).map((w) => [w, 0.35] as const)])];
}));

/** How badly a column fits a role: 0 for a name that is the role, Infinity when nothing ties them. */
export function fit(role: string, name: string): number {
  const weights = WEIGHTS.get(role);
  const own = words(name);
  if (!weights || own.length === 0) return Infinity;
  const costs = own.map((w) => weights.get(w) ?? weights.get(w.replace(/s$/, '')) ?? Infinity);
  const best = Math.min(...costs);
  return best + 0.1 * (own.length - 1);
}

/** The expression of a metric with its roles played by given columns; a share comes as a percentage. */
export function withRoles(metric: Metric, roles: ReadonlyMap<string, string>): Expression {
  const e = build(treeOf(metric).tree, roles);
  return metric.share ? op('*', e, number(100)) : e;
}

/**
 * The ways a table's columns can play a metric's roles, likeliest first, at most three. With `given`, only those columns
 * may play. Empty when a role has none.
 */
export function tie(metric: Metric, head: CheckedHead, given: readonly string[] | null = null): Tied[] {
  const { roles } = treeOf(metric);
  const usable = (given ?? head.columns.map((c) => c.name)).filter((n) => readsAsNumber(head, n) && !isDate(head.columns.find((c) => c.name === n)?.type ?? 'text'));
  let ways: { roles: Map<string, string>; cost: number }[] = [{ roles: new Map(), cost: 0 }];
  for (const role of roles) {
    const players = usable.map((name) => ({ name, cost: given ? Math.min(1, fit(role, name)) : fit(role, name) })).filter((p) => p.cost < Infinity).sort((a, b) => a.cost - b.cost).slice(0, 4);
    ways = ways
      .flatMap((w) => players.filter((p) => ![...w.roles.values()].includes(p.name)).map((p) => ({ roles: new Map(w.roles).set(role, p.name), cost: w.cost + p.cost })))
      .sort((a, b) => a.cost - b.cost)
      .slice(0, 6);
  }
  return ways.slice(0, 3).map((w) => ({ metric, roles: w.roles, expression: withRoles(metric, w.roles), cost: w.cost }));
}

/** The roles of a metric that no column of a table can play. */
export const missingRoles = (metric: Metric, head: CheckedHead): string[] =>
  treeOf(metric).roles.filter((role) => !head.columns.some((c) => readsAsNumber(head, c.name) && fit(role, c.name) < Infinity));

/** Every metric by each of its names, in words. */
export const METRIC_NAMES: readonly (readonly [readonly string[], Metric])[] = METRICS.flatMap((m) => m.names.map((n) => [n.split(' '), m] as const));
