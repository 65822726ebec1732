import { countryOfPlace } from '../values/places';
import { readFeeling } from '../values/feeling';

/*
 * How a value fared that does not follow from its row alone: one looked up in another table, or known of a place or of words.
 * The graver a case, the larger its code; of several in one row the gravest counts.
 */

/** What a key finds: one row (or one figure), one whose key is spelled otherwise, none, or several rows that say different things. */
export const FOUND = 0, LIKE = 3, NONE = 5, SEVERAL = 6, NO_KEY = 7;
/** A feeling told clearly by words, or by words both ways or a weak one; a place with namesakes; what nothing is known of. */
export const TOLD = 1, DOUBTFUL = 2, NAMESAKE = 4, UNTOLD = 8, UNKNOWN_PLACE = 9;

/** How sure the country of a place is. A blank is no place. */
export function sureOfPlace(text: string): number {
  if (text.trim() === '') return NO_KEY;
  const found = countryOfPlace(text);
  return found === null ? UNKNOWN_PLACE : found.sure ? FOUND : NAMESAKE;
}

/** How sure the feeling in a text is. */
export function sureOfFeeling(text: string): number {
  if (text.trim() === '') return NO_KEY;
  const { score, pleased, displeased } = readFeeling(text);
  return score === 0 ? UNTOLD : Math.abs(score) < 2 || (pleased.length > 0 && displeased.length > 0) ? DOUBTFUL : TOLD;
}
