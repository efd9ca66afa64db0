import * as z from 'zod';
import { vessel } from './fields';
import { operation } from './operation';

export const workOn = operation(
  z
    .strictObject({
      op: z.literal('work-on'),
      portion: vessel.describe('name of the portion with which the work goes on'),
      aside: vessel.describe('name under which the rest is put aside'),
    })
    .describe('Puts the sample aside as a portion and goes on with another.'),
  { say: (op) => `Put the rest aside as ${op.aside} and go on with ${op.portion}.` },
);
