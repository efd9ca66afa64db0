/**
 * The textbook way to the same equilibrium: Newton's method in ln activity with small steps, one phase added or dropped
 * at a time. Slow and plain; it is here to check the solver's answers and to measure it against.
 */
import type { Problem } from '#core/equilibrium/problem';

function eliminate(a: number[][], b: number[]): number[] {
  const n = b.length;
  const rows = a.map((row, i) => [...row, b[i]!]);
  for (let k = 0; k < n; k++) {
    const p = rows.slice(k).reduce((best, row, i) => (Math.abs(row[k]!) > Math.abs(rows[best]![k]!) ? i + k : best), k);
    [rows[k], rows[p]] = [rows[p]!, rows[k]!];
    for (let i = k + 1; i < n; i++) {
      const f = rows[i]![k]! / rows[k]![k]!;
      for (let j = k; j <= n; j++) rows[i]![j]! -= f * rows[k]![j]!;
    }
  }
  const x = new Array<number>(n).fill(0);
  for (let i = n - 1; i >= 0; i--) {
    let s = rows[i]![n]!;
    for (let j = i + 1; j < n; j++) s -= rows[i]![j]! * x[j]!;
    x[i] = s / rows[i]![i]!;
  }
  return x;
}

export function solvePlainly(problem: Problem): { lnActivity: number[]; concentrations: number[]; phases: number[] } {
  const n = problem.totals.length;
  const ns = problem.lnBeta.length;
  const np = problem.phaseLnK.length;
  const nu = (i: number, j: number) => problem.nu[i * n + j]!;
  const pnu = (k: number, j: number) => problem.phaseNu[k * n + j]!;
  const lnGamma = new Float64Array(ns);
  const steep = new Float64Array(ns);
  const x = Array.from(problem.totals, (t) => Math.log(Math.max(Math.abs(t), 1e-9)) - 5);
  const amount = new Array<number>(np).fill(0);
  let active: number[] = [];
  const c = new Float64Array(ns);
  const lnC = (i: number) => {
    let s = problem.lnBeta[i]! - lnGamma[i]!;
    for (let j = 0; j < n; j++) s += nu(i, j) * x[j]!;
    return Math.min(s, 9);
  };
  for (let round = 0; round < 6000; round++) {
    for (let i = 0; i < ns; i++) c[i] = Math.exp(lnC(i));
    problem.activity(c, lnGamma, steep);
    for (let i = 0; i < ns; i++) c[i] = Math.exp(lnC(i));
    const size = n + active.length;
    const a = Array.from({ length: size }, () => new Array<number>(size).fill(0));
    const b = new Array<number>(size).fill(0);
    const scale = new Array<number>(n).fill(1e-14);
    for (let j = 0; j < n; j++) {
      b[j] = problem.totals[j]!;
      a[j]![j] = 1e-14;
    }
    for (let i = 0; i < ns; i++)
      for (let j = 0; j < n; j++) {
        if (!nu(i, j)) continue;
        b[j]! -= nu(i, j) * c[i]!;
        scale[j]! += Math.abs(nu(i, j)) * c[i]!;
        for (let l = 0; l < n; l++) a[j]![l]! += (nu(i, j) * nu(i, l) * c[i]!) / (1 + steep[i]!);
      }
    active.forEach((k, row) => {
      let s = problem.phaseLnK[k]!;
      for (let j = 0; j < n; j++) {
        b[j]! -= pnu(k, j) * amount[k]!;
        scale[j]! += Math.abs(pnu(k, j) * amount[k]!);
        a[j]![n + row] = a[n + row]![j] = pnu(k, j);
        s -= pnu(k, j) * x[j]!;
      }
      b[n + row] = s;
    });
    const off = Math.max(...b.map((v, j) => Math.abs(v) / (j < n ? scale[j]! : 1)));
    if (off < 1e-10) {
      const negative = active.filter((k) => amount[k]! < -1e-12);
      const worst = negative.sort((p, q) => amount[p]! - amount[q]!)[0];
      if (worst !== undefined) {
        amount[worst] = 0;
        active = active.filter((k) => k !== worst);
        continue;
      }
      const over = Array.from(problem.phaseLnK, (k, i) => x.reduce((s, v, j) => s + pnu(i, j) * v, -k));
      const most = over.reduce((m, v, k) => (!active.includes(k) && v > (m < 0 ? 1e-8 : over[m]!) ? k : m), -1);
      if (most < 0) return { lnActivity: x, concentrations: [...c], phases: amount };
      active.push(most);
      continue;
    }
    const step = eliminate(a, b);
    const largest = Math.max(...step.slice(0, n).map(Math.abs));
    const damp = largest > 1 ? 1 / largest : 1;
    for (let j = 0; j < n; j++) x[j]! += damp * step[j]!;
    active.forEach((k, row) => (amount[k]! += damp * step[n + row]!));
  }
  throw new Error('the plain solver did not arrive');
}
