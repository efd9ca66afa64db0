/** The tables by which compounds are told apart, judged by each other: names, products, and estimates against what is listed. */
import { densityOf, estimatedDensity, estimatedIndex, LISTED_CONSTANTS, refractiveIndexOf } from '#core/organic/constants';
import { equivalentMass, TITRATIONS, titrate } from '#core/organic/equivalents';
import { derivativeOf, LISTED_DERIVATIVES, productOf } from '#core/organic/derivatives';
import { compoundByName, inLibrary } from '#core/organic/library';
import { structureOf } from '#core/organic/structure';
import { classTest } from '#core/organic/classtests';
import { derivativeTest, ORGANIC_TEST_IDS } from '#core/organic/testids';

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

/** Molar mass over the protons that phenolphthalein sees given up, from textbooks of analysis; amino acids need formaldehyde. */
test.each([
  ['p-toluenesulfonic acid', 'Cc1ccc(cc1)S(=O)(=O)O', 172],
  ['methanesulfonic acid', 'CS(=O)(=O)O', 96],
  ['sulfanilic acid', 'Nc1ccc(cc1)S(=O)(=O)O', 173],
  ['4-aminobenzoic acid', 'Nc1ccc(cc1)C(=O)O', 137],
  ['nicotinic acid', 'OC(=O)c1cccnc1', 123],
  ['succinic acid', 'OC(=O)CCC(=O)O', 59],
  ['glutamic acid', 'NC(CCC(=O)O)C(=O)O', 147],
  ['potassium hydrogen phthalate', '[K+].OC(=O)c1ccccc1C([O-])=O', 204],
  ['potassium hydrogen tartrate', '[K+].OC(C(O)C([O-])=O)C(O)=O', 188],
  ['aniline hydrochloride', 'Cl.Nc1ccccc1', 130],
  ['sodium benzoate', '[Na+].[O-]C(=O)c1ccccc1', null],
  ['diethylamine hydrochloride', 'Cl.CCNCC', null],
  ['glycine', 'NCC(=O)O', null],
  ['ethanol', 'CCO', null],
] as const)('the neutralisation equivalent of %s (%s) is %s', (_, smiles, wanted) => {
  const found = titrate([{ structure: structureOf(smiles), share: 1 }], 'neutralisation-equivalent')?.equivalent ?? null;
  if (wanted === null) expect(found).toBeNull();
  else expect(Math.abs(found! / wanted - 1)).toBeLessThan(0.02);
});

/** Betaines, onium salts and other charges that no proton takes away: every one ends in an answer. */
test.each([
  'C[N+](C)(C)CCO.[Cl-]',
  'C[N+](C)(C)CC(=O)[O-]',
  'C[N+](C)(C)CCOC(=O)C.[Br-]',
  'C[N+](C)(C)c1ccc(O)cc1.[I-]',
  'C[N+](C)(C)CCN.[Cl-]',
  'C[n+]1cccc(C(=O)[O-])c1',
  'C[S+](C)CCC(=O)[O-]',
  'C[N+](C)(C)CC(O)CC(=O)[O-]',
  'CC(=O)CC[N+](C)(C)C.[Cl-]',
  'OC(=O)C[N+](C)(C)C.[Cl-]',
])('all derivatives and tests of %s are answered', (smiles) => {
  const s = structureOf(smiles);
  for (const row of derivativeTest.values()) expect(() => derivativeOf(s, row)).not.toThrow();
  for (const id of ORGANIC_TEST_IDS) expect(classTest(s, id).see.length).toBeGreaterThan(0);
});

test('a titration reads what its arithmetic gives back', () => {
  for (const [name, which, molarMass] of [
    ['benzoic acid', 'neutralisation-equivalent', 122.1],
    ['methyl benzoate', 'saponification-equivalent', 136.1],
  ] as const) {
    const { grams, mL, equivalent } = titrate([{ structure: structure(name), share: 1 }], which)!;
    expect(equivalentMass(grams, mL, TITRATIONS[which].molar)).toBeCloseTo(equivalent, -0.4);
    expect(Math.abs(equivalent - molarMass)).toBeLessThan(1);
  }
});
