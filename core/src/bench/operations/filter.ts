import * as z from 'zod';
import { vessel } from './fields';
import { operation } from './operation';
import { goesTo } from './sentences';

export const filter = operation(
  z
    .strictObject({
      op: z.literal('filter'),
      from: vessel,
      to: vessel,
      residue: vessel.optional().describe('vessel for the solid, if it is rinsed into another'),
    })
    .describe('Filters a vessel.'),
  {
    places: ['to', 'from', 'residue'],
    seenIn: 'to',
    say: (op, tube) => `Filter ${tube(op.from)}${goesTo(tube(op.to), 'into')}.`,
    origin: (op, id) => (id === op.to || id === op.residue ? op.from : undefined),
  },
);
