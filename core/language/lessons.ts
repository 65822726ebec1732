import { columnMentions, vocabularyOf, type Vocabulary } from './mentions';
import type { CheckedHead } from '../formula/check';
import { checkPlan, readExact, sayPlan, type Plan } from '../steps/registry';
import { headAfter } from './acts';
import { written } from './exact';
import { FILLERS } from './lexicon/classes';
import { tokens, type Token } from './words';

/** A wording that a workspace has learnt: words in order, with places for columns, numbers and texts, and what it means. */
export interface Lesson {
  readonly said: string;
  /** Each piece is a word as it is compared, or a place that something is put into. */
  readonly pattern: readonly (string | Slot)[];
  /** The exact sentences, with `{0}`, `{1}` … in the places of what the pattern takes up. */
  readonly means: readonly string[];
}

export interface Slot {
  readonly slot: 'column' | 'number' | 'text';
}

/** A number as it stands in a sentence, by itself. */
const numberIn = (value: number): RegExp => new RegExp(`(?<![\\d.{])${String(value).replace('.', '\\.')}(?!\\d|\\.\\d|\\})`, 'g');

const fillers = new Set(FILLERS);
const compared = (t: Token): string => (t.kind === 'word' ? t.stem : t.lower);
const passed = (t: Token): boolean => (t.kind === 'mark' && /^[,.;:!?]$/.test(t.lower)) || (t.kind === 'word' && fillers.has(t.lower));

/**
 * What is learnt when a request turns out to mean some plans: columns, numbers and quoted texts that stand in both become
 * places for others of their sort. Null when nothing but places would be left.
 */
export function learn(said: string, plans: readonly Plan[], head: CheckedHead, vocabulary: Vocabulary = vocabularyOf(head)): Lesson | null {
  const words = tokens(said);
  const mentions = columnMentions(words, vocabulary).filter((m) => m.cost < 0.6);
  let means = plans.map(sayPlan);
  const pattern: (string | Slot)[] = [];
  let slots = 0, plain = 0;
  const take = (text: string | RegExp, slot: Slot['slot']): boolean => {
    const after = means.map((m) => m.replaceAll(text, `{${slots}}`));
    if (after.every((m, i) => m === means[i])) return false;
    means = after;
    slots++;
    pattern.push({ slot });
    return true;
  };
  for (let i = 0; i < words.length; ) {
    const t = words[i]!;
    const own = mentions.filter((m) => m.from === i).sort((a, b) => a.cost - b.cost || b.to - a.to).find((m) => means.some((s) => s.includes(written(m.column))));
    if (own && take(written(own.column), 'column')) {
      i = own.to;
      continue;
    }
    i++;
    if (t.kind === 'quoted' && take(JSON.stringify(t.lower), 'text')) continue;
    if (t.kind === 'number' && take(numberIn(t.value), 'number')) continue;
    if (passed(t)) continue;
    pattern.push(compared(t));
    plain++;
  }
  return plain === 0 ? null : { said, pattern, means };
}

/** The plans that a lesson gives for a request over a table, or null when the request is another. */
export function recall(lesson: Lesson, request: string, head: CheckedHead, vocabulary: Vocabulary): readonly Plan[] | null {
  const words = tokens(request);
  const mentions = columnMentions(words, vocabulary).filter((m) => m.cost < 0.6);
  const match = (k: number, at: number, filled: readonly string[]): readonly string[] | null => {
    if (k === lesson.pattern.length) return words.slice(at).every(passed) ? filled : null;
    const t = words[at];
    if (!t) return null;
    const piece = lesson.pattern[k]!;
    if (typeof piece === 'string') {
      if (compared(t) === piece) {
        const found = match(k + 1, at + 1, filled);
        if (found) return found;
      }
    } else if (piece.slot === 'column') {
      for (const m of mentions.filter((o) => o.from === at).sort((a, b) => a.cost - b.cost)) {
        const found = match(k + 1, m.to, [...filled, written(m.column)]);
        if (found) return found;
      }
    } else if (piece.slot === 'number' ? t.kind === 'number' : t.kind === 'quoted') {
      const found = match(k + 1, at + 1, [...filled, piece.slot === 'number' ? String(t.value) : JSON.stringify(t.lower)]);
      if (found) return found;
    }
    return passed(t) ? match(k, at + 1, filled) : null;
  };
  const filled = match(0, 0, []);
  if (!filled) return null;
  const plans: Plan[] = [];
  let now = head;
  for (const template of lesson.means) {
    const plan = readExact(template.replace(/\{(\d+)\}/g, (whole, n: string) => filled[Number(n)] ?? whole));
    if (!plan || checkPlan(plan, now).length) return null;
    plans.push(plan);
    now = headAfter(plan, now);
  }
  return plans;
}
