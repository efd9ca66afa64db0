/** Single salts later than all others, some with one mistake; written before anything was run. One was moved to a school that has its test. */
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
