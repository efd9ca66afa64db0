import * as z from 'zod';
import { type Wash, WASHES } from '../../organic/data/washes';
import { vessel } from './fields';
import { operation } from './operation';

export const WASH_NAMES: Readonly<Record<Wash, string>> = {
  'hcl-5pc': 'hydrochloric acid, 5 %',
  'nahco3-5pc': 'sodium hydrogencarbonate, 5 %',
  'naoh-5pc': 'sodium hydroxide, 5 %',
};

export const shakeOut = operation(
  z
    .strictObject({
      op: z.literal('shake-out'),
      with: z.enum(Object.keys(WASHES) as [Wash, ...Wash[]]),
      times: z.int().min(1).max(5),
      portion: vessel.describe('name of the portion that is set free of the washings'),
    })
    .describe('Shakes the sample in ether with an acid or a base; what is set free of the washings becomes a portion.'),
  {
    say: (op) =>
      `Dissolve the sample in ether and shake it ${op.times === 1 ? 'once' : `${op.times} times`} with ${WASH_NAMES[op.with]}; set free what the washings hold, as ${op.portion}.`,
    apparatus: (op) => ({ id: `shake-out ${op.with}`, name: `shaking out with ${op.with.replaceAll('-', ' ')}` }),
  },
);
