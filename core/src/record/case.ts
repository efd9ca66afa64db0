/** A case as the fold over its events. Nothing is simulated here: what came of an operation stands beside it. */
import { definitionOf } from '../bench/ops';
import { DROP_ML, reagentName } from '../bench/contents';
import { shownBy } from '../scheme/shown';
import { stilled } from '../senses/drawing';
import type { RecordedEvent, RecordedOf } from './events';
import type { VesselResult } from './result';
import { type CaseState, type DoneOperation, type Entry, spokenOfAs, type StandingVessel, type WorkedTest } from './state';

export * from './state';

/** When, where in the order and by whom an event was recorded. */
export interface Stamp {
  readonly seq: number;
  /** ISO time at which it arrived. */
  readonly at: string;
  /** ISO time at which it was done, where it arrived later. */
  readonly done?: string;
  readonly who: string;
}

/** The case after its first event. @throws Error when the first event is another. */
export function openCase(event: RecordedEvent, { seq, at }: Stamp): CaseState {
  if (event.kind !== 'opened') throw new Error(`a case begins with "opened", not with "${event.kind}"`);
  const { subject, rules } = event.payload;
  return {
    seq,
    at,
    subject,
    rules,
    rulesSeq: seq,
    status: 'open',
    operations: [],
    entries: [],
    photos: [],
    struckSeq: 0,
    vessels: new Map(),
    tests: new Map(),
    spokenOf: new Map(),
    timers: [],
    reports: [],
    returned: null,
    marks: null,
    warnings: [],
    minutes: 0,
    spent: 0,
    hinted: [],
    fusion: null,
    identity: null,
    readOnly: null,
  };
}

/** The case after one more event. */
export function applyEvent(before: CaseState, event: RecordedEvent, stamp: Stamp): CaseState {
  const state: CaseState = { ...before, seq: stamp.seq, at: stamp.at };
  switch (event.kind) {
    case 'opened':
      throw new Error('a case is opened once');
    case 'operation':
      return operated(state, event, stamp);
    case 'entry': {
      const entry = entryOf(state, event, stamp);
      const hinted = new Set([...state.hinted, ...shownBy([entry])]);
      const last = entry.working.operations.at(-1);
      const spokenOf =
        last === undefined ? state.spokenOf : new Map(state.spokenOf).set(spokenOfAs(entry.test, entry.vessel), last);
      const photos = state.photos.map((p) =>
        p.entry === null && p.test === entry.test ? { ...p, entry: entry.number, seq: stamp.seq } : p,
      );
      return { ...state, entries: [...state.entries, entry], photos, hinted: [...hinted], spokenOf };
    }
    case 'photo': {
      const { entry = null, ...photo } = event.payload;
      return { ...state, photos: [...state.photos, { ...photo, entry, at: stamp.at, seq: stamp.seq }] };
    }
    case 'strike': {
      const { entry, reason } = event.payload;
      const { seq, at, who } = stamp;
      const entries = state.entries.map((e) => (e.number === entry ? { ...e, seq, struck: { reason, at, who } } : e));
      return { ...state, entries, struckSeq: seq, hinted: shownBy(entries) };
    }
    case 'timer': {
      const { minutes, ...timer } = event.payload;
      const due = new Date(new Date(stamp.at).getTime() + minutes * 60000).toISOString();
      return { ...state, timers: [...state.timers.filter((t) => t.id !== timer.id), { ...timer, due }] };
    }
    case 'timer-done':
      return { ...state, timers: state.timers.filter((t) => t.id !== event.payload.id) };
    case 'conclusion':
      return { ...state, status: 'signed', reports: [...state.reports, { ...event.payload, at: stamp.at }] };
    case 'withdrawn':
      return { ...state, status: 'open' };
    case 'returned':
      return { ...state, status: 'returned', returned: { reason: event.payload.reason, at: stamp.at } };
    case 'marked':
      return { ...state, status: state.status === 'opened-up' ? 'opened-up' : 'marked', marks: event.payload };
    case 'opened-up':
      return { ...state, status: 'opened-up', identity: event.result.identity };
    case 'rules':
      return { ...state, rules: event.payload.rules, rulesSeq: stamp.seq };
    case 'unreplayable':
      return { ...state, readOnly: event.payload.reason };
  }
}

function entryOf({ entries }: CaseState, { payload, result }: RecordedOf<'entry'>, stamp: Stamp): Entry {
  const { test, vessel, observed, blank, note, inference, infers, confidence = 'sure' } = payload;
  return {
    number: entries.length + 1,
    test,
    ...(vessel !== undefined && { vessel }),
    observed,
    ...(blank !== undefined && { blank }),
    ...(note !== undefined && { note }),
    ...(inference !== undefined && { inference }),
    ...(infers !== undefined && { infers }),
    confidence,
    ...stamp,
    working: result,
  };
}

function operated(state: CaseState, { payload, result }: RecordedOf<'operation'>, { seq, at }: Stamp): CaseState {
  const done: DoneOperation = { seq, at, ...payload, result };
  const vessels = new Map(state.vessels);
  const last = state.operations.at(-1)?.result?.vessel;
  const resting = last === null || last === undefined ? undefined : vessels.get(last);
  if (resting?.drawing.bubbles) vessels.set(resting.id, { ...resting, drawing: stilled(resting.drawing), seq });
  // In the order of the canonical text, so that a record that is read again gives the same rack.
  for (const [id, now] of Object.entries(result?.vessels ?? {}).sort(([a], [b]) => (a < b ? -1 : 1)))
    vessels.set(id, standing(vessels.get(id), id, now, done));
  const known = new Set(state.warnings.map((w) => w.text));
  const fresh = [...(result?.warnings ?? []), ...(result?.fusion?.remarks ?? [])].filter((text) => !known.has(text));
  return {
    ...state,
    operations: [...state.operations, done],
    vessels,
    tests: done.test === undefined ? state.tests : new Map(state.tests).set(done.test, worked(state, done, done.test)),
    warnings: [...state.warnings, ...fresh.map((text) => ({ text, seq }))],
    minutes: state.minutes + (result?.minutes ?? 0),
    spent: state.spent + (result?.spent ?? 0),
    fusion: result?.fusion ?? state.fusion,
  };
}

function standing(before: StandingVessel | undefined, id: string, now: VesselResult | null, { op, seq, result }: DoneOperation) {
  const had = before?.gone === false ? before : undefined;
  if (!now) return { ...before!, gone: true, seq };
  const parent = had?.parent ?? definitionOf(op).origin?.(op, id);
  const added = op.op === 'add' && op.to === id ? op : undefined;
  const reagent = added ? reagentName(added.reagent) : had?.reagent;
  const drops = added ? (added.drops ?? result?.drops ?? Math.round((added.mL ?? 0) / DROP_ML)) : 0;
  const sameBottle = added && had?.reagent === reagent;
  return {
    id,
    ...now,
    ...(parent !== undefined && { parent }),
    parentSeq: parent === had?.parent ? (had?.parentSeq ?? 0) : seq,
    ...(reagent !== undefined && { reagent }),
    drops: added ? drops + (sameBottle ? had!.drops : 0) : (had?.drops ?? 0),
    gone: false,
    seq,
  };
}

function worked({ tests }: CaseState, { run, result, seq }: DoneOperation, id: string): WorkedTest {
  const before = tests.get(id);
  const vessels = new Set(before?.vessels);
  if (result?.vessel) vessels.add(result.vessel);
  const now = run ? { id: run.id, done: run.step + 1, tubes: run.tubes } : before?.run;
  return { id, vessels: [...vessels], ...(now && { run: now }), seq };
}
