/** What a standard test is: data that a person can follow and the simulator can run. */
import type { Op } from '../bench/ops';
import type { Channel, Observation } from '../vocabulary/observation';

export const SCHOOLS = ['no-sulfide', 'six-group', 'semi-micro'] as const;
export type School = (typeof SCHOOLS)[number];
/** A salt is worked by one of the schools, a compound by its own path. */
export type Scheme = School | 'organic';

type OneOrMany<T> = T | readonly T[];

/** Holds for an observation in which every named field is (one of) the given value(s). */
export type Pattern = { readonly channel: Channel } & {
  readonly [K in Exclude<keyof Observation, 'channel'>]?: OneOrMany<NonNullable<Observation[K]>>;
};

/** What to look for: all of `see`, none of `not`. */
export interface Sign {
  readonly of: readonly string[];
  readonly see: readonly Pattern[];
  readonly not?: readonly Pattern[];
  /** In its place in the scheme this is proof of the ion, not only a hint. */
  readonly proves?: true;
}

export interface DoStep {
  /** Places: `@` where the test starts, `1` `2` … fresh tubes, letters shared tubes of the scheme. */
  readonly op: Op;
  readonly why?: string;
  /** In place of the words made from the operation. */
  readonly say?: string;
  /** Added until something is seen to happen, so that it is enough on every bench. */
  readonly bySight?: true;
  /** Only gets the tube ready. These steps come before the others. */
  readonly prepares?: true;
}

/** A step for which laboratories differ: the house rules decide. */
export interface ChosenStep {
  readonly question: string;
  readonly of: Readonly<Record<string, readonly DoStep[]>>;
}

export type Step = DoStep | ChosenStep;

/** Worth doing only if one of these tests showed this; else it is skipped, and the reason is given. */
export interface When {
  readonly tests: readonly string[];
  readonly shows: OneOrMany<Pattern>;
  /** What does not count though it fits. */
  readonly not?: OneOrMany<Pattern>;
  /** Only what is left in the end counts: not what forms and dissolves again, nor the colour that it had before. */
  readonly left?: true;
  /** What has to be told for it to be skipped; otherwise that the first was not is enough. */
  readonly against?: Pattern;
  readonly otherwise: string;
}

export interface StandardTest {
  readonly id: string;
  readonly title: string;
  readonly purpose: string;
  /** Its station on the route, for every school in which it has one. */
  readonly station: string | Partial<Record<Scheme, string>>;
  /** The shared tube that `@` stands for, by school. */
  readonly start?: string | Partial<Record<Scheme, string>>;
  readonly when?: When;
  /** Wanted for every conclusion, whatever the rest says. */
  readonly closes?: true;
  /** Tests that must have been done before it is worth weighing. */
  readonly after?: readonly string[];
  /** What it takes beside the reagents of its steps. */
  readonly materials?: readonly string[];
  /** Shared tubes it leaves behind. */
  readonly makes?: readonly string[];
  readonly steps: readonly Step[];
  readonly watch: readonly Channel[];
  readonly signs?: readonly Sign[];
  /** What else looks like this, and how to tell. */
  readonly mistaken?: string;
  readonly control?: 'blank' | 'clean-wire' | 'fresh-reagent';
  readonly caution?: string;
  /** What is to be minded that is no reason to do another test first. */
  readonly care?: string;
  /** A real danger: the test stands back behind others that tell as much. */
  readonly hazard?: 'high';
  /** Done only where what is left cannot be told apart without it. */
  readonly optional?: true;
  /** Solvents are tried one after another until one takes the sample: the rest are not needed. */
  readonly inTurn?: true;
  /** A thermometer is read. */
  readonly reads?: 'melts' | 'boils';
}
