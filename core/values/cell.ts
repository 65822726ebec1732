import { BLANK, MISFIT, VALUE, isDate, type Chunk, type ColumnType } from '../table/column';
import { writeDate } from './date';
import { writeNumber } from './number';

/** A cell as the interface and files see it: text, a number, yes or no, or blank. Dates are ISO 8601 text. */
export type CellValue = string | number | boolean | null;

/** The value of one cell. */
export function cellValue(chunk: Chunk, at: number, type: ColumnType): CellValue {
  if (chunk.kind === 'text') return chunk.codes[at] === 0 ? null : chunk.dictionary[chunk.codes[at]!]!;
  const state = chunk.state[at]!;
  if (state === BLANK) return null;
  if (state === MISFIT) return chunk.misfits.get(at) ?? null;
  const value = chunk.values[at]!;
  if (isDate(type)) return writeDate(value, type === 'datetime');
  return type === 'yesno' ? value === 1 : Number.isInteger(value) ? value : Number(value.toPrecision(15));
}

/** One cell as text; '' is blank. Numbers have no thousands marks and no binary dust; yes/no reads 'yes' or 'no'. */
export function cellText(chunk: Chunk, at: number, type: ColumnType): string {
  if (chunk.kind === 'text') return chunk.dictionary[chunk.codes[at]!]!;
  return chunk.state[at] === VALUE ? numericText(chunk.values[at]!, type) : chunk.state[at] === MISFIT ? (chunk.misfits.get(at) ?? '') : '';
}

/** A value of a number-like column as text. */
export function numericText(value: number, type: ColumnType): string {
  if (isDate(type)) return writeDate(value, type === 'datetime');
  return type === 'yesno' ? (value === 1 ? 'yes' : 'no') : writeNumber(value);
}

/** Calls `visit` with each text of a chunk's first `length` rows and how often it stands there; with a mask, in its live rows only. Number cells come one by one. O(n). */
export function eachText(chunk: Chunk, type: ColumnType, length: number, live: Uint8Array | null | undefined, visit: (text: string, times: number) => void): void {
  if (chunk.kind === 'number') {
    for (let i = 0; i < length; i++) if (!live || live[i]) visit(cellText(chunk, i, type), 1);
    return;
  }
  const times = new Uint32Array(chunk.dictionary.length);
  for (let i = 0; i < length; i++) if (!live || live[i]) times[chunk.codes[i]!]!++;
  chunk.dictionary.forEach((text, code) => { if (times[code]) visit(text, times[code]!); });
}

/** All cells of a chunk as text, reusing one string for each distinct text. O(n). */
export function chunkTexts(chunk: Chunk, type: ColumnType): string[] {
  const out = new Array<string>(chunk.length);
  if (chunk.kind === 'text') for (let i = 0; i < chunk.length; i++) out[i] = chunk.dictionary[chunk.codes[i]!]!;
  else for (let i = 0; i < chunk.length; i++) out[i] = cellText(chunk, i, type);
  return out;
}
