import { bodyOf, idOf, route } from '../../../../../server/api';
import { readInWorkspace } from '../../../../../server/readings';
import { readSchema } from '../../../../../server/schemas';

export const POST = route(async (request, params) => {
  const { tableId, request: said, key } = await bodyOf(request, readSchema);
  return Response.json(await readInWorkspace(idOf(params, 'id'), tableId, said, key));
});
