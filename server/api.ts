import type Joi from 'joi';
import { getConfig } from './config';
import { Told, tell } from './errors';

/** Only requests from the page itself are taken: addressed to this host, and not sent by another site's page. */
export function guard(request: Request): void {
  const host = request.headers.get('host') ?? '';
  const name = host.replace(/:\d+$/, '');
  if (!getConfig().hosts.includes(name)) throw new Told('Kulfi answers only under its own address.', 403, 'host');
  const origin = request.headers.get('origin');
  if (origin !== null && new URL(origin === 'null' ? 'http://none.invalid' : origin).host !== host) throw new Told('Kulfi answers only its own page.', 403, 'origin');
  const site = request.headers.get('sec-fetch-site');
  if (site !== null && site !== 'same-origin' && site !== 'none') throw new Told('Kulfi answers only its own page.', 403, 'origin');
}

/** An error as a response: one sentence, never a stack. Unknown errors go to the server's log. */
export function errorResponse(error: unknown): Response {
  const told = tell(error);
  if (told.code === 'fault') console.error(error);
  return Response.json({ error: told.code, message: told.message }, { status: told.status });
}

type Params = Promise<Record<string, string>>;

/** A route handler: guarded, its errors told. */
export const route = (run: (request: Request, params: Record<string, string>) => Promise<Response>) => async (request: Request, context: { params: Params }): Promise<Response> => {
  try {
    guard(request);
    return await run(request, await context.params);
  } catch (error) {
    return errorResponse(error);
  }
};

const MOST_BODY = 4 * 1024 * 1024;

/** The JSON body of a request, as the schema has it; refused with the first thing that is wrong. */
export async function bodyOf<T>(request: Request, schema: Joi.Schema<T>): Promise<T> {
  const text = await request.text();
  if (text.length > MOST_BODY) throw new Told('That is too much at once.', 413, 'large');
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch {
    throw new Told('The request is not valid JSON.', 400, 'json');
  }
  return checked(schema, data);
}

/** Data as a schema has it. */
export function checked<T>(schema: Joi.Schema<T>, data: unknown): T {
  const { error, value } = schema.validate(data, { abortEarly: true });
  if (error) throw new Told(`${error.message}.`, 400, 'invalid');
  return value as T;
}

/** A whole number from the path. */
export function idOf(params: Record<string, string>, name: string): number {
  const id = Number(params[name]);
  if (!Number.isInteger(id) || id < 0 || id > 2_147_483_647) throw new Told('There is no such thing.', 404, 'gone');
  return id;
}

/** A response of lines of JSON: progress as it comes, and last the result or the error. */
export function progressResponse(run: (tell: (event: object) => void, signal: AbortSignal) => Promise<object>, outer: AbortSignal): Response {
  const encoder = new TextEncoder();
  const stop = new AbortController();
  outer.addEventListener('abort', () => stop.abort());
  const stream = new ReadableStream<Uint8Array>({
    async start(controller) {
      const send = (event: object): void => {
        try {
          controller.enqueue(encoder.encode(`${JSON.stringify(event)}\n`));
        } catch {
          stop.abort();
        }
      };
      try {
        send({ result: await run(send, stop.signal) });
      } catch (error) {
        const told = tell(error);
        if (told.code === 'fault') console.error(error);
        send({ error: told.code, message: told.message });
      }
      try {
        controller.close();
      } catch {
        /* the page has gone */
      }
    },
    cancel: () => stop.abort(),
  });
  return new Response(stream, { headers: { 'content-type': 'application/x-ndjson', 'cache-control': 'no-store' } });
}

/** A response of text that is made piece by piece. */
export function streamResponse(pieces: AsyncIterable<string>, type: string, fileName: string): Response {
  const encoder = new TextEncoder();
  const iterator = pieces[Symbol.asyncIterator]();
  const stream = new ReadableStream<Uint8Array>({
    async pull(controller) {
      const { value, done } = await iterator.next();
      if (done) controller.close();
      else controller.enqueue(encoder.encode(value));
    },
  });
  return new Response(stream, { headers: downloadHeaders(type, fileName) });
}

/** Headers of a file to be kept: never shown as a page. */
export const downloadHeaders = (type: string, fileName: string): HeadersInit => ({
  'content-type': type,
  'content-disposition': `attachment; filename="${fileName.replace(/[^\w. -]/g, '_')}"; filename*=UTF-8''${encodeURIComponent(fileName)}`,
  'x-content-type-options': 'nosniff',
  'cache-control': 'no-store',
});
