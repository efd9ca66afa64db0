import { gunzipSync } from 'node:zlib';
import { readFileSync } from 'node:fs';
import { advise } from '#core/reasoning/advise';
import { answerKey, type Atlas, FORMS, OTHER_ANSWERS, rulesOfSchool, SINGLES } from '#core/reasoning/atlas';
import type { RecordEntry } from '#core/reasoning/entries';
import { inTest, ofSuspect, whatSuspectGives } from '#core/reasoning/handbook';
import { infer, type Inference } from '#core/reasoning/infer';
import { perfect, seeded, student } from '#core/reasoning/student';
import { parseRecord, RecordError } from '#core/reasoning/record';
import { settlingTest } from '#core/reasoning/settle';
import { isFaint } from '#core/reasoning/states';

import { CIRCUMSTANCES } from '#core/scheme/data/circumstances';
import { showsSign, stepsOf, testById } from '#core/scheme/tests';
import { waitOf } from '#core/scheme/say';

import { World } from '#core/scheme/world';
import { solve } from '#core/reasoning/solve';
import { SaltSpace } from '#core/reasoning/space';
import { overComponents } from '#core/matter/catalogue';
import { parseSalt } from '#core/matter/salts';
import { SCHOOLS, type School } from '#core/scheme/model';

import type { Observation } from '#core/vocabulary/observation';

const atlas = JSON.parse(gunzipSync(readFileSync(new URL('../../atlas/atlas.json.gz', import.meta.url))).toString()) as Atlas;
const ONE = { cations: 1, anions: 1 };
const spaces = new Map(SCHOOLS.map((s) => [s, new SaltSpace(atlas, rulesOfSchool(s), ONE)]));
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
  return tests.map((t, i) => entry(i + 1, t, ...space.shows(m, t)[0]!));
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
  test('holds every form, each made of the ions that are to be found in it', () => {
    for (const f of FORMS)
      for (const { formula } of 'salts' in f.sample ? f.sample.salts : []) {
        const found = Object.keys(parseSalt(formula).of);
        for (const ion of f.ions)
          expect([f.name, ion, Object.keys(overComponents(ion)).some((c) => c !== 'H+' && c !== 'H2O')]).toEqual([
            f.name,
            ion,
            true,
          ]);
        expect([f.name, found.length > 0]).toEqual([f.name, true]);
      }
    expect(FORMS.length).toBeGreaterThan(SINGLES.length + 60);
  });

  test('holds every single salt, each a formula of its own ions', () => {
    expect(SINGLES.length).toBeGreaterThan(280);
    expect(new Set(SINGLES.map((s) => s.name)).size).toBe(SINGLES.length);
    for (const s of SINGLES) {
      const ions = Object.keys(parseSalt(s.name).ions).map((i) => (i === 'B4O7^2-' ? 'BO3^3-' : i));
      expect([s.name, ions.sort()]).toEqual([s.name, [...s.ions].sort()]);
    }
  });

  test('is what the simulator shows today', () => {
    const i = SINGLES.findIndex((s) => s.name === 'PbCl2');
    const worlds = CIRCUMSTANCES.map((c) => new World(SINGLES[i]!.sample, 'six-group', rulesOfSchool('six-group'), c));
    for (const school of ['', 'six-group'] as const)
      for (const [test, rows] of Object.entries(atlas.tests[school]))
        expect([test, rows.map((row) => atlas.outcomes[row[i]!])]).toEqual([test, worlds.map((w) => w.result(test).see)]);
  });

  test('tells every salt from every other in each school', () => {
    for (const school of SCHOOLS) {
      const rows = [...Object.values(atlas.tests['']), ...Object.values(atlas.tests[school])];
      expect(new Set(SINGLES.map((_, i) => rows.map(([usual]) => usual![i]).join())).size).toBe(SINGLES.length);
    }
  });
});

describe('what each gives', () => {
  const space = single();

  test('the commonest first, every salt counted once, and some of them named', () => {
    const { samples, outcomes } = whatSuspectGives(space, 'silver-acid', 'Cl-');
    expect(samples).toBe(FORMS.filter((s) => s.ions.includes('Cl-')).length);
    expect(outcomes.reduce((sum, o) => sum + o.samples, 0)).toBe(samples);
    expect(outcomes.map((o) => o.samples)).toEqual(outcomes.map((o) => o.samples).sort((a, b) => b - a));
    expect(outcomes[0]!.see).toContainEqual(
      expect.objectContaining({ channel: 'precipitate', colour: 'white', texture: 'curdy' }),
    );
    for (const o of outcomes)
      for (const name of o.such) {
        const m = FORMS.findIndex((s) => s.name === name);
        expect(FORMS[m]!.ions).toContain('Cl-');
        expect(space.shows(m, 'silver-acid')[0]).toEqual(o.see);
      }
  });

  test('every ion has a test that shows it, and a mixture counts for none', () => {
    const two = new SaltSpace(atlas, rulesOfSchool('no-sulfide'), { cations: 2, anions: 1 });
    for (const { suspect, samples } of inTest(two, 'flame'))
      expect([suspect, samples]).toEqual([suspect, two.members.filter((m) => !m.composed && m.holds.includes(suspect)).length]);
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

  test('sodium is confirmed by its lasting flame where a clean wire shows none', () => {
    const space = single();
    const salt = ledger(
      space,
      'NaCl',
      'look solution-water silver-acid silver-ammonia flame flame-cobalt-glass ammonium group-5 magnesium-phosphate potassium-cobaltinitrite lithium-phosphate'.split(
        ' ',
      ),
    );
    const flame = salt.findIndex((e) => e.test === 'flame');
    const wire = (...observed: Observation[]): RecordEntry => ({ ...entry(99, 'flame', ...observed), control: 'blank' });
    const state = (...blank: RecordEntry[]) => stands(infer(space, [...salt, ...blank]), 'Na+').state;
    expect(stands(infer(space, salt), 'Na+').probability).toBeGreaterThan(0.99);
    expect(state()).toBe('indicated');
    expect(state(wire({ channel: 'flame', colour: 'none' }))).toBe('confirmed');
    // A wire that is yellow itself tells nothing, and a passing yellow is no sodium.
    expect(state(wire(...salt[flame]!.observed))).not.toBe('confirmed');
    const passing = salt.with(flame, entry(flame + 1, 'flame', { channel: 'flame', colour: 'yellow', duration: 'flash' }));
    const clean = wire({ channel: 'flame', colour: 'none' });
    expect(stands(infer(space, [...passing, clean]), 'Na+').state).not.toBe('confirmed');
    // A blank lifts the doubt about a flame, not about a smell.
    const [vinegar, yellow] = [testById.get('vinegar')!, testById.get('flame')!];
    const faint = (test: typeof vinegar, of: string, blank: boolean) =>
      isFaint(
        space,
        test,
        test.signs!.find((s) => s.proves && s.of.includes(of))!,
        blank,
      );
    expect([faint(yellow, 'Na+', false), faint(yellow, 'Na+', true)]).toEqual([true, false]);
    expect([faint(vinegar, 'CH3COO-', false), faint(vinegar, 'CH3COO-', true)]).toEqual([true, true]);
  });

  test('an ion is not ruled out by what another would hide', () => {
    const space = new SaltSpace(atlas, rulesOfSchool('no-sulfide'), { cations: 2, anions: 2 });
    const copper = ['look', 'solution-water', 'flame', 'barium-acid', 'hydroxide', 'ammonia', 'copper-hexacyanoferrate'];
    const found = infer(space, ledger(space, 'CuSO4·5H2O', copper));
    // Zinc's hydroxide would go into the alkali unseen beside copper's; barium's flame is lost in copper's.
    for (const ion of ['Zn2+', 'Ba2+']) {
      expect(stands(found, ion).probability).toBeLessThan(0.01);
      expect([ion, stands(found, ion).state]).toEqual([ion, 'open']);
    }
    // Potassium's flame is not seen in sodium's, which the glass holds back.
    const sodium = (...tests: string[]) => infer(space, ledger(space, 'Na2CO3', ['dilute-acid', 'hydroxide', 'flame', ...tests]));
    expect(stands(sodium(), 'K+').state).not.toBe('ruled-out');
    expect(stands(sodium('flame-cobalt-glass'), 'K+').state).toBe('ruled-out');
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
    const settle = settlingTest(space, disputed, few, disputed.conflicts[0]!, bounds(space, few));
    expect(testById.get(settle)!.signs!.some((sign) => sign.of.includes('SO4^2-'))).toBe(true);
    const cleared = infer(space, few.slice(0, -1));
    expect(cleared.conflicts).toEqual([]);
    expect(stands(cleared, 'SO4^2-').state).not.toBe('conflict');
    const all = infer(space, [...right, wrong]);
    expect(stands(all, 'Al3+').state).toBe('confirmed');
  });
});

describe('house rules', () => {
  /** In which schools an answer changes what a test of salts shows. */
  const schoolsOf = (question: string, option: string) => {
    const changed = atlas.otherwise[answerKey(question, option)]!;
    return SCHOOLS.filter((school) => Object.keys({ ...changed[school], ...changed[''] }).length);
  };

  test.each(OTHER_ANSWERS.filter(({ question, option }) => schoolsOf(question, option).length))(
    'a perfect observer under $question = $option never has a true ion ruled out',
    ({ question, option }) => {
      const changed = atlas.otherwise[answerKey(question, option)]!;
      const schools = schoolsOf(question, option);
      const wrong: string[] = [];
      // Every salt, in one of the schools for which the answer matters.
      for (const [i, school] of schools.entries()) {
        const rules = { ...rulesOfSchool(school), answers: { 'cation-scheme': school, [question]: option } };
        const space = new SaltSpace(atlas, rules, ONE);
        const tests = new Set(['look', 'solution-water', ...Object.keys(changed[school]), ...Object.keys(changed[''])]);
        for (const [m, form] of SINGLES.entries()) {
          if (m % schools.length !== i) continue;
          const { suspects } = infer(
            space,
            [...tests].map((t, at) => entry(at + 1, t, ...space.shows(m, t)[0]!)),
          );
          for (const { id, state, probability } of suspects)
            if (form.ions.includes(id) && (state === 'ruled-out' || probability === 0)) wrong.push(`${form.name}: ${id}`);
        }
      }
      expect(wrong).toEqual([]);
    },
  );

  test('nitric acid as the oxidant of the layer test finds iodide, and not bromide', () => {
    const space = new SaltSpace(atlas, { ...rulesOfSchool('no-sulfide'), answers: { 'layer-oxidant': 'nitric-acid' } }, ONE);
    const layer = (name: string) => {
      const shown = space.shows(
        SINGLES.findIndex((s) => s.name === name),
        'chlorine-layer',
      )[0]!;
      return shown.find((o) => o.channel === 'layer')!.colour;
    };
    for (const iodide of ['KI', 'NaI']) expect(['violet', 'crimson']).toContain(layer(iodide));
    for (const bromide of ['KBr', 'NaBr']) expect(layer(bromide)).toBe('colourless');
  });

  test('with nitric acid as the oxidant, a layer without colour is no evidence against bromide; with chlorine water it is', () => {
    const told = (option: string) => {
      const space = new SaltSpace(atlas, { ...rulesOfSchool('no-sulfide'), answers: { 'layer-oxidant': option } }, ONE);
      const record = [entry(1, 'chlorine-layer', { channel: 'layer', event: 'present', colour: 'colourless' })];
      return stands(infer(space, record), 'Br-').probability / stands(infer(space, []), 'Br-').probability;
    };
    expect(told('nitric-acid')).toBeGreaterThan(0.7);
    expect(told('chlorine-water')).toBeLessThan(0.45);
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
    const entries = Array.from({ length: 30 }, (_, i) => ({
      test: i % 10 === 0 ? 'nonsense' : tests[Math.floor(random() * tests.length)]!,
      observed: [
        { channel: 'precipitate', event: random() < 0.5 ? 'formed' : 'none', colour: 'violet' },
        { channel: 'bead', colour: 'blue' },
        { channel: 'ghost', event: 'boo' },
      ],
    }));
    const record = parseRecord({ school: 'semi-micro', entries });
    const inference = infer(new SaltSpace(atlas, rulesOfSchool(record.school), record.limits), record.entries);
    expect(record.unread).toHaveLength(30);
    expect(inference.unused.filter((u) => /no standard test/.test(u.why))).toHaveLength(3);
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
    expect(first[0]!.test).toBe('look');
    expect(first[1]!.bits).toBeGreaterThan(2);
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

  const SOLVED = 4;
  test.each(['perfect', 'student'] as const)(
    'a seeded sample of single salts is found by the advised way: %s observer',
    (who) => {
      const random = seeded(11);
      let right = 0;
      let tests = 0;
      for (let i = 0; i < SOLVED; i++) {
        const salt = SINGLES[Math.floor(random() * SINGLES.length)]!;
        const done = solve(single(), salt.sample, 'advised', who === 'perfect' ? perfect : student(seeded(i)));
        if ([...done.found].sort().join() === [...salt.ions].sort().join()) right++;
        tests += done.tests;
        expect(done.confirmed.filter((ion) => !salt.ions.includes(ion))).toEqual([]);
      }
      expect(right).toBeGreaterThanOrEqual(who === 'perfect' ? SOLVED : SOLVED - 1);
      expect(tests / SOLVED).toBeLessThan(who === 'perfect' ? 8 : 13);
    },
  );
});
