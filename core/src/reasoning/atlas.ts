/** The atlas: what every standard test shows on every form of salt, run in the simulator under several circumstances. */
import type { Observation } from '../vocabulary/observation';
import type { SampleSpec } from '../bench/sample';
import { CIRCUMSTANCES } from '../scheme/data/circumstances';
import { type Scheme, type School, SCHOOLS, type StandardTest } from '../scheme/model';
import { answerTo, DEFAULT_RULES, type HouseRules, QUESTIONS } from '../scheme/rules';
import { testsOf } from '../scheme/tests';
import { World } from '../scheme/world';
import { type Form, FORMS, SINGLES } from './hypotheses';

/** By school (`''` for what all schools share) and test. */
type ByTest<T> = Readonly<Record<School | '', Readonly<Record<string, T>>>>;

/** What a form shows: in every test under each circumstance, and in tests that a house rule changes when it is chosen otherwise. */
export interface Leaf {
  readonly usual: ByTest<readonly (readonly Observation[])[]>;
  /** By `question=option`. */
  readonly otherwise: Readonly<Record<string, ByTest<readonly Observation[]>>>;
}

export interface Cost {
  readonly minutes: number;
  readonly grams: number;
}

export interface Atlas {
  readonly version: string;
  /** Every different outcome once. */
  readonly outcomes: readonly (readonly Observation[])[];
  /** The indices of the outcomes, circumstance by circumstance, form by form in the order of `FORMS`. */
  readonly tests: ByTest<readonly (readonly number[])[]>;
  /** By `question=option`: the index of the outcome, form by form. */
  readonly otherwise: Readonly<Record<string, ByTest<readonly number[]>>>;
  /** By test: minutes and grams of sample. */
  readonly costs: Readonly<Record<string, Cost>>;
}

export const rulesOfSchool = (school: School): HouseRules => ({ ...DEFAULT_RULES, answers: { 'cation-scheme': school } });
/** Default rules, by the school that a scheme is. */
export const rulesFor = (scheme: Scheme): HouseRules => (scheme === 'organic' ? DEFAULT_RULES : rulesOfSchool(scheme));
const isShared = (station: unknown) => typeof station === 'string';

const PLACES = ['', ...SCHOOLS] as const;
/** Tests of a school, or those that all share. */
const testsAt = (place: School | '') =>
  place === '' ? testsOf(SCHOOLS[0]).filter((t) => isShared(t.station)) : testsOf(place).filter((t) => !isShared(t.station));
const schoolAt = (place: School | ''): School => (place === '' ? SCHOOLS[0] : place);

/** Answers to the questions that change a test, other than the default; the scheme is not one of them. */
export const OTHER_ANSWERS: readonly { readonly question: string; readonly option: string }[] = QUESTIONS.flatMap(
  ({ id, options }) => (id === 'cation-scheme' ? [] : options.slice(1).map((o) => ({ question: id, option: o.id }))),
);
export const answerKey = (question: string, option: string): string => `${question}=${option}`;
/** Do the steps of a test hang on a question of the house rules? */
export const asks = (test: StandardTest, question: string) => test.steps.some((s) => 'question' in s && s.question === question);

const byPlace = <T>(of: (place: School | '') => Record<string, T>): ByTest<T> =>
  Object.fromEntries(PLACES.map((place) => [place, of(place)])) as unknown as ByTest<T>;

/** Works one form through everything. */
export function leafOf({ sample }: Form): Leaf {
  const usual = byPlace((place) => {
    const school = schoolAt(place);
    const worlds = CIRCUMSTANCES.map((c) => new World(sample, school, rulesOfSchool(school), c));
    return Object.fromEntries(testsAt(place).map((t) => [t.id, worlds.map((w) => w.result(t.id).see)]));
  });
  const otherwise = Object.fromEntries(
    OTHER_ANSWERS.map(({ question, option }) => [
      answerKey(question, option),
      byPlace((place) => {
        const school = schoolAt(place);
        const rules = rulesOfSchool(school);
        const world = new World(sample, school, { ...rules, answers: { ...rules.answers, [question]: option } });
        return Object.fromEntries(
          testsAt(place)
            .filter((t) => asks(t, question))
            .map((t) => [t.id, world.result(t.id).see]),
        );
      }),
    ]),
  );
  return { usual, otherwise };
}

/** Minutes and grams of each test of a scheme, on a plain sample. */
export function costsOf(spec: SampleSpec, scheme: Scheme, rules: HouseRules): Record<string, Cost> {
  const world = new World(spec, scheme, rules);
  return Object.fromEntries(
    testsOf(scheme).map((t) => {
      const { minutes, grams } = world.result(t.id);
      return [t.id, { minutes: Math.max(1, Math.round(minutes)), grams }];
    }),
  );
}

/** Dissolves in water, and every test can be done on it. */
const PLAIN: SampleSpec = { salts: [{ formula: 'NaNO3', grams: 3 }] };

const costs = (): Atlas['costs'] =>
  Object.assign({}, ...SCHOOLS.map((school) => costsOf(PLAIN, school, rulesOfSchool(school)))) as Atlas['costs'];

/** Every different outcome once, and the place of each. */
export class DistinctOutcomes {
  readonly list: (readonly Observation[])[];
  private places: Map<string, number> | undefined;

  /** @param first those that have a place already; the list is not changed. */
  constructor(first: readonly (readonly Observation[])[] = []) {
    this.list = [...first];
  }

  placeOf(seen: readonly Observation[]): number {
    this.places ??= new Map(this.list.map((known, place) => [JSON.stringify(known), place]));
    const key = JSON.stringify(seen);
    let at = this.places.get(key);
    if (at === undefined) {
      this.places.set(key, (at = this.list.length));
      this.list.push(seen);
    }
    return at;
  }
}

/** Puts the leaves of all forms, in the order of `FORMS`, together. */
export function bindAtlas(leaves: readonly Leaf[], version: string): Atlas {
  const outcomes = new DistinctOutcomes();
  const first = leaves[0]!;
  const tests = byPlace((place) =>
    Object.fromEntries(
      Object.keys(first.usual[place]).map((id) => [
        id,
        CIRCUMSTANCES.map((_, c) => leaves.map((leaf) => outcomes.placeOf(leaf.usual[place][id]![c]!))),
      ]),
    ),
  );
  const otherwise = Object.fromEntries(
    Object.keys(first.otherwise).map((key) => [
      key,
      byPlace((place) =>
        Object.fromEntries(
          Object.keys(first.otherwise[key]![place]).map((id) => [
            id,
            leaves.map((leaf) => outcomes.placeOf(leaf.otherwise[key]![place][id]!)),
          ]),
        ),
      ),
    ]),
  );
  return { version, outcomes: outcomes.list, tests, otherwise, costs: costs() };
}

/**
 * Which outcomes a test of the school has under these rules: circumstance by circumstance, form by form in the order of `FORMS`.
 * @returns undefined for an unknown test.
 */
export function rowsIn(
  atlas: Atlas,
  school: School,
  test: string,
  rules: HouseRules,
): readonly (readonly number[])[] | undefined {
  for (const { question, option } of OTHER_ANSWERS) {
    if (answerTo(rules, question) !== option) continue;
    const chosen = atlas.otherwise[answerKey(question, option)];
    const row = chosen?.[school][test] ?? chosen?.[''][test];
    if (row) return [row];
  }
  return atlas.tests[school][test] ?? atlas.tests[''][test];
}

export { FORMS, SINGLES };
