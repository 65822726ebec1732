import { bodyOf, idOf, route } from '../../../../../server/api';
import { kindForms } from '../../../../../server/proofs';
import { formsSchema } from '../../../../../server/schemas';
import { stateIn } from '../../../../../server/workspaces';
import { validPlan } from '../../../../../core/steps/registry';

/** The forms among the rows of a kind in proof. */
export const POST = route(async (request, params) => {
  const { stateId, plans, index, code } = await bodyOf(request, formsSchema);
  await stateIn(idOf(params, 'id'), stateId);
  return Response.json(await kindForms(stateId, plans.map(validPlan), index, code));
});
