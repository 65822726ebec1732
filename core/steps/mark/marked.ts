import { YES, prepareCondition } from '../../formula/evaluate';
import { columnsOf, renameColumns, type Condition } from '../../formula/expression';
import { condition } from '../../formula/syntax';
import type { CheckedHead } from '../../formula/check';
import { readWhole, say } from '../../language/exact';
import { ACCENT_NAMES, type Mark } from '../../table/look';
import { eachChunk, type Table } from '../../table/table';

/** The accents of a column's cells by position: 0 is none, n the n-th of ACCENT_NAMES. */
export interface MarkedColumn {
  readonly column: string;
  readonly accents: Uint8Array;
}

const read = (mark: Mark): Condition | null => readWhole(condition, mark.where);

/** The columns that a mark looks at. */
export const lookedAt = (mark: Mark): readonly string[] => { const c = read(mark); return c ? columnsOf(c) : []; };

/** Can a mark be told of such a table? Not when a column that it looks at is gone. */
export const stands = (mark: Mark, head: CheckedHead): boolean => { const c = read(mark); return c !== null && columnsOf(c).every((name) => head.columns.some((k) => k.name === name)); };

/**
 * Which cells of a table are marked, by what its rows hold now; of several marks on a cell the last said is seen. A mark
 * that looks at a column that is gone marks nothing. O(rows x marks).
 */
export async function markedCells(table: Table, head: CheckedHead): Promise<readonly MarkedColumn[]> {
  const out: MarkedColumn[] = [];
  for (const { name, marks } of head.columns) {
    const standing = (marks ?? []).filter((m) => stands(m, head));
    if (standing.length === 0) continue;
    const accents = new Uint8Array(table.size);
    for (const mark of standing) {
      const test = await prepareCondition(read(mark)!, table, head);
      const code = ACCENT_NAMES.indexOf(mark.accent) + 1;
      await eachChunk(table, test.reads, (chunks, _live, from, length) => { test.test(chunks, from, length).forEach((o, i) => { if (o === YES) accents[from + i] = code; }); });
    }
    out.push({ column: name, accents });
  }
  return out;
}

/** A mark after columns got other names. */
export function renamedMark(mark: Mark, to: (name: string) => string): Mark {
  const where = read(mark);
  return where === null ? mark : { ...mark, where: say(condition, renameColumns(where, to)) };
}
