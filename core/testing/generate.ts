import { startState, type Act, type Context } from '../language/acts';
import type { Item, Rule } from '../language/chart';
import { CLASSES } from '../language/lexicon/classes';
import { vocabularyOf } from '../language/mentions';
import { RULES } from '../language/read';
import { seeds } from '../language/grammar/seeds/seeds';
import { tokens } from '../language/words';
import type { CheckedHead } from '../formula/check';
import { randomFrom } from '../values/random';
import { sayPlan } from '../steps/registry';

/* The grammar run backwards: sentences with the exact sentences they mean, for testing and for fitting the weights. */

export interface Written {
  readonly request: string;
  readonly sentences: readonly string[];
}

interface Piece {
  readonly words: string;
  readonly value: unknown;
}

/** A phrase without the signs that say that a word is meant as it stands. */
const bare = (phrase: string): string => phrase.replace(/=(?=\p{L})/gu, '');

/** The rules for each category. */
const byResult = new Map<string, Rule[]>();
for (const r of RULES) (byResult.get(r.cat) ?? byResult.set(r.cat, []).get(r.cat)!).push(r);

/** What a written part is read as by itself: the mention of a category over all of its words. */
function mentioned(words: string, cat: string, context: Context): Item | null {
  const all = tokens(words);
  return seeds(all, words, context).items.filter((i) => i.cat === cat && i.from === 0 && i.to === all.length).sort((a, b) => a.cost - b.cost)[0] ?? null;
}

/** Writes requests over a table at random, with what each rule builds from its parts. Deterministic for a seed. */
export function writeRequests(head: CheckedHead, seed: number, wanted: number): Written[] {
  const random = randomFrom(seed);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
  const context: Context = { head, vocabulary: vocabularyOf(head) };
  const columns = head.columns.map((c) => c.name);
  const values = head.columns.flatMap((c) => (c.type === 'text' ? (head.glances?.get(c.name)?.values ?? []).slice(0, 6).map(([v]) => v.trim()) : [])).filter((v) => /^[\p{L} ]{3,20}$/u.test(v));
  const TERMINALS: Record<string, () => string> = {
    col: () => pick(columns).toLowerCase(),
    num: () => String(pick([2, 3, 5, 10, 12.5, 40, 100])),
    pct: () => `${pick([5, 10, 20])}%`,
    value: () => pick(values),
    text: () => `"${pick(['north', 'ok', 'n/a', 'B12'])}"`,
    name: () => pick(['Result', 'New Weight', 'Grade', 'Ratio']),
    date: () => pick(['2025-05-03', '12 May 2025']),
    period: () => pick(['May 2025', '2025']),
    unit: () => pick(['kg', 'g', 'hours']),
    rows: () => pick(['rows', 'lots', 'entries']),
    noun: () => pick(['lot', 'lots']),
    mark: () => pick(['comma', 'dash', 'slash']),
  };
  const write = (cat: string, depth: number): Piece | null => {
    if (cat.startsWith('~')) return { words: bare(pick(CLASSES[cat.slice(1)]!.split('|'))), value: null };
    if (cat.startsWith('=')) return { words: bare(pick(cat.slice(1).split('|'))), value: null };
    const rules = byResult.get(cat) ?? [];
    if (TERMINALS[cat] && (rules.length === 0 || random() < 0.9)) {
      const words = TERMINALS[cat]();
      const item = mentioned(words, cat, context);
      return item && { words, value: item.value };
    }
    if (rules.length === 0 || depth > 5) return null;
    for (let attempt = 0; attempt < 4; attempt++) {
      const r = pick(rules);
      const slots: Record<string, unknown> = {};
      const parts: string[] = [];
      let whole = true;
      for (let k = 0; whole && k < r.elements.length; k++) {
        const { ways, skips } = r.elements[k]!;
        // What may be left out mostly is.
        if (skips.length > 0 && random() < 0.7) {
          k += pick(skips) - 1;
          continue;
        }
        const way = pick(ways), piece = write(way.cat, depth + 1);
        whole = piece !== null;
        if (piece) parts.push(piece.words);
        if (piece && way.label) slots[way.label] = piece.value;
      }
      if (!whole) continue;
      const value = r.build(slots, context);
      if (value !== null && value !== undefined) return { words: parts.join(' ').replace(/ ([,.;:?])/g, '$1'), value };
    }
    return null;
  };
  const out: Written[] = [];
  for (let tries = 0; out.length < wanted && tries < wanted * 60; tries++) {
    const piece = write('clause', 0);
    const state = piece && (piece.value as Act).apply(startState(head));
    if (!piece || !state || state.problem || state.plans.length === 0 || piece.words.length > 160) continue;
    out.push({ request: piece.words, sentences: state.plans.map(sayPlan) });
  }
  return out;
}
