/**
 * Salts with one mistake, and mixtures, the last of all: written before anything was run on them, when traces and the heating of mixtures
 * had been mended. Afterwards one mixture was taken out (README says why) and a test that its school has not was struck from another.
 */
import type { Written } from './record';

export const LAST_MISTAKEN: readonly Written[] = [
  {
    title: 'magnesium nitrate, sulfate from the tap',
    school: 'no-sulfide',
    truth: ['Mg2+', 'NO3-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    heating: droplets formed; gas evolved brown
    brown-ring: ring formed brown
    silver-acid: precipitate none
    barium-acid: precipitate formed white slight
    hydroxide: precipitate formed white; precipitate persists
    ammonia: precipitate formed white
    group-5: precipitate none
    magnesium-phosphate: precipitate formed white crystalline`,
  },
  {
    title: 'copper sulfate, chloride in the tube',
    school: 'no-sulfide',
    truth: ['Cu2+', 'SO4^2-'],
    entries: `
    look: solid blue
    solution-water: solution blue
    heating: droplets formed; solid white
    flame: flame green
    barium-acid: precipitate formed white
    silver-acid: precipitate formed white slight
    ammonia: precipitate formed pale-blue; precipitate dissolved; solution deep-blue
    copper-hexacyanoferrate: precipitate formed red-brown
    ammonium: paper unchanged`,
  },
  {
    title: 'barium chloride, no flame seen',
    school: 'no-sulfide',
    truth: ['Ba2+', 'Cl-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    flame: flame none
    silver-acid: precipitate formed white curdy
    silver-ammonia: precipitate dissolved
    concentrated-acid: gas evolved colourless; fumes white-fumes
    hydroxide: precipitate none
    ammonium: paper unchanged
    group-5: precipitate formed white
    barium-chromate: precipitate formed yellow`,
  },
  {
    title: 'zinc chloride, sulfur taken for a sulfide of the second group',
    school: 'six-group',
    truth: ['Zn2+', 'Cl-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    silver-acid: precipitate formed white
    silver-ammonia: precipitate dissolved
    hydroxide: precipitate formed white; precipitate dissolved
    ammonia: precipitate formed white; precipitate dissolved
    group-2: precipitate formed yellow
    group-3: precipitate none
    group-4: precipitate formed white
    cobalt-nitrate: solid green`,
  },
  {
    title: 'sodium nitrite, the brown gas missed',
    school: 'no-sulfide',
    truth: ['Na+', 'NO2-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    flame: flame yellow lasting
    dilute-acid: gas none
    silver-acid: precipitate none
    barium-acid: precipitate none
    nitrite-iodide: solution deep-blue
    permanganate-acid: solution colourless
    ammonium: paper unchanged
    brown-ring: ring formed brown`,
  },
  {
    title: 'iron(III) chloride, the wrong bottle for barium',
    school: 'no-sulfide',
    truth: ['Fe3+', 'Cl-'],
    entries: `
    look: solid orange
    solution-water: solution yellow
    silver-acid: precipitate formed white
    barium-acid: precipitate formed white
    concentrated-acid: gas evolved colourless; smell pungent
    hydroxide: precipitate formed red-brown; precipitate persists
    ammonia: precipitate formed red-brown
    iron-thiocyanate: solution red
    iron-hexacyanoferrate: precipitate formed deep-blue
    ammonium: paper unchanged`,
  },
  {
    title: 'aluminium sulfate, the lake not formed',
    school: 'no-sulfide',
    truth: ['Al3+', 'SO4^2-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    litmus: paper changed red
    heating: droplets formed
    barium-acid: precipitate formed white
    silver-acid: precipitate none
    hydroxide: precipitate formed white gelatinous; precipitate dissolved
    ammonia: precipitate formed white gelatinous; precipitate persists
    aluminon: precipitate none
    flame: flame none`,
  },
];

export const LAST_MIXED: readonly Written[] = [
  {
    title: 'ammonium chloride and ammonium sulfate',
    school: 'no-sulfide',
    truth: ['NH4+', 'Cl-', 'SO4^2-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    flame: flame none
    heating: sublimate formed white
    ammonium: paper changed blue; smell ammonia
    silver-acid: precipitate formed white curdy
    silver-ammonia: precipitate dissolved
    barium-acid: precipitate formed white
    brown-ring: ring none
    hydroxide: precipitate none; smell ammonia`,
  },
  {
    title: 'potassium iodide and potassium nitrate',
    school: 'no-sulfide',
    truth: ['K+', 'I-', 'NO3-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    flame: flame violet
    flame-cobalt-glass: flame crimson cobalt-glass
    concentrated-acid: gas evolved violet
    silver-acid: precipitate formed yellow
    silver-ammonia: precipitate persists
    chlorine-layer: layer violet
    barium-acid: precipitate none
    heating: solid melted; gas evolved colourless
    heating-splint: splint relit`,
  },
  {
    title: 'copper sulfate and iron(II) sulfate',
    school: 'no-sulfide',
    truth: ['Cu2+', 'Fe2+', 'SO4^2-'],
    entries: `
    look: solid blue; solid pale-green
    solution-water: solution pale-blue
    barium-acid: precipitate formed white
    silver-acid: precipitate none
    flame: flame green
    iron-ii-original: precipitate formed deep-blue
    ammonia: precipitate formed dirty-green; solution deep-blue
    copper-hexacyanoferrate: precipitate formed red-brown
    ammonium: paper unchanged`,
  },
  {
    title: 'silver nitrate and copper nitrate',
    school: 'six-group',
    truth: ['Ag+', 'Cu2+', 'NO3-'],
    entries: `
    look: solid blue; solid white
    solution-water: solution blue
    heating: gas evolved brown; solid black
    brown-ring: ring formed brown
    group-1: precipitate formed white curdy
    lead-hot-water: precipitate persists
    hydrochloric: precipitate formed white
    group-2: precipitate formed black
    copper-division-nitric: precipitate dissolved; solution blue
    barium-acid: precipitate none`,
  },
  {
    title: 'manganese chloride and magnesium chloride',
    school: 'six-group',
    truth: ['Mn2+', 'Mg2+', 'Cl-'],
    entries: `
    look: solid pink; solid white
    solution-water: solution colourless
    silver-acid: precipitate formed white
    silver-ammonia: precipitate dissolved
    barium-acid: precipitate none
    group-1: precipitate none
    group-2: precipitate none
    group-3: precipitate none
    group-4: precipitate formed buff
    manganese-lead-dioxide: solution violet
    group-5: precipitate none
    magnesium-phosphate: precipitate formed white crystalline`,
  },
  {
    title: 'sodium phosphate and sodium sulfate',
    school: 'no-sulfide',
    truth: ['Na+', 'PO4^3-', 'SO4^2-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    flame: flame yellow lasting
    dilute-acid: gas none
    barium-acid: precipitate formed white
    silver-acid: precipitate none
    molybdate: precipitate formed yellow
    ammonium: paper unchanged
    brown-ring: ring none`,
  },
];
