/** What boiling, bubbles, metals and time may and may not do, whatever is in the tube. */
import fc from 'fast-check';
import { type Bench, openBench, perform } from '#core/bench/bench';
import { BenchError } from '#core/bench/error';
import type { Op } from '#core/bench/ops';
import type { SampleSpec } from '#core/bench/sample';
import { lumpsOf } from '#core/bench/solids';
import { boilDown, carryOff, STEAM_MOL_PER_ML } from '#core/bench/vapour';
import type { Vessel } from '#core/bench/vessel';
import { addAmounts, elementsIn } from '#core/matter/catalogue';

const tube = (spec: SampleSpec, ...ops: Op[]): Vessel => {
  let bench: Bench = openBench(spec);
  for (const op of [{ op: 'take', to: 'A', from: 'sample', mL: 3 } as const, ...ops]) ({ bench } = perform(bench, op));
  return bench.vessels['A']!;
};
const boil = (minutes: number): Op => ({ op: 'heat', vessel: 'A', to: 'boil', minutes });
const warm = (minutes: number): Op => ({ op: 'heat', vessel: 'A', to: 'warm', minutes });
const add = (reagent: string, mL: number): Op => ({ op: 'add', to: 'A', reagent, mL });
const put = (reagent: string, grams: number): Op => ({ op: 'add', to: 'A', reagent, grams });
const stand = (minutes: number): Op => ({ op: 'stand', vessel: 'A', minutes });

/** Atoms and charge in a vessel and of what has left it. */
function totals({ amounts, lost }: Vessel): Record<string, number> {
  const { elements, charge } = elementsIn(addAmounts({ ...amounts }, lost));
  return { ...elements, charge };
}

function expectSame(one: Record<string, number>, other: Record<string, number>): void {
  for (const id of new Set([...Object.keys(one), ...Object.keys(other)]))
    expect([id, Math.abs((one[id] ?? 0) - (other[id] ?? 0)) < 1e-9]).toEqual([id, true]);
}

const VOLATILE: readonly SampleSpec[] = [
  { solution: { 'Na+': 0.2, 'CO3^2-': 0.1 }, mL: 20 },
  { solution: { 'Na+': 0.2, 'SO3^2-': 0.1 }, mL: 20 },
  { solution: { 'NH4+': 0.3, 'Cl-': 0.3 }, mL: 20 },
  { solution: { 'Na+': 0.3, 'CH3COO-': 0.3 }, mL: 20 },
  { solution: { 'K+': 0.2, 'CN-': 0.1, 'Cl-': 0.1 }, mL: 20 },
  { solution: { 'K+': 0.3, 'I-': 0.1, 'NO2-': 0.2 }, mL: 20 },
  { solution: { 'Na+': 0.2, 'S2-': 0.1 }, mL: 20 },
];

describe('boiling', () => {
  test('loses water and gases, and neither atoms nor charge', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...VOLATILE),
        fc.constantFrom('hydrochloric-acid-2M', 'nitric-acid-6M', 'acetic-acid-2M', 'sodium-hydroxide-2M', 'water'),
        fc.double({ min: 0.1, max: 2, noNaN: true }),
        fc.integer({ min: 1, max: 12 }),
        fc.boolean(),
        (spec, reagent, mL, minutes, gently) => {
          const before = tube(spec, add(reagent, mL));
          const after = tube(spec, add(reagent, mL), gently ? warm(minutes) : boil(minutes));
          expectSame(totals(after), totals(before));
          expect(after.mL).toBeLessThanOrEqual(before.mL);
          expect(after.mL).toBeGreaterThan(before.mL * 0.45);
          for (const mol of Object.values(after.gas)) expect(mol).toBeGreaterThanOrEqual(0);
          for (const [id, mol] of Object.entries(after.amounts))
            if (id !== 'H+' && id !== 'H2O') expect(mol).toBeGreaterThan(-1e-9);
        },
      ),
      { numRuns: 60 },
    );
  });

  test.each([
    ['CO3^2-', 0, 'hydrochloric-acid-2M'],
    ['SO3^2-', 1, 'hydrochloric-acid-2M'],
    ['NH3', 2, 'sodium-hydroxide-2M'],
    ['CN-', 4, 'hydrochloric-acid-2M'],
    ['HS-', 6, 'hydrochloric-acid-2M'],
  ] as const)('the longer, the less is left of %s', (component, spec, reagent) => {
    const left = [0, 1, 3, 8].map((minutes) => {
      const vessel = tube(VOLATILE[spec]!, add(reagent, 1), ...(minutes ? [boil(minutes)] : []));
      return vessel.amounts[component] ?? 0;
    });
    // Of less than this, in mol, nothing is reckoned any more.
    for (let i = 1; i < left.length; i++) expect(left[i]!).toBeLessThan(Math.max(left[i - 1]!, 1e-12));
    expect(left[3]!).toBeLessThan(left[0]! * 0.4);
  });

  test('a weak acid that hardly leaves grows stronger in its place, a strong one more so', () => {
    for (const [reagent, most] of [
      ['acetic-acid-2M', 0.2],
      ['hydrochloric-acid-2M', 0.03],
      ['nitric-acid-2M', 0.03],
    ] as const) {
      const spec: SampleSpec = { solution: { 'Na+': 0.001, 'Cl-': 0.001 }, mL: 20 };
      const acid = (vessel: Vessel) => vessel.amounts['H+']!;
      const [before, after] = [tube(spec, add(reagent, 3)), tube(spec, add(reagent, 3), boil(5))];
      expect(acid(after) / acid(before)).toBeGreaterThan(1 - most);
      expect(acid(after) / after.mL).toBeGreaterThan((acid(before) / before.mL) * (1 - most / 2));
    }
  });

  test('warming drives out less than boiling', () => {
    for (const spec of VOLATILE.slice(0, 3)) {
      const reagent = 'NH4+' in (spec as { solution: object }).solution ? 'sodium-hydroxide-2M' : 'hydrochloric-acid-2M';
      const lost = (op: Op) => {
        const { H2O: _, ...gases } = tube(spec, add(reagent, 1), op).lost;
        return Object.entries(gases).reduce((sum, [id, mol]) => (id === 'H+' || id === 'O2' ? sum : sum + mol), 0);
      };
      expect(lost(warm(2))).toBeLessThan(lost(boil(2)));
    }
  });

  test('steam takes of each gas what its own pressure allows, and of what is scarce no more than there is', () => {
    const vessel = tube(VOLATILE[2]!, add('sodium-hydroxide-2M', 1), warm(1));
    const atm = vessel.vapour['NH3']!;
    const taken = (stream: number) => vessel.amounts['NH3']! - carryOff(vessel, stream).amounts['NH3']!;
    expect(taken(1e-6) / 1e-6).toBeCloseTo(atm, 3);
    expect(taken(1e3)).toBeLessThanOrEqual(vessel.amounts['NH3']!);
    expect(taken(1e3)).toBeGreaterThan(vessel.amounts['NH3']! * 0.99);
    const down = boilDown(vessel, 1);
    expect(down.mL).toBeCloseTo(vessel.mL - 1);
    expect(down.lost['H2O']! - (vessel.lost['H2O'] ?? 0)).toBeCloseTo(STEAM_MOL_PER_ML);
  });
});

describe('metal in a liquid', () => {
  const acid: SampleSpec = { solution: { 'H+': 0.5, 'Cl-': 0.5 }, mL: 20 };
  const copper: SampleSpec = { solution: { 'Cu2+': 0.2, 'SO4^2-': 0.2 }, mL: 20 };

  test('is used up no faster than its surface allows, and never beyond what acid there is', () => {
    const zinc = [0, 1, 5, 20, 60].map((minutes) => tube(acid, put('zinc-granules', 0.3), ...(minutes ? [stand(minutes)] : [])));
    const left = zinc.map((v) => v.amounts['Zn(s)']!);
    for (let i = 1; i < left.length; i++) expect(left[i]!).toBeLessThanOrEqual(left[i - 1]!);
    expect(left[0]!).toBeGreaterThan(left[3]!);
    const last = zinc.at(-1)!;
    expect(last.solids).toEqual({});
    expect(last.pH).toBeGreaterThan(2);
    expect(left.at(-1)!).toBeGreaterThan(0.3 / 65.4 - 0.00075 - 1e-6);
    expectSame(totals(last), totals(zinc[0]!));
  });

  test('is covered by what it throws out, and stays the piece that was put in', () => {
    const vessel = tube(copper, put('zinc-granules', 0.3), stand(30));
    expect(vessel.amounts['Cu(s)']).toBeGreaterThan(4e-4);
    expect(lumpsOf(vessel, 'Cu')).toBe(0);
    expect(lumpsOf(vessel, 'Zn')).toBeCloseTo(vessel.amounts['Zn(s)']!);
    expect(vessel.amounts['Cu2+'] ?? 0).toBeLessThan(1e-4);
  });

  test('a nobler one does nothing', () => {
    const before = tube(acid, put('copper-turnings', 0.2));
    const after = tube(acid, put('copper-turnings', 0.2), stand(60));
    expect(after.amounts['Cu(s)']).toBeCloseTo(before.amounts['Cu(s)']!, 6);
  });

  test('pieces stay when the liquid is poured off', () => {
    let bench = openBench(copper);
    const ops: Op[] = [
      { op: 'take', to: 'A', from: 'sample', mL: 3 },
      put('zinc-granules', 0.3),
      { op: 'decant', from: 'A', to: 'B' },
    ];
    for (const op of ops) ({ bench } = perform(bench, op));
    expect(bench.vessels['B']!.amounts['Zn(s)'] ?? 0).toBe(0);
    expect(bench.vessels['A']!.amounts['Zn(s)']).toBeGreaterThan(4e-3);
  });
});

describe('what stands or is boiled', () => {
  const thiosulfate: SampleSpec = { solution: { 'Na+': 0.2, 'S2O3^2-': 0.1 }, mL: 20 };

  test('sulfur passes the paper when it is fresh, and not when it has run together', () => {
    const filtrate = (...ops: Op[]): Bench['vessels'][string] => {
      let bench = openBench(thiosulfate);
      for (const op of [
        { op: 'take', to: 'A', from: 'sample', mL: 3 } as const,
        add('hydrochloric-acid-2M', 1),
        stand(2),
        ...ops,
        { op: 'filter', from: 'A', to: 'B', residue: 'R' } as const,
      ])
        ({ bench } = perform(bench, op));
      return bench.vessels['B']!;
    };
    const sulfur = (v: Vessel) => v.amounts['S(s)'] ?? 0;
    const fresh = sulfur(filtrate());
    expect(fresh).toBeGreaterThan(1e-5);
    expect(sulfur(filtrate(boil(6)))).toBeLessThan(fresh * 0.01);
    expect(sulfur(filtrate(stand(120)))).toBeLessThan(fresh * 0.6);
  });

  test('a sulfide that stays is not got back by cold acid, and is by hot', () => {
    const nickel: SampleSpec = { solution: { 'Ni2+': 0.05, 'Cl-': 0.1 }, mL: 20 };
    const made: Op[] = [add('ammonia-2M', 1), { op: 'pass', to: 'A', gas: 'hydrogen-sulfide', minutes: 4 }];
    const sulfide = (...ops: Op[]) => tube(nickel, ...made, ...ops).solids['NiS'] ?? 0;
    const fresh = sulfide();
    expect(fresh).toBeGreaterThan(1e-4);
    expect(sulfide(add('hydrochloric-acid-2M', 3), stand(3))).toBeGreaterThan(fresh * 0.9);
    expect(sulfide(add('hydrochloric-acid-2M', 3), boil(6))).toBeLessThan(fresh * 0.3);
    // Acid that was there first keeps it from forming.
    const prevented = tube(nickel, add('hydrochloric-acid-2M', 3), { op: 'pass', to: 'A', gas: 'hydrogen-sulfide', minutes: 4 });
    expect(prevented.solids['NiS'] ?? 0).toBe(0);
  });

  test('the same script gives the same bench, to the last digit', () => {
    fc.assert(
      fc.property(fc.constantFrom(...VOLATILE), fc.integer({ min: 1, max: 6 }), (spec, minutes) => {
        const ops = [add('hydrochloric-acid-2M', 1), boil(minutes), put('zinc-granules', 0.1), stand(minutes)];
        const attempt = () => {
          try {
            return tube(spec, ...ops);
          } catch (error) {
            if (error instanceof BenchError) return error.message;
            throw error;
          }
        };
        expect(attempt()).toEqual(attempt());
      }),
      { numRuns: 12 },
    );
  });
});

describe('drop by drop', () => {
  test.each([
    ['Al3+', 3, 'Al(OH)3'],
    ['Zn2+', 2, 'Zn(OH)2'],
    ['Cr3+', 3, 'Cr(OH)3'],
  ] as const)(
    'until just basic, the hydroxide of %s is left, for only a part of the last drop goes in',
    (ion, charge, hydroxide) => {
      for (const molar of [0.035, 0.08]) {
        let bench = openBench({ solution: { [ion]: molar, 'Cl-': molar * charge }, mL: 20 });
        for (const op of [
          { op: 'take', to: 'A', from: 'sample', mL: 0.5 },
          { op: 'add', to: 'A', reagent: 'sodium-hydroxide-2M', until: 'just-basic', max_mL: 6 },
        ] as Op[])
          ({ bench } = perform(bench, op));
        const { pH, solids } = bench.vessels['A']!;
        expect(pH!).toBeGreaterThanOrEqual(8);
        expect(solids[hydroxide]!).toBeGreaterThan(molar * 0.5e-3 * 0.3);
      }
    },
  );
});
