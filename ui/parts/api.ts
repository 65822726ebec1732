import { writeNumber } from '../../core/values/number';

/** A refusal of the server: its code, and a sentence for the person. */
export class Refused extends Error {
  constructor(readonly code: string, message: string) {
    super(message);
  }
}

const UNREACHABLE = 'The server does not answer. Start Kulfi again; this page goes on by itself.';

async function refusal(response: Response): Promise<Refused> {
  const body = (await response.json().catch(() => ({}))) as { error?: string; message?: string };
  return new Refused(body.error ?? 'fault', body.message ?? UNREACHABLE);
}

/** Asks the server and gives its JSON; throws Refused. */
export async function ask<T>(path: string, method: 'GET' | 'POST' | 'PUT' | 'DELETE' = 'GET', body?: unknown, signal?: AbortSignal): Promise<T> {
  let response: Response;
  try {
    response = await fetch(`/api/${path}`, { method, ...(body === undefined ? {} : { body: JSON.stringify(body), headers: { 'content-type': 'application/json' } }), ...(signal ? { signal } : {}) });
  } catch (error) {
    if ((error as Error).name === 'AbortError') throw error;
    throw new Refused('database', UNREACHABLE);
  }
  if (!response.ok) throw await refusal(response);
  return (await response.json()) as T;
}

/** Asks for something that takes time: calls `onProgress` as lines come, gives the result. */
export async function askSlowly<T>(path: string, body: unknown, onProgress: (done: number, total: number) => void, signal?: AbortSignal): Promise<T> {
  const response = await fetch(`/api/${path}`, { method: 'POST', body: JSON.stringify(body), headers: { 'content-type': 'application/json' }, ...(signal ? { signal } : {}) }).catch((error: Error) => {
    if (error.name === 'AbortError') throw error;
    throw new Refused('database', UNREACHABLE);
  });
  if (!response.ok || !response.body) throw await refusal(response);
  const reader = response.body.pipeThrough(new TextDecoderStream()).getReader();
  let rest = '';
  for (;;) {
    const { value, done } = await reader.read().catch(() => ({ value: undefined, done: true }));
    if (done) break;
    rest += value;
    const lines = rest.split('\n');
    rest = lines.pop()!;
    for (const line of lines.filter(Boolean)) {
      const event = JSON.parse(line) as { done?: number; total?: number; result?: T; error?: string; message?: string };
      if (event.error) throw new Refused(event.error, event.message ?? '');
      if (event.result !== undefined) return event.result;
      onProgress(event.done ?? 0, event.total ?? 1);
    }
  }
  throw new Refused('cut', 'The connection broke off before the end. Look whether it was kept, and do it again if not.');
}

/** Sends a file as it is, telling how much has gone out. */
export function sendFile<T>(path: string, file: Blob, name: string, onProgress: (done: number, total: number) => void, signal: AbortSignal): Promise<T> {
  return new Promise((ok, fail) => {
    const request = new XMLHttpRequest();
    request.open('POST', `/api/${path}`);
    request.setRequestHeader('x-file-name', encodeURIComponent(name));
    request.upload.onprogress = (e) => onProgress(e.loaded, e.total || file.size);
    request.onload = () => {
      const body = JSON.parse(request.responseText || '{}') as T & { error?: string; message?: string };
      if (request.status < 400) ok(body);
      else fail(new Refused(body.error ?? 'fault', body.message ?? UNREACHABLE));
    };
    request.onerror = () => fail(new Refused('database', UNREACHABLE));
    request.onabort = () => fail(new DOMException('stopped', 'AbortError'));
    signal.addEventListener('abort', () => request.abort());
    request.send(file);
  });
}

/** Whole numbers with thin spaces between the thousands. */
export const figure = (n: number): string => Math.round(n).toString().replace(/\B(?=(\d{3})+$)/g, '\u202f');

/** A sum in full, with thin spaces between the thousands and a minus sign. */
export function amount(n: number): string {
  const [whole = '0', rest] = writeNumber(Math.abs(n)).split('.');
  return `${n < 0 ? '−' : ''}${figure(Number(whole))}${rest ? `.${rest}` : ''}`;
}

/** '1 row', '2 rows'. */
export const counted = (n: number, one: string, many = `${one}s`): string => `${figure(n)} ${n === 1 ? one : many}`;
