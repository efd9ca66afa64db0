/** From probability to the words people write: where an ion, element or group stands. */
import { signsOfTest, testOf } from '../scheme/procedure';
import { stationOf, showsSign } from '../scheme/tests';
import type { Scheme, Sign, StandardTest } from '../scheme/model';
import { type Channel, isNothing } from '../vocabulary/observation';
import { type RecordEntry, signsShown } from './entries';
import { isPlain } from './member';
import { GONE } from './written';
import type { Space } from './space';

export type State = 'open' | 'hinted' | 'indicated' | 'confirmed' | 'ruled-out' | 'conflict';

/** Probability from which on something can be confirmed. */
export const CONFIRMED = 0.99;
const RULED_OUT = 0.01;
export const LIKELY = 0.5;
/** Share of the samples of one thing that show a sign of another, from which on the sign may be owed to it. */
const MOSTLY = 0.5;
const HINTED = 0.1;
/** Decibans above which an entry hints, and above which it speaks for itself. */
const HINTS = 2;
const SPEAKS = 5;
/** Share of the samples that hold something in which a test shows its sign, from which on the sign's absence tells. */
const WOULD_SHOW = 0.93;

const FAINT_CHANNELS: ReadonlySet<Channel> = new Set(['smell', 'solubility', 'soot']);

/** Papers are dipped into the liquid, not held over it. */
const dipsPapers = ({ steps }: StandardTest): boolean => {
  const papers = steps.flatMap((s) => ('op' in s && s.op.op === 'paper' ? [s.op.where] : []));
  return papers.length > 0 && papers.every((where) => where === 'liquid');
};
/** Is a test one of plain looking: at the sample, its solution, its solubility? */
export const isLook = (test: StandardTest, scheme: Scheme): boolean => stationOf(test, scheme) === 'look';

/**
 * A colour, a smell, litmus or solubility is never more than a hint; nor is sodium's flame, which is everywhere, unless a clean wire
 * beside it showed none.
 */
export function isFaint({ scheme }: Pick<Space, 'scheme'>, test: StandardTest, sign: Sign, cleanBlank = false): boolean {
  if (isLook(test, scheme)) return true;
  const yellow = (colour: unknown) => colour === 'yellow' || (Array.isArray(colour) && colour.includes('yellow'));
  const litmus = test.id === 'litmus' || dipsPapers(test);
  return sign.see.every(
    (s) =>
      FAINT_CHANNELS.has(s.channel) ||
      (s.channel === 'flame' && yellow(s.colour) && !cleanBlank) ||
      (s.channel === 'paper' && litmus),
  );
}

const expected = new WeakMap<Space, Map<string, number>>();

const signsOf = (test: string, suspect: string): Sign[] => signsOfTest(test).filter((s) => s.of.includes(suspect));

/**
 * Share of the samples that hold something, each in one bottle, in which a test shows a sign of a suspect whatever the circumstances:
 * of those that hold the suspect itself, or of those that hold another and not the suspect.
 */
function showsSignOf(space: Space, test: string, suspect: string, holder = suspect): number {
  let known = expected.get(space);
  if (!known) expected.set(space, (known = new Map()));
  const key = `${test} ${suspect} ${holder}`;
  let share = known.get(key);
  if (share === undefined) {
    const signs = signsOf(test, suspect);
    let all = 0;
    let showing = 0;
    if (signs.length)
      space.members.forEach((member, m) => {
        const { holds } = member;
        if (!isPlain(member) || !holds.includes(holder) || (holder !== suspect && holds.includes(suspect))) return;
        const weight = Math.exp(space.lnPrior[m]!);
        all += weight;
        if (space.shows(m, test).every((seen) => signs.some((sign) => showsSign(seen, sign)))) showing += weight;
      });
    known.set(key, (share = all ? showing / all : 0));
  }
  return share;
}

/** That a precipitate dissolves is not seen where another is, nor one flame in another. */
function isHidden({ see }: Sign, { observed }: RecordEntry): boolean {
  const isThere = (channel: Channel) => observed.some((o) => o.channel === channel && !isNothing(o));
  const isEasilyHidden = ({ channel, event }: Sign['see'][number]) =>
    channel === 'flame' || (channel === 'precipitate' && [event].flat().every((e) => GONE.has(e)));
  return see.some((o) => isEasilyHidden(o) && isThere(o.channel));
}

/** Would this entry have shown a sign of the suspect, had it been there? */
export function missesItsSign(space: Space, entry: RecordEntry, suspect: string): boolean {
  if (entry.confidence === 'unsure' || showsSignOf(space, entry.test, suspect) < WOULD_SHOW) return false;
  return !signsOf(entry.test, suspect).every((sign) => isHidden(sign, entry)) && !signsShown(entry, suspect).length;
}

export interface Standing {
  readonly id: string;
  readonly probability: number;
  /** The same were the sample none that has a name: no name confirms a group, or rules one out. */
  readonly unnamed: number;
  readonly disputed: boolean;
  /** The others that are as good as found: what they show by themselves proves nothing. */
  readonly beside: readonly string[];
  /** What each entry moved it, decibans. */
  readonly moves: readonly number[];
  /** What each entry says against it, whatever else there is, decibans. */
  readonly against: readonly number[];
}

/** @param entries those that are evidence, in the order of the moves. */
export function stateOf(space: Space, entries: readonly RecordEntry[], standing: Standing): State {
  const { id, probability: p, unnamed, disputed, beside, moves, against } = standing;
  if (disputed) return 'conflict';
  const shown = entries.flatMap((e) =>
    signsShown(e, id).map((sign) => ({
      proves:
        sign.proves && e.confidence !== 'unsure' && !beside.some((other) => showsSignOf(space, e.test, id, other) >= MOSTLY),
      faint: isFaint(space, testOf(e.test)!, sign, e.beside),
    })),
  );
  const firm = shown.filter((s) => !s.faint);
  if (Math.min(p, unnamed) >= CONFIRMED && firm.some((s) => s.proves)) return 'confirmed';
  if (p >= LIKELY && firm.length) return 'indicated';
  // No test has its sign, but several leave nothing else.
  const speaking = entries.filter((e, k) => moves[k]! >= SPEAKS && !isLook(testOf(e.test)!, space.scheme));
  if (p >= CONFIRMED && speaking.length >= 2) return 'indicated';
  if (
    Math.max(p, unnamed) <= RULED_OUT &&
    !shown.length &&
    entries.some((e, k) => against[k]! >= SPEAKS && missesItsSign(space, e, id))
  )
    return 'ruled-out';
  return p > HINTED && (shown.length > 0 || moves.some((d) => d > HINTS)) ? 'hinted' : 'open';
}
