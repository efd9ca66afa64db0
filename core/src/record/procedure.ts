/** What an entry of a case speaks of, as a procedure: its operations, and those that made what they were done on. */
import { madeBefore, type Procedure, standardTestOf, titleOfProcedure } from '../scheme/procedure';
import { schoolOf } from '../scheme/rules';
import { FREE_WORK, testTitle } from '../scheme/tests';
import type { CaseState, Entry } from './state';

/**
 * @param operations sequence numbers of the operations of the entry.
 * @returns null where the entry speaks of none.
 */
export function procedureIn(
  { operations: done }: Pick<CaseState, 'operations'>,
  operations: readonly number[],
): Procedure | null {
  const first = operations[0];
  if (first === undefined) return null;
  const own = done.filter((o) => operations.includes(o.seq)).map((o) => o.op);
  const earlier = done.filter((o) => o.seq < first && o.result !== null).map((o) => o.op);
  return { before: madeBefore(earlier, own), own };
}

/** What an entry is called: in free work by the standard test that was done in all but name, or by its bottles. */
export function entryTitle(
  state: Pick<CaseState, 'operations' | 'rules' | 'subject'>,
  { test, working }: Pick<Entry, 'test' | 'working'>,
): string {
  const did = test === FREE_WORK ? procedureIn(state, working.operations) : null;
  if (!did) return testTitle(test);
  const scheme = state.subject.matter === 'compound' ? 'organic' : schoolOf(state.rules);
  return standardTestOf(did, scheme, state.rules)?.title ?? titleOfProcedure(did);
}
