import { bodyOf, idOf, route } from '../../../../../server/api';
import { kindRows } from '../../../../../server/proofs';
import { kindSchema } from '../../../../../server/schemas';
import { stateIn } from '../../../../../server/workspaces';
import { validPlan } from '../../../../../core/steps/registry';

export const POST = route(async (request, params) => {
  const { stateId, plans, index, code, from, count, only } = await bodyOf(request, kindSchema);
  await stateIn(idOf(params, 'id'), stateId);
  return Response.json(await kindRows(stateId, plans.map(validPlan), index, code, from, count, only));
});
