/** Events that may come now, or a problem that says what to do instead. */
import { BenchError } from '#core/bench/error';
import type { CaseState } from '#core/record/case';
import type { CaseEvent, ExaminerEvent } from '#core/record/events';
import { judge } from '#core/record/judge';
import { HttpProblem } from '../http/problem';

/** @throws HttpProblem `bad-input` */
export function judgedOrProblem<E extends CaseEvent | ExaminerEvent>(state: CaseState, event: E): E {
  try {
    return judge(state, event);
  } catch (error) {
    if (error instanceof BenchError) throw new HttpProblem('bad-input', error.message);
    throw error;
  }
}
