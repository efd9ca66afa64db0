/** The steps of tests as tasks on a time line: what each keeps busy, and what must be done before it. */
import type { Op } from '../bench/ops';
import { calledVessel } from '../report/flow';
import { isDangerous } from '../scheme/needs';
import type { StandardTest } from '../scheme/model';
import type { HouseRules } from '../scheme/rules';
import { sayOp, waitOf } from '../scheme/say';
import { isFresh, schemeOf, sharedPlaces, startsOf, stepsOf } from '../scheme/tests';
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

/** Which tests of a plan each waits for: makers of the tubes it starts from, and those that decide whether it is worth doing. */
function waitsOf(tests: readonly Planned[], rules: HouseRules): Map<string, string[]> {
  const makers = new Map<string, string[]>();
  for (const { test } of tests) for (const place of test.makes ?? []) makers.set(place, [...(makers.get(place) ?? []), test.id]);
  // Of two that make or decide the same, the ones before it on the path count.
  const earlier = new Set<string>();
  return new Map(
    tests.map(({ test }) => {
      const made = needsOf(test, rules).flatMap((place) => makers.get(place) ?? []);
      const waits = [...made, ...(test.when?.tests ?? []), ...(test.after ?? [])].filter((id) => earlier.has(id));
      earlier.add(test.id);
      return [test.id, [...new Set(waits)]];
    }),
  );
}

/** Does a test wait for another, by itself or by what it waits for? */
function waitsFor(test: string, other: string, waits: ReadonlyMap<string, readonly string[]>): boolean {
  return (waits.get(test) ?? []).some((id) => id === other || waitsFor(id, other, waits));
}

/** Of an order that is asked for, the test before each; what the chemistry forbids is not kept. */
function heldBy(order: readonly string[], waits: ReadonlyMap<string, readonly string[]>): Map<string, string> {
  const all = new Map(waits);
  const held = new Map<string, string>();
  const asked = order.filter((id) => waits.has(id));
  for (const [i, id] of asked.entries()) {
    const previous = asked[i - 1];
    if (previous === undefined || waitsFor(previous, id, all)) continue;
    held.set(id, previous);
    all.set(id, [...all.get(id)!, previous]);
  }
  return held;
}

/**
 * All tasks of some tests, in the order of their path.
 * @param order tests that are to be begun in this order.
 */
export function tasksOf(tests: readonly Planned[], rules: HouseRules, order: readonly string[] = []): PlanTask[] {
  const waits = waitsOf(tests, rules);
  const held = heldBy(order, waits);
  const blocks = new Map(tests.map((planned) => [planned.test.id, tasksOfTest(planned, rules)]));
  return [...blocks].flatMap(([id, [head, ...rest]]) => {
    const previous = held.get(id);
    const begun = previous === undefined ? [] : [blocks.get(previous)![0]!.id];
    return [{ ...head!, after: [...new Set([...waits.get(id)!.map(lastTask), ...begun])] }, ...rest];
  });
}
