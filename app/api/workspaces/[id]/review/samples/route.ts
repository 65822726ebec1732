import { bodyOf, idOf, route } from '../../../../../../server/api';
import { drawSample, dropSample } from '../../../../../../server/review';
import { forgetSchema, sampleSchema } from '../../../../../../server/schemas';

export const POST = route(async (request, params) => Response.json({ id: await drawSample({ ...(await bodyOf(request, sampleSchema)), workspaceId: idOf(params, 'id') }) }));
export const DELETE = route(async (request, params) => {
  const { id } = await bodyOf(request, forgetSchema);
  await dropSample(idOf(params, 'id'), id);
  return Response.json({});
});
