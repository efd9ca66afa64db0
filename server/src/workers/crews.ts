/** The crews of a server. */
import type { BenchTasks } from './bench';
import { Crew } from './crew';
import type { ThoughtTasks } from './thought';

/** Niceness of the thinking threads beside those that work the bench. */
const THINKING_NICE = 3;

const module = (name: string) => new URL(name, import.meta.url);

export const benchCrew = (threads?: number): Promise<Crew<BenchTasks>> => Crew.hire(module('./bench.ts'), { threads });
export const thoughtCrew = (threads?: number): Promise<Crew<ThoughtTasks>> =>
  Crew.hire(module('./thought.ts'), { threads, nice: THINKING_NICE });
