/** Works a simulated sample to a conclusion on its own, by the scheme's order or by the best next test. */
import type { SampleSpec } from '../bench/sample';
import type { Observation } from '../vocabulary/observation';
import { nextOn, routeOf, setAside } from '../scheme/route';
import { testById } from '../scheme/tests';
import { CIRCUMSTANCES } from '../scheme/data/circumstances';
import { World } from '../scheme/world';
import { advise, proving } from './advise';
import type { Bounds } from './premises';
import { rulesFor } from './atlas';
import type { RecordEntry } from './entries';
import { infer, type Inference, SURE } from './infer';
import { settlingTest } from './settle';
import type { Observer } from './student';
import type { Space } from './space';

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

/** Sure enough to stop, when the tests are chosen. */
const ENOUGH = 0.995;
const MOST_TESTS = 40;
/** Tests after which a sample is not an easy one, and the probability from which an ion of a mixture is in doubt. */
const EASY = 10;
const DOUBT = 0.05;

/** @param random a number in 0…1 for every test, by which its circumstances are drawn; by default all are the usual ones. */
export function solve(
  space: Space,
  sample: SampleSpec,
  way: WayOfWorking,
  observer: Observer,
  random: () => number = () => 0,
): Worked {
  const rules = rulesFor(space.scheme);
  const worlds = CIRCUMSTANCES.map((circumstance) => new World(sample, space.scheme, rules, circumstance));
  const entries: RecordEntry[] = [];
  const thoughts: Inference['suspects'][] = [];
  let minutes = 0;
  let grams = 0;
  let inference = infer(space, entries);
  // What two salts show together is at first only composed: each of their ions has to be proved by a test of its own.
  const mixed = space.members.some((m) => m.composed);
  const proof = (bounds: Bounds, doubt = 0.5): string | undefined => {
    if (!mixed) return undefined;
    const unproved = inference.suspects.filter((c) => c.probability >= doubt && c.state !== 'confirmed');
    unproved.sort((a, b) => Math.abs(a.probability - 0.5) - Math.abs(b.probability - 0.5));
    return unproved.flatMap((c) => proving(space, c.id, bounds) ?? [])[0];
  };
  const settled = new Set<number>();
  const settling = (bounds: Bounds): string | undefined => {
    const conflict = inference.conflicts.find((c) => !settled.has(c.entry));
    if (!conflict) return undefined;
    settled.add(conflict.entry);
    return settlingTest(space, inference, entries, conflict, bounds);
  };
  const next = (): string | undefined => {
    const route = routeOf(entries, rules, true, space.scheme);
    if (way === 'systematic') return nextOn(route)?.id;
    const closing = route.flatMap((s) => s.stops).find((s) => s.test.closes && s.standing.is === 'to-come')?.test.id;
    if (entries.length >= MOST_TESTS) return closing;
    if (mixed && inference.candidates[0]!.probability >= ENOUGH) inference = infer(space, entries, SURE);
    const done = new Set(entries.map((e) => e.test));
    const aside = setAside(route);
    const bounds = { rules, simulated: true, done, aside };
    if (inference.candidates[0]!.probability >= ENOUGH) return proof(bounds) ?? closing;
    // Advice rests on the composed outcomes; when it has not settled a mixture, the ions in doubt are tried themselves.
    const hard = entries.length >= EASY;
    const direct = (hard ? settling(bounds) : undefined) ?? (hard && entries.length % 2 ? proof(bounds, DOUBT) : undefined);
    const advised = direct ?? advise(space, inference, bounds, 1)[0]?.test ?? proof(bounds, DOUBT);
    return advised ?? (mixed ? nextOn(route)?.id : closing);
  };
  for (let test = next(); test !== undefined; test = next()) {
    const shown = worlds[Math.floor(random() * worlds.length)]!.result(test);
    entries.push({ number: entries.length + 1, test, observed: observer(testById.get(test)!, shown.see) });
    minutes += space.costs[test]?.minutes ?? 1;
    grams += shown.grams;
    if (way === 'advised') thoughts.push((inference = infer(space, entries)).suspects);
  }
  inference = infer(space, entries, SURE);
  thoughts.push(inference.suspects);
  return {
    found: inference.candidates[0]!.ions,
    tests: entries.length,
    minutes,
    sample_mg: Math.round(grams * 1000),
    confirmed: inference.suspects.filter((c) => c.state === 'confirmed').map((c) => c.id),
    inference,
    thoughts,
    log: entries.map(({ test, observed }) => ({ test, observed })),
  };
}
