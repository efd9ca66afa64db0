/** Laying a procedure on the tubes of a real bench. */
import { filledBy, type Op, placesIn } from '../bench/ops';
import type { StandardTest } from './model';
import type { HouseRules } from './rules';
import { freeTubes, isFresh, onVessels, schemeOf, startsOf, stepsOf, testsOf } from './tests';

/** Does the first operation on this place put something fresh into it? */
export function startsAnew(ops: readonly Op[], place: string): boolean {
  const first = ops.find((op) => placesIn(op).includes(place));
  return !!first && filledBy(first) === place;
}

/** The tube that stands for a shared place now: `F1`, or after working it anew `F1-2`, `F1-3`. */
export function tubeFor(place: string, vessels: Iterable<string>): string | undefined {
  const numbered = [...vessels]
    .map((id) => (id === place ? 1 : id.startsWith(`${place}-`) ? Number(id.slice(place.length + 1)) : NaN))
    .filter((n) => n >= 1);
  if (!numbered.length) return undefined;
  const last = Math.max(...numbered);
  return last === 1 ? place : `${place}-${last}`;
}

export type Layout =
  | { readonly tubes: Readonly<Record<string, string>> }
  /** A shared tube that is not there yet, and the tests that make it. */
  | { readonly missing: string; readonly makers: readonly StandardTest[] };

/** Chooses a tube for every place of the test. */
export function layOut(test: StandardTest, rules: HouseRules, vessels: readonly string[]): Layout {
  const scheme = schemeOf(test, rules);
  const steps = stepsOf(test, rules);
  const starts = startsOf(test, scheme);
  const start = starts.find((p) => tubeFor(p, vessels)) ?? starts.at(-1);
  const ops = steps.map((s) => onVessels(s.op, start ? { '@': start } : {}));
  const places = [...new Set(ops.flatMap(placesIn))];
  const fresh = freeTubes(vessels, places.filter(isFresh).length);
  const tubes: Record<string, string> = {};
  for (const place of places) {
    if (isFresh(place)) {
      tubes[place] = fresh.shift()!;
      continue;
    }
    const now = tubeFor(place, vessels);
    if (startsAnew(ops, place))
      tubes[place] = now === undefined ? place : `${place}-${Number(now.slice(place.length + 1) || 1) + 1}`;
    else if (now !== undefined) tubes[place] = now;
    else return { missing: place, makers: testsOf(scheme).filter((t) => t.makes?.includes(place) && t.id !== test.id) };
  }
  if (start) tubes['@'] = tubes[start] ?? start;
  return { tubes };
}
