import { escape } from '../values/find';
import { isDate, isQuantity } from '../table/column';
import { isClockUnit } from '../values/date';
import { folded } from '../values/fold';
import { comparesDates, typeOf, type CheckedHead } from './check';
import { QUANTILES } from './figures';
import { boundsOf, isListed, walk, type Condition, type DatePart, type Expression, type TotalFn } from './expression';

/* Expressions and conditions as SQL, for a table that was handed off to PostgreSQL: blanks are null, rows in their order. */

/** What has no SQL, said for the person. */
export class NoSql extends Error {}

/** A name as SQL has it. */
export const identifier = (name: string): string => `"${name.replace(/"/g, '""')}"`;
const literal = (text: string): string => `'${text.replace(/'/g, "''")}'`;

/** How figures over the rows are written: as window functions beside the rows, or as aggregates of a grouped query. */
export interface SqlContext {
  readonly head: CheckedHead;
  /** The table's name in SQL, for figures that need a query of their own. */
  readonly table: string;
  readonly figures: 'window' | 'aggregate';
}

const OPERATORS = { '+': '+', '-': '-', '*': '*' } as const;
const AGGREGATES: Partial<Record<TotalFn, (x: string) => string>> = {
  sum: (x) => `sum(${x})`, mean: (x) => `avg(${x})`, lowest: (x) => `min(${x})`, highest: (x) => `max(${x})`, count: (x) => `count(${x})`,
  spread: (x) => `stddev_samp(${x})`,
};
const PARTS: Partial<Record<DatePart, (d: string) => string>> = {
  year: (d) => `extract(year from ${d})`, quarter: (d) => `extract(quarter from ${d})`, month: (d) => `extract(month from ${d})`, week: (d) => `extract(week from ${d})`, day: (d) => `extract(day from ${d})`, hour: (d) => `extract(hour from ${d})`,
  date: (d) => `${d}::date`, weekday: (d) => `to_char(${d}, 'FMDay')`, 'month name': (d) => `to_char(${d}, 'FMMonth')`, 'month in its year': (d) => `to_char(${d}, 'YYYY-MM')`, 'quarter in its year': (d) => `to_char(${d}, 'YYYY "Q"Q')`,
};
const MATHS = { 'absolute value': 'abs', 'square root': 'sqrt', 'natural logarithm': 'ln', 'decimal logarithm': 'log' } as const;

/** Is there a figure over rows in it? */
export const hasFigure = (node: Expression | Condition): boolean => {
  let found = false;
  walk(node, (n) => { found ||= n.kind === 'total' || n.kind === 'over' || n.kind === 'moving' || n.kind === 'ago' || n.kind === 'outlying'; });
  return found;
};

/** An expression as SQL. Throws NoSql for what PostgreSQL has no plain word for. */
export function expressionSql(e: Expression, c: SqlContext): string {
  switch (e.kind) {
    case 'number':
      return e.value < 0 ? `(${e.value}::numeric)` : `${e.value}::numeric`;
    case 'text':
      return e.value === '' ? 'null::text' : `${literal(e.value)}::text`;
    case 'date':
      return `date ${literal(e.value)}`;
    case 'blank':
      return 'null';
    case 'column':
      return identifier(e.name);
    case 'op': {
      const [a, b] = [quantity(e.left, c), quantity(e.right, c)];
      if (e.op === '/') return `((${a})::numeric / nullif(${b}, 0))`;
      if (e.op === '^') throw new NoSql('powers are worked out in another precision there');
      return `(${a} ${OPERATORS[e.op]} ${b})`;
    }
    case 'round': {
      const of = quantity(e.of, c);
      return e.mode === 'nearest' ? `round(${of}, ${e.places})` : `(${e.mode === 'up' ? 'ceil' : 'floor'}(${of} * ${10 ** e.places}) / ${10 ** e.places})`;
    }
    case 'choose':
      return `(case ${e.cases.map((one) => `when ${conditionSql(one.when, c)} then ${expressionSql(one.then, c)}`).join(' ')} else ${expressionSql(e.otherwise, c)} end)`;
    case 'maths': {
      const of = quantity(e.of, c);
      const from = e.fn === 'square root' ? '>= 0' : '> 0';
      return e.fn === 'absolute value' ? `abs(${of})` : `(case when ${of} ${from} then ${MATHS[e.fn]}(${of}) end)`;
    }
    case 'across': {
      const all = e.of.map((part) => quantity(part, c));
      if (e.fn === 'lowest' || e.fn === 'highest') return `${e.fn === 'lowest' ? 'least' : 'greatest'}(${all.join(', ')})`;
      return `(select ${e.fn === 'sum' ? 'sum' : 'avg'}(v) from (values ${all.map((x) => `((${x})::numeric)`).join(', ')}) as across(v))`;
    }
    case 'orElse':
      return `coalesce(${expressionSql(e.of, c)}, ${expressionSql(e.otherwise, c)})`;
    case 'span': {
      const [from, to] = [dated(e.from, c), dated(e.to, c)];
      if (e.unit === 'working days') throw new NoSql('working days have no plain word there');
      if (isClockUnit(e.unit)) return `(extract(epoch from (${to}::timestamp - ${from}::timestamp)) / ${e.unit === 'hours' ? 3600 : 60})`;
      if (e.unit === 'days') return `(${to}::date - ${from}::date)`;
      if (e.unit === 'weeks') return `trunc((${to}::date - ${from}::date) / 7.0)`;
      const [low, high] = [`least(${from}, ${to})::date`, `greatest(${from}, ${to})::date`];
      const months = `((extract(year from ${high}) - extract(year from ${low})) * 12 + extract(month from ${high}) - extract(month from ${low}) - (case when extract(day from ${high}) < extract(day from ${low}) then 1 else 0 end))`;
      // least and greatest pass over nulls: a span needs both ends.
      return `(case when ${from} is not null and ${to} is not null then (case when ${to} < ${from} then -1 else 1 end) * ${e.unit === 'months' ? months : `floor(${months} / 12)`} end)`;
    }
    case 'shifted': {
      const [of, by] = [dated(e.of, c), quantity(e.by, c)];
      if (e.unit === 'working days') throw new NoSql('working days have no plain word there');
      if (isClockUnit(e.unit)) return `(${of}::timestamp ${e.side === 'after' ? '+' : '-'} (${by})::double precision * interval '1 ${e.unit === 'hours' ? 'hour' : 'minute'}')`;
      const timed = typeOf(e, c.head).type === 'datetime';
      return `(case when ${by} = trunc(${by}) then (${of}::timestamp ${e.side === 'after' ? '+' : '-'} (${by})::integer * interval '1 ${e.unit.slice(0, -1)}')${timed ? '' : '::date'} end)`;
    }
    case 'part': {
      const write = PARTS[e.part];
      if (!write) throw new NoSql(`the ${e.part} of a date is written differently there`);
      return write(dated(e.of, c));
    }
    case 'cased': {
      if (e.letters !== 'upper' && e.letters !== 'lower') throw new NoSql('capitals at the start of words follow other rules there');
      return `${e.letters}(${text(e.of, c)})`;
    }
    case 'written':
      return `(${e.of.map((part) => text(part, c)).join(' || ')})`;
    case 'join':
      return `nullif(concat_ws(${literal(e.separator)}, ${e.of.map((part) => `nullif(btrim(${text(part, c)}), '')`).join(', ')}), '')`;
    case 'letters':
      return `nullif(${e.side === 'first' ? 'left' : 'right'}(btrim(${text(e.of, c)}), ${e.count}), '')`;
    case 'size':
      if (e.what === 'words') throw new NoSql('words are counted differently there');
      return `length(${text(e.of, c)})`;
    case 'total':
      return totalSql(e, c);
    case 'over':
      return overSql(e, c);
    case 'moving': {
      plainInside(e, c);
      const window = `over (${partition(e.by, c)} order by ctid rows between ${e.rows - 1} preceding and current row)`;
      const fn = { mean: 'avg', sum: 'sum', lowest: 'min', highest: 'max' }[e.fn];
      return `(case when count(*) ${window} = ${e.rows} then ${fn}(${quantity(e.of, c)}) ${window} end)`;
    }
    default:
      throw new NoSql(`“${e.kind === 'ago' ? 'some time before' : e.kind}” has no plain word there`);
  }
}

/** A condition as SQL: true, false, or null where a value is missing. */
export function conditionSql(k: Condition, c: SqlContext): string {
  switch (k.kind) {
    case 'compare': {
      const sides = [k.left, k.right] as const;
      const types = sides.map((side) => typeOf(side, c.head).type);
      if (comparesDates(k, c.head)) {
        const byDay = types.includes('date');
        const [a, b] = sides.map((side) => dated(side, c) + (byDay ? '::date' : '')) as [string, string];
        return `${a} ${k.op} ${b}`;
      }
      if (types.every((t) => t === 'text') && (k.op === '=' || k.op === '<>')) return `${same(text(k.left, c))} ${k.op} ${same(text(k.right, c))}`;
      return `${quantity(k.left, c)} ${k.op} ${quantity(k.right, c)}`;
    }
    case 'among':
      return `${same(asText(k.of, c))} in (${k.texts.map((t) => literal(folded(t))).join(', ')})`;
    case 'text': {
      const of = text(k.of, c);
      const one = (t: string): string => {
        const wanted = literal(t.toLowerCase());
        if (k.test === 'contains') return `position(${wanted} in lower(${of})) > 0`;
        if (k.test === 'starts') return `starts_with(lower(btrim(${of})), ${wanted})`;
        if (k.test === 'ends') return `right(lower(btrim(${of})), ${Array.from(t).length}) = ${wanted}`;
        return `lower(${of}) ~ ${literal(`(^|[^[:alnum:]])${escape(t.toLowerCase())}([^[:alnum:]]|$)`)}`;
      };
      return `(${k.texts.map(one).join(' or ')})`;
    }
    case 'empty':
      return `${expressionSql(k.of, c)} is null`;
    case 'outlying': {
      const { lowest, highest } = boundsOf(k);
      const of = quantity(k.of, c);
      return `(${of} < ${expressionSql(lowest, c)} or ${of} > ${expressionSql(highest, c)})`;
    }
    case 'all':
    case 'any':
      return `(${k.of.map((one) => conditionSql(one, c)).join(k.kind === 'all' ? ' and ' : ' or ')})`;
    case 'not':
      return `(not ${conditionSql(k.of, c)})`;
    case 'holds':
      throw new NoSql('things are found in texts by other rules there');
    case 'listed':
      throw new NoSql('another table is looked into');
  }
}

const same = (sql: string): string => `lower(regexp_replace(btrim(${sql}), '\\s+', ' ', 'g'))`;

function quantity(e: Expression, c: SqlContext): string {
  const { type } = typeOf(e, c.head);
  if (e.kind !== 'blank' && !isQuantity(type)) throw new NoSql(e.kind === 'column' ? `“${e.name}” holds no numbers; turn it into numbers first` : 'a number is read out of a text there');
  return e.kind === 'blank' ? 'null::numeric' : e.kind === 'column' ? `${identifier(e.name)}::numeric` : expressionSql(e, c);
}
function dated(e: Expression, c: SqlContext): string {
  if (!isDate(typeOf(e, c.head).type)) throw new NoSql(e.kind === 'column' ? `“${e.name}” holds no dates; turn it into dates first` : 'a date is read out of a text there');
  return expressionSql(e, c);
}
function text(e: Expression, c: SqlContext): string {
  if (e.kind !== 'blank' && typeOf(e, c.head).type !== 'text') throw new NoSql('numbers and dates are written differently there');
  return e.kind === 'blank' ? 'null::text' : expressionSql(e, c);
}
/** A value as text where it is compared with texts: whole numbers are written the same. */
const asText = (e: Expression, c: SqlContext): string => (typeOf(e, c.head).type === 'whole' ? `${expressionSql(e, c)}::text` : text(e, c));

/** What rows are grouped by: texts that differ only in capitals and spaces are the same. */
export const groupKey = (sql: string, e: Expression, head: CheckedHead): string => (typeOf(e, head).type === 'text' ? same(sql) : sql);
const keys = (by: readonly string[], c: SqlContext, of = ''): string[] => by.map((name) => groupKey(`${of}${identifier(name)}`, { kind: 'column', name }, c.head));
const partition = (by: readonly string[], c: SqlContext): string => (by.length ? `partition by ${keys(by, c).join(', ')}` : '');
/** A window function cannot be put inside another. */
function plainInside(e: { readonly of: Expression }, c: SqlContext): void {
  if (c.figures === 'aggregate') throw new NoSql('a figure of every row stands in a question about groups');
  if (hasFigure(e.of)) throw new NoSql('a figure over the rows stands inside another');
}
/** A value of a column of a table named otherwise, for a query inside the query. */
const inner = (e: Expression, c: SqlContext): string => (isDate(typeOf(e, c.head).type) || typeOf(e, c.head).type === 'text' ? expressionSql(e, c) : quantity(e, c));

function totalSql(e: Extract<Expression, { kind: 'total' }>, c: SqlContext): string {
  if (hasFigure(e.of)) throw new NoSql('a figure over the rows stands inside another');
  const of = e.fn === 'count' || e.fn === 'distinct' || e.of.kind === 'column' ? inner(e.of, c) : quantity(e.of, c);
  const distinct = typeOf(e.of, c.head).type === 'text' ? `count(distinct ${same(of)})` : `count(distinct ${of})`;
  const aggregate = e.fn === 'distinct' ? distinct : isListed(e.fn) && e.fn !== 'spread' ? `percentile_cont(${QUANTILES[e.fn]}) within group (order by ${of})::numeric` : AGGREGATES[e.fn]?.(of);
  if (c.figures === 'aggregate') {
    if (e.whole && aggregate && (e.fn === 'sum' || e.fn === 'count')) return `sum(${aggregate}) over ()`;
    if (e.by.length || e.whole || !aggregate) throw new NoSql('a figure of another group stands in a question about groups');
    return aggregate;
  }
  if (aggregate && e.fn !== 'distinct' && (!isListed(e.fn) || e.fn === 'spread')) return `${aggregate} over (${partition(e.by, c)})`;
  // What PostgreSQL does not do over a window: a query of its own over the rows of the same group.
  const [within, without] = [keys(e.by, c, 'inside.'), keys(e.by, c, `${c.table}.`)];
  const group = within.map((k, i) => `${k} is not distinct from ${without[i]}`).join(' and ');
  if (e.fn === 'first' || e.fn === 'last') return `(select ${of} from ${c.table} as inside where ${[...(group ? [group] : []), `${of} is not null`].join(' and ')} order by inside.ctid${e.fn === 'last' ? ' desc' : ''} limit 1)`;
  return `(select ${aggregate} from ${c.table} as inside${group ? ` where ${group}` : ''})`;
}

function overSql(e: Extract<Expression, { kind: 'over' }>, c: SqlContext): string {
  plainInside(e, c);
  if (e.along) throw new NoSql('a figure that follows another order has no plain word there');
  const sorted = `${partition(e.by, c)} order by ctid`;
  if (e.fn === 'number') return e.of.kind === 'number' ? `row_number() over (${sorted})` : `(case when ${inner(e.of, c)} is not null then count(${inner(e.of, c)}) over (${sorted} rows unbounded preceding) end)`;
  if (e.fn === 'previous') return `lag(${inner(e.of, c)}) over (${sorted})`;
  const of = quantity(e.of, c);
  if (e.fn === 'running') return `coalesce(sum(${of}) over (${sorted} rows unbounded preceding), 0)`;
  // Blanks have no place, and take none.
  const placed = `over (partition by ${[...keys(e.by, c), `${of} is null`].join(', ')} order by ${of}${e.fn === 'rank' ? ' desc' : ''})`;
  return `(case when ${of} is not null then ${e.fn === 'percentile' ? `100 * cume_dist() ${placed}` : `rank() ${placed}`} end)`;
}
