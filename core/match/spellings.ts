import { cleaned } from '../values/clean';
import { doubleMetaphone } from 'double-metaphone';
import { allowed, candidatePairs } from './pairs';
import { bareText, bareWords, figuresIn } from './likeness';
import { typingDistance } from './typing';

/** Why a spelling is taken for another: nothing but marks differ, the order of words, the legal form, a few letters; or only perhaps, by its letters or its sound. */
export type Ground = 'marks' | 'order' | 'legal' | 'letters' | 'unsure' | 'sound';

/** Is a spelling only pointed out on this ground, not changed? */
export const onlyPerhaps = (ground: Ground): boolean => ground === 'unsure' || ground === 'sound';

/** How a text is used: as it is written, and in how many rows. */
export interface Usage {
  readonly text: string;
  readonly count: number;
}

/** A spelling with what it is taken for. What is unsure is only pointed out. */
export interface Variant extends Usage {
  readonly ground: Ground;
}

/** Spellings of one thing: the one proposed, and the others. */
export interface SpellingGroup {
  readonly to: string;
  readonly count: number;
  readonly variants: readonly Variant[];
}

interface Cluster {
  readonly members: { readonly usage: Usage; readonly ground: Ground }[];
  readonly best: Usage;
  readonly bare: string;
  readonly words: readonly string[];
  readonly digits: string;
  count: number;
}

/** How well a spelling is formed: mixed letters, no stray spaces, few odd marks. */
function form(text: string): number {
  let score = 0;
  if (/\p{Lu}/u.test(text) && /\p{Ll}/u.test(text)) score += 2;
  if (/^\p{Lu}/u.test(text)) score += 1;
  if (text !== text.trim() || /\s{2,}/.test(text)) score -= 3;
  if (/[^\p{L}\p{N}\s&.'’()/,-]/u.test(text)) score -= 1;
  return score;
}

/** The commonest spelling; of nearly equally common ones the best formed, then the one that comes first. */
const better = (a: Usage, b: Usage): Usage => (a.count >= 2 * b.count ? a : b.count >= 2 * a.count ? b : form(b.text) > form(a.text) || (form(b.text) === form(a.text) && b.count > a.count) ? b : a);

/** Groups entries by a key; entries without one ('' ) stay alone. */
function byKey<T>(all: readonly T[], keyOf: (item: T) => string): T[][] {
  const groups = new Map<string, T[]>();
  const out: T[][] = [];
  for (const item of all) {
    const key = keyOf(item);
    const group = key === '' ? undefined : groups.get(key);
    if (group) group.push(item);
    else {
      const made = [item];
      out.push(made);
      if (key !== '') groups.set(key, made);
    }
  }
  return out;
}

/**
 * Groups of spellings that look like one thing. First those that differ in capitals, spaces, marks, accents or '&' only;
 * then in the order of their words; then in a legal form at the end; then rarer ones are taken for a commoner one that is
 * few typing mistakes away. Figures must agree always. Where both spellings are in use, or a short word differs in its
 * first letter, or two common ones are equally near, it is only perhaps so ('unsure'), and so it is where two only sound
 * alike in English (Double Metaphone, Lawrence Philips 2000). Blank texts are left out.
 * Groups come with the most rows first. O(n * length + candidate pairs).
 */
export function spellingGroups(usages: readonly Usage[], onProgress?: (done: number, total: number) => void): SpellingGroup[] {
  const filled = usages.filter((u) => u.text.trim() !== '');
  let clusters = byKey(filled, (u) => bareText(u.text)).map((group) => {
    const best = group.reduce(better);
    return cluster(best, group.map((usage) => ({ usage, ground: 'marks' as const })));
  });
  clusters = joined(clusters, (c) => (c.words.length > 1 ? [...c.words].sort().join(' ') : ''), 'order');
  clusters = joined(clusters, (c) => { const without = cleaned(c.best.text, 'legal'); return bareText(without).length >= 3 ? bareText(without) : c.bare; }, 'legal');
  return sounding(near(clusters, onProgress))
    .filter((c) => c.members.length > 1)
    .map((c) => ({
      to: c.best.text,
      count: c.count,
      variants: c.members.filter((m) => m.usage.text !== c.best.text).map((m) => ({ ...m.usage, ground: m.ground })).sort((a, b) => b.count - a.count),
    }))
    .sort((a, b) => b.count - a.count);
}

function cluster(best: Usage, members: Cluster['members']): Cluster {
  return { best, members, bare: bareText(best.text), words: bareWords(best.text), digits: figuresIn(best.text), count: members.reduce((n, m) => n + m.usage.count, 0) };
}

/** Clusters with the same key put together; what is added carries the ground, unless its own is a weaker one. */
function joined(clusters: readonly Cluster[], keyOf: (c: Cluster) => string, ground: Ground): Cluster[] {
  return byKey(clusters, keyOf).map((group) => {
    if (group.length === 1) return group[0]!;
    const first = group.reduce((a, b) => (better({ text: a.best.text, count: a.count }, { text: b.best.text, count: b.count }).text === a.best.text ? a : b));
    return cluster(first.best, group.flatMap((c) => (c === first ? c.members : c.members.map((m) => ({ usage: m.usage, ground: m.ground === 'marks' ? ground : m.ground })))));
  });
}

/** Rarer clusters given to the commoner one they are nearest to. */
function near(clusters: readonly Cluster[], onProgress?: (done: number, total: number) => void): Cluster[] {
  // The commoner first; a cluster is given to one before it, never in a chain.
  const order = [...clusters].sort((a, b) => b.count - a.count || form(b.best.text) - form(a.best.text));
  const hubs: { to: number; distance: number; tie: boolean }[] = [];
  candidatePairs(
    order.map((c) => c.bare),
    (x, y) => {
      const [hub, other] = x < y ? [x, y] : [y, x];
      const [a, b] = [order[hub]!, order[other]!];
      if (a.digits !== b.digits || !wordsAgree(a.words, b.words)) return;
      const distance = typingDistance(a.bare, b.bare, allowed(Math.min(a.bare.length, b.bare.length)));
      if (distance === Infinity) return;
      const known = hubs[other];
      if (!known || distance < known.distance - 0.2 || (Math.abs(distance - known.distance) <= 0.2 && order[known.to]!.count * 3 <= a.count)) hubs[other] = { to: hub, distance, tie: false };
      else if (Math.abs(distance - known.distance) <= 0.2 && a.count * 3 > order[known.to]!.count) hubs[other] = { ...known, tie: true };
    },
    onProgress && ((done) => onProgress(done, order.length)),
  );
  const made = order.map((c) => c.members.slice());
  const given = new Set<number>();
  order.forEach((c, i) => {
    const found = hubs[i];
    // What a cluster is given to must stand for itself.
    if (!found || given.has(found.to)) return;
    const ground: Ground = found.tie || !surely(order[found.to]!, c) ? 'unsure' : 'letters';
    made[found.to]!.push(...c.members.map((m) => ({ usage: m.usage, ground })));
    // What is only perhaps another spelling stays one of its own as well.
    if (ground === 'letters') given.add(i);
  });
  return order.flatMap((c, i) => (given.has(i) ? [] : [cluster(c.best, made[i]!)]));
}

/** A sound of fewer consonants is shared by words that have nothing to do with each other. */
const LEAST_SOUND = 3;

/** How a text sounds, in English: the consonants of its words, in no order; '' where it is too short to tell. */
function soundOf(words: readonly string[], digits: string): string {
  const sounds = words.filter((w) => /\p{L}/u.test(w)).map((w) => doubleMetaphone(w)[0]);
  return sounds.join('').length < LEAST_SOUND ? '' : `${sounds.sort().join(' ')} ${digits}`;
}

/** Clusters that sound like a commoner one are pointed out with it, and stay what they are. O(n * length). */
function sounding(clusters: readonly Cluster[]): Cluster[] {
  const hubs = new Map<string, { readonly hub: Cluster; readonly members: Cluster['members'][number][] }>();
  for (const c of [...clusters].sort((a, b) => b.count - a.count)) {
    const sound = soundOf(c.words, c.digits);
    const known = sound === '' ? undefined : hubs.get(sound);
    if (!known) {
      if (sound !== '') hubs.set(sound, { hub: c, members: [] });
    } else if (!known.hub.members.some((m) => c.members.some((o) => o.usage === m.usage))) known.members.push(...c.members.map((m) => ({ usage: m.usage, ground: 'sound' as const })));
  }
  const heard = new Map([...hubs.values()].filter((h) => h.members.length).map((h) => [h.hub, h.members] as const));
  return clusters.map((c) => (heard.has(c) ? { ...c, members: [...c.members, ...heard.get(c)!.filter((m) => !c.members.some((o) => o.usage === m.usage))] } : c));
}

/** Do two texts of several words differ only inside words that are like each other? 'North Field' and 'South Field' do not. */
function wordsAgree(a: readonly string[], b: readonly string[]): boolean {
  if (a.length !== b.length) return true;
  return a.every((word, i) => {
    const other = b[i]!;
    return word === other || typingDistance(word, other, Math.max(1, Math.floor(Math.min(word.length, other.length) / 4))) !== Infinity;
  });
}

/** Is the rarer cluster surely the commoner one, misspelt? */
function surely(hub: Cluster, other: Cluster): boolean {
  if (hub.count < 2 || hub.count < 3 * other.count - 1) return false;
  const differing = hub.words.length === other.words.length ? hub.words.findIndex((w, i) => w !== other.words[i]) : -1;
  const [one, two] = differing < 0 ? [hub.bare, other.bare] : [hub.words[differing]!, other.words[differing]!];
  return one.length > 5 || one[0] === two[0] || hub.count >= 10 * other.count;
}
