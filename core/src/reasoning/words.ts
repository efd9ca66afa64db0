/** How likely a word is written for what was shown. */
import { wordDistance } from '../senses/colour';
import type { Channel, Observation } from '../vocabulary/observation';
import { AMOUNTS, type Colour, COLOURS, SMELLS, TEXTURES, VIGOURS } from '../vocabulary/words';
import { COLOUR, FARTHER, NOT_OF_LIGHT, OF_LIGHT_ALL_THE_SAME, READILY, RIGHT, RIGHT_COLOUR } from './data/rates';

/** Words for colours of things; `none` is of flames alone. */
const NAMED = COLOURS.filter((c) => c !== 'none');

/** A clear liquid has the colour of nothing, which some call white. */
const COLOURLESS_AS_WHITE = 0.09;

function apart(a: Colour, b: Colour): number {
  if (a === b) return 0;
  if ((a === 'colourless' || b === 'colourless') && (a === 'white' || b === 'white')) return COLOURLESS_AS_WHITE;
  // What has no colour is hardly ever given one.
  if (HUELESS.has(a) !== HUELESS.has(b) && !FAINT.has(a) && !FAINT.has(b)) return Math.max(wordDistance(a, b), COLOURED);
  const [[firstA, lastA], [firstB, lastB]] = [partsOf(a), partsOf(b)];
  if (DARK.has(a) && DARK.has(b)) return HARDLY;
  const most = lastA === lastB ? SHADE : firstA === lastB || lastA === firstB ? BETWEEN : Infinity;
  return Math.min(wordDistance(a, b), most);
}

const HUELESS: ReadonlySet<Colour> = new Set(['colourless', 'white']);
const FAINT: ReadonlySet<Colour> = new Set([
  'off-white',
  'cream',
  'buff',
  'pale-yellow',
  'pale-blue',
  'pale-green',
  'pink',
  'silver',
  'grey',
]);
const COLOURED = 0.4;

/** Of what is as dark as this hardly anybody sees the hue. */
const DARK: ReadonlySet<Colour> = new Set(['black', 'dark-brown']);
const HARDLY = 0.03;

/** Shades of one colour, as pale and deep blue, and a colour beside one that is named after it, as blue and blue-green. */
const SHADE = 0.07;
const BETWEEN = 0.1;
const partsOf = (word: Colour): readonly [first: string, last: string] => {
  const parts = word.split('-');
  return [parts[0]!, parts.at(-1)!];
};

export type Light = 'opaque' | 'liquid' | 'hot' | 'bead' | 'flame';
const WIDTH: Readonly<Record<Light, number>> = {
  opaque: COLOUR.width,
  liquid: COLOUR.width * COLOUR.liquid,
  hot: COLOUR.width * COLOUR.hot,
  bead: COLOUR.width * COLOUR.flame,
  flame: COLOUR.width * COLOUR.flame,
};

/** Whether what gives this light can have such a colour. */
const possible = (word: Colour, light: Light): number =>
  light === 'flame' && NOT_OF_LIGHT.has(word) ? OF_LIGHT_ALL_THE_SAME : 1;
/** How readily a word comes, relative to the plain words. */
const readily = (word: Colour, light: Light): number => possible(word, light) * (READILY[word] ?? 1);
/** The same where a colour was shown: of a flame the words of textbooks come as readily as the plain ones. */
const answering = (word: Colour, light: Light): number => (light === 'flame' ? possible(word, light) : readily(word, light));

export function lightOf({ channel, look }: Pick<Observation, 'channel' | 'look'>): Light {
  if (channel === 'flame') return 'flame';
  if (channel === 'bead' || channel === 'soot') return 'bead';
  if (channel === 'solution' || channel === 'layer' || channel === 'extract' || channel === 'gas') return 'liquid';
  return look === 'hot' ? 'hot' : 'opaque';
}

const rows = new Map<string, ReadonlyMap<Colour, number>>();

/** Probabilities of all words for a colour that was shown. They add up to one. */
function colourRow(shown: Colour, light: Light): ReadonlyMap<Colour, number> {
  const key = `${shown} ${light}`;
  let row = rows.get(key);
  if (!row) {
    const likeness = NAMED.map(
      (word) => answering(word, light) * (word === shown ? RIGHT_COLOUR : 1) * Math.exp(-apart(word, shown) / WIDTH[light]),
    );
    const sum = likeness.reduce((a, b) => a + b, 0);
    const says = (word: Colour, i: number) => (1 - COLOUR.slip) * (likeness[i]! / sum) + COLOUR.slip * anyColour(word, light);
    rows.set(key, (row = new Map(NAMED.map((word, i) => [word, says(word, i)]))));
  }
  return row;
}

/** Probability that a colour is called so, where a person takes some words for the same. They add up to one. */
export function colourIs(written: Colour, shown: Colour, light: Light, alike?: readonly Colour[]): number {
  const plain = colourRow(shown, light).get(written) ?? 0;
  if (!alike) return plain;
  const all = alike.reduce((sum, word) => sum + readily(word, light), 0);
  const among = alike.includes(written) ? readily(written, light) / all : 0;
  return (1 - COLOUR.acceptedAlike) * plain + COLOUR.acceptedAlike * among;
}

const totals = new Map<Light, number>();
const total = (light: Light): number => {
  let sum = totals.get(light);
  if (sum === undefined) totals.set(light, (sum = NAMED.reduce((all, word) => all + readily(word, light), 0)));
  return sum;
};
/** Probability of a word for a colour where none was shown. They add up to one. */
export const anyColour = (word: Colour, light: Light): number => readily(word, light) / total(light);

const pick = (right: number, words: readonly string[]) => (written: string, shown: string) =>
  written === shown ? right : (1 - right) / (words.length - 1);

/** For words in the order of size: the next ones are the likelier mistakes. */
function near(right: number, words: readonly string[]) {
  const off = (written: string, shown: string) => FARTHER ** (Math.abs(words.indexOf(written) - words.indexOf(shown)) - 1);
  const all = new Map(words.map((shown) => [shown, words.reduce((sum, w) => (w === shown ? sum : sum + off(w, shown)), 0)]));
  return (written: string, shown: string) => (written === shown ? right : ((1 - right) * off(written, shown)) / all.get(shown)!);
}

export const textureIs = pick(RIGHT.texture, TEXTURES);
export const amountIs = near(RIGHT.amount, AMOUNTS);
export const vigourIs = near(RIGHT.vigour, VIGOURS);
export const smellIs = pick(
  RIGHT.smell,
  SMELLS.filter((s) => s !== 'none'),
);

/** Stages of a precipitate and of the like, by what happened: how each is told. Rows add up to one. */
const STAGES: Readonly<Record<string, Readonly<Record<string, number>>>> = {
  formed: { formed: 0.8, persists: 0.12, 'colour-changed': 0.05, 'partly-dissolved': 0.015, dissolved: 0.015 },
  persists: { persists: 0.55, formed: 0.37, 'colour-changed': 0.04, 'partly-dissolved': 0.03, dissolved: 0.01 },
  'colour-changed': { 'colour-changed': 0.5, formed: 0.38, persists: 0.09, 'partly-dissolved': 0.02, dissolved: 0.01 },
  dissolved: { dissolved: 0.8, 'partly-dissolved': 0.13, formed: 0.04, persists: 0.02, 'colour-changed': 0.01 },
  'partly-dissolved': { 'partly-dissolved': 0.45, dissolved: 0.3, persists: 0.17, formed: 0.06, 'colour-changed': 0.02 },
};
/** Events of other channels: the usual words for one another. */
const EVENTS: Readonly<Partial<Record<Channel, Readonly<Record<string, Readonly<Record<string, number>>>>>>> = {
  precipitate: STAGES,
  limewater: {
    cloudy: { cloudy: 0.9, 'cloudy-then-clear': 0.1 },
    'cloudy-then-clear': { 'cloudy-then-clear': 0.55, cloudy: 0.45 },
  },
  solubility: {
    soluble: { soluble: 0.87, 'partly-soluble': 0.11, insoluble: 0.02 },
    'partly-soluble': { 'partly-soluble': 0.6, soluble: 0.22, insoluble: 0.18 },
    insoluble: { insoluble: 0.87, 'partly-soluble': 0.11, soluble: 0.02 },
  },
  soot: { sooty: { sooty: 0.85, clean: 0.15 }, clean: { clean: 0.85, sooty: 0.15 } },
  temperature: {
    melts: { melts: 0.9, decomposes: 0.1 },
    decomposes: { decomposes: 0.7, melts: 0.3 },
    boils: { boils: 0.97, decomposes: 0.03 },
  },
  extract: { good: { good: 0.9, 'repeat-fusion': 0.1 }, 'repeat-fusion': { 'repeat-fusion': 0.8, good: 0.2 } },
  splint: {
    pop: { pop: 0.97, relit: 0.02, extinguished: 0.01 },
    relit: { relit: 0.97, pop: 0.02, extinguished: 0.01 },
    extinguished: { extinguished: 0.96, pop: 0.02, relit: 0.02 },
  },
};
/** Events of which any may be said of one and the same thing, for whether a liquid changed depends on when one began to look. */
const LOOSE: Readonly<Partial<Record<Channel, number>>> = { solution: 1 / 3, solid: 0.2 };

/** Probability that an event is told so. */
export function eventIs(channel: Channel, written: string, shown: string): number {
  const loose = LOOSE[channel];
  if (channel === 'solution') return loose!;
  const row = EVENTS[channel]?.[shown];
  if (row) return row[written] ?? 0;
  if (loose !== undefined) return written === shown ? 0.6 : 0.4 / 6;
  return written === shown ? 1 : 0;
}
