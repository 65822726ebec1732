import { bodyOf, idOf, progressResponse, route } from '../../../../../server/api';
import { keepSchema } from '../../../../../server/schemas';
import { keepRequest } from '../../../../../server/workspaces';
import { validPlan } from '../../../../../core/steps/registry';

export const POST = route(async (request, params) => {
  const body = await bodyOf(request, keepSchema);
  const order = { ...body, workspaceId: idOf(params, 'id'), plans: body.plans.map(validPlan) };
  return progressResponse(async (tell, signal) => ({ version: await keepRequest(order, (p) => tell(p), signal) }), request.signal);
});
