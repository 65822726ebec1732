import { randomUUID } from 'node:crypto';
import { and, eq, inArray, isNull, sql } from 'drizzle-orm';
import { database, type Database } from './db/client';
import * as schema from './db/schema';
import { Told, changed } from './errors';
import { entriesOf, openHolds } from './revise';
import type { Change } from './workspaces';

/*
 * Try-outs: the brief up to a sentence, gone on with apart from the brief itself. Versions of tables are shared, so beginning,
 * opening and leaving one moves a pointer. Its sentences have keys of their own: what is held or looked at in a try-out is
 * not so in the brief, until the try-out is taken over.
 */

type Workspace = typeof schema.workspaces.$inferSelect;

/** One change of where a workspace stands, in a transaction of its own; gives the new version number. */
async function moved({ workspaceId, version }: Change, to: (db: Database, row: Workspace) => Promise<Pick<Workspace, 'revisionId' | 'tryoutId' | 'homeId'>>): Promise<number> {
  return database().transaction(async (db) => {
    const [row] = await db.select().from(schema.workspaces).where(eq(schema.workspaces.id, workspaceId)).for('update');
    if (!row) throw new Told('This workspace is not there any more.', 404, 'gone');
    if (row.version !== version) throw changed();
    await db.update(schema.workspaces).set({ ...(await to(db, row)), version: version + 1, draft: null }).where(eq(schema.workspaces.id, workspaceId));
    return version + 1;
  });
}

/** Remembers where the open try-out stands; gives the revision of the brief itself. */
async function parked(db: Database, row: Workspace): Promise<number> {
  if (row.tryoutId === null) return row.revisionId!;
  await db.update(schema.tryouts).set({ revisionId: row.revisionId! }).where(eq(schema.tryouts.id, row.tryoutId));
  return row.homeId!;
}

async function tryoutOf(db: Database, workspaceId: number, id: number): Promise<typeof schema.tryouts.$inferSelect> {
  const [found] = await db.select().from(schema.tryouts).where(and(eq(schema.tryouts.workspaceId, workspaceId), eq(schema.tryouts.id, id)));
  if (!found) throw new Told('This try-out is not there any more.', 404, 'gone');
  return found;
}

/** Begins a try-out with the brief up to a sentence, and opens it. Nothing runs again. */
export const beginTryout = ({ key, name, ...change }: Change & { readonly key: string; readonly name: string }): Promise<number> =>
  moved(change, async (db, row) => {
    const { workspaceId } = change;
    const taken = await db.select({ id: schema.tryouts.id }).from(schema.tryouts).where(and(eq(schema.tryouts.workspaceId, workspaceId), sql`lower(${schema.tryouts.name}) = lower(${name})`));
    if (taken.length) throw new Told(`There is a try-out “${name}” already. Give this one another name.`, 422, 'name');
    const homeId = await parked(db, row);
    const entries = await entriesOf(db, row.revisionId);
    const at = entries.findIndex((e) => e.key === key);
    if (at < 0) throw changed();
    const entryIds = await withOwnKeys(db, workspaceId, entries.slice(0, at + 1));
    const [revision] = await db.insert(schema.revisions).values({ workspaceId, parentId: null, entryIds, label: '' }).returning({ id: schema.revisions.id });
    const [made] = await db.insert(schema.tryouts).values({ workspaceId, name, revisionId: revision!.id }).returning({ id: schema.tryouts.id });
    return { revisionId: revision!.id, tryoutId: made!.id, homeId };
  });

/** The same runs under keys of their own, with what is held and was looked at in them. A fixed number of queries. */
async function withOwnKeys(db: Database, workspaceId: number, entries: readonly { readonly id: number; readonly key: string; readonly holds: readonly number[] }[]): Promise<number[]> {
  const keys = new Map(entries.map((e) => [e.key, randomUUID()]));
  const held = (await openHolds(db, workspaceId)).filter((h) => keys.has(h.entryKey));
  const copies = held.length ? await db.insert(schema.holds).values(held.map((h) => ({ workspaceId, entryKey: keys.get(h.entryKey)!, kind: h.kind, position: h.position, note: h.note }))).returning({ id: schema.holds.id }) : [];
  const holdId = new Map(held.map((h, i) => [h.id, copies[i]!.id]));
  const looks = await db.select().from(schema.looks).where(and(eq(schema.looks.workspaceId, workspaceId), isNull(schema.looks.sampleId), inArray(schema.looks.entryKey, [...keys.keys()])));
  if (looks.length) await db.insert(schema.looks).values(looks.map(({ id: _, ...look }) => ({ ...look, entryKey: keys.get(look.entryKey!)! })));
  const wanted = JSON.stringify(entries.map((e) => ({ id: e.id, key: keys.get(e.key)!, holds: e.holds.flatMap((h) => holdId.get(h) ?? []) })));
  const { rows } = await db.execute<{ id: number; key: string }>(sql`
    insert into entries (workspace_id, key, source_id, request, sentence, plan, before, after, report, codes, stays, holds)
    select e.workspace_id, m.key, e.source_id, e.request, e.sentence, e.plan, e.before, e.after, e.report, e.codes, e.stays, m.holds
    from entries e join jsonb_to_recordset(${wanted}::jsonb) as m(id int, key text, holds int[]) on m.id = e.id
    returning id, key`);
  const idOf = new Map(rows.map((r) => [r.key, r.id]));
  return entries.map((e) => idOf.get(keys.get(e.key)!)!);
}

/** Opens a try-out where it was left. */
export const openTryout = ({ id, ...change }: Change & { readonly id: number }): Promise<number> =>
  moved(change, async (db, row) => {
    const homeId = await parked(db, row);
    const tryout = await tryoutOf(db, change.workspaceId, id);
    return { revisionId: tryout.revisionId, tryoutId: id, homeId };
  });

/** Goes back to the brief itself; the try-out stays as it is. */
export const leaveTryout = (change: Change): Promise<number> => moved(change, async (db, row) => ({ revisionId: await parked(db, row), tryoutId: null, homeId: null }));

/** Puts a try-out in the place of the brief; undo brings the brief back as it was. */
export const takeOver = (change: Change): Promise<number> =>
  moved(change, async (db, row) => {
    if (row.tryoutId === null) throw new Told('No try-out is open.', 400, 'nothing');
    const { name } = await tryoutOf(db, change.workspaceId, row.tryoutId);
    const [open] = await db.select({ entryIds: schema.revisions.entryIds }).from(schema.revisions).where(eq(schema.revisions.id, row.revisionId!));
    const [revision] = await db.insert(schema.revisions).values({ workspaceId: change.workspaceId, parentId: row.homeId, entryIds: open!.entryIds, label: `take over: ${name}` }).returning({ id: schema.revisions.id });
    await db.delete(schema.tryouts).where(eq(schema.tryouts.id, row.tryoutId));
    return { revisionId: revision!.id, tryoutId: null, homeId: null };
  });

/** Lets a try-out go; where it is open, the brief itself is open again. */
export const dropTryout = ({ id, ...change }: Change & { readonly id: number }): Promise<number> =>
  moved(change, async (db, row) => {
    await tryoutOf(db, change.workspaceId, id);
    await db.delete(schema.tryouts).where(eq(schema.tryouts.id, id));
    return row.tryoutId === id ? { revisionId: row.homeId, tryoutId: null, homeId: null } : row;
  });
