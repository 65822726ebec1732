import type { CheckedHead } from '../../formula/check';
import { column, not, type Condition, type Expression, type LookupFn } from '../../formula/expression';
import { isDate } from '../../table/column';
import { findColumn } from '../../table/table';
import { folded } from '../../values/fold';
import type { Context } from '../acts';
import { oneOf, rule } from '../chart';
import { crossed } from '../lexicon/crossed';
import { columnMentions, valueMentions, vocabularyOf, type ColumnMention } from '../mentions';
import { COLUMN_NOUNS } from '../lexicon/synonyms';
import { stemsIn, type Token } from '../words';
import { meantBy } from '../../match/alike';
import { bareWords } from '../../match/likeness';
import { typingDistance } from '../../match/typing';
import { sampleOf } from './samples';
import { yesNoOf } from './seeds/yesno';

/* Other tables of the workspace: their names and columns in a request, and what ties two tables together. */

/** Words for no one or someone in particular. */
const NOBODY = /^(?:nobody|no ?one|none|nothing|anybody|anyone|everybody|everyone|somebody|someone)$/i;

/** A column of another table that a request speaks of. */
export interface OtherColumn {
  readonly table: string;
  readonly column: string;
}


/** Names and columns of the other tables, wherever a request may mean them. */
export function otherMentions(words: readonly Token[], request: string, { head, vocabulary }: Context, put: (cat: string, from: number, to: number, value: unknown, cost: number) => void): void {
  const ours = columnMentions(words, vocabulary);
  const free = (m: ColumnMention, likelier: number): boolean => !ours.some((o) => o.cost < likelier && o.from < m.to && m.from < o.to && !(m.cost < 0.12 && m.to - m.from > o.to - o.from));
  for (const [name, other] of head.others ?? []) {
    const own = stemsIn(name);
    for (let i = 0; i + own.length <= words.length; i++) {
      if (own.every((s, k) => words[i + k]!.kind !== 'mark' && words[i + k]!.stem === s)) put('table', i, i + own.length, name, 0);
      else if (own.length === 1 && words[i]!.lower.length >= 6 && typingDistance(words[i]!.stem, own[0]!, 1) <= 1) put('table', i, i + 1, name, 0.3);
      // 'The venues sheet' of 'Film venues', where no other table could be called so.
      else if (own.length > 1 && words[i]!.stem === own.at(-1) && [...head.others!.keys()].filter((n) => stemsIn(n).at(-1) === own.at(-1)).length === 1) put('table', i, i + 1, name, 0.15);
    }
    words.forEach((t, i) => { if (t.kind === 'quoted' && folded(t.lower) === folded(name)) put('table', i, i + 1, name, 0); });
    // 'Jobs' of a table of repairs whose first column is ‹Job›, where nothing here is called so.
    const nouns = vocabularyOf(other).ownNouns;
    words.forEach((t, i) => { if (t.kind === 'word' && t.lower.length > 2 && nouns.has(t.stem) && !own.includes(t.stem) && !vocabulary.ownNouns.has(t.stem) && !ours.some((m) => m.cost < 0.4 && m.from <= i && m.to > i) && ![...head.others!].some(([n, o]) => n !== name && (stemsIn(n).includes(t.stem) || vocabularyOf(o).ownNouns.has(t.stem)))) put('table', i, i + 1, name, 0.15); });
    for (const m of columnMentions(words, vocabularyOf(other))) {
      if (m.cost >= 0.6 || isNaming(words, m.from)) continue;
      // 'Lessons' are rows of theirs, and no ‹Lesson ID›.
      const rows = m.cost > 0.05 && /\b(?:id|no|nr|number|code|ref|key)\b/i.test(m.column) && words.slice(m.from, m.to).every((t) => own.includes(t.stem));
      put('tcol', m.from, m.to, { table: name, column: m.column } satisfies OtherColumn, m.cost);
      // Said by its name, or by a part of it that no column here has, it needs no table to be named.
      if (isCalled(m.column, head) || rows || [...head.others!].some(([n, o]) => n !== name && isCalled(m.column, o))) continue;
      if (m.cost < 0.05 && telling(m.column)) put('theirs', m.from, m.to, { table: name, column: m.column } satisfies OtherColumn, 0.1);
      else if (m.cost <= 0.31 && words.slice(m.from, m.to).some((t) => !GENERAL.has(t.lower)) && free(m, m.cost < 0.05 ? 0.3 : 0.6)) put('theirs', m.from, m.to, { table: name, column: m.column } satisfies OtherColumn, 0.2 + m.cost);
    }
    // 'Hazardous loads', of a column there that says yes or no
    for (const y of yesNoOf(other)) for (const m of columnMentions(words, vocabularyOf(other))) if (m.column === y.column && m.cost < 0.35 && free(m, 0.6)) put('theirYes', m.from, m.to, { table: name, ...y }, m.cost);
    // A value that stands only there: 'payments for Bread courses'.
    for (const v of valueMentions(words, request, vocabularyOf(other), false)) {
      // 'Where nobody was hurt' looks for no one of that name.
      if (v.cost < 0.3 && !(NOBODY.test(v.text) && !/^(?:is|are|was|were|=|as)$/.test(words[v.from - 1]?.lower ?? '')) && !vocabulary.values.has(folded(v.text)) && !vocabulary.inside.has(v.text.toLowerCase())) put('theirValue', v.from, v.to, { table: name, column: v.column, text: v.text }, v.cost);
    }
  }
}

/** Does a word stand where a name is given: 'call it Rate'? */
const isNaming = (words: readonly Token[], at: number): boolean =>
  /^(?:called|named|titled|headed)$/.test(words[at - 1]?.lower ?? '') || (/^(?:it|that|this|them)$/.test(words[at - 1]?.lower ?? '') && /^(?:call|name|rename|title)$/.test(words[at - 2]?.lower ?? '')) || (/^(?:name|be|:)$/.test(words[at - 1]?.lower ?? '') && words.slice(Math.max(0, at - 4), at).some((w) => w.lower === 'name'));

const isCalled = (name: string, { columns }: CheckedHead): boolean => columns.some((c) => folded(c.name) === folded(name));
/** Does a name tell which column is meant? 'Name' and 'number' are said of many things. */
const telling = (name: string): boolean => /[\s_]/.test(name.trim()) || (name.length > 3 && !GENERAL.has(name.toLowerCase()) && !/^(?:kind|type|note|town|city|area|unit|done|paid|open|left|sent|size|room|from|week|year|time|date|name|mode)$/i.test(name));
const GENERAL = new Set(COLUMN_NOUNS);

/** A pair of columns that hold the same things in two tables. */
export interface Tie {
  readonly own: string;
  readonly there: string;
  readonly score: number;
  /** One side of it tells rows apart. */
  readonly key?: boolean;
  /** They hold the same things in different spellings. */
  readonly loosely?: true;
}

/** What ties two tables is found once for each pair of them. */
function keptForBoth(find: (head: CheckedHead, other: CheckedHead) => readonly Tie[]): (head: CheckedHead, other: CheckedHead) => readonly Tie[] {
  const kept = new WeakMap<CheckedHead, WeakMap<CheckedHead, readonly Tie[]>>();
  return (head, other) => {
    let beside = kept.get(head);
    if (!beside) kept.set(head, (beside = new WeakMap()));
    let found = beside.get(other);
    if (!found) beside.set(other, (found = find(head, other)));
    return found;
  };
}

/** Is every row's value of a column another one? */
const isKey = (different: number, head: CheckedHead, name: string): boolean => different >= (head.glances?.get(name)?.rows ?? Infinity);

/** Names of numbers that tell things apart. */
const NUMBERS = /\b(?:id|no|nr|number|num|code|ref|reference|key|account|plot|room|lane|pitch|table|bay|box|desk|seat|slot|line|route|gate|door|page|serial)\b|#/i;

/** How well each pair of columns ties two tables: by the values they share, and by their names. The best first. */
export const tiesOf = keptForBoth((head, other) => {
  // What says yes or no tells no rows apart.
  const answers = (h: CheckedHead): ReadonlySet<string> => new Set(yesNoOf(h).map((y) => y.column));
  const [ownAnswers, theirAnswers] = [answers(head), answers(other)];
  const sets = new Map(other.columns.map((c) => [c.name, new Set(sampleOf(c.name, { head: other }).map(folded).filter((v) => v !== ''))]));
  let found = head.columns.flatMap((a) => {
    const values = [...new Set(sampleOf(a.name, { head }).map(folded))].filter((v) => v !== '');
    return other.columns.flatMap((b): Tie[] => {
      const there = sets.get(b.name)!;
      if (values.length === 0 || there.size === 0) return [];
      const shared = values.filter((v) => there.has(v)).length;
      const overlap = shared / Math.min(values.length, there.size);
      const words = stemsIn(a.name), same = stemsIn(b.name).filter((w) => words.includes(w)).length;
      const alike = folded(a.name) === folded(b.name) ? 0.4 : same > 0 ? 0.2 : 0;
      // Small numbers and yes or no are shared by columns that have nothing to do with each other.
      // What is measured or paid is no key.
      if (a.type === 'decimal' || b.type === 'decimal' || ownAnswers.has(a.name) || theirAnswers.has(b.name) || overlap < 0.4 || shared < 2 || (alike === 0 && there.size < 4 && [...there].every((v) => v.length < 5)) || (a.type !== 'text' && alike === 0)) return [];
      const theirs = isKey(there.size, other, b.name), key = theirs || isKey(values.length, head, a.name);
      return [{ own: a.name, there: b.name, key, score: overlap + alike + (key ? 0.25 : 0) + (b === other.columns[0] && theirs ? 0.15 : 0) }];
    });
  }).sort((a, b) => b.score - a.score);
  // Days tie two tables only where nothing else does: the last day something came back is no key.
  const keys = found.filter((t) => !isDate(findColumn(head.columns, t.own)!.type));
  if (keys.length > 0) found = keys;
  // Nor are numbers that are no numbers of things a key, where names are shared: ‹Stems› beside the bouquet's name.
  const named = found.filter((t) => findColumn(head.columns, t.own)!.type === 'text' || NUMBERS.test(t.own) || NUMBERS.test(t.there));
  if (named.some((t) => t.score >= 0.7)) found = named;
  // A key of the same name whose values are written otherwise there: what other columns share is no tie then.
  const alike = head.columns.flatMap((a) => other.columns.filter((b) => a.type === 'text' && b.type === 'text' && folded(a.name) === folded(b.name) && isKey(sets.get(b.name)!.size, other, b.name)).map((b) => [a.name, b.name] as const));
  if (alike.length > 0 && !found.some((t) => alike.some(([a, b]) => t.own === a && t.there === b) || isKey(sets.get(t.there)!.size, other, t.there))) found = [];
  return found;
});

/** The best of some ties where it is clearly better than the others; of those about as good, the only one by what tells rows apart: by lot, not by who brought it. */
export function clearest(ties: readonly Tie[]): Tie | null {
  const near = ties.filter((t) => ties[0]!.score - t.score < 0.1), keys = near.filter((t) => t.key);
  return near.length === 1 ? near[0]! : keys.length === 1 ? keys[0]! : null;
}

/** So many texts of a column tell whether they are meant by those of another, and so many pairs of columns are looked at closely. */
const TRIED = 60, LIKELIEST = 4;
const WORD = /\p{L}{3}/u;
/** Columns tie two tables by spelling where so many of their texts are meant by others. */
const LEAST_MEANT = 0.3;

/** A column of texts, each with its words, and all words that stand in it. */
interface Named { readonly name: string; readonly texts: readonly (readonly [text: string, words: readonly string[]])[]; readonly key: boolean; readonly words: ReadonlySet<string> }

const namedIn = (h: CheckedHead): readonly Named[] => h.columns.flatMap((c): Named[] => {
  const texts = c.type === 'text' ? [...new Map(sampleOf(c.name, { head: h }).map((v) => [folded(v), v])).values()].filter((v) => WORD.test(v)).map((v) => [v, bareWords(v).filter((w) => WORD.test(w))] as const) : [];
  return texts.length > 2 ? [{ name: c.name, texts, key: isKey(texts.length, h, c.name), words: new Set(texts.flatMap(([, words]) => words)) }] : [];
});

/**
 * How well pairs of columns of texts tie two tables that no key ties, where their spellings differ: one side tells rows
 * apart, and texts of the other are meant by its own. Only the pairs that share most words are compared letter by letter,
 * and of many texts some: O(texts) for each pair.
 */
export const tiesBySpelling = keptForBoth((head, other) => {
  if (tiesOf(head, other).some((t) => t.key)) return [];
  const theirs = namedIn(other);
  const pairs = namedIn(head).flatMap((a) => theirs.flatMap((b) => {
    if (!a.key && !b.key) return [];
    const [few, many] = a.texts.length <= b.texts.length ? [a, b] : [b, a];
    const every = Math.ceil(few.texts.length / TRIED), some = few.texts.filter((_, i) => i % every === 0);
    const sharing = some.filter(([, words]) => words.some((w) => many.words.has(w))).length / some.length;
    return sharing < LEAST_MEANT ? [] : [{ own: a.name, there: b.name, sharing, some, many }];
  }));
  return pairs.sort((a, b) => b.sharing - a.sharing).slice(0, LIKELIEST).flatMap(({ own, there, some, many }): Tie[] => {
    const said = new Set(some.flatMap(([, words]) => words));
    const near = many.texts.flatMap(([text, words]) => (words.some((w) => said.has(w)) ? [text] : []));
    const overlap = meantBy(some.map(([text]) => text), near).found.filter((at) => at >= 0).length / some.length;
    return overlap < LEAST_MEANT ? [] : [{ own, there, key: true, loosely: true, score: overlap }];
  }).sort((a, b) => b.score - a.score);
});
/** The columns by which rows of two tables belong together: those that were said, else the only pair that clearly holds the same things. */
function tieOf({ head }: Pick<Context, 'head'>, table: string, own?: string, there?: string, ties = tiesOf): Tie | null {
  const other = head.others?.get(table);
  if (!other) return null;
  if (own !== undefined && there !== undefined) return { own, there, score: 1 };
  return clearest(ties(head, other).filter((t) => (own === undefined || t.own === own) && (there === undefined || t.there === there)));
}

/** The value of another table for each row of this one. */
export function lookupOf(x: Pick<Context, 'head'>, { table, column: value }: OtherColumn, fn: LookupFn = 'only', own?: string, there?: string): Expression | null {
  const tie = tieOf(x, table, own, there) ?? tieOf(x, table, own, there, tiesBySpelling);
  return tie && lookupBy(tie, table, fn, value);
}

/** The value of another table by a tie: of its key only the count. */
export const lookupBy = (tie: Tie, table: string, fn: LookupFn, value: string | null): Expression | null =>
  fn === 'count' || (value !== null && value !== tie.there) ? { kind: 'lookup', fn, value: fn === 'count' ? tie.there : value!, table, under: tie.there, of: column(tie.own), ...(tie.loosely && { loosely: true }) } : null;

/** Is a column's value one of those in another table? */
export function listedOf(x: Pick<Context, 'head'>, own: string | undefined, table: string, there?: string): Condition | null {
  const tie = tieOf(x, table, own, there) ?? (own !== undefined ? byName(x, own, table) : null) ?? tieOf(x, table, own, there, tiesBySpelling);
  return tie && listedBy(tie, table);
}

/** Does the value of a tied column stand in the other table? */
export const listedBy = (tie: Tie, table: string): Condition => ({ kind: 'listed', table, under: tie.there, of: column(tie.own), ...(tie.loosely && { loosely: true }) });

/** A column of the same name ties two tables even where few values are shared: that is what is asked about. */
function byName({ head }: Pick<Context, 'head'>, own: string, table: string): Tie | null {
  const there = findColumn(head.others?.get(table)?.columns ?? [], own) ?? head.others?.get(table)?.columns.find((c) => folded(c.name) === folded(own));
  return there ? { own, there: there.name, score: 1 } : null;
}

/** Rows whose key stands in no row of another table. */
export const notListed = (table: string, x: Context): Condition | null => { const l = listedOf(x, undefined, table); return l && not(l); };

/** The only table that a column ties this one to. */
function onlyTable(own: string, { head }: Context): string | null {
  const tied = [...(head.others ?? [])].filter(([, other]) => tiesOf(head, other)[0]?.own === own);
  return tied.length === 1 ? tied[0]![0] : null;
}

const IN = 'in|on|among|inside|within|under';
const SHOWS = 'show|shows|appear|appears|occur|occurs|exist|exists|stand|stands|turn|turns|come|comes|be|is|are|was|were|listed|found|present|known|contained|recorded|registered';

const TO = 'match|match with|match to|belong to|relate to|refer to|correspond to|correspond with|fit|go with|link to|point to|be matched with|be matched to|be linked to|be tied to|be assigned to|be traced to|matches|matches with|belongs to|relates to|refers to|corresponds to|corresponds with|fits|goes with|points to';
/** That a row has no fellow in another table; and that it has one. */
const UNTIED = [
  crossed("do =not|does =not|don't|doesn't|cannot|can't|can =not|did =not|didn't|never|could =not|couldn't", TO),
  crossed(TO, 'no|not a|none of the'), crossed('without|with no|have no|has no|having no', 'a matching|matching|a corresponding|corresponding|a related|related'),
].join('|');
const TIED = [crossed('do|does|can|', TO), crossed('with|have|has|having', 'a matching|a corresponding|a related')].join('|');

export const otherRules = [
  rule('theTable', 'the? our? $table:t table|list|sheet|file|tab?', ({ t }) => t, 0),
  rule('theTable', 'the? our? table|list|sheet|file of? $table:t', ({ t }) => t, 0),
  rule('inTable', `${SHOWS}? up? listed|found|present|known|contained|one|recorded? of? ${IN}? $theTable:t`, ({ t }) => ({ table: t }), 0.1),
  rule('inTable', `${SHOWS}? up? as|under|among an|a|the? $tcol:k ${IN} $theTable:t`, ({ t, k }) => (k.table === t ? { table: t, there: k.column } : null), 0),
  rule('inTable', `${SHOWS}? up? one? of the? $tcol:k ${IN} $theTable:t`, ({ t, k }) => (k.table === t ? { table: t, there: k.column } : null), 0),
  rule('inTable', `${SHOWS}? up? ${IN} $theTable:t under|as the? $tcol:k`, ({ t, k }) => (k.table === t ? { table: t, there: k.column } : null), 0),
  rule('inTable', `~be an?|one|the of? the? $tcol:k ${IN}|of|from $theTable:t`, ({ t, k }) => (k.table === t ? { table: t, there: k.column } : null), 0),
  rule('inTable', `${SHOWS}? up? under|as the? $tcol:k ${IN} $theTable:t`, ({ t, k }) => (k.table === t ? { table: t, there: k.column } : null), 0),
  rule('theirs', 'what the? $rows|$noun|$guess|it|they|$table|$col? ~be|~have? been? ^$theirs:c', ({ c }) => c, 0.05),
  rule('theirs', '$table:t ^$tcol:c', ({ c, t }) => (c.table === t ? c : null), 0.05),
  rule('theirs', 'the? $tcol:c of|in|on the|its|their|each|a|this|that? ^$table:t', ({ c, t }) => (c.table === t ? c : null), 0.05),
  rule('theirs', 'the? $tcol:c in|from|of|on|according|as|that to|by|given|says? in? $theTable:t says|gives|has?', ({ c, t }) => (c.table === t ? c : null), 0.05),
  rule('theirs', '$theirs:c in|from|of|on|according to? ^$theTable:t', ({ c, t }) => (c.table === t ? c : null), 0.02),
  rule('theirList', '$theirs:a', ({ a }) => [a], 0),
  rule('theirList', '$theirs:a ~list the|its|their? $theirList:b', ({ a, b }) => (b.some((o: OtherColumn) => o.column === a.column || o.table !== a.table) ? null : [a, ...b]), 0.03),
  rule('theirs', 'the? $tcol:c that|which? the|our? $theTable:t gives|give|says|say|has|have|lists|shows|names|states (for ~each|that|the|it|its $rows|$noun|$col?)?', ({ c, t }) => (c.table === t ? c : null), 0),
  rule('tcol', '$tcol:c ^name|names', ({ c }) => c, 0.15),
  rule('tcol', 'name|title|text of the|a ^$tcol:c', ({ c }) => c, 0.05),
  rule('tcols', '$tcol:a', ({ a }) => [a], 0),
  rule('tcols', '$tcol:a ~list the|its|their? $tcols:b', ({ a, b }) => (b.some((o: OtherColumn) => o.column === a.column) ? null : [a, ...b]), 0.03),
  // 'Without a match in staff', 'missing from it', 'unknown there', 'that the staff table does not have'
  rule('outside', `~without|no|not a|an|any|one|a? single|corresponding|matching? match|counterpart|entry|row|record|line|trace|mention|partner|hit|$word|$noun|$rows|$guess? ${IN}|from $theTable:t`, ({ t }) => ({ table: t }), -0.3),
  rule('outside', `(~withA|with|have|has|got)? ~without|no a|an|any|one? single|matching? entry|entries|row|rows|record|records|line|match|counterpart|$word under|as|by|among the? $tcol:k ${IN}|of $theTable:t`, ({ t, k }) => (k.table === t ? { table: t, there: k.column } : null), -0.4),
  rule('outside', '~be? missing|absent|lacking|gone from|in|on|among $theTable:t', ({ t }) => ({ table: t }), 0),
  rule('outside', '~be? unknown|unlisted|unregistered|nowhere to|in|on|among? $theTable:t', ({ t }) => ({ table: t }), 0),
  rule('outside', "that|which|who? $theTable:t ~not|doesn't|don't|never have|has|know|knows|list|lists|contain|contains|hold|holds|show|shows|mention|mentions", ({ t }) => ({ table: t }), -0.2),
  rule('outside', `(can|could) (we|i|they|you|nobody)? ~not (be)? find|found|see|seen|match|matched|trace|traced|look|looked up? ${IN} $theTable:t`, ({ t }) => ({ table: t }), -0.2),
  rule('outside', `cannot|can't|couldn't be? find|found|see|seen|match|matched|trace|traced|look|looked up? ${IN} $theTable:t`, ({ t }) => ({ table: t }), -0.2),
  rule('outside', 'by|from|for|of people|persons|somebody|someone|anyone|others|those|$table|$noun|$word (who|that|which)? $outside:o', ({ o }) => o, -0.1),
  rule('cond', '$outside:o', ({ o }, x: Context) => { const l = listedOf(x, undefined, o.table, o.there); return l && not(l); }, 0.1),
  rule('cond', '$col:c $outside:o', ({ c, o }, x: Context) => { const l = listedOf(x, c, o.table, o.there); return l && not(l); }, -0.1),
  rule('cond', 'with|from|of|for|by|under a|an? $col:c $outside:o', ({ c, o }, x: Context) => { const l = listedOf(x, c, o.table); return l && not(l); }, -0.2),
  rule('cond', '$col:c ~be? $inTable:i', ({ c, i }, x: Context) => listedOf(x, c, i.table, i.there), 0.05),
  // 'The film turns up in screenings', as it is called there
  rule('cond', 'the|its|their|a? $tcol:k ~be? $inTable:i', ({ k, i }, x: Context) => (k.table === i.table ? listedOf(x, undefined, i.table, k.column) : null), 0.1),
  rule('cond', '$col:c ~not $inTable:i', ({ c, i }, x: Context) => { const l = listedOf(x, c, i.table, i.there); return l && not(l); }, 0),
  // 'Payments with no matching invoice', 'those in the invoices table'
  rule('otherRow', 'a|an|any|some|one|at|the|their|its? least? one? matching|corresponding|own|related|fitting? ^$table:t', ({ t }) => t, 0),
  rule('cond', '~withA|with|have|has|got $otherRow:t', ({ t }, x: Context) => listedOf(x, undefined, t), 0.8),
  rule('cond', '~without $otherRow:t at? all?', ({ t }, x: Context) => notListed(t, x), 0.8),
  rule('cond', "don't|doesn't|didn't|hasn't|haven't|not have|has|had? $otherRow:t at? all?", ({ t }, x: Context) => notListed(t, x), 0.8),
  rule('cond', "(who|that|which)? ~have? never|not ever? got|gotten|had|received|made|booked|placed|seen|been|sent|brought|taken|ordered|bought a|an|any|one? $otherRow:t yet?", ({ t }, x: Context) => notListed(t, x), -0.1),
  rule('cond', '~be? found|listed|known|contained? in|on|among the? $theTable:t', ({ t }, x: Context) => listedOf(x, undefined, t), 0.3),
  rule('cond', '~not|never found|listed|known|contained? in|on|among the? $theTable:t', ({ t }, x: Context) => notListed(t, x), 0.2),
  rule('cond', 'it|they|he|she? show|shows|appear|appears|occur|occurs|exist|exists|turn|turns|come|comes|crop|crops up? in|on|among|under the? $theTable:t', ({ t }, x: Context) => listedOf(x, undefined, t), 0.3),
  rule('cond', "can't|cannot|couldn't|cant|can|could not? we|i|they? be? assign|assigned|match|matched|tie|tied|link|linked|attribute|attributed|trace|traced|allocate|allocated|connect|connected to|with|in a|an|any|one|the? of? the|our? $theTable:t", ({ t }, x: Context) => notListed(t, x), 0.2),
  // 'Which of these payments don't match a job?', 'that belong to no job'
  rule('cond', `${oneOf(UNTIED)} a|an|any|one|our|the|known|existing? ^$table:t (at all)?`, ({ t }, x: Context) => notListed(t, x), -0.2),
  rule('cond', `${oneOf(TIED)} a|an|any|one|our|the|known|existing ^$table:t`, ({ t }, x: Context) => listedOf(x, undefined, t), 0.1),
  rule('cond', 'the|its|their|that|such|a? ^$table:t exists|known|listed|there', ({ t }, x: Context) => listedOf(x, undefined, t), 0.2),
  rule('cond', 'the|its|their|that|such|a? ^$table:t ~be? known|listed|there|found', ({ t }, x: Context) => listedOf(x, undefined, t), 0.2),
  rule('cond', "the|its|their|that|such|a? ^$table:t doesn't|isn't|can't|cannot|not exist|known|listed|there|found|be (found)?", ({ t }, x: Context) => notListed(t, x), 0),
  rule('cond', 'the|its|their|that|such|a? ^$table:t ~be|does not exist|known|listed|there|found', ({ t }, x: Context) => notListed(t, x), 0),
  // 'Tools that we don't have on the list', where only one table can be meant
  rule('cond', "$col:c that|which? we|they? don't|dont|isn't|aren't|not|never have|be|found|listed|known? on|in our|the? list|table|catalogue|register|sheet", ({ c }, x: Context) => { const t = onlyTable(c, x); return t === null ? null : notListed(t, x); }, -0.2),
  rule('cond', "$col:c that|which|whom? we|they don't|dont|not have|know|hold|stock|keep|list", ({ c }, x: Context) => { const t = onlyTable(c, x); return t === null ? null : notListed(t, x); }, 0),
  rule('cond', '$col:c (on|in|of|at the|our? $rows|$noun)? ~be? missing|absent|lacking from|in|on $theTable:t', ({ c, t }, x: Context) => { const l = listedOf(x, c, t); return l && not(l); }, 0),
].flat();
