/** The stations of each school's path, in order. */
import type { Scheme } from '../model';

const FRONT = { look: 'First look', dry: 'Dry tests', first: 'Ammonium first', gases: 'Anions by acid', extract: 'Anions in the extract', anions: 'Anions confirmed' } as const;

export const STATIONS: Readonly<Record<Scheme, Readonly<Record<string, string>>>> = {
  'no-sulfide': { ...FRONT, 'group-1': 'Chlorides', bases: 'With bases', hydroxides: 'Hydroxides parted', carbonate: 'Carbonates', spots: 'Metal by metal', last: 'Magnesium and alkalis' },
  'six-group': { ...FRONT, 'group-1': 'Group I', 'group-2': 'Group II', 'group-3': 'Group III', 'group-4': 'Group IV', 'group-5': 'Group V', 'group-6': 'Group VI' },
  'semi-micro': { ...FRONT, 'group-1': 'Group I', 'group-2': 'Group II', 'group-3': 'Group III', 'group-4': 'Group IV', 'group-5': 'Group V' },
  organic: { look: 'First look', solubility: 'Solubility class', fusion: 'Fusion', elements: 'Elements', unsaturation: 'Double bonds', carbonyl: 'Carbonyl and sugars', hydroxyl: 'Alcohols and phenols', acids: 'Acids and esters', nitrogen: 'Nitrogen groups', halogen: 'Halogen groups', sulfur: 'Sulfur groups', points: 'Melting and boiling', derivatives: 'Derivatives' },
};

export const SCHOOL_NAMES: Readonly<Record<Scheme, string>> = {
  'no-sulfide': 'Without sulfide',
  'six-group': 'Six groups',
  'semi-micro': 'Semi-micro, five groups',
  organic: 'Organic compound',
};

/** The shared tube of the original solution, and that of a sodium fusion's extract. */
export const ORIGINAL_SOLUTION = 'S';
export const EXTRACT_PLACE = 'extract';

/** What a shared tube holds, for its label. */
export const PLACE_NAMES: Readonly<Record<string, string>> = {
  extract: 'sodium extract', XAg: 'silver halide',
  S: 'original solution', X: 'carbonate extract', P1: 'chlorides', F1: 'filtrate of the chlorides', L1: 'hot-water liquid', D1: 'silver ammine',
  P2: 'sulfides, group II', F2: 'filtrate of group II', T2: 'arsenic subgroup, IIB', A2: 'spent liquid', E2: 'antimony and tin', C2: 'copper subgroup, IIA', B2: 'bismuth precipitate', U2: 'copper ammine',
  F2b: 'filtrate, oxidised', F2c: 'filtrate, phosphate out', PP: 'phosphate precipitate', P3: 'group III', F3: 'filtrate of group III', H3: 'group III in acid', R3: 'residue from base', A3: 'alkaline liquid', I3: 'residue in acid',
  P4: 'sulfides, group IV', F4: 'filtrate of group IV', Z4: 'zinc and manganese', N4: 'cobalt and nickel', M4: 'manganese residue', ZN4: 'zincate', P5: 'carbonates', F5: 'last filtrate', E5: 'carbonates in acetate', B5: 'barium chromate', F5c: 'barium out', S5: 'strontium sulfate', F5s: 'strontium out',
};
