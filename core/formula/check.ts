import { isDate, isQuantity, type ColumnType } from '../table/column';
import { columnOf, findColumn, type TableHead } from '../table/table';
import type { Glance } from '../profile/glance';
import { isClockUnit, readDate } from '../values/date';
import { readAmount } from '../values/number';
import { unitName, unitSort } from '../values/units';
import { NUMERIC_FINDS } from '../values/find';
import { boundColumns } from './bands';
import { columnsOf, isCondition, isListed, conditionParts, parts, type Condition, type DatePart, type Expression } from './expression';

/** What is wrong with a plan, as one sentence, and the column it is about. */
export interface Problem {
  readonly text: string;
  readonly column?: string;
}

/** The type of an expression's values, and how many decimals they can have (null: any number). */
export interface ResultType {
  readonly type: ColumnType;
  readonly scale: number | null;
}

/** A head that may know what its texts look like; without a glance every text may be a number or a date. */
export interface CheckedHead extends TableHead {
  readonly glances?: ReadonlyMap<string, Glance>;
  /** What is known of the other tables of the workspace, by name. */
  readonly others?: ReadonlyMap<string, CheckedHead>;
}

/** Does a column hold numbers that can be reckoned with, and no dates? */
export const isNumberColumn = (head: CheckedHead, name: string): boolean => readsAsNumber(head, name) && !isDate(columnOf(head, name).type);

/** Can most filled cells of a column be read as numbers? As dates? */
export const readsAsNumber = (head: CheckedHead, name: string): boolean => {
  const column = findColumn(head.columns, name);
  if (!column) return false;
  if (column.type !== 'text') return isQuantity(column.type);
  const glance = head.glances?.get(name);
  return !glance || (glance.numberShare >= 0.5 && !measuresUnlike(glance));
};
export const readsAsDate = (head: CheckedHead, name: string): boolean => {
  const column = findColumn(head.columns, name);
  if (!column) return false;
  if (column.type !== 'text') return isDate(column.type);
  const glance = head.glances?.get(name);
  return !glance || glance.dateShare >= 0.5;
};

/** Do dates of a column have the day first? As the column itself shows; where it does not, as the columns beside it do, if they agree; else yes. */
export function readsDayFirst(head: CheckedHead, name: string): boolean {
  const own = head.glances?.get(name);
  if (own?.orderShown) return own.dayFirst;
  const beside = head.columns.flatMap((c) => { const g = head.glances?.get(c.name); return g?.orderShown ? [g.dayFirst] : []; });
  return beside.length > 0 && beside.every((d) => !d) ? false : (own?.dayFirst ?? true);
}

const mixed = new WeakMap<Glance, string | null>();

/**
 * The commonest unit of a text column that is written in several units of one sort ('1.2 kg', '950 g'), or null: its bare
 * numbers must not be compared or added up.
 */
export function mixedUnit(head: CheckedHead, name: string): string | null {
  const glance = head.glances?.get(name);
  if (!glance || glance.units < 2 || findColumn(head.columns, name)?.type !== 'text') return null;
  let known = mixed.get(glance);
  if (known === undefined) mixed.set(glance, (known = findMixed(glance)));
  return known;
}

const unlike = new WeakMap<Glance, boolean>();

/** Do a column's amounts measure different things, one in ten or more another than most ('9 cm', '1 L')? They are no numbers to compare. */
function measuresUnlike(glance: Glance): boolean {
  if (glance.units < 2) return false;
  let known = unlike.get(glance);
  if (known === undefined) {
    const counts = new Map<string, number>();
    for (const [unit, n] of unitCounts(glance)) counts.set(unitSort(unit) ?? '', (counts.get(unitSort(unit) ?? '') ?? 0) + n);
    const [first, second] = [...counts.values()].sort((a, b) => b - a);
    unlike.set(glance, (known = second !== undefined && second >= (first! + second) / 10));
  }
  return known;
}

/** How many amounts are written in each unit that is known. */
function unitCounts({ values, sample }: Glance): ReadonlyMap<string, number> {
  const counts = new Map<string, number>();
  for (const [text, n] of values ?? sample?.map((t) => [t, 1] as const) ?? []) {
    const own = readAmount(text)?.unit ?? '';
    const name = own === '' ? null : unitName(own);
    if (name !== null) counts.set(name, (counts.get(name) ?? 0) + n);
  }
  return counts;
}

function findMixed(glance: Glance): string | null {
  const [first, ...rest] = [...unitCounts(glance)].sort((a, b) => b[1] - a[1]);
  return first && rest.some(([u]) => unitSort(u) === unitSort(first[0])) ? first[0] : null;
}

const whole: ResultType = { type: 'whole', scale: 0 };
const decimal = (scale: number | null): ResultType => ({ type: 'decimal', scale });
const text: ResultType = { type: 'text', scale: null };

/** Parts of dates that are texts. */
const TEXT_PARTS: ReadonlySet<DatePart> = new Set<DatePart>(['weekday', 'month name', 'time', 'month in its year', 'quarter in its year']);

/** The type of an expression over a table. Blank fits any type; a column read as text is text. */
export function typeOf(expression: Expression, head: CheckedHead): ResultType {
  switch (expression.kind) {
    case 'number':
      return Number.isInteger(expression.value) ? whole : decimal(decimalsOf(expression.value));
    case 'text':
    case 'cased':
    case 'piece':
    case 'join':
    case 'written':
    case 'slot':
    case 'letters':
    case 'initials':
    case 'inside':
    case 'padded':
    case 'person':
    case 'address':
    case 'country':
    case 'figure':
    case 'cleaned':
    case 'fiscal':
      return text;
    case 'size':
    case 'pieces':
      return whole;
    case 'maths':
      return expression.fn === 'absolute value' ? quantityOrDate(expression.of, head) : decimal(null);
    case 'found':
      if (expression.which === 'count') return whole;
      if (expression.which === 'all') return text;
      return expression.what.kind === 'sort' && NUMERIC_FINDS.has(expression.what.sort) ? decimal(null) : expression.what.kind === 'sort' && expression.what.sort === 'date' ? { type: 'date', scale: null } : text;
    case 'measure':
      return decimal(null);
    case 'lookup': {
      const column = findColumn(head.others?.get(expression.table)?.columns ?? [], expression.value);
      if (expression.fn === 'count') return whole;
      if (expression.fn === 'only') return column ? { type: column.type, scale: column.scale } : text;
      return expression.fn === 'mean' || !column || column.type === 'text' ? decimal(null) : { type: column.type, scale: column.scale };
    }
    case 'band': {
      const column = findColumn(head.others?.get(expression.table)?.columns ?? [], expression.value);
      return column ? { type: column.type, scale: column.scale } : text;
    }
    case 'clock':
    case 'feeling':
      return whole;
    case 'lapse':
      return expression.unit === 'minutes' ? whole : decimal(null);
    case 'moment':
    case 'zoned':
      return { type: 'datetime', scale: null };
    case 'date':
      return { type: expression.value.length > 10 ? 'datetime' : 'date', scale: null };
    case 'blank':
      return text;
    case 'column': {
      const column = findColumn(head.columns, expression.name);
      return column ? { type: column.type, scale: column.scale } : text;
    }
    case 'op': {
      const [a, b] = [scaleOf(expression.left, head), scaleOf(expression.right, head)];
      if (expression.op === '/' || expression.op === '^' || a === null || b === null) return decimal(null);
      const scale = expression.op === '*' ? a + b : Math.max(a, b);
      return scale === 0 ? whole : decimal(scale);
    }
    case 'round':
      return expression.places === 0 ? whole : decimal(expression.places);
    case 'choose':
      return widest([...expression.cases.map((c) => c.then), expression.otherwise].filter((e) => e.kind !== 'blank').map((e) => typeOf(e, head)));
    case 'orElse':
      return widest([expression.of, expression.otherwise].map((e) => (e.kind === 'column' && readsAsNumber(head, e.name) ? { type: 'decimal' as const, scale: scaleOf(e, head) } : typeOf(e, head))));
    case 'span':
      return isClockUnit(expression.unit) ? decimal(null) : whole;
    case 'shifted': {
      const { type } = typeOf(expression.of, head);
      return { type: isClockUnit(expression.unit) || type === 'datetime' ? 'datetime' : 'date', scale: null };
    }
    case 'part':
      return expression.part === 'date' ? { type: 'date', scale: null } : TEXT_PARTS.has(expression.part) ? text : whole;
    case 'total':
      if (expression.fn === 'count' || expression.fn === 'distinct') return whole;
      return isListed(expression.fn) || expression.fn === 'mean' ? decimal(null) : quantityOrDate(expression.of, head);
    case 'over':
      return expression.fn.startsWith('rank') || expression.fn === 'number' ? whole : expression.fn === 'percentile' ? decimal(null) : quantityOrDate(expression.of, head);
    case 'moving':
      return expression.fn === 'mean' ? decimal(null) : quantityOrDate(expression.of, head);
    case 'ago':
      return quantityOrDate(expression.of, head);
    case 'across':
      return expression.fn === 'mean' ? decimal(null) : decimal(expression.of.map((e) => scaleOf(e, head)).reduce((a, b) => (a === null || b === null ? null : Math.max(a, b)), 0));
  }
}

const decimalsOf = (value: number): number => /\.(\d+)/.exec(String(value))?.[1]?.length ?? 0;

/** Decimals a part of a formula can have; texts read as amounts may have any. */
function scaleOf(expression: Expression, head: CheckedHead): number | null {
  const { type, scale } = typeOf(expression, head);
  if (type === 'text' && expression.kind === 'column') return head.glances?.get(expression.name)?.scale ?? null;
  return type === 'whole' || type === 'yesno' ? 0 : type === 'decimal' ? scale : null;
}

/** Is a value a date, also one of a column whose texts are read as dates? */
export const holdsDates = (of: Expression, head: CheckedHead): boolean =>
  isThere(of, (other, name) => readsAsDate(other, name) && !readsAsNumber(other, name), head) || (of.kind === 'column' ? readsAsDate(head, of.name) && (isDate(typeOf(of, head).type) || !readsAsNumber(head, of.name)) : isDate(typeOf(of, head).type));

/** Does a value hold numbers: a column's, one of another table, or what is calculated? */
export const holdsNumbers = (of: Expression, head: CheckedHead): boolean =>
  isThere(of, readsAsNumber, head) || (of.kind === 'column' ? readsAsNumber(head, of.name) : typeOf(of, head).type !== 'text');

/** The table that a value stands in, and under which column, where it is one of another table; null for any other. */
export function standsThere(of: Expression, head: CheckedHead): { readonly head: CheckedHead; readonly column: string } | null {
  if (!((of.kind === 'lookup' && of.fn === 'only') || of.kind === 'band')) return null;
  const other = head.others?.get(of.table);
  return other && findColumn(other.columns, of.value) ? { head: other, column: of.value } : null;
}

/** Is it a value of another table, of a column that reads so there? */
function isThere(of: Expression, reads: (other: CheckedHead, name: string) => boolean, head: CheckedHead): boolean {
  const there = standsThere(of, head);
  return there !== null && reads(there.head, there.column);
}

/** Do a value's dates come without a time of day? So do those of a column of texts where any does. */
export function isByDay(of: Expression, head: CheckedHead): boolean {
  const { type } = typeOf(of, head);
  if (type !== 'text' || of.kind !== 'column') return type === 'date';
  return textsSeen(of.name, head)?.some((t) => readDate(t)?.hasTime === false) ?? false;
}

/** The known texts of a column, or a sample of them; null where nothing is known. */
const textsSeen = (name: string, head: CheckedHead): readonly string[] | null => {
  const glance = head.glances?.get(name);
  return glance ? glance.values?.map(([t]) => t) ?? glance.sample ?? [] : null;
};

/** Are two dates compared? So it is where one side is a date, and where the texts on both sides are read as dates. */
export const comparesDates = ({ left, right }: { readonly left: Expression; readonly right: Expression }, head: CheckedHead): boolean =>
  [left, right].some((side) => isDate(typeOf(side, head).type)) || [left, right].every((side) => holdsDates(side, head));

const quantityOrDate = (of: Expression, head: CheckedHead): ResultType => {
  const inner = typeOf(of, head);
  if (isDate(inner.type)) return inner;
  if (holdsDates(of, head)) return { type: 'date', scale: null };
  const scale = scaleOf(of, head);
  return scale === 0 ? whole : decimal(scale);
};

function widest(types: readonly ResultType[]): ResultType {
  const [first, ...rest] = types;
  if (!first) return text;
  return rest.reduce((a, b) => {
    if (a.type === b.type) return { type: a.type, scale: a.scale === null || b.scale === null ? null : Math.max(a.scale, b.scale) };
    if (isQuantity(a.type) && isQuantity(b.type)) return decimal(a.scale === null || b.scale === null ? null : Math.max(a.scale, b.scale));
    return isDate(a.type) && isDate(b.type) ? { type: 'datetime', scale: null } : text;
  }, first);
}

type Need = 'number' | 'date' | 'any';

/** Everything that is wrong with an expression or condition over a table: missing columns, and values of the wrong sort. */
export function checkFormula(node: Expression | Condition, head: CheckedHead): Problem[] {
  const missing = columnsOf(node).filter((name) => !findColumn(head.columns, name));
  if (missing.length) return missing.map((name) => ({ text: `There is no column “${name}”.`, column: name }));
  const problems: Problem[] = [];
  const need = (part: Expression, wanted: Need, why: string): void => {
    const { type } = typeOf(part, head);
    const fits =
      wanted === 'any' ? true
      : part.kind === 'blank' ? true
      : part.kind === 'column' ? (wanted === 'number' ? readsAsNumber(head, part.name) : readsAsDate(head, part.name))
      : wanted === 'number' ? isQuantity(type) || isThere(part, readsAsNumber, head)
      : holdsDates(part, head) || (part.kind === 'text' && readDate(part.value) !== null);
    const unit = wanted === 'number' && part.kind === 'column' ? mixedUnit(head, part.name) : null;
    if (unit !== null && part.kind === 'column') problems.push({ text: `“${part.name}” is written in several units, so its numbers cannot be ${why} as they stand: say ‹${part.name}› measured in "${unit}", or turn it into numbers in ${unit} first.`, column: part.name });
    if (fits) return;
    const what = part.kind === 'column' ? `“${part.name}”` : 'That part';
    const sort = wanted === 'number' ? 'numbers' : 'dates';
    problems.push({ text: `${what} does not hold ${sort}, so it cannot be ${why}.`, ...(part.kind === 'column' ? { column: part.name } : {}) });
  };
  const visit = (n: Expression | Condition): void => {
    if (isCondition(n)) {
      if (n.kind === 'compare') checkComparison(n, head, need);
      if (n.kind === 'listed') problems.push(...missingThere(n.table, [n.under], head), ...notSpelled(n));
      if (n.kind === 'outlying') need(n.of, 'number', 'compared with the rest');
      conditionParts(n).forEach(visit);
      return;
    }
    switch (n.kind) {
      case 'date':
        if (readDate(n.value) === null) problems.push({ text: `“${n.value}” is no date. Say it with its year, as in “10 March 2026”.` });
        break;
      case 'op':
        need(n.left, 'number', 'calculated with');
        need(n.right, 'number', 'calculated with');
        break;
      case 'lookup':
        problems.push(...missingThere(n.table, [n.under, n.value], head), ...notSpelled(n));
        break;
      case 'band': {
        problems.push(...missingThere(n.table, [n.value, ...boundColumns(n.bounds), ...n.keys.map((k) => k.under)], head));
        const begin = n.bounds.kind === 'text' ? undefined : findColumn(head.others?.get(n.table)?.columns ?? [], n.bounds.from);
        need(n.of, begin && isDate(begin.type) ? 'date' : 'number', 'looked for among bands');
        break;
      }
      case 'figure':
        need(n.of, 'number', 'written as a figure');
        break;
      case 'round':
        need(n.of, 'number', 'rounded');
        break;
      case 'span':
        need(n.from, 'date', 'a start or an end');
        need(n.to, 'date', 'a start or an end');
        if (n.holidays) problems.push(...missingThere(n.holidays.table, [n.holidays.under], head));
        break;
      case 'shifted':
        need(n.of, 'date', 'moved by a span of time');
        need(n.by, 'number', 'added to a date');
        if (n.holidays) problems.push(...missingThere(n.holidays.table, [n.holidays.under], head));
        break;
      case 'maths':
        need(n.of, 'number', 'calculated with');
        break;
      case 'fiscal':
      case 'part':
        need(n.of, 'date', 'taken apart as a date');
        break;
      case 'measure':
        if (unitSort(n.unit) === null) problems.push({ text: `“${n.unit}” is not a unit that can be converted.` });
        break;
      case 'zoned':
        need(n.of, 'date', 'put into another time zone');
        if (!timed(n.of, head)) problems.push({ text: `${n.of.kind === 'column' ? `“${n.of.name}”` : 'That part'} holds days without a time, so they cannot be put into another time zone.`, ...(n.of.kind === 'column' ? { column: n.of.name } : {}) });
        break;
      case 'moment':
        need(n.day, 'date', 'the day of a moment');
        break;
      case 'total':
        if (n.fn === 'sum' || n.fn === 'mean' || isListed(n.fn)) need(n.of, 'number', 'added up');
        break;
      case 'over':
        // Dates have an order too.
        if ((n.fn === 'rank' || n.fn === 'rank up') && (n.of.kind === 'column' ? readsAsDate(head, n.of.name) && !readsAsNumber(head, n.of.name) : isDate(typeOf(n.of, head).type))) break;
        if (n.fn !== 'previous' && n.fn !== 'number') need(n.of, 'number', n.fn === 'running' ? 'added up' : 'ranked');
        if (n.along && !readsAsDate(head, n.along.column) && !readsAsNumber(head, n.along.column)) problems.push({ text: `“${n.along.column}” holds neither dates nor numbers, so nothing can go in their order. Say a column of dates or numbers, or sort the rows first.`, column: n.along.column });
        break;
      case 'moving':
      case 'ago':
        need(n.of, 'number', n.kind === 'ago' ? 'compared with an earlier one' : 'put together over rows');
        if (n.kind === 'ago' && !readsAsDate(head, n.date)) problems.push({ text: `“${n.date}” holds no dates, so it cannot be told what was ${n.months} months before. Say a column of dates.`, column: n.date });
        break;
      case 'across':
        n.of.forEach((part) => need(part, 'number', 'put together'));
        break;
    }
    parts(n).forEach(visit);
  };
  visit(node);
  return problems;
}

/** What another table lacks. */
/** Names in other spellings are looked for among all that stand in a column. */
const notSpelled = (n: { readonly of: Expression; readonly loosely?: true }): Problem[] => (n.loosely && n.of.kind !== 'column' ? [{ text: 'Other spellings are looked for from a column, not from something worked out. Put it into a column of its own first.' }] : []);

function missingThere(table: string, names: readonly string[], { others }: CheckedHead): Problem[] {
  const other = others?.get(table);
  if (!other) return [{ text: `There is no table “${table}” beside this one.${others?.size ? ` There is ${[...others.keys()].map((n) => `“${n}”`).join(', ')}.` : ''}` }];
  return [...new Set(names)].filter((n) => !findColumn(other.columns, n)).map((n) => ({ text: `There is no column “${n}” in the table “${table}”.` }));
}

/** Are there times of day with an expression's dates? Of a text column, in one of its known values at least. */
function timed(of: Expression, head: CheckedHead): boolean {
  const { type } = typeOf(of, head);
  if (type !== 'text' || of.kind !== 'column') return type !== 'date';
  return textsSeen(of.name, head)?.some((t) => readDate(t)?.hasTime) ?? true;
}

function checkComparison(n: Extract<Condition, { kind: 'compare' }>, head: CheckedHead, need: (part: Expression, wanted: Need, why: string) => void): void {
  if (n.op === '=' || n.op === '<>') return;
  const dated = comparesDates(n, head);
  for (const side of [n.left, n.right]) need(side, dated ? 'date' : 'number', 'compared by size');
}
