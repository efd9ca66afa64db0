/** What was asked once more after mending, of all kinds, by the books: written down before anything was run. */
import { type Facts, ofCompound as c } from './fact';

export const FACTS: Facts = [
  [
    'in tubes, once more',
    [
      ['acetic acid is still there after boiling', 'NaCl 1g', 'add A acetic-acid-2M 3; boil A 3; = pH 2..3.2'],
      [
        'sulfur dioxide is boiled out of acid sulfite',
        'Na2SO3 1g',
        'dissolve A 0.1 in water 3; add A hydrochloric-acid-2M 2; boil A 5; add A iodine-solution 1d; = liquid yellow|pale-yellow|brown|orange|orange-yellow',
      ],
      [
        'zinc in dilute sulfuric acid: gas, clear',
        'NaCl 1g',
        'add A sulfuric-acid-1M 3; add A zinc-granules 0.1g; = sees gas evolved; stand A 30; = liquid colourless',
      ],
      [
        'magnesium in dilute acid: gas',
        'NaCl 1g',
        'add A hydrochloric-acid-2M 3; add A magnesium-ribbon 0.02g; = sees gas evolved; stand A 5; = clear',
      ],
      [
        'iron in dilute hydrochloric acid: slow gas, pale green',
        'NaCl 1g',
        'add A hydrochloric-acid-6M 3; add A iron-nail 1g; warm A 20; = liquid pale-green|green|colourless',
      ],
      ['copper does not take zinc out', 'Zn2+ 0.1 SO4^2- 0.1', 'take A 2; add A copper-turnings 0.3g; stand A 60; = lacks Zn'],
      [
        'silver and copper chloride solutions: ammonia blue over nothing',
        'Cu2+ 0.05 Cl- 0.1',
        'take A 1; add A ammonia-6M 1; = clear; = liquid deep-blue|blue',
      ],
      [
        'copper ammine is decoloured by cyanide',
        'Cu2+ 0.05 Cl- 0.1',
        'take A 1; add A ammonia-6M 1; add A potassium-cyanide-0.5M 2; = liquid colourless',
      ],
      [
        'copper with iodide and sulfite: white only',
        'Cu2+ 0.05 SO4^2- 0.05',
        'take A 1; add A sodium-sulfite-solid 0.2g; add A sulfuric-acid-1M 0.3; add A potassium-iodide-0.1M 1; = ppt white|off-white|cream',
      ],
      ['lead with dilute sulfuric acid: white', 'Pb2+ 0.02 NO3- 0.04', 'take A 1; add A sulfuric-acid-1M 0.2; = ppt white'],
      [
        'strontium with sulfate: white, slowly',
        'Sr2+ 0.05 Cl- 0.1',
        'take A 1; add A ammonium-sulfate-1M 0.5; stand A 10; = ppt white',
      ],
      [
        'calcium with sulfate: not from dilute',
        'Ca2+ 0.02 Cl- 0.04',
        'take A 1; add A ammonium-sulfate-1M 0.2; stand A 5; = no ppt',
      ],
      [
        'barium with carbonate and chromate',
        'Ba2+ 0.05 Cl- 0.1',
        'take A 1; add A sodium-carbonate-1M 0.2; = ppt white; take B 1; add B potassium-chromate-0.1M 0.5; = ppt yellow',
      ],
      ['magnesium with sodium carbonate: white', 'Mg2+ 0.1 Cl- 0.2', 'take A 1; add A sodium-carbonate-1M 0.5; = ppt white'],
      [
        'aluminium with carbonate: the hydroxide and a gas',
        'Al3+ 0.1 Cl- 0.3',
        'take A 1; add A sodium-carbonate-1M 0.5; = ppt white; = has Al(OH)3',
      ],
      [
        'zinc with hexacyanoferrate(II)',
        'Zn2+ 0.05 SO4^2- 0.05',
        'take A 1; add A potassium-hexacyanoferrate-ii-0.1M 0.5; = ppt white|off-white',
      ],
      [
        'manganese with phosphate',
        'Mn2+ 0.05 SO4^2- 0.05',
        'take A 1; add A sodium-phosphate-0.3M 0.3; = ppt white|pink|off-white',
      ],
      [
        'iron(III) with iodide: brown',
        'Fe3+ 0.05 Cl- 0.15',
        'take A 1; add A potassium-iodide-0.1M 1; = liquid brown|red-brown|dark-brown|orange|yellow',
      ],
      [
        'iron(II) with ammonia: dirty green',
        'Fe2+ 0.05 SO4^2- 0.05',
        'take A 1; add A ammonia-2M 0.5; = ppt green|dirty-green|dark-green|pale-green|white',
      ],
      [
        'cobalt with a little ammonia: blue',
        'Co2+ 0.05 Cl- 0.1',
        'take A 1; add A ammonia-2M 2d; = ppt blue|pale-blue|blue-green',
      ],
      ['nickel with carbonate: green', 'Ni2+ 0.05 Cl- 0.1', 'take A 1; add A sodium-carbonate-1M 0.3; = ppt pale-green|green'],
      [
        'chromium with carbonate: green',
        'Cr3+ 0.05 Cl- 0.15',
        'take A 1; add A sodium-carbonate-1M 0.5; = ppt green|dirty-green|pale-green|grey-green',
      ],
      ['mercury(II) with a little ammonia: white', 'Hg2+ 0.05 Cl- 0.1', 'take A 1; add A ammonia-2M 0.2; = ppt white'],
      [
        'mercury(I) with alkali: black',
        'Hg2^2+ 0.02 NO3- 0.04',
        'take A 1; add A sodium-hydroxide-2M 0.2; = ppt black|dark-grey|grey|dark-brown',
      ],
      ['bismuth with alkali: white, stays', 'Bi3+ 0.02 NO3- 0.36 H+ 0.3', 'take A 1; add A sodium-hydroxide-2M 1; = ppt white'],
      [
        'tin(IV) with alkali: white, clear with more',
        'SnCl4·5H2O 1g',
        'dissolve A 0.1 in water 3; take B 1 of A; add B sodium-hydroxide-6M 2; = clear',
      ],
      [
        'arsenite, acid and hydrogen sulfide: yellow at once',
        'Na+ 0.05 OH- 0.05 H3AsO3 0.05',
        'take A 1; add A hydrochloric-acid-2M 1; pass A hydrogen-sulfide 1; = ppt yellow',
      ],
      [
        'silver nitrate and alkali: brown',
        'Ag+ 0.05 NO3- 0.05',
        'take A 1; add A sodium-hydroxide-2M 0.2; = ppt brown|dark-brown',
      ],
      [
        'silver chromate: brick red',
        'K2CrO4 1g',
        'dissolve A 0.05 in water 3; add A silver-nitrate-0.1M 0.5; = ppt red|red-brown|crimson|brown|orange-red',
      ],
      [
        'permanganate and hydrochloric acid, dilute and cold: stays violet',
        'KMnO4 1g',
        'dissolve A 0.005 in water 3; add A hydrochloric-acid-2M 0.5; = liquid violet|pink|crimson|red-violet',
      ],
      [
        'nitrate alone with iron(II) in dilute acid: nothing',
        'KNO3 1g',
        'dissolve A 0.1 in water 2; add A sulfuric-acid-1M 0.5; add A iron-ii-sulfate-fresh-0.5M 1; = liquid colourless|pale-green|green',
      ],
      [
        'chlorate frees no iodine in the cold without acid',
        'KClO3 1g',
        'dissolve A 0.1 in water 3; add A potassium-iodide-0.1M 1; = liquid colourless',
      ],
      [
        'acetate smells of ester with alcohol and strong acid',
        'CH3COONa 1g',
        'solid A 0.3; add A ethanol-96pc 1; add A sulfuric-acid-conc 1; warm A 5; smell A; = sees smell fruity',
      ],
    ],
  ],
  [
    'of carbon, once more',
    [
      c(
        'phenylalanine: ninhydrin, not in ether',
        'NC(Cc1ccccc1)C(O)=O',
        'test ninhydrin; = sees solution violet|blue-violet|purple|red-violet; test solubility-ether; = sees solubility insoluble',
      ),
      c(
        'methylamine hydrochloride: ammonia-like gas with alkali, silver chloride',
        '[Cl-].C[NH3+]',
        'test silver-nitrate-ethanol; = sees precipitate formed white; test solubility-ether; = sees solubility insoluble',
      ),
      c(
        'potassium acetate: in water, not in ether',
        '[K+].CC([O-])=O',
        'test solubility-water; = sees solubility soluble; test solubility-ether; = sees solubility insoluble',
      ),
      c(
        'tetramethylammonium iodide: yellow with silver',
        '[I-].C[N+](C)(C)C',
        'test silver-nitrate-ethanol; = sees precipitate formed yellow|pale-yellow|cream',
      ),
      c('isoquinoline is a base', 'c1ccc2cnccc2c1', 'test solubility-hcl-5pc; = sees solubility soluble'),
      c(
        '2-methylfuran takes bromine',
        'Cc1ccco1',
        'test bromine-addition; = sees solution colourless|pale-yellow|brown|dark-brown',
      ),
      c(
        'indole is no base',
        'c1ccc2[nH]ccc2c1',
        'test solubility-hcl-5pc; = sees solubility insoluble|partly-soluble; test solubility-water; = sees solubility insoluble|partly-soluble',
      ),
      c(
        'maltose reduces',
        'OCC1OC(OC2C(O)C(O)C(O)OC2CO)C(O)C(O)C1O',
        'test copper-citrate; = sees precipitate formed red|orange-red|orange|red-brown; test solubility-water; = sees solubility soluble',
      ),
      c(
        'galactose: osazone and copper',
        'OCC1OC(O)C(O)C(O)C1O',
        'test copper-citrate; = sees precipitate formed red|orange-red|orange|red-brown',
      ),
      c(
        'propionyl chloride: silver at once',
        'CCC(=O)Cl',
        'test silver-nitrate-ethanol; = sees precipitate formed white; test litmus; = sees paper changed red|pink|orange-red',
      ),
      c('neopentyl chloride: nothing with either', 'CC(C)(C)CCl', 'test sodium-iodide-acetone; = sees no precipitate formed'),
      c(
        'tert-butyl bromide: silver at once',
        'CC(C)(C)Br',
        'test silver-nitrate-ethanol; = sees precipitate formed cream|pale-yellow|white',
      ),
      c('3-chloropropene and permanganate: brown', 'C=CCCl', 'test permanganate; = sees precipitate formed brown|dark-brown'),
      c(
        'crotonic acid: acid and alkene',
        'C/C=C/C(O)=O',
        'test solubility-nahco3-5pc; = sees solubility soluble; test permanganate; = sees precipitate formed brown|dark-brown',
      ),
      c(
        'phenylacetic acid',
        'OC(=O)Cc1ccccc1',
        'test solubility-nahco3-5pc; = sees solubility soluble; test solubility-water; = sees solubility insoluble|partly-soluble',
      ),
      c(
        '4-chlorophenol',
        'Oc1ccc(Cl)cc1',
        'test solubility-naoh-5pc; = sees solubility soluble; test solubility-nahco3-5pc; = sees solubility insoluble|partly-soluble; test silver-nitrate-ethanol; = sees no precipitate formed',
      ),
      c(
        '2,4-dinitrophenol goes into hydrogencarbonate',
        'Oc1ccc(cc1[N+]([O-])=O)[N+]([O-])=O',
        'test solubility-nahco3-5pc; = sees solubility soluble',
      ),
      c(
        '3-pentanone: no iodoform',
        'CCC(=O)CC',
        'test iodoform; = sees no precipitate formed; test dnp; = sees precipitate formed orange|yellow|orange-red',
      ),
      c('isobutyraldehyde: silver', 'CC(C)C=O', 'test ammoniacal-silver; = sees deposit silver'),
      c(
        'methyl benzoate',
        'COC(=O)c1ccccc1',
        'test hydroxamate; = sees solution violet|red-violet|crimson|purple|red; test solubility-water; = sees solubility insoluble',
      ),
      c(
        'acetanilide: neither a carbonyl compound nor an acid',
        'CC(=O)Nc1ccccc1',
        'test dnp; = sees no precipitate formed; test solubility-naoh-5pc; = sees solubility insoluble',
      ),
      c(
        'dodecane: nothing',
        'CCCCCCCCCCCC',
        'test solubility-h2so4-conc; = sees solubility insoluble; test permanganate; = sees no precipitate formed',
      ),
      c(
        'ethylbenzene: nothing cold',
        'CCc1ccccc1',
        'test permanganate; = sees no precipitate formed; test solubility-water; = sees solubility insoluble',
      ),
      c(
        'cyclopentene',
        'C1CC=CC1',
        'test bromine-addition; = sees solution colourless|pale-yellow; test solubility-h2so4-conc; = sees solubility soluble',
      ),
      c('1-propanethiol: lead', 'CCCS', 'test lead-acetate-thiol; = sees precipitate formed yellow|orange-yellow|pale-yellow'),
      c(
        '4-toluenesulfonamide',
        'Cc1ccc(cc1)S(N)(=O)=O',
        'test solubility-naoh-5pc; = sees solubility soluble; test solubility-hcl-5pc; = sees solubility insoluble',
      ),
      c(
        '2-nitroaniline is a weak base',
        'Nc1ccccc1[N+]([O-])=O',
        'test solubility-hcl-5pc; = sees solubility insoluble|partly-soluble; test iron-ii-hydroxide-nitro; = sees precipitate formed|changed red-brown|brown',
      ),
      c('cyclohexanone oxime', 'ON=C1CCCCC1', 'test solubility-naoh-5pc; = sees solubility soluble'),
      c('phenylhydrazine is a base', 'NNc1ccccc1', 'test solubility-hcl-5pc; = sees solubility soluble'),
      c(
        'arabinose: osazone',
        'OC1COC(O)C(O)C1O',
        'test osazone; = sees precipitate formed yellow; test alpha-naphthol-acid; = sees ring violet|red-violet|purple|blue-violet',
      ),
    ],
  ],
];
