/** Ions of which a proving sign was written down: the quick word on a case, before any weighing. */
import type { Observation } from '../vocabulary/observation';
import { showsSign, testById } from './tests';

interface WrittenEntry {
  readonly test: string;
  readonly observed: readonly Observation[];
  readonly confidence: 'sure' | 'unsure';
  readonly struck?: unknown;
}

export function shownBy(entries: readonly WrittenEntry[]): string[] {
  const ions = entries
    .filter((e) => !e.struck && e.confidence === 'sure')
    .flatMap((e) => (testById.get(e.test)?.signs ?? []).filter((s) => s.proves && s.of.length === 1 && showsSign(e.observed, s)))
    .flatMap((s) => s.of);
  return [...new Set(ions)];
}
