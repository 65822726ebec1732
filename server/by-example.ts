import { learnFrom } from '../core/steps/by-example/shapes';
import type { Example } from '../core/steps/by-example/programs';
import { sayPlan, type Plan } from '../core/steps/registry';
import { columnOf, eachChunk, findColumn, liveMask, type Table } from '../core/table/table';
import { eachText } from '../core/values/cell';
import { uniqueName } from '../core/values/names';
import type { ByExampleReply } from '../contract/views';
import { coverOf } from './covering';
import { Told } from './errors';
import { Kept } from './kept';
import { tableNow } from './workspaces';

/** Different texts of a column that are looked at. */
const MOST_TEXTS = 20_000;
const kept = new Kept<string, readonly (readonly [string, number])[]>(8);

/** The texts of a column with their rows, the commonest first. */
const textsOf = (stateId: number, table: Table, name: string): Promise<readonly (readonly [string, number])[]> =>
  kept.get(`${stateId} ${name}`, async () => {
    const counts = new Map<string, number>();
    const live = liveMask(table);
    const { type } = columnOf(table, name);
    await eachChunk(table, [name], ([chunk], _ord, from, length) => eachText(chunk!, type, length, live?.subarray(from, from + length), (text, n) => { if (counts.has(text) || counts.size < MOST_TEXTS) counts.set(text, (counts.get(text) ?? 0) + n); }));
    return [...counts].sort((a, b) => b[1] - a[1]);
  });

/** What is learnt from a few wished results: the sentence, what it gives for every shape of the texts, and where one more example says most. */
export async function byExample(order: { readonly workspaceId: number; readonly tableId: number; readonly column: string; readonly name: string; readonly examples: readonly Example[] }): Promise<ByExampleReply> {
  const { table, stateId } = await tableNow(order.workspaceId, order.tableId);
  if (!findColumn(table.columns, order.column)) throw new Told(`There is no column “${order.column}”.`, 422, 'depends');
  if ((await coverOf({ id: stateId, sourceId: order.tableId, table })).names.has(order.column)) throw new Told(`“${order.column}” is covered. Examples would have to show what is in it.`, 422, 'covered');
  const { program, shapes } = learnFrom(order.column, order.examples, await textsOf(stateId, table, order.column));
  const name = uniqueName(order.name.trim() || `${order.column} rewritten`, table.columns.map((c) => c.name));
  const plan: Plan | null = program && { step: 'calculate', name, as: program.expression, replace: false };
  return { sentence: plan && sayPlan(plan), shapes };
}
