/** Properties that show without water: flames, beads, dry colours, what heat does. Source of all tables: VOGEL. */
import type { Colour, Smell } from '../../vocabulary/words';

export interface FlameRow {
  readonly component: string;
  readonly colour: Colour;
  /** Through cobalt glass; `none` when the glass takes it all. */
  readonly glass: Colour;
  /** Brightness of one mole in a hundred as chloride, sodium being 100. Uncertain: orders of magnitude. */
  readonly brightness: number;
  readonly duration: 'flash' | 'lasting';
  /** As bright whatever the anion. */
  readonly anySalt?: true;
  /** Share of it that a wire which was not cleaned brings along. */
  readonly onDirtyWire?: number;
}

export const FLAMES: readonly FlameRow[] = [
  { component: 'Na+', colour: 'yellow', glass: 'none', brightness: 100, duration: 'lasting', anySalt: true, onDirtyWire: 0.02 },
  { component: 'Li+', colour: 'crimson', glass: 'violet', brightness: 40, duration: 'lasting' },
  { component: 'K+', colour: 'violet', glass: 'crimson', brightness: 4, duration: 'flash' },
  { component: 'Sr2+', colour: 'crimson', glass: 'violet', brightness: 12, duration: 'lasting' },
  { component: 'Ca2+', colour: 'brick-red', glass: 'pale-green', brightness: 9, duration: 'lasting' },
  { component: 'Ba2+', colour: 'apple-green', glass: 'blue-green', brightness: 9, duration: 'lasting' },
  { component: 'Cu2+', colour: 'green', glass: 'blue-green', brightness: 14, duration: 'lasting' },
  { component: 'Cu+', colour: 'green', glass: 'blue-green', brightness: 14, duration: 'lasting' },
  { component: 'H3BO3', colour: 'green', glass: 'green', brightness: 2, duration: 'flash' },
  { component: 'Pb2+', colour: 'pale-blue', glass: 'pale-blue', brightness: 2, duration: 'flash' },
  { component: 'H3AsO3', colour: 'pale-blue', glass: 'pale-blue', brightness: 1.5, duration: 'flash' },
  { component: 'AsO4^3-', colour: 'pale-blue', glass: 'pale-blue', brightness: 1.5, duration: 'flash' },
  { component: 'Sb(OH)3', colour: 'pale-blue', glass: 'pale-blue', brightness: 1.5, duration: 'flash' },
  { component: 'Sn2+', colour: 'pale-blue', glass: 'pale-blue', brightness: 1, duration: 'flash' },
];

/** Anions whose salts are volatile enough to colour a flame fully, and make others so. */
export const VOLATILE: readonly string[] = ['Cl-', 'Br-', 'NO3-'];

/** Volatility of a salt in the flame beside its chloride, by anion component. */
export const VOLATILITY: Readonly<Record<string, number>> = {
  'SO4^2-': 0.4, 'PO4^3-': 0.15, 'H2SiO3': 0.05, 'H3BO3': 0.4, 'AsO4^3-': 0.3, 'F-': 0.6, 'CrO4^2-': 0.4,
};

/**
 * What carries an element into the flame as a vapour that burns with its colour, where the acid is strong: boric acid as its ester
 * or as boron trifluoride. `light` is beside 100 for pure sodium chloride, by judgement.
 */
export const CARRIED: readonly { readonly component: string; readonly by: readonly string[]; readonly light: number }[] = [
  { component: 'H3BO3', by: ['C2H6O', 'F-'], light: 100 },
];

export interface BeadRow {
  readonly components: readonly string[];
  /** Oxidising hot and cold, reducing hot and cold. */
  readonly colours: readonly [Colour, Colour, Colour, Colour];
  readonly strength: number;
}

export const BEADS: readonly BeadRow[] = [
  { components: ['Co2+'], colours: ['blue', 'blue', 'blue', 'blue'], strength: 20 },
  { components: ['Mn2+', 'MnO4-', 'MnO2(s)'], colours: ['violet', 'violet', 'colourless', 'colourless'], strength: 6 },
  { components: ['Cr3+', 'CrO4^2-'], colours: ['yellow', 'green', 'green', 'green'], strength: 5 },
  { components: ['Cu2+', 'Cu+'], colours: ['green', 'blue', 'colourless', 'red-brown'], strength: 3 },
  { components: ['Ni2+'], colours: ['violet', 'red-brown', 'grey', 'grey'], strength: 3 },
  { components: ['Fe3+', 'Fe2+', 'Fe(CN)6^4-', 'Fe(CN)6^3-'], colours: ['orange', 'yellow', 'pale-green', 'green'], strength: 2 },
];

/** Colour that an ion lends to its dry salts: with water of crystallisation, without. */
export const TINTS: Readonly<Record<string, readonly [hydrated: Colour, anhydrous: Colour]>> = {
  'Cu2+': ['blue', 'off-white'], 'Ni2+': ['green', 'pale-yellow'], 'Co2+': ['pink', 'blue'], 'Fe2+': ['pale-green', 'off-white'],
  'Fe3+': ['orange', 'buff'], 'Cr3+': ['violet', 'violet'], 'Mn2+': ['pink', 'off-white'], 'CrO4^2-': ['yellow', 'yellow'],
  'Cr2O7^2-': ['orange', 'orange'], 'MnO4-': ['violet', 'violet'], 'Fe(CN)6^3-': ['red', 'red'], 'Fe(CN)6^4-': ['pale-yellow', 'pale-yellow'],
};

/** Anions whose salts come out of water with water, which their formulas leave out. */
export const WITH_WATER: ReadonlySet<string> = new Set(['C2O4^2-', 'HCOO-', 'PO4^3-', 'CO3^2-', 'HCO3-', 'AsO4^3-', 'BO3^3-', 'C4H4O6^2-']);

/** Salts whose dry colour is not their ions': of powders, after the crystals that CRC names, from memory and not looked up again. */
export const DRY_COLOURS: Readonly<Record<string, Colour>> = {
  CuCl2: 'brown', 'CuCl2·2H2O': 'blue-green', CuCO3: 'green', 'Cu2CO3(OH)2': 'green', 'Cu(CH3COO)2·H2O': 'blue-green',
  CuC2O4: 'pale-blue', 'Cu3(PO4)2': 'blue-green', 'FeCl3·6H2O': 'orange', FeCl3: 'dark-brown', 'Fe2(SO4)3': 'off-white', 'Fe2(SO4)3·6H2O': 'pale-yellow',
  'Fe(NO3)3·9H2O': 'violet', 'NH4Fe(SO4)2·12H2O': 'violet', FePO4: 'off-white', FeC2O4: 'yellow', 'KCr(SO4)2·12H2O': 'violet', 'CrCl3·6H2O': 'dark-green',
  'Cr2(SO4)3·18H2O': 'violet', CrPO4: 'green', NiCO3: 'pale-green', 'Ni3(CO3)(OH)4': 'pale-green', NiC2O4: 'pale-green', 'Ni3(PO4)2': 'pale-green', NiI2: 'black',
  CoCO3: 'violet', 'Co2(CO3)(OH)2': 'violet', 'Co3(PO4)2': 'violet', CoI2: 'black', MnCO3: 'buff', MnC2O4: 'white', 'Mn3(PO4)2': 'off-white',
  CuS: 'black', PbS: 'black', HgS: 'red', Ag2S: 'black', Bi2S3: 'black', CdS: 'yellow', As2S3: 'yellow', Sb2S3: 'orange', SnS: 'dark-brown', FeS: 'black',
  ZnS: 'white', MnS: 'buff', CoS: 'black', NiS: 'black', Ag2CO3: 'pale-yellow', Ag3PO4: 'yellow', Ag3AsO4: 'red-brown', Ag2CrO4: 'red-brown',
  AgI: 'pale-yellow', AgBr: 'pale-yellow', PbI2: 'yellow', HgI2: 'red', Hg2I2: 'green', BiI3: 'black', PbCrO4: 'yellow', BaCrO4: 'yellow',
  HgO: 'orange-red', PbO: 'yellow', PbO2: 'dark-brown', Bi2O3: 'pale-yellow', Fe2O3: 'red-brown', CuO: 'black', MnO2: 'black', CdO: 'brown', Cu2O: 'red',
  CoO: 'grey', NiO: 'green', Cr2O3: 'green', ZnO: 'white', Pb3O4: 'orange-red', Fe3O4: 'black', Mn3O4: 'brown', Co3O4: 'black',
};

/** Colours that salts and oxides have only while they are hot, from memory. */
export const HOT_COLOURS: Readonly<Record<string, Colour>> = {
  K2CrO4: 'red', Na2CrO4: 'orange', PbCrO4: 'brown', BaCrO4: 'orange', K2Cr2O7: 'dark-brown', Na2Cr2O7: 'dark-brown', PbI2: 'brick-red', HgI2: 'yellow',
  AgI: 'orange', SnO2: 'pale-yellow', PbO: 'orange', Pb3O4: 'dark-brown', ZnO: 'yellow', Bi2O3: 'orange', Fe2O3: 'black', HgO: 'black', CdS: 'orange', ZnS: 'pale-yellow',
  TiO2: 'pale-yellow', Sb2O3: 'yellow',
};

export interface OxideRow {
  readonly hot: Colour;
  readonly cold: Colour;
  /** The oxide of a noble metal falls apart to this. */
  readonly metal?: string;
  /** The carbonate loses its gas: when heated gently, only strongly, or not over a burner. */
  readonly carbonate: 'gentle' | 'strong' | 'never';
  /** On charcoal, reducing: colour of the bead or residue. */
  readonly charcoal: Colour;
  /** What of it settles on the charcoal around, cold. */
  readonly film?: Colour;
  /** Its residue is not told beside that of another metal. */
  readonly overlooked?: true;
  /** After cobalt nitrate and reheating; only a white residue shows a colour. */
  readonly cobalt?: Colour;
  /** Keeps its own colour with cobalt nitrate where an acid oxide turns others blue. */
  readonly keepsColour?: true;
}

/** The oxide that a cation leaves on heating, hot and cold. */
export const OXIDES: Readonly<Record<string, OxideRow>> = {
  'Li+': { hot: 'white', cold: 'white', carbonate: 'never', charcoal: 'white', overlooked: true },
  'Na+': { hot: 'white', cold: 'white', carbonate: 'never', charcoal: 'white', overlooked: true },
  'K+': { hot: 'white', cold: 'white', carbonate: 'never', charcoal: 'white', overlooked: true },
  'Ag+': { hot: 'silver', cold: 'silver', metal: 'Ag', carbonate: 'gentle', charcoal: 'silver' },
  'Pb2+': { hot: 'orange', cold: 'yellow', carbonate: 'gentle', charcoal: 'grey', film: 'yellow' },
  'Hg2+': { hot: 'black', cold: 'orange-red', metal: 'Hg', carbonate: 'gentle', charcoal: 'none' },
  'Hg2^2+': { hot: 'black', cold: 'grey', metal: 'Hg', carbonate: 'gentle', charcoal: 'none' },
  'Cu2+': { hot: 'black', cold: 'black', carbonate: 'gentle', charcoal: 'red' },
  'Cd2+': { hot: 'brown', cold: 'brown', carbonate: 'gentle', charcoal: 'brown', film: 'brown' },
  'Bi3+': { hot: 'orange', cold: 'yellow', carbonate: 'gentle', charcoal: 'grey', film: 'yellow' },
  'H3AsO3': { hot: 'white', cold: 'white', carbonate: 'gentle', charcoal: 'white', film: 'white' },
  'Sb(OH)3': { hot: 'yellow', cold: 'white', carbonate: 'gentle', charcoal: 'white', film: 'white' },
  'Sn2+': { hot: 'yellow', cold: 'off-white', carbonate: 'gentle', charcoal: 'white', cobalt: 'blue-green' },
  'Sn(OH)6^2-': { hot: 'yellow', cold: 'off-white', carbonate: 'gentle', charcoal: 'white', cobalt: 'blue-green' },
  'Al3+': { hot: 'white', cold: 'white', carbonate: 'gentle', charcoal: 'white', cobalt: 'blue' },
  'Cr3+': { hot: 'green', cold: 'green', carbonate: 'gentle', charcoal: 'green' },
  'Fe3+': { hot: 'black', cold: 'red-brown', carbonate: 'gentle', charcoal: 'black' },
  'Fe2+': { hot: 'black', cold: 'red-brown', carbonate: 'gentle', charcoal: 'black' },
  'Zn2+': { hot: 'yellow', cold: 'white', carbonate: 'gentle', charcoal: 'white', film: 'white', cobalt: 'green' },
  'Mn2+': { hot: 'dark-brown', cold: 'dark-brown', carbonate: 'gentle', charcoal: 'grey' },
  'Co2+': { hot: 'black', cold: 'black', carbonate: 'gentle', charcoal: 'grey' },
  'Ni2+': { hot: 'black', cold: 'dark-green', carbonate: 'gentle', charcoal: 'grey' },
  'Mg2+': { hot: 'white', cold: 'white', carbonate: 'gentle', charcoal: 'white', cobalt: 'pink', keepsColour: true },
  'Ca2+': { hot: 'white', cold: 'white', carbonate: 'strong', charcoal: 'white', cobalt: 'grey' },
  'Sr2+': { hot: 'white', cold: 'white', carbonate: 'never', charcoal: 'white', cobalt: 'grey' },
  'Ba2+': { hot: 'white', cold: 'white', carbonate: 'never', charcoal: 'white', cobalt: 'grey' },
};

export interface DecompositionRow {
  readonly anion: string;
  /** Acts when one of these cations is there; absent for any. */
  readonly cations?: readonly string[];
  readonly not?: readonly string[];
  readonly strong?: true;
  /** Only as much as acid is missing in what is heated: an oxide. */
  readonly oxide?: true;
  /** What leaves and what stays, over species, for `count` anions; water makes up the balance. */
  readonly from: string;
  readonly to: string;
  readonly gases: readonly string[];
  readonly events?: readonly ('melted' | 'charred' | 'swelled' | 'decrepitated')[];
  readonly residue?: Colour;
}

const ALKALI = ['Na+', 'K+'];

/** How anions fall apart under heat, in the order of temperature. */
export const DECOMPOSITIONS: readonly DecompositionRow[] = [
  { anion: 'MnO4-', from: '2 MnO4-', to: 'MnO4^2- + MnO2(s) + O2', gases: ['O2'], residue: 'black' },
  { anion: 'ClO3-', from: '2 ClO3-', to: '2 Cl- + 3 O2', gases: ['O2'], events: ['melted'] },
  { anion: 'NO3-', cations: ALKALI, strong: true, from: '2 NO3-', to: '2 NO2- + O2', gases: ['O2'], events: ['melted'] },
  { anion: 'NO3-', not: [...ALKALI, 'NH3'], from: '4 NO3- + 4 H+', to: '4 NO2 + O2', gases: ['NO2', 'O2'] },
  { anion: 'NO2-', not: ALKALI, from: '2 NO2- + 2 H+', to: 'NO2 + NO', gases: ['NO2'] },
  // What is left is carbonate, which keeps its gas or gives it up by its metal.
  { anion: 'C2O4^2-', from: 'C2O4^2-', to: 'CO3^2- + CO', gases: ['CO'] },
  { anion: 'HCOO-', cations: [...ALKALI, 'Li+', 'Ba2+', 'Sr2+', 'Ca2+'], from: '2 HCOO-', to: 'CO3^2- + CO + H2', gases: ['CO', 'H2'], events: ['melted'] },
  { anion: 'HCOO-', from: 'HCOO- + H+', to: 'CO', gases: ['CO'] },
  { anion: 'C4H4O6^2-', from: 'C4H4O6^2- + 2 H+', to: '3 C(s) + CO2 + O2', gases: ['CO2'], events: ['charred'], residue: 'black' },
  { anion: 'CH3COO-', strong: true, from: '2 CH3COO- + 2 H+', to: '3 C(s) + CO2 + 2 H2', gases: ['CO2'], events: ['melted', 'charred'], residue: 'grey' },
  { anion: 'S2O3^2-', from: 'S2O3^2- + 2 H+', to: 'S(s) + SO2', gases: ['SO2'], events: ['melted'] },
  { anion: 'SO3^2-', strong: true, from: 'SO3^2- + 2 H+', to: 'SO2', gases: ['SO2'] },
  { anion: 'SO4^2-', cations: ['Fe2+'], strong: true, from: 'SO4^2- + 2 H+', to: 'SO2 + O2 - O2', gases: ['SO2'] },
  { anion: 'PbO2(s)', strong: true, from: '2 PbO2(s) + 4 H+', to: '2 Pb2+ + O2', gases: ['O2'] },
  { anion: 'Hg2+', strong: true, oxide: true, not: ['HS-'], from: '2 Hg2+', to: '2 Hg(s) + O2 + 4 H+', gases: ['O2'] },
  { anion: 'Ag+', oxide: true, not: ['HS-'], from: '4 Ag+', to: '4 Ag(s) + O2 + 4 H+', gases: ['O2'] },
  { anion: 'Co(NO2)6^3-', from: 'Co(NO2)6^3-', to: 'Co2+ + 5 NO2- + NO2', gases: ['NO2'] },
];

/** Anions that ammonium burns with when heated dry, over species; water makes up the balance. */
export const AMMONIUM_FIRES: readonly Omit<DecompositionRow, 'cations' | 'not' | 'strong'>[] = [
  { anion: 'CrO4^2-', from: '2 NH3 + 2 CrO4^2- + 10 H+', to: '2 Cr3+ + N2', gases: ['N2'], events: ['swelled'], residue: 'green' },
  { anion: 'NO3-', from: 'NH3 + NO3- + H+', to: 'N2O', gases: ['N2O'], events: ['melted'] },
  { anion: 'NO2-', from: 'NH3 + NO2- + H+', to: 'N2', gases: ['N2'] },
];

/** What leaves an ammonium salt that neither burns nor sublimes. */
export const AMMONIUM = { base: 'NH3', acid: 'H+' } as const;

/** A carbonate gives up its gas to heat, or to an acid salt beside it. */
export const CARBONATE = { anion: 'CO3^2-', gas: 'CO2', acid: 'H+', acidEach: 2 } as const;

/** Hydrated chlorides of small, highly charged cations lose a part of their acid with the water. */
export const ACID_LOST = {
  anion: 'Cl-',
  cations: ['Al3+', 'Fe3+', 'Mg2+', 'Zn2+', 'Cr3+', 'Bi3+', 'Sn2+'],
  gas: 'HCl',
  share: 0.3,
} as const;

/** Acids whose hydrogen and ammonium salts lose water as they run together to a glass; boric acid does so by itself. */
export const CONDENSING: Readonly<Record<string, { readonly strong?: true; readonly alone?: true }>> = {
  'PO4^3-': {}, 'AsO4^3-': {}, 'SO4^2-': { strong: true }, H3BO3: { alone: true },
};

/** Elements that heat sets free and that settle on the cool wall. */
export const FREED: Readonly<Record<string, Colour>> = { 'S(s)': 'yellow' };

/** Anions that survive the heat and hold the metal, so that no oxide is left. */
export const SURVIVORS: readonly string[] = ['SO4^2-', 'Cl-', 'Br-', 'I-', 'PO4^3-', 'F-', 'CrO4^2-', 'AsO4^3-', 'HS-'];

/** What a reducing flame drives off, by its smell. */
export const CHARCOAL_SMELLS: Readonly<Record<string, Smell>> = { 'H3AsO3': 'garlic', 'AsO4^3-': 'garlic' };

/** Acid oxides that give a blue glass with cobalt on charcoal. */
export const BLUE_GLASS: readonly string[] = ['PO4^3-', 'H3BO3', 'H2SiO3'];

interface HeatedRow {
  /** Components that must be there. */
  readonly needs: readonly string[];
  readonly hydrated: boolean;
  readonly event: 'swelled' | 'decrepitated' | 'melted';
}

const melts = (hydrated: boolean, ...salts: readonly (readonly string[])[]): HeatedRow[] =>
  salts.map((needs) => ({ needs, hydrated, event: 'melted' }));

/** Salts that do something of their own when first heated, with or without water; melting points: CRC, below what a burner gives; of the hydrated sulfates from memory. */
export const HEATED_SALTS: readonly HeatedRow[] = [
  { needs: ['H3BO3', 'Na+'], hydrated: true, event: 'swelled' },
  { needs: ['Al3+', 'SO4^2-'], hydrated: true, event: 'swelled' },
  { needs: ['Na+', 'Cl-'], hydrated: false, event: 'decrepitated' },
  { needs: ['Pb2+', 'NO3-'], hydrated: false, event: 'decrepitated' },
  ...melts(false, ['Ag+', 'NO3-'], ['Li+', 'NO3-'], ['Na+', 'NO2-'], ['K+', 'NO2-'], ['Na+', 'SCN-'], ['K+', 'SCN-'], ['K+', 'Cr2O7^2-'], ['Na+', 'Cr2O7^2-'],
    ['Zn2+', 'Cl-'], ['Sn2+', 'Cl-'], ['Bi3+', 'Cl-'], ['Sb(OH)3', 'Cl-'], ['Pb2+', 'Cl-'], ['Pb2+', 'Br-'], ['Pb2+', 'I-'], ['Ag+', 'Cl-'], ['Ag+', 'Br-']),
  ...melts(true, ['Mg2+', 'NO3-'], ['Ca2+', 'NO3-'], ['Al3+', 'NO3-'], ['Zn2+', 'NO3-'], ['Mn2+', 'NO3-'], ['Fe3+', 'NO3-'], ['Cr3+', 'NO3-'], ['Co2+', 'NO3-'],
    ['Ni2+', 'NO3-'], ['Cu2+', 'NO3-'], ['Mg2+', 'Cl-'], ['Ca2+', 'Cl-'], ['Zn2+', 'Cl-'], ['Sn2+', 'Cl-'], ['Fe3+', 'Cl-'], ['Na+', 'CO3^2-'], ['Na+', 'SO4^2-'],
    ['Na+', 'PO4^3-'], ['Na+', 'HS-'], ['Mg2+', 'SO4^2-'], ['Zn2+', 'SO4^2-'], ['Fe2+', 'SO4^2-'], ['Co2+', 'SO4^2-']),
];

/** Ammonium and mercury halides, arsenic and iodine leave as they are: components of what settles on the cool wall, and its colour. */
export const SUBLIMATES: readonly { readonly of: Readonly<Record<string, number>>; readonly colour: Colour }[] = [
  { of: { NH3: 1, 'H+': 1, 'Cl-': 1 }, colour: 'white' },
  { of: { NH3: 1, 'H+': 1, 'Br-': 1 }, colour: 'white' },
  { of: { NH3: 1, 'H+': 1, 'I-': 1 }, colour: 'white' },
  { of: { 'Hg2+': 1, 'Cl-': 2 }, colour: 'white' },
  { of: { 'Hg2^2+': 1, 'Cl-': 2 }, colour: 'white' },
  { of: { 'Hg2+': 1, 'I-': 2 }, colour: 'yellow' },
  { of: { 'Hg2+': 1, 'HS-': 1, 'H+': -1 }, colour: 'black' },
  { of: { 'Hg(s)': 1 }, colour: 'grey' },
  { of: { 'Hg2+': 1 }, colour: 'grey' },
  { of: { 'Hg2^2+': 1 }, colour: 'grey' },
  { of: { H3AsO3: 2, 'HS-': 3, 'H+': 3 }, colour: 'yellow' },
  { of: { H3AsO3: 1 }, colour: 'white' },
  { of: { I2: 1 }, colour: 'violet' },
];
