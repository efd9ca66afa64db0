import fc from 'fast-check';
import { type Bench, openBench, perform } from '#core/bench/bench';
import { partsOf, reagentById, reagentContents } from '#core/bench/contents';
import type { Op } from '#core/bench/ops';
import { BenchError } from '#core/bench/error';
import type { SampleSpec } from '#core/bench/sample';
import { warningsFor } from '#core/senses/cautions';
import { runScript } from '#core/senses/script';
import { addAmounts, elementsIn, solidById, speciesById } from '#core/matter/catalogue';
import { REAGENTS } from '#core/matter/data/reagents';
import { parseSalt } from '#core/matter/salts';
import type { Observation } from '#core/vocabulary/observation';
import { doAndSee } from './seen';

const solution = (ions: Record<string, number>, acid = 0): SampleSpec => ({ solution: ions, mL: 20, acid });

/** A tube A with a millilitre of the sample, and then each op; gives what each showed and the bench after. */
function work(spec: SampleSpec, ...ops: Op[]) {
  let bench = openBench(spec);
  const first: Op = 'salts' in spec ? { op: 'take-solid', to: 'A', grams: 0.2 } : { op: 'take', to: 'A', from: 'sample', mL: 1 };
  const see: (readonly Observation[])[] = [];
  for (const op of [first, ...ops]) {
    const done = doAndSee(bench, op);
    bench = done.bench;
    see.push(done.see);
  }
  return { see: see.slice(1), bench, solids: (id: string) => Object.keys(bench.vessels[id]?.solids ?? {}) };
}

const add = (reagent: string, mL: number, to = 'A'): Op => ({ op: 'add', to, reagent, mL });
const boil = (minutes = 2): Op => ({ op: 'heat', vessel: 'A', to: 'boil', minutes });
const saw = (list: readonly Observation[] | undefined, want: Partial<Observation>) =>
  !!list?.some((o) => Object.entries(want).every(([k, v]) => o[k as keyof Observation] === v));

describe('it comes out by itself', () => {
  test('lead chloride dissolves hot and comes back as crystals', () => {
    const { see } = work(solution({ 'Pb2+': 0.05, 'NO3-': 0.1 }), add('hydrochloric-acid-2M', 0.2), boil(), {
      op: 'cool',
      vessel: 'A',
    });
    expect(saw(see[0], { channel: 'precipitate', event: 'formed', colour: 'white' })).toBe(true);
    expect(saw(see[1], { channel: 'precipitate', event: 'dissolved' })).toBe(true);
    expect(saw(see[2], { channel: 'precipitate', event: 'formed', texture: 'crystalline' })).toBe(true);
  });

  test('silver chloride dissolves in ammonia and returns with acid; the bromide hardly, the iodide not', () => {
    const halide = (x: string) =>
      work(
        solution({ 'K+': 0.05, [x]: 0.05 }),
        add('silver-nitrate-0.1M', 0.5),
        add('ammonia-2M', 1.5),
        add('nitric-acid-6M', 1),
      );
    const chloride = halide('Cl-');
    expect(saw(chloride.see[1], { channel: 'precipitate', event: 'dissolved' })).toBe(true);
    expect(saw(chloride.see[2], { channel: 'precipitate', event: 'formed', colour: 'white' })).toBe(true);
    expect(halide('Br-').bench.vessels['A']!.solids['AgBr']).toBeGreaterThan(0);
    expect(saw(halide('Br-').see[1], { channel: 'precipitate', event: 'dissolved' })).toBe(false);
    const iodide = halide('I-').see[1];
    expect(saw(iodide, { channel: 'precipitate', event: 'dissolved' }) || saw(iodide, { event: 'partly-dissolved' })).toBe(false);
  });

  test.each([
    ['Zn2+', true, true],
    ['Al3+', true, false],
    ['Pb2+', true, false],
    ['Cr3+', true, false],
    ['Cu2+', false, true],
    ['Ni2+', false, true],
    ['Cd2+', false, true],
    ['Ag+', false, true],
    ['Fe3+', false, false],
    ['Bi3+', false, false],
  ] as const)('%s: hydroxide taken back by sodium hydroxide %s, by ammonia %s', (ion, inHydroxide, inAmmonia) => {
    const charge = Number(ion.slice(2, 3)) || 1;
    const spec = solution({ [ion]: 0.05, 'NO3-': 0.05 * charge }, 0.1);
    const end = (weak: string, strong: string) => work(spec, add(weak, 0.5), add(strong, 3)).bench.vessels['A']!;
    const left = (v: ReturnType<typeof end>) => Object.values(v.solids).reduce((s, mol) => s + mol, 0) > 5e-6;
    expect(left(end('sodium-hydroxide-2M', 'sodium-hydroxide-6M'))).toBe(!inHydroxide);
    expect(left(end('ammonia-2M', 'ammonia-6M'))).toBe(!inAmmonia);
  });

  test('tin dissolves in excess alkali, cobalt in excess ammonia beside ammonium chloride', () => {
    const tin = solution({ 'Sn2+': 0.05, 'Na+': 0.5, 'Cl-': 0.6 }, 0.3);
    expect(
      saw(work(tin, add('sodium-hydroxide-2M', 0.2), add('sodium-hydroxide-6M', 2)).see[1], {
        channel: 'precipitate',
        event: 'dissolved',
      }),
    ).toBe(true);
    const cobalt = solution({ 'Co2+': 0.05, 'NO3-': 0.1 });
    const { see, solids } = work(cobalt, add('ammonia-2M', 0.05), add('ammonium-chloride-2M', 1), add('ammonia-conc', 1));
    expect(saw(see[0], { channel: 'precipitate', event: 'formed', colour: 'blue' })).toBe(true);
    expect(solids('A')).toEqual([]);
  });

  test('cadmium is missed when the acid is too strong, and then turns up with zinc', () => {
    const pass: Op = { op: 'pass', to: 'A', gas: 'hydrogen-sulfide', minutes: 5 };
    const strong = work(
      solution({ 'Cd2+': 0.05, 'Zn2+': 0.05, 'Cl-': 0.2 }),
      add('hydrochloric-acid-6M', 1.5),
      pass,
      add('ammonia-6M', 2),
      pass,
    );
    expect(saw(strong.see[1], { channel: 'precipitate', event: 'formed' })).toBe(false);
    expect(strong.solids('A').sort()).toEqual(['CdS', 'ZnS']);
  });

  test('magnesium falls with ammonia alone, not after ammonium chloride', () => {
    const mg = solution({ 'Mg2+': 0.1, 'Cl-': 0.2 });
    expect(work(mg, add('ammonia-6M', 1)).solids('A')).toContain('Mg(OH)2');
    expect(work(mg, add('ammonium-chloride-2M', 1), add('ammonia-2M', 0.5)).solids('A')).toEqual([]);
  });

  test('phosphate and oxalate drag calcium down with the third group; alone it stays in solution', () => {
    const third: Op[] = [add('ammonium-chloride-2M', 0.5), add('ammonia-2M', 0.6)];
    expect(work(solution({ 'Ca2+': 0.05, 'Cl-': 0.1 }), ...third).solids('A')).toEqual([]);
    const held = work(solution({ 'Ca2+': 0.05, 'Na+': 0.1, 'Cl-': 0.1, 'PO4^3-': 0.0333, 'NO3-': 0.0001 }, 0.2), ...third);
    expect(held.solids('A').some((s) => s.startsWith('Ca'))).toBe(true);
    const oxalate = work(
      solution({ 'Ba2+': 0.03, 'Ca2+': 0.03, 'Na+': 0.1, 'Cl-': 0.12, 'C2O4^2-': 0.05 }, 0.6),
      ...third,
      add('ammonia-6M', 0.3),
    );
    expect(oxalate.solids('A').filter((s) => s.includes('C2O4')).length).toBeGreaterThan(0);
  });

  test('iron reduced by hydrogen sulfide is re-oxidised by boiling with nitric acid', () => {
    const reduced = work(solution({ 'Fe3+': 0.05, 'Cl-': 0.15 }, 0.3), {
      op: 'pass',
      to: 'A',
      gas: 'hydrogen-sulfide',
      minutes: 5,
    });
    expect(reduced.bench.vessels['A']!.species['Fe2+']!).toBeGreaterThan(0.03);
    expect(reduced.bench.vessels['A']!.amounts['S(s)']!).toBeGreaterThan(1e-6);
    let bench = perform(reduced.bench, { op: 'filter', from: 'A', to: 'B' }).bench;
    bench = perform(bench, { op: 'heat', vessel: 'B', to: 'boil', minutes: 5 }).bench;
    bench = perform(bench, add('nitric-acid-6M', 0.5, 'B')).bench;
    bench = perform(bench, { op: 'heat', vessel: 'B', to: 'boil', minutes: 3 }).bench;
    const { amounts } = bench.vessels['B']!;
    expect(amounts['Fe3+']! / (amounts['Fe3+']! + (amounts['Fe2+'] ?? 0))).toBeGreaterThan(0.95);
  });

  test('copper with iodide: off-white solid under a brown liquid', () => {
    const { see } = work(solution({ 'Cu2+': 0.1, 'SO4^2-': 0.1 }), add('potassium-iodide-0.1M', 1));
    expect(saw(see[0], { channel: 'precipitate', event: 'formed', colour: 'off-white' })).toBe(true);
    expect(
      see[0]!.some(
        (o) => o.channel === 'solution' && ['orange', 'orange-red', 'brown', 'red-brown', 'yellow', 'red'].includes(o.colour!),
      ),
    ).toBe(true);
  });

  test('the red of thiocyanate is spoiled by fluoride and by phosphate', () => {
    const red = work(solution({ 'Fe3+': 0.005, 'Cl-': 0.015 }, 0.05), add('ammonium-thiocyanate-0.5M', 0.2));
    expect(saw(red.see[0], { channel: 'solution', event: 'colour-changed' })).toBe(true);
    const spoiled = doAndSee(red.bench, { op: 'add', to: 'A', reagent: 'sodium-fluoride-solid', grams: 0.1 });
    expect(spoiled.see.some((o) => o.channel === 'solution' && ['colourless', 'pale-yellow'].includes(o.colour ?? ''))).toBe(
      true,
    );
    const paled = perform(red.bench, add('sodium-phosphate-0.3M', 2));
    expect(paled.bench.vessels['A']!.species['FeSCN^2+'] ?? 0).toBeLessThan(red.bench.vessels['A']!.species['FeSCN^2+']! / 10);
  });

  test('an alkaline extract gives brown oxide with silver, and nothing once acidified', () => {
    const base = solution({ 'Na+': 0.5, 'NO3-': 0.1, 'CO3^2-': 0.2 });
    expect(saw(work(base, add('sodium-hydroxide-2M', 0.5), add('silver-nitrate-0.1M', 0.5)).see[1], { colour: 'brown' })).toBe(
      true,
    );
    expect(saw(work(base, add('nitric-acid-2M', 1), add('silver-nitrate-0.1M', 0.5)).see[1], { event: 'formed' })).toBe(false);
  });

  test('nitrate gives a brown ring, chloride none; shaking loses it', () => {
    const ring = (x: string) =>
      work(
        solution({ 'K+': 0.2, [x]: 0.2 }),
        add('iron-ii-sulfate-fresh-0.5M', 1),
        { op: 'add', to: 'A', reagent: 'sulfuric-acid-conc', mL: 1, layered: true },
        { op: 'stand', vessel: 'A', minutes: 2 },
        { op: 'look', vessel: 'A' },
        { op: 'shake', vessel: 'A' },
        { op: 'look', vessel: 'A' },
      );
    expect(saw(ring('NO3-').see[3], { channel: 'ring', event: 'formed' })).toBe(true);
    expect(saw(ring('Cl-').see[3], { channel: 'ring', event: 'formed' })).toBe(false);
    expect(saw(ring('NO3-').see[5], { channel: 'ring', event: 'formed' })).toBe(false);
  });

  test('damp litmus over warmed ammonium and base turns; dry paper shows nothing, and says why', () => {
    const paper = (damp: boolean): Op => ({ op: 'paper', vessel: 'A', paper: 'red-litmus', where: 'mouth', damp });
    const { see } = work(
      { salts: [{ formula: 'NH4Cl', grams: 1 }] },
      add('sodium-hydroxide-2M', 1),
      { op: 'heat', vessel: 'A', to: 'warm', minutes: 1 },
      paper(false),
      paper(true),
    );
    expect(saw(see[2], { channel: 'paper', event: 'unchanged' })).toBe(true);
    expect(saw(see[3], { channel: 'paper', event: 'changed', colour: 'blue' })).toBe(true);
    expect(warningsFor(paper(false), see[2]!).join(' ')).toMatch(/damp/);
  });

  test('antimony chloride and bismuth chloride cloud on dilution and clear again in strong acid', () => {
    for (const ion of ['Sb3+', 'Bi3+']) {
      const spec = solution({ [ion]: 0.03, 'Na+': 3, 'Cl-': 3.09 }, 3);
      const { see } = work(spec, add('water', 10), add('hydrochloric-acid-conc', 5));
      expect(saw(see[0], { channel: 'precipitate', event: 'formed', colour: 'white' })).toBe(true);
      expect(saw(see[1], { channel: 'precipitate', event: 'dissolved' })).toBe(true);
    }
  });

  test('barium chromate parts from strontium only in the acetate buffer', () => {
    const pair = solution({ 'Ba2+': 0.05, 'Sr2+': 0.05, 'Cl-': 0.2 });
    const chromate = add('potassium-chromate-0.1M', 1.5);
    expect(work(pair, chromate).solids('A').sort()).toEqual(['BaCrO4', 'SrCrO4']);
    expect(work(pair, add('acetic-acid-2M', 0.5), add('sodium-acetate-1M', 0.5), chromate).solids('A')).toEqual(['BaCrO4']);
  });

  test.each([
    ['CO3^2-', 2, 'Ag2CO3'],
    ['S2-', 2, 'Ag2S'],
    ['CN-', 1, 'AgCN'],
  ] as const)('%s pretends to be a halide until acidified and boiled', (ion, charge, solid) => {
    const spec = solution({ 'Na+': 0.1 * charge, [ion]: 0.1 });
    expect(work(spec, add('silver-nitrate-0.1M', 2.5)).solids('A')).toContain(solid);
    expect(work(spec, add('nitric-acid-6M', 1), boil(5), add('silver-nitrate-0.1M', 0.5)).solids('A')).toEqual([]);
  });

  test('sulfate tested with hot nitric acid "finds" sulfate in a sulfite; with hydrochloric acid it does not', () => {
    const sulfite = solution({ 'Na+': 0.1, 'SO3^2-': 0.05 });
    expect(work(sulfite, add('nitric-acid-6M', 1), boil(3), add('barium-nitrate-0.1M', 0.5)).solids('A')).toEqual(['BaSO4']);
    expect(work(sulfite, add('hydrochloric-acid-2M', 1), add('barium-chloride-0.25M', 0.3)).solids('A')).toEqual([]);
  });

  test('brown tin(II) sulfide dissolves in yellow ammonium sulfide and hardly in colourless', () => {
    const tin = solution({ 'Sn2+': 0.03, 'Na+': 0.3, 'Cl-': 0.36 }, 0.3);
    const pass: Op = { op: 'pass', to: 'A', gas: 'hydrogen-sulfide', minutes: 4 };
    const left = (reagent: string) =>
      work(tin, pass, add('ammonia-6M', 0.4), add(reagent, 1)).bench.vessels['A']!.solids['SnS'] ?? 0;
    expect(left('yellow-ammonium-sulfide-1M')).toBeLessThan(1e-6);
    expect(left('ammonium-sulfide-1M')).toBeGreaterThan(1e-5);
  });

  test('an aluminon lake needs the hydroxide: red flecks with aluminium, a coloured liquid without', () => {
    const lake = (ion: string, charge: number) =>
      work(
        solution({ [ion]: 0.05, 'NO3-': 0.05 * charge }, 0.1),
        add('aluminon-0.1pc', 0.2),
        { op: 'add', to: 'A', reagent: 'ammonia-2M', until: 'just-basic' },
        { op: 'centrifuge', vessel: 'A' },
      );
    expect(saw(lake('Al3+', 3).see[2], { channel: 'precipitate', event: 'persists', colour: 'red' })).toBe(true);
    const blank = lake('Na+', 1).see[2]!;
    expect(saw(blank, { channel: 'precipitate', event: 'none' })).toBe(true);
    expect(blank.some((o) => o.channel === 'solution' && ['violet', 'crimson', 'pink', 'red'].includes(o.colour!))).toBe(true);
  });

  test('cyanide boiled with iron(II) in base and acidified gives Prussian blue; sulfate gives none', () => {
    const run = (spec: SampleSpec) =>
      work(spec, add('sodium-hydroxide-2M', 0.1), add('iron-ii-sulfate-fresh-0.5M', 0.15), boil(2), add('sulfuric-acid-1M', 2))
        .bench.vessels['A']!;
    expect(run(solution({ 'K+': 0.1, 'CN-': 0.1 })).solids['Fe4(Fe(CN)6)3']).toBeGreaterThan(0);
    expect(run(solution({ 'K+': 0.1, 'SO4^2-': 0.05 })).solids).toEqual({});
  });

  test('tetraamminecopper is deep blue, hexaaquanickel green, and a trace of blue in yellow reads green', () => {
    expect(
      saw(work(solution({ 'Cu2+': 0.05, 'SO4^2-': 0.05 }), add('ammonia-6M', 1)).see[0], {
        channel: 'solution',
        colour: 'deep-blue',
      }),
    ).toBe(true);
    const look: Op = { op: 'look', vessel: 'A' };
    expect(work(solution({ 'Ni2+': 0.3, 'SO4^2-': 0.3 }), look).see[0]!.find((o) => o.channel === 'solution')!.colour).toMatch(
      /green/,
    );
    expect(
      work(solution({ 'Cu2+': 0.3, 'K+': 0.006, 'CrO4^2-': 0.003, 'NO3-': 0.6 }, 0.05), look).see[0]!.find(
        (o) => o.channel === 'solution',
      )!.colour,
    ).toMatch(/green/);
  });
});

describe('dry tests', () => {
  const dry = (formula: string, op: Op) => doAndSee(openBench({ salts: [{ formula, grams: 2 }] }), op).see;
  test('sodium hides potassium until looked at through cobalt glass', () => {
    const mixed: SampleSpec = {
      salts: [
        { formula: 'NaCl', grams: 1 },
        { formula: 'KCl', grams: 1 },
      ],
    };
    expect(saw(doAndSee(openBench(mixed), { op: 'flame', from: 'sample' }).see, { colour: 'yellow' })).toBe(true);
    expect(
      saw(doAndSee(openBench(mixed), { op: 'flame', from: 'sample', through: 'cobalt-glass' }).see, { colour: 'crimson' }),
    ).toBe(true);
    expect(saw(dry('MgSO4·7H2O', { op: 'flame', from: 'sample', wire: 'dirty' }), { colour: 'yellow' })).toBe(true);
  });
  test('zinc carbonate: carbon dioxide, and an oxide yellow while hot and white when cold', () => {
    const see = dry('ZnCO3', { op: 'dry-heat', to: 'A', grams: 0.2, strong: true });
    expect(saw(see, { channel: 'solid', look: 'hot', colour: 'yellow' })).toBe(true);
    expect(saw(see, { channel: 'solid', look: 'cold', colour: 'white' })).toBe(true);
    expect(saw(see, { channel: 'gas', event: 'evolved' })).toBe(true);
  });
  test('lead nitrate gives brown fumes and oxygen; copper sulfate loses water and its blue', () => {
    expect(saw(dry('Pb(NO3)2', { op: 'dry-heat', to: 'A', grams: 0.2 }), { channel: 'gas', colour: 'brown' })).toBe(true);
    const blue = dry('CuSO4·5H2O', { op: 'dry-heat', to: 'A', grams: 0.2 });
    expect(saw(blue, { channel: 'droplets', event: 'formed' })).toBe(true);
    expect(saw(blue, { channel: 'solid', look: 'cold', colour: 'off-white' })).toBe(true);
  });
  test('aluminium is blue and magnesium pink on charcoal with cobalt nitrate; the cobalt bead is blue', () => {
    const charcoal: Op = { op: 'charcoal', zone: 'reducing', then: 'cobalt-nitrate' };
    expect(saw(dry('KAl(SO4)2·12H2O', charcoal), { colour: 'blue' })).toBe(true);
    expect(saw(dry('MgSO4·7H2O', charcoal), { colour: 'pink' })).toBe(true);
    expect(saw(dry('CoSO4·7H2O', { op: 'bead', from: 'sample', zone: 'reducing', look: 'cold' }), { colour: 'blue' })).toBe(true);
  });
});

/** mol of each element on the bench and given off. */
function inventory(bench: Bench): Record<string, number> {
  const all: Record<string, number> = {};
  for (const v of Object.values(bench.vessels)) {
    addAmounts(all, v.amounts);
    addAmounts(all, v.lost);
    if (v.beneath) addAmounts(all, v.beneath.amounts);
    for (const [id, mol] of Object.entries(v.layer?.solutes ?? {})) addAmounts(all, speciesById.get(id)!.of, mol);
  }
  const { elements, charge } = elementsIn(all);
  return { ...elements, charge };
}

test('dry heat conserves the elements of whatever falls apart', () => {
  for (const formula of [
    'CuSO4·5H2O',
    'Pb(NO3)2',
    'KNO3',
    'ZnCO3',
    'NaHCO3',
    '(NH4)2Cr2O7',
    'NH4NO3',
    'KClO3',
    'KMnO4',
    'FeC2O4·2H2O',
    'MgCl2·6H2O',
    'Na2S2O3·5H2O',
  ]) {
    const { bench } = perform(openBench({ salts: [{ formula, grams: 1 }] }), {
      op: 'dry-heat',
      to: 'A',
      grams: 0.3,
      strong: true,
    });
    const salt = parseSalt(formula);
    const had = elementsIn(addAmounts({}, salt.of, 0.3 / salt.molarMass)).elements;
    const has = inventory(bench);
    // Water that a reaction makes leaves unseen, so hydrogen and oxygen are counted together with it in the droplets.
    for (const element of Object.keys(had).filter((e) => e !== 'H' && e !== 'O'))
      expect([formula, element, Math.abs(has[element]! - had[element]!) < 1e-9]).toEqual([formula, element, true]);
  }
});

const SHELF = REAGENTS.filter((r) => !r.restricted && !r.solvent);
const step: fc.Arbitrary<Op> = fc.oneof(
  {
    weight: 6,
    arbitrary: fc
      .record({ r: fc.constantFrom(...SHELF), to: fc.constantFrom('A', 'B'), drops: fc.integer({ min: 1, max: 12 }) })
      .map(({ r, to, drops }): Op =>
        r.solid ? { op: 'add', to, reagent: r.id, grams: 0.02 } : { op: 'add', to, reagent: r.id, drops },
      ),
  },
  fc
    .record({ vessel: fc.constantFrom('A', 'B'), to: fc.constantFrom('warm' as const, 'boil' as const) })
    .map((x): Op => ({ op: 'heat', ...x, minutes: 1 })),
  fc.constantFrom<Op>(
    { op: 'shake', vessel: 'A' },
    { op: 'stand', vessel: 'A', minutes: 5 },
    { op: 'centrifuge', vessel: 'A' },
    { op: 'cool', vessel: 'A' },
    { op: 'decant', from: 'A', to: 'B' },
    { op: 'filter', from: 'B', to: 'C' },
    { op: 'add', to: 'A', reagent: 'dichloromethane', mL: 0.5 },
    { op: 'pass', to: 'A', gas: 'hydrogen-sulfide', minutes: 1 },
  ),
);

/** What is not as it must be after every operation. What is taken from the air or led in is counted in `given`, as a loss. */
function wrongIn(bench: Bench, put: Record<string, number>): string[] {
  const has = inventory(bench);
  const wrong = Object.entries(elementsIn(put).elements)
    .filter(([element, mol]) => !(Math.abs((has[element] ?? 0) - mol) < 1e-9 + 1e-9 * mol))
    .map(([element]) => element);
  if (!(Math.abs(has['charge']!) < 1e-9)) wrong.push('charge');
  for (const v of Object.values(bench.vessels)) {
    for (const [id, c] of Object.entries(v.species)) if (!(c >= 0 && Number.isFinite(c))) wrong.push(id);
    for (const [id, mol] of Object.entries(v.solids)) if (!(mol > 0 && solidById.has(id))) wrong.push(id);
    for (const [id, mol] of Object.entries(v.amounts)) if (id.endsWith('(s)') && !(mol > -1e-12)) wrong.push(id);
  }
  return wrong;
}

const salts = [
  'NiSO4·6H2O',
  'Pb(NO3)2',
  'AgNO3',
  'CuCl2·2H2O',
  'FeCl3·6H2O',
  'KI',
  'Na2SO3',
  'K2Cr2O7',
  'KMnO4',
  'Na2S',
  'MnSO4·H2O',
  'Hg2(NO3)2',
  'BiCl3',
  'SnCl2',
  'Na3AsO4',
  'KNO2',
  'Na2S2O3',
  'ZnSO4·7H2O',
  'Al2(SO4)3·18H2O',
  'BaCO3',
];

test('elements and charge are conserved after every operation of random scripts, and runs repeat themselves', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...salts),
      fc.constantFrom(...salts),
      fc.array(step, { minLength: 3, maxLength: 9 }),
      (one, two, ops) => {
        const spec: SampleSpec = {
          salts: [
            { formula: one, grams: 0.5 },
            { formula: two, grams: 0.5 },
          ],
        };
        const start: Op[] = [
          { op: 'take-solid', to: 'A', grams: 0.03 },
          { op: 'add', to: 'A', reagent: 'water', mL: 1.5 },
          { op: 'add', to: 'B', reagent: 'water', mL: 0.5 },
        ];
        const play = () => {
          let bench = openBench(spec);
          const put: Record<string, number> = {};
          for (const op of [...start, ...ops]) {
            try {
              bench = perform(bench, op).bench;
            } catch (error) {
              if (error instanceof BenchError) continue;
              throw error;
            }
            if (op.op === 'take-solid')
              for (const f of [one, two]) addAmounts(put, parseSalt(f).of, (op.grams * 0.5) / parseSalt(f).molarMass);
            if (op.op === 'add') {
              const r = reagentById(op.reagent);
              if (op.grams)
                for (const [formula, share] of partsOf(r.solid!))
                  addAmounts(put, parseSalt(formula).of, (share * op.grams) / parseSalt(formula).molarMass);
              else if (!r.solvent) addAmounts(put, reagentContents(r), (op.mL ?? op.drops! * 0.05) / 1000);
            }
            const wrong = wrongIn(bench, put);
            if (wrong.length) throw new Error(`after ${JSON.stringify(op)}: ${wrong.join(', ')}`);
          }
          return bench;
        };
        const bench = play();
        if (ops.length % 3 === 0) expect(play()).toEqual(bench);
      },
    ),
    { numRuns: 100, seed: 7 },
  );
});

describe('bad input says what to do', () => {
  const sample = { solution: { 'Na+': 0.1, 'Cl-': 0.1 }, mL: 20 };
  test.each([
    [{ sample: { solution: { 'Na+': 0.1 }, mL: 5 }, steps: [] }, /sample\.solution: not neutral, 0\.1/],
    [{ sample: { salts: [{ formula: 'NaQ', grams: 1 }] }, steps: [] }, /salts\[0\]\.formula/],
    [{ sample, steps: [{ op: 'add', to: 'A', reagent: 'nitric-acid-3M', mL: 1 }] }, /step 1 \(add\): reagent: .*nitric-acid-2M/],
    [{ sample, steps: [{ op: 'add', to: 'A', reagent: 'water', mL: -1 }] }, /steps\[0\]\.mL/],
    [{ sample, steps: [{ op: 'add', to: 'A', reagent: 'water', mL: 25 }] }, /holds 20 mL/],
    [{ sample, steps: [{ op: 'add', to: 'A', reagent: 'water' }] }, /exactly one of/],
    [{ sample, steps: [{ op: 'heat', vessel: 'A', to: 'boil' }] }, /no vessel "A"/],
    [{ sample, steps: [{ op: 'take', to: 'A', from: 'sample', mL: 30 }] }, /only 20\.00 mL/],
    [{ sample, steps: [{ op: 'take-solid', to: 'A', grams: 1 }] }, /is a solution/],
    [{ sample, steps: [{ op: 'fly' }] }, /steps\[0\]/],
    [{ steps: [] }, /sample/],
  ])('%#', (script, message) => {
    expect(() => runScript(script)).toThrow(BenchError);
    expect(() => runScript(script)).toThrow(message);
  });
});
