/** Tubes that are worked for a drill. */
import { BenchError } from '../../bench/error';
import type { Op } from '../../bench/ops';
import type { SampleSpec } from '../../bench/sample';
import { NotConverged } from '../../equilibrium/solver';
import { SINGLES } from '../../reasoning/hypotheses';
import type { OperationResult } from '../../record/result';
import { beginWorking, carryOut } from '../../record/working';
import type { Drawing } from '../../senses/drawn';
import type { Observation } from '../../vocabulary/observation';
import { oneOf, type Random } from '../drill';

export interface Worked extends OperationResult {
  /** Of the tube that was worked on. */
  readonly drawing: Drawing;
}

/** @returns what each operation did; null when one of them cannot be done. */
export function work(sample: SampleSpec, ops: readonly Op[]): Worked[] | null {
  try {
    let working = beginWorking({ sample });
    return ops.map((op) => {
      const done = carryOut(working, op);
      working = done.working;
      const { vessel, vessels } = done.result;
      return { ...done.result, drawing: (vessel !== null && vessels[vessel]?.drawing) as Drawing };
    });
  } catch (error) {
    if (error instanceof BenchError || error instanceof NotConverged) return null;
    throw error;
  }
}

export const add = (reagent: string, drops: number): Op => ({ op: 'add', to: 'A', reagent, drops });
/** A salt's solution, and a millilitre of it in a tube. */
const SOLUTION = { grams: 0.3, mL: 15 };
/** Of the salt in that tube. */
export const GRAMS_IN_TUBE = SOLUTION.grams / SOLUTION.mL;
const INTO_A: readonly Op[] = [
  { op: 'dissolve', to: 'S', grams: SOLUTION.grams, in: 'water', mL: SOLUTION.mL },
  { op: 'take', to: 'A', from: 'S', mL: 1 },
];

/** @returns what was taken into the tube, then what each addition did; null where the salt does not dissolve. */
export function inSolution(formula: string, ...ops: readonly Op[]): Worked[] | null {
  const done = work({ salts: [{ formula, grams: 2 }] }, [...INTO_A, ...ops]);
  const [dissolved, ...rest] = done ?? [];
  return !dissolved || dissolved.drawing.solid || dissolved.drawing.liquid?.cloudy ? null : rest;
}

const FORMULAS = SINGLES.map((f) => f.name);
export const anySalt = (random: Random): string => oneOf(random, FORMULAS);

export const seenAs = <C extends Observation['channel']>({ see }: OperationResult, channel: C) =>
  see.find((o) => o.channel === channel);
