/**
 * Circumstances under which a test is done, for benches differ: what is added and heated relative to the procedure. The usual first.
 * By judgement: amounts differ by a third, patience by more.
 */
export interface Circumstance {
  readonly amounts: number;
  readonly time: number;
}

export const CIRCUMSTANCES: readonly Circumstance[] = [
  { amounts: 1, time: 1 },
  { amounts: 0.65, time: 0.6 },
  { amounts: 1.5, time: 1.6 },
];
