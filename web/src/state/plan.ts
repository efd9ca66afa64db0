/** What a person has decided of the plan of a case: an order, fixed times, the end of the session. */
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { ofPerson } from './personal';
import { personalKey } from './person';

export interface Decided {
  /** Tests that are to be begun in this order. */
  readonly order: readonly string[];
  /** ISO times at which tests begin. */
  readonly fixed: Readonly<Record<string, string>>;
  /** ISO time at which the session ends. */
  readonly ends: string | null;
}

const NOTHING: Decided = { order: [], fixed: {}, ends: null };

interface Plans {
  readonly plans: Readonly<Record<string, Decided>>;
  decide(caseId: string, change: Partial<Decided>): void;
}

const usePlans = create<Plans>()(
  persist(
    (set) => ({
      plans: {},
      decide: (id, change) => set(({ plans }) => ({ plans: { ...plans, [id]: { ...(plans[id] ?? NOTHING), ...change } } })),
    }),
    { name: personalKey('foxing-plans') },
  ),
);
ofPerson(usePlans, 'foxing-plans');

export function useDecided(caseId: string) {
  const decided = usePlans((s) => s.plans[caseId] ?? NOTHING);
  const { decide } = usePlans.getState();
  return { decided, decide: (change: Partial<Decided>) => decide(caseId, change) };
}
