import Joi from 'joi';
import { VALUE, isDate, textChunk, type ColumnType } from '../table/column';
import { columnOf, eachChunk, positionAt, rowCount, type Table } from '../table/table';
import { datesOf, amountsOf } from '../formula/vector';
import { mixedUnit, readsAsDate, readsDayFirst, readsAsNumber, type CheckedHead } from '../formula/check';
import { readMeasure } from '../values/units';
import { readTexts } from '../formula/vector';
import { between, columnName, field, list, oneOf, optional, quoted, record } from '../language/exact';
import { cellText, chunkTexts } from '../values/cell';
import { folded } from '../values/fold';

/** One key to order rows by. Blanks and what does not fit come last either way. */
export interface SortKey {
  readonly column: string;
  readonly down: boolean;
  /** The values in an order of their own, the first first; what is not among them comes behind, before blanks. */
  readonly order?: readonly string[];
}

export const sortKeySchema = Joi.object({ column: Joi.string().required(), down: Joi.boolean().required(), order: Joi.array().items(Joi.string()).min(1).max(1000).unique() });
export const sortKey = record<SortKey>({}, field('column', columnName), field('down', oneOf([[false, ''], [true, ' from high to low']])), optional('order', between(' in the order ', list(quoted, 1, ' then ', ' then '), '')));

/** Compares texts as people order them: capitals and accents aside, numbers inside by size. */
const collator = new Intl.Collator('en', { numeric: true, sensitivity: 'base' });

/**
 * A rank for every position such that ordering by it orders the column: numbers and dates by size, texts as people do.
 * Blanks get Infinity. A text column whose cells read as numbers or dates is ordered by those,
 * one written in several units by what they measure. O(rows) for numbers,
 * O(distinct log distinct) more for texts.
 */
export async function ranks(table: Table, head: CheckedHead, key: SortKey): Promise<Float64Array> {
  const out = new Float64Array(table.size).fill(Infinity);
  const column = columnOf(table, key.column);
  const sign = key.down ? -1 : 1;
  const glance = head.glances?.get(key.column);
  if (key.order) return inGivenOrder(table, key, key.order);
  const mode: 'number' | 'date' | 'text' =
    column.type !== 'text' ? (isDate(column.type) ? 'date' : 'number')
    : glance && readsAsNumber(head, key.column) ? 'number'
    : glance && readsAsDate(head, key.column) ? 'date'
    : 'text';
  const unit = mode === 'number' ? mixedUnit(head, key.column) : null;
  if (mode !== 'text') {
    await eachChunk(table, [key.column], ([chunk], _ord, from) => {
      const { values, state } = mode === 'date' ? datesOf(chunk!, { dayFirst: readsDayFirst(head, key.column) }) : unit !== null && chunk!.kind === 'text' ? readTexts(chunk!, (t) => readMeasure(t, unit)?.value ?? NaN) : amountsOf(chunk!);
      for (let i = 0; i < state.length; i++) if (state[i] === VALUE) out[from + i] = sign * values[i]!;
    });
    return out;
  }
  const codes = new Map<string, number>();
  await eachChunk(table, [key.column], ([chunk], _ord, from, length) => {
    for (let i = 0; i < length; i++) {
      const text = cellText(chunk!, i, column.type as ColumnType).trim();
      if (text === '') continue;
      let code = codes.get(text);
      if (code === undefined) codes.set(text, (code = codes.size));
      out[from + i] = code;
    }
  });
  const sorted = [...codes.keys()].sort(collator.compare);
  const rankOf = new Float64Array(codes.size);
  let rank = 0;
  sorted.forEach((text, i) => {
    if (i > 0 && collator.compare(sorted[i - 1]!, text) !== 0) rank++;
    rankOf[codes.get(text)!] = sign * rank;
  });
  for (let p = 0; p < out.length; p++) if (out[p] !== Infinity) out[p] = rankOf[out[p]!]!;
  return out;
}

/** A rank for every position by the place of its text in a list, capitals and outer spaces aside. */
async function inGivenOrder(table: Table, key: SortKey, order: readonly string[]): Promise<Float64Array> {
  const out = new Float64Array(table.size).fill(Infinity);
  const places = new Map(order.map((text, i) => [folded(text), i]));
  const { type } = columnOf(table, key.column);
  const rankOf = (text: string): number => (key.down ? -1 : 1) * (places.get(folded(text)) ?? (key.down ? -1 : order.length));
  await eachChunk(table, [key.column], ([chunk], _ord, from, length) => {
    const { values, state } = readTexts(chunk!.kind === 'text' ? chunk! : textChunk(chunkTexts(chunk!, type)), rankOf);
    for (let i = 0; i < length; i++) if (state[i] === VALUE) out[from + i] = values[i]!;
  });
  return out;
}

/** The positions in the table ordered by keys; rows that are equal keep their order. O(rows log rows). */
export async function orderedRows(table: Table, head: CheckedHead, keys: readonly SortKey[]): Promise<Uint32Array> {
  const columns: Float64Array[] = [];
  for (const key of keys) columns.push(await ranks(table, head, key));
  const places = new Uint32Array(rowCount(table)).map((_, at) => at);
  const positions = places.map((at) => positionAt(table, at));
  const [first] = columns;
  places.sort((a, b) => {
    const p = positions[a]!, q = positions[b]!;
    const x = first![p]!, y = first![q]!;
    if (x !== y) return x < y ? -1 : 1;
    for (let k = 1; k < columns.length; k++) {
      const s = columns[k]![p]!, t = columns[k]![q]!;
      if (s !== t) return s < t ? -1 : 1;
    }
    return a - b;
  });
  return places.map((at) => positions[at]!);
}
