import { parseFormula } from '#core/matter/formula';
import { conversions, couples, elementsIn, gases, ionId, overComponents, solids, species } from '#core/matter/catalogue';
import { ANIONS, CATIONS } from '#core/matter/data/components';
import { CONVERSIONS, COUPLES } from '#core/matter/data/couples';
import { BEADS, DRY_COLOURS, FLAMES, OXIDES, TINTS } from '#core/matter/data/dry';
import { FITTED_TO } from '#core/matter/data/fits';
import { GASES } from '#core/matter/data/gases';
import { REAGENTS, SOLVENTS } from '#core/matter/data/reagents';
import { INERT_SOLIDS, SOLIDS } from '#core/matter/data/solids';
import { SOURCES } from '#core/matter/data/sources';
import { SPECIES } from '#core/matter/data/species';
import { SPECTRA } from '#core/matter/data/spectra';
import { parseSalt } from '#core/matter/salts';
import { partsOf, reagentContents } from '#core/bench/contents';
import { SOLID_WORDS, sampleOf, solidWord, wordDistance } from '#core/senses/colour';
import { COLOURS } from '#core/vocabulary/words';

const words: readonly string[] = COLOURS;

test('every constant names a source in the list', () => {
  const named = [
    ...SPECIES.map((r) => r[3]),
    ...SOLIDS.map((r) => r[5]),
    ...GASES.map((r) => r[3]),
    ...COUPLES.map((r) => r.source),
    ...SPECTRA.map((r) => r[1]),
  ];
  for (const key of named) expect(SOURCES[key]).toBeDefined();
});

test('what has no reviewed source says to what it was fitted, and nothing else does', () => {
  const fitted = [
    ...SPECIES.filter((r) => r[3] === 'FIT').map((r) => r[0]),
    ...SOLIDS.filter((r) => r[5] === 'FIT').map((r) => r[0]),
    ...GASES.filter((r) => r[3] === 'FIT').map((r) => r[0]),
    ...SPECTRA.filter((r) => r[1] === 'FIT').map((r) => r[0]),
    ...[...COUPLES, ...CONVERSIONS].filter((r) => r.source === 'FIT').map((r) => r.id),
  ];
  expect(Object.keys(FITTED_TO).sort()).toEqual([...new Set(fitted)].sort());
});

test('every species, solid and gas has the atoms and charge of what it is made of', () => {
  for (const { id, of } of [...species, ...solids, ...gases]) {
    const formula = parseFormula(id);
    const made = elementsIn(of);
    const left = { ...made.elements };
    for (const [element, n] of Object.entries(formula.elements)) left[element] = (left[element] ?? 0) - n;
    expect([id, Object.values(left).every((n) => Math.abs(n) < 1e-9), made.charge]).toEqual([id, true, formula.charge]);
  }
});

test('conversions conserve atoms and charge', () => {
  for (const c of conversions) {
    const { elements, charge } = elementsIn(c.change);
    expect([c.id, ...Object.values(elements).map((n) => Math.round(n * 1e6))]).toEqual([
      c.id,
      ...Object.values(elements).map(() => 0),
    ]);
    expect(Math.abs(charge)).toBeLessThan(1e-9);
  }
});

test('couples name only couples that exist', () => {
  const ids = new Set(couples.map((c) => c.id));
  for (const { row } of couples)
    for (const gate of [row.oxidant, row.reductant])
      if (gate && gate !== 'never') for (const id of [...(gate.only ?? []), ...(gate.not ?? [])]) expect(ids).toContain(id);
});

test('the contents of every bottle are neutral and known', () => {
  for (const r of REAGENTS) {
    if (r.solid) for (const [formula] of partsOf(r.solid)) expect(parseSalt(formula).molarMass).toBeGreaterThan(1);
    else if (!r.solvent) expect([r.id, Math.abs(elementsIn(reagentContents(r)).charge) < 1e-9]).toEqual([r.id, true]);
  }
});

test('every colour is a word of the vocabulary, and a solid looks like its word', () => {
  for (const [id, colour, hex] of [
    ...SOLIDS.map((r) => [r[0], r[3], r[6]?.hex] as const),
    ...INERT_SOLIDS.map((r) => [r[0], r[1], r[3]?.hex] as const),
  ]) {
    expect(words).toContain(colour);
    expect(SOLID_WORDS).toHaveProperty([colour]);
    if (hex) expect([id, solidWord(hex) === colour || wordDistance(solidWord(hex), colour) < 0.13]).toEqual([id, true]);
  }
  const dry = [
    ...FLAMES.flatMap((f) => [f.colour, f.glass]),
    ...BEADS.flatMap((b) => b.colours),
    ...Object.values(TINTS).flat(),
    ...Object.values(DRY_COLOURS),
    ...Object.values(OXIDES).flatMap((o) => [o.hot, o.cold, o.charcoal, o.cobalt ?? 'white']),
    ...GASES.map((g) => g[5].colour ?? 'colourless'),
  ];
  for (const colour of dry) expect(words).toContain(colour);
  for (const word of COLOURS) expect(sampleOf(word)).toBeDefined();
});

test('spectra and partition ratios are of species that exist', () => {
  const known = new Set(species.map((s) => s.id));
  for (const [id] of SPECTRA) expect(known).toContain(id);
  for (const s of SOLVENTS) for (const id of Object.keys(s.partition)) expect(known).toContain(id);
});

test('every ion of the specification can be a sample, and every metal ion has a hydroxide or an oxide', () => {
  for (const id of [...CATIONS, ...ANIONS]) expect(Object.keys(overComponents(id)).length).toBeGreaterThan(0);
  const free = ['NH4+', 'Na+', 'K+', 'Li+', 'Hg2^2+', 'As3+', 'Sb3+', 'Sn4+', 'Ba2+', 'Sr2+'];
  for (const id of CATIONS.filter((c) => !free.includes(c)))
    expect([id, solids.some((s) => s.of[id] && (s.of['H+'] ?? 0) < 0)]).toEqual([id, true]);
});

test('the usual spellings of an ion are read as one', () => {
  for (const text of ['SO4^2-', 'SO4--', 'SO₄²⁻', 'SO42-']) expect(ionId(text)).toBe('SO4^2-');
  for (const text of ['Cu2+', 'Cu^2+', 'Cu++', 'Cu²⁺']) expect(ionId(text)).toBe('Cu2+');
  for (const text of ['CuSO4.5H2O', 'CuSO4·5H2O', 'CuSO₄·5H₂O']) expect(parseSalt(text).ions).toEqual({ 'Cu2+': 1, 'SO4^2-': 1 });
  expect(parseSalt('KAl(SO4)2·12H2O').ions).toEqual({ 'K+': 1, 'Al3+': 1, 'SO4^2-': 2 });
  expect(parseSalt('Hg2Cl2').ions).toEqual({ 'Hg2^2+': 1, 'Cl-': 2 });
  expect(parseSalt('HgCl2').ions).toEqual({ 'Hg2+': 1, 'Cl-': 2 });
  expect(() => parseSalt('NaX')).toThrow(/X|not/);
});
