import Joi from 'joi';
import { columnOf, withoutHidden } from '../../table/table';
import { choice, columnNames, field, record } from '../../language/exact';
import { keep, type StepDefinition } from '../step';

/** Put columns out of sight, or bring them back. A hidden column stays in the table: it is not shown, not handed off, and only spoken of by its whole name. */
export interface HidePlan {
  readonly step: 'hide';
  readonly columns: readonly string[];
  readonly back: boolean;
}

export const hide: StepDefinition<HidePlan> = {
  step: 'hide',
  title: 'hide columns and show them again',
  example: 'Hide ‹Phone› and ‹Mail›',
  schema: Joi.object({ step: Joi.valid('hide').required(), columns: Joi.array().items(Joi.string()).min(1).max(4000).required(), back: Joi.boolean().required() }),
  syntax: choice<HidePlan>(
    record<HidePlan>({ step: 'hide', back: false }, 'Hide ', field('columns', columnNames)),
    record<HidePlan>({ step: 'hide', back: true }, 'Show ', field('columns', columnNames), ' again'),
  ),
  reads: (plan) => plan.columns,
  check(plan, head) {
    const done = plan.columns.find((name) => (columnOf(head, name).hidden ?? false) !== plan.back);
    if (done !== undefined) return [{ text: plan.back ? `“${done}” is not hidden.` : `“${done}” is hidden already.`, column: done }];
    return !plan.back && withoutHidden(head).columns.every((c) => plan.columns.includes(c.name)) ? [{ text: 'That would leave no column in sight.' }] : [];
  },
  outline: (plan, head) => ({
    columns: head.columns.map((c) => {
      const kept = keep(c);
      if (!plan.columns.includes(c.name)) return kept;
      const { hidden: _, ...shown } = kept.head;
      return { ...kept, head: plan.back ? shown : { ...shown, hidden: true } };
    }),
  }),
  prepare: () => ({ work: 'layout' }),
};
