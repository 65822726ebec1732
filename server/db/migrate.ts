import path from 'node:path';
import { migrate } from 'drizzle-orm/node-postgres/migrator';
import { database } from './client';

/** Brings the database to the newest layout. Safe to call at every start. */
export async function migrateDatabase(): Promise<void> {
  await migrate(database(), { migrationsFolder: path.resolve('server/db/migrations') });
}
