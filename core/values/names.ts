/** A name that none of `taken` has, by a number behind it where needed. Capitals do not tell names apart. */
export function uniqueName(base: string, taken: readonly string[]): string {
  const used = new Set(taken.map((n) => n.toLowerCase()));
  let name = base;
  for (let n = 2; used.has(name.toLowerCase()); n++) name = `${base} ${n}`;
  return name;
}

/** A name that SQL takes without quotes: small letters, figures, and underscores for everything else. */
export const sqlName = (name: string): string => name.replace(/\W+/g, '_').toLowerCase();
