// What both the start and the tests need: packages, programs, and a build that is newer than its sources.
import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';

export const ROOT = path.resolve(import.meta.dirname, '..');
export const say = (text) => console.log(`· ${text}`);

/** Ends the program with one sentence. */
export function stop(message, code = 1) {
  console.error(message);
  process.exit(code);
}

export function checkNode() {
  if (Number(process.versions.node.split('.')[0]) < 20) stop(`Kulfi needs Node 20 or newer; this is ${process.versions.node}.`);
}

/** Runs a command to its end; its output is shown only when it fails, or when `loud`. */
export function run(command, args, { loud = false, env = process.env, what = command } = {}) {
  return new Promise((ok, fail) => {
    const child = spawn(command, args, { cwd: ROOT, env, stdio: loud ? 'inherit' : ['ignore', 'pipe', 'pipe'] });
    let out = '';
    child.stdout?.on('data', (d) => (out += d));
    child.stderr?.on('data', (d) => (out += d));
    child.on('error', (e) => fail(new Error(`${what} could not be run: ${e.message}`)));
    child.on('exit', (code) => {
      if (code === 0) return ok(out);
      const full = /ENOSPC|No space left/i.test(out) ? 'The disk is full: make room and start again.' : `${what} failed:\n${out.split('\n').slice(-40).join('\n')}`;
      fail(new Error(full));
    });
  });
}

const hashOf = (file) => createHash('sha256').update(readFileSync(path.join(ROOT, file))).digest('hex');
const stampFile = (name) => path.join(ROOT, 'node_modules', `.kulfi-${name}`);
const stamped = (name, value) => existsSync(stampFile(name)) && readFileSync(stampFile(name), 'utf8') === value;
const stamp = (name, value) => writeFileSync(stampFile(name), value);

/** Installs the packages of the lock file when they are not there as it says. */
export async function packages() {
  const lock = hashOf('package-lock.json');
  if (existsSync(path.join(ROOT, 'node_modules/next/package.json')) && stamped('lock', lock)) return;
  say('Installing packages (about a minute the first time) …');
  await run('npm', ['ci', '--no-audit', '--no-fund'], { what: 'npm ci' });
  stamp('lock', lock);
}

/** Makes sure that a Debian package's program is there, by apt-get where that is allowed. */
export async function debian(name, present) {
  if (present()) return;
  const hint = `run “apt-get install -y ${name}” as root`;
  if (process.getuid() !== 0 || spawnSync('apt-get', ['--version']).status !== 0) stop(`${name} is not installed: ${hint} and start again.`);
  say(`Installing ${name} …`);
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  try {
    await run('apt-get', ['update', '-qq'], { env });
    await run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', name], { env });
  } catch (error) {
    stop(`${name} could not be installed: ${hint} and start again.\n${error.message}`);
  }
}

const SOURCES = ['app', 'ui', 'core', 'server', 'demo', 'package-lock.json', 'next.config.mjs', 'tsconfig.json'];

/** A fingerprint of all that goes into the build: paths, sizes and times. */
function sourcesPrint() {
  const hash = createHash('sha256');
  const visit = (entry) => {
    const full = path.join(ROOT, entry);
    if (!existsSync(full)) return;
    const info = statSync(full);
    if (info.isDirectory()) for (const name of readdirSync(full).sort()) visit(path.join(entry, name));
    else hash.update(`${entry} ${createHash('sha256').update(readFileSync(full)).digest('hex')}\n`);
  };
  SOURCES.forEach(visit);
  return hash.digest('hex');
}

/** Builds the page and the workers when their sources changed since the last build. */
export async function build() {
  const print = sourcesPrint();
  if (existsSync(path.join(ROOT, '.next/BUILD_ID')) && existsSync(path.join(ROOT, 'dist/workers/run.mjs')) && stamped('build', print)) return;
  say('Building (about half a minute) …');
  await run('node', ['scripts/build.mjs', 'workers'], { what: 'The build of the workers' });
  await run('node', ['node_modules/next/dist/bin/next', 'build'], { env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1' }, what: 'The build' });
  stamp('build', print);
}

/** Brings the database to the newest layout, and loads the demo where asked. */
export async function setup(env, demo) {
  mkdirSync(path.join(ROOT, 'dist'), { recursive: true });
  const out = await run('node', ['scripts/run-ts.mjs', 'server/setup.ts', ...(demo ? ['--demo'] : [])], { env, what: 'Preparing the database' });
  if (out.trim()) say(out.trim());
}
