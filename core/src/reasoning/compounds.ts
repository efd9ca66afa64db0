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
import { isHalogen, lnTogether, TOGETHER } from './elements-together';
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

const HALIDES: ReadonlySet<string> = new Set(['alkyl-halide', 'aryl-halide', 'acid-halide']);

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

  /** A sample that holds any elements together, by the tests for elements, and the groups of one listed compound, by those for groups. */
  apart(evidence: readonly Told[]): Apart {
    const listed = this.members.flatMap(({ listed: is, holds }, member) => (is ? [{ member, holds }] : []));
    const elements = likest(
      lnTogether(
        evidence.filter((e) => asksForElements(e.entry.test)),
        listed,
      ),
    );
    const ofGroups = evidence.filter((e) => !asksForElements(e.entry.test) && !tellsIdentity(e.entry.test));
    const groups = likest(listed.map(({ member }) => ofGroups.reduce((sum, e) => sum + e.ln[member]!, -Math.log(listed.length))));
    const identity = evidence.reduce((sum, e) => (tellsIdentity(e.entry.test) ? sum + Math.log(e.anyhow) : sum), 0);
    const holdsElement = (is: (id: string) => boolean) =>
      elements.weights.reduce((sum, w, k) => (TOGETHER[k]!.elements.some(is) ? sum + w : sum), 0);
    const holdsGroup = (is: (id: string) => boolean) =>
      groups.weights.reduce((sum, w, k) => (listed[k]!.holds.some(is) ? sum + w : sum), 0);
    const halogen = holdsElement(isHalogen);
    const halide = holdsGroup((id) => HALIDES.has(id));
    const probabilities = this.suspects.map((id) => {
      const isIt = (other: string) => other === id;
      if (isElement(id)) return holdsElement(isIt);
      // Where a halogen stands is told by the halogen compounds among those of like groups.
      if (HALIDES.has(id)) return halide > 0 ? (halogen * holdsGroup(isIt)) / halide : 0;
      return holdsGroup(isIt);
    });
    return { ln: elements.ln + groups.ln + identity, probabilities };
  }
}

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
