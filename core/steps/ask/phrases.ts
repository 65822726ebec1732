import { namesRows } from '../../language/mentions';
import { readsAsDate } from '../../formula/check';
import { columnOf } from '../../table/table';
import { amend, type Act, type Context, type State, withPlan } from '../../language/acts';
import { keyOf, rule } from '../../language/chart';
import { says, saysYes, within } from '../../language/grammar/conditions/make';
import { yesNoOf, type Period } from '../../language/grammar/seeds';
import { soleValue, theirNumber } from '../../language/grammar/bands';
import { columnIn, soldFor, dateColumns, groupable, moneyColumn, rowDate, rowSpan, onlyDate, quantity, dated } from '../../language/grammar/expressions';
import { nameOf } from '../../language/naming';
import { all, column, columnsOf, number, op, type Condition, type Expression, rowsCounted } from '../../formula/expression';
import type { Plan } from '../registry';
import { rounded } from '../calculate/adding';
import { stem } from '../../language/words';
import { converted, unitInName } from '../../formula/dimensions';
import { unitSort } from '../../values/units';
import { personColumn } from '../calculate/person-phrases';
import type { Asked, AskPlan } from './step';

/* Questions: figures over all rows or over groups of them. */

export type Fn = Extract<Expression, { kind: 'total' }>['fn'];
export const over = (fn: Fn, of: Expression): Expression => ({ kind: 'total', fn, of, by: [] });
const allRows = rowsCounted();
const sum = (name: string, x: Context): Expression | null => { const e = quantity(name, x); return e && over('sum', e); };

/** The share of the rows for which a condition holds, as a percentage. */
export const shareOf = (where: Condition): Expression =>
  op('*', op('/', over('sum', { kind: 'choose', cases: [{ when: where, then: number(1) }], otherwise: number(0) }), allRows), number(100));

const named = (e: Expression): string => {
  if (keyOf(e) === keyOf(allRows)) return 'Rows';
  const part = e.kind === 'op' && isShare(e) && e.left.kind === 'op' ? e.left : null;
  if (part?.right.kind === 'total' && part.right.whole) return part.left.kind === 'total' && part.left.fn !== 'count' && part.left.of.kind === 'column' ? `Share of ${part.left.of.name} %` : 'Share %';
  if (isShare(e) && JSON.stringify(e).includes(JSON.stringify(allRows))) return 'Share %';
  const value = weightedValue(e);
  if (value?.kind === 'column') return `Average ${value.name}`;
  return nameOf(e);
};

const uniquely = (list: readonly Expression[], taken: readonly string[] = []): Asked[] => {
  const used = [...taken];
  return list.map((as) => {
    let name = named(as);
    for (let n = 2; used.includes(name); n++) name = `${named(as)} ${n}`;
    used.push(name);
    return { name, as };
  });
};

export interface Question {
  readonly figures: readonly Expression[];
  readonly by: readonly Expression[];
  readonly where?: Condition;
  readonly order?: { readonly figure: number; readonly down: boolean };
  readonly most?: number;
}

/** The mean of values of which each counts as much as a weight says; blank values have none. */
const weightedMean = (value: Expression, weight: Expression): Expression =>
  op('/', over('sum', op('*', value, weight)), over('sum', { kind: 'choose', cases: [{ when: { kind: 'empty', of: value }, then: number(0) }], otherwise: weight }));

/** What a weighted mean is of; null for anything else. */
function weightedValue(e: Expression): Expression | null {
  const product = e.kind === 'op' && e.op === '/' && e.left.kind === 'total' && e.left.of.kind === 'op' && e.left.of.op === '*' ? e.left.of : null;
  return product && keyOf(weightedMean(product.left, product.right)) === keyOf(e) ? product.left : null;
}

/** A group's part of the whole, as a percentage. */
const partOfAll = (e: Expression | null): Expression | null => (e?.kind === 'total' ? op('*', op('/', e, { ...e, whole: true }), number(100)) : null);

/** The only column of spans of time written with colons, asked for in minutes. */
function spanColumn(unit: string, x: Context): string | null {
  const found = unit !== 'min' ? [] : x.head.columns.filter((c) => { const e = c.type === 'text' ? quantity(c.name, x) : null; return e?.kind === 'measure' && e.unit === 'min'; });
  return found.length === 1 ? found[0]!.name : null;
}

/** The money of the rows that a column of yes and no says are not paid. */
function owed(x: Context): Question | null {
  const paid = yesNoOf(x.head).filter((y) => /\b(?:paid|settled|received)\b/i.test(y.column)), money = x.head.columns.filter((c) => quantity(c.name, x) !== null && /\b(?:fee|price|amount|total|charged?|due|bill|cost|sum)\b/i.test(c.name));
  const where = paid.length === 1 ? says(paid[0]!, false) : null, e = money.length === 1 ? quantity(money[0]!.name, x) : null;
  return where && e && { figures: [over('sum', e)], by: [], where };
}

/** The group with the most rows. */
const commonest = (name: string, x: Context): Question | null => (!repeats(name, x) ? null : { figures: [allRows], by: [column(name)], order: { figure: 0, down: true }, most: 1 });

/** Figures of two groups side by side. */
function compared(pair: readonly { readonly column: string; readonly text: string }[], figures: readonly (Expression | null)[]): Question | null {
  const [a, b] = pair;
  const known = figures.filter((f) => f !== null);
  return a!.column === b!.column && a!.text !== b!.text && known.length === figures.length ? { figures: known, by: [column(a!.column)], where: { kind: 'among', of: column(a!.column), texts: [a!.text, b!.text] } } : null;
}

/** Figures of two periods side by side, by months where both are months, else by years. */
function comparedPeriods(a: Period, b: Period, figures: readonly (Expression | null)[], x: Context): Question | null {
  const date = rowDate(x), known = figures.filter((f) => f !== null);
  const [m, n] = date === null ? [null, null] : [within(date, a, x), within(date, b, x)];
  if (date === null || m === null || n === null || keyOf(m) === keyOf(n) || known.length < figures.length) return null;
  const whole = (p: Period): boolean => p.from.endsWith('-01-01') && p.to.endsWith('-12-31');
  const part = whole(a) && whole(b) ? 'year' : a.month === undefined ? 'month in its year' : 'month';
  return { figures: known, by: [a.day !== undefined || b.day !== undefined ? column(date) : { kind: 'part', part, of: column(date) }], where: { kind: 'any', of: [m, n] } };
}

/** The one column that rates the rows. */
function ratingColumn(x: Context): Expression | null {
  const found = x.head.columns.filter((c) => /\b(?:rating|score|grade|mark|stars|points)s?\b/i.test(c.name) && quantity(c.name, x) !== null);
  return found.length === 1 ? quantity(found[0]!.name, x) : null;
}

/** The first column whose values tell the rows apart: of texts, unless it is the very first. */
export const firstUnique = ({ head }: Context): string | undefined => head.columns.find((c, i) => { if (i > 0 && c.type !== 'text') return false; const g = head.glances?.get(c.name); return g?.values && g.blanks === 0 && g.values.length === g.rows; })?.name;

/** The rows with the largest or smallest value, by what tells them apart. */
function leadingRows(name: string, down: boolean, most: number, x: Context, where?: Condition): Act | null {
  const e = sum(name, x);
  return e && name !== firstUnique(x) ? leadingBy(e, down, most, x, where) : null;
}

function leadingBy(e: Expression, down: boolean, most: number, x: Context, where?: Condition): Act | null {
  const key = firstUnique(x);
  return key === undefined ? null : asked({ figures: [e], by: [column(key)], order: { figure: 0, down }, most, ...(where ? { where } : {}) });
}

/** The column that says who did something: ‹Booked by› of who booked. */
const doerOf = (verb: unknown, x: Context): string | null => (typeof verb === 'string' ? agentColumn(verb, x) ?? x.head.columns.find((c) => c.type === 'text' && /\sby$/i.test(c.name) && stem(c.name.split(/\s/)[0]!.toLowerCase()) === stem(verb.toLowerCase()))?.name ?? null : null);

/** The column of those who did it: ‹Picker› of who picked. */
function agentColumn(verb: string, x: Context): string | null {
  const own = stem(verb.toLowerCase()), found = x.head.columns.filter((c) => c.type === 'text' && c.name.toLowerCase().split(/\s+/).some((w) => [`${own}er`, `${own}or`, `${own}r`].includes(w.replace(/s$/, ''))));
  return found.length === 1 ? found[0]!.name : null;
}

const DOES = /(?:er|or|ist|ant|ian|sweep|mechanic|host|staff|crew|guide|nurse|coach|cook|pilot|clerk)s?$/i;

/** The column of who did what rows tell of, where only one may be that. */
function whoColumn(x: Context): string | null {
  const found = x.head.columns.filter((c) => c.type === 'text' && DOES.test(c.name) && !/(?:number|order|letter|quarter|paper|water|meter|weather|offer|floor|door|colour|color)s?$/i.test(c.name) && quantity(c.name, x) === null && repeats(c.name, x)).map((c) => c.name);
  return found.length > 1 ? null : found[0] ?? personColumn(x);
}

/** Does a column of numbers say how much of it was done: ‹Paid› of what was paid most? */
const countsByVerb = (verb: string, x: Context): boolean => x.head.columns.some((c) => quantity(c.name, x) !== null && c.name.toLowerCase().split(/\s/).some((w) => stem(w) === stem(verb.toLowerCase())));

/** The column that is called as the rows are, where its values come in several rows. */
function severalRows(noun: string, x: Context): string | null {
  const own = x.head.columns.find((c) => c.type === 'text' && stem(c.name.toLowerCase()) === stem(noun.toLowerCase()));
  return own && groupable(own.name, x) && repeats(own.name, x) ? own.name : null;
}

/** The groups in which a column is filled in no row. */
const neverFilled = (group: string, name: string, x: Context): Question | null =>
  groupable(group, x) && group !== name ? { figures: [], by: [column(group)], where: { kind: 'compare', op: '=', left: { kind: 'total', fn: 'count', of: column(name), by: [group] }, right: number(0) } } : null;

/** The only column that says what something costs. */
const pricedColumn = (x: Context): string | null => {
  const priced = x.head.columns.filter((c) => quantity(c.name, x) !== null && /\b(?:price|rate|cost|fee|charge)s?\b/i.test(c.name) && !/\bper\b|\/|%/i.test(c.name));
  return priced.length === 1 ? priced[0]!.name : null;
};

/** The groups of more than so many rows, with how many they have. */
const oftener = (name: string, n: number, x: Context): Question | null =>
  groupable(name, x) && !dated(name, x) && !namesRows(name, x.vocabulary) ? { figures: [allRows], by: [column(name)], where: { kind: 'compare', op: '>', left: rowsCounted([name]), right: number(n) } } : null;

/** What an answer is grouped by, with its name. */
const groupOf = (as: Expression): Asked => ({ name: as.kind === 'column' ? as.name : nameOf(as), as });

/** The plan of a question, its parts named. */
function planOf(q: Question): AskPlan {
  const by = q.by.map(groupOf);
  const figures = uniquely(q.figures, by.map((b) => b.name));
  return {
    step: 'ask', figures, by,
    ...(q.where ? { where: q.where } : {}),
    ...(q.order ? { order: { name: figures[q.order.figure]!.name, down: q.order.down } } : {}),
    ...(q.most === undefined ? {} : { most: q.most }),
  };
}

export const asked = (q: Question): Act => ({ key: `ask ${keyOf(q)}`, apply: (state: State) => withPlan(state, planOf(q), state.topic) });

/** A change to the question asked before. */
const onQuestion = (key: string, change: (plan: AskPlan) => AskPlan | null): Act => amend(`ask ${key}`, (plan: Plan) => (plan.step === 'ask' ? change(plan) : null));

export const grouped = (name: string, x: Context): Expression | null => (groupable(name, x) ? column(name) : null);

/** 'each month in which tickets were opened': a part of a date. */
const period = (part: 'month' | 'year' | 'quarter' | 'weekday' | 'date' | 'week', name: string | null, x: Context): Expression | null => {
  const of = name ?? onlyDate(x);
  const d = of && dated(of, x);
  return d ? (part === 'date' && columnOf(x.head, of!).type !== 'datetime' ? d : { kind: 'part', part, of: d }) : null;
};

/** The group a ranking is about: one column that holds it. */
const ranking = (by: string, figure: Expression | null, down: boolean, most: number | undefined, x: Context, where?: Condition): Act | null => {
  const g = grouped(by, x);
  if (!g || !figure || Array.isArray(figure) || dated(by, x)) return null;
  return asked({ figures: [figure], by: [g], order: { figure: 0, down }, most: most ?? 1, ...(where ? { where } : {}) });
};

/** The same where the group may be a date: 'on which day did we carry the most'. */
const rankingOf = (by: string, figure: Expression | null, down: boolean, x: Context): Act | null => {
  const g = grouped(by, x);
  return g && figure ? asked({ figures: [figure], by: [g], order: { figure: 0, down }, most: 1 }) : null;
};

/** Does a value of the column stand in several rows? */
const repeats = (name: string, x: Context): boolean => (x.head.glances?.get(name)?.values ?? []).some(([v, n]) => v !== '' && n > 1);

export const phrases = [
  // Figures
  rule('qfig', '~countWord the? $rows|$guess', () => allRows, 0.05),
  // 'Average list price', of another table
  rule('qfig', 'the? $sameFigure:f of? the? ^$theirs:c', ({ f, c }, x: Context) => { const e = theirNumber(c, x); return e && over(f, e); }, 0),
  // 'How many machines', where a machine has several rows
  rule('qfig', '~countWord ~distinctWord? the? $noun:n', ({ n }, x: Context) => { const c = severalRows(n, x); return c === null ? null : over('distinct', column(c)); }, -0.05),
  rule('qfig', '~countWord ~distinctWord $col:c', ({ c }) => over('distinct', column(c)), 0),
  // Where every value is another one, counting them is counting rows.
  rule('qfig', '~countWord $col:c', ({ c }, x: Context) => (columnOf(x.head, c).type === 'text' && quantity(c, x) === null && !groupable(c, x) && x.head.glances?.get(c)?.values ? over('count', column(c)) : null), 0.25),
  rule('qfig', '$col:c how many ~distinctWord', ({ c }) => over('distinct', column(c)), 0.1),
  rule('qfig', 'how much|many ~inTotal? $col:c ~inTotal?', ({ c }, x: Context) => sum(c, x), 0.1),
  rule('qfig', '~figureTotal of? the? $col:c ~inTotal?', ({ c }, x: Context) => sum(c, x), 0.1),
  rule('qfig', 'sum|add|total up all? the? $col:c', ({ c }, x: Context) => sum(c, x), 0),
  rule('qfig', 'what|how much? we|they|it? $col:c for|with|on? them|it|these? ~inTotal', ({ c }, x: Context) => sum(c, x), 0.1),
  // 'How many dogs are coming?': where ‹Dog› says yes
  rule('question', '~countWord of? the? $yesno:y (~be|~did|~have $word? there|here|coming?)?', ({ y }): Question | null => { const where = /\s/.test(y.column) ? null : says(y, true); return where && { figures: [allRows], by: [], where }; }, 0.1),
  rule('qfig', '~inTotal $col:c', ({ c }, x: Context) => sum(c, x), 0.15),
  ...([['sum|total', 'sum'], ['average|mean', 'mean'], ['maximum|max|highest', 'highest'], ['minimum|min|lowest', 'lowest'], ['median', 'median']] as const).map(([words, fn]) => rule('qfig', `$col:c ${words}`, ({ c }, x: Context) => { const e = quantity(c, x); return e && over(fn, e); }, 0.2)).flat(),
  rule('qfig', '~average $noun|$rows value|amount|total|size|sum', (_s, x: Context) => { const c = moneyColumn(x), e = c === null ? null : quantity(c, x); return e && over('mean', e); }, -0.1),
  rule('qfig', '~average of? the? $col:c', ({ c }, x: Context) => { const e = quantity(c, x); return e && over('mean', e); }, 0.1),
  rule('qfig', 'median of? the? $col:c', ({ c }, x: Context) => { const e = quantity(c, x); return e && over('median', e); }, 0),
  rule('qfig', '~countWord ~distinctWord? $col:c', ({ c }, x: Context) => (columnOf(x.head, c).type === 'text' && groupable(c, x) && !saysYes(c, x) ? over('distinct', column(c)) : null), 0.3),
  rule('qfig', '~average $col:c weighted|weighed by|with|on the? $col:w', ({ c, w }, x: Context) => { const [a, b] = [quantity(c, x), quantity(w, x)]; return a && b && weightedMean(a, b); }, -0.1),
  rule('qfig', 'median and spread|deviation of? the? $col:c', ({ c }, x: Context) => { const e = quantity(c, x); return e && [over('median', e), over('spread', e)]; }, 0),
  rule('qfig', '~spreadWord of? the? $col:c', ({ c }, x: Context) => { const e = quantity(c, x); return e && over('spread', e); }, 0),
  rule('qfig', '~highest of? the? $col:c', ({ c }, x: Context) => { const e = quantity(c, x); return e && over('highest', e); }, 0.15),
  rule('qfig', '~lowest of? the? $col:c', ({ c }, x: Context) => { const e = quantity(c, x); return e && over('lowest', e); }, 0.15),
  rule('qfig', '~average $col:c ~each $noun', ({ c }, x: Context) => { const e = quantity(c, x); return e && over('mean', e); }, -0.2),
  rule('qfig', '~average $stay:e', ({ e }) => over('mean', e), 0),
  rule('qfig', 'median $stay:e', ({ e }) => over('median', e), 0),
  rule('qfig', '~highest $stay:e', ({ e }) => over('highest', e), 0),
  rule('qfig', '~lowest $stay:e', ({ e }) => over('lowest', e), 0),
  rule('qfig', '~average $ex2:e', ({ e }) => (e.kind === 'op' || e.kind === 'span' || e.kind === 'lapse' ? over('mean', e) : null), 0.2),
  ...([['median', 'median'], ['longest|maximum|highest', 'highest'], ['shortest|minimum|lowest', 'lowest']] as const).map(([words, fn]) => rule('qfig', `${words} $ex2:e`, ({ e }) => (e.kind === 'span' || e.kind === 'lapse' ? over(fn, e) : null), 0)).flat(),
  ...([['longest', 'highest'], ['shortest', 'lowest']] as const).map(([words, fn]) => rule('question', `how long ~be|did|does|has the? ${words} $rows|$noun ~lasted ,? (in $spanUnit:u)?`, ({ u }, x: Context): Question | null => { const e = rowSpan(u, x); return e && { figures: [over(fn, e)], by: [] }; }, -0.1)).flat(),
  // Days: the first and the last of them
  ...([['~earliest', 'lowest'], ['~latest', 'highest']] as const).map(([words, fn]) => rule('qfig', `the? ${words} $col:c date|day?`, ({ c }, x: Context) => (readsAsDate(x.head, c) ? over(fn, column(c)) : null), 0.1)).flat(),
  rule('qfig', '~earliest and|or|to|, the? ~latest $col:c dates|date|day|days?', ({ c }, x: Context) => (readsAsDate(x.head, c) ? [over('lowest', column(c)), over('highest', column(c))] : null), 0),
  rule('qfig', '~latest and|or|to|, the? ~earliest $col:c dates|date|day|days?', ({ c }, x: Context) => (readsAsDate(x.head, c) ? [over('highest', column(c)), over('lowest', column(c))] : null), 0),
  rule('qfig', '~lowest and|or|to|, the? ~highest $col:c', ({ c }, x: Context) => { const e = quantity(c, x); return e && [over('lowest', e), over('highest', e)]; }, 0.1),
  // 'the whole amount due divided by the whole weight'
  rule('qex', '~whole1 $col:c', ({ c }, x: Context) => sum(c, x), 0.05),
  rule('qex', '$qfig:f', ({ f }) => (Array.isArray(f) ? null : f), 0.1),
  rule('qratio', '$qex:a ~over $qex:b', ({ a, b }) => op('/', a, b), 0),
  rule('qratio', '$qex:a as a share|percentage|percent|% of $qex:b', ({ a, b }) => op('*', op('/', a, b), number(100)), 0),
  rule('qfig', '$qratio:e', ({ e }) => e, 0),
  rule('qfig', '$word|$qfig|$metricName $remark? ,|:|( meaning|that|i.e|ie|so|namely|as is|means? $qratio:e', ({ e }) => e, 0.1),
  rule('qfig', '~average $word ~per $word over? everything|all? ,|: meaning|that|namely is? $qratio:e', ({ e }) => e, 0),
  rule('qfig', '~average $col ~per $word over|of? everything|all? ,|: meaning|that|namely is? $qratio:e', ({ e }) => e, 0),

  // Several figures
  rule('qfigs', '$qfig:f', ({ f }) => (Array.isArray(f) ? f : [f]), 0),
  rule('qfigs', '$qfigs:a ~list $qfigs:b', ({ a, b }) => [...a, ...b], 0.05),
  rule('qfigs', '$qfigs:a there ~be and $qfigs:b', ({ a, b }) => [...a, ...b], 0),
  rule('qfigs', 'how many there ~be', () => [allRows], 0.05),
  // 'tickets and total charged per month'
  // 'Orders, pots and paid': how many rows there are, and what is in them
  rule('qfigs', '$rows and|, the? $col:c', ({ c }, x: Context) => { const e = sum(c, x); return e && [allRows, e]; }, -0.2),
  rule('qfigs', '$noun|$guess and|, $qfigs:b', ({ b }) => (b.some((f: Expression) => keyOf(f) === keyOf(allRows)) ? null : [allRows, ...b]), -0.2),
  // 'number of firings and kilos of clay': a bare column beside a figure is added up
  rule('qfigs', '$qfigs:a and|, the? $col:c', ({ a, c }, x: Context) => { const e = sum(c, x); return e && !Array.isArray(e) && a.every((f: Expression) => f.kind === 'total') ? [...a, a.some((f: Expression) => f.kind === 'total' && f.fn === 'mean') ? over('mean', quantity(c, x)!) : e] : null; }, 0.25),

  // Groups
  rule('qby', '$col:c', ({ c }, x: Context) => grouped(c, x), 0),
  // 'Per course', of another table
  rule('qby', '$theirs:c', ({ c }, x: Context) => soleValue(x, c), 0.1),
  rule('qby', 'member|person|kind|type|sort|piece of $col:c', ({ c }, x: Context) => grouped(c, x), 0),
  rule('qby', '$col:c method|methods|mode|modes|name|names|code|codes|status|channel', ({ c }, x: Context) => grouped(c, x), 0.05),
  rule('qby', '$col:c group|groups|class|classes|category|categories|type|types|kind|kinds', ({ c }, x: Context) => grouped(c, x), 0),
  rule('qby', 'different|single? $col:c', ({ c }, x: Context) => grouped(c, x), 0.02),
  rule('qby', 'of? the? $col:c', ({ c }, x: Context) => grouped(c, x), 0.05),
  rule('qby', '$qperiod:p ^$col:c', ({ p, c }, x: Context) => period(p, c, x), 0.05),
  rule('qfig', 'the? sum|total ^$col:c', ({ c }, x: Context) => sum(c, x), 0.05),
  rule('question', '~countWord $rows|$noun|$guess? ~be|got|did|was? ^$col:c ~each ^$qperiod:p', ({ c, p }, x: Context): Question | null => { const by = dated(c, x) ? period(p, c, x) : null; return by && { figures: [allRows], by: [by] }; }, -0.4),
  rule('question', '$qlead? ~average $word|$guess? stay|wait|time|duration|length of the? $rset:c ,? in $spanUnit:u', ({ c, u }, x: Context): Question | null => { const e = rowSpan(u, x); return e && { figures: [over('mean', e)], by: [], where: c }; }, -0.1),
  rule('clause', '~tellMe? ,? in|on? which|what $qperiod:p ~have|~did|has|had|with|is|are|was|were the? most|highest (number of)? ^$col:c', ({ p, c }, x: Context) => { const by = dated(c, x) ? period(p, c, x) : null; return by && asked({ figures: [allRows], by: [by], order: { figure: 0, down: true }, most: 1 }); }, 0),
  rule('question', 'how long ~be|did|does|do we|it|they? take|takes|took|need|takes|wait|last? on? ~average? ,? from|between the? $col:a ~fromTo the? $col:b (on ~average)? ,? (in $spanUnit:u)?', ({ a, b, u }, x: Context): Question | null => { const e = a === b ? null : rowSpan(u, x, [a, b]); return e && { figures: [over('mean', e)], by: [] }; }, -0.1),
  rule('qperiod', 'month|months', () => 'month', 0),
  rule('qperiod', 'day|days|date|dates', () => 'date', 0.2),
  rule('qperiod', 'iso|calendar? week|weeks', () => 'week', 0),
  rule('qperiod', 'year|years', () => 'year', 0),
  rule('qperiod', 'quarter|quarters', () => 'quarter', 0),
  rule('qperiod', 'weekday|weekdays', () => 'weekday', 0),
  rule('qperiod', 'day of the week', () => 'weekday', 0),
  rule('qby', '$qperiod:p', ({ p }, x: Context) => period(p, null, x), 0.05),
  // Where there are several dates it is most likely that of the row itself; where none is, it is asked.
  ...[0, 1, 2, 3].flatMap((k) => rule('qby', '$qperiod:p', ({ p }, x: Context) => { const all = dateColumns(x); const own = rowDate(x); return all.length > 1 && all.length <= 4 && all[k] !== undefined && (own === null || own === all[k]) ? period(p, all[k], x) : null; }, 0.3)),
  ...[0, 1, 2, 3].flatMap((k) => rule('qby', '$qperiod:p', ({ p }, x: Context) => { const all = dateColumns(x), own = rowDate(x); return all.length > 1 && all.length <= 4 && all[k] !== undefined && own !== null && own !== all[k] ? period(p, all[k], x) : null; }, 0.7)),
  rule('qby', '$qperiod:p of|when|in|where|that which|when? the? $rows|$guess|it|they? ~be? $col:c', ({ p, c }, x: Context) => period(p, c, x), 0),
  rule('qbys', '$qby:a', ({ a }) => [a], 0),
  rule('qbys', '$qby:a and|, ~each? $qbys:b', ({ a, b }, x: Context) => (b.some((k: Expression) => k.kind === 'column' && columnOf(x.head, k.name).type === 'text' && quantity(k.name, x) !== null) ? null : [a, ...b]), 0.1),

  // Whole questions
  rule('qlead', "what|what's|whats|how|which is|are|was|were|'s? the?", () => true, 0.02),
  rule('qlead', '~tellMe what|how? is|are|was|were? the?', () => true, 0.02),
  rule('qtail', 'look|looked|see|saw|been|visit|visited at? in|on|at|during these|those|all|the? $rows|$guess', () => true, 0.1),
  rule('qtail', 'did|do we|they look|see|visit at? in|on|at|during? these|those|all|the? $rows|$guess?', () => true, 0.05),
  rule('qtail', 'have|has|did? $word:w ~inTotal?', ({ w }, x: Context) => [...x.vocabulary.ownNouns].some((n) => n.length >= 5 && w.toLowerCase().startsWith(n.slice(0, 5))), 0.1),
  rule('qtail', 'did|do|does|have|has|had|is|are|was|were we|they|you|it? get|got|have|make|made|bring|brought|sell|sold|take|took|come|came|use|used|been|there|deliver|delivered|charge|charged|look|receive|received? in|at|up? ~inTotal?', () => true, 0.1),
  rule('question', '$qlead $qfigs:f', ({ f }): Question => ({ figures: f, by: [] }), 0.1),
  rule('question', 'show|list|tell|give me|us? the? $qfigs:f ~each $qbys:b', ({ f, b }): Question => ({ figures: f, by: b }), -0.15),
  rule('question', '~tellMe $qfigs:f', ({ f }): Question => ({ figures: f, by: [] }), 0.1),
  rule('question', '$qfigs:f', ({ f }): Question => ({ figures: f, by: [] }), 0.4),
  // 'How many landings per month and how many kilos in each'
  rule('question', '$qlead? $qfigs:f ~each $qbys:b and|plus|, $qfigs:g in|for|of? each|every|them|it of? (them|$qperiod|$col)?', ({ f, b, g }): Question => ({ figures: [...f, ...g], by: b }), 0),
  rule('question', '~figureTotal of|for the? $cond:c $col:m', ({ c, m }, x: Context): Question | null => { const e = sum(m, x); return e && !columnsOf(c).includes(m) ? { figures: [e], by: [], where: c } : null; }, 0.2),
  rule('qfigs', '$qfigs:a and|, what|how much? did? they|it|these|those|we? did? brought|bring|made|make|earned|earn|took|take|yielded in? ~inTotal?', ({ a }, x: Context) => { const name = moneyColumn(x); const e = name === null ? null : sum(name, x); return e && [...a, e]; }, 0),
  rule('question', '$qlead? $qfigs:f ~each $qbys:b ,? and|, what|how much? did? they|it|these|those|we? did? brought|bring|made|make|earned|earn|took|take|yielded in? ~inTotal?', ({ f, b }, x: Context): Question | null => { const name = moneyColumn(x); const e = name === null ? null : sum(name, x); return e && { figures: [...f, e], by: b }; }, -0.1),
  rule('qfig', '$col:c on ~average', ({ c }, x: Context) => { const e = quantity(c, x); return e && over('mean', e); }, 0),
  rule('question', 'what|how|how much|many? ~be the? $col:c on ~average', ({ c }, x: Context): Question | null => { const e = quantity(c, x); return e && { figures: [over('mean', e)], by: [] }; }, 0),
  rule('question', '~countWord $rows|$guess|$noun ~be? $col:c ~each $qperiod:p', ({ c, p }, x: Context): Question | null => { const g = dated(c, x) ? period(p, c, x) : null; return g && { figures: [allRows], by: [g] }; }, -0.3),
  // 'Tickets opened per month, with their number and the sum of charged'
  rule('question', '$rows|$guess|$noun ~be? $col:c ~each $qperiod:p ,|:|;|-|– with|giving|showing|and? the? $qfigs:f', ({ c, p, f }, x: Context): Question | null => { const g = dated(c, x) ? period(p, c, x) : null; return g && { figures: f, by: [g] }; }, -0.3),
  rule('question', '$rows|$guess|$noun ~be? $col:c ~each $qperiod:p', ({ c, p }, x: Context): Question | null => { const g = dated(c, x) ? period(p, c, x) : null; return g && { figures: [allRows], by: [g] }; }, -0.1),
  rule('qtail', 'among|amongst|in|within|of all? the|these|those? $noun|$rows', () => true, 0.1),
  rule('qtail', 'are|is there among|amongst|in|within|of all? the|these|those? $noun|$rows', () => true, 0.05),
  rule('qtail', 'was|were|is|are|got|get seen|met|found|recorded|counted|observed|noted|listed|registered ~inTotal?', () => true, 0.05),
  rule('qtail', 'are|is there in? ~inTotal?', () => true, 0.05),
  // 'Monthly overview by opening date: count of tickets and total charged'
  ...([['monthly', 'month'], ['yearly|annual', 'year'], ['quarterly', 'quarter'], ['weekly', 'week'], ['daily', 'date']] as const).flatMap(([words, part]) => [
    rule('question', `${words} overview|summary|figures|totals|breakdown|report|statistics|numbers? (by|of|from|on|for|along the? $col:c)? :|,|;|-|with|giving|showing the? $qfigs:f`, ({ c, f }, x: Context): Question | null => { const g = period(part, c ?? rowDate(x), x); return g && { figures: f, by: [g] }; }, -0.3),
    rule('question', `${words} $qfigs:f`, ({ f }, x: Context): Question | null => { const d = rowDate(x), g = d === null ? null : period(part, d, x); return g && { figures: f, by: [g] }; }, -0.2),
  ]).flat(),
  rule('question', 'what did|does|do a|an|one $word|$unit|$guess|$col cost|costs|bring|earn on? ~average? ,|:|; (that|which is|means)? $qratio:e', ({ e }): Question => ({ figures: [e], by: [] }), 0),
  // 'Which article is returned most?', 'which shop has the most damaged returns'
  rule('clause', '~tellMe? which|what|who $col:g ~be|~have|gets|got $word:w the? most|oftenest ??', ({ g, w }, x: Context) => (countsByVerb(w, x) ? null : ranking(g, allRows, true, 1, x)), 0.3),
  rule('clause', '~tellMe? which|what|who $col:g ~be|~have|gets|got $word:w the? least|rarest ??', ({ g, w }, x: Context) => (countsByVerb(w, x) ? null : ranking(g, allRows, false, 1, x)), 0.3),
  rule('clause', '~tellMe? which|what|who $col:g ~have|~did|~be the? most $rset:c ??', ({ g, c }, x: Context) => (c.kind === 'among' || c.kind === 'text' ? ranking(g, allRows, true, 1, x, c) : null), 0.2),
  rule('clause', '~tellMe? which|what|who $col:g ~have|~did|~be the? fewest|least $rset:c ??', ({ g, c }, x: Context) => (c.kind === 'among' || c.kind === 'text' ? ranking(g, allRows, false, 1, x, c) : null), 0.2),
  rule('question', 'how much|many did|do|have|has we|they|you|it $col:m (in|at|on|for|from|with|to)? the? $rset:c ??', ({ m, c }, x: Context): Question | null => { const e = sum(m, x); return e && !columnsOf(c).includes(m) ? { figures: [e], by: [], where: c } : null; }, 0.1),
  rule('question', '~be|do|have there|we|they any? ~duplicates|repeats|repetitions in|here|there? (the|this|these (table|rows|list|data|file)?)? ??', (_s, x: Context): Question => ({ figures: [allRows], by: [], where: { kind: 'compare', op: '>', left: rowsCounted(x.head.columns.map((c) => c.name)), right: number(1) } }), 0),
  // A name set equal to figures over all rows is what is asked: 'average price overall = sum of due / sum of kg'
  rule('question', '$name :|= $qratio:e', ({ e }): Question => ({ figures: [e], by: [] }), 0),
  // 'Rejected lots as % of all lots'
  rule('question', '$rset:c as|in an? ~percentRider|~shareWord of|from all? the? $rows|$noun|$guess|total|whole|$col', ({ c }): Question => ({ figures: [shareOf(c)], by: [] }), -0.1),
  rule('question', '$rset:c as|in an? %|percent|percentage|share|proportion of|from all? the? $rows|$noun|$guess|total|whole|$col', ({ c }): Question => ({ figures: [shareOf(c)], by: [] }), -0.1),
  // 'How many customers had more than one callout'
  rule('question', '~countWord of? the? $col:g ~have|~did|~be|$word $word? here|there|in? $severalTimes:n', ({ g, n }, x: Context): Question | null => (groupable(g, x) && !dated(g, x) ? { figures: [over('distinct', column(g))], by: [], where: { kind: 'compare', op: '>', left: rowsCounted([g]), right: number(n) } } : null), -0.2),
  // 'What is the total for the web bookings': of the one column of money
  rule('question', '$qlead? the? ~figureTotal for|of|from|in|on the? $rset:c', ({ c }, x: Context): Question | null => { const name = moneyColumn(x); const e = name === null ? null : sum(name, x); return e && { figures: [e], by: [], where: c }; }, 0.2),
  rule('clause', '~tellMe? which|what|who $col:g ~did|~have|~be $cond:c the? most|oftenest often|frequently|times? ??', ({ g, c }, x: Context) => ranking(g, allRows, true, 1, x, c), -0.3),
  rule('clause', '~tellMe? which|what|who $col:g ~did|~have|~be? $word:w? in|up|out|here|there? most|least often|frequently|of the? time?', ({ g, w }, x: Context) => (typeof w === 'string' && /^(?:late|early|absent|missing|wrong|unpaid|overdue|sick|empty|full|broken|delayed|faulty|short|over|under)$/i.test(w) ? null : ranking(g, allRows, true, 1, x)), 0.05),
  rule('question', 'what|how much did|do|does|have|has we|they|you|i|it? spend|spent|pay|paid|take|took|make|made|earn|earned|get|got|receive|received|lay in|out? in|on|at|for|with|from|by|during the? $rset:c', ({ c }, x: Context): Question | null => { const name = moneyColumn(x); const e = name === null ? null : sum(name, x); return e && { figures: [e], by: [], where: c }; }, 0.1),
  rule('question', 'how many days|weeks lie|lies|are|were|passed|pass|is between|from the? first|earliest|oldest and|to|until the? last|latest|newest $rows|$noun|$guess|$col|one?', (_s, x: Context): Question | null => { const c = rowDate(x); return c ? { figures: [{ kind: 'span', unit: 'days', from: { kind: 'total', fn: 'lowest', of: column(c), by: [] }, to: { kind: 'total', fn: 'highest', of: column(c), by: [] } }], by: [] } : null; }, 0),
  rule('question', 'the? $cols:m in|of|for|from? the? $period:a versus|vs|against|compared with|to? $period:b', ({ m, a, b }, x: Context) => comparedPeriods(a, b, m.map((name: string) => sum(name, x)), x), 0.1),
  rule('qfig', '~figureTotal|~inTotal of? $ex1:e', ({ e }) => (e.kind === 'span' || e.kind === 'lapse' ? over('sum', e) : null), 0),
  rule('qfig', '$spanUnit:u ~inTotal', ({ u }, x: Context) => { const e = rowSpan(u, x); return e && over('sum', e); }, 0),
  rule('qfig', '~average $ex1:e', ({ e }) => (e.kind === 'span' || e.kind === 'lapse' ? over('mean', e) : null), 0),
  rule('qfig', 'median $ex1:e', ({ e }) => (e.kind === 'span' || e.kind === 'lapse' ? over('median', e) : null), 0),
  // 'Compare the takings of January and February', 'compare April with May'
  rule('question', 'compare the? $cols:m of|for|in|between? the? $period:a with|to|and|against|versus|vs $period:b', ({ m, a, b }, x: Context) => comparedPeriods(a, b, m.map((name: string) => sum(name, x)), x), 0),
  rule('question', 'compare the? $period:a with|to|and|against|versus|vs $period:b ,|:|in|by|on? $cols:m', ({ m, a, b }, x: Context) => comparedPeriods(a, b, m.map((name: string) => sum(name, x)), x), 0),
  rule('question', 'compare the? $qfigs:f of|for|in|between? the? $period:a with|to|and|against|versus|vs $period:b', ({ f, a, b }, x: Context) => comparedPeriods(a, b, f, x), -0.1),
  rule('question', 'compare the? $period:a with|to|and|against|versus|vs $period:b ,|:|in|by|on? $qfigs:f', ({ f, a, b }, x: Context) => comparedPeriods(a, b, f, x), 0),
  rule('question', 'compare the? $period:a with|to|and|against|versus|vs $period:b', ({ a, b }, x: Context) => { const money = moneyColumn(x); return comparedPeriods(a, b, [allRows, ...(money === null ? [] : [sum(money, x)])], x); }, 0.3),
  // 'The best rated guide': by the mean of what rates
  ...([['best|highest|top', true], ['worst|lowest', false]] as const).map(([words, down]) => rule('clause', `~tellMe? which|what|who|the ~be|~have? the? ${words} rated|scored|graded|marked|rating|score|grade $col:g`, ({ g }, x: Context) => { const e = ratingColumn(x); return e && ranking(g, over('mean', e), down, 1, x); }, 0)).flat(),
  ...([['best|highest|top', true], ['worst|lowest', false]] as const).map(([words, down]) => rule('clause', `~tellMe? which|what ~be? the? $num:n? ${words} rated|scored|graded|marked $rows|$noun`, ({ n }, x: Context) => { const e = ratingColumn(x); return e && leadingBy(over('sum', e), down, n ?? 1, x); }, -0.4)).flat(),
  ...([['best|highest|top', true], ['worst|lowest', false]] as const).map(([words, down]) => rule('clause', `${words} rated|scored|graded|marked $col:g`, ({ g }, x: Context) => { const e = ratingColumn(x); return e && ranking(g, over('mean', e), down, 1, x); }, 0)).flat(),
  ...([['best|highest|top', true], ['worst|lowest', false]] as const).map(([words, down]) => rule('clause', `~tellMe? which|what $col:g ~be|~have the? ${words} rated|scored|graded|marked`, ({ g }, x: Context) => { const e = ratingColumn(x); return e && ranking(g, over('mean', e), down, 1, x); }, 0)).flat(),
  // 'Which three landings brought in the most money': the rows themselves, by what tells them apart
  ...(['most', 'least'] as const).map((way) => rule('clause', `~tellMe? which|what of? the? $num:n? $rows|$noun ~did|$word in|up|out? the? ${way === 'most' ? 'most|highest|largest' : 'least|fewest|lowest|smallest'} $col:m ~inTotal?`, ({ n, m }, x: Context) => leadingRows(m, way === 'most', n ?? 1, x), 0)).flat(),
  rule('clause', '~tellMe? which|what|the is|was|were|are? the? $num:n? $adj:a $rows|$noun in|of|from|during|among|at|for the? $rset:c', ({ n, a, c }, x: Context) => leadingRows(a.column, a.down, n ?? 1, x, c), 0.1),
  rule('clause', '$adj:a $rows|$noun in|of|from|during|among|at|for the? $rset:c', ({ a, c }, x: Context) => leadingRows(a.column, a.down, 1, x, c), 0.3),
  rule('clause', '~tellMe? which|what ~be the? $num:n? $adj:a $rows|$noun', ({ n, a }, x: Context) => leadingRows(a.column, a.down, n ?? 1, x), 0.05),
  rule('question', '$qlead? $qfigs:f $qtail', ({ f }): Question => ({ figures: f, by: [] }), 0.05),
  rule('question', '$qlead? $qfigs:f ~inTotal? ~each $qbys:b ~inTotal?', ({ f, b }): Question => ({ figures: f, by: b }), 0),
  rule('question', '$qlead? $qfigs:f did|do|does|has|have|had|is|are|was|were ~each $qbys:b sell|sold|bring|brought|make|made|have|had|get|got|take|took|earn|earned|deliver|delivered|charge|charged|use|used|produce|produced|pay|paid? in? ~inTotal?', ({ f, b }): Question => ({ figures: f, by: b }), 0),
  rule('question', '$qlead? $qfigs:f did|do|does|has|have ~each $qbys:b $word ~inTotal?', ({ f, b }): Question => ({ figures: f, by: b }), 0.2),
  rule('question', '$qlead? $qfigs:f $qtail? of|in|for|from? ~each $qbys:b ~inTotal?', ({ f, b }): Question => ({ figures: f, by: b }), 0.02),
  // 'for each boat per day': what it is split by, said in more than one place
  rule('question', '$question:q ~each $qbys:b', ({ q, b }): Question | null => (q.by.length > 0 && !q.order && b.every((k: Expression) => !q.by.some((o: Expression) => keyOf(o) === keyOf(k))) ? { ...q, by: [...q.by, ...b] } : null), 0.1),
  // 'parcels per day'
  rule('question', '$rows|$noun ~each $qbys:b', ({ b }): Question => ({ figures: [allRows], by: b }), 0.4),
  rule('question', '~each $qbys:b :|,? $qlead? $qfigs:f ~inTotal?', ({ f, b }): Question => ({ figures: f, by: b }), 0.05),
  rule('question', '~each $qbys:b :|,? i|we would|want|need like|to? to? know|see|have $qfigs:f and $qfigs:g', ({ f, g, b }): Question => ({ figures: [...f, ...g], by: b }), 0),
  // What a value says of some rows only is no mere tail.
  ...'sold made delivered produced shipped used brought collected paid earned received spent charged ordered taken booked'.split(' ').map((w) => rule('qtail', `was|were|is|are|got|been ${w} ~inTotal?`, (_s, x: Context) => (x.vocabulary.values.has(w) ? null : true), 0.05)).flat(),
  rule('question', '$question:q for|where|of|with|in|on|among|from|who|that|by|to|at only? the? $rset:c', ({ q, c }): Question | null => (q.where ? null : { ...q, where: c }), 0.05),
  rule('often', 'most often|frequently|commonly', () => true, 0),
  rule('often', 'the? most times', () => true, 0),
  rule('question', 'which|what|who $col:c $word|$col? $often', ({ c }, x: Context) => commonest(c, x), 0),
  rule('question', 'which|what|who $col:c ~be|~have|~took|comes|came|come|appears|appear|appeared|occurs|occur|turns|turned|shows|showed $col|$word? up? $often', ({ c }, x: Context) => commonest(c, x), 0),
  rule('question', 'how many|much of? the? $col:m ~did|went|came|go|come|ended|left to|from|in|into|by|at|with|for? up? the? $cond:c', ({ m, c }, x: Context): Question | null => { const e = sum(m, x); return e && { figures: [e], by: [], where: c }; }, 0),
  rule('question', '~countWord ~distinctWord? $col:c ~be there in? ~inTotal?', ({ c }, x: Context): Question | null => (columnOf(x.head, c).type === 'text' && !saysYes(c, x) && quantity(c, x) === null && groupable(c, x) && x.head.glances?.get(c)?.blanks === 0 ? { figures: [over('distinct', column(c))], by: [] } : null), -0.4),
  rule('clause', '~rankWord|sort|order|list the? $col:g by|on ~figureTotal of? $col:m ~inTotal?', ({ g, m }, x: Context) => { const by = grouped(g, x), e = sum(m, x); return by && e && !namesRows(g, x.vocabulary) ? asked({ figures: [e], by: [by], order: { figure: 0, down: true } }) : null; }, -0.1),
  ...([['longest', true], ['shortest', false]] as const).map(([word, down]) => rule('clause', `~tellMe? ,? which|what|the ~be? the? $num:n? ${word} $rows|$noun|stay|stays`, ({ n }, x: Context) => { const e = rowSpan(undefined, x); return e && leadingBy(over('sum', e), down, n ?? 1, x); }, 0.4)),
  ...([['most', true], ['least|fewest', false]] as const).map(([word, down]) => rule('clause', `~tellMe? ,? which|what|who of? the? $col:g ~did|~have|$word in|up? the? ${word} $spanUnit:u ~inTotal?`, ({ g, u }, x: Context) => { const e = rowSpan(u, x); return e && ranking(g, over('sum', e), down, 1, x); }, -0.2)),
  rule('question', '~countWord of? the? $col:c ~each day', ({ c }, x: Context): Question | null => (dated(c, x) ? { figures: [allRows], by: [column(c)] } : null), -0.4),
  rule('clause', 'which|what the? $num:n? $adj:a $rows|$noun ??', ({ n, a }, x: Context) => leadingRows(a.column, a.down, n ?? 1, x), 0.1),
  rule('question', '~countWord $rset:c $qtail', ({ c }): Question => ({ figures: [allRows], by: [], where: c }), 0),
  rule('question', '~countWord $rset:c', ({ c }): Question => ({ figures: [allRows], by: [], where: c }), 0.02),
  rule('question', '~countWord $rows|$guess|$noun ~rel? ~be|~have|came|come? $cond:c', ({ c }): Question => ({ figures: [allRows], by: [], where: c }), 0),
  rule('question', '~countWord $rows|$guess|$noun ~be|~have|came|come there? $cond:c', ({ c }): Question => ({ figures: [allRows], by: [], where: c }), 0),
  rule('question', 'what|which? ~shareWord of all? the? $rows|$guess|$noun ~be|~have|get|got|were|came|come? $cond:c', ({ c }): Question => ({ figures: [shareOf(c)], by: [] }), 0),
  rule('question', 'what|which? ~shareWord of all? the? $rows|$guess|$noun ~be|~have|get|got|came from? $cond:c ~each $qbys:b', ({ c, b }): Question => ({ figures: [shareOf(c)], by: b }), 0),
  rule('question', '~countWord $qwhat:f used|sold|made|delivered|brought|charged|needed|produced', ({ f }): Question => ({ figures: [f], by: [] }), 0.1),
  rule('question', '$question:q , $qclosing:e', ({ q, e }): Question | null => (q.by.length === 0 && q.figures.length <= 1 ? { ...q, figures: [e] } : null), 0),
  rule('qclosing', '~open $qclosing:e ,? summed|added|totalled|totaled|altogether|total|in? total? up? ~close', ({ e }) => e, 0),
  rule('qclosing', '~open $qclosing:e ~close', ({ e }) => e, 0),
  rule('question', '~figureTotal $word|$unit|$guess of|for|by|in|at the? $cond:c in|as? $unit? $qclosing:e', ({ c, e }): Question => ({ figures: [e], by: [], where: c }), 0),
  rule('qclosing', '$col:a less|minus|- $col:b', ({ a, b }, x: Context) => { const [m, n] = [quantity(a, x), quantity(b, x)]; return m && n ? over('sum', op('-', m, n)) : null; }, 0),
  rule('question', 'how many|much $unit|$word did $cond:c use|used|consume|need|make|deliver|sell|produce in|over the? $word|$num? $word|$qperiod? ~inTotal? ,|: $qclosing:e', ({ c, e }): Question => ({ figures: [e], by: [], where: c }), 0),
  rule('question', 'how many|much $col did $cond:c use|used|consume|need|make|deliver|sell|produce in|over the? $word|$num? $word|$qperiod? ~inTotal? ,|: $qclosing:e', ({ c, e }): Question => ({ figures: [e], by: [], where: c }), 0),
  rule('clause', '$question:q', ({ q }) => asked(q), 0.05),
  rule('clause', '$question:q ?', ({ q }) => asked(q), -0.05),

  // Parts of the whole: 'each captain's share of the passengers'
  rule('qpart', '~shareWord of|in the? ~totalWord? $col:m', ({ m }, x: Context) => partOfAll(sum(m, x)), 0),
  rule('qpart', '~shareWord of all? the? $rows|$guess', () => partOfAll(allRows), 0.1),
  rule('question', '~tellMe? ~each $qbys:b $qpart:e', ({ b, e }): Question => ({ figures: [e], by: b }), 0.05),
  rule('question', '~tellMe? $qbys:b $qpart:e', ({ b, e }): Question => ({ figures: [e], by: b }), 0.25),
  rule('question', '~tellMe? ~shareWord of|for ~each $qbys:b in|of the? ~totalWord? $col:m', ({ b, m }, x: Context): Question | null => { const e = partOfAll(sum(m, x)); return e && !b.some((k: Expression) => k.kind === 'column' && namesRows(k.name, x.vocabulary)) ? { figures: [e], by: b } : null; }, 0.25),
  rule('question', '$qlead? ~tellMe? $qpart:e ~each $qbys:b', ({ b, e }): Question => ({ figures: [e], by: b }), 0.05),
  rule('question', '$qlead? $qpart:e did|does|do|comes|come|came|is|are|goes|went|has|have from|to|by|in|with? ~each $qbys:b ~did|$word? in?', ({ b, e }): Question => ({ figures: [e], by: b }), 0.05),
  rule('question', 'how is|are|was|were the? $col:m spread|split|divided|distributed|shared over|across|by|among|between|out? ~each? the? $qbys:b', ({ m, b }, x: Context): Question | null => { const e = sum(m, x); const p = partOfAll(e); return e && p && { figures: [e, p], by: b }; }, 0),
  rule('question', '$qfig:f ~each $qbys:b as|in a? ~percentRider|~shareWord of the? total|whole|all', ({ f, b }): Question | null => { const e = partOfAll(f); return e && { figures: [e], by: b }; }, 0),
  // One group's values as columns, and a line for all
  rule('rider', 'and|with|but|by? the? $qby:b across|sideways the|at? top|page?', ({ b }) => acrossBy(b), -0.1),
  rule('rider', 'and|with? ~each? $qby:b as|in|on|over|into the? columns|column', ({ b }) => acrossBy(b), -0.1),
  rule('rider', 'with|and? one|a|own? column|columns for|per each|every? $qby:b', ({ b }) => acrossBy(b), -0.1),
  rule('rider', 'and|, $qby:a down the? side|page|rows? and|, $qby:b across the|at? top|page?', ({ b }) => acrossBy(b), -0.1),
  rule('rider', 'and|with|plus|including|add an? grand|overall? total|totals line|row|as? well|too|at|below|underneath|in? the? bottom|end|last? line|row?', (_s, x: Context) => onQuestion('in all', (plan) => (x.head.columns.some((c) => /^totals?$/i.test(c.name)) ? null : plan.by.length && plan.figures.length ? { ...plan, inAll: true } : null)), -0.05),
  rule('rider', 'and|plus in ~inTotal|all|total', () => onQuestion('in all', (plan) => (plan.by.length && plan.figures.length ? { ...plan, inAll: true } : null)), -0.35),
  rule('rider', 'and|plus altogether|overall', () => onQuestion('in all', (plan) => (plan.by.length && plan.figures.length ? { ...plan, inAll: true } : null)), -0.1),
  rule('rider', 'on ~average', () => onQuestion('on average', (plan) => (plan.figures.length === 1 && plan.figures[0]!.as.kind === 'total' && plan.figures[0]!.as.fn === 'sum' ? averaged(plan) : null)), -0.1),
  rule('rider', 'weighted|weighed by|with|on the? $col:w', ({ w }, x: Context) => onQuestion(`weighted ${w}`, (plan) => weighed(plan, w, x)), -0.1),
  ...(['most', 'least'] as const).flatMap((way) => [
    rule('clause', `~tellMe? ,? in|on|during? which|what $qperiod:p did|do|does|was|were|has|have we|they|it|i|you? ~did|$word the? ${way === 'most' ? 'most' : 'least|fewest'} $col:m ~inTotal?`, ({ p, m }, x: Context) => { const [e, by] = [sum(m, x), period(p, null, x)]; return e && by && asked({ figures: [e], by: [by], order: { figure: 0, down: way === 'most' }, most: 1 }); }, -0.1),
  ]).flat(),
  // Rankings: 'which mechanic charged the most', 'top 3 sites by kg'
  rule('question', '$word|$metricName ~each $qbys:b ~open $ex2:e ~close', ({ b, e }): Question | null => (e.kind === 'op' ? { figures: [over('sum', e)], by: b } : null), 0.15),
  rule('question', '~shareWord of each|every $qbys:b in|as? a? percent|percentage?', ({ b }): Question => ({ figures: [op('*', op('/', allRows, { kind: 'total', fn: 'count', of: number(1), by: [], whole: true }), number(100))], by: b }), 0),
  rule('question', '~shareWord of the? $cond:c $rows|$noun|$guess', ({ c }): Question => ({ figures: [shareOf(c)], by: [] }), 0.15),
  rule('question', 'what|which? ~shareWord of all? the? $rows|$noun|$guess remained|remain|remains|stayed|stay|stays|ended|turned|got|became|went up|out|as? $cond:c', ({ c }): Question => ({ figures: [shareOf(c)], by: [] }), -0.1),
  rule('question', 'how much (money|of it|is)? ~be|~have still? outstanding|unpaid|owed|owing|open|due|missing', (_s, x: Context): Question | null => owed(x), -0.2),
  rule('question', 'how many|much $unit:u did|does|do|has|have $cond:c $word in|up|out|over? ~inTotal?', ({ u, c }, x: Context): Question | null => { const name = columnIn(u, x) ?? spanColumn(u, x), e = name === null ? null : sum(name, x); return e && { figures: [e], by: [], where: c }; }, 0.05),
  rule('question', '~shareWord of all? the? $rows|$noun|$guess ~rel|~have|with|in|from? ~be? $cond:c', ({ c }): Question => ({ figures: [shareOf(c)], by: [] }), 0.15),
  rule('question', 'what|which? ~shareWord of all? the? $rows|$noun|$guess has|have|had|is|are|was|were been? $col:c', ({ c }): Question => ({ figures: [shareOf({ kind: 'not', of: { kind: 'empty', of: column(c) } })], by: [] }), 0.3),
  rule('question', 'how much|many did|does|has|have $cond:c $col:m ~inTotal?', ({ m, c }, x: Context): Question | null => { const e = sum(m, x); return e && { figures: [e], by: [], where: c }; }, 0),
  rule('question', '~countWord of? them|those|these|$rows|$noun $cond:c', ({ c }): Question => ({ figures: [allRows], by: [], where: c }), 0.1),
  rule('question', '~countWord $yesno:y ~each $qbys:b', ({ y, b }): Question | null => (y.yes.length ? { figures: [allRows], by: b, where: { kind: 'among', of: column(y.column), texts: y.yes } } : null), 0),
  rule('question', '~countWord of? ~each $qbys:b', ({ b }): Question => ({ figures: [allRows], by: b }), 0.05),
  rule('question', 'list|what|which all? are? all? the? ~distinctWord? $col:c are? there?', ({ c }, x: Context): Question | null => { const g = grouped(c, x); return g && { figures: [], by: [g] }; }, 0.4),
  rule('question', 'the? $col:m per|by|for each|every? $qbys:b', ({ m, b }, x: Context): Question | null => { const e = sum(m, x); return e && b.every((k: Expression) => k.kind === 'column' && columnOf(x.head, k.name).type === 'text' && quantity(k.name, x) === null) ? { figures: [e], by: b } : null; }, 0.45),
  rule('question', '$col:m ~each $qbys:b ~inTotal', ({ m, b }, x: Context): Question | null => { const e = sum(m, x); return e && { figures: [e], by: b }; }, -0.1),
  rule('question', 'who $col:b how many $rows|$guess|$noun', ({ b }, x: Context) => { const g = grouped(b, x); return g && { figures: [allRows], by: [g] }; }, 0),
  rule('question', 'how many|much $col:m has|have|had|did|does|do $cond:c $word ~inTotal?', ({ m, c }, x: Context) => { const e = sum(m, x); return e && { figures: [e], by: [], where: c }; }, 0.1),
  rule('question', 'how many|much $guess|$rows did|do|does|has|have|had ~each $qbys:b $col:m ~inTotal?', ({ b, m }, x: Context) => { const e = sum(m, x); return e && { figures: [e], by: b }; }, -0.3),
  rule('question', 'how many|much $guess|$rows did|do|does|has|have|had|was|were we|they|you? $col:m ~inTotal? ~each $qbys:b', ({ b, m }, x: Context) => { const e = sum(m, x); return e && { figures: [e], by: b }; }, -0.2),
  rule('question', 'how many|much $guess|$rows did|do|does|was|were we|they|you? $col:m ~inTotal?', ({ m }, x: Context) => { const e = sum(m, x); return e && { figures: [e], by: [] }; }, -0.2),
  rule('clause', '~tellMe? ,? which|what of? the? $num:n? $col:g $col:m the? most $guess|$rows ~inTotal?', ({ n, g, m }, x: Context) => ranking(g, sum(m, x), true, n ?? 1, x), -0.1),
  rule('clause', '~tellMe? ,? which|what of? the? $num:n? $col:g $col:m the? fewest|least $guess|$rows ~inTotal?', ({ n, g, m }, x: Context) => ranking(g, sum(m, x), false, n ?? 1, x), -0.1),
  rule('clause', '~tellMe? ,? which|what of? the? $col:g $word? the? most $col:m ~inTotal?', ({ g, m }, x: Context) => ranking(g, sum(m, x), true, 1, x), 0),
  rule('clause', '~tellMe? ,? which|what of? the? $col:g $col:m the? most money|of? ~inTotal?', ({ g, m }, x: Context) => ranking(g, sum(m, x), true, 1, x), 0),
  // 'which month has the highest turnover, going by guests times price'
  ...(['most', 'least'] as const).map((way) => rule('clause', `~tellMe? ,? in|on|at|by|for? which|what $qby:b ~did|~be the? ${way === 'most' ? '~highest' : '~lowest'} $word|$metricName|$col ,|:|– (going|judged|judging|measured|taken|counted|calculated by|as|from)? (that|which is|means)? $ex2:e`, ({ b, e }) => (e.kind === 'op' ? asked({ figures: [over('sum', e)], by: [b], order: { figure: 0, down: way === 'most' }, most: 1 }) : null), -0.1)).flat(),
  // 'which class has the most pupils', 'which weekday has the most parcels': rows are counted
  ...(['most', 'least'] as const).flatMap((way) => [
    rule('clause', `~tellMe? ,? in|on|at|by|for? which|what $qby:b ~did|~be|$word the? ${way === 'most' ? 'most|highest' : 'least|fewest|lowest'} $rowsCounted ~inTotal?`, ({ b }) => asked({ figures: [allRows], by: [b], order: { figure: 0, down: way === 'most' }, most: 1 }), 0.1),
    rule('clause', `who $col:g the? ${way === 'most' ? 'most' : 'least|fewest'} $rowsCounted ~inTotal?`, ({ g }, x: Context) => ranking(g, allRows, way === 'most', 1, x), 0),
    rule('clause', `~tellMe? ,? which|what|who $col:g? ~did|~be|$word:w the? ${way === 'most' ? 'most' : 'least|fewest'} ^$unit:u ~inTotal?`, ({ g, w, u }, x: Context) => { if (w !== undefined && x.head.columns.some((h) => h.name.toLowerCase().split(/\s+/).some((p) => stem(p) === stem(w)))) return null; const c = columnIn(u, x); const by = (g as string | undefined) ?? personColumn(x); return c && by ? ranking(by, sum(c, x), way === 'most', 1, x) : null; }, 0.1),
  ]).flat(),
  // 'the most common site', 'which site is the most common'
  rule('clause', '~tellMe? ,? which|what $qby:b ~did|~be|$word the? ~commonest one|of? (of? all|them)?', ({ b }) => asked({ figures: [allRows], by: [b], order: { figure: 0, down: true }, most: 1 }), 0),
  rule('clause', '~tellMe? ,? what|which|whats? ~be? the? ~commonest $col:c', ({ c }, x: Context) => ranking(c, allRows, true, 1, x), 0.1),
  // 'which customer spent the most': money, where only one column is that
  ...(['most', 'least'] as const).map((way) => rule('clause', `~tellMe? ,? who|which|what of? the? $num:n? ^$qby:b spent|spends|earned|earns|paid|pays|made|makes|took|takes|brought|brings|cost|costs|bought|sold|owes|grossed|gave|donated in? the? ${way} money? in? with|for? us? ~inTotal?`, ({ b, n }, x: Context) => { const m = moneyColumn(x) ?? soldFor(x), e = m === null ? null : sum(m, x); return e && asked({ figures: [e], by: [b], order: { figure: 0, down: way === 'most' }, most: n ?? 1 }); }, 0)).flat(),
  rule('clause', '~tellMe? ,? in|on|at|by|for? which|what $qby:b ~be the? busiest|fullest $rowsCounted?', ({ b }) => asked({ figures: [allRows], by: [b], order: { figure: 0, down: true }, most: 1 }), 0.1),
  rule('clause', '~tellMe? ,? in|on|at|by|for? which|what $qby:b ~be the? quietest|emptiest $rowsCounted?', ({ b }) => asked({ figures: [allRows], by: [b], order: { figure: 0, down: false }, most: 1 }), 0.1),
  rule('rowsCounted', '$rows:r', ({ r }) => (r === 'people' ? null : true), 0),
  rule('rowsCounted', '$noun', () => true, 0),
  // 'People' may be what a column counts.
  rule('rowsCounted', '$guess:g', ({ g }) => (g === 'people' ? null : true), 0),
  // Where every value is another one, counting them is counting rows.
  rule('rowsCounted', '$col:c', ({ c }, x: Context) => (columnOf(x.head, c).type === 'text' && quantity(c, x) === null && !groupable(c, x) ? true : null), 0.1),
  // 'Does any bill number come twice?': the values that several rows have
  rule('clause', "does|do|did|has|have|are|is|can there? any|some|the? same? ^$col:c numbers|number|values|ones? that|which? occur|occurs|come|comes|appear|appears|stand|stands|exist|exists|turn|turns|repeat|given|used|been? up? used|given? twice|double|doubled|repeated|duplicated|several|more than? once|times?", ({ c }) => asked({ figures: [allRows], by: [column(c)], where: { kind: 'compare', op: '>', left: rowsCounted([c]), right: number(1) } }), 0),
  rule('clause', '~tellMe? which|what ^$col:c numbers|number|values|ones? occur|occurs|come|comes|appear|appears|stand|stands|exist|exists|is|are up? twice|double|doubled|repeated|duplicated|several|more than? once|times?', ({ c }) => asked({ figures: [allRows], by: [column(c)], where: { kind: 'compare', op: '>', left: rowsCounted([c]), right: number(1) } }), 0),
  // 'who has been here more than once': groups of several rows
  rule('severalTimes', 'more than once|1', () => 1, 0),
  rule('severalTimes', 'more than twice', () => 2, 0),
  rule('severalTimes', 'twice or more|oftener', () => 1, 0),
  rule('severalTimes', 'more than one time|$rowsCounted', () => 1, 0),
  rule('severalTimes', 'several|multiple|repeated times|$rowsCounted', () => 1, 0),
  rule('severalTimes', '~more $num:n times|$rowsCounted', ({ n }) => n, 0),
  rule('severalTimes', '~least $num:n times|$rowsCounted', ({ n }) => n - 1, 0),
  rule('question', '~tellMe? which|what $col:g $word|~did|~have|~be $word|here|there? $severalTimes:n', ({ g, n }, x: Context): Question | null => oftener(g, n, x), 0),
  rule('question', '~tellMe? who $word|~did|~have|~be $word? here|there|in? $severalTimes:n', ({ n }, x: Context): Question | null => { const g = personColumn(x); return g === null ? null : oftener(g, n, x); }, 0.1),
  rule('question', '~tellMe? all? the? $col:g ~rel $word|~did|~have|~be $word? here|there|in? $severalTimes:n', ({ g, n }, x: Context): Question | null => oftener(g, n, x), 0.1),
  rule('question', '$col:g ~be|~have? $word $severalTimes:n', ({ g, n }, x: Context): Question | null => oftener(g, n, x), 0.2),
  rule('question', 'who $col:g $severalTimes:n', ({ g, n }, x: Context): Question | null => oftener(g, n, x), 0),
  rule('clause', '~tellMe? ,? which|what of? the? $num:n $col:g $word? the? most $col:m ~inTotal?', ({ n, g, m }, x: Context) => ranking(g, sum(m, x), true, n, x), 0),
  // 'the three donors with the highest total': groups, not rows
  rule('clause', '~tellMe|~keep? the? $num:n $col:g with|having the? ~highest|most total|sum|amount|overall|altogether? $col:m? ~inTotal?', ({ n, g, m }, x: Context) => { const name = (m as string | undefined) ?? moneyColumn(x); return name !== null && repeats(g, x) ? ranking(g, sum(name, x), true, n, x) : null; }, -0.4),
  // 'how much did we get per campaign': of the one column of money
  rule('question', 'how much did|do|does|have|has we|they|you|it|he|she? get|take|earn|receive|make|raise|collect|bring|got|taken|earned|received|made|raised|collected in|together? ~each $qbys:b ~inTotal?', ({ b }, x: Context): Question | null => { const name = moneyColumn(x); const e = name === null ? null : sum(name, x); return e && { figures: [e], by: b }; }, 0),
  rule('question', 'what did|do|does|have|has we|they|you|it|he|she? get|take|earn|receive|make|raise|collect|bring|got|taken|earned|received|made|raised|collected in|together? ~each $qbys:b ~inTotal?', ({ b }, x: Context): Question | null => { const name = moneyColumn(x); const e = name === null ? null : sum(name, x); return e && { figures: [e], by: b }; }, 0),
  rule('question', 'how much did|do|does|have|has we|they|you|it? get|take|earn|receive|make|raise|collect|bring|got|taken|earned|received|made|raised|collected in|together? ~inTotal?', (_s, x: Context): Question | null => { const name = moneyColumn(x); const e = name === null ? null : sum(name, x); return e && { figures: [e], by: [] }; }, 0.2),
  rule('question', 'what did|do|does|have|has we|they|you|it? get|take|earn|receive|make|raise|collect|bring|got|taken|earned|received|made|raised|collected in|together? ~inTotal?', (_s, x: Context): Question | null => { const name = moneyColumn(x); const e = name === null ? null : sum(name, x); return e && { figures: [e], by: [] }; }, 0.2),
  rule('col', 'money|income|earnings|proceeds', (_s, x: Context) => moneyColumn(x), 0.3),
  ...(['most', 'least'] as const).flatMap((way) => [
    rule('clause', `~tellMe? ,? who ~did|$word|$col? the? ${way === 'most' ? 'most' : 'least|fewest'} $col:m ~inTotal?`, ({ m }, x: Context) => { const g = whoColumn(x); return g && ranking(g, sum(m, x), way === 'most', 1, x); }, 0),
    rule('clause', `~tellMe? ,? who has|have|had the? ${way === 'most' ? 'most' : 'least|fewest'} $rows|$noun|$guess ~inTotal?`, (_s, x: Context) => { const g = personColumn(x); return g && ranking(g, allRows, way === 'most', 1, x); }, 0.1),
    rule('clause', `~tellMe? ,? who $word:w the? ${way === 'most' ? 'most' : 'least|fewest'} $rows|$noun|$guess ~inTotal?`, ({ w }, x: Context) => { const g = doerOf(w, x); return g && ranking(g, allRows, way === 'most', 1, x); }, -0.4),
    rule('clause', `~tellMe? ,? who $word:w the? ${way === 'most' ? 'most' : 'least|fewest'} $col:m ~inTotal?`, ({ w, m }, x: Context) => { const g = doerOf(w, x); return g && ranking(g, sum(m, x), way === 'most', 1, x); }, -0.4),
    rule('clause', `~tellMe? ,? who ~did|$word the? ${way === 'most' ? 'most' : 'least|fewest'} $rows|$noun|$guess ~inTotal?`, (_s, x: Context) => { const g = whoColumn(x); return g && ranking(g, allRows, way === 'most', 1, x); }, 0.2),
    rule('clause', `~tellMe? ,? which|what|who of? the? $col:g ~did|$word the? ${way === 'most' ? 'most|highest' : 'least|fewest|lowest'} $ex2:e`, ({ g, e }, x: Context) => (e.kind === 'op' && e.op === '/' ? ranking(g, op('/', over('sum', e.left), over('sum', e.right)), way === 'most', 1, x) : null), -0.2),
    rule('clause', `~tellMe? ,? which|what of? the? $num:n? $col:g ~did the? ${way === 'most' ? 'most|highest' : 'least|fewest|lowest'} $col:m ~inTotal?`, ({ n, g, m }, x: Context) => ranking(g, sum(m, x), way === 'most', n ?? 1, x), -0.05),
    rule('clause', `~tellMe? ,? on|at|in|by|for? which|what $col:g did|do|does|was|were|has|have we|they|it|i|you? ~did|$word the? ${way === 'most' ? 'most' : 'least|fewest'} $col:m ~inTotal?`, ({ g, m }, x: Context) => rankingOf(g, sum(m, x), way === 'most', x), -0.1),
  ]).flat(),
  rule('clause', '~tellMe? ,? which|what of? the? $col:g $word? the? least|fewest $col:m ~inTotal?', ({ g, m }, x: Context) => ranking(g, sum(m, x), false, 1, x), 0),
  rule('clause', '~tellMe? ,? which|what of? the? $col:g has|had|have|got|with|is|was the? ~highest|most $rows|$guess', ({ g }, x: Context) => ranking(g, allRows, true, 1, x), 0.05),
  rule('clause', '~tellMe? ,? which|what of? the? $col:g has|had|have|got|with|is|was the? ~highest $qfig:f $perRow?', ({ g, f }, x: Context) => ranking(g, f, true, 1, x), 0),
  rule('clause', '~tellMe? ,? which|what of? the? $col:g has|had|have|got|with|is|was the? ~lowest $qfig:f $perRow?', ({ g, f }, x: Context) => ranking(g, f, false, 1, x), 0),
  rule('clause', '~tellMe? ,? which|what of? the? $col:g has|had|have|got|with|is|was the? ~highest $col:m on|by|in|as|at an|the? ~average', ({ g, m }, x: Context) => { const e = quantity(m, x); return e && ranking(g, over('mean', e), true, 1, x); }, -0.3),
  rule('clause', '~tellMe? ,? which|what of? the? $col:g has|had|have|got|with|is|was the? ~lowest $col:m on|by|in|as|at an|the? ~average', ({ g, m }, x: Context) => { const e = quantity(m, x); return e && ranking(g, over('mean', e), false, 1, x); }, -0.3),
  rule('shareSum', '~shareWord of? all? the? ~totalWord? $col:m $wentTo $cond:c', ({ m, c }, x: Context) => { const e = quantity(m, x); return e && op('*', op('/', over('sum', { kind: 'choose', cases: [{ when: c, then: e }], otherwise: number(0) }), over('sum', e)), number(100)); }, 0),
  rule('question', 'what|which? $shareSum:e', ({ e }): Question => ({ figures: [e], by: [] }), -0.2),
  rule('wentTo', 'went|goes|go|fell|falls|belongs|belong|is|was due? to', () => true, 0),
  rule('wentTo', 'came|comes|come|is|was|were|are from|in|at|with|by|for|on|made|spent by|from|on|in|at|for?', () => true, 0),
  rule('wentTo', 'did|does|do', () => true, 0.1),
  rule('wentTo', 'of|for|in|at|from', () => true, 0.2),
  rule('perRow', 'of|for|in a|an|the|one|each $rows|$noun', () => true, 0),
  rule('perRow', '~each $rows|$noun|$guess', () => true, 0),
  rule('clause', '~tellMe? the? top|best|first $num:n $col:g by|on|according in|to? $qfig:f', ({ n, g, f }, x: Context) => (namesRows(g, x.vocabulary) ? null : ranking(g, f, true, n, x)), 0),
  rule('clause', '~tellMe? the? top|best $num:n $col:g by|on|according in|to? $col:m', ({ n, g, m }, x: Context) => (namesRows(g, x.vocabulary) ? null : ranking(g, sum(m, x), true, n, x)), 0.1),
  rule('clause', '~tellMe? the? bottom|worst|last $num:n $col:g by|on|according in|to? $col:m', ({ n, g, m }, x: Context) => ranking(g, sum(m, x), false, n, x), 0.1),

  // 'which volunteers have no phone number'
  rule('question', '~tellMe? which|what|who of? the? ^$col:g ~rel? ~be|~have? $cond:c', ({ g, c }, x: Context): Question | null => (columnOf(x.head, g).type === 'text' && !(c.kind === 'not' && repeats(g, x)) && quantity(g, x) === null && !dated(g, x) && !columnsOf(c).includes(g) ? { figures: [], by: [column(g)], where: c } : null), 0.2),
  // 'Which client has not paid anything': in none of its rows
  rule('question', '~tellMe? which|what|who of? the? ^$col:g ~rel? ~have|did ~not|never ever? ^$col:c anything|ever|once yet?', ({ g, c }, x: Context): Question | null => neverFilled(g, c, x), -0.1),
  rule('question', '~tellMe? which|what|who of? the? ^$col:g ~rel? ~have|did never ever? ^$col:c', ({ g, c }, x: Context): Question | null => neverFilled(g, c, x), -0.1),
  rule('question', '~tellMe? which|what|who of? the? ^$col:g ~rel? ~have|did ^$col:c nothing yet|ever?', ({ g, c }, x: Context): Question | null => neverFilled(g, c, x), -0.1),
  // 'What did Harrow Bakery spend altogether?'
  rule('question', 'what|how much? money|of? did|does|do|has|have $values:v spend|spent|pay|paid|cost|bring|brought|earn|earned|owe|make|made us|in|out? in? ~inTotal?', ({ v }, x: Context): Question | null => {
    const m = moneyColumn(x) ?? pricedColumn(x), e = m && sum(m, x);
    return e ? { figures: [e], by: [], where: { kind: 'among', of: column(v[0].column), texts: v.map((o: { text: string }) => o.text) } } : null;
  }, 0.1),
  // 'What did we pay in tariffs altogether?'
  rule('question', 'what|how much? money|of? did|do|does|have|has we|they|you|i|it|he|she|everyone|everybody|anyone|people pay|paid|spend|spent|get|got|earn|earned|take|taken|collect|collected|raise|raised|receive|received|lose|lost in|for|on|from|as|out of? the? ^$col:m ~inTotal?', ({ m }, x: Context): Question | null => { const e = sum(m, x); return e ? { figures: [e], by: [] } : null; }, -0.1),
  rule('clause', '~tellMe? the? busiest|fullest $qperiod:p', ({ p }, x: Context) => { const b = period(p, rowDate(x), x); return b && asked({ figures: [allRows], by: [b], order: { figure: 0, down: true }, most: 1 }); }, 0.1),
  // 'When was the last spot of each client'
  ...([['last|latest|newest', 'highest'], ['first|earliest|oldest', 'lowest']] as const).flatMap(([words, fn]) => [
    rule('question', `~tellMe? when was|were|is|did|are the? most? ${words}|recent $rows|$noun|$guess? (was|were|came|took place)? ~each $qbys:b`, ({ b }, x: Context): Question | null => { const d = rowDate(x); return d === null ? null : { figures: [over(fn, column(d))], by: b }; }, -0.1),
    rule('question', `~tellMe? when was|were|is|did|are the? most? ${words}|recent $rows|$noun|$guess? of|for|by|from|at|in ~each $col:b`, ({ b }, x: Context): Question | null => { const d = rowDate(x), g = grouped(b, x); return d === null || !g ? null : { figures: [over(fn, column(d))], by: [g] }; }, -0.1),
    rule('question', `~tellMe? when did|has ~each $col:b ${words} $word`, ({ b }, x: Context): Question | null => { const d = rowDate(x), g = grouped(b, x); return d === null || !g ? null : { figures: [over(fn, column(d))], by: [g] }; }, 0),
  ]).flat(),
  rule('question', "who $cond:c ?", ({ c }, x: Context): Question | null => { const g = personColumn(x); return g && !columnsOf(c).includes(g) ? { figures: [], by: [column(g)], where: c } : null; }, 0.1),
  rule('question', 'is|are there|we|they any|some $rows|$noun|$guess ~rel|~withA? ~be? $cond:c', ({ c }): Question => ({ figures: [allRows], by: [], where: c }), 0.1),
  // 'how many are open, done and cancelled': each of them
  rule('eachOf', '$value:a and $value:b', ({ a, b }) => (a.column === b.column && a.text !== b.text ? [a, b] : null), 0),
  rule('eachOf', '$value:a ,|and $eachOf:r', ({ a, r }) => (r[0].column === a.column && !r.some((o: { text: string }) => o.text === a.text) ? [a, ...r] : null), 0),
  rule('question', '~countWord $rows|$guess|$noun ~be|~have|~did? $eachOf:v', ({ v }): Question => ({ figures: [allRows], by: [column(v[0].column)], where: { kind: 'among', of: column(v[0].column), texts: v.map((o: { text: string }) => o.text) } }), -0.15),
  // 'Lowest and highest tariff per pallet': of each row
  rule('question', '~tellMe? the? $sameFigures:f $col:m per|for|a each|every|single|one? ^$col:c', ({ m, f, c }, x: Context) => { const e = quantity(m, x), n = quantity(c, x); return e && n && m !== c && f.length > 1 ? { figures: f.map((fn: Fn) => over(fn, op('/', e, n))), by: [] } : null; }, -0.3),
  rule('question', '$sameFigures:f $col:m', ({ m, f }, x: Context) => { const e = quantity(m, x); return e && f.length > 1 ? { figures: f.map((fn: Fn) => over(fn, e)), by: [] } : null; }, 0.2),
  rule('question', '$qlead the? $sameFigures:f $col:m', ({ m, f }, x: Context) => { const e = quantity(m, x); return e && f.length > 1 ? { figures: f.map((fn: Fn) => over(fn, e)), by: [] } : null; }, -0.1),
  rule('question', '$qlead the? $sameFigures:f $col:m ~each $qbys:b', ({ m, b, f }, x: Context) => { const e = quantity(m, x); return e && f.length > 1 ? { figures: f.map((fn: Fn) => over(fn, e)), by: b } : null; }, -0.1),
  // 'bacteria per village: lowest, average and highest'
  rule('sameFigures', '$sameFigure:f', ({ f }) => [f], 0),
  rule('sameFigures', '$sameFigure:f ~list $sameFigures:r', ({ f, r }) => (r.includes(f) ? null : [f, ...r]), 0),
  rule('sameFigure', '~spreadWord', () => 'spread', 0),
  rule('question', '$col:m ~each $qbys:b :|,|–|- the|its? $sameFigures:f', ({ m, b, f }, x: Context) => { const e = quantity(m, x); return e && f.length > 1 ? { figures: f.map((fn: Fn) => over(fn, e)), by: b } : null; }, -0.1),
  rule('question', '~tellMe? the? $sameFigures:f of|for|in the? $col:m ~each $qbys:b', ({ m, b, f }, x: Context) => { const e = quantity(m, x); return e && f.length > 1 ? { figures: f.map((fn: Fn) => over(fn, e)), by: b } : null; }, 0),
  rule('question', '~tellMe? the? $sameFigures:f of|for|in the? $col:m', ({ m, f }, x: Context) => { const e = quantity(m, x); return e && f.length > 1 ? { figures: f.map((fn: Fn) => over(fn, e)), by: [] } : null; }, 0),
  rule('qfigs', '$sameFigure:f $col:m and|plus|, the|its? $sameFigure:g of? it|that|them?', ({ f, g, m }, x: Context) => { const e = quantity(m, x); return e && f !== g ? [over(f, e), over(g, e)] : null; }, 0),
  // 'how long did results take on average per lab, in days'
  rule('question', 'how long did|does|do|was|were|is|are ~each|the|a? $rows|$noun|$guess|$col|$word|it|they ~lasted $whereabouts? on ~average ~each? $qbys:b? ,? (in $spanUnit:u)?', ({ b, u }, x: Context): Question | null => { const e = rowSpan(u, x); return e && { figures: [over('mean', e)], by: b ?? [] }; }, -0.1),
  // 'compare north with south: juice and cost'
  rule('question', 'compare $value:a with|to|and|against|versus|vs $value:b ,|: $cols:m', ({ a, b, m }, x: Context) => compared([a, b], m.map((name: string) => sum(name, x))), 0),
  rule('question', 'compare $value:a with|to|and|against|versus|vs $value:b ,|: $qfigs:f', ({ a, b, f }) => compared([a, b], f), 0),
  rule('question', 'compare $qfigs:f of|for|between|in|at $value:a with|to|and|against|versus|vs $value:b', ({ a, b, f }) => compared([a, b], f), -0.2),
  rule('question', 'compare $value:a with|to|and|against|versus|vs $value:b by|on|in|for $qfigs:f', ({ a, b, f }) => compared([a, b], f), -0.1),

  // Riders
  rule('rider', 'the? one|ones|amount|amounts|$rows? ~brackets ~be ~negative', () => onQuestion('negative', (plan) => plan), 0),
  rule('rider', 'so|thus|and? it|that|they? counts|count|is|are as? ~negative', () => onQuestion('negative', (plan) => plan), 0),
  rule('rider', 'and? only? for|where|if|when there? ~be $col:c ?|.|,? ~open $values:v or ~blankWord means|mean|is|are|stands|counts|= $remark|$noneOf ~close', ({ c, v }) => onQuestion(`none ${c} ${keyOf(v)}`, (plan) => {
    const here: Condition = all([{ kind: 'not', of: { kind: 'empty', of: column(c) } }, { kind: 'not', of: { kind: 'among', of: column(c), texts: v.map((o: { text: string }) => o.text) } }]);
    return v.every((o: { column: string }) => o.column === c) ? { ...plan, where: plan.where ? all([plan.where, here]) : here } : null;
  }), 0),
  rule('noneOf', 'no|none of|the? $col', () => true, 0),
  rule('rider', 'as|in|rounded? to? a? whole|full percent|percents|percentage|percentages|% number|figure?', () => onQuestion('whole percent', (plan) => (plan.figures.every((f) => isShare(f.as)) ? { ...plan, figures: plan.figures.map((f) => ({ ...f, as: rounded(f.as, 0, 'nearest') })) } : null)), 0),
  rule('rider', '~percentRider', () => onQuestion('percent', (plan) => (plan.figures.every((f) => isShare(f.as)) ? plan : null)), 0),
  rule('rider', '~keepOnly? the? top|first|best $num:n only?', ({ n }) => onQuestion(`top ${n}`, (plan) => (plan.by.length && n > 0 ? { ...(ordered(plan, plan.order?.down ?? true) ?? plan), most: n } : null)), 0),
  rule('rider', 'and|but? what? if we|i|you only|just count|take|look|include|consider at? those|ones|$rows|$noun? ~rel? ~be? $cond:c ??', ({ c }) => onlyWhere(c), -0.2),
  rule('rider', 'and|but? what? if we|i|you count|take|look|include|consider at? only|just those|ones|$rows|$noun? ~rel? ~be? $cond:c ??', ({ c }) => onlyWhere(c), -0.2),
  rule('rider', 'and? restrict|limit|narrow|filter|reduce|confine it|that|this|them|these|those? down? to only? the? $rset:c', ({ c }) => onlyWhere(c), -0.5),
  rule('rider', 'and? summed|added|totalled|totaled|summarised|aggregated up?', () => onQuestion('summed', (plan) => (plan.figures.some((f) => f.as.kind === 'total' && f.as.fn === 'sum') ? plan : null)), 0),
  rule('rider', 'and? sorted|ordered|ranked by? (it|that|them)? ~descending', () => onQuestion('down', (plan) => ordered(plan, true)), -0.1),
  rule('rider', 'and? sorted|ordered|ranked by? (it|that|them)? ~ascending', () => onQuestion('up', (plan) => ordered(plan, false)), -0.1),
  rule('rider', '~justOne', () => onQuestion('one', (plan) => (plan.order ? { ...plan, most: 1 } : null)), 0),
  rule('rider', '~descending', () => onQuestion('down', (plan) => ordered(plan, true)), 0),
  rule('rider', '~ascending', () => onQuestion('up', (plan) => ordered(plan, false)), 0),
  rule('rider', '~highest $col:c first|on? top?', ({ c }) => onQuestion(`most ${c}`, (plan) => orderedBy(plan, c, true)), 0),
  rule('rider', '~lowest|least $col:c first|on? top?', ({ c }) => onQuestion(`least ${c}`, (plan) => orderedBy(plan, c, false)), 0),
  rule('rider', '~highest $word|$guess first|on? top?', () => onQuestion('down', (plan) => (plan.figures.length === 1 ? ordered(plan, true) : null)), 0.1),
  rule('rider', '~highest ~figureTotal|$word first', () => onQuestion('down', (plan) => ordered(plan, true)), 0.05),
  rule('rider', '~lowest ~figureTotal|$word first', () => onQuestion('up', (plan) => ordered(plan, false)), 0.05),
  rule('rider', '~round? $places:p', ({ p }) => onQuestion(`round ${p}`, (plan) => (p >= 0 && p <= 12 && !plan.figures.every((f) => counts(f.as)) ? { ...plan, figures: plan.figures.map((f) => (counts(f.as) ? f : { ...f, as: rounded(f.as, p, 'nearest') })) } : null)), 0),
  rule('rider', 'and? only? for|where|if|when|of|with|in|among only? the? $rset:c', ({ c }) => onlyWhere(c), 0.1),
  rule('omitting', 'not counting|including', () => true, 0),
  rule('omitting', 'without|excluding|ignoring|disregarding|except|omitting|skipping', () => true, 0.05),
  rule('rider', '$omitting $rset:c', ({ c }) => onQuestion(`without ${keyOf(c)}`, (plan) => (impliedLeft(plan, c) ? plan : { ...plan, where: plan.where ? all([plan.where, { kind: 'not', of: c }]) : { kind: 'not', of: c } })), -0.1),
  rule('rider', 'leave|leaving out|aside $rset:c', ({ c }) => onQuestion(`without ${keyOf(c)}`, (plan) => (impliedLeft(plan, c) ? plan : { ...plan, where: plan.where ? all([plan.where, { kind: 'not', of: c }]) : { kind: 'not', of: c } })), 0),
  rule('rider', 'leave|leaving out|aside the|those|all? $rows|$guess|ones|those without one|any|it|a|an $word?', () => onQuestion('blanks left out', (plan) => plan), -0.1),
  rule('rider', 'only|just where|if|when there ~be one|any|some|a|an $word?', () => onQuestion('blanks left out', (plan) => (plan.figures.some((f) => f.as.kind === 'total' || f.as.kind === 'round') ? plan : null)), 0),
  rule('rider', 'over|across|for|in the? whole|entire|all $word|$rows', () => onQuestion('all', (plan) => plan), 0.1),
  rule('sameFigure', '~average', () => 'mean', 0),
  rule('sameFigure', 'median', () => 'median', 0),
  rule('sameFigure', '~figureTotal', () => 'sum', 0),
  rule('sameFigure', '~highest|maximum|max one|value|figure?', () => 'highest', 0),
  // 'In kilos': a figure over a column whose name tells another unit
  rule('rider', 'in|as|shown|given in? $unit:u', ({ u }) => onQuestion(`in ${u}`, (plan) => { const made = plan.figures.map((f) => inUnit(f.as, u)); return made.some((e) => e !== null) ? { ...plan, figures: plan.figures.map((f, i) => (made[i] ? { name: inUnitNamed(f.name, u), as: made[i]! } : f)) } : null; }), 0),
  rule('sameFigure', '~lowest|minimum|min one|value|figure?', () => 'lowest', 0),
  rule('rider', 'and|plus|also|add the? $sameFigure:f as|too|also? well|too?', ({ f }) => alsoFigure(f), 0.1),
  rule('rider', 'the? $sameFigure:f instead|rather', ({ f }) => otherFigure(f), 0),
  rule('rider', 'now|but|and? only|just the? $rset:c', ({ c }) => onlyWhere(c), 0),
  rule('rider', 'and? only|just counting|taking|considering|including|using|over|among|looking at? the? $rset:c', ({ c }) => onlyWhere(c), -0.1),
  rule('rider', 'and? restrict|limit|reduce|narrow it|that|this|them down? to the? $rset:c', ({ c }) => onlyWhere(c), -0.2),
  rule('rider', 'the? $sameFigure:f as|too|also well?', ({ f }) => alsoFigure(f), 0.1),
  rule('rider', 'and? for|with|in|of only? the? $rset:c only|alone', ({ c }) => onlyWhere(c), 0),
  rule('rider', '~add|~tellMe and|also? the? $qfigs:f $perRow? (next|beside to? it|that|them)? as|too|also? well?', ({ f }) => moreFigures(f), 0.05),
  rule('rider', 'the? $qfigs:f $perRow? as ^well', ({ f }) => moreFigures(f), 0.05),
  rule('rider', 'the? $qfigs:f $perRow? too|also', ({ f }) => moreFigures(f), 0.05),
  // 'And the takings too': the same figure of another column
  rule('rider', 'and|plus|also the? $col:c too|also|as well?', ({ c }, x: Context) => likeFigure(c, x), 0.1),
  rule('rider', 'and|plus|also the? $qfigs:f $perRow? as|too|also? well?', ({ f }) => moreFigures(f), 0.1),
  rule('rider', 'and? next|beside|besides|alongside to? it|that|them|this ,|:? show|add|put|have|want? the? $qfigs:f', ({ f }) => moreFigures(f), -0.1),
  rule('rider', 'and|plus|also|then? show|add|put? the? $qfigs:f $perRow? next|beside|besides|alongside to? it|that|them|this', ({ f }) => moreFigures(f), 0),
  rule('rider', 'and|now? ~each $qbys:b instead?', ({ b }) => regrouped(b), 0.05),
  rule('rider', 'and|also|now? ~each $qbys:b as|too|also well?', ({ b }) => dividedBy(b), -0.1),
  rule('rider', 'and|now? also|additionally|further ~each $qbys:b', ({ b }) => dividedBy(b), -0.1),
  rule('rider', 'and|now|please? split|break|divide|cut|show it|that|this|them|those up|down|out? by|per|into|for each? $qbys:b', ({ b }) => dividedBy(b), -0.2),
].flat();

/** The values of a group as columns: one that was asked for already, or one more. */
const acrossBy = (as: Expression): Act => onQuestion(`across ${keyOf(as)}`, (plan) => {
  const by = plan.by.filter((b) => keyOf(b.as) !== keyOf(as));
  return plan.figures.length === 1 && by.length && !plan.across ? { ...plan, by, across: groupOf(as) } : null;
});

/** The figure of the question before, of one more column. */
function likeFigure(name: string, x: Context): Act | null {
  const e = quantity(name, x);
  const act = e && onQuestion(`like ${name}`, (plan) => {
    const last = plan.figures.at(-1)?.as, of = last?.kind === 'round' ? last.of : last;
    if (of?.kind !== 'total' || of.fn === 'count' || of.fn === 'distinct' || columnsOf(of).includes(name)) return null;
    const as = over(of.fn, e);
    return { ...plan, figures: [...plan.figures, ...uniquely([last!.kind === 'round' ? { ...last!, of: as } : as], [...plan.by, ...plan.figures].map((f) => f.name))] };
  });
  return act && { key: act.key, apply: (state) => (state.amends ? act.apply(state) : null) };
}

/** The mean instead of the sum. */
function averaged(plan: AskPlan): AskPlan {
  const [first] = plan.figures;
  const total = first!.as as Extract<Expression, { kind: 'total' }>;
  const figures = uniquely([over('mean', total.of)], plan.by.map((b) => b.name));
  return { ...plan, figures, ...(plan.order?.name === first!.name ? { order: { ...plan.order, name: figures[0]!.name } } : {}) };
}

/** A mean in which each row counts as much as another column says. */
function weighed(plan: AskPlan, weight: string, x: Context): AskPlan | null {
  const [first, ...more] = plan.figures;
  const w = quantity(weight, x);
  if (!first || more.length || !w || first.as.kind !== 'total' || first.as.fn !== 'mean') return null;
  return { ...plan, figures: [{ ...first, as: weightedMean(first.as.of, w) }] };
}

/** What was asked before, split by something else; said within one request, by that as well. */
const regrouped = (list: readonly Expression[]): Act => {
  const by = list.map(groupOf);
  const anew = onQuestion(`by ${keyOf(list)}`, (plan) => ({ ...plan, by }));
  const too = onQuestion(`also by ${keyOf(list)}`, (plan) => (by.some((b) => plan.by.some((o) => keyOf(o.as) === keyOf(b.as))) || plan.order ? null : { ...plan, by: [...plan.by, ...by] }));
  return { key: anew.key, apply: (state) => (state.amends ? anew : too).apply(state) };
};

/** What was asked, for each of further groups as well. */
const dividedBy = (b: readonly Expression[]): Act => onQuestion(`split by ${keyOf(b)}`, (plan) => { const more = b.map(groupOf).filter((g) => !plan.by.some((o) => keyOf(o.as) === keyOf(g.as))); return more.length ? { ...plan, by: [...plan.by, ...more] } : null; });

/** What was asked, of some of the rows only. */
const onlyWhere = (c: Condition): Act => onQuestion(`where ${keyOf(c)}`, (plan) => ({ ...plan, where: plan.where ? all([plan.where, c]) : c }));

/** One more figure of what was asked about. */
const alsoFigure = (fn: Fn): Act =>
  onQuestion(`also ${fn}`, (plan) => {
    const first = plan.figures.map((f) => f.as).find((e) => e.kind === 'total' && e.fn !== 'count' && e.fn !== 'distinct');
    if (first?.kind !== 'total' || plan.figures.some((f) => f.as.kind === 'total' && f.as.fn === fn)) return null;
    return { ...plan, figures: [...plan.figures, ...uniquely([over(fn, first.of)], [...plan.by, ...plan.figures].map((f) => f.name))] };
  });

/** Another figure in the place of the only one. */
const otherFigure = (fn: Fn): Act =>
  onQuestion(`rather ${fn}`, (plan) => {
    const [first, ...more] = plan.figures;
    if (!first || more.length || first.as.kind !== 'total' || first.as.fn === 'count' || first.as.fn === fn) return null;
    const figures = uniquely([over(fn, first.as.of)], plan.by.map((f) => f.name));
    return { ...plan, figures, ...(plan.order && plan.order.name === first.name ? { order: { ...plan.order, name: figures[0]!.name } } : {}) };
  });

const isShare = (e: Expression): boolean => (e.kind === 'round' ? isShare(e.of) : e.kind === 'op' && e.op === '*' && e.right.kind === 'number' && e.right.value === 100);
export const counts = (e: Expression): boolean => e.kind === 'total' && (e.fn === 'count' || e.fn === 'distinct');

/** The groups in the order of the figure that is about a column. */
const orderedBy = (plan: AskPlan, name: string, down: boolean): AskPlan | null => {
  const about = plan.figures.filter((f) => columnsOf(f.as).includes(name));
  return plan.by.length && about.length === 1 ? { ...plan, order: { name: about[0]!.name, down } } : null;
};

const ordered = (plan: AskPlan, down: boolean): AskPlan | null => {
  const last = plan.figures[0];
  return last && plan.by.length ? { ...plan, order: { name: last.name, down } } : null;
};

const moreFigures = (list: readonly Expression[]): Act =>
  onQuestion(`more ${keyOf(list)}`, (plan) => {
    const fresh = list.filter((e) => !plan.figures.some((f) => keyOf(f.as) === keyOf(e)));
    return fresh.length ? { ...plan, figures: [...plan.figures, ...uniquely(fresh, [...plan.by, ...plan.figures].map((f) => f.name))] } : null;
  });

/** Blanks of what is averaged or added up are left out anyway. */
const impliedLeft = (plan: AskPlan, c: Condition): boolean =>
  c.kind === 'empty' && plan.figures.every((f) => { const e = f.as.kind === 'round' ? f.as.of : f.as; return e.kind === 'total' && keyOf(e.of) === keyOf(c.of); });

/** A name that ends in a unit, with another. */
const inUnitNamed = (name: string, unit: string): string => { const own = unitInName(name); return own === null ? name : `${name.slice(0, name.toLowerCase().lastIndexOf(own))}${unit}`; };

/** A figure in another unit than the one that the name of its column tells. */
function inUnit(e: Expression, unit: string): Expression | null {
  const [own] = columnsOf(e).flatMap((name) => { const u = unitInName(name); return u !== null && unitSort(u) === unitSort(unit) ? [u] : []; });
  return own === undefined || e.kind !== 'total' || e.fn === 'count' || e.fn === 'distinct' ? null : converted(e, own, unit);
}

