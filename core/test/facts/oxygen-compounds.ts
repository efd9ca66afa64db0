/** Neutral compounds of oxygen, acids and phenols, by books of organic analysis. Written down before anything was run. */
import { type Facts, ofCompound as c } from './fact';

const VIOLET = 'violet|red-violet|crimson|purple|red';
const DNP = 'orange|orange-red|red|yellow|orange-yellow';

export const FACTS: Facts = [
  [
    'neutral and oxygenated',
    [
      c(
        '1-heptanol: little in water, chromic acid green',
        'CCCCCCCO',
        'test solubility-water; = sees solubility insoluble; test chromic-acid; = sees solution green|blue-green; test zinc-chloride-hcl; = sees no solution cloudy',
      ),
      c(
        '2-pentanol: iodoform',
        'CCCC(C)O',
        'test iodoform; = sees precipitate formed yellow; test dnp; = sees no precipitate formed',
      ),
      c(
        'benzyl alcohol: cloudy at once with zinc chloride',
        'OCc1ccccc1',
        'test zinc-chloride-hcl; = sees solution cloudy; test chromic-acid; = sees solution green|blue-green',
      ),
      c(
        'propylene glycol: periodate, iodoform',
        'CC(O)CO',
        'test solubility-water; = sees solubility soluble; test periodate; = sees precipitate formed white; test iodoform; = sees precipitate formed yellow',
      ),
      c(
        '1,3-propanediol: no periodate',
        'OCCCO',
        'test periodate; = sees no precipitate formed; test solubility-water; = sees solubility soluble',
      ),
      c(
        'triphenylmethanol goes yellow into strong acid',
        'OC(c1ccccc1)(c1ccccc1)c1ccccc1',
        'test solubility-water; = sees solubility insoluble; test chromic-acid; = sees solution orange|orange-yellow',
      ),
      c(
        'hexanal: silver, fuchsin, dnp',
        'CCCCCC=O',
        `test dnp; = sees precipitate formed ${DNP}; test ammoniacal-silver; = sees deposit silver; test fuchsin-aldehyde; = sees solution violet|red-violet|pink|purple`,
      ),
      c(
        '4-methoxybenzaldehyde: silver, no alkaline copper',
        'COc1ccc(C=O)cc1',
        `test ammoniacal-silver; = sees deposit silver; test copper-tartrate; = sees no precipitate formed red; test dnp; = sees precipitate formed ${DNP}`,
      ),
      c(
        'vanillin: phenol and aldehyde',
        'COc1cc(C=O)ccc1O',
        `test dnp; = sees precipitate formed ${DNP}; test solubility-naoh-5pc; = sees solubility soluble; test iron-iii-chloride; = sees solution violet|blue|green|blue-violet|blue-green|red-violet`,
      ),
      c(
        'acetophenone: iodoform, not hydrogensulfite',
        'CC(=O)c1ccccc1',
        `test iodoform; = sees precipitate formed yellow; test hydrogensulfite; = sees no precipitate formed; test dnp; = sees precipitate formed ${DNP}`,
      ),
      c(
        'cyclohexanone: hydrogensulfite, no iodoform',
        'O=C1CCCCC1',
        'test hydrogensulfite; = sees precipitate formed white; test iodoform; = sees no precipitate formed',
      ),
      c(
        '2,4-pentanedione: red with iron(III)',
        'CC(=O)CC(C)=O',
        `test iron-iii-chloride; = sees solution red|crimson|orange-red|red-brown|red-violet; test dnp; = sees precipitate formed ${DNP}`,
      ),
      c(
        'ethyl acetoacetate: violet-red with iron(III)',
        'CCOC(=O)CC(C)=O',
        'test iron-iii-chloride; = sees solution red|crimson|violet|red-violet|orange-red|red-brown',
      ),
      c(
        'methyl salicylate: violet, hydroxamate, slow in alkali',
        'COC(=O)c1ccccc1O',
        'test iron-iii-chloride; = sees solution violet|red-violet|blue-violet|crimson; test solubility-water; = sees solubility insoluble',
      ),
      c(
        'propyl acetate: hydroxamate',
        'CCCOC(C)=O',
        `test hydroxamate; = sees solution ${VIOLET}; test compound-look; = sees smell fruity`,
      ),
      c(
        'dibutyl phthalate: hydroxamate, not soluble',
        'CCCCOC(=O)c1ccccc1C(=O)OCCCC',
        `test hydroxamate; = sees solution ${VIOLET}; test solubility-water; = sees solubility insoluble`,
      ),
      c(
        'anisole takes up bromine slowly, goes into sulfuric acid',
        'COc1ccccc1',
        'test solubility-h2so4-conc; = sees solubility soluble; test permanganate; = sees no precipitate formed',
      ),
      c(
        'tetrahydrofuran mixes with water',
        'C1CCOC1',
        'test solubility-water; = sees solubility soluble; test dnp; = sees no precipitate formed',
      ),
      c(
        'dioxane too',
        'C1COCCO1',
        'test solubility-water; = sees solubility soluble; test hydroxamate; = sees no solution violet',
      ),
      c('paraldehyde is no aldehyde until split', 'CC1OC(C)OC(C)O1', 'test ammoniacal-silver; = sees no deposit formed'),
      c('butyraldehyde diethyl acetal gives dnp in acid', 'CCCC(OCC)OCC', `test dnp; = sees precipitate formed ${DNP}`),
    ],
  ],
  [
    'acids and phenols',
    [
      c(
        'hexanoic acid: hydrogencarbonate, smell',
        'CCCCCC(O)=O',
        'test solubility-water; = sees solubility insoluble|partly-soluble; test solubility-nahco3-5pc; = sees gas evolved; = sees solubility soluble',
      ),
      c(
        'stearic acid: soap',
        'CCCCCCCCCCCCCCCCCC(O)=O',
        'test solubility-water; = sees solubility insoluble; test solubility-ether; = sees solubility soluble',
      ),
      c(
        'oxalic acid: permanganate goes, soluble',
        'OC(=O)C(O)=O',
        'test solubility-water; = sees solubility soluble; test litmus; = sees paper changed red|pink|orange-red',
      ),
      c(
        'malonic acid',
        'OC(=O)CC(O)=O',
        'test solubility-water; = sees solubility soluble; test solubility-nahco3-5pc; = sees gas evolved',
      ),
      c(
        'tartaric acid: not in ether',
        'OC(C(O)C(O)=O)C(O)=O',
        'test solubility-water; = sees solubility soluble; test solubility-ether; = sees solubility insoluble|partly-soluble',
      ),
      c(
        'mandelic acid',
        'OC(C(O)=O)c1ccccc1',
        'test solubility-nahco3-5pc; = sees solubility soluble; test solubility-water; = sees solubility soluble',
      ),
      c(
        'cinnamic acid: bromine and permanganate',
        'OC(=O)/C=C/c1ccccc1',
        'test permanganate; = sees precipitate formed brown|dark-brown; test solubility-nahco3-5pc; = sees solubility soluble; test solubility-water; = sees solubility insoluble',
      ),
      c(
        'phthalic acid',
        'OC(=O)c1ccccc1C(O)=O',
        'test solubility-nahco3-5pc; = sees solubility soluble; test solubility-water; = sees solubility insoluble|partly-soluble',
      ),
      c(
        '4-chlorobenzoic acid: no halide with silver',
        'OC(=O)c1ccc(Cl)cc1',
        'test silver-nitrate-ethanol; = sees no precipitate formed; test copper-wire-halogen; = sees flame green|blue-green; test solubility-nahco3-5pc; = sees solubility soluble',
      ),
      c(
        '4-nitrobenzoic acid',
        'OC(=O)c1ccc(cc1)[N+]([O-])=O',
        'test iron-ii-hydroxide-nitro; = sees precipitate formed|changed red-brown|brown; test solubility-nahco3-5pc; = sees solubility soluble',
      ),
      c(
        '4-aminobenzoic acid: acid, base, dye',
        'Nc1ccc(cc1)C(O)=O',
        'test solubility-nahco3-5pc; = sees solubility soluble; test solubility-hcl-5pc; = sees solubility soluble; test azo-coupling; = sees precipitate formed orange|orange-red|red',
      ),
      c(
        'o-cresol: phenol',
        'Cc1ccccc1O',
        'test solubility-naoh-5pc; = sees solubility soluble; test solubility-nahco3-5pc; = sees solubility insoluble|partly-soluble; test iron-iii-chloride; = sees solution violet|blue|green|blue-violet|blue-green',
      ),
      c(
        'thymol: phenol with little iron colour',
        'CC(C)c1ccc(C)cc1O',
        'test solubility-naoh-5pc; = sees solubility soluble; test solubility-water; = sees solubility insoluble',
      ),
      c(
        '2,4,6-tribromophenol',
        'Oc1c(Br)cc(Br)cc1Br',
        'test solubility-naoh-5pc; = sees solubility soluble; test silver-nitrate-ethanol; = sees no precipitate formed',
      ),
      c(
        'hydroquinone: silver, iron',
        'Oc1ccc(O)cc1',
        'test ammoniacal-silver; = sees deposit silver|black|dark-grey; test solubility-water; = sees solubility soluble',
      ),
      c(
        '4-hydroxybenzoic acid',
        'OC(=O)c1ccc(O)cc1',
        'test solubility-nahco3-5pc; = sees solubility soluble; test solubility-water; = sees solubility insoluble',
      ),
      c(
        'benzenesulfonic acid is strong and soluble',
        'OS(=O)(=O)c1ccccc1',
        'test litmus; = sees paper changed red|pink|orange-red; test solubility-water; = sees solubility soluble; test solubility-ether; = sees solubility insoluble',
      ),
    ],
  ],
];
