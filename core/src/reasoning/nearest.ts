/** What compounds show of which only the elements and groups are known, by those that hold most nearly the same. */
import { signsOfTest } from '../scheme/procedure';
import { TESTED_ELEMENTS } from '../organic/data/features';

import { TESTED_GROUPS } from './unlisted';

/**
 * Another compound counts so much less for each thing that it holds and this one does not, or this one and not it: most for what the test
 * asks for, less for an element where it asks for groups. By judgement, moved with compounds in view that were worked on our own bench.
 */
const ASKED = 1e-5;
const DIFFERING = { ofItsKind: 0.1, ofOther: 0.35 };

/** Elements, and whether a halogen stands on a ring, where it hardly takes part. */
const ELEMENTS = [...TESTED_ELEMENTS, 'aryl-halide'];
const MOST = Math.max(ELEMENTS.length, TESTED_GROUPS.length);
const powers = (of: number): readonly number[] => Array.from({ length: MOST + 1 }, (_, n) => of ** n);
const FOR_ASKED = powers(ASKED);
const FOR_ITS_KIND = powers(DIFFERING.ofItsKind);
const FOR_OTHER = powers(DIFFERING.ofOther);

const maskOf = (ids: readonly string[], held: readonly string[]) =>
  ids.reduce((mask, id, i) => (held.includes(id) ? mask | (1 << i) : mask), 0);

function ones(mask: number): number {
  let v = mask - ((mask >>> 1) & 0x55555555);
  v = (v & 0x33333333) + ((v >>> 2) & 0x33333333);
  return (((v + (v >>> 4)) & 0x0f0f0f0f) * 0x01010101) >>> 24;
}

/** What is held of one kind of things, by the known and by those that are to be judged by them. */
class Kind {
  /** By way of the known. */
  private readonly known: readonly number[];
  /** What those that are to be judged hold, each once, and by holding the place in it. */
  private readonly masks: readonly number[];
  private readonly placeOf: Uint32Array;

  constructor(
    private readonly ids: readonly string[],
    ways: readonly (readonly string[])[],
    holdings: readonly (readonly string[])[],
  ) {
    this.known = ways.map((held) => maskOf(ids, held));
    const all = holdings.map((held) => maskOf(ids, held));
    this.masks = [...new Set(all)];
    const places = new Map(this.masks.map((mask, place) => [mask, place]));
    this.placeOf = Uint32Array.from(all, (mask) => places.get(mask)!);
  }

  isAsked(signs: readonly string[]): boolean {
    return this.ids.some((id) => signs.includes(id));
  }

  /** By holding, how much each way counts by what it holds of this kind. */
  weights(signs: readonly string[], factor: readonly number[]): (k: number) => Float64Array {
    const asked = maskOf(this.ids, signs);
    const rows: Float64Array[] = [];
    const rowOf = (mask: number) =>
      Float64Array.from(this.known, (way) => {
        const differing = mask ^ way;
        return FOR_ASKED[ones(differing & asked)]! * factor[ones(differing & ~asked)]!;
      });
    return (k) => (rows[this.placeOf[k]!] ??= rowOf(this.masks[this.placeOf[k]!]!));
  }
}

export class Nearest {
  private readonly elements: Kind;
  private readonly groups: Kind;
  /** What the known hold, each way once: by compound the place in it. */
  private readonly wayOf: readonly number[];
  private readonly ways: number;
  private readonly size: number;

  /** @param known what the listed compounds hold. @param holdings that of those that are to be judged by them. */
  constructor(known: readonly (readonly string[])[], holdings: readonly (readonly string[])[]) {
    const ways: (readonly string[])[] = [];
    const places = new Map<string, number>();
    this.wayOf = known.map((held) => {
      const key = `${maskOf(ELEMENTS, held)} ${maskOf(TESTED_GROUPS, held)}`;
      if (!places.has(key)) places.set(key, ways.push(held) - 1);
      return places.get(key)!;
    });
    this.elements = new Kind(ELEMENTS, ways, holdings);
    this.groups = new Kind(TESTED_GROUPS, ways, holdings);
    this.size = holdings.length;
    this.ways = ways.length;
  }

  /** Weighted mean over the known, for each of `holdings`. @param values by known compound. */
  means(test: string, values: Float64Array): Float64Array {
    const sums = new Float64Array(this.ways);
    const counts = new Float64Array(this.ways);
    this.wayOf.forEach((way, i) => {
      sums[way]! += values[i]!;
      counts[way]!++;
    });
    const weights = this.weigher(test);
    const means = new Float64Array(this.size);
    for (let k = 0; k < means.length; k++) means[k] = mean(weights(k), sums, counts);
    return means;
  }

  /** Which of the things that the known show is most to be expected. @param shows by known compound. */
  typical<T>(k: number, test: string, shows: readonly T[]): T {
    const [byElements, byGroups] = this.weigher(test)(k);
    const sums = new Map<T, number>();
    shows.forEach((shown, i) => {
      const way = this.wayOf[i]!;
      sums.set(shown, (sums.get(shown) ?? 0) + byElements[way]! * byGroups[way]!);
    });
    return [...sums].reduce((best, one) => (one[1] > best[1] ? one : best))[0];
  }

  private weigher(test: string): (k: number) => Weights {
    const signs = signsOfTest(test).flatMap((s) => s.of);
    const onlyElements = this.elements.isAsked(signs) && !this.groups.isAsked(signs);
    const [forElements, forGroups] = onlyElements ? [FOR_ITS_KIND, FOR_OTHER] : [FOR_OTHER, FOR_ITS_KIND];
    const elements = this.elements.weights(signs, forElements);
    const groups = this.groups.weights(signs, forGroups);
    return (k) => [elements(k), groups(k)];
  }
}

/** How much each way counts, by its elements and by its groups: the product. */
type Weights = readonly [byElements: Float64Array, byGroups: Float64Array];

function mean([byElements, byGroups]: Weights, sums: Float64Array, counts: Float64Array): number {
  let sum = 0;
  let all = 0;
  for (let way = 0; way < sums.length; way++) {
    const w = byElements[way]! * byGroups[way]!;
    sum += w * sums[way]!;
    all += w * counts[way]!;
  }
  return sum / all;
}
