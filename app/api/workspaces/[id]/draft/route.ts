import { bodyOf, idOf, route } from '../../../../../server/api';
import { draftSchema } from '../../../../../server/schemas';
import { saveDraft } from '../../../../../server/workspaces';

export const PUT = route(async (request, params) => {
  const { draft } = await bodyOf(request, draftSchema);
  await saveDraft(idOf(params, 'id'), draft || null);
  return Response.json({});
});
