import { readsAsDate } from '../../formula/check';
import { column, number, op, rowsCounted, type AcrossFn, type Expression } from '../../formula/expression';
import type { Act, Context } from '../../language/acts';
import { rule } from '../../language/chart';
import { add } from './adding';
import { numbered } from '../../language/grammar/expressions';
import { quantity as q } from '../../language/grammar/roles';
import { groupable, onlyDate, rowSpan, total } from '../../language/grammar/roles';
import { converted, unitInName } from '../../formula/dimensions';
import { isDate } from '../../table/column';
import { columnOf } from '../../table/table';

/* Figures over neighbouring rows, over the row a year before, and places within a group. */

const moving = (fn: AcrossFn, name: string, rows: number, x: Context, by: readonly string[] = []): Expression | null => {
  const of = q(name, x);
  return of && Number.isInteger(rows) && rows >= 2 && rows <= 1_000 && by.every((b) => b !== name && !readsAsDate(x.head, b)) ? { kind: 'moving', fn, rows, of, by } : null;
};
const previous = (of: Expression, by: readonly string[]): Expression => ({ kind: 'over', fn: 'previous', of, by });
/** The value some months before, by the only column of dates. */
const ago = (name: string, months: number, x: Context, by: readonly string[] = []): Expression | null => {
  const of = q(name, x), date = onlyDate(x);
  return of && date !== null && date !== name && months >= 1 ? { kind: 'ago', months, date, of, by } : null;
};
const growth = (now: Expression | null, before: Expression | null): Expression | null => now && before && op('*', op('/', op('-', now, before), before), number(100));
const percentile = (name: string, x: Context, by: readonly string[] = []): Expression | null => {
  const of = q(name, x);
  return of && { kind: 'over', fn: 'percentile', of, by };
};
const atEnd = (fn: 'first' | 'last', name: string, by: string, x: Context): Expression | null => {
  const of = isDate(columnOf(x.head, name).type) ? column(name) : q(name, x);
  return of && by !== name ? { kind: 'total', fn, of, by: [by] } : null;
};

/** How many standard deviations a value lies from the mean. */
function scored(name: string, x: Context, by: readonly string[] = []): Expression | null {
  const e = q(name, x);
  return e && op('/', op('-', e, { kind: 'total', fn: 'mean', of: e, by }), { kind: 'total', fn: 'spread', of: e, by });
}
function range(name: string, x: Context, by: readonly string[] = []): Expression | null {
  const e = q(name, x);
  return e && op('-', { kind: 'total', fn: 'highest', of: e, by }, { kind: 'total', fn: 'lowest', of: e, by });
}
function across(fn: AcrossFn, a: string, b: string, x: Context): Expression | null {
  const [m, n] = [q(a, x), q(b, x)];
  return m && n && a !== b ? { kind: 'across', fn, of: [m, n] } : null;
}
/** The mean of one column in which each row counts as much as another column says. */
function weighted(value: string, weight: string, x: Context): Expression | null {
  const [v, w] = [q(value, x), q(weight, x)];
  return v && w && value !== weight ? op('/', { kind: 'total', fn: 'sum', of: op('*', v, w), by: [] }, { kind: 'total', fn: 'sum', of: w, by: [] }) : null;
}
/** A column whose name ends with a unit, converted into another unit of the same sort. */
function inUnit(name: string, unit: string, x: Context): Expression | null {
  const own = unitInName(name), e = q(name, x);
  return e && own ? converted(e, own, unit) : null;
}

/** A figure of a column within the groups of another; null where one is no numbers, or the other no group. */
function figureOf(fn: 'mean' | 'sum', name: string, by: string, x: Context): Act | null {
  const e = q(name, x);
  return e && by !== name && groupable(by, x) && q(by, x) === null ? add(total(fn, e, [by])) : null;
}

export const windowPhrases = [
  // 'A counter that starts at 1 for each employee', 'the number of claims of the same employee', 'add each employee's number of claims'
  rule('clause', '~add? a|an? running? counter|numbering|count|number|sequence (that|which)? starts|starting|begins|beginning|restarts|restarting|resets again|over|anew? at|with|from? one|1? ~each|with|within $col:g', ({ g }, x: Context) => (groupable(g, x) ? add(numbered([g])) : null), -0.2),
  rule('clause', '~add? the? ~countWord $rows|$noun|$guess of|by|for|from|with|in the|that|this same $col:g', ({ g }, x: Context) => (groupable(g, x) ? add(rowsCounted([g])) : null), -0.5),
  rule('clause', '~add the? ~each $col:g ~countWord $rows|$noun|$guess', ({ g }, x: Context) => (groupable(g, x) ? add(rowsCounted([g])) : null), -0.1),
  rule('clause', '~add the? ~each $col:g ~average $col:c', ({ g, c }, x: Context) => figureOf('mean', c, g, x), -0.1),
  rule('clause', '~add the? ^$col:g ~totalWord ^$col:c', ({ g, c }, x: Context) => figureOf('sum', c, g, x), 0),
  rule('clause', '~add? ~column with|for|of|holding|showing the? ~figureTotal of|for all? (of? the)? $col:c of|by|for|from the|that|this|each same|own|very? ^$col:g', ({ g, c }, x: Context) => figureOf('sum', c, g, x), -0.3),
  rule('clause', '~add? ~column with|for|of|holding|showing the? ~average $col:c of|for all? (of? the)? $rows|$noun|$guess? of|by|for|from|in the|that|this|each same|own|very? ^$col:g', ({ g, c }, x: Context) => figureOf('mean', c, g, x), -0.3),
  rule('clause', 'keep an? ^$formula:e', ({ e }) => (e.kind === 'over' && e.fn === 'running' ? add(e) : null), 0),
  rule('slides', 'moving|rolling|sliding|trailing', () => true, 0),
  rule('slideFn', '~average', () => 'mean', 0),
  rule('slideFn', 'sum|total', () => 'sum', 0),
  rule('slideFn', 'minimum|lowest|min', () => 'lowest', 0),
  rule('slideFn', 'maximum|highest|max', () => 'highest', 0),
  rule('window', 'over|across|of|for|on|with|using the? last|latest|previous|past|recent|preceding? $num:n $rows|row|rows|values|entries|points|days|weeks|months|quarters|years|deliveries|periods?', ({ n }) => n, 0),
  rule('window', 'with? a window of $num:n $rows|row|rows|values|entries?', ({ n }) => n, 0),
  rule('ex0', '$slides $slideFn:f of|for|in? the? $col:c $window:n', ({ f, c, n }, x: Context) => moving(f, c, n, x), 0),
  rule('ex0', '$slides $slideFn:f $window:n of|for|in? the? $col:c', ({ f, c, n }, x: Context) => moving(f, c, n, x), 0),
  rule('ex0', '$slides $slideFn:f of|for|in? the? $col:c $window:n ~each $col:by', ({ f, c, n, by }, x: Context) => moving(f, c, n, x, [by]), 0),
  rule('ex0', '$slides $slideFn:f of|for|in? the? $col:c ~each $col:by $window:n', ({ f, c, n, by }, x: Context) => moving(f, c, n, x, [by]), 0),
  rule('ex0', '$num:n -? $rows|row|day|week|month|quarter|year|point|period|value $slides $slideFn:f of|for|in? the? $col:c', ({ f, c, n }, x: Context) => moving(f, c, n, x), 0),
  rule('ex0', '$num:n -? $rows|row|day|week|month|quarter|year|point|period|value $slides $slideFn:f of|for|in? the? $col:c ~each $col:by', ({ f, c, n, by }, x: Context) => moving(f, c, n, x, [by]), 0),
  rule('ex0', '$slides $num:n -? $rows|row|day|week|month|quarter|year|point|period|value $slideFn:f of|for|in? the? $col:c', ({ f, c, n }, x: Context) => moving(f, c, n, x), 0),
  rule('ex0', '$slides $num:n -? $rows|row|day|week|month|quarter|year|point|period|value $slideFn:f of|for|in? the? $col:c ~each $col:by', ({ f, c, n, by }, x: Context) => moving(f, c, n, x, [by]), 0),
  rule('ex0', '~average of? the? $col:c of|over|across|in the? last|latest|past $num:n $rows|rows|values|entries|deliveries', ({ c, n }, x: Context) => moving('mean', c, n, x), 0.1),
  rule('ex0', '~average of? the? last|latest|past $num:n $rows|rows|values|entries|deliveries of|for|in the? $col:c', ({ c, n }, x: Context) => moving('mean', c, n, x), 0.1),
  // Compared with the row before, in percent of it
  rule('grew', 'growth rate|percentage? of|in? the?', () => true, 0),
  rule('grew', 'relative|percentage|percent|percentual|% change|growth|increase|difference of|in? the?', () => true, 0),
  rule('ex0', '$grew $col:c from|over|since|to|against|on|versus|vs|compared with|to? $prev', ({ c }, x: Context) => { const e = q(c, x); return growth(e, e && previous(e, [])); }, -0.1),
  rule('ex0', '$grew $col:c from|over|since|to|against|on|versus|vs|compared with|to? $prev ~each|of|for|in the? same? $col:by', ({ c, by }, x: Context) => { const e = q(c, x); return growth(e, e && previous(e, [by])); }, -0.1),
  rule('ex0', '$grew $col:c from|over|since|to|against|on|versus|vs|compared with|to? $prev in percent|% ~each|of|for|in the? same? $col:by', ({ c, by }, x: Context) => { const e = q(c, x); return growth(e, e && previous(e, [by])); }, -0.1),
  rule('ex0', '~average length|duration of (a|the)? stay|stays|visit|visits|rental|booking|bookings|trip|hire|$rows|$noun of|for|in|at the? same ^$col:by', ({ by }, x: Context) => { const e = rowSpan(undefined, x); return e && { kind: 'total', fn: 'mean', of: e, by: [by] }; }, -0.2),
  rule('ex0', 'the? previous|preceding|prior|last $col:c of|for|by|from|with|in|at the? same ^$col:by', ({ c, by }, x: Context) => { const e = q(c, x); return e && by !== c ? previous(e, [by]) : null; }, -0.1),
  rule('ex0', '$col:c compared|against|versus|vs|relative with|to? $prev', ({ c }, x: Context) => { const e = q(c, x); return e && op('-', e, previous(e, [])); }, 0.1),
  rule('ex0', '$col:c compared|against|versus|vs|relative with|to? $prev on|for|of|in|at the? same? $col:by', ({ c, by }, x: Context) => { const e = q(c, x); return e && op('-', e, previous(e, [by])); }, 0),
  // Compared with the same day, month or quarter of the year before
  rule('yearAgo', 'the? same month|period|quarter|day|date|week|time of|in|a? last|previous|the|one|1 year before|earlier|ago?', () => 12, 0),
  rule('yearAgo', 'a|one|1 year before|ago|earlier|previously', () => 12, 0),
  rule('yearAgo', 'the? year before|previous', () => 12, 0.1),
  rule('yearAgo', 'the? previous|last|prior year', () => 12, 0.05),
  rule('yearAgo', '$num:n months before|ago|earlier|back', ({ n }) => n, 0),
  rule('yearAgo', 'a month before|ago|earlier', () => 1, 0),
  rule('ex0', '~change $col:c from|since|against|on|versus|vs|compared|relative with|to? $yearAgo:m', ({ c, m }, x: Context) => { const [e, b] = [q(c, x), ago(c, m, x)]; return e && b && op('-', e, b); }, -0.1),
  rule('ex0', '~change $col:c from|since|against|on|versus|vs|compared|relative with|to? $yearAgo:m ~each $col:by', ({ c, m, by }, x: Context) => { const [e, b] = [q(c, x), ago(c, m, x, [by])]; return e && b && op('-', e, b); }, -0.1),
  rule('ex0', '$grew $col:c from|since|against|on|over|versus|vs|compared with|to? $yearAgo:m', ({ c, m }, x: Context) => growth(q(c, x), ago(c, m, x)), -0.15),
  rule('ex0', '$grew $col:c from|since|against|on|over|versus|vs|compared with|to? $yearAgo:m ~each $col:by', ({ c, m, by }, x: Context) => growth(q(c, x), ago(c, m, x, [by])), -0.15),
  rule('ex0', 'year on|over|-on-|-over- year growth|change|increase of|in|for? the? $col:c', ({ c }, x: Context) => growth(q(c, x), ago(c, 12, x)), -0.1),
  rule('ex0', 'year on|over|-on-|-over- year growth|change|increase of|in|for? the? $col:c ~each $col:by', ({ c, by }, x: Context) => growth(q(c, x), ago(c, 12, x, [by])), -0.1),
  rule('ex0', '$col:c of|from|in $yearAgo:m', ({ c, m }, x: Context) => ago(c, m, x), 0.1),
  rule('ex0', '$col:c $yearAgo:m ~each $col:by', ({ c, m, by }, x: Context) => ago(c, m, x, [by]), 0.1),
  rule('ex0', '$col:c $yearAgo:m', ({ c, m }, x: Context) => ago(c, m, x), 0.15),
  // Places
  rule('ex0', 'percentile rank? of|for|by|in? the? $col:c', ({ c }, x: Context) => percentile(c, x), 0),
  rule('ex0', 'percentile rank? of|for|by|in? the? $col:c ~each $col:by', ({ c, by }, x: Context) => percentile(c, x, [by]), 0),
  rule('ex0', 'standard|standardised|standardized|z|z- score|scores of|for the? $col:c', ({ c }, x: Context) => scored(c, x), 0),
  rule('ex0', 'standard|standardised|standardized|z|z- score|scores of|for the? $col:c ~each $col:by', ({ c, by }, x: Context) => scored(c, x, [by]), 0),
  rule('ex0', 'cumulative|running|accumulated share|percentage|proportion of the? total? $col:c', ({ c }, x: Context) => { const e = q(c, x); return e && op('/', { kind: 'over', fn: 'running', of: e, by: [] }, { kind: 'total', fn: 'sum', of: e, by: [] }); }, 0),
  rule('ex0', 'the? difference|range|gap|distance between|of? the? ~highest and|to the? ~lowest $col:c of|in|for|within|on the|each|every? same? $col:by', ({ c, by }, x: Context) => range(c, x, [by]), 0),
  rule('ex0', 'the? difference|range|gap|distance between|of? the? ~highest and|to the? ~lowest $col:c', ({ c }, x: Context) => range(c, x), 0.1),
  rule('ex0', 'the? bigger|larger|greater|higher|highest|largest|biggest|maximum|max|more of|from|between? the? $col:a and|or the? $col:b', ({ a, b }, x: Context) => across('highest', a, b, x), 0),
  rule('ex0', 'the? smaller|lower|lesser|lowest|smallest|minimum|min|less of|from|between? the? $col:a and|or the? $col:b', ({ a, b }, x: Context) => across('lowest', a, b, x), 0),
  rule('figure', '~average $col:a weighted by|with|according? to? the? $col:b', ({ a, b }, x: Context) => weighted(a, b, x), -0.2),
  rule('figure', 'weighted ~average of? the? $col:a by|with|over|using the? $col:b', ({ a, b }, x: Context) => weighted(a, b, x), -0.2),
  // A column whose name says its unit, in another one.
  rule('clause', '~add? the? $col:c in|as $unit:u', ({ c, u }, x: Context) => { const e = inUnit(c, u, x); return e && add(e, (c as string).replace(new RegExp(`${unitInName(c)!}(\\)?)$`, 'i'), `${u}$1`)); }, -0.1),
  rule('ex0', 'the? $col:c in|as $unit:u', ({ c, u }, x: Context) => inUnit(c, u, x), 0.05),
  rule('ex0', 'first|earliest $col:c of|in|within|for ~each $col:by', ({ c, by }, x: Context) => atEnd('first', c, by, x), 0.05),
  rule('ex0', 'last|latest|final $col:c of|in|within|for ~each $col:by', ({ c, by }, x: Context) => atEnd('last', c, by, x), 0.05),
  rule('ex0', 'first|earliest $col:c ~each $col:by', ({ c, by }, x: Context) => atEnd('first', c, by, x), 0.05),
  rule('ex0', 'last|latest|final $col:c ~each $col:by', ({ c, by }, x: Context) => atEnd('last', c, by, x), 0.05),
].flat();
