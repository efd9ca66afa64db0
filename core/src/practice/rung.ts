/** A rung of graded samples, and what an answer to one of them is worth. */
import type { SampleSpec } from '../bench/sample';
import type { Difficulty } from '../reasoning/hardness';
import type { RungId } from './data/troubles';

export interface Graded {
  readonly name: string;
  readonly sample: SampleSpec;
  /** What is to be found: ions, or elements. */
  readonly truth: readonly string[];
  readonly difficulty: Difficulty;
}

export interface Rung {
  readonly id: RungId;
  readonly name: string;
  readonly samples: readonly Graded[];
}

/** Difficulties by name, as they were computed with the atlases. */
export type Difficulties = Readonly<Record<string, Difficulty>>;

/** Samples that have to be found on a rung before it counts as mastered. */
export const TO_MASTER = 3;

export interface Judged {
  readonly right: readonly string[];
  readonly wrong: readonly string[];
  readonly missed: readonly string[];
  readonly passed: boolean;
}

/** @param claimed ions or elements. */
export function judgeAnswer(truth: readonly string[], claimed: readonly string[]): Judged {
  const right = claimed.filter((c) => truth.includes(c));
  const wrong = claimed.filter((c) => !truth.includes(c));
  const missed = truth.filter((t) => !claimed.includes(t));
  return { right, wrong, missed, passed: !wrong.length && !missed.length };
}
