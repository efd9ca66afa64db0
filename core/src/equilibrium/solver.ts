/**
 * Chemical equilibrium as a convex problem. With a = ln activity of each component, the equilibrium is the maximum of T·a − Σ c(a)
 * subject to ν·a ≤ ln K for every phase (solid or gas) that may form; the multiplier of a phase's constraint is its amount. Solved by
 * a primal-dual interior point in ln c, then polished by Newton's method on the phases found. Source of the formulation: W. R. Smith
 * and R. W. Missen, Chemical Reaction Equilibrium Analysis, 1982, ch. 4–6. The solver knows numbers only: no ion, no reagent, no
 * temperature.
 */
import { addOuter, addScaled, dot, solveSymmetric, type Sparse, sparse } from './linear';

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

/** The equilibrium was not found; the message says how far off the best attempt was. */
export class NotConverged extends Error {}

const MAX_INTERIOR = 400;
const MAX_POLISH = 200;
/** Rounds after which Newton's method from a state nearby is given up for the interior point. */
const MAX_NEARBY = 25;
/** Most that ln c of a species that counts may rise or fall in one step; falling is safe, rising overshoots. */
const MOST_UP = 2;
const MOST_DOWN = 20;
const TINY_PHASE = 1e-10;
/** mol/L added to the diagonal of Newton's matrix: keeps it regular where two ions of one solid are there in equal amounts. */
const REGULAR = 1e-14;

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

const rowsOf = ({ nu, phaseNu, totals, lnBeta, phaseLnK }: Problem) => ({
  nu: sparse(nu, lnBeta.length, totals.length),
  pnu: sparse(phaseNu, phaseLnK.length, totals.length),
});

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

  let size = 0;
  for (let j = 0; j < n; j++) size = Math.max(size, Math.abs(totals[j]!));
  size = Math.max(size, 1e-7);
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
    let step = 1;
    for (let i = 0; i < ns; i++) {
      const d = (r[i]! + dot(nu, i, rhs)) / (1 + steep[i]!);
      r[i] = d;
      if (c[i]! > size * 1e-8) step = Math.min(step, (d > 0 ? MOST_UP : MOST_DOWN) / Math.abs(d));
      else if (d > 0) step = Math.min(step, Math.max(2, Math.log(size * 1e-4) - lnC[i]!) / d);
    }
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

interface State {
  readonly x: Float64Array;
  readonly lnC: Float64Array;
  readonly amount: Float64Array;
  readonly active: readonly number[];
}

/** Newton's method with the active phases held at saturation; phases come and go until all is in order. Changes `at`. */
function polish(
  problem: Problem,
  { nu, pnu }: { readonly nu: Sparse; readonly pnu: Sparse },
  at: State,
  most: number,
): { solution: Solution; off: number; settled: boolean } {
  const n = problem.totals.length;
  const ns = problem.lnBeta.length;
  const np = problem.phaseLnK.length;
  const c = new Float64Array(ns);
  const r = new Float64Array(ns);
  const lnGamma = new Float64Array(ns);
  const steep = new Float64Array(ns);
  const { x, lnC } = at;
  const amount = new Float64Array(np);
  let active = at.active;
  for (const k of active) amount[k] = at.amount[k]!;
  for (let i = 0; i < ns; i++) c[i] = Math.exp(lnC[i]!);
  const size = new Float64Array(n);
  let a = new Float64Array(0);
  let b = new Float64Array(0);
  let off = Infinity;
  let settled = false;
  let iterations = 0;
  for (let round = 0; round < most; round++) {
    problem.activity(c, lnGamma, steep);
    const width = n + active.length;
    // Kept from round to round: making them anew took two fifths of the solver's time.
    if (b.length !== width) [a, b] = [new Float64Array(width * width), new Float64Array(width)];
    else a.fill(0);
    size.fill(0);
    b.set(problem.totals);
    for (let j = 0; j < n; j++) a[j * width + j] = REGULAR;
    for (let i = 0; i < ns; i++) {
      r[i] = problem.lnBeta[i]! - lnGamma[i]! + dot(nu, i, x) - lnC[i]!;
      const soft = 1 / (1 + steep[i]!);
      addOuter(nu, i, c[i]! * soft, a, width);
      addScaled(nu, i, -c[i]! * (1 + r[i]! * soft), b);
      for (let k = nu.start[i]!; k < nu.start[i + 1]!; k++) size[nu.col[k]!]! += Math.abs(nu.val[k]!) * c[i]!;
    }
    active.forEach((phase, row) => {
      addScaled(pnu, phase, -amount[phase]!, b);
      for (let k = pnu.start[phase]!; k < pnu.start[phase + 1]!; k++) {
        const j = pnu.col[k]!;
        size[j]! += Math.abs(pnu.val[k]!) * Math.abs(amount[phase]!);
        a[j * width + n + row] = a[(n + row) * width + j] = pnu.val[k]!;
      }
      b[n + row] = problem.phaseLnK[phase]! - dot(pnu, phase, x);
    });
    off = 0;
    for (let i = 0; i < ns; i++) if (c[i]! > 1e-9) off = Math.max(off, 0.01 * Math.abs(r[i]!));
    for (let j = 0; j < n; j++) off = Math.max(off, Math.abs(b[j]!) / (size[j]! + 1e-14));
    for (let k = 0; k < active.length; k++) off = Math.max(off, Math.abs(b[n + k]!));
    if (off < 1e-11) {
      const change = exchange(problem, pnu, x, amount, active);
      if (!change) {
        settled = true;
        break;
      }
      active = change;
      continue;
    }
    if (!solveSymmetric(a, b, width)) {
      const weakest = active.reduce((w, k) => (amount[k]! < amount[w]! ? k : w), active[0] ?? -1);
      if (weakest < 0) break;
      amount[weakest] = 0;
      active = active.filter((k) => k !== weakest);
      continue;
    }
    let largest = 0;
    for (let j = 0; j < n; j++) largest = Math.max(largest, 0.4 * Math.abs(b[j]!));
    for (let i = 0; i < ns; i++) {
      r[i] = (r[i]! + dot(nu, i, b)) / (1 + steep[i]!);
      if (c[i]! > 1e-12) largest = Math.max(largest, Math.abs(r[i]!));
    }
    const step = largest > 2 ? 2 / largest : 1;
    for (let j = 0; j < n; j++) x[j]! += step * b[j]!;
    for (let i = 0; i < ns; i++) {
      lnC[i] = Math.min(lnC[i]! + step * r[i]!, 12);
      c[i] = Math.exp(lnC[i]!);
    }
    active.forEach((phase, row) => (amount[phase]! += step * b[n + row]!));
    iterations++;
  }
  for (let k = 0; k < np; k++) amount[k] = Math.max(0, amount[k]!);
  return { solution: { lnActivity: x, concentrations: c, phases: amount, iterations }, off, settled };
}

/** Drops phases whose amount went negative and adds the most supersaturated one; null when all is in order. */
function exchange(
  problem: Problem,
  pnu: Sparse,
  x: Float64Array,
  amount: Float64Array,
  active: readonly number[],
): number[] | null {
  const negative = active.filter((k) => amount[k]! < -1e-13);
  if (negative.length) {
    const worst = negative.reduce((w, k) => (amount[k]! < amount[w]! ? k : w));
    amount[worst] = 0;
    return active.filter((k) => k !== worst);
  }
  let most = -1;
  let excess = 1e-8;
  for (let k = 0; k < problem.phaseLnK.length; k++) {
    if (active.includes(k)) continue;
    const over = dot(pnu, k, x) - problem.phaseLnK[k]!;
    if (over > excess) {
      excess = over;
      most = k;
    }
  }
  return most < 0 ? null : [...active, most];
}
