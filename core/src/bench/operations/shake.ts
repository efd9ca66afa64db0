import * as z from 'zod';
import { vessel } from './fields';
import { operation } from './operation';

export const shake = operation(z.strictObject({ op: z.literal('shake'), vessel }).describe('Shakes a vessel.'), {
  places: ['vessel'],
  seenIn: 'vessel',
  say: (op, tube) => `Shake ${tube(op.vessel)}.`,
});
