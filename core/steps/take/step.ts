import Joi from 'joi';
import { randomFrom } from '../../values/random';
import type { CheckedHead } from '../../formula/check';
import { positionAt, rowCount, type Table } from '../../table/table';
import { groupsOf } from '../../profile/groups';
import { between, choice, columnName, columnNames, field, mapped, numeral, oneOf, optional, record, word } from '../../language/exact';
import { ranks } from '../order';
import { sameColumns, type StepDefinition } from '../step';

/** How the rows to keep are found: from the top as they stand, at random with a seed, or by the size of a column. */
export type Choice = ByPlace | ByChance | BySize;
interface ByPlace { readonly kind: 'top' | 'bottom' }
interface ByChance { readonly kind: 'random'; readonly seed: number }
interface BySize { readonly kind: 'highest' | 'lowest'; readonly column: string }

/** Keep exactly so many rows, of the whole table or for each group; the others are set aside, the order stays. */
export interface TakePlan {
  readonly step: 'take';
  readonly count: number;
  readonly choice: Choice;
  readonly by?: readonly string[];
}

const how = choice<Choice>(
  record<ByPlace>({}, field('kind', oneOf([['top', 'from the top'], ['bottom', 'from the bottom']]))) as never,
  record<ByChance>({ kind: 'random' }, 'at random with seed ', field('seed', numeral)) as never,
  record<BySize>({}, 'with the ', field('kind', oneOf([['highest', 'highest '], ['lowest', 'lowest ']])), field('column', columnName)) as never,
);

/** '1 row', '5 rows'; '1 rows' is read as well. */
const rows = choice<number>(mapped(word('1 row '), () => 1, (n: number) => (n === 1 ? undefined : null)), between('', numeral, ' rows '));

export const take: StepDefinition<TakePlan> = {
  step: 'take',
  title: 'keep so many rows: the first, the largest, or at random',
  example: 'Keep 5 rows with the highest ‹Kg› for each ‹Honey›',
  schema: Joi.object({
    step: Joi.valid('take').required(),
    count: Joi.number().integer().min(1).max(1e9).required(),
    choice: Joi.alternatives().try(
      Joi.object({ kind: Joi.valid('top', 'bottom').required() }),
      Joi.object({ kind: Joi.valid('random').required(), seed: Joi.number().integer().min(0).max(4_294_967_295).required() }),
      Joi.object({ kind: Joi.valid('highest', 'lowest').required(), column: Joi.string().required() }),
    ).required(),
    by: Joi.array().items(Joi.string()).min(1).max(50),
  }),
  syntax: record<TakePlan>({ step: 'take' }, 'Keep ', field('count', rows), field('choice', how), optional('by', between(' for each ', columnNames, ''))),
  reads: (plan) => [...('column' in plan.choice ? [plan.choice.column] : []), ...(plan.by ?? [])],
  check: () => [],
  outline: (_plan, head) => sameColumns(head),
  prepare: (plan, table, head) => ({
    work: 'select',
    kinds: [
      { key: 'short', words: `fewer than ${plan.count} rows to choose from: all stay`, odd: true, same: true },
      { key: 'aside', words: 'not chosen: set aside', odd: false },
      { key: 'stay', words: 'chosen: stays', odd: false, same: true },
    ],
    async run() {
      const groups = plan.by ? (await groupsOf(table, plan.by)).codes : new Int32Array(table.size);
      const score = await scoresOf(plan.choice, table, head);
      const rows = rowCount(table);
      const places = Uint32Array.from({ length: rows }, (_, at) => at);
      if (score) places.sort((a, b) => score[positionAt(table, a)]! - score[positionAt(table, b)]! || a - b);
      else if (plan.choice.kind === 'bottom') places.reverse();
      const taken = new Map<number, number>();
      const chosen = new Uint8Array(rows);
      for (const at of places) {
        const p = positionAt(table, at);
        if (score && score[p] === Infinity) continue;
        const n = taken.get(groups[p]!) ?? 0;
        if (n >= plan.count) continue;
        taken.set(groups[p]!, n + 1);
        chosen[at] = 1;
      }
      const kinds = new Uint8Array(table.size);
      const left: number[] = [];
      // Where one row stays for each group, the others are set aside for it.
      const stay = plan.count === 1 && plan.by ? new Map<number, number>() : null;
      if (stay) for (let at = 0; at < rows; at++) if (chosen[at]) stay.set(groups[positionAt(table, at)]!, positionAt(table, at));
      const stays: number[] = [];
      for (let at = 0; at < rows; at++) {
        const p = positionAt(table, at);
        if (chosen[at]) left.push(p);
        else if (stay?.has(groups[p]!)) stays.push(p, stay.get(groups[p]!)!);
        kinds[p] = chosen[at] ? (taken.get(groups[p]!)! < plan.count ? 0 : 2) : 1;
      }
      return { rows: Uint32Array.from(left), kinds, ...(stay ? { stays } : {}) };
    },
  }),
};

/** What rows are chosen by, lowest first, for every position; null where their place decides. */
async function scoresOf(choice: Choice, table: Table, head: CheckedHead): Promise<Float64Array | null> {
  if (choice.kind === 'random') {
    const random = randomFrom(choice.seed);
    return Float64Array.from({ length: table.size }, random);
  }
  return 'column' in choice ? ranks(table, head, { column: choice.column, down: choice.kind === 'highest' }) : null;
}
