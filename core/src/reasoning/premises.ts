/** Which tests can be done at all: allowed by the house, with what they start from at hand, and not done yet. */
import { restriction } from '../scheme/needs';
import type { HouseRules } from '../scheme/rules';
import type { StandardTest } from '../scheme/model';
import { startsOf, testById, testsOf } from '../scheme/tests';
import { ORIGINAL_SOLUTION } from '../scheme/data/stations';
import type { Space } from './space';

export interface Bounds {
  readonly rules: HouseRules;
  readonly simulated: boolean;
  /** Tests that were done already. */
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
  return [...done].some((id) => startsOf(testById.get(id)!, space.scheme).some((p) => places.includes(p)));
}

/** Is it worth doing only by what another test shows, of which none was done though one may be? */
export const lacksItsReason = (test: StandardTest, space: Space, bounds: Bounds): boolean => {
  const tests = (test.when?.tests ?? []).map((id) => testById.get(id)!).filter((t) => space.knows(t.id) && isAllowed(t, bounds));
  return tests.length > 0 && !test.when!.tests.some((id) => bounds.done.has(id));
};

/** The suspects that a test asks after, as one text. */
const askedAfter = ({ signs = [] }: StandardTest) => [...new Set(signs.flatMap((s) => s.of))].sort().join(' ');

/** Was it done, or another that asks the same? */
export const isAnswered = (id: string, done: ReadonlySet<string>): boolean =>
  done.has(id) ||
  (askedAfter(testById.get(id)!) !== '' &&
    [...done].some((other) => askedAfter(testById.get(other)!) === askedAfter(testById.get(id)!)));

export const isAllowed = (test: StandardTest, { rules, simulated, notAvailable, aside }: Bounds): boolean =>
  !aside?.has(test.id) && !restriction(test, rules, simulated) && !notAvailable?.some((id) => needs(test, id));

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
