/**
 * How hard an unknown is: what it takes a student-like solver, going by what the atlas shows, to be sure of it; and with what it is
 * confused on the way.
 */
import { nextOn, routeOf } from '../scheme/route';
import type { HouseRules } from '../scheme/rules';
import { testById } from '../scheme/tests';
import { rulesFor } from './atlas';
import type { RecordEntry } from './entries';
import type { Difficulty } from './hardness';
import { twinsOf } from './held';
import { infer } from './infer';
import { probabilityOf } from './observer';
import type { Space } from './space';
import { seeded, student } from './student';

/** Sure enough to stop. */
const SURE = 0.95;
const WORKINGS = 3;
/** A mixture takes minutes to work. */
const WORKINGS_OF_MIXTURE = 1;
const CONFUSED = 3;
const LEAST_CONFUSED = 0.02;
const MOST_TESTS = 60;

/** Entries after which all that was written is weighed anew: after every one it would take three times as long. */
const WEIGH_EVERY = 3;

interface Working {
  readonly tests: number;
  readonly minutes: number;
  readonly right: boolean;
  readonly others: ReadonlyMap<string, number>;
}

function workOnce(space: Space, m: number, seed: number, allowed: ReadonlySet<string> | null, rules: HouseRules): Working {
  const random = seeded(seed);
  const write = student(random);
  const entries: RecordEntry[] = [];
  const skipped = new Set<string>();
  const others = new Map<string, number>();
  const right = space.called(m);
  const twins = new Set([right, ...twinsOf(space, m).map((t) => space.called(t))]);
  let minutes = 0;
  let likeliest = false;
  const weigh = (): boolean => {
    const { candidates } = infer(space, entries);
    const named = candidates
      .filter((c) => c.name !== undefined || c.ions.length)
      .map((c) => [c.name ?? c.ions.join(' '), c.probability] as const);
    const isIt = ([name]: readonly [string, number]) => twins.has(name) || name === [...space.members[m]!.holds].join(' ');
    likeliest = named[0] !== undefined && isIt(named[0]);
    for (const [name, p] of named) if (!isIt([name, p])) others.set(name, (others.get(name) ?? 0) + p);
    return likeliest && named[0]![1] >= SURE;
  };
  let weighed = 0;
  while (entries.length < MOST_TESTS) {
    const left = [...skipped].map((test, i) => ({ number: entries.length + i + 1, test, observed: [] }));
    const route = routeOf([...entries, ...left], rules, true, space.scheme);
    const next = nextOn(route);
    if (!next) break;
    if (!space.knows(next.id) || (allowed && !allowed.has(next.id))) {
      skipped.add(next.id);
      continue;
    }
    const outcomes = space.shows(m, next.id);
    const shown = outcomes[Math.floor(random() * outcomes.length)]!;
    entries.push({ number: entries.length + 1, test: next.id, observed: write(testById.get(next.id)!, shown) });
    minutes += space.costs[next.id]?.minutes ?? 1;
    if (entries.length % WEIGH_EVERY === 0) {
      weighed++;
      if (weigh()) break;
    }
  }
  if (entries.length % WEIGH_EVERY) {
    weighed++;
    weigh();
  }
  return {
    tests: entries.length,
    minutes,
    right: likeliest,
    others: new Map([...others].map(([name, p]) => [name, p / Math.max(1, weighed)])),
  };
}

/**
 * @param m the member of the space that it is.
 * @param allowed tests that may be done; all by default.
 */
export function difficultyOf(space: Space, m: number, allowed: ReadonlySet<string> | null = null): Difficulty {
  const rules = rulesFor(space.scheme);
  const workings = space.members[m]!.composed ? WORKINGS_OF_MIXTURE : WORKINGS;
  const all = Array.from({ length: workings }, (_, i) => workOnce(space, m, 1 + i + 7919 * m, allowed, rules));
  const mean = (of: (w: Working) => number) => all.reduce((sum, w) => sum + of(w), 0) / all.length;
  const names = [...new Set(all.flatMap((w) => [...w.others.keys()]))];
  const confused = names
    .map((name): [string, number] => [name, Math.round(100 * mean((w) => w.others.get(name) ?? 0)) / 100])
    .filter(([, p]) => p >= LEAST_CONFUSED)
    .sort((a, b) => b[1] - a[1])
    .slice(0, CONFUSED);
  return {
    tests: Math.round(mean((w) => w.tests)),
    minutes: Math.round(mean((w) => w.minutes)),
    right: mean((w) => Number(w.right)),
    confused,
  };
}

/** Decibans by which a test tells two members apart, whoever of them it is, when it is written down as it is seen. */
export function partedBy(space: Space, a: number, b: number, test: string): number {
  const of = testById.get(test);
  if (!of || !space.knows(test)) return 0;
  const [seenA, seenB] = [space.outline(a, test), space.outline(b, test)];
  const one = (right: typeof seenA, wrong: typeof seenA) =>
    10 * Math.log10(Math.max(1e-12, probabilityOf(of, right, right)) / Math.max(1e-12, probabilityOf(of, right, wrong)));
  return Math.max(0, (one(seenA, seenB) + one(seenB, seenA)) / 2);
}
