import * as z from 'zod';
import { vessel } from './fields';
import { operation } from './operation';

export const look = operation(z.strictObject({ op: z.literal('look'), vessel }).describe('Looks at a vessel.'), {
  places: ['vessel'],
  seenIn: 'vessel',
  say: (op, tube) => `Observe ${tube(op.vessel)} against a white and a black card.`,
});
