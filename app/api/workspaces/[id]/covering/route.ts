import { bodyOf, idOf, route } from '../../../../../server/api';
import { makeKey, setCovering, throwKeyAway } from '../../../../../server/covering';
import { coveringSchema, keySchema } from '../../../../../server/schemas';

export const PUT = route(async (request, params) => {
  await setCovering(idOf(params, 'id'), await bodyOf(request, coveringSchema));
  return Response.json({});
});

/** The key of the masks: made anew, or thrown away for good. */
export const POST = route(async (request, params) => {
  const { way } = await bodyOf(request, keySchema);
  await (way === 'make' ? makeKey : throwKeyAway)(idOf(params, 'id'));
  return Response.json({});
});
