import type { MessagePort } from 'node:worker_threads';
import type { Plan } from '../core/steps/registry';
import { profileState } from './profiles';
import { prove } from './proofs';

/** What is worked out beside the page's own thread. It writes nothing. */
const TASKS = {
  prove: (onProgress: (done: number, total: number) => void, stateId: number, plans: readonly Plan[]) => prove(stateId, plans, 'all', { onProgress }),
  profile: (_onProgress: unknown, stateId: number) => profileState(stateId),
};

export default async function read({ task, args, port }: { task: keyof typeof TASKS; args: readonly never[]; port: MessagePort }): Promise<unknown> {
  let told = 0;
  const onProgress = (done: number, total: number): void => {
    const now = Date.now();
    if (now - told < 100) return;
    told = now;
    port.postMessage({ done, total });
  };
  return (TASKS[task] as (...all: unknown[]) => Promise<unknown>)(onProgress, ...args);
}
