import * as z from 'zod';
import { grams, mL, reagent, vessel } from './fields';
import { operation } from './operation';
import { goesTo, reagent as called } from './sentences';

export const dissolve = operation(
  z
    .strictObject({
      op: z.literal('dissolve'),
      to: vessel,
      grams,
      in: reagent.describe('id of the reagent in which it is dissolved'),
      mL,
      warm: z.boolean().optional().describe('with warming'),
    })
    .describe('Shakes some of a solid sample with a liquid.'),
  {
    places: ['to'],
    seenIn: 'to',
    fills: 'to',
    say: (op, tube) =>
      `Dissolve ${op.grams} g of the sample in ${op.mL} mL of ${called(op.in)} with ${op.warm ? 'warming' : 'shaking'}${goesTo(tube(op.to), 'in')}.`,
    reagents: (op) => [op.in],
    origin: () => 'sample',
    grams: (op) => op.grams,
    varied: (op, { amounts }) => ({ ...op, grams: op.grams * amounts }),
  },
);
