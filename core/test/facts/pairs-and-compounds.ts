/** Two ions at once, and common compounds, by books of qualitative and organic analysis. Written down before anything was run. */
import { type Facts, ofCompound as c } from './fact';

export const FACTS: Facts = [
  [
    'two at once',
    [
      [
        'silver and lead: lead goes into hot water',
        'Ag+ 0.05 Pb2+ 0.05 NO3- 0.15',
        'take A 2; add A hydrochloric-acid-2M 0.5; = ppt white; spin A; decant A B; wash A water 1; add A water 4; boil A 2; spin A; decant A C; add C potassium-chromate-0.1M 0.5; = ppt yellow',
      ],
      [
        'silver and mercury(I): ammonia blackens, and takes the silver',
        'Ag+ 0.05 Hg2^2+ 0.03 NO3- 0.11',
        'take A 2; add A hydrochloric-acid-2M 0.5; = ppt white; spin A; decant A B; add A ammonia-2M 2; = ppt black|dark-grey|grey; spin A; decant A C; add C nitric-acid-6M 2; = ppt white',
      ],
      [
        'copper and bismuth: ammonia',
        'Cu2+ 0.05 Bi3+ 0.05 NO3- 0.55 H+ 0.3',
        'take A 1; add A ammonia-6M 2; = ppt white; spin A; = liquid deep-blue|blue|blue-violet',
      ],
      [
        'iron and aluminium: alkali',
        'Fe3+ 0.05 Al3+ 0.05 Cl- 0.3',
        'take A 1; add A sodium-hydroxide-2M 2; spin A; decant A B; = A: ppt red-brown|brown; add B ammonium-chloride-2M 3; = ppt white',
      ],
      [
        'zinc and manganese: alkali and peroxide',
        'Zn2+ 0.05 Mn2+ 0.05 Cl- 0.2',
        'take A 1; add A sodium-hydroxide-2M 2; add A hydrogen-peroxide-6pc 0.5; = ppt brown|dark-brown|black; boil A 2; spin A; decant A B; add B hydrochloric-acid-2M until just-acidic; add B ammonia-2M 1; pass B hydrogen-sulfide 2; = ppt white|off-white',
      ],
      [
        'nickel and cobalt: both show',
        'Ni2+ 0.02 Co2+ 0.02 Cl- 0.08',
        'take A 1; add A ammonia-2M 1; add A dimethylglyoxime-1pc 1; = ppt red|crimson|pink; take B 1; add B ammonium-thiocyanate-0.5M 2; add B amyl-alcohol 1; shake B; = sees layer blue|deep-blue|blue-green|green-blue',
      ],
      [
        'barium and strontium: chromate in vinegar',
        'Ba2+ 0.05 Sr2+ 0.05 Cl- 0.2',
        'take A 1; add A sodium-acetate-1M 1; add A acetic-acid-2M 1; add A potassium-chromate-0.1M 1; = ppt yellow|pale-yellow; spin A; = A: has BaCrO4; = A: lacks SrCrO4',
      ],
      [
        'chloride and iodide: chlorine layer shows iodine',
        'KI 1g, KCl 1g',
        'dissolve A 0.1 in water 2; add A nitric-acid-2M 0.5; add A cyclohexane 1; add A chlorine-water 0.3; shake A; = sees layer violet|pale-violet|pink',
      ],
      [
        'bromide and iodide: iodine first, bromine after more',
        'KI 1g, KBr 1g',
        'dissolve A 0.02 in water 2; add A sulfuric-acid-1M 0.5; add A cyclohexane 1; add A chlorine-water 2d; shake A; = sees layer violet|pale-violet|pink; add A chlorine-water 8; shake A; = sees layer orange|yellow|red-brown|brown|pale-yellow|orange-yellow',
      ],
      [
        'sulfate and phosphate: barium in acid takes the first',
        'Na2SO4 1g, Na2HPO4 1g',
        'dissolve A 0.1 in water 3; add A hydrochloric-acid-2M 1; add A barium-chloride-0.25M 1; = ppt white; = has BaSO4; = lacks BaHPO4',
      ],
      [
        'nitrite and nitrate: sulfamic acid leaves the second',
        'NaNO2 1g, KNO3 1g',
        'dissolve A 0.1 in water 2; add A sulfamic-acid-0.5M 4; warm A 2; add A iron-ii-sulfate-fresh-0.5M 1; layer A sulfuric-acid-conc 1; look A; = sees ring brown|dark-brown|red-brown',
      ],
      [
        'ammonium and potassium: fumed off, the cobalt reagent shows potassium',
        'NH4Cl 1g, KCl 1g',
        'dissolve A 0.1 in water 2; add A sodium-hydroxide-2M 2; boil A 10; add A acetic-acid-2M 3; add A sodium-hexanitritocobaltate-iii 1; stand A 3; = ppt yellow',
      ],
      [
        'calcium and magnesium: oxalate takes calcium',
        'Ca2+ 0.05 Mg2+ 0.05 Cl- 0.2',
        'take A 1; add A ammonium-chloride-2M 1; add A ammonia-2M 0.5; add A ammonium-oxalate-0.25M 0.5; = ppt white; spin A; decant A B; add B sodium-phosphate-0.3M 0.5; stand B 10; = ppt white',
      ],
      [
        'tin(IV) and antimony: iron in acid',
        'SnCl4·5H2O 1g, SbCl3 1g',
        'dissolve A 0.2 in hydrochloric-acid-6M 4; add A iron-nail 2g; warm A 10; = has Sb; = lacks Sn',
      ],
      [
        'chromate and sulfate: barium yellow in water, white in acid',
        'K2CrO4 1g, K2SO4 1g',
        'dissolve A 0.1 in water 3; take B 1 of A; add B barium-chloride-0.25M 0.3; = ppt yellow|pale-yellow; add B hydrochloric-acid-6M 1; = ppt white|off-white|pale-yellow|cream; = liquid orange|yellow',
      ],
    ],
  ],
  [
    'liquids and solids of carbon, once more',
    [
      c(
        'acetone mixes with water, iodoform, no silver',
        'CC(C)=O',
        'test solubility-water; = sees solubility soluble; test iodoform; = sees precipitate formed yellow; test ammoniacal-silver; = sees no deposit formed',
      ),
      c(
        'butanone too',
        'CCC(C)=O',
        'test iodoform; = sees precipitate formed yellow; test dnp; = sees precipitate formed orange|yellow|orange-red',
      ),
      c(
        'benzaldehyde: silver yes, alkaline copper no',
        'O=Cc1ccccc1',
        'test ammoniacal-silver; = sees deposit silver; test copper-tartrate; = sees no precipitate formed red',
      ),
      c(
        'formic acid reduces silver',
        'OC=O',
        'test litmus; = sees paper changed red|pink|orange-red; test ammoniacal-silver; = sees deposit silver|black|dark-grey',
      ),
      c(
        'acetic acid does not',
        'CC(O)=O',
        'test ammoniacal-silver; = sees no deposit formed; test esterification-smell; = sees smell fruity',
      ),
      c(
        'lactic acid gives iodoform',
        'CC(O)C(O)=O',
        'test iodoform; = sees precipitate formed yellow; test solubility-water; = sees solubility soluble',
      ),
      c(
        'maleic acid is soluble, fumaric is not',
        'OC(=O)/C=C\\C(O)=O',
        'test solubility-water; = sees solubility soluble; test permanganate; = sees precipitate formed brown|dark-brown',
      ),
      c(
        'fumaric acid',
        'OC(=O)/C=C/C(O)=O',
        'test solubility-water; = sees solubility insoluble|partly-soluble; test solubility-nahco3-5pc; = sees solubility soluble',
      ),
      c(
        'resorcinol: violet with iron(III), soluble',
        'Oc1cccc(O)c1',
        'test solubility-water; = sees solubility soluble; test iron-iii-chloride; = sees solution violet|blue-violet|blue',
      ),
      c(
        '2-naphthol: green with iron(III), not soluble',
        'Oc1ccc2ccccc2c1',
        'test solubility-water; = sees solubility insoluble; test solubility-naoh-5pc; = sees solubility soluble; test solubility-nahco3-5pc; = sees solubility insoluble',
      ),
      c('catechol is green', 'Oc1ccccc1O', 'test iron-iii-chloride; = sees solution green|dark-green|blue-green'),
      c(
        'phthalic anhydride gives a hydroxamate',
        'O=C1OC(=O)c2ccccc12',
        'test hydroxamate; = sees solution violet|red-violet|crimson|purple|red',
      ),
      c(
        'aniline: dye, carbylamine, little in water',
        'Nc1ccccc1',
        'test solubility-hcl-5pc; = sees solubility soluble; test azo-coupling; = sees precipitate formed orange|orange-red|red; test carbylamine; = sees smell pungent|foul',
      ),
      c(
        'N-methylaniline: yellow oil',
        'CNc1ccccc1',
        'test nitrous-acid; = sees layer|precipitate|solution yellow|pale-yellow; test azo-coupling; = sees no precipitate formed red',
      ),
      c(
        'N,N-dimethylaniline: green or brown with nitrous acid',
        'CN(C)c1ccccc1',
        'test solubility-hcl-5pc; = sees solubility soluble; test carbylamine; = sees no smell pungent',
      ),
      c(
        'acetanilide is neutral',
        'CC(=O)Nc1ccccc1',
        'test solubility-water; = sees solubility insoluble; test solubility-hcl-5pc; = sees solubility insoluble; test azo-coupling; = sees no precipitate formed',
      ),
      c(
        'benzamide gives ammonia with alkali',
        'NC(=O)c1ccccc1',
        'test base-hydrolysis-ammonia; = sees paper changed blue; test solubility-hcl-5pc; = sees solubility insoluble|partly-soluble',
      ),
      c(
        'acetonitrile too',
        'CC#N',
        'test base-hydrolysis-ammonia; = sees paper changed blue; test solubility-water; = sees solubility soluble',
      ),
      c(
        'nitrobenzene browns iron(II) hydroxide',
        '[O-][N+](=O)c1ccccc1',
        'test iron-ii-hydroxide-nitro; = sees precipitate changed|formed red-brown|brown; test solubility-water; = sees solubility insoluble',
      ),
      c(
        'chloroform: no silver chloride',
        'ClC(Cl)Cl',
        'test silver-nitrate-ethanol; = sees no precipitate formed; test copper-wire-halogen; = sees flame green|blue-green',
      ),
      c(
        'ethyl benzoate: hydroxamate, not soluble',
        'CCOC(=O)c1ccccc1',
        'test hydroxamate; = sees solution violet|red-violet|crimson|purple|red; test solubility-water; = sees solubility insoluble',
      ),
      c(
        'diethyl ether mixes little with water',
        'CCOCC',
        'test solubility-water; = sees solubility soluble|partly-soluble; test solubility-h2so4-conc; = sees solubility soluble',
      ),
      c(
        'glycerol is split by periodate',
        'OCC(O)CO',
        'test periodate; = sees precipitate formed white; test solubility-ether; = sees solubility insoluble',
      ),
      c(
        'benzoic acid: hot water, hydrogencarbonate',
        'OC(=O)c1ccccc1',
        'test solubility-water; = sees solubility insoluble; test solubility-nahco3-5pc; = sees solubility soluble; = sees gas evolved; test melting-point; = sees temperature melts 120..123',
      ),
      c(
        'salicylic acid: violet',
        'OC(=O)c1ccccc1O',
        'test iron-iii-chloride; = sees solution violet|red-violet|blue-violet; test solubility-nahco3-5pc; = sees solubility soluble',
      ),
      c(
        'aspirin: violet only once it is split',
        'CC(=O)Oc1ccccc1C(O)=O',
        'test iron-iii-chloride; = sees no solution violet; test hydroxamate; = sees solution violet|red-violet|crimson|purple|red',
      ),
      c(
        'sulfanilic acid: an inner salt',
        'Nc1ccc(cc1)S(O)(=O)=O',
        'test solubility-ether; = sees solubility insoluble; test solubility-nahco3-5pc; = sees solubility soluble; test solubility-hcl-5pc; = sees solubility insoluble|partly-soluble',
      ),
      c(
        'thiourea holds sulfur and nitrogen',
        'NC(N)=S',
        'test solubility-water; = sees solubility soluble; test base-hydrolysis-ammonia; = sees paper changed blue',
      ),
      c(
        'biphenyl is inert',
        'c1ccc(cc1)-c1ccccc1',
        'test solubility-h2so4-conc; = sees solubility insoluble|partly-soluble; test bromine-addition; = sees no solution colourless',
      ),
      c(
        'anthraquinone is no aldehyde',
        'O=C1c2ccccc2C(=O)c2ccccc12',
        'test ammoniacal-silver; = sees no deposit formed; test solubility-water; = sees solubility insoluble',
      ),
    ],
  ],
];
