/** Where a test lies on the school's path, and what has been come by on the way. */
import { ORIGINAL_SOLUTION } from '../scheme/data/stations';
import type { StandardTest } from '../scheme/model';
import { startsOf, STATIONS, stationOf, testsOf } from '../scheme/tests';
import { type Bounds, isAllowed } from './premises';
import type { Space } from './space';

/** Further ahead than so many stations is no further. */
const FAR = 3;

export const isLook = (test: StandardTest, space: Space): boolean => stationOf(test, space.scheme) === 'look';

/** Stations along the school's path that lie between the furthest at which a test was done and this test's, `FAR` at most. */
export function stationsAhead(test: StandardTest, space: Space, { done }: Bounds): number {
  const path = Object.keys(STATIONS[space.scheme]);
  const at = (t: StandardTest) => path.indexOf(stationOf(t, space.scheme)!);
  const reached = testsOf(space.scheme).reduce((far, t) => (done.has(t.id) ? Math.max(far, at(t)) : far), 0);
  return Math.min(FAR, Math.max(0, at(test) - reached));
}

/** The mildest solvent that is still to be tried; none where one took the sample, or work on a solution was written down. */
export function solventToTry(space: Space, bounds: Bounds): StandardTest | undefined {
  const tests = testsOf(space.scheme);
  if (tests.some((t) => bounds.done.has(t.id) && isInSolution(t, space))) return undefined;
  return tests.find((t) => t.makes?.includes(ORIGINAL_SOLUTION) && !bounds.done.has(t.id) && isAllowed(t, bounds));
}

export const isInSolution = (test: StandardTest, space: Space): boolean =>
  startsOf(test, space.scheme).includes(ORIGINAL_SOLUTION);
