/** What is written down of which there was nothing to be seen: how often, and in which words. */
import { type Channel, channelRow, eventsOf } from '../vocabulary/channels';
import type { Observation } from '../vocabulary/observation';
import { AMOUNTS, type Colour, SMELLS, TEXTURES, VIGOURS } from '../vocabulary/words';
import { IMAGINED, IMAGINED_ELSE, RIGHT, SODIUM_FLAME, WRITTEN } from './data/rates';
import { qualifierOf } from './shown';
import { amountIs, anyColour, lightOf, vigourIs } from './words';
import { colourWritten, eventWritten, field, QUALIFIERS_OF, SCALE_CELSIUS, SCALE_PH, SCALE_VALUE } from './written';

export const imaginedIn = (channel: Channel): number => IMAGINED[channel] ?? IMAGINED_ELSE;

/** What can be said to have happened, where something did. */
export const happeningsOf = (channel: Channel): readonly string[] =>
  eventsOf(channel).filter((e) => e !== 'none' && e !== 'unchanged');

/** Probability of the colour of something of which there was nothing. */
export function imaginedColour(word: Colour, of: Pick<Observation, 'channel' | 'look'>): number {
  const any = anyColour(word, lightOf(of));
  if (of.channel !== 'flame') return any;
  const sodium = word === 'yellow' ? SODIUM_FLAME.imagined : 0;
  return sodium + (1 - SODIUM_FLAME.imagined) * any;
}

interface Supposed {
  readonly name: 'texture' | 'amount' | 'vigour' | 'duration' | 'clarity';
  readonly rate: number;
  readonly words: readonly string[];
  says(word: string): number;
}

/** How something is told of which there was nothing: as faint as can be. */
export const SUPPOSED: readonly Supposed[] = [
  { name: 'texture', rate: WRITTEN.texture, words: TEXTURES, says: () => 1 / TEXTURES.length },
  { name: 'amount', rate: WRITTEN.traceAmount, words: AMOUNTS, says: (word) => amountIs(word, 'trace') },
  { name: 'vigour', rate: WRITTEN.vigour, words: VIGOURS, says: (word) => vigourIs(word, 'slow') },
  {
    name: 'duration',
    rate: WRITTEN.duration,
    words: ['flash', 'lasting'],
    says: (word) => (word === 'flash' ? RIGHT.duration : 1 - RIGHT.duration),
  },
  { name: 'clarity', rate: WRITTEN.clarity, words: ['clear', 'cloudy'], says: () => 1 / 2 },
];

/** Is a pH read off it? */
export const hasScale = (o: Observation): boolean => o.paper === 'universal-indicator';

const wordsBefore = new WeakMap<Observation, number>();

/** Probability of the words for something of which there was nothing. */
export function wordsForNothing(r: Observation): number {
  let p = wordsBefore.get(r);
  if (p === undefined) wordsBefore.set(r, (p = wordsWeighed(r)));
  return p;
}

function wordsWeighed(r: Observation): number {
  let p = 1;
  const { fields } = channelRow(r.channel);
  const events = happeningsOf(r.channel);
  if (events.length) p *= field(eventWritten(r.channel), r.event, () => 1 / events.length);
  if ('colour' in fields) p *= field(colourWritten({ channel: r.channel }), r.colour, () => imaginedColour(r.colour!, r));
  if (r.smell !== undefined) p /= SMELLS.length - 1;
  for (const { name, rate, says } of SUPPOSED) if (name in fields) p *= field(rate, r[name], () => says(r[name]!));
  for (const { name, words } of QUALIFIERS_OF.get(r.channel)!)
    p *= field(WRITTEN.qualifier, qualifierOf(r, name), () => 1 / words.length);
  if (r.celsius !== undefined) p /= SCALE_CELSIUS;
  if (r.value !== undefined) p /= SCALE_VALUE;
  if (hasScale(r)) p *= field(WRITTEN.pH, r.pH, () => 1 / SCALE_PH);
  else if (r.pH !== undefined) p /= SCALE_PH;
  return p;
}
