import { conditionSql, expressionSql, groupKey, hasFigure, identifier, NoSql, type SqlContext } from '../formula/sql';
import type { CheckedHead } from '../formula/check';
import type { Plan } from './registry';

/** The SQL of a plan, or why there is none. */
export type PlanSql = { readonly sql: string } | { readonly none: string };

/**
 * A plan as one SELECT over a table that was handed off to PostgreSQL (`table` is its name, quoted where it must be): the same
 * columns and rows as the plan gives. Rows come in the order in which they were written.
 */
export function planSql(plan: Plan, head: CheckedHead, table: string): PlanSql {
  try {
    return { sql: `${selectOf(plan, head, table)};` };
  } catch (error) {
    if (error instanceof NoSql) return { none: `There is no SQL for this: ${error.message}.` };
    throw error;
  }
}

const names = (list: readonly string[]): string => list.map(identifier).join(', ');

function selectOf(plan: Plan, head: CheckedHead, table: string): string {
  const c: SqlContext = { head, table, figures: 'window' };
  const all = head.columns.map((h) => h.name);
  switch (plan.step) {
    case 'calculate': {
      const value = expressionSql(plan.as, c);
      const rest = plan.replace ? identifier(plan.name) : 'null';
      const made = plan.where ? `case when ${conditionSql(plan.where, c)} then ${value} else ${rest} end` : value;
      return `select ${plan.replace ? all.map((n) => (n === plan.name ? `${made} as ${identifier(n)}` : identifier(n))).join(', ') : `${names(all)}, ${made} as ${identifier(plan.name)}`}\nfrom ${table}\norder by ctid`;
    }
    case 'filter': {
      const test = conditionSql(plan.where, c);
      const wanted = plan.mode === 'keep' ? '' : ' is not true';
      // Window functions are not allowed in a WHERE: they are worked out in a query inside.
      if (hasFigure(plan.where)) return `select ${names(all)}\nfrom (select *, ctid as place, (${test}) as fits from ${table}) as tested\nwhere fits${wanted}\norder by place`;
      return `select ${names(all)}\nfrom ${table}\nwhere (${test})${wanted}\norder by ctid`;
    }
    case 'ask': {
      if (plan.across || plan.inAll) throw new NoSql('values as columns, and a line for all groups, are written otherwise there');
      const grouped: SqlContext = { ...c, figures: 'aggregate' };
      // Texts that are taken for the same are shown as they first stand.
      const grouping = plan.figures.length > 0;
      const by = plan.by.map((g) => { const of = expressionSql(g.as, c), key = groupKey(of, g.as, head); return `${key === of ? of : grouping ? `(array_agg(${of} order by ctid))[1]` : of} as ${identifier(g.name)}`; });
      const figures = plan.figures.map((f) => `${expressionSql(f.as, grouped)} as ${identifier(f.name)}`);
      const where = plan.where ? `\nwhere ${conditionSql(plan.where, c)}` : '';
      if (plan.by.some((g) => hasFigure(g.as)) || (plan.where && hasFigure(plan.where))) throw new NoSql('a figure over the rows stands where groups are made');
      const group = plan.by.length && grouping ? `\ngroup by ${plan.by.map((g) => groupKey(expressionSql(g.as, c), g.as, head)).join(', ')}` : '';
      const order = plan.order ? `\norder by ${identifier(plan.order.name)}${plan.order.down ? ' desc' : ''} nulls last` : '';
      return `select ${plan.figures.length ? '' : 'distinct '}${[...by, ...figures].join(', ')}\nfrom ${table}${where}${group}${order}${plan.most === undefined ? '' : `\nlimit ${plan.most}`}`;
    }
    case 'pick':
      return `select ${names(plan.columns)}\nfrom ${table}\norder by ctid`;
    case 'drop':
      return `select ${names(all.filter((n) => !plan.columns.includes(n)))}\nfrom ${table}\norder by ctid`;
    case 'rename':
      return `select ${all.map((n) => { const to = plan.names.find((r) => r.from === n)?.to; return to === undefined ? identifier(n) : `${identifier(n)} as ${identifier(to)}`; }).join(', ')}\nfrom ${table}\norder by ctid`;
    case 'check':
      return hasFigure(plan.where)
        ? `select ${names(all)}\nfrom (select *, ctid as place, (${conditionSql(plan.where, c)}) as fits from ${table}) as tested\nwhere not fits\norder by place`
        : `select ${names(all)}\nfrom ${table}\nwhere not (${conditionSql(plan.where, c)})\norder by ctid`;
    default:
      throw new NoSql('it is worked out by Kulfi’s own rules; hand the result off instead');
  }
}
