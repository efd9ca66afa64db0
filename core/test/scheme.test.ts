import { openBench, perform } from '#core/bench/bench';
import { openBlank, reckon } from '#core/bench/reckon';
import { REAGENTS } from '#core/matter/data/reagents';
import { layOut } from '#core/scheme/layout';
import { SCHOOLS, type School, type StandardTest } from '#core/scheme/model';
import { cautionsOf, restriction, wasteOf } from '#core/scheme/needs';
import { nextOn, routeOf, stillNeeds, type Written } from '#core/scheme/route';
import { DEFAULT_RULES, houseRulesSchema, QUESTIONS } from '#core/scheme/rules';
import { sayOp } from '#core/scheme/say';
import {
  fits,
  onVessels,
  PLACE_NAMES,
  SALT_TESTS,
  showsSign,
  STATIONS,
  stationOf,
  stepsOf,
  testById,
  TESTS,
  testsOf,
} from '#core/scheme/tests';
import { World } from '#core/scheme/world';
import { PLAIN } from './plain';
import { doAndSee } from './seen';

const rulesFor = (school: School) => ({ ...DEFAULT_RULES, answers: { 'cation-scheme': school } });

const worlds = new Map<string, World>();
function world(formula: string, school: School): World {
  const key = `${formula} ${school}`;
  if (!worlds.has(key)) worlds.set(key, new World({ salts: [{ formula, grams: 3 }] }, school, rulesFor(school)));
  return worlds.get(key)!;
}

/** Where the plain salt of the ion is not what the test is made for. */
const SPECIAL: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  'residue-ammonia': { 'Ag+': 'AgCl' },
  heating: { 'NH4+': 'NH4Cl', 'NO3-': 'Pb(NO3)2', 'Hg2+': 'HgCl2' },
  'heating-acid-gas': { 'NH4+': '(NH4)2CO3', 'NO3-': 'Pb(NO3)2' },
  flame: { 'BO3^3-': 'H3BO3' },
};
const NEGATIVES = ['KNO3', 'NaCl', 'Na2CO3', 'Cu(NO3)2·3H2O', 'Zn(NO3)2·6H2O', 'Na2SO4'];
/** In the sulfide schools only the tests that differ are run again. */
const homes = (test: StandardTest): School[] =>
  typeof test.station === 'string' ? ['no-sulfide'] : SCHOOLS.filter((s) => stationOf(test, s) !== undefined);

describe('the library of standard tests', () => {
  test('is large, with ids of its own, and complete in its words', () => {
    expect(TESTS.length).toBeGreaterThanOrEqual(120);
    expect(testById.size).toBe(TESTS.length);
    for (const school of SCHOOLS) {
      const stations = new Set(testsOf(school).map((t) => stationOf(t, school)!));
      expect([...stations].sort()).toEqual(Object.keys(STATIONS[school]).sort());
    }
    for (const t of TESTS) {
      expect(t.purpose).toMatch(/\.$/);
      expect(t.watch.length).toBeGreaterThan(0);
      expect(wasteOf(t, DEFAULT_RULES)).not.toBe('');
      for (const { op } of stepsOf(t, DEFAULT_RULES)) expect(sayOp(op, (id) => `tube ${id}`)).toMatch(/^[A-Z].*\.$/);
      for (const id of t.when?.tests ?? []) expect(testById.has(id)).toBe(true);
      for (const place of t.makes ?? []) expect(PLACE_NAMES).toHaveProperty(place);
    }
  });

  describe.each(SALT_TESTS.map((t) => [t.id, t] as const))('%s', (_id, t) => {
    test.each(homes(t))('%s: shows its signs on those that have them, and none on some that have not', (school) => {
      for (const sign of t.signs ?? [])
        for (const ion of sign.of) {
          const { see } = world(SPECIAL[t.id]?.[ion] ?? PLAIN[ion]!, school).result(t.id);
          expect({ ion, shows: showsSign(see, sign), see }).toMatchObject({ ion, shows: true });
        }
      const quiet = NEGATIVES.some((f) => {
        const { see } = world(f, school).result(t.id);
        return !(t.signs ?? []).some((s) => showsSign(see, s));
      });
      expect(quiet).toBe(true);
    });
  });

  test('every way in which houses differ can be run', () => {
    const questions = new Set(SALT_TESTS.flatMap((t) => t.steps).flatMap((s) => ('question' in s ? [s.question] : [])));
    for (const id of questions) {
      const { options } = QUESTIONS.find((q) => q.id === id)!;
      for (const o of options) {
        const rules = { ...DEFAULT_RULES, answers: { 'cation-scheme': 'six-group', [id]: o.id } };
        const asked = testsOf('six-group').filter((t) => t.steps.some((s) => 'question' in s && s.question === id));
        for (const t of asked) expect(stepsOf(t, rules).length).toBeGreaterThan(0);
        const w = new World(
          {
            salts: [
              { formula: 'ZnSO4·7H2O', grams: 1 },
              { formula: 'KI', grams: 1 },
            ],
          },
          'six-group',
          rules,
        );
        for (const t of asked.filter((a) => w.applies(a))) expect(w.result(t.id).stopped ?? '').not.toMatch(/there is no vessel/);
      }
    }
  });
});

describe('the route', () => {
  const entry = (number: number, test: string, ...observed: Written['observed']): Written => ({ number, test, observed });
  const standing = (entries: Written[], id: string, rules = DEFAULT_RULES, simulated = true) =>
    routeOf(entries, rules, simulated)
      .flatMap((s) => s.stops)
      .find((s) => s.test.id === id)!.standing;

  test('skips on evidence and says on which, and opens again when the entry is struck', () => {
    const white = entry(1, 'look', { channel: 'solid', colour: 'white' });
    const clear = entry(2, 'solution-water', { channel: 'precipitate', event: 'none' });
    expect(standing([], 'bead-oxidising')).toEqual({ is: 'to-come' });
    expect(standing([white], 'bead-oxidising')).toEqual({
      is: 'skipped',
      reason: 'the salt is white, and a bead is worth making only for a coloured one (entry 1)',
    });
    expect(standing([{ ...white, struck: true }], 'bead-oxidising')).toEqual({ is: 'to-come' });
    expect(standing([clear], 'solution-hydrochloric').is).toBe('skipped');
    expect(standing([clear], 'residue-zinc').is).toBe('skipped');
    expect(standing([clear], 'solution-water')).toEqual({ is: 'done', entry: 2 });
    expect(nextOn(routeOf([white, clear], DEFAULT_RULES, true))!.id).toBe('litmus-solution');
  });

  test('restricts with the reason and a substitute; what is for simulation only is open to a simulated sample', () => {
    const rules = { ...DEFAULT_RULES, restrictedReagents: ['chlorine-water'], restrictedTests: ['etching'] };
    expect(standing([], 'chlorine-layer', rules)).toMatchObject({
      is: 'restricted',
      substitute: expect.stringContaining('bleach'),
    });
    expect(standing([], 'etching', rules)).toMatchObject({ is: 'restricted' });
    expect(standing([], 'ammonium-nessler', DEFAULT_RULES, false)).toMatchObject({ is: 'restricted' });
    expect(restriction(testById.get('ammonium-nessler')!, DEFAULT_RULES, true)).toBeNull();
  });

  test('a perfect worker reaches the end of every school, and the sample lasts', () => {
    for (const school of SCHOOLS) {
      const rules = rulesFor(school);
      const w = world('NiSO4·6H2O', school);
      const entries: Written[] = [];
      for (let next = nextOn(routeOf(entries, rules, true)); next; next = nextOn(routeOf(entries, rules, true)))
        entries.push({ number: entries.length + 1, test: next.id, observed: w.result(next.id).see });
      expect(entries.length).toBeGreaterThan(60);
      expect(stillNeeds(routeOf(entries, rules, true), rules, 0)).toBe(0);
      expect(stillNeeds(routeOf([], rules, true), rules, 0)).toBeLessThan(4);
      const proofs = entries.flatMap(
        (e) => testById.get(e.test)!.signs?.filter((s) => s.proves && showsSign(e.observed, s)) ?? [],
      );
      expect(new Set(proofs.flatMap((s) => s.of))).toEqual(new Set(['SO4^2-', 'Ni2+']));
    }
  });

  test('house rules are checked, with what to give instead', () => {
    expect(houseRulesSchema.safeParse({ answers: { 'sulfide-source': 'eggs' } }).error!.issues[0]!.message).toMatch(
      /choose thioacetamide/,
    );
    expect(houseRulesSchema.safeParse({ dropML: 2 }).error!.issues[0]!.message).toMatch(/at most 0.1/);
  });
});

describe('a procedure laid on the bench', () => {
  const ids = (bench: ReturnType<typeof openBench>) => Object.keys(bench.vessels);

  test('finds its shared tubes, gives a new working new tubes, and says what is missing', () => {
    let bench = openBench({ salts: [{ formula: 'AgNO3', grams: 3 }] });
    const group = testById.get('group-1')!;
    expect(layOut(group, DEFAULT_RULES, ids(bench))).toMatchObject({ missing: 'S' });
    const work = (t: StandardTest) => {
      const layout = layOut(t, DEFAULT_RULES, ids(bench));
      if ('missing' in layout) throw new Error(layout.missing);
      for (const { op } of stepsOf(t, DEFAULT_RULES)) bench = perform(bench, onVessels(op, layout.tubes)).bench;
      return layout.tubes;
    };
    work(testById.get('solution-water')!);
    expect(work(group)).toEqual({ '@': 'S', S: 'S', P1: 'P1', F1: 'F1' });
    expect(work(testById.get('silver-division')!)).toMatchObject({ '@': 'P1', D1: 'D1' });
    expect(work(group)).toMatchObject({ P1: 'P1-2', F1: 'F1-2' });
    expect(work(testById.get('lead-hot-water')!)).toMatchObject({ P1: 'P1-2' });
    expect(Object.values(work(testById.get('litmus-solution')!))).toContain('A');
  });

  test('cautions name the bottle', () => {
    expect(cautionsOf(testById.get('brown-ring')!, DEFAULT_RULES).join(' ')).toMatch(/Sulfuric acid, conc\.: Corrosive/);
  });

  test('an unrinsed dropper carries one tube into the next', () => {
    let bench = openBench({ solution: { 'Fe3+': 0.1, 'NO3-': 0.3 }, mL: 20 });
    bench = perform(bench, { op: 'take', to: 'A', from: 'sample', mL: 2 }).bench;
    bench = perform(bench, { op: 'add', to: 'B', reagent: 'water', mL: 4 }).bench;
    const test = (unrinsed: boolean) => {
      const taken = perform(bench, { op: 'take', to: 'C', from: 'B', mL: 1, ...(unrinsed && { unrinsed: 'A' }) }).bench;
      const done = doAndSee(taken, { op: 'add', to: 'C', reagent: 'ammonium-thiocyanate-0.5M', drops: 4 });
      return done.see.some((o) => fits(o, { channel: 'solution', event: 'colour-changed' }));
    };
    expect([test(false), test(true)]).toEqual([false, true]);
  });
});

describe('the arithmetic of the bench, from what was added', () => {
  const tube = (...ops: Parameters<typeof perform>[1][]) =>
    ops.reduce((b, op) => perform(b, op).bench, openBlank(2, 'solid')).vessels['A']!;

  test('acid, water to 0.3 mol/L, and base to neutralise it', () => {
    const a = tube(
      { op: 'add', to: 'A', reagent: 'hydrochloric-acid-2M', mL: 1 },
      { op: 'add', to: 'A', reagent: 'water', mL: 1 },
    );
    const r = reckon(a, 'sodium-hydroxide-2M', 0);
    expect(r.acid).toBeCloseTo(1, 1);
    expect(r.waterTo!).toBeCloseTo(2 * (1 / 0.3 - 1), 1);
    expect(r.neutralise!.end).toBe('just-basic');
    expect(r.neutralise!.mL).toBeGreaterThanOrEqual(1);
    expect(r.neutralise!.mL).toBeLessThan(1.11);
  });

  test('enough for all of the sample, whatever it is', () => {
    const b = tube({ op: 'take-solid', to: 'A', grams: 0.1 }, { op: 'add', to: 'A', reagent: 'water', mL: 2 });
    expect(reckon(b, 'hydrochloric-acid-2M', 0.1).enough!).toBeCloseTo(1.25, 2);
    expect(reckon(b, 'cyclohexane', 0.1).enough).toBeUndefined();
    for (const r of REAGENTS) expect(() => reckon(b, r.id, 0.1)).not.toThrow();
  });
});

/** By books of qualitative analysis, of plain salts: whether barium gives a precipitate in the acidified extract. */
test.each([
  ['K2SO4', true],
  ['(NH4)2Fe(SO4)2·6H2O', true],
  ['K2C2O4', false],
  ['(NH4)2C2O4', false],
  ['Na2CO3·10H2O', false],
  ['Na2HPO4·12H2O', false],
  ['Na2B4O7·10H2O', false],
  ['CH3COONa·3H2O', false],
  ['K2CrO4', false],
  ['KNO3', false],
] as const)('barium in acid: %s, a precipitate: %s', (formula, falls) => {
  const seen = world(formula, 'no-sulfide').result('barium-acid').see;
  expect(seen.some((o) => o.channel === 'precipitate' && o.event === 'formed')).toBe(falls);
});
