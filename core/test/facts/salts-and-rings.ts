/** Salts of organic bases and acids, amino acids, sugars, rings with a hetero-atom, by books of organic analysis. Written down before anything was run. */
import { type Facts, ofCompound as c } from './fact';

export const FACTS: Facts = [
  [
    'salts of organic bases and acids',
    [
      c(
        'aniline hydrochloride is acid, shows its chloride at once and gives a dye',
        '[Cl-].[NH3+]c1ccccc1',
        'test litmus; = sees paper changed red|pink; test solubility-ether; = sees solubility insoluble; test silver-nitrate-ethanol; = sees precipitate formed white; test azo-coupling; = sees precipitate formed orange|orange-red|red',
      ),
      c(
        'diethylamine hydrochloride gives its base with alkali, no nitrogen with nitrous acid',
        '[Cl-].CC[NH2+]CC',
        'test solubility-water; = sees solubility soluble; test base-hydrolysis-ammonia; = sees paper changed blue; test azo-coupling; = sees no precipitate formed red',
      ),
      c(
        'tetraethylammonium bromide is neutral',
        '[Br-].CC[N+](CC)(CC)CC',
        'test litmus; = sees no paper changed red; = sees no paper changed blue; test silver-nitrate-ethanol; = sees precipitate formed cream|pale-yellow|white',
      ),
      c(
        'ammonium acetate smells of ammonia with warm alkali',
        '[NH4+].CC([O-])=O',
        'test base-hydrolysis-ammonia; = sees paper changed blue',
      ),
      c(
        'sodium salicylate: violet with iron(III), ash that colours',
        '[Na+].OC1=CC=CC=C1C([O-])=O',
        'test solubility-water; = sees solubility soluble; test iron-iii-chloride; = sees solution violet|red-violet|blue-violet|purple; test solubility-ether; = sees solubility insoluble',
      ),
      c(
        'potassium phenoxide solution is alkaline',
        '[K+].[O-]c1ccccc1',
        'test litmus; = sees paper changed blue; test solubility-water; = sees solubility soluble',
      ),
      c(
        'sodium 4-toluenesulfonate is soluble and neutral',
        '[Na+].Cc1ccc(cc1)S([O-])(=O)=O',
        'test solubility-water; = sees solubility soluble; test litmus; = sees no paper changed blue; = sees no paper changed red',
      ),
      c(
        'benzylamine hydrochloride does not melt as the amine and gives nitrogen with nitrous acid',
        '[Cl-].[NH3+]Cc1ccccc1',
        'test solubility-water; = sees solubility soluble; test nitrous-acid; = sees gas evolved; test ninhydrin; = sees no solution blue-violet',
      ),
    ],
  ],
  [
    'amino acids and sugars',
    [
      c(
        'leucine: ninhydrin, not in ether, in acid and base',
        'CC(C)CC(N)C(O)=O',
        'test ninhydrin; = sees solution violet|blue-violet|purple|red-violet; test solubility-ether; = sees solubility insoluble; test solubility-hcl-5pc; = sees solubility soluble; test solubility-naoh-5pc; = sees solubility soluble',
      ),
      c('proline is yellow', 'OC(=O)C1CCCN1', 'test ninhydrin; = sees solution yellow|pale-yellow|orange'),
      c(
        'aspartic acid is acid',
        'NC(CC(O)=O)C(O)=O',
        'test ninhydrin; = sees solution violet|blue-violet|purple|red-violet; test litmus; = sees paper changed red|pink|orange-red',
      ),
      c(
        'lysine is basic',
        'NCCCCC(N)C(O)=O',
        'test litmus; = sees paper changed blue; test solubility-water; = sees solubility soluble',
      ),
      c('glycine has copper in blue water and no biuret violet', 'NCC(O)=O', 'test biuret; = sees no solution violet'),
      c(
        'urea gives ammonia with alkali, no ninhydrin',
        'NC(N)=O',
        'test ninhydrin; = sees no solution violet; test base-hydrolysis-ammonia; = sees paper changed blue',
      ),
      c(
        'lactose reduces alkaline copper, slowly or not the acid one',
        'OCC1OC(OC2C(CO)OC(O)C(O)C2O)C(O)C(O)C1O',
        'test copper-citrate; = sees precipitate formed red|orange-red|orange|red-brown; test copper-acetate-acid; = sees no precipitate formed',
      ),
      c(
        'sucrose does not reduce',
        'OCC1OC(OC2(CO)OC(CO)C(O)C2O)C(O)C(O)C1O',
        'test copper-citrate; = sees no precipitate formed; test resorcinol-acid; = sees solution red|crimson|orange-red',
      ),
      c(
        'fructose reddens resorcinol',
        'OCC1(O)OCC(O)C(O)C1O',
        'test resorcinol-acid; = sees solution red|crimson|orange-red; test copper-citrate; = sees precipitate formed red|orange-red|orange|red-brown',
      ),
      c(
        'glucose: the purple ring, the osazone',
        'OCC1OC(O)C(O)C(O)C1O',
        'test alpha-naphthol-acid; = sees ring violet|red-violet|purple|blue-violet; test osazone; = sees precipitate formed yellow',
      ),
      c(
        'xylose reduces both',
        'OC1COC(O)C(O)C1O',
        'test copper-citrate; = sees precipitate formed red|orange-red|orange|red-brown; test copper-acetate-acid; = sees precipitate formed red|orange-red|red-brown|orange',
      ),
      c(
        'mannitol is split by periodate and does not reduce',
        'OCC(O)C(O)C(O)C(O)CO',
        'test periodate; = sees precipitate formed white; test copper-citrate; = sees no precipitate formed',
      ),
    ],
  ],
  [
    'rings with a hetero-atom',
    [
      c(
        'quinoline is a base of its own, without a dye',
        'c1ccc2ncccc2c1',
        'test solubility-hcl-5pc; = sees solubility soluble; test solubility-water; = sees solubility insoluble|partly-soluble; test azo-coupling; = sees no precipitate formed red',
      ),
      c(
        'imidazole is basic',
        'c1c[nH]cn1',
        'test litmus; = sees paper changed blue; test solubility-water; = sees solubility soluble',
      ),
      c(
        'nicotinic acid goes into both',
        'OC(=O)c1cccnc1',
        'test solubility-nahco3-5pc; = sees solubility soluble; test solubility-hcl-5pc; = sees solubility soluble; test solubility-ether; = sees solubility insoluble|partly-soluble',
      ),
      c(
        'pyrrole takes bromine',
        'c1cc[nH]c1',
        'test bromine-addition; = sees solution colourless|pale-yellow|brown|dark-brown|black; test solubility-water; = sees solubility partly-soluble|insoluble',
      ),
      c(
        'thiophene holds its sulfur',
        'c1ccsc1',
        'test lead-acetate-thiol; = sees no precipitate formed; test solubility-water; = sees solubility insoluble',
      ),
      c(
        'carbazole is no base',
        'c1ccc2c(c1)[nH]c1ccccc12',
        'test solubility-hcl-5pc; = sees solubility insoluble; test solubility-water; = sees solubility insoluble',
      ),
      c(
        'furfural is an aldehyde',
        'O=Cc1ccco1',
        'test dnp; = sees precipitate formed orange|orange-red|red; test ammoniacal-silver; = sees deposit silver|black|dark-grey',
      ),
      c(
        '8-hydroxyquinoline is green with iron(III), in acid and alkali',
        'Oc1cccc2cccnc12',
        'test solubility-hcl-5pc; = sees solubility soluble; test solubility-naoh-5pc; = sees solubility soluble; test iron-iii-chloride; = sees solution green|dark-green|blue-green|black',
      ),
      c(
        'caffeine is too weak a base for litmus',
        'Cn1cnc2c1c(=O)n(C)c(=O)n2C',
        'test litmus; = sees no paper changed blue; test dnp; = sees no precipitate formed',
      ),
      c(
        'morpholine is a base that mixes with water',
        'C1COCCN1',
        'test litmus; = sees paper changed blue; test solubility-water; = sees solubility soluble; test nitrous-acid; = sees no gas evolved',
      ),
    ],
  ],
];
