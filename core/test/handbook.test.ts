/**
 * What every handbook of qualitative analysis says, held against what the model gives. No row here is known to the
 * engine: when one fails, a constant or a mechanism is wrong.
 */
import { openBench } from '#core/bench/bench';
import type { Op } from '#core/bench/ops';
import type { SampleSpec } from '#core/bench/sample';
import type { Observation } from '#core/vocabulary/observation';
import { doAndSee } from './seen';

const add = (reagent: string, amount: number): Op =>
  reagent.endsWith('-solid') || ['copper-turnings', 'zinc-granules'].includes(reagent)
    ? { op: 'add', to: 'A', reagent, grams: amount }
    : { op: 'add', to: 'A', reagent, mL: amount };

function run(sample: SampleSpec, ops: readonly Op[]): readonly Observation[] {
  let bench = openBench(sample);
  let see: readonly Observation[] = [];
  for (const op of ops) ({ bench, see } = doAndSee(bench, op));
  return see;
}

const take: Op = { op: 'take', to: 'A', from: 'sample', mL: 1 };
const words = (text: string) => text.split(' ');

/** A precipitate of one of these colours is there, or (`-`) none is. */
function expectSolid(see: readonly Observation[], colours: string): void {
  const formed = see.filter((o) => o.channel === 'precipitate' && o.event !== 'none' && o.event !== 'dissolved');
  if (colours === '-') expect(formed).toEqual([]);
  else
    expect([formed.map((o) => o.colour), formed.some((o) => words(colours).includes(o.colour!))]).toEqual([
      expect.anything(),
      true,
    ]);
}

const CHARGE: Readonly<Record<string, number>> = {
  'Ag+': 1,
  'NH4+': 1,
  'K+': 1,
  'Na+': 1,
  'Bi3+': 3,
  'Al3+': 3,
  'Cr3+': 3,
  'Fe3+': 3,
};
const ACID: Readonly<Record<string, number>> = { 'Hg2+': 0.1, 'Hg2^2+': 0.2, 'Bi3+': 0.8, 'Fe3+': 0.1 };

const nitrate = (ion: string): SampleSpec => ({
  solution: { [ion]: 0.05, 'NO3-': 0.05 * (CHARGE[ion] ?? 2) },
  mL: 20,
  acid: ACID[ion] ?? 0,
});

describe('cations: the precipitate with each reagent', () => {
  const table: Readonly<Record<string, Readonly<Record<string, string>>>> = {
    'hydrochloric-acid-2M': {
      'Ag+': 'white',
      'Pb2+': 'white',
      'Hg2^2+': 'white',
      'Hg2+': '-',
      'Cu2+': '-',
      'Cd2+': '-',
      'Fe3+': '-',
      'Zn2+': '-',
      'Ba2+': '-',
    },
    'ammonia-2M': {
      'Cu2+': 'pale-blue blue-green',
      'Ni2+': 'pale-green',
      'Co2+': 'blue',
      'Fe3+': 'red-brown',
      'Fe2+': 'dirty-green',
      'Al3+': 'white',
      'Cr3+': 'dirty-green',
      'Mn2+': 'off-white buff',
      'Zn2+': 'white',
      'Cd2+': 'white',
      'Pb2+': 'white',
      'Bi3+': 'white',
      'Hg2+': 'white',
      'Ba2+': '-',
      'Ca2+': '-',
      'Sr2+': '-',
    },
    'sodium-hydroxide-2M': {
      'Ag+': 'brown',
      'Cu2+': 'pale-blue',
      'Cd2+': 'white',
      'Fe3+': 'red-brown',
      'Fe2+': 'dirty-green',
      'Ni2+': 'pale-green',
      'Co2+': 'blue',
      'Mn2+': 'off-white buff',
      'Mg2+': 'white',
      'Bi3+': 'white',
      'Hg2+': 'yellow',
      'Ba2+': '-',
      'Na+': '-',
    },
    'potassium-iodide-0.1M': {
      'Ag+': 'yellow',
      'Pb2+': 'yellow',
      'Hg2+': 'orange-red',
      'Hg2^2+': 'dirty-green',
      'Cu2+': 'off-white',
      'Cd2+': '-',
      'Zn2+': '-',
      'Ni2+': '-',
      'Ba2+': '-',
    },
    'potassium-chromate-0.1M': { 'Ag+': 'red-brown', 'Pb2+': 'yellow', 'Ba2+': 'yellow', 'Ca2+': '-', 'Mg2+': '-', 'Na+': '-' },
    'sodium-carbonate-1M': {
      'Ag+': 'pale-yellow',
      'Pb2+': 'white',
      'Ba2+': 'white',
      'Sr2+': 'white',
      'Ca2+': 'white',
      'Mg2+': 'white',
      'Cu2+': 'blue-green pale-blue',
      'Ni2+': 'pale-green',
      'Mn2+': 'buff',
      'Na+': '-',
      'K+': '-',
    },
    'sulfuric-acid-1M': { 'Ba2+': 'white', 'Pb2+': 'white', 'Sr2+': 'white', 'Mg2+': '-', 'Cu2+': '-', 'Zn2+': '-', 'Al3+': '-' },
    'potassium-hexacyanoferrate-ii-0.1M': {
      'Fe3+': 'deep-blue',
      'Cu2+': 'red-brown',
      'Zn2+': 'white',
      'Ag+': 'white',
      'Pb2+': 'white',
      'Fe2+': 'pale-blue',
      'Cd2+': 'white',
      'Ni2+': 'pale-green',
      'Co2+': 'green',
      'Mg2+': '-',
      'Ba2+': '-',
    },
    'potassium-hexacyanoferrate-iii-0.1M': { 'Fe2+': 'deep-blue', 'Fe3+': '-', 'Mg2+': '-' },
    'ammonium-thiocyanate-0.5M': { 'Ag+': 'white', 'Cu2+': 'black', 'Fe3+': '-', 'Ni2+': '-', 'Zn2+': '-' },
    'ammonium-oxalate-0.25M': { 'Ca2+': 'white', 'Sr2+': 'white', 'Ba2+': 'white', 'Mg2+': '-', 'Na+': '-' },
    'sodium-phosphate-0.3M': {
      'Ag+': 'yellow',
      'Ca2+': 'white',
      'Ba2+': 'white',
      'Pb2+': 'white',
      'Fe3+': 'buff off-white cream',
      'Al3+': 'white',
      'Na+': '-',
      'K+': '-',
    },
    'ammonium-sulfide-1M': {
      'Ag+': 'black',
      'Pb2+': 'black',
      'Cu2+': 'black',
      'Hg2+': 'black',
      'Ni2+': 'black',
      'Co2+': 'black',
      'Fe2+': 'black',
      'Cd2+': 'yellow',
      'Zn2+': 'white',
      'Mn2+': 'buff pink',
      'Ba2+': '-',
      'Ca2+': '-',
    },
  };
  const rows = Object.entries(table).flatMap(([reagent, ions]) =>
    Object.entries(ions).map(([ion, colours]) => [ion, reagent, colours] as const),
  );
  test.each(rows)('%s with %s: %s', (ion, reagent, colours) => {
    expectSolid(run(nitrate(ion), [take, add(reagent, 0.4)]), colours);
  });
});

describe('hydrogen sulfide in 0.3 M acid parts the second group from the third', () => {
  const table = {
    'Cu2+': 'black',
    'Pb2+': 'black',
    'Hg2+': 'black',
    'Bi3+': 'dark-brown black',
    'Cd2+': 'yellow',
    'Zn2+': '-',
    'Ni2+': '-',
    'Co2+': '-',
    'Mn2+': '-',
    'Fe2+': '-',
    'Al3+': '-',
    'Mg2+': '-',
  };
  test.each(Object.entries(table))('%s: %s', (ion, colours) => {
    expectSolid(
      run(nitrate(ion), [take, add('hydrochloric-acid-2M', 0.2), { op: 'pass', to: 'A', gas: 'hydrogen-sulfide', minutes: 5 }]),
      colours,
    );
  });
});

const sodium = (anion: string, charge: number, molar = 0.05): SampleSpec => ({
  solution: { 'Na+': molar * charge, [anion]: molar },
  mL: 20,
});

describe('anions in solution', () => {
  test.each([
    ['Cl-', 1, ['nitric-acid-2M', 0.5, 'silver-nitrate-0.1M', 0.4], 'white'],
    ['Br-', 1, ['nitric-acid-2M', 0.5, 'silver-nitrate-0.1M', 0.4], 'cream'],
    ['I-', 1, ['nitric-acid-2M', 0.5, 'silver-nitrate-0.1M', 0.4], 'yellow'],
    ['SCN-', 1, ['nitric-acid-2M', 0.5, 'silver-nitrate-0.1M', 0.4], 'white'],
    ['Fe(CN)6^3-', 3, ['silver-nitrate-0.1M', 0.4], 'orange'],
    ['AsO4^3-', 3, ['silver-nitrate-0.1M', 0.4], 'red-brown'],
    ['SO4^2-', 2, ['silver-nitrate-0.1M', 0.1], '-'],
    ['SO4^2-', 2, ['hydrochloric-acid-2M', 0.5, 'barium-chloride-0.25M', 0.3], 'white'],
    ['SO3^2-', 2, ['barium-chloride-0.25M', 0.3], 'white'],
    ['SO3^2-', 2, ['hydrochloric-acid-2M', 0.5, 'barium-chloride-0.25M', 0.3], '-'],
    ['CO3^2-', 2, ['hydrochloric-acid-2M', 0.5, 'barium-chloride-0.25M', 0.3], '-'],
    ['CrO4^2-', 2, ['barium-chloride-0.25M', 0.3], 'yellow'],
    ['C2O4^2-', 2, ['acetic-acid-2M', 0.5, 'calcium-chloride-0.5M', 0.2], 'white'],
    ['PO4^3-', 3, ['acetic-acid-2M', 0.5, 'calcium-chloride-0.5M', 0.2], '-'],
    ['S2-', 2, ['lead-acetate-0.1M', 0.3], 'black'],
    ['S2O3^2-', 2, ['hydrochloric-acid-2M', 0.5], 'pale-yellow'],
    ['Fe(CN)6^4-', 4, ['copper-ii-sulfate-0.1M', 0.3], 'red-brown'],
    ['SCN-', 1, ['copper-ii-sulfate-0.1M', 0.4], 'black'],
    ['NO3-', 1, ['silver-nitrate-0.1M', 0.4], '-'],
    ['CH3COO-', 1, ['barium-chloride-0.25M', 0.3], '-'],
  ] as const)('%s (%i) with %j: %s', (anion, charge, reagents, colours) => {
    const ops: Op[] = [take];
    for (let i = 0; i < reagents.length; i += 2) ops.push(add(reagents[i] as string, reagents[i + 1] as number));
    expectSolid(run(sodium(anion, charge), ops), colours);
  });

  test.each([
    ['SCN-', 1, 'iron-iii-chloride-0.1M', 'red crimson red-brown orange-red'],
    ['CH3COO-', 1, 'copper-ii-sulfate-0.1M', 'pale-blue blue blue-green'],
    ['I-', 1, 'bromine-water', 'yellow orange orange-red brown red'],
    ['CrO4^2-', 2, 'sulfuric-acid-1M', 'orange orange-red'],
    ['C2O4^2-', 2, 'potassium-permanganate-0.02M', 'violet pink crimson'],
  ] as const)('%s (%i) with %s turns the liquid %s', (anion, charge, reagent, colours) => {
    const liquid = run(sodium(anion, charge), [take, add(reagent, 0.2)]).find((o) => o.channel === 'solution')!;
    expect(words(colours)).toContain(liquid.colour);
  });

  test.each(['SO3^2-', 'NO2-', 'S2O3^2-'])('%s takes the colour of acid permanganate', (anion) => {
    const ops: Op[] = [take, add('sulfuric-acid-1M', 0.3), add('potassium-permanganate-0.02M', 0.1)];
    expect(run(sodium(anion, anion === 'NO2-' ? 1 : 2), ops).find((o) => o.channel === 'solution')!.colour).toBe('colourless');
  });
});

test('boiled with dilute nitric acid iodide is still there for silver; with the concentrated acid it is iodine', () => {
  const boil: Op = { op: 'heat', vessel: 'A', to: 'boil', minutes: 1 };
  const iodide = sodium('I-', 1);
  expectSolid(run(iodide, [take, add('nitric-acid-2M', 1.5), boil, add('silver-nitrate-0.1M', 0.4)]), 'yellow');
  const gas = run(iodide, [take, add('nitric-acid-conc', 1), boil]).find((o) => o.channel === 'gas' && o.colour === 'violet');
  expect(gas).toBeDefined();
});

describe('a dry salt and acid: the gas and what it does', () => {
  const after = (formula: string, acid: string, test: Op) =>
    run({ salts: [{ formula, grams: 1 }] }, [
      { op: 'take-solid', to: 'A', grams: 0.2 },
      add(acid, 1),
      { op: 'heat', vessel: 'A', to: 'warm', minutes: 1 },
      test,
    ])[0]!;
  const smell: Op = { op: 'smell', vessel: 'A' };
  const paper = (name: 'lead-acetate' | 'dichromate' | 'starch-iodide' | 'blue-litmus'): Op => ({
    op: 'paper',
    vessel: 'A',
    paper: name,
    where: 'mouth',
    damp: true,
  });
  const rod: Op = { op: 'rod', vessel: 'A', dipped: 'ammonia-conc' };
  test.each([
    ['Na2S', 'hydrochloric-acid-6M', smell, { smell: 'rotten-eggs' }],
    ['Na2S', 'hydrochloric-acid-6M', paper('lead-acetate'), { event: 'changed', colour: 'black' }],
    ['Na2SO3', 'hydrochloric-acid-2M', smell, { smell: 'burning-sulfur' }],
    ['Na2S2O3·5H2O', 'hydrochloric-acid-2M', paper('dichromate'), { event: 'changed', colour: 'green' }],
    ['Na2CO3', 'nitric-acid-6M', { op: 'limewater', vessel: 'A' }, { event: 'cloudy' }],
    ['NaNO2', 'hydrochloric-acid-6M', paper('starch-iodide'), { event: 'changed' }],
    ['CH3COONa', 'sulfuric-acid-conc', smell, { smell: 'vinegar' }],
    ['NaCl', 'sulfuric-acid-conc', rod, { event: 'white-fumes' }],
    ['K2SO4', 'sulfuric-acid-conc', rod, { event: 'none' }],
    ['K2SO4', 'hydrochloric-acid-2M', smell, { smell: 'none' }],
    ['K2SO4', 'sulfuric-acid-conc', paper('blue-litmus'), { event: 'unchanged' }],
  ] as const)('%s with %s', (formula, acid, test, wanted) => {
    expect(after(formula, acid, test as Op)).toMatchObject(wanted);
  });

  test.each([
    ['KBr', 'red-brown brown'],
    ['KI', 'violet'],
    ['KNO3', 'brown'],
    ['KClO3', 'yellow'],
  ])('%s warmed with concentrated sulfuric acid gives %s fumes', (formula, colours) => {
    const see = run({ salts: [{ formula, grams: 1 }] }, [
      { op: 'take-solid', to: 'A', grams: 0.2 },
      add('sulfuric-acid-conc', 1),
      { op: 'heat', vessel: 'A', to: 'warm', minutes: 2 },
    ]);
    const gases = see.filter((o) => o.channel === 'gas').map((o) => o.colour);
    expect([gases, gases.some((c) => words(colours).includes(c!))]).toEqual([expect.anything(), true]);
  });
});

describe('heated dry', () => {
  test.each([
    ['CuSO4·5H2O', { channel: 'droplets', event: 'formed' }],
    ['CuCO3', { channel: 'solid', look: 'cold', colour: 'black' }],
    ['PbCO3', { channel: 'solid', look: 'cold', colour: 'yellow' }],
    ['ZnO', { channel: 'solid', look: 'hot', colour: 'yellow' }],
    ['Fe2O3', { channel: 'solid', look: 'cold', colour: 'red-brown' }],
    ['NH4Cl', { channel: 'sublimate', event: 'formed', colour: 'white' }],
    ['HgCl2', { channel: 'sublimate', event: 'formed', colour: 'white' }],
    ['As2O3', { channel: 'sublimate', event: 'formed', colour: 'white' }],
    ['NaCl', { channel: 'solid', event: 'decrepitated' }],
    ['Na2B4O7·10H2O', { channel: 'solid', event: 'swelled' }],
    ['(NH4)2Cr2O7', { channel: 'solid', look: 'cold', colour: 'green' }],
    ['AgNO3', { channel: 'gas', event: 'evolved', colour: 'brown' }],
    ['CoCl2·6H2O', { channel: 'solid', look: 'cold', colour: 'blue' }],
    ['KHC4H4O6', { channel: 'solid', event: 'charred' }],
  ] as const)('%s', (formula, wanted) => {
    const see = run({ salts: [{ formula, grams: 1 }] }, [{ op: 'dry-heat', to: 'A', grams: 0.2, strong: true }]);
    expect(see).toContainEqual(expect.objectContaining(wanted));
  });

  test.each([['KClO3'], ['KNO3'], ['KMnO4'], ['Pb(NO3)2']])('%s gives oxygen', (formula) => {
    const ops: Op[] = [
      { op: 'dry-heat', to: 'A', grams: 0.3, strong: true },
      { op: 'splint', vessel: 'A', splint: 'glowing' },
    ];
    expect(run({ salts: [{ formula, grams: 1 }] }, ops)[0]!.event).toBe('relit');
  });
});

describe('flames and beads', () => {
  const flames = {
    NaCl: 'yellow',
    KCl: 'violet',
    LiCl: 'crimson',
    'CaCl2·6H2O': 'brick-red',
    'SrCl2·6H2O': 'crimson',
    'BaCl2·2H2O': 'apple-green',
    'CuCl2·2H2O': 'green',
    H3BO3: 'green',
    'MgSO4·7H2O': 'none',
    NH4Cl: 'none',
    'FeSO4·7H2O': 'none',
  };
  test.each(Object.entries(flames))('%s: %s', (formula, colour) => {
    expect(run({ salts: [{ formula, grams: 1 }] }, [{ op: 'flame', from: 'sample' }])[0]!.colour).toBe(colour);
  });

  const beads = {
    'CoSO4·7H2O': ['blue', 'blue'],
    'CuSO4·5H2O': ['blue', 'red-brown'],
    'MnSO4·H2O': ['violet', 'colourless'],
    'CrCl3·6H2O': ['green', 'green'],
    'NiSO4·6H2O': ['red-brown', 'grey'],
    'FeCl3·6H2O': ['yellow', 'green'],
    NaCl: ['colourless', 'colourless'],
  };
  test.each(Object.entries(beads))('%s: cold, oxidising then reducing, %j', (formula, colours) => {
    const zones = ['oxidising', 'reducing'] as const;
    const seen = zones.map(
      (zone) => run({ salts: [{ formula, grams: 1 }] }, [{ op: 'bead', from: 'sample', zone, look: 'cold' }])[0]!.colour,
    );
    expect(seen).toEqual(colours);
  });
});
