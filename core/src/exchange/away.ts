/** A case gone on with where its server cannot be reached: from its file, with what waits to be sent. */
import { vesselsIn } from '../bench/ops';
import { BenchError } from '../bench/error';
import { applyEvent, type CaseState } from '../record/case';
import type { CaseEvent } from '../record/events';
import { recorded } from '../record/recording';
import { type CaseChanges, type CaseDigest, changesSince, digestOf } from '../record/view';
import { beginWorking, carryOut, type Working } from '../record/working';
import { tubeFor } from '../scheme/layout';
import { PLACE_NAMES, freeTubes, onVessels } from '../scheme/tests';
import { type CaseFile, stateOf } from './case-file';

/** Something done or written that the server does not know of yet. */
export interface Pending {
  readonly id: string;
  readonly event: CaseEvent;
  /** ISO time at which it was done. */
  readonly at: string;
}

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

/** A name that neither side has taken: the next letter, or the next making of a shared tube. */
function another(id: string, taken: readonly string[]): string {
  const place = id.replace(/-\d+$/, '');
  if (!Object.hasOwn(PLACE_NAMES, place)) return freeTubes(taken, 1)[0]!;
  const last = tubeFor(place, taken)!;
  return `${place}-${Number(last.slice(place.length + 1) || 1) + 1}`;
}

function renamed(event: CaseEvent, names: Readonly<Record<string, string>>): CaseEvent {
  const called = (id: string) => names[id] ?? id;
  switch (event.kind) {
    case 'operation': {
      const { op, run } = event.payload;
      const tubes = run && Object.fromEntries(Object.entries(run.tubes).map(([place, id]) => [place, called(id)]));
      const moved = onVessels(op, names);
      const rinsed = moved.op === 'take' && moved.unrinsed !== undefined ? { ...moved, unrinsed: called(moved.unrinsed) } : moved;
      return { ...event, payload: { ...event.payload, op: rinsed, ...(run && tubes && { run: { ...run, tubes } }) } };
    }
    case 'entry':
    case 'photo': {
      const { vessel } = event.payload;
      return vessel === undefined ? event : ({ ...event, payload: { ...event.payload, vessel: called(vessel) } } as CaseEvent);
    }
    default:
      return event;
  }
}

/**
 * What waits, with other names for tubes that were taken into use here and, meanwhile, elsewhere too: two tubes are never made
 * one by their name.
 * @param before vessels that were there when the first of it was done.
 * @param now vessels that are there now.
 */
export function keptApart(pending: readonly Pending[], before: readonly string[], now: readonly string[]): Pending[] {
  const mine = pending.flatMap(({ event }) => (event.kind === 'operation' ? vesselsIn(event.payload.op) : []));
  const elsewhere = now.filter((id) => !before.includes(id));
  const taken = [...now, ...mine];
  const names: Record<string, string> = {};
  for (const id of new Set(mine.filter((m) => elsewhere.includes(m)))) taken.push((names[id] = another(id, taken)));
  return Object.keys(names).length ? pending.map((p) => ({ ...p, event: renamed(p.event, names) })) : [...pending];
}
