/** A short list in which each item asks something else than those before it. */

/** What asks just what one before it asks loses this share of what it tells. */
const SAID_AGAIN = 0.6;

export interface Asking {
  readonly worth: number;
  /** Part of the worth that is for what it tells. */
  readonly tells: number;
  /** What it asks after. */
  readonly about: ReadonlySet<string>;
}

/** Share of what two ask after that both do, each thing weighed by how much it is in question. */
function shared(a: Asking, b: Asking, inQuestion: (id: string) => number): number {
  const weigh = (ids: Iterable<string>) => [...ids].reduce((sum, id) => sum + inQuestion(id), 0);
  const all = weigh(new Set([...a.about, ...b.about]));
  return all > 0 ? weigh([...a.about].filter((id) => b.about.has(id))) / all : 0;
}

/** The best, then again and again the best of the rest, less for what it would only say again. */
export function different<T extends Asking>(list: readonly T[], most: number, inQuestion: (id: string) => number): T[] {
  const chosen: T[] = [];
  const rest = new Set(list);
  const worthNow = (one: T) => one.worth - SAID_AGAIN * one.tells * Math.max(0, ...chosen.map((c) => shared(one, c, inQuestion)));
  while (chosen.length < most && rest.size) {
    const best = [...rest].reduce((a, b) => (worthNow(b) > worthNow(a) ? b : a));
    chosen.push(best);
    rest.delete(best);
  }
  return chosen;
}
