/** How likely each entry is under every possibility: quickly composed for all, simulated for the likeliest mixtures. */

import { testOf } from '../scheme/procedure';
import { MISHAP, REPEATED, TOGETHER } from './data/rates';
import { type RecordEntry, watched } from './entries';
import { heldIn } from './held';
import { Queue } from './queue';
import { add } from './rows';
import { probabilityOver, type Space } from './space';

/** What one entry says. */
export interface Evidence {
  readonly entry: RecordEntry;
  /** How often something goes wrong with an entry of this kind. */
  readonly mishap: number;
  /** Is the same written of the same test already? */
  readonly again: boolean;
  /** Probability of the entry over all that it might belong to. */
  readonly anyhow: number;
  /** Probability under every member of the space, of an observer to whom nothing went wrong. */
  readonly p: Float64Array;
  /** Likelihood under every member of the space, and its logarithm. */
  readonly likelihood: Float64Array;
  readonly ln: Float64Array;
}

/** What a record says. */
export interface Weighed {
  readonly evidence: readonly Evidence[];
  /** Mixtures of which every entry was simulated. */
  readonly simulated: ReadonlySet<number>;
  /** Mixtures that were not simulated may yet make a difference: a more thorough look may find better. */
  readonly doubtful: boolean;
}

export interface Effort {
  /** Mixtures that are simulated though they would hardly seem to count; none by default. */
  readonly least?: number;
  /** Mixtures that are simulated at the most. */
  readonly most: number;
  /** Asked between two of their tests: true when nobody waits for the answer any more, and what there is will do. */
  readonly stopped?: () => boolean;
}

/** e-folds below the best at which the simulation of a mixture is given up. */
const BEATEN = 8;
/** Those no more e-folds behind the best are weighed wholly over how benches differ. */
const CLOSE = 3;
/** The first that run are those of the rankings; then kin of the best may come between. */
const FIRST = 6;
/** Probability that may be left to mixtures not simulated, where the best explains every entry. */
const UNSETTLED = 0.1;
/** A member explains an entry that it makes at least this likely, relative to what all samples do. */
const POORLY = 0.25;
const isPoor = ({ p, anyhow }: Evidence, m: number) => p[m]! < POORLY * anyhow;
/** A mixture is not taken before so many others after it were no better. */
const OTHERS = 16;
/** After so many that are no better the best is taken, whatever it leaves unexplained. */
const PATIENCE = 60;

/** What no member could have shown has some probability all the same. */
const LEAST = 1e-250;

/** How likely an entry is: a share of its probability when nothing went wrong, over a floor that hangs on nothing in the sample. */
interface Likelihood {
  readonly share: number;
  readonly floor: number;
}

function likelihoodFor(
  { mishap, anyhow, again }: Omit<Evidence, 'likelihood' | 'ln' | 'p' | 'entry'>,
  otherwise: number,
): Likelihood {
  const wrong = mishap + (1 - mishap) * otherwise;
  return again
    ? { share: (1 - REPEATED) * (1 - wrong), floor: REPEATED + (1 - REPEATED) * wrong * anyhow }
    : { share: 1 - wrong, floor: wrong * anyhow };
}

/** Likelihood of an entry from its probability when nothing went wrong. */
const likelihoodOf = ({ share, floor }: Likelihood, p: number): number => share * p + floor;

/** The same under every member, of which some are composed. */
function underAll(p: Float64Array, composed: Uint8Array, alone: Likelihood, together: Likelihood): Float64Array {
  const likelihood = new Float64Array(p.length);
  for (let m = 0; m < p.length; m++) likelihood[m] = likelihoodOf(composed[m] ? together : alone, p[m]!);
  return likelihood;
}

function logarithms(row: Float64Array): Float64Array {
  const ln = new Float64Array(row.length);
  for (let m = 0; m < row.length; m++) ln[m] = Math.log(row[m]!);
  return ln;
}

/** Puts in the probability of an entry under one member. @returns the change of its ln likelihood. */
function setUnder(evidence: Evidence, m: number, p: number): number {
  const before = evidence.ln[m]!;
  evidence.p[m] = p;
  evidence.likelihood[m] = likelihoodOf(likelihoodFor(evidence, 0), p);
  evidence.ln[m] = Math.log(evidence.likelihood[m]!);
  return evidence.ln[m]! - before;
}

/** Adds what an entry says; of what is composed never less than it says of anything. */
function addRoughly(to: Float64Array, ln: Float64Array, composed: Uint8Array, lnAnyhow: number): void {
  for (let m = 0; m < to.length; m++) to[m]! += composed[m] && ln[m]! < lnAnyhow ? lnAnyhow : ln[m]!;
}

/** Is it likelier that something went wrong than that the sample showed this? */
export const isUnexplained = ({ mishap, anyhow, p }: Evidence, m: number, otherwise = 0): boolean =>
  p[m]! * (1 - mishap) * (1 - otherwise) < (mishap + otherwise) * anyhow;

/** What an entry says, but for what is said in passing. */
const told = (e: RecordEntry): string =>
  watched(e)
    .map(({ channel, event, colour, smell, paper }) => [channel, event ?? '', colour ?? '', smell ?? '', paper ?? ''].join(' '))
    .sort()
    .join('; ');
const sameWords = (a: RecordEntry, b: RecordEntry) => a.test === b.test && told(a) === told(b);

export function evidenceOf(space: Space, entries: readonly RecordEntry[], { least = 0, most, stopped }: Effort): Weighed {
  const quick = space.lnPrior.slice();
  // Some of what is composed is quite wrong: by this ranking no entry counts against a mixture, only for it.
  const rough = space.lnPrior.slice();
  const { composed, mixtures } = heldIn(space);
  const evidence = entries.map((entry, i): Evidence => {
    const { p, anyhow } = space.read(entry.test, watched(entry));
    const about = {
      mishap: entry.beside ? MISHAP.besideBlank : entry.confidence === 'unsure' ? MISHAP.unsure : MISHAP.sure,
      again: entries.slice(0, i).some((before) => sameWords(before, entry)),
      anyhow: Math.max(anyhow, LEAST),
    };
    const likelihood = underAll(p, composed, likelihoodFor(about, 0), likelihoodFor(about, TOGETHER.otherwise));
    const ln = logarithms(likelihood);
    add(quick, ln);
    addRoughly(rough, ln, composed, Math.log(about.anyhow));
    return { entry, ...about, p: p.slice(), likelihood, ln };
  });
  const elimination = new Elimination(space, evidence, quick);
  const queue = new Queue(space, [rough, quick], most);
  let run = 0;
  for (; run < most && (run < least || !elimination.isSettled) && !stopped?.(); run++) {
    const m = queue.next(run < FIRST ? undefined : elimination.leader);
    if (m === undefined) break;
    elimination.enter(m, stopped);
  }
  elimination.weighOver(stopped);
  return {
    evidence,
    simulated: new Set(elimination.finished.keys()),
    doubtful: run < mixtures && !elimination.isSettled,
  };
}

/** Mixtures simulated one after another, each only for as long as it may still be among the best. */
class Elimination {
  leader: number | undefined;
  /** How many have come in since the leader did. */
  private idle = 0;
  /** ln of what each of those that came through is worth, with its prior. */
  readonly finished = new Map<number, number>();
  private best = -Infinity;
  /** What those not simulated are worth by what was composed for them, and all others, relative to the best there was at first. */
  private left = 0;
  private found = 0;
  private readonly scale: number;
  /** Entries in the order in which they are tried: what put out the last one comes first. */
  private readonly order: number[];

  constructor(
    private readonly space: Space,
    private readonly evidence: readonly Evidence[],
    private readonly quick: Float64Array,
  ) {
    this.order = [...evidence.keys()];
    const { composed } = heldIn(space);
    for (let m = 0; m < quick.length; m++) if (!composed[m] && quick[m]! > this.best) [this.leader, this.best] = [m, quick[m]!];
    this.scale = this.best;
    for (let m = 0; m < quick.length; m++)
      if (composed[m]) this.left += this.worth(quick[m]!);
      else this.found += this.worth(quick[m]!);
  }

  private readonly worth = (ln: number) => Math.exp(ln - this.scale);

  /** Would more of them hardly change the answer? */
  get isSettled(): boolean {
    if (this.idle >= PATIENCE) return true;
    const enough = this.leader !== undefined && this.space.members[this.leader]!.composed ? OTHERS : 0;
    return this.idle >= enough && this.left <= UNSETTLED * (this.left + this.found) && this.explainsAll;
  }

  enter(m: number, stopped?: () => boolean): void {
    const sum = this.simulate(m, stopped);
    if (sum === 'stopped') return;
    this.idle++;
    this.left -= this.worth(this.quick[m]!);
    if (sum === 'beaten') return;
    this.finished.set(m, sum);
    this.found += this.worth(sum);
    if (sum > this.best) [this.leader, this.best, this.idle] = [m, sum, 0];
  }

  /** ln of what it is worth, with its prior. */
  private simulate(m: number, stopped?: () => boolean): number | 'beaten' | 'stopped' {
    let sum = this.space.lnPrior[m]!;
    for (const [place, k] of this.order.entries()) {
      if (stopped?.()) return 'stopped';
      const evidence = this.evidence[k]!;
      const { entry } = evidence;
      setUnder(evidence, m, probabilityOver(this.space, testOf(entry.test)!, watched(entry), this.space.shows(m, entry.test, 1)));
      sum += evidence.ln[m]!;
      if (sum < this.best - BEATEN) {
        this.order.splice(place, 1);
        this.order.unshift(k);
        return 'beaten';
      }
    }
    return sum;
  }

  /**
   * What the best, which were run as a test usually goes, would show on other benches: first for the entries that are unlikely as it
   * usually goes, for these gain by it, and for all of them where a member is then among the best.
   */
  weighOver(stopped?: () => boolean): void {
    let best = -Infinity;
    for (const [m, usual] of [...this.finished].sort(([, a], [, b]) => b - a)) {
      const poor = this.evidence.filter((e) => isPoor(e, m));
      let sum = usual;
      const weigh = (list: readonly Evidence[]) => {
        for (const evidence of list) {
          if (stopped?.()) return;
          const { entry } = evidence;
          sum += setUnder(
            evidence,
            m,
            probabilityOver(this.space, testOf(entry.test)!, watched(entry), this.space.shows(m, entry.test)),
          );
        }
      };
      weigh(poor);
      if (sum >= best - CLOSE) weigh(this.evidence.filter((e) => !poor.includes(e)));
      best = Math.max(best, sum);
      this.finished.set(m, sum);
    }
  }

  /** Does the leader make no entry unlikely? */
  private get explainsAll(): boolean {
    const m = this.leader;
    return m !== undefined && !this.evidence.some((e) => isPoor(e, m));
  }
}
