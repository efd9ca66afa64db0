import { type Debrief, debriefOf } from '#core/practice/debrief';
import { GAS_MAKERS } from '#core/practice/data/drilled';
import { GAS_TESTS } from '#core/practice/gas-tests';
import { work } from '#core/practice/drills/worked';
import { CaseAtWork, ionsOf, salt } from './casework';
import { alikeIn, confusionsIn, itemsIn, proposedMarks, type Reported, sumOf, timeIn } from '#core/practice/marking';
import { lastSeen } from '#core/record/view';
import { layOut } from '#core/scheme/layout';
import { DEFAULT_RULES } from '#core/scheme/rules';
import { onVessels, SALT_TESTS, stepsOf, testById, testTitle } from '#core/scheme/tests';
import { sayObservation } from '#core/senses/sentences';
import type { Observation } from '#core/vocabulary/observation';

const reported = (student: string, identity: string, truth: string, claimed: string, ...words: string[]): Reported => ({
  student,
  identity,
  truth: truth.split(' '),
  claimed: claimed.split(' ').filter(Boolean),
  words,
});
const kindOf = (id: string) => (id.endsWith('+') ? 'cation' : 'anion');

test('marks are proposed for every claim and for a sign of all that is there; a wrong claim takes one away, but never below nothing', () => {
  const claims: Debrief['claims'] = [
    { of: 'Cu2+', verdict: 'right', observed: true },
    { of: 'Cl-', verdict: 'too-early', observed: true },
    { of: 'I-', verdict: 'possible', observed: true },
    { of: 'NO3-', verdict: 'unsupported', observed: false },
    { of: 'Br-', verdict: 'wrong', observed: false },
    { of: 'SO4^2-', verdict: 'missed-though-proved', observed: true },
  ];
  const lines = proposedMarks({ claims });
  expect(lines.map((l) => [l.of, l.marks, l.outOf])).toEqual([
    ['copper(II)', 4, 4],
    ['chloride', 2, 4],
    ['iodide', 2, 4],
    ['nitrate', 0, 4],
    ['bromide', -1, 0],
    ['sulfate', 0, 4],
    ['A sign of copper(II)', 2, 2],
    ['A sign of chloride', 2, 2],
    ['A sign of iodide', 2, 2],
    ['A sign of nitrate', 0, 2],
    ['A sign of sulfate', 2, 2],
  ]);
  expect(sumOf(lines)).toEqual({ marks: 15, of: 30 });
  expect(sumOf(lines.filter((l) => l.verdict === 'wrong'))).toEqual({ marks: 0, of: 0 });
});

/** Copper sulfate: worked by the tests that show what is in it, and written as they were shown. */
function workedWell(): CaseAtWork {
  const at = new CaseAtWork(salt('CuSO4·5H2O')).do({
    kind: 'operation',
    payload: { op: { op: 'dissolve', to: 'S', grams: 0.4, in: 'water', mL: 12 } },
  });
  for (const test of ['copper-hexacyanoferrate', 'carbonate-extract', 'barium-acid']) workByTheBook(at, test);
  return at;
}

/** A standard test step by step, and an entry of what it showed. */
function workByTheBook(at: CaseAtWork, id: string): void {
  const test = testById.get(id)!;
  const layout = layOut(test, DEFAULT_RULES, [...at.state.vessels.keys()]);
  if ('missing' in layout) throw new Error(`${id} needs ${layout.missing}`);
  const run = { id: crypto.randomUUID(), tubes: { ...layout.tubes } };
  for (const [step, { op }] of stepsOf(test, DEFAULT_RULES).entries())
    at.do({ kind: 'operation', payload: { op: onVessels(op, layout.tubes), test: id, run: { ...run, step } } });
  at.do({ kind: 'entry', payload: { test: id, observed: lastSeen(at.state).slice(0, 20) } });
}

type Claims = readonly (readonly [ion: string, claim: 'confirmed' | 'may-be-present', ...evidence: number[]])[];
const marksFor = (at: CaseAtWork, claims: Claims) => {
  const found = claims.map(([ion, claim, ...evidence]) => ({ ion, claim, evidence }));
  at.do({ kind: 'conclusion', payload: { found, signed: 'I. V.' } });
  return sumOf(proposedMarks(debriefOf(at.state, ionsOf('CuSO4·5H2O'), [])));
};

test('neither padding nor guessing earns marks: good work has them all, a guess has none, and idle entries change nothing', () => {
  const good: Claims = [
    ['Cu2+', 'confirmed', 1],
    ['SO4^2-', 'confirmed', 3],
  ];
  const full = marksFor(workedWell(), good);
  expect(full).toEqual({ marks: 12, of: 12 });

  const padded = workedWell();
  for (let i = 0; i < 12; i++) workByTheBook(padded, i % 2 ? 'flame' : 'look');
  expect(marksFor(padded, good)).toEqual(full);

  const wrongEvidence: Claims = [
    ['Cu2+', 'may-be-present', 3],
    ['SO4^2-', 'may-be-present', 1],
  ];
  expect(marksFor(workedWell(), wrongEvidence)).toEqual({ marks: 4, of: 12 });
  expect(marksFor(workedWell(), [...good, ['Ni2+', 'may-be-present', 1], ['Cl-', 'may-be-present', 1]])).toEqual({
    marks: 10,
    of: 12,
  });

  // Everything that the tests could show is written down, and nothing was done.
  const guessed = new CaseAtWork(salt('CuSO4·5H2O'));
  const ions = SALT_TESTS.flatMap((t) => (t.signs ?? []).flatMap((s) => s.of)).slice(0, 40);
  for (const id of ['copper-hexacyanoferrate', 'barium-acid', 'silver-acid', 'hydroxide'])
    guessed.do({ kind: 'entry', payload: { test: id, observed: signsAsWritten(id) } });
  const everything = [...new Set([...ionsOf('CuSO4·5H2O'), ...ions])].slice(0, 20);
  const guess = marksFor(
    guessed,
    everything.map((ion) => [ion, 'may-be-present', 1, 2, 3, 4] as const),
  );
  expect(guess).toEqual({ marks: 0, of: 12 });
});

/** What somebody writes who knows what the signs of a test are and has not done it. */
const signsAsWritten = (id: string): Observation[] =>
  (testById.get(id)!.signs ?? [])
    .flatMap((s) => s.see)
    .map((p) => Object.fromEntries(Object.entries(p).map(([field, of]) => [field, [of].flat()[0]])) as unknown as Observation)
    .slice(0, 20);

test('what was taken for what is counted within its kind, the most frequent first', () => {
  const all = [
    reported('a', 'one', 'Ni2+ SO4^2-', 'Cu2+ SO4^2-'),
    reported('b', 'one', 'Ni2+ SO4^2-', 'Cu2+ Cl-'),
    reported('c', 'two', 'Ba2+ Cl-', 'Ba2+ Cl-'),
    reported('d', 'two', 'Ba2+ Cl-', ''),
  ];
  expect(confusionsIn(all, kindOf)).toEqual([
    { there: 'Ni2+', claimed: 'Cu2+', count: 2 },
    { there: 'SO4^2-', claimed: 'Cl-', count: 1 },
  ]);
});

test('an unknown that only the better half finds discriminates; one that everybody finds does not', () => {
  const of = (student: string, good: boolean) => [
    reported(student, 'easy', 'Na+ Cl-', 'Na+ Cl-'),
    reported(student, 'hard', 'Mg2+ BO3^3-', good ? 'Mg2+ BO3^3-' : 'Mg2+ Cl-'),
  ];
  const items = itemsIn([...of('a', true), ...of('b', true), ...of('c', false), ...of('d', false)]);
  expect(items).toEqual([
    { identity: 'easy', reports: 4, right: 1, discrimination: 0 },
    { identity: 'hard', reports: 4, right: 0.5, discrimination: 1 },
  ]);
  expect(itemsIn([reported('a', 'one', 'Na+ Cl-', '')])).toEqual([
    { identity: 'one', reports: 1, right: 0, discrimination: null },
  ]);
});

test('the same words in the same order about different unknowns are seen; the same unknown, or few words, are not', () => {
  const long = 'The precipitate came down at once and was white and curdy, so I thought of a chloride of silver first of all.';
  const other = 'Nothing happened until I warmed it in the bath, and then a brown gas stood over the liquid in the tube.';
  const seen = alikeIn([
    reported('Ada', 'one', 'Na+ Cl-', 'Na+ Cl-', long),
    reported('Bo', 'two', 'K+ Br-', 'K+ Br-', `${long} It was.`),
    reported('Cy', 'one', 'Na+ Cl-', 'Na+ Cl-', long),
    reported('Di', 'three', 'K+ NO2-', 'K+ NO2-', other),
    reported('Ed', 'four', 'K+ I-', 'K+ I-', 'White and curdy.'),
  ]);
  expect(seen.map((s) => [s.a, s.b])).toEqual([
    ['Ada', 'Bo'],
    ['Bo', 'Cy'],
  ]);
  expect(seen[0]!.share).toBe(1);
  expect(seen[0]!.example).toBe('the precipitate came down at');
});

/** What is held to each gas first changes as inorganic textbooks say; nitrogen dioxide is known by its colour, and reddens litmus. */
const FIRST: Readonly<Record<(typeof GAS_MAKERS)[number]['gas'], readonly [string, RegExp]>> = {
  'carbon dioxide': ['lime water', /turned cloudy/],
  'sulfur dioxide': ['dichromate paper', /turned (pale )?green/],
  'hydrogen sulfide': ['lead acetate paper', /black|brown/],
  ammonia: ['damp red litmus', /turned blue/],
  'nitrogen dioxide': ['damp blue litmus', /turned red/],
  hydrogen: ['a lit splint', /pop/],
  oxygen: ['a glowing splint', /rekindled/],
};

test.each(GAS_MAKERS.map((m) => [m.gas, m] as const))('%s shows by the test that is held to it first', (gas, maker) => {
  const [name, says] = FIRST[gas];
  const held = GAS_TESTS.find((t) => t.name === name)!;
  const done = work({ salts: [{ formula: maker.formula, grams: 2 }] }, [
    { op: 'take-solid', to: 'A', grams: 0.2 },
    { op: 'add', to: 'A', reagent: maker.with, drops: 30 },
    ...('then' in maker ? [{ op: 'add' as const, to: 'A', reagent: maker.then, grams: 0.3 }] : []),
    ...(gas === 'ammonia' ? [{ op: 'heat' as const, vessel: 'A', to: 'warm' as const, minutes: 2 }] : []),
    held.on('A'),
  ]);
  expect(done!.at(-1)!.see.map(sayObservation).join('; ')).toMatch(says);
});

test('time goes to the tests on which it was spent, the longest first', () => {
  const at = new CaseAtWork({ sample: { salts: [{ formula: 'KI', grams: 3 }] } });
  at.do({ kind: 'operation', payload: { op: { op: 'flame', from: 'sample' }, test: 'flame' } });
  at.do({ kind: 'operation', payload: { op: { op: 'dry-heat', to: 'H', grams: 0.1, strong: true }, test: 'heating' } });
  const time = timeIn([at.state]);
  expect(time.map((t) => t.test).sort()).toEqual([testTitle('flame'), testTitle('heating')].sort());
  expect(time[0]!.minutes).toBeGreaterThanOrEqual(time[1]!.minutes);
  expect(time.reduce((sum, t) => sum + t.minutes, 0)).toBeCloseTo(at.state.minutes);
});
