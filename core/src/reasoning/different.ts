/** A short list in which each item asks something else than those before it. */

/** What asks just what one before it asks loses this share of what it tells. */
const SAID_AGAIN = 0.8;
/** What loses more than half of it, and tells less than this then, is left out. */
const LEFT_OUT_BITS = 0.15;

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
  let rest = list.map((one) => ({ one, lost: 0 }));
  while (chosen.length < most && rest.length) {
    const { one: best } = rest.reduce((a, b) => (b.one.worth - b.lost > a.one.worth - a.lost ? b : a));
    chosen.push(best);
    rest = rest
      .filter(({ one }) => one !== best)
      .map(({ one, lost }) => ({ one, lost: Math.max(lost, SAID_AGAIN * one.tells * shared(one, best, inQuestion)) }))
      .filter(({ one, lost }) => lost <= one.tells / 2 || one.tells - lost >= LEFT_OUT_BITS);
  }
  return chosen;
}
