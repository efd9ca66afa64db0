/** The steps of tests as tasks on a time line: what each keeps busy, and what must be done before it. */
import type { Op } from '../bench/ops';
import { calledVessel } from '../report/flow';
import { isDangerous } from '../scheme/needs';
import type { StandardTest } from '../scheme/model';
import type { HouseRules } from '../scheme/rules';
import { sayOp, waitOf } from '../scheme/say';
import { isFresh, schemeOf, sharedPlaces, startsOf, stepsOf, testById } from '../scheme/tests';
import { WARMING, WORK, type WorkRow, WRITING } from './data/work';
import type { Resource, Task } from './schedule';

export interface PlanTask extends Task {
  readonly test: string;
  /** What is done, as a sentence. */
  readonly says: string;
}

/** A test of the plan, and how many of its steps are done. */
export interface Planned {
  readonly test: StandardTest;
  readonly done: number;
}

function workOf(op: Op): WorkRow {
  if (op.op === 'heat') return { ...(op.to === 'warm' ? WARMING : WORK.heat), minutes: op.minutes ?? 1 };
  if (op.op === 'stand' || op.op === 'pass') return { ...WORK[op.op], minutes: WORK[op.op].minutes + op.minutes };
  if (op.op === 'fuse') return { ...WORK.fuse, minutes: WORK.fuse.minutes + op.gentle_minutes };
  return WORK[op.op];
}

/** The task that ends a test. */
export const lastTask = (test: string): string => `${test}/write`;

function tasksOfTest({ test, done }: Planned, rules: HouseRules): PlanTask[] {
  const hood: readonly Resource[] = isDangerous(test, rules) ? ['hood'] : [];
  const out: PlanTask[] = [];
  const put = (id: string, says: string, { minutes, uses }: WorkRow, danger = hood) => {
    const before = out.at(-1)?.id;
    const all = uses.includes('hands') ? [...new Set([...uses, ...danger])] : uses;
    out.push({ id, test: test.id, group: test.id, says, minutes, uses: all, after: before === undefined ? [] : [before] });
  };
  const start = startsOf(test, schemeOf(test, rules))[0] ?? '@';
  const called = (id: string) => (isFresh(id) ? 'a fresh tube' : calledVessel(id === '@' ? start : id));
  for (const [i, { op, say }] of stepsOf(test, rules).entries()) {
    if (i < done) continue;
    const says = say ?? sayOp(op, called);
    put(`${test.id}/${i}`, says, workOf(op));
    if (op.op === 'test' && waitOf(op)) put(`${test.id}/${i}/wait`, 'Let it stand.', { minutes: waitOf(op), uses: [] });
  }
  put(lastTask(test.id), 'Write down what you saw.', WRITING, []);
  return out;
}

/** Shared tubes that a test works on and does not make. */
function needsOf(test: StandardTest, rules: HouseRules): string[] {
  const starts = startsOf(test, schemeOf(test, rules));
  return [...new Set([...starts, ...sharedPlaces(test, rules)])].filter((p) => !test.makes?.includes(p));
}

/**
 * All tasks of some tests. A test waits for those that make the tubes it starts from and for those that decide whether it is
 * worth doing.
 * @param order tests that are to be begun in this order.
 */
export function tasksOf(tests: readonly Planned[], rules: HouseRules, order: readonly string[] = []): PlanTask[] {
  const there = new Set(tests.map((t) => t.test.id));
  const makers = new Map<string, string[]>();
  for (const { test } of tests) for (const place of test.makes ?? []) makers.set(place, [...(makers.get(place) ?? []), test.id]);
  const at = (id: string) => tests.findIndex((t) => t.test.id === id);
  const first = new Map<string, string>();
  const blocks = tests.map((planned) => {
    const block = tasksOfTest(planned, rules);
    first.set(planned.test.id, block[0]!.id);
    return block;
  });
  const inOrder = order.filter((id) => there.has(id));
  return tests.flatMap(({ test }, i) => {
    const [head, ...rest] = blocks[i]!;
    // Of two that make or decide the same, the ones before it on the path count.
    const before = (id: string) => id !== test.id && there.has(id) && at(id) < i;
    const waits = [
      ...needsOf(test, rules).flatMap((place) => makers.get(place) ?? []),
      ...(test.when?.tests ?? []),
      ...(test.after ?? []),
    ].filter(before);
    const previous = inOrder[inOrder.indexOf(test.id) - 1];
    const after = [...new Set([...head!.after, ...waits.map(lastTask)])];
    const held = previous !== undefined && !waitsFor(previous, test.id) ? [first.get(previous)!] : [];
    return [{ ...head!, after: [...new Set([...after, ...held])] }, ...rest];
  });

  function waitsFor(earlier: string, later: string): boolean {
    // An order that the chemistry forbids is not kept.
    return at(later) < at(earlier) && (testById.get(earlier)?.when?.tests.includes(later) ?? false);
  }
}
