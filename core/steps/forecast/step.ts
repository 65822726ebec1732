import Joi from 'joi';
import { readsAsDate, readsAsNumber, type CheckedHead } from '../../formula/check';
import { numbersAt } from '../../formula/evaluate';
import { column } from '../../formula/expression';
import { VALUE } from '../../table/column';
import { liveMask, type Table } from '../../table/table';
import { DAY } from '../../values/date';
import { roundTo } from '../../values/number';
import { lineThrough, predicted } from '../../values/statistics';
import { columnName, field, numeral, oneOf, record } from '../../language/exact';
import type { CellValue } from '../../values/cell';
import { sameColumns, type AnswerTable, type StepDefinition } from '../step';

export type Period = 'day' | 'week' | 'month' | 'quarter' | 'year';

/** Totals of a column by period, and the straight line through them carried on: a forecast, marked as such. It changes nothing. */
export interface ForecastPlan {
  readonly step: 'forecast';
  readonly column: string;
  readonly by: string;
  readonly every: Period;
  readonly ahead: number;
}

export const PERIODS: readonly Period[] = ['day', 'week', 'month', 'quarter', 'year'];

/** The number of a period, counted so that the next one is one more; and the day it begins with. */
function numberOf(every: Period, time: number): number {
  const d = new Date(time);
  const month = d.getUTCFullYear() * 12 + d.getUTCMonth();
  return every === 'day' ? Math.floor(time / DAY) : every === 'week' ? Math.floor((Math.floor(time / DAY) + 3) / 7) : every === 'month' ? month : every === 'quarter' ? Math.floor(month / 3) : d.getUTCFullYear();
}
function nameOf(every: Period, n: number): string {
  if (every === 'day' || every === 'week') return new Date((every === 'day' ? n : n * 7 - 3) * DAY).toISOString().slice(0, 10);
  if (every === 'month') return `${Math.floor(n / 12)}-${String((n % 12) + 1).padStart(2, '0')}`;
  return every === 'quarter' ? `${Math.floor(n / 4)} Q${(n % 4) + 1}` : String(n);
}

async function answer(plan: ForecastPlan, table: Table, head: CheckedHead): Promise<AnswerTable> {
  const live = liveMask(table);
  const values = await numbersAt(column(plan.column), table, head);
  const days = await numbersAt(column(plan.by), table, head, true);
  const sums = new Map<number, { sum: number; rows: number }>();
  for (let p = 0; p < table.size; p++) {
    if ((live && !live[p]) || values.state[p] !== VALUE || days.state[p] !== VALUE) continue;
    const n = numberOf(plan.every, days.values[p]!);
    const s = sums.get(n) ?? { sum: 0, rows: 0 };
    s.sum += values.values[p]!;
    s.rows++;
    sums.set(n, s);
  }
  const known = [...sums].sort((a, b) => a[0] - b[0]);
  const columns = [plan.every[0]!.toUpperCase() + plan.every.slice(1), `Total ${plan.column}`, 'Forecast', 'At least', 'At most'];
  const rows: CellValue[][] = known.map(([n, s]) => [nameOf(plan.every, n), roundTo(s.sum, 6), null, null, null]);
  const line = lineThrough(known.map(([n]) => n), known.map(([, s]) => s.sum));
  const last = known.at(-1)?.[0];
  if (line && last !== undefined) {
    for (let k = 1; k <= plan.ahead; k++) {
      const { value, within } = predicted(line, last + k);
      rows.push([nameOf(plan.every, last + k), null, roundTo(value, 2), roundTo(value - within, 2), roundTo(value + within, 2)]);
    }
  }
  return { columns, rows, members: rows.map((_, i) => known[i]?.[1].rows ?? 0), groups: rows.length };
}

export const forecast: StepDefinition<ForecastPlan> = {
  step: 'forecast',
  title: 'carry totals by period on along a straight line, with what is likely at least and at most',
  example: 'Forecast the total of ‹Kg› by month of ‹Delivered›, 3 ahead',
  schema: Joi.object({ step: Joi.valid('forecast').required(), column: Joi.string().required(), by: Joi.string().required(), every: Joi.valid(...PERIODS).required(), ahead: Joi.number().integer().min(1).max(60).required() }),
  syntax: record<ForecastPlan>({ step: 'forecast' }, 'Forecast the total of ', field('column', columnName), ' by ', field('every', oneOf(PERIODS.map((p) => [p, p] as const))), ' of ', field('by', columnName), ', ', field('ahead', numeral), ' ahead'),
  reads: (plan) => [plan.column, plan.by],
  check: (plan, head) => [
    ...(readsAsNumber(head, plan.column) ? [] : [{ text: `“${plan.column}” holds no numbers to carry on.`, column: plan.column }]),
    ...(readsAsDate(head, plan.by) ? [] : [{ text: `“${plan.by}” holds no dates, so there are no periods. Say a column of dates.`, column: plan.by }]),
  ],
  outline: (_plan, head) => sameColumns(head),
  prepare: (plan, table, head) => ({ work: 'answer', run: () => answer(plan, table, head) }),
};
