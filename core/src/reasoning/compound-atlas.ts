/** The atlas of compounds: what every standard test shows of each compound of the library, run in the simulator. */
import { LIBRARY } from '../organic/library';
import { holdingsOf, structureOf } from '../organic/structure';
import { DEFAULT_RULES } from '../scheme/rules';
import { testsOf } from '../scheme/tests';
import { World } from '../scheme/world';
import type { Observation } from '../vocabulary/observation';
import { answerKey, asks, type Cost, costsOf, DistinctOutcomes, OTHER_ANSWERS } from './atlas';

/** By test, what it shows of one compound; by `question=option` and test, where a house rule chooses otherwise. */
export interface CompoundLeaf {
  readonly usual: Readonly<Record<string, readonly Observation[]>>;
  readonly otherwise: Readonly<Record<string, Readonly<Record<string, readonly Observation[]>>>>;
}

export interface CompoundAtlas {
  readonly version: string;
  readonly outcomes: readonly (readonly Observation[])[];
  /** By test: the index of the outcome, compound by compound in the order of the library. */
  readonly tests: Readonly<Record<string, readonly number[]>>;
  /** The same by `question=option`, for the tests that it changes. */
  readonly otherwise: Readonly<Record<string, Readonly<Record<string, readonly number[]>>>>;
  readonly costs: Readonly<Record<string, Cost>>;
  /** Formula and holdings of each compound of the library, in its order. */
  readonly compounds: readonly { readonly formula: string; readonly holds: readonly string[] }[];
}

/** Of a compound that is put to every test. */
export const GRAMS = 3;

/** A compound that may be the sample: of the library, or of a person's own list with temperatures in °C. */
export interface Possible {
  readonly name: string;
  readonly smiles: string;
  readonly melts?: number;
  readonly boils?: number;
}

/** What the test that reads a temperature shows of one that is known. */
const readIn = (event: 'melts' | 'boils', celsius: number): CompoundLeaf['usual'] => ({
  [testsOf('organic').find((t) => t.reads === event)!.id]: [{ channel: 'temperature', event, celsius: celsius - 1, to: celsius }],
});

/** Works one compound through every test; temperatures that are given stand for those of the model. */
export function compoundLeaf({ smiles, melts, boils }: Omit<Possible, 'name'>): CompoundLeaf {
  const sample = { smiles, grams: GRAMS };
  const world = new World(sample, 'organic', DEFAULT_RULES);
  const otherwise = OTHER_ANSWERS.map(({ question, option }) => {
    const other = new World(sample, 'organic', { ...DEFAULT_RULES, answers: { [question]: option } });
    const changed = testsOf('organic').filter((t) => asks(t, question));
    return [answerKey(question, option), Object.fromEntries(changed.map((t) => [t.id, other.result(t.id).see]))];
  });
  return {
    usual: {
      ...Object.fromEntries(testsOf('organic').map((t) => [t.id, world.result(t.id).see])),
      ...(melts !== undefined && readIn('melts', melts)),
      ...(boils !== undefined && readIn('boils', boils)),
    },
    otherwise: Object.fromEntries(otherwise),
  };
}

/** Can be fused and put to every test. */
const PLAIN = { smiles: 'CC(=O)Nc1ccc(Br)cc1', grams: GRAMS };

/** Puts the leaves of all compounds, in the order of the library, together. */
export function bindCompounds(leaves: readonly CompoundLeaf[], version: string): CompoundAtlas {
  const outcomes = new DistinctOutcomes();
  const rows = (of: (leaf: CompoundLeaf) => CompoundLeaf['usual']) =>
    Object.fromEntries(Object.keys(of(leaves[0]!)).map((id) => [id, leaves.map((leaf) => outcomes.placeOf(of(leaf)[id]!))]));
  const tests = rows((leaf) => leaf.usual);
  const otherwise = Object.fromEntries(
    Object.keys(leaves[0]!.otherwise).map((key) => [key, rows((leaf) => leaf.otherwise[key]!)]),
  );
  const compounds = LIBRARY.map(({ smiles }) => ({ formula: structureOf(smiles).formula, holds: holdingsOf(smiles) }));
  return { version, outcomes: outcomes.list, tests, otherwise, costs: costsOf(PLAIN, 'organic', DEFAULT_RULES), compounds };
}
