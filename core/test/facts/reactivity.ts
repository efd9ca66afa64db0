/** What leaves and what is in its way, double bonds, phenols, carbonyls, nitro, by books of organic analysis. Written down before anything was run. */
import { type Facts, ofCompound as c } from './fact';

export const FACTS: Facts = [
  [
    'what leaves, and what is in its way',
    [
      c(
        'tert-butyl chloride is quick with silver, slow with iodide',
        'CC(C)(C)Cl',
        'test silver-nitrate-ethanol; = sees precipitate formed white; test sodium-iodide-acetone; = sees no precipitate formed',
      ),
      c(
        '1-bromobutane is quick with iodide',
        'CCCCBr',
        'test sodium-iodide-acetone; = sees precipitate formed white|off-white|cream',
      ),
      c(
        'allyl chloride is quick with both',
        'C=CCCl',
        'test silver-nitrate-ethanol; = sees precipitate formed white; test sodium-iodide-acetone; = sees precipitate formed white|off-white|cream',
      ),
      c(
        'bromobenzene gives neither',
        'Brc1ccccc1',
        'test silver-nitrate-ethanol; = sees no precipitate formed; test sodium-iodide-acetone; = sees no precipitate formed; test copper-wire-halogen; = sees flame green|blue-green',
      ),
      c(
        '1-bromopropene is inert too',
        'C/C=C/Br',
        'test silver-nitrate-ethanol; = sees no precipitate formed; test bromine-addition; = sees solution colourless|pale-yellow',
      ),
      c(
        'phenacyl bromide is quick with iodide',
        'O=C(CBr)c1ccccc1',
        'test sodium-iodide-acetone; = sees precipitate formed white|off-white|cream',
      ),
      c(
        '2,4-dinitrochlorobenzene is quick with neither cold',
        'Clc1ccc(cc1[N+]([O-])=O)[N+]([O-])=O',
        'test sodium-iodide-acetone; = sees no precipitate formed',
      ),
      c('iodoethane falls yellow', 'CCI', 'test silver-nitrate-ethanol; = sees precipitate formed yellow|pale-yellow|cream'),
      c(
        'benzoyl chloride: hydrochloric acid with water, silver chloride at once, an ester with alcohol',
        'O=C(Cl)c1ccccc1',
        'test silver-nitrate-ethanol; = sees precipitate formed white; test litmus; = sees paper changed red|pink|orange-red',
      ),
      c(
        'propionic anhydride reacts acid and gives a hydroxamate',
        'CCC(=O)OC(=O)CC',
        'test litmus; = sees paper changed red|pink|orange-red; test hydroxamate; = sees solution violet|red-violet|crimson|purple|red',
      ),
      c(
        'phenyl benzoate gives a hydroxamate',
        'O=C(Oc1ccccc1)c1ccccc1',
        'test hydroxamate; = sees solution violet|red-violet|crimson|purple|red; test iron-iii-chloride; = sees no solution violet',
      ),
      c(
        'gamma-butyrolactone gives a hydroxamate',
        'O=C1CCCO1',
        'test hydroxamate; = sees solution violet|red-violet|crimson|purple|red; test solubility-water; = sees solubility soluble',
      ),
      c(
        'ethyl carbamate gives none',
        'CCOC(N)=O',
        'test hydroxamate; = sees no solution violet; = sees no solution red-violet; test base-hydrolysis-ammonia; = sees paper changed blue',
      ),
    ],
  ],
  [
    'double bonds, phenols, carbonyls, nitro',
    [
      c(
        'stilbene takes bromine',
        'C(=C/c1ccccc1)\\c1ccccc1',
        'test bromine-addition; = sees solution colourless|pale-yellow; test permanganate; = sees precipitate formed brown|dark-brown',
      ),
      c(
        'phenylacetylene too',
        'C#Cc1ccccc1',
        'test bromine-addition; = sees solution colourless|pale-yellow; test permanganate; = sees precipitate formed brown|dark-brown',
      ),
      c('tetrachloroethylene does not', 'ClC(Cl)=C(Cl)Cl', 'test bromine-addition; = sees no solution colourless'),
      c(
        'naphthalene does not add bromine at once',
        'c1ccc2ccccc2c1',
        'test permanganate; = sees no precipitate formed; test solubility-h2so4-conc; = sees solubility insoluble|partly-soluble',
      ),
      c(
        'anethole is an alkene and an ether',
        'C/C=C/c1ccc(OC)cc1',
        'test bromine-addition; = sees solution colourless|pale-yellow; test solubility-h2so4-conc; = sees solubility soluble',
      ),
      c(
        'diisopropyl ether goes into strong acid only',
        'CC(C)OC(C)C',
        'test solubility-h2so4-conc; = sees solubility soluble; test solubility-water; = sees solubility insoluble|partly-soluble; test dnp; = sees no precipitate formed',
      ),
      c(
        'decane goes into nothing',
        'CCCCCCCCCC',
        'test solubility-h2so4-conc; = sees solubility insoluble; test permanganate; = sees no precipitate formed; test bromine-addition; = sees no solution colourless',
      ),
      c(
        'pyrogallol reduces silver',
        'Oc1cccc(O)c1O',
        'test ammoniacal-silver; = sees deposit silver|black|dark-grey; test iron-iii-chloride; = sees solution violet|blue|red|brown|red-brown|dark-brown|black|blue-violet|green',
      ),
      c(
        '4-nitrophenol goes into hydrogencarbonate or nearly, yellow',
        'Oc1ccc(cc1)[N+]([O-])=O',
        'test solubility-naoh-5pc; = sees solubility soluble; test iron-ii-hydroxide-nitro; = sees precipitate changed|formed red-brown|brown',
      ),
      c(
        'picric acid is a strong acid',
        'Oc1c(cc(cc1[N+]([O-])=O)[N+]([O-])=O)[N+]([O-])=O',
        'test solubility-nahco3-5pc; = sees solubility soluble; test litmus; = sees paper changed red|pink|orange-red',
      ),
      c(
        '2,6-di-tert-butylphenol hides from alkali',
        'CC(C)(C)c1cccc(c1O)C(C)(C)C',
        'test solubility-naoh-5pc; = sees solubility insoluble|partly-soluble; test iron-iii-chloride; = sees no solution violet',
      ),
      c(
        'benzil is a ketone without iodoform',
        'O=C(C(=O)c1ccccc1)c1ccccc1',
        'test iodoform; = sees no precipitate formed; test ammoniacal-silver; = sees no deposit formed',
      ),
      c(
        'pinacolone gives iodoform',
        'CC(=O)C(C)(C)C',
        'test iodoform; = sees precipitate formed yellow|pale-yellow; test dnp; = sees precipitate formed orange|orange-red|yellow',
      ),
      c(
        'benzophenone with dinitrophenylhydrazine, not with silver',
        'O=C(c1ccccc1)c1ccccc1',
        'test dnp; = sees precipitate formed orange|orange-red|red|yellow; test ammoniacal-silver; = sees no deposit formed; test hydrogensulfite; = sees no precipitate formed',
      ),
      c(
        '1-nitropropane dissolves in alkali',
        'CCC[N+]([O-])=O',
        'test solubility-naoh-5pc; = sees solubility soluble; test iron-ii-hydroxide-nitro; = sees precipitate changed|formed red-brown|brown',
      ),
      c(
        '4-aminophenol goes into acid and alkali',
        'Nc1ccc(O)cc1',
        'test solubility-hcl-5pc; = sees solubility soluble; test solubility-naoh-5pc; = sees solubility soluble; test ammoniacal-silver; = sees deposit silver|black|dark-grey',
      ),
      c(
        'phenylhydrazine reduces silver, is a base',
        'NNc1ccccc1',
        'test ammoniacal-silver; = sees deposit silver|black|dark-grey; test solubility-hcl-5pc; = sees solubility soluble',
      ),
      c(
        'butanethiol: lead yellow',
        'CCCCS',
        'test lead-acetate-thiol; = sees precipitate formed yellow|orange-yellow|pale-yellow; test solubility-naoh-5pc; = sees solubility soluble|partly-soluble',
      ),
      c(
        'diphenyl sulfone does nothing',
        'O=S(=O)(c1ccccc1)c1ccccc1',
        'test solubility-naoh-5pc; = sees solubility insoluble; test lead-acetate-thiol; = sees no precipitate formed; test dnp; = sees no precipitate formed',
      ),
      c(
        'saccharin is an acid',
        'O=C1NS(=O)(=O)c2ccccc12',
        'test solubility-nahco3-5pc; = sees solubility soluble; test litmus; = sees paper changed red|pink|orange-red',
      ),
      c(
        'barbital is a weak acid',
        'CCC1(CC)C(=O)NC(=O)NC1=O',
        'test solubility-naoh-5pc; = sees solubility soluble; test base-hydrolysis-ammonia; = sees paper changed blue',
      ),
      c(
        'tert-butanol: at once with zinc chloride, not with chromic acid',
        'CC(C)(C)O',
        'test zinc-chloride-hcl; = sees solution cloudy; test chromic-acid; = sees solution orange|orange-yellow; test cerium-nitrate; = sees solution red|orange-red',
      ),
      c(
        'cyclohexanol: in minutes with zinc chloride, green with chromic acid',
        'OC1CCCCC1',
        'test chromic-acid; = sees solution green|blue-green; test iodoform; = sees no precipitate formed',
      ),
      c(
        'citric acid is soluble, acid, no phenol',
        'OC(=O)CC(O)(CC(O)=O)C(O)=O',
        'test solubility-water; = sees solubility soluble; test solubility-nahco3-5pc; = sees gas evolved; test dnp; = sees no precipitate formed',
      ),
    ],
  ],
];
