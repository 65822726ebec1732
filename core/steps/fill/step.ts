import Joi from 'joi';
import { headOf, BLANK, CHUNK_ROWS, VALUE, isDate, isQuantity, numberChunk, textChunk, type Chunk, type ColumnHead } from '../../table/column';
import { columnOf, eachChunk, liveMask, positionAt, rowCount, type Table } from '../../table/table';
import { readTyped } from '../../formats/columnise';
import { readsAsNumber, type CheckedHead, type Problem } from '../../formula/check';
import { prepare } from '../../formula/evaluate';
import { column } from '../../formula/expression';
import { groupsOf } from '../../profile/groups';
import { cellText, chunkTexts, numericText } from '../../values/cell';
import { choice, columnName, columnNames, field, forEach, mapped, oneOf, quoted, record, word } from '../../language/exact';
import { sameColumns, type Kind, type StepDefinition } from '../step';
import { textHeads } from '../texts';

/** The figure of a column, or of the rows with the same values in `by`, that its blanks are filled with. */
export type FillFigure = 'mean' | 'median' | 'commonest' | 'first';

/** What blanks are filled with: a value, the nearest filled cell above or below (in the table's order), another column, or a figure. */
export type Filling =
  | { readonly kind: 'value'; readonly text: string }
  | { readonly kind: 'above' | 'below' }
  | { readonly kind: 'column'; readonly name: string }
  | { readonly kind: 'figure'; readonly fn: FillFigure; readonly by: readonly string[] };

/** Fill the blank cells of columns; filled cells are never touched. */
export interface FillPlan {
  readonly step: 'fill';
  readonly columns: readonly string[];
  readonly with: Filling;
}

type Of<K extends Filling['kind']> = Extract<Filling, { kind: K }>;
const FIGURES = [['mean', 'mean'], ['median', 'median'], ['commonest', 'commonest value'], ['first', 'first filled value']] as const;
const filling = choice<Filling>(
  mapped(quoted, (text): Filling => ({ kind: 'value', text }), (f) => (f.kind === 'value' ? f.text : null)),
  mapped(word('the value above'), (): Filling => ({ kind: 'above' }), (f) => (f.kind === 'above' ? undefined : null)),
  mapped(word('the value below'), (): Filling => ({ kind: 'below' }), (f) => (f.kind === 'below' ? undefined : null)),
  mapped(record<Of<'figure'>>({ kind: 'figure' }, 'the ', field('fn', oneOf(FIGURES)), forEach('by')), (f): Filling => f, (f) => (f.kind === 'figure' ? f : null)),
  mapped(record<Of<'column'>>({ kind: 'column' }, field('name', columnName)), (f): Filling => f, (f) => (f.kind === 'column' ? f : null)),
);

const KINDS: readonly Kind[] = [
  { key: 'open', words: 'blank, and nothing to fill it with: still blank', odd: true, same: true },
  { key: 'filled', words: 'blank: filled', odd: false },
  { key: 'same', words: 'filled already: left as it was', odd: false, same: true },
];
const [OPEN, FILLED, SAME] = [0, 1, 2];

/** Is a figure one of the column's own values, not worked out from them? */
const isPicked = (fn: FillFigure): boolean => fn === 'commonest' || fn === 'first';

/** What a chunk's blanks are filled with: texts ('' is none) for a column of texts, numbers (NaN is none) for a typed one. */
interface Source {
  readonly reads: readonly string[];
  texts(chunks: readonly Chunk[], from: number, length: number): (i: number) => string;
  numbers(chunks: readonly Chunk[], from: number, length: number): (i: number) => number;
}

export const fill: StepDefinition<FillPlan> = {
  step: 'fill',
  title: 'fill blank cells',
  example: 'Fill blanks in ‹Strand› with the value above',
  schema: Joi.object({
    step: Joi.valid('fill').required(),
    columns: Joi.array().items(Joi.string()).min(1).max(4000).required(),
    with: Joi.alternatives()
      .try(
        Joi.object({ kind: Joi.valid('value').required(), text: Joi.string().min(1).max(10_000).required() }),
        Joi.object({ kind: Joi.valid('above', 'below').required() }),
        Joi.object({ kind: Joi.valid('column').required(), name: Joi.string().min(1).required() }),
        Joi.object({ kind: Joi.valid('figure').required(), fn: Joi.valid('mean', 'median', 'commonest', 'first').required(), by: Joi.array().items(Joi.string().min(1)).max(50).required() }),
      )
      .required(),
  }),
  syntax: record<FillPlan>({ step: 'fill' }, 'Fill blanks in ', field('columns', columnNames), ' with ', field('with', filling)),
  reads: (plan) => [...plan.columns, ...(plan.with.kind === 'column' ? [plan.with.name] : plan.with.kind === 'figure' ? plan.with.by : [])],
  check(plan, head): Problem[] {
    const { with: f } = plan;
    if (f.kind === 'column' && plan.columns.includes(f.name)) return [{ text: `‹${f.name}› cannot be filled from itself. Name another column.`, column: f.name }];
    if (f.kind !== 'figure' || isPicked(f.fn)) return [];
    return plan.columns.filter((name) => !readsAsNumber(head, name)).map((name) => ({ text: `“${name}” does not hold numbers, so it has no ${f.fn}. Its blanks can be filled with the commonest value.`, column: name }));
  },
  outline: (plan, head) => sameColumns(head, plan.columns.map((name) => filledHead(plan.with, columnOf(head, name), head))),
  async prepare(plan, table, head) {
    const sources = await Promise.all(plan.columns.map((name) => sourceFor(plan.with, name, table, head)));
    const types = plan.columns.map((name) => columnOf(head, name).type);
    const after = plan.columns.map((name) => filledHead(plan.with, columnOf(head, name), head).type);
    const reads = [...new Set([...plan.columns, ...sources.flatMap((s) => s.reads)])];
    return {
      work: 'cells',
      reads,
      kinds: KINDS,
      run(chunks, from, length) {
        const rowKinds = new Uint8Array(length).fill(SAME);
        const note = (i: number, filled: boolean): void => {
          rowKinds[i] = Math.min(rowKinds[i]!, filled ? FILLED : OPEN);
        };
        const made = plan.columns.map((name, c): Chunk => {
          const chunk = chunks[reads.indexOf(name)]!;
          const source = sources[c]!;
          const own = source.reads.map((r) => chunks[reads.indexOf(r)]!);
          if (chunk.kind === 'text' || after[c] === 'text') {
            const text = source.texts(own, from, length);
            return textChunk(chunkTexts(chunk, types[c]!).map((t, i) => {
              if (t.trim() !== '') return t;
              const value = text(i);
              note(i, value !== '');
              return value || t;
            }));
          }
          const number = source.numbers(own, from, length);
          const values = chunk.values.slice();
          const state = chunk.state.slice();
          for (let i = 0; i < length; i++) {
            if (state[i] !== BLANK) continue;
            const value = number(i);
            note(i, !Number.isNaN(value));
            if (Number.isNaN(value)) continue;
            values[i] = value;
            state[i] = VALUE;
          }
          return numberChunk(values, state, chunk.misfits);
        });
        return { made, kinds: rowKinds };
      },
    };
  },
};

/** The head of a column after its blanks were filled: a typed column stays typed where what fills it fits. */
function filledHead(filling: Filling, before: ColumnHead, head: CheckedHead): ColumnHead {
  if (before.type === 'text') return textHeads([before.name])[0]!;
  switch (filling.kind) {
    case 'value':
      return Number.isNaN(readTyped(filling.text, before.type)) ? textHeads([before.name])[0]! : headOf(before);
    case 'column': {
      const { type, scale } = columnOf(head, filling.name);
      if (type === before.type) return { ...headOf(before), scale: before.scale === null || scale === null ? null : Math.max(before.scale, scale) };
      if (isQuantity(type) && isQuantity(before.type)) return { name: before.name, type: 'decimal', scale: before.scale === null || scale === null ? null : Math.max(before.scale, scale) };
      return isDate(type) && isDate(before.type) ? { name: before.name, type: 'datetime', scale: null } : textHeads([before.name])[0]!;
    }
    case 'figure':
      return !isPicked(filling.fn) && isQuantity(before.type) ? { name: before.name, type: 'decimal', scale: null } : headOf(before);
    default:
      return headOf(before);
  }
}

async function sourceFor(filling: Filling, name: string, table: Table, head: CheckedHead): Promise<Source> {
  const { type } = columnOf(head, name);
  switch (filling.kind) {
    case 'value': {
      const constant = type === 'text' ? NaN : readTyped(filling.text, type);
      return { reads: [], texts: () => () => filling.text, numbers: () => () => constant };
    }
    case 'column': {
      const other = columnOf(head, filling.name).type;
      return {
        reads: [filling.name],
        texts: ([chunk]) => (i) => cellText(chunk!, i, other),
        numbers: ([chunk]) => (i) => (chunk!.kind === 'number' && chunk!.state[i] === VALUE ? chunk!.values[i]! : NaN),
      };
    }
    case 'above':
    case 'below':
      return nearest(table, name, filling.kind);
    case 'figure':
      return filling.fn === 'commonest' ? commonest(table, name, filling.by) : filling.fn === 'first' ? firstFilled(table, name, filling.by) : figure(filling, name, table, head);
  }
}

/** The mean or median of the column, or of each row's group. */
async function figure({ fn, by }: Of<'figure'>, name: string, table: Table, head: CheckedHead): Promise<Source> {
  const formula = await prepare({ kind: 'total', fn: fn as 'mean' | 'median', of: column(name), by }, table, head);
  const numbers = (from: number, length: number): ((i: number) => number) => {
    const vector = formula.evaluate([], from, length);
    return (i) => (vector.kind === 'number' && vector.state[i] === VALUE ? Number(vector.values[i]!.toPrecision(12)) : NaN);
  };
  return {
    reads: [],
    numbers: (_chunks, from, length) => numbers(from, length),
    texts: (_chunks, from, length) => { const at = numbers(from, length); return (i) => (Number.isNaN(at(i)) ? '' : numericText(at(i), 'decimal')); },
  };
}

/** The commonest filled value of the column, or of each row's group; of equally common ones the first. O(rows). */
async function commonest(table: Table, name: string, by: readonly string[]): Promise<Source> {
  const { type } = columnOf(table, name);
  const groups = by.length ? await groupsOf(table, by) : null;
  const live = liveMask(table);
  const counts: Map<string, number>[] = [];
  await eachChunk(table, [name], ([chunk], _ord, from, length) => {
    const texts = chunkTexts(chunk!, type);
    for (let i = 0; i < length; i++) {
      if ((live && !live[from + i]) || texts[i]!.trim() === '') continue;
      const own = (counts[groups ? groups.codes[from + i]! : 0] ??= new Map<string, number>());
      own.set(texts[i]!, (own.get(texts[i]!) ?? 0) + 1);
    }
  });
  const best: string[] = [];
  counts.forEach((own, g) => { best[g] = [...own].reduce((a, b) => (b[1] > a[1] ? b : a))[0]; });
  return ofGroup(best, groups?.codes, type);
}

/** Each group's value for the blanks of its rows. */
function ofGroup(values: readonly (string | undefined)[], groups: Int32Array | undefined, type: ColumnHead['type']): Source {
  const numbers = values.map((text) => (type === 'text' || text === undefined ? NaN : readTyped(text, type)));
  const group = (p: number): number => groups?.[p] ?? 0;
  return { reads: [], texts: (_c, from) => (i) => values[group(from + i)] ?? '', numbers: (_c, from) => (i) => numbers[group(from + i)] ?? NaN };
}

/** The first filled value of the column in the table's order, or that of each row's group. O(rows). */
async function firstFilled(table: Table, name: string, by: readonly string[]): Promise<Source> {
  const { type } = columnOf(table, name);
  const groups = by.length ? await groupsOf(table, by) : null;
  const place = new Int32Array(table.size).fill(-1);
  for (let at = rowCount(table) - 1; at >= 0; at--) place[positionAt(table, at)] = at;
  const first: string[] = [], places: number[] = [];
  await eachChunk(table, [name], ([chunk], _ord, from, length) => {
    const texts = chunkTexts(chunk!, type);
    for (let i = 0; i < length; i++) {
      const at = place[from + i]!, g = groups?.codes[from + i] ?? 0;
      if (at < 0 || texts[i]!.trim() === '' || at >= (places[g] ?? Infinity)) continue;
      [first[g], places[g]] = [texts[i]!, at];
    }
  });
  return ofGroup(first, groups?.codes, type);
}

/** For each blank position of a column, the nearest filled cell above or below it in the table's order. O(rows). */
async function nearest(table: Table, name: string, side: 'above' | 'below'): Promise<Source> {
  const source = columnOf(table, name);
  const texts = new Map<number, string>();
  const numbers = new Map<number, number>();
  let ord = -1;
  let chunk: Chunk | null = null;
  let lastText = '', lastNumber = NaN;
  const rows = rowCount(table);
  for (let n = 0; n < rows; n++) {
    const p = positionAt(table, side === 'above' ? n : rows - 1 - n);
    if (Math.floor(p / CHUNK_ROWS) !== ord) chunk = await source.load((ord = Math.floor(p / CHUNK_ROWS)));
    const i = p % CHUNK_ROWS;
    if (chunk!.kind === 'text') {
      const t = chunk!.dictionary[chunk!.codes[i]!]!;
      if (t.trim() !== '') lastText = t;
      else if (lastText !== '') texts.set(p, lastText);
    } else if (chunk!.state[i] === VALUE) lastNumber = chunk!.values[i]!;
    else if (chunk!.state[i] === BLANK && !Number.isNaN(lastNumber)) numbers.set(p, lastNumber);
  }
  return { reads: [], texts: (_c, from) => (i) => texts.get(from + i) ?? '', numbers: (_c, from) => (i) => numbers.get(from + i) ?? NaN };
}
