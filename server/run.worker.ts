import { revise, type Revision } from './revise';

/** Makes a revision in a thread of its own, telling how far it is. Ending the thread ends the transaction without a trace. */
export default async function run({ order, port }: { order: Revision; port: import('node:worker_threads').MessagePort }): Promise<number> {
  let told = 0;
  return revise(order, {
    onProgress: (done, total) => {
      const now = Date.now();
      if (now - told < 100) return;
      told = now;
      port.postMessage({ done, total });
    },
  });
}
