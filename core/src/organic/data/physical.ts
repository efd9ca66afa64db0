/** Tests of a compound without a reagent whose chemistry is a reaction: what each takes, and what is run beside it. */

/** Solvents of the solubility classes; a buffered or strong one holds its pH whatever dissolves. */
export const SOLVENT_ROWS = {
  water: {},
  ether: { kind: 'ether' },
  'naoh-5pc': { pH: 14, opens: true },
  'nahco3-5pc': { pH: 8.3, opens: true, fizzes: true },
  'hcl-5pc': { pH: 0.1 },
  'h2so4-conc': { kind: 'sulfuric-acid', opens: true, chars: true },
} as const satisfies Readonly<Record<string, SolventRow>>;

export interface SolventRow {
  readonly kind?: 'ether' | 'sulfuric-acid';
  readonly pH?: number;
  /** Opens acid halides and anhydrides, whose acids then dissolve. */
  readonly opens?: true;
  /** Acids set a gas free from it. */
  readonly fizzes?: true;
  /** Takes the water out of carbohydrates. */
  readonly chars?: true;
}

export type Solvent = keyof typeof SOLVENT_ROWS;
export const SOLVENTS = Object.keys(SOLVENT_ROWS) as Solvent[];

export interface PhysicalTest {
  readonly id: string;
  /** What is done; a solubility names its solvent. */
  readonly does:
    | 'look'
    | 'ignite'
    | 'copper-wire'
    | 'litmus'
    | 'melt'
    | 'boil'
    | 'refractive-index'
    | 'density'
    | 'neutralisation-equivalent'
    | 'saponification-equivalent'
    | { readonly dissolve: Solvent };
  readonly grams: number;
  /** From mixing to the last look. */
  readonly minutes: number;
  /** SMILES of what is run beside the sample. */
  readonly positive: string;
  readonly negative: string;
}

const GRAMS = 0.05;
const POINT_GRAMS = 0.01;
const POINT_MINUTES = 8;
const dissolving = (solvent: Solvent, positive: string, negative: string): PhysicalTest => ({
  id: `solubility-${solvent}`,
  does: { dissolve: solvent },
  grams: 0.1,
  minutes: 1,
  positive,
  negative,
});

const BENZOIC_ACID = 'OC(=O)c1ccccc1';
const NAPHTHALENE = 'c1ccc2ccccc2c1';

export const PHYSICAL_TESTS: readonly PhysicalTest[] = [
  { id: 'compound-look', does: 'look', grams: POINT_GRAMS, minutes: 1, positive: BENZOIC_ACID, negative: 'CCO' },
  { id: 'ignition', does: 'ignite', grams: GRAMS, minutes: 1, positive: 'Cc1ccccc1', negative: 'CCO' },
  { id: 'copper-wire-halogen', does: 'copper-wire', grams: GRAMS, minutes: 1, positive: 'Clc1ccccc1', negative: BENZOIC_ACID },
  { id: 'litmus', does: 'litmus', grams: GRAMS, minutes: 1, positive: 'CC(O)=O', negative: 'CCO' },
  dissolving('water', 'CCO', 'CCCCCC'),
  dissolving('ether', 'CCOC(C)=O', 'OC[C@H]1OC(O)[C@H](O)[C@@H](O)[C@@H]1O'),
  dissolving('naoh-5pc', BENZOIC_ACID, NAPHTHALENE),
  dissolving('nahco3-5pc', BENZOIC_ACID, 'Oc1ccc2ccccc2c1'),
  dissolving('hcl-5pc', 'Nc1ccccc1', NAPHTHALENE),
  dissolving('h2so4-conc', 'CC(=O)c1ccccc1', 'CCCCCC'),
  { id: 'melting-point', does: 'melt', grams: POINT_GRAMS, minutes: POINT_MINUTES, positive: BENZOIC_ACID, negative: 'CCO' },
  { id: 'boiling-point', does: 'boil', grams: POINT_GRAMS, minutes: POINT_MINUTES, positive: 'CCO', negative: BENZOIC_ACID },
  { id: 'refractive-index', does: 'refractive-index', grams: POINT_GRAMS, minutes: 4, positive: 'CCO', negative: BENZOIC_ACID },
  { id: 'density', does: 'density', grams: 1, minutes: 4, positive: 'CCO', negative: BENZOIC_ACID },
  { id: 'neutralisation-equivalent', does: 'neutralisation-equivalent', grams: 0.2, minutes: 15, positive: BENZOIC_ACID, negative: NAPHTHALENE },
  { id: 'saponification-equivalent', does: 'saponification-equivalent', grams: 0.5, minutes: 60, positive: 'CCOC(=O)c1ccccc1', negative: NAPHTHALENE },
];
