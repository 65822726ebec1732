import { bodyOf, idOf, route } from '../../../../../../server/api';
import { handOff } from '../../../../../../server/handoff';
import { handOffSchema } from '../../../../../../server/schemas';

export const POST = route(async (request, params) => Response.json(await handOff({ ...(await bodyOf(request, handOffSchema)), workspaceId: idOf(params, 'id'), tableId: idOf(params, 'table') })));
