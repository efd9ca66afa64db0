import { gunzipSync } from 'node:zlib';
import { readFileSync } from 'node:fs';
import { proving } from '#core/reasoning/advise';
import { type Atlas, rulesOfSchool } from '#core/reasoning/atlas';
import type { RecordEntry } from '#core/reasoning/entries';
import { infer } from '#core/reasoning/infer';
import { CONFIRMED } from '#core/reasoning/states';
import { testById, testsOf } from '#core/scheme/tests';
import { CIRCUMSTANCES } from '#core/scheme/data/circumstances';
import { World } from '#core/scheme/world';
import { SaltSpace } from '#core/reasoning/space';
import type { Observation } from '#core/vocabulary/observation';

const atlas = JSON.parse(gunzipSync(readFileSync(new URL('../../atlas/atlas.json.gz', import.meta.url))).toString()) as Atlas;

/** Between a prompt look and a thorough one. */
const LONGER = { most: 150 };

const entry = (number: number, test: string, ...observed: Observation[]): RecordEntry => ({ number, test, observed });
const bounds = (space: SaltSpace, entries: readonly RecordEntry[]) => ({
  rules: rulesOfSchool(space.scheme),
  simulated: true,
  done: new Set(entries.map((e) => e.test)),
});

describe('two salts that change what each other shows', () => {
  const TESTS = [
    'look',
    'solution-water',
    'flame',
    'flame-cobalt-glass',
    'ammonium',
    'dilute-acid',
    'concentrated-acid',
    'carbonate-extract',
    'silver-acid',
    'barium-acid',
    'hydroxide',
    'ammonia',
  ];
  const space = new SaltSpace(atlas, rulesOfSchool('no-sulfide'), { cations: 2, anions: 2 });
  const mixed = (a: string, b: string, tests = TESTS) => {
    const sample = { salts: [a, b].map((formula) => ({ formula, grams: 1.5 })) };
    const world = new World(sample, 'no-sulfide', rulesOfSchool('no-sulfide'));
    return tests.map((t, i) => entry(i + 1, t, ...world.result(t).see));
  };

  test('a quick look says that it may be wrong; a longer one finds them', () => {
    const record = mixed('PbCl2', 'Na2Cr2O7');
    expect(infer(space, record).doubtful).toBe(true);
    const { candidates } = infer(space, record, LONGER);
    // Chromate and dichromate are one another's in water.
    const found = candidates[0]!.ions.map((ion) => (ion === 'CrO4^2-' ? 'Cr2O7^2-' : ion));
    expect([...found].sort()).toEqual(['Cl-', 'Cr2O7^2-', 'Na+', 'Pb2+']);
    expect(candidates[0]!.against).toEqual([]);
  });

  test('however the ions are paired, it is one candidate', () => {
    const { candidates } = infer(space, mixed('NaCl', 'KNO3'));
    const keys = candidates.map((i) => [...i.ions].sort().join());
    expect(keys.length).toBeGreaterThan(1);
    expect(new Set(keys).size).toBe(keys.length);
  });

  test('a brown ring proves nitrate, but not beside nitrite, which gives it as well', () => {
    const tests = [...TESTS, 'brown-ring', 'nitrite-griess'];
    const nitrateIn = (a: string, b: string) => infer(space, mixed(a, b, tests)).suspects.find((s) => s.id === 'NO3-')!;
    expect(nitrateIn('BaCl2', 'Pb(NO3)2')).toMatchObject({ state: 'confirmed' });
    const beside = nitrateIn('Cu(NO3)2·3H2O', 'NaNO2');
    expect(beside.probability).toBeGreaterThanOrEqual(CONFIRMED);
    expect(beside.state).toBe('indicated');
  });

  test('benches differ, and what a mixture shows with them; written on another bench it is still that mixture', () => {
    const m = space.members.findIndex((_, i) => space.called(i) === 'FeCl3·6H2O + KNO3');
    const worlds = CIRCUMSTANCES.map((c) => new World(space.sampleOf(m), 'no-sulfide', rulesOfSchool('no-sulfide'), c));
    const shown = TESTS.map((test) => worlds.map((world) => world.result(test).see));
    expect(TESTS.map((test) => space.shows(m, test))).toEqual(shown);
    expect(shown.some(([usual, ...others]) => others.some((see) => JSON.stringify(see) !== JSON.stringify(usual)))).toBe(true);
    const elsewhere = TESTS.map((test, i) => entry(i + 1, test, ...shown[i]!.at(-1)!));
    const { candidates } = infer(space, elsewhere);
    expect([...candidates[0]!.ions].sort()).toEqual(['Cl-', 'Fe3+', 'K+', 'NO3-']);
  });

  test('a slight cloud from the tap, seen twice, makes no second salt, and is told as a conflict', () => {
    const world = new World({ salts: [{ formula: 'Ni(NO3)2·6H2O', grams: 3 }] }, 'no-sulfide', rulesOfSchool('no-sulfide'));
    const shown = ['look', 'solution-water', 'heating', 'brown-ring', 'nickel-dimethylglyoxime', 'barium-acid'];
    const cloud: Observation = { channel: 'precipitate', event: 'formed', colour: 'white', amount: 'slight' };
    const record = [
      ...shown.map((t, i) => entry(i + 1, t, ...world.result(t).see)),
      entry(7, 'silver-acid', cloud),
      entry(8, 'silver-ammonia', { channel: 'precipitate', event: 'dissolved' }),
    ];
    const { candidates, conflicts } = infer(space, record, LONGER);
    expect([...candidates[0]!.ions].sort()).toEqual(['NO3-', 'Ni2+']);
    expect(candidates[0]!.against).toContain(7);
    expect(conflicts.some((c) => c.ions.includes('Cl-') && [7, 8].includes(c.entry))).toBe(true);
  });

  test('an ion is proved by a test of its own, the quickest that is left and allowed', () => {
    const open = bounds(space, []);
    const first = proving(space, 'Pb2+', open)!;
    expect(testById.get(first)!.signs!.some((s) => s.proves && s.of.includes('Pb2+'))).toBe(true);
    const next = proving(space, 'Pb2+', { ...open, done: new Set([first]) })!;
    expect(next).not.toBe(first);
    expect(space.costs[next]!.minutes).toBeGreaterThanOrEqual(space.costs[first]!.minutes);
    expect(proving(space, 'Pb2+', { ...open, notAvailable: [first] })).toBe(next);
    const all = testsOf('no-sulfide').map((t) => t.id);
    expect(proving(space, 'Pb2+', { ...open, done: new Set(all) })).toBeUndefined();
  });
});
