/** Further salts, worked as books say and written before anything was run. */
import type { Written } from './record';

export const FURTHER: readonly Written[] = [
  {
    title: 'sodium nitrite',
    school: 'no-sulfide',
    truth: ['Na+', 'NO2-'],
    entries: `
    look: solid pale-yellow
    solution-water: solution colourless
    flame: flame yellow
    dilute-acid: gas evolved brown
    nitrite-iodide: solution brown
    silver-acid: precipitate none
    barium-acid: precipitate none
    hydroxide: precipitate none`,
  },
  {
    title: 'potassium chlorate',
    school: 'no-sulfide',
    truth: ['K+', 'ClO3-'],
    entries: `
    look: solid white
    heating: solid melted; gas evolved colourless
    heating-splint: splint relit
    flame: flame violet
    silver-acid: precipitate none
    chlorate-sulfite: precipitate formed white
    barium-acid: precipitate none
    brown-ring: ring none`,
  },
  {
    title: 'sodium oxalate',
    school: 'semi-micro',
    truth: ['Na+', 'C2O4^2-'],
    entries: `
    look: solid white
    flame: flame yellow
    heating: solid unchanged
    dilute-acid: gas none
    calcium-acetic: precipitate formed white
    oxalate-permanganate: solution colourless
    silver-acid: precipitate none
    barium-acid: precipitate none`,
  },
  {
    title: 'potassium thiocyanate',
    school: 'no-sulfide',
    truth: ['K+', 'SCN-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    flame: flame violet
    silver-acid: precipitate formed white curdy
    thiocyanate-iron: solution red
    thiocyanate-cobalt: solution blue
    barium-acid: precipitate none
    potassium-cobaltinitrite: precipitate formed yellow`,
  },
  {
    title: 'tin(II) chloride',
    school: 'six-group',
    truth: ['Sn2+', 'Cl-'],
    entries: `
    look: solid white
    solution-water: solution cloudy
    solution-hydrochloric: solution colourless clear
    flame: flame none
    silver-acid: precipitate formed white
    group-1: precipitate none
    group-2: precipitate formed brown
    tin-division: precipitate dissolved
    tin-mercury: precipitate formed white; precipitate colour-changed grey`,
  },
  {
    title: 'antimony trichloride',
    school: 'six-group',
    truth: ['Sb3+', 'Cl-'],
    entries: `
    look: solid white
    solution-water: precipitate formed white
    solution-hydrochloric: solution colourless clear
    silver-acid: precipitate formed white
    group-2: precipitate formed orange
    antimony-iron: precipitate formed black`,
  },
  {
    title: 'potassium hexacyanoferrate(II)',
    school: 'no-sulfide',
    truth: ['K+', 'Fe(CN)6^4-'],
    entries: `
    look: solid yellow
    solution-water: solution pale-yellow
    flame: flame violet
    hexacyanoferrate-ii: precipitate formed deep-blue
    silver-acid: precipitate formed white
    barium-acid: precipitate none
    hydroxide: precipitate none`,
  },
  {
    title: 'sodium phosphate',
    school: 'semi-micro',
    truth: ['Na+', 'PO4^3-'],
    entries: `
    look: solid white
    flame: flame yellow
    solution-water: solution colourless
    dilute-acid: gas none
    molybdate: precipitate formed yellow
    magnesia-anions: precipitate formed white crystalline
    silver-neutral: precipitate formed yellow
    silver-acid: precipitate none
    barium-acid: precipitate none
    ammonium: paper unchanged`,
  },
  {
    title: 'sodium sulfide',
    school: 'six-group',
    truth: ['Na+', 'S2-'],
    entries: `
    look: solid off-white
    dilute-acid: gas evolved; smell rotten-eggs
    dilute-acid-papers: paper changed black
    flame: flame yellow
    sulfide-nitroprusside: solution violet
    barium-acid: precipitate none
    hydroxide: precipitate none`,
  },
  {
    title: 'zinc oxide',
    school: 'no-sulfide',
    truth: ['Zn2+'],
    entries: `
    look: solid white
    heating: solid colour-changed yellow
    solution-water: solubility insoluble
    solution-hydrochloric: solution colourless clear
    dilute-acid: gas none
    cobalt-nitrate: solid green
    hydroxide: precipitate formed white; precipitate dissolved
    ammonia: precipitate formed white; precipitate dissolved
    zinc-hexacyanoferrate: precipitate formed white`,
  },
  {
    title: 'cobalt nitrate',
    school: 'six-group',
    truth: ['Co2+', 'NO3-'],
    entries: `
    look: solid red
    solution-water: solution pink
    bead-oxidising: bead blue
    heating: gas evolved brown
    brown-ring: ring formed brown
    silver-acid: precipitate none
    barium-acid: precipitate none
    cobalt-thiocyanate: solution blue`,
  },
  {
    title: 'potassium dichromate',
    school: 'no-sulfide',
    truth: ['K+', 'Cr2O7^2-'],
    entries: `
    look: solid orange-red
    solution-water: solution orange
    flame: flame violet
    bead-oxidising: bead green
    chromate-peroxide: solution blue
    silver-acid: precipitate none
    barium-neutral: precipitate formed yellow
    hydroxide: solution yellow`,
  },
  {
    title: 'ammonium oxalate',
    school: 'no-sulfide',
    truth: ['NH4+', 'C2O4^2-'],
    entries: `
    look: solid white
    heating: gas evolved colourless; smell ammonia
    flame: flame none
    ammonium: paper changed blue
    calcium-acetic: precipitate formed white
    oxalate-permanganate: solution colourless
    silver-acid: precipitate none
    barium-acid: precipitate none`,
  },
  {
    title: 'lithium chloride',
    school: 'no-sulfide',
    truth: ['Li+', 'Cl-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    flame: flame crimson
    silver-acid: precipitate formed white curdy
    silver-ammonia: precipitate dissolved
    barium-acid: precipitate none
    lithium-phosphate: precipitate formed white
    hydroxide: precipitate none`,
  },
];
