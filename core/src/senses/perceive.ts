/** From what happened to what is noticed. */
import type { Happening } from '../bench/happenings';
import type { Observation } from '../vocabulary/observation';
import { appearance, changes, depositSeen, describe, filmSeen, gasSeen } from './appearance';
import { beadSeen, charcoalSeen, flameSeen, grainColours, heatedSeen, lyingSeen } from './dry';
import { heldSeen } from './mouth';

function perceive(h: Happening): readonly Observation[] {
  switch (h.what) {
    case 'look':
      if (h.vessel.heated && h.vessel.mL <= 0) return lyingSeen(h.vessel.heated, h.vessel.celsius);
      return [...describe(appearance(h.vessel)), ...filmSeen(h.vessel)];
    case 'change':
      return [...changes(appearance(h.from), appearance(h.to)), ...depositSeen(h.from, h.to)];
    case 'passing':
      return changes(appearance(h.from), appearance(h.through)).filter(
        (o) => o.channel === 'precipitate' && o.event === 'formed',
      );
    case 'gas':
      return gasSeen(h.left, h.vessel);
    case 'white-fumes':
      return [{ channel: 'gas', event: 'evolved', colour: 'white' }];
    case 'warmer':
      return [{ channel: 'heat', event: 'warmer' }];
    case 'drops':
      return dropByDrop(h);
    case 'portion':
      return grainColours(h.sample).map((colour) => ({ channel: 'solid', event: 'unchanged', colour }));
    case 'held':
      return [heldSeen(h.vessel, h.op)];
    case 'flame':
      return flameSeen(h.matter, h.op);
    case 'bead':
      return beadSeen(h.matter, h.op);
    case 'charcoal':
      return charcoalSeen(h.matter, h.op);
    case 'dry-heat':
      return heatedSeen(h.heated);
    case 'extract': {
      const { solid, liquid } = appearance(h.vessel);
      const colour = (solid ?? liquid)!.word;
      return [{ channel: 'extract', event: h.good ? 'good' : 'repeat-fusion', colour, clarity: solid ? 'cloudy' : 'clear' }];
    }
    case 'class-test':
      return h.shows;
  }
}

/** Each kind of change once, as it came; then what all the drops together changed. */
function dropByDrop({ each, from, to }: Extract<Happening, { what: 'drops' }>): Observation[] {
  const all: Observation[] = [];
  const uneventful = (o: Observation) => o.event === 'none' || o.event === 'unchanged';
  for (const o of each.flatMap((drop) => drop.flatMap(perceive))) {
    const known = all.some((p) => p.channel === o.channel && p.event === o.event && p.colour === o.colour);
    if (!known && !uneventful(o)) all.push(o);
  }
  for (const o of changes(appearance(from), appearance(to)))
    if (!all.some((p) => p.channel === o.channel && p.event === o.event)) all.push(o);
  return all;
}

/** What a person at the bench notices of an operation. */
export const observe = (happened: readonly Happening[]): Observation[] => happened.flatMap(perceive);
