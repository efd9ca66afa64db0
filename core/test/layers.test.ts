/** Two liquids one above the other, and a dry tube looked at again: as a bench shows them, whichever was there first. */
import { densityOf } from '#core/bench/density';
import { LIBRARY } from '../src/organic/library';
import { openBench, perform } from '#core/bench/bench';
import type { Op } from '#core/bench/ops';
import { elementsIn } from '#core/matter/catalogue';
import type { Observation } from '#core/vocabulary/observation';
import { doAndSee } from './seen';

function work(formula: string, ...ops: readonly Op[]) {
  let bench = openBench({ salts: [{ formula, grams: 2 }] });
  const see: (readonly Observation[])[] = [];
  for (const op of ops) {
    const done = doAndSee(bench, op);
    bench = done.bench;
    see.push(done.see);
  }
  return { bench, see, last: see.at(-1)! };
}

const solved: readonly Op[] = [
  { op: 'dissolve', to: 'S', grams: 0.5, in: 'water', mL: 10 },
  { op: 'take', to: 'A', from: 'S', mL: 1 },
];
const add = (reagent: string, mL = 1): Op => ({ op: 'add', to: 'A', reagent, mL });
const cool: Op = { op: 'cool', vessel: 'A' };
const onto = (reagent: string, mL = 1): Op => ({ op: 'add', to: 'A', reagent, mL, layered: true });
const ring = (see: readonly Observation[]) => see.find((o) => o.channel === 'ring');

/** Densities at 20 °C, g/mL (CRC), of the bottles of the shelf. */
test.each([
  ['water', 1.0],
  ['sulfuric-acid-conc', 1.84],
  ['nitric-acid-conc', 1.41],
  ['hydrochloric-acid-conc', 1.18],
  ['ammonia-conc', 0.9],
  ['sulfuric-acid-1M', 1.06],
  ['sodium-hydroxide-2M', 1.08],
  ['iron-ii-sulfate-fresh-0.5M', 1.07],
])('%s has about %d g/mL', (reagent, density) => {
  const bench = perform(openBench({ salts: [{ formula: 'NaCl', grams: 1 }] }), { op: 'add', to: 'A', reagent, mL: 5 }).bench;
  expect(Math.abs(densityOf(bench.vessels['A']!) - density)).toBeLessThan(0.07);
});

const BROWN = expect.stringMatching(/brown/) as string;

test.each([
  ['iron(II) in it, acid run down', [add('iron-ii-sulfate-fresh-0.5M'), cool, onto('sulfuric-acid-conc')]],
  ['acid in it and cooled, iron(II) laid on top', [add('sulfuric-acid-conc'), cool, onto('iron-ii-sulfate-fresh-0.5M')]],
  [
    'acid run down, then more of it',
    [add('iron-ii-sulfate-fresh-0.5M'), onto('sulfuric-acid-conc', 0.5), onto('sulfuric-acid-conc', 0.5)],
  ],
] as const)('nitrate gives the ring, chloride none: %s', (_, ops) => {
  expect(ring(work('NaNO3', ...solved, ...ops, { op: 'look', vessel: 'A' }).last)).toMatchObject({
    event: 'formed',
    colour: BROWN,
  });
  expect(ring(work('NaCl', ...solved, ...ops, { op: 'look', vessel: 'A' }).last)).toMatchObject({ event: 'none' });
});

test.each([
  ['acid below', [onto('sulfuric-acid-conc')]],
  ['twice acid below', [onto('sulfuric-acid-conc'), onto('sulfuric-acid-conc')]],
  ['iron(II) above', [add('sulfuric-acid-conc'), onto('iron-ii-sulfate-fresh-0.5M')]],
  [
    'iron(II) above, then more',
    [add('sulfuric-acid-conc'), onto('iron-ii-sulfate-fresh-0.5M'), onto('iron-ii-sulfate-fresh-0.5M')],
  ],
] as const)('nothing is lost in layers, nor when they are shaken: %s', (_, ops) => {
  const poured = { 'sulfuric-acid-conc': 18, 'iron-ii-sulfate-fresh-0.5M': 0.55 } as Readonly<Record<string, number>>;
  const sulfur = ops.reduce((sum, op) => sum + ('reagent' in op ? poured[op.reagent]! / 1000 : 0), 0);
  const { bench } = work('NaNO3', ...solved, ...ops);
  const held = bench.vessels['A']!;
  expect(held.beneath!.mL + held.mL).toBeCloseTo(1 + ops.length, 6);
  const shaken = perform(bench, { op: 'shake', vessel: 'A' }).bench.vessels['A']!;
  expect(shaken.beneath).toBeUndefined();
  expect(shaken.mL).toBeCloseTo(1 + ops.length, 6);
  expect((elementsIn(shaken.amounts).elements['S'] ?? 0) + (elementsIn(shaken.lost).elements['S'] ?? 0)).toBeCloseTo(sulfur, 8);
});

const HEAT: Op = { op: 'dry-heat', to: 'A', grams: 0.2, strong: true };
const solids = (see: readonly Observation[]) =>
  see.filter((o) => o.channel === 'solid').map(({ look, colour }) => [look, colour]);

/** Oxides as every book has them: of lead orange hot and yellow cold, of zinc yellow hot and white cold. */
test.each([
  ['Pb(NO3)2', 'orange', 'yellow'],
  ['Zn(NO3)2·6H2O', 'yellow', 'white'],
])('a dry tube of %s looked at again: %s while it is hot, %s when it has cooled, and no bubbles in it', (formula, hot, cold) => {
  const { see } = work(
    formula,
    HEAT,
    { op: 'look', vessel: 'A' },
    cool,
    { op: 'look', vessel: 'A' },
    {
      op: 'stand',
      vessel: 'A',
      minutes: 30,
    },
  );
  expect(solids(see[1]!)).toEqual([['hot', hot]]);
  for (const later of see.slice(2)) {
    expect(solids(later)).toEqual([['cold', cold]]);
    expect(later.some((o) => o.channel === 'gas' || o.channel === 'precipitate' || o.channel === 'solution')).toBe(false);
  }
});

test('a look at dry powder in a tube shows the powder', () => {
  const { last } = work('CuSO4·5H2O', { op: 'take-solid', to: 'A', grams: 0.1 }, { op: 'look', vessel: 'A' });
  expect(last).toEqual([expect.objectContaining({ channel: 'solid', colour: 'blue' })]);
});

test('a portion into which nothing was washed is named as such, and only those are offered that hold something', () => {
  const bench = openBench({
    compounds: [
      { smiles: 'c1ccc2ccccc2c1', grams: 1 },
      { smiles: 'OC(=O)c1ccccc1', grams: 1 },
    ],
  });
  const wash = (before: typeof bench, solvent: 'hcl-5pc' | 'naoh-5pc', portion: string) =>
    perform(before, { op: 'shake-out', with: solvent, times: 2, portion }).bench;
  const two = wash(wash(bench, 'hcl-5pc', 'base'), 'naoh-5pc', 'acid');
  expect(() => perform(two, { op: 'work-on', portion: 'base', aside: 'rest' })).toThrow(
    /nothing was washed out into base; there is something in acid/,
  );
  expect(() => perform(two, { op: 'work-on', portion: 'third', aside: 'rest' })).toThrow(/no portion third; .* in acid$/);
  expect(perform(two, { op: 'work-on', portion: 'acid', aside: 'rest' }).bench.portions).toHaveProperty('rest');
});

test('what is left after shaking out is what one weighs, not the share that names the compound', () => {
  const washes = ['hcl-5pc', 'nahco3-5pc', 'naoh-5pc'] as const;
  const wrong = LIBRARY.slice(0, 60).flatMap(({ smiles }) =>
    washes.flatMap((solvent) => {
      const spec = {
        compounds: [
          { smiles, grams: 1.5 },
          { smiles: 'c1ccc2ccccc2c1', grams: 1.5 },
        ],
      };
      const { left, portions } = perform(openBench(spec), { op: 'shake-out', with: solvent, times: 2, portion: 'p' }).bench;
      return [left, portions!.p!.left].filter((grams) => {
        const steps = grams * (grams < 0.1 ? 100 : 10);
        return Math.abs(steps - Math.round(steps)) > 1e-9;
      });
    }),
  );
  expect(wrong).toEqual([]);
});
