import { sql } from 'drizzle-orm';
import { bigint, boolean, customType, doublePrecision, index, integer, jsonb, pgTable, primaryKey, serial, smallint, text, timestamp } from 'drizzle-orm/pg-core';
import type { ImportNote, ImportSettings } from '../../core/formats/import';
import type { ColumnTotal } from '../../core/review/balance';
import type { Dress } from '../../core/table/column';
import type { WorkRecord } from '../../core/brief/record';
import type { Glance } from '../../core/profile/glance';
import type { Lesson } from '../../core/language/lessons';
import type { KindCount } from '../../core/steps/run';
import type { Plan } from '../../core/steps/registry';

const bytea = customType<{ data: Uint8Array; driverData: Buffer }>({ dataType: () => 'bytea' });
const now = () => timestamp({ withTimezone: true }).notNull().default(sql`now()`);

/** One job. `version` counts every change, so that a client can tell that what it saw is no longer so. */
export const workspaces = pgTable('workspaces', {
  id: serial().primaryKey(),
  name: text().notNull(),
  version: integer().notNull().default(1),
  revisionId: integer('revision_id'),
  /** The try-out that is open, and the revision of the brief itself meanwhile; both null where the brief itself is. */
  tryoutId: integer('tryout_id'),
  homeId: integer('home_id'),
  /** The request that is open in proof, as it was typed. */
  draft: text(),
  /** The workspace whose brief was run on a new file to make this one. */
  fromId: integer('from_id'),
  /** The secret under which values are masked: the same in every table of the workspace; null once it was thrown away. */
  maskKey: text('mask_key').default(sql`replace(gen_random_uuid()::text || gen_random_uuid()::text, '-', '')`),
  /** Columns that every page and every hand-off shows masked, while that is switched on. */
  covered: jsonb().$type<Covering>().notNull().default(sql`'{"on":false,"columns":[]}'::jsonb`),
  createdAt: now(),
});

export interface Covering {
  readonly on: boolean;
  readonly columns: readonly string[];
}

/** A table as it was brought in; the file itself lies in the data folder, byte for byte. */
export const sources = pgTable('sources', {
  id: serial().primaryKey(),
  workspaceId: integer('workspace_id').notNull().references(() => workspaces.id, { onDelete: 'cascade' }),
  name: text().notNull(),
  fileName: text('file_name').notNull(),
  file: text().notNull(),
  bytes: bigint({ mode: 'number' }).notNull(),
  sha256: text().notNull(),
  settings: jsonb().$type<ImportSettings>().notNull(),
  /** The table that it is a kept answer over; null for one that came in a file. */
  fromId: integer('from_id'),
  notes: jsonb().$type<readonly ImportNote[]>().notNull(),
  createdAt: now(),
});

/** Cells of a column lie in `chunks`; a column is never changed once it is there. */
export const columns = pgTable('columns', {
  id: serial().primaryKey(),
  workspaceId: integer('workspace_id').notNull().references(() => workspaces.id, { onDelete: 'cascade' }),
  type: text().notNull(),
  scale: smallint(),
  glance: jsonb().$type<Glance>(),
});

export const chunks = pgTable('chunks', {
  columnId: integer('column_id').notNull().references(() => columns.id, { onDelete: 'cascade' }),
  ord: integer().notNull(),
  data: bytea().notNull(),
}, (t) => [primaryKey({ columns: [t.columnId, t.ord] })]);

/** A version of a table: its columns by name, and which of its rows are in, in which order. */
export const states = pgTable('states', {
  id: serial().primaryKey(),
  sourceId: integer('source_id').notNull().references(() => sources.id, { onDelete: 'cascade' }),
  columns: jsonb().$type<readonly StateColumn[]>().notNull(),
  size: integer().notNull(),
  rowCount: integer('row_count').notNull(),
  /** Positions of the rows, as 32-bit numbers; null when all rows are in, in source order. */
  rows: bytea(),
  /** For positions that steps added, the last ones: the older positions their rows come from, as 32-bit numbers. */
  origins: bytea(),
  totals: jsonb().$type<readonly ColumnTotal[]>().notNull(),
}, (t) => [index().on(t.sourceId)]);

export interface StateColumn extends Dress {
  readonly name: string;
  readonly type: string;
  readonly scale: number | null;
  readonly columnId: number;
  /** Cells that it has of its own, where rows were added since. */
  readonly cells?: number;
}

/** A kept sentence as it ran on one state. `key` stays the same through edits; a run is never changed. */
export const entries = pgTable('entries', {
  id: serial().primaryKey(),
  workspaceId: integer('workspace_id').notNull().references(() => workspaces.id, { onDelete: 'cascade' }),
  key: text().notNull(),
  sourceId: integer('source_id').notNull().references(() => sources.id, { onDelete: 'cascade' }),
  request: text().notNull(),
  sentence: text().notNull(),
  plan: jsonb().$type<Plan>().notNull(),
  before: integer().notNull(),
  after: integer().notNull(),
  report: jsonb().$type<StoredReport>().notNull(),
  codes: bytea(),
  /** Rows set aside for another one, and the one that stays: pairs of positions, as 32-bit numbers. */
  stays: bytea(),
  /** The holds that were in force when it ran, by their ids. */
  holds: integer().array().notNull(),
  createdAt: now(),
}, (t) => [index().on(t.workspaceId)]);

export interface StoredReport {
  readonly kinds: readonly KindCount[];
  readonly rowsIn: number;
  readonly rowsOut: number;
  readonly held: number;
}

/** A state of the whole brief. Undo and redo only move the workspace's pointer between revisions. */
export const revisions = pgTable('revisions', {
  id: serial().primaryKey(),
  workspaceId: integer('workspace_id').notNull().references(() => workspaces.id, { onDelete: 'cascade' }),
  parentId: integer('parent_id'),
  /** The child that undo last came from: where redo goes. */
  redoId: integer('redo_id'),
  entryIds: integer('entry_ids').array().notNull(),
  /** What the change was, for the list of undone things. */
  label: text().notNull(),
}, (t) => [index().on(t.workspaceId)]);

/** A brief gone on with apart from the workspace's own, and where it stands. */
export const tryouts = pgTable('tryouts', {
  id: serial().primaryKey(),
  workspaceId: integer('workspace_id').notNull().references(() => workspaces.id, { onDelete: 'cascade' }),
  name: text().notNull(),
  revisionId: integer('revision_id').notNull(),
  createdAt: now(),
}, (t) => [index().on(t.workspaceId)]);

/** A wording that a workspace has learnt, with what it means. */
export const lessons = pgTable('lessons', {
  id: serial().primaryKey(),
  workspaceId: integer('workspace_id').notNull().references(() => workspaces.id, { onDelete: 'cascade' }),
  lesson: jsonb().$type<Lesson>().notNull(),
  createdAt: now(),
}, (t) => [index().on(t.workspaceId)]);

/** What was decided about a spelling in columns of one name; `to` null: it is left as it is. */
export const spellings = pgTable('spellings', {
  workspaceId: integer('workspace_id').notNull().references(() => workspaces.id, { onDelete: 'cascade' }),
  column: text().notNull(),
  from: text().notNull(),
  to: text(),
}, (t) => [primaryKey({ columns: [t.workspaceId, t.column, t.from] })]);

/** A proposal that somebody turned away: it does not come back. */
export const turnedAway = pgTable('turned_away', {
  workspaceId: integer('workspace_id').notNull().references(() => workspaces.id, { onDelete: 'cascade' }),
  sentence: text().notNull(),
}, (t) => [primaryKey({ columns: [t.workspaceId, t.sentence] })]);

/** A row or a kind that is not accepted yet, or was settled. Holds belong to a sentence by its key, not to a revision. */
export const holds = pgTable('holds', {
  id: serial().primaryKey(),
  workspaceId: integer('workspace_id').notNull().references(() => workspaces.id, { onDelete: 'cascade' }),
  entryKey: text('entry_key').notNull(),
  kind: text(),
  position: integer(),
  note: text().notNull().default(''),
  settled: boolean().notNull().default(false),
  createdAt: now(),
}, (t) => [index().on(t.workspaceId)]);

/** That somebody looked at a kind, or at one row, and what they found. The latest word on the same thing counts. */
export const looks = pgTable('looks', {
  id: serial().primaryKey(),
  workspaceId: integer('workspace_id').notNull().references(() => workspaces.id, { onDelete: 'cascade' }),
  /** The sentence it is about; null for a row of a sample of the whole table. */
  entryKey: text('entry_key'),
  kind: text(),
  position: integer(),
  sampleId: integer('sample_id').references(() => samples.id, { onDelete: 'cascade' }),
  verdict: text().$type<'right' | 'wrong'>().notNull(),
  /** Rows of the kind when it was looked at: with others it has to be looked at again. */
  rows: integer().notNull(),
  note: text().notNull().default(''),
  author: text().notNull(),
  createdAt: now(),
}, (t) => [index().on(t.workspaceId)]);

/** Rows drawn from a version of a table, to be looked at one by one. */
export const samples = pgTable('samples', {
  id: serial().primaryKey(),
  workspaceId: integer('workspace_id').notNull().references(() => workspaces.id, { onDelete: 'cascade' }),
  sourceId: integer('source_id').notNull().references(() => sources.id, { onDelete: 'cascade' }),
  stateId: integer('state_id').notNull(),
  seed: bigint({ mode: 'number' }).notNull(),
  share: doublePrecision().notNull(),
  certainty: doublePrecision().notNull(),
  by: jsonb().$type<readonly string[]>().notNull(),
  /** Rows of the table when it was drawn. */
  rows: integer().notNull(),
  positions: integer().array().notNull(),
  createdAt: now(),
}, (t) => [index().on(t.workspaceId)]);

/** A closed review: the record as it was sealed. A later change of the brief makes another one. */
export const signoffs = pgTable('signoffs', {
  id: serial().primaryKey(),
  workspaceId: integer('workspace_id').notNull().references(() => workspaces.id, { onDelete: 'cascade' }),
  sourceId: integer('source_id').notNull().references(() => sources.id, { onDelete: 'cascade' }),
  stateId: integer('state_id').notNull(),
  author: text().notNull(),
  record: jsonb().$type<WorkRecord>().notNull(),
  createdAt: now(),
}, (t) => [index().on(t.workspaceId)]);
