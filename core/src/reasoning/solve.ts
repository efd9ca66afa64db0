/** Works a simulated sample to a conclusion on its own, by the scheme's order or by the best next test. */
import type { SampleSpec } from '../bench/sample';
import type { Observation } from '../vocabulary/observation';
import { nextOn, routeOf } from '../scheme/route';
import type { Sign, StandardTest } from '../scheme/model';
import type { HouseRules } from '../scheme/rules';
import { testById } from '../scheme/tests';
import { CIRCUMSTANCES } from '../scheme/data/circumstances';
import { World } from '../scheme/world';
import { advise, proving } from './advise';
import { type Bounds, boundsOf, lacksItsReason } from './premises';
import { rulesFor } from './atlas';
import type { RecordEntry } from './entries';
import { infer, type Inference, SURE } from './infer';
import { settlingTest } from './settle';
import { blankOf } from './blank';
import type { Observer } from './student';
import type { Space } from './space';
import { CONFIRMED, isFaint } from './states';

export type WayOfWorking = 'systematic' | 'advised';

export interface Worked {
  /** What the likeliest possibility holds: ions, or elements and groups. */
  readonly found: readonly string[];
  readonly tests: number;
  readonly minutes: number;
  readonly sample_mg: number;
  readonly confirmed: readonly string[];
  readonly inference: Inference;
  /** What was thought along the way: after every entry when the tests were chosen, and at the end. */
  readonly thoughts: readonly Inference['suspects'][];
  readonly log: readonly { readonly test: string; readonly observed: readonly Observation[] }[];
}

/**
 * Probability at which what may be a mixture is told; else what *confirmed* asks is enough. Most unknowns are one salt, so a second that
 * did not show is soon thought unlikely.
 */
const TOLD_OF_MIXED = 0.995;
const MOST_TESTS = 40;
/** Tests after which a sample is not an easy one, and the probability from which an ion of a mixture is in doubt. */
const EASY = 10;
/** No test is done more often. */
const MOST_TIMES = 3;
const DOUBT = 0.05;

/** What is known so far, and what is done next. */
class Work {
  readonly entries: RecordEntry[] = [];
  inference: Inference;
  private readonly rules: HouseRules;
  private readonly mixed: boolean;
  private readonly compound: boolean;
  /**
   * What two salts show together is at first only composed, and a compound need not be a listed one: each of their ions, elements and
   * groups has to be proved by a test of its own.
   */
  private readonly proves: boolean;
  /** Entries whose conflicts were looked into. */
  private readonly settled = new Set<number>();

  constructor(
    private readonly space: Space,
    private readonly way: WayOfWorking,
  ) {
    this.rules = rulesFor(space.scheme);
    this.inference = infer(space, []);
    this.mixed = space.members.some((m) => m.composed);
    this.compound = space.scheme === 'organic';
    this.proves = this.mixed || this.compound;
  }

  write(test: string, observed: Observation[]): void {
    this.entries.push({ number: this.entries.length + 1, test, observed });
    if (this.way === 'advised') this.inference = infer(this.space, this.entries);
  }

  /** Looks as thoroughly as before something is taken for found. */
  makeSure(): Inference {
    return (this.inference = infer(this.space, this.entries, SURE));
  }

  next(): string | undefined {
    const route = routeOf(this.entries, this.rules, true, this.space.scheme);
    if (this.way === 'systematic') return nextOn(route)?.id;
    const bounds = boundsOf(this.space, this.entries, this.inference, { rules: this.rules, simulated: true });
    const closing = route
      .flatMap((s) => s.stops)
      .find(({ test, standing }) => test.closes && standing.is === 'to-come' && !lacksItsReason(test, this.space, bounds))
      ?.test.id;
    if (this.entries.length >= MOST_TESTS) return closing;
    if (this.mixed && this.isEnough) this.makeSure();
    if (this.isEnough) return this.proof(bounds) ?? closing;
    const advised = this.direct(bounds) ?? advise(this.space, this.inference, bounds, 1)[0]?.test ?? this.proof(bounds, DOUBT);
    return advised ?? (this.mixed ? nextOn(route)?.id : closing);
  }

  /** Is it told what the sample is? That a compound is none of those listed says nothing yet of what it holds. */
  private get isEnough(): boolean {
    const { probability, name } = this.inference.candidates[0]!;
    return probability >= (this.mixed ? TOLD_OF_MIXED : CONFIRMED) && (!this.compound || name !== undefined);
  }

  /** Of a hard sample, what advice does not come upon: it rests on composed outcomes, and does no test again. */
  private direct(bounds: Bounds): string | undefined {
    const { length } = this.entries;
    return length < EASY ? undefined : (this.settling(bounds) ?? (length % 2 ? this.proof(bounds, DOUBT) : undefined));
  }

  private settling(bounds: Bounds): string | undefined {
    const conflict = this.inference.conflicts.find((c) => !this.settled.has(c.entry));
    if (!conflict) return undefined;
    this.settled.add(conflict.entry);
    return settlingTest(this.space, this.inference, this.entries, conflict, bounds);
  }

  private proof(bounds: Bounds, doubt = 0.5): string | undefined {
    if (!this.proves) return undefined;
    const likely = (c: Inference['suspects'][number]) => Math.max(c.probability, c.unnamed);
    const unproved = this.inference.suspects.filter((c) => likely(c) >= doubt && c.state !== 'confirmed');
    unproved.sort((a, b) => Math.abs(likely(a) - 0.5) - Math.abs(likely(b) - 0.5));
    const first = unproved.flatMap((c) => proving(this.space, c.id, bounds) ?? [])[0];
    const isInDoubt = (p: number) => p >= DOUBT && p <= 1 - DOUBT;
    return first ?? this.again(unproved.filter((c) => isInDoubt(c.probability) || isInDoubt(c.unnamed)).map((c) => c.id));
  }

  /** Of a compound, once more a test that proves what is still in doubt, or speaks for it by more than a hint: the least often done first. */
  private again(suspects: readonly string[]): string | undefined {
    if (!this.compound) return undefined;
    const times = new Map<string, number>();
    for (const { test } of this.entries) times.set(test, (times.get(test) ?? 0) + 1);
    const speaks = (test: string, how: (t: StandardTest, s: Sign) => boolean) => {
      const standard = testById.get(test)!;
      return standard.signs?.some((s) => s.of.some((id) => suspects.includes(id)) && how(standard, s));
    };
    const [proof, sign] = [
      (_: StandardTest, s: Sign) => s.proves === true,
      (t: StandardTest, s: Sign) => !isFaint(this.space, t, s),
    ];
    for (let n = 1; n < MOST_TIMES; n++)
      for (const how of [proof, sign]) for (const [test, done] of times) if (done === n && speaks(test, how)) return test;
    return undefined;
  }
}

/** @param random a number in 0…1 for every test, by which its circumstances are drawn; by default all are the usual ones. */
export function solve(
  space: Space,
  sample: SampleSpec,
  way: WayOfWorking,
  observer: Observer,
  random: () => number = () => 0,
): Worked {
  const worlds = CIRCUMSTANCES.map((circumstance) => new World(sample, space.scheme, rulesFor(space.scheme), circumstance));
  const work = new Work(space, way);
  const thoughts: Inference['suspects'][] = [];
  let minutes = 0;
  let grams = 0;
  for (let test = work.next(); test !== undefined; test = work.next()) {
    const shown = worlds[Math.floor(random() * worlds.length)]!.result(test);
    work.write(test, observer(testById.get(test)!, shown.see, blankOf(space, test)));
    minutes += space.costs[test]?.minutes ?? 1;
    grams += shown.grams;
    if (way === 'advised') thoughts.push(work.inference.suspects);
  }
  const inference = work.makeSure();
  thoughts.push(inference.suspects);
  return {
    found: inference.candidates[0]!.ions,
    tests: work.entries.length,
    minutes,
    sample_mg: Math.round(grams * 1000),
    confirmed: inference.suspects.filter((c) => c.state === 'confirmed').map((c) => c.id),
    inference,
    thoughts,
    log: work.entries.map(({ test, observed }) => ({ test, observed })),
  };
}
