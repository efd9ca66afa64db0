/** A window that is sent only what changed knows what one that reads all of it knows, whatever was done and in whatever pieces. */
import fc from 'fast-check';
import { BenchError } from '#core/bench/error';
import type { CaseEvent, ExaminerEvent } from '#core/record/events';
import { changesSince, digestOf } from '#core/record/view';
import type { CaseState } from '#core/record/case';
import { type CaseChanges, caseChangesSchema, type CaseView, withChanges } from '#contract';
import { CaseAtWork } from '../../core/test/casework';

const ID = '3f1d2c4e-1111-4222-8333-444455556666';

/** What the server would send, through JSON and its schema as it goes. */
function sent(state: CaseState, after: number): CaseChanges {
  const summary = { ...digestOf(state), id: ID, createdAt: state.at, takenIn: null };
  const answer = { ...changesSince(state, after, 'owner'), after, summary, olderChemistry: false };
  return caseChangesSchema.parse(JSON.parse(JSON.stringify(answer)));
}

const op = (...ops: Extract<CaseEvent, { kind: 'operation' }>['payload']['op'][]): CaseEvent[] =>
  ops.map((one) => ({ kind: 'operation', payload: { op: one } }));

const EVENTS: readonly CaseEvent[][] = [
  op({ op: 'take-solid', to: 'A', grams: 0.1 }),
  op({ op: 'dissolve', to: 'S', grams: 0.2, in: 'water', mL: 5 }),
  op({ op: 'take', to: 'B', from: 'S', mL: 1 }, { op: 'add', to: 'B', reagent: 'ammonia-6M', drops: 4 }),
  op({ op: 'add', to: 'S', reagent: 'hydrochloric-acid-2M', drops: 2 }),
  op({ op: 'heat', vessel: 'S', to: 'boil', minutes: 1 }),
  op({ op: 'centrifuge', vessel: 'B' }, { op: 'decant', from: 'B', to: 'C' }),
  [{ kind: 'entry', payload: { test: 'free', observed: [], note: 'a look' } }],
  [{ kind: 'entry', payload: { test: 'flame', observed: [{ channel: 'flame', colour: 'green' }], confidence: 'unsure' } }],
  [{ kind: 'strike', payload: { entry: 1, reason: 'the wrong tube' } }],
  [{ kind: 'strike', payload: { entry: 2, reason: 'a dirty wire' } }],
  [{ kind: 'timer', payload: { id: 't1', label: 'crystals', minutes: 10 } }],
  [{ kind: 'timer-done', payload: { id: 't1' } }],
  [{ kind: 'conclusion', payload: { found: [{ ion: 'Cu2+', claim: 'confirmed', evidence: [1] }], signed: 'Ilse Varnholt' } }],
];

/** States of a case after each of some events that came to pass. */
function history(groups: readonly (readonly (CaseEvent | ExaminerEvent)[])[]): CaseState[] {
  const worked = new CaseAtWork({ sample: { salts: [{ formula: 'CuSO4·5H2O', grams: 2 }] } });
  const states = [worked.state];
  for (const event of groups.flat()) {
    try {
      worked.do(event as CaseEvent);
      states.push(worked.state);
    } catch (error) {
      if (!(error instanceof BenchError)) throw error;
    }
  }
  return states;
}

const plans = fc.array(fc.constantFrom(...EVENTS), { minLength: 1, maxLength: 10 });

test('pieces of any size make up the whole', () => {
  fc.assert(
    fc.property(plans, fc.array(fc.integer({ min: 1, max: 4 }), { maxLength: 12 }), (groups, strides) => {
      const states = history(groups);
      let at = 0;
      let view = sent(states[0]!, 0) as CaseView;
      for (const stride of [...strides, states.length]) {
        at = Math.min(states.length - 1, at + stride);
        view = withChanges(view, sent(states[at]!, view.seq));
      }
      const whole = sent(states.at(-1)!, 0);
      const byId = <T extends { id: string }>(list: readonly T[]) => [...list].sort((a, b) => (a.id < b.id ? -1 : 1));
      expect({ ...view, vessels: byId(view.vessels), tests: byId(view.tests) }).toEqual({
        ...whole,
        after: 0,
        gone: [],
        vessels: byId(whole.vessels),
        tests: byId(whole.tests),
      });
    }),
    { numRuns: 60 },
  );
});

test('what is known already changes nothing, and a gap is noticed', () => {
  const states = history(EVENTS);
  const view = sent(states.at(-1)!, 0) as CaseView;
  expect(withChanges(view, sent(states[2]!, 0))).toBe(view);
  const early = sent(states[1]!, 0) as CaseView;
  expect(() => withChanges(early, sent(states.at(-1)!, states.at(-2)!.seq))).toThrow(RangeError);
});

test('what is sent for one more event does not grow with the case', () => {
  const long = history(Array.from({ length: 60 }, (_, i) => EVENTS[i % 8]!));
  const last = long.at(-1)!;
  const size = JSON.stringify(sent(last, last.seq - 1)).length;
  const short = history(EVENTS.slice(0, 8)).at(-1)!;
  expect(size).toBeLessThan(JSON.stringify(sent(short, short.seq - 1)).length * 1.6 + 200);
  expect(JSON.stringify(sent(last, 0)).length).toBeGreaterThan(size * 3);
});
