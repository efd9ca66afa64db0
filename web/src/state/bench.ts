/** What one window has in hand at the bench; nothing here is lost if the window is. */
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

export type Card = 'white' | 'black' | 'light';

interface Hand {
  tube: string | null;
  test: string | null;
}

interface BenchState {
  card: Card;
  reagent: string;
  /** Do timers ring? */
  sound: boolean;
  /** Larger targets, one thing at a time. */
  glove: boolean;
  /** By case. */
  hands: Record<string, Hand>;
  holdCard(card: Card): void;
  chooseReagent(id: string): void;
  setSound(on: boolean): void;
  setGlove(on: boolean): void;
  holdTube(caseId: string, tube: string | null): void;
  chooseTest(caseId: string, test: string | null): void;
}

const EMPTY: Hand = { tube: null, test: null };

export const useBench = create<BenchState>()(
  persist(
    (set) => ({
      card: 'white',
      reagent: 'ammonia-2M',
      sound: true,
      glove: false,
      hands: {},
      holdCard: (card) => set({ card }),
      chooseReagent: (reagent) => set({ reagent }),
      setSound: (sound) => set({ sound }),
      setGlove: (glove) => set({ glove }),
      holdTube: (id, tube) => set((s) => ({ hands: { ...s.hands, [id]: { ...(s.hands[id] ?? EMPTY), tube } } })),
      chooseTest: (id, test) => set((s) => ({ hands: { ...s.hands, [id]: { ...(s.hands[id] ?? EMPTY), test } } })),
    }),
    { name: 'foxing-bench' },
  ),
);

export const useHand = (caseId: string): Hand => useBench((s) => s.hands[caseId] ?? EMPTY);
