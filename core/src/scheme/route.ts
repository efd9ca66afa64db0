/** The school's path through a case: what is done, what is skipped and why, what is to come. */
import type { Observation } from '../vocabulary/observation';
import type { Scheme, StandardTest, When } from './model';
import { gramsOf, restriction, takenFrom } from './needs';
import { type HouseRules, schoolOf } from './rules';
import { EXTRACT_PLACE, ORIGINAL_SOLUTION } from './data/stations';
import { calls, fits, STATIONS, stationOf, testById, testsOf } from './tests';

/** What is needed of an entry of the ledger. */
export interface Written {
  readonly number: number;
  readonly test: string;
  readonly observed: readonly Observation[];
  readonly struck?: unknown;
}

export type Standing =
  | { readonly is: 'done'; readonly entry: number }
  | { readonly is: 'skipped'; readonly reason: string }
  | { readonly is: 'restricted'; readonly reason: string; readonly substitute?: string }
  | { readonly is: 'to-come' };

export interface Stop {
  readonly test: StandardTest;
  readonly standing: Standing;
}

export interface Station {
  readonly id: string;
  readonly name: string;
  readonly stops: readonly Stop[];
}

/** Does what was told make a test worth doing, where all that was left out was as it has to be? People leave out which paper it was. */
const mayCall = (told: readonly Observation[], when: When): boolean =>
  [when.shows].flat().some((pattern) => {
    const meant = Object.fromEntries(Object.entries(pattern).map(([field, words]) => [field, [words].flat()[0]]));
    const filled = told.map((o) => (o.channel === pattern.channel ? { ...meant, ...o } : o));
    return calls(filled as readonly Observation[], when);
  });

/** Stations with their tests, judged by the entries that stand. */
export function routeOf(
  entries: readonly Written[],
  rules: HouseRules,
  simulated: boolean,
  scheme: Scheme = schoolOf(rules),
): Station[] {
  const standing = entries.filter((e) => !e.struck);
  const tests = testsOf(scheme);
  const known = new Map<string, Standing>();

  const judge = (test: StandardTest): Standing => {
    const before = known.get(test.id);
    if (before) return before;
    const found = weigh(test);
    known.set(test.id, found);
    return found;
  };
  const weigh = (test: StandardTest): Standing => {
    const entry = standing.findLast((e) => e.test === test.id);
    if (entry) return { is: 'done', entry: entry.number };
    const barred = restriction(test, rules, simulated);
    if (barred) return { is: 'restricted', ...barred };
    const { when } = test;
    if (!when) return { is: 'to-come' };
    const asked = when.tests.map((id) => testById.get(id)!).filter((t) => stationOf(t, scheme) !== undefined);
    const written = standing.filter((e) => asked.some((t) => t.id === e.test));
    if (written.some((e) => mayCall(e.observed, when))) return { is: 'to-come' };
    const against = written.findLast((e) => !when.against || e.observed.some((o) => fits(o, when.against!)));
    if (against) return { is: 'skipped', reason: `${when.otherwise} (entry ${against.number})` };
    const shut = asked.length > 0 && asked.every((t) => ['skipped', 'restricted'].includes(judge(t).is));
    return shut ? { is: 'skipped', reason: when.otherwise } : { is: 'to-come' };
  };

  const stops = tests.map((test) => ({ test, standing: judge(test) }));
  return Object.entries(STATIONS[scheme]).map(([id, name]) => ({
    id,
    name,
    stops: stops.filter((s) => stationOf(s.test, scheme) === id),
  }));
}

/** Tests that the evidence makes not worth doing. */
export const setAside = (route: readonly Station[]): Set<string> =>
  new Set(
    route
      .flatMap((s) => s.stops)
      .filter((s) => s.standing.is === 'skipped')
      .map((s) => s.test.id),
  );

/** The first test to come. */
export const nextOn = (route: readonly Station[]): StandardTest | null =>
  route.flatMap((s) => s.stops).find((s) => s.standing.is === 'to-come' && !s.test.optional)?.test ?? null;

/** One portion of the original solution: grams of salt in mL of solvent. */
const SOLUTION = { grams: 0.4, mL: 12 };

/** Grams of the dry sample that the tests to come will take, the original solution they draw on included. */
export function stillNeeds(route: readonly Station[], rules: HouseRules, solutionML: number): number {
  const open = route.flatMap((s) => s.stops).filter((s) => s.standing.is === 'to-come' && !s.test.inTurn && !s.test.optional);
  const dry = open.reduce((sum, s) => sum + gramsOf(s.test, rules), 0);
  const school = schoolOf(rules);
  const drawn = open.reduce((sum, s) => {
    const start = typeof s.test.start === 'string' ? s.test.start : s.test.start?.[school];
    return sum + (start === ORIGINAL_SOLUTION ? (takenFrom(s.test, rules)['@'] ?? 0) : 0);
  }, 0);
  const portions = Math.ceil(Math.max(0, drawn - solutionML) / SOLUTION.mL);
  return dry + portions * SOLUTION.grams;
}

/** mL of the sodium extract that the tests to come will take. */
export function extractNeeded(route: readonly Station[], rules: HouseRules): number {
  const open = route.flatMap((s) => s.stops).filter((s) => s.standing.is === 'to-come' && s.test.start === EXTRACT_PLACE);
  return open.reduce((sum, s) => sum + (takenFrom(s.test, rules)[EXTRACT_PLACE] ?? 0), 0);
}
