/** The value below which a share of n ordered values lies: between the two nearest in proportion, as in PostgreSQL's percentile_cont. */
export function quantile(at: (i: number) => number, n: number, share: number): number {
  const place = (n - 1) * share, low = Math.floor(place);
  return low === place ? at(low) : at(low) + (place - low) * (at(low + 1) - at(low));
}
