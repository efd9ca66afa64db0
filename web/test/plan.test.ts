import { ONE_BENCH, schedule } from '#core/planning/schedule';
import { tasksOf } from '#core/planning/tasks';
import { seeded } from '#core/reasoning/student';
import { DEFAULT_RULES } from '#core/scheme/rules';
import { routeOf } from '#core/scheme/route';
import { testById } from '#core/scheme/tests';
import { readUnknowns } from '../src/state/preparing';
import { nextThing, type Plan, testsInOrder, testsToCome } from '../src/state/use-plan';

/** A plan of these tests; a timer runs for the first step of some. */
function planOf(ids: readonly string[], running: Readonly<Record<string, number>> = {}): Plan {
  const tests = ids.map((id) => ({ test: testById.get(id)!, done: 0 }));
  const seen = new Set<string>();
  const tasks = tasksOf(tests, DEFAULT_RULES).map((t) => {
    const minutes = seen.has(t.test) ? undefined : running[t.test];
    seen.add(t.test);
    return minutes === undefined ? t : { ...t, minutes, uses: [], fixedAt: 0, after: [] };
  });
  return {
    from: '2026-12-03T09:00:00.000Z',
    tests,
    leftOut: 0,
    tasks,
    schedule: schedule(tasks, ONE_BENCH, { random: seeded(1) }),
  };
}

test('tests stand in the order in which they begin, each from its first step to its last', () => {
  const plan = planOf(['solution-water', 'flame', 'carbonate-extract', 'silver-acid']);
  const order = testsInOrder(plan);
  expect(order.map((t) => t.start)).toEqual([...order.map((t) => t.start)].sort((a, b) => a - b));
  expect(new Set(order.map((t) => t.id))).toEqual(new Set(plan.tests.map((t) => t.test.id)));
  for (const t of order) {
    expect(t.end - t.start).toBeGreaterThanOrEqual(t.tasks.reduce((sum, s) => sum + s.minutes, 0) - 1e-9);
    expect(t.tasks.at(-1)!.says).toBe('Write down what you saw.');
  }
});

test('everything that is to come is planned, to the end of the route', () => {
  const route = routeOf([], DEFAULT_RULES, true);
  const stops = route.flatMap((s) => s.stops).filter((s) => s.standing.is === 'to-come' && !s.test.optional);
  const planned = testsToCome({ tests: [], rules: DEFAULT_RULES }, route).map((p) => p.test.id);
  expect(planned.length).toBeGreaterThan(100);
  const solvents = stops.filter((s) => s.test.inTurn).length;
  expect(planned).toHaveLength(stops.length - solvents + 1);
  const order = testsInOrder(planOf(planned));
  expect(new Set(order.map((t) => t.id))).toEqual(new Set(planned));
});

test('the next thing is what hands can do; what runs by itself is named beside it', () => {
  const plain = nextThing(planOf(['flame', 'look']))!;
  expect(plain.next.uses).toContain('hands');
  expect(plain.meanwhile).toBeNull();
  const standing = nextThing(planOf(['hydroxide', 'flame'], { hydroxide: 12 }))!;
  expect(standing.next.test).toBe('flame');
  expect(standing.meanwhile).toMatchObject({ test: 'hydroxide', minutes: 12 });
});

test('unknowns are read a line each, however the grams are written; the first that cannot be is named', () => {
  expect(readUnknowns('KBr 2\n\n ZnSO4·7H2O, 1,5 g\nKCl with NaCl; 0.8g\n')).toEqual({
    wrong: null,
    unknowns: [
      { sample: 'KBr', grams: 2 },
      { sample: 'ZnSO4·7H2O', grams: 1.5 },
      { sample: 'KCl with NaCl', grams: 0.8 },
    ],
  });
  for (const [text, wrong] of [
    ['KBr', 1],
    ['KBr 2\nNaCl 0', 2],
    ['KBr 2\n2', 2],
  ] as const)
    expect(readUnknowns(text).wrong).toBe(wrong);
});
