/** A case as the fold over its events: the bench to the last drop, the ledger, the timers, the conclusion. */
import { type Bench, openBench, perform } from '../bench/bench';
import type { Op } from '../bench/ops';
import { BenchError, type SampleSpec } from '../bench/sample';
import { ionId } from '../matter/catalogue';
import { FormulaError } from '../matter/formula';
import { testById } from '../scheme/tests';
import type { Observation } from '../senses/vocabulary';
import type { CaseEvent, EventOf } from './events';

export interface Entry {
  readonly number: number;
  readonly test: string;
  readonly vessel?: string;
  readonly observed: readonly Observation[];
  readonly note?: string;
  readonly inference?: string;
  readonly confidence: 'sure' | 'unsure';
  readonly at: string;
  readonly who: string;
  readonly struck?: { readonly reason: string; readonly at: string; readonly who: string };
}

export interface DoneOperation {
  readonly op: Op;
  readonly test?: string;
  readonly see: readonly Observation[];
  readonly vessel: string | null;
  readonly at: string;
}

export interface Timer {
  readonly id: string;
  readonly label: string;
  /** ISO time at which it rings. */
  readonly due: string;
}

export interface Conclusion {
  readonly found: EventOf<'conclusion'>['payload']['found'];
  readonly formula?: string;
  readonly remarks?: string;
  readonly signed: string;
  readonly at: string;
}

export interface CaseState {
  readonly bench: Bench;
  readonly operations: readonly DoneOperation[];
  readonly entries: readonly Entry[];
  readonly timers: readonly Timer[];
  readonly conclusion: Conclusion | null;
  /** Where the contents of each vessel came from: a vessel, or `sample`. */
  readonly parents: Readonly<Record<string, string>>;
}

/** When and by whom an event was recorded. */
export interface Stamp {
  readonly at: string;
  readonly who: string;
}

export function openCase(sample: SampleSpec): CaseState {
  return { bench: openBench(sample), operations: [], entries: [], timers: [], conclusion: null, parents: {} };
}

/**
 * The case after one more event.
 * @throws BenchError when the event cannot be; the message says what to do instead.
 */
export function applyEvent(state: CaseState, event: CaseEvent, stamp: Stamp): CaseState {
  switch (event.kind) {
    case 'operation':
      return operate(state, event.payload, stamp);
    case 'entry':
      return write(state, event.payload, stamp);
    case 'strike':
      return strike(state, event.payload, stamp);
    case 'timer': {
      const { id, label, minutes } = event.payload;
      const due = new Date(new Date(stamp.at).getTime() + minutes * 60000).toISOString();
      return { ...state, timers: [...state.timers.filter((t) => t.id !== id), { id, label, due }] };
    }
    case 'timer-done':
      return { ...state, timers: state.timers.filter((t) => t.id !== event.payload.id) };
    case 'conclusion':
      return conclude(state, event.payload, stamp);
  }
}

function operate(state: CaseState, payload: EventOf<'operation'>['payload'], stamp: Stamp): CaseState {
  const { op, test } = payload;
  const done = perform(state.bench, op);
  const parents = { ...state.parents };
  if ((op.op === 'take' || op.op === 'decant' || op.op === 'filter') && !parents[op.to]) parents[op.to] = op.from;
  if (op.op === 'filter' && op.residue) parents[op.residue] = op.from;
  if (op.op === 'take-solid' || op.op === 'dissolve' || op.op === 'dry-heat' || op.op === 'carbonate-extract')
    parents[op.to] ??= 'sample';
  return {
    ...state,
    bench: done.bench,
    parents,
    operations: [...state.operations, { op, see: done.see, vessel: done.vessel, at: stamp.at, ...(test && { test }) }],
  };
}

function write(state: CaseState, payload: EventOf<'entry'>['payload'], stamp: Stamp): CaseState {
  if (!payload.observed.length && !payload.note)
    throw new BenchError('observed: say what you saw, or write a note; "nothing happened" is an observation too');
  if (payload.test !== 'free' && !testById.has(payload.test))
    throw new BenchError(`test: there is no standard test "${payload.test}"; choose one from the route, or "free"`);
  const entry: Entry = { ...payload, confidence: payload.confidence ?? 'sure', number: state.entries.length + 1, ...stamp };
  return { ...state, entries: [...state.entries, entry] };
}

function strike(state: CaseState, payload: EventOf<'strike'>['payload'], stamp: Stamp): CaseState {
  const entry = state.entries[payload.entry - 1];
  if (!entry) throw new BenchError(`entry: there is no entry ${payload.entry}; the last is ${state.entries.length}`);
  if (entry.struck) throw new BenchError(`entry: entry ${payload.entry} is struck already`);
  const entries = [...state.entries];
  entries[payload.entry - 1] = { ...entry, struck: { reason: payload.reason, ...stamp } };
  return { ...state, entries };
}

function conclude(state: CaseState, payload: EventOf<'conclusion'>['payload'], stamp: Stamp): CaseState {
  const found = payload.found.map((f) => {
    for (const n of f.evidence) {
      const entry = state.entries[n - 1];
      if (!entry || entry.struck)
        throw new BenchError(`evidence: entry ${n} for ${f.ion} ${entry ? 'is struck' : 'does not exist'}; name another`);
    }
    try {
      return { ...f, ion: ionId(f.ion) };
    } catch (error) {
      if (error instanceof FormulaError) throw new BenchError(`ion: ${error.message}`);
      throw error;
    }
  });
  return { ...state, conclusion: { ...payload, found, at: stamp.at } };
}
