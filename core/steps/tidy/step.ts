import Joi from 'joi';
import { cleaned, type Cleaning } from '../../values/clean';
import { changeCase, type LetterStyle } from '../../values/letters';
import { columnNames, field, list, oneOf, record } from '../../language/exact';
import { sameColumns, type Kind, type StepDefinition } from '../step';
import { textHeads, textWork } from '../texts';

/** One thing done to a text: outer spaces off, runs of spaces to one, a cleaning, or a letter case. */
export type Tidying = 'trim' | 'squeeze' | Cleaning | LetterStyle;

/** Tidy the texts of columns; the tidyings are done in the order given. */
export interface TidyPlan {
  readonly step: 'tidy';
  readonly columns: readonly string[];
  readonly ways: readonly Tidying[];
}

export const TIDYINGS = [
  ['trim', 'trim outer spaces'],
  ['squeeze', 'reduce runs of spaces to one'],
  ['upper', 'write in capitals'],
  ['lower', 'write in lower case'],
  ['title', 'write in title case'],
  ['sentence', 'write in sentence case'],
  ['name', 'write as names'],
  ['tags', 'take off HTML'],
  ['mended', 'mend broken letters'],
  ['lines', 'write on one line'],
  ['accents', 'take off accents'],
  ['legal', 'leave out the legal form'],
  ['alike', 'write in plain characters'],
] as const;

const KINDS: readonly Kind[] = [
  { key: 'changed', words: 'changed', odd: false },
  { key: 'same', words: 'already so: left as it was', odd: false, same: true },
];

/** Outer spaces, invisible ones too. */
const OUTER = /^[\s\u200b\u2060\ufeff]+|[\s\u200b\u2060\ufeff]+$/g;

/** A text after one tidying. */
export function tidied(text: string, way: Tidying): string {
  switch (way) {
    case 'trim':
      return text.replace(OUTER, '');
    case 'squeeze':
      return text.replace(/[^\S\r\n]{2,}/g, ' ');
    case 'tags':
    case 'mended':
    case 'lines':
    case 'accents':
    case 'legal':
    case 'alike':
      return cleaned(text, way);
    default:
      return changeCase(text, way);
  }
}

export const tidy: StepDefinition<TidyPlan> = {
  step: 'tidy',
  title: 'trim spaces, change letter case, clean marks',
  example: 'In ‹Keeper› and ‹Site›, trim outer spaces and write in title case',
  schema: Joi.object({
    step: Joi.valid('tidy').required(),
    columns: Joi.array().items(Joi.string()).min(1).max(4000).required(),
    ways: Joi.array().items(Joi.valid(...TIDYINGS.map(([way]) => way))).min(1).max(TIDYINGS.length).required(),
  }),
  syntax: record<TidyPlan>({ step: 'tidy' }, 'In ', field('columns', columnNames), ', ', field('ways', list(oneOf(TIDYINGS)))),
  reads: (plan) => plan.columns,
  check: () => [],
  outline: (plan, head) => sameColumns(head, textHeads(plan.columns)),
  prepare: (plan, _table, head) =>
    textWork(plan.columns, head, KINDS, (text) => {
      const out = plan.ways.reduce(tidied, text);
      return { text: out, kind: out === text ? 1 : 0 };
    }),
};
