/*
 * Pairs of texts that may be few typing mistakes apart, found without comparing each with each: the pigeonhole idea of
 * Pass-Join (Li, Deng, Wang and Feng, 2011). A text cut into one piece more than mistakes are allowed has at least one
 * piece without a mistake, which must stand in the other text near the same place. A pair of letters swapped across the
 * border of two pieces would spoil both, so the other text is looked up with the letters at the borders swapped, too.
 */

import { leastMistakes, letterCounts } from './counts';

/** A piece that more texts have (an ending like '.example') tells nothing: their other pieces do. */
const MOST_COMMON = 500;

/** Typing mistakes that may lie between two texts, by the length of the shorter one. */
export const allowed = (length: number): number => (length < 4 ? 0 : length < 8 ? 1 : length < 15 ? 2 : 3);

/**
 * Calls `visit(a, b)` once for each pair of places in `texts` that may be within the mistakes allowed; the caller measures
 * the distance. Equal texts are no pair. Texts under four letters have none. Pairs that agree in very common pieces only are
 * passed over. Where the texts before `border` are one list and those from there on another, only pairs of one of each are
 * looked for. O(n * length) look-ups and the candidates.
 */
export function candidatePairs(texts: readonly string[], visit: (a: number, b: number) => void, onProgress?: (done: number) => void, mostCommon = MOST_COMMON, border?: number): void {
  const order = texts.map((_, i) => i).sort((a, b) => texts[a]!.length - texts[b]!.length);
  // For each list and length, and each piece of texts so long: the texts that have some letters there.
  const one = new Map<number, Map<string, number[]>[]>(), two = border === undefined ? one : new Map<number, Map<string, number[]>[]>();
  const seen = new Int32Array(texts.length).fill(-1);
  const counts = letterCounts(texts);
  order.forEach((b, done) => {
    if (onProgress && done % 2048 === 0) onProgress(done);
    const text = texts[b]!;
    const [own, others] = border === undefined || b < border ? [one, two] : [two, one];
    const meet = (list: readonly number[] | undefined, most: number): void => {
      if (!list || list.length > mostCommon) return;
      for (const a of list) {
        if (seen[a] === b) continue;
        seen[a] = b;
        if (leastMistakes(counts, a, b) <= most && texts[a] !== text) visit(a, b);
      }
    };
    for (let shorter = Math.max(4, text.length - 3); shorter <= text.length; shorter++) {
      const most = allowed(shorter);
      const longer = text.length - shorter;
      const pieces = longer > most ? undefined : others.get(shorter);
      pieces?.forEach((letters, i) => {
        const [from, to] = piece(shorter, most, i);
        // Before the piece there are at most i mistakes, behind it at most the rest: it can have moved no further.
        for (let shift = Math.max(-i, longer - (most - i)); shift <= Math.min(i, longer + (most - i)); shift++) {
          const start = from + shift, end = to + shift;
          if (start < 0 || end > text.length) continue;
          meet(letters.get(text.slice(start, end)), most);
          if (start > 0 && text[start - 1] !== text[start]) meet(letters.get(text[start - 1]! + text.slice(start + 1, end)), most);
          if (end < text.length && text[end] !== text[end - 1]) meet(letters.get(text.slice(start, end - 1) + text[end]!), most);
        }
      });
    }
    const most = allowed(text.length);
    if (most === 0) return;
    let pieces = own.get(text.length);
    if (!pieces) own.set(text.length, (pieces = Array.from({ length: most + 1 }, () => new Map<string, number[]>())));
    pieces.forEach((letters, i) => {
      const here = text.slice(...piece(text.length, most, i));
      const list = letters.get(here);
      if (list) list.push(b);
      else letters.set(here, [b]);
    });
  });
}

/** Where the i-th piece of a text of some length begins and ends, for so many mistakes. */
const piece = (length: number, mistakes: number, i: number): [number, number] => [Math.floor((i * length) / (mistakes + 1)), Math.floor(((i + 1) * length) / (mistakes + 1))];
