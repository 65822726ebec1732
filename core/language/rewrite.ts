/**
 * A value with every node that `change` knows replaced by what it gives (undefined where it knows nothing of it), outermost
 * first; nothing inside a replaced node is looked at. What nothing changes stays the same object. Linear in its size.
 */
export function rewrite<T>(value: T, change: (node: unknown) => unknown): T {
  const own = change(value);
  if (own !== undefined) return own as T;
  if (Array.isArray(value)) {
    const list = value.map((v: unknown) => rewrite(v, change));
    return list.some((v, i) => v !== value[i]) ? (list as T) : value;
  }
  if (typeof value !== 'object' || value === null) return value;
  const entries = Object.entries(value).map(([key, of]: [string, unknown]) => [key, rewrite(of, change)] as const);
  return entries.some(([key, of]) => of !== (value as Record<string, unknown>)[key]) ? (Object.fromEntries(entries) as T) : value;
}
