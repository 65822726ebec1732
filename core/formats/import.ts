import { memoryColumn, type Chunk, type ColumnHead } from '../table/column';
import type { Table } from '../table/table';
import { RowReader, UnreadableFile, detectLayout, sampleRows, type Layout } from './csv';
import { ColumnBuilder, guessType, looksLikeData, type ColumnSetting, type TypeGuess } from './columnise';
import { uniqueName } from '../values/names';
import { decoderFor, detectEncoding, type Encoding } from './encoding';

/** Everything that has to be known to read a file into a table; shown on the import page and changeable there. */
export interface ImportSettings extends Layout {
  readonly encoding: Encoding;
  readonly columns: readonly ColumnSetting[];
}

/** What the import page shows: the settings found, the guesses behind them, and the first rows. */
export interface Preview {
  readonly settings: ImportSettings;
  readonly bom: boolean;
  readonly guesses: readonly TypeGuess[];
  readonly rows: readonly (readonly string[])[];
  readonly sampled: number;
  /** The sample is the whole file, so the counts are exact. */
  readonly whole: boolean;
  readonly notes: readonly ImportNote[];
}

/** One line of the import report: what was seen how often, where first, and what was done about it. */
export interface ImportNote {
  readonly count: number;
  readonly lines: readonly number[];
  readonly text: string;
}

/** The most columns a table can have. */
export const MOST_COLUMNS = 4_000;
const EXTRA = 'Extra cells';

/**
 * What a file looks like from its first bytes. `forced` overrides parts of what is detected (the person changed them on
 * the page). Throws NotText for a binary file and UnreadableFile for an empty one or a header without rows.
 */
export function previewFile(head: Uint8Array, whole: boolean, forced: Partial<Layout> & { encoding?: Encoding } = {}): Preview {
  if (head.length === 0) throw new UnreadableFile('The file is empty. Choose a file with a heading line and at least one row.', 1);
  const guess = detectEncoding(head);
  const encoding = forced.encoding ?? guess.encoding;
  const sample = decoderFor(encoding).decode(head, { stream: !whole });
  if (sample.trim() === '') throw new UnreadableFile('The file holds nothing but blank lines. Choose a file with a heading line and at least one row.', 1);
  const found = detectLayout(sample, looksLikeData);
  const layout: Layout = { delimiter: forced.delimiter ?? found.delimiter, quote: forced.quote ?? found.quote, header: forced.header ?? found.header };
  const rows = sampleRows(sample, layout.delimiter, layout.quote, 5_000);
  const first = rows[0];
  if (!first) throw new UnreadableFile('No complete row was found at the start of the file: a quote may be left open on line 1.', 1);
  const body = layout.header ? rows.slice(1) : rows;
  if (body.length === 0) throw new UnreadableFile('The file has a heading on line 1 and no rows after it. Choose a file with at least one row.', 1);
  const width = layout.header ? first.length : Math.max(...body.map((r) => r.length));
  if (width > MOST_COLUMNS) throw new UnreadableFile(`Line 1 has ${width} columns; at most ${MOST_COLUMNS} can be taken. Check the delimiter.`, 1);
  const { names, notes } = headings(layout.header ? first : [], width);
  const guesses = names.map((_, c) => guessType(body.map((r) => r[c] ?? '')));
  const columns = names.map((name, c) => ({ name, type: guesses[c]!.type, dayFirst: guesses[c]!.dayFirst }));
  return { settings: { ...layout, encoding, columns }, bom: guess.bom, guesses, rows: body.slice(0, 40), sampled: body.length, whole, notes };
}

/** Column names from a heading row: trimmed, empty ones numbered, repeated ones told apart, each with a note. */
export function headings(first: readonly string[], width: number): { names: string[]; notes: ImportNote[] } {
  const names: string[] = [];
  const taken = new Set<string>();
  const empty: number[] = [];
  const repeated: string[] = [];
  for (let c = 0; c < width; c++) {
    const written = (first[c] ?? '').replace(/\s+/g, ' ').trim();
    if (written === '' && first.length > 0) empty.push(c + 1);
    const base = written || `Column ${c + 1}`;
    let name = base;
    for (let n = 2; taken.has(name.toLowerCase()); n++) name = `${base} ${n}`;
    if (name !== base) repeated.push(`“${base}” is now “${name}”`);
    taken.add(name.toLowerCase());
    names.push(name);
  }
  const notes: ImportNote[] = [];
  if (empty.length) notes.push({ count: empty.length, lines: [1], text: `empty heading${empty.length > 1 ? 's' : ''}: named by place (column ${empty.slice(0, 5).join(', ')}${empty.length > 5 ? ' …' : ''})` });
  if (repeated.length) notes.push({ count: repeated.length, lines: [1], text: `repeated heading${repeated.length > 1 ? 's' : ''}: ${repeated.slice(0, 3).join('; ')}${repeated.length > 3 ? ' …' : ''}` });
  return { names, notes };
}

/** Takes the chunks of column `column` as they fill, in order. */
export type ChunkSink = (column: number, chunk: Chunk) => void | Promise<void>;

/** What an import gives: the heads of the columns, the number of rows, and the report. */
export interface Imported {
  readonly heads: readonly ColumnHead[];
  readonly size: number;
  readonly notes: readonly ImportNote[];
  readonly misfits: readonly number[];
}

/**
 * Reads a whole file, block by block, into typed chunks handed to `sink`. Rows too short are filled with blanks; cells
 * beyond the last heading are kept in a column of their own. Memory: one chunk of each column and the longest row.
 */
export async function importRows(blocks: AsyncIterable<Uint8Array> | Iterable<Uint8Array>, settings: ImportSettings, sink: ChunkSink): Promise<Imported> {
  const decoder = decoderFor(settings.encoding);
  const reader = new RowReader(settings);
  const width = settings.columns.length;
  const builders = settings.columns.map((c) => new ColumnBuilder(c));
  const extra = new ColumnBuilder({ name: EXTRA, type: 'text', dayFirst: true });
  const extraChunks: Chunk[] = [];
  const odd = { short: [] as number[], long: [] as number[] };
  let shortCount = 0, longCount = 0, size = 0;
  let skipHeader = settings.header;
  const full: { column: number; chunk: Chunk }[] = [];

  const take = async (rows: string[][]): Promise<void> => {
    for (let r = 0; r < rows.length; r++) {
      if (skipHeader) {
        skipHeader = false;
        continue;
      }
      const row = rows[r]!;
      if (row.length < width && shortCount++ < 20) odd.short.push(reader.lines[r]!);
      let surplus = '';
      if (row.length > width) {
        surplus = row.slice(width).join(settings.delimiter);
        if (surplus.split(settings.delimiter).some((c) => c.trim() !== '') && longCount++ < 20) odd.long.push(reader.lines[r]!);
      }
      for (let c = 0; c < width; c++) {
        const chunk = builders[c]!.push(row[c] ?? '');
        if (chunk) full.push({ column: c, chunk });
      }
      const chunk = extra.push(surplus);
      if (chunk) extraChunks.push(chunk);
      size++;
    }
    for (const { column, chunk } of full.splice(0)) await sink(column, chunk);
  };

  for await (const block of blocks as AsyncIterable<Uint8Array>) await take(reader.write(decoder.decode(block, { stream: true })));
  await take(reader.write(decoder.decode()));
  await take(reader.end());
  if (size === 0) throw new UnreadableFile('The file has a heading and no rows. Choose a file with at least one row.', 1);
  for (const [c, builder] of builders.entries()) {
    const chunk = builder.flush();
    if (chunk) await sink(c, chunk);
  }
  const heads: ColumnHead[] = builders.map((b) => ({ name: b.setting.name, type: b.setting.type, scale: b.setting.type === 'text' ? null : b.scale }));
  const notes: ImportNote[] = [];
  if (shortCount) notes.push({ count: shortCount, lines: odd.short, text: `row${shortCount > 1 ? 's' : ''} with fewer cells than headings: the missing cells are blank` });
  if (longCount) {
    const last = extra.flush();
    for (const chunk of last ? [...extraChunks, last] : extraChunks) await sink(width, chunk);
    heads.push({ name: uniqueName(EXTRA, heads.map((h) => h.name)), type: 'text', scale: null });
    notes.push({ count: longCount, lines: odd.long, text: `row${longCount > 1 ? 's' : ''} with more cells than headings: the surplus is kept in “${heads[width]!.name}”` });
  }
  const quotes = reader.quoteFaults;
  if (quotes.length) notes.push({ count: quotes.length, lines: quotes.slice(0, 20), text: `row${quotes.length > 1 ? 's' : ''} with a quote in the wrong place: read as well as could be, look at ${quotes.length > 1 ? 'them' : 'it'}` });
  builders.forEach((b) => {
    if (b.misfitCount) notes.push({ count: b.misfitCount, lines: [], text: `cell${b.misfitCount > 1 ? 's' : ''} in “${b.setting.name}” that do not fit its type: kept as written` });
  });
  return { heads, size, notes, misfits: builders.map((b) => b.misfitCount) };
}

/** A whole file as a table in memory, with types as detected. For small files, the command line and tests. */
export async function tableFromBytes(name: string, bytes: Uint8Array): Promise<Table & { notes: readonly ImportNote[] }> {
  const { settings, notes } = previewFile(bytes, true);
  const chunks: Chunk[][] = [];
  const imported = await importRows([bytes], settings, (c, chunk) => void (chunks[c] ??= []).push(chunk));
  const columns = imported.heads.map((head, c) => memoryColumn(head, chunks[c] ?? []));
  return { name, columns, size: imported.size, rows: null, notes: [...notes, ...imported.notes] };
}
