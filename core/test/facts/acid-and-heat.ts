/** What an acid drives out of a solid, and heat, by books of qualitative analysis. Written down before anything was run. */
import { type Facts } from './fact';

export const FACTS: Facts = [
  [
    'what an acid drives out',
    [
      [
        'hydrogen sulfide blackens lead paper',
        'FeS 2g',
        'solid A 0.3; add A hydrochloric-acid-6M 2; = sees gas evolved; paper A lead-acetate mouth; = sees paper changed black|dark-brown|brown',
      ],
      [
        'copper sulfide gives none with dilute acid',
        'CuS 2g',
        'solid A 0.2; add A hydrochloric-acid-2M 2; = sees no gas evolved',
      ],
      [
        'lead carbonate fizzes in nitric acid, stops short in sulfuric',
        'PbCO3 2g',
        'solid A 0.3; add A nitric-acid-2M 3; = sees gas evolved; warm A 1; = clear',
      ],
      [
        'barium sulfite gives sulfur dioxide',
        'BaSO3 2g',
        'solid A 0.3; add A hydrochloric-acid-6M 2; warm A 1; paper A dichromate mouth; = sees paper changed green|blue-green',
      ],
      [
        'an acetate smells of vinegar with warm acid',
        'CH3COONa 2g',
        'solid A 0.3; add A sulfuric-acid-1M 2; warm A 2; smell A; = sees smell vinegar',
      ],
      [
        'an ammonium salt smells with alkali',
        '(NH4)2SO4 2g',
        'solid A 0.3; add A sodium-hydroxide-2M 2; warm A 1; smell A; = sees smell ammonia',
      ],
      ['nitrite gives brown fumes', 'NaNO2 2g', 'solid A 0.3; add A hydrochloric-acid-6M 2; = sees gas evolved brown|red-brown'],
      [
        'thiosulfate: sulfur after a while',
        'Na2S2O3·5H2O 2g',
        'dissolve A 0.2 in water 3; add A hydrochloric-acid-2M 1; stand A 5; = cloudy',
      ],
      [
        'hypochlorite gives chlorine',
        'NaCl 1g',
        'add A bleach-acidified 2; = liquid colourless|pale-yellow|yellow-green|pale-green',
      ],
      [
        'fluoride and concentrated acid fumes at the rod',
        'NaF 2g',
        'solid A 0.3; add A sulfuric-acid-conc 1; rod A ammonia-conc; = sees fumes white-fumes',
      ],
      [
        'chloride and concentrated acid fumes, and whitens ammonia',
        'KCl 2g',
        'solid A 0.3; add A sulfuric-acid-conc 1; = sees gas evolved; rod A ammonia-conc; = sees fumes white-fumes',
      ],
      [
        'iodide and concentrated acid: violet vapour',
        'KI 2g',
        'solid A 0.3; add A sulfuric-acid-conc 1; warm A 1; = sees gas evolved violet',
      ],
      [
        'bromide and concentrated acid: brown vapour',
        'KBr 2g',
        'solid A 0.3; add A sulfuric-acid-conc 1; warm A 1; = sees gas evolved brown|red-brown|orange',
      ],
      [
        'oxalate and concentrated acid: gas that does not colour',
        'Na2C2O4 2g',
        'solid A 0.3; add A sulfuric-acid-conc 1; warm A 2; = sees gas evolved',
      ],
      [
        'tartrate chars with hot concentrated acid',
        'K2C4H4O6 2g',
        'solid A 0.3; add A sulfuric-acid-conc 1; warm A 3; = ppt black|dark-brown',
      ],
      ['sulfate does nothing', 'K2SO4 2g', 'solid A 0.3; add A sulfuric-acid-conc 1; warm A 1; = sees no gas evolved'],
      ['phosphate does nothing', 'Na2HPO4 2g', 'solid A 0.3; add A sulfuric-acid-conc 1; = sees no gas evolved'],
    ],
  ],
  [
    'a solid heated',
    [
      [
        'lead nitrate: brown gas, yellow residue',
        'Pb(NO3)2 2g',
        'heat-dry A 0.4 strong; = sees gas evolved brown|red-brown; = sees solid yellow|orange|orange-red',
      ],
      ['copper carbonate goes black', 'Cu2CO3(OH)2 2g', 'heat-dry A 0.4 strong; = sees solid black'],
      ['zinc oxide: yellow when hot', 'ZnCO3 2g', 'heat-dry A 0.4 strong; = sees solid yellow|pale-yellow|white'],
      ['ammonium chloride sublimes white', 'NH4Cl 2g', 'heat-dry A 0.4 strong; = sees sublimate white'],
      ['mercury(II) chloride sublimes white', 'HgCl2 1g', 'heat-dry A 0.3 strong; = sees sublimate white'],
      ['hydrated copper sulfate whitens, with water', 'CuSO4·5H2O 2g', 'heat-dry A 0.4; = sees solid white|off-white|pale-blue'],
      ['potassium nitrate melts and gives oxygen', 'KNO3 2g', 'heat-dry A 0.5 strong; splint A glowing; = sees splint relit'],
      ['potassium chlorate gives oxygen', 'KClO3 2g', 'heat-dry A 0.5 strong; splint A glowing; = sees splint relit'],
      ['sodium chloride decrepitates or stays', 'NaCl 2g', 'heat-dry A 0.4 strong; = sees solid white'],
      ['ammonium dichromate gives green', '(NH4)2Cr2O7 2g', 'heat-dry A 0.3 strong; = sees solid green|dark-green'],
      ['iron(II) sulfate goes red-brown', 'FeSO4·7H2O 2g', 'heat-dry A 0.4 strong; = sees solid red-brown|brown|red|black'],
      ['cadmium carbonate goes brown', 'CdCO3 2g', 'heat-dry A 0.4 strong; = sees solid brown|dark-brown|red-brown'],
      ['cobalt chloride goes blue', 'CoCl2·6H2O 2g', 'heat-dry A 0.3; = sees solid blue'],
      [
        'magnesium carbonate stays white and gives carbon dioxide',
        'MgCO3 2g',
        'heat-dry A 0.4 strong; limewater A; = sees limewater cloudy|milky|white|cloudy-then-clear',
      ],
    ],
  ],
];
