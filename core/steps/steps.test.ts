import fc from 'fast-check';
import { rowCount } from '../table/table';
import { cellsOf } from '../formats/write';
import { columnCells, csvTable } from '../testing/tables';
import { textTable } from '../table/table';
import { checkPlan, readExact, type Plan } from './registry';
import { HELD, firstRows, headWithGlances, runPlan, tryPlan, type Holds } from './run';

const LOTS = `Lot,Keeper,Site,Kg,Hives,Price,Status
L-1, ada  FERN,12 - Orchard,42.5,6,€9.40,accepted
L-2,tobias brook,Mill Field,61,0,"7,80",rejected
L-3,ODILE MARSH,4 - Mill - Field,,4,8.60 EUR,accepted
L-4,,9 - Garden,n/a,3,waived,on hold
${Array.from({ length: 30 }, (_, i) => `L-${i + 5},Ike,1 - Heath,${i + 1},2,1.00,accepted`).join('\n')}
`;

async function run(sentence: string, holds?: Holds) {
  const table = await csvTable(LOTS);
  const head = await headWithGlances(table);
  const plan = readExact(sentence);
  if (!plan) throw new Error(`not exact: ${sentence}`);
  expect(checkPlan(plan, head)).toEqual([]);
  return { before: table, plan, head, ...(await runPlan(plan, table, head, holds ? { holds } : {})) };
}
const kinds = (report: { kinds: readonly { key: string; rows: number }[] }): Record<string, number> => Object.fromEntries(report.kinds.map((k) => [k.key, k.rows]));

test('a column is cut in two; what does not fit is left whole and is an odd kind', async () => {
  const { table, report } = await run('Split ‹Site› at "-" into ‹Hive› and ‹Place›.');
  expect((await columnCells(table, 'Hive')).slice(0, 4)).toEqual(['12', 'Mill Field', '4', '9']);
  expect((await columnCells(table, 'Place')).slice(0, 4)).toEqual(['Orchard', null, 'Mill - Field', 'Garden']);
  expect(kinds(report)).toEqual({ whole: 1, more: 1, cut: 32 });
  expect(report.kinds[0]!.odd).toBe(true);
});

test('look-alike values are written in one spelling; what is not sure is left and pointed out; the sentence decides', async () => {
  const sites = ['Upper Teal', 'Upper Teal', 'Upper Teal', 'upper  teal', 'Uper Teal', 'Teal, Upper', 'Heath', 'Heath', 'Heaths', 'Heaths', ''];
  const table = await csvTable(`Site,N\n${sites.map((s) => `"${s}",1`).join('\n')}\n`);
  const head = await headWithGlances(table);
  const after = async (sentence: string) => {
    const done = await runPlan(readExact(sentence)!, table, head);
    return { cells: await columnCells(done.table, 'Site'), kinds: kinds(done.report), spellings: done.spellings };
  };
  const done = await after('Standardise ‹Site›.');
  expect(done.cells).toEqual([...Array.from({ length: 6 }, () => 'Upper Teal'), 'Heath', 'Heath', 'Heaths', 'Heaths', null]);
  expect(done.kinds).toEqual({ unsure: 2, letters: 1, order: 1, marks: 1, same: 6 });
  expect(done.spellings!.map((g) => g.to)).toEqual(['Upper Teal', 'Heath']);
  // A first look at some of the rows does not speak for all of them.
  const few = await runPlan(readExact('Standardise ‹Site›.')!, firstRows(table, 3), head);
  expect(few.spellings).toEqual([]);
  expect((await after('Standardise ‹Site›.')).spellings).toHaveLength(2);
  const decided = await after('Standardise ‹Site›, taking "Heaths" for "Heath", leaving "Uper Teal" and "Teal, Upper" as it is.');
  expect(decided.cells.slice(3)).toEqual(['Upper Teal', 'Uper Teal', 'Teal, Upper', 'Heath', 'Heath', 'Heath', 'Heath', null]);
});

test('questions about the columns are answered from all rows that are in the table', async () => {
  const table = await csvTable('A,B,C\n1,,x\n2,,\n3,,\n4,b,\n');
  const three = { ...table, rows: Uint32Array.from([0, 1, 2]) };
  const ask = async (sentence: string, over = table) => (await runPlan(readExact(sentence)!, over, await headWithGlances(over))).answer!.rows;
  expect(await ask('List the columns filled in at most 25 percent of the rows.')).toEqual([['B', 1, 3, 25], ['C', 1, 3, 25]]);
  expect(await ask('List the columns filled in at most 0 percent of the rows.', three)).toEqual([['B', 0, 3, 0]]);
  expect(await ask('Count the columns with one value only.')).toEqual([[2]]);
  expect(await ask('Count the columns.')).toEqual([[3]]);
});

test('of alike rows one stays: the first, the last or the fullest', async () => {
  const table = await csvTable('Name,Mail,Town\nAda Fern,ada@fern.example,\n"Fern, Ada",ada@fern.example,Teal\nAda Fern,ada@fern.example,\nIda Fernandez,ida@else.example,Heath\n');
  const head = await headWithGlances(table);
  const left = async (sentence: string) => {
    const done = await runPlan(readExact(sentence)!, table, head);
    return [[...done.table.rows!], kinds(done.report)];
  };
  expect(await left('Keep the first row of those alike in ‹Name› and ‹Mail›.')).toEqual([[0, 3], { near: 1, repeat: 1, kept: 1, single: 1 }]);
  expect(await left('Keep the fullest row of those alike in ‹Name› and ‹Mail›.')).toEqual([[1, 3], { near: 2, kept: 1, single: 1 }]);
  expect(await left('Keep the last row of each ‹Name› and ‹Mail›.')).toEqual([[1, 2, 3], { repeat: 1, kept: 1, single: 2 }]);
});

test('a column is cut after so many characters', async () => {
  const { table, report } = await run('Split ‹Site› at character 2 and 4 into ‹A›, ‹B› and ‹C›.');
  expect((await cellsOf(table)).slice(0, 2).map((row) => row.slice(3, 6))).toEqual([['12', '-', 'Orchard'], ['Mi', 'll', 'Field']]);
  expect(kinds(report)).toEqual({ cut: 34 });
});

test('values far from the rest are found by quartile ranges or standard deviations', async () => {
  const far = await run('Keep rows where ‹Kg› lies more than 1.5 quartile ranges outside.');
  expect(await columnCells(far.table, 'Kg')).toEqual([61]);
  const near = await run('Keep rows where ‹Kg› lies more than 1.6 standard deviations outside.');
  expect(await columnCells(near.table, 'Kg')).toEqual([42.5, 61]);
});

test('a calculation: blanks, misfits and zero divisors give blanks, each a kind with its count', async () => {
  const { table, report } = await run('Add ‹Yield› as ‹Kg› divided by ‹Hives› rounded to 2 decimals.');
  expect((await columnCells(table, 'Yield')).slice(0, 5)).toEqual([7.08, null, null, null, 0.5]);
  expect(kinds(report)).toEqual({ zero: 1, blank: 1, misfit: 1, done: 31 });
});

test('texts are read as amounts where numbers are needed, and money has no binary dust', async () => {
  const { table } = await run('Add ‹Value› as ‹Kg› times ‹Price›.');
  expect((await columnCells(table, 'Value')).slice(0, 3)).toEqual([399.5, 475.8, null]);
});

test('rows that cannot be judged are not removed by a condition, and not kept by one', async () => {
  const aside = await run('Set aside rows where ‹Kg› is less than 20.');
  expect((await columnCells(aside.table, 'Lot')).slice(0, 4)).toEqual(['L-1', 'L-2', 'L-3', 'L-4']);
  const keep = await run('Keep rows where ‹Kg› is at least 20 and ‹Status› is not "rejected".');
  expect((await columnCells(keep.table, 'Lot')).slice(0, 2)).toEqual(['L-1', 'L-24']);
  expect(kinds(keep.report).unknown).toBe(2);
});

test.each<[string, string, unknown[]]>([
  ['In ‹Keeper›, trim outer spaces, reduce runs of spaces to one and write in title case.', 'Keeper', ['Ada Fern', 'Tobias Brook', 'Odile Marsh', null]],
  ['Replace "Mill" in ‹Site› with "Weir".', 'Site', ['12 - Orchard', 'Weir Field', '4 - Weir - Field', '9 - Garden']],
  ['Remove what is between "1" and "-" from ‹Site›.', 'Site', ['Orchard', 'Mill Field', '4 - Mill - Field', '9 - Garden']],
  ['Fill blanks in ‹Keeper› with "nobody".', 'Keeper', [' ada  FERN', 'tobias brook', 'ODILE MARSH', 'nobody']],
  ['Fill blanks in ‹Keeper› with the value above.', 'Keeper', [' ada  FERN', 'tobias brook', 'ODILE MARSH', 'ODILE MARSH']],
  ['Fill blanks in ‹Keeper› with the value below.', 'Keeper', [' ada  FERN', 'tobias brook', 'ODILE MARSH', 'Ike']],
  ['Fill blanks in ‹Keeper› with the commonest value.', 'Keeper', [' ada  FERN', 'tobias brook', 'ODILE MARSH', 'Ike']],
  ['Fill blanks in ‹Keeper› with ‹Site›.', 'Keeper', [' ada  FERN', 'tobias brook', 'ODILE MARSH', '9 - Garden']],
  ['Fill blanks in ‹Kg› with the median.', 'Kg', [42.5, 61, 16.5, 'n/a']],
  ['Fill blanks in ‹Kg› with the mean for each ‹Hives›.', 'Kg', [42.5, 61, null, 'n/a']],
  ['In ‹Site›, write on one line and take off accents.', 'Site', ['12 - Orchard', 'Mill Field', '4 - Mill - Field', '9 - Garden']],
  ['Set ‹Lot› to ‹Lot› filled up to 5 characters with "0".', 'Lot', ['00L-1', '00L-2', '00L-3', '00L-4']],
  ['Set ‹Site› to the number of words in ‹Site›.', 'Site', [3, 2, 5, 3]],
  ['Set ‹Site› to the number of pieces of ‹Site› cut at "-".', 'Site', [2, 1, 3, 2]],
  ['Set ‹Site› to the number of the row for each ‹Hives›.', 'Site', [1, 1, 1, 1]],
  ['Set ‹Site› to every number in ‹Site›.', 'Site', ['12', null, '4', '9']],
  ['Set ‹Site› to the number of times there is a number in ‹Site›.', 'Site', [1, 0, 1, 1]],
  ['Turn ‹Price› into numbers, reading "waived" as "0".', 'Price', [9.4, 7.8, 8.6, 0]],
  ['Turn ‹Price› into numbers, blanking what is none.', 'Price', [9.4, 7.8, 8.6, null]],
  ['Turn ‹Price› into numbers.', 'Price', [9.4, 7.8, 8.6, 'waived']],
  ['Add ‹Running› as the running total of ‹Hives›.', 'Running', [6, 6, 10, 13]],
  ['Add ‹Rank› as the rank, highest first, of ‹Kg›.', 'Rank', [2, 1, null, null]],
  ['Add ‹Share› as ‹Hives› divided by (the sum of ‹Hives› over the rows for each ‹Status›).', 'Share', [6 / 70, null, 4 / 70, 1]],
  ['Add ‹Size› as if ‹Hives› is at least 4 then "large", otherwise "small".', 'Size', ['large', 'small', 'large', 'small']],
  ['Add ‹Label› as ‹Lot› and ‹Keeper› joined with ": ".', 'Label', ['L-1: ada  FERN', 'L-2: tobias brook', 'L-3: ODILE MARSH', 'L-4']],
  ['Set ‹Hives› to ‹Hives› times 2, only where ‹Status› is "accepted".', 'Hives', [12, 0, 8, 3]],
])('%s', async (sentence, column, first) => {
  const { table } = await run(sentence);
  const cells = (await columnCells(table, column)).slice(0, 4);
  expect(cells).toEqual(first.map((v) => (typeof v === 'number' ? expect.closeTo(v, 9) : v)));
});

test('layout steps change no cell', async () => {
  expect((await run('Move ‹Status› to after ‹Lot›.')).table.columns.map((c) => c.name).slice(0, 3)).toEqual(['Lot', 'Status', 'Keeper']);
  expect((await run('Rename ‹Kg› to ‹Hives› and ‹Hives› to ‹Kg›.')).table.columns.map((c) => c.name)).toEqual(['Lot', 'Keeper', 'Site', 'Hives', 'Kg', 'Price', 'Status']);
  expect((await run('Drop ‹Price› and ‹Site›.')).table.columns).toHaveLength(5);
  expect((await run('Keep only the columns ‹Status› and ‹Lot›.')).table.columns.map((c) => c.name)).toEqual(['Status', 'Lot']);
  expect(await columnCells((await run('Copy ‹Kg› to ‹Kg before›.')).table, 'Kg before')).toEqual(await columnCells((await run('Drop ‹Lot›.')).table, 'Kg'));
});

test('exactly as many rows as were asked, and the same ones for the same seed', async () => {
  const a = await run('Keep 7 rows at random with seed 3.');
  const b = await run('Keep 7 rows at random with seed 3.');
  expect(rowCount(a.table)).toBe(7);
  expect([...a.table.rows!]).toEqual([...b.table.rows!]);
  expect((await columnCells((await run('Keep 2 rows with the highest ‹Kg›.')).table, 'Lot'))).toEqual(['L-1', 'L-2']);
  expect(rowCount((await run('Keep the first row of each ‹Status›.')).table)).toBe(3);
  expect((await columnCells((await run('Sort by ‹Status› and ‹Kg› from high to low.')).table, 'Lot')).slice(0, 2)).toEqual(['L-1', 'L-34']);
});

test('a plan is checked before any row is read', async () => {
  const head = await headWithGlances(await csvTable(LOTS));
  const problem = (sentence: string): string => checkPlan(readExact(sentence)!, head)[0]?.text ?? '';
  expect(problem('Drop ‹Honey›.')).toMatch('no column “Honey”');
  expect(problem('Add ‹Kg› as ‹Hives› times 2.')).toMatch('already a column “Kg”');
  expect(problem('Add ‹X› as ‹Keeper› times 2.')).toMatch('“Keeper” does not hold numbers');
  expect(problem('Add ‹X› as the year of ‹Kg›.')).toMatch('does not hold dates');
});

test('a held row keeps its old value, a held kind too; rows on hold are not set aside', async () => {
  const { table, report, before } = await run('Turn ‹Price› into numbers, blanking what is none.', { rows: new Set([0]), kinds: new Set(['blanked']) });
  expect((await columnCells(table, 'Price')).slice(0, 4)).toEqual(['€9.40', 7.8, 8.6, 'waived']);
  expect(report.held).toBe(2);
  expect(report.codes![0]! & HELD).toBe(HELD);
  const kept = await run('Set aside rows where ‹Status› is "accepted".', { rows: new Set([2]), kinds: new Set() });
  expect(await columnCells(kept.table, 'Lot')).toEqual(['L-2', 'L-3', 'L-4']);
  expect(rowCount(before)).toBe(34);
});

test('a trial gives the cells that the run gives', async () => {
  const { table, plan, before, head } = await run('Add ‹Value› as ‹Kg› times ‹Hives›.');
  expect(await cellsOf(await tryPlan(plan, before, head))).toEqual(await cellsOf(table));
});

test('the books balance: rows in = rows out + set aside, kinds cover every row, untouched columns are the same ones', async () => {
  const sentences: Plan[] = ['Keep rows where ‹B› contains "a".', 'Set aside rows where ‹A› is blank.', 'In ‹A›, write in capitals.', 'Split ‹B› at "a" into ‹P› and ‹Q›.', 'Keep the last row of each ‹A›.', 'Turn ‹B› into numbers.', 'Add ‹C› as ‹A› and ‹B› joined with "-".'].map((s) => readExact(s)!);
  const cell = fc.string({ maxLength: 3, unit: fc.constantFrom('a', 'B', '1', ' ', '-') });
  await fc.assert(
    fc.asyncProperty(fc.array(fc.tuple(cell, cell), { minLength: 1, maxLength: 30 }), fc.constantFrom(...sentences), fc.uniqueArray(fc.integer({ min: 0, max: 29 }), { maxLength: 5 }), async (rows, plan, heldRows) => {
      const table = textTable('t', ['A', 'B'], rows);
      const head = await headWithGlances(table);
      if (checkPlan(plan, head).length) return;
      const held = new Set(heldRows.filter((p) => p < rows.length));
      const { table: after, report } = await runPlan(plan, table, head, { holds: { rows: held, kinds: new Set() } });
      expect(report.rowsIn).toBe(rows.length);
      expect(report.rowsOut).toBe(rowCount(after));
      expect(report.kinds.reduce((n, k) => n + k.rows, 0)).toBe(rows.length);
      const touched = new Set('columns' in plan ? plan.columns : []);
      for (const column of table.columns) if (!touched.has(column.name)) expect(after.columns.find((c) => c.name === column.name)!.load).toBe(column.load);
      const [was, is] = [await cellsOf(table), await cellsOf({ ...after, rows: null, columns: after.columns.filter((c) => c.name === 'A' || c.name === 'B') })];
      for (const p of held) {
        expect(is[p]).toEqual(was[p]);
        if (after.rows) expect([...after.rows]).toContain(p);
      }
    }),
    { numRuns: 150 },
  );
});

test('cleaning twice gives the same as once', async () => {
  const cell = fc.string({ maxLength: 8 });
  await fc.assert(
    fc.asyncProperty(fc.array(cell, { minLength: 1, maxLength: 10 }), fc.constantFrom('In ‹A›, trim outer spaces and reduce runs of spaces to one.', 'In ‹A›, write in lower case.', 'Remove all punctuation from ‹A›.'), async (cells, sentence) => {
      const plan = readExact(sentence)!;
      const once = (await runPlan(plan, textTable('t', ['A'], cells.map((c) => [c])), await headWithGlances(textTable('t', ['A'], cells.map((c) => [c]))))).table;
      const twice = (await runPlan(plan, once, await headWithGlances(once))).table;
      expect(await cellsOf(twice)).toEqual(await cellsOf(once));
    }),
    { numRuns: 100 },
  );
});

test('what is only nearly what was looked for is left, and pointed out', async () => {
  const table = await csvTable('Town\nHarbour\nharbor\nat Harbour\nHarbours\nArbour\nStation\n');
  const head = await headWithGlances(table);
  const done = async (sentence: string) => {
    const { table: after, report } = await runPlan(readExact(sentence)!, table, head);
    return { cells: await columnCells(after, 'Town'), kinds: kinds(report) };
  };
  expect(await done('Replace cells that are "harbour" in ‹Town› with "Quay".')).toEqual({ cells: ['Quay', 'harbor', 'at Harbour', 'Harbours', 'Arbour', 'Station'], kinds: { near: 3, changed: 1, same: 2 } });
  expect((await done('Replace "Harbour" in ‹Town› with "Quay".')).kinds).toEqual({ near: 2, changed: 3, same: 1 });
});

test('the blanks of repeated rows are filled from each other, in the order of the table, before one of them stays', async () => {
  const table = await csvTable('Keeper,Phone,Site,Kg\nAda,,Heath,\nBo,1,,3\nAda,7,Garden,5\nAda,8,,6\n');
  const turned = await runPlan(readExact('Sort by ‹Kg› from high to low.')!, table, await headWithGlances(table));
  const filled = await runPlan(readExact('Fill blanks in ‹Phone›, ‹Site› and ‹Kg› with the first filled value for each ‹Keeper›.')!, turned.table, await headWithGlances(turned.table));
  const { table: one } = await runPlan(readExact('Keep the first row of each ‹Keeper›.')!, filled.table, await headWithGlances(filled.table));
  expect(await Promise.all(['Keeper', 'Phone', 'Site', 'Kg'].map((c) => columnCells(one, c)))).toEqual([['Ada', 'Bo'], [8, 1], ['Garden', null], [6, 3]]);
  expect(kinds(filled.report)).toEqual({ open: 1, filled: 2, same: 1 });
});

test('codes are written in one shape; what has other letters or figures is left', async () => {
  const table = await csvTable('Lot,N\nlt 42,1\nLT-0042,1\n7,1\nLT-12345,1\n,1\n');
  const { table: after, report } = await runPlan(readExact('Write ‹Lot› in the shape of "LT-0001".')!, table, await headWithGlances(table));
  expect(await columnCells(after, 'Lot')).toEqual(['LT-0042', 'LT-0042', 'LT-0007', 'LT-12345', null]);
  expect(kinds(report)).toEqual({ unfit: 1, led: 1, reshaped: 1, same: 2 });
});
