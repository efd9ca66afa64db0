/** Which test is worth doing next: what it would tell this observer of what is still in question, and what it costs. */
import { cautionsOf, isDangerous, restriction } from '../scheme/needs';
import type { HouseRules } from '../scheme/rules';
import type { StandardTest } from '../scheme/model';
import { waitOf } from '../scheme/say';
import { startsOf, stepsOf, testById, testsOf } from '../scheme/tests';
import { EXTRACT_PLACE, ORIGINAL_SOLUTION } from '../scheme/data/stations';
import { nameOf } from '../senses/names';
import { isNothing, type Observation } from '../vocabulary/observation';
import type { Inference } from './infer';
import { probabilityOf } from './observer';
import type { Space } from './space';

export type Hazard = 'low' | 'medium' | 'high';

export interface Advice {
  readonly test: string;
  /** Expected information on what is in the sample, as the observer would see it. */
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

/** A minute and a hazard are worth so many bits; so is every gram, which is then not there for the rest. */
const BITS_PER_MINUTE = 0.025;
const BITS_PER_GRAM = 0.5;
const HAZARD_BITS: Readonly<Record<Hazard, number>> = { low: 0, medium: 0.08, high: 0.6 };
/** Less than this is not worth getting up for. */
const LEAST_BITS = 0.02;
/** Minutes of waiting in which something else can be done. */
const WORTH_USING = 3;
/** Possibilities drawn to stand for all, in proportion to their weights. */
const DRAWN = 300;
/** Outcomes that are told apart one by one; the rest go with the likest. */
const OUTCOMES = 10;
/** Something points to a suspect once it is this likely, and at least so many times as likely as before. */
const POINTED = { probability: 0.03, dangerous: 0.1, rise: 1.5 };

export function hazardOf(test: string, rules: HouseRules): Hazard {
  const standard = testById.get(test)!;
  if (isDangerous(standard, rules)) return 'high';
  return cautionsOf(standard, rules).length ? 'medium' : 'low';
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

/** How easily one outcome is taken for another by who writes it down: 1 for the same. */
const mistaken = new Map<string, number>();
function likeness(test: StandardTest, a: readonly Observation[], b: readonly Observation[]): number {
  if (a === b) return 1;
  const key = `${test.id} ${JSON.stringify(a)} ${JSON.stringify(b)}`;
  let known = mistaken.get(key);
  if (known === undefined) {
    known = Math.min(1, probabilityOf(test, a, b) / probabilityOf(test, a, a));
    if (mistaken.size > 50000) mistaken.clear();
    mistaken.set(key, known);
  }
  return known;
}

/** Members that are alike in what a test shows of them, with their share. */
interface Group {
  readonly seen: readonly Observation[];
  readonly word: string;
  readonly members: [member: number, share: number][];
  share: number;
}

function groupsOf(space: Space, test: StandardTest, drawn: ReadonlyMap<number, number>): Group[] {
  const groups = new Map<string, Group>();
  for (const [m, share] of drawn) {
    const seen = space.outline(m, test.id);
    const word = coarseWord(seen);
    const group = groups.get(word);
    if (group) {
      group.members.push([m, share]);
      group.share += share;
    } else groups.set(word, { seen, word, members: [[m, share]], share });
  }
  return [...groups.values()].sort((a, b) => b.share - a.share);
}

/**
 * Bits that the outcome of a test tells about the answers to a question, when outcomes are mistaken for one another.
 * @param answer what the question's answer is for a member.
 */
function information(test: StandardTest, groups: readonly Group[], answer: (m: number) => string): number {
  const told = groups.slice(0, OUTCOMES);
  const like = told.map((a) => told.map((b) => likeness(test, b.seen, a.seen)));
  const bitsOf = (shares: readonly number[]) => {
    const all = shares.reduce((x, y) => x + y, 0);
    return shares.reduce((bits, share, i) => {
      if (share <= 0) return bits;
      const taken = shares.reduce((sum, other, j) => sum + (other / all) * like[i]![j]!, 0);
      return bits - (share / all) * Math.log2(Math.min(1, taken));
    }, 0);
  };
  const byAnswer = new Map<string, number[]>();
  told.forEach(({ members }, g) => {
    for (const [m, share] of members) {
      const key = answer(m);
      let shares = byAnswer.get(key);
      if (!shares) byAnswer.set(key, (shares = new Array<number>(told.length).fill(0)));
      shares[g]! += share;
    }
  });
  const whole = told.reduce((sum, { share }) => sum + share, 0);
  const within = [...byAnswer.values()].reduce(
    (bits, shares) => bits + (shares.reduce((x, y) => x + y, 0) / whole) * bitsOf(shares),
    0,
  );
  return Math.max(0, bitsOf(told.map(({ share }) => share)) - within);
}

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
  const drawn = representatives(inference.weights);
  const holdings = new Map<number, string>(
    [...drawn.keys()].map((m) => [m, space.members[m]!.name ?? space.members[m]!.holds.join(' ')]),
  );
  const answer = about ? (m: number) => String(about(m)) : (m: number) => holdings.get(m)!;
  const out: Advice[] = [];
  for (const test of open(space, bounds)) {
    const hazard = hazardOf(test.id, bounds.rules);
    if (!about && !isPointedTo(space, inference, test, hazard)) continue;
    const groups = groupsOf(space, test, drawn);
    const bits = information(test, groups, answer);
    if (bits < LEAST_BITS) continue;
    const cost = space.costs[test.id]!;
    out.push({
      test: test.id,
      bits: round(bits),
      minutes: cost.minutes,
      sample_mg: Math.round(cost.grams * 1000) || 20,
      hazard,
      why: reason(space, groups, cost.minutes, hazard),
      splits: groups.slice(0, 6).map(({ word, share }) => ({ outcome: word, probability: round(share, 3) })),
    });
  }
  const worth = (a: Advice) =>
    a.bits - a.minutes * BITS_PER_MINUTE - (a.sample_mg / 1000) * BITS_PER_GRAM - HAZARD_BITS[a.hazard];
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

/** A test for single suspects waits until something points to one of them that is not settled yet; a dangerous one the more so. */
function isPointedTo(space: Space, inference: Inference, test: StandardTest, hazard: Hazard): boolean {
  const of = new Set((test.signs ?? []).flatMap((s) => s.of));
  if (!of.size || (hazard !== 'high' && !test.signs!.every((s) => s.proves))) return true;
  const least = hazard === 'high' ? POINTED.dangerous : POINTED.probability;
  return inference.suspects.some(
    ({ id, probability, state }, i) =>
      of.has(id) &&
      state !== 'confirmed' &&
      state !== 'ruled-out' &&
      probability >= least &&
      probability >= POINTED.rise * priorOf(space)[i]!,
  );
}

const priors = new WeakMap<Space, readonly number[]>();
/** Probability of every suspect before anything is known. */
function priorOf(space: Space): readonly number[] {
  let known = priors.get(space);
  if (!known) {
    const sums = new Map(space.suspects.map((id) => [id, 0]));
    space.members.forEach(({ holds }, m) => {
      for (const id of holds) sums.set(id, sums.get(id)! + Math.exp(space.lnPrior[m]!));
    });
    priors.set(space, (known = [...sums.values()]));
  }
  return known;
}

/** Places from which any test may start: each is made when it is wanted. */
const ALWAYS_THERE: ReadonlySet<string> = new Set([ORIGINAL_SOLUTION]);

/** Is there what the test is done on? */
function hasItsStart(test: StandardTest, space: Space, done: ReadonlySet<string>): boolean {
  const places = startsOf(test, space.scheme);
  if (!places.length || places.some((p) => ALWAYS_THERE.has(p))) return true;
  const makers = testsOf(space.scheme).filter((t) => t.id !== test.id && t.makes?.some((p) => places.includes(p)));
  return !makers.length || makers.some((t) => done.has(t.id)) || (places.includes(EXTRACT_PLACE) && done.has('sodium-fusion'));
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
      hasItsStart(test, space, bounds.done) &&
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

function needs(test: { readonly steps: readonly unknown[]; readonly id: string }, id: string): boolean {
  return test.id === id || JSON.stringify(test.steps).includes(`"${id}"`);
}

const HAZARD_WORDS: Readonly<Record<Hazard, string>> = {
  low: 'no special hazard',
  medium: 'with care',
  high: 'a real hazard: hood',
};

/** Probabilities that differ by this between two outcomes are worth naming. */
const NAMED = 0.3;
const MOST_NAMED = 3;
const listed = (names: readonly string[]) =>
  names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)!}`;

/** What the outcomes tell apart, as a teacher would say it. */
function reason(space: Space, groups: readonly Group[], minutes: number, hazard: Hazard): string {
  const shares = groups.slice(0, OUTCOMES).map(({ members, share }) => {
    const held = new Map<string, number>();
    for (const [m, w] of members) for (const id of space.members[m]!.holds) held.set(id, (held.get(id) ?? 0) + w / share);
    return held;
  });
  const telling = space.suspects
    .map((id) => {
      const values = shares.map((held) => held.get(id) ?? 0);
      return {
        id,
        spread: Math.max(...values) - Math.min(...values),
        weight: groups.reduce((sum, g, k) => sum + g.share * (values[k] ?? 0), 0),
      };
    })
    .filter(({ spread }) => spread >= NAMED)
    .sort((a, b) => b.spread * b.weight - a.spread * a.weight)
    .slice(0, MOST_NAMED)
    .map(({ id }) => nameOf(id));
  const tells =
    telling.length === 0
      ? 'Narrows down what it may be'
      : telling.length === 1
        ? `Tells whether ${telling[0]!} is there`
        : `Tells ${telling[0]!} from ${listed(telling.slice(1))}`;
  return `${tells}; ${minutes} ${minutes === 1 ? 'minute' : 'minutes'}; ${HAZARD_WORDS[hazard]}.`;
}
