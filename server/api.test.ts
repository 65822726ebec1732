import { guard } from './api';
import { tell, Told } from './errors';

beforeAll(() => {
  process.env.DATABASE_URL ??= 'postgres://none@127.0.0.1:1/none';
});

const request = (headers: Record<string, string>): Request => new Request('http://localhost:3000/api/x', { headers });

test.each<[string, Record<string, string>, boolean]>([
  ['the page itself', { host: 'localhost:3000', origin: 'http://localhost:3000', 'sec-fetch-site': 'same-origin' }, true],
  ['a tool on this machine', { host: '127.0.0.1:3000' }, true],
  ['another name for this address', { host: 'kulfi.evil.example' }, false],
  ['a page of another site', { host: 'localhost:3000', origin: 'http://evil.example' }, false],
  ['another port of this machine', { host: 'localhost:3000', origin: 'http://localhost:4000' }, false],
  ['a form without an origin from elsewhere', { host: 'localhost:3000', 'sec-fetch-site': 'cross-site' }, false],
  ['a hidden frame', { host: 'localhost:3000', origin: 'null' }, false],
])('%s', (_, headers, taken) => {
  const look = (): void => guard(request(headers));
  if (taken) expect(look).not.toThrow();
  else expect(look).toThrow(Told);
});

test('errors carry no stack, and unknown ones no detail', () => {
  expect(tell(new Error('secret at /home/x'))).toEqual({ status: 500, code: 'fault', message: 'Something went wrong in Kulfi itself. Nothing was changed.' });
  expect(tell(Object.assign(new Error('connect'), { code: 'ECONNREFUSED' })).code).toBe('database');
  expect(tell(new Error('Failed query', { cause: Object.assign(new Error('terminating connection'), { code: '57P01' }) })).code).toBe('database');
  expect(tell(new Error('Failed query', { cause: Object.assign(new Error('could not extend file'), { code: '53100' }) })).code).toBe('full');
});
