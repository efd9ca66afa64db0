/**
 * The channels through which something is noticed, in the order in which they are offered. One table: the type of an
 * observation, its schema, the picker and the sentences all come from it.
 */
import { AMOUNTS, type Colour, COLOURS, PAPERS, SMELLS, TEXTURES, VIGOURS } from './words';

/** A number that is read off, with its bounds. */
export interface Reading {
  readonly least: number;
  readonly most: number;
  readonly whole: boolean;
  /** How the field is called beside its box. */
  readonly label: string;
  readonly step: number;
}

/** A choice of words, or a number that is read off. */
export type Field = readonly string[] | Reading;

export interface ChannelRow {
  readonly label: string;
  readonly fields: Readonly<Record<string, Field>>;
  /** What is written when one looked and nothing happened. */
  readonly nothing: readonly Readonly<Record<string, string>>[];
  /** Colours that are offered, the usual ones first. */
  readonly colours?: readonly Colour[];
  /** Headings over the choices of the picker; a field without one is not picked. */
  readonly headings?: Readonly<Record<string, string>>;
}

const CELSIUS = { least: -150, most: 600, whole: false, step: 0.5 } as const;
const CLARITY = ['clear', 'cloudy'] as const;
const LOOK = ['hot', 'cold'] as const;

const LIQUIDS = [
  'colourless',
  'pale-yellow',
  'yellow',
  'orange',
  'red',
  'brown',
  'pale-blue',
  'deep-blue',
  'pale-green',
] as const;

export const CHANNELS = {
  solution: {
    label: 'Liquid',
    fields: { event: ['unchanged', 'colour-changed', 'mixed'], colour: COLOURS, clarity: CLARITY },
    nothing: [{ event: 'unchanged' }],
    colours: [
      ...LIQUIDS,
      'red-brown',
      'black',
      'dark-brown',
      'grey',
      'blue',
      'blue-green',
      'green',
      'dirty-green',
      'dark-green',
      'pink',
      'violet',
    ],
    headings: { clarity: 'Clarity' },
  },
  precipitate: {
    label: 'Precipitate',
    fields: {
      event: ['formed', 'none', 'dissolved', 'partly-dissolved', 'persists', 'colour-changed'],
      colour: COLOURS,
      texture: TEXTURES,
      amount: AMOUNTS,
    },
    nothing: [{ event: 'none' }],
    colours: [
      'white',
      'yellow',
      'red',
      'red-brown',
      'brown',
      'black',
      'pale-blue',
      'deep-blue',
      'pale-green',
      'off-white',
      'cream',
      'pale-yellow',
      'orange',
      'dark-brown',
      'grey',
      'blue',
      'blue-green',
      'green',
      'dirty-green',
      'dark-green',
      'pink',
      'violet',
    ],
    headings: { texture: 'Texture' },
  },
  layer: {
    label: 'Layer',
    fields: { event: ['present', 'none'], colour: COLOURS, position: ['upper', 'lower'] },
    nothing: [{ event: 'none' }],
    colours: ['colourless', 'pale-yellow', 'yellow', 'orange', 'brown', 'violet', 'pink', 'blue', 'green'],
    headings: { position: 'Where' },
  },
  gas: {
    label: 'Gas',
    fields: { event: ['evolved', 'none'], colour: COLOURS, vigour: VIGOURS, smell: SMELLS },
    nothing: [{ event: 'none' }],
    colours: ['colourless', 'brown', 'red-brown', 'violet', 'yellow', 'pale-green'],
  },
  smell: { label: 'Smell', fields: { smell: SMELLS }, nothing: [{ smell: 'none' }], headings: { smell: 'Smell' } },
  paper: {
    label: 'Paper',
    fields: {
      paper: PAPERS,
      event: ['changed', 'unchanged'],
      colour: COLOURS,
      pH: { least: 0, most: 14, whole: true, label: 'pH', step: 1 },
    },
    nothing: [
      { paper: 'red-litmus', event: 'unchanged' },
      { paper: 'blue-litmus', event: 'unchanged' },
    ],
    colours: ['blue', 'red', 'white', 'black', 'green', 'deep-blue'],
    headings: { paper: 'Which paper' },
  },
  splint: {
    label: 'Splint',
    fields: { splint: ['lit', 'glowing'], event: ['pop', 'extinguished', 'relit', 'unchanged'] },
    nothing: [{ splint: 'glowing', event: 'unchanged' }],
    headings: { splint: 'Splint' },
  },
  limewater: { label: 'Lime water', fields: { event: ['cloudy', 'clear', 'cloudy-then-clear'] }, nothing: [{ event: 'clear' }] },
  fumes: { label: 'Fumes at a rod', fields: { event: ['white-fumes', 'none'] }, nothing: [{ event: 'none' }] },
  flame: {
    label: 'Flame',
    fields: { colour: COLOURS, through: ['none', 'cobalt-glass'], duration: ['lasting', 'flash'] },
    nothing: [{ colour: 'none' }],
    colours: ['none', 'yellow', 'violet', 'crimson', 'brick-red', 'apple-green', 'green', 'blue-green', 'pale-blue'],
    headings: { through: 'Seen', duration: 'How long' },
  },
  bead: {
    label: 'Bead',
    fields: { colour: COLOURS, zone: ['oxidising', 'reducing'], look: LOOK },
    nothing: [],
    colours: ['colourless', 'blue', 'green', 'violet', 'yellow', 'red-brown', 'grey', 'brown'],
    headings: { zone: 'Zone', look: 'When' },
  },
  solid: {
    label: 'Dry solid',
    fields: {
      event: ['unchanged', 'melted', 'sublimed', 'decrepitated', 'charred', 'swelled', 'colour-changed'],
      colour: COLOURS,
      look: LOOK,
    },
    nothing: [{ event: 'unchanged' }],
    colours: [
      'white',
      'off-white',
      'pale-yellow',
      'yellow',
      'orange',
      'red-brown',
      'brown',
      'black',
      'grey',
      'blue',
      'blue-green',
      'green',
      'pale-green',
      'pink',
      'violet',
    ],
    headings: { look: 'When' },
  },
  sublimate: {
    label: 'Sublimate',
    fields: { event: ['formed', 'none'], colour: COLOURS },
    nothing: [{ event: 'none' }],
    colours: ['white', 'yellow', 'grey', 'black', 'violet'],
  },
  droplets: { label: 'Water droplets', fields: { event: ['formed', 'none'] }, nothing: [{ event: 'none' }] },
  ring: {
    label: 'Ring',
    fields: { event: ['formed', 'none'], colour: COLOURS },
    nothing: [{ event: 'none' }],
    colours: ['brown', 'dark-brown', 'red-brown', 'violet', 'crimson', 'red'],
  },
  deposit: {
    label: 'Deposit',
    fields: { event: ['formed', 'none'], colour: COLOURS },
    nothing: [{ event: 'none' }],
    colours: ['silver', 'grey', 'black', 'red-brown'],
  },
  soot: {
    label: 'Soot',
    fields: { event: ['sooty', 'clean'], colour: COLOURS },
    nothing: [],
    colours: ['yellow', 'pale-blue', 'orange'],
  },
  extract: {
    label: 'Extract',
    fields: { event: ['good', 'repeat-fusion'], colour: COLOURS, clarity: CLARITY },
    nothing: [],
    colours: ['colourless', 'pale-yellow', 'yellow', 'brown', 'dark-brown'],
    headings: { clarity: 'Clarity' },
  },
  solubility: { label: 'Solubility', fields: { event: ['soluble', 'partly-soluble', 'insoluble'] }, nothing: [] },
  heat: { label: 'Warmth', fields: { event: ['warmer', 'colder', 'none'] }, nothing: [{ event: 'none' }] },
  temperature: {
    label: 'Temperature',
    fields: {
      event: ['melts', 'boils', 'decomposes', 'none'],
      celsius: { ...CELSIUS, label: 'from, °C' },
      to: { ...CELSIUS, label: 'to, °C' },
    },
    nothing: [{ event: 'none' }],
  },
  measurement: {
    label: 'Measurement',
    fields: {
      event: ['refractive-index', 'density', 'neutralisation-equivalent', 'saponification-equivalent', 'none'],
      value: { least: 0, most: 2000, whole: false, label: 'value', step: 0.0001 },
      grams: { least: 0, most: 100, whole: false, label: 'weighed, g', step: 0.001 },
      mL: { least: 0, most: 100, whole: false, label: 'burette, mL', step: 0.05 },
    },
    nothing: [{ event: 'none' }],
  },
} as const satisfies Readonly<Record<string, ChannelRow>>;

export type Channel = keyof typeof CHANNELS;

/** The rows as their common shape, for reading one whose channel is known only when the program runs. */
export const channelRow = (channel: Channel): ChannelRow => CHANNELS[channel];

/** What can be said to have happened in a channel. */
export const eventsOf = (channel: Channel): readonly string[] => {
  const { event } = channelRow(channel).fields;
  return Array.isArray(event) ? (event as readonly string[]) : [];
};
