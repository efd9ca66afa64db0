/** The observation vocabulary: one set of words for what is seen, recorded, reasoned with and exported. */
import { z } from 'zod';

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

export const CHANNELS = {
  solution: ['unchanged', 'colour-changed', 'mixed'],
  precipitate: ['formed', 'none', 'dissolved', 'partly-dissolved', 'persists', 'colour-changed'],
  layer: ['present', 'none'],
  gas: ['evolved', 'none'],
  smell: [],
  paper: ['changed', 'unchanged'],
  splint: ['pop', 'extinguished', 'relit', 'unchanged'],
  limewater: ['cloudy', 'clear', 'cloudy-then-clear'],
  fumes: ['white-fumes', 'none'],
  flame: [],
  bead: [],
  solid: ['unchanged', 'melted', 'sublimed', 'decrepitated', 'charred', 'swelled', 'colour-changed'],
  sublimate: ['formed', 'none'],
  droplets: ['formed', 'none'],
  ring: ['formed', 'none'],
  deposit: ['formed', 'none'],
  soot: ['sooty', 'clean'],
  extract: ['good', 'repeat-fusion'],
  solubility: ['soluble', 'partly-soluble', 'insoluble'],
  heat: ['warmer', 'colder', 'none'],
  temperature: ['melts', 'boils', 'decomposes', 'none'],
} as const;

export type Channel = keyof typeof CHANNELS;

export const TEXTURES = ['curdy', 'gelatinous', 'flocculent', 'crystalline', 'fine', 'granular', 'spangles'] as const;
export const AMOUNTS = ['trace', 'slight', 'moderate', 'heavy'] as const;
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
export const PAPERS = [
  'blue-litmus',
  'red-litmus',
  'universal-indicator',
  'lead-acetate',
  'dichromate',
  'starch-iodide',
] as const;

/** One observation in the controlled vocabulary. */
export const observationSchema = z
  .strictObject({
    channel: z.enum(Object.keys(CHANNELS) as [Channel, ...Channel[]]),
    event: z.string().max(30).optional(),
    colour: z.enum(COLOURS).optional(),
    clarity: z.enum(['clear', 'cloudy']).optional(),
    texture: z.enum(TEXTURES).optional(),
    amount: z.enum(AMOUNTS).optional(),
    position: z.enum(['upper', 'lower']).optional(),
    vigour: z.enum(['slow', 'brisk', 'vigorous']).optional(),
    smell: z.enum(SMELLS).optional(),
    paper: z.enum(PAPERS).optional(),
    pH: z.int().min(0).max(14).optional(),
    splint: z.enum(['lit', 'glowing']).optional(),
    through: z.enum(['none', 'cobalt-glass']).optional(),
    duration: z.enum(['flash', 'lasting']).optional(),
    zone: z.enum(['oxidising', 'reducing']).optional(),
    look: z.enum(['hot', 'cold']).optional(),
    /** A melting or boiling range, °C. */
    celsius: z.number().min(-150).max(600).optional(),
    to: z.number().min(-150).max(600).optional(),
  })
  .superRefine((o, ctx) => {
    const events: readonly string[] = CHANNELS[o.channel];
    if (o.event !== undefined && !events.includes(o.event))
      ctx.addIssue({
        code: 'custom',
        path: ['event'],
        message: events.length
          ? `"${o.event}" is not said of ${o.channel}: use ${events.join(', ')}`
          : `${o.channel} takes no event`,
      });
  });

export type Observation = z.infer<typeof observationSchema>;
