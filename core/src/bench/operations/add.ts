import * as z from 'zod';
import { grams, mL, reagent, vessel } from './fields';
import { operation } from './operation';
import { amount, reagent as called } from './sentences';

const UNTIL = {
  'just-basic': 'drop by drop, stirring, until red litmus just turns blue',
  'just-acidic': 'drop by drop, stirring, until blue litmus just turns red',
  'strongly-acidic': 'drop by drop, stirring, until universal indicator paper turns full red (about 0.3 mol/L of acid)',
  'in-excess': 'drop by drop, until nothing more happens',
};

export const add = operation(
  z
    .strictObject({
      op: z.literal('add'),
      to: vessel,
      reagent,
      drops: z.int().positive().max(1000).optional().describe('drops of 0.05 mL'),
      mL: mL.optional(),
      grams: grams.optional(),
      until: z
        .enum(['just-basic', 'just-acidic', 'strongly-acidic', 'in-excess'])
        .optional()
        .describe('a drop at a time, stirred and tested, until this is so'),
      max_mL: mL.optional().describe('the most that is added with `until`, mL; 10 by default'),
      layered: z.boolean().optional().describe('poured down the side without mixing'),
    })
    .describe('Adds a reagent: exactly one of `drops`, `mL`, `grams` and `until` says how much.'),
  {
    places: ['to'],
    seenIn: 'to',
    say: (op, tube) => {
      if (op.until) return `Add ${called(op.reagent)} to ${tube(op.to)} ${UNTIL[op.until]}.`;
      if (op.layered) return `Run ${amount(op)} ${called(op.reagent)} down the side of ${tube(op.to)}, without mixing.`;
      return `Add ${amount(op)} ${called(op.reagent)} to ${tube(op.to)}.`;
    },
    reagents: (op) => [op.reagent],
    varied: (op, { amounts }) => ({
      ...op,
      ...(op.drops !== undefined && { drops: Math.max(1, Math.round(op.drops * amounts)) }),
      ...(op.mL !== undefined && { mL: op.mL * amounts }),
      ...(op.grams !== undefined && { grams: op.grams * amounts }),
    }),
  },
);
