import fc from 'fast-check';
import { correlation, correlationRatio, lineThrough, predicted } from './statistics';

test('the line through points that lie on one is that line, and nothing is left to doubt', () => {
  const line = lineThrough([0, 1, 2, 3], [5, 7, 9, 11])!;
  expect([line.slope, line.start, line.spread]).toEqual([2, 5, 0]);
  expect(predicted(line, 10)).toEqual({ value: 25, within: 0 });
});

test('the interval agrees with a worked example', () => {
  // x 1..5, y 2.1 3.9 6.2 7.8 10.1: slope 1.99, spread 0.1941; at x = 6 within t(3) * s * sqrt(1 + 1/5 + 9/10).
  const line = lineThrough([1, 2, 3, 4, 5], [2.1, 3.9, 6.2, 7.8, 10.1])!;
  expect(line.slope).toBeCloseTo(1.99, 10);
  expect(predicted(line, 6).value).toBeCloseTo(11.99, 10);
  expect(predicted(line, 6).within).toBeCloseTo(3.182 * line.spread * Math.sqrt(2.1), 10);
});

test('correlation: 1 and -1 on a line, none without differences, the same whichever comes first, whatever the scale', () => {
  expect(correlation([1, 2, 3], [10, 20, 30])).toBeCloseTo(1, 12);
  expect(correlation([1, 2, 3], [3, 2, 1])).toBeCloseTo(-1, 12);
  expect(correlation([1, 2, 3], [4, 4, 4])).toBeNull();
  expect(correlation([1, 2], [1, 2])).toBeNull();
  fc.assert(fc.property(fc.array(fc.tuple(fc.integer({ min: -100, max: 100 }), fc.integer({ min: -100, max: 100 })), { minLength: 4, maxLength: 40 }), (pairs) => {
    const [x, y] = [pairs.map((p) => p[0]), pairs.map((p) => p[1])];
    const r = correlation(x, y);
    if (r === null) return;
    expect(correlation(y, x)).toBeCloseTo(r, 9);
    expect(correlation(x.map((v) => v * 3 + 7), y)).toBeCloseTo(r, 9);
    expect(Math.abs(r)).toBeLessThanOrEqual(1);
  }));
});

test('the ratio is 1 where the group says the value, and 0 where all groups have the same mean', () => {
  expect(correlationRatio([0, 0, 1, 1], [5, 5, 9, 9])).toBeCloseTo(1, 12);
  expect(correlationRatio([0, 0, 1, 1], [1, 3, 1, 3])).toBeCloseTo(0, 12);
  expect(correlationRatio([0, 0, 0], [1, 2, 3])).toBeNull();
});
