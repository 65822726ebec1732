import { bodyOf, idOf, route } from '../../../../../server/api';
import { readInWorkspace } from '../../../../../server/readings';
import { validPlan } from '../../../../../core/steps/registry';
import { readSchema } from '../../../../../server/schemas';

export const POST = route(async (request, params) => {
  const { tableId, request: said, key, asked } = await bodyOf(request, readSchema);
  return Response.json(await readInWorkspace(idOf(params, 'id'), tableId, said, key, asked ? asked.map(validPlan) : null));
});
