import * as z from 'zod';
import { mL, vessel } from './fields';
import { operation } from './operation';
import { from } from './sentences';

export const take = operation(
  z
    .strictObject({
      op: z.literal('take'),
      to: vessel,
      mL,
      from: vessel.describe('the vessel it is taken from, `sample` for a sample that is a solution, or `extract`'),
      unrinsed: vessel.optional().describe('vessel in which the dropper stood last, if it was not rinsed since'),
    })
    .describe('Takes a portion of a liquid into a vessel.'),
  {
    places: ['to', 'from'],
    seenIn: 'to',
    fills: 'to',
    isHandling: true,
    say: (op, tube) => `Transfer ${op.mL} mL ${op.from === 'sample' ? 'of the sample' : from(tube(op.from))} to ${tube(op.to)}.`,
    origin: (op, id) => (id === op.to ? op.from : undefined),
  },
);
