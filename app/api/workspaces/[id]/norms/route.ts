import { bodyOf, idOf, route } from '../../../../../server/api';
import { keepNorms, previewNorms } from '../../../../../server/norms';
import { normsSchema } from '../../../../../server/schemas';

/** Reads norms from a text; with a name, keeps them as a table. */
export const POST = route(async (request, params) => {
  const { name, ...order } = await bodyOf(request, normsSchema);
  const workspaceId = idOf(params, 'id');
  return Response.json(name === null ? await previewNorms({ workspaceId, ...order }) : await keepNorms({ workspaceId, ...order, name }));
});
