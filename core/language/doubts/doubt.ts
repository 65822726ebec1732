import type { Plan } from '../../steps/registry';
import { isQuestion } from '../../steps/questions';
import { keyOf } from '../chart';
import type { Said } from './said';

/** What speaks against a reading that uses every word: its price, and what is asked where the reading is the likeliest all the same. */
export interface Doubt {
  readonly price: number;
  /** How many times it holds. */
  readonly holds: (plans: readonly Plan[], said: Said) => number | boolean;
  readonly asks?: string;
}

/** What is asked where one part of a request takes back another. */
export const LIMIT = 'The second part of this reads like a limit of the first. Is it meant so?';

/** Does any of some plans take something from another table? */
export const usesTable = (plans: readonly Plan[], table: string): boolean => keyOf(plans).includes(`"table":${JSON.stringify(table)}`);

/** A request asks a question or changes something, not both. */
export const isMixed = (plans: readonly Plan[]): boolean => plans.some(isQuestion) && !plans.every(isQuestion);

/** Two keepings by values of one column that have none in common leave no row: nobody means that. */
export function contradicts(plans: readonly Plan[]): boolean {
  return plans.some((p, i) => {
    const q = plans[i + 1];
    if (p.step !== 'filter' || q?.step !== 'filter' || p.mode !== 'keep' || q.mode !== 'keep' || p.where.kind !== 'among' || q.where.kind !== 'among') return false;
    const texts = new Set(p.where.texts);
    return keyOf(p.where.of) === keyOf(q.where.of) && !q.where.texts.some((t) => texts.has(t));
  });
}
