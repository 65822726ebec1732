import { CHUNK_ROWS, VALUE, chunkCount, chunkLength, type Chunk, type ColumnType } from '../table/column';
import { liveMask, type Table } from '../table/table';
import { cellText } from '../values/cell';
import { folded } from '../values/fold';

/* Two versions of one table, cell by cell. */

/** In what way a cell is another one. */
export type Difference = 'filled' | 'emptied' | 'number' | 'form' | 'text';
export const DIFFERENCES: readonly (readonly [Difference, string])[] = [
  ['emptied', 'blank now'], ['filled', 'blank before'], ['number', 'another number'], ['text', 'another text'], ['form', 'only capitals, spaces or marks differ'],
];

export interface ColumnChange {
  readonly name: string;
  readonly cells: number;
  /** How many cells changed in each way, with the positions of the first of them. */
  readonly ways: readonly { readonly way: Difference; readonly cells: number; readonly positions: readonly number[] }[];
}

export interface TableChange {
  readonly columns: readonly ColumnChange[];
  readonly columnsGone: readonly string[];
  readonly columnsNew: readonly string[];
  readonly rowsGone: number;
  readonly rowsNew: number;
}

const EXAMPLES = 8;

function wayOf(before: string, after: string): Difference {
  if (before === '') return 'filled';
  if (after === '') return 'emptied';
  if (Number.isFinite(Number(before)) && Number.isFinite(Number(after))) return 'number';
  return folded(before).replace(/[^\p{L}\p{N}]/gu, '') === folded(after).replace(/[^\p{L}\p{N}]/gu, '') ? 'form' : 'text';
}

/** Are two cells the same? Numbers are compared as they are kept, all else as it is written. */
function same(a: Chunk, b: Chunk, i: number, before: ColumnType, after: ColumnType): boolean {
  if (a.kind === 'number' && b.kind === 'number' && before === after) return a.state[i] === b.state[i] && (a.state[i] !== VALUE || a.values[i] === b.values[i]) && (a.state[i] === VALUE || cellText(a, i, before) === cellText(b, i, after));
  return cellText(a, i, before) === cellText(b, i, after);
}

/**
 * What is different between two versions of a table: for each column of both the cells that changed in rows of both, in which
 * way; columns and rows that only one has. A column that both versions share is not read. O(cells of the columns that differ).
 */
export async function compareTables(before: Table, after: Table, shared: (name: string) => boolean = () => false): Promise<TableChange> {
  const size = Math.min(before.size, after.size);
  const [was, is] = [liveMask(before), liveMask(after)];
  const lives = (mask: Uint8Array | null, p: number): boolean => mask === null || mask[p] === 1;
  let rowsGone = 0, rowsNew = after.size - size;
  for (let p = 0; p < size; p++) {
    if (lives(was, p) && !lives(is, p)) rowsGone++;
    else if (!lives(was, p) && lives(is, p)) rowsNew++;
  }
  const columns: ColumnChange[] = [];
  for (const column of after.columns) {
    const old = before.columns.find((c) => c.name === column.name);
    if (!old || shared(column.name)) continue;
    const ways = new Map<Difference, { cells: number; positions: number[] }>();
    for (let ord = 0; ord < chunkCount(size); ord++) {
      const [a, b] = await Promise.all([old.load(ord), column.load(ord)]);
      const from = ord * CHUNK_ROWS, length = Math.min(chunkLength(size, ord), a.length, b.length);
      for (let i = 0; i < length; i++) {
        if (!lives(was, from + i) || !lives(is, from + i) || same(a, b, i, old.type, column.type)) continue;
        const way = wayOf(cellText(a, i, old.type), cellText(b, i, column.type));
        const known = ways.get(way) ?? ways.set(way, { cells: 0, positions: [] }).get(way)!;
        known.cells++;
        if (known.positions.length < EXAMPLES) known.positions.push(from + i);
      }
    }
    if (ways.size) columns.push({ name: column.name, cells: [...ways.values()].reduce((n, w) => n + w.cells, 0), ways: DIFFERENCES.flatMap(([way]) => (ways.has(way) ? [{ way, ...ways.get(way)! }] : [])) });
  }
  const names = (t: Table): string[] => t.columns.map((c) => c.name);
  return { columns, columnsGone: names(before).filter((n) => !names(after).includes(n)), columnsNew: names(after).filter((n) => !names(before).includes(n)), rowsGone, rowsNew };
}
