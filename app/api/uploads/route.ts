import { route } from '../../../server/api';
import { receiveUpload } from '../../../server/uploads';
import { Told } from '../../../server/errors';

export const POST = route(async (request) => {
  if (!request.body) throw new Told('No file came with the request.', 400, 'empty');
  const name = decodeURIComponent(request.headers.get('x-file-name') ?? 'pasted.csv').slice(0, 200);
  const length = request.headers.get('content-length');
  return Response.json(await receiveUpload(request.body as unknown as AsyncIterable<Uint8Array>, name, length === null ? null : Number(length)));
});
