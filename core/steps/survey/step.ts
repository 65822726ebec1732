import Joi from 'joi';
import { glanceAt, type Glance } from '../../profile/glance';
import { rowCount, type Table } from '../../table/table';
import { between, choice, field, mapped, numeral, oneOf, record, word } from '../../language/exact';
import { sameColumns, type AnswerTable, type StepDefinition } from '../step';

/** What is asked of columns: how much of them is filled, in percent of the rows, or that they hold one value only. */
export type ColumnTest =
  | { readonly kind: 'filled'; readonly op: 'less than' | 'at most' | 'more than' | 'at least'; readonly percent: number }
  | { readonly kind: 'one value' }
  | { readonly kind: 'any' };

/** A question about the columns of a table: which they are, or how many. It changes nothing. */
export interface SurveyPlan {
  readonly step: 'survey';
  readonly show: 'list' | 'count';
  readonly test: ColumnTest;
}

type Filled = Extract<ColumnTest, { kind: 'filled' }>;
const test = choice<ColumnTest>(
  mapped(record<Filled>({ kind: 'filled' }, ' filled in ', field('op', oneOf([['less than', 'less than'], ['at most', 'at most'], ['more than', 'more than'], ['at least', 'at least']])), ' ', field('percent', numeral), ' percent of the rows'), (t): ColumnTest => t, (t) => (t.kind === 'filled' ? t : null)),
  mapped(word(' with one value only'), (): ColumnTest => ({ kind: 'one value' }), (t) => (t.kind === 'one value' ? undefined : null)),
  mapped(word(''), (): ColumnTest => ({ kind: 'any' }), (t) => (t.kind === 'any' ? undefined : null)),
);

/** Does a column pass, by a glance at all of it? */
export function passes(t: ColumnTest, { rows, blanks, values }: Glance): boolean {
  if (t.kind === 'any') return true;
  if (t.kind === 'one value') return values?.length === 1;
  const share = rows === 0 ? 0 : (100 * (rows - blanks)) / rows;
  return t.op === 'less than' ? share < t.percent : t.op === 'at most' ? share <= t.percent : t.op === 'more than' ? share > t.percent : share >= t.percent;
}

async function answer(plan: SurveyPlan, table: Table): Promise<AnswerTable> {
  const rows = rowCount(table);
  const found: (readonly [string, number, number])[] = [];
  for (const column of table.columns) {
    const glance = await glanceAt(table, column);
    if (passes(plan.test, glance)) found.push([column.name, rows - glance.blanks, glance.blanks]);
  }
  if (plan.show === 'count') return { columns: ['Columns'], rows: [[found.length]], members: [found.length], groups: 1 };
  return {
    columns: ['Column', 'Filled', 'Blank', 'Filled %'],
    rows: found.map(([name, filled, blank]) => [name, filled, blank, rows === 0 ? 0 : Math.round((1000 * filled) / rows) / 10]),
    members: found.map(([, filled]) => filled),
    groups: found.length,
  };
}

export const survey: StepDefinition<SurveyPlan> = {
  step: 'survey',
  title: 'list or count the columns',
  example: 'List the columns filled in less than 5 percent of the rows',
  schema: Joi.object({
    step: Joi.valid('survey').required(),
    show: Joi.valid('list', 'count').required(),
    test: Joi.alternatives()
      .try(
        Joi.object({ kind: Joi.valid('filled').required(), op: Joi.valid('less than', 'at most', 'more than', 'at least').required(), percent: Joi.number().min(0).max(100).required() }),
        Joi.object({ kind: Joi.valid('one value', 'any').required() }),
      )
      .required(),
  }),
  syntax: record<SurveyPlan>({ step: 'survey' }, field('show', oneOf([['list', 'List'], ['count', 'Count']])), field('test', between(' the columns', test, ''))),
  reads: () => [],
  check: () => [],
  outline: (_plan, head) => sameColumns(head),
  prepare: (plan, table) => ({ work: 'answer', run: () => answer(plan, table) }),
};
