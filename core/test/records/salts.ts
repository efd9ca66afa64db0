/** Salts and mixtures, worked as a book says and written down with a student's freedom of words. */
import type { Written } from './record';

export const SALTS: readonly Written[] = [
  {
    title: 'blue vitriol',
    school: 'no-sulfide',
    truth: ['Cu2+', 'SO4^2-'],
    entries: `
    look: solid blue
    solution-water: solution pale-blue clear
    heating: droplets formed; solid white
    flame: flame green
    barium-acid: precipitate formed white
    silver-acid: precipitate none
    ammonia: precipitate formed pale-blue; solution deep-blue
    copper-hexacyanoferrate: precipitate formed brown`,
  },
  {
    title: 'table salt',
    school: 'no-sulfide',
    truth: ['Na+', 'Cl-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    flame: flame yellow
    ammonium: paper unchanged
    dilute-acid: gas none
    concentrated-acid: gas evolved; fumes white-fumes; smell pungent
    silver-acid: precipitate formed white curdy
    silver-ammonia: precipitate dissolved
    barium-acid: precipitate none
    hydroxide: precipitate none`,
  },
  {
    title: 'potassium nitrate',
    school: 'semi-micro',
    truth: ['K+', 'NO3-'],
    entries: `
    look: solid white
    flame: flame violet
    flame-cobalt-glass: flame pink
    heating: solid melted
    heating-splint: splint glowing relit
    silver-acid: precipitate none
    barium-acid: precipitate none
    acid-copper: gas evolved brown
    brown-ring: ring formed brown
    potassium-cobaltinitrite: precipitate formed yellow`,
  },
  {
    title: 'lead nitrate',
    school: 'six-group',
    truth: ['Pb2+', 'NO3-'],
    entries: `
    look: solid white
    solution-water: solution colourless clear
    heating: solid decrepitated; gas evolved brown
    charcoal: solid yellow
    group-1: precipitate formed white
    lead-hot-water: precipitate dissolved
    lead-chromate: precipitate formed yellow
    brown-ring: ring formed brown
    barium-acid: precipitate none`,
  },
  {
    title: 'ferrous sulfate, a little browned',
    school: 'no-sulfide',
    truth: ['Fe2+', 'SO4^2-'],
    entries: `
    look: solid pale-green
    solution-water: solution pale-green
    litmus-solution: paper blue-litmus changed red
    barium-acid: precipitate formed white
    hydroxide: precipitate formed green; precipitate colour-changed brown
    iron-ii-original: precipitate formed deep-blue
    iron-thiocyanate?: solution red`,
  },
  {
    title: 'ferric chloride',
    school: 'semi-micro',
    truth: ['Fe3+', 'Cl-'],
    entries: `
    look: solid brown
    solution-water: solution yellow
    silver-acid: precipitate formed white
    silver-ammonia?: precipitate dissolved
    barium-acid: precipitate none
    group-2: precipitate none
    iron-iii-original: solution red
    iron-ii-original: precipitate none`,
  },
  {
    title: 'washing soda',
    school: 'no-sulfide',
    truth: ['Na+', 'CO3^2-'],
    entries: `
    look: solid white
    solution-water: solution colourless clear
    litmus-solution: paper red-litmus changed blue
    flame: flame yellow lasting
    heating: droplets formed
    dilute-acid: gas evolved brisk; limewater cloudy
    carbonate-ph: paper universal-indicator 11`,
  },
  {
    title: 'calcium carbonate',
    school: 'six-group',
    truth: ['Ca2+', 'CO3^2-'],
    entries: `
    look: solid white
    solution-water: precipitate persists white
    dilute-acid: gas evolved; limewater cloudy
    flame: flame brick-red
    group-2: precipitate none
    group-3: precipitate none
    group-4: precipitate none
    group-5: precipitate formed white
    barium-chromate: precipitate none
    strontium-sulfate: precipitate none
    calcium-oxalate: precipitate formed white`,
  },
  {
    title: 'barium chloride',
    school: 'six-group',
    truth: ['Ba2+', 'Cl-'],
    entries: `
    look: solid white
    flame: flame green
    silver-acid: precipitate formed white
    silver-ammonia: precipitate dissolved
    group-5: precipitate formed white
    barium-chromate: precipitate formed yellow`,
  },
  {
    title: 'zinc sulfate',
    school: 'no-sulfide',
    truth: ['Zn2+', 'SO4^2-'],
    entries: `
    look: solid white
    solution-water: solution colourless clear
    heating: droplets formed; solid white
    barium-acid: precipitate formed white
    hydroxide: precipitate formed white; precipitate dissolved
    ammonia: precipitate formed white; precipitate dissolved
    zinc-hexacyanoferrate: precipitate formed white
    cobalt-nitrate: solid green`,
  },
  {
    title: 'ammonium chloride',
    school: 'no-sulfide',
    truth: ['NH4+', 'Cl-'],
    entries: `
    look: solid white
    heating: sublimate formed white
    ammonium: smell ammonia; paper red-litmus changed blue
    ammonium-nessler: precipitate formed brown
    silver-acid: precipitate formed white curdy
    silver-ammonia: precipitate dissolved
    barium-acid: precipitate none`,
  },
  {
    title: 'potassium iodide',
    school: 'semi-micro',
    truth: ['K+', 'I-'],
    entries: `
    look: solid white
    flame: flame violet
    concentrated-acid: gas evolved violet; smell rotten-eggs
    silver-acid: precipitate formed yellow
    silver-ammonia: precipitate persists
    chlorine-layer: layer present violet
    potassium-cobaltinitrite: precipitate formed yellow`,
  },
  {
    title: 'potash alum',
    school: 'no-sulfide',
    truth: ['K+', 'Al3+', 'SO4^2-'],
    entries: `
    look: solid colourless
    solution-water: solution colourless clear
    litmus-solution: paper blue-litmus changed red
    heating: solid swelled; droplets formed
    flame: flame violet
    barium-acid: precipitate formed white
    hydroxide: precipitate formed white; precipitate dissolved
    ammonia: precipitate formed white gelatinous; precipitate persists
    aluminon: precipitate formed red
    potassium-cobaltinitrite: precipitate formed yellow`,
  },
  {
    title: 'copper sulfate and ammonium chloride',
    school: 'no-sulfide',
    truth: ['Cu2+', 'NH4+', 'SO4^2-', 'Cl-'],
    entries: `
    look: solid pale-blue
    solution-water: solution blue clear
    flame: flame green
    ammonium: paper red-litmus changed blue; smell ammonia
    barium-acid: precipitate formed white
    silver-acid: precipitate formed white
    silver-ammonia: precipitate dissolved
    ammonia: precipitate formed pale-blue; solution deep-blue
    copper-hexacyanoferrate: precipitate formed red-brown`,
  },
  {
    title: 'strontium nitrate and sodium chloride',
    school: 'six-group',
    truth: ['Sr2+', 'Na+', 'NO3-', 'Cl-'],
    entries: `
    look: solid white
    solution-water: solution colourless clear
    flame: flame crimson; flame yellow
    silver-acid: precipitate formed white
    silver-ammonia: precipitate dissolved
    barium-acid: precipitate none
    brown-ring: ring formed brown
    group-2: precipitate none
    group-3: precipitate none
    group-4: precipitate none
    group-5: precipitate formed white
    barium-chromate: precipitate none
    strontium-sulfate: precipitate formed white`,
  },
];
