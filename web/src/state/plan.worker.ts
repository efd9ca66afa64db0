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

let newest: Asked | null = null;

/** Only the newest question counts: those that came while one was worked on are passed over. */
self.onmessage = ({ data }: MessageEvent<Asked>) => {
  if (!newest) setTimeout(answer);
  newest = data;
};

function answer(): void {
  const { turn, tasks, priority } = newest!;
  newest = null;
  try {
    self.postMessage({ turn, schedule: schedule(tasks, ONE_BENCH, { random: seeded(SEED) }, new Map(priority)) });
  } catch (error) {
    self.postMessage({ turn, failed: (error as Error).message });
  }
}
