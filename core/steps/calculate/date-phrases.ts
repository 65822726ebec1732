import { readsAsDate } from '../../formula/check';
import type { Expression } from '../../formula/expression';
import { amend, plans, withPlan, type Act, type Context, type State } from '../../language/acts';
import { rule } from '../../language/chart';
import { dated, onlyDate, rowDate } from '../../language/grammar/roles';
import { monthNumber } from '../../values/date';

/* Financial years, dates without their time and times without their date, dates as months and quarters. */

/** Where nobody said when the financial year begins. */
const APRIL = 4;
const fiscal = (name: string | null, x: Context, start = x.yearStart ?? APRIL): Expression | null => { const d = name === null ? null : dated(name, x); return d && { kind: 'fiscal', start, of: d }; };
const part = (p: Extract<Expression, { kind: 'part' }>['part'], name: string, x: Context): Expression | null => { const d = dated(name, x); return d && { kind: 'part', part: p, of: d }; };

/** The column itself made into a part of its dates. */
function setPart(p: 'date' | 'month in its year' | 'quarter in its year' | 'year', name: string, x: Context): Act | null {
  const as = readsAsDate(x.head, name) ? part(p, name, x) : null;
  return as && { key: `set ${p} ${name}`, apply: (state: State) => withPlan(state, { step: 'calculate', name, as, replace: true }, [name]) };
}

/** A date-time cut into its date and its time of day or hour, two columns. */
function dateAndTime(name: string, names: readonly string[] | null, x: Context, second: 'time' | 'hour' = 'time'): Act | null {
  const [day, time] = [part('date', name, x), part(second, name, x)];
  if (!day || !time || (names && names.length !== 2)) return null;
  const [a, b] = names ?? [`${name} date`, `${name} ${second}`];
  return {
    key: `date and time ${name} ${a} ${b}`,
    apply: (state: State) => withPlan(withPlan(state, { step: 'calculate', name: a!, as: day, replace: false }, [a!]), { step: 'calculate', name: b!, as: time, replace: false }, [a!, b!]),
  };
}

export const datePhrases = [
  // 'Split arrived into Date and Time': called so
  rule('clause', '~split|make|turn the? $col:c apart|up? ~into2|~into a|an? ^$properName:a and|,|& a|an|the? ^$properName:b', ({ c, a, b }, x: Context) => (/^(?:date|day)$/i.test(a) && /^time$/i.test(b) ? dateAndTime(c, [a, b], x) : null), -0.6),
  rule('fiscalWord', 'our? financial|fiscal|business|accounting|tax|budget year', () => true, 0),
  rule('fiscalWord', 'fy', () => true, 0),
  rule('monthName', '$word:w', ({ w }) => monthNumber(w) || null, 0),
  rule('monthName', '$period:p', ({ p }) => p.month ?? null, 0),
  rule('ex1', '$fiscalWord of|for|from the? $col:c', ({ c }, x: Context) => fiscal(c, x), 0),
  rule('ex1', '$fiscalWord', (_s, x: Context) => fiscal(onlyDate(x), x), 0.1),
  rule('ex1', '$col:c $fiscalWord', ({ c }, x: Context) => fiscal(c, x), 0.05),
  // Said once, for all that is said later.
  rule('clause', 'let|note|remember? that? $fiscalWord:w starts|start|begins|begin|beginning|starting|runs|running|is|goes from|in|on|with|at? the? 1st|first|beginning|start? of? $monthName:m (to|until|through $monthName)?', ({ m }, x: Context) => { const d = onlyDate(x); const as = fiscal(d, x, m); return as ? plans({ step: 'define', name: 'financial year', as }) : null; }, 0.1),
  rule('rider', '~open? it|that|which|the? year|fiscal|financial|ours? year? starts|start|starting|begins|begin|beginning|runs|running|from in|on|with|from? the? 1st|first? of? $monthName:m (to|until|through $monthName)? ~close?', ({ m }) => amend(`fiscal ${m}`, (plan) => (plan.step === 'calculate' && plan.as.kind === 'fiscal' ? { ...plan, as: { ...plan.as, start: m } } : null)), -0.1),

  rule('ex1', 'date|day only|alone|part of|from|in the? $col:c', ({ c }, x: Context) => part('date', c, x), 0.1),
  rule('ex1', 'month|months in|as|by words|word|letters|name|text', (_s, x: Context) => { const d = rowDate(x); return d === null ? null : part('month name', d, x); }, 0),
  rule('ex1', 'time|times of? day? only|alone|part? of|from|in the? $col:c', ({ c }, x: Context) => part('time', c, x), 0.15),
  rule('clause', '~drop|take the? time|times|hour|clock of? day? off|from|of|in|out of? the? $cols:c', ({ c }, x: Context) => (c.length === 1 ? setPart('date', c[0]!, x) : null), 0),
  rule('clause', '~make|keep|only|just? $col:c a? date|day only|alone|without the? time', ({ c }, x: Context) => setPart('date', c, x), 0),
  rule('clause', '~keepOnly|keep the? date|day part? of|in|from $col:c', ({ c }, x: Context) => setPart('date', c, x), 0),
  rule('clause', '$col:c without the? time|times of? day?', ({ c }, x: Context) => setPart('date', c, x), 0),
  rule('clause', '~split $col:c ~into2 a? date|day and|/ a? time|clock of? day? :|,? ($names:n)?', ({ c, n }, x: Context) => dateAndTime(c, n ?? null, x), -0.3),
  rule('clause', '~split $col:c ~into2 a? date|day and|/ a? hour :|,? ($names:n)?', ({ c, n }, x: Context) => dateAndTime(c, n ?? null, x, 'hour'), -0.3),
  // 'The date and the hour of the alarm in two columns', 'from the alarm I want the date and the time'
  rule('dayHour', 'the? date and|& the? time of? day?', () => 'time', 0),
  rule('dayHour', 'the? date and|& the? hour', () => 'hour', 0),
  rule('clause', '~add? ^$dayHour:t of|from|in the? $col:c in|into|as ~column', ({ t, c }, x: Context) => dateAndTime(c, null, x, t), -0.5),
  rule('clause', 'from|of|out of? the? $col:c ,? (i|we want|need|would like)? ~add? ^$dayHour:t (in|into|as ~column)?', ({ t, c }, x: Context) => dateAndTime(c, null, x, t), -0.5),
  rule('clause', '~split the? date and|from|/ the? time in|of? $col:c', ({ c }, x: Context) => dateAndTime(c, null, x), -0.1),
  rule('clause', '~round $col:c down? to the? start|beginning? of? the? month', ({ c }, x: Context) => setPart('month in its year', c, x), -0.1),
  rule('clause', '~make $col:c ~into? year and|- month', ({ c }, x: Context) => setPart('month in its year', c, x), -0.1),
  rule('clause', '~round $col:c down? ~into? months|the? month', ({ c }, x: Context) => setPart('month in its year', c, x), 0),
  rule('clause', '~round $col:c down? ~into? quarters|the? quarter', ({ c }, x: Context) => setPart('quarter in its year', c, x), 0),
  rule('clause', '~round $col:c down? ~into? years|the? year', ({ c }, x: Context) => setPart('year', c, x), 0.05),
  rule('ex1', 'year and|- month of|from|in the? $col:c', ({ c }, x: Context) => part('month in its year', c, x), -0.1),
  rule('ex1', 'month and|with|including the? year of|from|in the? $col:c', ({ c }, x: Context) => part('month in its year', c, x), -0.1),
  rule('ex1', 'quarter and|with|including the? year of|from|in the? $col:c', ({ c }, x: Context) => part('quarter in its year', c, x), -0.1),
  rule('ex1', 'the? month (of|from|in the? $col:c)? ,? as|like|e.g|eg|written (as|like)? $num:n - $num:m', ({ c, n, m }, x: Context) => { const d = (c as string | undefined) ?? rowDate(x); return d !== null && n >= 1900 && n <= 2100 && m >= 1 && m <= 12 ? part('month in its year', d, x) : null; }, -0.2),
  rule('rider', ',? like|as|e.g|eg|written? as|like? $num - $word', ({ num, word }) => (num >= 1900 && num <= 2100 && /^q[1-4]$/i.test(word) ? amend('quarter in its year', (plan) => (plan.step === 'calculate' && plan.as.kind === 'part' && plan.as.part === 'quarter' ? { ...plan, as: { ...plan.as, part: 'quarter in its year' } } : null)) : null), -0.1),
  rule('rider', 'with|including|and the|its? year', () => amend('with year', (plan) => (plan.step === 'calculate' && plan.as.kind === 'part' && (plan.as.part === 'month' || plan.as.part === 'quarter') ? { ...plan, as: { ...plan.as, part: plan.as.part === 'month' ? 'month in its year' : 'quarter in its year' } } : null)), 0.05),
  rule('clause', '~add? $num? ~column? ~column? : date|day and time from|of|out $col:c', ({ c }, x: Context) => dateAndTime(c, null, x), 0.1),
].flat();
