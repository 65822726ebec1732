import fc from 'fast-check';
import type { Client } from 'pg';
import type { Condition, Expression } from '../core/formula/expression';
import { csvTable } from '../core/testing/tables';
import { cellsOf } from '../core/formats/write';
import { readExact, type Plan } from '../core/steps/registry';
import { headWithGlances, runPlan } from '../core/steps/run';
import { planSql } from '../core/steps/sql';
import type { Table } from '../core/table/table';
import type { CellValue } from '../core/values/cell';

/* The same plan worked out by Kulfi and by PostgreSQL, from its SQL, gives the same values, or blanks alike. */

let db: Client;
beforeAll(async () => {
  const { default: pg } = await import('pg');
  db = new pg.Client({ connectionString: process.env.KULFI_TEST_DATABASE });
  await db.connect();
});
afterAll(() => db.end());

interface Row { readonly site: string; readonly whole: number | null; readonly part: number | null; readonly note: string; readonly from: string; readonly to: string }
const day = fc.integer({ min: 0, max: 900 }).map((n) => new Date(Date.UTC(2024, 0, 15 + n)).toISOString().slice(0, 10));
const row: fc.Arbitrary<Row> = fc.record({
  site: fc.constantFrom('Teal', 'teal', 'Mill', 'Upper Mill', ''),
  whole: fc.option(fc.integer({ min: -20, max: 20 }), { freq: 6 }),
  part: fc.option(fc.integer({ min: -5_000, max: 5_000 }).map((n) => n / 100), { freq: 6 }),
  note: fc.constantFrom('ripe', 'unripe', 'Ripe honey', '', 'low'),
  from: fc.oneof({ weight: 8, arbitrary: day }, { weight: 1, arbitrary: fc.constant('') }),
  to: day,
});
// The first rows settle the types.
const SETTLED: Row[] = [{ site: 'Teal', whole: 1, part: 1.25, note: 'ripe', from: '2024-02-29', to: '2025-01-31' }, { site: 'Mill', whole: 2, part: -2.5, note: 'low', from: '2024-03-31', to: '2024-04-30' }];

const column = (name: string): Expression => ({ kind: 'column', name });
const by = fc.constantFrom<readonly string[]>([], ['Site'], ['Site', 'Note']);
const numberLeaf = fc.oneof(fc.constant(column('Whole')), fc.constant(column('Part')), fc.integer({ min: -9, max: 9 }).map((value): Expression => ({ kind: 'number', value: Object.is(value, -0) ? 0 : value })));
const plainCondition: fc.Arbitrary<Condition> = fc.oneof(
  fc.record({ kind: fc.constant('compare' as const), op: fc.constantFrom('<' as const, '<=' as const, '>' as const, '>=' as const, '=' as const, '<>' as const), left: fc.constantFrom(column('Whole'), column('Part')), right: numberLeaf }),
  fc.record({ kind: fc.constant('compare' as const), op: fc.constantFrom('<' as const, '>=' as const, '=' as const), left: fc.constant(column('From')), right: fc.oneof(fc.constant(column('To')), fc.constant<Expression>({ kind: 'date', value: '2025-01-01' })) }),
  fc.record({ kind: fc.constant('among' as const), of: fc.constant(column('Site')), texts: fc.subarray(['TEAL', 'mill', 'Heath'], { minLength: 1 }) }),
  fc.record({ kind: fc.constant('text' as const), test: fc.constantFrom('contains' as const, 'mentions' as const, 'starts' as const, 'ends' as const), of: fc.constantFrom(column('Note'), column('Site')), texts: fc.constantFrom(['ripe'], ['MILL', 'low'], ['upper']) }),
  fc.record({ kind: fc.constant('empty' as const), of: fc.constantFrom(column('Whole'), column('Note'), column('From')) }),
);
const condition: fc.Arbitrary<Condition> = fc.oneof(plainCondition, fc.record({ kind: fc.constantFrom('all' as const, 'any' as const), of: fc.array(plainCondition, { minLength: 2, maxLength: 3 }) }), plainCondition.map((of): Condition => ({ kind: 'not', of })));
const { expression } = fc.letrec<{ expression: Expression }>((tie) => ({
  expression: fc.oneof(
    { depthSize: 'small', withCrossShrink: true },
    numberLeaf,
    fc.record({ kind: fc.constant('op' as const), op: fc.constantFrom('+' as const, '-' as const, '*' as const, '/' as const), left: tie('expression'), right: tie('expression') }),
    fc.record({ kind: fc.constant('round' as const), of: fc.constantFrom(column('Part'), column('Whole')), places: fc.integer({ min: 0, max: 1 }), mode: fc.constantFrom('nearest' as const, 'up' as const, 'down' as const) }),
    fc.record({ kind: fc.constant('maths' as const), fn: fc.constantFrom('absolute value' as const, 'square root' as const, 'natural logarithm' as const), of: fc.constantFrom(column('Part'), column('Whole')) }),
    fc.record({ kind: fc.constant('choose' as const), cases: fc.array(fc.record({ when: condition, then: tie('expression') }), { minLength: 1, maxLength: 2 }), otherwise: fc.oneof(tie('expression'), fc.constant<Expression>({ kind: 'blank' })) }),
    fc.record({ kind: fc.constant('across' as const), fn: fc.constantFrom('sum' as const, 'mean' as const, 'lowest' as const, 'highest' as const), of: fc.constant([column('Whole'), column('Part')]) }),
    fc.record({ kind: fc.constant('orElse' as const), of: fc.constantFrom(column('Part'), column('Whole')), otherwise: numberLeaf }),
    fc.record({ kind: fc.constant('span' as const), unit: fc.constantFrom('days' as const, 'weeks' as const, 'months' as const, 'years' as const), from: fc.constant(column('From')), to: fc.constant(column('To')) }),
    fc.record({ kind: fc.constant('part' as const), part: fc.constantFrom('year' as const, 'quarter' as const, 'month' as const, 'week' as const, 'day' as const), of: fc.constantFrom(column('From'), column('To')) }),
    fc.record({ kind: fc.constant('size' as const), what: fc.constant('characters' as const), of: fc.constant(column('Note')) }),
    fc.record({ kind: fc.constant('total' as const), fn: fc.constantFrom('sum' as const, 'mean' as const, 'lowest' as const, 'highest' as const, 'count' as const, 'distinct' as const, 'median' as const, 'spread' as const, 'lower quartile' as const, 'upper quartile' as const, 'first' as const, 'last' as const), of: fc.constantFrom(column('Whole'), column('Part')), by }),
    fc.record({ kind: fc.constant('total' as const), fn: fc.constantFrom('count' as const, 'distinct' as const), of: fc.constantFrom(column('Note'), column('Site')), by }),
    fc.record({ kind: fc.constant('over' as const), fn: fc.constantFrom('running' as const, 'previous' as const, 'rank' as const, 'rank up' as const, 'number' as const, 'percentile' as const), of: fc.constantFrom(column('Whole'), column('Part')), by }),
    fc.record({ kind: fc.constant('moving' as const), fn: fc.constantFrom('sum' as const, 'mean' as const, 'lowest' as const, 'highest' as const), rows: fc.integer({ min: 2, max: 4 }), of: fc.constantFrom(column('Whole'), column('Part')), by }),
  ) as fc.Arbitrary<Expression>,
}));
const asked = fc.record({ fn: fc.constantFrom('sum' as const, 'mean' as const, 'lowest' as const, 'highest' as const, 'count' as const, 'distinct' as const, 'median' as const, 'spread' as const), of: fc.constantFrom(column('Whole'), column('Part')) });
const plan: fc.Arbitrary<Plan> = fc.oneof(
  { weight: 6, arbitrary: fc.record({ step: fc.constant('calculate' as const), name: fc.constant('New'), as: expression, replace: fc.constant(false), where: condition }, { requiredKeys: ['step', 'name', 'as', 'replace'] }) },
  { weight: 2, arbitrary: fc.record({ step: fc.constant('filter' as const), mode: fc.constantFrom('keep' as const, 'aside' as const), where: condition }) },
  { weight: 1, arbitrary: fc.record({ step: fc.constant('filter' as const), mode: fc.constantFrom('keep' as const, 'aside' as const), where: fc.record({ kind: fc.constant('compare' as const), op: fc.constantFrom('>' as const, '<=' as const), left: fc.constantFrom(column('Whole'), column('Part')), right: by.map((b): Expression => ({ kind: 'total', fn: 'median', of: column('Whole'), by: b })) }) }) },
  { weight: 3, arbitrary: fc.tuple(fc.array(asked, { minLength: 1, maxLength: 3 }), fc.constantFrom<readonly string[]>([], ['Site'], ['Site', 'Note']), fc.option(condition, { nil: undefined })).map(([figures, groups, where]): Plan => ({ step: 'ask', figures: figures.map((f, i) => ({ name: `F${i}`, as: { kind: 'total', ...f, by: [] } })), by: groups.map((name) => ({ name, as: column(name) })), ...(where ? { where } : {}) })) },
) as fc.Arbitrary<Plan>;

const csv = (v: string | number | null): string => (v === null ? '' : String(v));
async function stored(rows: readonly Row[]): Promise<Table> {
  await db.query('drop table if exists pg_temp.lots; create temp table lots ("Site" text, "Whole" bigint, "Part" numeric, "Note" text, "From" date, "To" date)');
  await db.query(`insert into lots select * from jsonb_to_recordset($1) as r("Site" text, "Whole" bigint, "Part" numeric, "Note" text, "From" date, "To" date)`, [JSON.stringify(rows.map((r) => ({ Site: r.site || null, Whole: r.whole, Part: r.part, Note: r.note || null, From: r.from || null, To: r.to })))]);
  return csvTable(`Site,Whole,Part,Note,From,To\n${rows.map((r) => [r.site, r.whole, r.part, r.note, r.from, r.to].map(csv).join(',')).join('\n')}\n`);
}
/** Values of either side in one form: numbers as numbers, dates as text. */
const plainValue = (v: unknown): CellValue => (v === null || v === undefined ? null : v instanceof Date ? `${v.getFullYear()}-${String(v.getMonth() + 1).padStart(2, '0')}-${String(v.getDate()).padStart(2, '0')}` : typeof v === 'string' && /^-?\d+(?:\.\d+)?(?:e[+-]?\d+)?$/i.test(v) ? Number(v) : (v as CellValue));
const alike = (a: CellValue, b: CellValue): boolean => (typeof a === 'number' && typeof b === 'number' ? Math.abs(a - b) <= 1e-8 * Math.max(1, Math.abs(a), Math.abs(b)) : a === b);

async function both(p: Plan, rows: readonly Row[]): Promise<{ ours: CellValue[][]; theirs: CellValue[][] } | null> {
  const table = await stored(rows);
  const head = await headWithGlances(table);
  const made = planSql(p, head, 'lots');
  if ('none' in made) return null;
  const result = await runPlan(p, table, head);
  const ours = result.answer ? result.answer.rows.map((r) => [...r]) : await cellsOf(result.table);
  const { rows: theirs } = await db.query({ text: made.sql, rowMode: 'array' });
  return { ours, theirs: (theirs as unknown[][]).map((r) => r.map(plainValue)) };
}
const key = (r: readonly CellValue[]): string => JSON.stringify(r.map((v) => (typeof v === 'number' ? Number(v.toPrecision(7)) : v)));

test('random columns, filters and questions come to the same in PostgreSQL', async () => {
  let compared = 0;
  await fc.assert(
    fc.asyncProperty(plan, fc.array(row, { maxLength: 25 }), async (p, more) => {
      const found = await both(p, [...SETTLED, ...more]);
      if (!found) return;
      compared++;
      // A question without an order may list its groups in any.
      const [ours, theirs] = p.step === 'ask' ? [[...found.ours].sort((a, b) => (key(a) < key(b) ? -1 : 1)), [...found.theirs].sort((a, b) => (key(a) < key(b) ? -1 : 1))] : [found.ours, found.theirs];
      expect(theirs.length).toBe(ours.length);
      ours.forEach((r, i) => r.forEach((v, c) => { if (!alike(v, theirs[i]![c]!)) throw new Error(`row ${i + 1}, column ${c + 1}: Kulfi has ${JSON.stringify(v)}, PostgreSQL ${JSON.stringify(theirs[i]![c])}`); }));
    }),
    { numRuns: 400 },
  );
  expect(compared).toBeGreaterThan(250);
}, 120_000);

test.each([
  ['Add ‹Net› as ‹Part› minus ‹Whole› rounded to 2 decimals.', /round\(\("Part"::numeric - "Whole"::numeric\), 2\) as "Net"/],
  ['Add ‹So far› as the running total of ‹Part› for each ‹Site›.', /over \(partition by lower\(.*\) order by ctid rows unbounded preceding\)/],
  ['Keep rows where ‹Site› is "Teal" and ‹Whole› is at least 3.', /where \(\(lower\(.*\) in \('teal'\) and "Whole"::numeric >= 3::numeric\)\)/],
  ['Answer ‹Rows› as the number of rows; for each ‹Site›; sorted by ‹Rows› from high to low; the first 3.', /group by lower\(.*\)\norder by "Rows" desc nulls last\nlimit 3/],
  ['Rename ‹Part› to ‹a "b"›.', /"Part" as "a ""b"""/],
])('%s', async (sentence, sql) => {
  const p = readExact(sentence)!;
  const made = planSql(p, await headWithGlances(await stored(SETTLED)), 'lots');
  expect('sql' in made && made.sql).toMatch(sql);
  expect((await both(p, SETTLED))!.theirs).toHaveLength((await both(p, SETTLED))!.ours.length);
});

test('what PostgreSQL would do differently has no SQL, and says why', async () => {
  const head = await headWithGlances(await stored(SETTLED));
  const none = (sentence: string): string => { const made = planSql(readExact(sentence)!, head, 'lots'); return 'none' in made ? made.none : made.sql; };
  expect(none('Standardise ‹Site›.')).toBe('There is no SQL for this: it is worked out by Kulfi’s own rules; hand the result off instead.');
  expect(none('Add ‹X› as ‹Note› plus 1.')).toBe('There is no SQL for this: “Note” holds no numbers; turn it into numbers first.');
});
