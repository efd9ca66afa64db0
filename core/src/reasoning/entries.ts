/** Entries of a record, and which of them reasoning can use. */
import { isTest, isUnnamed, namedOrNot, type Procedure, signsOfTest, testOf } from '../scheme/procedure';
import { fits, FREE_WORK } from '../scheme/tests';
import type { Pattern, Scheme, Sign } from '../scheme/model';
import type { HouseRules } from '../scheme/rules';
import { isNothing, type Observation } from '../vocabulary/observation';
import type { Space } from './space';

export interface RecordEntry {
  /** From 1, as in the ledger. */
  readonly number: number;
  readonly test: string;
  readonly observed: readonly Observation[];
  readonly confidence?: 'sure' | 'unsure';
  /** What was done, where the test has no name of its own. */
  readonly did?: Procedure;
  /** Done on a blank, not on the sample. */
  readonly control?: 'blank';
  /** A blank of the same test was clean. */
  readonly beside?: true;
}

export interface Unused {
  readonly entry: number;
  readonly why: string;
}

/** Entries of which something was done without a name, under the test that it is. The entries given are not changed. */
export const underTheirTests = (entries: readonly RecordEntry[], scheme: Scheme, rules: HouseRules): RecordEntry[] =>
  entries.map((e) => (e.did && e.test === FREE_WORK ? { ...e, test: namedOrNot(e.did, scheme, rules) } : e));

/** Where the sample is to dissolve, what is said of its solubility is said of what it leaves. */
const LEAVES = { soluble: 'none', 'partly-soluble': 'persists', insoluble: 'persists' } as const;

/** What of an entry belongs to its test. */
export function watched(e: RecordEntry): Observation[] {
  const { watch, inTurn } = testOf(e.test)!;
  const told = e.observed.map((o): Observation =>
    inTurn && o.channel === 'solubility' && o.event ? { channel: 'precipitate', event: LEAVES[o.event] } : o,
  );
  return told.filter((o) => watch.includes(o.channel));
}

/** Fields that people leave out as often as not. */
const IN_PASSING: ReadonlySet<string> = new Set([
  'duration',
  'texture',
  'amount',
  'clarity',
  'position',
  'vigour',
  'through',
  'look',
  'zone',
]);

type Same = (told: unknown, wanted: unknown) => boolean;
const exactly: Same = (told, wanted) => told === wanted;
/** A word without its shade, as green for apple-green, may stand for any shade of it; white has none. */
const inHue: Same = (told, wanted) =>
  told === wanted || (told !== 'white' && typeof wanted === 'string' && wanted.endsWith(`-${String(told)}`));

/** Does what was told fit a pattern, as far as it was told? */
function fitsAsTold(o: Observation, pattern: Pattern, same: Same): boolean {
  return Object.entries(pattern).every(([field, wanted]) => {
    const told = o[field as keyof Observation] as unknown;
    if (told === undefined) return IN_PASSING.has(field) || (field === 'event' && o.colour !== undefined);
    return Array.isArray(wanted) ? wanted.some((one) => same(told, one)) : same(told, wanted);
  });
}

/** The signs that an entry shows, as far as it was told. */
const signsIn = ({ test, observed }: RecordEntry, same = exactly): Sign[] =>
  signsOfTest(test).filter(
    ({ see, not = [] }) =>
      see.every((pattern) => observed.some((o) => fitsAsTold(o, pattern, same))) &&
      !not.some((pattern) => observed.some((o) => fits(o, pattern))),
  );

/** May an entry show a sign of one of these, if its colours were told without their shades? */
export const mayShow = (entry: RecordEntry, ids: readonly string[]): boolean =>
  signsIn(entry, inHue).some((s) => s.of.some((id) => ids.includes(id)));

/** What an entry shows a sign of. */
export const shownBy = (entry: RecordEntry): string[] => [...new Set(signsIn(entry).flatMap((s) => s.of))];

/** The signs of an ion, element or group that an entry shows. */
export const signsShown = (entry: RecordEntry, of: string): Sign[] => signsIn(entry).filter((s) => s.of.includes(of));

/** Does an entry show a part of a sign of something, and say nothing of the rest of it? */
export function showsPart(entry: RecordEntry, of: string): boolean {
  const things = entry.observed.filter((o) => !isNothing(o));
  const told = new Set(entry.observed.map((o) => o.channel));
  return signsOfTest(entry.test).some(
    ({ of: ids, see, not = [] }) =>
      ids.includes(of) &&
      see.some((pattern) => things.some((o) => fitsAsTold(o, pattern, exactly))) &&
      see.every((pattern) => !told.has(pattern.channel) || entry.observed.some((o) => fitsAsTold(o, pattern, exactly))) &&
      !not.some((pattern) => entry.observed.some((o) => fits(o, pattern))),
  );
}

function whyUnused(space: Space, e: RecordEntry): string | null {
  if (e.test === FREE_WORK) return 'it does not say what was done; write it under a test, or on the tube in which it was seen';
  if (!isTest(e.test)) return `there is no standard test "${e.test}"`;
  if (!space.knows(e.test))
    return isUnnamed(e.test)
      ? 'what was done has no name, and is not followed for compounds yet; write it under the nearest test'
      : 'this test is not one of the school';
  if (!e.observed.length) return 'nothing was written down';
  return watched(e).length ? null : 'nothing of what was written can be seen in this test';
}

/** Something that was seen of the sample, the blank shows too. */
function shownByBlank(blank: RecordEntry, e: RecordEntry): boolean {
  const events = watched(e).filter((o) => !isNothing(o));
  return (
    events.length > 0 &&
    events.every((o) => watched(blank).some((b) => b.channel === o.channel && !isNothing(b) && b.colour === o.colour))
  );
}

/** The entries that are evidence, and why the others are not. */
export function usable(space: Space, record: readonly RecordEntry[]): { used: RecordEntry[]; unused: Unused[] } {
  const used: RecordEntry[] = [];
  const unused: Unused[] = [];
  const blanks = record.filter((e) => e.control === 'blank' && !whyUnused(space, e));
  for (const e of record) {
    const beside = blanks.filter((b) => b.test === e.test);
    const why =
      whyUnused(space, e) ??
      (e.control === 'blank'
        ? 'a blank tells of the reagents, not of the sample'
        : beside.some((b) => shownByBlank(b, e))
          ? 'the blank shows the same'
          : null);
    // A blank that was written beside an entry is a part of it.
    if (e.control === 'blank' && record.some((other) => other !== e && other.number === e.number)) continue;
    if (why) unused.push({ entry: e.number, why });
    else used.push(beside.length ? { ...e, beside: true } : e);
  }
  return { used, unused };
}
