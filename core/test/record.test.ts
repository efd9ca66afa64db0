import { BenchError, type SampleSpec } from '#core/bench/sample';
import { parseSalt } from '#core/matter/salts';
import { isCation, runTest, SUSPECTS } from '#core/reasoning/expectations';
import { suspects } from '#core/reasoning/suspects';
import { applyEvent, type CaseState, openCase } from '#core/record/case';
import type { CaseEvent } from '#core/record/events';
import { freeTubes, onVessels, testById, TESTS } from '#core/scheme/tests';
import type { Observation } from '#core/senses/vocabulary';

const stamp = { at: '2026-03-02T09:00:00.000Z', who: 'Ilse Varnholt' };
const salt = (formula: string): SampleSpec => ({ salts: [{ formula, grams: 4 }] });

const play = (state: CaseState, ...events: CaseEvent[]) => events.reduce((s, e) => applyEvent(s, e, stamp), state);
const entry = (test: string, ...observed: Observation[]): CaseEvent => ({ kind: 'entry', payload: { test, observed } });

/** A case in which every standard test was written down as a perfect observer would. */
const fullRecord = (formula: string) =>
  play(
    openCase(salt(formula)),
    ...TESTS.map((t) => [t.id, runTest(t, salt(formula))] as const)
      .filter(([, seen]) => seen.length)
      .map(([id, seen]) => entry(id, ...seen)),
  );

describe('what a perfect record says', () => {
  test.each([
    'NH4Al(SO4)2·12H2O',
    'NiSO4·6H2O',
    'Pb(NO3)2',
    'CuSO4·5H2O',
    'BaCl2·2H2O',
    'AgNO3',
    'KI',
    'Na2CO3·10H2O',
    'Fe(NO3)3·9H2O',
    'MgSO4·7H2O',
    'AlCl3·6H2O',
  ])('%s: its own ions are hinted, none is ruled out', (formula) => {
    const stands = new Map(suspects(fullRecord(formula).entries).map((s) => [s.ion, s.state]));
    for (const ion of Object.keys(parseSalt(formula).ions)) expect([ion, stands.get(ion)]).toEqual([ion, 'hinted']);
    const left = [...stands].filter(([ion, state]) => isCation(ion) && state === 'hinted').length;
    expect(left).toBeLessThanOrEqual(Object.keys(parseSalt(formula).ions).filter(isCation).length + 2);
  });

  test('every suspect has a plain salt on which every test can be run', () => {
    for (const t of TESTS) for (const o of runTest(t, salt('NaCl'))) expect(t.watch).toContain(o.channel);
    expect(SUSPECTS.length).toBe(17);
  });
});

describe('entries move the suspects', () => {
  const state = (s: CaseState, ion: string) => suspects(s.entries).find((x) => x.ion === ion)!;
  test('red with dimethylglyoxime speaks for nickel, and says which entry did it', () => {
    const s = play(
      openCase(salt('NiSO4·6H2O')),
      entry('flame', { channel: 'flame', colour: 'none' }),
      entry('dimethylglyoxime', { channel: 'precipitate', event: 'formed', colour: 'red' }),
    );
    expect(state(s, 'Ni2+')).toMatchObject({ state: 'hinted', because: [{ entry: 2, speaks: 'for' }] });
  });

  test('nothing with silver nitrate rules chloride and iodide out, and sulfate is left open', () => {
    const s = play(openCase(salt('NiSO4·6H2O')), entry('silver-acid', { channel: 'precipitate', event: 'none' }));
    expect(state(s, 'Cl-')).toMatchObject({ state: 'ruled-out', because: [{ entry: 1, speaks: 'against' }] });
    expect(state(s, 'I-').state).toBe('ruled-out');
    expect(state(s, 'SO4^2-').state).toBe('open');
  });

  test("sodium's flame hides potassium rather than ruling it out", () => {
    const s = play(openCase(salt('NaCl')), entry('flame', { channel: 'flame', colour: 'yellow' }));
    expect([state(s, 'Na+').state, state(s, 'K+').state]).toEqual(['hinted', 'open']);
  });

  test('a struck entry says nothing more, and stays', () => {
    const s = play(openCase(salt('KI')), entry('silver-acid', { channel: 'precipitate', event: 'none' }), {
      kind: 'strike',
      payload: { entry: 1, reason: 'forgot the silver' },
    });
    expect(state(s, 'I-').state).toBe('open');
    expect(s.entries[0]!.struck).toEqual({ reason: 'forgot the silver', ...stamp });
    expect(() => play(s, { kind: 'strike', payload: { entry: 1, reason: 'again' } })).toThrow(/struck already/);
  });

  test('an entry for no test, or of things that cannot be, is taken down and changes nothing', () => {
    const s = play(
      openCase(salt('KI')),
      entry('free', { channel: 'precipitate', event: 'formed', colour: 'violet' }),
      entry('brown-ring', { channel: 'bead', colour: 'blue' }),
    );
    expect(s.entries).toHaveLength(2);
    expect(suspects(s.entries).every((x) => x.state === 'open')).toBe(true);
  });
});

describe('a case is the fold over its events', () => {
  const work: CaseEvent[] = [
    { kind: 'operation', payload: { op: { op: 'dissolve', to: 'S', grams: 0.4, in: 'water', mL: 12 } } },
    { kind: 'operation', payload: { op: { op: 'take', to: 'A', from: 'S', mL: 1 }, test: 'ammonia' } },
    { kind: 'operation', payload: { op: { op: 'add', to: 'A', reagent: 'ammonia-2M', drops: 3 }, test: 'ammonia' } },
    { kind: 'operation', payload: { op: { op: 'centrifuge', vessel: 'A' } } },
    { kind: 'operation', payload: { op: { op: 'decant', from: 'A', to: 'B' } } },
    { kind: 'timer', payload: { id: 't1', label: 'let it settle', minutes: 3 } },
  ];

  test('replaying gives the bench to the last drop, with the family of every tube', () => {
    const once = play(openCase(salt('CuSO4·5H2O')), ...work);
    expect(play(openCase(salt('CuSO4·5H2O')), ...work)).toEqual(once);
    expect(once.parents).toEqual({ S: 'sample', A: 'S', B: 'A' });
    expect(once.bench.left).toBeCloseTo(3.6);
    expect(once.timers).toEqual([{ id: 't1', label: 'let it settle', due: '2026-03-02T09:03:00.000Z' }]);
    expect(play(once, { kind: 'timer-done', payload: { id: 't1' } }).timers).toEqual([]);
  });

  test('what cannot be is refused with the field, and the case is as it was', () => {
    const before = play(openCase(salt('CuSO4·5H2O')), ...work);
    const refused: [CaseEvent, RegExp][] = [
      [{ kind: 'operation', payload: { op: { op: 'decant', from: 'Q', to: 'B' } } }, /from: there is no vessel "Q"/],
      [entry('no-such-test', { channel: 'flame', colour: 'none' }), /no standard test/],
      [entry('flame'), /say what you saw/],
      [
        { kind: 'conclusion', payload: { found: [{ ion: 'Xx2+', claim: 'confirmed', evidence: [1] }], signed: 'x' } },
        /entry 1 for Xx2\+ does not exist/,
      ],
    ];
    for (const [event, message] of refused) {
      expect(() => play(before, event)).toThrow(BenchError);
      expect(() => play(before, event)).toThrow(message);
    }
    expect(play(openCase(salt('CuSO4·5H2O')), ...work)).toEqual(before);
  });

  test('a conclusion keeps what is shown apart from what may be, in one spelling', () => {
    const s = play(
      openCase(salt('CuSO4·5H2O')),
      entry('barium-acid', { channel: 'precipitate', event: 'formed', colour: 'white' }),
      {
        kind: 'conclusion',
        payload: {
          found: [
            { ion: 'SO4--', claim: 'confirmed', evidence: [1] },
            { ion: 'Cu^2+', claim: 'may-be-present', evidence: [1] },
          ],
          signed: 'I. V.',
        },
      },
    );
    expect(s.conclusion!.found.map((f) => [f.ion, f.claim])).toEqual([
      ['SO4^2-', 'confirmed'],
      ['Cu2+', 'may-be-present'],
    ]);
  });
});

test('procedures are laid on free tubes, leaving the original solution its name', () => {
  expect(freeTubes(['A', 'C', 'S'], 3)).toEqual(['B', 'D', 'E']);
  expect(freeTubes([...'ABCDEFGHIJKLMNOPQRSTUVWXYZ'], 2)).toEqual(['A2', 'B2']);
  const step = testById.get('silver-ammonia')!.steps.find((s) => s.op.op === 'decant')!;
  expect(onVessels(step.op, { '1': 'F', '2': 'G' })).toEqual({ op: 'decant', from: 'F', to: 'G' });
});
