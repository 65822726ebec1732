import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import pg from 'pg';
import { closeDatabase } from '../db/client';
import { migrateDatabase } from '../db/migrate';

/** Gives the tests of a file a database and a data folder of their own, and clears them away after the last. */
export function ownDatabase(name: string): void {
  let close: () => Promise<void>;
  beforeAll(async () => { close = await opened(name); }, 60_000);
  afterAll(() => close());
}

/** Sets the settings before the server reads them, at its first query. `npm test` starts PostgreSQL and gives its address in KULFI_TEST_DATABASE. */
async function opened(name: string): Promise<() => Promise<void>> {
  const base = process.env.KULFI_TEST_DATABASE;
  if (!base) throw new Error('Start the tests with “npm test”: they need a PostgreSQL server of their own.');
  const admin = new pg.Client({ connectionString: base });
  await admin.connect();
  await admin.query(`drop database if exists ${name} with (force)`);
  await admin.query(`create database ${name}`);
  const url = new URL(base);
  url.pathname = `/${name}`;
  process.env.DATABASE_URL = url.toString();
  const folder = mkdtempSync(path.join(tmpdir(), 'kulfi-test-'));
  process.env.KULFI_DATA = folder;
  await migrateDatabase();
  return async () => {
    await closeDatabase();
    await admin.query(`drop database if exists ${name} with (force)`);
    await admin.end();
    rmSync(folder, { recursive: true, force: true });
  };
}
