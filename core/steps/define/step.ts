import Joi from 'joi';
import { checkFormula } from '../../formula/check';
import { columnsOf, type Expression } from '../../formula/expression';
import { expressionField, withFormulas } from '../../formula/schema';
import { expression } from '../../formula/syntax';
import { columnName, field, record } from '../../language/exact';
import { folded } from '../../values/fold';
import { keep, type StepDefinition } from '../step';

/** Give a calculation a name, by which any later sentence can call it. It changes nothing in the table. */
export interface DefinePlan {
  readonly step: 'define';
  readonly name: string;
  readonly as: Expression;
}

export const define: StepDefinition<DefinePlan> = {
  step: 'define',
  title: 'name a calculation of your own',
  example: 'Let ‹Net weight› mean ‹Gross kg› minus ‹Crate kg›',
  schema: withFormulas(Joi.object({ step: Joi.valid('define').required(), name: Joi.string().min(1).max(200).required(), as: expressionField.required() })),
  syntax: record<DefinePlan>({ step: 'define' }, 'Let ', field('name', columnName), ' mean ', field('as', expression)),
  reads: (plan) => columnsOf(plan.as),
  check: (plan, head) => [
    ...(head.columns.some((c) => folded(c.name) === folded(plan.name)) ? [{ text: `There is a column “${plan.name}” already. Give the calculation another name.`, column: plan.name }] : []),
    ...checkFormula(plan.as, head),
  ],
  outline: (_plan, head) => ({ columns: head.columns.map(keep) }),
  prepare: () => ({ work: 'layout' }),
};
