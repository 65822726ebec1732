import { bodyOf, idOf, route } from '../../../../../server/api';
import { putRight } from '../../../../../server/review';
import { correctSchema } from '../../../../../server/schemas';

export const POST = route(async (request, params) => Response.json(await putRight({ ...(await bodyOf(request, correctSchema)), workspaceId: idOf(params, 'id') })));
