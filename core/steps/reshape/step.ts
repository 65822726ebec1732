import Joi from 'joi';
import { columnNames, field, quoted, record } from '../../language/exact';
import { reshaper } from '../../values/reshape';
import { sameColumns, type Kind, type StepDefinition } from '../step';
import { textHeads, textWork } from '../texts';

/** Write codes in the shape of one that is shown: its marks, spaces, capitals and leading noughts. */
export interface ReshapePlan {
  readonly step: 'reshape';
  readonly columns: readonly string[];
  readonly like: string;
}

const KINDS: readonly Kind[] = [
  { key: 'unfit', words: 'has other letters or figures than the shape: left as it is', odd: true, same: true },
  { key: 'led', words: 'the letters in front were missing: put there', odd: true },
  { key: 'reshaped', words: 'written in the shape', odd: false },
  { key: 'same', words: 'of that shape already, or blank', odd: false, same: true },
];
const [UNFIT, LED, RESHAPED, SAME] = [0, 1, 2, 3];

export const reshape: StepDefinition<ReshapePlan> = {
  step: 'reshape',
  title: 'write codes in one shape',
  example: 'Write ‹Lot› in the shape of "LT-0042"',
  schema: Joi.object({ step: Joi.valid('reshape').required(), columns: Joi.array().items(Joi.string()).min(1).max(4000).required(), like: Joi.string().min(1).max(200).required() }),
  syntax: record<ReshapePlan>({ step: 'reshape' }, 'Write ', field('columns', columnNames), ' in the shape of ', field('like', quoted)),
  reads: (plan) => plan.columns,
  check: (plan) => (/[\p{L}\p{N}]/u.test(plan.like) ? [] : [{ text: `“${plan.like}” has no letters and no figures. Show a code as it should look, for example "LT-0042".` }]),
  outline: (plan, head) => sameColumns(head, textHeads(plan.columns)),
  prepare(plan, _table, head) {
    const write = reshaper(plan.like);
    return textWork(plan.columns, head, KINDS, (text) => {
      if (text.trim() === '') return { text, kind: SAME };
      const found = write(text);
      return found === null ? { text, kind: UNFIT } : { text: found.text, kind: found.text === text ? SAME : found.led ? LED : RESHAPED };
    });
  },
};
