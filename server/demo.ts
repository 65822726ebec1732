import { DEMO_BRIEF, DEMO_DRAFT, DEMO_HOLDS, DEMO_NAME, DEMO_ROWS, DEMO_SEED } from '../demo/brief';
import { deliveries, prices, remittances } from '../demo/generate';
import { database } from './db/client';
import * as schema from './db/schema';
import { readInWorkspace } from './readings';
import { importUpload, previewUpload, receiveUpload } from './uploads';
import { changeHolds, keepRequest, removeWorkspace, saveDraft, viewWorkspace } from './workspaces';

/** Loads the demo workspace when there is no workspace at all. True when it did. */
export async function loadDemo(): Promise<boolean> {
  const [any] = await database().select({ id: schema.workspaces.id }).from(schema.workspaces).limit(1);
  if (any) return false;
  try {
    await makeDemo();
  } catch (error) {
    // Half a demo is no demo: the next start tries again.
    for (const { id } of await database().select({ id: schema.workspaces.id }).from(schema.workspaces)) await removeWorkspace(id);
    throw error;
  }
  return true;
}

async function makeDemo(): Promise<void> {
  const options = { rows: DEMO_ROWS, seed: DEMO_SEED, messy: true };
  const encoder = new TextEncoder();
  const bring = async (fileName: string, pieces: Iterable<string>, workspaceId: number | null): Promise<{ workspaceId: number; tableId: number }> => {
    const body = (async function* () {
      for (const piece of pieces) yield encoder.encode(piece);
    })();
    const upload = await receiveUpload(body, fileName, null);
    const { settings } = await previewUpload(upload.id, {});
    return importUpload({ uploadId: upload.id, settings, tableName: fileName.replace(/\.csv$/, ''), workspaceId, workspaceName: DEMO_NAME }, () => undefined);
  };
  const { workspaceId, tableId } = await bring('deliveries.csv', deliveries(options), null);
  await bring('prices.csv', [prices()], workspaceId);
  await bring('remittances.csv', [remittances(options)], workspaceId);
  for (const request of DEMO_BRIEF) {
    const { version, answer } = await readInWorkspace(workspaceId, tableId, request);
    if (answer.outcome !== 'done') throw new Error(`The demo's own sentence was not understood: ${request}`);
    await keepRequest({ workspaceId, version, tableId, request, plans: answer.reading.plans, holds: [], corrects: answer.corrects });
  }
  for (const hold of DEMO_HOLDS) {
    const view = await viewWorkspace(workspaceId);
    await changeHolds({ workspaceId, version: view.version, key: view.brief[hold.sentence]!.key, hold: [{ kind: hold.kind, position: null, note: hold.note }], settle: [] });
  }
  await saveDraft(workspaceId, DEMO_DRAFT);
}
