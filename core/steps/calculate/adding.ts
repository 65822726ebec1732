import type { Expression } from '../../formula/expression';
import { withPlan, type Act, type State } from '../../language/acts';
import { keyOf } from '../../language/chart';
import { nameOf } from '../../language/naming';
import type { Rounding } from '../../values/number';
import { uniqueName } from '../../values/names';
import type { Plan } from '../registry';

/** A new column; without a name it is called after what it computes. */
export function add(as: Expression, name?: string): Act {
  return {
    key: `add ${name ?? ''} ${keyOf(as)}`,
    apply(state: State) {
      const given = name ?? uniqueName(nameOf(as), state.head.columns.map((c) => c.name));
      return withPlan(state, { step: 'calculate', name: given, as, replace: false }, [given]);
    },
  };
}

/** A new column, and what is done by it: rows put in order by what has to be calculated first. */
export function thenBy(as: Expression, what: string, next: (column: string) => Plan | null): Act | null {
  if (as.kind === 'column' || as.kind === 'number' || as.kind === 'text') return null;
  const made = add(as);
  return {
    key: `${what} by new ${made.key}`,
    apply(state: State) {
      const after = made.apply(state), plan = after?.plans.at(-1), then = plan?.step === 'calculate' ? next(plan.name) : null;
      return after && then && withPlan(after, then);
    },
  };
}

/** Several new columns. A name that is taken gets a number, unless it was said. */
export const addEach = (made: readonly { readonly name: string; readonly as: Expression; readonly said?: boolean }[]): Act => ({
  key: `add each ${keyOf(made)}`,
  apply: (state: State) => made.reduce<State>((s, { name, as, said }) => { const given = said ? name : uniqueName(name, s.head.columns.map((c) => c.name)); return withPlan(s, { step: 'calculate', name: given, as, replace: false }, [given]); }, state),
});

/** A formula rounded; in a choice, each of its results. Whole days, weeks, months or years are whole already. */
export const rounded = (e: Expression, places: number, mode: Rounding): Expression =>
  e.kind === 'round' ? { ...e, places, mode }
  : e.kind === 'part' ? e
  : e.kind === 'span' && e.unit !== 'hours' && e.unit !== 'minutes' ? e
  : e.kind === 'choose' ? { ...e, cases: e.cases.map((c) => ({ ...c, then: c.then.kind === 'blank' ? c.then : rounded(c.then, places, mode) })), otherwise: e.otherwise.kind === 'blank' ? e.otherwise : rounded(e.otherwise, places, mode) }
  : { kind: 'round', of: e, places, mode };
