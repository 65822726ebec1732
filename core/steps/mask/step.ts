import Joi from 'joi';
import { BLANK, VALUE, numberChunk, type Chunk, type ColumnHead } from '../../table/column';
import { isNumberColumn, readsAsDate, readsDayFirst, type CheckedHead } from '../../formula/check';
import { amountsOf, datesOf, type NumberVector } from '../../formula/vector';
import { columnOf, eachChunk, liveMask, type Table } from '../../table/table';
import { coarser, covered, isRounding, masker, type Mask, type RoundingMask } from '../../values/mask';
import { eachText } from '../../values/cell';
import { choice, columnNames, field, mapped, numeral, oneOf, record, word, type Syntax } from '../../language/exact';
import { CannotRun, sameColumns, type CellWork, type Kind, type StepDefinition } from '../step';
import { textHeads, textWork } from '../texts';

/** Cover what columns hold. Under the key of the workspace the same text always gets the same mask, in every table. */
export interface MaskPlan {
  readonly step: 'mask';
  readonly columns: readonly string[];
  readonly by: Mask;
}

type Leave = Extract<Mask, { kind: 'leave' }>;
const WAYS = [['token', 'with tokens'], ['form', 'with invented texts of the same form'], ['name', 'with invented names']] as const;
const PERIODS = [['month', 'month'], ['quarter', 'quarter'], ['year', 'year']] as const;
type Of<K extends Mask['kind']> = Extract<Mask, { kind: K }>;
const rounding = <K extends RoundingMask['kind']>(kind: K, syntax: Syntax<Of<K>>): Syntax<Mask> => mapped(syntax, (m) => m as Mask, (m) => (m.kind === kind ? (m as Of<K>) : null));
const way = choice<Mask>(
  rounding('period', record<Of<'period'>>({ kind: 'period' }, 'leaving only the ', field('period', oneOf(PERIODS)))),
  rounding('rounded', record<Of<'rounded'>>({ kind: 'rounded' }, 'rounded to multiples of ', field('to', numeral))),
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

/** A column covered by rounding stays one of dates or of numbers; what stands in it as text is read first. */
function roundedHead(name: string, by: RoundingMask, head: CheckedHead): ColumnHead {
  const { type, scale } = columnOf(head, name);
  if (by.kind === 'period') return { name, type: 'date', scale: null };
  return Number.isInteger(by.to) ? { name, type: type === 'text' ? 'decimal' : type, scale: 0 } : { name, type: 'decimal', scale: type === 'text' ? null : Math.max(scale ?? 0, String(by.to).split('.')[1]?.length ?? 0) };
}

/** A chunk's dates or numbers, whichever are to be rounded. */
const readFor = (by: RoundingMask, chunk: Chunk, name: string, head: CheckedHead): NumberVector => (by.kind === 'period' ? datesOf(chunk, { dayFirst: readsDayFirst(head, name) }) : amountsOf(chunk));

/** How many different values there are before and after. O(rows). */
async function roundedCounts(columns: readonly string[], by: RoundingMask, table: Table, head: CheckedHead): Promise<readonly [number, number]> {
  const before = new Set<number>(), after = new Set<number>();
  const live = liveMask(table);
  for (const name of columns) {
    await eachChunk(table, [name], ([chunk], _ord, from, length) => {
      const { values, state } = readFor(by, chunk!, name, head);
      for (let i = 0; i < length; i++) if ((!live || live[from + i]) && state[i] === VALUE && !before.has(values[i]!)) { before.add(values[i]!); after.add(coarser(values[i]!, by)); }
    });
  }
  return [before.size, after.size];
}

/** Dates and amounts made coarser; a text that is neither is covered whole, so that nothing shows through. */
function roundingWork(columns: readonly string[], by: RoundingMask, head: CheckedHead, [before, after]: readonly [number, number]): CellWork {
  return {
    work: 'cells',
    reads: columns,
    kinds: [
      { key: 'whole', words: 'no date or number: covered whole', odd: true },
      { key: 'masked', words: `rounded: ${before.toLocaleString('en')} different values before, ${after.toLocaleString('en')} after`, odd: false },
      { key: 'same', words: 'blank: left blank', odd: false, same: true },
    ],
    run(chunks, _from, length) {
      const kinds = new Uint8Array(length).fill(2);
      const made = chunks.map((chunk, c) => {
        const read = readFor(by, chunk, columns[c]!, head);
        const values = new Float64Array(length);
        const state = new Uint8Array(length);
        const misfits = new Map<number, string>();
        for (let i = 0; i < length; i++) {
          state[i] = read.state[i]!;
          if (state[i] === VALUE) values[i] = coarser(read.values[i]!, by);
          else if (state[i] !== BLANK) misfits.set(i, covered(chunk.kind === 'text' ? chunk.dictionary[chunk.codes[i]!]! : (chunk.misfits.get(i) ?? '')));
          kinds[i] = Math.min(kinds[i]!, state[i] === VALUE ? 1 : state[i] === BLANK ? 2 : 0);
        }
        return numberChunk(values, state, misfits);
      });
      return { made, kinds };
    },
  };
}

export const mask: StepDefinition<MaskPlan> = {
  step: 'mask',
  title: 'cover names, numbers and identifiers',
  example: 'Mask ‹Phone› leaving the last 4 characters',
  schema: Joi.object({
    step: Joi.valid('mask').required(),
    columns: Joi.array().items(Joi.string()).min(1).max(4000).required(),
    by: Joi.alternatives()
      .try(Joi.object({ kind: Joi.valid('token', 'form', 'name').required() }), Joi.object({ kind: Joi.valid('period').required(), period: Joi.valid('month', 'quarter', 'year').required() }), Joi.object({ kind: Joi.valid('rounded').required(), to: Joi.number().positive().max(1e12).required() }), Joi.object({ kind: Joi.valid('leave').required(), side: Joi.valid('first', 'last').required(), count: Joi.number().integer().min(0).max(1000).required() }))
      .required(),
  }),
  syntax: record<MaskPlan>({ step: 'mask' }, 'Mask ', field('columns', columnNames), ' ', field('by', way)),
  reads: (plan) => plan.columns,
  check: ({ columns, by }, head) => (isRounding(by) ? columns.flatMap((name) => (by.kind === 'period' ? readsAsDate(head, name) : isNumberColumn(head, name)) ? [] : [{ text: `“${name}” holds no ${by.kind === 'period' ? 'dates' : 'numbers'}, so it cannot be covered by rounding. Mask it with tokens, for example.`, column: name }]) : []),
  outline: ({ columns, by }, head) => sameColumns(head, isRounding(by) ? columns.map((name) => roundedHead(name, by, head)) : textHeads(columns)),
  async prepare(plan, table, head) {
    if (isRounding(plan.by)) return roundingWork(plan.columns, plan.by, head, await roundedCounts(plan.columns, plan.by, table, head));
    if (plan.by.kind !== 'leave' && !table.key) throw new CannotRun('These masks need a key, so that the same text always gets the same mask, and there is none. In a workspace, make a new one under “Cover”; elsewhere, give one as KULFI_MASK_KEY.');
    const cover = masker(plan.by, table.key ?? '');
    const by = plan.by;
    const masks = await masksOf(plan, table, cover);
    const kinds: readonly Kind[] = [
      { key: 'whole', words: 'no longer than what was to be left: covered whole', odd: true },
      { key: 'masked', words: `masked: ${masks.size.toLocaleString('en')} different values before, ${new Set(masks.values()).size.toLocaleString('en')} after`, odd: false },
      { key: 'same', words: 'blank: left blank', odd: false, same: true },
    ];
    return textWork(plan.columns, head, kinds, (text) => {
      if (text.trim() === '') return { text, kind: 2 };
      const short = by.kind === 'leave' && by.count > 0 && (text.match(/[\p{L}\p{N}]/gu) ?? []).length <= by.count;
      // Rows that were set aside have texts of their own.
      return { text: masks.get(text.trim()) ?? cover(text), kind: short ? 0 : 1 };
    });
  },
};
