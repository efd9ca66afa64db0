import * as z from 'zod';
import { minutes, vessel } from './fields';
import { operation } from './operation';
import { time } from './sentences';

export const stand = operation(
  z.strictObject({ op: z.literal('stand'), vessel, minutes }).describe('Leaves a vessel to stand.'),
  {
    places: ['vessel'],
    seenIn: 'vessel',
    say: (op, tube) => `Leave ${tube(op.vessel)} to stand for ${time(op.minutes)}.`,
    varied: (op, factors) => ({ ...op, minutes: op.minutes * factors.time }),
    wait: (op) => op.minutes,
  },
);
