import { createHash } from 'node:crypto';
import { and, eq, isNotNull } from 'drizzle-orm';
import { cellsPutRight, checkedRows, counted, type LookedAt, type WorkRecord } from '../core/brief/record';
import { csvDigest } from '../core/formats/write';
import { rowCount } from '../core/table/table';
import { database } from './db/client';
import * as schema from './db/schema';
import { Told, changed } from './errors';
import { openHolds, type EntryRow } from './revise';
import { checksNow, viewReview } from './review';
import { currentStates, heldBy, tableNow, type Change } from './workspaces';

/** The record of the work on one table as it is now, not signed off. Reads the whole table once, for its hash. */
export async function recordOf(workspaceId: number, tableId: number): Promise<WorkRecord> {
  const { table, stateId, entries: own } = await tableNow(workspaceId, tableId);
  const [[source], review, holds, checks, sha256] = await Promise.all([
    database().select().from(schema.sources).where(eq(schema.sources.id, tableId)),
    viewReview(workspaceId),
    openHolds(database(), workspaceId),
    checksNow(own, new Map([[tableId, stateId]])),
    csvDigest(table, createHash('sha256')),
  ]);
  const samples = review.samples.filter((s) => s.tableId === tableId);
  const items = review.items.filter((i) => i.tableId === tableId);
  return {
    kulfi: 'record 1',
    table: source!.name,
    signedOff: null,
    source: { file: source!.fileName, sha256: source!.sha256, settings: source!.settings },
    result: { rows: rowCount(table), sha256 },
    brief: own.map((e) => ({
      sentence: e.sentence,
      request: e.request,
      rowsIn: e.report.rowsIn,
      rowsOut: e.report.rowsOut,
      kinds: e.report.kinds.map((k) => { const by = items.find((i) => i.key === e.key && i.kind === k.key)?.by; return { words: k.words, rows: k.rows, held: k.held, ...(by ? { looked: by } : {}) }; }),
      holds: { rows: holds.flatMap((h) => (h.entryKey === e.key && h.position !== null ? [h.position + 1] : [])), kinds: holds.flatMap((h) => (h.entryKey === e.key && h.kind !== null ? [h.kind] : [])) },
    })),
    checks: own.filter((e) => e.plan.step === 'check').map((e) => checkedRows(e.sentence, checks.get(e.key) ?? null)),
    samples: samples.map((s) => ({ statement: s.statement, drawn: s.drawn, looked: s.looked, seed: s.seed, by: s.by })),
    looks: await looksOn(workspaceId, own, samples.map((s) => s.id)),
    foundWrong: items.reduce((n, i) => n + i.wrong, 0) + samples.reduce((n, s) => n + s.wrong, 0),
    putRight: cellsPutRight(own),
    open: items.filter((i) => !i.settled && i.reason !== 'held').map((i) => `sentence ${i.n}: ${counted(i.rows, 'row')}, ${i.words}${i.note ? ` (${i.note})` : ''}`),
    notes: holds.filter((h) => own.some((e) => e.key === h.entryKey)).map((h) => {
      const n = own.findIndex((e) => e.key === h.entryKey);
      const { rows, words } = heldBy(h, own[n]!);
      return `on hold, sentence ${n + 1}: ${words}, ${counted(rows, 'row')}${h.note ? ` (${h.note})` : ''}`;
    }),
    balance: review.statements.find((s) => s.tableId === tableId)!.statement,
  };
}

/** What was said of single rows of a table, in the order in which it was said. */
async function looksOn(workspaceId: number, own: readonly EntryRow[], samples: readonly number[]): Promise<LookedAt[]> {
  const rows = await database().select().from(schema.looks).where(and(eq(schema.looks.workspaceId, workspaceId), isNotNull(schema.looks.position))).orderBy(schema.looks.id);
  return rows.flatMap((l): LookedAt[] => {
    const n = own.findIndex((e) => e.key === l.entryKey);
    if (n < 0 && (l.sampleId === null || !samples.includes(l.sampleId))) return [];
    const of = n < 0 ? null : { n: n + 1, words: own[n]!.report.kinds.find((k) => k.key === l.kind)?.words ?? '' };
    return [{ row: l.position! + 1, of, verdict: l.verdict, by: l.author, at: l.createdAt.toISOString().slice(0, 10), note: l.note }];
  });
}

/**
 * Closes the review of one table: the record is sealed as it is now. What is open needs a remark that says why; sums that
 * changed without a sentence meaning it stop it.
 */
export async function signOff(order: Change & { readonly tableId: number; readonly author: string; readonly remark: string }): Promise<number> {
  const { row, states } = await currentStates(order.workspaceId);
  if (row.version !== order.version) throw changed();
  if (row.tryoutId !== null) throw new Told('This is a try-out. Take it over into the brief, or leave it, before you sign off.', 422, 'tryout');
  const [source] = await database().select({ fromId: schema.sources.fromId, fileName: schema.sources.fileName }).from(schema.sources).where(eq(schema.sources.id, order.tableId));
  if (source && source.fromId !== null) throw new Told(`This table is ${source.fileName}. Nobody could make it again from a file of its own: sign off the table it is about.`, 422, 'answer');
  const record = await recordOf(order.workspaceId, order.tableId);
  if (!record.balance.balances) throw new Told('The control totals do not balance: see the statement. It cannot be signed off so.', 422, 'balance');
  const waits = record.open.length + record.notes.length;
  if (waits && order.remark.trim() === '') throw new Told(`${waits === 1 ? 'One thing is' : `${waits} things are`} still open. Settle them, or say why they may stay so.`, 422, 'open');
  const sealed: WorkRecord = { ...record, signedOff: { by: order.author, at: new Date().toISOString().slice(0, 16).replace('T', ' '), remark: order.remark.trim() } };
  const [made] = await database().insert(schema.signoffs).values({ workspaceId: order.workspaceId, sourceId: order.tableId, stateId: states.get(order.tableId)!, author: order.author, record: sealed }).returning({ id: schema.signoffs.id });
  return made!.id;
}

/** A sealed record. */
export async function sealedRecord(workspaceId: number, id: number): Promise<WorkRecord> {
  const [found] = await database().select({ record: schema.signoffs.record }).from(schema.signoffs).where(and(eq(schema.signoffs.workspaceId, workspaceId), eq(schema.signoffs.id, id)));
  if (!found) throw new Told('There is no such sign-off.', 404, 'gone');
  return found.record;
}
