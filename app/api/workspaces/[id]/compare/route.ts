import { bodyOf, idOf, route } from '../../../../../server/api';
import { compareStates } from '../../../../../server/compare';
import { compareSchema } from '../../../../../server/schemas';

export const POST = route(async (request, params) => {
  const { from, to } = await bodyOf(request, compareSchema);
  return Response.json(await compareStates(idOf(params, 'id'), from, to));
});
