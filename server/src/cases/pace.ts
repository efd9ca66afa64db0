/**
 * Sealed work is done in whole steps of time: when it is stamped, told of and answered, nothing of how long the simulator took is in it.
 */
import { setTimeout as sleep } from 'node:timers/promises';

const STEP_MS = 50;

/** What `work` gives, or its refusal, at the end of the step of time in which it came. */
export async function paced<T>(work: () => Promise<T>): Promise<T> {
  const since = performance.now();
  try {
    return await work();
  } finally {
    await sleep(STEP_MS - ((performance.now() - since) % STEP_MS));
  }
}
