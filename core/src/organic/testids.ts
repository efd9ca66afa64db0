/** The ids of the classification tests. */
import { REACTIVITY } from './data/reactivity';

export const SOLVENTS = ['water', 'ether', 'naoh-5pc', 'nahco3-5pc', 'hcl-5pc', 'h2so4-conc'] as const;

/** Tests without a reagent whose chemistry stands in `REACTIVITY`. */
const PHYSICAL = [
  'compound-look',
  'ignition',
  'copper-wire-halogen',
  'litmus',
  ...SOLVENTS.map((s) => `solubility-${s}`),
  'melting-point',
  'boiling-point',
];

export const ORGANIC_TEST_IDS: readonly string[] = [...PHYSICAL, ...Object.keys(REACTIVITY)];
export const isOrganicTest = (id: string): boolean => ORGANIC_TEST_IDS.includes(id);

const GRAMS = 0.05;
const SOLUBILITY_GRAMS = 0.1;
const POINT_GRAMS = 0.01;

/** Grams of the compound that one test takes. */
export function gramsForTest(id: string): number {
  if (id.startsWith('solubility-')) return SOLUBILITY_GRAMS;
  return id.endsWith('-point') || id === 'compound-look' ? POINT_GRAMS : GRAMS;
}

const POINT_MINUTES = 8;

/** Minutes from mixing to the last look. */
export function waitForTest(id: string): number {
  const { wait } = (REACTIVITY as Readonly<Record<string, { readonly wait: number }>>)[id] ?? { wait: 1 };
  return id.endsWith('-point') ? POINT_MINUTES : wait;
}
