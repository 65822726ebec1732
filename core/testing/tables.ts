import { cellsOf } from '../formats/write';
import { tableFromBytes } from '../formats/import';
import type { Table } from '../table/table';
import type { CellValue } from '../values/cell';

/** The cells of one column. */
export async function columnCells(table: Table, name: string): Promise<CellValue[]> {
  return (await cellsOf({ ...table, columns: table.columns.filter((c) => c.name === name) })).map((row) => row[0]!);
}

/** A table from CSV text. */
export const csvTable = (text: string, name = 'lots'): ReturnType<typeof tableFromBytes> => tableFromBytes(name, new TextEncoder().encode(text));

/** All cells of a table as texts, row by row in the table's order. */
export const tableTexts = async (table: Table): Promise<string[][]> => (await cellsOf(table)).map((row) => row.map((v) => (v === null ? '' : String(v))));
