/** Works out a time line beside the page. */
import { ONE_BENCH, schedule, type Task } from '#core/planning/schedule';
import { seeded } from '#core/reasoning/student';

export interface Asked {
  readonly turn: number;
  readonly tasks: readonly Task[];
  readonly priority: readonly (readonly [string, number])[];
}

/** The same steps give the same plan. */
const SEED = 1;

self.onmessage = ({ data: { turn, tasks, priority } }: MessageEvent<Asked>) => {
  try {
    self.postMessage({ turn, schedule: schedule(tasks, ONE_BENCH, { random: seeded(SEED) }, new Map(priority)) });
  } catch (error) {
    self.postMessage({ turn, failed: (error as Error).message });
  }
};
