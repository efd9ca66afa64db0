import * as z from 'zod';
import { PINCH_GRAMS } from './amounts';
import { vessel } from './fields';
import { operation } from './operation';

export const flame = operation(
  z
    .strictObject({
      op: z.literal('flame'),
      from: vessel.describe('`sample`, or a vessel'),
      through: z.enum(['none', 'cobalt-glass']).optional(),
      wire: z.enum(['clean', 'dirty']).optional().describe('clean by default'),
    })
    .describe('Holds a little on a wire into the flame.'),
  {
    places: ['from'],
    say: (op, tube) =>
      `Hold ${op.from === 'sample' ? 'the salt' : tube(op.from)} on the ${op.wire === 'dirty' ? 'unclean' : 'clean'} wire in the edge of the flame${op.through === 'cobalt-glass' ? ', and look through cobalt glass' : ''}.`,
    apparatus: ({ through = 'none' }) => ({
      id: `flame ${through}`,
      name: through === 'cobalt-glass' ? 'the flame through cobalt glass' : 'the flame',
    }),
    grams: () => PINCH_GRAMS,
    looks: ({ through = 'none' }) => [{ channel: 'flame', words: { through } }],
  },
);
