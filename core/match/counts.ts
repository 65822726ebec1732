/** Letters are counted in so many classes. */
const CLASSES = 32;

/** How often each letter stands in each text: `CLASSES` counts for one text after the other. O(all letters). */
export function letterCounts(texts: readonly string[]): Uint8Array {
  const counts = new Uint8Array(texts.length * CLASSES);
  texts.forEach((text, t) => {
    for (let i = 0; i < text.length; i++) counts[t * CLASSES + (text.charCodeAt(i) & (CLASSES - 1))]!++;
  });
  return counts;
}

/** The least number of typing mistakes that two counted texts can be apart, whatever the order of their letters. */
export function leastMistakes(counts: Uint8Array, a: number, b: number): number {
  let more = 0, fewer = 0;
  for (let i = a * CLASSES, j = b * CLASSES, end = i + CLASSES; i < end; i++, j++) {
    const d = counts[i]! - counts[j]!;
    if (d > 0) more += d;
    else fewer -= d;
  }
  return more > fewer ? more : fewer;
}
