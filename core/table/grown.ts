import { CHUNK_ROWS, chunkLength, numberChunk, textChunk, type Chunk, type Column } from './column';
import type { Table } from './table';

/**
 * Rows that a step adds get positions behind those there are; each comes from an older one. A column that the step leaves
 * alone has no cells of its own for them: it gives those of the rows they come from.
 */

/** How many rows a table was brought in with: the first position that was added, or the size when none was. */
export const sourceSize = (table: Pick<Table, 'size' | 'origins'>): number => table.size - (table.origins?.length ?? 0);

/** The position, below `size`, that a row comes from: its own where it was there before. */
export function originOf(table: Pick<Table, 'size' | 'origins'>, position: number, size: number): number {
  const first = sourceSize(table);
  let p = position;
  while (p >= size && p >= first) p = table.origins![p - first]!;
  return p;
}

/** The cells of a chunk at some places, in their order. O(places). */
export function gathered(chunk: Chunk, places: ArrayLike<number>): Chunk {
  if (chunk.kind === 'text') {
    const codes = new Uint16Array(places.length);
    for (let i = 0; i < places.length; i++) codes[i] = chunk.codes[places[i]!]!;
    return { kind: 'text', length: places.length, codes, dictionary: chunk.dictionary };
  }
  const [values, state, misfits] = [new Float64Array(places.length), new Uint8Array(places.length), new Map<number, string>()];
  for (let i = 0; i < places.length; i++) {
    const p = places[i]!;
    values[i] = chunk.values[p]!;
    state[i] = chunk.state[p]!;
    const text = chunk.misfits.get(p);
    if (text !== undefined) misfits.set(i, text);
  }
  return numberChunk(values, state, misfits);
}

/** Chunks of the same kind one behind the other as one. O(cells). */
export function joined(chunks: readonly Chunk[]): Chunk {
  const [only, ...more] = chunks;
  if (only && !more.length) return only;
  const length = chunks.reduce((n, c) => n + c.length, 0);
  if (chunks.every((c) => c.kind === 'text')) {
    const cells = new Array<string>(length);
    let at = 0;
    for (const c of chunks) for (const code of c.codes) cells[at++] = c.dictionary[code]!;
    return textChunk(cells);
  }
  const [values, state, misfits] = [new Float64Array(length), new Uint8Array(length), new Map<number, string>()];
  let at = 0;
  for (const c of chunks) {
    if (c.kind === 'text') throw new Error('Texts and numbers cannot be put into one chunk.');
    values.set(c.values, at);
    state.set(c.state, at);
    for (const [i, text] of c.misfits) misfits.set(at + i, text);
    at += c.length;
  }
  return numberChunk(values, state, misfits);
}

/** Chunks of rows that were added that are kept for a column, once put together. */
const MOST_KEPT = 8;

/** A column with cells of its own for the first positions only; the others get the cells of the rows they come from. */
export function grown(given: Column, size: number, table: Pick<Table, 'size' | 'origins'>): Column {
  const { column, cells } = given.own ?? { column: given, cells: size };
  const made = new Map<number, Promise<Chunk>>();
  const build = async (ord: number): Promise<Chunk> => {
    const from = ord * CHUNK_ROWS, length = chunkLength(table.size, ord);
    // Where each cell lies: those of one chunk of the column are fetched together.
    const parts = new Map<number, { at: number[]; places: number[] }>();
    for (let i = 0; i < length; i++) {
      const p = originOf(table, from + i, cells), o = Math.floor(p / CHUNK_ROWS);
      const part = parts.get(o) ?? parts.set(o, { at: [], places: [] }).get(o)!;
      part.at.push(i);
      part.places.push(p % CHUNK_ROWS);
    }
    const pieces = await Promise.all([...parts].map(async ([o, { places }]) => gathered(await column.load(o), places)));
    const together = joined(pieces);
    const order = new Uint32Array(length);
    let n = 0;
    for (const { at } of parts.values()) for (const i of at) order[i] = n++;
    return gathered(together, order);
  };
  return {
    ...column,
    ...given,
    own: { column, cells },
    load(ord) {
      if ((ord + 1) * CHUNK_ROWS <= cells) return column.load(ord);
      let chunk = made.get(ord);
      if (!chunk) {
        if (made.size >= MOST_KEPT) made.delete(made.keys().next().value!);
        made.set(ord, (chunk = build(ord)));
      }
      return chunk;
    },
  };
}
