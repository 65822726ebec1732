import path from 'node:path';
import { MessageChannel } from 'node:worker_threads';
import Piscina from 'piscina';
import { Told } from './errors';
import { revise, type Revision } from './revise';

/** Rows from which work runs in a thread of its own. */
const LARGE = 100_000;

const holder = globalThis as { kulfiThreads?: Map<string, Piscina> };

/** One thread for writing and one for reading, each kept: its caches make the next run on the same table fast. Made at the first use, never during a build. */
function thread(name: 'run' | 'read'): Piscina {
  const threads = (holder.kulfiThreads ??= new Map());
  let pool = threads.get(name);
  if (!pool) threads.set(name, (pool = new Piscina({ filename: path.resolve(`dist/workers/${name}.mjs`), minThreads: 0, maxThreads: 1, idleTimeout: 10 * 60_000, env: { ...process.env } as Record<string, string> })));
  return pool;
}

export interface Progress {
  readonly done: number;
  readonly total: number;
}

/** Runs a task in a thread; its errors come back as they would have been told here. */
async function inThread<T>(name: 'run' | 'read', order: object, onProgress?: (p: Progress) => void, signal?: AbortSignal): Promise<T> {
  const { port1, port2 } = new MessageChannel();
  if (onProgress) port1.on('message', onProgress);
  try {
    return (await thread(name).run({ ...order, port: port2 }, { transferList: [port2], ...(signal ? { signal } : {}) })) as T;
  } catch (error) {
    const { name: kind, message, status, code } = error as Error & { status?: number; code?: string };
    if (kind === 'AbortError') throw new Told('Stopped. Nothing was changed.', 499, 'stopped');
    if (typeof status === 'number' && code) throw new Told(message, status, code);
    if (kind === 'CannotRun') throw new Told(message, 422, 'cannot');
    throw error;
  } finally {
    port1.close();
  }
}

/** Makes a revision: at once for small tables, in a thread for large ones, where `signal` can stop it. */
export const makeRevision = (order: Revision, rows: number, onProgress?: (p: Progress) => void, signal?: AbortSignal): Promise<number> =>
  rows < LARGE ? revise(order) : inThread('run', { order }, onProgress, signal);

/** What only reads, over a table of so many rows: `here` for a small one, in the reading thread for a large one. */
export const aside = <T>(task: 'prove' | 'profile', args: readonly unknown[], rows: number, here: () => Promise<T>, onProgress?: (p: Progress) => void, signal?: AbortSignal): Promise<T> =>
  rows < LARGE ? here() : inThread('read', { task, args }, onProgress, signal);

/** Is a table so large that its profile is worked out before anybody asks? */
export const isLarge = (rows: number): boolean => rows >= LARGE;

/** Ends the threads (tests and shutdown). */
export async function closeRunner(): Promise<void> {
  await Promise.all([...(holder.kulfiThreads?.values() ?? [])].map((pool) => pool.destroy()));
  delete holder.kulfiThreads;
}
