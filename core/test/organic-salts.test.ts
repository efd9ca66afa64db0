/** Salts, mirror images and other ways to write a compound: what must hold for the whole library. */
import { solubilityIn, inWater, ownPH } from '#core/organic/solubility';
import { ionisableOf, strongest } from '#core/organic/acidity';
import { classTest } from '#core/organic/classtests';
import { inLibrary, LIBRARY } from '#core/organic/library';
import { groupsOf, structureOf } from '#core/organic/structure';

const WORDS = { soluble: 'soluble', partly: 'partly-soluble', insoluble: 'insoluble' } as const;
const neutral = LIBRARY.filter((c) => !c.smiles.includes('.'));
const structures = neutral.map((c) => [c, structureOf(c.smiles)] as const);
const amines = structures.filter(
  ([, s]) =>
    s.has('amine-primary', 'amine-primary-aryl', 'amine-secondary') && !s.has('carboxylic-acid', 'sulfonic-acid', 'acid-halide'),
);
const acids = structures.filter(([, s]) => s.count('carboxylic-acid') === 1 && !ionisableOf(s).some((i) => i.kind === 'base'));

describe('the hydrochloride of every amine of the library', () => {
  const salts = amines.map(([c, base]) => ({ name: c.name, base, salt: structureOf(`${c.smiles}.Cl`) }));

  test('there are enough of them to say so', () => expect(salts.length).toBeGreaterThan(30));

  test.each(salts.map(({ name, base, salt }) => [name, base, salt] as const))('%s', (_name, base, salt) => {
    expect(salt.formula).not.toBe(base.formula);
    expect(salt.molarMass).toBeGreaterThan(base.molarMass + 36);
    expect(groupsOf(salt)).toEqual(groupsOf(base));
    expect(solubilityIn(salt, 'ether')).toBe('insoluble');
    expect(ownPH(salt)).toBeLessThan(7);
    // Where the base hardly dissolves, its salt does; alkali sets the base free again.
    const molar = (s: typeof salt, pH: number) => inWater(s, pH) / s.molarMass;
    if ((strongest(base, 'base') ?? 0) > 3 && molar(base, 14) < 0.3)
      expect(molar(salt, ownPH(salt))).toBeGreaterThan(molar(base, 14) * 2);
    expect(classTest(salt, 'silver-nitrate-ethanol').see).toContainEqual(
      expect.objectContaining({ channel: 'precipitate', event: 'formed', colour: 'white' }),
    );
    for (const test of ['azo-coupling', 'carbylamine', 'nitrous-acid'])
      expect(classTest(salt, test).see).toEqual(classTest(base, test).see);
  });
});

describe('the sodium salt of every simple acid of the library', () => {
  const ionised = (smiles: string) => {
    const salt = smiles
      .replace(/C\(=O\)O(?![A-Za-z])/, 'C(=O)[O-]')
      .replace(/^OC\(=O\)/, '[O-]C(=O)')
      .replace(/C\(O\)=O/, 'C([O-])=O');
    return salt === smiles ? null : `${salt}.[Na+]`;
  };
  const salts = acids.flatMap(([c, acid]) => {
    const smiles = ionised(c.smiles);
    // A thiol or a nitrophenol beside the carboxylate is an acid of its own.
    return smiles && !smiles.includes('[O-][') && !acid.has('thiol', 'nitro-phenol')
      ? [[c.name, acid, structureOf(smiles)] as const]
      : [];
  });

  test('there are enough of them to say so', () => expect(salts.length).toBeGreaterThan(20));

  test.each(salts)('%s', (_name, acid, salt) => {
    expect(salt.atoms['Na']).toBe(1);
    expect(groupsOf(salt)).toEqual(groupsOf(acid));
    expect(solubilityIn(salt, 'ether')).toBe('insoluble');
    expect(ownPH(salt)).toBeGreaterThanOrEqual(7);
    expect(classTest(salt, 'melting-point').see).toEqual([{ channel: 'temperature', event: 'none' }]);
    // Mineral acid brings the acid back, as soluble as it is.
    const molar = (s: typeof salt) => inWater(s, 0.1) / s.molarMass;
    expect(molar(salt) / molar(acid)).toBeGreaterThan(0.01);
    expect(classTest(salt, 'ignition').see).toContainEqual({ channel: 'solid', colour: 'white' });
  });
});

describe('a compound of the library', () => {
  test('is found however its SMILES is written, and by its mirror image', () => {
    for (const [compound, structure] of structures.filter(([c], i) => c.smiles.includes('@') || i % 8 === 0)) {
      const other = structure.molecule.toIsomericSmiles();
      expect([compound.name, inLibrary(other)?.name]).toEqual([compound.name, compound.name]);
      const mirrored = compound.smiles.replace(/@@?/g, (mark) => (mark === '@' ? '@@' : '@'));
      expect([compound.name, inLibrary(mirrored)?.name]).toEqual([compound.name, compound.name]);
    }
  });

  test('with one centre is found without it, and what differs across a double bond is not', () => {
    expect(inLibrary('CC(O)C(O)=O')).toBe(inLibrary('C[C@H](O)C(O)=O'));
    expect(inLibrary('OC(=O)/C=C\\C(O)=O')!.name).not.toBe(inLibrary('OC(=O)/C=C/C(O)=O')!.name);
  });

  test('dissolves in water as the book says, but for a few whose acid strength says otherwise', () => {
    const off = structures.filter(([c, s]) => solubilityIn(s, 'water') !== WORDS[c.inWater!]);
    expect(off.length).toBeLessThan(5);
  });

  test('melts and boils as the book says', () => {
    for (const [compound, s] of structures) {
      const seen = classTest(s, 'melting-point').see[0] as { to?: number };
      if (compound.melts && compound.melts.celsius > 25) expect(Math.abs(seen.to! - compound.melts.celsius)).toBeLessThan(2);
      else expect(seen.to).toBeUndefined();
    }
  });
});

test('ring nitrogen is a base by what else is in its ring', () => {
  const pKa = (smiles: string) => strongest(structureOf(smiles), 'base');
  expect(pKa('c1ccncc1')).toBeCloseTo(5.2);
  expect(pKa('c1c[nH]cn1')).toBeCloseTo(7);
  expect(pKa('Nc1ccccn1')).toBeCloseTo(6.9);
  expect(pKa('c1cnccn1')).toBeLessThan(3);
  expect(pKa('c1cncnc1')).toBeLessThan(3);
  expect(pKa('c1ccc2ncccc2c1')).toBeCloseTo(5.2);
});
