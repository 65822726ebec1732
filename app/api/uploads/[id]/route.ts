import { bodyOf, route } from '../../../../server/api';
import { previewSchema } from '../../../../server/schemas';
import { forgetUpload, previewUpload } from '../../../../server/uploads';

export const POST = route(async (request, params) => {
  const { forced } = await bodyOf(request, previewSchema);
  return Response.json(await previewUpload(params.id!, forced));
});
export const DELETE = route(async (_request, params) => {
  await forgetUpload(params.id!);
  return Response.json({});
});
