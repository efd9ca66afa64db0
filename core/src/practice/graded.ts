/** Graded samples: rungs of rising difficulty, each with one trouble more. */
import { openBench, perform } from '../bench/bench';
import { BenchError } from '../bench/error';
import { TESTED_ELEMENTS } from '../organic/data/features';
import { LIBRARY } from '../organic/library';
import { elementsOf, structureOf } from '../organic/structure';
import { observe } from '../senses/perceive';
import { fusionRemarks } from '../senses/cautions';
import { hardness } from '../reasoning/hardness';
import { SINGLES } from '../reasoning/hypotheses';
import { stepsOf, testById } from '../scheme/tests';
import { DEFAULT_RULES } from '../scheme/rules';
import { AMPHOTERIC_METALS, COLOURED_IONS, INTERFERING_ANIONS, OF_ONE_GROUP, RUNGS, type RungId } from './data/troubles';
import { truthOf } from './debrief';
import { type Difficulties, type Graded, type Rung, TO_MASTER } from './rung';

const ON_A_RUNG = 12;
const GRAMS = 3;

type Unordered = Omit<Graded, 'difficulty'>;

const troublesOf = (ions: readonly string[]): RungId[] => [
  ...(ions.some((i) => COLOURED_IONS.includes(i)) ? (['coloured'] as const) : []),
  ...(ions.some((i) => AMPHOTERIC_METALS.includes(i)) ? (['amphoteric'] as const) : []),
  ...(ions.some((i) => INTERFERING_ANIONS.includes(i)) ? (['interfering'] as const) : []),
];

const salts = (troubles: readonly RungId[]): Unordered[] =>
  SINGLES.filter((f) => String(troublesOf(f.ions)) === String(troubles)).map((f) => ({
    name: f.name,
    sample: f.sample,
    truth: f.ions,
  }));

export const mixtureName = (formulas: readonly string[]): string => formulas.join(' + ');

const mixtures = (): Unordered[] =>
  OF_ONE_GROUP.map((formulas) => {
    const sample = { salts: formulas.map((formula) => ({ formula, grams: GRAMS / 2 })) };
    return { name: mixtureName(formulas), sample, truth: truthOf(sample) };
  });

const HALOGENS: readonly string[] = ['F', 'Cl', 'Br', 'I'];

const STANDARD_FUSION = stepsOf(testById.get('sodium-fusion')!, DEFAULT_RULES).find((s) => s.op.op === 'fuse')!.op;

/** Is it gone before it is fused when it is made red-hot at once? */
function fusesBadly(smiles: string): boolean {
  if (STANDARD_FUSION.op !== 'fuse') return false;
  const op = { ...STANDARD_FUSION, gentle_minutes: 0 };
  try {
    const { happened } = perform(openBench({ smiles, grams: GRAMS }), op);
    const made = happened.find((h) => h.what === 'extract');
    return made !== undefined && !made.good && fusionRemarks(op, observe(happened)).length > 0;
  } catch (error) {
    if (error instanceof BenchError) return false;
    throw error;
  }
}

/** Their symbols, small where they are aromatic: a compound whose SMILES has none of them need not be read. */
const SYMBOLS = new RegExp(TESTED_ELEMENTS.join('|'), 'i');

const compounds = (fits: (elements: readonly string[], smiles: string) => boolean): Unordered[] =>
  LIBRARY.filter(({ smiles }) => SYMBOLS.test(smiles)).flatMap(({ smiles, name }) => {
    const truth = elementsOf(structureOf(smiles));
    return truth.length && fits(truth, smiles) ? [{ name, sample: { smiles, grams: GRAMS }, truth }] : [];
  });

const isHalogen = (e: string) => HALOGENS.includes(e);

const POOLS: Readonly<Record<RungId, () => Unordered[]>> = {
  plain: () => salts([]),
  coloured: () => salts(['coloured']),
  amphoteric: () => salts(['amphoteric']),
  interfering: () => salts(['interfering']),
  group: mixtures,
  'one-element': () => compounds((e) => e.length === 1),
  'sulfur-nitrogen': () => compounds((e) => e.includes('S') && e.includes('N')),
  'two-elements': () => compounds((e) => e.length === 2 && e.some(isHalogen)),
  'poor-fusion': () => compounds((e, smiles) => e.length > 0 && fusesBadly(smiles)),
};

const LADDERS: readonly (readonly RungId[])[] = [
  ['plain', 'coloured', 'amphoteric', 'interfering', 'group'],
  ['one-element', 'sulfur-nitrogen', 'two-elements', 'poor-fusion'],
];

const middle = (list: readonly Graded[]): number => (list.length ? hardness(list[Math.floor(list.length / 2)]!.difficulty) : 0);

/** Salts, then compounds: on every rung what is no easier than the middle of the rung before, the easiest first; where too
 * little is, the hardest few there are. */
export function ladder(table: Difficulties): Rung[] {
  return LADDERS.flatMap((ids) => {
    let least = 0;
    return ids.map((id): Rung => {
      const known = POOLS[id]()
        .flatMap((s) => (table[s.name] ? [{ ...s, difficulty: table[s.name]! }] : []))
        // One that a careful student often misses teaches nothing yet.
        .filter((s) => s.difficulty.right > 0.5)
        .sort((a, b) => hardness(a.difficulty) - hardness(b.difficulty));
      const fits = known.filter((s) => hardness(s.difficulty) >= least);
      const samples = (fits.length >= TO_MASTER ? fits : known.slice(-TO_MASTER)).slice(0, ON_A_RUNG);
      least = middle(samples);
      return { id, name: RUNGS[id], samples };
    });
  });
}
