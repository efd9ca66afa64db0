import { REAGENTS } from '#core/matter/data/reagents';
import { molarMass, parseFormula } from '#core/matter/formula';
import { pictogramsOf } from '#core/planning/data/labels';
import { RECIPES, STOCK_LIQUIDS } from '#core/planning/data/recipes';
import { type Asked, prepare, roundedUp } from '#core/planning/preparation';
import { amountOf, gramsFor, mLFor, molarOf } from '#core/planning/solutions';
import { seeded } from '#core/reasoning/student';
import { DEFAULT_RULES } from '#core/scheme/rules';
import { SIXTEEN } from './prepared';

/** Worked by hand with the atomic weights of the table, before anything was run. */
test.each([
  ['AgNO3', 0.1, 250, 1, 4.247],
  ['AgNO3', 0.1, 250, 0.98, 4.333],
  ['CuSO4·5H2O', 0.1, 500, 1, 12.48],
  ['Na2CO3·10H2O', 1, 100, 1, 28.61],
  ['BaCl2·2H2O', 0.25, 100, 1, 6.107],
  ['SnCl2·2H2O', 0.1, 50, 1, 1.128],
  ['NaOH', 6, 200, 0.97, 49.48],
  ['(NH4)2C2O4·H2O', 0.25, 100, 1, 3.553],
])('%s, %d mol/L, %d mL, purity %d: %d g', (formula, molar, mL, purity, grams) => {
  expect(Math.abs(gramsFor(formula, molar, mL, purity) / grams - 1)).toBeLessThan(0.001);
});

test.each([
  ['hydrochloric-acid-conc', 11.97, 2, 500, 83.5],
  ['sulfuric-acid-conc', 18.01, 1, 1000, 55.5],
  ['nitric-acid-conc', 15.78, 6, 250, 95.1],
  ['ammonia-conc', 14.8, 2, 250, 33.8],
  ['acetic-acid-glacial', 17.42, 2, 100, 11.5],
])('%s is %d mol/L; for %d mol/L in %d mL one takes %d mL', (id, strong, molar, mL, take) => {
  const { formula, density, fraction } = STOCK_LIQUIDS[id]!;
  const found = molarOf(formula, density, fraction);
  expect(found).toBeCloseTo(strong, 1);
  expect(mLFor(molar, mL, found)).toBeCloseTo(take, 0);
});

test('what is too little to weigh is made stronger first', () => {
  // 0.0004 mol/L × 0.05 L × 259.22 g/mol = 5.18 mg; ten times stronger, 100 mL of it hold 103.7 mg, and 5 mL of it are taken.
  const dye = amountOf({ solid: 'C12H9N3O4', molar: 0.0004 }, 50);
  expect(dye).toMatchObject({ unit: 'g', first: { times: 10, mL: 100, take: 5 } });
  expect(dye.amount).toBeCloseTo(0.1037, 3);
  expect(amountOf({ solid: 'NaOH', molar: 0.5 }, 50).first).toBeUndefined();
});

test('one makes round volumes', () => {
  expect([0.3, 1, 1.1, 13.5, 21, 26, 260, 999].map(roundedUp)).toEqual([0.5, 1, 2, 20, 25, 50, 500, 1000]);
});

const PUT_OUT = new Set(['water', 'ethanol-96pc', ...Object.keys(STOCK_LIQUIDS)]);
/** Made by leading in a gas, or by something that is not weighed. */
const NOT_WEIGHED = new Set([
  'chlorine-water',
  'bromine-water',
  'ammonium-sulfide-1M',
  'yellow-ammonium-sulfide-1M',
  'bleach-acidified',
  'lime-water',
  'starch-0.5pc',
  'cadmium-carbonate-suspension',
  'griess-reagent',
  'iron-ii-sulfate-aged-0.5M',
]);
const LIGHT = new Set(['H', 'O', 'C', 'N']);

/** mol/L of every element but the light ones. */
function elements(parts: readonly (readonly [formula: string, molar: number])[]): Record<string, number> {
  const out: Record<string, number> = {};
  for (const [formula, molar] of parts)
    for (const [element, n] of Object.entries(parseFormula(formula).elements))
      if (!LIGHT.has(element)) out[element] = (out[element] ?? 0) + n * molar;
  return out;
}

test('every bottle of the shelf has a recipe that gives what the shelf says is in it', () => {
  for (const { id, solution } of REAGENTS) {
    if (!solution || PUT_OUT.has(id)) continue;
    const recipe = RECIPES[id];
    if (!recipe) throw new Error(`${id} has no recipe`);
    const parts = recipe.parts.map((p) => ['solid' in p ? p.solid : STOCK_LIQUIDS[p.liquid]!.formula, p.molar] as const);
    for (const [formula] of parts) expect(molarMass(parseFormula(formula))).toBeGreaterThan(1);
    if (NOT_WEIGHED.has(id) || recipe.into === 'concentrated sulfuric acid') continue;
    const made = elements(parts);
    for (const [element, molar] of Object.entries(elements(Object.entries(solution))))
      if (Math.abs((made[element] ?? 0) / molar - 1) > 0.08)
        throw new Error(`${id}: ${element} ${made[element]} in the recipe, ${molar} on the shelf`);
  }
  expect(pictogramsOf('sulfuric-acid-conc')).toEqual(['corrosive']);
});

const ASKED: Asked = { ...SIXTEEN, unknowns: ['KBr', 'NaCl', 'ZnSO4·7H2O'].map((sample) => ({ sample, grams: 2 })) };

test('sixteen benches of a chosen set, every figure by hand', () => {
  const { bottles, waste, key, apparatus, short } = prepare(ASKED, seeded(4));
  const of = (id: string) => bottles.find((b) => b.id === id)!;
  // Ten drops of 0.05 mL; eighteen benches; half as much again: 0.5 × 18 × 1.5 = 13.5 mL, of which 20 are made: 0.002 mol, 0.340 g.
  expect(of('silver-nitrate-0.1M')).toMatchObject({ perBench: 0.5, needed: 13.5, make: 20, keepsUntil: '2027-12-02' });
  expect(of('silver-nitrate-0.1M').parts[0]!.amount).toBeCloseTo(0.34, 2);
  // Six drops of 0.05 mL: 0.3 × 18 × 1.5 = 8.1 mL, of which 10 are made: 0.0025 mol of 244.26 g/mol.
  expect(of('barium-chloride-0.25M')).toMatchObject({ perBench: 0.3, needed: 8.1, make: 10 });
  expect(of('barium-chloride-0.25M').parts[0]!.amount).toBeCloseTo(0.611, 2);
  // Twenty-two drops of 2 M hydrochloric acid before barium: 1.1 × 27 = 29.7 mL, of which 50 are made: 2 × 50 / 11.97 = 8.35 mL.
  expect(of('hydrochloric-acid-2M')).toMatchObject({ perBench: 1.1, needed: 29.7, make: 50 });
  expect(of('hydrochloric-acid-2M').parts[0]!.amount).toBeCloseTo(8.35, 1);
  // The extract itself, 8 mL of carbonate: 8 × 27 = 216 mL.
  // 0.08 mL of extract, 2 mL of acid and 10 drops: 2.58 × 27 = 69.7 mL; with barium 0.5 mL, 22 and 6 drops: 1.9 × 27 = 51.3 mL.
  const stream = (words: RegExp) => waste.find((w) => words.test(w.stream))!.mL;
  expect([stream(/silver waste/), stream(/^heavy-metal waste$/), stream(/until you know/)]).toEqual([70, 52, 216]);
  expect(apparatus).toContainEqual({ what: 'burner', of: 18 });
  expect(short).toEqual([]);

  expect(key).toHaveLength(18);
  expect(new Set(key.map((k) => k.bottle)).size).toBe(18);
  for (let i = 1; i < key.length; i++) expect(key[i]!.sample).not.toBe(key[i - 1]!.sample);
  expect(JSON.stringify(bottles)).not.toMatch(/KBr|ZnSO4/);
});

test('what is short, past its date or not there is said; a bottle that stands ready is not made again', () => {
  const stock = [
    { item: 'AgNO3', amount: 0.1, unit: 'g' as const },
    { item: 'BaCl2·2H2O', amount: 50, unit: 'g' as const, expires: '2026-01-31' },
    { item: 'hydrochloric-acid-2M', amount: 500, unit: 'mL' as const },
  ];
  const { short } = prepare({ ...ASKED, stock }, seeded(4));
  expect(short.find((s) => s.what === 'AgNO3')).toMatchObject({ there: 0.1, unit: 'g', why: 'not enough' });
  expect(short.find((s) => s.what === 'BaCl2·2H2O')).toMatchObject({ why: 'past its date' });
  expect(short.some((s) => /hydrochloric/i.test(s.what))).toBe(false);
  expect(short.find((s) => /nitric/.test(s.what))).toMatchObject({ why: 'none in stock' });
});

test('what grows hot is made first, what must be fresh last', () => {
  const tests = ['brown-ring', 'silver-acid', 'hydroxide'];
  const { bottles } = prepare(
    { ...ASKED, tests, rules: { ...DEFAULT_RULES, answers: { 'iron-ii-sulfate': 'fresh' } } },
    seeded(1),
  );
  const at = (id: string) => bottles.findIndex((b) => b.id === id);
  expect(at('iron-ii-sulfate-fresh-0.5M')).toBe(bottles.length - 1);
  expect(at('sodium-hydroxide-2M')).toBeLessThan(at('silver-nitrate-0.1M'));
});
