/** Ions of which a proving sign was written down: the quick word on a case, before any weighing. */
import type { Entry } from '../record/case';
import { showsSign, testById } from '../scheme/tests';

export function shownBy(entries: readonly Entry[]): string[] {
  const ions = entries
    .filter((e) => !e.struck && e.confidence === 'sure')
    .flatMap((e) => (testById.get(e.test)?.signs ?? []).filter((s) => s.proves && s.of.length === 1 && showsSign(e.observed, s)))
    .flatMap((s) => s.of);
  return [...new Set(ions)];
}
