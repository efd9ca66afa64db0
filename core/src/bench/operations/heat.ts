import * as z from 'zod';
import { minutes, vessel } from './fields';
import { operation } from './operation';
import { time } from './sentences';

export const heat = operation(
  z
    .strictObject({
      op: z.literal('heat'),
      vessel,
      to: z.enum(['warm', 'boil', 'strong']).describe('how hot: in a water bath, at the boil, or over the full flame'),
      minutes: minutes.optional(),
      stoppered: z.boolean().optional().describe('loosely stoppered in the water bath, so that a gas stays in it'),
    })
    .describe('Heats a liquid; a residue that was dried is ignited by a strong flame.'),
  {
    places: ['vessel'],
    seenIn: 'vessel',
    say: (op, tube) => {
      if (op.to === 'strong') return `Heat ${tube(op.vessel)} strongly for ${time(op.minutes)}.`;
      return op.to === 'warm'
        ? `Warm ${tube(op.vessel)}${op.stoppered ? ', loosely stoppered,' : ''} in a water bath for ${time(op.minutes)}.`
        : `Boil ${tube(op.vessel)} gently for ${time(op.minutes)}.`;
    },
    varied: (op, factors) => ({ ...op, minutes: (op.minutes ?? 1) * factors.time }),
    wait: (op) => op.minutes ?? 0,
  },
);
