import * as z from 'zod';
import { operation } from './operation';

export const fuse = operation(
  z
    .strictObject({
      op: z.literal('fuse'),
      sodium_mg: z.number().positive().max(500, 'more than 500 mg of sodium is never needed').describe('sodium in each tube, mg'),
      sample_mg: z.number().positive().max(1000).describe('sample in each tube, mg'),
      gentle_minutes: z.number().nonnegative().max(60).describe('gentle heating before it is made red hot, minutes'),
      red_hot: z.boolean(),
      tubes: z.int().min(1).max(6),
      water_mL: z.number().positive().max(20).describe('water in which it is taken up, mL'),
      boil_to_mL: z.number().positive().max(20).describe('volume to which it is boiled down, mL'),
      order: z.enum(['melt-first', 'cover']).optional().describe('sodium melted first, or covered with the sample'),
      dried: z.boolean().optional().describe('the sample was dried'),
      covered: z.boolean().optional(),
    })
    .describe('Fuses the sample with sodium; makes the vessel `extract`.'),
  {
    say: (op) =>
      `Fuse ${op.sample_mg} mg with ${op.sodium_mg} mg of sodium in ${op.tubes === 1 ? 'one tube' : `each of ${op.tubes} tubes`}, take it up in ${op.water_mL} mL of water, boil it down to ${op.boil_to_mL} mL and filter it.`,
    apparatus: () => ({ id: 'sodium fusion', name: 'fusion with sodium' }),
    grams: (op) => (op.sample_mg * op.tubes) / 1000,
  },
);
