/** The crews of a server. */
import type { BenchTasks } from './bench';
import { Crew } from './crew';
import type { HashingTasks } from './hashing';
import type { ThoughtTasks } from './thought';

/** Niceness of the thinking threads beside those that work the bench. */
const THINKING_NICE = 3;

const module = (name: string) => new URL(name, import.meta.url);

export const benchCrew = (threads?: number): Promise<Crew<BenchTasks>> => Crew.hire(module('./bench.ts'), { threads });
/** One after another: a class that signs in at once waits a little, and nothing else does. */
export const hashingCrew = (): Promise<Crew<HashingTasks>> =>
  Crew.hire(module('./hashing.ts'), { threads: 1, nice: THINKING_NICE, mostWaiting: 120 });
export const thoughtCrew = (threads?: number): Promise<Crew<ThoughtTasks>> =>
  Crew.hire(module('./thought.ts'), { threads, nice: THINKING_NICE });
