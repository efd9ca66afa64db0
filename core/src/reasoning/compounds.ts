/** What an organic compound may be: the library and a person's own list, and beside them something else. */
import { GROUPS, TESTED_ELEMENTS } from '../organic/data/features';
import { LIBRARY } from '../organic/library';
import { holdingsOf } from '../organic/structure';
import { answerTo, DEFAULT_RULES, type HouseRules } from '../scheme/rules';
import { testById, testsOf } from '../scheme/tests';
import type { SampleSpec } from '../bench/sample';
import type { Observation } from '../vocabulary/observation';
import { GIVEN_OFTENER, GIVEN_SELDOM, OFTEN_GIVEN } from './data/priors';
import { answerKey, asks, OTHER_ANSWERS } from './atlas';
import { type CompoundAtlas, type CompoundLeaf, GRAMS, type Possible } from './compound-atlas';
import { blankOf } from './blank';
import { probabilityOf } from './observer';
import type { Member } from './member';
import { Nearest } from './nearest';
import { meanOver, type Outcomes, type Reading, type Space } from './space';
import { unlistedBeside } from './unlisted';

const SUSPECTS: readonly string[] = [...TESTED_ELEMENTS, 'carbohydrate', ...Object.keys(GROUPS)];

const ROWS = 400;
/** What a sample is before anything is known of it: so often it is none of those listed. By judgement. */
const NOT_LISTED = 0.2;
/** What is not listed may show in so many tests what nothing listed of its groups does. By judgement. */
const DIFFERS = 0.05;

interface CompoundMember extends Member {
  /** Place of the listed compound that it is. */
  readonly as?: number;
}

/** A point or another number of the compound itself: of its groups it tells nothing, and that it is a liquid only once more. */
const isPoint = (test: string): boolean => stationIn(test) === 'points';
function stationIn(test: string): string | undefined {
  const { station } = testById.get(test)!;
  return typeof station === 'string' ? station : station.organic;
}

export class CompoundSpace implements Space {
  readonly scheme = 'organic';
  readonly suspects = SUSPECTS;
  readonly members: readonly CompoundMember[];
  readonly lnPrior: Float64Array;
  private readonly listed: number;
  private readonly nearest: Nearest;
  private readonly readings = new Map<string, Reading>();
  private readonly rows = new Map<string, (readonly Observation[])[]>();
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
    const unlisted = unlistedBeside(known.map(({ holds }) => holds));
    this.listed = known.length;
    this.nearest = new Nearest(
      known.map(({ holds }) => holds),
      unlisted.map(({ holds }) => holds),
    );
    this.members = [
      ...known.map(({ name, holds }, as) => ({ name, holds, as, composed: false })),
      ...unlisted.map(({ holds }) => ({ holds, unlisted: true, composed: false })),
    ];
    // One's own list is what one gives out.
    const weights = known.map(({ name }, as) => {
      if (as >= LIBRARY.length || OFTEN_GIVEN.has(name)) return GIVEN_OFTENER;
      return LIBRARY[as]!.usual ? 1 : GIVEN_SELDOM;
    });
    const sum = weights.reduce((a, b) => a + b, 0);
    this.lnPrior = Float64Array.from([
      ...weights.map((w) => Math.log(((1 - NOT_LISTED) * w) / sum)),
      ...unlisted.map(({ share }) => Math.log(NOT_LISTED * share)),
    ]);
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

  /** @throws Error for what is not listed: of that no structure is known. */
  sampleOf(m: number): SampleSpec {
    const { as } = this.members[m]!;
    if (as === undefined) throw new Error('a compound that is not listed has no structure');
    const { smiles } = as < LIBRARY.length ? LIBRARY[as]! : this.own[as - LIBRARY.length]!.of;
    return { smiles, grams: GRAMS };
  }

  shows(m: number, test: string): Outcomes {
    return [this.outline(m, test)];
  }

  outline(m: number, test: string): readonly Observation[] {
    const row = this.row(test);
    return (row[m] ??= this.nearest.typical(m - this.listed, test, row.slice(0, this.listed)));
  }

  /** What a test shows of every member; of those that are not listed as far as it was asked for. */
  private row(test: string): (readonly Observation[])[] {
    let row = this.rows.get(test);
    if (!row) {
      const key = this.chosen.get(test);
      const places = this.atlas.otherwise[key!]?.[test] ?? this.atlas.tests[test]!;
      const own = this.own.map(({ leaf }) => leaf.otherwise[key!]?.[test] ?? leaf.usual[test]!);
      this.rows.set(test, (row = [...places.map((at) => this.atlas.outcomes[at]!), ...own]));
    }
    return row;
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
    const blank = blankOf(this, test);
    const known = new Map<readonly Observation[], number>();
    const listed = Float64Array.from({ length: this.listed }, (_, m) => {
      const shows = this.outline(m, test);
      let value = known.get(shows);
      if (value === undefined) known.set(shows, (value = probabilityOf(standard, recorded, shows, { blank })));
      return value;
    });
    const anyhow = meanOver(this, listed);
    const p = new Float64Array(this.members.length);
    p.set(listed);
    if (isPoint(test)) p.fill(anyhow, this.listed);
    else
      p.set(
        this.nearest.means(test, listed).map((mean) => (1 - DIFFERS) * mean + DIFFERS * anyhow),
        this.listed,
      );
    return { p, anyhow };
  }
}

/** Is it likelier something else than any compound that is known? */
export const isBeyond = (space: CompoundSpace, weights: Float64Array): boolean =>
  space.members.reduce((sum, { unlisted }, m) => (unlisted ? sum + weights[m]! : sum), 0) > 0.5;
