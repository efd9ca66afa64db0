/** Exact sums over all possibilities: how likely each is, and each suspect, on all of the evidence or on a part of it. */
import { TOGETHER } from './data/rates';
import { type Evidence, isUnexplained, type Weighed } from './evidence';
import { type Held, heldIn } from './held';
import { add, placeOfMost, subtract } from './rows';
import type { Space } from './space';

/** Share of the likeliest's weight below which a member no longer counts. */
const NEGLIGIBLE = 1e-10;
/** Decibans from which an entry alone is said to fit a suspect. */
const FITS = 1.5;

/** Weights relative to the likeliest, 1 for it, of members whose ln weights are given. */
function weightsOf(ln: Float64Array): Float64Array {
  const most = ln[placeOfMost(ln)]!;
  const out = new Float64Array(ln.length);
  for (let m = 0; m < ln.length; m++) out[m] = Math.exp(ln[m]! - most);
  return out;
}

/** Weights times likelihoods, relative to the likeliest again. */
function product(weights: Float64Array, likelihoods: Float64Array): Float64Array {
  const out = new Float64Array(weights.length);
  let most = 0;
  for (let m = 0; m < out.length; m++) {
    const weight = (out[m] = weights[m]! * likelihoods[m]!);
    if (weight > most) most = weight;
  }
  for (let m = 0; m < out.length; m++) out[m]! /= most;
  return out;
}

/** The same weights, with a sum of 1 and nothing for what does not count. */
function normalised(weights: Float64Array): Float64Array {
  let sum = 0;
  for (const w of weights) if (w > NEGLIGIBLE) sum += w;
  return weights.map((w) => (w > NEGLIGIBLE ? w / sum : 0));
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
  private readonly priorWeights: Float64Array;
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
    this.worth = space.lnPrior.slice();
    for (const { ln } of evidence) add(this.worth, ln);
    this.priorWeights = weightsOf(space.lnPrior);
    this.prior = priors.get(space) ?? this.suspects(this.priorWeights);
    priors.set(space, this.prior);
    const relative = weightsOf(this.worth);
    this.weights = normalised(relative);
    this.now = this.suspects(relative);
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
    const { ln } = this.evidence[k]!;
    const rest = this.worth.slice();
    subtract(rest, ln);
    return this.suspects(weightsOf(rest));
  }

  /** What one entry alone says for or against every suspect, decibans. */
  push(k: number): Float64Array {
    return (this.pushes[k] ??= gain(this.suspects(product(this.priorWeights, this.evidence[k]!.likelihood)), this.prior));
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
    let running = this.priorWeights;
    let before = this.prior;
    return this.evidence.map(({ likelihood }) => {
      running = product(running, likelihood);
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
    const alone = this.suspects(weightsOf(this.worth.map((ln, m) => (unlisted[m] ? ln : -Infinity))));
    return alone.map((p, i) => (inUnlisted[i] ? p : this.now[i]!));
  }

  /** @param weights of every member, relative to the likeliest. */
  private suspects(weights: Float64Array): Float64Array {
    const out = new Float64Array(this.space.suspects.length);
    const { places, from } = this.held;
    let sum = 0;
    for (let m = 0; m < weights.length; m++) {
      const weight = weights[m]!;
      if (weight <= NEGLIGIBLE) continue;
      sum += weight;
      for (let at = from[m]!; at < from[m + 1]!; at++) out[places[at]!]! += weight;
    }
    for (let i = 0; i < out.length; i++) out[i]! /= sum;
    return out;
  }
}
