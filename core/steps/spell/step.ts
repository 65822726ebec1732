import Joi from 'joi';
import { nearestSpelling } from '../../match/likeness';
import { columnNames, field, list, quoted, record } from '../../language/exact';
import { sameColumns, type Kind, type StepDefinition } from '../step';
import { textHeads, textWork } from '../texts';

/** Write the values of columns in the spellings given; each value takes the one it is like, the others are left. */
export interface SpellPlan {
  readonly step: 'spell';
  readonly columns: readonly string[];
  readonly spellings: readonly string[];
}

const KINDS: readonly Kind[] = [
  { key: 'unlike', words: 'like none of the spellings, or like two: left as it is', odd: true, same: true },
  { key: 'respelled', words: 'spelled anew', odd: false },
  { key: 'same', words: 'spelled so already, or blank', odd: false, same: true },
];

export const spell: StepDefinition<SpellPlan> = {
  step: 'spell',
  title: 'use given spellings',
  example: 'Spell ‹Supplier› as "Vardyke", "Ossmere" or "Trellin & Sons"',
  schema: Joi.object({ step: Joi.valid('spell').required(), columns: Joi.array().items(Joi.string()).min(1).max(4000).required(), spellings: Joi.array().items(Joi.string().min(1).max(1_000)).min(2).max(1_000).required() }),
  syntax: record<SpellPlan>({ step: 'spell' }, 'Spell ', field('columns', columnNames), ' as ', field('spellings', list(quoted, 2, ' or '))),
  reads: (plan) => plan.columns,
  check: () => [],
  outline: (plan, head) => sameColumns(head, textHeads(plan.columns)),
  prepare: (plan, _table, head) =>
    textWork(plan.columns, head, KINDS, (text) => {
      if (text.trim() === '') return { text, kind: 2 };
      const spelling = nearestSpelling(text, plan.spellings);
      return spelling === null ? { text, kind: 0 } : { text: spelling, kind: spelling === text ? 2 : 1 };
    }),
};
