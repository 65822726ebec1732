import { createHash, randomUUID } from 'node:crypto';
import { createReadStream, createWriteStream } from 'node:fs';
import { mkdir, open, readdir, rename, rm, stat, writeFile, readFile } from 'node:fs/promises';
import path from 'node:path';
import { once } from 'node:events';
import { drizzle } from 'drizzle-orm/node-postgres';
import { eq, sql } from 'drizzle-orm';
import { NotText, type Encoding } from '../core/formats/encoding';
import { UnreadableFile, type Layout } from '../core/formats/csv';
import { importRows, previewFile, type ImportSettings } from '../core/formats/import';
import { GlanceBuilder } from '../core/profile/glance';
import { looksSensitive } from '../core/profile/profile';
import { uniqueName } from '../core/values/names';
import { balance } from '../core/review/balance';
import type { Upload, UploadPreview } from '../contract/views';
import { getConfig } from './config';
import { pool } from './db/client';
import * as schema from './db/schema';
import { Told } from './errors';
import type { Column } from '../core/table/column';
import { ColumnWriter, oneAtATime } from './store/chunks';
import { saveState } from './store/tables';

/** Bytes of a file that are looked at to find out what it is. */
const HEAD = 1024 * 1024;

const folder = (): string => path.join(getConfig().dataFolder, 'uploads');
const place = (id: string): string => {
  if (!/^[0-9a-f-]{36}$/.test(id)) throw new Told('There is no such upload.', 404, 'gone');
  return path.join(folder(), id);
};

/** Writes a file that is being sent to the data folder, block by block. Broken off, it leaves nothing. */
export async function receiveUpload(body: AsyncIterable<Uint8Array>, fileName: string, expected: number | null): Promise<Upload> {
  await mkdir(folder(), { recursive: true });
  const id = randomUUID();
  const file = place(id);
  const hash = createHash('sha256');
  const stream = createWriteStream(file);
  const failed = once(stream, 'error').then(([error]) => Promise.reject(error as Error));
  failed.catch(() => undefined);
  let bytes = 0;
  try {
    for await (const block of body) {
      bytes += block.length;
      hash.update(block);
      if (!stream.write(block)) await Promise.race([once(stream, 'drain'), failed]);
    }
    stream.end();
    await Promise.race([once(stream, 'close'), failed]);
    if (expected !== null && bytes !== expected) throw new Told(`Only ${bytes} of ${expected} bytes arrived. Send the file again.`, 400, 'cut');
    const upload: Upload = { id, fileName, bytes, sha256: hash.digest('hex') };
    await writeFile(`${file}.json`, JSON.stringify(upload));
    return upload;
  } catch (error) {
    stream.destroy();
    // A file that is still being opened would be there again after it was removed.
    if (!stream.closed) await once(stream, 'close').catch(() => undefined);
    await forgetUpload(id);
    throw error;
  }
}

/** Removes an upload that is not kept. */
export async function forgetUpload(id: string): Promise<void> {
  await Promise.all([rm(place(id), { force: true }), rm(`${place(id)}.json`, { force: true })]);
}

/** Removes uploads that nobody kept within a day. */
export async function sweepUploads(): Promise<void> {
  const files = await readdir(folder()).catch(() => []);
  for (const name of files) {
    const file = path.join(folder(), name);
    if (Date.now() - (await stat(file)).mtimeMs > 86_400_000) await rm(file, { force: true });
  }
}

async function uploadOf(id: string): Promise<Upload> {
  const text = await readFile(`${place(id)}.json`, 'utf8').catch(() => null);
  if (text === null) throw new Told('This upload is not there any more. Send the file again.', 404, 'gone');
  return JSON.parse(text) as Upload;
}

/** What an uploaded file looks like; `forced` is what the person changed. A file that cannot be taken is refused with its line. */
export async function previewUpload(id: string, forced: Partial<Layout> & { encoding?: Encoding }): Promise<UploadPreview> {
  const upload = await uploadOf(id);
  const handle = await open(place(id));
  try {
    const head = Buffer.alloc(Math.min(HEAD, upload.bytes));
    await handle.read(head, 0, head.length, 0);
    const preview = refusing(() => previewFile(head, upload.bytes <= HEAD, forced));
    const persons = preview.settings.columns.filter((c, i) => looksSensitive(c.name, c.type, preview.rows.map((r) => r[i] ?? ''))).map((c) => c.name);
    return { ...preview, upload, persons };
  } finally {
    await handle.close();
  }
}

function refusing<T>(read: () => T): T {
  try {
    return read();
  } catch (error) {
    if (error instanceof NotText || error instanceof UnreadableFile) throw new Told(error.message, 422, 'unreadable');
    throw error;
  }
}

export interface ImportOrder {
  readonly uploadId: string;
  readonly settings: ImportSettings;
  readonly tableName: string;
  /** The workspace to add the table to; null makes a new one of this name. */
  readonly workspaceId: number | null;
  readonly workspaceName: string;
}

/** Reads an upload into a stored table, all in one transaction; the file is kept byte for byte beside it. */
export async function importUpload(order: ImportOrder, onProgress: (bytes: number, total: number) => void, signal?: AbortSignal): Promise<{ workspaceId: number; tableId: number }> {
  const upload = await uploadOf(order.uploadId);
  const client = await pool().connect();
  let broken: Error | undefined;
  try {
    await client.query('begin');
    const db = drizzle(client, { schema });
    const store = oneAtATime(client);
    const workspaceId = order.workspaceId ?? (await db.insert(schema.workspaces).values({ name: order.workspaceName }).returning({ id: schema.workspaces.id }))[0]!.id;
    if (order.workspaceId === null) {
      // The empty brief is the first revision: what undo of the first sentence goes back to.
      const [start] = await db.insert(schema.revisions).values({ workspaceId, parentId: null, entryIds: [], label: '' }).returning({ id: schema.revisions.id });
      await db.update(schema.workspaces).set({ revisionId: start!.id }).where(eq(schema.workspaces.id, workspaceId));
    } else {
      const [known] = await db.update(schema.workspaces).set({ version: sql`${schema.workspaces.version} + 1` }).where(eq(schema.workspaces.id, workspaceId)).returning({ id: schema.workspaces.id });
      if (!known) throw new Told('There is no such workspace any more. Choose another, or a new one.', 404, 'unknown');
    }
    // Sentences speak of tables by their names: no two of one workspace have the same.
    const beside = await db.select({ name: schema.sources.name }).from(schema.sources).where(eq(schema.sources.workspaceId, workspaceId));
    const name = uniqueName(order.tableName, beside.map((s) => s.name));
    const kept = path.join(getConfig().dataFolder, 'sources', upload.id);
    const writers: ColumnWriter[] = [];
    const builders: GlanceBuilder[] = [];
    let read = 0;
    const blocks = async function* (): AsyncGenerator<Uint8Array> {
      for await (const block of createReadStream(place(order.uploadId), { highWaterMark: 1024 * 1024 })) {
        signal?.throwIfAborted();
        yield block as Buffer;
        read += (block as Buffer).length;
        onProgress(read, upload.bytes);
      }
    };
    const imported = await importRows(blocks(), order.settings, async (c, chunk) => {
      while (writers.length <= c) {
        const setting = order.settings.columns[writers.length];
        const type = setting?.type ?? 'text';
        writers.push(await ColumnWriter.open(store, workspaceId, { name: setting?.name ?? '', type, scale: null }));
        builders.push(new GlanceBuilder(type));
      }
      builders[c]!.add(chunk);
      await writers[c]!.write(chunk);
    }).catch((error: unknown) => {
      if (error instanceof UnreadableFile) throw new Told(error.message, 422, 'unreadable');
      throw error;
    });
    const columns: Column[] = [];
    for (const [c, head] of imported.heads.entries()) columns.push({ ...(await writers[c]!.finish(builders[c]!.result(), head)), ...head });
    const [source] = await db
      .insert(schema.sources)
      .values({ workspaceId, name, fileName: upload.fileName, file: upload.id, bytes: upload.bytes, sha256: upload.sha256, settings: order.settings, notes: imported.notes })
      .returning({ id: schema.sources.id });
    const table = { name, columns, size: imported.size, rows: null };
    await saveState(store, source!.id, table, await balance(table));
    await mkdir(path.dirname(kept), { recursive: true });
    await rename(place(order.uploadId), kept);
    try {
      signal?.throwIfAborted();
      await client.query('commit');
    } catch (error) {
      await rename(kept, place(order.uploadId));
      throw error;
    }
    await forgetUpload(order.uploadId);
    return { workspaceId, tableId: source!.id };
  } catch (error) {
    await client.query('rollback').catch((e: Error) => (broken = e));
    if ((error as Error).name === 'AbortError') throw new Told('Stopped. Nothing was kept.', 499, 'stopped');
    throw error;
  } finally {
    client.release(broken);
  }
}

/** Where the file of a source lies. */
export const sourcePath = (file: string): string => path.join(getConfig().dataFolder, 'sources', file);


/** What is known of a source's file. */
export async function sourceOf(tableId: number): Promise<{ file: string; fileName: string; sha256: string }> {
  const { rows } = await pool().query<{ file: string; file_name: string; sha256: string }>('select file, file_name, sha256 from sources where id = $1', [tableId]);
  if (!rows[0]) throw new Told('There is no such table.', 404, 'gone');
  return { file: rows[0].file, fileName: rows[0].file_name, sha256: rows[0].sha256 };
}
