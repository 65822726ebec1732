/**
 * A function of texts that remembers what it found: the same text is asked for by every case of a formula, and again for how
 * sure it is. After `most` different texts all is forgotten, so that a column of any length takes no more room than that.
 */
export function remembered<T>(find: (text: string) => T, most = 20_000): (text: string) => T {
  const known = new Map<string, T>();
  return (text) => {
    let found = known.get(text);
    if (found === undefined) {
      if (known.size >= most) known.clear();
      known.set(text, (found = find(text)));
    }
    return found;
  };
}
