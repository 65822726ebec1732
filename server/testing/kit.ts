import { readExact, type Plan } from '../../core/steps/registry';
import { rowsOf, viewTable } from '../rows';
import { importUpload, previewUpload, receiveUpload } from '../uploads';
import { keepRequest, tableNow, viewWorkspace } from '../workspaces';

/* What tests do with workspaces over and over. */

/** A table in a workspace of its own. */
export interface Ids {
  readonly workspaceId: number;
  readonly tableId: number;
}

/** A text as a file comes in: in pieces that end anywhere. */
export async function* blocks(text: string): AsyncGenerator<Uint8Array> {
  for (let i = 0; i < text.length; i += 97) yield new TextEncoder().encode(text.slice(i, i + 97));
}

export const exact = (sentence: string): Plan => readExact(sentence)!;

export const upload = async (text: string, fileName = 'lots.csv'): Promise<string> => (await receiveUpload(blocks(text), fileName, null)).id;

async function into(workspaceId: number | null, text: string, workspaceName: string): Promise<Ids> {
  const uploadId = await upload(text);
  const { settings } = await previewUpload(uploadId, {});
  return importUpload({ uploadId, settings, tableName: workspaceId === null ? 'lots' : 'more lots', workspaceId, workspaceName }, () => undefined);
}
export const bring = (text: string, workspaceName: string): Promise<Ids> => into(null, text, workspaceName);
/** One more table in a workspace. */
export const bringInto = (workspaceId: number, text: string): Promise<Ids> => into(workspaceId, text, '');

export async function keep({ workspaceId, tableId }: Ids, sentence: string, holds: readonly { kind: string | null; position: number | null }[] = []): Promise<void> {
  const { version } = await viewWorkspace(workspaceId);
  await keepRequest({ workspaceId, tableId, version, request: sentence, plans: [exact(sentence)], corrects: false, holds: holds.map((h) => ({ plan: 0, note: '', ...h })) });
}

/** The version of a table that is current. */
export const stateOf = async ({ workspaceId, tableId }: Ids): Promise<number> => (await tableNow(workspaceId, tableId)).stateId;

/** The rows of a table as they are now. */
export async function cells({ workspaceId, tableId }: Ids): Promise<unknown[][]> {
  const table = (await viewWorkspace(workspaceId)).tables.find((t) => t.id === tableId)!;
  return (await rowsOf(await viewTable(table.stateId, { sort: null, filter: null }), 0, 1_000)).cells.map((c) => [...c]);
}

/** The cells of one column as the table is now. */
export async function column({ workspaceId, tableId }: Ids, name: string): Promise<unknown[]> {
  const table = (await viewWorkspace(workspaceId)).tables.find((t) => t.id === tableId)!;
  const at = table.columns.findIndex((c) => c.name === name);
  return (await cells({ workspaceId, tableId })).map((row) => row[at]);
}
