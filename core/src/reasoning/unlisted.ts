/**
 * Compounds that nobody listed: one for all that hold the same elements and groups, of those that some test has a sign of. Any two groups
 * may stand together, with the elements that they bring and others beside.
 */
import { type Group, TESTED_ELEMENTS, type TestedElement } from '../organic/data/features';
import { testsOf } from '../scheme/tests';
import { ELEMENTS_IN } from './data/elements-in';
import { isElement } from './kinds';

const HALOGENS: ReadonlySet<string> = new Set(['Cl', 'Br', 'I']);

/** Groups that some test has a sign of. */
export const TESTED_GROUPS: readonly string[] = [
  ...new Set(testsOf('organic').flatMap((t) => t.signs?.flatMap((s) => s.of) ?? [])),
].filter((id) => !isElement(id));

/** All that hold the same, and their share of what is not listed. */
export interface Unlisted {
  readonly holds: readonly string[];
  readonly share: number;
}

/** Of what is not listed so much holds groups together as a listed compound does; the rest by how often each group is met. By judgement. */
const AS_LISTED = 0.5;
/** Groups that stand together though in no listed compound they do, and elements beyond those that groups bring: so many at most. */
const TOGETHER = 2;
const BEYOND = { few: 2, many: 1 };
/** Two halogens stand together so much less often than by how often each is met. By judgement: few unknowns that are set have two. */
const TWO_HALOGENS = 0.2;

const subsets = <T>(of: readonly T[], most: number): T[][] =>
  of.reduce<T[][]>((all, one) => [...all, ...all.filter((s) => s.length < most).map((s) => [...s, one])], [[]]);

function scaled<T extends { readonly share: number }>(list: readonly T[], to = 1): T[] {
  const sum = list.reduce((all, { share }) => all + share, 0);
  return list.map((one) => ({ ...one, share: (to * one.share) / sum }));
}

type Holdings = readonly string[];
type Frequency = ReadonlyMap<string, number>;

const frequencyIn = (known: readonly Holdings[]) => (id: string) => known.filter((h) => h.includes(id)).length / known.length;
const broughtBy = (groups: Holdings) => groups.flatMap((g) => ELEMENTS_IN[g as Group] ?? []);

/** Probability of holding just these of all, were each held as often as it is whatever else is. */
const product = (frequency: Frequency, all: Holdings, held: Holdings) =>
  all.reduce((p, id) => p * (held.includes(id) ? frequency.get(id)! : 1 - frequency.get(id)!), 1);

/** Which groups stand together, with their shares. */
function setsOfGroups(known: readonly Holdings[], frequency: Frequency): { groups: Holdings; share: number }[] {
  const tested = known.map((h) => h.filter((id) => TESTED_GROUPS.includes(id)));
  const any = subsets(TESTED_GROUPS, TOGETHER).map((groups) => ({ groups, share: product(frequency, TESTED_GROUPS, groups) }));
  const sets = new Map<string, { groups: Holdings; share: number }>();
  for (const one of [...tested.map((groups) => ({ groups, share: AS_LISTED / known.length })), ...scaled(any, 1 - AS_LISTED)]) {
    const key = [...one.groups].sort().join(' ');
    sets.set(key, { groups: one.groups, share: one.share + (sets.get(key)?.share ?? 0) });
  }
  return [...sets.values()];
}

/**
 * The elements that groups bring, one way or another, with others beside them.
 * @param frequency of each element. @param beyond the same where no group brings it.
 */
function withElements(groups: Holdings, frequency: Frequency, beyond: Frequency): Unlisted[] {
  const ways = broughtBy(groups).reduce<TestedElement[][]>(
    (all, any) => all.flatMap((way) => any.map((e) => (way.includes(e) ? way : [...way, e]))),
    [[]],
  );
  return ways.flatMap((own) => {
    const weight = own.reduce((p, e) => p * frequency.get(e)!, 1);
    const isSettled = (e: string) => own.some((o) => o === e || (HALOGENS.has(o) && HALOGENS.has(e)));
    const others = TESTED_ELEMENTS.filter((e) => !isSettled(e));
    return subsets(others, groups.length < TOGETHER ? BEYOND.few : BEYOND.many).map((more) => {
      const halogens = more.filter((e) => HALOGENS.has(e)).length;
      return {
        holds: [...own, ...more, ...groups, ...(halogens ? ['aryl-halide'] : [])],
        share: weight * product(beyond, others, more) * (halogens > 1 ? TWO_HALOGENS : 1),
      };
    });
  });
}

/** @param known what each listed compound holds. */
export function unlistedBeside(known: readonly Holdings[]): Unlisted[] {
  const frequency = new Map([...TESTED_ELEMENTS, ...TESTED_GROUPS].map((id) => [id, frequencyIn(known)(id)]));
  const without = (e: TestedElement) => known.filter((h) => !broughtBy(h).some((any) => any.includes(e)));
  const beyond = new Map(TESTED_ELEMENTS.map((e) => [e, frequencyIn(without(e))(e)]));
  return setsOfGroups(known, frequency).flatMap(({ groups, share }) => scaled(withElements(groups, frequency, beyond), share));
}
