import { openBench, perform } from '#core/bench/bench';
import type { CompoundSample } from '#core/bench/sample';
import { parseSalt } from '#core/matter/salts';
import { solubilityIn } from '#core/organic/solubility';
import { structureOf } from '#core/organic/structure';
import { LEVELS } from '#core/reasoning/data/levels';
import { seeded } from '#core/reasoning/student';
import { drawUnknown, looksLike } from '#core/reasoning/unknown';
import { DEFAULT_RULES } from '#core/scheme/rules';
import { changesSince } from '#core/record/view';
import { CaseAtWork } from './casework';

test.each(LEVELS)('%s: what is drawn can be worked, differs, and its label tells nothing but its look', (level) => {
  const random = seeded(LEVELS.indexOf(level) + 11);
  const drawn = Array.from({ length: 24 }, () => drawUnknown(level, random));
  expect(new Set(drawn.map((s) => JSON.stringify(s))).size).toBeGreaterThan(12);
  for (const sample of drawn) {
    expect(() => openBench(sample)).not.toThrow();
    const look = looksLike(sample);
    expect(look).toMatch(/^[a-z ;,]+$/);
    const formulas = 'salts' in sample ? sample.salts.map((s) => s.formula) : 'smiles' in sample ? [sample.smiles] : [];
    for (const formula of formulas) expect(look).not.toContain(formula.toLowerCase());
  }
});

test('a mixture shares no ion between its salts', () => {
  const random = seeded(5);
  for (let i = 0; i < 60; i++) {
    const sample = drawUnknown('mixture', random);
    const ions = 'salts' in sample ? sample.salts.flatMap((s) => Object.keys(parseSalt(s.formula).ions)) : [];
    expect(ions.length).toBeGreaterThan(3);
    expect(new Set(ions).size).toBe(ions.length);
  }
});

test('of an acid, a base and a neutral each wash takes its own, and the neutral stays in the ether', () => {
  const random = seeded(7);
  for (let i = 0; i < 20; i++) {
    const sample = drawUnknown('compounds-to-part', random);
    const [acid, base, neutral] = 'compounds' in sample ? sample.compounds.map((c) => c.smiles) : [];
    let bench = openBench(sample);
    for (const wash of ['naoh-5pc', 'hcl-5pc'] as const)
      bench = perform(bench, { op: 'shake-out', with: wash, times: 3, portion: wash }).bench;
    const mostly = (of?: CompoundSample) => [of?.smiles, (of?.impurity ?? 0) < 0.15];
    expect(mostly(bench.portions?.['naoh-5pc']?.sample)).toEqual([acid, true]);
    expect(mostly(bench.portions?.['hcl-5pc']?.sample)).toEqual([base, true]);
    expect(mostly(bench.sample as CompoundSample)).toEqual([neutral, true]);
  }
  const neutrals = Array.from({ length: 300 }, () => drawUnknown('compounds-to-part', random)).map((sample) =>
    'compounds' in sample ? sample.compounds[2]!.smiles : '',
  );
  expect(neutrals.filter((smiles) => solubilityIn(structureOf(smiles), 'naoh-5pc') !== 'insoluble')).toEqual([]);
});

test('a real tube takes the colours that were written down of it, until the entry is struck', () => {
  const real = new CaseAtWork({ real: { grams: 2, matter: 'salt' } }, DEFAULT_RULES);
  real.do(
    { kind: 'operation', payload: { op: { op: 'dissolve', to: 'S', grams: 0.4, in: 'water', mL: 12 }, test: 'solution-water' } },
    { kind: 'entry', payload: { test: 'free', vessel: 'S', observed: [{ channel: 'solution', colour: 'deep-blue' }] } },
  );
  const before = real.state.seq - 1;
  const tube = () => changesSince(real.state, before, 'owner').vessels.find((v) => v.id === 'S')!.drawing;
  expect(tube()).toMatchObject({ mL: 12, text: 'deep blue clear liquid' });
  real.do({
    kind: 'entry',
    payload: {
      test: 'free',
      vessel: 'S',
      observed: [{ channel: 'precipitate', event: 'formed', colour: 'white', texture: 'curdy' }],
    },
  });
  expect(tube().text).toBe('deep blue clear liquid, some curdy white solid hanging in the liquid');
  real.do({ kind: 'strike', payload: { entry: 1, reason: 'the wrong tube' } });
  expect(tube().text).toMatch(/^colourless/);
});
