/** Mixtures, worked as books say and written before anything was run. */
import type { Written } from './record';

export const MIXTURES: readonly Written[] = [
  {
    title: 'sodium chloride and potassium sulfate',
    school: 'no-sulfide',
    truth: ['Na+', 'K+', 'Cl-', 'SO4^2-'],
    entries: `
    look: solid white
    solution-water: solution colourless clear
    flame: flame yellow
    flame-cobalt-glass: flame crimson
    silver-acid: precipitate formed white curdy
    silver-ammonia: precipitate dissolved
    barium-acid: precipitate formed white
    hydroxide: precipitate none
    ammonium: paper unchanged
    potassium-cobaltinitrite: precipitate formed yellow`,
  },
  {
    title: 'nickel sulfate and zinc sulfate',
    school: 'six-group',
    truth: ['Ni2+', 'Zn2+', 'SO4^2-'],
    entries: `
    look: solid green
    solution-water: solution green
    barium-acid: precipitate formed white
    silver-acid: precipitate none
    group-1: precipitate none
    group-2: precipitate none
    group-3: precipitate none
    group-4: precipitate formed black
    group-4-acid: precipitate partly-dissolved black
    nickel-dimethylglyoxime: precipitate formed red
    zinc-hexacyanoferrate: precipitate formed white
    group-5: precipitate none`,
  },
  {
    title: 'barium chloride and calcium chloride',
    school: 'six-group',
    truth: ['Ba2+', 'Ca2+', 'Cl-'],
    entries: `
    look: solid white
    flame: flame apple-green
    silver-acid: precipitate formed white
    group-3: precipitate none
    group-4: precipitate none
    group-5: precipitate formed white heavy
    carbonates-dissolved: precipitate dissolved
    barium-chromate: precipitate formed yellow
    strontium-sulfate: precipitate none
    calcium-oxalate: precipitate formed white`,
  },
  {
    title: 'copper nitrate and lead nitrate',
    school: 'six-group',
    truth: ['Cu2+', 'Pb2+', 'NO3-'],
    entries: `
    look: solid blue
    solution-water: solution blue clear
    heating: gas evolved brown; solid black
    brown-ring: ring formed brown
    silver-acid: precipitate none
    group-1: precipitate formed white
    lead-hot-water: precipitate dissolved
    lead-chromate: precipitate formed yellow
    lead-iodide: precipitate formed yellow spangles
    group-2: precipitate formed black
    tin-division: precipitate persists
    copper-hexacyanoferrate-2: precipitate formed red-brown`,
  },
  {
    title: 'ammonium sulfate and potassium iodide',
    school: 'no-sulfide',
    truth: ['NH4+', 'K+', 'SO4^2-', 'I-'],
    entries: `
    look: solid white
    ammonium: paper red-litmus changed blue; smell ammonia
    flame: flame violet
    silver-acid: precipitate formed yellow
    silver-ammonia: precipitate persists
    chlorine-layer: layer violet
    barium-acid: precipitate formed white
    concentrated-acid: gas evolved violet
    hydroxide: precipitate none; smell ammonia`,
  },
  {
    title: 'sodium nitrite and sodium nitrate',
    school: 'no-sulfide',
    truth: ['Na+', 'NO2-', 'NO3-'],
    entries: `
    look: solid off-white
    flame: flame yellow
    dilute-acid: gas evolved brown
    nitrite-griess: solution red
    nitrite-iodide: solution brown
    silver-acid: precipitate none
    barium-acid: precipitate none
    acid-copper: gas evolved brown`,
  },
  {
    title: 'magnesium carbonate and calcium carbonate',
    school: 'no-sulfide',
    truth: ['Ca2+', 'Mg2+', 'CO3^2-'],
    entries: `
    look: solid white
    solution-water: solubility insoluble
    dilute-acid: gas evolved colourless vigorous; limewater cloudy
    flame: flame brick-red
    silver-acid: precipitate none
    barium-acid: precipitate none
    ammonia-division: precipitate none
    group-5: precipitate formed white
    barium-chromate: precipitate none
    strontium-sulfate: precipitate none
    calcium-oxalate: precipitate formed white
    magnesium-phosphate: precipitate formed white`,
  },
  {
    title: 'chrome alum',
    school: 'semi-micro',
    truth: ['K+', 'Cr3+', 'SO4^2-'],
    entries: `
    look: solid violet
    solution-water: solution violet
    flame: flame violet
    barium-acid: precipitate formed white
    silver-acid: precipitate none
    group-2: precipitate none
    group-3-sulfide: precipitate formed green
    peroxide-division: solution yellow
    chromate-lead: precipitate formed yellow
    potassium-cobaltinitrite: precipitate formed yellow`,
  },
  {
    title: 'iron(II) sulfate and ammonium sulfate',
    school: 'no-sulfide',
    truth: ['NH4+', 'Fe2+', 'SO4^2-'],
    entries: `
    look: solid pale-green
    solution-water: solution pale-green
    ammonium: paper red-litmus changed blue
    barium-acid: precipitate formed white
    hydroxide: precipitate formed dirty-green
    iron-ii-original: precipitate formed deep-blue
    silver-acid: precipitate none`,
  },
  {
    title: 'zinc chloride and ammonium chloride',
    school: 'no-sulfide',
    truth: ['NH4+', 'Zn2+', 'Cl-'],
    entries: `
    look: solid white
    ammonium: smell ammonia; paper red-litmus changed blue
    silver-acid: precipitate formed white curdy
    silver-ammonia: precipitate dissolved
    barium-acid: precipitate none
    hydroxide: precipitate formed white gelatinous; precipitate dissolved
    ammonia: precipitate formed white; precipitate dissolved
    zinc-hexacyanoferrate: precipitate formed white
    flame: flame none`,
  },
  {
    title: 'manganese sulfate and copper sulfate',
    school: 'six-group',
    truth: ['Cu2+', 'Mn2+', 'SO4^2-'],
    entries: `
    look: solid pale-blue
    solution-water: solution pale-blue
    barium-acid: precipitate formed white
    group-1: precipitate none
    group-2: precipitate formed black
    bismuth-ammonia: solution deep-blue
    copper-hexacyanoferrate-2: precipitate formed brown
    group-3: precipitate none
    group-4: precipitate formed pink
    group-4-acid: precipitate dissolved
    manganese-bismuthate: solution violet
    group-5: precipitate none`,
  },
  {
    title: 'silver nitrate and lead nitrate',
    school: 'six-group',
    truth: ['Ag+', 'Pb2+', 'NO3-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    brown-ring: ring formed brown
    group-1: precipitate formed white heavy
    lead-hot-water: precipitate partly-dissolved
    lead-chromate: precipitate formed yellow
    silver-division: precipitate dissolved
    silver-return: precipitate formed white
    group-2: precipitate none
    barium-acid: precipitate none`,
  },
];
