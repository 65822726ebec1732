import { bareText, figuresIn } from './likeness';
import { leastMistakes, letterCounts } from './counts';
import { candidatePairs } from './pairs';
import { typingDistance } from './typing';

/** Rows are alike from this likeness on (1: the same in every column). */
const ALIKE = 0.85;
/** Rows that share a value are compared with each other where no more share it; others are found through another column. */
const MOST_SHARED = 60;

const OTHER_FIGURES = 0.4;

/** One column of the rows to be compared: a code for each row, and the text of each code. */
export interface ComparedColumn {
  readonly codes: Int32Array;
  readonly texts: readonly string[];
}

/** Rows put to groups of alike ones: the group of each row, numbered by its first row. */
export interface AlikeRows {
  readonly groupOf: Int32Array;
}

/**
 * Groups rows that are alike in some columns together: each column is compared by the letters of its texts (marks, capitals
 * and the order of words aside), weighed by how many different values it has; blanks neither help nor hurt, but half
 * of the weight must be filled. Only rows that share a value, have values a few typing mistakes apart, or agree in all
 * columns but one are compared (blocking), so that it scales. O(rows + candidate pairs). With `every`, each row is compared
 * with each, to measure what blocking misses: O(rows^2).
 */
export function alikeRows(columns: readonly ComparedColumn[], rows: number, { every = false, onProgress }: { readonly every?: boolean; readonly onProgress?: (done: number, total: number) => void } = {}): AlikeRows {
  const bare = columns.map((c) => c.texts.map(bareText));
  const words = columns.map((c) => c.texts.map((t) => (t.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? []).sort().join(' ')));
  const counts = bare.map(letterCounts);
  const weights = columns.map((c) => Math.log2(2 + new Set(c.codes).size));
  const parent = Int32Array.from({ length: rows }, (_, i) => i);
  const root = (i: number): number => {
    let at = i;
    while (parent[at] !== at) at = parent[at] = parent[parent[at]!]!;
    return at;
  };
  const alike = (c: number, a: number, b: number): number => {
    const [x, y] = [bare[c]![a]!, bare[c]![b]!];
    if (x === y) return 1;
    const longer = Math.max(x.length, y.length);
    const most = Math.min(4, Math.max(1, longer >> 2));
    const sameWords = words[c]![a] === words[c]![b];
    if (!sameWords && leastMistakes(counts[c]!, a, b) > most) return 0;
    const distance = sameWords ? 0.5 : typingDistance(x, y, most);
    if (distance === Infinity) return 0;
    return figuresIn(x) === figuresIn(y) ? 1 - distance / longer : Math.min(OTHER_FIGURES, 1 - distance / longer);
  };
  const total = weights.reduce((a, b) => a + b, 0);
  // The columns that tell the most come first: most pairs are done with after one.
  const order = weights.map((_, c) => c).sort((a, b) => weights[b]! - weights[a]!);
  const compare = (i: number, j: number): void => {
    const [a, b] = [root(i), root(j)];
    if (a === b) return;
    let sum = 0, filled = 0, left = total;
    for (const c of order) {
      const [x, y] = [columns[c]!.codes[i]!, columns[c]!.codes[j]!];
      left -= weights[c]!;
      if (bare[c]![x] === '' || bare[c]![y] === '') continue;
      sum += weights[c]! * alike(c, x, y);
      filled += weights[c]!;
      if (sum + left < ALIKE * (filled + left)) return;
    }
    if (filled * 2 >= total && sum >= ALIKE * filled) parent[Math.max(a, b)] = Math.min(a, b);
  };
  const within = (members: readonly number[]): void => {
    for (let x = 1; x < members.length; x++) for (let y = 0; y < x; y++) compare(members[y]!, members[x]!);
  };
  if (every) {
    within(Array.from({ length: rows }, (_, i) => i));
    return { groupOf: Int32Array.from({ length: rows }, (_, i) => root(i)) };
  }
  columns.forEach((column, c) => {
    // Rows by the letters of their value.
    const numbers = new Map<string, number>();
    const shared: number[][] = [];
    for (let i = 0; i < rows; i++) {
      const text = bare[c]![column.codes[i]!]!;
      if (text === '') continue;
      let n = numbers.get(text);
      if (n === undefined) {
        numbers.set(text, (n = shared.length));
        shared.push([]);
      }
      shared[n]!.push(i);
    }
    for (const members of shared) if (members.length <= MOST_SHARED) within(members);
    candidatePairs([...numbers.keys()], (a, b) => {
      if (shared[a]!.length * shared[b]!.length > MOST_SHARED * 4) return;
      for (const i of shared[a]!) for (const j of shared[b]!) compare(i, j);
    }, onProgress && ((done) => onProgress(c * numbers.size + done, columns.length * numbers.size)), MOST_SHARED);
  });
  // Rows that agree in all columns, or in all but one.
  const classes = columns.map((column, c) => {
    const known = new Map<string, number>();
    const byCode = bare[c]!.map((text) => known.get(text) ?? (known.set(text, known.size), known.size - 1));
    return Int32Array.from(column.codes, (code) => byCode[code]!);
  });
  for (let out = -1; out < columns.length; out++) {
    if (columns.length === 1 && out === 0) continue;
    const buckets = new Map<string, number[]>();
    for (let i = 0; i < rows; i++) {
      let key = '';
      for (let c = 0; c < columns.length; c++) if (c !== out) key += classes[c]![i]! + ' ';
      const bucket = buckets.get(key);
      if (!bucket) buckets.set(key, [i]);
      // Rows equal in every column need only be compared with the first of them.
      else if (out < 0) compare(bucket[0]!, i);
      else bucket.push(i);
    }
    if (out >= 0) for (const members of buckets.values()) if (members.length <= MOST_SHARED * 4) within(members);
  }
  return { groupOf: Int32Array.from({ length: rows }, (_, i) => root(i)) };
}
