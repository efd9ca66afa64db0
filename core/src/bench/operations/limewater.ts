import * as z from 'zod';
import { vessel } from './fields';
import { operation } from './operation';

export const limewater = operation(
  z.strictObject({ op: z.literal('limewater'), vessel }).describe('Leads the gas in the mouth of a vessel through lime water.'),
  {
    places: ['vessel'],
    seenIn: 'vessel',
    say: (op, tube) => `Pass the gas from ${tube(op.vessel)} into lime water.`,
    apparatus: () => ({ id: 'lime water', name: 'lime water' }),
  },
);
