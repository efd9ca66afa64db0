import * as z from 'zod';
import { PINCH_GRAMS } from './amounts';
import { operation } from './operation';

export const charcoal = operation(
  z
    .strictObject({
      op: z.literal('charcoal'),
      zone: z.enum(['oxidising', 'reducing']).optional(),
      then: z.literal('cobalt-nitrate').optional().describe('the residue is moistened and heated again'),
    })
    .describe('Heats a little of the sample with sodium carbonate on charcoal.'),
  {
    say: (op) =>
      op.then
        ? 'Moisten the residue on the charcoal with cobalt nitrate and heat it again.'
        : 'Heat the sample with sodium carbonate in the charcoal cavity with the blowpipe.',
    apparatus: (op) =>
      op.then
        ? { id: 'cobalt nitrate on charcoal', name: 'cobalt nitrate on charcoal' }
        : { id: 'charcoal', name: 'the charcoal block' },
    grams: () => PINCH_GRAMS,
    looks: () => [{ channel: 'solid', words: { look: 'cold' } }],
  },
);
