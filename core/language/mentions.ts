import { isQuantity } from '../table/column';
import type { CheckedHead } from '../formula/check';
import { readsAsDate } from '../formula/check';
import { isMeasureOf, unitInName } from '../formula/dimensions';
import { folded } from '../values/fold';
import { CLASSES, FILLERS, LIGHT } from './lexicon/classes';
import { COLUMN_NOUNS, SYNONYMS } from './lexicon/synonyms';
import { forgiven, typingDistance } from '../match/typing';
import { WEIGHTS } from './weights';
import { unitName, unitSort } from '../values/units';
import { isDoer, stem, type Token } from './words';

/** Why a word was taken for (part of) a column's name. */
export type MentionReason = 'marked' | 'exact' | 'part of the name' | 'another form' | 'typing mistake' | 'short form' | 'similar word' | 'value';

/** A span of words that may be a column. Lower cost is likelier; 0 is certain. */
export interface ColumnMention {
  readonly from: number;
  readonly to: number;
  readonly column: string;
  readonly cost: number;
  readonly reason: MentionReason;
}

/** A span of words that is a value standing in some column. */
export interface ValueMention {
  readonly from: number;
  readonly to: number;
  readonly column: string;
  readonly text: string;
  /** Other values of the column hold it as one word of several: it is no category, but a piece of free text. */
  readonly loose: boolean;
  readonly cost: number;
}

interface NameWord {
  readonly word: string;
  readonly stem: string;
}

/** What is known of a table for finding mentions in requests; made once for each version of it. */
export interface Vocabulary {
  readonly head: CheckedHead;
  readonly names: readonly (readonly NameWord[])[];
  /** Folded value -> the columns it stands in, with its own spelling. */
  readonly values: ReadonlyMap<string, readonly { column: string; text: string; loose: boolean }[]>;
  /** Words that stand inside texts of several words, with the columns they stand in. */
  readonly inside: ReadonlyMap<string, ReadonlySet<string>>;
  readonly longestValue: number;
  readonly rowNouns: ReadonlySet<string>;
  /** Nouns of this very table, without the general ones. */
  readonly ownNouns: ReadonlySet<string>;
  readonly tableWords: ReadonlySet<string>;
  /** Stems of the table's own name: 'each load' in a table of loads is a row, and not when it was ‹Loaded›. */
  readonly tableStems: ReadonlySet<string>;
}

const nouns = new Set(COLUMN_NOUNS.map(stem));
const groups = new Map<string, Set<number>>();
SYNONYMS.forEach((line, g) => {
  for (const w of line.split(' ')) {
    const key = stem(w);
    (groups.get(key) ?? groups.set(key, new Set()).get(key)!).add(g);
  }
});
/** What a short name stands for: 'invoice' of ‹Inv›. */
const spelledOf = (short: string): string[] => [...(groups.get(short) ?? [])].flatMap((g) => SYNONYMS[g]!.split(' ')).filter((w) => w.length > short.length && w.startsWith(short.slice(0, 2))).map(stem);
export const synonymous = (a: string, b: string): boolean => {
  const [x, y] = [groups.get(a), groups.get(b)];
  return !!x && !!y && [...x].some((g) => y.has(g));
};

/** What something is counted by, that is no unit: 'Rate/night'. */
const PER = /^(?:nights?|nt|days?|weeks?|months?|years?|hours?|persons?|person|pers|pax|heads?|guests?|people|pieces?|pcs?|units?|items?|rooms?|seats?|trips?|visits?|lessons?|plots?|boxe?s?)$/i;
/** Words of a column's name: cut at spaces, marks, and where small letters change to capitals. */
export const nameWords = (name: string): NameWord[] =>
  name
    .replace(/(\p{Ll}{2})(\p{Lu})/gu, '$1 $2')
    // 'Price/kg' is a price per kilo, 'Title / author' two things.
    .replace(/^(.+\S)\/(\p{L}+)$/u, (whole, of: string, unit: string) => (unitName(unit.toLowerCase()) || PER.test(unit) ? `${of} per ${unit}` : whole))
    .split(/[\s_\-./()]+/)
    .filter((w) => w !== '')
    .map((w) => ({ word: w.toLowerCase(), stem: stem(w) }));

const FULL: Readonly<Record<string, string>> = { pp: 'per person', pa: 'per year', ph: 'per hour', pm: 'per month', pw: 'per week', pd: 'per day' };
const full = new WeakMap<readonly NameWord[], readonly NameWord[] | null>();
/** 'Price pp' is a price per person: a name with its short ending spelled out, or null. */
function spelledOut(name: readonly NameWord[]): readonly NameWord[] | null {
  let known = full.get(name);
  if (known === undefined) {
    const last = FULL[name.at(-1)?.word ?? ''];
    full.set(name, (known = last !== undefined && name.length > 1 ? [...name.slice(0, -1), ...nameWords(last)] : null));
  }
  return known;
}

const ROW_NOUNS = 'row record line entry one item everything anything those thing all case that which who whoever someone everybody everyone person'.split(' ').map(stem);
const NOT_NOUNS = new Set(['no', 'id', 'number', 'nr', 'code', 'ref', 'date', 'name', 'key'].map(stem));

/** Words of any text: no cell is looked for by them. */
const OF_ANY_TEXT = new Set('each every all any some only same other others than with without from until before after over under and the not for when where while more most less least per'.split(' '));

/** Most values over all columns that are indexed. */
const MOST_INDEXED = 20_000;

const known = new WeakMap<CheckedHead, Vocabulary>();

const valueStems = new WeakMap<Vocabulary['values'], ReadonlySet<string>>();
/** Is a word a form of a value of the table, as 'cancels' is of cancelled? Then it says which rows. */
export function isValueForm(word: string, { values }: Vocabulary): boolean {
  let stems = valueStems.get(values);
  if (!stems) valueStems.set(values, (stems = new Set([...values.keys()].map(stem))));
  return stems.has(stem(word));
}

/** Is a column called what the rows are: ‹Booking› in a table of bookings? Then 'the bookings' are the rows. */
export const namesRows = (name: string, { ownNouns }: Vocabulary): boolean => ownNouns.has(stem(name));

/** Makes a table ready for finding mentions: its names in words, its values, and the nouns that mean a row of it. Made once for each head. */
export function vocabularyOf(head: CheckedHead): Vocabulary {
  let vocabulary = known.get(head);
  if (!vocabulary) known.set(head, (vocabulary = collect(head)));
  return vocabulary;
}

function collect(head: CheckedHead): Vocabulary {
  const values = new Map<string, { column: string; text: string; loose: boolean }[]>();
  let longestValue = 1;
  const inside = new Map<string, Set<string>>();
  let left = MOST_INDEXED;
  for (const column of head.columns) {
    if (column.type !== 'text' && column.type !== 'yesno') continue;
    const all = head.glances?.get(column.name)?.values ?? [];
    const cut = all.map(([text]) => { const key = folded(text); return { text, key, words: key.split(/[^\p{L}\p{N}]+/u) }; });
    const pieces = new Set(cut.flatMap(({ words }) => (words.length > 2 ? words : [])));
    for (const { text, key, words } of cut) {
      if (left-- <= 0) break;
      if (text.length > 60 || !/\p{L}/u.test(text)) continue;
      if (column.type === 'text' && words.length > 1) for (const w of words) for (const form of new Set([w, stem(w)])) if (w.length > 2 && !OF_ANY_TEXT.has(w)) (inside.get(form) ?? inside.set(form, new Set()).get(form)!).add(column.name);
      // 'Benno Foods' of 'Benno Foods GmbH'
      const short = /^(.+\p{L}.*?)[\s,]+(?:ltd|limited|llc|inc|plc|gmbh|ag|bv|b\.v|nv|n\.v|sa|s\.a|oy|ab|kft|sro|pty)\.?$/u.exec(key)?.[1];
      if (short && short.includes(' ')) (values.get(short) ?? values.set(short, []).get(short)!).push({ column: column.name, text, loose: false });
      const list = values.get(key) ?? [];
      if (list.length === 0) values.set(key, list);
      // What stands there so comes before what stands there with a legal form.
      const other = list.findIndex((v) => v.column === column.name);
      if (other < 0) list.push({ column: column.name, text, loose: pieces.has(key) });
      else if (folded(list[other]!.text) !== key) list[other] = { column: column.name, text, loose: pieces.has(key) };
      // 'Ada Fern' for 'Fern, Ada'.
      const turned = /^([^,]+), ([^,]+)$/.exec(key);
      const straight = turned && (values.get(`${turned[2]} ${turned[1]}`) ?? values.set(`${turned[2]} ${turned[1]}`, []).get(`${turned[2]} ${turned[1]}`)!);
      if (straight && !straight.some((v) => v.column === column.name)) straight.push({ column: column.name, text, loose: false });
      longestValue = Math.max(longestValue, key.split(/[\s/-]+/).length);
    }
  }
  for (const [key, list] of spelledCodes(head)) if (!values.has(key)) values.set(key, list);
  const names = head.columns.map((c) => nameWords(c.name));
  const ownNouns = new Set([...nameWords(head.name), ...(names[0] ?? [])].flatMap((w) => [w.stem, ...(w.word.length <= 4 ? spelledOf(w.stem) : [])]).filter((w) => !NOT_NOUNS.has(w)));
  // Behind a mere number, what each row is about: 'children' of ‹No›, ‹Child›.
  const [first, second] = head.columns, told = second && head.glances?.get(second.name);
  if (first && names[0]!.every((w) => NOT_NOUNS.has(w.stem)) && second?.type === 'text' && told?.values && told.values.length >= told.rows * 0.8) for (const w of names[1]!) if (!NOT_NOUNS.has(w.stem)) ownNouns.add(w.stem);
  // ‹Shift date› of a table with no other date: the rows are shifts.
  const dates = head.columns.filter((c) => readsAsDate(head, c.name)), dated = dates.length === 1 ? /^(\p{L}{4,}) (?:date|day)$/iu.exec(dates[0]!.name)?.[1] : undefined;
  if (dated !== undefined && !/ed$|^(?:start|birth|due|entry|record|upload|expiry|return|payment|invoice|posting|value|update)/i.test(dated)) ownNouns.add(stem(dated.toLowerCase()));
  const rowNouns = new Set([...ROW_NOUNS, ...ownNouns]);
  return { head, names, values, inside, longestValue: Math.min(6, longestValue), rowNouns, ownNouns, tableWords: new Set(nameWords(head.name).map((w) => w.word)), tableStems: new Set(nameWords(head.name).map((w) => w.stem)) };
}

const SHORT_DAYS = ['sunday', 'monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday'];
const SHORT_MONTHS = ['january', 'february', 'march', 'april', 'may', 'june', 'july', 'august', 'september', 'october', 'november', 'december'];
/** What the codes of languages and countries (ISO 639-1, ISO 3166-1) and the short names of days and months stand for. */
const CODES: readonly ((code: string) => string | undefined)[] = [
  ...(['language', 'region'] as const).map((type) => {
    const names = new Intl.DisplayNames(['en'], { type, fallback: 'none' });
    return (code: string): string | undefined => (/^[A-Za-z]{2}$/.test(code) ? names.of(type === 'language' ? code.toLowerCase() : code.toUpperCase()) : undefined);
  }),
  (code) => (/^[A-Za-z]{3}\.?$/.test(code) ? SHORT_DAYS.find((d) => d.startsWith(code.slice(0, 3).toLowerCase())) : undefined),
  (code) => (/^[A-Za-z]{3,4}\.?$/.test(code) ? SHORT_MONTHS.find((m) => m.startsWith(code.slice(0, 3).toLowerCase())) : undefined),
];

/** The full names of values in columns that hold nothing but such codes: 'English' for EN. */
function spelledCodes(head: CheckedHead): [string, { column: string; text: string; loose: boolean }[]][] {
  const out: [string, { column: string; text: string; loose: boolean }[]][] = [];
  for (const column of head.columns) {
    const all = (head.glances?.get(column.name)?.values ?? []).map(([t]) => t.trim()).filter((t) => t !== '');
    if (column.type !== 'text' || all.length < 2 || all.length > 60 || all.some((t) => t.length > 4)) continue;
    for (const named of CODES) {
      const names = all.map(named);
      if (names.every((n) => n !== undefined)) names.forEach((n, i) => out.push([folded(n!), [{ column: column.name, text: all[i]!, loose: false }]]));
    }
  }
  return out;
}

/** Words of every sentence: 'is' is no short form of 'items'. */
export const SMALL_WORDS = new Set([...FILLERS, ...LIGHT]);

type WordCost = readonly [number, MentionReason];
const wordCosts = new Map<string, Map<string, WordCost>>();

/** The price of a word for a word of a name; in wide tables the same words come again and again. */
function wordCost(token: Token, name: NameWord): WordCost {
  let own = wordCosts.get(token.lower);
  if (!own) {
    if (wordCosts.size > 5_000) wordCosts.clear();
    wordCosts.set(token.lower, (own = new Map()));
  }
  let known = own.get(name.word);
  if (!known) {
    if (own.size > 5_000) own.clear();
    own.set(name.word, (known = findWordCost(token, name)));
  }
  return known;
}

/** What is left of a word without the ending that makes it a noun of doing or a form of a verb: 'install' of 'installation'. */
const rootOf = (word: string): string => /ssions?$/.test(word) ? word.replace(/ssions?$/, 't') : /(?:[eia]n|i)sions?$/.test(word) ? word.replace(/sions?$/, 'd') : undoubled(word.replace(/(?:ations?|ments?|ings?|ions?|eries|ery|ed|als?|ances?|ences?|ures?|es|s|e|y)$/, ''));
const undoubled = (word: string): string => word.replace(/([bdgmnprt])\1$/, '$1');

/** Words that names write short. */
const SHORT: ReadonlyMap<string, RegExp> = new Map([['no', /^numbers?$/], ['nr', /^numbers?$/], ['num', /^numbers?$/], ['nbr', /^numbers?$/], ['pcs', /^pieces?$/], ['qty', /^quantit(?:y|ies)$/], ['amt', /^amounts?$/]]);

/** Price of one word of a request for one word of a name; Infinity when they have nothing to do with each other. */
function findWordCost(token: Token, name: NameWord): readonly [number, MentionReason] {
  if (token.lower === name.word) return [0, 'exact'];
  // 'The find date', of ‹Found on›
  if ((token.lower === 'find' || token.lower === 'finding') && name.word === 'found') return [WEIGHTS.form, 'another form'];
  // Days that are counted are no date.
  if (token.lower === 'days' && name.word !== 'days' && name.word !== 'day') return [Infinity, 'exact'];
  // 'Not' is no note, and 'no' by itself is no number.
  if (/^(?:not|no|never|none)$/.test(token.lower)) return [Infinity, 'exact'];
  // A rating is no rate, nor is what is rated.
  if (/^(?:rated|ratings?)$/.test(token.lower) && /^rates?$/.test(name.word)) return [Infinity, 'exact'];
  if (token.stem === name.stem && /ings?$/.test(name.word) && !/ings?$/.test(token.lower)) return [WEIGHTS.beginning, 'another form'];
  if (token.stem === name.stem) return [token.lower === `${name.word}s` || `${token.lower}s` === name.word ? WEIGHTS.form / 2 : Math.abs(token.lower.length - name.word.length) > 2 ? WEIGHTS.form * 3 : WEIGHTS.form, 'another form'];
  const [a, b] = [token.lower, name.word];
  // 'Undelivered' is no mistyped ‹Delivered›, but what that denies.
  if (/^(?:un|non|dis|mis)/.test(a) && !/^(?:un|non|dis|mis)/.test(b) && a.replace(/^(?:un|non|dis|mis)-?/, '') === b) return [Infinity, 'exact'];
  if (a.length >= 4 && b.length >= 4) {
    const [x, y] = [token.stem, name.stem];
    if (x.length >= 5 && y.length >= 5 && (x.startsWith(y) || y.startsWith(x)) && Math.abs(x.length - y.length) <= 3) return [WEIGHTS.beginning, 'another form'];
  }
  if (a.length >= 6 && b.length >= 4 && (rootOf(a) === rootOf(b) || rootOf(a) === name.stem)) return [WEIGHTS.beginning, 'another form'];
  if (SHORT.get(b)?.test(a)) return [WEIGHTS.form, 'another form'];
  // A unit is the same under all its names.
  const unit = unitName(token.lower);
  if (unit !== null && unit.length > 1 && unit === unitName(name.word)) return [WEIGHTS.form, 'another form'];
  if (!/^ratings?$/.test(name.word) && synonymous(token.stem, name.stem)) return [WEIGHTS.similar, 'similar word'];
  // 'Round' is no mistyped ‹Sound›.
  const most = SAID_SO.has(a) ? 0 : Math.min(forgiven(a.length), forgiven(b.length) || (b.length >= 4 && a.length >= 5 ? 1 : 0));
  if (most > 0) {
    const d = Math.min(typingDistance(a, b, most), (token.stem.length >= 5 && name.stem.length >= 5) || token.stem.startsWith(name.stem) || name.stem.startsWith(token.stem) ? typingDistance(token.stem, name.stem, 1) + 0.1 : Infinity);
    if (d <= most + 0.1) return [WEIGHTS.nameMistyped + WEIGHTS.nameMistake * d, 'typing mistake'];
  }
  if (!SMALL_WORDS.has(a) && a.length >= 2 && b.length > a.length + 1 && a[0] === b[0] && isShortForm(a, b)) return [WEIGHTS.shortForm, 'short form'];
  // ‹Contam %› of the contamination.
  if (b.length >= 5 && a.startsWith(b) && a.length > b.length + 2) return [WEIGHTS.beginning, 'short form'];
  return [Infinity, 'exact'];
}

/** Does a column hold dates, or texts that are dates for the most part? */
const isDated = (head: CheckedHead, column: string): boolean => readsAsDate(head, column) || (head.glances?.get(column)?.dateShare ?? 0) > 0.5;

/** Words that ask for something, as they stand. */
const SAID_SO = new Set(Object.values(CLASSES).flatMap((phrases) => phrases.split(/[|\s]/)).filter((w) => /^[a-z]{4,}$/.test(w)));

/** Whole words that have no vowel but y: 'dry' is no 'delivery'. */
const WITHOUT_VOWEL = /^(?:dry|try|cry|fry|shy|sky|sly|spy|fly|ply|why|my|by|gym|hymn|myth|lynx)$/;

/** 'qty' for 'quantity': the letters in order, with no vowels but the first letter's. */
const isShortForm = (short: string, long: string): boolean => {
  if (WITHOUT_VOWEL.test(short)) return false;
  if (/[aeiou]/.test(short.slice(1)) && !long.startsWith(short)) return false;
  if (long.startsWith(short)) return short.length >= 3;
  let at = 0;
  for (const c of short) {
    at = long.indexOf(c, at);
    if (at < 0) return false;
    at++;
  }
  return true;
};

const TITLE = stem('title');
const nounMemo = new Map<string, boolean>();
/** Is the word one that only says what sort of thing a column is, typing mistakes forgiven? */
function isNoun(token: Token): boolean {
  let known = nounMemo.get(token.lower);
  if (known === undefined) {
    known = nouns.has(token.stem) || (token.lower.length >= 6 && COLUMN_NOUNS.some((n) => n.length >= 6 && typingDistance(token.lower, n, 2) <= 2));
    if (nounMemo.size > 10_000) nounMemo.clear();
    nounMemo.set(token.lower, known);
  }
  return known;
}

/** What a name with them speaks of: a ticket price is no tickets. */
const HEADS = new Set(['price', 'rate', 'fee', 'cost', 'value', 'share', 'size', 'type'].map(stem));

/** Words that join the others of a name: by themselves they name no column. */
const JOINTS = new Set(['per', 'of', 'in', 'at', 'on', 'the', 'for', 'by', 'to', 'from', 'is', 'a', 'and', 'or', 'with']);
const LINK = new Set(['in', 'for', 'of', 'the', 'a', 'an', 'was', 'is', 'it', 'when', 'at']);

/** Every span of a request that may be a column, the likeliest reading of each span and column. O(tokens * columns). */
export function columnMentions(tokens: readonly Token[], vocabulary: Vocabulary): ColumnMention[] {
  const out: ColumnMention[] = [];
  const { head, names } = vocabulary;
  for (let from = 0; from < tokens.length; from++) {
    const first = tokens[from]!;
    if (first.kind === 'column' || first.kind === 'quoted') {
      const column = head.columns.find((c) => c.name === first.lower) ?? head.columns.find((c) => folded(c.name) === folded(first.lower));
      if (column) out.push({ from, to: from + 1, column: column.name, cost: first.kind === 'column' ? 0 : 0.05, reason: 'marked' });
      continue;
    }
    if (first.kind === 'mark') continue;
    names.forEach((name, c) => {
      matchName(tokens, from, name, head.columns[c]!.name, vocabulary, out);
      const full = spelledOut(name);
      if (full) matchName(tokens, from, full, head.columns[c]!.name, vocabulary, out);
    });
  }
  // Where a column is called exactly so, one that is only called alike is hardly meant: 'rate' is not the rating.
  const exact = new Map(out.filter((m) => m.cost < 0.04).map((m) => [`${m.from}-${m.to}`, m.column]));
  // 'Calls without a bill': where another table holds bills, what was billed is hardly meant.
  const tables = new Set([...(head.others?.keys() ?? [])].map((name) => stem(name.toLowerCase())));
  const ofTable = (m: ColumnMention): boolean => m.to === m.from + 1 && tables.has(tokens[m.from]!.stem) && (m.reason === 'similar word' || (m.reason === 'another form' && /ed$/i.test(m.column) && !/ed$/.test(tokens[m.from]!.lower)));
  return likeliest(out).map((m) => {
    const cost = m.cost + (ofTable(m) ? 0.3 : 0), called = exact.get(`${m.from}-${m.to}`);
    const alike = m.reason === 'another form' && cost >= 0.04 && called !== undefined && called !== m.column;
    return { ...m, cost: cost + (alike ? 0.25 : 0) };
  });
}

/** Most columns that one span of words is taken for. */
const MOST_ALIKE = 12;

/** The likeliest columns of each span: of hundreds that fit as badly, none is meant. */
function likeliest(all: readonly ColumnMention[]): readonly ColumnMention[] {
  const spans = new Map<string, ColumnMention[]>();
  for (const m of all) (spans.get(`${m.from}-${m.to}`) ?? spans.set(`${m.from}-${m.to}`, []).get(`${m.from}-${m.to}`)!).push(m);
  if ([...spans.values()].every((l) => l.length <= MOST_ALIKE)) return all;
  const kept = new Set([...spans.values()].flatMap((l) => (l.length <= MOST_ALIKE ? l : [...l].sort((a, b) => a.cost - b.cost).slice(0, MOST_ALIKE))));
  return all.filter((m) => kept.has(m));
}

/** Is a word of a name part of the unit that it ends in: 'mg per l'? */
function isUnitTail(name: readonly NameWord[], word: NameWord): boolean {
  const at = name.indexOf(word);
  return at > 0 && name.slice(at).every((w) => w.word === 'per' || unitName(w.word) !== null) && name.slice(0, at).some((w) => w.word !== 'per' && unitName(w.word) === null);
}

/** Does a word of a name only tell more of what is said before a joint: ‹Rate to EUR› is a rate? */
function isTold(name: readonly NameWord[], word: NameWord, used: ReadonlySet<number>): boolean {
  const joint = name.findIndex((w, i) => i > 0 && i < name.length - 1 && /^(?:to|in|of|per|for)$/.test(w.word));
  return joint > 0 && name.indexOf(word) >= joint && name.slice(0, joint).every((_, i) => used.has(i));
}

/** Does a word name the unit that a column's name ends in? */
function inUnitOf(token: Token, column: string): boolean {
  const own = unitInName(column), said = token.kind === 'word' && token.lower.length > 1 ? unitName(token.lower) : null;
  // The metres of ‹Cubic m›
  return own !== null && said !== null && (said === unitName(own) || (said === 'm' && /^m[23]$/.test(own) && /\bm$/i.test(column)));
}

/** Is a word the unit of the number before it, and another one than a column's name ends in? '500 g' are no ‹Weight kg›. */
function inAnotherUnit(tokens: readonly Token[], from: number, column: string): boolean {
  const own = unitInName(column), said = tokens[from - 1]?.kind === 'number' ? unitName(tokens[from]!.lower) : null;
  return own !== null && said !== null && said !== unitName(own) && unitSort(said) === unitSort(own);
}

/** What somebody who stays calls the ends of it, where they are only called ‹From› and ‹To›. */
const STAYS: ReadonlyMap<string, RegExp> = new Map([['from', /^arriv(?:al|als|e|es|ed|ing)$|^check-?in$/], ['to', /^depart(?:ure|ures|s|ed|ing)?$|^leav(?:e|es|ing)$|^check-?out$/]]);

/** Does a column say how many? Per tyre, where ‹Tyres› does, is no row, whatever the table is called. */
const isCount = (name: string, head: CheckedHead): boolean => { const c = head.columns.find((h) => h.name === name); return c !== undefined && isQuantity(c.type); };

function matchName(tokens: readonly Token[], from: number, name: readonly NameWord[], column: string, { head, names, tableWords, tableStems, values }: Vocabulary, out: ColumnMention[]): void {
  if (inAnotherUnit(tokens, from, column)) return;
  const used = new Set<number>();
  let cost = 0;
  let reason: MentionReason = 'exact';
  let extra = 0;
  // Run-together spelling, or with a hyphen: 'partno' for ‹Part no›, 'e-mail' for ‹E-mail› and ‹Email›, 'drop-off' for ‹Dropped off›.
  const said = tokens[from]!.lower, together = name.map((w) => w.word).join('');
  const stems = name.map((w) => w.stem).join(''), bare = said.replace(/-/g, '');
  if ((name.length > 1 || said.includes('-')) && ([together, `${together}s`].includes(bare) || (stems.length > 4 && [stems, `${stems}s`].includes(bare)))) {
    out.push({ from, to: from + 1, column, cost: 0.02, reason: 'exact' });
    if (tokens[from + 1] && isNoun(tokens[from + 1]!)) out.push({ from, to: from + 2, column, cost: 0.06, reason: 'exact' });
  }
  // 'Per packer', of ‹Packed by›
  if (name.length === 2 && name[1]!.word === 'by' && /(?:er|or)s?$/.test(tokens[from]!.lower) && isDoer(name[0]!.stem, tokens[from]!.lower.replace(/s$/, ''))) out.push({ from, to: from + 1, column, cost: 0.1, reason: 'another form' });
  for (let to = from + 1; to <= Math.min(tokens.length, from + 7); to++) {
    const token = tokens[to - 1]!;
    const bracket = token.kind === 'mark' && (token.lower === '(' || token.lower === ')') && used.size > 0 && column.includes('(');
    if (token.kind === 'mark' && token.lower !== '-' && token.lower !== '/' && !bracket) return;
    if (token.kind === 'mark') continue;
    if (token.kind === 'quoted' || token.kind === 'column') return;
    // The table's own name is the table, not a column that sounds like it.
    if ((tableWords.has(token.lower) || (tableWords.has(`${token.lower}s`) && to === from + 1 && /ings?$/.test(token.lower) && !(tokens[to] && isNoun(tokens[to]!)))) && !name.some((w) => w.word === token.lower)) return;
    let best = -1, bestCost = Infinity, bestReason: MentionReason = 'exact';
    name.forEach((w, i) => {
      if (used.has(i)) return;
      const [price, why] = name.length === 1 && STAYS.get(w.word)?.test(token.lower) ? ([WEIGHTS.beginning, 'similar word'] as const) : wordCost(token, w);
      // What stands in the cells is no mistyped name, nor a far form of one: drivers are not the km driven.
      if ((why === 'typing mistake' || (why === 'another form' && price >= WEIGHTS.beginning)) && (values.has(token.lower) || values.has(token.stem))) return;
      // By itself a number is many things.
      const own = name.length === 1 && w.word === 'no' && price === WEIGHTS.form ? WEIGHTS.similar : price;
      if (own < bestCost) [best, bestCost, bestReason] = [i, own, why];
    });
    // 'pick-up' stands for two words of a name.
    const parts = best < 0 && token.lower.includes('-') ? token.lower.split('-').filter(Boolean) : [];
    const places = parts.map((part) => name.findIndex((w, i) => !used.has(i) && w.word === part));
    if (parts.length > 1 && places.every((i) => i >= 0) && new Set(places).size === parts.length) places.forEach((i) => used.add(i));
    else if (best >= 0) {
      used.add(best);
      cost += bestCost + (used.size > 1 && best !== used.size - 1 ? 0.05 : 0);
      if (bestCost > 0) reason = bestReason;
    } else if (to > from + 1 && (LINK.has(token.lower) || (token.lower === 'per' && name.some((w, i) => !used.has(i) && w.word === tokens[to]?.lower)))) {
      extra += WEIGHTS.link;
      continue;
    } else if (used.size > 0 && inUnitOf(token, column)) {
      // 'Labour hours' is ‹Labour h›: its unit is no other thing.
      extra += WEIGHTS.link;
      name.forEach((w, i) => { if (!used.has(i) && unitName(w.word) !== null) used.add(i); });
    } else if (used.size > 0 && tokens[to - 2]!.lower !== '/' && (isNoun(token) || (token.lower === 'day' && name.filter((w) => !JOINTS.has(w.word)).length === 1 && extra === 0 && isDated(head, column))) && !multiplies(tokens, to - 1, names)) {
      // 'Hire cost / price' divides. 'Complaint text' where there is a column Text is about that one; 'box title' where another table has titles, too.
      const other = names.some((n, i) => n.length === 1 && n[0]!.stem === token.stem && head.columns[i]!.name !== column) || (token.stem === TITLE && [...(head.others?.values() ?? [])].some((o) => o.columns.some((c) => stem(c.name.toLowerCase()) === TITLE)));
      extra += other || (token.stem === stem('date') && !isDated(head, column)) || (token.stem === stem('number') && isDated(head, column)) ? 0.4 : 0.04;
    } else return;
    if (used.size === 0) return;
    const missing = name.filter((_, i) => !used.has(i));
    // What is left out of a name costs more when it is what tells the column from others.
    const price = cost + extra + missing.reduce((sum, w) => sum + (HEADS.has(w.stem) ? WEIGHTS.missingHead : isUnitTail(name, w) ? WEIGHTS.missingUnit : name.some((u, i) => used.has(i) && isMeasureOf(w.word, u.word)) ? WEIGHTS.link : isTold(name, w, used) ? (JOINTS.has(w.word) ? WEIGHTS.link : WEIGHTS.missingNoun) : nouns.has(w.stem) || /^(?:on|at|of|the|in|no|id|kwh|kg|eur)$/.test(w.word) ? WEIGHTS.missingNoun : WEIGHTS.missing), 0);
    if (missing.length && name.every((w, i) => !used.has(i) || JOINTS.has(w.word))) continue;
    // 'no' by itself is no number, nor is 'no entry'.
    if (missing.length && used.size === 1 && tokens[from]!.lower === 'no') continue;
    // 'kg' is what 'Rate per kg' is counted by, not what it is.
    const per = name.findIndex((w) => w.word === 'per');
    if (per > 0 && [...used].every((i) => i >= per)) continue;
    // A row of the table is called so, unless a noun behind it says that its date or number is meant.
    const isRow = to === from + 1 && /^(?:each|every|per)$/.test(tokens[from - 1]?.lower ?? '') && tableStems.has(token.stem) && !(name.length === 1 && isCount(column, head)) && !name.some((w) => w.word === token.lower) && !(tokens[to] !== undefined && isNoun(tokens[to]!));
    if (price > 1.3 || isRow) continue;
    const mention = { from, to, column, cost: price, reason: missing.length && reason === 'exact' ? 'part of the name' as const : reason };
    out.push(mention);
    // 'Stopped (min)': the bracket that closes is the name's.
    if (missing.length === 0 && column.endsWith(')') && tokens[to]?.lower === ')') out.push({ ...mention, to: to + 1 });
    // 'VAT %' is all of ‹VAT %›.
    if (tokens[to]?.lower === '%' && /\s%$/.test(column)) out.push({ ...mention, to: to + 1 });
  }
}

/** 'Pallets times 12': no times of pallets, but so many of them. */
function multiplies(tokens: readonly Token[], at: number, names: readonly (readonly { readonly stem: string }[])[]): boolean {
  const next = tokens[at + 1];
  return tokens[at]!.lower === 'times' && next !== undefined && (next.kind === 'number' || /^(?:the|its|their|our)$/.test(next.lower) || names.some((n) => n.some((w) => w.stem === next.stem)));
}

/** Every span of a request that is a value standing in some column; typing mistakes in longer words are forgiven where `slips` says so. */
export function valueMentions(tokens: readonly Token[], request: string, vocabulary: Vocabulary, slips = true): ValueMention[] {
  const out: ValueMention[] = [];
  if (vocabulary.values.size === 0) return out;
  for (let from = 0; from < tokens.length; from++) {
    if (tokens[from]!.kind === 'mark' || tokens[from]!.kind === 'column') continue;
    // 'A' is a value of its own; 'a' is an article.
    if (tokens[from]!.text === 'a') continue;
    for (let to = from + 1; to <= Math.min(tokens.length, from + vocabulary.longestValue + 1); to++) {
      const span = tokens[from]!.kind === 'quoted' ? tokens[from]!.lower : request.slice(tokens[from]!.from, tokens[to - 1]!.to);
      const found = vocabulary.values.get(folded(span)) ?? (to > from + 1 || span.includes('-') ? vocabulary.values.get(folded(span).replace(/-/g, ' ').replace(/s$/, '')) : undefined) ?? vocabulary.values.get(folded(span).replace(/['’]s$/, '')) ?? (to === from + 1 && span.includes('-') ? vocabulary.values.get(folded(span).replace(/-/g, ' ')) : undefined) ?? (to > from + 1 ? vocabulary.values.get(`${folded(request.slice(tokens[from]!.from, tokens[to - 2]!.to))} ${tokens[to - 1]!.stem}`) : undefined);
      for (const v of found ?? []) out.push({ from, to, ...v, cost: found!.length > 1 ? 0.15 : 0 });
      if (tokens[from]!.kind === 'quoted') break;
      if (!found && to === from + 1) out.push(...likeValues(tokens[from]!, from, vocabulary, slips));
    }
  }
  return out;
}

/** One word against the single-word values: another form of it, or a typing mistake. */
const NOUN_OF_DOING = /(?:ations?|ions?|ments?|als?|ings?)$/;
function likeValues(token: Token, from: number, vocabulary: Vocabulary, slips: boolean): ValueMention[] {
  if (token.kind !== 'word' || token.lower.length < 3) return [];
  const out: ValueMention[] = [];
  // 'The foggy ones' where a value is fog.
  const adjective = /^\p{L}{3,}y$/u.test(token.lower) ? token.lower.slice(0, -1) : null;
  for (const [key, list] of vocabulary.values) {
    if (key.includes(' ') || key.length < 3 || Math.abs(key.length - token.lower.length) > 5) continue;
    // 'Cancellations' are the cancelled ones.
    const far = Math.abs(key.length - token.lower.length) > 3;
    const cost = !far && stem(key) === token.stem ? 0.2 : adjective !== null && (key === adjective || key === undoubled(adjective)) ? 0.25 : NOUN_OF_DOING.test(token.lower) && key.length >= 5 && rootOf(token.lower.replace(/s$/, '')) === rootOf(key) ? 0.3 : far ? Infinity : slips && key.length >= 5 && token.lower.length >= 5 && typingDistance(token.lower, key, forgiven(Math.min(key.length, token.lower.length))) <= 2 ? 0.7 : Infinity;
    if (cost < 1) for (const v of list) out.push({ from, to: from + 1, ...v, cost });
  }
  return out;
}

/** The columns nearest to words that name none: for saying what there is instead. */
export function nearestColumns(words: string, head: CheckedHead, most = 3): string[] {
  const wanted = nameWords(words);
  const scored = head.columns.map((c) => {
    const name = nameWords(c.name);
    let score = 0;
    for (const w of wanted) {
      for (const n of name) {
        if (n.stem === w.stem) score += 3;
        else if (synonymous(n.stem, w.stem)) score += 2;
        else if (w.word.length > 3 && (n.word.startsWith(w.word.slice(0, 4)) || typingDistance(w.word, n.word, 2) <= 2)) score += 1;
      }
    }
    return { name: c.name, score };
  });
  return scored.filter((s) => s.score > 0).sort((a, b) => b.score - a.score).slice(0, most).map((s) => s.name);
}
