import fc from 'fast-check';
import {
  type Capacities,
  ONE_BENCH,
  type Resource,
  RESOURCES,
  schedule,
  type Schedule,
  type Task,
} from '#core/planning/schedule';
import { budgetOf } from '#core/planning/budget';
import { lastTask, tasksOf } from '#core/planning/tasks';
import { DEFAULT_RULES } from '#core/scheme/rules';
import { testById } from '#core/scheme/tests';
import { seeded } from '#core/reasoning/student';

const task = (id: string, minutes: number, uses: readonly Resource[], after: readonly string[] = [], fixedAt?: number): Task => ({
  id,
  minutes,
  uses,
  after,
  ...(fixedAt !== undefined && { fixedAt }),
});

/** Tasks that wait only for earlier ones. */
const plans = (most: number) =>
  fc
    .array(
      fc.record({
        minutes: fc.integer({ min: 1, max: 12 }),
        uses: fc.uniqueArray(fc.constantFrom(...RESOURCES), { maxLength: 2 }),
        waits: fc.array(fc.nat(), { maxLength: 2 }),
      }),
      { minLength: 1, maxLength: most },
    )
    .map((list) =>
      list.map(({ minutes, uses, waits }, i) =>
        task(`t${i}`, minutes, uses, i ? [...new Set(waits.map((w) => `t${w % i}`))] : []),
      ),
    );

/** What is wrong with a schedule, worked out minute by minute. */
function wrong(tasks: readonly Task[], capacities: Capacities, { starts }: Schedule): string[] {
  const out: string[] = [];
  const byId = new Map(tasks.map((t) => [t.id, t]));
  for (const t of tasks) {
    for (const before of t.after)
      if (starts.get(t.id)! < starts.get(before)! + byId.get(before)!.minutes - 1e-9) out.push(`${t.id} before ${before}`);
    for (const r of RESOURCES) {
      const at = starts.get(t.id)!;
      const there = tasks.filter((o) => o.uses.includes(r) && starts.get(o.id)! <= at && at < starts.get(o.id)! + o.minutes);
      if (there.length > capacities[r]) out.push(`${r} at ${at}`);
    }
  }
  return out;
}

test('every schedule keeps order and capacities, is no later than one thing after another, and no earlier than its bound', () => {
  fc.assert(
    fc.property(plans(25), fc.nat(), (tasks, seed) => {
      const found = schedule(tasks, ONE_BENCH, { random: seeded(seed), rounds: 30 });
      expect(wrong(tasks, ONE_BENCH, found)).toEqual([]);
      expect(found.minutes).toBeLessThanOrEqual(found.oneByOne);
      expect(found.minutes).toBeGreaterThanOrEqual(found.bound - 1e-9);
      expect(schedule(tasks, ONE_BENCH, { random: seeded(seed), rounds: 30 })).toEqual(found);
    }),
    { numRuns: 150 },
  );
});

test('what is fixed stays where it is; what it needs goes before it, and it is said when that cannot be', () => {
  fc.assert(
    fc.property(plans(12), fc.nat(), fc.integer({ min: 0, max: 60 }), (tasks, which, at) => {
      const fixed = tasks.map((t, i) => (i === which % tasks.length ? { ...t, fixedAt: at } : t));
      const id = fixed[which % tasks.length]!.id;
      const found = schedule(fixed, ONE_BENCH, { random: seeded(1), rounds: 20 });
      expect(found.starts.get(id)).toBe(at);
      const early = wrong(fixed, ONE_BENCH, found).filter((w) => w.includes('before'));
      expect(early.every((w) => w.startsWith(id))).toBe(true);
      expect(found.tooEarly.includes(id)).toBe(early.length > 0);
    }),
    { numRuns: 100 },
  );
});

/** The shortest there is: among all orders, since some order gives an optimum by earliest times. */
function shortest(tasks: readonly Task[]): number {
  let best = Infinity;
  const priority = new Map<string, number>();
  const go = (left: readonly Task[]) => {
    if (!left.length) {
      best = Math.min(best, schedule(tasks, ONE_BENCH, { random: () => 0, rounds: 0 }, priority).minutes);
      return;
    }
    for (const t of left) {
      priority.set(t.id, left.length);
      go(left.filter((o) => o !== t));
    }
  };
  go(tasks);
  return best;
}

test('small plans are within a few per cent of the shortest that there is', () => {
  const shares = fc
    .sample(fc.tuple(plans(6)), { numRuns: 60, seed: 17 })
    .map(([tasks]) => schedule(tasks, ONE_BENCH, { random: seeded(3) }).minutes / shortest(tasks));
  expect(Math.max(...shares)).toBeLessThanOrEqual(1.15);
  expect(shares.reduce((s, v) => s + v, 0) / shares.length).toBeLessThanOrEqual(1.05);
  expect(Math.min(...shares)).toBeGreaterThanOrEqual(1 - 1e-9);
});

test('while one thing stands, another is done', () => {
  const tasks = [
    task('add', 2, ['hands']),
    task('stand', 20, [], ['add']),
    task('look', 1, ['hands'], ['stand']),
    task('other', 15, ['hands']),
  ];
  expect(schedule(tasks, ONE_BENCH, { random: seeded(1) })).toMatchObject({ minutes: 23, bound: 23, oneByOne: 38 });
});

test('a circle, and a task that is not there, are told', () => {
  const search = { random: seeded(1) };
  expect(() => schedule([task('a', 1, [], ['b']), task('b', 1, [], ['a'])], ONE_BENCH, search)).toThrow(/circle/);
  expect(() => schedule([task('a', 1, [], ['x'])], ONE_BENCH, search)).toThrow(/not in the plan/);
});

const byIds = (...ids: string[]) => ids.map((id) => ({ test: testById.get(id)!, done: 0 }));

test('tests wait for the tubes they start from, and for those that decide on them; an order that is asked for is kept', () => {
  const rules = DEFAULT_RULES;
  const ids = ['solution-water', 'flame', 'carbonate-extract', 'silver-acid', 'silver-ammonia', 'barium-acid', 'hydroxide'];
  const startOf = (found: Schedule, id: string) =>
    found.starts.get([...found.starts.keys()].find((k) => k.startsWith(`${id}/`))!)!;
  const made = tasksOf(byIds(...ids), rules);
  const plain = schedule(made, ONE_BENCH, { random: seeded(1) });
  const end = (found: Schedule, id: string) => found.starts.get(lastTask(id))! + 1;
  expect(startOf(plain, 'silver-acid')).toBeGreaterThanOrEqual(end(plain, 'carbonate-extract'));
  expect(startOf(plain, 'silver-ammonia')).toBeGreaterThanOrEqual(end(plain, 'silver-acid'));
  expect(startOf(plain, 'hydroxide')).toBeGreaterThanOrEqual(end(plain, 'solution-water'));
  expect(plain.minutes).toBeLessThan(plain.oneByOne);
  const dragged = schedule(tasksOf(byIds(...ids), rules, ['barium-acid', 'silver-acid']), ONE_BENCH, { random: seeded(1) });
  expect(startOf(dragged, 'barium-acid')).toBeLessThan(startOf(dragged, 'silver-acid'));
  const partly = tasksOf([{ test: testById.get('silver-acid')!, done: 3 }], rules);
  expect(partly.length).toBeLessThan(tasksOf(byIds('silver-acid'), rules).length);
});

test('an order that the chemistry forbids is not kept, and the plan stands all the same', () => {
  const ids = ['solution-water', 'carbonate-extract', 'silver-acid', 'silver-ammonia', 'barium-acid', 'hydroxide'];
  const orders = [
    ['silver-acid', 'carbonate-extract'],
    ['silver-ammonia', 'barium-acid', 'carbonate-extract'],
    ['hydroxide', 'solution-water', 'silver-ammonia', 'silver-acid'],
    [...ids].reverse(),
  ];
  for (const order of orders) {
    const tasks = tasksOf(byIds(...ids), DEFAULT_RULES, order);
    const found = schedule(tasks, ONE_BENCH, { random: seeded(1) });
    expect(found.starts.size).toBe(tasks.length);
    expect(wrong(tasks, ONE_BENCH, found)).toEqual([]);
    const extract = found.starts.get(lastTask('carbonate-extract'))!;
    expect(found.starts.get(lastTask('silver-ammonia'))!).toBeGreaterThan(found.starts.get(lastTask('silver-acid'))!);
    expect(found.starts.get('silver-acid/0')!).toBeGreaterThan(extract);
  }
});

test('before a test would eat into what confirmation needs, it is said, with what to leave out', () => {
  const tests = ['carbonate-extract', 'charcoal', 'dry-heat-colour', 'look'].flatMap((id) => testById.get(id) ?? []);
  const whole = budgetOf({ of: 3, left: 2, tests, rules: DEFAULT_RULES, proving: new Set() });
  expect(whole).toMatchObject({ of: 3, used: 1, warning: null });
  expect(whole.rest).toBeCloseTo(2 - whole.planned);
  const short = budgetOf({
    of: 3,
    left: whole.planned + whole.reserve / 2,
    tests,
    rules: DEFAULT_RULES,
    proving: new Set(['carbonate-extract']),
  });
  expect(short.reserve).toBeCloseTo(0.3);
  expect(short.warning!.leaveOut).not.toContain('carbonate-extract');
  expect(short.warning!.leaveOut.length).toBeGreaterThan(0);
});
