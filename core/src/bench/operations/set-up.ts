import * as z from 'zod';
import { vessel } from './fields';
import { operation } from './operation';

export const setUp = operation(
  z
    .strictObject({ op: z.literal('set-up'), vessel, as: z.enum(['beaker', 'dish']).describe('what is set up') })
    .describe('Sets up a larger vessel than a test tube.'),
  {
    places: ['vessel'],
    seenIn: 'vessel',
    say: ({ as, vessel: id }) => `Set up a ${as}, ${id}.`,
  },
);
