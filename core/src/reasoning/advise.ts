/** Which test is worth doing next: what it would tell, and what it costs. */
import { cautionsOf, isDangerous, restriction } from '../scheme/needs';
import type { HouseRules } from '../scheme/rules';
import type { StandardTest } from '../scheme/model';
import { waitOf } from '../scheme/say';
import { stepsOf, testById, testsOf } from '../scheme/tests';
import type { Observation } from '../vocabulary/observation';
import type { Inference } from './infer';
import { isNothing } from '../vocabulary/observation';
import type { Space } from './space';

export type Hazard = 'low' | 'medium' | 'high';

export interface Advice {
  readonly test: string;
  /** Expected information over what the sample may be. */
  readonly bits: number;
  readonly minutes: number;
  readonly sample_mg: number;
  readonly hazard: Hazard;
  readonly why: string;
  /** The different outcomes, with the weight of what would show them. */
  readonly splits: readonly { readonly outcome: string; readonly probability: number }[];
  /** Another test worth doing, that is done while one waits for this one. */
  readonly meanwhile?: string;
}

export interface Bounds {
  readonly rules: HouseRules;
  readonly simulated: boolean;
  /** Tests that were done already. */
  readonly done: ReadonlySet<string>;
  readonly notAvailable?: readonly string[];
  /** Tests that the evidence sets aside. */
  readonly aside?: ReadonlySet<string>;
}

/** A minute and a hazard are worth so many bits. */
const BITS_PER_MINUTE = 0.01;
const HAZARD_BITS: Readonly<Record<Hazard, number>> = { low: 0, medium: 0.08, high: 0.4 };
/** A difference that a person might miss tells less than one that leaps to the eye. */
const MISREAD = 0.05;
/** Differences of texture, amount or shade count for so much of the rest. */
const SUBTLE = 0.15;
/** Minutes of waiting in which something else can be done. */
const WORTH_USING = 3;
/** Possibilities drawn to stand for all, in proportion to their weights. */
const DRAWN = 2000;

export function hazardOf(test: string, rules: HouseRules): Hazard {
  const standard = testById.get(test)!;
  if (isDangerous(standard, rules)) return 'high';
  return cautionsOf(standard, rules).length ? 'medium' : 'low';
}

function entropy(shares: Iterable<number>): number {
  let bits = 0;
  for (const p of shares) bits -= p * Math.log2(p);
  return bits;
}

/** Readings of a thermometer that are told apart, °C. */
const READING = 5;
const degrees = (o: Observation) => o.celsius !== undefined && `about ${Math.round(o.celsius / READING) * READING} °C`;

/** What an outcome looks like in the coarse: the things a person tells apart at a glance. */
function coarse(seen: readonly Observation[]): string {
  const noticed = seen
    .filter((o) => !isNothing(o))
    .map((o) => [o.colour, o.smell, o.paper ?? o.splint ?? o.channel, o.event, degrees(o)].filter(Boolean).join(' '));
  return noticed.sort().join('; ').replaceAll('-', ' ') || 'nothing';
}

const words = new WeakMap<readonly Observation[], string>();

function coarseWord(seen: readonly Observation[]): string {
  let word = words.get(seen);
  if (word === undefined) words.set(seen, (word = coarse(seen)));
  return word;
}

const round = (x: number, digits = 2) => Number(x.toFixed(digits));

/**
 * Tests worth doing next, best first.
 * @param about asks only about this: a test is worth what it tells of whether it is so.
 */
export function advise(
  space: Space,
  inference: Inference,
  bounds: Bounds,
  most = 5,
  about?: (member: number) => boolean,
): Advice[] {
  const { weights } = inference;
  const drawn = representatives(weights);
  const out: Advice[] = [];
  for (const test of open(space, bounds)) {
    const hazard = hazardOf(test.id, bounds.rules);
    const groups = new Map<string, number>();
    const exact = new Map<readonly Observation[], number>();
    for (const [m, share] of drawn) {
      const seen = space.outline(m, test.id);
      const outcome = coarseWord(seen);
      exact.set(seen, (exact.get(seen) ?? 0) + share);
      groups.set(outcome, (groups.get(outcome) ?? 0) + share);
    }
    const coarseBits = entropy(groups.values());
    const informs = about
      ? informationOf(space, drawn, test.id, about)
      : coarseBits + SUBTLE * (entropy(exact.values()) - coarseBits);
    const bits = (1 - MISREAD) * informs;
    if (bits < 0.005) continue;
    const cost = space.costs[test.id]!;
    const splits = [...groups]
      .map(([outcome, probability]) => ({ outcome, probability: round(probability, 3) }))
      .sort((a, b) => b.probability - a.probability);
    out.push({
      test: test.id,
      bits: round(bits),
      minutes: cost.minutes,
      sample_mg: Math.round(cost.grams * 1000) || 20,
      hazard,
      why: reason(splits, drawn.size, cost.minutes, hazard),
      splits: splits.slice(0, 6),
    });
  }
  const worth = (a: Advice) => a.bits - a.minutes * BITS_PER_MINUTE - HAZARD_BITS[a.hazard];
  out.sort((a, b) => worth(b) - worth(a));
  return out.slice(0, most).map((a) => {
    const waits = waitIn(a.test, bounds.rules);
    const meanwhile = waits < WORTH_USING ? undefined : out.find((b) => b !== a && b.minutes <= waits)?.test;
    return meanwhile === undefined ? a : { ...a, meanwhile };
  });
}

/** The longest wait in a test, minutes. */
const waitIn = (test: string, rules: HouseRules): number =>
  Math.max(0, ...stepsOf(testById.get(test)!, rules).map(({ op }) => waitOf(op)));

/** Members drawn at even steps through the probability, with the share that each stands for. */
function representatives(weights: Float64Array): Map<number, number> {
  const drawn = new Map<number, number>();
  const total = weights.reduce((a, b) => a + b, 0);
  let sum = 0;
  let taken = 0;
  for (let m = 0; m < weights.length; m++) {
    sum += weights[m]! / total;
    const upTo = Math.min(DRAWN, Math.round(sum * DRAWN));
    if (upTo > taken) drawn.set(m, (upTo - taken) / DRAWN);
    taken = Math.max(taken, upTo);
  }
  return drawn;
}

/** Tests that are still to be done, may be done and can be done. */
const open = (space: Space, bounds: Bounds): StandardTest[] =>
  testsOf(space.scheme).filter(
    (test) =>
      !bounds.done.has(test.id) &&
      space.knows(test.id) &&
      test.watch.length > 0 &&
      !bounds.aside?.has(test.id) &&
      !test.after?.some((id) => !bounds.done.has(id)) &&
      !restriction(test, bounds.rules, bounds.simulated) &&
      !bounds.notAvailable?.some((id) => needs(test, id)),
  );

/** The quickest test that proves a suspect; where no test can, the quickest that has a sign of it, once. */
export function proving(space: Space, suspect: string, bounds: Bounds): string | undefined {
  const proves = (t: StandardTest) => t.signs?.some((s) => s.proves && s.of.includes(suspect));
  const hints = (t: StandardTest) => t.signs?.some((s) => s.of.includes(suspect));
  const minutes = (t: StandardTest) => space.costs[t.id]!.minutes;
  const tests = open(space, bounds).sort((a, b) => minutes(a) - minutes(b));
  const hinted = [...bounds.done].some((id) => hints(testById.get(id)!));
  return (tests.find(proves) ?? (hinted ? undefined : tests.find(hints)))?.id;
}

/** Bits that a test's outcome tells of a yes or no about the members. */
function informationOf(space: Space, drawn: ReadonlyMap<number, number>, test: string, about: (m: number) => boolean): number {
  const joint = new Map<string, [yes: number, no: number]>();
  const total: [number, number] = [0, 0];
  for (const [m, share] of drawn) {
    const word = coarseWord(space.outline(m, test));
    const pair = joint.get(word) ?? [0, 0];
    const side = about(m) ? 0 : 1;
    pair[side] += share;
    total[side] += share;
    joint.set(word, pair);
  }
  const mass = total[0] + total[1];
  const split = (a: number, b: number) => entropy([a, b].filter((x) => x > 0).map((x) => x / (a + b)));
  return [...joint.values()].reduce((bits, [a, b]) => bits - ((a + b) / mass) * split(a, b), split(...total));
}

function needs(test: { readonly steps: readonly unknown[]; readonly id: string }, id: string): boolean {
  return test.id === id || JSON.stringify(test.steps).includes(`"${id}"`);
}

const HAZARD_WORDS: Readonly<Record<Hazard, string>> = {
  low: 'no special hazard',
  medium: 'with care',
  high: 'a real hazard: hood',
};

function reason(splits: readonly { readonly probability: number }[], left: number, minutes: number, hazard: Hazard): string {
  const shares = splits.slice(0, 3).map((s) => `${Math.round(s.probability * 100)} %`);
  const parts = splits.length > 3 ? `${splits.length} ways, the largest ${shares.join(', ')}` : shares.join(' against ');
  return `Splits what ${left} possibilities are left ${parts}; ${minutes} ${minutes === 1 ? 'minute' : 'minutes'}; ${HAZARD_WORDS[hazard]}.`;
}
