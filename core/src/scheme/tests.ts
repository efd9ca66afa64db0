/** The standard tests, found by id and laid on real tubes. */
import { type Op, placeFields, placesIn } from '../bench/ops';
import { ANION_TESTS } from './data/anions';
import { CATION_TESTS } from './data/cations';
import { DRY_TESTS } from './data/dry';
import { GROUP_TESTS } from './data/groups';
import { ORGANIC_TESTS } from './data/organic';
import { PLACE_NAMES, SCHOOL_NAMES, STATIONS } from './data/stations';
import type { DoStep, Pattern, Scheme, Sign, StandardTest, When } from './model';
import type { Observation } from '../vocabulary/observation';
import { answerTo, type HouseRules, schoolOf } from './rules';

export { PLACE_NAMES, SCHOOL_NAMES, STATIONS };
export const SALT_TESTS: readonly StandardTest[] = [...DRY_TESTS, ...ANION_TESTS, ...GROUP_TESTS, ...CATION_TESTS];
export const TESTS: readonly StandardTest[] = [...SALT_TESTS, ...ORGANIC_TESTS];
export const testById: ReadonlyMap<string, StandardTest> = new Map(TESTS.map((t) => [t.id, t]));

/** Under which a person writes who follows no standard test. */
export const FREE_WORK = 'free';

/** What a record says was done: a standard test by its title, free work, or an unknown test by the word it was written with. */
export const testTitle = (id: string): string => testById.get(id)?.title ?? (id === FREE_WORK ? 'Free work' : id);

/** The station of a test in a scheme, if it has one there. A plain station is that of all schools for salts. */
export const stationOf = (test: StandardTest, scheme: Scheme): string | undefined =>
  typeof test.station !== 'string' ? test.station[scheme] : scheme === 'organic' ? undefined : test.station;

/** The scheme in which a test has its place under these rules. */
export const schemeOf = (test: StandardTest, rules: HouseRules): Scheme =>
  stationOf(test, 'organic') === undefined ? schoolOf(rules) : 'organic';

const inOrder = new Map<Scheme, readonly StandardTest[]>();

/** A scheme's tests in the order of its path. */
export function testsOf(scheme: Scheme): readonly StandardTest[] {
  let tests = inOrder.get(scheme);
  if (!tests) {
    const order = Object.keys(STATIONS[scheme]);
    const at = (t: StandardTest) => order.indexOf(stationOf(t, scheme)!);
    tests = TESTS.filter((t) => stationOf(t, scheme) !== undefined).sort((a, b) => at(a) - at(b));
    inOrder.set(scheme, tests);
  }
  return tests;
}

/** Tubes that a test may start from, best first. */
export function startsOf(test: StandardTest, scheme: Scheme): string[] {
  const start = typeof test.start === 'string' ? test.start : test.start?.[scheme];
  return start?.split('|') ?? [];
}

/** Steps by the rules of a house and the test. */
const steps = new WeakMap<HouseRules, Map<StandardTest, readonly DoStep[]>>();

/** The steps as this house does them. */
export function stepsOf(test: StandardTest, rules: HouseRules): readonly DoStep[] {
  let known = steps.get(rules);
  if (!known) steps.set(rules, (known = new Map()));
  let of = known.get(test);
  if (!of) {
    of = test.steps.flatMap((s) => ('question' in s ? (s.of[answerTo(rules, s.question)] ?? []) : [s]));
    known.set(test, of);
  }
  return of;
}

export const isFresh = (place: string) => /^\d$/.test(place);

/** Shared tubes that a test works on, its start first. */
export function sharedPlaces(test: StandardTest, rules: HouseRules): string[] {
  return [...new Set(stepsOf(test, rules).flatMap((s) => placesIn(s.op)))].filter((p) => !isFresh(p) && p !== '@');
}

/** Puts real vessel names for the places of a procedure. */
export function onVessels(op: Op, names: Readonly<Record<string, string>>): Op {
  const out: Record<string, unknown> = { ...op };
  for (const field of placeFields(op)) {
    const place = out[field];
    if (typeof place === 'string' && names[place] !== undefined) out[field] = names[place];
  }
  return out as Op;
}

/** The next free tube letters on a bench. Letters that name a shared tube of a scheme are left to it. */
export function freeTubes(taken: Iterable<string>, count: number): string[] {
  const used = new Set(taken);
  const out: string[] = [];
  for (let i = 0; out.length < count; i++) {
    const letter = String.fromCharCode(65 + (i % 26)) + (i >= 26 ? String.fromCharCode(96 + Math.floor(i / 26)) : '');
    if (!(letter in PLACE_NAMES) && !used.has(letter)) out.push(letter);
  }
  return out;
}

const accepts = (wanted: unknown, given: unknown) => (Array.isArray(wanted) ? wanted.includes(given) : wanted === given);

/** Does an observation have every field of the pattern? */
export function fits(o: Observation, pattern: Pattern): boolean {
  return Object.entries(pattern).every(([field, wanted]) => accepts(wanted, o[field as keyof Observation]));
}

/** Was this solid gone in the end, or of another colour? */
const isPast = (o: Observation, later: readonly Observation[]) =>
  later.some(
    (p) =>
      p.channel === o.channel &&
      (p.event === 'colour-changed' || (p.event === 'dissolved' && (o.event === 'formed' || o.colour === p.colour))),
  );

/** Does what was seen make a test worth doing? */
export const calls = (seen: readonly Observation[], { shows, not = [], left }: When): boolean => {
  const isOneOf = (o: Observation, patterns: When['shows']) => [patterns].flat().some((pattern) => fits(o, pattern as Pattern));
  return seen.some((o, i) => !(left && isPast(o, seen.slice(i + 1))) && isOneOf(o, shows) && !isOneOf(o, not));
};

/** Do these observations show the sign? */
export function showsSign(seen: readonly Observation[], { see, not = [] }: Sign): boolean {
  return see.every((p) => seen.some((o) => fits(o, p))) && !not.some((p) => seen.some((o) => fits(o, p)));
}
