import Joi from 'joi';
import { columnOf, eachChunk, liveMask, type Table } from '../../table/table';
import { masker, type Mask } from '../../values/mask';
import { chunkTexts } from '../../values/cell';
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

/** How many different texts columns hold, and how many different masks they get. O(rows), each distinct text once. */
async function differences(plan: MaskPlan, table: Table, mask: (text: string) => string): Promise<[number, number]> {
  const live = liveMask(table);
  const texts = new Set<string>();
  for (const name of plan.columns) {
    const { type } = columnOf(table, name);
    await eachChunk(table, [name], ([chunk], _ord, from) => chunkTexts(chunk!, type).forEach((text, i) => { if ((!live || live[from + i]) && text.trim() !== '') texts.add(text.trim()); }));
  }
  return [texts.size, new Set(Array.from(texts, mask)).size];
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
    const [before, after] = await differences(plan, table, cover);
    const kinds: readonly Kind[] = [
      { key: 'whole', words: 'no longer than what was to be left: covered whole', odd: true },
      { key: 'masked', words: `masked: ${before.toLocaleString('en')} different values before, ${after.toLocaleString('en')} after`, odd: false },
      { key: 'same', words: 'blank: left blank', odd: false, same: true },
    ];
    const { by } = plan;
    return textWork(plan.columns, head, kinds, (text) => {
      if (text.trim() === '') return { text, kind: 2 };
      const short = by.kind === 'leave' && by.count > 0 && (text.match(/[\p{L}\p{N}]/gu) ?? []).length <= by.count;
      return { text: cover(text), kind: short ? 0 : 1 };
    });
  },
};
