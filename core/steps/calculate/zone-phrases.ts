import { column } from '../../formula/expression';
import { isDate } from '../../table/column';
import { columnOf, findColumn } from '../../table/table';
import { amend, plans, type Act, type Context } from '../../language/acts';
import { rule } from '../../language/chart';
import { zoneOf } from '../../values/zones';
import { readsAsDate } from '../../formula/check';
import { add } from './adding';

/* Moments on the clocks of other time zones. */

/** A column's own moments put into another zone, or a new column of them. */
function rezoned(name: string, from: string, to: string, x: Context, as?: string): Act | null {
  if (!readsAsDate(x.head, name) || from === to) return null;
  const expression = { kind: 'zoned' as const, from, to, of: column(name) };
  // A name that says its zone would no longer be true.
  return as === undefined && zoneInName(name) === null ? plans({ step: 'calculate', name, as: expression, replace: true }) : add(expression, as);
}

/** The only column of moments. */
const onlyMoment = (x: Context): string | null => {
  const all = x.head.columns.filter((c) => isDate(c.type) && c.type === 'datetime');
  return all.length === 1 ? all[0]!.name : null;
};

/** Does the name of a column say its zone ('Sent UTC', 'Departed (CET)')? */
function zoneInName(name: string): string | null {
  const word = /(?:^|[\s(_-])(\p{L}{1,4})\)?$/u.exec(name)?.[1];
  return word === undefined || word !== word.toUpperCase() ? null : zoneOf(word);
}

/** From the zone that the column's name says. */
const fromName = (name: string, to: string, x: Context): Act | null => { const from = zoneInName(name); return from && findColumn(x.head.columns, name) && columnOf(x.head, name) ? rezoned(name, from, to, x) : null; };

export const zonePhrases = [
  rule('zone', '$word:w', ({ w }) => (w.length > 1 ? zoneOf(w) : null), 0),
  rule('zone', '$word:a $word:b', ({ a, b }) => zoneOf(`${a} ${b}`), 0),
  rule('zone', '$word:a / $word:b', ({ a, b }) => zoneOf(`${a}/${b}`), 0),
  rule('zone', '$text:t', ({ t }) => zoneOf(t), 0),
  rule('inZone', '$zone:z local? time|times|clock|timezone?', ({ z }) => z, 0),
  rule('inZone', 'the? time|times|clock|timezone zone? of|in $zone:z', ({ z }) => z, 0.05),
  rule('clause', '~make|move|shift|change|show|give|express|translate $col:c from $inZone:a ~into2|~into $inZone:b', ({ c, a, b }, x: Context) => rezoned(c, a, b, x), -0.1),
  rule('clause', '$col:c from $inZone:a ~into2|~into $inZone:b', ({ c, a, b }, x: Context) => rezoned(c, a, b, x), -0.05),
  rule('clause', '$col:c is|are in $inZone:a ,|;|.|:? and|so|please? ~make|move|shift|change|show|give it|them|that? ~into2|~into $inZone:b', ({ c, a, b }, x: Context) => rezoned(c, a, b, x), -0.1),
  rule('clause', '~make|move|shift|change|show|give $col:c ~into2|~into|in $inZone:b ,|;|:|~open? it|they|that|which|now? is|are|being|stands|comes|recorded|given|stored? in|from $inZone:a ~close?', ({ c, a, b }, x: Context) => rezoned(c, a, b, x), -0.1),
  rule('clause', '~make|move|shift|change|show|give $col:c ~into2|~into|in $inZone:b', ({ c, b }, x: Context) => fromName(c, b, x), 0),
  rule('clause', '~make|move|shift|change|show the? times|timestamps|moments|datetimes from $inZone:a ~into2|~into $inZone:b', ({ a, b }, x: Context) => { const c = onlyMoment(x); return c && rezoned(c, a, b, x); }, 0),
  rule('clause', '~add ~column? ~named? $name:n with|of|as|for|,|:? the? $col:c in $inZone:b ,|;|~open? it|they|that|which? is|are|from|recorded|given? in? $inZone:a ~close?', ({ n, c, a, b }, x: Context) => rezoned(c, a, b, x, n), -0.1),
  rule('rider', '~add|~into ~column ~named? $name:n', ({ n }) => amend(`zone named ${n}`, (plan) => (plan.step === 'calculate' && plan.replace && plan.as.kind === 'zoned' ? { ...plan, name: n, replace: false } : null)), -0.1),
].flat();
