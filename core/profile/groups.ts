import { cellText } from '../values/cell';
import { folded } from '../values/fold';
import { columnOf, eachChunk, type Table } from '../table/table';

/** A group number for every position, and how many groups there are. */
export interface Groups {
  readonly codes: Int32Array;
  readonly count: number;
}

/** Groups the positions of a table by what a person would call equal values of some columns. Blanks are one value. O(rows). */
export async function groupsOf(table: Table, by: readonly string[]): Promise<Groups> {
  const codes = new Int32Array(table.size);
  const known = new Map<string, number>();
  const types = by.map((name) => columnOf(table, name).type);
  await eachChunk(table, by, (chunks, _ord, from, length) => {
    const folds = chunks.map((chunk) => (chunk.kind === 'text' ? chunk.dictionary.map(folded) : null));
    for (let i = 0; i < length; i++) {
      let key = '';
      for (let c = 0; c < chunks.length; c++) {
        const chunk = chunks[c]!;
        key += (chunk.kind === 'text' ? folds[c]![chunk.codes[i]!]! : cellText(chunk, i, types[c]!)) + '\u0001';
      }
      let code = known.get(key);
      if (code === undefined) known.set(key, (code = known.size));
      codes[from + i] = code;
    }
  });
  return { codes, count: known.size };
}
