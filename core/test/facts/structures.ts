/** Compounds, most of them in no list of ours, and what books of organic analysis say of them: written down before anything was run. */
import { type Facts, ofCompound } from './fact';

export const FACTS: Facts = [
  [
    'a structure and a test',
    [
      ofCompound(
        '4-methoxyacetophenone is a methyl ketone',
        'CC(=O)c1ccc(OC)cc1',
        'test dnp; = sees precipitate formed orange|orange-red|red; test iodoform; = sees precipitate formed yellow; test ammoniacal-silver; = sees no deposit formed',
      ),
      ofCompound(
        'cinnamaldehyde is an aldehyde with a double bond',
        'O=C/C=C/c1ccccc1',
        'test dnp; = sees precipitate formed orange|orange-red|red; test ammoniacal-silver; = sees deposit silver; test bromine-addition; = sees solution colourless|pale-yellow',
      ),
      ofCompound(
        '3-hexanone gives no iodoform',
        'CCCC(=O)CC',
        'test dnp; = sees precipitate formed orange|orange-red|yellow; test iodoform; = sees no precipitate formed',
      ),
      ofCompound(
        'cyclopentanone takes up hydrogensulfite',
        'O=C1CCCC1',
        'test hydrogensulfite; = sees precipitate formed white; test iodoform; = sees no precipitate formed',
      ),
      ofCompound(
        'propiophenone does not',
        'CCC(=O)c1ccccc1',
        'test hydrogensulfite; = sees no precipitate formed; test iodoform; = sees no precipitate formed',
      ),
      ofCompound(
        '2-octanol gives iodoform and green chromic acid',
        'CCCCCCC(C)O',
        'test iodoform; = sees precipitate formed yellow; test chromic-acid; = sees solution green',
      ),
      ofCompound(
        '3-methyl-3-pentanol is tertiary',
        'CCC(C)(O)CC',
        'test chromic-acid; = sees solution orange; test iodoform; = sees no precipitate formed',
      ),
      ofCompound(
        '1,3-butanediol is not split by periodate and reddens cerium',
        'CC(O)CCO',
        'test cerium-nitrate; = sees solution red',
      ),
      ofCompound(
        '4-ethylphenol is a phenol',
        'CCc1ccc(O)cc1',
        'test solubility-naoh-5pc; = sees solubility soluble; test solubility-nahco3-5pc; = sees solubility insoluble; test iron-iii-chloride; = sees solution violet|blue|green',
      ),
      ofCompound(
        '2-hydroxyacetophenone is a phenol and a ketone',
        'CC(=O)c1ccccc1O',
        'test iron-iii-chloride; = sees solution violet|crimson|red; test dnp; = sees precipitate formed orange|orange-red|red',
      ),
      ofCompound(
        'dimedone is an acid that reddens iron(III)',
        'CC1(C)CC(=O)CC(=O)C1',
        'test solubility-nahco3-5pc; = sees solubility soluble; test iron-iii-chloride; = sees solution violet|crimson|red|red-brown',
      ),
      ofCompound(
        'vanillic acid goes into hydrogencarbonate',
        'COc1cc(C(=O)O)ccc1O',
        'test solubility-nahco3-5pc; = sees solubility soluble',
      ),
      ofCompound(
        '3,5-dimethylaniline gives a dye',
        'Cc1cc(C)cc(N)c1',
        'test solubility-hcl-5pc; = sees solubility soluble; test azo-coupling; = sees precipitate formed orange|orange-red|red',
      ),
      ofCompound(
        'hexylamine gives nitrogen and no dye',
        'CCCCCCN',
        'test nitrous-acid; = sees gas evolved; test azo-coupling; = sees no precipitate formed',
      ),
      ofCompound(
        'dibutylamine gives a yellow oil',
        'CCCCNCCCC',
        'test nitrous-acid; = sees layer yellow; test carbylamine; = sees smell none',
      ),
      ofCompound(
        '4-isopropylaniline stinks with chloroform and alkali',
        'CC(C)c1ccc(N)cc1',
        'test carbylamine; = sees smell pungent',
      ),
      ofCompound(
        'ethyl phenylacetate is an ester',
        'CCOC(=O)Cc1ccccc1',
        'test hydroxamate; = sees solution crimson|red|violet; test dnp; = sees no precipitate formed; test saponification-equivalent; = sees measurement 160..168',
      ),
      ofCompound(
        'phenylacetamide gives ammonia with hot alkali',
        'NC(=O)Cc1ccccc1',
        'test base-hydrolysis-ammonia; = sees paper changed blue',
      ),
      ofCompound(
        'N-methylbenzamide gives no ammonia but a base',
        'CNC(=O)c1ccccc1',
        'test base-hydrolysis-ammonia; = sees paper changed blue',
      ),
      ofCompound(
        '4-nitroacetophenone browns iron(II) hydroxide',
        'CC(=O)c1ccc([N+](=O)[O-])cc1',
        'test iron-ii-hydroxide-nitro; = sees precipitate red-brown|brown; test dnp; = sees precipitate formed',
      ),
      ofCompound(
        'nitrocyclohexane does so too',
        '[O-][N+](=O)C1CCCCC1',
        'test iron-ii-hydroxide-nitro; = sees precipitate red-brown|brown',
      ),
      ofCompound(
        '1-bromohexane exchanges with iodide',
        'CCCCCCBr',
        'test sodium-iodide-acetone; = sees precipitate formed white; test copper-wire-halogen; = sees flame green|blue-green',
      ),
      ofCompound(
        '2-chloro-2-methylbutane shows its chloride at once, not with iodide',
        'CCC(C)(C)Cl',
        'test silver-nitrate-ethanol; = sees precipitate formed white; test sodium-iodide-acetone; = sees no precipitate formed',
      ),
      ofCompound(
        '4-chlorotoluene shows it only on the wire',
        'Cc1ccc(Cl)cc1',
        'test silver-nitrate-ethanol; = sees no precipitate formed; test copper-wire-halogen; = sees flame green|blue-green',
      ),
      ofCompound(
        '4-methylbenzenethiol gives yellow lead',
        'Cc1ccc(S)cc1',
        'test lead-acetate-thiol; = sees precipitate yellow; test solubility-naoh-5pc; = sees solubility soluble',
      ),
      ofCompound(
        '1-heptyne gives white silver and takes bromine',
        'C#CCCCCC',
        'test ammoniacal-silver; = sees precipitate formed white|off-white|pale-yellow; test bromine-addition; = sees solution colourless|pale-yellow',
      ),
      ofCompound('cyclooctene takes bromine', 'C1CCCC=CCC1', 'test bromine-addition; = sees solution colourless|pale-yellow'),
      ofCompound('tert-butylbenzene takes none', 'CC(C)(C)c1ccccc1', 'test bromine-addition; = sees solution orange'),
      ofCompound(
        'mannose reduces copper and gives an osazone',
        'OC[C@H]1OC(O)[C@@H](O)[C@@H](O)[C@@H]1O',
        'test copper-tartrate; = sees precipitate red|orange-red; test alpha-naphthol-acid; = sees ring violet; test osazone; = sees precipitate yellow',
      ),
      ofCompound(
        'trehalose does not reduce copper',
        'OC[C@H]1O[C@H](O[C@H]2O[C@H](CO)[C@@H](O)[C@H](O)[C@H]2O)[C@H](O)[C@@H](O)[C@@H]1O',
        'test copper-tartrate; = sees no precipitate formed; test alpha-naphthol-acid; = sees ring violet',
      ),
      ofCompound(
        'sorbose is a ketose',
        'OC[C@@]1(O)OC[C@H](O)[C@@H](O)[C@@H]1O',
        'test resorcinol-acid; = sees solution red|crimson',
      ),
      ofCompound(
        'methyl glucoside does not reduce copper',
        'CO[C@@H]1O[C@H](CO)[C@@H](O)[C@H](O)[C@H]1O',
        'test copper-tartrate; = sees no precipitate formed',
      ),
      ofCompound(
        'glutamic acid gives violet with ninhydrin',
        'N[C@@H](CCC(=O)O)C(=O)O',
        'test ninhydrin; = sees solution violet; test solubility-nahco3-5pc; = sees solubility soluble',
      ),
      ofCompound('triglycine gives violet biuret', 'NCC(=O)NCC(=O)NCC(=O)O', 'test biuret; = sees solution violet'),
      ofCompound(
        'salicylamide reddens iron(III) and gives ammonia',
        'NC(=O)c1ccccc1O',
        'test iron-iii-chloride; = sees solution violet|crimson|red; test base-hydrolysis-ammonia; = sees paper changed blue',
      ),
      ofCompound(
        '4-hydroxybenzaldehyde is a phenol and an aldehyde',
        'O=Cc1ccc(O)cc1',
        'test solubility-naoh-5pc; = sees solubility soluble; test dnp; = sees precipitate formed',
      ),
      ofCompound(
        'benzil gives a hydrazone and no iodoform',
        'O=C(c1ccccc1)C(=O)c1ccccc1',
        'test dnp; = sees precipitate formed; test iodoform; = sees no precipitate formed',
      ),
      ofCompound(
        '2-furoic acid goes into hydrogencarbonate',
        'O=C(O)c1ccco1',
        'test solubility-nahco3-5pc; = sees solubility soluble; test litmus; = sees paper blue-litmus changed red',
      ),
      ofCompound(
        '3-bromobenzoic acid is acid and holds its halogen',
        'O=C(O)c1cccc(Br)c1',
        'test solubility-nahco3-5pc; = sees solubility soluble; test silver-nitrate-ethanol; = sees no precipitate formed; test copper-wire-halogen; = sees flame green|blue-green',
      ),
      ofCompound(
        'acenaphthylene takes bromine',
        'C1=Cc2cccc3cccc1c23',
        'test bromine-addition; = sees solution colourless|pale-yellow|yellow',
      ),
      ofCompound(
        'dipropyl ether dissolves in cold sulfuric acid and in nothing weaker',
        'CCCOCCC',
        'test solubility-h2so4-conc; = sees solubility soluble; test solubility-hcl-5pc; = sees solubility insoluble',
      ),
      ofCompound(
        'octane dissolves in none of them',
        'CCCCCCCC',
        'test solubility-h2so4-conc; = sees solubility insoluble; test solubility-water; = sees solubility insoluble',
      ),
      ofCompound(
        'sodium salicylate is soluble and reddens iron(III)',
        '[Na+].[O-]C(=O)c1ccccc1O',
        'test solubility-water; = sees solubility soluble; test iron-iii-chloride; = sees solution violet|crimson|red',
      ),
      ofCompound(
        'benzylammonium chloride shows its chloride and goes into water',
        '[Cl-].[NH3+]Cc1ccccc1',
        'test solubility-water; = sees solubility soluble; test silver-nitrate-ethanol; = sees precipitate formed white',
      ),
    ],
  ],
];
