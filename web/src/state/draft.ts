/** What is being written of a test and not yet in the ledger: it survives a reload, another test, a lost connection. */
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { ofPerson } from './personal';
import { personalKey } from './person';
import { FREE_WORK } from '#core/scheme/tests';
import type { Said } from '#core/record/events';
import type { Observation } from '#core/vocabulary/observation';

export interface Draft {
  readonly observed: readonly Observation[];
  /** What the blank showed; null when none was done. */
  readonly blank: readonly Observation[] | null;
  readonly note: string;
  readonly inference: string;
  /** What it says of single suspects. */
  readonly infers: readonly { readonly of: string; readonly says: Said }[];
  readonly unsure: boolean;
}

const EMPTY: Draft = { observed: [], blank: null, note: '', inference: '', infers: [], unsure: false };
/** The oldest drafts make room. */
const KEPT = 60;

interface Drafts {
  readonly drafts: Readonly<Record<string, Draft>>;
  put(key: string, change: Partial<Draft>): void;
  drop(key: string): void;
}

const useDrafts = create<Drafts>()(
  persist(
    (set) => ({
      drafts: {},
      put: (key, change) =>
        set(({ drafts: { [key]: known = EMPTY, ...rest } }) => ({
          drafts: { ...Object.fromEntries(Object.entries(rest).slice(1 - KEPT)), [key]: { ...known, ...change } },
        })),
      drop: (key) => set(({ drafts: { [key]: _, ...rest } }) => ({ drafts: rest })),
    }),
    { name: personalKey('foxing-drafts') },
  ),
);
ofPerson(useDrafts, 'foxing-drafts');

export function useDraft(key: string) {
  const draft = useDrafts((s) => s.drafts[key] ?? EMPTY);
  const { put, drop } = useDrafts.getState();
  return { draft, change: (change: Partial<Draft>) => put(key, change), drop: () => drop(key) };
}

/** Where the draft of a test in a case is kept; in free work that of a tube. */
export const draftKey = (caseId: string, test: string | undefined, tube: string | undefined): string =>
  `${caseId}/${test === undefined || test === FREE_WORK ? `free ${tube}` : test}`;

export const putDraft = (key: string, draft: Draft): void => useDrafts.getState().put(key, draft);
