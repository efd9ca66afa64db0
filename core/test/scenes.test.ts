/** What is held up and held over a burner, against what books say is seen. */
import { openBench, perform } from '#core/bench/bench';
import type { Op } from '#core/bench/ops';
import { sampleOf } from '#core/senses/colour';
import { drawSight, sightOf } from '#core/senses/drawing';
import { type Scene, sceneSchema } from '#core/senses/drawn';
import { observe } from '#core/senses/perceive';
import { asDescribed, showingOf } from '#core/senses/showing';
import type { Colour } from '#core/vocabulary/words';

const hex = (word: Colour) => sampleOf(word)!;

/** The scene of an operation on a gram of each of these. */
function scene<K extends Scene['is']>(is: K, op: Op, ...formulas: readonly string[]): Extract<Scene, { is: K }> {
  const bench = openBench({ salts: formulas.map((formula) => ({ formula, grams: 1 })) });
  const shown = sceneSchema.parse(showingOf(op, observe(perform(bench, op).happened))!.scene);
  expect(shown.is).toBe(is);
  return shown as Extract<Scene, { is: K }>;
}
const flame = (through: 'none' | 'cobalt-glass', ...formulas: readonly string[]) =>
  scene('flame', { op: 'flame', from: 'sample', through }, ...formulas);
const heated = (formula: string) => scene('hard-glass', { op: 'dry-heat', to: 'H', grams: 0.2, strong: true }, formula);
const block = (formula: string, then?: 'cobalt-nitrate') => scene('charcoal', { op: 'charcoal', ...(then && { then }) }, formula);

describe('flames', () => {
  test.each<[string, Colour]>([
    ['NaCl', 'yellow'],
    ['LiCl', 'crimson'],
    ['CaCl2·2H2O', 'brick-red'],
    ['BaCl2·2H2O', 'apple-green'],
  ])('%s burns %s', (formula, colour) => {
    expect(flame('none', formula)).toEqual({ is: 'flame', lights: [{ hex: hex(colour), flash: false }], throughGlass: false });
  });

  test('sodium drowns as much potassium, not through the glass; a red shows beside it', () => {
    const bare = flame('none', 'KCl', 'NaCl').lights;
    expect(bare).toEqual([{ hex: hex('yellow'), flash: false }]);
    const glass = flame('cobalt-glass', 'KCl', 'NaCl');
    expect(glass.throughGlass).toBe(true);
    expect(glass.lights.map((l) => l.hex)).toEqual([hex('crimson')]);
    expect(flame('cobalt-glass', 'NaCl').lights).toEqual([]);
    expect(flame('none', 'LiCl', 'NaCl').lights.map((l) => l.hex)).toContain(hex('crimson'));
  });
});

describe('a hard-glass tube', () => {
  test('zinc carbonate is yellow while it is hot, and white cold', () => {
    expect(heated('ZnCO3')).toMatchObject({ hot: hex('yellow'), cold: hex('white'), droplets: false });
  });

  test('blue vitriol gives its water and its blue; lead nitrate brown fumes', () => {
    const vitriol = heated('CuSO4·5H2O');
    expect(vitriol.droplets).toBe(true);
    expect([hex('white'), hex('off-white')]).toContain(vitriol.cold);
    expect(heated('Pb(NO3)2')).toMatchObject({ gas: hex('brown'), droplets: false });
  });

  test('sal ammoniac sublimes white; table salt does nothing of the kind', () => {
    expect(heated('NH4Cl')).toMatchObject({ sublimate: hex('white') });
    expect(heated('NaCl')).toMatchObject({ sublimate: null, gas: null, droplets: false });
  });
});

describe('charcoal', () => {
  test('lead leaves a bead of metal and a yellow film; with cobalt, zinc is green and aluminium blue', () => {
    expect(block('Pb(NO3)2')).toMatchObject({ metal: true, film: hex('yellow'), cobalt: null });
    expect(block('ZnSO4·7H2O', 'cobalt-nitrate').cobalt).toBe(hex('green'));
    expect(block('Al2(SO4)3·18H2O', 'cobalt-nitrate').cobalt).toBe(hex('blue'));
    expect(block('MgSO4·7H2O')).toMatchObject({ residue: hex('white'), metal: false, film: null });
  });
});

test('two powders swept together show both grains, and one shows its own', () => {
  const dry = (...formulas: readonly string[]) => {
    const { bench } = perform(openBench({ salts: formulas.map((formula) => ({ formula, grams: 1 })) }), {
      op: 'take-solid',
      to: 'A',
      grams: 0.1,
    });
    return drawSight(sightOf(bench.vessels['A']!, bench.sample, []));
  };
  const both = dry('CuSO4·5H2O', 'NaCl');
  expect([both.dry!.hex, ...both.dry!.grains!].sort()).toEqual([hex('blue'), hex('white')].sort());
  expect(both.text).toMatch(/^dry blue and white grains/);
  expect(dry('NaCl').dry).not.toHaveProperty('grains');
});

test('a tube as it was described: what fell, turned and went back', () => {
  const white = { channel: 'precipitate', event: 'formed', colour: 'white', texture: 'curdy' } as const;
  expect(asDescribed([white], 2)).toMatchObject({ mL: 2, solid: { hex: hex('white'), texture: 'curdy' } });
  const turned = asDescribed([white, { channel: 'precipitate', event: 'colour-changed', colour: 'grey' }], 2);
  expect(turned.solid).toMatchObject({ hex: hex('grey'), texture: 'curdy' });
  const gone = asDescribed([white, { channel: 'precipitate', event: 'dissolved' }, { channel: 'gas', event: 'evolved' }], 2);
  expect(gone).not.toHaveProperty('solid');
  expect(gone.bubbles).toBe(0);
});
