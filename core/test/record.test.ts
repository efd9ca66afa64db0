import { BenchError } from '#core/bench/error';
import type { SampleSpec } from '#core/bench/sample';
import { applyEvent, type CaseState, openCase } from '#core/record/case';
import type { CaseEvent } from '#core/record/events';
import { freeTubes, onVessels } from '#core/scheme/tests';
import type { Observation } from '#core/vocabulary/observation';

const stamp = { at: '2026-03-02T09:00:00.000Z', who: 'Ilse Varnholt' };
const salt = (formula: string): SampleSpec => ({ salts: [{ formula, grams: 4 }] });

const unknown = (formula: string) => ({ sample: salt(formula) });

const play = (state: CaseState, ...events: CaseEvent[]) => events.reduce((s, e) => applyEvent(s, e, stamp), state);
const entry = (test: string, ...observed: Observation[]): CaseEvent => ({ kind: 'entry', payload: { test, observed } });

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
    const once = play(openCase(unknown('CuSO4·5H2O')), ...work);
    expect(play(openCase(unknown('CuSO4·5H2O')), ...work)).toEqual(once);
    expect(once.parents).toEqual({ S: 'sample', A: 'S', B: 'A' });
    expect(once.bench.left).toBeCloseTo(3.6);
    expect(once.timers).toEqual([{ id: 't1', label: 'let it settle', due: '2026-03-02T09:03:00.000Z' }]);
    expect(play(once, { kind: 'timer-done', payload: { id: 't1' } }).timers).toEqual([]);
  });

  test('what cannot be is refused with the field, and the case is as it was', () => {
    const before = play(openCase(unknown('CuSO4·5H2O')), ...work);
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
    expect(play(openCase(unknown('CuSO4·5H2O')), ...work)).toEqual(before);
  });

  test('a conclusion keeps what is shown apart from what may be, in one spelling', () => {
    const s = play(
      openCase(unknown('CuSO4·5H2O')),
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

test('procedures are laid on free tubes, leaving the shared tubes of the scheme their names', () => {
  expect(freeTubes(['A', 'C', 'S'], 3)).toEqual(['B', 'D', 'E']);
  expect(freeTubes([...'ABCDEFGHIJKLMNOPQRTUVWYZ'], 2)).toEqual(['Aa', 'Ba']);
  expect(onVessels({ op: 'decant', from: '1', to: '2' }, { '1': 'F', '2': 'G' })).toEqual({ op: 'decant', from: 'F', to: 'G' });
  expect(onVessels({ op: 'heat', vessel: '1', to: 'boil' }, { '1': 'F', boil: 'X' })).toEqual({
    op: 'heat',
    vessel: 'F',
    to: 'boil',
  });
});

describe('a real sample', () => {
  test('is led, counted and recorded without being seen', () => {
    const s = play(
      openCase({ real: { grams: 2, matter: 'salt' } }),
      { kind: 'operation', payload: { op: { op: 'dissolve', to: 'S', grams: 0.4, in: 'water', mL: 12 } } },
      { kind: 'operation', payload: { op: { op: 'take', to: 'A', from: 'S', mL: 3 } } },
      { kind: 'operation', payload: { op: { op: 'add', to: 'A', reagent: 'hydrochloric-acid-2M', drops: 10 } } },
      { kind: 'operation', payload: { op: { op: 'wash', vessel: 'A', with: 'water', mL: 1, times: 2 } } },
    );
    expect(s.operations.every((o) => o.see.length === 0)).toBe(true);
    expect(s.operations.at(-1)!.vessel).toBe('A');
    expect(s.bench.left).toBeCloseTo(1.6);
    expect(s.added.vessels['A']!.mL).toBeCloseTo(3.5);
    expect(s.shares['A']).toBeCloseTo(0.1);
  });
});
