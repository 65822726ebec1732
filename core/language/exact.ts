/**
 * Two-way grammar: one description of a piece of Kulfi's plain English both writes it and reads it back. Every step
 * declares its sentence with these, which is why reading what was written gives the same plan.
 */
export interface Syntax<T> {
  /** The text of a value, or null when this piece cannot say it. */
  print(value: T): string | null;
  /** The value that starts at `at`, and where it ends; null when it does not start there. */
  parse(text: string, at: number): readonly [T, number] | null;
}

/** A fixed word or mark. */
export const word = (text: string): Syntax<undefined> => ({
  print: () => text,
  parse: (input, at) => (input.startsWith(text, at) ? [undefined, at + text.length] : null),
});

type Part = { readonly key: string | null; readonly syntax: Syntax<never>; readonly optional: boolean };

/** A field of a record, said with `syntax`. */
export const field = <T>(key: string, syntax: Syntax<T>): Part => ({ key, syntax: syntax as unknown as Syntax<never>, optional: false });

/** A field that is left unsaid when it is undefined or false. */
export const optional = <T>(key: string, syntax: Syntax<T>): Part => ({ key, syntax: syntax as unknown as Syntax<never>, optional: true });

/** A flag that is true where its words stand, and left out of the record where they do not. */
export const flag = (key: string, words: string): Part => optional(key, mapped(word(words), () => true, (on: boolean) => (on ? undefined : null)));

/** A record: words and fields in order, over the constant fields of `base` (which tell records apart). */
export function record<T extends object>(base: Partial<T>, ...parts: readonly (string | Part)[]): Syntax<T> {
  const all: Part[] = parts.map((p) => (typeof p === 'string' ? { key: null, syntax: word(p) as unknown as Syntax<never>, optional: false } : p));
  return {
    print(value) {
      const fields = value as Record<string, unknown>;
      for (const [key, constant] of Object.entries(base)) if (fields[key] !== constant) return null;
      let out = '';
      for (const part of all) {
        const inner = part.key === null ? undefined : fields[part.key];
        if (part.optional && (inner === undefined || inner === false)) continue;
        const text = part.syntax.print(inner as never);
        if (text === null) return null;
        out += text;
      }
      const known = new Set([...Object.keys(base), ...all.map((p) => p.key)]);
      return Object.entries(fields).every(([key, v]) => known.has(key) || v === undefined) ? out : null;
    },
    parse(input, at) {
      const fields: Record<string, unknown> = { ...base };
      let end = at;
      for (const part of all) {
        const got = part.syntax.parse(input, end);
        if (!got) {
          if (part.optional) continue;
          return null;
        }
        if (part.key !== null) fields[part.key] = got[0];
        end = got[1];
      }
      return [fields as T, end];
    },
  };
}

/**
 * The first of several ways that can say a value; reading takes the way that reads furthest. What was read at a place of
 * the last text is remembered, so nested sentences are read in linear, not exponential, time.
 */
export function choice<T>(...ways: readonly Syntax<T>[]): Syntax<T> {
  let last = '';
  let known = new Map<number, readonly [T, number] | null>();
  return {
    print(value) {
      for (const way of ways) {
        const text = way.print(value);
        if (text !== null) return text;
      }
      return null;
    },
    parse(input, at) {
      if (input !== last) {
        last = input;
        known = new Map();
      }
      const before = known.get(at);
      if (before !== undefined) return before;
      let best: readonly [T, number] | null = null;
      for (const way of ways) {
        const got = way.parse(input, at);
        if (got && (!best || got[1] > best[1])) best = got;
      }
      known.set(at, best);
      return best;
    },
  };
}

/** One of a few fixed words, each standing for a value. */
export function oneOf<T extends string | number | boolean>(words: ReadonlyArray<readonly [T, string]>): Syntax<T> {
  const longestFirst = [...words].sort((a, b) => b[1].length - a[1].length);
  return {
    print: (value) => words.find(([v]) => v === value)?.[1] ?? null,
    parse(input, at) {
      for (const [value, text] of longestFirst) if (input.startsWith(text, at)) return [value, at + text.length];
      return null;
    },
  };
}

/** 'A', 'A and B', 'A, B and C': at least `least` items. */
export function list<T>(item: Syntax<T>, least = 1, last = ' and ', between = ', '): Syntax<readonly T[]> {
  return {
    print(values) {
      if (values.length < least) return null;
      const texts = values.map((v) => item.print(v));
      if (texts.some((t) => t === null)) return null;
      return texts.length < 2 ? texts.join('') : texts.slice(0, -1).join(between) + last + texts.at(-1)!;
    },
    parse(input, at) {
      const values: T[] = [];
      let end = at;
      for (;;) {
        const got = item.parse(input, end);
        if (!got) break;
        values.push(got[0]);
        end = got[1];
        const isLast = input.startsWith(last, end);
        const isNext = !isLast && input.startsWith(between, end);
        const next = isLast || isNext ? item.parse(input, end + (isLast ? last : between).length) : null;
        if (!next) break;
        end += (isLast ? last : between).length;
        if (isLast && last !== between) {
          values.push(next[0]);
          end = next[1];
          break;
        }
      }
      return values.length >= least ? [values, end] : null;
    },
  };
}

/** The same text standing for another value. `back` gives null where the value cannot be said this way. */
export function mapped<A, B>(inner: Syntax<A>, to: (value: A) => B, back: (value: B) => A | null): Syntax<B> {
  return {
    print(value) {
      const before = back(value);
      return before === null ? null : inner.print(before);
    },
    parse(input, at) {
      const got = inner.parse(input, at);
      return got && [to(got[0]), got[1]];
    },
  };
}

/** A piece between two marks. */
export const between = <T>(open: string, inner: Syntax<T>, close: string): Syntax<T> => ({
  print(value) {
    const text = inner.print(value);
    return text === null ? null : open + text + close;
  },
  parse(input, at) {
    if (!input.startsWith(open, at)) return null;
    const got = inner.parse(input, at + open.length);
    return got && input.startsWith(close, got[1]) ? [got[0], got[1] + close.length] : null;
  },
});

/** A piece that is described later (grammars that contain themselves). */
export const later = <T>(syntax: () => Syntax<T>): Syntax<T> => ({
  print: (value) => syntax().print(value),
  parse: (input, at) => syntax().parse(input, at),
});

/** A column's name as exact sentences write it: between ‹ and ›, a › in the name doubled. */
export const written = (name: string): string => `‹${name.replace(/›/g, '››')}›`;

/** A column, by its name. */
export const columnName: Syntax<string> = {
  print: (name) => (name === '' ? null : written(name)),
  parse(input, at) {
    if (input[at] !== '‹') return null;
    let name = '';
    for (let i = at + 1; i < input.length; i++) {
      if (input[i] !== '›') name += input[i];
      else if (input[i + 1] === '›') {
        name += '›';
        i++;
      } else return name === '' ? null : [name, i + 1];
    }
    return null;
  },
};

/** Columns: '‹A›, ‹B› and ‹C›'. */
export const columnNames = list(columnName);

/** A text between double quotes, escaped as in JSON. */
export const quoted: Syntax<string> = {
  print: (text) => JSON.stringify(text),
  parse(input, at) {
    if (input[at] !== '"') return null;
    for (let i = at + 1; i < input.length; i++) {
      if (input[i] === '\\') i++;
      else if (input[i] === '"') {
        try {
          return [JSON.parse(input.slice(at, i + 1)) as string, i + 1];
        } catch {
          return null;
        }
      }
    }
    return null;
  },
};

const NUMBER = /-?\d+(?:\.\d+)?(?:e[+-]?\d+)?/y;

/** A number in plain digits. */
export const numeral: Syntax<number> = {
  print: (value) => (Number.isFinite(value) ? String(Object.is(value, -0) ? 0 : value) : null),
  parse(input, at) {
    NUMBER.lastIndex = at;
    const m = NUMBER.exec(input);
    return m ? [Number(m[0]), at + m[0].length] : null;
  },
};

/** The text of a value; throws when the grammar cannot say it, which a checked plan never meets. */
export function say<T>(syntax: Syntax<T>, value: T): string {
  const text = syntax.print(value);
  if (text === null) throw new Error(`This cannot be said: ${JSON.stringify(value)}`);
  return text;
}

/** The value of a whole text, or null. */
export function readWhole<T>(syntax: Syntax<T>, text: string): T | null {
  const got = syntax.parse(text, 0);
  return got && got[1] === text.length ? got[0] : null;
}

/** ' for each ‹A› and ‹B›', or nothing for an empty list. */
export const forEach = (key: string) => field(key, choice(between(' for each ', columnNames, ''), mapped(word(''), () => [] as readonly string[], (v) => (v.length === 0 ? undefined : null))));
