import { CHUNK_ROWS, VALUE, allValues, isQuantity } from '../table/column';
import { eachChunk, liveMask, type Table } from '../table/table';
import { roundTo } from '../values/number';

/** The sum of one number column over the rows in the table, and how many cells it is made of. */
export interface ColumnTotal {
  readonly column: string;
  readonly sum: number;
  readonly cells: number;
}

/**
 * The control totals of a table: the sum of every number column over its rows. Sums are compensated (Neumaier) and
 * rounded to the column's decimals, so money adds up to the last place. O(rows * number columns).
 */
export async function balance(table: Table, only?: readonly string[]): Promise<ColumnTotal[]> {
  const columns = table.columns.filter((c) => isQuantity(c.type) && (!only || only.includes(c.name)));
  if (!columns.length) return [];
  const live = liveMask(table);
  const sums = columns.map(() => ({ sum: 0, dust: 0, cells: 0 }));
  await eachChunk(table, columns.map((c) => c.name), (chunks, ord) => {
    const from = ord * CHUNK_ROWS;
    chunks.forEach((chunk, c) => {
      if (chunk.kind !== 'number') return;
      let { sum, dust, cells } = sums[c]!;
      const whole = !live && allValues(chunk.state);
      if (whole) cells += chunk.length;
      for (let i = 0; i < chunk.length; i++) {
        if (!whole && (chunk.state[i] !== VALUE || (live && !live[from + i]))) continue;
        const x = chunk.values[i]!;
        const t = sum + x;
        dust += Math.abs(sum) >= Math.abs(x) ? sum - t + x : x - t + sum;
        sum = t;
        if (!whole) cells++;
      }
      sums[c] = { sum, dust, cells };
    });
  });
  return columns.map((c, i) => ({ column: c.name, sum: roundTo(sums[i]!.sum + sums[i]!.dust, Math.min(c.scale ?? 9, 9)), cells: sums[i]!.cells }));
}
