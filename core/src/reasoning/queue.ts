/** The order in which mixtures are simulated. */
import { heldIn, twinsOf } from './held';
import type { Space } from './space';

/** Each, and after it those that hold the same. */
function* withTwins(space: Space, list: readonly number[]): Generator<number> {
  for (const m of list) {
    yield m;
    yield* twinsOf(space, m);
  }
}

/** Which mixture to look at next: the likeliest by each ranking in turn, with those that hold the same, and kin of the leader. */
export class Queue {
  private readonly waiting: Iterator<number>;
  private readonly taken = new Set<number>();
  private kin: { readonly of: number; readonly list: Iterator<number> } | undefined;
  private turn = 0;

  constructor(
    private readonly space: Space,
    private readonly rankings: readonly Float64Array[],
    private readonly most: number,
  ) {
    const lists = rankings.map((ln) => likeliest(space, ln, most, () => true));
    const ranked = Array.from({ length: most }).flatMap((_, i) => lists.flatMap((list) => list.slice(i, i + 1)));
    this.waiting = withTwins(space, ranked);
  }

  /** @param leader two of three differ from it in one ion only, those first that do with one ion less. */
  next(leader: number | undefined): number | undefined {
    if (leader !== undefined && this.kin?.of !== leader) this.kin = { of: leader, list: this.kinOf(leader).values() };
    const kin = this.turn++ % 3 ? this.kin?.list : undefined;
    return (kin && this.firstOf(kin)) ?? this.firstOf(this.waiting);
  }

  private firstOf(list: Iterator<number>): number | undefined {
    for (let next = list.next(); !next.done; next = list.next())
      if (!this.taken.has(next.value)) {
        this.taken.add(next.value);
        return next.value;
      }
    return undefined;
  }

  private kinOf(leader: number): number[] {
    const { members } = this.space;
    const holds = new Set(members[leader]!.holds);
    const strangers = (m: number) => members[m]!.holds.filter((ion) => !holds.has(ion)).length;
    const more = (m: number) => members[m]!.holds.length - holds.size;
    const find = (wanted: (m: number) => boolean) => likeliest(this.space, this.rankings[0]!, this.most, wanted);
    return [...find((m) => more(m) === -1 && strangers(m) === 0), ...find((m) => Math.abs(more(m)) <= 1 && strangers(m) <= 1)];
  }
}

function likeliest(space: Space, ln: Float64Array, most: number, wanted: (m: number) => boolean): number[] {
  const top: number[] = [];
  const { composed } = heldIn(space);
  for (let m = 0; m < ln.length; m++) {
    if ((top.length === most && ln[m]! <= ln[top.at(-1)!]!) || !composed[m] || !wanted(m)) continue;
    let low = 0;
    for (let high = top.length; low < high;) {
      const mid = (low + high) >> 1;
      if (ln[top[mid]!]! >= ln[m]!) low = mid + 1;
      else high = mid;
    }
    top.splice(low, 0, m);
    if (top.length > most) top.pop();
  }
  return top;
}
