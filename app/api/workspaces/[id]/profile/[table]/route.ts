import { idOf, route } from '../../../../../../server/api';
import { profileFor } from '../../../../../../server/profiles';

export const GET = route(async (_request, params) => Response.json(await profileFor(idOf(params, 'id'), idOf(params, 'table'))));
