/** The ids of the classification tests, and what each takes. */
import { PHYSICAL_TESTS, type PhysicalTest } from './data/physical';
import { REACTIVITY, type Reactivity } from './data/reactivity';

export const physicalTest: ReadonlyMap<string, PhysicalTest> = new Map(PHYSICAL_TESTS.map((t) => [t.id, t]));
export const reagentTest: ReadonlyMap<string, Reactivity> = new Map(Object.entries(REACTIVITY));

export const ORGANIC_TEST_IDS: readonly string[] = [...physicalTest.keys(), ...reagentTest.keys()];
export const isOrganicTest = (id: string): boolean => physicalTest.has(id) || reagentTest.has(id);

const GRAMS = 0.05;

/** Grams of the compound that one test takes. */
export const gramsForTest = (id: string): number => physicalTest.get(id)?.grams ?? GRAMS;

/** Minutes from mixing to the last look. */
export const waitForTest = (id: string): number => physicalTest.get(id)?.minutes ?? reagentTest.get(id)?.wait ?? 1;
