import { CHUNK_ROWS } from '../table/column';
import { positionAt, rowCount, type Table } from '../table/table';
import { cellValue, type CellValue } from '../values/cell';
import { tableFromBytes } from '../formats/import';

/** All cells of a table, row by row, for tests. */
export async function cellsOf(table: Table): Promise<CellValue[][]> {
  const out: CellValue[][] = [];
  for (let at = 0; at < rowCount(table); at++) {
    const p = positionAt(table, at);
    const row: CellValue[] = [];
    for (const c of table.columns) row.push(cellValue(await c.load(Math.floor(p / CHUNK_ROWS)), p % CHUNK_ROWS, c.type));
    out.push(row);
  }
  return out;
}

/** The cells of one column. */
export async function columnCells(table: Table, name: string): Promise<CellValue[]> {
  return (await cellsOf({ ...table, columns: table.columns.filter((c) => c.name === name) })).map((row) => row[0]!);
}

/** A table from CSV text. */
export const csvTable = (text: string, name = 'lots'): ReturnType<typeof tableFromBytes> => tableFromBytes(name, new TextEncoder().encode(text));
