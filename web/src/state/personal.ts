/** Stores of the browser that belong to a person: with another they begin anew, and come back with the first. */
import type { StoreApi, UseBoundStore } from 'zustand';
import type { PersistOptions } from 'zustand/middleware';
import { onPerson, personalKey } from './person';

interface Persisted<T> {
  readonly persist: {
    setOptions(options: Partial<PersistOptions<T, T>>): void;
    rehydrate(): Promise<void> | void;
  };
}

/** @param name without the person. */
export function ofPerson<T>(store: UseBoundStore<StoreApi<T>> & Persisted<T>, name: string): void {
  const fresh = store.getInitialState();
  onPerson(() => {
    // Under the next person's name, so that nothing of the first is written there.
    store.persist.setOptions({ name: personalKey(name) });
    store.setState(fresh, true);
    void store.persist.rehydrate();
  });
}
