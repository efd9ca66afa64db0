/** The keys of the bench: what each does, and which of them a person has changed or turned off. */
import { useHotkeys } from 'react-hotkeys-hook';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

interface KeyRow {
  readonly key: string;
  readonly does: string;
  readonly place: 'Tubes' | 'Reagents' | 'Record' | 'Everywhere';
}

export const ACTIONS = {
  'hold-tube': { key: '1,2,3,4,5,6,7,8,9', does: 'take a tube in hand', place: 'Tubes' },
  take: { key: 'k', does: 'take some of the sample or the tube', place: 'Tubes' },
  heat: { key: 'h', does: 'heat', place: 'Tubes' },
  cool: { key: 'c', does: 'cool', place: 'Tubes' },
  shake: { key: 's', does: 'shake', place: 'Tubes' },
  settle: { key: 'e', does: 'let it settle', place: 'Tubes' },
  divide: { key: 'd', does: 'decant, filter, wash', place: 'Tubes' },
  paper: { key: 'p', does: 'papers, splints, lime water, smell', place: 'Tubes' },
  flame: { key: 'f', does: 'flame, bead, charcoal', place: 'Tubes' },
  timer: { key: 't', does: 'timer', place: 'Tubes' },
  'add-drop': { key: 'a', does: 'add a drop of the chosen reagent', place: 'Reagents' },
  until: { key: 'u', does: 'add until just basic, just acidic, in excess', place: 'Reagents' },
  find: { key: 'slash', does: 'find a reagent', place: 'Reagents' },
  'do-step': { key: 'g', does: 'do the next step of the test', place: 'Record' },
  record: { key: 'r', does: 'record: a letter for each word, Enter writes', place: 'Record' },
  nothing: { key: 'n', does: 'record: no visible change', place: 'Record' },
  'find-anything': { key: 'mod+k', does: 'find a test, ion, reagent, compound or place', place: 'Everywhere' },
  sheet: { key: 'shift+slash', does: 'this sheet', place: 'Everywhere' },
} as const satisfies Readonly<Record<string, KeyRow>>;
export type Action = keyof typeof ACTIONS;

interface KeySettings {
  readonly on: boolean;
  readonly own: Partial<Record<Action, string>>;
  /** Letters are words of the record for the moment, and nothing else. */
  readonly recording: boolean;
  setOn(on: boolean): void;
  setKey(action: Action, key: string | undefined): void;
  setRecording(recording: boolean): void;
}

export const useKeySettings = create<KeySettings>()(
  persist(
    (set) => ({
      on: true,
      own: {},
      recording: false,
      setOn: (on) => set({ on }),
      setKey: (action, key) =>
        set(({ own }) => {
          const { [action]: _, ...rest } = own;
          return { own: key === undefined || key === ACTIONS[action].key ? rest : { ...rest, [action]: key } };
        }),
      setRecording: (recording) => set({ recording }),
    }),
    { name: 'foxing-keys', partialize: ({ on, own }) => ({ on, own }) },
  ),
);

/** The key of an action, as this person has it. */
export const keyFor = (action: Action, own: KeySettings['own']): string => own[action] ?? ACTIONS[action].key;

const NAMES: Readonly<Record<string, string>> = {
  slash: '/',
  'shift+slash': '?',
  '1,2,3,4,5,6,7,8,9': '1 – 9',
  'mod+k': 'Ctrl K',
};
export const keyName = (key: string): string => NAMES[key] ?? key;

/** Which other action has this key? */
export function takenBy(key: string, action: Action, own: KeySettings['own']): Action | undefined {
  return (Object.keys(ACTIONS) as Action[]).find((other) => other !== action && keyFor(other, own).split(',').includes(key));
}

/** Does something at a key, unless keys are turned off, one writes, or letters are words of the record. */
export function useKey(action: Action, act: (event: KeyboardEvent) => void): void {
  const { on, own, recording } = useKeySettings();
  useHotkeys(keyFor(action, own), act, { enabled: on && !recording, preventDefault: true }, [act]);
}
