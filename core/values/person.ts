/** A person's name in its parts. */
export type Person = Readonly<Record<'title' | 'first' | 'middle' | 'last' | 'suffix', string>>;
/** A part of a person's name, or all of it but the title. */
export type PersonPart = keyof Person | 'untitled';

/** How each part is called in exact sentences. */
export const PERSON_PARTS = [['title', 'title'], ['first', 'first name'], ['middle', 'middle name'], ['last', 'last name'], ['suffix', 'name suffix'], ['untitled', 'name without title']] as const satisfies readonly (readonly [PersonPart, string])[];

const TITLE = /^(?:mr|mrs|ms|miss|mx|dr|prof|professor|rev|reverend|sir|dame|lady|lord|capt|captain|hon|herr|frau|mme|mlle|ing|dipl|mag)\.?$/i;
const SUFFIX = /^(?:jr|sr|junior|senior|ii|iii|iv|phd|ph\.d|md|m\.d|mba|esq|esquire|obe|mbe|cbe|dds|jd|bsc|msc|ba|ma)\.?$/i;
/** Small words that belong to the family name behind them. */
const PARTICLE = /^(?:van|von|vom|zu|zur|zum|der|den|de|del|della|delle|di|da|das|do|dos|du|des|la|le|ter|ten|te|af|av|bin|ibn|al|el|y|e|st\.?|'t|op)$/i;
const PAIRED = /^(?:y|e)$/i;

/**
 * The parts of a person's name: 'Dr Ada M. van der Berg Jr' or 'van der Berg, Ada M.'. A comma puts the family name first.
 * A name that begins with a particle and has no comma is read family name first as well. One word alone is a first
 * name. Null where there are no letters, or where there are more words than a name has. O(length).
 */
export function readPerson(text: string): Person | null {
  const trimmed = text.trim().replace(/\s+/g, ' ');
  if (!/\p{L}/u.test(trimmed) || /[\d@/]/.test(trimmed)) return null;
  const pieces = trimmed.split(/\s*,\s*/).filter((p) => p !== '');
  const suffixes: string[] = [];
  while (pieces.length > 1 && pieces.at(-1)!.split(' ').every((w) => SUFFIX.test(w))) suffixes.unshift(pieces.pop()!);
  if (pieces.length > 2 || pieces.length === 0) return null;
  const titles: string[] = [];
  const takeTitles = (words: string[]): void => {
    while (words.length > 1 && TITLE.test(words[0]!)) titles.push(words.shift()!);
  };
  const takeSuffixes = (words: string[]): void => {
    const found: string[] = [];
    while (words.length > 1 && SUFFIX.test(words.at(-1)!) && !/^(?:ma|ba)$/i.test(words.at(-1)!)) found.unshift(words.pop()!);
    suffixes.unshift(...found);
  };
  const [one, two] = pieces.map((p) => p.split(' '));
  takeTitles(one!);
  let given: string[], family: string[];
  if (two) {
    takeTitles(two);
    takeSuffixes(one!);
    takeSuffixes(two);
    if (two.length === 1 && TITLE.test(two[0]!)) titles.push(two.pop()!);
    [family, given] = [one!, two];
    // 'Berg, Ada van der': particles written after the first name go before the family name.
    while (given.length > 1 && PARTICLE.test(given.at(-1)!)) family.unshift(given.pop()!);
  } else {
    takeSuffixes(one!);
    [given, family] = cut(one!);
  }
  if (given.length + family.length > 8 || given.length > 4) return null;
  return { title: titles.join(' '), first: given[0] ?? '', middle: given.slice(1).join(' '), last: family.join(' '), suffix: suffixes.join(' ') };
}

/**
 * A part of the person's name in a text, '' where there is none; without its title, the name keeps its order and its
 * commas, and a text that is no name stays as it is, without the spaces around it. O(length).
 */
export function personPart(text: string, part: PersonPart): string {
  if (part !== 'untitled') return readPerson(text)?.[part] ?? '';
  const named = readPerson(text);
  if (named === null || named.title === '') return text.trim();
  const titles = named.title.split(' ');
  const pieces = text.trim().split(/\s*,\s*/).map((piece) => {
    const words = piece.split(/\s+/);
    while (titles.length > 0 && words[0] === titles[0]) { words.shift(); titles.shift(); }
    return words.join(' ');
  });
  return pieces.filter((piece) => piece !== '').join(', ');
}

/** Given and family names of words in one order: the family name is the last word, with its particles. */
function cut(words: readonly string[]): [string[], string[]] {
  if (words.length === 1) return [[...words], []];
  if (PARTICLE.test(words[0]!)) {
    let to = 0;
    while (to < words.length - 1 && PARTICLE.test(words[to]!)) to++;
    return to === words.length - 1 ? [[], [...words]] : [words.slice(to + 1), words.slice(0, to + 1)];
  }
  let from = words.length - 1;
  const particle = words.findIndex((w, i) => i > 0 && i < words.length - 1 && PARTICLE.test(w));
  if (particle > 0) from = PAIRED.test(words[particle]!) && particle > 1 ? particle - 1 : particle;
  return [words.slice(0, from), words.slice(from)];
}
