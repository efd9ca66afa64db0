/** The cheapest test that settles a conflict. */
import { advise, type Advice } from './advise';
import type { Bounds } from './premises';
import type { StandardTest } from '../scheme/model';
import type { Conflict } from './conflicts';
import type { RecordEntry } from './entries';
import type { Inference } from './infer';
import type { Space } from './space';

/**
 * Weighs the disputed ions back in, evenly, and asks which test that proves one parts those with them from those without.
 * @returns null when no test that is left can.
 */
function settling(space: Space, inference: Inference, conflict: Conflict, bounds: Bounds): Advice | null {
  const weights = inference.weights.slice();
  let withIon = 0;
  let without = 0;
  const has = space.members.map((m) => conflict.ions.some((ion) => m.holds.includes(ion)));
  const floor = 1e-6;
  for (let m = 0; m < weights.length; m++) {
    weights[m] = Math.max(weights[m]!, floor * Math.exp(space.lnPrior[m]! - space.lnPrior[0]!));
    if (has[m]) withIon += weights[m]!;
    else without += weights[m]!;
  }
  if (!withIon || !without) return null;
  for (let m = 0; m < weights.length; m++) weights[m]! *= 0.5 / (has[m] ? withIon : without);
  const asks = (test: StandardTest) =>
    test.signs?.some((s) => s.proves && s.of.some((id) => conflict.ions.includes(id))) === true;
  const [best] = advise(space, { ...inference, weights }, bounds, 1, { isSo: (m) => has[m]!, asks });
  return best ?? null;
}

/** The test that settles a conflict: the best that is left, else the disputed one once more, with a blank. */
export const settlingTest = (
  space: Space,
  inference: Inference,
  entries: readonly RecordEntry[],
  conflict: Conflict,
  bounds: Bounds,
): string => settling(space, inference, conflict, bounds)?.test ?? entries.find((e) => e.number === conflict.entry)!.test;

/** How many of the likeliest are to be told apart. */
const FEW = 4;

/** The test that best parts the likeliest few, weighed alike. @returns null when there is one left, or no test parts them. */
export function parting(space: Space, inference: Inference, bounds: Bounds): Advice | null {
  const order = Array.from(inference.weights.keys()).sort((a, b) => inference.weights[b]! - inference.weights[a]!);
  const few = order.slice(0, FEW).filter((m) => inference.weights[m]! > inference.weights[order[0]!]! / 200);
  if (few.length < 2) return null;
  const weights = new Float64Array(inference.weights.length);
  for (const m of few) weights[m] = 1 / few.length;
  return advise(space, { ...inference, weights }, bounds, 1)[0] ?? null;
}
