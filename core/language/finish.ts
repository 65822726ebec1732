import { keptForHead } from './kept';
import { sampleOf } from './grammar/samples';
import type { CheckedHead } from '../formula/check';
import { column, columnsOf, walk, type Case, type Condition, type Expression } from '../formula/expression';
import { findColumn } from '../table/table';
import { firstUnique, planOf } from '../steps/ask/question';
import { isTheirs, theirsIn } from './grammar/pairs';
import { asPercentage } from '../steps/calculate/amending';
import { meantBy } from '../match/alike';
import { bareText, bareWords } from '../match/likeness';
import { typingDistance } from '../match/typing';
import type { Plan } from '../steps/registry';
import { cleaned } from '../values/clean';
import { folded } from '../values/fold';
import { readMeasure, unitName, unitSort } from '../values/units';
import type { ColumnMention } from './mentions';
import { nameOf } from './naming';
import { keyOf } from './chart';
import { rewrite } from './rewrite';
import { stem, type Token } from './words';

/* What a request says as a whole, of the plans that its parts gave. */

const forms = keptForHead<ReadonlyMap<string, ReadonlySet<string>>>();

/** The words that stand in a column of texts, by their stems. */
const formsIn = (name: string, head: CheckedHead): ReadonlyMap<string, ReadonlySet<string>> => forms(head, name, () => {
  const all = new Map<string, Set<string>>();
  for (const text of sampleOf(name, { head })) {
    for (const word of folded(text).match(/\p{L}{3,}/gu) ?? []) (all.get(stem(word)) ?? all.set(stem(word), new Set()).get(stem(word))!).add(word);
  }
  return all;
});

interface Mentioning {
  readonly kind: 'text';
  readonly test: 'mentions';
  readonly of: { readonly kind: 'column'; readonly name: string };
  readonly texts: readonly string[];
}
/** Does a node look for words in the texts of a column? */
export const isMentioning = (value: unknown): value is Mentioning => { if (typeof value !== 'object' || value === null) return false; const { kind, test, of } = value as { kind?: string; test?: string; of?: { kind?: string } }; return kind === 'text' && test === 'mentions' && of?.kind === 'column'; };

/**
 * Plans that look for a plain word in texts look for its other forms too, as far as they stand there: 'scratched' where a
 * scratch is asked for. A text in quotes, or called a word, is looked for as it was written.
 */
function withForms(plans: readonly Plan[], words: readonly Token[], head: CheckedHead): readonly Plan[] {
  const plain = new Set(words.flatMap((w, i) => (w.kind === 'word' && !/^(?:words?|texts?|exactly|terms?)$/.test(words[i - 1]?.lower ?? '') ? [w.lower] : [])));
  return rewrite(plans, (node) => {
    if (!isMentioning(node)) return undefined;
    const forms = formsIn(node.of.name, head);
    const texts = [...new Set(node.texts.flatMap((t) => [t, ...(plain.has(t.toLowerCase()) ? [...(forms.get(stem(t)) ?? [])].filter((f) => f !== folded(t)) : [])]))];
    return texts.length > node.texts.length ? { ...node, texts } : undefined;
  });
}

type Measure = Extract<Expression, { kind: 'measure' }>;
const isMeasure = (node: unknown): node is Measure => typeof node === 'object' && node !== null && 'kind' in node && node.kind === 'measure';

/** Amounts written in several units are measured in the unit that was said: 'kilos per box'. */
function inSaidUnits(plans: readonly Plan[], words: readonly Token[]): readonly Plan[] {
  const said = new Map<string, Set<string>>();
  words.forEach((w, i) => {
    const two = `${w.lower} ${words[i + 1]?.lower ?? ''}`, unit = w.lower.length > 1 && !/^(?:in|second|pound|degree)$/.test(w.lower) ? (unitName(two) ?? unitName(w.lower)) : null;
    const sort = unit === null ? null : unitSort(unit);
    if (unit !== null && sort !== null && Number.isNaN(words[i - 1]?.value ?? NaN)) (said.get(sort) ?? said.set(sort, new Set()).get(sort)!).add(unit);
  });
  if (said.size === 0) return plans;
  const inUnits = (plan: Plan): Plan => rewrite(plan, (node) => {
    const sort = isMeasure(node) ? unitSort(node.unit) : null, wanted = sort === null ? undefined : said.get(sort);
    return isMeasure(node) && wanted?.size === 1 && !wanted.has(unitName(node.unit) ?? node.unit) ? { ...node, unit: [...wanted][0]! } : undefined;
  });
  const made = plans.map((plan) => { const now = inUnits(plan); return now !== plan && now.step === 'calculate' && plan.step === 'calculate' && !plan.replace && plan.name === nameOf(plan.as) ? { ...now, name: nameOf(now.as) } : now; });
  return made.some((p, i) => p !== plans[i]) ? made : plans;
}

/** Cells that are all written in the unit they are measured in are the numbers that stand there. */
const inOwnUnit = (plans: readonly Plan[], head: CheckedHead): readonly Plan[] => rewrite(plans, (node) => {
  if (!isMeasure(node) || node.of.kind !== 'column') return undefined;
  const { unit, of } = node, glance = head.glances?.get(of.name);
  return glance?.units === 1 && unitName(glance.unit) !== null && unitName(glance.unit) === unitName(unit) && sampleOf(of.name, { head }).every((v) => !/\d/.test(v) || readMeasure(v, unit)?.converted === false && !v.includes(':')) ? of : undefined;
});

interface Among {
  readonly kind: 'among';
  readonly of: { readonly kind: 'column'; readonly name: string };
  readonly texts: readonly string[];
}
const isAmong = (value: unknown): value is Among => { if (typeof value !== 'object' || value === null) return false; const { kind, of } = value as { kind?: string; of?: { kind?: string } }; return kind === 'among' && of?.kind === 'column'; };

const ANY_SPELLING = /\b(?:however|no matter how|whichever way) (?:it|they|its|that|the \w+)(?:'?s|'?re| is| are| was| were)? (?:spelt|spelled|written|typed|misspelt|misspelled)\b|\b(?:what|which)ever the (?:spelling|way)|\bin (?:any|all|every|whatever|whichever|each) (?:of the |of its |its )?(?:spellings?|ways? of (?:spelling|writing))\b|\b(?:all|any|every|regardless of) (?:the |its )?(?:spellings?|ways? of writing)\b|\bregardless of (?:how|the way) (?:it|they)\b/;

/** A text with spaces, marks and the legal form of a firm taken away; nothing of one with figures, which tell codes apart. */
const bareName = (text: string): string => (/\d/.test(text) ? '' : bareText(cleaned(text.replace(/\s+and\s+co\.?$/i, ' & Co'), 'legal')));

interface Spelling { readonly value: string; readonly key: string; readonly bare: string }
const spelled = keptForHead<readonly Spelling[]>();

/** The different values of a column, each as it is compared and as it is bare. */
const spellingsOf = (name: string, head: CheckedHead): readonly Spelling[] =>
  spelled(head, name, () => (head.glances?.get(name)?.values ?? []).map(([v]) => v.trim()).filter((v) => v !== '').map((value) => ({ value, key: folded(value), bare: bareName(value) })));

/** A value that also stands in other spellings: those that differ in spaces, marks and the legal form of a firm only; also those one typing mistake away where it is said 'however it is spelt'. */
function inSpellings(plans: readonly Plan[], words: readonly Token[], head: CheckedHead): readonly Plan[] {
  const any = ANY_SPELLING.test(words.map((w) => w.lower).join(' '));
  return rewrite(plans, (node) => {
    if (!isAmong(node)) return undefined;
    const own = new Set(node.texts.map(folded)), bare = new Set(node.texts.map(bareName));
    bare.delete('');
    const others = spellingsOf(node.of.name, head).filter((v) => !own.has(v.key) && (bare.has(v.bare) || (any && v.bare.length >= 6 && [...bare].some((b) => b.length >= 6 && typingDistance(v.bare, b, 1) <= 1))));
    return others.length ? { ...node, texts: [...node.texts, ...new Map(others.map((v) => [v.key, v.value])).values()] } : undefined;
  });
}

/** A single quotient that is called a percentage is one: '0.4' would be a hundredth of what was asked for. */
function asked100(plans: readonly Plan[], words: readonly Token[], columns: readonly ColumnMention[], head: CheckedHead): readonly Plan[] {
  // The sign of ‹VAT %›, of another table, asks for nothing.
  const ends = new Set([...(head.others?.values() ?? [])].flatMap((o) => o.columns.flatMap((c) => /(\S+) %$/.exec(c.name)?.[1]?.toLowerCase() ?? [])));
  const percent = words.some((w, i) => /^(?:percent|percentage|percents|percentages|%|pct)$/.test(w.lower === 'cent' && words[i - 1]?.lower === 'per' ? 'percent' : w.lower) && Number.isNaN(words[i - 1]?.value ?? NaN) && !ends.has(words[i - 1]?.lower ?? '') && !columns.some((c) => c.from <= i && c.to > i && c.cost < 0.05));
  if (!percent) return plans;
  const made = plans.map(asPercentage);
  const changed = made.filter((p, i) => p !== plans[i]);
  return changed.length === 1 && plans.filter((p) => p.step === 'calculate').length === 1 ? made : plans;
}

/** Does a case only say that what another table does not have is blank? */
const blankAnyway = ({ when, then }: Case, otherwise: Expression): boolean =>
  then.kind === 'blank' && otherwise.kind === 'lookup' && (when.kind === 'empty' ? keyOf(when.of) === keyOf(otherwise.of) : when.kind === 'not' && when.of.kind === 'listed' && when.of.table === otherwise.table && keyOf(when.of.of) === keyOf(otherwise.of));

/** What another table does not have is blank without being said to be. */
const saidOnce = (plans: readonly Plan[]): readonly Plan[] => {
  const made = plans.map((p): Plan => { if (p.step !== 'calculate' || p.as.kind !== 'choose') return p; const { cases, otherwise } = p.as; return cases.every((c) => blankAnyway(c, otherwise)) ? { ...p, as: otherwise } : p; });
  return made.some((p, i) => p !== plans[i]) ? made : plans;
};

/** 'Is there a wish? Yes if ...': what is asked so is answered by no as well. */
function answeredToo(plans: readonly Plan[], words: readonly Token[]): readonly Plan[] {
  const at = words.findIndex((w) => w.lower === '?');
  if (at < 2 || !/^(?:is|are|was|were|do|does|did|has|have|had|can|could)$/.test(words[0]!.lower) || words[at + 1]?.lower !== 'yes') return plans;
  return plans.map((p): Plan => {
    if (p.step !== 'calculate' || p.replace || p.as.kind !== 'choose' || p.as.cases.length !== 1 || p.as.otherwise.kind !== 'blank') return p;
    const [{ then }] = p.as.cases as readonly [Case];
    if (then.kind !== 'text' || then.value.toLowerCase() !== 'yes') return p;
    const as: Expression = { ...p.as, otherwise: { kind: 'text', value: 'no' } };
    return { ...p, name: p.name.toLowerCase() === 'yes' ? nameOf(as) : p.name, as };
  });
}

/** What is looked up by a value, or whether it stands there. */
type LookedUp = { readonly kind: 'lookup' | 'listed'; readonly table: string; readonly under: string; readonly of: Expression; readonly loosely?: true };
const isLookedUp = (node: unknown): node is LookedUp => typeof node === 'object' && node !== null && 'kind' in node && (node.kind === 'lookup' || node.kind === 'listed') && 'table' in node;

/** Are names looked for in another table in whatever spelling? */
export const looksLoosely = (plans: readonly Plan[]): boolean => keyOf(plans).includes('"loosely":true');

const orders = keptForHead<boolean>();

/**
 * Do names of two tables that are looked for in any spelling differ by nothing but the order of their words, capitals and marks?
 * 'Lind, Ebba' is surely Ebba Lind: that needs no asking.
 */
export const differsInOrder = (plans: readonly Plan[], head: CheckedHead): boolean => {
  const looked: LookedUp[] = [];
  rewrite(plans, (node) => { if (isLookedUp(node) && node.loosely) looked.push(node); return undefined; });
  return looked.length > 0 && looked.every(({ table, under, of }) => orders(head, JSON.stringify([table, under, of]), () => {
    const other = head.others?.get(table);
    if (of.kind !== 'column' || !other) return false;
    const ordered = (text: string): string => bareWords(text).sort().join(' ');
    const own = [...new Set(sampleOf(of.name, { head }).filter((v) => v.trim() !== ''))], theirs = [...new Set(sampleOf(under, { head: other }).filter((v) => v.trim() !== ''))];
    const { found, rivals } = meantBy(own, theirs);
    return rivals.size === 0 && own.some((_, i) => found[i]! >= 0) && own.every((text, i) => found[i]! < 0 || ordered(text) === ordered(theirs[found[i]!]!));
  }));
};

/** Where two tables are said to spell names otherwise, they are looked for so. */
export const inAnySpelling = (plans: readonly Plan[]): readonly Plan[] => rewrite(plans, (node) => (isLookedUp(node) && node.of.kind === 'column' ? { ...node, loosely: true } : undefined));

/** 'Empty when there are no cars, full from 24': that is a label like the other, and no blank. */
function emptyAsFull(plans: readonly Plan[], words: readonly Token[]): readonly Plan[] {
  if (!/(?:^|[:,;]) empty (?:when|if|up|at|with|for|from|where|under|below)\b/.test(words.map((w) => w.lower).join(' '))) return plans;
  return plans.map((p): Plan => (p.step === 'calculate' && p.as.kind === 'choose' && p.as.cases.some((c) => c.then.kind === 'text' && c.then.value === 'full') ? { ...p, as: { ...p.as, cases: p.as.cases.map((c) => (c.then.kind === 'blank' ? { ...c, then: { kind: 'text', value: 'empty' } } : c)) } } : p));
}

/** Words that say what becomes of rows; without them those that another table decides about are listed. */
const BECOMES = new Set('keep leave filter drop remove delete throw set aside put cut out go goes away want need reduce restrict limit narrow stay remain rid exclude'.split(' ').map(stem));
const becomes = (words: readonly Token[]): boolean => words.some((w, i) => BECOMES.has(w.stem) || (/^(?:only|just)$/.test(w.lower) && !/^(?:for|where|if|when|in)$/.test(words[i + 1]?.lower ?? '')));

/** What a row has nothing of in another table is no row there, where none there is blank: several would be no single value either. */
const asAbsent = (plan: Plan, head: CheckedHead): Plan => ((plan.step !== 'filter' && plan.step !== 'ask') || plan.where === undefined ? plan : { ...plan, where: rewrite(plan.where, (node) => {
  const of = isEmptiness(node) ? node.of : null;
  return of?.kind === 'lookup' && of.fn === 'only' && head.others?.get(of.table)?.glances?.get(of.value)?.blanks === 0 ? { kind: 'not', of: { kind: 'listed', table: of.table, under: of.under, of: of.of, ...(of.loosely && { loosely: true }) } } : undefined;
}) });
const isEmptiness = (node: unknown): node is Extract<Condition, { kind: 'empty' }> => typeof node === 'object' && node !== null && (node as { kind?: unknown }).kind === 'empty' && 'of' in node;

const absent = (plans: readonly Plan[], head: CheckedHead): readonly Plan[] => { const made = plans.map((p) => asAbsent(p, head)); return made.some((p, i) => keyOf(p) !== keyOf(plans[i]!)) ? made : plans; };

/** What is said before those who are asked for. */
const LEADS = /^(?:which|what|who|list|show|me|give|us|the|all|any|find|tell|did|do|does|have|are|is|we|there|please|those)$/;

/** Are rows of two tables held against each other: one has none there, or their values differ? */
function reconciles(where: Condition): boolean {
  let found = false;
  walk(where, (n) => { found ||= n.kind === 'listed' || (n.kind === 'compare' && isTheirs(n.left) !== isTheirs(n.right) && columnsOf(isTheirs(n.left) ? n.right : n.left).length > 0); });
  return found;
}

/**
 * 'Readings with a household not found in households': rows that another table decides about, of whom nothing is said to
 * become, are an answer, with both values where those are shown; 'films never submitted' by what they are called.
 */
export function asListed(plans: readonly Plan[], words: readonly Token[], columns: readonly ColumnMention[], head: CheckedHead): readonly Plan[] {
  const [first, ...shown] = plans;
  if (first?.step !== 'filter' || first.mode !== 'keep' || !reconciles(first.where) || becomes(words) || /^(?:is|are|was|were|does|do|has|have|how)$/.test(words[0]?.lower ?? '')) return plans;
  const theirs = theirsIn(first.where), used = columnsOf(first.where);
  const at = words.findIndex((w) => !LEADS.test(w.lower));
  const named = shown.length === 0 ? columns.find((m) => m.from === at && m.cost < 0.3 && used.includes(m.column) && findColumn(head.columns, m.column)?.type === 'text') : undefined;
  const key = named?.column ?? firstUnique({ head });
  if (key === undefined || !shown.every((p) => p.step === 'calculate' && !p.replace && theirs.some((e) => keyOf(e) === keyOf(p.as)))) return plans;
  const own = shown.length === 0 ? [] : used.filter((name) => name !== key && theirs.every((e) => e.kind !== 'lookup' || keyOf(e.of) !== keyOf(column(name))));
  const by: Expression[] = [...[key, ...own].map(column), ...shown.flatMap((p) => (p.step === 'calculate' ? [p.as] : []))];
  return [planOf({ figures: [], by, where: first.where })];
}

/** The plans of a reading as the whole request has them. */
export const finished = (plans: readonly Plan[], words: readonly Token[], columns: readonly ColumnMention[], head: CheckedHead): readonly Plan[] => absent(emptyAsFull(answeredToo(inSpellings(withForms(inOwnUnit(inSaidUnits(asked100(saidOnce(plans), words, columns, head), words), head), words, head), words, head), words), words), head);
