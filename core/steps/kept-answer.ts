import { CHUNK_ROWS, numberChunk, textChunk, VALUE, type Chunk, type ColumnHead, type ColumnType } from '../table/column';
import type { CellValue } from '../values/cell';
import { readDate } from '../values/date';
import { writeNumber } from '../values/number';
import type { AnswerTable } from './step';

/* An answer as a table of its own. */

const DATE = /^\d{4}-\d\d-\d\d$/;
const decimals = (n: number): number => /\.(\d+)$/.exec(writeNumber(n))?.[1]?.length ?? 0;
/** More decimals than this are those of a quotient: they have no end. */
const MOST_DECIMALS = 9;

/** What an answer's column is: numbers, dates, yes or no where all its filled cells are, else text. */
function typeOf(cells: readonly CellValue[]): { type: ColumnType; scale: number | null } {
  const filled = cells.filter((v) => v !== null);
  if (filled.length && filled.every((v) => typeof v === 'number')) {
    const scale = Math.max(...filled.map((v) => decimals(v as number)));
    return scale === 0 ? { type: 'whole', scale: 0 } : { type: 'decimal', scale: scale > MOST_DECIMALS ? null : scale };
  }
  if (filled.length && filled.every((v) => typeof v === 'string' && DATE.test(v))) return { type: 'date', scale: 0 };
  if (filled.length && filled.every((v) => typeof v === 'boolean')) return { type: 'yesno', scale: 0 };
  return { type: 'text', scale: null };
}

function chunkOf(cells: readonly CellValue[], type: ColumnType): Chunk {
  if (type === 'text') return textChunk(cells.map((v) => (v === null ? '' : String(v))));
  const values = new Float64Array(cells.length), state = new Uint8Array(cells.length);
  cells.forEach((v, i) => {
    if (v === null) return;
    values[i] = typeof v === 'string' ? readDate(v)!.time : Number(v);
    state[i] = VALUE;
  });
  return numberChunk(values, state);
}

/** The columns of an answer with their cells in chunks; the line for all groups together is no row. O(cells). */
export function answerColumns({ columns, rows }: AnswerTable): readonly { readonly head: ColumnHead; readonly chunks: readonly Chunk[] }[] {
  return columns.map((name, c) => {
    const cells = rows.map((r) => r[c] ?? null);
    const { type, scale } = typeOf(cells);
    const chunks: Chunk[] = [];
    for (let from = 0; from < Math.max(1, cells.length); from += CHUNK_ROWS) chunks.push(chunkOf(cells.slice(from, from + CHUNK_ROWS), type));
    return { head: { name, type, scale }, chunks };
  });
}
