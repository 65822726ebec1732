import Joi from 'joi';
import { MONTHS, WEEKDAYS } from '../../values/date';
import { CHUNK_ROWS } from '../../table/column';
import { columnOf, positionAt, rowCount, type Table } from '../../table/table';
import { groupsOf } from '../../profile/groups';
import { cellValue, type CellValue } from '../../values/cell';
import { folded } from '../../values/fold';
import { checkFormula, typeOf, type CheckedHead } from '../../formula/check';
import { prepare, prepareCondition, YES } from '../../formula/evaluate';
import { columnsOf, isCondition, parts, conditionParts, type Condition, type Expression } from '../../formula/expression';
import { conditionField, expressionField, withFormulas } from '../../formula/schema';
import { condition, expression } from '../../formula/syntax';
import { toChunk } from '../../formula/vector';
import { between, choice, columnName, field, flag, list, mapped, numeral, oneOf, optional, record } from '../../language/exact';
import { type Chunk, type Column } from '../../table/column';
import { chunkLength } from '../../table/column';
import { sameColumns, type AnswerTable, type StepDefinition } from '../step';
import type { Problem } from '../../formula/check';

/** A column of an answer: a figure over the rows of a group, or what the rows are grouped by. */
export interface Asked {
  readonly name: string;
  readonly as: Expression;
}

/**
 * A question answered in numbers: figures over all rows, or over each group of rows. It changes nothing. Without figures
 * the groups themselves are the answer.
 */
export interface AskPlan {
  readonly step: 'ask';
  readonly figures: readonly Asked[];
  readonly by: readonly Asked[];
  /** The values of this become columns, each with the one figure of its rows. */
  readonly across?: Asked;
  readonly where?: Condition;
  /** By the name of a figure or group. */
  readonly order?: { readonly name: string; readonly down: boolean };
  readonly most?: number;
  /** One line more: the same figures over all the rows that were asked about. */
  readonly inAll?: true;
}

const figure = record<Asked>({}, field('name', columnName), ' as ', field('as', expression));
const group = choice<Asked>(
  mapped(columnName, (name): Asked => ({ name, as: { kind: 'column', name } }), (g) => (g.as.kind === 'column' && g.as.name === g.name ? g.name : null)),
  figure,
);
const groups = list(group, 1, '; and by ', '; by ');
const order = record<{ name: string; down: boolean }>({}, field('name', columnName), field('down', oneOf([[true, ' from high to low'], [false, ' from low to high']])));
const tail = [
  optional('across', between('; across ', group, '')),
  optional('where', between('; only where ', condition, '')),
  optional('order', between('; sorted by ', order, '')),
  optional('most', between('; the first ', numeral, '')),
  flag('inAll', '; and in all'),
] as const;

type Listed = Omit<AskPlan, 'figures'>;
type Overall = Omit<AskPlan, 'by'>;

/** Most groups that an answer shows. */
const MOST_GROUPS = 10_000;

/** Does an expression look only at whole groups of rows? */
const overGroup = (e: Expression): boolean =>
  e.kind === 'total' || (e.kind !== 'column' && e.kind !== 'over' && e.kind !== 'moving' && e.kind !== 'ago' && parts(e).every((p) => (isCondition(p) ? conditionParts(p).every((c) => isCondition(c) || overGroup(c)) : overGroup(p))));

/** The expression with every figure taken within the groups. */
function within(e: Expression, by: readonly string[]): Expression {
  if (e.kind === 'total') return e.by.length || e.whole ? e : { ...e, by };
  const one = (v: unknown): unknown => (Array.isArray(v) ? v.map(one) : v && typeof v === 'object' && 'kind' in v ? within(v as Expression, by) : v && typeof v === 'object' ? Object.fromEntries(Object.entries(v).map(([k, x]) => [k, one(x)])) : v);
  return Object.fromEntries(Object.entries(e).map(([k, v]) => [k, one(v)])) as unknown as Expression;
}

/** A column worked out chunk by chunk, when a chunk is asked for: of a figure over groups only few cells are looked at. */
async function columnFor(name: string, as: Expression, table: Table, head: CheckedHead): Promise<Column> {
  const { type, scale } = typeOf(as, head);
  const formula = await prepare(as, table, head);
  const reads = formula.reads.map((n) => columnOf(table, n));
  const done = new Map<number, Promise<Chunk>>();
  const work = async (ord: number): Promise<Chunk> => {
    const vector = formula.evaluate(await Promise.all(reads.map((c) => c.load(ord))), ord * CHUNK_ROWS, chunkLength(table.size, ord));
    return toChunk(vector, vector.kind === 'text' ? 'text' : type === 'text' ? 'decimal' : type, scale);
  };
  return { name, type, scale, load: (ord) => done.get(ord) ?? done.set(ord, work(ord)).get(ord)! };
}

/** The rows of a table for which a condition holds. */
async function only(where: Condition, table: Table, head: CheckedHead): Promise<Table> {
  const test = await prepareCondition(where, table, head);
  const reads = test.reads.map((n) => columnOf(table, n));
  const stay = new Uint8Array(table.size);
  for (let from = 0, ord = 0; from < table.size; from += CHUNK_ROWS, ord++) {
    stay.set(test.test(await Promise.all(reads.map((c) => c.load(ord))), from, chunkLength(table.size, ord)).map((v) => (v === YES ? 1 : 0)), from);
  }
  const rows: number[] = [];
  for (let at = 0; at < rowCount(table); at++) if (stay[positionAt(table, at)]) rows.push(positionAt(table, at));
  return { ...table, rows: Uint32Array.from(rows) };
}

/** The answer to a question over a table. O(rows) for each figure. */
async function answer(plan: AskPlan, given: Table, head: CheckedHead): Promise<AnswerTable> {
  const table = plan.where ? await only(plan.where, given, head) : given;
  const { figures, by } = plan;
  const across = plan.across ? [plan.across] : [];
  const groups = await answerGroups({ figures, by: [...by, ...across] }, table, head);
  const grouped = ordered(plan, plan.across ? acrossed(plan, groups) : groups);
  if (!plan.inAll) return grouped;
  const whole = await answerGroups({ figures, by: across }, table, head);
  const cells = plan.across ? grouped.columns.slice(by.length).map((name) => whole.rows.find((r) => sameHead(r[0]!) === folded(name))?.[1] ?? null) : whole.rows[0]!;
  return { ...grouped, inAll: { cells: ['in all', ...by.slice(1).map(() => null), ...cells], members: whole.members.reduce((a, b) => a + b, 0) } };
}

/** A value as the head of a column. */
const headed = (v: CellValue): string => (v === null || v === '' ? 'blank' : typeof v === 'boolean' ? (v ? 'yes' : 'no') : String(v));

/** Texts that are taken for the same have one head, as they are one where groups are made. */
const sameHead = (v: CellValue): string => folded(headed(v));

/** An answer by groups with the values of its last group as columns. Where no row is, a count is zero and any other figure blank. */
function acrossed(plan: AskPlan, long: AnswerTable): AnswerTable {
  const [k, across] = [plan.by.length, plan.across!];
  const heads: CellValue[] = [];
  const seen = new Set<string>();
  for (const row of long.rows) if (!seen.has(sameHead(row[k]!))) { seen.add(sameHead(row[k]!)); heads.push(row[k]!); }
  const places = new Map(heads.map((h, i) => [h, i] as const).sort((a, b) => inTime([across], [a[0]], [b[0]]) || a[1] - b[1]).map(([h], i) => [sameHead(h), { at: i, head: headed(h) }]));
  const { as } = plan.figures[0]!;
  const none: CellValue = as.kind === 'total' && (as.fn === 'count' || as.fn === 'distinct') ? 0 : null;
  const rows = new Map<string, { cells: CellValue[]; members: number }>();
  long.rows.forEach((row, i) => {
    const key = JSON.stringify(row.slice(0, k).map(sameHead));
    let line = rows.get(key);
    if (!line) rows.set(key, (line = { cells: [...row.slice(0, k), ...heads.map(() => none)], members: 0 }));
    line.cells[k + places.get(sameHead(row[k]!))!.at] = row[k + 1]!;
    line.members += long.members[i]!;
  });
  const all = [...rows.values()];
  return { columns: [...plan.by.map((g) => g.name), ...[...places.values()].map((p) => p.head)], rows: all.map((r) => r.cells), members: all.map((r) => r.members), groups: all.length };
}

/** The lines of an answer in the order asked for, as many as were asked for. */
function ordered(plan: AskPlan, { columns, rows, members, groups }: AnswerTable): AnswerTable {
  const sorted = rows.map((_, i) => i);
  const by = plan.order ? columns.indexOf(plan.order.name) : -1;
  if (by >= 0) sorted.sort((a, b) => compareCells(rows[a]![by]!, rows[b]![by]!, plan.order!.down) || a - b);
  else if (plan.most === undefined) sorted.sort((a, b) => inTime(plan.by, rows[a]!, rows[b]!) || a - b);
  const taken = sorted.slice(0, plan.most ?? sorted.length);
  return { columns, rows: taken.map((i) => rows[i]!), members: taken.map((i) => members[i]!), groups };
}

/** The figures of every group, the groups as they first stand in the table. */
async function answerGroups(plan: Pick<AskPlan, 'figures' | 'by'>, table: Table, head: CheckedHead): Promise<AnswerTable> {
  const keys = await Promise.all(plan.by.map(async (g, i) => (g.as.kind === 'column' ? { ...columnOf(table, g.as.name) } : { ...(await columnFor(`\u0001${i}`, g.as, table, head)), name: `\u0001${i}` })));
  const full: Table = { ...table, columns: [...table.columns, ...keys.filter((k) => k.name.startsWith('\u0001'))] };
  const fullHead: CheckedHead = { ...head, columns: full.columns };
  const names = keys.map((k) => k.name);
  const figures: Column[] = [];
  for (const f of plan.figures) figures.push(await columnFor(f.name, within(f.as, names), full, fullHead));
  const codes = names.length ? await groupsOf(full, names) : null;
  // The first row of each group in the table's order, and how many rows it has.
  const count = codes?.count ?? 1;
  const firsts = new Int32Array(count).fill(-1);
  const sizes = new Uint32Array(count);
  const order: number[] = [];
  for (let at = 0, all = rowCount(full); at < all; at++) {
    const p = positionAt(full, at), g = codes ? codes.codes[p]! : 0;
    sizes[g]!++;
    if (firsts[g]! >= 0) continue;
    firsts[g] = p;
    if (order.length < MOST_GROUPS) order.push(g);
  }
  const rows: CellValue[][] = [];
  const members = order.map((g) => sizes[g]!);
  for (const g of order) {
    const p = firsts[g]!;
    rows.push(await Promise.all([...keys, ...figures].map(async (c) => cellValue(await c.load(Math.floor(p / CHUNK_ROWS)), p % CHUNK_ROWS, c.type))));
  }
  // No row at all: counts are zero, anything else is blank.
  if (rows.length === 0 && plan.by.length === 0) {
    rows.push(plan.figures.map((f) => (f.as.kind === 'total' && (f.as.fn === 'count' || f.as.fn === 'distinct') ? 0 : null)));
    members.push(0);
  }
  return { columns: [...plan.by.map((g) => g.name), ...plan.figures.map((f) => f.name)], rows, members, groups: rows.length };
}

/** Groups that have an order of their own come in it: periods, days of the week, numbers; others as they first stand in the table. */
function inTime(by: readonly Asked[], a: readonly CellValue[], b: readonly CellValue[]): number {
  for (const [i, { as }] of by.entries()) {
    const [x, y] = [a[i]!, b[i]!];
    const named = as.kind === 'part' && (as.part === 'weekday' ? (v: CellValue): number => (WEEKDAYS.indexOf(String(v)) + 6) % 7 : as.part === 'month name' ? (v: CellValue): number => MONTHS.indexOf(String(v)) : null);
    const ordered = as.kind === 'part' || as.kind === 'fiscal' || typeof x === 'number' || typeof y === 'number' || (isIsoDate(x) && isIsoDate(y));
    const way = x === null || y === null || !named ? (ordered ? compareCells(x, y, false) : 0) : named(x) - named(y);
    if (way !== 0) return way;
  }
  return 0;
}
const isIsoDate = (v: CellValue): boolean => typeof v === 'string' && /^\d{4}-\d{2}-\d{2}/.test(v);

/** Blank cells come last in either direction. */
function compareCells(a: CellValue, b: CellValue, down: boolean): number {
  if (a === null || b === null) return a === b ? 0 : a === null ? 1 : -1;
  const way = typeof a === 'number' && typeof b === 'number' ? a - b : String(a).localeCompare(String(b));
  return down ? -way : way;
}

export const ask: StepDefinition<AskPlan> = {
  step: 'ask',
  title: 'answer a question in numbers',
  example: 'Answer ‹Total Kg› as the sum of ‹Kg› over the rows; for each ‹Honey›; sorted by ‹Total Kg› from high to low; the first 3',
  schema: withFormulas(Joi.object({
    step: Joi.valid('ask').required(),
    figures: Joi.array().items(Joi.object({ name: Joi.string().min(1).max(200).required(), as: expressionField.required() })).max(50).required(),
    by: Joi.array().items(Joi.object({ name: Joi.string().min(1).max(200).required(), as: expressionField.required() })).max(20).required(),
    where: conditionField,
    order: Joi.object({ name: Joi.string().required(), down: Joi.boolean().required() }),
    most: Joi.number().integer().min(1).max(1_000_000),
    across: Joi.object({ name: Joi.string().min(1).max(200).required(), as: expressionField.required() }),
    inAll: Joi.valid(true),
  })),
  syntax: choice<AskPlan>(
    record<AskPlan>({ step: 'ask' }, 'Answer ', field('figures', list(figure, 1, '; and ', '; ')), field('by', between('; for each ', groups, '')), ...tail),
    mapped(record<Overall>({ step: 'ask' }, 'Answer ', field('figures', list(figure, 1, '; and ', '; ')), ...tail), (p): AskPlan => ({ ...p, by: [] }), ({ by, ...rest }) => (by.length ? null : rest)),
    mapped(record<Listed>({ step: 'ask' }, 'List each ', field('by', groups), ...tail), (p): AskPlan => ({ ...p, figures: [] }), ({ figures, ...rest }) => (figures.length ? null : rest)),
  ),
  reads: (plan) => [...new Set([...plan.figures, ...plan.by, ...(plan.across ? [plan.across] : [])].flatMap((f) => columnsOf(f.as)).concat(plan.where ? columnsOf(plan.where) : []))],
  check(plan, head) {
    const names = [...plan.by, ...plan.figures].map((f) => f.name);
    const problems: Problem[] = [];
    if (plan.across && plan.figures.length !== 1) problems.push({ text: 'Across the columns there is room for one figure. Say which.' });
    if (plan.across && plan.by.length === 0) problems.push({ text: `Say for each what: the values of “${plan.across.name}” become columns, and something has to stand in the lines.` });
    if (plan.across && plan.order && !plan.by.some((g) => g.name === plan.order!.name)) problems.push({ text: 'An answer with columns for the values of another is sorted by what stands in its lines.' });
    if (plan.inAll && (plan.by.length === 0 || plan.figures.length === 0)) problems.push({ text: 'A line for all of them needs groups, and a figure.' });
    if (names.length === 0) problems.push({ text: 'There is nothing to answer: say which figure.' });
    if (new Set(names).size < names.length) problems.push({ text: 'Two parts of the answer have the same name. Say another name.' });
    if (plan.order && !names.includes(plan.order.name)) problems.push({ text: `“${plan.order.name}” is no part of the answer, so it cannot be sorted by it.` });
    for (const f of plan.figures) if (!overGroup(f.as)) problems.push({ text: `“${f.name}” is not one figure over many rows: say total, average, highest, lowest or how many.` });
    return [...problems, ...[...plan.figures, ...plan.by, ...(plan.across ? [plan.across] : [])].flatMap((f) => checkFormula(f.as, head)), ...(plan.where ? checkFormula(plan.where, head) : [])];
  },
  outline: (_plan, head) => sameColumns(head),
  prepare: (plan, table, head) => ({ work: 'answer', run: () => answer(plan, table, head) }),
};
