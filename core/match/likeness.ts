import { cleaned } from '../values/clean';
import { readYesNo } from '../values/yesno';
import { typingDistance } from './typing';

/** A text with only its letters and figures, small, without accents, '&' as 'and': what is left when spelling habits are taken away. */
export const bareText = (text: string): string => text.normalize('NFD').toLowerCase().replace(/\s*&\s*/g, ' and ').replace(/[^\p{L}\p{N}]/gu, '');

/** The words of a text as `bareText` leaves them; an apostrophe divides words. */
export const bareWords = (text: string): string[] => text.normalize('NFD').toLowerCase().replace(/&/g, ' and ').replace(/\p{M}/gu, '').match(/[\p{L}\p{N}]+/gu) ?? [];

/** The figures in a text, in their order. Other figures are mostly another number, not the same one misspelt. */
export const figuresIn = (text: string): string => (text.match(/\d+/g) ?? []).join(' ');

/**
 * The one of some spellings that a text is meant to be, or null when it is like none, or like two equally well. Capitals,
 * spaces, points and accents do not count; yes and no are known in their usual forms; then the fewest typing mistakes
 * win, at most one for every four letters; then the legal form of a firm does not count either, and a text may be the
 * first words of just one of them. O(spellings * length).
 */
export function nearestSpelling(text: string, spellings: readonly string[]): string | null {
  const as = (form: (t: string) => string): string | null => { const at = spellings.map(form), found = nearestOf(form(text), at); return found === null ? null : spellings[at.indexOf(found)]!; };
  return nearestOf(text, spellings) ?? as((t) => cleaned(t, 'legal')) ?? begunBy(text, spellings);
}

/** The only spelling that a text is the beginning of, in whole words: 'Carrow' of 'Carrow & Lee'. */
function begunBy(text: string, spellings: readonly string[]): string | null {
  const words = bareWords(text);
  const found = words.join('').length < 4 ? [] : spellings.filter((s) => { const own = bareWords(s); return own.length > words.length && words.every((w, i) => w === own[i]); });
  return found.length === 1 ? found[0]! : null;
}

/** The one of some spellings that is bare the same, says yes or no as the text does, or is nearest to it by typing mistakes. */
function nearestOf(text: string, spellings: readonly string[]): string | null {
  const bare = bareText(text);
  if (bare === '') return null;
  const same = spellings.filter((s) => bareText(s) === bare);
  if (same.length === 1) return same[0]!;
  const yes = readYesNo(text);
  const alike = yes === null ? [] : spellings.filter((s) => readYesNo(s) === yes);
  if (alike.length === 1) return alike[0]!;
  let best: { spelling: string | null; distance: number } = { spelling: null, distance: Infinity };
  for (const spelling of spellings) {
    const other = bareText(spelling);
    const most = Math.floor(Math.min(bare.length, other.length) / 4);
    const distance = typingDistance(bare, other, most);
    // A letter next to the right one on the keyboard must not decide between two spellings.
    if (distance < best.distance - 0.2) best = { spelling, distance };
    else if (distance !== Infinity && distance <= best.distance + 0.2) best = { spelling: null, distance: Math.min(distance, best.distance) };
  }
  return best.spelling;
}
