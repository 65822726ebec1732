import { isQuestion } from '../core/steps/questions';
import { randomUUID } from 'node:crypto';
import { and, desc, eq, inArray, isNotNull, isNull, sql } from 'drizzle-orm';
import type { CheckedHead } from '../core/formula/check';
import type { ColumnHead } from '../core/table/column';
import { stands } from '../core/steps/mark/marked';
import { sourceSize } from '../core/table/grown';
import { withoutHidden, type Table } from '../core/table/table';
import type { Plan } from '../core/steps/registry';
import { recast } from '../core/steps/define/terms';
import { definitionOf, sayPlan } from '../core/steps/registry';
import { writtenBy } from '../core/steps/step';
import type { ColumnView, HoldView, SentenceView, TableView, WorkspaceSummary, WorkspaceView } from '../contract/views';
import { database, pool } from './db/client';
import * as schema from './db/schema';
import { Told, changed } from './errors';
import { entriesOf, firstStates, headFor, holdIds, openHolds, sameIds, type EntryRow, type NewHold, type Wanted } from './revise';
import { makeRevision, type Progress } from './runner';
import { rememberSpellings } from './spellings';
import { coverOf } from './covering';
import { forgetStates, loadState, type StoredState } from './store/tables';

/** All workspaces, the newest first, each with what it waits for. A fixed number of queries. */
export async function listWorkspaces(): Promise<WorkspaceSummary[]> {
  const db = database();
  const rows = await db.select().from(schema.workspaces).orderBy(desc(schema.workspaces.id));
  if (!rows.length) return [];
  const tables = await db.select({ workspaceId: schema.sources.workspaceId, id: schema.sources.id, name: schema.sources.name }).from(schema.sources).where(isNull(schema.sources.fromId)).orderBy(schema.sources.id);
  const counts = await db
    .select({ sourceId: schema.states.sourceId, rows: sql<number>`(array_agg(${schema.states.rowCount} order by ${schema.states.id}))[1]` })
    .from(schema.states)
    .groupBy(schema.states.sourceId);
  const rowsOf = new Map(counts.map((c) => [c.sourceId, c.rows]));
  const revisionIds = rows.flatMap((w) => (w.revisionId === null ? [] : [w.revisionId]));
  const revisions = revisionIds.length ? await db.select().from(schema.revisions).where(inArray(schema.revisions.id, revisionIds)) : [];
  const entryIds = revisions.flatMap((r) => r.entryIds);
  const entries = entryIds.length ? await db.select({ id: schema.entries.id, report: schema.entries.report }).from(schema.entries).where(inArray(schema.entries.id, entryIds)) : [];
  const heldOf = new Map(entries.map((e) => [e.id, e.report.held]));
  return rows.map((w) => {
    const revision = revisions.find((r) => r.id === w.revisionId);
    return {
      id: w.id,
      name: w.name,
      tables: tables.filter((t) => t.workspaceId === w.id).map((t) => ({ name: t.name, rows: rowsOf.get(t.id) ?? 0 })),
      sentences: revision?.entryIds.length ?? 0,
      onHold: (revision?.entryIds ?? []).reduce((n, id) => n + (heldOf.get(id) ?? 0), 0),
      draft: w.draft,
      createdAt: w.createdAt.toISOString(),
    };
  });
}

async function workspaceRow(id: number): Promise<typeof schema.workspaces.$inferSelect> {
  const [row] = await database().select().from(schema.workspaces).where(eq(schema.workspaces.id, id));
  if (!row) throw new Told('There is no such workspace.', 404, 'gone');
  return row;
}

/** The state that each table of a workspace is in now. */
export async function currentStates(workspaceId: number): Promise<BriefStates & { readonly row: typeof schema.workspaces.$inferSelect }> {
  const row = await workspaceRow(workspaceId);
  return { ...(await statesAt(workspaceId, row.revisionId)), row };
}

interface BriefStates {
  readonly states: Map<number, number>;
  readonly firsts: ReadonlyMap<number, number>;
  readonly entries: EntryRow[];
}

/** The state of each table of a workspace after a revision of its brief. */
async function statesAt(workspaceId: number, revisionId: number | null): Promise<BriefStates> {
  const db = database();
  const [entries, firsts, answers] = await Promise.all([entriesOf(db, revisionId), firstStates(db, workspaceId), db.select({ id: schema.sources.id }).from(schema.sources).where(and(eq(schema.sources.workspaceId, workspaceId), isNotNull(schema.sources.fromId)))]);
  // A kept answer is there while its sentence is, and begins with what that gave.
  for (const { id } of answers) firsts.delete(id);
  for (const entry of entries) if (isQuestion(entry.plan)) firsts.set(entry.sourceId, entry.after);
  const states = new Map(firsts);
  for (const entry of entries) states.set(entry.sourceId, entry.after);
  return { states, firsts, entries };
}

/** The sentences that undo has just taken back, which redo would bring again. */
export async function takenBack(revisionId: number | null, now: readonly EntryRow[]): Promise<EntryRow[]> {
  const db = database();
  const [revision] = revisionId === null ? [] : await db.select({ redoId: schema.revisions.redoId }).from(schema.revisions).where(eq(schema.revisions.id, revisionId));
  const kept = new Set(now.map((e) => e.key));
  return revision?.redoId ? (await entriesOf(db, revision.redoId)).filter((e) => !kept.has(e.key)) : [];
}

/** The sentences that changed a table: not the one whose answer it is. */
export const changesOf = (entries: readonly EntryRow[], tableId: number): EntryRow[] => entries.filter((e) => e.sourceId === tableId && !isQuestion(e.plan));

/** A table as it is now, with the sentences that changed it. */
export async function tableNow(workspaceId: number, tableId: number): Promise<{ table: Table; stateId: number; firstId: number; entries: EntryRow[]; row: typeof schema.workspaces.$inferSelect }> {
  const { states, firsts, entries, row } = await currentStates(workspaceId);
  const stateId = states.get(tableId);
  if (stateId === undefined) throw new Told('There is no such table.', 404, 'gone');
  const { table } = await loadState(pool(), stateId);
  return { table, stateId, firstId: firsts.get(tableId)!, entries: changesOf(entries, tableId), row };
}

/** What a hold holds: a row by its number, or a kind in words, and how many rows of it. */
export function heldBy(hold: { readonly kind: string | null; readonly position: number | null }, { report }: EntryRow): { readonly rows: number; readonly words: string } {
  if (hold.kind === null) return { rows: 1, words: `row ${hold.position! + 1}` };
  const kind = report.kinds.find((k) => k.key === hold.kind);
  return { rows: kind?.held ?? 0, words: kind?.words ?? hold.kind };
}

/** A workspace as the bench shows it. */
export async function viewWorkspace(id: number): Promise<WorkspaceView> {
  const db = database();
  const { states, firsts, entries, row } = await currentStates(id);
  const sources = await db.select().from(schema.sources).where(eq(schema.sources.workspaceId, id)).orderBy(schema.sources.id);
  const held = await openHolds(db, id);
  const revision = row.revisionId === null ? null : (await db.select().from(schema.revisions).where(eq(schema.revisions.id, row.revisionId)))[0]!;
  const redo = revision?.redoId ? (await db.select({ label: schema.revisions.label }).from(schema.revisions).where(eq(schema.revisions.id, revision.redoId)))[0] : undefined;
  const from = row.fromId === null ? undefined : (await db.select({ id: schema.workspaces.id, name: schema.workspaces.name }).from(schema.workspaces).where(eq(schema.workspaces.id, row.fromId)))[0];
  const tryouts = await db.select({ id: schema.tryouts.id, name: schema.tryouts.name }).from(schema.tryouts).where(eq(schema.tryouts.workspaceId, id)).orderBy(schema.tryouts.id);
  const tryout = tryouts.find((t) => t.id === row.tryoutId);
  const home = tryout ? (await statesAt(id, row.homeId)).states : null;
  const tables = await Promise.all(
    sources.filter((s) => states.has(s.id)).map((source) => tableView(source, sources, states.get(source.id)!, firsts.get(source.id)!)),
  );
  const heads = new Map<number, Awaited<ReturnType<typeof headFor>>>();
  for (const entry of entries) if (!heads.has(entry.before)) heads.set(entry.before, await headFor(await loadState(pool(), entry.before)));
  const brief = entries.map((e): SentenceView => ({
    key: e.key,
    tableId: e.sourceId,
    request: e.request,
    sentence: e.sentence,
    plan: e.plan,
    reads: definitionOf(e.plan).reads(e.plan),
    writes: writtenBy(definitionOf(e.plan).outline(e.plan, heads.get(e.before)!)),
    report: e.report,
    beforeState: e.before,
    afterState: e.after,
  }));
  const byKey = new Map(entries.map((e) => [e.key, e]));
  return {
    id,
    name: row.name,
    version: row.version,
    draft: row.draft,
    tables,
    brief,
    holds: held.filter((h) => byKey.has(h.entryKey)).map((h): HoldView => {
      return { id: h.id, key: h.entryKey, kind: h.kind, position: h.position, note: h.note, ...heldBy(h, byKey.get(h.entryKey)!) };
    }),
    covering: { ...row.covered, key: row.maskKey !== null },
    undo: revision && revision.parentId !== null ? revision.label : null,
    redo: redo?.label ?? null,
    tryout: tryout && home ? { ...tryout, home: [...home].map(([tableId, stateId]) => ({ tableId, stateId })) } : null,
    tryouts: tryouts.filter((t) => t !== tryout),
    from: from ? { id: from.id, name: from.name } : null,
  };
}

/** A table of a workspace as it is in one of its versions. */
async function tableView(source: typeof schema.sources.$inferSelect, sources: readonly (typeof schema.sources.$inferSelect)[], stateId: number, firstId: number): Promise<TableView> {
  const [state, first] = await Promise.all([loadState(pool(), stateId), loadState(pool(), firstId)]);
  const [head, cover] = await Promise.all([headFor(state), coverOf(state)]);
  return {
    id: source.id,
    name: source.name,
    fileName: source.fileName,
    answerOver: source.fromId === null ? null : (sources.find((s) => s.id === source.fromId)?.name ?? ''),
    stateId: state.id,
    rows: state.table.rows?.length ?? state.table.size,
    sourceRows: sourceSize(state.table),
    addedRows: state.table.size - sourceSize(state.table),
    hidden: hiddenIn(state.table),
    columns: withoutHidden(state.table).columns.map((c) => columnView(c, head, cover.names.has(c.name))),
    totals: state.totals,
    sourceTotals: first.totals,
    notes: source.notes,
  };
}

/** A version of a table of a workspace; refused where it belongs to another. */
export async function stateIn(workspaceId: number, stateId: number): Promise<StoredState> {
  const state = await loadState(pool(), stateId);
  if (state.workspaceId !== workspaceId) throw new Told('There is no such version of a table here.', 404, 'gone');
  return state;
}

/** A table as it was in an earlier version. */
export async function tableAt(workspaceId: number, stateId: number): Promise<TableView> {
  const { sourceId } = await stateIn(workspaceId, stateId);
  const { firsts } = await currentStates(workspaceId);
  const sources = await database().select().from(schema.sources).where(eq(schema.sources.workspaceId, workspaceId));
  return tableView(sources.find((s) => s.id === sourceId)!, sources, stateId, firsts.get(sourceId) ?? stateId);
}

/** What is out of sight in a table. */
function hiddenIn({ columns: all }: Table): TableView['hidden'] {
  const columns = all.filter((c) => c.hidden).map((c) => c.name);
  return columns.length ? { columns, show: sayPlan({ step: 'hide', columns, back: true }) } : null;
}

/** A column as the sheet's head shows it; of a covered one no value is told. */
function columnView({ name, type, look, marks }: ColumnHead, head: CheckedHead, covered: boolean): ColumnView {
  const glance = head.glances?.get(name);
  const { values, ...rest } = (covered && glance ? { ...glance, values: null, lowest: null, highest: null, sample: undefined } : glance) ?? { rows: 0, blanks: 0, misfits: 0, values: null, lowest: null, highest: null, numberShare: 0, dateShare: 0, dayFirst: true, scale: null, unit: '', units: 0 };
  return { name, covered, type, look: look ?? null, lookSaid: look ? sayPlan({ step: 'show', columns: [name], look }) : null, marks: (marks ?? []).map((m) => ({ ...m, stands: stands(m, head) })), glance: { ...rest, common: (values ?? []).slice(0, 6), distinct: values?.length ?? null } };
}

/** What is said in a change: who saw which version, and what to do. */
export interface Change {
  readonly workspaceId: number;
  readonly version: number;
}

interface KeepOrder extends Change {
  readonly tableId: number;
  readonly request: string;
  readonly plans: readonly Plan[];
  /** Kinds and rows held in the proof, for each plan. */
  readonly holds: readonly { readonly plan: number; readonly kind: string | null; readonly position: number | null; readonly note: string }[];
  /** The sentences that the request corrects. */
  readonly corrects: boolean;
}

export const wantedOf = (e: EntryRow): Wanted => ({ key: e.key, sourceId: e.sourceId, request: e.request, plan: e.plan });

/**
 * A brief with sentences added at the end of what is said of their table: before the answers that are kept over it, so that
 * these are answered anew. A sentence that looks into such an answer comes after it.
 */
export async function withAdded(workspaceId: number, list: readonly Wanted[], added: readonly Wanted[]): Promise<Wanted[]> {
  const answers = await database().select({ id: schema.sources.id, name: schema.sources.name, fromId: schema.sources.fromId }).from(schema.sources).where(and(eq(schema.sources.workspaceId, workspaceId), isNotNull(schema.sources.fromId)));
  const said = JSON.stringify(added.map((w) => w.plan));
  const looks = answers.some((a) => said.includes(`"table":${JSON.stringify(a.name)}`));
  const over = new Set(answers.filter((a) => a.fromId === added[0]?.sourceId).map((a) => a.id));
  const at = looks ? -1 : list.findIndex((w) => isQuestion(w.plan) && over.has(w.sourceId));
  return at < 0 ? [...list, ...added] : [...list.slice(0, at), ...added, ...list.slice(at)];
}

/** Keeps a request at the end of the brief. */
export async function keepRequest(order: KeepOrder, onProgress?: (p: Progress) => void, signal?: AbortSignal): Promise<number> {
  if (order.plans.some(isQuestion)) throw new Told('A question changes nothing in its table. Its answer can be kept as a table of its own.', 400, 'question');
  const { entries, states } = await currentStates(order.workspaceId);
  const stateId = states.get(order.tableId);
  if (stateId === undefined) throw new Told('The table is not there any more.', 404, 'gone');
  const last = entries.at(-1);
  const base = order.corrects && last ? entries.filter((e) => e.request !== last.request || e.sourceId !== last.sourceId) : entries;
  const made = order.plans.map((plan): Wanted => ({ key: randomUUID(), sourceId: order.tableId, request: order.request, plan }));
  const holds = order.holds.map((h): NewHold => ({ key: made[h.plan]!.key, kind: h.kind, position: h.position, note: h.note }));
  const { table } = await loadState(pool(), stateId);
  const version = await makeRevision({ ...pickChange(order), list: await withAdded(order.workspaceId, base.map(wantedOf), made), label: order.request, holds, settle: [], as: 'new' }, table.size, onProgress, signal);
  await rememberSpellings(database(), order.workspaceId, order.plans);
  return version;
}

/** Keeps the answer to a question as a table of the workspace: its sentence stands in the brief, and is answered anew whenever what it is about changes. */
export async function keepAnswer(order: Change & { readonly tableId: number; readonly name: string; readonly request: string; readonly plan: Plan }): Promise<{ version: number; tableId: number }> {
  if (!isQuestion(order.plan)) throw new Told('Only the answer to a question can be kept so.', 400, 'question');
  const db = database();
  const { entries, states } = await currentStates(order.workspaceId);
  const stateId = states.get(order.tableId);
  if (stateId === undefined) throw new Told('The table is not there any more.', 404, 'gone');
  const all = await db.select().from(schema.sources).where(eq(schema.sources.workspaceId, order.workspaceId));
  const taken = all.filter((s) => states.has(s.id)).map((s) => s.name.toLowerCase());
  if (taken.includes(order.name.toLowerCase())) throw new Told(`There is a table “${order.name}” already. Give the answer another name.`, 422, 'name');
  const over = all.find((s) => s.id === order.tableId)!;
  const [made] = await db.insert(schema.sources).values({ workspaceId: order.workspaceId, name: order.name, fileName: `an answer over ${over.name}`, file: '', bytes: 0, sha256: '', settings: { ...over.settings, columns: [] }, fromId: over.id, notes: [] }).returning({ id: schema.sources.id });
  try {
    const { table } = await loadState(pool(), stateId);
    const wanted: Wanted = { key: randomUUID(), sourceId: made!.id, request: order.request, plan: order.plan };
    return { tableId: made!.id, version: await makeRevision({ ...pickChange(order), list: [...entries.map(wantedOf), wanted], label: `keep the answer: ${order.request}`, holds: [], settle: [], as: 'new' }, table.size) };
  } catch (error) {
    await db.delete(schema.sources).where(eq(schema.sources.id, made!.id));
    throw error;
  }
}

const pickChange = ({ workspaceId, version }: Change): Change => ({ workspaceId, version });

/** Puts other plans in the place of a kept sentence; what follows runs again. The key stays, and with it its holds. */
export async function editSentence(order: Change & { readonly key: string; readonly request: string; readonly plans: readonly Plan[] }, onProgress?: (p: Progress) => void): Promise<number> {
  const { entries } = await currentStates(order.workspaceId);
  const old = entries.find((e) => e.key === order.key);
  if (!old) throw changed();
  // A calculation that was named otherwise is worked out anew wherever later sentences use it.
  const [fresh] = order.plans;
  const at = entries.indexOf(old);
  const after = (e: EntryRow, i: number): Wanted => (old.plan.step === 'define' && fresh?.step === 'define' && i > at && e.sourceId === old.sourceId ? { ...wantedOf(e), plan: recast(e.plan, old.plan.as, fresh.as) } : wantedOf(e));
  const list = entries.flatMap((e, i): Wanted[] => (e.key !== order.key ? [after(e, i)] : order.plans.map((plan, i) => ({ key: i === 0 ? e.key : randomUUID(), sourceId: e.sourceId, request: order.request, plan }))));
  const version = await makeRevision({ ...pickChange(order), list, label: `edit: ${order.request}`, holds: [], settle: [], as: 'new' }, await largest(entries), onProgress);
  await rememberSpellings(database(), order.workspaceId, order.plans);
  return version;
}

/** Takes a sentence out of the brief; refused with the sentence that needs it, unless `alsoDependent`. */
export async function dropSentence(order: Change & { readonly key: string; readonly alsoDependent: boolean }): Promise<number> {
  const { entries } = await currentStates(order.workspaceId);
  const old = entries.find((e) => e.key === order.key);
  if (!old) throw changed();
  let list = entries.filter((e) => e.key !== order.key).map(wantedOf);
  for (;;) {
    try {
      return await makeRevision({ ...pickChange(order), list, label: `drop: ${old.sentence}`, holds: [], settle: [], as: 'new' }, await largest(entries));
    } catch (error) {
      if (!(error instanceof Told) || error.code !== 'depends' || !order.alsoDependent) throw error;
      const at = Number(/^Sentence (\d+)/.exec(error.message)![1]) - 1;
      list = list.filter((_, i) => i !== at);
    }
  }
}

/** Goes back to where the brief stood after a sentence: what was said later is out of it, and undo brings it back. Nothing runs again. */
export async function returnTo(order: Change & { readonly key: string }): Promise<number> {
  const { entries } = await currentStates(order.workspaceId);
  const at = entries.findIndex((e) => e.key === order.key);
  if (at < 0) throw changed();
  if (at === entries.length - 1) throw new Told('This is the last sentence: the brief stands there already.', 400, 'nothing');
  return makeRevision({ ...pickChange(order), list: entries.slice(0, at + 1).map(wantedOf), label: `return to: ${entries[at]!.sentence}`, holds: [], settle: [], as: 'new' }, 0);
}

async function largest(entries: readonly EntryRow[]): Promise<number> {
  const sizes = await Promise.all([...new Set(entries.map((e) => e.before))].map(async (id) => (await loadState(pool(), id)).table.size));
  return Math.max(0, ...sizes);
}

/** Holds more rows or kinds of a kept sentence, or settles holds; the sentence and what follows run again. */
export async function changeHolds(order: Change & { readonly key: string; readonly hold: readonly { readonly kind: string | null; readonly position: number | null; readonly note: string }[]; readonly settle: readonly number[] }): Promise<number> {
  const { entries } = await currentStates(order.workspaceId);
  if (!entries.some((e) => e.key === order.key)) throw changed();
  const holds = order.hold.map((h): NewHold => ({ key: order.key, ...h }));
  return makeRevision({ ...pickChange(order), list: entries.map(wantedOf), label: 'hold', holds, settle: order.settle, as: 'refreshed' }, await largest(entries));
}

/** A note on a hold. */
export async function noteHold(workspaceId: number, id: number, note: string): Promise<void> {
  await database().update(schema.holds).set({ note }).where(and(eq(schema.holds.workspaceId, workspaceId), eq(schema.holds.id, id)));
}

/**
 * Moves the workspace one revision back or forth. Only a pointer changes, whatever the size of the table; where holds
 * were put on or settled since, the sentences concerned run again, so that what is on hold stays so.
 */
export async function moveRevision({ workspaceId, version }: Change, way: 'undo' | 'redo'): Promise<number> {
  const moved = await database().transaction(async (db) => {
    const [row] = await db.select().from(schema.workspaces).where(eq(schema.workspaces.id, workspaceId)).for('update');
    if (!row || row.revisionId === null) throw new Told('There is nothing to undo.', 400, 'nothing');
    if (row.version !== version) throw changed();
    const [revision] = await db.select().from(schema.revisions).where(eq(schema.revisions.id, row.revisionId));
    const target = way === 'undo' ? revision!.parentId : revision!.redoId;
    if (target === null) throw new Told(`There is nothing to ${way}.`, 400, 'nothing');
    if (way === 'undo') await db.update(schema.revisions).set({ redoId: revision!.id }).where(eq(schema.revisions.id, target));
    await db.update(schema.workspaces).set({ revisionId: target, version: row.version + 1 }).where(eq(schema.workspaces.id, workspaceId));
    return { version: row.version + 1, entries: await entriesOf(db, target), holds: await openHolds(db, workspaceId) };
  });
  if (moved.entries.every((e) => sameIds(e.holds, holdIds(moved.holds, e.key)))) return moved.version;
  return makeRevision({ workspaceId, version: moved.version, list: moved.entries.map(wantedOf), label: 'hold', holds: [], settle: [], as: 'refreshed' }, await largest(moved.entries));
}

/** Remembers the request that is open, so that it is open again after a restart. */
export async function saveDraft(workspaceId: number, draft: string | null): Promise<void> {
  await database().update(schema.workspaces).set({ draft }).where(eq(schema.workspaces.id, workspaceId));
}

/** Removes a workspace with its tables; the files go with it. */
export async function removeWorkspace(id: number): Promise<string[]> {
  const db = database();
  const files = await db.select({ file: schema.sources.file }).from(schema.sources).where(eq(schema.sources.workspaceId, id));
  await db.delete(schema.workspaces).where(eq(schema.workspaces.id, id));
  forgetStates(id);
  return files.map((f) => f.file).filter((f) => f !== '');
}
