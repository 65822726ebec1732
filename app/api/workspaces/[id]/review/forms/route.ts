import { bodyOf, idOf, route } from '../../../../../../server/api';
import { reviewForms } from '../../../../../../server/review';
import { reviewFormsSchema } from '../../../../../../server/schemas';

/** The forms among the rows of a kind of a kept sentence. */
export const POST = route(async (request, params) => Response.json(await reviewForms({ workspaceId: idOf(params, 'id'), ...(await bodyOf(request, reviewFormsSchema)) })));
