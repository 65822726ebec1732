import { bodyOf, route } from '../../../../../server/api';
import { kindRows } from '../../../../../server/proofs';
import { kindSchema } from '../../../../../server/schemas';
import { validPlan } from '../../../../../core/steps/registry';

export const POST = route(async (request) => {
  const { stateId, plans, index, code, from, count, only } = await bodyOf(request, kindSchema);
  return Response.json(await kindRows(stateId, plans.map(validPlan), index, code, from, count, only));
});
