import { BLANK, MISFIT, VALUE, isDate, isQuantity, numberChunk, type Chunk, type Column, type ColumnType } from '../../table/column';
import type { CheckedHead } from '../../formula/check';
import type { Table } from '../../table/table';
import { columnsOf } from '../../formula/expression';
import type { CellValue } from '../../values/cell';
import type { AskPlan, Asked } from '../ask/step';
import type { AnswerTable } from '../step';
import { coarser, covered, masker } from '../../values/mask';
import { definitionOf, type Plan } from '../registry';

/* A table as it is shown covered: some columns masked wherever their cells are seen, the table itself as it is. */

/** A function that masks texts in their own form under a key; without one all letters and figures are covered. Each text is masked once. */
function textCover(key: string | null): (text: string) => string {
  if (key === null) return covered;
  const mask = masker({ kind: 'form' }, key);
  const known = new Map<string, string>();
  return (text) => {
    let out = known.get(text);
    if (out === undefined) {
      if (known.size > 100_000) known.clear();
      known.set(text, (out = mask(text)));
    }
    return out;
  };
}

/** Of a number only its first figure and its size are left. */
const leadingFigure = (x: number): number => (x === 0 ? 0 : coarser(x, { kind: 'rounded', to: 10 ** Math.floor(Math.log10(Math.abs(x))) }));

function coverChunk(chunk: Chunk, type: ColumnType, text: (text: string) => string): Chunk {
  if (chunk.kind === 'text') return { ...chunk, dictionary: chunk.dictionary.map((t) => (t.trim() === '' ? t : text(t))) };
  const values = new Float64Array(chunk.length);
  const state = new Uint8Array(chunk.length);
  for (let i = 0; i < chunk.length; i++) {
    // Yes or no says all there is: it is left out.
    state[i] = type === 'yesno' && chunk.state[i] === VALUE ? BLANK : chunk.state[i]!;
    if (state[i] === VALUE) values[i] = isDate(type) ? coarser(chunk.values[i]!, { kind: 'period', period: 'year' }) : isQuantity(type) ? leadingFigure(chunk.values[i]!) : 0;
  }
  return numberChunk(values, state, new Map([...chunk.misfits].filter(([i]) => state[i] === MISFIT).map(([i, t]) => [i, covered(t)])));
}

/**
 * A table whose named columns are covered: texts become texts of the same form, dates the first day of their year, numbers
 * keep their first figure, yes or no is left blank. Under one key the same text looks the same everywhere. Chunk by chunk.
 */
export function coverTable(table: Table, names: ReadonlySet<string>, key: string | null): Table {
  if (!table.columns.some((c) => names.has(c.name))) return table;
  const text = textCover(key);
  return { ...table, columns: table.columns.map((c): Column => (names.has(c.name) ? { ...c, load: async (ord) => coverChunk(await c.load(ord), c.type, text) } : c)) };
}

/** One value as it is shown covered. Dates are ISO 8601 texts. */
function coverValue(value: CellValue, text: (text: string) => string): CellValue {
  if (typeof value === 'number') return leadingFigure(value);
  if (typeof value !== 'string') return null;
  return /^\d{4}-\d\d-\d\d(?: |$)/.test(value) ? `${value.slice(0, 4)}-01-01` : text(value);
}

/** Does a part of a question tell of a covered column? How many rows or different values there are is told. */
const hides = ({ as }: Asked, names: ReadonlySet<string>): boolean => !(as.kind === 'total' && (as.fn === 'count' || as.fn === 'distinct')) && columnsOf(as).some((n) => names.has(n));

/** Which columns of an answer tell of covered columns. */
function hiddenIn(plan: AskPlan, count: number, names: ReadonlySet<string>): boolean[] {
  const parts = [...plan.by, ...plan.figures].map((p) => hides(p, names));
  return Array.from({ length: count }, (_, c) => (plan.across && c >= plan.by.length ? (parts.at(-1) ?? false) : (parts[c] ?? false)));
}

/** The columns of a kept answer that are to be covered; of questions other than of figures all are, where anything of theirs is. */
export function coveredInAnswer(plan: Plan, columns: readonly string[], names: ReadonlySet<string>): ReadonlySet<string> {
  if (plan.step === 'ask') return new Set(columns.filter((_, c) => hiddenIn(plan, columns.length, names)[c] || (plan.across && c >= plan.by.length && hides(plan.across, names))));
  return new Set(definitionOf(plan).reads(plan).some((n) => names.has(n)) ? columns : []);
}

/** An answer as it may be shown: what it tells of covered columns is masked; how many rows or different values there are is told. */
export function coverAnswer(plan: Plan, answer: AnswerTable, names: ReadonlySet<string>, key: string | null): AnswerTable {
  if (plan.step !== 'ask' || names.size === 0) return answer;
  const text = textCover(key);
  const across = plan.across !== undefined && hides(plan.across, names);
  const hidden = hiddenIn(plan, answer.columns.length, names);
  const line = (cells: readonly CellValue[]): CellValue[] => cells.map((v, c) => (hidden[c] ? coverValue(v, text) : v));
  return {
    ...answer,
    columns: answer.columns.map((name, c) => (across && c >= plan.by.length ? text(name) : name)),
    rows: answer.rows.map(line),
    ...(answer.inAll ? { inAll: { ...answer.inAll, cells: line(answer.inAll.cells) } } : {}),
  };
}

/** The columns to be covered after a plan: those that were, under their names now, and all that it made out of them. */
export function coveredAfter(plan: Plan, head: CheckedHead, names: ReadonlySet<string>): ReadonlySet<string> {
  const definition = definitionOf(plan);
  const touched = definition.reads(plan).some((name) => names.has(name));
  return new Set(definition.outline(plan, head).columns.flatMap(({ head: { name }, from }) => {
    if ('kept' in from) return names.has(from.kept) ? [name] : [];
    // Several columns may be read and written each for itself.
    return from.before !== undefined && definition.reads(plan).includes(from.before) && plan.step !== 'calculate' ? (names.has(from.before) ? [name] : []) : touched ? [name] : [];
  }));
}
