import * as z from 'zod';
import { grams, vessel } from './fields';
import { operation } from './operation';

export const takeSolid = operation(
  z.strictObject({ op: z.literal('take-solid'), to: vessel, grams }).describe('Puts some of a solid sample into a vessel.'),
  {
    places: ['to'],
    seenIn: 'to',
    fills: 'to',
    say: (op, tube) => `Place ${op.grams} g of the dry sample in ${tube(op.to)}.`,
    origin: () => 'sample',
    grams: (op) => op.grams,
    varied: (op, { amounts }) => ({ ...op, grams: op.grams * amounts }),
  },
);
