/** What a record proves: the posterior over all that the sample may be, and from it the words people write. */
import type { Observation } from '../senses/vocabulary';
import type { Sign } from '../scheme/model';
import { showsSign, testById } from '../scheme/tests';
import { read, SURPRISING, SURPRISING_LOOSE } from './likelihood';
import type { Space } from './space';

export interface RecordEntry {
  /** From 1, as in the ledger. */
  readonly number: number;
  readonly test: string;
  readonly observed: readonly Observation[];
  readonly confidence?: 'sure' | 'unsure';
}

export type State = 'open' | 'hinted' | 'indicated' | 'confirmed' | 'ruled-out' | 'conflict';

export interface Because {
  readonly entry: number;
  /** Ten times the decimal logarithm of how much this entry, after those before it, moved the odds. */
  readonly decibans: number;
  readonly text: string;
}

export interface Candidate {
  readonly id: string;
  readonly state: State;
  readonly probability: number;
  readonly because: readonly Because[];
}

/** What the sample may be as a whole. */
export interface Identity {
  readonly ions: readonly string[];
  readonly name?: string;
  readonly probability: number;
  /** Entries that it would not have shown. */
  readonly against: readonly number[];
}

export interface Conflict {
  /** The entry that the others speak against. */
  readonly entry: number;
  readonly ions: readonly string[];
  readonly against: readonly number[];
  readonly text: string;
}

export interface Inference {
  readonly candidates: readonly Candidate[];
  readonly identities: readonly Identity[];
  readonly conflicts: readonly Conflict[];
  /** Entries that could not be used, and why. */
  readonly unused: readonly { readonly entry: number; readonly why: string }[];
  /** Weight of every member of the space. */
  readonly weights: Float64Array;
}

const SHORTLIST = 10;
const CONFIRMED = 0.99;
const RULED_OUT = 0.01;
const TELLING = 6;
const SPEAKS = 5;
const UNSURE = 0.5;
/** A sample that explains more than this share of the entries poorly is doubted. */
const MISTAKES = 0.01;
const ROUGHLY = -2.5;
const POORLY = Math.log(0.1);
const MOSTLY = 0.6;
const MOST_IDENTITIES = 8;

/** e-folds below the likeliest at which a member no longer counts. */
const NEGLIGIBLE = -35;

function normalised(ln: Float64Array): Float64Array {
  let most = -Infinity;
  for (const v of ln) if (v > most) most = v;
  const out = new Float64Array(ln.length);
  let sum = 0;
  for (let i = 0; i < ln.length; i++) {
    const below = ln[i]! - most;
    if (below > NEGLIGIBLE) sum += out[i] = Math.exp(below);
  }
  for (let i = 0; i < ln.length; i++) out[i]! /= sum;
  return out;
}

const db = (p: number) => (10 / Math.LN10) * Math.log(Math.max(p, 1e-12) / Math.max(1 - p, 1e-12));
const label = (id: string) => testById.get(id)?.title ?? id;

/** The signs of an ion that an entry shows. */
const signsShown = (entry: RecordEntry, ion: string): Sign[] =>
  (testById.get(entry.test)?.signs ?? []).filter((s) => s.of.includes(ion) && showsSign(entry.observed, s));

/**
 * Reads a record against a space. Struck entries are to be left out by the caller.
 * @param rounds how often the likeliest mixtures may be simulated anew while the best of them explains too little.
 */
export function infer(space: Space, record: readonly RecordEntry[], rounds = 1): Inference {
  const unused: { entry: number; why: string }[] = [];
  const entries = record.filter((e) => {
    const why = !testById.has(e.test)
      ? `there is no standard test "${e.test}"`
      : !space.knows(e.test)
        ? 'this test is not one of the school'
        : !e.observed.length
          ? 'nothing was written down'
          : !e.observed.some((o) => testById.get(e.test)!.watch.includes(o.channel))
            ? 'nothing of what was written can be seen in this test'
            : null;
    if (why) unused.push({ entry: e.number, why });
    return !why;
  });

  const { suspects } = space;
  const size = space.members.length;
  const index = new Map(suspects.map((ion, i) => [ion, i]));
  const ionsOf = space.members.map((m) => m.holds.map((ion) => index.get(ion)!));
  const marginal = (weights: Float64Array): Float64Array => {
    const out = new Float64Array(suspects.length);
    for (let m = 0; m < size; m++) {
      const w = weights[m]!;
      if (w > 1e-9) for (const i of ionsOf[m]!) out[i]! += w;
    }
    return out;
  };

  // Fast composition for all; the exact outcomes of the likeliest mixtures then take its place.
  const rows = entries.map((e) => {
    const row = space.likelihoods(e.test, watched(e)).slice();
    if (e.confidence === 'unsure') for (let m = 0; m < size; m++) row[m]! *= UNSURE;
    return row;
  });
  const ln = Float64Array.from(space.lnPrior);
  for (const row of rows) for (let m = 0; m < size; m++) ln[m]! += row[m]!;
  // What two salts make together shows in test after test; for the shortlist no one entry may cost more than this.
  const rough = Float64Array.from(space.lnPrior);
  for (const row of rows) for (let m = 0; m < size; m++) rough[m]! += Math.max(row[m]!, ROUGHLY);
  const simulated = new Map<number, number>();
  for (let round = 0; round < rounds; round++) {
    for (const m of shortlist(space, rough, simulated)) {
      let poor = 0;
      entries.forEach((e, k) => {
        const reading = read(watched(e), space.exact(m, e.test));
        rows[k]![m] = reading.ln * (e.confidence === 'unsure' ? UNSURE : 1);
        if (reading.ln < POORLY) poor++;
      });
      ln[m] = rows.reduce((sum, row) => sum + row[m]!, space.lnPrior[m]!);
      simulated.set(m, poor);
    }
    if ((simulated.get(likeliest(ln)) ?? 0) <= entries.length * MISTAKES) break;
  }
  const weights = normalised(ln);
  const now = marginal(weights);

  // Each entry's weight is what it moved, taken in the order in which they were written.
  const steps: Float64Array[] = [];
  const running = Float64Array.from(space.lnPrior);
  let before = marginal(normalised(running));
  for (const row of rows) {
    for (let m = 0; m < size; m++) running[m]! += row[m]!;
    const after = marginal(normalised(running));
    steps.push(Float64Array.from(suspects, (_, i) => db(after[i]!) - db(before[i]!)));
    before = after;
  }

  const conflicts = findConflicts(space, entries, rows, weights, now, marginal);
  const disputed = new Set(conflicts.flatMap((c) => c.ions));
  const candidates = suspects.map((id, i): Candidate => {
    const probability = now[i]!;
    const because = entries
      .map((e, k) => ({ entry: e.number, decibans: Math.round(steps[k]![i]! * 10) / 10, text: sentence(e, id, steps[k]![i]!) }))
      .filter((b) => Math.abs(b.decibans) >= 0.5);
    return { id, state: stateOf(id, probability, entries, because, disputed), probability, because };
  });
  return { candidates, identities: identitiesOf(space, weights, entries), conflicts, unused, weights };
}

const watched = (e: RecordEntry) => e.observed.filter((o) => testById.get(e.test)!.watch.includes(o.channel));

function likeliest(ln: Float64Array): number {
  let best = 0;
  for (let m = 1; m < ln.length; m++) if (ln[m]! > ln[best]!) best = m;
  return best;
}

/** The likeliest mixtures that were not simulated yet. */
function shortlist(space: Space, ln: Float64Array, simulated: ReadonlyMap<number, unknown>): number[] {
  const top: number[] = [];
  for (let m = 0; m < ln.length; m++) {
    if (!space.members[m]!.composed || simulated.has(m)) continue;
    if (top.length < SHORTLIST || ln[m]! > ln[top.at(-1)!]!) {
      top.push(m);
      top.sort((a, b) => ln[b]! - ln[a]!);
      if (top.length > SHORTLIST) top.pop();
    }
  }
  return top;
}

function stateOf(
  id: string,
  p: number,
  entries: readonly RecordEntry[],
  because: readonly Because[],
  disputed: ReadonlySet<string>,
): State {
  if (disputed.has(id)) return 'conflict';
  const shown = entries.flatMap((e) => signsShown(e, id).map((sign) => ({ sign, sure: e.confidence !== 'unsure' })));
  if (p >= CONFIRMED && shown.some((s) => s.sign.proves && s.sure)) return 'confirmed';
  if (p <= RULED_OUT && because.some((b) => b.decibans < -3)) return 'ruled-out';
  const speaking = because.filter((b) => b.decibans >= SPEAKS);
  if (p >= 0.5 && shown.length) return 'indicated';
  // No test has its sign, but several leave nothing else.
  if (p >= CONFIRMED && speaking.length >= 2) return 'indicated';
  if (p > 0.1 && because.some((b) => b.decibans > 2)) return 'hinted';
  return because.length ? (p <= RULED_OUT ? 'ruled-out' : 'open') : 'open';
}

function sentence(e: RecordEntry, ion: string, decibans: number): string {
  const signs = signsShown(e, ion);
  if (decibans > 0) return signs.length ? `${label(e.test)}: shows its sign.` : `${label(e.test)}: as it would be with it.`;
  return `${label(e.test)}: it would have shown otherwise.`;
}

/** Members of the same holdings and name are one identity, however a salt's ions are paired. */
function identitiesOf(space: Space, weights: Float64Array, entries: readonly RecordEntry[]): Identity[] {
  const found = new Map<string, { member: number; probability: number }>();
  for (let m = 0; m < weights.length; m++) {
    if (weights[m]! < 1e-7) continue;
    const { holds, name } = space.members[m]!;
    const key = name ?? [...holds].sort().join(' ');
    const known = found.get(key);
    if (known) known.probability += weights[m]!;
    else found.set(key, { member: m, probability: weights[m]! });
  }
  return [...found.values()]
    .sort((a, b) => b.probability - a.probability)
    .slice(0, MOST_IDENTITIES)
    .map(({ member, probability }) => {
      const { holds, name } = space.members[member]!;
      const against = entries.filter((e) => read(watched(e), space.exact(member, e.test)).misread).map((e) => e.number);
      return { ions: holds, ...(name !== undefined && { name }), probability, against };
    });
}

/** The likeliest members that together hold most of the probability. */
function weighty(weights: Float64Array): number[] {
  const order = Array.from(weights.keys()).filter((m) => weights[m]! > 1e-5);
  order.sort((a, b) => weights[b]! - weights[a]!);
  let mass = 0;
  const end = order.findIndex((m) => (mass += weights[m]!) >= MOSTLY);
  return order.slice(0, end < 0 ? order.length : end + 1);
}

/** Entries that whatever the sample most likely is did not show: each is against the others. */
function findConflicts(
  space: Space,
  entries: readonly RecordEntry[],
  rows: readonly Float64Array[],
  weights: Float64Array,
  now: Float64Array,
  marginal: (w: Float64Array) => Float64Array,
): Conflict[] {
  const likely = weighty(weights);
  const mass = likely.reduce((sum, m) => sum + weights[m]!, 0);
  const unread = entries.map((e, k) => {
    const scale = e.confidence === 'unsure' ? UNSURE : 1;
    const surprising = (m: number) => Math.log(space.members[m]!.composed ? SURPRISING_LOOSE : SURPRISING) * scale;
    return likely.map((m) => rows[k]![m]! < surprising(m));
  });
  const share = (fits: (i: number) => boolean) => likely.reduce((sum, m, i) => sum + (fits(i) ? weights[m]! : 0), 0) / mass;
  const push = pushes(space, rows, marginal);
  const out: Conflict[] = [];
  entries.forEach((e, k) => {
    if (share((i) => unread[k]![i]!) < MOSTLY) return;
    // Without this entry: what do the others say?
    const ln = new Float64Array(weights.length);
    for (let m = 0; m < ln.length; m++) {
      ln[m] = space.lnPrior[m]!;
      for (let r = 0; r < rows.length; r++) if (r !== k) ln[m]! += rows[r]![m]!;
    }
    const others = marginal(normalised(ln));
    const prior = marginal(normalised(Float64Array.from(space.lnPrior)));
    const ions = space.suspects.filter((_, i) => {
      const says = push(k)[i]!;
      const rest = db(others[i]!) - db(prior[i]!);
      return (
        (says > TELLING && rest < -TELLING && db(others[i]!) > -SETTLED) ||
        (says < -TELLING && rest > TELLING && db(now[i]!) < SETTLED)
      );
    });
    if (!ions.length) return;
    const at = ions.map((ion) => space.suspects.indexOf(ion));
    const against = entries
      .filter((_, r) => r !== k && at.some((i) => opposed(push(r)[i]!, push(k)[i]!, SPOKEN)))
      .map((x) => x.number);
    out.push({
      entry: e.number,
      ions,
      against,
      text: `Entry ${e.number} (${label(e.test)}) does not go with ${against.length ? `entry ${against.join(', ')}` : 'the rest'}.`,
    });
  });
  return out.length ? out : pairsAtOdds(space, entries, unread, share, now, push);
}

/** Each of the two is explained only by what leaves the other unexplained by this share of the probability, at least. */
const EITHER = 0.15;

/** Two entries of which whatever the sample most likely is explains one and not the other. */
function pairsAtOdds(
  space: Space,
  entries: readonly RecordEntry[],
  unread: readonly (readonly boolean[])[],
  share: (fits: (i: number) => boolean) => number,
  now: Float64Array,
  push: (k: number) => Float64Array,
): Conflict[] {
  const suspects = entries.map((_, k) => k).filter((k) => share((i) => unread[k]![i]!) >= EITHER);
  const out: Conflict[] = [];
  for (const l of suspects)
    for (const k of suspects) {
      if (k >= l || share((i) => unread[k]![i] !== unread[l]![i]) < MOSTLY) continue;
      const ions = space.suspects.filter((_, i) => now[i]! > RULED_OUT && opposed(push(k)[i]!, push(l)[i]!, TELLING));
      const [e, against] = [entries[l]!, entries[k]!.number];
      if (ions.length)
        out.push({
          entry: e.number,
          ions,
          against: [against],
          text: `Entry ${e.number} (${label(e.test)}) does not go with entry ${against}.`,
        });
    }
  return out;
}

/** Beyond this, in decibans, what the other entries say outweighs one that differs. */
const SETTLED = 35;

/** Decibans above which an entry is taken to speak of a suspect at all. */
const SPOKEN = 3;

const opposed = (a: number, b: number, least: number) => a * b < 0 && Math.min(Math.abs(a), Math.abs(b)) >= least;

/** What each entry alone says for or against each suspect, decibans; worked out when asked for. */
function pushes(
  space: Space,
  rows: readonly Float64Array[],
  marginal: (w: Float64Array) => Float64Array,
): (k: number) => Float64Array {
  const prior = marginal(normalised(Float64Array.from(space.lnPrior)));
  const known: Float64Array[] = [];
  return (k) =>
    (known[k] ??= marginal(normalised(Float64Array.from(rows[k]!, (v, m) => v + space.lnPrior[m]!))).map(
      (p, i) => db(p) - db(prior[i]!),
    ));
}
