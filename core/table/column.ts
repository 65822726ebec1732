import type { Look, Mark } from './look';

/** The value types a column can have. Dates and date-times are milliseconds since 1970 in UTC, yes/no is 1 or 0. */
export type ColumnType = 'text' | 'whole' | 'decimal' | 'date' | 'datetime' | 'yesno';

export const COLUMN_TYPES: readonly ColumnType[] = ['text', 'whole', 'decimal', 'date', 'datetime', 'yesno'];

/** Rows in one chunk. A multiple of 8, and few enough that a chunk's dictionary always fits 16-bit codes. */
export const CHUNK_ROWS = 16_384;

/** What a cell of a number chunk holds. A misfit is a cell whose text does not fit the type and was kept as written. */
export const BLANK = 0;
export const VALUE = 1;
export const MISFIT = 2;

/** Cells of a typed column: `values[i]` counts only where `state[i]` is VALUE; misfits keep their text. */
export interface NumberChunk {
  readonly kind: 'number';
  readonly length: number;
  readonly values: Float64Array;
  readonly state: Uint8Array;
  readonly misfits: ReadonlyMap<number, string>;
  /** The lowest and the highest value, where whoever made the chunk knows them and all cells hold values. */
  readonly range?: readonly [number, number];
}

/** Cells of a text column as codes into the chunk's own dictionary. Code 0 is always the blank cell ''. */
export interface TextChunk {
  readonly kind: 'text';
  readonly length: number;
  readonly codes: Uint16Array;
  readonly dictionary: readonly string[];
}

export type Chunk = NumberChunk | TextChunk;

/** How a column is seen, whatever it holds; it stays so when its cells are made anew. */
export interface Dress {
  /** Out of sight: see core/steps/hide. */
  readonly hidden?: true;
  /** How its values are written: see core/steps/show. */
  readonly look?: Look;
  /** Which of its cells are marked: see core/steps/mark. */
  readonly marks?: readonly Mark[];
}

/** What is known of a column without reading its cells. */
export interface ColumnHead extends Dress {
  readonly name: string;
  readonly type: ColumnType;
  /** Most digits behind the decimal point of any value; null when unbounded (a quotient). */
  readonly scale: number | null;
}

/** Only how a column is seen. */
export const dressOf = ({ hidden, look, marks }: Dress): Dress => ({ ...(hidden && { hidden }), ...(look && { look }), ...(marks && { marks }) });

/** Only the head of a column. */
export const headOf = (column: ColumnHead): ColumnHead => ({ name: column.name, type: column.type, scale: column.scale, ...dressOf(column) });

/** A column: its head, and its cells chunk by chunk, from memory or from a store. Chunks must never be changed. */
export interface Column extends ColumnHead {
  readonly load: (ord: number) => Chunk | Promise<Chunk>;
  /** The column as it was before rows were added, and how many cells it has: the rest come from those (see grown.ts). */
  readonly own?: { readonly column: Column; readonly cells: number };
}

const NO_MISFITS: ReadonlyMap<number, string> = new Map();

/** A number chunk over given arrays. */
export function numberChunk(values: Float64Array, state: Uint8Array, misfits: ReadonlyMap<number, string> = NO_MISFITS): NumberChunk {
  return { kind: 'number', length: values.length, values, state, misfits };
}

/** A text chunk from plain strings; '' is blank. O(n). */
export function textChunk(cells: ArrayLike<string>): TextChunk {
  const codes = new Uint16Array(cells.length);
  const dictionary = [''];
  const seen = new Map<string, number>([['', 0]]);
  for (let i = 0; i < cells.length; i++) {
    const cell = cells[i]!;
    let code = seen.get(cell);
    if (code === undefined) {
      code = dictionary.length;
      dictionary.push(cell);
      seen.set(cell, code);
    }
    codes[i] = code;
  }
  return { kind: 'text', length: cells.length, codes, dictionary };
}

const ALL_VALUES = 0x01010101 * VALUE;

/** Does every row hold a value? The common case, in which loops need not look at states. */
export function allValues(state: Uint8Array): boolean {
  // Four states at once, where they lie so that they can be read together.
  const words = state.byteOffset % 4 === 0 ? state.length >> 2 : 0;
  if (words) {
    const four = new Uint32Array(state.buffer, state.byteOffset, words);
    for (let i = 0; i < words; i++) if (four[i] !== ALL_VALUES) return false;
  }
  for (let i = words * 4; i < state.length; i++) if (state[i] !== VALUE) return false;
  return true;
}

/** A column whose chunks are all in memory. */
export function memoryColumn(head: ColumnHead, chunks: readonly Chunk[]): Column {
  return { ...head, load: (ord) => chunks[ord]! };
}

/** Number of chunks that hold `size` rows. */
export const chunkCount = (size: number): number => Math.ceil(size / CHUNK_ROWS);

/** Rows in chunk `ord` of a column of `size` rows. */
export const chunkLength = (size: number, ord: number): number => Math.min(CHUNK_ROWS, size - ord * CHUNK_ROWS);

/** Is the type stored as numbers? */
export const isNumeric = (type: ColumnType): boolean => type !== 'text';

/** Can values of the type be added and multiplied? */
export const isQuantity = (type: ColumnType): boolean => type === 'whole' || type === 'decimal';

/** Is the type a date or a date-time? */
export const isDate = (type: ColumnType): boolean => type === 'date' || type === 'datetime';
