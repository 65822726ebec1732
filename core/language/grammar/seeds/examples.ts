import { type Context } from '../../acts';
import { type ValueMention } from '../../mentions';
import { CLASSES } from '../../lexicon/classes';
import { type Token } from '../../words';
import { bareText } from '../../../match/likeness';
import { folded } from '../../../values/fold';
import { Put } from './put';

/** A quoted text in which names of columns stand, for what they hold: "name (district)". */
export function templates(tokens: readonly Token[], { head }: Context, put: Put): void {
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

/** A quoted text in which values of a row stand, beside marks: "E-101: Ostley" shows what comes of ‹Claim› and ‹Destination›. */
export function shownValues(tokens: readonly Token[], { head, vocabulary }: Context, put: Put): void {
  tokens.forEach((t, i) => {
    if (t.kind !== 'quoted' || t.lower.length > 120 || vocabulary.values.has(folded(t.lower))) return;
    const text = t.lower, of: ({ kind: 'text'; value: string } | { kind: 'column'; name: string })[] = [];
    let at = 0, mark = '';
    while (at < text.length) {
      if (!/[\p{L}\p{N}]/u.test(text[at]!)) { mark += text[at++]; continue; }
      // The longest value that begins here and ends with its last word, of one column only.
      let to = text.length, name: string | null = null;
      for (; to > at && name === null; to--) {
        if (/[\p{L}\p{N}]/u.test(text[to] ?? ' ') || !/[\p{L}\p{N}.]/u.test(text[to - 1]!)) continue;
        const found = new Set(vocabulary.values.get(folded(text.slice(at, to)))?.map((v) => v.column));
        if (found.size === 1) name = [...found][0]!;
      }
      if (name === null || of.some((p) => p.kind === 'column' && p.name === name)) return;
      if (mark !== '') of.push({ kind: 'text', value: mark });
      mark = '';
      of.push({ kind: 'column', name });
      at = to + 1;
    }
    if (mark !== '') of.push({ kind: 'text', value: mark });
    if (of.filter((p) => p.kind === 'column').length > 1 && head.columns.length > 1) put('shownTemplate', i, i + 1, { kind: 'written', of }, 0);
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

/** The value that a text is without its marks and spaces ('B2401' of 'B-2401'), where one column of texts holds such. */
function strippedOf(said: string, head: Context['head']): string | null {
  if (!/\d/.test(said) || !/\p{L}/u.test(said)) return null;
  const found = head.columns.flatMap((c) => { const held = c.type === 'text' ? head.glances?.get(c.name)?.values?.find(([v]) => v.trim() !== said && bareText(v) === bareText(said)) : undefined; return held ? [held[0]] : []; });
  return found.length === 1 ? found[0]! : null;
}

/** 'Anna Rudd not Rudd, Anna': a value and the same words in another order, with no quotes. */
export function turned(tokens: readonly Token[], request: string, values: readonly ValueMention[], { head }: Context, put: Put): void {
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
  // '... that looks like "Nina O."', 'without the dash: B2401': what comes out, of a value that is not said
  tokens.forEach((t, i) => {
    if (i === 0 || !/^(?:as|like|:|so|e\.g|eg|reads?|say|just|only|=)$/.test(tokens[i - 1]!.lower)) return;
    let to = i + 1;
    while (t.kind !== 'quoted' && to < tokens.length && !tokens[to]!.spaced && !/^[,;.?!)]$/.test(tokens[to]!.lower)) to++;
    const said = t.kind === 'quoted' ? t.lower : cut(i, to), input = (t.kind === 'quoted' ? turnedTo(said, head) : null) ?? strippedOf(said, head);
    if (input !== null) put('example', i, to, { input, output: said }, 0);
  });
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
export function examples(tokens: readonly Token[], request: string, put: Put): void {
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
