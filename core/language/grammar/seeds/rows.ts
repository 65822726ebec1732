import { readsAsDate, readsAsNumber } from '../../../formula/check';
import type { Item } from '../../chart';
import { type Context } from '../../acts';
import { SMALL_WORDS, synonymous, type ColumnMention } from '../../mentions';
import { typingDistance } from '../../../match/typing';
import { CLASSES } from '../../lexicon/classes';
import { unitName, unitSort } from '../../../values/units';
import { ORDINALS, stem, type Token } from '../../words';
import { Put } from './put';

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
export function rowsByShape(tokens: readonly Token[], columns: readonly ColumnMention[], items: readonly Item[], context: Context, put: Put): void {
  const { head } = context;
  tokens.forEach((t, i) => {
    if (t.kind !== 'word' || t.lower.length < 3 || !Number.isNaN(t.value) || KNOWN_NOUNS.has(t.stem)) return;
    if (columns.some((c) => c.from <= i && c.to > i && c.cost < 0.55) || items.some((v) => v.cat === 'value' && v.from <= i && v.to > i && v.cost < 0.3)) return;
    // Nor is what is joined to a value: 'no-shows and cancellations'.
    if (/^(?:and|or)$/.test(tokens[i - 1]?.lower ?? '') && items.some((v) => v.cat === 'value' && v.to === i - 1 && v.cost < 0.4) && !context.vocabulary.rowNouns.has(t.stem)) return;
    // What amounts are measured in is no row.
    if ((!Number.isNaN(tokens[i - 1]?.value ?? NaN) || tokens[i - 1]?.lower === 'many') && unitName(t.lower) !== null && (unitSort(t.lower) === 'weight' || unitSort(t.lower) === 'length' || unitSort(t.lower) === 'volume') && !context.vocabulary.ownNouns.has(t.stem)) return;
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
    if (GENERAL_ROWS.has(t.stem) && !items.some((o) => o.cat === 'table' && o.from <= i && o.to > i)) put('noun', i, i + 1, t.lower, 0.2);
  });
  // 'The fillings' of a column ‹Filled on›: what was done is what the rows are.
  tokens.forEach((t, i) => {
    if (/^\p{L}{3,}ings?$/u.test(t.lower) && columns.some((c) => c.from === i && c.to === i + 1 && /^\p{L}+(?:ed|t|d)\b/iu.test(c.column) && readsAsDate(head, c.column) && !/ing/i.test(c.column))) put('rows', i, i + 1, t.lower, 0.15);
  });
  // 'Patients whose phone is missing': what a column names may stand for its rows.
  tokens.forEach((t, i) => {
    if (/[^su]s$/.test(t.lower) && !columns.some((c) => c.from <= i && c.to > i && c.cost < 0.3) && [...context.vocabulary.ownNouns].some((n) => n !== t.stem && synonymous(t.stem, n))) put('rows', i, i + 1, t.lower, 0.25);
    const own = (/[^su]s$/.test(t.lower) || t.lower === 'children') && columns.find((c) => c.from === i && c.to === i + 1 && c.cost < (t.lower === 'children' ? 0.2 : 0.1));
    // 'Which teacher has the most children': what is no measure is counted.
    if (own && /^(?:most|fewest|fewer)$/.test(tokens[i - 1]?.lower ?? '') && head.columns.some((c) => c.name === own.column && c.type === 'text') && !readsAsNumber(head, own.column)) put('rows', i, i + 1, t.lower, 0.25);
    if (own && (/^(?:whose|who|with|without|having|lacking|where|at|born|older|younger|aged)$/.test(tokens[i + 1]?.lower ?? '') || (/^(?:by|from|of)$/.test(tokens[i + 1]?.lower ?? '') && tokens[i + 2]?.capital === true && !columns.some((c) => c.from === i + 2 && c.cost < 0.3)))) put('rows', i, i + 1, t.lower, 0.25);
  });
}

/** Words that count or measure: one mistyped is no noun. */
export const COUNTED = ['hundred', 'thousand', 'million', 'dozen', 'hour', 'minute', 'second', 'week', 'month', 'year', 'percent'];

const isLike = (word: string, list: readonly string[]): boolean => list.some((w) => typingDistance(word, w, 2) <= 2);

/** What rows of many tables may be called, where nothing else is called so. */
export const GENERAL_ROWS: ReadonlySet<string> = new Set('job order case booking visit sale purchase delivery ticket request claim event appointment session transaction enquiry'.split(' ').map(stem));

/** Words of the grammar that must not be taken for unknown rows. */
const KNOWN_NOUNS = new Set('columns column cells cell rows row fields field lines others other rest days hours minutes seconds weeks months years decimals places digits spaces brackets commas capitals letters columns blanks gaps repeats duplicates dates numbers names values percents words things parts pieces times decimals integers units signs always has is was this its does says'.split(' ').map(stem));

/** A column by its place: 'the second column', 'the last column'; and 'the id', where the first column tells the rows apart and none is called so. */
export function byPlace(tokens: readonly Token[], { head }: Context, put: Put): void {
  const first = head.columns[0], glance = first && head.glances?.get(first.name);
  if (first && glance?.values && glance.values.length >= glance.rows && !head.columns.some((c) => /\b(?:id|key|identifier)s?\b/i.test(c.name))) tokens.forEach((t, i) => { if (/^(?:ids?|identifiers?)$/.test(t.lower)) put('col', i, i + 1, first.name, 0.2); });
  const places = ORDINALS.slice(0, 10);
  tokens.forEach((t, i) => {
    if (tokens[i + 1]?.stem !== 'column') return;
    const at = t.lower === 'last' ? head.columns.length : /^\d+(?:st|nd|rd|th)$/.test(t.text) ? t.value : places.indexOf(t.lower) + 1;
    const column = head.columns[at - 1];
    if (column) put('col', i, i + 2, column.name, 0);
  });
}

/** Spans that fit two or more columns equally well: 'both visitor columns'. */
export function families(columns: readonly ColumnMention[]): { from: number; to: number; columns: string[]; cost: number }[] {
  const spans = new Map<string, ColumnMention[]>();
  for (const m of columns) (spans.get(`${m.from}-${m.to}`) ?? spans.set(`${m.from}-${m.to}`, []).get(`${m.from}-${m.to}`)!).push(m);
  return [...spans.values()].flatMap((list) => {
    const best = Math.min(...list.map((m) => m.cost));
    const alike = list.filter((m) => m.cost <= best + 0.11);
    return alike.length > 1 ? [{ from: list[0]!.from, to: list[0]!.to, columns: alike.map((m) => m.column), cost: best }] : [];
  });
}
