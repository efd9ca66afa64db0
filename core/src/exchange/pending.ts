/** What waits to be sent, and how it is kept apart from what was done elsewhere meanwhile. */
import { vesselsIn } from '../bench/ops';
import type { CaseEvent } from '../record/events';
import { tubeFor } from '../scheme/layout';
import { PLACE_NAMES, freeTubes, onVessels } from '../scheme/tests';

/** Something done or written that the server does not know of yet. */
export interface Pending {
  readonly id: string;
  readonly event: CaseEvent;
  /** ISO time at which it was done. */
  readonly at: string;
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
