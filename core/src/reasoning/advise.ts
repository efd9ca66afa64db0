/** Which test is worth doing next: what it would tell this observer of what is still in question, and what it costs. */
import { testOf } from '../scheme/procedure';
import { ownCautionsOf, isDangerous } from '../scheme/needs';
import type { HouseRules } from '../scheme/rules';
import type { StandardTest } from '../scheme/model';
import { waitOf } from '../scheme/say';
import { showsSign, stationOf, stepsOf, TESTS, testsOf } from '../scheme/tests';
import { type Hazard, opens, outcome, owed, proof, reason } from './advice-words';
import { type Asking, different } from './different';
import type { Inference } from './infer';
import { type Group, groupsOf, information } from './information';
import { isInSolution, isLook, solventToTry, stationsAhead } from './path';
import { type Bounds, hasItsStart, isAllowed, isAnswered, lacksItsReason, makersOf, open, suspectsOf } from './premises';
import type { Space } from './space';
import { isFaint } from './states';

export interface Advice {
  readonly test: string;
  /** Expected information on what is in the sample, as the observer would see it. */
  readonly bits: number;
  readonly minutes: number;
  readonly sample_mg: number;
  readonly hazard: Hazard;
  readonly why: string;
  /** The different outcomes, with the weight of what would show them; none where it only opens the way. */
  readonly splits: readonly { readonly outcome: string; readonly probability: number }[];
  /** Another test worth doing, that is done while one waits for this one. */
  readonly meanwhile?: string;
}

/** A minute and a hazard are worth so many bits; so is every gram, which is then not there for the rest. */
const BITS_PER_MINUTE = 0.025;
const BITS_PER_GRAM = 0.5;
const HAZARD_BITS: Readonly<Record<Hazard, number>> = { low: 0, medium: 0.08, high: 0.6 };
/** Every station beyond where one has got to on the school's path costs so many bits: dry before wet, groups before single ions. */
const BITS_PER_STATION = 0.12;
/** What a test tells by the way, of what it is not for, counts for so much. */
const BY_THE_WAY = 0.2;
/** Of what a test is worth, the share that goes to the one that has to be done before it. */
const ENABLING = 0.8;
/** A test opens the way to no more than so many at once. */
const MOST_OPENED = 4;
/** What a test is worth that every conclusion on a compound needs, beside what it tells. */
const OWED_BITS = 0.6;
/** What proof of a likely suspect is worth, and from when it is likely. */
const PROOF_BITS = 0.8;
const LIKELY = 0.7;
/** A test proves a suspect if so much of what may hold it shows its proof there. */
const PROVED_SHARE = 0.3;
/** Less than this is not worth getting up for. */
const LEAST_BITS = 0.02;
/** Minutes of waiting in which something else can be done. */
const WORTH_USING = 3;
/** Nobody does anything with a sample before looking at it. */
const FIRST_BITS = 2;
/** Possibilities drawn to stand for all, in proportion to their weights. */
const DRAWN = 300;
/** Something points to a suspect once it is this likely, and at least so many times as likely as before. */
const POINTED = { probability: 0.03, dangerous: 0.1, rise: 1.5 };

export function hazardOf(test: string, rules: HouseRules): Hazard {
  const standard = testOf(test)!;
  if (isDangerous(standard, rules)) return 'high';
  return ownCautionsOf(standard, rules).length ? 'medium' : 'low';
}

const round = (x: number, digits = 2) => Number(x.toFixed(digits));

/** A question of yes or no: a test is worth what it tells of the answer, and only some tests are asked. */
export interface Question {
  readonly isSo: (member: number) => boolean;
  readonly asks: (test: StandardTest) => boolean;
}

/** Tests worth doing next, best first. */
export function advise(space: Space, inference: Inference, bounds: Bounds, most = 5, about?: Question): Advice[] {
  const drawn = representatives(inference.weights);
  const holdings = new Map<number, string>(
    [...drawn.keys()].map((m) => [m, space.members[m]!.name ?? space.members[m]!.holds.join(' ')]),
  );
  const answer = about ? (m: number) => String(about.isSo(m)) : (m: number) => holdings.get(m)!;
  const weighed = open(space, bounds).flatMap((test): Weighed[] => {
    const hazard = isLook(test, space) ? 'medium' : hazardOf(test.id, bounds.rules);
    if (about ? !about.asks(test) : !isPointedTo(space, inference, test, hazard)) return [];
    const groups = groupsOf(space, test, drawn);
    const proves = about ? [] : provenBy(space, inference, test, drawn);
    const bits = about ? information(test, groups, answer) : toldBy(space, test, groups, answer);
    if (bits < LEAST_BITS && !proves.length && !isOwed(test, bounds)) return [];
    const { minutes, grams } = space.costs[test.id]!;
    const far =
      about || proves.length ? 0 : BITS_PER_STATION * stationsAhead(test, space, bounds) + solutionCost(test, space, bounds);
    const cost = minutes * BITS_PER_MINUTE + grams * BITS_PER_GRAM + HAZARD_BITS[hazard] + far;
    const advice: Advice = {
      test: test.id,
      bits: round(bits),
      minutes,
      sample_mg: Math.round(grams * 1000) || 20,
      hazard,
      why: proves.length
        ? proof(proves, minutes, hazard)
        : bits < LEAST_BITS
          ? owed([...suspectsOf(test)], minutes, hazard)
          : reason(space, test, groups, minutes, hazard),
      splits: groups.slice(0, 6).map(({ seen, share }) => ({ outcome: outcome(seen), probability: round(share, 3) })),
    };
    const tells = bits + bitsByPlace(test, space, bounds);
    const worth = tells + PROOF_BITS * Math.min(1, proves.length) - cost;
    return [{ test, advice, worth, tells, about: suspectsOf(test) }];
  });
  const ready = weighed.filter(
    ({ test }) => hasItsStart(test, space, bounds.done) && (about || !lacksItsReason(test, space, bounds)),
  );
  const list = about ? ready : [...ready, ...openingTheWay(space, inference, bounds, weighed)];
  const best = new Map<string, Weighed>();
  for (const one of list) if (!((best.get(one.test.id)?.worth ?? -Infinity) >= one.worth)) best.set(one.test.id, one);
  const out = [...best.values()].sort((a, b) => b.worth - a.worth);
  const odds = new Map(inference.suspects.map(({ id, probability }) => [id, probability]));
  return different(out, most, (id) => odds.get(id)! * (1 - odds.get(id)!)).map(({ advice: a }) => {
    const waits = waitIn(a.test, bounds.rules);
    const meanwhile = waits < WORTH_USING ? undefined : out.find(({ advice: b }) => b !== a && b.minutes <= waits)?.test.id;
    return meanwhile === undefined ? a : { ...a, meanwhile };
  });
}

interface Weighed extends Asking {
  readonly test: StandardTest;
  readonly advice: Advice;
}

/** Tests that make what worthier ones start from; what opens the way to several is worth them all. */
function openingTheWay(space: Space, inference: Inference, bounds: Bounds, weighed: readonly Weighed[]): Weighed[] {
  const mayBeDone = (t: StandardTest) => isAllowed(t, bounds) && isPointedTo(space, inference, t, hazardOf(t.id, bounds.rules));
  const solvent = solventToTry(space, bounds);
  const opened = new Map<StandardTest, Weighed[]>();
  for (const one of [...weighed].sort((a, b) => b.worth - a.worth)) {
    const makers =
      solvent && isInSolution(one.test, space)
        ? [solvent]
        : hasItsStart(one.test, space, bounds.done)
          ? []
          : makersOf(one.test, space);
    for (const maker of makers)
      if (!bounds.done.has(maker.id) && hasItsStart(maker, space, bounds.done) && mayBeDone(maker))
        opened.set(maker, [...(opened.get(maker) ?? []), one]);
  }
  return [...opened].map(([maker, after]): Weighed => {
    const { minutes, grams } = space.costs[maker.id]!;
    const hazard = hazardOf(maker.id, bounds.rules);
    const best = after.slice(0, MOST_OPENED);
    const together = best.reduce((sum, { worth }, i) => sum + (i === 0 ? worth : Math.max(0, worth)), 0);
    return {
      test: maker,
      tells: 0,
      about: new Set(),
      worth: ENABLING * together - minutes * BITS_PER_MINUTE - grams * BITS_PER_GRAM,
      advice: {
        ...best[0]!.advice,
        test: maker.id,
        splits: [],
        minutes,
        sample_mg: Math.round(grams * 1000) || 20,
        hazard,
        why: opens(
          best.map(({ test }) => test),
          minutes,
          hazard,
        ),
      },
    };
  });
}

/** Bits that a test is worth by its place on the path, beside what it tells. */
const bitsByPlace = (test: StandardTest, space: Space, bounds: Bounds): number =>
  !bounds.done.size && test === testsOf(space.scheme)[0] ? FIRST_BITS : isOwed(test, bounds) ? OWED_BITS : 0;

/** Of what a test tells, what counts where its signs are hints at most. */
const HINT = 0.5;

/** Minutes that it takes to bring a sample into solution, where that has not been done. */
const SOLUTION_MINUTES = 10;

const solutionCost = (test: StandardTest, space: Space, bounds: Bounds): number =>
  isInSolution(test, space) && solventToTry(space, bounds) ? SOLUTION_MINUTES * BITS_PER_MINUTE : 0;

/** Stations whose tests are for everything at once. */
const CLASSING: ReadonlySet<string> = new Set(['solubility']);

/** Bits that a test tells of what it is for in full, and of all else by the way. */
function toldBy(space: Space, test: StandardTest, groups: readonly Group[], answer: (m: number) => string): number {
  const all = information(test, groups, answer);
  const of = suspectsOf(test);
  const general = !of.size && !test.inTurn && (test.makes?.length || CLASSING.has(stationOf(test, space.scheme)!));
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

/** Likely suspects without proof that a test would prove, as far as is known what they are in. */
function provenBy(space: Space, { suspects }: Inference, test: StandardTest, drawn: ReadonlyMap<number, number>): string[] {
  return suspects.flatMap(({ id, state, probability }) => {
    if (state !== 'indicated' || probability < LIKELY) return [];
    const proofs = (test.signs ?? []).filter((s) => s.proves && s.of.includes(id));
    if (!proofs.length) return [];
    let [all, shown] = [0, 0];
    for (const [m, weight] of drawn) {
      if (!space.members[m]!.holds.includes(id)) continue;
      all += weight;
      if (proofs.some((sign) => showsSign(space.outline(m, test.id), sign))) shown += weight;
    }
    return shown >= PROVED_SHARE * all ? [id] : [];
  });
}

/** The longest wait in a test, minutes. */
const waitIn = (test: string, rules: HouseRules): number =>
  Math.max(0, ...stepsOf(testOf(test)!, rules).map(({ op }) => waitOf(op)));

/** Members drawn at even steps through the probability, with the share that each stands for. */
function representatives(weights: Float64Array): Map<number, number> {
  const drawn = new Map<number, number>();
  let sum = 0;
  let taken = 0;
  for (let m = 0; m < weights.length; m++) {
    sum += weights[m]!;
    const upTo = Math.min(DRAWN, Math.round(sum * DRAWN));
    if (upTo > taken) drawn.set(m, (upTo - taken) / DRAWN);
    taken = Math.max(taken, upTo);
  }
  return drawn;
}

/** A test for single suspects waits until something points to one of them that is not settled yet; a dangerous one the more so. */
function isPointedTo(space: Space, inference: Inference, test: StandardTest, hazard: Hazard): boolean {
  const of = suspectsOf(test);
  const owed = isForElements(test) && !(hazard === 'high' && isForPairs(test));
  if (!of.size || owed || (hazard !== 'high' && !test.signs!.every((s) => s.proves))) return true;
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

/** What every report on a compound says of it. */
const OWED: ReadonlySet<string> = new Set(['N', 'S', 'Cl', 'Br', 'I']);
const isForElements = ({ signs = [] }: StandardTest): boolean =>
  signs.length > 0 && signs.every((s) => s.of.every((id) => OWED.has(id)));
/** Does it tell several elements at once, of which other tests tell each alone? Only what points to one of them makes it worth its danger. */
const isForPairs = (test: StandardTest): boolean =>
  suspectsOf(test).size > 1 &&
  [...suspectsOf(test)].every((id) =>
    TESTS.some((other) => other !== test && isForElements(other) && [...suspectsOf(other)].every((told) => told === id)),
  );
/** The elements of a compound are owed whatever it is, each once: their tests wait for nothing that points to them. */
const isOwed = (test: StandardTest, { done }: Bounds): boolean => isForElements(test) && !isAnswered(test.id, done);

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

/**
 * The quickest test that proves a suspect; where no test can, the quickest that has a sign of it and is not done for what another shows,
 * until one was done that speaks for itself.
 */
export function proving(space: Space, suspect: string, bounds: Bounds): string | undefined {
  const signsIn = (t: StandardTest) => (t.signs ?? []).filter((s) => s.of.includes(suspect));
  const minutes = (t: StandardTest) => space.costs[t.id]!.minutes;
  const tests = open(space, bounds).sort((a, b) => minutes(a) - minutes(b));
  const proof = tests.find((t) => signsIn(t).some((s) => s.proves));
  const told = [...bounds.done].map((id) => testOf(id)!).some((t) => signsIn(t).some((s) => !isFaint(space, t, s)));
  return (proof ?? (told ? undefined : tests.find((t) => signsIn(t).length && !lacksItsReason(t, space, bounds))))?.id;
}
