/** What hides or feigns what: ions beside each other, and compounds with two groups, as books warn of them. Written before running. */
import { type Facts, ofCompound } from './fact';

export const FACTS: Facts = [
  [
    'anions beside each other',
    [
      [
        'sulfite beside sulfate: barium and acid leave the sulfate',
        'Na+ 0.2 SO3^2- 0.05 SO4^2- 0.05',
        'take A 1; add A hydrochloric-acid-2M 1; boil A 2; add A barium-chloride-0.25M 0.4; = ppt white; = has BaSO4; = lacks BaSO3',
      ],
      [
        'carbonate beside sulfite: peroxide keeps the sulfite back',
        'Na+ 0.3 CO3^2- 0.1 SO3^2- 0.05',
        'take A 2; add A hydrogen-peroxide-6pc 0.5; add A hydrochloric-acid-2M 1; = sees gas evolved; smell A; = sees smell none',
      ],
      [
        'chloride beside iodide: ammonia takes the chloride only',
        'Na+ 0.1 Cl- 0.05 I- 0.05',
        'take A 1; add A nitric-acid-2M 2d; add A silver-nitrate-0.1M 1.2; spin A; decant A L; add A ammonia-6M 2; spin A; decant A B; add B nitric-acid-6M 2.5; = ppt white; = A: ppt yellow|pale-yellow|off-white',
      ],
      [
        'bromide beside iodide: chlorine water shows the violet first',
        'K+ 0.1 Br- 0.05 I- 0.05',
        'take A 1; add A chlorine-water 2d; add A cyclohexane 1; shake A; look A; = sees layer violet|pink|crimson',
      ],
      [
        'nitrate beside iodide: the iodine hides no ring when silver took it out',
        'Na+ 0.2 I- 0.1 NO3- 0.1',
        'take A 1; add A iron-ii-sulfate-fresh-0.5M 1; layer A sulfuric-acid-conc 1; look A; = sees ring formed',
      ],
      [
        'phosphate beside arsenate: molybdate is yellow warm',
        'Na+ 0.16 HPO4^2- 0.05 AsO4^3- 0.02',
        'take A 0.5; add A ammonium-molybdate-reagent 2; warm A 4; = ppt yellow',
      ],
      ['tartrate holds iron(III) from ammonia', 'Fe3+ 0.01 K+ 0.27 C4H4O6^2- 0.15', 'take A 1; add A ammonia-2M 1; = no ppt'],
      ['fluoride holds aluminium from ammonia', 'Al3+ 0.01 Na+ 0.27 F- 0.3', 'take A 1; add A ammonia-2M 1; = no ppt'],
      [
        'thiocyanate beside chloride: silver takes both white',
        'K+ 0.1 SCN- 0.05 Cl- 0.05',
        'take A 1; add A nitric-acid-2M 2d; add A silver-nitrate-0.1M 1.5; = ppt white; = has AgSCN; = has AgCl',
      ],
      [
        'hexacyanoferrate(II) beside thiocyanate: iron(III) is blue over red',
        'K+ 0.3 Fe(CN)6^4- 0.05 SCN- 0.1',
        'take A 1; add A hydrochloric-acid-2M 2d; add A iron-iii-chloride-0.1M 0.3; = ppt deep-blue|blue',
      ],
      [
        'sulfide with sulfite and acid is milky with sulfur',
        'Na+ 0.4 S2- 0.1 SO3^2- 0.1',
        'take A 1; add A hydrochloric-acid-2M 2; stand A 2; = ppt pale-yellow|white|off-white|cream|yellow',
      ],
      [
        'nitrite frees iodine from iodide in acetic acid',
        'K+ 0.1 NO2- 0.05 I- 0.05',
        'take A 1; add A acetic-acid-2M 0.5; = liquid brown|yellow|orange|red-brown|orange-red',
      ],
      [
        'chromate hides no chloride when silver is in nitric acid',
        'Na+ 0.2 CrO4^2- 0.05 Cl- 0.1',
        'take A 1; add A nitric-acid-2M 1; add A silver-nitrate-0.1M 1.2; = has AgCl',
      ],
      [
        'borate beside fluoride still colours nothing in water',
        'Na+ 0.3 B4O7^2- 0.05 F- 0.2',
        'take A 1; = no ppt; = liquid colourless',
      ],
      [
        'acetate beside formate: silver is reduced hot',
        'Na+ 0.2 CH3COO- 0.1 HCOO- 0.1',
        'take A 1; add A silver-nitrate-0.1M 0.5; boil A 3; = has Ag',
      ],
      [
        'iodide reduces copper beside sulfate',
        'Cu2+ 0.05 Na+ 0.1 SO4^2- 0.05 I- 0.1',
        'take A 1; = has CuI; = liquid brown|yellow|orange|red-brown|orange-red',
      ],
    ],
  ],

  [
    'cations beside each other',
    [
      [
        'iron(III) hides manganese from alkali, not from bismuthate',
        'Fe3+ 0.02 Mn2+ 0.01 NO3- 0.1 H+ 0.02',
        'take A 1; add A nitric-acid-6M 1; add A sodium-bismuthate-solid 0.1g; spin A; = liquid violet|pink|crimson|red',
      ],
      [
        'copper hides nickel by its blue in ammonia',
        'Cu2+ 0.05 Ni2+ 0.05 SO4^2- 0.1',
        'take A 1; add A ammonia-6M 1.5; = no ppt; = liquid deep-blue|blue',
      ],
      [
        'dimethylglyoxime shows nickel beside copper',
        'Cu2+ 0.02 Ni2+ 0.02 SO4^2- 0.04',
        'take A 1; add A ammonia-2M 1; add A dimethylglyoxime-1pc 0.8; = ppt red|crimson|red-brown|pink',
      ],
      [
        'zinc in alkali with aluminium: ammonium chloride brings the aluminium',
        'Al3+ 0.05 Zn2+ 0.05 Cl- 0.25',
        'take A 1; add A sodium-hydroxide-6M 1.5; = no ppt; add A ammonium-chloride-2M 6; warm A 2; = has Al(OH)3; = lacks Zn(OH)2',
      ],
      [
        'barium beside strontium: chromate in acetic acid tells',
        'Ba2+ 0.05 Sr2+ 0.05 Cl- 0.2',
        'take A 1; add A acetic-acid-2M 0.3; add A sodium-acetate-1M 0.5; add A potassium-chromate-0.1M 0.7; = has BaCrO4; = lacks SrCrO4',
      ],
      [
        'lead beside barium: sulfate takes both, acetate the lead',
        'Pb2+ 0.03 Ba2+ 0.03 NO3- 0.12',
        'take A 1; add A sulfuric-acid-1M 0.3; spin A; decant A L; add A ammonium-acetate-3M 3; warm A 2; spin A; decant A B; = A: has BaSO4; = A: lacks PbSO4; add B potassium-chromate-0.1M 0.3; = ppt yellow',
      ],
      [
        'ammonium beside sodium: the smell with alkali',
        'NH4+ 0.1 Na+ 0.1 Cl- 0.2',
        'take A 1; add A sodium-hydroxide-2M 0.5; warm A 1; smell A; = sees smell ammonia',
      ],
      [
        'iron(II) beside iron(III): each has its blue',
        'Fe2+ 0.03 Fe3+ 0.03 SO4^2- 0.1 H+ 0.05',
        'take A 0.5; add A potassium-hexacyanoferrate-iii-0.1M 2d; = ppt deep-blue|blue; take B 0.5; add B potassium-hexacyanoferrate-ii-0.1M 2d; = ppt deep-blue|blue',
      ],
      [
        'silver beside lead: alkali brown, its excess clears the lead',
        'Ag+ 0.05 Pb2+ 0.05 NO3- 0.15',
        'take A 1; add A sodium-hydroxide-2M 1.5; = ppt brown|dark-brown|grey; = lacks Pb(OH)2',
      ],
      [
        'mercury(II) beside copper: tin(II) shows it',
        'Hg2+ 0.02 Cu2+ 0.02 Cl- 0.08',
        'take A 1; add A tin-ii-chloride-0.1M 0.2; = ppt white|off-white|grey|pale-blue|blue-green',
      ],
      [
        'magnesium beside calcium: oxalate leaves it',
        'Ca2+ 0.03 Mg2+ 0.03 Cl- 0.12',
        'take A 1; add A ammonium-chloride-2M 0.5; add A ammonia-2M 0.2; add A ammonium-oxalate-0.25M 0.4; stand A 3; = has CaC2O4·H2O; = lacks MgC2O4·2H2O',
      ],
      [
        'potassium beside ammonium: the yellow of both until the ammonia is gone',
        'NH4+ 0.1 K+ 0.05 Cl- 0.15',
        'take A 1; add A sodium-hydroxide-6M 0.5; boil A 10; add A acetic-acid-2M 2; add A sodium-hexanitritocobaltate-iii 0.5; stand A 5; = ppt yellow',
      ],
      [
        'tin(IV) beside antimony: oxalate keeps the tin from hydrogen sulfide',
        'Sn4+ 0.02 Sb3+ 0.02 H+ 1 Cl- 1.14',
        'take A 1; add A ammonium-oxalate-0.25M 3; pass A hydrogen-sulfide 4; = ppt orange|orange-red|yellow; = lacks SnS2',
      ],
      [
        'bismuth beside lead: sulfuric acid leaves it',
        'Bi3+ 0.03 Pb2+ 0.03 H+ 1 NO3- 1.15',
        'take A 1; add A sulfuric-acid-1M 0.6; spin A; decant A B; = A: has PbSO4; add B ammonia-6M 1; = B: ppt white|off-white',
      ],
      [
        'cobalt beside iron: fluoride hides the iron from thiocyanate',
        'Co2+ 0.05 Fe3+ 0.005 Cl- 0.115',
        'take A 1; add A sodium-fluoride-solid 0.15g; shake A; add A ammonium-thiocyanate-0.5M 2; add A amyl-alcohol 1; shake A; look A; = sees layer blue|deep-blue|blue-green',
      ],
      [
        'chromium beside iron: peroxide in alkali tells',
        'Cr3+ 0.02 Fe3+ 0.02 H+ 0.05 Cl- 0.17',
        'take A 1; add A sodium-hydroxide-6M 0.5; add A hydrogen-peroxide-6pc 0.5; boil A 3; spin A; = ppt red-brown|brown; = liquid yellow',
      ],
    ],
  ],

  [
    'compounds with two groups',
    [
      ofCompound(
        '4-aminobenzoic acid: in acid and in hydrogencarbonate, and a dye',
        'Nc1ccc(cc1)C(O)=O',
        'test solubility-hcl-5pc; = sees solubility soluble; test solubility-nahco3-5pc; = sees solubility soluble; test azo-coupling; = sees precipitate formed',
      ),
      ofCompound(
        'cinnamaldehyde: bromine, hydrazone, mirror',
        'O=C/C=C/c1ccccc1',
        'test permanganate; = sees precipitate|solution brown|colourless; test dnp; = sees precipitate formed; test ammoniacal-silver; = sees deposit silver',
      ),
      ofCompound(
        '4-hydroxybenzaldehyde: in hydroxide, hydrazone',
        'Oc1ccc(C=O)cc1',
        'test solubility-naoh-5pc; = sees solubility soluble; test dnp; = sees precipitate formed',
      ),
      ofCompound(
        'acrylic acid: acid, and a double bond for permanganate',
        'C=CC(O)=O',
        'test litmus; = sees paper blue-litmus changed red; test permanganate; = sees precipitate|solution brown|colourless',
      ),
      ofCompound(
        'allyl alcohol: bromine and chromic acid',
        'C=CCO',
        'test bromine-addition; = sees solution colourless|pale-yellow; test chromic-acid; = sees solution green',
      ),
      ofCompound(
        'ethyl acetoacetate: red with iron(III) as an enol, or slowly, a hydrazone, an ester',
        'CCOC(=O)CC(C)=O',
        'test dnp; = sees precipitate formed; test hydroxamate; = sees solution crimson|red|violet',
      ),
      ofCompound('acetylacetone: red with iron(III)', 'CC(=O)CC(C)=O', 'test iron-iii-chloride; = sees solution red|crimson'),
      ofCompound(
        '4-chlorophenol: violet or blue, green on copper',
        'Oc1ccc(Cl)cc1',
        'test iron-iii-chloride; = sees solution violet|blue; test copper-wire-halogen; = sees flame green|blue-green',
      ),
      ofCompound(
        'chloroacetic acid: strong, soluble',
        'OC(=O)CCl',
        'test litmus; = sees paper blue-litmus changed red; test solubility-water; = sees solubility soluble',
      ),
      ofCompound(
        '2-chloroethanol: red with cerium, green on copper',
        'OCCCl',
        'test cerium-nitrate; = sees solution red; test copper-wire-halogen; = sees flame green|blue-green',
      ),
      ofCompound(
        'sulfanilic acid: not in ether, a dye, sulfur',
        'Nc1ccc(cc1)S(O)(=O)=O',
        'test solubility-ether; = sees solubility insoluble; test azo-coupling; = sees precipitate formed',
      ),
      ofCompound(
        '4-nitrobenzaldehyde: hydrazone and brown hydroxide',
        'O=Cc1ccc(cc1)[N+](=O)[O-]',
        'test dnp; = sees precipitate formed; test iron-ii-hydroxide-nitro; = sees precipitate red-brown|brown',
      ),
      ofCompound(
        'paracetamol: violet or blue with iron(III), no base',
        'CC(=O)Nc1ccc(O)cc1',
        'test iron-iii-chloride; = sees solution violet|blue|brown; test azo-coupling; = sees no precipitate formed; test solubility-naoh-5pc; = sees solubility soluble',
      ),
      ofCompound(
        'lactic acid: iodoform and acid',
        'CC(O)C(O)=O',
        'test litmus; = sees paper blue-litmus changed red; test solubility-water; = sees solubility soluble',
      ),
      ofCompound(
        'hydroquinone: mirror without an aldehyde',
        'Oc1ccc(O)cc1',
        'test ammoniacal-silver; = sees deposit silver; test dnp; = sees no precipitate formed',
      ),
      ofCompound(
        '4-methoxyphenol: in hydroxide, not in hydrogencarbonate',
        'COc1ccc(O)cc1',
        'test solubility-naoh-5pc; = sees solubility soluble; test solubility-nahco3-5pc; = sees solubility insoluble|partly-soluble',
      ),
      ofCompound(
        'ethyl 4-aminobenzoate: a dye, a hydroxamate',
        'CCOC(=O)c1ccc(N)cc1',
        'test azo-coupling; = sees precipitate formed; test hydroxamate; = sees solution crimson|red|violet; test solubility-hcl-5pc; = sees solubility soluble',
      ),
      ofCompound(
        '2-furaldehyde: hydrazone, mirror, no iodoform',
        'O=Cc1ccco1',
        'test dnp; = sees precipitate formed; test ammoniacal-silver; = sees deposit silver; test iodoform; = sees no precipitate formed',
      ),
      ofCompound(
        '3-pyridinecarboxylic acid: in acid and alkali',
        'OC(=O)c1cccnc1',
        'test solubility-naoh-5pc; = sees solubility soluble; test solubility-hcl-5pc; = sees solubility soluble',
      ),
      ofCompound(
        'phenylacetylene: white with ammoniacal silver',
        'C#Cc1ccccc1',
        'test ammoniacal-silver; = sees precipitate formed white|off-white|pale-yellow; test bromine-addition; = sees solution colourless|pale-yellow',
      ),
      ofCompound(
        'cyclohexanol: cloud slowly or none, green at once',
        'OC1CCCCC1',
        'test chromic-acid; = sees solution green; test iodoform; = sees no precipitate formed',
      ),
      ofCompound(
        'benzoin: reduces copper tartrate, hydrazone',
        'OC(C(=O)c1ccccc1)c1ccccc1',
        'test dnp; = sees precipitate formed; test copper-tartrate; = sees precipitate red|orange-red',
      ),
    ],
  ],
];
