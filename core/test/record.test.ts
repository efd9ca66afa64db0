import fc from 'fast-check';
import { BenchError } from '#core/bench/error';
import type { Op } from '#core/bench/ops';
import { leftOf, reportOf } from '#core/record/case';
import type { CaseEvent } from '#core/record/events';
import { carryOutOn, fromSnapshot, onlyWith, toSnapshot } from '#core/record/working';
import { changesSince, chemistryOf, digestOf } from '#core/record/view';
import { DEFAULT_RULES } from '#core/scheme/rules';
import { freeTubes, onVessels } from '#core/scheme/tests';
import { CaseAtWork, entry, salt } from './casework';

const DISSOLVE: Op = { op: 'dissolve', to: 'S', grams: 0.4, in: 'water', mL: 12 };
const TAKE: Op = { op: 'take', to: 'A', from: 'S', mL: 1 };
const drops = (n: number): Op => ({ op: 'add', to: 'A', reagent: 'ammonia-2M', drops: n });
const run = (id: string, step: number, op: Op): CaseEvent => ({
  kind: 'operation',
  payload: { op, test: 'ammonia', run: { id, step, tubes: { '1': 'A' } } },
});
const RUN = 'b8f1f1a0-52c3-4b5a-9b0e-6f2f0c3f9a01';
const AGAIN = 'b8f1f1a0-52c3-4b5a-9b0e-6f2f0c3f9a02';
const BLUE = { channel: 'solution', event: 'colour-changed', colour: 'deep-blue' } as const;
const signed = (...evidence: number[]): CaseEvent => ({
  kind: 'conclusion',
  payload: { found: [{ ion: 'Cu^2+', claim: 'confirmed', evidence }], signed: 'I. V.' },
});

const copper = () => new CaseAtWork(salt('CuSO4·5H2O')).work(DISSOLVE, TAKE, drops(3));

describe('a case is the fold over its record', () => {
  test('read again from its text it is the same, and nothing of it is simulated anew', () => {
    const worked = copper()
      .work({ op: 'centrifuge', vessel: 'A' }, { op: 'decant', from: 'A', to: 'B' })
      .do(entry('ammonia', BLUE), { kind: 'timer', payload: { id: 't1', label: 'let it settle', minutes: 3 } });
    expect(worked.reread()).toEqual(worked.state);
    expect(leftOf(worked.state)).toBeCloseTo(3.6);
    const parents = [...worked.state.vessels.values()].map((v) => [v.id, v.parent]);
    expect(parents).toEqual([
      ['S', 'sample'],
      ['A', 'S'],
      ['B', 'A'],
    ]);
    expect(worked.state.timers).toEqual([{ id: 't1', label: 'let it settle', due: '2026-03-02T09:11:00.000Z' }]);
    expect(worked.do({ kind: 'timer-done', payload: { id: 't1' } }).state.timers).toEqual([]);
  });

  test('what somebody saw stays as it was, whatever a later chemistry would say', () => {
    const record = structuredClone(copper().record);
    const result = record[3]!.kind === 'operation' ? record[3]!.result! : null;
    const other = { ...result!, chemistry: 'another', see: [{ channel: 'solution', event: 'colour-changed', colour: 'red' }] };
    const before = copper();
    before.record[3] = { ...(record[3] as object), result: other } as never;
    const reread = before.reread();
    expect(changesSince({ ...reread, rules: { ...DEFAULT_RULES, help: 'words' } }, 0, 'owner')).toMatchObject({
      words: [{ colour: 'red' }],
    });
    expect(chemistryOf(reread)).toBe('another');
  });

  test('from a kept bench an operation does what it does on the bench at hand, and touches only its own vessels', () => {
    const worked = copper().work({ op: 'take', to: 'B', from: 'S', mL: 1 });
    const snapshot = toSnapshot(worked.working);
    expect(fromSnapshot(snapshot)).toEqual(worked.working);
    const change = carryOutOn(onlyWith(snapshot, ['A']), drops(4));
    expect(Object.keys(change.vessels)).toEqual(['A']);
    worked.work(drops(4));
    expect(change.result).toEqual({ ...worked.state.operations.at(-1)!.result!, chemistry: undefined });
    expect(change.vessels['A']).toBe(toSnapshot(worked.working).vessels['A']);
    expect(() => carryOutOn(snapshot, { op: 'look', vessel: 'Q' })).toThrow(/no vessel "Q" yet; there are S, A, B/);
  });

  test('what cannot be is refused with the field, and the case is as it was', () => {
    const worked = copper();
    const before = worked.state;
    const refused: [CaseEvent, RegExp][] = [
      [{ kind: 'operation', payload: { op: { op: 'decant', from: 'Q', to: 'B' } } }, /from: there is no vessel "Q"/],
      [entry('no-such-test', { channel: 'flame', colour: 'none' }), /no standard test/],
      [entry('flame'), /say what you saw/],
      [{ kind: 'entry', payload: { test: 'ammonia', run: RUN, observed: [BLUE] } }, /no step of that working/],
      [{ kind: 'strike', payload: { entry: 9, reason: 'x' } }, /no entry 9/],
      [
        { kind: 'conclusion', payload: { found: [{ ion: 'Xx2+', claim: 'confirmed', evidence: [1] }], signed: 'x' } },
        /entry 1 for Xx2\+/,
      ],
    ];
    for (const [event, message] of refused) {
      expect(() => worked.do(event)).toThrow(BenchError);
      expect(() => worked.do(event)).toThrow(message);
    }
    expect(worked.state).toBe(before);
  });

  test('drops of one bottle are counted on until another is taken; a vessel ceases to bubble when the next is worked on', () => {
    const acid: Op = { op: 'add', to: 'A', reagent: 'hydrochloric-acid-2M', mL: 3 };
    const carbonate = new CaseAtWork(salt('Na2CO3')).work({ op: 'take-solid', to: 'A', grams: 0.2 }, drops(2), drops(3));
    const vessel = () => carbonate.state.vessels.get('A')!;
    expect([vessel().drops, vessel().reagent]).toEqual([5, 'Ammonia, 2 M']);
    carbonate.work(acid);
    expect(vessel().drops).toBe(60);
    expect(vessel().drawing.bubbles).toBeGreaterThan(0);
    carbonate.work({ op: 'take-solid', to: 'B', grams: 0.1 });
    expect(vessel().drawing.bubbles).toBe(0);
  });
});

describe('entries know their working', () => {
  test('an entry speaks of what was done for its test since the last one, or of the run that it names', () => {
    const worked = new CaseAtWork(salt('CuSO4·5H2O'))
      .work(DISSOLVE)
      .do(run(RUN, 0, TAKE), run(RUN, 1, drops(2)), entry('ammonia', BLUE));
    const [first] = worked.state.entries;
    expect(first!.working).toEqual({ run: RUN, tubes: ['S', 'A'], operations: [3, 4] });
    worked.do(run(AGAIN, 0, { ...TAKE, to: 'B' }), entry('ammonia', BLUE));
    expect(worked.state.entries[1]!.working).toEqual({ run: AGAIN, tubes: ['S', 'B'], operations: [6] });
    worked.do({ kind: 'entry', payload: { test: 'ammonia', run: RUN, observed: [BLUE] } });
    expect(worked.state.entries[2]!.working.operations).toEqual([3, 4]);
  });

  test('free work is what was done in its tube outside of any test', () => {
    const worked = copper().do({ kind: 'entry', payload: { test: 'free', vessel: 'A', observed: [BLUE] } });
    expect(worked.state.entries[0]!.working.operations).toEqual([3, 4]);
  });
});

describe('the life of a report', () => {
  const refusal = (worked: CaseAtWork, event: CaseEvent) => {
    try {
      worked.do(event);
      return 'taken';
    } catch (error) {
      return (error as Error).message;
    }
  };
  const strike: CaseEvent = { kind: 'strike', payload: { entry: 1, reason: 'dirty tube' } };
  const reported = () => copper().do(entry('ammonia', BLUE), signed(1));

  test('signed in one spelling, it stands on its entries: nothing is written or struck under it until it is withdrawn', () => {
    const worked = reported();
    expect(reportOf(worked.state)!.found).toEqual([{ ion: 'Cu2+', claim: 'confirmed', evidence: [1] }]);
    for (const event of [
      strike,
      entry('ammonia', BLUE),
      signed(1),
      { kind: 'operation', payload: { op: drops(1) } } as CaseEvent,
    ])
      expect(refusal(worked, event)).toMatch(/signed and stands on the entries as they are; withdraw it first/);
    worked.do({ kind: 'withdrawn', payload: { reason: 'the tube was dirty' } }, strike);
    expect([worked.state.status, reportOf(worked.state), worked.state.entries[0]!.struck!.reason]).toEqual([
      'open',
      null,
      'dirty tube',
    ]);
    expect(refusal(worked, signed(1))).toMatch(/entry 1 for Cu\^2\+ is struck/);
    expect(worked.state.reports).toHaveLength(1);
  });

  test('returned, signed again, marked, opened up; after that nothing comes', () => {
    const worked = reported();
    expect(() => copper().examine({ kind: 'marked', payload: { marks: 1, of: 2 } })).toThrow(/not signed yet/);
    worked.examine({ kind: 'returned', payload: { reason: 'which anion?' } });
    expect(worked.state).toMatchObject({ status: 'returned', returned: { reason: 'which anion?' } });
    worked.do(entry('barium-acid', { channel: 'precipitate', event: 'formed', colour: 'white' }), signed(1, 2));
    expect(() => worked.examine({ kind: 'marked', payload: { marks: 3, of: 2 } })).toThrow(/more than the 2/);
    worked.examine({ kind: 'marked', payload: { marks: 7, of: 10 } });
    expect(refusal(worked, { kind: 'withdrawn', payload: { reason: 'x' } })).toMatch(/is marked/);
    expect(changesSince(worked.state, 0, 'owner')).toMatchObject({ identity: null, marks: { marks: 7 } });
    worked.do({ kind: 'opened-up', payload: {} });
    expect(changesSince(worked.state, 0, 'owner')).toMatchObject({ identity: 'CuSO4·5H2O' });
    expect(digestOf(worked.state).status).toBe('opened-up');
    expect(refusal(worked, entry('flame', BLUE))).toMatch(/has been shown/);
    expect(worked.reread()).toEqual(worked.state);
  });

  test('opened up before it is marked, it can still be marked, and marked again, and stays opened up', () => {
    const worked = reported().do({ kind: 'opened-up', payload: {} });
    for (const marks of [3, 8]) {
      worked.examine({ kind: 'marked', payload: { marks, of: 10, remarks: 'Look again.' } });
      expect(changesSince(worked.state, 0, 'owner')).toMatchObject({ identity: 'CuSO4·5H2O', marks: { marks, of: 10 } });
      expect(digestOf(worked.state).status).toBe('opened-up');
    }
    expect(() => worked.examine({ kind: 'returned', payload: { reason: 'once more' } })).toThrow(/has been shown/);
    expect(refusal(worked, entry('flame', BLUE))).toMatch(/has been shown/);
    expect(worked.reread()).toEqual(worked.state);
  });

  test('a real sample has nothing to show', () => {
    const real = new CaseAtWork({ real: { grams: 2, matter: 'salt' } }).do(entry('flame', { channel: 'flame', colour: 'none' }), {
      kind: 'conclusion',
      payload: { found: [{ ion: 'Mg2+', claim: 'may-be-present', evidence: [1] }], signed: 'I. V.' },
    });
    expect(refusal(real, { kind: 'opened-up', payload: {} })).toMatch(/no identity here/);
  });
});

describe('changes', () => {
  const event = fc.oneof(
    fc.constantFrom<CaseEvent[]>(
      [{ kind: 'operation', payload: { op: drops(1) } }],
      [{ kind: 'operation', payload: { op: { op: 'take', to: 'B', from: 'S', mL: 0.2 } } }],
      [{ kind: 'operation', payload: { op: { op: 'filter', from: 'S', to: 'C', residue: 'D' } } }],
      [entry('ammonia', BLUE)],
      [{ kind: 'strike', payload: { entry: 1, reason: 'x' } }],
      [{ kind: 'rules', payload: { rules: { ...DEFAULT_RULES, help: 'words' } } }],
      [{ kind: 'timer', payload: { id: 't', label: 'wait', minutes: 1 } }],
      [signed(1), { kind: 'withdrawn', payload: { reason: 'x' } }],
    ),
  );

  test('after any event, they bring a reader from there to where the case is', () => {
    fc.assert(
      fc.property(fc.array(event, { minLength: 1, maxLength: 8 }), fc.nat(), (groups, cut) => {
        const worked = copper();
        const states = [worked.state];
        for (const e of groups.flat()) {
          try {
            worked.do(e);
            states.push(worked.state);
          } catch (error) {
            expect(error).toBeInstanceOf(BenchError);
          }
        }
        const from = states[cut % states.length]!;
        const all = changesSince(worked.state, 0, 'owner');
        const before = changesSince(from, 0, 'owner');
        const since = changesSince(worked.state, from.seq, 'owner');
        const merged = <T, K>(old: readonly T[], now: readonly T[], key: (x: T) => K) => [
          ...new Map([...old, ...now].map((x) => [key(x), x])).values(),
        ];
        expect(merged(before.vessels, since.vessels, (v) => v.id).filter((v) => !since.gone.includes(v.id))).toEqual(all.vessels);
        expect(merged(before.entries, since.entries, (e) => e.number)).toEqual(all.entries);
        expect(merged(before.tests, since.tests, (t) => t.id)).toEqual(all.tests);
        expect([...new Set([...before.warnings, ...since.warnings])]).toEqual(all.warnings);
      }),
      { numRuns: 40 },
    );
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

test('a real sample is led, counted and recorded without being seen', () => {
  const { state, working } = new CaseAtWork({ real: { grams: 2, matter: 'salt' } }).work(
    DISSOLVE,
    { ...TAKE, mL: 3 },
    { op: 'add', to: 'A', reagent: 'hydrochloric-acid-2M', drops: 10 },
    { op: 'wash', vessel: 'A', with: 'water', mL: 1, times: 2 },
  );
  expect(state.operations.every((o) => o.result!.see.length === 0 && o.result!.chemistry === undefined)).toBe(true);
  expect(state.operations.at(-1)!.result!.vessel).toBe('A');
  expect(leftOf(state)).toBeCloseTo(1.6);
  expect(working.added.vessels['A']!.mL).toBeCloseTo(3.5);
  expect(working.shares['A']).toBeCloseTo(0.1);
});
