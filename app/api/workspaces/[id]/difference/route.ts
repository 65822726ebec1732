import { differenceOf } from '../../../../../server/again';
import { idOf, route } from '../../../../../server/api';

export const GET = route(async (_request, params) => Response.json(await differenceOf(idOf(params, 'id'))));
