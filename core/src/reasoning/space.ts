/** Every sample that an unknown may be, with what each standard test would show of it. */
import { isTest, isUnnamed, learnSigns, testOf } from '../scheme/procedure';
import { computedSigns } from './procedure-signs';
import type { SampleSpec } from '../bench/sample';
import { ANIONS, CATIONS } from '../matter/data/components';
import { type Circumstance, CIRCUMSTANCES } from '../scheme/data/circumstances';
import type { Scheme, School, StandardTest } from '../scheme/model';
import { type HouseRules, schoolOf } from '../scheme/rules';
import { stationOf } from '../scheme/tests';
import { World } from '../scheme/world';
import type { Observation } from '../vocabulary/observation';
import { type Atlas, type Cost, DistinctOutcomes, rowsIn } from './atlas';
import { blankOf, type Samples } from './blank';
import { FORMS } from './hypotheses';
import { probabilityOf } from './observer';
import { isPlain } from './member';
import { overlay, pairKey, Parts } from './parts';
import { PartsWeighed } from './parts-weighed';
import { type Limits, type SaltMember, unknownsWithin } from './salt-members';

/** Readings of records, and simulated mixtures, that are kept. */
const ROWS = 150;
const WORLDS = 400;
/** Procedures without a name of which a space keeps what they show. */
const PROCEDURES = 300;

/** Outcomes of a test, each as likely as the others: as benches differ. */
export type Outcomes = readonly (readonly Observation[])[];

/** How likely a record of one test is under every member, and to whomever it belongs that something went wrong for. */
export interface Reading {
  /** Probability of what was written, by an observer to whom nothing went wrong. Not to be changed. */
  readonly p: Float64Array;
  /** The same over everything that it might have been. */
  readonly anyhow: number;
}

/** What reasoning needs to know of a sample's possibilities. */
export interface Space extends Samples {
  readonly scheme: Scheme;
  /** All that a member may hold. */
  readonly suspects: readonly string[];
  readonly costs: Readonly<Record<string, Cost>>;
  knows(test: string): boolean;
  /** What a member is called. */
  called(m: number): string;
  /** A sample of this make, for the simulator. */
  sampleOf(m: number): SampleSpec;
  /** What the test shows, exactly: the usual outcome first, then as benches differ. @param most how many of these. */
  shows(m: number, test: string, most?: number): Outcomes;
  read(test: string, recorded: readonly Observation[]): Reading;
}

/** Stations at which no reagent comes to the solution, so that nothing shows of a trace in the water. */
const WITHOUT_REAGENT: ReadonlySet<string | undefined> = new Set(['look', 'dry']);

/** Probability of a record over the outcomes that benches differ in. */
export function probabilityOver(space: Space, test: StandardTest, recorded: readonly Observation[], outcomes: Outcomes): number {
  const blank = blankOf(space, test.id);
  return outcomes.reduce((sum, seen) => sum + probabilityOf(test, recorded, seen, { blank }), 0) / outcomes.length;
}

/** Mean of a row over what there is before any evidence. Of mixtures it is taken to be that of their parts, of the unlisted that of the listed. */
export function meanOver(space: Space, p: Float64Array): number {
  let sum = 0;
  let weight = 0;
  space.members.forEach((member, m) => {
    if (!isPlain(member)) return;
    const w = Math.exp(space.lnPrior[m]!);
    sum += w * p[m]!;
    weight += w;
  });
  return sum / weight;
}

export class SaltSpace implements Space {
  readonly scheme: School;
  readonly suspects: readonly string[] = [...CATIONS, ...ANIONS];
  readonly members: readonly SaltMember[];
  readonly lnPrior: Float64Array;
  private readonly worlds = new Map<string, World>();
  private readonly readings = new Map<string, Reading>();
  private readonly overlaid = new Map<number, Observation[]>();
  private readonly outcomes: DistinctOutcomes;
  /** Of procedures without a name: circumstance by circumstance, form by form. */
  private readonly worked = new Map<string, readonly (readonly number[])[]>();
  private readonly parts: Parts;

  constructor(
    readonly atlas: Atlas,
    private readonly rules: HouseRules,
    readonly limits: Limits,
  ) {
    this.scheme = schoolOf(rules);
    this.outcomes = new DistinctOutcomes(atlas.outcomes);
    this.parts = new Parts(this.outcomes.list);
    ({ members: this.members, lnPrior: this.lnPrior } = unknownsWithin(limits));
  }

  get costs(): Atlas['costs'] {
    return this.atlas.costs;
  }

  knows(test: string): boolean {
    return this.rows(test) !== undefined;
  }

  /** Is it known what a test shows, without running it on every form first? */
  isWorked(test: string): boolean {
    return !isUnnamed(test) || this.worked.has(test);
  }

  called(m: number): string {
    const { salts, trace } = this.members[m]!;
    const names = salts.map((i) => FORMS[i]!.name);
    return trace ? `${names[0]} with a trace of ${names[1]}` : names.join(' + ');
  }

  sampleOf(m: number): SampleSpec {
    const { salts, trace } = this.members[m]!;
    const { sample } = FORMS[salts[0]!]!;
    if (trace && 'salts' in sample) return { salts: [...sample.salts, { formula: trace.salt, grams: trace.grams }] };
    if (salts.length === 1) return sample;
    return { salts: salts.map((i) => ({ formula: FORMS[i]!.name, grams: 1.5 })) };
  }

  /** From the atlas for what stands in one bottle, from the simulator for a mixture. */
  shows(m: number, test: string, most = Infinity): Outcomes {
    const member = this.members[m]!;
    if (!this.showsOneSalt(member, test))
      return CIRCUMSTANCES.slice(0, most).map((circumstance) => this.simulated(m, test, circumstance));
    return this.rows(test)!.map((row) => this.outcomes.list[row[member.salts[0]!]!]!);
  }

  /** Of a mixture, what its two salts would show laid over each other; of a trace nothing. */
  outline(m: number, test: string): readonly Observation[] {
    const { salts, trace } = this.members[m]!;
    const row = this.rows(test)![0]!;
    if (trace || salts.length === 1) return this.outcomes.list[row[salts[0]!]!]!;
    return this.laid(row[salts[0]!]!, row[salts[1]!]!);
  }

  read(test: string, recorded: readonly Observation[]): Reading {
    const key = `${test} ${JSON.stringify(recorded)}`;
    const before = this.readings.get(key);
    if (before) return before;
    const p = this.weigh(testOf(test)!, recorded);
    const reading = { p, anyhow: meanOver(this, p) };
    this.readings.set(key, reading);
    if (this.readings.size > ROWS) this.readings.delete(this.readings.keys().next().value!);
    return reading;
  }

  /** A trace has no say where no reagent could make it show. */
  private showsOneSalt({ salts, trace }: SaltMember, test: string): boolean {
    return salts.length === 1 || (trace !== undefined && WITHOUT_REAGENT.has(stationOf(testOf(test)!, this.scheme)));
  }

  private simulated(m: number, test: string, circumstance: Circumstance): readonly Observation[] {
    const key = `${m} ${CIRCUMSTANCES.indexOf(circumstance)}`;
    let world = this.worlds.get(key);
    if (!world) {
      this.worlds.set(key, (world = new World(this.sampleOf(m), this.scheme, this.rules, circumstance)));
      if (this.worlds.size > WORLDS) this.worlds.delete(this.worlds.keys().next().value!);
    }
    return world.result(test).see;
  }

  private rows(test: string) {
    if (!isUnnamed(test)) return rowsIn(this.atlas, this.scheme, test, this.rules);
    let rows = this.worked.get(test);
    if (!rows && isTest(test)) {
      this.worked.set(test, (rows = this.work(test)));
      if (this.worked.size > PROCEDURES) this.worked.delete(this.worked.keys().next().value!);
    }
    return rows;
  }

  /** Runs a procedure on every form, as benches differ, and learns what it is a sign of. */
  private work(test: string): readonly (readonly number[])[] {
    const seen = FORMS.map(({ sample }) =>
      CIRCUMSTANCES.map((c) => new World(sample, this.scheme, this.rules, c).result(test).see),
    );
    const samples = this.members.flatMap(({ salts: [first, ...more], trace, holds }, m) =>
      more.length || trace ? [] : [{ holds, weight: Math.exp(this.lnPrior[m]!), seen: seen[first!]! }],
    );
    learnSigns(test, computedSigns(samples));
    return CIRCUMSTANCES.map((_, c) => seen.map((of) => this.outcomes.placeOf(of[c]!)));
  }

  private weigh(test: StandardTest, recorded: readonly Observation[]): Float64Array {
    const rows = this.rows(test.id)!;
    const usual = rows[0]!;
    const weighed = new PartsWeighed(this.parts, new Set(rows.flat()), test, recorded, blankOf(this, test.id));
    const alone = (salt: number) => rows.reduce((sum, row) => sum + weighed.alone(row[salt]!), 0) / rows.length;
    const p = new Float64Array(this.members.length);
    for (let m = 0; m < p.length; m++) {
      const member = this.members[m]!;
      const [first, second] = [member.salts[0]!, member.salts[1]!];
      p[m] = this.showsOneSalt(member, test.id) ? alone(first) : weighed.together(usual[first]!, usual[second]!);
    }
    return p;
  }

  private laid(a: number, b: number): Observation[] {
    const key = pairKey(a, b);
    let out = this.overlaid.get(key);
    if (!out) this.overlaid.set(key, (out = overlay(this.outcomes.list[a]!, this.outcomes.list[b]!)));
    return out;
  }
}
