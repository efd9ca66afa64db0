/**
 * A second hundred of textbook facts, written after the mechanisms of the first were in place and before these were run: how often
 * the model is right about what it was not mended for.
 */
import { type Facts, ofCompound } from './fact';

export const FACTS: Facts = [
  [
    'cations',
    [
      [
        'lead sulfate dissolves in ammonium acetate',
        'Pb2+ 0.05 NO3- 0.1',
        'take A 1; add A sulfuric-acid-1M 0.3; = ppt white; add A ammonium-acetate-3M 2; warm A 1; = no ppt',
      ],
      [
        'lead iodide is yellow and dissolves in boiling water',
        'Pb2+ 0.01 NO3- 0.02',
        'take A 1; add A potassium-iodide-0.1M 0.3; = ppt yellow; add A water 4; boil A 2; = no ppt; cool A; = ppt yellow',
      ],
      [
        'lead chromate dissolves in alkali',
        'Pb2+ 0.05 NO3- 0.1',
        'take A 1; add A potassium-chromate-0.1M 0.6; = ppt yellow; add A sodium-hydroxide-6M 2; = no ppt; = liquid yellow',
      ],
      [
        'silver chromate is red-brown and goes in ammonia',
        'Ag+ 0.05 NO3- 0.05',
        'take A 1; add A potassium-chromate-0.1M 0.5; = ppt red-brown|red|brown; add A ammonia-6M 1; = no ppt',
      ],
      [
        'mercury(II) iodide is red and goes in excess iodide',
        'Hg2+ 0.02 Cl- 0.04',
        'take A 1; add A potassium-iodide-0.1M 0.3; = ppt orange-red|red; add A potassium-iodide-0.1M 2; = no ppt; = liquid colourless|pale-yellow',
      ],
      [
        'copper hexacyanoferrate is red-brown',
        'Cu2+ 0.02 SO4^2- 0.02',
        'take A 1; add A potassium-hexacyanoferrate-ii-0.1M 0.2; = ppt red-brown|brown|red',
      ],
      [
        'cadmium sulfide is yellow from 0.3 M acid',
        'Cd2+ 0.05 SO4^2- 0.05',
        'take A 2; add A hydrochloric-acid-2M 0.3; pass A hydrogen-sulfide 4; = ppt yellow',
      ],
      [
        'cadmium hydroxide goes in ammonia',
        'Cd2+ 0.05 SO4^2- 0.05',
        'take A 1; add A sodium-hydroxide-2M 0.3; = ppt white; add A ammonia-conc 2; = no ppt',
      ],
      ['bismuth chloride clouds in much water', 'Bi3+ 0.03 H+ 0.6 Cl- 0.69', 'take A 0.5; add A water 12; = ppt white'],
      [
        'bismuth iodide is black and orange in excess',
        'Bi3+ 0.02 H+ 0.6 NO3- 0.66',
        'take A 1; add A potassium-iodide-0.1M 0.4; = ppt black|dark-brown; add A potassium-iodide-0.1M 4; = liquid orange|yellow|orange-red|brown',
      ],
      [
        'tin(II) hydroxide goes in alkali',
        'Sn2+ 0.05 H+ 0.3 Cl- 0.4',
        'take A 1; add A sodium-hydroxide-2M 0.25; = ppt white; add A sodium-hydroxide-6M 1; = no ppt',
      ],
      [
        'antimony sulfide goes in ammonium sulfide, comes back with acid',
        'Sb3+ 0.03 H+ 1 Cl- 1.09',
        'take A 1; add A water 2; pass A hydrogen-sulfide 4; = ppt orange|orange-red; spin A; decant A L; add A ammonium-sulfide-1M 2; warm A 2; = no ppt; add A hydrochloric-acid-6M 1; = ppt orange|orange-red|yellow',
      ],
      [
        'iron(III) thiocyanate is bleached by fluoride',
        'Fe3+ 0.005 Cl- 0.015',
        'take A 1; add A ammonium-thiocyanate-0.5M 2d; = liquid red|crimson|red-brown; add A sodium-fluoride-solid 0.1g; shake A; = liquid colourless|pale-yellow|yellow|pink',
      ],
      [
        'iron(II) with hexacyanoferrate(III) is deep blue',
        'Fe2+ 0.05 SO4^2- 0.05',
        'take A 1; add A potassium-hexacyanoferrate-iii-0.1M 3d; = ppt deep-blue|blue',
      ],
      [
        'iron(II) with dimethylglyoxime in ammonia is red',
        'Fe2+ 0.02 SO4^2- 0.02',
        'take A 1; add A dimethylglyoxime-1pc 1; add A ammonia-2M 0.5; = liquid red|crimson|red-brown|brown',
      ],
      [
        'aluminium hydroxide goes in alkali and comes back with ammonium chloride',
        'Al3+ 0.05 Cl- 0.15',
        'take A 1; add A sodium-hydroxide-2M 0.08; = ppt white; add A sodium-hydroxide-2M 1; = no ppt; add A ammonium-chloride-2M 3; warm A 2; = ppt white',
      ],
      [
        'chromium hydroxide does not dissolve in ammonia',
        'Cr3+ 0.05 Cl- 0.15',
        'take A 1; add A ammonia-2M 1; = ppt dirty-green|green|pale-green|dark-green',
      ],
      [
        'chromate goes orange with acid and yellow with alkali',
        'K+ 0.1 CrO4^2- 0.05',
        'take A 1; = liquid yellow; add A sulfuric-acid-1M 0.3; = liquid orange|yellow; add A sodium-hydroxide-2M 1; = liquid yellow',
      ],
      [
        'zinc sulfide is white',
        'Zn2+ 0.05 SO4^2- 0.05',
        'take A 1; add A ammonia-2M 1; add A ammonium-sulfide-1M 0.2; = ppt white',
      ],
      [
        'zinc with hexacyanoferrate(II) is white',
        'Zn2+ 0.05 SO4^2- 0.05',
        'take A 1; add A potassium-hexacyanoferrate-ii-0.1M 0.4; = ppt white|off-white|pale-yellow',
      ],
      [
        'cobalt thiocyanate is blue in amyl alcohol',
        'Co2+ 0.05 Cl- 0.1',
        'take A 1; add A ammonium-thiocyanate-0.5M 2; add A amyl-alcohol 1; shake A; look A; = sees layer blue|deep-blue|blue-green',
      ],
      [
        'nickel hydroxide goes in ammonia to blue',
        'Ni2+ 0.05 SO4^2- 0.05',
        'take A 1; add A sodium-hydroxide-2M 0.2; = ppt pale-green|green; add A ammonia-conc 2; = no ppt; = liquid blue|pale-blue|violet',
      ],
      [
        'manganese carbonate is pale',
        'Mn2+ 0.05 SO4^2- 0.05',
        'take A 1; add A sodium-carbonate-1M 0.2; = ppt buff|off-white|white|pink',
      ],
      [
        'barium chromate does not dissolve in acetic acid, strontium gives none',
        'Sr2+ 0.05 Cl- 0.1',
        'take A 1; add A acetic-acid-2M 0.3; add A potassium-chromate-0.1M 0.3; = no ppt',
      ],
      ['calcium sulfate needs a strong solution', 'Ca2+ 0.01 Cl- 0.02', 'take A 1; add A sulfuric-acid-1M 0.1; = no ppt'],
      [
        'strontium sulfate falls slowly',
        'Sr2+ 0.03 Cl- 0.06',
        'take A 1; add A ammonium-sulfate-1M 0.3; stand A 10; = ppt white',
      ],
      [
        'magnesium carbonate falls on boiling',
        'Mg2+ 0.1 Cl- 0.2',
        'take A 1; add A sodium-carbonate-1M 0.5; boil A 2; = ppt white',
      ],
      [
        'potassium with hexanitritocobaltate is yellow',
        'K+ 0.1 Cl- 0.1',
        'take A 1; add A acetic-acid-2M 2d; add A sodium-hexanitritocobaltate-iii 0.5; stand A 5; = ppt yellow',
      ],
      [
        'sodium with it gives nothing',
        'Na+ 0.1 Cl- 0.1',
        'take A 1; add A acetic-acid-2M 2d; add A sodium-hexanitritocobaltate-iii 0.5; stand A 5; = no ppt',
      ],
      [
        'ammonium is brown with the alkaline iodide reagent',
        'NH4+ 0.005 Cl- 0.005',
        'take A 1; add A nessler-reagent 0.3; = ppt brown|red-brown|orange|yellow',
      ],
    ],
  ],

  [
    'anions',
    [
      [
        'carbonate fizzes and clouds lime water',
        'Na2CO3 3g',
        'solid A 0.3; add A hydrochloric-acid-2M 2; = sees gas evolved; limewater A; = sees limewater cloudy|cloudy-then-clear',
      ],
      [
        'sulfide blackens lead paper',
        'Na2S 3g',
        'solid A 0.2; add A hydrochloric-acid-2M 2; paper A lead-acetate mouth; = sees paper changed; smell A; = sees smell rotten-eggs',
      ],
      [
        'sulfite greens dichromate paper',
        'Na2SO3 3g',
        'solid A 0.3; add A hydrochloric-acid-2M 2; warm A 1; smell A; = sees smell burning-sulfur',
      ],
      ['nitrite browns with acid', 'NaNO2 3g', 'solid A 0.4; add A sulfuric-acid-1M 1; = sees gas brown'],
      [
        'acetate smells of vinegar with hot acid',
        'CH3COONa 3g',
        'solid A 0.4; add A sulfuric-acid-1M 1; warm A 1; smell A; = sees smell vinegar',
      ],
      [
        'chloride and concentrated sulfuric acid: white fumes with ammonia',
        'NaCl 3g',
        'solid A 0.3; add A sulfuric-acid-conc 1; warm A 1; rod A ammonia-conc; = sees fumes white-fumes',
      ],
      [
        'iodide and concentrated sulfuric acid: violet',
        'KI 3g',
        'solid A 0.3; add A sulfuric-acid-conc 1; warm A 1; = sees gas violet',
      ],
      [
        'nitrate and copper and concentrated acid: brown gas',
        'KNO3 3g',
        'solid A 0.3; add A sulfuric-acid-conc 1; add A copper-turnings 0.2g; boil A 1; = sees gas brown',
      ],
      [
        'the brown ring of nitrate',
        'Na+ 0.2 NO3- 0.2',
        'take A 1; add A iron-ii-sulfate-fresh-0.5M 1; layer A sulfuric-acid-conc 1; look A; = sees ring brown|dark-brown|red-brown',
      ],
      [
        'sulfate with barium, not dissolved by acid',
        'Na+ 0.1 SO4^2- 0.05',
        'take A 1; add A hydrochloric-acid-2M 0.2; add A barium-chloride-0.25M 0.2; = ppt white',
      ],
      [
        'sulfite with barium, dissolved by acid',
        'Na+ 0.1 SO3^2- 0.05',
        'take A 1; add A barium-chloride-0.25M 0.3; = ppt white; add A hydrochloric-acid-2M 1; = no ppt',
      ],
      [
        'phosphate with silver is yellow and goes in nitric acid',
        'Na+ 0.1 HPO4^2- 0.05',
        'take A 1; add A silver-nitrate-0.1M 1; = ppt yellow; add A nitric-acid-2M 1; = no ppt',
      ],
      [
        'phosphate with molybdate is yellow when warm',
        'Na+ 0.02 HPO4^2- 0.01',
        'take A 0.5; add A ammonium-molybdate-reagent 2; warm A 3; = ppt yellow',
      ],
      [
        'oxalate bleaches hot acid permanganate',
        'Na+ 0.1 C2O4^2- 0.05',
        'take A 1; add A sulfuric-acid-1M 1; warm A 1; add A potassium-permanganate-0.02M 2d; = liquid colourless',
      ],
      [
        'thiosulfate with silver goes white, then black',
        'Na+ 0.1 S2O3^2- 0.05',
        'take A 0.5; add A silver-nitrate-0.1M 1.5; stand A 15; = ppt black|dark-brown|brown|grey',
      ],
      [
        'thiocyanate is red with iron(III)',
        'K+ 0.05 SCN- 0.05',
        'take A 1; add A iron-iii-chloride-0.1M 2d; = liquid red|crimson|red-brown',
      ],
      [
        'fluoride with calcium is a white jelly',
        'Na+ 0.1 F- 0.1',
        'take A 1; add A calcium-chloride-0.5M 0.3; stand A 3; = ppt white',
      ],
      [
        'iodide with chlorine water is violet in cyclohexane',
        'K+ 0.05 I- 0.05',
        'take A 1; add A chlorine-water 3d; add A cyclohexane 1; shake A; look A; = sees layer violet|pink|crimson',
      ],
      [
        'bromide with bleach is orange in dichloromethane',
        'K+ 0.05 Br- 0.05',
        'take A 1; add A bleach-acidified 0.5; add A dichloromethane 1; shake A; look A; = sees layer orange|yellow|red-brown|brown',
      ],
      [
        'silver cyanide goes in excess',
        'K+ 0.1 CN- 0.1',
        'take A 2; add A silver-nitrate-0.1M 3d; = no ppt; add A silver-nitrate-0.1M 3; = ppt white',
      ],
      [
        'hexacyanoferrate(II) is blue with iron(III)',
        'K+ 0.2 Fe(CN)6^4- 0.05',
        'take A 1; add A iron-iii-chloride-0.1M 3d; = ppt deep-blue|blue',
      ],
      ['silicate gels with acid', 'Na+ 0.4 SiO3^2- 0.2', 'take A 2; add A hydrochloric-acid-2M 0.4; stand A 10; = ppt white'],
      ['borate colours no litmus red but is weakly basic', 'Na+ 0.1 B4O7^2- 0.05', 'take A 1; = pH 8.8..9.6'],
      ['tartrate chars on dry heat', 'Na2C4H4O6 3g', 'heat-dry A 0.4 strong; = sees solid charred'],
      ['chlorate and concentrated acid: yellow gas', 'KClO3 3g', 'solid A 0.05; add A sulfuric-acid-conc 0.5; = sees gas yellow'],
      [
        'permanganate is violet and goes colourless with acid sulfite',
        'K+ 0.005 MnO4- 0.005',
        'take A 1; = liquid violet|pink|crimson; add A sulfuric-acid-1M 0.5; add A sodium-sulfite-solid 0.05g; = liquid colourless',
      ],
      [
        'arsenate with silver is red-brown',
        'Na+ 0.15 AsO4^3- 0.05',
        'take A 1; add A nitric-acid-2M 1d; add A silver-nitrate-0.1M 1.5; = ppt red-brown|brown|dark-brown',
      ],
      ['formate reduces silver on warming', 'Na+ 0.1 HCOO- 0.1', 'take A 1; add A silver-nitrate-0.1M 1; boil A 3; = has Ag'],
    ],
  ],

  [
    'flames and dry',
    [
      ['sodium yellow', 'NaCl 2g', 'flame sample; = sees flame yellow'],
      ['potassium violet', 'KCl 2g', 'flame sample; = sees flame violet'],
      ['calcium brick-red', 'CaCl2 2g', 'flame sample; = sees flame brick-red'],
      ['strontium crimson', 'SrCl2·6H2O 2g', 'flame sample; = sees flame crimson'],
      ['barium apple-green', 'BaCl2·2H2O 2g', 'flame sample; = sees flame apple-green'],
      ['copper green', 'CuCl2·2H2O 2g', 'flame sample; = sees flame green|blue-green'],
      ['magnesium none', 'MgSO4·7H2O 2g', 'flame sample; = sees flame none'],
      [
        'copper sulfate goes white and gives water',
        'CuSO4·5H2O 2g',
        'heat-dry A 0.4; = sees droplets formed; = sees solid white|off-white',
      ],
      ['zinc sulfate gives water', 'ZnSO4·7H2O 2g', 'heat-dry A 0.4; = sees droplets formed'],
      [
        'ammonium dichromate swells green',
        '(NH4)2Cr2O7 2g',
        'heat-dry A 0.3 strong; = sees solid swelled; = sees solid green|dark-green',
      ],
      [
        'iodine vapour from an ammonium iodide is not seen, its sublimate is',
        'NH4I 2g',
        'heat-dry A 0.3 strong; = sees sublimate white|off-white',
      ],
      ['arsenic on charcoal smells of garlic', 'As2O3 2g', 'charcoal reducing; = sees smell garlic'],
      ['antimony on charcoal: a white film', 'Sb2O3 2g', 'charcoal reducing; = sees sublimate white'],
      ['cadmium on charcoal: a brown film', 'CdCO3 2g', 'charcoal reducing; = sees sublimate|solid brown'],
      ['magnesium with cobalt nitrate: pink', 'MgCO3 2g', 'charcoal oxidising cobalt; = sees solid pink'],
      ['zinc with cobalt nitrate: green', 'ZnCO3 2g', 'charcoal oxidising cobalt; = sees solid green'],
    ],
  ],

  [
    'compounds',
    [
      ofCompound(
        'propan-1-ol: green with chromic acid, no iodoform',
        'CCCO',
        'test chromic-acid; = sees solution green; test iodoform; = sees no precipitate formed',
      ),
      ofCompound(
        'tert-butanol: cloud at once, not oxidised',
        'CC(C)(C)O',
        'test zinc-chloride-hcl; = sees solution cloudy; test chromic-acid; = sees solution orange',
      ),
      ofCompound(
        '2-propanol: iodoform and green',
        'CC(C)O',
        'test iodoform; = sees precipitate yellow; test chromic-acid; = sees solution green',
      ),
      ofCompound(
        'acetophenone: iodoform, orange hydrazone, no mirror',
        'CC(=O)c1ccccc1',
        'test iodoform; = sees precipitate yellow; test dnp; = sees precipitate orange|orange-red; test ammoniacal-silver; = sees no deposit formed',
      ),
      ofCompound(
        'benzophenone: hydrazone, no iodoform',
        'O=C(c1ccccc1)c1ccccc1',
        'test dnp; = sees precipitate orange|orange-red|yellow; test iodoform; = sees no precipitate formed',
      ),
      ofCompound(
        'propanal: mirror, red copper oxide, violet with fuchsin',
        'CCC=O',
        'test ammoniacal-silver; = sees deposit silver; test copper-tartrate; = sees precipitate red; test fuchsin-aldehyde; = sees solution violet',
      ),
      ofCompound(
        '4-methoxybenzaldehyde: mirror, not copper',
        'COc1ccc(C=O)cc1',
        'test ammoniacal-silver; = sees deposit silver; test copper-tartrate; = sees no precipitate formed',
      ),
      ofCompound(
        'resorcinol: violet with iron(III), green phthalein',
        'Oc1cccc(O)c1',
        'test iron-iii-chloride; = sees solution violet|blue; test phthalein; = sees solution green',
      ),
      ofCompound(
        'salicylic acid: violet with iron(III), fizzes',
        'OC(=O)c1ccccc1O',
        'test iron-iii-chloride; = sees solution violet; test solubility-nahco3-5pc; = sees gas evolved',
      ),
      ofCompound('4-nitrophenol: in hydroxide', 'Oc1ccc(cc1)[N+](=O)[O-]', 'test solubility-naoh-5pc; = sees solubility soluble'),
      ofCompound('4-nitroaniline: red dye', 'Nc1ccc(cc1)[N+](=O)[O-]', 'test azo-coupling; = sees precipitate red|orange-red'),
      ofCompound(
        'diethylamine: a base in water, no dye',
        'CCNCC',
        'test litmus; = sees paper red-litmus changed blue; test azo-coupling; = sees no precipitate formed',
      ),
      ofCompound(
        'N-ethylaniline: yellow oil with nitrous acid',
        'CCNc1ccccc1',
        'test nitrous-acid; = sees layer yellow; test carbylamine; = sees smell none',
      ),
      ofCompound('benzamide: ammonia with alkali', 'NC(=O)c1ccccc1', 'test base-hydrolysis-ammonia; = sees paper changed blue'),
      ofCompound('benzonitrile: ammonia slowly', 'N#Cc1ccccc1', 'test base-hydrolysis-ammonia; = sees paper changed blue'),
      ofCompound(
        '3-dinitrobenzene: iron(II) hydroxide browns',
        '[O-][N+](=O)c1cccc(c1)[N+](=O)[O-]',
        'test iron-ii-hydroxide-nitro; = sees precipitate red-brown|brown',
      ),
      ofCompound(
        'ethyl acetate: fruity, hydroxamate',
        'CCOC(C)=O',
        'test compound-look; = sees smell fruity; test hydroxamate; = sees solution crimson|red|violet',
      ),
      ofCompound(
        'phenyl benzoate: insoluble, hydroxamate',
        'O=C(Oc1ccccc1)c1ccccc1',
        'test solubility-water; = sees solubility insoluble; test hydroxamate; = sees solution crimson|red|violet',
      ),
      ofCompound(
        'diethyl ether: none of it',
        'CCOCC',
        'test bromine-addition; = sees solution orange; test dnp; = sees no precipitate formed; test solubility-h2so4-conc; = sees solubility soluble',
      ),
      ofCompound('cyclohexane burns clean, toluene with soot', 'C1CCCCC1', 'test ignition; = sees soot clean'),
      ofCompound('naphthalene melts at 80', 'c1ccc2ccccc2c1', 'test melting-point; = sees temperature melts 80'),
      ofCompound('urea: nitrogen by fusion', 'NC(N)=O', 'fuse 60 20; = sees extract good'),
      ofCompound('thiourea blackens lead', 'NC(N)=S', 'test lead-acetate-thiol; = sees precipitate black'),
      ofCompound(
        '1-butanethiol stinks, yellow with lead',
        'CCCCS',
        'test compound-look; = sees smell garlic; test lead-acetate-thiol; = sees precipitate yellow',
      ),
      ofCompound(
        'ascorbic acid reduces everything',
        'OC[C@H](O)[C@H]1OC(=O)C(O)=C1O',
        'test permanganate; = sees precipitate|solution brown|colourless; test ammoniacal-silver; = sees deposit silver',
      ),
      ofCompound(
        'oxalic acid: soluble in water, acid',
        'OC(=O)C(O)=O',
        'test solubility-water; = sees solubility soluble; test litmus; = sees paper blue-litmus changed red',
      ),
      ofCompound(
        'anthranilic acid: in acid and in alkali',
        'Nc1ccccc1C(O)=O',
        'test solubility-naoh-5pc; = sees solubility soluble; test azo-coupling; = sees precipitate red|orange-red|orange',
      ),
    ],
  ],
];
