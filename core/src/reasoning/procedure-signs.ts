/** What a procedure without a name is a sign of: computed from what it shows on every form there is. */
import { isNothing, type Observation } from '../vocabulary/observation';
import type { Pattern, Sign } from '../scheme/model';

/** Of the samples that hold something, the share that shows it on every bench, from which on it is its sign. */
const SHOWN = 0.8;
/** Of all that may show it, the share that holds this: enough for a sign, and for a proof. */
const SIGN = 0.2;
const PROOF = 0.99;

/** A sample of one bottle, and what a procedure shows of it. */
export interface ShownBySample {
  readonly holds: readonly string[];
  /** Relative weight among all single samples. */
  readonly weight: number;
  /** What it shows, circumstance by circumstance. */
  readonly seen: readonly (readonly Observation[])[];
}

/** However it came about, a solid of this colour is there. */
const LIES = ['formed', 'persists', 'colour-changed'] as const;

const patternOf = ({ channel, event, colour, smell, paper }: Observation): Pattern =>
  ({
    channel,
    ...(event !== undefined && { event: channel === 'precipitate' && LIES.some((e) => e === event) ? LIES : event }),
    ...(colour !== undefined && { colour }),
    ...(smell !== undefined && { smell }),
    ...(paper !== undefined && { paper }),
  }) as Pattern;
const keyOf = (o: Observation): string => JSON.stringify(patternOf(o));

interface Showing {
  readonly pattern: Pattern;
  /** Weight of all that may show it; and by what they hold, of those that surely do. */
  all: number;
  readonly surely: Map<string, number>;
  readonly perhaps: Map<string, number>;
}

/** Signs of single things, each by one pattern. */
export function computedSigns(samples: readonly ShownBySample[]): Sign[] {
  const held = new Map<string, number>();
  const found = new Map<string, Showing>();
  const add = (to: Map<string, number>, id: string, weight: number) => to.set(id, (to.get(id) ?? 0) + weight);
  for (const { holds, weight, seen } of samples) {
    for (const id of holds) add(held, id, weight);
    const events = seen.map(
      (list) => new Map(list.filter((o) => !isNothing(o) && o.event !== 'unchanged').map((o) => [keyOf(o), o])),
    );
    for (const [key, o] of new Map(events.flatMap((e) => [...e]))) {
      let showing = found.get(key);
      if (!showing) found.set(key, (showing = { pattern: patternOf(o), all: 0, surely: new Map(), perhaps: new Map() }));
      showing.all += weight;
      const isSure = events.every((e) => e.has(key));
      for (const id of holds) {
        add(showing.perhaps, id, weight);
        if (isSure) add(showing.surely, id, weight);
      }
    }
  }
  return [...found.values()].flatMap(({ pattern, all, surely, perhaps }) =>
    [...surely].flatMap(([id, weight]): Sign[] => {
      const share = perhaps.get(id)! / all;
      if (weight / held.get(id)! < SHOWN || share < SIGN) return [];
      return [{ of: [id], see: [pattern], ...(share >= PROOF && { proves: true as const }) }];
    }),
  );
}
