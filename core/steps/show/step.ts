import Joi from 'joi';
import { isNumberColumn, type CheckedHead, type Problem } from '../../formula/check';
import { between, choice, columnNames, field, flag, mapped, numeral, oneOf, optional, quoted, record, word, type Syntax } from '../../language/exact';
import { VALUE, isDate } from '../../table/column';
import { columnOf } from '../../table/table';
import type { DateLook, Look } from '../../table/look';
import { keep, type StepDefinition } from '../step';

/** Say how the values of columns are written where they are seen; null is as they are kept. The values themselves never change. */
export interface ShowPlan {
  readonly step: 'show';
  readonly columns: readonly string[];
  readonly look: Look | null;
}

/** Dates as they are shown, each by how it writes the third of May 2025. */
export const DATE_LOOKS: ReadonlyArray<readonly [DateLook, string]> = [
  ['day month year', '3 May 2025'], ['weekday day month year', 'Saturday 3 May 2025'], ['month year', 'May 2025'],
  ['day/month/year', '03/05/2025'], ['day.month.year', '03.05.2025'], ['month/day/year', '05/03/2025'], ['year-month-day', '2025-05-03'],
];

const decimals = choice<number>(mapped(word(' with 1 decimal'), () => 1, (n: number) => (n === 1 ? undefined : null)), between(' with ', numeral, ' decimals'));

const numbers: Syntax<Look> = mapped(
  record<Look>(
    {},
    optional('decimals', decimals),
    flag('thousands', ' with thousands apart'),
    flag('percent', ' in per cent'),
    optional('sign', record<NonNullable<Look['sign']>>({}, ' with ', field('text', quoted), field('side', oneOf([['front', ' in front'], ['behind', ' behind']])))),
    flag('brackets', ' with negative numbers in brackets'),
  ),
  (look) => look,
  (look) => (look.date === undefined && Object.keys(look).length > 0 ? look : null),
);

const AS_KEPT = ' as it is kept';

/** A look that says nothing is none: the sentence of showing a hidden column is another. */
const look: Syntax<Look | null> = choice<Look | null>(
  { print: (l) => (l === null ? AS_KEPT : null), parse: (text, at) => (text.startsWith(AS_KEPT, at) ? [null, at + AS_KEPT.length] : null) },
  mapped(record<Look>({}, ' with dates like ', field('date', oneOf(DATE_LOOKS.map(([key, text]) => [key, `"${text}"`] as const)))), (l): Look | null => l, (l) => (l?.date && Object.keys(l).length === 1 ? l : null)),
  { print: (l) => (l === null ? null : numbers.print(l)), parse: (text, at) => { const got = numbers.parse(text, at); return got && got[1] > at ? got : null; } },
);

function misfit({ columns, look: wanted }: ShowPlan, head: CheckedHead): readonly Problem[] {
  const wrong = wanted === null ? undefined : columns.find((name) => (wanted.date ? !isDate(columnOf(head, name).type) : !isNumberColumn(head, name)));
  if (wrong === undefined) return [];
  const [sort, into] = wanted!.date ? ['dates', 'date'] : ['numbers', 'number'];
  return [{ text: `The cells of “${wrong}” are not kept as ${sort}, so they can only be shown as they stand. Turn “${wrong}” into ${into}s first.`, column: wrong }];
}

export const show: StepDefinition<ShowPlan> = {
  step: 'show',
  title: 'say how numbers and dates are written where they are seen',
  example: 'Show ‹Paid› and ‹Fee› with 2 decimals with thousands apart',
  schema: Joi.object({
    step: Joi.valid('show').required(),
    columns: Joi.array().items(Joi.string()).min(1).max(4000).required(),
    look: Joi.object({
      decimals: Joi.number().integer().min(0).max(15),
      thousands: Joi.valid(true),
      percent: Joi.valid(true),
      sign: Joi.object({ text: Joi.string().min(1).max(12).required(), side: Joi.valid('front', 'behind').required() }),
      brackets: Joi.valid(true),
      date: Joi.valid(...DATE_LOOKS.map(([key]) => key)),
    }).min(1).allow(null).required(),
  }),
  syntax: record<ShowPlan>({ step: 'show' }, 'Show ', field('columns', columnNames), field('look', look)),
  reads: (plan) => plan.columns,
  check: misfit,
  outline: (plan, head) => ({
    columns: head.columns.map((c) => {
      const kept = keep(c);
      if (!plan.columns.includes(c.name)) return kept;
      const { look: before, ...plain } = kept.head;
      return { ...kept, head: plan.look === null ? plain : { ...plain, look: { ...before, ...plan.look } } };
    }),
  }),
  prepare: ({ columns, look: wanted }, _table, head) => {
    const fits = columns.filter((name) => columnOf(head, name).type !== 'text');
    return {
      work: 'cells',
      reads: fits,
      kinds: [{ key: 'shown', words: wanted ? 'written so' : 'written as it is kept', odd: false }, { key: 'none', words: 'nothing there to write otherwise', odd: false, same: true }],
      run: (chunks, _from, length) => ({ made: [], kinds: Uint8Array.from({ length }, (_, i) => (chunks.some((c) => c.kind === 'number' && c.state[i] === VALUE) ? 0 : 1)) }),
    };
  },
};
