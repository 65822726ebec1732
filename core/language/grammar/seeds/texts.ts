import { readsAsDate } from '../../../formula/check';
import type { Item } from '../../chart';
import { nothing, type Context } from '../../acts';
import { finder } from '../../../values/find';
import { sampleOf } from '../samples';
import { SMALL_WORDS, type ColumnMention, type ValueMention } from '../../mentions';
import { numberWord, stem, type Token } from '../../words';
import { Put } from './put';
import { GENERAL_ROWS } from './rows';

/** 'five-digit', '4-digit': a run of digits; and codes shown, such as LT-0042, as the shape they have. */
export function shapes(tokens: readonly Token[], put: Put): void {
  tokens.forEach((t, i) => {
    const run = /^(\p{L}+)-(digit|figure|letter|character)s?$/u.exec(t.lower);
    const n = run ? numberWord(run[1]!) : NaN;
    if (run && n > 0 && n <= 20) put('runOf', i, i + 1, (run[2] === 'letter' ? '@' : '#').repeat(n), 0);
    const next = tokens[i + 1], after = tokens[i + 2];
    if (t.kind === 'number' && next?.lower === '-' && after && /^(?:digit|figure)s?$/.test(after.lower) && t.value <= 20) put('runOf', i, i + 3, '#'.repeat(t.value), 0);
    if (t.kind === 'number' && /^\d{4,}$/.test(t.text) && /^(?:like|e\.g|eg|as|example|instance)$/.test(tokens[i - 1]?.lower ?? '')) put('sampleCode', i, i + 1, t.text.replace(/\d/g, '#'), 0);
    if (/\d/.test(t.lower) && /\p{L}/u.test(t.lower) && (t.kind === 'word' || t.kind === 'quoted')) put('sampleCode', i, i + 1, (t.kind === 'quoted' ? t.lower : t.text).replace(/\d/g, '#'), 0);
  });
}

/** A code that is shown as an example, of one piece or several: 'like KX 41 LMA', 'in the form 0555 010 231'. It holds a figure. */
export function shown(tokens: readonly Token[], request: string, put: Put): void {
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
export function remarks(tokens: readonly Token[], put: Put): void {
  tokens.forEach((t, i) => {
    if (!/^(?:how|what|which|that|where|whether|who|somebody|someone|it|they|there|everyone|everybody)$/.test(t.lower)) return;
    for (let to = i + 2; to <= Math.min(tokens.length, i + 12); to++) {
      if (tokens[to - 1]!.kind === 'mark') break;
      if (to === tokens.length || tokens[to]!.kind === 'mark') put('remark', i, to, true, 0.1);
    }
  });
}

/** Words of a text without quotes, up to the next mark: 'should say nothing to report'. */
export function restTexts(tokens: readonly Token[], request: string, put: Put): void {
  tokens.forEach((t, from) => {
    if (t.kind !== 'word' || !/^(?:say|says|read|reads|show|shows|write|words|text)$/.test(tokens[from - 1]?.lower ?? '')) return;
    let to = from;
    while (to < tokens.length && tokens[to]!.kind === 'word') to++;
    const joints = tokens.slice(from, to).some((w) => /^(?:there|here|where|wherever|if|when|in|instead|please|and|or|for|the)$/.test(w.lower));
    if (!joints && to > from + 1 && to <= from + 5) put('restText', from, to, request.slice(t.from, tokens[to - 1]!.to), 0.2);
  });
}

/** Why somebody asks, said before what they ask: 'The committee keeps asking, so could you ...'. It asks for nothing itself. */
export function background(tokens: readonly Token[], put: Put): void {
  for (let from = 0; from < tokens.length; from++) {
    if (from > 0 && !/^[.!?]$/.test(tokens[from - 1]!.lower)) continue;
    for (let to = from + 3; to < tokens.length - 2 && !/^[.!?:]$/.test(tokens[to]!.lower); to++) {
      // 'I have to write to these people. Could you add the address?'
      if (from === 0 && tokens[to + 1]!.lower === '.' && /^(?:i|we)$/.test(tokens[0]!.lower) && /^(?:have|must|will|am|are)$/.test(tokens[1]!.lower) && /^(?:could|can|please|would|kindly)$/.test(tokens[to + 2]?.lower ?? '') && tokens.slice(0, to + 1).every((t) => t.kind === 'word' && !/^(?:only|not|no|except|all|every|each)$/.test(t.lower))) put('aside', from, to + 2, nothing, 0.4);
      if (tokens[to]!.lower === 'so' && tokens[to - 1]!.lower === ',' && /^(?:could|can|please|would|i|we|kindly|let)$/.test(tokens[to + 1]!.lower)) put('aside', from, to + 1, nothing, 0.4);
    }
  }
}

/** What is asked before the cases that answer it: 'Did they like it? Happy if the comment says ...'. */
export function askedFirst(tokens: readonly Token[], put: Put): void {
  const end = tokens.findIndex((t) => t.lower === '?');
  const rest = tokens.slice(end + 1);
  if (end < 1 || end > 8 || rest.length < 5) return;
  const first = rest.findIndex((t) => /^(?:if|when|where)$/.test(t.lower));
  if (first >= 0 && first <= 3) put('aside', 0, end + 1, nothing, 0.5);
}

/** A code that stands inside the texts of only one column: 'the ones with E17'. */
export function codesInside(tokens: readonly Token[], items: readonly Item[], context: Context, put: Put): void {
  tokens.forEach((t, i) => {
    if ((t.kind !== 'word' && t.kind !== 'quoted') || !/\d/.test(t.lower) || !/\p{L}/u.test(t.lower) || items.some((v) => v.cat === 'value' && v.from <= i && v.to > i)) return;
    const find = finder({ kind: 'words', words: [t.lower] });
    const found = context.head.columns.filter((c) => c.type === 'text' && sampleOf(c.name, context).some((v) => find(v).length > 0));
    if (found.length === 1) put('codeIn', i, i + 1, { column: found[0]!.name, text: t.text }, 0);
  });
}

/** How a word is written in a column's texts that has a stem: 'rose' where roses are spoken of. */
const wordOfStem = (wanted: string, column: string, context: Context): string => sampleOf(column, context).flatMap((v) => v.toLowerCase().match(/\p{L}+/gu) ?? []).find((w) => stem(w) === wanted) ?? wanted;

/** What a word stands behind that is looked for in texts: elsewhere 'loads' are rather rows than what mentions a load. */
const SAYS_OF_TEXT = /^(?:about|of|with|mention|mentions|mentioning|contain|contains|has|have|says|say|on|for|and|or|any|some|the|without|no|,)$/;
const KNOWN_VERBS = new Set('leave take make give keep put get come go say write sell buy find lose bring show call name need want look work send pay hold run tell'.split(' '));
/** Words that say which figure, or which rows: nobody looks for them in a text without saying so. */
const FIGURES = new Set('running cumulative total average share percent percentage rank ranking first last next'.split(' '));

/** A word that stands inside the texts of only one column, and is nothing else: 'Ilse's batches', 'who used shino'. */
export function wordsInside(tokens: readonly Token[], columns: readonly ColumnMention[], items: readonly Item[], context: Context, put: Put): void {
  const { vocabulary } = context;
  tokens.forEach((t, i) => {
    if (t.kind !== 'word' || vocabulary.ownNouns.has(t.stem) || t.lower.length < ((t.capital && (t.from > 0 || /['’]s?$/.test(t.text))) || /^(?:a|an|the)$/.test(tokens[i - 1]?.lower ?? '') ? 3 : 4) || SMALL_WORDS.has(t.lower) || columns.some((c) => c.from <= i && c.to > i && c.cost < 0.4) || items.some((v) => (v.cat === 'value' || v.cat === 'codeIn') && v.from <= i && v.to > i)) return;
    // 'Jobs' are rows, though somebody wrote 'great job'.
    if (GENERAL_ROWS.has(t.stem)) return;
    // 'To Eastholm' is more than somewhere in a route.
    if (/^(?:to|from|via|towards)$/.test(tokens[i - 1]?.lower ?? '')) return;
    // The 'leave' of 'leave out' is no word of a note that says 'left'.
    if (!t.capital && (KNOWN_VERBS.has(t.lower) || (FIGURES.has(t.lower) && !SAYS_OF_TEXT.test(tokens[i - 1]?.lower ?? '')))) return;
    const word = t.lower.replace(/['’]s?$/, '');
    const own = vocabulary.inside.get(word);
    const held = own ?? (/ings$/.test(word) ? undefined : vocabulary.inside.get(t.stem));
    // The months that dates are written with are no words of a text.
    if (held && held.size <= 3) for (const column of held) if (!readsAsDate(context.head, column)) put('inside', i, i + 1, { column, text: own ? t.text.replace(/['’]s?$/, '') : wordOfStem(t.stem, column, context) }, (t.capital ? 0.1 : own ? 0.3 : /[^su]s$/.test(t.lower) && !SAYS_OF_TEXT.test(tokens[i - 1]?.lower ?? '') ? 0.6 : 0.35) + (held.size > 1 ? 0.15 : 0));
  });
}

/** Two or three words with capitals that stand one behind the other inside the texts of one column: 'jobs on Mill Lane'. */
export function phrasesInside(tokens: readonly Token[], request: string, columns: readonly ColumnMention[], items: readonly Item[], context: Context, put: Put): void {
  const { inside } = context.vocabulary;
  tokens.forEach((t, from) => {
    if (t.kind !== 'word' || !t.capital || t.from === 0 || !inside.has(t.lower)) return;
    for (let to = from + 2; to <= Math.min(tokens.length, from + 3) && tokens[to - 1]!.kind === 'word' && tokens[to - 1]!.capital && inside.has(tokens[to - 1]!.lower); to++) {
      if (columns.some((c) => c.from < to && c.to > from && c.cost < 0.4) || items.some((v) => v.cat === 'value' && v.from <= from && v.to >= to)) continue;
      const text = request.slice(t.from, tokens[to - 1]!.to).replace(/\s+/g, ' '), wanted = text.toLowerCase();
      const held = [...inside.get(t.lower)!].filter((c) => sampleOf(c, context).some((v) => ` ${v.toLowerCase().replace(/[^\p{L}\p{N}]+/gu, ' ')} `.includes(` ${wanted} `)));
      if (held.length === 1) put('inside', from, to, { column: held[0]!, text }, 0.05);
    }
  });
}

/** A result shown without quotes: 'like Mill Hall (Arden)'. It holds values of two columns, and goes on to the end. */
export function shownTexts(tokens: readonly Token[], request: string, values: readonly ValueMention[], put: Put): void {
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

const WAY = /^(.+?)\s*(?:-|–|—|>|→|\/|\bto\b)\s*(.+)$/i;

/** 'To Skell', 'from Harth', of a column that says from where to where: 'Harth - Skell'. */
export function ends(tokens: readonly Token[], items: readonly Item[], context: Context, put: Put): void {
  tokens.forEach((t, i) => {
    if (!/^(?:to|from|towards|into)$/.test(t.lower) || tokens[i + 1]?.kind !== 'word' || items.some((v) => v.cat === 'value' && v.from === i + 1)) return;
    const side = t.lower === 'from' ? 1 : 2;
    for (const c of context.head.columns) {
      if (c.type !== 'text' || !context.vocabulary.inside.get(tokens[i + 1]!.lower)?.has(c.name)) continue;
      const ways = sampleOf(c.name, context).flatMap((v) => { const m = WAY.exec(v.trim()); return m ? [m] : []; });
      const piece = ways.map((m) => m[side]!).find((p) => { const words = p.toLowerCase().split(/\s+/); return words.length <= 3 && words.every((w, k) => tokens[i + 1 + k]?.lower === w); });
      if (piece !== undefined && ways.length * 2 >= sampleOf(c.name, context).length) put('cond', i, i + 1 + piece.split(/\s+/).length, { kind: 'text', test: side === 1 ? 'starts' : 'ends', of: { kind: 'column', name: c.name }, texts: [piece] }, 0);
    }
  });
}
