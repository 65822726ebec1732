import { column, number, op, type Expression } from '../../formula/expression';
import { nothing, type Act, type Context, type State } from '../../language/acts';
import { keyOf, rule } from '../../language/chart';
import type { Metric } from '../../metrics/glossary';
import { rolesOf, tie, topOf, withRoles } from '../../metrics/metrics';
import { add, rounded } from './adding';

/* Measures of the trade asked for by name: core/metrics says what they are, the table's columns play their roles. */

/** A metric over the columns named with it, in the way that fits best. */
function from(metric: Metric, given: readonly string[], x: Context): Expression | null {
  if (given.length !== rolesOf(metric).length) return null;
  const [best] = tie(metric, x.head, given);
  return best ? best.expression : null;
}

/** A metric in which one column is known to play a part. */
function withOne(metric: Metric, given: string, x: Context): Expression | null {
  const role = rolesOf(metric);
  const ways = tie(metric, x.head).filter((t) => [...t.roles.values()].includes(given));
  if (ways[0]) return ways[0].expression;
  return role.length === 1 ? from(metric, [given], x) : null;
}

/** 'yield per hive': the metric's upper part over the column named. */
function perColumn(metric: Metric, divisor: string, x: Context): Expression | null {
  const [above, below] = rolesOf(metric);
  if (!/^\w+ \/ \w+$/.test(metric.formula) || !above || !below) return null;
  for (const way of tie({ ...metric, formula: above, share: false }, x.head)) {
    const name = way.roles.get(above)!;
    if (name !== divisor) return withRoles(metric, new Map([[above, name], [below, divisor]]));
  }
  return null;
}

/** Several calculations in one go, each a column of its own. */
const addEach = (list: readonly Expression[]): Act => ({
  key: `each ${keyOf(list)}`,
  apply: (state: State) => list.reduce<State | null>((s, e) => s && add(e).apply(s), state),
});

export const metricPhrases = [
  rule('ex1', '$metric:e', ({ e }) => e, 0),
  rule('ex1', '$metricName:m from|of|with|using|out|on|by its|the|their? $cols:c', ({ m, c }, x: Context) => from(m, c, x), 0.05),
  rule('ex1', '$metricName:m ~each $rows|$guess ,|:? from|with|using|out|on|by its|the|their? $cols:c', ({ m, c }, x: Context) => from(m, c, x), 0.02),
  rule('ex1', '$metricName:m of|for|, ~each? $rows|$guess ,|:? from|with|using? its|the|their? $cols:c', ({ m, c }, x: Context) => from(m, c, x), 0.02),
  rule('ex1', '$metricName:m ~open $col:a ~against $col:b ~close', ({ m, a, b }, x: Context) => from(m, [a, b], x), 0),
  rule('ex1', '$metricName:m ~each $rows|$guess $please? ~open $col:a ~against $col:b ~close', ({ m, a, b }, x: Context) => from(m, [a, b], x), 0),
  rule('ex1', '$metricName:m ~open $cols:c ~close', ({ m, c }, x: Context) => from(m, c, x), 0),
  rule('ex1', '$metricName:m , $col:a ~against $col:b', ({ m, a, b }, x: Context) => from(m, [a, b], x), 0.05),
  rule('ex0', '$metricName:m ~open $ex2:e ~close', ({ m, e }) => (e.kind === 'op' && topOf(m) === e.op ? e : null), 0.02),
  rule('please', 'please|pls', () => true, 0),
  rule('ex1', '$metricName:m at|going|by|on|over by? the? $col:c', ({ m, c }, x: Context) => withOne(m, c, x), 0.02),
  rule('ex1', '$metricName:m ~per $col:c', ({ m, c }, x: Context) => perColumn(m, c, x), 0),
  rule('ex2', '$col:a growth|increase|rise|change from|between? $col:b ~fromTo $col:c', ({ b, c }) => growth(b, c), 0.1),
  rule('ex2', '~growthWord from|between|of|in? $col:b ~fromTo $col:c', ({ b, c }) => growth(b, c), 0.02),
  rule('ex2', '$family:f ~growthWord? from|between? $num:a ~fromTo $num:b', ({ f, a, b }) => yearly(f, a, b), 0),
  rule('ex2', '~growthWord of|in $family:f from|between? $num:a ~fromTo $num:b', ({ f, a, b }) => yearly(f, a, b), 0),
  rule('ex2', '(by? how? many|much|what percent|percentage|%?)? did|do|does|has|have the? $family:f grow|grown|rise|risen|increase|increased|change|changed|go|gone up? from|between? $num:a ~fromTo|and $num:b', ({ f, a, b }) => yearly(f, a, b), -0.1),
  rule('measures', '$metric:a', ({ a }) => [a], 0),
  rule('measures', '$metricName:m ~per $col:c', ({ m, c }, x: Context) => { const e = perColumn(m, c, x); return e && [e]; }, 0),
  rule('measures', '$measures:a ~list $measures:b', ({ a, b }) => [...a, ...b], 0),
  rule('clause', '~add? $measures:m', ({ m }) => (m.length > 1 ? addEach(m) : null), 0.05),
  rule('clause', '~add? $measures:m ,|and|all|each? ~round? $places:p', ({ m, p }) => (m.length > 1 ? addEach(m.map((e: Expression) => rounded(e, p, 'nearest'))) : null), 0.02),
  rule('aside', 'so that? $num stands|means|is for? $remark|$guess', () => nothing, 0.1),
  rule('aside', 'so that? $num stands|means|is for? ~twice? the? $col', () => nothing, 0.1),
  rule('aside', 'so that? $num stands|means|is for? $pct', () => nothing, 0),
  rule('aside', 'so that? $num stands|means|is for? $num %|percent', () => nothing, 0),
].flat();

/** Change from one column to another, as a percentage of the first. */
const growth = (from: string, to: string): Expression | null =>
  from === to ? null : op('*', op('/', op('-', column(to), column(from)), column(from)), number(100));

/** 'visitors 2024 to 2025': the columns of a family whose names hold the two numbers. */
function yearly(family: readonly string[], a: number, b: number): Expression | null {
  const of = (n: number): string[] => family.filter((name) => new RegExp(`(?<!\\d)${n}(?!\\d)`).test(name));
  const [from, to] = [of(a), of(b)];
  return from.length === 1 && to.length === 1 ? growth(from[0]!, to[0]!) : null;
}
