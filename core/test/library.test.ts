/** The library's rows, and what other sources say of them: what differs is corrected, marked `~`, or named here with its reason. */
import { densityOf, refractiveIndexOf } from '#core/organic/constants';
import { derivativeOf } from '#core/organic/derivatives';
import { type Compound, compoundByName, LIBRARY, type Temperature } from '#core/organic/library';
import { structureOf } from '#core/organic/structure';
import { derivativeTest } from '#core/organic/testids';
import { SECOND_DENSITIES, SECOND_DERIVATIVES, SECOND_INDICES, SECOND_SOURCE } from './facts/second-source';

const structure = (name: string) => structureOf(compoundByName.get(name)!.smiles);
const rowsOf = (text: string) =>
  text
    .trim()
    .split('\n')
    .map((line) => line.split('|'));
/** Names of the rows of which a column, if it is given, is not as it should be. */
const off = (column: number, agrees: (c: Compound, said: string) => boolean) =>
  rowsOf(SECOND_SOURCE)
    .slice(1)
    .filter((row) => row[column] !== '-' && !agrees(compoundByName.get(row[0]!)!, row[column]!))
    .map(([name]) => name!);
const near = (ours: Temperature | undefined, said: string) =>
  !ours || ours.uncertain || ours.decomposes || Math.abs(ours.celsius - Number(said)) <= 4;

test('the library holds more than a thousand compounds and salts, each with a solubility, source and structure, and all but a few with a temperature', () => {
  expect(LIBRARY.length).toBeGreaterThan(1000);
  expect(new Set(LIBRARY.map((c) => structureOf(c.smiles).key)).size).toBe(LIBRARY.length);
  for (const c of LIBRARY) {
    if (!structureOf(c.smiles).salt)
      expect({ name: c.name, point: (c.melts ?? c.boils)?.celsius }).toMatchObject({ point: expect.any(Number) });
    expect(c.inWater).toBeDefined();
    expect(c.source).not.toBe('');
    expect(c.hazards.every(Boolean)).toBe(true);
  }
});

/** Where the library stays as it is without a mark, and why. */
const KEPT: Readonly<Record<string, string>> = {
  '4-aminobenzoic acid': 'dissolves: 55 g/L is ten times what handbooks say of cold water',
  guaiacol: 'dissolves: handbooks say one part in sixty to seventy of water, not 1.4 g/L',
  '4-methyl-2-pentanone': 'dissolves: 19 g/L by the solvent tables, not 3.8',
  phenylhydrazine: 'dissolves: sparingly in cold water, though 127 g/L was measured',
  benzylamine: 'dissolves: it mixes with water',
  '2,4,6-tribromophenol': 'melts: four other tables say 94 to 95',
  'bromo-derivative of phenol': 'melts: the same',
  '2,4-dinitrophenol': 'melts: three other tables say 113 to 115',
  '2-chloroaniline': 'melts: the stable form, of two',
  'anilide of chloroacetic acid': 'melts: 87 is the melting point of 2-chloroacetanilide, chlorine on the ring',
  'triethyl phosphate': 'boils: 89 is under reduced pressure',
  cyclohexanol: 'flash: 68 by its data sheets, not 47',
  piperazine: 'flash: 65 and over by its data sheets, not 36',
  acetonitrile: 'index: of 20 °C, which the table gives for 30',
  fluorobenzene: 'index: 1.4657 at 20 °C by its data sheets',
  'benzyl mercaptan': 'index: 1.575 by its data sheets; a digit of the table is turned',
  ethanol: 'cancer: as a drink, not as a solvent',
};
const unexplained = (names: readonly string[], what: string) => names.filter((name) => !KEPT[name]?.startsWith(`${what}: `));

test('melting and boiling points', () => {
  expect(
    unexplained(
      off(1, (c, said) => near(c.melts, said)),
      'melts',
    ),
  ).toEqual([]);
  expect(
    unexplained(
      off(2, (c, said) => near(c.boils, said)),
      'boils',
    ),
  ).toEqual([]);
});

/** What flashes up to 60 °C is flammable; flash points of one substance scatter by some five degrees. */
const FLASHES_WITHIN = 55;

test('what burns easily and what may cause cancer says so', () => {
  const burns = off(3, (c, said) => Number(said) > FLASHES_WITHIN || c.hazards.includes('catches fire easily'));
  expect(unexplained(burns, 'flash')).toEqual([]);
  expect(
    unexplained(
      off(4, (c) => c.hazards.includes('may cause cancer')),
      'cancer',
    ),
  ).toEqual([]);
});

test('solubility in water, by what was measured', () => {
  const bands = { soluble: [30, Infinity], partly: [9, 30], insoluble: [0, 9] } as const;
  const scatter = 1.5;
  const differing = LIBRARY.filter(({ smiles, inWater, logS }) => {
    if (logS === undefined) return false;
    const grams = 10 ** logS * structureOf(smiles).molarMass;
    const [least, most] = bands[inWater!];
    return grams * scatter < least || grams > most * scatter;
  });
  expect(
    unexplained(
      differing.map((c) => c.name),
      'dissolves',
    ),
  ).toEqual([]);
});

test('derivatives and densities', () => {
  const derivatives = rowsOf(SECOND_DERIVATIVES).filter(([listed, said]) => {
    const [id, name] = listed!.split(' of ') as [string, string];
    return !near(derivativeOf(structure(name), derivativeTest.get(id)!)!.melts, said!);
  });
  expect(
    unexplained(
      derivatives.map(([listed]) => listed!),
      'melts',
    ),
  ).toEqual([]);
  const densities = rowsOf(SECOND_DENSITIES).filter(
    ([name, said]) => Math.abs(densityOf(structure(name!)).value - Number(said)) > 0.015,
  );
  expect(densities).toEqual([]);
});

/** How much the index of a liquid falls for each degree. */
const INDEX_FALLS = 0.00045;

test('refractive indices', () => {
  const indices = rowsOf(SECOND_INDICES).filter(([name, said, celsius]) => {
    const { value, uncertain } = refractiveIndexOf(structure(name!));
    return !uncertain && Math.abs(value - Number(said) - INDEX_FALLS * (Number(celsius) - 20)) > 0.0015;
  });
  expect(
    unexplained(
      indices.map(([name]) => name!),
      'index',
    ),
  ).toEqual([]);
});
