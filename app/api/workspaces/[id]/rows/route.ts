import { bodyOf, route } from '../../../../../server/api';
import { findText, marksAt, rowsOf, viewTable } from '../../../../../server/rows';
import { rowsSchema } from '../../../../../server/schemas';

export const POST = route(async (request) => {
  const { stateId, from, count, sort, filter, find } = await bodyOf(request, rowsSchema);
  const table = await viewTable(stateId, { sort, filter });
  const window = await rowsOf(table, from, count);
  return Response.json({ ...window, marks: await marksAt(stateId, window.positions), ...(find ? { found: await findText(table, find.text, find.after) } : {}) });
});
