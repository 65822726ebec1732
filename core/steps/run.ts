import { CHUNK_ROWS, chunkCount, chunkLength, headOf, memoryColumn, type Chunk, type Column, type ColumnHead } from '../table/column';
import { columnOf, liveMask, positionAt, rowCount, type Table } from '../table/table';
import type { CheckedHead } from '../formula/check';
import { GlanceBuilder, glanceAt, type Glance } from '../profile/glance';
import type { SpellingGroup } from '../match/spellings';
import { mergeChunks } from './merge';
import { definitionOf, type Plan } from './registry';
import { gathered, grown, joined, sourceSize } from '../table/grown';
import type { AnswerTable, CellWork, Kind, Outline, SelectWork, SiftWork, SpreadWork, Work } from './step';

/** In a report's `codes`: a row that is not in the table; and the flag of a row on hold, over its kind. */
export const ABSENT = 255;
export const HELD = 64;

/** A kind with how many rows are of it. */
export interface KindCount extends Kind {
  readonly code: number;
  readonly rows: number;
  readonly held: number;
  /** Rows that were added to those of the kind. */
  readonly added?: number;
}

/** What a step did to each row: the one record that the proof, the review, the row card and the control totals are drawn from. */
export interface Report {
  readonly kinds: readonly KindCount[];
  /** The kind's code for each position, with the HELD flag; null where the step touches no row. */
  readonly codes: Uint8Array | null;
  readonly rowsIn: number;
  readonly rowsOut: number;
  readonly held: number;
  /** Rows that were set aside for another one: pairs of the row and the one that stays, in the order of the former's positions. */
  readonly stays?: Uint32Array;
}

/** A step's result: the new version of the table, what became of its rows, and glances at the columns it made. */
export interface RunResult {
  readonly table: Table;
  readonly report: Report;
  readonly glances: ReadonlyMap<string, Glance>;
  /** What a question was answered with. */
  readonly answer?: AnswerTable;
  /** Groups of look-alike spellings that the step found. */
  readonly spellings?: readonly SpellingGroup[];
}

/** Where made columns go, chunk by chunk in order. */
export interface ColumnSink {
  write(chunk: Chunk): void | Promise<void>;
  finish(glance: Glance): Column | Promise<Column>;
}

/** What is on hold for one sentence: single rows by position, and whole kinds by their keys. */
export interface Holds {
  readonly rows: ReadonlySet<number>;
  readonly kinds: ReadonlySet<string>;
}

export interface RunOptions {
  /** Rows on hold keep their old value, or stay in the table. */
  readonly holds?: Holds | null;
  readonly sinkFor?: (head: ColumnHead) => ColumnSink;
  readonly onProgress?: (done: number, total: number) => void;
  /** Called between chunks: throws when the run is to stop; may wait, to let others have the thread. */
  readonly check?: () => void | Promise<void>;
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
  return runWork(await definition.prepare(plan, table, head, options.onProgress), definition.outline(plan, head), table, head, options);
}

async function runWork(work: Work, outline: Outline, table: Table, head: CheckedHead, options: RunOptions): Promise<RunResult> {
  const rowsIn = rowCount(table);
  if (work.work === 'answer') {
    return { table, report: { kinds: [], codes: null, rowsIn, rowsOut: rowsIn, held: 0 }, glances: new Map(), answer: await work.run() };
  }
  if (work.work === 'layout') {
    return { table: assemble(table, outline, []), report: { kinds: [], codes: null, rowsIn, rowsOut: rowsIn, held: 0 }, glances: new Map() };
  }
  if (work.work === 'spread') return runSpread(work, outline, table, head, options);
  return work.work === 'cells' ? runCells(work, outline, table, head, options) : runRows(work, outline, table, options);
}

interface MadeColumn {
  readonly head: ColumnHead;
  readonly before: string | undefined;
}

/** The columns a step makes, in the order in which its work gives them. */
const madeColumns = (outline: Outline): MadeColumn[] =>
  outline.columns
    .flatMap((c) => ('made' in c.from ? [{ head: c.head, made: c.from.made, before: c.from.before }] : []))
    .sort((a, b) => a.made - b.made);

/** Cell work over one chunk, with the held rows' old values put back. */
async function workChunk(work: CellWork, made: readonly MadeColumn[], table: Table, head: CheckedHead, ord: number, holds: Holds | null): Promise<{ chunks: Chunk[]; kinds: Uint8Array }> {
  const from = ord * CHUNK_ROWS;
  const length = chunkLength(table.size, ord);
  const read = await Promise.all(work.reads.map((name) => columnOf(table, name).load(ord)));
  const out = work.run(read, from, length);
  const held = heldMask(work.kinds, out.kinds, from, holds);
  if (!held) return { chunks: [...out.made], kinds: out.kinds };
  const chunks: Chunk[] = [];
  for (const [m, { head: after, before }] of made.entries()) {
    const old = before === undefined ? null : (read[work.reads.indexOf(before)] ?? (await columnOf(table, before).load(ord)));
    chunks.push(mergeChunks(out.made[m]!, old, held, after.type, before === undefined ? after.type : columnOf(head, before).type));
  }
  const kinds = out.kinds.map((k, i) => (held[i] ? k | HELD : k));
  return { chunks, kinds };
}

/** 1 for each row of a chunk that is on hold; null when none is. */
function heldMask(kinds: readonly Kind[], codes: Uint8Array, from: number, holds: Holds | null): Uint8Array | null {
  if (!holds || (holds.rows.size === 0 && holds.kinds.size === 0)) return null;
  const heldKinds = new Set(kinds.flatMap((k, code) => (holds.kinds.has(k.key) ? [code] : [])));
  const mask = codes.map((code, i) => (heldKinds.has(code) || holds.rows.has(from + i) ? 1 : 0));
  return mask.includes(1) ? mask : null;
}

async function runCells(work: CellWork, outline: Outline, table: Table, head: CheckedHead, options: RunOptions): Promise<RunResult> {
  const live = liveMask(table);
  const made = madeColumns(outline);
  const sinks = made.map((m) => (options.sinkFor ?? memorySink)(m.head));
  const builders = made.map((m) => new GlanceBuilder(m.head.type));
  const codes = new Uint8Array(table.size);
  const total = chunkCount(table.size);
  for (let ord = 0; ord < total; ord++) {
    await options.check?.();
    const from = ord * CHUNK_ROWS;
    const { chunks, kinds } = await workChunk(work, made, table, head, ord, options.holds ?? null);
    codes.set(kinds, from);
    for (const [m, chunk] of chunks.entries()) {
      builders[m]!.add(chunk, live?.subarray(from, from + chunk.length));
      await sinks[m]!.write(chunk);
    }
    options.onProgress?.(ord + 1, total);
  }
  const glances = new Map(made.map((m, i) => [m.head.name, builders[i]!.result()]));
  const columns: Column[] = [];
  for (const [i, sink] of sinks.entries()) columns.push(await sink.finish(glances.get(made[i]!.head.name)!));
  const rows = rowCount(table);
  return { table: assemble(table, outline, columns), report: reportOf(work.kinds, codes, live, rows, rows), glances, ...(work.spellings ? { spellings: work.spellings } : {}) };
}

async function runRows(work: SiftWork | SelectWork, outline: Outline, table: Table, options: RunOptions): Promise<RunResult> {
  const holds = options.holds ?? null;
  let codes: Uint8Array;
  let rows: Uint32Array;
  let stays: Uint32Array | null = null;
  if (work.work === 'select') {
    const out = await work.run();
    codes = out.kinds;
    const held = heldMask(work.kinds, codes, 0, holds);
    rows = held ? withHeld(table, out.rows, held) : out.rows;
    if (out.stays) stays = pairsInOrder(out.stays, held);
    flag(codes, held);
  } else {
    codes = new Uint8Array(table.size);
    const stay = new Uint8Array(table.size);
    const reads = work.reads.map((name) => columnOf(table, name));
    const total = chunkCount(table.size);
    for (let ord = 0; ord < total; ord++) {
      await options.check?.();
      const from = ord * CHUNK_ROWS;
      const out = work.run(await Promise.all(reads.map((c) => c.load(ord))), from, chunkLength(table.size, ord));
      codes.set(out.kinds, from);
      stay.set(out.stay, from);
      options.onProgress?.(ord + 1, total);
    }
    const held = heldMask(work.kinds, codes, 0, holds);
    if (held) for (let p = 0; p < stay.length; p++) if (held[p]) stay[p] = 1;
    flag(codes, held);
    rows = remaining(table, stay);
  }
  const rowsIn = rowCount(table);
  return { table: { ...assemble(table, outline, []), rows }, report: { ...reportOf(work.kinds, codes, liveMask(table), rowsIn, rows.length), ...(stays ? { stays } : {}) }, glances: new Map() };
}

/** Pairs of positions in the order of the first ones; a row on hold is not set aside for another. O(n log n). */
function pairsInOrder(pairs: readonly number[], held: Uint8Array | null): Uint32Array {
  const order: number[] = [];
  for (let i = 0; i < pairs.length; i += 2) if (!held?.[pairs[i]!]) order.push(i);
  order.sort((a, b) => pairs[a]! - pairs[b]!);
  return Uint32Array.from(order.flatMap((i) => [pairs[i]!, pairs[i + 1]!]));
}

/** The row that stays for one that was set aside, or null. O(log n). */
export function stayingFor(stays: Uint32Array, position: number): number | null {
  let low = 0, high = stays.length / 2;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (stays[middle * 2]! < position) low = middle + 1;
    else high = middle;
  }
  return stays[low * 2] === position ? stays[low * 2 + 1]! : null;
}

/** Rows that become several: the first keeps its position, the others get new ones at the end and stand right behind it. */
async function runSpread(work: SpreadWork, outline: Outline, table: Table, head: CheckedHead, options: RunOptions): Promise<RunResult> {
  const live = liveMask(table);
  const made = madeColumns(outline);
  const codes = new Uint8Array(table.size);
  const counts = new Uint32Array(table.size);
  const added: Chunk[][] = made.map(() => []);
  const bases: Chunk[][] = made.map(() => []);
  const origins: number[] = [];
  const total = chunkCount(table.size);
  for (let ord = 0; ord < total; ord++) {
    await options.check?.();
    const from = ord * CHUNK_ROWS, length = chunkLength(table.size, ord);
    const read = await Promise.all(work.reads.map((name) => columnOf(table, name).load(ord)));
    const out = work.run(read, from, length);
    const held = heldMask(work.kinds, out.kinds, from, options.holds ?? null);
    const firsts = new Uint32Array(length);
    const more: number[] = [];
    let at = 0;
    for (let i = 0; i < length; i++) {
      firsts[i] = at;
      // A row on hold, or not in the table, stays one.
      const n = held?.[i] || (live && !live[from + i]) ? 1 : out.counts[i]!;
      counts[from + i] = n;
      for (let k = 1; k < n; k++) {
        more.push(at + k);
        origins.push(from + i);
      }
      at += out.counts[i]!;
    }
    codes.set(held ? out.kinds.map((k, i) => (held[i] ? k | HELD : k)) : out.kinds, from);
    for (const [m, { head: after, before }] of made.entries()) {
      const own = gathered(out.made[m]!, firsts);
      const old = !held || before === undefined ? null : (read[work.reads.indexOf(before)] ?? (await columnOf(table, before).load(ord)));
      bases[m]!.push(held ? mergeChunks(own, old, held, after.type, before === undefined ? after.type : columnOf(head, before).type) : own);
      if (more.length) added[m]!.push(gathered(out.made[m]!, more));
    }
    options.onProgress?.(ord + 1, total);
  }
  const first = sourceSize(table);
  const all = new Uint32Array(table.size - first + origins.length);
  if (table.origins) all.set(table.origins);
  all.set(origins, table.size - first);
  const after = { size: table.size + origins.length, origins: all };
  const rows = spreadRows(table, counts);
  const glances = new Map<string, Glance>();
  const columns: Column[] = [];
  const stay = rows && liveMask({ ...table, ...after, rows });
  for (const [m, { head: h }] of made.entries()) {
    const sink = (options.sinkFor ?? memorySink)(h);
    const builder = new GlanceBuilder(h.type);
    const last = bases[m]!.pop();
    const tail = joined([...(last ? [last] : []), ...added[m]!]);
    const chunks = [...bases[m]!, ...Array.from({ length: Math.ceil(tail.length / CHUNK_ROWS) }, (_, i) => gathered(tail, range(i * CHUNK_ROWS, Math.min(tail.length, (i + 1) * CHUNK_ROWS))))];
    for (const [ord, chunk] of chunks.entries()) {
      builder.add(chunk, stay?.subarray(ord * CHUNK_ROWS, ord * CHUNK_ROWS + chunk.length));
      await sink.write(chunk);
    }
    glances.set(h.name, builder.result());
    columns.push(await sink.finish(glances.get(h.name)!));
  }
  const grownTable: Table = { ...table, ...after, rows, columns: origins.length ? table.columns.map((c) => grown(c, table.size, after)) : table.columns };
  const rowsIn = rowCount(table);
  const report = reportOf(work.kinds, codes, live, rowsIn, rowCount(grownTable));
  const more = new Array<number>(256).fill(0);
  for (const p of origins) more[codes[p]! & 63]!++;
  return { table: assemble(grownTable, outline, columns), report: { ...report, kinds: report.kinds.map((k) => (more[k.code] ? { ...k, added: more[k.code]! } : k)) }, glances };
}

const range = (from: number, to: number): Uint32Array => Uint32Array.from({ length: to - from }, (_, i) => from + i);

/** The rows of a table with those that were added right behind the ones they come from. */
function spreadRows(table: Table, counts: Uint32Array): Uint32Array | null {
  const starts = new Uint32Array(table.size);
  let next = table.size;
  for (let p = 0; p < table.size; p++) {
    starts[p] = next;
    next += counts[p]! - 1;
  }
  if (next === table.size) return table.rows;
  const out: number[] = [];
  for (let at = 0; at < rowCount(table); at++) {
    const p = positionAt(table, at);
    out.push(p);
    for (let k = 0; k < counts[p]! - 1; k++) out.push(starts[p]! + k);
  }
  return Uint32Array.from(out);
}

function flag(codes: Uint8Array, held: Uint8Array | null): void {
  if (held) for (let p = 0; p < codes.length; p++) if (held[p]) codes[p]! |= HELD;
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

/** Drops what it is given: for counting kinds without keeping cells. */
export const noSink = (): ColumnSink => ({ write: () => undefined, finish: () => ({ name: '', type: 'text', scale: null, load: () => Promise.reject(new Error('These cells were only counted.')) }) as Column });

/**
 * A plan tried out without writing anything: cells are worked out when a chunk of them is asked for. Steps that remove or
 * order rows are run over their columns at once, since the rows left depend on all of them.
 */
export async function tryPlan(plan: Plan, table: Table, head: CheckedHead): Promise<Table> {
  const definition = definitionOf(plan);
  const work = await definition.prepare(plan, table, head);
  if (work.work === 'answer') return table;
  const outline = definition.outline(plan, head);
  return work.work === 'cells' ? lazily(work, outline, table, head) : (await runWork(work, outline, table, head, {})).table;
}

/** A plan tried out and counted: the table as `tryPlan` gives it, with what the step does to each row. The work is prepared once. */
export async function provePlan(plan: Plan, table: Table, head: CheckedHead, watch: Pick<RunOptions, 'check' | 'onProgress'> = {}): Promise<RunResult> {
  const definition = definitionOf(plan);
  const outline = definition.outline(plan, head);
  const work = await definition.prepare(plan, table, head, watch.onProgress);
  const result = await runWork(work, outline, table, head, { sinkFor: work.work === 'spread' ? memorySink : noSink, ...watch });
  return work.work === 'cells' ? { ...result, table: lazily(work, outline, table, head) } : result;
}

/** The table that cell work leads to, each chunk worked out when it is asked for. */
function lazily(work: CellWork, outline: Outline, table: Table, head: CheckedHead): Table {
  const made = madeColumns(outline);
  const done = new Map<number, Promise<Chunk[]>>();
  const chunksOf = (ord: number): Promise<Chunk[]> => {
    let chunks = done.get(ord);
    if (!chunks) {
      if (done.size >= 8) done.delete(done.keys().next().value!);
      done.set(ord, (chunks = workChunk(work, made, table, head, ord, null).then((r) => r.chunks)));
    }
    return chunks;
  };
  return assemble(table, outline, made.map((m, i): Column => ({ ...m.head, load: async (ord) => (await chunksOf(ord))[i]! })));
}

/** The first rows of a table as a table of its own, for a first look at a large one. */
export function firstRows(table: Table, size: number): Table {
  if (size >= table.size) return table;
  const first = sourceSize(table);
  return { ...table, size, rows: table.rows ? table.rows.filter((p) => p < size) : null, ...(table.origins ? { origins: table.origins.subarray(0, Math.max(0, size - first)) } : {}) };
}

/** The table that an outline describes, with the made columns in their places. */
function assemble(table: Table, outline: Outline, made: readonly Column[]): Table {
  const columns = outline.columns.map((c): Column => { const { hidden: _, look: _look, marks: _marks, ...column } = 'made' in c.from ? made[c.from.made]! : columnOf(table, c.from.kept); return { ...column, ...c.head }; });
  return { ...table, columns };
}

/** Where the run of equal codes that begins at a position ends; long runs are passed four codes at a time. */
function runEnd(codes: Uint8Array, from: number): number {
  const code = codes[from]!;
  let p = from + 1;
  while (p < codes.length && (codes.byteOffset + p) % 4 !== 0) {
    if (codes[p] !== code) return p;
    p++;
  }
  const words = new Uint32Array(codes.buffer, codes.byteOffset + p - ((codes.byteOffset + p) % 4), p < codes.length ? (codes.length - p) >> 2 : 0);
  const four = (code * 0x01010101) >>> 0;
  let w = 0;
  while (w < words.length && words[w] === four) w++;
  p += w * 4;
  while (p < codes.length && codes[p] === code) p++;
  return p;
}

function reportOf(kinds: readonly Kind[], codes: Uint8Array, live: Uint8Array | null, rowsIn: number, rowsOut: number): Report {
  if (live) for (let p = 0; p < codes.length; p++) if (live[p] === 0) codes[p] = ABSENT;
  const counts = new Array<number>(256).fill(0);
  // Equal codes come in runs: each run is counted once.
  for (let p = 0; p < codes.length; ) {
    const end = runEnd(codes, p);
    counts[codes[p]!]! += end - p;
    p = end;
  }
  const found = kinds.map((kind, code): KindCount => ({ ...kind, code, rows: counts[code]! + counts[code | HELD]!, held: counts[code | HELD]! })).filter((k) => k.rows > 0);
  return { kinds: found.sort((a, b) => Number(b.unlikely ?? false) - Number(a.unlikely ?? false) || Number(b.odd) - Number(a.odd) || a.rows - b.rows), codes, rowsIn, rowsOut, held: found.reduce((n, k) => n + k.held, 0) };
}

/** What is known of the tables beside one. */
export const othersOf = (table: Table): Pick<CheckedHead, 'others'> => (table.others ? { others: new Map([...table.others].map(([name, { head }]) => [name, head])) } : {});

/** The head of a table with glances at its columns, for checking and reading. Reads every chunk of the columns not given. */
export async function headWithGlances(table: Table, known: ReadonlyMap<string, Glance> = new Map()): Promise<CheckedHead> {
  const glances = new Map<string, Glance>();
  for (const column of table.columns) glances.set(column.name, known.get(column.name) ?? (await glanceAt(table, column)));
  return { name: table.name, columns: table.columns.map(headOf), glances, ...othersOf(table) };
}
