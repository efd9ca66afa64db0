/** How likely a record is of one outcome, or of two in one tube: each part of theirs is weighed once, whatever stands beside it. */
import type { StandardTest } from '../scheme/model';
import type { Observation } from '../vocabulary/observation';
import { TOGETHER } from './data/rates';
import { probabilityOf } from './observer';
import { inBlocks, type Parts } from './parts';

/** Numbers by place, each worked out when it is first asked for. */
function remembered(size: number, work: (place: number) => number): (place: number) => number {
  const known = new Float64Array(size).fill(NaN);
  return (place) => {
    const before = known[place]!;
    return Number.isNaN(before) ? (known[place] = work(place)) : before;
  };
}

/** The same of two places, whichever comes first. */
function rememberedOfTwo(size: number, work: (one: number, other: number) => number): (a: number, b: number) => number {
  const at = remembered(size * size, (place) => work(Math.floor(place / size), place % size));
  return (a, b) => at(a < b ? a * size + b : b * size + a);
}

export class PartsWeighed {
  /** Of each outcome that occurs. */
  private readonly placeOf = new Map<number, number>();
  /** Probability of the record, of one outcome by its place, and of two in one tube. */
  private readonly one: (place: number) => number;
  private readonly two: (a: number, b: number) => number;

  /** @param blank what the reagents show by themselves. */
  constructor(
    parts: Parts,
    outcomes: ReadonlySet<number>,
    test: StandardTest,
    recorded: readonly Observation[],
    blank?: readonly Observation[],
  ) {
    for (const outcome of outcomes) this.placeOf.set(outcome, this.placeOf.size);
    const made = [...outcomes].map((outcome) => parts.of(outcome));
    const asked = inBlocks(test.watch, (channel) => channel);
    const blocks = inBlocks(recorded, (o) => o.channel).flatMap((written, i) => {
      const occurring = [...new Set(made.map((of) => of[i]!))];
      const [only, another] = occurring;
      if (another === undefined && !asked[i]!.length && !written.length && !parts.part(only!).length) return [];
      const weigh = (seen: readonly Observation[], hidden: number) =>
        probabilityOf(test, written, seen, { blank, hidden, asked: asked[i] });
      const among = new Map(occurring.map((part, place) => [part, place]));
      return {
        places: Uint32Array.from(made, (of) => among.get(of[i]!)!),
        one: remembered(occurring.length, (x) => weigh(parts.part(occurring[x]!), 0)),
        two: rememberedOfTwo(occurring.length, (x, y) => weigh(parts.laid(occurring[x]!, occurring[y]!), TOGETHER.hidden)),
      };
    });
    this.one = remembered(made.length, (a) => blocks.reduce((p, { places, one }) => p * one(places[a]!), 1));
    this.two = rememberedOfTwo(made.length, (a, b) => blocks.reduce((p, { places, two }) => p * two(places[a]!, places[b]!), 1));
  }

  alone(outcome: number): number {
    return this.one(this.placeOf.get(outcome)!);
  }

  /** Of the same outcome twice it is that of one. */
  together(a: number, b: number): number {
    return a === b ? this.alone(a) : this.two(this.placeOf.get(a)!, this.placeOf.get(b)!);
  }
}
