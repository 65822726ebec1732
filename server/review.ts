import { randomInt, randomUUID } from 'node:crypto';
import { and, eq, inArray, isNull, type SQL } from 'drizzle-orm';
import type { AnyPgColumn } from 'drizzle-orm/pg-core';
import { prepareCondition, YES } from '../core/formula/evaluate';
import { not } from '../core/formula/expression';
import { readRequest } from '../core/language/read';
import type { FilterPlan } from '../core/steps/filter/step';
import type { CheckPlan } from '../core/steps/check/step';
import { FAILS } from '../core/steps/check/kinds';
import type { CorrectPlan } from '../core/steps/correct/step';
import { checkedRows } from '../core/brief/record';
import { sweepingPlan, withCorrection } from '../core/review/corrections';
import { inOrder, type Reason } from '../core/review/queue';
import { drawRows, rowsToDraw, statementOf } from '../core/review/sampling';
import { reasonsOf, statementFor, type Stage, type Statement } from '../core/review/statement';
import { CHUNK_ROWS, isQuantity, type ColumnType } from '../core/table/column';
import { columnOf, eachChunk, liveMask, positionAt, rowCount, withoutHidden, type Table } from '../core/table/table';
import { cellText } from '../core/values/cell';
import { checkPlan, definitionOf, sayPlan } from '../core/steps/registry';
import { madeBy, writtenBy } from '../core/steps/step';
import { unpackCodes } from '../core/steps/codes';
import { ABSENT, HELD, provePlan, type Report } from '../core/steps/run';
import type { FormView, Look, ReviewItem, ReviewRow, ReviewRows, ReviewView, SampleView } from '../contract/views';
import { database, pool } from './db/client';
import * as schema from './db/schema';
import { Told, changed } from './errors';
import { headFor, openHolds, type EntryRow, type Wanted } from './revise';
import { Kept } from './kept';
import { cellsNamed } from './rows';
import { formViews } from './proofs';
import { makeRevision } from './runner';
import { runnable } from './beside';
import { coverOf, shownAs } from './covering';
import { loadState } from './store/tables';
import { changesOf, currentStates, tableNow, wantedOf, withAdded, type Change } from './workspaces';

type LookRow = typeof schema.looks.$inferSelect;
type SampleRow = typeof schema.samples.$inferSelect;

const MOST_REPORTS = 24;
const reports = new Kept<string, Report>(MOST_REPORTS);

/** What a check finds in a version of a table; worked out once while it is in use. */
async function checkReport(stateId: number, plan: CheckPlan): Promise<Report | null> {
  const state = await loadState(pool(), stateId);
  const { table, head, key } = await runnable(state);
  if (checkPlan(plan, head).length) return null;
  return reports.get(`${key} ${sayPlan(plan)}`, async () => (await provePlan(plan, table, head)).report);
}

/** What each check of a brief finds in its table as it is now; null where its columns are not there any more. */
export async function checksNow(entries: readonly EntryRow[], states: ReadonlyMap<number, number>): Promise<Map<string, Report | null>> {
  const found = new Map<string, Report | null>();
  for (const entry of entries) if (entry.plan.step === 'check') found.set(entry.key, await checkReport(states.get(entry.sourceId)!, entry.plan));
  return found;
}

/** Refuses to let a table out while rows break a check that guards the hand-off. */
export async function letOut({ entries, stateId }: Pick<Awaited<ReturnType<typeof tableNow>>, 'entries' | 'stateId'>): Promise<void> {
  const guards = entries.filter((e) => e.plan.step === 'check' && e.plan.guards);
  const found = await checksNow(guards, new Map(guards.map((e) => [e.sourceId, stateId])));
  for (const entry of guards) {
    const breaking = checkedRows(entry.sentence, found.get(entry.key) ?? null).fails;
    if (breaking === null) throw new Told(`The hand-off waits for a check that cannot be looked at, because a column of it is not there any more: ${entry.sentence} Edit or drop it in the brief.`, 422, 'guarded');
    if (breaking > 0) throw new Told(`The hand-off waits for a check that ${breaking === 1 ? '1 row breaks' : `${breaking} rows break`}: ${entry.sentence} See them in the review.`, 422, 'guarded');
  }
}

const looksOf = (workspaceId: number): Promise<LookRow[]> => database().select().from(schema.looks).where(eq(schema.looks.workspaceId, workspaceId)).orderBy(schema.looks.id);
const samplesOf = (workspaceId: number): Promise<SampleRow[]> => database().select().from(schema.samples).where(eq(schema.samples.workspaceId, workspaceId)).orderBy(schema.samples.id);

/** Everything unsettled and everything settled in a workspace, over all sentences and tables. Nothing is computed but checks on versions not seen before. */
export async function viewReview(workspaceId: number): Promise<ReviewView> {
  const { entries, states, firsts, row } = await currentStates(workspaceId);
  const [holds, looks, samples, checks, signoffs] = await Promise.all([
    openHolds(database(), workspaceId),
    looksOf(workspaceId),
    samplesOf(workspaceId),
    checksNow(entries, states),
    database().select({ id: schema.signoffs.id, tableId: schema.signoffs.sourceId, stateId: schema.signoffs.stateId, author: schema.signoffs.author, createdAt: schema.signoffs.createdAt }).from(schema.signoffs).where(eq(schema.signoffs.workspaceId, workspaceId)).orderBy(schema.signoffs.id),
  ]);
  const items: ReviewItem[] = [];
  entries.forEach((entry, i) => {
    const base = { key: entry.key, tableId: entry.sourceId, n: numberIn(entries, i), sentence: entry.sentence, guards: entry.plan.step === 'check' && entry.plan.guards === true };
    const check = checks.get(entry.key);
    if (check === null) return void items.push({ ...base, id: `${entry.key}:gone`, reason: 'check', kind: null, words: 'a column of this check is not there any more', rows: 0, of: 0, looked: 0, wrong: 0, settled: false, note: '', by: '' });
    const report = check ?? entry.report;
    for (const kind of report.kinds) {
      const own = looks.filter((l) => l.entryKey === entry.key && l.sampleId === null && l.kind === kind.key);
      const whole = own.findLast((l) => l.position === null);
      const rows = own.filter((l) => l.position !== null);
      const held = kind.held > 0 ? holds.filter((h) => h.entryKey === entry.key) : [];
      const reason: Reason | null = kind.held > 0 ? 'held' : entry.plan.step === 'check' && kind.key === FAILS ? 'check' : kind.odd ? 'odd' : null;
      if (!reason) continue;
      const settled = reason !== 'held' && whole?.verdict === 'right' && whole.rows === kind.rows;
      const note = whole?.note || held.map((h) => h.note).filter(Boolean).join('; ');
      items.push({ ...base, id: `${entry.key}:${kind.key}`, reason, kind: kind.key, words: kind.words, rows: reason === 'held' ? kind.held : kind.rows, of: report.rowsIn, looked: rows.length, wrong: rows.filter((l) => l.verdict === 'wrong').length, settled, note, by: settled ? `${whole!.author}, ${whole!.createdAt.toISOString().slice(0, 10)}` : '' });
    }
  });
  const ordered = inOrder(items.map((item) => (item.wrong > 0 && !item.settled && item.reason !== 'held' ? { ...item, reason: 'wrong' as const } : item)));
  const statements: { tableId: number; statement: Statement }[] = [];
  for (const tableId of states.keys()) statements.push({ tableId, statement: await statementOfTable(changesOf(entries, tableId), firsts.get(tableId)!) });
  return {
    version: row.version,
    items: ordered,
    samples: samples.map((s) => sampleView(s, looks)),
    statements,
    signoffs: signoffs.map((s) => ({ id: s.id, tableId: s.tableId, author: s.author, at: s.createdAt.toISOString(), current: states.get(s.tableId) === s.stateId })),
  };
}

/** The number of a sentence in the brief of its own table. */
const numberIn = (entries: readonly EntryRow[], at: number): number => entries.slice(0, at + 1).filter((e) => e.sourceId === entries[at]!.sourceId).length;

function sampleView(s: SampleRow, looks: readonly LookRow[]): SampleView {
  const own = new Map(looks.filter((l) => l.sampleId === s.id).map((l) => [l.position, l.verdict]));
  const wrong = [...own.values()].filter((v) => v === 'wrong').length;
  return { id: s.id, tableId: s.sourceId, drawn: s.positions.length, looked: own.size, wrong, rows: s.rows, seed: s.seed, share: s.share, certainty: s.certainty, by: s.by, statement: statementOf(s.rows, own.size, wrong, s.certainty), done: own.size === s.positions.length };
}

/** The control totals of one table's brief as a statement. One query, however long the brief. */
async function statementOfTable(entries: readonly EntryRow[], firstState: number): Promise<Statement> {
  const rows = await database()
    .select({ id: schema.states.id, columns: schema.states.columns, size: schema.states.size, totals: schema.states.totals })
    .from(schema.states)
    .where(inArray(schema.states.id, [firstState, ...entries.flatMap((e) => [e.before, e.after])]));
  const byId = new Map(rows.map((r) => [r.id, r]));
  const stages = entries.map((entry): Stage => {
    const before = byId.get(entry.before)!;
    const outline = definitionOf(entry.plan).outline(entry.plan, { name: '', columns: before.columns.map((c) => ({ name: c.name, type: c.type as ColumnType, scale: c.scale })) });
    return {
      sentence: entry.sentence,
      rowsIn: entry.report.rowsIn,
      rowsOut: entry.report.rowsOut,
      reasons: reasonsOf(entry.report),
      writes: writtenBy(outline),
      after: byId.get(entry.after)!.totals,
    };
  });
  const first = byId.get(firstState)!;
  return statementFor({ rows: first.size, totals: first.totals }, stages);
}

/** The codes of a sentence's rows as they were stored with its run. */
async function codesOf(entryId: number, size: number): Promise<Uint8Array> {
  const { rows } = await pool().query<{ codes: Buffer | null }>('select codes from entries where id = $1', [entryId]);
  const packed = rows[0]?.codes;
  return packed ? unpackCodes(packed, size) : new Uint8Array(size);
}

/** What is looked at row by row: a kind of a sentence, rows on hold, the rows that a sentence set aside, or a sample. */
export interface RowsOrder {
  readonly workspaceId: number;
  readonly key: string | null;
  readonly kind: string | null;
  readonly what: 'kind' | 'held' | 'aside' | 'sample';
  readonly sampleId: number | null;
  /** Only the rows for which this holds, in words: 'only those from Upper Teal'; '' for all. */
  readonly narrow: string;
  /** Only those of these places: the rows of one form. */
  readonly only?: readonly number[] | null;
  readonly from: number;
  readonly count: number;
}

const MOST_COLUMNS = 8;
/** Rows that are judged together when a kind is narrowed. */
const MOST_TOGETHER = 5_000;

/** Which rows of a version are meant by 'only those from Upper Teal'; null when nothing was said. */
async function narrowed(words: string, stateId: number): Promise<{ sentence: string; fits: Uint8Array } | null> {
  if (words.trim() === '') return null;
  const state = await loadState(pool(), stateId);
  const head = await headFor(state);
  const only = (text: string): FilterPlan | null => {
    const answer = readRequest(text, head);
    const plans = answer.outcome === 'done' ? answer.reading.plans : [];
    return plans.length === 1 && plans[0]!.step === 'filter' ? plans[0]! : null;
  };
  const plan = only(words) ?? only(`only rows where ${words}`) ?? only(`only ${words}`);
  if (!plan) throw new Told(`Which rows are meant by “${words}”? Say it like: only those from Upper Teal, or: price above 3.`, 422, 'words');
  const where = plan.mode === 'keep' ? plan.where : not(plan.where);
  const test = await prepareCondition(where, state.table, head);
  const fits = new Uint8Array(state.table.size);
  await eachChunk(state.table, test.reads, (chunks, _ord, from, length) => fits.set(test.test(chunks, from, length).map((v) => (v === YES ? 1 : 0)), from));
  return { sentence: sayPlan({ step: 'filter', mode: 'keep', where }), fits };
}

/** What was meant, said back, with the rows that it left. */
const together = (only: { readonly sentence: string } | null, positions: readonly number[]): Pick<ReviewRows, 'narrowed'> => (only ? { narrowed: { sentence: only.sentence, positions: positions.slice(0, MOST_TOGETHER) } } : {});

/** What a kept sentence did to each row: of a check, what it finds now. */
async function kindsOf(entry: EntryRow, states: ReadonlyMap<number, number>) {
  const [before, after, now] = await Promise.all([loadState(pool(), entry.before), loadState(pool(), entry.after), loadState(pool(), states.get(entry.sourceId)!)]);
  const isCheck = entry.plan.step === 'check';
  const report = isCheck ? await checkReport(now.id, entry.plan as CheckPlan) : null;
  return { before, after, now, isCheck, codes: report ? report.codes! : await codesOf(entry.id, before.table.size), kinds: report ? report.kinds : entry.report.kinds };
}

/** The forms among the rows of a kind of a kept sentence, the rarest first. */
export async function reviewForms({ workspaceId, key, kind }: { readonly workspaceId: number; readonly key: string; readonly kind: string }): Promise<FormView[]> {
  const { entries, states } = await currentStates(workspaceId);
  const entry = entries.find((e) => e.key === key);
  if (!entry) throw changed();
  const { before, after, now, isCheck, codes, kinds } = await kindsOf(entry, states);
  const code = kinds.find((k) => k.key === kind)?.code;
  const [a, b] = isCheck ? [now, now] : [before, after];
  return formViews(entry.plan, await headFor(a), shownAs(a.table, await coverOf(a)), shownAs(b.table, await coverOf(b)), (p) => codes[p] !== ABSENT && (codes[p]! & ~HELD) === code);
}

/** A page of rows of the review: their cells before the sentence, after it, and what was said of them. */
export async function reviewRows(order: RowsOrder): Promise<ReviewRows> {
  const { entries, states } = await currentStates(order.workspaceId);
  const looks = await looksOf(order.workspaceId);
  if (order.what === 'sample') {
    const sample = (await samplesOf(order.workspaceId)).find((s) => s.id === order.sampleId);
    if (!sample) throw new Told('There is no such sample.', 404, 'gone');
    const state = await loadState(pool(), states.get(sample.sourceId)!);
    const table = shownAs(state.table, await coverOf(state));
    const columns = withoutHidden(table).columns.map((c) => c.name);
    const own = looks.filter((l) => l.sampleId === sample.id);
    const only = await narrowed(order.narrow, states.get(sample.sourceId)!);
    const drawn = only ? sample.positions.filter((p) => only.fits[p] === 1) : sample.positions;
    return { total: drawn.length, columns, rows: await rowsAt(null, table, columns, drawn.slice(order.from, order.from + order.count), (p) => own.findLast((l) => l.position === p)), ...together(only, drawn) };
  }
  const entry = entries.find((e) => e.key === order.key);
  if (!entry) throw changed();
  const { before, after, now, isCheck, codes, kinds } = await kindsOf(entry, states);
  const code = kinds.find((k) => k.key === order.kind)?.code;
  const only = await narrowed(order.narrow, isCheck ? now.id : before.id);
  const gone = order.what === 'aside' ? leftOut(before.table, after.table) : null;
  const found: number[] = [];
  const alone = order.only ? new Set(order.only) : null;
  for (let p = 0; p < codes.length; p++) {
    const c = codes[p]!;
    if (c === ABSENT || (alone && !alone.has(p)) || (only && only.fits[p] === 0)) continue;
    if (gone ? gone[p] === 1 && (code === undefined || (c & ~HELD) === code) : order.what === 'held' ? (c & HELD) !== 0 && (code === undefined || (c & ~HELD) === code) : (c & ~HELD) === code) found.push(p);
  }
  const outline = definitionOf(entry.plan).outline(entry.plan, await headFor(before));
  const names = [...new Set([withoutHidden(before.table).columns[0]?.name ?? '', ...definitionOf(entry.plan).reads(entry.plan), ...madeBy(outline)])].filter((n) => n !== '').slice(0, MOST_COLUMNS);
  const columns = names.length > 1 ? names : withoutHidden(before.table).columns.slice(0, 6).map((c) => c.name);
  const own = looks.filter((l) => l.entryKey === entry.key && l.sampleId === null && l.kind === order.kind);
  const [shownBefore, shownAfter, shownNow] = await Promise.all([before, after, now].map(async (state) => shownAs(state.table, await coverOf(state)))) as [Table, Table, Table];
  return { total: found.length, columns, rows: await rowsAt(isCheck ? null : shownBefore, isCheck ? shownNow : shownAfter, columns, found.slice(order.from, order.from + order.count), (p) => own.findLast((l) => l.position === p), shownNow), ...together(only, found) };
}

/** 1 for each position that was in one version and is not in the next. */
function leftOut(before: Table, after: Table): Uint8Array {
  const gone = new Uint8Array(before.size);
  for (let at = 0; at < rowCount(before); at++) gone[positionAt(before, at)] = 1;
  for (let at = 0; at < rowCount(after); at++) gone[positionAt(after, at)] = 0;
  return gone;
}

async function rowsAt(before: Table | null, after: Table, columns: readonly string[], positions: readonly number[], lookAt: (position: number) => LookRow | undefined, now: Table = after): Promise<ReviewRow[]> {
  const cells = (table: Table): Promise<ReviewRow['after'][]> => cellsNamed(table, columns, positions);
  const [old, done, present] = await Promise.all([before ? cells(before) : null, cells(after), now === after ? null : cells(now)]);
  const inside = liveMask(now);
  return positions.map((position, i) => {
    const look = lookAt(position);
    return { position, before: old ? old[i]! : null, after: done[i]!, now: present ? present[i]! : done[i]!, gone: inside !== null && inside[position] === 0, look: look ? { verdict: look.verdict, note: look.note, author: look.author } : null };
  });
}

/** A column is a value, or null where that is null. */
const is = (column: AnyPgColumn, value: string | number | null): SQL => (value === null ? isNull(column) : eq(column, value));

/** Records what somebody found. The latest word on the same thing counts, so an earlier one goes. */
export async function saveLooks(workspaceId: number, author: string, looks: readonly Look[]): Promise<void> {
  const { entries, states } = await currentStates(workspaceId);
  const checks = await checksNow(entries, states);
  await database().transaction(async (db) => {
    for (const look of looks) {
      const entry = look.key === null ? undefined : entries.find((e) => e.key === look.key);
      if (look.key !== null && !entry) throw changed();
      await db.delete(schema.looks).where(and(eq(schema.looks.workspaceId, workspaceId), is(schema.looks.entryKey, look.key), is(schema.looks.kind, look.kind), is(schema.looks.position, look.position), is(schema.looks.sampleId, look.sampleId)));
      if (look.verdict === null) continue;
      const kinds = (entry && (checks.get(entry.key) ?? entry.report))?.kinds ?? [];
      await db.insert(schema.looks).values({ workspaceId, entryKey: look.key, kind: look.kind, position: look.position, sampleId: look.sampleId, verdict: look.verdict, rows: kinds.find((k) => k.key === look.kind)?.rows ?? 1, note: look.note, author });
    }
  });
}

/** Draws a sample of a table as it is now: as many rows as are said, or as many as prove what is wanted. */
export async function drawSample(order: { readonly workspaceId: number; readonly tableId: number; readonly share: number; readonly certainty: number; readonly count: number | null; readonly seed: number | null; readonly by: readonly string[] }): Promise<number> {
  const { table, stateId } = await tableNow(order.workspaceId, order.tableId);
  for (const name of order.by) if (!table.columns.some((c) => c.name === name)) throw new Told(`There is no column “${name}”.`, 422, 'depends');
  const rows = rowCount(table);
  const seed = order.seed ?? randomInt(1, 1_000_000);
  const count = order.count ?? rowsToDraw(rows, order.share, order.certainty);
  if (count > 5_000) throw new Told(`${count} rows would have to be looked at one by one. Ask for less certainty, or for a larger share.`, 422, 'large');
  const positions = await drawRows(table, count, seed, order.by);
  const [sample] = await database().insert(schema.samples).values({ workspaceId: order.workspaceId, sourceId: order.tableId, stateId, seed, share: order.share, certainty: order.certainty, by: order.by, rows, positions: [...positions] }).returning({ id: schema.samples.id });
  return sample!.id;
}

/** Removes a sample with what was found in it. */
export async function dropSample(workspaceId: number, id: number): Promise<void> {
  await database().delete(schema.samples).where(and(eq(schema.samples.workspaceId, workspaceId), eq(schema.samples.id, id)));
}

/** Puts one cell right by hand: a sentence of its own at the end of the brief, or one more cell of the one that is there. */
export async function putRight(order: Change & { readonly tableId: number; readonly position: number; readonly column: string; readonly now: string }): Promise<{ version: number; offer: string | null }> {
  const { entries, states } = await currentStates(order.workspaceId);
  const stateId = states.get(order.tableId);
  if (stateId === undefined) throw changed();
  const { table } = await loadState(pool(), stateId);
  if (!table.columns.some((c) => c.name === order.column) || order.position >= table.size) throw changed();
  const own = entries.filter((e) => e.sourceId === order.tableId);
  const last = own.at(-1);
  const known = await identityOf(table, order.column, order.position);
  const cell = { at: known.at, was: await textAt(table, order.column, order.position), now: order.now };
  if (cell.was === cell.now) throw new Told('The cell holds that already.', 422, 'same');
  const goesOn = last?.plan.step === 'correct' && last.plan.column === order.column && last.plan.by === known.by ? last.plan : null;
  const plan: CorrectPlan | null = goesOn ? withCorrection(goesOn, cell) : { step: 'correct', column: order.column, ...(known.by === undefined ? {} : { by: known.by }), cells: [cell] };
  const kept = entries.filter((e) => !goesOn || e.key !== last!.key).map(wantedOf);
  const wanted: Wanted[] = plan ? [{ key: goesOn ? last!.key : randomUUID(), sourceId: order.tableId, request: '', plan }] : [];
  const version = await makeRevision({ workspaceId: order.workspaceId, version: order.version, list: goesOn ? kept.toSpliced(entries.findIndex((e) => e.key === last!.key), 0, ...wanted) : await withAdded(order.workspaceId, kept, wanted), label: `put right: ${order.column}`, holds: [], settle: [], as: 'new' }, table.size);
  const sample = (await headFor(await loadState(pool(), stateId))).glances?.get(order.column)?.values?.map(([text]) => text) ?? [];
  const sweep = plan && sweepingPlan(plan, sample);
  return { version, offer: sweep ? sayPlan(sweep) : null };
}

async function textAt(table: Table, name: string, position: number): Promise<string> {
  const column = columnOf(table, name);
  return cellText(await column.load(Math.floor(position / CHUNK_ROWS)), position % CHUNK_ROWS, column.type);
}

/** Columns that may tell one row from the others are looked for among the first ones. */
const IDENTITIES = 3;

/** How a row is known: by its value in one of the first columns where no other row has the same, or by its number. */
async function identityOf(table: Table, corrected: string, position: number): Promise<{ at: string; by?: string }> {
  for (const { name, type } of table.columns.slice(0, IDENTITIES)) {
    if (name === corrected || (type !== 'text' && type !== 'whole')) continue;
    const text = await textAt(table, name, position);
    if (text.trim() === '' || (isQuantity(type) && table.columns[0]!.name !== name)) continue;
    let times = 0;
    await eachChunk(table, [name], ([chunk], _ord, _from, length) => {
      const code = chunk!.kind === 'text' ? chunk!.dictionary.indexOf(text) : 0;
      if (code < 0 || times > 1) return;
      for (let i = 0; i < length; i++) if (chunk!.kind === 'text' ? chunk!.codes[i] === code : cellText(chunk!, i, type) === text) times++;
    });
    if (times === 1) return { at: text, by: name };
  }
  return { at: String(position + 1) };
}
