/** Harder salts and mixtures, worked as books say and written before anything was run. */
import type { Written } from './record';

export const HARDER: readonly Written[] = [
  {
    title: 'silver nitrate',
    school: 'six-group',
    truth: ['Ag+', 'NO3-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    heating: solid melted; gas evolved brown
    flame: flame none
    group-1: precipitate formed white curdy
    lead-hot-water: precipitate persists
    silver-division: precipitate dissolved
    silver-return: precipitate formed white
    brown-ring: ring formed brown
    barium-acid: precipitate none`,
  },
  {
    title: 'corrosive sublimate',
    school: 'no-sulfide',
    truth: ['Hg2+', 'Cl-'],
    entries: `
    look: solid white
    heating: sublimate formed white
    flame: flame none
    silver-acid: precipitate formed white curdy
    hydroxide: precipitate formed yellow
    iodide: precipitate formed orange-red
    mercury-tin-spot: precipitate formed grey
    barium-acid: precipitate none`,
  },
  {
    title: 'manganese chloride',
    school: 'no-sulfide',
    truth: ['Mn2+', 'Cl-'],
    entries: `
    look: solid pink
    solution-water: solution colourless
    bead-oxidising: bead violet
    silver-acid: precipitate formed white curdy
    silver-ammonia: precipitate dissolved
    barium-acid: precipitate none
    hydroxide: precipitate formed white; precipitate colour-changed brown
    manganese-bismuthate: solution violet`,
  },
  {
    title: 'bismuth nitrate',
    school: 'no-sulfide',
    truth: ['Bi3+', 'NO3-'],
    entries: `
    look: solid white
    solution-water: precipitate formed white
    heating: gas evolved brown; solid yellow
    solution-nitric: solution colourless clear
    bismuth-water: precipitate formed white
    bismuth-stannite-spot: precipitate formed black
    brown-ring: ring formed brown
    silver-acid: precipitate none`,
  },
  {
    title: 'sodium sulfite',
    school: 'semi-micro',
    truth: ['Na+', 'SO3^2-'],
    entries: `
    look: solid white
    flame: flame yellow
    litmus-solution: paper red-litmus changed blue
    dilute-acid: gas evolved colourless; smell burning-sulfur
    dilute-acid-papers: paper dichromate changed green
    sulfite-iodine: solution colourless
    barium-neutral: precipitate formed white
    silver-acid: precipitate none`,
  },
  {
    title: 'potassium chromate',
    school: 'no-sulfide',
    truth: ['K+', 'CrO4^2-'],
    entries: `
    look: solid yellow
    solution-water: solution yellow
    flame: flame violet
    flame-cobalt-glass: flame crimson
    dilute-acid: solution orange
    silver-neutral: precipitate formed red-brown
    barium-neutral: precipitate formed pale-yellow
    chromate-peroxide: layer blue
    potassium-cobaltinitrite: precipitate formed yellow`,
  },
  {
    title: 'lead acetate',
    school: 'no-sulfide',
    truth: ['Pb2+', 'CH3COO-'],
    entries: `
    look: solid white; smell vinegar
    solution-water: solution colourless
    concentrated-acid: smell vinegar
    iron-iii: solution red
    hydrochloric: precipitate formed white
    lead-hot-water: precipitate dissolved
    iodide: precipitate formed yellow
    chromate: precipitate formed yellow
    sulfate-cations: precipitate formed white
    brown-ring: ring none`,
  },
  {
    title: 'strontium carbonate',
    school: 'six-group',
    truth: ['Sr2+', 'CO3^2-'],
    entries: `
    look: solid white
    solution-water: solubility insoluble
    flame: flame crimson
    dilute-acid: gas evolved colourless brisk; limewater cloudy
    silver-acid: precipitate none
    group-3: precipitate none
    group-4: precipitate none
    group-5: precipitate formed white
    barium-chromate: precipitate none
    strontium-sulfate: precipitate formed white`,
  },
  {
    title: 'ammonium phosphate',
    school: 'no-sulfide',
    truth: ['NH4+', 'PO4^3-'],
    entries: `
    look: solid white
    ammonium: paper red-litmus changed blue; smell ammonia
    flame: flame none
    dilute-acid: gas none
    silver-neutral: precipitate formed yellow
    molybdate: precipitate formed yellow
    magnesia-anions: precipitate formed white crystalline
    silver-acid: precipitate none`,
  },
  {
    title: 'lead nitrate and zinc nitrate',
    school: 'six-group',
    truth: ['Pb2+', 'Zn2+', 'NO3-'],
    entries: `
    look: solid white
    solution-water: solution colourless clear
    heating: gas evolved brown; solid yellow
    silver-acid: precipitate none
    brown-ring: ring formed brown
    group-1: precipitate formed white crystalline
    lead-hot-water: precipitate dissolved
    lead-chromate: precipitate formed yellow
    group-3: precipitate none
    group-4: precipitate formed white
    group-4-acid: precipitate dissolved
    zinc-hexacyanoferrate: precipitate formed white
    group-5: precipitate none`,
  },
  {
    title: 'copper sulfate and magnesium sulfate',
    school: 'six-group',
    truth: ['Cu2+', 'Mg2+', 'SO4^2-'],
    entries: `
    look: solid blue
    solution-water: solution blue
    barium-acid: precipitate formed white
    silver-acid: precipitate none
    group-1: precipitate none
    group-2: precipitate formed black
    tin-division: precipitate persists black
    copper-hexacyanoferrate-2: precipitate formed red-brown
    group-3: precipitate none
    group-4: precipitate none
    group-5: precipitate none
    magnesium-phosphate: precipitate formed white crystalline`,
  },
  {
    title: 'iron alum beside aluminium sulfate',
    school: 'no-sulfide',
    truth: ['Fe3+', 'Al3+', 'SO4^2-'],
    entries: `
    look: solid off-white
    solution-water: solution yellow
    barium-acid: precipitate formed white
    silver-acid: precipitate none
    ammonium: paper unchanged
    ammonia-division: precipitate formed red-brown gelatinous
    peroxide-division: precipitate persists red-brown
    iron-thiocyanate: solution red
    aluminium-ammonium-chloride: precipitate formed white gelatinous
    group-5: precipitate none`,
  },
  {
    title: 'washing soda and table salt',
    school: 'no-sulfide',
    truth: ['Na+', 'CO3^2-', 'Cl-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    litmus-solution: paper red-litmus changed blue
    flame: flame yellow
    dilute-acid: gas evolved colourless brisk; limewater cloudy
    silver-acid: precipitate formed white curdy
    silver-ammonia: precipitate dissolved
    barium-acid: precipitate none
    ammonium: paper unchanged
    hydroxide: precipitate none`,
  },
  {
    title: 'potassium bromide and potassium iodide',
    school: 'semi-micro',
    truth: ['K+', 'Br-', 'I-'],
    entries: `
    look: solid white
    flame: flame violet
    concentrated-acid: gas evolved violet; gas evolved red-brown
    silver-acid: precipitate formed yellow
    chlorine-layer: layer violet
    chlorine-more: layer orange
    barium-acid: precipitate none
    potassium-cobaltinitrite: precipitate formed yellow`,
  },
  {
    title: 'calcium chloride and ammonium chloride',
    school: 'six-group',
    truth: ['Ca2+', 'NH4+', 'Cl-'],
    entries: `
    look: solid white
    solution-water: solution colourless clear
    ammonium: paper red-litmus changed blue; smell ammonia
    flame: flame brick-red
    silver-acid: precipitate formed white curdy
    barium-acid: precipitate none
    group-3: precipitate none
    group-4: precipitate none
    group-5: precipitate formed white
    barium-chromate: precipitate none
    strontium-sulfate: precipitate none
    calcium-oxalate: precipitate formed white`,
  },
];
