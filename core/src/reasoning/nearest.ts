/** What compounds show of which only the elements and groups are known, by those that hold most nearly the same. */
import { TESTED_ELEMENTS } from '../organic/data/features';
import { testById } from '../scheme/tests';
import { TESTED_GROUPS } from './unlisted';

/**
 * Another compound counts so much less for each thing that it holds and this one does not, or this one and not it: most for what the test
 * asks for, less for an element where it asks for groups. By judgement, moved with compounds in view that were worked on our own bench.
 */
const ASKED = 1e-5;
const DIFFERING = { ofItsKind: 0.1, ofOther: 0.35 };

interface Bits {
  readonly elements: number;
  readonly groups: number;
}

/** Elements, and whether a halogen stands on a ring, where it hardly takes part. */
const ELEMENTS = [...TESTED_ELEMENTS, 'aryl-halide'];
const MOST = Math.max(ELEMENTS.length, TESTED_GROUPS.length);
const powers = (of: number): readonly number[] => Array.from({ length: MOST + 1 }, (_, n) => of ** n);
const FOR_ASKED = powers(ASKED);
const FOR_ITS_KIND = powers(DIFFERING.ofItsKind);
const FOR_OTHER = powers(DIFFERING.ofOther);

const maskOf = (ids: readonly string[], held: readonly string[]) =>
  ids.reduce((mask, id, i) => (held.includes(id) ? mask | (1 << i) : mask), 0);
const bitsOf = (held: readonly string[]): Bits => ({
  elements: maskOf(ELEMENTS, held),
  groups: maskOf(TESTED_GROUPS, held),
});

function ones(mask: number): number {
  let v = mask - ((mask >>> 1) & 0x55555555);
  v = (v & 0x33333333) + ((v >>> 2) & 0x33333333);
  return (((v + (v >>> 4)) & 0x0f0f0f0f) * 0x01010101) >>> 24;
}

export class Nearest {
  private readonly bits: readonly Bits[];
  /** What the known hold, each way once, and by compound the place in it. */
  private readonly ways: Bits[] = [];
  private readonly wayOf: readonly number[];

  /** @param known what the listed compounds hold. @param holdings that of those that are to be judged by them. */
  constructor(known: readonly (readonly string[])[], holdings: readonly (readonly string[])[]) {
    const places = new Map<string, number>();
    this.wayOf = known.map((held) => {
      const bits = bitsOf(held);
      const key = `${bits.elements} ${bits.groups}`;
      if (!places.has(key)) places.set(key, this.ways.push(bits) - 1);
      return places.get(key)!;
    });
    this.bits = holdings.map(bitsOf);
  }

  /** Weighted mean over the known, for each of `holdings`. @param values by known compound. */
  means(test: string, values: Float64Array): Float64Array {
    const sums = new Float64Array(this.ways.length);
    const counts = new Float64Array(this.ways.length);
    this.wayOf.forEach((way, i) => {
      sums[way]! += values[i]!;
      counts[way]!++;
    });
    const weigh = this.weigher(test);
    return Float64Array.from(this.bits, (_, k) => {
      let sum = 0;
      let all = 0;
      for (let way = 0; way < sums.length; way++) {
        const w = weigh(k, way);
        sum += w * sums[way]!;
        all += w * counts[way]!;
      }
      return sum / all;
    });
  }

  /** Which of the things that the known show is most to be expected. @param shows by known compound. */
  typical<T>(k: number, test: string, shows: readonly T[]): T {
    const weigh = this.weigher(test);
    const weights = this.ways.map((_, way) => weigh(k, way));
    const sums = new Map<T, number>();
    shows.forEach((shown, i) => sums.set(shown, (sums.get(shown) ?? 0) + weights[this.wayOf[i]!]!));
    return [...sums].reduce((best, one) => (one[1] > best[1] ? one : best))[0];
  }

  private weigher(test: string): (k: number, way: number) => number {
    const asked = bitsOf(testById.get(test)!.signs?.flatMap((s) => s.of) ?? []);
    const [forElements, forGroups] = asked.elements && !asked.groups ? [FOR_ITS_KIND, FOR_OTHER] : [FOR_OTHER, FOR_ITS_KIND];
    const { bits, ways } = this;
    return (k, way) => {
      const elements = bits[k]!.elements ^ ways[way]!.elements;
      const groups = bits[k]!.groups ^ ways[way]!.groups;
      return (
        FOR_ASKED[ones(elements & asked.elements)]! *
        FOR_ASKED[ones(groups & asked.groups)]! *
        forElements[ones(elements & ~asked.elements)]! *
        forGroups[ones(groups & ~asked.groups)]!
      );
    };
  }
}
