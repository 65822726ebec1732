import { and, eq, isNotNull, isNull } from 'drizzle-orm';
import { checkedRows } from '../core/brief/record';
import { differences, type BriefRun } from '../core/review/difference';
import { tieColumns, type FreshColumn } from '../core/language/ties';
import { headAfter } from '../core/language/acts';
import type { ImportSettings } from '../core/formats/import';
import type { CheckedHead } from '../core/formula/check';
import { checkPlan, definitionOf } from '../core/steps/registry';
import { rowCount } from '../core/table/table';
import type { AgainView, DifferenceView } from '../contract/views';
import { database, pool } from './db/client';
import * as schema from './db/schema';
import { Told } from './errors';
import { profilesOf } from './profiles';
import { headFor, openHolds, type EntryRow, type Wanted } from './revise';
import { checksNow } from './review';
import { makeRevision, type Progress } from './runner';
import { coverOf } from './covering';
import { inheritSpellings } from './spellings';
import { loadState } from './store/tables';
import { importUpload, previewUpload } from './uploads';
import { currentStates, tableNow } from './workspaces';

/** The sentence that ties the columns of a new file to those of the brief has this key in every workspace. */
const TIES = 'ties';

interface Origin {
  readonly name: string;
  readonly sourceId: number;
  readonly tableName: string;
  readonly entries: readonly EntryRow[];
  readonly settings: ImportSettings;
  /** The head of the source with the names the brief knows, and what an earlier file called them. */
  readonly head: CheckedHead;
  readonly known: Readonly<Record<string, string>>;
}

/** The table of a workspace that a new file is likest to, with its brief. */
async function originOf(workspaceId: number, columns: readonly string[]): Promise<Origin> {
  const { entries, firsts, row } = await currentStates(workspaceId);
  const sources = await database().select().from(schema.sources).where(and(eq(schema.sources.workspaceId, workspaceId), isNull(schema.sources.fromId))).orderBy(schema.sources.id);
  const likest = sources
    .map((source) => ({ source, own: entries.filter((e) => e.sourceId === source.id) }))
    .sort((a, b) => shared(b.source.settings, columns) - shared(a.source.settings, columns) || b.own.length - a.own.length)[0];
  if (!likest) throw new Told('This workspace has no table.', 404, 'gone');
  const first = await headFor(await loadState(pool(), firsts.get(likest.source.id)!));
  const ties = likest.own.find((e) => e.key === TIES)?.plan;
  const known = ties?.step === 'rename' ? Object.fromEntries(ties.names.map((n) => [n.from, n.to])) : {};
  const named = (name: string): string => known[name] ?? name;
  const head = { ...first, columns: first.columns.map((c) => ({ ...c, name: named(c.name) })), glances: new Map([...(first.glances ?? [])].map(([n, g]) => [named(n), g])) };
  return { name: row.name, sourceId: likest.source.id, tableName: likest.source.name, entries: likest.own.filter((e) => e.key !== TIES), settings: likest.source.settings, head, known };
}

const shared = (settings: ImportSettings, columns: readonly string[]): number => settings.columns.filter((c) => columns.includes(c.name)).length / Math.max(1, settings.columns.length);

/** How a brief would be run on an uploaded file: which columns are tied, and which must be asked about. */
export async function previewAgain(uploadId: string, workspaceId: number): Promise<AgainView> {
  const { settings, rows } = await previewUpload(uploadId, {});
  const origin = await originOf(workspaceId, settings.columns.map((c) => c.name));
  const fresh = settings.columns.map((c, i): FreshColumn => ({ name: c.name, type: c.type, cells: rows.map((r) => r[i] ?? '') }));
  const inSource = new Set(origin.head.columns.map((c) => c.name));
  const needed = [...new Set(origin.entries.flatMap((e) => definitionOf(e.plan).reads(e.plan)))].filter((n) => inSource.has(n));
  return { workspace: origin.name, table: origin.tableName, sentences: origin.entries.length, ties: tieColumns(origin.head, fresh, origin.known), needed };
}

export interface AgainOrder {
  readonly uploadId: string;
  readonly workspaceId: number;
  readonly settings: ImportSettings;
  readonly workspaceName: string;
  /** Columns of the brief, and what the new file calls them. */
  readonly ties: readonly { readonly column: string; readonly to: string }[];
}

/**
 * Runs a brief on a new file, as a workspace of its own: columns are read as the types they had, tied by a sentence, then every
 * sentence runs. Holds of whole kinds and what was learnt go along; decisions by hand are sentences, and apply where their basis is unchanged.
 */
export async function runAgain(order: AgainOrder, onProgress: (p: Progress) => void, signal?: AbortSignal): Promise<{ workspaceId: number; tableId: number }> {
  const origin = await originOf(order.workspaceId, order.settings.columns.map((c) => c.name));
  const tied = new Map(order.ties.map((t) => [t.to, t.column]));
  const types = new Map(origin.settings.columns.map((c) => [origin.known[c.name] ?? c.name, c]));
  const settings: ImportSettings = { ...order.settings, columns: order.settings.columns.map((c) => { const was = types.get(tied.get(c.name) ?? c.name); return was ? { ...c, type: was.type, dayFirst: was.dayFirst } : c; }) };
  const renamed = order.ties.filter((t) => t.to !== t.column).map((t) => ({ from: t.to, to: t.column }));
  // Whether every sentence can run is known before a row is read.
  let head: CheckedHead = { name: origin.tableName, columns: settings.columns.map((c) => ({ name: c.name, type: c.type, scale: null })) };
  const plans: Omit<Wanted, 'sourceId'>[] = [...(renamed.length ? [{ key: TIES, request: '', plan: { step: 'rename' as const, names: renamed } }] : []), ...origin.entries.map((e) => ({ key: e.key, request: e.request, plan: e.plan }))];
  for (const [i, { plan }] of plans.entries()) {
    const missing = definitionOf(plan).reads(plan).find((n) => !head.columns.some((c) => c.name === n));
    if (missing !== undefined) throw new Told(`Sentence ${i + 1} needs the column “${missing}”, which the new file does not have. Tie it to another column, or change the sentence first.`, 422, 'depends');
    const [problem] = checkPlan(plan, head);
    if (problem && plan.step === 'rename') throw new Told(problem.text, 422, 'depends');
    head = headAfter(plan, head);
  }
  const made = await importUpload({ uploadId: order.uploadId, settings, tableName: origin.tableName, workspaceId: null, workspaceName: order.workspaceName }, (done, total) => onProgress({ done: done / 2, total }), signal);
  const db = database();
  try {
    const [from] = await db.select({ maskKey: schema.workspaces.maskKey }).from(schema.workspaces).where(eq(schema.workspaces.id, order.workspaceId));
    await db.update(schema.workspaces).set({ fromId: order.workspaceId, maskKey: from!.maskKey }).where(eq(schema.workspaces.id, made.workspaceId));
    const lessons = await db.select({ lesson: schema.lessons.lesson }).from(schema.lessons).where(eq(schema.lessons.workspaceId, order.workspaceId));
    if (lessons.length) await db.insert(schema.lessons).values(lessons.map((l) => ({ ...l, workspaceId: made.workspaceId })));
    await inheritSpellings(db, order.workspaceId, made.workspaceId);
    const keys = new Set(origin.entries.map((e) => e.key));
    const holds = (await openHolds(db, order.workspaceId)).filter((h) => h.kind !== null && keys.has(h.entryKey)).map((h) => ({ key: h.entryKey, kind: h.kind, position: null, note: h.note }));
    if (plans.length) {
      const { table, row } = await tableNow(made.workspaceId, made.tableId);
      await makeRevision({ workspaceId: made.workspaceId, version: row.version, list: plans.map((p) => ({ ...p, sourceId: made.tableId })), label: `the brief of ${origin.name}`, holds, settle: [], as: 'new' }, table.size, (p) => onProgress({ done: p.total / 2 + p.done / 2, total: p.total }), signal);
    }
  } catch (error) {
    await db.delete(schema.workspaces).where(eq(schema.workspaces.id, made.workspaceId));
    throw error;
  }
  return made;
}

/** One run of a brief as it is compared. Texts are looked through once for each version of a table. */
async function runOf(workspaceId: number, sourceId: number): Promise<BriefRun> {
  const { entries, states, firsts } = await currentStates(workspaceId);
  const own = entries.filter((e) => e.sourceId === sourceId);
  const ties = own.find((e) => e.key === TIES);
  // Columns are compared under the names of the brief.
  const startId = ties ? ties.after : firsts.get(sourceId)!;
  const [start, now] = await Promise.all([loadState(pool(), startId), loadState(pool(), states.get(sourceId)!)]);
  const [head, { names: covered }] = await Promise.all([headFor(start), coverOf(start)]);
  // Of what is covered no value is told.
  const told = ([name]: readonly [string, unknown]): boolean => !covered.has(name);
  const profiles = (await profilesOf(start.id)).filter((p) => !covered.has(p.name));
  const checks = await checksNow(own, states);
  return {
    columns: head.columns,
    glances: new Map([...(head.glances ?? [])].filter(told)),
    shapes: new Map(profiles.filter((p) => p.type === 'text' && p.shapeCount <= p.shapes.length).map((p) => [p.name, p.shapes])),
    rowsIn: start.table.size,
    rowsOut: rowCount(now.table),
    sentences: own.filter((e) => e.key !== TIES).map((e) => ({ key: e.key, sentence: e.sentence, rows: e.report.rowsIn, kinds: e.plan.step === 'check' ? [] : e.report.kinds })),
    totals: now.totals,
    failing: own.filter((e) => e.plan.step === 'check').map((e) => ({ sentence: e.sentence, rows: checkedRows(e.sentence, checks.get(e.key) ?? null).fails ?? 0 })),
  };
}

/** What is different in a workspace from the one whose brief it was made with; null when it was not made so. */
export async function differenceOf(workspaceId: number): Promise<DifferenceView | null> {
  const { row } = await currentStates(workspaceId);
  if (row.fromId === null) return null;
  const [from] = await database().select().from(schema.workspaces).where(and(eq(schema.workspaces.id, row.fromId), isNotNull(schema.workspaces.revisionId)));
  if (!from) return null;
  const [source] = await database().select().from(schema.sources).where(eq(schema.sources.workspaceId, workspaceId)).orderBy(schema.sources.id).limit(1);
  const origin = await originOf(row.fromId, source!.settings.columns.map((c) => c.name));
  const [before, now] = [await runOf(row.fromId, origin.sourceId), await runOf(workspaceId, source!.id)];
  return { before: from.name, differences: differences(before, now) };
}
