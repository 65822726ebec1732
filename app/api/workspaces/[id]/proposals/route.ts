import { bodyOf, idOf, route } from '../../../../../server/api';
import { turnAway } from '../../../../../server/readings';
import { turnSchema } from '../../../../../server/schemas';

export const DELETE = route(async (request, params) => {
  const { sentence } = await bodyOf(request, turnSchema);
  await turnAway(idOf(params, 'id'), sentence);
  return Response.json({});
});
