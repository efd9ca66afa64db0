/** What a strong flame leaves in a hard-glass tube, by books of qualitative analysis. Written down before anything was run. */
import type { Facts } from './fact';

const gone = 'heat-dry A 0.3 strong; = sees solid none';

export const FACTS: Facts = [
  [
    'all of it goes',
    [
      ['ammonium chloride, onto the wall', 'NH4Cl 2g', `${gone}; = sees sublimate white`],
      ['ammonium bromide, onto the wall', 'NH4Br 2g', `${gone}; = sees sublimate white`],
      ['ammonium carbonate, with ammonia', '(NH4)2CO3 2g', `${gone}; smell A; = sees smell ammonia`],
      ['ammonium nitrate, with water', 'NH4NO3 2g', `${gone}; = sees droplets formed`],
      ['mercury(II) chloride, onto the wall', 'HgCl2 2g', `${gone}; = sees sublimate white`],
      ['mercury(I) chloride, onto the wall', 'Hg2Cl2 2g', `${gone}; = sees sublimate white`],
      ['mercury(II) iodide, yellow on the wall', 'HgI2 2g', `${gone}; = sees sublimate yellow`],
      ['cinnabar, black on the wall', 'HgS 2g', `${gone}; = sees sublimate black`],
      ['mercury(II) oxide, as grey drops', 'HgO 2g', `${gone}; = sees sublimate grey`],
      ['arsenic(III) oxide, onto the wall', 'As2O3 2g', `${gone}; = sees sublimate white`],
    ],
  ],
  [
    'something stays',
    [
      ['sodium chloride, when ammonium chloride has left it', 'NaCl 1g, NH4Cl 1g', 'heat-dry A 0.3 strong; = sees solid white'],
      ['phosphoric acid of ammonium phosphate', '(NH4)2HPO4 2g', 'heat-dry A 0.3 strong; = sees no solid none'],
      ['zinc oxide of the carbonate', 'ZnCO3 2g', 'heat-dry A 0.3 strong; = sees solid yellow|pale-yellow|white'],
      ['potassium nitrate, as nitrite', 'KNO3 2g', 'heat-dry A 0.3 strong; = sees solid white'],
      ['green chromium oxide of ammonium dichromate', '(NH4)2Cr2O7 2g', 'heat-dry A 0.3 strong; = sees solid green|dark-green'],
      ['sodium carbonate of the hydrogencarbonate', 'NaHCO3 2g', 'heat-dry A 0.3 strong; = sees solid white'],
    ],
  ],
];
