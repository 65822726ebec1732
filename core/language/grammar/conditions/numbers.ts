import { all, any, column, type Comparison, type Condition, type Expression, not, number, rowsCounted } from '../../../formula/expression';
import { columnOf } from '../../../table/table';
import { readsAsNumber } from '../../../formula/check';
import { isDate } from '../../../table/column';
import { fit } from '../../../metrics/metrics';
import { readMeasure, unitSort } from '../../../values/units';
import { rule, type Rule } from '../../chart';
import { type Context, nothing } from '../../acts';
import { namesRows } from '../../mentions';
import { columnLike, ESTIMATED, groupable, isRateName, moneyColumn, onlyDate, quantity, rowSpan, soldFor, spentColumn, takingsColumn, timed } from '../roles';
import { compare, empty, inUnit, isDated, numbered, numeric, onDate, relative, sized, SIZES, type When } from './make';

/** What is done with things that are counted. */
const DONE = 'used|needed|made|sold|done|given|driven|taken|lost|paid|counted|recorded|booked|ordered|delivered|planted|found|seen|reported|sent|laid|caught|kept|left|built|picked|harvested|washed|repaired|bought|produced|spent|worked|charged|lent|held|brought|there|involved|filled|played|run|loaded|shipped|returned|damaged|broken|missing';

/** The only column of numbers. */
function onlyNumber(x: Context): string | null {
  const found = x.head.columns.filter((c) => numeric(c.name, x));
  return found.length === 1 ? found[0]!.name : null;
}

/** The column that says what something costs, where one is called so more than any other. */
function priceColumn({ head }: Context): string | null {
  const called = head.columns.find((c) => /^costs?$/i.test(c.name) && readsAsNumber(head, c.name));
  if (called) return called.name;
  const fits = head.columns.filter((c) => readsAsNumber(head, c.name) && !isDate(c.type)).map((c) => [c.name, Math.min(fit('price', c.name), fit('charge', c.name))] as const).filter(([, f]) => f < 1).sort((a, b) => a[1] - b[1]);
  return fits[0] && (!fits[1] || fits[1][1] > fits[0][1]) ? fits[0][0] : null;
}

/** Days from the only other column of dates to one: 'it took more than ten days to close'. */
function spanTo(name: string, x: Context): Expression | null {
  const others = x.head.columns.filter((c) => c.name !== name && (isDate(c.type) || (c.type === 'text' && (x.head.glances?.get(c.name)?.dateShare ?? 0) >= 0.5)));
  return isDated(name, x) && others.length === 1 ? { kind: 'span', unit: 'days', from: column(others[0]!.name), to: column(name) } : null;
}

/** What was to be paid, beside what was: the only other amount that is called so, or so many at the price of one. */
function dueFor(paid: string, x: Context): Expression | null {
  if (!numeric(paid, x)) return null;
  const found = x.head.columns.filter((c) => c.name !== paid && numeric(c.name, x) && /\b(?:agreed|due|owed|payable|charged|invoiced?|billed|total|gross|expected|ordered|price|fee|quoted?)\b/i.test(c.name) && !A_PIECE.test(c.name));
  const words = new Set(paid.toLowerCase().split(/\s+/));
  const alike = found.length > 1 ? found.filter((c) => c.name.toLowerCase().split(/\s+/).some((w) => words.has(w))) : found;
  if (alike.length === 1) return column(alike[0]!.name);
  const of = (called: RegExp): readonly string[] => x.head.columns.filter((c) => numeric(c.name, x) && called.test(c.name)).map((c) => c.name);
  const [many, each] = [of(/^(?:qty|quantity|units|pieces|count|number)\b/i), of(A_PIECE)];
  return found.length === 0 && many.length === 1 && each.length === 1 ? { kind: 'op', op: '*', left: column(many[0]!), right: column(each[0]!) } : null;
}

/** Names of what one piece costs. */
const A_PIECE = /\bper\b|\/|\bunit\b|\beach\b/i;

/** Is a value a part of one, which says nothing of a hundred: a bare quotient, or a column that does not go above one? */
function asShare(e: Expression, { head }: Context): boolean {
  if (e.kind === 'op') return e.op === '/';
  const glance = e.kind === 'column' ? head.glances?.get(e.name) : undefined;
  return glance !== undefined && glance.unit !== '%' && glance.highest !== null && Number(glance.highest) <= 1;
}

/** A text column read in a unit, where its values are written with units of that sort. */
function measured(name: string, unit: string, { head }: Context): Expression | null {
  if (columnOf(head, name).type !== 'text' || unitSort(unit) === null) return null;
  const all = (head.glances?.get(name)?.values ?? []).slice(0, 200).filter(([t]) => t.trim() !== '');
  const fits = all.filter(([t]) => readMeasure(t, unit) !== null && /[\p{L}:]/u.test(t));
  return all.length > 0 && fits.length >= all.length * 0.5 ? { kind: 'measure', unit, of: column(name) } : null;
}

/** The only text column whose values are written with units of the sort of one. */
function holdsUnit(unit: string, x: Context): string | null {
  // Times of day are no spans of time.
  const found = x.head.columns.filter((c) => c.type === 'text' && !(timed(c.name, x) && unitSort(unit) === 'time' && /\b(?:start|begin|began|from|time|at|open(?:ed|s)?|depart(?:ed|ure)?|arriv(?:ed|al)|left|end|finish(?:ed)?|to|until|in|out|scheduled|planned)\b/i.test(c.name)) && measured(c.name, unit, x) !== null);
  return found.length === 1 ? found[0]!.name : null;
}

/** Numbers compared: with numbers, averages, columns and sizes in units. */
/** What came in, held against what was spent for it. */
function takings(operator: Comparison, x: Context): Condition | null {
  const [came, spent] = [takingsColumn(x), spentColumn(x)];
  return came === null || spent === null || came === spent ? null : compare(operator, column(came), column(spent));
}

/** What was spent, held against a limit that was set for it. */
function againstLimit(operator: Comparison, limit: string, x: Context): Condition | null {
  const spent = spentOf(limit, x);
  return spent === null ? null : compare(operator, column(spent), column(limit));
}

/** The only column of what was spent, used or counted against a limit: ‹Cost› of ‹Budget›. */
function spentOf(limit: string, x: Context): string | null {
  if (!/^(?:budget|allowance|quota|limit|ceiling|cap|estimate)$/i.test(limit) || !numeric(limit, x)) return null;
  const found = x.head.columns.filter((c) => c.name !== limit && numeric(c.name, x) && /\b(?:costs?|spent|expenses?|actual|used|billed|charged|amount|total)\b/i.test(c.name));
  return found.length === 1 ? found[0]!.name : null;
}

/** A column of numbers from one number to a larger one, both included. */
const ranging = (name: string, from: number, to: number, x: Context): Condition | null =>
  numeric(name, x) && from < to ? all([compare('>=', column(name), number(from)), compare('<=', column(name), number(to))]) : null;

/** A column held against its own mean over all rows. */
const beyondMean = (op: Comparison, name: string | null): Condition | null => name === null ? null : compare(op, column(name), { kind: 'total', fn: 'mean', of: column(name), by: [] });

const CURRENCY = /^(?:[£€$¥]|euros?|eur|pounds?|gbp|dollars?|usd|francs?|chf)$/i;

/** What the only column that holds such a unit measures, held against a number. */
function heldIn(op: Comparison, n: number, unit: string, x: Context): Condition | null {
  const c = holdsUnit(unit, x), m = c && measured(c, unit, x);
  if (m) return compare(op, m, number(n));
  // Of several columns of money, what the row came to.
  const takings = CURRENCY.test(unit) ? takingsColumn(x) : null, of = takings === null ? null : quantity(takings, x);
  return of && compare(op, of, number(n));
}

/** Rows above or below a figure of all of them. */
function beyondFigure(op: Comparison, fn: 'mean' | 'median', name: string, x: Context): Condition | null {
  const of = quantity(name, x);
  return of && compare(op, of, { kind: 'total', fn, of, by: [] });
}

/** Rows that took longer, or less long, than they did on average. */
function beyondSpan(op: Comparison, x: Context): Condition | null {
  const of = rowSpan(undefined, x);
  return of && compare(op, of, { kind: 'total', fn: 'mean', of, by: [] });
}

export const numberRules: readonly Rule[] = [
  // 'Everything worth 50 or more'
  rule('cond', '~be? worth $num:n ~orMore', ({ n }, x: Context) => { const c = moneyColumn(x); return c === null ? null : numbered('>=', c, n); }, 0),
  rule('cond', '~be? worth $num:n ~orLess', ({ n }, x: Context) => { const c = moneyColumn(x); return c === null ? null : numbered('<=', c, n); }, 0),
  ...SIZES.map(([words, op]) => rule('cond', `~be? worth ${words} $num:n`, ({ n }, x: Context) => { const c = moneyColumn(x); return c === null ? null : numbered(op, c, n); }, 0)).flat(),
  // 'After' is said of times, not of sizes.
  ...([['~moreThan', '>'], ['~lessThan', '<'], ['~least', '>='], ['~most', '<=']] as const).map(([words, op]) => rule('cond', `$ex2:a ~be? ${words} $ex2:b`, ({ a, b }) => sized(op, a, b), 0.05)).flat(),
  ...SIZES.flatMap(([words, op]) => [
    rule('cond', `$ex2:a ~be? ${words} $num:n`, ({ a, n }) => sized(op, a, number(n)), 0.05),
    // 'Over 100 euros in total value (qty times price)'
    rule('cond', `~be? ${words} $num:n euros|euro|eur|pounds|pound|dollars|dollar|€|£|$unit? in|of|as|for|by the? total|overall|all|whole? ^$ex2:a`, ({ n, a }) => (a.kind === 'op' ? sized(op, a, number(n)) : null), 0),
    rule('cond', `$ex2:a ~be? ${words} $pct:p`, ({ a, p }, x: Context) => (a.kind === 'number' ? null : compare(op, a, number(asShare(a, x) ? p / 100 : p))), 0),
    rule('cond', `$col:c ~be? ${words} $date:d`, ({ c, d }, x: Context) => onDate(op, c, d, x), 0),
    rule('cond', `$col:c ~be? ${words} $period:p`, ({ c, p }, x: Context) => relative(op, c, p, x), 0.02),
    rule('cond', `${words} $period:p`, ({ p }, x: Context) => { const c = onlyDate(x); return c && relative(op, c, p, x); }, 0.15),
    rule('cond', `${words} $date:d`, ({ d }, x: Context) => { const c = onlyDate(x); return c && onDate(op, c, d, x); }, 0.15),
    rule('cond', `$col:a ~be? ${words} $col:b`, ({ a, b }, x: Context) => (isDated(a, x) && isDated(b, x) && a !== b ? compare(op, column(a), column(b)) : null), 0.05),
    rule('cond', `~did ${words} $num:n $col:c`, ({ n, c }, x: Context) => (numeric(c, x) ? numbered(op, c, n) : null), 0.1),
    rule('cond', `~be? ${words} $num:n $unit:u`, ({ n, u }, x: Context) => { const c = columnLike(u, x); return c && inUnit(op, c, n, u, x); }, 0.15),
    rule('rset', `$guess ${words} $num:n $unit:u`, ({ n, u }, x: Context) => { const c = columnLike(u, x); return c && inUnit(op, c, n, u, x); }, 0.1),
    rule('when', `${words} $period:p`, ({ p }): When => ({ op, period: p }), 0),
    rule('when', `${words} $date:d`, ({ d }): When => ({ bounds: [[op, d]] }), 0),
    rule('rset', `$rows|$guess of|worth|for ${words} $num:n`, ({ n }, x: Context) => { const c = onlyNumber(x); return c && numbered(op, c, n); }, 0.2),
    rule('cond', `~be? ${words} $num:n ^%|percent of? $col:c`, ({ n, c }, x: Context) => (numeric(c, x) ? numbered(op, c, n) : null), 0.05),
    rule('cond', `~be? ${words} $num:n $col:c`, ({ n, c }, x: Context) => (numeric(c, x) ? numbered(op, c, n) : null), 0.1),
    // 'If more than 10 hoses were used'
    rule('cond', `~be? ${words} $num:n $col:c was|were|got|have|has been? ${DONE}`, ({ n, c }, x: Context) => (numeric(c, x) ? numbered(op, c, n) : null), 0.1),
    // 'Heavier than ten tonnes gross'
    rule('cond', `~be? ${words} $num:n $unit:u ^$col:c`, ({ n, u, c }, x: Context) => (numeric(c, x) ? inUnit(op, c, n, u, x) : null), 0.1),
    rule('cond', `$col:c ~be? ${words} $num:n $unit:u`, ({ n, c, u }, x: Context) => (numeric(c, x) ? inUnit(op, c, n, u, x) : null), 0.1),
    rule('cond', `$col:c ~be? ${words} $num:n $unit:u`, ({ n, u, c }, x: Context) => { const m = measured(c, u, x); return m && compare(op, m, number(n)); }, 0),
    rule('cond', `$rows|$guess? ~be? ${words} $num:n $unit:u`, ({ n, u }, x: Context) => heldIn(op, n, u, x), 0.15),
    rule('cond', `$rows|$guess? ~be? ${words} $num:n ^euros|euro|eur|€|pounds|pound|gbp|£|dollars|dollar|usd|francs|chf`, ({ n }, x: Context) => heldIn(op, n, 'eur', x), 0.25),
    rule('cond', `$rows|$guess? ~be? ${words} €|£|eur|gbp|usd ^$num:n`, ({ n }, x: Context) => heldIn(op, n, 'eur', x), 0.25),
    rule('cond', `$rows? ~be? $col:c ~be? ${words} $num:n`, ({ n, c }, x: Context) => (numeric(c, x) ? numbered(op, c, n) : null), 0.15),
  ]).flat(),
  ...SIZES.map(([words, op]) => rule('cond', `${words} half of? all? the? $col:a ~be|got|came|have? $col:b`, ({ a, b }, x: Context) => (numeric(a, x) && numeric(b, x) && a !== b ? compare(op, column(b), { kind: 'op', op: '/', left: column(a), right: number(2) }) : null), 0)).flat(),
  ...SIZES.map(([words, op]) => rule('cond', `${words} $pct:p of all? the? $col:a ~be|got|came|have? $col:b`, ({ p, a, b }, x: Context) => (numeric(a, x) && numeric(b, x) && a !== b ? compare(op, { kind: 'op', op: '*', left: { kind: 'op', op: '/', left: column(b), right: column(a) }, right: number(100) }, number(p)) : null), 0)).flat(),
  // 'Shows that lost money'
  rule('cond', 'lost|lose|loses|losing|cost us? money|cash', (_s, x: Context) => takings('<', x), -0.2),
  rule('cond', 'made|make|makes|at|with|running a loss', (_s, x: Context) => takings('<', x), -0.2),
  rule('cond', 'made|make|makes|earned|earn us? (a profit|profit|money)', (_s, x: Context) => takings('>', x), 0),
  // 'Over budget': what it was to stay within
  ...([['over|above|exceeding|beyond', '>'], ['under|below', '<'], ['within|inside', '<=']] as const).flatMap(([words, op]) => [
    rule('cond', `~be|went|go|goes|gone|came|come? ${words} the|their|its? ^$col:b`, ({ b }, x: Context) => againstLimit(op, b, x), 0.1),
  ]).flat(),
  rule('cond', "~not over|above|exceeding the|their|its? ^$col:b", ({ b }, x: Context) => againstLimit('<=', b, x), 0.1),
  // 'Orders over 50': the one amount of money that such a row is about
  ...SIZES.map(([words, op]) => rule('rset', `orders|order|returns|refunds|claims|sales|invoices|bills|payments|bookings|purchases|donations|transactions|receipts|expenses ${words} $num:n`, ({ n }, x: Context) => { const c = moneyColumn(x); return c && numbered(op, c, n); }, 0.3)).flat(),
  ...([['above', '>'], ['below', '<']] as const).map(([word, op]) => rule('cond', `~withA|with|having|of? an? ${word} ~average amount|value|total|sum|price`, (_s, x: Context) => { const c = moneyColumn(x); return c && compare(op, column(c), { kind: 'total', fn: 'mean', of: column(c), by: [] }); }, 0.3)).flat(),
  rule('rset', '$rows|$guess of|worth|for $num:n ~orMore', ({ n }, x: Context) => { const c = onlyNumber(x); return c && numbered('>=', c, n); }, 0.2),
  rule('rset', '$rows|$guess of|worth|for $num:n ~orLess', ({ n }, x: Context) => { const c = onlyNumber(x); return c && numbered('<=', c, n); }, 0.2),
  rule('cond', '~between? $num:a ~fromTo $num:b $unit:u tall|high|long|wide|deep|heavy|thick|old|big?', ({ a, b, u }, x: Context) => { const c = columnLike(u, x); const [low, high] = c ? [inUnit('>=', c, a, u, x), inUnit('<=', c, b, u, x)] : [null, null]; return low && high && a < b ? all([low, high]) : null; }, 0.05),
  ...SIZES.map(([words, op]) => rule('cond', `~be? ${words} $num:n $unit:u tall|high|long|wide|deep|heavy|thick|old|big`, ({ n, u }, x: Context) => { const c = columnLike(u, x); return c && inUnit(op, c, n, u, x); }, 0.05)).flat(),
  ...SIZES.map(([words, op]) => rule('cond', `$col:c ~be? ${words} $num:n times|time|pieces|items|units|points`, ({ n, c }, x: Context) => (numeric(c, x) ? numbered(op, c, n) : null), 0.05)).flat(),
  rule('cond', '$num:a ~fromTo $num:b $col:c', ({ a, b, c }, x: Context) => ranging(c, a, b, x), 0.1),
  // 'Long if it is 45 seconds or more': in a unit, by the column that is named or the only one that holds it
  ...([['~orMore', '>='], ['~orLess', '<=']] as const).flatMap(([words, op]) => [
    rule('cond', `$col:c ~be? $num:n $unit:u ${words}`, ({ n, c, u }, x: Context) => { const m = measured(c, u, x); return m ? compare(op, m, number(n)) : numeric(c, x) ? inUnit(op, c, n, u, x) : null; }, -0.1),
    rule('cond', `it|they|$rows|$guess? ~be|lasts|lasted|takes|took|weighs|weighed? $num:n $unit:u ${words}`, ({ n, u }, x: Context) => (columnLike(u, x) === null ? heldIn(op, n, u, x) : null), 0.1),
    rule('rset', `$rows|$guess of|with|lasting|taking|weighing $num:n $unit:u ${words}`, ({ n, u }, x: Context) => (columnLike(u, x) === null ? heldIn(op, n, u, x) : null), 0.1),
  ]).flat(),
  rule('cond', '$ex2:a ~be? ^negative', ({ a }) => sized('<', a, number(0)), 0),
  rule('cond', '$ex2:a ~be below|under|less|lower than? zero|nought|nothing', ({ a }) => sized('<', a, number(0)), 0),
  rule('cond', '$ex2:a ~be? ^positive', ({ a }) => sized('>', a, number(0)), 0.1),
  rule('cond', '$ex2:a ~be above|over|more|higher than? zero|nought|nothing', ({ a }) => sized('>', a, number(0)), 0),
  rule('cond', 'negative $col:c', ({ c }, x: Context) => (numeric(c, x) ? compare('<', column(c), number(0)) : null), 0.1),
  rule('cond', '$num:n ~orMore $col:c', ({ n, c }, x: Context) => (numeric(c, x) ? numbered('>=', c, n) : null), 0.1),
  rule('cond', '$num:n ~orLess $col:c', ({ n, c }, x: Context) => (numeric(c, x) ? numbered('<=', c, n) : null), 0.1),
  rule('cond', '$num:n $col:c ~orMore', ({ n, c }, x: Context) => (numeric(c, x) ? numbered('>=', c, n) : null), 0.1),
  rule('cond', '$num:n $col:c ~orLess', ({ n, c }, x: Context) => (numeric(c, x) ? numbered('<=', c, n) : null), 0.1),
  rule('cond', '$ex2:a ~be? $ex1:b ~orMore', ({ a, b }) => sized('>=', a, b), 0.1),
  rule('cond', '$ex2:a ~be? $ex1:b ~orLess', ({ a, b }) => sized('<=', a, b), 0.1),
  rule('cond', '~be? $comparative:c than $num:n $unit:u?', ({ c, n, u }, x: Context) => inUnit(c.down ? '>' : '<', c.column, n, u, x), 0),
  rule('cond', '~be? $comparative:c than its|the|their|his|her? $col:b', ({ c, b }, x: Context) => (numeric(b, x) && b !== c.column ? compare(c.down ? '>' : '<', column(c.column), column(b)) : null), 0),
  // 'At least 20 visitors in all, adults and children together': what is counted, said behind it
  ...SIZES.map(([words, op]) => rule('cond', `${words} $num:n $word|$guess|$col in? all|total? ,|:? ~open? $ex2:e ~close?`, ({ n, e }) => (e.kind === 'op' ? compare(op, e, number(n)) : null), 0.1)).flat(),
  // 'Rows that don't have takings = sold x price'
  rule('cond', "don't|doesn't|dont|doesnt have|match|satisfy|show|fulfil|give|meet? $ex2:a =|equals|equal $ex2:b", ({ a, b }) => { const c = sized('=', a, b); return c && not(c); }, 0),
  // A time without its column: of the only date, or which date is asked.
  // 'over the nitrate limit of 50'
  ...SIZES.map(([words, op]) => rule('cond', `~be? ${words} the? $col:c limit|threshold|maximum|minimum|norm|target|mark|value|guideline of $num:n $unit?`, ({ c, n }, x: Context) => (numeric(c, x) ? numbered(op, c, n) : null), 0)).flat(),
  // 'Invoice is more than 50 euros above the parts'
  ...([['above|over|higher|more', '+', '~more', '>'], ['above|over|higher|more', '+', '~least', '>='], ['below|under|lower|less', '-', '~more', '<'], ['below|under|lower|less', '-', '~least', '<=']] as const).map(([side, sign, words, op]) => rule('cond', `$ex2:a ~be|lies? ${words} $num:n euros|euro|pounds|dollars|points|percent|€|£|$unit? ${side} than? the|its|their? $ex1:b`, ({ a, n, b }) => (a.kind === 'number' || b.kind === 'number' ? null : compare(op, a, { kind: 'op', op: sign, left: b, right: number(n) })), -0.3)).flat(),
  // 'Invoice at least 50 and at most 100', 'an invoice of 50 to 100 euros', 'invoice 50-100'
  ...([['~least', '>=', '~most', '<='], ['~more', '>', '~less', '<'], ['~least', '>=', '~less', '<'], ['~more', '>', '~most', '<=']] as const).flatMap(([up, low, down, high]) => [
    rule('cond', `$ex2:e ~be|lies|lie? ${up} $num:a $unit|euros|euro|€|£? and|but|, ~be? ${down} $num:b $unit|euros|euro|€|£?`, ({ e, a, b }) => (e.kind === 'number' || a >= b ? null : all([compare(low, e, number(a)), compare(high, e, number(b))])), -0.3),
    rule('cond', `$ex2:e ~be|lies|lie? ${down} $num:b $unit|euros|euro|€|£? and|but|, ~be? ${up} $num:a $unit|euros|euro|€|£?`, ({ e, a, b }) => (e.kind === 'number' || a >= b ? null : all([compare(low, e, number(a)), compare(high, e, number(b))])), -0.3),
  ]).flat(),
  rule('cond', '$col:c ~be|lies|lie|lay|falls|fall|ranges|of|is|are? ~between|from|of|within? $num:a $unit|euros|euro|€|£? to|until|till|through|up to|-|– $num:b $unit|euros|euro|€|£?', ({ c, a, b }, x: Context) => ranging(c, a, b, x), 0.02),
  rule('cond', '$col:c lies|lie|lay|falls|fall|ranges ~between $num:a $unit|euros|euro|€|£? and $num:b $unit|euros|euro|€|£?', ({ c, a, b }, x: Context) => ranging(c, a, b, x), 0.02),
  rule('cond', '$col:c $num:a - $num:b', ({ c, a, b }, x: Context) => ranging(c, a, b, x), 0),
  rule('cond', '~withA|with|of|for? $num:n ^+ ^$col:c', ({ n, c }, x: Context) => (numeric(c, x) ? numbered('>=', c, n) : null), 0),
  rule('cond', 'minimum|min|minimal|at least $num:n ^$col:c', ({ n, c }, x: Context) => (numeric(c, x) ? numbered('>=', c, n) : null), 0),
  rule('cond', 'maximum|max|maximal|at most $num:n ^$col:c', ({ n, c }, x: Context) => (numeric(c, x) ? numbered('<=', c, n) : null), 0),
  rule('cond', 'from|of? $num:n ^$col:c up|upwards|on|onwards', ({ n, c }, x: Context) => (numeric(c, x) ? numbered('>=', c, n) : null), 0),
  // 'Over a week', where a column says how many days
  ...SIZES.map(([words, op]) => rule('cond', `~be|took|takes|lasted? ${words} $num:n weeks|week`, ({ n }, x: Context) => { const own = x.head.columns.filter((c) => /^days\b/i.test(c.name) && numeric(c.name, x)); return own.length === 1 ? numbered(op, own[0]!.name, n * 7) : null; }, 0)).flat(),
  // 'Everything above 100': of what a row comes to
  ...SIZES.map(([words, op]) => rule('rset', `everything|anything|all|those|ones|whatever ~rel? ~be? ${words} $num:n euros|euro|eur|pounds|pound|dollars|dollar|€|£?`, ({ n }, x: Context) => { const c = moneyColumn(x); return c && numbered(op, c, n); }, 0.35)).flat(),
  // 'Claims of more than 100 euros', 'those that cost more than the average': of what a row comes to
  ...SIZES.flatMap(([words, op]) => [
    rule('cond', `of|worth|for|with|costing ${words} $num:n euros|euro|eur|pounds|pound|dollars|dollar|€|£`, ({ n }, x: Context) => { const c = moneyColumn(x); return c && numbered(op, c, n); }, 0.1),
  ]).flat(),
  ...([['~more', '>'], ['~less', '<']] as const).flatMap(([words, op]) => [
    rule('cond', `cost|costs|costing|costed|priced us? ~at? ${words} the|an? overall|general|usual|mean? ~average $rows|$noun|$guess|one|cost|price?`, (_s, x: Context) => { const price = priceColumn(x); return beyondMean(op, price !== null && !isRateName(price) && !/\bper\b|\//i.test(price) ? price : takingsColumn(x) ?? price); }, 0),
    rule('cond', `$col:c ~be|lies|lie|sits|falls|is ~at? ${words} the? overall|general|total|whole? ~average`, ({ c }, x: Context) => (numeric(c, x) ? beyondMean(op, c) : null), 0),
  ]).flat(),
  ...([['=above-average', '>'], ['=below-average', '<']] as const).map(([word, op]) => rule('rset', `${word} $rows|$noun`, (_s, x: Context) => beyondMean(op, takingsColumn(x)), 0.1)).flat(),
  ...([['at|on or below|under|less', '<='], ['at|on or above|over|more', '>=']] as const).flatMap(([words, op]) => [
    rule('cond', `${words} the? ~average $col:c`, ({ c }, x: Context) => (numeric(c, x) ? beyondMean(op, c) : null), -0.1),
    rule('cond', `$col:c ~be? ${words} the? ~average`, ({ c }, x: Context) => (numeric(c, x) ? beyondMean(op, c) : null), -0.1),
  ]).flat(),
  // 'above the average': of the same
  rule('cond', '$col:a ~be? at ~more the? ~average', ({ a }, x: Context) => (numeric(a, x) ? compare('>', column(a), { kind: 'total', fn: 'mean', of: column(a), by: [] }) : null), -0.1),
  rule('cond', '$ex2:a ~be? above|over|higher|more than? the|its? ~average', ({ a }) => (a.kind === 'number' || a.kind === 'total' ? null : compare('>', a, { kind: 'total', fn: 'mean', of: a, by: [] })), 0.02),
  rule('cond', '$ex2:a ~be? below|under|lower|less than? the|its? ~average', ({ a }) => (a.kind === 'number' || a.kind === 'total' ? null : compare('<', a, { kind: 'total', fn: 'mean', of: a, by: [] })), 0.02),
  rule('cond', '$col:c ~be? ~more $num:n cents|cent|pence|$unit? above|over|higher than? the? ~average (of all|the? $rows|$col)?', ({ c, n }, x: Context) => (numeric(c, x) ? compare('>', column(c), { kind: 'op', op: '+', left: { kind: 'total', fn: 'mean', of: column(c), by: [] }, right: number(n) }) : null), 0.3),
  rule('cond', '~withA|with|having|above|of? an? =above-average $col:c', ({ c }, x: Context) => (numeric(c, x) ? compare('>', column(c), { kind: 'total', fn: 'mean', of: column(c), by: [] }) : null), 0),
  rule('cond', '~withA|with|having|of? an? =below-average $col:c', ({ c }, x: Context) => (numeric(c, x) ? compare('<', column(c), { kind: 'total', fn: 'mean', of: column(c), by: [] }) : null), 0),
  rule('cond', '$col:c ~be? =above-average', ({ c }, x: Context) => (numeric(c, x) ? compare('>', column(c), { kind: 'total', fn: 'mean', of: column(c), by: [] }) : null), 0),
  rule('cond', '$col:c ~be? =below-average', ({ c }, x: Context) => (numeric(c, x) ? compare('<', column(c), { kind: 'total', fn: 'mean', of: column(c), by: [] }) : null), 0),
  rule('cond', '~more ~average $col:c', ({ c }, x: Context) => (numeric(c, x) ? compare('>', column(c), { kind: 'total', fn: 'mean', of: column(c), by: [] }) : null), 0.05),
  rule('cond', '~less ~average $col:c', ({ c }, x: Context) => (numeric(c, x) ? compare('<', column(c), { kind: 'total', fn: 'mean', of: column(c), by: [] }) : null), 0.05),
  // 'When sold and comps together come to all the seats'
  rule('cond', '$ex2:a together? come|comes|came|add|adds|added|amount|amounts|sum|sums|make|makes|fill|fills up? to? exactly? all? of? the? $ex1:b', ({ a, b }) => (a.kind === 'op' && (a.op === '+' || a.op === '-') ? compare('=', a, b) : null), 0),
  rule('cond', '$ex2:a ~equals $ex1:b', ({ a, b }) => (a.kind === 'number' || (a.kind === 'column' && b.kind === 'column') ? null : compare('=', a, b)), 0.1),
  rule('cond', '$col:a ~sameAs $col:b', ({ a, b }) => (a === b ? null : compare('=', column(a), column(b))), 0.05),
  rule('cond', '$ex2:a ~equals $ex1:b', ({ a, b }) => (a.kind === 'column' && b.kind === 'column' ? compare('=', a, b) : null), 0.5),
  rule('cond', '$ex2:a ~differs $ex1:b', ({ a, b }) => (a.kind === 'number' ? null : compare('<>', a, b)), 0.1),
  rule('cond', '$ex2:a ~between $ex1:b ~fromTo $ex1:c ~bothIncluded?', ({ a, b, c }) => (a.kind === 'number' ? null : all([compare('>=', a, b), compare('<=', a, c)])), 0.05),
  // Reached, met, missed.
  rule('cond', '$ex2:a has|have? reached|reaches|met|meets|hit|hits|made|achieved the|its? $ex1:b', ({ a, b }) => sized('>=', a, b), 0.1),
  rule('cond', '$ex2:a has|have? missed|misses|failed|undershot the|its? $ex1:b', ({ a, b }) => sized('<', a, b), 0.1),
  rule('cond', '$ex2:a fell|falls|stayed|stays short of|below the|its? $ex1:b', ({ a, b }) => sized('<', a, b), 0.1),
  rule('cond', '$ex2:a has|have? beat|beats|exceeded|exceeds|topped|passed|surpassed the|its? $ex1:b', ({ a, b }) => sized('>', a, b), 0.1),
  rule('cond', '$ex2:a ~be? < $ex1:b', ({ a, b }) => sized('<', a, b), 0),
  rule('cond', '$ex2:a ~be? > $ex1:b', ({ a, b }) => sized('>', a, b), 0),
  rule('cond', '$ex2:a >=|≥ $ex1:b', ({ a, b }) => sized('>=', a, b), 0),
  rule('cond', '$ex2:a <=|≤ $ex1:b', ({ a, b }) => sized('<=', a, b), 0),
  rule('cond', '$ex2:a (fully|completely|at least)? covers|cover|covered|reaches|reached|meets|met the|all|whole? (of the)? $ex2:b', ({ a, b }) => (a.kind === 'number' || b.kind === 'number' ? null : sized('>=', a, b)), 0.1),
  rule('cond', "$ex2:a didn't|doesn't|don't cover $ex1:b", ({ a, b }) => sized('<', a, b), 0),
  // What costs more than so much, what is older than a year, what a part of a text says
  ...SIZES.flatMap(([words, op]) => [
    rule('cond', `cost|costs|costing|costed|priced ~at? ${words} $num:n $unit|euros|euro|dollars|pounds|francs?`, ({ n }, x: Context) => { const c = priceColumn(x); return c && numbered(op, c, n); }, 0.1),
    rule('rset', `$rows ~rel? cost|costs|costing|costed|priced ~at? ${words} $num:n`, ({ n }, x: Context) => { const c = priceColumn(x); return c && numbered(op, c, n); }, 0.1),
  ]).flat(),
  rule('texts', '$text:t', ({ t }) => [t], 0),
  rule('texts', '$text:t ~list $texts:r', ({ t, r }) => [t, ...r], 0),
  rule('code', '$word:w', ({ w }) => (/^[A-Z]{1,5}$|\d/.test(w) ? w : null), 0),
  // 'Hours above the average', 'invoices above the median'
  ...([['~more', '>'], ['~less', '<'], ['~least', '>='], ['~most', '<=']] as const).flatMap(([words, op]) => ([['~average', 'mean'], ['median', 'median']] as const).flatMap(([figure, fn]) => [
    rule('cond', `$col:c ~be? ${words} the? overall|general|total|whole? ${figure} (of all $rows?)?`, ({ c }, x: Context) => beyondFigure(op, fn, c, x), 0),
    rule('rset', `$rows|$noun|$guess ${words} the? overall|general|total|whole? ${figure} ^$col:c`, ({ c }, x: Context) => beyondFigure(op, fn, c, x), 0.1),
  ].flat())),
  // 'Jobs that took longer than average'
  ...([['longer than', '>'], ['more time than', '>'], ['shorter than', '<'], ['less time than', '<']] as const).flatMap(([words, op]) => [
    rule('cond', `took|lasted|needed|take|ran|stayed|last ${words} the? ~average ($rows|$noun|$guess|one)?`, (_s, x: Context) => beyondSpan(op, x), -0.1),
    rule('rset', `$rows|$noun|$guess ${words} the? ~average ($rows|$noun|$guess|one)?`, (_s, x: Context) => beyondSpan(op, x), 0.1),
  ].flat()),
  ...([['~more', '>'], ['~less', '<']] as const).map(([words, op]) => rule('cond', `$col:c ~be? ${words} the|its|their? ~average of|in|for|within|among the|its|their|that same|own? $col:g`, ({ c, g }, x: Context) => (numeric(c, x) && c !== g && columnOf(x.head, g).type === 'text' ? compare(op, column(c), { kind: 'total', fn: 'mean', of: column(c), by: [g] }) : null), 0)).flat(),
  rule('cond', 'it|they? ~tookIt ~more $num:n days to|until|for $col:b the? $rows?', ({ n, b }, x: Context) => { const e = spanTo(b, x); return e && compare('>', e, number(n)); }, 0),
  rule('cond', 'it|they? ~tookIt ~less $num:n days to|until|for $col:b the? $rows?', ({ n, b }, x: Context) => { const e = spanTo(b, x); return e && compare('<', e, number(n)); }, 0),
  rule('cond', 'it|they? ~tookIt ~least $num:n days to|until|for $col:b the? $rows?', ({ n, b }, x: Context) => { const e = spanTo(b, x); return e && compare('>=', e, number(n)); }, 0),
  rule('cond', 'it|they? ~tookIt ~most $num:n days to|until|for $col:b the? $rows?', ({ n, b }, x: Context) => { const e = spanTo(b, x); return e && compare('<=', e, number(n)); }, 0),
  ...['cost|costs|costed|charged|paid|brought|earned|made nothing', '~be? free of charge', 'was|were|is|are done|given|made|sold for free|nothing'].map((words) => rule('cond', words, (_s, x: Context) => { const c = takingsColumn(x); return c === null || x.vocabulary.values.has('free') ? null : any([empty(c), compare('=', column(c), number(0))]); }, 0.2)).flat(),
  // 'not paid in full': less than what was to be paid
  rule('cond', '~be|~have? we|they|he|she? ~not been? $col:c in full', ({ c }, x: Context) => { const due = dueFor(c, x); return due && compare('<', { kind: 'orElse', of: column(c), otherwise: number(0) }, due); }, 0),
  rule('cond', '~be|~have? we|they|he|she? ~not been? fully|completely|entirely $col:c', ({ c }, x: Context) => { const due = dueFor(c, x); return due && compare('<', { kind: 'orElse', of: column(c), otherwise: number(0) }, due); }, 0),
  rule('cond', '~be|~have? we|they|he|she? been? fully|completely|entirely $col:c', ({ c }, x: Context) => { const due = dueFor(c, x); return due && compare('>=', column(c), due); }, 0),
  rule('cond', '~be|~have? we|they|he|she? been? $col:c in full', ({ c }, x: Context) => { const due = dueFor(c, x); return due && compare('>=', column(c), due); }, 0),
  rule('cond', 'with|have|has|having|of zero|0 $col:c', ({ c }, x: Context) => (numeric(c, x) ? compare('=', column(c), number(0)) : null), 0),
  rule('cond', 'more|higher ~be? $col:a than the? $ex1:b', ({ a, b }, x: Context) => (numeric(a, x) ? sized('>', column(a), b) : null), 0.02),
  rule('cond', 'less|fewer|lower ~be? $col:a than the? $ex1:b', ({ a, b }, x: Context) => (numeric(a, x) ? sized('<', column(a), b) : null), 0.02),
  rule('cond', 'with|having|that|which|have|has|had? more $col:a than the? $ex1:b', ({ a, b }, x: Context) => (numeric(a, x) ? sized('>', column(a), b) : null), 0),
  rule('cond', 'with|having|that|which|have|has|had? less|fewer $col:a than the? $ex1:b', ({ a, b }, x: Context) => (numeric(a, x) ? sized('<', column(a), b) : null), 0),
  rule('numbers', '$num:n', ({ n }) => [n], 0),
  rule('numbers', '$num:n or|,|and $numbers:r', ({ n, r }) => [n, ...r], 0),
  rule('cond', '$col:c :|,? ^$numbers:n', ({ c, n }, x: Context) => (numeric(c, x) ? any(n.map((v: number) => compare('=', column(c), number(v)))) : null), 0.3),
  rule('cond', '$col:c ~be either? $numbers:n', ({ c, n }, x: Context) => (numeric(c, x) && n.length > 1 ? any(n.map((v: number) => compare('=', column(c), number(v)))) : null), 0.05),
  // 'Under 86 or over 90'; joined by 'and' it is the same where no number could be both.
  ...([['~less', '<', '~more', '>'], ['~most', '<=', '~least', '>='], ['~less', '<', '~least', '>='], ['~most', '<=', '~more', '>']] as const).flatMap(([down, low, up, high]) => [
    rule('cond', `$ex2:e ~be? ${down} $num:a or|and ~be? ${up} $num:b`, ({ e, a, b }) => (e.kind === 'number' || a >= b ? null : any([compare(low, e, number(a)), compare(high, e, number(b))])), -0.05),
    rule('cond', `$ex2:e ~be? ${up} $num:b or|and ~be? ${down} $num:a`, ({ e, a, b }) => (e.kind === 'number' || a >= b ? null : any([compare(low, e, number(a)), compare(high, e, number(b))])), -0.05),
  ]).flat(),
  // 'An above-average charge'
  ...([['above-average', '>'], ['below-average', '<']] as const).flatMap(([words, op]) => [
    rule('cond', `with|having? an? ${words} $col:c`, ({ c }, x: Context) => (numeric(c, x) ? compare(op, column(c), { kind: 'total', fn: 'mean', of: column(c), by: [] }) : null), 0.1),
    rule('cond', `$col:c ~be? ${words} average`, ({ c }, x: Context) => (numeric(c, x) ? compare(op, column(c), { kind: 'total', fn: 'mean', of: column(c), by: [] }) : null), 0),
  ]).flat(),
  // What was paid for a row, where one amount says what it was thought to be
  ...SIZES.flatMap(([words, op]) => [
    rule('cond', `went|sold|fetched|made|brought|cost|got|paid|raised|reached|is|are|was|were for|at|in? ${words} the|its|their|it|they|what? (was|were)? ^$col:b (at|to|for)?`, ({ b }, x: Context) => { const a = soldFor(x, b); return a !== null && ESTIMATED.test(b) ? compare(op, column(a), column(b)) : null; }, 0.1),
    rule('cond', `~be? sold|went|go|fetched|brought|made|bought|paid|raised for|in|at? ${words} $num:n pounds|pound|euros|euro|dollars|francs|£|€|\\$`, ({ n }, x: Context) => { const a = soldFor(x); return a === null ? null : compare(op, column(a), number(n)); }, -0.1),
  ]).flat(),
  // 'Groups that came more than once': rows of values that several rows have
  rule('rset', '$col:g ~rel $word|~did|~have|~be $word|here|there|in? up? $severalTimes:n', ({ g, n }, x: Context) => (groupable(g, x) && !namesRows(g, x.vocabulary) ? compare('>', rowsCounted([g]), number(n)) : null), 0),
  rule('aside', '~open $values|$word ,|and|or? ($values|$word)? ,|and? ~etc ~close', () => nothing, 0.1),
  rule('aside', "whatever|however they're|they|it|it's (are|is)? called|named|written|spelled|spelt", () => nothing, 0),
].flat();
