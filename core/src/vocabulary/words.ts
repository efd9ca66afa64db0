/** The words for what is seen: identifiers in files and records, shown to people with a label. Never rename one. */

export const COLOURS = [
  'colourless',
  'white',
  'off-white',
  'buff',
  'cream',
  'pale-yellow',
  'yellow',
  'orange',
  'orange-red',
  'red',
  'crimson',
  'pink',
  'violet',
  'pale-blue',
  'blue',
  'deep-blue',
  'blue-green',
  'pale-green',
  'green',
  'dark-green',
  'dirty-green',
  'brown',
  'red-brown',
  'dark-brown',
  'grey',
  'black',
  'silver',
  'apple-green',
  'brick-red',
  'none',
] as const;
export type Colour = (typeof COLOURS)[number];

export const TEXTURES = ['curdy', 'gelatinous', 'flocculent', 'crystalline', 'fine', 'granular', 'spangles'] as const;
export type Texture = (typeof TEXTURES)[number];

export const AMOUNTS = ['trace', 'slight', 'moderate', 'heavy'] as const;
export type Amount = (typeof AMOUNTS)[number];

export const VIGOURS = ['slow', 'brisk', 'vigorous'] as const;
export type Vigour = (typeof VIGOURS)[number];

export const SMELLS = [
  'none',
  'rotten-eggs',
  'pungent',
  'burning-sulfur',
  'ammonia',
  'vinegar',
  'bleach',
  'fruity',
  'garlic',
  'bitter-almond-do-not-smell',
] as const;
export type Smell = (typeof SMELLS)[number];

export const PAPERS = [
  'blue-litmus',
  'red-litmus',
  'universal-indicator',
  'lead-acetate',
  'dichromate',
  'starch-iodide',
] as const;
export type Paper = (typeof PAPERS)[number];

/** A word as it is read: `pale-blue` is "pale blue". */
export const plainWord = (word: string): string => word.replaceAll('-', ' ');
