/** The plan of a case: what is left of the route on a time line from now on, following what is done and what runs over. */
import { useEffect, useMemo, useState } from 'react';
import type { Schedule } from '#core/planning/schedule';
import { type Planned, type PlanTask, tasksOf } from '#core/planning/tasks';
import type { Station } from '#core/scheme/route';
import { stepsOf } from '#core/scheme/tests';
import type { CaseView } from '#contract';
import { type Decided, useDecided } from './plan';

const TICK_MS = 20000;
const MINUTE_MS = 60000;
/** What runs over is taken to need so much more, min. */
const RUNNING_OVER = 0.5;

export interface Plan {
  /** ISO time of its beginning. */
  readonly from: string;
  readonly tests: readonly Planned[];
  /** Optional tests that are not on it. */
  readonly leftOut: number;
  readonly tasks: readonly PlanTask[];
  readonly schedule: Schedule;
}

const toCome = (route: readonly Station[]) => route.flatMap((s) => s.stops).filter((s) => s.standing.is === 'to-come');

/** All tests to come. */
export function testsToCome(view: Pick<CaseView, 'tests' | 'rules'>, route: readonly Station[]): Planned[] {
  const runs = new Map(view.tests.map((t) => [t.id, t.run?.done ?? 0]));
  const open = toCome(route).filter((s) => !s.test.optional);
  // Of solvents tried in turn one is enough.
  const turn = open.find((s) => s.test.inTurn);
  return open
    .filter((s) => !s.test.inTurn || s === turn)
    .map(({ test }): Planned => {
      const steps = stepsOf(test, view.rules).length;
      const done = runs.get(test.id) ?? 0;
      return { test, done: Math.min(done, steps) };
    });
}

/** Tasks with what holds them to a time: what a timer runs for, and what the person has fixed. */
function tasksAt(view: CaseView, tests: readonly Planned[], { order, fixed }: Decided, now: number): PlanTask[] {
  const due = new Map(view.timers.flatMap((t) => (t.test ? [[t.test, new Date(t.due).getTime()] as const] : [])));
  const firsts = new Set<string>();
  return tasksOf(tests, view.rules, order).map((task): PlanTask => {
    const first = !firsts.has(task.test);
    firsts.add(task.test);
    if (!first) return task;
    const rings = due.get(task.test);
    if (rings !== undefined)
      return { ...task, minutes: Math.max(RUNNING_OVER, (rings - now) / MINUTE_MS), uses: [], fixedAt: 0, after: [] };
    const at = fixed[task.test];
    const minutes = at === undefined ? -1 : (new Date(at).getTime() - now) / MINUTE_MS;
    return minutes >= 0 ? { ...task, fixedAt: minutes } : task;
  });
}

function useNow(): number {
  const [now, setNow] = useState(Date.now);
  useEffect(() => {
    const tick = setInterval(() => setNow(Date.now()), TICK_MS);
    return () => clearInterval(tick);
  }, []);
  return now;
}

interface Answer {
  readonly turn: number;
  readonly schedule?: Schedule;
}

/** One step comes after another at the bench: a plan is made when they pause. */
const SETTLED_MS = 400;

/** One worker for the page; only the newest question counts. */
let worker: Worker | null = null;
let turns = 0;

function ask(tasks: readonly PlanTask[], order: readonly string[], told: (schedule: Schedule) => void): () => void {
  worker ??= new Worker(new URL('./plan.worker.ts', import.meta.url), { type: 'module' });
  const turn = ++turns;
  const hear = ({ data }: MessageEvent<Answer>) => {
    if (data.turn === turn && data.schedule) told(data.schedule);
  };
  worker.addEventListener('message', hear);
  // The path of the scheme is kept where nothing is gained by leaving it.
  const tests = [...new Set([...order, ...tasks.map((t) => t.test)])];
  const priority = tasks.map((t) => [t.id, tests.length - tests.indexOf(t.test)] as const);
  const asking = setTimeout(() => worker?.postMessage({ turn, tasks, priority }), SETTLED_MS);
  return () => {
    clearTimeout(asking);
    worker?.removeEventListener('message', hear);
  };
}

/** Null until it is worked out, and where nothing is left to do. */
export function usePlan(view: CaseView, route: readonly Station[]): Plan | null {
  const { decided } = useDecided(view.summary.id);
  const now = useNow();
  const tests = useMemo(() => testsToCome(view, route), [view, route]);
  const tasks = useMemo(() => tasksAt(view, tests, decided, now), [view, tests, decided, now]);
  const leftOut = useMemo(() => toCome(route).filter((s) => s.test.optional).length, [route]);
  const [plan, setPlan] = useState<Plan | null>(null);
  useEffect(() => {
    if (!tasks.length) return;
    return ask(tasks, decided.order, (schedule) =>
      setPlan({ from: new Date(now).toISOString(), tests, leftOut, tasks, schedule }),
    );
  }, [tasks, tests, leftOut, decided.order, now]);
  return tasks.length ? plan : null;
}

export interface PlannedTest {
  readonly id: string;
  readonly title: string;
  /** Minutes from the beginning of the plan. */
  readonly start: number;
  readonly end: number;
  readonly tasks: readonly PlanTask[];
}

/** The tests of a plan in the order in which they begin. */
export function testsInOrder({ tests, tasks, schedule }: Plan): PlannedTest[] {
  return tests
    .flatMap(({ test }): PlannedTest[] => {
      const own = tasks.filter((t) => t.test === test.id && schedule.starts.has(t.id));
      if (!own.length) return [];
      const starts = own.map((t) => schedule.starts.get(t.id)!);
      const ends = own.map((t) => schedule.starts.get(t.id)! + t.minutes);
      return [{ id: test.id, title: test.title, start: Math.min(...starts), end: Math.max(...ends), tasks: own }];
    })
    .sort((a, b) => a.start - b.start);
}

/** What hands should do now, and what runs by itself meanwhile. */
export function nextThing({ tasks, schedule }: Plan): { next: PlanTask; meanwhile: PlanTask | null } | null {
  const byStart = [...tasks].sort((a, b) => schedule.starts.get(a.id)! - schedule.starts.get(b.id)!);
  const next = byStart.find((t) => t.uses.includes('hands'));
  if (!next) return null;
  const at = schedule.starts.get(next.id)!;
  const runs = byStart.find((t) => {
    const start = schedule.starts.get(t.id)!;
    return !t.uses.includes('hands') && start <= at && start + t.minutes > at;
  });
  return { next, meanwhile: runs ?? null };
}
