import { eq } from 'drizzle-orm';
import { coverAnswer, coverTable, coveredAfter, coveredInAnswer } from '../core/steps/mask/cover';
import type { AnswerTable } from '../core/steps/step';
import { isQuestion } from '../core/steps/questions';
import type { Plan } from '../core/steps/registry';
import type { CheckedHead } from '../core/formula/check';
import type { Table } from '../core/table/table';
import { database, pool } from './db/client';
import * as schema from './db/schema';
import { Told } from './errors';
import { entriesOf, headFor } from './revise';
import { loadState, type StoredState } from './store/tables';

/* The covered mode of a workspace: what every page and hand-off shows masked while it is on. */

/** How cells of a workspace are shown at one version of a table. */
export interface Cover {
  readonly names: ReadonlySet<string>;
  readonly key: string | null;
}

const NOTHING: Cover = { names: new Set(), key: null };

/** A table as it may be shown. */
export const shownAs = (table: Table, cover: Cover): Table => coverTable(table, cover.names, cover.key);

/** An answer as it may be shown. */
export const shownAnswer = (plan: Plan, answer: AnswerTable, cover: Cover): AnswerTable => coverAnswer(plan, answer, cover.names, cover.key);

/** The same for the table that a plan leads to. */
export const coverAfter = (cover: Cover, plan: Plan, head: CheckedHead): Cover => (cover.names.size ? { ...cover, names: coveredAfter(plan, head, cover.names) } : cover);

/** What is covered in a version of a table: the columns that were named, under whatever name they have there, and all that was made out of them. */
export async function coverOf({ id, sourceId, table }: Pick<StoredState, 'id' | 'sourceId' | 'table'>): Promise<Cover> {
  const [row] = await database().select({ covered: schema.workspaces.covered, key: schema.workspaces.maskKey, revisionId: schema.workspaces.revisionId }).from(schema.workspaces).innerJoin(schema.sources, eq(schema.sources.workspaceId, schema.workspaces.id)).where(eq(schema.sources.id, sourceId));
  if (!row?.covered.on || row.covered.columns.length === 0) return NOTHING;
  const { columns } = row.covered;
  const own = (names: ReadonlySet<string>): ReadonlySet<string> => new Set([...names, ...columns]);
  let names: ReadonlySet<string> = new Set(columns);
  const all = new Set(columns);
  for (const entry of (await entriesOf(database(), row.revisionId)).filter((e) => e.sourceId === sourceId)) {
    if (entry.before === id) return { names, key: row.key };
    const given = await loadState(pool(), entry.before);
    // What a kept answer tells is covered where what it was asked about is.
    names = isQuestion(entry.plan)
      ? own(coveredInAnswer(entry.plan, (await loadState(pool(), entry.after)).table.columns.map((c) => c.name), (await coverOf(given)).names))
      : own(coveredAfter(entry.plan, await headFor(given), names));
    names.forEach((n) => all.add(n));
    if (entry.after === id) return { names, key: row.key };
  }
  // A version that the brief has left behind: whatever is covered anywhere.
  return { names: new Set(table.columns.map((c) => c.name).filter((n) => all.has(n))), key: row.key };
}

/** Says what is covered, and whether it is. */
export async function setCovering(workspaceId: number, covered: schema.Covering): Promise<void> {
  await database().update(schema.workspaces).set({ covered }).where(eq(schema.workspaces.id, workspaceId));
}

/** Throws the key of a workspace's masks away: nobody can make the same masks again, nor tell which text a mask stands for. */
export async function throwKeyAway(workspaceId: number): Promise<void> {
  await database().update(schema.workspaces).set({ maskKey: null }).where(eq(schema.workspaces.id, workspaceId));
}

/** A new key, for a workspace that has none: its masks are others than before. */
export async function makeKey(workspaceId: number): Promise<void> {
  const made = await pool().query("update workspaces set mask_key = replace(gen_random_uuid()::text || gen_random_uuid()::text, '-', '') where id = $1 and mask_key is null", [workspaceId]);
  if (made.rowCount === 0) throw new Told('There is a key already. Throw it away first, if its masks must not be made again.', 409, 'key');
}
