/** Flames of two salts on one wire, by books of qualitative analysis. Written down before anything was run; what masks what was fitted to them then. */
import type { Facts } from './fact';

const glass = 'flame sample cobalt-glass';

export const FACTS: Facts = [
  [
    'two in one flame',
    [
      ['sodium masks potassium', 'NaCl 1g, KCl 1g', 'flame sample; = sees flame yellow; = sees no flame violet'],
      ['cobalt glass takes sodium away', 'NaCl 1g, KCl 1g', `${glass}; = sees flame crimson`],
      ['strontium beside sodium', 'NaCl 1g, SrCl2·6H2O 1g', 'flame sample; = sees flame yellow; = sees flame crimson'],
      [
        'strontium nitrate beside sodium chloride',
        'NaCl 1g, Sr(NO3)2 1g',
        'flame sample; = sees flame yellow; = sees flame crimson',
      ],
      ['barium beside sodium', 'NaCl 1g, BaCl2·2H2O 1g', 'flame sample; = sees flame yellow; = sees flame apple-green'],
      ['calcium beside sodium', 'NaCl 1g, CaCl2·2H2O 1g', 'flame sample; = sees flame yellow; = sees flame brick-red'],
      ['copper beside sodium', 'NaCl 1g, CuCl2·2H2O 1g', 'flame sample; = sees flame yellow; = sees flame green|blue-green'],
      ['lithium beside sodium', 'NaCl 1g, LiCl 1g', 'flame sample; = sees flame crimson'],
      [
        'a trace of strontium is lost in sodium',
        'NaCl 5g, SrCl2·6H2O 0.02g',
        'flame sample; = sees flame yellow; = sees no flame crimson',
      ],
      [
        'lead’s pale blue is lost in sodium',
        'NaNO3 1g, Pb(NO3)2 1g',
        'flame sample; = sees flame yellow; = sees no flame pale-blue',
      ],
    ],
  ],
];
