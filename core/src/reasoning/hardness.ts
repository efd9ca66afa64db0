/** How hard an unknown was found to be, as one number and in words. */
import { nameOf } from '../senses/names';

export interface Difficulty {
  /** Until one is sure, on the average of the workings; of one that is never sure, until there is no test left. */
  readonly tests: number;
  readonly minutes: number;
  /** Share of the workings at whose end the right one was the likeliest. */
  readonly right: number;
  /** What else stayed likely when half the tests were done, the likeliest first, with its probability. */
  readonly confused: readonly (readonly [name: string, probability: number])[];
}

/** One that is not found counts as so many times its minutes. */
const NOT_FOUND = 2;
/** One number to order unknowns by: minutes, more where it is often not found. */
export const hardness = ({ minutes, right }: Pick<Difficulty, 'minutes' | 'right'>): number =>
  Math.round(minutes * (1 + NOT_FOUND * (1 - right)));

/** Ions by their names, a compound by its own. */
export const sayConfused = (name: string): string => name.split(' ').map(nameOf).join(' ');

/** Why it is as hard as it is, in words. */
export function sayDifficulty({ tests, minutes, right, confused }: Difficulty): string {
  const who = confused.length ? `; on the way it passes for ${confused.map(([name]) => sayConfused(name)).join(', ')}` : '';
  const missed = right < 1 ? `; in ${Math.round(100 * (1 - right))} of 100 workings something else stood first at the end` : '';
  return `${tests} tests, ${minutes} minutes${missed}${who}`;
}
