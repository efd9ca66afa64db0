import { type Bench, perform } from '#core/bench/bench';
import type { Op } from '#core/bench/ops';
import { observe } from '#core/senses/perceive';
import type { Observation } from '#core/vocabulary/observation';

/** One operation, and what a person at the bench notices of it. */
export function doAndSee(before: Bench, op: Op): { readonly bench: Bench; readonly see: readonly Observation[] } {
  const { bench, happened } = perform(before, op);
  return { bench, see: observe(happened) };
}
