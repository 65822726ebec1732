import fc from 'fast-check';
import { GlanceBuilder } from '../profile/glance';
import { balance } from '../review/balance';
import { csvTable } from '../testing/tables';
import { BLANK, CHUNK_ROWS, MISFIT, VALUE, memoryColumn, numberChunk, textChunk, type Chunk } from './column';
import { decodeChunk, encodeChunk } from './encode';
import { groupsOf } from '../profile/groups';
import { liveMask, textTable } from './table';

const numbers = fc.array(fc.oneof(fc.record({ state: fc.constant(VALUE), value: fc.double({ noNaN: true }) }), fc.record({ state: fc.constant(BLANK), value: fc.constant(0) }), fc.record({ state: fc.constant(MISFIT), value: fc.constant(0), text: fc.string({ minLength: 1 }) })), { maxLength: 60 });

describe('chunks as bytes', () => {
  test('numbers come back, blanks and misfits with their texts too, at any alignment', () => {
    fc.assert(
      fc.property(numbers, fc.integer({ min: 0, max: 7 }), (cells, shift) => {
        const misfits = new Map(cells.flatMap((c, i) => ('text' in c ? [[i, c.text] as const] : [])));
        const chunk = numberChunk(Float64Array.from(cells, (c) => c.value), Uint8Array.from(cells, (c) => c.state), misfits);
        const bytes = encodeChunk(chunk);
        const moved = new Uint8Array(bytes.length + shift);
        moved.set(bytes, shift);
        const again = decodeChunk(moved.subarray(shift));
        expect(again).toEqual({ ...chunk, misfits: new Map([...misfits].map(([i, t]) => [i, new TextDecoder().decode(new TextEncoder().encode(t))])) });
      }),
    );
  });

  test('texts come back, in every script', () => {
    fc.assert(
      fc.property(fc.array(fc.string({ maxLength: 12, unit: 'grapheme' }), { maxLength: 60 }), (cells) => {
        const chunk = textChunk(cells);
        const again = decodeChunk(encodeChunk(chunk)) as Extract<Chunk, { kind: 'text' }>;
        expect(Array.from(again.codes, (c) => again.dictionary[c])).toEqual(cells);
      }),
    );
  });

  test('a dictionary holds each text once, and code 0 is blank', () => {
    const chunk = textChunk(['a', '', 'b', 'a']);
    expect([...chunk.codes]).toEqual([1, 0, 2, 1]);
    expect(chunk.dictionary).toEqual(['', 'a', 'b']);
  });
});

test('the mask marks exactly the rows in the table', () => {
  fc.assert(
    fc.property(fc.uniqueArray(fc.integer({ min: 0, max: 19 }), { maxLength: 20 }), (rows) => {
      const table = { ...textTable('t', ['a'], Array.from({ length: 20 }, () => ['x'])), rows: Uint32Array.from(rows) };
      expect([...liveMask(table)!].flatMap((m, p) => (m ? [p] : []))).toEqual([...rows].sort((a, b) => a - b));
    }),
  );
});

test('values that a person would call equal are one group', async () => {
  const { codes, count } = await groupsOf(textTable('t', ['a', 'b'], [['Acacia ', 'x'], ['acacia', 'x'], ['ACACIA', 'y'], ['', ''], [' ', '']]), ['a', 'b']);
  expect(count).toBe(3);
  expect([...codes]).toEqual([0, 0, 1, 2, 2]);
});

describe('control totals', () => {
  test('money adds up to the last place over many rows', async () => {
    const rows = 50_000;
    const chunks: Chunk[] = [];
    for (let from = 0; from < rows; from += CHUNK_ROWS) {
      const n = Math.min(CHUNK_ROWS, rows - from);
      chunks.push(numberChunk(new Float64Array(n).fill(0.1), new Uint8Array(n).fill(VALUE)));
    }
    const table = { name: 't', columns: [memoryColumn({ name: 'Paid', type: 'decimal', scale: 2 }, chunks)], size: rows, rows: null };
    expect(await balance(table)).toEqual([{ column: 'Paid', sum: 5_000, cells: rows }]);
  });

  test('only rows in the table, and only cells that hold a number, are added', async () => {
    const table = await csvTable(`n\n${'1\n'.repeat(18)}5\nn/a\n`);
    expect(await balance({ ...table, rows: Uint32Array.of(0, 1, 18, 19) })).toEqual([{ column: 'n', sum: 7, cells: 3 }]);
  });
});

describe('a glance', () => {
  const glanceOf = (cells: readonly string[]): ReturnType<GlanceBuilder['result']> => {
    const builder = new GlanceBuilder('text');
    builder.add(textChunk(cells));
    return builder.result();
  };

  test('counts blanks and values, commonest first', () => {
    expect(glanceOf(['b', 'a', 'a', '', ' '])).toMatchObject({ rows: 5, blanks: 2, values: [['a', 2], ['b', 1]] });
  });
  test('tells amounts and dates by the share of the cells that read as such', () => {
    expect(glanceOf(['€9.40', '8,60 EUR', 'waived', '7']).numberShare).toBe(0.75);
    expect(glanceOf(['2025-01-02', '3 May 2025', 'soon', '']).dateShare).toBeCloseTo(2 / 3);
  });
  test('tells the order of day and month from the cells that show it', () => {
    expect(glanceOf(['13/02/2025', '03/04/2025']).dayFirst).toBe(true);
    expect(glanceOf(['02/13/2025', '03/04/2025']).dayFirst).toBe(false);
  });
  test('of many different values only that there are many', () => {
    expect(glanceOf(Array.from({ length: 3_000 }, (_, i) => `v${i}`)).values).toBeNull();
  });
  test('is of the rows in the table only', () => {
    const builder = new GlanceBuilder('whole');
    builder.add(numberChunk(Float64Array.of(1, 2, 3), Uint8Array.of(VALUE, VALUE, BLANK)), Uint8Array.of(0, 1, 1));
    expect(builder.result()).toMatchObject({ rows: 2, blanks: 1, lowest: '2', highest: '2', values: [['2', 1]] });
  });
});
