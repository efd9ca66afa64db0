/** Sealed work has its terms: until when, with which tests, and what is the instructor's to do. */
import type { CaseEvent } from '#core/record/events';
import type { CaseState } from '#core/record/case';
import { whyForbidden } from '#core/scheme/forbidden';
import type { HouseRules } from '#core/scheme/rules';
import { testById } from '#core/scheme/tests';
import type { Queryable } from '../db/pool';
import { HttpProblem } from '../http/problem';
import { findSet } from './store';

/** The rules of the house where only these tests may be done, so that the bench leaves out all others; null for all. */
export const onlyTests = (rules: HouseRules, tests: readonly string[] | null): HouseRules =>
  tests === null
    ? rules
    : {
        ...rules,
        restrictedTests: [...testById.keys()].filter((t) => !tests.includes(t) || rules.restrictedTests.includes(t)),
      };

/** @throws HttpProblem saying what holds. */
export async function withinTerms(
  db: Queryable,
  set: string,
  { rules, subject }: Pick<CaseState, 'rules' | 'subject'>,
  event: CaseEvent,
): Promise<void> {
  const work = (await findSet(db, set))!;
  if (event.kind === 'opened-up') throw new HttpProblem('forbidden', 'Your instructor shows what it was, once it is marked.');
  if (event.kind === 'rules') throw new HttpProblem('forbidden', 'This work is done by the rules with which it was set.');
  if (work.gone) throw new HttpProblem('bad-input', 'This work was taken back; ask your instructor.');
  if (work.closes_at !== null && work.closes_at.getTime() <= Date.now() && event.kind !== 'timer-done')
    throw new HttpProblem(
      'bad-input',
      'The time for this work is over; what you wrote is kept. Ask your instructor for more time.',
    );
  if (event.kind === 'operation') {
    const why = whyForbidden(event.payload.op, rules, subject.kind === 'simulated');
    if (why) throw new HttpProblem('bad-input', `op: ${why}`);
  }
  const { tests } = work.terms;
  if (tests === null || (event.kind !== 'operation' && event.kind !== 'entry')) return;
  const { test } = event.payload;
  if (test === undefined || !tests.includes(test))
    throw new HttpProblem('bad-input', 'test: this test is not allowed in this work; choose one of those that are');
}
