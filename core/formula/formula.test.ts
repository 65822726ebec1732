import fc from 'fast-check';
import { headWithGlances } from '../steps/run';
import { textTable, type Table } from '../table/table';
import { YES, NO, UNKNOWN, prepare, prepareCondition } from './evaluate';
import { typeOf } from './check';
import { column, number, op, type Condition, type Expression } from './expression';
import { readWhole } from '../language/exact';
import { condition, expression } from './syntax';

const formula = (text: string): Expression => readWhole(expression, text)!;
const test1 = (text: string): Condition => readWhole(condition, text)!;

async function values(text: string, table: Table): Promise<(number | string | null)[]> {
  const e = formula(text);
  const head = await headWithGlances(table);
  const ready = await prepare(e, table, head);
  const chunks = await Promise.all(ready.reads.map((n) => table.columns.find((c) => c.name === n)!.load(0)));
  const vector = ready.evaluate(chunks, 0, table.size);
  return vector.kind === 'text' ? [...vector.texts] : Array.from(vector.values, (v, i) => (vector.state[i] === 1 ? v : null));
}
async function outcomes(text: string, table: Table): Promise<number[]> {
  const ready = await prepareCondition(test1(text), table, await headWithGlances(table));
  const chunks = await Promise.all(ready.reads.map((n) => table.columns.find((c) => c.name === n)!.load(0)));
  return [...ready.test(chunks, 0, table.size)];
}

const cell = fc.oneof({ weight: 5, arbitrary: fc.integer({ min: -9, max: 9 }).map(String) }, fc.constantFrom('', 'n/a'));
const table = fc.array(fc.tuple(cell, cell, fc.constantFrom('x', 'y', 'X ')), { minLength: 1, maxLength: 25 }).map((rows) => textTable('t', ['A', 'B', 'G'], rows.map((r) => [...r, '5'].slice(0, 3))));
const numberOf = (text: string): number | null => (/^-?\d+$/.test(text) ? Number(text) : null);
const rowsOf = async (t: Table): Promise<string[][]> => {
  const chunks = await Promise.all(t.columns.map(async (c) => c.load(0)));
  return Array.from({ length: t.size }, (_, i) => chunks.map((c) => (c.kind === 'text' ? c.dictionary[c.codes[i]!]! : '')));
};

describe('formulas give what a plain loop over the rows gives', () => {
  const against = (text: string, plain: (rows: string[][]) => (number | null)[]) =>
    fc.assert(
      fc.asyncProperty(table, async (t) => {
        const want = plain(await rowsOf(t));
        const got = await values(text, t);
        expect(got).toEqual(want.map((v) => (v === null ? null : expect.closeTo(v, 9))));
      }),
      { numRuns: 60 },
    );

  test('arithmetic: blank in, blank out, and blank for a division by zero', () =>
    against('(‹A› plus ‹B›) divided by ‹B›', (rows) => rows.map(([a, b]) => { const [x, y] = [numberOf(a!), numberOf(b!)]; return x === null || y === null || y === 0 ? null : (x + y) / y; })));

  test('a total over all rows leaves out what is no number', () =>
    against('the sum of ‹A› over the rows', (rows) => { const all = rows.flatMap(([a]) => numberOf(a!) ?? []); return rows.map(() => (all.length ? all.reduce((s, n) => s + n, 0) : null)); }));

  test('a mean of a group', () =>
    against('the mean of ‹A› over the rows for each ‹G›', (rows) => rows.map(([, , g]) => { const own = rows.filter((r) => r[2]!.trim().toLowerCase() === g!.trim().toLowerCase()).flatMap(([a]) => numberOf(a!) ?? []); return own.length ? own.reduce((s, n) => s + n, 0) / own.length : null; })));

  test('a running total', () =>
    against('the running total of ‹A›', (rows) => { let sum = 0; return rows.map(([a]) => (sum += numberOf(a!) ?? 0)); }));

  test('a rank: equal values share it and the next is skipped; what is no number has none', () =>
    against('the rank, highest first, of ‹A›', (rows) => rows.map(([a]) => { const x = numberOf(a!); return x === null ? null : 1 + rows.filter((r) => (numberOf(r[0]!) ?? -Infinity) > x).length; })));

  test('the row above, within a group', () =>
    against('the row above of ‹A› for each ‹G›', (rows) => rows.map(([, , g], i) => { const before = rows.slice(0, i).filter((r) => r[2]!.trim().toLowerCase() === g!.trim().toLowerCase()).at(-1); return before ? numberOf(before[0]!) : null; })));

  test('the lowest across several columns, blanks aside', () =>
    against('the lowest across ‹A› and ‹B›', (rows) => rows.map(([a, b]) => { const own = [numberOf(a!), numberOf(b!)].filter((v) => v !== null); return own.length ? Math.min(...own) : null; })));
});

describe('conditions', () => {
  const three = textTable('t', ['A', 'B'], [['Acacia ', '5'], ['meadow', ''], ['', '12']]);

  test('a comparison with a blank is unknown, and so is its opposite', async () => {
    expect(await outcomes('‹B› is more than 6', three)).toEqual([NO, UNKNOWN, YES]);
    expect(await outcomes('not (‹B› is more than 6)', three)).toEqual([YES, UNKNOWN, NO]);
  });
  test('values are compared as a person would: capitals and outer spaces aside', async () => {
    expect(await outcomes('‹A› is "ACACIA" or "heather"', three)).toEqual([YES, NO, UNKNOWN]);
    expect(await outcomes('‹A› is not "acacia"', three)).toEqual([NO, YES, UNKNOWN]);
  });
  test('blank and filled are always known', async () => {
    expect(await outcomes('‹A› is blank', three)).toEqual([NO, NO, YES]);
    expect(await outcomes('‹B› is filled', three)).toEqual([YES, NO, YES]);
  });
  test('a word is found as a word, a text anywhere', async () => {
    const notes = textTable('t', ['N'], [['new brake, adjusted'], ['Brakes worn'], ['brakeless']]);
    expect(await outcomes('‹N› mentions the word "brake"', notes)).toEqual([YES, NO, NO]);
    expect(await outcomes('‹N› contains "brake"', notes)).toEqual([YES, YES, YES]);
    expect(await outcomes('‹N› starts with "brake"', notes)).toEqual([NO, YES, YES]);
    expect(await outcomes('‹N› ends with "worn"', notes)).toEqual([NO, YES, NO]);
  });
  test('all and any decide as soon as one part does, unknown or not', async () => {
    expect(await outcomes('‹B› is more than 6 and ‹A› is "acacia"', three)).toEqual([NO, NO, UNKNOWN]);
    expect(await outcomes('‹B› is more than 6 or else ‹A› is "acacia"', three)).toEqual([YES, UNKNOWN, YES]);
  });
  test('dates are compared by their day, however they are written', async () => {
    const dates = textTable('t', ['D'], [['2025-05-09'], ['10 May 2025'], ['11/05/2025'], ['soon']]);
    expect(await outcomes('‹D› is at least the date "2025-05-10"', dates)).toEqual([NO, YES, YES, UNKNOWN]);
    expect(await outcomes('‹D› equals the date "2025-05-10"', dates)).toEqual([NO, YES, NO, UNKNOWN]);
    // Two columns of texts that are read as dates are compared as dates, not refused as no numbers.
    const ends = textTable('t', ['From', 'To'], [['2025-05-09', '9 June 2025'], ['10 May 2025', '2025-04-30'], ['2025-05-13', '13/05/2025'], ['13 May 2025', '']]);
    expect(await outcomes('‹From› is less than ‹To›', ends)).toEqual([YES, NO, NO, UNKNOWN]);
    // Where both have times of day these count, also where the styles differ.
    const times = textTable('t', ['From', 'To'], [['2025-05-09 10:00', '9 May 2025 10:30'], ['10 May 2025 12:00', '2025-05-10 11:00'], ['soon', '2025-05-10 11:00']]);
    expect(await outcomes('‹From› is less than ‹To›', times)).toEqual([YES, NO, UNKNOWN]);
    expect(await outcomes('‹From› is more than the date "2025-05-09"', times)).toEqual([NO, YES, UNKNOWN]);
  });
  test('dust does not decide a comparison', async () => {
    const money = textTable('t', ['A', 'B'], [['0.1', '0.2']]);
    expect(await outcomes('‹A› plus ‹B› equals 0.3', money)).toEqual([YES]);
  });
});

describe('types', () => {
  const head = { name: 't', columns: [{ name: 'Kg', type: 'decimal' as const, scale: 1 }, { name: 'Price', type: 'decimal' as const, scale: 2 }, { name: 'N', type: 'whole' as const, scale: 0 }] };
  test.each<[string, Expression, string, number | null]>([
    ['a product has the decimals of both', op('*', column('Kg'), column('Price')), 'decimal', 3],
    ['a sum has the decimals of the longer', op('+', column('Kg'), column('Price')), 'decimal', 2],
    ['whole numbers stay whole', op('-', column('N'), number(3)), 'whole', 0],
    ['a quotient may have any', op('/', column('N'), column('N')), 'decimal', null],
    ['rounding to none is whole', { kind: 'round', of: column('Kg'), places: 0, mode: 'nearest' }, 'whole', 0],
    ['a choice of a number and a text is text', { kind: 'choose', cases: [{ when: { kind: 'empty', of: column('Kg') }, then: number(1) }], otherwise: { kind: 'text', value: 'x' } }, 'text', null],
  ])('%s', (_, e, type, scale) => expect(typeOf(e, head)).toEqual({ type, scale }));
});
