const ROWS = ['qwertyuiop', 'asdfghjkl', 'zxcvbnm'];
const near = (a: string, b: string): boolean =>
  ROWS.some((row, r) => {
    const at = row.indexOf(a);
    if (at < 0) return false;
    return Math.abs(row.indexOf(b) - at) === 1 && row.includes(b) ? true : [r - 1, r + 1].some((o) => ROWS[o] !== undefined && Math.abs(ROWS[o]!.indexOf(b) - at) <= 1 && ROWS[o]!.includes(b));
  });

/** Are two letters neighbours on a keyboard? One bit for each pair of the letters a to z. */
const NEIGHBOURS = Array.from({ length: 26 }, (_, a) => {
  let mask = 0;
  for (let b = 0; b < 26; b++) if (near(String.fromCharCode(97 + a), String.fromCharCode(97 + b))) mask |= 1 << b;
  return mask;
});
const slipOf = (a: number, b: number): number => (a >= 97 && a <= 122 && b >= 97 && b <= 122 && (NEIGHBOURS[a - 97]! >> (b - 97)) & 1 ? 0.9 : 1);

const MOST_LENGTH = 256;
let rows = [new Float64Array(MOST_LENGTH + 1), new Float64Array(MOST_LENGTH + 1), new Float64Array(MOST_LENGTH + 1)];

/**
 * How many typing mistakes lie between two words, up to `most` (then Infinity): letters missing, added, swapped
 * (Damerau-Levenshtein, optimal string alignment), or wrong; a wrong letter next to the right one on the keyboard counts
 * a little less. What the words have in common in front and behind is passed over. O(length * most).
 */
export function typingDistance(a: string, b: string, most = 2): number {
  if (Math.abs(a.length - b.length) > most) return Infinity;
  let from = 0, endA = a.length, endB = b.length;
  while (from < endA && from < endB && a.charCodeAt(from) === b.charCodeAt(from)) from++;
  while (endA > from && endB > from && a.charCodeAt(endA - 1) === b.charCodeAt(endB - 1)) [endA, endB] = [endA - 1, endB - 1];
  const n = endA - from, m = endB - from;
  if (n === 0 || m === 0) return n + m <= most ? n + m : Infinity;
  if (m > MOST_LENGTH && m >= rows[0]!.length) rows = rows.map(() => new Float64Array(m + 1));
  let [before, last, row] = rows as [Float64Array, Float64Array, Float64Array];
  const band = Math.floor(most);
  for (let j = 0; j <= m; j++) last[j] = j;
  for (let i = 1; i <= n; i++) {
    const x = a.charCodeAt(from + i - 1);
    const first = Math.max(1, i - band), end = Math.min(m, i + band);
    row[first - 1] = first === 1 ? i : Infinity;
    let least = row[first - 1]!;
    for (let j = first; j <= end; j++) {
      const y = b.charCodeAt(from + j - 1);
      let d = last[j - 1]! + (x === y ? 0 : slipOf(x, y));
      if (j < i + band && last[j]! + 1 < d) d = last[j]! + 1;
      if (row[j - 1]! + 1 < d) d = row[j - 1]! + 1;
      if (i > 1 && j > 1 && x === b.charCodeAt(from + j - 2) && a.charCodeAt(from + i - 2) === y && before[j - 2]! + 1 < d) d = before[j - 2]! + 1;
      row[j] = d;
      if (d < least) least = d;
    }
    if (end < m) row[end + 1] = Infinity;
    if (least > most) return Infinity;
    [before, last, row] = [last, row, before];
  }
  return last[m]! <= most ? last[m]! : Infinity;
}

/** Typing mistakes that are forgiven in a word of this length. */
export const forgiven = (length: number): number => (length >= 8 ? 2 : length >= 5 ? 1 : 0);
