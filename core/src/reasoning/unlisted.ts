/**
 * Compounds that nobody listed: one for all that hold the same elements and groups, of those that some test has a sign of. Any two groups
 * may stand together, with the elements that they bring and others beside.
 */
import { type Group, TESTED_ELEMENTS, type TestedElement } from '../organic/data/features';
import { testsOf } from '../scheme/tests';
import { ELEMENTS_IN } from './data/elements-in';

export const isElement = (suspect: string): suspect is TestedElement => (TESTED_ELEMENTS as readonly string[]).includes(suspect);
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

/** Of what is not listed so much holds groups together as a listed compound does; the rest by how often each group is met. */
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

const broughtBy = (groups: readonly string[]) => groups.flatMap((g) => ELEMENTS_IN[g as Group] ?? []);
const product = (share: (id: TestedElement) => number, all: readonly TestedElement[], held: readonly TestedElement[]) =>
  all.reduce((p, e) => p * (held.includes(e) ? share(e) : 1 - share(e)), 1);

/** @param known what each listed compound holds. */
export function unlistedBeside(known: readonly (readonly string[])[]): Unlisted[] {
  const frequency = (id: string, among = known) => among.filter((h) => h.includes(id)).length / among.length;
  const beyond = new Map(
    TESTED_ELEMENTS.map(
      (e) =>
        [
          e,
          frequency(
            e,
            known.filter((h) => !broughtBy(h).some((any) => any.includes(e))),
          ),
        ] as const,
    ),
  );
  /** The elements that groups bring, one way or another, with others beside them. */
  const withElements = (groups: readonly string[]): Unlisted[] => {
    const brought = broughtBy(groups).reduce<TestedElement[][]>(
      (ways, any) => ways.flatMap((way) => any.map((e) => (way.includes(e) ? way : [...way, e]))),
      [[]],
    );
    return brought.flatMap((own) => {
      const weight = own.reduce((p, e) => p * frequency(e), 1);
      const others = TESTED_ELEMENTS.filter((e) => !own.includes(e) && !(HALOGENS.has(e) && own.some((o) => HALOGENS.has(o))));
      return subsets(others, groups.length < TOGETHER ? BEYOND.few : BEYOND.many).map((more) => {
        const halogens = more.filter((e) => HALOGENS.has(e)).length;
        return {
          holds: [...own, ...more, ...groups, ...(halogens ? ['aryl-halide'] : [])],
          share: weight * product((e) => beyond.get(e)!, others, more) * (halogens > 1 ? TWO_HALOGENS : 1),
        };
      });
    });
  };
  const sets = new Map<string, { groups: readonly string[]; share: number }>();
  const add = (groups: readonly string[], share: number) => {
    const key = [...groups].sort().join(' ');
    sets.set(key, { groups, share: share + (sets.get(key)?.share ?? 0) });
  };
  for (const h of known)
    add(
      h.filter((id) => TESTED_GROUPS.includes(id)),
      AS_LISTED / known.length,
    );
  const any = subsets(TESTED_GROUPS, TOGETHER).map((groups) => ({
    groups,
    share: TESTED_GROUPS.reduce((p, g) => p * (groups.includes(g) ? frequency(g) : 1 - frequency(g)), 1),
  }));
  for (const { groups, share } of scaled(any, 1 - AS_LISTED)) add(groups, share);
  return [...sets.values()].flatMap(({ groups, share }) => scaled(withElements(groups), share));
}
