/** Which tests can be done at all: allowed by the house, with what they start from at hand, and not done yet. */
import { isTest, testOf } from '../scheme/procedure';
import { restriction } from '../scheme/needs';
import type { HouseRules } from '../scheme/rules';
import type { StandardTest } from '../scheme/model';
import { routeOf, setAside, type Station, type Written } from '../scheme/route';
import { startsOf, testsOf } from '../scheme/tests';
import { ORIGINAL_SOLUTION } from '../scheme/data/stations';
import type { Inference } from './infer';
import { isElement } from './kinds';
import type { Space } from './space';

export interface Bounds {
  readonly rules: HouseRules;
  readonly simulated: boolean;
  /** Standard tests that were done already. */
  readonly done: ReadonlySet<string>;
  readonly notAvailable?: readonly string[];
  /** Tests that the evidence sets aside. */
  readonly aside?: ReadonlySet<string>;
}

/** Places from which any test may start: each is made when it is wanted. */
const ALWAYS_THERE: ReadonlySet<string> = new Set([ORIGINAL_SOLUTION]);

const onCharcoal = (test: StandardTest, then: boolean) =>
  test.steps.some((s) => 'op' in s && s.op.op === 'charcoal' && (s.op.then !== undefined) === then);

/** Tests of which one has to be done before this one. */
export function makersOf(test: StandardTest, space: Space): StandardTest[] {
  const others = testsOf(space.scheme).filter((t) => t.id !== test.id);
  if (onCharcoal(test, true)) return others.filter((t) => onCharcoal(t, false));
  const places = startsOf(test, space.scheme);
  if (!places.length || places.some((p) => ALWAYS_THERE.has(p))) return [];
  return others.filter((t) => t.makes?.some((p) => places.includes(p)));
}

/** Is there what the test is done on? It was there, too, if another test was done on it. */
export function hasItsStart(test: StandardTest, space: Space, done: ReadonlySet<string>): boolean {
  const makers = makersOf(test, space);
  if (!makers.length || makers.some((t) => done.has(t.id))) return true;
  const places = startsOf(test, space.scheme);
  return [...done].some((id) => startsOf(testOf(id)!, space.scheme).some((p) => places.includes(p)));
}

/** Is it worth doing only by what another test shows, of which none was done though one may be? */
export const lacksItsReason = (test: StandardTest, space: Space, bounds: Bounds): boolean => {
  const tests = (test.when?.tests ?? []).map((id) => testOf(id)!).filter((t) => space.knows(t.id) && isAllowed(t, bounds));
  return tests.length > 0 && !test.when!.tests.some((id) => bounds.done.has(id));
};

export const suspectsOf = ({ signs = [] }: StandardTest): ReadonlySet<string> => new Set(signs.flatMap((s) => s.of));

/** The suspects that a test asks after, as one text. */
const askedAfter = (test: StandardTest) => [...suspectsOf(test)].sort().join(' ');

/** From here on it would be wrong to leave a test out because one entry says so. */
const LIKELY_ALL_THE_SAME = 0.2;

/**
 * Tests that an entry sets aside, but for those of which the evidence as a whole says otherwise: that the sample holds what the entry
 * did not show, as where nitrogen did not show in the extract and a base did. What an entry did not make cannot be tested all the same.
 */
export function asideBy(space: Space, route: readonly Station[], suspects: Inference['suspects']): Set<string> {
  const likely = new Set(suspects.flatMap((s) => (Math.max(s.probability, s.unnamed) >= LIKELY_ALL_THE_SAME ? [s.id] : [])));
  const isOpen = (test: StandardTest) => {
    if (makersOf(test, space).length) return false;
    const own = suspectsOf(test);
    const askedBefore = (test.when?.tests ?? []).flatMap((id) => [...suspectsOf(testOf(id)!)]);
    return own.size > 0 && askedBefore.some((id) => likely.has(id) && (own.has(id) || isElement(id)));
  };
  return new Set([...setAside(route)].filter((id) => !isOpen(testOf(id)!)));
}

/** Was it done, or another that asks the same? */
export const isAnswered = (id: string, done: ReadonlySet<string>): boolean =>
  done.has(id) ||
  (askedAfter(testOf(id)!) !== '' && [...done].some((other) => askedAfter(testOf(other)!) === askedAfter(testOf(id)!)));

export const isAllowed = (test: StandardTest, { rules, simulated, notAvailable, aside }: Bounds): boolean =>
  !aside?.has(test.id) && !restriction(test, rules, simulated) && !notAvailable?.some((id) => needs(test, id));

/** The standard tests that a record names; entries of free work, or of a test that is not known here, name none. */
export const testsDone = (entries: readonly Written[]): ReadonlySet<string> =>
  new Set(entries.flatMap((e) => (isTest(e.test) ? [e.test] : [])));

/** Within what bounds advice on a record is given, once it has been read. */
export function boundsOf(
  space: Space,
  entries: readonly Written[],
  { suspects }: Pick<Inference, 'suspects'>,
  more: Pick<Bounds, 'rules' | 'simulated' | 'notAvailable'>,
): Bounds {
  const route = routeOf(entries, more.rules, more.simulated, space.scheme);
  return { ...more, done: testsDone(entries), aside: asideBy(space, route, suspects) };
}

/** Tests that are still to be done, may be done and can be done. */
export const open = (space: Space, bounds: Bounds): StandardTest[] =>
  testsOf(space.scheme).filter(
    (test) =>
      !bounds.done.has(test.id) &&
      space.knows(test.id) &&
      test.watch.length > 0 &&
      !test.after?.some((id) => !isAnswered(id, bounds.done) && !bounds.aside?.has(id)) &&
      isAllowed(test, bounds),
  );

function needs(test: { readonly steps: readonly unknown[]; readonly id: string }, id: string): boolean {
  return test.id === id || JSON.stringify(test.steps).includes(`"${id}"`);
}
