import Joi from 'joi';
import { field, list, record } from '../../language/exact';
import { orderedRows, sortKey, sortKeySchema, type SortKey } from '../order';
import { sameColumns, type StepDefinition } from '../step';

/** Put the rows in another order. Blanks come last; equal rows keep their order. */
export interface SortPlan {
  readonly step: 'sort';
  readonly by: readonly SortKey[];
}

export const sort: StepDefinition<SortPlan> = {
  step: 'sort',
  title: 'sort rows',
  example: 'Sort by ‹Honey› and ‹Kg› from high to low',
  schema: Joi.object({ step: Joi.valid('sort').required(), by: Joi.array().items(sortKeySchema).min(1).max(50).required() }),
  syntax: record<SortPlan>({ step: 'sort' }, 'Sort by ', field('by', list(sortKey))),
  reads: (plan) => plan.by.map((k) => k.column),
  check: () => [],
  outline: (_plan, head) => sameColumns(head),
  prepare: (plan, table, head) => ({
    work: 'select',
    kinds: [{ key: 'sorted', words: 'put in order', odd: false }],
    run: async () => ({ rows: await orderedRows(table, head, plan.by), kinds: new Uint8Array(table.size) }),
  }),
};
