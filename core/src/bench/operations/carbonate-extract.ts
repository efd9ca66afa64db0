import * as z from 'zod';
import { grams, vessel } from './fields';
import { operation } from './operation';
import { goesTo } from './sentences';

export const carbonateExtract = operation(
  z
    .strictObject({ op: z.literal('carbonate-extract'), to: vessel, grams })
    .describe('Boils some of a solid sample with sodium carbonate solution and filters it.'),
  {
    places: ['to'],
    seenIn: 'to',
    fills: 'to',
    say: (op, tube) =>
      `Boil ${op.grams} g of the sample with sodium carbonate solution and filter${goesTo(tube(op.to), 'into')}.`,
    apparatus: () => ({ id: 'carbonate extract', name: 'the soda extract' }),
    origin: () => 'sample',
    grams: (op) => op.grams,
    varied: (op, { amounts }) => ({ ...op, grams: op.grams * amounts }),
  },
);
