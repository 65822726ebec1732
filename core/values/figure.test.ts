import fc from 'fast-check';
import { readAmount } from './number';
import { FIGURE_STYLES, figureSample, readFigureSample, writeFigure, type FigureFormat } from './figure';

test.each<[number, FigureFormat, string]>([
  [1234.5, { style: 'comma', places: 2 }, '1,234.50'],
  [1234567.891, { style: 'point', places: 1 }, '1.234.567,9'],
  [-0.004, { style: 'plain', places: 2 }, '0.00'],
  [2.5, { style: 'plain', places: 0 }, '3'],
  [-1234, { style: 'space', places: 0 }, '-1 234'],
  [12.5, { style: 'decimal comma', places: 2 }, '12,50'],
])('%d is written %j', (value, format, text) => expect(writeFigure(value, format)).toBe(text));

const format = fc.record({ style: fc.constantFrom(...FIGURE_STYLES), places: fc.integer({ min: 0, max: 4 }) }).filter((f) => f.style !== 'decimal comma' || f.places > 0);

test('a sample says its format, and a figure with decimals is read back as what it was', () => {
  fc.assert(
    fc.property(format, fc.integer({ min: -99_999_999, max: 99_999_999 }), (f, n) => {
      expect(readFigureSample(figureSample(f))).toEqual(f);
      if (f.places === 2 || f.places === 4) expect(readAmount(writeFigure(n / 100, f))?.value).toBe(n / 100);
    }),
  );
  expect(readFigureSample('12')).toBeNull();
});
