import { forbiddenMeans, meansOf, whyForbidden } from '#core/scheme/forbidden';
import { DEFAULT_RULES, type HouseRules } from '#core/scheme/rules';
import { stepsOf, TESTS } from '#core/scheme/tests';

const without = (...tests: readonly string[]): HouseRules => ({ ...DEFAULT_RULES, restrictedTests: [...tests] });
const only = (...tests: readonly string[]): HouseRules => without(...TESTS.map((t) => t.id).filter((id) => !tests.includes(id)));
const forbids = (rules: HouseRules, op: Parameters<typeof whyForbidden>[0]) => whyForbidden(op, rules, true) !== null;

test.each(TESTS.map((t) => [t.id, t] as const))(
  '%s struck out: what it alone is made of is forbidden, what others need is not',
  (id, struck) => {
    const rules = without(id);
    const others = TESTS.filter((t) => t.id !== id);
    const needed = new Set(others.flatMap((t) => stepsOf(t, rules).flatMap((s) => meansOf(s.op).map((m) => m.id))));
    for (const { op } of stepsOf(struck, rules)) {
      const own = meansOf(op).some((m) => !needed.has(m.id));
      expect([op, forbids(rules, op)]).toEqual([op, own]);
    }
  },
);

test.each(TESTS.map((t) => [t.id, t] as const))('%s alone allowed: all of it can be done, and water with it', (id, allowed) => {
  const rules = only(id);
  for (const { op } of stepsOf(allowed, rules)) expect([op, whyForbidden(op, rules, true)]).toEqual([op, null]);
  expect(forbids(rules, { op: 'dissolve', to: 'S', grams: 0.4, in: 'water', mL: 12 })).toBe(false);
});

test('a struck-out test cannot be done by another bottle that some house would take for it', () => {
  const rules = only('look', 'solution-water', 'hydroxide');
  for (const reagent of ['barium-chloride-0.25M', 'barium-nitrate-0.1M', 'silver-nitrate-0.1M', 'ammonia-2M'])
    expect([reagent, whyForbidden({ op: 'add', to: 'A', reagent, drops: 3 }, rules, true)]).toEqual([
      reagent,
      expect.stringMatching(/not allowed in this work/),
    ]);
  expect(forbids(rules, { op: 'flame', from: 'sample' })).toBe(true);
  expect(forbids(rules, { op: 'add', to: 'A', reagent: 'sodium-hydroxide-2M', drops: 3 })).toBe(false);
  expect(forbids(rules, { op: 'add', to: 'A', reagent: 'no-such-bottle', drops: 3 })).toBe(false);
  expect(forbiddenMeans(DEFAULT_RULES).size).toBe(0);
});

test('a bottle that the house restricts stays shut, and it is said what to take', () => {
  const rules = { ...DEFAULT_RULES, restrictedReagents: ['barium-chloride-0.25M'] };
  expect(whyForbidden({ op: 'add', to: 'A', reagent: 'barium-chloride-0.25M', drops: 3 }, rules, true)).toMatch(
    /restricted by your house rules; take barium nitrate/,
  );
});
