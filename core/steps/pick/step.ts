import Joi from 'joi';
import { columnOf } from '../../table/table';
import { columnNames, field, record } from '../../language/exact';
import { keep, type StepDefinition } from '../step';

/** Keep only these columns, in this order. */
export interface PickPlan {
  readonly step: 'pick';
  readonly columns: readonly string[];
}

export const pick: StepDefinition<PickPlan> = {
  step: 'pick',
  title: 'keep only some columns, in an order',
  example: 'Keep only the columns ‹Lot›, ‹Kg› and ‹Status›',
  schema: Joi.object({ step: Joi.valid('pick').required(), columns: Joi.array().items(Joi.string()).min(1).max(4000).unique().required() }),
  syntax: record<PickPlan>({ step: 'pick' }, 'Keep only the columns ', field('columns', columnNames)),
  reads: (plan) => plan.columns,
  check: () => [],
  outline: (plan, head) => ({ columns: plan.columns.map((name) => keep(columnOf(head, name))) }),
  prepare: () => ({ work: 'layout' }),
};
