import { drizzle, type NodePgDatabase } from 'drizzle-orm/node-postgres';
import pg from 'pg';
import { getConfig } from '../config';
import * as schema from './schema';

export type Database = NodePgDatabase<typeof schema>;

interface Shared {
  pool: pg.Pool;
  db: Database;
}

const holder = globalThis as { kulfiDatabase?: Shared };

/** The one connection pool of this process. It reconnects by itself when the server comes back. */
function shared(): Shared {
  if (!holder.kulfiDatabase) {
    const pool = new pg.Pool({ connectionString: getConfig().databaseUrl, max: 8, connectionTimeoutMillis: 5_000, idleTimeoutMillis: 30_000 });
    // A lost idle connection is replaced at the next query; without a listener it would end the process.
    pool.on('error', () => undefined);
    holder.kulfiDatabase = { pool, db: drizzle(pool, { schema }) };
  }
  return holder.kulfiDatabase;
}

export const database = (): Database => shared().db;
export const pool = (): pg.Pool => shared().pool;

/** Closes the pool (scripts and tests). */
export async function closeDatabase(): Promise<void> {
  const open = holder.kulfiDatabase;
  delete holder.kulfiDatabase;
  await open?.pool.end();
}
