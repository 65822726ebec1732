import { CHUNK_ROWS } from '../core/table/column';
import { positionAt, rowCount, withoutHidden, type Table } from '../core/table/table';
import { cellText, cellValue, type CellValue } from '../core/values/cell';
import { folded } from '../core/values/fold';
import { prepareCondition, YES } from '../core/formula/evaluate';
import { orderedRows } from '../core/steps/order';
import { originOf, sourceSize } from '../core/table/grown';
import { eachChunk } from '../core/table/table';
import { lookedAt, markedCells, type MarkedColumn } from '../core/steps/mark/marked';
import { codeAt } from '../core/steps/codes';
import { ABSENT, stayingFor } from '../core/steps/run';
import type { CardRow, CardStep, RowCard, RowWindow, ViewSettings } from '../contract/views';
import { pool } from './db/client';
import { workedRow } from '../core/formula/worked';
import { checkPlan, definitionOf, type Plan } from '../core/steps/registry';
import { runnable } from './beside';
import { coverOf, shownAs } from './covering';
import { Told, changed } from './errors';
import { Kept } from './kept';
import { currentStates } from './workspaces';
import { headFor } from './revise';
import { loadState, positionsOf } from './store/tables';

const MOST_VIEWS = 8;
const views = new Kept<string, Uint32Array>(MOST_VIEWS);

/** A table as it is looked at. The order of a view is worked out once and kept while it is in use. */
export async function viewTable(stateId: number, settings: ViewSettings): Promise<Table> {
  const state = await loadState(pool(), stateId);
  // What rows are found and ordered by is as it is; what is seen of them may be covered.
  const table = shownAs(withoutHidden(state.table), await coverOf(state));
  if (!settings.sort && !settings.filter) return table;
  const key = JSON.stringify([stateId, settings]);
  return { ...table, rows: await views.get(key, async () => viewRows(state.table, settings, await headFor(state))) };
}

async function viewRows(table: Table, { sort, filter }: ViewSettings, head: Awaited<ReturnType<typeof headFor>>): Promise<Uint32Array> {
  let seen = table;
  if (filter) {
    const wanted = filter.text;
    const of = { kind: 'column' as const, name: filter.column };
    const test = await prepareCondition(wanted === '' ? { kind: 'empty', of } : { kind: 'text', test: 'contains', of, texts: [wanted] }, table, head);
    const fits = new Uint8Array(table.size);
    await eachChunk(table, test.reads, (chunks, _ord, from, length) => fits.set(test.test(chunks, from, length), from));
    const rows: number[] = [];
    for (let at = 0; at < rowCount(table); at++) {
      const p = positionAt(table, at);
      if (fits[p] === YES) rows.push(p);
    }
    seen = { ...table, rows: Uint32Array.from(rows) };
  }
  return sort ? orderedRows(seen, head, [sort]) : Uint32Array.from({ length: rowCount(seen) }, (_, at) => positionAt(seen, at));
}

/** Rows `from` to `from + count` of a table. Loads each chunk concerned once. */
export async function rowsOf(table: Table, from: number, count: number): Promise<RowWindow> {
  const total = rowCount(table);
  const positions = Array.from({ length: Math.max(0, Math.min(count, total - from)) }, (_, i) => positionAt(table, from + i));
  const source = sourceSize(table);
  return { total, from, positions, lines: positions.map((p) => originOf(table, p, source)), cells: await cellsAt(table, positions), marks: {} };
}

const MOST_MARKED = 6;
const markings = new Kept<string, readonly MarkedColumn[]>(MOST_MARKED);

/** The accents of cells at some positions of a version; of columns that are covered nothing is told, nor by what they hold. */
export async function marksAt(stateId: number, positions: readonly number[]): Promise<RowWindow['marks']> {
  const state = await loadState(pool(), stateId);
  if (!state.table.columns.some((c) => c.marks)) return {};
  const { names } = await coverOf(state);
  const found = await markings.get(JSON.stringify([stateId, [...names]]), async () => {
    const { table, head } = await runnable(state);
    return markedCells(table, { ...head, columns: head.columns.map((c) => (c.marks ? { ...c, marks: c.marks.filter((m) => !lookedAt(m).some((n) => names.has(n))) } : c)) });
  });
  return Object.fromEntries(found.map(({ column, accents }) => [column, positions.map((p) => accents[p]!)]));
}

/** The cells of some positions, in their order. */
export async function cellsAt(table: Table, positions: readonly number[]): Promise<CellValue[][]> {
  const cells = positions.map(() => new Array<CellValue>(table.columns.length));
  const ords = [...new Set(positions.map((p) => Math.floor(p / CHUNK_ROWS)))];
  await Promise.all(
    table.columns.map(async (column, c) => {
      const chunks = new Map(await Promise.all(ords.map(async (ord) => [ord, await column.load(ord)] as const)));
      positions.forEach((p, i) => {
        cells[i]![c] = cellValue(chunks.get(Math.floor(p / CHUNK_ROWS))!, p % CHUNK_ROWS, column.type);
      });
    }),
  );
  return cells;
}

/** The cells of some positions in the columns named, in their order; null where the table has no such column. */
export async function cellsNamed(table: Table, names: readonly string[], positions: readonly number[]): Promise<CellValue[][]> {
  const columns = names.flatMap((n) => table.columns.filter((c) => c.name === n));
  const cells = await cellsAt({ ...table, columns }, positions);
  const places = names.map((n) => columns.findIndex((c) => c.name === n));
  return cells.map((row) => places.map((at) => (at < 0 ? null : row[at]!)));
}

/** The next place, after `after`, whose row holds a text in any column; null when there is none. */
export async function findText(table: Table, text: string, after: number): Promise<{ place: number; column: string } | null> {
  const wanted = folded(text);
  if (wanted === '') return null;
  const total = rowCount(table);
  for (let step = 1; step <= total; step++) {
    const place = (after + step) % total;
    const p = positionAt(table, place);
    for (const column of table.columns) {
      const chunk = await column.load(Math.floor(p / CHUNK_ROWS));
      if (folded(cellText(chunk, p % CHUNK_ROWS, column.type)).includes(wanted)) return { place, column: column.name };
    }
  }
  return null;
}

interface CardEntry {
  readonly id: number;
  readonly key: string;
  readonly sentence: string;
  readonly before: number;
  readonly after: number;
  readonly report: { readonly kinds: readonly { readonly code: number; readonly words: string }[] };
}

/** The card of one row: read from the reports and the versions, nothing is computed again. */
export async function rowCard(entries: readonly CardEntry[], firstState: number, position: number): Promise<RowCard> {
  const db = pool();
  const { table: latest } = await loadState(db, entries.at(-1)?.after ?? firstState);
  if (position < 0 || position >= latest.size) throw new Told('There is no such row.', 404, 'gone');
  // Before a row was made out of another, it was that one.
  const placeIn = (table: Table): number => originOf(latest, position, table.size);
  const at = async (stateId: number): Promise<Map<string, CellValue>> => {
    const state = await loadState(db, stateId);
    const table = shownAs(withoutHidden(state.table), await coverOf(state));
    const [cells] = await cellsAt(table, [placeIn(table)]);
    return new Map(table.columns.map((c, i) => [c.name, cells![i]!]));
  };
  const ids = entries.map((e) => e.id);
  const { rows } = await db.query<{ id: number; codes: Buffer | null; stays: Buffer | null }>('select id, codes, stays from entries where id = any($1)', [ids]);
  const packed = new Map(rows.map((r) => [r.id, r.codes]));
  const linked = new Map(rows.flatMap((r) => (r.stays ? [[r.id, positionsOf(r.stays)] as const] : [])));
  const rowIn = (table: Table) => (p: number): CardRow => ({ position: p, line: originOf(table, p, sourceSize(table)) });
  const source = await at(firstState);
  let before = source;
  const steps: CardStep[] = [];
  let gone = false;
  for (const entry of entries) {
    const { table: given } = await loadState(db, entry.before);
    const own = packed.get(entry.id);
    const code = own && codeAt(own, placeIn(given));
    const after = await at(entry.after);
    if (!gone && code !== ABSENT) {
      const changes = [...after].filter(([name, value]) => before.get(name) !== value && (before.has(name) || value !== null)).map(([column, value]) => ({ column, before: before.get(column) ?? null, after: value }));
      const kind = code === undefined || code === null ? 'columns only' : (entry.report.kinds.find((k) => k.code === (code & 63))?.words ?? '');
      const { table } = await loadState(db, entry.after);
      gone = table.rows !== null && !table.rows.includes(placeIn(table));
      steps.push({ key: entry.key, sentence: entry.sentence, kind, held: code !== undefined && code !== null && (code & 64) !== 0, gone, ...linksOf(linked.get(entry.id), placeIn(given), rowIn(given)), changes });
    }
    before = after;
  }
  const list = (cells: Map<string, CellValue>) => [...cells].map(([column, value]) => ({ column, value }));
  return { position, line: originOf(latest, position, sourceSize(latest)), source: list(source), now: gone ? null : list(before), steps };
}

const MOST_REPLACED = 5;

/** The row that stays for one, and those that were set aside for it. O(rows set aside). */
function linksOf(pairs: Uint32Array | undefined, position: number, row: (p: number) => CardRow): Pick<CardStep, 'staying' | 'replaced'> {
  if (!pairs) return { staying: null, replaced: [] };
  const stay = stayingFor(pairs, position);
  const replaced: CardRow[] = [];
  for (let i = 1; i < pairs.length && replaced.length < MOST_REPLACED; i += 2) if (pairs[i] === position) replaced.push(row(pairs[i - 1]!));
  return { staying: stay === null ? null : row(stay), replaced };
}

/** How one row's value was worked out by a kept sentence, line by line, or would be by another plan in its place; none for what calculates nothing. */
export async function workedFor(workspaceId: number, key: string, position: number, other?: Plan): Promise<string[]> {
  const { entries, states } = await currentStates(workspaceId);
  const entry = entries.find((e) => e.key === key);
  if (!entry) throw changed();
  const plan = other ?? entry.plan;
  if (plan.step !== 'calculate') return [];
  const [state, { table: after }] = await Promise.all([loadState(pool(), entry.before), loadState(pool(), states.get(entry.sourceId)!)]);
  const cover = await coverOf(state);
  if (definitionOf(plan).reads(plan).some((n) => cover.names.has(n))) return ['covered: it is worked out from a column that is shown masked'];
  if (position >= after.size) throw new Told('There is no such row.', 404, 'gone');
  const { table, head } = await runnable(state);
  const [problem] = checkPlan(plan, head);
  if (problem) throw new Told(problem.text, 422, 'depends');
  return workedRow(plan.as, table, head, originOf(after, position, state.table.size));
}
