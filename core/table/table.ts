import { CHUNK_ROWS, chunkCount, chunkLength, memoryColumn, textChunk, type Chunk, type Column, type ColumnHead } from './column';

/**
 * One version of a table. Cells live at *positions* 0..size-1 in every column; `rows` lists the positions that are in
 * the table now, in their order, or is null when that is all of them in source order. A position is a row's identity
 * for as long as the table lives, so a step that removes or sorts rows touches no column.
 */
export interface Table {
  readonly name: string;
  readonly columns: readonly Column[];
  readonly size: number;
  readonly rows: Uint32Array | null;
  /** For the positions that steps added, the last ones: the older position that each row comes from. */
  readonly origins?: Uint32Array;
  /** The other tables of the workspace as they are now, by name. */
  readonly others?: ReadonlyMap<string, OtherTable>;
  /** The workspace's secret, under which masks are made. */
  readonly key?: string;
}

/** A table that stands beside another one. `head` is what is known of it. */
export interface OtherTable {
  readonly table: Table;
  readonly head: TableHead;
}

/** What a plan can be checked against without reading a cell. */
export interface TableHead {
  readonly name: string;
  readonly columns: readonly ColumnHead[];
}

/** Rows in the table now. */
export const rowCount = (table: Table): number => table.rows?.length ?? table.size;

/** The position of the row shown at place `at`. */
export const positionAt = (table: Table, at: number): number => (table.rows ? table.rows[at]! : at);

/** A table, or its head, without the columns that are out of sight. */
export const withoutHidden = <T extends { readonly columns: readonly ColumnHead[] }>(table: T): T => (table.columns.some((c) => c.hidden) ? { ...table, columns: table.columns.filter((c) => !c.hidden) } : table);

/** The column of that name, or undefined. */
export const findColumn = <C extends ColumnHead>(columns: readonly C[], name: string): C | undefined => columns.find((c) => c.name === name);

/** Thrown where a column is asked for that a table does not have. */
export class NoColumn extends Error {
  constructor(name: string) {
    super(`There is no column “${name}”.`);
  }
}

/** The column of that name; throws when there is none (plans are checked before they run). */
export function columnOf<C extends ColumnHead>(table: { columns: readonly C[] }, name: string): C {
  const column = findColumn(table.columns, name);
  if (!column) throw new NoColumn(name);
  return column;
}

/** 1 for each position of a chunk that is in the table, 0 for those set aside; null when all are in. O(rows) once. */
export function liveMask(table: Table): Uint8Array | null {
  if (!table.rows) return null;
  const mask = new Uint8Array(table.size);
  for (const position of table.rows) mask[position] = 1;
  return mask;
}

/** Calls `visit` with each chunk of the named columns, in order. Memory: one chunk of each. */
export async function eachChunk(
  table: Table,
  names: readonly string[],
  visit: (chunks: Chunk[], ord: number, from: number, length: number) => void | Promise<void>,
): Promise<void> {
  const columns = names.map((name) => columnOf(table, name));
  for (let ord = 0; ord < chunkCount(table.size); ord++) {
    const chunks = await Promise.all(columns.map((c) => c.load(ord)));
    await visit(chunks, ord, ord * CHUNK_ROWS, chunkLength(table.size, ord));
  }
}

/** A table of text columns from plain strings, for small tables and tests. `rows[r][c]`; '' is blank. */
export function textTable(name: string, headings: readonly string[], rows: readonly (readonly string[])[]): Table {
  const columns = headings.map((heading, c) => {
    const chunks: Chunk[] = [];
    for (let from = 0; from < rows.length; from += CHUNK_ROWS) chunks.push(textChunk(rows.slice(from, from + CHUNK_ROWS).map((r) => r[c] ?? '')));
    return memoryColumn({ name: heading, type: 'text', scale: null }, chunks);
  });
  return { name, columns, size: rows.length, rows: null };
}
