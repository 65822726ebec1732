import { spawn } from 'node:child_process';
import path from 'node:path';
import { once } from 'node:events';
import { deliveries } from '../demo/generate';
import { readExact } from '../core/steps/registry';
import { tell } from './errors';
import { pool } from './db/client';
import * as uploads from './uploads';
import * as workspaces from './workspaces';
import { ownDatabase } from './testing/database';

ownDatabase('kulfi_faults');

async function bringRows(count: number): Promise<{ workspaceId: number; tableId: number }> {
  const encoder = new TextEncoder();
  const body = (async function* () {
    for (const piece of deliveries({ rows: count, seed: 5, messy: false })) yield encoder.encode(piece);
  })();
  const upload = await uploads.receiveUpload(body, 'deliveries.csv', null);
  const { settings } = await uploads.previewUpload(upload.id, {});
  return uploads.importUpload({ uploadId: upload.id, settings, tableName: 'deliveries', workspaceId: null, workspaceName: 'large' }, () => undefined);
}

test('killed in the middle of keeping a step on 300,000 rows, the step is absent or whole, never half', async () => {
  const { workspaceId, tableId } = await bringRows(300_000);
  const counts = async (): Promise<string> => JSON.stringify((await pool().query('select (select count(*) from columns) as columns, (select count(*) from chunks) as chunks, (select count(*) from entries) as entries')).rows[0]);
  const before = await counts();
  const script = path.resolve('server/testing/keep.ts');
  for (const delay of [60, 200, 400]) {
    const child = spawn('node', ['scripts/run-ts.mjs', script, String(workspaceId), String(tableId)], { env: process.env, stdio: ['ignore', 'pipe', 'inherit'] });
    for await (const chunk of child.stdout) if (String(chunk).includes('keeping')) break;
    await new Promise((ok) => setTimeout(ok, delay));
    child.kill('SIGKILL');
    if (child.exitCode === null && child.signalCode === null) await once(child, 'exit');
    // The server notices the lost connection and rolls back; a step that was already whole stays.
    await pool().query("select pg_terminate_backend(pid) from pg_stat_activity where datname = current_database() and pid <> pg_backend_pid() and state <> 'idle'");
    await new Promise((ok) => setTimeout(ok, 300));
    const view = await workspaces.viewWorkspace(workspaceId);
    if (view.brief.length === 0) expect(await counts()).toBe(before);
    else {
      expect(view.tables[0]!.columns.at(-1)!.name).toBe('Net kg');
      expect(view.tables[0]!.totals.find((t) => t.column === 'Net kg')!.cells).toBe(300_000);
      break;
    }
  }
}, 120_000);

test('a large step runs in its own thread, tells how far it is, and can be stopped without a trace', async () => {
  const { workspaceId, tableId } = await bringRows(120_000);
  const order = async () => ({ workspaceId, tableId, version: (await workspaces.viewWorkspace(workspaceId)).version, request: 'x', plans: [readExact('Add ‹Net kg› as ‹Gross kg› minus ‹Crate kg›.')!], corrects: false, holds: [] });
  const stop = new AbortController();
  const stopped = workspaces.keepRequest(await order(), undefined, stop.signal);
  stop.abort();
  await expect(stopped).rejects.toMatchObject({ code: 'stopped' });
  expect((await workspaces.viewWorkspace(workspaceId)).brief).toHaveLength(0);
  const heard: number[] = [];
  await workspaces.keepRequest(await order(), (p) => heard.push(p.done / p.total));
  const view = await workspaces.viewWorkspace(workspaceId);
  expect(view.tables[0]!.totals.find((t) => t.column === 'Net kg')!.cells).toBe(120_000);
  expect(heard.every((h) => h >= 0 && h <= 1)).toBe(true);
  const { closeRunner } = await import('./runner');
  await closeRunner();
}, 120_000);

test('the database coming back is met without a restart', async () => {
  const admin = await pool().connect();
  admin.on('error', () => undefined);
  await admin.query('select pg_terminate_backend(pid) from pg_stat_activity where datname = current_database() and pid <> pg_backend_pid()');
  admin.release();
  await new Promise((ok) => setTimeout(ok, 200));
  expect(await workspaces.listWorkspaces().catch((e: unknown) => tell(e).code)).not.toBe('fault');
  expect((await workspaces.listWorkspaces()).length).toBeGreaterThan(0);
});

test('a write that is refused is one sentence, and nothing is lost', async () => {
  const full = Object.assign(new Error('write ENOSPC'), { code: 'ENOSPC' });
  expect(tell(full)).toMatchObject({ status: 507, message: expect.stringContaining('disk is full') });
  const folder = process.env.KULFI_DATA!;
  const failing = (async function* () {
    yield new TextEncoder().encode('a,b\n');
    throw full;
  })();
  await expect(uploads.receiveUpload(failing, 'x.csv', null)).rejects.toBe(full);
  const { readdirSync } = await import('node:fs');
  expect(readdirSync(path.join(folder, 'uploads'))).toEqual([]);
});
