import type { CheckedHead } from '../formula/check';

/**
 * What is worked out once for each head and key, and kept as long as the head is: the readings of one request, and the
 * requests about one table, ask for the same again and again. Beyond `most` keys, those of a head are forgotten.
 */
export function keptForHead<T>(most = Infinity): (head: CheckedHead, key: string, make: () => T) => T {
  const heads = new WeakMap<CheckedHead, Map<string, T>>();
  return (head, key, make) => {
    let kept = heads.get(head);
    if (!kept) heads.set(head, (kept = new Map()));
    if (kept.has(key)) return kept.get(key)!;
    if (kept.size > most) kept.clear();
    const made = make();
    kept.set(key, made);
    return made;
  };
}
