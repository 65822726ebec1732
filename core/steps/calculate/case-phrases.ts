import { persons } from '../../language/grammar/kinds';
import { sampleOf } from '../../language/grammar/samples';
import { COLUMN_NOUNS } from '../../language/lexicon/synonyms';
import { unitName } from '../../values/units';
import { readYesNo } from '../../values/yesno';
import { columnOf, findColumn } from '../../table/table';
import { columnsOf, all, any, blank, column, not, number, walk, type Case, type Comparison, type Condition, type Expression } from '../../formula/expression';
import { nothing, ofLast, type Act, type Context } from '../../language/acts';
import { anyOrder, keyOf, rule } from '../../language/chart';
import { typingDistance } from '../../match/typing';
import { stem } from '../../language/words';
import { SIZES, lacking, orNoNumber, orZero, says, sizeIn } from '../../language/grammar/conditions/make';
import { orNothing } from '../../language/grammar/many';
import { endsOf, groupable, quantity, rowDate, rowSpan, rowTime, startColumn, timed } from '../../language/grammar/roles';
import { readsAsDate, readsAsNumber, typeOf } from '../../formula/check';
import { isQuantity } from '../../table/column';
import { CLASSES, LIGHT } from '../../language/lexicon/classes';
import { namesRows } from '../../language/mentions';
import { add } from './adding';
import { onLast, saysZero } from './amending';
import type { CalculatePlan } from './step';

/* If ..., otherwise ...; and ranges with names. 'It' and 'above that' are tied to what the cases before them are about. */

/** Stands for what the cases are about until that is known. No column can be called so. */
const IT: Expression = { kind: 'column', name: '\u0000' };
/** The same, compared with something in a unit. */
const itIn = (unit: string | undefined): Expression => (unit === undefined ? IT : { kind: 'column', name: `\u0000${unit}` });
/** Stands for the unit of a time of day, in minutes since midnight. */
const CLOCK = 'clock';
const isIt = (e: Expression | Condition): boolean => e.kind === 'column' && e.name.startsWith('\u0000');

const hasIt = (node: Expression | Condition): boolean => {
  let found = false;
  walk(node, (n) => { found ||= isIt(n); });
  return found;
};

const compare = (operator: Comparison, right: Expression | number, unit?: string): Condition => ({ kind: 'compare', op: operator, left: itIn(unit), right: typeof right === 'number' ? number(right) : right });

/** A date in one of the months from one to another, over the turn of the year where the second comes first. */
function monthsFrom(name: string, from: number, to: number): Condition {
  const month: Expression = { kind: 'part', part: 'month', of: column(name) };
  const ends: Condition[] = [{ kind: 'compare', op: '>=', left: month, right: number(from) }, { kind: 'compare', op: '<=', left: month, right: number(to) }];
  return from <= to ? all(ends) : any(ends);
}

/** A label for the rows of some months, by the only date, or the one of the row. */
function inMonths(label: string, from: number, to: number, x: Context): Open[] | null {
  const name = rowDate(x);
  return name === null ? null : [{ when: monthsFrom(name, from, to), then: textOf(label), loose: true }];
}

/** 'It', held against a day. */
const onDay = (operator: Comparison, day: string): Condition => compare(operator, { kind: 'date', value: day });

/** One of two numbers; two that follow each other are a range, below and above which others lie. */
const eitherOf = (a: number, b: number): Condition => (b - a === 1 ? all([compare('>=', a), compare('<=', b)]) : any([compare('=', a), compare('=', b)]));

/** A condition with 'it' replaced by what it is, sizes in its unit; null where they are of another sort. */
function about(node: Condition, subject: Expression, x: Context): Condition | null {
  switch (node.kind) {
    case 'compare': {
      if (!isIt(node.left) || node.left.kind !== 'column') return node;
      if (node.right.kind === 'date' && !(subject.kind === 'column' && readsAsDate(x.head, subject.name))) return null;
      const unit = node.left.name.slice(1) || undefined;
      // 'After 15:00', whatever else the cases are about
      if (unit === CLOCK && subject.kind !== 'clock') {
        const time = rowTime(x);
        return time === null ? null : { ...node, left: { kind: 'clock', of: column(time) } };
      }
      if (unit !== undefined && subject.kind === 'column' && readsAsDate(x.head, subject.name)) return null;
      // 'Until 15' of times of day is before three.
      if (subject.kind === 'clock' && node.right.kind === 'number') {
        const minutes = unit === CLOCK ? node.right.value : unit === undefined && node.right.value <= 24 ? node.right.value * 60 : null;
        return minutes === null ? null : { ...node, op: node.op === '<=' ? '<' : node.op, left: subject, right: number(minutes) };
      }
      // 'None' of a column of texts
      if (node.op === '=' && node.right.kind === 'number' && node.right.value === 0 && subject.kind === 'column' && columnOf(x.head, subject.name).type === 'text' && !readsAsNumber(x.head, subject.name)) return { kind: 'empty', of: subject };
      const size = node.right.kind === 'number' ? sizeIn(subject, node.right.value, unit, x) : null;
      if (node.right.kind === 'number' && size === null) return null;
      return { ...node, left: subject, ...(size === null ? {} : { right: number(size) }) };
    }
    case 'all':
    case 'any': {
      const of = node.of.map((c) => about(c, subject, x));
      return of.some((c) => c === null) ? null : { ...node, of: of as Condition[] };
    }
    case 'not': {
      const of = about(node.of, subject, x);
      return of && { ...node, of };
    }
    default:
      // Words that stand in none of the texts say nothing of them.
      if (node.kind === 'text' && isIt(node.of) && !(subject.kind === 'column' && columnOf(x.head, subject.name).type === 'text' && sampleOf(subject.name, x).some((v) => node.texts.some((t) => v.toLowerCase().includes(t.toLowerCase().slice(0, 5)))))) return null;
      // What two values are apart is not asked for blanks, nor what is never blank.
      return !isIt(node.of) ? node : (subject.kind === 'maths' || subject.kind === 'orElse') && node.kind === 'empty' ? null : { ...node, of: subject };
  }
}

/** What a condition is about: the first thing it compares or looks at. */
function subjectOf(node: Condition): Expression | null {
  if (node.kind === 'compare') return isIt(node.left) ? null : node.left;
  if (node.kind === 'all' || node.kind === 'any') return node.of.map(subjectOf).find((s) => s !== null) ?? null;
  // 'Idle if it has no trip, busy if three or more'
  if (node.kind === 'listed') return orNothing({ kind: 'lookup', fn: 'count', value: node.under, table: node.table, under: node.under, of: node.of, ...(node.loosely && { loosely: true }) });
  if (node.kind === 'not') return subjectOf(node.of);
  return isIt(node.of) ? null : node.of;
}

const BEYOND: Partial<Record<Comparison, Comparison>> = { '<': '>=', '<=': '>', '>': '<=', '>=': '<' };

/** Of what was said before: all beyond its end, or what lies below or above it. */
type Rest = 'beyond' | 'below' | 'above';

/** What lies beyond a condition's end (above an upper one, below a lower one), or on the side that is said. */
function restOf(node: Condition, side: Rest): Condition | null {
  if (node.kind === 'all') return restOf(side === 'below' ? node.of[0]! : node.of.at(-1)!, side);
  if (node.kind !== 'compare') return null;
  if (node.op === '=' && side !== 'beyond') return { ...node, op: side === 'below' ? '<' : '>' };
  const op = BEYOND[node.op];
  if (!op || (side !== 'beyond' && op.startsWith(side === 'below' ? '>' : '<'))) return null;
  return { ...node, op };
}

/** What lies between an upper end and a lower one of the same. */
function middle(a: Condition | Rest, b: Condition | Rest): Condition | null {
  if (typeof a === 'string' || typeof b === 'string' || a.kind !== 'compare' || b.kind !== 'compare' || a.right.kind !== 'number' || b.right.kind !== 'number') return null;
  const [low, high] = a.op.startsWith('<') ? [a, b] : [b, a];
  const [from, to] = [restOf(low, 'beyond'), restOf(high, 'beyond')];
  return low.op.startsWith('<') && high.op.startsWith('>') && Number(low.right.kind === 'number' && low.right.value) < Number(high.right.kind === 'number' && high.right.value) && from && to ? all([from, to]) : null;
}

export interface Open {
  readonly when: Condition | Rest;
  readonly then: Expression;
  /** Said without an 'if': one such case by itself is no choice. */
  readonly loose?: true;
  /** Nothing stands between what holds and what is said then: it may be anything. */
  readonly bare?: true;
}

/** A column of times of day is compared by them. */
const asClock = (e: Expression | null, x: Context): Expression | null => (e?.kind === 'column' && !isIt(e) && timed(e.name, x) ? { kind: 'clock', of: e } : e);

/** 'Morning before 12, afternoon until 17': of the only time of day. */
function partsOfDay(list: readonly Open[], x: Context): Expression | null {
  const time = list.some((c) => c.then.kind === 'text' && /^(?:(?:early|late|mid) ?-?)?(?:morning|noon|afternoon|evening|night)s?$/i.test(c.then.value)) ? rowTime(x) : null;
  return time === null ? null : { kind: 'clock', of: column(time) };
}

/** Cases of times of day alone are about when a row was. */
function clockOf(list: readonly Open[], x: Context): Expression | null {
  let clocks = false;
  for (const { when } of list) if (typeof when !== 'string') walk(when, (n) => { clocks ||= keyOf(n) === keyOf(itIn(CLOCK)); });
  const time = clocks ? rowTime(x) : null;
  return time === null ? null : { kind: 'clock', of: column(time) };
}

/** 'Short under 3 hours': how long a row took, where all sizes are of that. */
function spanOf(list: readonly Open[], x: Context): Expression | null {
  const units = new Set<string>();
  for (const { when } of list) if (typeof when !== 'string') walk(when, (n) => { if (isIt(n) && n.kind === 'column' && n.name.length > 1) units.add(n.name.slice(1)); });
  const [unit, ...others] = units;
  const span = unit === undefined || others.length ? null : ({ h: 'hours', hour: 'hours', hours: 'hours', min: 'minutes', minutes: 'minutes', minute: 'minutes', d: 'days', day: 'days', days: 'days' } as const)[unit];
  if (span === undefined || span === null) return null;
  // A column of just that says so: hours of ‹Hours›.
  const own = x.head.columns.find((c) => unitName(c.name.toLowerCase()) === unitName(unit!));
  return (own ? quantity(own.name, x) : null) ?? rowSpan(span, x);
}

/** Morning before noon, afternoon from then on; blank without a time. */
function halfDay(name: string | undefined, x: Context): Act | null {
  const own = name === undefined ? x.head.columns.filter((c) => timed(c.name, x)).map((c) => c.name).slice(0, 1) : timed(name, x) ? [name] : [];
  if (own.length === 0) return null;
  const of = column(own[0]!);
  return add({ kind: 'choose', cases: [{ when: { kind: 'empty', of }, then: blank }, { when: { kind: 'compare', op: '<', left: { kind: 'clock', of }, right: number(720) }, then: textOf('morning') }], otherwise: textOf('afternoon') }, 'Half of the day');
}

/** Labels for rows that have none of the others. */
const REST = /^(?:other|others|rest|misc|miscellaneous|else|none|unknown)$/i;

/** Labels for rows whose text has the label in it; null where one of them stands nowhere. */
function mentioned(labels: readonly string[], name: string, x: Context): Act | null {
  const cells = columnOf(x.head, name).type === 'text' ? sampleOf(name, x).map((v) => v.toLowerCase()) : [];
  if (!labels.every((l) => cells.some((v) => v.includes(l.toLowerCase())))) return null;
  return add({ kind: 'choose', cases: labels.map((l) => ({ when: { kind: 'text', test: 'mentions', of: column(name), texts: [l] }, then: textOf(l) })), otherwise: blank });
}

const NOUNS: ReadonlySet<string> = new Set(COLUMN_NOUNS);

/** 'Afternoon until 5': of times of day that is five hours after noon. */
const afterNoon = (when: Condition, then: Expression): Condition =>
  when.kind === 'compare' && isIt(when.left) && when.left.kind === 'column' && when.left.name.length === 1 && when.right.kind === 'number' && when.right.value < 12 && then.kind === 'text' && /^(?:afternoon|evening)s?$/i.test(then.value)
    ? { ...when, right: number(when.right.value + 12) } : when;

/** Cases with every 'it' and 'below that' filled in from the cases around them, or null. */
function closed(list: readonly Open[], given: Expression | null, x: Context): Case[] | null {
  const subject = asClock(rowsNamed(given, x) ? null : given, x) ?? list.map((c) => (typeof c.when === 'string' ? null : subjectOf(c.when))).find((s) => s !== null) ?? partsOfDay(list, x) ?? spanOf(list, x) ?? clockOf(list, x);
  // 'Pending if not closed, late if more than 10 days': how long it took, where days are no size of the day itself.
  const aboutSpan = (when: Condition): Condition | null => { const span = spanOf(list, x); return span && about(when, span, x); };
  const out: Case[] = [];
  let last: Condition | null = null;
  for (const { when, then } of list) {
    const own: Condition | null = typeof when === 'string' ? last && restOf(last, when) : subject?.kind === 'clock' ? afterNoon(when, then) : when;
    if (own === null || (hasIt(own) && subject === null)) return null;
    const others = list.flatMap((c) => (typeof c.when === 'string' ? [] : subjectOf(c.when) ?? []));
    last = subject === null ? own : (measures(own, subject, x) ? about(own, subject, x) : null) ?? aboutSpan(own) ?? others.reduce<Condition | null>((found, s) => found ?? (hasIt(own) && measures(own, s, x) ? about(own, s, x) : null), null);
    if (last === null) return null;
    out.push({ when: last, then });
  }
  return out;
}

/** Can 'it' be this where it is held against a part of something: 'busy from 60% of the seats', of what was sold, and of neither the seats nor the status? */
function measures(when: Condition, subject: Expression, x: Context): boolean {
  if (when.kind !== 'compare' || !isIt(when.left) || when.right.kind !== 'op') return true;
  const against = columnsOf(when.right);
  return isQuantity(typeOf(subject, x.head).type) && !columnsOf(subject).some((c) => against.includes(c));
}

/** 'Label bookings': what the rows are called is not what the cases are about. */
const rowsNamed = (given: Expression | null, x: Context): boolean => given?.kind === 'column' && namesRows(given.name, x.vocabulary);

interface Cases {
  readonly list: readonly Open[];
  readonly otherwise: Expression;
  /** Blank where this column is. */
  readonly blankFor?: Expression;
}

/** The expression of some cases, all of them about `given` where they do not say. */
function chosen({ list, otherwise, blankFor }: Cases, x: Context, given: Expression | null = null): Expression | null {
  const filled = closed(list, given ?? (list.some((c) => typeof c.when !== 'string' && subjectOf(c.when) !== null) ? null : blankFor ?? null), x);
  // Blank in every case says nothing.
  if (!filled || [...list.map((c) => c.then), otherwise].every((e) => e.kind === 'blank')) return null;
  // 'Filled' said beside cases that name values of the same means: none of those.
  const general = (c: Case): boolean => c.when.kind === 'not' && c.when.of.kind === 'empty' && columnsOf(c.when).every((name) => filled.some((o) => o !== c && columnsOf(o.when).includes(name)));
  filled.sort((a, b) => Number(general(a)) - Number(general(b)));
  const first = blankFor ? [{ when: { kind: 'empty' as const, of: blankFor }, then: blank }] : [];
  // 'Ungraded without a reading', of a column in which 'n/a' stands among the numbers
  const graded = new Set(filled.flatMap(({ when }) => (when.kind === 'compare' && when.left.kind === 'column' ? [when.left.name] : when.kind === 'all' ? when.of.flatMap((c) => (c.kind === 'compare' && c.left.kind === 'column' ? [c.left.name] : [])) : [])));
  const known = filled.map((c) => (c.when.kind === 'empty' && c.when.of.kind === 'column' && graded.has(c.when.of.name) ? { ...c, when: orNoNumber(c.when, x.head) } : c));
  const cases = [...first, ...known];
  // What is blank anyway is not said at the end.
  while (otherwise.kind === 'blank' && cases.length > 1 && cases.at(-1)!.then.kind === 'blank') cases.pop();
  // 'Paid when it is filled, unpaid when not': all other rows.
  if (otherwise.kind === 'blank' && cases.length === 2 && first.length === 0 && isDenial(cases[0]!.when, cases[1]!.when)) return { kind: 'choose', cases: [cases[0]!], otherwise: cases[1]!.then };
  return { kind: 'choose', cases, otherwise };
}

/** Does one condition only deny the other? */
const isDenial = (a: Condition, b: Condition): boolean => (a.kind === 'not' && keyOf(a.of) === keyOf(b)) || (b.kind === 'not' && keyOf(b.of) === keyOf(a));

/** Cases that begin at a size each, and the one label without a case for all that lies before them. */
function withFirst(labels: readonly string[], name: string, list: readonly Open[], x: Context): Expression | null {
  const named = list.map((c) => (c.then.kind === 'text' ? c.then.value.toLowerCase() : null)), free = labels.filter((l) => !named.includes(l.toLowerCase()));
  const first = list[0]?.when;
  if (free.length !== 1 || list.length !== labels.length - 1 || !list.every(({ when }) => typeof when !== 'string' && when.kind === 'compare' && (when.op === '>=' || when.op === '>'))) return null;
  const before = restOf(first as Condition, 'below');
  return before && chosen({ list: [{ when: before, then: textOf(free[0]!) }, ...[...list].reverse()], otherwise: blank }, x, timed(name, x) ? { kind: 'clock', of: column(name) } : column(name));
}

/** 'Yes when it is late' has its other half: no. */
const isYes = (e: Expression): boolean => e.kind === 'text' && e.value.toLowerCase() === 'yes';

/** 'Negative if it was shorter' says how a number comes out. */
const isSign = (e: Expression): boolean => e.kind === 'text' && /^(?:negative|positive|minus|plus)$/i.test(e.value);

/** Do some cases not say what they are about? */
const ofNothing = (list: readonly Open[]): boolean => list.every((c) => typeof c.when === 'string' || subjectOf(c.when) === null);

/** The same for cases that were said apart from each other. */
export const chosenOf = (list: readonly Open[], otherwise: Expression, given: Expression | null, x: Context): Expression | null => chosen({ list, otherwise }, x, given);

const of = (name: string): Expression => column(name);
const textOf = (value: string): Expression => ({ kind: 'text', value });

/** Ranges with names over a column of numbers. */
const banded = (c: string, cases: Cases, x: Context): Expression | null => {
  const q = quantity(c, x);
  return q && chosen(cases, x, q);
};

const JOINTS = /^(?:he|she|him|her|his|hers|by|rest|remaining|remainder|from|as|they|them|we|you|into|mentioned|don't|doesn't|didn't|do|does|did|were|was|aside|but|word|copy|so|means|mean|meant|says|it|the|a|an|and|or|is|are|if|otherwise|else|in|to|on|blank|empty|nothing|where|when|than|for|of|that|up|above|below|over|under|more|less|anything|everything|neither|nor|either|not|with|without|all|any|each|every|only|just|leave|make|put|call)$/i;

/** A word that holds a sentence together is no label; a capital A is one. */
const NOT_LABEL = { test: (word: string): boolean => word !== 'A' && word !== 'I' && (/^(?:later|earlier|should|shall|must|would|could|might|may|will)$/i.test(word) || JOINTS.test(word) || (word.length > 5 && SLIPS.some((w) => w !== word && typingDistance(word.toLowerCase(), w, 1) <= 1))) };
/** Words that are easily mistyped, and then are no labels either. */
const SLIPS = ['nothing', 'otherwise', 'neither', 'without', 'anything', 'everything', 'whatever'];

/** What is counted is no label of the number before it. */
const COUNTED = /^(?:decimals?|places?|digits?|per ?cent|percent|times|points?|rows?|columns?|days?|weeks?|months?|years?|hours?|minutes?|characters?|letters?|words?)$/i;
/** What somebody is told to do is no label either. */
const IMPERATIVE = /^(?:mark|flag|tag|label|colou?r|accent|tint|total|sum|average|mean|median|number|amount|share|percentage|drop|remove|delete|keep|throw|take|show|add|sort|rename|move|replace|split|fill|write|use|say|put|call|make|same)$/i;

/** Words that are looked for in no text. */
const NO_SAYING: ReadonlySet<string> = new Set(LIGHT);
/** What cases are about, and what the column of their labels is called. */
interface GradeHead {
  readonly called?: string;
  readonly by?: Expression;
}

/** What orders cases, and names nothing. */
const GRADES: ReadonlySet<string> = new Set(CLASSES.grade!.split('|').map(stem));

/** Words that say what a label is of. */
const KIND_OF = /^(?:size|grade|class|category|level|band|group|type|label|tag|mark|status|mentioned)$/i;

/** What was labelled before with more cases, about the same. */
function moreCases(plan: CalculatePlan, list: readonly Open[], x: Context): CalculatePlan | null {
  if (plan.as.kind !== 'choose') return null;
  const subject = plan.as.cases.map((c) => subjectOf(c.when)).find((s) => s !== null) ?? null;
  const cases = subject === null ? null : closed(list, subject, x);
  return cases && { ...plan, as: { ...plan.as, cases: [...plan.as.cases, ...cases] } };
}

export const casePhrases = [
  // 'And pads if it says pads': one more case of what was just labelled
  rule('rider', 'and|also|plus|add $casesOf:c (too|as well)?', ({ c }, x: Context) => ofLast(onLast(`case ${keyOf(c)}`, (plan) => moreCases(plan, c, x))), -0.4),
  // 'Jobs of more than an hour get a Pickup fee of 5, the others 2'
  rule('clause', '$rset:c get|gets|pay|pays|have|has|should|must? have|get|pay? a|an? ^$name:n of $ex2:a ,|and|;|. and|but? ~otherwise (get|gets|pay|have|it|is|it\'s)? $ex2:b', ({ c, n, a, b }) => add({ kind: 'choose', cases: [{ when: c, then: a }], otherwise: b }, n), -0.5),
  rule('clause', "there is|are|should? be? a|an? ^$name:n of $ex2:a ~if the? $rows|$noun|$guess|$word|it|they? ~rel? $cond:c ,|and|;|. and|but? ~otherwise (it|is|are|it's|they)? (is|are)? $ex2:b", ({ c, n, a, b }) => add({ kind: 'choose', cases: [{ when: c, then: a }], otherwise: b }, n), -0.5),
  rule('clause', "there's a|an? ^$name:n of $ex2:a ~if the? $rows|$noun|$guess|$word|it|they? ~rel? $cond:c ,|and|;|. and|but? ~otherwise (it|is|are|it's|they)? (is|are)? $ex2:b", ({ c, n, a, b }) => add({ kind: 'choose', cases: [{ when: c, then: a }], otherwise: b }, n), -0.5),
  rule('leaf', '$text:t', ({ t }): Expression => textOf(t), 0),
  rule('leaf', '$ex2:e', ({ e }) => e, 0.05),
  rule('leaf', '$label:t', ({ t }): Expression => textOf(t), 0.15),
  rule('leaf', 'a|the ^$label:t', ({ t }): Expression => textOf(t), 0.3),
  // 'Unknown' is a label like others; only these leave nothing.
  rule('leaf', 'blank|empty|nothing', () => blank, 0),
  rule('leaf', 'left|be|is? blank|empty', () => blank, 0),
  // What rows are called is no label for them.
  rule('label', '$word:a', ({ a }, x: Context) => (x.head.others?.has(a.toLowerCase()) || NOT_LABEL.test(a) || IMPERATIVE.test(a) || x.vocabulary.rowNouns.has(stem(a)) ? null : a), 0),
  // 'Don't count' is said of what is done, and no label.
  rule('label', '$setPhrase:t', ({ t }) => t, -0.05),
  rule('label', 'on time', () => 'on time', 0),
  rule('label', 'in time', () => 'in time', 0),
  rule('label', 'in stock', () => 'in stock', 0),
  rule('label', '$word:a ^$word:b', ({ a, b }, x: Context) => (NOT_LABEL.test(a) || IMPERATIVE.test(a) || COUNTED.test(a) || KIND_OF.test(a) || /^(?:drop|remove|delete|keep|throw)$/i.test(b) || NOT_LABEL.test(b) || x.head.columns.some((c) => c.name.toLowerCase() === a.toLowerCase()) ? null : `${a} ${b}`), 0.1),

  // Conditions about 'it'
  ...SIZES.flatMap(([words, operator]) => [
    rule('itcond', `it|that|this|they|he|she|there? ~be|~tookIt? ${words} $num:n $unit:u|$measure?`, ({ n, u }) => compare(operator, n, u), 0.05),
    rule('itcond', `it|that|this|they|there? ~be? ${words} the? $col:c`, ({ c }, x: Context) => { const q = quantity(c, x); return q && compare(operator, q); }, 0.2),
  ]).flat(),
  rule('measure', '%|percent|degrees|points|pieces|people|items', () => true, 0),
  rule('measure', '$rows|$guess', () => true, 0.1),
  rule('itcond', 'it|that|they|there? ~be|~tookIt? $num:n $unit:u|$measure? ~orMore', ({ n, u }) => compare('>=', n, u), 0.02),
  // 'Before 2013 is senior, 2013 and 2014 middle, after that junior'
  rule('itcond', 'it|that|they? ~be? before|until|till|prior|earlier than|to? $period:p', ({ p }) => onDay('<', p.from), 0),
  rule('itcond', 'it|that|they? ~be? after|later than? $period:p', ({ p }) => onDay('>', p.to), 0),
  rule('itcond', 'it|that|they? ~be? from|since $period:p on|onwards|upwards|up', ({ p }) => onDay('>=', p.from), 0),
  rule('itcond', 'it|that|they? ~be? since $period:p', ({ p }) => onDay('>=', p.from), 0),
  rule('itcond', 'it|that|they? ~be? in|from|during|of? $period:p or later|after|newer', ({ p }) => onDay('>=', p.from), -0.05),
  rule('itcond', 'it|that|they? ~be? in|from|during|of? $period:p or earlier|before|older', ({ p }) => onDay('<=', p.to), -0.05),
  rule('itcond', 'it|that|they? ~be? in|during|from|between|of? $period:p', ({ p }) => all([onDay('>=', p.from), onDay('<=', p.to)]), 0.1),
  rule('itcond', 'it|that|they? ~be? in|during|from|between? $period:p ~fromTo|and|or $period:q', ({ p, q }) => (p.to < q.from ? all([onDay('>=', p.from), onDay('<=', q.to)]) : null), 0),
  // 'Winter for December to February'
  rule('case1', '$label:l for|in|from|=|:|is|if|when|during (it|they)? (is|are)? (in|from)? ^$monthName:a ~fromTo|till|until ^$monthName:b', ({ l, a, b }, x: Context) => inMonths(l, a, b, x), -0.2),
  rule('case1', '^$monthName:a ~fromTo|till|until ^$monthName:b ~rungVerb $label:l', ({ l, a, b }, x: Context) => inMonths(l, a, b, x), -0.2),
  ...SIZES.map(([words, operator]) => rule('itcond', `it|that|they? ~be? ${words} $pct:p of|from the|its|their? $col:b`, ({ p, b }, x: Context) => { const q = quantity(b, x); return q && compare(operator, { kind: 'op', op: '*', left: number(p / 100), right: q }); }, -0.1)),
  rule('itcond', '$num:a or|, $num:b', ({ a, b }) => any([compare('=', a), compare('=', b)]), 0.1),
  rule('itcond', '$num:a and $num:b', ({ a, b }) => (b - a === 1 ? null : any([compare('=', a), compare('=', b)])), 0),
  rule('itcond', '$num:n ^+', ({ n }) => compare('>=', n), 0.02),
  rule('itcond', 'it|that|they|there? ~be|~tookIt? $num:n $unit:u|$measure? ~orLess', ({ n, u }) => compare('<=', n, u), 0.02),
  rule('itcond', 'it|that|they|from|between? ~be? $num:a $unit|$measure? ~fromTo $num:b $unit:u|$measure?', ({ a, b, u }) => (a < b ? all([compare('>=', a, u), compare('<=', b, u)]) : null), 0.05),
  rule('itcond', '~more $num:a $unit|$measure? and|but|,? ~most $num:b $unit:u|$measure?', ({ a, b, u }) => (a < b ? all([compare('>', a, u), compare('<=', b, u)]) : null), -0.2),
  rule('itcond', '~more $num:a $unit|$measure? ~fromTo $num:b $unit:u|$measure?', ({ a, b, u }) => (a < b ? all([compare('>', a, u), compare('<=', b, u)]) : null), -0.1),
  rule('itcond', '$itcond:c inclusive|included|incl', ({ c }) => c, 0),
  rule('itcond', '~more that|this|it|those and|but|,? and? ~most $num:n $unit:u|$measure?', ({ n, u }) => compare('<=', n, u), 0),
  rule('itcond', '~more that|this|it|those and|but|,? and? ~less $num:n $unit:u|$measure?', ({ n, u }) => compare('<', n, u), 0),
  ...SIZES.map(([words, operator]) => rule('itcond', `it|that|they? ~be? ${words} $clock:m`, ({ m }) => compare(operator, m, CLOCK), -0.02)),
  ...SIZES.map(([words, operator]) => rule('itcond', `it|that|they starts|started|start|begins|began|begin|left|leaves|leave|came|comes|opened|opens in|at? ${words} $clock:m`, ({ m }) => compare(operator, m, CLOCK), -0.02)).flat(),
  rule('itcond', 'it|that|they? from $num:n up|on|upwards|onwards?', ({ n }) => compare('>=', n), 0.1),
  rule('itcond', '^to|till ^$num:n $unit:u|$measure?', ({ n, u }) => compare('<=', n, u), 0.5),
  rule('itcond', '$num:a $unit|$measure? to|until|up|- to? below|under|less|fewer|before than? $num:b $unit:u|$measure?', ({ a, b, u }) => (a < b ? all([compare('>=', a, u), compare('<', b, u)]) : null), -0.05),
  rule('itcond', 'from $num:a ~fromTo below|under|before $num:b $unit:u|$measure?', ({ a, b, u }) => (a < b ? all([compare('>=', a, u), compare('<', b, u)]) : null), -0.05),
  rule('itcond', 'from|between $clock:a ~fromTo|until|till $clock:b', ({ a, b }) => (a < b ? all([compare('>=', a, CLOCK), compare('<', b, CLOCK)]) : null), 0),
  rule('itcond', 'it|they|that ~be? ~blankWord', () => ({ kind: 'empty', of: IT }), 0.05),
  // 'Regular when they came at least twice, new when once'
  ...([['once', 1], ['twice', 2]] as const).flatMap(([word, n]) => [rule('itcond', `only|just|exactly? ${word}`, () => compare('=', n), 0), rule('itcond', `~least ${word}`, () => compare('>=', n), 0), rule('itcond', `~more ${word}`, () => compare('>', n), 0)]).flat(),
  rule('itcond', 'no|without|missing a|any? figure|number|value|data|entry|reading|figures|numbers|values', () => ({ kind: 'empty', of: IT }), 0.4),
  rule('itcond', 'never (at all)?', () => compare('=', 0), 0.05),
  rule('itcond', 'not ^once|ever', () => compare('=', 0), 0.05),
  rule('itcond', '~blankWord', () => ({ kind: 'empty', of: IT }), 0.3),
  rule('itcond', 'anything|something|everything|whatever else? ~be? written|there|given|said|stands|entered?', () => not({ kind: 'empty', of: IT }), 0.1),
  rule('itcond', 'it|they|that ~be filled|there|given|known', () => not({ kind: 'empty', of: IT }), 0.05),
  rule('itcond', 'there|it is|are none|nothing|zero|0 left|there? ~open? zero|0? ~close?', () => compare('=', 0), -0.15),
  rule('itcond', 'there|it is|are some|any|something left|there?', () => compare('>', 0), -0.15),
  rule('itcond', 'at|exactly|just? zero|0|none', () => compare('=', 0), 0.1),
  rule('itcond', 'it|that|they ~be|equals zero|0', () => compare('=', 0), 0),
  rule('itcond', 'it|they|that|text|note ~contains the? word|words|text? $texts:t', ({ t }) => ({ kind: 'text', test: 'contains', of: IT, texts: t }), 0),
  rule('itcond', 'it|they|that|text|note ~contains|~say the? word|words|text? $plainWords:t', ({ t }) => ({ kind: 'text', test: 'mentions', of: IT, texts: t }), 0.1),
  rule('itcond', 'it|they has|have|had the? word|words? $plainWords:t', ({ t }) => ({ kind: 'text', test: 'mentions', of: IT, texts: t }), 0.2),
  rule('itcond', '$plainWords:t is|are|stands|appears|occurs|comes in|up there|it|them', ({ t }) => ({ kind: 'text', test: 'mentions', of: IT, texts: t }), 0.05),
  rule('itcond', 'it|they|that ~be $values:v', ({ v }) => ({ kind: 'among', of: of(v[0].column), texts: v.map((o: { text: string }) => o.text) }), 0.1),
  rule('itcond', '$itcond:a ~and $itcond:b', ({ a, b }) => all([a, b]), 0.05),
  rule('itcond', '$itcond:a ~or $itcond:b', ({ a, b }) => any([a, b]), 0.05),
  rule('itcond', '$itcond:a or ~say? ~blankWord', ({ a }) => any([a, { kind: 'empty', of: IT }]), 0.3),
  rule('itcond', 'it|they|that ~not $itcond:c', ({ c }) => not(c), 0.1),

  rule('itcond', '$word|$col? within|inside $num:n $unit:u|$measure?', ({ n, u }) => compare('<=', n, u), 0.05),
  // 'unknown', 'if unknown': of what the cases are about
  rule('itcond', 'it|they|that? ~be? unknown|unspecified', () => ({ kind: 'empty', of: IT }), 0.1),
  // One case
  rule('case1', '$leaf:l ~if it|they? $cond:c', ({ l, c }): Open[] => [{ when: c, then: l }], 0),
  rule('case1', 'mark|flag|label|tag|call|grade|rate the? $rset:c as|with|: ^$leaf:l', ({ l, c }): Open[] => [{ when: c, then: l, loose: true }], 0.05),
  rule('case1', 'mark|flag|label|tag|call|grade|rate the? $rset:c ^$text:t', ({ c, t }): Open[] => [{ when: c, then: textOf(t) }], 0),
  rule('case1', '$leaf:l for the? $rset:c', ({ l, c }): Open[] => [{ when: c, then: l }], 0.1),
  // What a column is called behind its name is no label: 'if it differs from the list price'
  rule('case1', '~if $cond:c then|,? it|they? is|are|get|gets|say|put|write? $leaf:l', ({ l, c }): Open[] | null => (l.kind === 'text' && NOUNS.has(l.value) ? null : [{ when: c, then: l }]), 0.05),
  // 'Complaint when they say late or broke, praise when great or thanks'
  rule('case1', '$leaf:l ~if|at|with|on (it|they|that|there|people|someone|somebody says|say|mentions|mention|contains|contain|has|have|is|are)? the? word|words? ^$saidWords:w', ({ l, w }): Open[] => [{ when: { kind: 'text', test: 'mentions', of: IT, texts: w }, then: l, loose: true }], 0.3),
  rule('case1', '$leaf:l ~if the? word|words? ^$saidWords:w ~be mentioned|named|in|there|found|written|said|noted|used there|in|it?', ({ l, w }): Open[] => [{ when: { kind: 'text', test: 'mentions', of: IT, texts: w }, then: l, loose: true }], 0),
  // 'Light or lamp: lights', 'containing photo -> Photo': where a label follows the words
  ...([['^$saidWords:w ^:', -0.25], ['^$saidWords:w ^->|→|=>', 0.2], ['~contains|~mention the? word|words|text? ^$saidWords:w ^:|->|→|=>', -0.25]] as const).map(([said, cost]) => rule('case1', `${said} ^$leaf:l`, ({ w, l }, x: Context): Open[] | null => (l.kind === 'text' && !w.every((t: string) => x.vocabulary.values.has(t.toLowerCase())) ? [{ when: { kind: 'text', test: 'mentions', of: IT, texts: w }, then: l, loose: true }] : null), cost)).flat(),
  rule('saidWords', '$word:w', ({ w }) => (NO_SAYING.has(w.toLowerCase()) || NOT_LABEL.test(w) || w.length < 3 ? null : [w]), 0),
  rule('saidWords', '$word:w or ^empty', ({ w }) => (NO_SAYING.has(w.toLowerCase()) || NOT_LABEL.test(w) || w.length < 3 ? null : [w, 'empty']), 0.1),
  rule('saidWords', '$word:w or|,|/ $saidWords:r', ({ w, r }) => (NO_SAYING.has(w.toLowerCase()) || NOT_LABEL.test(w) || w.length < 3 ? null : [w, ...r]), 0),
  // '"brakes" for brake/brakes'
  rule('case1', '$text:l for|with|on|at the? word|words? ^$saidWords:w', ({ l, w }): Open[] => [{ when: { kind: 'text', test: 'mentions', of: IT, texts: w }, then: textOf(l), loose: true }], 0.1),
  rule('case1', '$leaf:l from there|that|then|here on? to|until|till|up $num:n $unit:u|$measure?', ({ l, n, u }): Open[] => [{ when: compare('<=', n, u), then: l, loose: true }], -0.2),
  rule('case1', '$leaf:l below|under|less|lower that|this|it|those', ({ l }): Open[] => [{ when: 'below', then: l, loose: true }], 0),
  rule('case1', '$label:l ~if nobody|noone|none|no-one ~have|~did? $word it|them|this|so|anything?', ({ l }): Open[] => [{ when: { kind: 'empty', of: IT }, then: textOf(l), loose: true }], 0),
  rule('label', 'not ^$word:w', ({ w }) => (NOT_LABEL.test(w) || IMPERATIVE.test(w) ? null : `not ${w}`), 0.2),
  rule('case1', '$leaf:l ~without an? value|number|figure|amount|reading|entry|$col:n', ({ l, n }): Open[] => [{ when: { kind: 'empty', of: n === undefined ? IT : of(n) }, then: l, loose: true }], 0),
  rule('case1', 'no|without|missing a|an|any? $col:n ~rungVerb? ^$leaf:l', ({ l, n }): Open[] | null => (l.kind === 'text' && /^(?:costs?|prices?|fees?|dates?|days?|times?|values?|numbers?|amounts?|names?|figures?|entry|entries)\b/i.test(l.value) ? null : [{ when: { kind: 'empty', of: of(n) }, then: l, loose: true }]), 0.5),
  rule('case1', '$leaf:l below|lower|underneath', ({ l }): Open[] => [{ when: 'below', then: l, loose: true }], 0.1),
  rule('case1', '$leaf:l ~if $itcond:c', ({ l, c }): Open[] => [{ when: c, then: l }], 0),
  rule('case1', '~if $itcond:c then|,? it|they? is|are|get|gets|say|put|write? $leaf:l', ({ l, c }): Open[] => [{ when: c, then: l }], 0.05),
  rule('case1', '$itcond:c ~rungVerb $leaf:l', ({ l, c }): Open[] => [{ when: c, then: l, loose: true }], 0),
  // 'More than 20 pages' counts pages, and calls nothing so.
  rule('case1', '$itcond:c ^$leaf:l', ({ l, c }, x: Context): Open[] | null => (l.kind === 'column' || (l.kind === 'text' && x.head.columns.some((h) => stem(h.name.toLowerCase()) === stem(l.value.toLowerCase()))) ? null : [{ when: c, then: l, loose: true, bare: true }]), 0.15),
  rule('case1', '$cond:c ~rungVerb $leaf:l', ({ l, c }): Open[] => [{ when: c, then: l, loose: true }], 0.15),
  rule('case1', '$cond:c ^$label:l', ({ l, c }): Open[] | null => (!COUNTED.test(l) && c.kind === 'compare' && c.left.kind === 'column' && c.right.kind === 'number' ? [{ when: c, then: textOf(l), loose: true, bare: true }] : null), 0.15),
  // Words that are looked for say with 'if' what they label.
  rule('case1', '$label:l ^$cond:c', ({ l, c }, x: Context): Open[] | null => (c.kind === 'text' || x.head.columns.some((h) => h.name.toLowerCase() === l.toLowerCase()) ? null : [{ when: c, then: textOf(l), loose: true, bare: true }]), 0.5),
  rule('case1', '$label:l :|= $itcond:c', ({ l, c }): Open[] => [{ when: c, then: textOf(l), loose: true }], 0.1),
  rule('case1', '$label:l ^$itcond:c', ({ l, c }): Open[] => [{ when: c, then: textOf(l), loose: true, bare: true }], 0.25),
  rule('case1', '$num:a ~fromTo ^$num:b $unit:u|$guess|$col|$rows? ~rungVerb? $leaf:l', ({ a, b, u, l }): Open[] | null => (a < b ? [{ when: all([compare('>=', a, u), compare('<=', b, u)]), then: l, loose: true }] : null), 0.02),
  // 'S 1, M 2, L 3', 'S = 1'
  rule('case1', '$col:c? ^$value:v =|:|is|counts|gets|get|are|->|as? ^$num:n points|point|marks?', ({ c, v, n }): Open[] | null => (c !== undefined && c !== v.column ? null : [{ when: { kind: 'among', of: of(v.column), texts: [v.text] }, then: number(n), loose: true, bare: true }]), 0.1),
  // '2.50 for deliveries': what says yes
  rule('case1', '$leaf:l for|with|on|if|when it|they|is|are? $yesno:y', ({ l, y }): Open[] | null => { const c = says(y, true); return c && [{ when: c, then: l, loose: true }]; }, 0.1),
  rule('case1', '^$num:n ^$label:l', ({ n, l }): Open[] | null => (COUNTED.test(l) || unitName(l) !== null ? null : [{ when: compare('=', n), then: textOf(l), loose: true, bare: true }]), 0.3),
  rule('case1', '^$num:n ~rungVerb an? ^$label:l', ({ n, l }): Open[] | null => (COUNTED.test(l) || unitName(l) !== null ? null : [{ when: compare('=', n), then: textOf(l), loose: true }]), 0.15),
  rule('case1', '$label:l with|from|at ^$num:n ^~orMore', ({ l, n }): Open[] => [{ when: compare('>=', n), then: textOf(l), loose: true }], 0),
  rule('case1', '$label:l with|at ^$num:n ^~orLess', ({ l, n }): Open[] => [{ when: compare('<=', n), then: textOf(l), loose: true }], 0),
  rule('case1', '$label:l for|at|with ^$num:n ^$unit:u|$measure?', ({ l, n, u }): Open[] => [{ when: compare('=', n, u), then: textOf(l), loose: true }], 0.35),
  rule('case1', '$label:l for|at|with ^$num:a or ^$num:b ^$unit|$measure?', ({ l, a, b }): Open[] => [{ when: eitherOf(a, b), then: textOf(l), loose: true }], 0.1),
  rule('case1', '$label:l for|at|with ^$num:a and ^$num:b ^$unit|$measure?', ({ l, a, b }): Open[] | null => (b - a === 1 ? null : [{ when: eitherOf(a, b), then: textOf(l), loose: true }]), 0.1),
  rule('case1', '$label:l for|at|with ^$num:a ~fromTo ^$num:b ^$unit|$measure?', ({ l, a, b }): Open[] | null => (a < b ? [{ when: all([compare('>=', a), compare('<=', b)]), then: textOf(l), loose: true }] : null), 0.1),
  rule('case1', '$label:l ~open ^$num:n ~close', ({ l, n }): Open[] => [{ when: compare('=', n), then: textOf(l), loose: true }], 0),
  rule('case1', '$label:l ~open ^$num:a ~fromTo ^$num:b ~close', ({ l, a, b }): Open[] | null => (a < b ? [{ when: all([compare('>=', a), compare('<=', b)]), then: textOf(l), loose: true }] : null), 0),
  rule('case1', '~blankWord $col:c ~rungVerb $leaf:l', ({ c, l }): Open[] => [{ when: { kind: 'empty', of: of(c) }, then: l, loose: true }], 0),
  rule('case1', 'no $col:c ~rungVerb $leaf:l', ({ c, l }, x: Context): Open[] => [{ when: lacking(c, x), then: l, loose: true }], 0),
  rule('case1', '$label:l ~open $itcond:c ~close', ({ l, c }): Open[] => [{ when: c, then: textOf(l), loose: true }], 0),
  // 'Fewer is small, unknown is blank'
  ...(Object.entries({ below: 'fewer|less|lower|smaller|below|under|before|earlier|sooner|shorter|cheaper|lighter', above: 'more|higher|larger|above|over|after|later|longer|dearer|heavier' }) as ['below' | 'above', string][]).flatMap(([when, words]) => [
    rule('case1', `${words} that|this|those? ~rungVerb $leaf:l`, ({ l }): Open[] => [{ when, then: l, loose: true }], 0.1),
    rule('case1', `$leaf:l ~if it|they|$col? ~be? ${words} that|then|this|it|those?`, ({ l }): Open[] => [{ when, then: l, loose: true }], 0.1),
    rule('case1', `$leaf:l ~if ${words} money? ~be|got|has|have been? ^$col`, ({ l }): Open[] => [{ when, then: l, loose: true }], -0.1),
  ]).flat(),
  rule('case1', "$label:l ~if (there|it|they|we)? (~be|~have|there's|it's) no|not any? $col:c", ({ l, c }, x: Context): Open[] => [{ when: lacking(c, x), then: textOf(l) }], 0.05),
  rule('case1', '$label:l ~if there|it? ~be|~have ~blankWord $col:c', ({ l, c }): Open[] => [{ when: { kind: 'empty', of: of(c) }, then: textOf(l) }], 0.05),
  rule('case1', '$leaf:l ~if there|it|they? ~be|~have|says? some|any|another|other (kind of)? text|note|notes|remark|comment|entry|word|words|value', ({ l }): Open[] => [{ when: not({ kind: 'empty', of: IT }), then: l, loose: true }], 0),
  rule('case1', '$leaf:l ~if there|it|they? ~be|~have|says? something|anything else|written|in|there (it|there)?', ({ l }): Open[] => [{ when: not({ kind: 'empty', of: IT }), then: l, loose: true }], 0),
  rule('case1', 'none|nothing ~if there|it? ~be|~have no|~blankWord $col:c', ({ c }): Open[] => [{ when: { kind: 'empty', of: of(c) }, then: blank }], 0),
  rule('case1', '$label:l ~if there|it|that? ~be? none|nothing|no|not known|given|there|one?', ({ l }): Open[] => [{ when: { kind: 'empty', of: IT }, then: textOf(l) }], 0),
  rule('choice', '$choice:c ,|;|.|and? blank|empty|nothing ~if|when|where it|that|they|we? ~be? unknown|unspecified|missing', ({ c }): Cases => ({ ...c, list: [{ when: { kind: 'empty', of: IT }, then: blank }, ...c.list] }), 0.05),
  rule('case1', 'unknown|unspecified|missing ~rungVerb $leaf:l', ({ l }): Open[] => [{ when: { kind: 'empty', of: IT }, then: l, loose: true }], 0.1),
  rule('case1', '$leaf:l ~if|when it|they|that? ~be? not|never counted|recorded|measured|noted|entered|filled|rated|stated|said|marked|graded|checked|tested in?', ({ l }): Open[] => [{ when: { kind: 'empty', of: IT }, then: l, loose: true }], 0.6),
  rule('case1', '$num:n ~orMore $col:c ~rungVerb $leaf:l', ({ n, c, l }, x: Context): Open[] | null => { const q = quantity(c, x); return q && [{ when: { kind: 'compare', op: '>=', left: q, right: number(n) }, then: l, loose: true }]; }, 0.05),
  rule('lastCase', '$label:l ~open ~larger|rest|more|others ~close', ({ l }): Open[] => [{ when: 'beyond', then: textOf(l) }], 0),
  rule('lastCase', '$label:l for|at|with any|anything|all|those? more|larger|bigger|higher|above|over', ({ l }): Open[] => [{ when: 'above', then: textOf(l) }], 0),
  rule('lastCase', '$restOf:r ~rungVerb? $leaf:l', ({ r, l }): Open[] => [{ when: r, then: l }], 0),
  rule('lastCase', '$leaf:l ~if? $restOf:r', ({ r, l }): Open[] => [{ when: r, then: l }], 0.05),
  rule('restOf', '~more that|this|those|it', (): Rest => 'above', 0),
  rule('restOf', '~less that|this|those|it', (): Rest => 'below', 0),
  rule('restOf', 'anything|everything|all|whatever|what|those|any ~larger that|this?', (): Rest => 'beyond', 0),
  rule('restOf', '~larger', (): Rest => 'beyond', 0.05),

  // 'from 8 visits': the column is named with the first number
  ...SIZES.map(([words, operator]) => rule('itcond', `${words} $num:n $col:c`, ({ n, c }, x: Context) => { const q = quantity(c, x); return q && { kind: 'compare', op: operator, left: q, right: number(n) }; }, 0.02)).flat(),

  // All of them
  rule('casesOf', '$case1:a', ({ a }) => a, 0),
  rule('casesOf', '$case1:a ~caseList $casesOf:b', ({ a, b }) => [...a, ...b], 0),
  // 'Small (under 10), medium and large (30 and more)'
  rule('casesOf', '$case1:a ~caseList ^$label:m ~caseList $case1:b', ({ a, m, b }): Open[] | null => { const when = a.length === 1 && b.length === 1 ? middle(a[0].when, b[0].when) : null; return when && [...a, { when, then: textOf(m) }, ...b]; }, 0),
  rule('casesOf', '$case1:a ~caseList $case1:b ~caseList ^$label:m (everything|anything|all|those|what)? (that|which)? lies|falls|is|are|for|if? in? between|inbetween|middle (them|these|those|that|the two)?', ({ a, m, b }): Open[] | null => { const when = a.length === 1 && b.length === 1 ? middle(a[0].when, b[0].when) : null; return when && [...a, ...b, { when, then: textOf(m) }]; }, -0.1),
  rule('casesOf', '$case1:a ~caseList the? rest|others|remaining ones|$rows|$noun|$guess? ~be $casesOf:b', ({ a, b }) => [...a, ...b], 0),
  rule('casesOf', '$case1:a $casesOf:b', ({ a, b }) => (a[0].loose ? null : [...a, ...b]), 0.2),
  rule('casesOf', '$case1:a ~caseList $lastCase:b', ({ a, b }) => [...a, ...b], 0),
  rule('casesOf', '$case1:a ~caseList $lastCase:b ~caseList $case1:c', ({ a, b, c }) => (c[0].when.kind === 'empty' ? [...a, ...b, ...c] : null), 0),
  rule('casesOf', '$case1:x ~caseList $case1:a ~caseList $lastCase:b ~caseList $case1:c', ({ x, a, b, c }) => (c[0].when.kind === 'empty' ? [...x, ...a, ...b, ...c] : null), 0),
  rule('choice', '$casesOf:c ,|;|.|and? ~otherwise it|they|is|:|write|put|say|show|get|gets|are? $leaf:l', ({ c, l }): Cases => ({ list: c, otherwise: l }), 0),
  rule('choice', '$casesOf:c ,|;|.|and? and? $leaf:l for anything|everything|everybody|everyone|all else', ({ c, l }): Cases => ({ list: c, otherwise: l }), -0.05),
  // '20% off labour for Tarn Taxi, the others as they are'
  rule('choice', '$casesOf:c ,|;|.|and|but? ~otherwise $unchanged', ({ c }): Cases | null => { const names = [...new Set(c.flatMap((o: Open) => columnsOf(o.then)))] as string[]; return names.length === 1 ? { list: c, otherwise: column(names[0]!) } : null; }, -0.5),
  rule('unchanged', 'stay|stays|remain|remains|are|is|left|keep? unchanged|untouched', () => true, 0),
  rule('unchanged', 'stay|stays|remain|remains|are|is|keep? as they|it are|is|were|was', () => true, 0),
  // 'Home for those with a return date, away for those without'
  rule('choice', '$leaf:a for the? those|ones|$rows|$noun? ~withA|with an? $col:c ,|and|;|. and? $leaf:b for the? those|ones|$rows|$noun? ~without (one|it|any)?', ({ a, c, b }, x: Context): Cases => ({ list: [{ when: not(lacking(c, x)), then: a }], otherwise: b }), -0.3),
  rule('choice', '$leaf:a for the? those|ones|$rows|$noun? ~without an? $col:c ,|and|;|. and? $leaf:b for the? those|ones|$rows|$noun? ~withA|with (one|it|any)?', ({ a, c, b }, x: Context): Cases => ({ list: [{ when: lacking(c, x), then: a }], otherwise: b }), -0.3),
  // 'Who isn't back yet gets away, everybody else home'
  rule('choice', 'who|whoever ~rel? $cond:c ,|then? gets|get|is|are|becomes $leaf:a ,|;|and ~otherwise|everybody|everyone|anyone|anybody else|other? gets|get|is|are? $leaf:b', ({ c, a, b }): Cases => ({ list: [{ when: c, then: a }], otherwise: b }), -0.2),
  rule('case1', 'call|label|mark|name it|a|an|the|each|every $rows|$noun|$guess? an? ^$leaf:l ~if it|they? $cond:c', ({ l, c }): Open[] => [{ when: c, then: l }], -0.1),
  rule('case1', 'call|label|mark|name it|a|an|the|each|every $rows|$noun|$guess? an? ^$leaf:l ~if it|they? $itcond:c', ({ l, c }): Open[] => [{ when: c, then: l }], -0.05),
  rule('case1', '$rset:c is|are|gets|get|becomes|become|counts|count as? an? ^$label:l', ({ c, l }): Open[] => [{ when: c, then: textOf(l), loose: true }], 0.25),
  rule('case1', '$label:l is|are|means $itcond:c', ({ l, c }, x: Context): Open[] | null => NOUNS.has(l.toLowerCase()) || x.head.columns.some((h) => h.name.toLowerCase().includes(l.toLowerCase())) ? null : [{ when: c, then: textOf(l), loose: true }], 0.15),
  rule('choice', '$casesOf:c ,? or|else|and ^$label:l', ({ c, l }): Cases | null => (c.length > 1 && ofNothing(c) ? { list: c, otherwise: textOf(l) } : null), 0.7),
  // 'Late if ..., ok if not, and out if it is still out': what has no value is no such either
  rule('choice', '$casesOf:c ,|;|.|and? $leaf:l ~if not ^,|; and? $casesOf:d', ({ c, l, d }): Cases => ({ list: [...d, ...c], otherwise: l }), -0.2),
  rule('choice', '$casesOf:c ,|;|.|and? ~otherwise $arrow2 $leaf:l', ({ c, l }): Cases => ({ list: c, otherwise: l }), 0),
  rule('choice', '$casesOf:c ,|;|.|and? rest|others|remaining|remainder ^$leaf:l', ({ c, l }): Cases => ({ list: c, otherwise: l }), 0),
  rule('choice', '$casesOf:c ,|;|.|and? rest|others|remaining $arrow2 $leaf:l', ({ c, l }): Cases => ({ list: c, otherwise: l }), 0),
  rule('choice', '$casesOf:c ,|;|.|and? and? $leaf:l ~otherwise', ({ c, l }): Cases => ({ list: c, otherwise: l }), 0),
  rule('choice', '$casesOf:c ,|;|.|and? and? any|every other|others $word|$rows|$col|$guess? ~rungVerb $leaf:l', ({ c, l }): Cases => ({ list: c, otherwise: l }), 0),
  rule('choice', "$casesOf:c and|,|; and? $leaf:l ~if there|it|they|we? isn't|aren't|not|no|haven't|hasn't|don't any|one|it|some|them?", ({ c, l }): Cases => ({ list: c, otherwise: l }), -0.05),
  // 'Breakdowns where somebody was hurt' are rows.
  rule('choice', '$casesOf:c', ({ c }, x: Context): Cases | null => (c.length === 1 && (isValue(c[0].then, x) || isSign(c[0].then) || c[0].loose || (c[0].then.kind === 'text' && c[0].when.kind === 'text')) ? null : { list: c, otherwise: c.length === 1 && isYes(c[0].then) ? textOf('no') : blank }), 0.4),
  rule('choice', '$choice:c ,|.|;|and? and? $leaf:l ~if we|there|it? ~without a? $col|$word', ({ c, l }): Cases => (c.otherwise.kind === 'blank' ? { ...c, otherwise: l } : null) as Cases, 0.1),
  // 'Morning before 11, midday until 15, ..., blank where the slot is missing': that is what they are about.
  rule('choice', '$casesOf:c ,|.|;|and? and? leave|leaving|make|keep? it? blank|empty|nothing|none|no ^$word? ~wherever|if the? $col:n ~be? ~blankWord', ({ c, n }): Cases | null => (ofNothing(c) ? { list: c, otherwise: blank, blankFor: of(n) } : null), -0.1),
  rule('choice', '$casesOf:c ,|.|;|and? and? blank|empty|nothing|none|no ^$word? ~wherever|if? we|there|it|they? ~without an? $col:n', ({ c, n }): Cases | null => (ofNothing(c) ? { list: c, otherwise: blank, blankFor: of(n) } : null), -0.1),
  rule('chosen', '$choice:c', ({ c }, x: Context) => chosen(c, x), 0),
  rule('chosen', '~from the? $col:n :|, $choice:c', ({ n, c }, x: Context) => chosen(c, x, of(n)), 0.02),
  rule('chosen', '$chosen:e ,|.|; and? leave|leaving|make? it? ~blankWord ~if $cond:c', ({ e, c }, x: Context) => (e.kind === 'choose' ? { ...e, cases: [{ when: orNoNumber(saysZero(e) ? c : orZero(c, x), x.head), then: blank }, ...e.cases] } : null), 0.05),

  // 'Put yes in a column Late if it was not paid, otherwise no'
  // 'Label late or on time going by the remark': by the words that stand there
  rule('clause', 'label|mark|say|write|put (them|it|each|every|rows|$rows)? (as|with)? $label:a or|and $label:b going|judging|depending|based|according|by by|on|to|from|in? the? $col:c', ({ a, b, c }, x: Context) => mentioned([a, b], c, x), -0.1),
  rule('clause', 'put|write|enter|say|note an? $leaf:l in|into|under ~column? ~named? $name:n ~if|for it|they|the? $cond:c ,|;|and? ~otherwise an? $leaf:o', ({ l, n, c, o }) => add({ kind: 'choose', cases: [{ when: c, then: l }], otherwise: o }, n), -0.2),
  rule('clause', 'put|write|enter|say|note an? $leaf:l in|into|under ~column? ~named? $name:n ~if|for it|they|the? $cond:c', ({ l, n, c }) => add({ kind: 'choose', cases: [{ when: c, then: l }], otherwise: blank }, n), 0),
  rule('clause', '~grade ~each? the? $rows|$guess|$noun? as? $chosen:e', ({ e }) => add(e), 0.1),
  // 'Does anyone mention bees? yes/no'
  rule('clause', 'does|do|did|has|have anyone|anybody|someone|somebody|they|people|it ~mention|complain|complained|talk|talked|speak|say|wrote|write about|of|something? about|of? $cond:c ,|:|?? yes|y or|/|and? no|n ~into? ~column?', ({ c }) => (c.kind === 'text' ? add(yesIf(c)) : null), 0),
  // 'Mark them as paid or unpaid depending on whether they appear in payments'
  rule('clause', '(mark|label|tag|flag|say|write|put|show|tell|note|classify|sort it|them|each|every|the|all|rows? $rows|$noun|$col? as|into|with|under?)? an? $label:a or|/ an? $label:b ,? depending|according|based|going|judging? on|to|by? whether|if or|not? not? it|they|the? $rows|$noun|$col? ~be? $cond:c (or not)?', ({ a, b, c }) => add({ kind: 'choose', cases: [{ when: c, then: textOf(deniesIt(a, b) ? b : a) }], otherwise: textOf(deniesIt(a, b) ? a : b) }), 0),
  // 'Did the patient mention parking?': not in the names, but where the words stand
  rule('clause', 'does|do|did|has|have the|any|a? $col:p ~mention|mentioned|say|said|complain|complained|ask|asked|talk|talked|want|wanted about|of|for? $saidWords:w ,|:|?? yes or|/|and no', ({ p, w }, x: Context) => { const c = persons(p, x) ? holderOf(w, x) : null; return c === null || c === p ? null : add(yesIf({ kind: 'text', test: 'mentions', of: of(c), texts: w })); }, -0.5),
  rule('clause', 'does|do|did the? $col:c ~mention|~contains|say|says|speak|talk of|about|a|an|any? $word? $word? ?|: yes ~if|~from? the? word|words? $saidWords:w', ({ c, w }, x: Context) => (columnOf(x.head, c).type === 'text' ? add(yesIf({ kind: 'text', test: 'mentions', of: of(c), texts: w })) : null), -0.3),
  rule('clause', 'guess|judge|decide|tell|say|see|find ~from|in the? $col:n whether|if|how it|they|he|she|we|people|somebody? ~be|~have|did? $word? $word? :|,|;|- $choice:c', ({ n, c }, x: Context) => addOf(chosen(c, x, of(n))), -0.2),
  // 'Length should say quick for up to 0.5 hours, normal ...'
  rule('clause', '^$name:n ~should say|read|be|show|hold|contain :|,? $choice:c', ({ n, c }, x: Context) => (c.list.length > 1 ? addOf(chosen(c, x), n) : null), -0.2),
  // 'Access comes from the note: containing photo -> Photo, ...'
  rule('clause', '^$name:n comes|follows|derives|results ~from the? $col:c :|,|-|– $choice:k', ({ n, c, k }, x: Context) => (k.list.length > 1 ? addOf(chosen(k, x, of(c)), n) : null), -0.2),
  rule('clause', '^$name:n ~be taken|derived|read|worked|filled|made out? ~from the? $col:c :|,|-|– $choice:k', ({ n, c, k }, x: Context) => (k.list.length > 1 ? addOf(chosen(k, x, of(c)), n) : null), -0.2),
  // 'Add Match to the submissions: matched when the title occurs in screenings, else unmatched'
  rule('clause', '~add? ~column? ~named? ^$name:n to|on|in|for|beside the|each|every|all? $rows|$noun :|,|-|– $choice:c', ({ n, c }, x: Context) => (c.list.length > 0 && c.otherwise.kind !== 'blank' ? addOf(chosen(c, x), n) : null), -0.5),
  // 'Label remittances matched if their lot ref is a lot in deliveries, else unmatched'
  rule('clause', 'label|mark|tag|flag|call|classify ~each|the|all|our? $rows|$noun|$theTable as|with? $casesOf:c ,|;|.|and? ~otherwise as|with|it|is? $leaf:o', ({ c, o }, x: Context) => addOf(chosen({ list: c, otherwise: o }, x)), -0.2),
  // 'Does the lot ref exist in deliveries? Write matched if so, unmatched if not or if it is empty'
  rule('clause', "is|are|was|were|does|do|did|has|have the? $asked2:c ?|,|:|. and|then|please? write|say|put|enter|mark|then? an? $label:a ~if so|yes|true|found|does|do|is|are ,|;|and|or? $label:b ~if not|otherwise|no (,? or|and|also also? ~if|~wherever? it|that|there? ~be? ~blankWord)?", ({ c, a, b }) => add({ kind: 'choose', cases: [{ when: c, then: textOf(a) }], otherwise: textOf(b) }), -0.3),
  rule('clause', '^$name:n -|– $choice:c', ({ n, c }, x: Context) => (c.list.length > 1 ? addOf(chosen(c, x), n) : null), 0.1),
  rule('clause', '~grade ~each? the? $rows|$guess|$noun? ~from its|their|the? $col:n :|, $choice:c', ({ n, c }, x: Context) => addOf(banded(n, c, x) ?? chosen(c, x, of(n))), 0),
  rule('clause', '~grade ~each? the? $rows|$guess|$noun? ~from its|their|the? $col:n ~into ~column ~named? $name:m :|,? $choice:c', ({ n, m, c }, x: Context) => addOf(banded(n, c, x) ?? chosen(c, x, of(n)), m), 0),
  rule('clause', '~add? an? $name:n of|: $choice:c', ({ n, c }, x: Context) => (c.list.length > 1 ? addOf(chosen(c, x), n) : null), 0.2),
  rule('clause', '~grade ~each|all|every the? $col:n :|,|as? $choice:c', ({ n, c }, x: Context) => addOf(chosen(c, x, of(n))), 0),
  rule('clause', '~grade the? $col:n :|,|as? $choice:c', ({ n, c }, x: Context) => addOf(chosen(c, x, of(n))), 0.1),
  // 'Label the fault pads, neck or other depending on which word is in it', 'label each job paid or unpaid by paid on'
  rule('clause', '~grade ~each|all|the? $col:c as|into|with? $labels:l ,? depending|according|based|going|judging|by on|to|by? which|what|the? of? these|those|them|the? word|words? ~be|stands|stand|appears|comes|it|they? ~be|says|say|mentions|mention|holds|contains? in|there|it? it|them|there?', ({ c, l }, x: Context) => labelledBy(c, l, x), -0.3),
  rule('clause', '~grade ~each|all|the? $rows|$noun|$guess? as? $label:a or|/|and $label:b by|depending|according|based|going|judging on|to|by? the? $col:c ~be|filled|filled-in|empty|or|not|there?', ({ a, b, c }) => (deniesIt(b, a) ? add({ kind: 'choose', cases: [{ when: not({ kind: 'empty', of: of(c) }), then: textOf(a) }], otherwise: textOf(b) }) : null), -0.2),
  rule('clause', '~add|tell|say|show|note|write me|us? ~into ~column ~named? whether|if $cond:c ~open|,|:? yes|y /|or|and no|n ~close?', ({ c }) => add(yesIf(c)), -0.1),
  rule('clause', '~add|tell|say|show|note|write me|us? ~into ~column ~named? whether|if $cond:c ~open|,|:? yes/no ~close?', ({ c }) => add(yesIf(c)), -0.1),
  // 'Label: small under 60, big over 150, going by the invoice'
  rule('clause', '$choice:c ,|;|.|- going|judging|depending|based|according|measured by|on|to|in the? ^$col:n', ({ n, c }, x: Context) => addOf(banded(n, c, x)), -0.1),
  rule('clause', '^$name:m : $choice:c ,|;|.|- going|judging|depending|based|according|measured by|on|to|in the? ^$col:n', ({ m, n, c }, x: Context) => addOf(banded(n, c, x), m), -0.2),
  // 'Size is large from four occupants up and small below that'
  rule('clause', '~add? ~column? ~named? $name:n ~be|:|=|,|as $leaf:t from|at|with|for $num:k $col:c? up|upwards|on|onwards|~orMore? ,|;|and? ,|;|and? $leaf:u below|under|otherwise|else|for that|it|this|less|fewer|smaller?', ({ n, t, k, c, u }, x: Context) => { const of = (c as string | undefined) ?? null; const e = of === null ? null : quantity(of, x); return e && t.kind === 'text' && u.kind === 'text' ? add({ kind: 'choose', cases: [{ when: { kind: 'empty', of: column(of!) }, then: blank }, { when: { kind: 'compare', op: '>=', left: e, right: { kind: 'number', value: k } }, then: t }], otherwise: u }, n) : null; }, -0.1),
  rule('clause', '~make|group|sort|divide|split the? $col:n ~into (two|three|four|five|these|the)? ^$choice:c', ({ n, c }, x: Context) => (c.list.length > 1 && ofNothing(c.list) ? addOf(banded(n, c, x)) : null), 0.1),
  rule('clause', '~make|group|sort|divide|split the? $col:n ~into two|three|four|five|2|3|4|5|these|the following ~band :|,|of? $choice:c', ({ n, c }, x: Context) => addOf(banded(n, c, x)), 0),
  rule('clause', '~make the? $col:n ~into ~band :|,|of? $choice:c', ({ n, c }, x: Context) => addOf(banded(n, c, x)), 0),
  rule('clause', 'the? $col:n in|as|into|with a? words|word|text|letters :|,|;|-|– of? $choice:c', ({ n, c }, x: Context) => addOf(banded(n, c, x)), -0.1),
  // 'Above or below the average test of the role?'
  ...([['above|over', 'below|under'], ['below|under', 'above|over']] as const).map(([a, b]) => rule('clause', `(is|are|was|were|say|write|mark|label|tell)? (it|they|$col|$rows|$noun)? (as|whether|if)? ${a} or|/ ${b} the? ~average $col:c of|in|for|within the|its|their|that? same? ^$col:g ??`, ({ c, g }, x: Context) => { const e = quantity(c, x); return e && groupable(g, x) ? add({ kind: 'choose', cases: [{ when: { kind: 'compare', op: '>', left: e, right: { kind: 'total', fn: 'mean', of: e, by: [g] } }, then: textOf('above') }, { when: { kind: 'compare', op: '<', left: e, right: { kind: 'total', fn: 'mean', of: e, by: [g] } }, then: textOf('below') }], otherwise: blank }) : null; }, -0.3)).flat(),
  // 'Classify by load (gross minus tare): below 500 small, ...'
  rule('clause', '~grade ~each? the? $rows|$guess|$noun? by|on|from|after|according|going (to|by)? its|their|the? $ex2:e :|,|;|-|– $choice:c', ({ e, c }, x: Context) => (e.kind === 'op' || e.kind === 'span' || e.kind === 'lapse' ? addOf(chosen(c, x, e)) : null), -0.1),
  rule('clause', '$casesOf:c ^$col:n', ({ c, n }, x: Context) => (c.length > 1 && ofNothing(c) ? addOf(banded(n, { list: c, otherwise: blank }, x)) : null), 0.3),
  rule('clause', 'the? $col:n in|into ~band :|,|– of? $choice:c', ({ n, c }, x: Context) => addOf(banded(n, c, x)), 0),
  rule('clause', '~grade|say|put|write|mark? $labels:l going|judging|depending|according|based|by|from|after by|on|from|to? the? $col:n ~open|,|:|;|- $casesOf:c ~close?', ({ l, n, c }, x: Context) => addOf(withFirst(l, n, c, x)), -0.2),
  rule('labels', '$label:a and|or|,|/ $label:b', ({ a, b }) => [a, b], 0),
  rule('labels', '$label:a ,|/ $labels:r', ({ a, r }) => [a, ...r], 0),
  // 'Categorise hours as Length: ...', 'status by days from received to closed: ...': what is done, with what, about what and under which name, in any order
  rule('graded', '$col:n', ({ n }, x: Context) => quantity(n, x) ?? (columnOf(x.head, n).type === 'text' ? of(n) : null), 0),
  rule('graded', '$ex2:e', ({ e }) => (e.kind === 'op' || e.kind === 'span' || e.kind === 'lapse' ? e : null), 0),
  ...anyOrder('gradeHead', {
    verb: [['~grade|~add|~make|group|sort|divide|split', () => true]],
    rows: [['~each|all|the? $rows|$noun|$guess', () => true, 0.1], ['per|~each $rows|$noun|$guess', () => true]],
    about: [['the? $graded:e', ({ e }) => e], ['~from|of|after|by how? its|their|the? $graded:e', ({ e }) => e], ['^$head:m ,? ~from|after|by how? its|their|the? $graded:e', ({ m, e }) => ({ called: m as string, by: e as Expression })]],
    name: [['as|into|in ^$name:m', ({ m }) => m], ['~into? ~column ~named? ^$name:m', ({ m }) => m]],
    column: [['~into? ~column', () => true, 0.1]],
  }, ({ verb, name, about }): GradeHead | null => (about?.called !== undefined ? (name === undefined ? about : null) : name !== undefined || (verb && about !== undefined) ? { called: name, by: about } : null)),
  // 'Size class by weight: ...', whatever column is called size
  rule('head', '^$word:w ^$classWord:k', ({ w, k }, x: Context) => (NOT_LABEL.test(w) || IMPERATIVE.test(w) || x.vocabulary.rowNouns.has(stem(w)) ? null : `${w[0]!.toUpperCase()}${w.slice(1)} ${k}`), 0.1),
  ...['class', 'group', 'band', 'category', 'bracket', 'level', 'bucket', 'tier'].flatMap((k) => rule('classWord', k, () => k, 0)),
  rule('head', '^$word:w', ({ w }, x: Context) => (NOT_LABEL.test(w) || IMPERATIVE.test(w) || NOUNS.has(w.toLowerCase()) || NO_SAYING.has(w.toLowerCase()) || /^(?:new|extra|another|column|comes|follows|derives|results)$/i.test(w) || GRADES.has(stem(w.toLowerCase())) || x.vocabulary.rowNouns.has(stem(w)) || x.head.columns.some((h) => stem(h.name.toLowerCase()) === stem(w.toLowerCase())) ? null : `${w[0]!.toUpperCase()}${w.slice(1)}`), 0),
  rule('clause', '$gradeHead:h ~be? ^:|;|-|– $choice:c', ({ h, c }, x: Context) => (c.list.length > 1 ? addOf(chosen(c as Cases, x, (h as GradeHead).by ?? null), (h as GradeHead).called) : null), 0.15),
  rule('clause', '~grade the? $col:n as|into|in|by $labels :|,|–|; $choice:c', ({ n, c }, x: Context) => addOf(chosen(c, x, of(n))), -0.1),
  // 'Good for 4 and 5 stars, bad for 1 or 2, ok for 3'
  rule('numerals', '$num:a', ({ a }) => [a], 0),
  rule('numerals', '$num:a and|or|,|/|& $numerals:r', ({ a, r }) => [a, ...r], 0),
  rule('case1', '$leaf:l for|at|with|if|when it|they? ~be? an? $numerals:n $col:c', ({ l, n, c }, x: Context): Open[] | null => { const e = quantity(c, x); return e && [{ when: any(n.map((v: number): Condition => ({ kind: 'compare', op: '=', left: e, right: number(v) }))), then: l, loose: true }]; }, 0.02),
  rule('case1', '$leaf:l for|at|with|if|when it|they? ~be? an? $numerals:n', ({ l, n }): Open[] => [{ when: any(n.map((v: number) => compare('=', v))), then: l, loose: true }], 0.1),
  rule('case1', '$leaf:l ~if there ~be no $col:c', ({ l, c }, x: Context): Open[] => [{ when: lacking(c, x), then: l, loose: true }], 0),
  // 'Is the invoice the sum of labour and parts? Write ok or wrong in Check'
  rule('clause', 'is|are|was|were|does|do the? $asked2:c ?|,|: please? write|say|put|enter|mark|then? an? $label:a or|/ an? $label:b ~into? ~column? ~named? $name:n', ({ c, a, b, n }) => add({ kind: 'choose', cases: [{ when: c, then: textOf(a) }], otherwise: textOf(b) }, n), -0.2),
  rule('clause', 'is|are|was|were|does|do the? $asked2:c ?|,|: please? write|say|put|enter|mark|then? an? $label:a or|/ an? $label:b ~into? ~column?', ({ c, a, b }) => add({ kind: 'choose', cases: [{ when: c, then: textOf(a) }], otherwise: textOf(b) }), -0.1),
  rule('asked2', '$cond:c', ({ c }) => c, 0),
  rule('asked2', '$col:a really|indeed|always|equal|the? same|equal|identical? as|to|with? the? $ex0:b', ({ a, b }, x: Context) => { const e = quantity(a, x); return e && JSON.stringify(b) !== JSON.stringify(e) && b.kind !== 'number' ? { kind: 'compare', op: '=', left: e, right: b } : null; }, 0.05),
  rule('asked2', '$col:a equal|equals|match|matches|agree|agrees to|with? the? $ex2:b', ({ a, b }, x: Context) => { const e = quantity(a, x); return e && JSON.stringify(b) !== JSON.stringify(e) && b.kind !== 'number' ? { kind: 'compare', op: '=', left: e, right: b } : null; }, 0),
  // 'Mark payments as known or unknown: known when the job exists'
  rule('clause', '~grade|say|write|put|show the|all|each|every? $rows|$noun|$guess|$col|it? as|with|: ^$label:a or|/ ^$label:b (~into ~column ~named? $name:n?)? ,|:|;|.|- ^$label:c ~if $cond:w', ({ a, b, c, w, n }) => (c === a || c === b ? add({ kind: 'choose', cases: [{ when: w, then: textOf(c) }], otherwise: textOf(c === a ? b : a) }, n) : null), -0.6),
  rule('clause', '~add ~column ~named? ^$name:n with|saying|holding? ,|:? ~open? yes or|/|and no ~close? ,? depending|according|based|going on|to|by whether|if ~each|the|a? $rows|$noun? $cond:c', ({ n, c }) => add(yesIf(c), n), -0.5),
  // 'Put sun, half shade or shade into Light, depending on what the label says'
  rule('clause', 'put|write|enter|say either? $labels:l ~into ~column? ~named? $name:n ,? depending|according|based|going by|on|to|with? what|whatever|which|whether|how the? $col:c says|say|reads|holds|mentions|mention|contains|has|is|it?', ({ l, n, c }, x: Context) => (columnOf(x.head, c).type === 'text' ? add(byMention(l, c), n) : null), -0.2),
  rule('clause', '~add ~column ~named? $name:n with|of|saying|holding $labels:l ,? depending|according|based|going by|on|to|with? what|whatever|which|whether|how the? $col:c says|say|reads|holds|mentions|mention|contains|has|is|it?', ({ l, n, c }, x: Context) => (columnOf(x.head, c).type === 'text' ? add(byMention(l, c), n) : null), -0.2),
  rule('clause', '~add ~column ~named? $name:m ~from the? $col:n :|,? $choice:c', ({ n, m, c }, x: Context) => addOf(chosen(c, x, of(n)), m), 0),
  rule('clause', '~from the? $col:n ,|:? ~add ~column ~named? $name:m :|,? $choice:c', ({ n, m, c }, x: Context) => addOf(chosen(c, x, of(n)), m), 0),
  rule('clause', '~add yes / no|yes/no ~column? ~named? $name:n :|,|for|when|where|if? $cond:c', ({ n, c }) => add(yesIf(c), n), 0),
  rule('clause', '~add yes / no|yes/no ~column? ~named? $name:n for|on the|all? $rset:c', ({ n, c }) => add(yesIf(c), n), -0.1),
  // 'is the pH between 6.5 and 8.5? new column pH ok, yes or no'
  anyOrder('clause', {
    test: [['is|are|was|were|did|does|do|has|have the? $asked:c ?|,|:?', ({ c }) => c]],
    answer: [['~open? yes or|/|and no ~close?', () => true], ['yes/no', () => true], ['y / n', () => true]],
    name: [['~into? ~add? ~column ~named? $name:n', ({ n }) => n, 0.1]],
    blank: [['$blankIt ~if $cond:c', ({ c }) => c]],
  }, ({ test, answer, name, blank: none }: { test?: Condition; answer?: true; name?: string; blank?: Condition }, x: Context) =>
    (test && answer && name !== undefined ? add({ kind: 'choose', cases: [...(none ? [{ when: orNoNumber(orZero(none, x), x.head), then: blank }] : []), { when: test, then: textOf('yes') }], otherwise: textOf('no') }, name) : null), -0.2),
  // 'Trouble yes or no: does the remark mention rain or damp'
  rule('clause', '~add? ~column? ~named? ^$name:m yes or|/ no :|,|-|–|?|. is|are|was|were|did|does|do|has|have the? $asked:c ??', ({ m, c }) => add(yesIf(c), m), -0.3),
  rule('clause', '~add? ~column? ~named? $name:m weekend :|,|? yes or|/ no|yes/no (depending|based|going|by|on|according to? the? $col:c $word?)?', ({ m, c }, x: Context) => onWeekend((c as string | undefined) ?? rowDate(x), x, m), 0.1),
  rule('clause', '~add? ~column? weekend ~open|:|,|? yes or|/ no ~close? (depending|based|going|by|on|according to? the? $col:c $word?)?', ({ c }, x: Context) => onWeekend((c as string | undefined) ?? rowDate(x), x, 'Weekend'), -0.2),
  // 'Is there a note? Yes or no'
  rule('asked', '~be|was|were there an|any|some|a? $col:c', ({ c }) => not({ kind: 'empty', of: of(c) }), 0),
  rule('clause', '~be|was|were there an|any|some|a? $col:c ~open|?|,|: yes or|/|and? no ~close?', ({ c }) => add(yesIf(not({ kind: 'empty', of: of(c) }))), -0.1),
  rule('asked', '$cond:c', ({ c }) => c, 0),
  // 'Paid within a week? yes/no, pending if not paid yet'
  ...['yes or|/|and no', 'yes/no'].map((answer) => rule('clause', `is|are|was|were|did|does|do|has|have? $asked:c ^~open|?|,|: ${answer} ~close? ,|;|.|and|but? and? ^$leaf:l ~if it|they|that|there? $cond:d`, ({ c, l, d }) => (keyOf(c) === keyOf(d) ? null : add({ kind: 'choose', cases: [{ when: d, then: l }, { when: c, then: textOf('yes') }], otherwise: textOf('no') })), -0.4)).flat(),
  // 'Weekend or weekday by the day'
  ...(['weekend or|/ weekday', 'weekday or|/ weekend'] as const).map((words) => rule('clause', `~add|~grade|is|was|say|show? it|~column|:|whether|if? (on|a)? a? ${words} ,|:? (depending|based|going|according|judging)? by|from|on|to|of|after? the? $col:c? ?? (of|for ~each|the|a $rows|$noun|$guess)?`, ({ c }, x: Context) => { const day = (c as string | undefined) ?? rowDate(x); return day === null || !readsAsDate(x.head, day) ? null : add({ kind: 'choose', cases: [{ when: { kind: 'empty', of: column(day) }, then: blank }, { when: weekend(day), then: textOf('weekend') }], otherwise: textOf('weekday') }, 'Weekend or weekday'); }, -0.2)).flat(),
  // 'Is it the school's first visit?'
  ...([['first|earliest', 'lowest'], ['last|latest|newest|most recent', 'highest']] as const).map(([words, fn]) => rule('asked', `it|this|that ~be? the|its|their? ^$col:g ${words} $rows|$noun|one`, ({ g }, x: Context) => { const d = rowDate(x); return d === null || d === g ? null : { kind: 'compare', op: '=', left: column(d), right: { kind: 'total', fn, of: column(d), by: [g] } }; }, -0.2)).flat(),
  rule('clause', 'is|was $asked:c ~open|?|,|:? yes or|/|and no ~close?', ({ c }) => add(yesIf(c)), 0.2),
  // 'Was it a weekend? yes/no', 'arrives on a weekend?', 'was it a round trip (from = to)? yes/no'
  rule('clause', '~add? is|was|are|were it|that|this on|at? a|the? weekend ~open|?|,|:? yes or|/|and? no ~close?', (_s, x: Context) => onWeekend(rowDate(x) ?? startColumn(x) ?? endsOf(x)?.[0] ?? null, x, 'Weekend'), -0.2),
  rule('clause', '~add? is|was it|that|this|they a|an? ^$word:a ^$word:b? ~open $cond:c ~close ?|,|:? yes or|/|and? no', ({ a, b, c }, x: Context) => { const n = b === undefined ? a : `${a} ${b}`; return findColumn(x.head.columns, n) ? null : add(yesIf(c), `${n[0]!.toUpperCase()}${n.slice(1)}`); }, -0.2),
  rule('clause', '~be|were|was $num:n ~orMore $col:k ^$word ?|,|: yes or|/|and? no', ({ n, k }, x: Context) => { const e = quantity(k, x); return e && add(yesIf({ kind: 'compare', op: '>=', left: e, right: number(n) })); }, 0.1),
  ...SIZES.map(([words, operator]) => rule('clause', `~be|were|was|~did|did there? ${words} $num:n $col:k ^$word? ?|,|: yes or|/|and? no`, ({ n, k }, x: Context) => { const e = quantity(k, x); return e && add(yesIf({ kind: 'compare', op: operator, left: e, right: number(n) })); }, 0.1)).flat(),
  rule('clause', '~add? ^$name:m yes or|/ no :|,|-|–|?|. ~if? (it|they|that)? $cond:c', ({ m, c }) => add(yesIf(c), m), 0),
  // 'Label the wheels as sold or in stock': what is done on a day that is known
  rule('clause', 'label|mark|flag|tag|call (the|each|every|all|them)? $rows|$noun|$guess|them? as|with|by|:? either? ^$col:c or|/|, $label:l', ({ c, l }, x: Context) => byDone(c, l, x), 0),
  // '5 euros late fee for everything that came back late, otherwise nothing'
  ...[2, 1].map((k) => rule('clause', `~add? a? ^$num:n ^$word:a${k === 2 ? ' ^$word:b' : ''} for|on|if|~wherever the|all? $rset:c (,|and|;? ~otherwise nothing|none|blank|empty)?`, ({ n, a, b, c }, x: Context) => { const name = b === undefined ? a : `${a} ${b}`; return NOT_LABEL.test(a) || (b !== undefined && NOT_LABEL.test(b)) || !/^(?:fee|fine|charge|surcharge|bonus|discount|deposit|supplement|extra|premium|penalty|rebate|refund|allowance|tip|points?)s?$/i.test(b ?? a) || findColumn(x.head.columns, name) ? null : add({ kind: 'choose', cases: [{ when: c, then: number(n) }], otherwise: blank }, `${name[0]!.toUpperCase()}${name.slice(1)}`); }, -0.4)).flat(),
  // 'Workshop? yes for everything with Workshop in the tour'
  rule('clause', '^$word:w ?|:|, yes|y ~if|~wherever|for|on|when the|all? $rset:c (,|;? ~otherwise? no ~otherwise?)?', ({ w, c }, x: Context) => (NOT_LABEL.test(w) || findColumn(x.head.columns, w) ? null : add(yesIf(c), `${w[0]!.toUpperCase()}${w.slice(1)}`)), 0),
  // 'Morning or afternoon, from the start time': by noon
  ...['$col:c', 'start|starting|begin|beginning time'].flatMap((of) => [`~add|~grade|say|tell|write|put|whether|is|was (me|us|it)? =morning or =afternoon ,? (depending|based|according|judging|going)? from|by|on|to|after the? ${of}`, `^=morning or =afternoon ,|:|-|–? (depending|based|according|judging|going)? from|by|on|to|after the? ${of}`].map((words) => rule('clause', words, ({ c }: { c?: string }, x: Context) => halfDay(c, x), -0.2))).flat(),
  rule('asked', '$ex2:a ~between $ex1:b ~fromTo $ex1:c ~bothIncluded?', ({ a, b, c }) => (a.kind === 'number' ? null : all([{ kind: 'compare', op: '>=', left: a, right: b }, { kind: 'compare', op: '<=', left: a, right: c }])), 0),
  ...SIZES.flatMap(([words, operator]) => [
    rule('asked', `$ex2:a ${words} $ex2:b`, ({ a, b }) => (a.kind === 'number' ? null : { kind: 'compare', op: operator, left: a, right: b }), 0),
    rule('asked', `$ex2:a at|by|on|for|from $ex1:c ${words} $num:b`, ({ a, c, b }) => (a.kind === 'number' || c.kind === 'number' ? null : { kind: 'compare', op: operator, left: a, right: number(b) }), 1),
  ]).flat(),
  // 'Severity high for fire and storm, else normal'
  rule('clause', '^$word:n $label:l for|if|when|on|at|with $values:v ,|;|and? ~otherwise $label:o', ({ n, l, v, o }, x: Context) => (x.vocabulary.rowNouns.has(stem(n.toLowerCase())) || NOT_LABEL.test(n) || IMPERATIVE.test(n) || x.head.columns.some((c) => c.name.toLowerCase() === n.toLowerCase()) ? null : add({ kind: 'choose', cases: [{ when: { kind: 'among', of: of(v[0].column), texts: v.map((t: { text: string }) => t.text) }, then: textOf(l) }], otherwise: textOf(o) }, n)), -0.5),
  // 'If the comment mentions late then Problem should say yes, otherwise no'
  rule('clause', '~if $cond:c ,|then? then? the? $name:n should|must|shall|will|to|has|is be|say|read|get|hold|show|to? be? $leaf:l ,|;|and? ~otherwise it|is? $leaf:o', ({ c, n, l, o }) => add({ kind: 'choose', cases: [{ when: c, then: l }], otherwise: o }, n), -0.2),
  // 'Is the count above the average for that species?'
  ...(['~more', '~less'] as const).flatMap((words) => [
    rule('clause', `is|are|was|were the? $col:c ${words} the|its|their? ~average $col? of|for|in|within|at|by the|its|their|that|each|every|same? same? $col:g ?? yes|yes/no? or|/? no?`, ({ c, g }, x: Context) => { const e = quantity(c, x); return e && c !== g ? add(yesIf({ kind: 'compare', op: words === '~more' ? '>' : '<', left: e, right: { kind: 'total', fn: 'mean', of: e, by: [g] } })) : null; }, -0.3),
  ]).flat(),
  // 'Distance group: near below 25, middle 25 to 100, far beyond'
  ...['size', 'category', 'level'].map((kind) => rule('clause', `${kind} $choice:c`, ({ c }, x: Context) => (c.list.length > 1 ? addOf(chosen(c, x), kind[0]!.toUpperCase() + kind.slice(1)) : null), 0.4)).flat(),
  rule('clause', '^$col:n group|band|class|category|size|grade|level|label|bracket|bucket :|-|–|= $choice:c', ({ n, c }, x: Context) => addOf(banded(n, c, x), `${n} group`), -0.1),
  rule('clause', 'time of day :|-|–|= $choice:c', ({ c }, x: Context) => { const d = rowTime(x); return d === null ? null : addOf(chosen(c, x, of(d)), 'Time of day'); }, -0.1),
  rule('clause', 'part|time of the day :|-|–|= $choice:c', ({ c }, x: Context) => { const d = rowTime(x); return d === null ? null : addOf(chosen(c, x, of(d)), 'Part of the day'); }, -0.1),
  // Rows marked, with no word for the mark
  rule('clause', 'flag|mark|tick|highlight everything|anything|all|whatever|those|what $rows|$noun? ~rel|~withA an? $cond:c', ({ c }) => add(yesIf(c), 'Flag'), 0.1),
  rule('clause', 'flag|mark|tick|highlight the|all|any|every|those? $rows|$noun|$guess ~rel|~withA ~be? $cond:c', ({ c }) => add(yesIf(c), 'Flag'), 0.3),
  rule('clause', 'give|assign|put|write the? $rset:c an? $leaf:t and|,|, the? all? ~otherwise|others|rest $rows? an? $leaf:u', ({ c, t, u }) => add({ kind: 'choose', cases: [{ when: c, then: t }], otherwise: u }), 0),
  rule('clause', '~add yes / no ~column ~named? $name:n :|,|? yes ~if $cond:c', ({ n, c }) => add(yesIf(c), n), 0),
  rule('clause', '~add|~grade as? $name:n yes / no depending|based? on? whether|if the? $cond:c', ({ n, c }) => add(yesIf(c), n), 0),
  rule('clause', '~add|~grade as? $name:n , yes|yes/no ~if $cond:c', ({ n, c }) => add(yesIf(c), n), 0.1),
  rule('aside', 'was|is|were|are|did|does it|they|he|she|this|that $word|$value ?', () => nothing, 0.2),
  rule('clause', '~grade $rset:c with|by|as? an? $leaf:t ,|and|; the? rest|others|other|remaining $rows|ones? with|by|as? an? $leaf:u', ({ c, t, u }) => (t.kind === 'text' && u.kind === 'text' ? add({ kind: 'choose', cases: [{ when: c, then: t }], otherwise: u }) : null), 0),
  rule('clause', 'mark|flag|tag|label the? $rset:c as an? $leaf:t', ({ c, t }) => (t.kind === 'text' ? add({ kind: 'choose', cases: [{ when: c, then: t }], otherwise: blank }) : null), 0.1),
  rule('clause', 'mark|flag|tag $rset:c with|by an? $text:t', ({ c, t }) => add({ kind: 'choose', cases: [{ when: c, then: textOf(t) }], otherwise: blank }), 0.1),
  rule('clause', 'does|do|is|are|did|has|have|was|were the? $cond:c ~open|?|,|: yes or|/|and no ~into? ~column?', ({ c }) => add(yesIf(c)), 0),
].flat();

/** The only column in whose texts some of these words stand. */
function holderOf(words: readonly string[], { vocabulary }: Context): string | null {
  const found = new Set(words.flatMap((w) => [...(vocabulary.inside.get(w.toLowerCase()) ?? [])]));
  return found.size === 1 ? [...found][0]! : null;
}

/** Is a label what stands in cells? */
const isValue = (e: Expression, { vocabulary }: Context): boolean => e.kind === 'text' && readYesNo(e.value) === null && [e.value, e.value.replace(/s$/i, '')].some((t) => vocabulary.values.has(t.toLowerCase()));

/** Is the first label what the second denies: unpaid, not paid? */
const deniesIt = (a: string, b: string): boolean => /^(?:un|non|in|not|no)[- ]?/i.test(a) && a.toLowerCase().endsWith(b.toLowerCase());

/** Does a date lie on a weekend? */
const weekend = (name: string): Condition => ({ kind: 'among', of: { kind: 'part', part: 'weekday', of: column(name) }, texts: ['Saturday', 'Sunday'] });

/** A column that says of each row whether a date of it lies on a weekend. */
const onWeekend = (name: string | null, x: Context, called: string): Act | null =>
  name !== null && readsAsDate(x.head, name) ? add(yesIf(weekend(name)), called) : null;

/** What was done on a day that is known is called so, and all else otherwise: 'sold or in stock'. */
function byDone(name: string, otherwise: string, x: Context): Act | null {
  const done = /^\p{L}+(?:ed|aid|old|ent|one)\b/iu.exec(name)?.[0];
  return done === undefined || !readsAsDate(x.head, name) || (x.head.glances?.get(name)?.blanks ?? 0) === 0 || x.vocabulary.values.has(otherwise.toLowerCase()) ? null
    : add({ kind: 'choose', cases: [{ when: not({ kind: 'empty', of: column(name) }), then: textOf(done.toLowerCase()) }], otherwise: textOf(otherwise) });
}

/** Labels in their order, but one that stands within another behind it: shade after half shade. */
const insideLast = (labels: readonly string[]): string[] => labels.reduce<string[]>((list, label) => { const at = list.findIndex((l) => label.toLowerCase().includes(l.toLowerCase())); return at < 0 ? [...list, label] : [...list.slice(0, at), label, ...list.slice(at)]; }, []);

/** The label that a text mentions. */
const byMention = (labels: readonly string[], name: string): Expression => ({
  kind: 'choose',
  cases: insideLast(labels).map((label) => ({ when: { kind: 'text', test: 'mentions', of: of(name), texts: [label] }, then: textOf(label) })),
  otherwise: blank,
});

/** Labels for rows whose text has the label in it; the last one for the others, where it says so. */
export function labelledBy(name: string, labels: readonly string[], x: Context, called?: string): Act | null {
  const rest = REST.test(labels.at(-1) ?? '') ? labels.at(-1)! : null, own = rest === null ? labels : labels.slice(0, -1);
  if (columnOf(x.head, name).type !== 'text' || own.length === 0) return null;
  const e = byMention(own, name);
  return add(e.kind === 'choose' && rest !== null ? { ...e, otherwise: textOf(rest) } : e, called);
}

/** Do all labels stand in the texts of a column, but for one that is for the rest? */
export const allStandIn = (labels: readonly string[], name: string, x: Context): boolean => { const cells = sampleOf(name, x).map((v) => v.toLowerCase()); return labels.every((l, i) => (i === labels.length - 1 && REST.test(l)) || cells.some((v) => v.includes(l.toLowerCase()))); };
/** Yes where a condition holds, no elsewhere. */
const yesIf = (c: Condition): Expression => ({ kind: 'choose', cases: [{ when: c, then: textOf('yes') }], otherwise: textOf('no') });

const addOf = (e: Expression | null, name?: string): Act | null => e && add(e, name);
