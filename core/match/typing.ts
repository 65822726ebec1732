/** Are two letters neighbours on a keyboard? */
const ROWS = ['qwertyuiop', 'asdfghjkl', 'zxcvbnm'];
const near = (a: string, b: string): boolean =>
  ROWS.some((row, r) => {
    const at = row.indexOf(a);
    if (at < 0) return false;
    return Math.abs(row.indexOf(b) - at) === 1 && row.includes(b) ? true : [r - 1, r + 1].some((o) => ROWS[o] !== undefined && Math.abs(ROWS[o]!.indexOf(b) - at) <= 1 && ROWS[o]!.includes(b));
  });

/**
 * How many typing mistakes lie between two words, up to `most` (then Infinity): letters missing, added, swapped
 * (Damerau-Levenshtein, optimal string alignment), or wrong; a wrong letter next to the right one on the keyboard counts
 * a little less. O(length * most).
 */
export function typingDistance(a: string, b: string, most = 2): number {
  if (Math.abs(a.length - b.length) > most) return Infinity;
  let before: number[] = [];
  let last = Array.from({ length: b.length + 1 }, (_, j) => j);
  for (let i = 1; i <= a.length; i++) {
    const row = [i];
    for (let j = 1; j <= b.length; j++) {
      const swap = i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1] ? before[j - 2]! + 1 : Infinity;
      const wrong = a[i - 1] === b[j - 1] ? 0 : near(a[i - 1]!, b[j - 1]!) ? 0.9 : 1;
      row.push(Math.min(last[j]! + 1, row[j - 1]! + 1, last[j - 1]! + wrong, swap));
    }
    before = last;
    last = row;
    if (Math.min(...row) > most) return Infinity;
  }
  return last[b.length]! <= most ? last[b.length]! : Infinity;
}

/** Typing mistakes that are forgiven in a word of this length. */
export const forgiven = (length: number): number => (length >= 8 ? 2 : length >= 5 ? 1 : 0);
