import type { SpanUnit } from '../values/date';
import type { Cleaning } from '../values/clean';
import type { FigureStyle } from '../values/figure';
import type { AddressPart } from '../values/address';
import type { Findable } from '../values/find';
import type { LetterStyle } from '../values/letters';
import type { PersonPart } from '../values/person';
import type { Rounding } from '../values/number';
import type { Ends } from '../values/range';

/** What is computed for each row. Blank in, blank out, unless a node says otherwise. */
export type Expression =
  | { readonly kind: 'number'; readonly value: number }
  | { readonly kind: 'text'; readonly value: string }
  | { readonly kind: 'date'; readonly value: string }
  | { readonly kind: 'blank' }
  | { readonly kind: 'column'; readonly name: string }
  | { readonly kind: 'op'; readonly op: Operator; readonly left: Expression; readonly right: Expression }
  | { readonly kind: 'round'; readonly of: Expression; readonly places: number; readonly mode: Rounding }
  /** The first case whose condition holds; a condition over blanks does not hold. */
  | { readonly kind: 'choose'; readonly cases: readonly Case[]; readonly otherwise: Expression }
  /** Whole units between two dates. Working days leave out weekends, and the days in a column of another table where one is given. */
  | { readonly kind: 'span'; readonly unit: SpanUnit; readonly from: Expression; readonly to: Expression; readonly holidays?: Holidays }
  /** A date so many units after or before another. */
  | { readonly kind: 'shifted'; readonly by: Expression; readonly unit: SpanUnit; readonly side: 'after' | 'before'; readonly of: Expression; readonly holidays?: Holidays }
  | { readonly kind: 'part'; readonly part: DatePart; readonly of: Expression }
  /** The financial year of a date, as '2024/25' (a calendar year where it starts in January). */
  | { readonly kind: 'fiscal'; readonly start: number; readonly of: Expression }
  | { readonly kind: 'maths'; readonly fn: MathsFn; readonly of: Expression }
  /** One figure over all rows of the table, or over the rows with the same values in `by`. Blanks are left out. */
  /** `whole`: over all rows also where a question asks for groups. */
  | { readonly kind: 'total'; readonly fn: TotalFn; readonly of: Expression; readonly by: readonly string[]; readonly whole?: true }
  /** A figure that depends on the order of the rows, or on all rows, within the same values in `by`. */
  | { readonly kind: 'over'; readonly fn: OverFn; readonly of: Expression; readonly by: readonly string[]; readonly along?: Along }
  /** A figure over the last `rows` rows, this one among them. */
  | { readonly kind: 'moving'; readonly fn: AcrossFn; readonly rows: number; readonly of: Expression; readonly by: readonly string[] }
  /** The value in the row of the same group whose date is so many months earlier. */
  | { readonly kind: 'ago'; readonly months: number; readonly date: string; readonly of: Expression; readonly by: readonly string[] }
  /** Over several values of one row; blanks are left out. */
  | { readonly kind: 'across'; readonly fn: AcrossFn; readonly of: readonly Expression[] }
  /** The value, or another where it is blank. */
  | { readonly kind: 'orElse'; readonly of: Expression; readonly otherwise: Expression }
  /** Texts put together with a separator; blank ones are left out, with their separator. */
  | { readonly kind: 'join'; readonly of: readonly Expression[]; readonly separator: string }
  | { readonly kind: 'cased'; readonly letters: LetterCase; readonly of: Expression }
  /** The text before or after a mark; blank where the mark is not there. */
  /** `or`: other marks that do as well; the first or last of all of them counts. */
  | { readonly kind: 'piece'; readonly side: 'before' | 'after'; readonly mark: string; readonly or?: readonly string[]; readonly which: 'first' | 'last'; readonly of: Expression }
  /** Texts written one after the other; blank where one of them is. */
  | { readonly kind: 'written'; readonly of: readonly Expression[] }
  /** The n-th of the pieces between marks, trimmed; a negative n counts from the end. Blank where there are not so many. */
  | { readonly kind: 'slot'; readonly n: number; readonly mark: string; readonly of: Expression }
  /** The first or last so many characters. */
  | { readonly kind: 'letters'; readonly side: 'first' | 'last'; readonly count: number; readonly of: Expression }
  /** The first letter of every word, as capitals. */
  | { readonly kind: 'initials'; readonly of: Expression }
  /** What stands between two marks; blank where they are not both there. */
  | { readonly kind: 'inside'; readonly open: string; readonly close: string; readonly of: Expression }
  /** Something found in a text: see core/values/find.ts. Blank where there is none; all of them are a list, or counted. */
  | { readonly kind: 'found'; readonly what: Findable; readonly which: 'first' | 'last' | 'all' | 'count'; readonly of: Expression }
  /** How long a text is. A blank has no length. */
  | { readonly kind: 'size'; readonly what: 'characters' | 'words'; readonly of: Expression }
  /** How many pieces a list has between marks; a blank list has none. */
  | { readonly kind: 'pieces'; readonly mark: string; readonly of: Expression }
  /** A number as a text in a fixed form: '1,234.50'. */
  | { readonly kind: 'figure'; readonly style: FigureStyle; readonly places: number; readonly of: Expression }
  /** A text filled up in front to a length. */
  | { readonly kind: 'padded'; readonly length: number; readonly fill: string; readonly of: Expression }
  /** A part of a person's name, in either order: see core/values/person.ts. */
  | { readonly kind: 'person'; readonly part: PersonPart; readonly of: Expression }
  /** A part of a postal address: see core/values/address.ts. */
  | { readonly kind: 'address'; readonly part: AddressPart; readonly of: Expression }
  /** The country a place named in a text is in: see core/values/places.ts. Blank where it is not known. */
  | { readonly kind: 'country'; readonly of: Expression }
  /** How pleased a text sounds, by its words: above nought pleased, below displeased. See core/values/feeling.ts. */
  | { readonly kind: 'feeling'; readonly of: Expression }
  /** A moment on the clock of one time zone, as the clock of another shows it: see core/values/zones.ts. */
  | { readonly kind: 'zoned'; readonly from: string; readonly to: string; readonly of: Expression }
  /** The value of another table's row whose key is the same (`loosely`: or is the same in another spelling, see core/match/alike.ts), or a figure over all such rows; blank where there is none, or where they say different things. */
  | { readonly kind: 'lookup'; readonly fn: LookupFn; readonly value: string; readonly table: string; readonly under: string; readonly of: Expression; readonly loosely?: true }
  /** The value of another table's row whose band holds a value, among the rows with the same keys; blank where none does, or where several do and say different things. */
  | { readonly kind: 'band'; readonly value: string; readonly table: string; readonly bounds: Bounds; readonly of: Expression; readonly keys: readonly BandKey[] }
  /** A text after one cleaning of its marks: see core/values/clean.ts. */
  | { readonly kind: 'cleaned'; readonly way: Cleaning; readonly of: Expression }
  /** Texts with a unit ('9 min 30 s', '2 kg') as numbers in one unit; bare numbers are taken to be in it. */
  | { readonly kind: 'measure'; readonly unit: string; readonly of: Expression }
  /** A day and a time of day as one moment. */
  | { readonly kind: 'moment'; readonly day: Expression; readonly time: Expression }
  /** Minutes since midnight of a time of day. */
  | { readonly kind: 'clock'; readonly of: Expression }
  /** From one time of day to another, past midnight where the second is earlier. */
  | { readonly kind: 'lapse'; readonly unit: 'hours' | 'minutes'; readonly from: Expression; readonly to: Expression };

/** Where the days stand that are no working days. */
export interface Holidays { readonly table: string; readonly under: string }

export type Operator = '+' | '-' | '*' | '/' | '^';
export type DatePart = 'year' | 'quarter' | 'month' | 'week' | 'day' | 'weekday' | 'month name' | 'hour' | 'date' | 'time' | 'month in its year' | 'quarter in its year';
export type TotalFn = 'sum' | 'mean' | 'median' | 'lowest' | 'highest' | 'count' | 'distinct' | 'spread' | 'lower quartile' | 'upper quartile' | 'first' | 'last';
export type ListedFn = 'median' | 'spread' | 'lower quartile' | 'upper quartile';
export type MathsFn = 'absolute value' | 'square root' | 'natural logarithm' | 'decimal logarithm';
export type LookupFn = 'only' | 'sum' | 'mean' | 'lowest' | 'highest' | 'count';
/** The order that a figure follows, whatever the order of the rows: that of a column's dates or numbers; rows without one come last, and those with the same one as they stand. */
export interface Along {
  readonly column: string;
  readonly down: boolean;
}

export type OverFn = 'running' | 'previous' | 'rank' | 'rank up' | 'number' | 'percentile';
export type AcrossFn = 'sum' | 'mean' | 'lowest' | 'highest';
export type LetterCase = LetterStyle;

export interface Case {
  readonly when: Condition;
  readonly then: Expression;
}

/** What holds or does not hold for a row. A comparison with a blank does not hold, and neither does its opposite. */
export type Condition =
  | { readonly kind: 'compare'; readonly op: Comparison; readonly left: Expression; readonly right: Expression }
  /** Equal to one of the texts, capitals and outer spaces aside. */
  | { readonly kind: 'among'; readonly of: Expression; readonly texts: readonly string[] }
  | { readonly kind: 'text'; readonly test: TextTest; readonly of: Expression; readonly texts: readonly string[] }
  | { readonly kind: 'empty'; readonly of: Expression }
  /** The text is one of those in a column of another table, `loosely` in another spelling. */
  | { readonly kind: 'listed'; readonly table: string; readonly under: string; readonly of: Expression; readonly loosely?: true }
  /** Something can be found in the text: an e-mail address, a code of a shape. */
  | { readonly kind: 'holds'; readonly what: Findable; readonly of: Expression }
  /** Further from the rest than so many quartile ranges below the lower or above the upper quartile, or standard deviations from the mean. */
  | { readonly kind: 'outlying'; readonly of: Expression; readonly times: number; readonly measure: 'quartile ranges' | 'standard deviations'; readonly by: readonly string[] }
  | { readonly kind: 'all'; readonly of: readonly Condition[] }
  | { readonly kind: 'any'; readonly of: readonly Condition[] }
  | { readonly kind: 'not'; readonly of: Condition };

export type Comparison = '<' | '<=' | '>' | '>=' | '=' | '<>';
export type TextTest = 'contains' | 'mentions' | 'starts' | 'ends';

/** Shorthands for building expressions. */
export const column = (name: string): Expression => ({ kind: 'column', name });
export const number = (value: number): Expression => ({ kind: 'number', value });
/** How many rows there are, in all or of each group. */
export const rowsCounted = (by: readonly string[] = []): Expression => ({ kind: 'total', fn: 'count', of: number(1), by });
export const blank: Expression = { kind: 'blank' };
export const op = (operator: Operator, left: Expression, right: Expression): Expression => ({ kind: 'op', op: operator, left, right });
/** An expression raised ('+') or lowered ('-') by so many percent. */
export const byPercent = (sign: '+' | '-', e: Expression, percent: number): Expression => op('*', e, op(sign, number(1), op('/', number(percent), number(100))));
export const not = (of: Condition): Condition => (of.kind === 'not' ? of.of : { kind: 'not', of });
export const all = (of: readonly Condition[]): Condition => {
  // What is said twice holds once.
  const said = new Map(of.flatMap((c) => (c.kind === 'all' ? c.of : [c])).map((c) => [JSON.stringify(c), c]));
  const [first, ...more] = [...said.values()];
  return first !== undefined && more.length === 0 ? first : { kind: 'all', of: [...said.values()] };
};
export const any = (of: readonly Condition[]): Condition => {
  const flat = of.flatMap((c) => (c.kind === 'any' ? c.of : [c]));
  // Values of one column belong into one list.
  const merged: Condition[] = [];
  for (const c of flat) {
    const listed = 'texts' in c ? c : null;
    const same = listed ? merged.findIndex((m) => 'texts' in m && JSON.stringify({ ...m, texts: [] }) === JSON.stringify({ ...listed, texts: [] })) : -1;
    const before = merged[same];
    if (listed && before && 'texts' in before) merged[same] = { ...before, texts: [...new Set([...before.texts, ...listed.texts])] };
    else if (!merged.some((m) => JSON.stringify(m) === JSON.stringify(c))) merged.push(c);
  }
  return merged.length === 1 ? merged[0]! : { kind: 'any', of: merged };
};

const LISTED: ReadonlySet<string> = new Set<ListedFn>(['median', 'spread', 'lower quartile', 'upper quartile']);

/** Is a figure worked out from all values of a group at once? */
export const isListed = (fn: TotalFn): fn is ListedFn => LISTED.has(fn);

/** The lowest and the highest value that do not lie outside, as figures over the rows. */
export function boundsOf({ of, times, measure, by }: Extract<Condition, { kind: 'outlying' }>): { readonly lowest: Expression; readonly highest: Expression } {
  const figure = (fn: TotalFn): Expression => ({ kind: 'total', fn, of, by });
  const quartiles = measure === 'quartile ranges';
  const [low, high] = quartiles ? [figure('lower quartile'), figure('upper quartile')] : [figure('mean'), figure('mean')];
  const room = op('*', number(times), quartiles ? op('-', high!, low!) : figure('spread'));
  return { lowest: op('-', low!, room), highest: op('+', high!, room) };
}

/** The expressions directly inside one. */
export function parts(expression: Expression): readonly (Expression | Condition)[] {
  switch (expression.kind) {
    case 'op':
      return [expression.left, expression.right];
    case 'span':
    case 'lapse':
      return [expression.from, expression.to];
    case 'shifted':
      return [expression.by, expression.of];
    case 'choose':
      return [...expression.cases.flatMap((c) => [c.when, c.then]), expression.otherwise];
    case 'orElse':
      return [expression.of, expression.otherwise];
    case 'moment':
      return [expression.day, expression.time];
    case 'across':
    case 'join':
    case 'written':
      return expression.of;
    case 'round':
    case 'part':
    case 'total':
    case 'over':
    case 'moving':
    case 'ago':
    case 'cased':
    case 'piece':
    case 'slot':
    case 'letters':
    case 'initials':
    case 'inside':
    case 'found':
    case 'measure':
    case 'fiscal':
    case 'maths':
    case 'size':
    case 'pieces':
    case 'padded':
    case 'person':
    case 'address':
    case 'country':
    case 'feeling':
    case 'zoned':
    case 'lookup':
    case 'figure':
    case 'cleaned':
    case 'clock':
      return [expression.of];
    case 'band':
      return [expression.of, ...expression.keys.map((k) => k.of)];
    case 'number':
    case 'text':
    case 'date':
    case 'blank':
    case 'column':
      return [];
  }
}

/** Where the bands of a table begin and end: two columns (which ends count is fixed, or told in a third), one column of beginnings, or one of texts ('14 to 17.5'). */
export type Bounds =
  | { readonly kind: 'columns'; readonly from: string; readonly to: string; readonly ends: Ends }
  | { readonly kind: 'told'; readonly from: string; readonly to: string; readonly ends: string }
  | { readonly kind: 'steps'; readonly from: string }
  | { readonly kind: 'text'; readonly column: string };

/** A column of the table of bands that must hold what is given here. */
export interface BandKey {
  readonly under: string;
  readonly of: Expression;
}

export type BandExpression = Extract<Expression, { kind: 'band' }>;

/** The expressions and conditions directly inside a condition. */
export function conditionParts(condition: Condition): readonly (Expression | Condition)[] {
  switch (condition.kind) {
    case 'compare':
      return [condition.left, condition.right];
    case 'all':
    case 'any':
      return condition.of;
    default:
      return [condition.of];
  }
}

const CONDITIONS = new Set(['compare', 'among', 'empty', 'holds', 'listed', 'outlying', 'all', 'any', 'not']);

/** Is the node a condition? (A 'text' node is one when it has a test.) */
export const isCondition = (node: Expression | Condition): node is Condition => CONDITIONS.has(node.kind) || (node.kind === 'text' && 'test' in node);

/** Visits a node and everything in it, outermost first. */
export function walk(node: Expression | Condition, visit: (node: Expression | Condition) => void): void {
  visit(node);
  for (const part of isCondition(node) ? conditionParts(node) : parts(node)) walk(part, visit);
}

/** An expression, a condition or a plan with every column it speaks of under its other name. Linear in its size. */
export function renameColumns<T>(node: T, to: (name: string) => string): T {
  if (Array.isArray(node)) return node.map((n: unknown) => renameColumns(n, to)) as T;
  if (typeof node !== 'object' || node === null) return node;
  const isColumn = (node as { kind?: unknown }).kind === 'column';
  const isAgo = (node as { kind?: unknown }).kind === 'ago';
  return Object.fromEntries(Object.entries(node).map(([key, value]: [string, unknown]) => {
    if (typeof value === 'string') return [key, (key === 'name' && isColumn) || (key === 'date' && isAgo) || key === 'column' ? to(value) : value];
    // Where bands begin and end is told by another table.
    if (key === 'bounds') return [key, value];
    const names = (key === 'by' || key === 'columns') && Array.isArray(value) && value.every((v) => typeof v === 'string');
    return [key, names ? (value as string[]).map(to) : renameColumns(value, to)];
  })) as T;
}

/** Names of all columns a node reads, each once, in order of first use. */
export function columnsOf(node: Expression | Condition): string[] {
  const names = new Set<string>();
  walk(node, (n) => {
    if (n.kind === 'column') names.add(n.name);
    if (n.kind === 'total' || n.kind === 'over' || n.kind === 'moving' || n.kind === 'ago' || n.kind === 'outlying') n.by.forEach((name) => names.add(name));
    if (n.kind === 'ago') names.add(n.date);
    if (n.kind === 'over' && n.along) names.add(n.along.column);
  });
  return [...names];
}
