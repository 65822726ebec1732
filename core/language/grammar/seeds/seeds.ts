import { isNumberColumn, readsAsDate } from '../../../formula/check';
import { columnOf } from '../../../table/table';
import { unitName } from '../../../values/units';
import type { Item } from '../../chart';
import { type Context } from '../../acts';
import { deedMentions } from '../many';
import { otherMentions } from '../others';
import { columnMentions, valueMentions, type ColumnMention, type ValueMention } from '../../mentions';
import { typingDistance } from '../../../match/typing';
import { METRIC_NAMES } from '../../../metrics/metrics';
import { WEIGHTS } from '../../weights';
import { numberWord, stem, type Token } from '../../words';
import { daysOfOneMonth, weeks, datedPeriods, theDate, clocks, dates } from './times';
import { metricIndex, metrics, numbers } from './quantities';
import { templates, turned, examples, shownValues } from './examples';
import { adjectives } from './adjectives';
import { filledBy, yesNo } from './yesno';
import { shapes, shown, remarks, restTexts, background, askedFirst, shownTexts, codesInside, ends, wordsInside, phrasesInside } from './texts';
import { rowsByShape, byPlace, families } from './rows';
import { newNames, numberedTimes } from './names';

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
  deedMentions(tokens, context, put);
  families(columns).forEach((f) => put('family', f.from, f.to, f.columns, f.cost));
  const values = valueMentions(tokens, request, context.vocabulary);
  // What is looked for inside texts is looked for as it stands there: fog, where somebody says foggy.
  const typedAs = (v: ValueMention): string => { const typed = request.slice(tokens[v.from]!.from, tokens[v.to - 1]!.to).replace(/\s+/g, ' '); return tokens[v.from]!.kind === 'quoted' || (v.loose && v.cost >= 0.2 && tokens[v.from]!.stem !== stem(v.text)) ? v.text : typed; };
  // 'Nothing if not invoiced', of ‹Invoiced› and a status that is called so: rather the column.
  const alsoNamed = (v: ValueMention): boolean => /^(?:not|never|isn't|wasn't|aren't|weren't|hasn't)$/.test(tokens[v.from - 1]?.lower ?? '') && columns.some((c) => c.from === v.from && c.to === v.to && c.cost < 0.02 && c.column !== v.column);
  for (const v of values) put('value', v.from, v.to, { column: v.column, text: v.text, loose: v.loose, typed: typedAs(v) }, v.cost + (alsoNamed(v) ? 0.25 : 0));
  // One spelling without what firms are called after, for several values: all of them.
  const sets = new Map<string, ValueMention[]>();
  for (const v of values) if (v.cost < 0.2 && !v.loose) (sets.get(`${v.from} ${v.to} ${v.column}`) ?? sets.set(`${v.from} ${v.to} ${v.column}`, []).get(`${v.from} ${v.to} ${v.column}`)!).push(v);
  for (const set of sets.values()) if (new Set(set.map((v) => v.text)).size > 1) put('valueSet', set[0]!.from, set[0]!.to, { column: set[0]!.column, texts: [...new Set(set.map((v) => v.text))] }, 0);
  // ‹Cheese› of a table of cheeses: one of them is rather the kind than the row.
  const isKind = (i: number): boolean => columns.some((c) => c.from === i && c.to === i + 1 && c.cost < 0.005 && c.column !== context.head.columns[0]!.name && context.head.glances?.get(c.column)?.values?.some(([v, n]) => v !== '' && n > 1) === true && columnOf(context.head, c.column).type === 'text');
  // Words that stand in the cells just so.
  const sure = new Set(values.filter((v) => v.to === v.from + 1 && v.cost < 0.2 && !v.loose && tokens[v.from]!.lower.length > 2).map((v) => v.from));
  tokens.forEach((t, i) => {
    if (t.kind === 'quoted') put('text', i, i + 1, t.lower, 0);
    // 'After the 6th' is no amount.
    if (!Number.isNaN(t.value)) put('num', i, i + 1, t.value, t.kind === 'number' ? 0 : /\dth$|\dst$|\dnd$|\drd$/.test(t.lower) ? 0.5 : 0.02);
    if (t.kind === 'word') {
      if (context.vocabulary.ownNouns.has(t.stem)) put('noun', i, i + 1, t.lower, isKind(i) ? 0.3 : 0);
      if (!context.vocabulary.rowNouns.has(t.stem) && t.lower.length >= 6 && !columns.some((c) => c.from <= i && c.to > i && c.cost < 0.4) && [...context.vocabulary.ownNouns].some((n) => n.length >= 5 && typingDistance(t.stem, n, 1) <= 1)) put('rows', i, i + 1, t.lower, 0.5);
      // Where a column counts people, people are no rows.
      const counted = columns.some((c) => c.from === i && c.to === i + 1 && c.cost < 0.05 && isNumberColumn(context.head, c.column));
      if (context.vocabulary.rowNouns.has(t.stem) && !counted) put('rows', i, i + 1, t.lower, t.lower === 'that' || t.lower === 'which' || t.lower === 'who' || isKind(i) ? 0.3 : 0);
      const unit = unitName(t.lower);
      // 'in' and single letters are units only behind a number, or where something ends in them: 'convert weight to g'.
      const [before, after] = [tokens[i - 1], tokens[i + 1]];
      if (unit && (t.lower.length > 2 || unit.length > 1 && t.lower !== 'in' || before?.kind === 'number')) put('unit', i, i + 1, unit, 0);
      else if (unit && unit.length === 1 && /^(?:to|in|into|as)$/.test(before?.lower ?? '') && (!after || after.kind === 'mark' || /^(?:and|please|pls|everywhere|throughout|only)$/.test(after.lower))) put('unit', i, i + 1, unit, 0.05);
      else if (unit && unit.length === 1 && after && /^(?:ones|values|readings|rows|cells|entries)$/.test(after.lower)) put('unit', i, i + 1, unit, 0.05);
      // '... and what is left' asks for one thing more.
      if (/^(?:what|how)$/.test(t.lower) && tokens[i - 1]?.lower !== 'and') put('asking', i, i + 1, true, 0);
      put('word', i, i + 1, t.text, 0.3);
      put('anyWord', i, i + 1, t.text, sure.has(i) ? WEIGHTS.passedValue : 0.3);
    }
    const degrees = t.lower === '°' && /^[cf]$/.test(tokens[i + 1]?.lower ?? '') ? unitName(tokens[i + 1]!.lower) : null;
    if (degrees) put('unit', i, i + 2, degrees, 0);
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
  // 'The photographer's mail'
  for (const m of columns) if (m.cost < 0.2 && /['’]s?$/.test(tokens[m.to - 1]!.text)) put('owner', m.from, m.to, m.column, m.cost);
  templates(tokens, context, put);
  shownValues(tokens, context, put);
  restTexts(tokens, request, put);
  background(tokens, put);
  askedFirst(tokens, put);
  rowsByShape(tokens, columns, items, context, put);
  theDate(tokens, columns, context, put);
  byPlace(tokens, context, put);
  codesInside(tokens, items, context, put);
  wordsInside(tokens, columns, items, context, put);
  phrasesInside(tokens, request, columns, items, context, put);
  ends(tokens, items, context, put);
  clocks(tokens, request, put);
  shownTexts(tokens, request, values, put);
  numbers(tokens, context, put);
  dates(tokens, put);
  newNames(tokens, request, columns, context.vocabulary, put);
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
  weeks(tokens, context, put);
  datedPeriods(items, context, put);
  return { items, columns, values };
}

for (const [names, metric] of METRIC_NAMES) {
  const words = names.map((w) => (/^\p{L}/u.test(w) ? stem(w) : w));
  (metricIndex.get(words[0]!) ?? metricIndex.set(words[0]!, []).get(words[0]!)!).push({ words, metric });
}
