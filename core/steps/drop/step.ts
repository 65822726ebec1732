import Joi from 'joi';
import { columnNames, field, record } from '../../language/exact';
import { keep, type StepDefinition } from '../step';

/** Leave columns out. They stay in the source and in the earlier versions. */
export interface DropPlan {
  readonly step: 'drop';
  readonly columns: readonly string[];
}

export const drop: StepDefinition<DropPlan> = {
  step: 'drop',
  title: 'drop columns',
  example: 'Drop ‹Hives› and ‹Moisture›',
  schema: Joi.object({ step: Joi.valid('drop').required(), columns: Joi.array().items(Joi.string()).min(1).max(4000).required() }),
  syntax: record<DropPlan>({ step: 'drop' }, 'Drop ', field('columns', columnNames)),
  reads: (plan) => plan.columns,
  check: (plan, head) => (head.columns.every((c) => plan.columns.includes(c.name)) ? [{ text: 'That would leave no column at all.' }] : []),
  outline: (plan, head) => ({ columns: head.columns.filter((c) => !plan.columns.includes(c.name)).map(keep) }),
  prepare: () => ({ work: 'layout' }),
};
