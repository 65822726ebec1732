import { bodyOf, route } from '../../../../../server/api';
import { findText, rowsOf, viewTable } from '../../../../../server/rows';
import { rowsSchema } from '../../../../../server/schemas';

export const POST = route(async (request) => {
  const { stateId, from, count, sort, filter, find } = await bodyOf(request, rowsSchema);
  const table = await viewTable(stateId, { sort, filter });
  return Response.json({ ...(await rowsOf(table, from, count)), ...(find ? { found: await findText(table, find.text, find.after) } : {}) });
});
