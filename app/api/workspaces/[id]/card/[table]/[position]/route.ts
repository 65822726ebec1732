import { idOf, route } from '../../../../../../../server/api';
import { rowCard } from '../../../../../../../server/rows';
import { database } from '../../../../../../../server/db/client';
import { firstStates } from '../../../../../../../server/revise';
import { currentStates } from '../../../../../../../server/workspaces';

export const GET = route(async (_request, params) => {
  const workspaceId = idOf(params, 'id'), tableId = idOf(params, 'table');
  const { entries } = await currentStates(workspaceId);
  const first = (await firstStates(database(), workspaceId)).get(tableId);
  if (first === undefined) return Response.json({ error: 'gone', message: 'There is no such table.' }, { status: 404 });
  return Response.json(await rowCard(entries.filter((e) => e.sourceId === tableId), first, idOf(params, 'position')));
});
