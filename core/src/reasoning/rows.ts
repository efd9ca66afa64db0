/** Rows of numbers, one for every member of a space. */

/** Adds to every number the one in the same place. */
export function add(to: Float64Array, more: Float64Array): void {
  for (let m = 0; m < to.length; m++) to[m]! += more[m]!;
}

/** Subtracts from every number the one in the same place. */
export function subtract(from: Float64Array, less: Float64Array): void {
  for (let m = 0; m < from.length; m++) from[m]! -= less[m]!;
}

/** Place of the greatest. */
export function placeOfMost(row: Float64Array): number {
  let most = 0;
  for (let m = 1; m < row.length; m++) if (row[m]! > row[most]!) most = m;
  return most;
}
