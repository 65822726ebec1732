/** The straight line that lies closest to some points (least squares), and how far they lie from it. */
export interface Line {
  readonly slope: number;
  readonly start: number;
  /** Standard deviation of the points from the line, with n - 2 degrees of freedom. */
  readonly spread: number;
  readonly meanX: number;
  /** Sum of the squared distances of the x from their mean. */
  readonly sxx: number;
  readonly n: number;
}

/** Least squares through the points; null for fewer than three, or where all x are equal. O(n). */
export function lineThrough(x: readonly number[], y: readonly number[]): Line | null {
  const n = x.length;
  if (n < 3) return null;
  const meanX = x.reduce((a, b) => a + b, 0) / n, meanY = y.reduce((a, b) => a + b, 0) / n;
  let sxx = 0, sxy = 0;
  for (let i = 0; i < n; i++) {
    sxx += (x[i]! - meanX) ** 2;
    sxy += (x[i]! - meanX) * (y[i]! - meanY);
  }
  if (sxx === 0) return null;
  const slope = sxy / sxx, start = meanY - slope * meanX;
  const squares = y.reduce((sum, v, i) => sum + (v - start - slope * x[i]!) ** 2, 0);
  return { slope, start, spread: Math.sqrt(squares / (n - 2)), meanX, sxx, n };
}

/** Student's t for 95 in 100, both sides, by degrees of freedom 1 to 30; beyond, the normal one with its first correction. */
const T95 = [12.706, 4.303, 3.182, 2.776, 2.571, 2.447, 2.365, 2.306, 2.262, 2.228, 2.201, 2.179, 2.16, 2.145, 2.131, 2.12, 2.11, 2.101, 2.093, 2.086, 2.08, 2.074, 2.069, 2.064, 2.06, 2.056, 2.052, 2.048, 2.045, 2.042];
const t95 = (df: number): number => T95[df - 1] ?? 1.95996 + 2.3723 / df;

/** The value of a line at a new x, and how far a new value may lie from it with 95% certainty (the prediction interval). */
export function predicted(line: Line, x: number): { readonly value: number; readonly within: number } {
  return { value: line.start + line.slope * x, within: t95(line.n - 2) * line.spread * Math.sqrt(1 + 1 / line.n + (x - line.meanX) ** 2 / line.sxx) };
}

/** Pearson's correlation of pairs, -1 to 1; null for fewer than three, or where one side is constant. O(n), in one pass. */
export function correlation(x: ArrayLike<number>, y: ArrayLike<number>): number | null {
  const n = x.length;
  if (n < 3) return null;
  let mx = 0, my = 0, sxx = 0, syy = 0, sxy = 0;
  for (let i = 0; i < n; i++) {
    const dx = x[i]! - mx, dy = y[i]! - my;
    mx += dx / (i + 1);
    my += dy / (i + 1);
    sxx += dx * (x[i]! - mx);
    syy += dy * (y[i]! - my);
    sxy += dx * (y[i]! - my);
  }
  return sxx > 0 && syy > 0 ? Math.max(-1, Math.min(1, sxy / Math.sqrt(sxx * syy))) : null;
}

/** How much of the differences of a number its group explains, 0 to 1 (the correlation ratio); null for fewer than two groups or three values. O(n). */
export function correlationRatio(groups: ArrayLike<number>, values: ArrayLike<number>): number | null {
  const n = values.length;
  const sums = new Map<number, { n: number; sum: number }>();
  let mean = 0;
  for (let i = 0; i < n; i++) {
    const g = sums.get(groups[i]!) ?? { n: 0, sum: 0 };
    g.n++;
    g.sum += values[i]!;
    sums.set(groups[i]!, g);
    mean += (values[i]! - mean) / (i + 1);
  }
  if (n < 3 || sums.size < 2) return null;
  let between = 0, all = 0;
  for (const g of sums.values()) between += g.n * (g.sum / g.n - mean) ** 2;
  for (let i = 0; i < n; i++) all += (values[i]! - mean) ** 2;
  return all > 0 ? Math.sqrt(Math.min(1, between / all)) : null;
}
