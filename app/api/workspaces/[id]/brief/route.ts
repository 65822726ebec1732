import { bodyOf, idOf, route } from '../../../../../server/api';
import { dropSchema, editSchema, moveSchema } from '../../../../../server/schemas';
import { dropSentence, editSentence, moveRevision } from '../../../../../server/workspaces';
import { validPlan } from '../../../../../core/steps/registry';

/** Undo and redo. */
export const POST = route(async (request, params) => {
  const { version, way } = await bodyOf(request, moveSchema);
  return Response.json({ version: await moveRevision({ workspaceId: idOf(params, 'id'), version }, way) });
});
/** Another sentence in the place of a kept one. */
export const PUT = route(async (request, params) => {
  const body = await bodyOf(request, editSchema);
  return Response.json({ version: await editSentence({ ...body, workspaceId: idOf(params, 'id'), plans: body.plans.map(validPlan) }) });
});
export const DELETE = route(async (request, params) => {
  const body = await bodyOf(request, dropSchema);
  return Response.json({ version: await dropSentence({ ...body, workspaceId: idOf(params, 'id') }) });
});
