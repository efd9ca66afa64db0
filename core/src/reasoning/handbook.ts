/** What each ion, element or group gives in each test, read off the atlas. */
import { signsOfTest } from '../scheme/procedure';
import { speciesById, solidById } from '../matter/catalogue';
import type { Equation } from '../reactions/equations';
import type { Observation } from '../vocabulary/observation';
import { showsSign, testsOf } from '../scheme/tests';
import { World } from '../scheme/world';
import { rulesFor } from './atlas';
import { isPlain } from './member';
import type { Space } from './space';

export interface CommonOutcome {
  readonly see: readonly Observation[];
  /** How many of the samples show it, and some of them by name. */
  readonly samples: number;
  readonly such: readonly string[];
}

export interface WhatSuspectGives {
  readonly suspect: string;
  readonly samples: number;
  /** The commonest first. */
  readonly outcomes: readonly CommonOutcome[];
  /** What other amounts or times make of it, the commonest first. */
  readonly otherwise: readonly { readonly see: readonly Observation[]; readonly samples: number }[];
}

const NAMED = 3;

/** What the samples that hold a suspect show in a test; samples made of several are left out. */
export function whatSuspectGives(space: Space, test: string, suspect: string): WhatSuspectGives {
  const found = new Map<readonly Observation[], number[]>();
  const other = new Map<readonly Observation[], number>();
  space.members.forEach((member, m) => {
    if (!isPlain(member) || !member.holds.includes(suspect)) return;
    const [see, ...differing] = space.shows(m, test);
    found.set(see!, [...(found.get(see!) ?? []), m]);
    for (const seen of new Set(differing)) if (seen !== see) other.set(seen, (other.get(seen) ?? 0) + 1);
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
    otherwise: [...other]
      .filter(([see]) => !found.has(see))
      .map(([see, samples]) => ({ see, samples }))
      .sort((a, b) => b.samples - a.samples),
  };
}

/** What every suspect gives in one test. */
export const inTest = (space: Space, test: string): WhatSuspectGives[] =>
  space.suspects.map((suspect) => whatSuspectGives(space, test, suspect)).filter((g) => g.samples > 0);

/** What one suspect gives in those tests of the scheme that have a sign of it. */
export const ofSuspect = (space: Space, suspect: string): (WhatSuspectGives & { readonly test: string })[] =>
  testsOf(space.scheme)
    .filter((t) => space.knows(t.id) && t.signs?.some((s) => s.of.includes(suspect)))
    .map((t) => ({ test: t.id, ...whatSuspectGives(space, t.id, suspect) }));

/** Partners that add little of their own. */
const PLAIN: readonly string[] = ['NO3-', 'Na+'];

const WATERY: readonly string[] = ['H+', 'H2O'];
/** What a species or a solid is made of, but for water and its parts. */
const partsOf = (id: string): string[] =>
  Object.keys((speciesById.get(id) ?? solidById.get(id))?.of ?? {}).filter((part) => !WATERY.includes(part));

/**
 * Net ionic equations of a test, as it runs on a sample that shows the test's sign of a suspect: those in which the suspect
 * takes part, if it is an ion. None where no sample shows the sign, or nothing reacts in a solution.
 */
export function equationsIn(space: Space, test: string, suspect: string): Equation[] {
  const signs = signsOfTest(test).filter((s) => s.of.includes(suspect));
  const showing = [...space.members.keys()].filter((m) => {
    const member = space.members[m]!;
    return isPlain(member) && member.holds.includes(suspect) && signs.some((s) => showsSign(space.shows(m, test)[0]!, s));
  });
  const chosen = showing.find((m) => space.members[m]!.holds.some((ion) => PLAIN.includes(ion))) ?? showing[0];
  if (chosen === undefined) return [];
  const all = new World(space.sampleOf(chosen), space.scheme, rulesFor(space.scheme)).equations(test);
  const own = partsOf(suspect);
  return own.length
    ? all.filter((e) => [...e.left, ...e.right].some(([, id]) => partsOf(id).some((part) => own.includes(part))))
    : all;
}
