import Joi from 'joi';
import { isNumberColumn, type CheckedHead } from '../../formula/check';
import { numbersAt } from '../../formula/evaluate';
import { column } from '../../formula/expression';
import { groupsOf } from '../../profile/groups';
import { VALUE, isDate } from '../../table/column';
import { columnOf, liveMask, type Table } from '../../table/table';
import { roundTo } from '../../values/number';
import { correlation, correlationRatio } from '../../values/statistics';
import { between, columnName, columnNames, field, optional, record } from '../../language/exact';
import { sameColumns, type AnswerTable, type StepDefinition } from '../step';

/** Which columns go with a number: a hint, and no cause. With `with`, only those are looked at. It changes nothing. */
export interface RelatePlan {
  readonly step: 'relate';
  readonly column: string;
  readonly with?: readonly string[];
}

/** Groups that a column may make: with more, every group is a row or two and explains everything. */
const MOST_GROUPS = 50;
const SHOWN = 30;

async function answer(plan: RelatePlan, table: Table, head: CheckedHead): Promise<AnswerTable> {
  const live = liveMask(table);
  const own = await numbersAt(column(plan.column), table, head);
  const found: { name: string; how: string; strength: number; rows: number }[] = [];
  for (const { name } of head.columns) {
    if (name === plan.column || (plan.with && !plan.with.includes(name))) continue;
    if (isNumberColumn(head, name)) {
      const other = await numbersAt(column(name), table, head);
      const places: number[] = [];
      for (let p = 0; p < table.size; p++) if ((!live || live[p]) && own.state[p] === VALUE && other.state[p] === VALUE) places.push(p);
      const r = correlation(places.map((p) => own.values[p]!), places.map((p) => other.values[p]!));
      if (r !== null) found.push({ name, how: r < 0 ? 'the one falls as the other grows' : 'both grow together', strength: Math.abs(r), rows: places.length });
      continue;
    }
    if (isDate(columnOf(head, name).type)) continue;
    const groups = await groupsOf(table, [name]);
    const places: number[] = [];
    for (let p = 0; p < table.size; p++) if ((!live || live[p]) && own.state[p] === VALUE) places.push(p);
    const many = new Set(places.map((p) => groups.codes[p]!)).size;
    if (many > MOST_GROUPS || many > places.length / 3) continue;
    const eta = correlationRatio(places.map((p) => groups.codes[p]!), places.map((p) => own.values[p]!));
    if (eta !== null) found.push({ name, how: `differs between its ${many} groups`, strength: eta, rows: places.length });
  }
  found.sort((a, b) => b.strength - a.strength);
  return { columns: ['Column', 'Strength (0 to 1)', 'How', 'Rows'], rows: found.slice(0, SHOWN).map((f) => [f.name, roundTo(f.strength, 3), f.how, f.rows]), members: found.slice(0, SHOWN).map((f) => f.rows), groups: found.length };
}

export const relate: StepDefinition<RelatePlan> = {
  step: 'relate',
  title: 'which columns go with a number: hints, no causes',
  example: 'Show what goes with ‹Moisture›, among ‹Kg› and ‹Site›',
  schema: Joi.object({ step: Joi.valid('relate').required(), column: Joi.string().required(), with: Joi.array().items(Joi.string()).min(1).max(200) }),
  syntax: record<RelatePlan>({ step: 'relate' }, 'Show what goes with ', field('column', columnName), optional('with', between(', among ', columnNames, ''))),
  reads: (plan) => [plan.column, ...(plan.with ?? [])],
  check: (plan, head) => (isNumberColumn(head, plan.column) ? [] : [{ text: `“${plan.column}” holds no numbers. What goes with it can be looked at once it does.`, column: plan.column }]),
  outline: (_plan, head) => sameColumns(head),
  prepare: (plan, table, head) => ({ work: 'answer', run: () => answer(plan, table, head) }),
};
