/** All records written by hand, by what is in them. */
import { BEGINNERS } from './beginners';
import { COMPOUNDS } from './compounds';
import { FURTHER } from './further';
import { FURTHER_COMPOUNDS } from './further-compounds';
import { FURTHER_MISTAKEN } from './further-mistaken';
import { FURTHER_MIXED } from './further-mixtures';
import { HARDER } from './harder';
import { HARDER_COMPOUNDS } from './harder-compounds';
import { LAST_MISTAKEN, LAST_MIXED } from './last';
import { LATER, LATER_MISTAKEN } from './later';
import { LATER_COMPOUNDS } from './later-compounds';
import { LATER_MIXED } from './later-mixtures';
import { MISTAKEN } from './mistaken';
import { MIXTURES } from './mixtures';
import { ONCE_MORE, ONCE_MORE_MISTAKEN } from './once-more';
import { ONCE_MORE_COMPOUNDS } from './once-more-compounds';
import { ONCE_MORE_MIXED } from './once-more-mixtures';
import { PAIRS } from './pairs';
import type { Written } from './record';
import { SALTS } from './salts';
import { SLIPS } from './slips';

export const RECORDS = {
  'plain salts': SALTS,
  'harder and further salts': [...HARDER, ...FURTHER, ...ONCE_MORE, ...LATER],
  'salts, with one mistake': [
    ...MISTAKEN,
    ...FURTHER_MISTAKEN,
    ...ONCE_MORE_MISTAKEN,
    ...LATER_MISTAKEN,
    ...LAST_MISTAKEN,
    ...SLIPS,
  ],
  'mixtures of two': [...MIXTURES, ...FURTHER_MIXED, ...ONCE_MORE_MIXED, ...LATER_MIXED, ...LAST_MIXED, ...PAIRS],
  'as beginners write': BEGINNERS,
  compounds: [...COMPOUNDS, ...HARDER_COMPOUNDS, ...FURTHER_COMPOUNDS, ...ONCE_MORE_COMPOUNDS, ...LATER_COMPOUNDS],
} as const satisfies Readonly<Record<string, readonly Written[]>>;
