/** How likely each entry is under every possibility: quickly composed for all, simulated for the likeliest mixtures. */
import { type RecordEntry, watched } from './entries';
import { read } from './likelihood';
import type { Space } from './space';

export interface Evidence {
  readonly entry: RecordEntry;
  /** Share of its weight that an entry has, by how sure its writer was. */
  readonly scale: number;
  /** ln likelihood under every member of the space. */
  readonly ln: Float64Array;
}

const UNSURE = 0.5;
/** What two salts make together shows in test after test: until they are simulated, no entry may cost them more e-folds. */
const ROUGHLY = -2.5;
/** e-folds below the best at which the simulation of a mixture is given up. */
const BEATEN = 10;
/** The likeliest that are simulated however well one of them explains the record. */
const FIRST = 10;
/** A sample that explains more than this share of the entries poorly is doubted, and others are looked at. */
const MISTAKES = 0.01;
const POORLY = Math.log(0.1);

/** @param most mixtures that may be simulated, as long as the best of them explains too little. */
export function evidenceOf(
  space: Space,
  entries: readonly RecordEntry[],
  most: number,
): { readonly evidence: Evidence[]; readonly explained: boolean } {
  const quick = Float64Array.from(space.lnPrior);
  const rough = Float64Array.from(space.lnPrior);
  const evidence = entries.map((entry): Evidence => {
    const scale = entry.confidence === 'unsure' ? UNSURE : 1;
    const ln = space.likelihoods(entry.test, watched(entry)).map((v, m) => {
      quick[m]! += v * scale;
      return (space.members[m]!.composed ? Math.max(v, ROUGHLY) : v) * scale;
    });
    for (let m = 0; m < ln.length; m++) rough[m]! += ln[m]!;
    return { entry, scale, ln };
  });
  const race = new Race(space, evidence, rough);
  const explained = () => race.poor() <= entries.length * MISTAKES;
  const mixtures = contenders(space, [rough, quick], most);
  for (const [run, m] of [...mixtures].entries()) {
    if (run >= FIRST && explained()) break;
    race.enter(m);
  }
  return { evidence, explained: mixtures.size < most || explained() };
}

/** Mixtures simulated one after another, each only for as long as it may still be among the best. */
class Race {
  private leader: number | undefined;
  private best = -Infinity;
  /** Entries in the order in which they are tried: what put out the last one comes first. */
  private readonly order: number[];

  constructor(
    private readonly space: Space,
    private readonly evidence: readonly Evidence[],
    ln: Float64Array,
  ) {
    this.order = [...evidence.keys()];
    space.members.forEach(({ composed }, m) => {
      if (!composed && ln[m]! > this.best) [this.leader, this.best] = [m, ln[m]!];
    });
  }

  enter(m: number): void {
    let sum = this.space.lnPrior[m]!;
    for (const [place, k] of this.order.entries()) {
      const { entry, scale, ln } = this.evidence[k]!;
      sum += ln[m] = read(watched(entry), this.space.exact(m, entry.test)).ln * scale;
      if (sum < this.best - BEATEN) {
        this.order.splice(place, 1);
        this.order.unshift(k);
        return;
      }
    }
    if (sum > this.best) [this.leader, this.best] = [m, sum];
  }

  /** Entries that the best so far explains poorly. */
  poor(): number {
    const m = this.leader;
    return m === undefined ? Infinity : this.evidence.filter(({ ln, scale }) => ln[m]! < POORLY * scale).length;
  }
}

/** The likeliest mixtures, by each of the rankings in turn, each followed by those that hold the same. */
function contenders(space: Space, rankings: readonly Float64Array[], most: number): Set<number> {
  const lists = rankings.map((ln) => likeliest(space, ln, most));
  const out = new Set<number>();
  for (let i = 0; i < most; i++)
    for (const m of lists.flatMap((list) => list.slice(i, i + 1))) for (const k of [m, ...space.twins(m)]) out.add(k);
  return new Set([...out].slice(0, most));
}

function likeliest(space: Space, ln: Float64Array, most: number): number[] {
  const top: number[] = [];
  for (let m = 0; m < ln.length; m++) {
    if (!space.members[m]!.composed || (top.length === most && ln[m]! <= ln[top.at(-1)!]!)) continue;
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
