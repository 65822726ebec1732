import { BLANK, VALUE, isDate, isQuantity, type ColumnType } from '../table/column';
import { columnOf, eachChunk, liveMask, rowCount, type Table } from '../table/table';
import { onlyPerhaps, spellingGroups } from '../match/spellings';
import { eachText, numericText } from '../values/cell';
import { DAY, readDate } from '../values/date';
import { finder } from '../values/find';
import { readAmount } from '../values/number';
import { quantile } from '../values/quantile';
import { readPerson } from '../values/person';
import { unitSort } from '../values/units';
import { readYesNo } from '../values/yesno';

/** What a column seems to be about. */
export type Meaning = 'identifier' | 'e-mail' | 'web address' | 'telephone number' | 'date' | 'money' | 'weight' | 'percentage' | 'number' | 'person’s name' | 'place' | 'yes or no' | 'category' | 'free text' | 'short text';

/** Numbers or dates at a glance; dates as ISO text. */
export interface Spread {
  readonly lowest: string;
  readonly lowerQuartile: string;
  readonly median: string;
  readonly upperQuartile: string;
  readonly highest: string;
  /** Null for dates. */
  readonly mean: string | null;
  /** Values more than 1.5 quartile ranges outside. */
  readonly outliers: number;
  /** Equal ranges from the lowest to the highest value, with the values in each. */
  readonly bars: readonly { readonly from: string; readonly count: number }[];
}

/** Everything a look at a column tells. */
export interface ColumnProfile {
  readonly name: string;
  readonly type: ColumnType;
  readonly rows: number;
  readonly blanks: number;
  readonly misfits: number;
  /** Different values; null where there are more than are counted. */
  readonly distinct: number | null;
  readonly common: readonly (readonly [string, number])[];
  /** Forms of the texts, the commonest first: 'Aaaa 00' for 'Mill 12'. */
  readonly shapes: readonly (readonly [string, number])[];
  readonly shapeCount: number;
  readonly shortest: number;
  readonly longest: number;
  readonly spread: Spread | null;
  /** Values written in more than one spelling. */
  readonly lookAlikes: number;
  readonly meaning: Meaning | null;
  /** It is about persons, and ought to be masked before it is passed on. */
  readonly sensitive: boolean;
}

/** Different values that are counted, and shapes. */
const MOST_VALUES = 300_000;
const MOST_SHAPES = 5_000;
const SHOWN = 12;
const BARS = 16;

const LONGEST_SHAPE = 60;

/** The form of a text: capitals as A, small letters as a, figures as 0; runs of more than four letters are cut, spaces are one. */
export function shapeOf(text: string): string {
  let out = '', last = '', run = 0;
  for (const c of text.trim()) {
    const code = c.charCodeAt(0);
    const sort =
      code < 128
        ? code >= 97 && code <= 122 ? 'a' : code >= 65 && code <= 90 ? 'A' : code >= 48 && code <= 57 ? '0' : code <= 32 ? ' ' : c
        : /\p{Lu}/u.test(c) ? 'A' : /\p{L}/u.test(c) ? 'a' : /\p{N}/u.test(c) ? '0' : /\s/.test(c) ? ' ' : c;
    run = sort === last ? run + 1 : 1;
    last = sort;
    if ((sort === ' ' && run > 1) || ((sort === 'a' || sort === 'A') && run > 4)) continue;
    out += sort;
    if (out.length >= LONGEST_SHAPE) break;
  }
  return out;
}

/** The form of a text with the lengths of its runs left out: 'Aa, Aa'. */
export const coarseShape = (text: string): string => shapeOf(text).replace(/(.)\1+/gu, '$1');

/** The entries with the most, without sorting all of them. O(n * wanted) at worst. */
function mostOf<T>(entries: Iterable<readonly [T, number]>, wanted: number): (readonly [T, number])[] {
  const top: (readonly [T, number])[] = [];
  for (const entry of entries) {
    if (top.length === wanted && entry[1] <= top[wanted - 1]![1]) continue;
    let at = top.length;
    while (at > 0 && top[at - 1]![1] < entry[1]) at--;
    top.splice(at, 0, entry);
    if (top.length > wanted) top.pop();
  }
  return top;
}

/**
 * Looks through a column, over the rows that are in the table: counts, the commonest values, the shapes of texts, quartiles
 * of numbers and dates (texts that are mostly amounts count as numbers), and what it seems to be about. O(rows log rows)
 * for numbers, O(distinct texts of each chunk) for texts.
 */
export async function profileColumn(table: Table, name: string): Promise<ColumnProfile> {
  const { type } = columnOf(table, name);
  const live = liveMask(table);
  const rows = rowCount(table);
  let blanks = 0, misfits = 0, shortest = Infinity, longest = 0, left = 0;
  let counts: Map<string | number, number> | null = new Map();
  const shapes = new Map<string, number>();
  const values = type === 'text' ? null : new Float64Array(rows);
  const tally = (value: string | number, n: number): void => {
    if (!counts) return;
    counts.set(value, (counts.get(value) ?? 0) + n);
    if (counts.size > MOST_VALUES) counts = null;
  };
  const text = (t: string, n: number): void => {
    shortest = Math.min(shortest, t.length);
    longest = Math.max(longest, t.length);
    const shape = shapeOf(t);
    if (shapes.size < MOST_SHAPES || shapes.has(shape)) shapes.set(shape, (shapes.get(shape) ?? 0) + n);
    tally(t, n);
  };
  await eachChunk(table, [name], ([chunk], _ord, from, length) => {
    const inside = (i: number): boolean => !live || live[from + i] === 1;
    if (chunk!.kind === 'text') return eachText(chunk!, type, length, live?.subarray(from, from + length), (t, n) => { if (t.trim() === '') blanks += n; else text(t, n); });
    for (let i = 0; i < length; i++) {
      if (!inside(i)) continue;
      const state = chunk!.state[i]!;
      if (state === VALUE) {
        values![left++] = chunk!.values[i]!;
        tally(chunk!.values[i]!, 1);
      } else if (state === BLANK) blanks++;
      else {
        misfits++;
        text(chunk!.misfits.get(i) ?? '', 1);
      }
    }
  });
  const known = counts as Map<string | number, number> | null;
  const filled = rows - blanks;
  const common = known ? mostOf(known, SHOWN).map(([v, n]) => [typeof v === 'number' ? numericText(v, type) : v, n] as const) : [];
  const texts = known && type === 'text' ? [...known].map(([v, count]) => ({ text: String(v), count })) : null;
  const amounts = texts ? amountsOf(texts, filled) : null;
  const numbers = values && (isQuantity(type) || isDate(type)) ? values.subarray(0, left) : amounts;
  const repeated = texts !== null && texts.length <= 5_000 && texts.length <= filled * 0.7;
  const groups = repeated && !amounts ? spellingGroups(texts) : [];
  const meaning = filled === 0 ? null : meaningOf(name, type, filled, known?.size ?? null, texts?.slice(0, 400).map((t) => t.text) ?? [], amounts !== null);
  return {
    name, type, rows, blanks, misfits,
    distinct: known ? known.size : null,
    common,
    shapes: mostOf(shapes, SHOWN),
    shapeCount: shapes.size,
    shortest: Number.isFinite(shortest) ? shortest : 0,
    longest,
    spread: numbers && numbers.length > 0 ? spreadOf(numbers, isDate(type) ? type : 'decimal') : null,
    lookAlikes: groups.reduce((n, g) => n + g.variants.filter((v) => !onlyPerhaps(v.ground)).length, 0),
    meaning,
    sensitive: isSensitive(meaning, name, texts?.slice(0, 400).map((t) => t.text) ?? [], filled),
  };
}

/** Texts as amounts, each as often as it stands there, where nine of ten are; else null. */
function amountsOf(texts: readonly { text: string; count: number }[], filled: number): Float64Array | null {
  const sample = texts.slice(0, 200).map((t) => readAmount(t.text));
  if (sample.filter((a) => a !== null).length < sample.length * 0.8) return null;
  // One number with the same few units is an amount; with another word each time it is a text with a number in it.
  if (new Set(sample.map((a) => a?.unit.toLowerCase())).size > 6) return null;
  const read = texts.map((t) => readAmount(t.text)?.value ?? NaN);
  const good = texts.reduce((n, t, i) => n + (Number.isNaN(read[i]!) ? 0 : t.count), 0);
  if (good < filled * 0.9) return null;
  const out = new Float64Array(good);
  let at = 0;
  texts.forEach((t, i) => { if (!Number.isNaN(read[i]!)) for (let k = 0; k < t.count; k++) out[at++] = read[i]!; });
  return out;
}

function spreadOf(values: Float64Array, type: ColumnType): Spread {
  const sorted = values.slice().sort();
  const n = sorted.length;
  const at = (share: number): number => quantile((i) => sorted[i]!, n, share);
  const [lower, upper] = [at(0.25), at(0.75)];
  const room = 1.5 * (upper - lower);
  const written = (v: number): string => numericText(isDate(type) ? (type === 'date' ? Math.round(v / DAY) * DAY : v) : Number(v.toPrecision(10)), type);
  const [low, high] = [sorted[0]!, sorted[n - 1]!];
  const bars = low === high ? 1 : BARS;
  const counts = new Array<number>(bars).fill(0);
  let sum = 0, outliers = 0;
  for (const v of sorted) {
    sum += v;
    if (v < lower - room || v > upper + room) outliers++;
    counts[low === high ? 0 : Math.min(bars - 1, Math.floor(((v - low) / (high - low)) * bars))]!++;
  }
  return {
    lowest: written(low), lowerQuartile: written(lower), median: written(at(0.5)), upperQuartile: written(upper), highest: written(high),
    mean: isDate(type) ? null : numericText(Number((sum / n).toPrecision(6)), type),
    outliers: room > 0 ? outliers : 0,
    bars: counts.map((count, i) => ({ from: written(low + ((high - low) * i) / bars), count })),
  };
}

/** Are half of the texts mail addresses, or telephone numbers under a heading for them? */
function holdsContacts(name: string, texts: readonly string[]): boolean {
  const [mail, phone] = [finder({ kind: 'sort', sort: 'email' }), finder({ kind: 'sort', sort: 'phone' })];
  const is = (t: string): boolean => mail(t).length > 0 || (/contact|phone|tel|mobile|reach/i.test(name) && phone(t)[0]?.length === t.trim().length);
  return texts.length > 0 && texts.filter(is).length >= texts.length / 2;
}

/** Is a column about persons, by what it seems to be or by its name? */
const isSensitive = (meaning: Meaning | null, name: string, texts: readonly string[], filled: number): boolean => meaning === 'e-mail' || meaning === 'telephone number' || meaning === 'person’s name' || holdsContacts(name, texts) || (filled > 0 && /\b(?:birth|born|dob|address|iban|passport|social security|salary)\b/i.test(name));

/** The same of a column of which only some texts are known, as when a file comes in. O(texts). */
export function looksSensitive(name: string, type: ColumnType, texts: readonly string[]): boolean {
  const filled = texts.filter((t) => t.trim() !== '');
  return filled.length > 0 && isSensitive(meaningOf(name, type, filled.length, new Set(filled).size, filled.slice(0, 400), false), name, filled.slice(0, 400), filled.length);
}

const PLACES = /\b(?:site|place|town|city|village|country|county|region|location|street|area|district|state|province)\b/i;
const PERSONS = /\b(?:name|member|person|keeper|beekeeper|grower|owner|contact|customer|client|employee|staff|author|guest|patient|pupil|student|tenant|driver|teacher|borrower)s?\b/i;

function meaningOf(name: string, type: ColumnType, filled: number, distinct: number | null, texts: readonly string[], amounts: boolean): Meaning {
  const unique = distinct === null || distinct >= filled * 0.98;
  if (isDate(type)) return 'date';
  if (type === 'yesno') return 'yes or no';
  if (isQuantity(type)) return type === 'whole' && unique && filled > 10 && /\b(?:id|no|nr|number|code|ref|key)\b/i.test(name) ? 'identifier' : /price|paid|amount|cost|fee|due|value|revenue|salary/i.test(name) ? 'money' : /\b(?:kg|weight|grams?|lb)\b/i.test(name) ? 'weight' : /%|percent|share|rate/i.test(name) ? 'percentage' : 'number';
  const share = (test: (t: string) => boolean): number => (texts.length ? texts.filter(test).length / texts.length : 0);
  for (const [sort, meaning] of [['email', 'e-mail'], ['web', 'web address']] as const) {
    const find = finder({ kind: 'sort', sort });
    if (share((t) => find(t).some((found) => found.length >= t.trim().length - 2)) >= 0.8) return meaning;
  }
  if (share((t) => readDate(t) !== null) >= 0.9) return 'date';
  const phone = finder({ kind: 'sort', sort: 'phone' });
  if (share((t) => phone(t).some((found) => found.length >= t.trim().length - 2) && (t.match(/\d/g) ?? []).length >= 7) >= 0.8 && (/phone|tel|mobile|fax/i.test(name) || share((t) => /^[+(0]/.test(t.trim())) >= 0.8)) return 'telephone number';
  if (amounts) return share((t) => /%/.test(t)) >= 0.5 ? 'percentage' : share((t) => /[€$£]|\b(?:eur|usd|gbp|chf)\b/i.test(t)) >= 0.5 ? 'money' : share((t) => unitSort(readAmount(t)?.unit ?? '') === 'weight') >= 0.5 ? 'weight' : 'number';
  if (distinct !== null && distinct <= 8 && share((t) => readYesNo(t) !== null) === 1) return 'yes or no';
  const words = texts.reduce((n, t) => n + t.trim().split(/\s+/).length, 0) / Math.max(1, texts.length);
  if (unique && filled > 3 && words < 2 && share((t) => /\d/.test(t)) >= 0.8) return 'identifier';
  if (words >= 5) return 'free text';
  if (PERSONS.test(name) && share((t) => readPerson(t) !== null && /\s/.test(t.trim())) >= 0.7) return 'person’s name';
  if (PLACES.test(name) && share((t) => /^[^\d]*$/.test(t)) >= 0.5) return 'place';
  return distinct !== null && distinct <= 50 && distinct <= filled * 0.2 ? 'category' : 'short text';
}
