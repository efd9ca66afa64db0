/** Further salts, mixtures and compounds, worked as books say and written before anything was run. */
import type { Written } from './record';

export const FURTHER: readonly Written[] = [
  {
    title: 'sodium nitrite',
    school: 'no-sulfide',
    truth: ['Na+', 'NO2-'],
    entries: `
    look: solid pale-yellow
    solution-water: solution colourless
    flame: flame yellow
    dilute-acid: gas evolved brown
    nitrite-iodide: solution brown
    silver-acid: precipitate none
    barium-acid: precipitate none
    hydroxide: precipitate none`,
  },
  {
    title: 'potassium chlorate',
    school: 'no-sulfide',
    truth: ['K+', 'ClO3-'],
    entries: `
    look: solid white
    heating: solid melted; gas evolved colourless
    heating-splint: splint relit
    flame: flame violet
    silver-acid: precipitate none
    chlorate-sulfite: precipitate formed white
    barium-acid: precipitate none
    brown-ring: ring none`,
  },
  {
    title: 'sodium oxalate',
    school: 'semi-micro',
    truth: ['Na+', 'C2O4^2-'],
    entries: `
    look: solid white
    flame: flame yellow
    heating: solid unchanged
    dilute-acid: gas none
    calcium-acetic: precipitate formed white
    oxalate-permanganate: solution colourless
    silver-acid: precipitate none
    barium-acid: precipitate none`,
  },
  {
    title: 'potassium thiocyanate',
    school: 'no-sulfide',
    truth: ['K+', 'SCN-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    flame: flame violet
    silver-acid: precipitate formed white curdy
    thiocyanate-iron: solution red
    thiocyanate-cobalt: solution blue
    barium-acid: precipitate none
    potassium-cobaltinitrite: precipitate formed yellow`,
  },
  {
    title: 'tin(II) chloride',
    school: 'six-group',
    truth: ['Sn2+', 'Cl-'],
    entries: `
    look: solid white
    solution-water: solution cloudy
    solution-hydrochloric: solution colourless clear
    flame: flame none
    silver-acid: precipitate formed white
    group-1: precipitate none
    group-2: precipitate formed brown
    tin-division: precipitate dissolved
    tin-mercury: precipitate formed white; precipitate colour-changed grey`,
  },
  {
    title: 'antimony trichloride',
    school: 'six-group',
    truth: ['Sb3+', 'Cl-'],
    entries: `
    look: solid white
    solution-water: precipitate formed white
    solution-hydrochloric: solution colourless clear
    silver-acid: precipitate formed white
    group-2: precipitate formed orange
    antimony-iron: precipitate formed black`,
  },
  {
    title: 'potassium hexacyanoferrate(II)',
    school: 'no-sulfide',
    truth: ['K+', 'Fe(CN)6^4-'],
    entries: `
    look: solid yellow
    solution-water: solution pale-yellow
    flame: flame violet
    hexacyanoferrate-ii: precipitate formed deep-blue
    silver-acid: precipitate formed white
    barium-acid: precipitate none
    hydroxide: precipitate none`,
  },
  {
    title: 'sodium phosphate',
    school: 'semi-micro',
    truth: ['Na+', 'PO4^3-'],
    entries: `
    look: solid white
    flame: flame yellow
    solution-water: solution colourless
    dilute-acid: gas none
    molybdate: precipitate formed yellow
    magnesia-anions: precipitate formed white crystalline
    silver-neutral: precipitate formed yellow
    silver-acid: precipitate none
    barium-acid: precipitate none
    ammonium: paper unchanged`,
  },
  {
    title: 'sodium sulfide',
    school: 'six-group',
    truth: ['Na+', 'S2-'],
    entries: `
    look: solid off-white
    dilute-acid: gas evolved; smell rotten-eggs
    dilute-acid-papers: paper changed black
    flame: flame yellow
    sulfide-nitroprusside: solution violet
    barium-acid: precipitate none
    hydroxide: precipitate none`,
  },
  {
    title: 'zinc oxide',
    school: 'no-sulfide',
    truth: ['Zn2+'],
    entries: `
    look: solid white
    heating: solid colour-changed yellow
    solution-water: solubility insoluble
    solution-hydrochloric: solution colourless clear
    dilute-acid: gas none
    cobalt-nitrate: solid green
    hydroxide: precipitate formed white; precipitate dissolved
    ammonia: precipitate formed white; precipitate dissolved
    zinc-hexacyanoferrate: precipitate formed white`,
  },
  {
    title: 'cobalt nitrate',
    school: 'six-group',
    truth: ['Co2+', 'NO3-'],
    entries: `
    look: solid red
    solution-water: solution pink
    bead-oxidising: bead blue
    heating: gas evolved brown
    brown-ring: ring formed brown
    silver-acid: precipitate none
    barium-acid: precipitate none
    cobalt-thiocyanate: solution blue`,
  },
  {
    title: 'potassium dichromate',
    school: 'no-sulfide',
    truth: ['K+', 'Cr2O7^2-'],
    entries: `
    look: solid orange-red
    solution-water: solution orange
    flame: flame violet
    bead-oxidising: bead green
    chromate-peroxide: solution blue
    silver-acid: precipitate none
    barium-neutral: precipitate formed yellow
    hydroxide: solution yellow`,
  },
  {
    title: 'ammonium oxalate',
    school: 'no-sulfide',
    truth: ['NH4+', 'C2O4^2-'],
    entries: `
    look: solid white
    heating: gas evolved colourless; smell ammonia
    flame: flame none
    ammonium: paper changed blue
    calcium-acetic: precipitate formed white
    oxalate-permanganate: solution colourless
    silver-acid: precipitate none
    barium-acid: precipitate none`,
  },
  {
    title: 'lithium chloride',
    school: 'no-sulfide',
    truth: ['Li+', 'Cl-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    flame: flame crimson
    silver-acid: precipitate formed white curdy
    silver-ammonia: precipitate dissolved
    barium-acid: precipitate none
    lithium-phosphate: precipitate formed white
    hydroxide: precipitate none`,
  },
];

export const FURTHER_MIXED: readonly Written[] = [
  {
    title: 'sodium chloride and sodium nitrate',
    school: 'no-sulfide',
    truth: ['Na+', 'Cl-', 'NO3-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    flame: flame yellow
    silver-acid: precipitate formed white curdy
    silver-ammonia: precipitate dissolved
    barium-acid: precipitate none
    brown-ring: ring formed brown
    hydroxide: precipitate none
    ammonium: paper unchanged`,
  },
  {
    title: 'iron(III) chloride and aluminium chloride',
    school: 'six-group',
    truth: ['Fe3+', 'Al3+', 'Cl-'],
    entries: `
    look: solid yellow
    solution-water: solution yellow
    silver-acid: precipitate formed white curdy
    barium-acid: precipitate none
    group-1: precipitate none
    group-2: precipitate formed off-white
    group-3: precipitate formed red-brown gelatinous
    iron-thiocyanate: solution red
    aluminium-ammonium-chloride: precipitate formed white
    aluminon: precipitate formed red
    group-4: precipitate none
    group-5: precipitate none`,
  },
  {
    title: 'copper sulfate and ammonium sulfate',
    school: 'no-sulfide',
    truth: ['Cu2+', 'NH4+', 'SO4^2-'],
    entries: `
    look: solid blue
    solution-water: solution blue
    ammonium: paper changed blue
    flame: flame green
    barium-acid: precipitate formed white
    silver-acid: precipitate none
    ammonia: precipitate formed pale-blue; solution deep-blue
    copper-hexacyanoferrate: precipitate formed red-brown`,
  },
  {
    title: 'barium carbonate and calcium carbonate',
    school: 'six-group',
    truth: ['Ba2+', 'Ca2+', 'CO3^2-'],
    entries: `
    look: solid white
    solution-water: solubility insoluble
    dilute-acid: gas evolved colourless
    flame: flame apple-green
    group-5: precipitate formed white
    barium-chromate: precipitate formed yellow
    strontium-sulfate: precipitate none
    calcium-oxalate: precipitate formed white
    magnesium-phosphate: precipitate none
    ammonium: paper unchanged`,
  },
  {
    title: 'sodium sulfate and sodium sulfite',
    school: 'no-sulfide',
    truth: ['Na+', 'SO4^2-', 'SO3^2-'],
    entries: `
    look: solid white
    flame: flame yellow
    dilute-acid: gas evolved; smell burning-sulfur
    dilute-acid-papers: paper changed green
    barium-acid: precipitate formed white
    sulfite-iodine: solution colourless
    silver-acid: precipitate none
    hydroxide: precipitate none`,
  },
  {
    title: 'nickel chloride and cobalt chloride',
    school: 'six-group',
    truth: ['Ni2+', 'Co2+', 'Cl-'],
    entries: `
    look: solid green
    solution-water: solution brown
    silver-acid: precipitate formed white curdy
    barium-acid: precipitate none
    group-3: precipitate none
    group-4: precipitate formed black
    group-4-acid: precipitate persists black
    nickel-dimethylglyoxime: precipitate formed red
    cobalt-thiocyanate: solution blue
    group-5: precipitate none`,
  },
];

export const FURTHER_COMPOUNDS: readonly Written[] = [
  {
    title: 'benzamide',
    name: 'benzamide',
    truth: ['N', 'amide'],
    entries: `
    compound-look: solid white
    ignition: soot sooty
    solubility-water: solubility insoluble
    solubility-hcl-5pc: solubility insoluble
    solubility-naoh-5pc: solubility insoluble
    nitrogen-iron: precipitate formed deep-blue
    sulfur-nitroprusside: solution colourless
    halogen-silver: precipitate none
    base-hydrolysis-ammonia: paper changed blue
    melting-point: temperature melts 127 129`,
  },
  {
    title: 'nitrobenzene',
    name: 'nitrobenzene',
    truth: ['N', 'nitro'],
    entries: `
    compound-look: solution pale-yellow
    ignition: soot sooty
    solubility-water: solubility insoluble
    solubility-hcl-5pc: solubility insoluble
    nitrogen-iron: precipitate formed deep-blue
    halogen-silver: precipitate none
    iron-ii-hydroxide-nitro: precipitate formed red-brown
    boiling-point: temperature boils 209 211`,
  },
  {
    title: 'chloroform',
    name: 'chloroform',
    truth: ['Cl'],
    entries: `
    compound-look: solution colourless
    ignition: soot clean
    solubility-water: solubility insoluble
    solubility-h2so4-conc: solubility insoluble
    copper-wire-halogen: flame green
    silver-nitrate-ethanol: precipitate none
    boiling-point: temperature boils 60 62`,
  },
  {
    title: 'diethylamine',
    name: 'diethylamine',
    truth: ['N'],
    entries: `
    compound-look: solution colourless; smell ammonia
    solubility-water: solubility soluble
    litmus: paper changed blue
    nitrogen-iron: precipitate formed deep-blue
    halogen-silver: precipitate none
    nitrous-acid: gas none
    boiling-point: temperature boils 55 57`,
  },
  {
    title: 'butanone',
    name: '2-butanone',
    truth: ['ketone'],
    entries: `
    compound-look: solution colourless
    solubility-water: solubility soluble
    nitrogen-iron: precipitate none
    halogen-silver: precipitate none
    dnp: precipitate formed orange
    ammoniacal-silver: deposit none
    iodoform: precipitate formed yellow
    boiling-point: temperature boils 79 81`,
  },
  {
    title: 'thiourea',
    name: 'thiourea',
    truth: ['N', 'S'],
    entries: `
    compound-look: solid white
    solubility-water: solubility soluble
    solubility-ether: solubility insoluble
    nitrogen-iron: precipitate formed deep-blue
    sulfur-nitroprusside: solution violet
    halogen-silver: precipitate none
    melting-point: temperature melts 178 181`,
  },
];

/** With one thing misread, contaminated or missed. */
export const FURTHER_MISTAKEN: readonly Written[] = [
  {
    title: 'zinc sulfate, the wire not clean',
    school: 'no-sulfide',
    truth: ['Zn2+', 'SO4^2-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    flame: flame yellow
    barium-acid: precipitate formed white
    silver-acid: precipitate none
    hydroxide: precipitate formed white; precipitate dissolved
    ammonia: precipitate formed white; precipitate dissolved
    zinc-hexacyanoferrate: precipitate formed white
    cobalt-nitrate: solid green`,
  },
  {
    title: 'ammonium chloride, the paper dry',
    school: 'no-sulfide',
    truth: ['NH4+', 'Cl-'],
    entries: `
    look: solid white
    heating: sublimate formed white
    ammonium: paper unchanged
    flame: flame none
    silver-acid: precipitate formed white curdy
    silver-ammonia: precipitate dissolved
    barium-acid: precipitate none
    hydroxide: precipitate none; smell ammonia`,
  },
  {
    title: 'potassium iodide, the silver salt called cream',
    school: 'no-sulfide',
    truth: ['K+', 'I-'],
    entries: `
    look: solid white
    flame: flame violet
    silver-acid: precipitate formed cream curdy
    silver-ammonia: precipitate persists
    chlorine-layer: layer violet
    concentrated-acid: gas evolved violet
    barium-acid: precipitate none`,
  },
  {
    title: 'strontium chloride, the flame called brick-red',
    school: 'six-group',
    truth: ['Sr2+', 'Cl-'],
    entries: `
    look: solid white
    flame: flame brick-red
    silver-acid: precipitate formed white curdy
    silver-ammonia: precipitate dissolved
    group-1: precipitate none
    group-2: precipitate none
    group-3: precipitate none
    group-4: precipitate none
    group-5: precipitate formed white
    barium-chromate: precipitate none
    strontium-sulfate: precipitate formed white
    calcium-oxalate: precipitate none`,
  },
  {
    title: 'magnesium sulfate, the hydroxide missed',
    school: 'no-sulfide',
    truth: ['Mg2+', 'SO4^2-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    flame: flame none
    barium-acid: precipitate formed white
    silver-acid: precipitate none
    hydroxide: precipitate none
    ammonium: paper unchanged
    magnesium-phosphate: precipitate formed white crystalline
    magneson: precipitate formed blue`,
  },
  {
    title: 'copper nitrate, no ring seen in the blue',
    school: 'no-sulfide',
    truth: ['Cu2+', 'NO3-'],
    entries: `
    look: solid blue
    solution-water: solution blue
    heating: gas evolved brown; solid black
    brown-ring: ring none
    acid-copper: gas evolved brown
    flame: flame green
    silver-acid: precipitate none
    barium-acid: precipitate none
    ammonia: solution deep-blue`,
  },
  {
    title: 'barium chloride, the flame called green',
    school: 'six-group',
    truth: ['Ba2+', 'Cl-'],
    entries: `
    look: solid white
    flame: flame green
    solution-water: solution colourless
    silver-acid: precipitate formed white curdy
    sulfate-cations: precipitate formed white
    group-5: precipitate formed white
    barium-chromate: precipitate formed yellow
    strontium-sulfate: precipitate none
    calcium-oxalate: precipitate none`,
  },
  {
    title: 'sodium thiosulfate, the smell called rotten eggs',
    school: 'no-sulfide',
    truth: ['Na+', 'S2O3^2-'],
    entries: `
    look: solid white
    flame: flame yellow
    dilute-acid: gas evolved; smell rotten-eggs; precipitate formed pale-yellow
    thiosulfate-silver: precipitate formed white; precipitate colour-changed black
    sulfite-iodine: solution colourless
    sulfide-nitroprusside: solution colourless
    barium-acid: precipitate none`,
  },
];
