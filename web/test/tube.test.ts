import { createElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import type { Op } from '#core/bench/ops';
import type { Subject } from '#core/record/working';
import { changesSince } from '#core/record/view';
import { DEFAULT_RULES } from '#core/scheme/rules';
import { CaseAtWork } from '../../core/test/casework';
import { Tube } from '../src/parts/Tube';

/** The drawing of tube A after these operations on a sample, with words, and its picture. */
function drawn(sample: object, ops: readonly Op[]) {
  const { state } = new CaseAtWork({ sample } as Subject, { ...DEFAULT_RULES, help: 'words' }).work(...ops);
  const { drawing } = changesSince(state, 0, 'owner').vessels.find((v) => v.id === 'A')!;
  return { drawing, svg: renderToStaticMarkup(createElement(Tube, { drawing })) };
}

/** Tops of the liquids, from the picture. */
const tops = (svg: string) => [...svg.matchAll(/class="liquid" x="14" y="([\d.]+)"/g)].map((m) => Number(m[1]));

const silver = { solution: { 'Ag+': 0.1, 'NO3-': 0.1 }, mL: 30 };
const take = (mL: number): Op => ({ op: 'take', to: 'A', from: 'sample', mL });
const add = (reagent: string, mL: number): Op => ({ op: 'add', to: 'A', reagent, mL });

test('a fuller tube stands higher, and everything stays inside the glass', () => {
  const levels = [0.1, 0.5, 2, 5, 10, 20].map((mL) => tops(drawn(silver, [take(mL)]).svg)[0]!);
  expect([...levels].sort((a, b) => b - a)).toEqual(levels);
  expect(new Set(levels).size).toBe(levels.length);
  for (const y of levels) {
    expect(y).toBeGreaterThan(16);
    expect(y).toBeLessThan(312);
  }
});

test('a precipitate has the colour that it has, hangs until it settles, and is told in words', () => {
  const fresh = drawn(silver, [take(2), add('hydrochloric-acid-2M', 1)]);
  expect(fresh.drawing.solid).toMatchObject({ texture: 'curdy', hanging: true });
  expect(fresh.svg).toContain(`fill="${fresh.drawing.solid!.hex}"`);
  expect(fresh.svg).toContain(`aria-label="${fresh.drawing.text}"`);
  expect(fresh.drawing.text).toMatch(/white/);
  const settled = drawn(silver, [take(2), add('hydrochloric-acid-2M', 1), { op: 'centrifuge', vessel: 'A' }]);
  expect(settled.drawing.solid!.hanging).toBe(false);
  const grains = (svg: string) => svg.split('<ellipse').length;
  expect(grains(settled.svg)).toBeLessThan(grains(fresh.svg));
  const gone = drawn(silver, [take(2), add('hydrochloric-acid-2M', 0.2), add('ammonia-6M', 4)]);
  expect(gone.drawing.solid).toBeUndefined();
});

test.each([
  ['cyclohexane', 'upper'],
  ['dichloromethane', 'lower'],
] as const)('%s lies as the %s layer', (solvent, position) => {
  const iodide = { solution: { 'K+': 0.1, 'I-': 0.1 }, mL: 30 };
  const { drawing, svg } = drawn(iodide, [
    take(2),
    add('chlorine-water', 0.5),
    add(solvent, 1),
    { op: 'shake', vessel: 'A' } as Op,
  ]);
  expect(drawing.layer).toMatchObject({ position });
  const at = svg.indexOf(`fill="${drawing.layer!.hex}"`);
  expect(at).toBeGreaterThan(0);
  const layerTop = Number(svg.slice(0, at).match(/y="([\d.]+)"[^<]*$/)![1]);
  const water = tops(svg).filter((y) => y !== layerTop);
  expect(water.length).toBeGreaterThan(0);
  for (const y of water) expect(position === 'upper' ? y > layerTop : y < layerTop).toBe(true);
});

test('gas is drawn as bubbles, more of them the brisker it comes', () => {
  const carbonate = { salts: [{ formula: 'Na2CO3', grams: 3 }] };
  const { drawing, svg } = drawn(carbonate, [{ op: 'take-solid', to: 'A', grams: 0.3 }, add('hydrochloric-acid-2M', 3)]);
  expect(drawing.bubbles).toBeGreaterThan(1);
  expect(svg.split('class="bubble"').length - 1).toBe(drawing.bubbles * 6);
  expect(svg).not.toMatch(/NaN|undefined|Infinity/);
});
