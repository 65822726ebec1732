import { keptForHead } from './kept';
import { firstUnique } from '../steps/ask/question';
import { isQuestion } from '../steps/questions';
import type { CheckedHead } from '../formula/check';
import { number, type Expression } from '../formula/expression';
import { monthNumber } from '../values/date';
import { findColumn, NoColumn } from '../table/table';
import { folded } from '../values/fold';
import { readExacts, checkPlan, sayPlan, STEPS, type Plan } from '../steps/registry';
import { STEP_ENTAILED, STEP_FRAMES, STEP_PHRASES } from '../steps/phrases';
import { describe, nothing, OTHERWISE_SPELLED, speakOf, startState, withPlan, type Act, type Context, type State } from './acts';
import { FILLERS, LIGHT } from './lexicon/classes';
import { Grammar, keyOf, rule, type Chart, type Item, type Rule } from './chart';
import { contradicts, isMixed } from './doubts/doubt';
import { doubtsOf } from './doubts/doubts';
import { preferNamed } from './doubts/named';
import { wordsSought } from './doubts/nodes';
import { written } from './exact';
import { asListed, differsInOrder, finished, inAnySpelling, isMentioning, looksLoosely } from './finish';
import { restates } from './entailed';
import { frameRules, framed, withFrames } from './frames';
import { againRules } from './grammar/again';
import { conditionRules } from './grammar/conditions/rules';
import { allowanceRules } from './grammar/allowances';
import { bandRules } from './grammar/bands';
import { theirRules } from './grammar/theirs';
import { theirAmountRules } from './grammar/their-amounts';
import { otherRules } from './grammar/others';
import { pairRules } from './grammar/pairs';
import { manyRules } from './grammar/many';
import { kindRules } from './grammar/kinds';
import { owingRules } from './grammar/owing';
import { placeRules } from './grammar/places';
import { expressionRules } from './grammar/expressions';
import { seeds } from './grammar/seeds/seeds';
import { ASIDES, DESCRIBING } from './lexicon/remarks';
import type { Metric } from '../metrics/glossary';
import { missingRoles, rolesOf } from '../metrics/metrics';
import { recall, type Lesson } from './lessons';
import { columnMentions, nearestColumns, vocabularyOf, type ColumnMention, type ValueMention, type Vocabulary } from './mentions';
import { withMade } from './made';
import { rewrite } from './rewrite';
import { WEIGHTS } from './weights';
import { isTooLong, stem, tokens, type Token } from './words';

/** A part of the request and the column it was taken for. */
export interface Tie {
  readonly from: number;
  readonly to: number;
  readonly column: string;
  readonly reason: string;
}

/** One way to understand a request: its plans in order, each with its exact sentence. */
export interface Reading {
  readonly plans: readonly Plan[];
  readonly sentences: readonly string[];
  readonly cost: number;
  /** The words tied to columns, and the words not used, by their places in the request. */
  readonly ties: readonly Tie[];
  readonly unused: readonly { readonly from: number; readonly to: number; readonly text: string }[];
  /** The wording it was learnt from, where it is not the grammar's. */
  readonly learnt?: string;
}

/** The answer to a request. A reading with unused words, or with a close rival, is asked about and never carried out. */
export type Answer =
  | { readonly outcome: 'done'; readonly reading: Reading; readonly others: readonly Reading[]; /** It corrects the request before: its plans stand in for that one's. */ readonly corrects: boolean }
  | { readonly outcome: 'question'; readonly message: string; readonly choices: readonly Reading[] }
  | { readonly outcome: 'cannot'; readonly message: string; readonly unused: Reading['unused']; readonly nearest: readonly string[] };

/** All rules of the grammar. */
export const RULES: readonly Rule[] = [
  ...expressionRules,
  ...kindRules,
  ...owingRules,
  ...placeRules,
  ...otherRules,
  ...allowanceRules,
  ...bandRules,
  ...theirRules,
  ...theirAmountRules,
  ...manyRules,
  ...pairRules,
  ...conditionRules,
  ...STEP_PHRASES,
  ...againRules,
  ...frameRules(STEP_FRAMES),
  ...rule('clause', '$cols:c :|-|–', ({ c }) => speakOf(c), 0.6),
  ...rule('clause', '$num ^$cols:c $aside', ({ c }) => speakOf(c), 0.3),
  ...rule('clause', '$cols:c $aside', ({ c }) => speakOf(c), 0.3),
  ...rule('clause', 'in|for|as|with for? $cols:c ,|:', ({ c }) => speakOf(c), 0.6),
];

let grammar: Grammar | null = null;
const theGrammar = (): Grammar => (grammar ??= new Grammar(RULES));

const BEAM = 16;
/** Price of a plan that cannot be carried out: kept only to say why. */
const FAULTY = 7;
const LOST = 4;

interface Path {
  readonly state: State;
  readonly cost: number;
  readonly lost: readonly number[];
  readonly used: readonly (readonly [from: number, to: number, cat: string])[];
  /** How many things are asked for that nothing joins to what was asked before. */
  readonly loose: number;
}

/** What was said before: the columns spoken of, and the last kept plans with the table they were for. */
export interface Memory {
  readonly topic: readonly string[];
  readonly last: { readonly plans: readonly Plan[]; readonly head: CheckedHead } | null;
  /** What undo has just taken back, with the table it was for: what 'I meant moisture' corrects. */
  readonly undone?: { readonly plans: readonly Plan[]; readonly head: CheckedHead };
  /** Wordings that the workspace has learnt. */
  readonly lessons: readonly Lesson[];
  /** Calculations that kept sentences have named. */
  readonly terms?: ReadonlyMap<string, Expression>;
  /** The month in which the financial year begins, as it was said last. */
  readonly yearStart?: number;
}

export const NO_MEMORY: Memory = { topic: [], last: null, lessons: [] };

/**
 * Understands a request over a table: an exact sentence as it stands; anything else through mentions, the chart of
 * typed rules, and a search for the cheapest way to account for every word. Milliseconds; no input throws.
 */
export function readRequest(request: string, whole: CheckedHead, memory: Memory = NO_MEMORY, known?: Vocabulary): Answer {
  const answer = readNow(request, whole, memory, known);
  return answer.outcome !== 'done' && memory.undone ? readUndone(request, whole, memory, memory.undone, known) ?? answer : answer;
}

/** What is not understood by itself may say what was meant by the request that was taken back; null where it does not. */
export function readUndone(request: string, whole: CheckedHead, memory: Memory, undone: NonNullable<Memory['undone']>, known?: Vocabulary): Answer | null {
  const meant = readNow(request, whole, { ...memory, last: undone }, known);
  return meant.outcome === 'done' && meant.corrects ? { ...meant, corrects: false } : null;
}

function readNow(request: string, whole: CheckedHead, memory: Memory, known?: Vocabulary): Answer {
  const exact = readExacts(request);
  if (exact) return answerExact(exact, whole, request);
  const head = inSight(request, whole);
  const vocabulary = head === whole && known ? known : vocabularyOf(head);
  const words = tokens(request);
  if (words.length === 0) return cannot('There is nothing to read. Say what should change, for example: ' + STEPS[0]!.example + '.', [], []);
  if (isTooLong(request, words)) return TOO_MUCH;
  const context: Context = { head, vocabulary, ...(memory.terms ? { terms: memory.terms } : {}), ...(memory.yearStart ? { yearStart: memory.yearStart } : {}) };
  const { mentions, chart } = analyse(words, request, context);
  if (chart.exhausted) return TOO_MUCH;
  const learnt = recalled(request, words, context, memory.lessons);
  if (learnt) return { outcome: 'done', reading: learnt, others: [], corrects: false };
  const start = startState(head, memory.topic.filter((name) => head === whole || findColumn(head.columns, name)), memory.last?.plans.at(-1));
  const first = decide(search(words, chart, start), request, words, mentions.columns, mentions.values, head);
  const answer = (first.outcome === 'done' ? null : spokenOfAgain(request, words, mentions.items, context, start)) ?? first;
  if (answer.outcome === 'cannot') {
    const lacking = lackingRole(mentions.items, head);
    if (lacking && !memory.last) return cannot(lacking, answer.unused, []);
  }
  if (!memory.last) return answer;
  // A question asked before is more likely gone on with than something new begun.
  const last = memory.last.plans.at(-1);
  const asked = last !== undefined && isQuestion(last);
  if (answer.outcome === 'done' && !asked && !(last && mayMeanLast(answer.reading.plans, last, request) && words.length <= 12)) return answer;
  const hidden = new Set(whole.columns.filter((c) => c.hidden).map((c) => c.name));
  const correction = correct(request, words, context, mentions, chart, memory.topic, memory.last, hidden);
  if (correction?.outcome !== 'done') return answer;
  // What is done anyway is another reading of it only where the plan before is changed, not where one is added.
  if (answer.outcome === 'done' && !asked && correction.reading.plans.length > memory.last.plans.length) return answer;
  return answer.outcome === 'done' && answer.reading.cost < correction.reading.cost - WEIGHTS.goingOn ? answer : correction;
}

/** A request that makes a column and goes on with it; null where it does not, or is not understood so. */
function spokenOfAgain(request: string, words: readonly Token[], items: readonly Item[], context: Context, start: State): Answer | null {
  const then = withMade(words, items, context);
  if (!then) return null;
  const { mentions, chart } = analyse(words, request, then);
  if (chart.exhausted) return null;
  const answer = decide(search(words, chart, start).filter((p) => !p.state.problem), request, words, mentions.columns, mentions.values, then.head);
  return answer.outcome === 'done' && answer.reading.plans.length > 1 ? answer : null;
}

const sights = keptForHead<CheckedHead>();

/** The table as a request sees it: without the columns that are out of sight, unless it calls them by their whole names or speaks of what is hidden. */
export function inSight(request: string, whole: CheckedHead): CheckedHead {
  const away = whole.columns.filter((c) => c.hidden).map((c) => c.name);
  if (away.length === 0 || /\bhidden\b/i.test(request)) return whole;
  const said = ` ${folded(request).replace(/[^\p{L}\p{N}]+/gu, ' ')} `;
  const unnamed = away.filter((name) => !said.includes(` ${folded(name).replace(/[^\p{L}\p{N}]+/gu, ' ').trim()} `));
  return unnamed.length === 0 ? whole : sights(whole, unnamed.join('\n'), () => ({ ...whole, columns: whole.columns.filter((c) => !unnamed.includes(c.name)) }));
}

/** 'Only for the done ones': of what was just calculated. */
const LIMITS = /^(?:and |but |please |do (?:that|it|so|this) |calculate (?:that|it) )*(?:only|just) for\b/i;

/** 'Sorry, also minus 1.50 per comp': more of the calculation before. */
const FURTHER = /^(?:(?:no|oh|sorry|and|but|also|then|wait|please)[ ,]+)*(?:minus|less|plus)\b/i;

/** 'Keep the last one' after repeats were set aside, 'leave Heath as it is' after spellings were put right: of rows, or of what was just said? */
const mayMeanLast = (plans: readonly Plan[], last: Plan, request: string): boolean =>
  plans.length === 1 &&
  (plans[0]!.step === 'filter' && last.step === 'calculate' && !last.replace
    ? LIMITS.test(request) || (last.as.kind === 'choose' && /^(?:and|also|plus|add)\b/i.test(request))
    : plans[0]!.step === 'calculate' && last.step === 'calculate'
    ? !last.replace && FURTHER.test(request)
    : plans[0]!.step === 'filter' && last.step === 'filter'
    ? /^(?:and|also|plus)\b(?!.*\b(?:only|those|these|them)\b)|^and (?:the|those) (?:ones|rows)\b/i.test(request)
    : plans[0]!.step === 'move'
    ? last.step === 'sort'
    : plans[0]!.step === 'sort'
    ? last.step === 'calculate'
    : plans[0]!.step === 'rename'
    ? last.step === 'split' || last.step === 'calculate'
    : (plans[0]!.step === 'take' || plans[0]!.step === 'filter') && (last.step === 'distinct' || last.step === 'standardise' || last.step === 'mask'));

/** A limit that holds already ('blank where there are no hives') changes nothing, and is no less understood. */
const confirms = (p: Path): boolean => p.lost.length === 0 && p.used.length > 0 && p.used.every(([, , cat]) => cat === 'rider');

/** What to say when a measure was asked for by name and no column can play one of its parts. */
function lackingRole(items: readonly Item[], head: CheckedHead): string | null {
  const named = items.filter((i) => i.cat === 'metricName').sort((a, b) => b.to - b.from - (a.to - a.from))[0];
  if (!named) return null;
  const metric = named.value as Metric;
  const plain = (text: string): string => text.replace(/([a-z])([A-Z])/g, '$1 $2').toLowerCase();
  const missing = missingRoles(metric, head).map(plain);
  return missing.length ? `The ${metric.names[0]} is ${plain(metric.formula)}, and no column stands for the ${missing.join(' or the ')}. Say which, for example: “${metric.names[0]} from ${rolesOf(metric).map((_, i) => `‹${'AB'[i] ?? 'C'}›`).join(' and ')}”.` : null;
}

/** The reading of a request that the workspace has learnt, the newest lesson first. */
function recalled(request: string, words: readonly Token[], { head, vocabulary }: Context, lessons: readonly Lesson[]): Reading | null {
  for (const lesson of [...lessons].reverse()) {
    const plans = recall(lesson, request, head, vocabulary);
    if (!plans) continue;
    const sentences = plans.map(sayPlan);
    const ties = columnMentions(words, vocabulary).filter((m) => m.cost < 0.6 && sentences.some((s) => s.includes(written(m.column)))).map((m): Tie => ({ from: words[m.from]!.from, to: words[m.to - 1]!.to, column: m.column, reason: 'learnt' }));
    return { plans, sentences, cost: 0, ties: ties.filter((t, i) => !ties.slice(0, i).some((o) => o.from < t.to && t.from < o.to)), unused: [], learnt: lesson.said };
  }
  return null;
}

/**
 * 'Round that to 2', 'no, I meant the cancelled ones': a request that only makes sense as a correction of the one before,
 * read over the table as it is now, or else as it was then.
 */
function correct(request: string, words: readonly Token[], context: Context, mentions: ReturnType<typeof seeds>, chart: Chart, topic: readonly string[], last: NonNullable<Memory['last']>, hidden: ReadonlySet<string>): Answer | null {
  const { plans: before, head: base } = last;
  const own = JSON.stringify(before);
  const asked = before.every(isQuestion);
  const fitsBefore = (after: readonly Plan[]): boolean => (asked ? after.length === before.length && after.every(isQuestion) : after.length <= before.length + 1);
  const attempt = (found: ReturnType<typeof seeds>, over: Chart, head: CheckedHead): Answer => {
    const amended = search(words, over, { ...startState(head, topic, before.at(-1)), plans: before, start: base, amends: true }).filter((p) => p.state.plans.length > 0 && (JSON.stringify(p.state.plans) !== own || (confirms(p) && !ADDS.test(request))) && fitsBefore(p.state.plans) && !contradicts(p.state.plans) && runs(p.state.plans, base));
    const answer = decide(amended, request, words, found.columns, found.values, head);
    return answer.outcome === 'done' ? { ...answer, corrects: true } : answer;
  };
  // What spellings were like before they were put right stands in the table as it was then.
  const now = before.at(-1)?.step === 'standardise' && base !== context.head ? null : attempt(mentions, chart, context.head);
  if (now && (now.outcome === 'done' || base === context.head)) return now;
  // What is out of sight now is not spoken of, though it was in sight then.
  const spoken = hidden.size ? inSight(request, { ...base, columns: base.columns.map((c) => (hidden.has(c.name) ? { ...c, hidden: true } : c)) }) : base;
  const then: Context = { head: spoken, vocabulary: vocabularyOf(spoken) };
  const again = analyse(words, request, then);
  return again.chart.exhausted ? null : attempt(again.mentions, again.chart, base);
}

/** What asks for more is not met by what is there. */
const ADDS = /^(?:and|also|plus) (?:the|those|all)\b/i;

/** Can plans be carried out one after the other, from the table they were for? */
const runs = (plans: readonly Plan[], base: CheckedHead): boolean => plans.reduce<State>((state, plan) => (state.problem ? state : withPlan(state, plan)), startState(base)).problem === null;

/** The mentions of a request and the chart over them. A word that is surely a column is not taken for a mistyping. */
function analyse(words: readonly Token[], request: string, context: Context): { mentions: ReturnType<typeof seeds>; chart: Chart } {
  const mentions = seeds(words, request, context);
  const known = new Set(mentions.columns.filter((m) => m.to === m.from + 1 && m.cost < 0.1).map((m) => m.from));
  // Nor is the noun for the rows.
  words.forEach((t, i) => { if (context.vocabulary.ownNouns.has(t.stem)) known.add(i); });
  // He and she are somebody, as they are.
  // 'The drops of Tom', of a table of drops, take nothing out; the A of 'hall A' is no article.
  const loud = words.every((t) => t.text === t.text.toUpperCase());
  const spoken = words.map((t, i) => (ORDERS.has(t.stem) && t.lower.endsWith('s') && context.vocabulary.ownNouns.has(t.stem) ? { ...t, stem: t.lower } : t.text === 'A' && i > 0 && !loud && !/^[.!?:;]$/.test(words[i - 1]!.lower) && !/^(?:to|-|until)$/.test(words[i + 1]?.lower ?? '') ? { ...t, lower: 'A', stem: 'A' } : /^(?:he|she)$/.test(t.lower) ? { ...t, lower: 'they', stem: 'they' } : t));
  const chart = theGrammar().parse(spoken, [...mentions.items, ...asides(words), ...backgrounds(words, mentions.columns)], context, known);
  return { mentions, chart: chart.exhausted ? chart : withFrames(chart, framed(STEP_FRAMES, words, chart, context)) };
}

/** What asks for something, and may be what a row is called. */
const ORDERS = new Set('rid drop sort split rank count mark cut fill check take pick group label turn move'.split(' '));

/** Words that ask for something: a sentence with one of them is no mere description. */
const ASKING = new Set('should must need want drop remove delete keep only blank zero count except without like call add new column round replace split sort rename move fill turn make put please could would can leave instead decimal percent otherwise else means mean'.split(' ').map(stem));
/** What makes a question one of its own. */
const COMPARES = /^(?:missing|absent|without|lacking|different|differs?|not|no|same|more|less|fewer|than|equals?|above|below|over|under)$/;
/** Words between what is calculated with. */
const CALCULATES = /^(?:minus|less|plus|times|divided|multiplied|[-+*/×÷])$/;
const ASSERTS = new Set(['be', 'have', 'hold', 'contain', 'come', 'look', 'do', 'whisper', 'doe']);

/**
 * A sentence before the last that only describes a column ('half of our directors are shouting'): all it does is to say
 * what is spoken of. It must assert something, and may hold no word that asks for something.
 */
function backgrounds(words: readonly Token[], columns: readonly ColumnMention[]): Item[] {
  const out: Item[] = [];
  for (let from = 0; from < words.length; from++) {
    if (from > 0 && !/^[.!?]$/.test(words[from - 1]!.lower)) continue;
    let to = from;
    while (to < words.length && !/^[.!?;:]$/.test(words[to]!.lower)) to++;
    if (to >= words.length - 2 || to - from < 3 || words[to]!.lower === ':' || words[to]!.lower === ';') continue;
    const own = columns.filter((m) => m.from >= from && m.to <= to && m.cost < 0.2);
    const names = new Set(own.map((m) => m.column));
    const clause = words.slice(from, to);
    if (/^(?:list|show|give|tell|find|get|count|check|take|bring|let|see|compare|match|look)$/.test(clause[0]!.lower)) continue;
    const plain = clause.every((w, k) => own.some((m) => m.from <= from + k && m.to > from + k) || (w.kind === 'word' ? !ASKING.has(w.stem) || w.lower === 'blanks' : w.kind === 'mark' && w.lower === ',')) && clause.some((w) => ASSERTS.has(w.stem));
    const asks = words[to]!.lower === '?' && clause.some((w) => COMPARES.test(w.lower));
    if (plain && !asks && names.size === 1) out.push({ cat: 'clause', from, to, value: describe([...names], clause.map((w) => w.stem).filter((w) => describing.has(w))), cost: WEIGHTS.background });
    // A question that the sentences after it answer: 'what does each holder still owe?'
    if (plain && !asks && words[to]!.lower === '?') out.push({ cat: 'aside', from, to: to + 1, value: nothing, cost: WEIGHTS.background });
    // 'What remains after parts and labour? Invoice minus parts ...': the calculation behind it is what is asked.
    else if (words[to]!.lower === '?' && /^(?:what|how)$/.test(clause[0]!.lower) && to - from <= 10 && words.slice(to + 2, to + 9).some((w) => CALCULATES.test(w.lower))) out.push({ cat: 'aside', from, to: to + 1, value: nothing, cost: WEIGHTS.background + 0.3 });
  }
  return [...out, ...descriptions(words, columns)];
}

const describing = new Set(DESCRIBING.map(stem));
const SAYS = new Set("is are was were has have had says say use answered contain contains hold holds come comes came look looks left put typed written wrote entered used uses spelt spelled misspelt misspelled got there's it's they're isn't aren't".split(' '));
const PASSED = new Set([...FILLERS, ...LIGHT, 'or', 'and']);
/** 'Some are all capitals' is hardly a request. */
const SOME = /^(?:some|others|many|most|several|half|few)$/;
const BORDER = /^[.,;:!?–—-]$/;
/** What another thing begins with, behind 'and'. */
const BEGINS = /^(?:i'd|i'll|we'd|it's|those|these|them|whatever|we|please|just|can|could|you|make|put|write|turn|convert|take|remove|trim|clean|it|they|that|this|all|everything|so|then|should|must|needs?)$/;

/**
 * A part of a sentence in which every word only tells what a column looks like: 'Kind has inconsistent capitals and stray
 * spaces', or of the column spoken of, 'some have a euro sign in front'. It asks for nothing, and says what 'those' are.
 */
function descriptions(words: readonly Token[], columns: readonly ColumnMention[]): Item[] {
  const out: Item[] = [];
  for (let from = 0; from < words.length; from++) {
    if (from > 0 && !BORDER.test(words[from - 1]!.lower) && !/^(?:as|since|because|but|and)$/.test(words[from - 1]!.lower)) continue;
    // So does a question.
    const starts = words[from]!.lower === 'and' ? words[from + 1]?.lower : words[from]!.lower;
    if (starts === 'how' || starts === 'which' || starts === 'who' || (starts === 'where' && words.slice(from).find((w) => /^[.!?]$/.test(w.lower))?.lower === '?')) continue;
    // 'Put them in a column' asks for something.
    if (/^(?:put|leave|type|write|enter|use)$/.test(words[from]!.lower) && /^(?:it|them|that|this|those|these)$/.test(words[from + 1]?.lower ?? '')) continue;
    const known = new Map<number, ColumnMention>();
    for (const m of columns) if (m.from >= from && m.cost < 0.1 && (known.get(m.from)?.to ?? 0) < m.to) known.set(m.from, m);
    for (const m of columns) if (m.from >= from && m.cost < 0.2 && !known.has(m.from)) known.set(m.from, m);
    const [names, told]: [Set<string>, string[]] = [new Set(), []];
    let says = false, to = from;
    while (to < words.length) {
      const w = words[to]!, shown = w.kind === 'quoted' && says && /^(?:like|as)$/.test(words[to - 1]!.lower);
      const own = shown || describing.has(w.stem) || PASSED.has(w.lower) || SAYS.has(w.lower);
      const column = known.get(to);
      if (column && !(own && describing.has(w.stem) && names.size > 0)) {
        names.add(column.column);
        to = column.to;
        continue;
      }
      if (w.kind === 'mark' && !BORDER.test(w.lower) && !/^[€£$%&(),/"']$/.test(w.lower)) break;
      if (w.kind === 'mark' && BORDER.test(w.lower) && w.lower !== ',') break;
      if (w.kind === 'mark' && w.lower === ',' && says && to - from >= 3) put(to);
      if (w.kind !== 'mark' && !own) break;
      if (SAYS.has(w.lower) || (to === from && w.lower === 'some')) says = true;
      if (describing.has(w.stem) || shown) told.push(w.stem);
      if (w.kind === 'mark' && /^[€£$%]$/.test(w.lower)) told.push('sign');
      to++;
      if (says && /^(?:and|so|but)$/.test(words[to]?.lower ?? '') && BEGINS.test(words[to + 1]?.lower ?? '')) put(to);
    }
    if (to === words.length || BORDER.test(words[to]!.lower)) put(to);

    function put(end: number): void {
      if (says && told.length > 0 && names.size <= 1 && end - from >= 3) out.push({ cat: 'clause', from, to: end, value: describe([...names], told), cost: SOME.test(words[from]!.lower) ? WEIGHTS.backgroundOfSome : WEIGHTS.background });
    }
  }
  return out;
}

/** What may come next after some words: columns ('$col'), values ('$value') and classes of words, the likeliest cheapest. */
export function expectedAfter(words: readonly Token[], request: string, context: Context): ReadonlyMap<string, number> {
  const mentions = seeds(words, request, context);
  const known = new Set(mentions.columns.filter((m) => m.to === m.from + 1 && m.cost < 0.1).map((m) => m.from));
  const out = new Map<string, number>();
  const items = mentions.items.filter((i) => i.cat !== 'name' && i.cat !== 'word' && i.cat !== 'guess');
  theGrammar().parse(words, items, context, known, (cat, cost) => {
    for (const start of theGrammar().beginnings(cat)) {
      const price = cost + (start === cat || start === `$${cat}` ? 0 : 0.2);
      // What is calculated with must be a number.
      const key = start === '$col' && /^(?:ex\d|expr|formula|qfigs?|weighed)$/.test(cat) ? '$number' : start;
      if (price < (out.get(key) ?? Infinity)) out.set(key, price);
    }
  });
  return out;
}

/** What became of each part of a request, and what else was considered: for showing to a person. */
export interface Account {
  readonly parts: readonly { readonly text: string; readonly role: 'asks' | 'limits' | 'asks for nothing' | 'passed over' | 'not used' }[];
  readonly columns: readonly { readonly text: string; readonly column: string; readonly reason: string }[];
  /** Readings, the likeliest first: how much dearer each is than the first, what it leaves unused, and what is wrong with it. */
  readonly considered: readonly { readonly sentences: readonly string[]; readonly dearer: number; readonly unused: readonly string[]; readonly problem: string | null }[];
}

const ROLES = { clause: 'asks', rider: 'limits', aside: 'asks for nothing' } as const;

/** How a request is accounted for over a table, part by part. */
export function account(request: string, head: CheckedHead): Account {
  const words = tokens(request);
  const context: Context = { head, vocabulary: vocabularyOf(head) };
  if (words.length === 0 || isTooLong(request, words)) return { parts: [], columns: [], considered: [] };
  const { mentions, chart } = analyse(words, request, context);
  const paths = search(words, chart, startState(head)).filter((p) => p.state.plans.length > 0 || p.lost.length < words.length);
  const [best] = paths;
  if (!best) return { parts: [], columns: [], considered: [] };
  const parts: { text: string; role: Account['parts'][number]['role'] }[] = [];
  const cut = (from: number, to: number): string => request.slice(words[from]!.from, words[to - 1]!.to);
  for (let at = 0; at < words.length; ) {
    const span = best.used.find(([from]) => from === at);
    const to = span ? span[1] : at + 1;
    const role = span ? ROLES[span[2] as keyof typeof ROLES] : best.lost.includes(at) ? 'not used' : 'passed over';
    const last = parts.at(-1);
    if (role === 'passed over' && last?.role === role) last.text = `${last.text} ${cut(at, to)}`;
    else parts.push({ text: cut(at, to), role });
    at = to;
  }
  const reading = readingOf(best, request, words, mentions.columns, mentions.values);
  return {
    parts,
    columns: reading.ties.map((t) => ({ text: request.slice(t.from, t.to), column: t.column, reason: t.reason })),
    considered: paths.filter((p) => p.state.plans.length > 0).slice(0, 6).map((p) => ({
      sentences: p.state.problem ? [] : p.state.plans.map(sayPlan),
      dearer: p.cost - best.cost,
      unused: p.lost.map((i) => words[i]!.text),
      problem: p.state.problem?.text ?? null,
    })),
  };
}

/** How a request is understood, as text: its words, what they may be, what of these categories of the grammar stands where, and the cheapest readings with what they leave out. */
export function explain(request: string, head: CheckedHead, categories: readonly string[] = ['cond', 'rset', 'formula', 'clause', 'rider', 'aside']): string {
  const words = tokens(request);
  const context: Context = { head, vocabulary: vocabularyOf(head) };
  const { mentions, chart } = analyse(words, request, context);
  const out = [`words: ${words.map((w, i) => `${i}:${w.text}`).join(' ')}`, ''];
  const span = (from: number, to: number): string => words.slice(from, to).map((w) => w.text).join(' ');
  for (const m of mentions.columns) out.push(`column  ${span(m.from, m.to)} -> ‹${m.column}› (${m.reason}, ${m.cost.toFixed(2)})`);
  for (const i of mentions.items) if (['value', 'period', 'date', 'num', 'pct', 'rows'].includes(i.cat)) out.push(`${i.cat}  ${span(i.from, i.to)} -> ${JSON.stringify(i.value)} (${i.cost.toFixed(2)})`);
  out.push('');
  for (let at = 0; at < words.length; at++) {
    for (const cat of categories) {
      for (const item of chart.at(at, cat)) out.push(`${cat.padEnd(8)} ${item.from}-${item.to} ${span(item.from, item.to)}  [${item.cost.toFixed(2)}] ${cat === 'aside' ? '' : JSON.stringify(item.value).slice(0, 160)}`);
    }
  }
  out.push('');
  const doubts = doubtsOf(words, head);
  for (const path of search(words, chart, startState(head)).slice(0, 8)) {
    const doubt = path.state.problem ? 0 : doubts.price(path.state.plans);
    out.push(`reading [${path.cost.toFixed(2)}${doubt ? ` + ${doubt.toFixed(2)} in doubt` : ''}] ${path.state.problem ? `(${path.state.problem.text}) ` : ''}${path.state.problem ? JSON.stringify(path.state.plans) : path.state.plans.map(sayPlan).join(' ')}${path.lost.length ? `  not used: ${path.lost.map((i) => words[i]!.text).join(', ')}` : ''}`);
  }
  return out.join('\n');
}

const CUT = 8;
/** Price of columns that were spoken of for nothing. */
const UNHEARD = 4;
/** A reading that costs more than so much, and so much for each word, is asked about. */
const DEAR = 3.4;
const DEAR_WORD = 0.06;
/** And for each word that is looked for in texts: long lists of them are no roundabout. */
const DEAR_SOUGHT = 0.04;

/** The cheapest ways through the request, clause by clause, passing words over at their price. */
function search(words: readonly Token[], chart: Chart, start: State): Path[] {
  const at: Path[][] = words.map(() => []);
  at.push([]);
  at[0]!.push({ state: start, cost: 0, lost: [], used: [], loose: 0 });
  const put = (place: number, path: Path): void => {
    const list = at[place]!;
    if (list.length === BEAM && list.at(-1)!.cost <= path.cost) return;
    const key = pathKey(path);
    const same = list.findIndex((p) => pathKey(p) === key);
    if (same >= 0) {
      if (list[same]!.cost <= path.cost) return;
      list.splice(same, 1);
    }
    list.push(path);
    list.sort((a, b) => a.cost - b.cost);
    if (list.length > BEAM) list.length = BEAM;
  };
  // A clause that begins inside a column's full name tears it apart.
  const cut = new Set<number>();
  for (let i = 0; i < words.length; i++) for (const m of chart.at(i, 'col')) if (m.cost < 0.05) for (let k = i + 1; k < m.to; k++) cut.add(k);
  const valued = words.map((_, i) => chart.at(i, 'value').some((m) => m.cost < 0.05));
  for (let i = 0; i < words.length; i++) {
    for (const path of at[i]!) {
      const skip = chart.skips[i]!;
      put(i + 1, { ...path, cost: path.cost + skip.outer, lost: skip.lost ? [...path.lost, i] : path.lost });
      // What stands 'alone' is all that is asked for.
      const alone = path.used.some(([, , cat]) => cat === 'alone');
      const begun = path.state.amends || path.used.some(([, , cat]) => cat !== 'aside');
      for (const cat of alone ? ['aside'] : begun ? ['clause', 'rider', 'aside'] : ['clause', 'rider', 'aside', 'alone']) {
        for (const item of chart.at(i, cat)) {
          const state = applied(item.value as Act, path.state);
          if (!state) continue;
          const faulty = state.problem && !path.state.problem ? FAULTY : 0;
          // What stands in the cells is no remark.
          const swallowed = cat === 'aside' && valued.some((v, k) => v && k >= item.from && k < item.to) ? WEIGHTS.swallowed : 0;
          // 'Fill it with 150' does not go on with 'kg per bin': what is asked for next is joined to what was asked before.
          const loose = cat === 'clause' && path.state.plans.length > 0 && state.plans.length > path.state.plans.length && !path.state.amends && !narrows(path.state.plans, state.plans) && !isJoined(words, path.used.at(-1)?.[1] ?? 0, i) ? WEIGHTS.unjoined : 0;
          const price = loose + swallowed + (cat === 'clause' || cat === 'alone' ? WEIGHTS.clause : WEIGHTS.rider) + (cat === 'clause' && cut.has(i) ? CUT : 0);
          put(item.to, { state, cost: path.cost + item.cost + price + faulty, lost: path.lost, used: [...path.used, [item.from, item.to, cat]], loose: path.loose + (loose > 0 ? 1 : 0) });
        }
      }
    }
  }
  // Columns that were only spoken of, and of which nothing came, say something that was not heard.
  return at[words.length]!.map((p) => (p.state.spoken.length && p.state.plans.length ? { ...p, cost: p.cost + UNHEARD } : p)).sort((a, b) => a.cost - b.cost);
}

/** What an act leads to; null where it does not fit, or speaks of a column that the request makes only later. */
function applied(act: Act, state: State): State | null {
  try {
    return act.apply(state);
  } catch (e) {
    if (e instanceof NoColumn) return null;
    throw e;
  }
}

/** 'Only the diesel vans that drove over 100,000 km': rows of rows, said in one go. */
const narrows = (before: readonly Plan[], after: readonly Plan[]): boolean => {
  const [one, two] = [before.at(-1), after.at(-1)];
  return after.length === before.length + 1 && one?.step === 'filter' && two?.step === 'filter' && one.mode === two.mode;
};

/** Does a joint stand between two things that are asked for, or at the edge of one? */
function isJoined(words: readonly Token[], end: number, from: number): boolean {
  return end === 0 || words.slice(Math.max(0, end - 1), from + 1).some((w) => w.kind === 'mark' || JOINING.test(w.lower));
}
const JOINING = /^(?:and|then|out|from|but|also|so|please|plus|with|now|afterwards|next|finally|while|to|into|in|as|where|if|when)$/;

const pathKeys = new WeakMap<Path, string>();

/** What tells two ways apart: what they lead to, and what they leave out. */
function pathKey(path: Path): string {
  let key = pathKeys.get(path);
  if (key === undefined) pathKeys.set(path, (key = `${keyOf(path.state.plans)}|${path.state.topic.join()}|${[...path.state.told].join()}|${path.state.spoken.join()}|${path.lost.join()}`));
  return key;
}

/** Things people say around a request: every span that is one of the known asides. */
function asides(words: readonly Token[]): Item[] {
  const out: Item[] = [];
  words.forEach(({ stem: own, lower }, from) => {
    for (const first of own === lower ? [own, '*'] : [own, lower, '*']) {
      for (const pattern of asidesBy.get(first) ?? []) {
        const end = matchAside(pattern, 0, words, from, 0);
        if (end > from) out.push({ cat: 'aside', from, to: end, value: nothing, cost: 0.1 });
      }
    }
  });
  return out;
}

const asidePatterns = ASIDES.map((text) => text.split(' ').map((w) => (w === '*' ? '*' : /^\p{L}/u.test(w) ? stem(w) : w)));

/** The patterns by what they begin with. */
const asidesBy = new Map<string, (typeof asidePatterns)[number][]>();
for (const pattern of asidePatterns) (asidesBy.get(pattern[0]!) ?? asidesBy.set(pattern[0]!, []).get(pattern[0]!)!).push(pattern);

/** Where a pattern that starts at `at` ends, or -1. A star takes one to six words and no mark. */
function matchAside(pattern: readonly string[], k: number, words: readonly Token[], at: number, stars: number): number {
  if (k === pattern.length) return at;
  const token = words[at];
  if (!token) return -1;
  if (pattern[k] !== '*') return token.stem === pattern[k] || token.lower === pattern[k] ? matchAside(pattern, k + 1, words, at + 1, 0) : token.lower === ',' && k > 0 ? matchAside(pattern, k, words, at + 1, stars) : -1;
  if (token.kind === 'mark' || stars >= 6) return -1;
  const further = matchAside(pattern, k, words, at + 1, stars + 1);
  return further > 0 ? further : matchAside(pattern, k + 1, words, at + 1, 0);
}

function decide(found: readonly Path[], request: string, words: readonly Token[], columns: readonly ColumnMention[], values: readonly ValueMention[], head: CheckedHead): Answer {
  const heard = found.some((p) => p.lost.length === 0 && p.state.plans.length > 0) ? found : found.map((p) => heardAgain(p, words, columns, values));
  const paths = heard.map((p) => { const whole = finished(p.state.told.has(OTHERWISE_SPELLED) ? inAnySpelling(p.state.plans) : p.state.plans, words, columns, head), plans = p.state.amends ? whole : asListed(whole, words, columns, head); return plans === p.state.plans ? p : { ...p, state: { ...p.state, plans } }; })
    // Other spellings are told of where names are looked for, and nowhere else.
    .filter((p) => !p.state.told.has(OTHERWISE_SPELLED) || looksLoosely(p.state.plans));
  const doubts = doubtsOf(words, head);
  const readings = paths.filter((p) => p.state.plans.length > 0 && !p.state.problem && !isMixed(p.state.plans) && !p.state.plans.some(isIdle)).map((p) => readingOf(p, request, words, columns, values)).map((r) => ({ ...r, cost: r.cost + doubts.price(r.plans) })).sort((a, b) => a.cost - b.cost);
  const whole = preferNamed(readings.filter((r) => r.unused.length === 0), request);
  const best = saidInFull(whole);
  if (best) {
    const own = best.sentences.join();
    const shape = shapeOf(own);
    const meaning = comesTo(best.plans, head);
    const rivals = whole.filter((r) => r.sentences.join() !== own && comesTo(r.plans, head) !== meaning && r.cost < best.cost + (shapeOf(r.sentences.join()) === shape && guessed(best, r) ? WEIGHTS.closeColumn : WEIGHTS.close));
    if (rivals.length) return { outcome: 'question', message: 'This can be understood in more than one way. Which is meant?', choices: distinctReadings([best, ...rivals]).slice(0, 4) };
    const cheaper = readings.find((r) => r.cost < best.cost - LOST);
    const listed = cheaper ? null : inLists(best, head);
    if (listed) return { outcome: 'question', message: listed.message, choices: [best, listed.other] };
    const loose = found.some((p) => p.loose > 0 && p.lost.length === 0 && keyOf(p.state.plans) === keyOf(best.plans)) && !found.some((p) => p.loose === 0 && p.lost.length === 0 && keyOf(p.state.plans) === keyOf(best.plans));
    const unlike = looksLoosely(best.plans) && !differsInOrder(best.plans, head) && !paths.some((p) => p.state.told.has(OTHERWISE_SPELLED) && p.lost.length === 0 && keyOf(p.state.plans) === keyOf(best.plans));
    const asked = cheaper ? null : (doubts.asked(best.plans) ?? (unlike ? 'The two tables do not spell the names alike. Look for them in other spellings, too?' : null) ?? (loose ? 'This is read as more than one thing. Is it meant so?' : null) ?? (best.cost > DEAR + DEAR_WORD * words.length + DEAR_SOUGHT * wordsSought(best.plans).flat().length ? 'This is read in a roundabout way. Is it meant so?' : null));
    if (asked) return { outcome: 'question', message: asked, choices: distinctReadings(whole).slice(0, 4) };
    if (!cheaper) return { outcome: 'done', reading: best, others: distinctReadings(whole).slice(1, 4), corrects: false };
  }
  const faulty = paths.find((p) => p.state.problem && p.lost.length === 0);
  const nearest = (text: string): string[] => nearestColumns(text, head);
  if (faulty && (!readings[0] || faulty.cost - FAULTY < readings[0].cost)) {
    const problem = faulty.state.problem!;
    return cannot(problem.text, [], problem.column ? nearest(problem.column).filter((n) => n !== problem.column) : []);
  }
  const [partial] = readings;
  if (partial && partial.unused.length <= 3) {
    const list = partial.unused.map((u) => `“${u.text}”`).join(', ');
    return { outcome: 'question', message: `Not used: ${list}. Is this meant all the same?`, choices: distinctReadings(readings.filter((r) => r.unused.length <= partial.unused.length)).slice(0, 4) };
  }
  const mentioned = (w: Token): boolean => [...columns, ...values].some((m) => words[m.from]!.from <= w.from && words[m.to - 1]!.to >= w.to && m.cost < 0.5);
  const { rowNouns } = vocabularyOf(head);
  const unknown = words.filter((w) => w.kind === 'word' && Number.isNaN(w.value) && monthNumber(w.lower) === 0 && !theGrammar().knows(w) && !rowNouns.has(w.stem) && !mentioned(w));
  const unused = unknown.map((w) => ({ from: w.from, to: w.to, text: w.text }));
  const near = nearest(unknown.map((w) => w.text).join(' '));
  const about = unknown.length ? `I do not know what ${unknown.slice(0, 3).map((w) => `“${w.text}”`).join(', ')} stand${unknown.length === 1 ? 's' : ''} for here.` : 'I cannot make out what should change.';
  const hint = near.length ? ` The nearest columns are ${near.map((n) => `‹${n}›`).join(', ')}.` : '';
  return cannot(`${about}${hint} This would work: ${exampleFor(head)}`, unused, near);
}

/** What gives the word behind it a part of its own. */
const TYING = /^(?:in|of|from|for|with|without|to|than|per|and|or|as|on|at|is|are|it|out|into|under|over|each|every)$/;

/** Words that are left over, and only say what the plans do anyway ('the comma is where to cut'), or name once more a column that they use ('the newest on top, by placed'), are heard all the same. */
function heardAgain(path: Path, words: readonly Token[], columns: readonly ColumnMention[], values: readonly ValueMention[]): Path {
  const idle = (at: number): boolean => !values.some((v) => v.from <= at && v.to > at && v.cost < 0.5) && !columns.some((c) => c.from <= at && c.to > at && c.cost < 0.3);
  if (path.lost.length <= 4 && path.state.plans.length > 0 && path.lost.every(idle) && restates(path.lost.map((i) => words[i]!.stem), path.state.plans, STEP_ENTAILED)) {
    return { ...path, lost: [], cost: path.cost - path.lost.length * LOST + WEIGHTS.saidAgain };
  }
  if (path.lost.length !== 1) return path;
  const [at] = path.lost as [number];
  const before = words.slice(0, at).findLast((w) => !/^(?:the|a|an|its|their|our|this|that)$/.test(w.lower));
  if (TYING.test(before?.lower ?? '') || /^columns?$/.test(words[at + 1]?.lower ?? '') || values.some((v) => v.from <= at && v.to > at)) return path;
  const sentences = path.state.plans.map(sayPlan).join(' ');
  const meant = columns.filter((m) => m.from <= at && m.to > at && m.cost < 0.35);
  return meant.length > 0 && meant.every((m) => sentences.includes(written(m.column))) ? { ...path, lost: [], cost: path.cost - LOST + WEIGHTS.saidAgain } : path;
}

/** Does a plan set a column to itself? Nobody asks for that. */
const isIdle = (plan: Plan): boolean => plan.step === 'calculate' && plan.replace === true && plan.as.kind === 'column' && plan.as.name === plan.name;

/** Was a column that the other reading does not have only taken for one by a part of its name, or a word like it? */
const guessed = (best: Reading, other: Reading): boolean => best.ties.some((t) => t.reason !== 'exact' && t.reason !== 'marked' && t.reason !== 'value' && t.reason !== 'another form' && !other.sentences.some((s) => s.includes(written(t.column))));

/** A word without the ends that tell one from many: 'spoke' and 'spokes', whatever verb looks like it. */
const oneForm = (word: string): string => { const bare = word.toLowerCase().replace(/(?:es|s|e)$/, ''); return bare.length > 2 && bare !== word.toLowerCase() ? oneForm(bare) : word.toLowerCase(); };

/** What plans come to where cells that are blank anyway are not said to be, and words are looked for in whatever form. */
const withoutBlanks = (plans: readonly Plan[]): string => keyOf(rewrite(plans.map((p) => (p.step === 'calculate' && p.as.kind === 'choose' && p.as.otherwise.kind === 'blank' ? { ...p, as: { ...p.as, cases: p.as.cases.filter((c) => c.then.kind !== 'blank') } } : p)), (node) => (isMentioning(node) ? { ...node, texts: [...new Set(node.texts.map(oneForm))].sort() } : isSumOrNothing(node) ? node.of : undefined)));

/** Is a sum over rows of another table nothing where there are none, or not there? Either is the same to somebody who does not say. */
const isSumOrNothing = (node: unknown): node is { readonly of: Expression } => { if (typeof node !== 'object' || node === null) return false; const { kind, of, otherwise } = node as { kind?: string; of?: Expression; otherwise?: Expression }; return kind === 'orElse' && of?.kind === 'lookup' && of.fn === 'sum' && otherwise?.kind === 'number' && otherwise.value === 0; };

/** The same, where counting what tells the rows apart is counting the rows. */
function comesTo(plans: readonly Plan[], head: CheckedHead): string {
  const key = firstUnique({ head });
  return withoutBlanks(plans.map((p) => (p.step === 'calculate' && p.as.kind === 'total' && p.as.fn === 'count' && (p.as.of.kind === 'number' || (p.as.of.kind === 'column' && p.as.of.name === key)) ? { ...p, name: '', as: { ...p.as, of: number(1) } } : p)));
}

/** The likeliest reading; of readings that differ only in saying what is left blank, the one that says most. */
function saidInFull(whole: readonly Reading[]): Reading | undefined {
  const [best] = whole;
  if (!best) return undefined;
  const bare = withoutBlanks(best.plans);
  return whole.filter((r) => r.cost < best.cost + WEIGHTS.close && withoutBlanks(r.plans) === bare).reduce((a, b) => (keyOf(b.plans).length > keyOf(a.plans).length ? b : a));
}

/** What is done, whatever the columns. */
const shapeOf = (sentences: string): string => sentences.replace(/‹(?:[^›]|››)+›/g, '‹›');

/** A value that also stands in cells together with others ('Chess' in 'Chess;Choir'): are those rows meant too? The same reading with them, where it is not said. */
function inLists(reading: Reading, head: CheckedHead): { readonly message: string; readonly other: Reading } | null {
  const [plan] = reading.plans;
  if (reading.plans.length !== 1 || plan?.step !== 'filter' || plan.where.kind !== 'among' || plan.where.of.kind !== 'column') return null;
  const { of, texts } = plan.where;
  const values = head.glances?.get(of.name)?.values ?? [];
  const wanted = new Set(texts.map(folded));
  const rows = values.reduce((n, [text, k]) => { const parts = /^n\/a$/i.test(text.trim()) ? [] : text.split(/[;,|/]/).map(folded); return n + (parts.length > 1 && parts.length <= 8 && parts.some((p) => wanted.has(p)) ? k : 0); }, 0);
  if (rows === 0) return null;
  const other: Plan = { ...plan, where: { kind: 'text', test: 'mentions', of, texts } };
  return { message: `${texts.map((t) => `“${t}”`).join(' or ')} also ${texts.length === 1 ? 'stands' : 'stand'} together with others in ${rows} ${rows === 1 ? 'row' : 'rows'}. Which rows are meant?`, other: { ...reading, plans: [other], sentences: [sayPlan(other)] } };
}

const distinctReadings = (readings: readonly Reading[]): Reading[] => readings.filter((r, i) => readings.findIndex((o) => o.sentences.join() === r.sentences.join()) === i);

/** An exact sentence that works on the very table. */
function exampleFor(head: CheckedHead): string {
  const text = head.columns.find((c) => c.type === 'text') ?? head.columns[0]!;
  const numeric = head.columns.find((c) => c.type === 'decimal' || c.type === 'whole');
  const plan: Plan = numeric
    ? { step: 'filter', mode: 'keep', where: { kind: 'not', of: { kind: 'empty', of: { kind: 'column', name: numeric.name } } } }
    : { step: 'tidy', columns: [text.name], ways: ['trim'] };
  return sayPlan(plan);
}

function readingOf(path: Path, request: string, words: readonly Token[], columns: readonly ColumnMention[], values: readonly ValueMention[]): Reading {
  const sentences = path.state.plans.map(sayPlan);
  const named = new Set(sentences.flatMap((s) => [...s.matchAll(/‹((?:[^›]|››)+)›/g)].map((m) => m[1]!.replace(/››/g, '›'))));
  const ties: Tie[] = [];
  const taken = new Set<number>();
  const inUse = (m: { from: number; to: number; column: string }): boolean => named.has(m.column) && path.used.some(([from, to]) => m.from >= from && m.to <= to);
  const said = values.filter((v) => inUse(v) && sentences.some((s) => s.includes(JSON.stringify(v.text)))).map((v): ColumnMention => ({ ...v, cost: v.cost - 1, reason: 'value' }));
  const own = columns.filter(inUse);
  // Of several mentions of one column, the doubtful ones are not shown beside a sure one.
  const sure = own.filter((m) => m.cost < 0.2 || !own.some((o) => o !== m && o.column === m.column && o.cost < m.cost - 0.15));
  const candidates = [...said, ...sure].sort((a, b) => a.cost - 0.3 * (a.to - a.from) - (b.cost - 0.3 * (b.to - b.from)));
  for (const m of candidates) {
    const span = Array.from({ length: m.to - m.from }, (_, k) => m.from + k);
    if (span.some((k) => taken.has(k))) continue;
    span.forEach((k) => taken.add(k));
    ties.push({ from: words[m.from]!.from, to: words[m.to - 1]!.to, column: m.column, reason: m.reason });
  }
  const unused = path.lost.map((i) => ({ from: words[i]!.from, to: words[i]!.to, text: request.slice(words[i]!.from, words[i]!.to) }));
  return { plans: path.state.plans, sentences, cost: path.cost, ties: ties.sort((a, b) => a.from - b.from), unused };
}

function answerExact(plans: readonly Plan[], head: CheckedHead, request: string): Answer {
  let state = startState(head);
  for (const plan of plans) {
    const [problem] = checkPlan(plan, state.head);
    if (problem) return cannot(problem.text, [], problem.column ? nearestColumns(problem.column, state.head).filter((n) => n !== problem.column) : []);
    state = withPlan(state, plan);
  }
  const ties = [...request.matchAll(/‹((?:[^›]|››)+)›/g)].map((m): Tie => ({ from: m.index, to: m.index + m[0].length, column: m[1]!.replace(/››/g, '›'), reason: 'marked' }));
  return { outcome: 'done', reading: { plans: state.plans, sentences: state.plans.map(sayPlan), cost: 0, ties, unused: [] }, others: [], corrects: false };
}

const cannot = (message: string, unused: Reading['unused'], nearest: readonly string[]): Answer => ({
  outcome: 'cannot',
  message: nearest.length && !message.includes('‹') ? `${message} The nearest ${nearest.length > 1 ? 'are' : 'is'} ${nearest.map((n) => `‹${n}›`).join(', ')}.` : message,
  unused,
  nearest,
});

const TOO_MUCH = cannot('That is too much at once. Say it in parts, one change after the other.', [], []);
