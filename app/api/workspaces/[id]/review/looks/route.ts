import { bodyOf, idOf, route } from '../../../../../../server/api';
import { saveLooks } from '../../../../../../server/review';
import { looksSchema } from '../../../../../../server/schemas';

export const POST = route(async (request, params) => {
  const { author, looks } = await bodyOf(request, looksSchema);
  await saveLooks(idOf(params, 'id'), author, looks);
  return Response.json({});
});
