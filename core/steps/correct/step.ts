import Joi from 'joi';
import { columnOf } from '../../table/table';
import { isQuantity, textChunk, numberChunk, BLANK, MISFIT, VALUE, type Chunk, type ColumnHead, type ColumnType } from '../../table/column';
import { readTyped } from '../../formats/columnise';
import { readPlainNumber } from '../../values/number';
import { cellText, chunkTexts } from '../../values/cell';
import { choice, columnName, field, list, mapped, numeral, quoted, record, word, type Syntax } from '../../language/exact';
import { sameColumns, type Kind, type StepDefinition } from '../step';

/** One cell put right by hand: the row it stands in, what it held when it was decided on ('' is blank), and what it holds instead. */
export interface Correction {
  readonly at: string;
  readonly was: string;
  readonly now: string;
}

/**
 * Put single cells of a column right by hand. A row is known by its value in column `by`, or, without one, by its number
 * in the source. A cell that holds anything else than what was decided on is left as it is.
 */
export interface CorrectPlan {
  readonly step: 'correct';
  readonly column: string;
  readonly by?: string;
  readonly cells: readonly Correction[];
}

const value = choice<string>(mapped(word('blank'), () => '', (t) => (t === '' ? undefined : null)), quoted);
const rowNumber = mapped(numeral, String, (at) => (/^[1-9]\d{0,9}$/.test(at) ? Number(at) : null));
const cells = (at: Syntax<string>) => list(record<Correction>({}, field('at', at), ' from ', field('was', value), ' to ', field('now', value)), 1, ', ');

const [MOVED, DONE, OTHERS] = [0, 1, 2];
const KINDS: readonly Kind[] = [
  { key: 'moved', words: 'holds something else than when it was put right: left as it is', odd: true, same: true },
  { key: 'right', words: 'put right by hand', odd: false },
  { key: 'others', words: 'left as it is', odd: false, same: true },
];

/** The column's head after the corrections: decimals that were typed are not cut off. */
const correctedHead = (head: ColumnHead, cells: readonly Correction[]): ColumnHead =>
  isQuantity(head.type) && head.scale !== null ? { name: head.name, type: head.type, scale: Math.max(head.scale, ...cells.map((c) => readPlainNumber(c.now)?.decimals ?? 0)) } : { name: head.name, type: head.type, scale: head.scale };

const NOUNS: Readonly<Record<ColumnType, string>> = { text: 'texts', whole: 'whole numbers', decimal: 'numbers', date: 'dates', datetime: 'dates with a time', yesno: 'yes or no' };

export const correct: StepDefinition<CorrectPlan> = {
  step: 'correct',
  title: 'put single cells right by hand',
  example: 'Put right ‹Site› by ‹Lot›: "L-12" from "Tael" to "Teal", "L-40" from blank to "Garden"',
  schema: Joi.object({
    step: Joi.valid('correct').required(),
    column: Joi.string().required(),
    by: Joi.string(),
    cells: Joi.array().items(Joi.object({ at: Joi.string().required(), was: Joi.string().allow('').required(), now: Joi.string().allow('').required() })).min(1).max(10_000).required(),
  }),
  syntax: choice<CorrectPlan>(
    record<CorrectPlan>({ step: 'correct', by: undefined }, 'Put right ', field('column', columnName), ' by row: ', field('cells', cells(rowNumber))),
    record<CorrectPlan>({ step: 'correct' }, 'Put right ', field('column', columnName), ' by ', field('by', columnName), ': ', field('cells', cells(quoted))),
  ),
  reads: (plan) => [plan.column, ...(plan.by === undefined ? [] : [plan.by])],
  check(plan, head) {
    const { type } = columnOf(head, plan.column);
    return plan.cells.filter((c) => type !== 'text' && c.now !== '' && Number.isNaN(readTyped(c.now, type))).map((c) => ({ text: `“${plan.column}” holds ${NOUNS[type]}, and “${c.now}” is not one. Write it as one, or turn the column into text first.`, column: plan.column }));
  },
  outline: (plan, head) => sameColumns(head, [correctedHead(columnOf(head, plan.column), plan.cells)]),
  prepare(plan, table) {
    const { type } = columnOf(table, plan.column);
    const byType = plan.by === undefined ? 'text' : columnOf(table, plan.by).type;
    const wanted = new Map(plan.cells.map((c) => [c.at, c]));
    return {
      work: 'cells',
      reads: correct.reads(plan),
      kinds: KINDS,
      run([chunk, keys], from, length) {
        const kinds = new Uint8Array(length).fill(OTHERS);
        const now = new Map<number, string>();
        const settle = (i: number, fix: Correction): void => {
          const text = cellText(chunk!, i, type);
          kinds[i] = text === fix.was ? DONE : text === fix.now ? OTHERS : MOVED;
          if (text === fix.was) now.set(i, fix.now);
        };
        if (keys) for (let i = 0; i < length; i++) {
          const fix = wanted.get(cellText(keys, i, byType));
          if (fix) settle(i, fix);
        } else for (const fix of plan.cells) {
          const i = Number(fix.at) - 1 - from;
          if (i >= 0 && i < length) settle(i, fix);
        }
        return { made: [now.size ? withCells(chunk!, type, now) : chunk!], kinds };
      },
    };
  },
};

/** A chunk with some cells written anew. O(rows). */
function withCells(chunk: Chunk, type: ColumnType, cells: ReadonlyMap<number, string>): Chunk {
  if (chunk.kind === 'text') {
    const texts = chunkTexts(chunk, type);
    for (const [i, text] of cells) texts[i] = text;
    return textChunk(texts);
  }
  const values = chunk.values.slice(), state = chunk.state.slice(), misfits = new Map(chunk.misfits);
  for (const [i, text] of cells) {
    const n = readTyped(text, type);
    misfits.delete(i);
    values[i] = Number.isNaN(n) ? 0 : n;
    state[i] = text === '' ? BLANK : Number.isNaN(n) ? MISFIT : VALUE;
    if (state[i] === MISFIT) misfits.set(i, text);
  }
  return numberChunk(values, state, misfits);
}
