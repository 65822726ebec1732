import { eq } from 'drizzle-orm';
import type { CheckedHead } from '../core/formula/check';
import { database, pool } from './db/client';
import * as schema from './db/schema';
import { Kept } from './kept';
import { withOthers, type Beside } from './revise';
import { keyed, loadState, type StoredState } from './store/tables';
import { currentStates } from './workspaces';

/* A table with the other tables of its workspace as they are now: what sentences may look into. */

const heads = new Kept<string, CheckedHead>(16);

async function workspaceOf(sourceId: number): Promise<number> {
  const [row] = await database().select({ id: schema.sources.workspaceId }).from(schema.sources).where(eq(schema.sources.id, sourceId));
  return row!.id;
}

/** A version of a table ready to run plans over: with the key for masks and the tables beside it. */
export async function runnable(state: StoredState): Promise<Beside> {
  const { states } = await currentStates(await workspaceOf(state.sourceId));
  return withOthers({ ...state, table: await keyed(pool(), state) }, states);
}

/** What is known of a version of a table and of those beside it. The same object while nothing changed, since much is remembered by it. */
export async function headBeside(stateId: number): Promise<CheckedHead> {
  const state = await loadState(pool(), stateId);
  const { key, head } = await withOthers(state, (await currentStates(await workspaceOf(state.sourceId))).states);
  return heads.get(key, async () => head);
}
