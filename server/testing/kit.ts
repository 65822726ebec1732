import { readExact, type Plan } from '../../core/steps/registry';

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

/** What tests do with workspaces over and over. Loaded after `ownDatabase`, as every module of the server is. */
export async function kit() {
  const [uploads, workspaces, rows] = await Promise.all([import('../uploads'), import('../workspaces'), import('../rows')]);
  const upload = async (text: string, fileName = 'lots.csv'): Promise<string> => (await uploads.receiveUpload(blocks(text), fileName, null)).id;
  const into = async (workspaceId: number | null, text: string, workspaceName: string): Promise<Ids> => {
    const uploadId = await upload(text);
    const { settings } = await uploads.previewUpload(uploadId, {});
    return uploads.importUpload({ uploadId, settings, tableName: workspaceId === null ? 'lots' : 'more lots', workspaceId, workspaceName }, () => undefined);
  };
  return {
    upload,
    bring: (text: string, workspaceName: string): Promise<Ids> => into(null, text, workspaceName),
    /** One more table in a workspace. */
    bringInto: (workspaceId: number, text: string): Promise<Ids> => into(workspaceId, text, ''),
    async keep({ workspaceId, tableId }: Ids, sentence: string, holds: readonly { kind: string | null; position: number | null }[] = []): Promise<void> {
      const { version } = await workspaces.viewWorkspace(workspaceId);
      await workspaces.keepRequest({ workspaceId, tableId, version, request: sentence, plans: [exact(sentence)], corrects: false, holds: holds.map((h) => ({ plan: 0, note: '', ...h })) });
    },
    /** The cells of one column as the table is now. */
    async column({ workspaceId, tableId }: Ids, name: string): Promise<unknown[]> {
      const table = (await workspaces.viewWorkspace(workspaceId)).tables.find((t) => t.id === tableId)!;
      const window = await rows.rowsOf(await rows.viewTable(table.stateId, { sort: null, filter: null }), 0, 1_000);
      return window.cells.map((cells) => cells[table.columns.findIndex((c) => c.name === name)]);
    },
  };
}
