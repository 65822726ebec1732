import fc from 'fast-check';
import { tieColumns } from '../language/ties';
import { headWithGlances } from '../steps/run';
import { csvTable } from '../testing/tables';
import { differences, sharesDiffer, type BriefRun } from './difference';
import { formsAmong, mostDifferent } from './forms';
import { inOrder, type Waiting } from './queue';
import { statementFor, type Stage } from './statement';

const stage = (over: Partial<Stage>): Stage => ({ sentence: '', rowsIn: 10, rowsOut: 10, reasons: [], writes: [], after: [{ column: 'Kg', sum: 100, cells: 10 }], ...over });
const source = { rows: 10, totals: [{ column: 'Kg', sum: 100, cells: 10 }] };

describe('the statement', () => {
  test('accounts for every row and every sum, from the source to now', () => {
    const s = statementFor(source, [
      stage({ rowsOut: 7, reasons: [{ words: 'fits: set aside', rows: 3 }], after: [{ column: 'Kg', sum: 70, cells: 7 }] }),
      stage({ rowsIn: 7, rowsOut: 7, writes: ['Net'], after: [{ column: 'Kg', sum: 70, cells: 7 }, { column: 'Net', sum: 65.5, cells: 7 }] }),
    ]);
    expect(s).toEqual({
      rowsIn: 10,
      aside: [{ n: 1, words: 'fits: set aside', rows: 3 }],
      rowsOut: 7,
      columns: [
        { column: 'Kg', from: 100, changes: [{ n: 1, by: -30, meant: true }], to: 70 },
        { column: 'Net', from: null, changes: [{ n: 2, by: 65.5, meant: true }], to: 65.5 },
      ],
      balances: true,
    });
  });
  test('a sum that changes though no sentence writes its column does not balance, nor do rows that go without a reason', () => {
    const odd = statementFor(source, [stage({ writes: ['Net'], after: [{ column: 'Kg', sum: 101, cells: 10 }] })]);
    expect([odd.balances, odd.columns[0]!.changes]).toEqual([false, [{ n: 1, by: 1, meant: false }]]);
    expect(statementFor(source, [stage({ rowsOut: 9, after: [{ column: 'Kg', sum: 90, cells: 9 }] })]).balances).toBe(false);
  });
  test('a column that is turned into text, or dropped, takes its whole sum with it', () => {
    const s = statementFor(source, [stage({ writes: ['Kg'], after: [] })]);
    expect([s.balances, s.columns]).toEqual([true, [{ column: 'Kg', from: 100, changes: [{ n: 1, by: -100, meant: true }], to: null }]]);
  });
  test('for every column, what came in and what was changed add up to what there is now', () => {
    fc.assert(fc.property(fc.array(fc.dictionary(fc.constantFrom('A', 'B', 'C'), fc.integer({ min: -1000, max: 1000 })), { minLength: 1, maxLength: 6 }), ([first, ...rest]) => {
      const totals = (sums: Record<string, number>): { column: string; sum: number; cells: number }[] => Object.entries(sums).map(([column, sum]) => ({ column, sum, cells: 1 }));
      const s = statementFor({ rows: 10, totals: totals(first!) }, rest.map((sums) => stage({ after: totals(sums), writes: ['A', 'B', 'C'] })));
      for (const c of s.columns) expect((c.from ?? 0) + c.changes.reduce((n, d) => n + d.by, 0)).toBe(c.to ?? 0);
    }));
  });
});

test('the queue: found wrong before failing checks before odd kinds before holds, the rare first, what is settled last', () => {
  const w = (reason: Waiting['reason'], rows: number, settled = false): Waiting => ({ reason, rows, of: 100, settled });
  expect(inOrder([w('held', 1), w('odd', 40), w('odd', 2), w('check', 90), w('wrong', 5), w('check', 1, true)]).map((x) => [x.reason, x.rows])).toEqual([['wrong', 5], ['check', 90], ['odd', 2], ['odd', 40], ['held', 1], ['check', 1]]);
});

test('a share has changed markedly only when chance does not explain it, and when it is much', () => {
  expect(sharesDiffer(10, 1000, 12, 1000)).toBe(false);
  expect(sharesDiffer(10, 1000, 100, 1000)).toBe(true);
  expect(sharesDiffer(1, 10, 4, 10)).toBe(false);
  // A small change that is certain in a very large table is still small.
  expect(sharesDiffer(500_000, 1_000_000, 505_000, 1_000_000)).toBe(false);
});

async function runOf(csv: string, over: Partial<BriefRun> = {}): Promise<BriefRun> {
  const table = await csvTable(csv);
  const head = await headWithGlances(table);
  return { columns: head.columns, glances: head.glances!, shapes: new Map(), rowsIn: table.size, rowsOut: table.size, sentences: [], totals: [], failing: [], ...over };
}
const april = `Lot,Site,Kg\n${Array.from({ length: 60 }, (_, i) => `L-${i},${['Teal', 'Garden', 'Mill'][i % 3]},${20 + i}`).join('\n')}\n`;

describe('what is different this time', () => {
  test('nothing, when the new file is of the same sort', async () => {
    const run = await runOf(april, { sentences: [{ key: 'a', sentence: 'S', rows: 60, kinds: [{ key: 'k', words: 'w', rows: 3, odd: true }] }] });
    expect(differences(run, run)).toEqual([]);
  });
  test('new values, numbers outside the earlier range, columns that came or went, new kinds, shares, failing checks', async () => {
    const kinds = (rows: number, more: BriefRun['sentences'][number]['kinds'] = []): Partial<BriefRun> => ({ sentences: [{ key: 'a', sentence: 'Turn ‹Kg› into numbers.', rows: 60, kinds: [{ key: 'bad', words: 'cannot be read so', rows, odd: true }, ...more] }] });
    const before = await runOf(april, kinds(1));
    const now = await runOf(april.replace('Lot,Site,Kg', 'Lot,Site,Kg').replace('L-3,Teal,23', 'L-3,Heath,500'), { ...kinds(40, [{ key: 'fresh', words: 'two numbers', rows: 2, odd: true }]), failing: [{ sentence: 'Check that ‹Lot› is filled.', rows: 2 }] });
    expect(differences(before, now).map((d) => `${d.sort} ${d.of}: ${d.words}`)).toEqual([
      'check Check that ‹Lot› is filled.: 2 rows break it; none did last time',
      'share Turn ‹Kg› into numbers.: cannot be read so: 66.7% of the rows, 1.7% last time',
      'kind Turn ‹Kg› into numbers.: 2 rows are of a kind never seen: two numbers',
      'values Site: a value never seen: “Heath” (1 cells)',
      'range Kg: the highest value is 500; it was never above 79',
    ]);
    const wider = await runOf(april.replace(/^(.*)$/gm, (l) => (l === '' ? '' : l.startsWith('Lot') ? `${l},Note` : `${l},x`)));
    expect(differences(before, { ...wider, sentences: before.sentences }).map((d) => `${d.of}: ${d.words}`)).toEqual(['Note: a column that was not there last time']);
  });
});

describe('the columns of a new file are tied', () => {
  const head = async () => headWithGlances(await csvTable(april));
  const fresh = (...columns: [string, 'text' | 'whole', string[]][]) => columns.map(([name, type, cells]) => ({ name, type, cells }));
  test('by name, whatever the capitals', async () => {
    expect((await tieColumns(await head(), fresh(['kg', 'whole', []], ['LOT', 'text', []], ['Site', 'text', []]))).map((t) => [t.column, t.to, t.sure])).toEqual([['Lot', 'LOT', true], ['Site', 'Site', true], ['Kg', 'kg', true]]);
  });
  test('by likeness of names and contents, which is asked about', async () => {
    const ties = tieColumns(await head(), fresh(['Lot no', 'text', ['L-3']], ['Place', 'text', ['Teal', 'Mill', 'Garden']], ['Weather', 'text', ['sun']], ['Weight', 'whole', ['20']]));
    expect(ties.map((t) => [t.column, t.to, t.sure])).toEqual([['Lot', 'Lot no', false], ['Site', 'Place', false], ['Kg', 'Weight', false]]);
  });
  test('as an earlier file was, without asking again', async () => {
    const [, site] = tieColumns(await head(), fresh(['Ort', 'text', []], ['Lot', 'text', []], ['Kg', 'whole', []]), { Ort: 'Site' });
    expect(site).toMatchObject({ column: 'Site', to: 'Ort', sure: true });
  });
  test('each at most once; what is like nothing is left open', async () => {
    const ties = tieColumns(await head(), fresh(['Zulu', 'text', ['q']]));
    expect(ties.map((t) => t.to)).toEqual([null, null, null]);
    expect(ties[0]!.others).toEqual(['Zulu']);
  });
});

describe('forms among rows', () => {
  const names = [...Array.from({ length: 60 }, (_, i) => `${'Ada Fern'.slice(0, 3)} ${'Brook'.slice(0, 2 + (i % 3))}`), 'Fern, Ada', 'brook', ''];
  test('the rarest come first, each with its rows; what differs only in length is one form', async () => {
    const table = await csvTable(`Name,Kg\n${names.map((n, i) => `"${n}",${i}`).join('\n')}\n`);
    const forms = await formsAmong([{ table, names: ['Name'] }], () => true);
    expect(forms.map((f) => [f.rows, f.rare, f.positions[0]])).toEqual([[1, true, 60], [1, true, 61], [1, true, 62], [60, false, 0]]);
  });
  test('rows that do not count are left out; before and after tell the form together', async () => {
    const [table, after] = [await csvTable('A,B\nx,1\ny,2\nz,3\n'), await csvTable('A,B\nX,1\ny,2\nZ,-3\n')];
    expect((await formsAmong([{ table, names: ['A'] }, { table: after, names: ['A', 'B'] }], (p) => p !== 1)).map((f) => f.positions)).toEqual([[0], [2]]);
    expect(await formsAmong([{ table, names: [] }], () => true)).toEqual([]);
  });
  test('every row that counts is of exactly one form', async () => {
    await fc.assert(fc.asyncProperty(fc.array(fc.constantFrom('a', 'aa', 'A-1', '12', '', 'ä b'), { minLength: 1, maxLength: 40 }), async (cells) => {
      const table = await csvTable(`T,N\n${cells.map((c, i) => `${c},${i}`).join('\n')}\n`);
      const forms = await formsAmong([{ table, names: ['T'] }], (p) => p % 2 === 0);
      expect(forms.flatMap((f) => f.positions).sort((a, b) => a - b)).toEqual(cells.map((_, i) => i).filter((i) => i % 2 === 0));
    }), { numRuns: 40 });
  });
});

describe('examples of a kind', () => {
  const changes = (...texts: [string, string][]) => texts.map(([before, after]) => ({ before: [before], after: [after] }));
  test('each look is shown before any is shown twice, and the rare ones are not left out', () => {
    const many = changes(...Array.from({ length: 30 }, (_, i): [string, string] => [`${i % 10} kg`, `${i % 10}`]), ['4 lb 2', '1.9'], ['n/a', '']);
    const shown = mostDifferent(many, 4).map((i) => many[i]!.before[0]);
    expect(shown).toHaveLength(4);
    expect(shown).toEqual(expect.arrayContaining(['4 lb 2', 'n/a']));
  });
  test('all of a few are shown, in their order', () => expect(mostDifferent(changes(['a', 'A'], ['b', 'B'], ['1', '2']), 8)).toEqual([0, 1, 2]));
});
