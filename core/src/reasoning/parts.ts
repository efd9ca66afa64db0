/** Outcomes laid over each other, and taken apart into what can be weighed apart: few parts make up very many of two salts. */
import { type Channel, CHANNELS } from '../vocabulary/channels';
import { isNothing, type Observation } from '../vocabulary/observation';
import { subjectOf } from './shown';

/** What one of these channels shows bears on what is written of the others of its block; else channels stand alone. */
const TOLD_TOGETHER: readonly (readonly Channel[])[] = [
  ['solution', 'precipitate', 'layer'],
  ['gas', 'smell', 'limewater', 'fumes', 'splint'],
];

const blockOf = new Map<Channel, number>(TOLD_TOGETHER.flatMap((block, i) => block.map((channel) => [channel, i] as const)));
let blocks = TOLD_TOGETHER.length;
for (const channel of Object.keys(CHANNELS) as Channel[]) if (!blockOf.has(channel)) blockOf.set(channel, blocks++);

/** Things sorted into the blocks of their channels. */
export function inBlocks<T>(list: readonly T[], channelOf: (thing: T) => Channel): T[][] {
  const out = Array.from({ length: blocks }, (): T[] => []);
  for (const thing of list) out[blockOf.get(channelOf(thing))!]!.push(thing);
  return out;
}

const texts = new WeakMap<Observation, string>();
function textOf(o: Observation): string {
  let text = texts.get(o);
  if (text === undefined) texts.set(o, (text = JSON.stringify(o)));
  return text;
}

/** Two accounts laid over each other: everything that either shows; nothing only where both show nothing. */
export function overlay(a: readonly Observation[], b: readonly Observation[]): Observation[] {
  const both = [...a, ...b.filter((o) => !a.some((p) => textOf(p) === textOf(o)))];
  return both.filter((o) => !isNothing(o) || !both.some((p) => !isNothing(p) && subjectOf(p) === subjectOf(o)));
}

/** No two numbers of parts, or of outcomes, are further apart than this. */
const MANY = 2 ** 24;
/** One key for two numbers, whichever comes first. */
export const pairKey = (a: number, b: number): number => Math.min(a, b) * MANY + Math.max(a, b);

/** The parts that outcomes are made of, each under a number. */
export class Parts {
  private readonly list: (readonly Observation[])[] = [];
  private readonly numbers = new Map<string, number>();
  private readonly known = new Map<number, Uint32Array>();
  private readonly overlaid = new Map<number, readonly Observation[]>();
  private readonly things = new Map<string, Observation>();

  constructor(private readonly outcomes: readonly (readonly Observation[])[]) {}

  /** Of an outcome, the number of its part in each block. */
  of(outcome: number): Uint32Array {
    let parts = this.known.get(outcome);
    if (!parts) {
      parts = Uint32Array.from(
        inBlocks(this.outcomes[outcome]!, (o) => o.channel),
        (part) => this.numberOf(part),
      );
      this.known.set(outcome, parts);
    }
    return parts;
  }

  /** What the part of this number shows. */
  part(number: number): readonly Observation[] {
    return this.list[number]!;
  }

  /** Two parts laid over each other. */
  laid(a: number, b: number): readonly Observation[] {
    const key = pairKey(a, b);
    let out = this.overlaid.get(key);
    if (!out) this.overlaid.set(key, (out = overlay(this.part(Math.min(a, b)), this.part(Math.max(a, b)))));
    return out;
  }

  private numberOf(part: readonly Observation[]): number {
    const text = part.map(textOf).join(' ');
    let number = this.numbers.get(text);
    if (number === undefined) this.numbers.set(text, (number = this.list.push(part.map((o) => this.once(o))) - 1));
    return number;
  }

  /** One and the same object for all that reads the same. */
  private once(o: Observation): Observation {
    const text = textOf(o);
    const known = this.things.get(text);
    if (!known) this.things.set(text, o);
    return known ?? o;
  }
}
