/**
 * Chemical equilibrium as a convex problem. With a = ln activity of each component, the equilibrium is the maximum of T·a − Σ c(a)
 * subject to ν·a ≤ ln K for every phase (solid or gas) that may form; the multiplier of a phase's constraint is its amount. Solved by
 * a primal-dual interior point in ln c, then polished by Newton's method on the phases found. Source of the formulation: W. R. Smith
 * and R. W. Missen, Chemical Reaction Equilibrium Analysis, 1982, ch. 4–6. The solver knows numbers only: no ion, no reagent, no
 * temperature.
 */
import { addOuter, addScaled, dot, solveSymmetric } from './linear';
import { polish } from './polish';
import { largestOf, longestStep, type Nearby, type Problem, REGULAR, rowsOf, type Solution } from './problem';

/** The equilibrium was not found; the message says how far off the best attempt was. */
export class NotConverged extends Error {}

const MAX_INTERIOR = 400;
const MAX_POLISH = 200;
/** Rounds after which Newton's method from a state nearby is given up for the interior point. */
const MAX_NEARBY = 25;
const TINY_PHASE = 1e-10;

/**
 * Finds the equilibrium. Concentrations and phase amounts are in mol/L.
 * @param nearby only hurries it: what is found has passed the same checks.
 * @throws NotConverged when no state meets the totals to one part in 10⁹.
 */
export function solve(problem: Problem, nearby?: Nearby): Solution {
  const found = nearby && fromNearby(problem, nearby);
  if (found) return found;
  for (const start of STARTS.slice(0, -1)) {
    try {
      return solveFrom(problem, start);
    } catch (error) {
      if (!(error instanceof NotConverged)) throw error;
    }
  }
  return solveFrom(problem, STARTS.at(-1)!);
}

/** Where the search begins, e-folds below the totals: the first does nearly always; the others are for stiff cases. */
const STARTS: readonly number[] = [3, 9, 1, 16];

function fromNearby(problem: Problem, nearby: Nearby): Solution | null {
  const active = [...nearby.phases.keys()].filter((k) => nearby.phases[k]! > 0);
  const at = { x: nearby.lnActivity, lnC: nearby.lnConcentrations, amount: nearby.phases, active };
  const { solution, settled } = polish(problem, rowsOf(problem), at, MAX_NEARBY);
  return settled ? solution : null;
}

function solveFrom(problem: Problem, below: number): Solution {
  const n = problem.totals.length;
  const ns = problem.lnBeta.length;
  const np = problem.phaseLnK.length;
  const rows = rowsOf(problem);
  const { nu, pnu } = rows;
  const { totals, lnBeta, phaseLnK } = problem;

  const x = new Float64Array(n);
  const lnC = new Float64Array(ns);
  const c = new Float64Array(ns);
  const r = new Float64Array(ns);
  const lnGamma = new Float64Array(ns);
  const steep = new Float64Array(ns);
  const amount = new Float64Array(np);
  const slack = new Float64Array(np);
  const dSlack = new Float64Array(np);
  const dAmount = new Float64Array(np);
  const matrix = new Float64Array(n * n);
  const rhs = new Float64Array(n);

  const size = largestOf(totals);
  for (let j = 0; j < n; j++) x[j] = Math.log(Math.max(Math.abs(totals[j]!), 1e-7)) - below;
  lnC.fill(Math.log(size) - 4 - below);
  for (let i = 0; i < ns; i++) c[i] = Math.exp(lnC[i]!);
  amount.fill(size * 0.01);
  for (let k = 0; k < np; k++) slack[k] = Math.max(1, phaseLnK[k]! - dot(pnu, k, x));

  let iterations = 0;
  for (; iterations < MAX_INTERIOR; iterations++) {
    problem.activity(c, lnGamma, steep);
    let gap = 0;
    for (let k = 0; k < np; k++) gap += amount[k]! * slack[k]!;
    const mu = np ? Math.min(0.1 * (gap / np), size) : 0;
    matrix.fill(0);
    for (let j = 0; j < n; j++) matrix[j * n + j] = REGULAR;
    rhs.set(totals);
    let worst = 0;
    for (let i = 0; i < ns; i++) {
      r[i] = lnBeta[i]! - lnGamma[i]! + dot(nu, i, x) - lnC[i]!;
      if (c[i]! > size * 1e-9) worst = Math.max(worst, Math.abs(r[i]!));
      const soft = 1 / (1 + steep[i]!);
      addOuter(nu, i, c[i]! * soft, matrix, n);
      addScaled(nu, i, -c[i]! * (1 + r[i]! * soft), rhs);
    }
    for (let k = 0; k < np; k++) {
      const gapK = phaseLnK[k]! - dot(pnu, k, x) - slack[k]!;
      const ratio = amount[k]! / slack[k]!;
      addOuter(pnu, k, ratio, matrix, n);
      addScaled(pnu, k, -(mu / slack[k]! - ratio * gapK), rhs);
      dSlack[k] = gapK;
      worst = Math.max(worst, Math.abs(gapK));
    }
    if (!solveSymmetric(matrix, rhs, n)) break;
    for (let i = 0; i < ns; i++) r[i] = (r[i]! + dot(nu, i, rhs)) / (1 + steep[i]!);
    let step = longestStep(r, c, lnC, size);
    for (let k = 0; k < np; k++) {
      dSlack[k]! -= dot(pnu, k, rhs);
      dAmount[k] = (mu - amount[k]! * slack[k]! - amount[k]! * dSlack[k]!) / slack[k]!;
      if (dSlack[k]! < 0) step = Math.min(step, (-0.95 * slack[k]!) / dSlack[k]!);
      if (dAmount[k]! < 0) step = Math.min(step, (-0.95 * amount[k]!) / dAmount[k]!);
    }
    for (let j = 0; j < n; j++) x[j]! += step * rhs[j]!;
    for (let i = 0; i < ns; i++) {
      lnC[i] = Math.min(Math.max(lnC[i]! + step * r[i]!, -300), 12);
      c[i] = Math.exp(lnC[i]!);
    }
    for (let k = 0; k < np; k++) {
      slack[k]! += step * dSlack[k]!;
      amount[k]! += step * dAmount[k]!;
    }
    if (worst < 1e-6 && step > 0.9 && gap < 1e-13 * Math.max(1, np)) break;
  }
  const active = [...amount.keys()].filter((k) => amount[k]! > TINY_PHASE && slack[k]! < 1e-2);
  const { solution, off } = polish(problem, rows, { x, lnC, amount, active }, MAX_POLISH);
  if (!(off < 1e-9)) throw new NotConverged(`no equilibrium within 10⁻⁹ after ${iterations} steps (off by ${off})`);
  return { ...solution, iterations: iterations + solution.iterations };
}
