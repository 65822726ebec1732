import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import pg from 'pg';

/**
 * A database of its own on the tests' server, and a data folder of its own, set before any module of the server reads
 * its settings. `npm test` starts the server and gives its address in KULFI_TEST_DATABASE.
 */
export async function ownDatabase(name: string): Promise<() => Promise<void>> {
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
  const { migrateDatabase } = await import('../db/migrate');
  const { closeDatabase } = await import('../db/client');
  await migrateDatabase();
  return async () => {
    await closeDatabase();
    await admin.query(`drop database if exists ${name} with (force)`);
    await admin.end();
    rmSync(folder, { recursive: true, force: true });
  };
}
