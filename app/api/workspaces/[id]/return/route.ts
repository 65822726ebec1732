import { bodyOf, idOf, route } from '../../../../../server/api';
import { returnSchema } from '../../../../../server/schemas';
import { returnTo } from '../../../../../server/workspaces';

/** Goes back to an earlier point of the brief. */
export const POST = route(async (request, params) => {
  const order = await bodyOf(request, returnSchema);
  return Response.json({ version: await returnTo({ ...order, workspaceId: idOf(params, 'id') }) });
});
