import { idOf, route } from '../../../../../server/api';
import { viewReview } from '../../../../../server/review';

export const GET = route(async (_request, params) => Response.json(await viewReview(idOf(params, 'id'))));
