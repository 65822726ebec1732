import { bodyOf, idOf, route } from '../../../../../server/api';
import { accountInWorkspace } from '../../../../../server/readings';
import { explainSchema } from '../../../../../server/schemas';

export const POST = route(async (request, params) => {
  const { tableId, request: said } = await bodyOf(request, explainSchema);
  return Response.json(await accountInWorkspace(idOf(params, 'id'), tableId, said));
});
