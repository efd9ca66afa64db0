/** Salts and mixtures written later than all others and before anything was run; nothing was fitted to them. */
import type { Written } from './record';

export const LATER: readonly Written[] = [
  {
    title: 'nickel nitrate',
    school: 'no-sulfide',
    truth: ['Ni2+', 'NO3-'],
    entries: `
    look: solid green
    solution-water: solution green clear
    heating: gas evolved brown; solid black
    flame: flame none
    silver-acid: precipitate none
    barium-acid: precipitate none
    brown-ring: ring formed brown
    hydroxide: precipitate formed green
    ammonia: precipitate formed green; precipitate dissolved; solution blue
    nickel-dimethylglyoxime: precipitate formed red`,
  },
  {
    title: 'zinc nitrate',
    school: 'no-sulfide',
    truth: ['Zn2+', 'NO3-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    heating: solid yellow hot; solid white cold; gas evolved brown
    dilute-acid: gas none
    silver-acid: precipitate none
    barium-acid: precipitate none
    brown-ring: ring formed brown
    hydroxide: precipitate formed white; precipitate dissolved
    ammonia: precipitate formed white; precipitate dissolved
    zinc-hexacyanoferrate: precipitate formed white
    cobalt-nitrate: solid green`,
  },
  {
    title: 'magnesium chloride',
    school: 'six-group',
    truth: ['Mg2+', 'Cl-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    flame: flame none
    concentrated-acid: gas evolved colourless pungent; fumes white-fumes
    silver-acid: precipitate formed white curdy
    silver-ammonia: precipitate dissolved
    barium-acid: precipitate none
    group-1: precipitate none
    group-2: precipitate none
    group-3: precipitate none
    group-4: precipitate none
    group-5: precipitate none
    magnesium-phosphate: precipitate formed white crystalline
    magneson: precipitate formed blue`,
  },
  {
    title: 'sodium bromide',
    school: 'no-sulfide',
    truth: ['Na+', 'Br-'],
    entries: `
    look: solid white
    flame: flame yellow lasting
    solution-water: solution colourless
    dilute-acid: gas none
    concentrated-acid: gas evolved brown; fumes white-fumes
    silver-acid: precipitate formed pale-yellow
    silver-ammonia: precipitate partly-dissolved
    chlorine-layer: layer orange
    barium-acid: precipitate none
    ammonium: paper unchanged`,
  },
  {
    title: 'chromium(III) chloride',
    school: 'no-sulfide',
    truth: ['Cr3+', 'Cl-'],
    entries: `
    look: solid dark-green
    solution-water: solution green
    silver-acid: precipitate formed white
    silver-ammonia: precipitate dissolved
    barium-acid: precipitate none
    hydroxide: precipitate formed green; precipitate dissolved; solution green
    ammonia: precipitate formed green gelatinous
    chromate-lead: precipitate formed yellow
    chromium-peroxide: layer blue
    bead-oxidising: bead green`,
  },
  {
    title: 'ammonium nitrate',
    school: 'no-sulfide',
    truth: ['NH4+', 'NO3-'],
    entries: `
    look: solid white
    heating: solid melted; gas evolved colourless; droplets formed
    solution-water: solution colourless
    ammonium: paper changed blue; smell ammonia
    silver-acid: precipitate none
    barium-acid: precipitate none
    brown-ring: ring formed brown
    hydroxide: precipitate none; smell ammonia`,
  },
  {
    title: 'verdigris (copper acetate)',
    school: 'semi-micro',
    truth: ['Cu2+', 'CH3COO-'],
    entries: `
    look: solid blue-green
    solution-water: solution blue-green
    flame: flame green
    vinegar: smell vinegar
    concentrated-acid: smell vinegar
    silver-acid: precipitate none
    barium-acid: precipitate none
    group-1: precipitate none
    group-2: precipitate formed black
    ammonia: precipitate formed pale-blue; precipitate dissolved; solution deep-blue
    copper-hexacyanoferrate: precipitate formed red-brown
    iron-iii: solution red-brown`,
  },
  {
    title: 'potassium hexacyanoferrate(III)',
    school: 'no-sulfide',
    truth: ['K+', 'Fe(CN)6^3-'],
    entries: `
    look: solid red
    solution-water: solution yellow
    flame-cobalt-glass: flame crimson cobalt-glass
    hexacyanoferrate-iii: precipitate formed deep-blue
    hexacyanoferrate-ii: precipitate none
    silver-acid: precipitate formed orange
    barium-acid: precipitate none
    ammonium: paper unchanged`,
  },
  {
    title: 'lead(II) iodide',
    school: 'no-sulfide',
    truth: ['Pb2+', 'I-'],
    entries: `
    look: solid yellow
    solution-water: precipitate persists
    heating: gas evolved violet; solid melted
    charcoal: solid grey
    concentrated-acid: gas evolved violet
    residue-carbonate: precipitate persists white
    silver-acid: precipitate formed yellow
    silver-ammonia: precipitate persists
    chlorine-layer: layer violet
    chromate: precipitate formed yellow`,
  },
  {
    title: 'cadmium nitrate',
    school: 'six-group',
    truth: ['Cd2+', 'NO3-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    heating: gas evolved brown; solid brown
    flame: flame none
    group-1: precipitate none
    group-2: precipitate formed yellow
    tin-division: precipitate persists
    cadmium-sulfide: precipitate formed yellow
    brown-ring: ring formed brown
    barium-acid: precipitate none
    silver-acid: precipitate none`,
  },
  {
    title: 'strontium chloride',
    school: 'six-group',
    truth: ['Sr2+', 'Cl-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    flame: flame crimson
    silver-acid: precipitate formed white
    silver-ammonia: precipitate dissolved
    group-2: precipitate none
    group-3: precipitate none
    group-4: precipitate none
    group-5: precipitate formed white
    barium-chromate: precipitate none
    strontium-sulfate: precipitate formed white`,
  },
  {
    title: 'iron(III) nitrate',
    school: 'semi-micro',
    truth: ['Fe3+', 'NO3-'],
    entries: `
    look: solid violet
    solution-water: solution yellow
    heating: gas evolved brown; solid red-brown
    iron-thiocyanate: solution red
    iron-hexacyanoferrate: precipitate formed deep-blue
    hydroxide: precipitate formed red-brown
    silver-acid: precipitate none
    barium-acid: precipitate none
    brown-ring: ring formed brown`,
  },
];

export const LATER_MISTAKEN: readonly Written[] = [
  {
    title: 'nickel chloride, no ammonia to the glyoxime',
    school: 'no-sulfide',
    truth: ['Ni2+', 'Cl-'],
    entries: `
    look: solid green
    solution-water: solution green
    silver-acid: precipitate formed white
    silver-ammonia: precipitate dissolved
    barium-acid: precipitate none
    hydroxide: precipitate formed green
    ammonia: precipitate formed green; precipitate dissolved; solution blue
    nickel-dimethylglyoxime: precipitate none
    bead-oxidising: bead red-brown`,
  },
  {
    title: 'calcium carbonate, sodium on the wire',
    school: 'no-sulfide',
    truth: ['Ca2+', 'CO3^2-'],
    entries: `
    look: solid white
    solution-water: precipitate persists
    dilute-acid: gas evolved colourless brisk; limewater cloudy
    flame: flame yellow lasting
    ammonium: paper unchanged
    silver-acid: precipitate none
    barium-acid: precipitate none
    group-5: precipitate formed white
    barium-chromate: precipitate none
    strontium-sulfate: precipitate none
    calcium-oxalate: precipitate formed white`,
  },
  {
    title: 'ammonium sulfate, chloride from the tap',
    school: 'no-sulfide',
    truth: ['NH4+', 'SO4^2-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    flame: flame none
    ammonium: paper changed blue; smell ammonia
    dilute-acid: gas none
    barium-acid: precipitate formed white
    silver-acid: precipitate formed white slight
    silver-ammonia: precipitate dissolved
    hydroxide: precipitate none; smell ammonia`,
  },
  {
    title: 'lead nitrate, the chloride not dissolved when hot',
    school: 'six-group',
    truth: ['Pb2+', 'NO3-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    heating: solid decrepitated; gas evolved brown; solid yellow
    group-1: precipitate formed white
    lead-hot-water: precipitate persists
    lead-chromate: precipitate formed yellow
    iodide: precipitate formed yellow
    sulfate-cations: precipitate formed white
    brown-ring: ring formed brown
    barium-acid: precipitate none`,
  },
  {
    title: 'potassium nitrate, a green flame imagined',
    school: 'no-sulfide',
    truth: ['K+', 'NO3-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    flame: flame green
    flame-cobalt-glass: flame crimson cobalt-glass
    heating-splint: splint relit
    silver-acid: precipitate none
    barium-acid: precipitate none
    brown-ring: ring formed brown
    hydroxide: precipitate none
    ammonium: paper unchanged`,
  },
  {
    title: 'manganese sulfate, the violet missed',
    school: 'no-sulfide',
    truth: ['Mn2+', 'SO4^2-'],
    entries: `
    look: solid pink
    solution-water: solution colourless
    flame: flame none
    barium-acid: precipitate formed white
    silver-acid: precipitate none
    hydroxide: precipitate formed white; precipitate colour-changed brown
    ammonia: precipitate formed off-white; precipitate colour-changed brown
    manganese-lead-dioxide: solution colourless
    bead-oxidising: bead violet`,
  },
];

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
