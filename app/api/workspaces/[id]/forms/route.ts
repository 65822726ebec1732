import { bodyOf, route } from '../../../../../server/api';
import { kindForms } from '../../../../../server/proofs';
import { formsSchema } from '../../../../../server/schemas';
import { validPlan } from '../../../../../core/steps/registry';

/** The forms among the rows of a kind in proof. */
export const POST = route(async (request) => {
  const { stateId, plans, index, code } = await bodyOf(request, formsSchema);
  return Response.json(await kindForms(stateId, plans.map(validPlan), index, code));
});
