import { bodyOf, idOf, route } from '../../../../../server/api';
import { answerSchema } from '../../../../../server/schemas';
import { keepAnswer } from '../../../../../server/workspaces';
import { validPlan } from '../../../../../core/steps/registry';

export const POST = route(async (request, params) => {
  const body = await bodyOf(request, answerSchema);
  return Response.json(await keepAnswer({ ...body, workspaceId: idOf(params, 'id'), plan: validPlan(body.plan) }));
});
