/**
 * Mixtures of compounds that were not parted, salts of compounds, and what stands near them: written down before anything was run.
 * A mixture answers as all that it holds; a salt as what its acid or base is.
 */
import { type Facts, ofCompound } from './fact';

const BENZOIC = 'OC(=O)c1ccccc1';
const NAPHTHALENE = 'c1ccc2ccccc2c1';
const ANILINE = 'Nc1ccccc1';

export const FACTS: Facts = [
  [
    'a mixture is its parts',
    [
      [
        'an alkene in an alkane bleaches bromine',
        'compounds:C1CCCCC1 + C1CCC=CC1',
        'test bromine-addition; = sees solution colourless|pale-yellow',
      ],
      [
        'a ketone beside an acid gives a hydrazone',
        `compounds:${BENZOIC} + CC(=O)c1ccccc1`,
        'test dnp; = sees precipitate formed orange|orange-red|red',
      ],
      [
        'and fizzes with hydrogencarbonate',
        `compounds:${BENZOIC} + CC(=O)c1ccccc1`,
        'test solubility-nahco3-5pc; = sees gas evolved; = sees solubility partly-soluble',
      ],
      [
        'benzoic acid and naphthalene melt low',
        `compounds:${BENZOIC} + ${NAPHTHALENE}`,
        'test melting-point; = sees temperature melts 50..90',
      ],
      [
        'naphthalene in benzoic acid leaves hydroxide cloudy',
        `compounds:${BENZOIC} + ${NAPHTHALENE}`,
        'test solubility-naoh-5pc; = sees solubility partly-soluble',
      ],
      [
        'an amine beside a neutral body dissolves in part in acid',
        `compounds:Nc1ccc(Cl)cc1 + ${NAPHTHALENE}`,
        'test solubility-hcl-5pc; = sees solubility partly-soluble',
      ],
      [
        'and couples to a dye',
        `compounds:Nc1ccc(Cl)cc1 + ${NAPHTHALENE}`,
        'test azo-coupling; = sees precipitate formed red|orange-red',
      ],
      [
        'a phenol in a hydrocarbon colours iron(III)',
        'compounds:Oc1ccccc1 + Cc1ccccc1',
        'test iron-iii-chloride; = sees solution violet|blue',
      ],
      [
        'an aldehyde in an alcohol gives a mirror',
        'compounds:O=Cc1ccccc1 + OCc1ccccc1',
        'test ammoniacal-silver; = sees deposit silver',
      ],
      [
        'a sugar in urea gives the ring',
        'compounds:OC[C@H]1OC(O)[C@H](O)[C@@H](O)[C@@H]1O + NC(N)=O',
        'test alpha-naphthol-acid; = sees ring formed violet; test base-hydrolysis-ammonia; = sees smell ammonia',
      ],
      [
        'a halide in a hydrocarbon colours the copper wire',
        'compounds:Clc1ccccc1 + Cc1ccccc1',
        'test copper-wire-halogen; = sees flame green lasting',
      ],
      [
        'an ester in an ether gives the hydroxamate',
        'compounds:CCOC(C)=O + CCOCC',
        'test hydroxamate; = sees solution crimson|red|violet',
      ],
      [
        'two hydrocarbons give nothing',
        'compounds:CCCCCC + C1CCCCC1',
        'test permanganate; = sees no precipitate formed; = sees solution violet',
      ],
      [
        'the equivalent of acid and neutral body is too high',
        `compounds:${BENZOIC} + ${NAPHTHALENE}`,
        'test neutralisation-equivalent; = sees measurement neutralisation-equivalent 240..250',
      ],
      [
        'two acids come out with hydrogencarbonate together',
        `compounds:${BENZOIC} + OC(=O)c1ccc(Cl)cc1 + ${NAPHTHALENE}`,
        'shake-out nahco3-5pc 3 acids; = sees precipitate formed; work-on acids rest; test copper-wire-halogen; = sees flame green lasting',
      ],
      [
        'nitrogen and chlorine from two compounds in one fusion',
        `compounds:${ANILINE} + Clc1ccccc1`,
        'fuse 60 20; take A 1 of extract; add A nitric-acid-2M 3; boil A 5; add A silver-nitrate-0.1M 4d; = ppt white|off-white|cream',
      ],
      [
        'an acid and an amine left together are red litmus to none',
        'compounds:CCO + CCN(CC)CC',
        'test litmus; = sees paper changed blue',
      ],
      ['iodoform from acetone in toluene', 'compounds:CC(C)=O + Cc1ccccc1', 'test iodoform; = sees precipitate formed yellow'],
      [
        'a tertiary alcohol in a primary clouds at once',
        'compounds:CC(C)(C)O + CCCCO',
        'test zinc-chloride-hcl; = sees solution cloudy',
      ],
      [
        'what the acid took with it is not in the ether',
        `compounds:Nc1ccc(Cl)cc1 + ${NAPHTHALENE}`,
        'shake-out hcl-5pc 3 base; work-on base rest; test azo-coupling; = sees precipitate formed red|orange-red',
      ],
    ],
  ],
  [
    'a salt is a compound',
    [
      ofCompound(
        'sodium benzoate is neutral, gives no gas and falls with acid',
        '[Na+].[O-]C(=O)c1ccccc1',
        'test solubility-water; = sees solubility soluble; test solubility-nahco3-5pc; = sees no gas evolved; test solubility-hcl-5pc; = sees solubility insoluble|partly-soluble; test solubility-ether; = sees solubility insoluble',
      ),
      ofCompound(
        'and gives a buff precipitate with iron(III)',
        '[Na+].[O-]C(=O)c1ccccc1',
        'test iron-iii-chloride; = sees precipitate formed buff|cream|brown',
      ),
      ofCompound('and leaves an ash', '[Na+].[O-]C(=O)c1ccccc1', 'test ignition; = sees solid white|grey'),
      ofCompound(
        'sodium acetate is alkaline or neutral to litmus, red with iron(III)',
        '[Na+].CC([O-])=O',
        'test litmus; = sees paper blue-litmus unchanged; test iron-iii-chloride; = sees solution red-brown|red|brown',
      ),
      ofCompound(
        'aniline hydrochloride is acid, dissolves in water, and couples',
        'Cl.Nc1ccccc1',
        'test solubility-water; = sees solubility soluble; test litmus; = sees paper changed red; test azo-coupling; = sees precipitate formed',
      ),
      ofCompound(
        'and gives silver chloride at once',
        'Cl.Nc1ccccc1',
        'test silver-nitrate-ethanol; = sees precipitate formed white',
      ),
      ofCompound(
        'potassium hydrogen phthalate titrates as 204',
        '[K+].OC(=O)c1ccccc1C([O-])=O',
        'test neutralisation-equivalent; = sees measurement neutralisation-equivalent 200..208; test litmus; = sees paper changed red',
      ),
      ofCompound('and fizzes', '[K+].OC(=O)c1ccccc1C([O-])=O', 'test solubility-nahco3-5pc; = sees gas evolved'),
      ofCompound(
        'cream of tartar dissolves hardly in water, in alkali well',
        '[K+].OC(C(O)C([O-])=O)C(O)=O',
        'test solubility-water; = sees solubility insoluble|partly-soluble; test solubility-naoh-5pc; = sees solubility soluble',
      ),
      ofCompound(
        'ammonium benzoate gives ammonia with alkali',
        '[NH4+].[O-]C(=O)c1ccccc1',
        'test base-hydrolysis-ammonia; = sees paper changed blue',
      ),
      ofCompound(
        'tetramethylammonium bromide gives none',
        '[Br-].C[N+](C)(C)C',
        'test base-hydrolysis-ammonia; = sees no paper changed; test silver-nitrate-ethanol; = sees precipitate formed cream|pale-yellow',
      ),
      ofCompound(
        'diethylamine hydrochloride sets free its amine',
        'Cl.CCNCC',
        'test base-hydrolysis-ammonia; = sees paper changed blue; test solubility-ether; = sees solubility insoluble',
      ),
      ofCompound(
        'sodium salicylate is violet with iron(III)',
        '[Na+].[O-]C(=O)c1ccccc1O',
        'test iron-iii-chloride; = sees solution violet',
      ),
      ofCompound(
        'glycine hydrochloride is a strong acid',
        'Cl.NCC(O)=O',
        'test litmus; = sees paper changed red; test solubility-nahco3-5pc; = sees gas evolved; test ninhydrin; = sees solution violet',
      ),
      ofCompound(
        'sodium p-toluenesulfonate dissolves and stays with acid',
        '[Na+].Cc1ccc(cc1)S([O-])(=O)=O',
        'test solubility-water; = sees solubility soluble; test solubility-hcl-5pc; = sees solubility soluble',
      ),
      ofCompound(
        'procaine hydrochloride couples and is an ester',
        'Cl.CCN(CC)CCOC(=O)c1ccc(N)cc1',
        'test azo-coupling; = sees precipitate formed; test hydroxamate; = sees solution crimson|red|violet',
      ),
      ofCompound('calcium acetate leaves a white ash', '[Ca+2].CC([O-])=O.CC([O-])=O', 'test ignition; = sees solid white|grey'),
      ofCompound(
        'sodium oxalate is no acid',
        '[Na+].[Na+].[O-]C(=O)C([O-])=O',
        'test neutralisation-equivalent; = sees no measurement neutralisation-equivalent',
      ),
      ofCompound('pyridine hydrochloride is acid', 'Cl.c1ccncc1', 'test litmus; = sees paper changed red'),
      ofCompound(
        'benzylamine hydrochloride gives gas with nitrous acid',
        'Cl.NCc1ccccc1',
        'test nitrous-acid; = sees gas evolved',
      ),
    ],
  ],
  [
    'acids, places and boiling alkali',
    [
      ofCompound(
        'salicylic acid dissolves in hydrogencarbonate with gas',
        'OC(=O)c1ccccc1O',
        'test solubility-nahco3-5pc; = sees solubility soluble; = sees gas evolved; test neutralisation-equivalent; = sees measurement 136..140',
      ),
      ofCompound(
        'caprolactam gives no ammonia in the time of the test',
        'O=C1CCCCCN1',
        'test base-hydrolysis-ammonia; = sees no paper changed',
      ),
      ofCompound('benzamide does', 'NC(=O)c1ccccc1', 'test base-hydrolysis-ammonia; = sees paper changed blue'),
      ofCompound('stearamide does not', 'CCCCCCCCCCCCCCCCCC(N)=O', 'test base-hydrolysis-ammonia; = sees no paper changed'),
      ofCompound(
        'tribromophenol takes no more bromine',
        'Oc1c(Br)cc(Br)cc1Br',
        'test bromine-addition; = sees no precipitate formed',
      ),
      ofCompound('4-nitrophenol takes up bromine', 'Oc1ccc(cc1)[N+](=O)[O-]', 'test bromine-addition; = sees precipitate formed'),
      ofCompound(
        '3-nitroaniline takes up bromine',
        'Nc1cccc(c1)[N+](=O)[O-]',
        'test bromine-addition; = sees precipitate formed',
      ),
      ofCompound(
        'dimethyl carbonate gives no hydroxamate',
        'COC(=O)OC',
        'test hydroxamate; = sees no solution crimson|red|violet',
      ),
      ofCompound(
        'trehalose gives no osazone, maltose does',
        'OC[C@H]1O[C@H](O[C@H]2O[C@H](CO)[C@@H](O)[C@H](O)[C@H]2O)[C@H](O)[C@@H](O)[C@@H]1O',
        'test osazone; = sees no precipitate formed; test copper-tartrate; = sees no precipitate formed',
      ),
      ofCompound(
        'arabinose is blue-green with orcinol',
        'O[C@H]1COC(O)[C@H](O)[C@H]1O',
        'test orcinol-acid; = sees solution blue-green|green',
      ),
      ofCompound(
        'naphthalene is blue on aluminium chloride',
        NAPHTHALENE,
        'test aluminium-chloride-chloroform; = sees solid blue',
      ),
      ofCompound(
        'nitrobenzene does not answer there',
        '[O-][N+](=O)c1ccccc1',
        'test aluminium-chloride-chloroform; = sees no solid colour-changed',
      ),
      ofCompound(
        '2-butanone is red with nitroprusside, 3-pentanone not',
        'CCC(C)=O',
        'test nitroprusside-ketone; = sees solution red|orange-red',
      ),
      ofCompound(
        'piperidine is blue with nitroprusside and acetaldehyde',
        'C1CCNCC1',
        'test nitroprusside-amine; = sees solution deep-blue|blue',
      ),
      ofCompound(
        '2-nitrotoluene reduces silver after zinc',
        'Cc1ccccc1[N+](=O)[O-]',
        'test zinc-silver-nitro; = sees deposit grey|black|silver',
      ),
      ofCompound('oxalic acid leaves no char', 'OC(=O)C(O)=O', 'test ignition; = sees no solid charred'),
      ofCompound('tartaric acid chars', 'OC(C(O)C(O)=O)C(O)=O', 'test ignition; = sees solid charred'),
      ofCompound('anthranilic acid: acetyl derivative', 'Nc1ccccc1C(O)=O', 'test acetyl-derivative; = sees temperature 182..187'),
      ofCompound(
        'leucine falls apart high',
        'CC(C)C[C@H](N)C(O)=O',
        'test melting-point; = sees temperature decomposes; test ninhydrin; = sees solution violet',
      ),
      ofCompound(
        'a ketone of no list melts or boils over a wide range',
        'CC(=O)c1ccc(cc1)C(C)CC',
        'test boiling-point; = sees temperature boils 200..300',
      ),
    ],
  ],
];
