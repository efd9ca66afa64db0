import { type Away, awayWith, foreseen } from '#core/exchange/away';
import { keptApart, type Pending } from '#core/exchange/pending';
import { CASE_FORMAT, type CaseFile, fileOf } from '#core/exchange/case-file';
import { changesSince } from '#core/record/view';
import type { CaseEvent } from '#core/record/events';
import type { Op } from '#core/bench/ops';
import { onVessels } from '#core/scheme/tests';
import { CaseAtWork, entry, salt } from './casework';

const ID = '0b1e7c2a-6a2d-4b8e-9d35-2f1f8f0a7c11';
const at = (seq: number) => new Date(Date.UTC(2026, 2, 2, 9, seq)).toISOString();

/** The file of a case as the server gives it, after so many of its events. */
function fileAfter(worked: CaseAtWork, count = worked.record.length): CaseFile {
  const who = { id: ID, name: 'Ilse Varnholt' };
  const events = worked.record.slice(0, count).map((event, i) => ({
    hash: '',
    body: { case: ID, seq: i + 1, id: ID, at: at(i + 1), who, previous: '' as const, event },
  }));
  return fileOf(ID, worked.state, events);
}

const operation = (op: Op): CaseEvent => ({ kind: 'operation', payload: { op, test: 'ammonia' } });
const WORK: readonly CaseEvent[] = [
  operation({ op: 'dissolve', to: 'S', grams: 0.4, in: 'water', mL: 12 }),
  operation({ op: 'take', to: 'A', from: 'S', mL: 1 }),
  operation({ op: 'add', to: 'A', reagent: 'ammonia-2M', drops: 5 }),
  {
    kind: 'entry',
    payload: { test: 'ammonia', vessel: 'A', observed: [{ channel: 'precipitate', event: 'formed', colour: 'blue' }] },
  },
  { kind: 'strike', payload: { entry: 1, reason: 'the wrong tube' } },
];
const pending = (events: readonly CaseEvent[], from: number): Pending[] =>
  events.map((event, i) => ({ id: `p${i}`, event, at: at(from + i + 1) }));

test.each([1, 2, 3, 4])('a real case is foreseen as it will be when all that waits has arrived (%i events known)', (known) => {
  const whole = new CaseAtWork({ real: { grams: 3, matter: 'salt' } }).do(...WORK);
  const away = awayWith(fileAfter(whole, known));
  const { changes, refused } = foreseen(away, pending(WORK.slice(known - 1), known), 'Ilse Varnholt');
  expect(refused).toEqual([]);
  expect(changes).toEqual(changesSince(whole.state, known, 'owner'));
});

test('of a sealed case one can write but not work; what cannot be done says why and holds nothing up', () => {
  const worked = new CaseAtWork(salt('CuSO4·5H2O')).do(...WORK.slice(0, 3));
  const away: Away = awayWith(fileAfter(worked));
  const note = entry('ammonia', { channel: 'solution', event: 'unchanged' });
  const { changes, refused } = foreseen(
    away,
    pending([operation({ op: 'shake', vessel: 'A' }), note, { kind: 'strike', payload: { entry: 9, reason: 'x' } }], 4),
    'I. V.',
  );
  expect(refused).toEqual([
    { id: 'p0', why: expect.stringMatching(/simulated on the server/) },
    { id: 'p2', why: expect.stringMatching(/no entry 9/) },
  ]);
  expect(changes.entries.map((e) => e.test)).toEqual(['ammonia']);
  expect(JSON.stringify(fileAfter(worked))).not.toMatch(/Cu|copper/);
  expect(fileAfter(worked)).toMatchObject({ format: CASE_FORMAT, sealed: true });
});

test('tubes that two took into use under one name are kept apart, and so is all that was done with them', () => {
  const ops: Op[] = [
    { op: 'take', to: 'B', from: 'S', mL: 1 },
    { op: 'add', to: 'B', reagent: 'ammonia-2M', drops: 2 },
    { op: 'filter', from: 'B', to: 'F1', residue: 'P1' },
    { op: 'add', to: 'A', reagent: 'ammonia-2M', drops: 1 },
  ];
  const waits = pending(
    [...ops.map(operation), { kind: 'entry', payload: { test: 'ammonia', vessel: 'B', observed: [], note: 'x' } }],
    0,
  );
  const apart = keptApart(waits, ['S', 'A'], ['S', 'A', 'B', 'C', 'F1']);
  const names = { B: 'D', F1: 'F1-2' };
  expect(apart.slice(0, 4).map((p) => p.event)).toEqual(ops.map((op) => operation(onVessels(op, names))));
  expect(apart[4]!.event).toMatchObject({ payload: { vessel: 'D' } });
  expect(keptApart(waits, ['S', 'A'], ['S', 'A', 'Z'])).toEqual(waits);
});
