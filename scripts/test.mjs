// npm test: everything, on a fresh machine too. Never touches the data of npm start.
import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { cluster, freePort, serverPrograms } from './pg.mjs';
import { ROOT, build, checkNode, debian, packages, run, say, setup } from './prepare.mjs';

checkNode();
process.chdir(ROOT);
const work = path.join(ROOT, '.test-data');
const database = cluster(path.join(work, 'pg'));
const only = process.argv.slice(2);
let server = null;
let passed = 0;
let failed = 0;

function end(code) {
  server?.kill('SIGKILL');
  try {
    database.stop();
  } catch {
    /* it was not started */
  }
  console.log(`\n${passed} passed, ${failed} failed`);
  process.exit(code);
}
process.on('SIGINT', () => end(1));

/** One check that passes or fails as a whole. */
async function check(name, work) {
  if (only.length && !only.includes(name)) return;
  const from = Date.now();
  say(`${name} …`);
  try {
    await work();
    console.log(`  ${name}: passed (${((Date.now() - from) / 1000).toFixed(0)} s)`);
    passed++;
  } catch (error) {
    console.log(error.message);
    console.log(`  ${name}: FAILED`);
    failed++;
  }
}

/** Tests whose results are in a report: each counts by itself. */
function count(good, bad) {
  passed += good;
  failed += bad;
}

/** Runs a command with its output shown, whatever its outcome. */
const show = (command, args, env) => new Promise((ok) => spawn(command, args, { cwd: ROOT, env, stdio: 'inherit' }).on('exit', ok));

async function jest(project, env) {
  if (only.length && !only.includes(project)) return;
  say(`${project} tests …`);
  const report = path.join(work, `${project}.json`);
  rmSync(report, { force: true });
  await show('node', ['--experimental-vm-modules', '--no-warnings', 'node_modules/jest/bin/jest.js', '--selectProjects', project, '--json', `--outputFile=${report}`, '--silent', '--reporters=default', '--maxWorkers=2'], env);
  if (!existsSync(report)) return count(0, 1);
  const { numPassedTests, numFailedTests, numRuntimeErrorTestSuites } = JSON.parse(readFileSync(report, 'utf8'));
  count(numPassedTests, numFailedTests + numRuntimeErrorTestSuites);
}

/** The requests of the rounds: outside Jest, where reading is quicker, in two parts beside each other. */
async function rounds() {
  if (only.length && !only.includes('rounds')) return;
  say('the rounds of requests …');
  const part = (which) => new Promise((ok) => {
    let text = '';
    const one = spawn('node', ['scripts/run-ts.mjs', 'scripts/rounds.ts', which], { cwd: ROOT, stdio: ['ignore', 'pipe', 'inherit'] });
    one.stdout.on('data', (data) => { text += data; });
    one.on('exit', () => {
      console.log(text.trimEnd());
      const [, good, bad] = /(\d+) read as kept, (\d+) otherwise\s*$/.exec(text) ?? [0, 0, 1];
      count(Number(good), Number(bad));
      ok();
    });
  });
  await Promise.all([part('1/2'), part('2/2')]);
}

async function browser(env) {
  if (only.length && !only.includes('browser')) return;
  say('the interface in Chromium …');
  const port = await freePort(0);
  const folder = path.join(work, 'app');
  rmSync(folder, { recursive: true, force: true });
  const appEnv = { ...env, KULFI_DATA: folder, NODE_ENV: 'production' };
  const admin = ['-e', `import('pg').then(async ({default: pg}) => { const c = new pg.Client(process.env.KULFI_TEST_DATABASE); await c.connect(); await c.query('drop database if exists kulfi_app with (force)'); await c.query('create database kulfi_app'); await c.end(); })`];
  await run('node', admin, { env });
  const url = new URL(env.KULFI_TEST_DATABASE);
  url.pathname = '/kulfi_app';
  appEnv.DATABASE_URL = url.toString();
  await setup(appEnv, true);
  server = spawn('node', ['node_modules/next/dist/bin/next', 'start', '-H', '127.0.0.1', '-p', String(port)], { cwd: ROOT, env: appEnv, stdio: ['ignore', 'ignore', 'inherit'] });
  for (let i = 0; i < 300 && !(await fetch(`http://127.0.0.1:${port}/api/health`).catch(() => null))?.ok; i++) await new Promise((ok) => setTimeout(ok, 100));
  const report = path.join(work, 'browser.json');
  rmSync(report, { force: true });
  await show('node', ['node_modules/@playwright/test/cli.js', 'test', '-c', 'e2e/playwright.config.ts'], { ...env, KULFI_E2E_URL: `http://127.0.0.1:${port}`, KULFI_E2E_REPORT: report });
  server.kill('SIGTERM');
  if (!existsSync(report)) return count(0, 1);
  const { stats, errors } = JSON.parse(readFileSync(report, 'utf8'));
  count(stats.expected + stats.flaky, stats.unexpected + (errors?.length ?? 0));
}

try {
  mkdirSync(work, { recursive: true });
  await packages();
  await debian('postgresql', () => serverPrograms() !== '');
  await debian('chromium', () => existsSync(process.env.CHROMIUM ?? '/usr/bin/chromium'));
  // Each is one program on one core: beside each other.
  await Promise.all([
    check('lint', () => run('node', ['node_modules/eslint/bin/eslint.js', '.', '--max-warnings', '0'], { what: 'lint' })),
    check('types', () => run('node', ['node_modules/typescript/bin/tsc', '--noEmit'], { what: 'The type check' })),
  ]);
  const env = { ...process.env, KULFI_TEST_DATABASE: await database.start(), NEXT_TELEMETRY_DISABLED: '1' };
  await run('node', ['scripts/build.mjs', 'cli'], { what: 'The build of the command line' });
  await jest('core', env);
  await rounds();
  await check('build', build);
  await jest('server', env);
  await browser(env);
  end(failed ? 1 : 0);
} catch (error) {
  console.error(error.message);
  failed++;
  end(1);
}
