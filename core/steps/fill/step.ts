import Joi from 'joi';
import { BLANK, CHUNK_ROWS, VALUE, numberChunk, textChunk, type Chunk } from '../../table/column';
import { columnOf, positionAt, rowCount, type Table } from '../../table/table';
import { readTyped } from '../../formats/columnise';
import { chunkTexts } from '../../values/cell';
import { choice, columnNames, field, mapped, quoted, record, word } from '../../language/exact';
import { headOf, sameColumns, type Kind, type StepDefinition } from '../step';
import { textHeads } from '../texts';

/** What blanks are filled with: a value, or the nearest filled cell above (in the table's order). */
export type Filling = { readonly kind: 'value'; readonly text: string } | { readonly kind: 'above' };

/** Fill the blank cells of columns; filled cells are never touched. */
export interface FillPlan {
  readonly step: 'fill';
  readonly columns: readonly string[];
  readonly with: Filling;
}

const filling = choice<Filling>(
  mapped(quoted, (text): Filling => ({ kind: 'value', text }), (f) => (f.kind === 'value' ? f.text : null)),
  mapped(word('the value above'), (): Filling => ({ kind: 'above' }), (f) => (f.kind === 'above' ? undefined : null)),
);

const KINDS: readonly Kind[] = [
  { key: 'open', words: 'blank, with nothing above it: still blank', odd: true, same: true },
  { key: 'filled', words: 'blank: filled', odd: false },
  { key: 'same', words: 'filled already: left as it was', odd: false, same: true },
];

export const fill: StepDefinition<FillPlan> = {
  step: 'fill',
  title: 'fill blank cells',
  example: 'Fill blanks in ‹Strand› with the value above',
  schema: Joi.object({
    step: Joi.valid('fill').required(),
    columns: Joi.array().items(Joi.string()).min(1).max(4000).required(),
    with: Joi.alternatives().try(Joi.object({ kind: Joi.valid('value').required(), text: Joi.string().min(1).max(10_000).required() }), Joi.object({ kind: Joi.valid('above').required() })).required(),
  }),
  syntax: record<FillPlan>({ step: 'fill' }, 'Fill blanks in ', field('columns', columnNames), ' with ', field('with', filling)),
  reads: (plan) => plan.columns,
  check: () => [],
  outline(plan, head) {
    const made = plan.columns.map((name) => {
      const column = columnOf(head, name);
      return fits(plan.with, column.type) ? headOf(column) : textHeads([name])[0]!;
    });
    return sameColumns(head, made);
  },
  async prepare(plan, table, head) {
    const above = plan.with.kind === 'above' ? await Promise.all(plan.columns.map((name) => filledFrom(table, name))) : null;
    const types = plan.columns.map((name) => columnOf(head, name).type);
    return {
      work: 'cells',
      reads: plan.columns,
      kinds: KINDS,
      run(chunks, from, length) {
        const rowKinds = new Uint8Array(length).fill(2);
        const made = chunks.map((chunk, c): Chunk => {
          const source = above?.[c];
          const text = plan.with.kind === 'value' ? plan.with.text : '';
          const asText = (): Chunk =>
            textChunk(chunkTexts(chunk, types[c]!).map((t, i) => {
              if (t.trim() !== '') return t;
              const value = source ? (source.texts!.get(from + i) ?? '') : text;
              rowKinds[i] = Math.min(rowKinds[i]!, value === '' ? 0 : 1);
              return value || t;
            }));
          if (chunk.kind === 'text' || !fits(plan.with, types[c]!)) return asText();
          const values = chunk.values.slice();
          const state = chunk.state.slice();
          const constant = plan.with.kind === 'value' ? readTyped(text, types[c]!) : NaN;
          for (let i = 0; i < length; i++) {
            if (state[i] !== BLANK) continue;
            const value = source ? (source.numbers!.get(from + i) ?? NaN) : constant;
            if (!Number.isNaN(value)) {
              values[i] = value;
              state[i] = VALUE;
            }
            rowKinds[i] = Math.min(rowKinds[i]!, Number.isNaN(value) ? 0 : 1);
          }
          return numberChunk(values, state, chunk.misfits);
        });
        return { made, kinds: rowKinds };
      },
    };
  },
};

/** Can a typed column take the filling without becoming text? */
const fits = (filling: Filling, type: ReturnType<typeof columnOf>['type']): boolean => filling.kind === 'above' || (type !== 'text' && !Number.isNaN(readTyped(filling.text, type)));

/** For each blank position of a column, the nearest filled cell above it in the table's order. O(rows). */
async function filledFrom(table: Table, name: string): Promise<{ texts?: Map<number, string>; numbers?: Map<number, number> }> {
  const column = columnOf(table, name);
  const numeric = column.type !== 'text';
  const texts = new Map<number, string>();
  const numbers = new Map<number, number>();
  let ord = -1;
  let chunk: Chunk | null = null;
  let lastText = '', lastNumber = NaN;
  for (let at = 0; at < rowCount(table); at++) {
    const p = positionAt(table, at);
    if (Math.floor(p / CHUNK_ROWS) !== ord) chunk = await column.load((ord = Math.floor(p / CHUNK_ROWS)));
    const i = p % CHUNK_ROWS;
    if (chunk!.kind === 'text') {
      const t = chunk!.dictionary[chunk!.codes[i]!]!;
      if (t.trim() !== '') lastText = t;
      else if (lastText !== '') texts.set(p, lastText);
    } else if (chunk!.state[i] === VALUE) lastNumber = chunk!.values[i]!;
    else if (chunk!.state[i] === BLANK && !Number.isNaN(lastNumber)) numbers.set(p, lastNumber);
  }
  return numeric ? { numbers } : { texts };
}
