/** What compounds show of which only the elements and groups are known, by those that hold most nearly the same. */
import { TESTED_ELEMENTS } from '../organic/data/features';
import { testById } from '../scheme/tests';
import { TESTED_GROUPS } from './unlisted';

/** Another compound counts so much less for each thing that it holds and this one does not, or this one and not it. */
const DIFFERING = 0.1;
/** The same of what the test asks for. */
const ASKED = 1e-5;

interface Bits {
  readonly elements: number;
  readonly groups: number;
}

const GROUPS = [...TESTED_GROUPS, 'aryl-halide'];
const powers = (of: number): readonly number[] =>
  Array.from({ length: TESTED_ELEMENTS.length + GROUPS.length + 1 }, (_, n) => of ** n);
const FOR_ASKED = powers(ASKED);
const FOR_OTHERS = powers(DIFFERING);

const maskOf = (ids: readonly string[], held: readonly string[]) =>
  ids.reduce((mask, id, i) => (held.includes(id) ? mask | (1 << i) : mask), 0);
const bitsOf = (held: readonly string[]): Bits => ({ elements: maskOf(TESTED_ELEMENTS, held), groups: maskOf(GROUPS, held) });

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
  /** In how many things each of `holdings` differs from each way, one after another. */
  private readonly differing: Uint8Array;

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
    this.differing = Uint8Array.from(
      this.bits.flatMap((a) => this.ways.map((b) => ones(a.elements ^ b.elements) + ones(a.groups ^ b.groups))),
    );
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
    const { bits, ways, differing } = this;
    return (k, way) => {
      const [a, b] = [bits[k]!, ways[way]!];
      const of = ones((a.elements ^ b.elements) & asked.elements) + ones((a.groups ^ b.groups) & asked.groups);
      return FOR_ASKED[of]! * FOR_OTHERS[differing[k * ways.length + way]! - of]!;
    };
  }
}
