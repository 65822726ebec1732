import fc from 'fast-check';
import { cellsOf, csvPieces } from '../formats/write';
import { checkPlan, readExact } from '../steps/registry';
import { rowCount, type Table } from '../table/table';
import { csvTable } from '../testing/tables';
import { keepPlans, openSession, replay, type Session } from './session';
import { recordHtml, recordMarkdown, sessionRecord } from './record';

const LOTS = `Lot,Member,Site,Kg,Crate,Price,Day,Status\n${Array.from({ length: 40 }, (_, i) => `L-${i % 37},${[' ada fern', 'Bram  Hollow', '', 'INES VALE'][i % 4]},${['Teal', 'Tael', 'Garden - 3', 'Mill - 12'][i % 4]},${i === 5 ? 'n/a' : 20 + ((i * 7) % 31)},${i % 6 ? 2.5 : ''},€${(i % 9) + 1}.50,${i % 3 ? `2025-05-${String((i % 28) + 1).padStart(2, '0')}` : `${(i % 28) + 1} May 2025`},${['accepted', 'rejected', 'on hold'][i % 3]}`).join('\n')}\n`;

/** Sentences that can follow each other in any order, as long as their columns are there. */
const SENTENCES = [
  'In ‹Member›, trim outer spaces, reduce runs of spaces to one and write in title case.', 'Split ‹Site› at "-" into ‹Place› and ‹Hive›.', 'Turn ‹Price› into numbers.', 'Turn ‹Kg› into numbers.', 'Turn ‹Day› into dates.',
  'Set aside rows where ‹Status› is "rejected".', 'Keep rows where ‹Kg› is at least 25.', 'Add ‹Net› as ‹Kg› minus ‹Crate›.', 'Add ‹Value› as ‹Net› times ‹Price› rounded to 2 decimals.', 'Keep the first row of each ‹Lot›.',
  'Sort by ‹Kg› from high to low.', 'Keep 20 rows at random with seed 7.', 'Fill blanks in ‹Member› with "nobody".', 'Put right ‹Site› by row: 2 from "Tael" to "Teal", 9 from "Teal" to "Mill".', 'Check that ‹Kg› is at least 1.', 'Drop ‹Crate›.', 'Rename ‹Kg› to ‹Gross›.', 'Standardise ‹Site›.', 'Add ‹So far› as the running total of ‹Kg›.', 'Replace "Tael" in ‹Site› with "Teal".',
] as const;

async function bytes(table: Table): Promise<string> {
  let out = '';
  for await (const piece of csvPieces(table)) out += piece;
  return out;
}

const holdsFor = fc.record({ rows: fc.uniqueArray(fc.integer({ min: 1, max: 40 }), { maxLength: 3 }), kinds: fc.constant([] as string[]) });

/** A brief of sentences that can run, with some rows on hold. */
async function session(table: Table, wanted: readonly (readonly [string, { rows: number[]; kinds: string[] }])[]): Promise<Session> {
  let s = await openSession(table);
  for (const [sentence, holds] of wanted) {
    const plan = readExact(sentence)!;
    if (checkPlan(plan, s.head).length === 0) s = await keepPlans(s, [plan], sentence, { rows: new Set(holds.rows.map((n) => n - 1)), kinds: new Set(holds.kinds) });
  }
  return s;
}

test('a brief run again on the source gives the same bytes; every step accounts for its rows; the statement balances', async () => {
  const table = await csvTable(LOTS);
  await fc.assert(
    fc.asyncProperty(fc.array(fc.tuple(fc.constantFrom(...SENTENCES), holdsFor), { minLength: 1, maxLength: 7 }), async (wanted) => {
      const s = await session(table, wanted);
      let rows = rowCount(table);
      for (const e of s.entries) {
        expect(e.report.rowsIn).toBe(rows);
        expect(e.report.kinds.reduce((n, k) => n + k.rows, 0) || rows).toBe(rows);
        expect(rowCount(e.after)).toBe(e.report.rowsOut);
        rows = e.report.rowsOut;
      }
      const record = await sessionRecord(s, table, { file: 'lots.csv', sha256: '', settings: {} as never }, '');
      expect(record.balance).toMatchObject({ rowsIn: 40, rowsOut: rowCount(s.table), balances: true });
      expect(record.balance.rowsIn - record.balance.aside.reduce((n, a) => n + a.rows, 0)).toBe(record.balance.rowsOut);
      const holds = wanted.filter(([sentence]) => s.entries.some((e) => e.sentence === sentence));
      const again = await replay(table, s.entries.map((e, i) => ({ sentence: e.sentence, holds: nthHolds(holds, s, i) })));
      expect(await bytes(again.table)).toBe(await bytes(s.table));
    }),
    { numRuns: 60 },
  );
});

/** The holds each kept sentence ran with: sentences that could not run are passed over, in order. */
function nthHolds(wanted: readonly (readonly [string, { rows: number[]; kinds: string[] }])[], s: Session, n: number): { rows: number[]; kinds: string[] } {
  let at = 0;
  for (let i = 0; i <= n; i++) {
    while (wanted[at]![0] !== s.entries[i]!.sentence) at++;
    if (i < n) at++;
  }
  return wanted[at]![1];
}

test('a row on hold keeps exactly its old value, whatever the other sentences are', async () => {
  const table = await csvTable(LOTS);
  const others = SENTENCES.filter((s) => !s.includes('‹Member›') && !/^(?:Set aside|Keep|Sort)/.test(s));
  await fc.assert(
    fc.asyncProperty(fc.array(fc.constantFrom(...others), { maxLength: 4 }), fc.array(fc.constantFrom(...others), { maxLength: 4 }), fc.integer({ min: 1, max: 40 }), async (before, after, row) => {
      const none = { rows: [], kinds: [] };
      const s = await session(table, [...before.map((x) => [x, none] as const), ['In ‹Member›, write in capitals.', { rows: [row], kinds: [] }], ...after.map((x) => [x, none] as const)]);
      const at = s.table.columns.findIndex((c) => c.name === 'Member');
      const old = (await cellsOf(table)).map((r) => r[1]);
      const now = (await cellsOf(s.table)).map((r) => r[at]);
      expect(now[row - 1]).toBe(old[row - 1]);
      expect(now.filter((v, i) => i !== row - 1 && v !== (old[i] === null ? null : String(old[i]).toUpperCase()))).toEqual([]);
    }),
    { numRuns: 30 },
  );
});

test('what cannot run again says which sentence and why', async () => {
  const table = await csvTable(LOTS);
  await expect(replay(table, [{ sentence: 'Drop ‹Kg›.' }, { sentence: 'Add ‹Net› as ‹Kg› minus ‹Crate›.' }])).rejects.toThrow('Sentence 2 cannot run (Add ‹Net› as ‹Kg› minus ‹Crate›.): There is no column “Kg”.');
  await expect(replay(table, [{ sentence: 'please tidy up' }])).rejects.toThrow('Sentence 1 is not an exact sentence');
});

test('the record says the same in Markdown and as a page, and nothing in it runs', async () => {
  const table = await csvTable(LOTS);
  const s = await session(table, [['Set aside rows where ‹Status› is "rejected".', { rows: [], kinds: [] }], ['Check that ‹Kg› is at least 30.', { rows: [], kinds: [] }]]);
  const record = { ...(await sessionRecord(s, table, { file: '<script>.csv', sha256: 'abc', settings: {} as never }, 'def')), signedOff: { by: 'Ines *Vale*', at: '2026-01-02', remark: 'a <b>' } };
  const [markdown, page] = [recordMarkdown(record), recordHtml(record)];
  expect(markdown).toContain('Signed off by Ines \\*Vale\\* on 2026-01-02. a \\<b\\>');
  expect(page).toContain('Ines *Vale* on 2026-01-02. a &lt;b&gt;');
  expect(page).not.toMatch(/<script|<b>/);
  for (const text of ['rows in 40, out 27, set aside 13', 'Check that ‹Kg› is at least 30. ', 'do not', 'in the source']) expect([markdown.includes(text), page.includes(text)]).toEqual([true, true]);
});
