import { and, eq, inArray, sql } from 'drizzle-orm';
import { drizzle } from 'drizzle-orm/node-postgres';
import type { PoolClient } from 'pg';
import type { CheckedHead } from '../core/formula/check';
import { headOf, type Chunk, type Column, type ColumnHead } from '../core/table/column';
import type { Table } from '../core/table/table';
import { GlanceBuilder, type Glance } from '../core/profile/glance';
import { answerColumns } from '../core/steps/kept-answer';
import { isQuestion } from '../core/steps/questions';
import type { AnswerTable } from '../core/steps/step';
import { balance, type ColumnTotal } from '../core/review/balance';
import { checkPlan, sayPlan, type Plan } from '../core/steps/registry';
import { packCodes } from '../core/steps/codes';
import { headWithGlances, othersOf, runPlan, type ColumnSink, type Holds } from '../core/steps/run';
import * as schema from './db/schema';
import { pool, type Database } from './db/client';
import { Told, changed } from './errors';
import { ColumnWriter, oneAtATime, type Queryable } from './store/chunks';
import { bytesOf, headOfState, keyed, loadState, saveState } from './store/tables';

/** A sentence that the brief is to hold. */
export interface Wanted {
  readonly key: string;
  readonly sourceId: number;
  readonly request: string;
  readonly plan: Plan;
}

/** A change of the brief: the whole list as it is to be. What is unchanged from the start is not run again. */
export interface Revision {
  readonly workspaceId: number;
  readonly version: number;
  readonly list: readonly Wanted[];
  readonly label: string;
  /** Holds that come with the change, and those that it settles. */
  readonly holds: readonly NewHold[];
  readonly settle: readonly number[];
  /** A new revision can be undone; a refreshed one takes the place of the present one (its holds changed). */
  readonly as: 'new' | 'refreshed';
}

export interface NewHold {
  readonly key: string;
  readonly kind: string | null;
  readonly position: number | null;
  readonly note: string;
}

export interface Watch {
  readonly onProgress?: (done: number, total: number) => void;
  readonly check?: () => void | Promise<void>;
}

/** Rows up to which glances are made anew for the rows that are left. */
const SMALL = 50_000;

/**
 * Makes a revision: runs every sentence from the first that differs, and moves the workspace to the result, all in one
 * transaction. Either the whole revision is there afterwards, or no trace of it. Gives the new version number.
 */
export async function revise(order: Revision, watch: Watch = {}): Promise<number> {
  const client = await pool().connect();
  let broken: Error | undefined;
  try {
    await client.query('begin');
    const version = await reviseIn(client, order, watch);
    await client.query('commit');
    return version;
  } catch (error) {
    await client.query('rollback').catch((e: Error) => (broken = e));
    throw error;
  } finally {
    client.release(broken);
  }
}

async function reviseIn(client: PoolClient, order: Revision, watch: Watch): Promise<number> {
  const db: Database = drizzle(client, { schema });
  const { workspaceId } = order;
  const store = oneAtATime(client);
  const [workspace] = await db.select().from(schema.workspaces).where(eq(schema.workspaces.id, workspaceId)).for('update');
  if (!workspace) throw new Told('This workspace is not there any more.', 404, 'gone');
  if (workspace.version !== order.version) throw changed();
  if (order.holds.length) await db.insert(schema.holds).values(order.holds.map((h) => ({ workspaceId, entryKey: h.key, kind: h.kind, position: h.position, note: h.note })));
  if (order.settle.length) await db.update(schema.holds).set({ settled: true }).where(and(eq(schema.holds.workspaceId, workspaceId), inArray(schema.holds.id, [...order.settle])));
  const allHolds = await openHolds(db, workspaceId);
  const current = await entriesOf(db, workspace.revisionId);
  const latest = await firstStates(db, workspaceId);
  // A kept answer is a table only from its sentence on.
  const sources = await db.select({ id: schema.sources.id, name: schema.sources.name, fromId: schema.sources.fromId }).from(schema.sources).where(eq(schema.sources.workspaceId, workspaceId));
  const answers = new Map(sources.flatMap((s) => (s.fromId === null ? [] : [[s.id, s.fromId] as const])));
  const names = new Map(sources.map((s) => [s.id, s.name]));
  for (const id of answers.keys()) latest.delete(id);
  const work = new Map<number, { table: Table; head: CheckedHead; totals: readonly ColumnTotal[] }>();
  const entryIds: number[] = [];

  for (const [i, wanted] of order.list.entries()) {
    const sentence = sayPlan(wanted.plan);
    const about = isQuestion(wanted.plan) ? answers.get(wanted.sourceId) : wanted.sourceId;
    const before = about === undefined ? undefined : latest.get(about);
    if (about === undefined || before === undefined) throw answers.has(wanted.sourceId) ? new Told(`Sentence ${i + 1} cannot run then (${sentence}): the answer it is about is not kept any more.`, 422, 'depends') : new Told('The table this sentence is about is not there any more.', 404, 'gone');
    const old = current[i];
    if (old && old.key === wanted.key && old.sentence === sentence && old.before === before && sameIds(old.holds, holdIds(allHolds, wanted.key))) {
      entryIds.push(old.id);
      latest.set(wanted.sourceId, old.after);
      continue;
    }
    let input = work.get(about);
    if (!input) {
      const state = await loadState(pool(), before);
      input = { ...(await withOthers({ ...state, table: await keyed(store, state) }, latest)), totals: state.totals };
    }
    const [problem] = checkPlan(wanted.plan, input.head);
    if (problem) throw new Told(`Sentence ${i + 1} cannot run then (${sentence}): ${problem.text}`, 422, 'depends');
    const result = await runPlan(wanted.plan, input.table, input.head, {
      holds: holdsOf(allHolds, wanted.key),
      sinkFor: (head) => new LazyColumn(store, workspaceId, head),
      onProgress: (done, total) => watch.onProgress?.(i + done / total, order.list.length),
      ...(watch.check ? { check: watch.check } : {}),
    });
    const answer = result.answer ? await storedAnswer(result.answer, store, workspaceId, names.get(wanted.sourceId)!) : null;
    const totals = answer ? await balance(answer.table) : await totalsAfter(input, result.table, result.report.rowsIn !== result.report.rowsOut);
    const after = await saveState(store, wanted.sourceId, answer?.table ?? result.table, totals);
    const { codes, stays, ...report } = result.report;
    const [entry] = await db
      .insert(schema.entries)
      .values({ workspaceId, key: wanted.key, sourceId: wanted.sourceId, request: wanted.request, sentence, plan: wanted.plan, before, after, report, codes: codes && packCodes(codes), stays: stays ? bytesOf(stays) : null, holds: holdIds(allHolds, wanted.key) })
      .returning({ id: schema.entries.id });
    entryIds.push(entry!.id);
    latest.set(wanted.sourceId, after);
    work.set(wanted.sourceId, answer ? { table: answer.table, head: { name: answer.table.name, columns: answer.table.columns.map(headOf), glances: answer.glances, ...othersOf(input.table) }, totals } : { table: result.table, head: await headAfterRun(input.head, result.table, result.glances), totals });
  }

  const version = workspace.version + 1;
  if (order.as === 'refreshed' && workspace.revisionId !== null) {
    await db.update(schema.revisions).set({ entryIds }).where(eq(schema.revisions.id, workspace.revisionId));
    await db.update(schema.workspaces).set({ version }).where(eq(schema.workspaces.id, workspaceId));
    return version;
  }
  const [revision] = await db.insert(schema.revisions).values({ workspaceId, parentId: workspace.revisionId, entryIds, label: order.label }).returning({ id: schema.revisions.id });
  await db.update(schema.workspaces).set({ revisionId: revision!.id, version, draft: null }).where(eq(schema.workspaces.id, workspaceId));
  return version;
}

/** An answer as a table in the store. */
async function storedAnswer(answer: AnswerTable, store: Queryable, workspaceId: number, name: string): Promise<{ table: Table; glances: ReadonlyMap<string, Glance> }> {
  const columns: Column[] = [];
  const glances = new Map<string, Glance>();
  for (const { head, chunks } of answerColumns(answer)) {
    const sink = new LazyColumn(store, workspaceId, head);
    const builder = new GlanceBuilder(head.type);
    for (const chunk of chunks) {
      await sink.write(chunk);
      builder.add(chunk);
    }
    glances.set(head.name, builder.result());
    columns.push({ ...(await sink.finish(glances.get(head.name)!)), ...head });
  }
  return { table: { name, columns, size: answer.rows.length, rows: null }, glances };
}

/** The sums after a step: those of columns it did not make carry over when no row left. */
async function totalsAfter(input: { table: Table; totals: readonly ColumnTotal[] }, after: Table, rowsChanged: boolean): Promise<ColumnTotal[]> {
  if (rowsChanged) return balance(after);
  const kept = new Map<Column['load'], string>(input.table.columns.map((c) => [c.load, c.name]));
  const known: ColumnTotal[] = [];
  const anew: string[] = [];
  for (const column of after.columns) {
    const name = kept.get(column.load);
    const total = name === undefined ? undefined : input.totals.find((t) => t.column === name);
    if (total) known.push({ ...total, column: column.name });
    else anew.push(column.name);
  }
  return [...known, ...(await balance(after, anew))];
}

async function headAfterRun(head: CheckedHead, table: Table, made: ReadonlyMap<string, Glance>): Promise<CheckedHead> {
  const glances = new Map<string, Glance>();
  for (const column of table.columns) {
    const glance = made.get(column.name) ?? head.glances?.get(column.name);
    if (glance) glances.set(column.name, glance);
  }
  return table.size <= SMALL ? headWithGlances(table) : { name: table.name, columns: table.columns.map(headOf), glances, ...othersOf(table) };
}

const heads = new Map<number, CheckedHead>();

/** The head of a stored version with glances; of a small one they are of the rows that are left. */
export async function headFor(state: Awaited<ReturnType<typeof loadState>>): Promise<CheckedHead> {
  const known = heads.get(state.id);
  if (known) return known;
  const head = state.table.size <= SMALL && state.table.rows ? await headWithGlances(state.table) : await headOfState(pool(), state);
  heads.set(state.id, head);
  if (heads.size > 24) heads.delete(heads.keys().next().value!);
  return head;
}

/** A table with those beside it, and what is known of them all. */
export interface Beside {
  readonly table: Table;
  readonly head: CheckedHead;
  /** Tells one such set of versions from another. */
  readonly key: string;
}

/** A version of a table with the other tables of its workspace, each in the state that is given for it. */
export async function withOthers(state: Awaited<ReturnType<typeof loadState>>, states: ReadonlyMap<number, number>): Promise<Beside> {
  const head = await headFor(state);
  const ids = [...states].filter(([id]) => id !== state.sourceId);
  const key = [state.id, ...ids.map(([, id]) => id)].join(' ');
  const others = await Promise.all(ids.map(async ([, id]) => { const other = await loadState(pool(), id); return { table: other.table, head: await headFor(other) }; }));
  if (others.length === 0) return { table: state.table, head, key };
  return { table: { ...state.table, others: new Map(others.map((o) => [o.table.name, o])) }, head: { ...head, others: new Map(others.map((o) => [o.table.name, o.head])) }, key };
}

/** A column that is opened in the store when its first chunk comes. */
class LazyColumn implements ColumnSink {
  private writer: Promise<ColumnWriter> | null = null;

  constructor(private readonly client: Queryable, private readonly workspaceId: number, private readonly head: ColumnHead) {}

  private open(): Promise<ColumnWriter> {
    return (this.writer ??= ColumnWriter.open(this.client, this.workspaceId, this.head));
  }

  async write(chunk: Chunk): Promise<void> {
    await (await this.open()).write(chunk);
  }

  async finish(glance: Glance): Promise<Column> {
    return (await this.open()).finish(glance);
  }
}

export type EntryRow = Omit<typeof schema.entries.$inferSelect, 'codes' | 'stays'>;

/** The entries of a revision in their order. */
export async function entriesOf(db: Database, revisionId: number | null): Promise<EntryRow[]> {
  if (revisionId === null) return [];
  const [revision] = await db.select().from(schema.revisions).where(eq(schema.revisions.id, revisionId));
  if (!revision || !revision.entryIds.length) return [];
  const e = schema.entries;
  const rows = await db
    .select({ id: e.id, workspaceId: e.workspaceId, key: e.key, sourceId: e.sourceId, request: e.request, sentence: e.sentence, plan: e.plan, before: e.before, after: e.after, report: e.report, holds: e.holds, createdAt: e.createdAt })
    .from(e)
    .where(inArray(e.id, revision.entryIds));
  const byId = new Map(rows.map((r) => [r.id, r]));
  return revision.entryIds.map((id) => byId.get(id)!);
}
/** The version in which each table of a workspace was brought in. */
export async function firstStates(db: Database, workspaceId: number): Promise<Map<number, number>> {
  const rows = await db
    .select({ sourceId: schema.states.sourceId, id: sql<number>`min(${schema.states.id})` })
    .from(schema.states)
    .innerJoin(schema.sources, eq(schema.sources.id, schema.states.sourceId))
    .where(eq(schema.sources.workspaceId, workspaceId))
    .groupBy(schema.states.sourceId);
  return new Map(rows.map((r) => [r.sourceId, r.id]));
}

type HoldRow = typeof schema.holds.$inferSelect;

/** The holds of a workspace that are not settled. */
export const openHolds = (db: Database, workspaceId: number): Promise<HoldRow[]> =>
  db.select().from(schema.holds).where(and(eq(schema.holds.workspaceId, workspaceId), eq(schema.holds.settled, false))).orderBy(schema.holds.id);

/** The ids of a sentence's holds: what an entry remembers of the holds it ran with. */
export const holdIds = (all: readonly HoldRow[], key: string): number[] => all.filter((h) => h.entryKey === key).map((h) => h.id);
export const sameIds = (a: readonly number[], b: readonly number[]): boolean => a.length === b.length && a.every((id, i) => id === b[i]);

function holdsOf(all: readonly HoldRow[], key: string): Holds {
  const own = all.filter((h) => h.entryKey === key);
  return { rows: new Set(own.flatMap((h) => (h.position === null ? [] : [h.position]))), kinds: new Set(own.flatMap((h) => (h.kind === null ? [] : [h.kind]))) };
}
