import { bodyOf, progressResponse, route } from '../../../../../server/api';
import { importSchema } from '../../../../../server/schemas';
import { importUpload } from '../../../../../server/uploads';

export const POST = route(async (request, params) => {
  const order = { ...(await bodyOf(request, importSchema)), uploadId: params.id! };
  return progressResponse((tell, signal) => {
    let told = 0;
    return importUpload(order, (done, total) => { if (Date.now() - told > 100) { told = Date.now(); tell({ done, total }); } }, signal);
  }, request.signal);
});
