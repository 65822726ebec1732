import { isQuestion } from '../core/steps/questions';
import type { createReadStream } from 'node:fs';
import { createWriteStream, mkdirSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { once } from 'node:events';
import { openSession, tell } from '../core/brief/session';
import { createHash } from 'node:crypto';
import { recordMarkdown, sessionRecord } from '../core/brief/record';
import { csvDigest, csvPieces, jsonPieces } from '../core/formats/write';
import { importRows, previewFile, type ImportSettings } from '../core/formats/import';
import { memoryColumn, type Chunk } from '../core/table/column';
import { linesOf, type AnswerTable } from '../core/steps/step';
import type { Table } from '../core/table/table';

/** A table's name and where it lies. */
export interface NamedFile {
  readonly name: string;
  readonly file: string;
}

/** What one run is to do. */
export interface RunOrder {
  readonly tables: readonly NamedFile[];
  readonly say: readonly string[];
  readonly out: string;
  readonly json: boolean;
  readonly raw: boolean;
}

/** Exit codes: what came of the run. */
export const CODES = { done: 0, question: 3, cannot: 4 } as const;

/** Says the sentences over the first table, which may look into the others, and writes what came of it. Stops at the first that is not carried out. */
export async function runOnce(order: RunOrder, open: typeof createReadStream): Promise<number> {
  const read = await Promise.all(order.tables.map((t) => readTable(t.name, t.file, open)));
  const tables = read.map((r) => r.table);
  let session = await openSession(tables[0]!, tables.slice(1));
  for (const request of order.say) {
    const said = await tell(session, request);
    const { answer } = said;
    if (answer.outcome === 'question' || answer.outcome === 'cannot') {
      const choices = answer.outcome === 'question' ? answer.choices.map((c, i) => `\n  ${i + 1}. ${c.sentences.join(' ')}`).join('') : '';
      process.stderr.write(`“${request}”: ${answer.message}${choices}\n`);
      return CODES[answer.outcome];
    }
    session = said.session;
    if (answer.outcome === 'done') {
      process.stderr.write(`${answer.reading.sentences.join(' ')}\n`);
      // Where the table itself goes to standard output, answers go beside it.
      if (session.answered && answer.reading.plans.every(isQuestion)) (order.out ? process.stdout : process.stderr).write(answerText(session.answered));
    }
  }
  if (order.out) {
    mkdirSync(order.out, { recursive: true });
    await writeTable(session.table, path.join(order.out, `${order.tables[0]!.name}.${order.json ? 'json' : 'csv'}`), order);
    for (const [i, table] of tables.slice(1).entries()) await writeTable(table, path.join(order.out, `${order.tables[i + 1]!.name}.${order.json ? 'json' : 'csv'}`), order);
    const { settings, sha256 } = read[0]!;
    const record = await sessionRecord(session, tables[0]!, { file: path.basename(order.tables[0]!.file), sha256, settings }, await csvDigest(session.table, createHash('sha256')));
    writeFileSync(path.join(order.out, 'record.md'), recordMarkdown(record));
    writeFileSync(path.join(order.out, 'record.json'), `${JSON.stringify(record, null, 2)}\n`);
    writeFileSync(path.join(order.out, 'brief.txt'), session.entries.map((e, i) => `${i + 1}. ${e.sentence}\n`).join(''));
  } else {
    for await (const line of lines(session.table, order.json, order.raw)) process.stdout.write(line);
  }
  return CODES.done;
}

/** An answer as lines of cells with tabs between, its heads first. */
const answerText = (answer: AnswerTable): string => [answer.columns, ...linesOf(answer)].map((cells) => `${cells.map((c) => String(c ?? '').replace(/\s+/g, ' ')).join('\t')}\n`).join('');

/** A table read from a file, with what the record keeps of it. Settings given are taken; otherwise they are found. */
export async function readTable(name: string, file: string, open: typeof createReadStream, given?: ImportSettings): Promise<{ table: Table; settings: ImportSettings; sha256: string }> {
  const settings = given ?? (await foundSettings(file, open));
  const chunks: Chunk[][] = [];
  const hash = createHash('sha256');
  const blocks = async function* (): AsyncGenerator<Uint8Array> {
    for await (const block of open(file)) {
      hash.update(block as Buffer);
      yield block as Buffer;
    }
  };
  const imported = await importRows(blocks(), settings, (c, chunk) => void (chunks[c] ??= []).push(chunk));
  for (const note of imported.notes) process.stderr.write(`${file}: ${note.count} ${note.text}${note.lines.length ? ` (line ${note.lines.slice(0, 5).join(', ')})` : ''}\n`);
  // The key under which masks are made: the same key gives the same masks.
  const key = process.env['KULFI_MASK_KEY'];
  const table = { name, columns: imported.heads.map((h, c) => memoryColumn(h, chunks[c] ?? [])), size: imported.size, rows: null, ...(key ? { key } : {}) };
  return { table, settings, sha256: hash.digest('hex') };
}

async function foundSettings(file: string, open: typeof createReadStream): Promise<ImportSettings> {
  const head = await firstBytes(file, open);
  return previewFile(head.bytes, head.whole).settings;
}

async function firstBytes(file: string, open: typeof createReadStream): Promise<{ bytes: Uint8Array; whole: boolean }> {
  const most = 1024 * 1024;
  const parts: Buffer[] = [];
  let size = 0;
  for await (const part of open(file, { end: most })) {
    parts.push(part as Buffer);
    size += (part as Buffer).length;
  }
  return { bytes: Buffer.concat(parts).subarray(0, most), whole: size <= most };
}

async function writeTable(table: Table, file: string, order: RunOrder): Promise<void> {
  const stream = createWriteStream(file);
  for await (const text of lines(table, order.json, order.raw)) if (!stream.write(text)) await once(stream, 'drain');
  stream.end();
  await once(stream, 'finish');
}

/** The table as CSV lines or as one JSON array of records, in pieces. */
async function* lines(table: Table, json: boolean, raw: boolean): AsyncGenerator<string> {
  yield* json ? jsonPieces(table) : csvPieces(table, raw);
}
