import * as z from 'zod';
import { minutes, vessel } from './fields';
import { operation } from './operation';
import { time, words } from './sentences';

/** Gases from a generator, and what they are. */
export const PASSED_GASES = { 'hydrogen-sulfide': 'H2S', 'carbon-dioxide': 'CO2', chlorine: 'Cl2' } as const;
type PassedGas = keyof typeof PASSED_GASES;

export const pass = operation(
  z
    .strictObject({
      op: z.literal('pass'),
      to: vessel,
      gas: z.enum(Object.keys(PASSED_GASES) as [PassedGas, ...PassedGas[]]),
      minutes,
    })
    .describe('Passes a gas from a generator through a liquid.'),
  {
    places: ['to'],
    seenIn: 'to',
    say: (op, tube) => `Pass ${words(op.gas)} into ${tube(op.to)} for ${time(op.minutes)}.`,
    apparatus: (op) => ({ id: `gas ${op.gas}`, name: op.gas.replace('-', ' ') }),
    varied: (op, factors) => ({ ...op, minutes: op.minutes * factors.time }),
  },
);
