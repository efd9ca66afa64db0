import * as z from 'zod';
import { mL, reagent, vessel } from './fields';
import { operation } from './operation';
import { reagent as called } from './sentences';

export const wash = operation(
  z
    .strictObject({
      op: z.literal('wash'),
      vessel,
      with: reagent.describe('id of the reagent with which it is washed'),
      mL: mL.describe('volume of each washing, mL'),
      times: z.int().positive().max(20),
    })
    .describe('Washes the solid in a vessel; the washings are poured away.'),
  {
    places: ['vessel'],
    seenIn: 'vessel',
    isHandling: true,
    say: (op, tube) =>
      `Wash the solid in ${tube(op.vessel)} ${op.times === 2 ? 'twice' : `${op.times} times`} with ${op.mL} mL of ${called(op.with)}.`,
    reagents: (op) => [op.with],
  },
);
