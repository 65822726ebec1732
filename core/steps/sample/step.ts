import Joi from 'joi';
import { positionAt, rowCount } from '../../table/table';
import { groupsOf } from '../../profile/groups';
import { between, columnNames, field, numeral, optional, record } from '../../language/exact';
import { sameColumns, type StepDefinition } from '../step';
import { randomFrom } from '../../values/random';

/** Keep a share of the rows, drawn at random with a seed; with `by`, every group keeps its share of the whole. */
export interface SamplePlan {
  readonly step: 'sample';
  /** Percent of the rows. */
  readonly share: number;
  readonly seed: number;
  readonly by?: readonly string[];
}

/**
 * How many to take from each group so that the total is `total` and the shares are those of `sizes`: largest remainder
 * (Hamilton's method), ties to the earlier group.
 */
export function largestRemainder(sizes: readonly number[], total: number): number[] {
  const all = sizes.reduce((a, b) => a + b, 0);
  if (all === 0) return sizes.map(() => 0);
  const exact = sizes.map((n) => (n * total) / all);
  const out = exact.map(Math.floor);
  const left = total - out.reduce((a, b) => a + b, 0);
  const order = exact.map((x, i) => [x - Math.floor(x), i] as const).sort((a, b) => b[0] - a[0] || a[1] - b[1]);
  for (const [, i] of order.slice(0, left)) out[i]!++;
  return out;
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
      const rows = rowCount(table);
      const groups = plan.by ? await groupsOf(table, plan.by) : { codes: new Int32Array(table.size), count: 1 };
      const sizes = new Array<number>(groups.count).fill(0);
      for (let at = 0; at < rows; at++) sizes[groups.codes[positionAt(table, at)]!]!++;
      const quota = largestRemainder(sizes, Math.round((rows * plan.share) / 100));
      const random = randomFrom(plan.seed);
      const score = Float64Array.from({ length: rows }, random);
      const kinds = new Uint8Array(table.size);
      const chosen = new Uint8Array(rows);
      for (const at of Uint32Array.from({ length: rows }, (_, i) => i).sort((a, b) => score[a]! - score[b]!)) {
        const p = positionAt(table, at), g = groups.codes[p]!;
        if (quota[g]! <= 0) continue;
        quota[g]!--;
        chosen[at] = 1;
        kinds[p] = 1;
      }
      const left: number[] = [];
      for (let at = 0; at < rows; at++) if (chosen[at]) left.push(positionAt(table, at));
      return { rows: Uint32Array.from(left), kinds };
    },
  }),
};
