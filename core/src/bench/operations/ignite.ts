import * as z from 'zod';
import { vessel } from './fields';
import { operation } from './operation';

export const ignite = operation(
  z
    .strictObject({ op: z.literal('ignite'), vessel: vessel.describe('a dish or a tube with a dry residue') })
    .describe('Heats a dry residue to redness and lets it cool: ammonium salts leave as smoke, carbon burns off.'),
  {
    places: ['vessel'],
    seenIn: 'vessel',
    say: (op, tube) => `Ignite the residue in ${tube(op.vessel)} in the hood until no more smoke comes off; let it cool.`,
  },
);
