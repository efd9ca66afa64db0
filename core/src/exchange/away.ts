/** A case gone on with where its server cannot be reached: from its file, with what waits to be sent. */
import { BenchError } from '../bench/error';
import { applyEvent, type CaseState } from '../record/case';
import { recorded } from '../record/recording';
import { type CaseChanges, type CaseDigest, changesSince, digestOf } from '../record/view';
import { beginWorking, carryOut, type Working } from '../record/working';
import { type CaseFile, stateOf } from './case-file';
import type { Pending } from './pending';

export interface Away {
  readonly state: CaseState;
  /** Of a real sample; a simulated one stands on the server. */
  readonly working: Working | null;
}

/** The case as its file leaves it. */
export function awayWith(file: CaseFile): Away {
  const state = stateOf(file);
  const { subject } = state;
  if (subject.kind === 'simulated') return { state, working: null };
  const begun = beginWorking({ real: { grams: subject.amount, matter: subject.matter } });
  const ops = state.operations.filter((o) => o.result).map((o) => o.op);
  return { state, working: ops.reduce((working, op) => carryOut(working, op).working, begun) };
}

/** What cannot be done before the server is back. */
export const SEALED_WAITS =
  'This sample is simulated on the server: what it does is not known before Foxing can be reached. Writing goes on.';

/** @throws BenchError when it cannot be done, or not here. */
export function goneOn({ state, working }: Away, { event, at }: Pending, who: string): Away {
  if (!working && (event.kind === 'operation' || event.kind === 'opened-up')) throw new BenchError(SEALED_WAITS);
  const made = recorded(state, working!, event, { chemistry: '', sample: null });
  return { state: applyEvent(state, made.event, { seq: state.seq + 1, at, who }), working: working && made.working };
}

export interface Foreseen {
  readonly changes: CaseChanges;
  readonly digest: CaseDigest;
  /** What cannot be foreseen, by its place among what waits, and why. */
  readonly refused: readonly { readonly id: string; readonly why: string }[];
}

/** How the case will look when all that waits has arrived. */
export function foreseen(away: Away, pending: readonly Pending[], who: string): Foreseen {
  const after = away.state.seq;
  const refused: { id: string; why: string }[] = [];
  let now = away;
  for (const p of pending) {
    try {
      now = goneOn(now, p, who);
    } catch (error) {
      if (!(error instanceof BenchError)) throw error;
      refused.push({ id: p.id, why: error.message });
    }
  }
  return { changes: changesSince(now.state, after, 'owner'), digest: digestOf(now.state), refused };
}
