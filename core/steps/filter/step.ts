import Joi from 'joi';
import { checkFormula } from '../../formula/check';
import { UNKNOWN, YES, prepareCondition } from '../../formula/evaluate';
import { columnsOf, type Condition } from '../../formula/expression';
import { conditionField, withFormulas } from '../../formula/schema';
import { condition } from '../../formula/syntax';
import { field, oneOf, record } from '../../language/exact';
import { sameColumns, type Kind, type StepDefinition } from '../step';

/** Keep only the rows of a condition, or set them aside. Rows it cannot decide (a blank is compared) are neither. */
export interface FilterPlan {
  readonly step: 'filter';
  readonly mode: 'keep' | 'aside';
  readonly where: Condition;
}

export const filter: StepDefinition<FilterPlan> = {
  step: 'filter',
  title: 'keep only some rows, or set some aside',
  example: 'Keep rows where ‹Kg› is at least 20 and ‹Status› is not "rejected"',
  schema: withFormulas(Joi.object({ step: Joi.valid('filter').required(), mode: Joi.valid('keep', 'aside').required(), where: conditionField.required() })),
  syntax: record<FilterPlan>({ step: 'filter' }, field('mode', oneOf([['keep', 'Keep rows where '], ['aside', 'Set aside rows where ']])), field('where', condition)),
  reads: (plan) => columnsOf(plan.where),
  check: (plan, head) => checkFormula(plan.where, head),
  outline: (_plan, head) => sameColumns(head),
  async prepare(plan, table, head) {
    const test = await prepareCondition(plan.where, table, head);
    const keeps = plan.mode === 'keep';
    const kinds: Kind[] = [
      { key: 'unknown', words: `a value is missing, so it cannot be told: ${keeps ? 'set aside' : 'stays'}`, odd: true, same: !keeps },
      { key: 'aside', words: keeps ? 'does not fit: set aside' : 'fits: set aside', odd: false },
      { key: 'stay', words: keeps ? 'fits: stays' : 'does not fit: stays', odd: false, same: true },
    ];
    return {
      work: 'sift',
      reads: test.reads,
      kinds,
      run(chunks, from, length) {
        const outcome = test.test(chunks, from, length);
        const stay = new Uint8Array(length);
        const rowKinds = new Uint8Array(length);
        for (let i = 0; i < length; i++) {
          const o = outcome[i]!;
          stay[i] = keeps ? (o === YES ? 1 : 0) : o === YES ? 0 : 1;
          rowKinds[i] = o === UNKNOWN ? 0 : stay[i] === 1 ? 2 : 1;
        }
        return { stay, kinds: rowKinds };
      },
    };
  },
};

