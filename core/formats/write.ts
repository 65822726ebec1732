import { CHUNK_ROWS, type Chunk, type Column } from '../table/column';
import { rowCount, withoutHidden, type Table } from '../table/table';
import { cellText, cellValue, type CellValue } from '../values/cell';
import { csvLine } from './csv';
import { htmlText, markdownText } from './markup';

/** Chunks of a column kept at hand while rows are written, newest last. Sorted tables jump between chunks. */
const KEPT = 96;

/* What is written leaves out the columns that are out of sight. */

/** Visits the rows of a table in order. `cells` gives the cell of each column through `read`. */
async function* rows<T>(whole: Table, read: (chunk: Chunk, at: number, column: Column) => T): AsyncGenerator<T[][]> {
  const table = withoutHidden(whole);
  const cache = new Map<number, Chunk[]>();
  const load = async (ord: number): Promise<Chunk[]> => {
    const hit = cache.get(ord);
    if (hit) return hit;
    const chunks = await Promise.all(table.columns.map((c) => c.load(ord)));
    if (cache.size >= KEPT) cache.delete(cache.keys().next().value!);
    cache.set(ord, chunks);
    return chunks;
  };
  const total = rowCount(table);
  for (let from = 0; from < total; from += 2_048) {
    const batch: T[][] = [];
    for (let at = from; at < Math.min(total, from + 2_048); at++) {
      const position = table.rows ? table.rows[at]! : at;
      const chunks = await load(Math.floor(position / CHUNK_ROWS));
      const i = position % CHUNK_ROWS;
      batch.push(table.columns.map((column, c) => read(chunks[c]!, i, column)));
    }
    yield batch;
  }
}

/** The cells of a table row by row, in pieces of some thousand rows: for writers of other formats. */
export const cellBatches = (table: Table): AsyncGenerator<CellValue[][]> => rows<CellValue>(table, (chunk, at, column) => cellValue(chunk, at, column.type));

/** One row as a JSON record; the names are JSON already. */
const recordText = (names: readonly string[], row: readonly CellValue[]): string => `{${row.map((v, c) => `${names[c]}:${JSON.stringify(v)}`).join(',')}}`;

/** All cells of a table, row by row in its order, for tables that fit in memory. O(cells). */
export async function cellsOf(table: Table): Promise<CellValue[][]> {
  const out: CellValue[][] = [];
  for await (const batch of cellBatches(table)) for (const row of batch) out.push(row);
  return out;
}

/** A table as CSV (RFC 4180, UTF-8, lines end in CR LF), in pieces. Cells that would run as a formula are made harmless unless `raw`. */
export async function* csvPieces(table: Table, raw = false): AsyncGenerator<string> {
  yield `${csvLine(withoutHidden(table).columns.map((c) => c.name), raw)}\r\n`;
  for await (const batch of rows(table, (chunk, at, column) => cellText(chunk, at, column.type))) yield batch.map((row) => `${csvLine(row, raw)}\r\n`).join('');
}

/** The digest of a table as CSV: what a result is known by. `hash` is a SHA-256 that takes texts one after the other. */
export async function csvDigest(table: Table, hash: { update(text: string): unknown; digest(form: 'hex'): string }): Promise<string> {
  for await (const piece of csvPieces(table)) hash.update(piece);
  return hash.digest('hex');
}

/** A table as one JSON array of records, in pieces. Blanks are null, dates ISO 8601 text. */
export async function* jsonPieces(table: Table): AsyncGenerator<string> {
  const names = withoutHidden(table).columns.map((c) => JSON.stringify(c.name));
  let first = true;
  yield '[';
  for await (const batch of cellBatches(table)) {
    yield batch
      .map((row) => {
        const record = `${first ? '\n' : ',\n'}${recordText(names, row)}`;
        first = false;
        return record;
      })
      .join('');
  }
  yield '\n]\n';
}

/** A table as newline-delimited JSON: one record a line, in pieces. */
export async function* ndjsonPieces(table: Table): AsyncGenerator<string> {
  const names = withoutHidden(table).columns.map((c) => JSON.stringify(c.name));
  for await (const batch of cellBatches(table)) yield batch.map((row) => `${recordText(names, row)}\n`).join('');
}

/** Text that stays in one cell of a Markdown table. */
const markdownCell = (text: string): string => markdownText(text).trim();
const isFigure = (column: Column): boolean => column.type === 'whole' || column.type === 'decimal';

/** A table as a Markdown table (the pipe tables of GitHub Flavored Markdown), in pieces. */
export async function* markdownPieces(whole: Table): AsyncGenerator<string> {
  const table = withoutHidden(whole);
  yield `| ${table.columns.map((c) => markdownCell(c.name)).join(' | ')} |\n| ${table.columns.map((c) => (isFigure(c) ? '---:' : '---')).join(' | ')} |\n`;
  for await (const batch of rows(table, (chunk, at, column) => cellText(chunk, at, column.type))) yield batch.map((row) => `| ${row.map(markdownCell).join(' | ')} |\n`).join('');
}

/** A table as an HTML table, in pieces. */
export async function* htmlPieces(whole: Table): AsyncGenerator<string> {
  const table = withoutHidden(whole);
  yield `<table><thead><tr>${table.columns.map((c) => `<th>${htmlText(c.name)}</th>`).join('')}</tr></thead><tbody>\n`;
  for await (const batch of rows(table, (chunk, at, column) => cellText(chunk, at, column.type))) yield batch.map((row) => `<tr>${row.map((cell, c) => `<td${isFigure(table.columns[c]!) ? ' align="right"' : ''}>${htmlText(cell)}</td>`).join('')}</tr>\n`).join('');
  yield '</tbody></table>\n';
}
