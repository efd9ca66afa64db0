/** The atlas: what every standard test shows on every single salt, run in the simulator. */
import type { Observation } from '../vocabulary/observation';
import type { SampleSpec } from '../bench/sample';
import { type Scheme, type School, SCHOOLS } from '../scheme/model';
import { DEFAULT_RULES, type HouseRules } from '../scheme/rules';
import { testsOf } from '../scheme/tests';
import { World } from '../scheme/world';
import { type Hypothesis, SINGLES } from './hypotheses';

/** Tests of one salt: by school (`''` for what all schools share), by test, the outcome. */
export type Leaf = Readonly<Record<School | '', Readonly<Record<string, readonly Observation[]>>>>;

export interface Cost {
  readonly minutes: number;
  readonly grams: number;
}

export interface Atlas {
  readonly version: string;
  /** Every different outcome once. */
  readonly outcomes: readonly (readonly Observation[])[];
  /** By school and test: the index of the outcome, salt by salt in the order of `SINGLES`. */
  readonly tests: Readonly<Record<School | '', Readonly<Record<string, readonly number[]>>>>;
  /** By test: minutes and grams of sample. */
  readonly costs: Readonly<Record<string, Cost>>;
}

export const rulesOfSchool = (school: School): HouseRules => ({ ...DEFAULT_RULES, answers: { 'cation-scheme': school } });
/** Default rules, by the school that a scheme is. */
export const rulesFor = (scheme: Scheme): HouseRules => (scheme === 'organic' ? DEFAULT_RULES : rulesOfSchool(scheme));
const isShared = (station: unknown) => typeof station === 'string';

/** Works one salt through everything. */
export function leafOf({ sample }: Hypothesis): Leaf {
  const leaf: Record<string, Record<string, readonly Observation[]>> = { '': {} };
  for (const school of SCHOOLS) {
    const world = new World(sample, school, rulesOfSchool(school));
    const own: Record<string, readonly Observation[]> = (leaf[school] = {});
    for (const t of testsOf(school)) {
      if (!isShared(t.station)) own[t.id] = world.result(t.id).see;
      else if (school === SCHOOLS[0]) leaf['']![t.id] = world.result(t.id).see;
    }
  }
  return leaf as Leaf;
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
  readonly list: (readonly Observation[])[] = [];
  private readonly places = new Map<string, number>();

  placeOf(seen: readonly Observation[]): number {
    const key = JSON.stringify(seen);
    let at = this.places.get(key);
    if (at === undefined) {
      this.places.set(key, (at = this.list.length));
      this.list.push(seen);
    }
    return at;
  }
}

/** Puts the leaves of all salts, in the order of `SINGLES`, together. */
export function bindAtlas(leaves: readonly Leaf[], version: string): Atlas {
  const outcomes = new DistinctOutcomes();
  const tests: Partial<Record<School | '', Record<string, number[]>>> = {};
  for (const school of ['', ...SCHOOLS] as const) {
    const ids = Object.keys(leaves[0]![school]);
    tests[school] = Object.fromEntries(ids.map((id) => [id, leaves.map((leaf) => outcomes.placeOf(leaf[school][id]!))]));
  }
  return { version, outcomes: outcomes.list, tests: tests as Record<School | '', Record<string, number[]>>, costs: costs() };
}

/** Which outcome a test of the school has, salt by salt in the order of `SINGLES`; undefined for an unknown test. */
export const rowIn = (atlas: Atlas, school: School, test: string): readonly number[] | undefined =>
  atlas.tests[school][test] ?? atlas.tests[''][test];

/** What a test of the school shows, salt by salt in the order of `SINGLES`; undefined for an unknown test. */
export const outcomesIn = (atlas: Atlas, school: School, test: string): readonly (readonly Observation[])[] | undefined =>
  rowIn(atlas, school, test)?.map((i) => atlas.outcomes[i]!);

export { SINGLES };
