import * as z from 'zod';
import { PINCH_GRAMS } from './amounts';
import { vessel } from './fields';
import { operation } from './operation';

export const bead = operation(
  z
    .strictObject({
      op: z.literal('bead'),
      from: vessel.describe('`sample`, or a vessel'),
      zone: z.enum(['oxidising', 'reducing']),
      look: z.enum(['hot', 'cold']),
    })
    .describe('Melts a little into a borax bead.'),
  {
    places: ['from'],
    say: (op) => `Make a borax bead in the ${op.zone} flame and observe it ${op.look}.`,
    apparatus: () => ({ id: 'borax bead', name: 'the borax bead' }),
    grams: () => PINCH_GRAMS,
    looks: ({ zone, look }) => [{ channel: 'bead', words: { zone, look } }],
  },
);
