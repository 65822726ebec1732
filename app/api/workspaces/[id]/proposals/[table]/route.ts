import { idOf, route } from '../../../../../../server/api';
import { proposalsFor } from '../../../../../../server/readings';

export const GET = route(async (_request, params) => Response.json(await proposalsFor(idOf(params, 'id'), idOf(params, 'table'))));
