import { idOf, route } from '../../../../../../server/api';
import { tableAt } from '../../../../../../server/workspaces';

export const GET = route(async (_request, params) => Response.json(await tableAt(idOf(params, 'id'), idOf(params, 'state'))));
