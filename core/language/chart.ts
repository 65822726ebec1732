import { CLASSES, FILLERS, LIGHT } from './lexicon/classes';
import { forgiven, typingDistance } from '../match/typing';
import { WEIGHTS } from './weights';
import { stem, type Token } from './words';

/** Something understood over tokens `from` to `to` (excluded). Lower cost is likelier. */
export interface Item {
  readonly cat: string;
  readonly from: number;
  readonly to: number;
  readonly value: unknown;
  readonly cost: number;
}

/** What a rule found in its slots, by their labels. */
// eslint-disable-next-line @typescript-eslint/no-explicit-any
export type Slots = Record<string, any>;

/** A typed rule: a pattern over words and mentions, and what it builds (null: it does not hold after all). */
export interface Rule {
  readonly cat: string;
  readonly elements: readonly Element[];
  readonly build: (slots: Slots, context: unknown) => unknown;
  readonly cost: number;
}

/** One of the things that may stand at a place of a rule. */
interface Way {
  readonly cat: string;
  readonly label: string | null;
  /** Must follow at once: nothing may be passed over before it. */
  readonly tight: boolean;
}

/** A place of a rule. */
interface Element {
  readonly ways: readonly Way[];
  /** How many places may be left out from here: this one, where it is optional, or all of a group that begins here. */
  readonly skips: readonly number[];
}

const literalWords = new Map<string, string[]>();

/**
 * A rule from a pattern. `~class` is a class of phrases, `$cat` or `$cat:label` a mention or another rule's result (`$word` alone any word, whatever it says),
 * `a|b` one of these, `^` what must follow at once, `?` makes the piece before it optional, `(…)?` a group.
 */
export function rule(cat: string, pattern: string, build: (slots: Slots, context: never) => unknown, cost = 0.1): Rule[] {
  return [{ cat, elements: parsePattern(pattern), build: build as Rule['build'], cost }];
}

let listed = 0;

/** A piece of a pattern for any of some phrases of one or more words, divided by strokes: a class of words without a name. */
export function oneOf(phrases: string): string {
  const piece = `@${listed++}`;
  literalWords.set(`=${piece}`, phrases.split('|').map((p) => p.trim()).filter((p) => p !== ''));
  return piece;
}

/** A part of what is said in any order: its patterns, each with the value it gives and its price. */
export type Part = readonly (readonly [pattern: string, value: (slots: Slots, context: never) => unknown, cost?: number])[];

/**
 * Rules for what may be said in any order: each part at most once, a comma between them or none. `build` gets the values
 * of the parts that were said, and gives null where that is not enough.
 */
export function anyOrder(cat: string, parts: Readonly<Record<string, Part>>, build: (said: Slots, context: never) => unknown, cost = 0.1): Rule[] {
  const [part, some] = [`${cat}-part`, `${cat}-parts`];
  return [
    ...Object.entries(parts).flatMap(([name, ways]) => ways.flatMap(([pattern, value, price]) => rule(part, pattern, (slots, x) => { const v = value(slots, x); return v === null || v === undefined ? null : { [name]: v }; }, price ?? 0))),
    ...rule(some, `$${part}:a`, ({ a }) => a, 0),
    ...rule(some, `$${part}:a $${some}:b`, ({ a, b }) => (Object.keys(a as object).some((k) => k in (b as object)) ? null : { ...a, ...b }), 0),
    ...rule(cat, `$${some}:p`, ({ p }, x) => build(p as Slots, x), cost),
  ];
}

function parsePattern(pattern: string): Element[] {
  const pieces = pattern.match(/\(|\)\??|[^\s()]+/g) ?? [];
  const stack: Element[][] = [[]];
  for (const piece of pieces) {
    if (piece === '(') stack.push([]);
    else if (piece.startsWith(')')) {
      const [first, ...rest] = stack.pop()!;
      stack.at(-1)!.push(piece.endsWith('?') ? { ...first!, skips: [...first!.skips, rest.length + 1] } : first!, ...rest);
    } else {
      const optional = piece.length > 1 && piece.endsWith('?');
      const bare = optional ? piece.slice(0, -1) : piece;
      stack.at(-1)!.push({ ways: /[~$]/.test(bare) ? bare.split('|').map(wayOf) : [wayOf(bare)], skips: optional ? [1] : [] });
    }
  }
  return stack[0]!;
}

function wayOf(given: string): Way {
  const tight = given.startsWith('^');
  const piece = tight ? given.slice(1) : given;
  if (piece.startsWith('$')) {
    const [cat, label] = piece.slice(1).split(':');
    // A word that nobody asks for again is not read: it must be no word that says which rows.
    return { cat: cat === 'word' && label === undefined ? 'anyWord' : cat!, label: label ?? cat!, tight };
  }
  if (piece.startsWith('~')) {
    if (!(piece.slice(1) in CLASSES)) throw new Error(`No class ${piece}`);
    return { cat: piece, label: null, tight };
  }
  if (!piece.startsWith('@')) literalWords.set(`=${piece}`, piece.split('|').filter((w) => w !== ''));
  return { cat: `=${piece}`, label: null, tight };
}

/** The places that a rule may go on with from one of them, what may be left out being left out or not; its length where it may end there. */
function reachable(elements: readonly Element[], from: number, out: Set<number> = new Set()): ReadonlySet<number> {
  if (out.has(from)) return out;
  out.add(from);
  for (const n of elements[from]?.skips ?? []) reachable(elements, from + n, out);
  return out;
}

/** The places of a rule that nothing leaves out. */
function needed(elements: readonly Element[]): Element[] {
  const free = new Set<number>();
  elements.forEach((e, from) => { for (const n of e.skips) for (let k = from; k < from + n; k++) free.add(k); });
  return elements.filter((_e, k) => !free.has(k));
}

const isWords = (cat: string): boolean => cat.charCodeAt(0) === 126 || cat.charCodeAt(0) === 61;

interface TrieNode {
  next: Map<string, TrieNode> | null;
  /** The categories of the phrases that end here, with their numbers. */
  readonly ends: { readonly cat: string; readonly n: number }[];
}

/** All rules with an index over them, and the phrases of their classes. */
export class Grammar {
  /** Rules for which no words must be said, by the number of what they begin with. */
  private readonly free: Ready[][];
  /** The others by the number of the rarest words that must be said; behind all words, those that need one of several. */
  private readonly byRarest: Ready[][];
  /** What is asked for in any request, by its number. */
  private readonly always: Uint8Array;
  private readonly numbers = new Map<string, number>();
  private readonly trie: TrieNode = { next: null, ends: [] };
  private readonly byResult = new Map<string, Rule[]>();
  private readonly first = new Map<string, Set<string>>();
  private readonly vocabulary = new Set<string>();
  private readonly alternates = new Map<string, readonly (readonly [string, number])[]>();

  constructor(rules: readonly Rule[]) {
    const said = new Map<string, number>();
    for (const r of rules) for (const e of r.elements) for (const { cat } of e.ways) {
      if (!this.numbers.has(cat)) this.numbers.set(cat, this.numbers.size);
      if (isWords(cat)) said.set(cat, (said.get(cat) ?? 0) + 1);
    }
    for (const { cat } of rules) if (!this.numbers.has(cat)) this.numbers.set(cat, this.numbers.size);
    // Words of a pattern have no name by which anybody but their rules could ask for them.
    this.always = Uint8Array.from(this.numbers.keys(), (cat) => Number(!cat.startsWith('=')));
    this.byRarest = Array.from({ length: this.numbers.size + 1 }, () => []);
    this.free = Array.from(this.numbers, () => []);
    let order = 0;
    const often = (e: Element): number => e.ways.reduce((sum, { cat }) => sum + said.get(cat)!, 0);
    for (const r of rules) {
      const entries = reachable(r.elements, 0);
      if (entries.has(r.elements.length)) throw new Error(`A rule for ${r.cat} may say nothing`);
      const literal = needed(r.elements).filter((e) => e.ways.every(({ cat }) => isWords(cat))).sort((a, b) => often(a) - often(b)).map((e) => e.ways.map(({ cat }) => this.numbers.get(cat)!));
      const words = Int32Array.from(literal.filter((n) => n.length === 1).flat()), oneOfWords = literal.filter((n) => n.length > 1);
      const takes = Int32Array.from(new Set(r.elements.flatMap((e) => e.ways.map(({ cat }) => this.numbers.get(cat)!))));
      if (literal.length === 0) for (const n of takes) this.always[n] = 1;
      const places = r.elements.map((e): Place => ({ ways: e.ways.map((w) => ({ ...w, n: this.numbers.get(w.cat)! })), skips: e.skips }));
      for (const entry of entries) {
        const behind = [...reachable(r.elements, entry + 1)];
        const next = Int32Array.from(behind.flatMap((k) => r.elements[k]?.ways ?? []), ({ cat, tight }) => this.numbers.get(cat)! * 2 + Number(tight));
        for (const way of r.elements[entry]!.ways) {
          const first = this.numbers.get(way.cat)!;
          (literal.length === 0 ? this.free[first]! : this.byRarest[words[0] ?? this.numbers.size]!).push({ rule: r, order: order++, first, takes, result: this.numbers.get(r.cat)!, places, entry, label: way.label, words, oneOfWords, next, ends: behind.includes(r.elements.length) });
        }
      }
      (this.byResult.get(r.cat) ?? this.byResult.set(r.cat, []).get(r.cat)!).push(r);
    }
    for (const cat of this.numbers.keys()) {
      if (cat.startsWith('~')) for (const phrase of CLASSES[cat.slice(1)]!.split('|')) this.addPhrase(phrase, cat);
      if (cat.startsWith('=')) for (const w of literalWords.get(cat)!) this.addPhrase(w, cat);
    }
    for (const w of [...FILLERS, ...LIGHT]) this.vocabulary.add(stem(w));
  }

  private addPhrase(phrase: string, cat: string): void {
    let node = this.trie;
    for (const w of /^[a-z]+(?: [a-z]+)*$/.test(phrase) ? phrase.split(' ') : phrase.match(/<=|>=|=?[\p{L}\p{N}'’&-]+(?:\.[\p{L}]\.)?|[^\s]/gu) ?? []) {
      const key = /^\p{L}/u.test(w) ? stem(w) : w;
      this.vocabulary.add(key);
      node.next ??= new Map();
      let next = node.next.get(key);
      if (!next) node.next.set(key, (next = { next: null, ends: [] }));
      node = next;
    }
    if (!node.ends.some((e) => e.cat === cat)) node.ends.push({ cat, n: this.numbers.get(cat)! });
  }

  /** Known words that a word may be a mistyping of. */
  private alternatesOf(token: Token): readonly (readonly [string, number])[] {
    const key = token.stem;
    const exact: readonly (readonly [string, number])[] = token.kind === 'word' ? [[key, 0], [`=${token.lower}`, 0]] : [[token.lower, 0]];
    if (token.kind !== 'word' || this.vocabulary.has(key) || token.lower.length < 5) return exact;
    const known = this.alternates.get(token.lower);
    if (known) return known;
    const out: (readonly [string, number])[] = [...exact];
    for (const w of this.vocabulary) {
      if (w.length < 4 || Math.abs(w.length - key.length) > 2) continue;
      const d = typingDistance(key, w, forgiven(Math.min(token.lower.length, key.length + 1)));
      if (d !== Infinity && w[0] === key[0]) out.push([w, d]);
    }
    if (this.alternates.size > 5_000) this.alternates.clear();
    this.alternates.set(token.lower, out);
    return out;
  }

  /** What a category can begin with, of columns, values and words. */
  beginnings(cat: string): ReadonlySet<string> {
    const known = this.first.get(cat);
    if (known) return known;
    const out = new Set<string>();
    this.first.set(cat, out);
    if (!cat.startsWith('~') && !cat.startsWith('=')) for (const r of this.byResult.get(cat) ?? []) for (const k of reachable(r.elements, 0)) for (const way of r.elements[k]!.ways) for (const t of this.beginnings(way.cat)) out.add(t);
    if (cat === 'col' || cat === 'value') out.add(`$${cat}`);
    if (cat.startsWith('~') || cat.startsWith('=')) out.add(cat);
    return out;
  }

  /** Is the word one of the grammar's own? */
  knows(token: Token): boolean {
    return this.vocabulary.has(token.stem);
  }

  /** Every phrase of a class, and every word of a pattern, that stands in the request. */
  private phrases(tokens: readonly Token[], closed: ReadonlySet<number>): Seed[] {
    const out: Seed[] = [];
    const step = (node: TrieNode, from: number, at: number, cost: number): void => {
      if (at > from) for (const { cat, n } of node.ends) out.push({ cat, n, from, to: at, value: null, cost: cost - WEIGHTS.phraseWord * (at - from - 1) });
      if (node.next === null || at >= tokens.length || tokens[at]!.kind === 'quoted' || tokens[at]!.kind === 'column') return;
      for (const [key, price] of closed.has(at) ? [[tokens[at]!.stem, 0] as const, [`=${tokens[at]!.lower}`, 0] as const] : this.alternatesOf(tokens[at]!)) {
        const next = node.next.get(key);
        if (next) step(next, from, at + 1, cost + (price === 0 ? 0 : WEIGHTS.mistyped + WEIGHTS.mistake * price));
      }
    };
    for (let from = 0; from < tokens.length; from++) step(this.trie, from, from, 0);
    return out;
  }

  /**
   * The rules that hold if they find their places, by the number of what they begin with: those whose words all stand in the request (or `all`); and what
   * is asked for, by its number: what their places take, and all that has a name.
   */
  private usable(phrases: readonly Seed[], all: boolean): { readonly begun: (cat: number) => readonly Ready[]; readonly asked: Uint8Array } {
    const present = new Uint8Array(this.numbers.size), asked = Uint8Array.from(this.always), begun = new Map<number, Ready[]>();
    const take = (r: Ready): void => {
      for (let k = 0; k < r.takes.length; k++) asked[r.takes[k]!] = 1;
      const list = begun.get(r.first);
      if (list) list.push(r);
      else begun.set(r.first, [r]);
    };
    const said: number[] = [];
    for (const { n } of phrases) if (!present[n]) { present[n] = 1; said.push(n); }
    const stands = (n: number): boolean => present[n] === 1;
    if (all) this.byRarest.forEach((rules) => rules.forEach(take));
    else for (const n of [...said, this.numbers.size]) for (const r of this.byRarest[n]!) if (r.words.every(stands) && r.oneOfWords.every((ways) => ways.some(stands))) take(r);
    const merged = new Map<number, readonly Ready[]>();
    return {
      begun: (cat) => {
        let list = merged.get(cat);
        if (!list) merged.set(cat, (list = [...this.free[cat]!, ...(begun.get(cat) ?? [])].sort((a, b) => a.order - b.order)));
        return list;
      },
      asked,
    };
  }

  /**
   * All items that rules and mentions give, by where they start and their category. Bottom-up from the right: at each
   * place, all that can follow is complete. Each category keeps the cheapest few readings of a span. `closed` are the
   * tokens that must not be taken for mistypings. `awaited` is told what rules that reach the end of the request wait for.
   */
  parse(tokens: readonly Token[], mentions: readonly Item[], context: unknown, closed: ReadonlySet<number>, awaited?: (cat: string, cost: number) => void): Chart {
    // By the number of a category; which there are stands beside.
    const cells = tokens.map(() => new Array<Seed[] | undefined>(this.numbers.size).fill(undefined)), filled: number[][] = tokens.map(() => []);
    const shouted = tokens.every((t) => t.text === t.text.toUpperCase());
    const skips = tokens.map((t, i) => (says(tokens, i) ? LOST : isSecondPronoun(tokens, i) ? PASSED : skipCost(t, shouted)));
    const seeds: Seed[][] = tokens.map(() => []);
    // Where the full name of a column of several words begins, and where it ends: 'brought' is the beginning of ‹Brought in›.
    const named = new Map<number, number>();
    for (const m of mentions) if (m.cat === 'col' && m.cost < 0.05 && m.to > m.from + 1) named.set(m.from, Math.max(m.to, named.get(m.from) ?? 0));
    // The 'no' of ‹Return no› denies nothing.
    const whole = mentions.filter((m) => m.cat === 'col' && m.cost < 0.05 && m.to > m.from + 1 && typeof m.value === 'string' && m.value.split(/[\s/_-]+/).length >= m.to - m.from);
    const inside = new Set(whole.flatMap((m) => Array.from({ length: m.to - m.from - 1 }, (_, k) => m.from + 1 + k)));
    const phrases = this.phrases(tokens, closed).map((p) => (p.to <= (named.get(p.from) ?? 0) ? { ...p, cost: p.cost + WEIGHTS.torn } : inside.has(p.from) ? { ...p, cost: p.cost + WEIGHTS.tornInside } : p));
    const { begun, asked } = this.usable(phrases, awaited !== undefined);
    // What no rule asks for is not kept.
    for (const item of mentions) { const n = this.numbers.get(item.cat); if (n !== undefined) seeds[item.from]!.push({ ...item, n }); }
    for (const item of phrases) if (asked[item.n]) seeds[item.from]!.push(item);
    // What stands within reach of a place: a rule that needs something else next cannot go on there.
    const reach: Uint8Array[] = [];
    const reachOf = (at: number): Uint8Array => {
      let known = reach[at];
      if (known) return known;
      // By the doubled number of a category: within reach, and behind that: next to the place.
      known = reach[at] = new Uint8Array(this.numbers.size * 2);
      for (let s = at, price = 0; s < tokens.length && s <= at + 4; s++) {
        for (const n of filled[s]!) {
          known[n * 2] = 1;
          if (s === at) known[n * 2 + 1] = 1;
        }
        if (skips[s]!.lost || (price += skips[s]!.inner) > MOST_PASSED) break;
      }
      return known;
    };
    const going: (readonly Ready[] | undefined)[][] = [];
    const rulesFor = (cat: number, at: number): readonly Ready[] => {
      const all = begun(cat);
      if (awaited || all.length === 0) return all;
      const own = (going[at] ??= new Array<readonly Ready[] | undefined>(this.numbers.size).fill(undefined));
      let list = own[cat];
      if (!list) {
        const near = reachOf(at), on: Ready[] = [];
        for (const r of all) {
          let k = 0;
          while (k < r.next.length && !near[r.next[k]!]) k++;
          if (r.ends || k < r.next.length) on.push(r);
        }
        own[cat] = list = on;
      }
      return list;
    };
    let work = 0;
    const add = (n: number, cat: string, from: number, to: number, value: unknown, cost: number, agenda: Seed[]): void => {
      let list = cells[from]![n];
      if (!list) {
        list = cells[from]![n] = [];
        filled[from]!.push(n);
      }
      work++;
      // Most items stand alone where they end: what tells them apart is asked for where two meet.
      let key: string | null = null;
      let same = -1, worst = -1, ending = 0;
      for (let i = 0; i < list.length && same < 0; i++) {
        const other = list[i]!;
        if (other.to !== to) continue;
        if (key === null) work += (key = keyOf(value)).length >> 4;
        if (keyOf(other.value) === key) same = i;
        ending++;
        if (worst < 0 || other.cost > list[worst]!.cost) worst = i;
      }
      if (same >= 0) {
        if (list[same]!.cost <= cost + 1e-9) return;
        list.splice(same, 1);
      } else if (ending >= (cat === 'rider' ? MOST_RIDERS : BEAM)) {
        if (list[worst]!.cost <= cost) return;
        list.splice(worst, 1);
      }
      const item: Seed = { cat, from, to, value, cost, n };
      list.push(item);
      agenda.push(item);
    };
    // What the parts of the rule that is tried are filled with, and under which labels; no object is made for those that come to nothing.
    const parts: unknown[] = [], labels: (string | null)[] = [];
    const extend = (ready: Ready, from: number, agenda: Seed[], k: number, at: number, cost: number): void => {
      if (work++ > MOST_WORK) return;
      const { rule: r, places } = ready;
      if (k === places.length) {
        const slots: Slots = {};
        for (let n = 0; n < k; n++) { const label = labels[n]; if (label) slots[label] = parts[n]; }
        const value = r.build(slots, context);
        if (value !== null && value !== undefined && value !== false) add(ready.result, r.cat, from, at, value, cost, agenda);
        return;
      }
      const { ways, skips: left } = places[k]!;
      for (const n of left) {
        labels.fill(null, k, k + n);
        extend(ready, from, agenda, k + n, at, cost);
      }
      if (at === tokens.length) {
        for (const { cat } of ways) awaited?.(cat, cost - 0.35 * (at - from));
        return;
      }
      const near = reachOf(at);
      for (const { n, label, tight } of ways) {
        if (!near[n * 2]) continue;
        let price = cost;
        for (let s = at; s < tokens.length && s <= at + 4; s++) {
          const items = cells[s]![n];
          if (items) for (const item of items) { parts[k] = item.value; labels[k] = label; extend(ready, from, agenda, k + 1, item.to, price + item.cost); }
          if (tight || skips[s]!.lost) break;
          price += skips[s]!.inner;
          if (price > cost + MOST_PASSED) break;
        }
      }
    };
    for (let from = tokens.length - 1; from >= 0; from--) {
      const agenda: Seed[] = [];
      for (const { n, cat, to, value, cost } of seeds[from]!) add(n, cat, from, to, value, cost, agenda);
      for (let next = agenda.pop(); next && work <= MOST_WORK; next = agenda.pop()) {
        for (const ready of rulesFor(next.n, next.to)) {
          const { rule: r, entry, label } = ready;
          for (let n = 0; n < entry; n++) labels[n] = null;
          parts[entry] = next.value;
          labels[entry] = label;
          extend(ready, from, agenda, entry + 1, next.to, r.cost + next.cost);
        }
      }
    }
    return { at: (from, cat) => { const n = this.numbers.get(cat); return n === undefined ? [] : cells[from]?.[n] ?? []; }, skips, exhausted: work > MOST_WORK, work };
  }
}

/** The readings of a request's parts. */
export interface Chart {
  at(from: number, cat: string): readonly Item[];
  readonly skips: readonly Skip[];
  /** The request was too much: not everything was looked at, so nothing may be carried out. */
  readonly exhausted: boolean;
  readonly work: number;
}

/** An item with the number of its category. */
interface Seed extends Item {
  readonly n: number;
}

/** Price of passing a word over between the parts of a rule, and between clauses; `lost` when that loses meaning. */
export interface Skip {
  readonly inner: number;
  readonly outer: number;
  readonly lost: boolean;
}

/** A place of a rule, with categories by their numbers. */
interface Place {
  readonly ways: readonly (Way & { readonly n: number })[];
  readonly skips: readonly number[];
}

/** A rule, ready to be tried from a place where it may begin: by numbers of categories, the words that must be said for it, and what may come behind its first part. */
interface Ready {
  readonly rule: Rule;
  /** Its place among all of them: of two that give the same, the one written first is kept. */
  readonly order: number;
  /** The numbers of the category that it begins with, and of the one that it gives. */
  readonly first: number;
  /** The numbers of all that its places may take. */
  readonly takes: Int32Array;
  readonly result: number;
  /** The place that it begins with, all before it left out, and the label of what stands there. */
  readonly entry: number;
  readonly label: string | null;
  readonly places: readonly Place[];
  /** These must stand in the request, and of each of those one. */
  readonly words: Int32Array;
  readonly oneOfWords: readonly (readonly number[])[];
  /** Up to the first part that must be said; doubled, and odd where it must follow at once. */
  readonly next: Int32Array;
  /** Nothing must come behind the first part. */
  readonly ends: boolean;
}

/** Words between two parts of a rule may cost no more than this. */
const MOST_PASSED = 1.2;
const BEAM = 5;
/** Riders of the same words amend different steps: more of them are kept. */
const MOST_RIDERS = 12;
/** Steps after which a request is given up as too much: large values count for more. About 150 ms. */
const MOST_WORK = 150_000;
const fillers = new Set(FILLERS);
const light = new Set(LIGHT);

const LOST: Skip = { inner: 4, outer: 4, lost: true };

const PASSED: Skip = { inner: WEIGHTS.filler, outer: WEIGHTS.fillerOutside, lost: false };
const PRONOUN = /^(?:they|he|she|him|her|his|hers)$/;

/** The 'or she' of 'he or she'. */
const isSecondPronoun = (tokens: readonly Token[], i: number): boolean => [i, i - 1].some((or) => tokens[or]?.lower === 'or' && PRONOUN.test(tokens[or - 1]?.lower ?? '') && PRONOUN.test(tokens[or + 1]?.lower ?? ''));

/** Words that mean nothing elsewhere and something here: 'by kind', '30 and more'. */
function says(tokens: readonly Token[], i: number): boolean {
  const word = tokens[i]!.lower, before = tokens[i - 1]?.lower ?? '';
  // 'n/a and - mean nothing': a dash that is spoken of
  return (/^[-–—]$/.test(word) && /^(?:and|or)$/.test(before)) || (word === 'kind' && /^(?:by|per|each|every)$/.test(before)) || (/^(?:more|less|fewer|over|above|up|below|under|older|younger|later|earlier)$/.test(word) && /^(?:and|or)$/.test(before) && tokens[i - 2]?.kind === 'number');
}

function skipCost(token: Token, shouted: boolean): Skip {
  if (token.kind === 'mark') {
    if (/^[,;:.!?'"()–—-]$/.test(token.lower)) return { inner: token.lower === ',' ? WEIGHTS.comma : /[.;!?]/.test(token.lower) ? WEIGHTS.stop : WEIGHTS.mark, outer: token.lower === ':' ? WEIGHTS.colonOutside : 0.02, lost: false };
    return { inner: 2, outer: 2, lost: true };
  }
  // 'Wave A', 'group I': a capital by itself that does not begin the request is a name.
  if (token.kind === 'word' && token.text === 'A' && token.from > 0 && !shouted) return { inner: 1, outer: 1, lost: true };
  if (token.kind === 'word' && fillers.has(token.lower)) return { inner: token.capital && token.from > 0 ? WEIGHTS.fillerCapital : WEIGHTS.filler, outer: WEIGHTS.fillerOutside, lost: false };
  if (token.kind === 'word' && light.has(token.lower)) return { inner: WEIGHTS.light, outer: token.lower === 'as' ? WEIGHTS.asOutside : WEIGHTS.lightOutside, lost: false };
  return { inner: 4, outer: 4, lost: true };
}

const keys = new WeakMap<object, string>();

/** What tells two values apart: their own key where they have one, else all of their data. */
export function keyOf(value: unknown): string {
  if (value === null || typeof value !== 'object') return String(value);
  let key = keys.get(value);
  if (key === undefined) {
    // A list that grew by one is told apart by what its members are known by already.
    key = Array.isArray(value) ? `[${value.map((v) => (typeof v === 'object' ? keyOf(v) : JSON.stringify(v))).join()}]` : 'key' in value && typeof value.key === 'string' ? value.key : JSON.stringify(value);
    keys.set(value, key);
  }
  return key;
}
