import { gunzipSync } from 'node:zlib';
import { readFileSync } from 'node:fs';
import { advise, proving } from '#core/reasoning/advise';
import { type Atlas, leafOf, rulesFor, rulesOfSchool, SINGLES } from '#core/reasoning/atlas';
import type { RecordEntry } from '#core/reasoning/entries';
import { inTest, ofSuspect, whatSuspectGives } from '#core/reasoning/handbook';
import { infer, type Inference, THOROUGH } from '#core/reasoning/infer';
import { perfect, seeded, student } from '#core/reasoning/observer';
import { parseRecord, RecordError } from '#core/reasoning/record';
import { parting, settling } from '#core/reasoning/settle';
import { type CompoundAtlas, compoundLeaf, CompoundSpace, isBeyond, isElement, judgedApart } from '#core/reasoning/compounds';
import { compoundByName } from '#core/organic/library';
import { ORGANIC_TESTS } from '#core/scheme/data/organic';
import { routeOf, setAside } from '#core/scheme/route';
import { showsSign, stepsOf, testById, testsOf } from '#core/scheme/tests';
import { waitOf } from '#core/scheme/say';
import { World } from '#core/scheme/world';
import { solve } from '#core/reasoning/solve';
import { SaltSpace } from '#core/reasoning/space';
import { parseSalt } from '#core/matter/salts';
import { SCHOOLS, type School } from '#core/scheme/model';
import { holdingsOf } from '#core/organic/structure';
import type { Observation } from '#core/vocabulary/observation';

const atlas = JSON.parse(gunzipSync(readFileSync(new URL('../../atlas/atlas.json.gz', import.meta.url))).toString()) as Atlas;
const ONE = { cations: 1, anions: 1 };
const spaces = new Map(SCHOOLS.map((s) => [s, new SaltSpace(atlas, s, ONE)]));
const single = (school: School = 'no-sulfide') => spaces.get(school)!;

const entry = (number: number, test: string, ...observed: Observation[]): RecordEntry => ({ number, test, observed });
const stands = (inference: Inference, id: string) => inference.suspects.find((c) => c.id === id)!;
const bounds = (space: SaltSpace, entries: readonly RecordEntry[]) => ({
  rules: rulesOfSchool(space.scheme),
  simulated: true,
  done: new Set(entries.map((e) => e.test)),
});

/** The ledger of a perfect observer who did these tests on a single salt. */
function ledger(space: SaltSpace, name: string, tests: readonly string[]): RecordEntry[] {
  const m = SINGLES.findIndex((s) => s.name === name);
  return tests.map((t, i) => entry(i + 1, t, ...space.exact(m, t)));
}

const ALUM = [
  'look',
  'solution-water',
  'flame',
  'flame-cobalt-glass',
  'ammonium',
  'barium-acid',
  'silver-acid',
  'ammonia-division',
  'peroxide-division',
  'aluminon',
];

describe('the atlas', () => {
  test('holds every single salt, each a formula of its own ions', () => {
    expect(SINGLES.length).toBeGreaterThan(280);
    expect(new Set(SINGLES.map((s) => s.name)).size).toBe(SINGLES.length);
    for (const s of SINGLES) {
      const ions = Object.keys(parseSalt(s.name).ions).map((i) => (i === 'B4O7^2-' ? 'BO3^3-' : i));
      expect([s.name, ions.sort()]).toEqual([s.name, [...s.ions].sort()]);
    }
  });

  test.each(['CuSO4·5H2O', 'PbCl2', 'Zn(NO3)2·6H2O'])('is what the simulator shows today: %s', (name) => {
    const i = SINGLES.findIndex((s) => s.name === name);
    const leaf = leafOf(SINGLES[i]!);
    for (const school of ['', ...SCHOOLS] as const)
      for (const [test, row] of Object.entries(atlas.tests[school]))
        expect([test, atlas.outcomes[row[i]!]]).toEqual([test, leaf[school][test]]);
  });

  test('tells every salt from every other in each school', () => {
    for (const school of SCHOOLS) {
      const rows = [...Object.values(atlas.tests['']), ...Object.values(atlas.tests[school])];
      expect(new Set(SINGLES.map((_, i) => rows.map((r) => r[i]).join())).size).toBe(SINGLES.length);
    }
  });
});

describe('what each gives', () => {
  const space = single();

  test('the commonest first, every salt counted once, and some of them named', () => {
    const { samples, outcomes } = whatSuspectGives(space, 'silver-acid', 'Cl-');
    expect(samples).toBe(SINGLES.filter((s) => s.ions.includes('Cl-')).length);
    expect(outcomes.reduce((sum, o) => sum + o.samples, 0)).toBe(samples);
    expect(outcomes.map((o) => o.samples)).toEqual(outcomes.map((o) => o.samples).sort((a, b) => b - a));
    expect(outcomes[0]!.see).toContainEqual(
      expect.objectContaining({ channel: 'precipitate', colour: 'white', texture: 'curdy' }),
    );
    for (const o of outcomes)
      for (const name of o.such) {
        const m = SINGLES.findIndex((s) => s.name === name);
        expect(SINGLES[m]!.ions).toContain('Cl-');
        expect(space.exact(m, 'silver-acid')).toEqual(o.see);
      }
  });

  test('every ion has a test that shows it, and a mixture counts for none', () => {
    const two = new SaltSpace(atlas, 'no-sulfide', { cations: 2, anions: 1 });
    expect(inTest(two, 'flame')).toEqual(inTest(space, 'flame'));
    for (const ion of space.suspects) {
      const rows = ofSuspect(space, ion);
      const shows = rows.filter((r) =>
        testById.get(r.test)!.signs!.some((s) => s.of.includes(ion) && r.outcomes.some((o) => showsSign(o.see, s))),
      );
      expect([ion, shows.length > 0]).toEqual([ion, true]);
    }
  });
});

describe('what the evidence proves', () => {
  test('confirmed needs a proving test; likelihood alone does not do it', () => {
    const space = single();
    const full = infer(space, ledger(space, 'Al2(SO4)3·6H2O', ALUM));
    expect([stands(full, 'Al3+').state, stands(full, 'SO4^2-').state]).toEqual(['confirmed', 'confirmed']);
    const without = infer(
      space,
      ledger(space, 'Al2(SO4)3·6H2O', ALUM.filter((t) => t !== 'barium-acid').concat('barium-neutral')),
    );
    expect(stands(without, 'SO4^2-').probability).toBeGreaterThan(0.9);
    expect(stands(without, 'SO4^2-').state).not.toBe('confirmed');
    expect(stands(full, 'Cl-').state).toBe('ruled-out');
    expect(stands(infer(space, []), 'Al3+').state).toBe('open');
    expect(full.conflicts).toEqual([]);
  });

  test('the weights of the entries add up to the odds', () => {
    const space = single('six-group');
    const before = infer(space, []);
    const after = infer(space, ledger(space, 'NiSO4·6H2O', ['look', 'solution-water', 'flame', 'barium-acid']));
    const db = (p: number) => 10 * Math.log10(p / (1 - p));
    for (const id of ['Ni2+', 'SO4^2-', 'Cu2+']) {
      const moved = stands(after, id).because.reduce((sum, b) => sum + b.decibans, 0);
      expect(moved).toBeCloseTo(db(stands(after, id).probability) - db(stands(before, id).probability), -0.5);
    }
  });

  test('a near colour is cheap, a contrary one dear, an unsure one light', () => {
    const space = single();
    const p = (colour: Observation['colour'], confidence?: 'unsure') =>
      stands(
        infer(space, [
          { ...entry(1, 'silver-acid', { channel: 'precipitate', event: 'formed', colour }), ...(confidence && { confidence }) },
        ]),
        'I-',
      ).probability;
    expect(p('pale-yellow')).toBeGreaterThan(p('violet'));
    expect(p('white', 'unsure')).toBeGreaterThan(p('white'));
  });

  test('one wrong entry makes a conflict, the settling test outweighs it, and striking it clears it', () => {
    const space = single();
    const right = ledger(space, 'Al2(SO4)3·6H2O', ALUM);
    const wrong = entry(right.length + 1, 'barium-neutral', { channel: 'precipitate', event: 'none' });
    const few = [...right.filter((e) => ['look', 'solution-water', 'flame', 'barium-acid'].includes(e.test)), wrong];
    const disputed = infer(space, few);
    expect(disputed.conflicts.length).toBeGreaterThan(0);
    expect(disputed.conflicts[0]!.ions).toContain('SO4^2-');
    expect(stands(disputed, 'SO4^2-').state).toBe('conflict');
    const settle = settling(space, disputed, disputed.conflicts[0]!, bounds(space, few))!;
    expect(settle.bits).toBeGreaterThan(0.3);
    const cleared = infer(space, few.slice(0, -1));
    expect(cleared.conflicts).toEqual([]);
    expect(stands(cleared, 'SO4^2-').state).not.toBe('conflict');
    const all = infer(space, [...right, wrong]);
    expect(stands(all, 'Al3+').state).toBe('confirmed');
  });

  test('two salts together are found', () => {
    const space = new SaltSpace(atlas, 'no-sulfide', { cations: 2, anions: 2 });
    const done = solve(
      space,
      {
        salts: [
          { formula: 'KBr', grams: 1.5 },
          { formula: 'Na2SO3', grams: 1.5 },
        ],
      },
      'systematic',
      perfect,
    );
    expect([...done.found].sort()).toEqual(['Br-', 'K+', 'Na+', 'SO3^2-']);
  });
});

describe('two salts that change what each other shows', () => {
  const TESTS = [
    'look',
    'solution-water',
    'flame',
    'flame-cobalt-glass',
    'ammonium',
    'dilute-acid',
    'concentrated-acid',
    'carbonate-extract',
    'silver-acid',
    'barium-acid',
    'hydroxide',
    'ammonia',
  ];
  const space = new SaltSpace(atlas, 'no-sulfide', { cations: 2, anions: 2 });
  const mixed = (a: string, b: string) => {
    const sample = { salts: [a, b].map((formula) => ({ formula, grams: 1.5 })) };
    const world = new World(sample, 'no-sulfide', rulesOfSchool('no-sulfide'));
    return TESTS.map((t, i) => entry(i + 1, t, ...world.result(t).see));
  };

  test('a quick look is not sure of what it has not simulated, and says so; a thorough one finds them', () => {
    const record = mixed('PbCl2', 'Na2Cr2O7');
    const quick = infer(space, record);
    expect(quick.doubtful).toBe(true);
    expect(quick.candidates[0]!.probability).toBeLessThan(0.5);
    const thorough = infer(space, record, THOROUGH);
    expect([...thorough.candidates[0]!.ions].sort()).toEqual(['Cl-', 'Cr2O7^2-', 'Na+', 'Pb2+']);
    expect(thorough.candidates[0]!.against).toEqual([]);
  });

  test('however the ions are paired, it is one identity', () => {
    const { candidates } = infer(space, mixed('CaBr2·6H2O', '(NH4)2C2O4'), THOROUGH);
    const keys = candidates.map((i) => [...i.ions].sort().join());
    expect(new Set(keys).size).toBe(keys.length);
    expect(keys[0]).toBe('Br-,C2O4^2-,Ca2+,NH4+');
  });

  test('an ion is proved by a test of its own, the quickest that is left and allowed', () => {
    const open = bounds(space, []);
    const first = proving(space, 'Pb2+', open)!;
    expect(testById.get(first)!.signs!.some((s) => s.proves && s.of.includes('Pb2+'))).toBe(true);
    const next = proving(space, 'Pb2+', { ...open, done: new Set([first]) })!;
    expect(next).not.toBe(first);
    expect(space.costs[next]!.minutes).toBeGreaterThanOrEqual(space.costs[first]!.minutes);
    expect(proving(space, 'Pb2+', { ...open, notAvailable: [first] })).toBe(next);
    const all = testsOf('no-sulfide').map((t) => t.id);
    expect(proving(space, 'Pb2+', { ...open, done: new Set(all) })).toBeUndefined();
  });
});

describe('bad and hostile records', () => {
  test('of the wrong shape are refused with the field', () => {
    expect(() => parseRecord({ school: 'elsewhere', entries: [] })).toThrow(RecordError);
    expect(() => parseRecord({ entries: 'all' })).toThrow(/entries/);
    expect(() => parseRecord(null)).toThrow(RecordError);
  });

  test('contradictions everywhere, unknown tests and impossible things give a sane answer and say what was not used', () => {
    const random = seeded(5);
    const tests = Object.keys(atlas.tests['']);
    const entries = Array.from({ length: 120 }, (_, i) => ({
      test: i % 10 === 0 ? 'nonsense' : tests[Math.floor(random() * tests.length)]!,
      observed: [
        { channel: 'precipitate', event: random() < 0.5 ? 'formed' : 'none', colour: 'violet' },
        { channel: 'bead', colour: 'blue' },
        { channel: 'ghost', event: 'boo' },
      ],
    }));
    const record = parseRecord({ school: 'semi-micro', entries });
    const inference = infer(new SaltSpace(atlas, record.school, record.limits), record.entries);
    expect(record.unread).toHaveLength(120);
    expect(inference.unused.filter((u) => /no standard test/.test(u.why))).toHaveLength(12);
    const sum = inference.weights.reduce((a, b) => a + b, 0);
    expect(sum).toBeCloseTo(1, 6);
    for (const c of inference.suspects) expect(c.probability >= 0 && c.probability <= 1 + 1e-9).toBe(true);
    expect(inference.suspects.some((c) => c.state === 'confirmed')).toBe(false);
  });
});

describe('what to do next', () => {
  test('a test that was done, is restricted or cannot be had is not advised', () => {
    const space = single();
    const nothing = infer(space, []);
    const first = advise(space, nothing, bounds(space, []), 3);
    expect(first).toHaveLength(3);
    expect(first[0]!.bits).toBeGreaterThan(2);
    expect(first[0]!.why).toMatch(/minute/);
    for (const { test, meanwhile } of advise(space, nothing, bounds(space, []), 300)) {
      const waits = Math.max(...stepsOf(testById.get(test)!, rulesOfSchool('no-sulfide')).map(({ op }) => waitOf(op)));
      expect([test, meanwhile !== undefined]).toEqual([test, waits >= 3]);
      if (meanwhile) expect(space.costs[meanwhile]!.minutes).toBeLessThanOrEqual(waits);
      expect(meanwhile).not.toBe(test);
    }
    const without = advise(space, nothing, { ...bounds(space, []), done: new Set([first[0]!.test]) }, 300).map((a) => a.test);
    expect(without).not.toContain(first[0]!.test);
    const rules = { ...rulesOfSchool('no-sulfide'), restrictedTests: [first[1]!.test] };
    expect(advise(space, nothing, { ...bounds(space, []), rules }, 300).map((a) => a.test)).not.toContain(first[1]!.test);
    expect(
      advise(space, nothing, { ...bounds(space, []), notAvailable: ['silver-nitrate-0.1M'] }, 300).map((a) => a.test),
    ).not.toContain('silver-acid');
  });

  test.each(['perfect', 'student'] as const)(
    'a seeded sample of single salts is found by the advised way: %s observer',
    (who) => {
      const random = seeded(11);
      let right = 0;
      let tests = 0;
      for (let i = 0; i < 12; i++) {
        const salt = SINGLES[Math.floor(random() * SINGLES.length)]!;
        const done = solve(single(), salt.sample, 'advised', who === 'perfect' ? perfect : student(seeded(i)));
        if ([...done.found].sort().join() === [...salt.ions].sort().join()) right++;
        tests += done.tests;
        expect(done.confirmed.filter((ion) => !salt.ions.includes(ion))).toEqual([]);
      }
      expect(right).toBeGreaterThanOrEqual(who === 'perfect' ? 12 : 11);
      expect(tests / 12).toBeLessThan(8);
    },
  );
});

describe('an organic compound', () => {
  const file = new URL('../../atlas/compounds.json.gz', import.meta.url);
  const space = new CompoundSpace(JSON.parse(gunzipSync(readFileSync(file)).toString()) as CompoundAtlas);
  const at = (name: string) => space.members.findIndex((m) => m.name === name);
  const record = (name: string, tests: readonly string[]) => tests.map((t, i) => entry(i + 1, t, ...space.exact(at(name), t)));

  test.each(['4-bromoacetanilide', 'thiourea', 'toluene'])('the atlas is what the simulator shows today: %s', (name) => {
    const leaf = compoundLeaf({ smiles: compoundByName.get(name)!.smiles });
    for (const [id, seen] of Object.entries(leaf)) expect({ id, seen }).toEqual({ id, seen: space.exact(at(name), id) });
  });

  test('every test has a compound that shows its sign and one that does not', () => {
    for (const t of ORGANIC_TESTS) {
      const { tests, outcomes } = space.atlas;
      expect(new Set(tests[t.id]).size).toBeGreaterThan(1);
      const signs = t.signs ?? [];
      for (const suspect of new Set(signs.flatMap((sign) => sign.of))) {
        const its = signs.filter((sign) => sign.of.includes(suspect));
        const showing = space.members.map((_, i) => its.some((sign) => showsSign(outcomes[tests[t.id]![i]!]!, sign)));
        const shows = space.members.some((m, i) => m.holds.includes(suspect) && showing[i]);
        const not = space.members.some((m, i) => !m.holds.includes(suspect) && !showing[i]);
        expect({ test: t.id, suspect, shows, not }).toEqual({ test: t.id, suspect, shows: true, not: true });
      }
    }
  });

  test.each(['systematic', 'advised'] as const)('is found by the %s route, by a perfect observer and by a student', (way) => {
    for (const name of [
      '4-bromoacetanilide',
      'sulfanilamide',
      'benzaldehyde',
      'cinnamic acid',
      'glucose',
      'chloroform',
      '1-butanol',
      'N-methylaniline',
    ])
      for (const observer of [perfect, student(seeded(11))]) {
        const { smiles } = compoundByName.get(name)!;
        const done = solve(space, { smiles, grams: 5 }, way, observer);
        expect(done.inference.candidates.slice(0, 5).map((i) => i.name)).toContain(name);
        expect(done.found.filter(isElement)).toEqual(holdingsOf(smiles).filter(isElement));
        expect(done.confirmed.filter((c) => !holdingsOf(smiles).includes(c))).toEqual([]);
      }
  });

  test('the elements set tests aside, with the reason; the advisor works on what is left', () => {
    const known = record('cinnamic acid', [
      'compound-look',
      'sodium-fusion',
      'nitrogen-iron',
      'nitrogen-with-sulfur',
      'sulfur-nitroprusside',
      'sulfur-lead',
      'halogen-silver',
      'copper-wire-halogen',
    ]);
    const route = routeOf(known, rulesFor('organic'), true, 'organic');
    const aside = setAside(route);
    for (const id of ['azo-coupling', 'carbylamine', 'lead-acetate-thiol', 'silver-nitrate-ethanol', 'halogen-layer'])
      expect(aside).toContain(id);
    expect(route.flatMap((s) => s.stops).find((s) => s.test.id === 'carbylamine')!.standing).toMatchObject({
      reason: expect.stringMatching(/no nitrogen was found/) as string,
    });
    const next = advise(
      space,
      infer(space, known),
      { rules: rulesFor('organic'), simulated: true, done: new Set(known.map((e) => e.test)), aside },
      20,
    );
    expect(next.length).toBeGreaterThan(3);
    for (const a of next) expect(aside).not.toContain(a.test);
    const few = parting(space, infer(space, known), {
      rules: rulesFor('organic'),
      simulated: true,
      done: new Set(known.map((e) => e.test)),
      aside,
    });
    expect(few!.splits.length).toBeGreaterThan(1);
  });

  test('beyond the library: the record fits none, and elements and groups are judged apart', () => {
    const unknown = (smiles: string, melts?: number) => {
      const leaf = compoundLeaf({ smiles, ...(melts !== undefined && { melts }) });
      return Object.keys(leaf).map((id, i) => entry(i + 1, id, ...leaf[id]!));
    };
    const entries = unknown('CCOC(=O)c1ccc(I)cc1');
    expect(isBeyond(infer(space, entries), entries)).toBe(true);
    const apart = judgedApart(space, entries);
    const p = (id: string) => apart[space.suspects.indexOf(id)]!;
    for (const id of ['I', 'aryl-halide']) expect({ id, p: p(id) > 0.9 }).toEqual({ id, p: true });
    for (const id of ['N', 'S', 'Br', 'aldehyde', 'nitro', 'carbohydrate'])
      expect({ id, p: p(id) < 0.1 }).toEqual({ id, p: true });
    const other = unknown('CC(=O)Nc1ccc(cc1)C(C)(C)C', 174);
    expect(isBeyond(infer(space, other), other)).toBe(true);
    const known = record('thiourea', ['compound-look', 'nitrogen-iron', 'sulfur-lead', 'solubility-water', 'melting-point']);
    expect(isBeyond(infer(space, known), known)).toBe(false);
  });

  test('a compound of one’s own list takes part with the temperature that was given', () => {
    const of = { name: '4-tert-butylacetanilide', smiles: 'CC(=O)Nc1ccc(cc1)C(C)(C)C', melts: 174 };
    const leaf = compoundLeaf(of);
    const wider = new CompoundSpace(space.atlas, [{ of, leaf }]);
    const entries = ['nitrogen-iron', 'halogen-silver', 'sulfur-lead', 'solubility-water', 'melting-point'].map((id, i) =>
      entry(i + 1, id, ...leaf[id]!),
    );
    expect(infer(wider, entries).candidates[0]!.name).toBe(of.name);
  });
});
