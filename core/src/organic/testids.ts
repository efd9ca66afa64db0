/** The ids of the classification tests, and what each takes. */
import { type DerivativeRow, DERIVATIVES } from './data/derivatives';
import { PHYSICAL_TESTS, type PhysicalTest } from './data/physical';
import { REACTIVITY, type Reactivity } from './data/reactivity';

export const physicalTest: ReadonlyMap<string, PhysicalTest> = new Map(PHYSICAL_TESTS.map((t) => [t.id, t]));
export const reagentTest: ReadonlyMap<string, Reactivity> = new Map(Object.entries(REACTIVITY));

export const derivativeTest: ReadonlyMap<string, DerivativeRow> = new Map(DERIVATIVES.map((d) => [d.id, d]));

export const ORGANIC_TEST_IDS: readonly string[] = [...physicalTest.keys(), ...reagentTest.keys(), ...derivativeTest.keys()];
export const isOrganicTest = (id: string): boolean => ORGANIC_TEST_IDS.includes(id);

const GRAMS = 0.05;
const DERIVATIVE_GRAMS = 0.3;

/** Grams of the compound that one test takes. */
export const gramsForTest = (id: string): number =>
  physicalTest.get(id)?.grams ?? (derivativeTest.has(id) ? DERIVATIVE_GRAMS : GRAMS);

/** Minutes from mixing to the last look. */
export const waitForTest = (id: string): number =>
  physicalTest.get(id)?.minutes ?? reagentTest.get(id)?.wait ?? derivativeTest.get(id)?.minutes ?? 1;
