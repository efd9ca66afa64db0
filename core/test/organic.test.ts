import fc from 'fast-check';
import { runScript } from '#core/senses/script';
import { readList, writeList } from '#core/exchange/lists';
import { LIST_FORMATS } from '#core/exchange/formats';
import { ionisableOf } from '#core/organic/acidity';
import { classTest, controlFor } from '#core/organic/classtests';
import { drawStructure } from '#core/organic/draw';
import { fuse, refusal } from '#core/organic/fusion';
import { compoundByName, inLibrary, LIBRARY } from '#core/organic/library';
import { boilingRange, estimatedPoints, meltingRange, pointsOf } from '#core/organic/melting';
import { solubilityIn } from '#core/organic/solubility';
import { elementsOf, groupsOf, structureOf } from '#core/organic/structure';
import { boilingAt, normalBoiling, stemCorrection } from '#core/organic/thermometer';
import { ORGANIC_TEST_IDS } from '#core/organic/testids';
import type { Observation } from '#core/vocabulary/observation';
import { disagreements } from './notation';

const named = (name: string) => structureOf(compoundByName.get(name)!.smiles);

describe('a structure', () => {
  test.each([
    ['O', /no carbon/],
    ['', /empty/],
    ['CC(', /brackets do not pair/],
    ['C1CC', /cannot be read as SMILES/],
    ['hello', /cannot be read as SMILES/],
    ['CC(C)(C)(C)C', /too many bonds/],
    ['C'.repeat(101), /101 heavy atoms are too many/],
  ])('%s is refused with the reason', (smiles, why) => {
    expect(() => structureOf(smiles)).toThrow(why);
  });

  test('is the same however it is written, and its mirror in a double bond is another', () => {
    expect(structureOf('OC(=O)c1ccccc1').key).toBe(structureOf('C1=CC=CC=C1C(O)=O').key);
    expect(structureOf('OC(=O)/C=C/C(O)=O').key).not.toBe(structureOf('OC(=O)/C=C\\C(O)=O').key);
    expect(inLibrary('C(C)(=O)NC1=CC=C(Br)C=C1')?.name).toBe('4-bromoacetanilide');
    expect(structureOf('CC(=O)Nc1ccc(Br)cc1')).toMatchObject({ formula: 'C8H8BrNO' });
  });

  test.each([
    ['4-bromoacetanilide', 'N Br', 'amide aryl-halide'],
    ['aniline', 'N', 'amine-primary-aryl'],
    ['N-methylaniline', 'N', 'amine-secondary'],
    ['diphenylamine', 'N', 'amine-secondary'],
    ['acetanilide', 'N', 'amide'],
    ['saccharin', 'N S', 'amide sulfonamide'],
    ['thiourea', 'N S', 'thioamide'],
    ['nitrobenzene', 'N', 'nitro'],
    ['acetylsalicylic acid', '', 'carboxylic-acid ester'],
    ['glucose', '', 'carbohydrate'],
    ['sucrose', '', 'carbohydrate'],
    ['mannitol', '', 'alcohol-primary alcohol-secondary'],
    ['formic acid', '', 'carboxylic-acid'],
    ['N,N-dimethylformamide', 'N', 'amide'],
    ['benzil', '', 'ketone'],
    ['pyridine', 'N', 'aza-aromatic'],
    ['pyrrole', 'N', ''],
  ])('%s: elements %s, groups %s', (name, elements, groups) => {
    expect(elementsOf(named(name)).join(' ')).toBe(elements);
    expect(groupsOf(named(name)).sort().join(' ')).toBe(groups);
  });

  test('is drawn as a picture that runs nothing', () => {
    const svg = drawStructure('CC(=O)Nc1ccc(Br)cc1');
    expect(svg).toMatch(/^<svg /);
    expect(svg).not.toMatch(/<script|onload|javascript:/i);
  });
});

/** pKa values of the CRC Handbook, 95th ed. */
test.each([
  ['benzoic acid', 4.2],
  ['4-nitrobenzoic acid', 3.44],
  ['phenol', 9.99],
  ['4-nitrophenol', 7.15],
  ['2,4-dinitrophenol', 4.07],
  ['p-cresol', 10.26],
  ['aniline', 4.6],
  ['4-nitroaniline', 1],
  ['3-nitroaniline', 2.46],
  ['p-toluidine', 5.08],
  ['4-chloroaniline', 3.98],
  ['ethyl 4-aminobenzoate', 2.5],
])('substituents move the acidity of %s to %f', (name, pKa) => {
  expect(Math.abs(ionisableOf(named(name))[0]!.pKa - pKa)).toBeLessThan(0.4);
});

test('solubility in water agrees with the tables: seldom by more than one word', () => {
  const rank = { soluble: 2, partly: 1, 'partly-soluble': 1, insoluble: 0 };
  const off = LIBRARY.map((c) => Math.abs(rank[solubilityIn(structureOf(c.smiles), 'water')] - rank[c.inWater!]));
  expect(off.filter((d) => d === 0).length / off.length).toBeGreaterThan(0.75);
  expect(off.filter((d) => d > 1).length / off.length).toBeLessThan(0.03);
});

/** What the handbooks say of each test: compounds that show it, and compounds that do not. */
const ROWS: readonly [test: string, shows: Partial<Observation>, yes: string, no: string][] = [
  [
    'solubility-naoh-5pc',
    { event: 'soluble' },
    'cinnamic acid|p-cresol|2-naphthol|p-toluenesulfonamide|thiophenol',
    'p-toluidine|acetanilide|acetophenone|naphthalene',
  ],
  [
    'solubility-nahco3-5pc',
    { event: 'soluble' },
    'benzoic acid|4-chlorobenzoic acid|picric acid|p-toluenesulfonic acid',
    '2-naphthol|p-cresol|thymol',
  ],
  [
    'solubility-hcl-5pc',
    { event: 'soluble' },
    'aniline|p-toluidine|N,N-dimethylaniline|quinoline|benzylamine',
    'diphenylamine|acetanilide|2,4-dinitroaniline|cinnamic acid',
  ],
  [
    'solubility-h2so4-conc',
    { event: 'soluble' },
    'acetanilide|acetophenone|cyclohexene|diphenyl ether|mesitylene',
    'hexane|toluene|bromobenzene|chloroform',
  ],
  ['solubility-ether', { event: 'insoluble' }, 'glucose|glycine|urea|sulfanilic acid', 'ethanol|aniline|benzoic acid|acetone'],
  [
    'litmus',
    { paper: 'blue-litmus', event: 'changed' },
    'propanoic acid|oxalic acid|p-toluenesulfonic acid',
    'ethanol|acetamide|phenol|glucose',
  ],
  ['litmus', { paper: 'red-litmus', event: 'changed' }, 'butylamine|piperidine|triethylamine|pyridine', 'aniline|acetamide'],
  ['ignition', { event: 'sooty' }, 'naphthalene|styrene|toluene|benzoic acid', 'ethanol|hexane|acetone|cyclohexene'],
  [
    'copper-wire-halogen',
    { colour: 'green' },
    '4-chlorobenzoic acid|iodobenzene|chloroform|1-bromobutane',
    'fluorobenzene|benzoic acid|acetanilide',
  ],
  [
    'bromine-addition',
    { channel: 'solution', colour: 'colourless' },
    'styrene|cyclohexene|allyl bromide|phenol|aniline',
    'toluene|cyclohexane|acetone|nitrobenzene|acetanilide|fumaric acid',
  ],
  [
    'permanganate',
    { channel: 'precipitate', colour: 'brown' },
    'styrene|cinnamic acid|benzaldehyde|butanal|phenol|formic acid',
    'naphthalene|cyclohexane|acetone|2-methyl-2-propanol|benzoic acid',
  ],
  [
    'dnp',
    { event: 'formed', colour: 'yellow' },
    'butanal|3-pentanone|cyclohexanone',
    'ethanol|ethyl acetate|acetic acid|acetamide|nitrobenzene',
  ],
  ['dnp', { event: 'formed', colour: 'orange' }, 'benzaldehyde|acetophenone|benzophenone', 'butanal|benzoic acid'],
  [
    'dnp',
    { event: 'formed', colour: 'orange-red' },
    'cinnamaldehyde|chalcone|4-(dimethylamino)benzaldehyde',
    'acetone|benzaldehyde',
  ],
  [
    'ammoniacal-silver',
    { channel: 'deposit', event: 'formed' },
    'butanal|benzaldehyde|glucose|formic acid|hydroquinone|lactose',
    'acetone|sucrose|acetophenone|ethanol',
  ],
  [
    'copper-tartrate',
    { event: 'formed', colour: 'red' },
    'butanal|glucose|fructose|maltose',
    'benzaldehyde|sucrose|acetone|4-methoxybenzaldehyde',
  ],
  ['fuchsin-aldehyde', { colour: 'violet' }, 'acetaldehyde|benzaldehyde|vanillin', 'acetone|glucose|benzoic acid'],
  [
    'iodoform',
    { event: 'formed', colour: 'yellow' },
    'acetone|acetophenone|ethanol|2-propanol|acetaldehyde|2-octanol',
    '3-pentanone|1-butanol|methanol|butanal|2-methyl-2-propanol|acetic acid|benzophenone',
  ],
  [
    'cerium-nitrate',
    { colour: 'red' },
    'methanol|1-butanol|2-methyl-2-propanol|glycerol|benzyl alcohol',
    'acetone|diethyl ether|1-hexadecanol|phenol|benzoic acid',
  ],
  [
    'zinc-chloride-hcl',
    { clarity: 'cloudy' },
    '2-methyl-2-propanol|2-butanol|benzyl alcohol|allyl alcohol',
    '1-butanol|ethanol|2-methyl-1-propanol|acetone',
  ],
  [
    'chromic-acid',
    { colour: 'green' },
    '1-butanol|2-butanol|butanal|benzaldehyde|cyclohexanol',
    '2-methyl-2-propanol|acetone|acetophenone|diethyl ether|ethyl acetate',
  ],
  [
    'iron-iii-chloride',
    { colour: 'violet' },
    'phenol|salicylic acid|resorcinol|methyl salicylate',
    'ethanol|benzoic acid|acetanilide|2,6-di-tert-butyl-4-methylphenol',
  ],
  ['iron-iii-chloride', { colour: 'green' }, 'catechol|2-naphthol', 'phenol'],
  ['iron-iii-chloride', { colour: 'red' }, '2,4-pentanedione|ethyl acetoacetate', 'acetone|ethyl acetate'],
  [
    'hydroxamate',
    { colour: 'crimson' },
    'ethyl acetate|methyl benzoate|acetic anhydride|gamma-butyrolactone|acetylsalicylic acid',
    'acetone|benzoic acid|ethanol|acetanilide',
  ],
  [
    'iron-ii-hydroxide-nitro',
    { colour: 'red-brown' },
    'nitrobenzene|nitroethane|4-nitroaniline',
    'toluene|aniline|acetanilide|benzonitrile',
  ],
  [
    'nitrous-acid',
    { channel: 'gas', event: 'evolved' },
    'butylamine|benzylamine|urea|glycine',
    'aniline|N-methylaniline|triethylamine',
  ],
  [
    'nitrous-acid',
    { channel: 'layer', colour: 'yellow' },
    'N-methylaniline|diethylamine|piperidine',
    'aniline|butylamine|acetanilide',
  ],
  [
    'azo-coupling',
    { event: 'formed', colour: 'orange-red' },
    'aniline|p-toluidine|4-aminobenzoic acid|sulfanilamide',
    'N-methylaniline|benzylamine|acetanilide|phenol',
  ],
  ['carbylamine', { smell: 'pungent' }, 'aniline|butylamine|benzylamine', 'N-methylaniline|acetanilide|triethylamine'],
  ['sulfonyl-chloride', { event: 'dissolved' }, 'aniline|butylamine', 'N-methylaniline|N,N-dimethylaniline'],
  [
    'sulfonyl-chloride',
    { event: 'formed' },
    'aniline|N-methylaniline|piperidine',
    'N,N-dimethylaniline|triethylamine|acetanilide',
  ],
  [
    'silver-nitrate-ethanol',
    { event: 'formed', colour: 'white' },
    'benzyl chloride|2-chloro-2-methylpropane|acetyl chloride',
    'chlorobenzene|chloroform|carbon tetrachloride',
  ],
  [
    'silver-nitrate-ethanol',
    { event: 'formed', colour: 'cream' },
    'allyl bromide|1-bromobutane|2-bromo-2-methylpropane',
    'bromobenzene|4-bromoacetanilide',
  ],
  [
    'sodium-iodide-acetone',
    { event: 'formed' },
    '1-bromobutane|benzyl chloride|allyl bromide',
    'bromobenzene|2-chloro-2-methylpropane|1-iodobutane',
  ],
  ['phthalein', { colour: 'pink' }, 'phenol|o-cresol', 'p-cresol|salicylic acid|benzyl alcohol'],
  [
    'base-hydrolysis-ammonia',
    { event: 'changed', colour: 'blue' },
    'acetamide|benzamide|urea|succinimide',
    'acetanilide|nitrobenzene|aniline|benzoic acid',
  ],
  [
    'alpha-naphthol-acid',
    { event: 'formed', colour: 'violet' },
    'glucose|sucrose|lactose|fructose',
    'mannitol|glycerol|benzaldehyde',
  ],
  [
    'lead-acetate-thiol',
    { event: 'formed', colour: 'yellow' },
    'thiophenol|1-butanethiol|cysteine',
    'diethyl sulfide|saccharin|ethanol',
  ],
  ['esterification-smell', { smell: 'fruity' }, 'acetic acid|benzoic acid|butanoic acid', 'acetone|glycine|phenol'],
];

describe.each(ROWS)('%s shows %j', (id, shows, yes, no) => {
  const seen = (name: string) =>
    classTest(named(name), id).see.some((o) =>
      Object.entries(shows).every(([field, value]) => o[field as keyof Observation] === value),
    );
  test.each(yes.split('|'))('with %s', (name) => expect(seen(name)).toBe(true));
  test.each(no.split('|'))('not with %s', (name) => expect(seen(name)).toBe(false));
});

test('tests are graded, and run beside a control that shows them and one that does not', () => {
  expect(classTest(named('2-chloro-2-methylpropane'), 'silver-nitrate-ethanol').grade).toBe('strong');
  expect(classTest(named('2-butanol'), 'zinc-chloride-hcl').grade).toBe('slow');
  expect(classTest(named('1-chlorobutane'), 'silver-nitrate-ethanol').grade).toBe('weak');
  expect(classTest(named('chlorobenzene'), 'silver-nitrate-ethanol').grade).toBe('negative');
  for (const id of ORGANIC_TEST_IDS) {
    const [yes, no] = (['positive', 'negative'] as const).map((which) =>
      JSON.stringify(classTest(controlFor(id, which), id).see),
    );
    expect({ id, same: yes === no }).toEqual({ id, same: false });
  }
});

describe('melting and boiling points', () => {
  test('are sharp for what is pure, lower and wider for what is not, higher when heated fast', () => {
    const acid = named('benzoic acid');
    const pure = meltingRange(acid)!;
    expect(pure).toMatchObject({ to: 122, from: 121 });
    const damp = meltingRange(acid, { damp: true })!;
    const impure = meltingRange(acid, { impurity: 0.1 })!;
    for (const worse of [damp, impure]) {
      expect(worse.to).toBeLessThan(pure.to);
      expect(worse.to - worse.from).toBeGreaterThan(pure.to - pure.from);
    }
    expect(impure.to).toBeLessThan(damp.to);
    expect(meltingRange(acid, { rate: 15 })!.to).toBeGreaterThan(pure.to);
    expect(meltingRange(acid, { mixedWith: 'OC(=O)c1ccccc1' })).toEqual(pure);
    expect(meltingRange(acid, { mixedWith: 'OC(=O)/C=C/c1ccccc1' })!.to).toBeLessThan(pure.to - 5);
    expect(meltingRange(named('ethanol'))).toBeUndefined();
    expect(boilingRange(named('benzoic acid'))).toBeUndefined();
    expect(boilingRange(named('ethanol'), 90)!.to).toBeLessThan(boilingRange(named('ethanol'))!.to);
    expect(stemCorrection(200, 100)).toBeCloseTo(2.88, 2);
    // Ethanol boils at 75.2 °C under 90 kPa (CRC).
    expect(Math.abs(boilingAt(78.3, 90) - 75.2)).toBeLessThan(1);
    expect(normalBoiling(boilingAt(111, 80), 80)).toBeCloseTo(111, 0);
  });

  test('are estimated for what is not in the library, and say so', () => {
    expect(pointsOf(structureOf('CCCCCCC(C)CCCC'))).toMatchObject({ estimated: true, decomposes: false });
    expect(pointsOf(named('acetanilide'))).toMatchObject({ estimated: false, melts: 114 });
    const liquids = LIBRARY.filter((c) => c.boils && !c.boils.decomposes && c.boils.celsius < 250);
    const off = liquids.map((c) => Math.abs(estimatedPoints(structureOf(c.smiles)).boils - c.boils!.celsius));
    expect(off.reduce((a, b) => a + b, 0) / off.length).toBeLessThan(25);
  });
});

const GOOD = { sodium_mg: 60, sample_mg: 40, gentle_minutes: 2, red_hot: true, tubes: 2, water_mL: 10, boil_to_mL: 3.5 };

describe('sodium fusion', () => {
  test.each(['nitromethane', 'chloroform', 'carbon tetrachloride', 'picric acid', '1,2-dibromoethane', 'iodoform'])(
    '%s is refused',
    (name) => {
      expect(() => fuse(named(name), GOOD)).toThrow(/must not be fused with sodium: /);
    },
  );
  test.each(['CN=[N+]=[N-]', 'C=[N+]=[N-]', 'CC(C)(C)OOC(C)(C)C'])('%s is refused', (smiles) => {
    expect(refusal(structureOf(smiles))).toMatch(/explode/);
  });

  test('makes no matter, stays neutral, and gives less of everything when it was done badly', () => {
    const compounds = [
      'thiourea',
      '4-bromoacetanilide',
      '2,4-dichlorophenol',
      'triphenyl phosphate',
      '4-fluorobenzoic acid',
      'saccharin',
    ];
    const how = fc.record({
      sodium_mg: fc.integer({ min: 5, max: 150 }),
      sample_mg: fc.integer({ min: 5, max: 100 }),
      gentle_minutes: fc.integer({ min: 0, max: 5 }),
      red_hot: fc.boolean(),
      tubes: fc.integer({ min: 1, max: 3 }),
      water_mL: fc.integer({ min: 5, max: 20 }),
      covered: fc.boolean(),
      dried: fc.boolean(),
      order: fc.constantFrom('melt-first' as const, 'cover' as const),
    });
    fc.assert(
      fc.property(fc.constantFrom(...compounds), how, (name, done) => {
        const s = named(name);
        const full = { ...done, boil_to_mL: done.water_mL / 3 };
        const { ions, good } = fuse(s, full);
        const mol = (done.sample_mg / 1000 / s.molarMass) * done.tubes;
        const has = (...of: string[]) => of.reduce((sum, ion) => sum + (ions[ion] ?? 0), 0);
        expect(has('CN-', 'SCN-')).toBeLessThanOrEqual(mol * (s.atoms['N'] ?? 0) + 1e-12);
        expect(has('S2-', 'SCN-')).toBeLessThanOrEqual(mol * (s.atoms['S'] ?? 0) + 1e-12);
        for (const x of ['Cl', 'Br', 'I', 'F']) expect(has(`${x}-`)).toBeLessThanOrEqual(mol * (s.atoms[x] ?? 0) + 1e-12);
        for (const n of Object.values(ions)) expect(n).toBeGreaterThanOrEqual(0);
        expect(has('Na+')).toBeCloseTo(
          has('OH-', 'CN-', 'SCN-', 'Cl-', 'Br-', 'I-', 'F-') + 2 * has('S2-') + 3 * has('PO4^3-'),
          10,
        );
        if (!done.red_hot) expect(good).toBe(false);
        const less = fuse(s, { ...full, sodium_mg: done.sodium_mg / 2 }).ions;
        for (const x of ['Cl-', 'Br-', 'CN-']) expect((less[x] ?? 0) - 1e-12).toBeLessThanOrEqual(ions[x] ?? 0);
      }),
      { numRuns: 100, seed: 5 },
    );
  });

  test('with sodium scarce nitrogen and sulfur stay together; with plenty they part', () => {
    const s = named('thiourea');
    const share = (sodium_mg: number) => {
      const { ions } = fuse(s, { ...GOOD, sample_mg: 40, sodium_mg });
      return (ions['SCN-'] ?? 0) / ((ions['SCN-'] ?? 0) + (ions['CN-'] ?? 0));
    };
    expect(share(25)).toBe(1);
    expect(share(120)).toBe(0);
  });
});

describe('the extract in the aqueous engine', () => {
  type Script = Parameters<typeof runScript>[0];
  const work = (name: string, steps: readonly unknown[], fusion = GOOD) => {
    const script: Script = {
      sample: { smiles: compoundByName.get(name)!.smiles, grams: 2 },
      steps: [{ op: 'fuse', ...fusion }, { op: 'take', to: 'A', from: 'extract', mL: 1 }, ...steps],
    };
    return runScript(script).steps.at(-1)!;
  };
  const add = (reagent: string, amount: object) => ({ op: 'add', to: 'A', reagent, ...amount });
  const saw = (step: ReturnType<typeof work>, want: Partial<Observation>) =>
    step.see.some((o) => Object.entries(want).every(([k, v]) => o[k as keyof Observation] === v));

  test('a green precipitate from the alkali alone is no nitrogen: acid takes it', () => {
    const green = [add('iron-ii-sulfate-solid', { grams: 0.1 })];
    expect(saw(work('toluene', green), { channel: 'precipitate', event: 'formed', colour: 'dirty-green' })).toBe(true);
    const acid = work('toluene', [
      ...green,
      { op: 'heat', vessel: 'A', to: 'boil', minutes: 1 },
      add('sulfuric-acid-1M', { mL: 3 }),
    ]);
    expect(saw(acid, { channel: 'precipitate', event: 'dissolved' })).toBe(true);
  });

  test('too much iron(II) sulfate uses up the alkali, and cyanide boils away before it is caught', () => {
    const run = (grams: number) =>
      work('aniline', [
        add('iron-ii-sulfate-solid', { grams }),
        { op: 'heat', vessel: 'A', to: 'boil', minutes: 2 },
        add('sulfuric-acid-1M', { mL: 4 }),
        add('iron-iii-chloride-0.1M', { drops: 4 }),
        { op: 'look', vessel: 'A' },
      ]);
    expect(saw(run(0.1), { channel: 'precipitate', colour: 'deep-blue' })).toBe(true);
    expect(saw(run(0.5), { channel: 'precipitate', colour: 'deep-blue' })).toBe(false);
  });

  test('cyanide and sulfide pose as halide until they are boiled off; alkali alone gives brown oxide', () => {
    const silver = add('silver-nitrate-0.1M', { mL: 0.5 });
    const acid = add('nitric-acid-2M', { mL: 1.5 });
    const boil = { op: 'heat', vessel: 'A', to: 'boil', minutes: 6 };
    expect(work('acetanilide', [acid, silver]).vessel?.solids).toHaveProperty('AgCN');
    expect(saw(work('acetanilide', [acid, boil, silver]), { channel: 'precipitate', event: 'formed' })).toBe(false);
    expect(work('toluene', [silver]).vessel?.solids).toHaveProperty('Ag2O');
  });

  test('iodine colours the layer, and an excess of the oxidant bleaches it', () => {
    const layer = (drops: number) =>
      work('4-iodobenzoic acid', [
        add('sulfuric-acid-1M', { mL: 1.5 }),
        add('cyclohexane', { mL: 1 }),
        add('chlorine-water', { drops }),
        { op: 'shake', vessel: 'A' },
        add('chlorine-water', { mL: 0.05 }),
        { op: 'shake', vessel: 'A' },
        { op: 'look', vessel: 'A' },
      ]);
    const colour = (drops: number) => layer(drops).see.find((o) => o.channel === 'layer')?.colour;
    expect(['violet', 'crimson', 'pink']).toContain(colour(8));
    expect(['colourless', 'pale-yellow']).toContain(colour(160));
  });

  test('salt operations on a compound, and fusing a salt, say what to do instead', () => {
    const bad = (sample: unknown, op: unknown) => () => runScript({ sample, steps: [op] } as Script);
    expect(bad({ smiles: 'CCO', grams: 1 }, { op: 'take-solid', to: 'A', grams: 0.1 })).toThrow(/use "fuse" for its elements/);
    expect(bad({ salts: [{ formula: 'NaCl', grams: 1 }] }, { op: 'fuse', ...GOOD })).toThrow(/this is for organic compounds/);
    expect(bad({ smiles: 'CCO', grams: 1 }, { op: 'test', test: 'magic' })).toThrow(
      /there is no organic test "magic"; there are /,
    );
    expect(bad({ smiles: 'ClC(Cl)Cl', grams: 1 }, { op: 'fuse', ...GOOD })).toThrow(
      /chloroform and carbon tetrachloride, explode/,
    );
  });
});

describe('lists of compounds', () => {
  test.each(LIST_FORMATS)('go out as %s and come back the same', (format) => {
    const list = LIBRARY.slice(60, 75).map((c) => ({
      name: c.name,
      smiles: c.smiles,
      ...(c.melts && { melts: c.melts.celsius }),
    }));
    const back = readList(writeList(list, format), format);
    expect(back.refused).toEqual([]);
    expect(back.compounds.map((c) => [c.name, structureOf(c.smiles).key])).toEqual(
      list.map((c) => [c.name, structureOf(c.smiles).key]),
    );
    if (format !== 'smiles') expect(back.compounds.map((c) => c.melts)).toEqual(list.map((c) => c.melts));
  });

  test('name what they cannot use and take the rest; a field is never a formula of a spreadsheet', () => {
    const { compounds, refused } = readList('Name;SMILES;mp\n"x; y";CCO;\nz;C(C;\nw;CC;hot\n', 'csv');
    expect(compounds).toEqual([{ name: 'x; y', smiles: 'CCO' }]);
    expect(refused.map((r) => r.at)).toEqual([2, 3]);
    expect(refused[1]!.why).toMatch(/"hot" is no temperature/);
    expect(() => readList('a,b\n1,2\n', 'csv')).toThrow(/one of them must be "smiles"/);
    // What says that it is large is refused before it is read; each of these took half a minute, or all memory.
    const v3000 = (counts: string) =>
      `x\n\n\n  0  0  0     0  0            999 V3000\nM  V30 BEGIN CTAB\nM  V30 COUNTS ${counts} 0 0 0\nM  END\n$$$$\n`;
    const v2000 = (counts: string) => `x\n\n\n${counts}  0  0  0  0            999 V2000\nM  END\n$$$$\n`;
    for (const [record, why] of [
      [v3000('99999999 99999999'), /99999999 atoms .* at most 250/],
      [v3000('200 100'), /has fewer lines/],
      [v3000(''), /does not say how many/],
      [v2000('999999'), /999 atoms .* at most 250/],
      [v2000('200100'), /has fewer lines/],
      [v2000('      '), /does not say how many/],
    ] as const)
      expect(readList(record, 'sdf').refused).toEqual([{ at: 1, why: expect.stringMatching(why) as string }]);
    expect(() => readList('\n', 'smiles')).toThrow(/empty/);
    const names = ['=cmd()', '=1+2', '-1,5', '+x', '@y', 'Säure “β”, 2,4-D'];
    const written = writeList(
      names.map((name) => ({ name, smiles: 'CC', melts: -5 })),
      'csv',
    );
    expect(written.charCodeAt(0)).toBe(0xfeff);
    for (const name of names.slice(0, 5)) expect(written).toContain(`'${name}`);
    expect(readList(written, 'csv').compounds.map((c) => [c.name, c.melts])).toEqual(names.map((name) => [name, -5]));
  });
});

describe('what is not fused with sodium, and what is no structure', () => {
  test.each([
    ['CCO[N+](=O)[O-]', /nitrate esters/],
    ['CCOCl(=O)(=O)=O', /perchlorates/],
    ['CC(C)(C#N)N=NC(C)(C)C#N', /azo nitriles/],
    ['c1nnn[nH]1', /tetrazoles/],
    ['ClC=C(Cl)Cl', /polyhalogenated/],
    ['ClC(Cl)=C(Cl)Cl', /polyhalogenated/],
    ['ClC(Cl)Cl', /polyhalogenated/],
    ['C[N+](=O)[O-]', /nitroalkanes/],
  ])('%s is not fused', (smiles, why) => {
    expect(() => disagreements(`smiles:${smiles}`, 'fuse 60 20')).toThrow(why);
  });

  test.each([
    ['*CC', /any atom/],
    ['[13CH4]', /isotopes/],
    ['[999CH4]', /isotopes/],
    ['CC\nO', /characters that no SMILES has/],
    ['😀', /characters that no SMILES has/],
    ['[Na+]', /no carbon/],
    ['[Na+].[Cl-]', /no carbon/],
    ['CC(=O)[O-]', /do not add up/],
    ['[CH3]', /radical/],
    ['c1cccc1', /cannot be aromatic/],
    ['CCO.CCN', /several molecules/],
    ['CCO.CCO', /several molecules/],
    [`C${'(C)'.repeat(200)}`, /characters; at most/],
    ['C'.repeat(101), /too many/],
    ['[U]C', /not supported/],
    ['C(C)(C)(C)(C)C', /too many bonds/],
  ])('%j is refused in words', (smiles, why) => {
    expect(() => disagreements(`smiles:${smiles}`, 'test litmus')).toThrow(why);
  });
});
