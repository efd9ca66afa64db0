import fc from 'fast-check';
import { openBench, perform } from '#core/bench/bench';
import { opSchema, placesIn, vesselsIn } from '#core/bench/ops';
import { REAGENTS } from '#core/matter/data/reagents';
import { SINGLES } from '#core/reasoning/hypotheses';
import { fusionRemarks, warningsFor } from '#core/senses/cautions';
import { drawingText, drawSight, plainText, type Sight, sightText, stilled } from '#core/senses/drawing';
import { observe } from '#core/senses/perceive';
import { showingOf, testShowing } from '#core/senses/showing';
import type { OpOf } from '#core/bench/ops';
import { AMOUNTS, COLOURS, plainWord, TEXTURES, VIGOURS } from '#core/vocabulary/words';
import { doAndSee } from './seen';

const colour = fc.constantFrom(...COLOURS.filter((c) => c !== 'none'));
const maybe = <T>(of: fc.Arbitrary<T>) => fc.option(of, { nil: undefined });
const sight: fc.Arbitrary<Sight> = fc.record({
  mL: fc.constantFrom(0, 0.5, 2, 12),
  liquid: maybe(fc.record({ colour, cloudy: fc.boolean() })),
  solid: maybe(
    fc.record({
      colour,
      texture: fc.constantFrom(...TEXTURES),
      amount: fc.constantFrom(...AMOUNTS),
      settled: fc.boolean(),
    }),
  ),
  layer: maybe(fc.record({ colour, mL: fc.constant(1), position: fc.constantFrom('upper' as const, 'lower' as const) })),
  dry: maybe(colour),
  sublimate: maybe(colour),
  droplets: fc.boolean(),
  bubbling: maybe(fc.constantFrom(...VIGOURS)),
  fumes: maybe(colour),
});

describe('a drawing and its words', () => {
  test('are made from the same sight: two sights that are told alike are drawn alike', () => {
    const drawn = new Map<string, string>();
    fc.assert(
      fc.property(sight, (s) => {
        const { text, ...picture } = drawSight(s);
        const told = JSON.stringify([s.mL, text, s.bubbling]);
        const before = drawn.get(told) ?? JSON.stringify(picture);
        expect(JSON.stringify(picture)).toBe(before);
        drawn.set(told, before);
      }),
      { numRuns: 400 },
    );
  });

  test('name every part with its colour; without the words no colour is named, and the parts still are', () => {
    fc.assert(
      fc.property(sight, (s) => {
        const text = sightText(s);
        for (const part of [s.liquid?.colour, s.solid?.colour, s.layer?.colour, s.dry, s.sublimate, s.fumes])
          if (part) expect(text).toContain(plainWord(part));
        const plain = plainText(drawSight(s));
        for (const word of COLOURS) expect(plain).not.toMatch(new RegExp(`\\b${plainWord(word)}\\b`));
        expect(plain.includes('a solid')).toBe(!!s.solid);
        expect(plain.includes('layer')).toBe(!!s.layer);
      }),
      { numRuns: 300 },
    );
  });

  test('a tube bubbles while it is worked on, and says so; then it is still', () => {
    const brisk = drawSight({ mL: 2, bubbling: 'brisk', liquid: { colour: 'colourless', cloudy: false } });
    expect(drawingText(brisk)).toBe('colourless clear liquid, bubbles');
    expect(drawingText(stilled(brisk))).toBe('colourless clear liquid');
    expect(sightText({ mL: 0 })).toBe('empty tube');
  });
});

describe('warnings and remarks', () => {
  const acid: OpOf<'add'> = { op: 'add', to: 'A', reagent: 'hydrochloric-acid-2M', mL: 1 };

  test('acid on an unknown is warned of whatever is in the tube: the warning tells nothing', () => {
    const told = SINGLES.filter((_, i) => i % 7 === 0).map(({ sample }) => {
      const taken = perform(openBench(sample), { op: 'take-solid', to: 'A', grams: 0.1 }).bench;
      const { see } = doAndSee(taken, acid);
      const uncoloured = see.filter((o) => o.channel !== 'gas' || o.colour === 'colourless');
      return warningsFor(acid, uncoloured).join();
    });
    expect(new Set(told).size).toBe(1);
    expect(told[0]).toMatch(/hydrogen sulfide or hydrogen cyanide among them/);
  });

  test('what is seen and smelt is warned of by its look, never by its name', () => {
    const brown = warningsFor(acid, [{ channel: 'gas', event: 'evolved', colour: 'brown' }]).join();
    expect(brown).toMatch(/Brown fumes/);
    expect(brown).not.toMatch(/nitrogen|dioxide/i);
    const smelt = warningsFor({ op: 'smell', vessel: 'A' }, [{ channel: 'smell', smell: 'bitter-almond-do-not-smell' }]).join();
    expect(smelt).toMatch(/Do not smell it again/);
    expect(smelt).not.toMatch(/cyanide/i);
    expect(warningsFor({ op: 'add', to: 'A', reagent: 'water', mL: 1 }, [])).toEqual([]);
    for (const r of REAGENTS.filter((x) => x.restricted))
      expect(warningsFor({ op: 'add', to: 'A', reagent: r.id, mL: 1 }, []).join()).toContain(r.restricted);
  });

  test('a fusion teaches by how it was done and how the extract looks', () => {
    const done: OpOf<'fuse'> = {
      op: 'fuse',
      sodium_mg: 60,
      sample_mg: 40,
      gentle_minutes: 2,
      red_hot: true,
      tubes: 2,
      water_mL: 10,
      boil_to_mL: 3.5,
    };
    expect(fusionRemarks(done, [{ channel: 'extract', event: 'good' }])).toEqual([]);
    const poor = fusionRemarks(
      { ...done, sodium_mg: 10, red_hot: false, gentle_minutes: 0, tubes: 1, boil_to_mL: 9, dried: false, covered: false },
      [{ channel: 'extract', event: 'repeat-fusion', colour: 'brown' }],
    );
    expect(poor).toHaveLength(8);
    expect(poor.join()).not.toMatch(/nitro group|halide|amine|explode/);
  });
});

describe('what is held up', () => {
  const held = (formula: string, op: OpOf<'flame' | 'bead'>) => {
    const { see } = doAndSee(openBench({ salts: [{ formula, grams: 2 }] }), op);
    return showingOf(op, see)!;
  };

  test('a flame, a bead, a paper before and after; nothing for what is in the tube', () => {
    expect(held('SrCl2·6H2O', { op: 'flame', from: 'sample' })).toMatchObject({
      scene: { is: 'flame', lights: [{ flash: false }] },
      text: 'Crimson flame.',
    });
    expect(held('MgSO4·7H2O', { op: 'flame', from: 'sample' })).toMatchObject({
      scene: { lights: [] },
      text: 'No flame colour.',
    });
    expect(held('CoCl2·6H2O', { op: 'bead', from: 'sample', zone: 'oxidising', look: 'cold' })).toMatchObject({
      title: 'Borax bead',
      scene: { is: 'bead', hot: false, zone: 'oxidising' },
    });
    const paper = { op: 'paper', vessel: 'A', paper: 'dichromate', where: 'mouth', damp: true } as const;
    const green = showingOf(paper, [{ channel: 'paper', paper: 'dichromate', event: 'changed', colour: 'green' }])!;
    const still = showingOf(paper, [{ channel: 'paper', paper: 'dichromate', event: 'unchanged' }])!;
    expect(still.scene).toMatchObject({ is: 'paper' });
    expect(still.scene).toHaveProperty('after', (still.scene as { before: string }).before);
    expect(green.scene).toEqual({ ...still.scene, after: expect.not.stringMatching((still.scene as { before: string }).before) });
    expect(showingOf({ op: 'look', vessel: 'A' }, [{ channel: 'solution', colour: 'blue' }])).toBeNull();
  });

  test('a classification test shows the sample beside its controls, in a tube or by what is read off', () => {
    const { tubes } = testShowing('Melting point', [
      { of: 'sample', see: [{ channel: 'temperature', event: 'melts', celsius: 121, to: 122 }] },
      { of: 'positive', see: [{ channel: 'precipitate', event: 'formed', colour: 'orange', texture: 'crystalline' }] },
    ]);
    expect(tubes![0]).toMatchObject({ celsius: [121, 122], text: 'melts 121 to 122 °C' });
    expect(tubes![0]!.drawing).toBeUndefined();
    expect(tubes![1]!.drawing!.solid).toMatchObject({ texture: 'crystalline' });
  });
});

test('what happened is told without a word of how it looks', () => {
  const { bench } = perform(openBench({ salts: [{ formula: 'CuSO4·5H2O', grams: 3 }] }), {
    op: 'dissolve',
    to: 'S',
    grams: 0.3,
    in: 'water',
    mL: 5,
  });
  const { happened } = perform(bench, { op: 'add', to: 'S', reagent: 'ammonia-2M', drops: 4 });
  expect(JSON.stringify(happened)).not.toMatch(/blue|colour|liquid|cloudy/);
  expect(JSON.stringify(observe(happened))).toMatch(/blue/);
});

test('an operation names the places that it works on, and every vessel that it touches', () => {
  const op = opSchema.parse({ op: 'take', to: 'B', from: 'A', mL: 1, unrinsed: 'C' });
  expect(placesIn(op)).toEqual(['B', 'A']);
  expect(vesselsIn(op)).toEqual(['B', 'A', 'C']);
  expect(placesIn(opSchema.parse({ op: 'heat', vessel: 'A', to: 'boil' }))).toEqual(['A']);
  expect(vesselsIn(opSchema.parse({ op: 'flame', from: 'sample' }))).toEqual([]);
});
