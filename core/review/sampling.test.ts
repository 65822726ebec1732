import fc from 'fast-check';
import { textTable } from '../table/table';
import { chanceOfAtMost, drawRows, findingOf, rowsToDraw, statementOf } from './sampling';

const LARGE = 10_000_000;

test.each([
  [0.01, 0.95, 299], [0.05, 0.95, 59], [0.1, 0.95, 29], [0.01, 0.99, 459], [0.05, 0.99, 90], [0.005, 0.95, 598], [0.02, 0.9, 114],
])('rows to draw from a large table, for fewer than %d wrong with %d certainty: %d, as the tables of discovery sampling have it', (share, certainty, n) => expect(rowsToDraw(LARGE, share, certainty)).toBe(n));

test.each([
  // Lot sizes of finite tables: all rows of a small one, fewer than in a large one.
  [10, 0.05, 0.95, 10], [100, 0.05, 0.95, 45], [500, 0.01, 0.95, 225], [1000, 0.01, 0.95, 258], [0, 0.01, 0.95, 0],
])('rows to draw from %d rows, for fewer than %d wrong with %d certainty: %d', (rows, share, certainty, n) => expect(rowsToDraw(rows, share, certainty)).toBe(n));

test.each([
  // Exact (Clopper-Pearson) intervals at 95%, in percent.
  [10, 1, 0.25, 44.5], [100, 5, 1.64, 11.28], [299, 2, 0.08, 2.4], [50, 25, 35.53, 64.47],
])('of %d drawn %d wrong: between %d and %d percent', (drawn, wrong, low, high) => {
  const { fewest, most } = findingOf(LARGE, drawn, wrong, 0.95);
  expect((fewest / LARGE) * 100).toBeCloseTo(low, 1);
  expect((most / LARGE) * 100).toBeCloseTo(high, 1);
});

test('the distribution agrees with counting every possible draw', () => {
  // Of 8 rows 3 are wrong and 4 are drawn: all 70 draws.
  const found = [0, 0, 0, 0];
  for (let draw = 0; draw < 256; draw++) if (draw.toString(2).replace(/0/g, '').length === 4) found[(draw & 7).toString(2).replace(/0/g, '').length]!++;
  [0, 1, 2, 3].forEach((k) => expect(chanceOfAtMost(k, 4, 3, 8)).toBeCloseTo(found.slice(0, k + 1).reduce((a, b) => a + b, 0) / 70, 12));
});

test('a sample of the size that was asked for proves what was asked for', () => {
  fc.assert(fc.property(fc.integer({ min: 1, max: 100_000 }), fc.double({ min: 0.001, max: 0.5, noNaN: true }), fc.constantFrom(0.8, 0.9, 0.95, 0.99), (rows, share, certainty) => {
    const drawn = rowsToDraw(rows, share, certainty);
    expect(findingOf(rows, drawn, 0, certainty).most).toBeLessThan(Math.max(1, Math.ceil(rows * share - 1e-9)));
    // One row fewer would not do.
    if (drawn > 1) expect(findingOf(rows, drawn - 1, 0, certainty).most).toBeGreaterThanOrEqual(Math.max(1, Math.ceil(rows * share - 1e-9)));
  }));
});

test('the statement says what was drawn and what it proves', () => {
  expect(statementOf(100_000, 299, 0, 0.95)).toBe('Of 299 drawn from 100000, none is wrong: fewer than 1 in 100 are wrong (at most 995 rows), 95% sure.');
  expect(statementOf(100_000, 299, 2, 0.95)).toMatch(/^Of 299 drawn from 100000, 2 are wrong: between 0\.08\d? and 2\.4 in 100 are wrong \(\d+ to \d+ rows\), 95% sure\.$/);
  expect(statementOf(12, 12, 1, 0.95)).toBe('All 12 rows were looked at: 1 is wrong.');
});

test('exactly as many rows as were asked for are drawn, the same for the same seed, in the shares of a column', async () => {
  await fc.assert(fc.asyncProperty(fc.array(fc.constantFrom('a', 'b', 'c'), { minLength: 1, maxLength: 60 }), fc.nat(80), fc.nat(1000), async (values, count, seed) => {
    const table = textTable('t', ['V'], values.map((v) => [v]));
    const drawn = await drawRows(table, count, seed, ['V']);
    const n = Math.min(count, values.length);
    expect(drawn).toHaveLength(n);
    expect(await drawRows(table, count, seed, ['V'])).toEqual(drawn);
    for (const v of ['a', 'b', 'c']) {
      const due = (values.filter((x) => x === v).length * n) / values.length;
      expect(Math.abs(Array.from(drawn).filter((p) => values[p] === v).length - due)).toBeLessThan(1);
    }
  }));
});
