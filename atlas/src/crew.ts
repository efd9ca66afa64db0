/** Work shared out among the cores. */
import { availableParallelism } from 'node:os';
import { Worker } from 'node:worker_threads';
import { bundleOf } from './bundle';

/**
 * Sends every task to a crew of workers running `module`, which answer each message with one of their own.
 * @returns the answers in the order of the tasks.
 */
export async function shareOut<T, R>(
  module: URL,
  tasks: readonly T[],
  done: (count: number) => void = () => undefined,
): Promise<R[]> {
  const out: R[] = [];
  const file = await bundleOf(module);
  let next = 0;
  let count = 0;
  const one = () =>
    new Promise<void>((resolve, reject) => {
      const worker = new Worker(file, { execArgv: [] });
      let at = -1;
      const send = () => {
        at = next++;
        if (at >= tasks.length) void worker.terminate().then(() => resolve(), reject);
        else worker.postMessage(tasks[at]);
      };
      worker.on('message', (answer: R) => {
        out[at] = answer;
        done(++count);
        send();
      });
      worker.on('error', reject);
      send();
    });
  await Promise.all(Array.from({ length: Math.max(1, Math.min(availableParallelism(), tasks.length)) }, one));
  return out;
}
