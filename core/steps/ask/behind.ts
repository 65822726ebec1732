import { all, number, type Condition, type Expression } from '../../formula/expression';
import type { CellValue } from '../../values/cell';
import type { FilterPlan } from '../filter/step';
import type { AskPlan } from './step';

/** What holds for the rows of one group: the group's expression has the value that the answer shows. */
function inGroup(as: Expression, value: CellValue): Condition {
  if (value === null || value === '') return { kind: 'empty', of: as };
  if (typeof value === 'number') return { kind: 'compare', op: '=', left: as, right: number(value) };
  if (typeof value === 'boolean') return { kind: 'among', of: as, texts: [value ? 'yes' : 'no'] };
  if (as.kind === 'column' && /^\d{4}-\d{2}-\d{2}$/.test(value)) return { kind: 'compare', op: '=', left: as, right: { kind: 'date', value } };
  return { kind: 'among', of: as, texts: [value] };
}

/** The rows behind one line of an answer, as the sentence that keeps just these; null where they are all rows of the table. */
export function rowsBehind(plan: AskPlan, row: readonly CellValue[]): FilterPlan | null {
  const where = [...(plan.where ? [plan.where] : []), ...plan.by.map((g, i) => inGroup(g.as, row[i] ?? null))];
  return where.length ? { step: 'filter', mode: 'keep', where: all(where) } : null;
}
