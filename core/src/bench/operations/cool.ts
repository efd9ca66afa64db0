import * as z from 'zod';
import { vessel } from './fields';
import { operation } from './operation';

export const cool = operation(
  z.strictObject({ op: z.literal('cool'), vessel }).describe('Cools a vessel to the temperature of the room.'),
  {
    places: ['vessel'],
    seenIn: 'vessel',
    say: (op, tube) => `Cool ${tube(op.vessel)} under the tap.`,
  },
);
