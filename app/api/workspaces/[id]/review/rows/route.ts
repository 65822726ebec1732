import { bodyOf, idOf, route } from '../../../../../../server/api';
import { reviewRows } from '../../../../../../server/review';
import { reviewRowsSchema } from '../../../../../../server/schemas';

export const POST = route(async (request, params) => Response.json(await reviewRows({ ...(await bodyOf(request, reviewRowsSchema)), workspaceId: idOf(params, 'id') })));
