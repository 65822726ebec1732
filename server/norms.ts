import { afterNorms, normsTable, readNorms, type Norms } from '../core/language/norms';
import { sayPlan } from '../core/steps/registry';
import type { NormsReply } from '../contract/views';
import { pool } from './db/client';
import { Told } from './errors';
import { headFor } from './revise';
import { loadState } from './store/tables';
import { importUpload, previewUpload, receiveUpload } from './uploads';
import { tableNow, viewWorkspace } from './workspaces';

/* Norms in a text, read into a table of bands of the workspace. */

interface NormsOrder {
  readonly workspaceId: number;
  /** The table whose columns the norms are about. */
  readonly tableId: number;
  readonly text: string;
}

async function read({ workspaceId, tableId, text }: NormsOrder): Promise<{ norms: Norms; head: Awaited<ReturnType<typeof headFor>> }> {
  const { stateId } = await tableNow(workspaceId, tableId);
  const head = await headFor(await loadState(pool(), stateId));
  return { norms: readNorms(text, head), head };
}

/** What would be read; nothing is kept. */
export const previewNorms = async (order: NormsOrder): Promise<NormsReply> => ({ ...(await read(order)).norms, kept: null });

/** Keeps what was read as a table of the workspace, and says what can be done with it. */
export async function keepNorms(order: NormsOrder & { readonly name: string }): Promise<NormsReply> {
  const { norms, head } = await read(order);
  if (norms.norms.length === 0) throw new Told('No band was found in this text. Say one like: moisture up to 17.5 %: grade A.', 422, 'norms');
  const { tables } = await viewWorkspace(order.workspaceId);
  if (tables.some((t) => t.name.toLowerCase() === order.name.toLowerCase())) throw new Told(`There is a table “${order.name}” already. Give the norms another name.`, 422, 'name');
  const { columns, text } = normsTable(norms);
  const upload = await receiveUpload(bytesOf(text), `${order.name}.csv`, null);
  const { settings } = await previewUpload(upload.id, {});
  const { tableId } = await importUpload({ uploadId: upload.id, settings: { ...settings, columns: columns.map((c) => ({ ...c, dayFirst: true })) }, tableName: order.name, workspaceId: order.workspaceId, workspaceName: '' }, () => undefined);
  return { ...norms, kept: { tableId, sentences: afterNorms(norms, order.name, head).map((plans) => plans.map(sayPlan).join(' ')) } };
}

async function* bytesOf(text: string): AsyncGenerator<Uint8Array> {
  yield new TextEncoder().encode(text);
}
