import Joi from 'joi';
import { columnOf, eachChunk, liveMask, type Table } from '../../table/table';
import { masker, type Mask } from '../../values/mask';
import { eachText } from '../../values/cell';
import { choice, columnNames, field, mapped, numeral, oneOf, record, word } from '../../language/exact';
import { sameColumns, type Kind, type StepDefinition } from '../step';
import { textHeads, textWork } from '../texts';

/** Cover what columns hold. Under the key of the workspace the same text always gets the same mask, in every table. */
export interface MaskPlan {
  readonly step: 'mask';
  readonly columns: readonly string[];
  readonly by: Mask;
}

type Leave = Extract<Mask, { kind: 'leave' }>;
const WAYS = [['token', 'with tokens'], ['form', 'with invented texts of the same form'], ['name', 'with invented names']] as const;
const way = choice<Mask>(
  ...WAYS.map(([kind, said]) => mapped(word(said), (): Mask => ({ kind }), (m) => (m.kind === kind ? undefined : null))),
  mapped(record<Leave>({ kind: 'leave' }, 'leaving the ', field('side', oneOf([['first', 'first'], ['last', 'last']])), ' ', field('count', numeral), ' characters'), (m): Mask => m, (m) => (m.kind === 'leave' ? m : null)),
);

/** The mask of each different text that columns hold, without outer spaces. O(rows), each distinct text masked once. */
async function masksOf(plan: MaskPlan, table: Table, mask: (text: string) => string): Promise<ReadonlyMap<string, string>> {
  const live = liveMask(table);
  const masks = new Map<string, string>();
  for (const name of plan.columns) {
    const { type } = columnOf(table, name);
    await eachChunk(table, [name], ([chunk], _ord, from, length) => eachText(chunk!, type, length, live?.subarray(from, from + length), (text) => {
      const bare = text.trim();
      if (bare !== '' && !masks.has(bare)) masks.set(bare, mask(bare));
    }));
  }
  return masks;
}

export const mask: StepDefinition<MaskPlan> = {
  step: 'mask',
  title: 'cover names, numbers and identifiers',
  example: 'Mask ‹Phone› leaving the last 4 characters',
  schema: Joi.object({
    step: Joi.valid('mask').required(),
    columns: Joi.array().items(Joi.string()).min(1).max(4000).required(),
    by: Joi.alternatives()
      .try(Joi.object({ kind: Joi.valid('token', 'form', 'name').required() }), Joi.object({ kind: Joi.valid('leave').required(), side: Joi.valid('first', 'last').required(), count: Joi.number().integer().min(0).max(1000).required() }))
      .required(),
  }),
  syntax: record<MaskPlan>({ step: 'mask' }, 'Mask ', field('columns', columnNames), ' ', field('by', way)),
  reads: (plan) => plan.columns,
  check: () => [],
  outline: (plan, head) => sameColumns(head, textHeads(plan.columns)),
  async prepare(plan, table, head) {
    if (plan.by.kind !== 'leave' && !table.key) throw new Error('These masks need a key, so that the same text always gets the same mask. Give one: KULFI_MASK_KEY.');
    const cover = masker(plan.by, table.key ?? '');
    const masks = await masksOf(plan, table, cover);
    const kinds: readonly Kind[] = [
      { key: 'whole', words: 'no longer than what was to be left: covered whole', odd: true },
      { key: 'masked', words: `masked: ${masks.size.toLocaleString('en')} different values before, ${new Set(masks.values()).size.toLocaleString('en')} after`, odd: false },
      { key: 'same', words: 'blank: left blank', odd: false, same: true },
    ];
    const { by } = plan;
    return textWork(plan.columns, head, kinds, (text) => {
      if (text.trim() === '') return { text, kind: 2 };
      const short = by.kind === 'leave' && by.count > 0 && (text.match(/[\p{L}\p{N}]/gu) ?? []).length <= by.count;
      // Rows that were set aside have texts of their own.
      return { text: masks.get(text.trim()) ?? cover(text), kind: short ? 0 : 1 };
    });
  },
};
