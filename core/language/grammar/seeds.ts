import { dateOf, monthNumber, readDate, writeDate } from '../../values/date';
import { readsAsDate, readsAsNumber } from '../../formula/check';
import { isDate } from '../../table/column';
import { unitName } from '../../values/units';
import type { Item } from '../chart';
import { nothing, type Context } from '../acts';
import { readYesNo, sayYesNo } from '../../values/yesno';
import { finder } from '../../values/find';
import { dateColumns, NOT_REAL, onlyDate, rowDate, soldFor, startColumn } from './expressions';
import { otherMentions } from './others';
import { sampleOf } from './samples';
import { columnMentions, SMALL_WORDS, valueMentions, type ColumnMention, type ValueMention } from '../mentions';
import { typingDistance } from '../../match/typing';
import type { Metric } from '../../metrics/glossary';
import { METRIC_NAMES, tie } from '../../metrics/metrics';
import { CLASSES } from '../lexicon/classes';
import { numberWord, stem, type Token } from '../words';

/** A stretch of days, both ends included, as ISO dates; a month without a year has no dates. */
export interface Period {
  readonly from: string;
  readonly to: string;
  readonly month?: number;
  /** Said with both its ends: 'from 6 to 14 April'. */
  readonly range?: true;
  /** A day of a month in any year. */
  readonly day?: number;
  /** Some days of a month in any year: 'the first half of May'. */
  readonly days?: readonly [number, number];
}

const MARKS: Record<string, string> = {
  comma: ',', commas: ',', slash: '/', slashes: '/', dash: '-', dashes: '-', hyphen: '-', hyphens: '-', minus: '-', semicolon: ';', semicolons: ';', 'semi-colon': ';', 'semi-colons': ';', colon: ':', colons: ':', space: ' ', spaces: ' ', blank: ' ',
  pipe: '|', pipes: '|', bar: '|', bars: '|', underscore: '_', underscores: '_', point: '.', points: '.', dot: '.', dots: '.', tab: '\t', tabs: '\t', ampersand: '&', plus: '+', at: '@', 'at-sign': '@', hash: '#', asterisk: '*', newline: '\n', 'full stop': '.',
};

/** Where a name of several words stands in a request. */
function named(name: string, tokens: readonly Token[]): [number, number][] {
  const words = name.toLowerCase().split(/\s+/).map(stem);
  const found: [number, number][] = [];
  for (let i = 0; i + words.length <= tokens.length; i++) if (words.every((w, k) => { const t = tokens[i + k]!; return t.kind === 'word' && t.stem === w; })) found.push([i, i + words.length]);
  return found;
}

/** Mentions of every sort that a request holds, as items for the chart. */
export function seeds(tokens: readonly Token[], request: string, context: Context): { items: Item[]; columns: ColumnMention[]; values: ValueMention[] } {
  const items: Item[] = [];
  const put = (cat: string, from: number, to: number, value: unknown, cost: number): void => void items.push({ cat, from, to, value, cost });
  const columns = columnMentions(tokens, context.vocabulary);
  // 'The closed ones' are rows: no column of dates.
  // No count of days is a date.
  const noDate = (m: ColumnMention): boolean => m.to === m.from + 1 && /^dates?$/.test(tokens[m.from]!.lower) && !/\bdate/i.test(m.column) && !readsAsDate(context.head, m.column);
  for (const m of columns) if (!noDate(m)) put('col', m.from, m.to, m.column, tokens[m.to]?.lower === 'ones' || tokens[m.to - 1]!.lower === 'ones' ? m.cost + 0.4 : m.cost);
  // A column of the same name stands for what was calculated.
  for (const [name, as] of context.terms ?? []) if (!context.head.columns.some((c) => c.name.toLowerCase() === name.toLowerCase())) named(name, tokens).forEach(([from, to]) => put('term', from, to, { name, as }, 0));
  otherMentions(tokens, request, context, put);
  families(columns).forEach((f) => put('family', f.from, f.to, f.columns, f.cost));
  const values = valueMentions(tokens, request, context.vocabulary);
  for (const v of values) put('value', v.from, v.to, { column: v.column, text: v.text, loose: v.loose, typed: tokens[v.from]!.kind === 'quoted' ? v.text : request.slice(tokens[v.from]!.from, tokens[v.to - 1]!.to).replace(/\s+/g, ' ') }, v.cost);
  // One spelling without what firms are called after, for several values: all of them.
  const sets = new Map<string, ValueMention[]>();
  for (const v of values) if (v.cost < 0.2 && !v.loose) (sets.get(`${v.from} ${v.to} ${v.column}`) ?? sets.set(`${v.from} ${v.to} ${v.column}`, []).get(`${v.from} ${v.to} ${v.column}`)!).push(v);
  for (const set of sets.values()) if (new Set(set.map((v) => v.text)).size > 1) put('valueSet', set[0]!.from, set[0]!.to, { column: set[0]!.column, texts: [...new Set(set.map((v) => v.text))] }, 0);
  tokens.forEach((t, i) => {
    if (t.kind === 'quoted') put('text', i, i + 1, t.lower, 0);
    // 'After the 6th' is no amount.
    if (!Number.isNaN(t.value)) put('num', i, i + 1, t.value, t.kind === 'number' ? 0 : /\dth$|\dst$|\dnd$|\drd$/.test(t.lower) ? 0.5 : 0.02);
    if (t.kind === 'word') {
      if (context.vocabulary.ownNouns.has(t.stem)) put('noun', i, i + 1, t.lower, 0);
      if (!context.vocabulary.rowNouns.has(t.stem) && t.lower.length >= 6 && !columns.some((c) => c.from <= i && c.to > i && c.cost < 0.4) && [...context.vocabulary.ownNouns].some((n) => n.length >= 5 && typingDistance(t.stem, n, 1) <= 1)) put('rows', i, i + 1, t.lower, 0.5);
      if (context.vocabulary.rowNouns.has(t.stem)) put('rows', i, i + 1, t.lower, t.lower === 'that' || t.lower === 'which' || t.lower === 'who' ? 0.3 : 0);
      const unit = unitName(t.lower);
      // 'in' and single letters are units only behind a number, or where something ends in them: 'convert weight to g'.
      const [before, after] = [tokens[i - 1], tokens[i + 1]];
      if (unit && (t.lower.length > 2 || unit.length > 1 && t.lower !== 'in' || before?.kind === 'number')) put('unit', i, i + 1, unit, 0);
      else if (unit && unit.length === 1 && /^(?:to|in|into|as)$/.test(before?.lower ?? '') && (!after || after.kind === 'mark' || /^(?:and|please|pls|everywhere|throughout|only)$/.test(after.lower))) put('unit', i, i + 1, unit, 0.05);
      else if (unit && unit.length === 1 && after && /^(?:ones|values|readings|rows|cells|entries)$/.test(after.lower)) put('unit', i, i + 1, unit, 0.05);
      put('word', i, i + 1, t.text, 0.3);
    }
    const area = t.lower === 'square' || t.lower === 'cubic' ? unitName(`${t.lower} ${tokens[i + 1]?.lower ?? ''}`) : null;
    if (area) put('unit', i, i + 2, area, 0);
    // 'A five-digit reference'
    const digits = /^(\p{L}+)-(?:digit|figure)s?$/u.exec(t.lower);
    if (digits && numberWord(digits[1]!) > 0) put('shapePart', i, i + 1, '#'.repeat(numberWord(digits[1]!)), 0);
    if (t.kind === 'number' && tokens[i + 1]?.lower === '-' && /^(?:digit|figure)s?$/.test(tokens[i + 2]?.lower ?? '') && t.value >= 1 && t.value <= 20) put('shapePart', i, i + 3, '#'.repeat(t.value), 0);
    // '50/30/20'
    if (t.kind === 'number') {
      const parts = [t.value];
      let to = i + 1;
      while (tokens[to] && /^[/:]$/.test(tokens[to]!.lower) && tokens[to + 1]?.kind === 'number' && !tokens[to + 1]!.spaced) { parts.push(tokens[to + 1]!.value); to += 2; }
      if (parts.length > 1 && parts.reduce((a, b) => a + b, 0) === 100) put('ratio', i, to, parts, 0);
    }
    // A question mark that ends what is asked is no mark to look for.
    const stop = t.lower === '.' && (tokens[i + 1] === undefined || tokens[i + 1]!.spaced);
    if ((t.kind === 'mark' && !stop && !/^[?!]$/.test(t.lower)) || t.kind === 'quoted') put('mark', i, i + 1, t.lower, t.kind === 'quoted' ? 0.02 : /^[,;/|@#_:&+-]$/.test(t.lower) ? 0.3 : 1);
    if (t.kind === 'word' && Object.hasOwn(MARKS, t.lower)) put('mark', i, i + 1, MARKS[t.lower], 0);
    // 'A comma and a space'
    if (t.kind === 'word' && /^(?:comma|semicolon|colon)$/.test(t.lower) && /^(?:and|then|with)$/.test(tokens[i + 1]?.lower ?? '')) { const at = tokens[i + 2]?.lower === 'a' ? i + 3 : i + 2; if (/^(?:space|blank)$/.test(tokens[at]?.lower ?? '')) put('mark', i, at + 1, `${MARKS[t.lower]!} `, -0.1); }
    if (t.kind === 'word' && Object.hasOwn(MARKS, t.lower) && /^(?:sign|signs|symbol|symbols|character|characters)$/.test(tokens[i + 1]?.lower ?? '')) put('mark', i, i + 2, MARKS[t.lower], -0.05);
  });
  templates(tokens, context, put);
  restTexts(tokens, request, put);
  background(tokens, put);
  askedFirst(tokens, put);
  rowsByShape(tokens, columns, items, context, put);
  theDate(tokens, columns, context, put);
  byPlace(tokens, context, put);
  codesInside(tokens, items, context, put);
  wordsInside(tokens, columns, items, context, put);
  clocks(tokens, request, put);
  shownTexts(tokens, request, values, put);
  numbers(tokens, put);
  dates(tokens, put);
  newNames(tokens, request, columns, put);
  examples(tokens, request, put);
  turned(tokens, request, values, context, put);
  metrics(tokens, context, put);
  shapes(tokens, put);
  shown(tokens, request, put);
  remarks(tokens, put);
  yesNo(tokens, columns, context, put);
  adjectives(tokens, context, put);
  filledBy(tokens, context, put);
  numberedTimes(tokens, context, put);
  daysOfOneMonth(tokens, context, put);
  datedPeriods(items, context, put);
  return { items, columns, values };
}

type Put = (cat: string, from: number, to: number, value: unknown, cost: number) => void;

const metricIndex = new Map<string, { words: readonly string[]; metric: Metric }[]>();
for (const [names, metric] of METRIC_NAMES) {
  const words = names.map((w) => (/^\p{L}/u.test(w) ? stem(w) : w));
  (metricIndex.get(words[0]!) ?? metricIndex.set(words[0]!, []).get(words[0]!)!).push({ words, metric });
}

/** Metrics by name, by themselves and tied to the columns that can play their roles. */
function metrics(tokens: readonly Token[], { head }: Context, put: Put): void {
  tokens.forEach((t, i) => {
    for (const { words, metric } of metricIndex.get(t.stem) ?? []) {
      if (!words.every((w, k) => tokens[i + k]?.stem === w || tokens[i + k]?.lower === w)) continue;
      const to = i + words.length;
      put('metricName', i, to, metric, 0);
      for (const way of tie(metric, head)) put('metric', i, to, way.expression, 0.1 + way.cost);
      // 'break-even tickets', 'occupancy of the hall': a noun behind it says what it is of.
      const noun = tokens[to];
      if (noun?.kind === 'word' && /[^su]s$/.test(noun.lower) && !metricIndex.has(noun.stem)) {
        put('metricName', i, to + 1, metric, 0.1);
        for (const way of tie(metric, head)) put('metric', i, to + 1, way.expression, 0.2 + way.cost);
      }
    }
  });
}

/** A quoted text in which names of columns stand, for what they hold: "name (district)". */
function templates(tokens: readonly Token[], { head }: Context, put: Put): void {
  tokens.forEach((t, i) => {
    if (t.kind !== 'quoted') return;
    const text = t.lower, places: { at: number; to: number; name: string }[] = [];
    for (const { name } of [...head.columns].sort((a, b) => b.name.length - a.name.length)) {
      const at = text.toLowerCase().indexOf(name.toLowerCase()), to = at + name.length;
      if (at < 0 || /[\p{L}\p{N}]/u.test(`${text[at - 1] ?? ' '}${text[to] ?? ' '}`) || places.some((p) => p.at < to && at < p.to)) continue;
      places.push({ at, to, name });
    }
    places.sort((a, b) => a.at - b.at);
    const between = places.map((p, k) => text.slice(k ? places[k - 1]!.to : 0, p.at)), rest = text.slice(places.at(-1)?.to ?? 0);
    // Other words in it are said of the text itself.
    if (places.length < 2 || [...between, rest].some((s) => /[\p{L}\p{N}]/u.test(s))) return;
    const of = [...places.flatMap((p, k) => [...(between[k] ? [{ kind: 'text' as const, value: between[k]! }] : []), { kind: 'column' as const, name: p.name }]), ...(rest ? [{ kind: 'text' as const, value: rest }] : [])];
    put('template', i, i + 1, { kind: 'written', of }, 0);
  });
}

const INSTEAD = [['instead', 'of'], ['rather', 'than'], ['and', 'not'], [',', 'not']];
const BECOMES = CLASSES.becomes!.split('|').map((p) => p.match(/[\p{L}']+|[^\s\p{L}]/gu) ?? []);

/** The words of a text in no order. */
const bagOf = (text: string): string => (text.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? []).sort().join(' ');

/** Are the words of one text those of another, in whatever order, whole or as initials: 'A. Fern' of 'Fern, Ada'? */
function madeOf(made: string, from: string): boolean {
  const left = (from.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? []);
  const words = made.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? [];
  if (words.length !== left.length || words.length < 2) return false;
  let whole = 0;
  for (const w of [...words].sort((a, b) => b.length - a.length)) {
    const k = left.findIndex((o) => o === w || (w.length === 1 && o.startsWith(w)));
    if (k < 0) return false;
    if (left[k] === w && w.length > 1) whole++;
    left.splice(k, 1);
  }
  return whole > 0;
}

/** The value with the same words in another order, or as initials, where one column of texts holds such. */
function turnedTo(said: string, head: Context['head']): string | null {
  const found = head.columns.flatMap((c) => { const held = c.type === 'text' ? head.glances?.get(c.name)?.values?.find(([v]) => v.trim() !== said && madeOf(said, v)) : undefined; return held ? [held[0]] : []; });
  return found.length === 1 ? found[0]! : null;
}

/** 'Anna Rudd not Rudd, Anna': a value and the same words in another order, with no quotes. */
function turned(tokens: readonly Token[], request: string, values: readonly ValueMention[], { head }: Context, put: Put): void {
  const cut = (from: number, to: number): string => request.slice(tokens[from]!.from, tokens[to - 1]!.to);
  // 'I'd rather have it as Elsa Brandt', of "Brandt, Elsa"
  for (let from = 1; from + 1 < tokens.length; from++) {
    if (!tokens[from]!.capital || !/^(?:as|like|:)$/.test(tokens[from - 1]!.lower)) continue;
    for (let to = from + 2; to <= Math.min(tokens.length, from + 5) && tokens[to - 1]!.kind !== 'number'; to++) {
      if (!tokens[to - 1]!.capital) continue;
      const said = cut(from, to), input = turnedTo(said, head);
      if (input !== null) put('example', from, to, { input, output: said }, 0);
    }
  }
  const inside = (from: number, to: number): string => (to === from + 1 && tokens[from]!.kind === 'quoted' ? tokens[from]!.lower : cut(from, to));
  for (const v of values) {
    const quoted = tokens[v.from]!.kind === 'quoted', said = cut(v.from, v.to), words = bagOf(said);
    if (!words.includes(' ') || v.cost > 0.2) continue;
    for (const phrase of quoted ? [] : [...INSTEAD, ['not']]) {
      const then = v.from - phrase.length;
      if (then < 1 || !phrase.every((w, k) => tokens[then + k]!.lower === w)) continue;
      for (let from = Math.max(0, then - 6); from < then; from++) if (tokens[from]!.kind !== 'mark' && bagOf(cut(from, then)) === words && cut(from, then) !== said) put('example', from, v.to, { input: v.text, output: cut(from, then) }, 0);
    }
    // 'A. Fern for "Fern, Ada"', 'A. Fern where the name is "Fern, Ada"'
    for (let then = v.from - 1; then >= Math.max(1, v.from - 4); then--) {
      if (!/^(?:for|from|where|when|if)$/.test(tokens[then]!.lower)) continue;
      for (let from = Math.max(0, then - 6); from < then; from++) if (tokens[from]!.kind !== 'mark' && madeOf(inside(from, then), v.text) && inside(from, then) !== v.text) put('example', from, v.to, { input: v.text, output: inside(from, then) }, 0);
      break;
    }
    for (const phrase of quoted ? [] : [...BECOMES, ['is']]) {
      if (!phrase.every((w, k) => tokens[v.to + k]?.lower === w)) continue;
      const from = v.to + phrase.length;
      for (let to = from + 1; to <= Math.min(tokens.length, from + 6); to++) if (tokens[from]?.kind !== 'mark' && madeOf(cut(from, to), said) && cut(from, to) !== said && !/[,;]$/.test(cut(from, to))) put('example', v.from, to, { input: v.text, output: cut(from, to) }, 0);
    }
  }
}

/** An example of a wished result: a text, a word for becoming, and another text, each quoted or written without spaces. */
function examples(tokens: readonly Token[], request: string, put: Put): void {
  // What comes out may be figures alone.
  const ends = (from: number, result = false): number[] => {
    if (tokens[from]?.kind === 'quoted') return [from + 1];
    let to = from + 1;
    while (to < tokens.length && !tokens[to]!.spaced && !/^[,;.?!)]$/.test(tokens[to]!.lower) && tokens[to]!.kind !== 'quoted') to++;
    const text = request.slice(tokens[from]!.from, tokens[to - 1]!.to);
    return /\d/.test(text) && (result || /[^\d]/.test(text)) && text.length >= (result ? 1 : 3) ? [to] : [];
  };
  const inside = (from: number, to: number): string => (tokens[from]!.kind === 'quoted' ? tokens[from]!.lower : request.slice(tokens[from]!.from, tokens[to - 1]!.to));
  for (let from = 0; from < tokens.length; from++) {
    for (const to of ends(from)) {
      for (const phrase of INSTEAD) {
        const then = to + phrase.length;
        if (phrase.every((w, k) => tokens[to + k]?.lower === w) && then < tokens.length) for (const end of ends(then)) put('example', from, end, { input: inside(then, end), output: inside(from, to) }, 0);
      }
      // '1042/NE (from NE-1042-A)'
      if (tokens[to]?.lower === '(' && tokens[to + 1]?.lower === 'from') for (const end of ends(to + 2)) if (tokens[end]?.lower === ')') put('example', from, end + 1, { input: inside(to + 2, end), output: inside(from, to) }, 0);
      for (const phrase of BECOMES) {
        if (!phrase.every((w, k) => tokens[to + k]?.lower === w)) continue;
        const then = to + phrase.length;
        if (then >= tokens.length) continue;
        for (const end of ends(then, tokens[from]!.kind !== 'quoted' && !/^(?:to|into|as)$/.test(phrase.at(-1)!))) put('example', from, end, { input: inside(from, to), output: inside(then, end) }, 0);
      }
    }
  }
}

/** What adjectives speak of: 'the five smallest', 'dearest first', 'heavier than ten kilos'. */
const ADJECTIVES: readonly (readonly [superlative: string, comparative: string, names: string, down: boolean])[] = [
  ['biggest largest greatest', 'bigger larger', 'size area amount volume qty quantity', true], ['smallest', 'smaller', 'size area amount volume qty quantity', false],
  ['heaviest', 'heavier', 'weight kg mass', true], ['lightest', 'lighter', 'weight kg mass', false],
  ['tallest highest', 'taller', 'height', true], ['longest', 'longer', 'length duration nights hours minutes', true], ['shortest', 'shorter', 'length duration nights hours minutes', false],
  ['dearest priciest costliest', 'dearer pricier costlier', 'price cost value rent fee rate fare tariff freight charge', true], ['cheapest', 'cheaper', 'price cost value rent fee rate fare tariff freight charge', false],
  ['oldest', 'older', 'age', true], ['youngest', 'younger', 'age', false], ['best', 'better', 'score rating marks mark grade points rank', true], ['worst', 'worse', 'score rating marks mark grade points', false], ['driest', 'drier', 'moisture humidity', false], ['dampest', 'damper', 'moisture humidity', true], ['riskiest', 'riskier', 'risk', true], ['richest', 'richer', 'income salary', true],
  ['nearest closest', 'nearer closer', 'distance', false], ['farthest furthest', 'farther further', 'distance', true], ['deepest', 'deeper', 'depth', true], ['widest broadest', 'wider broader', 'width', true], ['strongest', 'stronger', 'strength power', true], ['warmest hottest', 'warmer hotter', 'temp temperature', true], ['coldest coolest', 'colder cooler', 'temp temperature', false], ['wettest', 'wetter', 'rain rainfall moisture humidity', true], ['loudest', 'louder', 'noise volume', true],
  ['fastest', 'faster', 'speed', true], ['slowest', 'slower', 'speed', false], ['busiest', 'busier', 'visits visitors passengers', true],
];
/** The same of longer words: 'most expensive', 'less profitable than'. */
const LONG_ADJECTIVES: Readonly<Record<string, string>> = { expensive: 'price cost rent fee rate fare tariff freight charge', costly: 'price cost fee fare tariff freight charge', profitable: 'profit margin', valuable: 'value', productive: 'output yield', powerful: 'power kw', crowded: 'visitors passengers people' };
/** Of dates the first of these are the earliest. */
const AGES: readonly (readonly [string, boolean])[] = [['oldest', false], ['newest', true], ['youngest', true], ['earliest', false], ['latest', true]];

/** A superlative or comparative that speaks of one column of numbers, by its name; of ages, also of the one date on which all began. */
function adjectives(tokens: readonly Token[], x: Context, put: Put): void {
  const { head } = x;
  const fitting = (names: string): readonly string[] => {
    const numbers = head.columns.filter((c) => readsAsNumber(head, c.name) && !isDate(c.type)).map((c) => [c.name, c.name.toLowerCase().split(/[\s_()]+/)] as const);
    for (const wanted of names.split(' ')) {
      const found = numbers.filter(([, words]) => words.includes(wanted) && words[words.indexOf(wanted) - 1] !== 'per');
      if (found.length > 0) return found.map(([name]) => name);
    }
    return [];
  };
  const only = (names: string): string | null => { const found = fitting(names); return found.length === 1 ? found[0]! : null; };
  tokens.forEach((t, i) => {
    for (const [superlative, comparative, names, down] of ADJECTIVES) {
      const most = superlative.split(' ').includes(t.lower), more = comparative.split(' ').includes(t.lower);
      const column = most || more ? only(names) : null;
      if (column !== null) put(most ? 'adj' : 'comparative', i, i + 1, { column, down }, 0);
      else if ((most || more) && /\bprice\b/.test(names) && fitting(names).length === 0) { const sold = soldFor(x); if (sold !== null) put(most ? 'adj' : 'comparative', i, i + 1, { column: sold, down }, 0.05); }
      // Of two weights either may be meant: that is asked.
      else if (most || more) fitting(names).slice(0, 4).forEach((c) => put(most ? 'adj' : 'comparative', i, i + 1, { column: c, down }, 0.35));
    }
    const names = LONG_ADJECTIVES[tokens[i + 1]?.lower ?? ''];
    const column = names !== undefined && /^(?:most|least|more|less)$/.test(t.lower) ? only(names) ?? (/\bprice\b/.test(names) && fitting(names).length === 0 ? soldFor(x) : null) : null;
    if (column !== null) {
      const cat = /^(?:most|least)$/.test(t.lower) ? 'adj' : 'comparative', value = { column, down: /^mo/.test(t.lower) };
      put(cat, i, i + 2, value, 0);
      // 'Most expensive per kilo' of ‹Price per kg›
      const unit = /^(?:per|a|the)$/.test(tokens[i + 2]?.lower ?? '') ? unitName(tokens[i + 3]?.lower ?? '') : null;
      if (unit !== null && column.toLowerCase().split(/[\s_()/]+/).some((w) => unitName(w) === unit)) put(cat, i, i + 4, value, -0.1);
    }
    if (t.lower === 'question' && tokens[i + 1]?.stem === 'mark') put('mark', i, i + 2, '?', 0);
    if (t.lower === 'exclamation' && tokens[i + 1]?.stem === 'mark') put('mark', i, i + 2, '!', 0);
    const recent = t.lower === 'most' && tokens[i + 1]?.lower === 'recent';
    const age = recent ? AGES[1] : AGES.find(([w]) => w === t.lower);
    const several = age && rowDate(x) === null ? dateColumns(x) : [];
    if (age && several.length > 1 && several.length <= 4) several.forEach((c) => put('adj', i, i + (recent ? 2 : 1), { column: c, down: age[1] }, 0.35));
    const began = age && (t.lower === 'oldest' || t.lower === 'youngest') && only('age') === null ? startColumn(x) ?? rowDate(x) : age ? rowDate(x) : null;
    if (age && began !== null) put('adj', i, i + (recent ? 2 : 1), { column: began, down: age[1] }, 0.1);
  });
}

const TIMES: Readonly<Record<string, string>> = { week: 'w', quarter: 'q', year: 'y', month: 'm', term: 't', half: 'h', day: 'd' };

/** 'Downloads in week one' of ‹Downloads W1›, 'first-quarter sales' of ‹Q1 sales›. */
function numberedTimes(tokens: readonly Token[], { head }: Context, put: Put): void {
  const wordsOf = (name: string): string[] => name.toLowerCase().split(/[\s_-]+/);
  tokens.forEach((t, i) => {
    const whole = /^(first|second|third|fourth)-(week|quarter|year|month|term|half|day)$/.exec(t.lower);
    const before = ['first', 'second', 'third', 'fourth'].indexOf(tokens[i - 1]?.lower ?? '') + 1;
    const letter = TIMES[whole ? whole[2]! : t.stem], n = whole ? ['first', 'second', 'third', 'fourth'].indexOf(whole[1]!) + 1 : before || tokens[i + 1]?.value;
    if (letter === undefined || !n || !Number.isInteger(n)) return;
    const [from, to] = whole ? [i, i + 1] : before ? [i - 1, i + 1] : [i, i + 2];
    const own = head.columns.filter((c) => wordsOf(c.name).includes(`${letter}${n}`));
    for (const { name } of own) {
      const rest = wordsOf(name).filter((w) => w !== `${letter}${n}`).map(stem);
      if (own.length === 1) put('col', from, to, name, 0.05);
      for (let at = from - 1; at >= Math.max(0, from - 4); at--) if (rest.includes(tokens[at]!.stem) && tokens.slice(at + 1, from).every((w) => /^(?:in|of|for|from|during|the|its|their)$/.test(w.lower))) put('col', at, to, name, 0);
      if (rest.includes(tokens[to]?.stem ?? '')) put('col', from, to + 1, name, 0);
    }
  });
}

/** 'Sponsored', 'damaged', of columns that say by whom or how, and are blank elsewhere. */
function filledBy(tokens: readonly Token[], { head, vocabulary }: Context, put: Put): void {
  tokens.forEach((t, i) => {
    if (t.kind !== 'word' || !/..ed$/.test(t.lower) || vocabulary.values.has(t.lower)) return;
    const found = head.columns.filter((c) => c.type === 'text' && !/ed$/i.test(c.name) && stem(c.name.toLowerCase()) === t.stem && (head.glances?.get(c.name)?.blanks ?? 0) > 0);
    if (found.length === 1) put('filledBy', i, i + 1, found[0]!.name, 0);
  });
}

export interface YesNo {
  readonly column: string;
  readonly yes: readonly string[];
  readonly no: readonly string[];
}

const yesNoColumns = new WeakMap<Context['head'], readonly YesNo[]>();

/** The columns of a table that say yes or no, with how they spell it. */
export function yesNoOf(head: Context['head']): readonly YesNo[] {
  let known = yesNoColumns.get(head);
  if (!known) {
    known = head.columns.flatMap(({ name, type }): YesNo[] => {
      if (type === 'yesno') return [{ column: name, yes: ['yes'], no: ['no'] }];
      const all = head.glances?.get(name)?.values ?? [];
      if (type !== 'text' || all.length === 0 || all.length > 13) return [];
      const values = all.map(([v]) => v).filter((v) => v.trim() !== '');
      if (!sayYesNo(values)) return [];
      const spelled = (wanted: boolean): string[] => [...new Set(values.filter((v) => readYesNo(v) === wanted).map((v) => v.trim()))];
      return [{ column: name, yes: spelled(true), no: spelled(false) }];
    });
    yesNoColumns.set(head, known);
  }
  return known;
}

/** Columns that say yes or no, named as what a row is: 'active', 'unpaid', 'not insured'. */
function yesNo(tokens: readonly Token[], columns: readonly ColumnMention[], { head }: Context, put: Put): void {
  for (const value of yesNoOf(head)) {
    for (const m of columns) if (m.column === value.column && m.cost < 0.35) put('yesno', m.from, m.to, value, m.cost);
    tokens.forEach((t, i) => {
      const bare = /^(?:un|non|in|not)-?(\p{L}{3,})$/u.exec(t.lower)?.[1];
      if (bare && stem(bare) === stem(value.column)) put('noyes', i, i + 1, value, 0);
    });
  }
  // 'Unpaid', 'unrated': where the column of what was done says nothing
  const answered = new Set(yesNoOf(head).map((v) => v.column));
  tokens.forEach((t, i) => {
    const bare = /^un-?(\p{L}{4,})$/u.exec(t.lower)?.[1];
    const own = bare === undefined ? [] : head.columns.filter((c) => !answered.has(c.name) && c.name.split(/[\s_]+/).some((w) => stem(w) === stem(bare) || (w.length > 5 && bare.length > 4 && stem(w).startsWith(stem(bare)))));
    if (own.length === 1) put('uncol', i, i + 1, own[0]!.name, 0);
  });
}

/** 'After the 6th', where all dates of the rows lie in one month. */
function daysOfOneMonth(tokens: readonly Token[], x: Context, put: Put): void {
  tokens.forEach((t, i) => {
    const day = /^\d{1,2}(?:st|nd|rd|th)$/.test(t.lower) ? t.value : DAY_WORDS.indexOf(t.lower) + 1;
    if (day < 1 || day > 31 || tokens[i - 1]?.lower !== 'the' || !/^(?:after|before|since|until|till|from|on|by)$/.test(tokens[i - 2]?.lower ?? '') || tokens[i + 1]?.kind === 'word') return;
    const dates = dateColumns(x).map((name) => [x.head.glances?.get(name)?.lowest, x.head.glances?.get(name)?.highest] as const);
    const months = new Set(dates.flat().map((d) => (d && /^\d{4}-\d\d-/.test(d) ? d.slice(0, 7) : '')));
    const [month] = months;
    if (months.size !== 1 || !month) return;
    const date = `${month}-${String(day).padStart(2, '0')}`;
    if (readDate(date)) put('date', i, i + 1, date, 0);
  });
}
const DAY_WORDS = 'first second third fourth fifth sixth seventh eighth ninth tenth eleventh twelfth thirteenth fourteenth fifteenth sixteenth seventeenth eighteenth nineteenth twentieth'.split(' ');

/** A period without a column, for each column of dates where there are several: which one is meant is asked. */
function datedPeriods(items: readonly Item[], x: Context, put: Put): void {
  const { head, vocabulary } = x;
  const dated = head.columns.filter((c) => isDate(c.type) || (c.type === 'text' && (head.glances?.get(c.name)?.dateShare ?? 0) >= 0.5));
  if (dated.length < 2 || dated.length > 4) return;
  // 'Orders in March' are most likely those ordered then.
  const isOwn = (name: string): boolean => !NOT_REAL.test(name) && name.toLowerCase().split(/[\s_]+/).some((w) => [...vocabulary.ownNouns].some((n) => n.length > 3 && stem(w).startsWith(n.slice(0, 5))));
  const likely = dated.filter((c) => isOwn(c.name)).map((c) => c.name);
  const first = rowDate(x);
  if (likely.length === 0 && first !== null) likely.push(first);
  const owned = likely.length > 0;
  for (const item of [...items]) {
    if (item.cat !== 'period') continue;
    for (const c of dated) {
      const own = likely.includes(c.name);
      put('datedPeriod', item.from, item.to, { column: c.name, period: item.value }, item.cost + (own ? 0.2 : owned ? 0.5 : 0.25));
    }
  }
}

/** 'five-digit', '4-digit': a run of digits; and codes shown, such as LT-0042, as the shape they have. */
function shapes(tokens: readonly Token[], put: Put): void {
  tokens.forEach((t, i) => {
    const run = /^(\p{L}+)-(digit|figure|letter|character)s?$/u.exec(t.lower);
    const n = run ? numberWord(run[1]!) : NaN;
    if (run && n > 0 && n <= 20) put('runOf', i, i + 1, (run[2] === 'letter' ? '@' : '#').repeat(n), 0);
    const next = tokens[i + 1], after = tokens[i + 2];
    if (t.kind === 'number' && next?.lower === '-' && after && /^(?:digit|figure)s?$/.test(after.lower) && t.value <= 20) put('runOf', i, i + 3, '#'.repeat(t.value), 0);
    if (/\d/.test(t.lower) && /\p{L}/u.test(t.lower) && (t.kind === 'word' || t.kind === 'quoted')) put('sampleCode', i, i + 1, (t.kind === 'quoted' ? t.lower : t.text).replace(/\d/g, '#'), 0);
  });
}

/** A code that is shown as an example, of one piece or several: 'like KX 41 LMA', 'in the form 0555 010 231'. It holds a figure. */
function shown(tokens: readonly Token[], request: string, put: Put): void {
  const coded = (t: Token): boolean => (t.kind === 'number' && /^\d+$/.test(t.text)) || (t.kind === 'word' && (/\d/.test(t.text) || /^\p{Lu}{1,4}$/u.test(t.text))) || (t.kind === 'mark' && /^[-/.]$/.test(t.lower) && !t.spaced);
  tokens.forEach((t, from) => {
    if (t.kind === 'quoted') {
      if (/\d/.test(t.lower)) put('shown', from, from + 1, t.lower, 0);
      return;
    }
    if (!coded(t) || t.kind === 'mark' || !/^(?:like|as|form|format|shape|pattern|style|:|of|to|namely)$/.test(tokens[from - 1]?.lower ?? '')) return;
    let to = from + 1;
    while (to < tokens.length && to < from + 9 && coded(tokens[to]!)) to++;
    while (to > from + 1 && tokens[to - 1]!.kind === 'mark') to--;
    const text = request.slice(t.from, tokens[to - 1]!.to);
    if (/\d/.test(text) && text.length > 1) put('shown', from, to, text, 0);
  });
}

/** What somebody says about the data with a clause of its own: 'how many pieces there are in a pack'. Up to the next mark. */
function remarks(tokens: readonly Token[], put: Put): void {
  tokens.forEach((t, i) => {
    if (!/^(?:how|what|which|that|where|whether|who|somebody|someone|it|they|there|everyone|everybody)$/.test(t.lower)) return;
    for (let to = i + 2; to <= Math.min(tokens.length, i + 12); to++) {
      if (tokens[to - 1]!.kind === 'mark') break;
      if (to === tokens.length || tokens[to]!.kind === 'mark') put('remark', i, to, true, 0.1);
    }
  });
}

/** Words of a text without quotes, up to the next mark: 'should say nothing to report'. */
function restTexts(tokens: readonly Token[], request: string, put: Put): void {
  tokens.forEach((t, from) => {
    if (t.kind !== 'word' || !/^(?:say|says|read|reads|show|shows|write|words|text)$/.test(tokens[from - 1]?.lower ?? '')) return;
    let to = from;
    while (to < tokens.length && tokens[to]!.kind === 'word') to++;
    const joints = tokens.slice(from, to).some((w) => /^(?:there|here|where|wherever|if|when|in|instead|please|and|or|for|the)$/.test(w.lower));
    if (!joints && to > from + 1 && to <= from + 5) put('restText', from, to, request.slice(t.from, tokens[to - 1]!.to), 0.2);
  });
}

/** Why somebody asks, said before what they ask: 'The committee keeps asking, so could you ...'. It asks for nothing itself. */
function background(tokens: readonly Token[], put: Put): void {
  for (let from = 0; from < tokens.length; from++) {
    if (from > 0 && !/^[.!?]$/.test(tokens[from - 1]!.lower)) continue;
    for (let to = from + 3; to < tokens.length - 2 && !/^[.!?:]$/.test(tokens[to]!.lower); to++) {
      if (tokens[to]!.lower === 'so' && tokens[to - 1]!.lower === ',' && /^(?:could|can|please|would|i|we|kindly|let)$/.test(tokens[to + 1]!.lower)) put('aside', from, to + 1, nothing, 0.4);
    }
  }
}

/** What is asked before the cases that answer it: 'Did they like it? Happy if the comment says ...'. */
function askedFirst(tokens: readonly Token[], put: Put): void {
  const end = tokens.findIndex((t) => t.lower === '?');
  const rest = tokens.slice(end + 1);
  if (end < 1 || end > 8 || rest.length < 5) return;
  const first = rest.findIndex((t) => /^(?:if|when|where)$/.test(t.lower));
  if (first >= 0 && first <= 3) put('aside', 0, end + 1, nothing, 0.5);
}

const MEASURES = /^(?:nights|days|hours|minutes|weeks|months|years)$/;

const KNOWN_WORDS = (() => {
  const by = new Map<string, string[]>();
  for (const w of new Set(Object.values(CLASSES).flatMap((c) => c.match(/\p{L}{6,}/gu) ?? []))) (by.get(w[0]!) ?? by.set(w[0]!, []).get(w[0]!)!).push(w);
  return by;
})();

/** Is a plural one slip from a value, a word in the texts, or a word of a column's name? */
function nearOwn(word: string, { head, vocabulary }: Context): boolean {
  const one = word.replace(/s$/, '');
  const near = (w: string): boolean => w.length >= 4 && w[0] === word[0] && w !== word && w !== one && Math.abs(w.length - one.length) <= 1 && stem(w) !== stem(word) && (typingDistance(one, w, 1) <= 1 || typingDistance(word, `${w}s`, 1) <= 1);
  if (one.length < 4 || vocabulary.inside.has(word) || vocabulary.inside.has(one)) return false;
  for (const w of vocabulary.values.keys()) if (!w.includes(' ') && near(w)) return true;
  for (const w of vocabulary.inside.keys()) if (near(w)) return true;
  return head.columns.some((c) => c.name.toLowerCase().split(/[^\p{L}]+/u).some(near));
}

/** Is a word one slip from one that the grammar knows, and not that word or a form of it? */
const nearKnown = (word: string): boolean => word.length >= 6 && (KNOWN_WORDS.get(word[0]!) ?? []).some((w) => w !== word && Math.abs(w.length - word.length) <= 1 && stem(w) !== stem(word) && w !== `${word.slice(0, -1)}` && typingDistance(word, w, 1) <= 1);

/** A noun that is nothing else may stand for the rows: 'every film', 'the payments that ...'. */
function rowsByShape(tokens: readonly Token[], columns: readonly ColumnMention[], items: readonly Item[], context: Context, put: Put): void {
  const { head } = context;
  tokens.forEach((t, i) => {
    if (t.kind !== 'word' || t.lower.length < 3 || !Number.isNaN(t.value) || KNOWN_NOUNS.has(t.stem)) return;
    if (columns.some((c) => c.from <= i && c.to > i && c.cost < 0.55) || items.some((v) => v.cat === 'value' && v.from <= i && v.to > i && v.cost < 0.3)) return;
    // 'The most nights' are a measure, where nothing is called so.
    if (MEASURES.test(t.lower)) return;
    // 'No-shows' are not all rows.
    if (/^(?:no|non)-/.test(t.lower)) return;
    // Persons are hardly the rows, unless the table says so.
    if (/^(?:guests|visitors|players|passengers|participants|attendees|spectators)$/.test(t.lower) && !context.vocabulary.ownNouns.has(t.stem)) return;
    const plural = /[^su]s$/.test(t.lower) || t.lower === 'people';
    // What is written with a capital is somebody or something of its own: 'each Odile row'.
    const counted = i > 0 && !t.capital && !SMALL_WORDS.has(t.lower) && !/^(?:unless|except|never|always|only|other|else)$/.test(t.lower) && (/^(?:every|each|any)$/.test(tokens[i - 1]!.lower) || (tokens[i - 1]!.lower === 'per' && columns.some((c) => c.from === i + 1 && c.cost < 0.3) && !isLike(t.lower, COUNTED)));
    // 'Each visited site' is not each of the visited.
    const limits = !plural && items.some((n) => (n.cat === 'noun' || n.cat === 'rows') && n.from === i + 1 && n.cost < 0.2);
    // What is one letter from a value, a column, or a word that asks for something is rather that, mistyped.
    const slip = items.some((v) => (v.cat === 'value' || v.cat === 'col') && v.from <= i && v.to > i && v.cost < 1) || (t.lower.length >= 5 && (nearKnown(t.lower) || nearOwn(t.lower, context)));
    if ((plural || counted) && !limits) put('guess', i, i + 1, t.lower, slip ? 0.8 : 0.35);
  });
  // 'The fillings' of a column ‹Filled on›: what was done is what the rows are.
  tokens.forEach((t, i) => {
    if (/^\p{L}{3,}ings?$/u.test(t.lower) && columns.some((c) => c.from === i && c.to === i + 1 && /^\p{L}+(?:ed|t|d)\b/iu.test(c.column) && readsAsDate(head, c.column) && !/ing/i.test(c.column))) put('rows', i, i + 1, t.lower, 0.15);
  });
  // 'Patients whose phone is missing': what a column names may stand for its rows.
  tokens.forEach((t, i) => {
    const own = (/[^su]s$/.test(t.lower) || t.lower === 'children') && columns.find((c) => c.from === i && c.to === i + 1 && c.cost < (t.lower === 'children' ? 0.2 : 0.1));
    // 'Which teacher has the most children': what is no measure is counted.
    if (own && /^(?:most|fewest|fewer)$/.test(tokens[i - 1]?.lower ?? '') && head.columns.some((c) => c.name === own.column && c.type === 'text') && !readsAsNumber(head, own.column)) put('rows', i, i + 1, t.lower, 0.25);
    if (own && /^(?:whose|who|with|without|having|lacking|where|at|born|older|younger|aged)$/.test(tokens[i + 1]?.lower ?? '')) put('rows', i, i + 1, t.lower, 0.25);
  });
}

/** Words that count or measure: one mistyped is no noun. */
const COUNTED = ['hundred', 'thousand', 'million', 'dozen', 'hour', 'minute', 'second', 'week', 'month', 'year', 'percent'];
const isLike = (word: string, list: readonly string[]): boolean => list.some((w) => typingDistance(word, w, 2) <= 2);

/** Words of the grammar that must not be taken for unknown rows. */
const KNOWN_NOUNS = new Set('columns column cells cell rows row fields field lines others other rest days hours minutes seconds weeks months years decimals places digits spaces brackets commas capitals letters columns blanks gaps repeats duplicates dates numbers names values percents words things parts pieces times decimals integers units signs always has is was this its does says'.split(' ').map(stem));

/** 'the date', where no column is called so and only one holds dates. */
function theDate(tokens: readonly Token[], columns: readonly ColumnMention[], context: Context, put: Put): void {
  const name = onlyDate(context);
  if (name === null) return;
  tokens.forEach((t, i) => {
    if ((t.lower === 'date' || t.lower === 'dates') && !columns.some((c) => c.from <= i && c.to > i && c.cost < 0.3)) put('col', i, i + 1, name, 0.3);
    if (t.lower === 'day' && /^(?:by|on|each|per|every|which|the|same)$/.test(tokens[i - 1]?.lower ?? '') && !columns.some((c) => c.from <= i && c.to > i && c.cost < 0.3)) put('col', i, i + 1, name, 0.4);
  });
}

/** A code that stands inside the texts of only one column: 'the ones with E17'. */
function codesInside(tokens: readonly Token[], items: readonly Item[], context: Context, put: Put): void {
  tokens.forEach((t, i) => {
    if ((t.kind !== 'word' && t.kind !== 'quoted') || !/\d/.test(t.lower) || !/\p{L}/u.test(t.lower) || items.some((v) => v.cat === 'value' && v.from <= i && v.to > i)) return;
    const find = finder({ kind: 'words', words: [t.lower] });
    const found = context.head.columns.filter((c) => c.type === 'text' && sampleOf(c.name, context).some((v) => find(v).length > 0));
    if (found.length === 1) put('codeIn', i, i + 1, { column: found[0]!.name, text: t.text }, 0);
  });
}

/** How a word is written in a column's texts that has a stem: 'rose' where roses are spoken of. */
const wordOfStem = (wanted: string, column: string, context: Context): string => sampleOf(column, context).flatMap((v) => v.toLowerCase().match(/\p{L}+/gu) ?? []).find((w) => stem(w) === wanted) ?? wanted;

const KNOWN_VERBS = new Set('leave take make give keep put get come go say write sell buy find lose bring show call name need want look work send pay hold run tell'.split(' '));

/** A word that stands inside the texts of only one column, and is nothing else: 'Ilse's batches', 'who used shino'. */
function wordsInside(tokens: readonly Token[], columns: readonly ColumnMention[], items: readonly Item[], context: Context, put: Put): void {
  const { vocabulary } = context;
  tokens.forEach((t, i) => {
    if (t.kind !== 'word' || vocabulary.ownNouns.has(t.stem) || t.lower.length < (t.capital && t.from > 0 ? 3 : 4) || SMALL_WORDS.has(t.lower) || columns.some((c) => c.from <= i && c.to > i && c.cost < 0.4) || items.some((v) => (v.cat === 'value' || v.cat === 'codeIn') && v.from <= i && v.to > i)) return;
    // 'To Eastholm' is more than somewhere in a route.
    if (/^(?:to|from|via|towards)$/.test(tokens[i - 1]?.lower ?? '')) return;
    // The 'leave' of 'leave out' is no word of a note that says 'left'.
    if (!t.capital && KNOWN_VERBS.has(t.lower)) return;
    const word = t.lower.replace(/['’]s?$/, '');
    const own = vocabulary.inside.get(word);
    const held = own ?? vocabulary.inside.get(t.stem);
    if (held && held.size <= 3) for (const column of held) put('inside', i, i + 1, { column, text: own ? t.text.replace(/['’]s?$/, '') : wordOfStem(t.stem, column, context) }, (t.capital ? 0.1 : own ? 0.3 : 0.35) + (held.size > 1 ? 0.15 : 0));
  });
}

/** A column by its place: 'the second column', 'the last column'. */
function byPlace(tokens: readonly Token[], { head }: Context, put: Put): void {
  const places = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth', 'ninth', 'tenth'];
  tokens.forEach((t, i) => {
    if (tokens[i + 1]?.stem !== 'column') return;
    const at = t.lower === 'last' ? head.columns.length : /^\d+(?:st|nd|rd|th)$/.test(t.text) ? t.value : places.indexOf(t.lower) + 1;
    const column = head.columns[at - 1];
    if (column) put('col', i, i + 2, column.name, 0);
  });
}

/** Times of day: '20:30', 'noon', '8 pm', in minutes. */
function clocks(tokens: readonly Token[], request: string, put: Put): void {
  tokens.forEach((t, i) => {
    if (t.lower === 'noon' || t.lower === 'midday') put('clock', i, i + 1, 720, 0);
    if (t.lower === 'midnight') put('clock', i, i + 1, 0, 0);
    if (t.kind !== 'number') return;
    const [colon, min] = [tokens[i + 1], tokens[i + 2]];
    if ((colon?.lower === ':' || colon?.lower === '.') && min?.kind === 'number' && !min.spaced && /^\d{2}$/.test(min.text) && t.value < 24 && min.value < 60) {
      put('clock', i, i + 3, t.value * 60 + min.value, 0);
      if (colon.lower === ':') put('clockText', i, i + 3, request.slice(t.from, min.to), 0);
    }
    const half = tokens[i + 1]?.lower;
    if ((half === 'am' || half === 'pm') && t.value >= 1 && t.value <= 12) put('clock', i, i + 2, ((t.value % 12) + (half === 'pm' ? 12 : 0)) * 60, 0);
    // '8 in the morning', '6 in the evening'
    const part = half === 'in' && tokens[i + 2]?.lower === 'the' ? tokens[i + 3]?.lower : half === 'at' ? tokens[i + 2]?.lower : undefined;
    const late = part === undefined ? null : /^(?:afternoon|evening|night)$/.test(part) ? 12 : part === 'morning' ? 0 : null;
    if (late !== null && t.value >= 1 && t.value <= 12) put('clock', i, i + (half === 'in' ? 4 : 3), ((t.value % 12) + late) * 60, -0.1);
    if (half === "o'clock" && t.value < 24) put('clock', i, i + 2, t.value * 60, 0);
  });
}

/** A result shown without quotes: 'like Mill Hall (Arden)'. It holds values of two columns, and goes on to the end. */
function shownTexts(tokens: readonly Token[], request: string, values: readonly ValueMention[], put: Put): void {
  tokens.forEach((t, i) => {
    if (!/^(?:like|as|so|e\.?g\.?)$/.test(t.lower)) return;
    for (let from = i + 1; from <= i + 2 && from < tokens.length; from++) {
      const inside = values.filter((v) => v.from >= from && v.cost < 0.2 && tokens[v.from]!.kind !== 'quoted');
      if (!inside.some((v) => v.from === from) || new Set(inside.map((v) => v.column)).size < 2) continue;
      let to = tokens.length;
      while (to > from && /^[.!?;]$/.test(tokens[to - 1]!.lower)) to--;
      put('text', from, to, request.slice(tokens[from]!.from, tokens[to - 1]!.to), 0.1);
    }
  });
}

/** Numbers of several tokens: '5%', '€ 20', '- 3', 'two hundred', 'a dozen', 'half a', '10k'. */
function numbers(tokens: readonly Token[], put: Put): void {
  tokens.forEach((t, i) => {
    const next = tokens[i + 1], before = tokens[i - 1];
    if (!Number.isNaN(t.value) && next) {
      if (next.lower === '%' || next.lower === 'percent') put('pct', i, i + 2, t.value, 0);
      if (next.lower === 'per' && tokens[i + 2]?.lower === 'cent') put('pct', i, i + 3, t.value, 0);
      if (next.kind === 'word' && !next.spaced && /^(?:k|m|bn)$/.test(next.lower)) put('num', i, i + 2, t.value * ({ k: 1e3, m: 1e6, bn: 1e9 }[next.lower] ?? 1), 0);
      if (next.kind === 'word' && [100, 1000, 1e6, 12].includes(next.value) && t.value < next.value) put('num', i, i + 2, t.value * next.value, 0);
      if (t.kind === 'word' && next.kind === 'word' && t.value >= 20 && t.value < 100 && next.value > 0 && next.value < 10) put('num', i, i + 2, t.value + next.value, 0);
    }
    if (/^[€$£]$/.test(t.lower) && next?.kind === 'number') put('num', i, i + 2, next.value, 0);
    if ((t.lower === '-' || t.lower === 'minus') && next?.kind === 'number' && (before === undefined || before.kind !== 'number')) put('num', i, i + 2, -next.value, 0.2);
    if ((t.lower === 'a' || t.lower === 'an') && next && [12, 100, 1000, 1e6].includes(next.value)) put('num', i, i + 2, next.value, 0);
    if (/^(?:a|an|one)$/.test(t.lower) && next?.kind === 'word' && unitName(next.lower) && tokens[i + 2]?.lower === 'and' && /^an?$/.test(tokens[i + 3]?.lower ?? '') && tokens[i + 4]?.lower === 'half') put('num', i, i + 5, 1.5, 0);
    const part = { half: 50, third: 100 / 3, quarter: 25, fifth: 20, tenth: 10 }[next?.lower ?? ''];
    if (part !== undefined && /^(?:a|one)$/.test(t.lower) && tokens[i + 2]?.lower === 'of') put('pct', i, i + 2, part, 0);
    if (/^an?$/.test(t.lower) && next?.kind === 'word' && /^(?:hour|minute|day|week|month|year|kilo|tonne|ton|litre|liter|metre|meter|mile|hectare|dozen)$/.test(next.lower)) put('num', i, i + 1, 1, 0.15);
    if (t.lower === 'half' && (next?.lower === 'a' || next?.lower === 'an')) put('num', i, i + 2, 0.5, 0);
  });
}

/** Dates, months and ranges of dates. */
function dates(tokens: readonly Token[], put: Put): void {
  const iso = (time: number | null): string | null => (time === null ? null : writeDate(time, false));
  tokens.forEach((t, i) => {
    if (t.kind === 'date') {
      const date = readDate(t.lower);
      if (date) put('date', i, i + 1, writeDate(date.time, false), 0);
    }
    const month = t.kind === 'word' && (t.capital || t.lower.length > 4 || /^(?:19|20)\d\d$/.test(tokens[i + 1]?.text ?? '')) ? monthNumber(t.lower) : 0;
    if (month) {
      const before = tokens[i - 1], year = tokens[i + 1]?.lower === ',' ? tokens[i + 2] : tokens[i + 1];
      const y = year?.kind === 'number' && year.value >= 1900 && year.value <= 2200 ? year.value : null;
      const day = before && before.value >= 1 && before.value <= 31 ? before.value : null;
      if (y !== null) {
        put('period', i, i + 2, { from: iso(dateOf(y, month, 1)), to: iso(Date.UTC(y, month, 0)) } satisfies Record<string, string | null>, 0);
        if (day !== null) {
          const date = iso(dateOf(y, month, day));
          if (date) put('date', i - 1, i + 2, date, 0);
          // '10 to 21 March 2025', '1 March to 3 April 2025'
          const first = tokens[i - 3];
          if (first && first.value >= 1 && first.value <= 31 && /^(?:to|until|till|and|through|-|–)$/.test(tokens[i - 2]!.lower)) {
            const from = iso(dateOf(y, month, first.value));
            if (from && date) put('period', i - 3, i + 2, { from, to: date, range: true }, 0);
          }
        }
      }
      // '10 May to 10 June 2026', 'between 3 March and 2 April 2026': the year stands once
      if (y !== null && day !== null) {
        const at = [i - 2, i - 3].find((k) => /^(?:to|until|till|and|through|-|–)$/.test(tokens[k]?.lower ?? ''));
        const earlier = at === undefined ? undefined : tokens[at - 1], first = at === undefined ? undefined : tokens[at - 2];
        const m = earlier?.kind === 'word' ? monthNumber(earlier.lower) : 0;
        if (at !== undefined && at > 1 && m && first && first.value >= 1 && first.value <= 31) {
          const [a, b] = [iso(dateOf(y, m, first.value)), iso(dateOf(y, month, day))];
          if (a && b && a <= b) put('period', at - 2, i + 2, { from: a, to: b, range: true } satisfies Period, -0.1);
        }
      }
      // 'from the 1st to the 15th of March 2026', '1-15 March 2026'
      const of = before?.lower === 'of' ? i - 2 : i - 1;
      const last = tokens[of], joint = tokens[of - 1]?.lower === 'the' ? of - 2 : of - 1;
      if (y !== null && last && last.value >= 1 && last.value <= 31 && /^(?:to|until|till|and|through|-|–)$/.test(tokens[joint]?.lower ?? '')) {
        const start = tokens[joint - 1];
        const [a, b] = [start && start.value >= 1 && start.value <= 31 ? iso(dateOf(y, month, start.value)) : null, iso(dateOf(y, month, last.value))];
        if (a && b && a <= b) put('period', joint - 1, i + 2, { from: a, to: b, range: true }, 0);
      }
      // 'From the 7th to the 10th of April': of whatever year
      if (y === null && last && last.value >= 1 && last.value <= 31 && /^(?:to|until|till|through|-|–)$/.test(tokens[joint]?.lower ?? '')) {
        const start = tokens[joint - 1]?.value ?? NaN;
        if (Number.isInteger(start) && start >= 1 && start <= last.value) put('period', joint - 1, i + 1, { from: '', to: '', month, days: [start, last.value], range: true } satisfies Period, -0.1);
      }
      if (y !== null && before?.lower === 'of' && last && last.value >= 1 && last.value <= 31) {
        const date = iso(dateOf(y, month, last.value));
        if (date) put('date', of, i + 2, date, 0);
      }
      const after = tokens[i + 1];
      if (after && after.value >= 1 && after.value <= 31 && tokens[i + 2]?.lower === ',' && tokens[i + 3]?.kind === 'number') {
        const date = iso(dateOf(tokens[i + 3]!.value, month, after.value));
        if (date) put('date', i, i + 4, date, 0);
      }
      put('period', i, i + 1, { from: '', to: '', month } satisfies Period, 0.1);
      // '3 June', 'June 3': a day of whatever year.
      const ofDay = y === null && before?.lower === 'of' && tokens[i - 2]!.value >= 1 && tokens[i - 2]!.value <= 31 ? tokens[i - 2]!.value : null;
      if (ofDay !== null) put('period', i - 2, i + 1, { from: '', to: '', month, day: ofDay } satisfies Period, 0);
      if (y === null && day !== null) put('period', i - 1, i + 1, { from: '', to: '', month, day } satisfies Period, 0);
      if (y === null && day === null && after && after.value >= 1 && after.value <= 31 && tokens[i + 2]?.kind !== 'number') put('period', i, i + 2, { from: '', to: '', month, day: after.value } satisfies Period, 0.05);
    }
    if (t.lower === 'half' && tokens[i + 1]?.lower === 'of' && /^(?:first|second|1st|2nd)$/.test(tokens[i - 1]?.lower ?? '')) {
      const m = monthNumber(tokens[i + 2]?.lower ?? ''), y = Number(tokens[i + 3]?.text), first = /^(?:first|1st)$/.test(tokens[i - 1]!.lower);
      if (m > 0 && y >= 1900 && y <= 2200) put('period', i - 1, i + 4, { from: iso(dateOf(y, m, first ? 1 : 16)), to: first ? iso(dateOf(y, m, 15)) : iso(Date.UTC(y, m, 0)) }, -0.1);
      else if (m > 0) put('period', i - 1, i + 3, { from: '', to: '', month: m, days: first ? [1, 15] : [16, 31] } satisfies Period, -0.1);
    }
    if (/^(?:end|start|beginning)$/.test(t.lower) && tokens[i + 1]?.lower === 'of' && /^(?:19|20)\d\d$/.test(tokens[i + 2]?.text ?? '')) put('date', i, i + 3, `${tokens[i + 2]!.text}-${t.lower === 'end' ? '12-31' : '01-01'}`, 0);
    // 'The end of February 2025'
    if (/^(?:end|start|beginning)$/.test(t.lower) && tokens[i + 1]?.lower === 'of' && /^(?:19|20)\d\d$/.test(tokens[i + 3]?.text ?? '')) {
      const month = monthNumber(tokens[i + 2]!.lower), year = Number(tokens[i + 3]!.text);
      const date = month === 0 ? null : iso(Date.UTC(year, t.lower === 'end' ? month : month - 1, t.lower === 'end' ? 0 : 1));
      if (date) put('date', i, i + 4, date, 0);
    }
    // 'The first quarter of 2026', 'Q1 2026'
    const quarter = /^q([1-4])$/.exec(t.lower)?.[1] ?? (tokens[i + 1]?.lower === 'quarter' ? { first: '1', second: '2', third: '3', fourth: '4', last: '4', '1st': '1', '2nd': '2', '3rd': '3', '4th': '4' }[t.lower] : undefined);
    if (quarter !== undefined) {
      const behind = t.lower.startsWith('q') ? i + 1 : i + 2;
      const of = /^(?:of|in|,)$/.test(tokens[behind]?.lower ?? '') ? behind + 1 : behind;
      const year = tokens[of];
      if (year && /^(?:19|20)\d\d$/.test(year.text)) put('period', i, of + 1, { from: `${year.text}-${String(3 * Number(quarter) - 2).padStart(2, '0')}-01`, to: iso(Date.UTC(Number(year.text), 3 * Number(quarter), 0))! } satisfies Period, 0);
    }
    if (t.kind === 'number' && /^(?:19|20)\d\d$/.test(t.text)) put('period', i, i + 1, { from: `${t.text}-01-01`, to: `${t.text}-12-31` } satisfies Period, 0.3);
  });
}

/** Verbs that begin another thing to do: 'rename it to Status and put it first'. */
const VERBS = new Set('put make move drop add remove sort keep call rename round set leave delete show give take then split replace fill turn change convert place bring throw trim'.split(' '));

/** Words that begin what is asked for, and no name. */
const NOT_LED = /^(?:shorten|abbreviate|simplify|reformat|rewrite|rearrange|write|swap|flip|strip|trim|extract|pull|fish|break|cut|join|combine|merge|glue|standardise|standardize|unify|normalise|normalize|fix|correct|mask|hide|extend|lowercase|uppercase|capitalise|capitalize|take|grab|what|which|who|how|check|verify|ensure|test|compare|calculate|compute|work|let|see|find|tell|is|are|does|do|did|has|have|number|label|mark|grade|classify|count|add|split|sort|make|put|turn|convert|remove|delete|drop|keep|show|give|take|get|rank|fill|replace|round|words|tidy|clean|change|rename|move|in|for|from|with|of|each|every|all|this|that|it|there|here|i|we|they|where|if|when)$/;

/** Spans that could be the name of a new column: words with capitals are likelier than others. */
function newNames(tokens: readonly Token[], request: string, columns: readonly ColumnMention[], put: Put): void {
  const exact = new Set(columns.filter((c) => c.cost < 0.1).map((c) => `${c.from}-${c.to}`));
  // 'Earnings so far = ...', 'calculate the yield per hive: ...': what stands before the mark is all of the name.
  const mark = tokens.findIndex((t) => t.lower === '=' || t.lower === ':');
  const percent = (t: Token): boolean => t.lower === '%' && mark > 0 && (tokens[mark]!.lower === '=' || tokens[mark - 1] === t);
  const verb = /^(?:calculate|compute|determine|derive|add)$/.test(tokens[0]?.lower ?? '') ? 1 : 0;
  const start = verb + (/^(?:the|a|an)$/.test(tokens[verb]?.lower ?? '') ? 1 : 0);
  if (mark > start + 1 && mark <= start + 6 && (verb === 1 || tokens[mark]!.lower === '=') && tokens.slice(start, mark).every((t) => (t.kind === 'word' && !['column', 'columns', 'field', 'fields', 'new', 'called', 'named'].some((w) => t.lower === w || (w.length > 5 && typingDistance(t.lower, w, 1) <= 1))) || t.kind === 'number' || percent(t)) && !NOT_LED.test(tokens[start]!.lower)) put('name', start, mark, request.slice(tokens[start]!.from, tokens[mark - 1]!.to).trim(), 0.05);
  // 'Cost per kilo of body weight: ...': what stands before a colon is the name of what comes after it.
  if (verb === 0 && mark > start + 5 && mark <= start + 8 && tokens[mark]!.lower === ':' && tokens.slice(start, mark).every((t) => t.kind === 'word' && !VERBS.has(t.lower) && !/^(?:please|pls|columns?|fields?|new|things?|go)$/.test(t.lower)) && !NOT_LED.test(tokens[start]!.lower)) put('name', start, mark, request.slice(tokens[start]!.from, tokens[mark - 1]!.to).trim(), 0.3);
  // 'Calculate earned per hour as charged minus cost': so is what stands before 'as'.
  const as = tokens.findIndex((t) => t.lower === 'as');
  if (/^(?:calculate|compute|determine|derive|define)$/.test(tokens[0]?.lower ?? '') && as > start + 1 && as <= start + 6 && tokens.slice(start, as).every((t) => t.kind === 'word') && !/^(?:column|field|new|it|this|that)$/.test(tokens[start]!.lower)) put('name', start, as, request.slice(tokens[start]!.from, tokens[as - 1]!.to).trim(), 0.05);
  for (let from = 0; from < tokens.length; from++) {
    const first = tokens[from]!;
    if (first.kind === 'quoted' || first.kind === 'column') {
      put('name', from, from + 1, first.lower, 0);
      put('properName', from, from + 1, first.lower, 0);
      continue;
    }
    if (first.kind !== 'word' || (!first.capital && /^(?:into|to|in|as|from|of|for|per|before|after|since|until|with|and|or|by|is|are|called|named|at|on|the|a|an|which|that|it|put|call|name|give|make|add|set|keep|drop|leave|get|write|show|only|just|no|not|please|another|one|own|its|their|his|her|my|our|separate|single|each|every|other|both|what|whatever|where|when|if|then|new|this|that|these|those|two|three|four)$/.test(first.lower)) || (first.capital && from > 0 && /^[.!?]$/.test(tokens[from - 1]!.lower) && /^(?:make|put|call|give|add|set|keep|drop|leave|get|write|show|i|it|its|they|there|these|those|this|that|we|you|he|she|please|the|a|an|and|so|if|when|where|could|would|can|some|all|on|in)$/.test(first.lower)) || (first.lower === 'i' && from > 0 && /^(?:want|need|would|have|like)$/.test(tokens[from + 1]?.lower ?? ''))) continue;
    // A name is no word that only opens what is said, nor a mark by which something is cut.
    if (/^(?:sorry|oh|okay|ok|yes|nope|thanks|hello|hi)$/.test(first.lower) || (!first.capital && /^(?:comma|commas|slash|slashes|semicolon|semicolons|hyphen|hyphens)$/.test(first.lower))) continue;
    if (tokens[from - 1]?.lower === 'how' && /^(?:long|much|many|far|old|often|big|high|late)$/.test(first.lower)) continue;
    if (/^(?:some|any|most|few|several|others|all|none|many)$/.test(first.lower)) continue;
    // 'In English' is no name.
    if (/^(?:english|french|german|words|full)$/.test(first.lower) && tokens[from - 1]?.lower === 'in') continue;
    // A mistyped 'column' or 'called' before a name is not part of it.
    if (!first.capital && ['column', 'columns', 'called', 'named'].some((w) => first.lower !== w && typingDistance(first.lower, w, 1) <= 1)) continue;
    let cost = 0.1;
    for (let to = from + 1; to <= Math.min(tokens.length, from + 5); to++) {
      const t = tokens[to - 1]!;
      if (t.kind !== 'word' && t.kind !== 'number') break;
      // A capital at the start of the request says nothing.
      const capital = t.capital && t.from > 0;
      if (/^(?:the|a|an|is|are|which|that|column|field|new|to|from|in|it|and|with|for|called|named)$/.test(t.lower) && !capital) cost += 0.8;
      // A name does not hold the joints of a sentence, and does not end in a preposition, unless all ends there: 'to Finished on'.
      if (!capital && /^(?:out|off)$/.test(t.lower) && /^(?:of|from)$/.test(tokens[to]?.lower ?? '')) break;
      if (!capital && /^(?:blank|empty|nothing|new|what|which|how|who|why|if|where|otherwise|than|by|divided|times|minus|plus|should|must|be|was|were|has|have|had|i|we|you|they|when|so|but|not|never|shall|containing|holding|grouped|then)$/.test(t.lower)) break;
      if (to > from + 1 && !capital && /^(?:joining|combining|containing|holding|showing|giving|saying|counting|adding|using|weighted|rounded|divided|multiplied|calculated|computed|made|built|taking|telling|based|depending|going)$/.test(t.lower)) break;
      if (to > from + 1 && !capital && (t.lower === 'under' || (t.lower.length > 5 && ['column', 'columns'].some((w) => t.lower !== w && typingDistance(t.lower, w, 1) <= 1)))) break;
      if (/n['’]t$/.test(t.lower) || (to > from + 1 && !capital && /^(?:called|named)$/.test(t.lower))) break;
      if (/^(?:please|pls|thanks|thank|kindly|into)$/.test(t.lower) && !capital) break;
      if (to === from + 1 && !capital && /^(?:percent|percentage|number|numbers|figure|figures)$/.test(t.lower) && /^(?:with|of|and|between|to|from|without|in|)$/.test(tokens[to]?.lower ?? '')) break;
      if (t.lower === 'as' && /^(?:a|an|the|numbers?|text|dates?)$/.test(tokens[to]?.lower ?? '')) break;
      if (/^(?:and|then)$/.test(t.lower) && VERBS.has(tokens[to]?.lower ?? '')) break;
      if (/^(?:each|every|another)$/.test(t.lower) && to > from) cost += 0.6;
      if (t.lower === 'per' && !capital) cost += 0.5;
      cost += capital ? 0.03 : t.kind === 'number' ? 0.25 : 0.45;
      const ends = (to === tokens.length || (/^[,.;]$/.test(tokens[to]!.lower) && /^(?:column|called|named)$/.test(tokens[from - 1]?.lower ?? ''))) && to > from + 1 && (first.capital ? first.from > 0 : /(?:ed|en|nt|ne|due)$/.test(tokens[to - 2]!.lower)) && /^(?:on|by|at|in|from|for|to|with)$/.test(t.lower);
      if (/^(?:of|from|in|on|to|with|for|and|or|the|a|an|is|are|which|that|as|it|per)$/.test(t.lower) && to > from + 1 && !ends) continue;
      if (ends) cost -= 0.55;
      if (to === from + 1 && !capital && (/^(?:them|they|it|us|rows?|lines?|everything|date only|something)$/.test(t.lower) || (/^(?:letters|digits|date|time)$/.test(t.lower) && /^(?:in|into|only)$/.test(tokens[to]?.lower ?? '')))) continue;
      if (to === from + 1 && !capital && /^(?:word|words|number|numbers|text|figure|figures|percent|percentage|date|dates|name|result)$/.test(t.lower)) continue;
      // What stands before an equals sign or a colon is all of the name; a name is not torn out of several words with capitals.
      const led = (from === 0 || /^[.,;(]$/.test(tokens[from - 1]!.lower)) && (/^[=:]$/.test(tokens[to]?.lower ?? '') || (tokens[to]?.lower === 'is' && first.capital)) && !NOT_LED.test(first.lower);
      if (/^(?:first|second|third|last)$/.test(first.lower) && !first.capital && /^(?:part|word|piece|one|bit|half)s?$/.test(tokens[from + 1]?.lower ?? '')) cost += 0.5;
      if (to === from + 1 && capital && /^names?$/.test(tokens[to]?.lower ?? '')) cost += 0.4;
      // A name of several words hardly stops before the end of what is said.
      if (to > from + 1 && first.capital && first.from > 0 && (to === tokens.length || /^[.;,)]$/.test(tokens[to]!.lower))) cost -= 0.3;
      const torn = (tokens[from - 1]?.kind === 'word' && tokens[from - 1]!.capital && first.capital && first.from > 0 && from > 1 ? 0.5 : 0) + (tokens[to]?.kind === 'word' && tokens[to]!.capital && capital ? 0.3 : 0);
      // 'A column Against village': a name that goes on with a column's is not cut before it.
      const goesOn = first.capital && first.from > 0 && !led && tokens[to]?.kind === 'word' && !tokens[to]!.capital && columns.some((c) => c.from === to && c.cost < 0.1) ? 0.6 : 0;
      const price = (led ? Math.min(cost, 0.05) : cost + torn + goesOn) + (exact.has(`${from}-${to}`) ? 0.5 : 0);
      if ((led || (first.capital && first.from > 0)) && !/^\p{Lu}\d+$/u.test(first.text)) put('properName', from, to, request.slice(first.from, t.to).replace(/\s+/g, ' '), price);
      put('name', from, to, request.slice(first.from, t.to).replace(/\s+/g, ' '), price);
    }
  }
}

/** Spans that fit two or more columns equally well: 'both visitor columns'. */
function families(columns: readonly ColumnMention[]): { from: number; to: number; columns: string[]; cost: number }[] {
  const spans = new Map<string, ColumnMention[]>();
  for (const m of columns) (spans.get(`${m.from}-${m.to}`) ?? spans.set(`${m.from}-${m.to}`, []).get(`${m.from}-${m.to}`)!).push(m);
  return [...spans.values()].flatMap((list) => {
    const best = Math.min(...list.map((m) => m.cost));
    const alike = list.filter((m) => m.cost <= best + 0.11);
    return alike.length > 1 ? [{ from: list[0]!.from, to: list[0]!.to, columns: alike.map((m) => m.column), cost: best }] : [];
  });
}
