import type pg from 'pg';
import { type Chunk, type Column, type ColumnHead } from '../../core/table/column';
import { decodeChunk, encodeChunk } from '../../core/table/encode';
import type { Glance } from '../../core/profile/glance';
import type { ColumnSink } from '../../core/steps/run';

/** Anything that queries: the pool, or a client inside a transaction. */
export type Queryable = Pick<pg.Pool, 'query'>;

/** A connection that is asked one thing after the other, whoever asks. For use inside one transaction. */
export function oneAtATime(client: Queryable): Queryable {
  let tail: Promise<unknown> = Promise.resolve();
  const query = ((...args: Parameters<pg.Pool['query']>) => {
    const next = tail.then(() => client.query(...args));
    tail = next.then(() => undefined, () => undefined);
    return next;
  }) as unknown as pg.Pool['query'];
  return { query };
}

/** Bytes of decoded chunks that are kept in memory. */
const MOST_BYTES = 600 * 1024 * 1024;

/** Decoded chunks, the least recently used dropped first. Chunks never change, so nothing has to be thrown out early. */
class ChunkCache {
  private readonly chunks = new Map<string, { chunk: Chunk; bytes: number }>();
  private bytes = 0;

  get(columnId: number, ord: number): Chunk | null {
    const key = `${columnId}:${ord}`;
    const hit = this.chunks.get(key);
    if (!hit) return null;
    this.chunks.delete(key);
    this.chunks.set(key, hit);
    return hit.chunk;
  }

  put(columnId: number, ord: number, chunk: Chunk, bytes: number): void {
    const key = `${columnId}:${ord}`;
    if (this.chunks.has(key)) return;
    this.chunks.set(key, { chunk, bytes });
    this.bytes += bytes;
    for (const [oldest, entry] of this.chunks) {
      if (this.bytes <= MOST_BYTES) break;
      this.chunks.delete(oldest);
      this.bytes -= entry.bytes;
    }
  }
}

const holder = globalThis as { kulfiChunks?: ChunkCache };
const cache = (): ChunkCache => (holder.kulfiChunks ??= new ChunkCache());

/** Chunks fetched with one query when a run reads a column from start to end. */
const AHEAD = 8;

/** A stored column. Reading in order fetches a few chunks ahead; all decoded chunks go through the cache. */
export function storedColumn(db: Queryable, head: ColumnHead, columnId: number): Column {
  const waiting = new Map<number, Promise<Map<number, Chunk>>>();
  let last = -1;
  const fetch = (from: number, to: number): Promise<Map<number, Chunk>> =>
    db.query<{ ord: number; data: Buffer }>('select ord, data from chunks where column_id = $1 and ord >= $2 and ord < $3', [columnId, from, to]).then(({ rows }) => {
      const got = new Map<number, Chunk>();
      for (const { ord, data } of rows) {
        const chunk = decodeChunk(data);
        cache().put(columnId, ord, chunk, data.length * 2);
        got.set(ord, chunk);
      }
      return got;
    });
  return {
    ...head,
    load(ord) {
      const hit = cache().get(columnId, ord);
      const inOrder = ord === last + 1;
      last = ord;
      if (hit) return hit;
      let pending = waiting.get(ord);
      if (!pending) {
        const to = inOrder ? ord + AHEAD : ord + 1;
        pending = fetch(ord, to);
        for (let o = ord; o < to; o++) waiting.set(o, pending);
        const clear = (): void => {
          for (let o = ord; o < to; o++) waiting.delete(o);
        };
        pending.then(clear, clear);
      }
      return pending.then((got) => {
        const chunk = got.get(ord);
        if (!chunk) throw new Error(`Chunk ${ord} of column ${columnId} is missing in the database.`);
        return chunk;
      });
    },
  };
}

/** Writes a new column chunk by chunk; the column's row is there from the start, its glance from the end. */
export class ColumnWriter implements ColumnSink {
  private ord = 0;
  private pending: { ord: number; bytes: Uint8Array }[] = [];
  /** Chunks on their way to the server: the next ones are worked out meanwhile. */
  private flight: Promise<unknown> = Promise.resolve();

  private constructor(private readonly db: Queryable, private readonly head: ColumnHead, readonly id: number) {}

  static async open(db: Queryable, workspaceId: number, head: ColumnHead): Promise<ColumnWriter> {
    const { rows } = await db.query<{ id: number }>('insert into columns (workspace_id, type, scale) values ($1, $2, $3) returning id', [workspaceId, head.type, head.scale]);
    return new ColumnWriter(db, head, rows[0]!.id);
  }

  async write(chunk: Chunk): Promise<void> {
    const bytes = encodeChunk(chunk);
    cache().put(this.id, this.ord, chunk, bytes.length * 2);
    this.pending.push({ ord: this.ord++, bytes });
    if (this.pending.length >= 4) await this.flush();
  }

  private async flush(): Promise<void> {
    await this.flight;
    if (!this.pending.length) return;
    const parts = this.pending;
    this.pending = [];
    const places = parts.map((_, i) => `($1, $${i * 2 + 2}, $${i * 2 + 3})`).join(', ');
    this.flight = this.db.query(`insert into chunks (column_id, ord, data) values ${places}`, [this.id, ...parts.flatMap((p) => [p.ord, Buffer.from(p.bytes.buffer, p.bytes.byteOffset, p.bytes.byteLength)])]);
    // A failure is met at the next await; until then it must not count as unhandled.
    this.flight.catch(() => undefined);
  }

  async finish(glance: Glance, head: ColumnHead = this.head): Promise<StoredColumn> {
    await this.flush();
    await this.flight;
    await this.db.query('update columns set glance = $2, scale = $3 where id = $1', [this.id, JSON.stringify(glance), head.scale]);
    return { ...storedColumn(this.db, head, this.id), columnId: this.id };
  }
}

/** A column that knows where it is stored. */
export interface StoredColumn extends Column {
  readonly columnId: number;
}

export const isStored = (column: Column): column is StoredColumn => 'columnId' in column;

