/** The tables by which compounds are told apart, judged by each other: names, products, and estimates against what is listed. */
import { densityOf, estimatedDensity, estimatedIndex, LISTED_CONSTANTS, refractiveIndexOf } from '#core/organic/constants';
import { equivalentMass, TITRATIONS, titrate } from '#core/organic/equivalents';
import { derivativeOf, LISTED_DERIVATIVES, productOf } from '#core/organic/derivatives';
import { compoundByName, inLibrary } from '#core/organic/library';
import { structureOf } from '#core/organic/structure';
import { derivativeTest } from '#core/organic/testids';

const structure = (name: string) => structureOf(compoundByName.get(name)!.smiles);
const rootMeanSquare = (errors: readonly number[]) => Math.sqrt(errors.reduce((sum, e) => sum + e * e, 0) / errors.length);

test('estimates of density and refractive index miss the tables by no more than the handbook says', () => {
  const density = LISTED_CONSTANTS.map((name) => estimatedDensity(structure(name)) - densityOf(structure(name)).value);
  const index = LISTED_CONSTANTS.map((name) => {
    const s = structure(name);
    return estimatedIndex(s, estimatedDensity(s)) - refractiveIndexOf(s).value;
  });
  expect(LISTED_CONSTANTS.length).toBeGreaterThan(200);
  expect(rootMeanSquare(density)).toBeLessThan(0.056);
  expect(rootMeanSquare(index)).toBeLessThan(0.031);
});

test('every listed derivative has a product, which melts as the library says where it has that too', () => {
  let compared = 0;
  for (const listed of LISTED_DERIVATIVES) {
    const [id, name] = listed.split(' of ') as [string, string];
    const row = derivativeTest.get(id)!;
    const { melts } = derivativeOf(structure(name), row)!;
    if (row.adductOf) continue;
    const product = productOf(structure(name), row);
    expect([listed, product]).not.toContain(null);
    const known = inLibrary(product!)?.melts;
    if (!known) continue;
    compared++;
    expect([listed, Math.abs(known.celsius - melts!.celsius) <= 3]).toEqual([listed, true]);
  }
  expect(compared).toBeGreaterThan(8);
});

test('a titration reads what its arithmetic gives back', () => {
  for (const [name, which, molarMass] of [
    ['benzoic acid', 'neutralisation-equivalent', 122.1],
    ['methyl benzoate', 'saponification-equivalent', 136.1],
  ] as const) {
    const { grams, mL, equivalent } = titrate(structure(name), which)!;
    expect(equivalentMass(grams, mL, TITRATIONS[which].molar)).toBeCloseTo(equivalent, -0.4);
    expect(Math.abs(equivalent - molarMass)).toBeLessThan(1);
  }
});
