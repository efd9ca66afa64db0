/** What an organic compound may be: the library and a person's own list, and beside them something else. */
import { GROUPS, TESTED_ELEMENTS } from '../organic/data/features';
import { LIBRARY } from '../organic/library';
import { holdingsOf } from '../organic/structure';
import { answerTo, DEFAULT_RULES, type HouseRules } from '../scheme/rules';
import { testById, testsOf } from '../scheme/tests';
import type { SampleSpec } from '../bench/sample';
import type { Observation } from '../vocabulary/observation';
import { answerKey, asks, OTHER_ANSWERS } from './atlas';
import { type CompoundAtlas, type CompoundLeaf, GRAMS, type Possible } from './compound-atlas';
import { probabilityOf } from './observer';
import { type Member, meanOver, type Outcomes, type Reading, type Space } from './space';

const SUSPECTS: readonly string[] = [...TESTED_ELEMENTS, 'carbohydrate', ...Object.keys(GROUPS)];
export const isElement = (suspect: string): boolean => (TESTED_ELEMENTS as readonly string[]).includes(suspect);

const ROWS = 400;
/** What a sample is before anything is known of it: listed, like one that is listed, or like none. */
const SHARES = { listed: 0.85, like: 0.12, unlike: 0.03 };
/** What is like a listed compound differs from it in so many tests. */
const DIFFERS = 0.08;

interface CompoundMember extends Member {
  /** The listed compound that it is, or is like; none for what is like none. */
  readonly as?: number;
  readonly listed: boolean;
}

/** Does a test tell one compound from the next rather than its groups? */
const tellsIdentity = (test: string): boolean => testById.get(test)!.closes === true || IDENTITY_STATIONS.has(stationIn(test));
const IDENTITY_STATIONS: ReadonlySet<string | undefined> = new Set(['points', 'derivatives']);
function stationIn(test: string): string | undefined {
  const { station } = testById.get(test)!;
  return typeof station === 'string' ? station : station.organic;
}

export class CompoundSpace implements Space {
  readonly scheme = 'organic';
  readonly suspects = SUSPECTS;
  readonly members: readonly CompoundMember[];
  readonly lnPrior: Float64Array;
  private readonly readings = new Map<string, Reading>();
  /** By test, the answer of the house rules that changes it. */
  private readonly chosen: ReadonlyMap<string, string>;

  /** @param own compounds beyond the library, with what each test shows of them. */
  constructor(
    readonly atlas: CompoundAtlas,
    private readonly own: readonly { readonly of: Possible; readonly leaf: CompoundLeaf }[] = [],
    rules: HouseRules = DEFAULT_RULES,
  ) {
    this.chosen = new Map(
      OTHER_ANSWERS.filter(({ question, option }) => answerTo(rules, question) === option).flatMap(({ question, option }) =>
        testsOf('organic').flatMap((t) => (asks(t, question) ? [[t.id, answerKey(question, option)] as const] : [])),
      ),
    );
    const known = [
      ...LIBRARY.map(({ name }, i) => ({ name, holds: atlas.compounds[i]!.holds })),
      ...own.map(({ of }) => ({ name: of.name, holds: holdingsOf(of.smiles) })),
    ];
    this.members = [
      ...known.map(({ name, holds }, as) => ({ name, holds, as, listed: true, composed: false })),
      ...known.map(({ holds }, as) => ({ holds, as, listed: false, composed: false })),
      { holds: [], listed: false, composed: false },
    ];
    this.lnPrior = Float64Array.from(this.members, ({ as, listed }) =>
      Math.log(as === undefined ? SHARES.unlike : (listed ? SHARES.listed : SHARES.like) / known.length),
    );
  }

  get costs(): CompoundAtlas['costs'] {
    return this.atlas.costs;
  }

  knows(test: string): boolean {
    return test in this.atlas.tests;
  }

  called(m: number): string {
    return this.members[m]!.name ?? 'something else';
  }

  sampleOf(m: number): SampleSpec {
    const as = this.members[m]!.as ?? 0;
    const { smiles } = as < LIBRARY.length ? LIBRARY[as]! : this.own[as - LIBRARY.length]!.of;
    return { smiles, grams: GRAMS };
  }

  shows(m: number, test: string): Outcomes {
    return [this.outline(m, test)];
  }

  outline(m: number, test: string): readonly Observation[] {
    const { as } = this.members[m]!;
    if (as === undefined) return [];
    const own = this.own[as - LIBRARY.length]?.leaf;
    const key = this.chosen.get(test);
    if (own) return own.otherwise[key!]?.[test] ?? own.usual[test]!;
    return this.atlas.outcomes[(this.atlas.otherwise[key!]?.[test] ?? this.atlas.tests[test]!)[as]!]!;
  }

  twins(): readonly number[] {
    return [];
  }

  read(test: string, recorded: readonly Observation[]): Reading {
    const key = `${test} ${JSON.stringify(recorded)}`;
    const before = this.readings.get(key);
    if (before) return before;
    const reading = this.weigh(test, recorded);
    this.readings.set(key, reading);
    if (this.readings.size > ROWS) this.readings.delete(this.readings.keys().next().value!);
    return reading;
  }

  private weigh(test: string, recorded: readonly Observation[]): Reading {
    const standard = testById.get(test)!;
    const known = new Map<readonly Observation[], number>();
    const p = Float64Array.from(this.members, ({ as }, m) => {
      if (as === undefined) return 0;
      const shows = this.outline(m, test);
      let value = known.get(shows);
      if (value === undefined) known.set(shows, (value = probabilityOf(standard, recorded, shows)));
      return value;
    });
    const anyhow = meanOver(this, p);
    const differs = tellsIdentity(test) ? 1 : DIFFERS;
    this.members.forEach(({ as, listed }, m) => {
      if (as === undefined) p[m] = anyhow;
      else if (!listed) p[m] = (1 - differs) * p[m]! + differs * anyhow;
    });
    return { p, anyhow };
  }

  /**
   * Probability of each element and group, each judged apart from the others by what every test shows of those that hold it and those
   * that do not: for a sample that is like none of those known. In the order of `suspects`.
   */
  apart(evidence: Parameters<NonNullable<Space['apart']>>[0]): number[] {
    const groups = evidence.filter((e) => !tellsIdentity(e.entry.test));
    return this.suspects.map((suspect) => {
      const holds = this.members.map((m) => m.listed && m.holds.includes(suspect));
      const listed = this.members.filter((m) => m.listed).length;
      const share = holds.filter(Boolean).length / listed;
      if (!share) return 0;
      const lnOdds = groups.reduce(
        (sum, { ln }) => {
          const mean = (with_: boolean) => {
            let total = 0;
            let count = 0;
            for (let m = 0; m < listed; m++)
              if (holds[m] === with_) {
                total += Math.exp(ln[m]!);
                count++;
              }
            return total / count;
          };
          return sum + Math.log(mean(true)) - Math.log(mean(false));
        },
        Math.log(share / (1 - share)),
      );
      return 1 / (1 + Math.exp(-lnOdds));
    });
  }
}

/** Is it likelier something else than any compound that is known? */
export const isBeyond = (space: CompoundSpace, weights: Float64Array): boolean =>
  space.members.reduce((sum, { listed }, m) => (listed ? sum : sum + weights[m]!), 0) > 0.5;
