/**
 * Mixtures later than all others, written before anything was run. How coloured gases are mentioned and what rules an ion out was mended
 * after two of them had failed, and one was moved to a school that has its tests.
 */
import type { Written } from './record';

export const LATER_MIXED: readonly Written[] = [
  {
    title: 'copper sulfate and nickel sulfate',
    school: 'six-group',
    truth: ['Cu2+', 'Ni2+', 'SO4^2-'],
    entries: `
    look: solid blue-green
    solution-water: solution blue-green
    flame: flame green
    barium-acid: precipitate formed white
    silver-acid: precipitate none
    ammonium: paper unchanged
    group-1: precipitate none
    group-2: precipitate formed black
    copper-division-nitric: precipitate dissolved; solution blue
    copper-hexacyanoferrate-2: precipitate formed red-brown
    group-3: precipitate none
    group-4: precipitate formed black
    nickel-dimethylglyoxime: precipitate formed red
    group-5: precipitate none`,
  },
  {
    title: 'sodium bromide and sodium iodide',
    school: 'no-sulfide',
    truth: ['Na+', 'Br-', 'I-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    flame: flame yellow lasting
    concentrated-acid: gas evolved violet
    silver-acid: precipitate formed yellow
    silver-ammonia: precipitate persists
    chlorine-layer: layer violet
    chlorine-more: layer orange
    barium-acid: precipitate none
    ammonium: paper unchanged`,
  },
  {
    title: 'barium nitrate and strontium nitrate',
    school: 'no-sulfide',
    truth: ['Ba2+', 'Sr2+', 'NO3-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    flame: flame crimson; flame green
    silver-acid: precipitate none
    brown-ring: ring formed brown
    group-5: precipitate formed white
    barium-chromate: precipitate formed yellow
    strontium-sulfate: precipitate formed white
    calcium-oxalate: precipitate none
    ammonium: paper unchanged`,
  },
  {
    title: 'potassium nitrate and ammonium chloride',
    school: 'no-sulfide',
    truth: ['K+', 'NH4+', 'NO3-', 'Cl-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    flame: flame violet
    heating: sublimate formed white
    ammonium: paper changed blue; smell ammonia
    concentrated-acid: gas evolved pungent
    silver-acid: precipitate formed white curdy
    silver-ammonia: precipitate dissolved
    barium-acid: precipitate none
    brown-ring: ring formed brown
    potassium-cobaltinitrite: precipitate formed yellow`,
  },
  {
    title: 'zinc sulfate and copper sulfate',
    school: 'semi-micro',
    truth: ['Zn2+', 'Cu2+', 'SO4^2-'],
    entries: `
    look: solid pale-blue
    solution-water: solution pale-blue
    flame: flame green
    barium-acid: precipitate formed white
    silver-acid: precipitate none
    hydroxide: precipitate formed pale-blue; precipitate persists
    ammonia: precipitate formed pale-blue; precipitate dissolved; solution deep-blue
    copper-hexacyanoferrate: precipitate formed red-brown
    zinc-sulfide: precipitate formed white
    ammonium: paper unchanged`,
  },
  {
    title: 'calcium carbonate and calcium phosphate',
    school: 'six-group',
    truth: ['Ca2+', 'CO3^2-', 'PO4^3-'],
    entries: `
    look: solid white
    solution-water: precipitate persists
    dilute-acid: gas evolved brisk; limewater cloudy
    solution-hydrochloric: solution colourless clear
    flame: flame brick-red
    molybdate: precipitate formed yellow
    barium-acid: precipitate none
    group-2: precipitate none
    phosphate-in-filtrate: precipitate formed yellow
    group-5: precipitate formed white
    calcium-oxalate: precipitate formed white`,
  },
];
