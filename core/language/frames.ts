import type { Act, Context } from './acts';
import { keyOf, oneOf, rule, type Chart, type Item, type Rule, type Slots } from './chart';
import { FILLERS, LIGHT } from './lexicon/classes';
import { NEUTRAL } from './lexicon/neutral';
import { readsAsDate, readsAsNumber } from '../formula/check';
import { isDate, isQuantity } from '../table/column';
import { forgiven, typingDistance } from '../match/typing';
import { unitName } from '../values/units';
import { WEIGHTS } from './weights';
import { stem, type Token } from './words';

/** A way to say a part of a frame: phrases divided by strokes, or a pattern of the grammar; with the value it gives. */
export type Way = string | { readonly said: string; readonly value: unknown; readonly cost: number };

/** A way to say a part with the value it gives, made from the slots where it is a function. */
export const means = (said: string, value: unknown, cost = 0): Way => ({ said, value, cost });

/**
 * A frame: what must and what may be said to ask for one thing, in any order. Between its parts stand only words that say
 * nothing of their own (`about` holds those that say nothing more here, because the frame is about them). So every word of
 * a request is still accounted for; their order is not.
 */
export interface Frame {
  readonly name: string;
  readonly cat: 'clause' | 'rider' | 'alone';
  readonly parts: readonly Part[];
  readonly about: ReadonlySet<string>;
  /** Those of them that speak of what is not meant elsewhere: taken as they stand, not by their stems ('not' is no 'note'). */
  readonly others: ReadonlySet<string>;
  /** Words that are never passed over. */
  readonly bars: ReadonlySet<string>;
  /** What is surely one of these is never passed over. */
  readonly keeps: readonly string[];
  /** Nouns for rows say nothing more here. */
  readonly rows: boolean;
  readonly cost: number;
  readonly build: (said: Slots, context: Context) => Act | null;
}

interface Part {
  readonly name: string;
  readonly cat: string;
  readonly need: boolean;
  /** May be said several times: its value is a list. */
  readonly many: boolean;
  readonly ways: readonly Way[];
}

interface Said {
  readonly cat?: Frame['cat'];
  readonly need?: Readonly<Record<string, Way | readonly Way[]>>;
  readonly may?: Readonly<Record<string, Way | readonly Way[]>>;
  /** Parts that may be said several times. */
  readonly many?: readonly string[];
  readonly about?: string;
  /** Words that say that something else is asked for. */
  readonly bars?: string;
  /** Categories of mentions that are never passed over. */
  readonly keeps?: readonly string[];
  /** False where a noun for rows says that it is not about columns. */
  readonly rows?: false;
  readonly cost?: number;
}

/** Words that speak of what is not meant. */
const OTHERS = new Set(['other', 'others', 'rest', 'else', 'except', 'without', 'not', 'no', 'never', 'instead', 'only', 'unless']);

/** Parts that are declared once are read once, however many frames they belong to. */
const shared = new Map<unknown, string>();
const catOf = (name: string, ways: unknown): string => shared.get(ways) ?? (shared.set(ways, name), name);

/** A frame out of its declaration. */
export function frame(name: string, said: Said, build: (said: Slots, context: Context) => Act | null): Frame {
  const part = (need: boolean) => ([key, ways]: readonly [string, Way | readonly Way[]]): Part => ({ name: key, cat: catOf(`${name}/${key}`, ways), need, many: said.many?.includes(key) ?? false, ways: Array.isArray(ways) ? (ways as readonly Way[]) : [ways as Way] });
  return {
    name,
    cat: said.cat ?? 'clause',
    parts: [...Object.entries(said.need ?? {}).map(part(true)), ...Object.entries(said.may ?? {}).map(part(false))],
    about: new Set((said.about ?? '').split(/\s+/).filter(Boolean).map(stem)),
    others: new Set((said.about ?? '').split(/\s+/).filter((w) => OTHERS.has(w))),
    bars: new Set((said.bars ?? '').split(/\s+/).filter(Boolean).map(stem)),
    keeps: said.keeps ?? [],
    rows: said.rows ?? true,
    cost: said.cost ?? WEIGHTS.frame,
    build,
  };
}

/** The rules for the parts of frames. A pattern gives its only slot, unless a value is said. */
export function frameRules(frames: readonly Frame[]): Rule[] {
  const parts = new Map(frames.flatMap((f) => f.parts.map((p) => [p.cat, p] as const)));
  return [...parts.values()].flatMap((p) => p.ways.flatMap((way) => {
    const { said, value, cost } = typeof way === 'string' ? { said: way, value: undefined, cost: 0 } : way;
    const pattern = /[$~^?]/.test(said) ? said : oneOf(said);
    const build = typeof value === 'function' ? (value as (slots: Slots, x: never) => unknown) : value !== undefined ? () => value : (slots: Slots) => { const all = Object.values(slots); return all.length ? all[0] : true; };
    return rule(p.cat, pattern, build, cost);
  }));
}

interface Cover {
  readonly cost: number;
  readonly mask: number;
  readonly said: Slots;
  readonly key: string;
}

const fillers = new Set(FILLERS);
const light = new Set(LIGHT);
const neutral = new Set(NEUTRAL.map(stem));
const BEAM = 14;
/** A frame reaches over no more words than this. */
const LONGEST = 60;
const BOUNDS = /^[.,;:!?()–—-]$/;
const JOINTS = new Set(['and', 'then', 'but', 'also', 'so', 'please', 'or', 'while', 'just']);

/** What frames read in a request, as clauses and riders for the search. */
export function framed(frames: readonly Frame[], words: readonly Token[], chart: Chart, x: Context): Item[] {
  const out: Item[] = [];
  const starts: number[] = [], ends = new Set<number>([words.length]);
  words.forEach((t, i) => {
    const before = words[i - 1];
    if (!before || (before.kind === 'mark' && BOUNDS.test(before.lower)) || JOINTS.has(before.lower)) starts.push(i);
    if (i > 0 && ((t.kind === 'mark' && BOUNDS.test(t.lower)) || JOINTS.has(t.lower))) ends.add(i);
  });
  const plain = plainWords(words, chart, x);
  for (const f of frames) {
    const items = f.parts.map((p) => words.map((_, i) => (plain[i]!.last ? chart.at(i, p.cat).filter((item) => item.to > i + 1) : chart.at(i, p.cat))));
    if (f.parts.some((p, k) => p.need && items[k]!.every((list) => list.length === 0))) continue;
    // From behind the last of a part that must be said, the frame cannot hold.
    const latest = Math.min(...f.parts.map((p, k) => (p.need ? items[k]!.findLastIndex((list) => list.length > 0) : words.length)));
    const prices = words.map((t, i) => (plain[i]!.last || f.keeps.some((cat) => chart.at(i, cat).some((m) => m.to === i + 1 && m.cost < 0.1)) ? Infinity : passing(t, f, plain[i]!) + plain[i]!.more));
    for (const from of starts) if (from <= latest) cover(f, items, prices, from, ends, words.length, x, out);
  }
  return out;
}

/** Words that are surely a column or a value are not passed over lightly. */
function ownWords(words: readonly Token[], chart: Chart, x: Context): number[] {
  const price = words.map(() => 0);
  const numeric = new Set(x.head.columns.filter((c) => isQuantity(c.type) || (readsAsNumber(x.head, c.name) && !isDate(c.type))).map((c) => c.name));
  const said = new Map<string, number>();
  words.forEach((_, i) => { for (const m of chart.at(i, 'col')) if (m.to === i + 1 && m.cost < 0.1) said.set(m.value as string, (said.get(m.value as string) ?? 0) + 1); });
  words.forEach((_, i) => {
    for (const m of chart.at(i, 'col')) if (m.cost < 0.04) for (let k = i; k < m.to; k++) price[k] = Math.max(price[k]!, numeric.has(m.value as string) && (said.get(m.value as string) ?? 0) < 2 ? Infinity : WEIGHTS.ownWord);
    // 'It was sold', of a column ‹Sold on›, says which rows.
    if (neutral.has(words[i]!.stem)) for (const m of chart.at(i, 'col')) if (m.to === i + 1 && m.cost < 0.2 && readsAsDate(x.head, m.value as string) && /^(?:is|are|was|were|been|be|got)$/.test(words[i - 1]?.lower ?? '')) price[i] = Infinity;
    // 'The good trees' where a column says good: those are meant.
    for (const m of chart.at(i, 'value')) if (m.cost < 0.02 && words[i]!.lower.length > 3 && !(m.value as { loose?: boolean }).loose) for (let k = i; k < m.to; k++) price[k] = Math.max(price[k]!, WEIGHTS.ownValue);
    for (const m of chart.at(i, 'value')) if (m.cost < 0.25 && (m.to > i + 1 || words[i]!.lower.length > 3)) for (let k = i; k < m.to; k++) price[k] = Math.max(price[k]!, WEIGHTS.ownWord);
    // A name from inside the cells ('Odile') is one even where nobody says of what.
    if (words[i]!.capital && words[i]!.from > 0 && chart.at(i, 'inside').length > 0) price[i] = Infinity;
  });
  return price;
}

/** A verb that asks for something does not stand at the end: the 'show' of 'early show' is a noun. */
const lasts = (words: readonly Token[], i: number): boolean => i > 0 && ASKING.has(words[i]!.lower) && (words[i + 1] === undefined || words[i + 1]!.kind === 'mark');
const ASKING = new Set(['show', 'give', 'tell', 'get', 'put', 'want', 'add', 'make', 'call', 'list']);

/** 'Take those out', 'remove them': something is to go, whatever else is said. */
function removes(words: readonly Token[], i: number): boolean {
  const [verb, it, off] = [words[i]!.lower, words[i + 1]?.lower ?? '', words[i + 2]?.lower ?? ''];
  return /^(?:them|those|these|it)$/.test(it) && (/^(?:remove|delete|drop|strip)$/.test(verb) || (/^(?:take|throw|cut|leave)$/.test(verb) && /^(?:out|off|away)$/.test(off)));
}

/** '... and what is still to come' asks for something more. */
const asksMore = (words: readonly Token[], i: number): boolean => i > 1 && words[i - 1]!.lower === 'and' && /^(?:what|how|which|who|whether)$/.test(words[i]!.lower);

/** The 'name' of 'Surname and First name' belongs to what stands before it. */
const endsName = (words: readonly Token[], i: number): boolean => /^(?:names?|number|date|code|type|total)$/.test(words[i]!.lower) && !!words[i - 1]?.capital && words[i - 1]!.from > 0;

/** What a word says by itself, in whatever frame. */
interface PlainWord {
  readonly last: boolean;
  /** What passing it over costs besides. */
  readonly more: number;
  /** Price of a word that says nothing anywhere. */
  readonly nothing: number | null;
  /** A noun for the rows of any table, or of this one. */
  readonly noun: boolean;
  /** Price of a word that may be one. */
  readonly rows: number | null;
  /** A column that stands for the rows. */
  readonly column: boolean;
  /** One letter from a word that says nothing. */
  readonly mistyped: boolean;
}

/** Worked out once for a request, not for each frame. */
function plainWords(words: readonly Token[], chart: Chart, x: Context): PlainWord[] {
  const own = ownWords(words, chart, x);
  return words.map((t, i) => {
    const noun = x.vocabulary.rowNouns.has(t.stem);
    // 'In hours' says in what, and names no rows.
    const unit = words[i - 1]?.lower === 'in' && t.lower.length > 1 && unitName(t.lower) !== null;
    const mayBe = !unit && !/^(?:weekday|weekend)s?$/.test(t.lower) && (noun || ['rows', 'guess'].some((cat) => chart.at(i, cat).some((item) => item.to === i + 1 && item.cost < 0.7)));
    return {
      last: lasts(words, i),
      more: own[i]! + (endsName(words, i) ? 0.4 : 0) + (removes(words, i) || asksMore(words, i) ? Infinity : 0),
      nothing: fillers.has(t.lower) ? 0.03 : light.has(t.lower) ? 0.05 : neutral.has(t.stem) ? 0.08 : null,
      noun,
      rows: mayBe ? (t.capital && t.from > 0 ? 0.5 : 0.15) : null,
      // In a list of columns it is one of them.
      column: !/^(?:and|or|,)$/.test(words[i - 1]?.lower ?? '') && rowsOf(i, x, chart),
      // What is a word of a column's name is spelled as it should be.
      mistyped: nearOne(t, neutral) && !chart.at(i, 'col').some((m) => m.cost < 0.3),
    };
  });
}

/** Is a longer word one letter from one of these stems? */
function nearOne(t: Token, stems: ReadonlySet<string>): boolean {
  if (t.lower.length < 6) return false;
  for (const w of stems) if (Math.abs(w.length - t.stem.length) <= 1 && w[0] === t.stem[0] && typingDistance(t.stem, w, 1) <= Math.min(1, forgiven(t.lower.length))) return true;
  return false;
}

/** The price of passing a word over inside a frame; Infinity where it says something. */
function passing(t: Token, f: Frame, plain: PlainWord): number {
  if (f.bars.has(t.stem)) return Infinity;
  if (t.kind === 'mark') return /^[,:]$/.test(t.lower) ? 0.05 : /^[;()–—-]$/.test(t.lower) ? 0.1 : /^[.!?]$/.test(t.lower) ? 0.2 : f.about.has(t.lower) ? 0.1 : Infinity;
  if (OTHERS.has(t.lower) && !f.others.has(t.lower)) return Infinity;
  if (t.kind !== 'word') return f.about.has(t.lower) ? 0.1 : Infinity;
  if (f.about.has(t.stem)) return t.capital && t.from > 0 && t.text !== t.text.toUpperCase() ? 0.6 : 0.06;
  if (plain.nothing !== null) return plain.nothing;
  if (!f.rows && plain.noun) return Infinity;
  if (f.rows && plain.rows !== null) return plain.rows;
  if (plain.column) return 0.25;
  return plain.mistyped || nearOne(t, f.about) ? 0.35 : Infinity;
}

/** 'Rank the costumes': a column of texts that hardly repeat, said in the plural or after 'each', stands for the rows. */
function rowsOf(at: number, x: Context, chart: Chart): boolean {
  return chart.at(at, 'col').some((m) => {
    if (m.to !== at + 1 || m.cost > 0.1) return false;
    const glance = x.head.glances?.get(m.value as string);
    const column = x.head.columns.find((c) => c.name === m.value);
    return column?.type === 'text' && !!glance?.values && glance.values.length > 0 && glance.values.length >= 0.7 * (glance.rows - glance.blanks);
  });
}

/** All covers of the request by a frame that begin at a word: the cheapest few for each place they may end. */
function cover(f: Frame, items: readonly (readonly (readonly Item[])[])[], prices: readonly number[], from: number, ends: ReadonlySet<number>, length: number, x: Context, out: Item[]): void {
  const needed = f.parts.reduce((m, p, k) => (p.need ? m | (1 << k) : m), 0);
  const at = new Map<number, Cover[]>([[from, [{ cost: f.cost, mask: 0, said: {}, key: '' }]]]);
  const put = (place: number, next: Cover): void => {
    const list = at.get(place) ?? at.set(place, []).get(place)!;
    const same = list.findIndex((o) => o.mask === next.mask && o.key === next.key);
    if (same >= 0) {
      if (list[same]!.cost > next.cost) list[same] = next;
      return;
    }
    list.push(next);
    if (list.length > BEAM) {
      // Those that said more of what must be said go on before those that are cheap because they said nothing.
      list.sort((a, b) => a.cost - b.cost - 0.4 * (bits(a.mask & needed) - bits(b.mask & needed)));
      list.length = BEAM;
    }
  };
  for (let i = from; i <= Math.min(length, from + LONGEST); i++) {
    const here = at.get(i);
    if (!here) continue;
    if (ends.has(i) && i > from) {
      for (const p of here) {
        if ((p.mask & needed) !== needed || p.mask === 0) continue;
        const value = f.build(p.said, x);
        if (value) out.push({ cat: f.cat, from, to: i, value, cost: p.cost });
      }
    }
    if (i >= length) break;
    for (const p of here) {
      if (prices[i]! !== Infinity) put(i + 1, { ...p, cost: p.cost + prices[i]! });
      f.parts.forEach((part, k) => {
        const bit = 1 << k;
        if (p.mask & bit && !part.many) return;
        for (const item of items[k]![i]!) {
          const value = part.many ? [...((p.said[part.name] as unknown[] | undefined) ?? []), item.value] : item.value;
          put(item.to, { cost: p.cost + item.cost, mask: p.mask | bit, said: { ...p.said, [part.name]: value }, key: `${p.key}|${k}${keyOf(item.value)}` });
        }
      });
    }
  }
}

const bits = (n: number): number => { let c = 0; for (let m = n; m; m &= m - 1) c++; return c; };

/** A chart with the readings of frames beside its own. */
export function withFrames(chart: Chart, items: readonly Item[]): Chart {
  const more = new Map<string, Item[]>();
  for (const item of items) (more.get(`${item.from} ${item.cat}`) ?? more.set(`${item.from} ${item.cat}`, []).get(`${item.from} ${item.cat}`)!).push(item);
  return { ...chart, at: (from, cat) => { const added = more.get(`${from} ${cat}`); return added ? [...chart.at(from, cat), ...added] : chart.at(from, cat); } };
}
