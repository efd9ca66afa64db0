/** Which words can be said of each channel, and what "nothing happened" means there. */
import { CHANNELS, type Channel, type COLOURS, type Observation, PAPERS, SMELLS, TEXTURES } from '#core/senses/vocabulary';

const WET = [
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
] as const;

type Colour = (typeof COLOURS)[number];

const LIQUID_FIRST: readonly Colour[] = [
  'colourless',
  'pale-yellow',
  'yellow',
  'orange',
  'red',
  'brown',
  'pale-blue',
  'deep-blue',
  'pale-green',
];

/** Said of solids only. */
const OPAQUE: readonly Colour[] = ['white', 'off-white', 'cream'];

/** How many colours are shown before "more colours". */
export const FIRST_COLOURS = 9;

/** Colours offered first, by channel; the rest are behind "more". */
export const COLOUR_CHOICES: Partial<Record<Channel, readonly Colour[]>> = {
  precipitate: WET,
  solution: [...LIQUID_FIRST, ...WET.filter((c) => !LIQUID_FIRST.includes(c) && !OPAQUE.includes(c))],
  layer: ['colourless', 'pale-yellow', 'yellow', 'orange', 'brown', 'violet', 'pink', 'blue', 'green'],
  gas: ['colourless', 'brown', 'red-brown', 'violet', 'yellow', 'pale-green'],
  flame: ['none', 'yellow', 'violet', 'crimson', 'brick-red', 'apple-green', 'green', 'blue-green', 'pale-blue'],
  bead: ['colourless', 'blue', 'green', 'violet', 'yellow', 'red-brown', 'grey', 'brown'],
  solid: [
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
  sublimate: ['white', 'yellow', 'grey', 'black', 'violet'],
  ring: ['brown', 'dark-brown', 'red-brown', 'violet', 'crimson', 'red'],
  paper: ['blue', 'red', 'white', 'black', 'green', 'deep-blue'],
  soot: ['yellow', 'pale-blue', 'orange'],
  extract: ['colourless', 'pale-yellow', 'yellow', 'brown', 'dark-brown'],
  deposit: ['silver', 'grey', 'black', 'red-brown'],
};

export const EVENTS: Readonly<Record<Channel, readonly string[]>> = CHANNELS;

export const EXTRAS: Partial<Record<Channel, { field: keyof Observation; name: string; options: readonly string[] }[]>> = {
  precipitate: [{ field: 'texture', name: 'Texture', options: TEXTURES }],
  smell: [{ field: 'smell', name: 'Smell', options: SMELLS }],
  paper: [{ field: 'paper', name: 'Which paper', options: PAPERS }],
  layer: [{ field: 'position', name: 'Where', options: ['upper', 'lower'] }],
  solid: [{ field: 'look', name: 'When', options: ['hot', 'cold'] }],
  flame: [
    { field: 'through', name: 'Seen', options: ['none', 'cobalt-glass'] },
    { field: 'duration', name: 'How long', options: ['lasting', 'flash'] },
  ],
  bead: [
    { field: 'zone', name: 'Zone', options: ['oxidising', 'reducing'] },
    { field: 'look', name: 'When', options: ['hot', 'cold'] },
  ],
  splint: [{ field: 'splint', name: 'Splint', options: ['lit', 'glowing'] }],
  extract: [{ field: 'clarity', name: 'Clarity', options: ['clear', 'cloudy'] }],
  solution: [{ field: 'clarity', name: 'Clarity', options: ['clear', 'cloudy'] }],
};

/** Numbers that are read off, by channel. */
export const NUMBERS: Partial<Record<Channel, readonly { field: 'pH' | 'celsius' | 'to'; name: string; step: number }[]>> = {
  paper: [{ field: 'pH', name: 'pH', step: 1 }],
  temperature: [
    { field: 'celsius', name: 'from, °C', step: 0.5 },
    { field: 'to', name: 'to, °C', step: 0.5 },
  ],
};

/** What is written for a channel in which nothing was seen. */
export function nothingIn(channel: Channel): Observation[] {
  switch (channel) {
    case 'solution':
      return [{ channel, event: 'unchanged' }];
    case 'flame':
      return [{ channel, colour: 'none' }];
    case 'paper':
      return [
        { channel, paper: 'red-litmus', event: 'unchanged' },
        { channel, paper: 'blue-litmus', event: 'unchanged' },
      ];
    case 'splint':
      return [{ channel, splint: 'glowing', event: 'unchanged' }];
    case 'smell':
      return [{ channel, smell: 'none' }];
    case 'limewater':
      return [{ channel, event: 'clear' }];
    case 'solid':
      return [{ channel, event: 'unchanged' }];
    default:
      return EVENTS[channel].includes('none') ? [{ channel, event: 'none' } as Observation] : [];
  }
}
