import { runAgain } from '../../../../../../server/again';
import { bodyOf, progressResponse, route } from '../../../../../../server/api';
import { againSchema } from '../../../../../../server/schemas';

export const POST = route(async (request, params) => {
  const order = { ...(await bodyOf(request, againSchema)), uploadId: params.id! };
  return progressResponse((tell, signal) => {
    let told = 0;
    return runAgain(order, (p) => { if (Date.now() - told > 100) { told = Date.now(); tell(p); } }, signal);
  }, request.signal);
});
