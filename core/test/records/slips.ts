/**
 * Salts with one mistake that beginners make, written before anything was run on them. Afterwards white with barium in the neutralised
 * extract was struck from the sodium carbonate: what is neutralised has no carbonate left.
 */
import type { Written } from './record';

export const SLIPS: readonly Written[] = [
  {
    title: 'sodium carbonate, limewater taken away too soon',
    school: 'no-sulfide',
    truth: ['Na+', 'CO3^2-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    litmus-solution: paper changed blue
    flame: flame yellow lasting
    dilute-acid: gas evolved colourless brisk; limewater clear
    dilute-acid-papers: paper unchanged
    silver-acid: precipitate none
    barium-acid: precipitate none
    magneson: precipitate none
    ammonium: paper unchanged`,
  },
  {
    title: 'nickel sulfate, the bead called blue',
    school: 'six-group',
    truth: ['Ni2+', 'SO4^2-'],
    entries: `
    look: solid green
    solution-water: solution green
    bead-oxidising: bead blue
    barium-acid: precipitate formed white
    silver-acid: precipitate none
    group-1: precipitate none
    group-2: precipitate none
    group-3: precipitate none
    group-4: precipitate formed black
    nickel-dimethylglyoxime: precipitate formed red
    ammonium: paper unchanged`,
  },
  {
    title: 'ammonium bromide, the layer called violet',
    school: 'no-sulfide',
    truth: ['NH4+', 'Br-'],
    entries: `
    look: solid white
    heating: sublimate formed white
    ammonium: paper changed blue; smell ammonia
    flame: flame none
    concentrated-acid: gas evolved red-brown
    silver-acid: precipitate formed pale-yellow
    silver-ammonia: precipitate partly-dissolved
    chlorine-layer: layer violet
    barium-acid: precipitate none
    hydroxide: precipitate none; smell ammonia`,
  },
  {
    title: 'zinc nitrate, iron in the acid',
    school: 'six-group',
    truth: ['Zn2+', 'NO3-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    heating: gas evolved brown; solid yellow hot; solid white cold
    brown-ring: ring formed brown
    silver-acid: precipitate none
    barium-acid: precipitate none
    group-1: precipitate none
    group-2: precipitate none
    group-3: precipitate none
    group-4: precipitate formed white
    zinc-hexacyanoferrate: precipitate formed pale-blue`,
  },
  {
    title: 'lead acetate, vinegar not smelled',
    school: 'no-sulfide',
    truth: ['Pb2+', 'CH3COO-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    vinegar: smell none
    iron-iii: solution red
    hydrochloric: precipitate formed white
    lead-hot-water: precipitate dissolved
    lead-chromate: precipitate formed yellow
    lead-iodide: precipitate formed yellow
    brown-ring: ring none
    ammonium: paper unchanged`,
  },
  {
    title: 'table salt, sulfate in the acid',
    school: 'no-sulfide',
    truth: ['Na+', 'Cl-'],
    entries: `
    look: solid white
    solution-water: solution colourless
    flame: flame yellow lasting
    silver-acid: precipitate formed white curdy
    silver-ammonia: precipitate dissolved
    barium-acid: precipitate formed white slight
    concentrated-acid: gas evolved colourless; fumes white-fumes
    hydroxide: precipitate none
    group-5: precipitate none`,
  },
];
