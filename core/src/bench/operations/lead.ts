import * as z from 'zod';
import { vessel } from './fields';
import { operation } from './operation';

export const lead = operation(
  z
    .strictObject({ op: z.literal('lead'), from: vessel, to: vessel })
    .describe('Leads the gas in the mouth of one vessel into the liquid of another.'),
  {
    places: ['to', 'from'],
    seenIn: 'to',
    say: (op, tube) => `Pass the gas from ${tube(op.from)} into the liquid in ${tube(op.to)}.`,
  },
);
