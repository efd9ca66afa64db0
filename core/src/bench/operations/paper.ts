import * as z from 'zod';
import { PAPERS } from '../../vocabulary/words';
import { vessel } from './fields';
import { operation } from './operation';
import { words } from './sentences';

export const paper = operation(
  z
    .strictObject({
      op: z.literal('paper'),
      vessel,
      paper: z.enum(PAPERS),
      where: z.enum(['liquid', 'mouth']).describe('dipped into the liquid, or held at the mouth'),
      damp: z.boolean(),
    })
    .describe('Tests a liquid or a gas with a test paper.'),
  {
    places: ['vessel'],
    seenIn: 'vessel',
    say: (op, tube) =>
      op.where === 'mouth'
        ? `Hold ${op.damp ? 'damp ' : 'dry '}${words(op.paper)} paper at the mouth of ${tube(op.vessel)}.`
        : `Put a drop of ${tube(op.vessel)} on ${words(op.paper)} paper with the rod.`,
    apparatus: (op) => ({ id: `paper ${op.paper}`, name: `${words(op.paper)} paper` }),
    looks: (op) => [{ channel: 'paper', words: { paper: op.paper } }],
  },
);
