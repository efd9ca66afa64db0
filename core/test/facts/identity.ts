/** What tells one compound from the next: constants, equivalents and derivatives, by the tables, written down before they were run. */
import type { Facts } from './fact';

const acid = (name: string, smiles: string, equivalent: string) =>
  [
    `${name}: neutralisation equivalent ${equivalent}`,
    `smiles:${smiles}`,
    `test neutralisation-equivalent; = sees measurement ${equivalent}`,
  ] as const;
const none = (name: string, smiles: string) =>
  [`${name} is not titrated as an acid`, `smiles:${smiles}`, 'test neutralisation-equivalent; = sees measurement none'] as const;
const ester = (name: string, smiles: string, equivalent: string) =>
  [
    `${name}: saponification equivalent ${equivalent}`,
    `smiles:${smiles}`,
    `test saponification-equivalent; = sees measurement ${equivalent}`,
  ] as const;
const derivative = (name: string, smiles: string, id: string, melts: string) =>
  [
    `${id} of ${name} melts at ${melts}`,
    `smiles:${smiles}`,
    `test ${id}; = sees precipitate formed; = sees temperature melts ${melts}`,
  ] as const;
const noDerivative = (name: string, smiles: string, id: string) =>
  [`${name} gives no ${id}`, `smiles:${smiles}`, `test ${id}; = sees precipitate none`] as const;

export const FACTS: Facts = [
  [
    'equivalents',
    [
      acid('benzoic acid', 'OC(=O)c1ccccc1', '121..123'),
      acid('succinic acid', 'OC(=O)CCC(O)=O', '58..60'),
      acid('citric acid', 'OC(=O)CC(O)(CC(O)=O)C(O)=O', '63..65'),
      acid('phthalic acid', 'OC(=O)c1ccccc1C(O)=O', '82..84'),
      acid('salicylic acid, whose phenol stays out', 'OC(=O)c1ccccc1O', '137..139'),
      acid('picric acid', 'Oc1c(cc(cc1[N+](=O)[O-])[N+](=O)[O-])[N+](=O)[O-]', '227..231'),
      none('phenol', 'Oc1ccccc1'),
      none('glycine', 'NCC(O)=O'),
      none('ethyl acetate', 'CCOC(C)=O'),
      ester('ethyl benzoate', 'CCOC(=O)c1ccccc1', '149..151'),
      ester('diethyl phthalate', 'CCOC(=O)c1ccccc1C(=O)OCC', '110..112'),
      ester('triacetin', 'CC(=O)OCC(COC(C)=O)OC(C)=O', '72..74'),
      [
        'an amide is not saponified in the time',
        'smiles:CC(=O)Nc1ccccc1',
        'test saponification-equivalent; = sees measurement none',
      ],
    ],
  ],
  [
    'constants of liquids',
    [
      [
        'chlorobenzene: 1.524 and 1.11',
        'smiles:Clc1ccccc1',
        'test refractive-index; = sees measurement 1.523..1.525; test density; = sees measurement 1.10..1.112',
      ],
      [
        'heptane: 1.388 and 0.684',
        'smiles:CCCCCCC',
        'test refractive-index; = sees measurement 1.387..1.389; test density; = sees measurement 0.683..0.686',
      ],
      [
        '1-bromopentane, not in the library: 1.445 and 1.22',
        'smiles:CCCCCBr',
        'test refractive-index; = sees measurement 1.415..1.475; test density; = sees measurement 1.16..1.28',
      ],
      [
        'tert-butylbenzene, not in the library: 1.493 and 0.867',
        'smiles:CC(C)(C)c1ccccc1',
        'test refractive-index; = sees measurement 1.463..1.523; test density; = sees measurement 0.81..0.92',
      ],
      [
        'a solid has none',
        'smiles:OC(=O)c1ccccc1',
        'test refractive-index; = sees measurement none; test density; = sees measurement none',
      ],
    ],
  ],
  [
    'sugars and diols',
    [
      ['glucose gives a yellow osazone', 'smiles:OCC1OC(O)C(O)C(O)C1O', 'test osazone; = sees precipitate formed yellow'],
      ['lactose too', 'smiles:OCC1OC(OC2C(O)C(O)C(O)OC2CO)C(O)C(O)C1O', 'test osazone; = sees precipitate formed yellow'],
      ['mannitol does not', 'smiles:OCC(O)C(O)C(O)C(O)CO', 'test osazone; = sees precipitate none'],
      ['glycerol is cut by periodic acid', 'smiles:OCC(O)CO', 'test periodate; = sees precipitate formed white'],
      ['2-butanol is not', 'smiles:CCC(C)O', 'test periodate; = sees precipitate none'],
      ['1,3-propanediol is not', 'smiles:OCCCO', 'test periodate; = sees precipitate none'],
      ['butane-2,3-dione is', 'smiles:CC(=O)C(C)=O', 'test periodate; = sees precipitate formed white'],
    ],
  ],
  [
    'acid, base and neutral parted',
    [
      [
        'benzoic acid, 4-chloroaniline and naphthalene',
        'compounds:OC(=O)c1ccccc1 + Nc1ccc(Cl)cc1 + c1ccc2ccccc2c1',
        'shake-out hcl-5pc 3 base; = sees precipitate formed; shake-out nahco3-5pc 3 acid; = sees precipitate formed; ' +
          'test melting-point; = sees temperature melts 76..82; work-on base neutral; test melting-point; = sees temperature melts 67..72; ' +
          'work-on acid spent; test melting-point; = sees temperature melts 117..123',
      ],
      [
        'a phenol stays through hydrogencarbonate and goes into alkali',
        'compounds:Oc1ccc2ccccc2c1 + c1ccc(cc1)-c1ccccc1',
        'shake-out nahco3-5pc 2 first; = sees precipitate none; shake-out naoh-5pc 3 phenol; = sees precipitate formed; work-on phenol rest; test melting-point; = sees temperature melts 118..124',
      ],
      [
        'unparted they melt low and wide',
        'compounds:OC(=O)c1ccccc1 + c1ccc2ccccc2c1',
        'test melting-point; = sees no temperature 117..123',
      ],
    ],
  ],
  [
    'racemate and enantiomer',
    [
      ['mandelic acid, racemic', 'smiles:OC(C(O)=O)c1ccccc1', 'test melting-point; = sees temperature melts 117..120'],
      ['(R)-mandelic acid', 'smiles:O[C@@H](C(O)=O)c1ccccc1', 'test melting-point; = sees temperature melts 131..134'],
      ['racemic tartaric acid', 'smiles:OC(C(O)C(O)=O)C(O)=O', 'test melting-point; = sees temperature melts 203..207'],
      ['natural tartaric acid', 'smiles:O[C@H]([C@@H](O)C(O)=O)C(O)=O', 'test melting-point; = sees temperature melts 167..171'],
    ],
  ],
  [
    'derivatives',
    [
      derivative('acetic acid', 'CC(O)=O', 'anilide', '113..116'),
      derivative('benzoyl chloride', 'O=C(Cl)c1ccccc1', 'amide', '127..130'),
      derivative('ethyl benzoate', 'CCOC(=O)c1ccccc1', 'acid-by-hydrolysis', '120..123'),
      derivative('benzonitrile', 'N#Cc1ccccc1', 'acid-by-hydrolysis', '120..123'),
      derivative('4-chlorobenzonitrile', 'N#Cc1ccc(Cl)cc1', 'acid-by-hydrolysis', '238..243'),
      derivative('aniline', 'Nc1ccccc1', 'acetyl-derivative', '113..116'),
      derivative('aniline', 'Nc1ccccc1', 'bromo-derivative', '118..122'),
      derivative('4-chloroaniline', 'Nc1ccc(Cl)cc1', 'acetyl-derivative', '178..180'),
      derivative('phenol', 'Oc1ccccc1', 'bromo-derivative', '93..96'),
      derivative('acetone', 'CC(C)=O', 'dinitrophenylhydrazone', '125..128'),
      derivative('naphthalene', 'c1ccc2ccccc2c1', 'picrate', '148..151'),
      noDerivative('N,N-dimethylaniline', 'CN(C)c1ccccc1', 'acetyl-derivative'),
      noDerivative('ethyl acetate', 'CCOC(C)=O', 'dinitrophenylhydrazone'),
      noDerivative('acetonitrile, whose acid is a liquid,', 'CC#N', 'acid-by-hydrolysis'),
      noDerivative('benzene', 'c1ccccc1', 'bromo-derivative'),
      noDerivative('diethyl ether', 'CCOCC', 'dinitrobenzoate'),
    ],
  ],
];
