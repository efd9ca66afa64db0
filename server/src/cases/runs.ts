/** How far each standard test has been worked: read from the operations, so that nothing is lost on reload. */
import type { DoneOperation } from '#core/record/case';
import type { CaseView } from '#contract';

export function runsOf(operations: readonly DoneOperation[]): CaseView['runs'] {
  const runs: CaseView['runs'] = {};
  for (const { test, run } of operations) {
    if (test === undefined || run === undefined) continue;
    runs[test] = { id: run.id, done: run.step + 1, tubes: run.tubes };
  }
  return runs;
}
