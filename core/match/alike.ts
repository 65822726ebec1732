import { cleaned } from '../values/clean';
import { allowed, candidatePairs } from './pairs';
import { bareText, bareWords, figuresIn } from './likeness';
import { typingDistance } from './typing';

/*
 * Names that two lists write otherwise: 'Fern, Ada' and 'Ada Fern', 'Last Post Box' and 'The Last Postbox',
 * 'Glass Harvest (short)' and 'Glass Harvest', 'Bram Holow' and 'Bram Hollow'.
 */

/** Where a text is like none of the others, or like two equally well. */
export const UNLIKE = -1, UNDECIDED = -2;

/** Words in front of a name, or behind the comma of one that is turned ('Ferry, The'), that do not tell names apart. */
const ARTICLES: ReadonlySet<string> = new Set(['the', 'a', 'an']);
/** Two distances closer than this are as good as equal: a letter next to the right one on the keyboard decides nothing. */
const AS_GOOD = 0.2;

/** A name in the forms it is compared by. */
interface Forms {
  /** Its words in their order (turned around at a comma) and in alphabetical order, without spaces. */
  readonly whole: readonly [string, string];
  /** The same without what stands in brackets, where something does. */
  readonly plain: readonly [string, string] | null;
  /** All words: the 'A' of 'A. Fern' is no article. */
  readonly words: readonly string[];
}

/** The words of a name; one that is turned at a comma ('Fern, Ada') in the order it is spoken. */
function wordsOf(text: string): string[] {
  const [last, first, ...more] = text.split(/,\s+/);
  const words = bareWords(cleaned(first !== undefined && more.length === 0 ? `${first} ${last}` : text, 'legal'));
  while (words.length > 1 && TITLES.has(words[0]!)) words.shift();
  return words;
}
const TITLES: ReadonlySet<string> = new Set(['dr', 'prof', 'professor', 'mr', 'mrs', 'ms', 'miss', 'sir', 'mx']);
const joined = (words: readonly string[]): readonly [string, string] => {
  const own = words.length > 1 && ARTICLES.has(words[0]!) ? words.slice(1) : words;
  return [own.join(''), [...own].sort().join('')];
};

function formsOf(text: string): Forms {
  const words = wordsOf(text.replace(/[()[\]]/g, ' ')), outside = text.replace(/\s*[([][^()[\]]*[)\]]/g, '');
  const plain = outside === text ? [] : wordsOf(outside);
  return { whole: joined(words), plain: plain.length > 0 ? joined(plain) : null, words };
}

/** Are two names the same but for first names that one of them shortens to a letter? */
const shortens = (a: readonly string[], b: readonly string[]): boolean =>
  a.length === b.length && a.length > 1 && a.some((w) => w.length > 2 && b.includes(w)) && [a, [...a.slice(1), a[0]!], [a.at(-1)!, ...a.slice(0, -1)]].some((order) => order.every((w, i) => w === b[i] || (w.length === 1 && b[i]!.startsWith(w)) || (b[i]!.length === 1 && w.startsWith(b[i]!))));

/**
 * For each text of `own` the place in `theirs` of the one it is meant to be (`found`): UNLIKE where none is, UNDECIDED where
 * different ones are equally likely, which are its `rivals`. Tried in this order, the first that finds one decides: the same letters and figures
 * (spaces, marks, accents and capitals aside); the same words in any order, without an article or a title in front, how a firm's name
 * ends, and what only one of the two has in brackets; first names shortened to a letter; a few typing mistakes, by length,
 * with the same figures. Texts of both lists are best given once each. Few typing mistakes are found by candidate pairs,
 * the rest by tables: O(texts * length) and the candidates.
 */
export function meantBy(own: readonly string[], theirs: readonly string[]): { readonly found: Int32Array; readonly rivals: ReadonlyMap<number, readonly number[]> } {
  const found = new Int32Array(own.length).fill(UNLIKE);
  const rivals = new Map<number, readonly number[]>();
  const settle = (i: number, places: Iterable<number>): boolean => {
    const [first, ...more] = places;
    if (first === undefined) return false;
    const undecided = more.some((p) => bareText(theirs[p]!) !== bareText(theirs[first]!));
    found[i] = undecided ? UNDECIDED : first;
    if (undecided) rivals.set(i, [first, ...more]);
    return true;
  };
  const put = (map: Map<string, number[]>, key: string, place: number): void => void (map.get(key)?.push(place) ?? map.set(key, [place]));
  const bare = new Map<string, number[]>(), whole = new Map<string, number[]>(), bracketed = new Map<string, number[]>(), initials = new Map<string, number[]>();
  const forms = theirs.map(formsOf);
  forms.forEach((f, p) => {
    if (f.whole[0] === '') return;
    put(bare, bareText(theirs[p]!), p);
    for (const form of new Set(f.whole)) put(whole, form, p);
    for (const form of new Set(f.plain ?? [])) put(bracketed, form, p);
    for (const w of new Set(f.words)) if (w.length > 2) put(initials, w, p);
  });
  const open: (readonly [number, Forms])[] = [];
  own.forEach((text, i) => {
    const key = bareText(text);
    if (key === '' || settle(i, bare.get(key) ?? [])) return;
    const f = formsOf(text);
    const same = [...f.whole.flatMap((form) => [...(whole.get(form) ?? []), ...(f.plain ? [] : (bracketed.get(form) ?? []))]), ...(f.plain ?? []).flatMap((form) => (whole.get(form) ?? []).filter((p) => !forms[p]!.plain))];
    if (settle(i, new Set(same))) return;
    const short = f.words.length > 1 ? [...new Set(f.words.flatMap((w) => initials.get(w) ?? []))].filter((p) => shortens(f.words, forms[p]!.words)) : [];
    if (!settle(i, short)) open.push([i, f]);
  });
  if (open.length === 0) return { found, rivals };
  // What is left is compared letter by letter, where it may be a few mistakes away.
  const gather = (all: Iterable<readonly [number, Forms]>): Map<string, number[]> => {
    const by = new Map<string, number[]>();
    for (const [i, f] of all) for (const form of new Set([...f.whole, ...(f.plain ?? [])])) if (form !== '') put(by, form, i);
    return by;
  };
  const asking = gather(open), known = gather(forms.entries());
  const texts = [...asking.keys(), ...known.keys()];
  const nearest = new Map<number, { distance: number; places: Set<number> }>();
  candidatePairs(texts, (a, b) => {
    const [x, y] = a < b ? [texts[a]!, texts[b]!] : [texts[b]!, texts[a]!];
    if (figuresIn(x) !== figuresIn(y)) return;
    const distance = typingDistance(x, y, allowed(Math.min(x.length, y.length)));
    if (distance === Infinity) return;
    const places = known.get(y)!;
    for (const i of asking.get(x)!) {
      const best = nearest.get(i);
      if (!best || distance < best.distance - AS_GOOD) nearest.set(i, { distance, places: new Set(places) });
      else if (distance <= best.distance + AS_GOOD) { best.distance = Math.min(best.distance, distance); for (const p of places) best.places.add(p); }
    }
  }, undefined, undefined, asking.size);
  for (const [i, { places: all }] of nearest) settle(i, all);
  return { found, rivals };
}
