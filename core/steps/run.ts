import { CHUNK_ROWS, chunkCount, chunkLength, memoryColumn, type Chunk, type Column, type ColumnHead } from '../table/column';
import { columnOf, liveMask, positionAt, rowCount, type Table } from '../table/table';
import type { CheckedHead } from '../formula/check';
import { GlanceBuilder, type Glance } from '../profile/glance';
import { mergeChunks } from './merge';
import { definitionOf, type Plan } from './registry';
import type { CellWork, Kind, Outline, SelectWork, SiftWork } from './step';

/** Code of a row that is not in the table, and of one that is on hold, in a report's `codes`. */
export const ABSENT = 255;
export const HELD = 254;

/** A kind with how many rows are of it. */
export interface KindCount extends Kind {
  readonly code: number;
  readonly rows: number;
}

/** What a step did to each row: the one record that the proof, the review, the row card and the control totals are drawn from. */
export interface Report {
  readonly kinds: readonly KindCount[];
  /** The kind's code for each position; null where the step touches no row. */
  readonly codes: Uint8Array | null;
  readonly rowsIn: number;
  readonly rowsOut: number;
  readonly held: number;
}

/** A step's result: the new version of the table, what became of its rows, and glances at the columns it made. */
export interface RunResult {
  readonly table: Table;
  readonly report: Report;
  readonly glances: ReadonlyMap<string, Glance>;
}

/** Where made columns go, chunk by chunk in order. */
export interface ColumnSink {
  write(chunk: Chunk): void | Promise<void>;
  finish(glance: Glance): Column | Promise<Column>;
}

export interface RunOptions {
  /** 1 for each position on hold: it keeps its old value, or stays in the table. */
  readonly held?: Uint8Array | null;
  readonly sinkFor?: (head: ColumnHead) => ColumnSink;
  readonly onProgress?: (done: number, total: number) => void;
  /** Throws when the run is to stop. */
  readonly check?: () => void;
}

/** Keeps made columns in memory. */
export function memorySink(head: ColumnHead): ColumnSink {
  const chunks: Chunk[] = [];
  return { write: (chunk) => void chunks.push(chunk), finish: () => memoryColumn(head, chunks) };
}

/**
 * Runs a checked plan over a whole table. Only the columns the step makes are written; all others are shared with the
 * table before. Holds are applied here, for every step alike. O(cells read and made).
 */
export async function runPlan(plan: Plan, table: Table, head: CheckedHead, options: RunOptions = {}): Promise<RunResult> {
  const definition = definitionOf(plan);
  const outline = definition.outline(plan, head);
  const work = await definition.prepare(plan, table, head);
  const rowsIn = rowCount(table);
  if (work.work === 'layout') {
    return { table: assemble(table, outline, []), report: { kinds: [], codes: null, rowsIn, rowsOut: rowsIn, held: 0 }, glances: new Map() };
  }
  if (work.work === 'cells') return runCells(work, outline, table, head, options);
  return runRows(work, outline, table, options);
}

async function runCells(work: CellWork, outline: Outline, table: Table, head: CheckedHead, options: RunOptions): Promise<RunResult> {
  const live = liveMask(table);
  const made = outline.columns.flatMap((c) => ('made' in c.from ? [{ head: c.head, made: c.from.made, before: c.from.before }] : [])).sort((a, b) => a.made - b.made);
  const sinks = made.map((m) => (options.sinkFor ?? memorySink)(m.head));
  const builders = made.map((m) => new GlanceBuilder(m.head.type));
  const codes = new Uint8Array(table.size);
  const reads = work.reads.map((name) => columnOf(table, name));
  const total = chunkCount(table.size);
  for (let ord = 0; ord < total; ord++) {
    options.check?.();
    const from = ord * CHUNK_ROWS;
    const length = chunkLength(table.size, ord);
    const chunks = await Promise.all(reads.map((c) => c.load(ord)));
    const out = work.run(chunks, from, length);
    codes.set(out.kinds, from);
    const held = options.held?.subarray(from, from + length);
    for (const [m, { head: after, before }] of made.entries()) {
      let chunk = out.made[m]!;
      if (held?.includes(1)) {
        const old = before === undefined ? null : chunks[work.reads.indexOf(before)] ?? (await columnOf(table, before).load(ord));
        chunk = mergeChunks(chunk, old, held, after.type, before === undefined ? after.type : columnOf(head, before).type);
      }
      builders[m]!.add(chunk, live?.subarray(from, from + length));
      await sinks[m]!.write(chunk);
    }
    options.onProgress?.(ord + 1, total);
  }
  const glances = new Map(made.map((m, i) => [m.head.name, builders[i]!.result()]));
  const columns = await Promise.all(sinks.map((sink, i) => sink.finish(glances.get(made[i]!.head.name)!)));
  const rows = rowCount(table);
  return { table: assemble(table, outline, columns), report: reportOf(work.kinds, codes, table, live, options.held ?? null, rows, rows), glances };
}

async function runRows(work: SiftWork | SelectWork, outline: Outline, table: Table, options: RunOptions): Promise<RunResult> {
  const live = liveMask(table);
  const held = options.held ?? null;
  let codes: Uint8Array;
  let rows: Uint32Array;
  if (work.work === 'select') {
    const out = await work.run();
    codes = out.kinds;
    rows = held ? withHeld(table, out.rows, held) : out.rows;
  } else {
    codes = new Uint8Array(table.size);
    const stay = new Uint8Array(table.size);
    const reads = work.reads.map((name) => columnOf(table, name));
    const total = chunkCount(table.size);
    for (let ord = 0; ord < total; ord++) {
      options.check?.();
      const from = ord * CHUNK_ROWS;
      const out = work.run(await Promise.all(reads.map((c) => c.load(ord))), from, chunkLength(table.size, ord));
      codes.set(out.kinds, from);
      stay.set(out.stay, from);
      options.onProgress?.(ord + 1, total);
    }
    if (held) for (let p = 0; p < stay.length; p++) if (held[p]) stay[p] = 1;
    rows = remaining(table, stay);
  }
  const rowsIn = rowCount(table);
  return { table: { ...assemble(table, outline, []), rows }, report: reportOf(work.kinds, codes, table, live, held, rowsIn, rows.length), glances: new Map() };
}

/** The positions of the table that stay, in the table's order. */
function remaining(table: Table, stay: Uint8Array): Uint32Array {
  const out = new Uint32Array(rowCount(table));
  let n = 0;
  if (table.rows) {
    for (const p of table.rows) if (stay[p]) out[n++] = p;
  } else for (let p = 0; p < table.size; p++) if (stay[p]) out[n++] = p;
  return out.slice(0, n);
}

/** Rows left by a selection, with the held rows that it left out put back after them. */
function withHeld(table: Table, rows: Uint32Array, held: Uint8Array): Uint32Array {
  const inside = new Uint8Array(table.size);
  for (const p of rows) inside[p] = 1;
  const back: number[] = [];
  for (let at = 0; at < rowCount(table); at++) {
    const p = positionAt(table, at);
    if (held[p] && !inside[p]) back.push(p);
  }
  return back.length ? Uint32Array.from([...rows, ...back]) : rows;
}

/** The table that an outline describes, with the made columns in their places. */
function assemble(table: Table, outline: Outline, made: readonly Column[]): Table {
  const columns = outline.columns.map((c): Column => ('made' in c.from ? { ...made[c.from.made]!, ...c.head } : { ...c.head, load: columnOf(table, c.from.kept).load }));
  return { name: table.name, columns, size: table.size, rows: table.rows };
}

function reportOf(kinds: readonly Kind[], codes: Uint8Array, table: Table, live: Uint8Array | null, held: Uint8Array | null, rowsIn: number, rowsOut: number): Report {
  const counts = new Uint32Array(256);
  for (let p = 0; p < table.size; p++) {
    if (live && !live[p]) codes[p] = ABSENT;
    else if (held?.[p]) codes[p] = HELD;
    counts[codes[p]!]!++;
  }
  const found = kinds.map((kind, code): KindCount => ({ ...kind, code, rows: counts[code]! })).filter((k) => k.rows > 0);
  return { kinds: found.sort((a, b) => Number(b.odd) - Number(a.odd) || a.rows - b.rows), codes, rowsIn, rowsOut, held: counts[HELD]! };
}

/** The head of a table with glances at its columns, for checking and reading. Reads every chunk of the columns not given. */
export async function headWithGlances(table: Table, known: ReadonlyMap<string, Glance> = new Map()): Promise<CheckedHead> {
  const live = liveMask(table);
  const glances = new Map<string, Glance>();
  for (const column of table.columns) {
    const given = known.get(column.name);
    if (given) {
      glances.set(column.name, given);
      continue;
    }
    const builder = new GlanceBuilder(column.type);
    for (let ord = 0; ord < chunkCount(table.size); ord++) {
      const from = ord * CHUNK_ROWS;
      builder.add(await column.load(ord), live?.subarray(from, from + chunkLength(table.size, ord)));
    }
    glances.set(column.name, builder.result());
  }
  return { name: table.name, columns: table.columns.map(({ name, type, scale }) => ({ name, type, scale })), glances };
}
