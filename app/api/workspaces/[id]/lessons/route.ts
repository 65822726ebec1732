import { bodyOf, idOf, route } from '../../../../../server/api';
import { forget, lessonsOf, teach } from '../../../../../server/readings';
import { forgetSchema, lessonSchema } from '../../../../../server/schemas';
import { validPlan } from '../../../../../core/steps/registry';

export const GET = route(async (_request, params) => Response.json(await lessonsOf(idOf(params, 'id'))));

export const POST = route(async (request, params) => {
  const { stateId, said, plans } = await bodyOf(request, lessonSchema);
  await teach(idOf(params, 'id'), stateId, said, plans.map(validPlan));
  return Response.json({});
});

export const DELETE = route(async (request, params) => {
  const { id } = await bodyOf(request, forgetSchema);
  await forget(idOf(params, 'id'), id);
  return Response.json({});
});
