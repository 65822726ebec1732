import type { Plan } from '../steps/registry';
import { stem } from './words';

/** Words that say of a plan what it does anyway ('the comma is where to cut' of a split at a comma); with `given`, only where one of those was said as well. */
export interface Entailed {
  readonly of: (plan: Plan) => boolean;
  readonly words: string;
  readonly given?: string;
}

/** Of a step that keeps some rows: that those stay, and the rest goes. */
export const keepsSome = (of: Entailed['of']): readonly Entailed[] => [
  { of, words: 'should remain stay left keep kept go away out throw forget rest other remaining', given: 'rest other' },
  { of, words: 'should remain stay' },
];

const listed = new Map<string, ReadonlySet<string>>();
const stems = (words: string): ReadonlySet<string> => listed.get(words) ?? listed.set(words, new Set(words.split(' ').map(stem))).get(words)!;

/** Do these words say nothing but what one of the plans does anyway? */
export const restates = (said: readonly string[], plans: readonly Plan[], known: readonly Entailed[]): boolean => {
  const holding = known.filter((e) => plans.some(e.of) && (e.given === undefined || said.some((w) => stems(e.given!).has(w))));
  return said.every((w) => holding.some((e) => stems(e.words).has(w)));
};
