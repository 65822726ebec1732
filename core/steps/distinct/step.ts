import Joi from 'joi';
import { columnOf, eachChunk, positionAt, rowCount, type Table } from '../../table/table';
import { alikeRows, type ComparedColumn } from '../../match/rows';
import { groupsOf } from '../../profile/groups';
import { BLANK } from '../../table/column';
import { cellText } from '../../values/cell';
import { choice, columnName, columnNames, field, mapped, oneOf, record, type Syntax } from '../../language/exact';
import { ranks } from '../order';
import { sameColumns, type Kind, type StepDefinition } from '../step';

/**
 * Keep one row of those with the same values in some columns, or of those that are alike in them: the first, the last, or
 * the one with the most filled cells, or the one with the highest or lowest value of a column (of equal ones the first).
 * Blanks are equal to each other.
 */
export interface DistinctPlan {
  readonly step: 'distinct';
  readonly keep: 'first' | 'last' | 'fullest' | { readonly kind: 'highest' | 'lowest'; readonly column: string };
  readonly by: readonly string[];
  readonly alike?: true;
}

type Keep = DistinctPlan['keep'];
type Most = Extract<Keep, object>;
const PLACED = [['first', 'first row'], ['last', 'last row'], ['fullest', 'fullest row']] as const;
const keepSyntax: Syntax<Keep> = choice<Keep>(
  mapped(oneOf(PLACED), (k): Keep => k, (k) => (typeof k === 'string' ? k : null)),
  mapped(record<Most>({}, 'row with the ', field('kind', oneOf([['highest', 'highest'], ['lowest', 'lowest']])), ' ', field('column', columnName)), (k): Keep => k, (k) => (typeof k === 'object' ? k : null)),
);
/** What stays, in the words of the kinds. */
const staying = (keep: Keep): string => (typeof keep === 'string' ? `the ${keep}` : `the one with the ${keep.kind} ${keep.column}`);
const [NEAR, REPEAT, KEPT, SINGLE] = [0, 1, 2, 3];

export const distinct: StepDefinition<DistinctPlan> = {
  step: 'distinct',
  title: 'set repeated rows aside',
  example: 'Keep the first row of each ‹Payer› and ‹Lot ref›',
  schema: Joi.object({ step: Joi.valid('distinct').required(), keep: Joi.alternatives().try(Joi.valid('first', 'last', 'fullest'), Joi.object({ kind: Joi.valid('highest', 'lowest').required(), column: Joi.string().required() })).required(), by: Joi.array().items(Joi.string()).min(1).max(4000).required(), alike: Joi.valid(true) }),
  syntax: choice<DistinctPlan>(
    record<DistinctPlan>({ step: 'distinct', alike: true }, 'Keep the ', field('keep', keepSyntax), ' of those alike in ', field('by', columnNames)),
    record<DistinctPlan>({ step: 'distinct' }, 'Keep the ', field('keep', keepSyntax), ' of each ', field('by', columnNames)),
  ),
  reads: (plan) => [...plan.by, ...(typeof plan.keep === 'object' ? [plan.keep.column] : [])],
  check: () => [],
  outline: (_plan, head) => sameColumns(head),
  prepare: (plan, table, head) => ({
    work: 'select',
    kinds: [
      { key: 'near', words: 'like a row that stays, though not the same: set aside', odd: true },
      { key: 'repeat', words: `the same as ${plan.keep === 'last' ? 'a later' : plan.keep === 'first' ? 'an earlier' : 'another'} row: set aside`, odd: false },
      { key: 'kept', words: `${staying(plan.keep)} of several: stays`, odd: false, same: true },
      { key: 'single', words: 'the only one: stays', odd: false, same: true },
    ] satisfies readonly Kind[],
    async run() {
      const same = (await groupsOf(table, plan.by)).codes;
      const groups = plan.alike ? await nearGroups(table, plan.by) : same;
      const rows = rowCount(table);
      const score = plan.keep === 'fullest' ? Float64Array.from(await filledCells(table), (n) => -n) : typeof plan.keep === 'object' ? await ranks(table, head, { column: plan.keep.column, down: plan.keep.kind === 'highest' }) : null;
      const chosen = new Map<number, number>();
      const times = new Map<number, number>();
      for (let at = 0; at < rows; at++) {
        const p = positionAt(table, at), g = groups[p]!;
        times.set(g, (times.get(g) ?? 0) + 1);
        const before = chosen.get(g);
        if (before === undefined || plan.keep === 'last' || (score && score[p]! < score[positionAt(table, before)]!)) chosen.set(g, at);
      }
      const kinds = new Uint8Array(table.size);
      const left: number[] = [];
      const stays: number[] = [];
      for (let at = 0; at < rows; at++) {
        const p = positionAt(table, at), g = groups[p]!;
        const stay = positionAt(table, chosen.get(g)!);
        if (stay === p) left.push(p);
        else stays.push(p, stay);
        kinds[p] = stay === p ? (times.get(g)! > 1 ? KEPT : SINGLE) : same[p] === same[stay] ? REPEAT : NEAR;
      }
      return { rows: Uint32Array.from(left), kinds, stays };
    },
  }),
};

/** How many cells of each position are filled. O(cells). */
async function filledCells(table: Table): Promise<Uint32Array> {
  const filled = new Uint32Array(table.size);
  for (const { name } of table.columns) {
    await eachChunk(table, [name], ([chunk], _ord, from, length) => {
      if (chunk!.kind === 'number') for (let i = 0; i < length; i++) filled[from + i]! += chunk!.state[i] === BLANK ? 0 : 1;
      else {
        const some = chunk!.dictionary.map((t) => (t.trim() === '' ? 0 : 1));
        for (let i = 0; i < length; i++) filled[from + i]! += some[chunk!.codes[i]!]!;
      }
    });
  }
  return filled;
}

/** The group of alike rows for each position that is in the table now. */
async function nearGroups(table: Table, by: readonly string[]): Promise<Int32Array> {
  const rows = rowCount(table);
  const placeOf = new Int32Array(table.size).fill(-1);
  for (let at = 0; at < rows; at++) placeOf[positionAt(table, at)] = at;
  const columns: ComparedColumn[] = [];
  for (const name of by) {
    const { type } = columnOf(table, name);
    const known = new Map<string, number>();
    const texts: string[] = [];
    const codes = new Int32Array(rows);
    await eachChunk(table, [name], ([chunk], _ord, from, length) => {
      for (let i = 0; i < length; i++) {
        const at = placeOf[from + i]!;
        if (at < 0) continue;
        const text = cellText(chunk!, i, type);
        let code = known.get(text);
        if (code === undefined) {
          known.set(text, (code = texts.length));
          texts.push(text);
        }
        codes[at] = code;
      }
    });
    columns.push({ codes, texts });
  }
  const { groupOf } = alikeRows(columns, rows);
  return Int32Array.from(placeOf, (at) => (at < 0 ? -1 : groupOf[at]!));
}
