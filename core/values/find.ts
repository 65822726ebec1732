import { isFreeMail } from './free-mail';
import { PLACES } from './places';
import { saysCountry, readTelephone } from './telephone';
import { readPerson } from './person';

/** Sorts of things that can be found in a text. */
export type FindSort = 'email' | 'free mail' | 'phone' | 'web' | 'domain' | 'amount' | 'number' | 'percent' | 'date' | 'hashtag' | 'postcode' | 'title' | 'weight' | 'duration' | 'length' | 'volume' | 'place' | 'person';

/** What is looked for: something of a sort, a code of a shape ('#' a digit, '@' a letter, the rest as it stands), or one of some words. */
export type Findable =
  | { readonly kind: 'sort'; readonly sort: FindSort }
  | { readonly kind: 'shape'; readonly shape: string }
  | { readonly kind: 'words'; readonly words: readonly string[] };

/** How each sort is called in exact sentences. */
export const FIND_WORDS: Readonly<Record<FindSort, string>> = {
  email: 'e-mail address', 'free mail': 'free-mail address', phone: 'telephone number', web: 'web address', domain: 'domain', amount: 'amount of money', number: 'number', percent: 'percentage', date: 'date', hashtag: 'hashtag', postcode: 'postcode', title: 'form of address', weight: 'weight', duration: 'duration', length: 'length', volume: 'volume', place: 'place', person: 'person’s name',
};
export const SORTS = Object.keys(FIND_WORDS) as FindSort[];

/** Sorts that are told by how they look only: what is found wants a look. */
export const LIKELY_FINDS: ReadonlySet<FindSort> = new Set<FindSort>(['place', 'person']);

/** Sorts whose finds are numbers. */
export const NUMERIC_FINDS: ReadonlySet<FindSort> = new Set<FindSort>(['amount', 'number', 'percent']);

const EMAIL = /[\p{L}\p{N}._%+-]+@[\p{L}\p{N}-]+(?:\.[\p{L}\p{N}-]+)+/gu;
const MONTH = String.raw`(?:jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?|sep(?:t(?:ember)?)?|oct(?:ober)?|nov(?:ember)?|dec(?:ember)?)`;

const PATTERNS: Record<Exclude<FindSort, 'free mail' | 'domain' | 'phone' | 'place' | 'person'>, RegExp> = {
  email: EMAIL,
  web: /(?:https?:\/\/|www\.)[^\s,;()<>"]+/giu,
  amount: /(?:[€$£]|\b(?:EUR|USD|GBP|CHF)\b)\s?\d[\d,.]*|\d[\d,.]*\s?(?:[€$£]|\b(?:EUR|USD|GBP|CHF|euros?|pounds?|dollars?|francs?)\b)/giu,
  number: /(?<![\p{L}\d])-?\d+(?:[.,]\d+)*/gu,
  percent: /-?\d+(?:[.,]\d+)?\s?(?:%|per ?cent\b)/giu,
  date: new RegExp(String.raw`\b\d{4}-\d{1,2}-\d{1,2}\b|\b\d{1,2}[/.]\d{1,2}[/.]\d{2,4}\b|\b\d{1,2}(?:st|nd|rd|th)? ${MONTH},? \d{4}\b|\b${MONTH} \d{1,2}(?:st|nd|rd|th)?,? \d{4}\b`, 'giu'),
  hashtag: /#[\p{L}\p{N}_]+/gu,
  postcode: /\b[A-Z]{1,2}\d[A-Z\d]? \d[A-Z]{2}\b|\b[A-Z]{0,2}-?\d{4,5}\b/gu,
  weight: /(?<![\p{L}\d.,])\d+(?:[.,]\d+)?\s?(?:kg|kgs|kilos?|kilograms?|g|gr|grams?|mg|t|tonnes?|tons?|lbs?|oz|ounces?)\b(?:\s\d+(?:\.\d+)?\s?(?:g|grams?|oz|ounces?)\b)?/giu,
  duration: /(?<![\p{L}\d.,:/])\d+(?:[.,]\d+)?\s?(?:weeks?|days?|hours?|hrs?|h|minutes?|mins?|seconds?|secs?|s)\b(?:\s(?:and\s)?\d+\s?(?:minutes?|mins?|seconds?|secs?|s)\b)?/giu,
  length: /(?<![\p{L}\d.,/])\d+(?:[.,]\d+)?\s?(?:km|kilomet(?:re|er)s?|cm|centimet(?:re|er)s?|mm|millimet(?:re|er)s?|m|met(?:re|er)s?|miles?|yards?|ft|foot|feet|inch(?:es)?)\b/giu,
  volume: /(?<![\p{L}\d.,/])\d+(?:[.,]\d+)?\s?(?:ml|millilit(?:re|er)s?|cl|centilit(?:re|er)s?|dl|hl|lit(?:re|er)s?|l|m3|m³)(?![\p{L}\d])/giu,
  title: /\b(?:mr|mrs|ms|miss|mx|dr|prof|rev|sir|dame)\b\.?/gi,
};

/** A telephone number: at least six digits with the usual marks between them, and no date or plain code. */
const PHONE = /(?:\+|\(\d|\b)\d?[\d()\s./-]{4,}\d\b/gu;

const tidyNumber = (text: string): string => text.replace(/[.,]+$/, '');

/** A function that finds all of something in a text, in order. Each find is trimmed. */
export function finder(what: Findable): (text: string) => string[] {
  if (what.kind === 'shape') return matches(shapePattern(what.shape));
  if (what.kind === 'words') return matches(new RegExp(`(?<![\\p{L}\\p{N}])(?:${[...what.words].sort((a, b) => b.length - a.length).map(caseless).join('|')})(?![\\p{L}\\p{N}])\\.?`, 'gu'));
  switch (what.sort) {
    case 'phone':
      return (text) => {
        const bare = text.replace(EMAIL, (m) => ' '.repeat(m.length)).replace(PATTERNS.date, (m) => ' '.repeat(m.length));
        return [...bare.matchAll(PHONE)].map((m) => m[0].trim().replace(/^[./-]\s*/, '')).filter((t) => (t.match(/\d/g) ?? []).length >= 6 && (!saysCountry(t) || readTelephone(t) !== null));
      };
    case 'free mail':
      return (text) => [...text.matchAll(EMAIL)].map((m) => m[0]).filter((address) => isFreeMail(address.slice(address.indexOf('@') + 1)));
    case 'place':
      return matches(placePattern());
    case 'person':
      return personsIn;
    case 'domain':
      return (text) => [
        ...[...text.matchAll(EMAIL)].map((m) => m[0].slice(m[0].indexOf('@') + 1)),
        ...[...text.matchAll(PATTERNS.web)].map((m) => m[0].replace(/^https?:\/\//i, '').replace(/^www\./i, '').replace(/[/?#:].*$/, '')),
      ];
    case 'amount':
    case 'percent':
      return (text) => [...text.matchAll(PATTERNS[what.sort as 'amount'])].map((m) => tidyNumber(m[0].replace(/\b(?:euros?|pounds?|dollars?|francs?|per ?cent)\b/i, '').replace('%', '').trim()));
    case 'number':
      return (text) => [...text.matchAll(PATTERNS.number)].map((m) => tidyNumber(m[0]));
    default:
      return matches(PATTERNS[what.sort]);
  }
}

let places: RegExp | null = null;

/** Any place that is known by name, as it is written: 'Of course' is not 'Nice', and 'nice' is no town. */
const placePattern = (): RegExp => (places ??= new RegExp(`(?<![\\p{L}\\p{N}])(?:${[...PLACES].sort((a, b) => b.length - a.length).map(escape).join('|')})(?![\\p{L}\\p{N}])`, 'gu'));

const NAME = String.raw`\p{Lu}[\p{Ll}’']+(?:-\p{Lu}[\p{Ll}’']+)*`;
const TITLED = String.raw`(?:(?:Mr|Mrs|Ms|Miss|Mx|Dr|Prof|Rev|Sir|Dame)\.?\s+)`;
const PARTICLES = String.raw`(?:(?:van|von|de|der|den|del|della|di|da|dos|du|la|le|ten|ter)\s+)*`;
const TITLED_PERSON = new RegExp(String.raw`${TITLED}(?:${NAME}\s+|\p{Lu}\.\s*)*${PARTICLES}${NAME}`, 'gu');
const PLAIN_PERSON = new RegExp(String.raw`${NAME}(?:\s+${NAME}|\s+\p{Lu}\.)*\s+${PARTICLES}${NAME}`, 'gu');
/** Capitalised words that begin no person's name. */
const NO_NAME = /^(?:the|this|that|these|those|an?|our|your|my|his|her|its|their|we|i|you|he|she|it|they|please|dear|hello|hi|thanks?|many|best|kind|if|when|where|why|what|who|how|but|and|or|so|as|at|by|for|from|in|of|on|to|with|no|not|yes|after|before|since|until|all|new|old|north|south|east|west|upper|lower|great|little|saint|january|february|march|april|may|june|july|august|september|october|november|december|monday|tuesday|wednesday|thursday|friday|saturday|sunday|street|road|lane|ltd|inc)$/i;

/** Words in a row that look like a person's name: behind a form of address, or two or more with capitals that are no place, month or word that begins a sentence. */
function personsIn(text: string): string[] {
  const titled = [...text.matchAll(TITLED_PERSON)].map((m) => ({ at: m.index, name: m[0] }));
  const rest = text.replace(TITLED_PERSON, (m) => '.'.repeat(m.length));
  const plain = [...rest.matchAll(PLAIN_PERSON)].flatMap((m) => {
    const words = m[0].split(/\s+/);
    while (words.length > 1 && NO_NAME.test(words[0]!)) words.shift();
    const name = words.join(' ');
    return words.length < 2 || words.some((w) => NO_NAME.test(w)) || name.match(placePattern()) || !readPerson(name) ? [] : [{ at: m.index, name }];
  });
  return [...titled, ...plain].sort((a, b) => a.at - b.at).map((f) => f.name);
}

/** A pattern for a text in any letter case. (A flag for it would make patterns of letter classes take seconds to compile.) */
export const caseless = (text: string): string => Array.from(text, (c) => (c.toLowerCase() === c.toUpperCase() || c.toUpperCase().length !== 1 || c.toLowerCase().length !== 1 ? escape(c) : `[${c.toLowerCase()}${c.toUpperCase()}]`)).join('');

/** A text as a pattern that finds just it. */
export const escape = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

/** The pattern of a shape: '#' a digit, '@' a letter; not inside a longer word or number. */
function shapePattern(shape: string): RegExp {
  const body = (shape.match(/#+|@+|[^#@]+/g) ?? []).map((run) => (run.startsWith('#') ? `\\d{${run.length}}` : run.startsWith('@') ? `\\p{L}{${run.length}}` : caseless(run))).join('');
  return new RegExp(`(?<![\\p{L}\\p{N}])${body}(?![\\p{L}\\p{N}])`, 'gu');
}

const matches = (pattern: RegExp) => (text: string): string[] => [...text.matchAll(pattern)].map((m) => m[0].trim());

/** The pieces of a text between marks, trimmed; empty ones are left out. */
export const piecesOf = (text: string, mark: string): string[] => text.split(mark).map((piece) => piece.trim()).filter((piece) => piece !== '');

/** The n-th piece of a text cut at a mark, trimmed; negative n from the end; '' where there are not so many. A space stands for any run of spaces. */
export function slotOf(text: string, mark: string, n: number): string {
  const pieces = mark === ' ' ? text.trim().split(/\s+/) : text.split(mark);
  if (pieces.length < 2 && n !== 1 && n !== -1) return '';
  return (pieces.at(n > 0 ? n - 1 : n) ?? '').trim();
}

/** A person's name with the first name first and no title, where it is written otherwise; any other text as it is. */
function inOrder(text: string): string {
  const person = readPerson(text);
  return person && (person.title !== '' || (text.includes(',') && person.first !== '' && person.last !== '')) ? `${person.first} ${person.middle} ${person.last}` : text;
}

/** 'AF' of 'ada fern': the first letter of every word; '' where there is no letter. */
export const initialsOf = (text: string): string => (inOrder(text).match(/\p{L}[\p{L}\p{N}'’]*/gu) ?? []).map((w) => Array.from(w)[0]!.toUpperCase()).join('');

/** What stands between the first opening mark and the next closing one, trimmed. */
export function insideOf(text: string, open: string, close: string): string {
  const from = text.indexOf(open);
  const to = from < 0 ? -1 : text.indexOf(close, from + open.length);
  return to < 0 ? '' : text.slice(from + open.length, to).trim();
}
