import { bodyOf, idOf, progressResponse, route } from '../../../../../server/api';
import { pause, prove, proveAside } from '../../../../../server/proofs';
import { proofSchema } from '../../../../../server/schemas';
import { stateIn } from '../../../../../server/workspaces';
import { validPlan } from '../../../../../core/steps/registry';

/** The first look at once; the whole proof with how far it is on the way. */
export const POST = route(async (request, params) => {
  const { stateId, plans: said, part } = await bodyOf(request, proofSchema);
  await stateIn(idOf(params, 'id'), stateId);
  const plans = said.map(validPlan);
  if (part === 'first') return Response.json(await prove(stateId, plans, part, { check: pause(request.signal) }));
  return progressResponse((tell, signal) => proveAside(stateId, plans, tell, signal), request.signal);
});
