import * as z from 'zod';
import { grams, vessel } from './fields';
import { operation } from './operation';

export const dryHeat = operation(
  z
    .strictObject({
      op: z.literal('dry-heat'),
      to: vessel.describe('a hard-glass tube; it is empty before'),
      grams,
      strong: z.boolean().optional().describe('to redness'),
    })
    .describe('Heats some of a solid sample in a hard-glass tube.'),
  {
    places: ['to'],
    seenIn: 'to',
    say: (op) =>
      `Heat ${op.grams} g of the dry sample in hard-glass tube ${op.to}${op.strong ? ', gently and then to redness' : ''}.`,
    apparatus: () => ({ id: 'hard-glass tube', name: 'heating in a hard-glass tube' }),
    origin: () => 'sample',
    grams: (op) => op.grams,
    varied: (op, { amounts }) => ({ ...op, grams: op.grams * amounts }),
    looks: () => [
      { channel: 'solid', words: { look: 'hot' } },
      { channel: 'solid', words: { look: 'cold' } },
    ],
  },
);
