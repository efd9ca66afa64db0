/** How likely a thing that a test shows is mentioned at all, by what it is and what it stands beside. */
import type { StandardTest } from '../scheme/model';
import { fits } from '../scheme/tests';
import { isNothing, type Observation } from '../vocabulary/observation';
import type { Colour, Smell } from '../vocabulary/words';
import { MENTIONED } from './data/rates';

/** What becomes of a solid later, or what of it is left after a part dissolved. */
export type Stage = 'gone' | 'on-the-way' | 'left-over';

const STAGES: Readonly<Record<Stage, number>> = {
  gone: MENTIONED.passed,
  'on-the-way': MENTIONED.onTheWay,
  'left-over': MENTIONED.leftOver,
};

const PALE: ReadonlySet<Colour | undefined> = new Set(['white', 'off-white', 'colourless']);
const hasColour = ({ colour }: Observation) => colour !== undefined && !PALE.has(colour);

export const isReading = (o: Observation): boolean => o.celsius !== undefined;
/** All of it went: that the tube is empty goes without saying. */
const isLeftEmpty = ({ channel, colour }: Observation) => channel === 'solid' && colour === 'none';
const isGas = (o: Observation) => o.channel === 'gas' && o.event === 'evolved';
const isColouredGas = (o: Observation) => isGas(o) && hasColour(o);
const isUnchangedSolid = (o: Observation) => o.channel === 'solid' && o.look !== undefined && o.event === 'unchanged';
const isOneLook = (o: Observation, seen: readonly Observation[]) =>
  o.channel === 'solid' &&
  o.look !== undefined &&
  seen.some((p) => p.channel === 'solid' && p.look !== undefined && p.look !== o.look);
const STINKING: ReadonlySet<Smell | undefined> = new Set(['burning-sulfur', 'rotten-eggs', 'bleach']);
const isStriking = (o: Observation) =>
  (o.smell ?? 'none') !== 'none' ||
  isColouredGas(o) ||
  (o.channel === 'sublimate' && o.event === 'formed') ||
  (o.channel === 'solid' && o.event === 'charred');
/** Does this belong to a sign of what a test looks for? */
export const isSign = (test: StandardTest, o: Observation): boolean =>
  test.signs?.some(({ see }) => see.some((pattern) => fits(o, pattern))) ?? false;

const isOfOtherKind = (o: Observation, p: Observation) =>
  o.channel === 'solid' && p.channel === 'solid' && p.event === o.event && p.look === o.look && p.colour !== o.colour;
/** White grains among coloured ones. */
const isAmong = (o: Observation, seen: readonly Observation[]) =>
  PALE.has(o.colour) && seen.some((p) => isOfOtherKind(o, p) && !PALE.has(p.colour));
/** Coloured grains among others. */
const isOneKind = (o: Observation, seen: readonly Observation[]) =>
  !PALE.has(o.colour) && seen.some((p) => isOfOtherKind(o, p) && !PALE.has(p.colour));
/** One of the colours of a flame that has several. */
const isOneFlame = (o: Observation, seen: readonly Observation[]) =>
  o.channel === 'flame' && seen.some((p) => p.channel === 'flame' && p.colour !== o.colour && !isNothing(p));
/** Sodium's flame, which hides the others. */
const isMasking = ({ colour, duration }: Observation) => colour === 'yellow' && duration === 'lasting';
const isWeaker = (o: Observation, p: Observation) => o.vigour === 'slow' && p.vigour !== undefined && p.vigour !== 'slow';
/** Neither of the two goes without saying: both have a colour, or the one that has is the weaker. */
const areBothSeen = (coloured: Observation, other: Observation) => isColouredGas(other) || isWeaker(coloured, other);
/** One of two gases in one tube, both of which are seen. */
const isOneGas = (o: Observation, seen: readonly Observation[]) =>
  isGas(o) &&
  seen.some(
    (p) => isGas(p) && p.colour !== o.colour && (isColouredGas(o) ? areBothSeen(o, p) : isColouredGas(p) && areBothSeen(p, o)),
  );
/** A precipitate that went into a liquid which now has a colour. */
const isIntoColour = ({ channel, event }: Observation, seen: readonly Observation[]) =>
  channel === 'precipitate' &&
  event === 'dissolved' &&
  seen.some((p) => p.channel === 'solution' && p.event === 'colour-changed' && hasColour(p));

/** The liquid in a test that is about something else. */
function liquidMentioned(test: StandardTest, o: Observation, seen: readonly Observation[]): number {
  const clouded = seen.some((p) => p.channel === 'precipitate' && !isNothing(p));
  if (o.event === undefined) return clouded ? MENTIONED.beside : MENTIONED.asked;
  if (hasColour(o) && isSign(test, o)) return MENTIONED.asked;
  return hasColour(o) && !clouded ? MENTIONED.liquid : MENTIONED.goesWithout;
}

/** A gas, a smell, a paper or a precipitate in a test that is about something else first. */
function besideMentioned(test: StandardTest, o: Observation, seen: readonly Observation[]): number {
  if (o.smell === 'pungent' && seen.some(isColouredGas)) return MENTIONED.goesWithout;
  if (STINKING.has(o.smell)) return MENTIONED.stinking;
  if (isStriking(o)) return MENTIONED.striking;
  return ['gas', 'paper', 'precipitate'].includes(o.channel) && !isSign(test, o) ? MENTIONED.beside : MENTIONED.other;
}

/** @param o something, not nothing. */
export function mentionedIn(test: StandardTest, o: Observation, stage: Stage | undefined, seen: readonly Observation[]): number {
  if (isLeftEmpty(o)) return MENTIONED.nothing;
  if (isReading(o)) return MENTIONED.reading;
  if (stage) return STAGES[stage];
  if (isUnchangedSolid(o)) return MENTIONED.unremarkable;
  if (isOneLook(o, seen)) return isSign(test, o) ? MENTIONED.striking : MENTIONED.oneLook;
  if (isAmong(o, seen)) return MENTIONED.among;
  if (isOneFlame(o, seen)) return isMasking(o) ? MENTIONED.maskingFlame : MENTIONED.oneFlame;
  if (isOneKind(o, seen)) return MENTIONED.oneKind;
  if (isOneGas(o, seen)) return MENTIONED.oneGas;
  if (o.channel === 'gas' && !isColouredGas(o) && seen.some(isColouredGas)) return MENTIONED.goesWithout;
  if (isIntoColour(o, seen)) return MENTIONED.intoColour;
  if (o.channel === test.watch[0]) return MENTIONED.asked;
  return o.channel === 'solution' ? liquidMentioned(test, o, seen) : besideMentioned(test, o, seen);
}
