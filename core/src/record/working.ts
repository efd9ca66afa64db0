/** The bench behind a case: what an operation does to it, and what comes of that for the record. */
import { type Bench, openBench, perform } from '../bench/bench';
import { BenchError } from '../bench/error';
import { type Op, workedOn } from '../bench/ops';
import { openBlank } from '../bench/reckon';
import type { SampleSpec } from '../bench/sample';
import type { Vessel } from '../bench/vessel';
import { fusionRemarks, warningsFor } from '../senses/cautions';
import { drawSight, plainDrawing, sightOf } from '../senses/drawing';
import { observe } from '../senses/perceive';
import type { Observation } from '../vocabulary/observation';
import { asRead } from '../vocabulary/readings';
import type { OperationResult } from './result';

/** A simulated unknown, or a real one on a bench that Foxing cannot see. */
export type Subject =
  | { readonly sample: SampleSpec }
  | { readonly real: { readonly grams: number; readonly matter: 'salt' | 'compound' } };

export interface Working {
  /** The simulated bench; of a real sample, only what was added to it. */
  readonly bench: Bench;
  readonly real: boolean;
  /** The same operations on an inert sample: what was added, for the arithmetic. */
  readonly added: Bench;
  /** Grams (of a solution, mL) of sample in each vessel, at most. */
  readonly shares: Readonly<Record<string, number>>;
}

/** @throws BenchError for a sample that cannot be. */
export function beginWorking(subject: Subject): Working {
  const real = 'real' in subject;
  const bench = real
    ? openBlank(subject.real.grams, subject.real.matter === 'compound' ? 'compound' : 'solid')
    : openBench(subject.sample);
  return { bench, real, added: openBlank(bench.left, bench.sample.kind), shares: {} };
}

const minutesSpent = (before: Bench, after: Bench) => asRead('clock', after.minutes - before.minutes);
const sampleSpent = (before: Bench, after: Bench) => asRead('portion', before.left - after.left);

function changedVessels(before: Bench, after: Bench, drawn: (vessel: Vessel) => OperationResult['vessels'][string]) {
  const out: Record<string, OperationResult['vessels'][string]> = {};
  for (const [id, vessel] of Object.entries(after.vessels)) if (before.vessels[id] !== vessel) out[id] = drawn(vessel);
  for (const id of Object.keys(before.vessels)) if (!after.vessels[id]) out[id] = null;
  return out;
}

/**
 * Does one operation.
 * @throws BenchError when it cannot be done; the message says what to do instead.
 */
export function carryOut(working: Working, op: Op): { readonly working: Working; readonly result: OperationResult } {
  const added = onAdded(working.added, op);
  const shares = sharedOut(working, op);
  return working.real ? led({ ...working, shares }, added, op) : simulated({ ...working, added, shares }, op);
}

/** On a real sample: counted, not seen. */
function led(working: Working, added: Bench, op: Op): { working: Working; result: OperationResult } {
  const before = working.added;
  return {
    working: { ...working, bench: added, added },
    result: {
      see: [],
      vessels: changedVessels(before, added, (v) => ({ drawing: plainDrawing(v), celsius: asRead('bath', v.celsius) })),
      vessel: workedOn(op),
      equations: [],
      warnings: warningsFor(op, []),
      minutes: minutesSpent(before, added),
      spent: sampleSpent(before, added),
    },
  };
}

function simulated(working: Working, op: Op): { working: Working; result: OperationResult } {
  const before = working.bench;
  const step = perform(before, op);
  const { bench } = step;
  const see = observe(step.happened);
  const draw = (vessel: Vessel) => {
    const noticed: readonly Observation[] = vessel.id === step.vessel ? see : [];
    return { drawing: drawSight(sightOf(vessel, bench.sample, noticed)), celsius: asRead('bath', vessel.celsius) };
  };
  const drops = step.happened.find((h) => h.what === 'drops');
  const made = op.op === 'fuse' && step.happened.find((h) => h.what === 'extract');
  return {
    working: { ...working, bench },
    result: {
      see,
      vessels: changedVessels(before, bench, draw),
      vessel: step.vessel,
      equations: (step.equations?.() ?? []).map(({ left, right }) => ({
        left: left.map(([n, f]): [number, string] => [n, f]),
        right: right.map(([n, f]): [number, string] => [n, f]),
      })),
      warnings: warningsFor(op, see),
      minutes: minutesSpent(before, bench),
      spent: sampleSpent(before, bench),
      ...(drops && { drops: drops.each.length }),
      ...(made && { fusion: { good: made.good, remarks: fusionRemarks(op, see) } }),
    },
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

function sharedOut({ shares, added }: Working, op: Op): Record<string, number> {
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

/** The bench of a case as it is kept: a vessel apart from the others, so that an operation reads and writes only its own. */
export interface Snapshot {
  readonly rest: string;
  readonly vessels: Readonly<Record<string, string>>;
}

interface Kept {
  readonly bench?: Vessel;
  readonly added?: Vessel;
}

export function toSnapshot({ bench, added, real, shares }: Working): Snapshot {
  const { vessels: seen, ...restOfBench } = bench;
  const { vessels: counted, ...restOfAdded } = added;
  const ids = new Set([...Object.keys(seen), ...Object.keys(counted)]);
  const kept = (id: string): Kept => ({
    ...(!real && seen[id] && { bench: seen[id] }),
    ...(counted[id] && { added: counted[id] }),
  });
  return {
    rest: JSON.stringify({ bench: restOfBench, added: restOfAdded, real, shares }),
    vessels: Object.fromEntries([...ids].map((id) => [id, JSON.stringify(kept(id))])),
  };
}

/** As much of a kept bench as is needed to work on some of its vessels; the others are there by name. */
export const onlyWith = ({ rest, vessels }: Snapshot, touched: readonly string[]): Snapshot => ({
  rest,
  vessels: Object.fromEntries(Object.entries(vessels).map(([id, text]) => [id, touched.includes(id) ? text : NAME_ONLY])),
});

export function fromSnapshot({ rest, vessels }: Snapshot): Working {
  const { bench, added, real, shares } = JSON.parse(rest) as Working;
  const seen: Record<string, Vessel> = {};
  const counted: Record<string, Vessel> = {};
  for (const [id, text] of Object.entries(vessels)) {
    const kept = (text === NAME_ONLY ? UNTOUCHED : JSON.parse(text)) as Kept;
    if (kept.bench) seen[id] = kept.bench;
    if (kept.added) counted[id] = kept.added;
  }
  const withAdded = { ...added, vessels: counted };
  return { bench: real ? withAdded : { ...bench, vessels: seen }, added: withAdded, real, shares };
}

/** Stands for a vessel that the operation only needs to know of. */
const UNTOUCHED: Kept = { bench: {} as Vessel, added: {} as Vessel };
const NAME_ONLY = '';

export interface SnapshotChange {
  readonly rest: string;
  /** Null for a vessel that is no longer there. */
  readonly vessels: Readonly<Record<string, string | null>>;
  readonly result: OperationResult;
}

/**
 * Does one operation on a kept bench, of which the vessels that the operation names are enough.
 * @throws BenchError
 */
export function carryOutOn(snapshot: Snapshot, op: Op): SnapshotChange {
  const before = fromSnapshot(snapshot);
  const { working, result } = carryOut(before, op);
  const changed = new Set([...changedIn(before.bench, working.bench), ...changedIn(before.added, working.added)]);
  const after = toSnapshot(working);
  return {
    rest: after.rest,
    vessels: Object.fromEntries([...changed].map((id) => [id, after.vessels[id] ?? null])),
    result,
  };
}

const changedIn = (before: Bench, after: Bench): string[] =>
  [...new Set([...Object.keys(before.vessels), ...Object.keys(after.vessels)])].filter(
    (id) => before.vessels[id] !== after.vessels[id],
  );
