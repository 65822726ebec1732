import { column, type Condition, type Expression, number, op, rowsCounted } from '../../formula/expression';
import { type Act, type Context, type State, withPlan } from '../../language/acts';
import { dated, groupable, onlyDate, quantity } from '../../language/grammar/roles';
import { keyOf } from '../../language/chart';
import { nameOf } from '../../language/naming';
import { columnOf } from '../../table/table';
import type { Asked, AskPlan } from './step';

/* Questions: figures over all rows or over groups of them. */

/** A figure over rows. */
export type Fn = Extract<Expression, { kind: 'total' }>['fn'];

/** A figure over all rows. */
export const over = (fn: Fn, of: Expression): Expression => ({ kind: 'total', fn, of, by: [] });

/** How many rows there are. */
export const allRows = rowsCounted();

/** Names of what adds up to nothing: of several ratings the average is wanted. */
const INTENSIVE = /\b(?:ratings?|stars|temperature|temp|age|humidity|moisture|satisfaction|percent|percentage|ph|per)\b|%/i;

/** The figure of a column where none was said. */
export const usualFn = (name: string): Fn => (INTENSIVE.test(name) ? 'mean' : 'sum');

/** What a column comes to over some rows, where no figure was said: its total, or the average of what cannot be added up. Null where it holds no numbers. */
export const usual = (name: string, x: Context): Expression | null => { const e = quantity(name, x); return e && over(usualFn(name), e); };

/** The total of a column; null where it holds no numbers. */
export const sum = (name: string, x: Context): Expression | null => { const e = quantity(name, x); return e && over('sum', e); };

/** The share of the rows for which a condition holds, as a percentage. */
export const shareOf = (where: Condition): Expression =>
  op('*', op('/', over('sum', { kind: 'choose', cases: [{ when: where, then: number(1) }], otherwise: number(0) }), allRows), number(100));

const named = (e: Expression): string => {
  if (keyOf(e) === keyOf(allRows)) return 'Rows';
  const part = e.kind === 'op' && isShare(e) && e.left.kind === 'op' ? e.left : null;
  if (part?.right.kind === 'total' && part.right.whole) return part.left.kind === 'total' && part.left.fn !== 'count' && part.left.of.kind === 'column' ? `Share of ${part.left.of.name} %` : 'Share %';
  if (isShare(e) && JSON.stringify(e).includes(JSON.stringify(allRows))) return 'Share %';
  const value = weightedValue(e);
  if (value?.kind === 'column') return `Average ${value.name}`;
  return nameOf(e);
};

/** Figures with names of their own, none of which is taken. */
export const uniquely = (list: readonly Expression[], taken: readonly string[] = []): Asked[] => {
  const used = [...taken];
  return list.map((as) => {
    let name = named(as);
    for (let n = 2; used.includes(name); n++) name = `${named(as)} ${n}`;
    used.push(name);
    return { name, as };
  });
};

/** What is asked: figures of groups of some of the rows, in an order, the first so many. */
export interface Question {
  readonly figures: readonly Expression[];
  readonly by: readonly Expression[];
  readonly where?: Condition;
  readonly order?: { readonly figure: number; readonly down: boolean };
  readonly most?: number;
}

/** The mean of values of which each counts as much as a weight says; blank values have none. */
export const weightedMean = (value: Expression, weight: Expression): Expression =>
  op('/', over('sum', op('*', value, weight)), over('sum', { kind: 'choose', cases: [{ when: { kind: 'empty', of: value }, then: number(0) }], otherwise: weight }));

/** What a weighted mean is of; null for anything else. */
function weightedValue(e: Expression): Expression | null {
  const product = e.kind === 'op' && e.op === '/' && e.left.kind === 'total' && e.left.of.kind === 'op' && e.left.of.op === '*' ? e.left.of : null;
  return product && keyOf(weightedMean(product.left, product.right)) === keyOf(e) ? product.left : null;
}

/** A group's part of the whole, as a percentage. */
export const partOfAll = (e: Expression | null): Expression | null => (e?.kind === 'total' ? op('*', op('/', e, { ...e, whole: true }), number(100)) : null);

/** The first column whose values tell the rows apart: of texts, unless it is the very first. */
export const firstUnique = ({ head }: Pick<Context, 'head'>): string | undefined => head.columns.find((c, i) => { if (i > 0 && c.type !== 'text') return false; const g = head.glances?.get(c.name); return g?.values && g.blanks === 0 && g.values.length === g.rows; })?.name;

/** What an answer is grouped by, with its name. */
export const groupOf = (as: Expression): Asked => ({ name: as.kind === 'column' ? as.name : nameOf(as), as });

/** The plan of a question, its parts named. */
export function planOf(q: Question): AskPlan {
  const by = q.by.map(groupOf);
  const figures = uniquely(q.figures, by.map((b) => b.name));
  return {
    step: 'ask', figures, by,
    ...(q.where ? { where: q.where } : {}),
    ...(q.order ? { order: { name: figures[q.order.figure]!.name, down: q.order.down } } : {}),
    ...(q.most === undefined ? {} : { most: q.most }),
  };
}

/** 'How many passed and how many failed': the same figures of two values of a column are those of its groups. */
function bothValues(last: AskPlan, q: Question): AskPlan | null {
  const [a, b] = [last.where, q.where];
  if (last.by.length || q.by.length || a?.kind !== 'among' || b?.kind !== 'among' || a.of.kind !== 'column' || keyOf(a.of) !== keyOf(b.of)) return null;
  return keyOf(last.figures.map((f) => f.as)) === keyOf(q.figures) && !b.texts.some((t) => a.texts.includes(t)) ? { ...last, by: [groupOf(a.of)], where: { ...a, texts: [...a.texts, ...b.texts] } } : null;
}

/** The act of asking. Figures said on their own behind a question of groups are of those groups too. */
export const asked = (q: Question): Act => ({
  key: `ask ${keyOf(q)}`,
  apply(state: State): State | null {
    const last = state.plans.at(-1);
    const both = state.amends || last?.step !== 'ask' ? null : bothValues(last, q);
    if (both) return withPlan({ ...state, plans: state.plans.slice(0, -1) }, both, state.topic);
    if (state.amends || last?.step !== 'ask' || last.by.length === 0 || q.by.length > 0 || q.where) return withPlan(state, planOf(q), state.topic);
    const fresh = q.figures.filter((e) => !last.figures.some((f) => keyOf(f.as) === keyOf(e)));
    const before = { ...state, plans: state.plans.slice(0, -1) };
    return fresh.length === 0 ? null : withPlan(before, { ...last, figures: [...last.figures, ...uniquely(fresh, [...last.by, ...last.figures].map((f) => f.name))] }, state.topic);
  },
});

/** A column to group by; null where its values are too many. */
export const grouped = (name: string, x: Context): Expression | null => (groupable(name, x) ? column(name) : null);

/** 'each month in which tickets were opened': a part of a date. */
export const period = (part: 'month' | 'year' | 'quarter' | 'weekday' | 'date' | 'week', name: string | null, x: Context): Expression | null => {
  const of = name ?? onlyDate(x);
  const d = of && dated(of, x);
  return d ? (part === 'date' && columnOf(x.head, of!).type !== 'datetime' ? d : { kind: 'part', part, of: d }) : null;
};

/** Does a value of the column stand in several rows? */
export const repeats = (name: string, x: Context): boolean => (x.head.glances?.get(name)?.values ?? []).some(([v, n]) => v !== '' && n > 1);

/** Is a figure a percentage? */
export const isShare = (e: Expression): boolean => (e.kind === 'round' ? isShare(e.of) : e.kind === 'op' && e.op === '*' && e.right.kind === 'number' && e.right.value === 100);

/** Does a figure count? */
export const counts = (e: Expression): boolean => e.kind === 'total' && (e.fn === 'count' || e.fn === 'distinct');

/** What one column adds up to over what another does; null where one holds no numbers. */
export function sumOverSum(a: string, b: string, x: Context): Expression | null {
  const [m, n] = [sum(a, x), sum(b, x)];
  return m && n && op('/', m, n);
}
