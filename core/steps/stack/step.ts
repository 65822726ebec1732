import Joi from 'joi';
import { columnName, columnNames, field, record } from '../../language/exact';
import { headOf, numberChunk, textChunk, type Chunk, type ColumnHead, type NumberChunk } from '../../table/column';
import { columnOf } from '../../table/table';
import type { CheckedHead } from '../../formula/check';
import { chunkTexts } from '../../values/cell';
import { checkNewNames, keep, type Kind, type OutlineColumn, type StepDefinition } from '../step';

/** A row for each of several columns: their names go into one column, their cells into another, and they themselves go. */
export interface StackPlan {
  readonly step: 'stack';
  readonly columns: readonly string[];
  readonly names: string;
  readonly values: string;
}

const KINDS: readonly Kind[] = [
  { key: 'all', words: 'a row for each of the columns', odd: false },
  { key: 'gaps', words: 'a row for each of the columns, some of them blank', odd: false },
  { key: 'blank', words: 'all of the columns blank: a row for each all the same', odd: true },
];

/** The column of values: of the type of all of them where they have the same, else texts. */
function valueHead(plan: StackPlan, head: CheckedHead): ColumnHead {
  const all = plan.columns.map((name) => columnOf(head, name));
  const quantities = all.every((c) => c.type === 'whole' || c.type === 'decimal');
  const type = all.every((c) => c.type === all[0]!.type) ? all[0]!.type : quantities ? 'decimal' : 'text';
  const scale = type === 'decimal' ? all.reduce<number | null>((s, c) => (s === null || c.scale === null ? null : Math.max(s, c.scale)), 0) : type === 'whole' ? 0 : null;
  return { name: plan.values, type, scale };
}

/** The cells of some chunks in turn: the first row of each, then the second. */
function inTurn(chunks: readonly NumberChunk[], length: number): Chunk {
  const n = chunks.length;
  const [values, state, misfits] = [new Float64Array(n * length), new Uint8Array(n * length), new Map<number, string>()];
  chunks.forEach((c, k) => {
    for (let i = 0; i < length; i++) {
      values[i * n + k] = c.values[i]!;
      state[i * n + k] = c.state[i]!;
    }
    for (const [i, text] of c.misfits) misfits.set(i * n + k, text);
  });
  return numberChunk(values, state, misfits);
}

export const stack: StepDefinition<StackPlan> = {
  step: 'stack',
  title: 'make a row for each of several columns',
  example: 'Make a row for each of ‹Kg› and ‹Hives›, its name in ‹Measure› and its value in ‹Amount›',
  schema: Joi.object({
    step: Joi.valid('stack').required(),
    columns: Joi.array().items(Joi.string()).min(2).max(1000).unique().required(),
    names: Joi.string().min(1).max(200).required(),
    values: Joi.string().min(1).max(200).required(),
  }),
  syntax: record<StackPlan>({ step: 'stack' }, 'Make a row for each of ', field('columns', columnNames), ', its name in ', field('names', columnName), ' and its value in ', field('values', columnName)),
  reads: (plan) => plan.columns,
  check: (plan, head) => checkNewNames([plan.names, plan.values], { ...head, columns: head.columns.filter((c) => !plan.columns.includes(c.name)) }),
  outline(plan, head) {
    const made: OutlineColumn[] = [{ head: { name: plan.names, type: 'text', scale: null }, from: { made: 0 } }, { head: valueHead(plan, head), from: { made: 1 } }];
    const first = head.columns.findIndex((c) => plan.columns.includes(c.name));
    return { columns: head.columns.flatMap((c, i) => [...(i === first ? made : []), ...(plan.columns.includes(c.name) ? [] : [keep(headOf(c))])]) };
  },
  prepare(plan, _table, head) {
    const { type } = valueHead(plan, head);
    const types = plan.columns.map((name) => columnOf(head, name).type);
    return {
      work: 'spread',
      reads: plan.columns,
      kinds: KINDS,
      run(chunks, _from, length) {
        const n = chunks.length;
        const names = new Array<string>(n * length);
        for (let i = 0; i < n * length; i++) names[i] = plan.columns[i % n]!;
        const filled = new Uint32Array(length);
        const texts = type === 'text' ? chunks.map((c, k) => chunkTexts(c, types[k]!)) : null;
        chunks.forEach((c, k) => {
          for (let i = 0; i < length; i++) if (texts ? texts[k]![i] !== '' : c.kind === 'number' && c.state[i] !== 0) filled[i]!++;
        });
        const values = texts ? textChunk(Array.from({ length: n * length }, (_, i) => texts[i % n]![Math.floor(i / n)]!)) : inTurn(chunks as readonly NumberChunk[], length);
        return { counts: new Uint32Array(length).fill(n), kinds: Uint8Array.from(filled, (f) => (f === n ? 0 : f === 0 ? 2 : 1)), made: [textChunk(names), values] };
      },
    };
  },
};
