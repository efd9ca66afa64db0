/** Mixtures of two that teachers set, written before anything was run on them. */
import type { Written } from './record';

export const PAIRS: readonly Written[] = [
  {
    title: 'barium chloride and ammonium chloride',
    school: 'six-group',
    truth: ['Ba2+', 'NH4+', 'Cl-'],
    entries: `
    look: solid white
    solution-water: solution colourless; precipitate none
    flame: flame apple-green
    heating: sublimate formed white
    ammonium: paper changed blue; smell ammonia
    silver-acid: precipitate formed white curdy
    silver-ammonia: precipitate dissolved
    group-1: precipitate none
    group-2: precipitate none
    group-3: precipitate none
    group-4: precipitate none
    group-5: precipitate formed white
    barium-chromate: precipitate formed yellow`,
  },
  {
    title: 'sodium nitrite and sodium chloride',
    school: 'no-sulfide',
    truth: ['Na+', 'NO2-', 'Cl-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    flame: flame yellow lasting
    dilute-acid: gas evolved brown; smell pungent
    silver-acid: precipitate formed white curdy
    silver-ammonia: precipitate dissolved
    iodide-acid: solution brown
    barium-acid: precipitate none
    ammonium: paper unchanged`,
  },
  {
    title: 'zinc sulfate and ammonium sulfate',
    school: 'six-group',
    truth: ['Zn2+', 'NH4+', 'SO4^2-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    flame: flame none
    ammonium: paper changed blue; smell ammonia
    barium-acid: precipitate formed white
    silver-acid: precipitate none
    group-1: precipitate none
    group-2: precipitate none
    group-3: precipitate none
    group-4: precipitate formed white
    zinc-hexacyanoferrate: precipitate formed white
    group-5: precipitate none`,
  },
  {
    title: 'chalk and table salt',
    school: 'no-sulfide',
    truth: ['Ca2+', 'Na+', 'CO3^2-', 'Cl-'],
    entries: `
    look: solid white
    solution-water: precipitate persists white
    solution-hydrochloric: gas evolved colourless; precipitate none
    flame: flame yellow lasting; flame brick-red
    dilute-acid: gas evolved colourless brisk; limewater cloudy
    silver-acid: precipitate formed white
    silver-ammonia: precipitate dissolved
    barium-acid: precipitate none
    group-5: precipitate formed white
    barium-chromate: precipitate none
    calcium-oxalate: precipitate formed white`,
  },
  {
    title: 'aluminium chloride and ammonium chloride',
    school: 'six-group',
    truth: ['Al3+', 'NH4+', 'Cl-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    litmus-solution: paper changed red
    ammonium: paper changed blue; smell ammonia
    silver-acid: precipitate formed white curdy
    silver-ammonia: precipitate dissolved
    group-1: precipitate none
    group-2: precipitate none
    group-3: precipitate formed white gelatinous
    aluminon: precipitate formed red
    group-4: precipitate none
    group-5: precipitate none`,
  },
  {
    title: 'lead nitrate and potassium nitrate',
    school: 'no-sulfide',
    truth: ['Pb2+', 'K+', 'NO3-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    heating: gas evolved brown; solid yellow
    flame-cobalt-glass: flame crimson cobalt-glass
    brown-ring: ring formed brown
    group-1: precipitate formed white
    lead-hot-water: precipitate dissolved
    lead-chromate: precipitate formed yellow
    lead-iodide: precipitate formed yellow
    potassium-cobaltinitrite: precipitate formed yellow`,
  },
  {
    title: 'copper sulfate and table salt',
    school: 'no-sulfide',
    truth: ['Cu2+', 'Na+', 'SO4^2-', 'Cl-'],
    entries: `
    look: solid blue; solid white
    solution-water: solution blue
    flame: flame green; flame yellow
    barium-acid: precipitate formed white
    silver-acid: precipitate formed white curdy
    silver-ammonia: precipitate dissolved
    ammonia: precipitate formed pale-blue; precipitate dissolved; solution deep-blue
    copper-hexacyanoferrate: precipitate formed red-brown
    ammonium: paper unchanged`,
  },
  {
    title: 'Epsom salt and potassium chloride',
    school: 'semi-micro',
    truth: ['Mg2+', 'K+', 'SO4^2-', 'Cl-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    flame: flame violet
    flame-cobalt-glass: flame crimson cobalt-glass
    barium-acid: precipitate formed white
    silver-acid: precipitate formed white curdy
    silver-ammonia: precipitate dissolved
    ammonium: paper unchanged
    group-1: precipitate none
    group-2: precipitate none
    group-3-sulfide: precipitate none
    group-5: precipitate none
    magnesium-phosphate: precipitate formed white crystalline
    potassium-cobaltinitrite: precipitate formed yellow`,
  },
  {
    title: 'iron(III) chloride and copper chloride',
    school: 'six-group',
    truth: ['Fe3+', 'Cu2+', 'Cl-'],
    entries: `
    look: solid brown
    solution-water: solution green
    flame: flame green
    silver-acid: precipitate formed white curdy
    silver-ammonia: precipitate dissolved
    group-1: precipitate none
    group-2: precipitate formed black
    copper-division-nitric: precipitate dissolved; solution blue
    copper-hexacyanoferrate-2: precipitate formed red-brown
    group-3: precipitate formed red-brown
    iron-hexacyanoferrate: precipitate formed deep-blue`,
  },
  {
    title: 'manganese sulfate and table salt',
    school: 'six-group',
    truth: ['Mn2+', 'Na+', 'SO4^2-', 'Cl-'],
    entries: `
    look: solid pink
    solution-water: solution colourless
    flame: flame yellow lasting
    bead-oxidising: bead violet
    barium-acid: precipitate formed white
    silver-acid: precipitate formed white
    silver-ammonia: precipitate dissolved
    group-1: precipitate none
    group-2: precipitate none
    group-3: precipitate none
    group-4: precipitate formed pink
    manganese-bismuthate: solution violet
    group-5: precipitate none`,
  },
];
