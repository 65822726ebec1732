import Joi from 'joi';
import { positionAt, rowCount } from '../../table/table';
import { groupsOf } from '../../profile/groups';
import { columnNames, field, oneOf, record } from '../../language/exact';
import { sameColumns, type StepDefinition } from '../step';

/** Keep one row, the first or the last, of those with the same values in some columns. Blanks are equal to each other. */
export interface DistinctPlan {
  readonly step: 'distinct';
  readonly keep: 'first' | 'last';
  readonly by: readonly string[];
}

export const distinct: StepDefinition<DistinctPlan> = {
  step: 'distinct',
  title: 'set repeated rows aside',
  example: 'Keep the first row of each ‹Payer› and ‹Lot ref›',
  schema: Joi.object({ step: Joi.valid('distinct').required(), keep: Joi.valid('first', 'last').required(), by: Joi.array().items(Joi.string()).min(1).max(4000).required() }),
  syntax: record<DistinctPlan>({ step: 'distinct' }, 'Keep the ', field('keep', oneOf([['first', 'first'], ['last', 'last']])), ' row of each ', field('by', columnNames)),
  reads: (plan) => plan.by,
  check: () => [],
  outline: (_plan, head) => sameColumns(head),
  prepare: (plan, table) => ({
    work: 'select',
    kinds: [
      { key: 'repeat', words: `a repeat of ${plan.keep === 'first' ? 'an earlier' : 'a later'} row: set aside`, odd: false },
      { key: 'kept', words: `the ${plan.keep} of several: stays`, odd: false, same: true },
      { key: 'single', words: 'the only one: stays', odd: false, same: true },
    ],
    async run() {
      const groups = (await groupsOf(table, plan.by)).codes;
      const rows = rowCount(table);
      const chosen = new Map<number, number>();
      const times = new Map<number, number>();
      for (let at = 0; at < rows; at++) {
        const g = groups[positionAt(table, at)]!;
        times.set(g, (times.get(g) ?? 0) + 1);
        if (plan.keep === 'last' || !chosen.has(g)) chosen.set(g, at);
      }
      const kinds = new Uint8Array(table.size);
      const left: number[] = [];
      for (let at = 0; at < rows; at++) {
        const p = positionAt(table, at), g = groups[p]!;
        const stays = chosen.get(g) === at;
        if (stays) left.push(p);
        kinds[p] = stays ? (times.get(g)! > 1 ? 1 : 2) : 0;
      }
      return { rows: Uint32Array.from(left), kinds };
    },
  }),
};
