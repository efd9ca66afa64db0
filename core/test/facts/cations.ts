/** Reactions of one cation in a tube, by books of qualitative analysis: written down before anything was run. */
import { type Facts } from './fact';

export const FACTS: Facts = [
  [
    'a cation and a reagent',
    [
      [
        'lead iodide goes into boiling water and comes back golden',
        'Pb2+ 0.005 NO3- 0.01',
        'take A 3; add A potassium-iodide-0.1M 0.5; = ppt yellow; boil A 3; = clear; = liquid colourless; cool A; stand A 5; = ppt yellow',
      ],
      [
        'lead sulfate goes into ammonium acetate',
        'Pb2+ 0.05 NO3- 0.1',
        'take A 1; add A sulfuric-acid-1M 0.3; = ppt white; spin A; decant A B; add A ammonium-acetate-3M 2; warm A 2; = clear',
      ],
      [
        'lead chromate goes into alkali, not into acetic acid',
        'Pb2+ 0.02 NO3- 0.04',
        'take A 1; add A potassium-chromate-0.1M 0.3; = ppt yellow; take B 1 of A; add B acetic-acid-2M 1; = ppt yellow; add A sodium-hydroxide-2M 2; = clear; = liquid yellow|pale-yellow',
      ],
      [
        'mercury(I) chloride is blackened by ammonia',
        'Hg2^2+ 0.02 NO3- 0.04',
        'take A 1; add A hydrochloric-acid-2M 0.3; = ppt white; add A ammonia-2M 1; = ppt black|dark-grey|grey',
      ],
      [
        'mercury(I) with iodide is green',
        'Hg2^2+ 0.02 NO3- 0.04',
        'take A 1; add A potassium-iodide-0.1M 0.3; = ppt green|dirty-green|grey-green',
      ],
      [
        'mercury(II) iodide is red and goes into more iodide',
        'Hg2+ 0.02 NO3- 0.04',
        'take A 1; add A potassium-iodide-0.1M 0.3; = ppt red|orange-red|scarlet; add A potassium-iodide-0.1M 1; = clear; = liquid colourless|pale-yellow',
      ],
      ['mercury(II) with alkali is yellow', 'Hg2+ 0.05 NO3- 0.1', 'take A 1; add A sodium-hydroxide-2M 0.5; = ppt yellow'],
      [
        'silver chromate is brick red, and goes into ammonia and into nitric acid',
        'Ag+ 0.05 NO3- 0.05',
        'take A 1; add A potassium-chromate-0.1M 0.3; = ppt red-brown|brick-red|red|dark-red; take B 0.5 of A; add B ammonia-6M 1; = clear; add A nitric-acid-2M 1; = clear',
      ],
      [
        'silver oxide goes into ammonia',
        'Ag+ 0.05 NO3- 0.05',
        'take A 1; add A sodium-hydroxide-2M 1d; = ppt brown|dark-brown; add A ammonia-6M 1; = clear',
      ],
      [
        'copper with hexacyanoferrate(II) is red-brown and stays in dilute acid',
        'Cu2+ 0.05 SO4^2- 0.05',
        'take A 1; add A potassium-hexacyanoferrate-ii-0.1M 0.5; = ppt red-brown|brown; add A hydrochloric-acid-2M 0.5; = ppt red-brown|brown',
      ],
      [
        'cadmium hydroxide stays in alkali and goes into ammonia',
        'Cd2+ 0.05 NO3- 0.1',
        'take A 1; add A sodium-hydroxide-2M 2; = ppt white; take B 1; add B ammonia-2M 1; add B ammonia-6M 1; = clear',
      ],
      [
        'cadmium sulfide is yellow and goes into hot dilute nitric acid',
        'Cd2+ 0.02 NO3- 0.04',
        'take A 1; pass A hydrogen-sulfide 2; = ppt yellow|orange; spin A; decant A B; add A nitric-acid-6M 1; boil A 3; = liquid colourless|pale-yellow',
      ],
      [
        'bismuth iodide is black and goes orange in more iodide',
        'Bi3+ 0.02 NO3- 0.36 H+ 0.3',
        'take A 0.5; add A potassium-iodide-0.1M 0.4; = ppt black|dark-brown; add A potassium-iodide-0.1M 4; = liquid orange|yellow|orange-red',
      ],
      [
        'antimony clouds with water, and tartrate keeps it clear',
        'Sb3+ 0.05 Cl- 0.45 H+ 0.3',
        'take A 0.5; add A water 5; = ppt white; add A hydrochloric-acid-6M 2; = clear',
      ],
      [
        'arsenic(III) sulfide is yellow in acid and goes into ammonium sulfide',
        'Na+ 0.05 As3+ 0.02 OH- 0.11',
        'take A 1; add A hydrochloric-acid-2M 1; pass A hydrogen-sulfide 2; = ppt yellow; spin A; decant A B; add A ammonium-sulfide-1M 2; warm A 2; = clear',
      ],
      [
        'arsenite with silver is yellow',
        'Na+ 0.02 As3+ 0.02 OH- 0.08',
        'take A 1; add A silver-nitrate-0.1M 0.5; = ppt yellow|pale-yellow',
      ],
      [
        'arsenate with silver is brown',
        'Na+ 0.12 AsO4^3- 0.04',
        'take A 1; add A silver-nitrate-0.1M 0.8; = ppt brown|red-brown|dark-brown',
      ],
      [
        'arsenate with the magnesia mixture is white',
        'Na+ 0.15 AsO4^3- 0.05',
        'take A 1; add A magnesia-mixture 1; stand A 5; = ppt white',
      ],
      ['tin(II) sulfide is brown', 'Sn2+ 0.02 Cl- 0.34 H+ 0.3', 'take A 1; pass A hydrogen-sulfide 2; = ppt brown|dark-brown'],
      ['tin(IV) sulfide is yellow', 'Sn4+ 0.02 Cl- 0.38 H+ 0.3', 'take A 1; pass A hydrogen-sulfide 3; = ppt yellow|pale-yellow'],
      [
        'aluminium with carbonate gives its hydroxide and gas',
        'Al3+ 0.2 Cl- 0.6',
        'take A 1; add A sodium-carbonate-1M 0.2; = ppt white; = sees gas evolved',
      ],
      [
        'iron(III) phosphate stays in acetic acid and goes into mineral acid',
        'Fe3+ 0.05 Cl- 0.15',
        'take A 1; add A sodium-acetate-1M 0.3; add A acetic-acid-2M 0.5; add A sodium-phosphate-0.3M 0.3; = ppt pale-yellow|white|off-white|cream|buff; add A hydrochloric-acid-6M 1; = clear',
      ],
      [
        'iron(II) with hexacyanoferrate(III) is dark blue',
        'Fe2+ 0.02 SO4^2- 0.02',
        'take A 1; add A potassium-hexacyanoferrate-iii-0.1M 0.3; = ppt deep-blue|blue|dark-blue',
      ],
      [
        'iron(III) with hexacyanoferrate(III) browns and does not fall',
        'Fe3+ 0.02 Cl- 0.06',
        'take A 1; add A potassium-hexacyanoferrate-iii-0.1M 0.3; = no ppt; = liquid brown|green|yellow-brown|orange|yellow',
      ],
      [
        'manganese with carbonate is white',
        'Mn2+ 0.05 Cl- 0.1',
        'take A 1; add A sodium-carbonate-1M 0.5; = ppt white|off-white|buff|pale-pink',
      ],
      [
        'cobalt with thiocyanate is blue in amyl alcohol',
        'Co2+ 0.05 Cl- 0.1',
        'take A 1; add A ammonium-thiocyanate-0.5M 2; add A amyl-alcohol 1; shake A; = sees layer present blue|deep-blue',
      ],
      [
        'cobalt hydroxide is blue, then pink',
        'Co2+ 0.05 Cl- 0.1',
        'take A 1; add A sodium-hydroxide-2M 1; = ppt blue|pink; boil A 3; = ppt pink|brown|dark-brown',
      ],
      [
        'nickel hydroxide is green, stays in alkali and goes blue in ammonia',
        'Ni2+ 0.05 SO4^2- 0.05',
        'take A 1; add A sodium-hydroxide-2M 0.5; = ppt green|pale-green; spin A; decant A B; add A ammonia-6M 1; add A ammonium-chloride-2M 0.5; = liquid blue|violet|blue-violet|pale-blue',
      ],
      [
        'nickel dimethylglyoxime goes into mineral acid',
        'Ni2+ 0.02 SO4^2- 0.02',
        'take A 1; add A ammonia-2M 0.5; add A dimethylglyoxime-1pc 1; = ppt red|pink|crimson|scarlet; add A hydrochloric-acid-6M 1; = no ppt',
      ],
      [
        'zinc with hexacyanoferrate(II) is white and stays in dilute acid',
        'Zn2+ 0.05 SO4^2- 0.05',
        'take A 1; add A potassium-hexacyanoferrate-ii-0.1M 0.5; = ppt white|off-white; add A hydrochloric-acid-2M 0.3; = ppt white|off-white',
      ],
      [
        'zinc phosphate goes into ammonia',
        'Zn2+ 0.05 SO4^2- 0.05',
        'take A 1; add A sodium-phosphate-0.3M 0.5; = ppt white; add A ammonia-6M 2; = clear',
      ],
      [
        'barium oxalate goes into hot acetic acid, calcium oxalate does not',
        'Ba2+ 0.05 Ca2+ 0.05 Cl- 0.2',
        'take A 1; add A ammonium-oxalate-0.25M 0.6; = has CaC2O4·H2O; add A acetic-acid-2M 4; warm A 3; = ppt white; = has CaC2O4·H2O',
      ],
      [
        'strontium chromate goes into acetic acid',
        'Sr2+ 0.1 NO3- 0.2',
        'take A 1; add A potassium-chromate-0.1M 1; stand A 5; = ppt yellow; add A acetic-acid-2M 1; = clear',
      ],
      [
        'calcium sulfate needs a strong solution or alcohol',
        'Ca2+ 0.02 Cl- 0.04',
        'take A 1; add A ammonium-sulfate-1M 0.5; = clear; add A ethanol-96pc 2; stand A 5; = ppt white',
      ],
      [
        'barium sulfate does not go into hot hydrochloric acid',
        'Ba2+ 0.05 Cl- 0.1',
        'take A 1; add A sulfuric-acid-1M 0.2; = ppt white; add A hydrochloric-acid-6M 2; boil A 3; = ppt white',
      ],
      [
        'magnesium hydroxide goes into ammonium chloride',
        'Mg2+ 0.05 Cl- 0.1',
        'take A 1; add A ammonia-2M 1; = ppt white; add A ammonium-chloride-2M 2; = clear',
      ],
      [
        'ammonium with the alkaline iodide reagent is brown',
        'NH4+ 0.01 Cl- 0.01',
        'take A 1; add A nessler-reagent 0.5; = ppt brown|orange|orange-brown|red-brown|yellow',
      ],
    ],
  ],
];
