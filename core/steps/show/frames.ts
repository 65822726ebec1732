import { isDate, isQuantity } from '../../table/column';
import { columnOf } from '../../table/table';
import { plans, type Context } from '../../language/acts';
import { frame, means, type Frame } from '../../language/frames';
import type { DateLook, Look } from '../../table/look';

const VERB = 'show|display|present|shown|displayed|format|formatted|print|see|written|write|put';
const ABOUT = 'the column columns field fields values value numbers number figures amounts amount all every each be should must to as in with always everywhere of it them they please want i we like would a an and dates date just';
const NUMBER_WORDS = 'decimal|decimals|place|places|digit|digits';

const sign = (text: string, side: 'front' | 'behind'): Partial<Look> => ({ sign: { text, side } });
/** Signs stand in front of an amount, codes and units behind it. */
const SIGNS: ReadonlyArray<readonly [words: string, text: string, side: 'front' | 'behind']> = [
  ['€|euro sign|euro signs|euro symbol|the euro sign|a euro sign', '€', 'front'], ['£|pound sign|pound signs|pound symbol|a pound sign', '£', 'front'], ['$|dollar sign|dollar signs|dollar symbol|a dollar sign', '$', 'front'],
  ['eur', 'EUR', 'behind'], ['gbp', 'GBP', 'behind'], ['usd', 'USD', 'behind'], ['chf', 'CHF', 'behind'],
];

const looks = [
  means(`~with|to|at|in|of|as|using? exactly|just|always? $num:n ${NUMBER_WORDS} behind|after|point|place|places?`, ({ n }: { n: number }): Partial<Look> | null => (Number.isInteger(n) && n >= 0 && n <= 15 ? { decimals: n } : null)),
  means('no decimals|without decimals|no decimal places|without decimal places|no cents|without cents|zero decimals|as whole numbers|in whole numbers|rounded to whole numbers', { decimals: 0 }),
  means('with a thousands separator|with thousands separators|thousands separated|with thousands apart|thousands apart|thousand separators|a thousands separator|with thousand separators|grouped in thousands|with gaps between thousands|with the thousands apart|the thousands apart|thousands marks|thousands separators', { thousands: true }),
  means('as a percentage|as percentages|in percent|in per cent|as percent|as per cent|as a percent|with a percent sign|with percent signs|with a % sign|in %|as %|with %', { percent: true }),
  means('negative|negatives|minus numbers|values|amounts|ones|figures? in|with|between brackets|parentheses', { brackets: true }),
  means('negative|negatives|minus in|with|between brackets|parentheses please?', { brackets: true }),
  ...SIGNS.flatMap(([words, text, side]) => words.split('|').flatMap((w) => [
    means(`~with|in? a|an|the? ${w} in front|before|ahead of? them|it?`, sign(text, 'front')), means(`~with|in? a|an|the? ${w} behind|after|at of? them|it|the|end? end?`, sign(text, 'behind')), means(`with|in a|an|the? ${w} please?`, sign(text, side), 0.05),
  ])),
  means('with|in euros|euro please?', sign('€', 'front'), 0.05), means('with|in pounds|pound please?', sign('£', 'front'), 0.1), means('with|in dollars|dollar please?', sign('$', 'front'), 0.05),
  means('with|in? $text:t in front|before of? them|it?', ({ t }: { t: string }) => sign(t, 'front')), means('with|in? $text:t behind|after them|it?', ({ t }: { t: string }) => sign(t, 'behind')),
];

const day = (look: DateLook, ...ways: readonly string[]) => ways.map((w) => means(w, look));
const dates = [
  ...day('day month year', 'day month year', 'with the month spelled out', 'with the month as a word', 'with month names', 'with the month name', 'month spelled out', 'month in words', 'd month yyyy', 'day , month , year', 'day , month and year'),
  ...day('weekday day month year', 'with the weekday', 'with weekdays', 'with the day of the week', 'with the weekday in front', 'including the weekday'),
  ...day('month year', 'month and year', 'month year', 'only month and year', 'just month and year', 'only the month and the year', 'month and year only', 'just the month and year'),
  ...day('day/month/year', 'dd / mm / yyyy', 'day / month / year', 'd / m / y', 'with slashes', 'british style'),
  ...day('day.month.year', 'dd . mm . yyyy', 'day . month . year', 'd . m . y', 'with points', 'with dots', 'german style', 'tt . mm . jjjj'),
  ...day('month/day/year', 'mm / dd / yyyy', 'month / day / year', 'american style', 'm / d / y', 'us style'),
  ...day('year-month-day', 'yyyy - mm - dd', 'year - month - day', 'iso style', 'in iso style', 'iso 8601', 'as iso dates', 'in iso format', 'iso format'),
];

const quantities = (cols: readonly string[], { head }: Context): boolean => cols.every((n) => { const { type } = columnOf(head, n); return isQuantity(type) && !isDate(type); });
const dated = (cols: readonly string[], { head }: Context): boolean => cols.every((n) => isDate(columnOf(head, n).type));

/** A share of one is shown as so many in a hundred; what is so many in a hundred already only gets the sign. */
function fitted(look: Look, cols: readonly string[], { head }: Context): Look {
  if (!look.percent) return look;
  const most = Math.max(...cols.map((n) => Math.max(Math.abs(Number(head.glances?.get(n)?.highest ?? 0)), Math.abs(Number(head.glances?.get(n)?.lowest ?? 0)))));
  if (most <= 2) return look;
  const { percent: _, ...rest } = look;
  return { ...rest, sign: { text: '%', side: 'behind' } };
}

export const frames: readonly Frame[] = [
  frame('show numbers', {
    need: { cols: '$cols', looks, verb: VERB },
    many: ['looks', 'verb'],
    about: ABOUT,
    rows: false,
    bars: 'per by where if when total average round rounded sum',
    cost: -0.1,
  }, ({ cols, looks: said }, x) => (quantities(cols, x) ? plans({ step: 'show', columns: cols, look: fitted(Object.assign({}, ...(said as Partial<Look>[])) as Look, cols, x) }) : null)),

  frame('show dates', {
    need: { cols: '$cols', date: dates, verb: `${VERB}|turn|convert|change|make` },
    many: ['verb'],
    about: `${ABOUT} like into style format formats day month year`,
    rows: false,
    bars: 'per by where if when text split separate add new',
    cost: -0.1,
  }, ({ cols, date }, x) => (dated(cols, x) ? plans({ step: 'show', columns: cols, look: { date: date as DateLook } }) : null)),

  frame('show as kept', {
    need: { cols: '$cols', plain: 'as it is kept|as they are kept|as kept|without a format|without any format|without formatting|unformatted|plain|in plain form|as it was|as they were|as they are|as it is', verb: `${VERB}|take|remove|clear` },
    many: ['verb'],
    about: `${ABOUT} again off from format formatting`,
    rows: false,
    cost: 0,
  }, ({ cols }, { head }) => ((cols as string[]).every((n) => columnOf(head, n).look) ? plans({ step: 'show', columns: cols, look: null }) : null)),
];
