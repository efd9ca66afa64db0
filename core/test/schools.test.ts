import { type Bench, openBench, perform } from '#core/bench/bench';
import type { Op } from '#core/bench/ops';
import type { SampleSpec } from '#core/bench/sample';
import { doAndSee } from './seen';

/** Works a mixture and looks at what lies where. */
class Worker {
  private bench: Bench;
  constructor(spec: SampleSpec) {
    this.bench = openBench(spec);
  }
  do(...ops: Op[]): this {
    for (const op of ops) this.bench = perform(this.bench, op).bench;
    return this;
  }
  /** Spins the solid down and pours the liquid into the next tube. */
  separate(from: string, to: string): this {
    return this.do({ op: 'centrifuge', vessel: from }, { op: 'decant', from, to });
  }
  solids(id: string): string[] {
    return Object.entries(this.bench.vessels[id]!.solids)
      .filter(([, mol]) => mol > 3e-6)
      .map(([formula]) => formula)
      .sort();
  }
  see(op: Op): string {
    const done = doAndSee(this.bench, op);
    this.bench = done.bench;
    return done.see.map((o) => `${o.channel} ${o.event ?? ''} ${o.colour ?? ''}`).join('; ');
  }
}

const add = (to: string, reagent: string, mL: number): Op => ({ op: 'add', to, reagent, mL });
const boil = (vessel: string, minutes = 3): Op => ({ op: 'heat', vessel, to: 'boil', minutes });
const start: Op = { op: 'take', to: 'A', from: 'sample', mL: 2 };

test('six groups with hydrogen sulfide: silver, copper, iron, zinc, barium and magnesium, each where it belongs', () => {
  const nitrates = { 'Ag+': 0.03, 'Cu2+': 0.03, 'Fe3+': 0.03, 'Zn2+': 0.03, 'Ba2+': 0.03, 'Mg2+': 0.03 };
  const w = new Worker({ solution: { ...nitrates, 'NO3-': 0.03 * 12 }, mL: 20, acid: 0.1 });
  w.do(start, add('A', 'hydrochloric-acid-2M', 0.3)).separate('A', 'B');
  expect(w.solids('A')).toEqual(['AgCl']);
  w.do({ op: 'pass', to: 'B', gas: 'hydrogen-sulfide', minutes: 5 }).separate('B', 'C');
  expect(w.solids('B')).toEqual(['CuS']);
  w.do(
    boil('C', 5),
    add('C', 'nitric-acid-6M', 0.4),
    boil('C'),
    add('C', 'ammonium-chloride-2M', 1),
    add('C', 'ammonia-6M', 1.2),
  ).separate('C', 'D');
  expect(w.solids('C')).toEqual(['Fe(OH)3']);
  w.do({ op: 'pass', to: 'D', gas: 'hydrogen-sulfide', minutes: 3 }).separate('D', 'E');
  expect(w.solids('D')).toEqual(['ZnS']);
  w.do(boil('E', 3), add('E', 'ammonium-carbonate-1M', 0.5)).separate('E', 'F');
  expect(w.solids('E')).toEqual(['BaCO3']);
  w.do(add('F', 'ammonia-6M', 0.3), add('F', 'sodium-phosphate-0.3M', 0.5), { op: 'stand', vessel: 'F', minutes: 20 });
  expect(w.solids('F')).toContain('MgNH4PO4·6H2O');
  // Each is then shown by its own reagent.
  w.do({ op: 'wash', vessel: 'A', with: 'water', mL: 2, times: 3 });
  expect(w.see(add('A', 'ammonia-6M', 1))).toMatch(/precipitate dissolved white/);
  expect(w.do(add('C', 'hydrochloric-acid-2M', 1)).see(add('C', 'potassium-hexacyanoferrate-ii-0.1M', 0.2))).toMatch(/deep-blue/);
  expect(w.do(add('B', 'nitric-acid-6M', 1), boil('B')).see(add('B', 'ammonia-6M', 2))).toMatch(
    /solution colour-changed deep-blue/,
  );
  expect(w.do(add('E', 'acetic-acid-2M', 1)).see(add('E', 'potassium-chromate-0.1M', 0.3))).toMatch(/precipitate formed yellow/);
});

test('semi-micro with thioacetamide: lead, cadmium, aluminium, nickel and calcium', () => {
  const nitrates = { 'Pb2+': 0.05, 'Cd2+': 0.03, 'Al3+': 0.03, 'Ni2+': 0.03, 'Ca2+': 0.03 };
  const w = new Worker({ solution: { ...nitrates, 'NO3-': 0.1 + 0.06 + 0.09 + 0.06 + 0.06 }, mL: 20, acid: 0.05 });
  w.do(start, add('A', 'hydrochloric-acid-2M', 0.3)).separate('A', 'B');
  expect(w.solids('A')).toEqual(['PbCl2']);
  const warm: Op = { op: 'heat', vessel: 'B', to: 'warm', minutes: 8 };
  // The metals give up acid for their sulfide, which keeps cadmium back: dilute, and once more.
  w.do(add('B', 'thioacetamide-1M', 0.5), warm, add('B', 'water', 2), add('B', 'thioacetamide-1M', 0.3), warm).separate('B', 'C');
  expect(w.solids('B')).toEqual(['CdS', 'PbS']);
  w.do(boil('C', 5), add('C', 'ammonium-chloride-2M', 1), add('C', 'ammonia-6M', 0.8)).separate('C', 'D');
  expect(w.solids('C')).toContain('Al(OH)3');
  w.do(add('D', 'ammonium-sulfide-1M', 0.3)).separate('D', 'E');
  expect(w.solids('D')).toEqual(['NiS']);
  w.do(add('E', 'ammonium-carbonate-1M', 0.5));
  expect(w.solids('E')).toEqual(['CaCO3']);
  expect(w.do(add('A', 'water', 3), boil('A', 2)).see(add('A', 'potassium-chromate-0.1M', 0.5))).toMatch(/yellow/);
  expect(
    w
      .do(add('C', 'acetic-acid-2M', 1), add('C', 'aluminon-0.1pc', 0.2))
      .see({ op: 'add', to: 'C', reagent: 'ammonia-2M', until: 'just-basic' }),
  ).toMatch(/precipitate .*(red|crimson|pink)/);
});

test('no sulfide: iron, aluminium and nickel parted by ammonia and base, and shown by spot reagents', () => {
  const w = new Worker({ solution: { 'Fe3+': 0.03, 'Al3+': 0.03, 'Ni2+': 0.03, 'NO3-': 0.24 }, mL: 20, acid: 0.1 });
  w.do(start, add('A', 'ammonium-chloride-2M', 1), add('A', 'ammonia-6M', 1.5)).separate('A', 'B');
  expect(w.solids('A')).toEqual(['Al(OH)3', 'Fe(OH)3']);
  expect(w.see(add('B', 'dimethylglyoxime-1pc', 0.5))).toMatch(/precipitate formed red/);
  w.do({ op: 'wash', vessel: 'A', with: 'water', mL: 2, times: 2 }, add('A', 'sodium-hydroxide-2M', 1.5)).separate('A', 'C');
  expect(w.solids('A')).toEqual(['Fe(OH)3']);
  w.do({ op: 'add', to: 'C', reagent: 'hydrochloric-acid-2M', until: 'just-acidic' }, add('C', 'hydrochloric-acid-2M', 0.2));
  expect(w.see({ op: 'add', to: 'C', reagent: 'ammonia-2M', until: 'just-basic' })).toMatch(/precipitate formed white/);
  expect(w.do(add('A', 'hydrochloric-acid-2M', 1)).see(add('A', 'ammonium-thiocyanate-0.5M', 0.2))).toMatch(
    /solution colour-changed (red|red-brown|crimson|dark-brown)/,
  );
});

test('ammonium chloride forgotten: magnesium falls with the third group and is missing from the last', () => {
  const w = new Worker({ solution: { 'Mg2+': 0.05, 'Fe3+': 0.03, 'NO3-': 0.19 }, mL: 20 });
  w.do(start, add('A', 'ammonia-6M', 1));
  expect(w.solids('A')).toEqual(['Fe(OH)3', 'Mg(OH)2']);
});
