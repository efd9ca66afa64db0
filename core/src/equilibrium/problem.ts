/** The problem of equilibrium in numbers, and what both ways of solving it share. */
import { type Sparse, sparse } from './linear';

export interface Problem {
  /** Total of each component, mol/L; may be negative (as for H+ in a base). */
  readonly totals: Float64Array;
  /** ln β of each species over the components. */
  readonly lnBeta: Float64Array;
  /** Stoichiometry of species, row-major [species × components]. */
  readonly nu: Float64Array;
  /** ln K of each phase: the phase forms where its ion product would exceed it. */
  readonly phaseLnK: Float64Array;
  /** Stoichiometry of phases, row-major [phases × components]. */
  readonly phaseNu: Float64Array;
  /** Writes ln γ of every species for these concentrations (mol/L), and ∂ln γ/∂ln c of each with its own, zero or more. */
  readonly activity: (concentrations: Float64Array, lnGamma: Float64Array, steepness: Float64Array) => void;
}

export interface Solution {
  /** ln activity of each component. */
  readonly lnActivity: Float64Array;
  /** Concentration of each species, mol/L. */
  readonly concentrations: Float64Array;
  /** Amount of each phase, mol per litre of solution. */
  readonly phases: Float64Array;
  readonly iterations: number;
}

/** Where an equilibrium like this one was found to lie. */
export interface Nearby {
  /** ln activity of each component. */
  readonly lnActivity: Float64Array;
  /** ln of the concentration of each species, mol/L. */
  readonly lnConcentrations: Float64Array;
  /** Amount of each phase, mol per litre of solution. */
  readonly phases: Float64Array;
}

/** mol/L added to the diagonal of Newton's matrix: keeps it regular where two ions of one solid are there in equal amounts. */
export const REGULAR = 1e-14;
/** Most that ln c of a species that counts may rise or fall in one step; falling is safe, rising overshoots. */
const MOST_UP = 3;
const MOST_DOWN = 20;

export interface Rows {
  readonly nu: Sparse;
  readonly pnu: Sparse;
}

export const rowsOf = ({ nu, phaseNu, totals, lnBeta, phaseLnK }: Problem): Rows => ({
  nu: sparse(nu, lnBeta.length, totals.length),
  pnu: sparse(phaseNu, phaseLnK.length, totals.length),
});

/** The largest of the totals, mol/L. */
export const largestOf = (totals: Float64Array): number => totals.reduce((most, t) => Math.max(most, Math.abs(t)), 1e-7);

/** How far along these changes of ln c a step may go, 1 for all of it; what hardly counts may rise until it does. */
export function longestStep(change: Float64Array, c: Float64Array, lnC: Float64Array, largest: number): number {
  let step = 1;
  for (let i = 0; i < change.length; i++) {
    const d = change[i]!;
    if (c[i]! > largest * 1e-8) step = Math.min(step, (d > 0 ? MOST_UP : MOST_DOWN) / Math.abs(d));
    else if (d > 0) step = Math.min(step, Math.max(MOST_UP, Math.log(largest * 1e-4) - lnC[i]!) / d);
  }
  return step;
}
