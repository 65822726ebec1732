import { readsAsNumber } from '../../formula/check';
import { blank, boundsOf, column, number, type Condition, type Expression } from '../../formula/expression';
import { amend, plans, type Act, type Context } from '../../language/acts';
import { rule } from '../../language/chart';
import { groupable } from '../../language/grammar/roles';
import { add } from './adding';

/* Values far from the rest: which they are, marking them, and drawing them in. */

type Outlying = Extract<Condition, { kind: 'outlying' }>;
const QUARTILES = { times: 1.5, measure: 'quartile ranges' } as const;

const outlying = (name: string, x: Context, by: readonly string[] = []): Outlying | null => (readsAsNumber(x.head, name) ? { kind: 'outlying', of: column(name), ...QUARTILES, by } : null);

/** Outlying values drawn in to the bounds. */
function bounded(c: Outlying): Expression {
  const { lowest, highest } = boundsOf(c);
  return { kind: 'choose', cases: [{ when: { kind: 'compare', op: '<', left: c.of, right: lowest }, then: lowest }], otherwise: highest };
}
const drawnIn = (name: string, c: Outlying): Act => set(name, bounded(c), c);

const set = (name: string, as: Expression, where: Condition): Act => plans({ step: 'calculate', name, as, where, replace: true });
const beyond = (name: string, way: '<' | '>', n: number, x: Context): Act | null => (readsAsNumber(x.head, name) ? set(name, number(n), { kind: 'compare', op: way, left: column(name), right: number(n) }) : null);

/** The measure of every outlier in a plan changed: 'by three standard deviations'. */
function remeasured<T>(node: T, change: Partial<Outlying>): T {
  if (Array.isArray(node)) return node.map((n) => remeasured(n, change)) as T;
  if (typeof node !== 'object' || node === null) return node;
  const all = Object.fromEntries(Object.entries(node).map(([k, v]) => [k, remeasured(v, change)]));
  return (all['kind'] === 'outlying' ? { ...all, ...change } : all) as T;
}
const rider = (change: Partial<Outlying>): Act =>
  amend(`outlying ${JSON.stringify(change)}`, (plan) => {
    if (!JSON.stringify(plan).includes('"kind":"outlying"')) return null;
    // Values drawn in have their bounds written out: they are made anew.
    if (plan.step === 'calculate' && plan.replace && plan.where?.kind === 'outlying' && plan.as.kind === 'choose') {
      const where = { ...plan.where, ...change };
      return { ...plan, where, as: bounded(where) };
    }
    return remeasured(plan, change);
  });

export const outlierPhrases = [
  rule('cond', '$col:c ~be an? ~outliers', ({ c }, x: Context) => outlying(c, x), 0),
  rule('outlying', '~outliers values|ones|rows|figures|numbers? in|of|for|by|on|among the? $col:c', ({ c }, x: Context) => outlying(c, x), 0),
  rule('outlying', '$col:c ~outliers', ({ c }, x: Context) => outlying(c, x), 0.02),
  rule('outlying', '~outliers $col:c', ({ c }, x: Context) => outlying(c, x), 0.05),
  rule('outlying', '$outlying:o ~each $col:b', ({ o, b }, x: Context) => (groupable(b, x) ? { ...o, by: [b] } : null), 0),
  rule('outlying', '$col:c that|which ~be ~outliers', ({ c }, x: Context) => outlying(c, x), 0),
  rule('outlying', '~outliers', (_s, x: Context) => { const all = x.head.columns.filter((c) => readsAsNumber(x.head, c.name) && x.head.glances?.has(c.name)); return all.length === 1 ? outlying(all[0]!.name, x) : null; }, 0.1),
  rule('rset', '$outlying:o', ({ o }) => o, 0),
  rule('rset', '$rows|$guess with|where|having|whose|that|which is|are|have|has? the|an? $outlying:o', ({ o }) => o, 0),
  rule('clause', '~flag the? $rows? with|where? the? $outlying:o', ({ o }) => add({ kind: 'choose', cases: [{ when: o, then: { kind: 'text', value: 'outlier' } }], otherwise: blank }, `${o.of.name} outlier`), -0.1),
  rule('clause', 'say|show|tell|add|make|write which|whether|if the? $col:c ~be an? ~outliers', ({ c }, x: Context) => { const o = outlying(c, x); return o && add({ kind: 'choose', cases: [{ when: o, then: { kind: 'text', value: 'yes' } }], otherwise: { kind: 'text', value: 'no' } }, `${c} outlier`); }, -0.1),
  rule('clause', '~make|set|turn|blank out|to? the? $outlying:o to|into|out? ~blankWord?', ({ o }) => set(o.of.name, blank, o), 0.1),
  rule('clause', '~replace the? $outlying:o ~with the? median|middle value?', ({ o }) => set(o.of.name, { kind: 'total', fn: 'median', of: o.of, by: o.by }, o), 0),
  rule('clause', '~replace the? $outlying:o ~with the? ~average', ({ o }) => set(o.of.name, { kind: 'total', fn: 'mean', of: o.of, by: o.by }, o), 0),
  rule('clause', '~cap the? $outlying:o $atBounds?', ({ o }) => drawnIn(o.of.name, o), -0.1),
  rule('atBounds', 'at|to the? quartile|usual|inner|outer? bounds|bound|limits|fences|range|whiskers', () => true, 0),
  rule('clause', '~cap $col:c at|to|by (a? maximum|most of?)? $num:n', ({ c, n }, x: Context) => beyond(c, '>', n, x), -0.1),
  rule('clause', '~cap $col:c at|to|by (a? maximum|most of?)? $pct:n', ({ c, n }, x: Context) => beyond(c, '>', n, x), -0.1),
  rule('clause', '~cap $col:c at|to|by a? minimum|least of? $num:n', ({ c, n }, x: Context) => beyond(c, '<', n, x), -0.1),
  rule('clause', '~cap everything|anything|values|all ~more $num:n in $col:c (at|to $num:m)?', ({ c, n, m }, x: Context) => (m === undefined || m === n ? beyond(c, '>', n, x) : null), -0.1),
  rule('rider', '~open? by|using|with|more? than|over|beyond? $num:n standard deviations|deviation from? the? mean|average? ~close?', ({ n }) => rider({ times: n, measure: 'standard deviations' }), -0.1),
  rule('rider', '~open? by|using|with|more? than|over|beyond? $num:n times? the? quartile|interquartile ranges|range ~close?', ({ n }) => rider({ times: n, measure: 'quartile ranges' }), -0.1),
  rule('rider', '~open? by|using|with|on the? quartiles|iqr|quartile|interquartile range|ranges|rule? ~close?', () => rider({ measure: 'quartile ranges' }), -0.1),
  rule('rider', '~each $col:b', ({ b }, x: Context) => (groupable(b, x) ? rider({ by: [b] }) : null), 0),
].flat();
