/** The arithmetic of the bench, from what was added alone: nothing here knows the unknown. */
import { type Bench, perform } from './bench';
import { reagentById } from './contents';
import { addAmounts } from '../matter/catalogue';
import { ACID_PART, BASES, FREE_ACID } from '../matter/data/reagents';
import { BenchError } from './error';
import type { Sample } from './sample';
import type { Vessel } from './vessel';

const BLANKS: { readonly [K in Sample['kind']]: (amount: number) => Sample } = {
  solid: (grams) => ({ kind: 'solid', grams, perGram: {}, salts: [] }),
  solution: (mL) => ({ kind: 'solution', mL, perML: { H2O: 0.0553 } }),
  compound: (grams) => ({ kind: 'compound', grams }),
};

/** A bench whose sample is taken for inert: its tubes hold only what was added. Grams of sample, or mL of its solution. */
export function openBlank(amount: number, kind: Sample['kind']): Bench {
  return {
    sample: BLANKS[kind](amount),
    left: amount,
    vessels: {},
    minutes: 0,
  };
}

export interface Reckoning {
  readonly mL: number;
  /** Free strong acid by what was added, mol/L. */
  readonly acid: number;
  /** Water that brings the acid to `GROUP_II_ACID`, mL; absent when it is weaker already. */
  readonly waterTo?: number;
  /** The chosen acid or base that makes it just basic or just acidic, mL. */
  readonly neutralise?: { readonly end: 'just-basic' | 'just-acidic'; readonly mL: number };
  /** The chosen reagent that is certainly enough to precipitate all of the sample in the tube, mL. */
  readonly enough?: number;
}

/** mol/L of acid before hydrogen sulfide. VOGEL. */
export const GROUP_II_ACID = 0.3;
/** No common salt holds more than about one mole of charge in so many grams. */
const GRAMS_PER_CHARGE = 40;
const MOST_ML = 12;
/** A copy of so much of the liquid is brought to the end, so that it fits a tube. */
const COPY_ML = 4;

/** Brings a copy of the tube to the end with the chosen reagent and counts. */
function toEnd(vessel: Vessel, reagent: string, end: 'just-basic' | 'just-acidic'): number | undefined {
  const share = Math.min(1, COPY_ML / vessel.mL);
  const copy: Vessel = { ...vessel, mL: vessel.mL * share, amounts: addAmounts({}, vessel.amounts, share), solids: {} };
  const bench: Bench = { ...openBlank(1, 'solid'), vessels: { [vessel.id]: copy } };
  try {
    const done = perform(bench, { op: 'add', to: vessel.id, reagent, until: end, max_mL: MOST_ML }).bench.vessels[vessel.id]!;
    const used = done.mL - copy.mL;
    return used > 0 && used < MOST_ML - 0.1 ? used / share : undefined;
  } catch (error) {
    if (error instanceof BenchError) return undefined;
    throw error;
  }
}

/**
 * @param vessel the tube on the blank bench.
 * @param grams sample in the tube, at most.
 */
export function reckon(vessel: Vessel, reagentId: string, grams: number): Reckoning {
  const reagent = reagentById(reagentId);
  const acid = vessel.mL > 0 ? FREE_ACID.reduce((sum, id) => sum + (vessel.species[id] ?? 0), 0) : 0;
  const solution = reagent.solution ?? {};
  const basic = BASES.some((id) => (solution[id] ?? 0) > 0);
  const acidic = (solution[ACID_PART] ?? 0) > 0;
  const end = basic ? 'just-basic' : acidic ? 'just-acidic' : null;
  const needed = end && vessel.mL > 0 ? toEnd(vessel, reagentId, end) : undefined;
  const strength = Math.max(0, ...Object.entries(solution).map(([, molar]) => molar));
  return {
    mL: vessel.mL,
    acid,
    ...(acid > GROUP_II_ACID && { waterTo: vessel.mL * (acid / GROUP_II_ACID - 1) }),
    ...(end && needed !== undefined && { neutralise: { end, mL: needed } }),
    ...(grams > 0 && strength > 0 && { enough: (grams / GRAMS_PER_CHARGE / strength) * 1000 }),
  };
}
