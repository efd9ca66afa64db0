/** Single salts once more, half of them with one thing misread, contaminated or missed; written before anything was run. */
import type { Written } from './record';

export const ONCE_MORE: readonly Written[] = [
  {
    title: 'ammonium carbonate',
    school: 'no-sulfide',
    truth: ['NH4+', 'CO3^2-'],
    entries: `
    look: solid white; smell ammonia
    heating: solid sublimed; smell ammonia
    ammonium: paper changed blue
    dilute-acid: gas evolved colourless brisk
    carbonate-ph: paper changed blue
    silver-acid: precipitate none
    barium-acid: precipitate none
    hydroxide: precipitate none; smell ammonia`,
  },
  {
    title: 'potassium permanganate',
    school: 'no-sulfide',
    truth: ['K+', 'MnO4-'],
    entries: `
    look: solid black
    solution-water: solution violet
    heating-splint: splint relit
    flame: flame violet
    permanganate-iron: solution colourless
    ammonium: paper unchanged`,
  },
  {
    title: 'sodium hydrogencarbonate',
    school: 'semi-micro',
    truth: ['Na+', 'HCO3-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    flame: flame yellow
    dilute-acid: gas evolved brisk; limewater cloudy
    heated-hydrogencarbonate: limewater cloudy
    heating: droplets formed
    carbonate-ph: solution colourless
    silver-acid: precipitate none
    barium-acid: precipitate none`,
  },
  {
    title: 'lithium carbonate',
    school: 'six-group',
    truth: ['Li+', 'CO3^2-'],
    entries: `
    look: solid white
    solution-water: solubility partly-soluble
    flame: flame crimson
    dilute-acid: gas evolved colourless
    group-2: precipitate none
    group-3: precipitate none
    group-4: precipitate none
    group-5: precipitate none
    magnesium-phosphate: precipitate none
    lithium-phosphate: precipitate formed white`,
  },
  {
    title: 'chromium(III) sulfate',
    school: 'semi-micro',
    truth: ['Cr3+', 'SO4^2-'],
    entries: `
    look: solid dark-green
    solution-water: solution green
    barium-acid: precipitate formed white
    silver-acid: precipitate none
    hydroxide: precipitate formed green; precipitate dissolved; solution green
    ammonia: precipitate formed green gelatinous
    group-3-sulfide: precipitate formed green
    peroxide-division: solution yellow
    chromate-lead: precipitate formed yellow`,
  },
  {
    title: 'mercury(I) nitrate',
    school: 'six-group',
    truth: ['Hg2^2+', 'NO3-'],
    entries: `
    look: solid white
    group-1: precipitate formed white
    lead-hot-water: precipitate persists
    silver-division: precipitate colour-changed black
    mercury-i-tin: precipitate formed grey
    brown-ring: ring formed brown
    hydroxide: precipitate formed black
    iodide: precipitate formed green`,
  },
  {
    title: 'sodium fluoride',
    school: 'no-sulfide',
    truth: ['Na+', 'F-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    flame: flame yellow
    silver-acid: precipitate none
    barium-acid: precipitate none
    concentrated-acid: gas evolved colourless; smell pungent
    fluoride-zirconium: solution yellow
    dilute-acid: gas none
    ammonium: paper unchanged`,
  },
  {
    title: 'manganese dioxide',
    school: 'no-sulfide',
    truth: ['Mn2+'],
    entries: `
    look: solid black
    solution-water: solubility insoluble
    solution-hydrochloric: gas evolved pale-green; smell bleach
    dilute-acid: gas none
    heating: solid unchanged
    manganese-bismuthate: solution violet
    silver-acid: precipitate none
    barium-acid: precipitate none`,
  },
  {
    title: 'zinc carbonate',
    school: 'no-sulfide',
    truth: ['Zn2+', 'CO3^2-'],
    entries: `
    look: solid white
    solution-water: solubility insoluble
    heating: solid yellow hot; solid white cold
    dilute-acid: gas evolved colourless; limewater cloudy
    flame: flame none
    hydroxide: precipitate formed white; precipitate dissolved
    ammonia: precipitate formed white; precipitate dissolved
    cobalt-nitrate: solid green
    silver-acid: precipitate none
    barium-acid: precipitate none`,
  },
  {
    title: 'arsenic(III) oxide',
    school: 'six-group',
    truth: ['As3+'],
    entries: `
    look: solid white
    solution-water: solubility partly-soluble
    heating: sublimate formed white
    group-1: precipitate none
    group-2: precipitate formed yellow
    tin-division: precipitate dissolved
    arsenic-division: precipitate persists
    arsenic-molybdate: precipitate formed yellow
    silver-acid: precipitate none
    barium-acid: precipitate none`,
  },
];

export const ONCE_MORE_MISTAKEN: readonly Written[] = [
  {
    title: 'calcium chloride, the flame called crimson',
    school: 'no-sulfide',
    truth: ['Ca2+', 'Cl-'],
    entries: `
    look: solid white
    solution-water: solution colourless; heat warmer
    flame: flame crimson
    silver-acid: precipitate formed white curdy
    silver-ammonia: precipitate dissolved
    barium-acid: precipitate none
    hydroxide: precipitate formed white slight
    ammonia: precipitate none
    sulfate-cations: precipitate none
    calcium-oxalate: precipitate formed white`,
  },
  {
    title: 'sodium nitrate, the brown ring missed',
    school: 'no-sulfide',
    truth: ['Na+', 'NO3-'],
    entries: `
    look: solid white
    flame: flame yellow lasting
    heating-splint: splint relit
    silver-acid: precipitate none
    barium-acid: precipitate none
    brown-ring: ring none
    nitrate-diphenylamine: ring formed blue
    dilute-acid: gas none
    ammonium: paper unchanged`,
  },
  {
    title: 'magnesium chloride, too little ammonium chloride in the fifth group',
    school: 'six-group',
    truth: ['Mg2+', 'Cl-'],
    entries: `
    look: solid white
    silver-acid: precipitate formed white curdy
    silver-ammonia: precipitate dissolved
    flame: flame none
    group-1: precipitate none
    group-2: precipitate none
    group-3: precipitate none
    group-4: precipitate none
    group-5: precipitate formed white slight
    barium-chromate: precipitate none
    strontium-sulfate: precipitate none
    calcium-oxalate: precipitate none
    magnesium-phosphate: precipitate formed white crystalline
    magneson: precipitate formed blue`,
  },
  {
    title: 'aluminium sulfate, iron in the acid',
    school: 'no-sulfide',
    truth: ['Al3+', 'SO4^2-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    barium-acid: precipitate formed white
    silver-acid: precipitate none
    hydroxide: precipitate formed white gelatinous; precipitate dissolved
    ammonia: precipitate formed white gelatinous
    aluminon: precipitate formed red
    iron-thiocyanate: solution pink
    flame: flame none
    ammonium: paper unchanged`,
  },
  {
    title: 'ammonium sulfate, sodium from the fingers',
    school: 'no-sulfide',
    truth: ['NH4+', 'SO4^2-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    ammonium: paper changed blue; smell ammonia
    flame: flame yellow
    barium-acid: precipitate formed white
    silver-acid: precipitate none
    hydroxide: precipitate none
    heating: smell ammonia`,
  },
  {
    title: 'copper chloride, sulfate in the tube',
    school: 'no-sulfide',
    truth: ['Cu2+', 'Cl-'],
    entries: `
    look: solid blue-green
    solution-water: solution blue
    flame: flame blue-green
    silver-acid: precipitate formed white curdy
    silver-ammonia: precipitate dissolved
    barium-acid: precipitate formed white slight
    hydroxide: precipitate formed blue
    ammonia: precipitate formed pale-blue; solution deep-blue
    copper-hexacyanoferrate: precipitate formed red-brown`,
  },
  {
    title: 'nickel nitrate, chloride from the tap',
    school: 'no-sulfide',
    truth: ['Ni2+', 'NO3-'],
    entries: `
    look: solid green
    solution-water: solution green
    heating: gas evolved brown; droplets formed
    silver-acid: precipitate formed white slight
    barium-acid: precipitate none
    brown-ring: ring formed brown
    hydroxide: precipitate formed green
    ammonia: solution blue
    nickel-dimethylglyoxime: precipitate formed red`,
  },
  {
    title: 'sodium acetate, vinegar not smelled',
    school: 'no-sulfide',
    truth: ['Na+', 'CH3COO-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    flame: flame yellow
    vinegar: smell none
    silver-acid: precipitate none
    barium-acid: precipitate none
    iron-iii: solution red
    dilute-acid: gas none
    brown-ring: ring none
    ammonium: paper unchanged`,
  },
  {
    title: 'zinc sulfate, hydroxide not taken to excess',
    school: 'no-sulfide',
    truth: ['Zn2+', 'SO4^2-'],
    entries: `
    look: solid colourless
    solution-water: solution colourless
    flame: flame none
    barium-acid: precipitate formed white
    silver-acid: precipitate none
    hydroxide: precipitate formed white; precipitate persists
    ammonia: precipitate formed white; precipitate dissolved
    zinc-hexacyanoferrate: precipitate formed white
    ammonium: paper unchanged`,
  },
];
