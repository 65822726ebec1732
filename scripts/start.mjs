// npm start: from a fresh clone to a running Kulfi. Uses nothing but Node until the packages are there.
import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, readlinkSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { cluster, freePort, serverPrograms } from './pg.mjs';
import { ROOT, build, checkNode, debian, packages, run, say, setup, stop } from './prepare.mjs';

checkNode();
process.chdir(ROOT);
const port = Number(process.env.PORT ?? 3000);
if (!Number.isInteger(port) || port < 1 || port > 65_535) stop(`PORT is “${process.env.PORT}”; it must be a number from 1 to 65535.`);
const example = process.argv.includes('--example');
const dataFolder = path.resolve(process.env.KULFI_DATA ?? '.data');
let database = null;
let server = null;
let ending = false;

/** A server of this very folder that outlived a start which was killed: its port is ours to take back. */
async function endOrphan() {
  const file = path.join(dataFolder, 'server.pid');
  if (!existsSync(file)) return;
  const pid = Number(readFileSync(file, 'utf8'));
  try {
    if (readlinkSync(`/proc/${pid}/cwd`) === ROOT && /next/.test(readFileSync(`/proc/${pid}/cmdline`, 'utf8'))) {
      process.kill(pid, 'SIGTERM');
      for (let i = 0; i < 50 && existsSync(`/proc/${pid}`); i++) await new Promise((ok) => setTimeout(ok, 100));
    }
  } catch {
    /* it has ended */
  }
  rmSync(file, { force: true });
}

/** Ends all that was started, the page first. */
async function end(code) {
  if (ending) return;
  ending = true;
  if (server && server.exitCode === null) {
    const gone = new Promise((ok) => server.once('exit', ok));
    server.kill('SIGTERM');
    await Promise.race([gone, new Promise((ok) => setTimeout(ok, 4_000))]);
    if (server.exitCode === null) server.kill('SIGKILL');
  }
  rmSync(path.join(dataFolder, 'server.pid'), { force: true });
  try {
    database?.stop();
  } catch (error) {
    console.error(error.message);
  }
  process.exit(code);
}
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => void end(0));

try {
  if (!example) await endOrphan();
  if (!example && (await freePort(port)) === 0) stop(`Port ${port} is taken by another program: end that one, or choose another port with PORT=3001 npm start.`);
  await packages();
  if (example) {
    await run('node', ['scripts/run-ts.mjs', 'scripts/example.ts'], { loud: true });
    process.exit(0);
  }
  let databaseUrl = process.env.DATABASE_URL;
  if (!databaseUrl) {
    await debian('postgresql', () => serverPrograms() !== '');
    database = cluster(path.join(dataFolder, 'pg'));
    say(existsSync(path.join(dataFolder, 'pg/data')) ? 'Starting the database …' : 'Making and starting the database …');
    databaseUrl = await database.start();
  }
  const env = { ...process.env, DATABASE_URL: databaseUrl, KULFI_DATA: dataFolder, NODE_ENV: 'production', NEXT_TELEMETRY_DISABLED: '1' };
  await build();
  say('Preparing the tables …');
  await setup(env, true);
  server = spawn('node', ['node_modules/next/dist/bin/next', 'start', '-H', process.env.KULFI_LISTEN ?? '127.0.0.1', '-p', String(port)], { cwd: ROOT, env, stdio: ['ignore', 'ignore', 'inherit'] });
  mkdirSync(dataFolder, { recursive: true });
  writeFileSync(path.join(dataFolder, 'server.pid'), String(server.pid));
  server.once('exit', (code) => {
    if (!ending) {
      console.error('The server ended by itself.');
      void end(code ?? 1);
    }
  });
  for (let i = 0; ; i++) {
    const answer = await fetch(`http://127.0.0.1:${port}/api/health`).catch(() => null);
    if (answer?.ok) break;
    if (i > 300) throw new Error('The server does not answer.');
    await new Promise((ok) => setTimeout(ok, 100));
  }
  console.log(`\n  Kulfi is ready at http://localhost:${port}\n  Ctrl-C ends it.\n`);
} catch (error) {
  console.error(error.message);
  await end(1);
}
