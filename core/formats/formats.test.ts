import fc from 'fast-check';
import { RowReader, UnreadableFile, csvLine, detectLayout } from './csv';
import { guessType, looksLikeData } from './columnise';
import { NotText, detectEncoding } from './encoding';
import { importRows, previewFile, tableFromBytes } from './import';
import { csvPieces, jsonPieces } from './write';
import { cellsOf } from './write';

const bytes = (text: string): Uint8Array => new TextEncoder().encode(text);
const gather = async (pieces: AsyncIterable<string>): Promise<string> => {
  let all = '';
  for await (const piece of pieces) all += piece;
  return all;
};

test('any rows come back from any cut of their CSV into blocks', () => {
  const cell = fc.string({ maxLength: 8, unit: fc.constantFrom('a', 'ä', '"', ',', '\n', ';', ' ', '1') });
  fc.assert(
    fc.property(fc.array(fc.array(cell, { minLength: 3, maxLength: 3 }), { minLength: 1, maxLength: 8 }), fc.integer({ min: 1, max: 7 }), (rows, size) => {
      const text = rows.map((r) => `${csvLine(['x', ...r], true)}\r\n`).join('');
      const reader = new RowReader({ delimiter: ',', quote: '"' });
      const got: string[][] = [];
      for (let i = 0; i < text.length; i += size) got.push(...reader.write(text.slice(i, i + size)));
      got.push(...reader.end());
      expect(got).toEqual(rows.map((r) => ['x', ...r]));
    }),
  );
});

test('cells that would run as a formula are made harmless, numbers are left alone', () => {
  expect(csvLine(['=1+1', '-5.2', '@cmd', '+4912', '-x', 'a,b', ' pad'])).toBe(`'=1+1,-5.2,'@cmd,+4912,'-x,"a,b"," pad"`);
  expect(csvLine(['=1+1'], true)).toBe('=1+1');
});

test.each([
  ['UTF-8 with a mark', Uint8Array.of(0xef, 0xbb, 0xbf, 0x61, 0x2c, 0x62), { encoding: 'utf-8', bom: true }],
  ['UTF-16', Uint8Array.from([...'a,b\nc,d'].flatMap((c) => [c.charCodeAt(0), 0])), { encoding: 'utf-16le', bom: false }],
  ['Windows-1252', Uint8Array.of(0x63, 0x61, 0x66, 0xe9, 0x2c, 0x80), { encoding: 'windows-1252', bom: false }],
  ['UTF-8 cut in the middle of a letter', bytes('café').subarray(0, 4), { encoding: 'utf-8', bom: false }],
])('%s', (_, head, guess) => expect(detectEncoding(head)).toEqual(guess));

test('a binary file is refused with the place', () => expect(() => detectEncoding(Uint8Array.of(0x50, 0x4b, 3, 4, 0, 0, 0, 8))).toThrow(NotText));

test.each([['semicolons', 'a;b;c\n1;2,5;3\n4;5,1;6\n', ';', true], ['tabs', 'x\ty\nq\tw\n', '\t', true], ['no heading', '1,2\n3,4\n', ',', false], ['single quotes', "a,b\n'x, y',2\n", ',', true]])('%s', (_, text, delimiter, header) => {
  expect(detectLayout(text, looksLikeData)).toMatchObject({ delimiter, header });
});

test.each([
  ['identifiers with leading zeros', ['0317', '0400'], 'text'],
  ['long digit strings', ['1234567890123456'], 'text'],
  ['telephone numbers', ['+49 170 123456'], 'text'],
  ['whole numbers', ['1', '20', ''], 'whole'],
  ['decimals with a few misfits', [...Array<string>(19).fill('1.5'), 'n/a'], 'decimal'],
  ['too many misfits', ['1.5', 'n/a'], 'text'],
  ['dates in one style', ['2025-01-02', '2025-03-04'], 'date'],
  ['dates in several styles', ['2025-01-02', '3 May 2025'], 'text'],
  ['dates whose order is open', ['01/02/2025', '03/04/2025'], 'text'],
  ['dates whose order shows', ['13/02/2025', '03/04/2025'], 'date'],
  ['yes and no', ['yes', 'no', 'yes'], 'yesno'],
])('%s', (_, cells, type) => expect(guessType(cells).type).toBe(type));

test('ragged rows, repeated and empty headings are taken with a report; nothing is lost', async () => {
  const table = await tableFromBytes('t', bytes('a,a,\n1,2,3\n4\n5,6,7,8,9\n'));
  expect(table.columns.map((c) => c.name)).toEqual(['a', 'a 2', 'Column 3', 'Extra cells']);
  expect(await cellsOf(table)).toEqual([[1, 2, 3, null], [4, null, null, null], [5, 6, 7, '8,9']]);
  expect(table.notes.map((n) => n.text).join('|')).toMatch(/empty heading.*repeated heading.*fewer cells.*more cells/);
  expect(table.notes.find((n) => n.text.includes('more cells'))!.lines).toEqual([4]);
});

test('cells that do not fit the type are kept as they were written', async () => {
  const table = await tableFromBytes('t', bytes(`n\n${'1\n'.repeat(20)}n/a\n`));
  expect(table.columns[0]!.type).toBe('whole');
  expect((await cellsOf(table)).at(-1)).toEqual(['n/a']);
});

test.each([['', 'empty'], ['a,b\n', 'no rows'], ['\n\n', 'blank lines']])('%j is refused: %s', (text, why) => {
  expect(() => previewFile(bytes(text), true)).toThrow(UnreadableFile);
  expect(() => previewFile(bytes(text), true)).toThrow(new RegExp(why));
});

test('a 2 MB cell and 2,000 columns are taken', async () => {
  const long = 'x'.repeat(2 * 1024 * 1024);
  const one = await tableFromBytes('t', bytes(`a,b\n1,"${long}"\n`));
  expect((await cellsOf(one))[0]![1]).toHaveLength(long.length);
  const names = Array.from({ length: 2_000 }, (_, i) => `c${i}`);
  const wide = await tableFromBytes('t', bytes(`${names.join(',')}\n${names.map(() => '7').join(',')}\n`));
  expect(wide.columns).toHaveLength(2_000);
});

test('a quote left open is refused with its line before memory grows with the file', async () => {
  const { settings } = previewFile(bytes('a,b\n1,2\n'), true);
  const blocks = function* (): Generator<Uint8Array> {
    yield bytes('a,b\n1,2\n3,"never closed\n');
    for (let i = 0; i < 40; i++) yield bytes('x,y\n'.repeat(100_000));
  };
  await expect(importRows(blocks(), settings, () => undefined)).rejects.toMatchObject({ line: 3 });
});

test('what is written as CSV is the table again; JSON has types', async () => {
  const table = await tableFromBytes('t', bytes('Lot,Kg,When\nL-1,2.5,2025-01-02\n"L, 2",,2025-01-03\n'));
  const again = await tableFromBytes('t', bytes(await gather(csvPieces(table))));
  expect(await cellsOf(again)).toEqual(await cellsOf(table));
  expect(JSON.parse(await gather(jsonPieces(table)))).toEqual([{ Lot: 'L-1', Kg: 2.5, When: '2025-01-02' }, { Lot: 'L, 2', Kg: null, When: '2025-01-03' }]);
});
