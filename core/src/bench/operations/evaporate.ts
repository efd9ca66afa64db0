import * as z from 'zod';
import { vessel } from './fields';
import { operation } from './operation';

export const evaporate = operation(
  z
    .strictObject({
      op: z.literal('evaporate'),
      vessel,
      to_mL: z.number().nonnegative().optional().describe('volume that is left, mL'),
      dry: z.boolean().optional().describe('to dryness'),
      fumes: z.boolean().optional().describe('until sulfuric acid fumes'),
    })
    .describe('Boils a liquid down: exactly one of `to_mL`, `dry` and `fumes` says how far.'),
  {
    places: ['vessel'],
    seenIn: 'vessel',
    say: (op, tube) => {
      if (op.fumes) return `Evaporate ${tube(op.vessel)} in the hood until white fumes appear.`;
      if (op.dry) return `Evaporate ${tube(op.vessel)} just to dryness.`;
      return op.to_mL === undefined ? `Evaporate ${tube(op.vessel)}.` : `Evaporate ${tube(op.vessel)} to ${op.to_mL} mL.`;
    },
  },
);
