/** What of that which a test shows is there to be told, and how likely it is mentioned at all. */
import type { StandardTest } from '../scheme/model';
import type { Channel } from '../vocabulary/channels';
import { isNothing, type Observation } from '../vocabulary/observation';
import type { Colour } from '../vocabulary/words';
import { MENTIONED, OVERLOOKED } from './data/rates';
import { isReading, isSign, mentionedIn, type Stage } from './mentioned';

export const QUALIFIERS = ['paper', 'splint', 'zone', 'look', 'through'] as const;
export const qualifierOf = (o: Observation, field: (typeof QUALIFIERS)[number]): string | undefined =>
  o[field] === 'none' ? undefined : o[field];

/** What has to be the same for two observations to be about one thing. */
export const subjectOf = (o: Observation): string =>
  [o.channel, ...QUALIFIERS.map((field) => qualifierOf(o, field) ?? '')].join(' ');

const isWeak = (o: Observation) =>
  o.amount === 'slight' || o.vigour === 'slow' || (o.channel === 'flame' && o.duration === 'flash');
/** A pale blue in a blue flame. */
const isFaint = (o: Observation) => o.channel === 'flame' && o.colour === 'pale-blue';

/** A thing to be seen, in its test. */
export interface Shown {
  readonly o: Observation;
  readonly nothing: boolean;
  /** Belongs to a sign of what the test looks for. */
  readonly sign: boolean;
  /** Of a solid that changes: it is gone later, it is on the way to another, or it is what is left after a part dissolved. */
  readonly stage: Stage | undefined;
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

function weighedIn(test: StandardTest, seen: readonly Observation[]): Shown[] {
  const shown = weighedAsSeen(test, seen);
  return isSensed(test, seen)
    ? [...shown, { o: GAS, nothing: false, sign: false, stage: undefined, mentioned: MENTIONED.sensed, alike: undefined }]
    : shown;
}

/** What is left of a solid after a part of it dissolved: told with that, or instead of it. */
const isLeftOf = (o: Observation, before: Observation) =>
  o.channel === 'precipitate' &&
  before.channel === 'precipitate' &&
  o.event === 'persists' &&
  before.event === 'partly-dissolved' &&
  o.colour === before.colour;

/** What becomes of a solid later, if anything does, or of what it is left. */
function stageOf(o: Observation, i: number, seen: readonly Observation[]): Stage | undefined {
  if (!STAGED.has(o.channel)) return undefined;
  if (seen.some((p, k) => k < i && isLeftOf(o, p))) return 'left-over';
  if (isNothing(o) || o.event === 'unchanged' || o.look !== undefined) return undefined;
  const later = seen.filter((p, k) => k > i && p.channel === o.channel && !isNothing(p) && !isLeftOf(p, o));
  if (!later.length) return undefined;
  if (o.event === 'partly-dissolved') return 'on-the-way';
  return later.some(({ event }) => event === 'dissolved' || event === 'partly-dissolved') ? 'gone' : 'on-the-way';
}

function weighedAsSeen(test: StandardTest, seen: readonly Observation[]): Shown[] {
  return seen.map((o, i) => {
    const nothing = isNothing(o);
    const stage = stageOf(o, i, seen);
    const mentioned = nothing ? MENTIONED.nothing : mentionedIn(test, o, stage, seen);
    return {
      o,
      nothing,
      sign: !nothing && isSign(test, o),
      stage,
      mentioned,
      alike: o.colour && acceptedIn(test).find((set) => set.includes(o.colour!)),
    };
  });
}

export function overlookedOf({ o, stage }: Shown): number {
  if (isReading(o)) return 0;
  if (stage && stage !== 'left-over') return OVERLOOKED.passed;
  if (isFaint(o)) return OVERLOOKED.faint;
  if (o.amount === 'trace') return OVERLOOKED.trace;
  if (o.channel === 'limewater') return OVERLOOKED.led;
  return isWeak(o) ? OVERLOOKED.weak : OVERLOOKED.plain;
}
