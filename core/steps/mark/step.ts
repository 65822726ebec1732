import Joi from 'joi';
import { checkFormula } from '../../formula/check';
import { UNKNOWN, YES, prepareCondition } from '../../formula/evaluate';
import { columnsOf, type Condition } from '../../formula/expression';
import { conditionField, withFormulas } from '../../formula/schema';
import { condition } from '../../formula/syntax';
import { choice, columnNames, field, mapped, oneOf, record, say } from '../../language/exact';
import { columnOf } from '../../table/table';
import { ACCENT_NAMES, type Accent, type Mark } from '../../table/look';
import { keep, type Kind, type StepDefinition } from '../step';

/** Mark cells of columns in an accent where a condition holds of their row; null takes the marks off. The values never change. */
export interface MarkPlan {
  readonly step: 'mark';
  readonly columns: readonly string[];
  readonly mark: { readonly accent: Accent; readonly where: Condition } | null;
}

const KINDS: readonly Kind[] = [
  { key: 'unknown', words: 'a value is missing, so it cannot be told: no mark', odd: true, same: true },
  { key: 'marked', words: 'fits: marked', odd: false },
  { key: 'plain', words: 'does not fit: no mark', odd: false, same: true },
];

export const mark: StepDefinition<MarkPlan> = {
  step: 'mark',
  title: 'mark cells by a condition',
  example: 'Mark ‹Kg› in the kept accent where ‹Kg› is more than 10',
  schema: withFormulas(Joi.object({
    step: Joi.valid('mark').required(),
    columns: Joi.array().items(Joi.string()).min(1).max(4000).required(),
    mark: Joi.object({ accent: Joi.valid(...ACCENT_NAMES).required(), where: conditionField.required() }).allow(null).required(),
  })),
  syntax: choice<MarkPlan>(
    mapped(record<MarkPlan>({ step: 'mark' }, 'Mark ', field('columns', columnNames), field('mark', record<NonNullable<MarkPlan['mark']>>({}, ' in the ', field('accent', oneOf(ACCENT_NAMES.map((a) => [a, a] as const))), ' accent where ', field('where', condition)))), (p) => p, (p) => (p.mark ? p : null)),
    record<MarkPlan>({ step: 'mark', mark: null }, 'Take the marks off ', field('columns', columnNames)),
  ),
  reads: ({ columns, mark: on }) => (on ? [...new Set([...columns, ...columnsOf(on.where)])] : columns),
  check({ columns, mark: on }, head) {
    if (on) {
      const where = say(condition, on.where);
      const done = columns.every((name) => { const last = columnOf(head, name).marks?.at(-1); return last?.where === where && last.accent === on.accent; });
      return done ? [{ text: `“${columns[0]!}” is marked so already.`, column: columns[0]! }] : checkFormula(on.where, head);
    }
    const bare = columns.find((name) => !columnOf(head, name).marks);
    return bare === undefined ? [] : [{ text: `No cell of “${bare}” is marked.`, column: bare }];
  },
  outline: ({ columns, mark: on }, head) => ({
    columns: head.columns.map((c) => {
      const kept = keep(c);
      if (!columns.includes(c.name)) return kept;
      const { marks, ...plain } = kept.head;
      if (!on) return { ...kept, head: plain };
      const added: Mark = { accent: on.accent, where: say(condition, on.where) };
      return { ...kept, head: { ...plain, marks: [...(marks ?? []).filter((m) => m.where !== added.where), added] } };
    }),
  }),
  async prepare({ mark: on }, table, head) {
    if (!on) return { work: 'layout' };
    const test = await prepareCondition(on.where, table, head);
    return { work: 'cells', reads: test.reads, kinds: KINDS, run: (chunks, from, length) => ({ made: [], kinds: test.test(chunks, from, length).map((o) => (o === UNKNOWN ? 0 : o === YES ? 1 : 2)) }) };
  },
};
