import type { Debrief } from '#core/practice/debrief';
import { GAS_MAKERS } from '#core/practice/data/drilled';
import { GAS_TESTS } from '#core/practice/gas-tests';
import { work } from '#core/practice/drills/worked';
import { CaseAtWork } from './casework';
import { alikeIn, confusionsIn, itemsIn, proposedMarks, type Reported, sumOf, timeIn } from '#core/practice/marking';
import { sayObservation } from '#core/senses/sentences';

const reported = (student: string, identity: string, truth: string, claimed: string, ...words: string[]): Reported => ({
  student,
  identity,
  truth: truth.split(' '),
  claimed: claimed.split(' ').filter(Boolean),
  words,
});
const kindOf = (id: string) => (id.endsWith('+') ? 'cation' : 'anion');

test('marks are proposed for every claim and every observation, and a wrong claim takes one away, but never below nothing', () => {
  const debrief: Debrief = {
    entries: [
      { number: 1, test: 'look', verdict: 'agreed', shown: [], wrote: [] },
      { number: 2, test: 'flame', verdict: 'misread', shown: ['yellow flame'], wrote: ['no flame colour'] },
      { number: 3, test: 'flame', verdict: 'overlooked', shown: [], wrote: [] },
    ],
    claims: [
      { of: 'Cu2+', verdict: 'right' },
      { of: 'Cl-', verdict: 'too-early' },
      { of: 'Br-', verdict: 'wrong' },
      { of: 'SO4^2-', verdict: 'missed' },
    ],
    faults: [],
    operations: [],
  };
  const lines = proposedMarks(debrief, (test) => test.toUpperCase());
  expect(lines.map((l) => [l.of, l.verdict, l.marks, l.outOf])).toEqual([
    ['copper(II)', 'right', 4, 4],
    ['chloride', 'right, unsupported by the evidence', 2, 4],
    ['bromide', 'wrong', -1, 0],
    ['sulfate', 'missing', 0, 4],
    ['1. LOOK', 'agrees with what was shown', 1, 1],
    ['2. FLAME', 'misread', 0, 1],
    ['3. FLAME', 'overlooked', 0, 1],
  ]);
  expect(sumOf(lines)).toEqual({ marks: 6, of: 15 });
  expect(sumOf(lines.filter((l) => l.verdict === 'wrong'))).toEqual({ marks: 0, of: 0 });
});

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
  const time = timeIn([at.state], (test) => test);
  expect(time.map((t) => t.test).sort()).toEqual(['flame', 'heating']);
  expect(time[0]!.minutes).toBeGreaterThanOrEqual(time[1]!.minutes);
  expect(time.reduce((sum, t) => sum + t.minutes, 0)).toBeCloseTo(at.state.minutes);
});
