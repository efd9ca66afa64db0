/** What of that which a test shows is there to be told, and how likely it is mentioned at all. */
import type { StandardTest } from '../scheme/model';
import type { Channel } from '../vocabulary/channels';
import { isNothing, type Observation } from '../vocabulary/observation';
import type { Colour } from '../vocabulary/words';
import { MENTIONED, OVERLOOKED } from './data/rates';

export const QUALIFIERS = ['paper', 'splint', 'zone', 'look', 'through'] as const;
export const qualifierOf = (o: Observation, field: (typeof QUALIFIERS)[number]): string | undefined =>
  o[field] === 'none' ? undefined : o[field];

/** What has to be the same for two observations to be about one thing. */
export const subjectOf = (o: Observation): string =>
  [o.channel, ...QUALIFIERS.map((field) => qualifierOf(o, field) ?? '')].join(' ');

const PALE: ReadonlySet<Colour | undefined> = new Set(['white', 'off-white', 'colourless']);

const isWeak = (o: Observation) =>
  o.amount === 'slight' || o.vigour === 'slow' || (o.channel === 'flame' && o.duration === 'flash');
/** A pale blue in a blue flame. */
const isFaint = (o: Observation) => o.channel === 'flame' && o.colour === 'pale-blue';
const isUnremarkable = (o: Observation) =>
  (o.channel === 'solution' && o.clarity !== 'cloudy' && (o.event === 'unchanged' || !o.colour || o.colour === 'colourless')) ||
  (o.channel === 'solid' && o.look !== undefined && o.event === 'unchanged');
const isStriking = ({ channel, event, colour, smell }: Observation) =>
  (smell ?? 'none') !== 'none' ||
  (channel === 'gas' && (colour ?? 'colourless') !== 'colourless') ||
  (channel === 'sublimate' && event === 'formed') ||
  (channel === 'solid' && event === 'charred');
const hasColour = ({ colour }: Observation) => colour !== undefined && !PALE.has(colour);
/** A precipitate that went into a liquid which now has a colour. */
const isIntoColour = ({ channel, event }: Observation, seen: readonly Observation[]) =>
  channel === 'precipitate' &&
  event === 'dissolved' &&
  seen.some((p) => p.channel === 'solution' && p.event === 'colour-changed' && hasColour(p));
/** All of it went: that the tube is empty goes without saying. */
const isLeftEmpty = ({ channel, colour }: Observation) => channel === 'solid' && colour === 'none';

/** A thing to be seen, in its test. */
export interface Shown {
  readonly o: Observation;
  readonly nothing: boolean;
  /** Of the stages of a solid, one passed through (it is gone, or became another), or what is left after a part dissolved. */
  readonly passed?: 'gone' | 'on-the-way' | 'left-over';
  readonly mentioned: number;
  readonly alike: readonly Colour[] | undefined;
}

const accepted = new WeakMap<StandardTest, readonly (readonly Colour[])[]>();
/** Words for colours that a sign of the test takes for the same. */
function acceptedIn(test: StandardTest): readonly (readonly Colour[])[] {
  let sets = accepted.get(test);
  if (!sets) {
    sets = (test.signs ?? []).flatMap((sign) =>
      sign.see.flatMap(({ colour }) => (Array.isArray(colour) && colour.length > 1 ? [colour as Colour[]] : [])),
    );
    accepted.set(test, sets);
  }
  return sets;
}

const STAGED: ReadonlySet<Channel> = new Set(['precipitate', 'solution', 'solid']);

/** Things by their channel, in the order in which the channels come up. */
export type ByChannel<T> = ReadonlyMap<Channel, readonly T[]>;

export function byChannel<T>(list: readonly T[], channelOf: (t: T) => Channel): ByChannel<T> {
  const out = new Map<Channel, T[]>();
  for (const t of list) {
    const known = out.get(channelOf(t));
    if (known) known.push(t);
    else out.set(channelOf(t), [t]);
  }
  return out;
}

interface ShownInTest {
  readonly test: string;
  readonly shown: readonly Shown[];
  readonly byChannel: ByChannel<Shown>;
}

const shownBefore = new WeakMap<readonly Observation[], ShownInTest>();

export function shownByChannel(test: StandardTest, seen: readonly Observation[]): ShownInTest {
  let before = shownBefore.get(seen);
  if (before?.test !== test.id) {
    const shown = weighedIn(test, seen);
    before = { test: test.id, shown, byChannel: byChannel(shown, (s) => s.o.channel) };
    shownBefore.set(seen, before);
  }
  return before;
}

export const shownIn = (test: StandardTest, seen: readonly Observation[]): readonly Shown[] => shownByChannel(test, seen).shown;

/** Gas that was smelled, or that did something to what was held over it, is a gas that came off, though no bubbles were seen. */
const GAS: Observation = { channel: 'gas', event: 'evolved', colour: 'colourless' };
const SENSED: ReadonlySet<Channel> = new Set(['smell', 'limewater', 'fumes', 'splint']);
const isSensed = (test: StandardTest, seen: readonly Observation[]) =>
  test.watch.includes('gas') &&
  !seen.some((o) => o.channel === 'gas') &&
  seen.some((o) => SENSED.has(o.channel) && !isNothing(o));

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
  o.channel === 'flame' && !isNothing(o) && seen.some((p) => p.channel === 'flame' && p.colour !== o.colour && !isNothing(p));

function weighedIn(test: StandardTest, seen: readonly Observation[]): Shown[] {
  const shown = weighedAsSeen(test, seen);
  return isSensed(test, seen) ? [...shown, { o: GAS, nothing: false, mentioned: MENTIONED.sensed, alike: undefined }] : shown;
}

const isReading = (o: Observation) => o.celsius !== undefined;

const STAGE_MENTIONED = { gone: MENTIONED.passed, 'on-the-way': MENTIONED.onTheWay, 'left-over': MENTIONED.leftOver };

function mentionedIn(
  test: StandardTest,
  { o, nothing, passed }: Pick<Shown, 'o' | 'nothing'> & { readonly passed: Shown['passed'] | undefined },
  seen: readonly Observation[],
) {
  if (nothing || isLeftEmpty(o)) return MENTIONED.nothing;
  if (isReading(o)) return MENTIONED.reading;
  if (passed) return STAGE_MENTIONED[passed];
  if (isUnremarkable(o)) return MENTIONED.unremarkable;
  if (isAmong(o, seen)) return MENTIONED.among;
  if (isOneFlame(o, seen)) return MENTIONED.oneFlame;
  if (isOneKind(o, seen)) return MENTIONED.oneKind;
  if (isIntoColour(o, seen)) return MENTIONED.intoColour;
  if (o.channel === test.watch[0]) return MENTIONED.asked;
  return isStriking(o) ? MENTIONED.striking : MENTIONED.other;
}

/** What is left of a solid after a part of it dissolved: told with that, or instead of it. */
const isLeftOf = (o: Observation, before: Observation) =>
  o.channel === 'precipitate' &&
  before.channel === 'precipitate' &&
  o.event === 'persists' &&
  before.event === 'partly-dissolved' &&
  o.colour === before.colour;

/** How a stage of a solid was passed by later ones, if it was. */
function passedBy(o: Observation, then: readonly Observation[]): Shown['passed'] {
  if (isNothing(o) || !STAGED.has(o.channel) || o.event === 'unchanged' || o.look !== undefined) return undefined;
  const later = then.filter((p) => p.channel === o.channel && !isNothing(p) && !isLeftOf(p, o));
  if (!later.length) return undefined;
  if (o.event === 'partly-dissolved') return 'on-the-way';
  return later.some(({ event }) => event === 'dissolved' || event === 'partly-dissolved') ? 'gone' : 'on-the-way';
}

function weighedAsSeen(test: StandardTest, seen: readonly Observation[]): Shown[] {
  return seen.map((o, i) => {
    const nothing = isNothing(o);
    const passed = seen.slice(0, i).some((p) => isLeftOf(o, p)) ? 'left-over' : passedBy(o, seen.slice(i + 1));
    const mentioned = mentionedIn(test, { o, nothing, passed }, seen);
    return {
      o,
      nothing,
      ...(passed && { passed }),
      mentioned,
      alike: o.colour && acceptedIn(test).find((set) => set.includes(o.colour!)),
    };
  });
}

export function overlookedOf({ o, passed }: Shown): number {
  if (isReading(o)) return 0;
  if (passed && passed !== 'left-over') return OVERLOOKED.passed;
  if (isFaint(o)) return OVERLOOKED.faint;
  if (o.amount === 'trace') return OVERLOOKED.trace;
  return isWeak(o) ? OVERLOOKED.weak : OVERLOOKED.plain;
}
