import { bodyOf, idOf, route } from '../../../../../server/api';
import { signOff } from '../../../../../server/record';
import { signOffSchema } from '../../../../../server/schemas';

export const POST = route(async (request, params) => Response.json({ id: await signOff({ ...(await bodyOf(request, signOffSchema)), workspaceId: idOf(params, 'id') }) }));
