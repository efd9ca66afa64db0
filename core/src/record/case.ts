/** A case as the fold over its events: the bench to the last drop, the ledger, the timers, the conclusion. */
import { type Bench, openBench, perform } from '../bench/bench';
import { openBlank } from '../bench/reckon';
import type { Op } from '../bench/ops';
import { BenchError } from '../bench/error';
import type { SampleSpec } from '../bench/sample';
import { ionId } from '../matter/catalogue';
import { FormulaError } from '../matter/formula';
import { GROUPS, TESTED_ELEMENTS as TESTED } from '../organic/data/features';
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
  readonly run?: { readonly id: string; readonly step: number; readonly tubes: Record<string, string> };
  readonly see: readonly Observation[];
  readonly vessel: string | null;
  readonly at: string;
}

export interface Timer {
  readonly id: string;
  readonly label: string;
  /** ISO time at which it rings. */
  readonly due: string;
  readonly tube?: string;
  readonly test?: string;
}

export interface Conclusion {
  readonly found: EventOf<'conclusion'>['payload']['found'];
  readonly formula?: string;
  readonly remarks?: string;
  readonly signed: string;
  readonly at: string;
}

/** A simulated unknown, or a real one on a bench that Foxing cannot see. */
export type Subject =
  { readonly sample: SampleSpec } | { readonly real: { readonly grams: number; readonly matter: 'salt' | 'compound' } };

export interface CaseState {
  /** The simulated bench; of a real sample, only what was added to it. */
  readonly bench: Bench;
  readonly real: boolean;
  /** The same operations on an inert sample: what was added, for the arithmetic. */
  readonly added: Bench;
  /** Grams (of a solution, mL) of sample in each vessel, at most. */
  readonly shares: Readonly<Record<string, number>>;
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

export function openCase(subject: Subject): CaseState {
  const real = 'real' in subject;
  const bench = real
    ? openBlank(subject.real.grams, subject.real.matter === 'compound' ? 'compound' : 'solid')
    : openBench(subject.sample);
  const added = openBlank(bench.left, bench.sample.kind);
  return { bench, real, added, shares: {}, operations: [], entries: [], timers: [], conclusion: null, parents: {} };
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
      const { minutes, ...timer } = event.payload;
      const due = new Date(new Date(stamp.at).getTime() + minutes * 60000).toISOString();
      return { ...state, timers: [...state.timers.filter((t) => t.id !== timer.id), { ...timer, due }] };
    }
    case 'timer-done':
      return { ...state, timers: state.timers.filter((t) => t.id !== event.payload.id) };
    case 'conclusion':
      return conclude(state, event.payload, stamp);
  }
}

function operate(state: CaseState, payload: EventOf<'operation'>['payload'], stamp: Stamp): CaseState {
  const { op, ...told } = payload;
  const added = onAdded(state.added, op);
  const done = state.real ? { bench: added, see: [], vessel: vesselIn(op) } : perform(state.bench, op);
  const parents = { ...state.parents };
  if ((op.op === 'take' || op.op === 'decant' || op.op === 'filter') && !parents[op.to]) parents[op.to] = op.from;
  if (op.op === 'filter' && op.residue) parents[op.residue] = op.from;
  if (op.op === 'take-solid' || op.op === 'dissolve' || op.op === 'dry-heat' || op.op === 'carbonate-extract')
    parents[op.to] ??= 'sample';
  return {
    ...state,
    bench: done.bench,
    added,
    shares: sharedOut(state, op),
    parents,
    operations: [...state.operations, { op, see: done.see, vessel: done.vessel, at: stamp.at, ...told }],
  };
}

/** What cannot be done without the unknown's own matter (washing its precipitate, say) leaves the arithmetic as it was. */
function onAdded(added: Bench, op: Op): Bench {
  try {
    return perform(added, op).bench;
  } catch (error) {
    if (error instanceof BenchError) return added;
    throw error;
  }
}

const vesselIn = (op: Op): string | null => ('to' in op && op.op !== 'heat' ? op.to : 'vessel' in op ? op.vessel : null);

function sharedOut({ shares, added }: CaseState, op: Op): Record<string, number> {
  const next = { ...shares };
  const give = (to: string, amount: number) => (next[to] = (next[to] ?? 0) + amount);
  switch (op.op) {
    case 'take-solid':
    case 'dissolve':
    case 'dry-heat':
    case 'carbonate-extract':
      give(op.to, op.grams);
      break;
    case 'take': {
      const from = added.vessels[op.from];
      if (op.from === 'sample') give(op.to, op.mL);
      else if (from && from.mL > 0) give(op.to, (shares[op.from] ?? 0) * Math.min(1, op.mL / from.mL));
      break;
    }
    case 'decant':
    case 'filter':
      give(op.to, shares[op.from] ?? 0);
  }
  return next;
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

/** An element, group or compound that is claimed. @throws FormulaError */
function holdingId(text: string): string {
  if (text in GROUPS || text === 'carbohydrate' || (TESTED as readonly string[]).includes(text)) return text;
  throw new FormulaError(`"${text}" is neither an element (${TESTED.join(' ')}) nor a functional group`);
}

function conclude(state: CaseState, payload: EventOf<'conclusion'>['payload'], stamp: Stamp): CaseState {
  const found = payload.found.map((f) => {
    for (const n of f.evidence) {
      const entry = state.entries[n - 1];
      if (!entry || entry.struck)
        throw new BenchError(`evidence: entry ${n} for ${f.ion} ${entry ? 'is struck' : 'does not exist'}; name another`);
    }
    try {
      return { ...f, ion: state.bench.sample.kind === 'compound' ? holdingId(f.ion) : ionId(f.ion) };
    } catch (error) {
      if (error instanceof FormulaError) throw new BenchError(`ion: ${error.message}`);
      throw error;
    }
  });
  return { ...state, conclusion: { ...payload, found, at: stamp.at } };
}
