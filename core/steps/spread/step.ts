import Joi from 'joi';
import { columnName, field, quoted, record } from '../../language/exact';
import { columnOf } from '../../table/table';
import { headOf, textChunk } from '../../table/column';
import { chunkTexts } from '../../values/cell';
import { piecesOf } from '../../values/find';
import { sameColumns, type Kind, type StepDefinition } from '../step';

/** A row for each piece of a text: 'acacia; linden' becomes two rows that are the same in all other columns. */
export interface SpreadPlan {
  readonly step: 'spread';
  readonly column: string;
  readonly at: string;
}

const KINDS: readonly Kind[] = [
  { key: 'blank', words: 'blank: stays one row', odd: false, same: true },
  { key: 'one', words: 'one piece: stays one row', odd: false, same: true },
  { key: 'two', words: 'two pieces: two rows', odd: false },
  { key: 'three', words: 'three pieces: three rows', odd: false },
  { key: 'more', words: 'more than three pieces: a row for each', odd: false },
  { key: 'many', words: 'more than twenty pieces: a row for each', odd: true },
];

/** Most rows that one row may become. */
const MOST_PIECES = 10_000;

const kindOf = (n: number): number => (n <= 3 ? n : n <= 20 ? 4 : 5);

export const spread: StepDefinition<SpreadPlan> = {
  step: 'spread',
  title: 'make a row for each piece of a text',
  example: 'Make a row for each piece of ‹Buyer› cut at "&"',
  schema: Joi.object({ step: Joi.valid('spread').required(), column: Joi.string().required(), at: Joi.string().min(1).max(100).required() }),
  syntax: record<SpreadPlan>({ step: 'spread' }, 'Make a row for each piece of ', field('column', columnName), ' cut at ', field('at', quoted)),
  reads: (plan) => [plan.column],
  check: (plan, head) => (columnOf(head, plan.column).type === 'text' ? [] : [{ text: `“${plan.column}” holds no texts, so there is nothing to cut.`, column: plan.column }]),
  outline: (plan, head) => sameColumns(head, [headOf(columnOf(head, plan.column))]),
  prepare: (plan) => ({
    work: 'spread',
    reads: [plan.column],
    kinds: KINDS,
    run([chunk], _from, length) {
      const [counts, kinds] = [new Uint32Array(length), new Uint8Array(length)];
      const cells: string[] = [];
      const known = new Map<string, readonly string[]>();
      chunkTexts(chunk!, 'text').forEach((text, i) => {
        let pieces = known.get(text);
        if (!pieces) known.set(text, (pieces = piecesOf(text, plan.at).slice(0, MOST_PIECES)));
        counts[i] = Math.max(1, pieces.length);
        kinds[i] = text.trim() === '' ? 0 : Math.max(1, kindOf(pieces.length));
        // A cell of marks alone has no piece: it stays as it is.
        if (pieces.length) for (const piece of pieces) cells.push(piece);
        else cells.push(text);
      });
      return { counts, kinds, made: [textChunk(cells)] };
    },
  }),
};
