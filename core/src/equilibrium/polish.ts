/** The last of the way to an equilibrium: Newton's method on the phases that are there. */
import { addScaled, dot, solveSymmetric, type Sparse } from './linear';
import { largestOf, longestStep, type Problem, REGULAR, type Rows, type Solution } from './problem';

export interface State {
  /** ln activity of each component. */
  readonly x: Float64Array;
  /** ln of the concentration of each species, mol/L. */
  readonly lnC: Float64Array;
  /** Amount of each phase, mol per litre of solution. */
  readonly amount: Float64Array;
  /** Phases that are there. */
  readonly active: readonly number[];
}

/** Newton's method with the active phases held at saturation; phases come and go until all is in order. Changes `at`. */
export function polish(
  problem: Problem,
  { nu, pnu }: Rows,
  at: State,
  most: number,
): { solution: Solution; off: number; settled: boolean } {
  const n = problem.totals.length;
  const ns = problem.lnBeta.length;
  const np = problem.phaseLnK.length;
  const { totals, lnBeta, phaseLnK } = problem;
  const c = new Float64Array(ns);
  const r = new Float64Array(ns);
  const lnGamma = new Float64Array(ns);
  const steep = new Float64Array(ns);
  const { x, lnC } = at;
  const amount = new Float64Array(np);
  let active = at.active;
  for (const k of active) amount[k] = at.amount[k]!;
  for (let i = 0; i < ns; i++) c[i] = Math.exp(lnC[i]!);
  const { start, col, val } = nu;
  const largest = largestOf(totals);
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
    b.set(totals);
    for (let j = 0; j < n; j++) a[j * width + j] = REGULAR;
    // Here the solver spends its time: a row's entries are gone through once for all that they go into.
    for (let i = 0; i < ns; i++) {
      const from = start[i]!;
      const to = start[i + 1]!;
      let known = 0;
      for (let k = from; k < to; k++) known += val[k]! * x[col[k]!]!;
      const residual = lnBeta[i]! - lnGamma[i]! + known - lnC[i]!;
      r[i] = residual;
      const soft = 1 / (1 + steep[i]!);
      const weight = c[i]! * soft;
      const taken = c[i]! * (1 + residual * soft);
      for (let k = from; k < to; k++) {
        const j = col[k]!;
        const count = val[k]!;
        const row = j * width;
        const w = weight * count;
        for (let l = from; l < to; l++) a[row + col[l]!]! += w * val[l]!;
        b[j]! -= taken * count;
        size[j]! += Math.abs(count) * c[i]!;
      }
    }
    for (let row = 0; row < active.length; row++) {
      const phase = active[row]!;
      addScaled(pnu, phase, -amount[phase]!, b);
      for (let k = pnu.start[phase]!; k < pnu.start[phase + 1]!; k++) {
        const j = pnu.col[k]!;
        size[j]! += Math.abs(pnu.val[k]!) * Math.abs(amount[phase]!);
        a[j * width + n + row] = a[(n + row) * width + j] = pnu.val[k]!;
      }
      b[n + row] = phaseLnK[phase]! - dot(pnu, phase, x);
    }
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
    for (let i = 0; i < ns; i++) r[i] = (r[i]! + dot(nu, i, b)) / (1 + steep[i]!);
    const step = longestStep(r, c, lnC, largest);
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
