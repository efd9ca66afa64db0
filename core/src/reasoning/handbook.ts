/** What each ion, element or group gives in each test, read off the atlas. */
import type { Observation } from '../senses/vocabulary';
import { testsOf } from '../scheme/tests';
import type { Space } from './space';

export interface Outcome {
  readonly see: readonly Observation[];
  /** How many of the samples show it, and some of them by name. */
  readonly samples: number;
  readonly such: readonly string[];
}

export interface Given {
  readonly suspect: string;
  readonly samples: number;
  /** The commonest first. */
  readonly outcomes: readonly Outcome[];
}

const NAMED = 3;

/** What the samples that hold a suspect show in a test; samples made of several are left out. */
export function given(space: Space, test: string, suspect: string): Given {
  const found = new Map<readonly Observation[], number[]>();
  space.members.forEach(({ holds, composed }, m) => {
    if (composed || !holds.includes(suspect)) return;
    const see = space.exact(m, test);
    found.set(see, [...(found.get(see) ?? []), m]);
  });
  const outcomes = [...found].map(([see, members]) => ({
    see,
    samples: members.length,
    such: members.slice(0, NAMED).map((m) => space.called(m)),
  }));
  return {
    suspect,
    samples: outcomes.reduce((sum, o) => sum + o.samples, 0),
    outcomes: outcomes.sort((a, b) => b.samples - a.samples),
  };
}

/** What every suspect gives in one test. */
export const inTest = (space: Space, test: string): Given[] =>
  space.suspects.map((suspect) => given(space, test, suspect)).filter((g) => g.samples > 0);

/** What one suspect gives in those tests of the scheme that have a sign of it. */
export const ofSuspect = (space: Space, suspect: string): (Given & { readonly test: string })[] =>
  testsOf(space.scheme)
    .filter((t) => space.knows(t.id) && t.signs?.some((s) => s.of.includes(suspect)))
    .map((t) => ({ test: t.id, ...given(space, t.id, suspect) }));
