import { bodyOf, idOf, route } from '../../../../../server/api';
import { byExample } from '../../../../../server/by-example';
import { byExampleSchema } from '../../../../../server/schemas';

export const POST = route(async (request, params) => Response.json(await byExample({ workspaceId: idOf(params, 'id'), ...(await bodyOf(request, byExampleSchema)) })));
