/** A drill: one judgement on something that was worked out for it, and how its answer is scored. */
import type { Drawing, Scene } from '../senses/drawn';
import type { SkillId } from './data/skills';

/** What is shown: a tube, something held up, or words alone. */
export interface Exhibit {
  readonly caption: string;
  readonly drawing?: Drawing;
  readonly scene?: Scene;
}

export interface Choice {
  readonly id: string;
  readonly label: string;
  /** 1 for the right one; a near miss gets a part. */
  readonly credit: number;
}

export type Answering =
  | { readonly by: 'choice'; readonly choices: readonly Choice[] }
  /** One of the exhibits, by its caption. */
  | { readonly by: 'exhibit'; readonly choices: readonly Choice[] }
  | { readonly by: 'number'; readonly right: number; readonly unit: string };

export interface Drill {
  readonly skill: SkillId;
  /** The same for drills that ask the same of the same thing. */
  readonly key: string;
  readonly ask: string;
  readonly exhibits: readonly Exhibit[];
  readonly answering: Answering;
  /** Said after the answer. */
  readonly why: string;
}

export type Random = () => number;

/** Makes a drill of its skill; null when this draw came to nothing and another should be tried. */
export type Maker = (random: Random) => Drill | null;

/** A number is right within 2 %, as one reads a measure, and worth something within 10 %. */
const WITHIN = { right: 0.02, near: 0.1 } as const;
const NEAR_CREDIT = 0.5;

/**
 * @param given the id of a choice, or a number.
 * @returns 0…1.
 */
export function scoreOf({ answering }: Drill, given: string | number): number {
  if (answering.by !== 'number') return answering.choices.find((c) => c.id === given)?.credit ?? 0;
  const off = Math.abs(Number(given) - answering.right) / Math.max(Math.abs(answering.right), 1e-9);
  return off <= WITHIN.right ? 1 : off <= WITHIN.near ? NEAR_CREDIT : 0;
}

/** What the right answer is, in words. */
export function rightOf({ answering }: Drill): string {
  if (answering.by === 'number') return `${answering.right} ${answering.unit}`.trim();
  return answering.choices.find((c) => c.credit === 1)!.label;
}

export const oneOf = <T>(random: Random, list: readonly T[]): T => list[Math.floor(random() * list.length)]!;

export function shuffled<T>(random: Random, list: readonly T[]): T[] {
  const out = [...list];
  for (let i = out.length - 1; i > 0; i--) {
    const j = Math.floor(random() * (i + 1));
    [out[i], out[j]] = [out[j]!, out[i]!];
  }
  return out;
}
