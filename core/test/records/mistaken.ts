/** Records with one mistake in them, written before anything was run. */
import type { Written } from './record';

export const MISTAKEN: readonly Written[] = [
  {
    title: 'potassium sulfate, the wire not clean',
    school: 'no-sulfide',
    truth: ['K+', 'SO4^2-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    flame: flame yellow
    flame-cobalt-glass: flame crimson
    barium-acid: precipitate formed white
    silver-acid: precipitate none
    ammonium: paper unchanged
    hydroxide: precipitate none
    potassium-cobaltinitrite: precipitate formed yellow`,
  },
  {
    title: 'lead nitrate, dissolved in tap water',
    school: 'six-group',
    truth: ['Pb2+', 'NO3-'],
    entries: `
    look: solid white
    silver-acid: precipitate formed white slight
    heating: gas evolved brown
    brown-ring: ring formed brown
    group-1: precipitate formed white
    lead-hot-water: precipitate dissolved
    lead-iodide: precipitate formed yellow spangles
    lead-chromate: precipitate formed yellow
    acid-copper: gas evolved brown`,
  },
  {
    title: 'aluminium sulfate, alkali splashed on the paper',
    school: 'no-sulfide',
    truth: ['Al3+', 'SO4^2-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    ammonium: paper red-litmus changed blue; smell none
    ammonium-nessler: precipitate none
    barium-acid: precipitate formed white
    silver-acid: precipitate none
    hydroxide: precipitate formed white gelatinous; precipitate dissolved
    ammonia: precipitate formed white gelatinous
    aluminon: precipitate formed red
    flame: flame none`,
  },
  {
    title: 'barium nitrate, the ring missed',
    school: 'no-sulfide',
    truth: ['Ba2+', 'NO3-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    flame: flame apple-green
    brown-ring: ring none
    acid-copper: gas evolved brown
    nitrate-diphenylamine: solution deep-blue
    silver-acid: precipitate none
    sulfate-cations: precipitate formed white
    group-5: precipitate formed white
    barium-chromate: precipitate formed yellow`,
  },
  {
    title: 'cobalt chloride, the bead called green',
    school: 'semi-micro',
    truth: ['Co2+', 'Cl-'],
    entries: `
    look: solid red
    solution-water: solution pink
    bead-oxidising: bead green
    silver-acid: precipitate formed white curdy
    silver-ammonia: precipitate dissolved
    barium-acid: precipitate none
    group-3-sulfide: precipitate formed black
    group-3-acid: precipitate persists black
    cobalt-thiocyanate: layer blue
    nickel-dimethylglyoxime: precipitate none`,
  },
];
