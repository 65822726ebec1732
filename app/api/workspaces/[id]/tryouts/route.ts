import { bodyOf, idOf, route } from '../../../../../server/api';
import { tryoutSchema } from '../../../../../server/schemas';
import { beginTryout, dropTryout, leaveTryout, openTryout, takeOver } from '../../../../../server/tryouts';

/** Begins, opens, leaves, takes over or drops a try-out. */
export const POST = route(async (request, params) => {
  const body = await bodyOf(request, tryoutSchema);
  const change = { version: body.version, workspaceId: idOf(params, 'id') };
  const version = body.way === 'begin' ? beginTryout({ ...change, key: body.key, name: body.name })
    : body.way === 'open' ? openTryout({ ...change, id: body.id })
    : body.way === 'drop' ? dropTryout({ ...change, id: body.id })
    : body.way === 'leave' ? leaveTryout(change) : takeOver(change);
  return Response.json({ version: await version });
});
