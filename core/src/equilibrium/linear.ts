/** Linear algebra of the solver: small dense systems, and rows of stoichiometry of which most entries are zero. */

/** Kept from one system to the next: making it anew would take as long as solving a small one. */
let scale = new Float64Array(32);

/** Solves A x = b in place for a symmetric matrix, by Gaussian elimination after scaling; false when it is singular. */
export function solveSymmetric(a: Float64Array, b: Float64Array, n: number): boolean {
  if (scale.length < n) scale = new Float64Array(2 * n);
  for (let i = 0; i < n; i++) scale[i] = 1 / Math.sqrt(Math.abs(a[i * n + i]!) || 1);
  for (let i = 0, at = 0; i < n; i++) {
    const mine = scale[i]!;
    for (let j = 0; j < n; j++, at++) if (a[at] !== 0) a[at]! *= mine * scale[j]!;
    b[i]! *= mine;
  }
  // With partial pivoting: the polish system is indefinite.
  for (let k = 0; k < n; k++) {
    const rowK = k * n;
    let p = k;
    let pivot = a[rowK + k]!;
    for (let i = k + 1, at = rowK + n + k; i < n; i++, at += n)
      if (Math.abs(a[at]!) > Math.abs(pivot)) {
        p = i;
        pivot = a[at]!;
      }
    if (!(Math.abs(pivot) > 1e-15)) return false;
    if (p !== k) {
      const rowP = p * n;
      for (let j = k; j < n; j++) {
        const t = a[rowK + j]!;
        a[rowK + j] = a[rowP + j]!;
        a[rowP + j] = t;
      }
      const t = b[k]!;
      b[k] = b[p]!;
      b[p] = t;
    }
    for (let i = k + 1; i < n; i++) {
      const row = i * n;
      const f = a[row + k]! / pivot;
      if (f === 0) continue;
      for (let j = k + 1; j < n; j++) a[row + j]! -= f * a[rowK + j]!;
      b[i]! -= f * b[k]!;
    }
  }
  for (let i = n - 1; i >= 0; i--) {
    const row = i * n;
    let s = b[i]!;
    for (let j = i + 1; j < n; j++) s -= a[row + j]! * b[j]!;
    b[i] = s / a[row + i]!;
  }
  for (let i = 0; i < n; i++) b[i]! *= scale[i]!;
  return true;
}

/** Non-zero entries of each row of a stoichiometry matrix, flattened for the inner loops; of a matrix that comes again, read once. */
export function sparse(nu: Float64Array, rows: number, n: number): Sparse {
  let read = readBefore.get(nu);
  if (!read) readBefore.set(nu, (read = readSparse(nu, rows, n)));
  return read;
}

function readSparse(nu: Float64Array, rows: number, n: number) {
  const start = new Int32Array(rows + 1);
  const col: number[] = [];
  const val: number[] = [];
  for (let i = 0; i < rows; i++) {
    for (let j = 0; j < n; j++) {
      const v = nu[i * n + j]!;
      if (v !== 0) {
        col.push(j);
        val.push(v);
      }
    }
    start[i + 1] = col.length;
  }
  return { start, col: Int32Array.from(col), val: Float64Array.from(val) };
}

export type Sparse = ReturnType<typeof readSparse>;
const readBefore = new WeakMap<Float64Array, Sparse>();

export function dot(m: Sparse, row: number, x: Float64Array): number {
  let s = 0;
  for (let k = m.start[row]!; k < m.start[row + 1]!; k++) s += m.val[k]! * x[m.col[k]!]!;
  return s;
}

export function addOuter(m: Sparse, row: number, weight: number, a: Float64Array, width: number): void {
  for (let k = m.start[row]!; k < m.start[row + 1]!; k++) {
    const base = m.col[k]! * width;
    const w = weight * m.val[k]!;
    for (let l = m.start[row]!; l < m.start[row + 1]!; l++) a[base + m.col[l]!]! += w * m.val[l]!;
  }
}

export function addScaled(m: Sparse, row: number, weight: number, b: Float64Array): void {
  for (let k = m.start[row]!; k < m.start[row + 1]!; k++) b[m.col[k]!]! += weight * m.val[k]!;
}
