import Joi from 'joi';
import { columnOf } from '../../table/table';
import { columnName, field, record } from '../../language/exact';
import { checkNewNames, keep, type StepDefinition } from '../step';

/** A second column with the same cells, right beside the first. */
export interface CopyPlan {
  readonly step: 'copy';
  readonly column: string;
  readonly to: string;
}

export const copy: StepDefinition<CopyPlan> = {
  step: 'copy',
  title: 'copy a column',
  example: 'Copy ‹Price› to ‹Price before›',
  schema: Joi.object({ step: Joi.valid('copy').required(), column: Joi.string().required(), to: Joi.string().min(1).max(200).required() }),
  syntax: record<CopyPlan>({ step: 'copy' }, 'Copy ', field('column', columnName), ' to ', field('to', columnName)),
  reads: (plan) => [plan.column],
  check: (plan, head) => checkNewNames([plan.to], head),
  outline(plan, head) {
    const columns = head.columns.map(keep);
    const source = columnOf(head, plan.column);
    columns.splice(head.columns.indexOf(source) + 1, 0, { head: { name: plan.to, type: source.type, scale: source.scale }, from: { kept: plan.column } });
    return { columns };
  },
  prepare: () => ({ work: 'layout' }),
};
