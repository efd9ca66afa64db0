/** Which elements a compound holds, judged by the tests for elements alone: it may hold some together that no listed compound does. */
import { TESTED_ELEMENTS } from '../organic/data/features';
import { testById } from '../scheme/tests';
import type { Told } from './space';

const HALOGENS: ReadonlySet<string> = new Set(['Cl', 'Br', 'I']);
export const isHalogen = (id: string): boolean => HALOGENS.has(id);

/** The elements among what something holds, a bit each. */
const maskOf = (holds: readonly string[]): number =>
  TESTED_ELEMENTS.reduce((mask, id, i) => (holds.includes(id) ? mask | (1 << i) : mask), 0);
const bitsIn = (mask: number): number => TESTED_ELEMENTS.filter((_, i) => mask & (1 << i)).length;

export interface Together {
  readonly elements: readonly string[];
  readonly mask: number;
}

/** What elements a compound may have together, of the halogens at most two. */
export const TOGETHER: readonly Together[] = TESTED_ELEMENTS.reduce<string[][]>(
  (all, element) => all.flatMap((of) => [of, [...of, element]]),
  [[]],
)
  .filter((of) => of.filter(isHalogen).length <= 2)
  .map((elements) => ({ elements, mask: maskOf(elements) }));

/** A compound that one knows: its place among the members of the space, and what it holds. */
export interface Known {
  readonly member: number;
  readonly holds: readonly string[];
}

/**
 * The log-likelihood of an entry of an element test, by the elements that a sample has: the mean over the known compounds with the same
 * of those that the test asks for, and of the others as many as can be had.
 */
function byElements({ entry, ln }: Told, known: readonly Known[]): (of: Together) => number {
  const asked = maskOf(testById.get(entry.test)!.signs?.flatMap((s) => s.of) ?? []);
  const sums = new Map<number, { sum: number; count: number }>();
  for (const { member, holds } of known) {
    const mask = maskOf(holds);
    const { sum, count } = sums.get(mask) ?? { sum: 0, count: 0 };
    sums.set(mask, { sum: sum + Math.exp(ln[member]!), count: count + 1 });
  }
  return (of) => {
    const alike = [...sums].filter(([mask]) => !((mask ^ of.mask) & asked));
    const least = Math.min(...alike.map(([mask]) => bitsIn(mask ^ of.mask)));
    const nearest = alike.filter(([mask]) => bitsIn(mask ^ of.mask) === least);
    const total = (nearest.length ? nearest : [...sums]).reduce(
      (all, [, { sum, count }]) => ({ sum: all.sum + sum, count: all.count + count }),
      { sum: 0, count: 0 },
    );
    return Math.log(total.sum / total.count);
  };
}

/**
 * The log-weight of each of `TOGETHER`: how often each element is met among the known compounds, and how well the entries agree.
 * @param evidence entries of tests for elements.
 */
export function lnTogether(evidence: readonly Told[], known: readonly Known[]): number[] {
  const frequency = TESTED_ELEMENTS.map((id) => known.filter(({ holds }) => holds.includes(id)).length / known.length);
  const told = evidence.map((e) => byElements(e, known));
  return TOGETHER.map(
    (of) =>
      TESTED_ELEMENTS.reduce((sum, id, i) => sum + Math.log(of.elements.includes(id) ? frequency[i]! : 1 - frequency[i]!), 0) +
      told.reduce((sum, ln) => sum + ln(of), 0),
  );
}
