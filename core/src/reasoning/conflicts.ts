/** Entries that cannot all be right. */
import { testOf, titleOfTest } from '../scheme/procedure';
import { mayShow, shownBy, signsShown } from './entries';
import { decibans, type Posterior } from './posterior';
import { placeOfMost } from './rows';
import { isLook, missesItsSign } from './states';

export interface Conflict {
  /** The entry that the others speak against. */
  readonly entry: number;
  readonly ions: readonly string[];
  readonly against: readonly number[];
  readonly text: string;
}

/** The share of the probability that speaks for what the sample most likely is. */
const MOSTLY = 0.6;
/** Each of two is explained only by what leaves the other unexplained by this share of the probability, at least. */
const EITHER = 0.15;
/** Decibans above which an entry is taken to speak of a suspect at all, and to say something that tells. */
const SPOKEN = 3;
const TELLING = 6;
/** Decibans with which each of two entries has to speak for them to be at odds. */
const AT_ODDS = 9;
/** Beyond this, in decibans, what the other entries say outweighs one that differs. */
const SETTLED = 35;
/** A suspect less likely than this is out of the question. */
const OUT = 0.01;

/** The likeliest members that together hold most of the probability. */
function weighty(weights: Float64Array): number[] {
  const order: number[] = [];
  for (let m = 0; m < weights.length; m++) if (weights[m]! > 1e-5) order.push(m);
  order.sort((a, b) => weights[b]! - weights[a]!);
  let mass = 0;
  const end = order.findIndex((m) => (mass += weights[m]!) >= MOSTLY);
  return order.slice(0, end < 0 ? order.length : end + 1);
}

const opposed = (a: number, b: number, least: number) => a * b < 0 && Math.min(Math.abs(a), Math.abs(b)) >= least;

/** Which entries the likeliest possibilities leave unexplained. */
class Unexplained {
  private readonly likely: readonly number[];
  private readonly mass: number;
  private readonly unread: readonly (readonly boolean[])[];

  constructor(private readonly posterior: Posterior) {
    const { weights, evidence } = posterior;
    this.likely = weighty(weights);
    this.mass = this.likely.reduce((sum, m) => sum + weights[m]!, 0);
    this.unread = evidence.map((_, k) => this.likely.map((m) => posterior.unexplained(k, m)));
  }

  private share(fits: (i: number) => boolean): number {
    const { weights } = this.posterior;
    return this.likely.reduce((sum, m, i) => sum + (fits(i) ? weights[m]! : 0), 0) / this.mass;
  }

  /** Share of the probability that leaves an entry unexplained. */
  of(k: number): number {
    return this.share((i) => this.unread[k]![i]!);
  }

  /** Share of the probability that explains just one of two. */
  oneOf(k: number, l: number): number {
    return this.share((i) => this.unread[k]![i] !== this.unread[l]![i]);
  }
}

const conflictAt = (posterior: Posterior, k: number, ions: readonly string[], against: readonly number[]): Conflict => {
  const { number, test } = posterior.evidence[k]!.entry;
  const rest = against.length ? `entry ${against.join(', ')}` : 'the rest';
  return { entry: number, ions, against, text: `Entry ${number} (${titleOfTest(test)}) does not go with ${rest}.` };
};

/** Entries that whatever the sample most likely is did not show, each against the others; failing these, pairs at odds. */
export function conflictsIn(posterior: Posterior): Conflict[] {
  const unexplained = new Unexplained(posterior);
  const alone = posterior.evidence.flatMap((_, k) => (unexplained.of(k) < MOSTLY ? [] : (againstTheRest(posterior, k) ?? [])));
  const found = alone.length ? alone : pairsAtOdds(posterior, unexplained);
  const more = [oneMoreOrMistaken(posterior), ...signsOfOthers(posterior)].flatMap((c) => c ?? []);
  return more.reduce((all, c) => (all.some((known) => known.entry === c.entry) ? all : [...all, c]), found);
}

/** So many times as likely, at least, is an entry of something else than of what the sample most likely is. */
const MISFIT = 1.7;
/** What is at least so likely is taken to be there. */
const LEADING = 0.4;
const MOST_NAMED = 3;

/** What is taken to be there. */
const heldIn = ({ space, now }: Posterior): readonly string[] => space.suspects.filter((_, i) => now[i]! >= LEADING);

/** Entries that show a sign of something that the likeliest does not hold, and none of what it holds. */
function signsOfOthers(posterior: Posterior): Conflict[] {
  const { space, weights, evidence } = posterior;
  const top = placeOfMost(weights);
  const { holds } = space.members[top]!;
  if (!holds.length) return [];
  return evidence.flatMap(({ entry, p }, k) => {
    if (entry.confidence === 'unsure') return [];
    const shown = shownBy(entry);
    // A shade of the sample or of its solution disputes nothing by itself.
    if (!shown.length || mayShow(entry, holds) || isLook(testOf(entry.test)!, space.scheme)) return [];
    const best = space.members.reduce((most, member, m) => (member.composed ? most : Math.max(most, p[m]!)), 0);
    if (best < MISFIT * p[posterior.itself(top)]!) return [];
    const push = posterior.push(k);
    const ions = shown
      .map((id) => ({ id, push: push[space.suspects.indexOf(id)]! }))
      .filter(({ push }) => push > SPOKEN)
      .sort((a, b) => b.push - a.push)
      .slice(0, MOST_NAMED)
      .map(({ id }) => id);
    if (!ions.length) return [];
    const places = ions.map((id) => space.suspects.indexOf(id));
    const against = evidence
      .filter((_, r) => r !== k && places.some((i) => posterior.push(r)[i]! < -SPOKEN))
      .map((e) => e.entry.number);
    return [conflictAt(posterior, k, ions, against)];
  });
}

function againstTheRest(posterior: Posterior, k: number): Conflict | null {
  const { space, evidence, prior, now } = posterior;
  const others = posterior.without(k);
  const says = posterior.push(k);
  const rest = space.suspects.map((_, i) => decibans(others[i]!) - decibans(prior[i]!));
  const { entry } = evidence[k]!;
  const denied = [...space.suspects.keys()].filter(
    (i) =>
      says[i]! < -TELLING && rest[i]! > TELLING && decibans(now[i]!) < SETTLED && missesItsSign(space, entry, space.suspects[i]!),
  );
  // An entry that shows what is there, and lacks nothing that it should show, disputes nothing.
  if (!denied.length && mayShow(entry, heldIn(posterior))) return null;
  const disputed = [...space.suspects.keys()].filter((i) => denied.includes(i) || (says[i]! > TELLING && rest[i]! < -TELLING));
  // What it says most of all is at odds with the rest as well, though nothing denies it outright.
  const most = [...space.suspects.keys()]
    .filter((i) => says[i]! > SPOKEN && now[i]! < LEADING)
    .sort((a, b) => says[b]! - says[a]!)
    .slice(0, 1);
  const ions = disputed.every((i) => says[i]! > 0) ? [...new Set([...most, ...disputed])] : disputed;
  if (!ions.length) return null;
  const against = evidence
    .filter((_, r) => r !== k && ions.some((i) => opposed(posterior.push(r)[i]!, says[i]!, SPOKEN)))
    .map(({ entry }) => entry.number);
  return conflictAt(
    posterior,
    k,
    ions.map((i) => space.suspects[i]!),
    against,
  );
}

/** So much less likely, at most, is what does without an ion but for a mistake. */
const WORTH_A_DOUBT = 20;
/** So much less likely, at most, is what is about as likely. */
const CLOSE = 3;
/** More entries than this, and it is no single mistake. */
const MISTAKEN = 1;

/** The likeliest holds one thing more than another would, which takes a single entry for a mistake. */
function oneMoreOrMistaken(posterior: Posterior): Conflict | null {
  const { space, weights, evidence } = posterior;
  const top = placeOfMost(weights);
  const held = space.members[top]!.holds;
  const fewer = space.members.reduce<number | undefined>((best, { holds }, m) => {
    if (holds.length === 0 || holds.length >= held.length || weights[m]! * WORTH_A_DOUBT < weights[top]!) return best;
    if (!holds.every((id) => held.includes(id))) return best;
    return best === undefined || weights[m]! > weights[best]! ? m : best;
  }, undefined);
  if (fewer === undefined) return null;
  const mistaken = [...evidence.keys()].filter((k) => posterior.unexplained(k, fewer) && !posterior.unexplained(k, top));
  if (!mistaken.length || mistaken.length > MISTAKEN) return null;
  const { entry } = evidence[mistaken[0]!]!;
  const ions = held.filter((id) => !space.members[fewer]!.holds.includes(id));
  // What a test proves is no mistake until something speaks against it, or a mistake is about as likely.
  const close = weights[fewer]! * CLOSE >= weights[top]!;
  if (!close && ions.some((id) => signsShown(entry, id).some((s) => s.proves))) return null;
  const places = ions.map((id) => space.suspects.indexOf(id));
  const against = evidence
    .filter((_, r) => r !== mistaken[0] && places.some((i) => posterior.push(r)[i]! < -SPOKEN))
    .map(({ entry }) => entry.number);
  return conflictAt(posterior, mistaken[0]!, ions, against);
}

/** Two entries of which whatever the sample most likely is explains one and not the other. */
function pairsAtOdds(posterior: Posterior, unexplained: Unexplained): Conflict[] {
  const { space, evidence, now } = posterior;
  const doubtful = [...evidence.keys()].filter((k) => unexplained.of(k) >= EITHER);
  return doubtful.flatMap((l) =>
    doubtful.flatMap((k) => {
      if (k >= l || unexplained.oneOf(k, l) < MOSTLY) return [];
      const [a, b] = [posterior.push(k), posterior.push(l)];
      const ions = space.suspects.filter((_, i) => now[i]! > OUT && opposed(a[i]!, b[i]!, AT_ODDS));
      return ions.length ? [conflictAt(posterior, l, ions, [evidence[k]!.entry.number])] : [];
    }),
  );
}
