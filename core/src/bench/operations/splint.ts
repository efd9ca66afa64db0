import * as z from 'zod';
import { vessel } from './fields';
import { operation } from './operation';

export const splint = operation(
  z
    .strictObject({ op: z.literal('splint'), vessel, splint: z.enum(['lit', 'glowing']) })
    .describe('Holds a splint at the mouth of a vessel.'),
  {
    places: ['vessel'],
    seenIn: 'vessel',
    say: (op, tube) => `Hold a ${op.splint} splint at the mouth of ${tube(op.vessel)}.`,
    apparatus: (op) => ({ id: `splint ${op.splint}`, name: `the ${op.splint} splint` }),
    looks: (op) => [{ channel: 'splint', words: { splint: op.splint } }],
  },
);
