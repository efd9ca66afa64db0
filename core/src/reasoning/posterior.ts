/** Exact sums over all possibilities: how likely each is, and each suspect, on all of the evidence or on a part of it. */
import { TOGETHER } from './data/rates';
import { type Evidence, isUnexplained, type Weighed } from './evidence';
import { type Held, heldIn } from './held';
import { add, placeOfMost } from './rows';
import type { Space } from './space';

/** e-folds below the likeliest at which a member no longer counts. */
const NEGLIGIBLE = -23;
/** Decibans from which an entry alone is said to fit a suspect. */
const FITS = 1.5;

function normalised(ln: Float64Array): Float64Array {
  const most = ln[placeOfMost(ln)]!;
  const out = new Float64Array(ln.length);
  let sum = 0;
  for (let i = 0; i < ln.length; i++) {
    const below = ln[i]! - most;
    if (below > NEGLIGIBLE) sum += out[i] = Math.exp(below);
  }
  for (let i = 0; i < ln.length; i++) out[i]! /= sum;
  return out;
}

/** Decibans of the odds that belong to a probability. */
export const decibans = (p: number): number => (10 / Math.LN10) * Math.log(Math.max(p, 1e-12) / Math.max(1 - p, 1e-12));

const gain = (after: Float64Array, before: Float64Array) => after.map((p, i) => decibans(p) - decibans(before[i]!));

/** Probability of every suspect before any evidence. */
const priors = new WeakMap<Space, Float64Array>();

export class Posterior {
  /** Probability of every member of the space. */
  readonly weights: Float64Array;
  /** Probability of every suspect, before the evidence and after it. */
  readonly prior: Float64Array;
  readonly now: Float64Array;
  /** The same after it, were the sample none that has a name: what tests of elements and groups say, whatever a name would. */
  readonly unnamed: Float64Array;
  private readonly held: Held;
  /** ln of what every member is worth, not normalised. */
  private readonly worth: Float64Array;
  private readonly pushes: Float64Array[] = [];
  private readonly fitting: (readonly number[])[] = [];

  readonly evidence: readonly Evidence[];
  private readonly simulated: ReadonlySet<number>;

  constructor(
    readonly space: Space,
    { evidence, simulated }: Weighed,
  ) {
    this.evidence = evidence;
    this.simulated = simulated;
    this.held = heldIn(space);
    this.worth = this.members(() => true);
    this.weights = normalised(this.worth);
    this.prior = priors.get(space) ?? this.suspects(space.lnPrior);
    priors.set(space, this.prior);
    this.now = this.suspects(this.worth);
    this.unnamed = this.withoutNames();
  }

  /** The member without what does not belong to it. */
  itself(m: number): number {
    return this.space.members[m]!.apartFrom ?? m;
  }

  /** Is it likelier that something went wrong than that a member, with nothing that does not belong to it, showed what an entry says? */
  unexplained(k: number, member: number): boolean {
    const m = this.itself(member);
    const rough = this.space.members[m]!.composed && !this.simulated.has(m);
    return isUnexplained(this.evidence[k]!, m, rough ? TOGETHER.otherwise : 0);
  }

  /** Probability of every suspect without the evidence of one entry. */
  without(k: number): Float64Array {
    return this.suspects(this.members((i) => i !== k));
  }

  /** What one entry alone says for or against every suspect, decibans. */
  push(k: number): Float64Array {
    return (this.pushes[k] ??= gain(this.suspects(this.members((i) => i === k)), this.prior));
  }

  /** Places of the suspects that one entry alone fits, best first. */
  fits(k: number): readonly number[] {
    const push = this.push(k);
    return (this.fitting[k] ??= [...push.keys()].filter((i) => push[i]! >= FITS).sort((a, b) => push[b]! - push[a]!));
  }

  /**
   * For every suspect, what each entry says against it whatever else there is: decibans by which the likeliest that holds it makes the
   * entry less likely than the likeliest of all does.
   */
  against(): number[][] {
    const { worth, space, evidence } = this;
    const { places, from } = this.held;
    const best = space.suspects.map((): number | undefined => undefined);
    let top = 0;
    for (let m = 0; m < worth.length; m++) {
      if (worth[m]! > worth[top]!) top = m;
      for (let at = from[m]!; at < from[m + 1]!; at++) {
        const i = places[at]!;
        if (best[i] === undefined || worth[m]! > worth[best[i]]!) best[i] = m;
      }
    }
    return best.map((m) => evidence.map(({ ln }) => (m === undefined ? 0 : (10 / Math.LN10) * (ln[top]! - ln[m]!))));
  }

  /** What each entry moved every suspect, decibans, taken in the order in which they were written. */
  moves(): Float64Array[] {
    const running = this.space.lnPrior.slice();
    let before = this.prior;
    return this.evidence.map(({ ln }) => {
      add(running, ln);
      const after = this.suspects(running);
      const moved = gain(after, before);
      before = after;
      return moved;
    });
  }

  /** Of what no test has a sign of, and where all that there is has a name, as it is. */
  private withoutNames(): Float64Array {
    const { unlisted, inUnlisted } = this.held;
    if (!inUnlisted.includes(1)) return this.now;
    const alone = this.suspects(this.worth.map((ln, m) => (unlisted[m] ? ln : -Infinity)));
    return alone.map((p, i) => (inUnlisted[i] ? p : this.now[i]!));
  }

  private members(counts: (k: number) => boolean): Float64Array {
    const sum = this.space.lnPrior.slice();
    this.evidence.forEach(({ ln }, k) => {
      if (counts(k)) add(sum, ln);
    });
    return sum;
  }

  /** @param ln what every member is worth, not normalised. */
  private suspects(ln: Float64Array): Float64Array {
    const out = new Float64Array(this.space.suspects.length);
    const { places, from } = this.held;
    const most = ln[placeOfMost(ln)]!;
    let sum = 0;
    for (let m = 0; m < ln.length; m++) {
      const below = ln[m]! - most;
      if (below <= NEGLIGIBLE) continue;
      const worth = Math.exp(below);
      sum += worth;
      for (let at = from[m]!; at < from[m + 1]!; at++) out[places[at]!]! += worth;
    }
    for (let i = 0; i < out.length; i++) out[i]! /= sum;
    return out;
  }
}
