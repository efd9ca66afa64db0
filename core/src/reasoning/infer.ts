/** What a record proves: the posterior over all that the sample may be, and from it the words people write. */
import { because } from './because';
import { type Conflict, conflictsIn } from './conflicts';
import { type RecordEntry, type Unused, usable } from './entries';
import { type Effort, evidenceOf } from './evidence';
import { heldIn } from './held';
import { Posterior } from './posterior';
import type { Space } from './space';
import { LIKELY, type State, stateOf } from './states';

export type { State };

export interface Because {
  readonly entry: number;
  /** Ten times the decimal logarithm of how much this entry, after those before it, moved the odds. */
  readonly decibans: number;
  readonly text: string;
}

/** Where an ion, element or group stands. */
export interface Suspect {
  readonly id: string;
  readonly state: State;
  readonly probability: number;
  /** The same were the sample none that has a name. */
  readonly unnamed: number;
  readonly because: readonly Because[];
}

/** What the sample may be as a whole. */
export interface Candidate {
  readonly ions: readonly string[];
  readonly name?: string;
  readonly probability: number;
  /** Entries that it would not have shown. */
  readonly against: readonly number[];
}

export interface Inference {
  readonly suspects: readonly Suspect[];
  readonly candidates: readonly Candidate[];
  readonly conflicts: readonly Conflict[];
  /** Entries that could not be used, and why. */
  readonly unused: readonly Unused[];
  /** Mixtures not simulated may yet make a difference: look more thoroughly. */
  readonly doubtful: boolean;
  /** Probability of every member of the space. */
  readonly weights: Float64Array;
}

/** Decibans above which an entry is worth showing. */
const SHOWN = 0.5;
const MOST_IDENTITIES = 8;
const UNLIKELY = 1e-7;
/** Stands for all that is not listed. */
const UNLISTED = 'unlisted';

/** While someone waits. */
export const PROMPT: Effort = { most: 12 };
/** Where a first look leaves doubt. */
export const THOROUGH: Effort = { most: 600 };
/**
 * Before something is taken for found: also mixtures that do not seem to count are tried. Of 21 mixtures worked alone on our own bench
 * 16 were right with none of these, 18 with 60 and 20 with 150.
 */
export const SURE: Effort = { least: 150, most: 600 };

/** Reads a record against a space. Struck entries are to be left out by the caller. */
export function infer(space: Space, record: readonly RecordEntry[], effort = PROMPT): Inference {
  const { used, unused } = usable(space, record);
  const weighed = evidenceOf(space, used, effort);
  const posterior = new Posterior(space, weighed);
  const moves = posterior.moves();
  const against = posterior.against();
  const conflicts = conflictsIn(posterior);
  const disputed = new Set(conflicts.flatMap((c) => c.ions));
  const likely = space.suspects.filter((_, i) => posterior.now[i]! >= LIKELY);
  const suspects = space.suspects.map((id, i): Suspect => {
    const reasons = used.flatMap((e, k): Because[] => {
      const decibans = Math.round(moves[k]![i]! * 10) / 10;
      return Math.abs(decibans) >= SHOWN ? [{ entry: e.number, decibans, text: because(posterior, k, i, decibans > 0) }] : [];
    });
    const probability = posterior.now[i]!;
    const told = { moves: moves.map((row) => row[i]!), against: against[i]! };
    const beside = likely.filter((other) => other !== id);
    const unnamed = posterior.unnamed[i]!;
    const state = stateOf(space, used, { id, probability, unnamed, disputed: disputed.has(id), beside, ...told });
    return { id, state, probability, unnamed, because: reasons };
  });
  const { weights } = posterior;
  return { suspects, candidates: candidatesOf(posterior), conflicts, unused, doubtful: weighed.doubtful, weights };
}

/** Members of the same holdings and name are one candidate, however a salt's ions are paired; so is all that is not listed. */
function candidatesOf(posterior: Posterior): Candidate[] {
  const { space, weights, evidence } = posterior;
  const { alike } = heldIn(space);
  const found = new Map<string | number, { member: number; probability: number }>();
  for (let m = 0; m < weights.length; m++) {
    if (weights[m]! < UNLIKELY) continue;
    const member = space.members[m]!;
    const key = member.unlisted ? UNLISTED : (member.name ?? alike[m]!);
    const known = found.get(key);
    if (known) known.probability += weights[m]!;
    else found.set(key, { member: m, probability: weights[m]! });
  }
  return [...found.values()]
    .sort((a, b) => b.probability - a.probability)
    .slice(0, MOST_IDENTITIES)
    .map(({ member, probability }) => {
      const { holds, name, unlisted } = space.members[member]!;
      const against = evidence.filter((_, k) => posterior.unexplained(k, member)).map(({ entry }) => entry.number);
      return { ions: unlisted ? [] : holds, ...(name !== undefined && { name }), probability, against };
    });
}
