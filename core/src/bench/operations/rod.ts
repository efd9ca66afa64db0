import * as z from 'zod';
import { vessel } from './fields';
import { operation } from './operation';
import { reagent as called } from './sentences';

export const rod = operation(
  z
    .strictObject({ op: z.literal('rod'), vessel, dipped: z.enum(['hydrochloric-acid-conc', 'ammonia-conc']) })
    .describe('Holds a rod that was dipped in a fuming reagent at the mouth of a vessel.'),
  {
    places: ['vessel'],
    seenIn: 'vessel',
    say: (op, tube) => `Hold a rod dipped in ${called(op.dipped)} at the mouth of ${tube(op.vessel)}.`,
    reagents: (op) => [op.dipped],
  },
);
