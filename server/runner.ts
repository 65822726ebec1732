import path from 'node:path';
import { MessageChannel } from 'node:worker_threads';
import Piscina from 'piscina';
import { Told } from './errors';
import { revise, type Revision } from './revise';

/** Rows from which a revision runs in a thread of its own. */
const LARGE = 100_000;

const holder = globalThis as { kulfiRunner?: Piscina };

/** One thread, kept: its caches make the next run on the same table fast. Made at the first use, never during a build. */
const runner = (): Piscina =>
  (holder.kulfiRunner ??= new Piscina({ filename: path.resolve('dist/workers/run.mjs'), minThreads: 0, maxThreads: 1, idleTimeout: 10 * 60_000, env: { ...process.env } as Record<string, string> }));

export interface Progress {
  readonly done: number;
  readonly total: number;
}

/** Makes a revision: at once for small tables, in the runner's thread for large ones, where `signal` can stop it. */
export async function makeRevision(order: Revision, rows: number, onProgress?: (p: Progress) => void, signal?: AbortSignal): Promise<number> {
  if (rows < LARGE) return revise(order);
  const { port1, port2 } = new MessageChannel();
  if (onProgress) port1.on('message', onProgress);
  try {
    return (await runner().run({ order, port: port2 }, { transferList: [port2], ...(signal ? { signal } : {}) })) as number;
  } catch (error) {
    const { name, message, status, code } = error as Error & { status?: number; code?: string };
    if (name === 'AbortError') throw new Told('Stopped. Nothing was changed.', 499, 'stopped');
    if (typeof status === 'number' && code) throw new Told(message, status, code);
    if (name === 'CannotRun') throw new Told(message, 422, 'cannot');
    throw error;
  } finally {
    port1.close();
  }
}

/** Ends the runner's thread (tests and shutdown). */
export async function closeRunner(): Promise<void> {
  await holder.kulfiRunner?.destroy();
  delete holder.kulfiRunner;
}
