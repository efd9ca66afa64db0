/** Salts and mixtures as beginners write them, tersely and with an odd word, before anything was run on them. */
import type { Written } from './record';

export const BEGINNERS: readonly Written[] = [
  {
    title: 'sodium sulfite, the gas taken for carbon dioxide',
    school: 'no-sulfide',
    truth: ['Na+', 'SO3^2-'],
    entries: `
    solution-water: solution colourless
    flame: flame yellow
    dilute-acid: gas evolved; smell none; limewater cloudy
    dilute-acid-papers: paper dichromate changed green
    permanganate-acid: solution colourless
    barium-acid: precipitate formed white slight
    silver-acid: precipitate none
    ammonium: paper unchanged`,
  },
  {
    title: 'copper carbonate, the fizzing not seen',
    school: 'no-sulfide',
    truth: ['Cu2+', 'CO3^2-'],
    entries: `
    look: solid green
    heating: solid black; limewater cloudy
    solution-water: precipitate persists green
    dilute-acid: gas none; solution blue
    flame: flame green
    ammonia: solution deep-blue
    copper-hexacyanoferrate: precipitate formed brown
    barium-acid: precipitate none
    silver-acid: precipitate none`,
  },
  {
    title: 'iron(II) sulfate, gone brown in the tube',
    school: 'six-group',
    truth: ['Fe2+', 'SO4^2-'],
    entries: `
    look: solid pale-green
    solution-water: solution pale-green
    barium-acid: precipitate formed white
    silver-acid: precipitate none
    iron-ii-original: precipitate formed blue
    group-1: precipitate none
    group-2: precipitate none
    group-3: precipitate formed red-brown
    iron-thiocyanate: solution red
    ammonium: paper unchanged`,
  },
  {
    title: 'strontium nitrate, the flame called orange',
    school: 'six-group',
    truth: ['Sr2+', 'NO3-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    flame: flame orange-red
    heating: gas evolved brown
    brown-ring: ring formed brown
    silver-acid: precipitate none
    barium-acid: precipitate none
    group-5: precipitate formed white
    barium-chromate: precipitate none
    strontium-sulfate: precipitate formed white`,
  },
  {
    title: 'potassium bromide, the ring of another tube',
    school: 'no-sulfide',
    truth: ['K+', 'Br-'],
    entries: `
    solution-water: solution colourless
    flame: flame violet
    flame-cobalt-glass: flame crimson cobalt-glass
    silver-acid: precipitate formed cream
    silver-ammonia: precipitate partly-dissolved
    chlorine-layer: layer brown
    brown-ring: ring formed brown
    concentrated-acid: gas evolved red-brown
    ammonium: paper unchanged
    group-5: precipitate none`,
  },
  {
    title: 'aluminium nitrate',
    school: 'no-sulfide',
    truth: ['Al3+', 'NO3-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    litmus-solution: paper changed red
    heating: gas evolved brown; solid white
    flame: flame none
    brown-ring: ring formed brown
    hydroxide: precipitate formed white gelatinous; precipitate dissolved
    ammonia: precipitate formed white gelatinous; precipitate persists
    aluminon: precipitate formed red
    silver-acid: precipitate none
    barium-acid: precipitate none`,
  },
  {
    title: 'zinc carbonate and ammonium chloride',
    school: 'no-sulfide',
    truth: ['Zn2+', 'NH4+', 'CO3^2-', 'Cl-'],
    entries: `
    look: solid white
    ammonium: smell ammonia; paper changed blue
    dilute-acid: gas evolved colourless; limewater cloudy
    silver-acid: precipitate formed white
    silver-ammonia: precipitate dissolved
    barium-acid: precipitate none
    flame: flame none
    hydroxide: precipitate formed white; precipitate dissolved; smell ammonia
    zinc-hexacyanoferrate: precipitate formed white`,
  },
  {
    title: 'potassium nitrate and barium nitrate',
    school: 'no-sulfide',
    truth: ['K+', 'Ba2+', 'NO3-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    flame: flame green
    flame-cobalt-glass: flame crimson cobalt-glass
    brown-ring: ring formed brown
    silver-acid: precipitate none
    group-5: precipitate formed white
    barium-chromate: precipitate formed yellow
    potassium-cobaltinitrite: precipitate formed yellow
    ammonium: paper unchanged`,
  },
  {
    title: 'sodium carbonate and sodium chloride',
    school: 'no-sulfide',
    truth: ['Na+', 'CO3^2-', 'Cl-'],
    entries: `
    solution-water: solution colourless
    flame: flame yellow lasting
    litmus-solution: paper changed blue
    dilute-acid: gas evolved brisk; limewater cloudy
    silver-acid: precipitate formed white
    silver-ammonia: precipitate dissolved
    barium-acid: precipitate none
    ammonium: paper unchanged`,
  },
  {
    title: 'nickel nitrate and ammonium chloride',
    school: 'six-group',
    truth: ['Ni2+', 'NH4+', 'NO3-', 'Cl-'],
    entries: `
    look: solid green
    solution-water: solution green
    ammonium: smell ammonia
    brown-ring: ring formed brown
    silver-acid: precipitate formed white curdy
    silver-ammonia: precipitate dissolved
    group-1: precipitate none
    group-2: precipitate none
    group-3: precipitate none
    group-4: precipitate formed black
    nickel-dimethylglyoxime: precipitate formed red
    barium-acid: precipitate none`,
  },
  {
    title: 'calcium chloride and magnesium chloride',
    school: 'six-group',
    truth: ['Ca2+', 'Mg2+', 'Cl-'],
    entries: `
    solution-water: solution colourless
    flame: flame brick-red
    silver-acid: precipitate formed white curdy
    silver-ammonia: precipitate dissolved
    group-1: precipitate none
    group-2: precipitate none
    group-3: precipitate none
    group-4: precipitate none
    group-5: precipitate formed white
    barium-chromate: precipitate none
    calcium-oxalate: precipitate formed white
    magnesium-phosphate: precipitate formed white crystalline`,
  },
  {
    title: 'lead carbonate and copper carbonate',
    school: 'no-sulfide',
    truth: ['Pb2+', 'Cu2+', 'CO3^2-'],
    entries: `
    look: solid green; solid white
    heating: solid black
    solution-water: precipitate persists
    solution-nitric: gas evolved; solution blue
    dilute-acid: gas evolved colourless; limewater cloudy
    flame: flame green
    group-1: precipitate formed white
    lead-hot-water: precipitate dissolved
    lead-chromate: precipitate formed yellow
    copper-hexacyanoferrate: precipitate formed red-brown`,
  },
];
