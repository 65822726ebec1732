import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';

const folder = mkdtempSync(path.join(tmpdir(), 'kulfi-cli-'));
const file = path.join(folder, 'lots.csv');
beforeAll(() => writeFileSync(file, 'Lot,Kg,Hives,Status\nL-1,42.5,6,accepted\nL-2,61,0,cancelled\nL-3,n/a,3,accepted\n'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const kulfi = (args: readonly string[], input = '') => spawnSync('node', ['bin/kulfi.mjs', ...args], { encoding: 'utf8', input });
const table = ['--table', `lots=${file}`];

test('says, carries out, and writes the table, the brief and the record', () => {
  const out = path.join(folder, 'out');
  const ran = kulfi(['run', ...table, '--say', 'drop the cancelled ones', '--say', 'add a column Yield: kg divided by hives, 2 decimals', '--out', out]);
  expect([ran.status, ran.stderr]).toEqual([0, expect.stringContaining('Set aside rows where ‹Status› is "cancelled".')]);
  expect(readFileSync(path.join(out, 'lots.csv'), 'utf8')).toBe('Lot,Kg,Hives,Status,Yield\r\nL-1,42.5,6,accepted,7.08\r\nL-3,n/a,3,accepted,\r\n');
  expect(readFileSync(path.join(out, 'record.md'), 'utf8')).toContain('rows in 3, out 2, set aside 1');

  // The brief it wrote runs again, to the same bytes.
  const again = path.join(folder, 'again');
  expect(kulfi(['run', ...table, '--brief', path.join(out, 'brief.txt'), '--out', again]).status).toBe(0);
  expect(readFileSync(path.join(again, 'lots.csv'))).toEqual(readFileSync(path.join(out, 'lots.csv')));
});

test('a question is answered on standard output, and changes nothing', () => {
  const out = path.join(folder, 'asked');
  const ran = kulfi(['run', ...table, '--say', 'how many lots per status?', '--say', 'total kg as well', '--out', out]);
  expect(ran.stdout).toBe('Status\tRows\naccepted\t2\ncancelled\t1\nStatus\tRows\tTotal Kg\naccepted\t2\t42.5\ncancelled\t1\t61\n');
  expect(readFileSync(path.join(out, 'brief.txt'), 'utf8')).toBe('');
});

test('a sentence looks into another table, and the record is verified with it', () => {
  const sites = path.join(folder, 'sites.csv'), out = path.join(folder, 'beside');
  writeFileSync(sites, 'Lot,Village\nL-1,Upper Teal\nL-3,Lower Teal\n');
  const ran = kulfi(['run', ...table, '--table', `sites=${sites}`, '--say', 'bring in the village of each lot from sites', '--out', out]);
  expect([ran.status, ran.stderr]).toEqual([0, expect.stringContaining('in the table "sites"')]);
  expect(readFileSync(path.join(out, 'lots.csv'), 'utf8')).toContain('L-1,42.5,6,accepted,Upper Teal');
  const verify = (...more: string[]) => kulfi(['verify', path.join(out, 'record.json'), file, ...more]);
  expect(verify('--table', `sites=${sites}`).status).toBe(0);
  expect(verify()).toMatchObject({ status: 1, stderr: expect.stringContaining('no table “sites”') });
  expect(verify('--table').status).toBe(2);
});

test('the exit code tells what came of it', () => {
  expect(kulfi(['run', ...table, '--say', 'drop the zorbled ones']).status).toBe(4);
  expect(kulfi(['run', ...table, '--say', 'drop the cancelled ones quickly']).status).toBe(3);
  expect(kulfi(['run', '--table', 'lots', '--say', 'x']).status).toBe(2);
  expect(kulfi(['run', '--table', 'lots=/nowhere.csv', '--say', 'x'])).toMatchObject({ status: 2, stderr: expect.stringContaining('There is no file') });
  expect(kulfi(['dance']).status).toBe(2);
});

test('a batch gives one result for each case, whatever is wrong with it', () => {
  const cases = [{ id: 'a', tables: [{ name: 'lots', file }], say: ['drop the hives column', 'undo that', 'rename kg to Weight'] }, { id: 'b', tables: [{ name: 'lots', file: '/nowhere.csv' }], say: ['x'] }];
  const { stdout, status } = kulfi(['batch'], cases.map((c) => JSON.stringify(c)).join('\n') + '\nnot json\n');
  const results = stdout.trim().split('\n').map((l) => JSON.parse(l) as { id: string; turns: { outcome: string }[]; tables: { columns: string[]; rows: unknown[][] }[]; error?: string });
  expect(status).toBe(0);
  expect(results.map((r) => r.id)).toEqual(['a', 'b', '']);
  expect(results[0]!.turns.map((t) => t.outcome)).toEqual(['done', 'done', 'done']);
  expect(results[0]!.tables[0]).toMatchObject({ columns: ['Lot', 'Weight', 'Hives', 'Status'], rows: [['L-1', '42.5', 6, 'accepted'], ['L-2', '61', 0, 'cancelled'], ['L-3', 'n/a', 3, 'accepted']] });
  expect(results[1]!.error).toBeDefined();
});
