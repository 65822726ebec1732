import { columnOf, eachChunk, liveMask, type Table } from '../../table/table';
import { eachText } from '../../values/cell';
import type { StandardisePlan } from './step';

/** What was decided about a spelling: it is taken for another one, or (`to` null) left as it is. */
export interface SpellingDecision {
  readonly from: string;
  readonly to: string | null;
}

/** The decisions that a plan holds. */
export const decisionsIn = (plan: StandardisePlan): SpellingDecision[] => [...(plan.taking ?? []), ...(plan.leaving ?? []).map((from) => ({ from, to: null }))];

/** A plan with decisions that were made before and are about texts of the column. What it says itself counts more. */
export function withDecisions(plan: StandardisePlan, before: readonly SpellingDecision[], present: ReadonlySet<string>): StandardisePlan {
  const own = new Set(decisionsIn(plan).map((d) => d.from));
  const more = before.filter((d) => present.has(d.from) && !own.has(d.from));
  const taking = [...(plan.taking ?? []), ...more.flatMap(({ from, to }) => (to === null ? [] : [{ from, to }]))];
  const leaving = [...(plan.leaving ?? []), ...more.filter((d) => d.to === null).map((d) => d.from)];
  return { step: 'standardise', column: plan.column, ...(taking.length ? { taking } : {}), ...(leaving.length ? { leaving } : {}) };
}

/** Which of some texts stand in a column. O(distinct texts of its chunks). */
export async function textsPresent(table: Table, column: string, wanted: ReadonlySet<string>): Promise<Set<string>> {
  const found = new Set<string>();
  const { type } = columnOf(table, column);
  const live = liveMask(table);
  await eachChunk(table, [column], ([chunk], _ord, from, length) => eachText(chunk!, type, length, live?.subarray(from, from + length), (text) => { if (wanted.has(text)) found.add(text); }));
  return found;
}
