/** Further mixtures, worked as books say and written before anything was run. */
import type { Written } from './record';

export const FURTHER_MIXED: readonly Written[] = [
  {
    title: 'sodium chloride and sodium nitrate',
    school: 'no-sulfide',
    truth: ['Na+', 'Cl-', 'NO3-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    flame: flame yellow
    silver-acid: precipitate formed white curdy
    silver-ammonia: precipitate dissolved
    barium-acid: precipitate none
    brown-ring: ring formed brown
    hydroxide: precipitate none
    ammonium: paper unchanged`,
  },
  {
    title: 'iron(III) chloride and aluminium chloride',
    school: 'six-group',
    truth: ['Fe3+', 'Al3+', 'Cl-'],
    entries: `
    look: solid yellow
    solution-water: solution yellow
    silver-acid: precipitate formed white curdy
    barium-acid: precipitate none
    group-1: precipitate none
    group-2: precipitate formed off-white
    group-3: precipitate formed red-brown gelatinous
    iron-thiocyanate: solution red
    aluminium-ammonium-chloride: precipitate formed white
    aluminon: precipitate formed red
    group-4: precipitate none
    group-5: precipitate none`,
  },
  {
    title: 'copper sulfate and ammonium sulfate',
    school: 'no-sulfide',
    truth: ['Cu2+', 'NH4+', 'SO4^2-'],
    entries: `
    look: solid blue
    solution-water: solution blue
    ammonium: paper changed blue
    flame: flame green
    barium-acid: precipitate formed white
    silver-acid: precipitate none
    ammonia: precipitate formed pale-blue; solution deep-blue
    copper-hexacyanoferrate: precipitate formed red-brown`,
  },
  {
    title: 'barium carbonate and calcium carbonate',
    school: 'six-group',
    truth: ['Ba2+', 'Ca2+', 'CO3^2-'],
    entries: `
    look: solid white
    solution-water: solubility insoluble
    dilute-acid: gas evolved colourless
    flame: flame apple-green
    group-5: precipitate formed white
    barium-chromate: precipitate formed yellow
    strontium-sulfate: precipitate none
    calcium-oxalate: precipitate formed white
    magnesium-phosphate: precipitate none
    ammonium: paper unchanged`,
  },
  {
    title: 'sodium sulfate and sodium sulfite',
    school: 'no-sulfide',
    truth: ['Na+', 'SO4^2-', 'SO3^2-'],
    entries: `
    look: solid white
    flame: flame yellow
    dilute-acid: gas evolved; smell burning-sulfur
    dilute-acid-papers: paper changed green
    barium-acid: precipitate formed white
    sulfite-iodine: solution colourless
    silver-acid: precipitate none
    hydroxide: precipitate none`,
  },
  {
    title: 'nickel chloride and cobalt chloride',
    school: 'six-group',
    truth: ['Ni2+', 'Co2+', 'Cl-'],
    entries: `
    look: solid green
    solution-water: solution brown
    silver-acid: precipitate formed white curdy
    barium-acid: precipitate none
    group-3: precipitate none
    group-4: precipitate formed black
    group-4-acid: precipitate persists black
    nickel-dimethylglyoxime: precipitate formed red
    cobalt-thiocyanate: solution blue
    group-5: precipitate none`,
  },
];
