import { bodyOf, route } from '../../../../../server/api';
import { prove } from '../../../../../server/proofs';
import { proofSchema } from '../../../../../server/schemas';
import { validPlan } from '../../../../../core/steps/registry';

export const POST = route(async (request) => {
  const { stateId, plans, part } = await bodyOf(request, proofSchema);
  const check = async (): Promise<void> => {
    await new Promise((go) => setImmediate(go));
    request.signal.throwIfAborted();
  };
  return Response.json(await prove(stateId, plans.map(validPlan), part, check));
});
