import { route } from '../../../server/api';
import { pool } from '../../../server/db/client';

/** Is the server there, and does the database answer? */
export const GET = route(async () => {
  await pool().query('select 1');
  return Response.json({ ok: true });
});
