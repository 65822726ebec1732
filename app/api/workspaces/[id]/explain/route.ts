import { bodyOf, idOf, route } from '../../../../../server/api';
import { explainInWorkspace } from '../../../../../server/readings';
import { explainSchema } from '../../../../../server/schemas';

export const POST = route(async (request, params) => {
  const { tableId, request: said } = await bodyOf(request, explainSchema);
  return Response.json({ text: await explainInWorkspace(idOf(params, 'id'), tableId, said) });
});
