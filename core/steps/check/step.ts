import Joi from 'joi';
import { checkFormula } from '../../formula/check';
import { UNKNOWN, YES, prepareCondition } from '../../formula/evaluate';
import { columnsOf, type Condition } from '../../formula/expression';
import { conditionField, withFormulas } from '../../formula/schema';
import { condition } from '../../formula/syntax';
import { choice, field, mapped, record } from '../../language/exact';
import { sameColumns, type Kind, type StepDefinition } from '../step';
import { FAILS, UNTOLD } from './kinds';

/** A rule that every row of the table must satisfy. It changes nothing; it is looked at again after every sentence. */
export interface CheckPlan {
  readonly step: 'check';
  readonly where: Condition;
  /** The table is not handed off while rows break it. */
  readonly guards?: true;
}

const [BREAKS, CANNOT_TELL, HOLDS] = [0, 1, 2];
const KINDS: readonly Kind[] = [
  { key: FAILS, words: 'breaks the rule', odd: true },
  { key: UNTOLD, words: 'a value is missing, so it cannot be told', odd: true },
  { key: 'holds', words: 'satisfies the rule', odd: false, same: true },
];

export const check: StepDefinition<CheckPlan> = {
  step: 'check',
  title: 'a rule that every row must satisfy',
  example: 'Check that ‹Kg› is at least 1 and ‹Site› is filled',
  schema: withFormulas(Joi.object({ step: Joi.valid('check').required(), where: conditionField.required(), guards: Joi.valid(true) })),
  syntax: choice<CheckPlan>(
    mapped(record<CheckPlan>({ step: 'check' }, 'Check before any hand-off that ', field('where', condition)), (p): CheckPlan => ({ ...p, guards: true }), ({ guards, ...p }) => (guards ? p : null)),
    mapped(record<CheckPlan>({ step: 'check' }, 'Check that ', field('where', condition)), (p) => p, (p) => (p.guards ? null : p)),
  ),
  reads: (plan) => columnsOf(plan.where),
  check: (plan, head) => checkFormula(plan.where, head),
  outline: (_plan, head) => sameColumns(head),
  async prepare(plan, table, head) {
    const test = await prepareCondition(plan.where, table, head);
    return {
      work: 'cells',
      reads: test.reads,
      kinds: KINDS,
      run: (chunks, from, length) => ({ made: [], kinds: test.test(chunks, from, length).map((o) => (o === YES ? HOLDS : o === UNKNOWN ? CANNOT_TELL : BREAKS)) }),
    };
  },
};
