/**
 * The chemistry of the classification tests: which feature reacts with which reagent, how fast, and what the product looks
 * like. Half-lives are minutes under the conditions of the procedure; they are orders of magnitude, chosen so that the order
 * of reactivity and the waiting times agree with B. S. Furniss et al., Vogel's Textbook of Practical Organic Chemistry,
 * 5th ed., ch. 9, and R. L. Shriner et al., The Systematic Identification of Organic Compounds, 8th ed.
 */
import type { Observation } from '../../vocabulary/observation';
import type { Structure } from '../structure';
import type { Feature } from './features';

export type Seen = readonly Observation[];

export interface Reaction {
  readonly of: readonly Feature[];
  /** Minutes; a function where the structure sets the pace. */
  readonly halfLife: number | ((s: Structure) => number);
  /** Not where one of these is there too. */
  readonly unless?: readonly Feature[];
  readonly gives: Seen | ((s: Structure, extent: number) => Seen);
}

export interface Reactivity {
  /** Minutes from mixing to the last look. */
  readonly wait: number;
  /** In water what does not dissolve reacts more slowly. */
  readonly medium: 'water' | 'solvent';
  /** What reagent and solvent show alone. */
  readonly blank: Seen;
  readonly reactions: readonly Reaction[];
  /** SMILES of what is run beside the sample. */
  readonly positive: string;
  readonly negative: string;
}

type Colour = NonNullable<Observation['colour']>;
const liquid = (colour: Colour): Observation => ({ channel: 'solution', event: 'colour-changed', colour, clarity: 'clear' });
const still = (colour: Colour): Observation => ({ channel: 'solution', event: 'unchanged', colour, clarity: 'clear' });
const ppt = (colour: Colour, texture?: Observation['texture']): Observation => ({
  channel: 'precipitate',
  event: 'formed',
  colour,
  ...(texture && { texture }),
});
const noPpt: Observation = { channel: 'precipitate', event: 'none' };
const any = (...of: Feature[]) => of;

/** Relative pace of leaving, bromide 1. */
const LEAVING = { I: 0.3, Br: 1, Cl: 4 } as const;
type Leaving = keyof typeof LEAVING;
/** The halide that leaves most easily from where one of these features puts it. */
const leavingFrom = (s: Structure, of: readonly Feature[]): Leaving | undefined => {
  const there = of.flatMap((feature) => s.places(feature).map((atoms) => s.molecule.getAtomLabel(atoms.at(-1)!)));
  return (['I', 'Br', 'Cl'] as const).find((x) => there.includes(x));
};
const SILVER = { Cl: 'white', Br: 'cream', I: 'yellow' } as const;
/** A halide that leaves for silver, at the pace that its bromide has. */
const toSilver = (of: readonly Feature[], bromide: number): Reaction => ({
  of,
  unless: ['halide-geminal'],
  halfLife: (s) => bromide * LEAVING[leavingFrom(s, of) ?? 'Cl'],
  gives: (s) => [ppt(SILVER[leavingFrom(s, of) ?? 'Cl'], 'curdy')],
});
/** Chloride and bromide leave for iodide in acetone; iodide has nowhere to go, and no solid shows. */
const toIodide = (of: readonly Feature[], bromide: number): Reaction => ({
  of,
  unless: ['halide-geminal'],
  halfLife: (s) => ({ Br: bromide, Cl: bromide * 4, I: 1e6 })[leavingFrom(s, of) ?? 'I'],
  gives: [ppt('white', 'crystalline')],
});

/** A hydrazone deepens with every double bond or ring that its chromophore reaches. */
function hydrazone(s: Structure): Seen {
  const conjugated = s.has('aryl-aldehyde', 'aryl-ketone', 'enal', 'enone', 'quinone');
  const far =
    (s.has('enal', 'enone') && s.aromaticRings > 0) ||
    s.has('quinone') ||
    (conjugated && s.has('amine-tertiary', 'amine-primary-aryl', 'nitro'));
  return [ppt(far ? 'orange-red' : conjugated ? 'orange' : 'yellow', 'crystalline')];
}

/** The iron(III) complex of a phenol, by what stands beside the oxygen. */
function ironPhenol(s: Structure): Seen {
  const colour: Colour = s.has('pyrogallol')
    ? 'red-brown'
    : s.has('catechol')
      ? 'green'
      : s.has('hydroquinone', 'aminophenol')
        ? 'brown'
        : s.has('salicyl')
          ? 'violet'
          : s.has('nitro')
            ? 'red-brown'
            : s.has('alpha-naphthol')
              ? 'violet'
              : s.aromaticRings > 1
                ? 'green'
                : s.has('alkyl-phenol')
                  ? 'blue'
                  : 'violet';
  return [liquid(colour)];
}

const phthalein = (s: Structure): Seen => [
  liquid(
    s.has('resorcinol')
      ? 'green'
      : s.has('hydroquinone')
        ? 'violet'
        : s.has('catechol')
          ? 'blue-green'
          : s.aromaticRings > 1
            ? 'green'
            : 'pink',
  ),
];

/** Ortho and para places of a phenol or an aromatic amine that bromine may take. */
const freePlaces = (s: Structure): number => s.count('free-ortho') + s.count('free-para');

const bleached = (_: Structure, extent: number): Seen => [liquid(extent < 0.5 ? 'pale-yellow' : 'colourless'), noPpt];
const bromoPrecipitate = (): Seen => [liquid('colourless'), ppt('white', 'flocculent')];
const manganeseBrown: Seen = [ppt('brown', 'fine'), liquid('colourless')];
const chromeGreen: Seen = [liquid('green')];
const mirror: Seen = [{ channel: 'deposit', event: 'formed', colour: 'silver' }];
const copperRed: Seen = [ppt('red', 'fine')];
const blueLitmus: Seen = [
  { channel: 'paper', paper: 'red-litmus', event: 'changed', colour: 'blue' },
  { channel: 'smell', smell: 'ammonia' },
];
const reducing = any('hemiacetal-ring', 'hemiketal-ring');
/** On such a ring, or beside what holds the Lewis acid, no electrophile comes in. */
const WITHDRAWN = any('nitro', 'carboxylic-acid', 'sulfonic-acid', 'sulfonamide', 'amide', 'nitrile', 'aldehyde', 'ketone', 'amine-primary-aryl', 'amine-primary', 'aza-aromatic');
const alcohols = any('alcohol-primary', 'alcohol-secondary', 'alcohol-tertiary');
const short = (most: number, halfLife: number) => (s: Structure) => ((s.atoms['C'] ?? 0) <= most ? halfLife : 1e6);

export const REACTIVITY = {
  'bromine-addition': {
    wait: 2,
    medium: 'solvent',
    positive: 'C1CCC=CC1',
    negative: 'C1CCCCC1',
    blank: [still('orange'), noPpt],
    reactions: [
      { of: ['phenol', 'amine-primary-aryl'], halfLife: (s) => (freePlaces(s) > 0 ? (s.has('nitro') ? 0.6 : 0.1) : 1e6), gives: bromoPrecipitate },
      {
        of: ['aryl-amine-secondary', 'aryl-amine-tertiary'],
        halfLife: 0.2,
        unless: ['nitro', 'diaryl-amine'],
        gives: bromoPrecipitate,
      },
      {
        of: ['electron-poor-alkene'],
        halfLife: (s) => (s.count('electron-poor-alkene') > 1 ? 40 : s.has('carboxylic-acid', 'enal', 'enone') ? 4 : 2),
        gives: bleached,
      },
      { of: ['alkene'], unless: ['electron-poor-alkene', 'halogen-poor-alkene'], halfLife: 0.1, gives: bleached },
      { of: ['furan', 'pyrrole'], halfLife: 0.1, gives: bleached },
      { of: ['thiophene'], halfLife: 1, gives: bleached },
      { of: ['alkyne'], halfLife: 1.5, gives: bleached },
      { of: ['enol', 'active-methylene', 'thiol', 'hydrazine', 'enediol'], halfLife: 0.2, gives: bleached },
      { of: ['alkyl-aldehyde'], halfLife: 4, gives: bleached },
    ],
  },
  permanganate: {
    wait: 2,
    medium: 'solvent',
    positive: 'C1CCC=CC1',
    negative: 'C1CCCCC1',
    blank: [still('violet'), noPpt],
    reactions: [
      { of: ['thiol', 'hydrazine', 'enediol'], halfLife: 0.05, gives: manganeseBrown },
      { of: ['phenol', 'amine-primary-aryl', 'aryl-amine-secondary'], unless: ['nitro'], halfLife: 0.3, gives: manganeseBrown },
      { of: ['alkene'], unless: ['electron-poor-alkene', 'halogen-poor-alkene'], halfLife: 0.2, gives: manganeseBrown },
      { of: ['furan', 'pyrrole'], halfLife: 0.4, gives: manganeseBrown },
      { of: ['electron-poor-alkene', 'alkyne'], halfLife: 0.8, gives: manganeseBrown },
      { of: ['alkyl-aldehyde'], halfLife: 0.6, gives: manganeseBrown },
      { of: ['aryl-aldehyde', 'formic-acid', 'aryl-amine-tertiary'], halfLife: 1.5, gives: manganeseBrown },
      { of: ['active-methylene', 'thioether'], halfLife: 4, gives: manganeseBrown },
      { of: ['benzylic-alcohol', 'allylic-alcohol'], halfLife: 8, gives: manganeseBrown },
    ],
  },
  dnp: {
    wait: 10,
    medium: 'solvent',
    positive: 'O=Cc1ccccc1',
    negative: 'CCO',
    blank: [still('orange'), noPpt],
    reactions: [
      { of: ['aldehyde', 'quinone'], unless: ['amino-acid'], halfLife: 0.3, gives: hydrazone },
      { of: ['ketone'], halfLife: (s) => (s.has('diaryl-ketone') ? 2 : 0.6), gives: hydrazone },
      { of: ['acetal'], unless: ['carbohydrate'], halfLife: 40, gives: hydrazone },
      // The acid of the reagent sets the carbonyl free.
      { of: ['ketal', 'gem-diol'], unless: ['carbohydrate'], halfLife: 12, gives: hydrazone },
      { of: ['imine'], halfLife: 1, gives: hydrazone },
    ],
  },
  'ammoniacal-silver': {
    wait: 10,
    medium: 'water',
    positive: 'O=Cc1ccccc1',
    negative: 'CC(C)=O',
    blank: [{ channel: 'deposit', event: 'none' }, noPpt],
    reactions: [
      { of: ['alkyl-aldehyde', ...reducing, 'hydrazine', 'enediol', 'gem-diol'], halfLife: 0.5, gives: mirror },
      { of: ['catechol', 'hydroquinone', 'pyrogallol', 'aminophenol'], halfLife: 0.5, gives: mirror },
      { of: ['aryl-aldehyde', 'acyloin'], halfLife: 1.2, gives: mirror },
      { of: ['formic-acid'], halfLife: 4, gives: mirror },
      { of: ['terminal-alkyne'], halfLife: 0.2, gives: [ppt('white', 'flocculent')] },
      { of: ['thiol'], halfLife: 0.1, gives: [ppt('pale-yellow', 'curdy')] },
    ],
  },
  'copper-tartrate': {
    wait: 5,
    medium: 'water',
    positive: 'OC[C@H]1OC(O)[C@H](O)[C@@H](O)[C@@H]1O',
    negative: 'CC(C)=O',
    blank: [still('deep-blue'), noPpt],
    reactions: [{ of: ['alkyl-aldehyde', ...reducing, 'acyloin', 'hydrazine', 'enediol'], halfLife: 0.5, gives: copperRed }],
  },
  'fuchsin-aldehyde': {
    wait: 10,
    medium: 'solvent',
    positive: 'CCCC=O',
    negative: 'CC(C)=O',
    blank: [still('colourless')],
    reactions: [{ of: ['aldehyde'], halfLife: 0.6, gives: [liquid('violet')] }],
  },
  iodoform: {
    wait: 5,
    medium: 'solvent',
    positive: 'CC(C)=O',
    negative: 'CO',
    blank: [still('pale-yellow'), noPpt],
    reactions: [
      { of: ['methyl-ketone', 'acetaldehyde'], halfLife: 0.4, gives: [ppt('yellow', 'crystalline')] },
      { of: ['ethanol', 'methyl-carbinol'], halfLife: 0.9, gives: [ppt('yellow', 'crystalline')] },
    ],
  },
  'cerium-nitrate': {
    wait: 1,
    medium: 'solvent',
    positive: 'CCO',
    negative: 'CCCCCC',
    blank: [still('yellow'), noPpt],
    reactions: [
      { of: ['phenol'], unless: ['nitro'], halfLife: 0.1, gives: [liquid('brown'), ppt('brown')] },
      {
        of: ['amine-primary-aryl', 'aryl-amine-secondary', 'aryl-amine-tertiary'],
        unless: ['nitro'],
        halfLife: 0.3,
        gives: [liquid('dark-brown')],
      },
      { of: [...alcohols, 'carbohydrate'], halfLife: short(10, 0.1), gives: [liquid('red')] },
    ],
  },
  'zinc-chloride-hcl': {
    wait: 8,
    medium: 'solvent',
    positive: 'CC(C)(C)O',
    negative: 'CCCCO',
    blank: [still('colourless')],
    reactions: [
      {
        of: ['alcohol-tertiary'],
        halfLife: short(7, 0.2),
        gives: [
          { channel: 'solution', event: 'colour-changed', colour: 'colourless', clarity: 'cloudy' },
          { channel: 'layer', event: 'present', colour: 'colourless', position: 'upper' },
        ],
      },
      {
        of: ['benzylic-alcohol', 'allylic-alcohol'],
        halfLife: short(8, 0.6),
        gives: [{ channel: 'solution', event: 'colour-changed', colour: 'colourless', clarity: 'cloudy' }],
      },
      {
        of: ['alcohol-secondary'],
        unless: ['carbohydrate', 'carboxylic-acid'],
        halfLife: (s) => (s.count('alcohol-secondary') + s.count('alcohol-primary') > 1 ? 200 : short(7, 4)(s)),
        gives: [{ channel: 'solution', event: 'colour-changed', colour: 'colourless', clarity: 'cloudy' }],
      },
    ],
  },
  'chromic-acid': {
    wait: 1,
    medium: 'solvent',
    positive: 'CCO',
    negative: 'CC(C)(C)O',
    blank: [still('orange')],
    reactions: [
      {
        of: ['phenol', 'amine-primary-aryl', 'aryl-amine-secondary'],
        unless: ['nitro'],
        halfLife: 0.1,
        gives: [liquid('dark-brown')],
      },
      { of: ['alcohol-primary', 'alcohol-secondary', 'carbohydrate', 'enediol'], halfLife: 0.05, gives: chromeGreen },
      { of: ['alkyl-aldehyde', 'thiol', 'formic-acid', 'hydrazine'], halfLife: 0.2, gives: chromeGreen },
      { of: ['aryl-aldehyde'], halfLife: 0.6, gives: chromeGreen },
    ],
  },
  'iron-iii-chloride': {
    wait: 1,
    medium: 'solvent',
    positive: 'Oc1ccccc1',
    negative: 'OCc1ccccc1',
    blank: [still('yellow'), noPpt],
    reactions: [
      { of: ['phenol'], unless: ['hindered-phenol'], halfLife: (s) => (s.count('nitro') > 1 ? 100 : 0.05), gives: ironPhenol },
      { of: ['hydroxamic-acid'], halfLife: 0.05, gives: [liquid('crimson')] },
      {
        of: ['carboxylate-ion'],
        halfLife: 0.05,
        gives: (s) => (s.aromaticRings || (s.atoms['C'] ?? 0) > 5 ? [ppt('buff', 'flocculent')] : [liquid('red-brown')]),
      },
      { of: ['enol', 'enediol', 'active-methylene'], halfLife: (s) => (s.count('ester') > 1 ? 20 : 0.1), gives: [liquid('red')] },
      {
        of: ['amine-primary-aryl', 'hydrazine'],
        unless: ['nitro', 'carboxylic-acid', 'sulfonic-acid'],
        halfLife: 3,
        gives: [liquid('brown')],
      },
    ],
  },
  hydroxamate: {
    wait: 5,
    medium: 'solvent',
    positive: 'CCOC(C)=O',
    negative: 'CC(C)=O',
    blank: [still('yellow')],
    reactions: [
      { of: ['anhydride', 'acid-halide'], halfLife: 0.1, gives: [liquid('crimson')] },
      { of: ['ester'], unless: ['urethane', 'carbonate-ester', 'hindered-acyl'], halfLife: 0.8, gives: [liquid('crimson')] },
      { of: ['hydroxamic-acid'], halfLife: 0.05, gives: [liquid('crimson')] },
      { of: ['active-methylene', 'enediol'], halfLife: 1, gives: [liquid('red')] },
      { of: ['primary-amide'], unless: ['urea'], halfLife: 30, gives: [liquid('orange-red')] },
    ],
  },
  'iron-ii-hydroxide-nitro': {
    wait: 10,
    medium: 'solvent',
    positive: '[O-][N+](=O)c1ccccc1',
    negative: 'Cc1ccccc1',
    blank: [ppt('dirty-green', 'gelatinous')],
    reactions: [{ of: ['nitro', 'quinone', 'nitroso', 'nitrite-ester', 'nitrate-ester'], halfLife: 0.8, gives: [ppt('red-brown', 'gelatinous')] }],
  },
  'nitrous-acid': {
    wait: 3,
    medium: 'solvent',
    positive: 'CCCCN',
    negative: 'CCN(CC)CC',
    blank: [still('colourless'), { channel: 'gas', event: 'none' }],
    reactions: [
      { of: ['aryl-amine-tertiary'], halfLife: 0.3, gives: [liquid('orange'), ppt('green', 'fine')] },
      { of: ['diaryl-amine'], halfLife: 0.4, gives: [ppt('yellow', 'crystalline')] },
      {
        of: ['amine-secondary'],
        halfLife: 0.3,
        gives: [
          { channel: 'layer', event: 'present', colour: 'yellow', position: 'lower' },
          { channel: 'gas', event: 'none' },
        ],
      },
      {
        of: ['amine-primary', 'open-urea', 'hydrazine'],
        halfLife: 0.2,
        gives: [{ channel: 'gas', event: 'evolved', colour: 'colourless' }, still('colourless')],
      },
      { of: ['amine-primary-aryl'], halfLife: 0.1, gives: [liquid('pale-yellow'), { channel: 'gas', event: 'none' }] },
      {
        of: ['primary-amide', 'sulfonamide-primary', 'thiourea'],
        halfLife: 4,
        gives: [{ channel: 'gas', event: 'evolved', colour: 'colourless' }],
      },
      { of: ['phenol'], unless: ['nitro'], halfLife: 3, gives: [liquid('brown')] },
    ],
  },
  'azo-coupling': {
    wait: 2,
    medium: 'solvent',
    positive: 'Nc1ccccc1',
    negative: 'NCc1ccccc1',
    blank: [still('pale-yellow'), noPpt],
    reactions: [
      {
        of: ['amine-primary-aryl'],
        halfLife: 0.1,
        gives: (s) => [ppt(s.aromaticRings > 1 || s.has('nitro', 'azo') ? 'red' : 'orange-red', 'flocculent')],
      },
    ],
  },
  carbylamine: {
    wait: 2,
    medium: 'solvent',
    positive: 'Nc1ccccc1',
    negative: 'CNc1ccccc1',
    blank: [{ channel: 'smell', smell: 'none' }],
    reactions: [
      {
        of: ['amine-primary', 'amine-primary-aryl'],
        unless: ['amino-acid', 'sulfonic-acid'],
        halfLife: 0.3,
        gives: [{ channel: 'smell', smell: 'pungent' }],
      },
    ],
  },
  'sulfonyl-chloride': {
    wait: 5,
    medium: 'solvent',
    positive: 'Nc1ccccc1',
    negative: 'CN(C)c1ccccc1',
    blank: [noPpt],
    reactions: [
      {
        of: ['amine-primary', 'amine-primary-aryl'],
        unless: ['amino-acid'],
        halfLife: (s) => (s.has('nitro') ? 12 : 0.5),
        gives: [{ channel: 'precipitate', event: 'dissolved', colour: 'white' }, ppt('white', 'crystalline')],
      },
      {
        of: ['amine-secondary'],
        halfLife: (s) => (s.has('diaryl-amine') ? 60 : 0.6),
        gives: [ppt('white', 'crystalline'), { channel: 'precipitate', event: 'persists', colour: 'white' }],
      },
    ],
  },
  'silver-nitrate-ethanol': {
    wait: 7,
    medium: 'solvent',
    positive: 'CC(C)(C)Cl',
    negative: 'Clc1ccccc1',
    blank: [noPpt],
    reactions: [
      { of: ['halide-ion'], halfLife: 0.01, gives: (s) => [ppt(SILVER[s.salt!.halide!], 'curdy')] },
      toSilver(['acid-halide', 'sulfonyl-chloride'], 0.02),
      toSilver(['halide-tertiary', 'halide-allylic', 'halide-benzylic'], 0.1),
      toSilver(['halide-secondary', 'halide-secondary-ring'], 1.5),
      toSilver(['halide-methyl-primary'], 3),
      toSilver(['halide-alpha-carbonyl'], 6),
      { of: ['thiol', 'terminal-alkyne'], halfLife: 0.1, gives: [ppt('pale-yellow', 'curdy')] },
    ],
  },
  'sodium-iodide-acetone': {
    wait: 9,
    medium: 'solvent',
    positive: 'CCCCBr',
    negative: 'Brc1ccccc1',
    blank: [still('colourless'), noPpt],
    reactions: [
      { of: ['halide-vicinal'], halfLife: 0.6, gives: [ppt('white', 'crystalline'), liquid('red-brown')] },
      toIodide(['halide-allylic', 'halide-benzylic', 'halide-alpha-carbonyl', 'acid-halide', 'sulfonyl-chloride'], 0.1),
      toIodide(['halide-methyl-primary'], 1.2),
      toIodide(['halide-secondary'], 7),
      toIodide(['halide-secondary-ring'], 120),
    ],
  },
  phthalein: {
    wait: 5,
    medium: 'solvent',
    positive: 'Oc1ccccc1',
    negative: 'Cc1ccc(O)cc1',
    blank: [still('colourless')],
    reactions: [
      {
        of: ['hydroquinone', 'resorcinol', 'catechol', 'aryl-ring-para-free'],
        unless: ['nitro', 'salicyl', 'aldehyde', 'carboxylic-acid', 'hindered-phenol'],
        halfLife: 0.8,
        gives: phthalein,
      },
    ],
  },
  'base-hydrolysis-ammonia': {
    wait: 10,
    medium: 'solvent',
    positive: 'CC(N)=O',
    negative: 'CC(=O)Nc1ccccc1',
    blank: [
      { channel: 'paper', paper: 'red-litmus', event: 'unchanged', colour: 'red' },
      { channel: 'smell', smell: 'none' },
    ],
    reactions: [
      { of: ['alkyl-amine'], unless: ['amino-acid', 'carboxylic-acid', 'phenol', 'quaternary-ion'], halfLife: short(8, 0.1), gives: blueLitmus },
      { of: ['ammonium-ion'], halfLife: 0.1, gives: blueLitmus },
      { of: ['primary-amide', 'urea', 'imide', 'thioamide', 'thiourea'], halfLife: short(12, 2), gives: blueLitmus },
      // A lactam opens to an amino acid, and a fatty amide hardly meets the alkali.
      { of: ['alkyl-amide'], unless: ['carboxylic-acid', 'lactam'], halfLife: short(8, 6), gives: blueLitmus },
      { of: ['nitrile'], halfLife: 12, gives: blueLitmus },
    ],
  },
  'alpha-naphthol-acid': {
    wait: 2,
    medium: 'solvent',
    positive: 'OC[C@H]1OC(O)[C@H](O)[C@@H](O)[C@@H]1O',
    negative: 'CCO',
    blank: [{ channel: 'ring', event: 'none' }],
    reactions: [{ of: ['carbohydrate'], halfLife: 0.2, gives: [{ channel: 'ring', event: 'formed', colour: 'violet' }] }],
  },
  'copper-citrate': {
    wait: 5,
    medium: 'water',
    positive: 'OC[C@H]1OC(O)[C@H](O)[C@@H](O)[C@@H]1O',
    negative: 'OCC(O)C(O)C(O)C(O)CO',
    blank: [still('blue'), noPpt],
    reactions: [{ of: ['alkyl-aldehyde', ...reducing, 'acyloin', 'hydrazine', 'enediol'], halfLife: 0.8, gives: copperRed }],
  },
  'copper-acetate-acid': {
    wait: 3,
    medium: 'water',
    positive: 'OC[C@H]1OC(O)[C@H](O)[C@@H](O)[C@@H]1O',
    negative: 'OC[C@H]1O[C@@](CO)(O[C@H]2O[C@H](CO)[C@@H](O)[C@H](O)[C@H]2O)[C@@H](O)[C@@H]1O',
    blank: [still('blue'), noPpt],
    reactions: [
      { of: ['carbohydrate'], unless: ['glycosidic-oxygen'], halfLife: (s) => (s.has('aldehyde', 'ketone', ...reducing) ? 0.7 : 1e6), gives: copperRed },
      // A disaccharide is first taken apart.
      { of: reducing, halfLife: 25, gives: copperRed },
      { of: ['enediol', 'hydrazine'], halfLife: 0.5, gives: copperRed },
    ],
  },
  'resorcinol-acid': {
    wait: 2,
    medium: 'water',
    positive: 'OCC1(O)OCC(O)C(O)C1O',
    negative: 'OC[C@H]1OC(O)[C@H](O)[C@@H](O)[C@@H]1O',
    blank: [still('colourless')],
    reactions: [
      { of: ['ketose'], halfLife: (s) => (s.has('carbohydrate') ? 0.5 : 1e6), gives: [liquid('red')] },
      { of: ['carbohydrate'], halfLife: 12, gives: [liquid('pink')] },
    ],
  },
  hydrogensulfite: {
    wait: 5,
    medium: 'solvent',
    positive: 'O=Cc1ccccc1',
    negative: 'O=C(c1ccccc1)c1ccccc1',
    blank: [noPpt],
    reactions: [
      { of: ['aldehyde'], unless: ['carbohydrate'], halfLife: 0.4, gives: [ppt('white', 'crystalline')] },
      { of: ['methyl-ketone', 'ring-ketone'], unless: ['aryl-ketone', 'carbohydrate'], halfLife: short(8, 1.2), gives: [ppt('white', 'crystalline')] },
    ],
  },
  ninhydrin: {
    wait: 3,
    medium: 'water',
    positive: 'NCC(O)=O',
    negative: 'CC(N)=O',
    blank: [still('pale-yellow')],
    reactions: [
      { of: ['amino-acid'], halfLife: 0.3, gives: (s) => [liquid(s.has('amine-secondary') ? 'yellow' : 'violet')] },
      { of: ['amine-primary'], halfLife: 1.5, gives: [liquid('violet')] },
    ],
  },
  biuret: {
    wait: 2,
    medium: 'water',
    positive: 'NC(=O)NC(N)=O',
    negative: 'NC(N)=O',
    blank: [still('pale-blue'), noPpt],
    reactions: [{ of: ['biuret', 'two-peptide-bonds'], halfLife: 0.2, gives: [liquid('violet')] }],
  },
  osazone: {
    wait: 20,
    medium: 'water',
    positive: 'OC[C@H]1OC(O)[C@H](O)[C@@H](O)[C@@H]1O',
    negative: 'OCC(O)C(O)C(O)C(O)CO',
    blank: [noPpt],
    reactions: [
      { of: ['carbohydrate'], unless: ['glycosidic-oxygen'], halfLife: (s) => (s.has('ketose') ? 2 : 5), gives: [ppt('yellow', 'crystalline')] },
      // A double sugar's osazone stays dissolved while hot and crystallises in the cold.
      { of: reducing, halfLife: 8, gives: [ppt('yellow', 'fine')] },
      // Of double sugars without a free carbonyl only those of a ketose fall apart in the time.
      { of: ['carbohydrate'], halfLife: (s) => (s.has('ketose') ? 30 : 1e6), gives: [ppt('yellow', 'crystalline')] },
    ],
  },
  periodate: {
    wait: 1,
    medium: 'water',
    positive: 'OCCO',
    negative: 'CCO',
    blank: [noPpt],
    reactions: [
      { of: ['vicinal-diol', 'acyloin', 'diketone', 'amino-alcohol'], halfLife: 0.15, gives: [ppt('white', 'fine')] },
      { of: ['alpha-hydroxy-acid'], halfLife: 6, gives: [ppt('white', 'fine')] },
    ],
  },
  'lead-acetate-thiol': {
    wait: 3,
    medium: 'solvent',
    positive: 'CCCCS',
    negative: 'CCSCC',
    blank: [noPpt],
    reactions: [
      { of: ['thiol'], halfLife: 0.1, gives: [ppt('yellow', 'flocculent')] },
      { of: ['thiourea', 'thioamide'], halfLife: 1, gives: [ppt('black', 'fine')] },
    ],
  },
  'esterification-smell': {
    wait: 10,
    medium: 'solvent',
    positive: 'CC(O)=O',
    negative: 'CC(C)=O',
    blank: [{ channel: 'smell', smell: 'none' }],
    reactions: [
      {
        of: ['carboxylic-acid'],
        unless: ['amino-acid', 'nitro', 'sulfonic-acid'],
        halfLife: (s) => ((s.atoms['C'] ?? 0) <= 9 && s.count('carboxylic-acid') < 2 ? 2 : 60),
        gives: [{ channel: 'smell', smell: 'fruity' }],
      },
      { of: ['ester'], halfLife: short(10, 0.1), gives: [{ channel: 'smell', smell: 'fruity' }] },
      { of: ['acid-halide', 'anhydride'], halfLife: short(9, 0.3), gives: [{ channel: 'smell', smell: 'fruity' }] },
    ],
  },
  'aluminium-chloride-chloroform': {
    wait: 2,
    medium: 'solvent',
    positive: 'Cc1ccccc1',
    negative: 'C1CCCCC1',
    blank: [{ channel: 'solid', event: 'unchanged', colour: 'white' }],
    reactions: [
      { of: ['anthracene'], unless: WITHDRAWN, halfLife: 0.2, gives: [{ channel: 'solid', event: 'colour-changed', colour: 'green' }] },
      { of: ['naphthalene'], unless: WITHDRAWN, halfLife: 0.2, gives: [{ channel: 'solid', event: 'colour-changed', colour: 'blue' }] },
      { of: ['biphenyl'], unless: WITHDRAWN, halfLife: 0.3, gives: [{ channel: 'solid', event: 'colour-changed', colour: 'violet' }] },
      { of: ['benzene'], unless: WITHDRAWN, halfLife: 0.4, gives: [{ channel: 'solid', event: 'colour-changed', colour: 'orange-red' }] },
    ],
  },
  'sulfuric-formaldehyde': {
    wait: 2,
    medium: 'solvent',
    positive: 'Cc1ccccc1',
    negative: 'C1CCCCC1',
    blank: [still('colourless'), noPpt],
    reactions: [
      { of: ['naphthalene', 'anthracene'], unless: WITHDRAWN, halfLife: 0.2, gives: [liquid('dark-brown')] },
      { of: ['benzene'], unless: WITHDRAWN, halfLife: 0.4, gives: [liquid('red')] },
      { of: ['alkene'], halfLife: 0.5, gives: [liquid('brown')] },
    ],
  },
  'nitroso-phenol': {
    wait: 3,
    medium: 'solvent',
    positive: 'Oc1ccccc1',
    negative: 'Cc1ccc(O)cc1',
    blank: [still('pale-yellow')],
    reactions: [
      { of: ['aryl-ring-para-free'], unless: ['nitro', 'aldehyde', 'carboxylic-acid', 'hindered-phenol', 'catechol', 'hydroquinone'], halfLife: 0.5, gives: [liquid('deep-blue')] },
    ],
  },
  'nitroprusside-ketone': {
    wait: 2,
    medium: 'water',
    positive: 'CC(C)=O',
    negative: 'CCC(=O)CC',
    blank: [still('pale-yellow')],
    reactions: [
      { of: ['methyl-ketone', 'active-methylene'], halfLife: 0.3, gives: [liquid('red')] },
      { of: ['acetaldehyde'], halfLife: 0.4, gives: [liquid('red')] },
      { of: ['thiol'], halfLife: 0.1, gives: [liquid('violet')] },
    ],
  },
  'nitroprusside-amine': {
    wait: 5,
    medium: 'water',
    positive: 'CCNCC',
    negative: 'CCCCN',
    blank: [still('pale-yellow')],
    reactions: [
      { of: ['amine-secondary'], unless: ['aryl-amine-secondary', 'amino-acid'], halfLife: 0.8, gives: [liquid('deep-blue')] },
    ],
  },
  'zinc-silver-nitro': {
    wait: 10,
    medium: 'solvent',
    positive: '[O-][N+](=O)c1ccccc1',
    negative: 'Cc1ccccc1',
    blank: [{ channel: 'deposit', event: 'none' }],
    reactions: [
      { of: ['nitro', 'nitroso', 'azo'], halfLife: 1, gives: [{ channel: 'deposit', event: 'formed', colour: 'grey' }] },
      // What reduces silver as it is does so here too.
      { of: ['alkyl-aldehyde', 'aryl-aldehyde', ...reducing, 'hydrazine', 'catechol', 'hydroquinone', 'pyrogallol', 'aminophenol'], halfLife: 0.8, gives: mirror },
    ],
  },
  'acetyl-chloride': {
    wait: 5,
    medium: 'solvent',
    positive: 'CCCCO',
    negative: 'CCCCCC',
    blank: [{ channel: 'gas', event: 'none' }, { channel: 'smell', smell: 'pungent' }],
    reactions: [
      { of: alcohols, unless: ['carbohydrate', 'carboxylic-acid'], halfLife: (s) => (s.has('alcohol-tertiary') ? 3 : 0.3), gives: [{ channel: 'gas', event: 'evolved', colour: 'colourless' }, { channel: 'smell', smell: 'fruity' }] },
      { of: ['amine-primary', 'amine-secondary', 'amine-primary-aryl'], halfLife: 0.1, gives: [{ channel: 'gas', event: 'evolved', colour: 'colourless' }, ppt('white', 'crystalline')] },
      { of: ['phenol'], unless: ['nitro'], halfLife: 1, gives: [{ channel: 'gas', event: 'evolved', colour: 'colourless' }, { channel: 'smell', smell: 'fruity' }] },
    ],
  },
  'orcinol-acid': {
    wait: 3,
    medium: 'water',
    positive: 'O[C@@H]1COC(O)[C@H](O)[C@H]1O',
    negative: 'OC[C@H]1OC(O)[C@H](O)[C@@H](O)[C@@H]1O',
    blank: [still('pale-yellow')],
    reactions: [
      { of: ['carbohydrate'], halfLife: (s) => (s.atoms['C'] === 5 ? 0.5 : 1e6), gives: [liquid('blue-green')] },
      { of: ['carbohydrate'], halfLife: 2, gives: [liquid('brown')] },
    ],
  },
  'carboxylate-iron': {
    wait: 2,
    medium: 'water',
    positive: 'CC(O)=O',
    negative: 'CCO',
    blank: [still('yellow'), noPpt],
    reactions: [
      { of: ['phenol'], unless: ['hindered-phenol'], halfLife: (s) => (s.count('nitro') > 1 ? 100 : 0.05), gives: ironPhenol },
      { of: ['alpha-hydroxy-acid'], halfLife: 0.1, gives: [liquid('yellow')] },
      { of: ['carboxylic-acid'], unless: ['amino-acid'], halfLife: 0.1, gives: (s) => (s.aromaticRings || (s.atoms['C'] ?? 0) > 5 || s.count('carboxylic-acid') > 1 ? [ppt('buff', 'flocculent')] : [liquid('red-brown')]) },
    ],
  },
} as const satisfies Readonly<Record<string, Reactivity>>;

export type ReagentTest = keyof typeof REACTIVITY;
