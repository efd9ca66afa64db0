/** Every sample that an unknown may be, with what each standard test would show of it. */
import { ANIONS, CATIONS } from '../matter/data/components';
import type { Observation } from '../vocabulary/observation';
import type { Scheme, School } from '../scheme/model';
import { World } from '../scheme/world';
import { type Atlas, type Cost, rowIn, rulesOfSchool } from './atlas';
import { isNothing } from '../vocabulary/observation';
import { read, subjectOf } from './likelihood';
import type { SampleSpec } from '../bench/sample';
import { isCation, SINGLES } from './hypotheses';

/** Share of the prior that goes to single salts where mixtures are allowed. */
const SINGLE_SHARE = 0.5;

/** Readings of records, and simulated mixtures, that are kept. */
const ROWS = 400;
const WORLDS = 400;

export interface Limits {
  readonly cations: number;
  readonly anions: number;
}

/** One thing that the sample may be. */
export interface Member {
  /** What it would be found to hold: ions of a salt; elements and groups of a compound. */
  readonly holds: readonly string[];
  /** Its name, where the same holdings may have several. */
  readonly name?: string;
  /** Made of several: its outcomes are composed first, and simulated only when it comes to it. */
  readonly composed: boolean;
}

/** What reasoning needs to know of a sample's possibilities. */
export interface Space {
  readonly scheme: Scheme;
  /** All that a member may hold. */
  readonly suspects: readonly string[];
  readonly members: readonly Member[];
  readonly lnPrior: Float64Array;
  readonly costs: Readonly<Record<string, Cost>>;
  knows(test: string): boolean;
  /** What a member is called. */
  called(m: number): string;
  /** A sample of this make, for the simulator. */
  sampleOf(m: number): SampleSpec;
  /** The outcome, exactly. */
  exact(m: number, test: string): readonly Observation[];
  /** The outcome, quickly. */
  outline(m: number, test: string): readonly Observation[];
  /** ln likelihood of a record under every member. Not to be changed. */
  likelihoods(test: string, recorded: readonly Observation[]): Float64Array;
  /** Mixtures that hold the same as this one, in other pairings. */
  twins(m: number): readonly number[];
}

/** One or two single salts, by their places in `SINGLES`. */
export interface SaltMember extends Member {
  readonly salts: readonly number[];
}

const keep = (salts: readonly number[], { cations, anions }: Limits): SaltMember | null => {
  const ions = [...new Set(salts.flatMap((i) => SINGLES[i]!.ions))];
  const up = ions.filter(isCation).length;
  return up <= cations && ions.length - up <= anions
    ? { salts, holds: [...ions].sort((a, b) => Number(isCation(b)) - Number(isCation(a))), composed: salts.length > 1 }
    : null;
};

function members(limits: Limits): SaltMember[] {
  const out: SaltMember[] = SINGLES.map((_, i) => keep([i], limits)!);
  if (limits.cations < 2 && limits.anions < 2) return out;
  for (let i = 0; i < SINGLES.length; i++)
    for (let j = i + 1; j < SINGLES.length; j++) {
      const member = keep([i, j], limits);
      if (member) out.push(member);
    }
  return out;
}

const holdings = ({ holds }: Member) => [...holds].sort().join(' ');

/** Two accounts laid over each other: everything that either shows; nothing only where both show nothing. */
export function overlay(a: readonly Observation[], b: readonly Observation[]): Observation[] {
  const both = [...a, ...b.filter((o) => !a.some((p) => JSON.stringify(p) === JSON.stringify(o)))];
  return both.filter((o) => !isNothing(o) || !both.some((p) => !isNothing(p) && subjectOf(p) === subjectOf(o)));
}

export class SaltSpace implements Space {
  readonly suspects: readonly string[] = [...CATIONS, ...ANIONS];
  readonly members: readonly SaltMember[];
  readonly lnPrior: Float64Array;
  private readonly worlds = new Map<number, World>();
  private readonly rows = new Map<string, Float64Array>();
  private readonly overlaid = new Map<string, Observation[]>();
  private readonly alike = new Map<string, number[]>();

  constructor(
    readonly atlas: Atlas,
    readonly scheme: School,
    readonly limits: Limits,
  ) {
    this.members = members(limits);
    const singles = SINGLES.length;
    const mixed = this.members.length - singles;
    const share = mixed ? SINGLE_SHARE : 1;
    this.lnPrior = Float64Array.from(this.members, (m) => Math.log(m.salts.length === 1 ? share / singles : (1 - share) / mixed));
  }

  get costs(): Atlas['costs'] {
    return this.atlas.costs;
  }

  knows(test: string): boolean {
    return rowIn(this.atlas, this.scheme, test) !== undefined;
  }

  called(m: number): string {
    return this.members[m]!.salts.map((i) => SINGLES[i]!.name).join(' + ');
  }

  sampleOf(m: number): SampleSpec {
    const { salts } = this.members[m]!;
    if (salts.length === 1) return SINGLES[salts[0]!]!.sample;
    return { salts: salts.map((i) => ({ formula: SINGLES[i]!.name, grams: 1.5 })) };
  }

  /** The outcome, exactly: from the atlas for a single salt, from the simulator for a mixture. */
  exact(m: number, test: string): readonly Observation[] {
    const { salts } = this.members[m]!;
    if (salts.length === 1) return this.atlas.outcomes[rowIn(this.atlas, this.scheme, test)![salts[0]!]!]!;
    let world = this.worlds.get(m);
    if (!world) {
      this.worlds.set(m, (world = new World(this.sampleOf(m), this.scheme, rulesOfSchool(this.scheme))));
      if (this.worlds.size > WORLDS) this.worlds.delete(this.worlds.keys().next().value!);
    }
    return world.result(test).see;
  }

  /** The outcome, quickly: of a mixture, what its two salts would show laid over each other. */
  outline(m: number, test: string): readonly Observation[] {
    const { salts } = this.members[m]!;
    if (salts.length === 1) return this.exact(m, test);
    const row = rowIn(this.atlas, this.scheme, test)!;
    return this.laid(row[salts[0]!]!, row[salts[1]!]!);
  }

  /** ln likelihood of a record under every member; mixtures by overlaying their salts' outcomes. Not to be changed. */
  likelihoods(test: string, recorded: readonly Observation[]): Float64Array {
    const key = `${test} ${JSON.stringify(recorded)}`;
    const before = this.rows.get(key);
    if (before) return before;
    const row = this.weigh(test, recorded);
    this.rows.set(key, row);
    if (this.rows.size > ROWS) this.rows.delete(this.rows.keys().next().value!);
    return row;
  }

  twins(m: number): readonly number[] {
    if (!this.alike.size)
      this.members.forEach((member, k) => {
        const key = holdings(member);
        if (member.composed) this.alike.set(key, [...(this.alike.get(key) ?? []), k]);
      });
    return this.alike.get(holdings(this.members[m]!))!.filter((k) => k !== m);
  }

  private weigh(test: string, recorded: readonly Observation[]): Float64Array {
    const row = rowIn(this.atlas, this.scheme, test)!;
    const { outcomes } = this.atlas;
    const known = new Map<number, number>();
    const scale = outcomes.length + 1;
    return Float64Array.from(this.members, ({ salts }) => {
      const a = row[salts[0]!]!;
      const b = salts.length > 1 ? row[salts[1]!]! : a;
      const key = a === b ? a : Math.min(a, b) * scale + Math.max(a, b) + scale;
      let ln = known.get(key);
      if (ln === undefined) {
        ln = a === b ? read(recorded, outcomes[a]!) : read(recorded, this.laid(a, b), true);
        known.set(key, ln);
      }
      return ln;
    });
  }

  private laid(a: number, b: number): Observation[] {
    const key = a < b ? `${a} ${b}` : `${b} ${a}`;
    let out = this.overlaid.get(key);
    if (!out) this.overlaid.set(key, (out = overlay(this.atlas.outcomes[a]!, this.atlas.outcomes[b]!)));
    return out;
  }
}
