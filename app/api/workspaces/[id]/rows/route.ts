import { bodyOf, idOf, route } from '../../../../../server/api';
import { findText, marksAt, rowsOf, viewTable } from '../../../../../server/rows';
import { rowsSchema } from '../../../../../server/schemas';
import { stateIn } from '../../../../../server/workspaces';

export const POST = route(async (request, params) => {
  const { stateId, from, count, sort, filter, find } = await bodyOf(request, rowsSchema);
  await stateIn(idOf(params, 'id'), stateId);
  const table = await viewTable(stateId, { sort, filter });
  const window = await rowsOf(table, from, count);
  return Response.json({ ...window, marks: await marksAt(stateId, window.positions), ...(find ? { found: await findText(table, find.text, find.after) } : {}) });
});
