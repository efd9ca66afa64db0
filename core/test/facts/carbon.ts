/** Compounds of every class of the books, most in no list of ours: written down before anything was run. */
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
  [
    'nitrogen and sulfur',
    [
      c(
        'butylamine: base, nitrogen with nitrous acid, carbylamine',
        'CCCCN',
        'test litmus; = sees paper changed blue; test nitrous-acid; = sees gas evolved; test carbylamine; = sees smell foul|pungent',
      ),
      c(
        'triethylamine: no gas, base',
        'CCN(CC)CC',
        'test litmus; = sees paper changed blue; test nitrous-acid; = sees no gas evolved; test carbylamine; = sees no smell foul',
      ),
      c(
        'diphenylamine is hardly a base',
        'c1ccc(cc1)Nc1ccccc1',
        'test solubility-hcl-5pc; = sees solubility insoluble; test solubility-water; = sees solubility insoluble',
      ),
      c(
        '4-nitroaniline: dye, nitro',
        'Nc1ccc(cc1)[N+]([O-])=O',
        'test azo-coupling; = sees precipitate formed red|orange-red|orange; test iron-ii-hydroxide-nitro; = sees precipitate formed|changed red-brown|brown',
      ),
      c(
        'p-toluidine: dye, base',
        'Cc1ccc(N)cc1',
        'test solubility-hcl-5pc; = sees solubility soluble; test azo-coupling; = sees precipitate formed red|orange-red|orange; test solubility-water; = sees solubility insoluble',
      ),
      c(
        'piperidine: base, no gas',
        'C1CCNCC1',
        'test solubility-water; = sees solubility soluble; test litmus; = sees paper changed blue; test nitrous-acid; = sees no gas evolved',
      ),
      c(
        'pyridine mixes with water',
        'c1ccncc1',
        'test solubility-water; = sees solubility soluble; test litmus; = sees paper changed blue; test nitrous-acid; = sees no gas evolved',
      ),
      c(
        'acetamide: ammonia with alkali',
        'CC(N)=O',
        'test solubility-water; = sees solubility soluble; test base-hydrolysis-ammonia; = sees paper changed blue; test litmus; = sees no paper changed blue',
      ),
      c(
        'N,N-dimethylformamide: an alkaline smell, not ammonia’s nitrogen',
        'CN(C)C=O',
        'test solubility-water; = sees solubility soluble; test litmus; = sees no paper changed blue',
      ),
      c(
        'benzonitrile: ammonia with alkali',
        'N#Cc1ccccc1',
        'test base-hydrolysis-ammonia; = sees paper changed blue; test solubility-water; = sees solubility insoluble',
      ),
      c(
        'succinimide: ammonia with alkali, weak acid',
        'O=C1CCC(=O)N1',
        'test solubility-water; = sees solubility soluble; test base-hydrolysis-ammonia; = sees paper changed blue',
      ),
      c(
        'phenylurea',
        'NC(=O)Nc1ccccc1',
        'test base-hydrolysis-ammonia; = sees paper changed blue; test solubility-hcl-5pc; = sees solubility insoluble|partly-soluble',
      ),
      c(
        'benzenesulfonamide goes into alkali',
        'NS(=O)(=O)c1ccccc1',
        'test solubility-naoh-5pc; = sees solubility soluble; test solubility-nahco3-5pc; = sees solubility insoluble|partly-soluble',
      ),
      c(
        'thiophenol: alkali, lead yellow',
        'Sc1ccccc1',
        'test solubility-naoh-5pc; = sees solubility soluble; test lead-acetate-thiol; = sees precipitate formed yellow|orange-yellow|pale-yellow',
      ),
      c(
        'dimethyl sulfoxide mixes with water',
        'CS(C)=O',
        'test solubility-water; = sees solubility soluble; test lead-acetate-thiol; = sees no precipitate formed',
      ),
      c(
        'diphenyl disulfide: no lead',
        'S(Sc1ccccc1)c1ccccc1',
        'test lead-acetate-thiol; = sees no precipitate formed; test solubility-water; = sees solubility insoluble',
      ),
      c(
        'azobenzene is orange and inert',
        'N(=Nc1ccccc1)c1ccccc1',
        'test compound-look; = sees solid orange|orange-red|red; test solubility-hcl-5pc; = sees solubility insoluble',
      ),
      c(
        'nitromethane: nitro, in alkali',
        'C[N+]([O-])=O',
        'test iron-ii-hydroxide-nitro; = sees precipitate formed|changed red-brown|brown; test solubility-naoh-5pc; = sees solubility soluble',
      ),
      c(
        'benzaldoxime goes into alkali',
        'O/N=C/c1ccccc1',
        'test solubility-naoh-5pc; = sees solubility soluble; test solubility-nahco3-5pc; = sees solubility insoluble|partly-soluble',
      ),
      c(
        'semicarbazide hydrochloride is acid',
        '[Cl-].NC(=O)N[NH3+]',
        'test solubility-water; = sees solubility soluble; test litmus; = sees paper changed red|pink|orange-red',
      ),
    ],
  ],
  [
    'halides and hydrocarbons',
    [
      c(
        '1-chlorobutane: slow with silver, iodide warm',
        'CCCCCl',
        'test copper-wire-halogen; = sees flame green|blue-green; test solubility-water; = sees solubility insoluble',
      ),
      c(
        '2-bromobutane: cream on warming',
        'CCC(C)Br',
        'test silver-nitrate-ethanol; = sees precipitate formed cream|pale-yellow|white',
      ),
      c(
        'benzyl chloride: white at once',
        'ClCc1ccccc1',
        'test silver-nitrate-ethanol; = sees precipitate formed white; test sodium-iodide-acetone; = sees precipitate formed white|off-white|cream',
      ),
      c(
        '1,2-dibromoethane',
        'BrCCBr',
        'test copper-wire-halogen; = sees flame green|blue-green; test solubility-water; = sees solubility insoluble',
      ),
      c(
        'iodobenzene: nothing with silver',
        'Ic1ccccc1',
        'test silver-nitrate-ethanol; = sees no precipitate formed; test copper-wire-halogen; = sees flame green|blue-green',
      ),
      c(
        'carbon tetrachloride: nothing',
        'ClC(Cl)(Cl)Cl',
        'test silver-nitrate-ethanol; = sees no precipitate formed; test solubility-h2so4-conc; = sees solubility insoluble',
      ),
      c(
        'fluorobenzene: no green flame',
        'Fc1ccccc1',
        'test copper-wire-halogen; = sees no flame green; test silver-nitrate-ethanol; = sees no precipitate formed',
      ),
      c(
        '1-octene: bromine, permanganate, sulfuric acid',
        'CCCCCCC=C',
        'test bromine-addition; = sees solution colourless|pale-yellow; test permanganate; = sees precipitate formed brown|dark-brown; test solubility-h2so4-conc; = sees solubility soluble',
      ),
      c(
        'limonene',
        'CC1=CCC(CC1)C(C)=C',
        'test bromine-addition; = sees solution colourless|pale-yellow; test permanganate; = sees precipitate formed brown|dark-brown',
      ),
      c(
        'toluene: nothing',
        'Cc1ccccc1',
        'test permanganate; = sees no precipitate formed; test bromine-addition; = sees no solution colourless; test ignition; = sees soot sooty',
      ),
      c(
        'mesitylene goes into sulfuric acid',
        'Cc1cc(C)cc(C)c1',
        'test solubility-h2so4-conc; = sees solubility soluble|partly-soluble; test permanganate; = sees no precipitate formed',
      ),
      c(
        'cyclohexane: nothing, clean flame',
        'C1CCCCC1',
        'test ignition; = sees soot clean|slightly-sooty|little; test solubility-h2so4-conc; = sees solubility insoluble',
      ),
      c(
        'anthracene melts high',
        'c1ccc2cc3ccccc3cc2c1',
        'test melting-point; = sees temperature melts 212..220; test solubility-water; = sees solubility insoluble',
      ),
    ],
  ],
];
