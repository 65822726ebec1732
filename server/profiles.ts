import { withoutHidden } from '../core/table/table';
import { adviceFor } from '../core/language/advice';
import { profileColumn, type ColumnProfile } from '../core/profile/profile';
import type { ProfileReply } from '../contract/views';
import { pool } from './db/client';
import { Kept } from './kept';
import { coverOf, shownAs } from './covering';
import { aside, isLarge } from './runner';
import { loadState } from './store/tables';
import { headNow } from './readings';
import { currentStates } from './workspaces';

const MOST_KEPT = 8;
const kept = new Kept<number, readonly ColumnProfile[]>(MOST_KEPT);

/** The profiles of all columns of a version, worked out once while it is in use; of a large one in a thread of its own. */
export function profilesOf(stateId: number): Promise<readonly ColumnProfile[]> {
  return kept.get(stateId, async () => {
    const { table } = await loadState(pool(), stateId);
    return aside('profile', [stateId], table.size, () => profileState(stateId));
  });
}

/** Begins to profile the large tables of a workspace, as they are now, before anybody asks. Where that fails, it is worked out when it is asked for. */
export async function profileAhead(workspaceId: number): Promise<void> {
  const { states } = await currentStates(workspaceId);
  for (const stateId of states.values()) if (isLarge((await loadState(pool(), stateId)).table.size)) profilesOf(stateId).catch(() => undefined);
}

/** Looks through every column of a version. Other requests go in between. */
export async function profileState(stateId: number): Promise<ColumnProfile[]> {
  const { table } = await loadState(pool(), stateId);
  const all: ColumnProfile[] = [];
  for (const { name } of withoutHidden(table).columns) {
    all.push(await profileColumn(table, name));
    await new Promise(setImmediate);
  }
  return all;
}

/** What is in every column of a table as it is now, and what would mend it. */
export async function profileFor(workspaceId: number, tableId: number): Promise<ProfileReply> {
  const { version, stateId, head } = await headNow(workspaceId, tableId);
  const state = await loadState(pool(), stateId);
  const cover = await coverOf(state);
  // What is covered is profiled as it is shown: not even its lowest value is told.
  const profiles = await Promise.all((await profilesOf(stateId)).map(async (p) => (cover.names.has(p.name) ? { ...(await profileColumn(shownAs(state.table, cover), p.name)), meaning: p.meaning, sensitive: p.sensitive } : p)));
  const advised = adviceFor(profiles, head);
  return { version, columns: profiles.map((p) => ({ ...p, ...advised.get(p.name)! })) };
}
