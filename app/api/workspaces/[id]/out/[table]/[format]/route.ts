import { createReadStream } from 'node:fs';
import { Readable } from 'node:stream';
import { recordHtml, recordMarkdown } from '../../../../../../../core/brief/record';
import { csvPieces, htmlPieces, jsonPieces, markdownPieces, ndjsonPieces } from '../../../../../../../core/formats/write';
import { downloadHeaders, idOf, route, streamResponse } from '../../../../../../../server/api';
import { coverOf, shownAs } from '../../../../../../../server/covering';
import { Told } from '../../../../../../../server/errors';
import { sourceOf, sourcePath } from '../../../../../../../server/uploads';
import { workbook } from '../../../../../../../server/handoff';
import { recordOf } from '../../../../../../../server/record';
import { letOut } from '../../../../../../../server/review';
import { tableNow } from '../../../../../../../server/workspaces';

/** What a table goes out as: these wait for the checks that guard it; its papers do not. */
const TABLES = new Set(['csv', 'raw-csv', 'json', 'ndjson', 'markdown', 'html', 'xlsx']);

/** Takes a table away: csv, raw-csv, json, ndjson, markdown, html, xlsx, record (Markdown; also as a page or as data), brief (text), or the source file as it came. */
export const GET = route(async (_request, params) => {
  const workspaceId = idOf(params, 'id'), tableId = idOf(params, 'table');
  const now = await tableNow(workspaceId, tableId);
  const { entries } = now;
  const cover = await coverOf({ id: now.stateId, sourceId: tableId, table: now.table });
  const table = shownAs(now.table, cover);
  const once = async function* (text: string): AsyncGenerator<string> {
    yield text;
  };
  if (TABLES.has(String(params.format))) await letOut(now);
  switch (params.format) {
    case 'csv':
    case 'raw-csv':
      return streamResponse(csvPieces(table, params.format === 'raw-csv'), 'text/csv; charset=utf-8', `${table.name}.csv`);
    case 'json':
      return streamResponse(jsonPieces(table), 'application/json', `${table.name}.json`);
    case 'ndjson':
      return streamResponse(ndjsonPieces(table), 'application/x-ndjson', `${table.name}.ndjson`);
    case 'markdown':
      return streamResponse(markdownPieces(table), 'text/markdown; charset=utf-8', `${table.name}.md`);
    case 'html':
      return streamResponse(htmlPieces(table), 'text/html; charset=utf-8', `${table.name}.html`);
    case 'xlsx':
      return new Response(await workbook(workspaceId, tableId), { headers: downloadHeaders('application/vnd.openxmlformats-officedocument.spreadsheetml.sheet', `${table.name}.xlsx`) });
    case 'record':
      return streamResponse(once(recordMarkdown(await recordOf(workspaceId, tableId))), 'text/markdown; charset=utf-8', `${table.name} record.md`);
    case 'record-page':
      return streamResponse(once(recordHtml(await recordOf(workspaceId, tableId))), 'text/html; charset=utf-8', `${table.name} record.html`);
    case 'record-data':
      return streamResponse(once(`${JSON.stringify(await recordOf(workspaceId, tableId), null, 2)}\n`), 'application/json', `${table.name} record.json`);
    case 'brief':
      return streamResponse(once(entries.map((e, i) => `${i + 1}. ${e.sentence}\n`).join('')), 'text/plain; charset=utf-8', `${table.name} brief.txt`);
    case 'source': {
      if (cover.names.size) throw new Told('The source file is not given out while columns are covered.', 403, 'covered');
      const source = await sourceOf(tableId);
      if (source.file === '') throw new Told(`This table is ${source.fileName}: it came in no file.`, 404, 'answer');
      return new Response(Readable.toWeb(createReadStream(sourcePath(source.file))) as ReadableStream<Uint8Array>, { headers: downloadHeaders('application/octet-stream', source.fileName) });
    }
    default:
      throw new Told('There is no such format.', 404, 'gone');
  }
});
