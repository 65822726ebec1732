import Joi from 'joi';
import { rowCount } from '../../table/table';
import { between, columnNames, field, numeral, optional, record } from '../../language/exact';
import { sameColumns, type StepDefinition } from '../step';
import { drawRows } from '../../review/sampling';

/** Keep a share of the rows, drawn at random with a seed; with `by`, every group keeps its share of the whole. */
export interface SamplePlan {
  readonly step: 'sample';
  /** Percent of the rows. */
  readonly share: number;
  readonly seed: number;
  readonly by?: readonly string[];
}

export const sample: StepDefinition<SamplePlan> = {
  step: 'sample',
  title: 'keep a share of the rows, drawn at random',
  example: 'Keep 50 percent of the rows at random with seed 1, in the shares of ‹Status›',
  schema: Joi.object({
    step: Joi.valid('sample').required(),
    share: Joi.number().greater(0).max(100).required(),
    seed: Joi.number().integer().min(0).max(4_294_967_295).required(),
    by: Joi.array().items(Joi.string()).min(1).max(50),
  }),
  syntax: record<SamplePlan>({ step: 'sample' }, 'Keep ', field('share', numeral), ' percent of the rows at random with seed ', field('seed', numeral), optional('by', between(', in the shares of ', columnNames, ''))),
  reads: (plan) => plan.by ?? [],
  check: () => [],
  outline: (_plan, head) => sameColumns(head),
  prepare: (plan, table) => ({
    work: 'select',
    kinds: [
      { key: 'aside', words: 'not drawn: set aside', odd: false },
      { key: 'stay', words: 'drawn: stays', odd: false, same: true },
    ],
    async run() {
      const rows = await drawRows(table, Math.round((rowCount(table) * plan.share) / 100), plan.seed, plan.by);
      const kinds = new Uint8Array(table.size);
      for (const p of rows) kinds[p] = 1;
      return { rows, kinds };
    },
  }),
};
