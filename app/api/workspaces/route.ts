import { route } from '../../../server/api';
import { listWorkspaces } from '../../../server/workspaces';

export const dynamic = 'force-dynamic';
export const GET = route(async () => Response.json(await listWorkspaces()));
