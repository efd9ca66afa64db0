/** What was done without a name: known for the test that it is, or run by itself. */
import fc from 'fast-check';
import { loadAtlas } from '#atlas';
import { type Op, placesIn } from '#core/bench/ops';
import { advise } from '#core/reasoning/advise';
import { rulesOfSchool } from '#core/reasoning/atlas';
import { infer } from '#core/reasoning/infer';
import { boundsOf } from '#core/reasoning/premises';
import { parseRecord, RecordError } from '#core/reasoning/record';
import { SaltSpace } from '#core/reasoning/space';
import { SCHOOLS, type School, type StandardTest } from '#core/scheme/model';
import { isUnnamed, madeBefore, signsOfTest, standardTestOf, testOfProcedure, titleOfTest } from '#core/scheme/procedure';
import { isFresh, onVessels, startsOf, stepsOf, testsOf } from '#core/scheme/tests';

const DISSOLVED: Op = { op: 'dissolve', to: 'A', grams: 0.4, in: 'water', mL: 12 };
const EXTRACTED: Op = { op: 'carbonate-extract', to: 'A', grams: 0.3 };

/** A standard test as somebody does it who has not heard of it: in tubes of their own, from a solution of their own. */
function byHand(test: StandardTest, school: School): Op[] {
  const rules = rulesOfSchool(school);
  const [start] = startsOf(test, school);
  const ops = stepsOf(test, rules).map((s) => onVessels(s.op, start === undefined ? {} : { '@': start }));
  const places = [...new Set(ops.flatMap(placesIn))];
  const letters = [...'BCDEFGHJKL'].map((l) => `my ${l}`);
  const names = Object.fromEntries(places.map((p) => [p, isFresh(p) ? letters.shift()! : p === 'S' || p === 'X' ? 'A' : p]));
  const before =
    places.includes('S') && !ops.some((o) => 'to' in o && o.to === 'S')
      ? [DISSOLVED]
      : places.includes('X') && !ops.some((o) => 'to' in o && o.to === 'X')
        ? [EXTRACTED]
        : [];
  return [...before, ...ops.map((op) => onVessels(op, names))];
}

/** Tests of two portions in one tube, or of whatever liquid comes next: there is no one thing that they start from. */
const NOT_FOLLOWED = ['chromate-or-dichromate', 'acidity'];

test.each(SCHOOLS)('every test of the %s school that is done by hand is known for what it is', (school) => {
  const missed = testsOf(school)
    .filter((t) => t.watch.length > 0)
    .filter((t) => standardTestOf({ before: [], own: byHand(t, school) }, school, rulesOfSchool(school))?.id !== t.id)
    .map((t) => t.id);
  expect(missed.filter((id) => !NOT_FOLLOWED.includes(id))).toEqual([]);
});

test('on the solution itself it is another procedure than on the soda extract, and in another order too', () => {
  const own: Op[] = [
    { op: 'take', to: 'B', from: 'A', mL: 1 },
    { op: 'add', to: 'B', reagent: 'hydrochloric-acid-2M', drops: 5 },
    { op: 'add', to: 'B', reagent: 'barium-chloride-0.25M', drops: 5 },
  ];
  const rules = rulesOfSchool('no-sulfide');
  expect(standardTestOf({ before: [DISSOLVED], own }, 'no-sulfide', rules)).toBeUndefined();
  const [here, there] = [testOfProcedure({ before: [DISSOLVED], own }), testOfProcedure({ before: [EXTRACTED], own })];
  const turned = testOfProcedure({ before: [DISSOLVED], own: [own[0]!, own[2]!, own[1]!] });
  const another = testOfProcedure({
    before: [{ ...DISSOLVED, to: 'beaker' }],
    own: own.map((op) => onVessels(op, { A: 'beaker', B: 'Z' })),
  });
  expect(new Set([here, there, turned].map((t) => t.id)).size).toBe(3);
  expect(another.id).toBe(here.id);
  expect(titleOfTest(here.id)).toBe('Hydrochloric acid, 2 M, then barium chloride, 0.25 M');
});

test('what stands in a tube is followed back through all that it came from, and no further', () => {
  const done: Op[] = [
    { op: 'dissolve', to: 'A', grams: 0.1, in: 'water', mL: 2 },
    { op: 'dissolve', to: 'Q', grams: 0.1, in: 'nitric-acid-2M', mL: 2 },
    { op: 'add', to: 'A', reagent: 'ammonia-2M', drops: 2 },
    { op: 'filter', from: 'A', to: 'B', residue: 'R' },
    { op: 'add', to: 'Q', reagent: 'water', drops: 2 },
  ];
  expect(madeBefore(done, [{ op: 'look', vessel: 'B' }])).toEqual([done[0], done[2], done[3]]);
});

describe('a record that says what was done', () => {
  let space: SaltSpace;
  beforeAll(async () => {
    space = new SaltSpace(await loadAtlas(), rulesOfSchool('no-sulfide'), { cations: 1, anions: 1 });
  });
  const reasoned = (entries: readonly object[]) => {
    const record = parseRecord({ entries });
    const inference = infer(space, record.entries);
    const bounds = boundsOf(space, record.entries, inference, { rules: rulesOfSchool('no-sulfide'), simulated: true });
    return { record, inference, next: advise(space, inference, bounds, 5) };
  };
  const named = (test: string) => testsOf('no-sulfide').find((t) => t.id === test)!;

  test('says the same of the sample as one that names the tests', () => {
    const seen = {
      'barium-acid': [{ channel: 'precipitate', event: 'formed', colour: 'white' }],
      hydroxide: [{ channel: 'precipitate', event: 'formed', colour: 'blue' }],
      ammonia: [{ channel: 'solution', colour: 'deep-blue' }],
      flame: [{ channel: 'flame', colour: 'green' }],
    };
    const tests = Object.entries(seen);
    const names = reasoned(tests.map(([test, observed]) => ({ test, observed })));
    const deeds = reasoned(tests.map(([test, observed]) => ({ did: byHand(named(test), 'no-sulfide'), observed })));
    expect(deeds.record.entries.map((e) => e.test)).toEqual(Object.keys(seen));
    expect(deeds.inference.suspects).toEqual(names.inference.suspects);
    expect(deeds.next).toEqual(names.next);
  });

  test('of something that no test is: each weighs, and has signs that were worked out', () => {
    const did = (...more: Op[]) => [{ op: 'dissolve', to: 'T', grams: 0.1, in: 'water', mL: 2 } as Op, ...more];
    const glyoxime = did(
      { op: 'add', to: 'T', reagent: 'ammonia-2M', mL: 2 },
      { op: 'add', to: 'T', reagent: 'dimethylglyoxime-1pc', drops: 6 },
    );
    const { record, inference } = reasoned([
      { did: glyoxime, observed: [{ channel: 'precipitate', event: 'formed', colour: 'red' }] },
      {
        did: did({ op: 'add', to: 'T', reagent: 'sodium-carbonate-1M', mL: 1 }),
        observed: [{ channel: 'precipitate', event: 'formed', colour: 'pale-green' }],
      },
    ]);
    expect(record.entries.every((e) => isUnnamed(e.test))).toBe(true);
    expect(inference.unused).toEqual([]);
    expect(signsOfTest(record.entries[0]!.test)).toContainEqual(expect.objectContaining({ of: ['Ni2+'], proves: true }));
    expect(inference.suspects.find((s) => s.id === 'Ni2+')!.state).toMatch(/^(indicated|confirmed)$/);
    expect(inference.suspects.filter((s) => s.state === 'confirmed' && s.id !== 'Ni2+')).toEqual([]);
  });

  test.each<[string, object, RegExp]>([
    ['an operation that is none', { did: [{ op: 'pray' }], observed: [] }, /did/],
    ['a field that an operation has not', { did: [{ op: 'look', vessel: 'A', at: 'x' }], observed: [] }, /at/],
    ['nothing done', { did: [], observed: [] }, /did/],
  ])('%s is told in words', (_, entry, says) => {
    expect(() => parseRecord({ entries: [entry] })).toThrow(RecordError);
    expect(() => parseRecord({ entries: [entry] })).toThrow(says);
  });

  const tube = fc.constantFrom('A', 'B', 'S', 'sample', 'X', 'never made');
  const anyOp: fc.Arbitrary<Op> = fc.oneof(
    fc.record({ op: fc.constant('take' as const), to: tube, from: tube, mL: fc.constantFrom(0.5, 1) }),
    fc.record({
      op: fc.constant('add' as const),
      to: tube,
      reagent: fc.constantFrom('water', 'ammonia-2M', 'no-such-bottle'),
      drops: fc.constantFrom(1, 5),
    }),
    fc.record({ op: fc.constant('take-solid' as const), to: tube, grams: fc.constant(0.1) }),
    fc.record({ op: fc.constant('heat' as const), vessel: tube, to: fc.constant('boil' as const) }),
    fc.record({ op: fc.constant('decant' as const), from: tube, to: tube }),
    fc.record({ op: fc.constant('ignite' as const), vessel: tube }),
    fc.record({ op: fc.constant('flame' as const), from: tube }),
  );
  test('of any operations, on anything, in any order: an answer, and never an error', () => {
    const observed = fc.constantFrom<object[]>(
      [],
      [{ channel: 'precipitate', event: 'formed', colour: 'white' }],
      [{ channel: 'flame', colour: 'green' }],
      [{ channel: 'gas', event: 'none' }],
    );
    const entry = fc.record({ did: fc.array(anyOp, { minLength: 1, maxLength: 4 }), observed });
    fc.assert(
      fc.property(fc.array(entry, { minLength: 1, maxLength: 2 }), (entries) => {
        const { inference, next } = reasoned(entries);
        expect(inference.suspects.every((s) => s.probability >= 0 && s.probability <= 1)).toBe(true);
        expect(next.length).toBeGreaterThan(0);
      }),
      { numRuns: 2 },
    );
  });
});
