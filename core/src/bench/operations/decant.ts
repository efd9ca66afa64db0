import * as z from 'zod';
import { vessel } from './fields';
import { operation } from './operation';
import { goesTo } from './sentences';

export const decant = operation(
  z
    .strictObject({ op: z.literal('decant'), from: vessel, to: vessel })
    .describe('Pours off the clear liquid; the solid stays with a little mother liquor.'),
  {
    places: ['to', 'from'],
    seenIn: 'to',
    fills: 'to',
    isHandling: true,
    say: (op, tube) => `Decant the supernatant from ${tube(op.from)}${goesTo(tube(op.to), 'into')}.`,
    origin: (op, id) => (id === op.to ? op.from : undefined),
  },
);
