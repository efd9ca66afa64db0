import fc from 'fast-check';
import { type Conditions, equilibrate, pose } from '#core/equilibrium/system';
import { addAmounts, overComponents, solidById } from '#core/matter/catalogue';
import { ANIONS, CATIONS } from '#core/matter/data/components';
import { solve } from '#core/equilibrium/solver';
import { solvePlainly } from './reference';

const room: Conditions = { litres: 1, celsius: 25 };

function mix(molar: Record<string, number>): Record<string, number> {
  const amounts: Record<string, number> = {};
  for (const [id, m] of Object.entries(molar)) addAmounts(amounts, overComponents(id), m);
  return amounts;
}

const at = (molar: Record<string, number>, where: Partial<Conditions> = {}) => equilibrate(mix(molar), { ...room, ...where });
const pH = (e: ReturnType<typeof at>) => -e.lnActivity.get('H+')! / Math.LN10;

describe('pH, against values worked by hand with Davies activities from the constants of NIST46', () => {
  test.each([
    ['0.1 M hydrochloric acid', { 'H+': 0.1, 'Cl-': 0.1 }, 1.1],
    ['0.1 M acetic acid', { 'CH3COO-': 0.1, 'H+': 0.1 }, 2.88],
    ['0.1 M ammonia', { NH3: 0.1 }, 11.12],
    ['0.1 M ammonium chloride', { 'NH4+': 0.1, 'Cl-': 0.1 }, 5.17],
    ['acetate buffer 1:1', { 'CH3COO-': 0.2, 'H+': 0.1, 'Na+': 0.1 }, 4.65],
    ['ammonia buffer 1:1', { NH3: 0.1, 'NH4+': 0.1, 'Cl-': 0.1 }, 9.37],
    ['0.1 M sodium hydrogencarbonate', { 'Na+': 0.1, 'HCO3-': 0.1 }, 8.12],
    ['0.1 M sodium carbonate', { 'Na+': 0.2, 'CO3^2-': 0.1 }, 11.42],
    ['0.1 M disodium hydrogenphosphate', { 'Na+': 0.2, 'HPO4^2-': 0.1 }, 9.2],
    ['0.1 M sodium hydroxide', { 'Na+': 0.1, 'OH-': 0.1 }, 12.88],
  ])('%s', (_name, molar, expected) => {
    expect(Math.abs(pH(at(molar)) - expected)).toBeLessThan(0.12);
  });
});

describe('solubilities', () => {
  const dissolved = (molar: Record<string, number>, solid: string, component: string, where: Partial<Conditions> = {}) => {
    const e = at(molar, where);
    return molar[component]! - (e.solids[solid] ?? 0) * solidById.get(solid)!.of[component]!;
  };

  test('silver chloride: 1.3e-5 M in water, a thousand times more in 1 M ammonia', () => {
    expect(dissolved({ 'Ag+': 0.01, 'Cl-': 0.01 }, 'AgCl', 'Ag+')).toBeCloseTo(1.36e-5, 5);
    const inAmmonia = dissolved({ 'Ag+': 0.2, 'Cl-': 0.2, NH3: 1 }, 'AgCl', 'Ag+');
    expect(inAmmonia).toBeGreaterThan(0.035);
    expect(inAmmonia).toBeLessThan(0.065);
  });

  test('lead chloride: near 0.039 M cold and three times that at the boil (CRC: 10.8 and 33 g/L)', () => {
    const cold = dissolved({ 'Pb2+': 0.5, 'Cl-': 1 }, 'PbCl2', 'Pb2+');
    const hot = dissolved({ 'Pb2+': 0.5, 'Cl-': 1 }, 'PbCl2', 'Pb2+', { celsius: 100 });
    expect(cold).toBeGreaterThan(0.03);
    expect(cold).toBeLessThan(0.05);
    expect(hot / cold).toBeGreaterThan(2.2);
    expect(hot / cold).toBeLessThan(4);
  });

  test('calcium sulfate: 2.05 g/L of the anhydrous salt, 0.015 M (CRC)', () => {
    const s = dissolved({ 'Ca2+': 0.1, 'SO4^2-': 0.1 }, 'CaSO4·2H2O', 'Ca2+');
    expect(s).toBeGreaterThan(0.013);
    expect(s).toBeLessThan(0.018);
  });

  test('magnesium hydroxide falls with ammonia alone, and not beside ammonium chloride', () => {
    expect(at({ 'Mg2+': 0.1, 'Cl-': 0.2, NH3: 1 }).solids['Mg(OH)2']).toBeGreaterThan(0.01);
    expect(at({ 'Mg2+': 0.1, 'Cl-': 1.2, 'NH4+': 1, NH3: 1 }).solids['Mg(OH)2']).toBeUndefined();
  });

  test('the acidity of the second group: cadmium falls at 0.3 M acid and not at 3 M; zinc falls in neither', () => {
    const group = (metal: string, acid: number) =>
      at({ [metal]: 0.01, 'Cl-': 0.02 + acid, 'H+': acid + 0.2, 'S2-': 0.1 }, { pressure: 1 }).solids;
    expect(group('Cd2+', 0.3)['CdS']).toBeGreaterThan(0.009);
    expect(group('Cd2+', 3)['CdS'] ?? 0).toBeLessThan(0.001);
    expect(group('Zn2+', 0.3)['ZnS'] ?? 0).toBeLessThan(1e-6);
  });

  test('tetraamminecopper takes nearly all the copper in 1 M ammonia', () => {
    const e = at({ 'Cu2+': 0.01, 'SO4^2-': 0.01, NH3: 1, 'NH4+': 0.1, 'Cl-': 0.1 });
    expect(e.concentrations.get('Cu(NH3)4^2+')!).toBeGreaterThan(0.0095);
  });
});

/** A random vessel: up to seven cations and five anions, acid or base to balance. */
const vessel = fc
  .record({
    cations: fc.uniqueArray(fc.constantFrom(...CATIONS), { maxLength: 7, minLength: 1 }),
    anions: fc.uniqueArray(fc.constantFrom(...ANIONS), { maxLength: 5, minLength: 1 }),
    exponents: fc.array(fc.integer({ min: -45, max: -3 }), { minLength: 12, maxLength: 12 }),
    base: fc.integer({ min: -30, max: 30 }),
    celsius: fc.constantFrom(25, 60, 100),
  })
  .map(({ cations, anions, exponents, base, celsius }) => {
    const molar: Record<string, number> = { 'OH-': base / 20 };
    [...cations, ...anions].forEach((id, i) => (molar[id] = Math.pow(10, exponents[i]! / 10)));
    return { molar, celsius };
  });

describe('the solver', () => {
  test('always arrives, and what it finds is the equilibrium: balances close, no phase is oversaturated', () => {
    fc.assert(
      fc.property(vessel, ({ molar, celsius }) => {
        const { problem } = pose(mix(molar), { ...room, celsius, pressure: 1 });
        const found = solve(problem);
        expect(found.concentrations.every((c) => Number.isFinite(c) && c >= 0)).toBe(true);
        const n = problem.totals.length;
        for (let j = 0; j < n; j++) {
          let sum = -problem.totals[j]!;
          let size = 1e-14;
          found.concentrations.forEach((c, i) => {
            sum += problem.nu[i * n + j]! * c;
            size += Math.abs(problem.nu[i * n + j]! * c);
          });
          found.phases.forEach((p, k) => {
            sum += problem.phaseNu[k * n + j]! * p;
            size += Math.abs(problem.phaseNu[k * n + j]! * p);
          });
          expect(Math.abs(sum) / size).toBeLessThan(1e-8);
        }
        problem.phaseLnK.forEach((lnK, k) => {
          let lnQ = -lnK;
          for (let j = 0; j < n; j++) lnQ += problem.phaseNu[k * n + j]! * found.lnActivity[j]!;
          expect(lnQ).toBeLessThan(1e-6);
          if (found.phases[k]! > 0) expect(Math.abs(lnQ)).toBeLessThan(1e-6);
        });
      }),
      { numRuns: 250, seed: 20 },
    );
  });

  test('finds the same from a state nearby, far off or of other matter as from nothing', () => {
    fc.assert(
      fc.property(vessel, vessel, fc.integer({ min: 0, max: 3 }), ({ molar, celsius }, other, much) => {
        const where = { ...room, celsius, pressure: 1 };
        const before = mix(molar);
        const after = addAmounts({ ...before }, mix(other.molar), [1e-3, 0.03, 0.3, 1][much]);
        const fresh = equilibrate(after, where);
        for (const near of [equilibrate(before, where), equilibrate(mix(other.molar), where)]) {
          const found = equilibrate(after, where, near);
          for (const [id, c] of fresh.concentrations)
            expect(Math.abs(c - found.concentrations.get(id)!)).toBeLessThan(1e-6 * Math.max(c, 1e-3));
          for (const id of new Set([...Object.keys(fresh.solids), ...Object.keys(found.solids)]))
            expect(Math.abs((fresh.solids[id] ?? 0) - (found.solids[id] ?? 0))).toBeLessThan(1e-7);
        }
      }),
      { numRuns: 100, seed: 22 },
    );
  });

  test('agrees with the plain reference solver', () => {
    fc.assert(
      fc.property(vessel, ({ molar }) => {
        const { problem } = pose(mix(molar), { ...room, pressure: 1 });
        let plain: ReturnType<typeof solvePlainly>;
        try {
          plain = solvePlainly(problem);
        } catch {
          return; // The plain solver does not always arrive; where it does, both must agree.
        }
        const found = solve(problem);
        found.phases.forEach((p, k) => expect(Math.abs(p - plain.phases[k]!)).toBeLessThan(1e-7));
        found.concentrations.forEach((c, i) =>
          expect(Math.abs(c - plain.concentrations[i]!)).toBeLessThan(1e-6 * Math.max(c, 1e-3)),
        );
      }),
      { numRuns: 25, seed: 21 },
    );
  });
});
