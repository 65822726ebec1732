// Imports one file into a fresh workspace and prints what it took, as JSON. A process of its own, so that its memory is its own.
import { createReadStream } from 'node:fs';
import { closeDatabase } from '../server/db/client';
import { importUpload, previewUpload, receiveUpload } from '../server/uploads';

const upload = await receiveUpload(createReadStream(process.argv[2]!, { highWaterMark: 1024 * 1024 }), 'deliveries.csv', null);
const { settings } = await previewUpload(upload.id, {});
const from = performance.now();
const ids = await importUpload({ uploadId: upload.id, settings, tableName: 'deliveries', workspaceId: null, workspaceName: 'bench' }, () => undefined);
console.log(JSON.stringify({ ms: performance.now() - from, peakMb: process.resourceUsage().maxRSS / 1024, ...ids }));
await closeDatabase();
