import Joi from 'joi';
import { columnName, field, list, record } from '../../language/exact';
import { headOf } from '../../table/column';
import { renamedMark } from '../mark/marked';
import { checkNewNames, type StepDefinition } from '../step';

/** Give columns other names. All at once, so two columns can change names with each other. */
export interface RenamePlan {
  readonly step: 'rename';
  readonly names: readonly { readonly from: string; readonly to: string }[];
}

export const rename: StepDefinition<RenamePlan> = {
  step: 'rename',
  title: 'rename columns',
  example: 'Rename ‹Comps› to ‹Free tickets›',
  schema: Joi.object({
    step: Joi.valid('rename').required(),
    names: Joi.array().items(Joi.object({ from: Joi.string().required(), to: Joi.string().min(1).max(200).required() })).min(1).max(4000).unique('from').required(),
  }),
  syntax: record<RenamePlan>({ step: 'rename' }, 'Rename ', field('names', list(record<RenamePlan['names'][number]>({}, field('from', columnName), ' to ', field('to', columnName))))),
  reads: (plan) => plan.names.map((n) => n.from),
  check: (plan, head) => checkNewNames(plan.names.map((n) => n.to), { ...head, columns: head.columns.filter((c) => !plan.names.some((n) => n.from === c.name)) }),
  outline(plan, head) {
    const to = (name: string): string => plan.names.find((n) => n.from === name)?.to ?? name;
    return { columns: head.columns.map((c) => ({ head: { ...headOf(c), name: to(c.name), ...(c.marks && { marks: c.marks.map((m) => renamedMark(m, to)) }) }, from: { kept: c.name } })) };
  },
  prepare: () => ({ work: 'layout' }),
};
