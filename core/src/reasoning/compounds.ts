/** What an organic compound may be: the library, with what every test shows of each compound. */
import { GROUPS, TESTED_ELEMENTS } from '../organic/data/features';
import { LIBRARY } from '../organic/library';
import { holdingsOf, structureOf } from '../organic/structure';
import { DEFAULT_RULES } from '../scheme/rules';
import { testById, testsOf } from '../scheme/tests';
import { World } from '../scheme/world';
import type { Observation } from '../vocabulary/observation';
import { type Cost, costsOf, DistinctOutcomes } from './atlas';
import type { RecordEntry } from './entries';
import type { Inference } from './infer';
import type { SampleSpec } from '../bench/sample';
import { read } from './likelihood';
import type { Member, Space } from './space';

/** By test, what it shows of one compound. */
export type CompoundLeaf = Readonly<Record<string, readonly Observation[]>>;

export interface CompoundAtlas {
  readonly version: string;
  readonly outcomes: readonly (readonly Observation[])[];
  /** By test: the index of the outcome, compound by compound in the order of the library. */
  readonly tests: Readonly<Record<string, readonly number[]>>;
  readonly costs: Readonly<Record<string, Cost>>;
  /** Formula and holdings of each compound of the library, in its order. */
  readonly compounds: readonly { readonly formula: string; readonly holds: readonly string[] }[];
}

const GRAMS = 3;

/** A compound that may be the sample: of the library, or of a person's own list with temperatures in °C. */
export interface Possible {
  readonly name: string;
  readonly smiles: string;
  readonly melts?: number;
  readonly boils?: number;
}

/** What the test that reads a temperature shows of one that is known. */
const readIn = (event: 'melts' | 'boils', celsius: number): CompoundLeaf => ({
  [testsOf('organic').find((t) => t.reads === event)!.id]: [{ channel: 'temperature', event, celsius: celsius - 1, to: celsius }],
});

/** Works one compound through every test; temperatures that are given stand for those of the model. */
export function compoundLeaf({ smiles, melts, boils }: Omit<Possible, 'name'>): CompoundLeaf {
  const world = new World({ smiles, grams: GRAMS }, 'organic', DEFAULT_RULES);
  return {
    ...Object.fromEntries(testsOf('organic').map((t) => [t.id, world.result(t.id).see])),
    ...(melts !== undefined && readIn('melts', melts)),
    ...(boils !== undefined && readIn('boils', boils)),
  };
}

/** Can be fused and put to every test. */
const PLAIN = { smiles: 'CC(=O)Nc1ccc(Br)cc1', grams: GRAMS };

/** Puts the leaves of all compounds, in the order of the library, together. */
export function bindCompounds(leaves: readonly CompoundLeaf[], version: string): CompoundAtlas {
  const outcomes = new DistinctOutcomes();
  const tests = Object.fromEntries(Object.keys(leaves[0]!).map((id) => [id, leaves.map((leaf) => outcomes.placeOf(leaf[id]!))]));
  const compounds = LIBRARY.map(({ smiles }) => ({ formula: structureOf(smiles).formula, holds: holdingsOf(smiles) }));
  return { version, outcomes: outcomes.list, tests, costs: costsOf(PLAIN, 'organic', DEFAULT_RULES), compounds };
}

const SUSPECTS: readonly string[] = [...TESTED_ELEMENTS, 'carbohydrate', ...Object.keys(GROUPS)];
export const isElement = (suspect: string): boolean => (TESTED_ELEMENTS as readonly string[]).includes(suspect);

const ROWS = 400;

export class CompoundSpace implements Space {
  readonly scheme = 'organic';
  readonly suspects = SUSPECTS;
  readonly members: readonly Member[];
  readonly lnPrior: Float64Array;
  private readonly rows = new Map<string, Float64Array>();

  /** @param own compounds beyond the library, with what each test shows of them. */
  constructor(
    readonly atlas: CompoundAtlas,
    private readonly own: readonly { readonly of: Possible; readonly leaf: CompoundLeaf }[] = [],
  ) {
    this.members = [
      ...LIBRARY.map(({ name }, i) => ({ holds: atlas.compounds[i]!.holds, name, composed: false })),
      ...own.map(({ of }) => ({ holds: holdingsOf(of.smiles), name: of.name, composed: false })),
    ];
    this.lnPrior = new Float64Array(this.members.length).fill(-Math.log(this.members.length));
  }

  get costs(): CompoundAtlas['costs'] {
    return this.atlas.costs;
  }

  knows(test: string): boolean {
    return test in this.atlas.tests;
  }

  called(m: number): string {
    return this.members[m]!.name!;
  }

  sampleOf(m: number): SampleSpec {
    const { smiles } = m < LIBRARY.length ? LIBRARY[m]! : this.own[m - LIBRARY.length]!.of;
    return { smiles, grams: GRAMS };
  }

  exact(m: number, test: string): readonly Observation[] {
    return m < LIBRARY.length ? this.atlas.outcomes[this.atlas.tests[test]![m]!]! : this.own[m - LIBRARY.length]!.leaf[test]!;
  }

  outline(m: number, test: string): readonly Observation[] {
    return this.exact(m, test);
  }

  twins(): readonly number[] {
    return [];
  }

  likelihoods(test: string, recorded: readonly Observation[]): Float64Array {
    const key = `${test} ${JSON.stringify(recorded)}`;
    const before = this.rows.get(key);
    if (before) return before;
    const known = new Map<readonly Observation[], number>();
    const row = Float64Array.from(this.members, (_, m) => {
      const shows = this.exact(m, test);
      let ln = known.get(shows);
      if (ln === undefined) known.set(shows, (ln = read(recorded, shows)));
      return ln;
    });
    this.rows.set(key, row);
    if (this.rows.size > ROWS) this.rows.delete(this.rows.keys().next().value!);
    return row;
  }
}

/** More of the entries than this unexplained, and the compound is none of those that are known. */
const UNEXPLAINED = 0.1;
const ENOUGH_ENTRIES = 5;

/** Does even the likeliest compound leave its melting or boiling point, or too much of the record, unexplained? */
export function isBeyond({ candidates }: Inference, record: readonly RecordEntry[]): boolean {
  const against = candidates[0]?.against ?? [];
  if (record.length < ENOUGH_ENTRIES) return false;
  const closing = record.some((e) => against.includes(e.number) && testById.get(e.test)?.closes);
  return closing || against.length > Math.max(1, record.length * UNEXPLAINED);
}

const meanExp = (values: readonly number[]) => {
  const most = Math.max(...values);
  return most + Math.log(values.reduce((sum, v) => sum + Math.exp(v - most), 0) / values.length);
};

/**
 * Probability of each element and group, each judged apart from the others and from what compounds there are: for a sample
 * that is none of those known. In the order of `suspects`.
 */
export function judgedApart(space: CompoundSpace, record: readonly RecordEntry[]): number[] {
  const entries = record.filter((e) => space.knows(e.test) && e.observed.length);
  return space.suspects.map((suspect) => {
    const holds = space.members.map((m) => m.holds.includes(suspect));
    const share = holds.filter(Boolean).length / holds.length;
    if (!share) return 0;
    const lnOdds = entries.reduce(
      (sum, e) => {
        const row = space.likelihoods(e.test, e.observed);
        return sum + meanExp([...row].filter((_, m) => holds[m])) - meanExp([...row].filter((_, m) => !holds[m]));
      },
      Math.log(share / (1 - share)),
    );
    return 1 / (1 + Math.exp(-lnOdds));
  });
}
