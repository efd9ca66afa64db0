/** Which test is worth doing next: what it would tell this observer of what is still in question, and what it costs. */
import { cautionsOf, isDangerous, restriction } from '../scheme/needs';
import type { HouseRules } from '../scheme/rules';
import type { StandardTest } from '../scheme/model';
import { waitOf } from '../scheme/say';
import { startsOf, STATIONS, stationOf, stepsOf, testById, testsOf } from '../scheme/tests';
import { ORIGINAL_SOLUTION } from '../scheme/data/stations';
import { nameOf } from '../senses/names';
import type { Inference } from './infer';
import { type Group, groupsOf, information, OUTCOMES } from './information';
import { kindOf, listed } from './kinds';
import type { Space } from './space';
import { isFaint } from './states';

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
/** Every station further along the school's path costs so many bits: dry before wet, groups before single ions. */
const BITS_PER_STATION = 0.12;
/** What a test tells by the way, of what it is not for, counts for so much. */
const BY_THE_WAY = 0.2;
/** Of what a test is worth, the share that goes to the one that has to be done before it. */
const ENABLING = 0.8;
/** What proof of a likely suspect is worth, and from when it is likely. */
const PROOF_BITS = 0.8;
const LIKELY = 0.7;
/** Less than this is not worth getting up for. */
const LEAST_BITS = 0.02;
/** Minutes of waiting in which something else can be done. */
const WORTH_USING = 3;
/** Possibilities drawn to stand for all, in proportion to their weights. */
const DRAWN = 300;
/** Something points to a suspect once it is this likely, and at least so many times as likely as before. */
const POINTED = { probability: 0.03, dangerous: 0.1, rise: 1.5 };

export function hazardOf(test: string, rules: HouseRules): Hazard {
  const standard = testById.get(test)!;
  if (isDangerous(standard, rules)) return 'high';
  return cautionsOf(standard, rules).length ? 'medium' : 'low';
}

const round = (x: number, digits = 2) => Number(x.toFixed(digits));

/** A question of yes or no: a test is worth what it tells of the answer, and only some tests are asked. */
export interface Question {
  readonly isSo: (member: number) => boolean;
  readonly asks: (test: StandardTest) => boolean;
}

/** Tests worth doing next, best first. */
export function advise(space: Space, inference: Inference, bounds: Bounds, most = 5, about?: Question): Advice[] {
  const drawn = representatives(space, inference.weights);
  const holdings = new Map<number, string>(
    [...drawn.keys()].map((m) => [m, space.members[m]!.name ?? space.members[m]!.holds.join(' ')]),
  );
  const answer = about ? (m: number) => String(about.isSo(m)) : (m: number) => holdings.get(m)!;
  const weighed = open(space, bounds).flatMap((test): Weighed[] => {
    const hazard = isLook(test, space) ? 'medium' : hazardOf(test.id, bounds.rules);
    if (about ? !about.asks(test) : !isPointedTo(space, inference, test, hazard)) return [];
    const groups = groupsOf(space, test, drawn);
    const proves = about ? [] : provenBy(inference, test);
    const bits = about ? information(test, groups, answer) : toldBy(space, test, groups, answer);
    if (bits < LEAST_BITS && !proves.length) return [];
    const { minutes, grams } = space.costs[test.id]!;
    const far = about || proves.length ? 0 : stationCost(test, space) + solutionCost(test, space, bounds);
    const cost = minutes * BITS_PER_MINUTE + grams * BITS_PER_GRAM + HAZARD_BITS[hazard] + far;
    const advice: Advice = {
      test: test.id,
      bits: round(bits),
      minutes,
      sample_mg: Math.round(grams * 1000) || 20,
      hazard,
      why: proves.length ? proof(proves, minutes, hazard) : reason(space, groups, minutes, hazard),
      splits: groups.slice(0, 6).map(({ word, share }) => ({ outcome: word, probability: round(share, 3) })),
    };
    return [{ test, advice, worth: bits + PROOF_BITS * Math.min(1, proves.length) - cost }];
  });
  const ready = weighed.filter(({ test }) => hasItsStart(test, space, bounds.done));
  const list = about ? ready : [...ready, ...openingTheWay(space, inference, bounds, weighed)];
  const best = new Map<string, Weighed>();
  for (const one of list) if (!((best.get(one.test.id)?.worth ?? -Infinity) >= one.worth)) best.set(one.test.id, one);
  const out = [...best.values()].sort((a, b) => b.worth - a.worth).map(({ advice }) => advice);
  return out.slice(0, most).map((a) => {
    const waits = waitIn(a.test, bounds.rules);
    const meanwhile = waits < WORTH_USING ? undefined : out.find((b) => b !== a && b.minutes <= waits)?.test;
    return meanwhile === undefined ? a : { ...a, meanwhile };
  });
}

interface Weighed {
  readonly test: StandardTest;
  readonly advice: Advice;
  readonly worth: number;
}

/** Tests that make what worthier ones start from. */
function openingTheWay(space: Space, inference: Inference, bounds: Bounds, weighed: readonly Weighed[]): Weighed[] {
  const mayBeDone = (t: StandardTest) => isAllowed(t, bounds) && isPointedTo(space, inference, t, hazardOf(t.id, bounds.rules));
  return weighed.flatMap(({ test, advice, worth }) => {
    if (hasItsStart(test, space, bounds.done)) return [];
    return makersOf(test, space)
      .filter((t) => !bounds.done.has(t.id) && hasItsStart(t, space, bounds.done) && mayBeDone(t))
      .map((maker): Weighed => {
        const { minutes, grams } = space.costs[maker.id]!;
        return {
          test: maker,
          worth: ENABLING * worth - minutes * BITS_PER_MINUTE - grams * BITS_PER_GRAM,
          advice: {
            ...advice,
            test: maker.id,
            minutes,
            sample_mg: Math.round(grams * 1000) || 20,
            hazard: hazardOf(maker.id, bounds.rules),
            why: `Opens the way to ${test.title}. ${advice.why}`,
          },
        };
      });
  });
}

const isLook = (test: StandardTest, space: Space): boolean => stationOf(test, space.scheme) === 'look';

function stationCost(test: StandardTest, space: Space): number {
  return BITS_PER_STATION * Object.keys(STATIONS[space.scheme]).indexOf(stationOf(test, space.scheme)!);
}

/** Minutes that it takes to bring a sample into solution, where that has not been done. */
const SOLUTION_MINUTES = 10;

function solutionCost(test: StandardTest, space: Space, { done }: Bounds): number {
  if (!startsOf(test, space.scheme).includes(ORIGINAL_SOLUTION)) return 0;
  const made = testsOf(space.scheme).some((t) => done.has(t.id) && t.makes?.includes(ORIGINAL_SOLUTION));
  return made ? 0 : SOLUTION_MINUTES * BITS_PER_MINUTE;
}

/** Of what a test tells, what counts where its signs are hints at most. */
const HINT = 0.5;

/** Bits that a test tells of what it is for in full, and of all else by the way. */
function toldBy(space: Space, test: StandardTest, groups: readonly Group[], answer: (m: number) => string): number {
  const all = information(test, groups, answer);
  const of = new Set((test.signs ?? []).flatMap((s) => s.of));
  const general = !of.size && test.makes?.length && !test.inTurn;
  if (general || (isLook(test, space) && test.watch[0] !== 'paper' && !test.inTurn)) return all;
  const own = of.size
    ? information(test, groups, (m) =>
        space.members[m]!.holds.filter((id) => of.has(id))
          .sort()
          .join(' '),
      )
    : 0;
  const faint = of.size > 0 && test.signs!.every((sign) => isFaint(space, test, sign));
  return (own + BY_THE_WAY * (all - own)) * (faint ? HINT : 1);
}

/** Likely suspects without proof that a test would prove. */
function provenBy({ suspects }: Inference, test: StandardTest): string[] {
  const proved = new Set((test.signs ?? []).flatMap((s) => (s.proves ? s.of : [])));
  return suspects.flatMap(({ id, state, probability }) =>
    proved.has(id) && state === 'indicated' && probability >= LIKELY ? [id] : [],
  );
}

const proof = (ids: readonly string[], minutes: number, hazard: Hazard): string =>
  `Proves ${listed(ids.map(nameOf))}, if it is there; ${minutesOf(minutes)}; ${HAZARD_WORDS[hazard]}.`;

/** The longest wait in a test, minutes. */
const waitIn = (test: string, rules: HouseRules): number =>
  Math.max(0, ...stepsOf(testById.get(test)!, rules).map(({ op }) => waitOf(op)));

/** Members drawn at even steps through the probability, with the share that each stands for. */
function representatives(space: Space, weights: Float64Array): Map<number, number> {
  const drawn = new Map<number, number>();
  // What is like nothing that is known shows nothing that is known.
  const counts = (m: number) => space.members[m]!.holds.length > 0;
  const total = weights.reduce((sum, w, m) => (counts(m) ? sum + w : sum), 0);
  let sum = 0;
  let taken = 0;
  for (let m = 0; m < weights.length; m++) {
    if (!counts(m)) continue;
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

const onCharcoal = (test: StandardTest, then: boolean) =>
  test.steps.some((s) => 'op' in s && s.op.op === 'charcoal' && (s.op.then !== undefined) === then);

/** Tests of which one has to be done before this one. */
function makersOf(test: StandardTest, space: Space): StandardTest[] {
  const others = testsOf(space.scheme).filter((t) => t.id !== test.id);
  if (onCharcoal(test, true)) return others.filter((t) => onCharcoal(t, false));
  const places = startsOf(test, space.scheme);
  if (!places.length || places.some((p) => ALWAYS_THERE.has(p))) return [];
  return others.filter((t) => t.makes?.some((p) => places.includes(p)));
}

/** Is there what the test is done on? */
function hasItsStart(test: StandardTest, space: Space, done: ReadonlySet<string>): boolean {
  const makers = makersOf(test, space);
  return !makers.length || makers.some((t) => done.has(t.id));
}

const isAllowed = (test: StandardTest, { rules, simulated, notAvailable, aside }: Bounds): boolean =>
  !aside?.has(test.id) && !restriction(test, rules, simulated) && !notAvailable?.some((id) => needs(test, id));

/** Tests that are still to be done, may be done and can be done. */
const open = (space: Space, bounds: Bounds): StandardTest[] =>
  testsOf(space.scheme).filter(
    (test) =>
      !bounds.done.has(test.id) &&
      space.knows(test.id) &&
      test.watch.length > 0 &&
      !test.after?.some((id) => !bounds.done.has(id)) &&
      isAllowed(test, bounds),
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

const minutesOf = (minutes: number): string => `${minutes} ${minutes === 1 ? 'minute' : 'minutes'}`;

/** Probabilities that differ by this between two outcomes are worth naming. */
const NAMED = 0.3;
const MOST_NAMED = 3;

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
    .filter(({ id }, _, all) => kindOf(id) === kindOf(all[0]!.id))
    .slice(0, MOST_NAMED)
    .map(({ id }) => nameOf(id));
  const tells =
    telling.length === 0
      ? 'Narrows down what it may be'
      : telling.length === 1
        ? `Tells whether ${telling[0]!} is there`
        : `Tells ${telling[0]!} from ${listed(telling.slice(1))}`;
  return `${tells}; ${minutesOf(minutes)}; ${HAZARD_WORDS[hazard]}.`;
}
