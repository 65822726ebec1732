import type { Act, Context } from '../../language/acts';
import { rule } from '../../language/chart';

/* Parts of what cells hold that are asked for by name: of persons' names, of postal addresses. */

/** A part with the name of the column it goes to. */
export interface Asked<P> {
  readonly part: P;
  readonly name: string;
}

export const asks = <P>(part: P, name: string) => (): Asked<P> => ({ part, name });

/** Which part each of some column names speaks of; null unless all do, and there are several. */
export function partsCalled<P>(names: readonly string[], called: readonly (readonly [P, RegExp])[], nameOf: (part: P, said: string) => string): Asked<P>[] | null {
  const asked = names.flatMap((n) => called.filter(([, by]) => by.test(n)).map(([part]): Asked<P> => ({ part, name: nameOf(part, n) })));
  return asked.length === names.length && asked.length > 1 ? asked : null;
}

/** Are parts asked for, each once? */
export const eachOnce = <P>(asked: readonly Asked<P>[]): boolean => asked.length > 0 && new Set(asked.map((a) => a.part)).size === asked.length;

/** The ways to list parts (category `many`) of a category `one`, and to ask for several of a column. */
export const partRules = <P>(one: string, many: string, add: (column: string, asked: readonly Asked<P>[], x: Context) => Act | null) => [
  rule(many, `$${one}:p`, ({ p }) => [p], 0),
  rule(many, `$${one}:p ~list the? $${many}:r`, ({ p, r }) => [p, ...r], 0),
  rule('clause', `$${many}:p of|from|in the? $col:c ,|:|-? ~into2|~into? $num? ~column`, ({ c, p }, x: Context) => (p.length > 1 ? add(c, p, x) : null), -0.1),
  rule('clause', `~split the? $${many}:p in|of|from $col:c`, ({ c, p }, x: Context) => (p.length > 1 ? add(c, p, x) : null), 0),
].flat();
