import { keyOf } from './chart';
import { keptForHead } from './kept';
import type { CheckedHead, Problem } from '../formula/check';
import { renameColumns, type Expression } from '../formula/expression';
import { checkPlan, definitionOf, type Plan } from '../steps/registry';
import type { Vocabulary } from './mentions';
import { stem } from './words';

/** What rules may look at while they build. */
export interface Context {
  readonly vocabulary: Vocabulary;
  readonly head: CheckedHead;
  /** The month in which the financial year begins, where that was said before. */
  readonly yearStart?: number;
  /** Calculations that were given a name. */
  readonly terms?: ReadonlyMap<string, Expression>;
}

/** Where a reading stands after some of its clauses: its plans so far and the table they lead to. */
export interface State {
  readonly plans: readonly Plan[];
  readonly head: CheckedHead;
  /** The table the request begins with. */
  readonly start: CheckedHead;
  /** The columns spoken of last: what 'it' and a clause without a column refer to. */
  readonly topic: readonly string[];
  /** Columns that were only spoken of, and that nothing has taken up yet. */
  readonly spoken: readonly string[];
  /** Words that said what those columns look like, by their stems: what 'take those out' refers to. */
  readonly told: ReadonlySet<string>;
  /** The last plan of the request before: what 'the same' refers to. */
  readonly last: Plan | null;
  /** The state begins with the plans of the request before, which this one may change. */
  readonly amends: boolean;
  readonly problem: Problem | null;
}

/** What a clause does to the reading so far; null when it does not fit there. `key` tells acts apart. */
export interface Act {
  readonly key: string;
  apply(state: State): State | null;
}

const heads = keptForHead<CheckedHead>(500);

/**
 * The table head that a checked plan leads to, with what is known of the columns it does not make. The readings of one
 * request try the same plans again and again, so it is found once for each.
 */
export function headAfter(plan: Plan, head: CheckedHead): CheckedHead {
  return heads(head, keyOf(plan), () => findHeadAfter(plan, head));
}

function findHeadAfter(plan: Plan, head: CheckedHead): CheckedHead {
  const { columns } = definitionOf(plan).outline(plan, head);
  const glances = new Map(columns.flatMap((c) => ('kept' in c.from && head.glances?.has(c.from.kept) ? [[c.head.name, head.glances.get(c.from.kept)!] as const] : [])));
  return { name: head.name, columns: columns.map((c) => c.head), ...(head.glances ? { glances } : {}), ...(head.others ? { others: head.others } : {}) };
}

/** A state with one more plan. A plan that cannot be is kept as the state's problem, so that it can be said. */
export function withPlan(state: State, plan: Plan, topic?: readonly string[]): State {
  // 'Billed without signs, numeric': what is said twice in other words is done once.
  if ((plan.step === 'convert' || plan.step === 'tidy' || plan.step === 'filter') && state.plans.length > 0 && keyOf(state.plans.at(-1)) === keyOf(plan)) return state;
  const last = state.plans.at(-1);
  // 'Those with slashes are day first. Turn the column into dates': the first said more.
  if (plan.step === 'convert' && last?.step === 'convert' && JSON.stringify([last.columns, last.to]) === JSON.stringify([plan.columns, plan.to]) && Object.keys(plan).length === 3) return state;
  const [problem] = checkPlan(plan, state.head);
  if (problem) return { ...state, plans: [...state.plans, plan], problem: state.problem ?? problem };
  return { ...state, plans: [...state.plans, plan], spoken: takenUp(state.spoken, plan), head: headAfter(plan, state.head), topic: topic ?? ('columns' in plan ? plan.columns : state.topic) };
}

/** What is left of columns that were spoken of, once a plan has to do with some of them. */
const takenUp = (spoken: readonly string[], plan: Plan): readonly string[] => {
  if (spoken.length === 0) return spoken;
  const said = JSON.stringify(plan);
  return spoken.some((name) => said.includes(JSON.stringify(name))) ? [] : spoken;
};

/** An act that cannot be, and says why. */
export const impossible = (plan: Plan, text: string): Act => ({ key: `impossible ${text}`, apply: (state) => ({ ...state, plans: [...state.plans, plan], problem: state.problem ?? { text } }) });

/** An act that adds plans. */
export const plans = (...made: readonly Plan[]): Act => ({
  key: made.map((p) => JSON.stringify(p)).join('\n'),
  apply: (state) => made.reduce<State>((s, p) => withPlan(s, p), state),
});

/** An act on the columns given, or else on those spoken of last. */
export const onColumns = (name: string, columns: readonly string[] | null, make: (columns: readonly string[]) => Plan): Act => ({
  key: `${name} ${JSON.stringify(columns)}`,
  apply(state) {
    const on = columns ?? state.topic;
    return on.length === 0 ? null : withPlan(state, make(on), on);
  },
});

/** The column that a plan makes new, if it is one with a name of its own. */
const made = (plan: Plan): string | null => (plan.step === 'calculate' && !plan.replace ? plan.name : null);

/** An act that changes a plan before it instead of adding one. `base` is the table as it was before that plan. */
export const amend = (key: string, change: (plan: Plan, base: CheckedHead) => Plan | null): Act => ({
  key: `amend ${key}`,
  apply(state) {
    // The latest plan that the change fits: 'one decimal' may be said after the sorting.
    for (let back = 1; back <= Math.min(3, state.plans.length); back++) {
      const before = state.plans.slice(0, -back);
      const base = before.reduce((head, plan) => (checkPlan(plan, head).length ? head : headAfter(plan, head)), state.start);
      const changed = change(state.plans.at(-back)!, base);
      if (!changed) continue;
      // What came after speaks of a new column by the name it has now.
      const [was, is] = [made(state.plans.at(-back)!), made(changed)];
      const after = (back === 1 ? [] : state.plans.slice(1 - back)).map((p) => (was !== null && is !== null && was !== is ? renameColumns(p, (n) => (n === was ? is : n)) : p));
      return after.reduce((s, plan) => withPlan(s, plan, state.topic), withPlan({ ...state, plans: before, head: base, problem: null }, changed, state.topic));
    }
    return null;
  },
});

/** An act that only says what is spoken of. */
export const speakOf = (columns: readonly string[]): Act => ({ key: `of ${JSON.stringify(columns)}`, apply: (state) => ({ ...state, topic: columns, spoken: columns }) });

/** An act that says what columns look like: of those named, or else of those spoken of. */
export const describe = (columns: readonly string[], told: readonly string[]): Act => ({
  key: `describe ${JSON.stringify([columns, told])}`,
  apply: (state) => (columns.length + state.topic.length === 0 ? null : { ...state, topic: columns.length ? columns : state.topic, spoken: columns.length ? columns : state.spoken, told: new Set([...state.told, ...told]) }),
});

/** An act on the columns spoken of, where it was said that such things stand in them. */
export const onTold = (things: readonly string[], act: Act): Act => ({ key: `told ${things.join()} ${act.key}`, apply: (state) => (things.some((t) => state.told.has(stem(t))) ? act.apply({ ...state, told: new Set() }) : null) });

/** Only where it changes what the request before said. */
export const ofLast = (act: Act): Act => ({ key: `last ${act.key}`, apply: (state) => (state.amends ? act.apply(state) : null) });

/** What a request tells where it says that two tables do not spell names the same. */
export const OTHERWISE_SPELLED = 'spelled otherwise';
export const spelledOtherwise: Act = { key: OTHERWISE_SPELLED, apply: (state) => ({ ...state, told: new Set([...state.told, OTHERWISE_SPELLED]) }) };

/** Words that ask for nothing. */
export const nothing: Act = { key: 'nothing', apply: (state) => state };

/** A state before any clause. */
export const startState = (head: CheckedHead, topic: readonly string[] = [], last: Plan | null = null): State => ({ plans: [], head, start: head, topic, spoken: [], told: new Set(), last, amends: false, problem: null });
