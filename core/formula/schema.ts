import Joi from 'joi';
import { ADDRESS_PARTS } from '../values/address';
import { CLEANINGS } from '../values/clean';
import { FIGURE_STYLES } from '../values/figure';
import { SORTS } from '../values/find';
import { ENDS } from '../values/range';
import { zoneOf } from '../values/zones';
import { PERSON_PARTS } from '../values/person';

/** Joi schemas of expressions and conditions, for plans that cross a boundary. Depth is bounded by the plan's size. */
const name = Joi.string().min(1).max(1000).required();
const expressionRef = Joi.link('#expression');
const conditionRef = Joi.link('#condition');
const many = (ref: Joi.Schema): Joi.ArraySchema => Joi.array().items(ref).min(1).max(200).required();
const node = (kind: string, fields: Record<string, Joi.Schema>): Joi.ObjectSchema => Joi.object({ kind: Joi.valid(kind).required(), ...fields });
const by = Joi.array().items(Joi.string().min(1)).max(50).required();

const zone = Joi.string().max(60).required().custom((name: string, helpers) => (zoneOf(name) === name ? name : helpers.error('any.invalid')));

const spanUnit = Joi.valid('days', 'weeks', 'months', 'years', 'hours', 'minutes', 'working days').required();
const holidaysOf = Joi.object({ table: name, under: name }).when('unit', { is: 'working days', otherwise: Joi.forbidden() });

const bounds = Joi.alternatives().try(
  Joi.object({ kind: Joi.valid('columns').required(), from: name, to: name, ends: Joi.valid(...ENDS).required() }),
  Joi.object({ kind: Joi.valid('told').required(), from: name, to: name, ends: name }),
  Joi.object({ kind: Joi.valid('steps').required(), from: name }),
  Joi.object({ kind: Joi.valid('text').required(), column: name }),
);

const findable = Joi.alternatives().try(
  Joi.object({ kind: Joi.valid('sort').required(), sort: Joi.valid(...SORTS).required() }),
  Joi.object({ kind: Joi.valid('shape').required(), shape: Joi.string().min(1).max(100).required() }),
  Joi.object({ kind: Joi.valid('words').required(), words: Joi.array().items(Joi.string().min(1).max(200)).min(1).max(200).required() }),
);

export const conditionSchema = Joi.alternatives().try(
  node('compare', { op: Joi.valid('<', '<=', '>', '>=', '=', '<>').required(), left: expressionRef.required(), right: expressionRef.required() }),
  node('among', { of: expressionRef.required(), texts: Joi.array().items(Joi.string().allow('')).min(1).max(1000).required() }),
  node('text', { test: Joi.valid('contains', 'mentions', 'starts', 'ends').required(), of: expressionRef.required(), texts: Joi.array().items(Joi.string()).min(1).max(1000).required() }),
  node('empty', { of: expressionRef.required() }),
  node('listed', { table: name, under: name, of: expressionRef.required(), loosely: Joi.valid(true) }),
  node('holds', { what: findable.required(), of: expressionRef.required() }),
  node('outlying', { of: expressionRef.required(), times: Joi.number().positive().max(1000).required(), measure: Joi.valid('quartile ranges', 'standard deviations').required(), by }),
  node('all', { of: many(conditionRef) }),
  node('any', { of: many(conditionRef) }),
  node('not', { of: conditionRef.required() }),
);

export const expressionSchema = Joi.alternatives().try(
  node('number', { value: Joi.number().required().unsafe() }),
  node('text', { value: Joi.string().allow('').max(100_000).required() }),
  node('date', { value: Joi.string().required() }),
  node('blank', {}),
  node('column', { name }),
  node('op', { op: Joi.valid('+', '-', '*', '/', '^').required(), left: expressionRef.required(), right: expressionRef.required() }),
  node('round', { of: expressionRef.required(), places: Joi.number().integer().min(0).max(12).required(), mode: Joi.valid('nearest', 'up', 'down').required() }),
  node('choose', { cases: Joi.array().items(Joi.object({ when: conditionRef.required(), then: expressionRef.required() })).min(1).max(100).required(), otherwise: expressionRef.required() }),
  node('span', { unit: spanUnit, from: expressionRef.required(), to: expressionRef.required(), holidays: holidaysOf }),
  node('shifted', { by: expressionRef.required(), unit: spanUnit, side: Joi.valid('after', 'before').required(), of: expressionRef.required(), holidays: holidaysOf }),
  node('part', { part: Joi.valid('year', 'quarter', 'month', 'week', 'day', 'weekday', 'month name', 'hour', 'date', 'time', 'month in its year', 'quarter in its year').required(), of: expressionRef.required() }),
  node('total', { fn: Joi.valid('sum', 'mean', 'lowest', 'highest', 'count', 'distinct', 'median', 'spread', 'lower quartile', 'upper quartile', 'first', 'last').required(), of: expressionRef.required(), by, whole: Joi.valid(true) }),
  node('over', { fn: Joi.valid('running', 'previous', 'rank', 'rank up', 'number', 'percentile').required(), of: expressionRef.required(), by, along: Joi.object({ column: Joi.string().required(), down: Joi.boolean().required() }) }),
  node('moving', { fn: Joi.valid('sum', 'mean', 'lowest', 'highest').required(), rows: Joi.number().integer().min(2).max(1_000).required(), of: expressionRef.required(), by }),
  node('ago', { months: Joi.number().integer().min(1).max(1_200).required(), date: Joi.string().required(), of: expressionRef.required(), by }),
  node('across', { fn: Joi.valid('sum', 'mean', 'lowest', 'highest').required(), of: many(expressionRef) }),
  node('orElse', { of: expressionRef.required(), otherwise: expressionRef.required() }),
  node('join', { of: many(expressionRef), separator: Joi.string().allow('').max(1000).required() }),
  node('cased', { letters: Joi.valid('upper', 'lower', 'title', 'sentence', 'name').required(), of: expressionRef.required() }),
  node('written', { of: many(expressionRef) }),
  node('slot', { n: Joi.number().integer().min(-1000).max(1000).invalid(0).required(), mark: Joi.string().min(1).max(1000).required(), of: expressionRef.required() }),
  node('letters', { side: Joi.valid('first', 'last').required(), count: Joi.number().integer().min(1).max(1000).required(), of: expressionRef.required() }),
  node('fiscal', { start: Joi.number().integer().min(1).max(12).required(), of: expressionRef.required() }),
  node('maths', { fn: Joi.valid('absolute value', 'square root', 'natural logarithm', 'decimal logarithm').required(), of: expressionRef.required() }),
  node('size', { what: Joi.valid('characters', 'words').required(), of: expressionRef.required() }),
  node('pieces', { mark: Joi.string().min(1).max(100).required(), of: expressionRef.required() }),
  node('padded', { length: Joi.number().integer().min(1).max(100).required(), fill: Joi.string().min(1).max(1).required(), of: expressionRef.required() }),
  node('person', { part: Joi.valid(...PERSON_PARTS.map(([part]) => part)).required(), of: expressionRef.required() }),
  node('address', { part: Joi.valid(...ADDRESS_PARTS.map(([part]) => part)).required(), of: expressionRef.required() }),
  node('figure', { style: Joi.valid(...FIGURE_STYLES).required(), places: Joi.number().integer().min(0).max(9).required().when('style', { is: 'decimal comma', then: Joi.number().min(1) }), of: expressionRef.required() }),
  node('lookup', { fn: Joi.valid('only', 'sum', 'mean', 'lowest', 'highest', 'count').required(), value: name, table: name, under: name, of: expressionRef.required(), loosely: Joi.valid(true) }),
  node('country', { of: expressionRef.required() }),
  node('feeling', { of: expressionRef.required() }),
  node('zoned', { from: zone, to: zone, of: expressionRef.required() }),
  node('band', { value: name, table: name, bounds: bounds.required(), of: expressionRef.required(), keys: Joi.array().items(Joi.object({ under: name, of: expressionRef.required() })).max(10).required() }),
  node('cleaned', { way: Joi.valid(...CLEANINGS.map(([way]) => way)).required(), of: expressionRef.required() }),
  node('initials', { of: expressionRef.required() }),
  node('inside', { open: Joi.string().min(1).max(1000).required(), close: Joi.string().min(1).max(1000).required(), of: expressionRef.required() }),
  node('found', {
    what: findable.required(),
    which: Joi.valid('first', 'last', 'all', 'count').required(),
    of: expressionRef.required(),
  }),
  node('measure', { unit: Joi.string().min(1).max(20).required(), of: expressionRef.required() }),
  node('clock', { of: expressionRef.required() }),
  node('lapse', { unit: Joi.valid('hours', 'minutes').required(), from: expressionRef.required(), to: expressionRef.required() }),
  node('moment', { day: expressionRef.required(), time: expressionRef.required() }),
  node('piece', { side: Joi.valid('before', 'after').required(), mark: Joi.string().max(1000).required(), or: Joi.array().items(Joi.string().min(1).max(1000)).min(1).max(20), which: Joi.valid('first', 'last').required(), of: expressionRef.required() }),
);

/** Ties the two schemas into the object schema of a plan that uses them. */
export const withFormulas = (schema: Joi.ObjectSchema): Joi.ObjectSchema => schema.shared(expressionSchema.id('expression')).shared(conditionSchema.id('condition'));

/** A field that holds an expression, and one that holds a condition. */
export const expressionField = Joi.link('#expression');
export const conditionField = Joi.link('#condition');
