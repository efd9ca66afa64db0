import * as z from 'zod';
import { vessel } from './fields';
import { operation } from './operation';

export const centrifuge = operation(
  z.strictObject({ op: z.literal('centrifuge'), vessel }).describe('Centrifuges a vessel until its solid lies at the bottom.'),
  {
    places: ['vessel'],
    seenIn: 'vessel',
    say: (op, tube) => `Centrifuge ${tube(op.vessel)} with a counterweight, then observe it.`,
  },
);
