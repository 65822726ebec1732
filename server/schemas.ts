import Joi from 'joi';
import { COLUMN_TYPES } from '../core/table/column';
import { ENCODINGS } from '../core/formats/encoding';

/** Joi schemas of what the page sends. */
const version = Joi.number().integer().min(1).required();
const request = Joi.string().allow('').max(20_000).required();
const plans = Joi.array().items(Joi.object().unknown()).min(1).max(50).required();
const hold = { kind: Joi.string().max(100).allow(null).required(), position: Joi.number().integer().min(0).allow(null).required(), note: Joi.string().allow('').max(10_000).required() };

/** Rows that are looked at alone, by their places. */
const only = Joi.array().items(Joi.number().integer().min(0)).max(5_000).allow(null).default(null);

export const readSchema = Joi.object({ tableId: Joi.number().integer().required(), request, key: Joi.string().allow(null).required(), asked: plans.allow(null) });
export const proofSchema = Joi.object({ stateId: Joi.number().integer().required(), plans, part: Joi.valid('first', 'all').required() });
export const kindSchema = Joi.object({ stateId: Joi.number().integer().required(), plans, index: Joi.number().integer().min(0).required(), code: Joi.number().integer().min(0).max(63).required(), from: Joi.number().integer().min(0).required(), count: Joi.number().integer().min(1).max(500).required(), only });
export const formsSchema = Joi.object({ stateId: Joi.number().integer().required(), plans, index: Joi.number().integer().min(0).required(), code: Joi.number().integer().min(0).max(63).required() });
export const keepSchema = Joi.object({ version, tableId: Joi.number().integer().required(), request, plans, corrects: Joi.boolean().required(), holds: Joi.array().items(Joi.object({ plan: Joi.number().integer().min(0).required(), ...hold })).max(10_000).required() });
export const compareSchema = Joi.object({ from: Joi.number().integer().required(), to: Joi.number().integer().required() });
export const answerSchema = Joi.object({ version, tableId: Joi.number().integer().required(), request, plan: Joi.object().unknown().required(), name: Joi.string().trim().min(1).max(200).required() });
export const editSchema = Joi.object({ version, key: Joi.string().required(), request, plans });
export const dropSchema = Joi.object({ version, key: Joi.string().required(), alsoDependent: Joi.boolean().required() });
export const moveSchema = Joi.object({ version, way: Joi.valid('undo', 'redo').required() });
type TryoutOrder = { readonly version: number } & ({ readonly way: 'begin'; readonly key: string; readonly name: string } | { readonly way: 'open' | 'drop'; readonly id: number } | { readonly way: 'leave' | 'take over' });
export const tryoutSchema = Joi.alternatives<TryoutOrder>().try(
  Joi.object({ version, way: Joi.valid('begin').required(), key: Joi.string().required(), name: Joi.string().trim().min(1).max(200).required() }),
  Joi.object({ version, way: Joi.valid('open', 'drop').required(), id: Joi.number().integer().required() }),
  Joi.object({ version, way: Joi.valid('leave', 'take over').required() }),
);
export const returnSchema = Joi.object({ version, key: Joi.string().required() });
export const normsSchema = Joi.object({ tableId: Joi.number().integer().required(), text: Joi.string().allow('').max(50_000).required(), name: Joi.string().trim().min(1).max(200).allow(null).required() });
export const holdsSchema = Joi.object({ version, key: Joi.string().required(), hold: Joi.array().items(Joi.object(hold)).max(10_000).required(), settle: Joi.array().items(Joi.number().integer()).max(10_000).required() });
export const lessonSchema = Joi.object({ tableId: Joi.number().integer().required(), said: Joi.string().min(1).max(2_000).required(), plans, stateId: Joi.number().integer().required() });
export const spellingSchema = Joi.object({ column: Joi.string().min(1).max(1_000).required(), from: Joi.string().min(1).max(32_000).required() });
export const coveringSchema = Joi.object({ on: Joi.boolean().required(), columns: Joi.array().items(Joi.string().min(1).max(1_000)).max(4_000).required() });
export const keySchema = Joi.object({ way: Joi.valid('make', 'throw away').required() });
const wished = Joi.string().allow('').max(2_000).required();
export const byExampleSchema = Joi.object({ tableId: Joi.number().integer().required(), column: Joi.string().min(1).max(1_000).required(), name: Joi.string().allow('').max(200).required(), examples: Joi.array().items(Joi.object({ input: wished, output: wished })).max(20).required() });
export const forgetSchema = Joi.object({ id: Joi.number().integer().required() });
export const turnSchema = Joi.object({ sentence: Joi.string().min(1).max(100_000).required() });
export const explainSchema = Joi.object({ tableId: Joi.number().integer().required(), request });
export const noteSchema = Joi.object({ id: Joi.number().integer().required(), note: Joi.string().allow('').max(10_000).required() });
const author = Joi.string().trim().min(1).max(200).required();
export const reviewRowsSchema = Joi.object({
  key: Joi.string().allow(null).required(),
  kind: Joi.string().allow(null).required(),
  what: Joi.valid('kind', 'held', 'aside', 'sample').required(),
  sampleId: Joi.number().integer().allow(null).required(),
  narrow: Joi.string().allow('').max(500).required(),
  only,
  from: Joi.number().integer().min(0).required(),
  count: Joi.number().integer().min(1).max(500).required(),
});
export const reviewFormsSchema = Joi.object({ key: Joi.string().required(), kind: Joi.string().required() });
export const looksSchema = Joi.object({
  author,
  looks: Joi.array()
    .items(Joi.object({ key: Joi.string().allow(null).required(), kind: Joi.string().allow(null).required(), position: Joi.number().integer().min(0).allow(null).required(), sampleId: Joi.number().integer().allow(null).required(), verdict: Joi.valid('right', 'wrong', null).required(), note: Joi.string().allow('').max(10_000).required() }))
    .min(1)
    .max(1_000)
    .required(),
});
export const sampleSchema = Joi.object({
  tableId: Joi.number().integer().required(),
  share: Joi.number().greater(0).less(1).required(),
  certainty: Joi.number().min(0.5).less(1).required(),
  count: Joi.number().integer().min(1).allow(null).required(),
  seed: Joi.number().integer().min(0).max(4_294_967_295).allow(null).required(),
  by: Joi.array().items(Joi.string()).max(3).required(),
});
export const correctSchema = Joi.object({ version, tableId: Joi.number().integer().required(), position: Joi.number().integer().min(0).required(), column: Joi.string().required(), now: Joi.string().allow('').max(32_000).required() });
export const signOffSchema = Joi.object({ version, tableId: Joi.number().integer().required(), author, remark: Joi.string().allow('').max(10_000).required() });
const sqlName = Joi.string().trim().min(1).max(63).required();
export const handOffSchema = Joi.object({
  connection: Joi.string().uri({ scheme: ['postgres', 'postgresql'] }).max(1_000).allow(null).required(),
  schema: sqlName,
  name: sqlName,
  way: Joi.valid('replace', 'append').required(),
});
export const workedSchema = Joi.object({ key: Joi.string().required(), position: Joi.number().integer().min(0).required(), plan: Joi.object().unknown() });
export const draftSchema = Joi.object({ draft: Joi.string().max(20_000).allow(null, '').required() });
export const rowsSchema = Joi.object({
  stateId: Joi.number().integer().required(),
  from: Joi.number().integer().min(0).required(),
  count: Joi.number().integer().min(0).max(2_000).required(),
  sort: Joi.object({ column: Joi.string().required(), down: Joi.boolean().required() }).allow(null).required(),
  filter: Joi.object({ column: Joi.string().required(), text: Joi.string().allow('').max(1_000).required() }).allow(null).required(),
  find: Joi.object({ text: Joi.string().max(1_000).required(), after: Joi.number().integer().min(-1).required() }),
});
const layout = { delimiter: Joi.string().length(1), quote: Joi.string().allow('').max(1), header: Joi.boolean(), encoding: Joi.valid(...ENCODINGS) };
export const previewSchema = Joi.object({ forced: Joi.object(layout).required() });
const settings = Joi.object({
  delimiter: layout.delimiter.required(),
  quote: layout.quote.required(),
  header: layout.header.required(),
  encoding: layout.encoding.required(),
  columns: Joi.array().items(Joi.object({ name: Joi.string().min(1).max(1_000).required(), type: Joi.valid(...COLUMN_TYPES).required(), dayFirst: Joi.boolean().required() })).min(1).max(4_000).unique((a, b) => a.name.toLowerCase() === b.name.toLowerCase()).required(),
}).required();
export const importSchema = Joi.object({
  settings,
  tableName: Joi.string().trim().min(1).max(200).required(),
  workspaceId: Joi.number().integer().allow(null).required(),
  workspaceName: Joi.string().trim().min(1).max(200).required(),
});
export const previewAgainSchema = Joi.object({ workspaceId: Joi.number().integer().required() });
export const againSchema = Joi.object({
  workspaceId: Joi.number().integer().required(),
  settings,
  workspaceName: Joi.string().trim().min(1).max(200).required(),
  ties: Joi.array().items(Joi.object({ column: Joi.string().required(), to: Joi.string().required() })).max(4_000).unique('column').unique('to').required(),
});
