import Joi from 'joi';
import { columnOf } from '../../table/table';
import { choice, columnName, columnNames, field, oneOf, record } from '../../language/exact';
import { keep, type StepDefinition } from '../step';

/** Where columns go: to an end, or beside a column. */
export type Place = { readonly to: 'first' | 'last' } | { readonly beside: string; readonly side: 'before' | 'after' };

/** Move columns, in the order given. */
export interface MovePlan {
  readonly step: 'move';
  readonly columns: readonly string[];
  readonly place: Place;
}

const place = choice<Place>(
  record<{ to: 'first' | 'last' }>({}, field('to', oneOf([['first', 'the front'], ['last', 'the end']]))) as never,
  record<{ beside: string; side: 'before' | 'after' }>({}, field('side', oneOf([['before', 'before '], ['after', 'after ']])), field('beside', columnName)) as never,
);

export const move: StepDefinition<MovePlan> = {
  step: 'move',
  title: 'move columns',
  example: 'Move ‹Status› to after ‹Lot›',
  schema: Joi.object({
    step: Joi.valid('move').required(),
    columns: Joi.array().items(Joi.string()).min(1).max(4000).unique().required(),
    place: Joi.alternatives().try(Joi.object({ to: Joi.valid('first', 'last').required() }), Joi.object({ beside: Joi.string().required(), side: Joi.valid('before', 'after').required() })).required(),
  }),
  syntax: record<MovePlan>({ step: 'move' }, 'Move ', field('columns', columnNames), ' to ', field('place', place)),
  reads: (plan) => ('beside' in plan.place ? [...plan.columns, plan.place.beside] : plan.columns),
  check: (plan) => ('beside' in plan.place && plan.columns.includes(plan.place.beside) ? [{ text: `“${plan.place.beside}” cannot be put beside itself.`, column: plan.place.beside }] : []),
  outline(plan, head) {
    const moved = plan.columns.map((name) => keep(columnOf(head, name)));
    const rest = head.columns.filter((c) => !plan.columns.includes(c.name)).map(keep);
    const { place: to } = plan;
    const at = 'to' in to ? (to.to === 'first' ? 0 : rest.length) : rest.findIndex((c) => c.head.name === to.beside) + (to.side === 'after' ? 1 : 0);
    return { columns: [...rest.slice(0, at), ...moved, ...rest.slice(at)] };
  },
  prepare: () => ({ work: 'layout' }),
};
