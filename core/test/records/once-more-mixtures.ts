/** Mixtures once more, and double salts, worked as books say and written before anything was run. */
import type { Written } from './record';

export const ONCE_MORE_MIXED: readonly Written[] = [
  {
    title: 'zinc sulfate and aluminium sulfate',
    school: 'semi-micro',
    truth: ['Zn2+', 'Al3+', 'SO4^2-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    flame: flame none
    barium-acid: precipitate formed white
    silver-acid: precipitate none
    ammonium: paper unchanged
    group-1: precipitate none
    group-2: precipitate none
    group-3-sulfide: precipitate formed white
    hydroxide: precipitate formed white gelatinous; precipitate dissolved
    ammonia: precipitate formed white; precipitate partly-dissolved
    aluminon: precipitate formed red
    zinc-hexacyanoferrate: precipitate formed white
    group-5: precipitate none`,
  },
  {
    title: 'copper sulfate and iron(II) sulfate',
    school: 'no-sulfide',
    truth: ['Cu2+', 'Fe2+', 'SO4^2-'],
    entries: `
    look: solid pale-green
    solution-water: solution pale-green
    flame: flame green
    heating: droplets formed
    barium-acid: precipitate formed white
    silver-acid: precipitate none
    hydroxide: precipitate formed dirty-green
    ammonia: precipitate formed dirty-green; solution deep-blue
    copper-hexacyanoferrate: precipitate formed red-brown
    iron-ii-original: precipitate formed blue
    ammonium: paper unchanged`,
  },
  {
    title: 'sodium carbonate and sodium sulfate',
    school: 'no-sulfide',
    truth: ['Na+', 'CO3^2-', 'SO4^2-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    litmus-solution: paper changed blue
    flame: flame yellow lasting
    dilute-acid: gas evolved colourless brisk; limewater cloudy
    barium-acid: precipitate formed white
    silver-acid: precipitate none
    brown-ring: ring none
    ammonium: paper unchanged`,
  },
  {
    title: 'potassium chloride and potassium bromide',
    school: 'six-group',
    truth: ['K+', 'Cl-', 'Br-'],
    entries: `
    look: solid white
    flame: flame violet
    flame-cobalt-glass: flame crimson
    concentrated-acid: gas evolved brown; fumes white-fumes
    silver-acid: precipitate formed off-white curdy
    silver-ammonia: precipitate partly-dissolved
    chlorine-layer: layer orange
    barium-acid: precipitate none
    dilute-acid: gas none
    ammonium: paper unchanged
    potassium-cobaltinitrite: precipitate formed yellow`,
  },
  {
    title: 'sodium carbonate and sodium sulfite',
    school: 'no-sulfide',
    truth: ['Na+', 'CO3^2-', 'SO3^2-'],
    entries: `
    look: solid white
    flame: flame yellow
    dilute-acid: gas evolved colourless brisk; smell burning-sulfur
    dilute-acid-papers: paper changed green
    carbonate-lime: limewater cloudy
    sulfite-iodine: solution colourless
    silver-acid: precipitate none
    ammonium: paper unchanged
    hydroxide: precipitate none`,
  },
  {
    title: 'magnesium sulfate and ammonium chloride',
    school: 'six-group',
    truth: ['Mg2+', 'NH4+', 'SO4^2-', 'Cl-'],
    entries: `
    look: solid white
    heating: sublimate formed white; droplets formed
    ammonium: paper changed blue; smell ammonia
    flame: flame none
    silver-acid: precipitate formed white
    silver-ammonia: precipitate dissolved
    barium-acid: precipitate formed white
    group-1: precipitate none
    group-2: precipitate none
    group-3: precipitate none
    group-4: precipitate none
    group-5: precipitate none
    magnesium-phosphate: precipitate formed white crystalline`,
  },
  {
    title: 'calcium carbonate and strontium carbonate',
    school: 'six-group',
    truth: ['Ca2+', 'Sr2+', 'CO3^2-'],
    entries: `
    look: solid white
    solution-water: solubility insoluble
    dilute-acid: gas evolved colourless; limewater cloudy
    flame: flame crimson
    group-2: precipitate none
    group-3: precipitate none
    group-4: precipitate none
    group-5: precipitate formed white
    barium-chromate: precipitate none
    strontium-sulfate: precipitate formed white
    calcium-oxalate: precipitate formed white
    magnesium-phosphate: precipitate none`,
  },
  {
    title: 'manganese sulfate and zinc sulfate',
    school: 'six-group',
    truth: ['Mn2+', 'Zn2+', 'SO4^2-'],
    entries: `
    look: solid pink
    solution-water: solution colourless
    barium-acid: precipitate formed white
    silver-acid: precipitate none
    group-1: precipitate none
    group-2: precipitate none
    group-3: precipitate none
    group-4: precipitate formed buff
    manganese-bismuthate: solution violet
    zinc-sulfide: precipitate formed white
    group-5: precipitate none
    ammonium: paper unchanged`,
  },
  {
    title: 'copper sulfate and cadmium sulfate',
    school: 'six-group',
    truth: ['Cu2+', 'Cd2+', 'SO4^2-'],
    entries: `
    look: solid blue
    solution-water: solution blue
    flame: flame green
    barium-acid: precipitate formed white
    silver-acid: precipitate none
    group-1: precipitate none
    group-2: precipitate formed black
    tin-division: precipitate persists
    copper-division-nitric: solution blue
    bismuth-ammonia: precipitate none; solution deep-blue
    copper-hexacyanoferrate-2: precipitate formed red-brown
    cadmium-sulfide: precipitate formed yellow
    group-3: precipitate none
    group-4: precipitate none`,
  },
  {
    title: 'sodium chloride and sodium acetate',
    school: 'no-sulfide',
    truth: ['Na+', 'Cl-', 'CH3COO-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    flame: flame yellow lasting
    vinegar: smell vinegar
    iron-iii: solution red; precipitate formed brown
    silver-acid: precipitate formed white curdy
    silver-ammonia: precipitate dissolved
    barium-acid: precipitate none
    ammonium: paper unchanged`,
  },
  {
    title: 'ammonium alum',
    school: 'no-sulfide',
    truth: ['NH4+', 'Al3+', 'SO4^2-'],
    entries: `
    look: solid colourless
    solution-water: solution colourless
    litmus-solution: paper changed red
    ammonium: paper changed blue; smell ammonia
    flame: flame none
    barium-acid: precipitate formed white
    silver-acid: precipitate none
    hydroxide: precipitate formed white gelatinous; precipitate dissolved
    ammonia: precipitate formed white; precipitate persists
    cobalt-nitrate: solid blue`,
  },
  {
    title: 'Rochelle salt',
    school: 'no-sulfide',
    truth: ['Na+', 'K+', 'C4H4O6^2-'],
    entries: `
    look: solid colourless
    solution-water: solution colourless
    heating: solid charred black; smell pungent
    flame: flame yellow
    flame-cobalt-glass: flame crimson
    dilute-acid: gas none
    tartrate-char: solid charred black
    barium-acid: precipitate none
    silver-acid: precipitate none
    potassium-cobaltinitrite: precipitate formed yellow
    ammonium: paper unchanged`,
  },
  {
    title: 'lead carbonate and zinc carbonate',
    school: 'no-sulfide',
    truth: ['Pb2+', 'Zn2+', 'CO3^2-'],
    entries: `
    look: solid white
    solution-water: solubility insoluble
    dilute-acid: gas evolved colourless
    heating: solid yellow hot
    heating-carbon-dioxide: limewater cloudy
    charcoal: solid grey
    hydrochloric: precipitate formed white
    iodide: precipitate formed yellow
    hydroxide: precipitate formed white; precipitate dissolved
    ammonia: precipitate formed white
    chromate: precipitate formed yellow
    zinc-hexacyanoferrate: precipitate formed white`,
  },
];
