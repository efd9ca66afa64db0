/** Further salts with one thing misread, contaminated or missed, written before anything was run. */
import type { Written } from './record';

export const FURTHER_MISTAKEN: readonly Written[] = [
  {
    title: 'zinc sulfate, the wire not clean',
    school: 'no-sulfide',
    truth: ['Zn2+', 'SO4^2-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    flame: flame yellow
    barium-acid: precipitate formed white
    silver-acid: precipitate none
    hydroxide: precipitate formed white; precipitate dissolved
    ammonia: precipitate formed white; precipitate dissolved
    zinc-hexacyanoferrate: precipitate formed white
    cobalt-nitrate: solid green`,
  },
  {
    title: 'ammonium chloride, the paper dry',
    school: 'no-sulfide',
    truth: ['NH4+', 'Cl-'],
    entries: `
    look: solid white
    heating: sublimate formed white
    ammonium: paper unchanged
    flame: flame none
    silver-acid: precipitate formed white curdy
    silver-ammonia: precipitate dissolved
    barium-acid: precipitate none
    hydroxide: precipitate none; smell ammonia`,
  },
  {
    title: 'potassium iodide, the silver salt called cream',
    school: 'no-sulfide',
    truth: ['K+', 'I-'],
    entries: `
    look: solid white
    flame: flame violet
    silver-acid: precipitate formed cream curdy
    silver-ammonia: precipitate persists
    chlorine-layer: layer violet
    concentrated-acid: gas evolved violet
    barium-acid: precipitate none`,
  },
  {
    title: 'strontium chloride, the flame called brick-red',
    school: 'six-group',
    truth: ['Sr2+', 'Cl-'],
    entries: `
    look: solid white
    flame: flame brick-red
    silver-acid: precipitate formed white curdy
    silver-ammonia: precipitate dissolved
    group-1: precipitate none
    group-2: precipitate none
    group-3: precipitate none
    group-4: precipitate none
    group-5: precipitate formed white
    barium-chromate: precipitate none
    strontium-sulfate: precipitate formed white
    calcium-oxalate: precipitate none`,
  },
  {
    title: 'magnesium sulfate, the hydroxide missed',
    school: 'no-sulfide',
    truth: ['Mg2+', 'SO4^2-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    flame: flame none
    barium-acid: precipitate formed white
    silver-acid: precipitate none
    hydroxide: precipitate none
    ammonium: paper unchanged
    magnesium-phosphate: precipitate formed white crystalline
    magneson: precipitate formed blue`,
  },
  {
    title: 'copper nitrate, no ring seen in the blue',
    school: 'no-sulfide',
    truth: ['Cu2+', 'NO3-'],
    entries: `
    look: solid blue
    solution-water: solution blue
    heating: gas evolved brown; solid black
    brown-ring: ring none
    acid-copper: gas evolved brown
    flame: flame green
    silver-acid: precipitate none
    barium-acid: precipitate none
    ammonia: solution deep-blue`,
  },
  {
    title: 'barium chloride, the flame called green',
    school: 'six-group',
    truth: ['Ba2+', 'Cl-'],
    entries: `
    look: solid white
    flame: flame green
    solution-water: solution colourless
    silver-acid: precipitate formed white curdy
    sulfate-cations: precipitate formed white
    group-5: precipitate formed white
    barium-chromate: precipitate formed yellow
    strontium-sulfate: precipitate none
    calcium-oxalate: precipitate none`,
  },
  {
    title: 'sodium thiosulfate, the smell called rotten eggs',
    school: 'no-sulfide',
    truth: ['Na+', 'S2O3^2-'],
    entries: `
    look: solid white
    flame: flame yellow
    dilute-acid: gas evolved; smell rotten-eggs; precipitate formed pale-yellow
    thiosulfate-silver: precipitate formed white; precipitate colour-changed black
    sulfite-iodine: solution colourless
    sulfide-nitroprusside: solution colourless
    barium-acid: precipitate none`,
  },
];
