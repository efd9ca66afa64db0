/** Entries of a record, and which of them reasoning can use. */
import { showsSign, testById } from '../scheme/tests';
import type { Sign } from '../scheme/model';
import type { Observation } from '../vocabulary/observation';
import type { Space } from './space';

export interface RecordEntry {
  /** From 1, as in the ledger. */
  readonly number: number;
  readonly test: string;
  readonly observed: readonly Observation[];
  readonly confidence?: 'sure' | 'unsure';
}

export interface Unused {
  readonly entry: number;
  readonly why: string;
}

/** What of an entry belongs to its test. */
export const watched = (e: RecordEntry): Observation[] =>
  e.observed.filter((o) => testById.get(e.test)!.watch.includes(o.channel));

export const titleOf = (test: string): string => testById.get(test)?.title ?? test;

/** The signs of an ion, element or group that an entry shows. */
export const signsShown = (entry: RecordEntry, of: string): Sign[] =>
  (testById.get(entry.test)?.signs ?? []).filter((s) => s.of.includes(of) && showsSign(entry.observed, s));

function whyUnused(space: Space, e: RecordEntry): string | null {
  if (!testById.has(e.test)) return `there is no standard test "${e.test}"`;
  if (!space.knows(e.test)) return 'this test is not one of the school';
  if (!e.observed.length) return 'nothing was written down';
  return watched(e).length ? null : 'nothing of what was written can be seen in this test';
}

export function usable(space: Space, record: readonly RecordEntry[]): { used: RecordEntry[]; unused: Unused[] } {
  const used: RecordEntry[] = [];
  const unused: Unused[] = [];
  for (const e of record) {
    const why = whyUnused(space, e);
    if (why) unused.push({ entry: e.number, why });
    else used.push(e);
  }
  return { used, unused };
}
