import { previewAgain } from '../../../../../server/again';
import { bodyOf, route } from '../../../../../server/api';
import { previewAgainSchema } from '../../../../../server/schemas';

export const POST = route(async (request, params) => Response.json(await previewAgain(params.id!, (await bodyOf(request, previewAgainSchema)).workspaceId)));
