import { DIFFERENCES, compareTables } from '../core/review/compare';
import { withoutHidden } from '../core/table/table';
import type { CompareView } from '../contract/views';
import { coverOf, shownAs } from './covering';
import { Told } from './errors';
import { Kept } from './kept';
import { cellsNamed } from './rows';
import type { StoredState } from './store/tables';
import { stateIn } from './workspaces';

/* Two versions of a table beside each other. */

const MOST_COMPARED = 8;
const compared = new Kept<string, CompareView>(MOST_COMPARED);
const WORDS = new Map<string, string>(DIFFERENCES);

/** What is different between two versions of a table, with the first cells of each sort. Covered columns are shown covered. */
export async function compareStates(workspaceId: number, from: number, to: number): Promise<CompareView> {
  const [a, b] = await Promise.all([stateIn(workspaceId, from), stateIn(workspaceId, to)]);
  if (a.sourceId !== b.sourceId) throw new Told('These are versions of two different tables.', 422, 'tables');
  const [coverA, coverB] = await Promise.all([coverOf(a), coverOf(b)]);
  return compared.get(JSON.stringify([from, to, [...coverA.names], [...coverB.names]]), async () => {
    const stored = (state: StoredState, name: string): unknown => (state.table.columns.find((c) => c.name === name) as { columnId?: number } | undefined)?.columnId;
    const change = await compareTables(withoutHidden(a.table), withoutHidden(b.table), (name) => stored(a, name) === stored(b, name));
    const [was, is] = [shownAs(a.table, coverA), shownAs(b.table, coverB)];
    const columns = await Promise.all(change.columns.map(async (c) => ({
      name: c.name,
      cells: c.cells,
      ways: await Promise.all(c.ways.map(async ({ way, cells, positions }) => {
        const [old, now] = await Promise.all([cellsNamed(was, [c.name], positions), cellsNamed(is, [c.name], positions)]);
        return { words: WORDS.get(way)!, cells, examples: positions.map((position, i) => ({ position, before: old[i]![0]!, after: now[i]![0]! })) };
      })),
    })));
    return { ...change, columns, cells: columns.reduce((n, c) => n + c.cells, 0) };
  });
}
