import { readFileSync } from 'node:fs';
import { gunzipSync } from 'node:zlib';
import { openBench, perform } from '#core/bench/bench';
import type { Op } from '#core/bench/ops';
import { parseFormula } from '#core/matter/formula';
import { type Equation, equationText } from '#core/reactions/equations';
import { type Atlas, rulesOfSchool } from '#core/reasoning/atlas';
import { equationsIn } from '#core/reasoning/handbook';
import { SaltSpace } from '#core/reasoning/space';
import { testsOf } from '#core/scheme/tests';

const add = (reagent: string, mL: number): Op => ({ op: 'add', to: 'A', reagent, mL });

/** The equations of every step on a millilitre of a solution. */
function equations(ions: Record<string, number>, acid: number, ...ops: Op[]): Equation[] {
  let bench = perform(openBench({ solution: ions, mL: 20, acid }), { op: 'take', to: 'A', from: 'sample', mL: 1 }).bench;
  return ops.flatMap((op) => {
    const done = perform(bench, op);
    bench = done.bench;
    return [...(done.equations?.() ?? [])];
  });
}

function balance({ left, right }: Equation): Record<string, number> {
  const sum: Record<string, number> = { charge: 0 };
  for (const [sign, side] of [
    [-1, left],
    [1, right],
  ] as const)
    for (const [n, id] of side) {
      const { elements, charge } = parseFormula(id);
      for (const [e, k] of Object.entries(elements)) sum[e] = (sum[e] ?? 0) + sign * n * k;
      sum['charge']! += sign * n * charge;
    }
  return sum;
}

const RUNS = {
  silver: equations(
    { 'Ag+': 0.05, 'NO3-': 0.05 },
    0,
    add('hydrochloric-acid-2M', 0.2),
    add('ammonia-6M', 1),
    add('nitric-acid-6M', 1.5),
  ),
  copper: equations(
    { 'Cu2+': 0.05, 'SO4^2-': 0.05 },
    0,
    add('ammonia-2M', 0.1),
    add('ammonia-6M', 1),
    add('sulfuric-acid-1M', 4),
  ),
  aluminium: equations({ 'Al3+': 0.05, 'Cl-': 0.15 }, 0, add('ammonia-2M', 0.3), add('sodium-hydroxide-6M', 1)),
  iron: equations(
    { 'Fe3+': 0.05, 'Cl-': 0.15 },
    0.3,
    { op: 'pass', to: 'A', gas: 'hydrogen-sulfide', minutes: 3 },
    add('potassium-permanganate-0.02M', 0.3),
  ),
  chromium: equations({ 'Cr3+': 0.05, 'NO3-': 0.15 }, 0, add('sodium-hydroxide-6M', 0.5), add('hydrogen-peroxide-6pc', 0.5)),
  manganese: equations({ 'Mn2+': 0.02, 'NO3-': 0.04 }, 1, { op: 'add', to: 'A', reagent: 'sodium-bismuthate-solid', grams: 0.1 }),
  iodide: equations({ 'K+': 0.05, 'I-': 0.05 }, 0, add('chlorine-water', 0.3)),
  carbonate: equations({ 'Na+': 0.2, 'CO3^2-': 0.1 }, 0, add('calcium-chloride-0.5M', 0.2), add('hydrochloric-acid-2M', 0.5)),
  phosphate: equations({ 'Na+': 0.1, 'PO4^3-': 0.0333 }, 0, add('magnesia-mixture', 0.5)),
};

function expectBalanced(e: Equation): void {
  for (const [what, n] of Object.entries(balance(e))) expect([equationText(e), what, n]).toEqual([equationText(e), what, 0]);
}

test('every equation balances in atoms and charge', () => {
  const all = Object.values(RUNS).flat();
  expect(all.length).toBeGreaterThan(15);
  all.forEach(expectBalanced);
});

describe('by which the tests of a scheme show their ions', () => {
  const atlas = JSON.parse(gunzipSync(readFileSync(new URL('../../atlas/atlas.json.gz', import.meta.url))).toString()) as Atlas;
  const space = new SaltSpace(atlas, rulesOfSchool('no-sulfide'), { cations: 1, anions: 1 });
  const of = new Map(
    testsOf(space.scheme).flatMap((t) =>
      [...new Set(t.signs?.flatMap((s) => s.of))].map((ion) => [`${t.id} ${ion}`, equationsIn(space, t.id, ion)] as const),
    ),
  );

  test('balance, every one', () => {
    const all = [...of.values()].flat();
    expect(all.length).toBeGreaterThan(200);
    all.forEach(expectBalanced);
  });

  test.each([
    ['silver-ammonia Cl-', ['Ag+ + Cl- → AgCl', 'AgCl + 2 NH3 → Ag(NH3)2+ + Cl-']],
    ['hydroxide Zn2+', ['Zn2+ + 2 OH- → Zn(OH)2', 'Zn(OH)2 + 2 OH- → Zn(OH)4^2-']],
    ['dilute-acid CO3^2-', ['CO3^2- + 2 H+ → CO2 + H2O']],
    ['permanganate-acid SO3^2-', ['SO3^2- + 2 H+ → SO2 + H2O', '2 MnO4- + 5 HSO3- + H+ → 2 Mn2+ + 5 SO4^2- + 3 H2O']],
    ['carbonates-dissolved Ca2+', ['CaCO3 + 2 H+ → Ca2+ + CO2 + H2O']],
    ['hexacyanoferrate-ii Fe(CN)6^4-', ['2 Cu2+ + Fe(CN)6^4- → Cu2Fe(CN)6']],
    ['flame Na+', []],
  ] as const)('are those of the textbook: %s', (key, wanted) => {
    expect(of.get(key)!.map(equationText)).toEqual(wanted);
  });
});

test('they are the equations a chemist writes', () => {
  const texts = Object.values(RUNS).flat().map(equationText);
  for (const wanted of [
    'Ag+ + Cl- → AgCl',
    'AgCl + 2 NH3 → Ag(NH3)2+ + Cl-',
    'Cu(OH)2 + 4 NH3 → Cu(NH3)4^2+ + 2 OH-',
    'Al3+ + 3 OH- → Al(OH)3',
    'Al(OH)3 + OH- → Al(OH)4-',
    'CaCO3 + 2 H+ → Ca2+ + CO2 + H2O',
    '2 Mn2+ + 5 NaBiO3 + 14 H+ → 5 Bi3+ + 5 Na+ + 2 MnO4- + 7 H2O',
  ])
    expect(texts).toContain(wanted);
});
