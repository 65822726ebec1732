import { recordHtml, recordMarkdown } from '../../../../../../../core/brief/record';
import { downloadHeaders, idOf, route } from '../../../../../../../server/api';
import { Told } from '../../../../../../../server/errors';
import { sealedRecord } from '../../../../../../../server/record';

/** A sealed record as Markdown, as a page that prints well, or as data that can be verified. */
export const GET = route(async (_request, params) => {
  const record = await sealedRecord(idOf(params, 'id'), idOf(params, 'record'));
  const form = { markdown: [recordMarkdown, 'text/markdown; charset=utf-8', 'md'], page: [recordHtml, 'text/html; charset=utf-8', 'html'], data: [(r: typeof record) => `${JSON.stringify(r, null, 2)}\n`, 'application/json', 'json'] } as const;
  const chosen = form[params.format as keyof typeof form];
  if (!chosen) throw new Told('There is no such format.', 404, 'gone');
  const [write, type, ending] = chosen;
  return new Response(write(record), { headers: downloadHeaders(type, `${record.table} record.${ending}`) });
});
