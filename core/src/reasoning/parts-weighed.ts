/** How likely a record is of one outcome, or of two in one tube: each part of theirs is weighed once, whatever stands beside it. */
import type { StandardTest } from '../scheme/model';
import type { Channel } from '../vocabulary/channels';
import type { Observation } from '../vocabulary/observation';
import { TOGETHER } from './data/rates';
import { probabilityOf } from './observer';
import { inBlocks, type Parts } from './parts';

interface Block {
  /** Numbers of the parts that occur. */
  readonly parts: readonly number[];
  readonly asked: readonly Channel[];
  readonly written: readonly Observation[];
  /** Probabilities by place in `parts`, of one and of two; NaN where not worked out. */
  readonly alone: Float64Array;
  readonly together: Float64Array;
}

export class PartsWeighed {
  private readonly blocks: readonly Block[];
  /** Of each outcome, the place of its part in each block. */
  private readonly places: Uint32Array[] = [];

  constructor(
    private readonly parts: Parts,
    outcomes: ReadonlySet<number>,
    private readonly test: StandardTest,
    recorded: readonly Observation[],
  ) {
    const written = inBlocks(recorded, (o) => o.channel);
    const asked = inBlocks(test.watch, (channel) => channel);
    const found = written.map(() => new Map<number, number>());
    for (const outcome of outcomes)
      this.places[outcome] = parts.of(outcome).map((part, i) => {
        const known = found[i]!;
        if (!known.has(part)) known.set(part, known.size);
        return known.get(part)!;
      });
    const empty = ({ parts: [only, another], asked, written }: Block) =>
      another === undefined && !asked.length && !written.length && !parts.part(only!).length;
    const all = found.map((known, i): Block => {
      const size = known.size;
      const [alone, together] = [new Float64Array(size).fill(NaN), new Float64Array(size * size).fill(NaN)];
      return { parts: [...known.keys()], asked: asked[i]!, written: written[i]!, alone, together };
    });
    const kept = [...all.keys()].filter((i) => !empty(all[i]!));
    this.blocks = kept.map((i) => all[i]!);
    for (const outcome of outcomes) {
      const places = this.places[outcome]!;
      this.places[outcome] = Uint32Array.from(kept, (i) => places[i]!);
    }
  }

  alone(outcome: number): number {
    const at = this.places[outcome]!;
    let p = 1;
    for (let i = 0; i < at.length; i++) {
      const { parts, asked, written, alone } = this.blocks[i]!;
      const place = at[i]!;
      if (Number.isNaN(alone[place])) alone[place] = probabilityOf(this.test, written, this.parts.part(parts[place]!), 0, asked);
      p *= alone[place]!;
    }
    return p;
  }

  together(a: number, b: number): number {
    if (a === b) return this.alone(a);
    const [first, second] = [this.places[a]!, this.places[b]!];
    let p = 1;
    for (let i = 0; i < first.length; i++) {
      const { parts, asked, written, together } = this.blocks[i]!;
      const [x, y] = first[i]! < second[i]! ? [first[i]!, second[i]!] : [second[i]!, first[i]!];
      const place = x * parts.length + y;
      if (Number.isNaN(together[place])) {
        const seen = this.parts.laid(parts[x]!, parts[y]!);
        together[place] = probabilityOf(this.test, written, seen, TOGETHER.hidden, asked);
      }
      p *= together[place]!;
    }
    return p;
  }
}
