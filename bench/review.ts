// What figures over rows cost beside PostgreSQL, and what the review and a replay cost on a large table.
import type { Pool } from 'pg';
import { formsAmong } from '../core/review/forms';
import { createReadStream } from 'node:fs';
import { readExact } from '../core/steps/registry';
import { headWithGlances, noSink, runPlan } from '../core/steps/run';
import { CHUNK_ROWS, VALUE, memoryColumn, numberChunk, textChunk, type Chunk } from '../core/table/column';
import type { Table } from '../core/table/table';
import { randomFrom } from '../core/values/random';
import { previewAgain, runAgain } from '../server/again';
import { receiveUpload, previewUpload } from '../server/uploads';
import { viewReview, reviewRows } from '../server/review';
import * as workspaces from '../server/workspaces';

type Line = readonly [what: string, measured: string, floor: string, ratio: string, wanted: string, met: boolean];
type Timed = (work: () => unknown, times?: number) => Promise<number>;
type Ms = (n: number) => string;
const GROUPS = 1_000;

/** Figures over rows in memory, beside the same in the local PostgreSQL. */
export async function figureFigures(rows: number, pool: Pool, timed: Timed, ms: Ms): Promise<Line[]> {
  const random = randomFrom(11);
  const groups = Uint16Array.from({ length: rows }, () => Math.floor(random() * GROUPS));
  const values = Float64Array.from({ length: rows }, () => Math.round(random() * 100_000) / 100);
  const chunked = (make: (from: number, to: number) => Chunk): Chunk[] => Array.from({ length: Math.ceil(rows / CHUNK_ROWS) }, (_, o) => make(o * CHUNK_ROWS, Math.min(rows, (o + 1) * CHUNK_ROWS)));
  const table: Table = {
    name: 'lots',
    size: rows,
    rows: null,
    columns: [
      memoryColumn({ name: 'Site', type: 'text', scale: null }, chunked((a, b) => textChunk(Array.from(groups.subarray(a, b), (g) => `site ${g}`)))),
      memoryColumn({ name: 'Kg', type: 'decimal', scale: 2 }, chunked((a, b) => numberChunk(values.slice(a, b), new Uint8Array(b - a).fill(VALUE)))),
    ],
  };
  const head = await headWithGlances(table);
  const run = (sentence: string, times = 3): Promise<number> => timed(() => runPlan(readExact(sentence)!, table, head, { sinkFor: noSink }), times);
  await pool.query('drop table if exists figures; create table figures (site text, kg double precision)');
  await pool.query(`insert into figures select 'site ' || (random() * ${GROUPS - 1})::int, round((random() * 1000)::numeric, 2) from generate_series(1, $1)`, [rows]);
  await pool.query('analyze figures');
  const sql = (query: string, times = 3): Promise<number> => timed(() => pool.query(query), times);
  const raw = await timed(() => { const out = new Float64Array(rows); for (let i = 0; i < rows; i++) out[i] = (values[i]! - 3) * values[i]! + 7; return out; }, 9);
  const three = await run('Add ‹X› as ((‹Kg› minus 3) times ‹Kg›) plus 7.', 9);
  const [total, byPg] = [await run('Answer ‹Total› as the sum of ‹Kg› over the rows; for each ‹Site›.', 9), await sql('select site, sum(kg) from figures group by site', 9)];
  const [running, runningPg] = [await run('Add ‹X› as the running total of ‹Kg› for each ‹Site›.'), await sql('select sum(x) from (select sum(kg) over (partition by site order by ctid rows unbounded preceding) as x from figures) as t')];
  const [rank, rankPg] = [await run('Add ‹X› as the rank, highest first, of ‹Kg› for each ‹Site›.'), await sql('select sum(x) from (select rank() over (partition by site order by kg desc) as x from figures) as t')];
  const capitals = readExact('In ‹Site›, write in capitals.')!;
  const { table: written } = await runPlan(capitals, table, head);
  const [step, forms] = [await timed(() => runPlan(capitals, table, head, { sinkFor: noSink }), 5), await timed(() => formsAmong([{ table, names: ['Site'] }, { table: written, names: ['Site'] }], () => true), 5)];
  const n = rows.toLocaleString('en');
  return [
    [`a column of three operators over ${n} rows, with its kinds and glance`, ms(three), `raw loop ${ms(raw)}`, `${(three / raw).toFixed(1)}x`, 'within 4x', three <= 4 * raw],
    [`totals of ${GROUPS} groups over ${n} rows`, ms(total), `GROUP BY ${ms(byPg)}`, `${(total / byPg).toFixed(2)}x`, 'no slower', total <= byPg],
    ['running total within a group', ms(running), `window function ${ms(runningPg)}`, `${(running / runningPg).toFixed(2)}x`, 'no slower', running <= runningPg],
    [`the forms among ${n} rows that a sentence changed`, ms(forms), `the sentence itself ${ms(step)}`, `${(forms / step).toFixed(2)}x`, 'within 2x', forms <= 2 * step],
    ['rank within a group', ms(rank), `window function ${ms(rankPg)}`, `${(rank / rankPg).toFixed(2)}x`, 'no slower', rank <= rankPg],
  ];
}

/** The review of fifty sentences on a large table, and the brief run on the same file again. */
export async function reviewFigures(workspaceId: number, tableId: number, csv: string, importMs: number, timed: Timed, ms: Ms): Promise<Line[]> {
  const keep = async (sentence: string): Promise<void> => {
    const { version } = await workspaces.viewWorkspace(workspaceId);
    await workspaces.keepRequest({ workspaceId, tableId, version, request: sentence, plans: [readExact(sentence)!], holds: [], corrects: false });
  };
  const brief = ['Add ‹Net kg› as ‹Gross kg› minus ‹Crate kg›.', 'Set aside rows where ‹Status› is "cancelled".', 'Check that ‹Gross kg› is at least 12.'];
  for (const sentence of brief) await keep(sentence);
  const uploadOf = async (): Promise<string> => (await receiveUpload(createReadStream(csv) as AsyncIterable<Uint8Array>, 'again.csv', null)).id;
  const uploadId = await uploadOf();
  const plan = await previewAgain(uploadId, workspaceId);
  const { settings } = await previewUpload(uploadId, {});
  const from = performance.now();
  await runAgain({ uploadId, workspaceId, settings, workspaceName: 'again', ties: plan.ties.map((t) => ({ column: t.column, to: t.to! })) }, () => undefined);
  const again = performance.now() - from;
  for (let i = brief.length; i < 50; i++) await keep(`In ‹Flower›, write in ${i % 2 ? 'capitals' : 'lower case'}.`);
  const first = performance.now();
  await viewReview(workspaceId);
  const cold = performance.now() - first;
  const warm = await timed(() => viewReview(workspaceId), 5);
  const { items } = await viewReview(workspaceId);
  const item = items.find((i) => i.reason === 'check' && i.kind !== null);
  const page = item ? await timed(() => reviewRows({ workspaceId, key: item.key, kind: item.kind, what: 'kind', sampleId: null, narrow: '', from: 0, count: 100 }), 5) : NaN;
  return [
    ['the review of 50 sentences on the large table, opened', ms(warm), `the first time, its checks run: ${ms(cold)}`, '', 'within 300 ms', warm <= 300],
    ['a page of 100 rows of one kind in the review', ms(page), '', '', '', page <= 300],
    [`a brief of ${brief.length} sentences run on the file again, parsed and stored`, ms(again), `import alone ${ms(importMs)}`, `${(again / importMs).toFixed(2)}x`, 'within 3x', again <= 3 * importMs],
  ];
}
