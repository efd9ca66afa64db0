import * as z from 'zod';
import { vessel } from './fields';
import { operation } from './operation';

export const smell = operation(z.strictObject({ op: z.literal('smell'), vessel }).describe('Smells at a vessel.'), {
  places: ['vessel'],
  seenIn: 'vessel',
  say: (op, tube) => `Waft the vapour from ${tube(op.vessel)} towards your nose; do not inhale it directly.`,
});
