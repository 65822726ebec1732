import { idOf, route } from '../../../../../../../server/api';
import { rowCard } from '../../../../../../../server/rows';
import { changesOf, currentStates } from '../../../../../../../server/workspaces';

export const GET = route(async (_request, params) => {
  const workspaceId = idOf(params, 'id'), tableId = idOf(params, 'table');
  const { entries, firsts } = await currentStates(workspaceId);
  const first = firsts.get(tableId);
  if (first === undefined) return Response.json({ error: 'gone', message: 'There is no such table.' }, { status: 404 });
  return Response.json(await rowCard(changesOf(entries, tableId), first, idOf(params, 'position')));
});
