import { bodyOf, idOf, route } from '../../../../../server/api';
import { forgetSpelling, spellingsOf } from '../../../../../server/spellings';
import { spellingSchema } from '../../../../../server/schemas';

export const GET = route(async (_request, params) => Response.json(await spellingsOf(idOf(params, 'id'))));

export const DELETE = route(async (request, params) => {
  const { column, from } = await bodyOf(request, spellingSchema);
  await forgetSpelling(idOf(params, 'id'), column, from);
  return Response.json({});
});
