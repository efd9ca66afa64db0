/** Sealed work is answered at whole steps of time, so that how long the simulator took tells nothing of what is in the tube. */
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
