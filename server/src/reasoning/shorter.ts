/** A shorter way: the path of the solver that picks the best next test, from the same start, on the same sample. */
import type { SampleSpec } from '#core/bench/sample';
import { solve } from '#core/reasoning/solve';
import { perfect } from '#core/reasoning/student';
import type { WayView } from '#contract';
import { placed } from '../../../atlas/src/placed';

/** Null for what stands nowhere among single salts and compounds: mixtures take the solver too long. */
export async function shorterWay(sample: SampleSpec): Promise<WayView | null> {
  if ('solution' in sample || 'compounds' in sample || ('salts' in sample && sample.salts.length > 1)) return null;
  const [at] = await placed([sample]);
  if (!at || at.space.members[at.member]!.composed) return null;
  const { log, minutes } = solve(at.space, sample, 'advised', perfect);
  return { tests: log.map((l) => l.test), minutes: Math.round(minutes) };
}
