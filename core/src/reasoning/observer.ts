/** Someone who looks and writes: how likely a record is of what was shown. `student` draws records from the same model. */
import type { StandardTest } from '../scheme/model';
import { type Channel, channelRow } from '../vocabulary/channels';
import { isNothing, type Observation } from '../vocabulary/observation';
import { AMOUNTS, type Colour, TEXTURES, VIGOURS } from '../vocabulary/words';
import {
  AS_BLANK,
  BORROWED,
  LAYER_AS_LIQUID,
  NOTHING_SAID,
  READINGS,
  SODIUM_FLAME,
  TOLD_AGAIN,
  UNASKED,
  WRITTEN,
  RIGHT,
} from './data/rates';
import { isAsBlank, saysNothing } from './blank';
import { imaginedIn, wordsForNothing } from './imagined';
import { isBareLayer, layersMeant } from './layer-as-liquid';
import { type ByChannel, byChannel, overlookedOf, QUALIFIERS, qualifierOf, type Shown, shownByChannel } from './shown';
import { amountIs, anyColour, colourIs, eventIs, lightOf, smellIs, textureIs, vigourIs } from './words';
import {
  amountWritten,
  colourWritten,
  eventWritten,
  field,
  GONE,
  QUALIFIERS_OF,
  SCALE_CELSIUS,
  SCALE_PH,
  SCALE_VALUE,
} from './written';

/** More things of one channel than these are not weighed one by one. */
const MOST_TOLD = 5;
const MOST_SHOWN = 6;

const bell = (off: number, spread: number) => Math.exp(-0.5 * (off / spread) ** 2) / (spread * Math.sqrt(2 * Math.PI));
/** Of an instrument in its own unit, of a titration as a share of its value. By judgement. */
export const spreadOf = (of: Observation['event'], value: number): number =>
  of === 'refractive-index' ? 0.003 : of === 'density' ? 0.015 : 0.025 * value;

/** Probability of a pH that is read off a paper. */
export const paperReadAs = (pH: number, was: number): number =>
  (1 - READINGS.wrong) * bell(pH - was, READINGS.pH) + READINGS.wrong / SCALE_PH;

/** How often a thermometer is read carelessly, and by how many °C it is off then. */
export const carelessOf = ({ event }: Observation) => (event === 'decomposes' ? READINGS.decomposing : READINGS.careless);

/** Probability of a reading so many °C off. */
function readingIs(off: number, careless: { readonly rate: number; readonly celsius: number }): number {
  const { celsius, wrong } = READINGS;
  const careful = 1 - careless.rate - wrong;
  return careful * bell(off, celsius) + careless.rate * bell(off, careless.celsius) + wrong / SCALE_CELSIUS;
}

/** The same of a field of which nothing was to be seen. */
const unasked = (rate: number, written: unknown, words: readonly string[]): number =>
  field(UNASKED * rate, written, () => 1 / words.length);

type Words = Pick<Shown, 'alike'> & { readonly p: number };
const wordsBefore = new WeakMap<Observation, WeakMap<Observation, Words>>();

/** Probability of the words for something that was shown and noticed. */
function wordsFor(r: Observation, shown: Shown): number {
  let of = wordsBefore.get(r);
  if (!of) wordsBefore.set(r, (of = new WeakMap()));
  const before = of.get(shown.o);
  if (before && before.alike === shown.alike) return before.p;
  const p = wordsWeighed(r, shown);
  of.set(shown.o, { alike: shown.alike, p });
  return p;
}

function wordsWeighed(r: Observation, { o: s, alike }: Shown): number {
  let p = 1;
  for (const { name, words } of QUALIFIERS_OF.get(s.channel)!) {
    const [told, was] = [qualifierOf(r, name), qualifierOf(s, name)];
    if (was === undefined) p *= field(UNASKED * WRITTEN.qualifier, told, () => 1 / words.length);
    else if (told === undefined) p *= 1 - WRITTEN.qualifier;
    else if (told === was) p *= WRITTEN.qualifier;
    else return 0;
  }
  if (s.event !== undefined) p *= field(eventWritten(s.channel), r.event, () => eventIs(s.channel, r.event!, s.event!));
  if (s.colour !== undefined) p *= field(colourWritten(r), r.colour, () => colourTold(r.colour!, r.event, s, alike));
  else if (r.colour !== undefined) p *= 0.3 * anyColour(r.colour, lightOf(s));
  const { texture, amount, vigour } = s;
  const { fields } = channelRow(s.channel);
  if (texture) p *= field(WRITTEN.texture, r.texture, () => textureIs(r.texture!, texture));
  else if ('texture' in fields) p *= unasked(WRITTEN.texture, r.texture, TEXTURES);
  if (amount) p *= field(amountWritten(amount), r.amount, () => amountIs(r.amount!, amount));
  else if ('amount' in fields) p *= unasked(WRITTEN.amount, r.amount, AMOUNTS);
  if (vigour) p *= field(WRITTEN.vigour, r.vigour, () => vigourIs(r.vigour!, vigour));
  else if ('vigour' in fields) p *= unasked(WRITTEN.vigour, r.vigour, VIGOURS);
  if (s.smell !== undefined && r.smell !== undefined) p *= smellIs(r.smell, s.smell);
  if (s.clarity !== undefined)
    p *= field(WRITTEN.clarity, r.clarity, () => (r.clarity === s.clarity ? RIGHT.clarity : 1 - RIGHT.clarity));
  if (s.duration !== undefined)
    p *= field(WRITTEN.duration, r.duration, () => (r.duration === s.duration ? RIGHT.duration : 1 - RIGHT.duration));
  if (s.celsius !== undefined && r.celsius !== undefined)
    p *= readingIs((r.to ?? r.celsius) - (s.to ?? s.celsius), carelessOf(s));
  else if (r.celsius !== undefined) p /= SCALE_CELSIUS;
  if (s.value !== undefined && r.value !== undefined) {
    const spread = spreadOf(s.event, s.value);
    p *= (1 - READINGS.wrong) * bell(r.value - s.value, spread) * spread + READINGS.wrong / SCALE_VALUE;
  }
  if (s.pH !== undefined) p *= field(WRITTEN.pH, r.pH, () => paperReadAs(r.pH!, s.pH!));
  return p;
}

/** Probability of the colour that is told: of what dissolved, that of some stage before. */
export function colourTold(
  written: Colour,
  event: Observation['event'],
  s: Observation,
  alike: readonly Colour[] | undefined,
): number {
  const seen = colourSeen(written, s, alike);
  return GONE.has(event) ? (seen + anyColour(written, lightOf(s))) / 2 : seen;
}

function colourSeen(written: Colour, s: Observation, alike: readonly Colour[] | undefined): number {
  const plain = s.colour === 'none' ? anyColour(written, lightOf(s)) : colourIs(written, s.colour!, lightOf(s), alike);
  if (s.channel !== 'flame' || s.through === 'cobalt-glass') return plain;
  const hidden = s.duration === 'lasting' ? SODIUM_FLAME.lasting : SODIUM_FLAME.weak;
  return (1 - hidden) * plain + (written === 'yellow' ? hidden : 0);
}

/** Probability that a thing, once mentioned, is told so. */
function told(r: Observation, s: Shown): number {
  const imagined = imaginedIn(r.channel);
  if (isNothing(r)) {
    if (!s.nothing) return overlookedOf(s);
    for (const name of QUALIFIERS) {
      const [a, b] = [qualifierOf(r, name), qualifierOf(s.o, name)];
      if (a !== undefined && b !== undefined && a !== b) return 0;
    }
    return 1 - imagined;
  }
  if (s.nothing) return imagined * wordsForNothing(r);
  // What the test looks for is not said to have left things unchanged, but by who did not see it.
  if (s.sign && saysNothing(r)) return overlookedOf(s);
  return (1 - overlookedOf(s)) * wordsFor(r, s);
}

/** Liquid and precipitate in one tube, whose colours are told of each other. */
const TUBE: ReadonlySet<Channel> = new Set(['solution', 'precipitate']);

/** Probability that the colour of what stands beside it was told so. */
function borrowed(r: Observation, beside: readonly Observation[]): number {
  if (!TUBE.has(r.channel) || r.colour === undefined) return 0;
  const near = beside.filter(
    (o) => TUBE.has(o.channel) && o.channel !== r.channel && o.colour !== undefined && o.colour !== 'colourless',
  );
  return near.reduce((sum, o) => sum + (BORROWED / near.length) * colourIs(r.colour!, o.colour!, lightOf(o)), 0);
}

/** Probability of all that is told of one channel: over every way in which it may belong to what was shown. */
function ofChannel(
  channel: Channel,
  list: readonly Observation[],
  shown: readonly Shown[],
  beside: readonly Observation[],
  hidden: number,
): number {
  const things = shown.slice(0, MOST_SHOWN);
  const records = list.slice(0, MOST_TOLD);
  const imagined = imaginedIn(channel);
  const silent = things.length ? 0 : NOTHING_SAID;
  const mentioned = things.map((s) => (s.nothing ? s.mentioned : s.mentioned * (1 - hidden)));
  if (!records.length) return (1 - imagined) * (1 - silent) * mentioned.reduce((p, m) => p * (1 - m), 1);
  const words = records.map((r) => things.map((s) => told(r, s)));
  const alone = records.map((r) => (isNothing(r) ? silent / (1 - silent) : imagined * wordsForNothing(r) + borrowed(r, beside)));
  const times = new Int8Array(things.length);
  const first = new Float64Array(things.length);
  // Told once more in the same words, a thing is told once.
  const factor = (m: number, k: number) => {
    if (times[k] === 0) return 1 - m;
    return m * (times[k] === 1 ? 1 - TOLD_AGAIN + TOLD_AGAIN * first[k]! : 2 * TOLD_AGAIN);
  };
  const assign = (i: number): number => {
    if (i === records.length) return mentioned.reduce((p, m, k) => p * factor(m, k), 1);
    let sum = alone[i]! * assign(i + 1);
    for (let k = 0; k < things.length; k++) {
      const p = words[i]![k]!;
      if (p <= 0 || times[k]! >= 2) continue;
      if (times[k] === 0) first[k] = p;
      times[k]!++;
      sum += p * assign(i + 1);
      times[k]!--;
    }
    return sum;
  };
  return (1 - imagined) * (1 - silent) * assign(0);
}

/** The same where the channel may show no more than the reagents do by themselves: then little is said of it. */
function besideBlank(list: readonly Observation[], shown: readonly Shown[], blank: readonly Observation[], described: number) {
  if (!isAsBlank(shown, blank)) return described;
  const [only, another] = list;
  const briefly = !only ? AS_BLANK.silent : !another && saysNothing(only) ? AS_BLANK.said * clarityTold(only) : 0;
  return briefly + (1 - AS_BLANK.said - AS_BLANK.silent) * described;
}

/** Of a liquid that is said not to have changed, some say that it is clear. */
const clarityTold = (o: Observation): number =>
  o.channel === 'solution' ? field(WRITTEN.clarity, o.clarity, () => (o.clarity === 'clear' ? 1 : 0)) : 1;

/** Each thing once: told twice in the same words it is no news. */
export const distinctIn = (list: readonly Observation[]): Observation[] => {
  const known = new Set<string>();
  return list.filter((o) => {
    const key = JSON.stringify(o);
    return !known.has(key) && known.add(key);
  });
};

const toldBefore = new WeakMap<readonly Observation[], ByChannel<Observation>>();

function toldByChannel(recorded: readonly Observation[]): ByChannel<Observation> {
  let before = toldBefore.get(recorded);
  if (!before) toldBefore.set(recorded, (before = byChannel(distinctIn(recorded), (o) => o.channel)));
  return before;
}

const NO_OBSERVATIONS: readonly Observation[] = [];
const NONE_SHOWN: readonly Shown[] = [];

/** How a record is weighed. */
interface Weighing {
  /** What the reagents show by themselves. */
  readonly blank?: readonly Observation[];
  /** Rate at which one of two salts hides what the other shows. */
  readonly hidden?: number;
  /** Channels of which silence says something; those of the test by default. */
  readonly asked?: readonly Channel[];
}

/** Probability of a record, given what the test showed to someone who looked and wrote as usual. Over all records it adds up to one. */
export function probabilityOf(
  test: StandardTest,
  recorded: readonly Observation[],
  seen: readonly Observation[],
  { blank = NO_OBSERVATIONS, hidden = 0, asked = test.watch }: Weighing = {},
): number {
  const how = { blank, hidden, asked };
  const p = probabilityAsMeant(test, recorded, seen, how);
  if (!asked.includes('layer')) return p;
  if (recorded.some((o) => isBareLayer(o, recorded))) return (1 - LAYER_AS_LIQUID) * p;
  return layersMeant(recorded).reduce((sum, meant) => sum + LAYER_AS_LIQUID * probabilityAsMeant(test, meant, seen, how), p);
}

function probabilityAsMeant(
  test: StandardTest,
  recorded: readonly Observation[],
  seen: readonly Observation[],
  { blank, hidden, asked }: Required<Weighing>,
): number {
  const told = toldByChannel(recorded);
  const shown = shownByChannel(test, seen).byChannel;
  const weigh = (channel: Channel) => {
    const [list, things] = [told.get(channel) ?? NO_OBSERVATIONS, shown.get(channel) ?? NONE_SHOWN];
    return besideBlank(list, things, blank, ofChannel(channel, list, things, seen, hidden));
  };
  let p = 1;
  for (const channel of asked) p *= weigh(channel);
  for (const channel of told.keys()) if (!asked.includes(channel)) p *= weigh(channel);
  for (const channel of shown.keys()) if (!asked.includes(channel) && !told.has(channel)) p *= weigh(channel);
  return p;
}
