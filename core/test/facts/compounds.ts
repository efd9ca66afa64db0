/**
 * What books of qualitative organic analysis say of compounds that are not in the library as much as of those that are: written
 * down before anything was run.
 */
import { type Facts } from './fact';

const BLUE = 'test litmus; = sees paper red-litmus changed blue';
const RED = 'test litmus; = sees paper blue-litmus changed red';
const NEUTRAL = 'test litmus; = sees no paper changed';

export const FACTS: Facts = [
  [
    'salts of organic acids and bases',
    [
      [
        'butylamine hydrochloride: soluble, not in ether, silver chloride at once',
        'smiles:CCCC[NH3+].[Cl-]',
        'test solubility-water; = sees solubility soluble; test solubility-ether; = sees solubility insoluble; test silver-nitrate-ethanol; = sees precipitate formed white',
      ],
      [
        '4-toluidine hydrochloride is acid and couples',
        'smiles:[NH3+]c1ccc(C)cc1.[Cl-]',
        `${RED}; test azo-coupling; = sees precipitate orange|red|orange-red`,
      ],
      [
        'written as amine and acid it is the same',
        'smiles:Nc1ccc(C)cc1.Cl',
        `${RED}; test silver-nitrate-ethanol; = sees precipitate formed white`,
      ],
      [
        'naphthylamine hydrochloride gives up its base to alkali',
        'smiles:[NH3+]c1cccc2ccccc12.[Cl-]',
        'test solubility-water; = sees solubility soluble|partly-soluble; test solubility-naoh-5pc; = sees solubility insoluble|partly-soluble',
      ],
      [
        'choline iodide is neutral, with yellow silver iodide',
        'smiles:C[N+](C)(C)CCO.[I-]',
        `${NEUTRAL}; test silver-nitrate-ethanol; = sees precipitate formed yellow|pale-yellow`,
      ],
      [
        'sodium acetate: alkaline, soluble, red with iron(III)',
        'smiles:CC(=O)[O-].[Na+]',
        'test solubility-water; = sees solubility soluble; test iron-iii-chloride; = sees solution red-brown|red|orange-red|brown',
      ],
      [
        'sodium acetate has no melting point at a bench and leaves ash',
        'smiles:CC(=O)[O-].[Na+]',
        'test melting-point; = sees temperature none; test ignition; = sees solid white',
      ],
      [
        'sodium salicylate gives its acid up to hydrochloric acid and is violet with iron',
        'smiles:O=C([O-])c1ccccc1O.[Na+]',
        'test solubility-water; = sees solubility soluble; test solubility-hcl-5pc; = sees solubility insoluble|partly-soluble; test iron-iii-chloride; = sees solution violet',
      ],
      ['sodium phenoxide is strongly alkaline', 'smiles:[O-]c1ccccc1.[Na+]', BLUE],
      [
        'sodium benzenesulfonate is neutral and stays in acid',
        'smiles:[O-]S(=O)(=O)c1ccccc1.[Na+]',
        `${NEUTRAL}; test solubility-hcl-5pc; = sees solubility soluble`,
      ],
      [
        'ammonium benzoate gives ammonia with alkali',
        'smiles:O=C([O-])c1ccccc1.[NH4+]',
        'test base-hydrolysis-ammonia; = sees paper changed blue; test solubility-ether; = sees solubility insoluble',
      ],
      [
        'glycine as an inner salt is glycine',
        'smiles:[NH3+]CC(=O)[O-]',
        'test solubility-water; = sees solubility soluble; test nitrous-acid; = sees gas evolved',
      ],
    ],
  ],

  [
    'solubility and acidity',
    [
      [
        'leucine: sparingly in water, not in ether, in acid and alkali',
        'smiles:CC(C)CC(N)C(=O)O',
        'test solubility-ether; = sees solubility insoluble; test solubility-hcl-5pc; = sees solubility soluble; test solubility-naoh-5pc; = sees solubility soluble',
      ],
      [
        'L-phenylalanine is found with its configuration',
        'smiles:N[C@@H](Cc1ccccc1)C(O)=O',
        'test melting-point; = sees temperature decomposes',
      ],
      ['D-camphor is a solid', 'smiles:C[C@@]12CC[C@@H](C1(C)C)CC2=O', 'test compound-look; = sees solid white|colourless'],
      ['maleic acid is not fumaric acid', 'smiles:OC(=O)/C=C\\C(O)=O', 'test solubility-water; = sees solubility soluble'],
      [
        'fumaric acid dissolves hardly',
        'smiles:OC(=O)/C=C/C(O)=O',
        'test solubility-water; = sees solubility insoluble|partly-soluble',
      ],
      [
        'hexanoic acid: not in water, in hydrogencarbonate with gas',
        'smiles:CCCCCC(O)=O',
        'test solubility-water; = sees solubility insoluble|partly-soluble; test solubility-nahco3-5pc; = sees solubility soluble; = sees gas evolved',
      ],
      [
        '2-naphthol: in hydroxide, not in hydrogencarbonate',
        'smiles:Oc1ccc2ccccc2c1',
        'test solubility-naoh-5pc; = sees solubility soluble; test solubility-nahco3-5pc; = sees solubility insoluble',
      ],
      [
        'picric acid dissolves in hydrogencarbonate',
        'smiles:Oc1c([N+](=O)[O-])cc([N+](=O)[O-])cc1[N+](=O)[O-]',
        'test solubility-nahco3-5pc; = sees solubility soluble',
      ],
      [
        'N,N-dimethylaniline: in dilute acid only',
        'smiles:CN(C)c1ccccc1',
        'test solubility-water; = sees solubility insoluble; test solubility-hcl-5pc; = sees solubility soluble; test solubility-naoh-5pc; = sees solubility insoluble',
      ],
      [
        'methyl salicylate: hardly in water',
        'smiles:COC(=O)c1ccccc1O',
        'test solubility-water; = sees solubility insoluble; test iron-iii-chloride; = sees solution violet',
      ],
      ['imidazole is a base that turns litmus blue', 'smiles:c1c[nH]cn1', BLUE],
      [
        'pyridine: soluble, faintly basic, in ether too',
        'smiles:c1ccncc1',
        'test solubility-water; = sees solubility soluble; test solubility-ether; = sees solubility soluble',
      ],
      [
        'octane floats on everything',
        'smiles:CCCCCCCC',
        'test solubility-h2so4-conc; = sees solubility insoluble; test solubility-ether; = sees solubility soluble',
      ],
      [
        'sucrose: water, not ether',
        'smiles:OC[C@H]1O[C@@](CO)(O[C@H]2O[C@H](CO)[C@@H](O)[C@H](O)[C@H]2O)[C@@H](O)[C@@H]1O',
        'test solubility-water; = sees solubility soluble; test solubility-ether; = sees solubility insoluble; test alpha-naphthol-acid; = sees ring violet',
      ],
    ],
  ],

  [
    'halogen compounds',
    [
      [
        '4-chlorobenzyl bromide gives cream silver bromide',
        'smiles:BrCc1ccc(Cl)cc1',
        'test silver-nitrate-ethanol; = sees precipitate formed cream|pale-yellow',
      ],
      [
        '1-bromo-4-chlorobutane gives bromide to silver first',
        'smiles:ClCCCCBr',
        'test silver-nitrate-ethanol; = sees precipitate formed cream|pale-yellow',
      ],
      [
        'chlorobenzene gives silver nothing',
        'smiles:Clc1ccccc1',
        'test silver-nitrate-ethanol; = sees no precipitate formed; test copper-wire-halogen; = sees flame green|blue-green',
      ],
      [
        'tert-butyl chloride: silver at once, iodide not',
        'smiles:CC(C)(C)Cl',
        'test silver-nitrate-ethanol; = sees precipitate formed white; test sodium-iodide-acetone; = sees no precipitate formed',
      ],
      [
        'cyclohexyl bromide is slow with iodide',
        'smiles:BrC1CCCCC1',
        'test sodium-iodide-acetone; = sees no precipitate formed heavy',
      ],
      [
        'allyl chloride: both',
        'smiles:C=CCCl',
        'test silver-nitrate-ethanol; = sees precipitate formed white; test sodium-iodide-acetone; = sees precipitate formed white',
      ],
      [
        'benzoyl chloride: acid, silver chloride, hydroxamate',
        'smiles:O=C(Cl)c1ccccc1',
        `${RED}; test silver-nitrate-ethanol; = sees precipitate formed white; test hydroxamate; = sees solution crimson|red|violet`,
      ],
      [
        'acetic anhydride: acid to litmus, fruity with alcohol',
        'smiles:CC(=O)OC(C)=O',
        `${RED}; test esterification-smell; = sees smell fruity`,
      ],
      [
        'tetrachloroethylene does not take bromine',
        'smiles:ClC(Cl)=C(Cl)Cl',
        'test bromine-addition; = sees solution orange; test copper-wire-halogen; = sees flame green|blue-green',
      ],
      ['methyl iodide may be fused', 'smiles:CI', 'fuse 60 20; = sees extract good'],
    ],
  ],

  [
    'groups and their impostors',
    [
      ['pyrrole bleaches bromine', 'smiles:c1cc[nH]c1', 'test bromine-addition; = sees solution colourless|pale-yellow'],
      ['pyridine does not', 'smiles:c1ccncc1', 'test bromine-addition; = sees solution orange'],
      ['thiophene takes bromine slowly', 'smiles:c1ccsc1', 'test bromine-addition; = sees solution colourless|pale-yellow'],
      [
        '2-aminopyridine gives no dye',
        'smiles:Nc1ccccn1',
        'test azo-coupling; = sees no precipitate formed; test carbylamine; = sees smell none',
      ],
      ['3-aminopyridine gives one', 'smiles:Nc1cccnc1', 'test azo-coupling; = sees precipitate formed orange|orange-red|red'],
      [
        '2,2-dimethoxypropane gives dinitrophenylhydrazine its ketone',
        'smiles:COC(C)(C)OC',
        'test dnp; = sees precipitate formed yellow|orange',
      ],
      [
        'benzylideneaniline gives a hydrazone',
        'smiles:C(=Nc1ccccc1)c1ccccc1',
        'test dnp; = sees precipitate formed orange|orange-red|yellow',
      ],
      ['chloral hydrate gives a mirror', 'smiles:OC(O)C(Cl)(Cl)Cl', 'test ammoniacal-silver; = sees deposit silver'],
      [
        'nitrosobenzene browns iron(II) hydroxide',
        'smiles:O=Nc1ccccc1',
        'test iron-ii-hydroxide-nitro; = sees precipitate red-brown|brown',
      ],
      ['pentyl nitrite browns it too', 'smiles:CCCCCON=O', 'test iron-ii-hydroxide-nitro; = sees precipitate red-brown|brown'],
      [
        'benzohydroxamic acid is violet to crimson with iron(III)',
        'smiles:O=C(NO)c1ccccc1',
        'test iron-iii-chloride; = sees solution crimson|violet|red',
      ],
      [
        'caffeine gives no nitrogen with nitrous acid',
        'smiles:Cn1cnc2c1c(=O)n(C)c(=O)n2C',
        'test nitrous-acid; = sees no gas evolved',
      ],
      ['saccharin neither', 'smiles:O=C1NS(=O)(=O)c2ccccc12', 'test nitrous-acid; = sees no gas evolved'],
      ['urea does', 'smiles:NC(N)=O', 'test nitrous-acid; = sees gas evolved'],
      ['succinimide gives no hydroxamate', 'smiles:O=C1CCC(=O)N1', 'test hydroxamate; = sees solution yellow'],
      ['methyl mesitoate gives none either', 'smiles:COC(=O)c1c(C)cc(C)cc1C', 'test hydroxamate; = sees solution yellow'],
      ['ethyl benzoate does', 'smiles:CCOC(=O)c1ccccc1', 'test hydroxamate; = sees solution crimson|red|violet'],
      [
        'glucose written open is a sugar',
        'smiles:OC[C@@H](O)[C@@H](O)[C@H](O)[C@@H](O)C=O',
        'test copper-tartrate; = sees precipitate red|orange-red; test alpha-naphthol-acid; = sees ring violet',
      ],
      [
        'cyclohexanone: hydrazone, no mirror, no iodoform',
        'smiles:O=C1CCCCC1',
        'test dnp; = sees precipitate formed yellow|orange; test ammoniacal-silver; = sees no deposit formed; test iodoform; = sees no precipitate formed',
      ],
      ['2-butanol gives iodoform, 1-butanol none', 'smiles:CCC(C)O', 'test iodoform; = sees precipitate formed yellow'],
      [
        'diphenylamine is no base for dilute acid',
        'smiles:c1ccc(cc1)Nc1ccccc1',
        'test solubility-hcl-5pc; = sees solubility insoluble',
      ],
      [
        'benzaldehyde: mirror, no copper(I) oxide',
        'smiles:O=Cc1ccccc1',
        'test ammoniacal-silver; = sees deposit silver; test copper-tartrate; = sees no precipitate formed',
      ],
      [
        'vanillin: hydrazone and a colour with iron(III)',
        'smiles:COc1cc(C=O)ccc1O',
        'test dnp; = sees precipitate formed orange|orange-red|red; test iron-iii-chloride; = sees solution violet|blue|green',
      ],
      ['thiophenol is yellow with lead acetate', 'smiles:Sc1ccccc1', 'test lead-acetate-thiol; = sees precipitate formed yellow'],
      ['phenylhydrazine reduces silver', 'smiles:NNc1ccccc1', 'test ammoniacal-silver; = sees deposit silver'],
      [
        'aspirin gives no violet until it is hydrolysed',
        'smiles:CC(=O)Oc1ccccc1C(O)=O',
        'test iron-iii-chloride; = sees no solution violet; test hydroxamate; = sees solution crimson|red|violet',
      ],
    ],
  ],

  [
    'sugars, amino acids and carbonyls, by more reagents',
    [
      [
        'glucose reduces copper citrate and copper acetate',
        'smiles:OC[C@H]1OC(O)[C@H](O)[C@@H](O)[C@@H]1O',
        'test copper-citrate; = sees precipitate red|orange-red; test copper-acetate-acid; = sees precipitate red|orange-red; test resorcinol-acid; = sees no solution red',
      ],
      [
        'fructose is a ketose',
        'smiles:OCC1(O)OCC(O)C(O)C1O',
        'test resorcinol-acid; = sees solution red; test copper-citrate; = sees precipitate red|orange-red',
      ],
      [
        'lactose reduces copper citrate, and copper acetate not in three minutes',
        'smiles:OC[C@H]1O[C@@H](O[C@H]2[C@H](O)[C@@H](O)C(O)O[C@@H]2CO)[C@H](O)[C@@H](O)[C@H]1O',
        'test copper-citrate; = sees precipitate red|orange-red; test copper-acetate-acid; = sees no precipitate heavy',
      ],
      [
        'sucrose reduces neither but is red with resorcinol',
        'smiles:OC[C@H]1O[C@@](CO)(O[C@H]2O[C@H](CO)[C@@H](O)[C@H](O)[C@H]2O)[C@@H](O)[C@@H]1O',
        'test copper-citrate; = sees no precipitate formed; test copper-acetate-acid; = sees no precipitate formed; test resorcinol-acid; = sees solution red',
      ],
      ['alanine is violet with ninhydrin', 'smiles:CC(N)C(O)=O', 'test ninhydrin; = sees solution violet'],
      ['proline is yellow', 'smiles:OC(=O)C1CCCN1', 'test ninhydrin; = sees solution yellow'],
      ['acetamide gives ninhydrin nothing', 'smiles:CC(N)=O', 'test ninhydrin; = sees no solution violet'],
      [
        'triglycine is violet with copper in alkali, glycine not',
        'smiles:NCC(=O)NCC(=O)NCC(O)=O',
        'test biuret; = sees solution violet',
      ],
      ['urea gives no violet', 'smiles:NC(N)=O', 'test biuret; = sees no solution violet'],
      [
        'acetone and cyclohexanone crystallise with hydrogensulfite',
        'smiles:CC(C)=O',
        'test hydrogensulfite; = sees precipitate formed white',
      ],
      ['3-pentanone and acetophenone do not', 'smiles:CC(=O)c1ccccc1', 'test hydrogensulfite; = sees no precipitate formed'],
    ],
  ],
];
