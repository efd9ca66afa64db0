/**
 * Mixtures taken apart from end to end, as three schools do it: every ion where it belongs and, but for what clings to a moist
 * precipitate, nowhere else. Written down as books have it, before anything was run.
 */
import { disagreements } from './notation';

const works = (title: string, sample: string, script: string) =>
  test(title, () => {
    expect(disagreements(sample, script)).toEqual([]);
  });

const NITRATES = (ions: string, nitrate: number) => `${ions} NO3- ${nitrate}`;

describe('the chlorides', () => {
  works(
    'silver, lead and mercury(I): hot water, then ammonia',
    NITRATES('Ag+ 0.05 Pb2+ 0.05 Hg2^2+ 0.03 H+ 0.2', 0.41),
    `
    take A 1; add A hydrochloric-acid-2M 6d; = ppt white
    spin A; decant A L
    add A water 4; boil A 3; spin A; decant A B
    add A water 4; boil A 3; spin A; decant A W
    add B potassium-chromate-0.1M 6d; = ppt yellow; = lacks AgCl
    add A ammonia-6M 1.5; = ppt black|grey|dark-brown
    spin A; decant A C; = C: holds Ag+ 75..100
    add C nitric-acid-6M 2.5; = ppt white; = has AgCl`,
  );
  works(
    'silver and copper: the chloride, then the blue ammine',
    NITRATES('Ag+ 0.05 Cu2+ 0.05', 0.15),
    `
    take A 1; add A hydrochloric-acid-2M 4d; spin A; decant A B; wash A water 2 x2
    = A: holds Ag+ 98..100; = A: holds Cu2+ 0..5
    add B ammonia-6M 1; = liquid deep-blue|blue; = no ppt`,
  );
  works(
    'silver chloride, bromide and iodide: by ammonium carbonate and ammonia',
    'Na+ 0.15 Cl- 0.05 Br- 0.05 I- 0.05',
    `
    take A 1; add A nitric-acid-2M 2d; add A silver-nitrate-0.1M 2; spin A; decant A L; wash A water 2 x2
    add A ammonium-carbonate-1M 2; spin A; decant A B
    add B nitric-acid-6M 1.5; = ppt white
    add A ammonia-6M 4; spin A; decant A C; = A: holds I- 95..100
    = A: ppt yellow|pale-yellow|off-white`,
  );
});

describe('the sulfides of acid', () => {
  works(
    'copper and cadmium: the blue, and yellow once the copper is held by cyanide or gone',
    NITRATES('Cu2+ 0.05 Cd2+ 0.05', 0.2),
    `
    take A 2; add A hydrochloric-acid-2M 0.4; add A water 2; pass A hydrogen-sulfide 6; = ppt black|dark-brown
    spin A; decant A L; = A: holds Cu2+ 98..100; = A: holds Cd2+ 80..100
    wash A water 2 x2; add A sulfuric-acid-1M 3; boil A 4; spin A; decant A B
    = A: holds Cu2+ 95..100; = B: holds Cd2+ 60..100`,
  );
  works(
    'copper and zinc: acid sulfide takes the copper, ammonia the zinc',
    NITRATES('Cu2+ 0.05 Zn2+ 0.05', 0.2),
    `
    take A 2; add A hydrochloric-acid-2M 0.5; pass A hydrogen-sulfide 5; = ppt black|dark-brown
    spin A; decant A B; wash A water 2 x2
    = A: holds Cu2+ 98..100; = B: holds Zn2+ 85..100
    boil B 5; add B ammonia-6M 1; pass B hydrogen-sulfide 3; = ppt white|off-white; = has ZnS; = lacks CuS`,
  );
  works(
    'arsenic and copper: ammonium sulfide takes the arsenic, acid brings it back yellow',
    'As3+ 0.03 Cu2+ 0.03 H+ 0.4 Cl- 0.55',
    `
    take A 2; pass A hydrogen-sulfide 6; spin A; decant A L; wash A water 2 x2
    add A ammonium-sulfide-1M 2; warm A 2; spin A; decant A B
    = A: holds Cu2+ 90..100
    add B hydrochloric-acid-2M 2.5; = ppt yellow|pale-yellow; = has As2S3; = lacks CuS`,
  );
  works(
    'bismuth and copper: ammonia parts them',
    NITRATES('Bi3+ 0.03 Cu2+ 0.03 H+ 0.6', 0.75),
    `
    take A 1; add A ammonia-6M 1.5; spin A; decant A B; wash A ammonia-2M 2 x2
    = A: holds Bi3+ 97..100; = A: holds Cu2+ 0..8; = A: ppt white|off-white
    = B: liquid deep-blue|blue
    add A sodium-stannite-fresh 1; = ppt black`,
  );
  works(
    'lead and copper: sulfuric acid keeps the lead',
    NITRATES('Pb2+ 0.05 Cu2+ 0.05', 0.2),
    `
    take A 1; add A sulfuric-acid-1M 1; = ppt white; spin A; decant A B; wash A water 1 x2
    = A: holds Pb2+ 95..100; = A: holds Cu2+ 0..8
    add A ammonium-acetate-3M 2; warm A 1; = no ppt
    add B ammonia-6M 1.2; = liquid deep-blue|blue`,
  );
});

describe('the hydroxides of ammonia', () => {
  works(
    'iron and aluminium: alkali keeps one',
    'Fe3+ 0.05 Al3+ 0.05 H+ 0.1 Cl- 0.4',
    `
    take A 2; add A ammonium-chloride-2M 1; add A ammonia-6M 0.6; = ppt red-brown|brown; spin A; decant A L
    add A sodium-hydroxide-6M 2; boil A 1; spin A; decant A B; wash A water 2 x2
    = A: holds Fe3+ 99..100; = A: holds Al3+ 0..8
    add B ammonium-chloride-2M 4; add B ammonium-chloride-solid 0.8g; = ppt white; = has Al(OH)3; = lacks Fe(OH)3`,
  );
  works(
    'iron and chromium: peroxide in alkali',
    'Fe3+ 0.05 Cr3+ 0.05 H+ 0.1 Cl- 0.4',
    `
    take A 2; add A ammonia-6M 0.6; spin A; decant A L
    add A sodium-hydroxide-6M 1.5; add A hydrogen-peroxide-6pc 1; boil A 4; spin A; decant A B
    = B: liquid yellow; = A: holds Fe3+ 99..100
    add B acetic-acid-glacial 1; add B lead-acetate-0.1M 4d; = ppt yellow`,
  );
  works(
    'aluminium and zinc: ammonia with its salt leaves the zinc in solution',
    'Al3+ 0.05 Zn2+ 0.05 Cl- 0.25',
    `
    take A 2; add A ammonium-chloride-2M 1; add A ammonia-2M 1.5; = ppt white; spin A; decant A B; wash A ammonium-chloride-2M 2 x2
    = A: holds Al3+ 97..100; = A: holds Zn2+ 0..15
    pass B hydrogen-sulfide 3; = ppt white|off-white; = has ZnS; = lacks Al(OH)3`,
  );
  works(
    'iron and manganese: ammonia with its salt leaves the manganese',
    'Fe3+ 0.05 Mn2+ 0.05 H+ 0.1 Cl- 0.35',
    `
    take A 2; add A ammonium-chloride-2M 1; add A ammonia-2M 0.4; spin A; decant A B
    = A: holds Fe3+ 99..100; = B: holds Mn2+ 80..100
    pass B hydrogen-sulfide 3; = ppt buff|pink|off-white; = has MnS`,
  );
  works(
    'aluminium and magnesium: the salt keeps magnesium for phosphate',
    'Al3+ 0.05 Mg2+ 0.05 Cl- 0.25',
    `
    take A 2; add A ammonium-chloride-2M 1; add A ammonia-2M 1.2; spin A; decant A B
    = A: holds Al3+ 98..100; = B: holds Mg2+ 80..100
    add B ammonia-6M 0.5; add B sodium-phosphate-0.3M 0.6; stand B 10; = ppt white; = has MgNH4PO4·6H2O`,
  );
});

describe('the sulfides of ammonia', () => {
  works(
    'nickel and zinc: cold dilute acid',
    'Ni2+ 0.05 Zn2+ 0.05 Cl- 0.2',
    `
    take A 2; add A ammonium-chloride-2M 0.5; add A ammonia-6M 0.6; pass A hydrogen-sulfide 5; = ppt black|grey|dark-brown
    spin A; decant A L; add A hydrochloric-acid-2M 2; stand A 3; spin A; decant A B
    = A: holds Ni2+ 90..100; = B: holds Zn2+ 85..100
    boil B 4; add B sodium-hydroxide-6M 1.5; = no ppt`,
  );
  works(
    'cobalt and manganese: cold dilute acid',
    'Co2+ 0.05 Mn2+ 0.05 Cl- 0.2',
    `
    take A 2; add A ammonium-chloride-2M 0.5; add A ammonia-6M 0.6; pass A hydrogen-sulfide 5
    spin A; decant A L; add A hydrochloric-acid-2M 2; stand A 3; spin A; decant A B
    = A: holds Co2+ 90..100; = B: holds Mn2+ 85..100
    boil B 4; add B sodium-hydroxide-6M 1; shake B; stand B 20; = ppt brown|dark-brown|buff|off-white`,
  );
  works(
    'zinc and manganese: alkali with peroxide',
    'Zn2+ 0.05 Mn2+ 0.05 SO4^2- 0.1',
    `
    take A 2; add A sodium-hydroxide-6M 1.5; add A hydrogen-peroxide-6pc 0.5; boil A 3; = ppt brown|dark-brown
    spin A; decant A B; wash A sodium-hydroxide-2M 2 x2
    = A: has MnO2; = A: holds Zn2+ 0..8; = B: no ppt
    add B acetic-acid-glacial 1; pass B hydrogen-sulfide 3; = ppt white|off-white`,
  );
  works(
    'nickel by dimethylglyoxime beside cobalt',
    'Ni2+ 0.02 Co2+ 0.02 Cl- 0.08',
    `
    take A 1; add A ammonium-chloride-2M 0.5; add A ammonia-2M 0.5; add A dimethylglyoxime-1pc 1; = ppt red|crimson|pink|red-brown
    spin A; decant A B; = A: holds Ni2+ 90..100; = A: holds Co2+ 0..25`,
  );
});

describe('the alkaline earths and without sulfide', () => {
  works(
    'barium and calcium: chromate, then oxalate',
    'Ba2+ 0.05 Ca2+ 0.05 Cl- 0.2',
    `
    take A 2; add A acetic-acid-2M 0.5; add A sodium-acetate-1M 1; add A potassium-chromate-0.1M 2; = ppt yellow
    spin A; decant A B; = A: holds Ba2+ 97..100; = B: holds Ca2+ 85..100
    add B ammonium-oxalate-0.25M 1; stand B 5; = has CaC2O4·H2O`,
  );
  works(
    'barium, strontium and calcium: chromate, sulfate, oxalate',
    'Ba2+ 0.05 Sr2+ 0.05 Ca2+ 0.05 Cl- 0.3',
    `
    take A 2; add A acetic-acid-2M 0.5; add A sodium-acetate-1M 1; add A potassium-chromate-0.1M 1.2; spin A; decant A B
    = A: holds Ba2+ 95..100; = A: holds Sr2+ 0..10
    add B ammonium-sulfate-1M 2; warm B 2; stand B 15; spin B; decant B C
    = B: holds Sr2+ 85..100; = C: holds Ca2+ 60..100`,
  );
  works(
    'calcium and magnesium: ammonium carbonate with its salt',
    'Ca2+ 0.05 Mg2+ 0.05 Cl- 0.2',
    `
    take A 2; add A ammonium-chloride-2M 1; add A ammonia-2M 0.5; add A ammonium-carbonate-1M 0.5; warm A 2; = ppt white
    spin A; decant A B; = A: holds Ca2+ 93..100; = A: holds Mg2+ 0..12
    add B sodium-phosphate-0.3M 0.6; add B ammonia-6M 0.5; stand B 10; = has MgNH4PO4·6H2O`,
  );
  works(
    'barium and lead: acid keeps the chromates apart from calcium, alkali takes the lead out',
    NITRATES('Ba2+ 0.05 Pb2+ 0.05', 0.2),
    `
    take A 1; add A potassium-chromate-0.1M 1.2; = ppt yellow; spin A; decant A L; wash A water 2 x1
    add A sodium-hydroxide-6M 3; warm A 1; spin A; decant A B
    = A: holds Ba2+ 95..100; = B: holds Pb2+ 70..100`,
  );
  works(
    'iron, copper and zinc by ammonia, then alkali',
    'Fe3+ 0.04 Cu2+ 0.04 Zn2+ 0.04 H+ 0.1 Cl- 0.38',
    `
    take A 2; add A ammonium-chloride-2M 1; add A ammonia-6M 1.5; spin A; decant A B; wash A ammonia-2M 2 x2
    = A: holds Fe3+ 99..100; = A: holds Cu2+ 0..10; = A: holds Zn2+ 0..10
    = B: liquid deep-blue|blue`,
  );
  works(
    'five in one: silver, copper, iron, calcium, sodium',
    NITRATES('Ag+ 0.04 Cu2+ 0.04 Fe3+ 0.04 Ca2+ 0.04 Na+ 0.04 H+ 0.2', 0.56),
    `
    take A 2; add A hydrochloric-acid-2M 0.3; spin A; decant A B; wash A water 2 x2; = A: holds Ag+ 98..100
    pass B hydrogen-sulfide 6; spin B; decant B C; = B: holds Cu2+ 97..100; = B: holds Fe3+ 0..10
    boil C 5; add C nitric-acid-conc 3d; boil C 1; add C ammonium-chloride-2M 1; add C ammonia-6M 1; spin C; decant C D
    = C: holds Fe3+ 85..100; = C: ppt red-brown|brown; = C: holds Ca2+ 0..10
    add D ammonium-carbonate-1M 0.7; warm D 2; spin D; decant D E
    = D: holds Ca2+ 80..100; = E: holds Na+ 60..100`,
  );
});
