/** Compounds of nitrogen and sulfur, halides and hydrocarbons, by books of organic analysis. Written down before anything was run. */
import { type Facts, ofCompound as c } from './fact';

export const FACTS: Facts = [
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
        'N,N-dimethylformamide is neutral',
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
