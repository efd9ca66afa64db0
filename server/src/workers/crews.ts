/** The crews of a server. */
import type { BenchTasks } from './bench';
import { Crew } from './crew';
import type { ThoughtTasks } from './thought';

/** Niceness of the thinking threads beside those that work the bench. */
const THINKING_NICE = 10;

const module = (name: string) => new URL(name, import.meta.url);

export const benchCrew = (): Crew<BenchTasks> => new Crew(module('./bench.ts'));
export const thoughtCrew = (): Crew<ThoughtTasks> => new Crew(module('./thought.ts'), { nice: THINKING_NICE });
