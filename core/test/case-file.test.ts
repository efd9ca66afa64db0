import { CaseFileError, type CaseFile, fileOf, readCaseFile, stateOf } from '#core/exchange/case-file';
import type { Op } from '#core/bench/ops';
import { REAGENTS } from '#core/matter/data/reagents';
import { freeTubes } from '#core/scheme/tests';
import { CaseAtWork, entry, ionsOf, salt } from './casework';

const ID = '0b1e7c2a-6a2d-4b8e-9d35-2f1f8f0a7c11';
const HASH = 'a'.repeat(64);

function fileOfCase({ record, state }: CaseAtWork): CaseFile {
  const who = { id: ID, name: 'Ilse Varnholt' };
  const body = (event: (typeof record)[number], i: number) => ({
    case: ID,
    seq: i + 1,
    id: ID,
    at: new Date(Date.UTC(2026, 2, 2, 9, i + 1)).toISOString(),
    who,
    previous: i ? HASH : ('' as const),
    event,
  });
  return fileOf(
    ID,
    state,
    record.map((event, i) => ({ hash: HASH, body: body(event, i) })),
  );
}

const WORK: readonly Op[] = [
  { op: 'flame', from: 'sample' },
  { op: 'dissolve', to: 'S', grams: 0.4, in: 'water', mL: 12 },
  { op: 'take', to: 'A', from: 'S', mL: 1 },
  { op: 'add', to: 'A', reagent: 'ammonia-2M', mL: 0.5 },
  { op: 'smell', vessel: 'A' },
];
const real = () =>
  new CaseAtWork({ real: { grams: 3, matter: 'salt' } }).work(...WORK).do(entry('flame', { channel: 'flame', colour: 'green' }), {
    kind: 'timer',
    payload: { id: 't', label: 'stand', minutes: 3 },
  });

test('a file read again tells the case that was written, through JSON', () => {
  const at = real();
  const file = fileOfCase(at);
  expect(file.sealed).toBe(false);
  expect(stateOf(readCaseFile(JSON.parse(JSON.stringify(file))))).toEqual(at.state);
});

test.each(['CuSO4·5H2O', 'NiCl2·6H2O', 'KBr', 'Pb(NO3)2', 'FeCl3·6H2O'])(
  'a sealed file tells nothing of %s beyond what was to be seen',
  (formula) => {
    const at = new CaseAtWork(salt(formula)).work(...WORK);
    const sealed = fileOfCase(at);
    expect(sealed.sealed).toBe(true);
    const text = JSON.stringify(sealed.events);
    for (const told of [formula, ...ionsOf(formula)]) expect(text).not.toContain(told);
    for (const { body } of sealed.events)
      if (body.event.kind === 'operation') expect(body.event.result).toMatchObject({ see: [], equations: [] });
    expect(text).not.toMatch(new RegExp(`"text":"[^"]*(blue|green|yellow|white)`));

    const opened = fileOfCase(
      at.do(
        entry('free', { channel: 'flame', colour: 'none' }),
        {
          kind: 'conclusion',
          payload: { found: [{ ion: ionsOf(formula)[0]!, claim: 'may-be-present', evidence: [1] }], signed: 'x' },
        },
        { kind: 'opened-up', payload: {} },
      ),
    );
    expect(opened.sealed).toBe(false);
    expect(JSON.stringify(opened.events)).toContain(formula);
  },
);

test('what is wrong with a file is said with its place', () => {
  const good = JSON.parse(JSON.stringify(fileOfCase(real()))) as Record<string, never>;
  const wrong = (change: object) => () => readCaseFile({ ...good, ...change });
  expect(wrong({ format: 'x' })).toThrow(/^format: .*"foxing-case"/);
  expect(wrong({ version: 9 })).toThrow(/only version 1/);
  expect(wrong({ events: [] })).toThrow(/no events/);
  expect(wrong({ case: 'x' })).toThrow(CaseFileError);
  const { events } = fileOfCase(real());
  const at = (seq: number, event: object) =>
    ({
      ...fileOfCase(real()),
      events: events.map((e) => (e.body.seq === seq ? { ...e, body: { ...e.body, event } } : e)),
    }) as CaseFile;
  expect(() => stateOf(at(1, { kind: 'withdrawn', payload: { reason: 'x' } }))).toThrow(/^event 1: a case begins with "opened"/);
  expect(() => stateOf(at(3, { kind: 'strike', payload: { entry: 4, reason: 'x' } }))).toThrow(/^event 3: .*no entry 4/);
  expect(() => stateOf(at(7, { kind: 'opened-up', payload: {}, result: { identity: 'x' } }))).toThrow(
    /^event 7: .*sign it first/,
  );
});

test('every reagent of the shelf can stand in a file', () => {
  const shelf = REAGENTS.filter((r) => r.solution && !r.restricted);
  const tubes = freeTubes([], shelf.length);
  const ops = shelf.map((r, i): Op => ({ op: 'add', to: tubes[i]!, reagent: r.id, drops: 1 }));
  const at = new CaseAtWork({ real: { grams: 3, matter: 'salt' } }).work(...ops);
  expect(stateOf(readCaseFile(JSON.parse(JSON.stringify(fileOfCase(at))))).operations).toHaveLength(ops.length);
});
