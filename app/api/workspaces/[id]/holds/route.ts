import { bodyOf, idOf, route } from '../../../../../server/api';
import { holdsSchema, noteSchema } from '../../../../../server/schemas';
import { changeHolds, noteHold } from '../../../../../server/workspaces';

export const POST = route(async (request, params) => Response.json({ version: await changeHolds({ ...(await bodyOf(request, holdsSchema)), workspaceId: idOf(params, 'id') }) }));
export const PUT = route(async (request, params) => {
  const { id, note } = await bodyOf(request, noteSchema);
  await noteHold(idOf(params, 'id'), id, note);
  return Response.json({});
});
