import { readFileSync } from 'node:fs';
import { openBench } from '#core/bench/bench';
import { BenchError } from '#core/bench/error';
import { manualMarkdown, operationsManual } from '#core/bench/operations/manual';
import { definitionOf, type Op } from '#core/bench/ops';
import type { SampleSpec } from '#core/bench/sample';
import { addAmounts, elementsIn } from '#core/matter/catalogue';
import { doAndSee } from './seen';

/** The residue of a sample, evaporated in a dish and ignited, and the bench before and after. */
function ignited(sample: SampleSpec, ...after: readonly Op[]) {
  const ops: readonly Op[] = [
    { op: 'set-up', vessel: 'D', as: 'dish' },
    { op: 'dissolve', to: 'D', grams: 0.5, in: 'water', mL: 5 },
    { op: 'evaporate', vessel: 'D', dry: true },
    { op: 'ignite', vessel: 'D' },
    ...after,
  ];
  let bench = openBench(sample);
  const benches = [];
  const see = [];
  for (const op of ops) {
    const done = doAndSee(bench, op);
    ({ bench } = done);
    benches.push(bench);
    see.push(done.see);
  }
  return { see, benches };
}

const grams = (...salts: readonly (readonly [string, number])[]): SampleSpec => ({
  salts: salts.map(([formula, g]) => ({ formula, grams: g })),
});

describe('igniting a residue', () => {
  const NESSLER: Op = { op: 'add', to: 'D', reagent: 'nessler-reagent', drops: 4 };
  const water: Op = { op: 'add', to: 'D', reagent: 'water', mL: 4 };

  test('ammonium leaves as white smoke, so that Nessler finds none, and potassium stays', () => {
    const { see, benches } = ignited(grams(['NH4Cl', 1], ['KCl', 0.5]), water, NESSLER);
    expect(see[3]).toContainEqual({ channel: 'gas', event: 'evolved', colour: 'white' });
    expect(see[5]!.some((o) => o.colour === 'brown' || o.colour === 'orange')).toBe(false);
    expect(benches[4]!.vessels['D']!.species['K+']).toBeGreaterThan(0.1);
  });

  test('tartrate burns off, and copper is no longer held by it in alkali', () => {
    const alkali: Op = { op: 'add', to: 'D', reagent: 'sodium-hydroxide-2M', mL: 3 };
    const held = ignited(
      grams(['KNaC4H4O6·4H2O', 1], ['CuSO4·5H2O', 0.2]),
      water,
      { op: 'add', to: 'D', reagent: 'hydrochloric-acid-2M', mL: 1 },
      alkali,
    );
    expect(held.benches.at(-1)!.vessels['D']!.amounts['C4H4O6^2-'] ?? 0).toBeLessThan(1e-9);
    expect(Object.keys(held.benches.at(-1)!.vessels['D']!.solids)).toEqual(
      expect.arrayContaining([expect.stringMatching(/^Cu/)]),
    );
  });

  test('every atom is still there, or has left', () => {
    const { benches } = ignited(grams(['NH4Cl', 1], ['KNaC4H4O6·4H2O', 1], ['MgSO4·7H2O', 1]));
    // Water leaves unseen, with hydrogen and oxygen that a reaction makes it of.
    const count = (i: number) => {
      const { amounts, lost } = benches[i]!.vessels['D']!;
      const { H: _hydrogen, O: _oxygen, ...elements } = elementsIn(addAmounts({ ...amounts }, lost)).elements;
      return elements;
    };
    const [before, after] = [count(2), count(3)];
    for (const [element, mol] of Object.entries(before))
      expect([element, after[element]]).toEqual([element, expect.closeTo(mol, 6)]);
  });

  test.each<[string, Op, RegExp]>([
    ['liquid', { op: 'ignite', vessel: 'T' }, /evaporate it to dryness first/],
    ['nothing', { op: 'ignite', vessel: 'N' }, /there is no vessel "N"/],
  ])('of %s it is refused, and what to do is said', (_, op, says) => {
    const bench = doAndSee(openBench(grams(['KCl', 1])), { op: 'dissolve', to: 'T', grams: 0.1, in: 'water', mL: 1 }).bench;
    expect(() => doAndSee(bench, op)).toThrow(says);
    expect(() => doAndSee(bench, op)).toThrow(BenchError);
  });
});

describe('definitions of operations', () => {
  test('the published page is written from them, and every field says what it is', () => {
    expect(readFileSync(new URL('../../docs/formats/operations.md', import.meta.url), 'utf8')).toBe(manualMarkdown());
    for (const { op, about } of operationsManual()) expect([op, about]).toEqual([op, expect.stringMatching(/^[A-Z].*\.$/)]);
  });

  test('a vessel that something is moved into stands after what it came from', () => {
    const origins: readonly [Op, string, string | undefined][] = [
      [{ op: 'filter', from: 'A', to: 'B', residue: 'C' }, 'C', 'A'],
      [{ op: 'filter', from: 'A', to: 'B' }, 'A', undefined],
      [{ op: 'take', to: 'B', from: 'A', mL: 1 }, 'B', 'A'],
      [{ op: 'take-solid', to: 'B', grams: 1 }, 'B', 'sample'],
      [{ op: 'add', to: 'B', reagent: 'water', drops: 1 }, 'B', undefined],
    ];
    for (const [op, vessel, from] of origins) expect(definitionOf(op).origin?.(op, vessel)).toBe(from);
  });
});
