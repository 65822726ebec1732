import { validPlan } from '../../../../../core/steps/registry';
import { bodyOf, idOf, route } from '../../../../../server/api';
import { workedFor } from '../../../../../server/rows';
import { workedSchema } from '../../../../../server/schemas';

export const POST = route(async (request, params) => {
  const { key, position, plan } = await bodyOf(request, workedSchema);
  return Response.json({ lines: await workedFor(idOf(params, 'id'), key, position, plan && validPlan(plan)) });
});
