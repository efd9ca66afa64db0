/** What is being prepared: kept on this device until it is changed. */
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

export interface Preparing {
  readonly benches: number;
  readonly spare: number;
  /** Per cent more of each reagent. */
  readonly allowance: number;
  /** ISO date. */
  readonly on: string;
  /** Stations of the school whose tests are done. */
  readonly stations: readonly string[];
  /** Unknowns as they are typed, one a line: formula, grams. */
  readonly unknowns: string;
  /** By which they are dealt to the bottles. */
  readonly deal: number;
}

interface Store extends Preparing {
  set(change: Partial<Preparing>): void;
}

const today = () => new Date().toISOString().slice(0, 10);

export const usePreparing = create<Store>()(
  persist(
    (set) => ({
      benches: 16,
      spare: 2,
      allowance: 50,
      on: today(),
      stations: ['look', 'dry', 'extract'],
      unknowns: '',
      deal: 1,
      set: (change) => set(change),
    }),
    { name: 'foxing-preparing' },
  ),
);

export interface ReadUnknowns {
  readonly unknowns: readonly { readonly sample: string; readonly grams: number }[];
  /** The first line that cannot be read, from 1. */
  readonly wrong: number | null;
}

const LINE = /^(.+?)[,;\s]+(\d+(?:[.,]\d+)?)\s*g?$/;

/** One a line: what is in it, and the grams for one bench. */
export function readUnknowns(text: string): ReadUnknowns {
  const lines = text.split('\n').map((l) => l.trim());
  const unknowns: { sample: string; grams: number }[] = [];
  for (const [i, line] of lines.entries()) {
    if (!line) continue;
    const found = LINE.exec(line);
    const grams = Number(found?.[2]!.replace(',', '.'));
    if (!found || !(grams > 0)) return { unknowns, wrong: i + 1 };
    unknowns.push({ sample: found[1]!, grams });
  }
  return { unknowns, wrong: null };
}
