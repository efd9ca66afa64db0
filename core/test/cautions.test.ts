/** What could hurt is said before it is done: in every test, in every recipe, and of a fusion with far too much sodium. */
import type { OpOf } from '#core/bench/ops';
import { REAGENTS } from '#core/matter/data/reagents';
import { pictogramsOf } from '#core/planning/data/labels';
import { RECIPES, STOCK_LIQUIDS } from '#core/planning/data/recipes';
import { type Bottle, prepare } from '#core/planning/preparation';
import { sayRecipe } from '#core/planning/words';
import { warningsFor } from '#core/senses/cautions';
import { cautionsOf } from '#core/scheme/needs';
import { DEFAULT_RULES, type HouseRules, QUESTIONS } from '#core/scheme/rules';
import { stepsOf, TESTS } from '#core/scheme/tests';
import { SIXTEEN } from './prepared';

/** Every house: each answer to each question once. */
const HOUSES: readonly HouseRules[] = QUESTIONS.flatMap((q) =>
  q.options.map((o): HouseRules => ({ ...DEFAULT_RULES, answers: { [q.id]: o.id } })),
);

test.each(TESTS.map((t) => [t.id, t] as const))('%s has cautions in every house', (_, of) => {
  for (const rules of HOUSES) {
    const cautions = cautionsOf(of, rules);
    expect(cautions.length).toBeGreaterThan(0);
    for (const c of cautions) expect(c).toMatch(/[.!]$/);
  }
});

test.each(TESTS.filter((t) => stepsOf(t, DEFAULT_RULES).some((s) => s.op.op === 'heat')).map((t) => [t.id, t] as const))(
  '%s heats a tube, and says where its mouth points',
  (_, of) => expect(cautionsOf(of, DEFAULT_RULES).join(' ')).toMatch(/mouth|away from everyone/),
);

/** Bottles that tests need, made for a session of all of them. */
const BOTTLES: readonly Bottle[] = [
  ...new Map(
    HOUSES.flatMap((rules) =>
      prepare({ ...SIXTEEN, tests: TESTS.map((t) => t.id), rules }, () => 0.5).bottles.map((b) => [b.id, b] as const),
    ),
  ).values(),
];
const acidsIn = (id: string) => (RECIPES[id]?.parts ?? []).filter((p) => 'liquid' in p && STOCK_LIQUIDS[p.liquid]!.acid).length;
const ACIDIC = BOTTLES.filter((b) => acidsIn(b.id) > 0 && b.into === 'water');

test('the bottles that an acid goes into are known', () => expect(ACIDIC.length).toBeGreaterThan(12));

test.each(ACIDIC.map((b) => [b.id, b] as const))('%s: the acid goes into water, before it is made up', (_, bottle) => {
  const words = sayRecipe(bottle);
  expect(words).toMatch(/^Pour .* slowly into .* mL of water/);
  expect(words).toMatch(/acid into water, never water into acid/);
  expect(words.indexOf('never water into acid')).toBeLessThan(words.indexOf('Make up with water'));
});

/** As any bench book says: these grow hot. */
test.each([
  'sulfuric-acid-1M',
  'nitric-acid-6M',
  'hydrochloric-acid-6M',
  'potassium-dichromate-acid-0.05M',
  'ammonium-molybdate-reagent',
])('%s is made in ice and left to cool', (id) =>
  expect(sayRecipe(BOTTLES.find((b) => b.id === id)!)).toMatch(/stands in ice.*Let it cool/),
);

test.each(['bleach-acidified', 'ammonium-molybdate-reagent'])('%s: its parts meet diluted, never as they are bought', (id) => {
  const words = sayRecipe(BOTTLES.find((b) => b.id === id)!);
  expect(words).toMatch(/By itself, dilute/);
  expect(words).toMatch(/[Nn]ever/);
  expect(words.indexOf('By itself')).toBeLessThan(words.indexOf('In the hood'));
});

test('nothing is made of a regulated carcinogen: 1- and 2-naphthylamine, benzidine', () => {
  const formulas = Object.values(RECIPES).flatMap((r) => r.parts.flatMap((p) => ('solid' in p ? [p.solid] : [])));
  for (const banned of ['C10H9N', 'C12H12N2']) expect(formulas).not.toContain(banned);
});

/** By the harmonised classification of the pure or concentrated thing. */
test.each([
  ['nitric-acid-conc', ['oxidising', 'corrosive']],
  ['sulfuric-acid-conc', ['corrosive']],
  ['hydrochloric-acid-conc', ['corrosive']],
  ['acetic-acid-glacial', ['flame', 'corrosive']],
  ['ammonia-conc', ['corrosive']],
  ['sodium-hydroxide-2M', ['corrosive']],
])('the label of %s carries %j', (id, signs) => {
  expect(REAGENTS.some((r) => r.id === id)).toBe(true);
  expect(pictogramsOf(id)).toEqual(expect.arrayContaining(signs));
});

const FUSION = TESTS.flatMap((t) => stepsOf(t, DEFAULT_RULES)).find((s) => s.op.op === 'fuse')!.op as OpOf<'fuse'>;
test.each([
  [60, 40, false],
  [50, 50, false],
  [400, 40, true],
  [160, 160, true],
  [40, 10, true],
])('a fusion of %d mg of sodium on %d mg: warned of %s', (sodium_mg, sample_mg, warned) => {
  expect(warningsFor({ ...FUSION, sodium_mg, sample_mg }, []).some((w) => /far more sodium/.test(w))).toBe(warned);
});
