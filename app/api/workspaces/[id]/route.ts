import { profileAhead } from '../../../../server/profiles';
import { rm } from 'node:fs/promises';
import { idOf, route } from '../../../../server/api';
import { sourcePath } from '../../../../server/uploads';
import { removeWorkspace, viewWorkspace } from '../../../../server/workspaces';

export const GET = route(async (_request, params) => {
  const id = idOf(params, 'id');
  const view = await viewWorkspace(id);
  // While somebody looks at the rows, the columns are looked through behind them.
  await profileAhead(id);
  return Response.json(view);
});
export const DELETE = route(async (_request, params) => {
  const files = await removeWorkspace(idOf(params, 'id'));
  await Promise.all(files.map((f) => rm(sourcePath(f), { force: true })));
  return Response.json({});
});
