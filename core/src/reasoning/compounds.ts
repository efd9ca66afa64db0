/** What an organic compound may be: the library and a person's own list, and beside them something else. */
import { GROUPS, TESTED_ELEMENTS } from '../organic/data/features';
import { LIBRARY } from '../organic/library';
import { holdingsOf } from '../organic/structure';
import { answerTo, DEFAULT_RULES, type HouseRules } from '../scheme/rules';
import { testById, testsOf } from '../scheme/tests';
import type { SampleSpec } from '../bench/sample';
import type { Observation } from '../vocabulary/observation';
import { GIVEN_OFTENER, OFTEN_GIVEN } from './data/priors';
import { answerKey, asks, OTHER_ANSWERS } from './atlas';
import { type CompoundAtlas, type CompoundLeaf, GRAMS, type Possible } from './compound-atlas';
import { probabilityOf } from './observer';
import type { Member } from './member';
import { type Apart, meanOver, type Outcomes, type Reading, type Space, type Told } from './space';

const SUSPECTS: readonly string[] = [...TESTED_ELEMENTS, 'carbohydrate', ...Object.keys(GROUPS)];
export const isElement = (suspect: string): boolean => (TESTED_ELEMENTS as readonly string[]).includes(suspect);

const ROWS = 400;
/** What a sample is before anything is known of it: listed, like one that is listed, or like none. */
const SHARES = { listed: 0.8, like: 0.1, unlike: 0.1 };
/** What is like a listed compound differs from it in so many tests of its groups, and of what tells one from the next. */
const DIFFERS = { groups: 0.08, identity: 0.5 };

interface CompoundMember extends Member {
  /** The listed compound that it is, or is like; none for what is like none. */
  readonly as?: number;
  readonly listed: boolean;
}

const HALOGENS: ReadonlySet<string> = new Set(['Cl', 'Br', 'I']);
const HALIDES: ReadonlySet<string> = new Set(['alkyl-halide', 'aryl-halide', 'acid-halide']);

/** What elements a compound may have together, of the halogens at most two. */
const COMBINATIONS: readonly (readonly string[])[] = TESTED_ELEMENTS.reduce<string[][]>(
  (all, element) => all.flatMap((of) => [of, [...of, element]]),
  [[]],
).filter((of) => of.filter((id) => HALOGENS.has(id)).length <= 2);

const ELEMENT_STATIONS: ReadonlySet<string | undefined> = new Set(['fusion', 'elements']);
const asksForElements = (test: string): boolean =>
  ELEMENT_STATIONS.has(stationIn(test)) || testById.get(test)!.signs?.every((sign) => sign.of.every(isElement)) === true;

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
    // One's own list is what one gives out.
    const weights = known.map(({ name }, as) => (as >= LIBRARY.length || OFTEN_GIVEN.has(name) ? GIVEN_OFTENER : 1));
    const sum = weights.reduce((a, b) => a + b, 0);
    this.lnPrior = Float64Array.from(this.members, ({ as, listed }) =>
      Math.log(as === undefined ? SHARES.unlike : listed ? (SHARES.listed * weights[as]!) / sum : SHARES.like / known.length),
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
    const differs = tellsIdentity(test) ? DIFFERS.identity : DIFFERS.groups;
    this.members.forEach(({ as, listed }, m) => {
      if (as === undefined) p[m] = anyhow;
      else if (!listed) p[m] = (1 - differs) * p[m]! + differs * anyhow;
    });
    return { p, anyhow };
  }

  /**
   * A sample that has any elements together, each test of them showing what it shows of listed compounds with those that it asks
   * for, and that is like one listed compound in its groups: each the likelier the better it explains the tests that ask for it.
   */
  apart(evidence: readonly Told[]): Apart {
    const listed = this.members.flatMap((m, k) => (m.listed ? [k] : []));
    const holdings = listed.map((m) => this.members[m]!.holds);
    const frequency = (element: string) => holdings.filter((of) => of.includes(element)).length / listed.length;
    const ofElements = evidence.filter((e) => asksForElements(e.entry.test)).map((e) => this.byElements(e, listed));
    const elements = likest(
      COMBINATIONS.map(
        (of) =>
          TESTED_ELEMENTS.reduce((sum, id) => sum + Math.log(of.includes(id) ? frequency(id) : 1 - frequency(id)), 0) +
          ofElements.reduce((sum, ln) => sum + ln(of), 0),
      ),
    );
    const ofGroups = evidence.filter((e) => !asksForElements(e.entry.test) && !tellsIdentity(e.entry.test));
    const groups = likest(listed.map((m) => ofGroups.reduce((sum, e) => sum + e.ln[m]!, -Math.log(listed.length))));
    const identity = evidence.reduce((sum, e) => (tellsIdentity(e.entry.test) ? sum + Math.log(e.anyhow) : sum), 0);
    const share = (weights: readonly number[], of: readonly (readonly string[])[], is: (of: readonly string[]) => boolean) =>
      weights.reduce((sum, w, k) => (is(of[k]!) ? sum + w : sum), 0);
    const some = share(elements.weights, COMBINATIONS, (of) => of.some((id) => HALOGENS.has(id)));
    const among = share(groups.weights, holdings, (of) => of.some((id) => HALIDES.has(id)));
    const probabilities = this.suspects.map((id) => {
      if (isElement(id)) return share(elements.weights, COMBINATIONS, (of) => of.includes(id));
      const alike = share(groups.weights, holdings, (of) => of.includes(id));
      // Where a halogen stands is told by the halogen compounds among those of like groups.
      return !HALIDES.has(id) ? alike : among > 0 ? (some * alike) / among : 0;
    });
    return { ln: elements.ln + groups.ln + identity, probabilities };
  }

  /**
   * The log-likelihood of an entry of an element test by the elements that a sample has: the mean over the listed compounds with the
   * same of those that the test asks for, and of the others as many as can be had.
   */
  private byElements({ entry, ln }: Told, listed: readonly number[]): (elements: readonly string[]) => number {
    const asked = maskOf(testById.get(entry.test)!.signs?.flatMap((s) => s.of) ?? []);
    const known = new Map<number, { sum: number; count: number }>();
    for (const m of listed) {
      const mask = maskOf(this.members[m]!.holds);
      const { sum, count } = known.get(mask) ?? { sum: 0, count: 0 };
      known.set(mask, { sum: sum + Math.exp(ln[m]!), count: count + 1 });
    }
    return (elements) => {
      const has = maskOf(elements);
      const alike = [...known].filter(([mask]) => !((mask ^ has) & asked));
      const least = Math.min(...alike.map(([mask]) => bitsIn(mask ^ has)));
      const nearest = alike.filter(([mask]) => bitsIn(mask ^ has) === least);
      const total = (nearest.length ? nearest : [...known]).reduce(
        (all, [, { sum, count }]) => ({ sum: all.sum + sum, count: all.count + count }),
        { sum: 0, count: 0 },
      );
      return Math.log(total.sum / total.count);
    };
  }
}

/** The elements among what something holds, a bit each. */
const maskOf = (holds: readonly string[]): number =>
  TESTED_ELEMENTS.reduce((mask, id, i) => (holds.includes(id) ? mask | (1 << i) : mask), 0);
const bitsIn = (mask: number): number => TESTED_ELEMENTS.filter((_, i) => mask & (1 << i)).length;

/** How well all together explain the evidence, by the log-weight of each, and each one's share. */
function likest(ln: readonly number[]): { ln: number; weights: number[] } {
  const most = Math.max(...ln);
  const weights = ln.map((v) => Math.exp(v - most));
  const total = weights.reduce((a, b) => a + b, 0);
  return { ln: most + Math.log(total), weights: weights.map((w) => w / total) };
}

/** Is it likelier something else than any compound that is known? */
export const isBeyond = (space: CompoundSpace, weights: Float64Array): boolean =>
  space.members.reduce((sum, { listed }, m) => (listed ? sum : sum + weights[m]!), 0) > 0.5;
