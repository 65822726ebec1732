import { adviceFor } from '../core/language/advice';
import { profileColumn, type ColumnProfile } from '../core/profile/profile';
import type { ProfileReply } from '../contract/views';
import { pool } from './db/client';
import { loadState } from './store/tables';
import { headNow } from './readings';

const MOST_KEPT = 8;
const kept = new Map<number, Promise<readonly ColumnProfile[]>>();

/** The profiles of all columns of a version, worked out once while it is in use. Other requests go in between. */
export function profilesOf(stateId: number): Promise<readonly ColumnProfile[]> {
  let profiles = kept.get(stateId);
  if (!profiles) {
    profiles = (async () => {
      const { table } = await loadState(pool(), stateId);
      const all: ColumnProfile[] = [];
      for (const { name } of table.columns) {
        all.push(await profileColumn(table, name));
        await new Promise(setImmediate);
      }
      return all;
    })();
    kept.set(stateId, profiles);
    profiles.catch(() => kept.delete(stateId));
    if (kept.size > MOST_KEPT) kept.delete(kept.keys().next().value!);
  }
  return profiles;
}

/** What is in every column of a table as it is now, and what would mend it. */
export async function profileFor(workspaceId: number, tableId: number): Promise<ProfileReply> {
  const { version, stateId, head } = await headNow(workspaceId, tableId);
  const profiles = await profilesOf(stateId);
  const advised = adviceFor(profiles, head);
  return { version, columns: profiles.map((p) => ({ ...p, ...advised.get(p.name)! })) };
}
