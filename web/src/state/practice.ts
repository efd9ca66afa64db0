/** Practice on this device: how every skill stands, what was told apart, and the worker that works out what comes next. */
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { ofPerson } from './personal';
import { personalKey } from './person';
import type { SkillId } from '#core/practice/data/skills';
import { answered, type Skills } from '#core/practice/learning';
import type { RungId } from '#core/practice/data/troubles';
import type { Answer, Asked } from './practice.worker';

interface Waiting {
  readonly resolve: (answer: never) => void;
  readonly reject: (error: Error) => void;
}

let worker: Worker | null = null;
let turns = 0;
const waiting = new Map<number, Waiting>();

function started(): Worker {
  if (worker) return worker;
  worker = new Worker(new URL('./practice.worker.ts', import.meta.url), { type: 'module' });
  worker.onmessage = ({ data }: MessageEvent<{ turn: number; answer?: never; failed?: string }>) => {
    const who = waiting.get(data.turn);
    waiting.delete(data.turn);
    if (data.failed === undefined) who?.resolve(data.answer!);
    else who?.reject(new Error(data.failed));
  };
  return worker;
}

/** @throws Error when it cannot be worked out. */
export const askWorker = <A extends Asked['ask']>(asked: Extract<Asked, { ask: A }>): Promise<Answer<A>> =>
  new Promise((resolve, reject) => {
    const turn = ++turns;
    waiting.set(turn, { resolve, reject });
    started().postMessage({ turn, asked });
  });

/** A graded sample that was found, and what it was told from. */
export interface Told {
  readonly rung: RungId;
  readonly name: string;
  readonly from: readonly string[];
}

interface Practice {
  readonly skills: Skills;
  readonly told: readonly Told[];
  answer(skill: SkillId, key: string, credit: number): void;
  found(told: Told): void;
  forget(): void;
}

export const usePractice = create<Practice>()(
  persist(
    (set) => ({
      skills: {},
      told: [],
      answer: (skill, key, credit) => set(({ skills }) => ({ skills: answered(skills, skill, key, credit, new Date()) })),
      found: (one) => set(({ told }) => ({ told: [...told.filter((t) => t.name !== one.name), one] })),
      forget: () => set({ skills: {}, told: [] }),
    }),
    { name: personalKey('foxing-practice') },
  ),
);
ofPerson(usePractice, 'foxing-practice');
